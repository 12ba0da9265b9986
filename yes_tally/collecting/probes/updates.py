"""Updates: what the package log says was renewed, the latest of each package."""

from __future__ import annotations

import re
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, table

_UPGRADE = re.compile(r"^(\d{4}-\d\d-\d\d \d\d:\d\d):\d\d upgrade (\S+?)(?::\S+)? \S+ (\S+)$", re.MULTILINE)
_LOG = "var/log/dpkg.log"


def ask(root: Path) -> Iterable[str]:
    """A table of updates."""
    latest = {match[2]: match for match in _UPGRADE.finditer(needed(root / _LOG))}
    if not latest:
        raise NotSaid(f"/{_LOG} tells of no update: not available on this PC")
    rows = [(f"{name}-{match[3]}", f"{name} to {match[3]}", match[1]) for name, match in sorted(latest.items())]
    return table(("Update", "Update title", "Installed on"), rows)


PROBE = Probe("updates", f"/{_LOG}", ask)
