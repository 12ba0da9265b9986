"""Deeper lines between the rows of a table tell more of the row above them, in whatever form, and break no column."""

from __future__ import annotations

import unittest
from itertools import product

from tests.core.readings import told

_FORMS = ("{} {}", "{}: {}", "{} = {}", "({}: {})", "- {}: {}", "-> {} {}", "{}   {}", "{} ..... {}", "└─ {}: {}")
_TABLES = {
    "tasks": (
        ("Task", "State", "Last run"),
        (("Nightly copy", "ready", "2025-02-11 01:30:00"), ("Map refresh", "running", "2025-02-11 08:00:00")),
        (("runs", ("D:\\Bollard\\copy.exe", "C:\\Quay\\qmap.exe")), ("user", ("svc-backup", "LSF\\tquill"))),
        ("task", ("name", "state"), ("runs", "user")),
    ),
    "disks": (
        ("Disk", "Model", "Bus"),
        (("0", "Basalt NV1000", "NVMe"), ("1", "Shale 1T", "SATA")),
        (("serial", ("BNV1K0044127", "SH1T-88120")), ("firmware", ("4B2QBN10", "CC41"))),
        ("disk", ("number", "model", "bus"), ("serial", "firmware")),
    ),
    "modules": (
        ("Socket", "Type", "Maker"),
        (("A1", "DDR4", "Siskin"), ("B1", "DDR4", "Merganser")),
        (("part number", ("SK08-D4-2666", "MG08-D4-1")), ("serial number", ("3F10A9C2", "77A0B1C2"))),
        ("module", ("slot", "type", "maker"), ("part", "serial")),
    ),
}  # fmt: skip


def _columns(cells: tuple[str, ...]) -> str:
    return " " + "".join(f"{cell:<18}" for cell in cells).rstrip()


class MoreBelowRows(unittest.TestCase):
    def test_lines_below_rows_are_told_of_them(self) -> None:
        for (command, (head, rows, more, facts)), form, count, ruled in product(
            _TABLES.items(), _FORMS, (1, 2), (False, True)
        ):
            lines = [f"nq-a % {command}", _columns(head)]
            lines += [_columns(tuple("-" * len(cell) for cell in head))] if ruled else []
            for place, row in enumerate(rows):
                lines.append(_columns(row))
                lines += ["    " + form.format(label, values[place]) for label, values in more[:count]]
            kind, in_columns, below = facts
            with self.subTest(command=command, form=form, count=count, ruled=ruled):
                found = told("\n".join(lines))
                for place, row in enumerate(rows, 1):
                    expected = dict(zip(in_columns, row, strict=False))
                    expected |= {field: more[at][1][place - 1] for at, field in enumerate(below[:count])}
                    self.assertEqual({field: found.get(f"{kind}#{place}.{field}") for field in expected}, expected)
                self.assertNotIn(f"{kind}#3", " ".join(found))

    def test_rows_without_a_head(self) -> None:
        found = told(
            "nq-a % disks\n 0  Basalt NV1000  931.5 GB\n      serial BNV1K0044127, health good\n"
            " 1  Shale 1T       931.5 GB\n      serial SH1T-88120, health warning\n"
        )
        self.assertEqual([found.get(f"disk#{n}.model") for n in (1, 2, 3)], ["Basalt NV1000", "Shale 1T", None])
        self.assertEqual([found.get(f"disk#{n}.serial") for n in (1, 2)], ["BNV1K0044127", "SH1T-88120"])
        self.assertEqual([found.get(f"disk#{n}.health") for n in (1, 2)], ["good", "warning"])

    def test_heads_of_records_stay_what_they_are(self) -> None:
        found = told(
            "nq-a % adapters\nQuay LAN     Wickerlink GbE 210    up\n   Hardware  3c-5a-b4-10-01-18\n"
            "   Address   10.20.1.118\nQuay air     Ternwave AX 20        down\n   Hardware  3c-5a-b4-10-01-19\n"
        )
        self.assertEqual(
            [found.get(f"adapter#{n}.name") for n in (1, 2, 3)], ["Wickerlink GbE 210", "Ternwave AX 20", None]
        )
        self.assertEqual(found.get("adapter#1.mac"), "3c:5a:b4:10:01:18")

    def test_messages_of_events_stay_theirs(self) -> None:
        found = told(
            "nq-a % events\n2025-02-11 08:41:17  ERROR    diskhost   7\n    Driver of the disk was started again.\n"
            "2025-02-11 07:58:10  INFO     kernel    12\n    State of the clock was set.\n"
        )
        self.assertEqual(found.get("event#1.text"), "Driver of the disk was started again.")
        self.assertEqual(found.get("event#2.text"), "State of the clock was set.")


if __name__ == "__main__":
    unittest.main()
