"""Things of one kind by their numbers, what each is called on its line, over deeper lines that go on with it in words.

::

    Graphics
      (1) Siskin Vela 440 ............ working
          memory 4 GB, driver 31.4.2.118 (2024-10-22)
          mode     2560 x 1440, 75 Hz
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS, FactKind
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.records.kinds_over_words import is_pair, name_told
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    commas_for_gaps_between,
    indent_of,
)
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_NUMBER = re.compile(r"\s*(?:\(\d{1,2}\)|\[\d{1,2}\]|#?\d{1,2}[.):]|#\d{1,2})\s+(?=\S)")
_MOST_LINES = 400


def numbered_over_words(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> bool:
    """Read a block as such things, of the kind that its first line names, or else that is ``spoken`` of. Whether it was
    read; nothing is where a line is of another form, or no deeper line tells anything."""
    title = SUBJECTS.get(words_of(lines[0].text[:MAX_LABEL].strip(" :"))) if len(lines) > 1 else None
    group = title or next(iter(spoken), "")
    rows = lines[1:] if title else lines
    if (
        group == "adapter"
        or not CALLED.get(group, "").endswith((".name", ".model"))
        or not 1 < len(rows) <= _MOST_LINES
    ):
        return False
    least = indent_of(rows[0].text)
    heads = [line for line in rows if indent_of(line.text) <= least]
    if len(heads) == len(rows) or not all(_NUMBER.match(line.text[:MAX_LINE]) for line in heads):
        return False
    below = [line.text[:MAX_LINE].rstrip() for line in rows if line not in heads]
    if any(map(_NUMBER.match, below)) or sum(map(is_pair, below)) * 2 > len(below):
        return False  # numbered again, or records of pairs
    before, items = len(interpreter.drafts), list[Item]()
    left = list(FIELDS[group])
    went_on = 0
    for line in rows:
        text = line.text[:MAX_LINE].rstrip()
        if indent_of(line.text) <= least:
            items.append(Item(group))
            left = _head(interpreter, line, text, items[-1])
        else:
            told = commas_for_gaps_between(text.strip())
            went_on += told_in_words(interpreter, told, line.number, indent_of(text), group, items[-1], left)
    if not went_on:
        del interpreter.drafts[before:]
        return False
    for item in items:
        interpreter.take(item)
    if title:
        interpreter.frame.add(lines[0].number)
    return True


def _head(interpreter: Interpreter, line: Line, text: str, item: Item) -> list[FactKind]:
    """Read the line that a thing begins with; returns the facts that it left untold."""
    number = _NUMBER.match(text)
    start = number.end() if number else 0
    left = list(FIELDS[item.group])
    name_told(interpreter, text, start, line, item, left)
    return left
