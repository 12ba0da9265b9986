"""Labels that no phrase has, in a record or a table whose item is known: what is left to say of it, and fits.

A guess by parts of the words or by the form of the values. Most are too unsure to settle anything (below one half):
they stand on the Bench as doubts, with their reason, for a person to take or to teach.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import DERIVED, FACTS, FIELDS, FactKind
from yes_tally.core.reading.decide import NAMING
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.labels import split_unit, words_of
from yes_tally.core.reading.phrases import LABELS, ways_in_english
from yes_tally.core.reading.phrases.synonyms import plainly
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.values import understand
from yes_tally.core.words import choice_named, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_SURE, _UNSURE = 0.6, 0.45
_MOST_LETTERS = 80
# Kinds whose values are of no other kind, by what they must hold.
_FORMS: dict[str, re.Pattern[str]] = {
    "mac": re.compile(r".+"),
    "rate": re.compile(r".*\d ?[kKMGT]?(?:bit|bps|b/s)", re.I),
    "clock": re.compile(r".*\d ?[kMG]Hz\b", re.I),
    "moment": re.compile(r".*\d{4}"),
    "ip": re.compile(r"\d+(?:\.\d+){3}$"),
    "size": re.compile(r"[\d., ]+ ?[KMGT]i?B\b.*", re.I),
    "uuid": re.compile(r".+"),
}
_TELLING = frozenset({"mac", "rate", "clock", "choice"})


@dataclass(slots=True)
class Leftover:
    """A labelled value of an item, whose label meant nothing; ``first``: it stands first in its row."""

    entry: Entry
    shape: str
    item: Item
    first: bool


def read_leftovers(interpreter: Interpreter) -> None:
    """Guess what the section's leftovers say, label by label: one meaning for all that stand under one label."""
    alike: dict[tuple[str, str], list[Leftover]] = {}
    for left in interpreter.leftovers:
        if len(left.entry.printed) <= _MOST_LETTERS and not is_placeholder(left.entry.printed):
            alike.setdefault((left.item.group, left.entry.label), []).append(left)
    interpreter.leftovers = []
    if not alike:
        return
    told: dict[str, set[int]] = {}
    for draft in interpreter.drafts[interpreter.section_from :]:
        if draft.item:
            told.setdefault(draft.fact, set()).add(id(draft.item))
    for (group, label), lefts in alike.items():
        items = {id(left.item) for left in lefts}
        open_facts = [f for f in FIELDS[group] if f.name not in DERIVED and not items & told.get(f.name, set())]
        found = next(_guessed(interpreter, group, label, lefts, open_facts), None)
        if found is None:
            continue
        fact, confidence, why = found
        unit = split_unit(label)[1]
        told.setdefault(fact.name, set()).update(items)
        for left in lefts:
            value = understand(fact, left.entry.printed, interpreter.locale, unit)
            if value:
                interpreter.add(fact.name, left.item, left.entry, value, left.shape, confidence, why)


def _guessed(
    interpreter: Interpreter, group: str, label: str, lefts: Sequence[Leftover], facts: Sequence[FactKind]
) -> Iterator[tuple[FactKind, float, str]]:
    """The facts that a label may mean, likeliest first, of those that all of its values can be."""
    unit = split_unit(label)[1]

    def can_be(fact: FactKind) -> bool:
        return all(understand(fact, left.entry.printed, interpreter.locale, unit) for left in lefts)

    by_words = [fact for fact in facts if fact.name in _by_words(group, label)]
    fitting = [fact for fact in by_words if can_be(fact)]
    if len(fitting) == 1 and len(by_words) <= _FEW:
        telling = fitting[0].kind in _TELLING and _has_form(fitting[0], lefts)
        yield fitting[0], _SURE if telling else _UNSURE, f"“{label}” has words of its phrases"
    formed = [fact for fact in facts if _has_form(fact, lefts) and can_be(fact)]
    if len(formed) == 1:
        sure = _SURE if formed[0].kind in _TELLING else _UNSURE
        yield formed[0], sure, f"nothing else that is said of a {group} has this form"
    naming = next((fact for fact in facts if fact.name == NAMING.get(group)), None)
    listed = len(lefts) > 1 and all(left.first for left in lefts)
    if naming and naming.kind == "text" and not formed and listed and can_be(naming):
        yield naming, _UNSURE, f"it stands first of what is said of the {group}"


_FEW = 2


def _has_form(fact: FactKind, lefts: Sequence[Leftover]) -> bool:
    if fact.kind == "choice":
        return all(choice_named(fact.field, fact.choices, left.entry.printed) for left in lefts)
    form = _FORMS.get(fact.kind)
    return form is not None and all(form.match(left.entry.printed) for left in lefts)


@lru_cache(maxsize=8192)
def _by_words(group: str, label: str) -> frozenset[str]:
    """The facts of a group with a phrase that is a part of the label, or that the label is a part of; of the longest."""
    best: dict[str, int] = {}
    spoken = {word for phrase, _ in _phrases_of(group) for word in phrase}
    for way in (words_of(label), *ways_in_english(label)):
        for words in {frozenset(way), frozenset(plainly(way))}:
            for phrase, fact in _phrases_of(group):
                part_of_label = phrase < words and not (words - phrase) & spoken
                part_of_phrase = words < phrase and FACTS[fact].kind != "text"
                if part_of_label or part_of_phrase:
                    best[fact] = max(best.get(fact, 0), len(phrase & words))
    most = max(best.values(), default=0)
    return frozenset(fact for fact, shared in best.items() if shared == most)


@lru_cache(maxsize=64)
def _phrases_of(group: str) -> tuple[tuple[frozenset[str], str], ...]:
    found = {
        (words, phrase.fact)
        for label, phrases in LABELS.items()
        for phrase in phrases
        if phrase.fact.startswith(f"{group}.")
        for words in {label, frozenset(plainly(words_of(phrase.text)))}
    }
    return tuple(found)
