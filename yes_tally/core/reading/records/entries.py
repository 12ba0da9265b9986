"""The pairs of a record, one by one: each is a value of a fact, several of them, an item of its own, or what is said of
one."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.clauses.by_itself import choice_by_flag, said_the_other_way, told_by_itself
from yes_tally.core.reading.clauses.compounds import (
    compound,
    counted_list,
    page_file_in_label,
    profile_alone,
    profile_row,
)
from yes_tally.core.reading.clauses.pairs_within import in_parts
from yes_tally.core.reading.clauses.told_in_parts import told_under
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.caches_in_order import caches_in_order
from yes_tally.core.reading.kinds.checks_listed import counts_in_result
from yes_tally.core.reading.kinds.drives import by_letter, told_of_drive
from yes_tally.core.reading.kinds.memory_sockets import counted_sockets, empty_socket, in_socket
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Context, Guess, decide
from yes_tally.core.reading.meaning.labels import MERELY_NAME, words_of
from yes_tally.core.reading.phrases import SUBJECTS, field_of_item, subjects_in
from yes_tally.core.reading.phrases.elsewhere import says_elsewhere
from yes_tally.core.reading.records.listings import (
    CALLED,
    LETTERED,
    counted_lines,
    list_begins,
    listed_item,
    numbered,
)
from yes_tally.core.reading.records.names_told import (
    DEFAULTS,
    goes_on_with_check,
    is_named_below,
    names_and_tells,
    names_default,
)
from yes_tally.core.reading.records.record_subject import says_kind
from yes_tally.core.reading.records.tools_own import without_tools_own
from yes_tally.core.reading.shapes.layout import Entry, as_comma, cells_by_gap
from yes_tally.core.reading.values.flags import says_needed
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_SEVERAL = (",", ";", ". ", "   ")
_BAR = " | "
_DOT = " · "
_SLASH = " / "
_DASH = re.compile(r" [-–—] (?=[^\W\d_][^,]*\d)")
# ``C: ......... 222.9 GB, 61.2 GB free``
_LETTER = re.compile(r"[A-Z]:?")
_HOLD_VOLUMES = frozenset({"disk", "volume", "partition"})
# ``1 processor: Kestrel K5-8420``
_COUNTED_LABEL = re.compile(r"\d{1,2} (?=[^\W\d_])")
_FOR_NUMBER = re.compile(
    r"(?P<label>.{2,40}?) (?:for|of|on|für|von|de|du|di|da|van|voor|dla|para|pour|per) (?:[^\W\d_]{2,12} )?#?(?P<number>\d{1,2})",
    re.I,
)
# ``Name servers: card 1: 10.44.8.2``
_NUMBER_BEFORE = re.compile(r"[^\W\d_]{2,12} #?(?P<number>\d{1,2}): (?=\S)")


_NUMBER_FIRST = re.compile(r"(?P<number>\d{1,2}): (?=[^\W\d_])")


def _with_commas(entry: Entry) -> Entry:
    """A pair whose value has commas for the dots that part it, for the bars before pairs of their own
    (``yes | administrator: no | expires: never``), or for a dash before what else is told beside a number
    (``4, 3 in use - at most 64 GB``)."""
    if not entry.label:
        return entry
    if entry.printed[:1].isdigit() and _DASH.search(entry.printed):
        return replace(entry, printed=_DASH.sub(as_comma, entry.printed, count=1))
    if entry.printed[:1].isalpha() and entry.printed.count(_SLASH) > 1 and "/" not in entry.label:
        return replace(entry, printed=entry.printed.replace(_SLASH, " , "))
    first, bar, rest = entry.printed.partition(_BAR)
    mark = _BAR if bar and ": " in rest and ":" not in first else _DOT
    return replace(entry, printed=entry.printed.replace(mark, ",  ")) if mark in entry.printed else entry


def read_entries(
    interpreter: Interpreter, entries: Sequence[Entry], shape: str, context: Context, item: Item | None
) -> None:
    """Read pairs that stand together, with what is spoken of there and the item they tell of."""
    if item:
        entries = [entry for entry in entries if not says_kind(entry, item.group)]
    else:
        entries = without_tools_own(entries, interpreter.under[-1] if interpreter.under else "")
    entries = [part for entry in entries for part in _each_numbered(entry)]
    entries = [entry for entry in entries if not _row_of_drive(interpreter, entry, item)]
    entries = [_with_commas(entry) for entry in entries if not profile_row(interpreter, entry, shape)]
    counted, stands_in, by_login = counted_lines(entries), item, False
    opened: Item | None = None
    for entry, said_of in in_parts(entries, context):
        item = stands_in
        if entry.label and entry.printed.count(_BAR) > 1:
            entry = replace(entry, printed=entry.printed.replace(_BAR, ",  "))
        if interpreter.numbered and interpreter.numbered_line == entry.line - 1:
            opened = interpreter.numbered  # ``Disk 0   Basalt NV500`` over ``Size   465.8 GB``
        if item is None and said_of.group in ITEM_GROUPS and said_of.group != context.group:
            item = _named_on_line(interpreter, entry, said_of.group)
            if item is None:
                continue
        if entry.label[:1].isdigit() and (counted_so := _COUNTED_LABEL.match(entry.label)):
            bare = entry.label[counted_so.end() :]
            entry = replace(entry, label=bare) if SUBJECTS.get(words_of(bare)) else entry
        if (
            entry.label
            and (row := _NUMBER_FIRST.match(entry.printed))
            and SUBJECTS.get(words_of(entry.label)) in CALLED
        ):
            # ``disks`` over ``0: Basalt SX960, 894.25 GB``
            rest = entry.printed[row.end() :]
            entry = Entry(f"{entry.label} {row['number']}", rest, entry.line, entry.column + row.end())
        if _LETTER.fullmatch(entry.label) and ", " in entry.printed and (item is None or item.group in _HOLD_VOLUMES):
            at = max(0, entry.column - 1 - len(entry.label))
            told_of_drive(interpreter, entry.line, f"{entry.label[0]}:", at, entry.printed, entry.column - 1)
            continue
        if goes_on_with_check(entry.printed) and LETTERED.fullmatch(entry.label):
            continue
        listed = list_begins(entry)
        around = (*filter(None, [context.group]), *context.around)
        if entry.label and entry.printed.isdigit() and (many := SUBJECTS.get(words_of(entry.label))):
            interpreter.counted[entry.line] = many
        if entry.line in counted:
            interpreter.blanks.add(entry.line)
        elif listed is not None:
            listed_item(interpreter, entry, listed, shape, around)
        elif (
            (entry.label and by_letter(interpreter, entry, shape))
            or (entry.label and numbered(interpreter, entry, shape, around, item))
            or in_socket(interpreter, entry, shape, around)
            or caches_in_order(interpreter, entry, item, shape)
            or ("\\" in entry.label and page_file_in_label(interpreter, entry, shape, around))
            or (
                entry.label
                and (any(mark in entry.printed for mark in _SEVERAL) or entry.printed.endswith("."))
                and (item is None or not _tells_of(interpreter, entry.label, item))
                and (compound(interpreter, entry, shape) or counted_list(interpreter, entry, shape))
            )
            or (entry.label and item is None and profile_alone(interpreter, entry, shape))
            or (entry.label and empty_socket(interpreter, entry, shape, around))
            or (item and ", " in entry.printed and names_and_tells(interpreter, entry, item, shape))
        ) or (entry.label and interpreter.by_number and _of_number(interpreter, entry, shape)):
            continue
        elif entry.label:
            guesses = counted_sockets(entry, interpreter.means(entry.label, said_of), said_of)
            if not guesses and item is None and (more := _of_what_is_open(interpreter, entry, opened)):
                interpreter.place(entry, shape, more, opened)
                continue
            in_clauses = not guesses or _is_no_moment(interpreter, entry, guesses[0])
            in_words = item and (" " in entry.printed or (item.group == "account" and says_needed(entry.printed)))
            if (
                in_clauses
                and item
                and in_words
                and not says_elsewhere(entry.label)
                and told_under(interpreter, entry, item.group, item)
            ):
                continue
            if guesses and guesses[0].fact in DEFAULTS and names_default(interpreter, entry, shape, guesses[0]):
                continue
            counts = item and guesses and guesses[0].fact == "health_check.result"
            if item and counts and counts_in_result(interpreter, entry, shape, item):
                continue
            if said_the_other_way(interpreter, entry, shape, said_of, item):
                continue
            if guesses and item and is_named_below(interpreter, entry, entries, guesses[0], said_of):
                # Of an adapter it is what people call it.
                if item.group == "account":
                    by_login = True
                elif item.group == "adapter":
                    guesses = (Guess("adapter.connection", 0.82, "it heads what is said of the adapter"),)
                else:
                    interpreter.frame.add(entry.line)
                    continue
            elif guesses and guesses[0].fact == "account.name" and words_of(entry.label) not in MERELY_NAME:
                by_login = True
            elif by_login and words_of(entry.label) in MERELY_NAME:
                guesses = (Guess("account.full_name", 0.85, "it stands below what they sign in with"),)
            named = not guesses or FACTS[guesses[0].fact].kind == "choice"
            if not (named and choice_by_flag(interpreter, entry, shape, said_of, item)):
                interpreter.place(entry, shape, guesses, item)
        else:
            told_by_itself(interpreter, entry, shape, said_of, item)


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


def _named_on_line(interpreter: Interpreter, entry: Entry, group: str) -> Item | None:
    """The item of a group that an entry's line begins with (``DIMM A1: 16 GB   S/N: 4711``), if it does."""
    item = interpreter.numbered if interpreter.numbered_line == entry.line else None
    return item if item and item.group == group else None


_NUMBERED_BEHIND = re.compile(r";\s+(?P<label>[^\W\d_]{2,12} ?\d{1,2}):\s+(?=\S)")


def _each_numbered(entry: Entry) -> list[Entry]:
    """``disk0: Basalt NV2000 1.8 TB; disk1: Shoal HD8``: each of what a line tells by its number, apart."""
    found = list(_NUMBERED_BEHIND.finditer(entry.printed)) if ";" in entry.printed else []
    parts, start, label = [], 0, entry.label
    for behind in found:
        if re.sub(r"\d+$", "", behind["label"]) != re.sub(r"\d+$", "", entry.label):
            return [entry]
        parts.append(
            replace(entry, label=label, printed=entry.printed[start : behind.start()], column=entry.column + start)
        )
        label, start = behind["label"], behind.end()
    return [*parts, replace(entry, label=label, printed=entry.printed[start:], column=entry.column + start)]


def _row_of_drive(interpreter: Interpreter, entry: Entry, item: Item | None) -> bool:
    """``E:  "Archive"   HFX2   2,000.0 GB   free 412.8 GB``: a drive's letter before cells. Whether it is one, and read."""
    cells = cells_by_gap(entry.printed) if _LETTER.fullmatch(entry.label) else ()
    if len(cells) < _CELLS_OF_DRIVE or not (item is None or item.group in _HOLD_VOLUMES):
        return False
    at = max(0, entry.column - 1 - len(entry.label))
    told_of_drive(interpreter, entry.line, f"{entry.label[0]}:", at, entry.printed, entry.column - 1)
    return True


_CELLS_OF_DRIVE = 3


def _tells_of(interpreter: Interpreter, label: str, item: Item) -> bool:
    """Whether a label speaks of an item, or of a field of it (``Memory`` of a card)."""
    meant = interpreter.means(label, interpreter.context(item.group))[:1]
    return item.group in (at.group for at in subjects_in(words_of(label))) or any(
        guess.fact.startswith(f"{item.group}.") for guess in meant
    )


def _of_number(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Name servers for 1: 10.20.0.53``, ``DISK0 S/N``: said of what was listed under that number. Whether it was."""
    if of := field_of_item(entry.label):
        item, _ = interpreter.by_number.get((SUBJECTS[words_of(of["head"])], of["index"]), (None, None))
        guesses = interpreter.means(of["rest"], interpreter.context(item.group)) if item else ()
        if item and guesses and guesses[0].fact.startswith(f"{item.group}."):
            interpreter.place(replace(entry, label=of["rest"]), shape, guesses, item)
            return True
    if before := _NUMBER_BEFORE.match(entry.printed):
        rest = entry.printed[before.end() :]
        label = f"{entry.label} for {before['number']}"
        entry = replace(entry, label=label, printed=rest, column=entry.column + before.end())
    match = _FOR_NUMBER.fullmatch(entry.label)
    for (group, number), (item, _) in interpreter.by_number.items() if match else ():
        guesses = decide(match["label"], interpreter.context(group)) if match and match["number"] == number else ()
        if guesses and guesses[0].fact.startswith(f"{group}."):
            interpreter.place(entry, shape, guesses, item)
            return True
    return False
