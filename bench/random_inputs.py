"""Random inputs in the real window: no traceback, no warning, no dead thread, no crash, no stall; memory that stays level."""

from __future__ import annotations

import json
import secrets
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path
from typing import Any

from bench import homes
from bench.row import Row

SEEDS, EACH = 10, 2_000
MEMORY_S = 360.0
"""An hour, scaled: an edit and a new place every 0.3 s while it plays, which is more than an hour of a person's edits."""
USE_S = 600.0


def child(*arguments: str) -> tuple[int, dict[str, Any], str]:
    with tempfile.TemporaryDirectory() as home:
        command = [sys.executable, "-m", "bench.random_child", *arguments]
        run = subprocess.run(command, capture_output=True, text=True, env=homes.home(Path(home)), timeout=1500)
    lines = [line for line in run.stdout.splitlines() if line.startswith("{")]
    return run.returncode, json.loads(lines[-1]) if lines else {}, run.stderr


def run() -> Iterator[Row]:
    done = crashes = faults = warnings = dead = 0
    stall = 0.0
    for seed in range(SEEDS):
        code, told, errors = child("inputs", str(seed), str(EACH))
        if code or not told:
            crashes += 1
            print(f"seed {seed} crashed with code {code}: {errors[-1500:]}", file=sys.stderr)
            continue
        done += told["inputs"]
        faults += len(told["faults"])
        warnings += len(told["qt"])
        dead += len(told["dead"])
        stall = max(stall, told["stall_s"])
        for text in (*told["faults"][:3], *told["qt"][:3], *told["dead"]):
            print(f"seed {seed}: {text}", file=sys.stderr)
        if told["faults"]:
            print(told["log"], file=sys.stderr)
    yield Row("random inputs in the real window, ten seeds", done, "count", f">= {SEEDS * EACH}")
    yield Row("crashes", crashes, "count", "<= 0")
    yield Row("tracebacks", faults, "count", "<= 0")
    yield Row("Qt warnings", warnings, "count", "<= 0")
    yield Row("threads that are dead or do not answer", dead, "count", "<= 0")
    yield Row("longest stall, less what a sleeping process saw", stall, "s", "<= 1")


def memory() -> Iterator[Row]:
    _code, told, errors = child("memory", str(MEMORY_S))
    if not told:
        raise RuntimeError(errors[-1500:])
    yield Row("memory after the first tenth of playing and editing", told["early"], "MB")
    yield Row("memory at the end, of that", told["end"] / told["early"], "ratio", "<= 1.10")


def stalls() -> Iterator[Row]:
    """Ten minutes at a person's pace beside an analysis and a render, of a seed that no run before had."""
    seed = secrets.randbelow(1_000_000)
    _code, told, errors = child("use", str(USE_S), str(seed))
    if not told:
        raise RuntimeError(errors[-1500:])
    print(f"seed {seed}: {told}", file=sys.stderr)
    yield Row("random use for ten minutes: inputs", told["inputs"], "count")
    yield Row("random use: stalls over 50 ms, less what a sleeping process saw", told["count"], "count", "<= 0")
    yield Row("random use: longest of them", told["longest_ms"], "ms", "<= 50")
    yield Row("random use: in so many the interface thread itself worked over 50 ms", len(told["worked"]), "count", "<= 0")
    yield Row("random use: longest work of it", max(told["worked"], default=0), "ms", "<= 50")
