"""The sieve passes every pattern that matches, whatever the text."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from yes_tally.core.reading.clauses.item_lines import ITEM_LINES
from yes_tally.core.reading.statements.sentences import (
    CHECK_KINDS,
    CHECK_SAYS,
    HOP_TARGET,
    PATTERNS,
    REACH_SAYS,
    REACH_TARGET,
)
from yes_tally.core.reading.statements.sieve import Sieve, loosened

ROWS = [
    row.pattern for of in (PATTERNS, REACH_SAYS, REACH_TARGET, HOP_TARGET, CHECK_KINDS, CHECK_SAYS) for row in of.rows
]
ROWS += [row.pattern for row in ITEM_LINES]
SIEVE = Sieve([row.pattern for row in ROWS])


class WhatMatchesPasses(unittest.TestCase):
    @given(st.data())
    @settings(max_examples=150)
    def test_a_text_made_for_a_pattern_passes_it(self, data):
        place = data.draw(st.integers(0, len(ROWS) - 1))
        text = data.draw(st.text(max_size=8)) + data.draw(st.from_regex(ROWS[place])) + data.draw(st.text(max_size=8))
        if ROWS[place].search(text):
            self.assertIn(place, SIEVE.passing(text), (ROWS[place].pattern, text))

    @given(st.text(alphabet="licence is permanent 16 GB 03/04/2024 5 errors, 2 lost [10.0.0.1] füé\n", max_size=200))
    @settings(max_examples=200)
    def test_nothing_is_lost_in_any_text(self, text):
        passing = set(SIEVE.passing(text))
        self.assertLessEqual({place for place, row in enumerate(ROWS) if row.search(text)}, passing)

    def test_what_has_no_counterpart_is_loosened(self):
        for written, loose in (
            (r"\bup to (?P<v>\d{1,3})\b", r"up to (?:\pN+)"), (r"(?<![\w.])a(?! b)c", "ac"), (r"[^\W\d_]{2,}x$", ".+x"),
            (r"(?-i:[A-Z])\S?", "(?:[A-Z]).?"), (r".{0,40}?end", ".*?end"), (r"[\])]\s", r"[\])][\s\pZ\x0b\x1c-\x1f\x85]"),
        ):  # fmt: skip
            self.assertEqual(loosened(written), loose)

    def test_few_texts_pass_without_a_match(self):
        sieve = Sieve([r"\bsecure boot is (on|off)\b"])
        self.assertEqual((sieve.passing("Secure boot is on"), sieve.passing("boot: on")), ((0,), ()))
