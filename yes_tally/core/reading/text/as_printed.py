"""Where the lines that were read stand in the report: some of its lines are left out, and some are read as one."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from yes_tally.core.reading.text.decode import Line

Pieces = dict[int, list[tuple[int, int]]]
"""Of each line put together, by its number: where each piece of it begins in it (from 0), and on which line it is
printed."""


@dataclass(frozen=True, slots=True)
class Printed:
    """Of each line that was read, from 1 (``lines[0]`` is none), the line of the report; ``pieces`` of those that are
    printed on several."""

    lines: Sequence[int]
    pieces: Pieces

    def place(self, line: int, column: int) -> tuple[int, int]:
        """The line and the column of the report where that of a line that was read is printed."""
        start, at = self._piece(line, column)
        return at, column - start

    def all_of(self, line: int) -> list[int]:
        """The lines of the report that one that was read is printed on."""
        return [at for _, at in self.pieces[line]] if line in self.pieces else [self.lines[line]]

    def _piece(self, line: int, column: int) -> tuple[int, int]:
        if line not in self.pieces:
            return 0, self.lines[line]
        return next(piece for piece in reversed(self.pieces[line]) if piece[0] < max(column, 1))


def one_by_one(lines: Sequence[Line], whole: int, pieces: Pieces) -> tuple[Sequence[Line], Printed]:
    """Lines numbered one after the other, and where they are printed; as they are, where they are all ``whole`` lines of
    the report. What is said of the line above or below is so where nothing was left out between."""
    if len(lines) == whole and all(line.number == number for number, line in enumerate(lines, 1)):
        return lines, Printed(range(whole + 1), {})
    numbers = [0, *(line.number for line in lines)]
    numbered = [replace(line, number=number) for number, line in enumerate(lines, 1)]
    return numbered, Printed(numbers, {n: pieces[at] for n, at in enumerate(numbers) if at in pieces})
