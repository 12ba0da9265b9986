"""Whatever was done to a report on its way, it is read without an error, and every reading points into it."""

import random
import unittest
from itertools import islice

from tests.fuzz.changed import changed_reports, corpus, misread

# What such changes broke once, cut down to what it takes.
BROKEN_ONCE = (
    "DIMM_B1  8 GB  Siskin     SK08-D4-3200 ",
    "CH-A DIMM\n\nDDR5  Dunlin     DN16-D5-4800  00C1F2A1\n\n\n",
    "[nq+-lib-01 @] D:",
    "CPU 0\n GHz), stepping B1\n x86-64\n L3\n on\nCPU 1",
    "-- more ends)\nnq-drw-01 [tools] all.csv\n\nnq-drw-01 [tools] all.csv\n(3)",
    "Disk 0: a   b\n\t)\t0",
)
HOW_MANY = 150


class ChangedReports(unittest.TestCase):
    def test_what_was_broken_once(self):
        for text in BROKEN_ONCE:
            with self.subTest(text):
                self.assertEqual(misread(text), "")

    def test_changed_reports_are_read(self):
        # Always the same ones; ``make fuzz`` makes others.
        for text in islice(changed_reports(corpus(), random.Random(HOW_MANY)), HOW_MANY):
            with self.subTest(text):
                self.assertEqual(misread(text), "")
