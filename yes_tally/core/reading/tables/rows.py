"""Tables: what their rows list, and what each column means."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import unit_by_plausibility
from yes_tally.core.reading.clauses.pairs_within import joint
from yes_tally.core.reading.clauses.told_in_parts import told_under
from yes_tally.core.reading.drafts import Draft, Item
from yes_tally.core.reading.kinds.audit_matrix import audited_by_flags
from yes_tally.core.reading.kinds.memory_sockets import module_in_words
from yes_tally.core.reading.kinds.sessions import lists_sessions, names_user, user_of_sessions
from yes_tally.core.reading.kinds.unallocated import read_gap
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Context, Guess, infer_groups
from yes_tally.core.reading.meaning.labels import SUM_WORDS, words_of
from yes_tally.core.reading.meaning.spoken_of import first
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subjects_in
from yes_tally.core.reading.phrases.elsewhere import is_elsewhere, tell_elsewhere, tell_networks
from yes_tally.core.reading.shapes.layout import Entry, Group
from yes_tally.core.reading.tables.around_rows import (
    card_above,
    category,
    heads_category,
    is_default,
    search_paths,
    seen_on,
    star_of,
    starred,
    times_of_hop,
)
from yes_tally.core.reading.tables.columns import (
    FEW,
    NAMES_ADAPTER,
    borne_by,
    borne_out,
    cells_of_columns,
    each_meant_once,
    headed_by_kind,
    mounts_none,
    numbers_only,
    tells_items,
    told_by_columns,
    unit_of_sizes,
)
from yes_tally.core.reading.tables.columns_by_cells import (
    begin_with_drives,
    driver_apart,
    list_pcs,
    mounted,
    with_letters,
    with_mount_points,
    with_parts,
    with_routers,
)
from yes_tally.core.reading.tables.parts_and_volumes import parts_and_volumes
from yes_tally.core.reading.tables.rows_by_name import rows_by_name
from yes_tally.core.reading.tables.rows_put_right import uncounted, whole_names, with_times
from yes_tally.core.reading.values.flags import says_of_password
from yes_tally.core.reading.values.text_forms import DAY_IN_NUMBERS
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_RIGHT_UNDER, _BELOW_WHAT_IS_TOLD = 4, 10
# Of so many readings the last that tells of a thing is looked for.
_MOST_TOLD = 40
# So many columns of a table may tell what drivers have where no drivers are listed.
_MOST_OF_OTHERS = 2
# What of all devices only those that draw have.
_BEGINS_WITH_DAY = re.compile(rf"(?:{DAY_IN_NUMBERS})\b", re.I)
# What a row of memory begins with beside one of swap space.
_OF_MEMORY = dict.fromkeys(
    "physical phys real main physisch physique fisica fysiek fizyczna fizyczny vive".split(), ("memory",)
)
# What of memory only its modules have.
_OF_MODULES = frozenset({"module.slot", "module.type", "module.part", "module.serial", "module.bank", "module.form"})
_LEASED = frozenset({"adapter.lease_from", "adapter.lease_until"})
_OF_GRAPHICS = frozenset({"graphics.memory", "graphics.width", "graphics.height", "graphics.refresh"})


def read_rows(interpreter: Interpreter, rows: Sequence[Group], shape: str, around: tuple[str, ...]) -> None:
    """Read the rows of a table: what it lists by its labels and what is spoken of, then each cell by its column.

    Rows of things that the catalogue has no facts of are not read.
    """
    labels = tuple(dict.fromkeys(entry.label for row in rows[:200] for entry in row.entries))
    if labels and (
        is_elsewhere(labels[0]) or tell_elsewhere(labels, around) or tell_networks(labels) or _is_second_head(rows)
    ):
        return
    if list_pcs(labels, cells_of_columns(rows)):
        return
    if kinds := _kinds_of_rows(rows, labels):
        for kind, of_kind in kinds.items():
            read_rows(interpreter, of_kind, shape, (kind, *around))
        return
    if listed := parts_and_volumes(rows):
        for kind, of_kind in zip(("volume", "partition"), reversed(listed), strict=True):
            read_rows(interpreter, of_kind, shape, (kind, *around))
        return
    if any("/" in label for label in labels):
        rows = [replace(row, entries=[part for entry in row.entries for part in joint(entry)]) for row in rows]
        labels = tuple(dict.fromkeys(entry.label for row in rows[:200] for entry in row.entries))
    rows = whole_names(rows)
    if whole := with_times(rows, labels) or uncounted(rows, labels):
        rows, labels = whole
    owner = interpreter.numbered if interpreter.numbered and _stands_right_under(interpreter, rows) else None
    groups = _likeliest(interpreter, rows, labels, around, owner)
    signed_in = lists_sessions(labels) if labels else False
    subject = "host" if signed_in else borne_out(interpreter, groups, rows)
    rows, called_by = rows_by_name(interpreter, rows, subject) or (rows, "")
    interpreter.listed = subject
    context = interpreter.context(subject, around)
    cells = cells_of_columns(rows)
    if subject == "battery" and cells.get(labels[0]) and all(map(_BEGINS_WITH_DAY.match, cells[labels[0]])):
        return  # how it was from day to day
    meant = {label: interpreter.means(label, context) for label in labels if label}
    if signed_in:
        meant = {label: (Guess("host.user", 0.85, "who is signed in"),) for label in labels if names_user(label)}
    if labels and subject and (by_kind := headed_by_kind(labels[0], subject)):
        meant[labels[0]] = by_kind
    if labels and _counts_rows(labels[0], cells):
        told = {guess.fact for label, found in meant.items() if label != labels[0] for guess in found[:1]}
        if subject not in _HAVE_NUMBERS or any(guess.fact in told for guess in meant.get(labels[0], ())[:1]):
            meant.pop(labels[0], None)
    columns = each_meant_once(
        {label: borne_by(interpreter, found, cells.get(label, ())) for label, found in meant.items()},
        meant,
        {label: numbers_only(printed) for label, printed in cells.items()},
    )
    if subject == "driver":
        columns = driver_apart(columns, meant, cells)
    if subject == "route":
        columns = with_routers(columns, meant, cells)
    if subject == "module":
        columns = with_parts(columns, meant, cells)
    if subject == "volume":
        columns = with_mount_points(with_letters(columns, labels, cells), cells)
        rows, columns = mounted(rows, columns, cells)
    if subject in ITEM_GROUPS and len(rows) > 1:
        columns = {
            label: tuple(g for g in found if FACTS[g.fact].item or len(set(cells.get(label, ()))) < FEW)
            for label, found in columns.items()
        }
    if subject == "licence" and len(rows) > 1:
        # Of several products' licences the system's is the PC's.
        rows = [row for row in rows if any(A_SYSTEM.search(entry.printed) for entry in row.entries)] or rows
    if subject == "host":
        rows, columns = user_of_sessions(rows, columns)
    if called_by:
        columns[""] = (Guess(called_by, 0.8, "it stands before its row"),)
    unit = unit_of_sizes(labels)
    unit_of_all = unit or _unit_of_memory(interpreter, rows)
    marked = starred(rows, f"{subject}.default", columns)
    card = card_above(interpreter, rows, subject, columns)
    items: list[Item] = []
    of_category: Draft | None = None
    above: tuple[Group, Item | None] | None = None
    for row in rows:
        if _is_head(row):
            interpreter.frame.update(entry.line for entry in row.entries)
            continue
        if row.heading:
            of_kinds = interpreter.heading(row.heading.text) or _OF_MEMORY.get(plain(row.heading.text).strip(" :"), ())
            with interpreter.below(row.heading):
                said_of = interpreter.context(None, (*of_kinds, *around) if of_kinds else ("",))
                before, interpreter.size_unit = interpreter.size_unit, unit_of_all or interpreter.size_unit
                interpreter.entries(_each_once(interpreter, row.entries, said_of), shape, said_of, None)
                interpreter.size_unit = before
        elif subject == "policy" and (headed := heads_category(interpreter, row, columns, shape)):
            of_category = headed
        elif subject == "partition" and read_gap(interpreter, row, columns, owner, shape, unit):
            continue
        elif subject and not _sums_up(interpreter, row, subject, columns):
            wraps = above is not None and _wraps(row, above[0], labels)
            if not wraps and _goes_on(row, labels, subject):
                continue
            if above and wraps:
                item = above[1]
            else:
                item = _row_item(interpreter, subject, row, columns) if subject in ITEM_GROUPS else None
            above = row, item
            items += [item] if item else []
            audited = item if subject == "policy" else None
            for entry in audited_by_flags(interpreter, row.entries, audited, shape) if audited else row.entries:
                means = columns.get(entry.label, ())
                # ``exigé`` in a column that is called ``Mot de passe``.
                of_password = not means or means[0].fact.startswith("account.password_")
                needed = item and of_password and subject == "account" and says_of_password(entry.printed)
                if item and subject == "module" and module_in_words(interpreter, entry, item):
                    continue
                if not (item and needed and told_under(interpreter, entry, "account", item)):
                    interpreter.place(entry, shape, means, item, unit)
            if item and card and row.entries:
                seen_on(interpreter, item, row, card, shape)
            if item and row is marked:
                is_default(interpreter, item, star_of(row), shape)
            if item and subject == "hop":
                times_of_hop(interpreter, item, row, columns, shape)
            if item and subject == "policy":
                of_category = category(interpreter, item, row, of_category, shape)
            if subject == "variable":
                search_paths(interpreter, row, columns, shape)
            if item and owner and row.entries:
                interpreter.stands_under(item, owner, row.entries[0], shape)
    interpreter.only_row = items[0] if len(items) == 1 else None
    if interpreter.only_row:
        interpreter.goes_on_loosely(interpreter.only_row)


# Of what a number is told, which is no row's.
_HAVE_NUMBERS = frozenset(
    {"boot_entry", "event", "disk", "partition", "hop", "search_folder", "processor", "module", "process", "adapter"}
)
_ROW_NUMBER = frozenset({"", "#", "no", "nr", "num", "n", "lp", "id", "row", "line", "index", "idx"})


def _counts_rows(label: str, cells: dict[str, list[str]]) -> bool:
    """Whether a table's first column only counts its rows."""
    printed = [cell.rstrip(".):") for cell in cells.get(label, ())]
    numbers = [int(cell) for cell in printed if cell.isdigit() and len(cell) <= _DIGITS]
    called = plain(label).rstrip(".:)") in _ROW_NUMBER and not any(map(_OF_FIRMWARE.match, printed))
    return called and len(numbers) == len(printed) > 0 and numbers == list(range(numbers[0], numbers[0] + len(numbers)))


_DIGITS = 4
# ``0001``: firmware counts its entries so.
_OF_FIRMWARE = re.compile(r"00\d\d$")


def _unit_of_memory(interpreter: Interpreter, rows: Sequence[Group]) -> str:
    """The unit of bare numbers, where a row tells of the PC's memory: what else stands in the table is counted so too."""
    for row in rows:
        if row.heading and row.entries and "memory" in interpreter.heading(row.heading.text):
            return unit_by_plausibility(row.entries[0].printed, interpreter.locale)
    return ""


def _likeliest(
    interpreter: Interpreter,
    rows: Sequence[Group],
    labels: tuple[str, ...],
    around: tuple[str, ...],
    owner: Item | None,
) -> tuple[str, ...]:
    """What the rows may list, the likeliest first; ``owner`` is the thing that the table stands right under."""
    groups = infer_groups(labels, around, True)
    if len(rows) > 2:
        # A PC has one of those; so many rows speak of something else.
        groups = tuple(group for group in groups if group in ITEM_GROUPS)
    if groups[:1] == ("volume",) and "disk" in groups and "volume" not in around and mounts_none(interpreter, rows):
        groups = first("disk", groups)
    if "memory" in around[:1] and "volume" not in around and not begin_with_drives(rows):
        groups = tuple(group for group in groups if group != "volume")
    if groups[:1] == ("memory",) and _OF_MODULES & told_by_columns(interpreter, rows, "module"):
        groups = first("module", groups)
    if owner and any(f"{group}.{owner.group}" in FACTS for group in groups):
        # Under one disk stand its parts, not more disks.
        groups = tuple(group for group in groups if group != owner.group)
    while groups and groups[0] not in around and not tells_items(interpreter, rows, groups[0], labels):
        groups = groups[1:]
    groups = groups[:1] + tuple(
        group for group in groups[1:] if group in around or tells_items(interpreter, rows, group, labels)
    )
    if (
        "neighbour" in groups[1:]
        and groups[0] == "adapter"
        and not NAMES_ADAPTER & told_by_columns(interpreter, rows, "adapter")
    ):
        groups = ("neighbour", *groups)  # an address beside a MAC, and nothing that names a card
    if (
        groups[:1] == ("graphics",)
        and ("driver" in groups or len(told_by_columns(interpreter, rows, "driver")) > _MOST_OF_OTHERS)
        and "graphics" not in around
        and not _OF_GRAPHICS & told_by_columns(interpreter, rows, "graphics")
    ):
        groups = ("driver", *(group for group in groups if group not in ("graphics", "driver")))  # devices of any kind
    if (
        groups[:1] == ("graphics",)
        and "display" in groups
        and "display.name" in told_by_columns(interpreter, rows, "display")
        and "graphics.name" not in told_by_columns(interpreter, rows, "graphics")
    ):
        groups = first("display", groups)  # ``Screen   Width   Height``, under a card
    if groups[:1] == ("neighbour",) and _LEASED & told_by_columns(interpreter, rows, "adapter"):
        return ()  # what a server lent to whom
    if "page_file" not in around[:2] and begin_with_drives(rows):
        groups = first("volume", groups)
    if "boot_entry" in groups and any(
        _FIRMWARE_FOLDER.search(entry.printed) for row in rows[:20] for entry in row.entries
    ):
        groups = ("boot_entry",)
    return groups


A_SYSTEM = re.compile(r"\b(?:OS|Linux) \d")


def _each_once(interpreter: Interpreter, entries: Sequence[Entry], context: Context) -> list[Entry]:
    """The cells of a row of its own without those that would tell again what another cell tells (``free`` beside
    ``available``)."""
    meant = {entry.label: interpreter.means(entry.label, context) for entry in entries}
    told = each_meant_once(meant, meant, {})
    return [entry for entry in entries if told[entry.label] or not meant[entry.label]]


_MORE_ADDRESSES = frozenset({"adapter.ipv4", "adapter.ipv6", "adapter.mask"})


def _row_item(interpreter: Interpreter, group: str, row: Group, columns: dict[str, tuple[Guess, ...]]) -> Item:
    """The item of a row: a new one, or the one that another table of the section has under the same number."""
    first = row.entries[0] if row.entries else None
    last = interpreter.drafts[-1] if interpreter.drafts else None
    if first and last and last.item and last.item.group == group == "adapter" and last.entry.line == first.line - 1:
        told_here = {guess.fact for entry in row.entries for guess in columns.get(entry.label, ())[:1]}
        if told_here <= _MORE_ADDRESSES:
            return last.item  # a second address, below the first
    if first is None or columns.get(first.label) or not _INDEX.fullmatch(first.printed):
        return interpreter.new_item(group)
    key = (group, first.printed)
    tells = {guess.fact for entry in row.entries for guess in columns.get(entry.label, ())[:1]}
    item, told = interpreter.by_number.get(key, (None, set[str]()))
    if item is None or told & tells:
        item, told = interpreter.new_item(group), set()
    interpreter.by_number[key] = item, told | tells
    return item


# Where the firmware looks for what it starts (UEFI 2.10, 13.3.1.3).
_FIRMWARE_FOLDER = re.compile(r"[\\/]efi[\\/]", re.I)
_INDEX = re.compile(r"\d{1,2}")


def _sums_up(interpreter: Interpreter, row: Group, subject: str, columns: dict[str, tuple[Guess, ...]]) -> bool:
    """Whether a row is none of what the table lists: where its number belongs stands what is none (``total``)."""
    for entry in row.entries[:1]:
        # A sum under the last columns is cut where they are: ``4``, ``drivers,``, ``1 not signed``.
        counts = _COUNTS.match(entry.printed) or _COUNTS.match(" ".join([cell.printed for cell in row.entries]))
        if counts and any(at.group == subject for at in subjects_in(words_of(counts["what"]))):
            return True  # ``3 accounts``, ``4 programs installed``
        if entry.printed.startswith("* ") and len(row.entries) < len(columns):
            return True  # ``* active``: what a mark stands for
        if plain(entry.printed).rstrip(":") in SUM_WORDS and subject not in _CALLED_ANYTHING:
            return True
        means = columns.get(entry.label, ())
        fact = FACTS[means[0].fact] if means else None
        if fact and fact.name in _NUMBERED and not is_placeholder(entry.printed):
            # What the system calls a disk has a number in it (``nvme0``); a sum has none.
            named = any(map(str.isdigit, entry.printed)) or len(entry.printed) < _SHORTEST_SUM
            return not named and understand(fact, entry.printed, interpreter.locale) is None
    return False


def _kinds_of_rows(rows: Sequence[Group], labels: Sequence[str]) -> dict[str, list[Group]]:
    """The rows by the kind of thing that their first cell names, where a table lists several kinds under each other
    (``graphics   Halyard UHD 7`` over ``display   Veldt P14``), without that cell; none where it does not."""
    if len(rows) < _LEAST_OF_KINDS or len(labels) < _LEAST_OF_KINDS:
        return {}
    found: dict[str, list[Group]] = {}
    for row in rows:
        first = row.entries[0] if row.entries else None
        kind = SUBJECTS.get(words_of(first.printed)) if first and first.label == labels[0] else None
        if kind not in ITEM_GROUPS:
            return {}
        found.setdefault(kind or "", []).append(replace(row, entries=row.entries[1:]))
    return found if len(found) > 1 else {}


_LEAST_OF_KINDS = 3
_COUNTS = re.compile(r"\d{1,6} (?P<what>[^\W\d_]+(?: [^\W\d_]+)?)(?:$|,|  )")
# People give these their names.
_CALLED_ANYTHING = frozenset({"account", "variable", "task", "process"})


def _goes_on(row: Group, labels: Sequence[str], subject: str) -> bool:
    """Whether a row is what is left of the one above: little, and nothing of what its item is known by."""
    return (
        subject in _KNOWN_BY_FIRST
        and len(labels) >= _WIDE
        and len(row.entries) * 3 <= len(labels)
        and row.entries[0].label != labels[0]
    )


def _is_head(row: Group) -> bool:
    """Whether a row is the table's head again, as the next page has it."""
    return len(row.entries) > 1 and all(entry.printed == entry.label for entry in row.entries)


def _is_second_head(rows: Sequence[Group]) -> bool:
    """Whether the one row of a table holds nothing but labels: the head goes on, and the rows are of another form."""
    return len(rows) == 1 and len(rows[0].entries) > 1 and all(is_known(entry.printed) for entry in rows[0].entries)


def _wraps(row: Group, above: Group, labels: Sequence[str]) -> bool:
    """Whether a row is but the rest of a text of the one right above, wrapped below it."""
    rest = row.entries[0] if len(row.entries) == 1 else None
    if rest and rest.label == labels[0] and len(above.entries) > _MUCH:
        first = above.entries[0]
        return first.label == rest.label and first.line == rest.line - 1 and rest.column > first.column
    return (
        rest is not None
        and rest.label != labels[0]
        and any(e.label == rest.label and e.line == rest.line - 1 and e.column == rest.column for e in above.entries)
    )


_WIDE = 6
_MUCH = 2
_KNOWN_BY_FIRST = frozenset({"module", "disk", "processor", "account", "driver"})
_SHORTEST_SUM = 4
_NUMBERED = frozenset({"disk.number", "partition.number", "process.pid", "hop.number", "update.id"})


def _stands_right_under(interpreter: Interpreter, rows: Sequence[Group]) -> bool:
    """Whether a table stands right under the line that named an item by its number, or deeper below what is told of it."""
    first = next((entry for row in rows for entry in row.entries), None)
    if first is None:
        return False
    recent = interpreter.drafts[max(interpreter.section_from, len(interpreter.drafts) - _MOST_TOLD) :]
    told: list[int] = [draft.entry.line for draft in recent if draft.item is interpreter.numbered]
    deeper = first.column > 1
    distance: int = first.line - max([interpreter.numbered_line, *(told if deeper else ())])
    return 0 < distance <= (_BELOW_WHAT_IS_TOLD if deeper else _RIGHT_UNDER)
