"""What is no talk: reactions of a listener, greetings and notices; edges of passages."""

from __future__ import annotations

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import Analysis
from standtall.model.moment import PARTS
from standtall.model.words import Word
from standtall.moments.edges import edges
from standtall.moments.finder import Finder, Wish
from standtall.moments.talk import Talk
from tests.moments.test_moments import said

STORY = (
    "I lost the ferry keys in the harbour on a Sunday in June. A diver of nineteen found them under the ramp within an hour. "
    "He asked for one favour instead of money. He wanted to steer the ferry once across the sound. "
    "He is the captain now, and he never lets me hold the keys."
)


def talk_of(*turns: tuple[int, str]) -> Talk:
    """Turns of numbered speakers, at 150 words a minute."""
    words: list[Word] = []
    at = TICKS_PER_SECOND
    for speaker, text in turns:
        for part in text.split():
            words.append(Word(part, at, at + TICKS_PER_SECOND // 3, 0.95, speaker))
            at += round((0.7 if part[-1] in ".?!" else 0.4) * TICKS_PER_SECOND)
    return Talk(Analysis("k", tuple(words), language="en"))


def kinds(talk: Talk) -> list[str]:
    return list(talk.asides)


@pytest.mark.parametrize(
    ("answer", "reacts"),
    [
        ("Gosh.", True),
        ("Right, right.", True),
        ("Never lets you hold the keys.", True),
        ("He never lets me hold the keys, that is a line for the wall.", True),
        ("That's wonderful.", True),
        ("The council paid eleven thousand for that ramp.", False),
        ("Who paid for the diver and his lamp?", False),
    ],
)
def test_a_reaction_is_short_and_says_nothing_new(answer: str, reacts: bool) -> None:
    talk = talk_of((0, STORY), (1, answer))
    number = int(talk.sentence_of[len(talk.words) - 1])
    assert (talk.asides[number] == "reaction") is reacts
    assert not any(talk.asides[:5])


def test_an_answer_is_no_reaction_and_nobody_reacts_to_himself() -> None:
    talk = talk_of((0, "Did you find the keys of the ferry?"), (1, "Yes."), (1, STORY))
    assert "reaction" not in kinds(talk)
    talk = talk_of((0, STORY), (0, "Right."))
    assert "reaction" not in kinds(talk)


def test_a_question_between_two_sentences_of_one_teller_stops_nothing() -> None:
    talk = talk_of((0, "I once lost a whole ferry."), (1, "A ferry?"), (0, "A ferry."), (0, STORY))
    assert kinds(talk)[:2] == ["", "reaction"]
    assert len(talk.turns) == 1


def test_greetings_and_notices_run_together_at_the_ends_and_never_rank() -> None:
    talk = talk_of(
        (0, "Hello and welcome back to the harbour hour. I'm Ansa. The winter meeting has moved, so do please check the list."),
        (0, "So how did you lose the keys?"),
        (1, STORY),
        (0, "Goodness."),
        (0, "Thank you so much for coming. Next week we will talk about bridges. The form is on our page. Bye for now."),
    )
    found = kinds(talk)
    assert found[:3] == ["notice"] * 3
    assert found[3] == "", "the question belongs to its answer"
    assert found[-5:] == ["reaction", *["notice"] * 4]
    for moment in Finder(talk.analysis).find(Wish(5, 60, 5)):
        text = said(talk.analysis, moment.words)
        assert "welcome" not in text and "Bye" not in text and "Goodness" not in text


def test_a_proposal_ends_on_its_ending_and_the_reaction_can_be_put_back() -> None:
    talk = talk_of(
        (1, "So that was that, more or less."), (0, STORY), (1, "Gosh. He never lets you."), (1, "Anyway. We had some tea.")
    )
    finder = Finder(talk.analysis)
    wish = Wish(10, 60, 1)
    (found,) = finder.find(wish)
    assert said(talk.analysis, found.words).endswith("hold the keys.")
    assert found.reaction is not None
    assert said(talk.analysis, found.reaction) == "Gosh. He never lets you."
    whole = finder.rerated(found, type(found.shape)(None, None, found.reaction[-1]), wish)
    assert said(talk.analysis, whole.words).endswith("never lets you.")
    assert whole.reaction is None and whole.reacts == found.reaction
    back = finder.rerated(whole, type(whole.shape)(None, None, whole.reacts.start - 1), wish)
    assert back.words == found.words


def test_edges_tell_where_telling_begins_and_ends_with_their_words() -> None:
    talk = talk_of(
        (1, "It was more or less like that. We had some of those."),
        (0, STORY),
        (1, "Gosh."),
        (1, "We had onion soup afterwards."),
    )
    story = range(int(talk.sentences[2].start), int(talk.sentences[6].stop))
    good = edges(talk, (story,))
    late = edges(talk, (range(talk.sentences[3].start, story.stop),))
    short = edges(talk, (range(story.start, talk.sentences[5].stop),))
    aside = edges(talk, (range(story.start, talk.sentences[8].stop),))
    assert good.name == PARTS[-1] == "edges"
    assert good.value > max(late.value, short.value, aside.value)
    assert any("listener takes up: “Gosh”" in r.text for r in good.reasons)
    assert any(r.text.startswith("ends on a side remark: “We had onion soup") and not r.good for r in aside.reasons)


def test_what_is_told_between_two_notices_near_the_end_is_talk() -> None:
    talk = talk_of((0, STORY), (0, STORY.replace("ferry", "tram")), (0, "There is a reminder about the car park."), (0, STORY.replace("keys", "oars")),
                   (0, "Thank you all for coming."), (0, "Good night."))  # fmt: skip
    notices = [n for n, kind in enumerate(kinds(talk)) if kind == "notice"]
    assert notices == [10, 16, 17], "not the story of the oars, which is between them"


def test_a_word_thrown_in_does_not_part_the_first_story_from_the_talk() -> None:
    first, rest = STORY.split(". ", 1)
    talk = talk_of((1, "Welcome to the harbour."), (0, f"{first}."), (1, "Excuse me?"), (0, rest))
    assert kinds(talk)[:4] == ["notice", "", "reaction", ""]


def test_hear_me_out_is_no_question_about_the_microphone() -> None:
    talk = talk_of((0, "Hear me out, the captain is a diver of nineteen."), (0, "Can you all hear me at the back?"))
    assert kinds(talk) == ["", "notice"]
