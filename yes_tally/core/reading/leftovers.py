"""Labels that no phrase has, in a record or a table whose item is known: what is left to say of it, and fits.

A guess by parts of the words or by the form of the values. Most are too unsure to settle anything (below one half):
they stand on the Bench as doubts, with their reason, for a person to take or to teach.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import DERIVED, FACTS, FIELDS, FactKind
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import NAMING
from yes_tally.core.reading.meaning.labels import split_unit, words_of
from yes_tally.core.reading.phrases import LABELS, STRONG, SUBJECTS, Phrase, meanings, ways_in_english
from yes_tally.core.reading.phrases.synonyms import plainly
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.values.text_forms import PRINTER_PORT, SOCKET, UPDATE_NUMBER
from yes_tally.core.reading.values.understand import FILE_SYSTEM, understand
from yes_tally.core.words import choice_named, flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_SURE, _UNSURE = 0.6, 0.45
_MOST_LETTERS = 80
# So many labels that mean nothing are of no PC; each costs as much as its group has phrases.
_MOST_ALIKE = 300
# Kinds whose values are of no other kind, by what they must hold.
_FORMS: dict[str, re.Pattern[str]] = {
    "mac": re.compile(r".+"),
    "rate": re.compile(r".*\d ?[kKMGT]?(?:bit|bps|b/s)", re.I),
    "clock": re.compile(r".*\d ?[kMG]Hz\b", re.I),
    "moment": re.compile(r".*\d{4}"),
    "ip": re.compile(r"\d+(?:\.\d+){3}$"),
    "size": re.compile(r"[\d., ]+ ?[KMGT]i?B\b.*", re.I),
    "uuid": re.compile(r".+"),
}
# Texts of so few forms that the form tells the fact.
_TEXTS: dict[str, re.Pattern[str]] = {
    "event.level": re.compile(
        r"(?:error|warning|info(?:rmation)?|notice|critical|fatal|debug|alert|fehler|warnung|hinweis|kritisch|erreur|"
        r"avertissement|critique|advertencia|informaci[oó]n|cr[ií]tico|errore|avviso|informazione|erro|aviso|"
        r"informa[cç][aã]o|fout|waarschuwing|informatie|b[lł][aą]d|ostrze[zż]enie|informacja)$",
        re.I,
    ),
    "event.text": re.compile(r"\S+(?: \S+){3,}"),
    "update.id": re.compile(rf"{UPDATE_NUMBER}$"),
    "volume.filesystem": re.compile(rf"(?:{FILE_SYSTEM})$"),
    "volume.mount": re.compile(r"[A-Z]:\\?$|/(?:\S*)$"),
    "disk.bus": re.compile(r"(?:sata|nvme|usb|sas|scsi|pcie|ata|ide|mmc|sd)(?: \S+)?$", re.I),
    "connection.protocol": re.compile(r"(?:tcp|udp)[46]?$", re.I),
    "connection.state": re.compile(
        r"(?:listen(?:ing)?|established|time[ _-]wait|close[ _-]wait|closing|syn[ _-]sent)$", re.I
    ),
    "account.full_name": re.compile(r"[\"“„«]?[A-Z][\w'-]+(?: [A-Za-z][\w'-]+)+[\"”»]?$"),
    "driver.file": re.compile(r"\S+\.(?:sys|inf|ko|drv)$", re.I),
    "printer.port": re.compile(rf"(?:{PRINTER_PORT}|IP_\S+|\\\\\S+|FILE:)$", re.I),
    "task.runs": re.compile(r"(?:[A-Z]:\\|/)\S+"),
    "connection.pid": re.compile(r"\d+/\S+$"),
    "process.pid": re.compile(r"\d+$"),
    "boot_entry.path": re.compile(r"(?:[A-Z]:)?\\\S+|/\S+"),
}
_TELLING = frozenset({"mac", "rate", "clock", "choice"})
_WORD = re.compile(r"[^\W\d_]{2}")
# Words shared with more facts than this tell none of them; one row alone does not make a column.
_MOST_MEANT, _LEAST_ROWS = 2, 2
# The words of a phrase, and the fact it stands for.
_InWords = tuple[frozenset[str], str]


@dataclass(slots=True)
class Leftover:
    """A labelled value of an item, whose label meant nothing; ``first``: it stands first in its row."""

    entry: Entry
    shape: str
    item: Item
    first: bool


# What only one fact of the PC itself is said in, whatever its label: the fact, the form, how sure.
_SINGLE_FORMS: tuple[tuple[str, re.Pattern[str], float], ...] = (
    ("firmware.mode", re.compile(r"(?:UEFI|EFI|legacy)\b(?! \w+ \w+ \w)", re.I), _SURE),
    ("machine.uuid", re.compile(r"\{?[0-9A-Fa-f]{8}(?:-[0-9A-Fa-f]{4}){3}-[0-9A-Fa-f]{12}\}?$"), _UNSURE),
    ("os.architecture", re.compile(r"(?:x86[-_]64|amd64|x64|arm64|aarch64|i[36]86)$", re.I), _UNSURE),
    ("memory.installed", re.compile(r"\d{1,3}(?:[.,]0)? ?GB (?:DDR\d|of (?:memory|RAM)).*", re.I), _UNSURE),
)


def read_single_leftovers(interpreter: Interpreter) -> None:
    """Guess what labels that mean nothing say of the PC itself: by a form that only one fact has, else by a longer
    phrase that is a part of the label; only what nothing else in the section told."""
    told = {draft.fact for draft in interpreter.drafts[interpreter.section_from :]}
    for entry, shape in interpreter.single_leftovers[:_MOST_ALIKE]:
        if len(entry.printed) > _MOST_LETTERS or is_placeholder(entry.printed):
            continue
        guesses = [
            (fact, sure, "its value has the form") for fact, form, sure in _SINGLE_FORMS if form.match(entry.printed)
        ]
        guesses += [
            (fact, _UNSURE, f"“{entry.label}” has the words of its phrase") for fact in _phrase_within(entry.label)
        ]
        for name, sure, why in guesses[:1]:
            value = understand(FACTS[name], entry.printed, interpreter.locale, split_unit(entry.label)[1])
            if value and name not in told:
                told.add(name)
                interpreter.add(name, None, entry, value, shape, sure, why)
                interpreter.asides(name, None, entry, shape, sure)
    interpreter.single_leftovers = []


@lru_cache(maxsize=4096)
def _phrase_within(label: str) -> tuple[str, ...]:
    """The one fact of the PC itself of which a phrase of several words is a part of the label, if there is one."""
    found: dict[str, int] = {}
    for words in _ways_to_say(label):
        for phrase, fact in _strong_phrases():
            if phrase < words:
                found[fact] = max(found.get(fact, 0), len(phrase))
    most = max(found.values(), default=0)
    facts = tuple(fact for fact, length in found.items() if length == most)
    return facts if len(facts) == 1 else ()


@lru_cache(maxsize=1)
def _strong_phrases() -> tuple[_InWords, ...]:
    return _phrases_where(lambda phrase: phrase.reach == STRONG and not FACTS[phrase.fact].item, least=2)


@lru_cache(maxsize=64)
def _phrases_of(group: str) -> tuple[_InWords, ...]:
    return _phrases_where(lambda phrase: FACTS[phrase.fact].group == group, least=1)


def _phrases_where(wanted: Callable[[Phrase], bool], least: int) -> tuple[_InWords, ...]:
    """The words of the phrases that are wanted, as they are and by their synonyms, with what each stands for."""
    return tuple(
        {
            (words, phrase.fact)
            for label, phrases in LABELS.items()
            for phrase in phrases
            if wanted(phrase)
            for words in {label, frozenset(plainly(words_of(phrase.text)))}
            if len(words) >= least
        }
    )


def _ways_to_say(label: str) -> Iterator[frozenset[str]]:
    """The words of a label as they are, in English, and both by their synonyms."""
    for way in (words_of(label), *ways_in_english(label)):
        yield from {frozenset(way), frozenset(plainly(way))}


def read_leftovers(interpreter: Interpreter) -> None:
    """Guess what the section's leftovers say, label by label: one meaning for all that stand under one label."""
    alike: dict[tuple[str, str], list[Leftover]] = {}
    known = {id(draft.item) for draft in interpreter.drafts[interpreter.section_from :]}
    for left in interpreter.leftovers:
        if left.item.group == "update" and id(left.item) not in known:
            continue  # left out, since it is not installed
        if len(alike) >= _MOST_ALIKE:
            break
        if len(left.entry.printed) <= _MOST_LETTERS and not is_placeholder(left.entry.printed):
            alike.setdefault((left.item.group, left.entry.label), []).append(left)
    interpreter.leftovers = []
    if not alike:
        return
    told: dict[str, set[int]] = {}
    for draft in interpreter.drafts[interpreter.section_from :]:
        if draft.item:
            told.setdefault(draft.fact, set()).add(id(draft.item))
    for way in (_by_its_words, _by_its_form, _by_what_is_left):
        for (group, label), lefts in list(alike.items()):
            items = {id(left.item) for left in lefts}
            untold = [f for f in FIELDS[group] if f.name not in DERIVED and not items & told.get(f.name, set())]
            unit = split_unit(label)[1]
            can_be = [f for f in untold if all(understand(f, x.entry.printed, interpreter.locale, unit) for x in lefts)]
            found = way(label, lefts, can_be, sum(of == group for of, _ in alike) == 1)
            if found is None:
                continue
            del alike[(group, label)]
            fact, confidence, why = found
            told.setdefault(fact.name, set()).update(items)
            for left in lefts:
                value = understand(fact, left.entry.printed, interpreter.locale, unit)
                if value and fact.kind == "text" and interpreter.goes_on(fact.name, left.item, left.entry, value):
                    interpreter.blanks.add(left.entry.line)
                elif value:
                    interpreter.add(fact.name, left.item, left.entry, value, left.shape, confidence, why)


_Found = tuple[FactKind, float, str] | None


def _by_its_words(label: str, lefts: Sequence[Leftover], facts: Sequence[FactKind], alone: bool) -> _Found:
    """The one fact of which a phrase is a part of the label, or the label a part of a phrase."""
    meant = _facts_sharing_words(lefts[0].item.group, label)
    fitting = [fact for fact in facts if fact.name in meant]
    if len(fitting) != 1 or len(meant) > _MOST_MEANT:
        return None
    telling = fitting[0].kind in _TELLING and _has_form(fitting[0], lefts)
    return fitting[0], _SURE if telling else _UNSURE, f"“{label}” has words of its phrases"


# What may be said by nothing but a word like ``enabled``.
_SWITCHES = frozenset({"enabled", "on", "connected"})


def _by_its_form(label: str, lefts: Sequence[Leftover], facts: Sequence[FactKind], alone: bool) -> _Found:
    """The one fact whose values alone have such a form; of another kind of thing a label counts how many there are."""
    formed = [fact for fact in facts if _has_form(fact, lefts)]
    if len(formed) != 1 or (formed[0].kind == "flag" and formed[0].field not in _SWITCHES):
        return None
    fact = formed[0]
    of_another = fact.kind == "text" and SUBJECTS.get(words_of(label), fact.group) != fact.group
    if of_another and all(left.entry.printed.isdigit() for left in lefts):
        return None  # ``CPUs`` of a process are no number of it
    sure = fact.kind in _TELLING or (fact.kind == "text" and len(lefts) > 1)
    return fact, _SURE if sure else _UNSURE, f"nothing else that is said of a {fact.group} has this form"


def _by_what_is_left(label: str, lefts: Sequence[Leftover], facts: Sequence[FactKind], alone: bool) -> _Found:
    """In a table: what stands first names the item; the only text that is left is the only column's that is left."""
    if not all(_WORD.search(left.entry.printed) for left in lefts):
        return None
    texts = [fact for fact in facts if fact.kind == "text" and fact.name not in _TEXTS and not fact.identity]
    if any(flag_of(left.entry.printed) is not None for left in lefts):
        texts = [fact for fact in texts if fact.field == "state"]  # a yes or a no is the name of nothing
    naming = next((fact for fact in texts if fact.name == NAMING.get(fact.group)), None)
    if naming and all(left.first for left in lefts):
        sure = naming.name == "module.slot" and all(SOCKET.fullmatch(left.entry.printed) for left in lefts)
        return naming, _SURE if sure else _UNSURE, f"it stands first of what is said of the {naming.group}"
    tells_state = any(meaning.phrase.fact.endswith(".state") for meaning in meanings(label))
    if len(texts) == 1 and alone and len(lefts) >= _LEAST_ROWS and not (tells_state and texts[0].field != "state"):
        return texts[0], _UNSURE, f"it is all that is left to say of a {texts[0].group}"
    return None


def _has_form(fact: FactKind, lefts: Sequence[Leftover]) -> bool:
    if fact.name in _TEXTS:
        return all(_TEXTS[fact.name].match(left.entry.printed) for left in lefts)
    if fact.kind == "flag":
        return len(lefts) > 1 and all(flag_of(left.entry.printed) is not None for left in lefts)
    if fact.kind == "choice":
        return all(choice_named(fact.field, fact.choices, left.entry.printed) for left in lefts)
    form = _FORMS.get(fact.kind)
    return form is not None and all(form.match(left.entry.printed) for left in lefts)


@lru_cache(maxsize=8192)
def _facts_sharing_words(group: str, label: str) -> frozenset[str]:
    """The facts of a group with a phrase that is a part of the label, or that the label is a part of; of the longest."""
    best: dict[str, int] = {}
    spoken = {word for phrase, _ in _phrases_of(group) for word in phrase}
    for words in _ways_to_say(label):
        for phrase, fact in _phrases_of(group):
            part_of_label = phrase < words and not (words - phrase) & spoken
            part_of_phrase = words < phrase and FACTS[fact].kind != "text"
            if part_of_label or part_of_phrase:
                best[fact] = max(best.get(fact, 0), len(phrase & words))
    most = max(best.values(), default=0)
    return frozenset(fact for fact, shared in best.items() if shared == most)
