from __future__ import annotations

import random
import re

import pytest

from standtall.base.errors import NothingToDo
from standtall.language.joining import joined
from standtall.library.channels import channels
from standtall.model.post import PostText
from standtall.model.post_rules import counted
from standtall.posts.key_terms import hashtag, key_terms
from standtall.posts.post_texts import Proposal, Said, proposals
from standtall.posts.templates import Facts, check_template, written_by, wrong_in
from tests.posts.made_posts import made_channel, made_up_said, words_of

TALK = (
    "So, people always ask me what makes a tide mill different. A tide mill works twice a day, because the sea comes in. "
    "At Harrow Point the keeper kept a book of every tide. You should always check the gate first. "
    "I was afraid of that noise when I was a child! Would you believe that nobody noticed the tide mill was gone?"
)
SHIPPED = {c.name: c for c in channels()}


def letters(text: str) -> list[str]:
    return re.findall(r"[^\W_]+", text.casefold())


def invented(proposal: Proposal, said: Said, link: str) -> list[str]:
    """Words of a proposal that the short does not hold."""
    bare = proposal.text.description.replace(link, " ") if link else proposal.text.description
    tags = set(proposal.text.hashtags)
    bare = re.sub(r"#(\w+)", lambda m: " " if m[1] in tags else m[0], bare)
    held = set(letters(" ".join(w.text for w in said.words)))
    out = [w for w in letters(f"{proposal.text.title} {bare} {' '.join(proposal.text.search_words)}") if w not in held]
    for tag, where in zip(proposal.text.hashtags, proposal.tags_from, strict=True):
        source = "".join(letters(joined([said.words[i].text for i in where])))
        out += [tag] if not source.startswith(hashtag(tag)) else []
    return out


def body(proposal: Proposal) -> set[str]:
    text = re.sub(r"#\w+|https?://\S+", " ", proposal.text.description)
    return set(letters(f"{proposal.text.title} {text}"))


@pytest.mark.parametrize("name", sorted(SHIPPED))
def test_three_manners_within_the_limits_and_out_of_the_shorts_own_words(name: str) -> None:
    said, channel = Said(words_of(TALK)), SHIPPED[name]
    link = "https://example.org/whole"
    made = proposals(said, channel, Facts(link=link))
    assert {p.manner for p in made} == {"asks", "tells", "names"} and made[0].manner == channel.posts.text.manner
    for proposal in made:
        assert [w for w in wrong_in(proposal.text, channel) if w[0] != "shelf"] == []
        assert invented(proposal, said, link) == []
    texts = [body(p) for p in made]
    assert all(len(a & b) <= 0.5 * len(a | b) for a in texts for b in texts if a is not b)
    assert len({str(p.text) for p in proposals(said, channel, again=1)} - {str(p.text) for p in made}) == 3


def test_what_makes_a_title_and_where_it_comes_from() -> None:
    said = Said(words_of(TALK))
    made = {p.manner: p for p in proposals(said, SHIPPED["thistlewray"])}
    assert made["asks"].text.title == "Would you believe that nobody noticed the tide mill was gone?"
    assert "Harrow Point" in made["names"].text.title and "Tide mill" in made["names"].text.title
    words = " ".join(said.words[i].text for i in made["asks"].title_from)
    assert words == "Would you believe that nobody noticed the tide mill was gone?"
    assert made["asks"].where(said).startswith("title from ")


def test_made_up_shorts_of_every_length_hold_the_limits_and_invent_nothing() -> None:
    dice = random.Random(16)
    tight = made_channel("tight", title_most=24, description_most=70, counted_in="bytes", hashtags_most=2, hashtag_longest=9)
    for _ in range(60):
        said = made_up_said(dice)
        for channel in (*SHIPPED.values(), tight):
            for proposal in proposals(said, channel):
                wrong = [w for w in wrong_in(proposal.text, channel) if w[0] != "shelf"]
                assert wrong == [] and invented(proposal, said, "") == []


def test_a_short_in_which_nothing_is_said_gets_none_and_one_word_is_enough() -> None:
    assert proposals(Said(()), SHIPPED["oddmarrow"]) == ()
    assert proposals(Said(words_of("um uh")), SHIPPED["oddmarrow"]) == ()
    assert proposals(Said(words_of("Compost!")), SHIPPED["oddmarrow"])[0].text.title == "Compost"


@pytest.mark.parametrize(
    "text",
    ["السفينة القديمة وصلت إلى الميناء. لماذا لم ينتظرها أحد؟ كان البحر هادئا.", "今日は 港の 船に ついて 話します。 なぜ 誰も 来なかったのか？",
     "Great 😀 news about the 🏗️ mill!", "é" * 400, " ".join(["word"] * 3000)],
)  # fmt: skip
def test_any_script_emoji_and_endless_words(text: str) -> None:
    for channel in SHIPPED.values():
        for proposal in proposals(Said(words_of(text), "ar"), channel):
            assert [w for w in wrong_in(proposal.text, channel) if w[0] != "shelf"] == []


def test_terms_are_pairs_that_come_again_and_names() -> None:
    terms = [t.text for t in key_terms(words_of(TALK), "en")]
    assert "tide mill" in terms[:3] and "Harrow Point" in terms
    assert hashtag("Harrow Point's") == "harrowpoints" and hashtag("1962") == "" and hashtag("a-b_c") == "abc"


def test_lengths_are_counted_as_the_channel_counts() -> None:
    assert [counted("é😀", unit) for unit in ("characters", "utf-16 units", "bytes")] == [2, 3, 6]


def test_a_template_leaves_out_lines_that_say_nothing() -> None:
    rules = SHIPPED["thistlewray"].posts.text
    text = PostText("T", hashtags=("a", "b"))
    assert written_by("{text}\n\nWith {guest}\n\n{link}\n{hashtags}", text, "Body.", Facts(link="https://x.org"), rules) == (
        "Body.\n\nhttps://x.org\n#a #b"
    )
    with pytest.raises(NothingToDo, match=r"no \{author\}"):
        check_template("{author}")


def test_what_a_channel_would_refuse_is_said_field_by_field() -> None:
    text = PostText("t" * 65, "d", ("one two", "x" * 30), ("a",) * 13, "no shelf", "nobody", "ftp://x")
    wrong = dict(wrong_in(text, SHIPPED["oddmarrow"]))
    assert wrong["title"] == "The title has 65 characters; Oddmarrow takes 64."
    assert set(wrong) == {"title", "hashtags", "search words", "shelf", "audience", "link"}
