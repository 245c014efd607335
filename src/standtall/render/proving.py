"""Opens a finished file as a stranger would and measures it against what it should show: every frame is decoded, some are
compared with frames painted anew, words with the pixels they should stand in, the sound with the track it was made from."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final, TypeVar

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import MediaError
from standtall.base.geometry import Rect
from standtall.base.progress import Progress
from standtall.captions.said import CaptionWord
from standtall.compose.composition import Composition
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.frame import Frame
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.media.coded import colour_tags
from standtall.media.planes import Planes, lowered, scaled, to_bgr
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.model.proof import Finding
from standtall.people.faces import FaceDetector, SmallFaceDetector

T = TypeVar("T")
MOST_WORDS, MOST_FACES, MOST_STEPS = 18, 30, 10
"""Places that are looked at at most, evenly spread over the short."""
NEAR: Final = (-2, -1, 0, 1, 2)
"""Frames around one that are compared with it."""
SKETCH: Final = (54, 96)
BLACK_Y: Final = 20
"""Luma of a frame that is black (16 is the blackest in BT.709)."""
LONGEST_BLACK_S: Final = 0.7
"""Longer than a dip to black between two passages."""
LONGEST_STILL_S: Final = 1.5
STILL: Final = 0.25
"""Mean change of luma from one frame to the next under which a picture stands still: what encoders leave of nothing."""
REAL_CHANGE: Final = 2.0
"""Mean change of luma between two painted frames that are not the same picture."""
SHOWS: Final = 24
"""Difference in luma or colour by which captions, or a lit word, are told."""
LEAST_PIXELS: Final = 40
WINDOW_S: Final = 1.5
OFF_MS: Final = 25.0
"""Sound and picture further apart than this are seen to be (EBU R 37-2007 allows 40 ms early and 60 ms late)."""
LINES: Final = 640
"""A picture that is searched for a face is at most so high ..."""
FACE_LINES: Final = 80
"""... and no higher than makes the face that is looked for so high: the detector's time grows with the area."""
FOUND_FACES: Final = 0.7
RIGHT_TAGS: Final = (1, 1, 1, 1)
"""BT.709 for primaries, transfer and matrix (ITU-T H.273), limited range."""


def proved(path: Path, composition: Composition, track: Samples | None, progress: Progress) -> tuple[Finding, ...]:
    """All points that can be measured in the file at `path`, made of a composition with its sound. What is wrong is a finding, a
    file that does not decode, too."""
    wanted = _wanted(composition)
    try:
        seen = _walk(path, composition, wanted, progress)
    except MediaError:
        return (Finding("decodes", False),)
    whole = seen.frames == composition.frames
    out = [Finding("decodes", whole, {"frames": seen.frames, "wanted": composition.frames}), _tags(path)]
    out += _still_and_black(seen, composition)
    with Assets(rate=composition.short.output.fps) as assets:
        painter = FramePainter(assets, composition.short.output.width, composition.short.output.height)
        captions, painted = _looked_at(seen, composition, wanted, painter, progress)
    out += [*_in_step(path, seen, composition, painted, track), *captions]
    progress.check()
    out += _faces(seen, composition, SmallFaceDetector())
    return tuple(out)


@dataclass(slots=True)
class _Wanted:
    """Numbers of the frames that are looked at closely."""

    steps: list[int]
    words: dict[int, CaptionWord]
    faces: dict[int, Rect]


@dataclass(slots=True)
class _Seen:
    """What was decoded: how many frames, their mean luma and spread, the change from one to the next, and those wanted."""

    frames: int
    mean: NDArray[np.float64]
    spread: NDArray[np.float64]
    change: NDArray[np.float64]
    kept: dict[int, Planes]


def _wanted(composition: Composition) -> _Wanted:
    words: dict[int, CaptionWord] = {}
    if composition.short.captions.shown:
        said = [w for card in composition.cards for w in card.words]
        for word in _spread(said, MOST_WORDS):
            words[composition.frame_at((word.start + word.end) // 2)] = word
    inside = range(3, composition.frames - 3)
    spoken = [n for n in sorted(words) if n in inside]  # frames that are painted anew in any case
    steps = _spread(spoken if len(spoken) >= MOST_STEPS else list(inside), MOST_STEPS)
    faces: dict[int, Rect] = {}
    every = max(1, round(float(composition.fps)))
    for number in _spread(list(range(composition.lead + every // 2, composition.frames, every)), MOST_FACES):
        face = _face_in(composition, number)
        if face is not None:
            faces[number] = face
    return _Wanted(steps, words, faces)


def _spread(items: list[T], most: int) -> list[T]:
    if len(items) <= most:
        return items
    return [items[round(k * (len(items) - 1) / (most - 1))] for k in range(most)]


def _walk(path: Path, composition: Composition, wanted: _Wanted, progress: Progress) -> _Seen:
    """Decode every frame once."""
    near = {n + k for n in wanted.steps for k in NEAR}
    close = near | wanted.words.keys() | wanted.faces.keys()
    mean, spread, change = [], [], []
    kept: dict[int, Planes] = {}
    last: NDArray[np.float32] | None = None
    count = 0
    with PictureReader(path) as reader:
        for seen in reader.walk():
            small = np.asarray(seen.sketch(*SKETCH).y, np.float32)
            mean.append(float(small.mean()))
            spread.append(float(small.std()))
            change.append(float(np.abs(small - last).mean()) if last is not None else 255.0)
            last = small
            if count in close:
                planes = seen.planes()
                plain = count in wanted.words or count in wanted.faces
                kept[count] = _copied(planes) if plain else _quarter(planes)
            count += 1
            if count % 25 == 0:
                progress.report("proof", min(0.95, count / max(1, composition.frames)))
    return _Seen(count, np.array(mean), np.array(spread), np.array(change), kept)


def _copied(planes: Planes) -> Planes:
    return Planes(planes.y.copy(), planes.u.copy(), planes.v.copy())


def _quarter(planes: Planes) -> Planes:
    """Luma of a quarter of the size: enough to tell one frame from the next."""
    size = (planes.width // 4, planes.height // 4)
    return Planes(scaled(planes.y, size), planes.u[:0], planes.v[:0])


def _tags(path: Path) -> Finding:
    """Whether players are told the colours: BT.709 in all three, limited range."""
    tags = colour_tags(path)
    return Finding("colour", tags == RIGHT_TAGS, dict(zip(("primaries", "transfer", "matrix", "range"), tags, strict=True)))


def _runs(flags: NDArray[np.bool_], least: int) -> Iterator[tuple[int, int]]:
    edges = np.flatnonzero(np.diff(np.concatenate([[0], flags.astype(np.int8), [0]])))
    for a, b in zip(edges[::2], edges[1::2], strict=True):
        if b - a >= least:
            yield int(a), int(b)


def _still_and_black(seen: _Seen, composition: Composition) -> list[Finding]:
    fps = float(composition.fps)
    dark = list(_runs((seen.mean <= BLACK_Y) & (seen.spread < 4), max(1, round(LONGEST_BLACK_S * fps))))
    longest = max((b - a for a, b in dark), default=0) / fps
    black = Finding("black", not dark, {"seconds": longest}, _tick(composition, dark[0][0]) if dark else None)
    stood = None
    still_s = 0.0
    for a, b in _runs(seen.change < STILL, max(2, round(LONGEST_STILL_S * fps))):
        first, last = (composition.frame(min(n, composition.frames - 1)) for n in (a, b - 1))
        if first.layers != last.layers and _should_move(composition, a, b - 1):
            stood, still_s = (a if stood is None else stood), max(still_s, (b - a) / fps)
    frozen = Finding("frozen", stood is None, {"seconds": still_s}, None if stood is None else _tick(composition, stood))
    return [black, frozen]


def _should_move(composition: Composition, first: int, last: int) -> bool:
    """Whether the frames of a stretch differ where they are painted anew."""
    output = composition.short.output
    with Assets(rate=composition.short.output.fps) as assets:
        painter = FramePainter(assets, output.width, output.height)
        pictures = [_quarter(painter.paint(composition.frame(n))).y for n in (first, (first + last) // 2, last)]
    return any(float(np.abs(p.astype(np.int16) - pictures[0]).mean()) > REAL_CHANGE for p in pictures[1:])


def _tick(composition: Composition, number: int) -> int:
    return composition.middle_of(min(number, composition.frames - 1))


def _in_step(
    path: Path, seen: _Seen, composition: Composition, painted: dict[int, NDArray[np.int16]], track: Samples | None
) -> list[Finding]:
    """How late the picture is, in frames that are most like those painted anew, and how late the sound, by correlation."""
    offsets = []
    for number, own in painted.items():
        if any(number + k not in seen.kept for k in NEAR):
            continue
        errors = [float(np.abs(_luma(seen.kept[number + k], own.shape) - own).mean()) for k in NEAR]
        if max(errors) > 1.15 * min(errors) + 0.15:  # where nothing moves, all are alike
            offsets.append(NEAR[int(np.argmin(errors))])
    picture_ms = 1000 * float(np.median(offsets)) / float(composition.fps) if offsets else 0.0
    late = [] if track is None else list(_sound_late(path, track))
    if track is None or not late:
        return []
    worst = max(late, key=lambda ms: abs(ms - picture_ms))
    facts = {"picture ms": picture_ms, "sound ms": float(np.median(late)), "drift ms": late[-1] - late[0]}
    return [Finding("in step", abs(worst - picture_ms) <= OFF_MS, facts)]


def _luma(planes: Planes, shape: tuple[int, ...]) -> NDArray[np.int16]:
    y = planes.y if planes.y.shape == shape else _quarter(planes).y
    return y.astype(np.int16)


def _sound_late(path: Path, track: Samples) -> Iterator[float]:
    """Milliseconds by which the sound of the file is late, near its start, its middle and its end, where something is heard."""
    heard = read_sound(path, MIX_RATE, 2)
    size = round(WINDOW_S * MIX_RATE)
    length = min(heard.shape[1], track.shape[1])
    if length < 2 * size:
        return
    for at in (size // 2, length // 2, length - 2 * size):
        a, b = (np.asarray(s[:, at : at + size].mean(axis=0), np.float64) for s in (track, heard))
        if np.sqrt(np.mean(a**2)) < 1e-3:
            continue
        n = 1 << int(np.ceil(np.log2(2 * size)))
        product = np.fft.rfft(b, n) * np.conj(np.fft.rfft(a, n))
        found = np.fft.irfft(product, n)
        most = round(0.2 * MIX_RATE)
        around = np.concatenate([found[-most:], found[: most + 1]])
        yield 1000 * (int(np.argmax(around)) - most) / MIX_RATE


def _looked_at(
    seen: _Seen, composition: Composition, wanted: _Wanted, painter: FramePainter, progress: Progress
) -> tuple[list[Finding], dict[int, NDArray[np.int16]]]:
    """Paint some frames anew, in order. -> whether words stand in the pixels and the one that is said is lit, and the luma (a
    quarter of the size) of frames by which the picture's time is found."""
    there = checked = lit = lit_checked = 0
    gone: int | None = None
    dark: int | None = None
    painted: dict[int, NDArray[np.int16]] = {}
    for number in sorted({*wanted.steps, *wanted.words} & seen.kept.keys()):
        progress.check()
        frame, word = composition.frame(number), wanted.words.get(number)
        shown = _copied(painter.paint(frame))
        if number in wanted.steps:
            painted[number] = _quarter(shown).y.astype(np.int16)
        if word is None or not any(isinstance(k, CaptionLayer) for k in frame.layers):
            continue
        decoded, bare = seen.kept[number], _copied(painter.paint(_with_captions(frame, None)))
        if (near := _nearer(decoded, shown, bare)) is not None:
            checked += 1
            there += near
            gone = _tick(composition, number) if gone is None and not near else gone
        other = _other_word(composition, number, word)
        wrong = None if other is None else _copied(painter.paint(_with_captions(frame, other)))
        if wrong is not None and (near := _nearer(decoded, shown, wrong)) is not None:
            lit_checked += 1
            lit += near
            dark = _tick(composition, number) if dark is None and not near else dark
    out = []
    if checked:
        out.append(Finding("captions", there == checked, {"there": there, "of": checked}, gone))
    if lit_checked:
        out.append(Finding("lit", lit == lit_checked, {"there": lit, "of": lit_checked}, dark))
    return out, painted


def _with_captions(frame: Frame, layer: CaptionLayer | None) -> Frame:
    """The frame with other captions, or none."""
    layers = tuple(layer if isinstance(k, CaptionLayer) else k for k in frame.layers)
    return replace(frame, layers=tuple(k for k in layers if k is not None))


def _other_word(composition: Composition, number: int, word: CaptionWord) -> CaptionLayer | None:
    """The captions as they would be if the neighbour of a word in its card were lit."""
    tick = composition.middle_of(number)
    card = next((n for n, c in enumerate(composition.cards) if c.start <= tick < c.end), None)
    if card is None:
        return None
    words = composition.cards[card].words
    at = next((n for n, w in enumerate(words) if w == word), None)
    if at is None or len(words) < 2:
        return None
    near = words[at + 1] if at + 1 < len(words) else words[at - 1]
    return composition.caption_layer(card, (near.start + near.end) // 2)


def _nearer(decoded: Planes, right: Planes, wrong: Planes) -> bool | None:
    """Whether a picture is nearer to one of two where they differ; None where they hardly do."""
    apart_right = apart_wrong = 0.0
    count = 0
    for d, r, w in zip((decoded.y, decoded.u, decoded.v), (right.y, right.u, right.v), (wrong.y, wrong.u, wrong.v), strict=True):
        mask = np.abs(r.astype(np.int16) - w) > SHOWS
        count += int(mask.sum())
        apart_right += float(np.abs(d[mask].astype(np.int16) - r[mask]).sum())
        apart_wrong += float(np.abs(d[mask].astype(np.int16) - w[mask]).sum())
    return None if count < LEAST_PIXELS else apart_right < apart_wrong


def _face_in(composition: Composition, number: int) -> Rect | None:
    """Where the face of who speaks should be in a frame (shares of it), where it is known and the talk is shown."""
    tick = composition.middle_of(number)
    if not 0 <= tick < composition.time_map.length:
        return None
    at = composition.time_map.to_source(tick)
    if any(c.extent.source == at.source and c.extent.start <= at.tick < c.extent.end for c in composition.short.extras.cutaways):
        return None
    footage = composition.footage[at.source]
    people = footage.camera.people
    if not people.shots:
        return None
    speaker = people.speaker_at(at.tick)
    face = next((f for t in people.tracks_in(people.shot_at(at.tick)) if t.person == speaker and (f := t.at(at.tick))), None)
    if face is None:
        return None
    cell = next((c for c in footage.camera.at(at.tick).cells if face.common(c.crop).area > 0.9 * face.area), None)
    if cell is None:
        return Rect(0.0, 0.0, 0.0, 0.0)
    wide, high = cell.target.w / cell.crop.w, cell.target.h / cell.crop.h
    return Rect(
        cell.target.x + (face.x - cell.crop.x) * wide, cell.target.y + (face.y - cell.crop.y) * high, face.w * wide, face.h * high
    )


def _faces(seen: _Seen, composition: Composition, detector: FaceDetector) -> list[Finding]:
    """How often the face of who speaks is found where it should be."""
    looked = found = 0
    first: int | None = None
    for number, face in sorted(_wanted(composition).faces.items()):
        if number not in seen.kept:
            continue
        looked += 1
        planes = seen.kept[number]
        hit = face.area > 0 and _face_near(lowered(planes, min(LINES, round(FACE_LINES / face.h))), face, detector)
        found += hit
        first = _tick(composition, number) if first is None and not hit else first
    if not looked:
        return []
    right = found >= FOUND_FACES * looked
    return [Finding("face", right, {"found": found, "of": looked}, None if right else first)]


def _face_near(picture: Planes, face: Rect, detector: FaceDetector) -> bool:
    """Whether a face is found whose middle lies in the box around `face` (shares of the picture) of twice its size. Only as much
    of the picture as such a face could fill is searched."""
    w, h = picture.width, picture.height
    x0, y0 = max(0, round((face.x - face.w) * w)), max(0, round((face.y - face.h) * h))
    x1, y1 = min(w, round((face.x + 2 * face.w) * w)), min(h, round((face.y + 2 * face.h) * h))
    if x1 - x0 < 2 or y1 - y0 < 2:
        return False
    around = Rect(face.x - face.w / 2, face.y - face.h / 2, 2 * face.w, 2 * face.h)
    boxes = detector.faces(np.ascontiguousarray(to_bgr(picture)[y0:y1, x0:x1]))
    return any(around.x <= (x0 + b.cx) / w <= around.right and around.y <= (y0 + b.cy) / h <= around.bottom for b in boxes)
