"""Things of one kind, a line each: what one is called, and words that tell of it behind any mark, parted by any other."""

import unittest

from tests.core.readings import told

# What is asked for, the fact a thing is called by, and the things: the name, and what each clause tells (``None``: nothing).
THINGS = {
    "volume": ("volumes", "mount", (
        ("C:", {"label SYSTEM": ("label", "SYSTEM"), "HFX2": ("filesystem", "HFX2"), "88 GB free": ("free", 88 << 30), "encrypted": ("encrypted", True)}),
        ("D:", {"label ARCHIVE": ("label", "ARCHIVE"), "exFAT": ("filesystem", "exFAT"), "402 GB free": ("free", 402 << 30), "not encrypted": ("encrypted", False)}),
    )),
    "printer": ("printers", "name", (
        ("Dock printer", {"driver Gullwing 4": ("driver", "Gullwing 4"), "port 10.20.1.90:9100": ("port", "10.20.1.90:9100"), "default": ("default", True), "shared": None}),
        ("Label printer", {"driver Strip-O-Matic 2": ("driver", "Strip-O-Matic 2"), "port USB001": ("port", "USB001"), "not shared": None}),
    )),
    "account": ("accounts", "name", (
        ("jreiter", {"enabled": ("enabled", True), "administrator": ("admin", True), "password set 2024-11-02": ("password_set_at", "2024-11-02")}),
        ("guest", {"disabled": ("enabled", False), "no administrator": ("admin", False), "last sign-in never": ("last_logon_at", "never")}),
    )),
    "software": ("programs", "name", (
        ("Quaymaster", {"version 4.2.1": ("version", "4.2.1"), "by Lantern Ferries": ("maker", "Lantern Ferries"), "installed 2024-06-14": ("installed_at", "2024-06-14")}),
        ("Bollard Agent", {"version 2.0.77": ("version", "2.0.77"), "by Bollard Works": ("maker", "Bollard Works"), "installed 2025-01-02": ("installed_at", "2025-01-02")}),
    )),
    "update": ("updates", "id", (
        ("HU-24117", {"Winter roll-up": ("title", "Winter roll-up"), "installed 2024-12-03": ("installed_at", "2024-12-03")}),
        ("HU-25006", {"Security fix for printing": ("title", "Security fix for printing"), "installed 2025-01-14": ("installed_at", "2025-01-14")}),
    )),
    "task": ("tasks", "name", (
        ("Night copy", {"enabled": ("enabled", True), "ready": ("state", "ready"), "next run 2025-02-12 01:00": ("next_run_at", "2025-02-12T01:00:00")}),
        ("Printer list", {"disabled": ("enabled", False), "last run 2025-02-01 03:00": ("last_run_at", "2025-02-01T03:00:00")}),
    )),
    "driver": ("drivers", "name", (
        ("Wickerlink GbE 210", {"version 12.18.9.23": ("version", "12.18.9.23"), "dated 2023-07-19": ("dated", "2023-07-19"), "signed": ("signed", True)}),
        ("Palefire FX 40", {"version 31.0.15.4417": ("version", "31.0.15.4417"), "dated 2024-11-12": ("dated", "2024-11-12"), "not signed": ("signed", False)}),
    )),
    "firewall": ("firewall", "profile", (
        ("Domain", {"on": ("on", True), "incoming blocked": ("inbound", "block"), "outgoing allowed": ("outbound", "allow")}),
        ("Public", {"off": ("on", False), "incoming allowed": ("inbound", "allow"), "outgoing allowed": ("outbound", "allow")}),
    )),
    "partition": ("partitions", "number", (
        ("1", {"260 MB": ("size", 260 << 20), "system": ("kind", "system"), "offset 1 MB": ("start", 1 << 20)}),
        ("2", {"512 MB": ("size", 512 << 20), "primary": ("kind", "primary"), "offset 277 MB": ("start", 277 << 20)}),
    )),
    "boot_entry": ("bootmenu", "name", (
        ("Harbour OS 12", {"path \\HARBOUR\\boot\\load.efi": ("path", "\\HARBOUR\\boot\\load.efi"), "default": ("default", True)}),
        ("Memory test", {"path \\boot\\memtest.efi": ("path", "\\boot\\memtest.efi")}),
    )),
}  # fmt: skip
HEADS = ("{name}: ", "{name}, ", "{name} - ", "{name}   ", "[{name}] ", "* {name} - ", "{n}. {name}: ", '"{name}": ', "{name} is ")  # fmt: skip
BETWEEN = (", ", "; ", "   ", " | ", " - ")


class NamesBeforeWords(unittest.TestCase):
    def test_each_thing_is_called_and_told_of(self):
        for group, (command, naming, things) in THINGS.items():
            for head in HEADS:
                for between in BETWEEN:
                    if head.endswith("is ") and between != ", ":
                        continue
                    text = f"gp-1> {command}\n" + "\n".join(
                        head.format(n=n, name=name) + between.join(said) for n, (name, said) in enumerate(things, 1)
                    )
                    with self.subTest(group=group, head=head, between=between):
                        found = told(text)
                        for n, (name, said) in enumerate(things, 1):
                            self.assertEqual(found.get(f"{group}#{n}.{naming}"), name)
                            for field, value in filter(None, said.values()):
                                self.assertEqual(found.get(f"{group}#{n}.{field}"), value, field)
                        self.assertFalse([key for key in found if "#" in key and not key.startswith(f"{group}#")])

    def test_one_thing_is_told_of_by_two_clauses_at_least(self):
        found = told("gp-1> tasks\nTasks of this PC (2025-02-12 07:55)\n")
        self.assertFalse([key for key in found if key.startswith("task#1.state")])

    def test_dots_lead_to_what_is_told_and_a_count_ends_it(self):
        found = told(
            "gp-1> tasks\nNight copy .......... ready, next run 2025-02-12 01:00\nPrinter list ........ disabled, last run never\n2 tasks, 1 disabled\n"
        )
        self.assertEqual((found["task#1.name"], found["task#1.state"]), ("Night copy", "ready"))
        self.assertEqual((found["task#2.name"], found["task#2.enabled"]), ("Printer list", False))

    def test_a_version_in_brackets_and_who_has_an_account(self):
        found = told("gp-1> programs\nBollard Agent (2.0.81), by Bollard Works\nPennant Reader (8.3.1), by Pennant\n")
        self.assertEqual((found["software#1.name"], found["software#1.version"]), ("Bollard Agent", "2.0.81"))
        found = told(
            "gp-1> accounts\n[icalloway] Ines Calloway; enabled; administrator\n[guest] disabled; no administrator\n"
        )
        self.assertEqual((found["account#1.full_name"], found["account#1.admin"]), ("Ines Calloway", True))

    def test_what_else_stands_there_is_read_by_others(self):
        # A title goes on behind a comma, a name holds a version, a kind and a number call nothing.
        found = told("gp-1> updates\nHU-25006: Security fix, printing, installed 2025-01-14\n")
        self.assertEqual(found["update#1.title"], "Security fix, printing")
        found = told(
            "gp-1> programs\nQuaymaster 4.2.1, installed 2024-06-14\nBollard Agent 2.0.77, installed 2025-01-02\n"
        )
        self.assertEqual((found["software#1.name"], found["software#1.version"]), ("Quaymaster", "4.2.1"))
        found = told("gp-1> sound\ncard 1: Chime Analog, working\ncard 2: Palefire Digital, disabled\n")
        self.assertEqual((found["sound#1.name"], found["sound#2.name"]), ("Chime Analog", "Palefire Digital"))


if __name__ == "__main__":
    unittest.main()
