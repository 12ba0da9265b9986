"""The IPv4 routing table from /proc/net/route, whose addresses are hexadecimal in the PC's byte order."""

from __future__ import annotations

import ipaddress
import struct
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, table

_UP = 0x1  # RTF_UP of <linux/route.h>


def ask(root: Path) -> Iterable[str]:
    """A table of routes."""
    rows = list(_rows(needed(root / "proc/net/route")))
    if not rows:
        raise NotSaid("/proc/net/route lists no route: not supported on this PC")
    return table(("Destination", "Mask", "Gateway", "Interface", "Metric"), [(d, m, g, i, c) for i, d, g, m, c in rows])


def _rows(text: str) -> Iterable[tuple[str, str, str, str, str]]:
    for line in text.splitlines()[1:]:
        words = line.split()
        if len(words) >= 8 and int(words[3], 16) & _UP:
            gateway = _dotted(words[2])
            yield words[0], _dotted(words[1]), gateway if gateway != "0.0.0.0" else "-", _dotted(words[7]), words[6]


def _dotted(text: str) -> str:
    return str(ipaddress.IPv4Address(struct.pack("=I", int(text, 16))))


def default_gateways(text: str) -> dict[str, str]:
    """The gateway of each adapter's default route."""
    return {name: gateway for name, target, gateway, _, _ in _rows(text) if target == "0.0.0.0" and gateway != "-"}


PROBE = Probe("routes", "/proc/net/route", ask)
