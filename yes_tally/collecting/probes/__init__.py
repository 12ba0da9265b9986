"""The probes, one file each; ``PROBES`` is the order in which their answers are printed."""

from __future__ import annotations

from yes_tally.collecting.probe import Probe
from yes_tally.collecting.probes import (
    accounts,
    adapters,
    batteries,
    boot_entries,
    connections,
    disks,
    displays,
    drivers,
    environment,
    graphics,
    machine,
    memory,
    modules,
    neighbours,
    page_files,
    printers,
    processes,
    processor,
    routes,
    software,
    sound,
    system,
    tasks,
    traces,
    updates,
    volumes,
)

PROBES: tuple[Probe, ...] = tuple(
    part.PROBE
    for part in (
        system, traces, machine, processor, memory, modules, page_files, disks, volumes, graphics, displays, sound,
        batteries, printers, adapters, routes, neighbours, accounts, software, updates, drivers, tasks, processes,
        connections, boot_entries, environment,
    )
)  # fmt: skip
