"""Reports in other forms that say the same: what is read of every so many of the kept reports stays as it was."""

import re
import unittest
from collections import Counter

from tests.core.first_sight_kept import reports
from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import MIN_CONFIDENCE

EVERY = 61


def each_line(change):
    return lambda text: "\n".join(change(number, line) for number, line in enumerate(text.split("\n")))


# What stands around lines, how they end, and how they are encoded says nothing of the PC.
SAYING_NOTHING = {
    "window ends": lambda text: text.replace("\n", "\r\n"),
    "deeper": each_line(lambda n, line: f"    {line}" if line else line),
    "padded": each_line(lambda n, line: line.ljust(100)),
    "no-break blanks": lambda text: text.replace(" ", "\xa0"),
    "dashes of a letter program": lambda text: re.sub(r"(?<=\w)-(?=\w)", "\u2013", text),
    "coloured": each_line(lambda n, line: f"\x1b[{31 + n % 7}m{line}\x1b[0m"),
    "empty lines between": lambda text: text.replace("\n", "\n\n"),
    "quoted": each_line(lambda n, line: f"> {line}"),
    "behind a bar": each_line(lambda n, line: f"| {line}"),
    "numbered with a bar": each_line(lambda n, line: f"{n + 1:4} | {line}"),
    "numbered with a point": each_line(lambda n, line: f"{n + 1}. {line}"),
    "numbered in brackets": each_line(lambda n, line: f"[{n + 1}] {line}"),
    "by a recorder": each_line(lambda n, line: f"2026-05-03 10:{n // 60 % 60:02}:{n % 60:02} INFO  {line}"),
    "by a recorder to the millisecond": each_line(lambda n, line: f"2026-05-03 10:11:{n % 60:02},113 [INFO] {line}"),
    "of many PCs": each_line(lambda n, line: f"gp-7714: {line}"),
    "of many PCs, with a bar": each_line(lambda n, line: f"gp-7714 | {line}"),
    "in a list of one column": each_line(lambda n, line: '"{}"'.format(line.replace('"', '""')) if line else line),
}
# Of what changes in the words themselves nearly all is read.
SAYING_THE_SAME = {
    "days with slashes": lambda text: re.sub(r"\b(20\d\d)-(\d\d)-(\d\d)\b", r"\1/\2/\3", text),
    "days with points": lambda text: re.sub(r"\b(20\d\d)-(\d\d)-(\d\d)\b", r"\3.\2.\1", text),
    "in capitals": str.upper,
    "no blank behind colons": each_line(
        lambda n, line: re.sub(r"^(\s*[^\W\d_][^:=|]{2,40}?)\s*:\s+(?=\S)", r"\1:", line) if "  " not in line.strip() else line
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
    def test_what_says_nothing_changes_nothing(self):
        for name, text in sample().items():
            expected = told(text.encode())
            for form, change in SAYING_NOTHING.items():
                with self.subTest(report=name, form=form):
                    self.assertEqual(told(change(text).encode()), expected)

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
