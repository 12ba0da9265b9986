"""What was put before every line on its way: quotation marks, line numbers, the time; and what is none of these."""

import unittest

from yes_tally.core.reading.decode import decode
from yes_tally.core.reading.margins import without_margin
from yes_tally.core.reading.reader import read

REPORT = """gp-hbr-16> about machine

Maker:    Corrane
Model:    Tallow 520 MT
Cores:    6
Threads:  12
"""


def texts(text):
    return [line.text for line in without_margin(decode(text.encode()).lines)]


def marked(margin):
    return "".join(f"{margin(number)}{line}\n".rstrip() + "\n" for number, line in enumerate(REPORT.splitlines(), 1))


def readings(text):
    return [(r.fact, r.printed, r.line) for r in read(text.encode()).readings]


MARGINS = {
    "quoted in a letter": lambda n: "> ",
    "quoted twice": lambda n: "> > ",
    "numbered": lambda n: f"{n:03d}  ",
    "numbered with a bar": lambda n: f"{n:2d}| ",
    "stamped": lambda n: f"09:12:{n:02d}.113 | ",
}


class Margins(unittest.TestCase):
    def test_a_report_says_the_same_with_and_without(self):
        for name, margin in MARGINS.items():
            with self.subTest(name):
                self.assertEqual(readings(marked(margin)), readings(REPORT))

    def test_what_is_read_is_marked_where_it_stands(self):
        for name, margin in MARGINS.items():
            report = marked(margin)
            lines = report.splitlines()
            for reading in read(report.encode()).readings:
                with self.subTest(name, fact=reading.fact):
                    at = lines[reading.line - 1][reading.column - 1 : reading.end_column - 1]
                    self.assertEqual(at, reading.printed)

    def test_words_around_a_quoted_report_stay(self):
        self.assertEqual(
            texts("Bram wrote:\n" + marked(MARGINS["quoted in a letter"]))[:2],
            ["Bram wrote:", "gp-hbr-16> about machine"],
        )

    def test_lists_logs_and_tables_have_no_margin(self):
        for text in (
            "1  C:\\Sys\\bin\n2  C:\\Sys\n3  C:\\Tools\n4  C:\\Maps\n",
            "09:12:01 | ERROR | disk | bad block\n09:12:02 | INFO | kernel | up\n" * 3,
            "2025-03-14 07:31:44 INFO kernel up\n" * 5,
            "0 1 2\n1 5 5\n2 7 7\n3 9 9\n",
            "> one\ntwo\nthree\nfour\n",
            "\n\n\n",
        ):
            with self.subTest(text[:20]):
                self.assertEqual(texts(text), [line.text for line in decode(text.encode()).lines])
