"""Tables of a processor's caches, one a row.

::

    cache       per core       total     ways
    L1 data        32 KB      256 KB        8
    L2            256 KB     2048 KB        4
    L3                 -    12288 KB       16
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.kinds.caches_in_order import CACHE
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap, is_rule
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_LEVEL = re.compile(
    r"(?:L|(?:level|niveau|stufe|ebene|livello|nivel|poziom) )(?P<level>[1-3])(?:[di]|\b(?![\d.,]))(?P<kind>.{0,24})",
    re.I,
)
_MAY_BEGIN = re.compile(r"\s*(?:L[1-3]|[^\W\d_]{5,7} [1-3])", re.I)
_SIZE = re.compile(r"\d[\d.,' ]* ?[KM]i?[BOo]?", re.I)
# What heads the sizes that are told of all cores together; the sizes, without saying of what; and those of one core.
_TOTAL = re.compile(
    r"total\w*|in all|all together|gesamt|insgesamt|en tout|en total|in totale|in totaal|totaal|razem|lacznie|suma|sum"
)
_SIZES = re.compile(
    r"size|grosse|taille|tamano|tamanho|dimensione|grootte|rozmiar|capacity|kapazitat|capacite|capacidad|capacidade|capacita"
)
_FEWEST = 2


class CacheTable(NamedTuple):
    """The lines of a table of caches with its head, and the size of each level that it tells: its label, the text, and
    where that begins (line from 1, column from 0)."""

    lines: frozenset[int]
    sizes: Sequence[tuple[str, str, str, int, int]]


def cache_tables(lines: Sequence[Line]) -> list[CacheTable]:
    """The tables of caches among the lines of a section."""
    found: list[CacheTable] = []
    place = 1
    while place < len(lines):
        rows = []
        while place < len(lines) and (level := _level(lines[place])):
            rows.append((lines[place], level))
            place += 1
        if len(rows) >= _FEWEST and (table := _table(_head(lines, place - len(rows)), [line for line, _ in rows])):
            found.append(table)
        place += 1
    return found


def read_caches(interpreter: Interpreter, table: CacheTable) -> None:
    """Keep what a table tells of the processor that was told of last before it, or of the only one."""
    first = min(table.lines)
    told = [draft for draft in interpreter.drafts[interpreter.section_from :] if draft.fact.startswith("processor.")]
    before = [draft.item for draft in told if draft.entry.line < first] or [draft.item for draft in told][:1]
    item = before[-1] if before else None
    for level, label, printed, line, at in table.sizes:
        fact = FACTS[f"processor.cache_{level}"]
        if value := understand(fact, printed, interpreter.locale):
            interpreter.add(
                fact.name,
                item,
                Entry(label, printed, line, at + 1),
                value,
                "table",
                0.85,
                "it stands in a table of caches",
            )
    interpreter.frame |= table.lines


def _level(line: Line) -> re.Match[str] | None:
    """The level that a row begins with, where it tells a size behind a gap."""
    if not _MAY_BEGIN.match(line.text):
        return None
    cells = cells_by_gap(line.text) if len(line.text) <= MAX_LINE else []
    sized = any(_SIZE.fullmatch(text) for text, _ in cells[1:])
    return _LEVEL.fullmatch(plain(cells[0][0])) if sized else None


def _head(lines: Sequence[Line], first: int) -> Sequence[Line]:
    """The head above the first row, with the rule between and a line that only says that caches follow."""
    above = [line for line in lines[max(0, first - 2) : first] if line.text.strip()]
    heads = [line for line in above if not is_rule(line.text)]
    return heads[-1:] if heads else []


def _table(head: Sequence[Line], rows: Sequence[Line]) -> CacheTable | None:
    heads = cells_by_gap(head[0].text) if head and len(head[0].text) <= MAX_LINE else []
    if len(heads) < _FEWEST or any(any(map(str.isdigit, text)) for text, _ in heads):
        return None
    column = _column([plain(text) for text, _ in heads], heads, rows)
    if column is None:
        return None
    sizes = []
    levels = Counter(level["level"] for row in rows if (level := _level(row)))
    for row in rows:
        cells, level = cells_by_gap(row.text), _level(row)
        cell = next((cell for cell in cells[1:] if _below(cell, heads) == column), None)
        # What is told of data and of instructions apart is not the whole of a level.
        if level and cell and levels[level["level"]] == 1 and _SIZE.fullmatch(cell[0]):
            sizes.append((f"l{level['level']}", cells[0][0], cell[0], row.number, cell[1]))
    return CacheTable(frozenset(line.number for line in (*head, *rows)), sizes)


def _column(names: Sequence[str], heads: Sequence[tuple[str, int]], rows: Sequence[Line]) -> int | None:
    """Which column holds the sizes of whole levels; none where it cannot be told. A table of other things has none."""
    for words in (_TOTAL, _SIZES):
        if column := next((index for index, name in enumerate(names) if words.fullmatch(name)), None):
            return column
    sized = {_below(cell, heads) for row in rows for cell in cells_by_gap(row.text)[1:] if _SIZE.fullmatch(cell[0])}
    named = not CACHE.isdisjoint(words_of(names[0]))
    return -1 if named and len(sized) > 1 else None


def _below(cell: tuple[str, int], heads: Sequence[tuple[str, int]]) -> int:
    """The column that a cell stands in: the one whose head begins or ends nearest."""
    text, at = cell
    ends = [min(abs(at - start), abs(at + len(text) - start - len(name))) for name, start in heads]
    return ends.index(min(ends))
