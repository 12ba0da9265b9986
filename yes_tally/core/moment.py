"""Printed dates and times as ranges: ISO 8601 texts without a zone, as the PC's own clock says them.

A date alone spans its day. ``03/04/2024`` stays both until the report or its language settles the order.
"""

from __future__ import annotations

import calendar
import re
from datetime import UTC, date, datetime, timedelta
from itertools import islice

from yes_tally.core.quantity import Locale, Value
from yes_tally.core.words import plain

NEVER_WORDS = frozenset(
    {
        "never",
        "nie",
        "niemals",
        "jamais",
        "nunca",
        "mai",
        "nooit",
        "nigdy",
        "unbegrenzt",
        "unlimited",
        "illimité",
        "ilimitado",
        "illimitato",
        "onbeperkt",
        "bezterminowo",
        *"does not expire|no expiry|never expires|not yet|no expiration|läuft nie ab|kein ablauf|läuft nicht ab|n'expire jamais|n'expire pas|sans expiration|no caduca|nunca caduca|"
        "no caduca nunca|sin caducidad|não expira|nunca expira|sem validade|sem expiração|non scade|non scade mai|senza scadenza|verloopt nooit|verloopt niet|niet|nicht|nie wygasa|nigdy nie wygasa|"
        "noch nie|pas encore|encore jamais|todavía no|ainda não|non ancora|nog niet|nog nooit|jeszcze nie|not ever".split(
            "|"
        ),
    }
)

_MONTHS = (
    "january|januar|janvier|enero|janeiro|gennaio|januari|styczen|stycznia",
    "february|februar|fevrier|febrero|fevereiro|febbraio|februari|luty|lutego",
    "march|marz|mars|marzo|marco|maart|marzec|marca",
    "april|avril|abril|aprile|kwiecien|kwietnia",
    "may|mai|mayo|maio|maggio|mei|maj|maja",
    "june|juni|juin|junio|junho|giugno|czerwiec|czerwca",
    "july|juli|juillet|julio|julho|luglio|lipiec|lipca",
    "august|aout|agosto|augustus|sierpien|sierpnia",
    "september|septembre|septiembre|setembro|settembre|wrzesien|wrzesnia",
    "october|oktober|octobre|octubre|outubro|ottobre|pazdziernik|pazdziernika",
    "november|novembre|noviembre|novembro|listopad|listopada",
    "december|dezember|decembre|diciembre|dezembro|dicembre|grudzien|grudnia",
)
_MONTH = {name: index for index, names in enumerate(_MONTHS, 1) for name in names.split("|")}
_SHORT = {
    "jan": 1, "feb": 2, "mar": 3, "apr": 4, "may": 5, "jun": 6, "jul": 7, "aug": 8, "sep": 9, "oct": 10, "nov": 11, "dec": 12,
    "mrz": 3, "mai": 5, "okt": 10, "dez": 12, "ene": 1, "abr": 4, "ago": 8, "dic": 12, "fev": 2, "avr": 4, "gen": 1, "mag": 5,
    "giu": 6, "lug": 7, "set": 9, "ott": 10, "out": 10, "sty": 1, "lut": 2, "kwi": 4, "maj": 5, "cze": 6, "lip": 7, "sie": 8,
    "janv": 1, "fevr": 2, "juil": 7, "sept": 9, "wrz": 9, "paz": 10, "lis": 11, "gru": 12, "mrt": 3, "mei": 5,
}  # fmt: skip

_AT = r"(?:(?:at|um|à|às|as|a las|alle|alle ore|ore|om|o|o godz\.|godz\.|godzina|r\.,? godz\.|[-–@])\s+)?"
_TIME = (
    rf"(?:(?:T|[\s,]+(?:r\., ?|r\. )?{_AT})(?P<h>\d{{1,2}})(?:[:.h]| h )(?P<mi>\d{{2}})(?:[:.](?P<s>\d{{2}})(?:[.,]\d+)?)?"
    r"\s*(?P<half>[ap]\.?m\.?)?)?"
)
_ISO = re.compile(r"(?<!\d)(?P<y>\d{4})[-/.](?P<m>\d{1,2})[-/.](?P<d>\d{1,2})" + _TIME, re.I)
_NUMERIC = re.compile(r"(?<![\d.])(?P<a>\d{1,2})(?P<sep>[-/.])(?P<b>\d{1,2})(?P=sep)(?P<y>\d{4})" + _TIME, re.I)
_NAMED = re.compile(
    r"(?<!\d)(?P<d>\d{1,2})(?:(?:\.|st|nd|rd|th|er)?\s+(?:de |of )?|[-/.])(?P<month>[^\W\d_]{3,13})(?:\.?,?\s+(?:de )?|[-/.])(?P<y>\d{4})"
    + _TIME,
    re.I,
)
# A year of two digits is told only by a text that says nothing else.
_SHORT_YEAR = re.compile(r"\W*(?P<a>\d{1,2})(?P<sep>[/.])(?P<b>\d{1,2})(?P=sep)(?P<yy>\d{2})" + _TIME + r"\W*$", re.I)
# ``02-Nov-24``
_NAMED_SHORT_YEAR = re.compile(
    r"(?<!\d)(?P<d>\d{1,2})(?P<mark>[-/.])(?P<month>[^\W\d_]{3,13})(?P=mark)(?P<yy>\d{2})(?!\d)" + _TIME, re.I
)
# ``Tue Feb 11 08:47:30 UTC 2025`` (POSIX.1-2017, asctime and date)
_YEAR_LAST = re.compile(
    r"\b(?P<month>[^\W\d_]{3,13})\.?\s+(?P<d>\d{1,2})\s+(?P<h>\d{1,2}):(?P<mi>\d{2}):(?P<s>\d{2})(?:\s+(?:[A-Z]{2,5}|[+-]\d{4}))?\s+(?P<y>\d{4})"
)
_NAMED_FIRST = re.compile(
    r"(?P<month>[^\W\d_]{3,13})\.?\s+(?P<d>\d{1,2})(?:st|nd|rd|th)?,?\s+(?P<y>\d{4})" + _TIME, re.I
)
_COMPACT = re.compile(
    r"(?<!\d)(?P<y>(?:19|20)\d{2})(?P<m>\d{2})(?P<d>\d{2})"
    r"(?:(?:[T_-]|\s+)?(?P<h>\d{2})(?P<mark>:?)(?P<mi>\d{2})(?:(?P=mark)(?P<s>\d{2}))?)?(?!\d)"
)

_LAST_OF_CENTURY = 68

# ``never, once activated``
_BEFORE_MORE = re.compile(r"\s*[,;(]")


# Seconds since 1970 (POSIX.1-2017, 4.16), of this century up to 2038.
_EPOCH = re.compile(r"\s*(?:9[5-9]\d{7}|1\d{9}|20\d{8})\s*")


def moment(text: str, locale: Locale) -> Value | None:
    """The first date in ``text``, as a range of ISO 8601 texts, or the word ``never``."""
    if _BEFORE_MORE.split(text.strip(), maxsplit=1)[0].casefold() in NEVER_WORDS:
        return Value("moment", "never", "never", "never")
    if _EPOCH.fullmatch(text.strip()):
        # In universal time; the PC's own clock is at most so far behind or before it (ISO 8601 offsets in use).
        at = datetime.fromtimestamp(int(text), UTC)
        said, low, high = (f"{at + timedelta(hours=hours):%Y-%m-%dT%H:%M:%S}" for hours in (0, -12, 14))
        return Value("moment", said, low, high)
    for pattern in (_ISO, _NUMERIC, _NAMED, _NAMED_FIRST, _YEAR_LAST, _COMPACT, _NAMED_SHORT_YEAR, _SHORT_YEAR):
        match = pattern.match(text) if pattern is _SHORT_YEAR else pattern.search(text)
        if match:
            readings = [value for order in _orders(match, locale) if (value := _moment(match, *order))]
            if readings:
                first, *rest = readings
                return Value("moment", first.value, first.low, first.high, tuple(rest))
    return None


_MOST_DAYS = 31
_CENTURIES = frozenset({"19", "20"})
_GOES_ON = re.compile(r"[./-]?\d")


def date_order(text: str) -> bool | None:
    """Whether numeric dates in ``text`` put the day first; ``None`` when none of them tells."""
    for match in _NUMERIC.finditer(text):
        a, b = int(match["a"]), int(match["b"])
        a_day = 0 < a <= _MOST_DAYS and 0 < b <= _MOST_DAYS and match["y"][:2] in _CENTURIES
        if not a_day or _GOES_ON.match(text, match.end()):
            continue  # ``12.0.4417.82``, ``12.1.4417``: a build, a version
        if (a > 12) != (b > 12):
            return a > 12
        if match["sep"] == ".":
            return True
    return None


def agreed_order(text: str) -> bool | None:
    """Whether numeric dates in ``text`` put the day first, where none of them tells: by which order more of them fall on
    days, or within two of them, that the text writes in a way that can be read in one way only (``2/10/2025`` beside
    *11 February 2025*). ``None`` where no order has more."""
    numeric = list(islice(_NUMERIC.finditer(text), _SAMPLE)) if _NUMERIC.search(text) else []
    if not numeric:
        return None
    sure = [
        date(int(match["y"]), month, day)
        for pattern in (_ISO, _NAMED, _NAMED_FIRST)
        for match in islice(pattern.finditer(text), _SAMPLE)
        for month, day in _orders(match, Locale())[:1]
        if 0 < day <= _LEAST_MONTH and 0 < month <= 12 and match["y"][:2] in _CENTURIES
    ]
    near = {day.toordinal() + off for day in sure for off in range(-_NEAR, _NEAR + 1)}
    votes = {True: 0, False: 0}
    for match in numeric if near else ():
        a, b, year = int(match["a"]), int(match["b"]), int(match["y"])
        if a == b or not (0 < a <= 12 and 0 < b <= 12) or match["y"][:2] not in _CENTURIES:
            continue
        for day_first, month, day in ((True, b, a), (False, a, b)):
            votes[day_first] += date(year, month, day).toordinal() in near
    return None if votes[True] == votes[False] else votes[True] > votes[False]


_SAMPLE, _NEAR, _LEAST_MONTH = 200, 2, 28


def _orders(match: re.Match[str], locale: Locale) -> list[tuple[int, int]]:
    """(month, day) pairs that the match allows, likeliest first."""
    parts = match.groupdict()
    if parts.get("month"):
        name = plain(parts["month"])
        month = _MONTH.get(name) or _SHORT.get(name.rstrip("."))
        return [(month, int(parts["d"]))] if month else []
    if "a" in parts:
        a, b = int(parts["a"]), int(parts["b"])
        day_first, month_first = (b, a), (a, b)
        if parts["sep"] == "." or locale.day_first is True:
            return [day_first]
        if locale.day_first is False:
            return [month_first]
        return [day_first] if a == b else [day_first, month_first]
    return [(int(parts["m"]), int(parts["d"]))]


def _moment(match: re.Match[str], month: int, day: int) -> Value | None:
    parts = match.groupdict()
    year = int(parts["y"]) if parts.get("y") else _in_full(int(parts["yy"]))
    if not (1 <= month <= 12 and 1970 <= year <= 2199 and 1 <= day <= calendar.monthrange(year, month)[1]):
        return None
    start = datetime(year, month, day)
    if parts.get("h") is None:
        return Value("moment", start.date().isoformat(), start.isoformat(), _end(start, timedelta(days=1)))
    hour, minute = int(parts["h"]), int(parts["mi"])
    half = (parts.get("half") or "").casefold()[:1]
    if half and hour <= 12:
        hour = hour % 12 + (12 if half == "p" else 0)
    second = int(parts["s"]) if parts.get("s") else None
    if hour > 23 or minute > 59 or (second or 0) > 59:
        return None
    at = start.replace(hour=hour, minute=minute, second=second or 0)
    if second is None:
        return Value("moment", at.isoformat(), at.isoformat(), _end(at, timedelta(minutes=1)))
    return Value("moment", at.isoformat(), at.isoformat(), at.isoformat())


def _in_full(year: int) -> int:
    """The year that two digits stand for (IEEE Std 1003.1, strptime, %y: 69 to 99 are of the last century)."""
    return year + (1900 if year > _LAST_OF_CENTURY else 2000)


def _end(start: datetime, length: timedelta) -> str:
    return (start + length - timedelta(seconds=1)).isoformat()
