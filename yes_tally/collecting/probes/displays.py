"""Displays from their EDID in /sys/class/drm."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, bytes_of, folder_of, records
from yes_tally.core.edid import Display, NotEdid, decode


def ask(root: Path) -> Iterable[str]:
    """One record a display that says what it is."""
    found = [display for port in folder_of(root / "sys/class/drm") if (display := _display(port))]
    if not found:
        raise NotSaid("no display says what it is in /sys/class/drm: not supported on this PC")
    return records(_record(display) for display in found)


def _display(port: Path) -> Display | None:
    try:
        return decode(bytes_of(port / "edid"))
    except NotEdid:
        return None


def _record(display: Display) -> list[tuple[str, object]]:
    return [
        ("Display name", display.name or display.maker),
        ("Display maker", display.maker),
        ("Display serial number", display.serial),
        ("Display width", display.width or ""),
        ("Display height", display.height or ""),
    ]


PROBE = Probe("displays", "/sys/class/drm", ask)
