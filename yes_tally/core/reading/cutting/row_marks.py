"""Marks beside some rows of a table, taken off before its columns are found: the one that is the default, the one in use.

::

     *  Hall printer    IP_10.20.0.81   ready
        Labels          USB001          offline

     * = default printer

A mark is no part of what the row tells. What it means a line below may say; else one of several printers or boot entries that
a star or an arrow points at is the default.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace

from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, cells_by_gap, is_rule, stand_together
from yes_tally.core.reading.text.decode import Line

_MARK = r"(?:[-=]{1,2}>|>>|[*>+●►▶•★☆!~@»→¤]|\(\*\)|\[[*xX]\]|\([xX•]\)|[xX](?= ))"
_BEFORE = re.compile(rf"\s*(?P<mark>{_MARK})(?P<gap>\s*)(?=[\w{{\"/\\])")
# ``[ ]``: the box of a row that has no mark.
_NO_MARK = re.compile(r"\s*(?P<mark>\[ \]|\( \))\s+(?=\S)")
_BEHIND = re.compile(rf"\s(?P<mark>{_MARK}|<[-=]{{1,2}}|◄|◀|←|«)$")
_BEHIND_NAME = re.compile(r"\S(?P<mark> ?(?:[*+!~]|\(\*\)|\[\*\]))(?=\s{2})")
# ``* = default printer``, ``(> started from)``
_LEGEND = re.compile(
    r"(?i)\W{0,2}?(?P<mark>(?:[-=]{1,2}>|[*>+●►▶•★☆!~@»→¤x]|\[[*x]\]|\([*x•]\)))\)?"
    r"(?:\s*(?:=|:|-|–|means|marks|heißt|bedeutet|signifie|significa|betekent|oznacza|desde)\s*|\s+)(?:the |der |die |das |le |la |el |l')?"
    r"(?P<means>[^\W\d_][^:=;|]{2,50}?)(?=\s{2}|\s*[).;,]|\s*$).*"
)
_LEAST_CELLS = 3
# How many lines below the rows may say what the mark means.
_LEGEND_WITHIN = 4


@dataclass(frozen=True, slots=True)
class RowMark:
    """A mark beside a row: its line and its column, from 1, what is printed there, and what a line says that it means
    (nothing where none does)."""

    line: int
    column: int
    mark: str
    means: str = ""
    alone: bool = True
    """Whether no other row of the table is marked."""


def without_row_marks(lines: Sequence[Line]) -> tuple[Sequence[Line], list[RowMark]]:
    """The lines with blanks in the place of the marks that stand beside some rows of a table, and without those that say
    what the marks mean; and the marks."""
    bare = list(lines)
    marks: list[RowMark] = []
    out: set[int] = set()
    for start, end in stand_together(lines, least=2):
        found = _marks_of(lines[start:end])
        if not found:
            continue
        legend = _legend(lines[end : end + _LEGEND_WITHIN], {mark for _, _, mark in found})
        alone = sum(bool(_sign(mark)) for _, _, mark in found) == 1
        for place, column, mark in found:
            line = bare[start + place]
            text = line.text[:column] + " " * len(mark) + line.text[column + len(mark) :]
            bare[start + place] = replace(line, text=text.rstrip())
            if _sign(mark):
                means = legend[1] if legend and legend[2] == mark.strip() else ""
                marks.append(RowMark(line.number, column + 1, mark.strip(), means, alone))
        if legend:
            out.add(legend[0])
    return [line for line in bare if line.number not in out] if marks else lines, marks


def _sign(mark: str) -> str:
    """A mark without the brackets around it; nothing for the box of a row that has none."""
    return mark.strip(" []()")


_Found = list[tuple[int, int, str]]


def _marks_of(run: Sequence[Line]) -> _Found:
    """The marks beside the rows of lines that stand together: the place of each line among them, the column from 0, and
    the mark; none where all rows have one or where the rows stand in no columns."""
    if not any(_MAY_MARK.search(line.text[:MAX_LINE]) for line in run):
        return []
    rows = [(at, cells) for at, line in enumerate(run) if not is_rule(line.text) and (cells := _row(line.text))]
    if len(rows) < 2:
        return []
    return _before(run, rows) or _behind_names(run, rows) or _behind(run, rows)


_MAY_MARK = re.compile(r"^\s*(?:[^\w\s\"/\\{]|[xX] )|[*+!~)\]>●►▶•★☆@»→¤◄◀←«-](?:\s{2}|\s*$)|[=-]\s*$|\s[xX]\s*$")
_Cells = list[tuple[str, int]]


def _row(text: str) -> _Cells:
    cells = list(cells_by_gap(text[:MAX_LINE]))
    return cells if len(cells) >= _LEAST_CELLS else []


def _before(run: Sequence[Line], rows: Sequence[tuple[int, _Cells]]) -> _Found:
    """Marks left of where the other rows begin."""
    matches = [_BEFORE.match(run[place].text) or _NO_MARK.match(run[place].text) for place, _ in rows]
    found = [
        (place, match.start("mark"), match["mark"]) for (place, _), match in zip(rows, matches, strict=True) if match
    ]
    marks = sum(bool(_sign(mark)) for _, _, mark in found)
    if not marks or marks == len(rows):
        return []
    begins = [match.end() if match else cells[0][1] for (_, cells), match in zip(rows, matches, strict=True)]
    ends = {
        begin + len(run[place].text[begin:].split("  ", 1)[0]) for (place, _), begin in zip(rows, begins, strict=True)
    }
    # Names begin below each other, and numbers end so.
    even = len(set(begins)) == 1 or len(ends) == 1
    left = max(at for _, at, _ in found)
    others = [cells[0][1] for (_, cells), match in zip(rows, matches, strict=True) if not match]
    if not even or min(others, default=left + 1) <= left or not _in_columns([{at for _, at in c[1:]} for _, c in rows]):
        return []
    return found


def _in_columns(starts: Sequence[set[int]]) -> bool:
    """Whether the cells of rows begin in common columns: half of each row's, or all but one, where most rows have one."""
    counted = Counter(at for row in starts for at in row)
    usual = {at for at, count in counted.items() if count * 2 > len(starts) or count == len(starts)}
    return all(len(row & usual) * 2 >= len(row) for row in starts)


def _behind_names(run: Sequence[Line], rows: Sequence[tuple[int, _Cells]]) -> _Found:
    """Marks at the end of the first cell of some rows."""
    found: _Found = []
    for place, cells in rows:
        text, at = cells[0]
        match = _BEHIND_NAME.search(run[place].text, at, at + len(text) + 2)
        if match and match.end() == at + len(text):
            found.append((place, match.start("mark"), match["mark"]))
    return (
        found if 0 < len(found) < len(rows) and _in_columns([{at for _, at in cells[1:]} for _, cells in rows]) else []
    )


def _behind(run: Sequence[Line], rows: Sequence[tuple[int, _Cells]]) -> _Found:
    """Marks behind the last cell of some rows, where no head names their column."""
    found: _Found = []
    widest = max(len(cells) for _, cells in rows)
    for place, cells in rows:
        match = _BEHIND.search(run[place].text)
        if match and (len(cells) == widest or not match["mark"].isalnum()):
            found.append((place, match.start("mark"), match["mark"]))
    marked = {place for place, _, _ in found}
    others = [run[place].text for place, _ in rows if place not in marked]
    if not found or not others:
        return []
    left = min(at for _, at, _ in found)
    if any(len(text.rstrip()) > left for text in others):
        return []
    return found


def _legend(below: Sequence[Line], marks: set[str]) -> tuple[int, str, str] | None:
    """The line below the rows that says what one of their marks means, what it says, and the mark."""
    bare = {mark.strip(): mark.strip() for mark in marks} | {_sign(mark): mark.strip() for mark in marks}
    for line in below:
        match = _LEGEND.fullmatch(line.text.strip()[:MAX_LABEL])
        if match and (mark := bare.get(match["mark"]) or bare.get(match["mark"].strip("[]()"))):
            return line.number, match["means"].strip(), mark
    return None
