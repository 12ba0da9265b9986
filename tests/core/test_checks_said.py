"""Checks of health as sentences tell them in eight languages: what was checked, and what came of it."""

import unittest

from tests.core.checks_in_languages import CHECKS
from tests.core.readings import told
from yes_tally.core.reading.statements.checks_said import kind_checked, result_told

COUNTS = {"errors": 2, "warnings": 7, "notes": 21}


def sentences():
    for language, words in CHECKS.items():
        for result, by_kind in words["said"].items():
            for kind, sentence in by_kind.items():
                yield language, result, kind, sentence


class ChecksSaid(unittest.TestCase):
    def test_each_sentence_by_itself(self):
        for language, result, kind, sentence in sentences():
            with self.subTest(sentence, language=language):
                self.assertEqual((kind_checked(sentence), result_told(sentence)), (kind, result))

    def test_one_check_and_nothing_else(self):
        for language, result, kind, sentence in sentences():
            for asked in (f"gp-01> {CHECKS[language]['asked'][kind]}\n", ""):
                with self.subTest(sentence, language=language, asked=asked):
                    found = told(f"{asked}{sentence}\n")
                    found.pop("host.name", None)
                    found.pop("health_check#1.target", None)
                    found.pop("health_check#1.errors", None)
                    self.assertEqual(found, {"health_check#1.kind": kind, "health_check#1.result": result})

    def test_what_is_counted_belongs_to_the_check(self):
        for language, result, kind, sentence in sentences():
            if result in ("repaired", "damaged") and kind != "memory":
                with self.subTest(sentence, language=language):
                    counts = CHECKS[language]["counts"].format(**COUNTS)
                    found = told(f"gp-01> {CHECKS[language]['asked'][kind]}\n{sentence}\n{counts}\n")
                    self.assertEqual(found["health_check#1.result"], result)
                    self.assertEqual({name: found[f"health_check#1.{name}"] for name in COUNTS}, COUNTS)

    def test_two_checks_are_two_items(self):
        asked_for = (("system-files", "repaired"), ("disk", "clean"), ("memory", "not-finished"))
        for language, words in CHECKS.items():
            text = "".join(
                f"gp-01> {words['asked'][kind]}\n{words['said'][result][kind]}\n\n" for kind, result in asked_for
            )
            with self.subTest(language):
                found = told(text)
                checks = [f"health_check#{number}" for number in (1, 2, 3)]
                self.assertEqual(
                    tuple((found[f"{check}.kind"], found[f"{check}.result"]) for check in checks), asked_for
                )


class WhatIsNotSaid(unittest.TestCase):
    """What only sounds like a result."""

    def test_advice_is_no_result(self):
        for text in (
            "Run the check again to repair what was found.",
            "Starten Sie die Prüfung mit /reparieren.",
            "Lancez la vérification pour réparer le disque.",
            "Uruchom sprawdzanie, aby naprawić dysk.",
        ):
            with self.subTest(text):
                self.assertNotEqual(result_told(text), "repaired")

    def test_of_nothing_wrong_nothing_is_mended(self):
        self.assertEqual(result_told("No errors were found, so nothing had to be repaired."), "clean")
        self.assertEqual(result_told("No errors to repair."), "clean")

    def test_a_part_that_is_not_mended_weighs_more(self):
        self.assertEqual(result_told("Two errors were repaired, but one could not be repaired."), "damaged")
        self.assertEqual(result_told("3 Fehler gefunden, 2 repariert, einer konnte nicht behoben werden."), "damaged")

    def test_other_sentences_speak_of_no_check(self):
        for text in ("The printer is ready.", "Der Dienst wurde gestartet.", "Aucune imprimante.", "C: 88 GB free"):
            with self.subTest(text):
                self.assertEqual((kind_checked(text), result_told(text)), ("", ""))


if __name__ == "__main__":
    unittest.main()
