"""Sound devices from /proc/asound/cards: each a line with its number, its id and its name."""

from __future__ import annotations

import re
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, records

_CARD = re.compile(r"^\s*\d+ \[[^\]]*\]: .*? - (?P<name>.+)$", re.MULTILINE)


def ask(root: Path) -> Iterable[str]:
    """One record a device."""
    names = [match["name"].strip() for match in _CARD.finditer(needed(root / "proc/asound/cards"))]
    if not names:
        raise NotSaid("/proc/asound/cards lists no sound device: not supported on this PC")
    return records([("Sound device", name)] for name in names)


PROBE = Probe("sound", "/proc/asound/cards", ask)
