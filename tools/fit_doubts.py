"""Fits the weights of standtall/speech/doubts.py on recordings with truth, as they are and made worse, and prints them.

    python tools/fit_doubts.py          (about ten minutes)

Each recording is judged by weights that were fitted on the others.
"""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from bench.words import recordings, right_words
from numpy.typing import NDArray
from scipy.optimize import minimize
from scipy.signal import butter, fftconvolve, resample_poly, sosfilt
from scipy.special import expit

import standtall.speech.transcribe as whole_way
from standtall.media.sound_reader import SPEECH_RATE, Samples
from standtall.speech import doubts, models
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.chunks import pieces
from standtall.speech.recognise import Heard, WhisperRecogniser

RNG = np.random.default_rng(7)
RIDGE = 1.0


def in_noise(sound: Samples, snr_db: float) -> Samples:
    spectrum = np.fft.rfft(RNG.normal(size=len(sound)))
    pink = np.fft.irfft(spectrum / np.maximum(1, np.sqrt(np.arange(len(spectrum)))), len(sound))
    loud = sound[np.abs(sound) > 0.01]
    level = float(np.sqrt(np.mean(loud**2))) if len(loud) else 0.05
    return (sound + pink / np.std(pink) * level * 10 ** (-snr_db / 20)).astype(np.float32)


def in_a_room(sound: Samples) -> Samples:
    t = np.arange(SPEECH_RATE // 2) / SPEECH_RATE
    echo = RNG.normal(size=len(t)) * np.exp(-t / 0.12)
    echo[0] = 6
    out = fftconvolve(sound, echo)[: len(sound)]
    return (out / np.abs(out).max() * 0.6).astype(np.float32)


def by_telephone(sound: Samples) -> Samples:
    band = butter(4, [300, 3400], "band", fs=SPEECH_RATE, output="sos")
    return in_noise(sosfilt(band, sound).astype(np.float32), 12)


WAYS: dict[str, Callable[[Samples], Samples]] = {
    "clean": lambda s: s, "15 dB": lambda s: in_noise(s, 15), "8 dB": lambda s: in_noise(s, 8), "3 dB": lambda s: in_noise(s, 3),
    "room": in_a_room, "telephone": by_telephone, "faster": lambda s: resample_poly(s, 5, 6).astype(np.float32),
}  # fmt: skip


def fitted(x: NDArray[np.float64], y: NDArray[np.bool_]) -> tuple[float, NDArray[np.float64]]:
    mean, spread = x.mean(axis=0), x.std(axis=0) + 1e-9
    z = (x - mean) / spread

    def loss(w: NDArray[np.float64]) -> tuple[float, NDArray[np.float64]]:
        p = np.clip(expit(z @ w[1:] + w[0]), 1e-9, 1 - 1e-9)
        gradient = np.concatenate([[(p - y).sum()], z.T @ (p - y) + RIDGE * w[1:]])
        return float(-np.log(np.where(y, p, 1 - p)).sum() + RIDGE * (w[1:] ** 2).sum() / 2), gradient

    found = minimize(loss, np.zeros(x.shape[1] + 1), jac=True).x
    weights = found[1:] / spread
    return float(found[0] - weights @ mean), weights


def main() -> None:
    rows: list[NDArray[np.float64]] = []
    right: list[bool] = []
    group: list[str] = []
    told: list[tuple[list[Heard], list[Timed]]] = []
    real = whole_way.confidences

    def listening(heard: list[Heard], placed: list[Timed]) -> list[float]:
        told.append((heard, placed))
        return real(heard, placed)

    whole_way.confidences = listening
    recogniser, aligner = WhisperRecogniser(models.require(), "en"), PhoneAligner()
    for name, sound, true in recordings():
        for way, worse in WAYS.items():
            told.clear()
            for piece in pieces([np.clip(worse(sound), -1, 1)]):
                whole_way.transcribe(piece.samples, recogniser, aligner, piece.start)
            rows += [doubts.features(heard, placed) for heard, placed in told]
            here = right_words([h.text for heard, _ in told for h in heard], true)
            right += here
            group += [name] * len(here)
            print(name, way, f"{np.mean(here):.3f} right of {len(here)}", flush=True)
    x, y, names = np.concatenate(rows), np.array(right), np.array(group)
    judged = np.zeros(len(y))
    for name in sorted(set(group)):
        bias, weights = fitted(x[names != name], y[names != name])
        judged[names == name] = expit(bias + x[names == name] @ weights)
    for low in np.arange(0, 1, 0.1):
        inside = (judged >= low) & (judged < low + 0.1)
        print(f"told {low:.1f} to {low + 0.1:.1f}: {y[inside].mean() if inside.any() else np.nan:.3f} right of {inside.sum()}")
    bias, weights = fitted(x, y)
    print("BIAS", round(bias, 3), "WEIGHTS", tuple(round(float(w), 3) for w in weights))


if __name__ == "__main__":
    main()
