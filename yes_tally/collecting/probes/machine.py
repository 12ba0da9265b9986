"""Machine, board, chassis and firmware as the firmware's table says them (DMTF DSP0134 types 0, 1, 2, 3)."""

from __future__ import annotations

from collections.abc import Iterable
from datetime import datetime
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, bytes_of, pair, record, text_of
from yes_tally.collecting.probes.firmware_table import FOLDER, structures
from yes_tally.core.catalogue import CHASSIS_CODES

# label, type and field in the firmware's table, the kernel's own file of the same
_ROWS = (
    ("System maker", 1, "manufacturer", "sys_vendor"), ("System model", 1, "product_name", "product_name"),
    ("System serial number", 1, "serial_number", "product_serial"), ("Asset tag", 3, "asset_tag", "chassis_asset_tag"),
    ("System SKU", 1, "sku_number", "product_sku"), ("System UUID", 1, "uuid", "product_uuid"),
    ("Board maker", 2, "manufacturer", "board_vendor"), ("Board model", 2, "product", "board_name"),
    ("Board version", 2, "version", "board_version"), ("Board serial number", 2, "serial_number", "board_serial"),
    ("Firmware maker", 0, "vendor", "bios_vendor"), ("Firmware version", 0, "version", "bios_version"),
    ("Firmware date", 0, "release_date", "bios_date"), ("Chassis type", 3, "type", "chassis_type"),
)  # fmt: skip
_SECURE_BOOT = "sys/firmware/efi/efivars/SecureBoot-8be4df61-93ca-11d2-aa0d-00e098032b8c"


def ask(root: Path) -> Iterable[str]:
    """What the firmware tells of the machine; what needs rights is said so."""
    folder = root / "sys/class/dmi/id"
    table = structures(root)
    if not table and not folder.is_dir():
        raise NotSaid(f"{folder} could not be read: this PC's firmware gives no table")
    told = {(s.type, name): value for s in reversed(table) for name, value in s.told.items()}
    said = [(label, str(told.get((kind, field), "")) or text_of(folder / file)) for label, kind, field, file in _ROWS]
    lines = record((label, _shown(label, value)) for label, value in said)
    lines.append(pair("Firmware mode", "UEFI" if (root / "sys/firmware/efi").is_dir() else "legacy"))
    lines += record(
        [
            ("Secure boot", {4: "off", 5: "on"}.get(_flag(bytes_of(root / _SECURE_BOOT)), "")),
            ("TPM version", _tpm(root / "sys/class/tpm/tpm0")),
        ]
    )
    closed = [label for label, value in said if not value and _closed(root, folder, label)]
    if closed:
        lines += ["", f"Not told without administrator rights: {', '.join(closed)}."]
    return lines


def _closed(root: Path, folder: Path, label: str) -> bool:
    file = next(file for name, _, _, file in _ROWS if name == label)
    path = folder / file
    if not path.exists() and (root / FOLDER).is_dir():
        path = root / FOLDER / "DMI"
    try:
        with path.open("rb"):
            return False
    except FileNotFoundError:
        return False
    except OSError:
        return True


def _shown(label: str, value: str) -> str:
    if label == "Chassis type":
        return CHASSIS_CODES.get(int(value), "other") if value.isdigit() else ""
    return _date(value) if label == "Firmware date" else value


def _date(text: str) -> str:
    """SMBIOS writes mm/dd/yyyy (DSP0134 7.1); we print ISO 8601."""
    try:
        return datetime.strptime(text, "%m/%d/%Y").date().isoformat()
    except ValueError:
        return text


def _flag(variable: bytes) -> int:
    """A one-byte variable after its four attribute bytes (UEFI 2.10, 8.2), as 4 or 5; 0 when there is none."""
    return 4 + variable[4] if len(variable) == 5 and variable[4] in (0, 1) else 0


def _tpm(folder: Path) -> str:
    major = text_of(folder / "tpm_version_major")
    return {"1": "1.2", "2": "2.0"}.get(major, "")


PROBE = Probe("machine", "/sys/firmware/dmi/tables, /sys/class/dmi/id", ask, rights="administrator")
