"""A pair of a record by what its label means: as a value of that fact, or as one that says several things at once, the
opposite, or the name of what the record tells of."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.by_itself import (
    choice_by_flag,
    health_ahead,
    never_ends,
    said_the_other_way,
)
from yes_tally.core.reading.clauses.told_in_parts import told_in_words, told_under
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.checks_listed import counts_in_result
from yes_tally.core.reading.kinds.memory_sockets import counted_sockets
from yes_tally.core.reading.meaning.decide import Context, Guess, decide
from yes_tally.core.reading.meaning.labels import MERELY_NAME, words_of
from yes_tally.core.reading.phrases.elsewhere import says_elsewhere
from yes_tally.core.reading.records.names_told import DEFAULTS, is_device_of_driver, is_named_below, names_default
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.statements.checks_said import kind_checked
from yes_tally.core.reading.values.flags import says_needed, says_of_password
from yes_tally.core.reading.values.text_forms import MODEL_OF_CARD
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


@dataclass(slots=True)
class Record:
    """Pairs that stand together: all of them, in which shape, and the item they tell of. What those read so far leave to
    the next: ``opened``, the thing that a line above them numbered, and ``by_login``, whether an account's sign-in name
    was told, or a card's model before what people call it."""

    entries: Sequence[Entry]
    shape: str
    item: Item | None
    opened: Item | None = None
    by_login: bool = False
    by_model: bool = False


def read_by_label(interpreter: Interpreter, entry: Entry, record: Record, said_of: Context, item: Item | None) -> None:
    """Read a labelled pair of ``record``, with what is spoken of there and the item that it is said of."""
    shape = record.shape
    guesses = counted_sockets(entry, interpreter.means(entry.label, said_of), said_of)
    if not guesses and item is None and (more := _of_what_is_open(interpreter, entry, record.opened)):
        interpreter.place(entry, shape, more, record.opened)
        return
    if item and _in_clauses(interpreter, entry, guesses, item) and told_under(interpreter, entry, item.group, item):
        return
    if guesses and guesses[0].fact in DEFAULTS and names_default(interpreter, entry, shape, guesses[0]):
        return
    counts = item and guesses and guesses[0].fact == "health_check.result"
    if item and counts and counts_in_result(interpreter, entry, shape, item):
        return
    if item and guesses and is_device_of_driver(entry.label, guesses[0]) and "driver.name" in item.keys:
        interpreter.frame.add(entry.line)
        return
    if guesses and never_ends(interpreter, entry, shape, guesses[0], item):
        return
    if said_the_other_way(interpreter, entry, shape, said_of, item):
        return
    if guesses and item and is_named_below(interpreter, entry, record.entries, guesses[0], said_of):
        # Of an adapter it is what people call it.
        if item.group == "account":
            record.by_login = True
        elif item.group == "adapter" and _is_model(entry, record):
            record.by_model = True
        elif item.group == "adapter":
            guesses = (Guess("adapter.connection", 0.82, "it heads what is said of the adapter"),)
        else:
            interpreter.frame.add(entry.line)
            return
    elif guesses and guesses[0].fact == "account.name" and words_of(entry.label) not in MERELY_NAME:
        record.by_login = True
    elif record.by_login and words_of(entry.label) in MERELY_NAME:
        guesses = (Guess("account.full_name", 0.85, "it stands below what they sign in with"),)
    elif record.by_model and guesses and guesses[0].fact == "adapter.name" and words_of(entry.label) in MERELY_NAME:
        guesses = (Guess("adapter.connection", 0.85, "it stands below what its maker calls it"),)
    if guesses and guesses[0].fact == "volume.state" and item is None and kind_checked(entry.label):
        return  # ``Check of the file system: done``: sentences know more of it
    if item and "; " in entry.printed and guesses:
        entry = _before_clauses(interpreter, entry, guesses[0], item)
    if not guesses and health_ahead(interpreter, entry, shape, item):
        return
    named = not guesses or not guesses[0].phrase or FACTS[guesses[0].fact].kind == "choice"
    if not (named and choice_by_flag(interpreter, entry, shape, said_of, item)):
        interpreter.place(entry, shape, guesses, item)


def _before_clauses(interpreter: Interpreter, entry: Entry, guess: Guess, item: Item) -> Entry:
    """``Size: 931.5 GB; serial number 4711; layout GPT`` of a disk: the value before the clauses on it, which are read; the
    pair as it is, where they tell nothing."""
    first, _, rest = entry.printed.partition("; ")
    own = {draft.fact for draft in interpreter.drafts[-_MOST_FIELDS:] if draft.item is item}
    left = [fact for fact in FIELDS[item.group] if fact.name not in own and fact.name != guess.fact]
    if FACTS[guess.fact].kind == "list" or not FACTS[guess.fact].item:
        return entry
    start = entry.column - 1 + len(first) + len("; ")
    return (
        replace(entry, printed=first)
        if told_in_words(interpreter, rest, entry.line, start, item.group, item, left)
        else entry
    )


_MOST_FIELDS = 60


def _is_model(entry: Entry, record: Record) -> bool:
    """Whether what heads a card's record is what its maker calls it, and what the record's name says is not."""
    names = [other.printed for other in record.entries if words_of(other.label) in MERELY_NAME]
    own, *others = (MODEL_OF_CARD.fullmatch(_ASIDE.sub("", text)) for text in (entry.printed, *names))
    return own is not None and len(names) == 1 and not any(others)


_ASIDE = re.compile(r"\s+\([^()]*\)$")


def _in_clauses(interpreter: Interpreter, entry: Entry, guesses: Sequence[Guess], item: Item) -> bool:
    """Whether the value may be clauses on the item, for want of a label that means what they say."""
    in_words = " " in entry.printed or (item.group == "account" and says_of_password(entry.printed))
    open_to_them = not guesses or _is_no_moment(interpreter, entry, guesses[0])
    return open_to_them and in_words and not says_elsewhere(entry.label)


def _is_no_moment(interpreter: Interpreter, entry: Entry, guess: Guess) -> bool:
    """Whether a label means a moment, and what stands beside it are several words that are none, or that something is
    needed."""
    fact = FACTS[guess.fact]
    in_words = ", " in entry.printed or says_needed(entry.printed)
    return fact.kind == "moment" and in_words and understand(fact, entry.printed, interpreter.locale) is None


def _of_what_is_open(interpreter: Interpreter, entry: Entry, opened: Item | None) -> Sequence[Guess]:
    """What a label that means nothing of the PC surely means of the thing that a line above it opened."""
    guesses = decide(entry.label, interpreter.context(opened.group))[:1] if opened else ()
    sure = guesses and guesses[0].confidence > _SURE and opened and guesses[0].fact.startswith(f"{opened.group}.")
    return guesses if sure else ()


_SURE = 0.9
