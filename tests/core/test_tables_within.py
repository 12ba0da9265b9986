"""Tables that stand within what is told in pairs, with no empty line between: below their disk's pairs, and between a PC's."""

import unittest
from itertools import product

from yes_tally.core.reading import reader
from yes_tally.core.reading.cutting.tables_within import tables_within
from yes_tally.core.reading.text.decode import Line

PAIRS = {
    "colon": lambda label, value: f"{label:14}: {value}",
    "gap": lambda label, value: f"{label:14}  {value}",
    "dots": lambda label, value: f"{label + ' ':.<20} {value}",
}
HEADINGS = ("{}", "{}:", "{} (2)", "")
DISKS = (
    (("Model", "Basalt NV2000"), ("Serial number", "BSL-88120-XQ"), ("Bus", "NVMe")),
    (("Model", "Shale HD4000"), ("Serial number", "SH-1120"), ("Bus", "USB")),
)
PARTS = {
    "Partitions": (("No", "number"), ("Type", "kind"), ("Size", "size"), ("Start", "start")),
    "Volumes": (("Drive", "mount"), ("Label", "label"), ("Format", "filesystem"), ("Free", "free")),
}
ROWS = {
    "Partitions": ((("1", "EFI system", "260 MB", "1 MB"), ("3", "primary", "1.82 TB", "277 MB")), (("1", "primary", "3.64 TB", "1 MB"),)),
    "Volumes": ((("C:", "System", "HFX2", "640 GB"), ("D:", "Maps", "HFX2", "12 GB")), (("E:", "Copies", "HFX1", "812 GB"),)),
}  # fmt: skip
PC = (
    ("Maker", "Corrane", "machine.maker"),
    ("Model", "Tallow 520 MT", "machine.model"),
    ("Serial number", "CRN7K20418", "machine.serial"),
)
SYSTEM = (
    ("Operating system", "Harbour OS 12", "os.name"),
    ("Build", "12.0.4417.82", "os.build"),
    ("Edition", "Desk Pro", "os.edition"),
)
LISTS = {
    "Memory modules": ("module.slot", ("Slot", "Size", "Type", "Speed"), (("A1", "8 GB", "DDR4", "2666"), ("B1", "16 GB", "DDR4", "3200"))),
    "Network cards": ("adapter.name", ("Name", "MAC", "Speed"), (("Wickerlink GbE 210", "3c:5a:b4:10:77:e2", "1 Gbit/s"), ("Ternwave AX 20", "3c:5a:b4:10:77:e3", "300 Mbit/s"))),
    "Printers": ("printer.name", ("Name", "Driver", "Port"), (("Hall", "Inkwell 4100", "IP_10.20.5.31"), ("Office", "Inkwell C900", "IP_10.20.5.33"))),
    "Accounts": ("account.name", ("Account", "Full name", "Admin"), (("till", "Till of the pier", "no"), ("rarkwell", "Rufus Arkwell", "yes"))),
}  # fmt: skip


def _plain(head, rows):
    widths = [max(map(len, column)) for column in zip(head, *rows, strict=True)]
    return ["  ".join(map(str.ljust, row, widths)).rstrip() for row in (head, *rows)]


def _ruled(head, rows):
    first, *below = _plain(head, rows)
    widths = [max(map(len, column)) for column in zip(head, *rows, strict=True)]
    return [first, "  ".join("-" * width for width in widths), *below]


def _barred(head, rows):
    widths = [max(map(len, column)) for column in zip(head, *rows, strict=True)]
    return [" | ".join(map(str.ljust, row, widths)).rstrip() for row in (head, *rows)]


def _boxed(head, rows):
    first, *below = _barred(head, rows)
    border = "+" + "+".join("-" * (len(cell) + 2) for cell in f"{first} ".split(" | ")) + "+"
    lines = [f"| {line.ljust(len(border) - 4)} |" for line in (first, *below)]
    return [border, lines[0], border, *lines[1:], border]


TABLES = (_plain, _ruled, _barred, _boxed)


def told(text):
    """The readings of a text that may be relied on, as ``(fact, value, item)``."""
    return [(r.fact, r.value.value, r.item) for r in reader.read(text.encode()).readings if r.confidence >= 0.5]


def lines_of(text):
    return [Line(number, line, 0, 0) for number, line in enumerate(text.splitlines(), 1)]


class TablesWithin(unittest.TestCase):
    def test_a_disks_parts_stand_under_their_disk(self) -> None:
        for (mark, pair), heading, table, part in product(PAIRS.items(), HEADINGS, TABLES, PARTS):
            for blank in ("", "\n"):
                lines = ["C:\\> show-disks --all\n"]
                for number, (pairs, rows) in enumerate(zip(DISKS, ROWS[part], strict=True)):
                    lines.append(f"Disk {number}")
                    lines += ["  " + pair(*of) for of in pairs]
                    lines += ["  " + heading.format(part)] if heading else []
                    lines += ["    " + line for line in table([label for label, _ in PARTS[part]], rows)]
                    lines[-1] += blank
                text = "\n".join(lines) + "\n"
                with self.subTest(mark=mark, heading=heading, table=table.__name__, part=part, blank=blank):
                    found = told(text)
                    group = part[:-1].lower()
                    models = [value for fact, value, _ in found if fact == "disk.model"]
                    self.assertEqual(models, ["Basalt NV2000", "Shale HD4000"], text)
                    names = [row[0] for rows in ROWS[part] for row in rows]
                    under = ["0", "0", "1"]
                    name = f"{group}.{PARTS[part][0][1]}"
                    self.assertEqual([value for fact, value, _ in found if fact == name], names, text)
                    self.assertEqual([value for fact, value, _ in found if fact == f"{group}.disk"], under, text)
                    for _, field in PARTS[part][1:]:
                        self.assertEqual(sum(fact == f"{group}.{field}" for fact, _, _ in found), len(names), text)

    def test_lists_stand_between_a_pcs_pairs(self) -> None:
        for (mark, pair), heading, table, listed in product(PAIRS.items(), HEADINGS[1:3], TABLES, LISTS):
            fact, head, rows = LISTS[listed]
            for indent in ("", "  "):
                lines = [
                    *(pair(label, value) for label, value, _ in PC),
                    heading.format(listed),
                    *(indent + line for line in table(head, rows)),
                    *(pair(label, value) for label, value, _ in SYSTEM),
                ]
                text = "C:\\> about-pc --all\n\n" + "\n".join(lines) + "\n"
                with self.subTest(mark=mark, heading=heading, table=table.__name__, listed=listed, indent=indent):
                    found = told(text)
                    single = {fact: value for fact, value, item in found if item is None}
                    for _, value, of in (*PC, *SYSTEM):
                        self.assertEqual(single.get(of), value, text)
                    self.assertEqual([value for of, value, _ in found if of == fact], [row[0] for row in rows], text)

    def test_pairs_below_a_table_go_to_their_record(self) -> None:
        report = "Disk 0\n  Model    Basalt NV2000\n  Bus      NVMe\n  Partitions\n    No  Type     Size\n    1   primary  3 TB\n  Health   good\nDisk 1\n  Model    Shale HD4000\n"
        parts = [[line.text.strip() for line in part] for part in tables_within(lines_of(report))]
        self.assertEqual([part[0] for part in parts], ["Disk 0", "Partitions", "No  Type     Size", "Disk 1"], parts)
        self.assertEqual(parts[0][-1], "Health   good")

    def test_what_is_no_table_is_not_cut(self) -> None:
        for text in (
            "Section    Item           Value\nMachine    Maker          Corrane\n           Model          Tallow 520 MT\n           Serial number  CRN7K20418\nMainboard  Maker          Fennimore\n           Model          FB-520",
            "Letter  Label   Size     Free\nC:      System  475 GB   60 GB\nE:      optical\nZ:      PLANS   4 TB     800 GB",
            "Model: Basalt\nSize: 1 TB\nBus: NVMe",
            "",
        ):
            lines = lines_of(text)
            self.assertEqual([len(part) for part in tables_within(lines)], [len(lines)] if lines else [], text)
