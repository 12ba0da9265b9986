"""What the marks beside rows say of the things that the rows tell of."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.by_clause import by_assertion
from yes_tally.core.reading.cutting.row_marks import RowMark
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DEFAULT = re.compile(
    r"\b(?:default|standard|vorgabe|par defaut|predeterminad|por defecto|padrao|predefini|por omissao|standaard|domysln)"
)
# Marks that point at a row.
_POINTS = re.compile(r"[*>•►▶●★→»-]|=>|==>")


def tell_marked(interpreter: Interpreter, marks: Sequence[RowMark]) -> None:
    """Keep what the marks of rows mean: what a line below says, where the catalogue has a flag for it; else, of one printer
    or boot entry of several, that it is the default."""
    if not marks:
        return
    drafts = interpreter.drafts[interpreter.section_from :]
    by_line: dict[int, Item] = {}
    for draft in drafts:
        if draft.item:
            by_line.setdefault(draft.entry.line, draft.item)
    told = {(draft.fact, id(draft.item)) for draft in drafts}
    decided = {draft.fact for draft in drafts if draft.value.value is True}
    for mark in marks:
        item = by_line.get(mark.line)
        fact = _meant(interpreter, mark, item, decided) if item else None
        if item and fact and (fact[0], id(item)) not in told:
            place = Entry("", mark.mark, mark.line, mark.column)
            why = f"a line below says what {mark.mark} means" if mark.means else "of all rows it is marked"
            interpreter.add(fact[0], item, place, exactly("flag", fact[1]), "rows", 0.8, why)


def _meant(interpreter: Interpreter, mark: RowMark, item: Item, decided: set[str]) -> tuple[str, bool] | None:
    """The flag that a mark says of a thing, and whether it says yes."""
    default = f"{item.group}.default"
    if not mark.means:
        points = mark.alone and _POINTS.match(mark.mark.strip("[]()"))
        return (default, True) if points and default in FACTS and default not in decided else None
    if default in FACTS and _DEFAULT.search(plain(mark.means)):
        return default, True
    flags = [fact for fact in FIELDS[item.group] if fact.kind == "flag"]
    found = by_assertion(interpreter, mark.means, item.group, flags)
    return (found[0].name, bool(found[1].value)) if found else None
