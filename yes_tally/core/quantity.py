"""Printed values as ranges: a printed number says no more than its digits.

Sizes become bytes, clocks hertz, rates bits per second, spans seconds, shares 0-1. Unit prefixes follow IEC 80000-13:
``KiB`` is 1024 bytes; ``KB`` is taken as 1024 for memory and caches, and for disks and volumes as either, the other
reading kept beside it.
"""

from __future__ import annotations

import math
import re
from collections.abc import Iterator
from dataclasses import dataclass, replace
from functools import lru_cache
from typing import NamedTuple

from yes_tally.core.catalogue import Kind

Scalar = str | int | float | bool | tuple[str, ...]


@dataclass(frozen=True, slots=True)
class Value:
    """What a printed value is understood as.

    ``value`` is the best single value in the fact's base unit; ``low`` and ``high`` bound what the print allows
    (equal to ``value`` where it is exact). ``others`` are further readings in doubt: a decimal size read as binary, a
    date whose order is open.
    """

    kind: Kind
    value: Scalar
    low: Scalar
    high: Scalar
    others: tuple[Value, ...] = ()

    @property
    def exact(self) -> bool:
        return self.low == self.high and not self.others

    def readings(self) -> Iterator[Value]:
        """This reading first, then the others in doubt."""
        yield self
        yield from self.others


def exactly(kind: Kind, value: Scalar) -> Value:
    """A value with no doubt in it."""
    return Value(kind, value, value, value)


class Locale(NamedTuple):
    """How one report writes numbers and dates; ``None`` where nothing in it tells.

    ``groups_by_point``: its language writes a point between thousands, should no number tell.
    """

    decimal_comma: bool | None = None
    day_first: bool | None = None
    groups_by_point: bool = False


@dataclass(frozen=True, slots=True)
class PrintedNumber:
    """A number as printed: its value, the size of one step of its last digit, and where it ends in the text."""

    value: float
    step: float
    start: int
    end: int

    @property
    def whole(self) -> bool:
        return self.step == 1


_NUMBER = re.compile(
    r"(?<![\w.,])[-+]?(?:\d{1,3}(?:(?P<gap>[ .,'’\u00a0\u202f])\d{3})(?:(?P=gap)\d{3})*(?!\d)(?:[.,]\d+)?|\d+(?:[.,]\d+)?)"
)
_PREFIX = {"": 0, "k": 1, "m": 2, "g": 3, "t": 4, "p": 5}
_SIZE_UNIT = re.compile(
    r"\s?(?:(?!p(?!i?[bo]))(?P<prefix>[kmgtp])(?P<binary>i)?(?P<byte>b|o|bytes?|octets?)?|(?P<bytes>bytes?|octets?|byte|o|b)"
    r"|(?P<word>kilo|mega|giga|tera)bytes?)(?![\w/])",
    re.I,
)
_WORD_PREFIX = {"kilo": 1, "mega": 2, "giga": 3, "tera": 4}
_RATE_UNIT = re.compile(
    r"\s?(?P<prefix>[kmgt])?(?:igabits?(?: per second)?|egabits?(?: per second)?|b(?:it)?s?(?:/s|ps| per second)|bit/s|bps)(?!\w)",
    re.I,
)
_CLOCK_UNIT = re.compile(r"\s?(?P<prefix>[kmg])?hz(?!\w)", re.I)
_SPANS = {
    0.001: "ms msec millisecond milliseconds millisekunden millisecondes milisegundos millisecondi milliseconden milisekund milisekundy",
    1: "s sec secs second seconds sekunde sekunden seconde secondes seconden segundo segundos secondo secondi sekunda sekundy sekund sek",
    60: "min mins minute minutes minuten minuut minuto minutos minuti minuta minuty minut",
    3600: "h hour hours hr hrs stunde stunden std heure heures hora horas ora ore uur uren godzina godziny godzin godz",
    86400: "d day days tag tage tagen jour jours dia dias día días giorno giorni dag dagen dzień dzien dni",
    604800: "week weeks woche wochen semaine semaines semana semanas settimana settimane weken tydzień tygodnie tygodni",
}
# Words and signs for units of time, and how many seconds each is.
SPAN_UNITS = {word: seconds for seconds, words in _SPANS.items() for word in words.split()}
_ASIDE = re.compile(r"\([^()]*\)")
_SPAN_TOKEN = re.compile(r"\s?([^\W\d_]+)")


def numbers(text: str, locale: Locale = Locale()) -> Iterator[PrintedNumber]:
    """Every number in ``text``, with digit groups and decimal marks told apart by their form, then by ``locale``."""
    for match in _NUMBER.finditer(text):
        yield _number(match, locale)


def _number(match: re.Match[str], locale: Locale) -> PrintedNumber:
    raw = match.group()
    marks = [char for char in raw if char in ".,"]
    decimal = ""
    if marks:
        last = marks[-1]
        tail = len(raw) - raw.rindex(last) - 1
        if len(set(marks)) == 2:
            decimal = last if marks.count(last) == 1 else ""
        elif len(marks) == 1 and (tail != 3 or _is_decimal(raw, last, locale)):
            decimal = last
    whole, _, fraction = raw.rpartition(decimal) if decimal else (raw, "", "")
    digits = re.sub(r"[^\d-]", "", whole)
    step = 10.0 ** -len(fraction) if fraction else 1.0
    value = float(f"{digits or '0'}.{fraction or '0'}") if len(digits) < 300 else math.inf
    return PrintedNumber(value, step, match.start(), match.end())


def _is_decimal(raw: str, mark: str, locale: Locale) -> bool:
    """Whether one mark before three digits is a decimal mark and not a digit group."""
    if raw.lstrip("+-").startswith("0"):
        return True
    if mark == ",":
        return locale.decimal_comma is True
    return not (locale.groups_by_point if locale.decimal_comma is None else locale.decimal_comma)


def _spread(kind: Kind, number: PrintedNumber, factor: float, exact: bool) -> Value | None:
    if not math.isfinite(number.value * factor):
        return None
    value = number.value * factor
    half = 0.0 if exact else number.step * factor / 2
    if kind in ("size", "clock", "rate"):
        return Value(kind, round(value), round(max(0.0, value - half)), round(value + half))
    return Value(
        kind, _whole(value), _whole(max(0.0, value - half) if value >= 0 else value - half), _whole(value + half)
    )


def _whole(number: float) -> int | float:
    return int(number) if number == math.floor(number) else number


def size(text: str, locale: Locale, *, binary: bool, nominal: bool = False, unit: str = "") -> Value | None:
    """A size in bytes from ``15.8 GB``, ``8,192 MB``, ``931.51 GB (1,000,204,886,016 bytes)``.

    ``binary``: KB, MB … are powers of 1024 for certain. ``nominal``: a whole number is exact. ``unit``: the unit that
    the label gave, for a bare number. The most precise of several prints of one size wins.
    """
    best: Value | None = None
    for number in numbers(text, locale):
        match = _SIZE_UNIT.match(text, number.end) or (_SIZE_UNIT.match(unit) if unit else None)
        if match is None:
            continue
        value = _size(number, match, binary, nominal)
        if value is None or number.value < 0:
            continue
        if best is None or (_touches(best, value) and _width(value) < _width(best)):
            best = value
    return best


def times(value: Value, count: int) -> Value:
    """So many of a size together, in bytes: ``2 x 8 GiB``."""
    many = (float(part) * count for part in (value.value, value.low, value.high))  # type: ignore[arg-type]
    said, low, high = (int(part) if part.is_integer() else part for part in many)
    return Value(value.kind, said, low, high, tuple(times(other, count) for other in value.others))


def _size(number: PrintedNumber, unit: re.Match[str], binary: bool, nominal: bool) -> Value | None:
    if unit["bytes"]:
        return _spread("size", number, 1, exact=True)
    power = _WORD_PREFIX[unit["word"].lower()] if unit["word"] else _PREFIX[unit["prefix"].lower()]
    exact = nominal and number.value == math.floor(number.value)
    if unit["prefix"] and not unit["byte"] and not exact:
        # ``77G``: the tools that print a bare letter round up as often as to the nearest.
        number = replace(number, step=2 * number.step)
    as_binary = _spread("size", number, 1024.0**power, exact)
    if binary or unit["binary"] or as_binary is None:
        return as_binary
    as_decimal = _spread("size", number, 1000.0**power, exact)
    return replace(as_binary, others=(as_decimal,)) if as_decimal else as_binary


# What disks are sold as, in 10^9 bytes, to a thousandth or two.
_SOLD = tuple(
    step * 10**power
    for power in range(5)
    for step in (
        1,
        1.2,
        1.28,
        1.5,
        1.6,
        1.8,
        1.92,
        2,
        2.4,
        2.5,
        2.56,
        3,
        3.2,
        3.84,
        4,
        4.8,
        5,
        5.12,
        6,
        6.4,
        7.5,
        7.68,
        8,
        9.6,
    )
)


def as_sold(value: Value) -> Value:
    """Of two ways to understand a size, the one that is near a round number of 10^9 first, when only one is."""
    near = [reading for reading in value.readings() if _is_sold(float(reading.value))]  # type: ignore[arg-type]
    if len(near) != 1 or near[0].value == value.value:
        return value
    others = tuple(replace(reading, others=()) for reading in value.readings() if reading.value != near[0].value)
    return replace(near[0], others=others)


def _is_sold(size: float) -> bool:
    return any(abs(size / 1e9 - sold) <= 0.004 * sold for sold in _SOLD)


def _touches(a: Value, b: Value) -> bool:
    return any(x.low <= y.high and y.low <= x.high for x in a.readings() for y in b.readings())  # type: ignore[operator]


def _width(value: Value) -> float:
    return float(value.high) - float(value.low) + (1.0 if value.others else 0.0)  # type: ignore[arg-type]


def bare_bytes(text: str, locale: Locale) -> Value | None:
    """A number with no unit anywhere, taken as bytes when it is too large for anything else, or nought."""
    found = [n for n in numbers(text, locale) if n.whole]
    if len(found) != 1 or found[0].end != len(text.rstrip()):
        return None
    return _spread("size", found[0], 1, exact=True) if found[0].value >= 1e6 or found[0].value == 0 else None


def memory_by_plausibility(text: str, locale: Locale) -> Value | None:
    """A PC's memory printed with no unit: the one unit that gives between 128 MiB and 2 TiB, if just one does."""
    unit = unit_by_plausibility(text, locale)
    number = next(numbers(text, locale), None)
    if number is None or not unit:
        return None
    power = _UNITS_OF_MEMORY.index(unit)
    return _spread("size", number, 1024.0**power, exact=power == 0)


_UNITS_OF_MEMORY = ("B", "KiB", "MiB", "GiB")


def unit_by_plausibility(text: str, locale: Locale) -> str:
    """The unit of a PC's memory printed with none: the one that gives between 128 MiB and 2 TiB; empty if not just one
    does, or the text is no bare number."""
    found = list(numbers(text, locale))
    if len(found) != 1 or text[: found[0].start].strip() or text[found[0].end :].strip():
        return ""
    fits = [unit for power, unit in enumerate(_UNITS_OF_MEMORY) if 2**27 <= found[0].value * 1024.0**power <= 2**41]
    return fits[0] if len(fits) == 1 else ""


def clock(text: str, locale: Locale, unit: str = "") -> Value | None:
    """A clock in hertz from ``3.20 GHz``; a bare number needs the label's ``unit``."""
    for number in numbers(text, locale):
        match = _CLOCK_UNIT.match(text, number.end) or (_CLOCK_UNIT.match(unit) if unit else None)
        if match and number.value > 0:
            return _spread("clock", number, 1000.0 ** _PREFIX[(match["prefix"] or "").lower()], exact=False)
    return None


def rate(text: str, locale: Locale, unit: str = "") -> Value | None:
    """A rate in bits per second from ``1000 Mbit/s``, ``1 Gbps``; a bare number needs the label's ``unit``."""
    for number in numbers(text, locale):
        match = _RATE_UNIT.match(text, number.end) or (_RATE_UNIT.match(unit) if unit else None)
        if match and number.value > 0:
            factor = 1000.0 ** _PREFIX[(match["prefix"] or "").lower()]
            return _spread("rate", number, factor, exact=number.whole)
    return None


_COUNT = re.compile(r"\s*(?:x\s?)?(?P<n>\d{1,3}(?:[ ,.'’]\d{3})+(?![\d.])|\d+)(?![\d.]*\d)", re.I)


def count(text: str) -> Value | None:
    """A whole number at the start of the text: ``6``, ``4 fitted``, ``2,666 MT/s``."""
    match = _COUNT.match(text)
    if match is None or len(match["n"]) > 18:
        return None
    return exactly("count", int(re.sub(r"\D", "", match["n"])))


_PERCENT = re.compile(
    r"\s*(?:%|percent\b|per cent\b|prozent\b|pour cent\b|por ciento\b|por cento\b|per cento\b|procent\b)", re.I
)


def share(text: str, locale: Locale) -> Value | None:
    """A share 0-1 from ``85 %`` or ``0.85``."""
    found = next(numbers(text, locale), None)
    if found is None:
        return None
    percent = bool(_PERCENT.match(text, found.end))
    value = _spread("share", found, 0.01 if percent else 1.0, exact=False)
    return value if value and 0 <= value.value <= 1 and (percent or not found.whole) else None  # type: ignore[operator]


def span(text: str, locale: Locale) -> Value | None:
    """A span in seconds from ``20 days`` or ``1 day 4 hours``; its last unit tells how exact it is."""
    total, step = 0.0, 0.0
    bare = _ASIDE.sub("", text)
    if any(char.isdigit() for char in bare):
        text = bare  # ``28770 minutes (19 days)``: what stands in brackets says it again
    for number in numbers(text, locale):
        unit = _SPAN_TOKEN.match(text, number.end)
        factor = SPAN_UNITS.get(unit.group(1).casefold()) if unit else None
        if factor is None:
            continue
        total, step = total + number.value * factor, number.step * factor
    if step == 0.0 or not math.isfinite(total):
        return None
    total = round(total, 9)  # what the factors leave below a nanosecond is none of the print's
    return Value("span", _whole(total), _whole(total), _whole(round(total + (step if step < 86400 else 0), 9)))


_VERSION = re.compile(r"(?<![\w.])v?(?P<v>\d+(?:[.\-_+~]?[0-9a-z]+)*)", re.I)
_VERSION_PART = re.compile(r"\d+|[a-z]+", re.I)


def version(text: str) -> Value | None:
    """A version as printed, from its first number on: ``12.0.4417.82``, ``L52.1.18`` whole."""
    stripped = text.strip()
    if re.fullmatch(r"[A-Za-z]{0,12}[-_.]?\d[\w.\-+~:]*", stripped):
        return exactly("version", stripped)
    match = _VERSION.search(stripped)
    return exactly("version", match["v"]) if match else None


@lru_cache(maxsize=4096)
def version_parts(text: str) -> tuple[tuple[int, str], ...]:
    """A version as ordered parts: numbers compare as numbers, letters as letters, letters before numbers."""
    return tuple((int(p), "") if p.isdigit() else (-1, p.casefold()) for p in _VERSION_PART.findall(text))
