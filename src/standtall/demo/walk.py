"""The second piece of demo footage, "After the Allotment Hour": two people who cross in a garden, a dissolve to slides with a
face beside them, and a hand-held shot. What is said is taken out of the programme; all else is drawn here, with the truth.

python -m standtall.demo.walk OUT_FOLDER
"""

from __future__ import annotations

import gzip
import json
import math
import os
import sys
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import Any, Final

import numpy as np
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QImage, QPainter
from scipy.ndimage import uniform_filter1d

from standtall.demo import sets
from standtall.demo.dialogue import FRAME_RATE, HEIGHT, WIDTH
from standtall.demo.heads import PEOPLE, Drawn, Pose, draw_head
from standtall.demo.programme import programme, truth
from standtall.media.planes import from_rgb
from standtall.media.sound_reader import read_sound
from standtall.media.writer import MovieWriter

SOUND_RATE: Final = 48_000
LINES: Final = ((16, 0.8), (18, 3.6), (28, 5.4), (29, 10.6), (30, 12.6), (21, 16.4), (33, 22.0), (36, 28.6))
"""Lines of the programme by number, and when each is said, in seconds."""
STARTS: Final = (0.0, 15.0, 27.6)
LENGTH_S: Final = 33.4
DISSOLVE: Final = 20
"""Frames over which the first shot goes over into the second; its middle is where the second starts."""
SLIDE_AT_S: Final = 21.4
SHAKE_PX: Final = 11.0
OPTIONS: Final = {"preset": "slow", "crf": "24", "g": "30", "tune": "animation"}
SCREEN: Final = QRectF(56, 96, 1104, 704)


@dataclass(frozen=True, slots=True)
class _Line:
    who: str
    start: float
    words: tuple[tuple[str, float, float], ...]
    """Each with its start and end in seconds of this film."""
    source: tuple[float, float]
    """Where it is in the programme, in seconds."""


def _lines() -> list[_Line]:
    said = truth()["lines"]
    out = []
    for number, at in LINES:
        line = said[number]
        first = line["words"][0][1]
        words = tuple((w, round(a - first + at, 4), round(b - first + at, 4)) for w, a, b in line["words"])
        out.append(_Line(line["speaker"], at, words, (first - 0.1, line["words"][-1][2] + 0.15)))
    return out


class Walk:
    """Frames, sound and truth; `frame(n)` is pure."""

    def __init__(self) -> None:
        self.lines = _lines()
        self.frames = round(LENGTH_S * FRAME_RATE)
        self.starts = [round(s * FRAME_RATE) for s in STARTS]
        self.sound = self._sound()
        self._mouths = self._mouth_openings()
        self._garden = sets.garden()
        self._near = sets.close_up(self._garden, 1180, 520, 1.35, 7)
        self._shed = sets.close_up(sets.shed(), 1200, 560, 1.25, 9)
        self._chart, _ = sets.chart()
        dice = np.random.default_rng(7)
        t = np.arange(self.frames) / FRAME_RATE
        sway = [np.sin(2 * np.pi * (1.9 + 0.7 * k) * t + k) + 0.6 * np.sin(2 * np.pi * (3.1 + k) * t) for k in (0, 1)]
        self.shake = SHAKE_PX * (np.stack(sway, axis=1) / 1.6) + dice.normal(0, 0.8, (self.frames, 2))

    def _sound(self) -> np.ndarray:
        whole = read_sound(programme(), SOUND_RATE, 1).reshape(-1)
        out = np.zeros(round(LENGTH_S * SOUND_RATE), np.float32)
        for line in self.lines:
            a, b = (round(s * SOUND_RATE) for s in line.source)
            part = whole[a:b].copy()
            ramp = np.linspace(0, 1, SOUND_RATE // 50, dtype=np.float32)
            part[: len(ramp)] *= ramp
            part[-len(ramp) :] *= ramp[::-1]
            at = round((line.start - 0.1) * SOUND_RATE)
            out[at : at + len(part)] += part
        return out

    def _mouth_openings(self) -> dict[str, np.ndarray]:
        level = np.sqrt(np.maximum(1e-12, uniform_filter1d(self.sound.astype(np.float64) ** 2, round(SOUND_RATE * 0.045))))
        at = np.minimum(len(level) - 1, ((np.arange(self.frames) + 0.5) * SOUND_RATE / FRAME_RATE).astype(int))
        opening = np.clip((level[at] / np.percentile(level[level > 1e-4], 85)) ** 0.75, 0, 1.15) / 1.15
        out = {name: np.zeros(self.frames) for name in PEOPLE}
        for line in self.lines:
            a, b = int(line.words[0][1] * FRAME_RATE), int(line.words[-1][2] * FRAME_RATE) + 1
            out[line.who][a:b] = np.where(opening[a:b] > 0.07, opening[a:b], 0)
        return out

    def speaker_at(self, n: int) -> str | None:
        t = (n + 0.5) / FRAME_RATE
        return next((line.who for line in self.lines if line.words[0][1] <= t <= line.words[-1][2]), None)

    def _heads(self, number: int, n: int) -> list[tuple[str, float, float, float, float]]:
        """Who is where in a shot: (person, x, y, head height, yaw)."""
        t = n / FRAME_RATE
        if number == 0:
            there, back = _eased((t - 4.6) / 3.2), _eased((t - 10.9) / 3.0)
            step = 6 * abs(math.sin(t * math.pi * 1.9)) * (0 < there < 1 or 0 < back < 1)
            turn, away = 0.5 * (_way(there) - _way(back)), there - back
            return [
                ("wren", 470 + 960 * away, 415 - step, 210, 0.2 + turn),
                ("marlow", 1440 - 980 * away, 405 - step, 222, -0.2 - turn),
            ]
        if number == 1:
            return [("odile", 1520, 430, 300, -0.35)]
        return [("marlow", 1010, 420, 400, -0.2)]

    def _shot(self, number: int, n: int) -> tuple[QImage, list[tuple[str, Drawn]]]:
        image = (self._garden, self._shed, self._near)[number].copy()
        painter = sets.pen_on(image)
        if number == 1:
            sets.wall_screen(painter)
            if n / FRAME_RATE >= SLIDE_AT_S:
                painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
                painter.drawImage(SCREEN.adjusted(14, 14, -14, -14), self._chart)
                painter.setPen(Qt.PenStyle.NoPen)
        people = []
        t = n / FRAME_RATE
        for who, x, y, height, yaw in sorted(self._heads(number, n), key=lambda h: h[3]):
            seed = len(who)
            x += height * 0.02 * math.sin(t * 0.8 + seed)
            y += height * 0.012 * math.sin(t * 1.3 + seed * 2) - float(self._mouths[who][n]) * height * 0.012
            blink = (0.5, 1.0, 1.0, 0.5)[(n + 31 * seed) % 104] if (n + 31 * seed) % 104 < 4 else 0.0
            pose = Pose(float(self._mouths[who][n]), max(-0.85, min(0.85, yaw)), blink, 0.2, 1.5 * math.sin(t * 0.9 + seed))
            people.append((who, draw_head(painter, PEOPLE[who], x, y, height, pose)))
        if number == 1:
            sets.table(painter, 930, ())
        painter.end()
        return image, people

    def frame(self, n: int) -> tuple[np.ndarray, list[tuple[str, Drawn]]]:
        """-> (uint8 (height, width, 3) R, G, B; the people of the shot that is seen most)."""
        number = max(i for i, start in enumerate(self.starts) if start <= n)
        image, people = self._shot(number, n)
        seen = sets.pixels(image)[..., 2::-1].astype(np.float32)
        share = (n + 0.5 - (self.starts[1] - DISSOLVE / 2)) / DISSOLVE
        if 0 < share < 1:
            both = self._shot(0, n)[0], self._shot(1, n)[0]  # they own the pixels
            first, second = (sets.pixels(one)[..., 2::-1].astype(np.float32) for one in both)
            seen = first * (1 - share) + second * share
        if number == 2:
            x, y = (round(float(v)) for v in self.shake[n])
            seen = np.roll(seen, (y, x), axis=(0, 1))
            seen = _without_rim(seen, x, y)
            people = [(who, _moved(drawn, x, y)) for who, drawn in people]
        return np.clip(np.round(seen), 0, 255).astype(np.uint8), people

    def truth(self) -> dict[str, Any]:
        """As the programme's, and where it dissolves, where its screen is, and how its picture shakes (pixels)."""
        people = [
            [[who, [round(v) for v in d.head], [round(v) for v in d.face]] for who, d in self.frame(n)[1]]
            for n in range(self.frames)
        ]
        return {
            "size": [WIDTH, HEIGHT],
            "rate": FRAME_RATE,
            "frames": self.frames,
            "cuts": self.starts[1:],
            "dissolves": [[self.starts[1], DISSOLVE]],
            "cameras": ["crossing", "screen", "shaky"],
            "screens": [None, [SCREEN.x(), SCREEN.y(), SCREEN.width(), SCREEN.height()], None],
            "lines": [{"speaker": line.who, "words": [list(w) for w in line.words]} for line in self.lines],
            "speakers": [self.speaker_at(n) for n in range(self.frames)],
            "people": people,
            "shake": [[round(float(v)) for v in row] if n >= self.starts[2] else [0, 0] for n, row in enumerate(self.shake)],
        }


def _eased(share: float) -> float:
    share = min(1.0, max(0.0, share))
    return share * share * (3 - 2 * share)


def _way(share: float) -> float:
    """1 in the middle of a walk, 0 at its ends."""
    return 4 * share * (1 - share)


def _moved(drawn: Drawn, x: int, y: int) -> Drawn:
    (a, b, w, h), (c, d, v, k) = drawn.head, drawn.face
    return Drawn((a + x, b + y, w, h), (c + x, d + y, v, k))


def _without_rim(seen: np.ndarray, x: int, y: int) -> np.ndarray:
    """What was rolled in from the other side gives way to the picture's edge."""
    if x > 0:
        seen[:, :x] = seen[:, x : x + 1]
    elif x < 0:
        seen[:, x:] = seen[:, x - 1 : x]
    if y > 0:
        seen[:y] = seen[y : y + 1]
    elif y < 0:
        seen[y:] = seen[y - 1 : y]
    return seen


def main(out: Path) -> None:
    """Write `walk.mp4` and `walk.json.gz` into `out`."""
    from PySide6.QtGui import QGuiApplication

    from standtall.ink.fonts import load_fonts

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    application = QGuiApplication.instance() or QGuiApplication([])
    load_fonts()
    made = Walk()
    stereo = np.stack([made.sound, made.sound])
    per_frame = SOUND_RATE // FRAME_RATE
    with MovieWriter(out / "walk.mp4", WIDTH, HEIGHT, Fraction(FRAME_RATE), OPTIONS, sound_bit_rate=96_000) as writer:
        for n in range(made.frames):
            writer.picture(from_rgb(made.frame(n)[0]))
            writer.sound(stereo[:, n * per_frame : (n + 1) * per_frame])
    (out / "walk.json.gz").write_bytes(gzip.compress(json.dumps(made.truth(), separators=(",", ":")).encode(), 9, mtime=0))
    del application


if __name__ == "__main__":
    main(Path(sys.argv[1]))
