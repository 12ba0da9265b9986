"""Graphics cards from /sys/class/drm and the PCI bus; their memory where the driver tells it."""

from __future__ import annotations

import re
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, folder_of, records, text_of
from yes_tally.collecting.probes.pci import names_of


def ask(root: Path) -> Iterable[str]:
    """One record a card."""
    cards = [card for card in folder_of(root / "sys/class/drm") if re.fullmatch(r"card\d+", card.name)]
    if not cards:
        raise NotSaid("/sys/class/drm lists no graphics card: not supported on this PC")
    return records(_record(root, card) for card in cards)


def _record(root: Path, card: Path) -> list[tuple[str, object]]:
    device = card / "device"
    vendor, model = (text_of(device / name).removeprefix("0x") for name in ("vendor", "device"))
    maker, name = names_of(root, vendor, model)
    memory = text_of(device / "mem_info_vram_total")
    driver = (device / "driver").resolve().name if (device / "driver").exists() else ""
    return [
        ("Graphics card", name or f"{driver or 'graphics'} {vendor}:{model}".strip(" :")),
        ("Graphics maker", maker),
        ("Graphics memory", f"{memory} bytes" if memory.isdigit() else ""),
        ("Graphics device id", f"{vendor}:{model}" if vendor else ""),
    ]


PROBE = Probe("graphics", "/sys/class/drm, /usr/share/misc/pci.ids", ask)
