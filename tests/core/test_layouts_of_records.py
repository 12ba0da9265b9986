"""Things of every kind in every layout of records, under a command and under titles: all that is printed is read, of the right
thing, and nothing else is."""

import unittest

from tests.core.readings import told
from tests.core.record_layouts import NAMED_LAYOUTS, RECORD_LAYOUTS
from tests.core.things import THINGS

# No name heads what is told by numbers.
BY_NUMBER = frozenset({"process", "connection", "partition"})
# What is left of a layout for a kind: a word of the kind is told of another thing too.
NOT_YET = {
    ("values below", "disk"), ("values below", "adapter"), ("values below", "volume"), ("values below", "printer"),
    ("turned below names", "printer"), ("quoted", "graphics"),
}  # fmt: skip
# ``Card 0 model``: which kind of card nothing says.
CARDS = frozenset(name for name in RECORD_LAYOUTS if name.startswith(("label with", "label behind", "of which")))
TITLES = {
    "command": "nq-acc-07> {low}\n{body}\n",
    "title": "{title}\n\n{body}\n",
    "title right above": "{title}\n{body}\n",
    "counted": "{title} (2)\n{body}\n",
    "decorated": "=== {title} ===\n{body}\n",
    "underlined": "{title}\n-----\n{body}\n",
    "sheet": "PC sheet of nq-acc-07\n\nMaker         Corrane\nModel         Tallow 520 MT\n\n{title}\n\n{body}\n\nPrinted 2025-02-11 08:47\n",
}


def written(kind, layout, wording):
    """The records of a kind's two things in a layout."""
    _, noun, fields = THINGS[kind]
    things = [[(field[wording], field[3 + 2 * which]) for field in fields] for which in (0, 1)]
    return (RECORD_LAYOUTS | NAMED_LAYOUTS)[layout](noun, things)


class LayoutsOfRecords(unittest.TestCase):
    def assert_read(self, text, kind):
        found = told(text)
        of_kind = {key: value for key, value in found.items() if key.startswith((f"{kind}#", f"{kind}."))}
        for which in (1, 2):
            for _, _, field, *values in THINGS[kind][2]:
                value = values[2 * which - 1]
                read = of_kind.pop(f"{kind}#{which}.{field}", None)
                self.assertEqual(str(read), str(value), f"{field} of {which} in\n{text}")
        # A heading that numbers them says more of some.
        more = {
            key for key in of_kind if not key.endswith((".number", ".height", ".disk", ".socket", ".form", ".refresh"))
        }
        self.assertFalse(more, text)
        others = {key for key in found if key not in of_kind and not key.startswith((kind, "host.", "machine.m"))}
        self.assertFalse(others, text)

    def test_below_the_command_in_two_wordings(self):
        for kind, (command, *_) in THINGS.items():
            for layout in RECORD_LAYOUTS:
                for wording in (0, 1):
                    if (layout, kind) in NOT_YET or (kind == "graphics" and layout in CARDS):
                        continue
                    with self.subTest(kind=kind, layout=layout, wording=wording):
                        self.assert_read(f"nq-acc-07> {command}\n{written(kind, layout, wording)}\n", kind)

    def test_names_over_or_before_what_is_told(self):
        for kind, (command, *_) in THINGS.items():
            for layout in () if kind in BY_NUMBER else NAMED_LAYOUTS:
                if (layout, kind) not in NOT_YET:
                    with self.subTest(kind=kind, layout=layout):
                        self.assert_read(f"nq-acc-07> {command}\n{written(kind, layout, 0)}\n", kind)

    def test_under_titles(self):
        for kind in ("disk", "account", "adapter", "printer"):
            for layout in ("columns", "pairs by gap", "numbers head them", "commas behind a number", "JSON", "bars"):
                for name, title in TITLES.items():
                    with self.subTest(kind=kind, layout=layout, title=name):
                        command = THINGS[kind][0]
                        body = written(kind, layout, 0)
                        self.assert_read(title.format(title=command.title(), low=command, body=body), kind)
