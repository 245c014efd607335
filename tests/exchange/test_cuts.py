"""Cuts for other programs: there and back in every format at every rate, and read by independent readers."""

from __future__ import annotations

import csv
import io
import json
import random
import re
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import cv2
import numpy as np
import opentimelineio as otio
import pytest

from standtall.base.errors import NothingToDo
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND, frame_start
from standtall.base.timecode import RATES, can_drop, frame_of, timecode
from standtall.exchange.edl import edl_text, read_edl, reels_of
from standtall.exchange.markers import markers_text, read_markers
from standtall.exchange.otio import _path_in, otio_text, read_otio
from standtall.exchange.paper_cut import paper_cut
from standtall.ink.printed import pdf_of
from standtall.model.cut_list import CutClip, CutFile, CutList, CutMarker, CutOver, CutTitle, Reframe
from standtall.model.source import Source
from standtall.session.cuts_in import brought_in, read_cut

S = TICKS_PER_SECOND
LENGTH = 600 * S


def files(rate: Fraction, drop: bool, first: int = 0) -> tuple[CutFile, ...]:
    names = ("allotment talk", "street")
    return tuple(CutFile(f"{n}" * 24, f"/footage/{name}.mov", name, LENGTH, rate, first, drop, "", 1920, 1080) for n, name in enumerate(names))


def sources(rate: Fraction, drop: bool, first: int = 0) -> list[Source]:
    code = timecode(first, rate, drop) if first else ""
    return [Source(f.key, f.path, f.name, f.length, 1920, 1080, rate, audio_channels=2, timecode=code) for f in files(rate, drop, first)]


def random_cut(dice: random.Random, rate: Fraction, on_frames: bool, drop: bool = False, first: int = 0) -> CutList:
    """A cut of passages that do not overlap, in any order."""
    there = files(rate, drop, first)
    clips = []
    for file in there:
        edges = sorted(dice.sample(range(590 * 20), 2 * dice.randint(1, 6)))
        for a, b in zip(edges[::2], edges[1::2], strict=True):
            start, end = a * S // 20 + dice.randint(0, 900), b * S // 20 + 2_500 + dice.randint(0, 900)
            if on_frames:
                start, end = (frame_start(round(Fraction(t, S) * rate), rate) for t in (start, end))
            if not any(c.file.key == file.key and c.start < end and start < c.end for c in clips):
                clips.append(CutClip(file, start, end, f"piece {len(clips)}", "What was said.", (Reframe(0, "follow", Rect(0.3, 0, 0.316, 1)),)))
    dice.shuffle(clips)
    return CutList("Worms & roses", rate, 1080, 1920, tuple(clips), drop, (CutMarker(0, "Beginning", "a note"),),
                   (CutTitle(0, S, "What was"),), (CutOver("/stills/a.png", "a", "k", S, 2 * S, 0, True),))  # fmt: skip


@pytest.mark.parametrize("rate", RATES)
def test_cuts_come_back_exactly_through_opentimelineio(tmp_path: Path, rate: Fraction) -> None:
    dice = random.Random(int(rate * 1001))
    for number in range(10):
        first = dice.choice([0, 86_400])
        cut = random_cut(dice, rate, on_frames=False, first=first)
        path = tmp_path / f"{number}.otio"
        path.write_text(otio_text(cut))
        made = brought_in(read_otio(path), sources(rate, False, first))
        (short,) = made.shorts
        assert [(s.source, s.start, s.end) for s in short.segments] == [(c.file.key, c.start, c.end) for c in cut.clips]
        assert short.name == cut.name


@pytest.mark.parametrize(("rate", "drop"), [(r, d) for r in RATES for d in (False, True) if can_drop(r) or not d])
def test_cuts_come_back_to_the_frame_through_edl(tmp_path: Path, rate: Fraction, drop: bool) -> None:
    dice = random.Random(int(rate * 1001) + drop)
    for number in range(10):
        first = dice.choice([0, frame_of("10:00:00:00", rate, drop)])
        cut = random_cut(dice, rate, on_frames=True, drop=drop, first=first)
        path = tmp_path / f"{number}.edl"
        path.write_text(edl_text(cut))
        made = brought_in(read_edl(path, rate), sources(rate, drop, first))
        frames = [[round(Fraction(t, S) * rate) for t in (s.start, s.end)] for s in made.shorts[0].segments]
        assert frames == [[round(Fraction(t, S) * rate) for t in (c.start, c.end)] for c in cut.clips]
        assert [s.source for s in made.shorts[0].segments] == [c.file.key for c in cut.clips]
        assert made.left_out == ("1 markers of the cut are not taken over.",)


@pytest.mark.parametrize("rate", [Fraction(24), Fraction(25), Fraction(30)])
def test_an_independent_reader_of_edl_finds_the_same_events(rate: Fraction) -> None:
    """`otio-cmx3600-adapter`, the list reader that the makers of OpenTimelineIO keep."""
    cut = random_cut(random.Random(5), rate, on_frames=True)
    timeline = otio.adapters.read_from_string(edl_text(cut), "cmx_3600", rate=float(rate))
    clips = [c for c in timeline.video_tracks()[0] if isinstance(c, otio.schema.Clip)]
    assert len(clips) == len(cut.clips)
    for theirs, ours in zip(clips, cut.clips, strict=True):
        assert theirs.source_range.start_time.value == round(Fraction(ours.start, S) * rate)
        assert theirs.source_range.duration.value == round(Fraction(ours.end, S) * rate) - round(Fraction(ours.start, S) * rate)


def test_the_cut_is_plain_opentimelineio_for_others() -> None:
    cut = random_cut(random.Random(3), Fraction(25), on_frames=True)
    timeline = otio.core.deserialize_json_from_string(otio_text(cut))
    assert [t.name for t in timeline.tracks] == ["Talk", "Cutaways", "Captions", "Talk sound"]
    talk, cutaways, captions, sound = timeline.tracks
    assert [c.source_range.duration.value for c in talk] == [c.length * 25 // S for c in cut.clips]
    assert len(sound) == len(talk)
    assert talk[0].media_reference.target_url.startswith("file:///footage/")
    assert talk[0].media_reference.available_range.duration.value == LENGTH * 25 // S
    assert captions[0].media_reference.parameters["text"] == "What was"
    assert isinstance(cutaways[0], otio.schema.Gap) and cutaways[1].name == "a"
    (marker,) = talk.markers
    assert (marker.name, marker.comment) == ("Beginning", "a note")
    frame = talk[0].effects[0].metadata["stand-tall"]["frames"][0]
    assert frame["layout"] == "follow"
    assert frame["scale"] == pytest.approx(1.0)
    assert frame["position"][0] == pytest.approx((0.5 - 0.458) * 1920 * 1920 / 1080)


def test_a_clip_that_was_trimmed_elsewhere_is_taken_as_it_is_now(tmp_path: Path) -> None:
    cut = random_cut(random.Random(4), Fraction(30), on_frames=False)
    timeline = otio.core.deserialize_json_from_string(otio_text(cut))
    clip = timeline.tracks[0][0]
    later = otio.opentime.RationalTime(1, 30)
    clip.source_range = otio.opentime.TimeRange(clip.source_range.start_time + later, clip.source_range.duration - later)
    path = tmp_path / "a.otio"
    path.write_text(timeline.to_json_string())
    segment = brought_in(read_otio(path), sources(Fraction(30), False)).shorts[0].segments[0]
    assert segment.start == pytest.approx(cut.clips[0].start + 1_600, abs=800)
    assert segment.start % 1_600 == 0


def test_what_cannot_be_taken_is_listed(tmp_path: Path) -> None:
    rate = Fraction(25)
    lines = [
        "TITLE: From elsewhere", "FCM: NON-DROP FRAME", "",
        "001  ALLOTMEN AA/V  C        00:00:10:00 00:00:12:00 01:00:00:00 01:00:02:00", "* FROM CLIP NAME: allotment talk.mov",
        "002  STRANGER V     C        00:00:10:00 00:00:12:00 01:00:02:00 01:00:04:00", "* FROM CLIP NAME: stranger.mov",
        "003  ALLOTMEN V     D    025 00:00:20:00 00:00:21:00 01:00:04:00 01:00:05:00",
        "004  ALLOTMEN V     C        00:00:30:00 00:00:29:00 01:00:05:00 01:00:06:00",
        "005  ALLOTMEN V     C        00:00:40:25 00:00:41:00 01:00:06:00 01:00:07:00",
        "006  ALLOTMEN V     C        00:00:11:00 00:00:13:00 01:00:07:00 01:00:09:00",
        "007  ALLOTMEN V     C        00:20:00:00 00:20:02:00 01:00:09:00 01:00:11:00",
        "008  BL       V     C        00:00:00:00 00:00:01:00 01:00:11:00 01:00:12:00",
    ]  # fmt: skip
    path = tmp_path / "a.edl"
    path.write_text("\n".join(lines))
    made = brought_in(read_cut(path, rate), sources(rate, False))
    assert [(s.start // S, s.end // S) for s in made.shorts[0].segments] == [(10, 12), (20, 21)]
    told = " / ".join(made.left_out)
    for part in ("stranger.mov", "(D)", "ends before it begins", "00:00:40:25", "in it already", "has no 20:00.0", "black"):
        assert part in told
    assert len(made.left_out) == 7


def test_sound_in_a_line_of_its_own_is_no_second_clip(tmp_path: Path) -> None:
    path = tmp_path / "a.edl"
    path.write_text("TITLE: x\n001  AX V C 00:00:10:00 00:00:12:00 01:00:00:00 01:00:02:00\n"
                    "002  AX A C 00:00:10:00 00:00:12:00 01:00:00:00 01:00:02:00\n* FROM CLIP NAME: allotment talk.mov\n")  # fmt: skip
    made = brought_in(read_cut(path, Fraction(25)), sources(Fraction(25), False))
    assert [(s.start, s.end) for s in made.shorts[0].segments] == [(10 * S, 12 * S)]
    assert made.left_out == ()


@pytest.mark.parametrize("content", [
    b"", b"{}", b"[" * 9_000, b'{"OTIO_SCHEMA": "Clip.1"}', b'{"OTIO_SCHEMA": "Nothing.9"}', b"\xff\xfe\x00", b'{"OTIO_SCHEMA": "Timeline.1", "tracks": 7}',
    json.dumps({"OTIO_SCHEMA": "Timeline.1", "tracks": {"OTIO_SCHEMA": "Stack.1", "children": []}}).encode(),
])  # fmt: skip
@pytest.mark.parametrize("ending", [".otio", ".edl", ".csv", ".xml"])
def test_files_that_are_no_cut_are_refused_with_a_sentence(tmp_path: Path, content: bytes, ending: str) -> None:
    path = tmp_path / f"a{ending}"
    path.write_bytes(content)
    with pytest.raises(NothingToDo) as refused:
        brought_in(read_cut(path, Fraction(25)), sources(Fraction(25), False))
    assert refused.value.hint


@pytest.mark.parametrize(("value", "rate"), [("1e999", "25.0"), ("1.0", "1e999"), ("-1e300", "25.0"), ("1e300", "1e-300"), ("5.0", "0.0")])
def test_times_that_nobody_can_mean_are_refused_or_listed(tmp_path: Path, value: str, rate: str) -> None:
    cut = random_cut(random.Random(9), Fraction(25), on_frames=True)
    text = otio_text(replace(cut, markers=()))
    at = text.index('"source_range"')
    first = text.index('"start_time"', at)
    hostile = text[:first] + re.sub(r'"rate": [\d.]+', f'"rate": {rate}', re.sub(r'"value": [\d.]+', f'"value": {value}', text[first:], count=1), count=1)
    path = tmp_path / "a.otio"
    path.write_text(hostile)
    try:
        made = brought_in(read_otio(path), sources(Fraction(25), False))
    except NothingToDo as error:
        assert error.message
    else:
        assert all(0 <= s.start < s.end <= LENGTH for s in made.shorts[0].segments)


def test_markers_are_written_for_spreadsheets_and_come_back_as_shorts(tmp_path: Path) -> None:
    rate = Fraction(30_000, 1001)
    cut = random_cut(random.Random(6), rate, on_frames=False, drop=True)
    cut = replace(cut, markers=(CutMarker(2 * S, "=HYPERLINK(1)", "two\nlines", S),))
    rows = list(csv.DictReader(io.StringIO(markers_text(cut))))
    assert len(rows) == len(cut.clips) + 1
    marked = next(r for r in rows if r["note"] == "two lines")
    assert marked["name"] == "'=HYPERLINK(1)", "no spreadsheet works it out"
    assert marked["start"] == timecode(60, rate, True)
    path = tmp_path / "marks.csv"
    path.write_text("Marker Name;Start TC;End TC;Comments\r\nThe worm;00:00:10:00;00:00:30:12;good\r\nOdd;00:00:99:00;;\r\nLate;59:00;;\r\nPoint;1:00;;\r\n")
    made = brought_in(read_markers(path, Fraction(25)), sources(Fraction(25), False)[:1])
    assert [(s.name, s.segments[0].start, s.segments[0].end) for s in made.shorts] == [
        ("The worm", 10 * S, 30 * S + 12 * S // 25), ("Point", 60 * S, 90 * S),
    ]  # fmt: skip
    assert len(made.left_out) == 2
    with pytest.raises(NothingToDo):
        brought_in(read_markers(path, Fraction(25)), sources(Fraction(25), False)), "of two pieces of footage none is named"


def test_a_paper_cut_holds_times_words_and_pictures() -> None:
    rate = Fraction(25)
    cut = random_cut(random.Random(7), rate, on_frames=True, first=90_000)
    cut = replace(cut, markers=(), clips=(replace(cut.clips[0], says="Worms <b>work</b> & eat."), *cut.clips[1:]))
    sentences = paper_cut([replace(cut, markers=(CutMarker(2 * S, "Worms", "Worms <i>sleep</i>.", S),))], [[]])
    assert f"{timecode(50, rate)}</span><br>Worms &lt;i&gt;sleep&lt;/i&gt;." in sentences
    done, picture = cv2.imencode(".jpg", np.full((90, 160, 3), 120, np.uint8))
    assert done
    text = paper_cut([cut], [[picture.tobytes()]])
    assert "Worms &lt;b&gt;work&lt;/b&gt; &amp; eat." in text
    assert timecode(90_000 + cut.clips[0].start * 25 // S, rate) in text
    assert text.count("<img") == 1
    assert "http" not in text
    data = pdf_of(text, "Paper cut")
    assert data.startswith(b"%PDF-1.") and data.rstrip().endswith(b"%%EOF")


def test_reels_are_eight_letters_and_differ() -> None:
    many = tuple(CutClip(CutFile(str(n), f"/a/long name of footage {n}.mov", f"n{n}", S, Fraction(25)), 0, S) for n in range(120))
    reels = reels_of(CutList("a", Fraction(25), 1080, 1920, many))
    assert len(set(reels.values())) == 120
    assert all(len(r) <= 8 and r.isalnum() for r in reels.values())
    named = CutClip(CutFile("x", "/a/b.mov", "b", S, Fraction(25), reel="A001-C002 X"), 0, S)
    assert reels_of(CutList("a", Fraction(25), 1080, 1920, (named,))) == {"x": "A001C002"}


def test_a_file_that_is_named_by_a_broken_address_is_looked_for_by_that() -> None:
    assert _path_in("file:///a%20b.mp4") == "/a b.mp4" and _path_in("a.mp4") == "a.mp4"
    assert _path_in("file://[a.mp4") == "file://[a.mp4"
