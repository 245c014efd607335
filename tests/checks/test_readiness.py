"""What is told before a render: captions, doubtful words, silence at the ends, sound, fonts."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.checks.readiness import font_notices, sound_notices, word_notices
from standtall.compose.composition import Composition
from standtall.ink.fonts import load_fonts
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.words import DOUBT, Word
from tests.conftest import make_clip, tone
from tests.helpers import composed, small_short

S = 48_000


def talk(path: Path, *words: Word, length: int = 4 * S, captions: bool = True) -> Composition:
    source = probe(path)
    short = small_short("s", source.key, (0, min(source.length, length)), captions=captions)
    return composed(short, source, Analysis(source.key, words, language="en"))


@pytest.fixture
def four(tmp_path: Path) -> Path:
    return make_clip(tmp_path / "c.mp4", frames=120, sound=tone(4.0))


def kinds(found: tuple) -> list[str]:
    return [n.kind for n in found]


def test_nothing_is_told_where_all_is_well(four: Path) -> None:
    made = talk(four, Word("Hello", 4_800, S), Word("worms.", S, 4 * S - 20_000))
    assert word_notices(made) == ()
    assert sound_notices(made) == ()
    assert font_notices(made, load_fonts()) == ()


def test_captions_that_are_off_are_told(four: Path) -> None:
    assert kinds(word_notices(talk(four, Word("Hello.", 4_800, 3 * S + 20_000), captions=False))) == ["no captions"]
    assert word_notices(talk(four)) == (), "nobody speaks"


def test_words_of_low_confidence_are_told_with_their_first_place(four: Path) -> None:
    sure, doubt = Word("Hello", 4_800, S, 0.9), Word("wurms,", S, 2 * S, DOUBT / 2)
    (notice,) = word_notices(talk(four, sure, doubt, Word("again.", 2 * S, 3 * S + 20_000)))
    assert notice.kind == "words unsure"
    assert notice.facts == {"count": 1, "words": "wurms"}
    assert notice.place is not None and notice.place.tick == S
    accepted = replace(doubt, confidence=1.0)
    assert word_notices(talk(four, sure, accepted, Word("again.", 2 * S, 3 * S + 20_000))) == ()


def test_silence_at_the_ends_is_told(four: Path) -> None:
    found = word_notices(talk(four, Word("Hello.", 2 * S, 2 * S + 24_000)))
    assert kinds(found) == ["silence at the start", "silence at the end"]
    assert found[0].facts["length"] == 2 * S


def test_quiet_and_clipped_sound_is_told(tmp_path: Path) -> None:
    quiet = make_clip(tmp_path / "q.mp4", frames=120, sound=tone(4.0, level=0.003))
    (notice,) = sound_notices(talk(quiet))
    assert notice.kind == "sound too quiet"
    t = np.arange(4 * S) / S
    full = np.clip(3.0 * np.sin(2 * np.pi * 200 * t), -1, 1).astype(np.float32)
    import av

    path = tmp_path / "loud.wav"
    with av.open(str(path), "w") as out:
        stream = out.add_stream("pcm_s16le", rate=S, layout="mono")
        frame = av.AudioFrame.from_ndarray((full * 32767).astype(np.int16)[None], format="s16", layout="mono")
        frame.sample_rate = S
        out.mux(stream.encode(frame))
    (clipped,) = sound_notices(talk(path))
    assert clipped.kind == "sound clipped"
    assert int(clipped.facts["count"]) > 1000
    assert clipped.place is not None and clipped.place.tick < S // 10


def test_a_font_that_is_not_here_is_told(four: Path) -> None:
    made = talk(four, Word("Hello.", 4_800, 3 * S + 20_000))
    style = replace(made.caption_style, family="Nowhere Grotesk")
    (notice,) = font_notices(replace(made, caption_style=style), load_fonts())
    assert (notice.kind, notice.facts["name"]) == ("font missing", "Nowhere Grotesk")
