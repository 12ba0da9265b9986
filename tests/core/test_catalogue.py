"""The catalogue is whole, and everything that names a fact names one of it."""

import re
import unittest
from collections import Counter

from yes_tally.core.catalogue import (
    BINARY_SIZES,
    CHOICE_CODES,
    DERIVED,
    FACTS,
    ITEMS,
    KEYS,
    MEMORY_TYPE_CODES,
    NOMINAL_SIZES,
    SINGLE_GROUPS,
)
from yes_tally.core.choice_words import CHOICE_WORDS
from yes_tally.core.reading.meaning.decide import NAMING
from yes_tally.core.reading.phrases import LABELS, LANGUAGES, SUBJECTS
from yes_tally.core.reading.shapes import SHAPES, ShapeClash, register


class TheCatalogue(unittest.TestCase):
    def test_has_every_group_of_the_specification(self):
        self.assertEqual(len(SINGLE_GROUPS), 9)
        self.assertEqual(len(ITEMS), 31)

    def test_every_item_has_a_key(self):
        for item in ITEMS:
            self.assertTrue(KEYS[item], item)

    def test_kinds_units_and_choices_fit_together(self):
        for fact in FACTS.values():
            self.assertEqual(bool(fact.choices), fact.kind == "choice", fact.name)
            self.assertEqual(fact.unit != "", fact.kind in ("size", "clock", "rate", "share", "span"), fact.name)

    def test_tables_name_only_facts_that_exist(self):
        for name in (*BINARY_SIZES, *NOMINAL_SIZES, *CHOICE_CODES, *DERIVED, *NAMING.values()):
            self.assertIn(name, FACTS)

    def test_memory_type_codes_are_those_of_smbios(self):
        for code, kind in {18: "DDR", 24: "DDR3", 26: "DDR4", 34: "DDR5", 30: "LPDDR4", 35: "LPDDR5"}.items():
            self.assertEqual(MEMORY_TYPE_CODES[code], kind)

    def test_code_tables_give_only_choices_of_their_fact(self):
        for name, codes in CHOICE_CODES.items():
            self.assertLessEqual(set(codes.values()), set(FACTS[name].choices), name)

    def test_every_choice_can_be_printed_as_itself_and_its_words_are_choices(self):
        for fact in FACTS.values():
            if fact.field in CHOICE_WORDS and fact.choices:
                known = set(CHOICE_WORDS[fact.field])
                self.assertTrue(known & set(fact.choices), fact.name)

    def test_no_word_stands_for_two_choices_of_a_fact_nor_twice_for_one(self):
        for fact in FACTS.values():
            table = CHOICE_WORDS.get(fact.field, {}) if fact.choices else {}
            words = [word for choice in fact.choices or () for word in table.get(choice, "").split("|") if word]
            with self.subTest(fact.name):
                self.assertEqual([word for word, times in Counter(words).items() if times > 1], [])


class ThePhrases(unittest.TestCase):
    def test_every_read_fact_has_an_english_phrase(self):
        told = set(LANGUAGES["en"].LABELS)
        derived = DERIVED | {"visit.age", "visit.reports"}
        missing = [name for name in FACTS if name not in told and name not in derived]
        self.assertEqual(missing, [])

    def test_every_group_can_be_a_subject(self):
        named = set(SUBJECTS.values())
        self.assertLessEqual(set(ITEMS), named)

    def test_phrases_are_normalised_alike_in_every_language(self):
        for module in LANGUAGES.values():
            for line in module.LABELS.values():
                for phrase in line.split("|"):
                    self.assertRegex(phrase, re.compile(r"^[!?]?[a-z0-9#]"), phrase)
        self.assertGreater(len(LABELS), 1000)


class TheShapes(unittest.TestCase):
    def test_are_registered_by_one_door_that_refuses_a_name_twice(self):
        self.assertIn("pairs", SHAPES)
        with self.assertRaisesRegex(ShapeClash, "pairs"):
            register("pairs", SHAPES["pairs"])
