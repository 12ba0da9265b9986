"""From a printed text to the value of a fact: one small parser a kind, one table of exceptions."""

from __future__ import annotations

import re
from collections.abc import Callable
from functools import lru_cache

from yes_tally.core import quantity
from yes_tally.core.catalogue import CHOICE_CODES, FACTS, FactKind
from yes_tally.core.moment import moment
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.reading.values import measures
from yes_tally.core.reading.values.addresses import addresses, ip, mac
from yes_tally.core.reading.values.asides import DATED_BY
from yes_tally.core.reading.values.flags import flag
from yes_tally.core.reading.values.text_forms import TEXT_FORMS, THROUGH
from yes_tally.core.words import choice_named, choice_of, flag_of, is_placeholder

MAX_TEXT = 300
_UUID = re.compile(r"\{?([0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12})\}?", re.I)
_DAY = re.compile(r"(?:19|20)\d\d[-./]\d{1,2}[-./]\d{1,2}(?!\d|\.)|\d{1,2}[-./]\d{1,2}[-./](?:19|20)\d\d(?!\d|\.)")
_DRIVE = re.compile(r"[A-Za-z]:\\$")
# What says whether, and not which or what; only what a person or a program names may be called so.
_SAID_OF_FLAGS = frozenset({"true", "false", "yes", "no"})
_ANY_WORD = frozenset({"variable.value", "process.name", "event.text", "task.last_result", "volume.label"})


def understand(fact: FactKind, printed: str, locale: Locale, unit: str = "") -> Value | None:
    """What ``printed`` says of ``fact``, or ``None`` when it cannot be a value of it.

    ``unit`` is the unit that the label gave. A placeholder is never a value.
    """
    text = printed.strip()
    if not text or len(text) > 4 * MAX_TEXT:
        return None
    return _understood(fact.name, text, locale, unit)


# The PCs of an office print the same makers, sizes and words over and over.
@lru_cache(maxsize=32768)
def _understood(name: str, text: str, locale: Locale, unit: str) -> Value | None:
    fact = FACTS[name]
    value = _KINDS[fact.kind](fact, text, locale, unit)
    if value and value.value == 0 and name in _NEVER_NOTHING:
        return None
    slow = value and name in _CLOCKS and isinstance(value.value, int | float) and value.value <= _CLOCK_OF_A_BUS
    return None if slow else value


# A zero of these says that nothing is there, or that it is not known (SMBIOS 3.7, 7.5 and 7.18).
_NEVER_NOTHING = frozenset({
    "memory.installed", "memory.usable", "memory.limit", "module.speed", "module.running_speed", "module.pins",
    "processor.cores", "processor.threads", "processor.clock", "processor.max_clock", "processor.current_clock", "battery.design",
})  # fmt: skip


# What a processor's clock is made of is none.
_CLOCKS = frozenset({"processor.clock", "processor.max_clock", "processor.current_clock"})
_CLOCK_OF_A_BUS = 250e6


# What a file system's name looks like where nothing says that it is one.
FILE_SYSTEM = r"[A-Z]{2,6}\d{1,2}|[A-Z]{0,5}(?:FS|FAT)\d{0,2}|[a-z]{1,6}\d?fs\d?|(?:ex|x|v)?fat\d*|ex[A-Z]{2,4}|ext\d"
# How a volume lies on its disks is no file system.
_LAID_OUT = re.compile(
    r"partition|partici[óo]n|parti[çc][ãa]o|partizione|partitie|partycja|basic|simple|spanned|striped|mirror(?:ed)?|raid[- ]?\d{0,2}|primary|logical|extended|dynamic",
    re.I,
)
# What kernels call a memory's file system is a kind of volume too.
_FILE_SYSTEM = re.compile(r"fs\d?$|fat|ext\d", re.I)
# A clock, a rate or a size is the name of nothing.
_A_MEASURE = re.compile(r"\d[\d.,]* ?(?:MT/s|[KMG]Hz|[KMGT]i?B|[KMGT]bit/s|m?Wh|%)", re.I)


# What no version is.
_NO_VERSION = frozenset({"driver.name", "software.name", "task.name", "printer.name"})
_VERSION_FIRST = re.compile(r"v?\d+(?:\.\d+)+(?:\s|,|\(|$)")
# What is called so stands in quotes; they are no part of it.
_AS_PRINTED = frozenset({"variable.value", "event.text"})
_QUOTED = re.compile(r"\"([^\"]+)\"|«([^«»]+)»|“([^“”]+)”|„([^„“”]+)[“”]|‘([^‘’]+)’")


# Nothing of these is called ``on`` or ``nein``.
_NEVER_A_SWITCH = frozenset(("firewall.profile", "process.name", "adapter.name", "disk.model", "display.name"))


# Firmware numbers its entries from here (UEFI 2.10, section 3.3: ``Boot0000``).
_FIRST_ENTRY = "0000"


def _text(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    numbers_it = fact.name == "boot_entry.id" and text == _FIRST_ENTRY
    said = fact.name == "event.text" and " " in text and text[0].isalnum()  # ``no answer`` may be what happened
    if (is_placeholder(text) and not (numbers_it or said)) or len(text) > MAX_TEXT:
        return None
    if _A_MEASURE.fullmatch(text) and fact.name not in _ANY_WORD:
        return None
    if fact.name in _NO_VERSION and _VERSION_FIRST.match(text):
        return None
    if fact.name in _NEVER_A_SWITCH and flag_of(text) is not None:
        return None
    if fact.name == "volume.filesystem" and _LAID_OUT.fullmatch(text):
        return None
    if (
        fact.name == "volume.filesystem"
        and not _FILE_SYSTEM.search(text)
        and choice_named("kind", FACTS["volume.kind"].choices, text)
    ):
        return None
    form = TEXT_FORMS.get(fact.name)
    if form:
        match = form.match(text)
        if match is None:
            return None
        text = ((match["keep"] if "keep" in form.groupindex else None) or match.group()).strip()
    if text.casefold() in _SAID_OF_FLAGS and fact.name not in _ANY_WORD:
        return None
    if fact.name == "volume.mount" and _DRIVE.match(text):
        text = text[:2]
    if fact.name not in _AS_PRINTED and (quoted := _QUOTED.fullmatch(text)):
        text = next(filter(None, quoted.groups())).strip()
    if "\\\\" in text[1:] and fact.name not in _AS_PRINTED:
        text = text[0] + text[1:].replace("\\\\", "\\")  # written twice within quotes (DSP0221, RFC 8259)
    if '""' in text:
        text = text.replace('""', '"')  # a mark within quotes is written twice (RFC 4180, section 2, 7)
    return exactly("text", text) if text and (numbers_it or said or not is_placeholder(text)) else None


# Makers of firmware begin their versions with letters: ``Loamgate M3.0.9 of 07/03/2022``.
_PREFIXED = re.compile(r"(?<![\w.-])[A-Z]{1,4}-?\d+(?:\.\w+)+")
# ``Tavelin F12``, ``version F12``
_BEHIND_MAKER = re.compile(
    r"(?:(?:[A-Z][\w&-]*[a-z]|version|ver\.?|rev\.?|release),? ){1,4}(?P<code>[A-Z]{1,3}\d{1,4}[A-Za-z]?)$"
)
# ``M3.0.9 (07-03-2022)``: of when it is, not which.
_DAY_ASIDE = re.compile(
    r"\s*\([^()]*(?:19|20)\d\d[^()]*\).*|"
    rf"(?:,|,? (?:{DATED_BY})(?: [^\W\d_]+)?) (?=\d{{1,4}}[-./]\d{{1,2}}[-./]\d{{2,4}}).*"
)


# ``12.0.4417.82.rel_spring.240911-1830``: the build, and where it was made.
_BUILD_LAB = re.compile(r"(?P<build>\d+(?:\.\d+){1,4})\.[a-z][\w.-]*", re.I)


def _version(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if is_placeholder(text) or _DAY.match(text):
        return None
    if fact.name == "os.kernel" and "." not in text:
        return None
    text = _DAY_ASIDE.sub("", text)
    if fact.name == "os.build" and (lab := _BUILD_LAB.match(text)):
        text = lab["build"]
    if release := _NAMED_RELEASE.match(text):
        text = release["version"]
    if fact.name == "firmware.version":
        if prefixed := _PREFIXED.search(text):
            return exactly("version", prefixed.group())
        if behind := _BEHIND_MAKER.match(text):
            return exactly("version", behind["code"])
    return quantity.version(text)


# ``2024 H2 (12.2)``: what the release is called, and its version.
_NAMED_RELEASE = re.compile(r"(?:(?:19|20)\d\d|[a-z]+) ?H\d\s*\((?P<version>\d+(?:\.\d+)+)\)", re.I)

# ``Hasło: wymagane, zmienione 03.02.2025``: when it was set, not when it ends.
_WAS_SET = re.compile(
    r"\b(?:changed|set|ge[äa]ndert|gesetzt|chang[ée]|modifi[ée]|d[ée]fini|cambiad[oa]|alterad[oa]|modificad[oa]|definid[oa]|cambiat[oa]|modificat[oa]"
    r"|impostat[oa]|gewijzigd|ingesteld|zmienion\w|ustawion\w)\b",
    re.I,
)


def _moment(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if fact.name == "account.password_expires_at" and _WAS_SET.search(text):
        return None
    return moment(text, locale)


# ``legacy (no UEFI)``, ``passed (2 passes, 0 errors)``
_SAID_FIRST = frozenset({"firmware.mode", "health_check.result"})


def _choice(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    codes = CHOICE_CODES.get(fact.name)
    if fact.name == "module.type":
        text = measures.WITH_SPEED.sub(r"\1", text)
    if fact.name in _SAID_FIRST:
        text = text.partition(" (")[0]
    if codes and text.isascii() and text.isdigit():
        word = codes.get(int(text)) if len(text) < 4 else None
    else:
        word = choice_of(fact.field, fact.choices, text) if len(text) <= MAX_TEXT else None
    return exactly("choice", word) if word and word != "unknown" else None


def _uuid(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    match = _UUID.search(text)
    if match is None or len(set(match[1]) - {"-"}) <= 2:
        return None
    return exactly("uuid", match[1].casefold())


_ADDRESS_LISTS = {"adapter.ipv4": 4, "adapter.ipv6": 6, "adapter.dns": 0, "lookup.address": 0}


# ``10.20.1.66/24 from 10.20.1.2``: who gave the address.
_GIVEN_BY = re.compile(
    rf"(?<=\d),? (?:from|by|von|de|du|da|di|van|od|{THROUGH}) (?=\d).*",
    re.I,
)
_MASKED = re.compile(r"\s*/\s*255(?:\.\d{1,3}){3}")


def _list(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if fact.name in _ADDRESS_LISTS:
        version = _ADDRESS_LISTS[fact.name]
        own = _GIVEN_BY.sub("", _MASKED.sub("", _IN_BRACKETS.sub("", text))) if version else text
        parts = [
            a for a in addresses(own) if not version or ((":" in a) == (version == 6) and not a.startswith("255."))
        ]
    else:
        parts = [part.strip(" *\"'{}[]") for part in re.split(r"[,;|]|\s{2,}", text)]
        if fact.name == "account.groups" and len(parts) == 1 and _TWO_GROUPS.fullmatch(parts[0]):
            parts = _AND.split(parts[0])
        parts = [part for part in parts if not is_placeholder(part)]
    return Value("list", tuple(parts), tuple(parts), tuple(parts)) if parts else None


_IN_BRACKETS = re.compile(r" ?\([^()]*\)?")
_AND = re.compile(r" (?:and|und|et|y|e|en|i|&) ", re.I)
# ``Administrators and Users``
_TWO_GROUPS = re.compile(rf"[A-Z][\w-]*{_AND.pattern}[A-Z][\w-]*")


_KINDS: dict[str, Callable[[FactKind, str, Locale, str], Value | None]] = {
    "text": _text, "size": measures.size, "clock": measures.clock, "rate": measures.rate, "count": measures.count,
    "share": measures.share, "version": _version, "moment": _moment, "span": measures.span, "flag": flag,
    "choice": _choice, "mac": mac, "ip": ip, "uuid": _uuid, "list": _list,
}  # fmt: skip
