"""Things of one kind, each on a line of its own: what it is called, and what words tell of it.

::

    Dock printer - driver Gullwing 4; port 10.20.1.90:9100; default
    [jreiter] enabled, administrator, password set 2024-11-02
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import takewhile
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import by_label, tells_field
from yes_tally.core.reading.clauses.field_forms import DESTINATION, END_OF_CONNECTION, FORMS, IP_ADDRESS
from yes_tally.core.reading.clauses.told_in_parts import parted_words, told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.updates_installed import states_otherwise
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.spoken_of import MAY_BE_CARD
from yes_tally.core.reading.phrases import SUBJECTS, subject_called
from yes_tally.core.reading.records.heads_over_words import (
    BY_MODEL,
    CALLED_BY,
    FORMS_OF_NAMES,
    LEADER,
    LIKE_LABELS,
    numbered_head,
)
from yes_tally.core.reading.records.names_first_told import name_first_told
from yes_tally.core.reading.records.names_in_headings import profile_in
from yes_tally.core.reading.shapes.layout import (
    LIST_MARK,
    MAX_LABEL,
    MAX_LINE,
    Entry,
    cells_by_comma,
    cells_by_gap,
    indent_of,
    lone_mark_as_comma,
    under_heads,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.addresses import addresses
from yes_tally.core.reading.values.text_forms import COPULA, NAME_AND_VERSION
from yes_tally.core.words import flag_of

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

SURELY_NAMED = frozenset({"route", "neighbour", "connection", "reach", "process"})
"""Kinds of things that are called by what nothing else is; what tells nothing beside that may be anything."""
_MOST_LINES, _LEAST_OF_ONE, _RIGHT_UNDER = 400, 2, 2
_LISTED = re.compile(rf"\s*{LIST_MARK}")
# What a thing is called, in quotation marks or brackets, or up to what parts it from the words.
_CALLED = re.compile(
    r"(?:[\"“„«] ?(?P<quoted>[^\"“”„«»]+?) ?[\"”“»]|\[(?P<in_brackets>[^\[\]]+)\]|(?P<drive>[A-Z]:\\?)(?=[\s,;(])|"
    rf"(?P<bare>[^\s(\[\"“„«](?:(?! (?:--?|[–—|·/(=→]|[-=]>) |  |[:,;](?:\s|$)| \(| (?:{COPULA}) ).)*))"
    rf"(?P<mark> ?[:,;]? *(?:[-=]> |--?|[–—|·/=→] )? *(?:(?:{COPULA}) )?)"
)
_CHOSEN = re.compile(r"(?!.*\.{2})[^\W_](?:[^:=|,;\"“]|,(?! ))*")
_NAMED_BY = {
    **{group: fact for group, fact in CALLED_BY.items() if group in FORMS_OF_NAMES or group == "page_file"},
    "volume": "volume.mount", "partition": "partition.number", "boot_entry": "boot_entry.name", "route": "route.destination",
    "neighbour": "neighbour.address", "connection": "connection.local", "process": "process.name", "reach": "reach.target",
    "policy": "policy.subcategory",
}  # fmt: skip
# What else than over words things are called here, and where no bracket ends a name.
_FORMS = {
    **FORMS_OF_NAMES,
    **dict.fromkeys(("printer", "software", "task", "driver", "sound", "boot_entry"), _CHOSEN),
    "page_file": re.compile(r"(?:[A-Z]:\\|/)\S+"),
    "volume": re.compile(r"[A-Z]:?\\?|/[\w./-]*"),
    "partition": re.compile(r"#?\d{1,2}"),
    "route": re.compile(DESTINATION, re.I),
    "neighbour": re.compile(IP_ADDRESS, re.I),
    "connection": re.compile(rf"(?:{FORMS['connection.protocol'].pattern} )?{END_OF_CONNECTION}", re.I),
    "process": re.compile(r"\d{1,7}|[^\W\d][\w.+-]*"),
    "reach": re.compile(rf"{IP_ADDRESS}|[a-z][\w-]*(?:\.[\w-]+)*", re.I),
    "policy": _CHOSEN,
}
# Where nothing parts a name of such a form from the words behind it: ``10.20.3.41:50211 to 10.20.1.90:445``.
_OF_ITS_FORM = {
    group: re.compile(rf"(?P<bare>{_FORMS[group].pattern}) ++(?![-–—|·/(=→]|is\b|ist\b|est\b|es\b)", re.I)
    for group in ("route", "neighbour", "connection")
}
_NUMBERED = re.compile(r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) ?#?(?P<number>\d{1,2})")
# ``884: spoolhost, user system``, and not ``1: quayd, pid 4120``
_PID_FIRST = re.compile(r"\s*(?:\d{1,3}:|\[\d{1,3}\]) (?!\d|.*\bpid\b)", re.I)
# ``Task 'Night copy'``
_QUOTED_BEHIND = re.compile(r"\s['’‘\"].*['’\"]$")
# ``shared``, ``not the newest``: nothing that the catalogue has a fact of.
_STATUS = re.compile(r"(?=[^\W\d_])[^\W\dA-Z_][^\dA-Z]{1,24}")
# A name alone among what is told of these is who has it, or who made it.
_SAYS_WHO = frozenset({"account", "software"})
# ``3 programs``, ``3 accounts, 1 disabled``
_COUNT = re.compile(r"\d{1,4} [^\W\d_]{3,}(?: [^\W\d_]+)?(?:, \d{1,4} [^\W\d_]+(?: [^\W\d_]+)?)*\.?")
_ASIDE_FIRST = re.compile(r"\((?P<told>[^()]+)\)(?=,|$)")
# These are numbers and letters themselves.
_NUMBERS = frozenset({"partition", "volume", "route", "neighbour", "connection", "process", "reach"})
# Behind these stands what people call it.
_NUMBER_FIRST = frozenset({"update.id", "process.pid"})
# These have no other reader that knows them over deeper lines.
_OVER_WORDS = SURELY_NAMED | {"policy"}
# What these are called may be a label too (``guest``, ``public``).
_LIKE_LABELS = LIKE_LABELS | {"partition", "policy", "route", "connection"}


class _Words(NamedTuple):
    """Words that tell of a thing, on which line, and from which column on, from 0."""

    text: str
    line: int
    start: int


class _Row(NamedTuple):
    """What a thing is called, where, and the words that tell of it: behind its name, or on deeper lines."""

    line: Line
    name: str
    name_at: int
    told: Sequence[_Words]


def names_before_words(
    interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str], *, loosely: bool = False
) -> bool:
    """Read a block as things of the kind that is ``spoken`` of first, a line each, where every line begins with what one is
    called and nearly all that follows tells of it, on that line or, of some kinds, on deeper ones; ``loosely``: where
    something does. Whether it was read."""
    if not lines or len(lines) > _MOST_LINES:
        return False
    group = spoken[0] if spoken else ""
    title = lines[0]
    if len(lines) > 1 and indent_of(title.text) < indent_of(lines[1].text) and (named := _titled(title.text)):
        lines, group = lines[1:], named
    if len(lines) > 1 and _COUNT.fullmatch(lines[-1].text.strip()):
        lines = lines[:-1]
    if group not in _NAMED_BY:
        return False
    if interpreter.numbered and 0 < lines[0].number - interpreter.numbered_line <= _RIGHT_UNDER:
        return False  # told of the one that the heading numbers
    over = len({indent_of(line.text) for line in lines}) > 1
    records = under_heads(lines) if not over or group in _OVER_WORDS else []
    rows = list(takewhile(lambda row: row is not None, (_row(line, deeper, group) for line, deeper in records)))
    if group in SURELY_NAMED and not loosely and not any(row and _labelled(interpreter, row, group) for row in rows):
        return False  # columns
    if not rows or len({row.name for row in rows if row}) < len(records):
        return False
    before = interpreter.so_far()
    least = 1 if len(rows) > 1 else _LEAST_OF_ONE
    items = [item for row in rows if row and (item := _read(interpreter, row, group, least, loosely=loosely))]
    if len(items) < len(rows):
        interpreter.back_to(before)
        return False
    for item in items:
        interpreter.take(item)
    if title is not lines[0]:
        interpreter.frame.add(title.number)
    return True


_ASIDE_BEHIND = re.compile(r" \([^()]*\)$")


def _titled(text: str) -> str:
    """The kind of things that the line above others names, and nothing else (``Routes (IPv4)``)."""
    bare = _ASIDE_BEHIND.sub("", text[:MAX_LABEL].strip(" :=-#*>"))
    group = SUBJECTS.get(words_of(bare), "")
    return group if group in SURELY_NAMED else ""


def _labelled(interpreter: Interpreter, row: _Row, group: str) -> bool:
    """Whether words about a thing are parted by more than gaps, or some have a label."""
    return any(
        by_label(interpreter, cell, group, FIELDS[group]) or _MARKED.search(words.text)
        for words in row.told
        for cell, _ in cells_by_gap(words.text)
    )


_MARKED = re.compile(r"\S[,;] | (?:--?|[|·/–—]) ")


def _of_kind(name: str) -> bool:
    """``card 1``: which of a kind, and no name."""
    numbered = _NUMBERED.fullmatch(name)
    return numbered is not None and bool(
        MAY_BE_CARD.fullmatch(numbered["noun"]) or subject_called(numbered["noun"], numbered["number"])
    )


def _row(line: Line, deeper: Sequence[Line], group: str) -> _Row | None:
    text = LEADER.sub(lambda dots: " " * len(dots.group()), line.text[:MAX_LINE].rstrip())
    listed = None if group == "process" and _PID_FIRST.match(text) else _LISTED.match(text)
    head = numbered_head(line, (group,)) if group not in _NUMBERS else None
    counted = head is not None and group in head.groups and head.told_at < len(text)
    called = _CALLED.match(text, head.told_at if head and counted else listed.end() if listed else 0)
    if group in _OF_ITS_FORM and (own := _OF_ITS_FORM[group].match(text, listed.end() if listed else 0)):
        called = own if _MARKED.search(text, own.end()) or "  " in text[own.end("bare") :] else None
    if line.tabbed is not None or called is None or (called.end() == len(text) and not deeper):
        return None
    which = next(name for name in called.groupdict() if name != "mark" and called[name])
    name, start = called[which].rstrip(), called.end()
    if group == "firewall":
        name = profile_in(name) or name
    noun, _, model = name.partition(" ")
    if group in BY_MODEL and SUBJECTS.get(words_of(noun)) == group:
        name = model  # ``Battery CB-4420``
    if not _FORMS[group].fullmatch(name) or (not counted and _of_kind(name)) or _QUOTED_BEHIND.search(name):
        return None
    if group in BY_MODEL and group != "sound" and (counted or any(map(str.isdigit, text[: called.start()]))):
        return None  # others know what the numbers of these are
    words = text[start:]
    if (aside := _ASIDE_FIRST.match(words)) and (group == "software" or aside.end() == len(words)):
        # ``Bollard Agent (2.0.77), installed …``, or all of the words
        words = f" {aside['told']} {words[aside.end() :]}"
    told = [_Words(words, line.number, start)] if words.strip() else []
    if group == "connection" and " " in name:
        protocol, _, name = name.partition(" ")
        told.insert(0, _Words(protocol, line.number, text.index(protocol)))
    told += [_Words(below.text[:MAX_LINE].rstrip(), below.number, 0) for below in deeper]
    return _Row(line, name, text.index(name, called.start(which)), told)


def _is_label(interpreter: Interpreter, text: str, group: str) -> bool:
    return any(fact.startswith(f"{group}.") for fact in _meant(interpreter, text, group))


def _meant(interpreter: Interpreter, text: str, group: str) -> list[str]:
    return [guess.fact for guess in decide(text, interpreter.context(group, (group,)))[:1]]


def _labels_before(name: str, group: str) -> Iterator[str]:
    """What of a name may be a label before another: its first word, or its first two; but for the noun of its kind alone
    (``Imprimante du quai``)."""
    *words, _ = name.split()
    for count in range(1, min(len(words), _WORDS_OF_LABEL) + 1):
        label = " ".join(words[:count])
        if SUBJECTS.get(words_of(label)) != group:
            yield label


_WORDS_OF_LABEL = 2


def _names(interpreter: Interpreter, name: str, group: str, left: Sequence[FactKind]) -> bool:
    """Whether a text may be what a thing is called: no label, nothing that tells of it, and not two things in one."""
    if SUBJECTS.get(words_of(name)) == group or (group == "software" and NAME_AND_VERSION.fullmatch(name)):
        return False
    if not name.isdigit() and flag_of(name) is not None:
        return False  # ``enabled, administrator, …`` under a name
    if any(_NAMED_BY[group] in _meant(interpreter, label, group) for label in _labels_before(name, group)):
        return False  # ``Name Quaymaster, version 4.2.1``
    return group in _LIKE_LABELS or not (
        _is_label(interpreter, name, group) or tells_field(interpreter, name, group, left)
    )


def _naming(name: str, group: str) -> str:
    """The fact that says what a thing is called."""
    return "process.pid" if group == "process" and name.isdigit() else _NAMED_BY[group]


def _read(interpreter: Interpreter, row: _Row, group: str, least: int, *, loosely: bool) -> Item | None:
    """Read one thing; ``None`` where some of the words tell nothing of it, or fewer than ``least`` parts do."""
    naming, item = _naming(row.name, group), Item(group)
    left = [fact for fact in FIELDS[group] if fact.name != naming]
    if not _names(interpreter, row.name, group, left):
        return None
    told = [of._replace(text=parted_words(interpreter, lone_mark_as_comma(of.text), group)) for of in row.told]
    clauses = [clause for words in told for clause in cells_by_comma(words.text)]
    if any(not _is_label(interpreter, cells_by_gap(clause)[0][0], group) for clause, _ in clauses if "  " in clause):
        return None  # ``C:   SYSTEM    fixed``: two cells
    place = Entry("", row.name, row.line.number, row.name_at + 1)
    interpreter.place(place, "words", (Guess(naming, 0.85, f"a {group} is told of behind it"),), item)
    if group == "reach" and addresses(row.name):
        interpreter.place(place, "words", (Guess("reach.address", 0.85, "it is an address that was asked"),), item)
    if group == "update" and any(states_otherwise(clause) for clause, _ in clauses):
        return None
    untold = len(left)
    if naming in _NUMBER_FIRST:
        words = name_first_told(interpreter, *told[0], item, left, alone=len(told) > 1)
        told[0] = told[0]._replace(text=words)
        clauses = [clause for words in told for clause in cells_by_comma(words.text)]
    telling = [clause for clause, _ in clauses if tells_field(interpreter, clause, group, left)]
    others = [clause for clause, _ in clauses if clause not in telling and not _STATUS.fullmatch(clause)]
    if loosely:
        others = []
    if len(others) > (group in _SAYS_WHO):
        return None  # part of what it is called
    telling += others
    for of in told:
        told_in_words(interpreter, *of, group, item, left)
    return item if untold - len(left) >= max(len(telling), least) else None
