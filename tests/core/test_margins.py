"""What was put before every line on its way: quotation marks, line numbers, the time; and what is none of these."""

import unittest

from yes_tally.core.reading.reader import read
from yes_tally.core.reading.text.decode import decode
from yes_tally.core.reading.text.margins import without_margin

REPORT = """gp-hbr-16> about machine

Maker:    Corrane
Model:    Tallow 520 MT
Cores:    6
Threads:  12
"""


def texts(text):
    return [line.text for line in without_margin(decode(text.encode()).lines)]


def marked(margin):
    return "".join(f"{margin(number)}{line}\n".rstrip() + "\n" for number, line in enumerate(REPORT.splitlines(), 1))


def readings(text):
    return [(r.fact, r.printed, r.line) for r in read(text.encode()).readings]


MARGINS = {
    "quoted in a letter": lambda n: "> ",
    "quoted twice": lambda n: "> > ",
    "numbered": lambda n: f"{n:03d}  ",
    "numbered with a bar": lambda n: f"{n:2d}| ",
    "stamped": lambda n: f"09:12:{n:02d}.113 | ",
    "with the time before it, blank lines too": lambda n: f"2025-03-14T07:31:{n:02d}Z ",
    "with the time in brackets": lambda n: f"[2025-03-14 07:31:{n:02d}] ",
    "a comment": lambda n: "# ",
    "a comment of another kind": lambda n: "// ",
    "behind a bar": lambda n: "│ ",
    "logged": lambda n: "nq-acc-07 audit[411]: ",
    "logged with the time": lambda n: f"Mar 14 07:31:{n:02d} nq-acc-07 audit[411]: ",
    "numbered and commented": lambda n: f"# {n:03d}  ",
}


class Margins(unittest.TestCase):
    def test_a_report_says_the_same_with_and_without(self):
        for name, margin in MARGINS.items():
            with self.subTest(name):
                self.assertEqual(readings(marked(margin)), readings(REPORT))

    def test_what_is_read_is_marked_where_it_stands(self):
        for name, margin in MARGINS.items():
            report = marked(margin)
            lines = report.splitlines()
            for reading in read(report.encode()).readings:
                with self.subTest(name, fact=reading.fact):
                    at = lines[reading.line - 1][reading.column - 1 : reading.end_column - 1]
                    self.assertEqual(at, reading.printed)

    def test_words_around_a_quoted_report_stay(self):
        self.assertEqual(
            texts("Bram wrote:\n" + marked(MARGINS["quoted in a letter"]))[:2],
            ["Bram wrote:", "gp-hbr-16> about machine"],
        )

    def test_lists_logs_and_tables_have_no_margin(self):
        for text in (
            "1  C:\\Sys\\bin\n2  C:\\Sys\n3  C:\\Tools\n4  C:\\Maps\n",
            "09:12:01 | ERROR | disk | bad block\n09:12:02 | INFO | kernel | up\n" * 3,
            "2025-03-14 07:31:44 INFO kernel up\n" * 5,
            "0 1 2\n1 5 5\n2 7 7\n3 9 9\n",
            "> one\ntwo\nthree\nfour\n",
            "# disks\n## disk 0\n# memory\n## module A1\n",
            "| a | b |\n| 1 | 2 |\n| 3 | 4 |\n| 5 | 6 |\n",
            "nq-acc-07 diskd[411]: bad block\nnq-acc-07 timed[90]: no answer\n" * 3,
            "[2025-03-14 07:31:44] bad block\n[2025-03-14 07:32:44] no answer\n" * 3,
            "Mar 14 07:31:44 disk: bad block\nMar 14 07:31:45 time: no answer\n" * 3,
            "\n\n\n",
        ):
            with self.subTest(text[:20]):
                self.assertEqual(texts(text), [line.text for line in decode(text.encode()).lines])


FRAME = """┌──────────────────────────────┐
│ gp-hbr-16> about machine     │
│                              │
│ Maker:    Corrane            │
│ Model:    Tallow 520 MT      │
└──────────────────────────────┘
"""


class Frames(unittest.TestCase):
    def test_a_frame_around_all_is_taken_off(self):
        self.assertEqual(texts(FRAME), ["gp-hbr-16> about machine", "", "Maker:    Corrane", "Model:    Tallow 520 MT"])

    def test_a_table_in_a_frame_a_titled_one_and_an_open_one_stay(self):
        table = FRAME.replace("┌──────────", "┌─────────┬", 1)
        for text in (
            table,
            FRAME.replace("┌─────────", "┌─ About ─", 1),
            FRAME.replace("Corrane            │", "Corrane"),
        ):
            with self.subTest(text):
                self.assertEqual(texts(text), text.splitlines())


class Pages(unittest.TestCase):
    def test_lines_of_a_page_are_as_a_browser_shows_them(self):
        for page in (
            "<p>Maker: Corrane<br>\nModel:&nbsp; Tallow &amp; Son<br>\nCores: 6</p>\n",
            "<div>Maker: Corrane</div><div>Model:&nbsp; Tallow &amp; Son</div><div>Cores: 6</div>",
            "<html><body><pre>\nMaker: Corrane\nModel:  Tallow &amp; Son\nCores: 6\n</pre></body></html>\n",
        ):
            with self.subTest(page):
                self.assertEqual(texts(page), ["Maker: Corrane", "Model:  Tallow & Son", "Cores: 6"])

    def test_what_is_read_of_a_page_stands_where_it_is_printed(self):
        page = "<p>Hello</p>\n<p>Maker: Corrane<br>Serial number: CRN7K20466<br></p>\n<p>Cores: 6</p>\n"
        lines = page.splitlines()
        found = {
            r.fact: (r.line, lines[r.line - 1][r.column - 1 : r.end_column - 1]) for r in read(page.encode()).readings
        }
        self.assertEqual(found["machine.serial"], (2, "CRN7K20466"))
        self.assertEqual(found["processor.cores"], (3, "6"))

    def test_tables_and_documents_are_no_pages(self):
        for text in (
            "<table><tr><td>Maker</td><td>Corrane</td></tr></table><br>\n",
            "<disk index='0'>\n<model>Basalt</model>\n</disk>\n",
            "a <br> in a line\nof\nfour\nlines\n",
        ):
            with self.subTest(text):
                self.assertEqual(texts(text), text.splitlines())


class LinesLeftOut(unittest.TestCase):
    def test_every_second_line_empty_is_read_as_none_was(self):
        doubled = REPORT.replace("\n", "\n\n")
        self.assertEqual([(f, p, 2 * n - 1) for f, p, n in readings(REPORT)], readings(doubled))
