"""Rows that no head names the columns of, below what says which things they list, each in parts: which one, what it is
called, and what it tells (``0 | Basalt SX240 | 223.6 GB | SATA | healthy``)."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.by_clause import by_form
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import subjects_in
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, cells_by_comma, indent_of
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# What parts are parted by, the surest first; each is blank but for one sign, which a comma takes the place of.
_SEPARATORS = tuple(map(re.compile, (r" \| ", r" · ", r" {2,}", r"; ", r" / ", r" [-–—] ", r", ")))
# A sentence has them too.
_LISTING = (r" [-–—] ", r", ")
_LEAST_PARTS = 2
_LEAST_TOLD = 2
_RIGHT_UNDER = 2
_MOST_PARTS = 40
_BULLET = re.compile(r"\s*(?:[-*•+>] )?\s*")
# ``0``, ``#1``, ``[2]``, ``3.``, alone or before what the first part is
_INDEX = re.compile(r"(?:\[(?P<boxed>\d{1,3})\]|#?(?P<bare>\d{1,3})[.:)]?)(?:\s+|$)")
_BEFORE_COLON = re.compile(r"(?P<which>[^\s:]{1,24}(?: [^\s:]{1,12}){0,3}) ?: (?=\S)")
_SLOT = re.compile(r"(?:[^\W\d_]{3,10}[ _-]?)?[A-Z]?\d?[A-Z]\d{0,2}|(?:slot|bank|dimm|socket)[ _-]?\w{1,4}", re.I)
_MOUNT = re.compile(r"[A-Z]:\\?|/[\w./-]*")
_CONNECTION = re.compile(r"[^\W\d_][\w-]*(?: [\w-]+)?")
# The facts that say which of several one is.
_WHICH = {
    "disk": "disk.number", "partition": "partition.number", "module": "module.slot", "adapter": "adapter.connection",
    "account": "account.name", "volume": "volume.mount",
}  # fmt: skip


_LABEL_WORDS = frozenset(
    (word,)
    for word in "total sum summe gesamt somme totale suma totaal razem slot ranhura ranura emplacement steckplatz sleuf gniazdo zoccolo".split()
)


# Their rows have readers that know more of them.
_READ_ELSEWHERE = frozenset({"volume", "sound"})


# What parts the cells of a row as a wide gap does.
MARKS = (" | ", "; ", " / ", " - ")


class _Part(NamedTuple):
    text: str
    at: int
    """Its column, from 0."""


def rows_in_parts(
    interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...], *, whole: bool = False
) -> bool:
    """Read rows of one kind of item, where what is named nearest is one; ``whole``: only where all but one of the parts of
    every row tell. Whether they were read."""
    group = around[0] if around else ""
    if group not in ITEM_GROUPS or group not in {*CALLED, *_WHICH} or (whole and group in _READ_ELSEWHERE):
        return False
    if interpreter.numbered and lines and 0 < lines[0].number - interpreter.numbered_line <= _RIGHT_UNDER:
        return False  # told of the one that the heading numbers
    rows = _cut(lines)
    if any(_begins_with_label(parts[0].text, group) for _, parts in rows):
        return False
    before = len(interpreter.drafts)
    missing = 1 if whole else _MOST_PARTS
    read = [
        item for line, parts in rows if (item := _read_row(interpreter, line, parts, group, missing, len(rows) == 1))
    ]
    if not read or (len(read) < len(lines) if whole else len(read) * 3 < len(rows) * 2):
        del interpreter.drafts[before:]
        return False
    for item in read:
        interpreter.take(item)
    return True


def _begins_with_label(text: str, group: str) -> bool:
    """Whether a row's first part is a label, and no name: ``screen 1 Veldt V27``, ``sum of the disks``; ``LAN`` may be what
    a connection is called."""
    words = words_of(text.rstrip("0123456789"))
    if words[:1] in _LABEL_WORDS:
        return True
    return bool(subjects_in(words)) and not (group == "adapter" and len(words) == 1)


def _cut(lines: Sequence[Line]) -> list[tuple[Line, list[_Part]]]:
    """The parts of all lines, by the surest mark that parts nearly all of them; none where no mark does."""
    for mark in _SEPARATORS:
        rows = [(line, _parts(line, mark)) for line in lines]
        if sum(bool(parts) for _, parts in rows) * 3 >= len(rows) * 2:
            return [(line, parts) for line, parts in rows if parts]
    return []


def _parts(line: Line, mark: re.Pattern[str]) -> list[_Part]:
    text = line.tabbed.replace("\t", "  ") if line.tabbed else line.text
    bullet = _BULLET.match(text)
    start = bullet.end() if bullet else 0
    found: list[_Part] = []
    for at in (*mark.finditer(text, start), None):
        end = at.start() if at else len(text)
        part = text[start:end]
        if part.strip(" ,"):
            found.append(_Part(part.strip().rstrip(","), start + indent_of(part)))
        start = at.end() if at else end
    if len(found) < _LEAST_PARTS:
        return []
    return [*_which_apart(found[0], by_blank=mark.pattern not in _LISTING), *found[1:]]


def _which_apart(part: _Part, *, by_blank: bool) -> list[_Part]:
    """What says which one a row tells of, before what its first part says, as a part of its own; ``by_blank``: nothing but
    a blank may be between (a number before a comma may be one of words)."""
    match = _INDEX.match(part.text) or _BEFORE_COLON.match(part.text)
    if match is None or match.end() == len(part.text) or (not by_blank and match.group().strip().isdigit()):
        return [part]
    which = part.text[: match.end()].strip(" :.)")
    return [_Part(which, part.at), _Part(part.text[match.end() :], part.at + match.end())]


def _read_row(
    interpreter: Interpreter, line: Line, parts: list[_Part], group: str, missing: int, alone: bool
) -> Item | None:
    """Read a row, the item it tells of; ``None``, and nothing read, where too few of its parts say what they are by their
    form, or more than ``missing`` do not."""
    before = len(interpreter.drafts)
    item = Item(group)
    first = parts[0]
    if which := _which(interpreter, parts, group):
        place = Entry("", which.text.strip("#[]"), line.number, which.at + 1 + which.text.startswith(("#", "[")))
        interpreter.place(place, "rows", (Guess(_WHICH[group], 0.8, "the row begins with it"),), item)
        parts = parts[1:]
    elif _INDEX.fullmatch(first.text):
        parts = parts[1:]
    if not parts:
        return None
    least = max(_LEAST_TOLD + alone, (len(parts) + 1) // 2, len(parts) - missing)
    started = len(interpreter.drafts)
    if group == "account":
        _told_of_account(interpreter, line, parts, item)
    else:
        entry = Entry("", _joined(parts), line.number, parts[0].at + 1)
        told_bare(interpreter, entry, group, item, "rows", CALLED[group])
        last_part(interpreter, entry, item, started)
    if len(interpreter.drafts) - started < least:
        del interpreter.drafts[before:]
        return None
    return item


# What the one part of a row is that no form tells, where it looks so: who made a memory module, a number on a label.
_LAST = {
    "module": ("module.maker", re.compile(r"[A-Z][a-z]+(?:[ &-]+[A-Z][a-z]+)?")),
    "display": ("display.serial", re.compile(r"(?=\S*\d)[A-Z0-9][A-Z0-9-]{5,30}")),
    "disk": ("disk.serial", re.compile(r"(?=\S*\d)[A-Z0-9][A-Z0-9-]{7,30}")),
}


def last_part(interpreter: Interpreter, entry: Entry, item: Item, started: int) -> None:
    """Read the one part of a row (``entry``, a list with commas) that no form tells; of the row the drafts from ``started``
    on are told."""
    fact, form = _LAST.get(item.group, ("", None))
    told = {draft.entry.printed for draft in interpreter.drafts[started:]}
    rest = [(text, at) for text, at in cells_by_comma(entry.printed) if text not in told]
    if any(draft.fact == fact for draft in interpreter.drafts[started:]) or len(told) < _LEAST_TOLD:
        return
    if form and len(rest) == 1 and form.fullmatch(rest[0][0]):
        place = Entry("", rest[0][0], entry.line, entry.column + rest[0][1])
        guess = Guess(fact, 0.7, "it is all of the row that no form tells")
        interpreter.place(place, "rows", (guess,), item)


def _told_of_account(interpreter: Interpreter, line: Line, parts: list[_Part], item: Item) -> None:
    left = [fact for fact in FIELDS["account"] if fact.name != "account.name"]
    name = parts[0]
    # ``Benutzer``, ``gesperrt``: what somebody may, and no name.
    flags = (FACTS["account.admin"], FACTS["account.enabled"])
    is_flag = any(understand(flag, name.text, interpreter.locale) for flag in flags)
    if len(parts) > 1 and not is_flag and not by_form(interpreter, name.text, left):
        if not is_placeholder(name.text):
            full = Entry("", name.text, line.number, name.at + 1)
            interpreter.place(full, "rows", (Guess("account.full_name", 0.75, "it stands behind the name"),), item)
        parts = parts[1:]
    told_in_words(interpreter, _joined(parts), line.number, parts[0].at, "account", item, left)


def _which(interpreter: Interpreter, parts: Sequence[_Part], group: str) -> _Part | None:
    """The part that says which one the row tells of, where the first one may."""
    first = parts[0]
    may = {
        "disk": _INDEX.fullmatch(first.text),
        "partition": _INDEX.fullmatch(first.text),
        "module": _SLOT.fullmatch(first.text),
        "account": " " not in first.text,
        "volume": _MOUNT.fullmatch(first.text),
        "adapter": len(parts) > 2 and _CONNECTION.fullmatch(first.text) and not by_form(interpreter, parts[1].text, list(FIELDS[group])),
    }.get(group)  # fmt: skip
    return first if may else None


def _joined(parts: Sequence[_Part]) -> str:
    """The parts as a list with commas, each in its column behind the first."""
    text = ""
    for part in parts:
        text = f"{text},".ljust(part.at - parts[0].at) + part.text if text else part.text
    return text[:MAX_TOLD]


def with_gaps(lines: list[Line], marks: Sequence[str]) -> list[Line]:
    """Rows with wide gaps for the bars or other marks that part the cells of most of them
    (``17/03/2025 07:33 | Error | netlogin (5719)``); columns stay."""
    for mark in marks:
        parted = sum(line.text.count(mark) > 1 for line in lines)
        parted = len(lines) if parted and all(mark in line.text for line in lines) else parted
        wide = mark != MARKS[0] and any("  " in line.text.strip() for line in lines)
        if lines and parted * 3 >= len(lines) * 2 and not wide:
            return [replace(line, text=line.text.replace(mark, " " * max(len(mark), 2))) for line in lines]
    return lines
