"""Items told in one line each: numbered, listed under a label or a heading, or with several fields behind one label."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import Value
from yes_tally.core.reading.decide import ITEM_GROUPS, NAMING, Guess, decide
from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, SubjectAt, subjects_in
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap
from yes_tally.core.reading.values import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_PARTS = re.compile(r"(?:^|[,;]\s*)(?P<label>[^\W\d_]+(?: [^\W\d_]+){0,2}?)(?::\s*|\s+)(?P<value>[^,;\s][^,;]{0,60})")
BULLET = re.compile(r"(?:\[\d{1,4}\]|\d{1,4}[.)]|[*•-])\s+(?=\S)")
INDEXED = re.compile(
    r"\W*(?P<noun>[^\W\d_]+(?:[ _-][^\W\d_]+){0,3}?)\s*(?:#|no\.|nr\.|:)?\s*"
    r"(?P<rest>\d{1,4}|[A-Za-z]:\\?|/\S*|\"[^\"]+\"|'[^']+'|[A-Z]+\d+)?\W*$"
)
ITEM_HEADING = {
    "processor": "processor.socket",
    "adapter": "adapter.name",
    "module": "module.slot",
    "disk": "disk.number",
}
# What stands beside an item's number: what it is called.
_CALLED = {
    "processor": "processor.name", "disk": "disk.model", "sound": "sound.name", "graphics": "graphics.name",
    "display": "display.name", "printer": "printer.name", "battery": "battery.name",
}  # fmt: skip
# Things that are listed without a head, and the order in which lists print their fields.
_ROW_FIELDS = {
    "event": ("at", "level", "source", "id", "text"),
    "update": ("installed_at", "id", "title"),
}  # fmt: skip
_MANY_ROWS = 2000


def numbered(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Sound card 0: Chime Analog``: the label names an item and which one, the value what it is called."""
    match = INDEXED.match(entry.label)
    if match is None or not match["rest"] or not match["rest"].isdigit():
        return False
    group = SUBJECTS.get(words_of(match["noun"]))
    fact = _CALLED.get(group or "")
    if group not in ITEM_GROUPS or fact is None:
        return False
    name = entry.printed.split(",")[0].strip()
    value = understand(FACTS[fact], name, interpreter.locale)
    if value is None or is_placeholder(name):
        return False
    item = interpreter.new_item(group or "")
    number = ITEM_HEADING.get(item.group)
    if number and number != fact:
        place = Entry(entry.label, match["rest"], entry.line, max(1, entry.column - len(entry.label)))
        interpreter.place(place, shape, (Guess(number, 0.85, f"the label names {group}"),), item)
    interpreter.add(
        fact,
        item,
        Entry(entry.label, name, entry.line, entry.column),
        value,
        shape,
        0.85,
        f"the label names {group}",
    )
    interpreter.asides(fact, item, entry, shape, 0.85)
    return True


def compound(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Public profile: state off, inbound allow``: the label names an item, the value its fields."""
    at = next((a for a in subjects_in(words_of(entry.label)) if a.group in ITEM_GROUPS), None)
    parts = list(_PARTS.finditer(entry.printed))
    if at is None or len(parts) < 2:
        return False
    context = interpreter.context(at.group, (at.group,))
    told = [
        (part, guesses) for part in parts if (guesses := decide(part["label"], context)) and guesses[0].confidence > 0.9
    ]
    if len(told) < 2:
        return False
    item = interpreter.new_item(at.group)
    name = " ".join(
        word for word in entry.label.split() if words_of(word) and words_of(word)[0] not in _words_at(entry.label, at)
    )
    if name and at.group in NAMING:
        interpreter.place(
            Entry(entry.label, name, entry.line, entry.column),
            shape,
            (Guess(NAMING[at.group], 0.85, "the label names it"),),
            item,
        )
    for part, guesses in told:
        place = Entry(part["label"], part["value"].strip(), entry.line, entry.column + part.start("value"))
        interpreter.place(place, shape, guesses, item)
    return True


def listed_item(interpreter: Interpreter, entry: Entry, start: int, shape: str) -> None:
    """One line of a list under a label that names items: its cells tell by their form what they are."""
    group = next((g for g in interpreter.heading(entry.label) if g in ITEM_GROUPS), None)
    cells = cells_by_gap(" " * start + entry.printed[start:])
    if group is None or not cells:
        return
    item = interpreter.new_item(group)
    left = [f for f in FIELDS[group] if f.kind in ("text", "moment", "version")]
    for text, at in cells:
        for fact in sorted(left, key=lambda f: f.kind == "text"):
            value = understand(fact, text, interpreter.locale)
            if value and (fact.kind != "version" or value.value == text):
                left.remove(fact)
                place = Entry(entry.label, text, entry.line, entry.column + at)
                interpreter.add(fact.name, item, place, value, shape, 0.8, f"it is listed under {group}")
                break


def rows_without_head(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> None:
    """Rows whose columns nothing names, of a thing that a heading or the command names: each cell is the field
    whose form it has, in the catalogue's order."""
    group = next((g for g in around if g in _ROW_FIELDS), None)
    rows = [(line, cells_by_gap(line.text)) for line in lines[:_MANY_ROWS] if len(line.text) <= MAX_LINE]
    if group is None or not rows or any(len(cells) < 3 for _, cells in rows):
        return
    for line, cells in rows:
        left = [FACTS[f"{group}.{name}"] for name in _ROW_FIELDS[group]]
        told: list[tuple[FactKind, Entry, Value]] = []
        for text, at in cells:
            for fact in left:
                value = understand(fact, text, interpreter.locale)
                if value and (fact.kind != "version" or value.value == text):
                    told.append((fact, Entry("", text, line.number, at + 1), value))
                    left = left[left.index(fact) + 1 :] if fact.kind == "text" else [f for f in left if f is not fact]
                    break
        if len(told) >= 3 and any(fact.kind != "text" for fact, _, _ in told):
            item = interpreter.new_item(group)
            for fact, entry, value in told:
                interpreter.add(fact.name, item, entry, value, "rows", 0.7, f"its form and place fit {group}")


def _words_at(label: str, at: SubjectAt) -> tuple[str, ...]:
    return words_of(label)[at.start : at.end]
