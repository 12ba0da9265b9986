"""Rows without a head, under what names them: parted by any mark, numbered in any way, each part told by its form."""

import unittest

from tests.core.readings import told

# Of each kind: its heading, the fields in order, and two rows.
KINDS = {
    "disk": ("Disks", "number model size bus media health",
             "0|Basalt SX240|223.6 GB|SATA|SSD|healthy", "1|Shale 1T|931.5 GB|SATA|HDD|failing"),
    "module": ("Memory modules", "slot size type speed maker",
               "A1|8 GB|DDR4|2666 MT/s|Siskin", "B1|16 GB|DDR4|2666 MT/s|Sedgeline"),
    "adapter": ("Network adapters", "connection name mac ipv4 connected",
                "LAN|Wickerlink GbE 210|3c:5a:b4:90:00:11|10.20.9.14|connected",
                "WLAN|Ternwave AX 20|3c:5a:b4:90:00:12|10.20.9.15|disconnected"),
    "graphics": ("Graphics cards", "name memory driver_version state",
                 "Lumenarc LX 550|4 GB|31.0.15.2|working", "Kestrel built-in|128 MB|30.0.101|off"),
    "account": ("Accounts", "name full_name enabled admin",
                "icalloway|Ines Calloway|enabled|administrator", "mquill|Maud Quill|disabled|no administrator"),
    "volume": ("Volumes", "mount label filesystem size free",
               "C:|SYSTEM|HFX3|475.9 GB|210.9 GB free", "D:|ARCHIVE|HFX3|931.5 GB|96.0 GB free"),
}  # fmt: skip
MARKS = ("   ", " | ", "  |  ", " / ", "; ", ", ", " - ", " · ")
# What the tables of the catalogue's other readers take rows of drives and of modules for with these is less.
LESS = {("volume", ", "), ("volume", "; "), ("account", ", ")}


def row(cells, mark, numbered):
    if numbered == "a colon":
        return f"{cells[0]}: {mark.join(cells[1:])}"
    return ("- " if numbered == "a bullet" else "") + mark.join(cells)


class RowsInParts(unittest.TestCase):
    def test_every_part_is_told_by_its_form(self):
        for kind, (heading, fields, *rows) in KINDS.items():
            for mark in MARKS:
                for numbered in ("nothing", "a colon", "a bullet"):
                    if numbered == "a colon" and (kind == "volume" or mark == "   "):
                        continue
                    lines = [row(cells.split("|"), mark, numbered) for cells in rows]
                    with self.subTest(kind, mark=mark, before=numbered):
                        found = told(f"{heading}\n" + "".join(f"  {line}\n" for line in lines))
                        missed = [
                            f"{kind}#{n}.{field}"
                            for n in (1, 2)
                            for field in fields.split()
                            if f"{kind}#{n}.{field}" not in found
                        ]
                        self.assertLessEqual(len(missed), 4 if (kind, mark) in LESS else 0, (missed, found))
                        self.assertFalse([key for key in found if not key.startswith(kind)], found)

    def test_the_same_is_read_whatever_parts_it(self):
        for kind in ("disk", "adapter", "graphics"):
            heading, _, *rows = KINDS[kind]
            texts = {mark: "".join(f"  {row(cells.split('|'), mark, 'nothing')}\n" for cells in rows) for mark in MARKS}
            found = {mark: told(f"{heading}\n{text}") for mark, text in texts.items()}
            for mark in MARKS:
                with self.subTest(kind, mark=mark):
                    self.assertEqual(found[mark], found[" | "])

    def test_sentences_counts_and_labels_are_no_rows(self):
        for text in (
            "Disks\n  3 disks, 1 of them failing.\n",
            "Disks\n  0 errors, 1 warning\n",
            "Disks\n  sum of the disks, 1,430,708 MB, 643,224 MB free\n",
            "Accounts\n  tquill    console   since yesterday\n",
        ):
            with self.subTest(text):
                self.assertEqual([key for key in told(text) if key.endswith((".model", ".full_name", ".name"))], [])


VOLUMES = """   C:{0}222.9 GB, 61.2 GB free, HFX2, encrypted
   D:{0}12.9 GB, 1.2 GB free, HFX2, not encrypted
"""


class DrivesByTheirLetters(unittest.TestCase):
    def test_below_their_disk_and_alone(self):
        for between in (" ", " ............ "):
            for above in (f"Disk 0:{between}Basalt SX240, 223.6 GB, SATA SSD, good\n", "Volumes\n"):
                with self.subTest(between=between, above=above):
                    found = told(above + VOLUMES.format(between))
                    self.assertEqual([found.get(f"volume#{n}.mount") for n in (1, 2)], ["C:", "D:"])
                    self.assertEqual([found.get(f"volume#{n}.encrypted") for n in (1, 2)], [True, False])
                    self.assertFalse({"disk#1.unallocated", "disk#1.read_only"} & set(found), found)


class NothingIsCalledSo(unittest.TestCase):
    def test_what_is_absent_or_failed_has_no_name(self):
        for value in (
            "não existe", "niet aanwezig", "nicht vorhanden", "n'existe pas", "non presente", "nie ma", "not present",
            "the service did not respond (timed out)", "access denied for this user",
        ):  # fmt: skip
            for label in ("Battery", "Printers", "Sound card"):
                with self.subTest(label, value=value):
                    self.assertEqual(list(told(f"{label}: {value}\nMemory: 8 GB\n")), ["memory.installed"])


if __name__ == "__main__":
    unittest.main()
