"""Labels whose words are cut short."""

import unittest

from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.phrases import abbreviated, is_likely
from yes_tally.core.reading.phrases.abbreviations import in_full

WORDS = ("cap", "capacity", "capital", "design", "designation", "serial", "series")
KNOWN = frozenset(WORDS)


def means(label, group):
    return [guess.fact for guess in decide(label, Context(group))]


class InFull(unittest.TestCase):
    def test_a_word_with_a_full_stop_goes_on_to_every_word_that_it_begins(self):
        self.assertEqual(list(in_full("Capac. left", WORDS, KNOWN)), ["capacity left"])
        self.assertEqual(list(in_full("Ser. no", WORDS, KNOWN)), ["serial no", "series no"])

    def test_the_last_of_several_words_may_have_lost_its_stop(self):
        self.assertEqual(list(in_full("Left capac", WORDS, KNOWN)), ["left capacity"])
        self.assertEqual(list(in_full("Capac", WORDS, KNOWN)), [])

    def test_a_word_is_not_cut_short(self):
        self.assertEqual(list(in_full("Cap. left", WORDS, KNOWN)), [])

    def test_neither_letters_nor_a_sentence_are(self):
        self.assertEqual(list(in_full("S. n", WORDS, KNOWN)), [])
        self.assertEqual(list(in_full("this is ser. no what it", WORDS, KNOWN)), [])
        self.assertEqual(list(in_full("", WORDS, KNOWN)), [])
        self.assertEqual(list(in_full("....", WORDS, KNOWN)), [])

    def test_however_many_words_go_on_the_ways_are_bounded(self):
        words = sorted(f"aaa{first}{second}xx" for first in "bcdefghij" for second in "bcdefghij")
        self.assertLessEqual(len(list(in_full("aaa. aaa. aaa. aaa.", words, frozenset(words)))), 200)


class Abbreviated(unittest.TestCase):
    def test_it_means_what_it_is_short_for_where_that_is_spoken_of(self):
        self.assertEqual(means("Capac. projeto", "battery"), ["battery.design"])
        self.assertEqual(means("Design cap.", "battery"), ["battery.design"])
        self.assertEqual(means("Capac. projeto", "printer"), [])
        self.assertTrue(is_likely("Capac. projeto"))

    def test_it_is_a_doubt(self):
        self.assertLess(decide("Capac. projeto", Context("battery"))[0].confidence, 0.8)

    def test_what_means_something_as_it_is_is_not_looked_at(self):
        self.assertEqual(abbreviated("Serial number"), ())

    def test_hostile_labels_mean_nothing(self):
        for label in ("zzz. " * 4, "a" * 5000, "zzz. " * 1000, "\N{COMBINING ACUTE ACCENT}" * 400, "x." * 2000):
            with self.subTest(label[:20]):
                self.assertEqual(abbreviated(label), ())
