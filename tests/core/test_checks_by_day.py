"""Checks of health in rows that begin with when they were run."""

import unittest

from tests.core.readings import told

ROWS = "2025-02-02 03:00  C:  no problems\n2025-01-05 03:00  C:  3 errors, repaired\n2024-12-01 03:00  D:  stopped by user\n"


class ChecksByDay(unittest.TestCase):
    def test_the_command_says_of_what_they_are(self):
        found = told(f"nq-dsp-05 % diskcheck --history\n{ROWS}")
        self.assertEqual([found[f"health_check#{n}.result"] for n in (1, 2, 3)], ["clean", "repaired", "not-finished"])
        self.assertEqual([found[f"health_check#{n}.target"] for n in (1, 2, 3)], ["C:", "C:", "D:"])
        self.assertEqual([found[f"health_check#{n}.kind"] for n in (1, 2, 3)], ["disk"] * 3)
        self.assertEqual(found["health_check#2.errors"], 3)

    def test_a_row_may_say_it_itself(self):
        found = told(
            "nq-dsp-05 % history\n2025-02-02 03:00  memory        no problems\n2025-01-05 03:00  system files  2 errors, repaired\n"
        )
        self.assertEqual([found[f"health_check#{n}.kind"] for n in (1, 2)], ["memory", "system-files"])

    def test_two_of_one_drive_are_two(self):
        found = told(f"nq-dsp-05 % diskcheck --history\n{ROWS}")
        self.assertEqual(str(found["health_check#1.at"]), "2025-02-02T03:00:00")
        self.assertEqual(str(found["health_check#2.at"]), "2025-01-05T03:00:00")

    def test_days_before_other_things_are_no_checks(self):
        for command in ("visits", "diskcheck --history"):
            found = told(f"nq-dsp-05 % {command}\n2025-02-02 03:00  cleaned the fan\n2025-01-05 03:00  C: is full\n")
            self.assertFalse([key for key in found if key.startswith("health_check")], command)


class CountsOfACheck(unittest.TestCase):
    def test_warnings_are_not_clean(self):
        for sentence in (
            "Watched for 60 s: 0 errors, 2 warnings, 14 notes.",
            "Energieprüfung abgeschlossen: 0 Fehler, 2 Warnungen, 14 Hinweise.",
        ):
            found = told(f"nq-dsp-05 % powercheck\n{sentence}\n")
            self.assertEqual((found["health_check#1.errors"], found["health_check#1.warnings"]), (0, 2))
            self.assertNotIn("health_check#1.result", found)

    def test_no_error_and_no_warning_is_clean(self):
        self.assertEqual(told("a-1 % filecheck\nDone: 0 errors, 0 warnings.\n")["health_check#1.result"], "clean")

    def test_all_as_they_should_be(self):
        for sentence in (
            "All system files are as they should be.",
            "Alle Systemdateien sind unversehrt.",
            "Tous les fichiers système sont intacts.",
            "Todos los archivos del sistema están intactos.",
            "Tutti i file di sistema sono integri.",
            "Alle systeembestanden zijn in orde.",
        ):
            with self.subTest(sentence):
                found = told(f"nq-dsp-05 % filecheck\n{sentence}\n")
                self.assertEqual(found["health_check#1.result"], "clean")
        self.assertNotIn(
            "health_check#1.result", told("nq-dsp-05 % filecheck\nNot all system files are as they should be.\n")
        )
