"""Footage by rule into the calendar, on the demo, with a renderer that makes small files."""

from __future__ import annotations

import shutil
from dataclasses import dataclass, field
from fractions import Fraction
from pathlib import Path

import pytest

from standtall.base.errors import Cancelled, NothingToDo, OutputError
from standtall.base.progress import Progress
from standtall.jobs.events import Event, Rendered, RuleStepped
from standtall.jobs.requests import RenderRequest
from standtall.library.project import Project
from standtall.model.proof import Finding
from standtall.model.rhythm import Bar, ChannelRhythm, PostSettings, Rhythm
from standtall.model.routine import Routine
from standtall.posts.post_store import PostStore
from standtall.session.by_rule import Hands, run_routine
from standtall.session.run import analysed
from tests.conftest import make_clip, tone


@dataclass
class Trial:
    """Everything that a routine works with, and what was told."""

    folder: Path
    footage: Path
    clip: Path
    told: list[tuple[str, str, str]] = field(default_factory=list)
    rendered: list[str] = field(default_factory=list)
    wrong: tuple[Finding, ...] = ()
    progress: Progress = field(default_factory=Progress)
    broken: bool = False

    def tell(self, event: Event) -> None:
        if isinstance(event, RuleStepped):
            self.told.append((event.step.step, event.step.state, event.step.told))

    def render(self, request: RenderRequest) -> Rendered:
        if self.broken:
            raise OutputError("The disk is full.", "Free some space.")
        out = Path(request.out)
        shutil.copyfile(self.clip, out)
        with out.open("ab") as file:
            file.write(request.out.encode())  # no two files are the same
        self.rendered.append(out.name)
        return Rendered(request.out, 720, 1280, 5.0, 8.0, out.stat().st_size, -14.0, -1.0, 3, self.wrong)

    def hands(self) -> Hands:
        return Hands(lambda r: analysed(r, lambda _e: None, self.progress), self.render, self.tell, self.progress)

    def routine(self, **more: object) -> Routine:
        given = {"footage": (str(self.footage),), "project": str(self.folder / "rule.standtall"), "folder": str(self.folder / "out"),
                 "best": 2, "least_s": 8.0, "most_s": 40.0} | more  # fmt: skip
        return Routine(**given)  # type: ignore[arg-type]


@pytest.fixture
def trial(open_demo_here: Path, demo_file: Path, tmp_path: Path) -> Trial:
    store = PostStore()
    store.set_settings(PostSettings((ChannelRhythm("quillbarn", Rhythm("UTC")), ChannelRhythm("thistlewray", Rhythm("UTC")))))
    store.close()
    clip = make_clip(tmp_path / "clip.mp4", 55, Fraction(5), sound=tone(11), size=(720, 1280))
    return Trial(tmp_path, demo_file, clip)


def posts() -> list[tuple[str, str]]:
    store = PostStore()
    found = store.posts()
    store.close()
    return sorted((p.channel, p.state) for p in found)


def test_the_best_moments_become_posts_that_wait_for_approval_and_nothing_is_done_twice(trial: Trial) -> None:
    run_routine(trial.routine(), trial.hands())
    assert [s for s, state, _t in trial.told if state == "done"] == ["analyse", "choose", "make shorts", "check", "check", "plan"]
    assert posts() == [("quillbarn", "held")] * 2 + [("thistlewray", "held")] * 2
    store = PostStore()
    post = store.posts()[0]
    store.close()
    assert post.file is not None and Path(post.file.path).is_file() and post.text.description and post.short.rating > 0
    project = Project.reading(trial.folder / "rule.standtall")
    assert len(project.shorts()) == 2
    project.close()
    trial.told.clear()
    run_routine(trial.routine(), trial.hands())
    assert len(trial.rendered) == 2 and [s for s, state, _t in trial.told if state == "skipped"] == ["render", "render", "plan"]
    assert len(posts()) == 4


def test_what_is_ready_goes_out_by_itself_where_that_is_wished_and_a_red_check_never(trial: Trial) -> None:
    trial.wrong = (Finding("loudness", False, {"LUFS": -30.0, "wanted": -14.0}),)
    run_routine(trial.routine(best=1, approve=True), trial.hands())
    assert posts() == [("quillbarn", "held"), ("thistlewray", "held")]
    assert ("check", "failed") in [t[:2] for t in trial.told]
    trial.wrong = ()
    run_routine(trial.routine(best=2, approve=True), trial.hands())
    states = [state for channel, state in posts() if channel == "quillbarn"]
    assert sorted(states) == ["held", "waiting"]
    # the one on a channel that wants a shelf waits where no shelf is spoken of


def test_bars_that_nothing_reaches_make_nothing(trial: Trial) -> None:
    store = PostStore()
    store.set_settings(PostSettings(bars=(Bar("opening", 1.0), Bar("ending", 1.0)), least_rating=0.99))
    store.close()
    run_routine(trial.routine(), trial.hands())
    assert trial.told[-1][:2] == ("choose", "skipped") and trial.rendered == [] and posts() == []


def test_a_render_that_fails_and_footage_that_is_none_never_stop_the_rest(trial: Trial) -> None:
    trial.broken = True
    none = trial.folder / "none.mp4"
    none.write_text("no video")
    run_routine(trial.routine(footage=(str(none), str(trial.footage)), best=1), trial.hands())
    assert trial.told[0][:2] == ("stopped", "failed")
    assert ("render", "failed") in [t[:2] for t in trial.told]
    store = PostStore()
    assert all(p.file is None and p.state == "held" for p in store.posts()) and len(store.posts()) == 2
    store.close()


def test_it_can_be_stopped_at_any_step_and_goes_on(trial: Trial) -> None:
    def stop(event: Event) -> None:
        trial.tell(event)
        if isinstance(event, RuleStepped) and event.step.step == "check":
            trial.progress.cancel()

    hands = trial.hands()
    with pytest.raises(Cancelled):
        run_routine(trial.routine(), Hands(hands.analyse, hands.render, stop, trial.progress))
    assert len(trial.rendered) == 1 and posts() == []
    trial.progress = Progress()
    run_routine(trial.routine(), trial.hands())
    assert len(trial.rendered) == 2 and len(posts()) == 4


def test_files_that_come_into_a_folder_are_taken_once(trial: Trial) -> None:
    incoming = trial.folder / "in"
    incoming.mkdir()
    shutil.copyfile(trial.footage, incoming / "talk.mp4")
    run_routine(trial.routine(footage=(str(incoming),), best=1), trial.hands())
    assert len(trial.rendered) == 1 and len(posts()) == 2


def test_what_cannot_be_is_said(trial: Trial) -> None:
    with pytest.raises(NothingToDo, match="No footage is named"):
        run_routine(trial.routine(footage=()), trial.hands())
    with pytest.raises(NothingToDo, match="no folder to watch"):
        run_routine(trial.routine(watch=True), trial.hands())
