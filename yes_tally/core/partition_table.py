"""How a disk is divided: the GUID partition table (UEFI 2.10, section 5.3) or the old one of the boot record (5.2)."""

from __future__ import annotations

import struct
import zlib
from dataclasses import dataclass
from typing import Literal
from uuid import UUID

_SIGNATURE = b"\x55\xaa"
_PROTECTIVE = 0xEE
MAX_ENTRIES = 512

# UEFI 2.10 table 5.7, the Discoverable Partitions Specification, and the types of the boot record by common use.
_KINDS = {
    "c12a7328-f81f-11d2-ba4b-00a0c93ec93b": "EFI system",
    "21686148-6449-6e6f-744e-656564454649": "boot loader",
    "ebd0a0a2-b9e5-4433-87c0-68b6b72699c7": "basic data",
    "e3c9e316-0b5c-4db8-817d-f92df00215ae": "reserved",
    "de94bba4-06d1-4d40-a16a-bfd50179d6ac": "recovery",
    "0fc63daf-8483-4772-8e79-3d69d8477de4": "data",
    "4f68bce3-e8cd-4db1-96e7-fbcaf984b709": "root",
    "b921b045-1df0-41c3-af44-4c6f280d3fae": "root",
    "933ac7e1-2eb4-4f13-b844-0e14e2aef915": "home",
    "0657fd6d-a4ab-43c4-84e5-0933c84b4f4f": "swap",
    "e6d6d379-f507-44c2-a23c-238f2a3df928": "logical volumes",
    "a19d880f-05fc-4d3b-a006-743f0f84911e": "raid member",
    "ca7d7ccb-63ed-4c53-861c-1742536059cc": "encrypted",
}
_OLD_KINDS = {
    0x01: "FAT12", 0x05: "extended", 0x06: "FAT16", 0x07: "basic data", 0x0B: "FAT32", 0x0C: "FAT32",
    0x0F: "extended", 0x27: "recovery", 0x82: "swap", 0x83: "data", 0x8E: "logical volumes", 0xEF: "EFI system",
    0xFD: "raid member",
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class Partition:
    """``start`` and ``size`` in bytes; ``id`` empty in the old table."""

    number: int
    kind: str
    start: int
    size: int
    id: str
    active: bool


@dataclass(frozen=True, slots=True)
class PartitionTable:
    """``layout`` as in the catalogue; ``id`` the disk's own."""

    layout: Literal["gpt", "mbr", "none"]
    id: str
    partitions: tuple[Partition, ...]


def decode(start: bytes, sector: int = 512) -> PartitionTable:
    """The table in the first bytes of a disk (34 sectors hold a whole one); bytes that hold none give ``none``."""
    if len(start) < 512 or start[510:512] != _SIGNATURE:
        return PartitionTable("none", "", ())
    entries = [start[446 + 16 * n : 462 + 16 * n] for n in range(4)]
    if any(entry[4] == _PROTECTIVE for entry in entries):
        found = _guid_table(start, sector)
        if found:
            return found
    parts = tuple(
        Partition(
            number=number, kind=_OLD_KINDS.get(entry[4], f"type {entry[4]:02x}"), id="", active=entry[0] == 0x80,
            start=int.from_bytes(entry[8:12], "little") * sector, size=int.from_bytes(entry[12:16], "little") * sector,
        )
        for number, entry in enumerate(entries, 1)
        if entry[4] and entry[4] != _PROTECTIVE
    )  # fmt: skip
    if any(entry[0] not in (0x00, 0x80) for entry in entries):
        return PartitionTable("none", "", ())  # the boot sector of a file system has the same signature
    number = int.from_bytes(start[440:444], "little")
    return PartitionTable("mbr", f"{number:08x}" if number else "", parts)


def _guid_table(start: bytes, sector: int) -> PartitionTable | None:
    """Section 5.3.2; ``None`` when the header's own checksum does not hold."""
    header = start[sector : sector + 92]
    if len(header) < 92 or header[:8] != b"EFI PART":
        return None
    length, said = struct.unpack_from("<I", header, 12)[0], struct.unpack_from("<I", header, 16)[0]
    if not 92 <= length <= sector:
        return None
    whole = bytearray(start[sector : sector + length])
    whole[16:20] = b"\0\0\0\0"
    if zlib.crc32(whole) != said:
        return None
    first, count, size = struct.unpack_from("<QII", header, 72)
    if size < 128:
        return None
    parts = []
    for number in range(min(count, MAX_ENTRIES)):
        entry = start[first * sector + number * size :][:128]
        if len(entry) < 128:
            break
        if entry[:16] != b"\0" * 16:
            parts.append(_guid_entry(number + 1, entry, sector))
    return PartitionTable("gpt", str(UUID(bytes_le=bytes(header[56:72]))), tuple(parts))


def _guid_entry(number: int, entry: bytes, sector: int) -> Partition:
    """Section 5.3.3; attribute bit 2 marks what an old firmware would start from."""
    kind = str(UUID(bytes_le=entry[:16]))
    low, high, attributes = struct.unpack_from("<QQQ", entry, 32)
    return Partition(
        number, _KINDS.get(kind, kind), low * sector, max(0, high - low + 1) * sector,
        str(UUID(bytes_le=entry[16:32])), bool(attributes & 4),
    )  # fmt: skip
