"""The same report come by other ways: other line ends and encodings, a letter, a page, a log, a frame, a console's cut."""

import html
import re
import unittest
from collections import Counter
from pathlib import Path

from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import MIN_CONFIDENCE

FOLDER = Path(__file__).parent / "first_sight"
# Every so many-th of the reports; all of them take a minute.
STEP = 13


def each_line(change):
    return lambda text: "".join(change(line) + "\n" for line in text.splitlines()).encode()


def framed(lines):
    width = max(map(len, lines))
    inside = "".join(f"│ {line.ljust(width)} │\n" for line in lines)
    return f"┌{'─' * (width + 2)}┐\n{inside}└{'─' * (width + 2)}┘\n"


def cut(line, width=80):
    return [line[start : start + width] for start in range(0, len(line), width)] or [""]


def numbered(form):
    return lambda text: "".join(form.format(n, line) + "\n" for n, line in enumerate(text.splitlines(), 1)).encode()


def on_page(line):
    return html.escape(line).replace("  ", " &nbsp;") or "<br>"


WAYS = {
    "other line ends": lambda text: text.replace("\n", "\r\n").encode(),
    "sixteen bits": lambda text: text.encode("utf-16"),
    "indented": each_line(lambda line: "   " + line),
    "quoted": each_line(lambda line: "> " + line),
    "blanks at the ends": each_line(lambda line: line + "  "),
    "no-break blanks": each_line(lambda line: line.replace("  ", "\N{NO-BREAK SPACE} ")),
    "fenced": lambda text: f"```text\n{text}```\n".encode(),
    "behind words": lambda text: f"Hello Ines, this is what it printed.\n\n{text}".encode(),
    "every line ended twice": lambda text: text.replace("\n", "\n\n").encode(),
    "ended as long ago": lambda text: text.replace("\n", "\r").encode(),
    "a comment": each_line(lambda line: f"# {line}".rstrip()),
    "behind a bar": each_line(lambda line: f"| {line}"),
    "logged": each_line(lambda line: f"Mar 14 07:31:44 nq-acc-07 audit[411]: {line}"),
    "dashes of a letter program": lambda text: re.sub(r"(?<=\w)-(?=\w)", "\N{EN DASH}", text).encode(),
    "numbered with a bar": numbered("{:4} | {}"),
    "of many PCs": each_line(lambda line: f"gp-7714: {line}"),
    "of many PCs, with a bar": each_line(lambda line: f"gp-7714 | {line}"),
    "in a list of one column": each_line(lambda line: '"{}"'.format(line.replace('"', '""')) if line else line),
    "framed": lambda text: framed(text.splitlines()).encode(),
    "cut by a console": lambda text: "".join(f"{part}\n" for line in text.splitlines() for part in cut(line)).encode(),
    "a page of lines": lambda text: "".join(f"{on_page(line)}<br>\n" for line in text.splitlines()).encode(),
    "a page of one line": lambda text: "".join(f"<div>{on_page(line)}</div>" for line in text.splitlines()).encode(),
    "on a page": lambda text: f"<html>\n<body>\n<pre>\n{html.escape(text)}</pre>\n</body>\n</html>\n".encode(),
}
# Of a hundred readings; a column that is told by where its lines end is not found behind blanks.
KEPT_OF_HUNDRED = 99


def said(data):
    return Counter((r.fact, r.printed) for r in read(data).readings if r.confidence >= MIN_CONFIDENCE)


def plain_texts():
    # Those that a window cut already would be cut twice.
    files = [f for f in sorted(FOLDER.glob("*.txt")) if b"\r" not in f.read_bytes() and "wrap" not in f.name]
    for file in files[::STEP]:
        try:
            yield file.name, file.read_bytes().decode("utf-8")
        except UnicodeDecodeError:
            continue


class OtherWays(unittest.TestCase):
    def test_a_report_says_the_same(self):
        texts = dict(plain_texts())
        self.assertGreaterEqual(len(texts), 30)
        plain = {name: said(text.encode()) for name, text in texts.items()}
        for way, change in WAYS.items():
            with self.subTest(way):
                come = {name: said(change(text)) for name, text in texts.items()}
                kept = sum((plain[name] & come[name]).total() for name in texts)
                added = {name: more for name in texts if (more := come[name] - plain[name])}
                self.assertGreaterEqual(kept * 100, KEPT_OF_HUNDRED * sum(p.total() for p in plain.values()))
                self.assertLessEqual(sum(more.total() for more in added.values()), 5, added)
