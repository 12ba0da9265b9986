"""What is audited, as a matrix: a column for successes and one for failures, yes or no in each row, under categories.

::

                            success   failure
    Sign-in and sign-out
      Sign-in               yes       yes
      Sign-out              yes       no

or the same in the columns of any table, or as the flags of a record.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.policies_listed import tell_audited
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap, is_rule
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named, flag_of

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_SIGNS = {**dict.fromkeys("xX✓✔•●*+", True), **dict.fromkeys("-–—·.✗✘", False)}
_RECORDS = {(True, True): "both", (True, False): "success", (False, True): "failure", (False, False): "none"}
_LEAST_ROWS, _MOST_LINES = 2, 400
Cells = Sequence[tuple[str, int]]


def read_audit_matrix(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read a matrix of what is audited. False, and nothing read, where the lines are none."""
    head = cells_by_gap(lines[0].text[:MAX_LINE]) if _LEAST_ROWS < len(lines) <= _MOST_LINES else ()
    order = _order(interpreter, head)
    if order is None:
        return False
    rows = [(line, cells_by_gap(line.text[:MAX_LINE])) for line in lines[1:] if not is_rule(line.text)]
    audited = [(line, cells, _told(cells)) for line, cells in rows]
    if not all(told or len(cells) == 1 for _, cells, told in audited):
        return False
    if sum(told is not None for _, _, told in audited) < _LEAST_ROWS:
        return False
    category: Entry | None = None
    for line, cells, told in audited:
        text, at = cells[0]
        named = Entry("", text.rstrip(" :"), line.number, at + 1)
        interpreter.frame.add(line.number)
        if told is None:
            category = named
            continue
        success, failure = told if order else told[::-1]
        flags = Entry("", line.text[cells[1][1] :].strip(), line.number, cells[1][1] + 1)
        value = exactly("choice", _RECORDS[success, failure])
        tell_audited(interpreter, category, named, (flags, value), "matrix")
    interpreter.frame.add(lines[0].number)
    return True


def _order(interpreter: Interpreter, head: Cells) -> bool | None:
    """Whether successes stand before failures in the last two cells of a head; ``None`` where it says neither."""
    if len(head) not in (2, 3):
        return None
    values = [understand(FACTS["policy.records"], text, interpreter.locale) for text, _ in head[-2:]]
    said = [value.value if value else None for value in values]
    return said[0] == "success" if sorted(map(str, said)) == ["failure", "success"] else None


def audited_by_flags(interpreter: Interpreter, entries: Sequence[Entry], item: Item, shape: str) -> Sequence[Entry]:
    """``Success: yes`` beside ``Failure: no`` of one subcategory: together they say what is recorded. Returns the pairs but
    those two; all of them where they do not say so."""
    fact = FACTS["policy.records"]
    flags: dict[str, tuple[Entry, bool]] = {}
    for entry in entries:
        which = choice_named(fact.field, fact.choices, entry.label) if entry.label else None
        said = _SIGNS.get(entry.printed, flag_of(entry.printed)) if which in ("success", "failure") else None
        if which and said is not None:
            flags[which] = entry, said
    if len(flags) < len(_RECORDED):
        return entries
    told = [entry for entry, _ in flags.values()]
    success, failure = (flags[which][1] for which in _RECORDED)
    value = exactly("choice", _RECORDS[success, failure])
    why = "the columns of successes and of failures say so"
    interpreter.add(fact.name, item, min(told, key=lambda entry: entry.column), value, shape, 0.85, why)
    return [entry for entry in entries if entry not in told]


_RECORDED = ("success", "failure")


def _told(cells: Cells) -> tuple[bool, bool] | None:
    """The two flags of a row, ``None`` where it has none."""
    if len(cells) != 3:
        return None
    first, second = (_SIGNS.get(text, flag_of(text)) for text, _ in cells[1:])
    return None if first is None or second is None else (first, second)
