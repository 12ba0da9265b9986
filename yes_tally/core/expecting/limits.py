"""What a comparison speaks of and what it is compared with: names, words and quantities, checked against the catalogue."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import Any

from lark import Token
from rapidfuzz import fuzz, process

from yes_tally.core.catalogue import FACTS, FIELDS, ITEMS, NUMBER_KINDS, FactKind
from yes_tally.core.expecting.terms import Limit

_LONGEST_WORD = 100
_FACTOR = {"": 0, "k": 1, "m": 2, "g": 3, "t": 4, "p": 5}
_SPAN = {"second": 1, "minute": 60, "hour": 3600, "day": 86400, "week": 604800}
_LARGEST = 1e30
_LONGEST_SPAN = 1000 * 365 * 86400
_QUANTITY = re.compile(r"(?P<number>\d+(?:\.\d+)?)\s?(?P<unit>\S.*)?$")
_DECIMAL_SIZES = frozenset({"disk", "partition", "volume"})


def nearest_to(word: str, words: Sequence[str]) -> str:
    """The word that was probably meant, or an empty text."""
    found = process.extractOne(word[:_LONGEST_WORD], words, scorer=fuzz.ratio, score_cutoff=60) if word else None
    return str(found[0]) if found else ""


class Mistake(ValueError):
    """A mistake found in one place of a line."""

    def __init__(self, token: Token | None, message: str, words: tuple[str, ...] = ()) -> None:
        super().__init__(message)
        self.column = (token.column or 1) if token is not None else 1
        self.message = message
        self.nearest = nearest_to(str(token), words) if token is not None else ""


def fact_named(token: Token, item: str | None) -> FactKind:
    """The fact that a name stands for, inside an item or outside. Raises ``Mistake``."""
    if "." in token:
        if token in FACTS:
            return FACTS[str(token)]
        raise Mistake(token, f"there is no fact “{token}”", tuple(FACTS))
    if item is None:
        names = tuple(name for name in FACTS if name.endswith(f".{token}"))
        raise Mistake(token, f"“{token}” needs its group before it", names or tuple(FACTS))
    return field_named(token, item)


def field_named(token: Token, item: str) -> FactKind:
    """The field of an item. Raises ``Mistake``."""
    fact = FACTS.get(f"{item}.{token}")
    if fact is None:
        raise Mistake(token, f"a {item} has no “{token}”", tuple(f.field for f in FIELDS[item]))
    return fact


def item_named(token: Token) -> str:
    """The kind of item that a name stands for. Raises ``Mistake``."""
    if token not in ITEMS:
        raise Mistake(token, f"there are no items called “{token}”", ITEMS)
    return str(token)


def limit_of(raw: Any, fact: FactKind, item: str | None) -> Limit:
    """A parsed limit as what ``fact`` is compared with. Raises ``Mistake``."""
    form, tokens = raw
    token = tokens[0]
    printed = " ".join(str(t) for t in tokens if t is not None)
    if form == "text":
        return Limit(printed, "text", text=str(token)[1:-1])
    if form == "word":
        return _word(token, fact)
    if form == "today":
        sign = -1.0 if tokens[1] == "-" else 1.0
        return Limit(printed, "today", number=sign * _span(tokens[2]) if tokens[2] else 0.0)
    if form == "share_of":
        of = fact_named(tokens[1], item)
        if not str(token).endswith("%"):
            raise Mistake(token, "only a share, such as 15%, can be taken of another fact")
        return Limit(f"{token} of {tokens[1]}", "times", number=float(str(token).rstrip("% ")) / 100, of=of.name)
    if form == "product":
        of = fact_named(tokens[1], item)
        each = _quantity(token, fact)
        if each.kind != "number" or of.kind not in NUMBER_KINDS:
            raise Mistake(tokens[1], f"“{token} * {tokens[1]}” is no product of a quantity and a number")
        return Limit(f"{token} * {tokens[1]}", "times", number=each.number, of=of.name)
    return _quantity(token, fact)


def _word(token: Token, fact: FactKind) -> Limit:
    word = str(token)
    if fact.kind == "flag" and word not in ("yes", "no"):
        raise Mistake(token, f"{fact.name} is yes or no, not “{word}”", ("yes", "no"))
    if fact.kind == "choice":
        match = next((c for c in fact.choices if c.casefold() == word.casefold()), None)
        if match is None:
            raise Mistake(token, f"{fact.name} is never “{word}”: it is {', '.join(fact.choices)}", fact.choices)
        return Limit(word, "text", text=match)
    if fact.kind in NUMBER_KINDS:
        raise Mistake(token, f"{fact.name} is a {fact.kind}; “{word}” is no quantity")
    return Limit(word, "text", text=word)


def _quantity(token: Token, fact: FactKind) -> Limit:
    text = str(token)
    if fact.kind in ("version", "moment", "text", "list"):
        return Limit(text, "text", text=text)
    match = _QUANTITY.match(text)
    if match is None:
        raise Mistake(token, f"“{text}” is no quantity of {fact.name}")
    number, unit = float(match["number"]), (match["unit"] or "").strip()
    if number > _LARGEST:
        raise Mistake(token, f"“{text[:20]}…” is larger than any {fact.kind}")
    factor = _factor(fact, unit)
    if factor is None:
        raise Mistake(token, f"“{unit or text}” is no unit of a {fact.kind} such as {fact.name}")
    return Limit(text, "number", number=number * factor)


def _factor(fact: FactKind, unit: str) -> float | None:
    """The factor from a unit to the fact's base unit, or ``None`` when the unit does not fit."""
    low = unit.casefold()
    if fact.kind == "count":
        return 1.0 if low in ("", "mt/s", "mhz", "bit", "hz") else None
    if fact.kind == "share":
        return 0.01 if low == "%" else 1.0 if not low else None
    if fact.kind == "size" and re.fullmatch(r"(?:[kmgtp]i?)?b|bytes", low):
        power = 0 if low == "bytes" else _FACTOR[low[0] if low != "b" else ""]
        decimal = "i" not in low and fact.group in _DECIMAL_SIZES
        return (1000.0 if decimal else 1024.0) ** power
    if fact.kind == "clock" and re.fullmatch(r"[kmg]?hz", low):
        return 1000.0 ** _FACTOR[low[0] if low != "hz" else ""]
    if fact.kind == "rate" and re.fullmatch(r"[kmg]?bit/s", low):
        return 1000.0 ** _FACTOR[low[0] if low[0] != "b" else ""]
    return float(_SPAN[low.rstrip("s")]) if fact.kind == "span" and low.rstrip("s") in _SPAN else None


def _span(token: Token) -> float:
    match = _QUANTITY.match(str(token))
    unit = (match["unit"] or "").rstrip("s") if match else ""
    if match is None or unit not in _SPAN:
        raise Mistake(token, f"“{token}” is no span of time", tuple(_SPAN))
    seconds = float(match["number"]) * _SPAN[unit]
    if seconds > _LONGEST_SPAN:
        raise Mistake(token, f"“{str(token)[:30]}” is more than a thousand years")
    return seconds
