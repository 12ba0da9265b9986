"""What stands side by side under titles (``PROCESSOR`` beside ``MEMORY``) in words, one below the other; every line keeps its
column and its number."""

from __future__ import annotations

import itertools
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.cutting.beside import halves, part_of, tells_pairs
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LINE, cells_by_gap, is_rule
from yes_tally.core.reading.text.decode import Line

_MOST_TITLES = 4
_LEAST_LINES = 3


def one_below_other(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines with what stands under titles side by side apart, each title over its own lines and an empty one below; as
    they are, where labels or columns explain it, or a line runs from one side into the next."""
    found: list[Line] = []
    place, parted = 0, False
    while place < len(lines):
        begins_run = place == 0 or _ends_run(lines[place - 1].text)
        heads = _titles(lines[place].text) if begins_run else ()
        end = place + 1
        while heads and end < len(lines) and not _ends_run(lines[end].text):
            end += 1
        sides = _sides(lines[place:end], [at for _, at in heads[1:]]) if heads else []
        for side in sides:
            found += [*side, replace(side[-1], text="", tabbed=None)]
        if not sides:
            found += lines[place:end]
        place, parted = end, parted or bool(sides)
    return found if parted else lines


def _titles(text: str) -> Sequence[tuple[str, int]]:
    """The titles that stand side by side on a line, each with its column from 0; none where it holds anything else."""
    cells = cells_by_gap(text[:MAX_LINE]) if "  " in text.strip() else ()
    titles = 1 < len(cells) <= _MOST_TITLES and all(words_of(cell.rstrip(":")) in SUBJECTS for cell, _ in cells)
    return cells if titles else ()


def _sides(run: Sequence[Line], begins: Sequence[int]) -> list[list[Line]]:
    across = any(line.text[at - 2 : at].strip() for at in begins for line in run)
    if len(run) < _LEAST_LINES or across or halves(run):
        return []
    sides = [
        [part for line in run if (part := part_of(line, start, stop)).text.strip()]
        for start, stop in itertools.pairwise([0, *begins, MAX_LINE])
    ]
    # What a table's cells hold has no commas.
    in_words = all(any(", " in line.text for line in side[1:]) and not tells_pairs(side[1:]) for side in sides)
    return [[replace(line, tabbed=None) for line in side] for side in sides] if in_words else []


def _ends_run(text: str) -> bool:
    return not text.strip() or is_rule(text) or len(text) > MAX_LINE
