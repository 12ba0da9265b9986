"""Delimited rows: comma, semicolon, tab or pipe (RFC 4180 quoting), under a header; also tables drawn with pipes."""

from __future__ import annotations

import csv
import re
from collections import Counter
from collections.abc import Sequence

from rapidfuzz import fuzz

from yes_tally.core.reading.phrases import is_known, names_item
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, Group, Heading, Layout, cells_by_gap, known_share
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY_IN_NUMBERS
from yes_tally.core.words import flag_of

DELIMITERS = (";", ",", "\t", "|")
_DOT = " · "
_PLAIN_MARKS = (";", ",", _DOT, " / ")
# Cells that a gap parts and that begin in no common columns; where they do, other shapes say more.
_GAP = "  "
_RAGGED = 0.8
# A line, its text, and its cells.
_Row = tuple[Line, str, list[str]]
# A drawn bar is a pipe.
_BARS = re.compile(r"[|│║┃]")
_PIPES = re.compile(r"[│║┃]")
_BORDER = re.compile(r"[\s|+:=\-─═┼├┤╪╞╡┬┴┌┐└┘╔╗╚╝╠╣╦╩╬]+$")
# ``(name|version|maker)``
_UNDER = re.compile(r"\([^\W\d_][^()]*\)")
# No label: a measure, an address of the network's or of a card, a day.
_SAID = re.compile(
    r"\d[\d.,]* ?(?:[KMGT]i?[BO]|[KMG]?Hz|%|[KMG]?bit/s|[Mk]?Wh)|(?:\d{1,3}\.){3}\d{1,3}(?:/\d{1,2})?"
    r"|[0-9a-fA-F]{2}(?:[:-][0-9a-fA-F]{2}){5}"
    rf"|{DAY_IN_NUMBERS}(?:[ T].*)?"
)
_ALIKE = 60
_MAX_COLUMNS = 200
_MIN_ROWS = 2
_PAIR = 2
_IN_NO_LABEL = frozenset("0123456789:{}")
_MAX_LABEL_WORDS = 5


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as delimited rows, or ``None`` when no delimiter divides most lines alike under a known header."""
    text = "\n".join([line.text for line in lines])
    marks = [mark for mark in _PLAIN_MARKS if text.count(mark) >= _MIN_ROWS]
    if _BARS.search(text):
        marks.append("|")
    if any(line.tabbed for line in lines):
        marks.append("\t")
    if text.count(_GAP) >= _MIN_ROWS:
        marks.append(_GAP)
    layouts = [layout for mark in marks if (layout := _by(mark, lines)) is not None]
    return max(layouts, key=lambda layout: layout.score, default=None)


def _by(mark: str, lines: Sequence[Line]) -> Layout | None:
    texts = [(line, text_of(line, mark)) for line in lines if len(line.text) <= MAX_LINE]
    marked = [n for n, (_, text) in enumerate(texts) if mark in text]
    if len(marked) < _MIN_ROWS:
        return None
    if mark == "\t" and any(not text for _, text in texts[marked[0] : marked[-1]]):
        return None  # a line among the rows is a heading of theirs, and the cells stand below each other anyway
    texts = [(line, text) for line, text in texts if not _BORDER.match(text)]
    rows = [(line, text, cells_of(text, mark)) for line, text in texts if mark in text]
    rows, wrapped = _together(rows) if mark == "|" else (rows, [])
    if len(rows) < _MIN_ROWS:
        return None
    width, count = Counter(len(cells) for _, _, cells in rows).most_common(1)[0]
    if not 2 <= width <= _MAX_COLUMNS or count < _MIN_ROWS or count * 2 < len(texts):
        return None
    fitting = [row for row in rows if len(row[2]) == width]
    under = _UNDER.fullmatch(fitting[-1][1].strip()) is not None
    if under:
        fitting = [fitting[-1], *fitting[:-1]]  # what the columns mean stands under them
    header_line, _, header = fitting[0]
    labels = [cell.strip(" ()" if under else None) for cell in header]
    if any(
        (label.endswith(".") and " " in label and not is_known(label)) or len(label.split()) > _MAX_LABEL_WORDS
        for label in labels
    ):
        return None
    if any("   " in label for label in labels):
        return None  # a label and its value, and no head
    if all(map(names_item, filter(None, labels))):
        return None  # ``Disk 0 | Disk 1`` over their fields: turned
    if any(label and label == cell for _, _, cells in fitting[1:] for label, cell in zip(labels, cells, strict=True)):
        return None  # what is said again in a row below is no head
    if width == _PAIR and sum(is_known(cells[0]) for _, _, cells in fitting[1:]) * 2 > len(fitting) - 1:
        return None  # labels and their values
    known = sum(map(is_known, labels))
    if any(map(_SAID.fullmatch, labels)) or (
        known < len(labels) and any(_answers(*pair) for pair in zip(labels, fitting[1][2], strict=True))
    ):
        return None  # rows without a head
    if known < 2 or known * 3 < sum(map(bool, labels)):
        return None
    if len(mark) > 1 and (known * 2 < len(labels) or width == _PAIR or any(map(_is_no_label, labels))):
        return None  # what parts words in any text parts columns only under a plain head
    table = Group(table=True, frame=(header_line.number, *wrapped))
    table.children = [
        group
        for line, text, cells in (_with_short_rows(rows, fitting) if mark in _KEEP_PLACES else fitting)[1:]
        if (group := row_of(line, text, labels[: len(cells)], cells, mark)).entries
    ]
    if not table.children:
        return None
    share = known_share([entry for row in table.children for entry in row.entries])
    score = (0.55 + 0.4 * share) * (0.4 + 0.6 * count / len(texts))
    return Layout("delimited", [table], score * _RAGGED if mark == _GAP else score)


# So much deeper than the cell above stands what it goes on with.
_DEEPER = 2


def _together(rows: Sequence[_Row]) -> tuple[list[_Row], list[int]]:
    """Rows with the cells that go on on the line below put together, and the numbers of those lines: their first cell is
    blank, and what they hold stands deeper than what it goes on with."""
    whole: list[_Row] = []
    wrapped: list[int] = []
    for line, text, cells in rows:
        above = whole[-1] if whole else None
        if above and len(cells) == len(above[2]) > _PAIR and _goes_on(text, cells, above):
            both = [f"{one}\n{more}" if more else one for one, more in zip(above[2], cells, strict=True)]
            whole[-1] = (above[0], above[1], both)
            wrapped.append(line.number)
        else:
            whole.append((line, text, cells))
    return whole, wrapped


def _goes_on(text: str, cells: Sequence[str], above: _Row) -> bool:
    held = [(cell, one.partition("\n")[0]) for cell, one in zip(cells, above[2], strict=True) if cell]
    return (
        not cells[0]
        and bool(held)
        and all(one and text.find(cell) - above[1].find(one) >= _DEEPER for cell, one in held)
    )


def _is_no_label(text: str) -> bool:
    return not _IN_NO_LABEL.isdisjoint(text) and not is_known(text)


# Between these a blank cell is left blank: a row with fewer cells has its last ones left out (``A2 | empty``).
_KEEP_PLACES = frozenset({"|", "\t", _DOT})


def _with_short_rows(rows: Sequence[_Row], fitting: Sequence[_Row]) -> Sequence[_Row]:
    """The rows that fit, and those below the head that have fewer cells; as they are where their head stands below."""
    head, *_ = fitting
    if any(row[0].number < head[0].number for row in fitting):
        return fitting
    return [row for row in rows if row[0].number >= head[0].number and _PAIR <= len(row[2]) <= len(head[2])]


def _answers(label: str, cell: str) -> bool:
    """Whether what stands above a cell is no label of it, but said in the same words (``enabled`` over ``disabled``)."""
    alike = fuzz.ratio(label.casefold(), cell.casefold()) > _ALIKE
    return alike and flag_of(label) is not None and flag_of(cell) is not None


def text_of(line: Line, mark: str) -> str:
    """A line as rows of this mark have it: with its tabs, or with drawn bars as pipes."""
    if mark == "\t":
        return line.tabbed or ""
    return _PIPES.sub("|", line.text) if mark == "|" else line.text


def cells_of(text: str, mark: str) -> list[str]:
    """The cells of one line; a table drawn with pipes has none before its first and after its last."""
    if mark == _GAP:
        return [cell for cell, _ in cells_by_gap(text)]
    if len(mark) > 1:
        return [cell.strip() for cell in text.split(mark.strip() if mark == _DOT else mark)]
    body = text.strip() if mark != "\t" else text
    if mark == "|":
        if body[:1] == body[-1:] == "|" and len(body) > 1:
            body = body[1:-1]
        return [cell.strip() for cell in body.split("|")]
    try:
        return next(csv.reader([body], delimiter=mark, skipinitialspace=True), [])
    except csv.Error:
        return body.split(mark)


def row_of(line: Line, text: str, labels: Sequence[str], cells: Sequence[str], mark: str) -> Group:
    """The cells of a line, as many as there are labels, each under its label and with its place in the line."""
    group = Group()
    text = line.text if mark == "\t" else text
    at = 0
    for label, cell in zip(labels, cells, strict=True):
        printed, *more = cell.strip().split("\n")
        found = text.find(printed, at) if printed else -1
        if found < 0 and '"' in printed:
            printed = printed.replace('"', '""')
            found = text.find(printed, at)
        if found < 0:
            continue
        at = found + len(printed)
        if label:
            group.entries.append(Entry(label, " ".join((printed, *more)), line.number, found + 1))
        elif not group.entries and group.heading is None:
            group.heading = Heading(printed, line.number, found + 1)
    return group
