"""Records side by side, one of them with a star."""

import unittest

from tests.core.readings import told

HALL = "     driver   : Inkwell Universal 4.2\n     port     : IP_10.20.3.77\n"
LABELS = "     driver   : Strip-O-Matic\n     port     : USB001\n"


class MarkedRecords(unittest.TestCase):
    def test_the_one_with_a_star_is_the_default(self):
        for first, second in (("* Hall printer", "  Labels"), ("Hall printer *", "Label writer")):
            found = told(f"gp-01> printers\n{first}\n{HALL}{second}\n{LABELS}")
            with self.subTest(first=first):
                self.assertEqual((found["printer#1.name"], found["printer#1.default"]), ("Hall printer", True))
                self.assertEqual(found["printer#2.name"], second.strip())
                self.assertNotIn("printer#2.default", found)

    def test_stars_before_all_are_bullets(self):
        found = told(f"gp-01> printers\n* Hall printer\n{HALL}* Label writer\n{LABELS}")
        self.assertEqual((found["printer#1.name"], found["printer#2.name"]), ("Hall printer", "Label writer"))
        self.assertFalse([key for key in found if key.endswith(".default")])

    def test_one_alone_is_none_of_several(self):
        found = told(f"gp-01> printers\n* Hall printer\n{HALL}")
        self.assertEqual(found["printer#1.name"], "Hall printer")
        self.assertNotIn("printer#1.default", found)
