"""Makes the pictures in docs/screenshots from the demo, or those that are named, with the others of their view:
python tools/screenshots.py [NAME ...]

The window runs in a home of its own, without a screen. `python tools/help_pictures.py` makes those of the help of them.
"""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

ROOT = Path(__file__).parent.parent
OUT = ROOT / "docs" / "screenshots"
FOLDERS = ("XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_STATE_HOME")
LONGEST_S = 240


class DemoWindow:
    """The window on the demo, and what it takes to wait for it."""

    def __init__(self, dark: bool) -> None:
        from standtall.ui.app.application import dressed, dressed_window, open_files
        from standtall.ui.footage.preview_copies import PreviewCopies
        from standtall.ui.widgets import theme

        self.app = dressed(["screenshots"])
        PreviewCopies.want = lambda _self, _source: None
        self.window = dressed_window(self.app, theme.DARK if dark else theme.LIGHT)
        self.window.projects.settings = replace(self.window.projects.settings, walked=True)
        self.window.resize(1280, 800)
        self.window.show()
        open_files(self.window, [], demo=True)
        self.wait(lambda: self.ws.opened is not None and self.window.place == "bench")
        self.pause(3)
        self.window.player.pause()
        self.pause(1)

    @property
    def ws(self):
        return self.window.workspace

    @property
    def inspector(self):
        return self.window.bench.inspector

    def pause(self, seconds: float) -> None:
        from PySide6.QtCore import QEventLoop, QTimer

        loop = QEventLoop()
        QTimer.singleShot(round(1000 * seconds), loop.quit)
        loop.exec()

    def wait(self, until: Callable[[], object]) -> None:
        for _ in range(20 * LONGEST_S):
            if until():
                return
            self.pause(0.05)
        raise RuntimeError("what was waited for did not come")

    def take(self, name: str, of=None) -> None:
        from standtall.ui.widgets import dressing

        self.wait(lambda: not dressing._dresser()._waiting)
        self.pause(1.5)
        (of or self.window).grab().save(str(OUT / f"{name}.png"))

    def sheet(self, opens: Callable[[], object]):
        """What `opens` brings in front, once it is whole."""
        from PySide6.QtWidgets import QDialog

        opens()
        seen = lambda: [d for d in self.window.findChildren(QDialog) if d.isVisible() and getattr(d, "is_whole", True)]  # noqa: E731
        self.wait(seen)
        self.pause(2)
        return seen()[0]

    def word(self, *texts: str) -> int:
        """Where words begin that follow each other in the transcript."""
        words = [w.text.strip(".,?!").lower() for w in self.ws.opened.analysis.words]
        return next(n for n in range(len(words)) if tuple(words[n : n + len(texts)]) == texts)

    def short(self, name: str, first: int, last: int) -> None:
        from standtall.cutting.by_words import from_words

        self.ws.make_short(lambda now: from_words(name, now.analysis, range(first, last)))
        self.wait(lambda: self.ws.opened.entry.short.name == name)
        self.pause(1.5)

    def whole_trick(self, headline: bool) -> None:
        """The last words of the demo as a short, with a headline if asked for."""
        from standtall.model import extra_edits
        from standtall.model.extras import TextExtra

        first = self.word("and", "that", "is", "the", "whole")
        self.short("And that is the whole trick", first, len(self.ws.opened.analysis.words))
        if headline:
            self.ws.edit(lambda s, _a: extra_edits.put_in(s, TextExtra(0, "I'm Ren Tansley", headline=True)))
            self.wait(lambda: self.ws.opened.entry.short.extras.items)
        at = self.ws.opened.analysis.words[self.word("hour", "i'm", "ren", "tansley", "mind")]
        self.ws.selection.seek((at.start + at.end) // 2)
        self.pause(2)


def captions(of: DemoWindow) -> None:
    of.whole_trick(headline=False)
    of.inspector.show_panel("captions")
    of.pause(4)  # looks move
    of.take("bench-captions")
    of.inspector.show_panel("words")
    of.inspector.show_side("transcript")
    of.take("bench-transcript")
    of.window.bench.toggle_even()
    chosen = of.word("i", "have", "brought") - 1
    of.ws.selection.select(range(chosen, chosen + 1))
    of.inspector.show_side("chosen")
    page = of.window.bench.page
    page.verticalScrollBar().setValue(int(page.page.rows[page.page.row_of(chosen)].top) - 200)
    of.take("bench-words")


def extras(of: DemoWindow) -> None:
    of.whole_trick(headline=True)
    of.inspector.show_panel("framing")
    of.take("bench-framing")
    of.inspector.show_panel("sound")
    of.pause(15)  # worked out and measured
    of.take("bench-sound")
    of.inspector.show_panel("extras")
    of.inspector.extras.items.list.setCurrentRow(0)
    of.take("bench-extras")
    of.window.go("footage")
    of.pause(6)  # twelve pictures
    of.take("footage")


def dark(of: DemoWindow) -> None:
    of.whole_trick(headline=True)
    of.inspector.show_panel("framing")
    of.take("bench-dark")


def cutting(of: DemoWindow) -> None:
    of.inspector.show_panel("words")
    for first in ("nobody", "walk", "table"):
        n = of.word(first)
        of.window.bench.basket.put(range(n, n + 14))
        of.pause(0.8)
    of.ws.selection.select(range(0))
    of.inspector.show_side("pieces")
    of.take("bench-pieces")
    of.inspector.show_side("tighten")
    of.take("bench-tighten")
    n = of.word("brought", "a", "cabbage")
    of.ws.selection.seek(of.ws.opened.analysis.words[n].start)
    sheet = of.sheet(of.window.bench.compare)
    sheet.resize(1120, 500)
    of.pause(4)
    of.take("compare", sheet)


def moments(of: DemoWindow) -> None:
    of.window.go("moments")
    of.window.moments.ask()
    of.wait(lambda: len(of.window.moments.cards) >= 3)
    of.pause(5)
    of.take("moments")
    sheet = of.sheet(of.window.show_help)
    sheet.search.setFocus()
    of.take("help", sheet)
    sheet.close()
    of.take("shortcuts", sheet := of.sheet(of.window._show_shortcuts))
    sheet.close()
    of.take("machines", of.sheet(of.window.show_machines))


def renders(of: DemoWindow) -> None:
    from standtall.model import extra_edits
    from standtall.model.extras import TextExtra

    folder = Path(os.environ["HOME"]) / "Videos"
    folder.mkdir(exist_ok=True)
    of.ws.renders.set_folder(folder)
    first = of.word("today", "we", "have")
    of.short("Why one plot feeds five", first, first + 24)
    of.ws.edit(lambda s, _a: extra_edits.put_in(s, TextExtra(0, "One question", headline=True)))
    of.pause(1.5)
    of.window.preview_pane.rendering.start()
    of.wait(lambda: list(folder.glob("[!.]*.mp4")))
    of.pause(1.5)
    of.window.go("bench")
    of.window.preview_pane.rendering.start()
    of.pause(6)
    of.window.go("renders")
    of.take("renders")


def exchange(of: DemoWindow) -> None:
    """The archive searched, and beside it the cut for other programs."""
    from PySide6.QtGui import QColor, QPainter, QPixmap

    sheet = of.sheet(of.inspector.pieces.cuts.write)
    cut = sheet.grab()
    sheet.close()
    sheet = of.sheet(of.window.footage.look_through)
    sheet.resize(860, 620)
    sheet.query.setText("the soil")
    sheet.loose.setChecked(True)
    of.pause(3)
    said = sheet.grab()
    both = QPixmap(said.width() + cut.width() + 30, max(said.height(), cut.height()) + 20)
    both.fill(QColor("#8c8478"))
    painter = QPainter(both)
    painter.drawPixmap(10, 10, said)
    painter.drawPixmap(said.width() + 20, 10, cut)
    painter.end()
    both.save(str(OUT / "exchange.png"))


def calendar(of: DemoWindow) -> None:
    """A month that is full: shorts of every part of the talk, on two channels."""
    from standtall.model.cut import Segment
    from standtall.model.rhythm import ChannelRhythm, Rhythm
    from standtall.model.short import Short

    opened = of.ws.opened
    key, words = opened.source.key, opened.analysis.words
    firsts = range(8, len(words) - 50, 34)
    named = lambda n: " ".join(w.text for w in words[n : n + 5]).strip(".,?")  # noqa: E731
    shorts = [Short.of(named(n), [Segment(key, words[n].start, words[n + 40].end)]) for n in firsts]
    of.ws.with_project(lambda p: [p.add_short(s) for s in shorts])
    of.ws.data.read()
    of.window.go("calendar")
    place = of.window.calendar
    of.wait(lambda: len(place.posts.shorts) >= len(shorts) and place.posts.read)
    evening, morning = Rhythm("Europe/Berlin"), Rhythm("Europe/Berlin", first_minute=9 * 60)
    rhythms = (ChannelRhythm("quillbarn", evening), ChannelRhythm("oddmarrow", morning))
    place.posts.set_settings(lambda s: replace(s, zone="Europe/Berlin", rhythms=rhythms))
    of.wait(place.fill.plan.isEnabled)
    place.show_plan()
    of.wait(lambda: place.posts.plan is not None)
    place.fill.take.click()
    of.wait(lambda: len(place.posts.posts) >= len(shorts))
    place.side.show_tab("post")
    place.view.choose(place.posts.posts[2].id)
    of.pause(25)  # a poster of each
    of.take("calendar")


def preferences(of: DemoWindow) -> None:
    of.take("preferences-german", of.sheet(of.window.show_preferences))


VIEWS: dict[str, tuple[Callable[[DemoWindow], None], tuple[str, ...]]] = {
    "captions": (captions, ("bench-captions", "bench-transcript", "bench-words")),
    "extras": (extras, ("bench-framing", "bench-sound", "bench-extras", "footage")),
    "dark": (dark, ("bench-dark",)),
    "cutting": (cutting, ("bench-pieces", "bench-tighten", "compare")),
    "moments": (moments, ("moments", "help", "shortcuts", "machines")),
    "renders": (renders, ("renders",)),
    "exchange": (exchange, ("exchange",)),
    "calendar": (calendar, ("calendar",)),
    "preferences": (preferences, ("preferences-german",)),
}


def main() -> None:
    if sys.argv[1:2] == ["--in-home"]:
        VIEWS[sys.argv[2]][0](DemoWindow(sys.argv[2] == "dark"))
        sys.stdout.flush()
        os._exit(0)
    every = [name for _view, names in VIEWS.values() for name in names]
    wanted = sys.argv[1:] or every
    if unknown := sorted(set(wanted) - set(every)):
        sys.exit(f"There is no picture {', '.join(unknown)}. Choose of {', '.join(every)}.")
    for view in (v for v, (_does, names) in VIEWS.items() if set(names) & set(wanted)):
        language = "de" if view == "preferences" else "en"
        with tempfile.TemporaryDirectory() as home:
            own = {"HOME": home, "QT_QPA_PLATFORM": "offscreen", "STAND_TALL_LANGUAGE": language}
            own |= {folder: f"{home}/{folder}" for folder in FOLDERS}
            print(view, flush=True)
            subprocess.run([sys.executable, __file__, "--in-home", view], env={**os.environ, **own}, check=True)


if __name__ == "__main__":
    main()
