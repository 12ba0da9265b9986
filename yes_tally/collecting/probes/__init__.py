"""The probes, one file each; ``PROBES`` is the order in which their answers are printed."""

from __future__ import annotations

from yes_tally.collecting.probe import Probe
from yes_tally.collecting.probes import (
    accounts,
    adapters,
    disks,
    machine,
    memory,
    neighbours,
    processor,
    routes,
    system,
    volumes,
)

PROBES: tuple[Probe, ...] = (
    system.PROBE,
    machine.PROBE,
    processor.PROBE,
    memory.PROBE,
    disks.PROBE,
    volumes.PROBE,
    adapters.PROBE,
    routes.PROBE,
    neighbours.PROBE,
    accounts.PROBE,
)
