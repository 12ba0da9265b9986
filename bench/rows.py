"""What every part of the benchmark is made of: rows, and timing against a floor in the same run."""

from __future__ import annotations

import gc
import time
from collections.abc import Callable
from dataclasses import dataclass


@dataclass(frozen=True)
class Row:
    """One measure. ``floor`` is the same work done as little as can be, in the same unit; ``ratio`` is value / floor."""

    what: str
    value: float
    unit: str
    floor: float | None = None

    @property
    def ratio(self) -> float | None:
        return self.value / self.floor if self.floor else None


def best(work: Callable[[], object], rounds: int = 7, repeat: int = 1) -> float:
    """The shortest of several rounds, in seconds a call; the shortest is the least disturbed."""
    times = []
    gc.collect()
    for _ in range(rounds):
        started = time.perf_counter()
        for _ in range(repeat):
            work()
        times.append((time.perf_counter() - started) / repeat)
    return min(times)
