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
    for draft in interpreter.drafts[interpreter.section_from :] if tables else ():
        if draft.item:
            by_line.setdefault(draft.entry.line, draft.item)
    untold = [table for table in tables if sum(more.row in by_line for more in table.below) * 2 <= len(table.below)]
    for table in tables:
        for more in table.below if table not in untold else ():
            for line in more.lines if more.row in by_line else ():
                _tell(interpreter, line, by_line[more.row])
    return untold


def _tell(interpreter: Interpreter, line: Line, item: Item) -> None:
    """Read one line of a thing: as a label with its value, or as words."""
    told = {draft.fact for draft in interpreter.drafts[interpreter.section_from :] if draft.item is item}
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
