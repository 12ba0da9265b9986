"""Where sentences begin and end, whatever the lines they stand on, and where what they say is led back to."""

import unittest

from yes_tally.core.reading.statements.prose import DENIES, ENDS, said_by_line, sentences_of
from yes_tally.core.reading.text.decode import decode
from yes_tally.core.words import plain


def lines(text):
    return decode(text.encode()).lines


def sentences(text):
    return [sentence.text for sentence in sentences_of(lines(text))]


class Sentences(unittest.TestCase):
    def test_a_line_that_begins_small_goes_on(self):
        self.assertEqual(
            sentences("The disk was checked and\nno errors were found.\nThe memory is fine.\n"),
            ["The disk was checked and no errors were found.", "The memory is fine."],
        )

    def test_nothing_goes_on_behind_an_end(self):
        for mark in ".;:!?":
            with self.subTest(mark):
                self.assertEqual(len(sentences(f"The disk was checked{mark}\nno errors were found.\n")), 2)

    def test_an_empty_line_ends_a_sentence(self):
        self.assertEqual(
            sentences("The disk was checked\n\nno errors were found.\n"),
            ["The disk was checked", "no errors were found."],
        )

    def test_cells_and_data_are_no_sentences(self):
        for text in (
            "C:     222.9 GB    61.2 GB",
            "Maker......Corrane",
            "<key>licence</key>",
            "active = yes",
            '{"active": true}',
        ):
            with self.subTest(text):
                self.assertEqual(sentences(text + "\n"), [])

    def test_cells_are_not_what_the_line_above_goes_on_with(self):
        self.assertEqual(sentences("C:     222.9 GB\nfree of errors.\n"), ["free of errors."])

    def test_a_list_in_small_letters_is_no_endless_sentence(self):
        parts = sentences("word\n" * 2000)
        self.assertEqual(len(parts), 2000 // 8)
        self.assertEqual({len(part.split()) for part in parts}, {8})

    def test_nothing_and_blanks_have_none(self):
        for text in ("", "\n\n\n", "   \n \t \n"):
            with self.subTest(text):
                self.assertEqual(sentences(text), [])

    def test_a_sentence_says_on_which_line_it_first_says_something(self):
        (sentence,) = sentences_of(lines("  The disk was checked and\n  no errors\n  were found.\n"))
        self.assertEqual([line.number for line in sentence.lines], [1, 2, 3])
        self.assertEqual(sentence.where(lambda text: "errors" in text).number, 2)
        self.assertEqual(sentence.where(lambda text: "found" in text).number, 3)

    def test_a_whole_line_is_pointed_at_without_its_indent(self):
        (line,) = lines("    The disk is fine.\n")
        stated = said_by_line("health_check.result", "clean", line)
        self.assertEqual((stated.printed, stated.value), ("The disk is fine.", "clean"))
        self.assertEqual((stated.line, stated.column), (1, 5))


class EndsOnALine(unittest.TestCase):
    def test_two_sentences_on_a_line(self):
        self.assertEqual(
            ENDS.split("The PC has 16 GB. It was set up on 3 March 2025."),
            ["The PC has 16 GB.", "It was set up on 3 March 2025."],
        )
        self.assertEqual(ENDS.split("It has 16 GB. 2 sockets are free."), ["It has 16 GB.", "2 sockets are free."])
        self.assertEqual(
            ENDS.split("Es sind 16 GB eingebaut. Über das Netz ist er erreichbar."),
            ["Es sind 16 GB eingebaut.", "Über das Netz ist er erreichbar."],
        )

    def test_points_that_end_nothing(self):
        for text in (
            "Er wurde am 3. März 2025 eingerichtet.",
            "Er läuft seit dem 14. Juni 2024.",
            "Version 12.4 is installed.",
            "The address is 10.20.0.12 here.",
        ):
            with self.subTest(text):
                self.assertEqual(ENDS.split(text), [text])


class Denials(unittest.TestCase):
    def test_every_language_has_words_that_deny(self):
        for text in (
            "is not active", "ist nicht aktiv", "n'est pas active", "ninguna licencia", "não está ativo", "senza licenza",
            "geen licentie", "brak licencji", "Keine Fehler", "could not be found: impossible",
        ):  # fmt: skip
            with self.subTest(text):
                self.assertTrue(DENIES.search(plain(text)))

    def test_words_that_only_begin_so_deny_nothing(self):
        for text in (
            "notebook",
            "nonpaged pool",
            "nichte",
            "passed",
            "note well",
            "normal",
            "noted",
            "single",
            "sinus",
        ):
            with self.subTest(text):
                self.assertFalse(DENIES.search(plain(text)))


if __name__ == "__main__":
    unittest.main()
