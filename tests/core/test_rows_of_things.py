"""Rows of bare words: what stands beside a name, whatever the order, each thing where it is printed."""

import itertools
import re
import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.readings import told
from yes_tally.core.reading.reader import read

GB = 10**9
GIB = 2**30


def items(text, group):
    """The items of a group in order: their fields without the group, as values."""
    found = {}
    for reading in read(text.encode()).readings:
        if reading.fact.startswith(f"{group}.") and reading.confidence >= 0.5:
            found.setdefault(reading.item, {})[reading.fact.partition(".")[2]] = reading.value.value
    return list(found.values())


class BesideNames(unittest.TestCase):
    def test_what_stands_beside_a_name_is_no_part_of_it(self):
        for heading, row, group, expected in (
            ("printers", "Hall printer on 10.20.1.90, driver Gullwing 4", "printer",
             {"name": "Hall printer", "port": "10.20.1.90", "driver": "Gullwing 4"}),
            ("printers", "Hall printer (default), port USB001", "printer",
             {"name": "Hall printer", "default": True, "port": "USB001"}),
            ("screens", "Halyard HV27 (HV27-00932), 2560 x 1440", "display",
             {"name": "Halyard HV27", "serial": "HV27-00932", "width": 2560, "height": 1440}),
            ("graphics", "Palefire FX 40 (8 GB), driver 31.0.14.2201, working", "graphics",
             {"name": "Palefire FX 40", "memory": 8 * GIB, "driver_version": "31.0.14.2201", "state": "working"}),
            ("graphics", "Pellucid G4 (Pellucid), 512 MB, working", "graphics",
             {"name": "Pellucid G4", "maker": "Pellucid", "memory": 512 * 2**20, "state": "working"}),
            ("sound", "Murmur HD by Murmur, working", "sound",
             {"name": "Murmur HD", "maker": "Murmur", "state": "working"}),
        ):  # fmt: skip
            with self.subTest(row):
                # The same of another thing below, with other numbers.
                other = re.sub(r"^\w+", "Quarrel", row).translate(str.maketrans("12345", "67890"))
                found = items(f"{heading}:\n  {row}\n  {other}\n", group)
                self.assertEqual(found[0], expected)
                self.assertEqual(len(found), 2)

    def test_a_disk_s_parts_in_any_order_behind_its_name(self):
        parts = {
            "931.51 GB": "size",
            "NVMe": "bus",
            "GPT": "layout",
            "serial BNV1K0044127": "serial",
            "healthy": "health",
        }
        for order in itertools.permutations(parts):
            text = f"Disk 0: Basalt NV1000, {', '.join(order)}\n"
            with self.subTest(text):
                (disk,) = items(text, "disk")
                self.assertEqual(disk["model"], "Basalt NV1000")
                self.assertEqual(disk["serial"], "BNV1K0044127")
                self.assertEqual((disk["bus"], disk["layout"], disk["health"]), ("NVMe", "gpt", "good"))
                self.assertEqual(set(disk), {"number", "model", *parts.values()})

    @settings(max_examples=80, deadline=None)
    @given(st.lists(st.sampled_from(["8 GB", "(8 GB)", "by Murmur", "*", "on USB001", "(default)", "Murmur HD", "working",
                                     "s/n 4711-AB", "512 GB SSD", "", " ", ",", "()", "serial", "C:"]), max_size=7),
           st.sampled_from(["disks", "screens", "printers", "sound", "graphics", "volumes", "memory"]))  # fmt: skip
    def test_any_row_breaks_nothing_and_stands_where_it_says(self, parts, heading):
        report = read(f"{heading}:\n  {', '.join(parts)}\n  {'   '.join(parts)}\n".encode())
        for reading in report.readings:
            line = report.lines[reading.line - 1].text
            self.assertIn(reading.printed.split()[0], line)


class Sockets(unittest.TestCase):
    ROWS = (
        ("{0} 1   DIMM_A1   8 GB   DDR4   2666 MT/s   Siskin", "{0} 2   DIMM_A2   {1}"),
        ("{0} A1   8 GB   DDR4   2666 MT/s   Siskin", "{0} A2   {1}"),
    )

    def test_the_empty_one_is_a_socket_too_in_every_language(self):
        for noun, empty in (
            ("Slot", "empty"), ("Steckplatz", "leer"), ("Emplacement", "vide"), ("Ranura", "vacía"),
            ("Alloggiamento", "vuoto"), ("Ranhura", "vazia"), ("Sleuf", "leeg"), ("Gniazdo", "puste"),
        ):  # fmt: skip
            for rows in self.ROWS:
                text = "".join(f"{row.format(noun, empty)}\n" for row in rows)
                with self.subTest(text):
                    full, free = items(text, "module")
                    self.assertEqual((full["size"], full["type"], full["speed"]), (8 * GIB, "DDR4", 2666))
                    self.assertEqual(set(free), {"slot"})
                    self.assertTrue(free["slot"].endswith("A2"))


class SmallTables(unittest.TestCase):
    def test_modules_of_one_size_are_modules_and_not_the_memory(self):
        for head, size in (("Socket        Size     Type", "8 GB"), ("Emplacement   Taille   Type", "8 Go")):
            for rows in (("A1", "B1"), ("A1",)):
                with self.subTest(head=head, rows=rows):
                    lines = "".join(f"{slot}            {size}     DDR4\n" for slot in rows)
                    found = told(f"q-07 % memory\n\n{head}\n{lines}")
                    self.assertEqual(
                        [found[f"module#{n}.size"] for n in range(1, len(rows) + 1)], [8 << 30] * len(rows)
                    )
                    self.assertNotIn("memory.installed", found)

    def test_a_column_of_parts_is_not_where_they_sit(self):
        found = told(
            "q-07 % memory\n\nPlace    Module                  Size    Speed\nA1       Siskin SK08-D4-2666     8 GB    2666 MT/s\nA2       (empty)\n"
        )
        self.assertEqual(
            (found["module#1.slot"], found["module#1.part"], found["module#1.maker"]), ("A1", "SK08-D4-2666", "Siskin")
        )

    def test_rows_may_begin_with_the_day(self):
        found = told(
            "molo-09> programs --by date\n\n14/06/2024    Harbour Tools      12.0.4417    Harbour\n02/11/2024    Wickerlink Sync    22.04        Wickerlink\ndate unknown  Tideline Ledger    4.2.7        Tideline\n"
        )
        self.assertEqual(
            [found[f"software#{n}.name"] for n in (1, 2, 3)], ["Harbour Tools", "Wickerlink Sync", "Tideline Ledger"]
        )
        self.assertEqual(str(found["software#2.installed_at"])[:10], "2024-11-02")
        self.assertEqual(found["software#3.maker"], "Tideline")

    def test_kinds_of_memory_are_no_volumes(self):
        found = told(
            "q-07 % memory\n\nKind          Total    Free\nPhysical      16 GB    9.2 GB\nVirtual       20 GB    12.0 GB\n"
        )
        self.assertFalse([key for key in found if key.startswith("volume")])

    def test_rows_that_begin_with_letters_are_drives_whatever_heads_them(self):
        found = told(
            "gp-1> band -frei\n\nBand     Bezeichnung    Größe       Frei\nC:       System         930,2 GB    412,7 GB\nE:       Archiv         186,9 GB    87,1 GB\n"
        )
        self.assertEqual([found[f"volume#{n}.mount"] for n in (1, 2)], ["C:", "E:"])
        self.assertEqual(found["volume#2.label"], "Archiv")

    def test_updates_that_were_rolled_back_are_not_installed(self):
        for said in ("rolled back", "teruggedraaid op 06-02-2025", "removed on 2025-02-06"):
            with self.subTest(said):
                found = told(
                    f"gp-1> updates\n\nInstalled (2)\n  HU-24117   2024-12-03   Winter roll-up     done\n  HU-25011   2025-02-05   Card driver        {said}\n"
                )
                self.assertEqual([value for key, value in found.items() if key.endswith(".id")], ["HU-24117"])


class Logs(unittest.TestCase):
    def test_levels_in_every_language_and_ids_in_any_place(self):
        for error, warning in (
            ("error", "warning"), ("Fehler", "Warnung"), ("erreur", "avertissement"), ("error", "advertencia"),
            ("erro", "aviso"), ("errore", "avviso"), ("fout", "waarschuwing"), ("błąd", "ostrzeżenie"),
        ):  # fmt: skip
            for form in (
                "{at}   {level}   disk-port   11   {text}",
                "{at}  {level}  disk-port (11)  {text}",
                "[{at}] {level}   disk-port   (id 11) {text}",
            ):
                text = "".join(
                    form.format(at=f"2025-03-1{day} 09:12:44", level=level, text="The controller of a disk says no.")
                    + "\n"
                    for day, level in enumerate((error, warning, error))
                )
                with self.subTest(text):
                    events = items(text, "event")
                    self.assertEqual(len(events), 3)
                    for day, event in enumerate(events):
                        self.assertEqual(event["at"], f"2025-03-1{day}T09:12:44")
                        self.assertEqual((event["id"], event["source"]), ("11", "disk-port"))
                        self.assertIn("controller", event["text"])


if __name__ == "__main__":
    unittest.main()
