"""The system's licence as sentences of eight languages tell it, and what is said of other things."""

import unittest

from tests.core.licences_in_languages import ENDS, FOR_GOOD, NEVER_ENDS, NOT_FOR_GOOD, STATES
from tests.core.readings import told
from yes_tally.core.reading.statements.licences_said import speaks_of_licence, told_of_licence


class LicencesSaid(unittest.TestCase):
    def check(self, sentences, fact, value):
        for language, texts in sentences.items():
            for text in texts:
                for asked in ("", "gp-01> licence\n"):
                    with self.subTest(text, language=language, asked=asked):
                        found = told(f"{asked}{text}\n")
                        self.assertEqual(found.get(fact), value)
                        others = {key for key in found if not key.startswith("licence.")} - {"host.name", "os.name"}
                        self.assertEqual(others, set())

    def test_its_state(self):
        for state, sentences in STATES.items():
            self.check(sentences, "licence.state", state)

    def test_whether_it_is_for_good(self):
        self.check(FOR_GOOD, "licence.permanent", True)
        self.check(NOT_FOR_GOOD, "licence.permanent", False)

    def test_its_end(self):
        self.check(NEVER_ENDS, "licence.expires_at", "never")
        dated = {language: [text for text in texts if "09:00" not in text] for language, texts in ENDS.items()}
        self.check(dated, "licence.expires_at", "2025-03-03")

    def test_an_end_to_come_is_no_end(self):
        for language, texts in ENDS.items():
            for text in texts:
                with self.subTest(text, language=language):
                    self.assertNotIn("licence.state", told_of_licence(text))

    def test_a_box_of_several_sentences(self):
        text = (
            "+------------------- Licence -------------------+\n"
            "|  This PC is activated.                        |\n"
            "|  The licence is not permanent: it runs out on |\n"
            "|  3 March 2025 at 09:00.                       |\n"
            "+-----------------------------------------------+\n"
        )
        found = told(f"gp-01 ~ licencebox\n{text}")
        self.assertEqual(
            {key: value for key, value in found.items() if key.startswith("licence.")},
            {"licence.state": "active", "licence.permanent": False, "licence.expires_at": "2025-03-03T09:00:00"},
        )


class WhatIsNotSaid(unittest.TestCase):
    def test_other_things_are_no_licence(self):
        for text in (
            "The password never expires.",
            "Das Kennwort läuft am 3. März 2025 ab.",
            "The firewall is active.",
            "Secure boot is active.",
            "Le compte n'est pas activé.",
            "The certificate is valid until 3 March 2025.",
            "2. Harbour Office Pack",
        ):
            with self.subTest(text):
                self.assertFalse(speaks_of_licence(text))

    def test_what_data_is_called_is_no_sentence(self):
        found = told("<plist><dict>\n<key>License Grace Days</key>\n<integer>0</integer>\n</dict></plist>\n")
        self.assertNotIn("licence.state", found)

    def test_of_several_products_none_is_the_system(self):
        found = told("gp-01> licences\n1. Quaymaster\n   in its grace period until 23 March 2025\n")
        self.assertNotIn("licence.state", found)

    def test_how_it_was_bought_is_no_state(self):
        self.assertNotIn("licence.state", told_of_licence("Harbour OS 12 is licensed by subscription."))


if __name__ == "__main__":
    unittest.main()
