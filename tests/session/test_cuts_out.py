"""Cuts as the program gathers them from shorts."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import av
import pytest

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.captions import Captions
from standtall.model.cut import Segment
from standtall.model.extras import Cutaway
from standtall.model.sound import Music
from standtall.model.source import Source
from standtall.session.cuts_out import cut_list, end_to_end, file_of, pictures_of, write_cuts
from standtall.session.told import as_told, found_in
from tests.conftest import make_clip, tone
from tests.helpers import composed, small_short

S = 48_000


def told(analysis: Analysis) -> Analysis:
    found = found_in(analysis)
    return as_told(found.analysis, found.transcript)


def test_a_short_is_gathered_with_all_that_stands_around_its_words(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:
    still = make_clip(tmp_path / "b.mp4", frames=90)
    key = probe(still).key
    short = small_short("Worms", demo_source.key, (16 * S, 20 * S), (60 * S, 63 * S))
    cutaway = Cutaway(str(still), key, Segment(demo_source.key, 18 * S, 61 * S))
    short = replace(short, extras=replace(short.extras, cutaways=(cutaway,)),
                    sound=replace(short.sound, music=Music("music:window-seat")))  # fmt: skip
    cut = cut_list(composed(short, demo_source, told(demo_analysis)))
    assert (cut.rate, cut.width, cut.height, cut.length) == (30, 270, 480, 7 * S)
    assert [(c.start, c.end) for c in cut.clips] == [(16 * S, 20 * S), (60 * S, 63 * S)]
    assert all(c.says and c.framing and c.framing[0].at == 0 for c in cut.clips)
    assert [(o.start, o.end) for o in cut.cutaways] == [(2 * S, 4 * S), (4 * S, 5 * S)]
    assert [(o.path, o.start, o.end) for o in cut.music] == [("music:window-seat", 0, 7 * S)]
    assert cut.captions and cut.captions[0].text.split()[0] == cut.clips[0].says.split()[0]
    assert cut.markers[0].note.split()[0] == cut.clips[0].says.split()[0]
    assert sum(m.at < 4 * S for m in cut.markers) and sum(m.at >= 4 * S for m in cut.markers), "sentences of both pieces"
    assert all(a.at + a.length <= b.at for a, b in zip(cut.markers, cut.markers[1:], strict=False))
    silent = composed(replace(short, captions=replace(Captions(), shown=False)), demo_source, told(demo_analysis))
    assert cut_list(silent).captions == ()
    (first, _second) = pictures_of(cut, Progress())
    assert first.startswith(b"\xff\xd8")


def test_cuts_end_to_end_keep_their_places(demo_source: Source, demo_analysis: Analysis) -> None:
    one = cut_list(composed(small_short("a", demo_source.key, (16 * S, 20 * S)), demo_source, told(demo_analysis)))
    two = cut_list(composed(small_short("b", demo_source.key, (60 * S, 63 * S)), demo_source, told(demo_analysis)))
    both = end_to_end("both", [one, two])
    assert both.length == 7 * S
    assert [(m.at, m.name) for m in both.markers if m.name in "ab"] == [(0, "a"), (4 * S, "b")]
    assert both.captions[len(one.captions)].start == two.captions[0].start + 4 * S
    with pytest.raises(NothingToDo):
        end_to_end("none", [])


def test_pieces_become_chapters(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    short = small_short("a", demo_source.key, (16 * S, 20 * S), (60 * S, 63 * S))
    cut = cut_list(composed(short, demo_source, told(demo_analysis)))
    write_cuts(tmp_path / "c.txt", "c", [cut, cut], Progress())
    lines = (tmp_path / "c.txt").read_text().splitlines()
    assert [line.split()[0] for line in lines] == ["0:00", "0:04", "0:07", "0:11"]
    assert lines[0].split()[1:4] == cut.clips[0].says.split()[:3]
    assert all(len(line) <= 66 for line in lines)


def test_a_file_with_timecode_and_reel_keeps_them(tmp_path: Path) -> None:
    plain = make_clip(tmp_path / "a.mp4", frames=60, rate=Fraction(30_000, 1001), sound=tone(2.0))
    with av.open(str(plain)) as read, av.open(str(tmp_path / "b.mov"), "w") as out:
        out.metadata["timecode"] = "10:00:00;00"
        streams = {s.index: out.add_stream_from_template(s) for s in read.streams}
        for packet in read.demux():
            if packet.dts is not None:
                packet.stream = streams[packet.stream.index]
                out.mux(packet)
    source = probe(tmp_path / "b.mov")
    assert source.timecode == "10:00:00;00"
    file = file_of(source)
    assert (file.drop, file.first) == (True, 1_078_920)
    assert file_of(replace(source, timecode="10:01:00;00")).first == 0, "a timecode that there is not"
    assert file_of(probe(plain)).first == 0


def test_nothing_is_written_where_there_is_nothing(tmp_path: Path) -> None:
    for name in ("a.otio", "a.xml"):
        with pytest.raises(NothingToDo):
            write_cuts(tmp_path / name, "a", [], Progress())
        assert not (tmp_path / name).exists()
