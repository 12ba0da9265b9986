"""Blocks of a section that may tell more than was read of them: read once more, clause by clause."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.reading.records.names_before_words import names_before_words
from yes_tally.core.reading.records.only_one_in_words import only_one_in_words

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def told_again(interpreter: Interpreter) -> None:
    """Read the section's blocks of such kinds clause by clause, whatever else is said in them, and keep that where it tells
    more than was told of their lines."""
    for lines, spoken in interpreter.may_tell_more:
        numbers = {line.number for line in lines}
        so_far = interpreter.so_far()
        start = so_far[0]
        if not (
            names_before_words(interpreter, lines, spoken, loosely=True)
            or only_one_in_words(interpreter, lines, spoken)
        ):
            continue
        before = [d for d in interpreter.drafts[interpreter.section_from : start] if d.entry.line in numbers]
        again = interpreter.drafts[start:]
        if len(again) <= len(before) or not {d.fact for d in before if d.item is None} <= {d.fact for d in again}:
            interpreter.back_to(so_far)
            continue
        out = set(map(id, before))
        interpreter.drafts[interpreter.section_from :] = [
            draft for draft in interpreter.drafts[interpreter.section_from :] if id(draft) not in out
        ]
