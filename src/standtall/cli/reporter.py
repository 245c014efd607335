"""How the command line speaks: progress on a terminal, or one JSON object a line."""

from __future__ import annotations

import dataclasses
import json
import math
import sys
from collections.abc import Callable
from typing import Any, TextIO

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.base.progress import Step
from standtall.jobs.events import Problem

NOT_RIGHT = 8
"""The exit code of what was made, but that a check found not right."""


class Reporter:
    """Says progress, results and errors; with `as_json` every line is an object with a `kind`."""

    def __init__(self, as_json: bool, out: TextIO | None = None, err: TextIO | None = None) -> None:
        self.as_json = as_json
        self._out, self._err = out or sys.stdout, err or sys.stderr
        self._on_line = False
        self._tell: Callable[[Problem], None] | None = None

    def tell_problems_to(self, tell: Callable[[Problem], None]) -> None:
        """Let problems be told as events, instead of in words."""
        self._tell = tell

    def _json(self, kind: str, values: dict[str, Any]) -> None:
        print(json.dumps({"kind": kind, **_finite(values)}), file=self._out, flush=True)

    def step(self, step: Step) -> None:
        if self.as_json:
            self._json("progress", {"stage": step.stage, "share": round(step.share, 4), "left_s": step.left_s})
        elif self._err.isatty():
            bar = "#" * round(step.share * 30)
            left = "  " + tr("{left:4.0f} s left", left=step.left_s) if step.left_s else ""
            self._err.write(f"\r{step.stage:<26} [{bar:<30}] {step.share:4.0%}{left}   ")
            self._on_line = True
            if step.share >= 1:
                self.end_line()
            self._err.flush()

    def end_line(self) -> None:
        if self._on_line:
            self._err.write("\n")
            self._on_line = False

    def note(self, kind: str, text: str, **values: Any) -> None:
        """A fact: `text` for people, `values` for programs."""
        self.end_line()
        if self.as_json:
            self._json(kind, values)
        elif text:
            print(text, file=self._out, flush=True)

    def result(self, text: str, value: Any) -> None:
        plain = dataclasses.asdict(value) if dataclasses.is_dataclass(value) and not isinstance(value, type) else value
        self.note("result", text, **plain)

    def failure(self, error: StandTallError) -> None:
        self.end_line()
        if self._tell is not None:
            self._tell(Problem(error.message, error.hint, error.exit_code))
        elif self.as_json:
            self._json("error", {"message": error.message, "hint": error.hint, "code": error.exit_code})
        else:
            print(f"stand-tall: {error}", file=self._err, flush=True)


def _finite(value: Any) -> Any:
    """JSON has no infinities: they become null; fractions and paths become text."""
    if isinstance(value, dict):
        return {k: _finite(v) for k, v in value.items()}
    if isinstance(value, list | tuple):
        return [_finite(v) for v in value]
    if isinstance(value, float) and not math.isfinite(value):
        return None
    if value is None or isinstance(value, str | int | float | bool):
        return value
    return str(value)
