"""What a thing is called: of several labels and words that could say it, which does, and what stands beside it."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.failures import failure_kind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import NAMING, Context, Guess, decide
from yes_tally.core.reading.meaning.labelled import Told
from yes_tally.core.reading.meaning.labels import MERELY_NAME, words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.values.text_forms import BOOT_ID, DAY, MOMENT
from yes_tally.core.reading.values.understand import MAX_TEXT, understand
from yes_tally.core.words import choice_named, flag_of

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MARKED_NAME = re.compile(r"(?P<name>\S.*?)\s+[(\[](?P<mark>[^\W\d_][\w ]{1,24})[)\]]")
# What the kernel calls a card or a disk is its name too.
_KERNEL_NAME = re.compile(r"[a-z]{2,10}\d{1,2}")
# What describes a thing tells what it is called, whatever else a record says first.
_DESCRIBING = frozenset(
    (word,) for word in "description beschreibung descripcion descricao descrizione omschrijving opis".split()
)


def names_and_tells(interpreter: Interpreter, entry: Entry, item: Item, shape: str) -> bool:
    """``Page file: C:\\page.sys, 4096 MB, 812 MB used`` within a page file's record: what it is called, and more."""
    called = CALLED.get(item.group)
    if called is None:
        return False
    meant = decide(entry.label, interpreter.context(item.group))[:1]
    if any(guess.phrase and guess.fact != called and guess.fact.startswith(f"{item.group}.") for guess in meant):
        return False  # ``Link: up, 1 Gbit/s``: a field
    # ``Cards``: no kind by itself, but of cards what they are called.
    calls_it = words_of(entry.label) not in MERELY_NAME and any(guess.fact == called for guess in meant)
    names_it = SUBJECTS.get(words_of(entry.label)) == item.group or (calls_it and item.group == "adapter")
    return names_it and told_bare(interpreter, entry, item.group, item, shape, called)


def is_named_below(
    interpreter: Interpreter, entry: Entry, entries: Sequence[Entry], guess: Guess, context: Context
) -> bool:
    """``Battery  BAT0`` in a record that has a ``Name`` too: which one it is, not what it is called."""
    kind = FACTS[guess.fact]
    if (
        guess.fact not in (NAMING.get(kind.group), f"{kind.group}.name")
        or kind.kind != "text"
        or _KERNEL_NAME.fullmatch(entry.printed)
    ):
        return False
    by_its_kind = not guess.phrase or SUBJECTS.get(words_of(entry.label)) == kind.group
    return any(
        (other.line, other.label) != (entry.line, entry.label)
        and other.label
        and SUBJECTS.get(words_of(other.label)) != kind.group
        and not is_device_of_driver(other.label, guess)
        and (by_its_kind or words_of(other.label) in _DESCRIBING)
        and (means := interpreter.means(other.label, context)[:1])
        and means[0].fact == guess.fact
        and means[0].phrase
        for other in entries
    )


_DEVICE = frozenset(
    (word,) for word in "device gerat peripherique appareil dispositivo aparelho apparaat urzadzenie".split()
)


def is_device_of_driver(label: str, guess: Guess) -> bool:
    """Whether a label names the device that a driver is for."""
    return guess.fact == "driver.name" and words_of(label) in _DEVICE


def without_host(interpreter: Interpreter, entry: Entry, told: Told, shape: str) -> tuple[Entry, Told]:
    """``NQ-HR-6 Corrane Tallow 14``: the PC's own name before its model, which is told apart."""
    first, blank, model = entry.printed.partition(" ")
    if not blank or first.casefold() not in {host.casefold() for host in interpreter.hosts}:
        return entry, told
    interpreter.add(
        "host.name", None, replace(entry, printed=first), exactly("text", first), shape, 0.8, "the prompt has this name"
    )
    model = model.strip()
    at = entry.column + entry.printed.index(model)
    return replace(entry, printed=model, column=at), told._replace(value=exactly("text", model), printed=model)


def without_mark(
    interpreter: Interpreter, entry: Entry, told: Told, shape: str, item: Item | None
) -> tuple[Entry, Told]:
    """``Hall printer (default)``: what stands in brackets behind a name is said of it, and no part of it."""
    marked = _MARKED_NAME.fullmatch(entry.printed)
    if marked and told.fact == "display.name" and marked["mark"][0].islower():
        called = marked["name"].rstrip()  # ``Veldt V27 (main)``
        return replace(entry, printed=called), told._replace(value=exactly("text", called), printed=called)
    said = _said_by(interpreter, marked["mark"], told.fact.partition(".")[0]) if marked else None
    if marked is None or said is None:
        return entry, told
    at = Entry(entry.label, marked["mark"], entry.line, entry.column + marked.start("mark"))
    interpreter.add(said[0], item, at, said[1], shape, 0.85, "it stands in brackets after its name")
    called = marked["name"].rstrip()
    return replace(entry, printed=called), told._replace(value=exactly("text", called), printed=called)


# Of which kind the thing of a group is, where a word alone may say it.
_KINDS = {"adapter": "adapter.kind", "machine": "machine.form"}


def _said_by(interpreter: Interpreter, mark: str, group: str) -> tuple[str, Value] | None:
    """The fact of a group that a word alone says, and the value it says: a flag that it names, or of which kind it is."""
    for guess in decide(mark, interpreter.context(group))[:1]:
        if FACTS[guess.fact].kind == "flag" and guess.fact.startswith(f"{group}.") and guess.phrase:
            return guess.fact, exactly("flag", True)
    fact = FACTS.get(_KINDS.get(group, ""))
    kind = choice_named(fact.field, fact.choices, mark) if fact else None
    return (fact.name, exactly("choice", kind)) if fact and kind else None


# That one of several is used by itself, and by which fact a pair names the one.
DEFAULTS = {"printer.default": "printer.name", "boot_entry.default": "boot_entry.id"}


def names_default(interpreter: Interpreter, entry: Entry, shape: str, guess: Guess) -> bool:
    """``Default printer: Hall printer``, ``Default: {current}``: which of several it is. Whether it is told so."""
    naming = DEFAULTS[guess.fact]
    if ", " in entry.printed or "(" in entry.label:
        return False  # ``Hall printer (default): Gullwing 4, port USB001``
    if guess.phrase and not set(words_of(guess.phrase)) & set(words_of(entry.label)):
        return False  # only what it stands under says so
    value = understand(FACTS[naming], entry.printed, interpreter.locale) if flag_of(entry.printed) is None else None
    if value is None or (naming.endswith(".id") and not BOOT_ID.fullmatch(entry.printed)):
        return False
    item = interpreter.new_item(FACTS[naming].group)
    interpreter.add(naming, item, entry, value, shape, 0.85, "it is named as the default")
    interpreter.asides(naming, item, entry, shape, 0.85)
    interpreter.add(guess.fact, item, entry, exactly("flag", True), shape, 0.85, "it is named as the default")
    return True


# ``Drive D: is damaged``: what goes on with a sentence is no name.
_SAYS_SO = re.compile(
    r"(?:is|are|was|were|has|have|ist|sind|wurden?|wird|hat|est|sont|a été|est[áa]n?|fue|tiene|è|é|foi|tem|ha|sono|zijn|wordt|werd|heeft|jest|s[ąa]|zosta\w+|ma) (?=[^\W\d])"
)
_OF_CHECK = re.compile(
    r"\b(?:check|scan|test|v[ée]rif|contr[ôo]l|comprob|verif|kontrol|sprawdz)|pr[üu]fung|controle\b", re.I
)


def goes_on_with_check(printed: str) -> bool:
    """Whether what stands behind a colon is the rest of a sentence on a check (``Volume C: is in use, the check was put
    off.``)."""
    return printed.endswith(".") and bool(_SAYS_SO.match(printed) and _OF_CHECK.search(printed))


_WHICH = re.compile(
    r"(?:no|nr|num|n|number|nummer|numéro|número|numero|numer)?[.°º]? ?#?\d{1,2}[.:]?|[^\W\d_]+ \d{1,2} ?(?:/|of|von|sur|de|di|van|z) ?\d{1,2}",
    re.I,
)


_MOMENT = re.compile(
    r"(?:\d{4}-\d\d-\d\d|\d{1,2}([./-])\d{1,2}\1(?:\d{4}|\d\d))(?:[T ,]+\d{1,2}:\d\d(?::\d\d)?)?|\d{1,2}:\d\d(?::\d\d)?|"
    rf"{MOMENT}|{DAY}",
    re.I,
)


# ``(damaged entry)``
_REMARK = re.compile(r"\([^()]*\)")


def names_nothing(text: str) -> bool:
    """Whether nothing is called so: signs alone, which one it is (``no. 2``), a moment, a remark in brackets, several parts of a row, or that
    something failed (``printers: the service did not answer``)."""
    if not any(map(str.isalnum, text)) or ",  " in text or _SAYS_SO.match(text) or _WHICH.fullmatch(text):
        return True
    if _MOMENT.fullmatch(text) or _REMARK.fullmatch(text):
        return True
    return text.count(" ") > 1 and failure_kind(text[:MAX_TEXT]) is not None


# ``3 (one of them off)``, ``2 connected``
_COUNT_OF_THEM = re.compile(r"\d{1,3}(?: \([^()]*\)|(?: [^\W\d_]+){1,3})")


def only_counts(entry: Entry) -> bool:
    """Whether a kind's label stands before how many there are of it, and not before what one is called."""
    words = entry.printed.partition(" ")[2]
    counts = words == words.casefold() and _COUNT_OF_THEM.fullmatch(entry.printed) is not None
    return counts and words_of(entry.label) in SUBJECTS
