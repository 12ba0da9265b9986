"""Updates that a line names, by number and title, over deeper lines that say when each was installed.

::

    HU-25006  Security fix, printing
              set up 2025-01-14 by SYSTEM

    Security fix, printing
              HU-25006, set up on 14 January 2025 by SYSTEM
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.updates_installed import is_not_installed
from yes_tally.core.reading.shapes.layout import Entry, under_heads
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_HEAD = re.compile(
    r"\s*(?:[-*•]\s+|\[?\d{1,3}[\].)]\s+)?(?P<id>[A-Z]{1,6}-?\d{3,8})(?:\s*[:–-]\s+|\s+)(?P<title>[^\W\d_].*\S)\s*$"
)
_TITLE = re.compile(r"\s*(?:[-*•]\s+|\[?\d{1,3}[\].)]\s+)?(?P<title>[^\W\d_][^:=]*\S)\s*$")
_ID_FIRST = re.compile(r"\s*(?P<id>[A-Z]{1,6}-?\d{3,8})(?:[,;:]|\s{2,}|\s[-–]\s)\s*\S")
_DAY = re.compile(DAY)
_CLAUSE_ENDS = re.compile(r"[:,;(]")
_LEAST, _MOST_LINES = 2, 2000
_LONGEST = 300


def read_updates(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read updates over what is said of each, where no line that stands least deep is anything else and a day is said
    below one of them. Those said not to be installed are passed over. Whether they were read."""
    if not 2 * _LEAST <= len(lines) <= _MOST_LINES:
        return False
    by_title = not _HEAD.match(lines[0].text[:_LONGEST])
    if by_title and not _ID_FIRST.match(lines[1].text[:_LONGEST]):
        return False
    if not all(0 < len(line.text) <= _LONGEST for line in lines):
        return False
    parts = under_heads(lines)
    if len(parts) < _LEAST or not all(below for _, below in parts):
        return False
    named = [(_TITLE if by_title else _HEAD).match(head.text) for head, _ in parts]
    numbered = [_ID_FIRST.match(below[0].text) for _, below in parts]
    if by_title and not (all(numbered) and all(map(_names_one, parts))):
        return False
    if not all(name and not _DAY.search(name["title"]) for name in named):
        return False
    if not any(_DAY.search(line.text) for _, below in parts for line in below):
        return False
    for name, number, (head, below) in zip(named, numbered, parts, strict=True):
        if name and by_title and number:
            _read_update(interpreter, (head, name), (below[0], number), below)
        elif name:
            _read_update(interpreter, (head, name), (head, name), below)
    return True


def _names_one(part: tuple[Line, Sequence[Line]]) -> bool:
    """Whether a line is the title of the one update below it, and heads no list of them."""
    head, below = part
    listed = any(_ID_FIRST.match(line.text) for line in below[1:])
    return not listed and not is_not_installed(head.text.strip(" :"))


def _denies(text: str) -> bool:
    return any(is_not_installed(clause.strip()) for clause in _CLAUSE_ENDS.split(text))


def _read_update(
    interpreter: Interpreter,
    titled: tuple[Line, re.Match[str]],
    numbered: tuple[Line, re.Match[str]],
    below: Sequence[Line],
) -> None:
    """Read an update by the lines, and what was found in them, that give its title and its id."""
    said = [place for place, line in enumerate(below) if _DAY.search(line.text) or _denies(line.text)]
    interpreter.frame.update(line.number for line in (titled[0], *below))
    if any(_denies(below[place].text) for place in said):
        return
    item = Item("update")
    interpreter.take(item)
    more = [line.text.strip() for line in below[: said[0] if said else 0] if line is not numbered[0]]
    for fact, group, (line, match) in (("update.id", "id", numbered), ("update.title", "title", titled)):
        text = " ".join([match[group], *more]) if group == "title" else match[group]
        entry = Entry("", match[group], line.number, match.start(group) + 1)
        interpreter.add(
            fact, item, entry, exactly("text", text), "records", 0.85, "it heads what is said of the update"
        )
    if said:
        line = below[said[0]]
        day = _DAY.search(line.text)
        value = understand(FACTS["update.installed_at"], day.group(), interpreter.locale) if day else None
        if day and value:
            entry = Entry("", day.group(), line.number, day.start() + 1)
            why = "it stands below the update"
            interpreter.add("update.installed_at", item, entry, value, "records", 0.85, why)
