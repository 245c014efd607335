"""Which music fits a talk: by its words and its pace."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.language.emoji_words import emoji_for
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.stems import stem
from standtall.language.written import plain_of
from standtall.library.music import Piece
from standtall.model.words import Word

EVEN_PACE: Final = 2.6
"""Words a second of ordinary talk (common practice, no source: 150 to 160 a minute)."""
MIDDLE_BPM: Final = 92.0
PACE_WORTH: Final = 0.8


@dataclass(frozen=True, slots=True)
class Fitting:
    """A piece of music, how well it fits, and why."""

    piece: Piece
    fits: float
    why: str


def fitting_music(words: Sequence[Word], language: str, pieces: Sequence[Piece]) -> list[Fitting]:
    """All pieces, the best first: by words of theirs that are said, and by a tempo that goes with the pace of the talk."""
    said = Counter(stem(plain_of(w.text), language) for w in words if plain_of(w.text))
    telling = [p for w in words if information(p := plain_of(w.text), language) >= COMMON_BITS]
    signs = Counter(e for plain in telling for e in emoji_for(plain, language)[:3])
    spoken = sum(w.end - w.start for w in words) / TICKS_PER_SECOND
    pace = len(words) / spoken if spoken else EVEN_PACE
    wished = MIDDLE_BPM * pace / (EVEN_PACE * 1.25)
    out = []
    for piece in pieces:
        hits = [w for w in piece.words if said[stem(w, language)]] if language == "en" else []
        by_sign = [w for w in piece.words if w not in hits and any(signs[e] for e in emoji_for(w, "en")[:2])]
        tempo = 1 - min(1.0, abs(piece.bpm - wished) / 60)
        fits = len(hits) + 0.4 * len(by_sign) + PACE_WORTH * tempo
        told = tr("the words “{words}”", words=", ".join((*hits, *by_sign)[:3])) if hits or by_sign else ""
        pace_told = tr("{bpm:g} beats a minute for {words:.0f} words a minute", bpm=piece.bpm, words=60 * pace)
        out.append(Fitting(piece, fits, f"{told}; {pace_told}" if told else pace_told))
    return sorted(out, key=lambda f: -f.fits)
