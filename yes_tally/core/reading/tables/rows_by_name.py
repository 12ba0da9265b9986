"""Rows whose first column holds what the things are called, under no label.

::

               state   inbound    outbound
    domain     on      blocked    allowed
    public     off     allowed    allowed
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.reading.meaning.decide import NAMING
from yes_tally.core.reading.phrases import subject_called
from yes_tally.core.reading.shapes.layout import Entry, Group

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# ``disk 0``, ``CPU1``
_NUMBERED = re.compile(r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) ?(?P<number>\d{1,2})")
_MOUNT = re.compile(r"[A-Z]:\\?|/\S*")
# Kinds that are called by a name, a login or a profile.
_BY_NAME = frozenset(
    {"account", "firewall", "printer", "graphics", "display", "sound", "battery", "software", "driver", "task", "module"}
)  # fmt: skip


def rows_by_name(interpreter: Interpreter, rows: Sequence[Group], group: str | None) -> tuple[list[Group], str] | None:
    """The rows of things of a kind, each with what stands before it as its first cell, which has no label, and the fact
    that those tell, empty where none does; ``None`` where a row has none, or begins with another kind of thing."""
    names = [name for row in rows if (name := _name_of(row))]
    if group is None or not names or len(names) < len(rows):
        return None
    texts = [name.printed for name in names]
    if any(set(interpreter.heading(text)) - {group} for text in texts) and group != "firewall":
        return None
    numbered = [match for text in texts if (match := _NUMBERED.fullmatch(text))]
    by_number = [match for match in numbered if subject_called(match["noun"], match["number"]) == group]
    if len(by_number) == len(texts) and group in _NUMBERS:
        fact = _NUMBERS[group]
        names = [
            replace(name, printed=match["number"], column=name.column + match.start("number"))
            for name, match in zip(names, by_number, strict=True)
        ]
    else:
        fact = _told_by(group, texts)
    if not fact:
        # Nothing is called so: a count of the rows, or what only a person makes sense of.
        return [replace(row, heading=None) for row in rows], ""
    return [
        replace(row, heading=None, entries=[name, *(entry for entry in row.entries if entry.label)])
        for row, name in zip(rows, names, strict=True)
    ], fact


_NUMBERS = {"disk": "disk.number", "processor": "processor.socket"}


def _name_of(row: Group) -> Entry | None:
    """What stands before the cells of a row, or in its first cell, where that has no label."""
    if row.heading and row.entries:
        return Entry("", row.heading.text.strip(), row.heading.line, row.heading.column)
    return row.entries[0] if len(row.entries) > 1 and not row.entries[0].label and row.entries[0].printed else None


def _told_by(group: str, texts: Sequence[str]) -> str:
    """What things of a kind are told of by the texts before their rows; empty where that is not sure."""
    if group == "volume":
        return "volume.mount" if all(map(_MOUNT.fullmatch, texts)) else "volume.label"
    if all(map(str.isdigit, texts)):
        return "disk.number" if group == "disk" else ""
    if group == "disk":
        return "disk.model"
    if group == "processor":
        return "processor.name" if all(" " in text for text in texts) else ""
    if group == "adapter":
        return "adapter.name" if all(" " in text for text in texts) else "adapter.connection"
    return NAMING[group] if group in _BY_NAME else ""
