"""A made-up programme of 30 minutes, from text alone, with planted strong and weak passages; and talk of any length."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.words import Word
from standtall.speech.fillers import is_filler

STRONG = (
    "Why does a clock in a church tower run slow in summer? The pendulum grows longer in the heat. One degree costs you a second a "
    "week. So the keeper of Marsh Hallow puts a penny on the bob, and every penny wins back half a second. Nobody has touched the "
    "gears in ninety years. The penny keeps the time.",
    "Never paint a wooden boat in the sun. The paint dries on top and stays wet below, and by autumn it comes off in sheets. Work in "
    "the shade, use three thin coats, and wait two days between them. A hull that is painted slowly lasts eleven years. Patience is "
    "the cheapest varnish.",
    "Nobody tells you the truth about sourdough. Your starter does not need feeding twice a day. Keep it in the fridge, feed it once "
    "a week, and it will outlive the dog. I have kept mine for twenty two years and I forget it every winter. Yeast forgives "
    "everything except soap.",
    "What is the biggest mistake in a first vegetable bed? You plant everything on one Saturday. Then forty lettuces are ready on the "
    "same Tuesday. Sow ten seeds every second week instead, and you will eat salad until the frost. A calendar grows more food "
    "than a spade.",
    "Three things decide whether a bridge sings in the wind. The length of the deck, the shape of its edge, and whether somebody "
    "listened. At Corrow Sound they hung a microphone under it for a whole winter. They found one loose bolt. It cost four coins, "
    "and the bridge has been silent ever since.",
    "You can learn a song on the piano in half the time. Stop playing it from the start. Play the last four bars first, then the "
    "eight before them, until you walk towards what you know. Your hands relax instead of panicking. Always practise towards home.",
    "Most people stack their firewood wrong. They cover the top and the sides and wonder why it rots. Cover only the top, leave the "
    "sides open, and raise it two hands from the ground. Wind dries wood, not sun. A bad stack is just a slow compost heap.",
    "How do you find a leak in a slate roof? Wait for the first dry frost. Every warm wet place melts a dark circle, and you can "
    "count them from the garden. My grandfather mended six roofs a season that way and never climbed one twice. The cold draws you "
    "the map.",
    "Nothing ruins a negotiation faster than a full answer. I said one number and then I kept talking, and it cost me eight thousand "
    "that afternoon. Say your number and count to ten. The silence is the best employee you will ever have.",
    "Why do shepherds trust an old dog over a fast one? A fast dog gathers two hundred sheep in ten minutes and scares fifty of them "
    "into the river. An old dog takes an hour and loses none. You pay for speed with sheep. Slow is what finished looks like.",
    "Every beginner sharpens the wrong side of a chisel. The flat back must be a mirror before you touch the bevel. Spend one hour on "
    "the back, only once in its life, and you will never fight that tool again. Sharp is two surfaces that meet.",
    "The worst advice I ever got was to follow my passion. I loved violins, and I was the fourth worst violinist in Ketterby. Then I "
    "mended one for a neighbour, and two hundred people have queued at my door since. Follow what others thank you for.",
)
"""Each opens on a question, a claim or a number, says something that can be used, ends on a short line, and needs nothing else."""

SUBJECTS = (
    ("weather", "it was raining a bit and then it was not, and we looked at it for a while"),
    ("parking", "they had put the car over there, and he said it was fine there, more or less"),
    ("lunch", "she had that thing with the bread, and it was all right, it was nice enough"),
    ("schedule", "we were going to do it then, but it got moved, so we did the other one"),
    ("equipment", "this one goes into that one, and if it does not then it goes in there"),
    ("guests", "he came with them, and they were here before, and that was good of them"),
)


@dataclass(frozen=True, slots=True)
class Programme:
    """Words with their times, and which passages (ticks) were planted strong."""

    analysis: Analysis
    strong: tuple[tuple[int, int], ...]


def _weak(rng: np.random.Generator) -> str:
    """Talk as it fills most programmes: throat-clearing, pronouns without names, sentences that lead nowhere."""
    parts = []
    for _ in range(int(rng.integers(3, 7))):
        subject, text = SUBJECTS[int(rng.integers(len(SUBJECTS)))]
        start = ("So, um, yeah,", "And then, uh,", "Well, anyway,", "Right, so", "But, you know,", "Okay, and")[
            int(rng.integers(6))
        ]
        turn = ("about the", "with the", "as for the")[int(rng.integers(3))]
        parts.append(f"{start} {turn} {subject}, {text}.")
    return " ".join(parts)


def programme(minutes: int = 30, seed: int = 4) -> Programme:
    """Weak talk with one strong passage in each equal part."""
    rng = np.random.default_rng(seed)
    words: list[Word] = []
    strong: list[tuple[int, int]] = []
    at = TICKS_PER_SECOND
    order = rng.permutation(len(STRONG))
    every = minutes * 60 * TICKS_PER_SECOND // len(STRONG)
    for n, which in enumerate(order):
        while at < every * n + every // 3:
            at = _say(words, _weak(rng), at, rng, speaker=0)
        first = len(words)
        at = _say(words, STRONG[which], at, rng, speaker=1)
        strong.append((words[first].start, words[-1].end))
    while at < minutes * 60 * TICKS_PER_SECOND:
        at = _say(words, _weak(rng), at, rng, speaker=0)
    level = np.full(at // LEVEL_STEP + 100, -62.0)
    for w in words:
        level[w.start // LEVEL_STEP : w.end // LEVEL_STEP] = -22.0
    return Programme(Analysis("programme", tuple(words), level_db=tuple(level.tolist()), language="en"), tuple(strong))


def _say(words: list[Word], text: str, at: int, rng: np.random.Generator, speaker: int) -> int:
    """Append spoken words at about 150 a minute; -> when the next may begin."""
    for said in text.split():
        length = round((0.12 + 0.05 * min(8, len(said)) + rng.normal(0, 0.02)) * TICKS_PER_SECOND)
        kind = "filler" if is_filler(said, "en") else "word"
        words.append(Word(said, at, at + max(2_400, length), 0.95, speaker, kind))  # type: ignore[arg-type]
        gap = 0.35 if said[-1] in ".?!" else 0.12 if said[-1] == "," else 0.03
        at = words[-1].end + round((gap + abs(rng.normal(0, 0.02))) * TICKS_PER_SECOND)
    return at + round(rng.uniform(0.5, 1.4) * TICKS_PER_SECOND)
