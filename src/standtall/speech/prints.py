"""Voice prints: what a voice sounds like, whatever it says, as 256 numbers.

The encoder is a three-layer LSTM trained to tell speakers apart (Wan et al. 2018, "Generalized end-to-end loss for speaker
verification", arXiv:1710.10467). Its weights come from the Resemblyzer package (Apache-2.0; tools/voice_weights.py) and are
run here with NumPy.
"""

from __future__ import annotations

import functools
from importlib import resources
from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.special import expit

from standtall.base.time import seconds
from standtall.media.sound_reader import SPEECH_RATE, Samples
from standtall.model.words import Word

FRAMES: Final = 160
"""Frames of 10 ms that the encoder listens to: 1.6 s."""
WINDOW_S: Final = FRAMES / 100
HOP_S: Final = 0.8
LEAST_S: Final = 0.4
"""A shorter stretch of voice says nothing about who it is."""
PAUSE_S: Final = 0.16
BATCH: Final = 48
BANDS: Final = 40
FFT: Final = 400
QUIETEST_RMS: Final = 10 ** (-30 / 20)
SIZE: Final = 256

Vectors = NDArray[np.float32]


@functools.cache
def _weights() -> dict[str, NDArray[np.float32]]:
    with resources.files("standtall.speech").joinpath("data/voice.npz").open("rb") as file:
        return {name: value.astype(np.float32) for name, value in np.load(file, allow_pickle=False).items()}


@functools.cache
def _bank() -> NDArray[np.float32]:
    from faster_whisper.feature_extractor import FeatureExtractor

    bank: NDArray[np.float32] = FeatureExtractor.get_mel_filters(SPEECH_RATE, FFT, BANDS).astype(np.float32)
    return bank


def windows(words: tuple[Word, ...]) -> list[tuple[float, float]]:
    """Where to listen, as (start, end) in seconds: inside speech, never over a pause or the end of a sentence."""
    spans: list[list[float]] = []
    closed = True
    for word in words:
        a, b = seconds(word.start), seconds(word.end)
        if closed or a - spans[-1][1] > PAUSE_S:
            spans.append([a, b])
        else:
            spans[-1][1] = b
        closed = word.ends_sentence
    out: list[tuple[float, float]] = []
    for a, b in spans:
        if b - a < LEAST_S:
            continue
        middle, half = (a + b) / 2, WINDOW_S / 2
        count = max(1, 1 + round((b - a - WINDOW_S) / HOP_S))
        middles = np.linspace(min(a + half, middle), max(b - half, middle), count)
        out += [(max(a, float(m) - half), min(b, float(m) + half)) for m in middles]
    return out


def voice_prints(samples: Samples, spans: list[tuple[float, float]]) -> Vectors:
    """Prints (n, 256) of length 1 of the spans (seconds; 1.6 s at most count) of mono float32 at 16 kHz."""
    mono = samples.reshape(-1)
    mels = np.empty((len(spans), FRAMES, BANDS), np.float32)
    for i, (a, b) in enumerate(spans):
        mels[i] = _mel(mono[round(a * SPEECH_RATE) : round(b * SPEECH_RATE)])
    parts = [_encoded(mels[i : i + BATCH]) for i in range(0, len(mels), BATCH)]
    return np.concatenate(parts) if parts else np.zeros((0, SIZE), np.float32)


def _mel(part: Samples) -> NDArray[np.float32]:
    """Power in 40 mel bands, 160 frames; a shorter part is repeated."""
    rms = float(np.sqrt(np.mean(part**2))) if len(part) else 0.0
    if 0.0 < rms < QUIETEST_RMS:
        part = part * np.float32(QUIETEST_RMS / rms)
    padded = np.pad(part, FFT // 2)
    count = 1 + (len(padded) - FFT) // 160
    frames = np.lib.stride_tricks.sliding_window_view(padded, FFT)[::160][:count]
    window = (0.5 - 0.5 * np.cos(2 * np.pi * np.arange(FFT) / FFT)).astype(np.float32)
    power = np.abs(np.fft.rfft(frames * window, axis=1)).astype(np.float32) ** 2
    mel: NDArray[np.float32] = power @ _bank().T
    return np.resize(mel[:FRAMES], (FRAMES, BANDS))


def _encoded(mels: NDArray[np.float32]) -> Vectors:
    w = _weights()
    x = mels
    for layer in range(3):
        driven = x @ w[f"in{layer}"].T + w[f"bias{layer}"]
        back = np.ascontiguousarray(w[f"re{layer}"].T)
        h = np.zeros((len(x), SIZE), np.float32)
        c = np.zeros_like(h)
        out = np.empty((len(x), FRAMES, SIZE), np.float32)
        for t in range(FRAMES):
            gates = driven[:, t] + h @ back
            now = expit(gates)  # input, forget, (cell), output
            c = now[:, SIZE : 2 * SIZE] * c + now[:, :SIZE] * np.tanh(gates[:, 2 * SIZE : 3 * SIZE])
            h = now[:, 3 * SIZE :] * np.tanh(c)
            out[:, t] = h
        x = out
    raw = np.maximum(0.0, h @ w["weight"].T + w["bias"])
    vectors: Vectors = (raw / np.maximum(1e-9, np.linalg.norm(raw, axis=1, keepdims=True))).astype(np.float32)
    return vectors
