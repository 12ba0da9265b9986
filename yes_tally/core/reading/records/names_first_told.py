"""What an update or a process is called that its number stands before (``Security fix, printing, installed 2025-01-14``)."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FactKind
from yes_tally.core.reading.clauses.by_clause import tells_field
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import Entry, cells_by_comma, indent_of

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter


def name_first_told(
    interpreter: Interpreter,
    words: str,
    line: int,
    start: int,
    item: Item,
    left: list[FactKind],
    *,
    alone: bool = False,
) -> str:
    """Read the title or the name that ``words``, with commas between what they tell, begin with: up to the first that tells
    something else, or all of them where they may be it ``alone``. ``start``: their column from 0. Returns the words with blanks
    for it."""
    named = next((fact for fact in left if fact.field in _CALLED), None)
    clauses = cells_by_comma(words)
    tells = [tells_field(interpreter, clause, item.group, left) for clause, _ in clauses]
    end = tells.index(True) if True in tells else len(clauses) * alone
    if named is None or not end or clauses[0][0][0] == "(":
        return words
    last, at = clauses[end - 1]
    printed = words[indent_of(words) : at + len(last)]
    place = Entry("", printed, line, start + indent_of(words) + 1)
    interpreter.place(place, "words", (Guess(named.name, 0.8, "it stands before what else is told"),), item)
    left.remove(named)
    return " " * (at + len(last)) + words[at + len(last) :]


_CALLED = frozenset({"title", "name"})
