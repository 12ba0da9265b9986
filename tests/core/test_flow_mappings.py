"""Records on one line in braces (YAML 1.2, 7.4.2), alone and where they are listed."""

import unittest

from yes_tally.core.reading.reader import read
from yes_tally.core.reading.shapes.flow_mappings import flow_mapping
from yes_tally.core.reading.text.decode import Line

MODULES = b"""modules:
  - {slot: A1, size_mb: 16384, type: DDR4}
  - {slot: A2, size_mb: 8192, type: DDR4}
"""


def pairs(text):
    record = flow_mapping(Line(1, text, 0, 0))
    return [(entry.label, entry.printed) for entry in record.entries] if record else []


class FlowMapping(unittest.TestCase):
    def test_its_pairs_have_their_places(self):
        text = "  - {slot: A1, size_mb: 16384, label: 'B, C', dns: [10.20.0.53, 10.20.1.53]}"
        found = flow_mapping(Line(7, text, 0, 0)).entries
        self.assertEqual(
            [(entry.label, entry.printed) for entry in found],
            [("slot", "A1"), ("size_mb", "16384"), ("label", "B, C"), ("dns", "10.20.0.53, 10.20.1.53")],
        )
        for entry in found:
            self.assertEqual(text[entry.column - 1 :][: len(entry.printed)], entry.printed)
            self.assertEqual(entry.line, 7)

    def test_what_is_no_such_record_has_none(self):
        for text in (
            "",
            "{",
            "{}",
            "slot: A1",
            "{slot}",
            "{slot: A1, {deeper: 1}}",
            '{"slot": "A1"}',
            "{slot: A1} and more",
            "{slot: 'A1}",
            "{: A1}",
            "{" + "a: b, " * 100_000 + "}",
        ):
            with self.subTest(text[:30]):
                self.assertEqual(pairs(text), [])

    def test_its_label_heads_it(self):
        for text, label in (
            ("  Labels: {port: USB001}", "Labels"),
            ('"Hall printer": {port: USB001},', "Hall printer"),
        ):
            with self.subTest(text):
                record = flow_mapping(Line(3, text, 0, 0))
                self.assertEqual((record.heading.text, record.heading.line), (label, 3))
                self.assertEqual([(entry.label, entry.printed) for entry in record.entries], [("port", "USB001")])
        self.assertIsNone(flow_mapping(Line(3, "- {port: USB001}", 0, 0)).heading)

    def test_a_comma_may_stand_behind_the_last(self):
        self.assertEqual(pairs("{slot: A1,}"), [("slot", "A1")])

    def test_each_that_is_listed_is_one_item(self):
        readings = read(MODULES).readings
        sizes = {r.item: r.value.value for r in readings if r.fact == "module.size"}
        slots = {r.item: r.printed for r in readings if r.fact == "module.slot"}
        self.assertEqual(sorted(slots.values()), ["A1", "A2"])
        self.assertEqual({slots[item]: size // 2**20 for item, size in sizes.items()}, {"A1": 16384, "A2": 8192})
