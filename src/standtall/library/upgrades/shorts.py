"""Upgrades of stored shorts and briefs.

Version 1 was one flat object about one source, with looks and channels that do not ship any more.
"""

from __future__ import annotations

from typing import Any, Final

from standtall.library.upgrades.plain import damaged, fields, renamed, rows

LOOKS: Final = {"ember": "lantern", "marker": "broadsheet"}
"""The look that is used for each one that does not ship any more."""
CHANNELS: Final = {"pebble": "quillbarn", "wicket": "oddmarrow", "fernway": "thistlewray"}
LAYOUTS: Final = {"crop": "follow", "fit": "whole"}
_FLAT: Final = (
    "name", "source_key", "excerpts", "look", "framing", "caption_y", "captions_on", "caption_language", "width", "height",
    "rate", "joins", "channel", "covers",
)  # fmt: skip


def short_2(data: object) -> dict[str, Any]:
    """A short of version 1 as one of version 2: nested, each segment with its source."""
    old = fields(data, _FLAT, "A short")
    source = old.get("source_key")
    if not isinstance(source, str):
        raise damaged("A short")

    def segment(value: object) -> dict[str, Any]:
        return {"source": source, **fields(value, ("start", "end"), "A piece of a short")}

    cut = {"segments": [segment(e) for e in rows(old.get("excerpts"), "A short")]}
    new: dict[str, Any] = {"name": old.get("name"), "cut": cut | _named(old, {"joins": "transitions"})}
    if "framing" in old:
        new["framing"] = _framing(source, old["framing"])
    names = {"caption_y": "place", "captions_on": "shown", "caption_language": "language", "look": "look"}
    captions = _named(old, names)
    if "look" in captions:
        captions["look"] = LOOKS.get(str(captions["look"]), captions["look"])
    new["captions"] = captions
    new["output"] = _named(old, {"width": "width", "height": "height", "rate": "fps"})
    if "channel" in old:
        new["channel"] = CHANNELS.get(str(old["channel"]), old["channel"])
    covers = [fields(c, ("path", "key", "start", "end", "at"), "A cutaway") for c in rows(old.get("covers", []), "A short")]
    new["extras"] = {
        "cutaways": [
            _named(c, {"path": "path", "key": "key", "at": "at"})
            | {"extent": segment({k: c[k] for k in ("start", "end") if k in c})}
            for c in covers
        ]
    }
    return new


def short_3(data: object) -> dict[str, Any]:
    """A short of version 2 as one of version 3: layouts have the names that the window gives them."""
    if not isinstance(data, dict):
        raise damaged("A short")
    framing = data.get("framing")
    if not isinstance(framing, dict) or "shots" not in framing:
        return data
    shots = [dict(s) if isinstance(s, dict) else s for s in rows(framing["shots"], "The framing of a short")]
    for shot in shots:
        if isinstance(shot, dict) and isinstance(shot.get("layout"), str):
            shot["layout"] = LAYOUTS.get(shot["layout"], shot["layout"])
    return data | {"framing": framing | {"shots": shots}}


def short_4(data: object) -> dict[str, Any]:
    """A short of version 3 as one of version 4: the underline of a word is a colour of its own, letters have a case."""
    if not isinstance(data, dict):
        raise damaged("A short")
    captions = data.get("captions")
    if not isinstance(captions, dict):
        return data
    new = dict(captions)
    if isinstance(captions.get("style"), dict):
        new["style"] = _style_4(captions["style"])
    overrides = [dict(o) if isinstance(o, dict) else o for o in rows(captions.get("overrides", []), "The captions of a short")]
    for override in overrides:
        if isinstance(override, dict) and isinstance(override.get("style"), dict):
            override["style"] = _style_4(override["style"])
    return data | {"captions": new | ({"overrides": overrides} if "overrides" in captions else {})}


def _style_4(old: dict[str, Any]) -> dict[str, Any]:
    new = {k: v for k, v in old.items() if k not in ("lighting", "capitals")}
    if old.get("lighting") == "colour":
        new["line"] = "#00000000"
    if "capitals" in old:
        new["case"] = "capitals" if old["capitals"] is True else "as said"
    return new


def brief_2(data: object) -> dict[str, Any]:
    """A brief of version 1 as one of version 2: with a look that ships."""
    if not isinstance(data, dict):
        raise damaged("A brief")
    return data | ({"look": LOOKS.get(str(data["look"]), data["look"])} if "look" in data else {})


def _named(old: dict[str, Any], names: dict[str, str]) -> dict[str, Any]:
    """The fields that have a new name, under it."""
    return renamed({k: v for k, v in old.items() if k in names}, names)


def _framing(source: str, data: object) -> dict[str, Any]:
    old = fields(data, ("calm", "crops", "follows", "whole_under"), "The framing of a short")
    new = _named(old, {"calm": "calm", "whole_under": "fit_under"})
    shots: list[dict[str, Any]] = []
    for value in rows(old.get("crops", []), "The framing of a short"):
        crop = fields(value, ("at", "cx", "cy", "h"), "A crop")
        shots.append({"source": source, "at": crop.get("at"), "layout": "crop", "keyframes": [crop]})
    for value in rows(old.get("follows", []), "The framing of a short"):
        follow = fields(value, ("at", "person"), "A choice of whom to follow")
        target = {"kind": "person", "person": follow.get("person")}
        shots.append({"source": source, "at": follow.get("at"), "target": target})
    return new | {"shots": shots}
