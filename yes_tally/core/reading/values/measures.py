"""Sizes, clocks, rates, counts, shares and spans: a printed text to the value of a fact of such a kind."""

from __future__ import annotations

import re

from yes_tally.core import quantity
from yes_tally.core.catalogue import BINARY_SIZES, NOMINAL_SIZES, SOLD_SIZES, FactKind
from yes_tally.core.quantity import Locale, Value
from yes_tally.core.reading.values.text_forms import DAY_IN_NUMBERS
from yes_tally.core.words import COUNT_WORDS, is_placeholder, plain

_PC_MEMORY = frozenset({"memory.installed", "memory.usable", "memory.available", "memory.limit", "module.size"})
_LEAST_MEMORY = 512 * 2**20

# ``DDR4-3200``: a type, and the speed in its name (JESD79).
WITH_SPEED = re.compile(r"\b(DDR\d?)-\d{3,5}\b", re.I)


# ``3.8 GB usable of 4.0 GB``: the whole is what is said last.
_PART_OF = re.compile(
    r"[\d.,]+ ?[KMGT]i?[BO] [^\W\d_]+ (?:of|out of|von|sur|de|di|van|z) (?P<whole>[\d.,]+ ?[KMGT]i?[BO])|"
    r"[\d.,]+(?: ?[KMGT]i?[BO])? (?:of|out of|von|sur|de|di|van|z) (?P<all>[\d.,]+ ?[KMGT]i?[BO])\b",
    re.I,
)


def size(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """A size in bytes; ``unit`` is the one that the label gave, here and below."""
    if not text[:1].isdigit() and is_placeholder(text.partition(" (")[0]):
        return None  # ``none (shares up to 2 GB)``
    part = _PART_OF.match(text) if fact.name == "memory.installed" else None
    text = (part["whole"] or part["all"]) if part else text
    if fact.name == "memory.installed" and (sum_of := _SUM.search(text)):
        text = sum_of["all"]
    times = _TIMES.match(text) if fact.name in _ADD_UP else None
    text = text[times.end() :] if times else text
    binary, nominal = fact.name in BINARY_SIZES, fact.name in NOMINAL_SIZES
    value = quantity.size(text, locale, binary=binary, nominal=nominal, unit=unit)
    if value and fact.name in _PC_MEMORY and 0 < float(value.high) < _LEAST_MEMORY:  # type: ignore[arg-type]
        # So little, and marked: the mark before three digits was no decimal mark after all.
        other = locale._replace(decimal_comma=not locale.decimal_comma)
        value = quantity.size(text, other, binary=binary, nominal=nominal, unit=unit) or value
    if value is None and not unit and fact.group == "memory":
        value = quantity.memory_by_plausibility(text, locale)
    if value is None and not unit and fact.group == "processor" and _CACHE_IN_KB.fullmatch(text):
        value = quantity.size(f"{text} KB", locale, binary=binary)
    if value is None and not unit and fact.group != "memory":
        value = quantity.bare_bytes(text, locale)
    if value and times:
        value = quantity.times(value, int(times["times"]))
    return quantity.as_sold(value) if value and fact.name in SOLD_SIZES else value


# A cache is counted in kilobytes (SMBIOS 3.7, 7.8; CIM schema, Device); none is as small as so many bytes.
_CACHE_IN_KB = re.compile(r"[1-9]\d{2,5}")
# ``2 x 8 GiB``, ``2 x 8 GB = 16 GB``; a cache is as large as those of all cores together (SMBIOS 3.7, 7.8.1).
_ADD_UP = frozenset({"memory.installed", *(f"processor.cache_l{level}" for level in (1, 2, 3))})
_TIMES = re.compile(r"(?P<times>\d{1,3}) ?[x×] ?(?=\d[\d.,]* ?[KGM]i?[BO]\b)", re.I)
_SUM = re.compile(r"[x×] ?\d.*= ?(?P<all>\d[\d.,]* ?[GM]i?[BO])\b", re.I)


def clock(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """A clock in hertz."""
    # CIM_Processor counts MaxClockSpeed and CurrentClockSpeed in MHz (CIM schema, Device); no PC runs at such hertz.
    bare = not unit and _BARE_MHZ.fullmatch(text)
    return quantity.clock(text, locale, "MHz" if bare else unit)


_BARE_MHZ = re.compile(r"[1-9]\d{2,3}")


def rate(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """A rate in bits a second."""
    if _BITS.fullmatch(unit):
        unit = f"{unit[0]}bit/s"  # ``speedMbit``
    if _BARE_BITS.fullmatch(text):
        unit = unit or "bit/s"
    elif medium := _MEDIUM.match(text):
        text = f"{medium['mbit']} Mbit/s"
    return quantity.rate(text, locale, unit)


_BITS = re.compile(r"[kmg]bits?", re.I)
# CIM_NetworkPort counts Speed in bits a second (CIM schema, Device).
_BARE_BITS = re.compile(r"[1-9]\d*0{6,}")
# ``1000BASE-T``: the rate is in the name (IEEE 802.3, 1.2.3)
_MEDIUM = re.compile(r"(?P<mbit>10{1,3}|2500|5000|10000)BASE-?[A-Z]", re.I)


def count(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """A count; of a battery's charge in milliwatt hours."""
    printed = f"{text} Wh" if unit.casefold() == "wh" else text
    if fact.group == "battery" and (hours := _WATT_HOURS.fullmatch(printed)):
        if fact.name == "battery.cycles":
            return None
        return quantity.count(str(round(float(hours[1].replace(",", ".")) * 1000)))
    if any(of_another.match(text) for of_another in (_NUMBERS_WHAT_FOLLOWS, _SHARE_OF_ALL, _DAY)):
        return None
    if fact.name in _NEVER_NONE and _NONE.match(text):
        return None
    # "2 of 4 in use": there are four.
    if fact.name == "processor.width" and not _WIDTH.match(text):
        return None
    of_all = _OF_SLOTS.match(text) if fact.name == "memory.slots" else None
    left = _STILL.match(text)
    if fact.name == "graphics.refresh" and (hertz := _HERTZ.match(text)):
        return quantity.count(str(round(float(hertz[1].replace(",", ".")))))
    if fact.name in ("module.speed", "module.running_speed") and (named := WITH_SPEED.match(text)):
        text = named.group().rpartition("-")[2]
    if fact.name == "memory.slots" and _MANY_DIGITS.match(text):
        return None
    if text.isalpha() and (in_words := COUNT_WORDS.get(plain(text))):
        return quantity.count(str(in_words))
    return quantity.count(of_all["all"] if of_all else left["left"] if left else text)


# No board has a thousand sockets for memory.
_MANY_DIGITS = re.compile(r"\d{4}")
# A processor works on so many bits; an address may have others.
_HERTZ = re.compile(r"(\d{2,3}[.,]\d{1,3})(?: ?Hz\b|$)", re.I)
_WATT_HOURS = re.compile(r"(\d{1,3}(?:[.,]\d{1,2})?) ?Wh\b.*", re.I)
_WIDTH = re.compile(r"(?:8|16|32|64|128)\b")
# ``reply 2: 1 ms``: the number says which one.
_NUMBERS_WHAT_FOLLOWS = re.compile(r"\d+:\s")
_SHARE_OF_ALL = re.compile(r"[\d.,]+ ?%")
_DAY = re.compile(rf"{DAY_IN_NUMBERS}\b|(?:19|20)\d\d-(?:0\d|1[0-2])$")
# What a PC has at least one of.
_NEVER_NONE = frozenset({"processor.cores", "processor.threads", "processor.width", "memory.slots"})
_NONE = re.compile(r"0+\b(?![.,]\d)")
# "three are left", in the order of other languages.
_STILL = re.compile(
    r"(?:still|only|noch|quedan|restan|restam|reste(?:nt)?|il reste|restano|rimangono|rimasti|nog|pozosta\w+|zosta\w+)\s+(?P<left>\d{1,6})$",
    re.I,
)
_OF_SLOTS = re.compile(
    r"\d{1,3}\s*(?:(?! )[^\W\d_]{4,12}\s)?(?:of|out of|von|de|sur|di|van|z|/)\s*(?P<all>\d{1,3})\b(?! ?[KMGT]i?[BO]\b)",
    re.I,
)


# ``charging, 64 %``: how full it is.
_STATE_FIRST = re.compile(r"[^\W\d_][^\d,]*,")


def share(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """A share of a whole, 0 to 1."""
    if fact.name == "battery.health" and _STATE_FIRST.match(text):
        return None
    return quantity.share(text, locale)


def span(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """A span in seconds."""
    bare = text.partition(" (")[0]
    return quantity.span(f"{bare} {unit}" if unit and bare[-1:].isdigit() else text, locale)


_GIB = 2**30
# What modules of sold sizes add up to, in GiB: at most three sizes of a row.
_ADDED_UP = frozenset({n << k for n in (1, 3, 5, 7) for k in range(12)})


_PHYSICAL = re.compile(r"physi|f[ií]sic|fysiek|fizyczn")
_TOTAL = re.compile(r"total|totaal|gesamt|in all|razem|w sumie|[lł][aą]cznie|calkowit")


def memory_told(fact: str, phrase: str, value: Value) -> str:
    """A "total" or "physical" memory that modules can add up to is what is installed; any other is what the system
    sees."""
    by_value = {"memory.usable": _TOTAL, "memory.installed": _PHYSICAL}.get(fact)
    if by_value is None or not by_value.search(phrase) or not isinstance(value.value, (int, float)):
        return fact
    whole, rest = divmod(value.value, _GIB)
    return "memory.installed" if rest == 0 and int(whole) in _ADDED_UP else "memory.usable"
