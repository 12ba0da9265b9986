"""Memory sockets of which some are empty, whatever parts what the others hold."""

import unittest
from itertools import product

from tests.core.readings import told
from yes_tally.core.reading.reader import read

GIB = 1024**3
HOLDS = ("16 GB", "DDR5", "5600 MT/s", "Kelpstone KS16-56", "s/n 0A11C9")
PARTED = {"bars": ("{} | ", " | "), "semicolons": ("{}; ", "; "), "commas": ("{}: ", ", "), "gaps": ("{}   ", "   ")}
EMPTY = (
    "empty",
    "--empty--",
    "(nothing)",
    "not populated",
    "leer",
    "nicht bestückt",
    "vide",
    "sin módulo",
    "vuoto",
    "não ocupado",
    "leeg",
    "brak modułu",
)


def sockets(found):
    """The slots of modules, and the size that each holds."""
    items = sorted({key.partition(".")[0] for key in found if key.startswith("module#")})
    return [(found.get(f"{item}.slot"), found.get(f"{item}.size")) for item in items]


class Sockets(unittest.TestCase):
    def test_sockets_in_brackets_over_which_nothing_stands(self):
        rows = "  [A1]  8 GB DDR4-2666 DIMM, Siskin SK08-D4-2666, serial 4A7711E0, now at 2400 MT/s\n  [A2]  empty\n  [B1]  8 GB DDR4-2666 DIMM\n"
        for command in ("ramview", "memory"):
            with self.subTest(command):
                found = {}
                for reading in read(f"nq H:\\> {command}\n\n{rows}".encode()).readings:
                    found[f"{reading.item} {reading.fact}"] = reading.value.value
                self.assertEqual([found[f"module#{n} module.slot"] for n in (1, 2, 3)], ["A1", "A2", "B1"])
                self.assertEqual(found["module#1 module.running_speed"], 2400)
                self.assertNotIn("module#2 module.size", found)

    def test_each_holds_what_stands_beside_it(self):
        for (name, (first, between)), empty in product(PARTED.items(), EMPTY):
            text = f"== MODULES ==\n{first.format('A1')}{between.join(HOLDS)}\n{first.format('A2')}{empty}\n"
            with self.subTest(parted=name, empty=empty):
                found = told(text)
                self.assertEqual(sockets(found), [("A1", 16 * GIB), ("A2", None)])
                self.assertEqual(found["module#1.type"], "DDR5")
                self.assertEqual(found["module#1.serial"], "0A11C9")

    def test_what_is_said_of_them_all_is_no_socket(self):
        found = told("MODULES\nA1 | 16 GB | DDR5\nA2 | empty\nBoard takes up to 128 GB in all\n")
        self.assertEqual(sockets(found), [("A1", 16 * GIB), ("A2", None)])
        self.assertEqual(found["memory.limit"], 128 * GIB)

    def test_a_word_before_a_number_names_one_too(self):
        found = told("gp-01> memory\n  Bank 1 | 8 GB | DDR4\n  Bank 2 | free\n")
        self.assertEqual((found["module#1.bank"], found["module#1.size"], found["module#2.bank"]), ("1", 8 * GIB, "2"))

    def test_other_lettered_things_are_none(self):
        for text in (
            "Rooms\nA1 | 16 seats\nA2 | empty\n",
            "gp-01> volumes\nC1 | 16 GB | backup\nC2 | empty\n",
            "A1 | 16 GB | photos\nA2 | vide\n",
        ):
            with self.subTest(text=text):
                self.assertEqual(sockets(told(text)), [])

    def test_a_bank_behind_a_socket_is_told_apart(self):
        for printed in ("ChannelA-DIMM0 / BANK 0", "ChannelA-DIMM0 (BANK 0)"):
            found = told(f"Module 1\n  Slot: {printed}\n  Size: 8 GB\n  Type: DDR4\n")
            with self.subTest(printed=printed):
                self.assertEqual((found["module#1.slot"], found["module#1.bank"]), ("ChannelA-DIMM0", "BANK 0"))


class SocketsOverWords(unittest.TestCase):
    def test_each_stands_over_what_it_holds(self):
        for noun in ("Module in slot ", "Socket ", "Módulo no encaixe ", "- ", ""):
            text = (
                f"gp-01> memory\n{noun}DIMM_A (bank 0)\n  8 GB, SO-DIMM DDR4, 3200 MT/s (at 2933)\n  Kelpstone KS4-3208, serial 5C11A902\n"
                f"{noun}DIMM_B (bank 1)\n  empty\n"
            )
            with self.subTest(noun):
                found = told(text)
                self.assertEqual(sockets(found), [("DIMM_A", 8 * GIB), ("DIMM_B", None)])
                said = [
                    found.get(f"module#1.{field}")
                    for field in ("type", "form", "speed", "running_speed", "maker", "part", "serial")
                ]
                self.assertEqual(said, ["DDR4", "so-dimm", 3200, 2933, "Kelpstone", "KS4-3208", "5C11A902"])

    def test_words_that_tell_of_no_memory_are_no_sockets(self):
        self.assertEqual(sockets(told("gp-01> memory\nRoom A1\n  12 seats\nRoom A2\n  empty\n")), [])
