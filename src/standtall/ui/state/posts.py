"""The posts, as the window knows them: what is kept of them, the shorts that can be posted, and whether the outbox runs."""

from __future__ import annotations

import time
from collections.abc import Callable, Sequence
from dataclasses import dataclass, field
from pathlib import Path
from typing import Final

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.base.errors import NothingToDo, StandTallError
from standtall.base.interface_language import tr
from standtall.jobs.requests import RenderRequest
from standtall.library.project import Project
from standtall.model.channel import Channel
from standtall.model.post import OPEN, Post, PostFile, PostText, ShortRef
from standtall.model.proof import Finding
from standtall.model.rhythm import PostSettings
from standtall.posts import post_edits
from standtall.posts.alone import outbox_runs
from standtall.posts.background import installed
from standtall.posts.filling import FillPlan, Odd, filled, settled
from standtall.posts.post_store import Attempt, Change, PostStore
from standtall.posts.zones import own_zone
from standtall.session.analyse import Options
from standtall.session.post_renders import post_renders, shape_of
from standtall.session.post_shorts import PostShort, file_for, first_text, post_shorts
from standtall.ui.state.post_services import PostServices
from standtall.ui.state.workspace import Workspace

LOOK_MS: Final = 1500
"""How soon it is seen what the outbox, or another window, has done."""

SLOWEST_MS: Final = 60_000
"""How seldom a file that cannot be read is tried again."""


@dataclass(frozen=True, slots=True)
class Kept:
    """What the file of the posts says."""

    posts: tuple[Post, ...] = ()
    settings: PostSettings = field(default_factory=PostSettings)
    problems: tuple[str, ...] = ()


class Posts(QObject):
    """`changed` tells of other posts or settings, `shorts_changed` of other shorts; `services` is what works for them."""

    changed, shorts_changed = Signal(), Signal()

    def __init__(self, workspace: Workspace, parent: QObject) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._thread = workspace.queues.worker("posts")
        self._store: PostStore | None = None
        self._state = -1
        self.kept = Kept()
        self.read = False
        """Whether they have been read at all."""
        self.shorts: tuple[PostShort, ...] = ()
        self.plan: FillPlan | None = None
        """What filling would do, while it is looked at."""
        self.ticked: set[tuple[str, int]] = set()
        """The shorts that filling is to choose from; all where there are none."""
        self._mine: set[tuple[int, int]] = set()
        """Posts and versions that this window has made; only the thread of the posts looks at it."""
        self._rendered_before = 0
        self.services = PostServices(workspace, self)
        self.zone = own_zone()
        workspace.renders.changed.connect(self._rendered)
        self._timer = QTimer(self)
        self._timer.setInterval(LOOK_MS)
        self._timer.timeout.connect(self.look)
        self._timer.start()
        self._looking = False
        self.look()

    # reading

    @property
    def posts(self) -> tuple[Post, ...]:
        return self.kept.posts

    @property
    def settings(self) -> PostSettings:
        return self.kept.settings

    @property
    def shown_zone(self) -> str:
        """The time zone in which the calendar is shown."""
        return self.settings.zone or self.zone

    @property
    def channels(self) -> tuple[Channel, ...]:
        return self._ws.data.channels

    def channel(self, name: str) -> Channel | None:
        return next((c for c in self.channels if c.name == name), None)

    def title_of(self, channel: str) -> str:
        found = self.channel(channel)
        return found.title if found is not None else channel

    def post(self, number: int) -> Post | None:
        return next((p for p in self.posts if p.id == number), None)

    def short(self, ref: ShortRef) -> PostShort | None:
        return next((s for s in self.shorts if s.ref.same == ref.same), None)

    def look(self) -> None:
        """See what is kept, where something changed."""
        if self._looking:
            return
        self._looking = True

        def work() -> tuple[Kept | None, bool, bool]:
            found = self._read_if_new()
            return found, outbox_runs(), installed()

        def arrived(found: tuple[Kept | None, bool, bool]) -> None:
            self._looking = False
            self._timer.setInterval(LOOK_MS)
            kept, runs, by_itself = found
            self.services.seen(runs, by_itself)
            if kept is not None:
                self._arrived(kept)
            self.services.serve(self.posts)

        def failed(error: StandTallError) -> None:
            self._looking = False
            self._timer.setInterval(min(SLOWEST_MS, 2 * self._timer.interval()))
            if not self.read:
                self.read = True
                self._ws.said.emit(f"{error.message} {error.hint}".strip(), "error")

        self._thread.do(work, arrived, failed, self)

    def _open(self) -> PostStore:
        """In the thread of the posts."""
        if self._store is None:
            self._store = PostStore()
        return self._store

    def _read_if_new(self) -> Kept | None:
        store = self._open()
        state = store.state()
        if state == self._state:
            return None
        self._state = state
        return self._read(store)

    @staticmethod
    def _read(store: PostStore) -> Kept:
        posts = store.posts()
        return Kept(posts, store.settings(), tuple(store.problems))

    def _arrived(self, kept: Kept) -> None:
        self.read = True
        if kept.problems and kept.problems != self.kept.problems:
            self._ws.said.emit(kept.problems[0], "error")
        if kept != self.kept:
            self.kept = kept
            self.changed.emit()

    # shorts that can be posted

    def read_shorts(self) -> None:
        """The shorts of the project as they stand now, rated, beside the interface."""
        ws, path = self._ws, self._ws.project_path
        if path is None:
            return
        sources, terms, cache = ws.sources, ws.word_lists.all, ws.cache

        def work() -> tuple[PostShort, ...]:
            project = Project.reading(path)
            try:
                return post_shorts(project, sources, lambda _s, brief: Options.of(brief, terms), cache, ws.closing.check)
            finally:
                project.close()

        def arrived(found: tuple[PostShort, ...]) -> None:
            if path == ws.project_path and found != self.shorts:
                self.shorts = found
                self.shorts_changed.emit()

        ws.queues.do("post files", work, arrived, self._failed, self)

    # changing

    def do(self, name: str, make: Callable[[], Sequence[Change]], then: Callable[[], None] | None = None) -> None:
        """Change posts as one step; `make` says how (in the thread of the posts). What cannot be done is said."""

        def work() -> Kept:
            store = self._open()
            wanted = make()
            if wanted:
                self._mine |= {(p.id, p.version) for p in store.change(name, wanted)}
            return self._read(store)

        def arrived(kept: Kept) -> None:
            self._arrived(kept)
            self.services.serve(self.posts)
            if then is not None:
                then()

        self._thread.do(work, arrived, self._failed, self, must=True, undone=tr("{name}: this was not done", name=name))

    def edit(self, name: str, post: Post, make: Callable[[Post], Post]) -> None:
        """Change one post, as it was seen: on top of what this window itself has done to it since, and of nothing else."""

        def wanted() -> list[Change]:
            now = self._open().post(post.id)
            seen = now if all((post.id, v) in self._mine for v in range(post.version + 1, now.version + 1)) else post
            return [(seen, made)] if (made := make(seen)) != seen else []

        self.do(name, wanted)

    def set_settings(self, make: Callable[[PostSettings], PostSettings]) -> None:
        def work() -> Kept:
            store = self._open()
            store.set_settings(make(store.settings()))
            return self._read(store)

        self._thread.do(work, self._arrived, self._failed, self, must=True)

    def undo(self) -> None:
        self._back(lambda store: store.undo(), tr("undone"), tr("There is nothing to undo in the calendar."))

    def redo(self) -> None:
        self._back(lambda store: store.redo(), tr("done again"), tr("There is nothing to do again in the calendar."))

    def _back(self, does: Callable[[PostStore], str], told: str, none: str) -> None:
        def work() -> tuple[str, Kept]:
            store = self._open()
            return does(store), self._read(store)

        def arrived(found: tuple[str, Kept]) -> None:
            name, kept = found
            self._arrived(kept)
            self._ws.said.emit(f"{name}: {told}." if name else none, "note")

        self._thread.do(work, arrived, self._failed, self)

    def _failed(self, error: StandTallError) -> None:
        self._ws.said.emit(f"{error.message} {error.hint}".strip(), "error")
        self.changed.emit()  # what is shown goes back to what is kept

    def attempts(self, number: int, then: Callable[[tuple[Attempt, ...]], None]) -> None:
        """What was done with a post."""
        self._thread.do(lambda: self._open().attempts(number), then, self._failed, self)

    def file_told(self, post: Post, then: Callable[[str], None]) -> None:
        """What is wrong with the file of a post on the disk, in a sentence or nothing."""
        file = post.file
        if file is not None:
            self._ws.queues.do("post files", lambda: post_edits.gone(file), then, self._failed, self)

    # making posts

    def finished_files(self, ref: ShortRef) -> list[tuple[Path, Sequence[Finding]]]:
        """Files of a short that were rendered and are still known, the newest first."""
        rows = [r for r in self._ws.renders.over if r.state == "done" and r.number == ref.number and r.project == ref.project]
        return [(Path(r.file), r.findings) for r in rows]

    def made(self, ref: ShortRef, channel: Channel) -> Post:
        """A post of a short with its first texts, without a file or a time yet."""
        short = self.short(ref)
        text = first_text(short, channel, self.settings) if short is not None else PostText(title=ref.name)
        return post_edits.new_post(ref, channel.name, text)

    def drop(self, ref: ShortRef, channel: Channel, when: int | None, zone: str) -> None:
        """Put a short into the calendar of a channel at a time, or among its posts without one."""
        there = next((p for p in self.posts if p.short.same == ref.same and p.channel == channel.name and p.state not in
                      ("skipped", "withdrawn")), None)  # fmt: skip
        if there is not None and when is not None:
            self.move(there, when, zone)
            return
        hold = self.settings.hold

        def make() -> list[Change]:
            post = self.made(ref, channel)
            return [(None, post if when is None else post_edits.scheduled(post, when, zone, hold))]

        self.do(tr("Plan “{name}”", name=ref.name), make, self.take_files)

    def move(self, post: Post, when: int, zone: str) -> None:
        if when != post.when or zone != post.zone:
            name = tr("Move “{name}”", name=post.short.name)
            self.edit(name, post, lambda p: post_edits.scheduled(p, when, zone, self.settings.hold))

    def take_files(self) -> None:
        """Give posts that have no file yet the newest finished one of their short that suits the channel, where there is one."""
        for post in self.posts:
            if post.file is None and post.state in OPEN and self.finished_files(post.short):
                self.take_file(post, lambda _told: None)

    def take_file(self, post: Post, none: Callable[[str], None] | None = None) -> None:
        """The newest finished file of its short that suits the channel; where there is none that is said, or told to `none`."""
        channel, finished = self.channel(post.channel), self.finished_files(post.short)
        if channel is None:
            return

        def found(file: PostFile | None) -> None:
            if file is not None and file != post.file:
                self._amend(post, lambda now: post_edits.with_file(now, file))
                return
            name, title = post.short.name, channel.title
            told = tr("There is no finished file of “{name}” that suits {title}: render it", name=name, title=title)
            (none or self._say)(
                tr(
                    "{told} in {these}, at most {longest_s:g} s long.",
                    told=told,
                    these=", ".join(channel.posts.file.shapes),
                    longest_s=channel.longest_s,
                )
            )

        self._ws.queues.do("post files", lambda: file_for(post, channel, finished), found, self._failed, self)

    def _rendered(self) -> None:
        """Something was rendered, perhaps what a post waits for."""
        done = len(self._ws.renders.over)
        if done != self._rendered_before:
            self._rendered_before = done
            self.take_files()

    def without_file(self) -> list[Post]:
        """Posts of the open project that are to go out and have no file yet."""
        project = str(self._ws.project_path or "")
        return [p for p in self.posts if p.file is None and p.when is not None and p.state in OPEN and p.short.project == project]

    def render(self, posts: Sequence[Post]) -> None:
        """Render the shorts of posts in a shape that their channels take; each file is taken when it is finished."""
        ws = self._ws
        wanted: dict[tuple[str, tuple[str, ...]], list[int]] = {}
        for post in posts:
            channel = self.channel(post.channel)
            if channel is not None and post.short.project == str(ws.project_path or ""):
                numbers = wanted.setdefault((post.channel, channel.posts.file.shapes), [])
                numbers.append(post.short.number)
        sources = ws.sources_here()
        options = {s.key: ws.options_of(s) for s in sources}
        folder, replaces, waited_for = ws.renders.folder, ws.renders.replaces, ws.renders.waited_for()

        def work(project: Project) -> list[RenderRequest]:
            out: dict[tuple[int, str], RenderRequest] = {}
            for (name, shapes), numbers in wanted.items():
                made = post_renders(project, numbers, shapes, folder / name, sources, options, ws.cache, replaces, waited_for)
                for request in made:  # one file serves all channels that take its shape
                    out.setdefault((request.number, shape_of(request)), request)
            return list(out.values())

        def asked(found: list[RenderRequest]) -> None:
            if found:
                ws.renders.ask(found)
                told = tr("{n} renders are in the queue; the posts take the files when they are finished.", n=len(found))
                self._ws.said.emit(told, "note")
            else:
                self._say(tr("Nothing can be rendered: the shorts of these posts are in another project."))

        ws.with_project(work, asked)

    def _say(self, text: str) -> None:
        self._ws.said.emit(text, "error")

    def _amend(self, post: Post, make: Callable[[Post], Post]) -> None:
        """Change a post with the step that it was changed by last, as it stands now."""

        def work() -> Kept:
            store = self._open()
            now = store.post(post.id)
            done = store.amend(now, make(now))
            self._mine.add((done.id, done.version))
            return self._read(store)

        self._thread.do(work, self._arrived, self._failed, self, must=True)

    def approve_all(self) -> None:
        """Let all that are held and ready go out when they are due; the others stay as they are, and that is said."""
        now = int(time.time())
        held = [p for p in self.posts if p.state == "held" and (p.when or 0) > now]  # what is past is approved one by one
        told: list[str] = []

        def make() -> list[Change]:
            out: list[Change] = []
            for post in held:
                channel = self.channel(post.channel)
                try:
                    if channel is not None:
                        out.append((post, post_edits.approved(post, channel)))
                except NothingToDo as error:
                    told.append(f"{error.message} {error.hint}")
            return out

        def then() -> None:
            if told:
                self._say(tr("{told} of {held} are not ready. The first: {first}", told=len(told), held=len(held), first=told[0]))

        self.do(tr("Approve all that are ready"), make, then)

    # filling

    def make_plan(self) -> None:
        """What filling would put where, to be looked at: all shorts, or those that are ticked."""
        refs = [s.ref for s in self.shorts if not self.ticked or s.ref.same in self.ticked]
        settings, posts, chosen = self.settings, self.posts, self.channels
        now = int(time.time())

        def arrived(plan: FillPlan) -> None:
            self.plan = plan
            self.changed.emit()

        self._thread.do(lambda: filled(refs, chosen, settings, posts, now), arrived, self._failed, self)

    def leave_plan(self) -> None:
        self.plan = None
        self.changed.emit()

    def settle_plan(self, odd: Odd) -> None:
        """Say what becomes of times of the plan that do not exist, or that come twice."""
        if self.plan is not None:
            self.plan = settled(self.plan, odd)
            self.changed.emit()

    def take_plan(self) -> None:
        """Do what the plan says, as one step; not while something in it is still asked."""
        if self.plan is not None and self.plan.asked:
            return
        plan, self.plan = self.plan, None
        if plan is None or not plan.slots:
            self.changed.emit()
            return
        hold, posts = self.settings.hold, self.posts

        def make() -> list[Change]:
            out: list[Change] = []
            ideas = {(p.short.same, p.channel): p for p in posts if p.state == "idea"}
            for slot in plan.slots:
                channel = self.channel(slot.channel)
                if channel is not None:
                    before = ideas.get((slot.short.same, slot.channel))
                    out.append((before, post_edits.filled_in(before or self.made(slot.short, channel), slot, hold)))
            return out

        self.do(tr("Fill the calendar with {slots} posts", slots=len(plan.slots)), make, self.take_files)
