"""Turned tables: fields down the side, an item a column, under a line that names the items.

::

              Slot 1      Slot 2
    Size      8 GB        8 GB
    Type      DDR4        DDR4
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, names_item
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Entry,
    Group,
    Heading,
    Layout,
    cells_by_gap,
    is_rule,
)
from yes_tally.core.reading.text.decode import Line

_LEAST_FIELDS = 3
_LEAST_KNOWN = 2
_MOST_ITEMS = 40
_AWRY = 3
"""How far a cell may begin from its column's head."""


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as a turned table, or ``None`` where its side does not name the fields, or its head does."""
    printed = [line for line in lines if not is_rule(line.text)]
    rows = list(map(_without_leader, printed))
    # Behind a mark that leads to them, two cells in every row are no value of one pair.
    led = all(row is not line for row, line in zip(rows, printed, strict=True))
    if len(rows) < _LEAST_FIELDS or any(len(line.text) > MAX_LINE for line in rows):
        return None
    head = cells_by_gap(rows[0].text)
    if len(head) == 1 and len(cells_by_gap(rows[1].text)) > 1:
        rows = rows[1:]  # a title
        head = cells_by_gap(rows[0].text)
    if len(head) < 2:
        return None
    body = _apart([(line, cells_by_gap(line.text)) for line in rows[1:]], head[0][1])
    first = min((cells[0][1] for _, cells in body if cells), default=0)
    field = ""
    blank = head[0][1] > first + 1
    if head and head[0][1] <= first + 1:
        if head[0][0][-1].isdigit() and names_item(head[0][0]):
            return None  # ``Battery 0   "Siskin PC-57"``: the name of a record
        # What stands over the side names nothing, or it is a field as those below it are.
        field = head[0][0] if is_known(head[0][0].rstrip(" :.")) and not names_item(head[0][0]) else ""
        head = head[1:]
    whole = all(len(cells) == len(head) + 1 and cells[0][0][0] != "{" for _, cells in body)
    if field and not whole:
        field = ""
    if len(rows) <= _LEAST_FIELDS and not field and not (blank and whole):
        return None
    if any(cell[0] == "(" and cell[-1] == ")" for cell, _ in head):
        return None  # ``Card   Ternwave AX 20   (wireless)``: an aside is called nothing
    if not 2 <= len(head) <= _MOST_ITEMS or any(len(cells) > len(head) + 1 for _, cells in body):
        return None
    if sum(len(cells) > 1 and cells[1][0][0] in ":=" for _, cells in body) * 2 > len(body):
        return None  # pairs whose marks stand apart
    if sum(any(cell[-1] == ":" and not _DRIVE.fullmatch(cell) for cell, _ in cells[1:]) for _, cells in body) * 2 > len(
        body
    ):
        return None  # pairs beside pairs
    if sum(cells[0][0][0] in "|│║" for _, cells in body if cells) * 2 > len(body):
        return None  # drawn with bars
    if field:
        body.insert(0, (rows[0], ((field, 0), *head)))
    labels = [cells[0][0].rstrip(" :.") for _, cells in body if cells]
    if len({words_of(label) for label in labels if words_of(label) in SUBJECTS}) * 2 > len(labels):
        return None  # each row tells of a thing of its own
    if field and len(set(labels)) < len(labels):
        return None  # ``Category`` over categories that come again: a column, and no field of several things
    known = sum(map(is_known, labels))
    # A corner left blank, and a cell below each head in every row: nothing else looks so.
    least, of_all = (_LEAST_KNOWN, 3) if blank and whole else (_LEAST_FIELDS, 2)
    if known < least or known * of_all < len(labels) or 2 * sum(_is_label(cell) for cell, _ in head) > len(head):
        return None
    columns = [Group(heading=None if field else Heading(text, rows[0].number, at + 1)) for text, at in head]
    placed = sum(_place(columns, head, line, cells) for line, cells in body)
    if placed * 4 < 3 * len(body):
        return None
    told = [column for column in columns if column.entries]
    if len(told) < len(columns):
        return None
    share = (0.5 + 0.5 * known / len(labels)) * placed / len(body)
    return Layout("turned table", [Group(children=told)], share if led else 0.9 * share)


_Row = tuple[Line, Sequence[tuple[str, int]]]


def _apart(rows: Sequence[_Row], at: int) -> list[_Row]:
    """The rows, with the first cell in two where but one blank stands between the longest label and what is below the first
    head (``maximum 8 GB``); that begins at the column ``at`` (from 0), as most of the others do."""
    below = sum(len(cells) > 1 and cells[1][1] == at for _, cells in rows)
    return [(line, _in_two(line.text, cells, at) if below * 2 > len(rows) else cells) for line, cells in rows]


def _in_two(text: str, cells: Sequence[tuple[str, int]], at: int) -> Sequence[tuple[str, int]]:
    if not cells or not cells[0][1] < at < cells[0][1] + len(cells[0][0]) or text[at - 1] != " " or text[at] == " ":
        return cells
    (label, start), *others = cells
    return [(label[: at - start].rstrip(), start), (label[at - start :], at), *others]


# Each begins behind a word: a search through a wide indent would begin at each of its blanks.
_LEADER = re.compile(r"(?<=\S)\s*(?:\.\s?){3,}:?\s*(?=\S)|(?<=\S)\s+:\s+(?=\S)")


def _without_leader(line: Line) -> Line:
    """A row without the dots or the mark that lead from its label to its cells, with every column kept."""
    leader = _LEADER.search(line.text, 0, MAX_LINE)
    if leader is None or not _GAP.search(line.text, leader.end()) or _MARKED.search(line.text, leader.end()):
        return line
    return replace(line, text=line.text[: leader.start()] + " " * len(leader.group()) + line.text[leader.end() :])


# ``Model ..: Tallow 520``: a pair beside the pair.
_MARKED = re.compile(r"[^\W\d_] ?[.:]*:\s")
_DRIVE = re.compile(r"[A-Z]:")
_GAP = re.compile(r"(?<=\S)\s{3,}\S")


def _is_label(cell: str) -> bool:
    """Whether a cell of the head is a label, and not the name of an item (``Disk 0``)."""
    return is_known(cell) and not names_item(cell)


def _place(
    columns: Sequence[Group], head: Sequence[tuple[str, int]], line: Line, cells: Sequence[tuple[str, int]]
) -> bool:
    """Give each cell of a row to the column that it stands under; false where one stands under none."""
    label = cells[0][0].rstrip(" :")
    under = [
        (next((n for n, (_, at) in enumerate(head) if abs(at - x) <= _AWRY), None), text, x) for text, x in cells[1:]
    ]
    if not under or any(n is None for n, _, _ in under):
        return False
    for n, text, x in under:
        columns[n or 0].entries.append(Entry(label, text, line.number, x + 1))
    return True
