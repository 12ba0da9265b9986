"""Layouts of several on a line: assignments, turned tables, records side by side, things told in words."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.core.reading.cutting.beside import halves
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.shapes import assignments, turned_table
from yes_tally.core.reading.text.decode import decode


def lines(text):
    return decode(text.encode()).lines


def told(text):
    return {(f"{r.item or ''} {r.fact}".strip()): r.value.value for r in read(text.encode()).readings}


class Assignments(unittest.TestCase):
    def test_a_line_is_an_item_where_its_labels_come_again(self):
        found = told('profile=domain  state=ON in=block\nprofile=public  state=OFF in="allow"\n')
        self.assertEqual(found["firewall#2 firewall.profile"], "public")
        self.assertEqual([found[f"firewall#{n} firewall.on"] for n in (1, 2)], [True, False])
        self.assertEqual(found["firewall#2 firewall.inbound"], "allow")

    def test_a_mark_between_them_lets_values_hold_blanks(self):
        found = told("host=nq-acc-03;maker=Oakmere;model=Tern 3;form=desktop\n")
        self.assertEqual((found["machine.model"], found["host.name"]), ("Tern 3", "nq-acc-03"))

    def test_what_is_more_than_assignments_is_none(self):
        for text in (
            "a=b\n",
            "one pair a=b and words\n",
            "x=1 y=2 and more\n",
            "no equals at all\nnothing\n",
            "a b c=1 = d=2\n",
        ):
            with self.subTest(text):
                self.assertIsNone(assignments.lay_out(lines(text)))


class TurnedTables(unittest.TestCase):
    TEXT = "        Slot A1   Slot A2\nSize    8 GB      16 GB\nType    DDR4      DDR4\nSerial  A96AFFCD  93A3781E\n"

    def test_a_column_is_an_item(self):
        layout = turned_table.lay_out(lines(self.TEXT))
        self.assertEqual([c.heading.text for c in layout.groups[0].children], ["Slot A1", "Slot A2"])
        found = told(f"Memory modules\n\n{self.TEXT}")
        sizes = {found[f"module#{n} module.serial"]: found[f"module#{n} module.size"] for n in (1, 2)}
        self.assertEqual(sizes, {"A96AFFCD": 8 * 2**30, "93A3781E": 16 * 2**30})

    def test_a_table_with_labels_over_it_is_no_turned_one(self):
        for text in (
            "Name     Size   Type\nSize     8 GB   a\nType     9 GB   b\nMaker    1 GB   c\n",
            "one  two\nthree  four\nfive  six\nseven  eight\n",
            "Size 1\nType 2\nMaker 3\nSerial 4\n",
        ):
            with self.subTest(text):
                self.assertIsNone(turned_table.lay_out(lines(text)))


class SideBySide(unittest.TestCase):
    TEXT = (
        "        DISK 0                       DISK 1\n"
        "  Model   Basalt NV1000        Model   Shale 1T\n"
        "  Size    1.0 TB               Size    2.0 TB\n"
        "  Serial  B5-8871-QX           Serial  S2-1190-AB\n"
    )

    def test_each_half_is_a_record_of_its_own(self):
        found = told(self.TEXT)
        by_number = {found[f"disk#{n} disk.number"]: found[f"disk#{n} disk.serial"] for n in (1, 2)}
        self.assertEqual(by_number, {"0": "B5-8871-QX", "1": "S2-1190-AB"})

    def test_every_reading_stands_where_it_was_printed(self):
        text = self.TEXT.splitlines()
        for reading in read(self.TEXT.encode()).readings:
            printed = text[reading.line - 1][reading.column - 1 : reading.end_column - 1]
            self.assertEqual(printed, reading.printed)

    def test_one_record_is_not_cut(self):
        for text in ("Model  A   B   C\nSize  1   2   3\n", "a  b  a  b\n" * 5, ""):
            with self.subTest(text):
                self.assertEqual(halves(lines(text)), [])

    @given(st.text(alphabet="Size Model:=;,.\n1", max_size=200))
    def test_any_text_is_read(self, text):
        read(text.encode())


class Braces(unittest.TestCase):
    def test_a_record_on_one_line(self):
        found = told(
            'box {\n  os { name = "Harbour OS 12", edition = "Studio" }\n  memory { installed = 32 GB, slots = 4 }\n}\n'
        )
        self.assertEqual((found["os.name"], found["os.edition"]), ("Harbour OS 12", "Studio"))
        self.assertEqual((found["memory.installed"], found["memory.slots"]), (32 * 2**30, 4))

    def test_braces_around_nothing_that_is_known(self):
        for text in (
            'os { name = "Hit\u00e4t  :-8420;cores=6 (Standar arch = "x86-64" }\n',
            "os { name = }\n",
            "a { b = {} }\n",
        ):
            with self.subTest(text):
                read(text.encode())

    def test_very_many_beside_each_other_are_read_in_time(self):
        self.assertEqual(halves(lines("Size  1  " * 400 + "\n" + "Size  2  " * 400 + "\nSize  3\n")), [])


class InWords(unittest.TestCase):
    def test_what_is_said_of_an_account(self):
        found = told(
            "Accounts\n\nicalloway (Ines Calloway)\n    enabled, no administrator, member of: staff, plans\n"
            "guest\n    disabled, password never expires, never signed in\n"
        )
        self.assertEqual(found["account#1 account.full_name"], "Ines Calloway")
        self.assertEqual((found["account#1 account.enabled"], found["account#2 account.enabled"]), (True, False))
        self.assertIs(found["account#1 account.admin"], False)
        self.assertEqual(found["account#1 account.groups"], ("staff", "plans"))
        self.assertEqual(found["account#2 account.password_expires_at"], "never")
        self.assertEqual(found["account#2 account.last_logon_at"], "never")

    def test_pairs_beside_each_other(self):
        found = told("Start mode ..... UEFI        Secure boot ..... on\n\nMainboard: VB-71      S/N MB0F33A21C9\n")
        self.assertEqual((found["firmware.mode"], found["firmware.secure_boot"]), ("uefi", True))
        self.assertEqual((found["board.model"], found["board.serial"]), ("VB-71", "MB0F33A21C9"))

    def test_a_name_that_a_server_did_not_find(self):
        found = told("server:  ns1.lantern.example\naddress: 10.20.0.53\n\n*** ns1 can't find gone.lantern.example\n")
        self.assertEqual(found["lookup#1 lookup.name"], "gone.lantern.example")
        self.assertEqual(
            (found["lookup#1 lookup.address"], found["lookup#1 lookup.server"]), ((), "ns1.lantern.example")
        )

    def test_rows_with_nothing_between_their_commas_are_read_or_carry_nothing(self):
        for row in ("Hall printer   ,   10.20.1.90", "Hall printer   , , ,   idle", "Hall printer   x,  ,  y"):
            told(f"Printers\n\n{row}\n{row}\n")


class BoxesOfKinds(unittest.TestCase):
    def test_each_cell_is_told_of_what_it_is_headed_by(self):
        found = told(
            "q-1 % sheet\n\n┌────────────────────────┬──────────────────┐\n│ PROCESSOR              │ MEMORY           │\n"
            "│ Kestrel K5-8420        │ 16 GB installed  │\n│ 6 cores, 12 threads    │ 15.8 GB usable   │\n"
            "│ 3.20 GHz (max. 4 GHz)  │ 2 sticks         │\n├────────────────────────┼──────────────────┤\n"
            "│ SYSTEM                 │ LICENCE          │\n│ Harbour OS 12          │ permanent        │\n"
            "│ Desk Pro edition       │ channel: volume  │\n│ build 12.0.4417.82     │ key: ...H6WPQ    │\n"
            "└────────────────────────┴──────────────────┘\n"
        )
        processor = [found[f"processor#1 processor.{field}"] for field in ("name", "cores", "clock", "max_clock")]
        self.assertEqual(processor, ["Kestrel K5-8420", 6, 3_200_000_000, 4_000_000_000])
        self.assertEqual((found["memory.installed"], found["memory.usable"]), (16 << 30, 16965120819))
        self.assertEqual(
            (found["os.name"], found["os.build"], found["licence.key_tail"]), ("Harbour OS 12", "12.0.4417.82", "H6WPQ")
        )


if __name__ == "__main__":
    unittest.main()
