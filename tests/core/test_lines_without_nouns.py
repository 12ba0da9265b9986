"""Lines that begin with a model and name no kind of thing: what else they tell says it."""

import unittest

from tests.core.readings import told

LINES = {
    "Basalt NV1000, 931.5 GB, NVMe, serial BNV1K0044417, health good": {"disk#1.model": "Basalt NV1000", "disk#1.bus": "NVMe", "disk#1.serial": "BNV1K0044417", "disk#1.health": "good"},
    "- Shale 2T, 1863 GB, SATA HDD, Seriennummer SH2T-00918": {"disk#1.model": "Shale 2T", "disk#1.serial": "SH2T-00918"},
    "Wickerlink GbE 210, 3c:5a:b4:10:74:17, 10.40.3.41/24, up at 1 Gbit/s": {"adapter#1.name": "Wickerlink GbE 210", "adapter#1.mac": "3c:5a:b4:10:74:17", "adapter#1.connected": True},
    "Palefire FX 40, 4 GB, driver 31.0.15.4417 (12 November 2024), 2560 x 1440 @ 60 Hz": {"graphics#1.name": "Palefire FX 40", "graphics#1.driver_version": "31.0.15.4417", "graphics#1.width": 2560},
    "Oriel Panel Q27, serial OPQ27-00812, 2560 x 1440": {"display#1.name": "Oriel Panel Q27", "display#1.serial": "OPQ27-00812", "display#1.height": 1440},
    "CB-4420, 48.2 Wh of 60 Wh (80 %), 212 cycles": {"battery#1.name": "CB-4420", "battery#1.design": 60000, "battery#1.cycles": 212},
}  # fmt: skip
NOTHING = (
    "Room 12, second floor, NVMe on the left, tea at four",
    "Oriel Panel Q27, large, black, new",
    "the NVMe drive, 931 GB, was ordered, not yet here",
    "A1, B2, C3, D4",
    ", , ,",
    "Basalt NV1000," + " x," * 5000,
)


class LinesWithoutNouns(unittest.TestCase):
    def test_each_is_of_the_kind_that_only_its_rest_can_be(self):
        for line, expected in LINES.items():
            with self.subTest(line):
                found = told(f"gp-1> aboutpc\n{line}\n")
                self.assertEqual({key: found.get(key) for key in expected}, expected)

    def test_all_of_them_together(self):
        found = told("gp-1> aboutpc\n" + "\n".join(LINES) + "\n")
        self.assertEqual((found["disk#1.model"], found["disk#2.model"]), ("Basalt NV1000", "Shale 2T"))
        self.assertEqual((found["adapter#1.name"], found["display#1.name"]), ("Wickerlink GbE 210", "Oriel Panel Q27"))

    def test_other_lines_are_none(self):
        for line in NOTHING:
            with self.subTest(line[:40]):
                self.assertEqual([key for key in told(f"gp-1> aboutpc\n{line}\n") if "#" in key], [])

    def test_a_command_that_names_a_kind_says_it(self):
        found = told("gp-1> printers\nDock printer, driver Gullwing 4, port USB001\n")
        self.assertNotIn("graphics#1.name", found)


if __name__ == "__main__":
    unittest.main()
