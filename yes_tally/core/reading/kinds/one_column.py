"""A table of one column: a label over what it is of each thing that the command asks for, or of the PC.

::

    disks get Model            bios get SerialNumber
    Model                      SerialNumber
    Basalt NV1000              CRN7K20499
    Shale 2T
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, cells_by_gap, indent_of, is_rule
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MOST_ROWS, _MOST_WORDS = 200, 8
# A label of the PC's own is as sure where nothing is spoken of.
_SURE = 0.75
_LABEL = re.compile(r"[^\W\d_][^\W\d_]*(?:[ ._-]?[^\W\d_]+){0,3}")
# ``2 disks``, ``Total: 2``: what is below the last row; a sentence or a pair is no cell.
_NO_CELL = re.compile(r"\d{1,4} [^\W\d_]+|.*(?:[.:;!?,]|: .*| = .*)")
# Of which group a table of one column tells, where its command speaks of another: firmware holds the PC's serial number.
_OF_PC = frozenset({"firmware", "machine", "board", "host", "os"})


def one_column(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...]) -> set[int]:
    """Read a section of nothing but such a column, its command speaking of the kinds ``spoken``; returns its lines, none
    where it is none."""
    printed = [line for line in lines if line.text.strip() and not is_rule(line.text)]
    if not spoken or not 2 <= len(printed) <= _MOST_ROWS or any(len(line.text) > MAX_LABEL for line in printed):
        return set()
    head, *below = printed
    if not _LABEL.fullmatch(head.text.strip()) or len({indent_of(line.text) for line in printed}) > 1:
        return set()
    told = [line for line in below if not is_placeholder(line.text.strip())]
    if any(len(cells_by_gap(line.text)) != 1 for line in printed) or not all(map(_may_be_cell, told)):
        return set()
    guess = _column(interpreter, head.text.strip(), spoken)
    if guess is None or not all(understand(FACTS[guess.fact], line.text.strip(), interpreter.locale) for line in told):
        return set()
    of_item = FACTS[guess.fact].item
    if not of_item and len(below) > 1:
        return set()
    interpreter.frame.add(head.number)
    for line in told:
        entry = Entry(head.text.strip(), line.text.strip(), line.number, indent_of(line.text) + 1)
        interpreter.place(entry, "rows", (guess,), interpreter.new_item(FACTS[guess.fact].group) if of_item else None)
    return {line.number for line in printed}


def _may_be_cell(line: Line) -> bool:
    text = line.text.strip()
    return not _NO_CELL.fullmatch(text) and len(text.split()) <= _MOST_WORDS and not is_known(text)


def _column(interpreter: Interpreter, label: str, spoken: tuple[str, ...]) -> Guess | None:
    """What the label over the column means: a field of the first kind that is spoken of, or a fact of the PC."""
    group = spoken[0]
    guess = next(iter(interpreter.means(label, interpreter.context(group, spoken[:1]))), None)
    if guess is None or guess.confidence < _SURE or words_of(label) in SUBJECTS:
        return None
    told_of = FACTS[guess.fact].group
    return guess if told_of == group or (group not in ITEM_GROUPS and {group, told_of} <= _OF_PC) else None
