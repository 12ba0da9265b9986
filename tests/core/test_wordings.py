"""What labels mean, what values and failures are, in the wordings that people and tools use for them, in every language."""

import re
import unittest
from pathlib import Path

from yes_tally.core.catalogue import FACTS
from yes_tally.core.failures import failure_kind, says_went_wrong
from yes_tally.core.quantity import Locale
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import LANGUAGES, subjects_in
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.values.understand import understand

FOLDER = Path(__file__).parent / "wordings"


def wordings(file):
    """Each thing that a file lists, a language (ISO 639-1) and one wording of it in that language."""
    listed = ""
    for line in (FOLDER / file).read_text("utf-8").splitlines():
        if line.startswith("  "):
            language, _, said = line.strip().partition(": ")
            yield from ((listed, language, wording) for wording in said.split("; "))
        elif not line.startswith("#"):
            listed = line


class Wordings(unittest.TestCase):
    def test_each_label_means_its_fact_where_its_group_is_spoken_of(self):
        wrong = []
        for fact, language, label in wordings("labels.txt"):
            guesses = decide(label, Context(FACTS[fact].group, (), language))
            if not guesses or guesses[0].fact != fact:
                wrong.append((fact, language, label, [guess.fact for guess in guesses[:2]]))
        self.assertEqual(wrong, [])

    def test_each_heading_names_its_group(self):
        wrong = []
        for group, language, heading in wordings("headings.txt"):
            named = [subject.group for subject in subjects_in(words_of(heading))]
            if named[:1] != [group]:
                wrong.append((group, language, heading, named))
        self.assertEqual(wrong, [])

    def test_each_value_is_understood(self):
        wrong = []
        for listed, language, printed in wordings("values.txt"):
            fact, _, expected = listed.partition(" = ")
            value = understand(FACTS[fact], printed, Locale())
            if value is None or str(value.value) != expected:
                wrong.append((listed, language, printed, value and value.value))
        self.assertEqual(wrong, [])

    def test_each_prompt_parts_commands(self):
        for prompt in (FOLDER / "prompts.txt").read_text("utf-8").splitlines():
            with self.subTest(prompt):
                commands = ("about machine", "about licence", "about system")
                answers = (
                    "Host name: nq-tkt-01\nSerial number: 4711-X",
                    "about licence: access denied",
                    "Build: 12.0.4417",
                )
                told = "\n\n".join(
                    f"{prompt} {asked}\n{answer}" for asked, answer in zip(commands, answers, strict=True)
                )
                report = read(told.encode())
                sections = report.sections
                self.assertEqual([section.command for section in sections], list(commands))
                named = {r.value.value for r in report.readings if r.fact == "host.name" and r.shape == "prompt"}
                host = re.search(r"[a-z]+-[a-z]+-\d+[\w.]*", prompt, re.I)
                self.assertEqual(named, {host.group()} if host else set())
                self.assertEqual([section.failure for section in sections], [None, "no-rights", None])

    def test_each_moment_is_understood(self):
        wrong = []
        for expected, language, printed in wordings("moments.txt"):
            value = understand(FACTS["licence.expires_at"], printed, Locale())
            if value is None or not str(value.low).startswith(expected):
                wrong.append((expected, language, printed, value and value.low))
        self.assertEqual(wrong, [])

    def test_each_sentence_tells(self):
        for line in (FOLDER / "sentences.txt").read_text("utf-8").splitlines():
            if line.startswith("#"):
                continue
            said, *told = line.split("|")
            with self.subTest(said):
                report = read(said.replace("\\n", "\n").encode())
                found = {reading.fact: str(reading.value.low) for reading in reversed(report.readings)}
                for fact, _, expected in (one.partition("=") for one in told):
                    self.assertEqual(found.get(fact, "")[: len(expected)], expected, fact)

    def test_each_failure_is_named(self):
        wrong = [
            (kind, language, said, failure_kind(said))
            for kind, language, said in wordings("failures.txt")
            if failure_kind(said) != kind
        ]
        self.assertEqual(wrong, [])

    def test_each_thing_that_went_wrong_is_one_where_no_kind_is_known(self):
        said = [said for _, _, said in wordings("went-wrong.txt")]
        self.assertEqual([line for line in said if failure_kind(line) or not says_went_wrong(line)], [])
        report = read("".join(f"nq-tkt-01> query {n}\n{line}\n" for n, line in enumerate(said)).encode())
        self.assertEqual([section.failure for section in report.sections], ["failed"] * len(said))

    def test_what_is_told_of_the_pc_is_no_failure(self):
        for line in (
            "No batteries found.", "Keine Laufwerke mit Fehlern.", "The PC is not joined to a domain.", "Kein Neustart erforderlich.",
            "No problems were found on C:.", "Checked C: 0 errors, 0 warnings", "2 errors, 3 warnings in the last 7 days", "Licence: not activated",
            "1 of 4 licences could not be activated", "C: has errors, run a repair", "Backup failed on 2025-01-02", "Encryption: not started",
            "TPM not present", "Requires build 22000: yes", "The user may not change the password.", "Nessuna stampante installata.",
            "Aucune mise à jour en attente", "Er zijn geen updates gevonden.", "Brak drukarek.", "Support for this build ended 2024-10-08",
        ):  # fmt: skip
            with self.subTest(line):
                report = read(f"nq-tkt-01> show\n{line}\n".encode())
                self.assertEqual([section.failure for section in report.sections], [None])

    def test_each_quantity_holds_its_value(self):
        wrong = []
        for listed, _, printed in wordings("quantities.txt"):
            fact, _, expected = listed.partition(" = ")
            value = understand(FACTS[fact], printed, Locale())
            readings = (value, *value.others) if value else ()
            if not any(reading.low <= float(expected) <= reading.high for reading in readings):
                wrong.append((listed, printed, value))
        self.assertEqual(wrong, [])

    def test_each_placeholder_is_no_value(self):
        said = [word for _, _, word in wordings("placeholders.txt")]
        self.assertEqual([word for word in said if understand(FACTS["machine.serial"], word, Locale()) is not None], [])

    def test_every_language_has_wordings_of_each_kind(self):
        for file in ("labels.txt", "headings.txt", "values.txt", "failures.txt"):
            listed = {language: set() for language in LANGUAGES}
            for what, language, _ in wordings(file):
                listed[language].add(what)
            for language, found in listed.items():
                with self.subTest(file=file, language=language):
                    self.assertGreaterEqual(len(found), 4)

    def test_a_word_that_is_denied_is_not_said(self):
        for fact, printed in (
            ("disk.health", "not good"),
            ("disk.media", "no ssd"),
            ("licence.channel", "nicht Volumen"),
            ("licence.state", "never activated"),
        ):
            with self.subTest(printed):
                self.assertIsNone(understand(FACTS[fact], printed, Locale()))


if __name__ == "__main__":
    unittest.main()
