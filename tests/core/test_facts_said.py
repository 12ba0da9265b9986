"""The PC as sentences of eight languages tell it: each sentence one fact, and nothing else."""

import unittest

from tests.core.facts_in_sentences import SAID, SENTENCES
from tests.core.readings import told
from yes_tally.core.reading.reader import read

LANGUAGES = ("en", "de", "fr", "es", "pt", "it", "nl", "pl")


class FactsSaid(unittest.TestCase):
    maxDiff = None

    def test_each_sentence_tells_its_fact_and_nothing_else(self):
        for fact, sentences in SENTENCES.items():
            for language, texts in sentences.items():
                for text in texts:
                    with self.subTest(text, language=language):
                        self.assertEqual(told(f"{text}\n"), {fact: SAID[fact]})

    def test_a_page_of_prose_tells_all_of_them(self):
        for language in LANGUAGES:
            texts = [sentences[language][0] for sentences in SENTENCES.values()]
            for text in ("\n".join(texts), " ".join(texts[:4]) + "\n" + " ".join(texts[4:])):
                with self.subTest(language, text=text):
                    self.assertEqual(told(f"{text}\n"), SAID)

    def test_a_sentence_that_goes_on_below_is_led_back_to_its_line(self):
        text = "Some words before.\nThe serial number\n  is CRN7K20418.\n"
        (reading,) = read(text.encode()).readings
        self.assertEqual(
            (reading.fact, reading.printed, reading.line, reading.column), ("machine.serial", "CRN7K20418", 3, 6)
        )


class WhatIsNotSaid(unittest.TestCase):
    def test_what_denies_or_does_not_know_tells_nothing(self):
        for text in (
            "The model is not known.",
            "No memory is installed in socket A2.",
            "Die Seriennummer ist nicht bekannt.",
            "Le numéro de série est inconnu.",
            "The computer is a good one.",
            "This PC is old.",
            "The password was changed on 3 March 2025.",
            "The printer was installed on 3 March 2025.",
            "The name of this user is not shown.",
        ):
            with self.subTest(text):
                self.assertEqual(told(f"{text}\n"), {})

    def test_what_is_said_of_a_volume_is_not_the_memory(self):
        found = told("gp-01> volumes\nC:  SYSTEM  HFX2  465.1 GB\nOf which 88 GB are free.\n")
        self.assertNotIn("memory.available", found)


if __name__ == "__main__":
    unittest.main()
