"""Drawings (SVG) from anybody: nothing in them may run, reach other files, or be larger than a drawing is."""

from __future__ import annotations

from typing import Any, Final
from xml.parsers import expat

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr

LARGEST: Final = 2_000_000
"""Most bytes of a drawing."""
MOST_ELEMENTS: Final = 20_000
"""Also counting what is used again as often as it is used."""
DEEPEST: Final = 100
_REFUSED: Final = frozenset(("script", "foreignObject", "iframe", "audio", "video", "handler", "listener"))
_SHARED: Final = frozenset(("href", "xlink:href"))


class _Weigher:
    """Counts the elements of a drawing, with those that are used again."""

    def __init__(self) -> None:
        self.total = 0
        self.open: list[str] = []
        self.held: dict[str, list[int]] = {}
        """By id: how many elements it holds; the numbers are still counted while it is open."""
        self.uses: dict[str, list[str]] = {}
        """By id: what is used in it; under "" what is used anywhere."""

    def start(self, name: str, attributes: dict[str, str]) -> None:
        plain = name.rsplit(":", 1)[-1]
        if plain in _REFUSED:
            raise ValueError(f"it holds a <{plain}>")
        self.total += 1
        here = attributes.get("id", "")
        self.open.append(here)
        if len(self.open) > DEEPEST or self.total > MOST_ELEMENTS:
            raise ValueError("it is too large")
        if here:
            self.held.setdefault(here, [0])
        for outer in {o for o in self.open if o}:
            self.held[outer][0] += 1
        for key, value in attributes.items():
            if key.lower().startswith("on"):
                raise ValueError("it holds a program")
            self._reference(plain, key, value)

    def _reference(self, element: str, key: str, value: str) -> None:
        if key in _SHARED:
            if not value.startswith("#") and not value.startswith(("data:image/png", "data:image/jpeg")):
                raise ValueError("it reaches for another file")
            if element == "use":
                for outer in {"", *self.open}:
                    self.uses.setdefault(outer, []).append(value[1:])
        elif "url(" in value and not value.split("url(")[1].lstrip("'\" ").startswith("#"):
            raise ValueError("it reaches for another file")

    def end(self, _name: str) -> None:
        self.open.pop()

    def text(self, data: str) -> None:
        if "@import" in data or "javascript:" in data:
            raise ValueError("it reaches for another file")

    def entity(self, *_: Any) -> None:
        raise ValueError("it defines entities")

    def weight(self) -> int:
        """All elements, those used again as often as they are used. Raises `ValueError` where something uses itself."""
        known: dict[str, int] = {}

        def of(number: str, above: tuple[str, ...]) -> int:
            if number in above or len(above) > DEEPEST:
                raise ValueError("a part of it uses itself")
            if number not in known:
                own = self.held.get(number, [1])[0]
                known[number] = min(own + sum(of(u, (*above, number)) for u in self.uses.get(number, ())), MOST_ELEMENTS + 1)
            return known[number]

        return self.total + sum(of(u, ("",)) for u in self.uses.get("", ()))


def checked_svg(data: bytes, name: str) -> bytes:
    """The drawing as it is. Raises `MediaError` for one that holds programs, reaches for other files, defines entities, or is
    larger than `MOST_ELEMENTS`, and for what is no drawing."""
    hint = tr("Save it as a plain SVG, or as a PNG.")
    if len(data) > LARGEST:
        raise MediaError(tr("{name} is not used: it is over {most} MB.", name=name, most=LARGEST // 1000000), hint)
    weigher = _Weigher()
    parser = expat.ParserCreate()
    parser.StartElementHandler, parser.EndElementHandler = weigher.start, weigher.end
    parser.CharacterDataHandler, parser.EntityDeclHandler = weigher.text, weigher.entity
    try:
        parser.Parse(data, True)
        if weigher.weight() > MOST_ELEMENTS:
            raise ValueError("it is too large")
    except (expat.ExpatError, ValueError, RecursionError) as error:
        raise MediaError(tr("{name} is not used: {error}.", name=name, error=error), hint, reason=str(error)) from error
    return data
