"""When two values agree, and what they agree on."""

from __future__ import annotations

import re

from yes_tally.core.catalogue import FactKind
from yes_tally.core.quantity import Value, version_parts
from yes_tally.core.words import plain

# A clock is printed rounded, or as it was measured (04-settling: 2.60 GHz agrees with 2592 MHz).
TOLERANCE = {"clock": 0.015, "rate": 0.0, "size": 0.0, "count": 0.0, "share": 0.005, "span": 0.0}
# What moves while one looks at it may differ by this share between two sources.
VOLATILE = {"memory.available": 0.25, "volume.free": 0.02, "processor.current_clock": 0.5, "page_file.used": 0.5}
_TRADE = re.compile(r"\((?:r|tm|c)\)|[®™©]|[^\w@.]+", re.I)


def meet(fact: FactKind, a: Value, b: Value) -> Value | None:
    """The narrowest value that ``a`` and ``b`` share, or ``None`` when they do not agree.

    Each reading in doubt of one is tried against each of the other; what stays in doubt is kept.
    """
    shared = [found for x in a.readings() for y in b.readings() if (found := _meet(fact, x, y)) is not None]
    if not shared:
        return None
    distinct = list({(v.value, v.low, v.high): v for v in shared}.values())
    best = min(distinct, key=_width)
    rest = tuple(v for v in distinct if v is not best and a.others and b.others)
    return Value(best.kind, best.value, best.low, best.high, rest)


def _width(value: Value) -> float:
    if isinstance(value.low, (int, float)) and isinstance(value.high, (int, float)):
        return float(value.high) - float(value.low)
    return -len(str(value.value))


def _meet(fact: FactKind, a: Value, b: Value) -> Value | None:
    if fact.kind in TOLERANCE:
        return _overlap(a, b, VOLATILE.get(fact.name, TOLERANCE[fact.kind]))
    if fact.kind == "moment":
        return _overlap(a, b, 0.0)
    if fact.kind == "version":
        return _prefix(a, b)
    if fact.kind == "text":
        return _same_text(a, b, fact.identity and fact.name != "host.name")
    if fact.kind == "list":
        return _same_list(a, b)
    return a if a.value == b.value else None


def _overlap(a: Value, b: Value, tolerance: float) -> Value | None:
    if isinstance(a.low, str) != isinstance(b.low, str):
        return None
    # A tool may cut digits off instead of rounding: half a step more on either side.
    slack = 0.0 if isinstance(a.low, str) else tolerance * abs(float(a.value)) + max(_span(a), _span(b)) / 2  # type: ignore[arg-type]
    if isinstance(a.low, str):
        if a.low > b.high or b.low > a.high:  # type: ignore[operator]
            return None
    elif a.low > b.high + slack or b.low > a.high + slack:  # type: ignore[operator]
        return None
    narrow, wide = (a, b) if _span(a) <= _span(b) else (b, a)
    low = max(narrow.low, wide.low)
    high = min(narrow.high, wide.high)
    if low > high:  # type: ignore[operator]
        return Value(narrow.kind, narrow.value, narrow.low, narrow.high)
    value = narrow.value if low <= narrow.value <= high or isinstance(low, str) else low  # type: ignore[operator]
    return Value(narrow.kind, value, low, high)


def _span(value: Value) -> float:
    if isinstance(value.low, str):
        return 0.0 if value.low == value.high else float(-len(str(value.value)) + 100)
    return float(value.high) - float(value.low)  # type: ignore[arg-type]


def _prefix(a: Value, b: Value) -> Value | None:
    first, second = version_parts(str(a.value)), version_parts(str(b.value))
    length = min(len(first), len(second))
    if first[:length] != second[:length]:
        return None
    return a if len(first) >= len(second) else b


def _same_text(a: Value, b: Value, identity: bool) -> Value | None:
    first, second = plain(str(a.value)), plain(str(b.value))
    if first == second:
        return a
    if identity:
        return None
    first, second = (" ".join(_TRADE.sub(" ", text).split()) for text in (first, second))
    longer = a if len(first) >= len(second) else b
    short, long = sorted((first, second), key=len)
    return longer if short and (long == short or long.startswith((short + " ", short + "."))) else None


def _same_list(a: Value, b: Value) -> Value | None:
    first = {plain(part) for part in a.value} if isinstance(a.value, tuple) else set()
    second = {plain(part) for part in b.value} if isinstance(b.value, tuple) else set()
    if first <= second or second <= first:
        return a if len(first) >= len(second) else b
    return None
