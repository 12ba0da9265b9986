"""Delimited rows of one value each, under a head that has a column for the field and one for its value.

::

    section,item,field,value
    firewall,domain,on,true
    firewall,domain,inbound,block

The columns before the field say what it is told of: the first the kind of thing, the next which one.
"""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.delimited import DELIMITERS, cells_of, text_of
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, Group, Heading, Layout, all_entries, known_share
from yes_tally.core.reading.text.decode import Line

_FIELD = frozenset(
    "field attribute property key setting parameter name label feld eigenschaft attribut merkmal champ propriete attribut cle campo propiedad atributo clave propriedade chave "
    "proprieta attributo chiave veld eigenschap kenmerk sleutel pole wlasciwosc atrybut klucz".split()
)
_VALUE = frozenset("value wert valeur valor valore waarde wartosc".split())
_WHOSE = 2
_LEAST_ROWS = 3
_BORDER = re.compile(r"[\s|+:=-]+$")


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as rows of one value each, or ``None`` where no head says which column is the field and which the value."""
    head, *below = lines
    for mark in DELIMITERS:
        columns = [_word(cell) for cell in cells_of(text_of(head, mark), mark)] if mark in text_of(head, mark) else []
        if not 2 < len(columns) <= _WHOSE + 2 or columns[-1] not in _VALUE or columns[-2] not in _FIELD:
            continue
        told = [group for line in below if (group := _row(line, mark, len(columns))) is not None]
        if len(told) < _LEAST_ROWS or len(told) * 3 < len(below) * 2:
            continue
        groups = _together(told)
        share = known_share(all_entries(groups))
        return Layout("field rows", [Group(children=groups, frame=(head.number,))], 0.7 + 0.3 * share)
    return None


def _word(cell: str) -> str:
    words = words_of(cell)
    return words[-1] if words else ""


_Row = tuple[tuple[Heading, ...], Entry]


def _row(line: Line, mark: str, width: int) -> _Row | None:
    """What a row tells of, and its field with the value; ``None`` for a line that is no row."""
    text = text_of(line, mark)
    cells = cells_of(text, mark) if len(text) <= MAX_LINE and not _BORDER.match(text) else []
    if len(cells) != width:
        return None
    places, at = [], 0
    for cell in cells:
        found = line.text.find(cell, at)
        places.append(found if found >= 0 else at)
        at = max(at, found + len(cell))
    *whose, field, value = cells
    of = tuple(Heading(cell, line.number, place + 1) for cell, place in zip(whose, places, strict=False) if cell)
    return of, Entry(field, value, line.number, places[-1] + 1)


def _together(rows: Sequence[_Row]) -> list[Group]:
    """The rows of what is told of the same things, below its headings: the kind, and which one."""
    kinds: dict[str, Group] = {}
    things: dict[tuple[str, ...], Group] = {}
    for whose, entry in rows:
        said = tuple(heading.text for heading in whose)
        group = things.get(said)
        if group is None:
            first, *which = whose or (None,)
            kind = said[0] if said else ""
            over = kinds.get(kind)
            if over is None:
                over = kinds[kind] = Group(heading=first)
            group = things[said] = over
            if which:
                group = things[said] = Group(heading=which[0])
                over.children.append(group)
        if entry.printed:
            group.entries.append(entry)
    return list(kinds.values())
