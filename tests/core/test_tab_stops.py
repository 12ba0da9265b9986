"""Tabs as blanks: cells below each other where lines are a table, stops every eight columns elsewhere."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from tests.core.readings import told
from yes_tally.core.reading.text.decode import decode
from yes_tally.core.reading.text.tab_stops import cells_at_tabs


def texts(*lines):
    return [line.text for line in decode("\n".join(lines).encode()).lines]


class TabStops(unittest.TestCase):
    def test_as_many_cells_stand_below_each_other(self):
        self.assertEqual(
            texts("Name\tSize\tState", "a long name\t8 GB\tgood", "b\t16 GB\t-"),
            ["Name         Size   State", "a long name  8 GB   good", "b            16 GB  -"],
        )

    def test_a_row_may_lack_its_last_cells(self):
        lines = texts("Slot\tSize\tType", "A1\t8 GB\tDDR4", "A2\tempty", "B1\t8 GB\tDDR4")
        self.assertEqual(lines[2], "A2    empty")

    def test_a_heading_or_an_empty_line_may_stand_between(self):
        lines = texts("Kind\tsaid", "Sign-in", "  Credential check\tboth", "", "  Lock\tnone")
        self.assertEqual([line.find("said") for line in lines[:1]], [lines[2].find("both")])
        self.assertEqual(lines[4].find("none"), lines[2].find("both"))

    def test_two_tabs_together_were_meant_for_stops(self):
        self.assertEqual(
            texts("Name:\t\tone", "A long name:\ttwo", "C:\t\tthree"),
            ["Name:           one", "A long name:    two", "C:              three"],
        )

    def test_tabs_before_all_lines_are_an_indent(self):
        self.assertEqual(texts("\ta\tb", "\tlonger than that\tc"), ["        a                 b", "        longer than that  c"])  # fmt: skip

    def test_a_corner_left_blank_is_a_cell(self):
        self.assertEqual(texts("\tDomain\tPublic", "State\ton\toff"), ["       Domain  Public", "State  on      off"])

    def test_rows_too_wide_for_any_table_keep_their_stops(self):
        self.assertEqual(texts("a\tb", "x" * 3000 + "\tc")[0], "a       b")

    @given(st.lists(st.text("ab \t\n", max_size=40), max_size=8))
    def test_every_cell_stands_where_it_is_said_to(self, lines):
        for line in decode("\n".join(lines).encode()).lines:
            self.assertNotIn("\t", line.text)
            for cell, at in cells_at_tabs(line) if line.tabbed is not None else ():
                self.assertEqual(line.text[at : at + len(cell)], cell)

    def test_turned_tables_and_groups_of_rows_are_read(self):
        turned = told("a-1> disks\n\tDisk 0\tDisk 1\nModel\tBasalt NV1000\tShale 1T\nSize\t931.51 GB\t465.8 GB\n")
        self.assertEqual((turned["disk#1.model"], turned["disk#2.model"]), ("Basalt NV1000", "Shale 1T"))
        audited = told(
            "a-1> auditing\nCategory / subcategory\tRecorded\nSign-in\n  Sign-out\tsuccess\n  Lock\tfailure\nObjects\n"
            "  Files\tnone\n"
        )
        self.assertEqual((audited["policy#1.category"], audited["policy#3.records"]), ("Sign-in", "none"))
