"""Processes in rows without a head: the number, what it is called, its memory, and who runs it.

::

    4412 wickerlink-sync    412.9 MB   QM\\icalloway
     944 duty-keeper         88.2 MB   SYSTEM
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ROW = re.compile(r"\s*(?P<pid>\d{1,7})\s+(?P<name>[^\W\d]\S*(?: \S+)*)\s{2,}(?P<told>\S.*)$")
_MEMORY = re.compile(r"\d[\d.,\u00a0\u202f]* ?[KMG]i?[BO]?", re.I)
# Whom a system calls by one word in capitals (``SYSTEM``, ``SISTEMA``).
_USER = re.compile(rf"{FORMS['process.user'].pattern}|[^\W\d_a-zà-ÿ]{{4,}}")
# What people call processes too (``tasks now``).
_CALLED_SO = frozenset({"process", "task"})
_LEAST, _MOST_LINES = 2, 20_000


def rows_of_processes(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Read such rows, two at least and two thirds of the lines, no two of one number; where nothing says that processes
    are listed, half of them must say who runs them. Whether they were read."""
    if len(lines) > _MOST_LINES or any(group in ITEM_GROUPS and group not in _CALLED_SO for group in around[:1]):
        return False
    rows = [(line, match) for line in lines if (match := _ROW.match(line.text[:MAX_LINE]))]
    told = [(line, match, _cells(match)) for line, match in rows]
    told = [row for row in told if "memory" in row[2]]
    numbers = {match["pid"] for _, match, _ in told}
    if len(told) < _LEAST or len(told) * 3 < len(lines) * 2 or len(numbers) < len(told):
        return False
    by_users = [cells for *_, cells in told if "\\" in cells.get("user", ("", 0))[0]]
    if "process" not in around[:2] and len(by_users) * 2 < len(told):
        return False
    for line, match, cells in told:
        item = interpreter.new_item("process")
        parts = {"pid": (match["pid"], match.start("pid")), "name": (match["name"], match.start("name")), **cells}
        for field, (text, at) in parts.items():
            guess = Guess(f"process.{field}", 0.8, "its form and place fit a process")
            interpreter.place(Entry("", text, line.number, at + 1), "rows", (guess,), item)
    return True


def _cells(match: re.Match[str]) -> dict[str, tuple[str, int]]:
    """The memory and the user among what stands behind a name, each with its column from 0."""
    found: dict[str, tuple[str, int]] = {}
    for text, at in cells_by_gap(match["told"]):
        for field, form in (("memory", _MEMORY), ("user", _USER)):
            if form.fullmatch(text):
                found.setdefault(field, (text, match.start("told") + at))
    return found
