"""Events of a log that nothing lays out in columns: a line that says when and how bad, in any order, over lines that say
what from, which number and what happened.

::

    #1  Critical   Tue 11 Feb 2025 07:57:40
        from: power            event: 41
        The PC started again without having been shut down first.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.by_clause import by_label
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Entry,
    as_comma,
    cells_by_comma,
    cells_by_gap,
    commas_for_gaps,
    commas_for_gaps_between,
    commas_for_marks,
    indent_of,
)
from yes_tally.core.reading.tables.log_rows import is_event_id, is_level, is_message, parts_of_event
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import COPULA, MOMENT, TIME_OF_DAY
from yes_tally.core.reading.values.understand import MAX_TEXT, understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MOMENT = re.compile(
    r"(?:(?:\b(?:at|on|am|um|le|à|el|il|alle|op|om|em|dnia|o) )?)"
    r"(?P<moment>(?:(?<![^\W\d_])[^\W\d_]{2,3}\.?,? )?"
    rf"{MOMENT}|\d{{1,2}}[./-]\d{{1,2}}[./-]\d\d,? {TIME_OF_DAY})",
    re.I,
)
# What parts a moment from what is told of it.
_BEHIND_MOMENT = re.compile(
    rf"[\])]?(?: ?[:,;]| (?:[-=]>|→|--?|–|—|\||(?=\())| (?:was|war|{COPULA})(?= ))? ?\(?(?=\s*\S)", re.I
)
_INDEX = re.compile(r"\s*(?:\[\d{1,4}\]|#\d{1,4}[.):]?|\d{1,4}[.)])\s+")
_ASIDE = re.compile(r" \(([^()]*, [^()]*)\)")
_DASHES = re.compile(r" (?:--|[–—]) ")
# ``disk 7``, ``power (41)``, ``netlogin/5719``
_SOURCE_AND_ID = re.compile(r"(?P<source>[^\W\d_][\w.-]{1,30})(?: ?[(\[#/:] ?| )(?P<id>\d{1,6})[)\]]?")
_SOURCE = re.compile(r"[^\W\d_][\w.-]*(?: [\w.-]+){0,2}")
_LEAST_EVENTS, _MOST_LINES = 2, 2000


def read_events(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read lines as events, each headed by the moment it happened at. False, and nothing read, where they are none: where
    not every line that stands least deep has a moment, or hardly one tells more."""
    least = min((indent_of(line.text) for line in lines if line.text.strip()), default=0)
    if lines and _COUNTS.match(lines[-1].text) and not _MOMENT.search(lines[-1].text[:MAX_LINE]):
        lines = lines[:-1]
    heads = [place for place, line in enumerate(lines) if line.text.strip() and indent_of(line.text) == least]
    found = [_MOMENT.search(lines[place].text[:MAX_LINE]) for place in heads]
    if not all(found) or len(heads) < _LEAST_EVENTS or len(lines) > _MOST_LINES:
        return False
    before = len(interpreter.drafts)
    ends = [*heads[1:], len(lines)]
    items = [Item("event") for _ in heads]
    told = sum(
        _read_event(interpreter, item, lines[place], match, lines[place + 1 : end])
        for item, place, match, end in zip(items, heads, found, ends, strict=True)
        if match
    )
    if told < _LEAST_TOLD * len(heads):
        del interpreter.drafts[before:]
        return False
    for item in items:
        interpreter.take(item)
    return True


def is_told_below(lines: Sequence[Line]) -> bool:
    """Whether below most lines that tell a moment and more stands a deeper one: what happened."""
    moments = [_MOMENT.search(line.text[:MAX_LINE]) for line in lines]
    told = [
        place
        for place, (above, below) in enumerate(pairwise(lines))
        if (moment := moments[place])
        and moments[place + 1] is None
        # What goes on with a column of text stands behind the moment.
        and indent_of(above.text) < indent_of(below.text) < moment.end()
        and len(cells_by_gap(above.text[:MAX_LINE])) >= _LEAST_COLUMNS
    ]
    return len(told) * 2 > len(list(filter(None, moments)))


_LEAST_TOLD = 2
_LEAST_COLUMNS = 3
# ``(3 of 3 shown)``, ``3 events``
_COUNTS = re.compile(r"\W*\d{1,6} [^\W\d_]")


def _read_event(interpreter: Interpreter, item: Item, head: Line, match: re.Match[str], below: Sequence[Line]) -> int:
    """Read one event; returns how many facts of it were told, its moment not counted."""
    left = [fact for fact in FIELDS["event"] if fact.name != "event.at"]
    at = Entry("", match["moment"], head.number, match.start("moment") + 1)
    value = understand(FACTS["event.at"], match["moment"], interpreter.locale)
    if value is None:
        return 0
    interpreter.add("event.at", item, at, value, "rows", 0.75, "it begins what is told of the event")
    index = _INDEX.match(head.text)
    text = " " * index.end() + head.text[index.end() :] if index else head.text
    behind = _BEHIND_MOMENT.match(text, match.end())
    start, end = match.start(), behind.end() if behind else match.end()
    rest = text[end:-1] if behind and "(" in behind.group() and text.endswith(")") else text[end:]
    above = text[:start].rstrip("[(")
    bare = above.ljust(start) + ",".ljust(end - start) + rest
    columns = [(part.rstrip(" ,:"), at) for part, at in cells_by_gap(bare) if part.strip(" -–—|,")]
    # What an event comes from may be a label elsewhere (``disk      7``), and its message may have commas.
    around = [*_cells(commas_for_gaps(above)), *((part, end + at) for part, at in _cells(commas_for_gaps(rest)))]
    for cell in parts_of_event(columns) if len(columns) >= _LEAST_COLUMNS else around:
        tell_event(interpreter, item, left, head, *cell)
    message: list[Line] = []
    last = below[-1] if below else head
    short = [len(cells_by_comma(line.text)) == 1 and not is_message(line.text.strip()) for line in below]
    # ``Diskguard``, ``error`` and ``7031``, each on a line of its own, over what happened
    a_part_a_line = len(below) > _LEAST_TOLD and all(short[:-1]) and is_message(last.text.strip())
    for line in below:
        cells = _cells(line.text)
        labelled = [by_label(interpreter, text, "event", left) for text, _ in cells]
        # ``Name resolution for update.harbour.example timed out``: a sentence begins with any word.
        spoken = len(cells) == 1 and ":" not in line.text and is_message(cells[0][0])
        # ``error, source Diskguard, id 7031, The spooler stopped``
        levels = [is_level(text) for text, _ in cells_by_comma(commas_for_marks(line.text))]
        told_so = len(levels) == sum(levels) or (any(levels) and len(levels) >= _LEAST_COLUMNS)
        if cells and (line is not last if a_part_a_line else not spoken and (all(labelled) or told_so)):
            for cell in cells:
                tell_event(interpreter, item, left, line, *cell)
        elif line.text.strip():
            message.append(line)
    told = len(FIELDS["event"]) - 1 - len(left)
    kind = FACTS["event.text"]
    if message and kind in left:
        whole = " ".join(line.text.strip() for line in message)[:MAX_TEXT]
        first = message[0]
        entry = Entry("", first.text.strip(), first.number, indent_of(first.text) + 1)
        interpreter.add(kind.name, item, entry, exactly("text", whole), "rows", 0.75, "it stands below its moment")
        interpreter.drafts[-1].until = message[-1].number
        told += 1
    return told


def _cells(text: str) -> list[tuple[str, int]]:
    """What stands between marks, wide gaps or commas, each with its column from 0."""
    cells = [(part.rstrip(" ,:"), at) for part, at in _parted(text)]
    return list(parts_of_event([(part, at) for part, at in cells if part.strip(" -–—|")]))


def _parted(text: str) -> Iterator[tuple[str, int]]:
    if mark := next((mark for mark in _MARKS if text.count(mark) > 1), ""):
        at = 0
        for part in text.split(mark):  # what happened may have commas of its own
            yield part.strip(), at + indent_of(part)
            at += len(part) + len(mark)
        return
    text = _ASIDE.sub(lambda aside: f", {aside[1]} ", _DASHES.sub(as_comma, text))
    yield from cells_by_comma(commas_for_gaps_between(commas_for_marks(text) if "  " not in text.strip() else text))


_MARKS = ("; ", " | ")


def tell_event(interpreter: Interpreter, item: Item, left: list[FactKind], line: Line, text: str, at: int) -> None:
    """Read one part of what is told of an event: by its label, by its form, or by its place."""
    fields = {fact.field: fact for fact in left}
    labelled = by_label(interpreter, text, "event", left)
    both = _SOURCE_AND_ID.fullmatch(text)
    told: list[tuple[FactKind, str, int]] = []
    if is_level(text) and "level" in fields:
        told = [(fields["level"], text, 0)]
    elif labelled:
        told = [(labelled[0], text[labelled[2] :], labelled[2])]
    elif both and {"source", "id"} <= fields.keys():
        told = [(fields[name], both[name], both.start(name)) for name in ("source", "id")]
    elif is_event_id(text) and any(map(str.isdigit, text)) and "id" in fields:
        told = [(fields["id"], text, 0)]
    elif is_message(text) and "text" in fields:
        told = [(fields["text"], text, 0)]
    elif _SOURCE.fullmatch(text) and "source" in fields:
        told = [(fields["source"], text, 0)]
    for fact, printed, start in told:
        if value := understand(fact, printed, interpreter.locale):
            place = Entry("", printed, line.number, at + start + 1)
            interpreter.add(fact.name, item, place, value, "rows", 0.72, "its form and place fit event")
            left.remove(fact)
