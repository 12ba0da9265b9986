"""Tables whose rows stand otherwise than below each other, and what stands around them."""

import unittest

from tests.core.readings import told

HEAD = ("Drive", "Name", "System", "Size", "Free", "State")
ROWS = (
    ("C:", "SYSTEM", "HFX2", "475.9 GB", "201.9 GB", "healthy"),
    ("D:", "WORKSHOP DRAWINGS", "HFX2", "931.4 GB", "88.1 GB", "healthy"),
    ("F:", "PEBBLE", "FAT32", "58.6 GB", "12.0 GB", "worn"),
)
WIDTHS = [max(map(len, column)) for column in zip(HEAD, *ROWS, strict=True)]


def padded(row):
    return "  ".join(cell.ljust(width) for cell, width in zip(row, WIDTHS, strict=True)).rstrip()


def joined(mark):
    return [mark.join(row) for row in (HEAD, *ROWS)]


LINES = [padded(row) for row in (HEAD, *ROWS)]
RULE = "-" * 60
FORMS = {
    "ragged, two blanks between": joined("  "),
    "dots between": joined(" · "),
    "slashes between": joined(" / "),
    "bars between": joined(" | "),
    "bars that touch": joined("|"),
    "tabs between": joined("\t"),
    "an empty line below the head": [LINES[0], "", *LINES[1:]],
    "empty lines between rows": [LINES[0], LINES[1], "", *LINES[2:]],
    "rules above, below and under the head": [RULE, LINES[0], RULE, *LINES[1:], RULE],
    "counted": [f"{n or '#':>3} {line}" for n, line in enumerate(LINES)],
}


class TablesInOtherForms(unittest.TestCase):
    def test_every_row_is_read(self):
        for form, lines in FORMS.items():
            with self.subTest(form):
                found = told("nq-1> volumes\n" + "\n".join(lines) + "\n")
                for number, (mount, label, system, *_, state) in enumerate(ROWS, 1):
                    read = [
                        found.get(f"volume#{number}.{field}") for field in ("mount", "label", "filesystem", "state")
                    ]
                    self.assertEqual(read, [mount, label, system, state], found)

    def test_a_row_between_bars_may_begin_or_end_blank(self):
        found = told(
            "nq-1> auditing\nCategory | Subcategory | Recorded\nSign-in | Sign-out | success\n | Lock | failure\n"
            "Objects | Files |\n"
        )
        self.assertEqual((found["policy#1.category"], found["policy#2.subcategory"]), ("Sign-in", "Lock"))
        self.assertEqual(found["policy#2.records"], "failure")
        self.assertNotIn("policy#3.records", found)

    def test_a_first_row_that_comes_again_is_no_head(self):
        found = told("nq-1> accounts\nicalloway\tInes Calloway\ton\tadmin\nsvc-desk\tService desk\ton\tadmin\n")
        self.assertEqual((found["account#1.name"], found["account#2.name"]), ("icalloway", "svc-desk"))

    def test_a_long_value_moves_the_next_pair_on(self):
        found = told(
            "nq-1> glance\nMaker     Corrane          OS        Harbour OS 12\nModel     Tallow 520       Build     12.0.4417\n"
            "Firmware  L52.1.18 (Sep 2023)  CPU       Kestrel K5-8420\nSerial    CRN7K20418       Language  en-GB\n"
        )
        self.assertEqual((found["processor#1.name"], found["os.language"]), ("Kestrel K5-8420", "en-GB"))


class AroundThem(unittest.TestCase):
    def test_a_disk_named_over_the_table_of_its_parts(self):
        head = "Disk 1 (Shale 2T, 1.82 TiB, GPT, online)\n"
        table = " No.  Type   Start    Length\n 1    EFI    1 MiB    100 MiB\n 2    basic  117 MiB  1.82 TiB\n"
        box = (
            "+-----+-------+---------+----------+\n| No. | Type  | Start   | Length   |\n+-----+-------+---------+----------+\n"
            "| 1   | EFI   | 1 MiB   | 100 MiB  |\n| 2   | basic | 117 MiB | 1.82 TiB |\n+-----+-------+---------+----------+\n"
        )
        for form, below in (("below an empty line", f"\n{table}"), ("in a box", box), ("right below", table)):
            with self.subTest(form):
                found = told(f"gp-2 :: layout\n\n{head}{below}")
                self.assertEqual([found[f"disk#1.{field}"] for field in ("number", "model", "layout")], ["1", "Shale 2T", "gpt"])  # fmt: skip
                self.assertEqual((found["partition#2.disk"], found["partition#2.kind"]), ("1", "basic"))

    def test_lines_below_a_processor_s_name_tell_of_it(self):
        found = told(
            "gp-2> processor\nKestrel K7-9650 (8 cores, 16 threads)\nbase 3.60 GHz, at most 4.90 GHz\n"
            "Cache: L1 512 KB, L2 4 MB; 64 bits; virtualisation on\n"
        )
        told_of_it = [found[f"processor#1.{field}"] for field in ("name", "cores", "max_clock", "cache_l2", "width")]
        self.assertEqual(told_of_it, ["Kestrel K7-9650", 8, 4_900_000_000, 4 * 2**20, 64])
        self.assertNotIn("processor#2.name", found)

    def test_updates_parted_by_dashes_under_a_heading_that_counts_them(self):
        found = told(
            "gp-2> fixes\nInstalled (2):\n  HU-25009 - Time zone data 2025 - 2025-02-04\n"
            "  HU-25006 - Security: printing - 2025-01-14\n"
        )
        self.assertEqual(
            [found[f"update#{n}.{field}"] for n in (1, 2) for field in ("id", "title", "installed_at")],
            ["HU-25009", "Time zone data 2025", "2025-02-04", "HU-25006", "Security: printing", "2025-01-14"],
        )
