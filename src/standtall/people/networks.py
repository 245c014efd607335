"""The networks that ship in parts, opened on one thread: words are heard beside them."""

from __future__ import annotations

from pathlib import Path
from typing import Any, Final

MODELS: Final = Path(__file__).parent / "models"


def network(name: str) -> Any:
    """The session of `NAME.onnx.0`, `NAME.onnx.1` and so on, in one. Not thread safe."""
    import onnxruntime

    options = onnxruntime.SessionOptions()
    options.intra_op_num_threads = 1
    options.inter_op_num_threads = 1
    options.log_severity_level = 3
    data = b"".join(part.read_bytes() for part in sorted(MODELS.glob(f"{name}.onnx.?")))
    return onnxruntime.InferenceSession(data, options, providers=["CPUExecutionProvider"])
