"""Blocks of a section that may tell more than was read of them: read once more, clause by clause."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.reading.records.kinds_over_words import kinds_over_words
from yes_tally.core.reading.records.names_before_words import names_before_words
from yes_tally.core.reading.records.only_one_in_words import only_one_in_words

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

OVER_MIXED_WORDS = frozenset({"account", "task"})
"""Kinds of things that are told of in words among pairs, under their names."""
# Each is compared with all that its section tells.
_MOST_BLOCKS = 200
# So many facts more make up for one that is lost.
_WORTH = 3


def told_again(interpreter: Interpreter) -> None:
    """Read the section's blocks of such kinds clause by clause, whatever else is said in them, and keep that where it tells
    more than was told of their lines."""
    for lines, spoken in interpreter.may_tell_more[:_MOST_BLOCKS]:
        numbers = {line.number for line in lines}
        so_far = interpreter.so_far()
        start = so_far[0]
        if not (
            (spoken[0] in OVER_MIXED_WORDS and kinds_over_words(interpreter, lines, spoken, parted=True, mixed=True))
            or names_before_words(interpreter, lines, spoken, loosely=True)
            or only_one_in_words(interpreter, lines, spoken)
        ):
            continue
        before = [d for d in interpreter.drafts[interpreter.section_from : start] if d.entry.line in numbers]
        again = interpreter.drafts[start:]
        mixed = spoken[0] in OVER_MIXED_WORDS
        lost = {(d.fact, d.entry.line * mixed) for d in before if mixed or d.item is None}
        lost -= {(d.fact, d.entry.line * mixed) for d in again}
        if len(again) <= len(before) + _WORTH * len(lost) or (lost and not mixed):
            interpreter.back_to(so_far)
            continue
        out = set(map(id, before))
        interpreter.drafts[interpreter.section_from :] = [
            draft for draft in interpreter.drafts[interpreter.section_from :] if id(draft) not in out
        ]
