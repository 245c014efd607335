"""Cuts as OpenTimelineIO (the open interchange format of the Academy Software Foundation), written and read by its own library.

What the format has no place for stands in metadata under `stand-tall`: for a clip `start` and `end` (ticks of 1/48000 s of the
file) and `key` (its content key); for the effect "Reframe" `frames`, one for each change: `at` (seconds into the clip), `layout`,
`x`, `y`, `w`, `h` (shares of the picture), and the same as the usual `scale` (of the picture that fills the height of the frame)
and `position` (pixels from the middle of the frame to the middle of the picture); `transition` and `transition_s` where the
picture goes over the cut before it in another way.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path
from typing import Any, Final
from urllib.parse import unquote, urlsplit

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.base.time import TICKS_PER_SECOND
from standtall.base.timecode import usual_rate
from standtall.model.cut_list import CutClip, CutList, CutOver, Incoming, IncomingClip, IncomingMarker, Reframe

LARGEST: Final = 40_000_000
"""Bytes of a cut that is read."""
MOST_CLIPS: Final = 20_000
OWN: Final = "stand-tall"
COLOURS: Final = "ORANGE"


def otio_text(cut: CutList) -> str:
    """The cut as the text of an .otio file."""
    import opentimelineio as otio

    timeline = otio.schema.Timeline(cut.name)
    timeline.global_start_time = _time(0, cut.rate)
    timeline.metadata[OWN] = {"width": cut.width, "height": cut.height, "fps": str(cut.rate)}
    picture = otio.schema.Track("Talk", kind=otio.schema.TrackKind.Video)
    sound = otio.schema.Track("Talk sound", kind=otio.schema.TrackKind.Audio)
    for clip in cut.clips:
        picture.append(_clip(clip, cut, True))
        if clip.file.has_sound:
            sound.append(_clip(clip, cut, False))
        else:
            sound.append(otio.schema.Gap(source_range=_range(0, clip.length, cut.rate)))
    for marker in cut.markers:
        marked = otio.schema.Marker(marker.name, _range(marker.at, marker.length, cut.rate), color=COLOURS)
        marked.comment = marker.note
        picture.markers.append(marked)
    timeline.tracks.append(picture)
    for name, overs, kind in (
        ("Cutaways", cut.cutaways, otio.schema.TrackKind.Video), ("Music", cut.music, otio.schema.TrackKind.Audio),
    ):  # fmt: skip
        if overs:
            timeline.tracks.append(_over_track(name, overs, kind, cut.rate))
    if cut.captions:
        timeline.tracks.append(_captions(cut))
    timeline.tracks.append(sound)
    return str(timeline.to_json_string())


def _time(tick: int, rate: Fraction, whole: bool = True) -> Any:
    import opentimelineio as otio

    frames = Fraction(tick, TICKS_PER_SECOND) * rate
    return otio.opentime.RationalTime(float(round(frames) if whole else frames), float(rate))


def _range(start: int, length: int, rate: Fraction) -> Any:
    """A range whose both ends are the nearest frames, so that clips that meet go on meeting."""
    import opentimelineio as otio

    first, last = _time(start, rate), _time(start + length, rate)
    return otio.opentime.TimeRange(first, last - first)


def _clip(clip: CutClip, cut: CutList, picture: bool) -> Any:
    import opentimelineio as otio

    file = clip.file
    rate = file.rate or cut.rate
    first = otio.opentime.RationalTime(float(file.first), float(rate))
    there = otio.opentime.TimeRange(first, _time(file.length, rate))
    reference = otio.schema.ExternalReference(Path(file.path).as_uri(), there)
    reference.name = file.name
    reference.metadata[OWN] = {"key": file.key, "reel": file.reel}
    inside = _range(clip.start, clip.length, rate)
    source_range = otio.opentime.TimeRange(first + inside.start_time, inside.duration)
    made = otio.schema.Clip(clip.name or file.name, reference, source_range)
    own = {"start": clip.start, "end": clip.end, "key": file.key, "says": clip.says}
    if clip.transition != "cut":
        own |= {"transition": clip.transition, "transition_s": clip.transition_length / TICKS_PER_SECOND}
    made.metadata[OWN] = own
    if picture and clip.framing:
        frames = [_reframe(r, clip, cut) for r in clip.framing]
        made.effects.append(otio.schema.Effect("Reframe", "Reframe", {OWN: {"frames": frames}}))
    return made


def _reframe(reframe: Reframe, clip: CutClip, cut: CutList) -> dict[str, object]:
    crop, wide, high = reframe.crop, clip.file.width or cut.width, clip.file.height or cut.height
    scale = 1 / max(1e-6, crop.h)
    pixels = scale * cut.height / high
    return {
        "at": reframe.at / TICKS_PER_SECOND, "layout": reframe.layout, "x": crop.x, "y": crop.y, "w": crop.w, "h": crop.h,
        "scale": scale, "position": [(0.5 - crop.cx) * wide * pixels, (0.5 - crop.cy) * high * pixels],
    }  # fmt: skip


def _over_track(name: str, overs: tuple[CutOver, ...], kind: str, rate: Fraction) -> Any:
    import opentimelineio as otio

    track, at = otio.schema.Track(name, kind=kind), 0
    for over in sorted(overs, key=lambda o: o.start):
        if over.start > at:
            track.append(otio.schema.Gap(source_range=_range(0, over.start - at, rate)))
        reference = otio.schema.ExternalReference(Path(over.path).as_uri() if over.path.startswith("/") else over.path)
        made = otio.schema.Clip(over.name, reference, _range(over.at, over.end - over.start, rate))
        made.metadata[OWN] = {"key": over.key, "still": over.still}
        track.append(made)
        at = over.end
    return track


def _captions(cut: CutList) -> Any:
    import opentimelineio as otio

    track, at = otio.schema.Track("Captions", kind="Captions"), 0
    for title in cut.captions:
        if title.start > at:
            track.append(otio.schema.Gap(source_range=_range(0, title.start - at, cut.rate)))
        generator = otio.schema.GeneratorReference("Text", "Text", parameters={"text": title.text})
        track.append(otio.schema.Clip(title.text[:60], generator, _range(title.start, title.end - title.start, cut.rate)))
        at = title.end
    return track


def write_otio(path: Path, cut: CutList) -> None:
    """Raises `OutputError` when it cannot be written."""
    write_whole(path, otio_text(cut).encode())


def read_otio(path: Path) -> Incoming:
    """The first picture track of a cut (or sound track, where there is no picture), clip by clip, and its markers. What cannot be
    read is listed. Raises `NothingToDo` for a file that is no cut."""
    import opentimelineio as otio

    try:
        data = file_bytes(path, LARGEST)
        if not isinstance(plain := json_of(data, LARGEST), dict) or "OTIO_SCHEMA" not in plain:
            raise Unreadable("it is no OpenTimelineIO")
        found = otio.core.deserialize_json_from_string(data.decode())
    except (Unreadable, OSError, ValueError, RuntimeError, otio.exceptions.OTIOError) as error:
        hint = tr("Export the cut as OpenTimelineIO (.otio) again.")
        raise NothingToDo(tr("{name} cannot be read as a cut: {error}.", name=path.name, error=str(error)[:120]), hint) from error
    if not isinstance(found, otio.schema.Timeline):
        raise NothingToDo(
            tr("{name} holds no cut but {other}.", name=path.name, other=type(found).__name__), tr("Export a whole timeline.")
        )
    tracks = [*found.video_tracks(), *found.audio_tracks()]
    if not tracks:
        raise NothingToDo(tr("{name} holds a cut without tracks.", name=path.name), tr("Export the timeline with its clips."))
    left_out: list[str] = []
    for other in found.video_tracks()[1:]:
        if any(isinstance(item, otio.schema.Clip) for item in other):
            left_out.append(tr("The track “{name}” lies over the first one and was not read.", name=other.name))
    try:
        clips = tuple(_incoming(tracks[0], left_out))
        markers = tuple(_marker(m) for m in (*found.tracks.markers, *tracks[0].markers))
    except (ValueError, OverflowError, ZeroDivisionError) as error:
        raise NothingToDo(tr("{name} holds times that nobody can mean.", name=path.name), tr("Export the cut again.")) from error
    return Incoming(found.name or path.stem, clips, markers, tuple(left_out))


def _incoming(track: Any, left_out: list[str]) -> Iterator[IncomingClip]:
    import opentimelineio as otio

    at = Fraction(0)
    for number, item in enumerate(track, 1):
        name = str(item.name or tr("Clip {number}", number=number))[:120]
        if number > MOST_CLIPS:
            left_out.append(tr("What comes after clip {most} was not read.", most=MOST_CLIPS))
            return
        if isinstance(item, otio.schema.Transition):
            left_out.append(tr("The transition “{name}” is not taken over.", name=name))
            continue
        try:
            length = _seconds(item.duration())
        except otio.exceptions.OTIOError:
            left_out.append(tr("“{name}” has no length.", name=name))
            continue
        if isinstance(item, otio.schema.Clip):
            clip = _clip_in(item, name, at, left_out)
            if clip is not None:
                yield clip
        elif not isinstance(item, otio.schema.Gap):
            left_out.append(
                tr("“{name}” is a {what} inside the track and was not read.", name=name, what=type(item).__name__.lower())
            )
        at += length


def _clip_in(item: Any, name: str, at: Fraction, left_out: list[str]) -> IncomingClip | None:
    import opentimelineio as otio

    reference = item.media_reference
    if not isinstance(reference, otio.schema.ExternalReference):
        left_out.append(tr("“{name}” names no file.", name=name))
        return None
    if any(isinstance(e, otio.schema.TimeEffect) for e in item.effects):
        left_out.append(tr("“{name}” plays at another speed, which is not taken over.", name=name))
    there = item.trimmed_range()
    start, end = _seconds(there.start_time), _seconds(there.start_time + there.duration)
    first = _seconds(reference.available_range.start_time) if reference.available_range is not None else None
    if end <= start:
        left_out.append(tr("“{name}” has no length.", name=name))
        return None
    url = str(reference.target_url or "")
    path = _path_in(url)
    own = _own(item.metadata)
    told = _own(reference.metadata)
    rate = usual_rate(Fraction(there.start_time.rate or 25).limit_denominator(2000))
    media_start, media_end = (start, end) if first is None else (start - first, end - first)
    return IncomingClip(
        name, path, str(told.get("reel", ""))[:40], str(own.get("key", ""))[:80], media_start, media_end,
        first is not None or start < 3600, rate, at, _exact(own, media_start, media_end, rate),
    )  # fmt: skip


def _path_in(url: str) -> str:
    """The file that an address names; the address itself where it names none."""
    try:
        parts = urlsplit(url)
    except ValueError:  # a bracket that is not closed
        return url
    return unquote(parts.path) if parts.scheme in ("file", "") else url


def _exact(own: dict[str, object], start: Fraction, end: Fraction, rate: Fraction) -> tuple[int, int] | None:
    """The ticks that this program wrote, where nobody has trimmed the clip since."""
    a, b = own.get("start"), own.get("end")
    if type(a) is not int or type(b) is not int:
        return None
    near = all(abs(Fraction(t, TICKS_PER_SECOND) - s) * rate <= Fraction(51, 100) for t, s in ((a, start), (b, end)))
    return (a, b) if near and 0 <= a < b else None


def _own(metadata: Any) -> dict[str, object]:
    own = metadata.get(OWN) if hasattr(metadata, "get") else None
    return dict(own) if own is not None and hasattr(own, "items") else {}


def _marker(marker: Any) -> IncomingMarker:
    there = marker.marked_range
    start = _seconds(there.start_time)
    return IncomingMarker(str(marker.name)[:120], str(marker.comment or "")[:2000], start, start + _seconds(there.duration))


def _seconds(time: Any) -> Fraction:
    """A time in seconds, exactly where its rate is one that is used."""
    rate = Fraction(time.rate or 1).limit_denominator(2000) if time.rate else Fraction(1)
    near = usual_rate(rate)
    rate = near if abs(float(near) - float(time.rate or 0)) < 0.002 else Fraction(time.rate or 1)
    return Fraction(time.value).limit_denominator(1_000_000) / rate
