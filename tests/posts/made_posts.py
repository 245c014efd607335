"""Made-up shorts, channels and posts for tests and benches of posts."""

from __future__ import annotations

import hashlib
import random
from dataclasses import replace
from pathlib import Path

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.channel import Channel
from standtall.model.post import PartValue, Post, PostFile, PostText, ShortRef
from standtall.model.post_rules import Delivery, FileRules, PostRules, TextRules
from standtall.model.words import Word
from standtall.posts import post_edits
from standtall.posts.post_texts import Said

NOUNS = ["ferry", "harbour", "lantern", "orchard", "kiln", "granary", "tide", "bellows", "loom", "quarry", "thatch", "weir", "compass", "ledger", "anvil", "heron", "barley", "turbine", "mortar", "trellis", "sluice", "cellar", "pigment", "shuttle", "gearbox", "lichen"]  # fmt: skip
VERBS = ["turned", "carried", "mended", "counted", "flooded", "painted", "lifted", "measured", "forgot", "rebuilt", "traded", "boiled"]
NAMES = ("Orla Brandt", "Tam Whitlow", "Harrow Point", "Ilse Varga", "Marlo Finn", "Cobble Lane")
FILLERS = ("um", "uh")


def words_of(text: str, seconds_each: float = 0.33) -> tuple[Word, ...]:
    """Words timed one after the other; "um" and "uh" are fillers."""
    out, at = [], 0
    step = round(seconds_each * TICKS_PER_SECOND)
    for piece in text.split():
        kind = "filler" if piece.strip(",.").lower() in FILLERS else "word"
        out.append(Word(piece, at, at + step * 3 // 4, kind=kind))  # type: ignore[arg-type]
        at += step
    return tuple(out)


def made_up_said(dice: random.Random) -> Said:
    """What could be said in a short: one to twelve sentences, some of them questions, with fillers, names, numbers."""
    sentences = []
    for _ in range(dice.choice((1, 2, 3, 4, 5, 6, 8, 10, 12))):
        noun, other = dice.sample(NOUNS, 2)
        kind = dice.randrange(6)
        opening = dice.choice(("", "", "So, ", "Um, well, ", "And "))
        if kind == 0:
            text = f"why did nobody {dice.choice(('mend', 'see', 'count'))} the {noun} before the {other} was gone?"
        elif kind == 1:
            text = f"you should always try the {noun} first, because the {other} never waits for anybody."
        elif kind == 2:
            text = f"{dice.choice(NAMES)} {dice.choice(VERBS)} the {noun} in {dice.randrange(1850, 2020)}, and the {other} with it."
        elif kind == 3:
            text = f"I was afraid of that {noun} when I was a child, and I still am!"
        elif kind == 4:
            text = f"{dice.randrange(2, 90)} years later the {noun} {dice.choice(VERBS)} again, uh, beside the {other} of {dice.choice(NAMES)}."
        else:
            text = f"the {noun} {dice.choice(VERBS)} the {other}."
        whole = opening + text
        sentences.append(whole[:1].upper() + whole[1:])
    return Said(words_of(" ".join(sentences)))


def made_channel(name: str = "made-up", **text: object) -> Channel:
    """A channel with some rules of its own."""
    rules = TextRules(**text)  # type: ignore[arg-type]
    delivery = Delivery("server", "http://127.0.0.1:9", keeps_drafts=True)
    return Channel(name, name.title(), 60, posts=PostRules(rules, FileRules(shortest_s=0), delivery))


def at_address(channel: Channel, address: str) -> Channel:
    """The same channel where its server is just now."""
    return replace(channel, posts=replace(channel.posts, delivery=replace(channel.posts.delivery, address=address)))


def made_ref(number: int, source: str = "s", rating: float = 0.5, seconds: float = 20.0, topics: tuple[str, ...] = ()) -> ShortRef:
    parts = (PartValue("opening", rating), PartValue("ending", 1 - rating))
    return ShortRef("/made/up.standtall", number, f"Short {number}", source, f"Programme {source}", seconds, rating, parts, topics)


def made_file(path: Path, content: bytes | None = None) -> PostFile:
    """A file that is there, of a form that every channel takes."""
    data = content if content is not None else path.name.encode() * 50
    path.write_bytes(data)
    return PostFile(str(path), len(data), hashlib.sha256(data).hexdigest(), 20.0, 1080, 1920, 25.0)


def made_post(number: int, channel: str, file: PostFile | None, text: PostText | None = None) -> Post:
    return post_edits.new_post(made_ref(number), channel, text or PostText("A title", "A text"), file)
