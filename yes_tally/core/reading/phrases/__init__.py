"""The phrase sets, one language a file, and the index that a label is looked up in."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping
from dataclasses import dataclass, replace
from functools import lru_cache

from rapidfuzz import process
from rapidfuzz.distance import OSA

from yes_tally.core.catalogue import FACTS, ITEMS
from yes_tally.core.choice_words import CHOICE_WORDS
from yes_tally.core.reading.meaning.labels import split_unit, words_of
from yes_tally.core.reading.phrases import dutch, english, french, german, italian, polish, portuguese, spanish
from yes_tally.core.reading.phrases.abbreviations import in_full
from yes_tally.core.reading.phrases.alike import labels_alike
from yes_tally.core.reading.phrases.commands import COMMAND_WORDS
from yes_tally.core.reading.phrases.glossary import in_english
from yes_tally.core.reading.phrases.synonyms import plainly
from yes_tally.core.reading.phrases.taught import TaughtPhrase, Words, in_use, label_key, per_book
from yes_tally.core.words import plain

LANGUAGES = {
    "en": english, "de": german, "fr": french, "es": spanish, "pt": portuguese, "it": italian, "nl": dutch, "pl": polish,
}  # fmt: skip

# How far a phrase reaches: "scoped" only where its group is spoken of, "weak" also among other facts of the PC,
# "strong" anywhere, "taught" before all others.
SCOPED, WEAK, STRONG, TAUGHT = 0, 1, 2, 3
_REACH = {"!": STRONG, "?": WEAK}

# Words that say only "which one" and may be missing from a label, or be too many in it.
_FILLERS = frozenset(
    "number no nr nb num nummer numero numer current value total name information info details count field".split()
)


@dataclass(frozen=True, slots=True)
class Phrase:
    """One meaning of a label: the fact, how far the phrase reaches, the label as the phrasebook has it, and the
    languages that say it so."""

    fact: str
    reach: int
    text: str
    languages: frozenset[str]


class PhraseClash(ValueError):
    """Two phrase sets claim one label for the same fact with different reach."""


def _labels() -> dict[Words, tuple[Phrase, ...]]:
    index: dict[Words, dict[str, Phrase]] = {}
    for language, module in LANGUAGES.items():
        for fact, line in (*module.LABELS.items(), *labels_alike(language)):
            if fact not in FACTS:
                raise PhraseClash(f"the {language} phrases name a fact that the catalogue does not have: {fact}")
            for entry in line.split("|"):
                reach = _REACH.get(entry[0], SCOPED)
                text = entry.lstrip("!?")
                known = index.setdefault(frozenset(words_of(text)), {})
                before = known.get(fact)
                if before is None or before.reach < reach:
                    known[fact] = Phrase(fact, reach, text, (before.languages if before else frozenset()) | {language})
                else:
                    known[fact] = replace(before, languages=before.languages | {language})
    index.pop(frozenset(), None)
    return {words: tuple(phrases.values()) for words, phrases in index.items()}


def _subjects() -> dict[tuple[str, ...], str]:
    return {
        words: group
        for module in reversed(LANGUAGES.values())
        for group, line in module.SUBJECTS.items()
        for entry in line.split("|")
        if (words := words_of(entry))
    }


def _labels_plainly() -> dict[Words, tuple[Phrase, ...]]:
    """The English phrases by the words that stand for all their synonyms."""
    index: dict[Words, dict[str, Phrase]] = {}
    for phrases in LABELS.values():
        for phrase in phrases:
            if "en" in phrase.languages and (words := frozenset(plainly(words_of(phrase.text)))):
                known = index.setdefault(words, {})
                if phrase.fact not in known or known[phrase.fact].reach < phrase.reach:
                    known[phrase.fact] = phrase
    return {words: tuple(phrases.values()) for words, phrases in index.items()}


LABELS: Mapping[Words, tuple[Phrase, ...]] = _labels()
PLAIN_LABELS: Mapping[Words, tuple[Phrase, ...]] = _labels_plainly()
SUBJECTS: Mapping[tuple[str, ...], str] = _subjects()
_LONGEST_SUBJECT = max(len(words) for words in SUBJECTS)


@dataclass(frozen=True, slots=True)
class Meaning:
    """A phrase that a label matched. ``subject`` is the group that the label names itself, or ``None``."""

    phrase: Phrase
    subject: str | None
    exact: bool


@dataclass(frozen=True, slots=True)
class SubjectAt:
    """A subject found among words: its group, and which words (from, to) name it."""

    group: str
    start: int
    end: int


# By a letter they are volumes, by a number disks.
_DRIVES = frozenset(("laufwerk", "lecteur", "unidad", "unita", "unidade", "station"))


@lru_cache(maxsize=16384)
def subjects_in(words: tuple[str, ...]) -> tuple[SubjectAt, ...]:
    """Every subject that the words name, the longest first, then the earliest."""
    found = [
        SubjectAt("disk" if _is_numbered_drive(words, start, length) else SUBJECTS[part], start, start + length)
        for length in range(min(_LONGEST_SUBJECT, len(words)), 0, -1)
        for start in range(len(words) - length + 1)
        if (part := words[start : start + length]) in SUBJECTS
    ]
    # What has no number may be either.
    found += [
        SubjectAt("disk", at.start, at.end)
        for at in found
        if at.group == "volume" and at.end - at.start == 1 and words[at.start] in _DRIVES
    ]
    return tuple(found)


def _is_numbered_drive(words: tuple[str, ...], start: int, length: int) -> bool:
    return length == 1 and words[start] in _DRIVES and "".join(words[start + 1 : start + 2]).isdigit()


def subject_called(noun: str, rest: str | None) -> str | None:
    """The subject that a noun and what it is called by name: ``Unidad`` and ``0`` a disk, ``Unidad`` and ``C:`` a volume."""
    words = words_of(noun)
    return "disk" if words[:1] and _is_numbered_drive((*words, rest or ""), 0, len(words)) else SUBJECTS.get(words)


_AFFIX = re.compile(
    r"^(?:list|show|get|ls|print|dump|which|what|my|read|see|tell|ask|query|view)(?=\w{3})|(?<=\w{3})(?:list|show|info|report|stats?|sheet|look|view|dump|table|facts?|check|log|run|book|tab|card|peek|watch|scan|find|probe|tool|util|ctl|desk|room|care|map|eye|roll|count|lens|line|liste|lijst|tabelle|tabel|uebersicht|ubersicht|overzicht|status|stand|infos?|versions?|versie)$"
)


# What a command's name may begin with, though no label would.
_BEGINS = {
    "boot": "boot_entry", "soft": "software", "prog": "software", "sock": "connection", "guard": "firewall",
    "printer": "printer", "print": "printer", "vol": "volume", "sound": "sound", "screen": "display", "user": "account",
    "batt": "battery", "update": "update", "cpu": "processor", "gpu": "graphics", "gfx": "graphics", "disk": "disk",
    "usr": "account", "prn": "printer", "drv": "driver", "svc": "task", "evt": "event", "lic": "licence",
}  # fmt: skip


def subject_of_command(word: str) -> str | None:
    """The subject that a word of a command says: as a command is called, or within its name."""
    return COMMAND_WORDS.get(word) or subject_within(word) or COMMAND_WORDS.get(_AFFIX.sub("", word))


def subject_within(word: str) -> str | None:
    """The subject within a command's name: ``eventlist``, ``showdisks``, ``bootbook``."""
    bare = _AFFIX.sub("", word)
    begun = next((group for start, group in _BEGINS.items() if word.startswith(start) and word != start), None)
    if (
        begun
        and "." not in word
        and words_of(word) not in SUBJECTS
        and words_of(bare) not in SUBJECTS
        and bare not in COMMAND_WORDS
    ):
        return begun
    for at in range(3, len(word) - 2):
        if (word[:at], word[at:]) in SUBJECTS:
            return SUBJECTS[(word[:at], word[at:])]
    return SUBJECTS.get(words_of(bare)) if bare != word and bare else None


@per_book(16384)
def meanings(label: str) -> tuple[Meaning, ...]:
    """Everything that a label may stand for, whatever the context; a dictionary look-up, not a search."""
    words = words_of(label)
    if not words or len(words) > 12:
        return ()
    taught = taught_everywhere(label)
    if taught:
        return (Meaning(_as_phrase(taught), None, True),) if taught.fact else ()
    if known := _meanings_of(words, LABELS):
        return known
    # No phrase has it: what its words are in English may be one, or what it is when its words are parted.
    ways = (*ways_in_english(label), *_parted(words))
    return next((known for way in ways if (known := _meanings_of(way, LABELS))), ())


_SHORTEST_JOINED = 8


def _parted(words: tuple[str, ...]) -> Iterator[tuple[str, ...]]:
    """``lastbootuptime``, ``diskserialnumber``: a label whose words run together, each way that a phrase has them, or a
    subject and a phrase."""
    if len(words) != 1 or len(words[0]) < _SHORTEST_JOINED or not words[0].isalpha():
        return
    whole, joined = words[0], _run_together()
    if whole in joined:
        yield joined[whole]
    for at in range(3, len(whole) - 3):
        if (whole[:at],) in SUBJECTS and whole[at:] in joined:
            yield whole[:at], *joined[whole[at:]]


@lru_cache(maxsize=1)
def _run_together() -> dict[str, tuple[str, ...]]:
    """The words of every phrase of several by what they are when they run together, and of those of one longer word."""
    found: dict[str, tuple[str, ...]] = {}
    for phrases in LABELS.values():
        for phrase in phrases:
            words = words_of(phrase.text)
            key = words_of("".join(filter(str.isalnum, plain(phrase.text))))
            if key and (len(words) > 1 or len(key[0]) >= _SHORTEST_NEAR):
                found.setdefault(key[0], words)
    return found


@per_book(16384)
def meanings_plainly(label: str) -> tuple[Meaning, ...]:
    """What a label may stand for by the synonyms of its words; also when it means something as it is."""
    words = words_of(label)
    if not words or len(words) > 12 or taught_everywhere(label):
        return ()
    ways = (plainly(way) for way in (words, *ways_in_english(label)))
    return next((known for way in ways if (known := _meanings_of(way, PLAIN_LABELS))), ())


def ways_in_english(label: str) -> list[tuple[str, ...]]:
    """The words of a label of another language in English, each way they may be put."""
    return [words_of(text) for text in in_english(label, _english_words())]


def _meanings_of(words: tuple[str, ...], labels: Mapping[Words, tuple[Phrase, ...]]) -> tuple[Meaning, ...]:
    found: dict[tuple[str, str | None], Meaning] = {}

    def add(part: Words, subject: str | None, exact: bool) -> None:
        taught = in_use().everywhere.get(part)
        known = labels.get(part, ()) if taught is None else (_as_phrase(taught),) if taught.fact else ()
        for phrase in known:
            group = phrase.fact.partition(".")[0]
            if subject is None or group == subject:
                found.setdefault((phrase.fact, subject), Meaning(phrase, subject, exact and labels is LABELS))

    bare = frozenset(words) - _FILLERS
    add(frozenset(words), None, True)
    for at in subjects_in(words):
        rest = frozenset(words[: at.start] + words[at.end :])
        add(rest, at.group, True)
        add(rest - _FILLERS, at.group, False)
    if bare:
        add(bare, None, False)
    return tuple(found.values())


@lru_cache(maxsize=1)
def _english_words() -> frozenset[str]:
    return frozenset(
        word
        for line in (*english.LABELS.values(), *english.SUBJECTS.values())
        for entry in line.split("|")
        for word in words_of(entry)
    )


def taught_everywhere(label: str) -> TaughtPhrase | None:
    """What the team taught for this label, wherever it stands."""
    everywhere = in_use().everywhere
    return everywhere.get(label_key(label)) if everywhere else None


def _as_phrase(taught: TaughtPhrase) -> Phrase:
    return Phrase(taught.fact or "", TAUGHT, taught.label, frozenset(LANGUAGES))


_LONG = 9
_SHORTEST_NEAR = 5


@lru_cache(maxsize=1)
def _vocabulary() -> frozenset[str]:
    return frozenset(word for phrase in (*LABELS, *SUBJECTS) for word in phrase if len(word) >= _SHORTEST_NEAR)


@lru_cache(maxsize=1)
def _said_of_things() -> frozenset[str]:
    """What things are, in words, as choices have them (``caution`` of a disk)."""
    return frozenset(word for field in CHOICE_WORDS.values() for words in field.values() for word in words.split("|"))


@lru_cache(maxsize=1)
def _by_letter() -> dict[tuple[str, int], list[str]]:
    """The vocabulary by first letter and length: a slip changes neither by much."""
    found: dict[tuple[str, int], list[str]] = {}
    for word in sorted(_vocabulary()):
        found.setdefault((word[0], len(word)), []).append(word)
    return found


@per_book(16384)
def near_misses(label: str) -> tuple[Meaning, ...]:
    """What a misspelt label may stand for: each unknown longer word taken for the one known word next to it.

    Empty when the label means something as it is, or when a word has no near neighbour or more than one.
    """
    words = words_of(label)
    if not words or len(words) > 6 or meanings(label) or taught_everywhere(label):
        return ()
    known = _vocabulary()
    if any(word not in known and not word.isalpha() for word in words) or " ".join(words) in _said_of_things():
        return ()  # a digit is no slip of a letter (``slot0`` numbers something), nor is a word that says how a thing is
    mended = [word if word in known or len(word) < _SHORTEST_NEAR else _neighbour(word) for word in words]
    if None in mended or mended == list(words):
        return ()
    return meanings(" ".join(str(word) for word in mended))


@lru_cache(maxsize=1)
def _all_words() -> tuple[tuple[str, ...], frozenset[str]]:
    words = frozenset(word for phrase in (*LABELS, *SUBJECTS) for word in phrase)
    return tuple(sorted(words)), words


@per_book(16384)
def abbreviated(label: str) -> tuple[Meaning, ...]:
    """What a label may stand for whose words are cut short; empty when it means something as it is."""
    if meanings(label) or taught_everywhere(label):
        return ()
    words, known = _all_words()
    found = {
        meaning.phrase.fact: meaning
        for whole in in_full(label, words, known)
        for meaning in _meanings_of(words_of(whole), LABELS)
        if meaning.exact
    }
    return tuple(found.values())


def _neighbour(word: str) -> str | None:
    """The one known word that a slip of the fingers away: a letter wrong, missing, too many, or two changed places."""
    slips = 1 if len(word) < _LONG else 2
    lengths = range(len(word) - slips, len(word) + slips + 1)
    near = [other for length in lengths for other in _by_letter().get((word[0], length), ())]
    found = process.extract(word, near, scorer=OSA.distance, score_cutoff=slips, limit=2)
    alone = len(found) == 1 or (len(found) == 2 and found[0][1] < found[1][1])
    return str(found[0][0]) if alone else None


@lru_cache(maxsize=4096)
def is_unique(phrase: Phrase) -> bool:
    """Whether no other fact has this phrase, in any language."""
    return len(LABELS.get(frozenset(words_of(phrase.text)), ())) == 1


_IN_BRACKETS = re.compile(r"(?P<label>[^()/]{2,30}?) \((?P<parts>[^()/]+(?: ?/ ?[^()/]+)+)\)")


def labels_in_brackets(label: str) -> list[str]:
    """The labels that one holds whose brackets list words (``Speed (set / rated)``): each word is said of what stands
    before them. None where a label holds no more than itself."""
    several = _IN_BRACKETS.fullmatch(label)
    return [f"{several['label']} {part.strip()}" for part in several["parts"].split("/")] if several else []


@per_book(16384)
def is_known(label: str) -> bool:
    """Whether a label means anything at all, be it only which item is spoken of."""
    if meanings(label) or names_item(label):
        return True
    if parts := labels_in_brackets(label):
        return all(map(meanings, parts))
    if "/" in label and len(parts := label.split("/")) == 2:
        return all(meanings(part.strip()) for part in parts)
    if field_of_item(label):
        return True
    bare, unit = split_unit(label)
    return (bool(unit) or label.endswith(")")) and bare != label and bool(meanings(bare))


# ``Disk 0 model``, ``DISK0 S/N``, ``Disk[0] model``, ``disk/0/model``, ``Disk 0 > Model``, ``DIMM A1 size``, ``Volume C label``
_ITEM_AND_FIELD = re.compile(
    r"(?P<head>[^\W\d_]+(?: [^\W\d_]+)?)(?: ?[#\[(]| |[-./:_])?(?P<index>\d{1,3}|(?<= )[A-Z]\d{0,2})"
    r"(?:[)\]]?[:,.]?[ /]|[)\]]?[./:](?=[^\W\d])|[)\]])(?:[-–/|>›:] )?(?P<rest>[^\W\d].*)"
)
# ``Model of disk 0``, ``Size (module A1)``
_FIELD_OF_ITEM = re.compile(
    r"(?P<rest>[^\W\d].*?),? [(\[]?(?:(?:of|von|vom|du|de|del|do|da|di|van|des|dell|of the|von der) )?"
    r"(?P<head>[^\W\d_]+(?: [^\W\d_]+)?) #?(?P<index>\d{1,3}|[A-Z]\d{0,2})[)\]]?"
)
_LONGEST = 80


@per_book(16384)
def field_of_item(label: str) -> re.Match[str] | None:
    """A label that says in words of which thing it is, where the rest of it means something of its own: ``head`` is the
    kind of thing, ``index`` which one, ``rest`` the field."""
    for way in (_ITEM_AND_FIELD, _FIELD_OF_ITEM) if len(label) <= _LONGEST else ():
        match = way.fullmatch(label)
        if (
            match
            and SUBJECTS.get(words_of(match["head"])) in ITEMS
            and (meanings(match["rest"]) or meanings_plainly(match["rest"]))
        ):
            return match
    return None


@per_book(16384)
def is_likely(label: str) -> bool:
    """Whether a label means anything at all, be it by synonyms of its words."""
    return is_known(label) or bool(meanings_plainly(label)) or bool(abbreviated(label))


@lru_cache(maxsize=16384)
def names_item(label: str) -> bool:
    """Whether a label names an item by its number: ``Disk 0``, ``Battery 1 of 2``, ``Socket A1``."""
    *nouns, number = words_of(label) or ("",)
    if nouns and (nouns[-1].isdigit() or nouns[-1] in _NUMBER_WORDS):
        nouns.pop()
    group = SUBJECTS.get(tuple(nouns))
    return group in ITEMS and (number.isdigit() or (group == "module" and _SOCKET.fullmatch(number) is not None))


_NUMBER_WORDS = frozenset({"no", "nr", "num", "n"})
# What a board calls its memory sockets: ``A1``.
_SOCKET = re.compile(r"[a-h]\d{1,2}")
