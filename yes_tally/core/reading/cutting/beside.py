"""Two records side by side: the same labels stand twice on each line. Cut apart, and each half keeps its columns."""

from __future__ import annotations

import itertools
import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, is_likely
from yes_tally.core.reading.shapes.layout import MAX_LINE, Heading, cells_by_gap, indent_of, is_rule
from yes_tally.core.reading.text.decode import Line

_LEAST = 3
_MOST = 12
# So far a heading may stand from what it heads.
_AWRY = 3


def halves(lines: Sequence[Line]) -> list[list[Line]]:
    """The records that stand beside each other, left to right; none where a block is one record.

    They begin in the columns where most lines repeat the label that they begin with.
    """
    if len(lines) < _LEAST or any(len(line.text) > MAX_LINE for line in lines):
        return []
    if cuts := _under_headings(lines):
        return _cut_at(lines, cuts)
    begins: Counter[int] = Counter()
    for line in lines:
        begun = line.text.split(None, 1)[:1]
        if not begun or line.text.count(begun[0]) < 2:
            continue
        cells = [(_label(text), at) for text, at in cells_by_gap(line.text)]
        first = cells[0][0]
        if (len(cells) >= _FOUR_CELLS or _MARKED.search(line.text)) and is_likely(first):
            begins.update(at for label, at in cells[1:] if label == first)
    cuts = sorted(at for at, count in begins.items() if count >= _LEAST and count * 10 >= 7 * len(lines))
    if not cuts or len(cuts) >= _MOST:
        return []
    return _cut_at(lines, cuts)


_FOUR_CELLS = 4
# ``Model: Basalt NV1000     Model: Shale 1T``: each pair is one cell.
_MARKED = re.compile(r"\S ?[:=] ?\S.*\s{2,}\S.*\S ?[:=] ?\S")
_AT_MARK = re.compile(r"\s?[:=]\s?")


def _label(cell: str) -> str:
    """The label that a cell is, or begins with."""
    return _AT_MARK.split(cell, maxsplit=1)[0].rstrip(" :.")


_BARS = "|│"
_LEAST_BARRED = 4


def sides_of_bar(lines: Sequence[Line]) -> tuple[int, int, list[Line], list[Line]] | None:
    """The first run of lines that one bar in one column parts into pairs on its left and pairs on its right: where the run
    begins and ends, and both sides, lines with nothing on a side left empty there; ``None`` where there is none."""
    bars = [_bar(line) for line in lines]
    for sides, run in itertools.groupby(range(len(lines)), key=lambda index: bars[index]):
        rows = list(run)
        if sides is None or len(rows) < _LEAST_BARRED:
            continue
        begin, at, end = sides
        own = lines[rows[0] : rows[-1] + 1]
        left, right = ([part_of(line, start, stop) for line in own] for start, stop in ((begin, at), (at + 1, end)))
        if (tells_pairs(left) and tells_pairs(right)) or (_is_headed(left) and _is_headed(right)):
            return rows[0], rows[-1] + 1, left, right
    return None


def _bar(line: Line) -> tuple[int, int, int | None] | None:
    """Where the left side of a line begins, the column of the one bar that stands within it or alone, and where its right
    side ends: bars around both of them are a frame."""
    text = line.text[:MAX_LINE]
    bars = [at for at, sign in enumerate(text) if sign in _BARS]
    if len(bars) == _FRAMED and bars[0] == indent_of(text) and bars[-1] == len(text) - 1:
        return bars[0] + 1, bars[1], bars[2]
    return (0, bars[0], None) if len(bars) == 1 and bars[0] else None


_FRAMED = 3


def _is_headed(side: Sequence[Line]) -> bool:
    """Whether a side begins with the name of a kind of thing over more than one line (``MEMORY`` over ``16 GB installed``)."""
    told = [line.text.strip() for line in side if line.text.strip()]
    return len(told) > _CELLS_OF_PAIR and words_of(told[0]) in SUBJECTS


def tells_pairs(side: Sequence[Line]) -> bool:
    """Whether most lines of a side are pairs by their gaps, with labels that are known."""
    rows = [cells for line in side if (cells := cells_by_gap(line.text))]
    pairs = [cells[0][0] for cells in rows if len(cells) == _CELLS_OF_PAIR]
    return len(pairs) >= _LEAST and len(pairs) * 10 >= 6 * len(rows) and sum(map(is_known, pairs)) * 2 >= len(pairs)


_CELLS_OF_PAIR = 2


def _cut_at(lines: Sequence[Line], cuts: Sequence[int]) -> list[list[Line]]:
    return [
        _headed([part_of(line, start or 0, end) for line in lines if line.text[start or 0 : end].strip()], start or 0)
        for start, end in itertools.pairwise([0, *cuts, None])
    ]


def _under_headings(lines: Sequence[Line]) -> list[int]:
    """Where records begin that each have a heading (``PROCESSOR`` beside ``MEMORY``) over pairs of their own."""
    heads = cells_by_gap(lines[0].text)
    if not 2 <= len(heads) <= _MOST or not all(words_of(text) in SUBJECTS for text, _ in heads):
        return []
    if tables := _tables_under(lines, [at for _, at in heads[1:]]):
        return tables
    cells = [cells_by_gap(line.text) for line in lines[1:] if not is_rule(line.text)]
    cuts = []
    for (_, before), (_, at) in itertools.pairwise(heads):
        cut = _labels_begin(cells, before, at)
        if cut is None:
            return []
        cuts.append(cut)
    return cuts


def _labels_begin(rows: Sequence[Sequence[tuple[str, int]]], before: int, at: int) -> int | None:
    """Where the labels under a heading at ``at`` begin, as they do in most rows: near it, or left of it where it stands over
    their values; right of the heading ``before`` it. ``None`` where no labels do."""
    begun = Counter(start for cells in rows for _, start in cells)
    near = [start for start in begun if abs(start - at) <= _AWRY]
    left = [start for start, count in begun.items() if before < start < at - _AWRY and count * 10 >= 7 * len(rows)]
    for starts in ([near] if near else []) + [[start] for start in sorted(left, reverse=True)]:
        labels = [text for cells in rows for text, start in cells if start in starts]
        if len(labels) * 10 >= 7 * len(rows) and sum(map(is_known, labels)) * 2 >= len(labels):
            return min(starts) if starts is not near else min(at, *near)
    return None


def _tables_under(lines: Sequence[Line], begins: Sequence[int]) -> list[int]:
    """The columns where the headings of tables stand (``Disks`` beside ``Volumes``), where each table has a head of its
    own right below and nothing runs from one into the next; none otherwise."""
    labels = cells_by_gap(lines[1].text)
    for start, end in itertools.pairwise([0, *begins, len(lines[1].text) + 1]):
        own = [text for text, at in labels if start <= at < end]
        if len(own) < _LEAST_COLUMNS or sum(map(is_known, own)) * 2 < len(own):
            return []
    apart = all(not line.text[at - 2 : at].strip() for at in begins for line in lines)
    return list(begins) if apart and len(lines) > _LEAST else []


_LEAST_COLUMNS = 2


def _headed(lines: list[Line], start: int) -> list[Line]:
    """A half whose first line stands alone over its pairs: it heads them, wherever it stands over them."""
    first = lines[0].text if lines else ""
    if len(lines) < 2 or len(cells_by_gap(first)) != 1:
        return lines
    return [replace(lines[0], text=" " * max(0, start - 1) + first.strip()), *lines[1:]]


def title_of(half: Sequence[Line]) -> tuple[Heading | None, Sequence[Line]]:
    """The heading of a half that stands no further left than what it heads, and the lines below it; no heading, and all
    lines, where the half has none or its indents say what it heads."""
    told = [line for line in half[1:] if not is_rule(line.text)]
    text = half[0].text.strip(" :")
    if not told or words_of(text) not in SUBJECTS or indent_of(half[0].text) < indent_of(told[0].text):
        return None, half
    return Heading(text, half[0].number, indent_of(half[0].text) + 1), told if is_rule(half[1].text) else half[1:]


def part_of(line: Line, start: int, end: int | None) -> Line:
    """What of a line stands between two columns, where it stands."""
    return replace(line, text=" " * start + line.text[start:end].rstrip())
