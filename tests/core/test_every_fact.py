"""Every fact of the catalogue is read where it is told: in records, in tables, in JSON and in delimited rows.

The samples are one value a fact, as a tool would print it, and what it is; labels are drawn from the phrasebook.
"""

import json
import unittest

from yes_tally.core.catalogue import FACTS, FIELDS, ITEMS, SINGLE_GROUPS
from yes_tally.core.reading.phrases import LANGUAGES
from yes_tally.core.reading.reader import read

MIB, GIB = 2**20, 2**30
# fact: (first item's print, second item's print) -> what they are
SAMPLES: dict[str, tuple[tuple[str, object], ...]] = {
    "processor": {
        "socket": (("CPU 0", "CPU 0"), ("CPU 1", "CPU 1")), "name": (("Kestrel K5-8420",) * 2, ("Plover P3-2210",) * 2), "maker": (("Kestrel",) * 2, ("Plover",) * 2),
        "cores": (("6", 6), ("2", 2)), "threads": (("12", 12), ("4", 4)), "clock": (("3.20 GHz", 3_200_000_000), ("2400 MHz", 2_400_000_000)),
        "max_clock": (("4.10 GHz", 4_100_000_000), ("3.00 GHz", 3_000_000_000)), "cache_l2": (("1536 KB", 1536 * 1024), ("512 KB", 512 * 1024)),
        "cache_l3": (("9 MB", 9 * MIB), ("4 MB", 4 * MIB)), "stepping": (("3", "3"), ("7", "7")),
    },
    "module": {
        "slot": (("A1", "A1"), ("B1", "B1")), "bank": (("CH-A/0", "CH-A/0"), ("CH-B/0", "CH-B/0")), "size": (("8 GB", 8 * GIB), ("16,384 MB", 16 * GIB)),
        "type": (("DDR4", "DDR4"), ("34", "DDR5")), "form": (("DIMM", "dimm"), ("SO-DIMM", "so-dimm")), "speed": (("2666 MT/s", 2666), ("4800", 4800)),
        "running_speed": (("2400 MT/s", 2400), ("4800", 4800)), "maker": (("Siskin",) * 2, ("Dunlin",) * 2),
        "part": (("SK08-D4-2666",) * 2, ("DN16-D5-4800",) * 2), "serial": (("3F10A9C2",) * 2, ("B05B08A1",) * 2), "pins": (("288", 288), ("262", 262)),
    },
    "disk": {
        "number": (("0", "0"), ("1", "1")), "model": (("Basalt NV500",) * 2, ("Shale 1T",) * 2), "serial": (("B5-7714-QX",) * 2, ("SH-00412-A",) * 2),
        "size": (("500,107,862,016 bytes", 500107862016), ("1000204886016", 1000204886016)), "media": (("solid state", "ssd"), ("spinning", "hdd")),
        "bus": (("NVMe",) * 2, ("SATA",) * 2), "layout": (("GPT", "gpt"), ("MBR", "mbr")), "health": (("good", "good"), ("warning", "warning")),
        "boot": (("yes", True), ("no", False)), "read_only": (("no", False), ("yes", True)),
    },
    "partition": {
        "disk": (("0", "0"), ("0", "0")), "number": (("1", "1"), ("2", "2")), "kind": (("EFI system",) * 2, ("basic data",) * 2),
        "size": (("260 MiB", 260 * MIB), ("100 GiB", 100 * GIB)), "start": (("1,048,576 bytes", 1048576), ("273,678,336 bytes", 273678336)), "active": (("yes", True), ("no", False)),
    },
    "volume": {
        "mount": (("C:", "C:"), ("/data", "/data")), "label": (("System",) * 2, ("Drawings",) * 2), "filesystem": (("HFX2",) * 2, ("kelp",) * 2),
        "size": (("465 GiB", 465 * GIB), ("93 GiB", 93 * GIB)), "free": (("60 GiB", 60 * GIB), ("41 GiB", 41 * GIB)), "encrypted": (("yes", True), ("no", False)),
    },
    "graphics": {
        "name": (("Lumenarc 440",) * 2, ("Kestrel built-in",) * 2), "memory": (("8 GB", 8 * GIB), ("128 MB", 128 * MIB)), "driver_version": (("31.0.15.2",) * 2, ("9.17",) * 2),
        "driver_dated": (("2024-05-02",) * 2, ("2022-11-30",) * 2), "refresh": (("60 Hz", 60), ("144", 144)),
    },
    "display": {"name": (("Gantry 27Q",) * 2, ("Gantry 22",) * 2), "serial": (("GQ27-00418",) * 2, ("GQ22-00020",) * 2), "width": (("2560", 2560), ("1920", 1920)), "height": (("1440", 1440), ("1080", 1080))},
    "printer": {"name": (("Counter roll",) * 2, ("Office",) * 2), "port": (("USB001",) * 2, ("10.20.1.90",) * 2), "driver": (("Inkwell 3",) * 2, ("Inkwell 5",) * 2), "default": (("yes", True), ("no", False))},
    "battery": {"name": (("Pack 4",) * 2, ("Pack 5",) * 2), "design": (("52,000 mWh", 52000), ("48000", 48000)), "full": (("44,200 mWh", 44200), ("47000", 47000)), "cycles": (("312", 312), ("8", 8))},
    "adapter": {
        "name": (("Wickerlink GbE 210",) * 2, ("Ternwave AX 20",) * 2), "connection": (("Quayside LAN",) * 2, ("Landing air",) * 2),
        "mac": (("3c-5a-b4-10-77-e2", "3c:5a:b4:10:77:e2"), ("3c:5a:b4:10:77:e3",) * 2), "connected": (("yes", True), ("no", False)), "speed": (("1000 Mbit/s", 10**9), ("866 Mbps", 866 * 10**6)),
        "dhcp": (("yes", True), ("no", False)), "ipv4": (("10.20.1.41", ("10.20.1.41",)), ("10.20.1.42", ("10.20.1.42",))), "mask": (("255.255.255.0",) * 2, ("255.255.0.0",) * 2),
        "gateway": (("10.20.1.1",) * 2, ("10.20.0.1",) * 2), "dns": (("10.20.0.53 10.20.1.53", ("10.20.0.53", "10.20.1.53")), ("10.20.0.53", ("10.20.0.53",))),
    },
    "update": {"id": (("HU-24117",) * 2, ("HU-25006",) * 2), "title": (("Winter roll-up",) * 2, ("Security fix",) * 2), "installed_at": (("2024-12-03",) * 2, ("2025-01-14",) * 2)},
    "software": {"name": (("Tideline Ledger",) * 2, ("Slipway Draft",) * 2), "version": (("4.2.7",) * 2, ("19.2",) * 2), "maker": (("Tideline",) * 2, ("Slipway",) * 2), "installed_at": (("2024-06-14",) * 2, ("2023-01-30",) * 2)},
    "driver": {"name": (("Lumenarc 880",) * 2, ("Wickerlink",) * 2), "version": (("31.0.15.2",) * 2, ("12.4",) * 2), "provider": (("Lumenarc",) * 2, ("Oakmere",) * 2), "signed": (("yes", True), ("no", False)), "file": (("lumen.sys",) * 2, ("wick.sys",) * 2)},
    "account": {
        "name": (("icalloway",) * 2, ("helper2",) * 2), "full_name": (("Ines Calloway",) * 2, ("Bram Ferrow",) * 2), "enabled": (("yes", True), ("no", False)), "admin": (("no", False), ("yes", True)),
        "password_required": (("yes", True), ("no", False)), "password_set_at": (("2025-01-20 18:02:47", "2025-01-20T18:02:47"), ("2024-11-04", "2024-11-04")),
        "last_logon_at": (("2025-02-10 16:20", "2025-02-10T16:20:00"), ("never", "never")), "groups": (("Users", ("Users",)), ("Guests", ("Guests",))),
    },
    "task": {"name": (("Nightly copy",) * 2, ("Ledger sync",) * 2), "state": (("ready",) * 2, ("disabled",) * 2), "last_run_at": (("2025-02-10 23:00", "2025-02-10T23:00:00"), ("never", "never")), "runs": (("copy /all",) * 2, ("sync.exe",) * 2)},
    "firewall": {"profile": (("domain",) * 2, ("public",) * 2), "on": (("on", True), ("off", False)), "inbound": (("block", "block"), ("allow", "allow")), "outbound": (("allow", "allow"), ("block", "block"))},
    "event": {"at": (("2025-02-11 07:58:12", "2025-02-11T07:58:12"), ("2025-02-11 08:01:40", "2025-02-11T08:01:40")), "level": (("Error",) * 2, ("Warning",) * 2), "source": (("disk",) * 2, ("clock",) * 2), "id": (("51",) * 2, ("36",) * 2), "text": (("An error on device 0",) * 2, ("The clock was not set",) * 2)},
    "process": {"pid": (("312",) * 2, ("2204",) * 2), "name": (("guard service",) * 2, ("quaymaster.exe",) * 2), "user": (("system",) * 2, ("LSF\\tquill",) * 2), "memory": (("18,660 K", 18660 * 1024), ("903 MB", 903 * MIB))},
    "connection": {"protocol": (("tcp",) * 2, ("udp",) * 2), "local": (("10.20.0.62:50114",) * 2, ("0.0.0.0:6021",) * 2), "remote": (("10.20.0.12:7443",) * 2, ("*:*",) * 2), "state": (("established",) * 2, ("open",) * 2), "pid": (("2204",) * 2, ("312",) * 2)},
    "neighbour": {"address": (("10.20.1.1",) * 2, ("10.20.1.40",) * 2), "mac": (("3c:5a:b4:00:00:01",) * 2, ("3c:5a:b4:00:00:02",) * 2), "interface": (("eth0",) * 2, ("eth1",) * 2), "kind": (("dynamic", "dynamic"), ("static", "static"))},
    "route": {"destination": (("0.0.0.0",) * 2, ("10.20.1.0",) * 2), "mask": (("0.0.0.0",) * 2, ("255.255.255.0",) * 2), "gateway": (("10.20.1.1",) * 2, ("10.20.1.2",) * 2), "interface": (("eth0",) * 2, ("eth1",) * 2), "metric": (("25", 25), ("281", 281))},
    "boot_entry": {"id": (("0001",) * 2, ("0002",) * 2), "name": (("Harbour OS 12",) * 2, ("Recovery",) * 2), "path": (("/EFI/harbour/start.efi",) * 2, ("/EFI/recover.efi",) * 2), "default": (("yes", True), ("no", False))},
    "variable": {"name": (("LANGUAGE_SET",) * 2, ("HOME_FOLDER",) * 2), "value": (("en-GB",) * 2, ("/home/ines",) * 2)},
    "page_file": {"path": (("/swap.img",) * 2, ("/swap2.img",) * 2), "size": (("2048 MB", 2048 * MIB), ("1 GB", GIB)), "used": (("12 MB", 12 * MIB), ("8 KB", 8192))},
    "health_check": {"kind": (("disk", "disk"), ("memory", "memory")), "target": (("sys:",) * 2, ("A1",) * 2), "result": (("clean", "clean"), ("damaged", "damaged")), "errors": (("0", 0), ("4", 4)), "warnings": (("1", 1), ("0", 0))},
}  # fmt: skip
SINGLES = {
    "machine.maker": ("Corrane", "Corrane"), "machine.model": ("Tallow 520", "Tallow 520"), "machine.serial": ("CRN7K20418", "CRN7K20418"), "machine.tag": ("LSF-0003", "LSF-0003"),
    "machine.sku": ("CT520-8842-R", "CT520-8842-R"), "machine.uuid": ("7D1F0A52-93C4-4B1E-A6F8-20C95E1B7703", "7d1f0a52-93c4-4b1e-a6f8-20c95e1b7703"), "machine.form": ("Tower", "tower"),
    "firmware.mode": ("UEFI", "uefi"), "firmware.secure_boot": ("On", True), "security.tpm": ("2.0", "2.0"), "security.virtualisation": ("enabled", True),
    "host.name": ("nq-acc-03", "nq-acc-03"), "host.domain": ("lanternsound.example", "lanternsound.example"), "host.owner": ("Ines Calloway", "Ines Calloway"),
    "host.organisation": ("Lantern Sound Ferries", "Lantern Sound Ferries"), "host.user": ("LSF\\icalloway", "LSF\\icalloway"), "host.time_zone": ("(UTC+00:00) Northquay", "(UTC+00:00) Northquay"),
    "host.booted_at": ("2025-02-11 07:58:10", "2025-02-11T07:58:10"), "memory.installed": ("16 GB", 16 * GIB), "memory.usable": ("16,211 MB", 16211 * MIB),
    "memory.available": ("9,412 MB", 9412 * MIB), "memory.slots": ("4", 4), "memory.limit": ("64 GB", 64 * GIB), "os.name": ("Harbour OS 12", "Harbour OS 12"),
    "os.edition": ("Desk Pro", "Desk Pro"), "os.version": ("12.0", "12.0"), "os.build": ("12.0.4417.82", "12.0.4417.82"), "os.kernel": ("6.1.0-kelp", "6.1.0-kelp"),
    "os.architecture": ("64-bit (x86-64)", "x86-64"), "os.installed_at": ("2024-06-14 10:22:51", "2024-06-14T10:22:51"), "os.oldest_trace_at": ("2019-03-02", "2019-03-02"),
    "os.language": ("en-GB", "en-GB"), "os.product_id": ("HOS12-DP-0044", "HOS12-DP-0044"), "licence.channel": ("volume", "volume"), "licence.state": ("activated", "active"),
    "licence.permanent": ("no", False), "licence.key_tail": ("H6WPQ", "H6WPQ"), "licence.expires_at": ("2025-03-03 09:00", "2025-03-03T09:00:00"), "licence.grace": ("20 days", 1728000),
    "licence.resets_left": ("4", 4), "licence.server": ("keys.lanternsound.example", "keys.lanternsound.example"),
}  # fmt: skip


def labels_of(group):
    """For every sampled field the phrasebook's first label, as a person would write it."""
    lines = {field: LANGUAGES["en"].LABELS[f"{group}.{field}"].split("|") for field in SAMPLES[group]}
    return {field: phrases[0].lstrip("!?").capitalize() for field, phrases in lines.items()}


def rows_of(group):
    """The two sampled items: field to print."""
    return [{field: sample[n][0] for field, sample in SAMPLES[group].items()} for n in (0, 1)]


def expected(group):
    return [{f"{group}.{field}": sample[n][1] for field, sample in SAMPLES[group].items()} for n in (0, 1)]


class EveryItem(unittest.TestCase):
    """``wrong`` is checked as hard as ``missing``: nothing else may be read of the items than what was told."""

    def check(self, group, text):
        report = read(text.encode())
        found: dict[str, dict[str, object]] = {}
        for reading in report.readings:
            if reading.fact.startswith(f"{group}."):
                found.setdefault(reading.item, {}).setdefault(reading.fact, reading.value.value)
        others = [
            (r.fact, r.printed)
            for r in report.readings
            if not r.fact.startswith(f"{group}.") and r.fact not in _MAY_FOLLOW
        ]
        self.assertEqual(list(found.values()), expected(group), text)
        self.assertEqual(others, [], text)

    def test_as_records_under_a_heading(self):
        for group in SAMPLES:
            labels = labels_of(group)
            noun = LANGUAGES["en"].SUBJECTS[group].split("|")[0].capitalize()
            records = [
                "\n".join(f"{labels[field] + ' ':.<26}: {printed}" for field, printed in row.items())
                for row in rows_of(group)
            ]
            with self.subTest(group):
                self.check(group, f"{noun} list\n\n" + "\n\n".join(records) + "\n")

    def test_as_a_ruled_table(self):
        for group in SAMPLES:
            with self.subTest(group):
                self.check(group, _table(group, ruled=True))

    def test_as_aligned_columns(self):
        for group in SAMPLES:
            with self.subTest(group):
                self.check(group, _table(group, ruled=False))

    def test_as_delimited_rows(self):
        for group in SAMPLES:
            labels = labels_of(group)
            rows = [labels, *rows_of(group)]
            heading = f"{group.capitalize()} table\n\n" if group in _NEEDS_HEADING else ""
            text = heading + "\n".join(";".join(row[field] for field in labels) for row in rows) + "\n"
            with self.subTest(group):
                self.check(group, text)

    def test_as_json(self):
        for group in SAMPLES:
            labels = labels_of(group)
            items = [
                {labels[field].replace(" ", "_").lower(): printed for field, printed in row.items()}
                for row in rows_of(group)
            ]
            with self.subTest(group):
                self.check(group, json.dumps({f"{group}s": items}, indent=2))


# A value may say more than its own fact: a name its clock, an address its mask.
# Addresses, MACs and interfaces are told of a PC's own adapters as well as of its neighbours: only a heading tells.
_NEEDS_HEADING = frozenset({"neighbour"})
_MAY_FOLLOW = frozenset({"processor.clock", "adapter.mask"})


def _table(group, ruled):
    labels = labels_of(group)
    rows = [labels, *rows_of(group)]
    widths = {field: max(len(row[field]) for row in rows) for field in labels}
    lines = ["  ".join(row[field].ljust(widths[field]) for field in labels).rstrip() for row in rows]
    if ruled:
        lines.insert(1, "  ".join("-" * width for width in widths.values()))
    if group in _NEEDS_HEADING:
        lines = [f"{group.capitalize()} table", "", *lines]
    return "\n".join(lines) + "\n"


class EverySingleFact(unittest.TestCase):
    def test_is_read_beside_its_neighbours_by_each_of_its_own_phrases(self):
        for name, (printed, value) in SINGLES.items():
            group = FACTS[name].group
            phrases = [p for p in LANGUAGES["en"].LABELS[name].split("|") if p[0] in "!"]
            neighbours = [n for n in SINGLES if n.startswith(f"{group}.") and n != name][:3]
            for phrase in phrases:
                text = f"{phrase.lstrip('!').capitalize()}: {printed}\n" + "".join(
                    f"{LANGUAGES['en'].LABELS[n].split('|')[0].lstrip('!?').capitalize()}: {SINGLES[n][0]}\n"
                    for n in neighbours
                )
                found = {r.fact: r.value.value for r in read(text.encode()).readings}
                with self.subTest(phrase):
                    self.assertEqual(found.get(name), value, text)

    def test_the_samples_are_of_every_group_and_hold_no_unknown_field(self):
        self.assertEqual(set(ITEMS) - set(SAMPLES), {"sound", "policy", "search_folder", "reach", "hop", "lookup"})
        for group, fields in SAMPLES.items():
            self.assertLessEqual(set(fields), {fact.field for fact in FIELDS[group]})
        self.assertLessEqual({name.split(".")[0] for name in SINGLES}, set(SINGLE_GROUPS))
