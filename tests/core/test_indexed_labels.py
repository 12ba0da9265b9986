"""Labels that say in words of which thing they are, among others of the PC."""

import unittest

from tests.core.readings import told


class IndexedLabels(unittest.TestCase):
    def test_fields_of_things_by_their_number(self):
        for gap in ("      ", ": ", " = "):
            rows = (
                ("Disk 0 model", "Basalt NV1000"), ("Disk 0 serial", "BNV1-90071-A"), ("Disk 0 size", "931.5 GiB"),
                ("Disk 1 model", "Shoal HD4"), ("Disk 1 serial", "SHD4-1"),
            )  # fmt: skip
            found = told("gp-1 % facts\n\n" + "".join(f"{label}{gap}{value}\n" for label, value in rows))
            with self.subTest(gap):
                self.assertEqual([found[f"disk#{n}.model"] for n in (1, 2)], ["Basalt NV1000", "Shoal HD4"])
                self.assertEqual([found[f"disk#{n}.number"] for n in (1, 2)], ["0", "1"])
                self.assertEqual(found["disk#2.serial"], "SHD4-1")

    def test_more_is_said_of_what_a_label_without_a_field_names(self):
        found = told(
            "gp-1 % facts\n\nCPU         Merlin M7-1260\nCPU NOW/MAX 1.40/4.70 GHz\nDISK0       Basalt NV1000, 931.5 GiB, NVMe\n"
            "DISK0 S/N   BNV1-90071-A\nNIC0        Ternwave AX 20 (wireless), up\nNIC0 MAC    3C-5A-B4-77-01-22\n"
        )
        self.assertEqual((found["disk#1.model"], found["disk#1.serial"]), ("Basalt NV1000", "BNV1-90071-A"))
        self.assertEqual((found["adapter#1.name"], found["adapter#1.mac"]), ("Ternwave AX 20", "3c:5a:b4:77:01:22"))
        self.assertEqual(found["processor#1.max_clock"], 4_700_000_000)
        self.assertNotIn("disk#2.serial", found)


class DatesWithShortYears(unittest.TestCase):
    def test_months_by_name(self):
        found = told(
            "gp-1 % facts\n\nMaker       Oakmere\nOS          Harbour OS 12\nInstalled   02-Nov-24 9:14 AM\nBIOS        Loamgate T14.08 (12-Feb-24)\n"
        )
        self.assertEqual(str(found["os.installed_at"]), "2024-11-02T09:14:00")
        self.assertEqual(str(found["firmware.dated"])[:10], "2024-02-12")


if __name__ == "__main__":
    unittest.main()
