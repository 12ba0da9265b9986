"""Disks and how they are divided: sysfs, and the partition table on the disk itself where rights allow."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, bytes_of, folder_of, needed, records, table, text_of
from yes_tally.core.partition_table import Partition, PartitionTable, decode

SECTOR = 512  # sysfs counts in sectors of 512 bytes, whatever the disk's own are
_NO_DISK = ("loop", "ram", "zram", "dm-", "md", "sr", "fd", "nbd")
_BUSES = ("usb", "nvme", "virtio", "ata", "mmc", "vmbus", "xen", "scsi")


def ask(root: Path) -> Iterable[str]:
    """One record a disk that has a size, then a table of their partitions."""
    folder = root / "sys/block"
    if not folder.is_dir():
        needed(folder)
    disks = [disk for disk in folder_of(folder) if not disk.name.startswith(_NO_DISK) and size_of(disk)]
    if not disks:
        raise NotSaid("no disk is told in /sys/block: not supported on this PC")
    tables = [_table_of(root, disk) for disk in disks]
    rows = [row for number, found in enumerate(tables) for row in _partition_rows(number, found)]
    lines = records(_record(number, disk, tables[number]) for number, disk in enumerate(disks))
    if rows:
        head = ("Disk", "Partition", "Partition type", "Start", "Partition size", "Partition id", "Active")
        lines += ["", "Partitions", "", *table(head, rows)]
    return lines


def size_of(disk: Path) -> int:
    """A block device's size in bytes; 0 when there is none."""
    text = text_of(disk / "size")
    return int(text) * SECTOR if text.isdigit() else 0


def _table_of(root: Path, disk: Path) -> PartitionTable | None:
    """From the disk where it may be read; else what sysfs knows of its parts, whose layout is not told."""
    sector = int(text_of(disk / "queue/logical_block_size") or SECTOR)
    start = bytes_of(root / "dev" / disk.name, 34 * sector)
    if start:
        return decode(start, sector)
    parts = tuple(
        Partition(int(number), "", int(text_of(part / "start") or 0) * SECTOR, size_of(part), "", False)
        for part in folder_of(disk)
        if (number := text_of(part / "partition")).isdigit()
    )
    return PartitionTable("none", "", parts) if parts else None


def _partition_rows(number: int, found: PartitionTable | None) -> Iterable[tuple[str, ...]]:
    for part in found.partitions if found else ():
        active = ("yes" if part.active else "no") if found and found.layout != "none" else ""
        yield (
            str(number), str(part.number), part.kind, f"{part.start} bytes", f"{part.size} bytes", part.id, active
        )  # fmt: skip


def _record(number: int, disk: Path, found: PartitionTable | None) -> list[tuple[str, object]]:
    size = size_of(disk)
    told = found if found and (found.layout != "none" or not found.partitions) else None
    primary = [p for p in found.partitions if p.kind != "extended"] if found else []
    return [
        ("Disk number", number),
        ("Device", f"/dev/{disk.name}"),
        ("Disk model", text_of(disk / "device/model")),
        ("Disk serial number", text_of(disk / "device/serial") or text_of(disk / "serial")),
        ("Disk size", f"{size} bytes"),
        ("Disk media", _media(disk)),
        ("Disk bus", _bus(disk)),
        ("Disk firmware", text_of(disk / "device/firmware_rev") or text_of(disk / "device/rev")),
        ("Partition layout", told.layout if told else ""),
        ("Disk id", told.id if told else ""),
        ("Unallocated", f"{max(0, size - sum(p.size for p in primary))} bytes" if primary else ""),
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


def _bus(disk: Path) -> str:
    """The bus named in the device's place in the tree, the most telling first."""
    try:
        place = str(disk.resolve())
    except OSError:
        return ""
    return next((bus for bus in _BUSES if f"/{bus}" in place), "")


PROBE = Probe("disks", "/sys/block, the disks' first sectors", ask, rights="administrator", seconds=0.5)
