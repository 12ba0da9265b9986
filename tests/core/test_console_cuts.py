"""Lines that a console cut where its width ended: put together, where they are one, and led back to where they stand."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.readings import told
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.text.console_cuts import CONSOLES, uncut
from yes_tally.core.reading.text.decode import decode

WIDTH = 80
SHEET = """nq-acc-07> about all
Machine: Corrane Tallow 520 MT, serial number CRN7K20466, asset tag LSF-0412, chassis Desktop
Memory: 16 GB installed in 2 of 4 sockets, usable 15.8 GB, the board takes as much as 64 GB
Disk 0: Basalt NV512, serial BNV5-77120, 476.94 GB, NVMe, SSD, GPT, health good, firmware 2.1.0
"""


# Half of them as wide as the console.
LINES = st.text(st.characters(codec="ascii", exclude_characters="\r\n\f\t\v"), max_size=WIDTH) | st.text(
    "ab 1:-|<", min_size=WIDTH, max_size=WIDTH
)


def cut(text, width=WIDTH):
    pieces = [[line[at : at + width] for at in range(0, len(line), width)] or [""] for line in text.splitlines()]
    return "".join(f"{piece}\n" for whole in pieces for piece in whole)


def put_together(text):
    whole = uncut(decode(text.encode()).lines)
    return "".join(f"{line.text}\n" for line in whole.lines) if whole else text


class PutTogether(unittest.TestCase):
    def test_lines_that_were_cut_are_whole_again(self):
        for name, text in (
            ("pairs", SHEET),
            (
                "a document",
                '{"disk": {"model": "Basalt NV512", "serialNumber": "BNV5-77120", "sizeBytes": 512110190592}}\n',
            ),
            ("a tag", '<disk index="0" bus="NVMe" style="GPT" boot="true" model="Basalt NV512" firmware="2.1.0"/>\n'),
            (
                "a sentence",
                "The licence of this PC is active, it was bought in volume, and it expires on 14 March 2026.\n",
            ),
            ("a rule", "=" * 100 + "\n"),
        ):
            with self.subTest(name):
                self.assertNotEqual(cut(text), text)
                self.assertEqual(put_together(cut(text)), text)

    def test_lines_that_are_as_wide_by_chance_stay(self):
        full = "Disk 0: Basalt NV512, serial BNV5-77120, 476.94 GB, NVMe, SSD, GPT, health good,"
        self.assertEqual(len(full), WIDTH)
        rows = "A1    8 GB    DDR4    3200 MT/s    Sedgeline    SL8G-3200    5F22C0D3    2933 MT/"
        for name, text in (
            ("a pair below", f"{full}\nMemory: 16 GB\n"),
            ("an item below", f"{full}\n- Shale 1T\n"),
            ("a title below", f"{full[:-1]}d\nGraphics cards\n"),
            ("a row below", f"{rows[:WIDTH]}\nA2    8 GB    DDR4\n"),
            ("nothing below", f"{full}\n\nnothing\n"),
            ("a rule", f"{'=' * WIDTH}\nMemory of this PC\n"),
            ("a frame", f"|{'Memory'.center(WIDTH - 2)}|\n|{'16 GB'.center(WIDTH - 2)}|\n"),
        ):
            with self.subTest(name):
                self.assertEqual(put_together(text), text)

    @settings(max_examples=150, deadline=None)
    @given(st.lists(LINES, max_size=10))
    def test_nothing_is_lost(self, lines):
        lines = decode("\n".join(lines).encode()).lines
        whole = uncut(lines)
        if whole:
            kept, printed = ("".join(line.text for line in some).replace(" ", "") for some in (whole.lines, lines))
            self.assertEqual(kept, printed)
            for number, pieces in whole.pieces.items():
                self.assertEqual(pieces[0], (0, number))
                self.assertEqual(sorted(pieces), pieces)


class ReadWhole(unittest.TestCase):
    def test_a_cut_report_says_the_same(self):
        for width in sorted(CONSOLES):
            with self.subTest(width):
                self.assertEqual(told(cut(SHEET, width)), told(SHEET))

    def test_what_is_read_is_marked_where_it_stands(self):
        report = read(cut(SHEET).encode())
        for reading in report.readings:
            here = report.lines[reading.line - 1].text[reading.column - 1 : reading.end_column - 1]
            with self.subTest(reading.fact):
                self.assertTrue(here and reading.printed.startswith(here), (reading, here))
        self.assertEqual(report.unread_lines, ())


if __name__ == "__main__":
    unittest.main()
