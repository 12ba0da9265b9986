"""Key and value columns: a table whose rows are pairs, the label in one column and its value in another; more columns may
say of what it is told (``Section``), and in which unit.

``processor;max clock;4000;MHz`` under ``section;field;value;unit`` is the pair ``max clock (MHz): 4000`` under the heading
``processor``, and ``firewall,domain,on,true`` under ``section,item,field,value`` one of what is called ``domain`` below it.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import NamedTuple

from yes_tally.core.reading.shapes.delimited import DELIMITERS, cells_of, row_of, text_of
from yes_tally.core.reading.shapes.indexed_keys import part
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Entry,
    Group,
    Heading,
    Layout,
    all_entries,
    cells_by_gap,
    is_rule,
    known_share,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import plain

# Beside what is expected stands what was found.
_VALUE = frozenset(
    "value values reading result details detail content contents einzelheiten inhalt contenu detalle detalles detalhe detalhes contenido conteudo dettagli dettaglio contenuto inhoud szczegoly tresc wert angabe valeur valor valore waarde wartosc "
    "found actual actually measured is ist istwert vorgefunden trouve constate encontrado trovato rilevato gevonden aangetroffen znaleziono stwierdzono".split()
)
_EXPECTED = frozenset(
    "expected wanted required should soll sollwert erwartet vorgabe attendu voulu requis exige esperado requerido deseado previsto atteso richiesto desiderato verwacht vereist gewenst "
    "oczekiwane oczekiwana oczekiwany wymagane wymagana wymagany zadane".split()
)
_KEY = frozenset(
    "part thing what teil was quoi piece cosa parte que onderdeel czesc co property field item key setting attribute name parameter label fact eigenschaft feld schlussel einstellung merkmal propriete champ cle "
    "propiedad campo clave propriedade chave proprieta chiave voce eigenschap veld sleutel wlasciwosc pole klucz parametr nom nombre nome naam nazwa "
    "parametro parametre attribut atributo attributo attribuut atrybut kenmerk cecha caracteristique caracteristica caratteristica".split()
)
_SECTION = frozenset(
    "section group category area component part class type table structure abschnitt gruppe bereich kategorie teil groupe categorie seccion grupo categoria sezione gruppo "
    "sectie groep onderdeel sekcja grupa kategoria secao seccao "
    "clase classe klasse klasa tabla tabela tabel block bloc bloque bloco blok apartado rubrique rubrik rubrica dzial "
    "komponente composant componente skladnik kind art genre tipo typ soort rodzaj categoria bereich domaine".split()
)
# What a structure of the firmware's tables tells of, by its type (SMBIOS 3.7, 7).
_STRUCTURES = {
    "0": "firmware", "1": "machine", "2": "board", "3": "machine", "4": "processor", "7": "cache", "17": "module", "22": "battery",
}  # fmt: skip
_WHICH = frozenset(
    "item instance element device object which eintrag geraet gerat objekt elemento dispositivo oggetto instancia istanza apparaat obiekt wpis "
    "objeto objet voorwerp instanz instancja urzadzenie appareil peripherique element elemento id index indice".split()
)
_UNIT = frozenset("unit units einheit unite unidad unidade unita eenheid jednostka".split())
_WORD = re.compile(r"[^\W\d_]+")
_LEAST_ROWS = 2
_MOST_COLUMNS = 8
_LEAST_KNOWN = 0.5


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as a table of labels and values, or ``None`` where its head names no such columns, or fewer than half
    of the labels mean something."""
    if not lines or _VALUE.isdisjoint(_WORD.findall(plain(lines[0].text[:MAX_LINE]))):
        return None
    rows = [line for line in lines if len(line.text) <= MAX_LINE and not is_rule(line.text)]
    for table in _tables(rows):
        heads = list(dict.fromkeys(entry.label for row in table for entry in row))
        roles = _roles(heads) if len(table) >= _LEAST_ROWS else None
        if roles is None:
            continue
        groups = list(_groups(table, roles))
        entries = all_entries(groups)
        share = known_share(entries)
        if share >= _LEAST_KNOWN and len(table) * 4 >= (len(rows) - 1) * 3:
            groups[0].frame = (rows[0].number,)
            return Layout("key and value columns", groups, 0.9 + 0.1 * share)
    return None


def _tables(rows: Sequence[Line]) -> Iterator[list[list[Entry]]]:
    """The rows below the head, each cell under its label: cut at a mark, or at the columns that the head begins."""
    for mark in DELIMITERS:
        head = [cell.strip() for cell in cells_of(text_of(rows[0], mark), mark)]
        if 2 <= len(head) <= _MOST_COLUMNS:
            cut = [(line, text_of(line, mark)) for line in rows[1:]]
            cells = [(line, text, cells_of(text, mark)) for line, text in cut]
            yield [row_of(line, text, head, own, mark).entries for line, text, own in cells if len(own) == len(head)]
    head_cells = cells_by_gap(rows[0].text)
    if head_cells and all(line.text[: head_cells[0][1] - 1].strip() for line in rows[1:]):
        head_cells = (("part", 0), *head_cells)  # no head over the keys
    if 2 <= len(head_cells) <= _MOST_COLUMNS:
        yield [[*_under(head_cells, line)] for line in rows[1:]]


def _under(head: Sequence[tuple[str, int]], line: Line) -> Iterator[Entry]:
    for text, at in cells_by_gap(line.text):
        label = next((label for label, start in reversed(head) if start <= at + 1), head[0][0])
        yield Entry(label, text, line.number, at + 1)


class _Roles(NamedTuple):
    """Which label heads the keys, the values, and maybe the sections, which one of a section, and the units."""

    key: str
    value: str
    section: str | None
    which: str | None
    unit: str | None


def _roles(labels: Sequence[str]) -> _Roles | None:
    """What the labels of a head are; ``None`` where keys or values are missing, or several columns could hold them. Beside
    what is expected, the first column holds the keys, whatever heads it."""
    named = {role: [x for x in labels if plain(x) in words] for role, words in _ROLES.items()}
    keys, which = named["key"], named["which"]
    keys = [label for label in keys if label not in which] or keys
    which = [label for label in which if label not in keys]
    if not keys and named["expected"]:
        keys = [label for label in labels[:1] if label not in (*named["expected"], *named["value"])]
    once = (keys, named["value"])
    if any(len(found) != 1 for found in once) or any(len(named[role]) > 1 for role in ("section", "which", "unit")):
        return None
    section, unit = (next(iter(named[role]), None) for role in ("section", "unit"))
    return _Roles(keys[0], named["value"][0], section, next(iter(which), None), unit)


_ROLES = {"key": _KEY, "value": _VALUE, "section": _SECTION, "which": _WHICH, "unit": _UNIT, "expected": _EXPECTED}


def _groups(table: Sequence[Sequence[Entry]], roles: _Roles) -> Iterator[Group]:
    """The rows as pairs, a group for each run of one section, and below it one for each run of one thing."""
    once = list(_said_by_every_row(table, set(roles)))
    for rows in _runs(table, roles.section):
        group = _headed(rows, roles.section)
        if roles.which:
            for own in _runs(rows, roles.which):
                thing = _headed(own, roles.which)
                thing.entries = _pairs(own, roles)
                group.children.append(thing)
        else:
            group.entries = [*once, *_pairs(rows, roles)]
        once = []
        part(group)
        yield group


_Rows = Sequence[Sequence[Entry]]


def _cell(row: Sequence[Entry], label: str | None) -> Entry | None:
    return next((entry for entry in row if entry.label == label), None)


def _runs(table: _Rows, label: str | None) -> Iterator[list[Sequence[Entry]]]:
    """The rows that follow each other with the same cell under a label; it may be said once, before the first of them."""
    run: list[Sequence[Entry]] = []
    last = ""
    for row in table:
        entry = _cell(row, label)
        said = entry.printed if entry else last
        if run and said != last:
            yield run
            run = []
        run.append(row)
        last = said
    if run:
        yield run


def _headed(rows: _Rows, label: str | None) -> Group:
    """A group under what its rows have in a column."""
    first = next(filter(None, (_cell(row, label) for row in rows)), None)
    if first is None:
        return Group()
    return Group(heading=Heading(_STRUCTURES.get(first.printed, first.printed), first.line, first.column))


def _pairs(rows: _Rows, roles: _Roles) -> list[Entry]:
    pairs: list[Entry] = []
    for row in rows:
        label, told, measured = (_cell(row, name) for name in (roles.key, roles.value, roles.unit))
        if label:
            text = f"{label.printed} ({measured.printed})" if measured else label.printed
            at = told or Entry("", "", label.line, label.column + len(label.printed))
            pairs.append(Entry(text, at.printed, at.line, at.column))
    return pairs


def _said_by_every_row(table: Sequence[Sequence[Entry]], others: set[str | None]) -> Iterator[Entry]:
    """What all rows repeat in a column of its own, said once: whose PC it is."""
    for entry in table[0]:
        column = [other.printed for row in table for other in row if other.label == entry.label]
        if entry.label not in others and len(column) == len(table) and len(set(column)) == 1:
            yield entry
