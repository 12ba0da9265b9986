"""Rows of disks that nothing heads, each over the rows of its parts."""

import unittest

from tests.core.readings import told

NUMBERED = """nq-3> disks
0  Shale 1T          931.5 GB  SATA  HDD
   1  EFI            260 MB
   2  data           931.2 GB  D:  Archive  402.6 GB free
1  Basalt NV1000     931.5 GB  NVMe  SSD
   1  root           931.2 GB  C:  SYSTEM  37.2 GB free
"""
BY_KERNEL = """nq-3> disks
sda    Shale 1T          931.5G  SATA  hdd
├─sda1  efi              260M   fat32             /boot
└─sda2  (free space)     24M
nvme0 Basalt NV1000      931.5G  NVMe  ssd
└─nvme0p1  root          931.2G                   /      37.2G free
"""


class PartsBelowDisks(unittest.TestCase):
    def test_rows_below_a_disk_are_its_parts_and_no_disks(self):
        read = told(NUMBERED)
        self.assertEqual([read[f"disk#{n}.model"] for n in (1, 2)], ["Shale 1T", "Basalt NV1000"])
        self.assertNotIn("disk#3.model", read)
        self.assertEqual([read[f"partition#{n}.number"] for n in (1, 2, 3)], ["1", "2", "1"])
        self.assertEqual([read[f"partition#{n}.disk"] for n in (1, 2, 3)], ["0", "0", "1"])
        self.assertEqual([read[f"partition#{n}.kind"] for n in (1, 2, 3)], ["EFI", "data", "root"])
        self.assertEqual([read[f"volume#{n}.mount"] for n in (1, 2)], ["D:", "C:"])
        self.assertEqual([read[f"volume#{n}.label"] for n in (1, 2)], ["Archive", "SYSTEM"])

    def test_a_kernels_names_number_the_parts(self):
        read = told(BY_KERNEL)
        self.assertEqual([read[f"disk#{n}.model"] for n in (1, 2)], ["Shale 1T", "Basalt NV1000"])
        self.assertEqual([read[f"partition#{n}.kind"] for n in (1, 2)], ["efi", "root"])
        self.assertNotIn("partition#3.number", read)
        self.assertEqual([read[f"volume#{n}.mount"] for n in (1, 2)], ["/boot", "/"])

    def test_deeper_lines_of_another_form_are_no_parts(self):
        read = told("nq-3> disks\n0  Shale 1T   931.5 GB  SATA  HDD\n     checked last week, in order\n")
        self.assertFalse([key for key in read if key.startswith("partition")])


if __name__ == "__main__":
    unittest.main()
