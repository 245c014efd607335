"""Puts the demo together: every frame drawn from the script, the truth written down beside it.

`Film.frame(n)` is pure: the same n always gives the same picture, so pieces can be drawn in any order.
"""

from __future__ import annotations

import json
import math
from pathlib import Path
from typing import Any, Final

import numpy as np
from PySide6.QtGui import QImage, QPainter
from scipy.ndimage import uniform_filter1d

from standtall.demo import sets
from standtall.demo.dialogue import FRAME_RATE, HEIGHT, SCENES, WIDTH
from standtall.demo.heads import PEOPLE, Drawn, Pose, draw_head

HEADS: Final[dict[str, tuple[tuple[str, float, float, float], ...]]] = {
    "two": (("wren", 590, 420, 300), ("marlow", 1330, 410, 306)),
    "three": (("wren", 380, 452, 240), ("marlow", 960, 436, 246), ("odile", 1545, 450, 240)),
    "wren": (("wren", 800, 430, 430),),
    "marlow": (("marlow", 1130, 425, 440),),
    "odile": (("odile", 1040, 440, 420),),
    "walk": (("odile", 0, 400, 226),),
    "screen": (("marlow", 1500, 440, 300),),
    "chart": (),
    "landscape": (),
}
"""Who stands where for each camera: (person, x, y, head height) in pixels."""

WALK_FROM, WALK_TO = 430.0, 1490.0


class Film:
    """Frames and truth of the programme, made from the spoken lines in `speech.json` and their sound."""

    def __init__(self, speech: dict[str, Any], sound: np.ndarray, rate: int) -> None:
        self.lines = speech["lines"]
        self.frames = int(speech["length"] * FRAME_RATE)
        self.starts = self._scene_starts()
        self._mouths = self._mouth_openings(sound, rate)
        shed = sets.shed()
        self._backs: dict[str, QImage] = {
            "two": sets.close_up(shed, 960, 430, 1.12, 6),
            "three": sets.close_up(shed, 960, 540, 1.0, 5),
            "wren": sets.close_up(shed, 560, 400, 1.75, 13),
            "marlow": sets.close_up(shed, 1300, 400, 1.75, 13),
            "odile": sets.close_up(shed, 1500, 420, 1.7, 13),
            "screen": sets.close_up(shed, 1200, 560, 1.25, 9),
            "walk": sets.garden(),
        }
        self._backs["chart"], self.chart_text = sets.chart()
        self._wide = sets.landscape()

    def _scene_starts(self) -> list[int]:
        """First frame of each scene: halfway through the silence before its first line."""
        starts = [0]
        for number in range(1, len(SCENES)):
            first = next(line for line in self.lines if line["scene"] == number)
            before = max(line["words"][-1][2] for line in self.lines if line["scene"] == number - 1)
            starts.append(round((before + first["words"][0][1]) / 2 * FRAME_RATE))
        return starts

    def _mouth_openings(self, sound: np.ndarray, rate: int) -> dict[str, np.ndarray]:
        """Mouth opening 0..1 per frame and person, from the loudness of that person's own lines."""
        step = rate / FRAME_RATE
        level = np.sqrt(np.maximum(1e-12, uniform_filter1d(sound.astype(np.float64) ** 2, int(rate * 0.045))))
        at = np.minimum(len(level) - 1, ((np.arange(self.frames) + 0.5) * step).astype(int))
        opening = np.clip((level[at] / np.percentile(level, 92)) ** 0.75, 0, 1.15) / 1.15
        out = {name: np.zeros(self.frames) for name in PEOPLE}
        for line in self.lines:
            a, b = int(line["start"] * FRAME_RATE), min(self.frames, int(line["end"] * FRAME_RATE) + 1)
            out[line["speaker"]][a:b] = np.where(opening[a:b] > 0.07, opening[a:b], 0)
        return out

    def speaker_at(self, frame: int) -> str | None:
        """Who is saying a word during this frame (between the first and last word of a line)."""
        t = (frame + 0.5) / FRAME_RATE
        for line in self.lines:
            if line["words"][0][1] <= t <= line["words"][-1][2]:
                return str(line["speaker"])
        return None

    def scene_of(self, frame: int) -> int:
        return max(i for i, start in enumerate(self.starts) if start <= frame)

    def _pose(self, who: str, frame: int, facing: float) -> Pose:
        seed = {"wren": 0.0, "marlow": 1.7, "odile": 3.1}[who]
        t = frame / FRAME_RATE
        blink_at = (frame + int(seed * 31)) % 104
        blink = (0.5, 1.0, 1.0, 0.5)[blink_at] if blink_at < 4 else 0.0
        if blink_at == 57 and int(seed) % 2:
            blink = 1.0
        mouth = float(self._mouths[who][frame])
        sway = math.sin(t * 0.9 + seed) * 0.6 + math.sin(t * 1.7 + 2 * seed) * 0.4
        return Pose(
            mouth=mouth,
            yaw=max(-0.85, min(0.85, facing + 0.16 * math.sin(t * 0.63 + seed * 2))),
            blink=blink,
            brow=max(0.0, math.sin(t * 1.1 + seed)) * (0.9 if mouth > 0.2 else 0.3),
            tilt_deg=1.9 * sway,
        )

    def _facing(self, camera: str, who: str, x: float, frame: int) -> float:
        if camera == "walk":
            return 0.55
        if len(HEADS[camera]) < 2:
            return {"wren": 0.35, "marlow": -0.3, "odile": -0.35}[who]
        talking = self.speaker_at(frame) or self.speaker_at(max(0, frame - 15))
        for name, hx, _y, _h in HEADS[camera]:
            if name == talking and name != who:
                return max(-0.6, min(0.6, (hx - x) / 900))
        return 0.1 if x < WIDTH / 2 else -0.1

    def frame(self, n: int) -> tuple[QImage, list[tuple[str, Drawn]], list[tuple[str, float, float, float, float]]]:
        """-> (picture, [(person, places)], [(edge text, x, y, width, height)])."""
        number = self.scene_of(n)
        camera = SCENES[number].camera
        if camera == "landscape":
            return self._landscape(n, number)
        image = self._backs[camera].copy()
        painter = sets.pen_on(image)
        texts: list[tuple[str, float, float, float, float]] = []
        if camera == "chart":
            texts = self.chart_text
        if camera == "screen":
            texts = sets.wall_screen(painter)
        people = []
        t = n / FRAME_RATE
        for who, x, y, height in HEADS[camera]:
            seed = len(who)
            if camera == "walk":
                x, y = self._walk(n, number)
            x += height * 0.02 * math.sin(t * 0.8 + seed) + height * 0.008 * math.sin(t * 2.3 + seed)
            nod = float(self._mouths[who][n])
            y += height * 0.012 * math.sin(t * 1.3 + seed * 2) - nod * height * 0.012
            pose = self._pose(who, n, self._facing(camera, who, x, n))
            people.append((who, draw_head(painter, PEOPLE[who], x, y, height, pose)))
        self._foreground(painter, camera)
        painter.end()
        return image, people, texts

    def _foreground(self, painter: QPainter, camera: str) -> None:
        if camera == "two":
            sets.table(painter, 850, (880, 1060))
        elif camera == "three":
            sets.table(painter, 810, (640, 1220))
        elif camera == "screen":
            sets.table(painter, 930, ())
        elif camera == "walk":
            sets.bean_row(painter)

    def _walk(self, n: int, number: int) -> tuple[float, float]:
        first, last = self.starts[number], self.starts[number + 1]
        share = min(1.0, max(0.0, (n - first - 20) / (last - first - 60)))
        eased = share * share * (3 - 2 * share)
        step = math.sin((n - first) / FRAME_RATE * math.pi * 1.9)
        moving = 1.0 if 0.02 < share < 0.98 else 0.0
        return WALK_FROM + (WALK_TO - WALK_FROM) * eased, 400 + 7 * abs(step) * moving

    def _landscape(
        self, n: int, number: int
    ) -> tuple[QImage, list[tuple[str, Drawn]], list[tuple[str, float, float, float, float]]]:
        first, last = self.starts[number], self.starts[number + 1]
        left = (sets.PAN_WIDTH - WIDTH) * (n - first) / (last - first)
        image = sets.blank()
        painter = sets.pen_on(image)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.translate(-left, 0)
        painter.drawImage(0, 0, self._wide)
        painter.resetTransform()
        text = sets.title(painter)
        painter.end()
        return image, [], [text]

    def truth(self) -> dict[str, Any]:
        """Words, speakers, cuts; boxes of heads and faces and edge texts for every frame (in whole pixels)."""
        people: list[list[list[Any]]] = []
        texts: list[dict[str, Any]] = []
        for n in range(self.frames):
            number = self.scene_of(n)
            if SCENES[number].camera in ("chart", "landscape"):
                if n == self.starts[number]:
                    texts += [{"scene": number, "text": text, "box": [round(v) for v in box]} for text, *box in self.frame(n)[2]]
                people.append([])
                continue
            people.append(
                [[who, [round(v) for v in drawn.head], [round(v) for v in drawn.face]] for who, drawn in self.frame(n)[1]]
            )
        return {
            "size": [WIDTH, HEIGHT],
            "rate": FRAME_RATE,
            "frames": self.frames,
            "cuts": self.starts[1:],
            "cameras": [scene.camera for scene in SCENES],
            "lines": self.lines,
            "speakers": [self.speaker_at(n) for n in range(self.frames)],
            "people": people,
            "texts": texts,
        }


def load(folder: Path) -> Film:
    """A film from the spoken lines that `voices` left in `folder`."""
    import soundfile

    sound, rate = soundfile.read(folder / "speech.wav")
    return Film(json.loads((folder / "speech.json").read_text("utf-8")), sound, rate)
