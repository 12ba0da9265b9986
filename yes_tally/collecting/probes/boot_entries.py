"""What the PC can start: the firmware's boot variables (UEFI 2.10, 3.1.3), or the loader's entry files."""

from __future__ import annotations

import re
import struct
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, bytes_of, folder_of, table, text_of

_VENDOR = "8be4df61-93ca-11d2-aa0d-00e098032b8c"  # the global variables' GUID (UEFI 2.10, 3.3)
_ATTRIBUTES = 4  # efivarfs puts a variable's attributes before it
_FILE_PATH = (0x04, 0x04)  # media device path, file path (10.3.5.4)


def ask(root: Path) -> Iterable[str]:
    """A table of boot entries; the first of the order is the default."""
    rows = [*_variables(root / "sys/firmware/efi/efivars"), *_loader(root / "boot/loader/entries")]
    if not rows:
        raise NotSaid("no boot entry is told here: not supported on this PC")
    return table(("Boot entry", "Entry name", "Boot path", "Default"), rows)


def _variables(folder: Path) -> Iterable[tuple[str, ...]]:
    order = bytes_of(folder / f"BootOrder-{_VENDOR}")[_ATTRIBUTES:]
    first = f"{struct.unpack_from('<H', order)[0]:04X}" if len(order) >= 2 else ""
    for path in folder_of(folder):
        match = re.fullmatch(rf"Boot([0-9A-F]{{4}})-{_VENDOR}", path.name)
        if match:
            name, file = _option(bytes_of(path)[_ATTRIBUTES:])
            yield f"Boot{match[1]}", name, file, "yes" if match[1] == first else "no"


def _option(data: bytes) -> tuple[str, str]:
    """An EFI_LOAD_OPTION: attributes, length of the paths, description in UTF-16, device paths."""
    if len(data) < 8:
        return "", ""
    length = struct.unpack_from("<H", data, 4)[0]
    name, rest = _wide(data[6:])
    file, place = "", 0
    paths = rest[:length]
    while place + 4 <= len(paths):
        size = struct.unpack_from("<H", paths, place + 2)[0]
        if size < 4:
            break
        if (paths[place], paths[place + 1]) == _FILE_PATH:
            file = _wide(paths[place + 4 : place + size])[0]
        place += size
    return name, file


def _wide(data: bytes) -> tuple[str, bytes]:
    """A text in UTF-16 up to its zero, and what follows."""
    for end in range(0, len(data) - 1, 2):
        if data[end : end + 2] == b"\0\0":
            return data[:end].decode("utf-16-le", "replace"), data[end + 2 :]
    return data[: len(data) & ~1].decode("utf-16-le", "replace"), b""


def _loader(folder: Path) -> Iterable[tuple[str, ...]]:
    for path in folder_of(folder):
        told = dict(line.split(None, 1) for line in text_of(path).splitlines() if len(line.split(None, 1)) == 2)
        yield path.stem, told.get("title", ""), told.get("linux") or told.get("efi", ""), ""


PROBE = Probe("boot entries", "/sys/firmware/efi/efivars, /boot/loader/entries", ask, rights="administrator")
