"""Tables too wide for a page or a console: however they were cut, the same is read, each thing where it is printed."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from yes_tally.core.reading.reader import read

DISKS = (
    ("No", "Model", "Serial", "Firmware", "Size", "Media", "Bus", "Style", "Health", "Boot", "Read-only"),
    ("0", "Flint M2-512", "FM2512A90071", "2.1.0", "476.94 GB", "SSD", "NVMe", "GPT", "good", "yes", "no"),
    ("1", "Slate 4T", "SL4T-000317", "AX04", "3,725.9 GB", "HDD", "SATA", "GPT", "failing", "no", "no"),
    ("2", "Pebble Stick 32", "-", "-", "28.91 GB", "-", "USB", "MBR", "good", "no", "yes"),
)
DRIVERS = (
    ("Name", "Version", "Provider", "Dated", "Signed", "File"),
    ("Wickerlink GbE 210 network", "4.1.9.0", "Wickerlink Works", "2023-11-02", "yes", "wkl210.sys"),
    ("Oriel G4 display", "31.0.14.2201", "Merrow Silicon", "2024-11-08", "yes", "oriel4.sys"),
    ("Tidebell audio", "1.2", "Tidebell", "2019-05-30", "no", "tbell.sys"),
)
Table = tuple[tuple[str, ...], ...]


def printed(table: Table, rule: bool) -> list[str]:
    """The lines of a table, its columns two blanks apart, with a rule under its head or none."""
    widths = [max(map(len, column)) for column in zip(*table, strict=True)]
    lines = ["  ".join(cell.ljust(width) for cell, width in zip(row, widths, strict=True)) for row in table]
    if rule:
        lines.insert(1, "  ".join("-" * width for width in widths))
    return [line.rstrip() for line in lines]


def told(text: str) -> dict[tuple[str, str, str], object]:
    """What is read of a text, by fact, item and what is printed; each of them where it says."""
    report = read(text.encode())
    found = {}
    for reading in report.readings:
        line = report.lines[reading.line - 1].text
        here, whole = line[reading.column - 1 :], reading.printed.split("  ")[0]
        # A console cuts words too: then it begins there.
        assert here and (here.startswith(whole) or whole.startswith(here.rstrip())), (reading, line)
        found[reading.fact, reading.item or "", reading.printed] = reading.value.value
    return found


def pages(table: Table, at: int, rule: bool) -> str:
    """The first columns of all rows, and the others below."""
    left = printed(tuple(row[:at] for row in table), rule)
    right = printed(tuple(row[at:] for row in table), rule)
    return "\n".join([*left, "", *right, ""])


class ColumnsBelow(unittest.TestCase):
    def test_the_last_columns_below_the_first_are_of_the_same_rows(self):
        for table, places in ((DISKS, (5, 6, 7, 8, 9)), (DRIVERS, (2, 3, 4))):
            whole = told("\n".join(printed(table, True)))
            for at in places:
                for rule in (True, False):
                    with self.subTest(table[0][at], rule=rule):
                        self.assertEqual(told(pages(table, at, rule)), whole)

    def test_three_pages(self):
        parts = [printed(tuple(row[a:b] for row in DISKS), True) for a, b in ((0, 5), (5, 8), (8, 11))]
        text = "\n\n".join("\n".join(part) for part in parts)
        self.assertEqual(told(text), told("\n".join(printed(DISKS, True))))

    def test_a_page_that_ends_within_a_word_of_the_head(self):
        lines = printed(DISKS, True)
        at = lines[0].index("Style") + 4
        text = "\n".join([line[:at].rstrip() for line in lines] + [""] + [line[at:] for line in lines])
        self.assertEqual(told(text), told("\n".join(lines)))

    def test_row_numbers_again_at_the_left_of_the_second_page(self):
        table = tuple(row[1:] for row in DISKS)
        head, *rows = ["  ".join(row) for row in zip(*[iter(printed(table, False))], strict=True)]
        numbered = ["   " + head, *(f"{number}  {row}" for number, row in enumerate(rows))]
        at = head.index("Media") + 3
        first = [numbered[0][:at].rstrip() + "  \\", *(line[:at].rstrip() for line in numbered[1:])]
        second = ["   " + numbered[0][at:], *(f"{number}  {line[at:]}" for number, line in enumerate(numbered[1:]))]
        text = "\n".join([*first, "", *second])
        facts = {(fact, item, text) for fact, item, text in told(text)}
        self.assertEqual(facts, set(told("\n".join(printed(DISKS, True)))))

    def test_two_tables_stay_two(self):
        volumes = (
            ("Mount", "Label", "Free"),
            ("C:", "SYSTEM", "101.3 GB"),
            ("E:", "Bulk", "12.0 GB"),
            ("F:", "RESCUE", "3.4 GB"),
        )
        for second in (volumes, DRIVERS):
            with self.subTest(second[0]):
                text = "\n".join([*printed(DISKS, True), "", *printed(second, True)])
                both = told("\n".join(printed(DISKS, True))) | told("\n".join(printed(second, True)))
                self.assertEqual(told(text), both)

    def test_rows_that_are_not_as_many_are_other_rows(self):
        left = printed(tuple(row[:5] for row in DISKS), True)
        right = printed(tuple(row[5:] for row in DISKS[:-1]), True)
        found = told("\n".join([*left, "", *right]))
        self.assertFalse({item for fact, item, _ in found if fact == "disk.media"} & {"disk#1", "disk#2", "disk#3"})


class CutByTheConsole(unittest.TestCase):
    @settings(max_examples=60, deadline=None)
    @given(table=st.sampled_from([DISKS, DRIVERS]), width=st.sampled_from([79, 80, 100]), rule=st.booleans())
    def test_every_row_goes_on_on_the_next_line(self, table, width, rule):
        lines = printed(table, rule)
        longest = max(map(len, lines))
        cut = [part for line in lines for part in _cut(line.ljust(longest), width)]
        self.assertEqual(told("\n".join(cut)), told("\n".join(lines)))


def _cut(line: str, width: int) -> list[str]:
    return [line[start : start + width] for start in range(0, len(line), width)]


class UnlabelledRowNumbers(unittest.TestCase):
    def test_a_column_of_numbers_under_no_label_says_which_disk_it_is(self):
        found = told("   Media  Bus   Style  Health\n0  SSD    NVMe  GPT    good\n1  HDD    SATA  GPT    failing\n")
        self.assertIn(("disk.number", "disk#1", "0"), found)
        self.assertIn(("disk.health", "disk#2", "failing"), found)


if __name__ == "__main__":
    unittest.main()
