"""The documents say what is true: examples parse, links lead somewhere, every command and probe is told."""

import re
import unittest
from pathlib import Path

from typer.main import get_command

from yes_tally.cli import app
from yes_tally.collecting.probes import PROBES
from yes_tally.core.expecting.comparisons import TEST_WORDS
from yes_tally.core.expecting.parse import parse_expectation, parse_spec
from yes_tally.core.expecting.terms import SpecMistakes

ROOT = Path(__file__).resolve().parent.parent
PAGES = [ROOT / "README.md", *sorted((ROOT / "docs").glob("*.md"))]


class TheDocuments(unittest.TestCase):
    def test_every_example_of_the_language_parses(self):
        examples = re.findall(r"```spec\n(.*?)```", (ROOT / "docs/language.md").read_text(), re.S)
        self.assertGreaterEqual(len(examples), 3)
        for example in examples:
            self.assertGreater(len(parse_spec(example).expectations), 0)

    def test_every_mistake_is_answered_as_told(self):
        rows = re.findall(r"^\| `(must .*?)` \| (line .*?) \|$", (ROOT / "docs/language.md").read_text(), re.M)
        self.assertGreaterEqual(len(rows), 3)
        for written, told in rows:
            with self.assertRaises(SpecMistakes) as caught:
                parse_expectation(written)
            self.assertEqual(str(caught.exception.errors[0]), told)

    def test_every_comparison_is_told(self):
        text = (ROOT / "docs/language.md").read_text()
        for words in TEST_WORDS.values():
            self.assertIn(f"`{words}`", text)

    def test_every_link_leads_somewhere(self):
        for page in PAGES:
            for target in re.findall(r"\]\(([^)#]+?)(?:#[\w-]+)?\)", page.read_text()):
                self.assertTrue((page.parent / target).exists(), f"{page.name}: {target}")

    def test_every_command_and_every_probe_is_told(self):
        readme, formats = (ROOT / "README.md").read_text(), (ROOT / "docs/formats.md").read_text()
        for name, command in get_command(app).commands.items():
            if not command.hidden:
                self.assertIn(f"yes-tally {name}", readme)
        for probe in PROBES:
            self.assertIn(f"| {probe.name} |", formats)

    def test_no_download_address_is_in_the_lock_files(self):
        self.assertNotIn("://", (ROOT / "requirements.lock").read_text())
        self.assertNotIn('"resolved"', (ROOT / "frontend/package-lock.json").read_text())
