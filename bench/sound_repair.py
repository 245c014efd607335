"""Clicks and pops that were put into recordings, and beats of pieces whose beats are known."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from bench.row import Row
from standtall.library.music import pieces
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.sound.assembly import assembled, beats_of
from standtall.sound.beats import beats
from standtall.sound.clicks import clicks, without_clicks, without_pops

S = MIX_RATE


def repaired(voices_there: list[Samples]) -> Iterator[Row]:
    """Clicks and pops put into voices: how many are found, how far they go down, and what is done to voices without any."""
    rng = np.random.default_rng(11)
    names = ("meetings", "hand-marked recordings")
    for name, voices in zip(names, (voices_there[4:], voices_there[:2]), strict=True):
        found = put = 0
        lone, changes, clicked, popped, minutes = 0, [], [], [], 0.0
        for voice in voices:
            voice = voice[:, : 20 * S]
            level = float(np.sqrt(np.square(voice).mean()))
            minutes += voice.shape[1] / S / 60
            lone += len(clicks(voice[0]))
            mended = without_pops(voice)
            changes.append(10 * np.log10(np.square(mended - voice).sum() / np.square(voice).sum() + 1e-12))
            with_clicks, places = voice.copy(), np.arange(S // 3, voice.shape[1] - S // 3, S // 3) + rng.integers(0, S // 8)
            for at in places:
                burst = rng.standard_normal(int(rng.integers(1, 25)))
                with_clicks[:, at : at + len(burst)] += (burst / np.abs(burst).max() * level * rng.uniform(1.5, 5)).astype(np.float32)
            there = clicks(with_clicks[0])
            found, put = found + sum(any(a - 6 <= p <= b + 30 for a, b in there) for p in places), put + len(places)
            clicked.append(_down(with_clicks, without_clicks(with_clicks), voice))
            with_pops = voice.copy()
            for at in places[::4]:
                t = np.arange(int(rng.uniform(0.04, 0.12) * S)) / S
                puff = np.sin(2 * np.pi * rng.uniform(15, 55) * t + rng.uniform(0, 6)) * np.hanning(len(t))
                with_pops[:, at : at + len(t)] += (puff * level * rng.uniform(2.5, 6)).astype(np.float32)[: with_pops.shape[1] - at]
            popped.append(_down(with_pops, without_pops(with_pops), voice))
        yield Row(f"clicks found of {put}, {name}", found / put, "share", ">= 0.9")
        yield Row(f"  found where none was put, {name}", lone / minutes, "a minute")
        yield Row(f"  their energy goes down by, least of the voices, {name}", min(clicked), "dB")
        yield Row(f"pops: their energy goes down by, median, {name}", float(np.median(popped)), "dB")
        yield Row(f"  what is done to a voice without, of its energy, {name}", max(changes), "dB", "<= -20")


def _down(with_it: Samples, mended: Samples, without: Samples) -> float:
    return float(10 * np.log10(np.square(with_it - without).sum() / np.square(mended - without).sum()))


def beats_followed() -> Iterator[Row]:
    """Beats of the pieces that ship, heard as if they were files: within 70 ms of what they were composed with, also where every
    other beat is tapped, or the beats between them (the allowed levels of Davies, Degara, Plumbley 2009)."""
    good, allowed = [], []
    for piece in pieces():
        sound = assembled(piece, read_sound(piece.file, S, 2), 60 * S)
        found, true = beats(sound), np.array(beats_of(piece, 60 * S))
        halves = (true[:-1] + true[1:]) // 2
        levels = [true, halves, true[::2], true[1::2], np.sort(np.concatenate([true, halves]))]
        shares = [_hit(found, level) for level in levels]
        good.append(shares[0])
        allowed.append(max(shares))
    yield Row(f"beats of {len(good)} pieces: followed as composed (F over .9)", float(np.mean(np.array(good) > 0.9)), "share")
    yield Row("  or at an allowed level", float(np.mean(np.array(allowed) > 0.9)), "share")


def _hit(found: np.ndarray, true: np.ndarray) -> float:  # type: ignore[type-arg]
    hit = sum(bool(np.abs(found - t).min() <= 0.07 * S) for t in true) if len(found) else 0
    return 2 * hit / max(1, len(found) + len(true))
