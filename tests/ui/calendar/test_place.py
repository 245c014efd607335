"""The Calendar place in the real window: posts planned, written, filled, approved, undone."""

from __future__ import annotations

import subprocess
import sys
import time
from dataclasses import replace
from datetime import date, timedelta
from fractions import Fraction
from pathlib import Path

import pytest
from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QApplication, QFileDialog, QMessageBox
from pytestqt.qtbot import QtBot

from standtall.jobs.events import Ended, RuleStepped
from standtall.jobs.requests import ChannelsRequest, OutboxRequest, RenderRequest, RoutineRequest
from standtall.library.channels import CHANNELS
from standtall.model.cut import Segment
from standtall.model.post import Post
from standtall.model.rhythm import ChannelRhythm, Rhythm
from standtall.model.routine import RuleStep
from standtall.model.short import Short
from standtall.posts.post_store import PostStore
from standtall.posts.zones import at_day_time, local
from standtall.ui.app.window import MainWindow
from standtall.ui.calendar.place import CalendarPlace
from standtall.ui.calendar.view import SHORT_MIME
from standtall.ui.state.renders import Row
from tests.conftest import make_clip, tone
from tests.ui.driving import WAIT, Work

S = 48_000
ZONE = "Europe/Berlin"


@pytest.fixture
def work(window: MainWindow) -> Work:
    return Work(window)


@pytest.fixture
def calendar(qtbot: QtBot, window: MainWindow, work: Work) -> CalendarPlace:
    """Three shorts, two of them for every channel, and a zone."""
    ws = window.workspace
    assert ws.opened is not None
    key = ws.opened.source.key
    shorts = [Short.of(name, [Segment(key, a * S, b * S)]) for name, a, b in (("Compost", 12, 32), ("Spade", 40, 62))]
    with qtbot.waitSignal(ws.data.changed, timeout=WAIT):
        ws.with_project(lambda p: [p.add_short(s) for s in shorts])
        ws.data.read()
    window.go("calendar")
    place = window.calendar
    qtbot.waitUntil(lambda: len(place.posts.shorts) == 3 and place.posts.read, timeout=WAIT)
    place.posts.set_settings(lambda s: replace(s, zone=ZONE))
    qtbot.waitUntil(lambda: place.posts.settings.zone == ZONE, timeout=WAIT)
    return place


def planned(qtbot: QtBot, place: CalendarPlace, channel: str = "quillbarn", name: str = "Compost") -> Post:
    """A short put onto the day after tomorrow."""
    ref = next(s.ref for s in place.posts.shorts if s.ref.name == name)
    for box in place.shorts.boxes.values():
        box.setChecked(False)
    place.shorts.boxes[channel].setChecked(True)
    before = len(place.posts.posts)
    place._dropped(ref.number, date.today() + timedelta(2), 17 * 60)
    qtbot.waitUntil(lambda: len(place.posts.posts) == before + 1, timeout=WAIT)
    made = place.posts.posts[-1]
    place.view.choose(made.id)
    return made


def now_of(place: CalendarPlace, post: Post) -> Post:
    found = place.posts.post(post.id)
    assert found is not None
    return found


def test_a_short_dropped_on_a_day_is_a_post_with_its_own_words_and_undo_takes_it_back(
    qtbot: QtBot, window: MainWindow, calendar: CalendarPlace
) -> None:
    post = planned(qtbot, calendar)
    assert post.state == "held" and post.zone == ZONE
    assert post.text.description and "#" in post.text.description
    assert PostStore().post(post.id) == post
    assert "no finished file" in calendar.post.ready.text()
    window.undo()
    qtbot.waitUntil(lambda: calendar.posts.posts == (), timeout=WAIT)
    window.redo()
    qtbot.waitUntil(lambda: len(calendar.posts.posts) == 1, timeout=WAIT)
    calendar._moved(post.id, date.today() + timedelta(5), None)
    qtbot.waitUntil(lambda: calendar.view.cards[post.id].day == date.today() + timedelta(5), timeout=WAIT)
    assert calendar.view.cards[post.id].minute == 17 * 60


def test_texts_are_proposed_written_counted_and_copied(qtbot: QtBot, calendar: CalendarPlace) -> None:
    post = planned(qtbot, calendar, "oddmarrow")
    panel = calendar.post
    assert panel.source.text().startswith("From its own words: title from")
    before = post.text.title
    panel.propose("names")
    qtbot.waitUntil(lambda: now_of(calendar, post).text.title != before, timeout=WAIT)
    assert panel.manners["names"].isChecked()
    panel.do_another()
    panel.fields.title.setText("")
    qtbot.keyClicks(panel.fields.title, "A title of my own")
    panel.write()
    qtbot.waitUntil(lambda: now_of(calendar, post).text.title == "A title of my own", timeout=WAIT)
    panel.fields.tags.setText("#one, two ##three")
    panel.fields.shelf.setCurrentText("nature")
    panel.write()
    qtbot.waitUntil(lambda: now_of(calendar, post).text.hashtags == ("one", "two", "three"), timeout=WAIT)
    panel.fields._copy_all()
    assert "Title: A title of my own" in QGuiApplication.clipboard().text()
    panel.fields.title.setText("x" * 70)
    panel.fields._typed()
    assert "The title has 70 characters; Oddmarrow takes 64." in panel.ready.text()


def test_what_is_not_ready_is_not_approved_and_a_finished_file_is_taken(
    qtbot: QtBot, window: MainWindow, calendar: CalendarPlace, work: Work, tmp_path: Path
) -> None:
    post = planned(qtbot, calendar)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        calendar.post.do_approve()
    assert "no finished file" in said.args[0]
    calendar.posts.render([now_of(calendar, post)])
    qtbot.waitUntil(lambda: any(isinstance(w.request, RenderRequest) for w in work.begun), timeout=WAIT)
    asked = next(w.request for w in work.begun if isinstance(w.request, RenderRequest))
    assert asked.number == post.short.number and "quillbarn" in asked.out
    clip = make_clip(tmp_path / "tall.mp4", 180, Fraction(25), sound=tone(8), size=(720, 1280))
    row = Row("Compost", "H.264", str(clip), "done", number=post.short.number, project=post.short.project)
    window.workspace.renders.over = (row,)
    window.workspace.renders.changed.emit()
    qtbot.waitUntil(lambda: now_of(calendar, post).file is not None, timeout=WAIT)
    calendar.post.do_approve()
    qtbot.waitUntil(lambda: now_of(calendar, post).state == "waiting", timeout=WAIT)
    qtbot.waitUntil(lambda: any(isinstance(w.request, OutboxRequest) for w in work.begun), timeout=WAIT)
    assert calendar.unfinished() and "would go out only when" in calendar.unfinished()[0]
    clip.unlink()
    calendar.post.hold.click()
    qtbot.waitUntil(lambda: "is not in" in calendar.post.ready.text(), timeout=WAIT)


def test_the_plan_is_looked_at_before_it_is_taken_and_one_undo_takes_it_back(
    qtbot: QtBot, window: MainWindow, calendar: CalendarPlace
) -> None:
    assert not calendar.fill.plan.isEnabled()
    rhythm = ChannelRhythm("oddmarrow", Rhythm(ZONE, a_day=1))
    calendar.posts.set_settings(lambda s: replace(s, rhythms=(rhythm,)))
    qtbot.waitUntil(lambda: calendar.fill.plan.isEnabled(), timeout=WAIT)
    calendar.show_plan()
    qtbot.waitUntil(lambda: calendar.posts.plan is not None, timeout=WAIT)
    ghosts = [c for c in calendar.view.cards.values() if c.planned]
    assert len(ghosts) == 3 and calendar.posts.posts == () and "3 posts: 3 on Oddmarrow" in calendar.fill.summary.text()
    calendar.fill.take.click()
    qtbot.waitUntil(lambda: len(calendar.posts.posts) == 3, timeout=WAIT)
    assert not any(c.planned for c in calendar.view.cards.values())
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        calendar.posts.approve_all()
    assert said.args[0].startswith("3 of 3 are not ready.")
    window.undo()
    qtbot.waitUntil(lambda: calendar.posts.posts == (), timeout=WAIT)


def test_a_plan_asks_about_times_that_clocks_leave_out_and_only_of_ticked_shorts(
    qtbot: QtBot, calendar: CalendarPlace
) -> None:
    change = next(d for d in (date.today() + timedelta(n) for n in range(400)) if len(minutes_of(d)) == 23 * 60)
    rhythm = Rhythm(ZONE, first_minute=150, last_minute=150, start=change.isoformat(), until=change.isoformat())
    calendar.posts.set_settings(lambda s: replace(s, rhythms=(ChannelRhythm("oddmarrow", rhythm),)))
    qtbot.waitUntil(lambda: calendar.fill.plan.isEnabled(), timeout=WAIT)
    calendar.side.show_tab("shorts")
    boxes = {calendar.shorts.list.item(n).text().split("\n")[0]: calendar.shorts.list.item(n) for n in range(3)}
    boxes["Spade"].setCheckState(Qt.CheckState.Checked)
    qtbot.waitUntil(lambda: "the one short that is ticked" in calendar.fill.summary.text(), timeout=WAIT)
    calendar.show_plan()
    qtbot.waitUntil(lambda: calendar.posts.plan is not None, timeout=WAIT)
    assert not calendar.fill.take.isEnabled() and calendar.fill.odd["later"].isVisible()
    calendar.posts.take_plan()
    assert calendar.posts.plan is not None, "not before it is said"
    calendar.fill.odd["later"].click()
    assert calendar.fill.take.isEnabled() and not calendar.fill.odd["later"].isVisible()
    calendar.fill.take.click()
    qtbot.waitUntil(lambda: len(calendar.posts.posts) == 1, timeout=WAIT)
    post = calendar.posts.posts[0]
    assert post.short.name == "Spade" and local(post.when or 0, ZONE).strftime("%H:%M") == "03:30"


def minutes_of(day: date) -> range:
    """The minutes of a day, as many as clocks show."""
    return range((at_day_time(day + timedelta(1), 0, ZONE).at - at_day_time(day, 0, ZONE).at) // 60)


def test_two_windows_change_one_post_while_an_outbox_works(qtbot: QtBot, window: MainWindow, calendar: CalendarPlace) -> None:
    post = planned(qtbot, calendar)
    other = CalendarPlace(window.workspace)
    qtbot.addWidget(other)
    qtbot.waitUntil(lambda: other.posts.post(post.id) is not None, timeout=WAIT)
    told: list[str] = []
    window.workspace.said.connect(lambda text, _kind: told.append(text))
    outbox = subprocess.Popen([sys.executable, "-m", "standtall", "outbox"], stdout=subprocess.DEVNULL)
    try:
        for n in range(6):
            for place in (calendar, other):  # both move what they saw before the other did
                seen = now_of(place, post)
                place.posts.move(seen, (seen.when or 0) + 60 * (n + 1), ZONE)
        qtbot.waitUntil(lambda: any("changed meanwhile" in t for t in told), timeout=WAIT)
        qtbot.waitUntil(lambda: now_of(calendar, post) == now_of(other, post) == PostStore().post(post.id), timeout=WAIT)
    finally:
        outbox.terminate()
        outbox.wait(30)
    assert len(PostStore().posts()) == 1 and PostStore().post(post.id).state == "held"


def test_a_link_that_is_put_there_by_hand_is_ticked_off(qtbot: QtBot, calendar: CalendarPlace) -> None:
    name = next(c.name for c in calendar.posts.channels if c.posts.text.link == "none")
    post = planned(qtbot, calendar, name)
    store = PostStore()
    store.settle(post, replace(post, state="out", out_at=int(time.time()), told="Out."), "sent", "public", int(time.time()))
    qtbot.waitUntil(lambda: now_of(calendar, post).state == "out", timeout=WAIT)
    calendar.show_mode("list")
    calendar.list.filter.setCurrentIndex(calendar.list.filter.findData("link"))
    calendar.list.refresh()
    assert [p.id for p in calendar.list.shown()] == [post.id] and calendar.post.link_put.text() == "The link is there"
    calendar.post.link_put.click()
    qtbot.waitUntil(lambda: calendar.list.shown() == [], timeout=WAIT)
    assert store.post(post.id).link_put and calendar.post.link_put.text() == "The link is not there yet"
    calendar.posts.undo()
    qtbot.waitUntil(lambda: len(calendar.list.shown()) == 1, timeout=WAIT)


def test_the_rhythm_and_the_bars_are_kept_as_they_are_set(qtbot: QtBot, calendar: CalendarPlace) -> None:
    fill = calendar.fill
    fill.channel.setCurrentIndex(fill.channel.findData("thistlewray"))
    fill.used.setChecked(True)
    fill.a_day.setValue(2)
    fill.days[6].setChecked(False)
    fill.without.setText("2026-12-25")
    fill.without.editingFinished.emit()
    fill.bars["opening"].setValue(40)
    fill.order.setCurrentIndex(1)
    fill.order.activated.emit(1)
    wanted = ChannelRhythm("thistlewray", Rhythm(ZONE, 2, weekdays_out=(6,), without=("2026-12-25",)))
    qtbot.waitUntil(lambda: calendar.posts.settings.rhythms == (wanted,) and calendar.posts.settings.order == "mixed", timeout=WAIT)
    assert [(b.part, b.least) for b in calendar.posts.settings.bars] == [("opening", 0.4)]
    qtbot.waitUntil(lambda: calendar.zone.count() > 300, timeout=WAIT)
    assert calendar.zone.currentText() == calendar.posts.shown_zone, "filled, and as it was"
    calendar.zone.setCurrentText("Asia/Kathmandu")
    calendar._zone_chosen()
    qtbot.waitUntil(lambda: [r.rhythm.zone for r in calendar.posts.settings.rhythms] == ["Asia/Kathmandu"], timeout=WAIT)
    calendar.zone.setCurrentText("Nowhere")
    with qtbot.waitSignal(calendar._ws.said, timeout=WAIT) as said:
        calendar._zone_chosen()
    assert "not known" in said.args[0] and calendar.zone.currentText() == "Asia/Kathmandu"
    fill.without.setText("some day")
    with qtbot.waitSignal(calendar._ws.said, timeout=WAIT) as said:
        fill.without.editingFinished.emit()
    assert "2027-01-31" in said.args[0]
    fill.template.setPlainText("{text} by {author}")
    with qtbot.waitSignal(calendar._ws.said, timeout=WAIT) as said:
        fill._keep_template()
    assert "no {author}" in said.args[0]


def test_a_time_that_does_not_exist_or_comes_twice_is_asked_about(
    qtbot: QtBot, calendar: CalendarPlace, monkeypatch: pytest.MonkeyPatch
) -> None:
    told: list[str] = []

    def answer() -> None:
        box = QApplication.activeModalWidget()
        assert isinstance(box, QMessageBox)
        told.append(box.text())
        box.buttons()[-1 if len(told) == 3 else 1].click()

    for day, minute in ((date(2027, 3, 28), 150), (date(2027, 10, 31), 150)):
        QTimer.singleShot(0, answer)
        assert calendar._asked(day, minute) is not None
    assert "there is no 02:30" in told[0] and "02:30 comes twice" in told[1]
    assert calendar._asked(date(2027, 3, 29), 150) is not None


def test_modes_keys_and_the_list(qtbot: QtBot, window: MainWindow, calendar: CalendarPlace) -> None:
    post = planned(qtbot, calendar)
    for mode in ("week", "list", "month"):
        calendar.show_mode(mode)  # type: ignore[arg-type]
        assert calendar.mode == mode and calendar.modes[mode].isChecked()
    calendar.show_mode("list")
    assert calendar.list.table.rowCount() == 1 and "Compost" in calendar.list.table.item(0, 1).text()
    calendar.list.table.selectRow(0)
    assert calendar.post.post is not None and calendar.post.post.id == post.id
    calendar.list.filter.setCurrentIndex(calendar.list.filter.findData("out"))
    calendar.list.refresh()
    assert calendar.list.empty.isVisibleTo(calendar.list)
    calendar.show_mode("month")
    calendar.view.setFocus()
    at, day = window.workspace.selection.playhead, calendar.view.day
    qtbot.keyClick(calendar.view, Qt.Key.Key_Down)
    qtbot.keyClick(calendar.view, Qt.Key.Key_Up)
    qtbot.keyClick(calendar.view, Qt.Key.Key_Left)
    qtbot.keyClick(calendar.view, Qt.Key.Key_Right)
    assert calendar.view.day == day and calendar.view.key == post.id and window.workspace.selection.playhead == at
    qtbot.keyClick(calendar.view, Qt.Key.Key_Right, Qt.KeyboardModifier.AltModifier)
    qtbot.waitUntil(lambda: calendar.view.cards[post.id].day == date.today() + timedelta(3), timeout=WAIT)
    calendar.post.do_take_out()
    qtbot.waitUntil(lambda: post.id not in calendar.view.cards, timeout=WAIT)


def test_the_calendar_is_written_to_a_file(qtbot: QtBot, calendar: CalendarPlace, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    planned(qtbot, calendar)
    for name, kind in (("a.ics", "Calendars (*.ics)"), ("b", "Tables (*.csv)")):
        monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_a, n=name, k=kind: (str(tmp_path / n), k))
        with qtbot.waitSignal(calendar._ws.said, timeout=WAIT) as said:
            calendar.write_calendar()
        assert said.args[0].startswith("Written to")
    assert b"BEGIN:VEVENT" in (tmp_path / "a.ics").read_bytes() and "Quillbarn" in (tmp_path / "b.csv").read_text("utf-8-sig")


def test_channels_are_described_shared_and_brought_in(
    qtbot: QtBot, calendar: CalendarPlace, work: Work, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    sheet = calendar.channels.new_channel()
    save = sheet.buttons.button(sheet.buttons.StandardButton.Save)
    assert not save.isEnabled() and sheet.problem.text()
    sheet.title.setText("Copper Lane")
    sheet.longest.setValue(50)
    sheet.bottom.setValue(20)
    sheet.folder.setText("here")
    assert "from the root" in sheet.problem.text()
    sheet.folder.setText(str(tmp_path / "posts"))
    assert save.isEnabled()
    sheet.accept()
    qtbot.waitUntil(lambda: calendar.posts.channel("copper-lane") is not None, timeout=WAIT)
    made = calendar.posts.channel("copper-lane")
    assert made is not None and made.longest_s == 50 and made.covered[0].h == pytest.approx(0.2)
    assert made.posts.delivery.way == "folder with text"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_a: (str(tmp_path / "c.json"), ""))
    with qtbot.waitSignal(calendar._ws.said, timeout=WAIT):
        calendar.channels.share(made)
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *_a: (str(tmp_path / "c.json"), ""))
    calendar.channels.bring_in()
    qtbot.waitUntil(lambda: calendar.posts.channel("copper-lane-2") is not None, timeout=WAIT)
    assert calendar.posts.channel("copper-lane-2").posts.delivery.folder == ""  # type: ignore[union-attr]
    (tmp_path / "c.json").write_text("[]")
    with qtbot.waitSignal(calendar._ws.said, timeout=WAIT) as said:
        calendar.channels.bring_in()
    assert "must be an object" in said.args[0] and len(CHANNELS.load().values) == 5
    calendar.posts.services.run_channels(True)
    qtbot.waitUntil(lambda: any(isinstance(w.request, ChannelsRequest) for w in work.begun), timeout=WAIT)
    calendar.posts.services.run_channels(False)
    qtbot.waitUntil(lambda: not calendar.posts.services.channels_run, timeout=WAIT)


def test_steps_by_rule_are_shown_and_can_be_stopped(qtbot: QtBot, calendar: CalendarPlace, work: Work) -> None:
    rule = calendar.rule
    assert not rule.go.isEnabled()
    rule.add(["/footage/a.mp4", "/footage/a.mp4"])
    rule.link.setText("no link")
    with qtbot.waitSignal(calendar._ws.said, timeout=WAIT):
        rule._add_link()
    assert rule.listed() == ["/footage/a.mp4"]
    rule.toggle()
    qtbot.waitUntil(lambda: any(isinstance(w.request, RoutineRequest) for w in work.begun), timeout=WAIT)
    number = next(n for n, w in enumerate(work.begun) if isinstance(w.request, RoutineRequest))
    assert not work.begun[number].request.routine.approve  # type: ignore[union-attr]
    steps = (("analyse", "begun", ""), ("analyse", "done", "70 words"), ("render", "failed", "x.mp4: the disk is full"))
    work.tell(qtbot, number, *(RuleStepped(RuleStep("a.mp4", s, state, told)) for s, state, told in steps))  # type: ignore[arg-type]
    assert [rule.list.item(n).text() for n in range(rule.list.count())] == [
        "✓ a.mp4: Analyse it. 70 words", "! a.mp4: Render. x.mp4: the disk is full",
    ]  # fmt: skip
    assert any("by rule" in told for told in calendar.unfinished())
    rule.toggle()
    qtbot.waitUntil(lambda: not rule.running, timeout=WAIT)
    assert rule.state.text() == "1 steps failed."


def test_another_window_or_the_outbox_changes_a_post_and_it_is_seen(qtbot: QtBot, calendar: CalendarPlace) -> None:
    post = planned(qtbot, calendar)
    other = PostStore()
    other.settle(post, replace(post, state="failed", told="The file is gone."), "looked", "gone", int(time.time()))
    other.close()
    qtbot.waitUntil(lambda: now_of(calendar, post).state == "failed", timeout=WAIT)
    assert "need" in calendar.notes.text() and "The file is gone." in calendar.post.told.text()
    qtbot.waitUntil(lambda: "looked: gone" in calendar.post.log.text(), timeout=WAIT)


def test_footage_says_that_all_its_shorts_are_posted(qtbot: QtBot, window: MainWindow, calendar: CalendarPlace) -> None:
    posts = [planned(qtbot, calendar, name=s.ref.name, channel="oddmarrow") for s in calendar.posts.shorts]
    store = PostStore()
    for post in posts:
        store.settle(post, replace(post, state="out", out_at=int(time.time()), told="Out."), "x", "y", 0)
    store.close()
    qtbot.waitUntil(lambda: len(window.footage.posted) == 3, timeout=WAIT)
    window.go("footage")
    card = next(iter(window.footage._cards.values()))
    qtbot.waitUntil(lambda: "All of them are posted." in card.used_text.text(), timeout=WAIT)


def test_the_end_of_an_outbox_is_no_end_of_posts(
    qtbot: QtBot, calendar: CalendarPlace, work: Work, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("standtall.ui.state.post_services.AGAIN_MS", 200)
    post = planned(qtbot, calendar)
    store = PostStore()
    store.settle(post, replace(post, state="waiting"), "x", "y", 0)
    store.close()
    qtbot.waitUntil(lambda: any(isinstance(w.request, OutboxRequest) for w in work.begun), timeout=WAIT)
    first = next(n for n, w in enumerate(work.begun) if isinstance(w.request, OutboxRequest))
    work.tell(qtbot, first, Ended("failed"))
    qtbot.waitUntil(lambda: sum(isinstance(w.request, OutboxRequest) for w in work.begun) == 2, timeout=WAIT)


def test_a_short_is_dragged_out_as_its_newest_finished_file(calendar: CalendarPlace, monkeypatch: pytest.MonkeyPatch) -> None:
    shorts = calendar.shorts.list
    rows = {shorts.item(n).text().split("\n")[0]: shorts.item(n) for n in range(shorts.count())}
    assert not shorts.carried(rows["Compost"]).hasUrls(), "it was never rendered"
    number = next(s.ref.number for s in calendar.posts.shorts if s.ref.name == "Compost")
    files = {number: [(Path("/films/new.mp4"), ()), (Path("/films/old.mp4"), ())]}
    monkeypatch.setattr(calendar.posts, "finished_files", lambda ref: files.get(ref.number, []))
    carried = shorts.carried(rows["Compost"])
    assert [url.toLocalFile() for url in carried.urls()] == ["/films/new.mp4"]
    assert carried.data(SHORT_MIME).data() == str(number).encode(), "a day takes it as before"
    assert not shorts.carried(rows["Spade"]).hasUrls()
