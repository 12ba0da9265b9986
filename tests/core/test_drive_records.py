"""Drives by their letters over what is said of each."""

import unittest

from tests.core.readings import told

GIB = 1024**3
BELOW = "     capacity  200 GB   free 80 GB\n     file system  HFX2\n"
HEADS = ('[{}:] "{}"        local disk', '{}: "{}"        local disk', "({}:) {}", "[{}:] {}", "{}:\\ {}")


class DriveRecords(unittest.TestCase):
    def test_each_letter_heads_a_volume(self):
        for head in HEADS:
            for between in ("", "\n"):
                text = between.join(
                    f"{head.format(letter, label)}\n{BELOW}" for letter, label in (("C", "System"), ("D", "Scans"))
                )
                with self.subTest(head, between=between):
                    found = told(f"gp-rec-04 > drives\n\n{text}")
                    self.assertEqual([found.get(f"volume#{n}.mount") for n in (1, 2)], ["C:", "D:"])
                    self.assertEqual([found.get(f"volume#{n}.label") for n in (1, 2)], ["System", "Scans"])
                    self.assertEqual([found.get(f"volume#{n}.size") for n in (1, 2)], [200 * GIB] * 2)
                    self.assertFalse([key for key in found if key.startswith("disk#")])

    def test_a_letter_over_other_things_is_no_drive(self):
        for text in ("C: the third one\n   name   Basalt\n", "[X:] Rooms\n   seats   12\n[Y:] Halls\n   seats   40\n"):
            with self.subTest(text):
                self.assertFalse([key for key in told(text) if key.startswith("volume#")])

    def test_rows_of_drives_below_their_disk(self):
        found = told(
            'Disk 1, Shoal HD4\n    E:  "Archive"   HFX2   200 GB   free 80 GB\n    F:  "Copies"    HFX2   100 GB   free 9 GB\n'
        )
        self.assertEqual([found.get(f"volume#{n}.mount") for n in (1, 2)], ["E:", "F:"])
        self.assertEqual([found.get(f"volume#{n}.free") for n in (1, 2)], [80 * GIB, 9 * GIB])
