"""Reports as they were met for the first time, with what a careful technician reads in each (looked at by a person)."""

import json
import unittest
from pathlib import Path

from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import MIN_CONFIDENCE

FOLDER = Path(__file__).parent / "first_sight"


class FirstSight(unittest.TestCase):
    def test_each_report_says_this_and_nothing_else(self):
        reports = [file for file in sorted(FOLDER.iterdir()) if not file.name.endswith(".expected.json")]
        self.assertGreaterEqual(len(reports), 20)
        for file in reports:
            with self.subTest(file.name):
                expected = json.loads(Path(f"{file}.expected.json").read_text("utf-8"))
                said = [
                    [
                        r.line,
                        f"{r.item}.{r.fact.partition('.')[2]}" if r.item else r.fact,
                        json.loads(json.dumps(value_as_json(r.value)["value"])),
                    ]
                    for r in read(file.read_bytes()).readings
                    if r.confidence >= MIN_CONFIDENCE  # what is less sure settles nothing
                ]
                self.assertEqual(said, expected)
