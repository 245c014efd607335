"""The captions of a short as files, read back by other programs' readers and drawn by another renderer."""

from __future__ import annotations

import io
import subprocess
from dataclasses import replace
from pathlib import Path

import imageio_ffmpeg
import numpy as np
import pysubs2
import pytest
import webvtt

from standtall.base.errors import NothingToDo
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.exchange.captions_out import FORMATS, text_of, write_captions
from standtall.ink.fonts import FACES
from standtall.library.looks import LOOKS
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.extra_edits import set_clip
from standtall.model.extras import Clip
from standtall.model.source import Source
from standtall.session.composing import footage_for, worked_out
from tests.conftest import make_clip
from tests.helpers import small_short


@pytest.fixture
def composition(demo_source: Source, demo_analysis: Analysis) -> Composition:
    short = small_short("a", demo_source.key, (0, 12 * TICKS_PER_SECOND), size=(540, 960))
    return worked_out(short, footage_for(short, demo_source, demo_analysis))


def in_look(composition: Composition, name: str) -> Composition:
    look = next(k for k in LOOKS.load().values if k.name == name)
    short = replace(composition.short, captions=replace(composition.short.captions, look=name))
    return worked_out(short, composition.footage, look)


def thousandths(stamp: str) -> int:
    hours, minutes, seconds = stamp.split(":")
    return round(1000 * (3_600 * int(hours) + 60 * int(minutes) + float(seconds)))


def test_srt_and_webvtt_are_read_by_others_as_they_are_shown(composition: Composition) -> None:
    srt = pysubs2.SSAFile.from_string(text_of(".srt", composition), format_="srt")
    vtt = list(webvtt.from_buffer(io.StringIO(text_of(".vtt", composition))))
    assert len(srt) == len(vtt) == len(composition.cards)
    for card, one, two in zip(composition.cards, srt, vtt, strict=True):
        assert one.plaintext.replace("\n", " ") == card.text == two.text.replace("\n", " ")
        for found in ((one.start, one.end), (thousandths(two.start), thousandths(two.end))):
            assert abs(found[0] - 1000 * card.start / TICKS_PER_SECOND) <= 1
            assert abs(found[1] - 1000 * card.end / TICKS_PER_SECOND) <= 1


def test_webvtt_tells_place_and_the_time_of_each_word(composition: Composition) -> None:
    text = text_of(".vtt", composition)
    assert f"line:{100 * composition.middles[0]:.1f}%,center" in text
    assert "align:center" in text
    second = next(c for c in composition.cards if len(c.words) > 1).words[1]
    seconds = second.start / TICKS_PER_SECOND
    assert f"<00:00:{seconds:06.3f}>{second.text}" in text
    left = in_look(composition, "seed-label")
    assert "line-left size:74.0% align:left" in text_of(".vtt", left)


@pytest.mark.parametrize("look", [k.name for k in LOOKS.load().values])
def test_ass_is_read_by_another_reader(composition: Composition, look: str) -> None:
    made = in_look(composition, look)
    read = pysubs2.SSAFile.from_string(text_of(".ass", made))
    style = read.styles["Card"]
    assert style.fontname == made.caption_style.family
    assert {e.plaintext.replace("\n", " ") for e in read if e.start < 1_000 * made.cards[0].end / TICKS_PER_SECOND - 20}
    assert all(a.end <= b.start for a, b in zip(read, read[1:], strict=False))
    texts = {e.plaintext.split("\n")[0].split(" ")[0].lower() for e in read}
    assert made.cards[0].words[0].text.lower().strip(".,") in {t.strip(".,") for t in texts}


def test_ass_is_drawn_by_another_renderer_where_and_as_we_draw_it(composition: Composition, tmp_path: Path) -> None:
    """libass, as the codec library's own program carries it."""
    style = {"ink": "#00ff00", "highlight": "#ff0000", "plate": "#00000000", "line": "#00000000", "family": "Rubik"}
    short = replace(composition.short, captions=replace(composition.short.captions, style=style))
    made = worked_out(short, composition.footage)
    write_captions(tmp_path / "a.ass", made)
    card = next(c for c in made.cards if len(c.words) >= 3)
    at = (card.words[1].start + card.words[1].end) / 2 / TICKS_PER_SECOND
    command = [
        imageio_ffmpeg.get_ffmpeg_exe(), "-loglevel", "error", "-f", "lavfi", "-i", f"color=black:s=540x960:r=100:d={at + 1:.2f}",
        "-vf", f"ass=a.ass:fontsdir={FACES}", "-ss", f"{at:.2f}", "-frames:v", "1", "-f", "rawvideo", "-pix_fmt", "rgb24", "-",
    ]  # fmt: skip
    drawn = subprocess.run(command, capture_output=True, check=True, cwd=tmp_path).stdout
    picture = np.frombuffer(drawn, np.uint8).reshape(960, 540, 3).astype(int)
    red = (picture[..., 0] > 150) & (picture[..., 1] < 80)
    green = (picture[..., 1] > 150) & (picture[..., 0] < 80)
    assert red.sum() > 60
    assert green.sum() > 60
    rows = np.flatnonzero((red | green).any(axis=1))
    assert (rows[0] + rows[-1]) / 2 == pytest.approx(made.middles[made.cards.index(card)] * 960, abs=14)
    assert np.flatnonzero(green.any(axis=0))[0] < np.flatnonzero(red.any(axis=0))[0] < np.flatnonzero(green.any(axis=0))[-1]


def test_signs_of_the_formats_in_words_are_no_instructions(composition: Composition) -> None:
    card = composition.cards[0]
    odd = card._replace(lines=(tuple(w._replace(text=r"{\b7}<i>&\N") for w in card.words),))
    made = replace(composition, cards=(odd,))
    read = pysubs2.SSAFile.from_string(text_of(".ass", made))
    assert all("\\b7" not in e.text and "b7" in e.text for e in read)
    assert "<i>" not in text_of(".vtt", made)


def test_what_cannot_be_written_is_said(composition: Composition, tmp_path: Path) -> None:
    with pytest.raises(NothingToDo, match="ending"):
        write_captions(tmp_path / "a.doc", composition)
    with pytest.raises(NothingToDo, match="no captions"):
        write_captions(tmp_path / "a.srt", replace(composition, cards=()))
    assert list(FORMATS) == [".srt", ".vtt", ".ass"]


def test_words_of_a_translation_have_their_own_times(composition: Composition) -> None:
    """Several of them stand for one word that was said."""
    card = next(c for c in composition.cards if len(c.words) >= 3)
    number = composition.cards.index(card)
    shared = card._replace(lines=(tuple(w._replace(said=card.words[0].said) for w in card.words),))
    made = replace(composition, cards=(shared,), middles=(composition.middles[number],))
    for word in card.words[1:]:
        assert f"<00:00:{word.start / TICKS_PER_SECOND:06.3f}>{word.text}" in text_of(".vtt", made)


def test_captions_are_later_by_the_clip_before_the_talk(composition: Composition, tmp_path: Path) -> None:
    file = make_clip(tmp_path / "title.mp4", 60)
    clip = Clip(str(file), probe(file).key, 2 * TICKS_PER_SECOND)
    later = worked_out(set_clip(composition.short, "opening", clip).short, composition.footage)
    for ending in (".srt", ".ass"):
        kind = ending[1:]
        before, after = (pysubs2.SSAFile.from_string(text_of(ending, c), format_=kind) for c in (composition, later))
        assert [e.start + 2_000 for e in before] == pytest.approx([e.start for e in after], abs=10), ending
    before, after = (list(webvtt.from_buffer(io.StringIO(text_of(".vtt", c)))) for c in (composition, later))
    assert [thousandths(c.start) + 2_000 for c in before] == [thousandths(c.start) for c in after]
    assert [c.raw_text.count("<") for c in before] == [c.raw_text.count("<") for c in after]
