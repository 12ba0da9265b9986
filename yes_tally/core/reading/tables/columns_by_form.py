"""Rows of one kind of thing that no head names the columns of, column by column: what most cells of a column can be, it is.

::

    tcp   10.20.0.62:50114   10.20.0.12:7443   established   2204
    udp   0.0.0.0:6021       *:*                             312

Where rows are told cell by cell (``rows_by_form``, ``bare_rows``), one odd cell is lost or misread; a column says more.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.clauses.by_clause import by_assertion, by_form, by_label
from yes_tally.core.reading.clauses.field_forms import DESTINATION, END_OF_CONNECTION, FORMS, IP_ADDRESS
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap, is_rule
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.text.tab_stops import cells_at_tabs
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_LEAST_ROWS, _MOST_ROWS, _MOST_COLUMNS = 2, 5000, 16
# Forms that only one field of a kind has, the surest first; of two fields of one form the left one comes first.
_OWN: dict[str, tuple[tuple[str, str], ...]] = {
    "connection": (("protocol", FORMS["connection.protocol"].pattern), ("local", END_OF_CONNECTION), ("remote", END_OF_CONNECTION), ("pid", r"\d{1,7}"), ("state", r"[^\W\d_][\w -]{2,14}")),
    "neighbour": (("address", IP_ADDRESS), ("mac", FORMS["adapter.mac"].pattern), ("kind", r"[^\W\d_]{4,12}")),
    "route": (("destination", DESTINATION), ("mask", r"255(?:\.\d{1,3}){3}|0\.0\.0\.0"), ("gateway", FORMS["route.gateway"].pattern), ("metric", r"\d{1,4}")),
    "process": (("pid", r"\d{1,7}"), ("memory", r"\d[\d.,]* ?[KMG]i?B?"), ("user", FORMS["process.user"].pattern)),
    "module": (("slot", r"(?:(?:DIMM|CH|BANK)[ _-]?)?[A-H][ _-]?\d{1,2}|DIMM ?\d"), ("maker", r"[A-Z][a-z]+"), ("part", r"(?=\S*\d)(?=\S*-)[A-Z0-9][A-Z0-9-]{5,}")),
    "volume": (("mount", r"[A-Z]:\\?|/[\w/.-]*"),),
    "boot_entry": (("id", r"(?i:boot)?[0-9A-F]{4}\*?|\{[\w-]+\}|[a-z][a-z0-9_-]{2,19}"), ("path", r".*[\\/].*")),
}  # fmt: skip
# What is left of texts, in the order in which lists print them; the first is what a thing is called.
_TEXTS = {
    "disk": ("model",), "module": (), "adapter": ("name",), "volume": ("label",), "graphics": ("name",), "display": ("name",),
    "printer": ("name", "driver"), "driver": ("name", "provider"), "software": ("name", "maker"),
    "process": ("name",), "connection": (), "neighbour": (), "route": ("interface",), "account": ("name", "full_name"),
    "boot_entry": ("name",), "sound": ("name", "maker"), "task": ("name",), "battery": ("name",), "firewall": ("profile",),
    "processor": ("name",),
}  # fmt: skip
# Without one of these nobody knows of which thing a row tells.
_NEEDED = {"neighbour": "address", "route": "destination", "connection": "local", "volume": "mount", "module": "size", "process": "pid"}  # fmt: skip
# What the first column tells: an address first, and what has it, is a neighbour and no card.
_FIRST = {"adapter": "name", "route": "destination", "neighbour": "address", "connection": "protocol"}
# Kinds of things whose number a list's is.
_NUMBERED = frozenset({"disk", "partition"})
# ``(* = you)``: what a mark means, and no row.
_ASIDE = re.compile(r"\s*\(.*\)\s*")
_Cells = list[tuple[str, int]]


class _Column(NamedTuple):
    """What a column tells: the field, and for each row the value and where in its cell it stands; ``None`` where none is."""

    field: str
    told: list[tuple[Value, int] | None]


def rows_by_columns(interpreter: Interpreter, lines: Sequence[Line], group: str) -> bool:
    """Read rows of a group, two at least, whose lines part into the same number of cells. Whether they were read."""
    if group not in _TEXTS:
        return False
    rows = [line for line in lines if line.text.strip() and not is_rule(line.text) and not _ASIDE.fullmatch(line.text)]
    if not _LEAST_ROWS <= len(rows) <= _MOST_ROWS or any(len(line.text) > MAX_LINE for line in rows):
        return False
    if sum(line.text.rstrip().endswith(".") for line in rows) * 2 > len(rows):
        return False  # sentences
    numbers, starts = _numbers(rows)
    for cells in _parted(rows, starts):
        columns = _meant(interpreter, [[text for text, _ in row] for row in cells], group)
        told = [column for column in columns if column]
        fields = {column.field for column in told}
        if len(told) < _LEAST_ROWS or len(told) * 2 < len(columns) or _NEEDED.get(group, "") not in {"", *fields}:
            continue
        if group not in _NEEDED and not fields & set(_TEXTS[group][:1]):
            continue
        if group in _FIRST and (columns[0] is None or columns[0].field != _FIRST[group]):
            continue
        for at, (line, row) in enumerate(zip(rows, cells, strict=True)):
            _tell(interpreter, group, line, row, columns, at, numbers[at] if numbers else None)
        return True
    return False


def _tell(
    interpreter: Interpreter,
    group: str,
    line: Line,
    row: _Cells,
    columns: Sequence[_Column | None],
    at: int,
    number: tuple[str, int] | None,
) -> None:
    """Tell a row's cells of a new item, and its number where that is a thing's own."""
    item = Item(group)
    interpreter.take(item)
    if number and group in _NUMBERED:
        place = Entry("", number[0], line.number, number[1] + 1)
        interpreter.add(f"{group}.number", item, place, exactly("text", number[0]), "rows", 0.75, "it numbers the row")
    for (text, start), column in zip(row, columns, strict=True):
        if column is None or (found := column.told[at]) is None:
            continue
        value, skip = found
        place = Entry("", text[skip:], line.number, start + skip + 1)
        fact = f"{group}.{column.field}"
        interpreter.add(
            fact, item, place, value, "rows", 0.72, f"the cells of this column are a {group}'s {column.field}"
        )
        interpreter.asides(fact, item, place, "rows", 0.72)


_NUMBER = re.compile(r"\s*(?:[-*•] |\[(?P<a>\d{1,3})\]:?\s|#?(?P<b>\d{1,3})[.):]\s|#?(?P<c>\d{1,3})\s\s)\s*")


def _numbers(rows: Sequence[Line]) -> tuple[list[tuple[str, int]], list[int]]:
    """The numbers that count the rows one after the other, each with its column, or none; and where each row begins behind
    its number or its mark."""
    found = [_NUMBER.match(line.text) for line in rows]
    if not all(found):
        return [], [0] * len(rows)
    matches = [match for match in found if match]
    ends = [match.end() for match in matches]
    numbers = [(match[name], match.start(name)) for match in matches for name in ("a", "b", "c") if match[name]]
    if not numbers:
        return [], ends
    counted = [int(text) for text, _ in numbers]
    if len(counted) < len(rows) or counted != list(range(counted[0], counted[0] + len(rows))):
        return [], [0] * len(rows)
    return numbers, ends


_MARKS = tuple(map(re.compile, (r"\s\s+", r"\s*[|│]\s*", r"\s+·\s+", r"\s*;\s*", r"\s+/\s+", r"\s+[-–—]\s+", r",\s+")))


def _parted(rows: Sequence[Line], starts: Sequence[int]) -> Iterator[list[_Cells]]:
    """The rows in cells, by each mark that parts all of them into the same number, three at least; by gaps also where cells
    are left blank."""
    tabbed = [_at_tabs(line, start) for line, start in zip(rows, starts, strict=True)]
    if len({len(row) for row in tabbed}) == 1 and _LEAST_CELLS <= len(tabbed[0]) <= _MOST_COLUMNS:
        yield tabbed
    for mark in _MARKS:
        if not mark.search(rows[0].text[starts[0] :].strip()):
            continue
        cells = [_cells(line.text, start, mark) for line, start in zip(rows, starts, strict=True)]
        counts = {len(row) for row in cells}
        if len(counts) == 1 and _LEAST_CELLS <= counts.pop() <= _MOST_COLUMNS:
            yield cells
    whole = _aligned([" " * start + line.text[start:] for line, start in zip(rows, starts, strict=True)])
    if whole:
        yield whole


_LEAST_CELLS = 3


def _cells(text: str, start: int, mark: re.Pattern[str]) -> _Cells:
    """The cells of a line from a column on, each with its column from 0."""
    found: _Cells = []
    body = text.rstrip().rstrip("|│").rstrip()
    at = start + len(body[start:]) - len(body[start:].lstrip(" \t|│"))
    for match in mark.finditer(body, at):
        found.append((body[at : match.start()].rstrip(","), at))
        at = match.end()
    return [*found, (body[at:], at)]


def _at_tabs(line: Line, start: int) -> _Cells:
    """The cells of a line between its tabs, each with its column from 0; what stands before the column that the row begins
    in is none of the first."""
    if line.tabbed is None:
        return []
    (first, at), *others = cells_at_tabs(line)
    skip = max(0, start - at)
    return [(first[skip:].strip(), at + skip), *others]


def _aligned(texts: Sequence[str]) -> list[_Cells] | None:
    """The cells of rows that begin in common columns, with a blank cell where a row has none; ``None`` where some cell
    begins elsewhere."""
    rows = [cells_by_gap(text) for text in texts]
    begins = Counter(at for row in rows for _, at in row)
    columns = sorted(at for at, count in begins.items() if count * 2 >= len(rows))
    if not _LEAST_CELLS <= len(columns) <= _MOST_COLUMNS or any(at not in columns for row in rows for _, at in row):
        return None
    if len({len(row) for row in rows}) == 1:
        return None
    return [[({at: text for text, at in row}.get(at, ""), at) for at in columns] for row in rows]


def _meant(interpreter: Interpreter, rows: Sequence[Sequence[str]], group: str) -> list[_Column | None]:
    """What each column tells of a group; ``None`` for one that nothing says it of."""
    columns = list(zip(*rows, strict=True))
    found: list[_Column | None] = [None] * len(columns)
    for way in (_own, _by_votes):
        for at, cells in enumerate(columns):
            if found[at] is None:
                found[at] = way(interpreter, cells, group, {column.field for column in found if column})
    left = [at for at, column in enumerate(found) if column is None and _are_texts(columns[at])]
    if group == "driver" and len(left) == 1 and found[0] and found[0].field == "file":
        found[0] = found[0]._replace(field="name")  # nothing else is what it is called
    fields = [field for field in _TEXTS[group] if field not in {column.field for column in found if column}]
    if len(left) > len(fields) > 0:
        left = left[: len(fields) - (len(left) > len(fields) > 1)]  # which of them the others are, nothing says
    for at, field in zip(left, fields, strict=False):
        found[at] = _of_fact(interpreter, columns[at], f"{group}.{field}")
    return found


def _own(interpreter: Interpreter, cells: Sequence[str], group: str, taken: set[str]) -> _Column | None:
    """The first field that is not told yet whose form all cells of a column have, but for those that hold nothing."""
    for field, form in _OWN.get(group, ()):
        if field not in taken and all(re.fullmatch(form, cell) for cell in cells if not _is_blank(cell)):
            column = _of_fact(interpreter, cells, f"{group}.{field}")
            if column:
                return column
    return None


def _is_blank(cell: str) -> bool:
    return not cell or (is_placeholder(cell) and not cell.isdigit() and "." not in cell)


def _by_votes(interpreter: Interpreter, cells: Sequence[str], group: str, taken: set[str]) -> _Column | None:
    """The field that most cells of a column tell by a label of theirs, by their form or by what they assert."""
    left = [fact for fact in FIELDS[group] if fact.field not in taken]
    told = [_told(interpreter, cell, group, left) if not _is_blank(cell) else None for cell in cells]
    votes = Counter(found[0].field for found in told if found)
    if not votes:
        return None
    field, count = votes.most_common(1)[0]
    if count * 3 < sum(not _is_blank(cell) for cell in cells) * 2 or field == (_TEXTS[group] or ("",))[0]:
        return None
    return _Column(field, [(found[1], found[2]) if found and found[0].field == field else None for found in told])


def _told(
    interpreter: Interpreter, cell: str, group: str, left: Sequence[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """What a cell tells by itself: the fact, its value, and where in the cell it stands."""
    return (
        by_label(interpreter, cell, group, left)
        or by_form(interpreter, cell, left)
        or by_assertion(interpreter, cell, group, left)
    )


def _are_texts(cells: Sequence[str]) -> bool:
    """Whether a column holds texts: words, and no numbers alone."""
    said = [cell for cell in cells if not _is_blank(cell)]
    return bool(said) and all(any(map(str.isalpha, cell)) for cell in said)


def _of_fact(interpreter: Interpreter, cells: Sequence[str], fact: str) -> _Column | None:
    """A column whose cells are all a fact's values, but for those that hold nothing."""
    kind = FACTS[fact]
    values = [None if _is_blank(cell) else understand(kind, cell, interpreter.locale) for cell in cells]
    if not any(values) or any(value is None and not _is_blank(cell) for value, cell in zip(values, cells, strict=True)):
        return None
    return _Column(kind.field, [(value, 0) if value else None for value in values])
