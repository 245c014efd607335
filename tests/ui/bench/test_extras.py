"""The extras panel, the extras lane and extras on the tall picture, in the real window."""

from __future__ import annotations

from pathlib import Path

import pytest
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage
from pytestqt.qtbot import QtBot

from standtall.base.geometry import Rect
from standtall.compose.painters.extra_boxes import extra_boxes
from standtall.model.extents import FromExtent, OpeningExtent, PassageExtent, WholeExtent
from standtall.model.extras import BarExtra, PictureExtra, SoundExtra, TextExtra
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.extras.panel import ExtrasPanel
from standtall.ui.preview import extra_drag
from standtall.ui.widgets.property_controls import NumberControl
from tests.ui.driving import WAIT, Shown, edited, short_of


@pytest.fixture
def panel(window: MainWindow) -> ExtrasPanel:
    window.bench.inspector.show_panel("extras")
    return window.bench.inspector.extras


def still(path: Path) -> Path:
    image = QImage(320, 180, QImage.Format.Format_RGB32)
    image.fill(QColor("#3366aa"))
    assert image.save(str(path))
    return path


def there_of(picture: QRectF, box: Rect) -> QRectF:
    return extra_drag.on_picture(picture, QRectF(box.x, box.y, box.w, box.h))


def words_at(window: MainWindow, first: int, last: int) -> None:
    window.workspace.selection.select(range(first, last + 1))


def test_a_headline_comes_from_the_short_s_own_words_and_another_one_can_be_had(
    qtbot: QtBot, window: MainWindow, panel: ExtrasPanel
) -> None:
    assert panel.items.empty.isVisible()
    edited(qtbot, window, panel.items.adds["headline"].click)
    (extra,) = short_of(window).extras.items
    assert isinstance(extra, TextExtra)
    assert extra.headline
    said = " ".join(w.text for w in window.workspace.opened.analysis.words).lower()  # type: ignore[union-attr]
    assert extra.text.strip("?…").lower() in said or extra.text.split()[1].lower() in said, "nothing is invented"
    assert panel.chosen.text.toPlainText() == extra.text
    edited(qtbot, window, panel.chosen.again.click)
    other = short_of(window).extras.items[0]
    assert isinstance(other, TextExtra)
    assert other.text != extra.text
    edited(qtbot, window, lambda: [panel.chosen.text.setPlainText(t) for t in ("M", "My", "My\nown words")])
    assert short_of(window).extras.items[0].text == "My\nown words"  # type: ignore[union-attr]
    edited(qtbot, window, window.workspace.undo)
    assert short_of(window).extras.items[0].text == other.text, "typing is one step"  # type: ignore[union-attr]


def test_extents_are_one_click_and_what_is_missed_is_told(qtbot: QtBot, window: MainWindow, panel: ExtrasPanel) -> None:
    edited(qtbot, window, panel.items.adds["headline"].click)
    chosen, opened = panel.chosen, window.workspace.opened
    assert opened is not None
    assert "whole short" in chosen.missing.text()
    edited(qtbot, window, chosen.extents["opening"].click)
    assert isinstance(short_of(window).extras.items[0].extent, OpeningExtent)
    assert "Misses" in chosen.missing.text()
    words_at(window, 10, 14)
    edited(qtbot, window, chosen.extents["words"].click)
    extent = short_of(window).extras.items[0].extent
    assert isinstance(extent, PassageExtent)
    words = opened.analysis.words
    assert (extent.first, extent.last, extent.of) == (words[10].id, words[14].id, "words")
    edited(qtbot, window, chosen.extents["shot"].click)
    assert short_of(window).extras.items[0].extent.of == "shot"  # type: ignore[union-attr]
    window.workspace.selection.seek(words[20].start)
    edited(qtbot, window, chosen.extents["from"].click)
    assert short_of(window).extras.items[0].extent == FromExtent(opened.source.key, words[20].start)
    edited(qtbot, window, chosen.extents["whole"].click)
    assert short_of(window).extras.items[0].extent == WholeExtent()
    assert chosen.extents["whole"].isChecked()


def test_controls_change_the_chosen_extra_and_go_back(qtbot: QtBot, window: MainWindow, panel: ExtrasPanel) -> None:
    edited(qtbot, window, panel.items.adds["progress bar"].click)
    thickness = panel.chosen.controls["thickness"]
    assert isinstance(thickness, NumberControl)
    edited(qtbot, window, lambda: thickness._moved(100, False))
    bar = short_of(window).extras.items[0]
    assert isinstance(bar, BarExtra)
    assert bar.thickness == pytest.approx(0.051)
    assert not thickness.back.isHidden()
    edited(qtbot, window, thickness.back.click)
    assert short_of(window).extras.items[0].thickness == BarExtra(0).thickness  # type: ignore[union-attr]
    edited(qtbot, window, panel.items.adds["headline"].click)
    size = panel.chosen.controls["size"]
    edited(qtbot, window, lambda: size._moved(60, False))  # type: ignore[attr-defined]
    text = next(e for e in short_of(window).extras.items if isinstance(e, TextExtra))
    assert "size" in text.style
    edited(qtbot, window, size.back.click)
    text = next(e for e in short_of(window).extras.items if isinstance(e, TextExtra))
    assert text.style == {}
    edited(qtbot, window, panel.chosen.gone.click)
    assert [type(e) for e in short_of(window).extras.items] == [BarExtra]


def test_a_logo_goes_into_a_corner_and_what_is_no_picture_is_told(
    qtbot: QtBot, window: MainWindow, panel: ExtrasPanel, tmp_path: Path
) -> None:
    edited(qtbot, window, lambda: panel.items.add_logo(still(tmp_path / "logo.png")))
    (logo,) = short_of(window).extras.items
    assert isinstance(logo, PictureExtra)
    assert (logo.role, logo.corner) == ("logo", "top right")
    (tmp_path / "bad.svg").write_text("<svg><script/></svg>")
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        panel.items.add_logo(tmp_path / "bad.svg")
    assert "script" in told.args[0]
    assert short_of(window).extras.items == (logo,), "nothing is lost"


def test_pictures_are_searched_and_put_over_the_chosen_words(qtbot: QtBot, window: MainWindow, panel: ExtrasPanel) -> None:
    library = panel.library
    qtbot.waitUntil(lambda: library.list.count() > 80, timeout=WAIT)
    qtbot.waitUntil(lambda: not library.list.item(0).icon().isNull(), timeout=WAIT)
    library.sought.setText("rain")
    titles = {library.list.item(r).data(Qt.ItemDataRole.UserRole).title for r in range(library.list.count())}
    assert {"Rain", "Umbrella"} <= titles
    assert "Dog" not in titles
    words_at(window, 6, 8)
    edited(qtbot, window, lambda: library.list.itemClicked.emit(library.list.item(0)))
    (sticker,) = short_of(window).extras.items
    assert isinstance(sticker.extent, PassageExtent)
    assert sticker.extent.first == window.workspace.opened.analysis.words[6].id  # type: ignore[union-attr]


def test_suggestions_have_reasons_and_are_taken_or_refused_one_by_one(
    qtbot: QtBot, window: MainWindow, panel: ExtrasPanel
) -> None:
    qtbot.waitUntil(lambda: bool(panel.library.library), timeout=WAIT)
    card = panel.suggestions
    card.suggest()
    qtbot.waitUntil(lambda: card.list.count() > 2, timeout=WAIT)
    count = card.list.count()
    assert all(": " in card.list.item(r).text().splitlines()[1] for r in range(count)), "each says its word"
    card.list.setCurrentRow(0)
    card.refuse.click()
    assert card.list.count() == count - 1
    card.list.setCurrentRow(0)
    edited(qtbot, window, card.take.click)
    assert len(short_of(window).extras.items) == 1
    assert card.list.count() == count - 2
    edited(qtbot, window, card.all.click)
    assert len(short_of(window).extras.items) == count - 1
    edited(qtbot, window, window.workspace.undo)
    assert len(short_of(window).extras.items) == 1, "all are one step"
    card.suggest()
    qtbot.waitUntil(lambda: card.list.count() > 0, timeout=WAIT)
    assert card.list.count() <= count - 1, "what was refused is not suggested again"


def test_a_cutaway_over_words_is_placed_framed_and_moved(
    qtbot: QtBot, window: MainWindow, panel: ExtrasPanel, tmp_path: Path
) -> None:
    panel.show_side("cutaways")
    words_at(window, 8, 12)
    edited(qtbot, window, lambda: panel.cutaways.put_over(still(tmp_path / "a.png")))
    words = window.workspace.opened.analysis.words  # type: ignore[union-attr]
    (cutaway,) = short_of(window).extras.cutaways
    assert (cutaway.extent.start, cutaway.extent.end) == (words[8].start, words[12].end)
    assert cutaway.move == "nearer", "a still moves slowly"
    window.workspace.selection.seek(words[9].start)
    box = panel.cutaways.boxes["placing"]
    box.setCurrentIndex(box.findData("beside"))
    edited(qtbot, window, lambda: box.activated.emit(box.currentIndex()))
    assert short_of(window).extras.cutaways[0].placing == "beside"
    box.setCurrentIndex(box.findData("behind"))
    edited(qtbot, window, lambda: box.activated.emit(box.currentIndex()))  # it is looked first whether people can be told
    assert short_of(window).extras.cutaways[0].placing == "behind"
    assert not panel.cutaways.boxes["fit"].isEnabled()
    edited(qtbot, window, panel.cutaways.remove_here.click)
    assert short_of(window).extras.cutaways == ()


def test_clips_transitions_and_effects(qtbot: QtBot, window: MainWindow, panel: ExtrasPanel, tmp_path: Path) -> None:
    panel.show_side("ends")
    edited(qtbot, window, lambda: panel.clips.put("opening", still(tmp_path / "title.png")))
    assert short_of(window).extras.opening.length == 2 * 48_000  # type: ignore[union-attr]
    edited(qtbot, window, lambda: panel.clips.lengths["opening"].setValue(3.0))
    assert short_of(window).extras.opening.length == 3 * 48_000  # type: ignore[union-attr]
    edited(qtbot, window, lambda: (window.workspace.selection.select(range(5, 7)), window.bench.inspector.chosen.cut()))
    panel.transitions.choice.setCurrentIndex(panel.transitions.choice.findData("push"))
    edited(qtbot, window, panel.transitions.put_everywhere)
    assert [t.transition for t in short_of(window).cut.at_cuts] == ["push"]
    assert "1 with a transition" in panel.transitions.told.text()
    edited(qtbot, window, panel.transitions.gone.click)
    assert short_of(window).cut.at_cuts == ()
    edited(qtbot, window, panel.effects.put_at_cuts)
    edited(qtbot, window, panel.effects.put_here)
    assert [type(e) for e in short_of(window).extras.items] == [SoundExtra, SoundExtra]
    edited(qtbot, window, panel.clips.removes["opening"].click)
    assert short_of(window).extras.opening is None


# the lane


def test_bars_in_the_lane_are_chosen_and_dragged_onto_other_words(qtbot: QtBot, window: MainWindow, panel: ExtrasPanel) -> None:
    edited(qtbot, window, panel.items.adds["headline"].click)
    words_at(window, 4, 6)
    edited(qtbot, window, panel.chosen.extents["words"].click)
    window.workspace.selection.choose_extra(None)
    page, opened = window.bench.page, window.workspace.opened
    assert opened is not None
    page.show_tick(0)
    page.verticalScrollBar().setValue(0)
    (bar,) = [b for b in page.extras.bars() if b.kind == "headline"]
    place = page.extras._place(bar, page.right)
    qtbot.mouseClick(page.viewport(), Qt.MouseButton.LeftButton, pos=place.center().toPoint())
    assert window.workspace.selection.extra == bar.extra
    words = opened.analysis.words
    assert page.page is not None
    y = int(page.page.y((words[9].start + words[9].end) // 2))
    end = QPointF(place.center().x(), place.bottom() - 1).toPoint()

    def drag() -> None:
        qtbot.mousePress(page.viewport(), Qt.MouseButton.LeftButton, pos=end)
        qtbot.mouseMove(page.viewport(), QPointF(end.x(), y).toPoint())
        page.extras.move(float(y))
        qtbot.mouseRelease(page.viewport(), Qt.MouseButton.LeftButton, pos=QPointF(end.x(), y).toPoint())

    edited(qtbot, window, drag)
    extent = short_of(window).extras.items[0].extent
    assert isinstance(extent, PassageExtent)
    assert extent.first == words[4].id
    assert extent.end > words[6].end
    assert extent.last in {w.id for w in words[7:14]}


# the tall picture


def test_a_text_is_dragged_and_sized_on_the_tall_picture(qtbot: QtBot, window: MainWindow, panel: ExtrasPanel) -> None:
    shown = Shown(window.player)
    edited(qtbot, window, panel.items.adds["headline"].click)
    window.workspace.selection.seek(short_of(window).segments[0].start + 48_000)
    shown.wait(qtbot)
    view = window.preview_pane.picture
    qtbot.waitUntil(lambda: view._shown is not None and view._shown.frame >= 0, timeout=WAIT)
    opened = window.workspace.opened
    assert opened is not None
    (box,) = extra_boxes(opened.composition, view._shown.frame)  # type: ignore[union-attr]
    there = there_of(view._box(), box.box)
    start, by = there.center().toPoint(), QPointF(0, 60).toPoint()

    def drag() -> None:
        qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=start)
        qtbot.mouseMove(view, start + by)
        qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=start + by)

    before = short_of(window).extras.items[0]
    edited(qtbot, window, drag)
    after = short_of(window).extras.items[0]
    assert isinstance(before, TextExtra)
    assert isinstance(after, TextExtra)
    assert after.down - before.down == pytest.approx(60 / view._box().height(), abs=0.01)
    held = extra_drag.held(opened, [box], there.topRight(), view._box())
    assert held is not None
    assert held.how == "size"
    larger = held.moved(0.05, 0.0)
    assert larger.after[2] > box.size
    made = larger.edit(short_of(window)).short.extras.items[0]
    assert made.style["size"] == larger.after[2]  # type: ignore[union-attr]
    assert extra_drag.held(opened, [box], QPointF(-50, -50), view._box()) is None


def test_a_picture_dragged_out_of_its_corner_is_free(
    qtbot: QtBot, window: MainWindow, panel: ExtrasPanel, tmp_path: Path
) -> None:
    edited(qtbot, window, lambda: panel.items.add_logo(still(tmp_path / "logo.png")))
    opened = window.workspace.opened
    assert opened is not None
    (box,) = extra_boxes(opened.composition, 10)
    drag = extra_drag.held(
        opened,
        [box],
        there_of(window.preview_pane.picture._box(), box.box).center(),
        window.preview_pane.picture._box(),
    )
    assert drag is not None
    moved = drag.moved(-0.2, 0.3).edit(short_of(window)).short.extras.items[0]
    assert isinstance(moved, PictureExtra)
    assert moved.corner == "free"
    assert (moved.across, moved.down) == pytest.approx((box.across - 0.2, box.down + 0.3), abs=0.01)
