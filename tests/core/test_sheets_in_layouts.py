"""A sheet of the whole PC, part by part, in the layouts that sheets have: each fact is read of its part."""

import json
import unittest

from tests.core.readings import told

GIB = 2**30
# Part: label, another label, what is printed, the fact and its value.
SHEET = {
    "Machine": (
        ("Maker", "Manufacturer", "Corrane", "machine.maker", "Corrane"),
        ("Model", "Product name", "Tallow 520 MT", "machine.model", "Tallow 520 MT"),
        ("Serial number", "Service number", "CRN7K20418", "machine.serial", "CRN7K20418"),
        ("Asset tag", "Asset number", "LSF-00417", "machine.tag", "LSF-00417"),
        ("Chassis", "Case", "Tower", "machine.form", "tower"),
    ),
    "Mainboard": (
        ("Maker", "Manufacturer", "Fennimore", "board.maker", "Fennimore"),
        ("Model", "Product", "FB-520", "board.model", "FB-520"),
        ("Version", "Revision", "1.02", "board.version", "1.02"),
        ("Serial number", "Serial", "FB7710042", "board.serial", "FB7710042"),
    ),
    "Firmware": (
        ("Maker", "Vendor", "Loamgate", "firmware.maker", "Loamgate"),
        ("Version", "Firmware version", "L52.1.18", "firmware.version", "L52.1.18"),
        ("Date", "Release date", "2023-09-04", "firmware.dated", "2023-09-04"),
        ("Mode", "Boot mode", "UEFI", "firmware.mode", "uefi"),
        ("Secure boot", "Secure boot state", "on", "firmware.secure_boot", True),
    ),
    "System": (
        ("Name", "Operating system", "Harbour OS 12", "os.name", "Harbour OS 12"),
        ("Edition", "OS edition", "Desk Pro", "os.edition", "Desk Pro"),
        ("Version", "OS version", "12.0", "os.version", "12.0"),
        ("Build", "Build number", "12.0.4417.82", "os.build", "12.0.4417.82"),
        ("Installed", "Install date", "2024-06-14 10:22", "os.installed_at", "2024-06-14T10:22:00"),
        ("Language", "System language", "en-GB", "os.language", "en-GB"),
    ),
    "Memory": (
        ("Installed", "Total", "16.0 GB", "memory.installed", 16 * GIB),
        ("Free", "Available", "9,412 MB", "memory.available", 9412 * 2**20),
        ("Slots", "Sockets", "4", "memory.slots", 4),
        ("Maximum", "Max capacity", "64 GB", "memory.limit", 64 * GIB),
    ),
    "Licence": (
        ("State", "Licence status", "activated", "licence.state", "active"),
        ("Channel", "Licence type", "volume", "licence.channel", "volume"),
        ("Expires", "Expiry date", "2025-03-03", "licence.expires_at", "2025-03-03"),
        ("Key ends in", "Partial key", "H6WPQ", "licence.key_tail", "H6WPQ"),
    ),
}


def _headed(head, pair, between="\n"):
    return lambda parts: between.join(
        "\n".join((head.format(name=name, upper=name.upper(), low=name.lower()), *(pair.format(*p) for p in pairs)))
        for name, pairs in parts
    )


def _each(form):
    return lambda parts: "\n".join(
        form.format(part=name, low=name.lower(), label=label, key=label.lower().replace(" ", "_"), printed=printed)
        for name, pairs in parts
        for label, printed in pairs
    )


def _one_line(pair, mark):
    return lambda parts: "\n".join(f"{name}: {mark.join(pair.format(*p) for p in pairs)}" for name, pairs in parts)


def _two_a_line(mark):
    def write(parts):
        lines = []
        for name, pairs in parts:
            lines.append(name.upper())
            for place in range(0, len(pairs), 2):
                cells = (f"{label + mark:<22}{printed:<30}" for label, printed in pairs[place : place + 2])
                lines.append("  " + "   ".join(cells).rstrip())
            lines.append("")
        return "\n".join(lines)

    return write


def _columns(once):
    def write(parts):
        rows = [("Section", "Item", "Value")]
        for name, pairs in parts:
            rows += [(name if not (once and place) else "", *pair) for place, pair in enumerate(pairs)]
        wide = [max(map(len, column)) for column in zip(*rows, strict=True)]
        return "\n".join("  ".join(c.ljust(w) for c, w in zip(row, wide, strict=True)).rstrip() for row in rows)

    return write


LAYOUTS = {
    "under names": _headed("{name}", "  {}: {}", "\n\n"),
    "under names in brackets": _headed("[{name}]", "{} = {}"),
    "under names in capitals": _headed("{upper}", "    {:<24}{}", "\n\n"),
    "under drawn names": _headed("--- {name} -----------", "{:<24}: {}"),
    "bullets": _headed("* {name}", "  - {}: {}"),
    "list": _headed("{low}:", "  {}: {}"),
    "behind a slash": _each("{part} / {label}: {printed}"),
    "behind an arrow": _each("{part} > {label:<24} {printed}"),
    "behind a dot": _each("{low}.{key}={printed}"),
    "words on one line": _one_line("{} {}", ", "),
    "pairs on one line": _one_line("{}: {}", "; "),
    "two pairs a line": _two_a_line(":"),
    "two gaps a line": _two_a_line(""),
    "three columns": _columns(once=False),
    "three columns, each part named once": _columns(once=True),
    **{
        f"parted by {mark.strip()}": _headed("[{name}]", f"{{:<24}}{mark}{{}}")
        for mark in (" -> ", " => ", " > ", " » ", " :: ", " := ", " · ", " - ", " -- ", " ~ ")
    },
    "parted by a semicolon": _headed("== {name} ==", "{}; {}"),
    "parted by a colon alone": _headed("{name}", "  {}:{}", "\n\n"),
    "labels in brackets": _headed("{name}", "  [{}] {}", "\n\n"),
    "labels in angles": _headed("{name}", "  <{}> {}", "\n\n"),
    "two fields": _headed("# {name}", '"{}","{}"', "\n\n"),
    "between tabs": _headed("{name}", "{}\t{}", "\n\n"),
    "JSON": lambda parts: json.dumps({name.lower(): dict(pairs) for name, pairs in parts}, indent=2),
}


class SheetsInLayouts(unittest.TestCase):
    def test_each_fact_is_read_of_its_part(self):
        expected = {fact: value for rows in SHEET.values() for *_, fact, value in rows}
        for (layout, write), wording in ((item, wording) for item in LAYOUTS.items() for wording in (0, 1)):
            with self.subTest(layout=layout, wording=wording):
                parts = [(name, [(row[wording], row[2]) for row in rows]) for name, rows in SHEET.items()]
                text = f"nq-acc-03> pcsheet\n\n{write(parts)}\n"
                found = told(text)
                self.assertEqual(found.pop("host.name"), "nq-acc-03")
                self.assertEqual({k: str(v) for k, v in found.items()}, {k: str(v) for k, v in expected.items()}, text)
