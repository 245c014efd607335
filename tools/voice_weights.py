"""Takes the weights of the voice encoder out of a wheel and puts them into the package as plain half-precision numbers.

    python tools/voice_weights.py Resemblyzer-0.1.4-py3-none-any.whl

The wheel (Apache-2.0, from the package index) is never installed and its model file, a pickle, never unpickled: the numbers
lie at known places of a file whose SHA-256 is checked.
"""

from __future__ import annotations

import hashlib
import sys
import zipfile
from pathlib import Path
from typing import Final

import numpy as np

INNER: Final = "resemblyzer/pretrained.pt"
SHA256: Final = "39373b86598fa3da9fcddee6142382efe09777e8d37dc9c0561f41f0070f134e"
LSTM_AT, WEIGHT_AT, BIAS_AT = 269883, 7731, 6699
"""Byte offsets of three stores of float32 in the file."""
HIDDEN: Final = 256
OUT: Final = Path(__file__).parent.parent / "src" / "standtall" / "speech" / "data" / "voice.npz"

data = zipfile.ZipFile(sys.argv[1]).read(INNER)
if hashlib.sha256(data).hexdigest() != SHA256:
    raise SystemExit("This is another model file than the one whose layout is known.")


def floats(at: int, *shape: int) -> np.ndarray:
    return np.frombuffer(data, "<f4", int(np.prod(shape)), at).reshape(shape).astype(np.float16)


out: dict[str, np.ndarray] = {"weight": floats(WEIGHT_AT, HIDDEN, HIDDEN), "bias": floats(BIAS_AT, HIDDEN)}
inputs, recurrent = (0, 303_104, 827_392), (40_960, 565_248, 1_089_536)
biases = (1_351_680, 1_353_728, 1_355_776)
for layer, width in enumerate((40, HIDDEN, HIDDEN)):
    out[f"in{layer}"] = floats(LSTM_AT + 4 * inputs[layer], 4 * HIDDEN, width)
    out[f"re{layer}"] = floats(LSTM_AT + 4 * recurrent[layer], 4 * HIDDEN, HIDDEN)
    pair = floats(LSTM_AT + 4 * biases[layer], 2, 4 * HIDDEN).astype(np.float32)
    out[f"bias{layer}"] = pair.sum(axis=0).astype(np.float16)
OUT.parent.mkdir(exist_ok=True)
np.savez_compressed(OUT, allow_pickle=False, **out)
print(f"{OUT.name}: {OUT.stat().st_size} bytes")
