"""Paired columns: labels and values in turn across a line (``Maker   Corrane   Model   Tallow 520``), told apart by the
columns they begin in."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence

from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.phrases import is_likely
from yes_tally.core.reading.shapes.layout import MAX_LINE, RULE, Entry, Group, Layout, cells_by_gap

_LEAST_LINES = 3
_LEAST_CELLS = 4
_MOST_CELLS = 8
_SCORE = 0.95


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as paired columns, or ``None`` where its cells begin in no common columns, fewer than half of every
    other column mean something as labels, or more than a quarter of those between do."""
    if len(lines) < _LEAST_LINES or any(len(line.text) > MAX_LINE for line in lines):
        return None
    cut = [(line, cells_by_gap(line.text)) for line in lines]
    if sum(len(cells) >= _LEAST_CELLS for _, cells in cut) * 2 < len(cut):
        return None
    begins = Counter(at for _, cells in cut for _, at in cells)
    columns = sorted(at for at, count in begins.items() if count * 10 >= 7 * len(cut))
    if len(columns) % 2 or not _LEAST_CELLS <= len(columns) <= _MOST_CELLS:
        return None
    rows = [(line, {at: text for text, at in cells}) for line, cells in cut if not RULE.match(line.text)]
    if any(not row.keys() <= set(columns) for _, row in rows):
        return None
    for place, at in enumerate(columns):
        cells = [row[at].rstrip(" :.") for _, row in rows if at in row]
        known = sum(map(is_likely, cells))
        if (known * 2 < len(cells) or len(set(cells)) < len(cells)) if place % 2 == 0 else known * 4 > len(cells):
            return None
    entries = [
        Entry(row[label].rstrip(" :."), row.get(value, ""), line.number, value + 1)
        for line, row in rows
        for label, value in zip(columns[::2], columns[1::2], strict=True)
        if label in row
    ]
    return Layout("paired columns", [Group(entries=entries)], _SCORE)
