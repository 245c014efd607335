"""Loudness and true peak by ITU-R BS.1770-4, measured and set without copies of the whole sound.

Everything that levelling asks for is kept once for each millisecond: how much K-weighted power it holds and how high
its true peak rises. Both follow a gain by arithmetic, so the sound itself is only touched when the gain is found.
"""

from __future__ import annotations

import functools
from collections.abc import Iterator
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.priority import give_way
from standtall.base.progress import Progress
from standtall.media.sound_reader import MIX_RATE, Samples

TARGET_LUFS: Final = -14.0
CEILING_DBTP: Final = -1.0
ROOM_DB: Final = 0.8
"""Kept under the ceiling, because the encoder's own waveform overshoots."""
MOST_GAIN_DB: Final = 30.0

# ITU-R BS.1770-4, tables 1 and 2: the two stages of the K-weighting filter at 48 kHz
K_WEIGHTING: Final = (
    (1.53512485958697, -2.69169618940638, 1.19839281085285, 1.0, -1.69065929318241, 0.73248077421585),
    (1.0, -2.0, 1.0, 1.0, -1.99004745483398, 0.99007225036621),
)
ABSOLUTE_GATE: Final = -70.0
RELATIVE_GATE: Final = -10.0
OFFSET: Final = -0.691
BLOCK_MS, STEP_MS = 400, 100

MS: Final = MIX_RATE // 1000
PART: Final = 2 * MIX_RATE
"""Samples worked on at once: keeps the memory small, whatever the length."""
RUN_UP: Final = MIX_RATE // 4
OVERSAMPLING: Final = 4
TAPS: Final = 24
"""Taps of each of the four filters; Annex 2 asks for at least 12."""
ATTACK_MS: Final = 10
"""The limiter turns down this long before a peak, and up again as long after it."""

Values = NDArray[np.float64]


def loudness_lufs(samples: Samples) -> float:
    """Integrated loudness of float32 (2, samples) at 48 kHz; minus infinity for silence or less than 0.4 s."""
    return gated(power_of(samples))


def true_peak_db(samples: Samples) -> float:
    """True peak in dBTP (BS.1770-4, Annex 2: four times oversampled); minus infinity for silence."""
    peak = 0.0
    places = ((float(np.abs(part).max()), at) for at, part in _parts(samples, 4096))
    for loudest, at in sorted(places, reverse=True):
        if 2 * loudest <= peak:  # could not pass the peak found so far, even if the wave rose to twice its samples
            break
        peak = max(peak, float(_oversampled(samples, at, at + 4096).max()))
    return float(20 * np.log10(peak)) if peak > 0 else float("-inf")


def levelled(
    samples: Samples,
    target_lufs: float = TARGET_LUFS,
    ceiling_db: float = CEILING_DBTP,
    progress: Progress | None = None,
) -> Samples:
    """The same sound at the target loudness with no true peak over the ceiling; silence stays silence."""
    power = power_of(samples, progress)
    loud = gated(power)
    if not np.isfinite(loud) or loud < ABSOLUTE_GATE:
        return samples
    if progress is not None:
        progress.check()
    first = min(MOST_GAIN_DB, target_lufs - loud)
    limit = 10 ** ((ceiling_db - ROOM_DB) / 20)
    peaks = peaks_of(samples, limit / 10 ** ((first + 6) / 20))
    gain = first
    curve = _curve(peaks, gain, limit)
    for _ in range(8):  # limiting takes a little loudness away
        missing = target_lufs - gated(power * curve[: len(power)] ** 2)
        if abs(missing) < 0.02 or gain >= min(MOST_GAIN_DB, first + 6):
            break
        gain = min(MOST_GAIN_DB, first + 6, gain + missing)
        curve = _curve(peaks, gain, limit)
    if progress is not None:
        progress.check()
    return _turned(samples, curve)


def _parts(samples: Samples, length: int) -> Iterator[tuple[int, Samples]]:
    for at in range(0, samples.shape[1], length):
        give_way()
        yield at, samples[:, at : at + length]


def power_of(samples: Samples, progress: Progress | None = None) -> Values:
    """(milliseconds,) mean square of the K-weighted sound in each millisecond, summed over the channels; `progress` stops it.

    The filter is applied to spectra of overlapping parts: it forgets within a few milliseconds, so a run-up of a
    quarter second makes them exact, and NumPy alone is enough (a signal library takes a second to load before the first picture).
    """
    whole = samples.shape[1] // MS * MS
    out = np.zeros(whole // MS)
    for at, part in _parts(samples[:, :whole], PART):
        if progress is not None:
            progress.check()
        begin = max(0, at - RUN_UP)
        spectrum = np.fft.rfft(samples[:, begin : at + part.shape[1]], n=PART + 2 * RUN_UP, axis=1)
        weighted = np.fft.irfft(spectrum * _response(PART + 2 * RUN_UP), axis=1)[:, at - begin : at - begin + part.shape[1]]
        squares = np.square(weighted).reshape(len(samples), -1, MS)
        out[at // MS : at // MS + squares.shape[1]] = squares.mean(axis=2).sum(axis=0)
    return out


@functools.cache
def _response(length: int) -> NDArray[np.complex128]:
    """(length / 2 + 1,) the K-weighting filter at the frequencies of a spectrum of that length."""
    z = np.exp(-2j * np.pi * np.arange(length // 2 + 1) / length)
    out = np.ones(len(z), np.complex128)
    for b0, b1, b2, a0, a1, a2 in K_WEIGHTING:
        out *= (b0 + b1 * z + b2 * z * z) / (a0 + a1 * z + a2 * z * z)
    return out


def blocks_of(power: Values, length_ms: int, step_ms: int = STEP_MS) -> Values:
    """Mean power of blocks of a sound that begin every so often, from the power of each millisecond."""
    sums = np.concatenate([[0.0], np.cumsum(power)])
    starts = np.arange(0, len(power) - length_ms + 1, step_ms)
    return (sums[starts + length_ms] - sums[starts]) / length_ms


def gated(power: Values) -> float:
    """Integrated loudness (BS.1770-4, equations 2 to 7) from the power of each millisecond."""
    steps = len(power) // STEP_MS
    if steps * STEP_MS < BLOCK_MS:
        return float("-inf")
    each = power[: steps * STEP_MS].reshape(steps, STEP_MS).mean(axis=1)
    blocks = np.lib.stride_tricks.sliding_window_view(each, BLOCK_MS // STEP_MS).mean(axis=1)
    kept = blocks[blocks > 10 ** ((ABSOLUTE_GATE - OFFSET) / 10)]
    if not len(kept):
        return float("-inf")
    kept = kept[kept > kept.mean() * 10 ** (RELATIVE_GATE / 10)]
    return float(OFFSET + 10 * np.log10(kept.mean()))


def _phases() -> NDArray[np.float32]:
    """(4, taps) a windowed sinc, cut into the filters of the four values between one sample and the next."""
    n = np.arange(TAPS * OVERSAMPLING) - (TAPS * OVERSAMPLING) / 2
    low = np.sinc(n / OVERSAMPLING) * np.kaiser(len(n) + 1, 5.0)[:-1]
    return low.reshape(TAPS, OVERSAMPLING).T.astype(np.float32)


PHASES: Final = _phases()


def _oversampled(samples: Samples, start: int, end: int) -> NDArray[np.float32]:
    """(end - start,) how high the wave rises from each sample on to the next, over the channels."""
    count, half = min(end, samples.shape[1]) - start, TAPS // 2
    a, b = max(0, start - half), min(samples.shape[1], start + count + half)
    part = np.pad(samples[:, a:b], ((0, 0), (half - (start - a), half - (b - start - count))))
    out = np.zeros(count, np.float32)
    for phase in PHASES:  # each value of a row with the TAPS that follow it
        made = cv2.filter2D(part, cv2.CV_32F, phase[None, ::-1], anchor=(0, 0), borderType=cv2.BORDER_CONSTANT)[:, :count]
        np.maximum(out, np.abs(made).max(axis=0), out=out)
    return out


def peaks_of(samples: Samples, matters: float) -> Values:
    """(milliseconds,) true peak in each millisecond; where it cannot reach `matters`, twice the highest sample."""
    count = -(-samples.shape[1] // MS)
    out = np.zeros(count)
    length = 64 * MS
    for at, part in _parts(samples, length):
        high = np.abs(part).max(axis=0)
        if 2 * float(high.max()) >= matters:
            high = _oversampled(samples, at, at + part.shape[1])
        else:
            high = 2 * high
        padded = np.pad(high, (0, -len(high) % MS)).reshape(-1, MS).max(axis=1)
        out[at // MS : at // MS + len(padded)] = padded
    return out


def _curve(peaks: Values, gain_db: float, limit: float) -> Values:
    """(milliseconds,) gain that keeps every peak under `limit`: turned down before a peak, evenly, and up after it."""
    gain = 10 ** (gain_db / 20)
    wanted = np.minimum(gain, limit / np.maximum(peaks, 1e-9))
    # what is read between two milliseconds must suit both, and smoothing must not rise over the lowest
    lowest = np.lib.stride_tricks.sliding_window_view(np.pad(wanted, 2 * ATTACK_MS + 1, mode="edge"), 2 * ATTACK_MS + 3)
    hann = np.hanning(2 * ATTACK_MS + 3)[1:-1]
    return np.convolve(lowest.min(axis=1), hann / hann.sum(), "valid")


def _turned(samples: Samples, curve: Values) -> Samples:
    out = np.empty_like(samples)
    middles = (np.arange(len(curve)) + 0.5) * MS
    for at, part in _parts(samples, PART):
        gain = np.interp(np.arange(at, at + part.shape[1]), middles, curve)
        out[:, at : at + part.shape[1]] = part * gain.astype(np.float32)
    return out
