"""The firmware's table: what the standard writes is read, what cannot be is left out, and nothing ever raises."""

import struct
import unittest
from uuid import UUID

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core import firmware_tables as build
from yes_tally.core import smbios

text = st.text(st.characters(min_codepoint=33, max_codepoint=0x24F, exclude_categories=("C", "Z")), max_size=20)
GIB = 2**30


def told(*structures):
    return [(s.type, dict(s.told)) for s in smbios.decode(build.table(*structures))]


class WhatTheStandardWrites(unittest.TestCase):
    @given(maker=text, product=text, serial=text, sku=text, uuid=st.uuids())
    def test_system_comes_back(self, maker, product, serial, sku, uuid):
        texts = {"manufacturer": maker, "product_name": product, "serial_number": serial, "sku_number": sku}
        (kind, found), *_ = told(build.system(maker or "-", product or "-", serial or "-", uuid, sku or "-"))
        self.assertEqual(kind, 1)
        self.assertEqual(found, {**{k: v or "-" for k, v in texts.items()}, "uuid": str(uuid)})

    @given(
        slot=text.filter(bool),
        size=st.sampled_from([512 * 1024, 2**20, 8 * GIB, 31 * GIB, 32 * GIB, 4096 * GIB]),
        speed=st.sampled_from([0, 800, 2666, 65534, 70000]),
        kind=st.sampled_from([24, 26, 34]),
    )
    def test_modules_come_back(self, slot, size, speed, kind):
        (_, found), *_ = told(build.module(1, 0x10, slot, size=size, kind=kind, speed=speed, running=speed))
        self.assertEqual((found["device_locator"], found["size"], found["memory_type"]), (slot, size, kind))
        self.assertEqual((found.get("speed", 0), found.get("configured_speed", 0)), (speed, speed))

    def test_an_empty_slot_is_told_and_an_unknown_size_is_not(self):
        empty, unknown = told(build.module(1, 2, "A1"), build.module(2, 2, "A2", size=None))
        self.assertEqual(empty[1]["size"], 0)
        self.assertNotIn("size", unknown[1])

    def test_the_other_types(self):
        processor = struct.pack(
            "<BBBBQBBHHHBBHHHBBBBBBHHHHH", 1, 3, 0xFE, 2, 0, 3, 0, 100, 4200, 3200, 0x41, 0, 7, 8, 0xFFFF, 0, 0, 0,
            6, 6, 12, 0, 0, 6, 6, 12,
        )  # fmt: skip
        found = told(
            build.firmware("Lanternworks", "L52.1.18", "09/04/2023"),
            build.board("Oakmere", "OB-7", "2.1", "OB71133"),
            build.chassis("Oakmere", 10, "LSF-0007"),
            build.structure(4, 4, processor, ("Socket 1", "Kestrel", "Kestrel K5-8420 @ 3.20GHz")),
            build.structure(7, 7, struct.pack("<BHHHHHBBBBII", 1, 0, 0, 512, 0, 0, 0, 0, 0, 0, 0, 0), ("L1",)),
            build.structure(7, 8, struct.pack("<BHHHHHBBBBII", 1, 2, 0, 0xFFFF, 0, 0, 0, 0, 0, 0, 0, 1 << 31 | 512), ("L3",)),
            build.array(0x10, 4, 64 * GIB),
            build.array(0x11, 8, 4096 * GIB),
            build.structure(19, 9, struct.pack("<IIHB", 0, 16 * 1024**2 - 1, 0x10, 2)),
            build.structure(19, 10, struct.pack("<IIHBQQ", 0xFFFFFFFF, 0xFFFFFFFF, 0x10, 2, 0, 16 * GIB - 1)),
            build.structure(22, 11, struct.pack("<BBBBBBHHBBHHBB", 0, 1, 0, 0, 2, 6, 5200, 11400, 0, 0, 0, 0, 0, 10), ("Dunlin", "DB-52")),
            build.structure(32, 12, b"\0" * 7),
        )  # fmt: skip
        self.assertEqual(
            found[0][1],
            {"vendor": "Lanternworks", "version": "L52.1.18", "release_date": "09/04/2023", "uefi_supported": True},
        )
        self.assertEqual(
            found[1][1], {"manufacturer": "Oakmere", "product": "OB-7", "version": "2.1", "serial_number": "OB71133"}
        )
        self.assertEqual(found[2][1], {"manufacturer": "Oakmere", "type": 10, "asset_tag": "LSF-0007"})
        self.assertEqual(
            found[3][1],
            {
                "socket_designation": "Socket 1", "manufacturer": "Kestrel", "version": "Kestrel K5-8420 @ 3.20GHz",
                "central": True, "populated": True, "max_speed": 4_200_000_000, "current_speed": 3_200_000_000,
                "core_count": 6, "thread_count": 12, "l1_cache": 7, "l2_cache": 8,
            },
        )  # fmt: skip
        self.assertEqual([f["installed_size"] for k, f in found if k == 7], [512 * 1024, 512 * 65536])
        self.assertEqual([f["level"] for k, f in found if k == 7], [1, 3])
        self.assertEqual([f["maximum_capacity"] for k, f in found if k == 16], [64 * GIB, 4096 * GIB])
        self.assertEqual([f["size"] for k, f in found if k == 19], [16 * GIB, 16 * GIB])
        self.assertEqual(found[-2][1]["design_capacity"], 52000)
        self.assertEqual(found[-1], (32, {"boot_status": 0}))

    def test_an_id_of_zeros_or_ones_is_no_id(self):
        for filler in (b"\0" * 16, b"\xff" * 16):
            (_, found), *_ = told(build.system("a", "b", "c", UUID(bytes=filler), "d"))
            self.assertNotIn("uuid", found)


class EntryPoints(unittest.TestCase):
    def test_both_forms_are_read(self):
        self.assertEqual(smbios.entry_point(build.entry_64(1234)), smbios.EntryPoint((3, 7), 1234))
        self.assertEqual(smbios.entry_point(build.entry_32(999)), smbios.EntryPoint((2, 8), 999))

    def test_what_is_none_or_broken_is_refused_in_words(self):
        broken = bytearray(build.entry_64(1234))
        broken[12] ^= 1
        for data, why in ((b"", "anchor"), (b"_SM3_", "anchor"), (b"x" * 64, "anchor"), (bytes(broken), "checksum")):
            with self.subTest(data), self.assertRaisesRegex(smbios.NotSmbios, why):
                smbios.entry_point(data)
        long = bytearray(build.entry_64(1))
        long[6] = 200
        with self.assertRaises(smbios.NotSmbios):
            smbios.entry_point(bytes(long))


class LyingTables(unittest.TestCase):
    WHOLE = build.table(
        build.firmware("Lanternworks", "1.18", "09/04/2023"),
        build.module(1, 0x10, "A1", size=8 * GIB, maker="Siskin"),
        build.array(0x10, 4, 64 * GIB),
    )

    @given(st.binary(max_size=600))
    def test_any_bytes_are_taken(self, data):
        smbios.decode(data)

    @settings(max_examples=300)
    @given(st.data())
    def test_a_table_with_changed_bytes_is_taken(self, data):
        table = bytearray(self.WHOLE)
        for _ in range(data.draw(st.integers(1, 8))):
            table[data.draw(st.integers(0, len(table) - 1))] = data.draw(st.integers(0, 255))
        for structure in smbios.decode(bytes(table)):
            self.assertTrue(all(value >= 0 for value in structure.told.values() if isinstance(value, int)))

    def test_a_table_cut_anywhere_tells_a_beginning_of_the_whole(self):
        whole = smbios.decode(self.WHOLE)
        for end in range(len(self.WHOLE)):
            part = smbios.decode(self.WHOLE[:end])
            self.assertEqual(part, whole[: len(part)])

    def test_a_table_without_end_is_bounded(self):
        self.assertLessEqual(len(smbios.decode(build.chassis("a", 3, "b") * 70_000)), smbios.MAX_STRUCTURES)

    def test_control_characters_never_reach_a_report(self):
        found = smbios.decode(build.table(build.board("Oak\x1b[31m\nmere", "b", "c", "d")))
        self.assertEqual(found[0].told["manufacturer"], "Oak[31mmere")


if __name__ == "__main__":
    unittest.main()
