"""One measured figure."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any


@dataclass(frozen=True, slots=True)
class Row:
    """`goal` is written as "<= 0.03" or ">= 0.98", or "" for a figure that is only told."""

    measure: str
    value: float
    unit: str
    goal: str = ""

    @property
    def holds(self) -> bool | None:
        if not self.goal:
            return None
        sign, bound = self.goal.split()
        return self.value <= float(bound) if sign == "<=" else self.value >= float(bound)

    def plain(self) -> dict[str, Any]:
        return {
            "measure": self.measure,
            "value": round(float(self.value), 5),
            "unit": self.unit,
            "goal": self.goal,
            "holds": self.holds,
        }
