"""What stands before, above and between the rows of tables, and what only looks like one."""

import unittest

from tests.core.readings import told

PARTS = """ #  type                first byte         bytes
 1  EFI system          1,048,576          272,629,760
 2  data                290,455,552        998,837,845,504
    {free:<20}1,000,166,391,296  38,494,720
"""


class ToolNames(unittest.TestCase):
    def test_a_tool_says_its_name_before_what_it_tells(self):
        for mark in (",", ":", " -", " --", ";"):
            with self.subTest(mark):
                found = told(f"nq-drw-06 :> parts --disk 0\nparts 1.1{mark} disk 0: Basalt NV1000, GPT, 931.51 GB\n")
                self.assertEqual((found["disk#1.number"], found["disk#1.model"]), ("0", "Basalt NV1000"))

    def test_a_title_is_no_pair(self):
        found = told(
            "biuro-12 % procesor -p\n\nprocesor 1.4 -- biuro-12      12.02.2025 10:14\n\n  Nazwa   Kestrel K5\n"
        )
        self.assertEqual([value for key, value in found.items() if key.endswith(".name")], ["biuro-12", "Kestrel K5"])

    def test_a_number_behind_a_command_may_be_of_what_it_asks_for(self):
        found = told("a-1 > disk 0\ndisk 0: Basalt NV1000, 931.51 GB, NVMe\n")
        self.assertEqual(found["disk#1.number"], "0")


class Gaps(unittest.TestCase):
    def test_what_no_partition_has_is_told_of_the_disk(self):
        for free in ("free", "unallocated", "not allocated", "libre", "nicht zugeordnet"):
            with self.subTest(free):
                found = told(f"a-1 :> parts\ndisk 0: Basalt NV1000, GPT, 931.51 GB\n\n{PARTS.format(free=f'({free})')}")
                self.assertEqual(found["disk#1.unallocated"], 38494720)
                self.assertNotIn("partition#3.size", found)

    def test_of_no_known_disk_it_is_told_of_none(self):
        found = told(f"a-1 :> parts\n{PARTS.format(free='(free)')}")
        self.assertFalse([key for key in found if key.endswith("unallocated") or key.startswith("partition#3")])


class TurnedTables(unittest.TestCase):
    def test_a_corner_left_blank_and_rows_that_are_whole(self):
        found = told(
            "a-1> guard\n\n             Home     Work     Public\n guard       on       on       off\n inbound     refuse   refuse   allow\n rules       112      140      98\n"
        )
        self.assertEqual([found[f"firewall#{n}.profile"] for n in (1, 2, 3)], ["Home", "Work", "Public"])
        self.assertEqual([found[f"firewall#{n}.inbound"] for n in (1, 2, 3)], ["block", "block", "allow"])

    def test_a_record_s_own_name_is_no_head(self):
        found = told(
            'a-1 ~ power\nBATTERY 0   "Siskin PC-57"  made 2022-05\n  designed    57.0 Wh\n  full now    48.3 Wh    (worn 15 %)\n  cycles      312\n'
        )
        self.assertEqual((found["battery#1.design"], found["battery#1.full"]), (57000, 48300))
        self.assertNotIn("battery#2.name", found)


class NoTables(unittest.TestCase):
    def test_pairs_above_and_below_the_only_known_words(self):
        found = told(
            "molo-07> licenza\n\n  Sistema        Harbour OS 12\n  Canale         al dettaglio\n  Stato          in periodo di tolleranza\n"
            "  Restano        11 giorni\n  Codice         termina con 7QK2M\n"
        )
        self.assertEqual((found["licence.channel"], found["licence.state"]), ("retail", "grace"))
        self.assertEqual(found["licence.key_tail"], "7QK2M")

    def test_networks_that_a_radio_hears_are_no_cards(self):
        for heads in ("NETWORK  CH   SIGNAL", "SSID     CH   RSSI", "NETZ     KAN  SIGNALSTÄRKE"):
            with self.subTest(heads):
                found = told(
                    f"a-1 ~ air\n{heads}   POINT\nStaff    44   -58      3c:5a:b4:20:01:11\nGuests   44   -59      3c:5a:b4:20:01:13\n"
                )
                self.assertFalse([key for key in found if key.startswith("adapter")])

    def test_what_one_address_answers_is_no_way(self):
        found = told(
            "a-1 /> hail keys.lanternsound.example\n   1  10.20.0.53   3.1 ms\n   2  10.20.0.53   2.8 ms\n2 sent, 2 came back; shortest 2.8, longest 3.1 ms\n"
        )
        self.assertFalse([key for key in found if key.startswith("hop")])
        self.assertEqual((found["reach#1.sent"], found["reach#1.received"]), (2, 2))
