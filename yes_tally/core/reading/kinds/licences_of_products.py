"""Licences of several products in one list: those of programs are not the system's."""

from __future__ import annotations

import re
from bisect import bisect_right
from collections import Counter
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.phrases.elsewhere import names_program
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Entry, as_comma, commas_for_gaps, indent_of
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# What a system is called, or that it is one.
_SYSTEM = re.compile(
    r"\b[A-Z]\w* (?:OS|Linux)\b|\b(?i:operating system|betriebssystem|syst[èe]me d'exploitation|sistema oper\w+|besturingssysteem|system operacyjny)\b"
)


def leave_out_programs(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """Leave out what a section tells of the licences of programs, where it tells of the system's as well, each below the
    name of its product."""
    told = [draft for draft in interpreter.drafts[interpreter.section_from :] if draft.fact.startswith("licence.")]
    if max(Counter(draft.fact for draft in told).values(), default=0) < _SEVERAL:
        return
    product = {draft.entry.line: _product_of(draft.entry.line, lines) for draft in told}
    systems = {line: _SYSTEM.search(name) is not None for line, name in product.items()}
    if any(systems.values()):
        left_out = [draft for draft in told if not systems[draft.entry.line]]
        interpreter.drafts[:] = [draft for draft in interpreter.drafts if not any(draft is one for one in left_out)]


# ``Quillpad Office 7: subscription licence, expires 2025-06-30``
_PRODUCT_AND_TOLD = re.compile(
    r"\s*(?:[-*•] |\[\d{1,3}\]\s+|\d{1,3}[.)]\s+)?(?P<name>[A-Z][\w&'-]*(?: (?:[A-Z]|\d)[\w&.'-]*){1,5})(?: ?[:–—|]\s+| - |\s{2,})(?P<told>\S.*)"
)


def lines_of_products(interpreter: Interpreter, lines: Sequence[Line], command: tuple[str, ...]) -> set[int]:
    """Read the lines that each tell a product and its licence: of the system all that is told, of programs nothing. Where
    no ``command`` asks for licences, its kind at least. Returns the lines of either."""
    read: set[int] = set()
    for line in lines:
        match = _PRODUCT_AND_TOLD.fullmatch(line.text[:MAX_LINE])
        system = match is not None and _SYSTEM.search(match["name"]) is not None
        if match is None or not (system or (_VERSION.search(match["name"]) and not is_known(match["name"]))):
            continue
        before = len(interpreter.drafts)
        _tell_of_licence(interpreter, line, match["told"], match.start("told"))
        facts = {draft.fact for draft in interpreter.drafts[before:]}
        if not facts or (command[:1] != ("licence",) and "licence.channel" not in facts):
            del interpreter.drafts[before:]
            continue
        if system:
            name = Entry("", match["name"], line.number, match.start("name") + 1)
            interpreter.add(
                "os.name", None, name, exactly("text", match["name"]), "words", 0.82, "a licence is told of it"
            )
        else:
            del interpreter.drafts[before:]
        read.add(line.number)
    return read


_VERSION = re.compile(r" \d[\d.]*$| \d[\d.]* ")


def _tell_of_licence(interpreter: Interpreter, line: Line, told: str, at: int) -> None:
    """Keep what a text from the column ``at`` (from 0) on tells of a licence."""
    told = _BY_CHANNEL.sub(as_comma, told)
    clauses = commas_for_gaps(told.replace(" (", ", ").translate(_BETWEEN))
    told_in_words(interpreter, clauses, line.number, at, "licence", None, list(FIELDS["licence"]))


# ``Harbour OS 12 Desk Pro: licensed for good, retail``, ``activated (volume, key 7Q2KM)``
_TOLD_AT_ONCE = re.compile(r"\s*(?:(?P<name>[A-Z]\w* (?:OS|Linux)\b[^,:;()]*)(?P<mark>[,:] ))?(?P<told>[^\s.].*[,(].*)")
_BETWEEN = str.maketrans(":;)", ",,,")


def licence_at_once(interpreter: Interpreter, lines: Sequence[Line], command: tuple[str, ...]) -> bool:
    """Read the one line that a command about the licence prints: the system's name, maybe, and what is told of its licence.
    Whether it was read, which takes two facts of it."""
    line = lines[0]
    match = _TOLD_AT_ONCE.fullmatch(line.text[:MAX_LINE]) if command[:1] == ("licence",) and len(lines) == 1 else None
    if match is None or line.text.rstrip().endswith("."):
        return False
    before, told = len(interpreter.drafts), match["told"]
    if match["name"]:
        name = Entry("", match["name"].rstrip(), line.number, match.start("name") + 1)
        interpreter.add("os.name", None, name, exactly("text", name.printed), "words", 0.82, "a licence is told of it")
    elif _LABELLED.match(told):
        return False
    _tell_of_licence(interpreter, line, told, match.start("told"))
    if len(interpreter.drafts) - before < _SEVERAL:
        del interpreter.drafts[before:]
    return len(interpreter.drafts) > before


# ``activated by volume licence``: two things
_BY_CHANNEL = re.compile(
    r" (?:by|via|through|with|on|durch|über|mit|par|avec|por|mediante|con|com|tramite|da|met|door|przez|z) (?=(?:an? |une? |una |uma |een |eine[rnm]? )?(?:volum|retail|oem|subscri|abon|abbon|suscri|assin|licencia por vol|licence en vol|licen[çc]a (?:de|por) vol|licenza (?:a|per) vol|licencj\w+ zbior))",
    re.I,
)
_LABELLED = re.compile(r"[^\W\d_][^,:()]{0,30}: ")
_SEVERAL = 2
_PAIR = re.compile(r"\s*(?:\[\d{1,3}\]\s*)?(?P<label>[^\W\d_][^:=]{1,40}?)[ .]*(?:=\s*|:\s+|\s{2,})(?P<value>\S.*)$")
_COUNT = re.compile(r"\d+")
_MOST_LINES = 2000


def lines_of_programs(interpreter: Interpreter, lines: Sequence[Line], command: tuple[str, ...]) -> set[int]:
    """The lines of records that tell of programs' licences, where a list of such records, each begun by the same label,
    tells of the system's as well. ``command``: what the command above speaks of."""
    if len(lines) > _MOST_LINES or not any(_SYSTEM.search(line.text[:MAX_LINE]) for line in lines):
        return set()
    pairs = [(place, match) for place, line in enumerate(lines) if (match := _PAIR.match(line.text[:MAX_LINE]))]
    for begins, systems, label in _heads(pairs):
        if not any(systems) or all(systems):
            continue
        records = [range(place, end) for place, end in zip(begins, (*begins[1:], len(lines)), strict=True)]
        told: list[set[str]] = [set() for _ in records]
        for at, match in pairs:
            if at >= begins[0]:
                told[bisect_right(begins, at) - 1].add(_told_of_licence(interpreter, match["label"]))
        if all(_OF_LICENCES & facts and ("licence" in command or "licence.key_tail" in facts) for facts in told):
            apart = {lines[at].number for r, system in zip(records, systems, strict=True) if not system for at in r}
            if "#" in label:
                of_systems = {at for at, system in zip(begins, systems, strict=True) if system}
                apart |= {_named(interpreter, lines[at], match) for at, match in pairs if at in of_systems}
            return apart
    return set()


def _heads(pairs: Sequence[tuple[int, re.Match[str]]]) -> Iterator[tuple[list[int], list[bool], str]]:
    """The pairs that may head the records of a list, by the label that they share (``Product 1 of 3: …``) or by what they
    are (``Operating system: …``, ``Office suite: …``): the place of each, whether it is a system's, and the label."""
    labels = {place: _COUNT.sub("#", match["label"]) for place, match in pairs}
    named = Counter(labels.values())
    for label in [label for label, count in named.items() if count >= _SEVERAL]:
        heads = [(place, match["value"]) for place, match in pairs if labels[place] == label]
        yield [place for place, _ in heads], [_SYSTEM.search(value) is not None for _, value in heads], label
    kinds = [(place, match["label"]) for place, match in pairs]
    heads = [(place, label) for place, label in kinds if _SYSTEM.search(label) or names_program(label)]
    if len(heads) >= _SEVERAL:
        yield [place for place, _ in heads], [_SYSTEM.search(label) is not None for _, label in heads], ""


def _named(interpreter: Interpreter, line: Line, match: re.Match[str]) -> int:
    """The system's name at the head of its record: a count of products stands before it, which tells of none."""
    entry = Entry(match["label"], match["value"], line.number, match.start("value") + 1)
    interpreter.add("os.name", None, entry, exactly("text", match["value"]), "pairs", 0.85, "a licence is told of it")
    return line.number


def _told_of_licence(interpreter: Interpreter, label: str) -> str:
    guesses = interpreter.means(label, interpreter.context("licence", ("licence",)))
    return guesses[0].fact if guesses else ""


_OF_LICENCES = frozenset(
    {"licence.key_tail", "licence.state", "licence.expires_at", "licence.grace", "licence.channel"}
)


def _product_of(number: int, lines: Sequence[Line]) -> str:
    """The line that heads what a line is part of: the nearest one above that stands less deep, or the first of those
    without an empty line between."""
    above = [line for line in lines if line.number <= number]
    own = above[-1]
    for line in reversed(above[:-1]):
        if not line.text.strip():
            break
        if indent_of(line.text) < indent_of(own.text):
            return line.text[:MAX_LABEL]
        own = line if indent_of(line.text) == indent_of(own.text) else own
    return own.text[:MAX_LABEL]
