"""Runs benches by name and prints a table, or one JSON object a line."""

from __future__ import annotations

import argparse
import json
import os
import sys

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
os.environ.setdefault("OMP_NUM_THREADS", "1")
os.environ.setdefault("STAND_TALL_LANGUAGE", "en")

from bench import (
    archive,
    at_once,
    captions,
    clips,
    clips_read,
    cutting,
    editing,
    exchange,
    extras,
    filmed,
    first_use,
    foretelling,
    framing,
    hostile,
    kills,
    languages,
    layouts,
    machines,
    moments,
    other_decoder,
    overlaps,
    people,
    posts,
    preview,
    random_inputs,
    rates,
    rendering,
    shots,
    silhouettes,
    sound,
    speakers,
    telling,
    turns,
    window,
    words,
    writing,
)  # fmt: skip

BENCHES = {"captions": captions.run, "framing": framing.run, "people": people.run, "shots": shots.run, "filmed": filmed.run, "layouts": layouts.run, "writing": writing.run, "words": words.run, "languages": languages.run, "speakers": speakers.run, "overlaps": overlaps.run, "render": rendering.run, "foretold": foretelling.run, "at once": at_once.run, "sound": sound.run, "extras": extras.run, "silhouettes": silhouettes.run, "window": window.run,
           "editing": editing.run, "cutting": cutting.run, "clips": clips.run, "many clips": clips.many, "clips by what is read": clips_read.run, "moments": moments.run, "telling": telling.run,
           "random": random_inputs.run, "memory": random_inputs.memory, "stalls": random_inputs.stalls, "turns": turns.run, "kills": kills.run, "queue": kills.queue_rows, "decoders": other_decoder.run, "rates": rates.run, "archive": archive.run, "preview": preview.run, "exchange": exchange.run, "machines": machines.run, "hour": machines.hour, "hostile": hostile.run, "posts": posts.run, "outbox": posts.outbox, "first use": first_use.run}  # fmt: skip


def main() -> int:
    reader = argparse.ArgumentParser(prog="python -m bench")
    reader.add_argument("names", nargs="*", choices=[*BENCHES, []], help="which (default: all)")
    reader.add_argument("--json", action="store_true")
    chosen = reader.parse_args()
    good = True
    for name in chosen.names or BENCHES:
        for row in BENCHES[name]():
            good = good and row.holds is not False
            if chosen.json:
                print(json.dumps({"bench": name, **row.plain()}), flush=True)
            else:
                mark = "holds" if row.holds else ("" if row.holds is None else "FALLS SHORT")
                print(f"{name:8} {row.measure:58} {row.value:10.3f} {row.unit:8} {row.goal:>12}  {mark}", flush=True)
    return 0 if good else 1


if __name__ == "__main__":
    sys.exit(main())
