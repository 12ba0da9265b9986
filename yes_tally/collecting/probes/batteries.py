"""Batteries from /sys/class/power_supply: energies in µWh, or charges in µAh with the design voltage in µV."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, folder_of, records, text_of


def ask(root: Path) -> Iterable[str]:
    """One record a battery of the PC itself."""
    found = [
        supply
        for supply in folder_of(root / "sys/class/power_supply")
        if text_of(supply / "type") == "Battery" and text_of(supply / "scope") != "Device"
    ]
    if not found:
        raise NotSaid("/sys/class/power_supply lists no battery: not supported on this PC")
    return records(_record(supply) for supply in found)


def _record(supply: Path) -> list[tuple[str, object]]:
    design, full = _energy(supply, "full_design"), _energy(supply, "full")
    cycles = text_of(supply / "cycle_count")
    return [
        ("Battery", text_of(supply / "model_name") or supply.name),
        ("Design capacity", f"{design} mWh" if design else ""),
        ("Full charge capacity", f"{full} mWh" if full else ""),
        ("Cycle count", cycles if cycles != "0" else ""),
        ("Battery health", f"{100 * full / design:.0f} %" if design and full else ""),
    ]


def _energy(supply: Path, level: str) -> int:
    energy, charge = text_of(supply / f"energy_{level}"), text_of(supply / f"charge_{level}")
    volts = text_of(supply / "voltage_min_design")
    if energy.isdigit():
        return int(energy) // 1000
    return int(charge) * int(volts) // 10**9 if charge.isdigit() and volts.isdigit() else 0


PROBE = Probe("batteries", "/sys/class/power_supply", ask)
