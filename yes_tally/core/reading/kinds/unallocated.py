"""What of a disk belongs to no partition, as a row among its partitions: ``(free)   38,494,720``."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.reading.clauses.by_clause import SURE
from yes_tally.core.reading.meaning.decide import Context, Guess, decide
from yes_tally.core.reading.shapes.layout import Group
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_FREE = frozenset("free frei libre libres libero libera livre vrij wolne woln".split())
_FACT = "disk.unallocated"


def read_gap(
    interpreter: Interpreter,
    row: Group,
    columns: dict[str, tuple[Guess, ...]],
    disk: Item | None,
    shape: str,
    unit: str,
) -> bool:
    """Whether a row of a table of partitions is what none of them has; its size is then told of the ``disk`` that the
    table stands under, where one is known."""
    if not row.entries or not any(_is_free(entry.printed) for entry in row.entries[:2]):
        return False
    for entry in row.entries:
        means = columns.get(entry.label, ())
        if disk and disk.group == "disk" and means and means[0].fact == "partition.size":
            guess = means[0]._replace(fact=_FACT, why="the row says that no partition has it")
            interpreter.place(entry, shape, (guess,), disk, unit)
    interpreter.frame.update(entry.line for entry in row.entries)
    return True


def _is_free(text: str) -> bool:
    bare = text.strip(" ()[]<>-*").rstrip(":")
    if plain(bare) in _FREE:
        return True
    guesses = decide(bare, Context("disk")) if bare and not any(map(str.isdigit, bare)) else ()
    return bool(guesses) and guesses[0].fact == _FACT and guesses[0].confidence > SURE
