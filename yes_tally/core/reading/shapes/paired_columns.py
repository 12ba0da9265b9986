"""Paired columns: labels and values in turn across a line (``Maker   Corrane   Model   Tallow 520``), told apart by the
columns they begin in."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Sequence
from itertools import pairwise

from yes_tally.core.reading.cutting.titles import may_head
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_likely, names_item
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    Group,
    Heading,
    Layout,
    cells_by_gap,
    indent_of,
    is_rule,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import flag_of

_LEAST_LINES = 2
# In so few lines a table's head and its one row look alike.
_FEW_LINES = 2
_LEAST_CELLS = 4
_MOST_CELLS = 8
_SCORE = 0.95


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as paired columns, or ``None`` where its cells begin in no common columns, fewer than half of every
    other column mean something as labels or half of it are numbers and yes or no, or more than a quarter of those between do."""
    if len(lines) < _LEAST_LINES or any(len(line.text) > MAX_LINE for line in lines):
        return None
    if len(heads := _heads(lines)) > 1:
        parts = [(lines[at], lines[at + 1 : end]) for at, end in pairwise((*heads, len(lines)))]
        named = [Group(_heading(head), children=_pairs(part, certain=len(part) <= _FEW_LINES)) for head, part in parts]
        return Layout("paired columns", named, _SCORE) if all(group.children for group in named) else None
    cells = len(cells_by_gap(lines[0].text))
    if (cells == 1 and may_head(lines[0].text)) or (cells < _LEAST_CELLS and is_rule(lines[1].text)):
        below = _pairs(lines[1:])
        return Layout("paired columns", [Group(_heading(lines[0]), children=below)], _SCORE) if below else None
    groups = _pairs(lines, certain=len(lines) <= _FEW_LINES)
    if len(groups) > 1:
        return Layout("paired columns", [Group(children=groups)], _SCORE)
    return Layout("paired columns", groups, _SCORE) if groups else None


def _heads(lines: Sequence[Line]) -> list[int]:
    """The places of the lines that name a kind of thing over what stands deeper below them, where the first line is one;
    else none."""
    heads = [
        place
        for place, (line, below) in enumerate(pairwise(lines))
        if indent_of(line.text) < indent_of(below.text) and words_of(line.text[:MAX_LABEL].strip(" :")) in SUBJECTS
    ]
    return heads if heads[:1] == [0] else []


def _heading(line: Line) -> Heading:
    return Heading(line.text.strip(" :"), line.number, indent_of(line.text) + 1)


def _pairs(lines: Sequence[Line], *, certain: bool = False) -> list[Group]:
    """The pairs of the lines, in groups as rules and names part them; none where they are no paired columns, or where
    not all labels are known and they must be (``certain``)."""
    by_gap = [(line, cells_by_gap(line.text)) for line in lines]
    if not any(len(cells) >= _LEAST_CELLS for _, cells in by_gap):
        return []
    starts = {at for _, cells in by_gap for _, at in cells}
    cut = [(line, [part for cell in cells for part in _at_a_start(cell, starts)]) for line, cells in by_gap]
    if sum(len(cells) >= _LEAST_CELLS for _, cells in cut) * 5 < sum(not is_rule(line.text) for line in lines) * 2:
        return []
    begins = Counter(at for _, cells in cut for _, at in cells)
    columns = sorted(at for at, count in begins.items() if count * 3 >= len(cut) and count > 1)
    if len(columns) % 2 or not _LEAST_CELLS <= len(columns) <= _MOST_CELLS:
        return []
    placed = [(line, _in_columns(cells, columns)) for line, cells in cut]
    rows = [(line, {at: text for text, at in cells}) for line, cells in placed if not is_rule(line.text)]
    if any(not row.keys() <= set(columns) for _, row in rows):
        return []
    parts = _parts(placed)
    said = [[row[at].rstrip(" :.") for _, row in rows if at in row] for at in columns]
    told = [sum(map(is_likely, cells)) for cells in said]
    sure = all(known == len(cells) for known, cells in zip(told[::2], said[::2], strict=True))
    if certain and not sure:
        return []
    for place, (at, cells, known) in enumerate(zip(columns, said, told, strict=True)):
        if place % 2:
            # Beside labels that are all known a value may be a word that is a label elsewhere (``Mode   UEFI``).
            if known == len(cells) if sure else known * 4 > len(cells):
                return []
            continue
        values = sum(cell.isdigit() or flag_of(cell) is not None for cell in cells)
        again = any(len(set(own)) < len(own) for own in (_column(part, at) for part in parts))
        if known * 2 < len(cells) or values * 2 >= len(cells) or again:
            return []
    return [
        group
        for part in parts
        for group in _about_one(
            [
                Entry(row[label].rstrip(" :."), row.get(value, ""), line.number, value + 1)
                for line, row in part
                for label, value in zip(columns[::2], columns[1::2], strict=True)
                if label in row and (value in row or is_likely(row[label].rstrip(" :.")))
            ],
            apart=len(parts) > 1,
        )
    ]


def _in_columns(cells: Sequence[tuple[str, int]], columns: Sequence[int]) -> list[tuple[str, int]]:
    """The cells of a line by the columns they belong to: behind a long cell the next begins later than the others."""
    begun = {at for _, at in cells}
    found: list[tuple[str, int]] = []
    for text, at in (part for cell in cells for part in _at_value(cell, columns)):
        near = next((c for c in columns[1:] if 0 < at - c <= _LATER and c not in begun), None)
        found.append((text, at if near is None or at in columns else near))
    return found


def _at_value(cell: tuple[str, int], columns: Sequence[int]) -> list[tuple[str, int]]:
    """``Secure boot on``: a label so long that one blank is left before the column of its value is cut there."""
    text, at = cell
    place = columns.index(at) if at in columns[::2] else None
    value = columns[place + 1] - at if place is not None else 0
    if 0 < value < len(text) and text[value - 1] == " " and is_likely(text[:value].strip(" :.")):
        return [(text[:value].rstrip(), at), (text[value:], at + value)]
    return [cell]


def _at_a_start(cell: tuple[str, int], starts: Collection[int]) -> list[tuple[str, int]]:
    """``revision 1.03``, where a value begins in another line: a label and its value, with one blank between them."""
    text, at = cell
    end = text.rfind(" ", 0, _LONGEST_LABEL)
    parts = end > 0 and at + end + 1 in starts and text[end + 1 :][:1].isdigit() and is_likely(text[:end])
    return [(text[:end], at), (text[end + 1 :], at + end + 1)] if parts else [cell]


_LONGEST_LABEL = 24
_LATER = 6
_Row = tuple[Line, dict[int, str]]


def _parts(cut: Sequence[tuple[Line, Sequence[tuple[str, int]]]]) -> list[list[_Row]]:
    """The rows, apart at the rules between them."""
    parts: list[list[_Row]] = [[]]
    for line, cells in cut:
        if is_rule(line.text):
            parts.append([])
        else:
            parts[-1].append((line, {at: text for text, at in cells}))
    return [part for part in parts if part]


def _column(part: Sequence[_Row], at: int) -> list[str]:
    return [row[at].rstrip(" :.") for _, row in part if at in row]


def _about_one(entries: list[Entry], *, apart: bool) -> list[Group]:
    """Pairs, where rules part a card's ``apart`` at labels that name a thing (``Disk 0``, ``Memory``): what follows is
    told of it."""
    groups: list[Group] = [Group()]
    for entry in entries:
        if apart and groups[-1].entries and (names_item(entry.label) or words_of(entry.label) in SUBJECTS):
            groups.append(Group())
        groups[-1].entries.append(entry)
    groups = [group for group in groups if group.entries]
    for group in groups if apart else ():
        first = group.entries[0]
        if len(group.entries) > 1 and (names_item(first.label) or words_of(first.label) in SUBJECTS):
            group.heading = Heading(first.label, first.line, 1)
    return groups
