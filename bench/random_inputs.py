"""Random inputs in the real window: no traceback, no warning, no dead thread, no crash, no stall; memory that stays level."""

from __future__ import annotations

import json
import os
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path
from typing import Any

from bench.row import Row

SEEDS, EACH = 10, 2_000
MEMORY_S = 360.0
"""An hour, scaled: an edit and a new place every 0.3 s while it plays, which is more than an hour of a person's edits."""


def child(*arguments: str) -> tuple[int, dict[str, Any], str]:
    with tempfile.TemporaryDirectory() as home:
        names = ("XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_STATE_HOME")
        folders = {v: f"{home}/{v}" for v in names}
        for folder in folders.values():
            Path(folder).mkdir(parents=True)
        command = [sys.executable, "-m", "bench.random_child", *arguments]
        run = subprocess.run(command, capture_output=True, text=True, env={**os.environ, **folders}, timeout=1500)
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
    _code, told, errors = child("memory", str(MEMORY_S))
    print(errors[-500:], file=sys.stderr) if not told else None
    yield Row("memory after the first tenth of playing and editing", told.get("early", 0.0), "MB")
    yield Row("memory at the end, of that", told.get("end", 1e9) / told.get("early", 1.0), "ratio", "<= 1.10")
