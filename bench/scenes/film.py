"""Draws the scenes, with their sound and the truth for every frame, and keeps the films in the user's cache."""

from __future__ import annotations

import hashlib
import itertools
import json
import math
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import Any

import av
import cv2
import numpy as np

from bench.scenes.backs import Picture, back
from bench.scenes.heads import Placed, Pose, draw
from bench.scenes.script import SCENES, SIZE, VOICES, Person, Scene, Shot
from bench.scenes.voices import conversation, voice
from standtall.base.folders import cache_folder
from standtall.media.sound_reader import SPEECH_RATE, Samples


@dataclass(frozen=True, slots=True)
class Filmed:
    """A scene as a file, and its truth as `Film.truth` gives it."""

    scene: Scene
    path: Path
    truth: dict[str, Any]


class Film:
    """One scene. `frame(n)` gives the picture and where everybody is; the same n always the same."""

    def __init__(self, scene: Scene) -> None:
        self.scene = scene
        self.starts = [0]
        for shot in scene.shots:
            self.starts.append(self.starts[-1] + round(shot.seconds * scene.fps))
        self.frames = self.starts[-1]
        self.sound, self.said = self._speech()
        self.mouths = self._mouths()

    def _speech(self) -> tuple[Samples, list[tuple[str, float, float]]]:
        sound = np.zeros(round(self.frames / self.scene.fps * SPEECH_RATE) + 1, np.float32)
        said: list[tuple[str, float, float]] = []
        if self.scene.conversation:
            samples, turns = conversation(self.scene.conversation)
            sound[: min(len(sound), len(samples))] = samples[: len(sound)]
            names = dict(self.scene.cast)
            return sound, [(names[who], a, b) for who, a, b in turns if who in names]
        at_phrase: dict[str, int] = {}
        for number, shot in enumerate(self.scene.shots):
            begins = self.starts[number] / self.scene.fps
            for who, start, seconds in shot.says:
                at = begins + start
                said += self._say(sound, who, at, at + seconds, at_phrase)
        dice = np.random.default_rng(len(sound))
        return sound + dice.normal(0, 0.0008, len(sound)).astype(np.float32), said

    def _say(
        self, sound: Samples, who: str, start: float, end: float, at_phrase: dict[str, int]
    ) -> list[tuple[str, float, float]]:
        """Phrases of a voice from `start` until about `end` (seconds); where they came to stand."""
        out = []
        recorded = voice(VOICES[who])
        loudest = float(np.abs(recorded.samples).max())
        phrases = [p for p in recorded.phrases if p[1] - p[0] > 0.5]
        while end - start > 0.4:
            i = at_phrase.get(who, 0)
            at_phrase[who] = i + 1
            a, b = phrases[i % len(phrases)]
            b = min(b, a + end - start)
            part = recorded.samples[round(a * SPEECH_RATE) : round(b * SPEECH_RATE)] / loudest * 0.5
            ramp = np.minimum(1.0, np.minimum(np.arange(len(part)), np.arange(len(part))[::-1]) / 160).astype(np.float32)
            first = round(start * SPEECH_RATE)
            part = (part * ramp)[: max(0, len(sound) - first)]
            sound[first : first + len(part)] += part
            out.append((who, start, start + b - a))
            start += b - a + 0.18
        return out

    def _mouths(self) -> dict[str, np.ndarray]:
        """Mouth opening 0..1 for each frame of each person, from the loudness while they talk; others stay shut."""
        step = SPEECH_RATE // 100
        power = (self.sound[: len(self.sound) // step * step].reshape(-1, step).astype(np.float64) ** 2).mean(axis=1)
        level = np.sqrt(np.convolve(power, np.ones(5) / 5, "same"))
        high = np.percentile(level[level > level.max() * 0.02], 90)
        at = np.minimum(len(level) - 1, ((np.arange(self.frames) + 0.5) / self.scene.fps * 100).astype(int))
        opening = np.clip((level[at] / high) ** 0.8, 0, 1)
        out = {name: np.zeros(self.frames) for name in VOICES}
        for who, start, end in self.said:
            a, b = round(start * self.scene.fps), round(end * self.scene.fps)
            out[who][a:b] = np.where(opening[a:b] > 0.08, opening[a:b], 0)
        return out

    def shot_of(self, n: int) -> int:
        return max(i for i, start in enumerate(self.starts[:-1]) if start <= n)

    def _pose(self, person: Person, n: int, into: int) -> Pose:
        t = n / self.scene.fps
        seed = sum(map(ord, person.name)) % 17
        mouth = float(self.mouths[person.name][n])
        if person.acts == "chews" and mouth == 0:
            mouth = max(0.0, 0.45 * math.sin(t * 2 * math.pi * 1.6 + seed)) if math.sin(t * 0.9 + seed) > -0.4 else 0.0
        span = len(self.scene.shots) and self.scene.shots[self.shot_of(min(n, self.frames - 1))].seconds
        half = into / self.scene.fps / span
        acting = 1.0 if 0.3 < half < 0.55 else 0.0
        return Pose(
            mouth=mouth,
            yaw=person.yaw + 7 * math.sin(t * 0.7 + seed) + _turned_away(person, into / self.scene.fps),
            blink=1.0 if (n + seed * 13) % 96 < 3 else 0.0,
            down=acting if person.acts == "down" else 0.0,
            hand=acting if person.acts == "hand" else 0.0,
        )

    def _paint(self, number: int, n: int) -> tuple[Picture, list[tuple[str, Placed]]]:
        """Shot `number` as frame `n` of the film would show it alone."""
        shot, into = self.scene.shots[number], n - self.starts[number]
        slide = int(into / self.scene.fps / 6)
        picture = back(shot.back, slide).picture.copy()
        placed = []
        moved = _moved(shot, into / self.scene.fps)
        for person in shot.people:
            x, y, height = _where(person, max(0.0, into / self.scene.fps))
            t, seed = n / self.scene.fps, len(person.name)
            x += height * 0.03 * math.sin(t * 0.9 + seed) + moved[0]
            y += height * 0.015 * math.sin(t * 1.5 + 2 * seed) + moved[1]
            placed.append(
                (person.name, draw(picture, person.name, x, y, round(height), self._pose(person, min(n, self.frames - 1), into)))
            )
        if moved != (0.0, 0.0):
            ground = back(shot.back, slide).picture
            shifted = cv2.warpAffine(
                ground, np.array([[1, 0, moved[0]], [0, 1, moved[1]]], np.float32), SIZE, borderMode=cv2.BORDER_WRAP
            )
            picture = shifted
            for (name, _), person in zip(placed, shot.people, strict=True):
                x, y, height = _where(person, max(0.0, into / self.scene.fps))
                t, seed = n / self.scene.fps, len(name)
                x += height * 0.03 * math.sin(t * 0.9 + seed) + moved[0]
                y += height * 0.015 * math.sin(t * 1.5 + 2 * seed) + moved[1]
                draw(picture, name, x, y, round(height), self._pose(person, min(n, self.frames - 1), into))
        if shot.flash is not None and 0 <= into / self.scene.fps - shot.flash < 0.09:
            picture = np.clip(picture.astype(np.uint16) + 150, 0, 255).astype(np.uint8)
        return picture, placed

    def frame(self, n: int) -> tuple[Picture, list[tuple[str, Placed]]]:
        number = self.shot_of(n)
        picture, placed = self._paint(number, n)
        for after in (number, number + 1):
            if not 0 < after < len(self.scene.shots):
                continue
            shot = self.scene.shots[after]
            if shot.into == "cut":
                continue
            share = (n - self.starts[after] + shot.frames / 2) / shot.frames
            if 0 < share < 1:
                before, now = self._paint(after - 1, n)[0], self._paint(after, n)[0]
                picture = _mixed(before, now, share, shot.into)
        return picture, placed

    def truth(self, placed: list[list[tuple[str, Placed]]]) -> dict[str, Any]:
        """Where everybody is in each frame, who talks, where it is cut, texts, screens, layouts."""
        fps = self.scene.fps
        speakers = [sorted({who for who, a, b in self.said if a <= (n + 0.5) / fps < b}) for n in range(self.frames)]
        backs = [back(shot.back, 0) for shot in self.scene.shots]
        return {
            "size": list(SIZE),
            "rate": fps,
            "frames": self.frames,
            "cuts": [
                {"at": start, "kind": shot.into, "frames": shot.frames}
                for start, shot in zip(self.starts[1:-1], self.scene.shots[1:], strict=True)
            ],
            "shots": [[a, b] for a, b in zip(self.starts, self.starts[1:], strict=False)],
            "layouts": [list(shot.layouts) for shot in self.scene.shots],
            "texts": [[list(box) for box in b.texts] for b in backs],
            "screens": [list(b.screen) if b.screen else None for b in backs],
            "said": self.said,
            "speakers": speakers,
            "people": [
                [[who, [round(v, 1) for v in p.head], [round(v, 1) for v in p.face]] for who, p in here] for here in placed
            ],
        }


def _turned_away(person: Person, t: float) -> float:
    """Degrees by which somebody turns their back to the camera; the turn takes half a second."""
    if person.away is None:
        return 0.0
    return 170.0 * min(1.0, max(0.0, 2 * (t - person.away[0]), 0.0) if person.away[0] else 1.0, max(0.0, 2 * (person.away[1] - t)))


def _where(person: Person, t: float) -> tuple[float, float, float]:
    path = person.path
    if t <= path[0][0] or len(path) == 1:
        return path[0][1:]
    for a, b in itertools.pairwise(path):
        if t < b[0]:
            share = (t - a[0]) / (b[0] - a[0])
            eased = share * share * (3 - 2 * share)
            return a[1] + (b[1] - a[1]) * eased, a[2] + (b[2] - a[2]) * eased, a[3] + (b[3] - a[3]) * eased
    return path[-1][1:]


def _moved(shot: Shot, t: float) -> tuple[float, float]:
    """How far a shaking or whipping camera moves the picture."""
    x = y = 0.0
    if shot.shake:
        x = shot.shake * (math.sin(t * 11.3) + 0.7 * math.sin(t * 17.9 + 1) + 0.5 * math.sin(t * 29.1 + 2))
        y = shot.shake * 0.7 * (math.sin(t * 9.7 + 2) + 0.6 * math.sin(t * 23.3))
    if shot.whip and shot.whip[0] < t < shot.whip[1]:
        share = (t - shot.whip[0]) / (shot.whip[1] - shot.whip[0])
        x += 700 * math.sin(math.pi * share) ** 2
    return x, y


def _mixed(before: Picture, now: Picture, share: float, into: str) -> Picture:
    if into == "dissolve":
        return cv2.addWeighted(before, 1 - share, now, share, 0)
    if into == "fade":
        shown, light = (before, 1 - 2 * share) if share < 0.5 else (now, 2 * share - 1)
        return (shown * light).astype(np.uint8)
    edge = round(share * before.shape[1])
    return np.concatenate([now[:, :edge], before[:, edge:]], axis=1)


def _write(film: Film, path: Path) -> list[list[tuple[str, Placed]]]:
    placed = []
    with av.open(str(path), "w", format="mp4") as out:
        video = out.add_stream("libx264", rate=Fraction(film.scene.fps))
        video.width, video.height, video.pix_fmt = *SIZE, "yuv420p"
        video.options = {"preset": "veryfast", "crf": "22"}
        audio = out.add_stream("aac", rate=48_000, layout="mono")
        for n in range(film.frames):
            picture, here = film.frame(n)
            placed.append(here)
            frame = av.VideoFrame.from_ndarray(picture, format="bgr24")
            out.mux(video.encode(frame))
        out.mux(video.encode())
        sound = np.repeat(film.sound, 3)  # 16 to 48 kHz; the step's images lie above what the recogniser hears
        for first in range(0, len(sound), 1024):
            block = av.AudioFrame.from_ndarray(
                np.ascontiguousarray(sound[None, first : first + 1024]), format="fltp", layout="mono"
            )
            block.sample_rate, block.pts = 48_000, first
            out.mux(audio.encode(block))
        out.mux(audio.encode())
    return placed


def _mark(scene: Scene) -> str:
    """Changes with the scene and with the code that draws it."""
    code = b"".join((Path(__file__).parent / name).read_bytes() for name in ("heads.py", "backs.py", "voices.py"))
    return hashlib.sha256(code + repr(scene).encode() + b"film 1").hexdigest()[:12]


def filmed(scene: Scene) -> Filmed:
    """The scene as a film with its truth; made when it is not there as this code makes it."""
    folder = cache_folder() / "bench-scenes" / "films"
    folder.mkdir(parents=True, exist_ok=True)
    name = f"{scene.name.replace(' ', '-')}-{_mark(scene)}"
    path, told = folder / f"{name}.mp4", folder / f"{name}.json"
    if not told.exists():
        film = Film(scene)
        placed = _write(film, path)
        told.write_text(json.dumps(film.truth(placed)), "utf-8")
    return Filmed(scene, path, json.loads(told.read_text("utf-8")))


def scenes(tune: bool | None = None) -> list[Filmed]:
    """All scenes, or those that constants may (or may not) be chosen on."""
    return [filmed(s) for s in SCENES if tune is None or s.tune == tune]
