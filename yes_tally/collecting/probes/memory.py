"""Memory as the kernel sees it, from /proc/meminfo, right to the byte."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, record

_ROWS = (("Usable memory", "MemTotal"), ("Available memory", "MemAvailable"))


def ask(root: Path) -> Iterable[str]:
    """Usable and available memory in bytes."""
    told = {}
    for line in needed(root / "proc/meminfo").splitlines():
        name, _, rest = line.partition(":")
        words = rest.split()
        if len(words) == 2 and words[0].isdigit() and words[1] == "kB":
            told[name] = int(words[0]) * 1024
    lines = record((label, f"{told[name]} bytes") for label, name in _ROWS if name in told)
    if not lines:
        raise NotSaid("/proc/meminfo is not supported in this form")
    return lines


PROBE = Probe("memory", "/proc/meminfo", ask)
