"""The pairs of a record, one by one: each is a value of a fact, several of them, an item of its own, or what is said of
one."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.reading.clauses.by_itself import told_by_itself
from yes_tally.core.reading.clauses.compounds import (
    compound,
    counted_list,
    numbered_with_asides,
    page_file_in_label,
)
from yes_tally.core.reading.clauses.firewall_profiles import profile_alone, profile_row
from yes_tally.core.reading.clauses.pairs_within import in_parts
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.audit_matrix import audited_by_flags
from yes_tally.core.reading.kinds.caches_in_order import caches_in_order
from yes_tally.core.reading.kinds.drives import by_letter, drive_in_label, told_of_drive
from yes_tally.core.reading.kinds.memory_sockets import bare_module, empty_socket, in_socket
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Context, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, field_of_item, subjects_in
from yes_tally.core.reading.records.listings import (
    LETTERED,
    counted_lines,
    list_begins,
    listed_item,
    numbered,
)
from yes_tally.core.reading.records.meant_by_label import Record, read_by_label
from yes_tally.core.reading.records.names_told import goes_on_with_check, names_and_tells
from yes_tally.core.reading.records.plain_pairs import each_numbered, made_plain, with_commas
from yes_tally.core.reading.records.record_subject import says_kind
from yes_tally.core.reading.records.tools_own import without_tools_own
from yes_tally.core.reading.shapes.layout import FOR_NUMBER, Entry, cells_by_gap

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


class _Pair(NamedTuple):
    """A pair of a record, what is spoken of where it stands, the item that it is said of, the kinds around it,
    and its shape."""

    interpreter: Interpreter
    record: Record
    entry: Entry
    said_of: Context
    item: Item | None
    around: tuple[str, ...]
    shape: str


# What may read a pair without a label, and one with it, in turn: the first that knows it does. The last ones always do.
_READ_BARE: tuple[Callable[[_Pair], object], ...] = (
    lambda of: in_socket(of.interpreter, of.entry, of.shape, of.around),
    lambda of: caches_in_order(of.interpreter, of.entry, of.item, of.shape),
    lambda of: _names_and_tells(of),
    lambda of: told_by_itself(of.interpreter, of.entry, of.shape, of.said_of, of.item),
)
_READ_LABELLED: tuple[Callable[[_Pair], object], ...] = (
    lambda of: _drive_in_parts(of),
    lambda of: goes_on_with_check(of.entry.printed) and LETTERED.fullmatch(of.entry.label),
    lambda of: _line_of_list(of),
    lambda of: by_letter(of.interpreter, of.entry, of.shape),
    lambda of: of.item is None and drive_in_label(of.interpreter, of.entry, of.shape),
    lambda of: numbered(of.interpreter, of.entry, of.shape, of.around, of.item),
    lambda of: in_socket(of.interpreter, of.entry, of.shape, of.around),
    lambda of: bare_module(of.interpreter, of.entry, of.shape, of.around),
    lambda of: caches_in_order(of.interpreter, of.entry, of.item, of.shape),
    lambda of: "\\" in of.entry.label and page_file_in_label(of.interpreter, of.entry, of.shape, of.around),
    lambda of: numbered_with_asides(of.interpreter, of.entry, of.shape, of.item),
    lambda of: _several_at_once(of),
    lambda of: of.item is None and profile_alone(of.interpreter, of.entry, of.shape),
    lambda of: empty_socket(of.interpreter, of.entry, of.shape, of.around),
    lambda of: _names_and_tells(of),
    lambda of: of.interpreter.by_number and _of_number(of.interpreter, of.entry, of.shape),
    lambda of: read_by_label(of.interpreter, of.entry, of.record, of.said_of, of.item),
)


def read_entries(
    interpreter: Interpreter, entries: Sequence[Entry], shape: str, context: Context, item: Item | None
) -> None:
    """Read pairs that stand together, with what is spoken of there and the item they tell of."""
    if item:
        entries = [entry for entry in entries if not says_kind(entry, item.group)]
        entries = audited_by_flags(interpreter, entries, item, shape) if item.group == "policy" else entries
    else:
        entries = without_tools_own(entries, interpreter.under[-1] if interpreter.under else "")
    entries = [part for entry in entries for part in each_numbered(entry)]
    entries = [entry for entry in entries if not _row_of_drive(interpreter, entry, item)]
    entries = [with_commas(entry) for entry in entries if not profile_row(interpreter, entry, shape)]
    counted = counted_lines(entries)
    around = (*filter(None, [context.group]), *context.around)
    record = Record(entries, shape, item)
    for entry, said_of in in_parts(entries, context):
        if interpreter.numbered and interpreter.numbered_line == entry.line - 1:
            record.opened = interpreter.numbered  # ``Disk 0   Basalt NV500`` over ``Size   465.8 GB``
        of = item or (_named_on_line(interpreter, entry, "module") if entry.label else None)
        if of is None and said_of.group in ITEM_GROUPS and said_of.group != context.group:
            of = _named_on_line(interpreter, entry, said_of.group)
            if of is None:
                continue
        if entry.label:
            entry = made_plain(entry)
            if entry.printed.isdigit() and (many := SUBJECTS.get(words_of(entry.label))):
                interpreter.counted[entry.line] = many
        if entry.line in counted:
            interpreter.blanks.add(entry.line)
            continue
        pair = _Pair(interpreter, record, entry, said_of, of, around, shape)
        any(reads(pair) for reads in (_READ_LABELLED if entry.label else _READ_BARE))


def _named_on_line(interpreter: Interpreter, entry: Entry, group: str) -> Item | None:
    """The item of a group that an entry's line begins with (``DIMM A1: 16 GB   S/N: 4711``), if it does."""
    item = interpreter.numbered if interpreter.numbered_line == entry.line else None
    return item if item and item.group == group else None


# ``C: ......... 222.9 GB, 61.2 GB free``
_LETTER = re.compile(r"[A-Z]:?")
_HOLD_VOLUMES = frozenset({"disk", "volume", "partition"})
_CELLS_OF_DRIVE = 3


def _row_of_drive(interpreter: Interpreter, entry: Entry, item: Item | None) -> bool:
    """``E:  "Archive"   HFX2   2,000.0 GB   free 412.8 GB``: a drive's letter before cells. Whether it is one, and read."""
    cells = cells_by_gap(entry.printed) if _LETTER.fullmatch(entry.label) else ()
    return len(cells) >= _CELLS_OF_DRIVE and _drive(interpreter, entry, item)


def _drive_in_parts(of: _Pair) -> bool:
    """``C: 222.9 GB, 61.2 GB free``. Whether it is one, and read."""
    in_parts_of = _LETTER.fullmatch(of.entry.label) and ", " in of.entry.printed
    return bool(in_parts_of) and _drive(of.interpreter, of.entry, of.item)


def _drive(interpreter: Interpreter, entry: Entry, item: Item | None) -> bool:
    if item and item.group not in _HOLD_VOLUMES:
        return False
    at = max(0, entry.column - 1 - len(entry.label))
    told_of_drive(interpreter, entry.line, f"{entry.label[0]}:", at, entry.printed, entry.column - 1)
    return True


def _line_of_list(of: _Pair) -> bool:
    """``Fixes: - HU-25009  Time zones``. Whether it is one, and read."""
    begins = list_begins(of.entry)
    if begins is None:
        return False
    listed_item(of.interpreter, of.entry, begins, of.shape, of.around)
    return True


_SEVERAL = (",", ";", ". ", "   ")


def _several_at_once(of: _Pair) -> bool:
    """``Disk: Basalt NV500, 465.8 GB``: several facts, or things, beside one label. Whether they are, and read."""
    interpreter, entry = of.interpreter, of.entry
    parted = any(mark in entry.printed for mark in _SEVERAL) or entry.printed.endswith(".")
    if not parted or (of.item and _tells_of(interpreter, entry.label, of.item)):
        return False
    return compound(interpreter, entry, of.shape) or counted_list(interpreter, entry, of.shape)


def _names_and_tells(of: _Pair) -> bool:
    """Whether the value names the item and tells more of it, and is read so."""
    if of.item is None or ", " not in of.entry.printed:
        return False
    return names_and_tells(of.interpreter, of.entry, of.item, of.shape)


def _tells_of(interpreter: Interpreter, label: str, item: Item) -> bool:
    """Whether a label speaks of an item, or of a field of it (``Memory`` of a card)."""
    meant = interpreter.means(label, interpreter.context(item.group))[:1]
    return item.group in (at.group for at in subjects_in(words_of(label))) or any(
        guess.fact.startswith(f"{item.group}.") for guess in meant
    )


# ``Name servers: card 1: 10.44.8.2``
_NUMBER_BEFORE = re.compile(r"[^\W\d_]{2,12} #?(?P<number>\d{1,2}): (?=\S)")


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
    match = FOR_NUMBER.fullmatch(entry.label)
    for (group, number), (item, _) in interpreter.by_number.items() if match else ():
        guesses = decide(match["label"], interpreter.context(group)) if match and match["number"] == number else ()
        if guesses and guesses[0].fact.startswith(f"{group}."):
            interpreter.place(entry, shape, guesses, item)
            return True
    return False
