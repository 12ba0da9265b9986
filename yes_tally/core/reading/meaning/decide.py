"""Which fact a label means, given what is spoken of around it."""

from __future__ import annotations

import re
from typing import NamedTuple

from yes_tally.core.catalogue import FACTS, ITEMS, KEYS, SINGLE_GROUPS
from yes_tally.core.reading.meaning.labels import split_unit, words_of
from yes_tally.core.reading.phrases import (
    SCOPED,
    STRONG,
    TAUGHT,
    WEAK,
    Meaning,
    abbreviated,
    is_unique,
    meanings,
    meanings_plainly,
    near_misses,
    subjects_in,
    taught_everywhere,
)
from yes_tally.core.reading.phrases.taught import TaughtPhrase, per_book

ITEM_GROUPS = frozenset(ITEMS)

# What a value is when its label only names the subject.
NAMING: dict[str, str] = {
    "machine": "machine.model", "board": "board.model", "firmware": "firmware.version", "memory": "memory.installed",
    "os": "os.name", "licence": "licence.state", "processor": "processor.name", "module": "module.slot",
    "disk": "disk.number", "partition": "partition.number", "volume": "volume.mount", "graphics": "graphics.name",
    "display": "display.name", "sound": "sound.name", "printer": "printer.name", "battery": "battery.name",
    "adapter": "adapter.name", "update": "update.id", "software": "software.name", "driver": "driver.name",
    "account": "account.name", "task": "task.name", "firewall": "firewall.profile", "boot_entry": "boot_entry.id",
    "variable": "variable.name", "process": "process.name", "page_file": "page_file.path",
}  # fmt: skip

# A PC has one of these as a rule, so that a word which only they know speaks of it anywhere.
_ALONE = frozenset({*SINGLE_GROUPS, "processor"})

# A group whose total or limit is told among its parts.
RELATED: dict[str, frozenset[str]] = {
    "module": frozenset({"memory"}),
    "memory": frozenset({"module"}),
    "licence": frozenset({"os"}),
    "machine": frozenset({"host"}),
}

# What may be told of what the parts make up, too: where all of a memory is (SMBIOS 3.7, 7.17.1).
_OF_ALL_TOO = frozenset({"location", "position", "place", "loc", "pos"})
# What means so only where nothing else is spoken of around it: the number of a system (CIM_OperatingSystem), not of a PC.
_ASKED_ALONE = frozenset({("os.product_id", "serial number")})

# ``Kennung (UUID)``, ``Proces (PID)``: what stands in brackets may be the better known name.
_NAMED_ASIDE = re.compile(r"\(([^\W\d_][\w ]{2,20})\)")


class Context(NamedTuple):
    """What is spoken of: ``group`` by the record itself, ``around`` by headings and the command, nearest first; and
    in which language, if that is known."""

    group: str | None
    around: tuple[str, ...] = ()
    language: str = ""

    @property
    def item(self) -> bool:
        return self.group in ITEM_GROUPS


class Guess(NamedTuple):
    """A fact that a label may mean, with the confidence (0-1) and the reason in words."""

    fact: str
    confidence: float
    why: str
    phrase: str = ""


@per_book(16384)
def decide(label: str, context: Context) -> tuple[Guess, ...]:
    """The facts that ``label`` may mean here, best first; empty when nothing fits."""
    taught = taught_everywhere(label)
    if taught:
        return as_taught(taught)
    guesses: dict[str, Guess] = {}
    told = meanings(label)
    wholes = [m.phrase for m in told if m.exact and not m.subject and " " in m.phrase.text]
    whole = {phrase.fact.partition(".")[0] for phrase in wholes}
    strong = any(phrase.reach == STRONG for phrase in wholes)
    for meaning in told:
        guess = _weigh(meaning, context)
        if guess and meaning.subject and (meaning.subject in whole or (strong and context.group is None)):
            # The label as a whole is a phrase; what it says in parts comes after.
            guess = guess._replace(confidence=round(guess.confidence - 0.03, 3))
        if guess and (guess.fact not in guesses or guesses[guess.fact].confidence < guess.confidence):
            guesses[guess.fact] = guess
    for guess in _by_naming(label, context):
        if (guess.fact == "machine.model" and guesses) or (guess.fact == "host.name" and "machine.form" in guesses):
            continue  # ``Chassis`` says which form, not which model, nor what the PC is called
        guesses.setdefault(guess.fact, guess)
    bare, _ = split_unit(label)
    if not guesses and bare != label:
        aside = _NAMED_ASIDE.search(label)
        return decide(bare, context) or (decide(aside[1], context) if aside else ())
    if not guesses and context.group in _SIZED and _SIZE_ALONE.fullmatch(label):
        # ``"gb": 16`` of a module
        return (Guess(f"{context.group}.size", 0.82, "its unit says what it is"),)
    if not guesses:
        guesses = {guess.fact: guess for guess in _coupled(label, context)}
    if not guesses:
        ways = (_by_synonyms, _near, _in_full, _by_letter)
        guesses = {guess.fact: guess for way in reversed(ways) for guess in way(label, context)}
    # Of two that are as likely, the one that fewer values can be is tried first.
    return tuple(sorted(guesses.values(), key=lambda g: (-g.confidence, FACTS[g.fact].kind == "text")))


_SIZED = frozenset({"module", "disk", "partition", "volume"})
_SIZE_ALONE = re.compile(r"[mgt]i?b", re.I)
_COUPLED = re.compile(
    r"(?P<maker>[^\W\d_]{3,20})(?:\s*[/&+]\s*| and | und | et | y | e | en | i )(?P<model>[^\W\d_]{3,20})"
)
_COUPLED_LOSS = 0.1


def _coupled(label: str, context: Context) -> list[Guess]:
    """``Maker/model`` of a thing is what it is called."""
    match = _COUPLED.fullmatch(label) if context.item else None
    if match is None or not any(g.fact.endswith(".maker") for g in decide(match["maker"], context)):
        return []
    named = (g for g in decide(match["model"], context) if g.fact.endswith((".model", ".name")))
    return [guess._replace(confidence=round(guess.confidence - _COUPLED_LOSS, 3)) for guess in named]


def as_taught(taught: TaughtPhrase) -> tuple[Guess, ...]:
    """What the team taught is what a label means; nothing, if it taught so."""
    return (Guess(taught.fact, 0.97, taught.said, taught.label),) if taught.fact else ()


def _weigh(meaning: Meaning, context: Context) -> Guess | None:
    phrase = meaning.phrase
    group = phrase.fact.partition(".")[0]
    loss = 0.0 if meaning.exact else 0.05
    if context.language and context.language not in phrase.languages:
        loss += OTHER_LANGUAGE
    said = f"“{phrase.text}” is a phrase of {phrase.fact}"
    if phrase.reach == TAUGHT and (meaning.subject is None or group == meaning.subject):
        return Guess(phrase.fact, 0.95, f"“{phrase.text}” was taught as {phrase.fact}", phrase.text)
    if (phrase.fact, phrase.text) in _ASKED_ALONE and context.around != (group,):
        return None
    if group == context.group:
        return Guess(phrase.fact, 0.96 - loss, f"{said}; {group} is spoken of here", phrase.text)
    if meaning.subject:
        stands = 0.93 if meaning.subject not in ITEM_GROUPS or not context.item else 0.45
        if context.group == "licence" and group == "software":
            stands = 0.8  # the product that a PC's licence is for is its system
        return Guess(phrase.fact, stands - loss, f"{said}; the label names {group}", phrase.text)
    if context.group and group in RELATED.get(context.group, ()) and phrase.text not in _OF_ALL_TOO:
        stands = 0.94 if meaning.exact and phrase.reach == STRONG else 0.86
        return Guess(phrase.fact, stands - loss, f"{said}; {context.group} is spoken of here", phrase.text)
    if phrase.reach == STRONG:
        if context.item and phrase.fact in _SAID_OF_ITEMS_TOO:
            return None
        if phrase.fact == "machine.tag" and any(group in ITEM_GROUPS for group in context.around[:1]):
            return None  # ``Labels: Strip-O-Matic, USB001`` among printers
        return Guess(phrase.fact, (0.75 if context.item else 0.92) - loss, f"{said}, wherever it stands", phrase.text)
    if group in _ALONE and not context.item and is_unique(phrase):
        return Guess(phrase.fact, 0.76 - loss, f"{said} and of no other fact", phrase.text)
    if phrase.fact in _ADDRESSES and not context.item and not _SAYS_WHICH.isdisjoint(words_of(phrase.text)):
        return Guess(phrase.fact, 0.72 - loss, f"{said}, and its address can be of nothing else", phrase.text)
    if group in context.around and not context.item and context.group is None:
        return Guess(phrase.fact, 0.85 - loss, f"{said}; the heading speaks of {group}", phrase.text)
    if phrase.reach == WEAK and not context.item and not any(a in ITEM_GROUPS for a in context.around[:1]):
        return Guess(phrase.fact, 0.76 - loss, f"{said}, among facts of the PC itself", phrase.text)
    return None


# An item's own record may have these, of the item and not of the PC.
_SAID_OF_ITEMS_TOO = frozenset(
    "machine.tag machine.serial machine.model machine.maker machine.sku os.language host.owner".split()
)


# What a sheet of the PC tells of its adapter; no text but an address is one.
_ADDRESSES = frozenset({"adapter.mac", "adapter.ipv4"})
_SAYS_WHICH = frozenset({"ip", "ipv4", "mac"})


def _near(label: str, context: Context) -> list[Guess]:
    """A misspelt label counts only where its group is spoken of, and is always a doubt."""
    found = [guess for meaning in near_misses(label) if (guess := _weigh(meaning, context)) and guess.confidence > 0.9]
    return [
        Guess(g.fact, round(g.confidence - NEAR_LOSS, 3), f"“{label}” looks like a misspelling: {g.why}", g.phrase)
        for g in found
    ]


def _in_full(label: str, context: Context) -> list[Guess]:
    """A label with words cut short counts only where its group is spoken of, and means but one fact of it."""
    found = [guess for meaning in abbreviated(label) if (guess := _weigh(meaning, context)) and guess.confidence > 0.9]
    return [
        Guess(g.fact, round(g.confidence - NEAR_LOSS, 3), f"“{label}” is cut short: {g.why}", g.phrase)
        for g in found[: len(found) == 1]
    ]


def _by_synonyms(label: str, context: Context) -> list[Guess]:
    """What a label says in other words than any phrase does: only where its group is spoken of, in a little doubt."""
    found: dict[str, Guess] = {}
    for meaning in meanings_plainly(label):
        group, phrase = meaning.phrase.fact.partition(".")[0], meaning.phrase
        whole = (
            not context.item and (meaning.subject == group or phrase.reach == STRONG) and len(words_of(phrase.text)) > 1
        )
        guess = _weigh(meaning, context) if group == context.group or (whole and group in SINGLE_GROUPS) else None
        if guess and guess.fact not in found:
            found[guess.fact] = guess._replace(
                confidence=round(guess.confidence - SYNONYM_LOSS, 3),
                why=f"“{label}” in other words: {guess.why}",
            )
    return list(found.values())


def _by_naming(label: str, context: Context) -> list[Guess]:
    words = words_of(label)
    found = subjects_in(words)
    if not found or found[0].end - found[0].start != len(words):
        return []
    group = found[0].group
    if group not in NAMING or (context.item and context.group != group):
        return []
    fact = NAMING[group]
    if group == "account" and not context.item and group not in context.around:
        return [Guess("host.user", 0.85, "the label names the user of the PC")]
    if split_unit(label)[1][-1:] in ("B", "b") and f"{group}.size" in FACTS:
        return [Guess(f"{group}.size", 0.85, f"the label names {group}, and the unit of a size")]  # ``disk_gb``
    found_facts = [Guess(fact, 0.85 if group != context.group else 0.9, f"the label names {group}")]
    if group == "machine":
        found_facts.append(Guess("host.name", 0.8, "the label names the PC"))
    if group == "disk":
        found_facts.append(Guess("disk.model", 0.84, "the label names a disk, and a number it is not"))
    if group == "processor" and label.rstrip("): ").lower().endswith("s"):
        found_facts.append(Guess("processor.threads", 0.84, "the label counts processors"))
    return found_facts


# What a document that is kept short says by one letter.
_LETTERS = {"n": "name", "v": "version", "f": "file", "w": "width", "h": "height"}


def _by_letter(label: str, context: Context) -> list[Guess]:
    """``<p n="Quaymaster Desk" v="7.2.1"/>`` of programs: only where an item is spoken of that has such a field."""
    fact = f"{context.group}.{_LETTERS.get(label, '')}"
    return [Guess(fact, 0.82, f"its letter, of what a {context.group} has")] if context.item and fact in FACTS else []


# A word of another language may mean something else there; where only it fits, it still counts.
OTHER_LANGUAGE = 0.04
NEAR_LOSS = 0.25
SYNONYM_LOSS = 0.1
# So many labels of one item speak for it even among others.
_MANY = 5


def infer_group(labels: tuple[str, ...], around: tuple[str, ...], table: bool) -> str | None:
    """Which group a record's or a table's labels speak of, if any."""
    found = infer_groups(labels, around, table)
    return found[0] if found else None


# What stands on a sheet of the whole PC, and what no such sheet is about.
_OF_THE_WHOLE = frozenset({"host", "os"})
_PARTS = frozenset({"processor", "module", "disk", "graphics", "display", "sound", "battery"})


# ``memory slot=1 type=DDR3``: the items that are told of under what they make up.
_LISTED_UNDER = {"memory": "module"}


@per_book(4096)
def infer_groups(labels: tuple[str, ...], around: tuple[str, ...], table: bool) -> tuple[str, ...]:
    """Which groups a record's or a table's labels may speak of, the one that explains most of them first.

    An item must explain half of a table's header (two labels at least) or three fifths of a record (three labels at
    least), or be named around it.
    """
    if not labels:
        return ()
    found: list[str] = []
    explained: dict[str, float] = {}
    hits: dict[str, int] = {}
    shared: dict[str, int] = {}
    told: set[tuple[str, str]] = set()
    of_whole: set[str] = set()
    named_here: set[str] = set()
    known = 0
    for label in labels:
        bare = split_unit(label)[0]
        ways = (*meanings(label), *meanings(bare)) or meanings_plainly(bare)
        groups = {
            m.phrase.fact.partition(".")[0]: m for m in ways if (m.phrase.fact, m.phrase.text) not in _ASKED_ALONE
        }
        if not table and "host" in groups and groups["host"].phrase.fact == "host.name":
            groups.setdefault("machine", groups["host"])  # a sheet of the PC gives its name
        known += bool(groups)
        if not table and any(m.phrase.reach == STRONG and g in _OF_THE_WHOLE for g, m in groups.items()):
            of_whole |= _PARTS - groups.keys()
        named = {m.subject for m in groups.values() if m.subject}
        for group, meaning in groups.items():
            fact = meaning.phrase.fact.partition(".")[2]
            key = group in KEYS and any(k.field == fact for k in KEYS[group])
            if NAMING.get(group) == meaning.phrase.fact:
                named_here.add(group)
            weight = 1.0 + (0.2 if key else 0.0) + (0.3 if group in named else 0.0)
            weight += {TAUGHT: 0.5, STRONG: 0.3, WEAK: 0.25}.get(meaning.phrase.reach, 0.0)
            if table or (group, fact) not in told:  # a second label for one fact tells of another thing
                explained[group] = explained.get(group, 0.0) + weight
            told.add((group, fact))
            hits[group] = hits.get(group, 0) + 1
        # What would be said of the PC itself in the same words speaks less for an item.
        if not table and any(m.phrase.reach != SCOPED and g in SINGLE_GROUPS for g, m in groups.items()):
            for group in groups.keys() & ITEM_GROUPS:
                shared[group] = shared.get(group, 0) + 1
    for place, group in enumerate(around):
        for of in {group, _LISTED_UNDER.get(group, group)} & explained.keys():
            explained[of] += 1.5 - 0.4 * min(place, 2)
    order = {group: index for index, group in enumerate((*SINGLE_GROUPS, *ITEMS))}
    # What a heading right above speaks of, its labels are of, where most of them can be.
    nearest = next((group for group in around if group in hits), "")
    headed = nearest if nearest in SINGLE_GROUPS and hits[nearest] * 2 >= max(known, 2) else ""
    if headed == "os" and hits.get("machine", 0) > hits["os"]:
        headed = "machine"  # a *system* with a maker, a model and a serial number is no software
    for group in sorted(explained, key=lambda g: (g != headed, -explained[g], order[g])):
        share = hits[group] / known if hits[group] * 5 >= len(labels) or hits[group] >= _MANY else 0.0
        near = group in around[:2]
        if group not in ITEM_GROUPS:
            if hits[group] >= 2 or near:
                found.append(group)
        elif (group not in of_whole or near) and (
            (
                share >= (0.5 if table else 0.6)
                and hits[group] >= (2 if table else 3)
                and hits[group] > shared.get(group, 0)
            )
            or (near and (share >= 0.3 or (table and group in named_here and hits[group] >= 2)))
            or (hits[group] - shared.get(group, 0) >= _MANY and share >= 0.4)
        ):
            found.append(group)
    return tuple(found)
