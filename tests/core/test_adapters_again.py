"""What a later command tells of adapters that an earlier one named."""

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

    def test_one_that_nothing_named_before_stays_its_own(self):
        found = told(f"{FIRST}gp-01> nics --dns\nGuest LAN    10.99.0.53\n")
        self.assertEqual(found["adapter#3.name"], "Guest LAN")
        self.assertNotIn("adapter#3.ipv4", found)
