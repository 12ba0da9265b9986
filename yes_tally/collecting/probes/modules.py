"""Memory modules and the slots they sit in (DMTF DSP0134 types 16 and 17)."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, record, records
from yes_tally.collecting.probes.firmware_table import needed_structures
from yes_tally.core.catalogue import MEMORY_FORM_CODES, MEMORY_TYPE_CODES
from yes_tally.core.smbios import Structure


def ask(root: Path) -> Iterable[str]:
    """One record a module fitted, then the board's slots and limit."""
    table = needed_structures(root)
    arrays = {s.handle: s for s in table if s.type == 16 and s.told.get("system_memory")}
    slots = [s for s in table if s.type == 17 and (not arrays or s.told.get("array_handle") in arrays)]
    fitted = [s for s in slots if s.told.get("size") != 0]
    if not slots:
        raise NotSaid("the firmware's table names no memory slot: not supported on this PC")
    limit = sum(int(a.told.get("maximum_capacity", 0)) for a in arrays.values())
    return [
        *records(_record(module) for module in fitted),
        "",
        *record([("Number of memory slots", len(slots)), ("Maximum capacity", f"{limit} bytes" if limit else "")]),
    ]


def _record(module: Structure) -> list[tuple[str, object]]:
    told = module.told
    kind, form = told.get("memory_type"), told.get("form_factor")
    return [
        ("Module slot", told.get("device_locator", "")),
        ("Module bank", told.get("bank_locator", "")),
        ("Module size", f"{told['size']} bytes" if "size" in told else ""),
        ("Module type", MEMORY_TYPE_CODES.get(int(kind), "") if kind else ""),
        ("Module form", MEMORY_FORM_CODES.get(int(form), "other") if form else ""),
        ("Module speed", f"{told['speed']} MT/s" if "speed" in told else ""),
        ("Configured speed", f"{told['configured_speed']} MT/s" if "configured_speed" in told else ""),
        ("Module maker", told.get("manufacturer", "")),
        ("Part number", told.get("part_number", "")),
        ("Module serial number", told.get("serial_number", "")),
    ]


PROBE = Probe("modules", "/sys/firmware/dmi/tables", ask, rights="administrator")
