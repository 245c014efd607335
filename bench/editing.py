"""A transcript of four hours: opening it in the script, searching it, correcting a word of it, scrolling through it."""

from __future__ import annotations

import random
import statistics
import tempfile
import time
from collections.abc import Callable, Iterator
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import shiboken6
from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QApplication

from bench.row import Row
from standtall.base.memory import settle
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting import by_words
from standtall.framing.camera import plan
from standtall.library.channels import channels
from standtall.library.project import Entry, Project
from standtall.model import corrections
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.people import FaceSample, People, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Speaker, Transcript
from standtall.model.words import Word
from standtall.session.composing import footage_for, worked_out
from standtall.session.told import Found
from standtall.speech.word_index import WordIndex
from standtall.ui.app.application import dressed
from standtall.ui.bench.place import Bench
from standtall.ui.bench.transcript.page import TranscriptPage
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import Pages
from standtall.ui.state.workspace import Workspace

HOURS = 4
A_SECOND = 2.6
"""Words a second of quick talk."""
KEY = "0123456789abcdef01234567"


def long_talk() -> Transcript:
    """Made-up words with the shares of a natural text (a few common ones, many rare ones), in sentences and turns."""
    rng = random.Random(8)
    letters = "aeioubcdfghlmnprst"
    spellings = ["".join(rng.choice(letters) for _ in range(rng.randint(2, 9))) for _ in range(9_000)]
    said = []
    step = round(TICKS_PER_SECOND / A_SECOND)
    for i in range(round(HOURS * 3600 * A_SECOND)):
        end = i % 11 == 10
        text = spellings[min(8_999, int(rng.paretovariate(0.6)) - 1)] + ("." if end else "")
        said.append(Word(text, i * step, i * step + round(step * 0.8), rng.random(), i // 60 % 3))
    return Transcript(tuple(said), (Speaker("A"), Speaker("B"), Speaker("C")))


def median_ms(work: Callable[[], object], times: int = 7) -> float:
    took = []
    for _ in range(times):
        began = time.perf_counter()
        work()
        took.append(time.perf_counter() - began)
    return statistics.median(took) * 1000


def run() -> Iterator[Row]:
    talk = long_talk()
    length = talk.words[-1].end + TICKS_PER_SECOND
    yield Row("words in four hours", len(talk.words), "count")
    opening = median_ms(lambda: (Pages(talk.words, length), WordIndex(talk.words)))
    yield Row("opening a transcript of 4 h", opening, "ms", "<= 300")
    index = WordIndex(talk.words)
    common, rare = talk.words[0].bare, talk.words[777].bare
    for name, query, loose in (("a word", common, False), ("a phrase", f"{common} {rare}", False), ("loosely", rare, True)):
        yield Row(f"search in 4 h, {name}", median_ms(lambda q=query, x=loose: index.search(q, x)), "ms", "<= 30")  # type: ignore[misc]
    with tempfile.TemporaryDirectory() as folder, Project(Path(folder) / "p.standtall") as project:
        number = project.add_short(Short.of("a", (Segment(KEY, 0, TICKS_PER_SECOND),)))
        began = time.perf_counter()
        project.revise(number, talk, corrections.accept(talk, [i for i, w in enumerate(talk.words) if w.confidence < 1][:1]))
        yield Row("first correction in 4 h, which keeps all words", (time.perf_counter() - began) * 1000, "ms")
        at = iter(range(1000, 40_000, 997))

        def correct() -> None:
            now = project.transcripts.find(KEY)
            assert now is not None
            i = next(at)
            project.revise(number, talk, corrections.retype(now, range(i, i + 1), f"better{i}"))

        yield Row("a correction in 4 h, on disk", median_ms(correct), "ms", "<= 50")
    yield from scrolling(talk, length)


def scrolling(talk: Transcript, length: int) -> Iterator[Row]:
    """Painting of the script with all its lanes while it is scrolled through four hours: shots of 9 s, two faces in each."""
    application = dressed(["bench"])
    shots = tuple(Shot(t, min(length, t + 9 * TICKS_PER_SECOND)) for t in range(0, length, 9 * TICKS_PER_SECOND))
    tracks = tuple(
        Track(
            n,
            who,
            tuple(FaceSample(t, 0.2 + 0.5 * who, 0.3, 0.1, 0.2, 0.0) for t in range(s.start, s.end, TICKS_PER_SECOND // 8)),
        )
        for n, s in enumerate(shots)
        for who in (0, 1)
    )
    talks = tuple(Talk(s.start, s.end, n % 2, 1.0) for n, s in enumerate(shots))
    people = People(shots, tracks, talks, ("A", "B"))
    level = tuple(-20.0 - i % 30 for i in range(length * 100 // TICKS_PER_SECOND))
    source = Source(KEY, "/none", "four hours", length, 1920, 1080, Fraction(30), audio_channels=2)
    analysis = Analysis(KEY, talk.words, people, level)
    short = Short.of("a", (Segment(KEY, 0, 60 * TICKS_PER_SECOND),))
    workspace = Workspace()
    try:
        composition = worked_out(short, footage_for(short, source, analysis))
        camera = plan(short, source, people, everywhere=True)
        pages, index = Pages(talk.words, length), WordIndex(talk.words)
        page = pages.elastic
        found = Found(analysis, talk)
        workspace.opened = Opened(
            source,
            found,
            talk,
            analysis,
            Entry(1, short, None, None),
            composition,
            channels()[0],
            camera,
            pages,
            index,
            None,
            0,
            0,
            (),
        )
        view = TranscriptPage(workspace)
        view.resize(640, 720)
        view.show()
        workspace.opened_changed.emit()
        application.processEvents()
        took: dict[str, list[float]] = {"by wheel": [], "by jumps": []}
        rng = random.Random(3)
        for _ in range(60):
            at = rng.randrange(int(page.height) - 1200)
            for step in range(7):  # a place anywhere, then on from there as a wheel does
                began = time.perf_counter()
                view.verticalScrollBar().setValue(at + 60 * step)
                view.viewport().repaint()
                took["by wheel" if step else "by jumps"].append((time.perf_counter() - began) * 1000)
        for how, some in took.items():
            some.sort()
            yield Row(f"a step of scrolling through 4 h {how}, median", statistics.median(some), "ms")
            yield Row(f"a step of scrolling through 4 h {how}, 95 of 100", some[len(some) * 95 // 100], "ms", "<= 16.7")
        view.close()  # the Bench has one page, not two
        shiboken6.delete(view)
        yield from striking(workspace, application)
    finally:
        workspace.close()


def striking(workspace: Workspace, application: QApplication) -> Iterator[Row]:
    """A word struck out of a short of 90 s and out of one of an hour: from the key to the whole Bench painted anew, saved on the
    way; once with what belongs to the place beside the script, once with the removals sheet."""
    settle()  # as the window does once something is on the Bench
    whole = Bench(workspace)
    whole.resize(820, 790)
    whole.show()
    view = whole.page
    arrived: list[bool] = []
    workspace.composition_changed.connect(lambda: arrived.append(True))
    with tempfile.TemporaryDirectory() as folder:
        before = workspace.opened
        assert before is not None
        workspace.open_project(Path(folder) / "p.standtall")
        _until(application, lambda: workspace.project_path is not None)
        workspace.with_project(lambda project: project.add_short(before.entry.short))
        minute_and_half, hour = Segment(KEY, 0, 90 * TICKS_PER_SECOND), Segment(KEY, 0, 3600 * TICKS_PER_SECOND)
        for name, pieces, side, goal in (
            ("90 s", (minute_and_half,), "chosen", "<= 50"),
            ("90 s, beside the removals sheet", (minute_and_half,), "tighten", "<= 50"),
            ("an hour", (hour,), "chosen", "<= 50"),
            ("an hour in 1,500 pieces", tightened(), "chosen", ""),
        ):
            whole.inspector.show_side(side)
            workspace.opened = replace(before, project=workspace.generation)
            short = Short.of("a", pieces)
            arrived.clear()
            workspace.make_short(lambda _now, s=short: s)  # type: ignore[misc]
            _until(application, lambda: bool(arrived))
            took = []
            for i in by_words.kept_words(short, before.analysis)[20:160:20]:
                view.verticalScrollBar().setValue(0)
                application.processEvents()
                _paint_whole(view)  # else what was scrolled would be painted on the way
                arrived.clear()
                began = time.perf_counter()
                workspace.edit(lambda s, a, n=i: by_words.cut(s, a, [n]))  # type: ignore[misc]
                _until(application, lambda: bool(arrived))
                whole.repaint()
                _paint_whole(view)
                took.append((time.perf_counter() - began) * 1000)
            yield Row(f"striking a word in 4 h, out of a short of {name}", statistics.median(took), "ms", goal)
        workspace.with_project(lambda project: project.close())
    whole.close()


def tightened() -> tuple[Segment, ...]:
    """An hour out of which a pause of a third of a second was taken at every 2.4 s."""
    step = TICKS_PER_SECOND * 24 // 10
    return tuple(Segment(KEY, n * step, (n + 1) * step - TICKS_PER_SECOND // 3) for n in range(1_500))


def _paint_whole(view: TranscriptPage) -> None:
    """Paint a page until nothing of it waits for another turn."""
    while not view._ground.is_whole:
        view.viewport().repaint()


def _until(application: QApplication, done: Callable[[], bool]) -> None:
    """Handle events until something is done. Waits for each as the window does: asking again and again would take the interpreter
    from the thread that is waited for."""
    alive = QTimer()
    alive.start(1_000)
    end = time.monotonic() + 60
    while not done() and time.monotonic() < end:
        application.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
