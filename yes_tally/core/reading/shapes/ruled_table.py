"""A ruled table: a header, a rule of dashes under it, rows."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence

from yes_tally.core.reading.phrases import names_item
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Entry,
    Group,
    Heading,
    Layout,
    all_entries,
    cells_by_gap,
    indent_of,
    known_share,
)
from yes_tally.core.reading.text.decode import Line

_RULED = re.compile(r"\s*[-=─═]{2,}(?:[ +|]+[-=─═]+)*\s*$")
_BAR = re.compile(r"[|│║┃]")
_DASHES = re.compile(r"[-=─═]+")
_DASH = frozenset("-=─═")
_MAX_COLUMNS = 400


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as a ruled table; a second rule ends the rows, and what follows it is left to other shapes."""
    at = next(
        (i for i, line in enumerate(lines) if i and len(line.text) <= MAX_LINE and _rules_columns(line.text)), None
    )
    if at is None or at + 1 >= len(lines):
        return None
    spans = [match.span() for match in _DASHES.finditer(lines[at].text)][:_MAX_COLUMNS]
    if len(spans) < 2:
        return None
    if len(_BAR.findall(lines[at - 1].text)) >= len(spans) - 1:
        return None  # drawn with bars: its cells are delimited
    header = cut_at(lines[at - 1].text, spans)
    if all(names_item(label) for label, _ in header if label):
        return None  # ``CPU 0   CPU 1`` over their fields: turned
    top = at - 1
    while top and (over := _upper_labels(lines[top - 1].text, spans)):
        header = [(f"{over.get(n, '')} {label}".strip(), column) for n, (label, column) in enumerate(header)]
        top -= 1
    rows = []
    for line in lines[at + 1 :]:
        if _rules_columns(line.text) or not line.text.strip():
            break
        rows.append(_row(line, header, spans))
    rows = [row for row in rows if row.entries]
    if not rows:
        return None
    title = lines[top - 1] if top and not _rules_columns(lines[top - 1].text) else None
    heading = Heading(title.text.strip(), title.number, indent_of(title.text) + 1) if title else None
    table = [Group(heading, children=rows, table=True, frame=tuple(line.number for line in lines[top : at + 1]))]
    entries = all_entries(table)
    return Layout("ruled table", table, 0.6 + 0.4 * known_share(entries))


def _upper_labels(text: str, spans: Sequence[tuple[int, int]]) -> dict[int, str]:
    """What a line above a head puts over its labels (``Rated`` over ``MT/s``), by their columns; none where it is a
    title, which runs over several columns or stands at the left alone."""
    found: dict[int, str] = {}
    cells = 0
    for label, start in cells_by_gap(text[:MAX_LINE]) if not _rules_columns(text) else ():
        under = [n for n, (left, right) in enumerate(spans) if start < right and left < start + len(label)]
        if not under or any(n in found for n in under):
            return {}
        found |= dict.fromkeys(under, label)  # a label over several columns is a part of each one's
        cells += 1
    return found if cells > 1 else {}


def _rules_columns(text: str) -> bool:
    return text.lstrip()[:1] in _DASH and bool(_RULED.match(text)) and len(_DASHES.findall(text)) >= 2


def cut_at(text: str, spans: Sequence[tuple[int, int]]) -> Sequence[tuple[str, int]]:
    """Cut a row at the gaps between column spans; a cell that runs over pushes the cut to the next blank.

    Returns one ``(text, column)`` a span, the column from 0. Falls back to the order of the cells where nothing fits.
    """
    bounds: list[int] = [0]
    for (_, end), (start, _) in itertools.pairwise(spans):
        at = _blank_between(text, end, start)
        if at is None or at < bounds[-1]:
            return _by_order(text, spans)
        bounds.append(at)
    bounds.append(len(text))
    cells = []
    for left, right in itertools.pairwise(bounds):
        raw = text[left:right]
        cells.append((raw.strip(), left + len(raw) - len(raw.lstrip())))
    return cells


def _blank_between(text: str, end: int, start: int) -> int | None:
    """A blank to cut at: in the gap itself, else before a number that is as wide as to begin left of it, or where the
    cell that runs over ends."""
    if end >= len(text):
        return len(text)
    for at in range(min(start, len(text)) - 1, end - 1, -1):
        if text[at] == " ":
            return at
    number = _NUMBER.match(text, before) if 0 <= end - (before := text.rfind(" ", 0, end) + 1) < _RUNS_OVER else None
    if number and number.end() - start > end - before:
        return before - 1
    over = text.find(" ", start, start + _RUNS_OVER)
    return over if over >= 0 else None


_NUMBER = re.compile(r"\d[\d.,]*(?=\s|$)")
_RUNS_OVER = 8
"""How far a cell may run into the next column."""


def _by_order(text: str, spans: Sequence[tuple[int, int]]) -> Sequence[tuple[str, int]]:
    cells = cells_by_gap(text)
    return cells if len(cells) == len(spans) else ()


def _row(line: Line, header: Sequence[tuple[str, int]], spans: Sequence[tuple[int, int]]) -> Group:
    cells = cut_at(line.text, spans)
    return Group(
        entries=[
            Entry(label, printed, line.number, column + 1)
            for (label, _), (printed, column) in zip(header, cells, strict=False)
            if printed
        ]
    )
