"""Deeper lines between the rows of a table that tell more of the row above them, set apart before its columns are found.

::

    Job             State     Last run
    Nightly copy    ready     2025-02-11 01:30:00
      runs D:\\Bollard\\copy.exe --all
    Map refresh     running   2025-02-11 08:00:00
      runs C:\\Quay\\qmap.exe
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, is_likely, names_item
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    cells_by_gap,
    heads_columns,
    indent_of,
    is_rule,
    stand_together,
)
from yes_tally.core.reading.text.decode import Line

# A list's mark, a branch or an arrow before what is told.
_LED = re.compile(r"\s*(?:(?:[-–*•+>·]|[├└│|`]?[─-]{1,3}>?|->|=>|→|»|↳|\|)\s+)?")
# A label, and what parts it from its value.
_LABELLED = re.compile(
    r"\(?(?P<label>[^\W\d_][^:=|]{0,40}?)(?P<mark>\s*(?::(?=\s)|=(?!=)|\.{3,}\s*:?)\s*|\s{2,})(?P<value>\S.*)"
)
_MOST_WORDS = 3
# ``serial BNV1K0044127``: no sentence of small words, each of which may be a label.
_VALUE_WORD = re.compile(r"[^\W_]*\d|[A-Z\"'\\/{]|[a-z]+(?:,|$)|\S+[.\\/:-]\S")
_CODED = re.compile(r"(?=\S*[^\W_])(?=\S*[^a-zA-Z])\S+")
_LEAST_CELLS, _LEAST_ROWS = 2, 2


@dataclass(frozen=True, slots=True)
class MoreBelow:
    """The lines that tell more of the row on line ``row``; bullets and brackets around them are blanks."""

    row: int
    lines: tuple[Line, ...]


@dataclass(frozen=True, slots=True)
class RowsOverMore:
    """The lines of a table between whose rows deeper lines stand, all as they are printed; and those deeper lines."""

    lines: tuple[Line, ...]
    below: tuple[MoreBelow, ...]


def without_more_below_rows(lines: Sequence[Line]) -> tuple[Sequence[Line], list[RowsOverMore]]:
    """The lines without those between the rows of a table that tell more of the row above them; and the tables that have
    such lines."""
    stretches = [lines[start:end] for start, end in stand_together(lines, least=2 * _LEAST_ROWS)]
    found = [RowsOverMore(tuple(stretch), below) for stretch in stretches if (below := _more_of(stretch))]
    if not found:
        return lines, []
    out = {line.number for table in found for more in table.below for line in more.lines}
    return [line for line in lines if line.number not in out], found


def _more_of(stretch: Sequence[Line]) -> tuple[MoreBelow, ...]:
    """What stands below the rows of lines that stand together; nothing where they are no table with such lines."""
    first = next((at for at, line in enumerate(stretch) if len(cells_by_gap(line.text[:MAX_LINE])) > 1), len(stretch))
    table = [line for line in stretch[first:] if not is_rule(line.text)]
    if len(table) < 2 * _LEAST_ROWS:
        return ()
    own = indent_of(table[0].text)
    depths = [indent_of(line.text) for line in table]
    if min(depths) < own or max(depths) == own:
        return ()
    rows = [(at, cells_by_gap(line.text[:MAX_LINE])) for at, line in enumerate(table) if depths[at] == own]
    heads = len(rows) > 1 and _heads(table[0].text)
    if (heads and rows[1][0] > 1) or not _are_rows([cells for _, cells in rows], heads=heads):
        return ()
    ends = [at for at, _ in rows[1:]] + [len(table)]
    below = {at: table[at + 1 : end] for (at, _), end in zip(rows, ends, strict=True) if end > at + 1}
    if len(below) < _LEAST_ROWS or len(below) * 2 < len(rows) - heads:
        return ()
    depth = min(indent_of(line.text) for of_row in below.values() for line in of_row)
    columns = {at for _, cells in rows for _, at in cells[1:]}
    deeper = [line for of_row in below.values() for line in of_row if indent_of(line.text) == depth]
    cells_below = [line for of_row in below.values() for line in of_row if indent_of(line.text) > depth]
    # A cell that goes on on the next line begins in its column.
    if any(indent_of(line.text) not in columns for line in cells_below) or not _tell_more(deeper, columns):
        return ()
    told = {line.number for line in deeper}
    below = {at: [line for line in of_row if line.number in told] for at, of_row in below.items()}
    return tuple(MoreBelow(table[at].number, tuple(map(_bare, of_row))) for at, of_row in below.items() if of_row)


def _heads(text: str) -> bool:
    """Whether a line names columns, two of them at least."""
    cells = cells_by_gap(text[:MAX_LINE])
    return heads_columns(text) or (len(cells) > 1 and ":" not in text and all(is_likely(cell) for cell, _ in cells))


def _are_rows(rows: Sequence[Sequence[tuple[str, int]]], *, heads: bool) -> bool:
    """Whether lines are rows of one table: they have cells enough, no labels first, and begin in common columns."""
    if len(rows) - heads < _LEAST_ROWS or any(len(cells) < _LEAST_CELLS for cells in rows):
        return False
    if sum(is_known(cells[0][0].rstrip(" :.")) for cells in rows[heads:]) * 2 > len(rows) - heads:
        return False
    if not heads and all(words_of(cells[0][0].split(" ", 1)[0]) in SUBJECTS for cells in rows):
        return False  # ``Drive C:   "System"   fixed``: heads of records
    if not heads and any(len(cells) == _LEAST_CELLS for cells in rows):
        # ``LAN 1   Wickerlink GbE 210`` may be the head of a record: two cells of a row that no head names hold a code.
        pairs = list(zip(*(cells[:_LEAST_CELLS] for cells in rows), strict=True))
        if not any(all(_CODED.fullmatch(text) for text, _ in column) for column in pairs):
            return False
    columns = Counter(at for cells in rows for _, at in cells[1:])
    usual = {at for at, count in columns.items() if count * 2 > len(rows)}
    return all(any(at in usual for _, at in cells[1:]) for cells in rows)


def _tell_more(deeper: Sequence[Line], columns: Collection[int]) -> bool:
    """Whether lines below rows each tell a field of theirs: most of them begin with a label that is known, and none with a
    thing's name and number; nor are they cells of the rows that went on on the next line."""
    told = 0
    for line in deeper:
        text = _bare(line).text.strip()
        if names_item(" ".join(text.split(None, 2)[:2]).rstrip(":,")):
            return False
        if text[-1] == "." and " " in text:
            return False  # ``The driver of the screen was started again.``
        told += _begins_with_label(text, marked=indent_of(line.text) not in columns)
    return told * 3 >= len(deeper) * 2


def labelled(text: str) -> tuple[str, str, int] | None:
    """The label that a line begins with, where a mark or a gap parts it from its value, the value, and the value's column
    from 0; ``None`` where more labels follow (``serial: 4711, firmware: 0A03``)."""
    start = indent_of(text)
    pair = _LABELLED.match(text, start)
    if pair is None or not is_likely(pair["label"].strip()) or _AGAIN.search(pair["value"]):
        return None
    return pair["label"].strip(), pair["value"].rstrip(), pair.start("value")


_AGAIN = re.compile(r"[,;]\s*[^\W\d_][^,;:=]{1,40}(?::\s|\s?=)|\s{2,}\S")


def _begins_with_label(text: str, *, marked: bool) -> bool:
    """Whether a line begins with a label that is known: parted from its value by a mark or, where ``marked`` allows it, by
    one blank from what may be a value."""
    pair = _LABELLED.match(text)
    if pair and is_likely(pair["label"].strip()):
        return True
    words = text.split(" ")
    return marked and any(
        is_known(" ".join(words[:count])) and _VALUE_WORD.match(words[count]) is not None
        for count in range(1, min(_MOST_WORDS, len(words) - 1) + 1)
    )


def _bare(line: Line) -> Line:
    """A line with blanks in the place of the mark or the brackets around what it tells."""
    text = line.text.rstrip()
    led = _LED.match(text)
    start = led.end() if led else 0
    body = text[start:]
    if body[:1] == "(" and body[-1:] == ")" and body.count("(") == 1:
        body = f" {body[1:-1]}"
    return replace(line, text=" " * start + body)
