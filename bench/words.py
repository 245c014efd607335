"""Word times: the whole way on the demo, alignment on recordings with hand-marked words."""

from __future__ import annotations

import difflib
import time
from collections.abc import Iterator

import numpy as np
from tests.speech.test_speech import hand_marked, load_16k, marked_words

from bench.demo import demo, truth
from bench.row import Row
from standtall.base.time import TICKS
from standtall.media.sound import SPEECH_RATE, read_sound
from standtall.speech import models
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.recognise import WhisperRecogniser
from standtall.speech.transcribe import transcribe


def bare(text: str) -> str:
    return "".join(c for c in text.lower() if c.isalnum())


def matched(heard: list[str], said: list[str]) -> list[tuple[int, int]]:
    """Pairs of indexes (heard, said) of the words that both have, in order."""
    blocks = difflib.SequenceMatcher(None, [bare(h) for h in heard], [bare(s) for s in said], autojunk=False).get_matching_blocks()
    return [(b.a + k, b.b + k) for b in blocks for k in range(b.size)]


def run() -> Iterator[Row]:
    source, _analysis = demo()
    said = [word for line in truth()["lines"] for word in line["words"]]
    if models.installed():
        recogniser = WhisperRecogniser(models.require(), "en")
        sound = read_sound(source.path, SPEECH_RATE, 1)
        began = time.perf_counter()
        words = transcribe(sound, recogniser, PhoneAligner())
        took = time.perf_counter() - began
        pairs = matched([w.text for w in words], [w[0] for w in said])
        errors = np.array([abs(words[i].start / TICKS - said[j][1]) for i, j in pairs])
        yield Row("demo: words found in their spelling", len(pairs) / len(said), "share")
        yield Row("demo: median error of word starts", float(np.median(errors)) * 1000, "ms", "<= 40")
        yield Row("demo: word starts within 100 ms", float((errors <= 0.1).mean()), "share")
        yield Row("recognition and alignment, of real time", took / (source.length / TICKS), "ratio")
    rng = np.random.default_rng(3)
    errors_marked: list[float] = []
    for _name, path, marks, hint in hand_marked():
        true = marked_words(marks, hint)
        shifts = [float(rng.uniform(-0.15, 0.15)) for _ in true]
        rough = [Timed(w, max(0.0, a + s), max(0.05, b + s)) for (w, a, b), s in zip(true, shifts, strict=True)]
        placed = PhoneAligner().align(load_16k(path), rough)
        errors_marked += [abs(p.start - t[1]) for p, t in zip(placed, true, strict=True)]
    yield Row("hand-marked, known text: median error of word starts", float(np.median(errors_marked)) * 1000, "ms", "<= 30")
    yield Row("hand-marked, known text: within 100 ms", float(np.mean(np.array(errors_marked) <= 0.1)), "share", ">= 0.90")
    if models.installed():
        whole: list[float] = []
        for _name, path, marks, hint in hand_marked():
            true = marked_words(marks, hint)
            found = transcribe(load_16k(path), recogniser, PhoneAligner())
            whole += [abs(found[i].start / TICKS - true[j][1]) for i, j in matched([w.text for w in found], [t[0] for t in true])]
        yield Row("hand-marked, recognised: median error of word starts", float(np.median(whole)) * 1000, "ms", "<= 30")
        yield Row("hand-marked, recognised: within 100 ms", float(np.mean(np.array(whole) <= 0.1)), "share", ">= 0.90")
