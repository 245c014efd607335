"""Takes short clicks and the pops of plosives out of speech.

Clicks: what a linear prediction of the sound cannot foresee stands out of its error; such samples are put in anew by the same
prediction from both sides (Janssen, Veldhuis, Vries, "Adaptive interpolation of discrete-time signals that can be modeled as
autoregressive processes", IEEE Trans. ASSP 34(2), 1986; Godsill and Rayner, "Digital audio restoration", 1998, chapters 4 and 5).
Pops: a puff of breath on the microphone is a burst of some hundredths of a second far down in the spectrum. Where what lies below
a limit is far above what a voice has there, it is taken down to that (common practice, no source).
"""

from __future__ import annotations

import functools
from collections.abc import Iterator
from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy import fft, signal

from standtall.base.priority import give_way
from standtall.media.sound_reader import MIX_RATE, Samples

Values = NDArray[np.float64]

ORDER: Final = 32
BLOCK: Final = 2048
"""Samples of which one prediction is made: 43 ms."""
AT_ONCE: Final = 128
"""Blocks that are looked at together: 2 MB of each that is made of them."""
STANDS_OUT: Final = 14.0
"""How many times the usual error of its block a sample's error is at a click."""
PULSES, OVER_PULSES = 97.0, 6.0
"""The error of a voice has a pulse each time its folds close: so many percent of the samples are below them, and a click's error
is so many times theirs."""
LEAST: Final = 1e-3
"""Error of a sample below which nothing is heard."""
WIDEST: Final = 48
"""Samples of the longest click: 1 ms. What lasts longer is a sound."""
TAIL: Final = 0.25
"""A click goes on while its error is over this share of what it takes to be one."""
APART: Final = 6
"""Samples of a click may be so far from each other."""
BESIDE: Final = 3
"""Samples on each side that are put in anew as well."""
AROUND: Final = 1024
"""Samples on each side of a click that say how the sound goes on."""
LONE: Final = MIX_RATE // 125
"""A click stands alone: 8 ms beside it have no more than `MOST_NEAR` samples that stand out. Else it is the burst of a
consonant."""
MOST_NEAR: Final = WIDEST

POP_HERTZ, VOICE_HERTZ = 90.0, 1_000.0
"""A pop lies below the one; a voice has most of its energy between the two."""
POP_OVER_DB: Final = 6.0
"""How far a pop is over what is heard of the voice at that moment."""
POP_UNDER_DB: Final = 12.0
"""What is so far under the loud parts of the voice bothers nobody."""
POP_MORE_DB: Final = 9.0
"""How far under the voice it is taken."""
POP_LONGEST_S: Final = 0.25
STEP: Final = MIX_RATE // 200


def without_clicks(samples: Samples) -> Samples:
    """The same sound without clicks of up to a millisecond: float32 (channels, samples) at 48 kHz."""
    out = samples.astype(np.float32, copy=True)
    for channel in out:
        for first, last in clicks(channel):
            _put_in(channel, first, last)
    return out


def clicks(sound: NDArray[np.float32]) -> list[tuple[int, int]]:
    """First and last sample of each click of one channel, in order."""
    over = np.zeros(len(sound))
    for at, parts in _blocks(sound):
        lead = min(at, ORDER)
        size = _error(parts, _predictions(parts))[:, lead : lead + BLOCK]
        usual, pulses = np.percentile(size, (50, PULSES), axis=1)
        least = np.maximum(np.maximum(STANDS_OUT * usual, OVER_PULSES * pulses), LEAST)
        over[at : at + size.size] = (size / least[:, None]).reshape(-1)
    edge = 4 * ORDER
    over[:edge] = over[len(over) - edge :] = 0.0
    counted = np.concatenate([[0], np.cumsum(over > 1)])
    out = []
    for first, last in _groups(np.flatnonzero(over > TAIL)):
        near = counted[min(len(sound), last + LONE)] - counted[max(0, first - LONE)]
        if over[first : last + 1].max() > 1 and last - first < WIDEST and near <= MOST_NEAR:
            out.append((first - BESIDE, last + BESIDE))
    return out


def _groups(places: NDArray[np.intp]) -> list[tuple[int, int]]:
    """First and last of each run of samples that are close to each other."""
    if not len(places):
        return []
    parts = np.split(places, np.flatnonzero(np.diff(places) > APART) + 1)
    return [(int(part[0]), int(part[-1])) for part in parts]


def _blocks(sound: NDArray[np.float32]) -> Iterator[tuple[int, Values]]:
    """A channel in blocks with `ORDER` samples more on each side where there are: the first sample of some that follow each
    other, and these, one in each row."""
    starts = range(0, max(1, len(sound) - ORDER), BLOCK)
    inside = [at for at in starts if at >= ORDER and at + BLOCK + ORDER <= len(sound)]
    yield from _edge(sound, 0)
    for n in range(0, len(inside), AT_ONCE):
        give_way()
        first, last = inside[n] - ORDER, inside[min(n + AT_ONCE, len(inside)) - 1] + BLOCK + ORDER
        yield (
            inside[n],
            np.lib.stride_tricks.sliding_window_view(sound[first:last], BLOCK + 2 * ORDER)[::BLOCK].astype(np.float64),
        )
    if starts[-1] > 0 and starts[-1] not in inside:
        yield from _edge(sound, starts[-1])


def _edge(sound: NDArray[np.float32], at: int) -> Iterator[tuple[int, Values]]:
    """A block that lacks samples beside it; none where there are too few to predict from."""
    part = sound[max(0, at - ORDER) : at + BLOCK + ORDER]
    if len(part) > 4 * ORDER:
        yield at, part[None].astype(np.float64)


@functools.cache
def _window(length: int) -> Values:
    return np.hanning(length)


def _predictions(parts: Values) -> Values:
    """For each row the coefficients a of its prediction error x[n] + a1 x[n-1] + …, by the autocorrelation of the windowed sound.
    All rows at once by the recursion of Levinson and Durbin (Makhoul, "Linear prediction: a tutorial review", Proc. IEEE 63(4),
    1975, eq. 38)."""
    length = parts.shape[1]
    size = fft.next_fast_len(length + ORDER, real=True)  # so far lags are none of those that come round
    power = fft.rfft(parts * _window(length), size, axis=1)
    lags = fft.irfft(np.square(np.abs(power)), size, axis=1)[:, : ORDER + 1]
    lags[:, 0] = lags[:, 0] * (1 + 1e-6) + 1e-9
    found = np.zeros_like(lags)
    found[:, 0] = 1.0
    error = lags[:, 0].copy()
    for k in range(1, ORDER + 1):
        turned = found[:, k - 1 :: -1] if k > 1 else found[:, :1]
        reflection = -np.einsum("ij,ij->i", turned, lags[:, 1 : k + 1]) / error
        found[:, 1 : k + 1] += reflection[:, None] * turned
        error *= 1 - np.square(reflection)
    return found


def _error(parts: Values, predictions: Values) -> Values:
    """How far each sample is from what is foreseen of it, from before and from after, whichever is less: what comes after a click
    is foreseen badly from before it, and well from behind."""
    length = parts.shape[1]
    size = fft.next_fast_len(length + ORDER, real=True)  # so nothing comes round
    sound, by = fft.rfft(parts, size, axis=1), fft.rfft(predictions, size, axis=1)
    before, after = (np.abs(fft.irfft(sound * each, size, axis=1)[:, :length]) for each in (by, np.conj(by)))
    return np.asarray(np.minimum(before, after), np.float64)


def _put_in(sound: NDArray[np.float32], first: int, last: int) -> None:
    """Samples `first` to `last` anew, with the least error of the prediction made of what is around them."""
    a, b = max(0, first - AROUND), min(len(sound), last + 1 + AROUND)
    part = sound[a:b].astype(np.float64)
    unknown = np.arange(first - a, last + 1 - a)
    part[unknown] = np.interp(unknown, [unknown[0] - 1, unknown[-1] + 1], [part[unknown[0] - 1], part[unknown[-1] + 1]])
    begin, end = max(0, unknown[0] - ORDER), min(len(part), unknown[-1] + ORDER + 1)
    near, inside = np.arange(begin, end), unknown - begin
    for _ in range(3):  # the prediction is made of what was put in as well, so it is made again
        prediction = _predictions(part[None])[0]
        rows = len(near) - ORDER
        matrix = np.zeros((rows, len(near)))
        for k, value in enumerate(prediction):
            matrix[np.arange(rows), np.arange(rows) + ORDER - k] = value
        others = np.delete(np.arange(len(near)), inside)
        wanted, *_rest = np.linalg.lstsq(matrix[:, inside], -matrix[:, others] @ part[near][others], rcond=None)
        part[unknown] = wanted
    sound[first : last + 1] = part[unknown]


def without_pops(samples: Samples) -> Samples:
    """The same sound with the pops of plosives taken down: float32 (channels, samples) at 48 kHz."""
    count = samples.shape[1]
    if count < MIX_RATE // 2:
        return samples.astype(np.float32, copy=True)
    low, middle = (
        signal.sosfiltfilt(signal.butter(4, band, kind, fs=MIX_RATE, output="sos"), samples.astype(np.float64), axis=1)
        for band, kind in ((POP_HERTZ, "lowpass"), ((POP_HERTZ, VOICE_HERTZ), "bandpass"))
    )
    over = pops(_level(low), _level(middle))
    if not over.any():
        return samples.astype(np.float32, copy=True)
    gain = np.interp(np.arange(count), (np.arange(len(over)) + 0.5) * STEP, 10 ** (-over / 20))
    return np.asarray(samples + low * (gain - 1), np.float32)


def _level(values: Values) -> Values:
    """Level in dB of each step of 5 ms, over five of them."""
    steps = values.shape[1] // STEP
    power = np.square(values[:, : steps * STEP]).mean(axis=0).reshape(steps, STEP).mean(axis=1)
    return np.asarray(10 * np.log10(np.convolve(power, np.ones(5) / 5, "same") + 1e-12))


def pops(low: Values, middle: Values) -> Values:
    """By how much the lowest tones are to go down, in dB for each step of 5 ms, from the levels of them and of what a voice has
    most of; 0 where there is no pop."""
    loud = float(np.percentile(middle, 90))
    over = np.maximum(0.0, low - np.maximum(middle, loud - POP_UNDER_DB))
    changes = np.diff(np.concatenate([[0], (over > 0).astype(int), [0]]))
    for a, b in zip(np.flatnonzero(changes == 1), np.flatnonzero(changes == -1), strict=True):
        if over[a:b].max() < POP_OVER_DB or (b - a) * STEP > POP_LONGEST_S * MIX_RATE:
            over[a:b] = 0.0
        else:
            over[a:b] += POP_MORE_DB
    return np.asarray(np.convolve(over, np.ones(3) / 3, "same"))
