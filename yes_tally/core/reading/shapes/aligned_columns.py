"""Aligned columns: a header over columns, told apart by the whitespace that the rows share.

A header's words split where the rows leave a blank between them; numbers may stand to the left of their header. A row
that fits no gap is read by the order of its cells, when their number is right.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from yes_tally.core.reading.meaning.labels import SUM_WORDS, split_unit
from yes_tally.core.reading.phrases import is_known, is_likely
from yes_tally.core.reading.shapes.column_heads import MAX_HEAD, is_head
from yes_tally.core.reading.shapes.layout import (
    Entry,
    Group,
    Heading,
    Layout,
    all_entries,
    cells_by_gap,
    indent_of,
    is_rule,
    known_share,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import plain

_WORD = re.compile(r"\S+")
_KNOWN, _FITTING = 0.45, 0.4
_BEST_SCORE = _KNOWN + _FITTING
_MAX_WORDS = 60
_SAMPLE = 400
_BELONGS = "category"
_BARRED = re.compile(r"[^|│║]*[|│║].*[|│║]|[\s+\-=|─═┼├┤┬┴┌┐└┘]+$")


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as aligned columns under the likeliest of its first three lines."""
    if sum(bool(_BARRED.match(line.text[:MAX_HEAD])) for line in lines) * 5 > len(lines) * 3:
        return None  # drawn with bars: its cells are delimited
    best: Layout | None = None
    for at in range(min(3, len(lines) - 1)):
        layout = _under(lines, at)
        if layout and (best is None or layout.score > best.score):
            best = layout
        two = _under(lines, at, 2) if _goes_on(lines, at) else None
        if two and (layout is None or two.score >= _LIKELY * layout.score):
            best = two
        if best and best.score >= _BEST_SCORE:
            break
    return best


def _goes_on(lines: Sequence[Line], at: int) -> bool:
    """Whether the line below a head may go on with its labels (``File`` over ``system``, ``Total`` over ``(GB)``)."""
    if at + 2 >= len(lines):
        return False
    upper, lower = cells_by_gap(lines[at].text[:MAX_HEAD]), cells_by_gap(lines[at + 1].text[:MAX_HEAD])
    if len(upper) < 3 or not 1 <= len(lower) <= len(upper) or any(c.isdigit() for text, _ in lower for c in text):
        return False
    if len(lower) == len(upper) and not any(text.startswith("(") for text, _ in lower):
        return False  # a row like the others
    for text, start in lower:
        over = [head for head, left in upper if left < start + len(text) and start < left + len(head)]
        if len(over) != 1 or not is_known(split_unit(f"{over[0]} {text}")[0]):
            return False
    return True


# Labels with their units are known as often as without; those that are cut in two are seldom.
_LIKELY = 0.7


# What a column of row numbers is called by where its head says nothing.
_ROW_NUMBER = "#"


def _under(lines: Sequence[Line], at: int, deep: int = 1) -> Layout | None:
    """The lines below a head of ``deep`` lines, by the head's first line."""
    header = lines[at].text.rstrip()
    words = [match.span() for match in _WORD.finditer(header[:MAX_HEAD])]
    if not 2 <= len(words) <= _MAX_WORDS or len(header) > MAX_HEAD or len(cells_by_gap(header)) < 2:
        return None
    body = _rows_of(lines[at + deep :])
    if not body:
        return None
    rows_seen = [line.text for line in body[:_SAMPLE]]
    blanks = _blanks(rows_seen, len(header) + 1)
    cuts = _cuts(header, _apart(header, words, blanks, len(rows_seen)), rows_seen, blanks)
    if not cuts:
        return None
    bounds = [0, *cuts]
    labels = [_between(header, a, b) for a, b in zip(bounds, [*cuts, len(header)], strict=True)]
    for line in lines[at + 1 : at + deep]:
        more = [_between(line.text, a, b) for a, b in zip(bounds, [*cuts, len(line.text)], strict=True)]
        labels = [(f"{a} {b}".strip(), left) for (a, left), (b, _) in zip(labels, more, strict=True)]
    if not labels[0][0] and all(text[: cuts[0]].strip().isdigit() for text in rows_seen):
        labels[0] = _ROW_NUMBER, 0
    if not is_head([label for label, _ in labels], header, rows_seen, [line.text for line in lines[:at]]):
        return None
    listed = _without_sentences(body, cuts)
    rows = [row for row in _grouped(listed, [_row(line, labels, cuts) for line in listed]) if row.entries]
    if not rows or any(_repeats(entry) for row in rows for entry in row.entries):
        return None  # what comes again below and means nothing is no head
    if any(all(e.printed == label for row in rows for e in row.entries if e.label == label) for label in _told(rows)):
        return None  # a column of one word that says what its head says (``by``)
    title = lines[at - 1] if at else None
    heading = Heading(title.text.strip(), title.number, indent_of(title.text) + 1) if title else None
    table = [Group(heading, children=rows, table=True, frame=tuple(line.number for line in lines[at : at + deep]))]
    fitting = len(rows) / len(body)
    return Layout(
        "aligned columns", table, (_KNOWN + _FITTING * known_share(all_entries(table))) * (0.5 + 0.5 * fitting)
    )


def _told(rows: Sequence[Group]) -> set[str]:
    return {entry.label for row in rows for entry in row.entries}


def _begins_column(text: str, starts: set[int]) -> bool:
    """Whether a line of one cell stands below a column other than the first: the rest of a cell, wrapped."""
    at = indent_of(text)
    return at > 1 and bool({at - 1, at, at + 1} & starts)


def _repeats(entry: Entry) -> bool:
    """Whether a cell says what its label says, a word that labels nothing."""
    return entry.printed == entry.label and entry.label[:1].isalpha() and not is_likely(entry.label)


def _without_sentences(body: list[Line], cuts: Sequence[int]) -> list[Line]:
    """The rows without lines of one cell that runs through the columns, where most rows have several cells."""
    starts = {0, *cuts}
    listed = [
        line
        for line in body
        if "  " in line.text.strip() or len(line.text.rstrip()) <= cuts[0] or _begins_column(line.text, starts)
    ]
    if len(listed) == len(body):
        return body
    several = sum(len(cells_by_gap(line.text[:MAX_HEAD])) > 2 for line in body)
    return body if several * 2 < len(body) else listed


def _grouped(lines: Sequence[Line], rows: list[Group]) -> list[Group]:
    """A row with nothing but its first cell, before rows that are indented under it, is what those rows belong to."""
    above: Entry | None = None
    kept: list[Group] = []
    for index, (line, row) in enumerate(zip(lines, rows, strict=True)):
        indent = indent_of(line.text)
        under = index + 1 < len(lines) and indent_of(lines[index + 1].text) > indent
        if len(row.entries) == 1 and under and row.entries[0].printed.count("(") <= row.entries[0].printed.count(")"):
            above = row.entries[0]
            continue
        # Too long for its column: the rest of its row stands below it.
        overflows = (
            above and row.entries and above.column < row.entries[0].column <= above.column + len(above.printed) + 1
        )
        if above and overflows and row.entries[0].label != above.label:
            row.entries.insert(0, above)
            above = None
        elif above and row.entries and indent > above.column - 1:
            if row.entries[0].label.casefold() == _BELONGS:
                row.entries[0] = replace(row.entries[0], label=f"sub{_BELONGS}")
            row.entries.append(Entry(_BELONGS, above.printed, line.number, row.entries[0].column))
        else:
            above = None
        kept.append(row)
    return kept


def _rows_of(lines: Sequence[Line]) -> list[Line]:
    """The rows up to a rule; what stands under a rule is their sum."""
    rows: list[Line] = []
    for line in lines:
        if is_rule(line.text):
            if rows:
                break
            continue
        if line.text.strip():
            rows.append(line)
    if len(rows) > 1 and _COUNT_BELOW.match(rows[-1].text) and len(cells_by_gap(rows[-2].text[:MAX_HEAD])) > 2:
        rows.pop()
    if len(rows) > _FEWEST:
        above, last = (cells_by_gap(row.text[:MAX_HEAD]) for row in rows[-2:])
        # ``Total            2,100.9 GB``, which begins in no column
        sums = plain(last[0][0]).partition(":")[0].strip() in SUM_WORDS
        if sums and (len(last) < len(above) or len(last) == 1):
            rows.pop()
    return rows


_FEWEST = 2


# ``5 connections, 2 established``: how many there are, below the last one.
_COUNT_BELOW = re.compile(r"\s{0,4}\d{1,6} [^\W\d_]+(?:,? \S+){0,6}\s*$")


_TOUCHING = re.compile(r"(?<=[a-z])(?=[A-Z][a-z]{2})")


def _apart(header: str, words: list[tuple[int, int]], blanks: list[int], rows: int) -> list[tuple[int, int]]:
    """Words of the header that touch (``PortProcess``), told apart where the rows leave a blank before the second."""
    found: list[tuple[int, int]] = []
    for start, end in words:
        for touch in () if is_known(header[start:end]) else _TOUCHING.finditer(header, start, end):
            at = touch.start()
            if blanks[at - 1] * 10 >= rows * 9 and is_known(header[at:end]):
                found.append((start, at))
                start = at
        found.append((start, end))
    return found


def _cuts(header: str, words: list[tuple[int, int]], rows: list[str], blanks: list[int]) -> list[int]:
    """The columns to cut at: one a gap of the header that the rows leave blank too."""
    cuts: list[int] = []
    if rows and sum(_first_cell_ends(row, words[0][0]) for row in rows) * 2 > len(rows):
        # The rows begin left of the header: their first cell has no label of its own.
        cuts.append(_blankest(blanks, 1, words[0][0])[0])
    elif sum(bool(row[: words[0][0]].strip()) for row in rows) * 2 > len(rows) and words[0][0] > 1:
        # So they do too where a wide number under the first label reaches left of it.
        at, blank = _blankest(blanks, 1, words[0][0])
        if blank == len(rows) and all(not row[at:].strip() or row[at:].lstrip()[0].isdigit() for row in rows):
            cuts.append(at)
    left = words[0][0]
    stops = _label_ends(words)
    for (_, end), (start, _), stop in zip(words, words[1:], stops[1:], strict=False):
        if start == end:
            cuts.append(start)
            left = start
            continue
        at, blank = _blankest(blanks, end, start)
        wide = start - end >= 2
        needed = 0.5 if wide else 1.0
        if blank >= needed * len(rows) and (
            wide or (_both_used(rows, left, at, stop) and not is_known(header[left:stop]))
        ):
            cuts.append(at)
            left = start
    return cuts


def _label_ends(words: Sequence[tuple[int, int]]) -> list[int]:
    """For each word the end of the words that follow it closely: as far as its label can reach."""
    ends: list[int] = []
    for index in range(len(words) - 1, -1, -1):
        close = index + 1 < len(words) and words[index + 1][0] - words[index][1] < 2
        ends.append(ends[-1] if close else words[index][1])
    return ends[::-1]


def _first_cell_ends(row: str, start: int) -> bool:
    if start < 2 or not row[:start].strip():
        return False
    if row[start - 1 : start] != " ":
        return len(row) <= start
    # ``Siskin PC-57``, set to the right below ``Name``: one blank parts no cells, but behind a number or a mark.
    return row[start - 2 : start] == "  " or not any(map(str.isalpha, row[:start])) or len(row.split("  ")) == 1


def _blanks(rows: list[str], width: int) -> list[int]:
    """How many rows leave each column blank: the rows as a grid of characters, counted column by column."""
    if not rows:
        return [0] * width
    grid = (
        np.array([row[:width].ljust(width) for row in rows], dtype=f"<U{width}").view("<U1").reshape(len(rows), width)
    )
    counts: list[int] = (grid == " ").sum(axis=0).tolist()
    return counts


def _blankest(blanks: list[int], left: int, right: int) -> tuple[int, int]:
    """The position in ``[left, right)`` that most rows leave blank, the middle of its run; and how many do."""
    counts = blanks[left:right]
    top = max(counts, default=0)
    best, run = (left, left), None
    for index, number in enumerate([*counts, -1]):
        if number == top and run is None:
            run = index
        elif number != top and run is not None:
            if index - run >= best[1] - best[0]:
                best = (left + run, left + index)
            run = None
    return best[1] - 1, top


def _both_used(rows: list[str], left: int, at: int, stop: int) -> bool:
    """Whether at least half of the rows have something on both sides of a narrow cut."""
    used = sum(bool(row[left:at].strip()) and bool(row[at:stop].strip()) for row in rows)
    return used * 2 >= len(rows)


def _between(text: str, start: int, end: int) -> tuple[str, int]:
    raw = text[start:end]
    return raw.strip(), start + len(raw) - len(raw.lstrip())


def _run_over(text: str, labels: Sequence[tuple[str, int]], cuts: Sequence[int]) -> list[tuple[str, int]]:
    """The cells of a row one of whose words runs over its column: it begins under its label, and the next cell behind
    it; or it is a number, and reaches left of its column. Empty where a word crosses a cut in any other way."""
    moved: list[int] = []
    for place, at in enumerate(cuts):
        if at >= len(text) or text[at] == " ":
            moved.append(at)
            continue
        start = text.rfind("  ", 0, at) + 2
        end = text.find(" ", at)
        until = cuts[place + 1] if place + 1 < len(cuts) else len(text)
        if start == labels[place][1] and at < end < until:
            moved.append(end)
            continue
        word = text.rfind(" ", 0, at) + 1
        before = moved[-1] if moved else 0
        if not (before < word and _NUMBER.match(text, word) and text[before:word].strip()):
            return []
        moved.append(word)
    return [_between(text, a, b) for a, b in zip([0, *moved], [*moved, len(text)], strict=True)]


_NUMBER = re.compile(r"[\d.,]+(?=[ %]|$)")


def _below_heads(cells: Sequence[tuple[str, int]], labels: Sequence[tuple[str, int]]) -> list[tuple[str, int]]:
    """The cells of a row of which one runs through several columns (``no medium in the drive``): each belongs to the
    column whose head begins where it does; none where one begins elsewhere."""
    at = {start: place for place, (label, start) in enumerate(labels) if label}
    if not all(start in at for _, start in cells):
        return []
    found = [("", start) for _, start in labels]
    for text, start in cells:
        found[at[start]] = (text, start)
    return found


def _row(line: Line, labels: Sequence[tuple[str, int]], cuts: Sequence[int]) -> Group:
    text = line.text
    cells: Sequence[tuple[str, int]] = cells_by_gap(text[:MAX_HEAD])
    # A cell of several words may run over, and push those behind it.
    pushed = len(cells) == len(labels) and any(start < at < start + len(said) for at in cuts for said, start in cells)
    if any(at < len(text) and text[at] != " " for at in cuts):
        if len(cells) != len(labels):
            cells = _run_over(text, labels, cuts) or _below_heads(cells, labels)
        if not cells:
            return Group()
    elif not pushed:
        cells = [_between(text, a, b) for a, b in zip([0, *cuts], [*cuts, len(text)], strict=True)]
    heading = Heading(cells[0][0], line.number, cells[0][1] + 1) if not labels[0][0] and cells[0][0] else None
    return Group(
        heading,
        entries=[
            Entry(label, printed, line.number, column + 1)
            for (label, _), (printed, column) in zip(labels, cells, strict=True)
            if printed and label
        ],
    )
