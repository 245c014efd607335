"""Carries requests out; the window's jobs, the command line and tests do all their work here."""

from __future__ import annotations

import contextlib
import os
import threading
import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress
from standtall.jobs.events import (
    Analysed,
    BoxFollowed,
    ClipTraced,
    Copied,
    Event,
    Fetched,
    Foretold,
    Heard,
    ModelTried,
    Noted,
    Received,
    Rendered,
    StageDone,
)
from standtall.jobs.requests import (
    AnalyseRequest,
    ChannelsRequest,
    FetchModelRequest,
    FetchRequest,
    FollowBoxRequest,
    ForetellRequest,
    MeasureShakeRequest,
    OutboxRequest,
    PreviewCopyRequest,
    RenderRequest,
    Request,
    RoutineRequest,
    TraceClipsRequest,
    TryModelRequest,
    WatchMachinesRequest,
)
from standtall.library.cache import AnalysisCache
from standtall.model.analysis import Analysis

Tell = Callable[[Event], None]
LOOK_S: Final = 1.0
"""How often it is seen whether whoever asked is still there."""


def run(request: Request, tell: Tell, progress: Progress) -> None:
    """Do what is asked for and tell of it, last of what came of it; `progress` tells how far it is, and stops it. Raises
    `StandTallError` where it cannot be done."""
    _RUNS[type(request)](request, tell, progress)


def analysed(request: AnalyseRequest, tell: Tell, progress: Progress) -> Analysis:
    """What is found in a source, told of on the way."""
    from standtall.session.analyse import Options, analyse
    from standtall.session.helping import helpers_for

    options = Options(request.brief, Path(request.captions) if request.captions else None, request.terms)
    found = analyse(
        request.source, options, progress, AnalysisCache(),
        lambda stage, seconds: tell(StageDone(stage, round(seconds, 2))),
        lambda words, until_s: tell(Heard(len(words), round(until_s, 2))),
        helpers_for(request.source, tell),
    )  # fmt: skip
    tell(Analysed(len(found.words), len(found.people.shots), len(found.people.names)))
    return found


def _render(request: RenderRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.helping import render_elsewhere

    if not render_elsewhere(request, tell, progress):
        _render_here(request, tell, progress)


def _render_here(request: RenderRequest, tell: Tell, progress: Progress) -> None:
    from standtall.compose.footage import Footage
    from standtall.framing.camera import plan
    from standtall.render.render import render
    from standtall.session.composing import worked_out
    from standtall.session.covers import cover_picture, jpeg_of, write_cover
    from standtall.session.finish import COVER_ENDS
    from standtall.session.shakes import with_shakes

    footage = {}
    for f in request.footage:
        analysis = with_shakes(request.short, f.source, f.analysis, progress)
        footage[f.source.key] = Footage(f.source, analysis, plan(request.short, f.source, analysis.people))
    form, out = request.form, Path(request.out)
    composition = worked_out(request.short, footage, request.look)
    shown = composition
    if form.captions == "file" and request.short.captions.shown:
        plain = replace(request.short, captions=replace(request.short.captions, shown=False))
        shown = worked_out(plain, footage, request.look)
    picture = None
    if request.short.cover is not None and not form.sound_alone:
        with contextlib.suppress(NothingToDo):  # its moment was cut out: told of before the render
            picture = cover_picture(composition, request.short.cover)
    made = render(shown, out, progress, form, proof=True, cover=None if picture is None else jpeg_of(picture))
    if picture is not None:
        for end in COVER_ENDS:
            write_cover(picture, out.with_name(out.stem + end))
    if form.captions != "picture" and composition.cards:
        from standtall.exchange.captions_out import write_captions

        for ending in form.beside:
            write_captions(out.with_suffix(ending), composition)
    loud, peak = made.loudness_lufs, made.true_peak_dbtp
    size = made.width, made.height, made.rate, made.length_s, made.size_bytes
    tell(Rendered(request.out, *size, loud, peak, made.captions, made.findings))


def _foretell(request: ForetellRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.foretell import foretold

    size, seconds = foretold(request.render, progress)
    tell(Foretold(size, round(seconds, 1)))


def _fetch(request: FetchRequest, tell: Tell, progress: Progress) -> None:
    from standtall.media.link import fetch

    path = fetch(request.link, Path(request.folder), progress, lambda have, size, speed: tell(Received(have, size, round(speed))))
    tell(Fetched(str(path)))


def _copy(request: PreviewCopyRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.preview_copy import preview_copy

    form = preview_copy(request.source, AnalysisCache(), progress)
    tell(Copied(0 if form is None else form.lines))


def _follow_box(request: FollowBoxRequest, tell: Tell, progress: Progress) -> None:
    from standtall.people.box_follow import follow_box

    found = follow_box(request.source, request.box, request.start, request.end, progress)
    tell(BoxFollowed(found.places, found.seen))


def _measure_shake(request: MeasureShakeRequest, _tell: Tell, progress: Progress) -> None:
    from standtall.session.shakes import measured

    measured(request.source, request.start, request.end, AnalysisCache(), progress)


def _try_model(request: TryModelRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.model_trial import try_model

    folder = Path(request.folder) if request.folder else None
    made = try_model(request.source, request.start, request.end, request.language, folder, progress)
    tell(ModelTried(made.text, round(made.seconds, 2), made.length_s, made.memory_mb))


def _fetch_model(request: FetchModelRequest, tell: Tell, progress: Progress) -> None:
    from standtall.speech.models import fetch_larger

    progress.report("fetching the speech model", 0.0)
    tell(Fetched(str(fetch_larger(request.size))))


def _trace(request: TraceClipsRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.clips import ClipFinder, trace

    finder = ClipFinder(request.sources, progress)
    for clip in trace(finder, [Path(c) for c in request.clips], progress):
        tell(ClipTraced(clip))


def _watch_machines(request: WatchMachinesRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.helping import watch_machines

    watch_machines(request, tell, progress)


def _with_whoever_asked(progress: Progress) -> None:
    """Stop the work when the process that asked for it is gone, however it went."""
    parent = os.getppid()

    def watch() -> None:
        while os.getppid() == parent:
            time.sleep(LOOK_S)
        progress.cancel()

    threading.Thread(target=watch, name="parent", daemon=True).start()


def _outbox(_request: OutboxRequest, _tell: Tell, progress: Progress) -> None:
    from standtall.session.outbox_process import run_outbox

    _with_whoever_asked(progress)
    run_outbox(progress, quiet=True)


def _channels(_request: ChannelsRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.simulated import run_channels

    _with_whoever_asked(progress)
    run_channels((), progress, lambda text: tell(Noted(text)))


def _routine(request: RoutineRequest, tell: Tell, progress: Progress) -> None:
    from standtall.session.by_rule import Hands, run_routine

    def render(wanted: RenderRequest) -> Rendered:
        made: list[Rendered] = []

        def heard(event: Event) -> None:
            if isinstance(event, Rendered):
                made.append(event)
            else:
                tell(event)

        _render(wanted, heard, progress)
        return made[0]

    run_routine(request.routine, Hands(lambda wanted: analysed(wanted, tell, progress), render, tell, progress))


_RUNS: Final[dict[type, Callable[[Any, Tell, Progress], object]]] = {
    AnalyseRequest: analysed, RenderRequest: _render, ForetellRequest: _foretell, FetchRequest: _fetch, PreviewCopyRequest: _copy,
    FollowBoxRequest: _follow_box, MeasureShakeRequest: _measure_shake, TraceClipsRequest: _trace,
    TryModelRequest: _try_model, FetchModelRequest: _fetch_model,
    WatchMachinesRequest: _watch_machines, OutboxRequest: _outbox, ChannelsRequest: _channels,
    RoutineRequest: _routine,
}  # fmt: skip
"""Who carries out each kind of request."""
