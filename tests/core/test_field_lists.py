"""One field of things that were numbered before, under a heading that says which."""

import unittest

from tests.core.readings import told

DISKS = "DISKS\n  nr  model           size\n   0  Basalt NV1000   931.5 GB\n   1  Shoal HD4       3,726.0 GB\n\n"


class FieldLists(unittest.TestCase):
    def test_each_value_is_of_the_thing_with_its_number(self):
        for heading, mark in (
            ("Serial numbers", " "),
            ("Serial numbers:", ":"),
            ("Seriennummern", "."),
            ("Numéros de série :", " ="),
        ):
            found = told(f"{DISKS}{heading}\n   0{mark} BNV1-22-9918A\n   1{mark} SH4-0077-K31\n")
            with self.subTest(heading=heading, mark=mark):
                self.assertEqual((found["disk#1.serial"], found["disk#2.serial"]), ("BNV1-22-9918A", "SH4-0077-K31"))

    def test_several_lists_below_each_other(self):
        found = told(f"{DISKS}Firmware\n   0: 4.1\n   1: 22A\n\nHealth\n   0: good\n   1: failing\n")
        self.assertEqual((found["disk#1.firmware"], found["disk#2.firmware"]), ("4.1", "22A"))
        self.assertEqual((found["disk#1.health"], found["disk#2.health"]), ("good", "failing"))

    def test_a_placeholder_says_nothing(self):
        found = told(f"{DISKS}Serial numbers\n   0  BNV1-22-9918A\n   1  not specified\n")
        self.assertEqual(found["disk#1.serial"], "BNV1-22-9918A")
        self.assertNotIn("disk#2.serial", found)

    def test_numbers_that_nothing_has_are_of_other_things(self):
        found = told(f"{DISKS}Serial numbers\n   0  BNV1-22-9918A\n   7  SH4-0077-K31\n")
        self.assertNotIn("disk#1.serial", found)

    def test_a_heading_that_is_no_field_of_theirs_tells_nothing(self):
        found = told(f"{DISKS}Visitors\n   0  icalloway\n   1  tquill\n")
        self.assertEqual(
            {key for key in found if key.startswith("disk#")},
            {f"disk#{n}.{f}" for n in (1, 2) for f in ("number", "model", "size")},
        )
