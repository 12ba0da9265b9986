"""Outlines: lines that each begin with which thing they tell of, over lines that go on with it or tell of its parts.

::

    Disk 0: Basalt NV1000            931.51 GB
            serial BNV1K0044901, NVMe, SSD
      Partition 1   260 MB      EFI system
      Partition 2   930.25 GB   basic data   C:   SYSTEM   HFX2   37.21 GB free
"""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.by_clause import says_nothing
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.drives import told_of_drive
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.records.listings import CALLED, ITEM_HEADING
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    asides_as_commas,
    cells_by_comma,
    cells_by_gap,
    commas_for_gaps,
    commas_for_marks,
    indent_of,
    is_rule,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.tables.rows_in_parts import last_part
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import MODEL_OF_CARD
from yes_tally.core.reading.values.understand import FILE_SYSTEM, understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_HEAD = re.compile(
    r"\s*(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) ?#?(?P<which>\d{1,3}|[A-Z](?=:))(?P<mark>:\s*|[.)]\s+|,\s+|\s+(?:--|[-–—])\s+|\s+(?=\()|\s{2,})(?P<told>\S.*)$"
)
# ``Disk 0 (boot disk)``, over what it is called and what it is.
_BARE_HEAD = re.compile(r"\s*(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) ?#?(?P<which>\d{1,3})(?: +\((?P<told>[^()]*)\))?:?$")
_DASH = re.compile(r" (?:--|[-–—]) ")
_DRIVE = re.compile(r"(?:(?:->|=>|→|=) ?)?(?P<mount>[A-Z]:)(?!\S)")
# ``C:  SYSTEM   HFX2   439.2 GB`` under its disk, and ``(no letter)   Start   FAT32   260 MB``.
_DRIVE_ROW = re.compile(r"\s*(?:(?P<mount>[A-Z]:)\\?\s+|(?:\([^()\d]{3,24}\)|-{1,2})\s{2,})(?P<told>\S.*)$")
_SIZE = re.compile(r"\d[\d.,'’\s]*[KMGT]?i?(?:[BO]|bytes)", re.I)
# What stands between a size and a drive's letter.
_FORMAT = re.compile(r"[A-Z][A-Z0-9]{2,7}")
_MOST_LINES = 400


@dataclass(frozen=True, slots=True)
class _Told:
    """A line of an outline: of which group's thing, which one; ``group`` is empty where it goes on with the one above."""

    line: Line
    group: str
    which: str
    cells: tuple[tuple[str, int], ...]
    """What it tells, part by part, each with its column from 0."""
    is_pair: bool = False
    """Whether it goes on as a label beside its value."""
    names: bool = False
    """Whether it says what the thing of the bare line above it is called."""


def read_outline(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read a block as an outline of numbered things. False, and nothing read, where it is none: where a line neither
    names a thing nor goes on below one, or nothing stands under anything."""
    lines = _under_root(lines)
    title, listed = lines[0], _kind_listed(lines)
    lines = lines[1:] if listed else lines
    begun = listed or _HEAD.match(lines[0].text[:MAX_LINE]) or _is_bare(lines[0], lines[1:2])
    if not 2 <= len(lines) <= _MOST_LINES or not begun:
        return False
    if _SUM.match(lines[-1].text[:MAX_LINE]):
        lines = lines[:-1]
    while lines and is_rule(lines[-1].text):
        lines = lines[:-1]
    if any(map(_heads_columns, lines[1:2])):
        return False
    told = _outline(lines, listed)
    if told is None:
        return False
    if listed:
        interpreter.frame.add(title.number)
    before = len(interpreter.drafts)
    open_items: list[tuple[int, Item, set[str]]] = []
    heads: dict[int, str] = {}
    for row in told:
        indent = indent_of(row.line.text)
        if not row.group and _heads_columns(row.line):
            heads = {at: label for label, at in cells_by_gap(row.line.text)}
            interpreter.frame.add(row.line.number)
            continue
        if not row.group:
            open_items = [opened for opened in open_items if opened[0] < indent]
            item = open_items[-1][1]
            if item.group in _HOLD_VOLUMES and (drive := _DRIVE_ROW.match(row.line.text)):
                volume = told_of_drive(
                    interpreter, row.line.number, drive["mount"] or "", indent, drive["told"], drive.start("told")
                )
                for _, owner, _ in open_items:
                    interpreter.stands_under(volume, owner, Entry("", "", row.line.number, indent + 1), "outline")
            elif row.is_pair:
                (label, _), (printed, at) = row.cells
                entry = Entry(label, printed, row.line.number, at + 1)
                interpreter.entries([entry], "outline", interpreter.context(item.group), item)
            elif not (row.names and _named_below(interpreter, row, item)):
                _go_on(interpreter, row, item, before)
            continue
        open_items = [(at, item, seen) for at, item, seen in open_items if at < indent]
        item = interpreter.new_item(row.group)
        _begin(interpreter, row, item, heads)
        for _, owner, _ in open_items:
            entry = Entry("", row.which, row.line.number, indent + 1)
            interpreter.stands_under(item, owner, entry, "outline")
        open_items.append((indent, item, set()))
    return True


# ``shares``, after the disks
_OTHER_BRANCH = re.compile(r"\s*[^\W\d_]{3,20}(?: [^\W\d_]{3,20})?:?$")


def _under_root(lines: Sequence[Line]) -> Sequence[Line]:
    """An outline without the one line that all others stand under (``gp-arc-02``), and without what follows a branch at its
    end that is headed by a word alone; as it is, where it has no such root."""
    if len(lines) <= _LEAST_LISTED or not _HEAD.match(lines[1].text[:MAX_LINE]):
        return lines
    root, top = indent_of(lines[0].text), indent_of(lines[1].text)
    if root >= top or any(indent_of(line.text) < top for line in lines[1:]) or _HEAD.match(lines[0].text[:MAX_LINE]):
        return lines
    ends = (
        place
        for place, line in enumerate(lines)
        if place and indent_of(line.text) == top and _OTHER_BRANCH.match(line.text[:MAX_LINE])
    )
    return lines[1 : next(ends, None)]


def _heads_columns(line: Line) -> bool:
    """Whether a line is the head of a table: nothing but labels."""
    cells = cells_by_gap(line.text[:MAX_LINE])
    return len(cells) >= _LEAST_COLUMNS and all(cell == "#" or is_known(cell) for cell, _ in cells)


_LEAST_COLUMNS = 3
_HOLD_VOLUMES = ("disk", "partition")
# ``2 disks, 5 partitions``: it sums up what stands above it.
_SUM = re.compile(r"\s*\d{1,3} [^\W\d_]+(?:,? (?:and |und |et |y |e |i |en )?\d{1,3} [^\W\d_]+)*\.?\s*$", re.I)
# What only outlines call things by.
_SHORT_NOUNS = {"part": "partition", "vol": "volume", "dsk": "disk"}


def _kind_of(noun: str) -> str:
    return SUBJECTS.get(words_of(noun)) or _SHORT_NOUNS.get(noun.casefold(), "")


def _kind_listed(lines: Sequence[Line]) -> str:
    """The kind of thing that a block's first line names, and nothing more, over deeper lines that begin with a number;
    empty where it names none."""
    kind = SUBJECTS.get(words_of(lines[0].text.strip(" :")[:MAX_LABEL]), "") if len(lines) > _LEAST_LISTED else ""
    below = [line for line in lines[1:] if indent_of(line.text) > indent_of(lines[0].text)]
    numbered = (
        _NUMBERED.match(lines[1].text[:MAX_LINE]) if kind in _HOLD_VOLUMES and len(below) == len(lines) - 1 else None
    )
    return kind if numbered else ""


# ``0  Basalt NV1000  (931.5 GiB, NVMe)`` under ``disks``, and ``p1  EFI   260 MiB`` below that.
_NUMBERED = re.compile(r"\s*(?P<which>\d{1,2})\s{2,}(?P<told>\S.*)$")
_PARTITION = re.compile(r"\s*[pP](?P<which>\d{1,2})\s{2,}(?P<told>\S.*)$")


def _outline(lines: Sequence[Line], listed: str) -> list[_Told] | None:
    """The rows of an outline, or ``None`` where lines are none; ``listed``: the kind of thing that a title says a bare
    number tells."""
    found: list[_Told] = []
    indent = 0
    for place, line in enumerate(lines):
        if len(line.text) > MAX_LINE:
            return None
        bare = _is_bare(line, lines[place + 1 : place + 2])
        match = _BARE_HEAD.match(line.text) if bare else _HEAD.match(line.text)
        group = ("disk" if match.re is _BARE_HEAD else _kind_of(match["noun"])) if match else ""
        if listed and group not in CALLED:
            match = _NUMBERED.match(line.text) or _PARTITION.match(line.text)
            group = ("partition" if match.re is _PARTITION else listed) if match else ""
        elif group not in CALLED and _is_below_disk(found, line):
            match = _PART_OF_DISK.match(line.text)
            group = "partition" if match else ""
        if match and group in CALLED:
            indent = indent_of(line.text)
            cells = _cells(match["told"], match.start("told")) if match["told"] else ()
            found.append(_Told(line, group, match["which"], cells))
        elif _is_below_disk(found, line) and indent_of(line.text) == indent and _is_pair(line):
            # ``free   1.0 GB`` beside its partitions
            found.append(_Told(line, "", "", tuple(cells_by_gap(line.text)), is_pair=True))
        elif found and indent_of(line.text) > indent:
            cells = _cells(line.text.strip(), indent_of(line.text))
            if len(cells) < _LEAST_CELLS or _is_pair(line):
                return None  # ``Serial   4711``: pairs below a heading
            above = found[-1]
            found.append(_Told(line, "", "", cells, names=_BARE_HEAD.match(above.line.text) is not None))
        else:
            return None
    heads = [row for row in found if row.group]
    # What tells more of itself, or is gone on with below where heads of columns say that its parts are listed.
    headed = any(not row.group and _heads_columns(row.line) for row in found)
    gone_on = {id(row) for row, below in pairwise(found) if (headed or below.names) and not below.group}
    several = sum(len(row.cells) > 1 or id(row) in gone_on for row in heads)
    nested = len(heads) < len(found) or len({indent_of(row.line.text) for row in heads}) > 1
    return found if nested and len(heads) > 1 and several * 2 > len(heads) else None


def _is_bare(line: Line, below: Sequence[Line]) -> bool:
    """Whether a line names nothing but a disk and which one, over a deeper line of words in parts that is no pair."""
    match = _BARE_HEAD.match(line.text[:MAX_LABEL])
    # What drives are called in some languages (``Unità 0``) names a disk where a number tells which one.
    kinds = ("disk",) if match and match["noun"].casefold().startswith("vol") else ("disk", "volume")
    if match is None or _kind_of(match["noun"]) not in kinds or not below:
        return False
    parts = _cells(below[0].text[:MAX_LINE].strip(), 0)
    deeper = indent_of(below[0].text) > indent_of(line.text)
    told = any(map(str.isdigit, below[0].text)) and not _heads_columns(below[0])
    return deeper and told and len(parts) >= _LEAST_CELLS and ":" not in parts[0][0] and not _is_pair(below[0])


def _named_below(interpreter: Interpreter, row: _Told, item: Item) -> bool:
    """Read a line that begins with what the thing of the line above it is called. Whether it does."""
    entry = Entry("", ", ".join(text for text, _ in row.cells), row.line.number, row.cells[0][1] + 1)
    naming = CALLED[item.group]
    if told_bare(interpreter, entry, item.group, item, "outline", naming, row.line.text, least=1):
        return True
    (text, at), *more = row.cells
    if MODEL_OF_CARD.fullmatch(text) is None or not all(
        says_nothing(interpreter, said, item.group) for said, _ in more
    ):
        return False
    name = Entry("", text, row.line.number, at + 1)  # ``Shale 1T, serial unknown``
    interpreter.place(name, "outline", (Guess(naming, 0.8, f"it stands below the number of a {item.group}"),), item)
    return True


_LEAST_CELLS = 2
# ``1  EFI   100 MB``, ``2: reserved, 16 MB``, ``Slice 3   data   930 GB`` below a disk: its parts, whatever they are called.
_PART_OF_DISK = re.compile(r"\s*(?:[^\W\d_]+ |[pP#])?(?P<which>\d{1,2})(?:[.:)]\s+|\s{2,})(?P<told>[^\W\d].*)$")


def _is_pair(line: Line) -> bool:
    """``Serial   4711``"""
    cells = cells_by_gap(line.text)
    return len(cells) == _LEAST_CELLS and is_known(cells[0][0])


def _is_below_disk(found: Sequence[_Told], line: Line) -> bool:
    """Whether a line stands deeper than the disk that is told of last."""
    thing = next((row for row in reversed(found) if row.group not in ("", "partition")), None)
    return thing is not None and thing.group == "disk" and indent_of(line.text) > indent_of(thing.line.text)


# ``475.6 GB -> C: "System"``
_TO_DRIVE = re.compile(r"\s+(?:->|=>|→)\s+(?=[A-Z]:)")


def _cells(text: str, start: int) -> tuple[tuple[str, int], ...]:
    """What stands between wide gaps or commas, each with its column from 0."""
    text = _TO_DRIVE.sub(lambda arrow: ", ".rjust(len(arrow.group())), text)
    text = asides_as_commas(_DASH.sub(lambda dash: ", ".rjust(len(dash.group())), text))
    listed = commas_for_gaps(text) if len(cells_by_gap(text)) > 1 else text
    return tuple(part for cell in cells_by_comma(listed, start) for part in _before_drive(cell))


# ``primary E: KEYS``
_THEN_DRIVE = re.compile(r"(?P<before>[^\W\d_][^\d:]*?) (?P<drive>[A-Z]:(?: .*)?)$")


def _before_drive(cell: tuple[str, int]) -> list[tuple[str, int]]:
    """A cell, or its two where a drive's letter begins the second and one blank parts them."""
    match = _THEN_DRIVE.match(cell[0])
    return [(match["before"], cell[1]), (match["drive"], cell[1] + match.start("drive"))] if match else [cell]


def _begin(interpreter: Interpreter, row: _Told, item: Item, heads: Mapping[int, str]) -> None:
    """Read the line that names a thing: which one it is, what it is called, and more of it, below ``heads`` of columns by
    where they begin."""
    number = ITEM_HEADING.get(item.group)
    if number and FACTS[number].field != "name":
        which = f"{row.which}:" if item.group == "volume" else row.which
        place = Entry(item.group, which, row.line.number, indent_of(row.line.text) + 1)
        interpreter.place(place, "outline", (Guess(number, 0.85, "the line begins with it"),), item)
    cells = row.cells
    if item.group == "partition":
        cells = _with_volume(interpreter, row, item)
        cells = tuple(cell for cell in cells if not _is_size(interpreter, row, item, cell, heads))
    if not cells:
        return
    naming = CALLED[item.group]
    if behind := _NAMED_BEHIND_ASIDE.match(row.line.text):
        entry = Entry("", behind["name"], row.line.number, behind.start("name") + 1)
        interpreter.place(entry, "outline", (Guess(naming, 0.8, f"the line names a {item.group}"),), item)
    if _NAMED_NOTHING.match(row.line.text):
        _go_on(interpreter, replace(row, cells=cells), item, len(interpreter.drafts), cells[0][1])
        return
    if len(cells) > 1:
        by_gap = row.line.text if len(cells_by_gap(row.line.text)) > _LEAST_CELLS else ""
        entry = Entry("", ", ".join(text for text, _ in cells), row.line.number, cells[0][1] + 1)
        if told_bare(interpreter, entry, item.group, item, "outline", naming, by_gap):
            return
    text, at = cells[0]
    entry = Entry("", text, row.line.number, at + 1)
    interpreter.place(entry, "outline", (Guess(naming, 0.8, f"the line names a {item.group}"),), item)


def _is_size(interpreter: Interpreter, row: _Told, item: Item, cell: tuple[str, int], heads: Mapping[int, str]) -> bool:
    """Whether a cell is how large a partition is, or where it starts as the head of its column says; it is read."""
    value = understand(FACTS["partition.size"], cell[0], interpreter.locale) if _SIZE.fullmatch(cell[0]) else None
    if value:
        label = heads.get(cell[1], "")
        meant = [guess.fact for guess in decide(label, interpreter.context("partition"))[:1]] if label else []
        fact = "partition.start" if meant == ["partition.start"] else "partition.size"
        entry = Entry(label, cell[0], row.line.number, cell[1] + 1)
        interpreter.add(fact, item, entry, value, "outline", 0.82, "its form says what it is of a partition")
    return value is not None


def _with_volume(interpreter: Interpreter, row: _Told, item: Item) -> tuple[tuple[str, int], ...]:
    """Read the volume that a partition's line goes on with, from its letter on; returns the cells before it."""
    for place, (text, at) in enumerate(row.cells):
        if mount := _DRIVE.match(text):
            start = at + mount.end()
            start += indent_of(row.line.text[start:])
            letter = at + mount.start("mount")
            volume = told_of_drive(interpreter, row.line.number, mount["mount"], letter, row.line.text[start:], start)
            before = row.cells[:place]
            if before and (
                re.fullmatch(FILE_SYSTEM, before[-1][0])
                or (len(before) > 1 and _SIZE.fullmatch(before[-2][0]) and _FORMAT.fullmatch(before[-1][0]))
            ):
                formatted = Entry("", before[-1][0], row.line.number, before[-1][1] + 1)
                said = Guess("volume.filesystem", 0.8, "it stands before the drive's letter")
                interpreter.place(formatted, "outline", (said,), volume)
            return before
    return row.cells


# ``Disk 0 (GPT), 3 partitions``, ``Disk 0, GPT``: which one it is, and no name of it.
# ``Disk 0 (system disk): Basalt NV1000``
_NAMED_BEHIND_ASIDE = re.compile(r"\s*[^\W\d_]+ ?#?\d{1,3} \([^()]*\): (?P<name>[A-Z][^,:;()]*?)(?=,|\s{2,}|$)")
_NAMED_NOTHING = re.compile(r"\s*[^\W\d_]+ ?#?\d{1,3}(?:,| +\()")


def _go_on(interpreter: Interpreter, row: _Told, item: Item, before: int, start: int = 0) -> None:
    """Read a line, from the column ``start`` on, that goes on with what the one above it tells of."""
    told = {draft.fact for draft in interpreter.drafts[before:] if draft.item is item}
    left = [fact for fact in FIELDS[item.group] if fact.name not in told]
    start = max(start, indent_of(row.line.text))
    text = commas_for_gaps(_DASH.sub(lambda dash: ", ".rjust(len(dash.group())), row.line.text[start:].rstrip()))
    told_in_words(interpreter, text, row.line.number, start, item.group, item, left)


_WHICH_AND_TOLD = re.compile(r"\s*(?P<which>\d{1,3}|[A-Z]{1,4}\d{1,2}):\s+(?P<told>\S.*)$")
_CALLED_AND_TOLD = re.compile(r"\s*(?P<which>[^\W\d_][^:,]{1,40}):\s+(?P<told>[^:,]+, .+)$")
# ``Quayside LAN (Wickerlink GbE 210): up, 10.20.1.112/24``
_BOTH_NAMES = re.compile(r"\s*(?P<which>[^\W\d_][^():,]{1,40}) \((?P<model>[^():]*\d[^():]*)\):\s+(?P<told>\S.*)$")


def read_adapters(interpreter: Interpreter, lines: Sequence[Line], around: Sequence[str]) -> bool:
    """Read adapters, one a line: what people call it, in brackets what it is, and more of it. Whether they were read."""
    matches = [_BOTH_NAMES.match(line.text[:MAX_LINE]) for line in lines]
    if "adapter" not in around[:2] or not lines or not all(matches):
        return False
    before, items = len(interpreter.drafts), []
    for line, match in zip(lines, matches, strict=True):
        if match is None:
            continue
        item = Item("adapter")
        left = [fact for fact in FIELDS["adapter"] if fact.field not in ("name", "connection")]
        start = match.start("told")
        if not told_in_words(interpreter, match["told"], line.number, start, "adapter", item, left):
            del interpreter.drafts[before:]
            return False
        for fact, part in (("adapter.connection", "which"), ("adapter.name", "model")):
            at = Entry("", match[part], line.number, match.start(part) + 1)
            interpreter.place(at, "outline", (Guess(fact, 0.82, "the line begins with what it is called"),), item)
        items.append(item)
    for item in items:
        interpreter.take(item)
    return True


_SUMS_UP = re.compile(r"\s*\d[\d.,]* ?[MG]i?[BO]\b", re.I)
_LEAST_LISTED = 2


def read_kind(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read things of one kind listed under its name, each by what tells it from the others: ``Disks`` over
    ``0: Basalt NV500, 465.8 GB``, ``Memory`` over ``A1: 8 GB DDR4``, ``Network`` over ``Quayside LAN: Wickerlink GbE 210,
    3c:5a:b4:70:00:05``. Whether they were read; other lines below the name are left."""
    subject = SUBJECTS.get(words_of(lines[0].text.strip(" :")[:MAX_LABEL])) if len(lines) > _LEAST_LISTED else None
    group = {"memory": "module"}.get(subject or "", subject)
    pattern = _CALLED_AND_TOLD if group == "adapter" else _WHICH_AND_TOLD
    if group not in CALLED or (group != "adapter" and ITEM_HEADING.get(group) is None):
        return False
    rows = [(line, match) for line in lines[1:] if (match := pattern.match(line.text[:MAX_LINE]))]
    if len(rows) < _LEAST_LISTED or any(indent_of(line.text) <= indent_of(lines[0].text) for line in lines[1:]):
        return False
    key = "adapter.connection" if group == "adapter" else ITEM_HEADING[group]
    before = len(interpreter.drafts)
    for line, match in rows:
        item = interpreter.new_item(group)
        which = Entry("", match["which"], line.number, match.start("which") + 1)
        interpreter.place(which, "outline", (Guess(key, 0.82, f"it is listed under this among {group}s"),), item)
        told = Entry("", match["told"], line.number, match.start("told") + 1)
        parted = replace(told, printed=commas_for_marks(told.printed))
        started = len(interpreter.drafts)
        if told_bare(interpreter, parted, group, item, "outline", CALLED[group]):
            last_part(interpreter, parted, item, started)
            continue
        if group == "adapter":
            del interpreter.drafts[before:]
            return False
        interpreter.place(told, "outline", (Guess(CALLED[group], 0.8, f"the line names a {group}"),), item)
    for line in lines[1:] if subject == "memory" else ():
        if _SUMS_UP.match(line.text):
            # ``16 GB in 2 of 4 sockets; 15.8 GB usable``
            entry = Entry(subject or "", line.text.strip().replace("; ", ", "), line.number, indent_of(line.text) + 1)
            interpreter.entries([entry], "outline", interpreter.context("memory"), None)
    interpreter.frame.add(lines[0].number)
    return True
