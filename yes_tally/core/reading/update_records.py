"""Updates that a line names, by number and title, over deeper lines that say when each was installed.

::

    HU-25006  Security fix, printing
              set up 2025-01-14 by SYSTEM
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.shapes.layout import Entry, under_heads
from yes_tally.core.reading.text_forms import DAY
from yes_tally.core.reading.updates_installed import is_not_installed
from yes_tally.core.reading.values import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_HEAD = re.compile(
    r"\s*(?:[-*•]\s+|\[?\d{1,3}[\].)]\s+)?(?P<id>[A-Z]{1,6}-?\d{3,8})(?:\s*[:–-]\s+|\s+)(?P<title>[^\W\d_].*\S)\s*$"
)
_DAY = re.compile(DAY)
_CLAUSE_ENDS = re.compile(r"[:,;(]")
_LEAST, _MOST_LINES = 2, 2000
_LONGEST = 300


def read_updates(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read updates over what is said of each, where no line that stands least deep is anything else and a day is said
    below one of them. Those said not to be installed are passed over. Whether they were read."""
    if not 2 * _LEAST <= len(lines) <= _MOST_LINES or not _HEAD.match(lines[0].text[:_LONGEST]):
        return False
    if not all(0 < len(line.text) <= _LONGEST for line in lines):
        return False
    parts = under_heads(lines)
    named = [_HEAD.match(head.text) for head, _ in parts]
    if len(parts) < _LEAST or not all(below for _, below in parts):
        return False
    if not all(name and not _DAY.search(name["title"]) for name in named):
        return False
    if not any(_DAY.search(line.text) for _, below in parts for line in below):
        return False
    for name, (head, below) in zip(named, parts, strict=True):
        if name:
            _read_update(interpreter, head, name, below)
    return True


def _denies(text: str) -> bool:
    return any(is_not_installed(clause.strip()) for clause in _CLAUSE_ENDS.split(text))


def _read_update(interpreter: Interpreter, head: Line, name: re.Match[str], below: Sequence[Line]) -> None:
    said = [place for place, line in enumerate(below) if _DAY.search(line.text) or _denies(line.text)]
    interpreter.frame.update(line.number for line in (head, *below))
    if any(_denies(below[place].text) for place in said):
        return
    item = Item("update")
    interpreter.take(item)
    more = [line.text.strip() for line in below[: said[0] if said else 0]]
    for fact, group, text in (
        ("update.id", "id", name["id"]),
        ("update.title", "title", " ".join([name["title"], *more])),
    ):
        entry = Entry("", name[group], head.number, name.start(group) + 1)
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
