"""What adapters are called, and what a later command tells of those that an earlier one named."""

import unittest

from tests.core.readings import told

FIRST = (
    "gp-01> nics\nNAME                  CONNECTION    MAC                ADDRESS\n"
    "Wickerlink GbE 210    Office LAN    3c:5a:b4:10:99:01  10.20.1.77/24\nTernwave AX 20        Office WiFi   3c:5a:b4:10:99:02  -\n"
)


class AdaptersAgain(unittest.TestCase):
    def test_what_is_asked_of_a_connection_is_told_of_its_card(self):
        for command, row in (
            ("nics --dns", "Office LAN    10.20.1.53"),
            ("nics /dns", "Office LAN: 10.20.0.53, 10.20.1.53"),
            ("nics --nameservers", "Office LAN   10.20.1.53"),
        ):
            with self.subTest(command):
                found = told(f"{FIRST}gp-01> {command}\n{row}\n")
                self.assertIn("10.20.1.53", found["adapter#1.dns"])
                self.assertFalse([key for key in found if key.startswith("adapter#3")])
                self.assertEqual(found["adapter#1.ipv4"], ("10.20.1.77",))

    def test_rows_of_what_was_named_before_are_told_of_it(self):
        for command, row, fact, value in (
            ("nics speed", "Office LAN    1 Gbit/s full duplex\nOffice WiFi   -", "speed", 1_000_000_000),
            (
                "rete dns",
                "Office LAN    10.20.1.53, 10.20.0.53   (by DHCP)\nOffice WiFi   none",
                "dns",
                ("10.20.1.53", "10.20.0.53"),
            ),
        ):
            with self.subTest(command):
                found = told(f"{FIRST}gp-01> {command}\n{row}\n")
                self.assertEqual(found[f"adapter#1.{fact}"], value)
                self.assertFalse([key for key in found if key.startswith("adapter#3")])

    def test_one_that_nothing_named_before_stays_its_own(self):
        found = told(f"{FIRST}gp-01> nics --dns\nGuest LAN    10.99.0.53\n")
        self.assertEqual(found["adapter#3.name"], "Guest LAN")
        self.assertNotIn("adapter#3.ipv4", found)

    def test_a_heading_over_what_the_card_is_names_the_connection(self):
        found = told(
            "gp-01> wires\n[1] Harbour Ethernet\n    what     Ternwave TW-I219\n    IPv4     10.44.2.117/24 (leased)\n    link     up\n"
            "    lease given   2025-02-11 07:58 by 10.44.2.5\n[2] Desk\n    what     Ternwave AX-210\n    IPv4     10.44.3.9/24 (static)\n    link     down\n"
        )
        self.assertEqual([found[f"adapter#{n}.connection"] for n in (1, 2)], ["Harbour Ethernet", "Desk"])
        self.assertEqual([found[f"adapter#{n}.name"] for n in (1, 2)], ["Ternwave TW-I219", "Ternwave AX-210"])
        self.assertEqual([found[f"adapter#{n}.dhcp"] for n in (1, 2)], [True, False])
        self.assertEqual(found["adapter#1.dhcp_server"], "10.44.2.5")

    def test_records_headed_by_one_of_several(self):
        found = told(
            "kontor-31:~ > netzkarten\n\nKarte 1 von 2: Wickerlink GbE 210\n  Verbindung ........ Kontor-LAN\n  MAC ............... 02-5F-31-9C-01-31\n"
            "Karte 2 von 2: Ternwave AX 20\n  Verbindung ........ WLAN\n  MAC ............... 02-5F-31-9C-01-32\n"
        )
        self.assertEqual([found[f"adapter#{n}.connection"] for n in (1, 2)], ["Kontor-LAN", "WLAN"])
        self.assertEqual(found["adapter#2.mac"], "02:5f:31:9c:01:32")

    def test_labels_that_end_below_each_other_are_not_nested(self):
        found = told(
            "gp-01> wires\n  adapter | Wickerlink GbE 210\n      mac | 3c:5a:b4:10:a1:11\n  gateway | 10.20.1.1\n"
            "  adapter | Ternwave AX 20\n      mac | 3c:5a:b4:10:a1:12\n"
        )
        self.assertEqual(found["adapter#2.name"], "Ternwave AX 20")
        self.assertEqual(found["adapter#1.gateway"], "10.20.1.1")

    def test_names_and_what_is_said_stand_between_dashes(self):
        for head, connection, kind in (
            ("Office wire — Wickerlink GbE 210", "Office wire", None),
            ("Office wire -- Wickerlink GbE 210 -- wired", "Office wire", "wired"),
            ("Wickerlink GbE 210 — wired — connected", None, "wired"),
        ):
            with self.subTest(head):
                other = head.replace("wire ", "desk ").replace("210", "310")
                found = told(
                    f"gp-01> nics\n{head}\n   10.20.1.77/24, 3c:5a:b4:10:99:01\n{other}\n   10.20.1.78/24, 3c:5a:b4:10:99:02\n"
                )
                self.assertEqual(found["adapter#1.name"], "Wickerlink GbE 210")
                self.assertEqual(found.get("adapter#1.connection"), connection)
                self.assertEqual(found.get("adapter#1.kind"), kind)
                self.assertEqual(found["adapter#2.ipv4"], ("10.20.1.78",))
