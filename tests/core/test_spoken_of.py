"""Which kinds of things commands ask for and headings name."""

import unittest

from yes_tally.core.reading.meaning.spoken_of import asked_for, headed_by


class AskedFor(unittest.TestCase):
    def test_a_command_names_them_by_its_words(self):
        for command, kind in (
            ("disks", "disk"),
            ("list volumes", "volume"),
            ("netzwerkkarten /alle", "adapter"),
            ("jobs --all", "task"),
            ("vars --user", "variable"),
            ("sockets -all", "connection"),
        ):
            with self.subTest(command):
                self.assertEqual(asked_for(command)[:1], (kind,))

    def test_an_option_asks_for_the_parts_of_what_the_command_is_called_after(self):
        for command in ("platters --parts 0", "disks --partitions", "disques /partitions"):
            with self.subTest(command):
                self.assertEqual(asked_for(command)[:1], ("partition",))
        self.assertEqual(asked_for("nics --speed")[:1], ("adapter",))
        self.assertEqual(asked_for("memory --disk")[:1], ("memory",))

    def test_the_name_of_a_host_asks_for_nothing(self):
        self.assertEqual(asked_for("resolve printer-2.sallows.example"), asked_for("resolve"))

    def test_no_word_is_no_kind(self):
        for command in ("", " ", "x", "zzz --q", "-", "/"):
            self.assertEqual(asked_for(command), (), command)


class HeadedBy(unittest.TestCase):
    def test_headings_name_kinds_and_tools_are_called_after_them(self):
        self.assertEqual(headed_by("Network adapters")[:1], ("adapter",))
        self.assertEqual(headed_by("memory sockets")[:1], ("module",))
        self.assertEqual(headed_by("DRVBOOK 2 for NQ-DRW-03"), ("driver",))
        self.assertEqual(headed_by("Quarterly figures"), ())
