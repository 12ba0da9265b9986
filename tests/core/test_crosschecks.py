"""Cross-checks: each finds what it is for, names it, points at two places, and leaves healthy PCs in peace."""

import unittest
from pathlib import Path

from bench.troubles import TROUBLES, healthy, parts_book, random_troubles, told_of
from yes_tally.core.crosschecks.registry import CHECKS, as_page, cross_check
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import settle

PARTS = parts_book()


def findings(text, parts=PARTS):
    return cross_check(settle([read(text.encode())], parts), parts)


class TheRegistry(unittest.TestCase):
    def test_every_check_is_tried_by_a_trouble_of_its_own(self):
        self.assertEqual([check.name for check in CHECKS], list(TROUBLES))

    def test_the_page_is_the_registry(self):
        page = Path(__file__).parents[2] / "docs" / "cross-checks.md"
        self.assertEqual(page.read_text("utf-8"), as_page() + "\n")

    def test_random_troubles_are_named_and_pointed_at(self):
        for troubled in random_troubles(1_000_001, len(TROUBLES)):
            with self.subTest(troubled.check, pc=troubled.pc.host):
                self.assertTrue(troubled.named, [f.says for f in troubled.findings])
                (found, *_) = [f for f in troubled.findings if f.check == troubled.check]
                self.assertTrue(found.facts and all(w.line for _, w in found.places))
                self.assertGreaterEqual(len(found.places) + bool(found.expected), 1)

    def test_healthy_pcs_are_left_in_peace(self):
        for pc in healthy(1_000_002)[::4]:
            with self.subTest(pc.host):
                self.assertEqual([f.says for f in cross_check(told_of(pc, PARTS), PARTS)], [])


class OnOneReport(unittest.TestCase):
    def named(self, text):
        return {finding.check for finding in findings(text)}

    def test_rounding_and_ways_of_counting_are_no_finding(self):
        for text in (
            "Volume  Size    Free\nsys:    465 GB  465 GB\n",
            "Installed memory: 16 GB\nUsable memory: 16.0 GB\n",
            "Disk  Size\n0     500 GB\n\nPartition  Disk  Size\n1          0     465.7 GiB\n",
            "Battery\n  Design capacity: 50000 mWh\n  Full charge capacity: 52000 mWh\n",
        ):
            with self.subTest(text):
                self.assertEqual(self.named(text), set())

    def test_what_is_disputed_or_estimated_is_not_built_upon(self):
        text = "pc > first\nInstalled memory: 16 GB\nUsable memory: 60 GB\n\npc > second\nInstalled memory: 32 GB\n"
        self.assertNotIn("usable and installed memory", self.named(text))
        self.assertIn("usable and installed memory", self.named(text.split("\n\n")[0] + "\n"))

    def test_a_group_s_mac_behind_many_addresses_is_no_finding(self):
        rows = "Address        MAC\n224.0.0.22     01:00:5e:00:00:16\n224.0.0.251    01:00:5e:00:00:16\n"
        self.assertEqual(self.named(rows), set())

    def test_each_sentence_says_both_sides(self):
        (found,) = findings("Cores: 8\nThreads: 4\n")
        self.assertEqual(found.says, "4 threads on 8 cores: every core has one at least")
        self.assertEqual((found.weight, [w.line for _, w in found.places]), ("contradiction", [2, 1]))


class WhatPartsSay(unittest.TestCase):
    def facts(self, text):
        book = settle([read(text.encode())], PARTS)
        return {fact.name: fact for fact in book}

    def test_what_was_not_said_follows_from_the_part_and_is_marked(self):
        facts = self.facts("Processor name: Kestrel K5-8420\nComputer model: Skiff 14 /renewed\nMaker: Corrane\n")
        self.assertEqual(facts["processor.generation"].value.value, 8)
        self.assertEqual(facts["processor.cores"].value.value, 6)
        self.assertEqual(facts["machine.limit"].value.value, 32 * 2**30)
        self.assertIs(facts["machine.refurbished"].value.value, True)
        for name in ("processor.generation", "machine.limit", "machine.refurbished"):
            self.assertTrue(facts[name].derived)
            self.assertEqual(facts[name].witnesses[0].source, "the parts book")
            self.assertGreater(facts[name].witnesses[0].line, 0)

    def test_what_a_report_says_stays_as_it_says(self):
        facts = self.facts("Processor name: Kestrel K5-8420\nProcessor cores: 4\n")
        self.assertEqual(facts["processor.cores"].value.value, 4)

    def test_pins_and_type_follow_from_the_standards(self):
        module = "Memory module\n  Slot: A1\n  Size: 8 GB\n"
        told = self.facts(f"{module}  Type: DDR4\n  Form factor: SO-DIMM\n")
        self.assertEqual(told["module.pins"].value.value, 260)
        fast = self.facts(f"{module}  Speed: 4800 MT/s\n")
        self.assertEqual((fast["module.type"].value.value, fast["module.type"].estimated), ("DDR5", True))
        self.assertNotIn("module.type", self.facts(f"{module}  Speed: 1600 MT/s\n"))
