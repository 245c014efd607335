"""Teaches `moments.telling` anew by the talks to tune on:  python tools/telling_weights.py    (a minute or so)"""

from __future__ import annotations

import json
import sys
from pathlib import Path

sys.path.insert(0, str(Path(__file__).parents[1]))

from bench.talks import TUNING
from bench.telling import lesson, taught

from standtall.base.files import write_whole
from standtall.moments.telling import WEIGHTS

if __name__ == "__main__":
    made = taught([lesson(name) for name in TUNING])
    write_whole(WEIGHTS, (json.dumps(made, indent=1) + "\n").encode())
    print(f"{WEIGHTS.name}: taught by {len(TUNING)} talks")
