"""Rulings hold while nobody new speaks; ids met in other assets are told apart by what became of them."""

import unittest

from tests.core.test_settling import TODAY
from yes_tally.core.expecting.check import check
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.facts import Ruling
from yes_tally.core.settling.rulings import lapsed, spoken
from yes_tally.core.settling.settle import settle
from yes_tally.core.settling.traces import SeenElsewhere, Trace, crossings, traces

SPEC = parse_spec('spec "S"\nmust memory.installed at least 16 GB\n')
VISITED = Visited(TODAY, TODAY)


def reports(**told):
    return [read(f"pc > {command}\n{text}\n".encode()) for command, text in told.items()]


SAID = {"first": "Installed memory: 16 GB", "second": "Installed memory: 8 GB"}


class Rulings(unittest.TestCase):
    def setUp(self):
        fact = settle(reports(**SAID)).single("memory.installed")
        self.assertTrue(fact.disputed)
        self.eight = next(c for c in fact.clusters if c.value.value == 8 * 2**30)
        self.ruling = Ruling(fact.name, None, spoken([self.eight]), spoken(fact.clusters), "opened it", "Ines", "now")

    def settled(self, **told):
        return settle(reports(**(told or SAID)), rulings=[self.ruling])

    def answer(self, book):
        return check(SPEC, book, VISITED)[0].verdict

    def test_a_ruling_settles_and_hides_nothing(self):
        fact = self.settled().single("memory.installed")
        self.assertFalse(fact.disputed)
        self.assertEqual((fact.value.value, len(fact.clusters), fact.ruling.why), (8 * 2**30, 2, "opened it"))
        self.assertEqual(self.answer(self.settled()), "no")
        self.assertEqual(self.answer(settle(reports(**SAID))), "disputed")

    def test_it_lapses_when_a_new_witness_speaks_or_says_another_thing(self):
        for told in ({**SAID, "third": "Installed memory: 8 GB"}, {**SAID, "second": "Installed memory: 4 GB"}):
            with self.subTest(told):
                book = self.settled(**told)
                self.assertTrue(book.single("memory.installed").disputed)
                self.assertEqual(lapsed(book, [self.ruling]), [self.ruling])

    def test_it_needs_no_witness_again_where_all_agree(self):
        book = self.settled(first="Installed memory: 8 GB")
        self.assertEqual(lapsed(book, [self.ruling]), [])
        self.assertIsNone(book.single("memory.installed").ruling)

    def test_it_holds_while_a_witness_is_silent(self):
        ruling = self.ruling
        three = {**SAID, "third": "Installed memory: 32 GB"}
        fact = settle(reports(**three)).single("memory.installed")
        self.ruling = Ruling(fact.name, None, spoken([self.eight]), spoken(fact.clusters), ruling.why, "Ines", "now")
        self.assertEqual(self.settled(**SAID).single("memory.installed").value.value, 8 * 2**30)


class MetElsewhere(unittest.TestCase):
    NAMES = {2: "gp-wks-01"}

    def says(self, kind, still, lost=()):
        seen = SeenElsewhere(Trace(kind, "b5-1", "B5-1"), 2, still, "2026-03-01T10:00:00Z")
        (found,) = crossings([seen], {2: frozenset(lost)}, self.NAMES)
        return found.meaning, found.says

    def test_swapped_moved_and_in_two_places(self):
        self.assertEqual(self.says("disk", True, {"disk"})[0], "swapped")
        self.assertEqual(
            self.says("disk", False), ("moved", "disk B5-1 came from gp-wks-01, last seen there 2026-03-01")
        )
        self.assertEqual(self.says("disk", True)[0], "two places")
        self.assertIn("one of the two is a copy", self.says("uuid", True)[1])
        self.assertEqual(self.says("uuid", False, {"uuid"})[0], "two places")

    def test_only_ids_of_real_things_leave_a_trace(self):
        text = (
            "Serial number: CR5-12345-KD\n\nAdapter  MAC                Type\n"
            "eth0     3c:5a:b4:01:02:03  wired\nlo       3c:5a:b4:01:02:04  loopback\n"
        )
        found = {(trace.kind, trace.shown) for trace in traces(settle([read(text.encode())]))}
        self.assertEqual(found, {("serial", "CR5-12345-KD"), ("mac", "3c:5a:b4:01:02:03")})
