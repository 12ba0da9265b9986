"""Rows that begin with the kind of thing that they tell of, under no head: a colon behind the kind, and commas for the gaps.

::

    graphics  Palefire FX 40       4 GB own   driver 31.0.15.4417   works
    sound     Holdfast Audio HD    works
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, cells_by_gap, commas_for_gaps
from yes_tally.core.reading.text.decode import Line

_FEWEST = 2
# Things of one of these are called by a name of their own.
_CALLED = frozenset({"graphics", "sound", "printer", "display", "battery", "adapter", "disk"})


def colons_behind_kinds(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines with such rows in the form of pairs, each cell in its column."""
    found: dict[int, Line] = {}
    runs: list[list[int]] = [[]]
    for place, line in enumerate(lines):
        if _kind_and_cells(line.text):
            runs[-1].append(place)
        elif runs[-1]:
            runs.append([])
    for run in runs:
        rows = [cells_by_gap(lines[place].text) for place in run]
        if len(run) < _FEWEST or not _tell_of_kinds(rows):
            continue
        above = cells_by_gap(lines[run[0] - 1].text[:MAX_LABEL]) if run[0] else ()
        if any(at == rows[0][1][1] for _, at in above):
            continue  # they stand below a head
        for place in run:
            (noun, at), (_, told), *_ = cells_by_gap(lines[place].text)
            text = lines[place].text
            head = f"{text[:at]}{noun}:".ljust(told)
            found[place] = replace(lines[place], text=f"{head}{commas_for_gaps(text[told:])}")
    return [found.get(place, line) for place, line in enumerate(lines)] if found else lines


def _tell_of_kinds(rows: Sequence[Sequence[tuple[str, int]]]) -> bool:
    """Whether rows name things of several kinds, or all by one noun, each in one column, and tell more of some."""
    nouns = {row[0][0] for row in rows}
    several = len({SUBJECTS.get(words_of(noun)) for noun in nouns}) > 1 or len(nouns) == 1
    return several and len({row[1][1] for row in rows}) == 1 and any(len(row) > _FEWEST for row in rows)


def _kind_and_cells(text: str) -> bool:
    """Whether a line begins with a kind of thing, a name behind a gap, and maybe more."""
    cells = cells_by_gap(text) if len(text) <= MAX_LINE and "  " in text else ()
    return (
        len(cells) > 1
        and cells[0][0][-1:].isalpha()
        and SUBJECTS.get(words_of(cells[0][0][:MAX_LABEL])) in _CALLED
        and cells[1][0][:1].isupper()
        and not is_known(cells[1][0][:MAX_LABEL])
        and not any(": " in cell or " = " in cell for cell, _ in cells)
    )
