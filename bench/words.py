"""Words: their times and spelling on the demo and on recordings with truth, beside the bare engine, and the doubts."""

from __future__ import annotations

import difflib
import re
import time
from collections.abc import Iterator
from pathlib import Path

import numpy as np
from faster_whisper import WhisperModel
from num2words import num2words
from tests.speech.test_speech import hand_marked, load_16k, marked_words

from bench.demo import demo, truth
from bench.row import Row
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.sound_reader import SPEECH_RATE, Samples, read_sound
from standtall.model.words import DOUBT, Word
from standtall.speech import models
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.chunks import pieces
from standtall.speech.fillers import is_filler
from standtall.speech.recognise import WhisperRecogniser
from standtall.speech.transcribe import transcribe

DRAWS = 8
LIBRIVOX = Path(__file__).parent.parent / "tests" / "data" / "librivox"


def bare(text: str) -> str:
    plain = "".join(c for c in text.lower() if c.isalnum())
    return num2words(int(plain)).replace("-", "").replace(" ", "") if plain.isdigit() and len(plain) < 10 else plain


def matched(heard: list[str], said: list[str]) -> list[tuple[int, int]]:
    """Pairs of indexes (heard, said) of the words that both have, in order."""
    matcher = difflib.SequenceMatcher(None, [bare(h) for h in heard], [bare(s) for s in said], autojunk=False)
    return [(b.a + k, b.b + k) for b in matcher.get_matching_blocks() for k in range(b.size)]


def right_words(heard: list[str], said: list[str]) -> list[bool]:
    found = {i for i, _ in matched(heard, said)}
    return [i in found for i in range(len(heard))]


def errors(heard: list[str], said: list[str]) -> int:
    """Substitutions, deletions and insertions (Levenshtein 1966) between the words heard and said."""
    a, b = [bare(h) for h in heard], [bare(s) for s in said]
    row = list(range(len(b) + 1))
    for i, x in enumerate(a, 1):
        before, row[0] = row[0], i
        for j, y in enumerate(b, 1):
            before, row[j] = row[j], min(row[j] + 1, row[j - 1] + 1, before + (x != y))
    return row[-1]


def without_fillers(texts: list[str]) -> list[str]:
    """Fillers cost nothing either way, as in the Rich Transcription evaluations of NIST ("optionally deletable"; from memory):
    some recordings have sounds in them that nobody wrote down."""
    return [t for t in texts if not is_filler(t, "en")]


def recordings() -> Iterator[tuple[str, Samples, list[str]]]:
    """Name, sound and words of every recording whose words are known."""
    source, _analysis = demo()
    said = [word[0] for line in truth()["lines"] for word in line["words"]]
    yield "demo", read_sound(source.path, SPEECH_RATE, 1).reshape(-1), said
    for name, path, marks, hint in hand_marked()[:2]:
        yield name, load_16k(path), [w[0] for w in marked_words(marks, hint)]
    for line in (LIBRIVOX / "transcription").read_text("utf-8").splitlines():
        found = re.match(r"<s> (.*) </s> \((.*)\)", line)
        assert found is not None
        yield "librivox", load_16k(LIBRIVOX / f"{found[2]}.wav"), found[1].split()


def whole_way(sound: Samples, recogniser: WhisperRecogniser) -> tuple[Word, ...]:
    """As the program does it: in pieces, recognised, aligned, mended."""
    aligner = PhoneAligner()
    return tuple(w for p in pieces([sound]) for w in transcribe(p.samples, recogniser, aligner, p.start))


def spelling(recogniser: WhisperRecogniser) -> Iterator[Row]:
    """Word error rates beside the bare engine's (beam 5, nothing around it), and what the doubts are worth."""
    engine = WhisperModel(str(models.require()), device="cpu", compute_type="int8", cpu_threads=2, local_files_only=True)
    ours: dict[str, int] = {}
    bare_engine: dict[str, int] = {}
    count: dict[str, int] = {}
    plain: dict[str, list[int]] = {}
    judged: list[tuple[float, bool]] = []
    for name, sound, said in recordings():
        words = whole_way(sound, recogniser)
        segments, _info = engine.transcribe(sound, language="en", beam_size=5)
        text = " ".join(s.text for s in segments).split()
        ours[name] = ours.get(name, 0) + errors([w.text for w in words], said)
        bare_engine[name] = bare_engine.get(name, 0) + errors(text, said)
        count[name] = count.get(name, 0) + len(said)
        spoken = without_fillers(said)
        here = [errors(without_fillers(texts), spoken) for texts in ([w.text for w in words], text)]
        plain[name] = [a + b for a, b in zip(plain.get(name, [0, 0, 0]), [*here, len(spoken)], strict=True)]
        right = right_words([w.text for w in words], said)
        judged += [(w.confidence, r) for w, r in zip(words, right, strict=True) if w.kind == "word"]
    for name in ours:
        theirs = bare_engine[name] / count[name]
        yield Row(
            f"{name}: word error rate (the bare engine {theirs:.3f})", ours[name] / count[name], "share", f"<= {theirs:.3f}"
        )
        mine, other, said_in_all = plain[name]
        yield Row(f"{name}: the same without fillers ({other / said_in_all:.3f})", mine / said_in_all, "share")
    marked = [r for c, r in judged if c < DOUBT]
    unmarked = [r for c, r in judged if c >= DOUBT]
    yield Row("doubts: words marked", len(marked) / len(judged), "share")
    yield Row("doubts: wrong among the marked", 1 - float(np.mean(marked)), "share")
    yield Row("doubts: wrong among the unmarked", 1 - float(np.mean(unmarked)), "share")


def run() -> Iterator[Row]:
    source, _analysis = demo()
    said = [word for line in truth()["lines"] for word in line["words"]]
    if models.installed():
        recogniser = WhisperRecogniser(models.require(), "en")
        sound = read_sound(source.path, SPEECH_RATE, 1)
        began = time.perf_counter()
        words = whole_way(sound.reshape(-1), recogniser)
        took = time.perf_counter() - began
        pairs = matched([w.text for w in words], [w[0] for w in said])
        missed = np.array([abs(words[i].start / TICKS_PER_SECOND - said[j][1]) for i, j in pairs])
        yield Row("demo: words found in their spelling", len(pairs) / len(said), "share")
        yield Row("demo: median error of word starts", float(np.median(missed)) * 1000, "ms", "<= 40")
        yield Row("demo: word starts within 100 ms", float((missed <= 0.1).mean()), "share", ">= 0.99")
        yield Row("recognition and alignment, of real time", took / (source.length / TICKS_PER_SECOND), "ratio")
    errors_marked: list[float] = []
    for seed in range(DRAWS):  # how rough the known times are is drawn by lot, so it is drawn more than once
        rng = np.random.default_rng(seed)
        for _name, path, marks, hint in hand_marked():
            true = marked_words(marks, hint)
            shifts = [float(rng.uniform(-0.15, 0.15)) for _ in true]
            rough = [Timed(w, max(0.0, a + s), max(0.05, b + s)) for (w, a, b), s in zip(true, shifts, strict=True)]
            placed = PhoneAligner().align(load_16k(path), rough)
            errors_marked += [abs(p.start - t[1]) for p, t in zip(placed, true, strict=True)]
    yield Row("hand-marked, known text: median error of word starts", float(np.median(errors_marked)) * 1000, "ms", "<= 25")
    yield Row("hand-marked, known text: within 100 ms", float(np.mean(np.array(errors_marked) <= 0.1)), "share", ">= 0.95")
    if models.installed():
        whole: list[float] = []
        for _name, path, marks, hint in hand_marked():
            true = marked_words(marks, hint)
            found = transcribe(load_16k(path), recogniser, PhoneAligner())
            whole += [
                abs(found[i].start / TICKS_PER_SECOND - true[j][1])
                for i, j in matched([w.text for w in found], [t[0] for t in true])
            ]
        yield Row("hand-marked, recognised: median error of word starts", float(np.median(whole)) * 1000, "ms", "<= 25")
        yield Row("hand-marked, recognised: within 100 ms", float(np.mean(np.array(whole) <= 0.1)), "share", ">= 0.95")
        yield from spelling(recogniser)
