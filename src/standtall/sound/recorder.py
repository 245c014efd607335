"""Aligns the sound of another recorder with that of a camera: where it begins, and how much faster its clock runs.

The place is found by the correlation of log energies over all of both, then refined in windows along the sound by the generalised
cross-correlation with phase transform (Knapp and Carter 1976, IEEE Trans. ASSP 24(4)); a line through what the windows say gives
offset and drift.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.media.sound_reader import MIX_RATE, Samples

STEP: Final = MIX_RATE // 100
WINDOW: Final = 1 << 18
"""Samples of a window: 5.5 s."""
MOST_WINDOWS: Final = 24
SLIGHT_PPM: Final = 20.0
"""Drift that smears nothing inside a window."""
AROUND: Final = MIX_RATE // 8
"""Samples around the expected place in which a window is looked for, after the first look."""
BAND: Final = (200.0, 7000.0)
LEAST_PEAK: Final = 6.0
"""How far the peak of a window's correlation stands over its spread at least."""
TAPS, PHASES = 32, 512

Values = NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Alignment:
    """Sample n of the camera's sound is sample `offset` + n * (1 + `ppm` / 1e6) of the recorder's. `spread` is how far windows
    lie from that on average, in samples, `windows` how many agree."""

    offset: float
    ppm: float
    spread: float
    windows: int


def aligned(camera: Samples, recorder: Samples) -> Alignment:
    """Align two mono sounds at 48 kHz. Raises `MediaError` where they do not belong together."""
    if camera.shape[-1] < 2 * MIX_RATE or recorder.shape[-1] < 2 * MIX_RATE:
        raise MediaError(tr("One of the sounds is shorter than two seconds."), tr("Choose a recording of the same talk."))
    first = _aligned_from(camera, recorder, _rough(camera, recorder))
    if abs(first.ppm) < SLIGHT_PPM:
        return first
    # once more on a clock put right by what was found: inside a window nothing drifts any more
    step = 1 + first.ppm / 1e6
    once_more = _aligned_from(camera, resampled(recorder[None], first.offset, step, camera.shape[-1])[0], 0)
    return Alignment(
        first.offset + step * once_more.offset, 1e6 * (step * (1 + once_more.ppm / 1e6) - 1), once_more.spread, once_more.windows
    )  # fmt: skip


def _aligned_from(camera: Samples, recorder: Samples, rough: int) -> Alignment:
    """The line through what windows say, each looked for around `rough`."""
    found: list[tuple[float, float, float]] = []
    size = min(WINDOW, 1 << int(np.floor(np.log2(min(camera.shape[-1], recorder.shape[-1])))))
    starts = np.linspace(0, max(0, camera.shape[-1] - size), min(MOST_WINDOWS, max(3, 2 * camera.shape[-1] // size))).astype(int)
    for at in starts.tolist():
        lag = _window_lag(camera, recorder, at, rough, size)
        if lag is not None:
            found.append((at + size / 2, lag[0], lag[1]))
    line = _line(found)
    if line is None:
        raise MediaError(tr("The two sounds do not belong together."), tr("Choose a recording of the same talk."))
    return line


def _energy(mono: Samples) -> Values:
    """Log energy each 10 ms, without its slow course."""
    count = mono.shape[-1] // STEP
    power = np.square(mono[: count * STEP].astype(np.float64)).reshape(count, STEP).mean(axis=1)
    level = np.log(power + 1e-9 + 1e-3 * float(power.mean()))
    kernel = np.ones(301) / 301
    return np.asarray(level - np.convolve(np.pad(level, 150, mode="edge"), kernel, "valid"))


def _rough(camera: Samples, recorder: Samples) -> int:
    """Where the camera's first sample lies in the recorder's sound, to 10 ms."""
    a, b = _energy(camera), _energy(recorder)
    size = 1 << int(np.ceil(np.log2(len(a) + len(b))))
    both = np.fft.irfft(np.fft.rfft(b, size) * np.conj(np.fft.rfft(a, size)), size)
    lags = np.arange(-len(a) + 1, len(b))
    overlap = np.minimum(len(b), lags + len(a)) - np.maximum(0, lags)
    score = both[lags] / np.sqrt(np.maximum(overlap, 200))
    score[overlap < min(100, len(a) // 2, len(b) // 2)] = -np.inf
    return int(lags[int(np.argmax(score))]) * STEP


def _window_lag(camera: Samples, recorder: Samples, at: int, expected: int, size: int) -> tuple[float, float] | None:
    """(lag, how sure) of a window of the camera's sound; None where it is silent or agrees with nothing."""
    part = camera[at : at + size].astype(np.float64)
    begin = at + expected - AROUND
    other = np.zeros(size + 2 * AROUND)
    a, b = max(0, begin), min(recorder.shape[-1], begin + len(other))
    if b - a < size // 2:
        return None
    other[a - begin : b - begin] = recorder[a:b]
    if np.abs(part).max() < 1e-4 or np.abs(other).max() < 1e-4:
        return None
    length = 1 << int(np.ceil(np.log2(len(part) + len(other))))
    cross = np.fft.rfft(other, length) * np.conj(np.fft.rfft(part, length))
    hertz = np.fft.rfftfreq(length, 1 / MIX_RATE)
    held = (hertz > BAND[0]) & (hertz < BAND[1])
    power = np.abs(cross)
    whitened = np.where(held, cross / (power + 0.01 * power[held].mean()), 0)
    found = np.fft.irfft(whitened, length)[: 2 * AROUND + 1]
    best = int(np.argmax(found))
    if not 1 <= best < len(found) - 1 or found[best] < LEAST_PEAK * found.std():
        return None
    return begin + _peak(whitened, length, best) - at, float(found[best] / found.std())


def _peak(whitened: NDArray[np.complex128], length: int, best: int) -> float:
    """The place of the peak to a part of a sample: the band-limited correlation is worked out between its samples."""
    bins = np.arange(len(whitened))
    held = np.flatnonzero(np.abs(whitened) > 0)
    values, turn = whitened[held], 2j * np.pi * bins[held] / length
    fine = np.linspace(best - 1, best + 1, 33)
    turned, step = values * np.exp(turn * fine[0]), np.exp(turn * (fine[1] - fine[0]))
    scores = []
    for _ in fine:
        scores.append(float(turned.real.sum()))
        turned *= step
    k = min(max(1, int(np.argmax(scores))), len(fine) - 2)
    low, mid, high = scores[k - 1], scores[k], scores[k + 1]
    bend = low - 2 * mid + high
    return float(fine[k] + (0.5 * (low - high) / bend if bend else 0.0) * (fine[1] - fine[0]))


def _line(found: list[tuple[float, float, float]]) -> Alignment | None:
    """The line that most windows agree on to 3 ms; each pair of windows proposes one."""
    if not found:
        return None
    times, lags = np.array([f[0] for f in found]), np.array([f[1] for f in found])
    best: NDArray[np.bool_] | None = None
    for i in range(len(found)):
        for j in range(i, len(found)):
            slope = 0.0 if i == j else (lags[j] - lags[i]) / (times[j] - times[i])
            if abs(slope) > 1e-3:
                continue
            near = np.abs(lags - (lags[i] + slope * (times - times[i]))) < 0.003 * MIX_RATE
            if best is None or near.sum() > best.sum():
                best = near
    if best is None or best.sum() < max(2, 0.4 * len(found)):
        return None
    t, y = times[best], lags[best]
    for _ in range(3):  # once more without what lies far out
        slope, start = np.polyfit(t - t.mean(), y, 1) if len(t) > 2 else (0.0, float(y.mean()))
        away = np.abs(y - start - slope * (t - t.mean()))
        kept = away <= max(1.0, 3 * float(np.median(away)))
        if kept.all() or kept.sum() < 3:
            break
        t, y = t[kept], y[kept]
    offset = start - slope * t.mean()
    return Alignment(float(offset), float(slope * 1e6), float(away.mean()), len(t))


def resampled(sound: Samples, first: float, step: float, count: int) -> Samples:
    """float32 (channels, count): a sound read at places `first`, `first` + `step`, ... (samples), silence outside it. Each value
    is a windowed sinc over 32 samples (Smith, "Digital audio resampling"), good up to 20 kHz."""
    places = first + step * np.arange(count)
    whole = np.floor(places).astype(np.int64)
    phase = np.round((places - whole) * PHASES).astype(np.int64)
    out = np.zeros((len(sound), count), np.float32)
    half = TAPS // 2
    padded = np.pad(sound, ((0, 0), (half, half + 1)))
    inside = (whole >= 0) & (whole < sound.shape[1])
    spots = np.clip(whole, 0, max(0, sound.shape[1] - 1))
    for tap in range(TAPS):
        weights = _SINC[phase, tap]
        for channel in range(len(sound)):
            out[channel] += padded[channel, np.minimum(spots + tap + 1, padded.shape[1] - 1)] * weights
    out[:, ~inside] = 0
    return out


def _sinc_table() -> NDArray[np.float32]:
    """(PHASES + 1, TAPS)."""
    x = np.arange(TAPS)[None, :] - (TAPS // 2 - 1) - np.arange(PHASES + 1)[:, None] / PHASES
    window = np.i0(9.0 * np.sqrt(np.clip(1 - (x / (TAPS / 2)) ** 2, 0, 1))) / np.i0(9.0)
    table = np.sinc(x) * window
    return np.asarray(table / table.sum(axis=1, keepdims=True), np.float32)


_SINC: Final = _sinc_table()
