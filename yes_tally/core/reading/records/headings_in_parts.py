"""Headings that tell of the item below them in several parts, or choose one of several."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import Entry, Heading, cells_by_gap
from yes_tally.core.reading.values.understand import MAX_TEXT

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# So many drafts a heading makes at most.
LATEST = 8
_DASHES = re.compile(r"\s+(?:--|[─—–-])\s+")
_LEAST_DASHES = 2


def named_in_parts(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """``Landing air ─ Ternwave AX 20 ─ wireless ─ down`` over more of it: what it is called, and what is said of it
    between dashes; of a network card people's name may stand before its own. Whether the heading is one of these."""
    text = heading.text[:MAX_TEXT]
    if len(_DASHES.findall(text)) < _LEAST_DASHES:
        return False
    parts = cells_by_gap(_DASHES.sub(lambda dash: " " * len(dash.group()), text))
    naming, names = CALLED[group], []
    left = [fact for fact in FIELDS[group] if fact.name not in (naming, "adapter.connection")]
    before = len(interpreter.drafts)
    for part, at in parts[1:]:
        if not told_in_words(interpreter, part, heading.line, heading.column - 1 + at, group, item, left):
            names.append((part, at))
    if len(interpreter.drafts) == before or len(names) > (group == "adapter"):
        del interpreter.drafts[before:]
        return False
    called = [(parts[0], "adapter.connection" if names else naming), *((name, naming) for name in names)]
    for (part, at), fact in called:
        entry = Entry("", part.strip("\"'“”„«» "), heading.line, heading.column + at)
        interpreter.place(entry, shape, (Guess(fact, 0.82, "the heading begins with what it is called"),), item)
    interpreter.frame.add(heading.line)
    return True


def chosen(interpreter: Interpreter, heading: Heading, mark: str, item: Item, shape: str) -> None:
    """The one of several things that bears the mark of a choice is the default, where the heading does not say it too."""
    default = f"{item.group}.default"
    if default in FACTS and not any(d.item is item and d.fact == default for d in interpreter.drafts[-LATEST:]):
        at = Entry("", mark, heading.line, heading.column + heading.text.index(mark))
        interpreter.add(default, item, at, exactly("flag", True), shape, 0.75, "of all it is marked as chosen")
