"""The captions panel in the real window: looks, style over parts, breaks, emphasis, emoji, dragging on the tall picture."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QPushButton
from pytestqt.qtbot import QtBot

from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.notice import Notice
from standtall.model.edits import Edit
from standtall.model.style import WordScope
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.captions.panel import CaptionsPanel
from standtall.ui.preview import caption_drag
from standtall.ui.widgets import theme
from standtall.ui.widgets.notices import said
from standtall.ui.widgets.property_controls import ChoiceControl, ColourControl, NumberControl, SwitchControl
from tests.ui.driving import WAIT, Shown, edited, short_of


@pytest.fixture
def panel(window: MainWindow) -> CaptionsPanel:
    window.bench.inspector.show_panel("captions")
    return window.bench.inspector.captions


def cards(window: MainWindow) -> list[str]:
    return [card.text for card in window.workspace.opened.composition.cards]  # type: ignore[union-attr]


def test_every_look_moves_in_step_on_the_own_words(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    samples = panel.gallery.samples
    assert len(samples) >= 12
    assert len({sample.look.title for sample in samples}) == len(samples)
    window.workspace.selection.select(range(3, 6))
    own = tuple(window.workspace.opened.analysis.words[i].text for i in range(3, 6))  # type: ignore[union-attr]
    assert {sample._words for sample in samples} == {own}
    gallery = panel.gallery
    gallery._timer.stop()
    qtbot.waitUntil(lambda: not gallery._busy, timeout=WAIT)
    ticks: list[int] = []
    picture = gallery._maker.picture
    gallery._maker.picture = lambda wanted: (ticks.append(wanted.tick), picture(wanted))[1]  # type: ignore[method-assign]
    before = []
    for tick in (0, TICKS_PER_SECOND // 2):
        gallery._tick = tick
        ticks.clear()
        gallery._step()
        qtbot.waitUntil(lambda: not gallery._busy, timeout=WAIT)
        assert len(ticks) >= 4 and len(set(ticks)) == 1, "those that are seen, all in step"
        before.append([sample.grab().toImage() for sample in samples[:4]])
    assert all(a != b for a, b in zip(*before, strict=True))


def test_samples_go_on_after_one_that_could_not_be_made(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    gallery = panel.gallery
    gallery._timer.stop()
    qtbot.waitUntil(lambda: not gallery._busy, timeout=WAIT)
    picture = gallery._maker.picture

    def broken(_wanted: object) -> None:
        raise ValueError("planted")

    gallery._maker.picture = broken  # type: ignore[assignment, method-assign]
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT):
        gallery._step()
    qtbot.waitUntil(lambda: not gallery._busy, timeout=WAIT)
    gallery._maker.picture = picture  # type: ignore[method-assign]
    gallery._step()
    qtbot.waitUntil(lambda: not gallery._busy, timeout=WAIT)
    assert gallery.samples[0].shows_picture


def test_a_property_of_the_short_is_changed_shown_and_cleared(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    style = panel.style_card
    size, italic, case, ink = (style.control(n) for n in ("size", "italic", "case", "ink"))
    assert isinstance(size, NumberControl)
    assert isinstance(italic, SwitchControl)
    assert isinstance(case, ChoiceControl)
    assert isinstance(ink, ColourControl)
    edited(qtbot, window, lambda: size._moved(60, False))
    edited(qtbot, window, italic.box.click)
    edited(qtbot, window, lambda: (case.box.setCurrentIndex(1), case.box.activated.emit(1)))
    edited(qtbot, window, lambda: ink.set_colour(QColor(10, 20, 30, 128)))
    own = short_of(window).captions.style
    assert own["size"] == pytest.approx(0.067)
    assert (own["italic"], own["case"], own["ink"]) == (True, "capitals", "#0a141e80")
    assert not size.back.isHidden()
    assert "4 properties" in style._differs.text()
    edited(qtbot, window, size.back.click)
    assert "size" not in short_of(window).captions.style
    edited(qtbot, window, style.clear_all.click)
    assert short_of(window).captions.style == {}
    assert style._differs.text() == "All as the look has it."


def test_a_word_may_differ_and_stays_different_with_another_look(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    ws, style = window.workspace, panel.style_card
    ws.selection.select(range(4, 5))
    word = ws.opened.analysis.words[4]  # type: ignore[union-attr]
    style.scope.setCurrentIndex(style.scope.findData("word"))
    edited(qtbot, window, lambda: style.set_property("ink", "#ff00ff"))
    edited(qtbot, window, lambda: panel.choose(next(s.look for s in panel.gallery.samples if s.look.name == "hymnal")))
    (override,) = short_of(window).captions.overrides
    assert (override.scope, override.style) == (WordScope(word_source(window), word.id), {"ink": "#ff00ff"})
    styles = [
        w.drawn.style.ink for card in ws.opened.composition.cards  # type: ignore[union-attr]
        for layer in ws.opened.composition._captions(card.start) for w in layer.words if w.word == word.id  # type: ignore[union-attr, attr-defined]
    ]  # fmt: skip
    assert set(styles) == {"#ff00ff"}
    assert not style.control("max_words").isEnabled(), "how many words a card has is the whole short's"
    edited(qtbot, window, style.clear.click)
    assert short_of(window).captions.overrides == ()


def word_source(window: MainWindow) -> str:
    return window.workspace.opened.source.key  # type: ignore[union-attr]


def test_nothing_chosen_is_said(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    window.workspace.selection.select(None)
    window.workspace.selection.seek(window.workspace.opened.source.length - 1)  # type: ignore[union-attr]
    panel.style_card.scope.setCurrentIndex(panel.style_card.scope.findData("card"))
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        panel.style_card.set_property("ink", "#ff00ff")
    assert "Choose words" in said.args[0]


def test_breaks_joins_and_holds_by_hand_survive_a_look(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    ws = window.workspace
    card = next(c for c in ws.opened.composition.cards if len(c.words) >= 3)  # type: ignore[union-attr]
    number = ws.opened.analysis.words.index(card.words[1].said)  # type: ignore[union-attr]
    ws.selection.select(range(number, number + 1))
    edited(qtbot, window, lambda: panel.words.set_break("card"))
    assert any(text.endswith(card.words[0].text) for text in cards(window))
    assert any(text.startswith(card.words[1].text) for text in cards(window))
    edited(qtbot, window, lambda: panel.choose(next(s.look for s in panel.gallery.samples if s.look.name == "footnote")))
    assert any(text.endswith(card.words[0].text) for text in cards(window))
    assert any(text.startswith(card.words[1].text) for text in cards(window))
    edited(qtbot, window, panel.words.as_proposed)
    assert short_of(window).captions.breaks == ()
    before = next(c for c in ws.opened.composition.cards if card.words[1].said in [w.said for w in c.words])  # type: ignore[union-attr]
    edited(qtbot, window, lambda: panel.words.hold(-TICKS_PER_SECOND))
    after = next(c for c in ws.opened.composition.cards if c.start == before.start)  # type: ignore[union-attr]
    assert after.end <= before.end
    assert short_of(window).captions.holds[0].ticks == max(0, before.end - before.words[-1].end - TICKS_PER_SECOND)


def test_emphasis_is_proposed_with_reasons_and_taken_back_in_one_step(
    qtbot: QtBot, window: MainWindow, panel: CaptionsPanel
) -> None:
    panel.emphasis.every.slider.setValue(1)
    edited(qtbot, window, panel.emphasis.propose)
    strong = short_of(window).captions.strong
    assert strong
    assert all(s.why for s in strong)
    assert f"{len(strong)} words" in panel.emphasis.told.text()
    edited(qtbot, window, window.workspace.undo)
    assert short_of(window).captions.strong == ()
    window.workspace.selection.select(range(2, 4))
    edited(qtbot, window, panel.words.toggle_strong)
    assert [s.why for s in short_of(window).captions.strong] == ["", ""]
    edited(qtbot, window, panel.words.toggle_strong)
    assert short_of(window).captions.strong == ()


def test_emoji_are_proposed_changed_and_taken_away(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    panel.show_side("words")
    panel.emoji.every.slider.setValue(1)
    edited(qtbot, window, panel.emoji.propose)
    emoji = short_of(window).captions.emoji
    assert emoji
    assert all(a.emoji != b.emoji for a, b in zip(emoji, emoji[1:], strict=False))
    word = next(n for n, w in enumerate(window.workspace.opened.analysis.words) if w.id == emoji[0].word)  # type: ignore[union-attr]
    window.workspace.selection.select(range(word, word + 1))
    panel.emoji.sought.setText("carrot")
    panel.emoji._offer()

    def first() -> str:
        item = panel.emoji.choice.item(0)
        return "" if item is None else item.data(Qt.ItemDataRole.UserRole)

    qtbot.waitUntil(lambda: first() == "🥕", timeout=WAIT)
    assert not panel.emoji.choice.item(0).icon().isNull()
    edited(qtbot, window, lambda: panel.emoji.put("🥕"))
    assert next(e.emoji for e in short_of(window).captions.emoji if e.word == emoji[0].word) == "🥕"
    edited(qtbot, window, panel.emoji._remove)
    assert len(short_of(window).captions.emoji) == len(emoji) - 1
    edited(qtbot, window, panel.emoji._clear)
    assert short_of(window).captions.emoji == ()


def with_captions(qtbot: QtBot, window: MainWindow) -> QPoint:
    """Show a frame with captions; -> their middle on the tall picture."""
    opened = window.workspace.opened
    assert opened is not None
    view, shown = window.preview_pane.picture, Shown(window.player)
    word = opened.composition.cards[0].words[0].said
    window.workspace.selection.seek(word.start)
    picture = shown.wait(qtbot, opened.frame_for(word.start))
    qtbot.waitUntil(lambda: view._shown is picture, timeout=WAIT)
    box = caption_drag.caption_box(opened.composition, picture.frame)
    assert box is not None
    return caption_drag.on_picture(view._box(), box).center().toPoint()


def test_captions_are_dragged_on_the_tall_picture(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    view, at = window.preview_pane.picture, with_captions(qtbot, window)
    before = window.workspace.opened.composition.middle_at(view._shown.frame)  # type: ignore[union-attr]
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=at)
    qtbot.mouseMove(view, at + QPoint(0, -30))
    qtbot.waitUntil(lambda: view._tried is not None, timeout=WAIT)
    assert view._tried is not None
    assert view._tried.caption_middle < before, "what is dragged is seen before it is let go"
    edited(qtbot, window, lambda: qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=at + QPoint(0, -30)))
    place = short_of(window).captions.place
    assert place == pytest.approx(before - 30 / view._box().height(), abs=0.01)
    assert short_of(window).captions.style["across"] == 0.5, "near the middle it goes to the middle"


def test_a_corner_sizes_and_a_side_widens(window: MainWindow) -> None:
    opened = window.workspace.opened
    assert opened is not None
    box = caption_drag.caption_box(opened.composition, opened.composition.frame_at(opened.composition.cards[0].start) + 1)
    picture = window.preview_pane.picture._box()
    there = caption_drag.on_picture(picture, box)  # type: ignore[arg-type]
    corner = caption_drag.held(opened, 0, box, there.bottomRight(), picture)
    side = caption_drag.held(opened, 0, box, QPointF(there.left(), there.center().y()), picture)
    assert corner is not None
    assert side is not None
    assert (corner.how, side.how) == ("size", "width")
    style = opened.composition.caption_style
    assert corner.moved(0.05, 0.0).edit(opened.entry.short).short.captions.style["size"] > style.size  # type: ignore[operator]
    assert side.moved(-0.02, 0.0).edit(opened.entry.short).short.captions.style["width"] == pytest.approx(style.width + 0.04)
    assert caption_drag.held(opened, 0, box, picture.topLeft(), picture) is None
    hidden = replace(
        opened.composition, short=replace(opened.entry.short, captions=replace(opened.entry.short.captions, shown=False))
    )
    assert caption_drag.caption_box(hidden, 0) is None


@pytest.mark.fault
def test_the_word_marked_on_the_page_is_the_one_highlighted_in_the_picture(window: MainWindow) -> None:
    """In every frame, and where the playhead goes to a word."""
    opened = window.workspace.opened
    assert opened is not None
    made, words = opened.composition, opened.analysis.words
    for frame in range(made.frames):
        heard = made.heard_in(frame)
        marked, lit = opened.said_at(heard.tick), made.highlighted(frame)
        assert (None if marked is None else words[marked].id) == (None if lit is None else lit.said.id), frame
    for card in made.cards:
        for word in card.words:
            window.workspace.selection.seek(word.said.start)
            shown = made.highlighted(window.workspace.frame_at(word.said.start).number)
            assert shown is not None
            assert shown.said.id == word.said.id
            assert words[opened.said_at(word.said.start)].id == word.said.id  # type: ignore[index]


def test_a_look_of_ones_own_is_kept_used_written_and_read(
    qtbot: QtBot, window: MainWindow, panel: CaptionsPanel, tmp_path: Path
) -> None:
    edited(qtbot, window, lambda: panel.style_card.set_property("weight", 800))
    panel.own_looks.name.setText("Potting Shed")
    edited(qtbot, window, panel.own_looks.keep)
    assert short_of(window).captions.look == "potting-shed"
    assert short_of(window).captions.style == {}
    qtbot.waitUntil(lambda: any(s.look.name == "potting-shed" for s in panel.gallery.samples), timeout=WAIT)
    look = next(s.look for s in panel.gallery.samples if s.look.name == "potting-shed")
    assert look.style.weight == 800
    panel.own_looks.write(look, tmp_path / "shed")
    qtbot.waitUntil((tmp_path / "shed.look.json").exists, timeout=WAIT)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda t, _k: "among your looks now" in t):
        panel.own_looks.read(tmp_path / "shed.look.json")


def test_all_shorts_take_the_look(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    other = replace(short_of(window), name="another")
    window.workspace.make_short(lambda _p: other, copy=True)
    qtbot.waitUntil(lambda: short_of(window).name == "another", timeout=WAIT)
    edited(qtbot, window, lambda: panel.choose(next(s.look for s in panel.gallery.samples if s.look.name == "chalk")))
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda t, _k: "have the look" in t):
        panel.own_looks.use_in_all()
    looks: list[str] = []
    window.workspace.with_project(lambda p: [e.short.captions.look for e in p.shorts()], looks.extend)
    qtbot.waitUntil(lambda: len(looks) >= 2, timeout=WAIT)
    assert set(looks) == {"chalk"}


def test_what_cannot_be_read_is_found_gone_to_and_mended(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    window.workspace.selection.select(range(20))
    edited(qtbot, window, window.bench.inspector.chosen.use_only)
    card = panel.legible
    for name, value in (("plate", "#00000000"), ("ink", "#6b5a4a"), ("highlight", "#6b5a4a"), ("line", "#00000000")):
        edited(qtbot, window, lambda n=name, v=value: panel.style_card.set_property(n, v))  # type: ignore[misc]
    card.check.click()
    assert not card.check.isEnabled()
    qtbot.waitUntil(lambda: not window.workspace.legible.busy, timeout=WAIT)
    assert card.list.count() > 0
    assert "contrast" in card.list.item(0).text()
    card._go(card.list.item(0))
    number = card.list.item(0).data(Qt.ItemDataRole.UserRole)
    first = window.workspace.opened.composition.cards[number].words[0].said  # type: ignore[union-attr]
    assert window.workspace.selection.playhead == first.start
    edited(qtbot, window, card.make.click)
    assert card.list.count() == 0
    assert "not edited" in card.told.text()
    card.check.click()
    card.stop.click()
    qtbot.waitUntil(lambda: not window.workspace.legible.busy, timeout=WAIT)
    assert card.check.isEnabled()


def test_captions_are_looked_at_by_themselves_and_mended_from_the_list(
    qtbot: QtBot, window: MainWindow, panel: CaptionsPanel
) -> None:  # fmt: skip
    """Captions that cannot be read are among the things to look at, without being asked for; an edit that changes neither
    captions nor picture leaves them there."""
    legible, rows = window.workspace.legible, window.bench.inspector.framing.notices

    def told() -> list[Notice]:
        return [n for n in window.workspace.opened.notices if n.kind == "hard to read"]  # type: ignore[union-attr]

    window.workspace.selection.select(range(20))
    edited(qtbot, window, window.bench.inspector.chosen.use_only)
    for name, value in (("plate", "#00000000"), ("highlight", "#6b5a4a"), ("line", "#00000000")):
        edited(qtbot, window, lambda n=name, v=value: panel.style_card.set_property(n, v))  # type: ignore[misc]
    assert not told()
    legible._calm.setInterval(50)
    legible.wait(True)
    edited(qtbot, window, lambda: panel.style_card.set_property("ink", "#6b5a4a"))
    qtbot.wait(300)
    assert not legible.busy and not told(), "not while it is played"
    legible.wait(False)
    qtbot.waitUntil(lambda: bool(told()), timeout=WAIT)
    assert "contrast" in said(told()[0])
    assert told()[0].place is not None
    window.bench.inspector.show_panel("framing")
    texts = [b.text() for b in window.bench.inspector.framing.findChildren(QPushButton)]
    assert any("contrast" in t for t in texts)
    assert str(len(window.workspace.opened.notices)) in window.preview_pane.rendering._go.text()  # type: ignore[union-attr]
    before = told()
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: Edit("Name", replace(s, name="other"))))
    assert told() == before, "a name changes no picture"
    with qtbot.waitSignal(legible.made_legible, timeout=WAIT):
        rows._mend(before[0], "make all legible")
    qtbot.waitUntil(lambda: legible.found is not None and not told() and not legible.busy, timeout=WAIT)
    assert legible.found is not None
    assert not [f for f in legible.found.found if f.fault == "contrast"]


def test_looks_are_compared_beside_each_other_and_one_is_chosen(qtbot: QtBot, window: MainWindow) -> None:
    card = next(c for c in window.workspace.opened.composition.cards if len(c.words) > 2)  # type: ignore[union-attr]
    window.workspace.selection.seek(card.words[1].said.end - 1_000)
    window.bench.compare()
    sheet = window.bench.comparing
    assert sheet is not None
    sheet.show_side("looks")
    first = [v.title for v in sheet._versions]
    assert first[0] == "Broadsheet"
    assert len(first) == 6
    qtbot.waitUntil(lambda: all(t.image is not None for t in sheet.tiles), timeout=WAIT)
    assert [t.current for t in sheet.tiles] == [True, False, False, False, False, False]
    pictures = [t.image for t in sheet.tiles]
    assert all(a != b for n, a in enumerate(pictures) for b in pictures[n + 1 :])
    sheet.show_others()
    assert sheet._versions[0].title == "Broadsheet"
    assert set(first[1:]).isdisjoint(v.title for v in sheet._versions[1:])
    wanted = sheet._versions[2].title
    edited(qtbot, window, lambda: sheet.choose(3))
    assert next(k.title for k in window.workspace.data.looks if k.name == short_of(window).captions.look) == wanted


def test_masked_words_keep_their_first_letter(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    panel.words.masked.setText("allotment, hour")
    edited(qtbot, window, panel.words.set_masked)
    assert short_of(window).captions.masked == ("allotment", "hour")
    made = window.workspace.opened.composition  # type: ignore[union-attr]
    shown = [w.drawn.text for c in made.cards[:4] for layer in made._captions(c.start) for w in layer.words]  # type: ignore[attr-defined]
    assert "a••••••••" in shown
    assert "h•••." in shown


def test_words_that_differ_are_marked_on_the_page(qtbot: QtBot, window: MainWindow, panel: CaptionsPanel) -> None:
    page = window.bench.page
    window.workspace.selection.select(None)
    before = page.viewport().grab().toImage()
    window.workspace.selection.select(range(1, 2))
    edited(qtbot, window, panel.words.toggle_strong)
    window.workspace.selection.select(None)
    after = page.viewport().grab().toImage()
    box = dict(page.words.places(page.page.row_of(1)))[1]  # type: ignore[union-attr]
    at = QPoint(round(box.right() + 1), round(box.top() + 7) - page.verticalScrollBar().value())
    assert QColor(after.pixel(at)).name() == theme.KEPT.lower()
    assert before.pixel(at) != after.pixel(at)
    assert short_of(window).captions.own_words(word_source(window))
