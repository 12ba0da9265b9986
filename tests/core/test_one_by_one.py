"""Each way in which reports tell things, on a text of its own."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.readings import told
from tests.core.ways_of_consoles import WAYS_OF_CONSOLES
from tests.core.ways_of_telling import BELOW, ECHOES, HEADED, LISTS, ROWS, VALUES
from yes_tally.core.reading.reader import read


class OneByOne(unittest.TestCase):
    maxDiff = None

    def held(self, cases):
        for name, (text, expected) in cases.items():
            with self.subTest(name):
                self.assertEqual(told(text), expected)

    def test_what_a_heading_opens(self):
        self.held(HEADED)

    def test_rows(self):
        self.held(ROWS)

    def test_lists_and_lines(self):
        self.held(LISTS)

    def test_values(self):
        self.held(VALUES)

    def test_what_stands_below(self):
        self.held(BELOW)

    def test_what_consoles_print(self):
        self.held(WAYS_OF_CONSOLES)

    def test_an_echo_test_in_every_language(self):
        for language, text in ECHOES.items():
            with self.subTest(language):
                self.assertEqual(
                    told(text),
                    {
                        "reach#1.target": "lantern-srv",
                        "reach#1.address": "10.20.0.9",
                        "reach#1.sent": 4,
                        "reach#1.received": 3,
                        "reach#1.lost": 1,
                        "reach#1.best": 0.001,
                        "reach#1.worst": 0.002,
                        "reach#1.average": 0.001,
                    },
                )

    TEXTS = [text for cases in (HEADED, ROWS, LISTS, VALUES, BELOW) for text, _ in cases.values()]

    @settings(max_examples=150, deadline=None)
    @given(st.sampled_from(TEXTS), st.data())
    def test_cut_or_spoilt_anywhere_every_reading_stands_where_it_says(self, text, data):
        at = data.draw(st.integers(0, len(text)))
        until = data.draw(st.integers(at, len(text)))
        spoilt = text[:at] + data.draw(st.text("{}[]()|:=,;. \n\t0Aé-+\"'<", max_size=6)) + text[until:]
        report = read(spoilt.encode())
        for reading in report.readings:
            line = report.lines[reading.line - 1].text
            self.assertTrue(1 <= reading.column <= reading.end_column <= len(line) + 1, (spoilt, reading))


if __name__ == "__main__":
    unittest.main()
