"""Teaching the reader a phrase: what a line offers to be taught, what it may mean, and what speaks against it."""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence
from dataclasses import dataclass

from rapidfuzz import fuzz

from yes_tally.core.catalogue import FACTS, SINGLE_GROUPS, FactKind
from yes_tally.core.quantity import Locale, Value
from yes_tally.core.reading.drafts import Met
from yes_tally.core.reading.meaning.labels import split_unit, words_of
from yes_tally.core.reading.phrases import LABELS, STRONG, subjects_in
from yes_tally.core.reading.phrases.taught import TaughtPhrase, heading_key, label_key
from yes_tally.core.reading.reader import ReadReport
from yes_tally.core.reading.values.understand import understand

MAX_WORDS = 12
_KIND_WORDS = {
    "size": "a size", "clock": "a clock rate", "rate": "a transfer rate", "count": "a number", "share": "a share",
    "version": "a version", "moment": "a date or a time", "span": "a span of time", "flag": "yes or no",
    "mac": "a MAC address", "ip": "an IP address", "uuid": "a UUID",
}  # fmt: skip

# How much it tells that a text can be a value of the kind: any text is a text, few are a MAC address.
_TELLING = {
    "size": 40.0, "clock": 40.0, "rate": 40.0, "mac": 40.0, "ip": 40.0, "uuid": 40.0, "moment": 40.0,
    "choice": 30.0, "flag": 25.0, "span": 15.0, "share": 15.0, "count": 10.0,
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class Teachable:
    """A part of a line that a phrase can be made of: the label, the value with its place (columns from 1, the end
    exclusive), the headings above it (the nearest first), and what it is read as now (or ``None``)."""

    label: str
    printed: str
    column: int
    end_column: int
    headings: tuple[str, ...]
    fact: str | None


def teachable(report: ReadReport, met: Iterable[Met], line: int) -> list[Teachable]:
    """What a line of a report offers to be taught, from left to right; empty when it holds no labelled value.

    ``met`` is what ``labelled_values`` gave for the same report.
    """
    found: dict[tuple[str, int], Teachable] = {}
    now = {(r.label, r.column): r.fact for r in reversed(report.readings) if r.line == line}
    for each in met:
        entry = each.entry
        if entry.line == line and words_of(entry.label):
            headings = tuple(dict.fromkeys(h for h in reversed(each.headings) if heading_key(h)))
            found[entry.label, entry.column] = Teachable(
                entry.label,
                entry.printed,
                entry.column,
                entry.column + len(entry.printed),
                headings,
                now.get((entry.label, entry.column)),
            )
    return sorted(found.values(), key=lambda each: each.column)


def refusal(
    phrase: TaughtPhrase, printed: str, locale: Locale, others: Sequence[tuple[TaughtPhrase, str]]
) -> str | None:
    """Why a phrase cannot be taught, in words; ``None`` when nothing speaks against it.

    ``printed`` is the value it was taught from (empty: not known); ``others`` are the phrases in use, each with who
    taught it.
    """
    words = words_of(phrase.label) if phrase.after is None else words_of(f"{phrase.label} {phrase.after}")
    if not words or all(word.isdigit() for word in words):
        return "a phrase needs words to be known by; this one has none"
    if len(words) > MAX_WORDS:
        return f"a phrase of more than {MAX_WORDS} words is a text, not a label"
    if phrase.fact is not None and phrase.fact not in FACTS:
        return f"the catalogue has no fact {phrase.fact}"
    for other, who in others:
        if _same_place(phrase, other) and phrase.fact != other.fact:
            return f"{other.said} by {who}; switch that phrase off first"
    if phrase.fact is None:
        return None
    if printed and value_of(phrase, printed, locale) is None:
        return f"“{printed[:60]}” is not {_should_be(FACTS[phrase.fact])}, and {phrase.fact} is"
    return _against_shipped(phrase)


def value_of(phrase: TaughtPhrase, printed: str, locale: Locale) -> Value | None:
    """The value that a phrase makes of a printed text."""
    fact = FACTS.get(phrase.fact or "")
    return understand(fact, printed, locale, split_unit(phrase.label)[1]) if fact else None


def _same_place(a: TaughtPhrase, b: TaughtPhrase) -> bool:
    if (a.after is None) != (b.after is None) or heading_key(a.heading) != heading_key(b.heading):
        return False
    if a.after is not None:
        return (words_of(a.label), words_of(a.after)) == (words_of(b.label), words_of(b.after or ""))
    return a.key == b.key


def _should_be(fact: FactKind) -> str:
    return f"one of {', '.join(fact.choices)}" if fact.choices else _KIND_WORDS.get(fact.kind, "a value")


def _against_shipped(phrase: TaughtPhrase) -> str | None:
    """A label that ships with several meanings by context, or a sure one, cannot get another one everywhere."""
    if phrase.heading or phrase.after is not None:
        return None
    shipped = LABELS.get(label_key(phrase.label), ())
    if any(known.fact == phrase.fact for known in shipped) and len(shipped) == 1:
        return (
            f"“{phrase.label}” means {phrase.fact} already, where {shipped[0].fact.partition('.')[0]} is spoken of"
            if (shipped[0].reach == STRONG)
            else None
        )
    others = sorted({known.fact for known in shipped if known.fact != phrase.fact})
    if not others:
        return None
    several = f"{', '.join(others[:3])}{' or others' if len(others) > 3 else ''}"
    return f"elsewhere “{phrase.label}” means {several}; teach it for this heading only"


def suggestions(label: str, printed: str, headings: Sequence[str], locale: Locale) -> list[str]:
    """Facts that a value under this label may be, the likeliest first: those whose kind can hold it, by how alike
    their phrases are to the label and by what the headings speak of."""
    spoken = {at.group for heading in headings for at in subjects_in(words_of(heading[:400]))}
    spoken |= {at.group for at in subjects_in(words_of(label))}
    words = " ".join(words_of(label))
    alike: dict[str, float] = {}
    for key, phrases in LABELS.items():
        score = fuzz.token_sort_ratio(words, " ".join(sorted(key)), score_cutoff=75)
        for phrase in phrases if score else ():
            alike[phrase.fact] = max(alike.get(phrase.fact, 0.0), score)
    unit = split_unit(label)[1]

    def weight(fact: FactKind) -> float:
        near = 110.0 if fact.group in spoken else 20.0 if fact.group in SINGLE_GROUPS and not spoken else 0.0
        return alike.get(fact.name, 0.0) + near + _TELLING.get(fact.kind, 0.0)

    fitting = [fact for fact in FACTS.values() if understand(fact, printed, locale, unit)]
    return [fact.name for fact in sorted(fitting, key=lambda fact: -weight(fact))]


_FIGURES = re.compile(
    r"\S*\d\S*(?:\s+\S*\d\S*)*(?:\s+(?:[kKMGT]i?B|[kMG]Hz|[kMG]bit/s|%|percent|days?|hours?|minutes?))?"
)


def likely_value(text: str) -> str:
    """The part of a plain line that looks like its value: its first figures with their unit, else its last word."""
    figures = _FIGURES.search(text[:400])
    found = figures[0] if figures else (text.split() or [""])[-1]
    return found.rstrip(".,;")
