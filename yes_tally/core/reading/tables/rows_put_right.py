"""Rows before their columns are read: a day and its time as one cell, the numbers that count rows taken off a name, and
names put together that go on in the row below."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise

from yes_tally.core.reading.shapes.layout import Entry, Group
from yes_tally.core.reading.tables.columns import cells_of_columns
from yes_tally.core.reading.values.text_forms import A_DAY, A_TIME


def with_times(rows: Sequence[Group], labels: tuple[str, ...]) -> tuple[list[Group], tuple[str, ...]] | None:
    """The rows with a day and the time in the column right after it as one cell, or ``None`` where none have both."""
    first = next((row.entries for row in rows if row.entries), ())
    if not any(A_DAY.fullmatch(entry.printed) for entry in first):
        return None
    cells = cells_of_columns(rows)
    for day, clock in pairwise(labels):
        days, clocks = cells.get(day, ()), cells.get(clock, ())
        if days and len(days) == len(clocks) and all(map(A_DAY.fullmatch, days)) and all(map(A_TIME.fullmatch, clocks)):
            joined = [replace(row, entries=_moments(row.entries, day, clock)) for row in rows]
            return joined, tuple(label for label in labels if label != clock)
    return None


_COUNT_HEAD = re.compile(r"(?:#|no\.?|nr\.?|n[°º]|lp\.?) +(?=\S)", re.I)
_COUNTED = re.compile(r"(?P<count>\d{1,4})[.)]? +(?=\S)")


def uncounted(rows: Sequence[Group], labels: tuple[str, ...]) -> tuple[list[Group], tuple[str, ...]] | None:
    """The rows without the numbers that count them in front of what the first column holds (``# Name`` over ``1 tquill``),
    or ``None`` where none do."""
    head = _COUNT_HEAD.match(labels[0]) if labels else None
    firsts = [row.entries[0] for row in rows if row.entries and row.entries[0].label == labels[0]] if head else []
    counts = [match for entry in firsts if (match := _COUNTED.match(entry.printed))]
    if head is None or len(counts) < len(firsts) or len({int(match["count"]) for match in counts}) < len(counts):
        return None
    label = labels[0][head.end() :]
    return [replace(row, entries=[_without_count(entry, labels[0], label) for entry in row.entries]) for row in rows], (
        label,
        *labels[1:],
    )


def _without_count(entry: Entry, counted: str, label: str) -> Entry:
    match = _COUNTED.match(entry.printed) if entry.label == counted else None
    if match is None:
        return entry
    return replace(entry, label=label, printed=entry.printed[match.end() :], column=entry.column + match.end())


def _moments(entries: Sequence[Entry], day: str, clock: str) -> list[Entry]:
    at = {entry.label: entry for entry in entries}
    if day not in at or clock not in at:
        return list(entries)
    first, second = at[day], at[clock]
    gap = " " * max(1, second.column - first.column - len(first.printed)) if second.line == first.line else " "
    whole = replace(first, printed=f"{first.printed}{gap}{second.printed}")
    return [whole if entry is first else entry for entry in entries if entry is not second]


def whole_names(rows: Sequence[Group]) -> list[Group]:
    """The rows with a first cell that stands alone and opens a bracket (``Map reader (read``), or ends in a comma, put before
    the first cell of the row below, which closes it (``only)   1.0.0.44``) or stands deeper."""
    whole: list[Group] = []
    for row in rows:
        above = whole[-1].entries if whole else []
        first = row.entries[0] if row.entries else None
        if first and len(above) == 1 and above[0].label == first.label and _goes_on(above[0], first):
            name = replace(above[0], printed=f"{above[0].printed} {first.printed}")
            whole[-1] = replace(row, entries=[name, *row.entries[1:]])
        else:
            whole.append(row)
    return whole


_NOT_ALL = re.compile(r".*(?:[,&+/]| -| and| und| et| y| e| en| i)")


def _goes_on(above: Entry, below: Entry) -> bool:
    opened, closed = (entry.printed.count("(") - entry.printed.count(")") for entry in (above, below))
    return (opened > 0 > closed) or (below.column > above.column and _NOT_ALL.fullmatch(above.printed) is not None)
