"""Disks from /sys/block: size, media, model, serial."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, record, text_of

SECTOR = 512  # sysfs counts in sectors of 512 bytes, whatever the disk's own are
_NO_DISK = ("loop", "ram", "zram", "dm-", "md", "sr", "fd", "nbd")


def ask(root: Path) -> Iterable[str]:
    """One record a disk that has a size."""
    folder = root / "sys/block"
    if not folder.is_dir():
        needed(folder)
    disks = [disk for disk in sorted(folder.iterdir()) if not disk.name.startswith(_NO_DISK) and _size(disk)]
    if not disks:
        raise NotSaid("no disk is told in /sys/block: not supported on this PC")
    lines: list[str] = []
    for number, disk in enumerate(disks):
        lines += ([""] if number else []) + record(_record(number, disk))
    return lines


def _size(disk: Path) -> int:
    text = text_of(disk / "size")
    return int(text) * SECTOR if text.isdigit() else 0


def _record(number: int, disk: Path) -> list[tuple[str, object]]:
    return [
        ("Disk number", number),
        ("Device", f"/dev/{disk.name}"),
        ("Disk model", text_of(disk / "device/model")),
        ("Disk serial number", text_of(disk / "device/serial") or text_of(disk / "serial")),
        ("Disk size", f"{_size(disk)} bytes"),
        ("Disk media", _media(disk)),
        ("Read only", "yes" if text_of(disk / "ro") == "1" else "no"),
    ]


def _media(disk: Path) -> str:
    if text_of(disk / "removable") == "1":
        return "removable"
    if disk.name.startswith("nvme"):
        return "nvme"
    # A virtual disk says "rotating" whatever lies under it.
    if disk.name.startswith(("vd", "xvd")):
        return ""
    return "hdd" if text_of(disk / "queue/rotational") == "1" else "ssd"


PROBE = Probe("disks", "/sys/block", ask)
