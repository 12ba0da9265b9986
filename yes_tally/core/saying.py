"""Values in words: how a size, a clock, a span or a flag is shown to a person, always in the same way."""

from __future__ import annotations

from yes_tally.core.catalogue import FACTS, FactKind
from yes_tally.core.quantity import Scalar, Value

DECIMAL_GROUPS = frozenset({"disk", "partition", "volume"})
_PREFIXES = ("", "k", "M", "G", "T", "P")
_SPANS = ((86400.0, "day"), (3600.0, "hour"), (60.0, "minute"), (1.0, "second"))


def say(fact: FactKind, value: Value) -> str:
    """A value of ``fact`` in words: ``16 GB``, ``3.2 GHz``, ``yes``, ``20 days``."""
    return say_scalar(fact, value.value)


def say_fact(name: str, value: Value) -> str:
    """The same, by the fact's name."""
    return say_scalar(FACTS[name], value.value)


def say_scalar(fact: FactKind, value: Scalar | float) -> str:
    """A plain value of ``fact``, or a difference of two, in words."""
    if isinstance(value, bool):
        return "yes" if value else "no"
    if isinstance(value, tuple):
        return ", ".join(value)
    if isinstance(value, str):
        return value.replace("T", " ") if fact.kind == "moment" else value
    return _number(fact, float(value))


def _number(fact: FactKind, value: float) -> str:
    if fact.kind == "size":
        return _scaled(value, 1000 if fact.group in DECIMAL_GROUPS else 1024, "B")
    if fact.kind in ("clock", "rate"):
        return _scaled(value, 1000, "Hz" if fact.kind == "clock" else "bit/s")
    if fact.kind == "share":
        return f"{_short(value * 100)} %"
    if fact.kind == "span":
        return say_span(value)
    if fact.field in ("speed", "running_speed"):
        return f"{_short(value)} MT/s"
    return _short(value)


def _scaled(value: float, base: int, unit: str) -> str:
    power = 0
    while abs(value) >= base * (0.9995 if power else 1) and power < len(_PREFIXES) - 1:
        value /= base
        power += 1
    prefix = _PREFIXES[power].upper() if unit == "B" else _PREFIXES[power]
    return f"{_short(value)} {prefix}{unit}"


def say_span(seconds: float) -> str:
    """A span in its largest fitting unit: ``20 days``, ``3 hours``."""
    if 0 < abs(seconds) < 1:
        return f"{_short(seconds * 1000)} ms"
    for length, name in _SPANS:
        if abs(seconds) >= length or length == 1.0:
            number = _short(seconds / length, 1)
            return f"{number} {name}" if number == "1" else f"{number} {name}s"
    return "0 seconds"


def _short(value: float, decimals: int | None = None) -> str:
    if decimals is None:
        decimals = 0 if abs(value) >= 1000 else 1 if abs(value) >= 10 else 2
    text = f"{value:.{decimals}f}"
    return text.rstrip("0").rstrip(".") if "." in text else text


def say_range(name: str, value: Value) -> str:
    """The range that a printed value leaves, in words; empty when it is exact or no number."""
    if not isinstance(value.low, (int, float)) or not isinstance(value.high, (int, float)) or value.low == value.high:
        return ""
    low, high = say_scalar(FACTS[name], value.low), say_scalar(FACTS[name], value.high)
    return f"{low} to {high}" if low != high else ""
