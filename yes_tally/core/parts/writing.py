"""A part as people write it: what each property takes, and what is wrong with what was written."""

from __future__ import annotations

from collections.abc import Mapping

from rapidfuzz import process

from yes_tally.core.catalogue import FACTS
from yes_tally.core.parts.book import COMMON, PART_KINDS, PROPERTIES, WHAT_IT_IS, Part, PartKind
from yes_tally.core.quantity import Locale, Value
from yes_tally.core.reading.values.understand import understand

LONGEST = 200
_WRITTEN = Locale(decimal_comma=False, day_first=True)
_EXAMPLES = {
    "size": "16 GB", "clock": "3.2 GHz", "count": "4", "flag": "yes", "text": "Siskin", "choice": "",
}  # fmt: skip


class NotAPart(ValueError):
    """What was written is no part, in words for who wrote it."""


def part_of(written: Mapping[str, str]) -> Part:
    """A part from its columns as text; empty ones say nothing. Raises ``NotAPart``."""
    told = {name: text.strip() for name, text in written.items() if text and text.strip()}
    kind = _kind(told.pop("kind", ""))
    number = told.pop("number", "")
    if not number:
        raise NotAPart("it has no number: a part is known by its number or its name")
    long = next((name for name, text in [("number", number), *told.items()] if len(text) > LONGEST), None)
    if long:
        raise NotAPart(f"its {long} is longer than {LONGEST} characters")
    strange = next((name for name in told if name not in PROPERTIES[kind] and name not in COMMON), None)
    if strange:
        raise NotAPart(f"a {WHAT_IT_IS[kind]} has no {strange}; it has {', '.join((*PROPERTIES[kind], *COMMON))}")
    says = {name: _value(name, fact, told[name]) for name, fact in PROPERTIES[kind].items() if fact and name in told}
    return Part(kind, number, says, told)


def _kind(text: str) -> PartKind:
    kind = text.casefold()
    found = next((known for known in PART_KINDS if kind in (known, WHAT_IT_IS[known].casefold())), None)
    if found is None:
        near = process.extractOne(kind, PART_KINDS, score_cutoff=60) if kind else None
        hint = f"; did you mean {near[0]}?" if near else f"; kinds are {', '.join(PART_KINDS)}"
        raise NotAPart(f"“{text}” is no kind of part{hint}" if text else f"it has no kind{hint}")
    return found


def _value(name: str, fact: str, text: str) -> Value:
    kind = FACTS[fact]
    value = understand(kind, text, _WRITTEN)
    if value is None or (kind.kind == "count" and not text.split()[0].isdigit()):
        wanted = f"one of {', '.join(kind.choices)}" if kind.choices else f"such as {_EXAMPLES.get(kind.kind, '')}"
        raise NotAPart(f"“{text}” is no {name.replace('_', ' ')}; it is written {wanted}")
    return value
