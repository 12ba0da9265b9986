"""Events listed under the days on which they happened, each in a row that begins with the time of day.

::

    -- 2026-11-29 --
     03:12:44  ERROR   disk-watch   #153   Read of block 0x1f2a00 had to be repeated.
     07:58:02  WARN    clock        #36    No answer from the time server,
                                           the clock was not set.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.kinds.event_records import tell_event
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap, indent_of
from yes_tally.core.reading.tables.log_rows import is_level, parts_of_event
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY, TIME_OF_DAY
from yes_tally.core.reading.values.understand import MAX_TEXT, understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DAY = re.compile(rf"\W{{0,6}}(?:[^\W\d_]{{2,13}}\.?,? )?(?P<day>{DAY})\W{{0,6}}")
_ROW = re.compile(rf"\s*\[?(?P<time>{TIME_OF_DAY})\]?[,;]?\s+(?=\S)")
_LEAST_EVENTS, _MOST_LINES = 2, 5000


def events_by_day(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read such events; returns the lines that were read. Rows of a day are events where a cell of each is a level."""
    days = {place: match["day"] for place, line in enumerate(lines) if (match := _day(line))}
    if not days or len(lines) > _MOST_LINES:
        return set()
    rows: list[tuple[str, Line, re.Match[str], list[Line]]] = []
    day = ""
    for place, line in enumerate(lines):
        text = line.text[:MAX_LINE]
        day = days.get(place, day)
        row = _ROW.match(text) if day and place not in days else None
        if row and any(is_level(cell) for cell, _ in parts_of_event(cells_by_gap(text[row.end() :]))):
            rows.append((day, line, row, []))
        elif rows and place not in days and _goes_on(rows[-1][1], rows[-1][2], rows[-1][3], line):
            rows[-1][3].append(line)
    if len(rows) < _LEAST_EVENTS:
        return set()
    for day, line, row, below in rows:
        _read(interpreter, day, line, row, below)
    numbers = {lines[place].number for place in days}
    interpreter.frame.update(numbers)
    return numbers | {line.number for _, row, _, below in rows for line in (row, *below)}


def _day(line: Line) -> re.Match[str] | None:
    return _DAY.fullmatch(line.text.rstrip()) if len(line.text) <= _LONGEST_DAY else None


_LONGEST_DAY = 60


def _goes_on(line: Line, row: re.Match[str], below: Sequence[Line], after: Line) -> bool:
    """Whether a line goes on with what the row right above says: it stands deeper than the row's time, and no brackets are
    around it."""
    follows = after.number == (below[-1] if below else line).number + 1
    return follows and indent_of(after.text) >= row.end() and not after.text.strip().startswith("(")


def _read(interpreter: Interpreter, day: str, line: Line, row: re.Match[str], below: Sequence[Line]) -> None:
    item = interpreter.new_item("event")
    left = [fact for fact in FIELDS["event"] if fact.name != "event.at"]
    if moment := understand(FACTS["event.at"], f"{day} {row['time']}", interpreter.locale):
        place = Entry("", row["time"], line.number, row.start("time") + 1)
        interpreter.add("event.at", item, place, moment, "rows", 0.8, "it stands under its day")
    start = row.end()
    cells = [(text, start + at) for text, at in cells_by_gap(line.text[start:MAX_LINE].rstrip())]
    for cell in parts_of_event(cells):
        tell_event(interpreter, item, left, line, *cell)
    said = interpreter.drafts[-1]
    if below and said.fact == "event.text":
        whole = " ".join([str(said.value.value), *(line.text.strip() for line in below)])
        said.value, said.until = exactly("text", whole[:MAX_TEXT]), below[-1].number
