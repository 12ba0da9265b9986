"""What a table's rows tell beyond their cells, and what stands around them."""

import unittest

from yes_tally.core.reading.reader import read

NEIGHBOURS = """pc-1> neighbours
Interface: quay0
  Address       MAC                 Type
  10.20.0.1     3c-5a-b4-00-10-01   dynamic
  10.20.0.12    3c-5a-b4-00-77-02   dynamic
"""
BOOTS = """pc-1> boots
 #  Entry          Path
 1{} Harbour OS     \\harbour\\start.efi
 2{} Rescue         \\rescue\\start.efi
 3  Network        \\net\\start.efi
"""
DRIVERS = """pc-1> drivers
Device               Driver        Version     Date
Wickerlink GbE 210   wlketh.sys    31.0.4      2024-06-14
Ternwave AX 20       {}    4.11.2      2023-09-02
"""


def told(text, fact):
    return [(r.line, r.value.value) for r in read(text.encode()).readings if r.fact == fact]


class AroundRows(unittest.TestCase):
    def test_the_card_above_a_table_is_told_of_every_row(self):
        self.assertEqual(told(NEIGHBOURS, "neighbour.interface"), [(4, "quay0"), (5, "quay0")])

    def test_a_column_that_names_the_card_goes_before(self):
        rows = NEIGHBOURS.replace("Type", "Interface").replace("dynamic", "air1")
        self.assertEqual({value for line, value in told(rows, "neighbour.interface") if line > 2}, {"air1"})

    def test_a_card_further_above_is_told_of_none(self):
        apart = NEIGHBOURS.replace("quay0\n", "quay0\n\n\n\n\n")
        self.assertEqual([line for line, _ in told(apart, "neighbour.interface") if line > 2], [])

    def test_the_one_row_with_a_star_is_the_default(self):
        self.assertEqual(told(BOOTS.format("*", " "), "boot_entry.default"), [(3, True)])

    def test_of_two_stars_neither_is(self):
        self.assertEqual(told(BOOTS.format("*", "*"), "boot_entry.default"), [])

    def test_what_an_entry_is_called_has_no_number(self):
        names = [value for _, value in told(BOOTS.format(" ", " "), "boot_entry.name")]
        self.assertEqual(names, ["Harbour OS", "Rescue", "Network"])

    def test_a_column_of_nothing_but_files_holds_the_drivers_files(self):
        files = DRIVERS.format("twax.sys  ")
        self.assertEqual([value for _, value in told(files, "driver.file")], ["wlketh.sys", "twax.sys"])
        self.assertEqual([value for _, value in told(files, "driver.name")], ["Wickerlink GbE 210", "Ternwave AX 20"])

    def test_one_that_holds_anything_else_names_them(self):
        self.assertEqual(told(DRIVERS.format("twax air  "), "driver.file"), [])
