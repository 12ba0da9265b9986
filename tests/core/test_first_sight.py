"""Reports as they were met for the first time, with what a careful technician reads in each (looked at by a person)."""

import unittest

from tests.core.first_sight_kept import expected, reports, told


class FirstSight(unittest.TestCase):
    def test_each_report_says_this_and_nothing_else(self):
        self.assertGreaterEqual(len(reports()), 20)
        for report in reports():
            with self.subTest(report.name):
                self.assertEqual(told(report), expected(report))
