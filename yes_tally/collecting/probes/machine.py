"""Machine, board and firmware as the firmware's table says them (DMTF DSP0134 types 0, 1, 2, 3), through sysfs."""

from __future__ import annotations

from collections.abc import Iterable
from datetime import datetime
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, pair, record, text_of
from yes_tally.core.catalogue import CHASSIS_CODES

_FILES = (
    ("System maker", "sys_vendor"), ("System model", "product_name"), ("System serial number", "product_serial"),
    ("Asset tag", "chassis_asset_tag"), ("System SKU", "product_sku"), ("System UUID", "product_uuid"),
    ("Board maker", "board_vendor"), ("Board model", "board_name"), ("Board version", "board_version"),
    ("Board serial number", "board_serial"), ("Firmware maker", "bios_vendor"), ("Firmware version", "bios_version"),
)  # fmt: skip


def ask(root: Path) -> Iterable[str]:
    """What the firmware tells of the machine; what needs rights is said so."""
    folder = root / "sys/class/dmi/id"
    if not folder.is_dir():
        raise NotSaid(f"{folder} could not be read: this PC's firmware gives no table")
    lines = record((label, text_of(folder / name)) for label, name in _FILES)
    lines += record(
        [
            ("Chassis type", _chassis(text_of(folder / "chassis_type"))),
            ("Firmware date", _date(text_of(folder / "bios_date"))),
        ]
    )
    lines.append(pair("Firmware mode", "UEFI" if (root / "sys/firmware/efi").is_dir() else "legacy"))
    closed = [label for label, name in _FILES if (folder / name).exists() and not _readable(folder / name)]
    if closed:
        lines += ["", f"Not told without administrator rights: {', '.join(closed)}."]
    return lines


def _readable(path: Path) -> bool:
    try:
        with path.open("rb"):
            return True
    except OSError:
        return False


def _chassis(code: str) -> str:
    return CHASSIS_CODES.get(int(code), "other") if code.isdigit() else ""


def _date(text: str) -> str:
    """SMBIOS writes mm/dd/yyyy (DSP0134 7.1); we print ISO 8601."""
    try:
        return datetime.strptime(text, "%m/%d/%Y").date().isoformat()
    except ValueError:
        return text


PROBE = Probe("machine", "/sys/class/dmi/id", ask)
