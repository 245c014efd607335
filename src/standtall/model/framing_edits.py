"""Edits of how a short is framed: of single shots, and of all. A shot is the segment of its source from its first frame to its
last. Crops and keyframes by hand are in `model.keyframe_edits`."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.base.time import clock
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import (
    LAYOUT_TITLES,
    Backdrop,
    Bar,
    BoxTarget,
    CellCrop,
    Framing,
    Keyframe,
    Layout,
    PersonTarget,
    Punch,
    Reaction,
    ShotEdge,
    ShotFraming,
    WholeStyle,
)
from standtall.model.output import size_of
from standtall.model.short import Short


def _chosen(short: Short, shot: Segment) -> ShotFraming:
    return short.framing.of_shot(shot.source, shot.start, shot.end) or ShotFraming(shot.source, shot.start)


def _framed(short: Short, shot: Segment, chosen: ShotFraming) -> Short:
    kept = None if chosen.empty else chosen
    return replace(short, framing=short.framing.with_shot(shot.source, shot.start, shot.end, kept))


def _all(short: Short, framing: Framing) -> Short:
    return replace(short, framing=framing)


# one shot


def release(short: Short, shot: Segment) -> Edit:
    """Let the camera frame one shot by itself again; a locked one stays locked."""
    before = short.framing.of_shot(shot.source, shot.start, shot.end)
    made = ShotFraming(shot.source, shot.start)
    if before is not None and before.locked:
        made = replace(made, locked=True, kept=before.kept)
    if before is None or before == replace(made, at=before.at):
        raise NothingToDo(tr("This shot is framed automatically already."))
    return Edit(tr("Frame automatically"), _framed(short, shot, made))


def follow(short: Short, shot: Segment, person: int, name: str) -> Edit:
    """Follow one person through a shot, whoever talks."""
    before = _chosen(short, shot)
    layout = None if before.keyframes or before.layout == "whole" else before.layout
    made = replace(before, layout=layout, target=PersonTarget(person), keyframes=())
    return Edit(tr("Follow {name}", name=name), _framed(short, shot, made))


def show_reaction(short: Short, shot: Segment, start: int, end: int, person: int, name: str) -> Edit:
    """Show one person from one tick to another of a shot, whoever talks; what was chosen there before gives way, and a shot in
    cells is followed."""
    before = _chosen(short, shot)
    start, end = max(start, shot.start), min(end, shot.end)
    if end <= start:
        raise NothingToDo(tr("These words are not in this shot."))
    others = tuple(r for r in before.reactions if r.end <= start or r.start >= end)
    made = tuple(sorted((*others, Reaction(start, end, person)), key=lambda r: r.start))
    return Edit(
        tr("Show {name}", name=name), _framed(short, shot, replace(before, layout="follow", keyframes=(), reactions=made))
    )


def follow_box(short: Short, shot: Segment, target: BoxTarget) -> Edit:
    """Follow a thing that was drawn around, in a crop."""
    made = replace(_chosen(short, shot), layout="follow", target=target, keyframes=())
    return Edit(tr("Follow a box") if len(target.places) > 1 else tr("Keep to a box"), _framed(short, shot, made))


def set_layout(short: Short, shot: Segment, layout: Layout | None) -> Edit:
    """Choose the layout of one shot, or (None) let what is in it decide. Whom it follows stays; a crop by hand gives way."""
    before = _chosen(short, shot)
    target = None if isinstance(before.target, BoxTarget) and layout != "follow" else before.target
    label = tr("Layout as suggested") if layout is None else tr("Layout: {layout}", layout=LAYOUT_TITLES[layout])
    return Edit(label, _framed(short, shot, replace(before, layout=layout, target=target, keyframes=(), cells=())))


def reframed(short: Short, shot: Segment, layout: Layout) -> Edit:
    """A layout for a shot in which nothing else is chosen by hand any more."""
    return Edit(
        tr("Layout: {layout}", layout=LAYOUT_TITLES[layout]),
        _framed(short, shot, ShotFraming(shot.source, shot.start, layout)),
    )


def set_face(short: Short, shot: Segment, face: float | None) -> Edit:
    """Choose how high the face is in a shot, as a share of its cell, or (None) as in all shots."""
    return Edit(tr("Size of the face"), _framed(short, shot, replace(_chosen(short, shot), face=face, keyframes=())))


def set_share(short: Short, shot: Segment, share: float | None) -> Edit:
    """Choose how much of the frame the upper of two cells takes."""
    return Edit(tr("Shares of the cells"), _framed(short, shot, replace(_chosen(short, shot), share=share)))


def set_cell(short: Short, shot: Segment, layout: Layout, cell: int, cx: float, cy: float, h: float) -> Edit:
    """Set the crop of one cell of the layout that a shot is shown in by hand, for all of the shot."""
    before = _chosen(short, shot)
    cx, cy, h = min(1.0, max(0.0, cx)), min(1.0, max(0.0, cy)), min(1.0, max(0.05, h))
    same = before.layout in (None, layout)
    others = tuple(c for c in before.cells if c.cell != cell) if same else ()
    keys = tuple(k for k in before.keyframes if k.cell != cell) if before.layout == layout else ()
    made = replace(before, layout=layout, keyframes=keys, cells=(*others, CellCrop(cell, cx, cy, h)))
    return Edit(tr("Move cell {cell}", cell=cell + 1), _framed(short, shot, made))


def set_steady(short: Short, shot: Segment, steady: bool) -> Edit:
    """Take the shake out of a shot, or leave it in."""
    label = tr("Steady a shot") if steady else tr("Leave a shot as shaky as it is")
    return Edit(label, _framed(short, shot, replace(_chosen(short, shot), steady=steady)))


def lock(short: Short, shot: Segment, layout: Layout | None) -> Edit:
    """Keep a shot in the layout that it is shown in when many are framed at once, or (None) let it be framed with them again."""
    locked = layout is not None
    label = tr("Lock the framing of a shot") if locked else tr("Unlock the framing of a shot")
    return Edit(label, _framed(short, shot, replace(_chosen(short, shot), locked=locked, kept=layout)))


# many shots


def frame_shots(short: Short, made: Iterable[tuple[Segment, ShotFraming]]) -> Edit:
    """Frame several shots at once; those that are locked stay as they are."""
    changed, count = short, 0
    for shot, chosen in made:
        before = _chosen(changed, shot)
        if before.locked or replace(chosen, at=before.at) == before:
            continue
        changed, count = _framed(changed, shot, replace(chosen, at=shot.start)), count + 1
    if not count:
        raise NothingToDo(tr("All of these shots are framed so already, or locked."))
    return Edit(tr("Frame {count} alike", count=count_of(count, "shot")), changed)


def set_shape(short: Short, shape: str) -> Edit:
    """Choose the shape of the picture ("9:16"); framings carry over by whom they show and how large. Raises `ProjectError` for
    what is no shape."""
    width, height = size_of(shape)
    return Edit(tr("Shape {shape}", shape=shape), replace(short, output=replace(short.output, width=width, height=height)))


def set_layout_of_all(short: Short, layout: Layout | None) -> Edit:
    """Choose the layout of all shots that have none of their own, or (None) let what is in each decide."""
    label = tr("Layouts as suggested") if layout is None else tr("All shots: {layout}", layout=LAYOUT_TITLES[layout])
    return Edit(label, _all(short, replace(short.framing, layout=layout)))


def set_hold(short: Short, seconds: float) -> Edit:
    """Choose how long an answer has to be to get the picture."""
    return Edit(tr("Answers held over"), _all(short, replace(short.framing, hold_s=seconds)))


def set_calm(short: Short, calm: float) -> Edit:
    return Edit(tr("Camera calmness"), _all(short, replace(short.framing, calm=calm)))


def set_face_of_all(short: Short, face: float) -> Edit:
    """Choose how high faces are in all shots that have no size of their own, as a share of the cell."""
    return Edit(tr("Size of faces"), _all(short, replace(short.framing, face=face)))


def set_whole_style(short: Short, whole: WholeStyle) -> Edit:
    """Choose how whole pictures are shown."""
    return Edit(tr("Whole pictures"), _all(short, replace(short.framing, whole=whole)))


def set_backdrop(short: Short, backdrop: Backdrop) -> Edit:
    """Choose what lies behind whole pictures."""
    return Edit(tr("Backdrop"), _all(short, replace(short.framing, whole=replace(short.framing.whole, backdrop=backdrop))))


def set_bar(short: Short, bar: Bar) -> Edit:
    """Choose what parts cells."""
    return Edit(tr("Bar between cells"), _all(short, replace(short.framing, bar=bar)))


# punch-ins


def punch_in(short: Short, source: str, start: int, end: int) -> Edit:
    """Punch in from one tick of a source to another; what is punched in there already gives way."""
    punch = Punch(source, start, end)
    return Edit(tr("Punch in"), _punched(short, (*_clear(short, source, start, end), punch)))


def add_punches(short: Short, proposed: Iterable[Punch]) -> Edit:
    """Punch in at several places; those that meet one that is there are left out."""
    kept = list(short.framing.punches)
    added = 0
    for punch in proposed:
        if all(p.source != punch.source or p.end <= punch.start or p.start >= punch.end for p in kept):
            kept.append(punch)
            added += 1
    if not added:
        raise NothingToDo(tr("No words stand out from those around them."))
    return Edit(tr("Punch in at {added}", added=count_of(added, "place")), _punched(short, tuple(kept)))


def change_punch(short: Short, before: Punch, after: Punch | None) -> Edit:
    """Change a punch-in, or (None) take it away."""
    if before not in short.framing.punches:
        raise NothingToDo(tr("This punch-in is not there any more."))
    others = tuple(p for p in short.framing.punches if p != before)
    return Edit(
        tr("Change a punch-in") if after else tr("Remove a punch-in"), _punched(short, (*others, after) if after else others)
    )


def clear_punches(short: Short) -> Edit:
    """Take all punch-ins away."""
    if not short.framing.punches:
        raise NothingToDo(tr("There are no punch-ins."))
    return Edit(tr("Remove all punch-ins"), _punched(short, ()))


def _clear(short: Short, source: str, start: int, end: int) -> tuple[Punch, ...]:
    return tuple(p for p in short.framing.punches if p.source != source or p.end <= start or p.start >= end)


def _punched(short: Short, punches: tuple[Punch, ...]) -> Short:
    return _all(short, replace(short.framing, punches=tuple(sorted(punches, key=lambda p: (p.source, p.start)))))


# where shots begin


def split_shot(short: Short, shot: Segment, at: int) -> Edit:
    """Split a shot in two at a tick, so that each is framed by itself; what was chosen stays with both."""
    if not shot.start < at < shot.end:
        raise NothingToDo(tr("A shot begins at {at} already.", at=clock(at, tenths=True)))
    chosen = short.framing.of_shot(shot.source, shot.start, shot.end)
    framing = _with_edge(short.framing, shot.source, at, parted=True)
    if chosen is not None:
        before: list[Keyframe] = []
        after: list[Keyframe] = []
        for cell in sorted({k.cell for k in chosen.keyframes}):
            keys = [k for k in chosen.keyframes if k.cell == cell]
            before += [k for k in keys if k.at < at] or keys[:1]
            after += [k for k in keys if k.at >= at] or keys[-1:]
        first = replace(chosen, at=shot.start, keyframes=tuple(before))
        second = replace(chosen, at=at, keyframes=tuple(after))
        framing = framing.with_shot(shot.source, shot.start, at, first).with_shot(shot.source, at, shot.end, second)
    return Edit(tr("Split a shot"), _all(short, framing))


def join_shot(short: Short, shot: Segment) -> Edit:
    """Join a shot with the one before it; the framing of that one is for both."""
    if shot.start <= 0:
        raise NothingToDo(tr("There is no shot before this one."))
    framing = short.framing.with_shot(shot.source, shot.start, shot.end, None)
    return Edit(tr("Join two shots"), _all(short, _with_edge(framing, shot.source, shot.start, parted=False)))


def _with_edge(framing: Framing, source: str, at: int, parted: bool) -> Framing:
    others = tuple(e for e in framing.edges if (e.source, e.at) != (source, at))
    undone = len(others) < len(framing.edges)  # joined where it was parted, or parted where it was joined
    return replace(framing, edges=others if undone else (*others, ShotEdge(source, at, parted)))
