"""The captions of a short as they are shown, card by card, for other programs: SRT, WebVTT with cue settings and the time of each
word, ASS with the style.

WebVTT after the W3C recommendation candidate "WebVTT: The Web Video Text Tracks Format"; ASS (version 4+ of the script format),
which has no standard, as its renderers read it (common practice, no source).
"""

from __future__ import annotations

import itertools
from collections.abc import Iterator
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.grouping import AFTER
from standtall.compose.composition import Composition
from standtall.compose.layers.caption import ShownWord
from standtall.exchange.words_out import escaped, stamp
from standtall.ink.drawn import InkWord
from standtall.ink.letters import line_height
from standtall.ink.states import Colour, colour, look_of
from standtall.language.joining import gap
from standtall.model.style import CaptionStyle

FORMATS: Final = {".srt": tr("SRT captions"), ".vtt": tr("WebVTT captions"), ".ass": tr("ASS captions with their style")}
_HEAD: Final = """[Script Info]
ScriptType: v4.00+
PlayResX: {width}
PlayResY: {height}
WrapStyle: 2
ScaledBorderAndShadow: yes

[V4+ Styles]
Format: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, BackColour, Bold, Italic, Underline, StrikeOut, \
ScaleX, ScaleY, Spacing, Angle, BorderStyle, Outline, Shadow, Alignment, MarginL, MarginR, MarginV, Encoding
{style}

[Events]
Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text
"""


def write_captions(path: Path, composition: Composition) -> int:
    """Write the cards of a short in the format that the name ends in; -> how many.

    Raises `NothingToDo` for another ending or when there are no captions, `OutputError` when it cannot be written.
    """
    ending = path.suffix.lower()
    if ending not in FORMATS:
        raise NothingToDo(
            tr("{name} has no ending of a known format.", name=path.name),
            tr("Let the name end in {these}.", these=", ".join(FORMATS)),
        )
    if not composition.cards:
        raise NothingToDo(tr("There are no captions to write."))
    write_whole(path, text_of(ending, composition).encode())
    return len(composition.cards)


def text_of(ending: str, composition: Composition) -> str:
    """The whole file as text."""
    if ending == ".ass":
        return _ass(composition)
    return _srt(composition) if ending == ".srt" else _vtt(composition)


def _rows(composition: Composition, number: int) -> list[str]:
    return ["".join(_spaced(row)) for row in composition.caption_layer(number, composition.cards[number].start).rows]


def _spaced(row: tuple[ShownWord, ...]) -> Iterator[str]:
    """The words of a row, each with the space before it."""
    before = ""
    for number, word in enumerate(row):
        yield (gap(before, word.drawn.text) if number else "") + word.drawn.text
        before = word.drawn.text


def _above(composition: Composition, word: ShownWord) -> bool:
    """Whether it is no word but the emoji above one."""
    own = composition.emoji.get((word.source, word.word))
    return own is not None and own.place == "above" and own.emoji == word.drawn.text


def _srt(composition: Composition) -> str:
    out, lead = [], composition.lead_ticks
    for number, card in enumerate(composition.cards):
        rows = "\n".join(_rows(composition, number))
        out.append(f"{number + 1}\n{stamp(card.start + lead, ',')} --> {stamp(card.end + lead, ',')}\n{rows}\n")
    return "\n".join(out)


def _vtt(composition: Composition) -> str:
    style = composition.caption_style
    align = {"left": "left", "centre": "center", "right": "right"}[style.align]
    x = style.across + {"left": -0.5, "centre": 0.0, "right": 0.5}[style.align] * style.width
    anchor = {"left": ",line-left", "centre": ",center", "right": ",line-right"}[style.align]
    side = f"position:{100 * min(1.0, max(0.0, x)):.1f}%{anchor} size:{100 * style.width:.1f}% align:{align}"
    out, lead = ["WEBVTT\n"], composition.lead_ticks
    for number, card in enumerate(composition.cards):
        settings = f" line:{100 * composition.middles[number]:.1f}%,center {side}"
        begins = iter(w.start + lead for w in card.words)  # several words of a translation stand for one that was said
        lines, last = [], stamp(card.start + lead, ".")
        for row in composition.caption_layer(number, card.start).rows:
            pieces = ""
            for text, word in zip(_spaced(row), row, strict=True):
                at = last if _above(composition, word) else stamp(next(begins), ".")
                bare = text.lstrip(" ")
                pieces += text[: len(text) - len(bare)]
                if last < at:
                    pieces, last = f"{pieces}<{at}>", at
                pieces += escaped(bare)
            lines.append(pieces)
        times = f"{stamp(card.start + lead, '.')} --> {stamp(card.end + lead, '.')}"
        out.append(f"{number + 1}\n{times}{settings}\n" + "\n".join(lines) + "\n")
    return "\n".join(out)


# ASS


def _ass(composition: Composition) -> str:
    output, style = composition.short.output, composition.caption_style
    head = _HEAD.format(width=output.width, height=output.height, style=_style(style, output.height))
    return head + "".join(_dialogues(composition))


def _style(style: CaptionStyle, height: int) -> str:
    boxed = colour(style.plate)[3] > 0 and style.plate_of != "word"
    edge = colour(style.plate) if boxed else colour(style.outline)
    thick = style.plate_high * style.size * height if boxed else style.outline_width * height
    shadow = style.shadow_down * style.size * height if style.shadow and not boxed else 0.0
    parts = (
        "Card", style.family.replace(",", " "), f"{line_height(style, height):.1f}", _colour(colour(style.ink)),
        _colour(colour(style.ink)), _colour(edge), _colour((*colour(style.shadow_ink)[:3], style.shadow)),
        -1 if style.weight >= 600 else 0, -1 if style.italic else 0, 0, 0, 100, 100,
        f"{style.letter_spacing * style.size * height:.1f}", f"{-style.rotation:g}", 3 if boxed else 1, f"{max(0.0, thick):.1f}",
        f"{max(0.0, shadow):.1f}", 5, 0, 0, 0, 1,
    )  # fmt: skip
    return "Style: " + ",".join(str(p) for p in parts)


def _colour(value: Colour) -> str:
    """&HAABBGGRR, where AA is what shines through."""
    red, green, blue, alpha = (round(255 * min(1.0, max(0.0, v))) for v in value)
    return f"&H{255 - alpha:02X}{blue:02X}{green:02X}{red:02X}"


def _time(tick: int) -> str:
    hundredths = round(tick * 100 / TICKS_PER_SECOND)
    return f"{hundredths // 360_000}:{hundredths // 6_000 % 60:02d}:{hundredths // 100 % 60:02d}.{hundredths % 100:02d}"


def _dialogues(composition: Composition) -> Iterator[str]:
    """One event for each span of a card in which the same word is highlighted."""
    output, style = composition.short.output, composition.caption_style
    number, lead = {"left": 4, "centre": 5, "right": 6}[style.align], composition.lead_ticks
    x = (style.across + {"left": -0.5, "centre": 0.0, "right": 0.5}[style.align] * style.width) * output.width
    for card_number, card in enumerate(composition.cards):
        at = f"{{\\an{number}\\pos({x:.0f},{composition.middles[card_number] * output.height:.0f})}}"
        edges = sorted({card.start, *(w.start for w in card.words), card.words[-1].end + AFTER, card.end})
        edges = [e for e in edges if card.start <= e <= card.end]
        for begin, end in itertools.pairwise(edges):
            first, last = _time(begin + lead), _time(end + lead)
            if first == last:
                continue
            rows = composition.caption_layer(card_number, begin).rows
            text = "\\N".join("".join(_words(row, style, output.height)) for row in rows)
            yield f"Dialogue: 0,{first},{last},Card,,0,0,0,,{at}{text}\n"


def _words(row: tuple[ShownWord, ...], style: CaptionStyle, height: int) -> Iterator[str]:
    for text, word in zip(_spaced(row), row, strict=True):
        bare = text.lstrip(" ")
        yield text[: len(text) - len(bare)] + _tags(word.drawn, style, height) + _plain(bare) + "{\\r}"


def _tags(word: InkWord, base: CaptionStyle, height: int) -> str:
    look = look_of(InkWord(word.text, word.style, word.state))
    out = [f"\\1c{_colour((*look.ink[:3], 1.0))}&", f"\\1a&H{255 - round(255 * look.ink[3]):02X}&"]
    if word.style.family != base.family:
        out.append(f"\\fn{word.style.family}")
    if word.style.size != base.size or look.scale != 1:
        out.append(f"\\fs{line_height(word.style, height) * look.scale:.1f}")
    if (look.weight >= 600) != (base.weight >= 600):
        out.append(f"\\b{int(look.weight >= 600)}")
    if word.style.italic != base.italic:
        out.append(f"\\i{int(word.style.italic)}")
    if look.line[3] > 0:
        out.append("\\u1")
    return "{" + "".join(out) + "}"


def _plain(text: str) -> str:
    """Without what the format takes for an instruction."""
    return text.replace("\\", "\\\u2060").replace("{", "\\{").replace("}", "\\}").replace("\n", " ")
