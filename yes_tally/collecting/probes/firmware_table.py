"""The firmware's table as the kernel passes it on, for the probes that read from it."""

from __future__ import annotations

from pathlib import Path

from yes_tally.collecting.probe import bytes_of, needed
from yes_tally.core import smbios

FOLDER = "sys/firmware/dmi/tables"


def structures(root: Path) -> list[smbios.Structure]:
    """The table's structures; none when it is missing, may not be read, or its entry point is broken."""
    try:
        entry = smbios.entry_point(bytes_of(root / FOLDER / "smbios_entry_point"))
    except smbios.NotSmbios:
        return []
    return smbios.decode(bytes_of(root / FOLDER / "DMI")[: entry.length or None])


def needed_structures(root: Path) -> list[smbios.Structure]:
    """The same; raises ``NotSaid`` with the reason when there is nothing to read."""
    found = structures(root)
    if not found:
        needed(root / FOLDER / "smbios_entry_point")
        needed(root / FOLDER / "DMI")
    return found
