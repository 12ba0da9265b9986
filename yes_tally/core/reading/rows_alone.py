"""Rows that no head names the columns of: each cell tells by its form, its label or its place what it is."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.bare_rows import told_bare
from yes_tally.core.reading.by_clause import is_device_state
from yes_tally.core.reading.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.drafts import Draft, Item
from yes_tally.core.reading.drives import rows_of_drives
from yes_tally.core.reading.event_records import read_events
from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.listings import CALLED
from yes_tally.core.reading.log_rows import DEEPER, are_events, is_event_id, is_level, is_message, parts_of_event
from yes_tally.core.reading.phrases import SUBJECTS, subjects_in
from yes_tally.core.reading.records_in_words import records_of_numbered, records_of_words
from yes_tally.core.reading.rows_in_parts import MARKS, rows_in_parts, with_gaps
from yes_tally.core.reading.said_in_words import (
    is_which_one,
    kinds_over_clauses,
    lines_of_one,
    rows_of_adapters,
    rows_of_known_beginning,
    rows_of_labels,
    rows_of_words,
)
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    cells_by_comma,
    cells_by_gap,
    dots_as_commas,
    indent_of,
    is_rule,
)
from yes_tally.core.reading.told_in_parts import told_in_words
from yes_tally.core.reading.updates_installed import is_not_installed, lines_of_installed
from yes_tally.core.reading.values import MAX_TEXT, understand
from yes_tally.core.words import is_placeholder, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# Things that are listed without a head, and the order in which lists print their fields.
_ROW_FIELDS = {
    "event": ("at", "level", "source", "id", "text"),
    "update": ("installed_at", "id", "title"),
    "boot_entry": ("id", "name", "path"),
    "search_folder": ("order", "folder"),
    "software": ("name", "version", "maker", "installed_at"),
    "driver": ("name", "version", "provider", "dated"),
    "sound": ("name", "maker", "state"),
}  # fmt: skip
# Read so only right under what names them: other things are listed like them.
_NAMED_NEAR = frozenset({"software", "driver", "sound"})
# Texts that their form tells, which stand before or behind others.
_ANYWHERE = frozenset({"event.level", "event.id"})
# Of which lists tell nothing but texts.
_TEXTS_ALONE = frozenset({"sound"})
_DOT = " · "
_MANY_ROWS = 2000
_MOST_CELLS = 40


def rows_without_head(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> None:
    """Rows whose columns nothing names, of a thing that a heading or the command names: each cell is the field
    whose form it has, in the catalogue's order."""
    lines = [replace(line, text=line.text.rstrip()) if line.text.endswith(" ") else line for line in lines]
    if _states_first(interpreter, lines, around):
        return
    ruled = next((i for i, line in enumerate(lines) if i and is_rule(line.text)), len(lines))
    title = lines[0].text if lines else ""
    lines, around = _titled(
        interpreter, [line for line in lines[: min(ruled, _MANY_ROWS)] if len(line.text) <= MAX_LINE], around
    )
    by_mark = around[:1] == ("adapter",) or not any("  " in line.text.strip() for line in lines)
    if by_mark and rows_in_parts(interpreter, lines, around, whole=True):
        return
    lines = with_gaps(lines, MARKS if around[:1] == ("sound",) else MARKS[:1])
    if any(_DOT in line.text for line in lines):
        lines = [replace(line, text=dots_as_commas(line.text)) for line in lines]
    if lines and sum(_NEIGHBOUR.match(line.text) is not None for line in lines) * 3 >= len(lines) * 2:
        return  # each line states one whole
    near = next((g for g in around if g in ITEM_GROUPS), None)
    group = next((g for g in around if g in _ROW_FIELDS and (g == near or g not in _NAMED_NEAR)), None)
    if group == "update":
        lines = lines_of_installed(lines)
        if is_not_installed(title.strip(" :")) and lines[:1] and lines[0].text is not title:
            return
    if len(lines) > 1 and all(_IN_BRACES.match(line.text) for line in lines):
        group = "boot_entry"
    if group in (None, "software") and _are_updates(lines, interpreter):
        group, lines = "update", lines_of_installed(lines)
    group = group or ("event" if are_events(lines) else None)
    if group == "event" and _has_lines_below(lines) and _events_told_best(interpreter, lines):
        return
    if _names_over_cells(lines) and records_of_words(interpreter, lines, around):
        return
    if group and _rows_by_form(interpreter, lines, group):
        return
    if not any(
        read(interpreter, lines, around)
        for read in (
            said_at_once,
            kinds_over_clauses,
            rows_of_drives,
            rows_of_adapters,
            rows_of_known_beginning,
            records_of_numbered,
            records_of_words,
            lines_of_one,
            rows_of_labels,
        )
    ):
        before = len(interpreter.drafts)
        rows_of_words(interpreter, lines, around)
        if len(interpreter.drafts) == before and not rows_in_parts(interpreter, lines, around) and group:
            rows = with_gaps(lines, MARKS[1:])
            if not any(
                _NAME_WITH_VERSION.fullmatch(cells_by_gap(line.text)[0][0]) for line in rows if line.text.strip()
            ):
                _rows_by_form(interpreter, rows, group)


# ``[ready   ] Nightly copy   next …``
_STATE_FIRST = re.compile(r"\s*\[(?P<state>[^\W\d_][^\[\]\d]{2,14}?)\s*\]\s+(?=\S)")


def _states_first(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Rows that each begin with how a thing is, in brackets: read without it, and then it is told of them. Whether they
    were read."""
    states = [_STATE_FIRST.match(line.text) for line in lines]
    group = around[0] if around else ""
    if sum(map(bool, states)) < max(2, len(lines) - 1) or f"{group}.state" not in FACTS:
        return False
    told = list(zip(lines, states, strict=True))
    bare = [replace(line, text=" " * at.end() + line.text[at.end() :]) for line, at in told if at]
    before = len(interpreter.drafts)
    rows_without_head(interpreter, bare, around)
    items = {draft.entry.line: draft.item for draft in interpreter.drafts[before:]}
    for line, at in told:
        if at and (item := items.get(line.number)):
            place = Entry("", at["state"], line.number, at.start("state") + 1)
            guess = Guess(f"{group}.state", 0.8, "it stands in brackets before it")
            interpreter.place(place, "rows", (guess,), item)
    return len(interpreter.drafts) > before


# ``1) Quaymaster 4.2.1``: told within a line, and no cell of a row.
_NAME_WITH_VERSION = re.compile(r".*[^\W\d_] v?\d+(?:\.\d+)+")


def rows_told_whole(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Read rows whose beginnings look like labels and mean nothing (``0: Basalt SX240 / 223.6 GB / SATA``), where they tell
    of what is named above them. Whether they were read."""
    if len(lines) > _MANY_ROWS or any(len(line.text) > MAX_LINE for line in lines):
        return False
    rows, named = _titled(interpreter, lines, around)
    return rows_in_parts(interpreter, rows, named, whole=True)


# ``{current}    Harbour OS 12``: nothing else is listed so.
_IN_BRACES = re.compile(r"\s*[*>]?\s*\{[\w-]+\}\s+\S")
# An address, and the hardware's beside it.
_NEIGHBOUR = re.compile(r"\s*(?:\d{1,3}\.){3}\d{1,3}\s+[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}\b", re.I)


def said_at_once(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``16 GB DDR4, 2666 MT/s, 2 of 4 slots used``: one line between commas is all that a command about one thing
    prints. Whether it was read."""
    group = around[0] if around else ""
    text = lines[0].text.strip() if len(lines) == 1 else ""
    if not _LISTS.search(text) or text.endswith(".") or group not in _SAID_AT_ONCE:
        return False
    if {at.group for at in subjects_in(words_of(_BEFORE_NUMBER.split(text, maxsplit=1)[0]))} - {group}:
        return False  # ``Page file 4864 MB, 211 MB used`` is said of another thing
    before = len(interpreter.drafts)
    at = indent_of(lines[0].text) + 1
    if group == "licence":
        left = list(FIELDS[group])
        told_in_words(interpreter, text, lines[0].number, at - 1, group, None, left)
    elif group != "processor":
        entry = Entry(group, text, lines[0].number, at)
        interpreter.entries([entry], "words", interpreter.context(group), None)
    else:
        count = _HOW_MANY.match(text)
        skip = count.end() if count else 0
        item = Item(group)
        entry = Entry("", text[skip:], lines[0].number, at + skip)
        if told_bare(interpreter, entry, group, item, "words", CALLED[group], least=1):
            interpreter.take(item)
    return len(interpreter.drafts) > before


_BEFORE_NUMBER = re.compile(r"[\d:,;]")
_SAID_AT_ONCE = frozenset({"memory", "processor", "licence", "firmware"})
_LISTS = re.compile(r"[,;] ")
# ``1 x Kestrel K5-8420``
_HOW_MANY = re.compile(r"\d{1,2} ?[x×] ")


def _rows_by_form(interpreter: Interpreter, lines: Sequence[Line], group: str) -> bool:
    """Rows of a group, each cell the field whose form it has, in the order of ``_ROW_FIELDS``. Whether they were."""
    least_indent = min((indent_of(line.text) for line in lines), default=0)
    below = {line.number: line for line in lines if indent_of(line.text) > least_indent + DEEPER}
    rows = [
        (line, cells)
        for line, cells in _same_cells(lines)
        if len(cells) > 1 or not (line.number in below or _COUNTS_ROWS.match(line.text))
    ]
    least = min(3, len(_ROW_FIELDS[group]))
    if group == "update" and all(_UPDATE_ID.match(cells[0][0]) for _, cells in rows):
        least = 2  # nothing else is called so
    if group == "boot_entry" and all(_tells_boot_entry(cells) for _, cells in rows):
        least = 2
    parted = [(line, cells, _cells_of_row(cells, group)) for line, cells in rows]
    whole = [(line, parts) for line, cells, parts in parted if max(len(cells), len(parts)) >= least]
    if len(whole) * 3 < len(rows) * 2:
        return False
    before = len(interpreter.drafts)
    for line, cells in whole:
        if group == "update" and any(is_not_installed(text) for text, _ in cells if plain(text) in _OUTCOMES):
            continue
        left = [FACTS[f"{group}.{name}"] for name in _ROW_FIELDS[group]]
        told: list[tuple[FactKind, Entry, Value]] = []
        for place, (text, at) in enumerate(cells):
            if group == "update" and plain(text) in _OUTCOMES:
                continue
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
        blank = sum(is_placeholder(text) for text, _ in cells)
        if len(told) > 1 and len(told) + blank >= least and (telling or group in _TEXTS_ALONE):
            item = interpreter.new_item(group)
            for fact, entry, value in told:
                interpreter.add(fact.name, item, entry, value, "rows", 0.7, f"its form and place fit {group}")
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


# ``* 0001  Harbour OS 12``, ``(default, started now)``
_MARK = re.compile(r"\s*(?:[*>]\s|\*\d|.*\((?P<aside>[^()]{3,60})\)(?:\s*$|\s{2}))")


def _marked(interpreter: Interpreter, line: Line, group: str, item: Item) -> None:
    """A row that a mark before it or words in brackets behind it make the one that is used by itself."""
    default, mark = FACTS.get(f"{group}.default"), _MARK.match(line.text)
    last = cells_by_gap(line.text)[-1][0]
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


# ``0003``, ``*0003``, ``Boot0003*``, ``{current}``
_BOOT_ID = re.compile(r"[*>]? ?(?:(?i:boot)?[0-9A-F]{4}|\{[\w-]+\})\*?(?: [*>])?(?=\s|$)")


_ASIDE_ALONE = re.compile(r"\s*\([^()]*\)\s*")


def _go_on(draft: Draft, below: dict[int, Line]) -> None:
    """A row's last text goes on on the lines below that begin where it does."""
    number = draft.entry.line + 1
    while (
        FACTS[draft.fact].kind == "text"
        and number in below
        and indent_of(below[number].text) + 1 == draft.entry.column
        and not _ASIDE_ALONE.fullmatch(below[number].text)
    ):
        draft.value = exactly("text", f"{draft.value.value} {below[number].text.strip()}"[:MAX_TEXT])
        draft.until = number
        number += 1


_UPDATE_ID = re.compile(r"(?:\W{1,2}\s+)?[A-Z]{2,6}-?\d{3,8}(?P<title> \([^()]{3,80}\))?$")
_COUNTS_ROWS = re.compile(r"\W*\d{1,6} [^\W\d_]")


def _has_form(fact: FactKind, text: str, value: Value) -> bool:
    """Whether a cell has the form of a field, where its fields have one."""
    if fact.name == "event.level":
        return is_level(text)
    if fact.name == "event.source":
        return not text.isdigit()
    if fact.field in ("maker", "provider"):
        return not _A_VERSION.search(text) and not is_device_state(text)
    if fact.name == "boot_entry.id":
        return _BOOT_ID.fullmatch(text) is not None
    return is_event_id(text) if fact.name == "event.id" else fact.kind != "version" or value.value == text


# ``driver 6.0.9``
_A_VERSION = re.compile(r"\d\.\d")
# How an update went is not what it is called.
_OUTCOMES = frozenset(
    "ok success successful succeeded failed failure installed pending done erfolgreich fehlgeschlagen installiert reussi reussie echoue echouee installe "
    "correcto correcta exito fallido fallida riuscito riuscita fallito fallita installato sucesso falhou instalado instalada geslaagd mislukt voltooid "
    "powodzenie niepowodzenie zainstalowano sukces".split()
) | {"non riuscito", "non riuscita", "nicht erfolgreich", "en attente", "restart needed"}


def _are_updates(lines: Sequence[Line], interpreter: Interpreter) -> bool:
    """Whether every line begins with what updates are called by, has a day in its next cell and words in its last: a list
    that nothing names."""
    rows = [cells for line in lines if len(cells := cells_by_gap(line.text)) > 2]
    day = FACTS["update.installed_at"]
    return len(rows) >= _LEAST_UPDATES and all(
        any(
            _UPDATE_ID.match(number) and understand(day, at, interpreter.locale)
            for number, at in ((cells[0][0], cells[1][0]), (cells[1][0], cells[0][0]))
        )
        and " " in cells[-1][0]
        for cells in rows
    )


_LEAST_UPDATES = 2


def _titled(
    interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]
) -> tuple[list[Line], tuple[str, ...]]:
    """Rows without the line above them that says what they list, and what it names."""
    cells = [len(cells_by_gap(line.text)) for line in lines[:2]]
    if len(lines) < 2 or cells[0] != 1 or _heads_one_of_several(lines):
        return list(lines), around
    if any(mark in lines[0].text and mark in lines[1].text for mark in MARKS):
        return list(lines), around  # rows, in parts
    if all(_ENDS_ASIDE.search(line.text) for line in lines[:2]):
        return list(lines), around  # ``Oakmere Audio HD [on]`` over ``Pellucid HDMI    [off]``
    # ``Local accounts:``, ``» Processor``
    title = lines[0].text[:MAX_LABEL].strip(_MARKS)
    names = subjects_in(words_of(title)) if lines[0].text.endswith(":") else words_of(title) in SUBJECTS
    deeper = indent_of(lines[1].text) > indent_of(lines[0].text)
    if cells[1] < 2 and not (names and (lines[0].text.endswith(":") or title != lines[0].text.strip() or deeper)):
        return list(lines), around
    named = interpreter.heading(lines[0].text, lines[0].number)
    return list(lines[1:]), (*named, *around)


def _events_told_best(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read events as rows, or each over the lines that tell of it: as what tells more. Whether they were read."""
    before = len(interpreter.drafts)
    _rows_by_form(interpreter, lines, "event")
    as_rows = interpreter.drafts[before:]
    del interpreter.drafts[before:]
    read_events(interpreter, lines)
    if len(interpreter.drafts) - before <= len(as_rows):
        interpreter.drafts[before:] = as_rows
    return len(interpreter.drafts) > before


def _has_lines_below(lines: Sequence[Line]) -> bool:
    """Whether some lines stand deeper than the first, and several as deep as it."""
    indents = Counter(indent_of(line.text) for line in lines)
    return len(indents) > 1 and indents[min(indents)] > 1


def _names_over_cells(lines: Sequence[Line]) -> bool:
    """Whether names stand alone over deeper lines of several cells each."""
    if not _heads_one_of_several(lines):
        return False
    least = indent_of(lines[0].text)
    cells = [(indent_of(line.text) > least, len(cells_by_gap(line.text))) for line in lines]
    return all((count > 1) == deeper for deeper, count in cells)


_ENDS_ASIDE = re.compile(r"[(\[][^()\[\]]+[)\]]\s*$")
# What a title may stand between.
_MARKS = " :»«>■●▪§#=*~·-–—[]"


def _heads_one_of_several(lines: Sequence[Line]) -> bool:
    """Whether the first line is the name of one thing over what is said of it, and others follow."""
    indents = [indent_of(line.text) for line in lines]
    return sum(own == indents[0] < below for own, below in pairwise(indents)) > 1


_ROW_NUMBER = re.compile(r"[>*]? ?#?\d{1,4}[.)*]?|[>*]")
_BY_WHOM = re.compile(r"(?:made |supplied )?(?:by|from|von|par|por|da|door|od) (?=[A-Z])")
# ``*0001``: a mark, and what follows it at once.
_STAR_TOUCHES = re.compile(r"[*>](?=\d)")
_ROW_INDEX = re.compile(r"(?:\[\d{1,4}\]|\d{1,4}[.)]|#\d{1,4}|[*•-])\s+(?=\S)")


def _cells_of_row(cells: Sequence[tuple[str, int]], group: str) -> list[tuple[str, int]]:
    """Cells without a row's number, and without the field's own name before what it says (``id 153``)."""
    found = []
    if group == "event":
        cells = list(parts_of_event(cells))
    numbered = len(cells) > 3 or (group == "boot_entry" and len(cells) > 2 and _BOOT_ID.fullmatch(cells[1][0]))
    if numbered and (_ROW_NUMBER.fullmatch(cells[0][0]) or is_which_one(cells[0][0], group)):
        cells = cells[1:]
    if group == "boot_entry":
        cells = [(_DEFAULT_ASIDE.sub("", text), at) for text, at in cells]
    titled = _UPDATE_ID.match(cells[0][0]) if group == "update" and cells else None
    if titled and titled["title"]:
        (text, at), start = cells[0], titled.start("title")
        cells = [(text[:start], at), (titled["title"].strip(" ()"), at + start + 2), *cells[1:]]
    for place, (text, at) in enumerate(cells):
        index = (
            (_ROW_INDEX.match(text) or _STAR_TOUCHES.match(text))
            if place == 0
            else _BY_WHOM.match(text)
            if group in _NAMED_NEAR
            else None
        )
        name, _, rest = text.partition(" ")
        skip = index.end() if index else len(name) + 1 if rest and f"{group}.{name.casefold()}" in FACTS else 0
        found.append((text[skip:], at + skip))
    return found


def _same_cells(lines: Sequence[Line]) -> list[tuple[Line, Sequence[tuple[str, int]]]]:
    """The cells of rows: cut at wide gaps, and at one blank where most rows begin a cell right behind it."""
    cut: list[tuple[Line, Sequence[tuple[str, int]]]] = [(line, cells_by_gap(line.text)) for line in lines]
    listed = [line for line, cells in cut if len(cells) == 1 and line.text.count(", ") > 1]
    if len(listed) * 2 > len(cut):
        cut = [(line, cells_by_comma(line.text)) for line in listed]
    if any(len(cells) > _MOST_CELLS for _, cells in cut):
        return cut
    begins = Counter(at for _, cells in cut for _, at in cells)
    usual = sorted(at for at, count in begins.items() if count * 2 > len(lines) > 1)
    found: list[tuple[Line, Sequence[tuple[str, int]]]] = []
    for line, cells in cut:
        parts: list[tuple[str, int]] = []
        for text, start in cells:
            for at in usual:
                if start + 1 < at < start + len(text) and line.text[at - 1] == " ":
                    parts.append((line.text[start:at].rstrip(), start))
                    text, start = line.text[at : start + len(text)], at
            parts.append((text, start))
        found.append((line, parts))
    return found
