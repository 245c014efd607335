"""Upgrades of kept analysis, by its stage."""

from __future__ import annotations

from standtall.library.upgrades.words import name_2, words_2


def stage_2(stage: str, data: object) -> object:
    """What was kept of a stage in version 1, as version 2 has it."""
    if not isinstance(data, dict):
        return data
    if stage in ("words", "piece") and "words" in data:
        return {**data, "words": words_2(data["words"])}
    if isinstance(data.get("names"), list):
        return {**data, "names": [name_2(n) for n in data["names"]]}
    return data
