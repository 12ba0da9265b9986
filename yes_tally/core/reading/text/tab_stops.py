"""Tabs as blanks: lines whose tabs part them into as many cells get their cells below each other, as a table has them;
any other line has a stop every eight columns."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from yes_tally.core.reading.text.decode import Line

TAB = 8
_GAP = 2
# No table that a person reads is wider.
_WIDEST, _MOST_CELLS = 2_000, 100
# A heading or an empty line may stand between lines with as many tabs.
_MOST_BETWEEN = 1
_FEWEST_LINES, _FEWEST_TABS = 2, 2


def spread_tabs(lines: Sequence[Line]) -> None:
    """Set the texts of all lines that have tabs."""
    run: list[Line] = []
    between = 0
    for line in lines:
        if line.tabbed is None:
            between += 1
            continue
        if run and between > (_MOST_BETWEEN if line.tabbed.count("\t") == (run[-1].tabbed or "").count("\t") else 0):
            _spread(run)
            run = []
        run.append(line)
        between = 0
    if run:
        _spread(run)


def cells_at_tabs(line: Line) -> list[tuple[str, int]]:
    """The cells of a line between its tabs, without the blanks around them, each with its column (from 0) in its text."""
    found, at = [], 0
    for cell in (line.tabbed or "").rstrip().split("\t"):
        cell = cell.strip()
        at = line.text.find(cell, at)
        found.append((cell, at))
        at += len(cell)
    return found


def _spread(run: Sequence[Line]) -> None:
    cells = [line.tabbed.split("\t") for line in run if line.tabbed is not None]
    indents = [0] * len(cells)
    if not _is_table(cells) or not any(row[0] for row in cells):
        # What they begin with is an indent, and no empty cells.
        indents = [next((n for n, cell in enumerate(row) if cell), 0) for row in cells]
        cells = [row[indent:] for row, indent in zip(cells, indents, strict=True)]
        if not _is_table(cells) and not _is_table_with_gaps(cells):
            for line in run:
                line.text = (line.tabbed or "").expandtabs(TAB)
            return
    rows = [[" " * (TAB * indent) + row[0], *row[1:]] for row, indent in zip(cells, indents, strict=True)]
    widths = [
        max(len(row[place]) for row in rows if place < len(row) - 1) + _GAP for place in range(max(map(len, rows)) - 1)
    ]
    if sum(widths) > _WIDEST:
        rows, widths = [[(line.tabbed or "").expandtabs(TAB)] for line in run], []
    for line, row in zip(run, rows, strict=True):
        line.text = "".join(cell.ljust(width) for cell, width in zip(row[:-1], widths, strict=False)) + row[-1]


def _is_table(cells: Sequence[Sequence[str]]) -> bool:
    """Whether all lines have as many cells."""
    return len(cells) >= _FEWEST_LINES and len(cells[0]) <= _MOST_CELLS and len(set(map(len, cells))) == 1


def _is_table_with_gaps(cells: Sequence[Sequence[str]]) -> bool:
    """Whether most lines have as many cells, the others fewer at their end, and none an empty one: two tabs together were
    meant for stops every eight columns."""
    most = max(map(len, cells))
    full = sum(len(row) == most for row in cells)
    return (
        len(cells) > _FEWEST_LINES
        and _FEWEST_TABS < most <= _MOST_CELLS
        and full * 3 >= 2 * len(cells)
        and all(all(row[:-1]) for row in cells)
    )
