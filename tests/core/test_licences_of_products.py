"""Licences of programs beside the system's."""

import unittest
from itertools import permutations

from tests.core.readings import told

SYSTEM = "{}: Harbour OS 12 Desk Pro\n  Key ends: 9FK2P\n  State: licensed\n"
OFFICE = "{}: Quaymaster Office 2024\n  Key ends: TT4Q1\n  State: grace period, 12 days left\n"
MAPS = "{}: Quaymaster Maps 8\n  Key ends: QQ81X\n  State: licensed\n"


class LicencesOfProducts(unittest.TestCase):
    def test_the_systems_is_the_pcs_wherever_it_stands(self):
        for label in ("Product", "Name", "Application"):
            for records in permutations((SYSTEM, OFFICE, MAPS)):
                found = told("pc-01> licences\n" + "\n".join(record.format(label) for record in records))
                with self.subTest(label=label, first=records[0]):
                    self.assertEqual((found["licence.key_tail"], found["licence.state"]), ("9FK2P", "active"))
                    self.assertNotIn("licence.grace", found)

    def test_sections_of_assignments_are_records_too(self):
        found = told(
            "pc-01> licence --all\n[System]\nProduct=Harbour OS 12 Desk Pro\nState=licensed\nKeyEnds=9FK2P\n[Fonts]\nProduct=Zirbel Fonts\nState=not licensed\n"
        )
        self.assertEqual((found["licence.state"], found["os.name"]), ("active", "Harbour OS 12 Desk Pro"))

    def test_a_program_asked_about_tells_its_own_licence(self):
        lines = "Product        Lanternguard 8.1\nState          on, up to date\nDefinitions    2025-03-04 05:12\nLicence        expires 2025-12-31, 40 seats\n"
        for name in ("antivirus", "Virenschutz", "ochrona antywirusowa"):
            with self.subTest(name=name):
                self.assertEqual(told(f"pc-01> {name}\n{lines}"), {"host.name": "pc-01"})
        self.assertIn("licence.expires_at", told(f"pc-01> licence\n{lines}"))

    def test_other_things_asked_about_tell_nothing_of_the_pc(self):
        lines = "Model      Quarryside 700\nState      on line\nSerial     UU-7781\nFirmware   2.11\nSize       64 GB\n"
        for name in ("ups", "USV", "onduleur", "dock", "station d'accueil", "usb devices", "Tastatur", "baza danych"):
            with self.subTest(name=name):
                self.assertEqual(told(f"pc-01> {name}\n{lines}"), {"host.name": "pc-01"})

    def test_a_sheet_that_begins_with_such_a_thing_is_read(self):
        self.assertEqual(
            told("pc-01> security\nAntivirus:    Lanternguard 8.1\nSecure boot:  on\nTPM:          2.0\n"),
            {"host.name": "pc-01", "firmware.secure_boot": True, "security.tpm": "2.0"},
        )
        self.assertEqual(
            told("Fan:      1200 rpm\nSystem:   Harbour OS 12\nBuild:    22631\n"),
            {"os.name": "Harbour OS 12", "os.build": "22631"},
        )

    def test_a_list_of_other_things_is_read_whole(self):
        found = told(
            "gp-01> bootlist\nBoot entry 0001\n  Description: Wire start\n  Path: \\wire.efi\n"
            "Boot entry 0002\n  Description: Harbour OS\n  Path: \\EFI\\start.efi\n"
        )
        self.assertEqual((found["boot_entry#1.name"], found["boot_entry#2.name"]), ("Wire start", "Harbour OS"))

    def test_products_that_are_counted_are_told_apart(self):
        text = (
            "nq-3> licence --all\n\nProduct 1 of 2: Harbour OS 12\n  Channel   volume\n  Partial key   X7TQ2\n\n"
            "Product 2 of 2: Quaymaster Office\n  Channel   retail\n  Partial key   9M3WD\n"
        )
        read = {k: v for k, v in told(text).items() if k != "host.name"}
        of_system = {"os.name": "Harbour OS 12", "licence.channel": "volume", "licence.key_tail": "X7TQ2"}
        self.assertEqual(read, of_system)

    def test_one_line_tells_all_of_it(self):
        for text, expected in {
            "Harbour OS 12, retail licence, key ...7Q2KM: licensed for good": {
                "os.name": "Harbour OS 12", "licence.channel": "retail", "licence.key_tail": "7Q2KM", "licence.state": "active", "licence.permanent": True,
            },
            "activated (volume, key 7Q2KM, until 2025-09-01)": {
                "licence.state": "active", "licence.channel": "volume", "licence.key_tail": "7Q2KM",
            },
        }.items():  # fmt: skip
            read = told(f"nq-3> licence\n{text}\n")
            self.assertEqual({key: read.get(key) for key in expected}, expected, text)

    def test_a_question_is_answered_by_what_follows_it(self):
        for text, permanent in {
            "Permanently activated? No": False, "Permanently activated? yes": True,
            "La macchina è attivata in modo permanente? No.": False,
            "Is this copy of Harbour OS permanently activated? Yes.": True,
        }.items():  # fmt: skip
            self.assertIs(told(f"nq-3> licence\n{text}\n").get("licence.permanent"), permanent, text)

    def test_what_a_licence_is_for_is_the_system(self):
        self.assertEqual(told("pc-01> licence\n" + SYSTEM.format("Product"))["os.name"], "Harbour OS 12 Desk Pro")
