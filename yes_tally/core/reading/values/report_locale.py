"""How a report writes numbers and dates: by the prints that can be read in one way only, then by its language."""

from __future__ import annotations

import re
from functools import lru_cache

from yes_tally.core.moment import agreed_order, date_order
from yes_tally.core.quantity import Locale
from yes_tally.core.reading.values.understand import MAX_TEXT

_COMMA = re.compile(r"(?<![\d,.])\d{1,4},\d{1,2}\s?(?:[KMGT]i?[BO]|[GM]Hz|%)", re.I)
_POINT = re.compile(r"(?<![\d,.])\d{1,4}\.\d{1,2}\s?(?:[KMGT]i?[BO]|[GM]Hz|%)", re.I)
# ``1.380.096 K``: what stands before three figures twice parts thousands.
_BY_POINTS = re.compile(r"(?<![\d,.])\d{1,3}(?:\.\d{3}){2,3}\s?(?:[KMG]i?[BO]?|bytes|octets)\b", re.I)
_BY_COMMAS = re.compile(r"(?<![\d,.])\d{1,3}(?:,\d{3}){2,3}\s?(?:[KMG]i?[BO]?|bytes|octets)\b", re.I)


def locale_of(texts: str) -> Locale:
    """How a report writes numbers and dates, from the prints that can be read in one way only."""
    comma = point = 0
    order: bool | None = None
    for line in texts.split("\n"):
        signs = _signs(line) if len(line) < MAX_TEXT else _signs.__wrapped__(line)
        comma, point = comma + signs[0], point + signs[1]
        order = signs[2] if order is None else order
    order = agreed_order(texts) if order is None else order
    return Locale(None if comma == point else comma > point, order)


# The same lines are looked at as a section's and as the whole report's, and again in the next report.
@lru_cache(maxsize=8192)
def _signs(line: str) -> tuple[int, int, bool | None]:
    """How many numbers of a line have a decimal comma and how many a point, and the order of its dates."""
    commas, points = "," in line, "." in line
    comma = (len(_COMMA.findall(line)) if commas else 0) + (len(_BY_POINTS.findall(line)) if points else 0)
    point = (len(_POINT.findall(line)) if points else 0) + (len(_BY_COMMAS.findall(line)) if commas else 0)
    return comma, point, date_order(line)


# Languages that write a point or a blank between thousands, a comma before what is less than one, and the day before
# the month (Unicode CLDR, number symbols and date formats).
_WITH_COMMA = frozenset({"de", "fr", "es", "pt", "it", "nl", "pl"})


def as_written_in(language: str, locale: Locale) -> Locale:
    """How numbers and dates are written, with what only the language tells: that a point stands between thousands, and
    the day first where no date of the report says otherwise."""
    if language not in _WITH_COMMA:
        return locale._replace(groups_by_point=False)
    return locale._replace(groups_by_point=True, day_first=locale.day_first is not False)


def own_locale(text: str, whole: Locale) -> Locale:
    """How a section writes numbers and dates, where it tells; else as the whole report does."""
    own = locale_of(text)
    return Locale(
        whole.decimal_comma if own.decimal_comma is None else own.decimal_comma,
        whole.day_first if own.day_first is None else own.day_first,
        whole.groups_by_point,
    )
