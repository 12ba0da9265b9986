"""What labels mean, in the wordings that people and tools use for them, in every language."""

import unittest
from pathlib import Path

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.decide import Context, decide
from yes_tally.core.reading.phrases import LANGUAGES

WORDINGS = Path(__file__).parent / "label_wordings.txt"


def wordings():
    """Each fact, a language and one wording."""
    fact = ""
    for line in WORDINGS.read_text("utf-8").splitlines():
        if line.startswith("  "):
            language, _, labels = line.strip().partition(": ")
            yield from ((fact, language, label) for label in labels.split("; "))
        elif not line.startswith("#"):
            fact = line


class Wordings(unittest.TestCase):
    def test_each_means_its_fact_where_its_group_is_spoken_of(self):
        wrong = []
        for fact, language, label in wordings():
            guesses = decide(label, Context(FACTS[fact].group, (), language))
            if not guesses or guesses[0].fact != fact:
                wrong.append((fact, language, label, [guess.fact for guess in guesses[:2]]))
        self.assertEqual(wrong, [])

    def test_every_language_has_wordings_for_most_groups(self):
        groups = {language: set() for language in LANGUAGES}
        for fact, language, _ in wordings():
            groups[language].add(FACTS[fact].group)
        for language, found in groups.items():
            with self.subTest(language):
                self.assertGreater(len(found), 18)


if __name__ == "__main__":
    unittest.main()
