"""Rows of disks that nothing heads, each over deeper rows of its parts.

::

    0  Shale 1T        931.5 GB   SATA   HDD
       1  EFI          260 MB
       2  data         931.2 GB   D:  Archive   402.6 GB free
"""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.quantity import exactly
from yes_tally.core.reading.kinds.drives import told_of_drive
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import Entry, cells_by_gap, indent_of
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

# Which part of its disk one is: its number, or what a kernel calls it.
_WHICH = re.compile(r"(?:(?P<number>\d{1,2})[.):]?|(?:[hsvx]d[a-z]|nvme\d+(?:n\d+)?p|mmcblk\dp)(?P<kernels>\d{1,2}))")
_SIZE = re.compile(r"\d[\d.,]* ?[KMGT](?:i?[BO])?", re.I)
_MOUNT = re.compile(r"[A-Z]:\\?|/[\w./-]*")
_NOT_USED = re.compile(r"\W*(?:free|unallocated|not allocated|frei|libre|livre|libero|vrij|wolne)\b.*", re.I)
_LEAST_CELLS, _MOST_LINES = 2, 500


def parts_below_disks(
    interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...], read: Callable[[Sequence[Line]], None]
) -> bool:
    """Read disks with ``read``, and the rows below each as its parts. Whether they were read."""
    if around[:1] != ("disk",) or len(lines) > _MOST_LINES or not lines:
        return False
    least = indent_of(lines[0].text)
    below = [line for line in lines if indent_of(line.text) > least]
    told = {line.number: cells for line in below if (cells := _part(line))}
    if not below or len(told) < len(below) or any(indent_of(line.text) < least for line in lines):
        return False
    before = len(interpreter.drafts)
    read([line for line in lines if line.number not in told])
    disks = {draft.entry.line: draft.item for draft in interpreter.drafts[before:] if draft.item}
    if not disks or any(item.group != "disk" for item in disks.values()):
        del interpreter.drafts[before:]
        return False
    disk: Item | None = None
    for line in lines:
        if line.number not in told:
            disk = disks.get(line.number)
        elif not any(_NOT_USED.fullmatch(text) for text, _ in told[line.number]):
            _read_part(interpreter, line, told[line.number], disk)
    return True


def _part(line: Line) -> Sequence[tuple[str, int]]:
    """The cells of a part's row: which one it is, and of the others one is its size; none of any other row."""
    cells = cells_by_gap(line.text)
    sized = any(_SIZE.fullmatch(text) for text, _ in cells[1:])
    return cells if len(cells) >= _LEAST_CELLS and sized and _WHICH.fullmatch(cells[0][0]) else []


def _read_part(interpreter: Interpreter, line: Line, cells: Sequence[tuple[str, int]], disk: Item | None) -> None:
    (first, at), *others = cells
    which = _WHICH.fullmatch(first)
    number = next(filter(None, which.groups()), "") if which else ""
    part = interpreter.new_item("partition")
    place = Entry("", number, line.number, at + first.index(number) + 1)
    interpreter.add("partition.number", part, place, exactly("text", number), "rows", 0.82, "the row begins with it")
    if disk:
        interpreter.stands_under(part, disk, place, "rows")
    size = next(place for place, (text, _) in enumerate(others) if _SIZE.fullmatch(text))
    for fact, (text, start) in [("partition.size", others[size]), *([("partition.kind", others[0])] if size else [])]:
        cell = Entry("", text, line.number, start + 1)
        interpreter.place(cell, "rows", (Guess(fact, 0.8, "it stands in a part's row"),), part)
    told = others[size + 1 :]
    if mount := next((cell for cell in told if _MOUNT.fullmatch(cell[0])), None):
        # What stands beside the letter is told of the volume.
        letter, at = mount
        start = told[0][1]
        text = line.text[start:at] + " " * len(letter) + line.text[at + len(letter) :]
        told_of_drive(interpreter, line.number, letter, at, text, start)
