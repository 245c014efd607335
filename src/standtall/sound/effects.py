"""Sound effects, made in code: short sounds for a cut, a sticker, a turn in what is told.

All are built of two parts: tones whose pitch moves, and noise whose band moves. Each is the same on every machine.
"""

from __future__ import annotations

import functools
from collections.abc import Callable
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.interface_language import tr, tr_as
from standtall.media.sound_reader import MIX_RATE, Samples

Wave = NDArray[np.float64]
PEAK: Final = 0.7


def _t(seconds: float) -> Wave:
    return np.arange(round(seconds * MIX_RATE)) / MIX_RATE


def _fall(seconds: float, quick: float, attack: float = 0.002) -> Wave:
    """Up at once, then down: by e for each `quick` seconds."""
    t = _t(seconds)
    return np.minimum(1, t / attack) * np.exp(-t / quick) * np.minimum(1, (seconds - t) / 0.01)


def _swell(seconds: float, top: float) -> Wave:
    """Up to the share `top` of the time, and down again."""
    x = _t(seconds) / seconds
    return np.asarray(np.where(x < top, np.sin(np.pi / 2 * x / top), np.cos(np.pi / 2 * (x - top) / (1 - top))) ** 2)


def _tone(seconds: float, start: float, end: float, overtones: tuple[float, ...] = (1.0,)) -> Wave:
    """A tone that goes from one pitch (hertz) to another, with overtones at whole multiples."""
    t = _t(seconds)
    pitch = start * (end / start) ** (t / seconds)
    phase = 2 * np.pi * np.cumsum(pitch) / MIX_RATE
    return np.asarray(sum(level * np.sin((n + 1) * phase) for n, level in enumerate(overtones)))


def _bell(seconds: float, hertz: float, quick: float) -> Wave:
    """A struck bar: overtones that are no multiples, each dying away faster (ratios of a free bar, Rossing 2000)."""
    ratios, t = (1.0, 2.756, 5.404, 8.933), _t(seconds)
    return np.asarray(
        sum(0.6**n * np.sin(2 * np.pi * hertz * r * t) * _fall(seconds, quick / (1 + 0.8 * n)) for n, r in enumerate(ratios))
    )


def _noise(seconds: float, low: float, high: float, seed: int = 1, low_end: float = 0.0, high_end: float = 0.0) -> Wave:
    """Noise between two pitches that move to two others, in overlapping windows of a spectrum."""
    count, size = round(seconds * MIX_RATE), 1024
    rng = np.random.default_rng(seed)
    out, window = np.zeros(count + 2 * size), np.hanning(size)
    hertz = np.fft.rfftfreq(size, 1 / MIX_RATE)
    for at in range(0, count + size, size // 2):
        share = min(1.0, at / max(1, count))
        a, b = low + ((low_end or low) - low) * share, high + ((high_end or high) - high) * share
        middle, wide = np.sqrt(a * b), np.log(b / a) / 2
        band = np.exp(-((np.log(np.maximum(hertz, 1) / middle) / wide) ** 2))
        spectrum = band * np.exp(2j * np.pi * rng.random(len(hertz)))
        out[at : at + size] += np.fft.irfft(spectrum, size) * window
    made = out[size // 2 : size // 2 + count]
    return np.asarray(made / max(1e-9, float(np.abs(made).max())))


def _after(wave: Wave, seconds: float) -> Wave:
    return np.concatenate([np.zeros(round(seconds * MIX_RATE)), wave])


def _sum(*waves: Wave) -> Wave:
    out = np.zeros(max(len(w) for w in waves))
    for wave in waves:
        out[: len(wave)] += wave
    return out


def _notes(hertz: tuple[float, ...], gap: float, make: Callable[[float], Wave]) -> Wave:
    return _sum(*(_after(make(h), n * gap) for n, h in enumerate(hertz)))


def _knock(hertz: float) -> Wave:
    body = _tone(0.16, hertz, 0.8 * hertz, (1, 0.4)) * _fall(0.16, 0.035)
    return _sum(body, 0.4 * _noise(0.05, 400, 1800, 8) * _fall(0.05, 0.01))


def _boom() -> Wave:
    body = _tone(2.0, 74, 32, (1, 0.4, 0.15)) * _fall(2.0, 0.55)
    return _sum(body, 0.35 * _noise(1.2, 40, 220, 9) * _fall(1.2, 0.3))


def _rise() -> Wave:
    tone = _tone(1.6, 180, 1400, (1, 0.4, 0.2)) * _swell(1.6, 0.96)
    return _sum(tone, 0.5 * _noise(1.6, 300, 1200, 10, 2500, 9000) * _swell(1.6, 0.97))


def _page() -> Wave:
    rustle = 0.6 + 0.4 * np.abs(np.sin(2 * np.pi * 9 * _t(0.42)))
    return np.asarray(_noise(0.42, 1200, 6000, 11, 2500, 9000) * _swell(0.42, 0.3) * rustle)


def _shutter() -> Wave:
    opens, closes = _noise(0.06, 900, 6000, 12) * _fall(0.06, 0.012), _noise(0.07, 700, 5000, 13) * _fall(0.07, 0.016)
    return _sum(opens, _after(0.8 * closes, 0.09))


def _key(number: int) -> Wave:
    hard = 0.6 + 0.1 * (number % 4)
    return np.asarray(hard * _noise(0.05, 900 + 150 * (number % 3), 5200, 20 + number) * _fall(0.05, 0.009))


def _stroke(number: int) -> Wave:
    return np.asarray((0.35 + 0.65 * number / 26) * _noise(0.12, 180, 2600, 40 + number) * _fall(0.12, 0.03))


def _wind() -> Wave:
    gusts = 0.75 + 0.25 * np.sin(2 * np.pi * 0.9 * _t(2.2))
    return np.asarray(_noise(2.2, 150, 700, 14, 220, 1100) * _swell(2.2, 0.5) * gusts)


def _tap() -> Wave:
    return _sum(_noise(0.08, 300, 1600, 7) * _fall(0.08, 0.012), 0.6 * _tone(0.08, 240, 180) * _fall(0.08, 0.02))


def _pop(hertz: float) -> Wave:
    return np.asarray(_tone(0.12, hertz, 2.8 * hertz) * _fall(0.12, 0.03))


def _drop(hertz: float) -> Wave:
    return np.asarray(_tone(0.14, hertz, 2.2 * hertz) * _fall(0.14, 0.04))


def _beat(hertz: float) -> Wave:
    return np.asarray(_tone(0.24, 1.3 * hertz, hertz, (1, 0.4)) * _fall(0.24, 0.07))


def _right(hertz: float) -> Wave:
    return np.asarray(_tone(0.5, hertz, hertz, (1, 0.3, 0.12)) * _fall(0.5, 0.16))


def _wrong(hertz: float) -> Wave:
    return np.asarray(_tone(0.4, hertz, hertz, (1, 0.7, 0.5, 0.35, 0.2)) * _fall(0.4, 0.2, 0.01))


_MADE: Final[dict[str, tuple[str, Callable[[], Wave]]]] = {
    "soft-whoosh": (tr("Soft whoosh"), lambda: _noise(0.7, 200, 900, 2, 700, 3200) * _swell(0.7, 0.6)),
    "quick-whoosh": (tr("Quick whoosh"), lambda: _noise(0.32, 500, 2500, 3, 1200, 7000) * _swell(0.32, 0.5)),
    "deep-whoosh": (tr("Deep whoosh"), lambda: _noise(1.1, 60, 300, 4, 200, 1200) * _swell(1.1, 0.7)),
    "sweep-away": (tr("Sweep away"), lambda: _noise(0.6, 2500, 9000, 5, 200, 900) * _swell(0.6, 0.2)),
    "pop": (tr("Pop"), lambda: _pop(320.0)),
    "two-pops": (tr("Two pops"), lambda: _notes((320, 420), 0.11, _pop)),
    "click": (tr("Click"), lambda: _noise(0.04, 1500, 7000, 6) * _fall(0.04, 0.006, 0.0005)),
    "tap": (tr("Tap"), _tap),
    "knock": (tr("Knock"), lambda: _notes((170.0, 165.0), 0.19, _knock)),
    "thump": (tr("Thump"), lambda: _tone(0.5, 110, 42, (1, 0.3)) * _fall(0.5, 0.12)),
    "boom": (tr("Boom"), _boom),
    "ding": (tr("Ding"), lambda: _bell(1.4, 1318, 0.45)),
    "low-bell": (tr("Low bell"), lambda: _bell(2.6, 392, 0.9)),
    "chime": (tr("Chime"), lambda: _notes((1046.5, 1318.5, 1568.0), 0.11, lambda h: _bell(1.5, h, 0.5))),
    "sparkle": (tr("Sparkle"), lambda: _notes((2093, 2637, 3136, 2637, 3520, 4186), 0.055, lambda h: 0.7 * _bell(0.7, h, 0.18))),
    "right": (tr_as("correct", "Right"), lambda: _notes((659.3, 987.8), 0.13, _right)),
    "wrong": (tr("Wrong"), lambda: _notes((233.1, 185.0), 0.2, _wrong)),
    "rise": (tr("Rise"), _rise),
    "fall": (tr("Fall"), lambda: _tone(0.9, 900, 140, (1, 0.3)) * _swell(0.9, 0.1)),
    "water-drop": (tr("Drop of water"), lambda: _notes((520.0, 760.0), 0.16, _drop)),
    "coin": (tr("Coin"), lambda: _notes((1975.5, 2637.0), 0.075, lambda h: _bell(0.9, h, 0.22))),
    "page": (tr("Page"), _page),
    "shutter": (tr("Shutter"), _shutter),
    "keys": (tr("Keys"), lambda: _sum(*(_after(_key(n), at) for n, at in enumerate((0.0, 0.13, 0.22, 0.38, 0.47, 0.63))))),
    "clock": (tr("Clock"), lambda: _notes((2300.0, 1850.0, 2300.0, 1850.0), 0.5, lambda h: _bell(0.09, h, 0.012))),
    "heartbeat": (tr("Heartbeat"), lambda: _notes((62.0, 54.0), 0.24, _beat)),
    "drum-roll": (tr("Drum roll"), lambda: _sum(*(_after(_stroke(n), 0.052 * n) for n in range(27)))),
    "wind": (tr("Wind"), _wind),
}  # fmt: skip


def effects() -> dict[str, str]:
    """Names of the effects with their titles."""
    return {name: title for name, (title, _make) in _MADE.items()}


@functools.lru_cache(maxsize=64)
def effect(name: str) -> Samples | None:
    """float32 (2, samples) at 48 kHz, its peak at `PEAK`; None for a name that there is not."""
    if name not in _MADE:
        return None
    wave = np.asarray(_MADE[name][1](), np.float64)
    wave = wave * PEAK / max(1e-9, float(np.abs(wave).max()))
    edge = min(len(wave) // 4, 96)
    wave[-edge:] *= np.linspace(1, 0, edge)
    return np.repeat(wave[None, :].astype(np.float32), 2, axis=0)
