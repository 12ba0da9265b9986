"""Devices told of in words right under a title of their kind."""

import unittest

from tests.core.readings import told

PRINTERS = "  * Inkwell L40 on USB001 (Inkwell L40 v3)\n    Ostler Laser 9 on 10.20.1.90 (Ostler Universal)\n"


class DevicesUnderTitles(unittest.TestCase):
    def test_each_line_is_one_device(self):
        for title in ("== PRINTERS ==", "Printers", "--- Drucker ---"):
            with self.subTest(title):
                found = told(f"{title}\n{PRINTERS}")
                self.assertEqual(found["printer#1.name"], "Inkwell L40")
                self.assertEqual(found["printer#1.port"], "USB001")
                self.assertIs(found["printer#1.default"], True)
                self.assertEqual(found["printer#2.name"], "Ostler Laser 9")
                self.assertEqual(found["printer#2.driver"], "Ostler Universal")
                self.assertNotIn("printer#2.default", found)

    def test_several_on_one_line(self):
        found = told("== SOUND ==\n  Tidebell Audio (ok), Glasswing Audio (off)\n")
        self.assertEqual((found["sound#1.name"], found["sound#1.state"]), ("Tidebell Audio", "ok"))
        self.assertEqual((found["sound#2.name"], found["sound#2.state"]), ("Glasswing Audio", "off"))

    def test_what_says_nothing_of_a_device_names_none(self):
        for line in (
            "Nothing is printed, as no job waits.",
            "The Spooler is running, and so is the clock",
            "Print Jobs (none)",
            "Two Days Ago (Monday), Three Days Ago (Sunday)",
        ):
            with self.subTest(line):
                self.assertFalse([fact for fact in told(f"== PRINTERS ==\n  {line}\n") if fact.startswith("printer")])


if __name__ == "__main__":
    unittest.main()
