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


DEFAULT_PRINTERS = {
    "The default printer is Hall left.": ("Hall left", None),
    'The default printer of this PC is "Counter 2" on port USB001, driver Inkwell 4100.': ("Counter 2", "USB001"),
    "Standarddrucker ist Tresen links an USB001.": ("Tresen links", "USB001"),
    "L'imprimante par défaut est « Comptoir gauche » sur le port USB001.": ("Comptoir gauche", "USB001"),
    "La impresora predeterminada es Mostrador.": ("Mostrador", None),
    "La stampante predefinita è Banco su 10.20.5.31.": ("Banco", "10.20.5.31"),
    "A impressora predefinida é Balcão esquerdo.": ("Balcão esquerdo", None),
    "De standaardprinter is Balie links op poort USB001.": ("Balie links", "USB001"),
    "Domyślna drukarka to Lada lewa.": ("Lada lewa", None),
}


class DefaultPrinters(unittest.TestCase):
    def test_a_sentence_says_which_it_is(self):
        for text, (name, port) in DEFAULT_PRINTERS.items():
            with self.subTest(text):
                found = told(f"gp-01> printers\n{text}\n")
                self.assertEqual((found.get("printer#1.name"), found.get("printer#1.port")), (name, port))
                self.assertIs(found.get("printer#1.default"), True)

    def test_none_is_named(self):
        for text in (
            "The default printer is not set.",
            "Standarddrucker ist keiner.",
            "The default printer is called so.",
        ):
            with self.subTest(text):
                self.assertFalse([key for key in told(f"gp-01> printers\n{text}\n") if key.startswith("printer")])


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
