"""What is offered at the pointer, copied, pasted and dragged on the Bench, in the real window."""

from __future__ import annotations

from pathlib import Path

import pytest
from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QContextMenuEvent, QDrag, QDragEnterEvent, QDropEvent, QGuiApplication, QImage
from PySide6.QtWidgets import QApplication, QWidget
from pytestqt.qtbot import QtBot

from standtall.base.errors import NothingToDo
from standtall.model import copied, edits
from standtall.model.cut import Segment
from standtall.model.extras import BarExtra
from standtall.model.short import Short
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.clipboard import PASSAGES
from tests.conftest import make_clip
from tests.ui.driving import WAIT, edited


def offered(window: MainWindow, x: float, word: int = 40) -> list[str]:
    """The texts of the menu at a place of the page, at the row of a word."""
    page = window.bench.page
    assert page.page is not None
    page.ensure_row(page.page.row_of(word))
    y = page.page.rows[page.page.row_of(word)].top + 8 - page.verticalScrollBar().value()
    at = QPoint(int(x), int(y))
    event = QContextMenuEvent(QContextMenuEvent.Reason.Mouse, at, page.viewport().mapToGlobal(at), Qt.KeyboardModifier.NoModifier)
    QApplication.sendEvent(page.viewport(), event)
    found = [a.text().partition("\t")[0] for a in window.bench.offered.actions() if not a.isSeparator()]
    window.bench.offered.close()
    return found


def dropped(widget: QWidget, data: QMimeData, at: QPoint) -> bool:
    """Drop something on a widget as the desktop does; -> whether it was taken."""
    copy, button, none = Qt.DropAction.CopyAction, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    enter = QDragEnterEvent(at, copy, data, button, none)
    QApplication.sendEvent(widget, enter)
    if not enter.isAccepted():
        return False
    QApplication.sendEvent(widget, QDropEvent(QPointF(at), copy, data, button, none))
    return True


def test_each_part_of_the_page_offers_what_can_be_done_there(window: MainWindow) -> None:
    page, selection = window.bench.page, window.workspace.selection
    texts = offered(window, page._words_x() + 30)
    assert "Cut the chosen words out of the short" in texts
    assert selection.words is not None and len(selection.words) == 1
    selection.select(range(38, 44))
    offered(window, page.right - 40)
    assert selection.words == range(38, 44), "a menu on chosen words is of all of them"
    assert any("shot" in t.lower() for t in offered(window, page._lane().x + 20))
    assert any("extra" in t.lower() for t in offered(window, page.right + 20))
    assert any("Start the short here" in t for t in offered(window, 10))


def test_words_are_copied_as_text_with_times_and_pasted_at_the_end(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    assert ws.opened is not None
    words, before = ws.opened.analysis.words, ws.opened.entry.short.segments
    ws.selection.select(range(200, 206))
    window.bench.clipboard.copy_words()
    text = QGuiApplication.clipboard().text()
    assert text.endswith(" ".join(w.text for w in words[200:206])) and text[0].isdigit()
    edited(qtbot, window, window.bench.clipboard.paste_words)
    assert ws.opened.entry.short.segments[:-1] == before
    added = ws.opened.entry.short.segments[-1]
    assert added.start <= words[200].start and words[205].end <= added.end
    QGuiApplication.clipboard().setText("words of another program")
    with qtbot.waitSignal(ws.said, timeout=WAIT) as said:
        window.bench.clipboard.paste_words()
    assert "No words were copied" in said.args[0]


@pytest.mark.fault
@pytest.mark.parametrize("text", ["", "[", "{}", "[1]", '[{"source": "x"}]', '[{"source": 5, "start": 0, "end": 1}]', "[" * 100_000,
                                  '[{"source": "aaaaaaaaaaaaaaaaaaaaaaaa", "start": 0, "end": 100}]'])  # fmt: skip
def test_passages_of_strangers_are_refused(window: MainWindow, text: str) -> None:
    with pytest.raises(NothingToDo):
        copied.passages_in(text, window.workspace.sources)


@pytest.mark.fault
def test_a_desktop_without_a_clipboard_has_no_words(window: MainWindow) -> None:
    said: list[str] = []
    window.workspace.said.connect(lambda text, _kind: said.append(text))
    window.bench.clipboard.put(None)
    assert said == ["No words were copied. Choose words in a transcript, then Ctrl+C."]


def test_style_and_framing_go_from_short_to_short(qtbot: QtBot, window: MainWindow) -> None:
    ws, clipboard = window.workspace, window.bench.clipboard
    assert ws.opened is not None
    edited(qtbot, window, lambda: ws.edit(lambda s, _a: edits.Edit("x", _other(s))))
    clipboard.copy_short()
    edited(qtbot, window, window.undo)
    edited(qtbot, window, clipboard.paste_style)
    captions = ws.opened.entry.short.captions
    assert captions.place == 0.3 and captions.masked == (), "what is about single words is not taken over"
    edited(qtbot, window, clipboard.paste_framing)
    assert ws.opened.entry.short.framing.calm == 0.1 and ws.opened.entry.short.output.width == 1080
    with qtbot.waitSignal(ws.said, timeout=WAIT) as said:
        clipboard.paste_framing()
    assert "already" in said.args[0]


def _other(short: Short) -> Short:
    from dataclasses import replace

    captions = replace(short.captions, place=0.3, masked=("secret",))
    return replace(short, captions=captions, framing=replace(short.framing, calm=0.1))


def test_an_extra_is_copied_and_a_frame_is_a_picture(qtbot: QtBot, window: MainWindow) -> None:
    ws, clipboard = window.workspace, window.bench.clipboard
    edited(qtbot, window, lambda: window.bench.inspector.extras.items.add(BarExtra(0)))
    assert ws.opened is not None
    (bar,) = ws.opened.entry.short.extras.items
    ws.selection.choose_extra(bar.id)
    clipboard.copy_extra()
    edited(qtbot, window, window.undo)
    edited(qtbot, window, clipboard.paste_extra)
    assert [type(e) for e in ws.opened.entry.short.extras.items] == [BarExtra]
    qtbot.waitUntil(lambda: window.bench.tall_image is not None, timeout=WAIT)
    clipboard.copy_frame()
    image = QGuiApplication.clipboard().image()
    assert isinstance(image, QImage) and image.height() > image.width() > 100


def test_chosen_words_are_dragged_into_the_basket(qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    ws, page = window.workspace, window.bench.page
    assert ws.opened is not None and page.page is not None
    ws.selection.select(range(40, 43))
    page.ensure_row(page.page.row_of(40))
    box = dict(page.words.places(page.page.row_of(40)))[40]
    start = QPoint(int(box.center().x()), int(box.center().y()) - page.verticalScrollBar().value())
    carried: list[QMimeData] = []
    monkeypatch.setattr(QDrag, "exec", lambda drag, *_a: carried.append(_kept(drag.mimeData())))
    qtbot.mousePress(page.viewport(), Qt.MouseButton.LeftButton, pos=start)
    qtbot.mouseMove(page.viewport(), start + QPoint(3, 40))
    qtbot.mouseRelease(page.viewport(), Qt.MouseButton.LeftButton, pos=start + QPoint(3, 40))
    assert len(carried) == 1 and carried[0].text().endswith(" ".join(w.text for w in ws.opened.analysis.words[40:43]))
    pieces = window.bench.inspector.pieces
    edited(qtbot, window, lambda: dropped(pieces.viewport(), carried[0], QPoint(20, 20)))
    (passage,) = ws.opened.basket
    assert passage.start <= ws.opened.analysis.words[40].start
    ws.selection.select(range(40, 43))
    qtbot.mouseClick(page.viewport(), Qt.MouseButton.LeftButton, pos=start)
    assert ws.selection.words is None, "a click on chosen words that drags nothing chooses anew"
    edited(qtbot, window, lambda: dropped(page.viewport(), carried[0], start))
    assert ws.opened.entry.short.segments[-1] == passage


def _kept(data: QMimeData) -> QMimeData:
    """A copy: what is dragged goes with its drag."""
    copy = QMimeData()
    copy.setText(data.text())
    copy.setData(PASSAGES, data.data(PASSAGES))
    return copy


def test_files_are_dropped_onto_any_place_and_pictures_onto_the_extras(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    added: list[list[Path]] = []
    monkeypatch.setattr(window.footage, "add", added.append)
    clip = make_clip(tmp_path / "talk.mp4", 20)
    files = QMimeData()
    files.setUrls([QUrl.fromLocalFile(str(clip))])
    window.go("renders")
    assert dropped(window, files, QPoint(400, 300))
    assert added == [[clip]] and window.place == "footage"
    window.go("bench")
    page = window.bench.page
    dropped(page.viewport(), files, QPoint(int(page.right) + 20, 60))
    assert len(added) == 2 and window.place == "footage", "the page leaves footage to the window"
    window.go("bench")
    picture = tmp_path / "hat.png"
    image = QImage(64, 64, QImage.Format.Format_RGB32)
    image.fill(0xFF8800)
    image.save(str(picture))
    shown = QMimeData()
    shown.setUrls([QUrl.fromLocalFile(str(picture))])
    edited(qtbot, window, lambda: dropped(page.viewport(), shown, QPoint(int(page.right) + 20, 60)))
    assert window.workspace.opened is not None
    (cutaway,) = window.workspace.opened.entry.short.extras.cutaways
    assert cutaway.path == str(picture)


def test_a_short_is_deleted_and_comes_back(qtbot: QtBot, window: MainWindow) -> None:
    ws, shorts = window.workspace, window.bench.shorts
    assert ws.opened is not None
    first, key = ws.opened.entry.id, ws.opened.source.key
    with qtbot.waitSignal(ws.opened_changed, timeout=WAIT):
        shorts.delete()
    assert ws.opened is not None and ws.opened.entry.id != first, "a first one takes its place where it was the last"
    shorts._read()
    qtbot.waitUntil(lambda: [e.id for e in shorts.deleted] == [first], timeout=WAIT)
    shorts.bring_back(first)
    qtbot.waitUntil(lambda: ws.opened is not None and ws.opened.entry.id == first, timeout=WAIT)
    assert ws.opened.entry.short.segments[0] == Segment(key, ws.opened.segments[0].start, ws.opened.segments[0].end)


@pytest.mark.fault
def test_undoing_the_deletion_of_another_short_says_so(qtbot: QtBot, window: MainWindow) -> None:
    """Nothing of it is seen on the Bench, so that people undid more and more until something changed there."""
    ws, shorts = window.workspace, window.bench.shorts
    assert ws.opened is not None
    name = ws.opened.entry.short.name
    with qtbot.waitSignal(ws.opened_changed, timeout=WAIT):
        shorts.delete()
    for step, told in ((ws.undo, "Undone"), (ws.redo, "Done again")):
        with qtbot.waitSignal(ws.said, timeout=WAIT) as said:
            edited(qtbot, window, step)
        assert said.args[0].startswith(told) and name in said.args[0]
