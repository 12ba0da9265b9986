"""Lines that each begin with the model of a thing whose kind nothing names: what else they tell says it.

::

    Basalt NV1000, 931.5 GB, NVMe, serial BNV1K0044417
    Wickerlink GbE 210, 3c:5a:b4:10:74:17, up at 1 Gbit/s
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.reading.clauses.by_clause import tells_field
from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.records.heads_over_words import CALLED_BY, MODEL
from yes_tally.core.reading.shapes.layout import LIST_MARK, MAX_LINE, Entry, cells_by_comma
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DRIVER = r"(?:driver|treiber|pilote|controlador|stuurprogramma|sterownik)"
# What only one kind of thing has, the surest first: a card with a driver may show a picture too, a screen has no driver.
_DECIDES: tuple[tuple[str, re.Pattern[str]], ...] = (
    ("adapter", FORMS["adapter.mac"]),
    ("disk", re.compile(r"(?:NVMe|SATA|SAS)(?: (?:SSD|HDD))?|SSD|HDD", re.I)),
    ("battery", re.compile(r"[\d.,]+ ?m?Wh\b.*", re.I)),
    ("graphics", re.compile(rf"{_DRIVER} \d+(?:\.\d+){{2,}}.*", re.I)),
    ("display", FORMS["display.width"]),
)
_LISTED = re.compile(rf"\s*{LIST_MARK}")
_LEAST_CLAUSES, _MOST_LINES = 3, 400


def lines_without_nouns(interpreter: Interpreter, lines: Sequence[Line], asked: Sequence[str]) -> None:
    """Read such lines of a section that were not read; ``asked``: what its command asks for, which says the kind where it
    names one."""
    if len(lines) > _MOST_LINES or any(group in ITEM_GROUPS for group in asked):
        return
    told = {draft.entry.line for draft in interpreter.drafts[interpreter.section_from :]}
    for line in lines:
        if line.number not in told and ", " in line.text and len(line.text) <= MAX_LINE:
            _read(interpreter, line)


def _read(interpreter: Interpreter, line: Line) -> None:
    listed = _LISTED.match(line.text)
    start = listed.end() if listed else 0
    cells = cells_by_comma(line.text[start:], start)
    if len(cells) < _LEAST_CLAUSES or not MODEL.fullmatch(cells[0][0]):
        return
    (name, at), *clauses = cells
    group = next((kind for kind, form in _DECIDES if any(form.fullmatch(clause) for clause, _ in clauses)), "")
    left = [fact for fact in FIELDS[group] if fact.name != CALLED_BY[group]] if group else []
    telling = [clause for clause, _ in clauses if tells_field(interpreter, clause, group, left)] if group else []
    if len(telling) < _LEAST_CLAUSES - 1 or len(telling) * 2 < len(clauses):
        return
    item = Item(group)
    guess = Guess(CALLED_BY[group], 0.75, f"what is told behind it is told of a {group}")
    interpreter.place(Entry("", name, line.number, at + 1), "words", (guess,), item)
    first = clauses[0][1]
    told_in_words(interpreter, line.text[first:], line.number, first, group, item, left)
    interpreter.take(item)
