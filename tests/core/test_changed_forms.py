"""Days, labels and letters in other forms that say the same, and the code pages of the languages."""

import re
import unittest
from collections import Counter

from tests.core.first_sight_kept import reports
from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import MIN_CONFIDENCE

EVERY = 31


def each_line(change):
    return lambda text: "\n".join(change(number, line) for number, line in enumerate(text.split("\n")))


# Of what changes in the words themselves nearly all is read.
SAYING_THE_SAME = {
    "days with slashes": lambda text: re.sub(r"\b(20\d\d)-(\d\d)-(\d\d)\b", r"\1/\2/\3", text),
    "days with points": lambda text: re.sub(r"\b(20\d\d)-(\d\d)-(\d\d)\b", r"\3.\2.\1", text),
    "in capitals": str.upper,
    # Not those of a prompt (``nq-tkt-02: licence report``) or within prose (``Public profile: off.``).
    "no blank behind colons": each_line(
        lambda n, line: re.sub(r"^(?!\w+-\w+-\d+:|.*\.(?:\s|$))(\s*[^\W\d_][^:=|]{2,40}?)\s*:\s+(?=\S)", r"\1:", line) if "  " not in line.strip() else line
    ),
}  # fmt: skip
NEARLY_ALL = 0.95


def told(data):
    return Counter(
        ((r.item or "").partition("#")[0], r.fact, str(value_as_json(r.value)["value"]).casefold())
        for r in read(data).readings
        if r.confidence >= MIN_CONFIDENCE
    )


def sample():
    """Every so many of the kept reports that are text, less those that have a margin or a frame of their own."""
    kept = [report for report in reports() if report.suffix == ".txt"][::EVERY]
    texts = {report.name: report.read_bytes().decode("utf-8", "replace") for report in kept}
    own = re.compile(r"^ ?[|\d]", re.M)
    return {name: text for name, text in texts.items() if not own.search(text)}


class ChangedForms(unittest.TestCase):
    def test_other_words_for_the_same_say_nearly_the_same(self):
        texts = sample().values()
        for form, change in SAYING_THE_SAME.items():
            with self.subTest(form=form):
                kept = facts = 0
                for text in texts:
                    expected = told(text.encode())
                    facts += expected.total()
                    kept += (expected & told(change(text).encode())).total()
                self.assertGreaterEqual(kept / facts, NEARLY_ALL)

    def test_every_code_page_of_the_languages_is_known(self):
        for words, pages in (
            ("Größe: 8 GB, gelöscht ä ö", ("cp1252", "cp850")),
            ("Mémoire libre à 3 Go, créé", ("cp1252", "cp850")),
            ("L'ora non è stata letta però", ("cp1252", "cp850")),
            ("Ostatnie uruchomienie: żądanie, wyłączone, sieć", ("cp1250", "cp852")),
        ):
            for page in pages:
                with self.subTest(page=page, words=words):
                    self.assertEqual(read(words.encode(page)).lines[0].text, words)

    def test_a_box_of_a_code_page_is_a_box(self):
        box = "┌──────────────┐\n│ Maker: Corrane │\n└──────────────┘\n"
        self.assertEqual([line.text for line in read(box.encode("cp850")).lines], box.splitlines())
