"""Values that carry more than their label says: ``cores / threads: 6 / 12``, ``mode: UEFI, secure boot: off``, and
things told in a row of bare words (``Disk 0: Basalt NV1000, 931.51 GB, NVMe, healthy``)."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import Value
from yes_tally.core.reading.decide import decide
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.values import understand
from yes_tally.core.words import choice_of, flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_SLASHED = re.compile(r"\s*/\s*")
_NEXT_PAIR = re.compile(r"[,;]\s+(?P<label>[^\W\d_][^:,;=]{1,40}?)\s*:\s+(?=\S)")
_PARTS = re.compile(r"[^\s,;](?:[^,;]|[,;](?!\s))*")
# Texts that their form alone tells.
_FORMS = {"volume.filesystem": re.compile(r"[A-Z][A-Z0-9]{2,7}|[a-z]{2,6}\d?fs\d?|x?fat\d*|ext\d")}
_BUSES = frozenset("sata nvme usb sas scsi pcie ata ide mmc sd thunderbolt fibre iscsi virtio".split())
# What bare words may tell, by the unit or the words that only such a value has.
_COUNTED = re.compile(r"(?P<number>\d{1,5}) (?P<label>[^\W\d_]+(?: [^\W\d_]+)?)")
_WORD = re.compile(r"\S+")
_LABEL_ALONE = re.compile(r"[^\W\d_A-Z][^\W\d_]+")
_MEASURES = frozenset({"size", "clock", "rate"})
_LEAST_PARTS = 2


def pairs_in(entry: Entry) -> list[Entry]:
    """The pairs that one pair holds; itself alone when it holds no other."""
    labels, values = _SLASHED.split(entry.label), _SLASHED.split(entry.printed)
    if 1 < len(labels) == len(values) <= 3 and all(map(is_known, labels)):
        return list(_at_slashes(entry, labels, values))
    found, label, start = [], entry.label, 0
    for match in _NEXT_PAIR.finditer(entry.printed[:400]):
        if is_known(match["label"]) and "(" not in entry.printed[: match.start()]:
            found.append(_part(entry, label, start, match.start()))
            label, start = match["label"], match.end()
    return [*found, _part(entry, label, start, len(entry.printed))] if found else [entry]


def _at_slashes(entry: Entry, labels: Sequence[str], values: Sequence[str]) -> Iterator[Entry]:
    at = 0
    for label, value in zip(labels, values, strict=True):
        at = entry.printed.index(value, at)
        yield Entry(label, value, entry.line, entry.column + at)
        at += len(value)


def _part(entry: Entry, label: str, start: int, end: int) -> Entry:
    return Entry(label, entry.printed[start:end].rstrip(), entry.line, entry.column + start)


def told_bare(
    interpreter: Interpreter, entry: Entry, group: str, item: Item, shape: str, naming: str, line: str = ""
) -> bool:
    """Read a row of bare words about one item: the first is its name (the fact ``naming``), each other one is the
    field whose form only it has, or says its label itself (``serial 4711``, ``made by Corrane``). False, and nothing
    read, when fewer than half of them tell and none has a label. ``line``: the text the words stand in, where it is not the entry's own."""
    parts = [m for m in _PARTS.finditer(entry.printed[:400]) if m.group().strip()]
    if len(parts) < _LEAST_PARTS:
        return False
    left = [fact for fact in FIELDS[group] if fact.name != naming]
    told: list[tuple[FactKind, Entry, Value]] = []
    sure, before = False, ""
    for match in parts[1:]:
        text = match.group().strip()
        column = entry.column + match.start() + len(match.group()) - len(match.group().lstrip())
        labelled = _by_label(interpreter, text, group, left)
        # A word that tells nothing is a label that is not known; what follows it is its own.
        found = labelled or (None if _LABEL_ALONE.fullmatch(before) else _by_form(interpreter, text, left))
        before = "" if found else text
        if found:
            sure = sure or bool(labelled)
            fact, value, at = found
            left.remove(fact)
            column = line.find(text) + 1 or column
            told.append((fact, Entry("", text[at:], entry.line, column + at), value))
    if not told or (len(told) * 2 < len(parts) - 1 and not sure):
        return False
    name = parts[0].group().strip()
    named = understand(FACTS[naming], name.strip("()"), interpreter.locale) if naming else None
    if named and not is_placeholder(name):
        start = Entry(entry.label, name, entry.line, entry.column + entry.printed.index(name))
        interpreter.add(naming, item, start, named, shape, 0.85, f"it begins what is told of a {group}")
    for fact, place, value in told:
        interpreter.add(fact.name, item, place, value, shape, 0.82, f"its form says what it is of a {group}")
        interpreter.asides(fact.name, item, place, shape, 0.82)
    return True


def _by_label(
    interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """``serial 4711``, ``livres 41,7 GB``, ``8 cores``: the first words are a label of the group, or the last."""
    counted = _COUNTED.fullmatch(text)
    for guess in decide(counted["label"], interpreter.context(group, (group,)))[:1] if counted else ():
        fact = FACTS[guess.fact]
        value = understand(fact, counted["number"], interpreter.locale) if counted and fact in left else None
        if value and fact.kind == "count" and guess.confidence > 0.9:
            return fact, value, 0
    starts = [word.start() for word in _WORD.finditer(text)]
    for at in reversed(starts[1:4]):
        label, rest = text[:at].rstrip(": ="), text[at:]
        for guess in decide(label, interpreter.context(group, (group,)))[:1]:
            fact = FACTS[guess.fact]
            value = understand(fact, rest, interpreter.locale) if fact in left and guess.confidence > 0.9 else None
            if value:
                return fact, value, at
    return None


def _by_form(interpreter: Interpreter, text: str, left: Sequence[FactKind]) -> tuple[FactKind, Value, int] | None:
    word = text.casefold()
    for fact in left:
        if fact.name in _FORMS and _FORMS[fact.name].fullmatch(text):
            return _told(interpreter, fact, text)
        if fact.field == "bus" and word in _BUSES:
            return _told(interpreter, fact, text)
    for fact in left:
        if (fact.kind == "choice" and choice_of(fact.field, fact.choices, text) and len(text.split()) <= 2) or (
            fact.kind in _MEASURES and text[-1:].isalpha() and text[:1].isdigit()
        ):
            told = _told(interpreter, fact, text)
            if told:
                return told
    flags = [fact for fact in left if fact.kind == "flag"]
    if len(flags) == 1 and flag_of(text) is not None:
        return _told(interpreter, flags[0], text)
    return None


def _told(interpreter: Interpreter, fact: FactKind, text: str) -> tuple[FactKind, Value, int] | None:
    value = understand(fact, text, interpreter.locale)
    return (fact, value, 0) if value else None
