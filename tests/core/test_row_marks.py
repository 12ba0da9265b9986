"""Marks beside some rows of a table: they are no part of what the rows tell, and may say which one is the default."""

from __future__ import annotations

import unittest
from itertools import product

from yes_tally.core.reading.reader import read

_PRINTERS = (
    ("Name", "Port", "Driver"),
    ("Hall left", "10.20.1.90", "Mossop PCL"),
    ("Labels", "USB001", "Mossop Label"),
    ("Into a file", "FILE:", "Harbour Document"),
)
_FACTS = ("printer.name", "printer.port", "printer.driver")
_MARKS = ("*", ">", "->", "=>", "+", "●", "►", "(*)", "[*]", "!", "x", "@")
_POINTING = frozenset({"*", ">", "->", "=>", "●", "►", "(*)", "[*]"})


def _table(mark: str, place: str, *, head: bool) -> str:
    """The printers in columns, the second of them marked."""
    wide = max(len(mark), 1)
    lines = []
    for number, row in enumerate(_PRINTERS):
        if number == 0 and not head:
            continue
        own = mark if number == 2 else ""
        name = f"{row[0]} {own}" if place == "name" and own else row[0]
        before = f" {own:<{wide}} " if place == "before" else f" {own:<{wide}}" if place == "touching" else " "
        line = f"{before}{name:<{wide + 16}}{row[1]:<16}{row[2]:<20}"
        lines.append((line + own if place == "behind" else line).rstrip())
    return "\n".join(lines)


def _told(text: str) -> tuple[list[list[str]], list[int]]:
    """What is read of each printer, line by line; and which of them are the default."""
    readings = [reading for reading in read(text.encode()).readings if reading.item]
    items = list(dict.fromkeys(reading.item for reading in readings))
    rows = [
        [str(r.value.value) for fact in _FACTS for r in readings if r.item == item and r.fact == fact] for item in items
    ]
    default = [items.index(r.item) for r in readings if r.fact == "printer.default" and r.value.value is True]
    return rows, default


class RowMarks(unittest.TestCase):
    def test_a_mark_is_no_part_of_its_row(self) -> None:
        expected = [list(row) for row in _PRINTERS[1:]]
        for mark, place, head in product(_MARKS, ("before", "touching", "name", "behind"), (True, False)):
            if (mark == "x" and place != "before") or (place == "name" and mark in (">", "->", "=>", "●", "►", "@")):
                continue
            with self.subTest(mark=mark, place=place, head=head):
                rows, default = _told("nq-acc-01> printers\n" + _table(mark, place, head=head) + "\n")
                self.assertEqual(rows, expected)
                self.assertEqual(default, [1] if mark in _POINTING else [])

    def test_a_line_below_says_what_the_mark_means(self) -> None:
        for legend in ("* = default printer", "  (* default)", "* Standarddrucker   3 Drucker", "* : par défaut"):
            with self.subTest(legend):
                text = f"nq-acc-01> printers\n{_table('*', 'before', head=True)}\n\n{legend}\n"
                self.assertEqual(_told(text), ([list(row) for row in _PRINTERS[1:]], [1]))

    def test_a_mark_that_means_another_thing_is_no_default(self) -> None:
        text = f"nq-acc-01> printers\n{_table('*', 'before', head=True)}\n\n* = shared with others\n"
        self.assertEqual(_told(text), ([list(row) for row in _PRINTERS[1:]], []))

    def test_what_the_catalogue_has_a_flag_for_is_told(self) -> None:
        text = (
            "nq-acc-01> drivers\n   Name         Version    Provider\n * arcgfx.sys   7.2.118    Merlin\n"
            "   ge1net.sys   12.4.1     Halyard\n\n * = signed\n"
        )
        signed = [(r.line, r.value.value) for r in read(text.encode()).readings if r.fact == "driver.signed"]
        self.assertEqual(signed, [(3, True)])

    def test_bullets_before_all_rows_are_no_marks(self) -> None:
        rows = "\n".join(f" * {row[0]:<16}{row[1]:<16}{row[2]}" for row in _PRINTERS[1:])
        self.assertEqual(_told(f"nq-acc-01> printers\n{rows}\n"), ([list(row) for row in _PRINTERS[1:]], []))

    def test_what_is_marked_in_a_column_of_its_own_stays(self) -> None:
        rows = "\n".join(
            f" {row[0]:<16}{row[1]:<16}{row[2]:<20}{default}".rstrip()
            for row, default in zip(_PRINTERS, ("Default", "", "x", ""), strict=True)
        )
        self.assertEqual(_told(f"nq-acc-01> printers\n{rows}\n"), ([list(row) for row in _PRINTERS[1:]], [1]))


if __name__ == "__main__":
    unittest.main()
