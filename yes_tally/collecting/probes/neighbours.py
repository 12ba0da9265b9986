"""Who else is on the wire: the address resolution table of /proc/net/arp."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, table

_COMPLETE, _PERMANENT = 0x2, 0x4  # ATF_COM, ATF_PERM of <linux/if_arp.h>


def ask(root: Path) -> Iterable[str]:
    """A table of neighbours whose hardware address is known."""
    rows = []
    for line in needed(root / "proc/net/arp").splitlines()[1:]:
        words = line.split()
        if len(words) >= 6 and int(words[2], 16) & _COMPLETE:
            kind = "static" if int(words[2], 16) & _PERMANENT else "dynamic"
            rows.append((words[0], words[3], words[5], kind))
    if not rows:
        raise NotSaid("/proc/net/arp lists no neighbour: not available on this PC now")
    return table(("IP address", "Hardware address", "Interface", "Entry type"), rows)


PROBE = Probe("neighbours", "/proc/net/arp", ask)
