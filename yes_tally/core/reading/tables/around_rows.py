"""What a table's rows tell beyond their cells: a mark beside one, times of tries, a category or a card printed once."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.drafts import Draft, Item
from yes_tally.core.reading.kinds.variables import search_path
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import Entry, Group
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def category(interpreter: Interpreter, item: Item, row: Group, above: Draft | None, shape: str) -> Draft | None:
    """A category that is printed once counts for the rows below it too."""
    own = next(
        (d for d in interpreter.drafts[-len(row.entries) :] if d.item is item and d.fact == "policy.category"), None
    )
    if own is None and above and row.entries:
        at = Entry(above.entry.label, above.entry.printed, row.entries[0].line, 1)
        interpreter.add("policy.category", item, at, above.value, shape, 0.8, "it stands under it")
    return own or above


def heads_category(
    interpreter: Interpreter, row: Group, columns: dict[str, tuple[Guess, ...]], shape: str
) -> Draft | None:
    """The category that a row of nothing but its name is over others."""
    (only,) = row.entries if len(row.entries) == 1 else (None,)
    means = columns.get(only.label, ())[:1] if only else ()
    value = understand(FACTS["policy.category"], only.printed, interpreter.locale) if only and means else None
    if only is None or value is None or means[0].fact not in ("policy.subcategory", "policy.category"):
        return None
    interpreter.frame.add(only.line)
    return Draft("policy.category", None, only, value, shape, 0.8, "it stands over what is audited of it")


def starred(rows: Sequence[Group], default: str, columns: dict[str, tuple[Guess, ...]]) -> Group | None:
    """The one row of a table whose first cell begins or ends with a star, or begins with an arrow, where no column says which
    is the default."""
    if default not in FACTS or any(guess.fact == default for found in columns.values() for guess in found[:1]):
        return None
    found = [row for row in rows if row.entries and _STAR.search(row.entries[0].printed)]
    return found[0] if len(found) == 1 < len(rows) else None


_STAR = re.compile(r"^[*>](?=\s)|^\*|\*$")


def star_of(row: Group) -> Entry:
    """The star or the arrow beside what a row of a table begins with."""
    first = row.entries[0]
    star = _STAR.search(first.printed)
    at = star.start() if star else 0
    return Entry(first.label, first.printed[at : at + 1], first.line, first.column + at)


def is_default(interpreter: Interpreter, item: Item, star: Entry, shape: str) -> None:
    """The one of several things that is marked with a star is the default."""
    interpreter.add(f"{item.group}.default", item, star, exactly("flag", True), shape, 0.8, "of all rows it has a star")


def search_paths(interpreter: Interpreter, row: Group, columns: dict[str, tuple[Guess, ...]], shape: str) -> None:
    """The folders of an executable search path that stands in a table of variables."""
    told = {columns[entry.label][0].fact: entry for entry in row.entries if columns.get(entry.label)}
    name, value = told.get("variable.name"), told.get("variable.value")
    if name and value:
        search_path(interpreter, [Entry(name.printed, value.printed, value.line, value.column)], shape)


_TIME_CELL = re.compile(r"<? ?\d+(?:[.,]\d+)? ?m?s", re.I)


# ``4 / 3 / 4 ms``, ``* / * / *``
_TRIES = re.compile(
    r"(?:(?:\*|<? ?\d+(?:[.,]\d+)?(?: ?m?s)?)\s*[/|;]\s*)+(?:\*|<? ?\d+(?:[.,]\d+)?) ?(?P<unit>m?s)?", re.I
)
_TRY = re.compile(r"<? ?\d+(?:[.,]\d+)?")


def _tries_in(entry: Entry) -> list[Entry]:
    """The times of all tries of a step in one cell, each with the unit of the last."""
    tries = _TRIES.fullmatch(entry.printed)
    if tries is None:
        return []
    return [
        Entry(entry.label, f"{found.group()} {tries['unit'] or 'ms'}", entry.line, entry.column + found.start())
        for found in _TRY.finditer(entry.printed)
    ]


def times_of_hop(
    interpreter: Interpreter, item: Item, row: Group, columns: dict[str, tuple[Guess, ...]], shape: str
) -> None:
    """The times of a step of a traced way, in columns that only count the tries; where others say the best and the worst,
    what is left is neither."""
    if any(found[0].fact in ("hop.best", "hop.worst") for found in columns.values() if found):
        return
    cells = [e for e in row.entries if not columns.get(e.label) and _TIME_CELL.fullmatch(e.printed)]
    cells = cells or [part for e in row.entries if not columns.get(e.label) for part in _tries_in(e)]
    spans = [
        (value.value, cell, value)
        for cell in cells
        if (value := understand(FACTS["hop.best"], cell.printed, interpreter.locale))
    ]
    for fact, pick in (("hop.best", min), ("hop.worst", max)) if spans else ():
        _, cell, value = pick(spans, key=lambda told: told[0])
        interpreter.add(fact, item, cell, value, shape, 0.8, "a time among the tries of this step")


_RIGHT_ABOVE = 3


def card_above(
    interpreter: Interpreter, rows: Sequence[Group], subject: str | None, columns: dict[str, tuple[Guess, ...]]
) -> Draft | None:
    """``Interface: quay0`` over a table of neighbours or routes: the card that all its rows are seen on, taken from what
    was read; ``None`` where nothing like it stands right above, or a column names the card."""
    fact = f"{subject}.interface"
    first = next((row.entries[0].line for row in rows if row.entries), 0)
    last = interpreter.drafts[-1] if interpreter.drafts else None
    if (
        last is None
        or last.fact != fact
        or not 0 < first - last.entry.line <= _RIGHT_ABOVE
        or any(guess.fact == fact for found in columns.values() for guess in found[:1])
        or any(draft.item is last.item for draft in interpreter.drafts[-_FEW:-1])
    ):
        return None
    interpreter.frame.add(last.entry.line)
    return interpreter.drafts.pop()


_FEW = 8


def seen_on(interpreter: Interpreter, item: Item, row: Group, card: Draft, shape: str) -> None:
    """The card that stands above a table, as one of what its row tells."""
    at = Entry(card.entry.label, card.entry.printed, row.entries[0].line, 1)
    interpreter.add(card.fact, item, at, card.value, shape, 0.8, "it stands above the table")
