"""Captions: which words cards part, when the highlight changes in the finished file, what drawing them costs."""

from __future__ import annotations

import itertools
import tempfile
import time
from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np
from tests.captions.test_captions import sentences, words_of
from tests.speech.test_speech import hand_marked, load_16k, marked_words

from bench.demo import demo, truth
from bench.languages import GOAL_S, NAMES, PARTS, recognised, talk
from bench.layouts import TALK_AT_S, played
from bench.row import Row
from bench.words import matched, whole_way
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND, frame_middle
from standtall.captions.grouping import Grouping, _known_breaks, cards
from standtall.captions.said import spoken
from standtall.compose.composition import Composition
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.painters.caption import CaptionPainter
from standtall.ink import engine
from standtall.ink.caption_ink import CaptionInk
from standtall.library.looks import LOOKS
from standtall.media.planes import Planes, to_bgr
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.look import Look
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.style import CaptionStyle
from standtall.model.timemap import TimeMap
from standtall.model.transcript import Transcript
from standtall.render.render import render
from standtall.session.composing import footage_for, worked_out
from standtall.speech import models
from standtall.speech.recognise import WhisperRecogniser

FULL = (1080, 1920)
READ = CaptionStyle(
    "Atkinson Hyperlegible Next", 700, size=0.034, ink="#707070", highlight="#ff0000", plate="#000000", max_words=4
)
"""A style whose highlighted word can be told from the pixels alone."""
SECONDS = 60
ROUNDS = 3


def run() -> Iterator[Row]:
    engine.start()
    yield from _grouping()
    yield from _drawing()
    yield from _read_back()
    yield from _rendering()
    yield from _playing()


# which words are parted


def _parted(name: str, grouping: Grouping, ink: CaptionInk, equal: bool = False) -> tuple[int, int]:
    parted = total = 0
    for language, words, marks in sentences(name):
        counts = _equal(words, grouping, ink) if equal else _ours(words, replace(grouping, language=language), ink)
        ends = set(np.cumsum(counts) - 1)
        parted += sum(mark and i in ends for i, mark in enumerate(marks))
        total += sum(marks)
    return parted, total


def _ours(words: list[str], grouping: Grouping, ink: CaptionInk) -> list[int]:
    said = words_of(" ".join(words))
    time_map = TimeMap((Segment("k", 0, said[-1].end + 1),))
    made = cards(spoken({"k": Transcript(said)}, time_map), grouping, ink.width_of, time_map.length)
    return [len(line) for card in made for line in card.lines]


def _equal(words: list[str], grouping: Grouping, ink: CaptionInk) -> list[int]:
    """As even as can be: the fewest lines that hold the words, filled alike."""
    most = min(grouping.max_words, max(1, grouping.max_words * grouping.max_lines // max(1, grouping.max_lines)))
    for lines in range(1, len(words) + 1):
        edges = [round(k * len(words) / lines) for k in range(lines + 1)]
        parts = [words[a:b] for a, b in itertools.pairwise(edges)]
        if all(0 < len(p) <= most and (ink.width_of(" ".join(p)) <= 1 or len(p) == 1) for p in parts):
            return [len(p) for p in parts]
    return [1] * len(words)


def _grouping() -> Iterator[Row]:
    for look_name in ("broadsheet", "footnote"):
        style = next(k.style for k in LOOKS.load().values if k.name == look_name)
        ink = CaptionInk(style, *FULL)
        grouping = Grouping(style.max_words, style.max_lines)
        for name in ("tune", "held"):
            parted, total = _parted(name, grouping, ink)
            even, _total = _parted(name, grouping, ink, equal=True)
            yield Row(f"pairs parted of {total}, {look_name}, {name}", parted, "pairs", "<= 0")
            yield Row(f"  by equal splitting, {look_name}, {name}", even, "pairs")
    words = [w for _l, sentence, _m in sentences("tune") + sentences("held") for w in sentence]
    hour = words_of(" ".join((words * 8)[:9_000]), 15_000, 4_000)
    time_map = TimeMap((Segment("k", 0, hour[-1].end + 1),))
    ink = CaptionInk(READ, *FULL)
    for lines, most in ((1, 4), (2, 14)):
        _known_breaks.cache_clear()
        said = spoken({"k": Transcript(hour)}, time_map)
        began = time.perf_counter()
        cards(said, Grouping(most, lines), ink.width_of, time_map.length)
        yield Row(f"grouping of 9,000 words, {most} in {lines} lines", time.perf_counter() - began, "s", "<= 1")


# what drawing costs


def _layers(composition: Composition) -> list[CaptionLayer]:
    """The caption layers of all frames, in order."""
    out = []
    for number in range(composition.frames):
        out += [layer for layer in composition.frame(number).layers if isinstance(layer, CaptionLayer)]
    return out


def _composed(look: Look, seconds: int, captions: bool = True) -> Composition:
    source, analysis = demo()
    short = Short.of("a", (Segment(source.key, 10 * TICKS_PER_SECOND, (10 + seconds) * TICKS_PER_SECOND),))
    short = replace(short, captions=replace(short.captions, look=look.name, shown=captions))
    return worked_out(short, footage_for(short, source, analysis), look)


def _drawing() -> Iterator[Row]:
    canvas = Planes(*(np.full(s, 90, np.uint8) for s in ((1920, 1080), (960, 540), (960, 540))))
    worst: dict[str, tuple[float, str]] = {}
    for look in LOOKS.load().values:
        layers = _layers(_composed(look, 12))
        painter = CaptionPainter(*FULL)
        costs: dict[str, list[float]] = {"card change": [], "new highlighted word": [], "every frame": []}
        before: CaptionLayer | None = None
        for layer in layers:
            began = time.perf_counter()
            painter.box(layer)
            painter.paint(layer, None, canvas)
            cost = 1_000 * (time.perf_counter() - began)
            costs["every frame"].append(cost)
            if before is None or [w.word for w in before.words] != [w.word for w in layer.words]:
                costs["card change"].append(cost)
            elif [w.drawn.state for w in before.words] != [w.drawn.state for w in layer.words]:
                costs["new highlighted word"].append(cost)
            before = layer
        for kind, found in costs.items():
            middle = float(np.median(found)) if found else 0.0
            worst[kind] = max(worst.get(kind, (0.0, "")), (middle, look.name))
            if look.name == "broadsheet" and kind != "every frame":
                yield Row(f"{kind}, median, broadsheet", middle, "ms")
    for kind, goal in (("card change", "<= 4"), ("new highlighted word", "<= 1.5"), ("every frame", "")):
        yield Row(f"{kind}, median, worst look ({worst[kind][1]})", worst[kind][0], "ms", goal)


# when the highlight changes in the finished file


def changes(path: Path, composition: Composition) -> dict[tuple[str, int], int]:
    """The first frame of a finished file in which each word is red, by source and id."""
    ink = CaptionInk(composition.caption_style, composition.short.output.width, composition.short.output.height)
    out: dict[tuple[str, int], int] = {}
    with PictureReader(str(path), 0) as reader:
        for number, seen in enumerate(reader.walk()):
            bgr = to_bgr(seen.planes())
            red = (bgr[..., 2] > 120) & (bgr[..., 0] < 90) & (bgr[..., 1] < 90)
            card = composition.card_at(frame_middle(number, composition.fps))
            if card is None:
                continue
            layer = next(k for k in composition.frame(number).layers if isinstance(k, CaptionLayer))
            laid = ink.card(tuple(tuple(w.drawn for w in row) for row in layer.rows), layer.middle)
            counts = []
            for place in laid.words:
                box = laid.placed.mapRect(place.rect).toRect()
                counts.append(int(np.count_nonzero(red[box.top() : box.bottom(), box.left() : box.right()])))
            if max(counts) >= 10:
                word = card.words[int(np.argmax(counts))]
                out.setdefault((word.source, word.said.id), number)
    return out


def _off(
    source: Source, analysis: Analysis, span: tuple[int, int], true: list[tuple[str, float]], fps: float
) -> tuple[list[float], list[float]]:
    """Errors in seconds of the highlight in a finished file against the truth, and against the transcript's own times."""
    short = Short.of("a", (Segment(source.key, *span),))
    short = replace(short, output=replace(short.output, width=540, height=960))
    look = Look("read", "Read", "", READ)
    composition = worked_out(short, footage_for(short, source, analysis), look)
    with tempfile.TemporaryDirectory() as folder:
        out = Path(folder) / "out.mp4"
        render(composition, out, Progress())
        seen = changes(out, composition)
    words = [w for w in analysis.words if span[0] <= w.start and w.end < span[1]]
    begin = span[0] / TICKS_PER_SECOND
    off, own = [], []
    for heard, said in matched([w.text for w in words], [t for t, _s in true]):
        frame = seen.get((source.key, words[heard].id))
        at = 9.0 if frame is None else frame / fps + begin
        off.append(at - true[said][1])
        own.append(at - words[heard].start / TICKS_PER_SECOND)
    return off, own


def _read_back() -> Iterator[Row]:
    source, analysis = demo()
    true = [(w[0], float(w[1])) for line in truth()["lines"] for w in line["words"]]
    fps = float(source.rate or 30)
    off, own = _off(source, analysis, (0, SECONDS * TICKS_PER_SECOND), [t for t in true if t[1] < SECONDS], fps)
    yield from _told("demo", off, 0.98)
    yield Row("what rendering adds to the transcript, at most", float(np.max(np.abs(own))) * fps, "frames", "<= 0.51")
    off = []
    recogniser = WhisperRecogniser(models.require(), "en")
    with tempfile.TemporaryDirectory() as folder:
        for name, sound, marks, hint in hand_marked():
            film = _film(Path(folder) / f"{name}.mp4", load_16k(sound))
            words = whole_way(load_16k(sound), recogniser)
            said = [(t, start) for t, start, _end in marked_words(marks, hint)]
            off += _off(film, Analysis(film.key, words=words, language="en"), (0, film.length), said, 30.0)[0]
    yield from _told("hand-marked speech in a drawn film", off, 0.95)
    for part in PARTS:
        for language, name in NAMES.items():
            sound, words_said = talk(language, part)
            with tempfile.TemporaryDirectory() as folder:
                film = _film(Path(folder) / "film.mp4", sound)
                heard = Analysis(film.key, words=recognised(sound, language), language=language)
                off = _off(film, heard, (0, film.length), words_said, 30.0)[0]
            within = float((np.abs(np.array(off)) <= GOAL_S).mean())
            yield Row(f"highlight within 150 ms of the truth, {name}, {part} ({len(off)} words)", within, "share", ">= 0.9")


def _told(name: str, off: list[float], goal: float) -> Iterator[Row]:
    late = np.array(off)
    yield Row(
        f"highlight within 100 ms of the truth, {name} ({len(off)} words)",
        float((np.abs(late) <= 0.1).mean()),
        "share",
        f">= {goal}",
    )
    yield Row(f"highlight against the truth, median, {name}", 1_000 * float(np.median(np.abs(late))), "ms", "<= 33")


def _film(path: Path, sound: np.ndarray) -> Source:  # type: ignore[type-arg]
    """A film of a plain picture with a recording."""
    rate, stereo = (
        Fraction(30),
        np.repeat(np.interp(np.arange(len(sound) * 3) / 3, np.arange(len(sound)), sound)[None], 2, axis=0).astype(np.float32),
    )
    with MovieWriter(path, 640, 360, rate, {"preset": "ultrafast", "crf": "20", "g": "60"}) as writer:
        for n in range(stereo.shape[1] * 30 // 48_000):
            planes = Planes(np.full((360, 640), 60 + n % 40, np.uint8), *(np.full((180, 320), 128, np.uint8) for _ in range(2)))
            writer.picture(planes)
            writer.sound(stereo[:, n * 1_600 : (n + 1) * 1_600])
    return probe(path)


# what captions add to a render


def _rendering() -> Iterator[Row]:
    looks = {k.name: k for k in LOOKS.load().values}
    ratios: dict[str, list[float]] = {"kettle": [], "hymnal": [], "sleeve": []}
    for _ in range(ROUNDS):
        for name, found in ratios.items():
            found.append(_seconds(looks[name], True) / _seconds(looks[name], False))
    for name, found in ratios.items():
        yield Row(
            f"render with captions in {looks[name].title}, of one without", sorted(found)[len(found) // 2], "ratio", "<= 1.08"
        )


def _seconds(look: Look, captions: bool) -> float:
    made = _composed(look, 20, captions)
    with tempfile.TemporaryDirectory() as folder:
        began = time.perf_counter()
        render(made, Path(folder) / "out.mp4", Progress())
        return time.perf_counter() - began


# playing in the window


def _playing() -> Iterator[Row]:
    for line in played([("follow", TALK_AT_S, look) for look in ("kettle", "hymnal", "sleeve", "chalk")]):
        kind, name, *rest = line.split()
        if kind == "played":
            yield Row(f"frames shown in time in the window, {name}", float(rest[0]), "share", ">= 0.95")
