"""What deeper lines below a table's rows tell of the things that the rows tell of."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.reading.clauses.told_in_parts import parted_words, told_in_words
from yes_tally.core.reading.cutting.more_below_rows import RowsOverMore, labelled
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.shapes.layout import Entry, indent_of
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def tell_more(interpreter: Interpreter, tables: Sequence[RowsOverMore]) -> list[RowsOverMore]:
    """Read the lines below rows as more of the things that were read on those. Returns the tables whose rows told of no
    things, so that these lines are none of theirs."""
    by_line: dict[int, Item] = {}
    told: dict[int, set[str]] = {}
    for draft in interpreter.drafts[interpreter.section_from :] if tables else ():
        if draft.item:
            by_line.setdefault(draft.entry.line, draft.item)
            told.setdefault(id(draft.item), set()).add(draft.fact)
    untold: list[RowsOverMore] = []
    for table in tables:
        if sum(more.row in by_line for more in table.below) * 2 <= len(table.below):
            untold.append(table)
            continue
        for more in table.below:
            item = by_line.get(more.row)
            if item is None:
                continue
            for line in more.lines:
                _tell(interpreter, line, item, told[id(item)])
    return untold


def _tell(interpreter: Interpreter, line: Line, item: Item, told: set[str]) -> None:
    """Read one line of a thing of which the facts ``told`` are told: as a label with its value, or as words."""
    left = [fact for fact in FIELDS[item.group] if fact.name not in told]
    start = indent_of(line.text)
    pair = labelled(line.text)
    before = len(interpreter.drafts)
    if pair:
        label, value, at = pair
        entry = Entry(label, value, line.number, at + 1)
        interpreter.entries([entry], "pairs", interpreter.context(item.group, (item.group,)), item)
    if len(interpreter.drafts) == before:
        words = parted_words(interpreter, line.text[start:], item.group)
        told_in_words(interpreter, words, line.number, start, item.group, item, left)
    told |= {draft.fact for draft in interpreter.drafts[before:]}
