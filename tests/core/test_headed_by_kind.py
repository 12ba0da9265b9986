"""What a table's or a tree's things are called by: headings of their kind over the first column, keys of a map."""

import json
import unittest

from tests.core.readings import told
from tests.core.test_wordings import wordings

# Of each kind, what its things are called in two rows, and two other columns: the field and what stands in the rows.
TABLES = {
    "task": ("Nightly copy", "Disk tidy", "next_run_at", "2025-02-12 02:00", "2025-02-13 03:00", "last_result", "0", "1"),
    "printer": ("Hall printer", "Labels", "driver", "Inkwell C7", "Gullwing 4", "port", "10.60.1.92", "USB001"),
    "account": ("arkwell", "visita", "enabled", "yes", "no", "last_logon_at", "2025-02-12 02:00", "2025-02-13 03:00"),
    "adapter": ("Wickerlink GbE 210", "Ternwave AX 20", "mac", "3c:5a:b4:10:77:e2", "3c:5a:b4:10:77:e3", "ipv4", "10.20.1.41", "10.20.1.42"),
    "update": ("HP411902", "HP411877", "installed_at", "2025-02-12", "2025-02-13", "title", "Security fix", "Driver set"),
    "software": ("Quaymaster Desk", "Tallow Sync", "version", "1.2.3", "4.5.6", "maker", "Quaymaster", "Tallow"),
    "driver": ("Wickerlink GbE", "Palefire FX", "version", "1.2.3.4", "4.5.6.1", "provider", "Quaymaster", "Tallow"),
    "process": ("quaymaster", "sync", "user", "anna", "SYSTEM", "memory", "12 MB", "15 MB"),
    "firewall": ("domain", "public", "inbound", "block", "block", "outbound", "allow", "allow"),
    "module": ("A1", "A2", "size", "8 GB", "16 GB", "speed", "2666 MT/s", "3200 MT/s"),
    "disk": ("Basalt NV500", "Shale 1T", "size", "476.3 GB", "930.2 GB", "serial", "BNV5K00917", "SH1T0044"),
    "display": ("Veldt V27", "Pellucid P24h", "serial", "VV27-00932", "VV27-00933", "width", "1920", "2560"),
}  # fmt: skip


def table(*rows: tuple[str, ...]) -> str:
    widths = [max(map(len, column)) + 3 for column in zip(*rows, strict=True)]
    return "\n".join(
        "".join(cell.ljust(width) for cell, width in zip(row, widths, strict=True)).rstrip() for row in rows
    )


class HeadedByKind(unittest.TestCase):
    def test_the_heading_of_a_kind_over_the_first_column_names_its_things(self):
        labels: dict[tuple[str, str], str] = {}
        for fact, language, label in wordings("labels.txt"):
            labels.setdefault((fact, language), label)
        headed = [(kind, language, heading) for kind, language, heading in wordings("headings.txt") if kind in TABLES]
        self.assertGreater(len(headed), 200)
        nameless = []
        for kind, language, heading in headed:
            one, other, first, *cells, last, in_one, in_other = TABLES[kind]
            heads = (heading, *(labels.get((f"{kind}.{field}", language), field) for field in (first, last)))
            said = told(table(heads, (one, cells[0], in_one), (other, cells[1], in_other)))
            if not {one, other} <= {value for value in said.values() if isinstance(value, str)}:
                nameless.append((kind, language, heading))
        self.assertEqual(nameless, [])


MAPS = {
    "account": {"kiosk": {"fullName": "Ticket kiosk", "enabled": True, "admin": False, "groups": ["Users"]},
                "ofenwick": {"fullName": "Odile Fenwick", "enabled": True, "admin": True, "groups": ["Administrators", "Users"]}},
    "adapter": {"Quayside LAN": {"device": "Wickerlink GbE 210", "mac": "3c:5a:b4:10:77:e2", "ipv4": "10.20.1.41", "up": True},
                "Landing air": {"device": "Ternwave AX 20", "mac": "3c:5a:b4:10:77:e3", "up": False}},
    "volume": {"C": {"label": "SYSTEM", "fs": "HFX2", "bytes": 998000000000, "freeBytes": 37000000000},
               "D": {"label": "ARCHIVE", "fs": "HFX2", "bytes": 998000000000, "freeBytes": 402000000000}},
    "module": {"A1": {"size": "8 GB", "type": "DDR4", "speed": "2666 MT/s"}, "A2": {"size": "16 GB", "type": "DDR4", "speed": "3200 MT/s"}},
    "printer": {"Hall printer": {"port": "10.20.1.90", "driver": "Gullwing 4", "default": True},
                "Labels": {"port": "USB001", "driver": "Labelpress 2", "default": False}},
}  # fmt: skip
NAMES = {
    "account": ("name", "kiosk", "ofenwick"), "adapter": ("connection", "Quayside LAN", "Landing air"), "volume": ("mount", "C:", "D:"),
    "module": ("slot", "A1", "A2"), "printer": ("name", "Hall printer", "Labels"),
}  # fmt: skip


class NamedByKey(unittest.TestCase):
    def test_the_keys_of_a_map_name_what_its_objects_tell_of(self):
        for kind, things in MAPS.items():
            with self.subTest(kind):
                field, *names = NAMES[kind]
                said = told(json.dumps({"collected": "2025-02-11", "parts": things}, indent=2))
                self.assertEqual([said.get(f"{kind}#{number}.{field}") for number in (1, 2)], names)
