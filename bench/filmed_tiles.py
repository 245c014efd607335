"""One film made of three filmed people out of packages, cut, tiled and moved here, so that the truth is known.

Who is in which tile, where it is cut and how the picture moves is written down here; where a face lies in its clip is told by the
detector of faces on the clip alone, picture by picture. Never used to choose a constant.
"""

from __future__ import annotations

import json
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import Any

import av
import cv2
import numpy as np

from bench.filmed import WOMAN, folder_of, packages
from bench.scenes.voices import voice
from bench.sets import Scene
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.sound_reader import SPEECH_RATE
from standtall.people.faces import SmallFaceDetector
from standtall.session.analyse import Options, analyse

Picture = np.ndarray
SIZE, RATE = (1280, 720), 25
CLIPS = {"woman": WOMAN, "man": "single_face.mp4", "driver": "carphone_pristine.mp4"}
VOICES = {"woman": "FEE078", "man": "acoustic", "driver": "MEE009"}


@dataclass(frozen=True)
class Tile:
    """A part of a clip in the film: whose, from which picture of the clip on, its window in shares of the clip at the start and the
    end (x, y, w; its height follows), where it lies in the film (pixels), and by how much the clothes are of another hue."""

    who: str
    first: int
    window: tuple[float, float, float]
    later: tuple[float, float, float]
    place: tuple[int, int, int, int] = (0, 0, 1280, 720)
    hue: int = 0


def still(who: str, first: int, x: float, y: float, w: float, place: tuple[int, int, int, int], hue: int = 0) -> Tile:
    return Tile(who, first, (x, y, w), (x, y, w), place, hue)


HALVES = ((0, 0, 640, 720), (640, 0, 640, 720))
THIRDS = ((0, 0, 426, 720), (426, 0, 428, 720), (854, 0, 426, 720))
SHOTS: tuple[tuple[float, tuple[Tile, ...], str], ...] = (
    (5.0, (still("woman", 0, 0.1, -0.1, 0.8, HALVES[0]), still("man", 0, 0.1, -0.2, 0.8, HALVES[1])), ""),
    (4.0, (Tile("woman", 130, (-0.35, -0.2, 1.5), (-0.1, -0.2, 1.5)),), "woman"),
    (3.0, (Tile("man", 10, (-0.2, -0.15, 1.3), (-0.05, -0.1, 1.15)),), "man"),
    (4.0, (still("driver", 0, -0.1, -0.5, 1.2, THIRDS[0]), still("woman", 240, 0.15, -0.2, 0.7, THIRDS[1]), still("man", 0, 0.15, -0.3, 0.7, THIRDS[2])), ""),
    (4.0, (Tile("driver", 0, (-0.5, -0.25, 1.8), (-0.3, -0.25, 1.8)),), "driver"),
    (5.0, (still("man", 0, 0.1, -0.2, 0.8, HALVES[0]), still("woman", 330, 0.1, -0.1, 0.8, HALVES[1])), ""),
    (3.0, (Tile("man", 0, (-0.2, -0.15, 1.3), (-0.2, -0.15, 1.3), hue=75),), "man"),
)  # fmt: skip
"""Seconds, tiles, and who is heard while alone in the picture."""


@dataclass(frozen=True)
class _Clip:
    pictures: list[Picture]
    faces: list[tuple[float, float, float, float] | None]
    """In shares of the picture."""


def _read(path: Path) -> _Clip:
    detector, pictures, faces = SmallFaceDetector(), [], []
    with av.open(str(path)) as clip:
        for frame in clip.decode(clip.streams.video[0]):
            picture = frame.to_ndarray(format="bgr24")
            h, w = picture.shape[:2]
            large = cv2.resize(picture, (640, round(640 * h / w)), interpolation=cv2.INTER_CUBIC)
            found = max(detector.faces(large), key=lambda b: b.area, default=None)
            pictures.append(picture)
            faces.append(None if found is None else (found.x / 640, found.y * w / 640 / h, found.w / 640, found.h * w / 640 / h))
    return _Clip(pictures, faces)


def _drawn(tile: Tile, clip: _Clip, seconds: float, share: float) -> tuple[Picture, tuple[float, float, float, float] | None]:
    """The tile as it is after `seconds`, and where its face lies in the film (pixels)."""
    n = tile.first + round(seconds * RATE)
    n %= 2 * len(clip.pictures)
    n = n if n < len(clip.pictures) else 2 * len(clip.pictures) - 1 - n  # forwards and backwards
    picture, face = clip.pictures[n], clip.faces[n]
    h, w = picture.shape[:2]
    x, y, wide = (a + (b - a) * share for a, b in zip(tile.window, tile.later, strict=True))
    left, top, across, down = tile.place
    scale = across / (wide * w)
    move = np.array([[scale, 0, -x * w * scale], [0, scale, -y * h * scale]], np.float32)
    if tile.hue and face is not None:
        picture = picture.copy()
        below = round((face[1] + face[3]) * h)
        hsv = cv2.cvtColor(picture[below:], cv2.COLOR_BGR2HSV)
        hsv[..., 0] = (hsv[..., 0].astype(int) + tile.hue) % 180
        hsv[..., 1] = np.maximum(hsv[..., 1], 120)
        hsv[..., 2] = np.maximum(hsv[..., 2], 70)
        picture[below:] = cv2.cvtColor(hsv, cv2.COLOR_HSV2BGR)
    shown = cv2.warpAffine(picture, move, (across, down), flags=cv2.INTER_CUBIC, borderMode=cv2.BORDER_REPLICATE)
    if face is None:
        return shown, None
    a, b = left + (face[0] - x) * w * scale, top + (face[1] - y) * h * scale
    return shown, (a, b, face[2] * w * scale, face[3] * h * scale)


def _make(path: Path) -> dict[str, Any]:
    packages()
    clips = {who: _read(folder_of() / name) for who, name in CLIPS.items()}
    frames = round(sum(s for s, _, _ in SHOTS) * RATE)
    sound = np.zeros(round(frames / RATE * SPEECH_RATE), np.float32)
    people: list[list[Any]] = []
    speakers: list[list[str]] = []
    said, shots, at = [], [], 0
    with av.open(str(path), "w", format="mp4") as out:
        video = out.add_stream("libx264", rate=Fraction(RATE))
        video.width, video.height, video.pix_fmt = *SIZE, "yuv420p"
        video.options = {"preset": "veryfast", "crf": "20"}
        audio = out.add_stream("aac", rate=SPEECH_RATE, layout="mono")
        for seconds, tiles, who in SHOTS:
            count = round(seconds * RATE)
            shots.append([at, at + count])
            if who:
                begin, end = at / RATE + 0.3, (at + count) / RATE - 0.3
                recorded = voice(VOICES[who])
                first, _ = recorded.phrases[0]
                part = recorded.samples[round(first * SPEECH_RATE) :][: round((end - begin) * SPEECH_RATE)]
                sound[round(begin * SPEECH_RATE) :][: len(part)] += part / np.abs(part).max() * 0.5
                said.append([who, begin, end])
            for n in range(count):
                picture, here = np.zeros((SIZE[1], SIZE[0], 3), np.uint8), []
                for tile in tiles:
                    shown, face = _drawn(tile, clips[tile.who], n / RATE, n / count)
                    x, y, w, h = tile.place
                    picture[y : y + h, x : x + w] = shown
                    if face is not None:
                        a, b, c, d = (round(v, 1) for v in face)
                        left, top = max(0.0, a - 0.1 * c), max(0.0, b - 0.25 * d)  # what is outside the picture nobody can show
                        right, low = min(float(SIZE[0]), a + 1.1 * c), min(float(SIZE[1]), b + 1.05 * d)
                        here.append([tile.who, [left, top, right - left, low - top], [a, b, c, d]])
                people.append(here)
                speakers.append([who] if who and 0.3 <= n / RATE <= seconds - 0.3 else [])
                out.mux(video.encode(av.VideoFrame.from_ndarray(picture, format="bgr24")))
            at += count
        out.mux(video.encode())
        for first in range(0, len(sound), 1024):
            block = av.AudioFrame.from_ndarray(
                np.ascontiguousarray(sound[None, first : first + 1024]), format="fltp", layout="mono"
            )
            block.sample_rate, block.pts = SPEECH_RATE, first
            out.mux(audio.encode(block))
        out.mux(audio.encode())
    return {
        "size": list(SIZE), "rate": RATE, "frames": at, "shots": shots, "people": people, "speakers": speakers, "said": said,
        "cuts": [{"at": a, "kind": "cut", "frames": 0} for a, _ in shots[1:]],
        "layouts": [["follow", "stack", "grid", "whole"] for _ in shots], "texts": [[] for _ in shots], "screens": [None for _ in shots],
    }  # fmt: skip


def scene() -> Scene:
    """The film, analysed as the program does, with its truth."""
    path = folder_of() / "tiles.mp4"
    told = path.with_suffix(".json")
    if not told.exists():
        told.write_text(json.dumps(_make(path)), "utf-8")
    source = probe(path)
    kept = AnalysisCache(folder_of() / "analyses")
    found = analyse(source, Options(), Progress(), kept)
    assert source.length > TICKS_PER_SECOND
    return Scene("tiles", source, found, json.loads(told.read_text("utf-8")))
