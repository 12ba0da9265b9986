"""Printers from printcap(5): the names that programs print to."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, records


def ask(root: Path) -> Iterable[str]:
    """One record a printer."""
    entries = needed(root / "etc/printcap").replace("\\\n", "").splitlines()
    found = [entry for entry in entries if entry.strip() and not entry.lstrip().startswith("#")]
    if not found:
        raise NotSaid("/etc/printcap lists no printer: not available on this PC")
    return records(_record(entry) for entry in found)


def _record(entry: str) -> list[tuple[str, object]]:
    name, *fields = entry.split(":")
    told = dict(field.strip().split("=", 1) for field in fields if "=" in field)
    remote = "/".join(filter(None, (told.get("rm", ""), told.get("rp", ""))))
    return [("Printer name", name.split("|")[0].strip()), ("Printer port", remote or told.get("lp", ""))]


PROBE = Probe("printers", "/etc/printcap", ask)
