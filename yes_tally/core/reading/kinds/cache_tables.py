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
    r"(?:L|(?:level|niveau|stufe|ebene|livello|nivel|poziom) )(?P<level>[1-3])(?:[di]|\b(?![\d.,])).{0,24}",
    re.I,
)
_MAY_BEGIN = re.compile(r"\s*(?:L[1-3]|[^\W\d_]{5,7} [1-3])", re.I)
_SIZE = re.compile(r"\d[\d.,' ]* ?[KM]i?[BOo]?", re.I)
# What heads the sizes that are told of all cores together; and the sizes, without saying of what.
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
        begin, rows = place, []
        while place < len(lines) and (level := _level(lines[place])):
            rows.append((lines[place], level))
            place += 1
        head = next((line for line in reversed(lines[max(0, begin - 2) : begin]) if not is_rule(line.text)), None)
        if len(rows) >= _FEWEST and head and (table := _table(head, rows)):
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


def _level(line: Line) -> str | None:
    """The level that a row begins with, where it tells a size behind a gap."""
    if not _MAY_BEGIN.match(line.text) or len(line.text) > MAX_LINE:
        return None
    (first, _), *others = cells_by_gap(line.text)
    level = _LEVEL.fullmatch(plain(first)) if any(_SIZE.fullmatch(text) for text, _ in others) else None
    return level["level"] if level else None


def _table(head: Line, rows: Sequence[tuple[Line, str]]) -> CacheTable | None:
    heads = cells_by_gap(head.text[:MAX_LINE])
    if len(heads) < _FEWEST or any(any(map(str.isdigit, text)) for text, _ in heads):
        return None
    names = [plain(text) for text, _ in heads]
    sized = [
        (
            level,
            line,
            cells_by_gap(line.text)[0][0],
            {_below(cell, heads): cell for cell in cells_by_gap(line.text)[1:]},
        )
        for line, level in rows
    ]
    whole = _whole_sizes(names)
    if whole is None and CACHE.isdisjoint(words_of(names[0])):
        return None  # a table of other things
    levels = Counter(level for _, level in rows)
    sizes = [
        (f"l{level}", label, cells[whole][0], line.number, cells[whole][1])
        for level, line, label, cells in sized
        # What is told of data and of instructions apart is not the whole of a level.
        if whole in cells and levels[level] == 1 and _SIZE.fullmatch(cells[whole][0])
    ]
    return CacheTable(frozenset({head.number, *(line.number for line, _ in rows)}), sizes)


def _whole_sizes(names: Sequence[str]) -> int | None:
    """Which column holds the sizes of whole levels; none where no head says so (``per core``)."""
    told = (at for words in (_TOTAL, _SIZES) for at, name in enumerate(names) if words.fullmatch(name))
    return next(told, None)


def _below(cell: tuple[str, int], heads: Sequence[tuple[str, int]]) -> int:
    """The column that a cell stands in: the one whose head begins or ends nearest."""
    text, at = cell
    ends = [min(abs(at - start), abs(at + len(text) - start - len(name))) for name, start in heads]
    return ends.index(min(ends))
