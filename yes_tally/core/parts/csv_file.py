"""The parts book as a file of comma-separated values (RFC 4180), in and out."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable
from dataclasses import dataclass
from typing import Literal

from rapidfuzz import process

from yes_tally.core.parts.book import COLUMNS, Part, PartsBook
from yes_tally.core.parts.writing import NotAPart, part_of

MOST_LINES = 20_000
Fate = Literal["new", "changed", "same"]


@dataclass(frozen=True, slots=True)
class LineTrouble:
    """A line that cannot be taken, and why; lines count from 1, the heading's included."""

    line: int
    message: str


@dataclass(frozen=True, slots=True)
class TakenLine:
    """A line that can be taken, and what it would do to the book; ``known`` is the entry it would replace."""

    line: int
    part: Part
    fate: Fate
    known: Part | None


@dataclass(frozen=True, slots=True)
class LookedAt:
    """A file looked at: nothing is taken while there is trouble."""

    lines: tuple[TakenLine, ...]
    troubles: tuple[LineTrouble, ...]

    def of_fate(self, fate: Fate) -> list[TakenLine]:
        """The lines that would do this."""
        return [line for line in self.lines if line.fate == fate]


def to_csv(parts: Iterable[Part]) -> str:
    """The book as a file that ``look_at`` takes back unchanged; columns that no part uses are kept, for filling in."""
    out = io.StringIO()
    writer = csv.DictWriter(out, COLUMNS, lineterminator="\r\n")
    writer.writeheader()
    for part in sorted(parts, key=lambda part: part.key):
        writer.writerow({"kind": part.kind, "number": part.number, **part.printed})
    return out.getvalue()


def look_at(text: str, book: PartsBook) -> LookedAt:
    """What a file would do to the book: every line's fate, and every trouble with its line."""
    rows = _rows(text.lstrip("\ufeff"))
    if not rows:
        return LookedAt((), (LineTrouble(1, "there is nothing in this file"),))
    (first, heading), *body = rows
    names = [name.strip().casefold().replace(" ", "_") for name in heading]
    wrong = _heading_trouble(first, names)
    if wrong:
        return LookedAt((), tuple(wrong))
    if len(body) > MOST_LINES:
        return LookedAt((), (LineTrouble(MOST_LINES + 1, f"a file has at most {MOST_LINES} parts"),))
    taken, troubles = _lines(body, names, {part.key: part for part in book})
    return LookedAt(tuple(taken), tuple(troubles))


def _rows(text: str) -> list[tuple[int, list[str]]]:
    """The lines that hold anything, each with the number of its last line (a quoted cell may break over several)."""
    reader = csv.reader(io.StringIO(text.replace("\x00", "")), delimiter=_delimiter(text))
    found: list[tuple[int, list[str]]] = []
    try:
        found = [(reader.line_num, row) for row in reader if any(cell.strip() for cell in row)]
    except csv.Error:
        return [(1, [text[:100]])]
    return found


def _delimiter(text: str) -> str:
    """The mark that the heading uses: a spreadsheet writes semicolons where a comma is the decimal mark."""
    heading = text.split("\n", 1)[0]
    return max(",;\t", key=heading.count)


def _heading_trouble(line: int, names: list[str]) -> list[LineTrouble]:
    missing = [name for name in ("kind", "number") if name not in names]
    if missing:
        return [LineTrouble(line, f"the heading has no column {' and no '.join(missing)}; it needs kind and number")]
    troubles = []
    for name in dict.fromkeys(names):
        if name not in COLUMNS:
            near = process.extractOne(name, COLUMNS, score_cutoff=70)
            hint = f"; did you mean {near[0]}?" if near else f"; columns are {', '.join(COLUMNS)}"
            troubles.append(LineTrouble(line, f"“{name}” is no column of the parts book{hint}"))
        elif names.count(name) > 1:
            troubles.append(LineTrouble(line, f"the column {name} stands twice"))
    return troubles


def _lines(
    body: list[tuple[int, list[str]]], names: list[str], known: dict[tuple[str, str], Part]
) -> tuple[list[TakenLine], list[LineTrouble]]:
    taken: list[TakenLine] = []
    troubles: list[LineTrouble] = []
    met: dict[tuple[str, str], int] = {}
    for line, cells in body:
        if any(cell.strip() for cell in cells[len(names) :]):
            troubles.append(LineTrouble(line, f"it has {len(cells)} cells, but the heading has {len(names)}"))
            continue
        try:
            part = part_of(dict(zip(names, cells, strict=False)))
        except NotAPart as error:
            troubles.append(LineTrouble(line, str(error)))
            continue
        if part.key in met:
            troubles.append(LineTrouble(line, f"{part.number} stands on line {met[part.key]} already"))
            continue
        met[part.key] = line
        before = known.get(part.key)
        taken.append(TakenLine(line, part, _fate(part, before), before))
    return taken, troubles


def _fate(part: Part, before: Part | None) -> Fate:
    if before is None:
        return "new"
    return "same" if (before.number, dict(before.printed)) == (part.number, dict(part.printed)) else "changed"
