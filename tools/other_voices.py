"""Makes the talks in other languages under `bench/voices`, with the true start of every word.

Run once by whoever changes the texts; the results ship, so that the bench needs none of this. Three makes of voice:

- German by the formant voice of Debian's `espeak-ng` 1.51, which tells where each word begins;
- Italian by the diphone voices of Debian's `festvox-itapc16k` and `festvox-italp16k` with `festival` 2.5.0, the same;
- Spanish by the network that also speaks in the demo (docs/demo.md), out of pronunciations by `espeak-ng`; its times are
  right to about 30 ms.

    python tools/other_voices.py FOLDER      FOLDER as `standtall.demo.speaking` wants it
"""

from __future__ import annotations

import ctypes
import json
import subprocess
import sys
import tempfile
from functools import cache
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
from scipy.io import wavfile
from scipy.signal import resample_poly

from standtall.demo.speaking import RATE, Speaker

OUT = Path(__file__).parent.parent / "bench" / "voices"
HEARD_AT = 16_000
GAP_S = 0.45
Said = tuple[np.ndarray, list[tuple[str, float]]]
"""Samples at 16 kHz and the words with their starts in seconds."""


class _Event(ctypes.Structure):
    """`espeak_EVENT` of `espeak-ng/speak_lib.h`."""

    _fields_ = [
        ("type", ctypes.c_int), ("unique", ctypes.c_uint), ("text", ctypes.c_int), ("length", ctypes.c_int),
        ("audio_ms", ctypes.c_int), ("sample", ctypes.c_int), ("user", ctypes.c_void_p), ("id", ctypes.c_char * 8),
    ]  # fmt: skip


@cache
def _formants() -> tuple[ctypes.CDLL, int]:
    """The library and its rate: it can be made ready but once."""
    library = ctypes.CDLL("libespeak-ng.so.1")
    return library, library.espeak_Initialize(1, 500, None, 0)  # AUDIO_OUTPUT_RETRIEVAL


def by_formants(text: str, voice: str) -> Said:
    library, rate = _formants()
    heard: list[np.ndarray] = []
    at: list[tuple[int, int]] = []

    def keep(samples: object, count: int, events: object) -> int:
        if count and samples:
            heard.append(np.ctypeslib.as_array(samples, (count,)).copy())  # type: ignore[call-overload]
        for event in events:  # type: ignore[attr-defined]
            if event.type == 0:  # espeakEVENT_LIST_TERMINATED
                break
            if event.type == 1:  # espeakEVENT_WORD
                at.append((event.text - 1, event.audio_ms))
        return 0

    kind = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.POINTER(ctypes.c_short), ctypes.c_int, ctypes.POINTER(_Event))
    kept = kind(keep)
    library.espeak_SetSynthCallback(kept)
    library.espeak_SetVoiceByName(voice.encode())
    library.espeak_SetParameter(1, 150, 0)  # words a minute
    data = text.encode()
    library.espeak_Synth(data, len(data) + 1, 0, 1, 0, 1, None, None)
    library.espeak_Synchronize()
    starts: dict[int, float] = {}
    for place, ms in at:
        starts.setdefault(place, ms / 1000)
    words, place = [], 0
    for word in text.split():
        place = text.index(word, place)
        words.append((word, starts[place]))
        place += len(word)
    sound = np.concatenate(heard).astype(np.float64) / 32768
    return resample_poly(sound, 320, rate * 320 // HEARD_AT).astype(np.float32), words


def by_diphones(text: str, voice: str) -> Said:
    with tempfile.TemporaryDirectory() as folder:
        script = Path(folder) / "say.scm"
        script.write_text(
            f'(voice_{voice})\n(set! utt (utt.synth (Utterance Text "{text}")))\n'
            f'(utt.save.wave utt "{folder}/out.wav" \'riff)\n'
            "(mapcar (lambda (w) (format t \"WORD %s %f\\n\" (item.name w) (item.feat w 'word_start)))"
            " (utt.relation.items utt 'Word))\n",
            "iso-8859-1",
        )
        told = subprocess.run(["festival", "-b", str(script)], capture_output=True, check=True).stdout.decode("iso-8859-1")
        rate, data = wavfile.read(f"{folder}/out.wav")
    found = [line.split()[1:] for line in told.splitlines() if line.startswith("WORD")]
    words = text.split()
    named = [(name, float(start)) for name, start in found if any(c.isalnum() for c in name)]
    if len(named) != len(words):
        raise ValueError(f"{len(words)} words, but {named}")
    sound = resample_poly(data.astype(np.float64) / 32768, 320, rate * 320 // HEARD_AT).astype(np.float32)
    return sound, [(word, start) for word, (_name, start) in zip(words, named, strict=True)]


class _Spanish(Speaker):
    def _sounds(self, word: str, following: str) -> str:
        told = subprocess.run(["espeak-ng", "-q", "--ipa", "-v", "es", word], capture_output=True, text=True, check=True)
        return told.stdout.strip().replace("\u200d", "").replace("tʃ", "ʧ").replace("dʒ", "ʤ")


def by_network(speaker: Speaker, text: str, voice: str) -> Said:
    samples, words = speaker.say(text, voice, 0.95)
    return resample_poly(samples, HEARD_AT // 8000, RATE // 8000).astype(np.float32), [(w, a) for w, a, _b in words]


def written(name: str) -> list[tuple[str, str]]:
    """(voice, sentence) of each line of a text."""
    lines = (OUT / f"{name}.txt").read_text("utf-8").splitlines()
    return [(line.split("\t")[0], line.split("\t")[1]) for line in lines]


def make(name: str, speaker: Speaker) -> None:
    language = name[:2]
    sound: list[np.ndarray] = [np.zeros(HEARD_AT // 2, np.float32)]
    words: list[tuple[str, float]] = []
    for voice, sentence in written(name):
        at = sum(map(len, sound)) / HEARD_AT
        said = {"de": by_formants, "it": by_diphones}.get(language)
        samples, here = said(sentence, voice) if said else by_network(speaker, sentence, voice)
        words += [(word, round(at + start, 3)) for word, start in here]
        samples = samples / max(1e-6, float(np.abs(samples).max())) * 0.5
        sound += [samples, np.zeros(int(GAP_S * HEARD_AT), np.float32)]
    whole = np.concatenate(sound)
    whole += np.random.default_rng(1).normal(0, 1e-3, len(whole)).astype(np.float32)  # a room is never quite silent
    whole16 = (np.clip(whole, -1, 1) * 32767).astype(np.int16)
    with av.open(str(OUT / f"{name}.flac"), "w") as file:
        stream = file.add_stream("flac", rate=HEARD_AT, layout="mono")
        frame = av.AudioFrame.from_ndarray(whole16[None], "s16", "mono")
        frame.sample_rate, frame.time_base, frame.pts = HEARD_AT, Fraction(1, HEARD_AT), 0
        for packet in [*stream.encode(frame), *stream.encode(None)]:
            file.mux(packet)
    (OUT / f"{name}.json").write_text(json.dumps(words, ensure_ascii=False, indent=0) + "\n", "utf-8")
    print(name, len(words), "words", round(len(whole) / HEARD_AT, 1), "s")


if __name__ == "__main__":
    ours = _Spanish(Path(sys.argv[1]))
    for text in sorted(OUT.glob("*.txt")):
        make(text.stem, ours)
