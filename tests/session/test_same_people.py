"""Somebody with a name in one piece of footage is known in another by what they look like."""

from __future__ import annotations

import numpy as np

from standtall.model.people import People
from standtall.model.transcript import Speaker, Transcript
from standtall.session.same_people import Known, Traits, likenesses, named_in


def wardrobe(seed: int, light: float = 0.0) -> tuple[int, ...]:
    """Colours of somebody: most of them in a few bins, a little elsewhere in another light."""
    dice = np.random.default_rng(seed)
    bins = np.zeros(1080)
    bins[dice.integers(0, 1080, 30)] = dice.random(30)
    other = np.zeros(1080)
    other[np.random.default_rng(seed + 99).integers(0, 1080, 30)] = 1 / 30
    mixed = (1 - light) * bins / bins.sum() + light * other
    return tuple(round(10_000 * v) for v in mixed)


def footage(*people: tuple[str, tuple[int, ...]]) -> tuple[People, Transcript]:
    seen = People(names=tuple(name for name, _ in people), wardrobes=tuple(w for _, w in people))
    return seen, Transcript((), tuple(Speaker(name, n) for n, (name, _) in enumerate(people)))


def test_who_was_named_is_known_again_in_another_light() -> None:
    first = footage(("Ada", wardrobe(1)), ("Speaker 2", wardrobe(2)), ("Bo", wardrobe(3)))
    known = named_in("monday", *first)
    assert [k.name for k in known] == ["Ada", "Bo"], "only those whom somebody named"
    second = footage(("Speaker 1", wardrobe(3, 0.2)), ("Speaker 2", wardrobe(1, 0.2)), ("Speaker 3", wardrobe(7)))
    assert [(s.speaker, s.name, s.footage) for s in likenesses(*second, known)] == [(0, "Bo", "monday"), (1, "Ada", "monday")]


def test_a_name_is_not_given_twice_nor_to_who_has_one_nor_where_two_look_alike() -> None:
    known = [Known("Ada", "monday", Traits(wardrobe(1))), Known("Bo", "monday", Traits(wardrobe(3)))]
    twice = footage(("Speaker 1", wardrobe(1, 0.1)), ("Speaker 2", wardrobe(1, 0.25)))
    assert [(s.speaker, s.name) for s in likenesses(*twice, known)] == [(0, "Ada")]
    named = footage(("Ada", wardrobe(5)), ("Speaker 2", wardrobe(1)), ("Cyd", wardrobe(3)))
    assert likenesses(*named, known) == [], "there is an Ada here already, and Cyd has a name"
    twins = [*known, Known("Adele", "tuesday", Traits(wardrobe(1, 0.02)))]
    alone = footage(("Speaker 1", wardrobe(1)))
    assert likenesses(*alone, twins) == []
    assert likenesses(*footage(("Speaker 1", wardrobe(42))), known) == []
    assert likenesses(*alone, []) == []


def heard(seed: int, other: float = 0.0) -> tuple[int, ...]:
    """A voice as it is kept, a share `other` of it somebody else's."""
    mine, theirs = (np.random.default_rng(n).normal(0, 1, 256) for n in (seed, 777))
    mixed = (1 - other) * mine / np.linalg.norm(mine) + other * theirs / np.linalg.norm(theirs)
    return tuple(round(127 * v) for v in mixed / np.linalg.norm(mixed))


def test_who_wears_other_clothes_is_known_by_their_voice() -> None:
    monday = People(names=("Ada", "Bo"), wardrobes=(wardrobe(1), wardrobe(2)), voices=(heard(1), heard(2)))
    known = named_in("monday", monday, Transcript((), (Speaker("Ada", 0), Speaker("Bo", 1))))
    friday = People(names=("Speaker 1", "Voice 2"), wardrobes=(wardrobe(8),), voices=(heard(2, 0.3), heard(1, 0.3)))
    found = likenesses(friday, Transcript((), (Speaker("Speaker 1", 0), Speaker("Voice 2", 1))), known)
    assert [(f.speaker, f.name, f.sounds) for f in found] == [(0, "Bo", True), (1, "Ada", True)], "with and without a face"


def test_the_same_clothes_with_another_voice_are_somebody_else() -> None:
    known = [Known("Ada", "monday", Traits(wardrobe(1), heard(1)))]
    transcript = Transcript((), (Speaker("Speaker 1", 0),))
    other = People(names=("Speaker 1",), wardrobes=(wardrobe(1),), voices=(heard(5),))
    assert likenesses(other, transcript, known) == []
    silent = People(names=("Speaker 1",), wardrobes=(wardrobe(1),), voices=((),))
    assert [(f.name, f.sounds) for f in likenesses(silent, transcript, known)] == [("Ada", False)], "who is never heard is known by looks"


def face(far: float) -> tuple[int, ...]:
    """A face's vector so far from that of `face(0)`."""
    return tuple(round(1000 * far / np.sqrt(128)) for _ in range(128))


def test_a_face_tells_people_in_the_same_clothes_apart_and_makes_likely_ones_likelier() -> None:
    transcript = Transcript((), (Speaker("Speaker 1", 0),))
    known = [Known("Ada", "monday", Traits(wardrobe(1), face=face(0)))]

    def found(light: float, far: float) -> list[str]:
        people = People(names=("Speaker 1",), wardrobes=(wardrobe(1, light),), faces=(face(far),))
        return [f.name for f in likenesses(people, transcript, known)]

    assert found(0.1, 0.3) == ["Ada"]
    assert found(0.1, 0.7) == [], "a uniform: the same clothes with another face"
    assert found(0.42, 0.55) == []
    assert found(0.42, 0.2) == ["Ada"], "in clothes that are only somewhat alike"
    assert found(0.9, 0.2) == [], "drawn faces are alike: not by the face alone"


def test_a_voice_without_a_face_is_like_nobody() -> None:
    people = People(names=("Speaker 1", "Voice 2"), wardrobes=(wardrobe(1),))
    transcript = Transcript((), (Speaker("Voice 2", 1), Speaker("Typed", -1)))
    assert likenesses(people, transcript, [Known("Ada", "monday", Traits(wardrobe(1)))]) == []
    assert named_in("x", people, transcript) == []
