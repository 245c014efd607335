"""A stand-in for the desktop's secret store on a message bus: it keeps items in memory."""

from __future__ import annotations

from typing import Any, Final

from jeepney import HeaderFields, new_error, new_method_return

from tests.message_bus import BusStandIn

ITEM: Final = "/org/freedesktop/secrets/collection/login/{}"


class SecretStoreStandIn(BusStandIn):
    """Answers at a bus address until it is closed; `items` are (attributes, secret) by path. A `locked` one makes nothing."""

    def __init__(self, bus: str, locked: bool = False) -> None:
        self.items: dict[str, tuple[dict[str, str], bytes]] = {}
        self.locked = locked
        super().__init__(bus, ("org.freedesktop.secrets",))

    def _answer(self, message: Any) -> Any:
        fields, body = message.header.fields, message.body
        match fields.get(HeaderFields.member):
            case "OpenSession":
                return new_method_return(message, "vo", (("s", ""), "/org/freedesktop/secrets/session/1"))
            case "SearchItems":
                found = [p for p, (has, _s) in self.items.items() if body[0].items() <= has.items()]
                return new_method_return(message, "aoao", (found, []))
            case "GetSecrets":
                secrets = {p: (body[1], b"", self.items[p][1], "application/json") for p in body[0] if p in self.items}
                return new_method_return(message, "a{o(oayays)}", (secrets,))
            case "CreateItem":
                if self.locked:
                    return new_method_return(message, "oo", ("/", "/org/freedesktop/secrets/prompt/1"))
                has = dict(body[0]["org.freedesktop.Secret.Item.Attributes"][1])
                path = next((p for p, (a, _s) in self.items.items() if a == has), ITEM.format(len(self.items) + 1))
                self.items[path] = has, bytes(body[1][2])
                return new_method_return(message, "oo", (path, "/"))
            case "Delete":
                self.items.pop(str(fields.get(HeaderFields.path)), None)
                return new_method_return(message, "o", ("/",))
        return new_error(message, "org.freedesktop.DBus.Error.UnknownMethod")
