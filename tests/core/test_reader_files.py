"""``docs/reader-files.md`` says of every file of the reader what its own first words say: ``python -m
tests.core.test_reader_files --write`` writes it anew."""

import ast
import sys
import unittest
from pathlib import Path

ROOT = Path(__file__).parents[2]
READER = ROOT / "yes_tally" / "core" / "reading"
LIST = ROOT / "docs" / "reader-files.md"
HEAD = """# The files of the reader

What each file of `yes_tally/core/reading/` is for, in its own first words (written by `python -m
tests.core.test_reader_files --write`). How they work together: [reader.md](reader.md).
"""


def said_of(path):
    """The first paragraph of a file's own words, on one line."""
    said = " ".join((ast.get_docstring(ast.parse(path.read_text())) or "").split("\n\n")[0].split())
    return said.replace("``", "`").replace("|", "\\|")


def listed():
    """The whole list as Markdown: a table a folder, the reader's own files first."""
    parts = [HEAD]
    for folder in [READER, *sorted(path for path in READER.iterdir() if path.is_dir() and path.name[0] != "_")]:
        files = [path for path in sorted(folder.glob("*.py")) if path.name != "__init__.py"]
        title = "reading" if folder == READER else folder.name
        rows = [f"| `{path.name}` | {said_of(path)} |" for path in files]
        parts.append("\n".join((f"## `{title}/`", "", "| file | what it is for |", "| --- | --- |", *rows, "")))
    return "\n".join(parts)


class ReaderFiles(unittest.TestCase):
    def test_every_file_says_what_it_is_for_and_is_listed_so(self):
        self.assertEqual(LIST.read_text(), listed())
        self.assertNotIn("|  |", LIST.read_text())


if __name__ == "__main__":
    if "--write" in sys.argv:
        LIST.write_text(listed())
    else:
        unittest.main()
