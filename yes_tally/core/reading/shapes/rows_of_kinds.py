"""Rows that each begin with a kind of thing and what it is called, and go on with labels and values in turn.

::

    PC      Corrane Tallow 720      Serial  CRN9M11702     Tag   K-00417
    Board   Fennimore FB-720        Serial  FB720-118842   Rev   2.01

Other than in paired columns a label may come again in its column: it is said of what its row begins with. A row becomes a
pair of its kind, with what it tells as a list.
"""

from __future__ import annotations

from collections.abc import Sequence

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_likely
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    Group,
    Heading,
    Layout,
    cells_by_gap,
    is_rule,
)
from yes_tally.core.reading.text.decode import Line

_LEAST_ROWS = 2
_LEAST_CELLS = 4
_SCORE = 0.97
_BARS = str.maketrans("|│║", "   ")
_OF_THE_PC = frozenset({"machine", "board", "firmware", "processor", "memory", "os", "battery", "display", "graphics"})


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as rows of kinds, or ``None`` where fewer than half of its rows begin with one, or the labels behind do
    not mean anything."""
    rows = [(line, _cells(line)) for line in lines if not is_rule(line.text) and len(line.text) <= MAX_LINE]
    whole = [(line, cells) for line, cells in rows if len(cells) >= _LEAST_CELLS and len(cells) % 2 == 0]
    if len(whole) < _LEAST_ROWS or len(whole) * 4 < len(rows) * 3:
        return None
    begin = [SUBJECTS.get(words_of(cells[0][0][:MAX_LABEL])) in _OF_THE_PC for _, cells in whole]
    labels = [cell for _, cells in whole for cell, _ in cells[2::2]]
    likely = sum(map(is_likely, labels)) * 3 >= len(labels) * 2
    if sum(begin) * 2 < len(whole) or not begin[0] or not likely or len(set(labels)) == len(labels):
        return None
    if any(is_likely(cell) for _, cells in whole for cell, _ in cells[1:2]):
        return None
    return Layout("rows of kinds", [_told(whole)], _SCORE)


def _cells(line: Line) -> Sequence[tuple[str, int]]:
    return cells_by_gap(line.text.translate(_BARS))


def _told(rows: Sequence[tuple[Line, Sequence[tuple[str, int]]]]) -> Group:
    """Each row as its kind and what it tells, the labels behind between commas; a row that begins with no kind tells more of
    the one above (``Clock   3.60 GHz   Max   4.90 GHz`` below ``CPU   Kestrel K7-9650``)."""
    told = Group()
    above: Heading | None = None
    for line, cells in rows:
        (first, start), (called, at), *more = cells
        if SUBJECTS.get(words_of(first[:MAX_LABEL])) is not None:
            said = [f"{label} {value}" for (label, _), (value, _) in zip(more[::2], more[1::2], strict=True)]
            told.entries.append(Entry(first, ", ".join([called, *said]), line.number, at + 1))
            above = Heading(first, line.number, start + 1)
        else:
            pairs = zip(cells[::2], cells[1::2], strict=True)
            own = [Entry(label, value, line.number, place + 1) for (label, _), (value, place) in pairs]
            told.children.append(Group(heading=above, entries=own))
    return told
