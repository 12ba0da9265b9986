"""Rows of one kind of thing whose columns nothing names: each cell is the field whose form it has, in the order in which lists
print them."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.clauses.by_clause import SURE
from yes_tally.core.reading.clauses.field_forms import is_device_state
from yes_tally.core.reading.drafts import Draft, Item
from yes_tally.core.reading.kinds.updates_installed import is_not_installed, states_otherwise
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.records.said_in_words import (
    is_which_one,
)
from yes_tally.core.reading.shapes.layout import (
    Entry,
    cells_by_comma,
    cells_by_gap,
    indent_of,
)
from yes_tally.core.reading.tables.log_rows import DEEPER, is_event_id, is_level, is_message, parts_of_event
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY, NAME_AND_VERSION, NO_SIGNATURE, SIGNED, UPDATE_NUMBER
from yes_tally.core.reading.values.understand import MAX_TEXT, understand
from yes_tally.core.words import is_placeholder, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MOST_CELLS = 40
# Things that are listed without a head, and the order in which lists print their fields.
ROW_FIELDS = {
    "event": ("at", "level", "source", "id", "text"),
    "update": ("installed_at", "id", "title"),
    "boot_entry": ("id", "name", "path"),
    "search_folder": ("order", "folder"),
    "software": ("name", "version", "maker", "installed_at"),
    "driver": ("name", "version", "provider", "dated"),
    "sound": ("name", "maker", "state"),
}  # fmt: skip
# Read so only right under what names them: other things are listed like them.
NAMED_NEAR = frozenset({"software", "driver", "sound"})
# Texts that their form tells, which stand before or behind others.
_ANYWHERE = frozenset({"event.level", "event.id"})
# Of which lists tell nothing but texts.
_TEXTS_ALONE = frozenset({"sound"})


def rows_by_form(interpreter: Interpreter, lines: Sequence[Line], group: str) -> bool:
    """Rows of a group, each cell the field whose form it has, in the order of ``ROW_FIELDS``. Whether they were."""
    least_indent = min((indent_of(line.text) for line in lines), default=0)
    below = {line.number: line for line in lines if indent_of(line.text) > least_indent + DEEPER}
    rows = [
        (line, cells)
        for line, cells in _same_cells(lines)
        if len(cells) > 1 or not (line.number in below or _COUNTS_ROWS.match(line.text))
    ]
    least = min(3, len(ROW_FIELDS[group]))
    if group == "update" and all(UPDATE_ID.match(cells[0][0]) for _, cells in rows):
        least = 2  # nothing else is called so
    if group == "boot_entry" and all(_tells_boot_entry(cells) for _, cells in rows):
        least = 2
    rows = _with_days(interpreter, rows) if group == "update" else rows
    parted = [(line, cells, _cells_of_row(cells, group)) for line, cells in rows]
    whole = [(line, parts) for line, cells, parts in parted if max(len(cells), len(parts)) >= least]
    if len(whole) * 3 < len(rows) * 2:
        return False
    before = len(interpreter.drafts)
    columns = Counter(at for _, cells in whole for _, at in cells)
    usual = {at for at, count in columns.items() if count * 2 > len(whole)}
    begun = {line.number for line, _ in whole}
    names_above = _names_above(lines, whole, least_indent) if group in NAMED_NEAR else {}
    if len(whole) > _LEAST_ALIGNED and group in NAMED_NEAR:
        # ``Old fonts             2012-05-17``: a row of few cells, each below those of the others.
        short = [(line, cells, _cells_of_row(cells, group)) for line, cells in rows if line.number not in begun]
        whole += [(line, parts) for line, cells, parts in short if len(cells) > 1 and {at for _, at in cells} <= usual]
    below = {number: line for number, line in below.items() if number not in begun}
    for line, cells in whole:
        if group == "update":
            if any(is_not_installed(text) for text, _ in cells if _is_outcome(text)):
                continue
            if any(states_otherwise(_MORE_OF_OUTCOME.split(text, maxsplit=1)[0]) for text, _ in cells[1:]):
                continue  # ``pending, restart needed``
            cells = _without_kind(cells)
        left = [FACTS[f"{group}.{name}"] for name in ROW_FIELDS[group]]
        told: list[tuple[FactKind, Entry, Value]] = []
        for place, (text, at) in enumerate(cells):
            if group == "update" and _is_outcome(text):
                continue
            nobody = is_placeholder(text) or _OF_NOBODY.search(text)
            if place and group in NAMED_NEAR and place < len(ROW_FIELDS[group]) <= len(cells) and nobody:
                left = [fact for fact in left if fact.field != ROW_FIELDS[group][place]]
                continue
            if not place and group in NAMED_NEAR and is_placeholder(text):
                continue  # a day that nobody noted, before the names
            # What only its form tells may stand anywhere but first; texts come in their order.
            for fact in sorted(left, key=lambda fact: fact.kind == "text") if place else left:
                if fact.name == "event.source" and place + 1 == len(cells) and is_message(text):
                    continue
                value = understand(fact, text, interpreter.locale)
                if value and _has_form(fact, text, value):
                    told.append((fact, Entry("", text, line.number, at + 1), value))
                    passed = left[: left.index(fact)] if fact.kind == "text" and fact.name not in _ANYWHERE else []
                    kept = [f for f in passed if f.kind != "text" or f.name in _ANYWHERE]
                    left = [f for f in left if f is not fact and (f in kept or f not in passed)]
                    break
        telling = any(
            fact.kind != "text"
            or fact.name == "boot_entry.id"
            or (fact.name == "boot_entry.path" and "\\" in entry.printed)
            for fact, entry, _ in told
        )
        blank = sum(is_placeholder(text) or _OF_NOBODY.search(text) is not None for text, _ in cells)
        telling = telling or (group == "update" and blank > 0 and _names_update(cells))
        aligned = least if line.number in begun else 2
        if len(told) > 1 and len(told) + blank >= aligned and (telling or group in _TEXTS_ALONE):
            item = interpreter.new_item(group)
            for fact, entry, value in told:
                if fact.field == "name" and (above := names_above.get(line.number)):
                    value = exactly("text", f"{above.text.strip()} {value.value}"[:MAX_TEXT])
                    entry = Entry("", above.text.strip(), above.number, indent_of(above.text) + 1)
                interpreter.add(fact.name, item, entry, value, "rows", 0.7, f"its form and place fit {group}")
                if entry.line < line.number:
                    interpreter.drafts[-1].until = line.number
            _marked(interpreter, line, group, item)
            last = interpreter.drafts[-1]
            if (
                group == "event"
                and not any(fact.name == "event.text" for fact, _, _ in told)
                and line.number + 1 in below
            ):
                # ``ERROR   diskd (129)`` over the message.
                said = below[line.number + 1]
                message = Entry("", said.text.strip(), said.number, indent_of(said.text) + 1)
                whole_text = exactly("text", message.printed[:MAX_TEXT])
                interpreter.add(
                    "event.text", item, message, whole_text, "rows", 0.7, "it stands below its moment and source"
                )
                last = interpreter.drafts[-1]
            for draft in {id(draft): draft for draft in (*interpreter.drafts[-len(told) :], last)}.values():
                _go_on(draft, below)
    return len(interpreter.drafts) > before


_LEAST_ALIGNED = 2


def _names_above(
    lines: Sequence[Line], rows: Sequence[tuple[Line, Sequence[tuple[str, int]]]], indent: int
) -> dict[int, Line]:
    """The lines on which a name begins that goes on, deeper than others, in the first cell of the row below: by that
    row's number (``Netherlight Office,`` over ``  Dutch edition     16.4``)."""
    printed = {line.number: line for line in lines}
    above = ((line.number, printed.get(line.number - 1)) for line, _ in rows if indent_of(line.text) > indent)
    return {
        number: line
        for number, line in above
        if line and indent_of(line.text) == indent and line.text.rstrip().endswith((",", "-", "/", "&"))
    }


# ``* 0001  Harbour OS 12``, ``(default, started now)``; and, as the last cell, ``<- default``
_MARK = re.compile(r"\s*(?:[*>]\s|\*\d|.*\((?P<aside>[^()]{3,60})\)(?:\s*$|\s{2}))")


def _marked(interpreter: Interpreter, line: Line, group: str, item: Item) -> None:
    """A row that a mark before it or words in brackets behind it make the one that is used by itself."""
    default, mark = FACTS.get(f"{group}.default"), _MARK.match(line.text)
    last = cells_by_gap(line.text)[-1][0].lstrip("<-=← ")
    if default is None or (mark is None and plain(last) not in _DEFAULT):
        return
    aside = mark["aside"] if mark else last
    said = next((part for part in (aside or "").split(",") if plain(part) in _DEFAULT), "")
    if said or (mark and aside is None):
        at = Entry("", said.strip() or (mark.group().strip()[:1] if mark else ""), line.number, 1)
        interpreter.add(
            default.name, item, at, exactly("flag", True), "rows", 0.75, "it is marked among what is listed"
        )


_DEFAULT = frozenset("default standard vorgabe defaut predeterminado predeterminada padrao predefinito predefinita standaard domyslny domyslna".split()) | {"par defaut"}  # fmt: skip
# ``Harbour OS 12 (default)``
_DEFAULT_ASIDE = re.compile(rf" \((?:{'|'.join(sorted(_DEFAULT))})\)$", re.I)


def _tells_boot_entry(cells: Sequence[tuple[str, int]]) -> bool:
    """Whether a row begins with what firmware numbers its entries by, or ends with what one starts."""
    return _BOOT_ID.match(cells[0][0]) is not None or (len(cells) > 1 and "\\" in cells[-1][0])


_Row = tuple[Line, Sequence[tuple[str, int]]]


def _with_days(interpreter: Interpreter, rows: Sequence[_Row]) -> list[_Row]:
    """Rows of updates, each with the day that only the first of those installed on it begins with."""
    found: list[_Row] = []
    day: tuple[str, int] | None = None
    for line, cells in rows:
        first, at = cells[0]
        if understand(FACTS["update.installed_at"], first, interpreter.locale):
            day = cells[0]
        elif day and at > day[1] and UPDATE_ID.match(first):
            cells = [day, *cells]
        else:
            day = None
        found.append((line, cells))
    return found


def tell_boot_entries(lines: Sequence[Line]) -> bool:
    """Whether rows begin with the numbers of firmware's entries, and half of them or more name the file that one starts."""
    numbered = all(_BOOT_ID.match(line.text) for line in lines)
    return numbered and sum(_STARTED_FILE.search(line.text) is not None for line in lines) * 2 >= len(lines)


_STARTED_FILE = re.compile(r"[/\\]\S*\.efi\b", re.I)
# ``0003``, ``*0003``, ``Boot0003*``, ``{current}``
_BOOT_ID = re.compile(r"[*>]? ?(?:(?i:boot)?[0-9A-F]{4}|\{[\w-]+\})\*?(?: [*>])?(?=\s|$)")


_MARKED_ID = re.compile(r"(?P<id>(?:(?i:boot)?[0-9A-F]{4}|\{[\w-]+\})\*?) (?=\S)")
# ``disk 0 part 1``: where it lies, before its path.
_ON_A_DISK = re.compile(
    r"(?:disk|hd|drive|disque|disco|schijf|dysk|festplatte|laufwerk) ?\d+(?:,? [^\W\d_]{2,12} ?\d+)?$", re.I
)


# ``made by -``
_OF_NOBODY = re.compile(r"[^\W\d_] [-–—?]$")
_DRIVE_ALONE = re.compile(r"[A-Z]:")
_ASIDE_ALONE = re.compile(r"\s*\([^()]*\)\s*")


def _go_on(draft: Draft, below: dict[int, Line]) -> None:
    """A row's last text goes on on the lines below that begin where it does."""
    number = draft.entry.line + 1
    while (
        FACTS[draft.fact].kind == "text"
        and number in below
        and abs(indent_of(below[number].text) + 1 - draft.entry.column) <= 1
        and not _ASIDE_ALONE.fullmatch(below[number].text)
    ):
        draft.value = exactly("text", f"{draft.value.value} {below[number].text.strip()}"[:MAX_TEXT])
        draft.until = number
        number += 1


UPDATE_ID = re.compile(rf"(?:\W{{1,2}}\s+)?{UPDATE_NUMBER}(?P<title> \([^()]{{3,80}}\))?$")
_COUNTS_ROWS = re.compile(r"\W*\d{1,6} [^\W\d_]")


def _has_form(fact: FactKind, text: str, value: Value) -> bool:
    """Whether a cell has the form of a field, where its fields have one."""
    if fact.name == "event.level":
        return is_level(text)
    if fact.name == "event.source":
        return not text.isdigit()
    if fact.kind in ("text", "version") and fact.group in NAMED_NEAR and _A_DAY.fullmatch(text) and _YEAR.search(text):
        return False
    if fact.field in ("maker", "provider"):
        return not (_A_VERSION if fact.field == "maker" else _NO_PROVIDER).search(text) and not is_device_state(text)
    if fact.name == "boot_entry.id":
        return _BOOT_ID.fullmatch(text) is not None
    if fact.name == "boot_entry.path":
        return not _ON_A_DISK.match(text) and not _DRIVE_ALONE.fullmatch(text)
    return is_event_id(text) if fact.name == "event.id" else fact.kind != "version" or value.value == text


# ``16.4 (32-bit)``
_BITS_BEHIND = re.compile(r"(?<=\d) \((?:32|64|x86|x64)[- ]?(?:bits?)?\)$")
# ``driver 6.0.9``, ``C:\\Maps``
_A_VERSION = re.compile(r"\d\.\d|^[A-Z]:\\|^/\w")
# ``Larkfield Ticket 2``, ``not signed``: a device, and a signature.
_NO_PROVIDER = re.compile(rf"\d\.\d|[^\W\d_] \d|^(?:{SIGNED}|{NO_SIGNATURE})$", re.I)
# How an update went is not what it is called.
_OUTCOMES = frozenset(
    "ok success successful succeeded failed failure installed pending done erfolgreich fehlgeschlagen installiert reussi reussie echoue echouee installe "
    "correcto correcta exito fallido fallida riuscito riuscita fallito fallita installato sucesso falhou instalado instalada geslaagd mislukt voltooid "
    "powodzenie niepowodzenie zainstalowano sukces".split()
) | {"non riuscito", "non riuscita", "nicht erfolgreich", "en attente", "restart needed"}


# Of what kind an update is, before or behind its title.
_KINDS_OF_UPDATE = frozenset(
    "security feature quality driver drivers rollup cumulative critical optional definition definitions hotfix service firmware "
    "sicherheit funktion treiber sammelpaket kumulativ kritisch optional securite fonctionnalite pilote cumulatif critique facultatif "
    "seguridad caracteristica controlador acumulativa critica opcional sicurezza funzionalita cumulativo facoltativo seguranca "
    "funcionalidade controlador cumulativa beveiliging functie stuurprogramma cumulatief kritiek optioneel bezpieczenstwo funkcja sterownik "
    "zbiorcza krytyczna opcjonalna".split()
)


def _without_kind(cells: Sequence[tuple[str, int]]) -> list[tuple[str, int]]:
    """An update's cells without the one word that says of what kind it is, where another cell can be its title."""
    titles = [
        text
        for text, _ in cells
        if " " in text and not (_is_outcome(text) or _BY_WHOM.match(text) or _A_DAY.search(text))
    ]
    return [cell for cell in cells if not titles or plain(cell[0]) not in _KINDS_OF_UPDATE]


def _names_update(cells: Sequence[tuple[str, int]]) -> bool:
    """Whether a row names an update whose day nobody knows (``HU-49911   -   Language pack``), and says nothing else of it."""
    parts = [part.strip() for text, _ in cells for part in _BRACKET.split(text)]
    other = any(is_not_installed(part) or is_placeholder(part) for part in parts if part.strip("-–—"))
    return UPDATE_ID.match(cells[0][0]) is not None and not other


def _is_outcome(text: str) -> bool:
    """Whether a cell says how an update went, maybe with more behind it (``ok, restart done``, ``FAILED (0x80F1)``)."""
    return plain(_MORE_OF_OUTCOME.split(text, maxsplit=1)[0]) in _OUTCOMES


_A_DAY = re.compile(DAY)
# ``9.1.3371`` has none.
_YEAR = re.compile(r"\b(?:19|20)\d\d\b")
_BRACKET = re.compile(r"[()\[\]]")
_MORE_OF_OUTCOME = re.compile(r"[,;:] | [(\[]")


# What a sound device is for, before what it is called.
_ROLE = re.compile(
    r"(?:speakers?|microphone|mic|head(?:phones|set)|line[ -]?(?:in|out)|input|output|lautsprecher|mikrofon|kopfh[öo]rer|eingang|ausgang|haut-parleurs?|micro(?:phone)?|casque|"
    r"entr[ée]e|sortie|altavo(?:z|ces)|micr[óo]fono|auriculares|entrada|salida|colunas|alti?falantes|alto-falantes|microfone|auscultadores|sa[íi]da|altoparlant[ei]|microfono|"
    r"cuffie|ingresso|uscita|luidsprekers?|microfoon|koptelefoon|ingang|uitgang|g[łl]o[śs]niki?|s[łl]uchawki|wej[śs]cie|wyj[śs]cie)",
    re.I,
)
_LEAST_BEHIND_ROLE = 2
_ROW_NUMBER = re.compile(r"[>*]? ?#?\d{1,4}[.)*]?|[>*]")
_BY_WHOM = re.compile(r"(?:made |supplied )?(?:by|from|von|par|por|da|door|od) (?=[A-Z])")
# ``*0001``: a mark, and what follows it at once.
_STAR_TOUCHES = re.compile(r"[*>](?=\d)")
_ROW_INDEX = re.compile(r"(?:\[\d{1,4}\]|\(?\d{1,4}[.)]|#\d{1,4}|[*•-])\s+(?=\S)")


def _cells_of_row(cells: Sequence[tuple[str, int]], group: str) -> list[tuple[str, int]]:
    """Cells without a row's number, and without the field's own name before what it says (``id 153``)."""
    found = []
    if group == "event":
        cells = list(parts_of_event(cells))
    counted = 2 if group == "boot_entry" and len(cells) > 2 and _BOOT_ID.fullmatch(cells[1][0]) else 3
    numbered = len(cells) > counted and not (group == "boot_entry" and _BOOT_ID.fullmatch(cells[0][0]) and counted > 2)
    if numbered and (_ROW_NUMBER.fullmatch(cells[0][0]) or is_which_one(cells[0][0], group)):
        cells = cells[1:]
    if group == "sound" and len(cells) > _LEAST_BEHIND_ROLE and _ROLE.fullmatch(cells[0][0]):
        cells = cells[1:]
    if group == "boot_entry":
        if (marked := _MARKED_ID.match(cells[0][0])) and len(cells) > 1:
            # ``0001* Harbour OS 12``: one blank is all that parts them.
            (text, at), *more = cells
            cells = [(marked["id"], at), (text[marked.end() :], at + marked.end()), *more]
        cells = [(_DEFAULT_ASIDE.sub("", text), at) for text, at in cells]
        cells = [
            (text[2:], at + 2) if place and text[:2] == "* " else (text, at) for place, (text, at) in enumerate(cells)
        ]
    named = NAME_AND_VERSION.fullmatch(cells[0][0]) if group == "software" and len(cells) > 1 else None
    if named and not _A_VERSION.search(cells[1][0]):
        at = cells[0][1]
        cells = [(named["name"], at), (named["version"], at + named.start("version")), *cells[1:]]
    titled = UPDATE_ID.match(cells[0][0]) if group == "update" and cells else None
    if titled and titled["title"]:
        (text, at), start = cells[0], titled.start("title")
        cells = [(text[:start], at), (titled["title"].strip(" ()"), at + start + 2), *cells[1:]]
    if group == "software":
        cells = [(_BITS_BEHIND.sub("", text), at) for text, at in cells]
    for place, (text, at) in enumerate(cells):
        index = (
            (_ROW_INDEX.match(text) or _STAR_TOUCHES.match(text))
            if place == 0
            else _BY_WHOM.match(text)
            if group in NAMED_NEAR
            else None
        )
        name, _, rest = text.partition(" ")
        labelled = rest and not (group == "event" and is_message(text)) and _is_label(name, group, place)
        skip = index.end() if index else len(name) + 1 if labelled else 0
        found.append((text[skip:], at + skip))
    return found


def _is_label(word: str, group: str, place: int) -> bool:
    """Whether the first word of a cell says which field the rest is (``id 153``, ``fabricant Murmur``)."""
    if f"{group}.{word.casefold()}" in FACTS:
        return True
    labels = _LABELLED_FIELDS.get(group, tuple(ROW_FIELDS[group]) if group in NAMED_NEAR else ())
    meant = decide(word.rstrip(":"), Context(group))[:1] if place and labels else ()
    return any(guess.fact in (f"{group}.{field}" for field in labels) and guess.confidence > SURE for guess in meant)


# What may have its label before it; the words of a message may mean the others.
_LABELLED_FIELDS = {"event": ("source", "id")}


_LEAST_ROWS = 4


def _begins_in_all(texts: Sequence[str], at: int) -> bool:
    """Whether a word begins at a column, from 0, in every one of enough rows."""
    return len(texts) >= _LEAST_ROWS and all(text[at - 1 : at] == " " and text[at : at + 1].strip() for text in texts)


def _same_cells(lines: Sequence[Line]) -> list[tuple[Line, Sequence[tuple[str, int]]]]:
    """The cells of rows: cut at wide gaps, and at one blank where most rows begin a cell right behind it."""
    cut: list[tuple[Line, Sequence[tuple[str, int]]]] = [(line, cells_by_gap(line.text)) for line in lines]
    listed = [line for line, cells in cut if len(cells) == 1 and line.text.count(", ") > 1]
    if len(listed) * 2 > len(cut):
        cut = [(line, cells_by_comma(line.text)) for line in listed]
    if any(len(cells) > _MOST_CELLS for _, cells in cut):
        return cut
    begins = Counter(at for _, cells in cut for _, at in cells)
    rows = sum(len(cells) > 1 for _, cells in cut)
    texts = [line.text for line, _ in cut]
    usual = sorted(
        at for at, count in begins.items() if count * 2 > rows > 1 or (count > 1 and at and _begins_in_all(texts, at))
    )
    found: list[tuple[Line, Sequence[tuple[str, int]]]] = []
    for line, cells in cut:
        parts: list[tuple[str, int]] = []
        for text, start in cells:
            for at in usual:
                whole = _A_DAY.fullmatch(line.text[start : start + len(text)])
                if start + 1 < at < start + len(text) and line.text[at - 1] == " " and not whole:
                    parts.append((line.text[start:at].rstrip(), start))
                    text, start = line.text[at : start + len(text)], at
            parts.append((text, start))
        found.append((line, parts))
    return found
