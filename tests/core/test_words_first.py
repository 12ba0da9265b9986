"""Pairs that neither a mark nor a gap parts: the label is what a line begins with and is known."""

import unittest

from tests.core.readings import told

LAN = """connection Quayside
physical address 00:1b:44:11:3a:b7
IPv4 address 10.20.1.61
subnet mask 255.255.255.0
default gateway 10.20.1.1
DNS servers 10.20.0.53, 10.20.1.53
DHCP enabled yes
"""
DISKS = """disk 0
  model Basalt NV500
  serial BNV5K0088210
  size 465.8 GB
  bus NVMe
disk 1
  model Shale 1T
  serial SH1T-330-671
  size 931.5 GB
  bus SATA
"""
MIXED = """volume C:
    label SYSTEM
    filesystem HFX3
    encrypted yes
account icalloway
    full-name "Ines Calloway"
    admin no
    last-logon 2025-03-11 07:58
"""


class WordsFirst(unittest.TestCase):
    def test_labels_of_several_words(self):
        found = told(f"nq-acc-07> lan\n{LAN}")
        self.assertEqual(found["adapter#1.mac"], "00:1b:44:11:3a:b7")
        self.assertEqual(found["adapter#1.mask"], "255.255.255.0")
        self.assertEqual(found["adapter#1.dns"], ("10.20.0.53", "10.20.1.53"))
        self.assertIs(found["adapter#1.dhcp"], True)

    def test_what_stands_deeper_is_told_of_what_stands_above(self):
        found = told(DISKS)
        self.assertEqual(found["disk#1.model"], "Basalt NV500")
        self.assertEqual(found["disk#2.number"], "1")
        self.assertEqual(found["disk#2.bus"], "SATA")
        self.assertEqual(len(found), 10)

    def test_items_of_several_kinds(self):
        found = told(MIXED)
        self.assertEqual(found["volume#1.mount"], "C:")
        self.assertIs(found["volume#1.encrypted"], True)
        self.assertEqual(found["account#1.full_name"], "Ines Calloway")
        self.assertIs(found["account#1.admin"], False)

    def test_any_mark_between_is_surer(self):
        marked = "".join(line.replace(" ", ": ", 1) + "\n" for line in ("model Tallow 520", "maker Corrane", "cores 6"))
        plain = marked.replace(": ", " ")
        self.assertEqual(told(plain), told(marked))

    def test_sentences_tables_and_clauses_are_none(self):
        for name, text in (
            (
                "sentences",
                "Memory modules were replaced in May.\nModel names are listed below.\nSerial numbers follow.\n",
            ),
            ("labels that come again", "memory fast\nmemory slow\nmemory none\nmodel one\nmodel two\n"),
            (
                "a long text",
                "model names of all of the PCs in this office\nmaker lists of them that were sent to us today\n" * 2,
            ),
            ("two lines", "model list\nmaker list\n"),
        ):
            with self.subTest(name):
                self.assertEqual(told(text), {})


if __name__ == "__main__":
    unittest.main()
