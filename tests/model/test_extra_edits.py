"""Edits of extras, of looks' parts and of sound."""

from __future__ import annotations

import random
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo, ProjectError
from standtall.model import extra_edits, look_edits, sound_edits
from standtall.model.codec import from_plain, to_plain
from standtall.model.cut import NEAR_CUT, Cut, CutTransition, Segment
from standtall.model.edits import set_transition_at
from standtall.model.extents import OpeningExtent, PassageExtent
from standtall.model.extras import BarExtra, Clip, Cutaway, Extras, LightExtra, PictureExtra, SoundExtra, TextExtra
from standtall.model.framing import WholeStyle
from standtall.model.look import Look, LookParts
from standtall.model.short import Short
from standtall.model.sound import Cleaning, Music, Recorder
from standtall.model.style import CaptionStyle

S = 48_000
SHORT = Short.of("s", [Segment("a", 0, 10 * S), Segment("a", 20 * S, 30 * S)])


def cutaway(start: float, end: float, path: str = "/x.png") -> Cutaway:
    return Cutaway(path, "k", Segment("a", round(start * S), round(end * S)))


def test_each_extra_has_a_number_of_its_own_and_some_kinds_are_alone() -> None:
    short = extra_edits.put_in(SHORT, TextExtra(0, "One", headline=True)).short
    short = extra_edits.put_in(short, PictureExtra(0, "sticker:star", "k")).short
    short = extra_edits.put_in(short, PictureExtra(0, "sticker:star", "k")).short
    assert [e.id for e in short.extras.items] == [1, 2, 3]
    short = extra_edits.put_in(short, TextExtra(0, "Two", headline=True)).short
    assert [extra_edits.name_of(e) for e in short.extras.items] == ["star", "star", "Two"], "a new headline stands for the old"


def test_an_extra_is_changed_moved_to_the_front_and_removed() -> None:
    short = extra_edits.put_in(SHORT, BarExtra(0)).short
    short = extra_edits.put_in(short, LightExtra(0, "grain")).short
    short = extra_edits.change(short, 1, edge="top").short
    assert short.extras.item(1) == BarExtra(1, edge="top")
    assert [e.id for e in extra_edits.raise_over(short, 1).short.extras.items] == [2, 1]
    short = extra_edits.set_extent(short, 2, OpeningExtent(S)).short
    assert short.extras.items[1].extent == OpeningExtent(S)
    assert [e.id for e in extra_edits.remove(short, 1).short.extras.items] == [2]
    with pytest.raises(NothingToDo):
        extra_edits.change(short, 1, edge="top")
    with pytest.raises(NothingToDo):
        extra_edits.remove(short, 99)


def test_the_style_of_a_text_goes_back_to_the_look() -> None:
    short = extra_edits.put_in(SHORT, TextExtra(0, "Words")).short
    short = extra_edits.restyle(short, 1, {"size": 0.06, "ink": "#ff0000"}).short
    assert short.extras.items[0].style == {"size": 0.06, "ink": "#ff0000"}
    assert extra_edits.restyle(short, 1, {"size": None}).short.extras.items[0].style == {"ink": "#ff0000"}
    with pytest.raises(ProjectError):
        extra_edits.restyle(short, 1, {"size": 9.0})


def test_all_of_a_kind_are_cleared_at_once() -> None:
    short = extra_edits.put_all_in(SHORT, (SoundExtra(0, "pop"), LightExtra(0, "warm"), SoundExtra(0, "ding")), "x").short
    left = extra_edits.clear_kind(short, "sound effect").short
    assert [extra_edits.kind_of(e) for e in left.extras.items] == ["light effect"]
    with pytest.raises(NothingToDo):
        extra_edits.clear_kind(left, "headline")
    assert extra_edits.without_extras(left).short.extras == Extras()


def test_a_new_cutaway_takes_its_room_from_those_it_overlaps() -> None:
    short = extra_edits.put_cutaway(SHORT, cutaway(1, 6)).short
    short = extra_edits.put_cutaway(short, cutaway(3, 4, "/y.png")).short
    parts = [(c.path, c.extent.start // S, c.extent.end // S, c.at // S) for c in short.extras.cutaways]
    assert parts == [("/x.png", 1, 3, 0), ("/y.png", 3, 4, 0), ("/x.png", 4, 6, 3)], "the rest goes on where it was"


def test_cutaways_are_changed_one_by_one_or_all() -> None:
    short = extra_edits.put_cutaway(extra_edits.put_cutaway(SHORT, cutaway(1, 2)).short, cutaway(3, 4)).short
    one = extra_edits.change_cutaway(short, short.extras.cutaways[1], placing="window").short
    assert [c.placing for c in one.extras.cutaways] == ["full", "window"]
    assert {c.move for c in extra_edits.change_all_cutaways(one, "x", move="nearer").short.extras.cutaways} == {"nearer"}
    assert len(extra_edits.remove_cutaway(one, one.extras.cutaways[0]).short.extras.cutaways) == 1
    with pytest.raises(NothingToDo):
        extra_edits.change_cutaway(one, short.extras.cutaways[1], fit="whole")


def test_clips_before_and_after_count_in_the_length() -> None:
    short = extra_edits.set_clip(SHORT, "opening", Clip("/a.mp4", "k", 2 * S)).short
    short = extra_edits.set_clip(short, "closing", Clip("/b.png", "k", S)).short
    assert (short.talk_length, short.length) == (20 * S, 23 * S)
    assert {f.path for f in short.files} == {"/a.mp4", "/b.png"}
    assert extra_edits.set_clip(short, "opening", None).short.length == 21 * S


def test_a_transition_stays_with_its_cut_when_the_piece_is_trimmed() -> None:
    short = set_transition_at(SHORT, [1], "push", S // 2).short
    assert short.cut.at_cuts == (CutTransition("a", 20 * S, "push", S // 2),)
    trimmed = short.with_segments([short.segments[0], Segment("a", 20 * S + S // 2, 30 * S)])
    found = trimmed.cut.chosen_transitions().get(1)
    assert found is not None
    assert found.transition == "push"
    assert 0 not in trimmed.cut.chosen_transitions()
    assert set_transition_at(trimmed, [1], None, S).short.cut.at_cuts == ()


def test_stored_extras_come_back_as_they_were() -> None:
    extent = PassageExtent("a", 1, 5, 3, 4, "words")
    items = (TextExtra(1, "A\nb", extent, True), PictureExtra(2, "/l.png", "k", "logo", corner="top left"), BarExtra(3),
             LightExtra(4, "tape"), SoundExtra(5, "pop"))  # fmt: skip
    whole = replace(SHORT, extras=Extras((cutaway(1, 2),), items, Clip("/a", "k", S), None))
    assert from_plain(Short, to_plain(whole)) == whole


@pytest.mark.parametrize("make", [
    lambda: TextExtra(1, "  "), lambda: TextExtra(1, "x" * 500), lambda: PictureExtra(1, "", "k"), lambda: BarExtra(1, thickness=3),
    lambda: LightExtra(1, "grain", strength=2), lambda: Clip("/a", "k", 0), lambda: BarExtra(1, ground="red"),
    lambda: Extras(items=(BarExtra(1), BarExtra(1))), lambda: TextExtra(1, "a", style={"nonsense": 1}),
])  # fmt: skip
def test_extras_that_cannot_be_are_refused(make: object) -> None:
    with pytest.raises(ProjectError):
        make()  # type: ignore[operator]


def test_parts_of_a_look_are_taken_over_each_by_itself() -> None:
    parts = LookParts(WholeStyle(scale=0.8), BarExtra(0, edge="top"), PictureExtra(0, "sticker:star", "k", "logo"), -16.0)
    look = Look("own", "Own", "x", CaptionStyle("Inter"), parts=parts)
    assert set(look_edits.parts_in(look)) == {"bar", "logo", "whole", "loudness"}
    bar = look_edits.take_parts(SHORT, look, ["bar"]).short
    assert (bar.extras.items, bar.framing.whole, bar.sound.loudness) == ((BarExtra(1, edge="top"),), WholeStyle(), -14.0)
    whole = look_edits.take_parts(bar, look, ["bar", "logo", "whole", "loudness"]).short
    assert (len(whole.extras.items), whole.framing.whole.scale, whole.sound.loudness) == (2, 0.8, -16.0)
    with pytest.raises(NothingToDo):
        look_edits.take_parts(whole, look, ["bar", "logo", "whole", "loudness"])
    assert look_edits.parts_of(whole) == parts


def test_edits_of_sound() -> None:
    short = sound_edits.set_music(SHORT, Music("music:ledger", under_db=24.0)).short
    other = sound_edits.set_music(short, Music("music:lanterns")).short
    assert other.sound.music == Music("music:lanterns", under_db=24.0), "the controls stay when the piece is changed"
    assert sound_edits.change_music(other, lead_s=0.5).short.sound.music.lead_s == 0.5
    with pytest.raises(NothingToDo):
        sound_edits.change_music(SHORT, lead_s=0.5)
    gain = sound_edits.set_speaker_gain(SHORT, "a", 1, 3.0).short
    assert sound_edits.set_speaker_gain(gain, "a", 1, 0.0).short.sound.speaker_gains == ()
    assert sound_edits.set_cleaning(SHORT, Cleaning(hum=True)).short.sound.cleaning.hum
    recorder = Recorder("a", "/r.wav", "k", 100.0, 12.0)
    with_one = sound_edits.set_recorder(SHORT, recorder).short
    assert [f.path for f in with_one.sounds] == ["/r.wav"]
    assert sound_edits.set_recorder(with_one, replace(recorder, use="with")).short.sound.recorders[0].use == "with"
    assert sound_edits.remove_recorder(with_one, "a", "/r.wav").short.sound.recorders == ()


def test_cutaways_change_places_and_a_file_is_left_out_everywhere() -> None:
    short = extra_edits.put_cutaway(extra_edits.put_cutaway(SHORT, cutaway(1, 2, "/a")).short, cutaway(3, 6, "/b")).short
    one, two = short.extras.cutaways
    turned = extra_edits.swap_cutaway(short, one, 1).short.extras.cutaways
    assert [(c.path, c.extent) for c in turned] == [("/b", one.extent), ("/a", two.extent)]
    with pytest.raises(NothingToDo):
        extra_edits.swap_cutaway(short, one, -1)
    short = extra_edits.set_clip(short, "closing", Clip("/a", "k", S)).short
    left = extra_edits.without_file(short, "/a").short
    assert [c.path for c in left.extras.cutaways] == ["/b"]
    assert left.extras.closing is None


@given(
    st.lists(st.tuples(st.sampled_from("ab"), st.integers(0, 5)), min_size=1, max_size=6),
    st.lists(st.tuples(st.sampled_from("ab"), st.integers(0, 30)), max_size=5),
    st.randoms(),
)
def test_transitions_chosen_are_those_found_cut_by_cut(
    parts: list[tuple[str, int]], chosen: list[tuple[str, int]], dice: random.Random
) -> None:
    at, segments = 0, []
    for source, gap in parts:
        segments.append(Segment(source, (at + gap) * S, (at + gap + 1) * S))
        at += gap + 1
    dice.shuffle(segments)
    at_cuts = tuple(CutTransition(source, tick * S // 2, "push") for source, tick in chosen)
    cut = Cut(tuple(segments), at_cuts=at_cuts)
    wanted = {}
    for number, e in enumerate(segments):
        starts = [s.start for s in segments if s.source == e.source]
        near = [t for t in at_cuts if t.source == e.source and abs(t.at - e.start) <= NEAR_CUT]
        mine = [t for t in near if min(starts, key=lambda start, t=t: abs(start - t.at)) == e.start]  # type: ignore[misc]
        if mine:
            wanted[number] = min(mine, key=lambda t, e=e: abs(t.at - e.start))  # type: ignore[misc]
    assert cut.chosen_transitions() == wanted
