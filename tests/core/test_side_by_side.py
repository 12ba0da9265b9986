"""Chapters in words side by side: each is read as if it stood alone, and every reading points to where it is printed."""

import unittest

from yes_tally.core.reading.reader import read

SHEET = """\
PROCESSOR                             MEMORY
Kestrel K7-9310U                      16 GB fitted, 2 of 2 sockets
8 cores, 16 threads                   15.4 GB usable
1.80 GHz rated, 4.70 GHz at most      A: 8 GB DDR5-4800 Siskin
64 bit                                B: 8 GB DDR5-4800 Siskin
"""
TABLE = """\
Printer         Driver         Port
Hall printer    Inkwell C7     10.60.1.92
Labels          Gullwing 4     USB001
"""


def told(text):
    return {(r.fact, r.value.value) for r in read(text.encode()).readings}


class SideBySide(unittest.TestCase):
    def test_each_chapter_is_read_as_if_it_stood_alone(self):
        left = "\n".join(line[:38].rstrip() for line in SHEET.splitlines())
        right = "\n".join(line[38:] for line in SHEET.splitlines())
        self.assertEqual(told(SHEET), told(left) | told(right))
        self.assertIn(("processor.cores", 8), told(SHEET))
        self.assertIn(("memory.usable", round(15.4 * 2**30)), told(SHEET))
        self.assertNotIn("os.architecture", {fact for fact, _ in told(SHEET)})

    def test_readings_point_to_where_they_are_printed(self):
        lines = SHEET.splitlines()
        readings = read(SHEET.encode()).readings
        self.assertGreater(len(readings), 15)
        for reading in readings:
            with self.subTest(reading.fact):
                self.assertEqual(lines[reading.line - 1][reading.column - 1 :][: len(reading.printed)], reading.printed)

    def test_no_line_is_lost_or_told_unread_that_was_read(self):
        report = read(SHEET.encode())
        self.assertEqual(len(report.lines), len(SHEET.splitlines()))
        self.assertTrue(set(report.unread_lines).isdisjoint(r.line for r in report.readings))

    def test_a_table_whose_columns_are_called_by_kinds_of_things_stays_one(self):
        self.assertIn(("printer.name", "Hall printer"), told(TABLE))
        self.assertIn(("printer.driver", "Gullwing 4"), told(TABLE))

    def test_odd_texts_do_no_harm(self):
        odd = (
            "PROCESSOR   MEMORY",
            "PROCESSOR   MEMORY\n",
            "PROCESSOR   MEMORY\n" * 3000,
            "PROCESSOR   MEMORY   DISK   SYSTEM   NETWORK\n" + "a, b   " * 2000,
            "PROCESSOR" + " " * 5000 + "MEMORY\n8 cores, 16 threads\n16 GB, 2 of 4 sockets\n",
            "PROCESSOR   MEMORY\n\0, \x07   , ,\n   \t  ,\n",
        )
        for text in odd:
            with self.subTest(text[:40]):
                self.assertEqual(read(text.encode()).lines[0].text[:9], "PROCESSOR")


if __name__ == "__main__":
    unittest.main()
