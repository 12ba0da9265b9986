"""Tables whose first column has no label: what stands there is what the things are called, or their numbers."""

import unittest

from tests.core.readings import told

THINGS = {
    "firewall": (("state", "inbound", "outbound"), (("domain", "on", "blocked", "allowed"), ("public", "OFF", "allowed", "allowed")), "profile", ("domain", "public"), "on", (True, False)),
    "disk": (("size", "bus", "serial"), (("disk 0", "931.5 GB", "NVMe", "BNV1-77204"), ("disk 1", "1863 GB", "SATA", "SH2T-00918")), "number", ("0", "1"), "serial", ("BNV1-77204", "SH2T-00918")),
    "account": (("enabled", "admin", "last logon"), (("icalloway", "yes", "yes", "2025-02-11 08:02"), ("guest", "no", "no", "never")), "name", ("icalloway", "guest"), "enabled", (True, False)),
    "volume": (("size", "free", "file system"), (("C:", "931.5 GB", "88 GB", "HFX2"), ("D:", "1863 GB", "100 GB", "FAT32")), "mount", ("C:", "D:"), "filesystem", ("HFX2", "FAT32")),
    "processor": (("cores", "threads", "clock"), (("Kestrel K5", "6", "12", "3.2 GHz"), ("Kestrel K7", "8", "16", "3.6 GHz")), "name", ("Kestrel K5", "Kestrel K7"), "cores", (6, 8)),
    "adapter": (("mac", "speed", "dhcp"), (("LAN0", "3c-5a-b4-10-01-18", "1 Gbit/s", "yes"), ("WLAN0", "3c-5a-b4-10-01-19", "300 Mbit/s", "no")), "connection", ("LAN0", "WLAN0"), "dhcp", (True, False)),
}  # fmt: skip


def _columns(rows, rule=False):
    widths = [max(map(len, column)) + 3 for column in zip(*rows, strict=True)]
    lines = ["".join(cell.ljust(width) for cell, width in zip(row, widths, strict=True)).rstrip() for row in rows]
    return "\n".join([lines[0], "  ".join("-" * (width - 2) for width in widths), *lines[1:]] if rule else lines)


FORMS = {
    "columns": _columns,
    "ruled": lambda rows: _columns(rows, rule=True),
    "bars": lambda rows: "\n".join("| " + " | ".join(row) + " |" for row in rows),
    "semicolons": lambda rows: "\n".join(map(";".join, rows)),
}


class RowsByName(unittest.TestCase):
    def test_what_stands_before_the_rows_is_what_the_things_are_called(self):
        for group, (labels, rows, naming, names, field, values) in THINGS.items():
            for form, write in FORMS.items():
                with self.subTest(group=group, form=form):
                    found = told(write([("", *labels), *rows]))
                    self.assertEqual([found.get(f"{group}#{n}.{naming}") for n in (1, 2)], list(names))
                    self.assertEqual([found.get(f"{group}#{n}.{field}") for n in (1, 2)], list(values))

    def test_rows_of_several_kinds_keep_theirs(self):
        found = told(
            _columns(
                [("", "total", "used", "free"), ("RAM", "16 GB", "8 GB", "8 GB"), ("swap", "2 GB", "0 GB", "2 GB")]
            )
        )
        self.assertEqual(found["memory.available"], 8 << 30)
        self.assertEqual(found["page_file#1.size"], 2 << 30)
        self.assertNotIn("RAM", found.values())


if __name__ == "__main__":
    unittest.main()
