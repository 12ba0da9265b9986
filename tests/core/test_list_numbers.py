"""However a list is numbered, the same is read of what it lists."""

import re
import unittest

from tests.core.test_other_ways import FOLDER, said
from yes_tally.core.reading.text.decode import decode
from yes_tally.core.reading.text.list_numbers import plainly_numbered

WAYS = {
    "behind no": lambda number, _: f"no {number}",
    "behind a sign": lambda number, _: f"n° {number}",
    "of all": lambda number, last: f"{number} of {last}:",
    "of all, in brackets": lambda number, last: f"[{number}/{last}]",
    "between angles": lambda number, _: f"<{number}>",
    "in brackets": lambda number, _: f"[{number}]",
    "letters": lambda number, _: f"{chr(ord('a') + number - 1)})",
    "a dot": lambda number, _: f"{number}.",
}
REPORTS = (
    "31-drivers.txt", "54-drvbook.txt", "28-hardware.txt", "107-events-en.txt", "118-zdarzenia.txt",
    "59-conn-list.txt", "123-sw-de.txt", "70-machine-nl.txt",
)  # fmt: skip
NUMBER = re.compile(r"^(\s*)(?:\[(\d{1,2})\]|(\d{1,2})[.)]|#(\d{1,2}))(?=\s+\S)", re.M)


def plain(text):
    return [line.text for line in plainly_numbered(decode(text.encode()).lines)]


class ListNumbers(unittest.TestCase):
    def test_lists_of_kept_reports(self):
        for name in REPORTS:
            text = (FOLDER / name).read_text("utf-8")
            marks = list(NUMBER.finditer(text))
            self.assertGreaterEqual(len(marks), 2, name)
            printed = said(text.encode())
            for way, form in WAYS.items():
                with self.subTest(f"{name}, {way}"):
                    other = NUMBER.sub(
                        lambda m, form=form, last=len(marks): m[1] + form(int(m[2] or m[3] or m[4]), last), text
                    )
                    self.assertEqual(said(other.encode()), printed)

    def test_as_wide_as_it_was(self):
        for text, told in (
            ("[1/2] Hall\n[2/2] Desk\n", ["   1. Hall", "   2. Desk"]),
            ("[1/2] Hall\n   port 1\n[2/2] Desk\n", ["1.    Hall", "   port 1", "2.    Desk"]),
            ("no 1 Hall\nnr 2 Desk\n", ["  1. Hall", "  2. Desk"]),
            ("a) Hall\nb) Desk\n", ["1. Hall", "2. Desk"]),
            (
                "(1) 2025-02-10\n  disk\n(2) 2025-02-11\n  net\n",
                ["[1] 2025-02-10", "  disk", "[2] 2025-02-11", "  net"],
            ),
            ("[1/1] Hall\n", ["   1. Hall"]),
        ):
            with self.subTest(text):
                self.assertEqual(plain(text), told)

    def test_no_list(self):
        for text in (
            "[2/4] Hall\n[4/4] Desk\n",
            "no 1 Hall\nno 3 Desk\n",
            "[1/4] Hall\n",
            "2 x 8 GiB (a)\n\n(a) DDR4\n(b) the rest (b)\n",
            '(1) "Landing air"\n(2) "Office wire"\n',
            "A1 free\nB2 free\n",
            "1/2 inch\n2/3 inch\n",
        ):
            with self.subTest(text):
                self.assertEqual(plain(text), text.splitlines())
