"""What a labelled value says: of the facts that its label may mean, the first that its text can be."""

from __future__ import annotations

import re
from functools import lru_cache
from typing import NamedTuple

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Locale, Value
from yes_tally.core.reading.clauses.field_forms import is_device_state
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.meaning.labels import split_unit, words_of
from yes_tally.core.reading.phrases import SUBJECTS, meanings
from yes_tally.core.reading.tables.bare_rows import MEASURED
from yes_tally.core.reading.values.asides import LIMITS
from yes_tally.core.reading.values.measures import memory_told
from yes_tally.core.reading.values.text_forms import FILE_OF_DRIVER
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

_MOST_TRIED = 4
_MOST_RIVALS = 2
# How much less sure a reading is that was not the first meaning, and one that has a rival.
_LATER, _RIVALLED = 0.1, 0.05
# Behind so wide a gap stands something else.
_FAR_APART = re.compile(r"\s{3,}(?=[\d.,]+ ?[^\W\d_]{1,3}$)")


class Told(NamedTuple):
    """A fact that a labelled value tells; ``printed`` is as much of the text as tells it, ``also`` the other facts that
    it may as well be. ``BLANK`` where a known label stands beside a placeholder."""

    fact: str
    value: Value
    printed: str
    confidence: float
    why: str
    also: tuple[str, ...]


BLANK = Told("", Value("text", "", "", ""), "", 0.0, "", ())


# The PCs of an office print the same labels beside the same values over and over.
@lru_cache(maxsize=16384)
def told_by(
    label: str, printed: str, guesses: tuple[Guess, ...], shape: str, locale: Locale, of_sizes: str
) -> Told | None:
    """What ``printed`` tells beside a label of these meanings, the likeliest first; ``None`` where it can be none of
    them. ``of_sizes`` is the unit of the sizes around it."""
    first = FACTS[guesses[0].fact]
    if is_placeholder(printed):
        told = first.kind in ("flag", "choice", "count") or understand(first, printed, locale)
        if not told or not printed.strip():
            return BLANK
    _, unit = split_unit(label)
    if "   " in printed and first.kind == "text" and (apart := _FAR_APART.search(printed)):
        printed = printed[: apart.start()]

    def understood(name: str) -> Value | None:
        kind = FACTS[name]
        return understand(kind, printed, locale, unit or (of_sizes if kind.kind == "size" else ""))

    for place, guess in enumerate(guesses[:_MOST_TRIED]):
        if _cannot_be(label, printed, guess, shape):
            continue
        fact = guess.fact
        if fact == "adapter.lease_from" and (_UNTIL.match(printed) or _ENDS_IN_UNTIL.search(label)):
            fact = "adapter.lease_until"  # ``Lease: until 2025-02-12``, ``leaseTo: 2025-02-12``
        elif fact == "adapter.lease_until" and _FROM.match(printed):
            fact = "adapter.lease_from"  # where a language's *from* and *until* are no part of the label
        if fact in _AMOUNTS_OF_PC and LIMITS.match(printed):
            fact = "memory.limit"  # ``Memory: at most 64 GB``
        if fact == "driver.name" and FILE_OF_DRIVER.match(printed):
            fact = "driver.file"  # ``Driver: wkl210.sys 3.14.2.0``
        if fact == "driver.name" and _DOTTED.match(printed):
            fact = "driver.version"  # ``Device: Larkspur L40`` over ``Driver: 31.0.14.2207 of 2024-11-06``
        if fact == "machine.form" and _NAMED_FORM.match(printed):
            fact = "machine.model"  # ``Type: Tern 14 (notebook)``
        if fact in _NUMBERED and _ORDINAL.fullmatch(printed):
            fact = _NUMBERED[fact]  # ``id: 0`` of a disk
        value = understood(fact)
        if value is None and fact == "adapter.ipv4":
            fact = "adapter.ipv6"  # an address is an address, whichever its label expected
            value = understand(FACTS[fact], printed, locale)
        if value is None and fact == "adapter.dhcp":
            fact = "adapter.dhcp_server"  # ``DHCP from   10.20.0.5``
            value = understood(fact)
        if value is None and (alone := _measure_among(printed, FACTS[fact].kind)):
            printed = alone
            value = understood(fact)
        if value is None:
            continue
        also = tuple([rival for rival in _rivals(fact, guess, guesses) if understood(rival)])
        sure = guess.confidence - (_LATER if place else 0.0) - (_RIVALLED if also else 0.0)
        return Told(memory_told(fact, guess.phrase, value), value, printed, sure, guess.why, also[:_MOST_RIVALS])
    return None


_MEASURES = frozenset({"size", "clock", "rate"})


def _measure_among(printed: str, kind: str) -> str:
    """The one clause of a text that is a measure (``shared, 128 MB``), for a fact that is one; else nothing."""
    clauses = [clause.strip() for clause in printed.split(",")] if kind in _MEASURES and ", " in printed else []
    found = [clause for clause in clauses if MEASURED.match(clause)]
    return found[0] if len(found) == 1 else ""


_AMOUNTS_OF_PC = frozenset({"memory.installed", "memory.usable"})
_NUMBERED = {"disk.id": "disk.number", "partition.id": "partition.number"}
_NAMED_FORM = re.compile(r"[A-Z][\w-]* \S*\d\S*(?: \S+)* \([^()]+\)$")
_DOTTED = re.compile(r"v?\d+(?:\.\d+){2,}(?!\S)")
_ORDINAL = re.compile(r"\d{1,2}")
_ENDS_IN_UNTIL = re.compile(r"(?:(?:^|[ _.-])to|[a-z]To)\s*$")
_UNTIL = re.compile(r"(?:until|till|through|to|bis|jusqu\S*|hasta|até|fino|tot|do)\b", re.I)
_FROM = re.compile(r"(?:from|since|vom|seit|depuis|desde|dal|vanaf|sinds|od)\b", re.I)


def _rivals(fact: str, guess: Guess, guesses: tuple[Guess, ...]) -> list[str]:
    """The other facts that a label is as likely to mean."""
    near = guess.confidence - 0.02
    return [g.fact for g in guesses if g.confidence >= near and g.fact != fact] if len(guesses) > 1 else []


_SPAN = re.compile(r"<? ?\d[\d.,]* ?(?:ms|s|secs?|seconds?|mins?|minutes?|h|hours?|days?)", re.I)
_PICTURE = re.compile(r"\d{3,5} ?[xX×] ?\d{3,5}\b")
_STAMP = re.compile(r"\d{4}-\d\d-\d\d[T ]\d\d:\d\d")
_HOST = re.compile(r"[^\W\d_]\w*-[\w-]*\d\w*")
# Between words without a mark only a sure label is one.
_TAGGED = 0.8


def _cannot_be(label: str, printed: str, guess: Guess, shape: str) -> bool:
    """What a labelled value is not, whatever its label may mean: a time or a count is the name of nothing; what heads
    a tagged line names an item, or nothing."""
    is_text = FACTS[guess.fact].kind == "text"
    # By its number a process is called in a column that is called after it.
    names = (not guess.phrase or words_of(label) in SUBJECTS) and not guess.fact.endswith(".pid")
    if is_text and names and (MEASURED.match(printed) or _SPAN.fullmatch(printed)):
        return True
    if _PICTURE.match(printed) and FACTS[guess.fact].kind in ("text", "choice", "version"):
        return True  # ``2560 x 1440 x 32 bits`` is how a picture is
    if is_text and guess.fact.endswith(".state") and MEASURED.match(printed):
        return True
    if guess.fact == "firewall.profile" and not guess.phrase and is_device_state(printed):
        return True  # ``Firewall: on``
    if guess.fact == "host.user" and (printed[:1].isdigit() or _NAMES.fullmatch(printed)):
        return True  # ``Users: 4``, ``Users: icalloway, tquill``
    if guess.fact == "processor.socket" and printed[:1].isdigit() and label.endswith("s"):
        return True  # ``Sockets: 1``
    if (
        guess.fact == "os.version"
        and printed.isdigit()
        and label.casefold() == "version"
        and guess.confidence < _TAGGED
    ):
        return True  # ``"version": 3`` beside a tool's name
    if is_text and _COUNTING.match(label) and _COUNT_ALONE.match(printed):
        return True
    if is_text and not guess.phrase and _STAMP.match(printed):
        return True
    if guess.fact == "machine.model" and not guess.phrase and _HOST.fullmatch(printed.partition(" (")[0]):
        return True  # ``Computer: GP-07``
    if guess.fact == "adapter.name" and not guess.phrase and words_of(label) == ("port",):
        return True  # of a printer, or of whatever is spoken of
    if guess.fact == "disk.model" and not guess.phrase and "  " in printed:
        return True  # a row
    if is_text and guess.fact.partition(".")[0] in ITEM_GROUPS and _OF_WHICH.match(printed):
        return True
    if guess.fact.endswith(_NAMING) and _COUNTS_ALL.fullmatch(printed):
        return True
    if is_text and names and _only_counts(label, printed, guess.fact):
        return True
    if is_text and label.endswith("(s)") and printed.isdigit():
        return True
    if guess.fact == "policy.subcategory" and any(m.phrase.fact == "policy.records" for m in meanings(printed)):
        return True  # ``Category / subcategory      Recorded``: a head
    if guess.fact == "variable.name" and any(m.phrase.fact == "variable.value" for m in meanings(printed)):
        return True  # ``Variable   Value``: a head
    headed = label == "name" and not FACTS[guess.fact].item
    return shape == "tagged lines" and (guess.confidence < _TAGGED or headed)


_COUNTS_FIRST = re.compile(
    r"\d{1,3}(?:$|[,;:] | \(\d| (?:of|out of|von|sur|de|di|van|op|z|na|av) \d| (?:in all|in total|total|of them|of which|found|known|insgesamt|en tout|en total|in totaal)\b| [^\W\d_]+ (?:of|out of|von|sur|de|di|van|op|z|na) \d| [^\W\d_]+: )",
    re.I,
)
_COUNT_ALONE = re.compile(r"\d{1,3}(?:$|[,;( ])")
_COUNTING = re.compile(
    r"(?:number of|no\. of|count of|how many|anzahl|zahl der|nombre d|n[uú]mero de|numero di|quantidade|aantal|liczba|ilo[sś][cć])\b|"
    r".*\b(?:total|in all|gesamt|insgesamt|en tout|au total|en total|in tutto|totale|no total|ao todo|in totaal|totaal|razem|[łl][ąa]cznie|found|listed|gefunden|trouv[ée]e?s|encontrad[oa]s|trovat[ei]|gevonden|znaleziono)\W*$",
    re.I,
)


# ``4, of which 2 are administrators``, ``1 card``
_NAMES = re.compile(r"[\w.-]+(?:, [\w.-]+)+")
_OF_WHICH = re.compile(
    r"\d{1,3}, (?:of which|of them|davon|dont|de ell[oa]s|de los cuales|di cui|waarvan|z czego|w tym|dos quais)\b", re.I
)
_COUNT_OF = re.compile(r"\d{1,3} [^\W\d_A-Z]{3,20}")


_NAMING = (".name", ".model", ".connection")
# ``3 found, 1 connected``
_COUNTS_ALL = re.compile(r"\d{1,4} [a-zß-ż][^,;\d]*(?:[,;] \d{1,4} [a-zß-ż][^,;\d]*)+")


def _only_counts(label: str, printed: str, fact: str) -> bool:
    """``Boot entries: 2``: how many there are is the name of none."""
    if fact.partition(".")[0] in ITEM_GROUPS and _COUNT_OF.fullmatch(printed):
        return True
    first = _COUNTS_FIRST.match(printed) if fact.partition(".")[0] in ITEM_GROUPS else None
    if first is None:
        return False
    said = first.group()
    of_all = " " in said and said[-1].isdigit()  # ``5 of 141``
    return of_all or said.endswith(": ") or label.rstrip(" :").endswith("s")
