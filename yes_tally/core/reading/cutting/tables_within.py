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
_MARKED_PAIR = re.compile(r"\s*[^\W\d_](?:(?!\s{2}[A-Z]:)[^:=|]){0,60}?(?:\s?\.{2,}|=|:(?!\d))\s*\S")
_BOX_BEGINS = re.compile(r"\s*[+┌╔][-─═+┬╦]{3,}[+┐╗]\s*$")
_BAR = re.compile(r"\s[|│]\s")
_IN_BOX = frozenset("+|│║┌├└╔╠╚┃")
_LABEL = re.compile(r"\s*(?:(?!\s{2}|\s*[:=]|\s?\.\.).)*")


def tables_within(chunk: list[Line]) -> list[list[Line]]:
    """A chunk of lines, cut where tables with a head stand below two pairs or more: the pairs of a record, each of its
    tables under its heading, and what follows. Pairs of the same record below a table are put to those above it."""
    found: list[list[Line]] = [[]]
    record = found[0]
    index = 0
    while index < len(chunk):
        tells_pairs = _tells_pairs(record)
        headed = index + (tells_pairs and _is_heading(chunk[index]))
        end = _table_ends(chunk, headed, headed > index) if tells_pairs else headed
        if end > headed:
            found += [part for part in (chunk[index:headed], chunk[headed:end]) if part]
            index = end
            continue
        if found[-1] is not record and not _goes_on(record, chunk[index]):
            record = []
            found.append(record)
        record.append(chunk[index])
        index += 1
    return found


def _tells_pairs(record: Sequence[Line]) -> bool:
    return sum(_is_pair(line.text[:MAX_LINE]) for line in record[-_LEAST_PAIRS:]) == _LEAST_PAIRS


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
    """Whether a line below a record's table is one more pair of that record."""
    text = line.text[:MAX_LINE]
    labels = {_LABEL.match(above.text)[0] for above in record}
    return _is_pair(text) and indent_of(text) == indent_of(record[-1].text) and _LABEL.match(text)[0] not in labels


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
        return len(cells) * 2 >= len(heads) and below * 2 > len(cells) and indent_of(row) >= heads[0][1]

    return _last_row(chunk, index, is_row)


def _rules_columns(text: str) -> bool:
    """Whether a line is a rule of a piece for each column."""
    return is_rule(text) and len(text.split()) > 1


def _last_row(chunk: Sequence[Line], index: int, is_row: Callable[[str], bool]) -> int:
    below = range(index + 1, len(chunk))
    texts = ((at, chunk[at].text[:MAX_LINE]) for at in below)
    end = next((at for at, text in texts if not is_row(text) and not is_rule(text)), len(chunk))
    return end if any(not is_rule(line.text) for line in chunk[index + 1 : end]) else index
