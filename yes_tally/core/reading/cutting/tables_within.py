"""A table that stands within a record of pairs: a chunk of its own, below what its record tells in pairs.

::

    Disk 0
      Model         Basalt NV2000
      Bus           NVMe
      Partitions
        No  Type          Size
        1   EFI system    260 MB
      Health        good
"""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from itertools import zip_longest

from yes_tally.core.reading.cutting.titles import may_head
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.column_heads import is_head
from yes_tally.core.reading.shapes.layout import (
    LEAST_COLUMNS,
    MAX_LINE,
    cells_by_gap,
    heads_columns,
    indent_of,
    is_rule,
)
from yes_tally.core.reading.text.decode import Line

_LEAST_PAIRS = 2
# ``Model: X``, ``Model = X``, ``Model ..... X``; no drive before its cells, and no hour.
_MARKED_PAIR = re.compile(r"\s*(?![A-Z]:)[^\W\d_](?:(?!\s{2}[A-Z]:)[^:=|]){0,60}?(?:\s?\.{2,}|=|:(?!\d))\s*\S")
_BOX_BEGINS = re.compile(r"\s*[+┌╔][-─═+┬╦]{3,}[+┐╗]\s*$")
_BORDERS = frozenset("+┌╔")
_BAR = re.compile(r"\s[|│]\s")
_IN_BOX = frozenset("+|│║┌├└╔╠╚┃")
_LABEL = re.compile(r"\s*(?:(?!\s{2}|\s*[:=]|\s?\.\.).)*")


def tables_within(chunk: list[Line]) -> list[list[Line]]:
    """A chunk of lines, cut where tables with a head stand below two pairs or more, or above them: the pairs of a record,
    each of its tables under its heading, and what follows. Pairs of the same record below a table are put to those above
    it."""
    heads = {
        index
        for index, (line, below) in enumerate(zip_longest(chunk, chunk[1:]))
        if _may_head_columns(line.text[:MAX_LINE]) or (below and _rules_columns(below.text[:MAX_LINE]))
    }
    if not heads:
        return [chunk] if chunk else []
    found: list[list[Line]] = []
    record: list[Line] = []
    labels: set[str] = set()
    index = 0
    while index < len(chunk):
        may = index in heads or index + 1 in heads
        headed, end = _table_at(chunk, index, record) if may else (index, index)
        if end > headed:
            found += [part for part in (chunk[index:headed], chunk[headed:end]) if part]
            index = end
            continue
        label = _label(chunk[index].text)
        if not found or (found[-1] is not record and (label in labels or not _goes_on(record, chunk[index]))):
            record, labels = [], set()
            found.append(record)
        record.append(chunk[index])
        labels.add(label)
        index += 1
    return found


def _may_head_columns(text: str) -> bool:
    """Whether a line has cells enough for a head of columns, or bars between them, or is a border."""
    return "|" in text or "│" in text or text.lstrip()[:1] in _BORDERS or len(cells_by_gap(text)) >= LEAST_COLUMNS


def _table_at(chunk: Sequence[Line], index: int, record: Sequence[Line]) -> tuple[int, int]:
    """Where the table's head stands whose heading or head a line is, and where the table ends; the same where it is
    none."""
    if index and not _tells_pairs(record):
        return index, index
    headed = index + _is_heading(chunk[index])
    if headed == index and record and indent_of(chunk[index].text) < indent_of(record[-1].text):
        return index, index  # ``Mainboard   Maker   Fennimore``, over pairs that are deeper as those above it
    end = _table_ends(chunk, headed, headed > index)
    below = chunk[end : end + _LEAST_PAIRS]
    return headed, end if index or sum(_is_pair(line.text[:MAX_LINE]) for line in below) == _LEAST_PAIRS else headed


def _tells_pairs(record: Sequence[Line]) -> bool:
    """Whether lines end with pairs; what a label means may be unknown of half of them."""
    last = [line.text[:MAX_LINE] for line in record[-2 * _LEAST_PAIRS :]]
    return sum(map(_is_pair, last)) >= _LEAST_PAIRS and len(cells_by_gap(last[-1])) <= LEAST_COLUMNS


def _is_pair(text: str) -> bool:
    if _MARKED_PAIR.match(text):
        return True
    cells = cells_by_gap(text)
    return len(cells) == LEAST_COLUMNS - 1 and is_known(cells[0][0])


def _is_heading(line: Line) -> bool:
    """Whether a line may be the heading of the table that begins below it."""
    text = line.text[:MAX_LINE]
    return len(cells_by_gap(text)) == 1 and may_head(text) and not _is_pair(text) and not _BOX_BEGINS.match(text)


def _goes_on(record: Sequence[Line], line: Line) -> bool:
    """Whether a line below a record's table may be one more pair of that record."""
    text = line.text[:MAX_LINE]
    return bool(record) and _is_pair(text) and indent_of(text) == indent_of(record[-1].text)


def _label(text: str) -> str:
    label = _LABEL.match(text[:MAX_LINE])
    return label[0] if label else ""


def _table_ends(chunk: Sequence[Line], index: int, under_heading: bool) -> int:
    """Below the last row of the table whose head (or border) a line is; the line's own place where it is none. Under a
    heading, half of the head's labels may be unknown."""
    if index >= len(chunk):
        return index
    text = chunk[index].text[:MAX_LINE]
    if _BOX_BEGINS.match(text):
        return next((at for at in range(index, len(chunk)) if chunk[at].text.lstrip()[:1] not in _IN_BOX), len(chunk))
    bars = len(_BAR.findall(text))
    header = _BAR.sub("   ", text)
    heads = cells_by_gap(header)
    labels = [label for label, _ in heads]
    if any(label[0].isdigit() for label in labels):
        return index
    ruled = len(heads) > 1 and index + 1 < len(chunk) and _rules_columns(chunk[index + 1].text[:MAX_LINE])
    if not (ruled or heads_columns(header)) and not (
        under_heading and len(heads) >= LEAST_COLUMNS and is_head(labels, header, (), ())
    ):
        return index
    if bars:
        return _last_row(chunk, index, lambda row: len(_BAR.findall(row)) == bars)
    edges = {at for _, at in heads} | {at + len(cell) for cell, at in heads}

    def is_row(row: str) -> bool:
        cells = cells_by_gap(row)
        below = sum(at in edges or at + len(cell) in edges for cell, at in cells)
        if not cells or len(cells) * 2 < len(heads) or below * 2 <= len(cells):
            return False
        (first, begins), (second, second_begins) = cells[0], heads[1]
        # No label as wide as two columns.
        within = begins >= second_begins or begins + len(first) <= second_begins + len(second)
        return begins >= heads[0][1] and within

    return _last_row(chunk, index, is_row)


def _rules_columns(text: str) -> bool:
    """Whether a line is a rule of a piece for each column."""
    return is_rule(text) and len(text.split()) > 1


def _last_row(chunk: Sequence[Line], index: int, is_row: Callable[[str], bool]) -> int:
    below = range(index + 1, len(chunk))
    texts = ((at, chunk[at].text[:MAX_LINE]) for at in below)
    end = next((at for at, text in texts if not is_row(text) and not is_rule(text)), len(chunk))
    return end if any(not is_rule(line.text) for line in chunk[index + 1 : end]) else index
