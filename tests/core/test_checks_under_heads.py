"""Checks of health under the lines that name them."""

import unittest

from tests.core.readings import told

BODY = (
    ("system files", "damaged files were found, all were repaired.", "system-files", "repaired"),
    ("disk D:", "2 errors were found. They could not be repaired.", "disk", "damaged"),
    ("memory", "The test is done: 0 errors in 2 passes", "memory", "clean"),
)


class ChecksUnderHeads(unittest.TestCase):
    def test_each_line_that_names_a_check_begins_one(self):
        for form in (">> {} (2025-02-11 08:12)", "== {} ==", "[{}]", "{}:", "* {}"):
            with self.subTest(form):
                text = "".join(f"{form.format(what)}\n   {said}\n" for what, said, _, _ in BODY)
                found = told(f"gp-01> health\n{text}")
                for number, (_, _, kind, result) in enumerate(BODY, 1):
                    self.assertEqual(found.get(f"health_check#{number}.kind"), kind)
                    self.assertEqual(found.get(f"health_check#{number}.result"), result)
                self.assertEqual(found["health_check#2.target"], "D:")
                self.assertEqual("health_check#1.at" in found, "2025" in form)

    def test_what_no_check_is_of_ends_the_one_before(self):
        found = told(
            "gp-01> health\n== system files ==\n   No problems were found.\n== start menu ==\n   2 errors were found.\n"
            "== disk C: ==\n   No errors were found.\n"
        )
        self.assertEqual(found["health_check#1.result"], "clean")
        self.assertNotIn("health_check#1.errors", found)
        self.assertEqual(found["health_check#2.result"], "clean")

    def test_titles_over_other_things_are_no_checks(self):
        found = told("gp-01> shelf\n== memory ==\n   16 GB in 2 of 4 sockets\n== disk C: ==\n   free 211.9 GB\n")
        self.assertFalse([key for key in found if key.startswith("health_check")])


class RowsOfChecks(unittest.TestCase):
    def test_what_was_checked_when_and_what_came_of_it(self):
        found = told(
            "kontor-31:~ > pruefe alles\n\nSystemdateien      11.02.2025 08:12    beschädigt, repariert     (17 Dateien)\n"
            "Laufwerk C:        11.02.2025 08:40    in Ordnung\nLaufwerk D:        11.02.2025 08:52    2 Fehler, nicht behoben\n"
            "Energie            11.02.2025 09:01    3 Fehler, 7 Warnungen, 21 Hinweise\n"
        )
        self.assertEqual([found[f"health_check#{n}.result"] for n in (1, 2, 3)], ["repaired", "clean", "damaged"])
        self.assertEqual((found["health_check#2.target"], found["health_check#3.errors"]), ("C:", 2))
        self.assertEqual(str(found["health_check#2.at"]), "2025-02-11T08:40:00")
        self.assertNotIn("volume#1.mount", found)
        self.assertNotIn("health_check#4.result", found)

    def test_drives_with_days_are_no_checks(self):
        found = told(
            "gp-1> volumes\n\nC:   System   2025-02-11   465 GB\nD:   Data     2025-02-11   931 GB\nE:   Old      2025-02-11   100 GB\n"
        )
        self.assertFalse([key for key in found if key.startswith("health_check")])


if __name__ == "__main__":
    unittest.main()
