"""Names of PCI devices, from the list that the system itself keeps (pci.ids), where it has one."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

_LISTS = ("usr/share/misc/pci.ids", "usr/share/hwdata/pci.ids")


def names_of(root: Path, vendor: str, device: str) -> tuple[str, str]:
    """Maker and name of a device by its two ids in hexadecimal; empty where the list does not tell."""
    for name in _LISTS:
        if (root / name).is_file():
            makers = _read(root / name)
            maker, devices = makers.get(vendor, ("", {}))
            return maker, devices.get(device, "")
    return "", ""


@lru_cache(maxsize=2)
def _read(path: Path) -> dict[str, tuple[str, dict[str, str]]]:
    """Lines ``vvvv  Maker``, and under each, after a tab, ``dddd  Device``."""
    makers: dict[str, tuple[str, dict[str, str]]] = {}
    devices: dict[str, str] = {}
    for line in path.read_text("utf-8", errors="replace").splitlines():
        if line.startswith("C "):
            break
        code, _, name = line.strip().partition("  ")
        if not name or line.startswith(("#", "\t\t")):
            continue
        if line.startswith("\t"):
            devices[code] = name
        else:
            devices = {}
            makers[code] = (name, devices)
    return makers
