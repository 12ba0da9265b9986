"""Page files and swap partitions from /proc/swaps, sizes in KiB."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, table


def ask(root: Path) -> Iterable[str]:
    """A table of page files."""
    rows = [line.split() for line in needed(root / "proc/swaps").splitlines()[1:] if len(line.split()) >= 4]
    if not rows:
        raise NotSaid("/proc/swaps lists no page file: not available on this PC")
    return table(
        ("Page file", "Page file size", "Page file in use"), [(w[0], f"{w[2]} KB", f"{w[3]} KB") for w in rows]
    )


PROBE = Probe("page files", "/proc/swaps", ask)
