"""Processes in rows without a head, and what of them is none."""

import unittest

from tests.core.readings import told

ROWS = "4412 wickerlink-sync    412.9 MB   QM\\icalloway\n1188 Pennant Reader     208.1 MB   QM\\icalloway\n 944 duty-keeper         88.2 MB   SYSTEM\n"


class ProcessRows(unittest.TestCase):
    def test_number_name_memory_and_user(self):
        for command in ("what-now", "processes", "tasks-now"):
            with self.subTest(command):
                found = told(f"cais-16$ {command}\n\n{ROWS}\nTotal: 3, 709.2 MB\n")
                self.assertEqual([found[f"process#{n}.pid"] for n in (1, 2, 3)], ["4412", "1188", "944"])
                self.assertEqual(found["process#2.name"], "Pennant Reader")
                self.assertEqual((found["process#3.user"], found["process#1.user"]), ("SYSTEM", "QM\\icalloway"))

    def test_numbered_rows_of_other_things_are_none(self):
        for command, rows in (
            ("disks", "0 Basalt SX240    223.6 GB   SATA\n1 Shale 1T    931.5 GB   SATA\n"),
            ("what-now", "4412 wickerlink-sync    412.9 MB\n1188 Pennant Reader    208.1 MB\n"),
            ("what-now", "4412 wickerlink    412.9 MB   QM\\icalloway\n4412 Pennant    208.1 MB   QM\\icalloway\n"),
        ):
            with self.subTest(rows):
                found = told(f"cais-16$ {command}\n\n{rows}")
                self.assertFalse([key for key in found if key.startswith("process")])


if __name__ == "__main__":
    unittest.main()
