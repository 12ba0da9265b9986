"""What disks and displays hold about themselves: partition tables and EDID blocks, whole, broken and absurd."""

import struct
import unittest
import zlib
from uuid import UUID

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.core import edid, partition_table

DISK, PART = UUID("7d1f0a52-93c4-4b1e-a6f8-20c95e1b7703"), UUID("0b9b1c6e-3d57-4f39-8a0f-5f6b2a1c9d10")
EFI, DATA = UUID("c12a7328-f81f-11d2-ba4b-00a0c93ec93b"), UUID("0fc63daf-8483-4772-8e79-3d69d8477de4")


def boot_record(*entries, number=0xB0A7):
    rows = b"".join(
        struct.pack("<B3sB3sII", 0x80 if active else 0, b"", kind, b"", start, size)
        for active, kind, start, size in entries
    )
    return b"\0" * 440 + struct.pack("<IH", number, 0) + rows.ljust(64, b"\0") + b"\x55\xaa"


def guid_disk(*parts):
    entries = b"".join(
        kind.bytes_le + own.bytes_le + struct.pack("<QQQ72s", first, last, flags, b"")
        for kind, own, first, last, flags in parts
    ).ljust(128 * 128, b"\0")
    header = bytearray(
        struct.pack("<8sIIIIQQQQ16sQIII", b"EFI PART", 0x10000, 92, 0, 0, 1, 9, 34, 99, DISK.bytes_le, 2, 128, 128, 0)
    )
    header[16:20] = struct.pack("<I", zlib.crc32(header))
    return boot_record((False, 0xEE, 1, 2**32 - 1)) + bytes(header).ljust(512, b"\0") + entries


def block(*descriptors, width=1920, height=1080, number=7):
    """An EDID base block with a preferred mode and these (tag, text) descriptors."""
    timing = bytes([1, 1, width & 255, 0, width >> 8 << 4, height & 255, 0, height >> 8 << 4]) + b"\0" * 10
    rest = b"".join(bytes([0, 0, 0, tag, 0]) + (text.encode() + b"\n").ljust(13)[:13] for tag, text in descriptors)
    packed = sum((ord(c) - 64) << shift for c, shift in zip("VRW", (10, 5, 0), strict=True))
    raw = b"\0\xff\xff\xff\xff\xff\xff\0" + struct.pack(">H", packed) + struct.pack("<HI", 5, number) + b"\0" * 38
    raw = (raw + timing + rest).ljust(127, b"\0")
    return raw + bytes([-sum(raw) % 256])


class PartitionTables(unittest.TestCase):
    def test_a_guid_table_tells_its_disk_and_its_parts(self):
        found = partition_table.decode(guid_disk((EFI, PART, 2048, 4095, 0), (DATA, DISK, 4096, 8191, 4)))
        self.assertEqual((found.layout, found.id), ("gpt", str(DISK)))
        first, second = found.partitions
        self.assertEqual(
            (first.kind, first.start, first.size, first.id), ("EFI system", 2048 * 512, 2048 * 512, str(PART))
        )
        self.assertEqual((second.number, second.kind, second.active), (2, "data", True))

    def test_an_old_table_tells_its_parts(self):
        found = partition_table.decode(boot_record((True, 0x07, 2048, 100), (False, 0x82, 4096, 50)))
        self.assertEqual((found.layout, found.id), ("mbr", "0000b0a7"))
        self.assertEqual(
            [(p.kind, p.size, p.active) for p in found.partitions],
            [("basic data", 51200, True), ("swap", 25600, False)],
        )

    def test_a_broken_checksum_or_a_file_systems_own_sector_is_no_table(self):
        broken = bytearray(guid_disk((EFI, PART, 2048, 4095, 0)))
        broken[512 + 60] ^= 1
        self.assertEqual(partition_table.decode(bytes(broken)).partitions, ())
        volume = bytearray(boot_record((True, 0x07, 1, 1)))
        volume[446] = 0x41
        self.assertEqual(partition_table.decode(bytes(volume)).layout, "none")
        self.assertEqual(partition_table.decode(b"").layout, "none")

    @given(st.binary(max_size=2000), st.sampled_from([512, 4096]))
    def test_any_bytes_are_taken(self, data, sector):
        partition_table.decode(data, sector)
        partition_table.decode(boot_record((False, 0xEE, 1, 9)) + b"EFI PART" + data, sector)

    @given(st.integers(0, 511), st.integers(0, 255))
    def test_a_header_with_any_byte_changed_never_raises(self, place, value):
        raw = bytearray(guid_disk((EFI, PART, 2048, 4095, 0)))
        raw[512 + place] = value
        partition_table.decode(bytes(raw))


class Edid(unittest.TestCase):
    def test_a_display_tells_name_serial_and_pixels(self):
        found = edid.decode(block((0xFC, "Heron 27"), (0xFF, "HN27-0093")))
        self.assertEqual(found, edid.Display("VRW", "Heron 27", "HN27-0093", 1920, 1080))

    def test_without_texts_the_number_is_its_serial(self):
        self.assertEqual(edid.decode(block(number=90117)).serial, "90117")
        self.assertEqual(edid.decode(block(number=0)).serial, "")

    def test_what_is_none_is_refused_in_words(self):
        for data, why in ((b"", "header"), (b"\0" * 128, "header"), (block()[:-1] + b"\x00", "checksum")):
            with self.assertRaisesRegex(edid.NotEdid, why):
                edid.decode(data)

    @given(st.binary(min_size=118, max_size=118))
    def test_any_block_with_a_right_checksum_is_taken(self, body):
        raw = b"\0\xff\xff\xff\xff\xff\xff\0" + body + b"\0"
        found = edid.decode(raw + bytes([-sum(raw) % 256]))
        self.assertTrue(0 <= found.width < 4096 and (found.name + found.serial + found.maker).isprintable())


if __name__ == "__main__":
    unittest.main()
