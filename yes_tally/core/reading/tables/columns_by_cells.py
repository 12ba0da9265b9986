"""Columns of one kind of thing whose cells say more of what they mean than their heads: letters, mount points, drivers, parts,
routers; and tables that list several PCs."""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.reading.meaning.decide import Context, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import Group
from yes_tally.core.reading.tables.columns import FEW, SAMPLE
from yes_tally.core.reading.values.text_forms import MAKER_AND_PART
from yes_tally.core.words import is_placeholder

# What a column ``Driver`` beside ``Device`` may hold that no driver is called by.
_OF_DRIVER = (
    (re.compile(r"\S+\.(?:sys|inf|ko|drv|dll)", re.I), "driver.file", "nothing but files stand in it"),
    (re.compile(r"v?\d{1,5}(?:\.\d{1,6}){1,4}"), "driver.version", "nothing but versions stand in it"),
)


def driver_apart(
    columns: dict[str, tuple[Guess, ...]], meant: dict[str, tuple[Guess, ...]], cells: dict[str, list[str]]
) -> dict[str, tuple[Guess, ...]]:
    """``Device`` beside ``Driver``, which holds nothing but files, or versions: the device is what the driver is called
    by."""
    of = {found[0].fact: label for label, found in columns.items() if found}
    named = of.get("driver.name")
    printed = cells.get(named or "", [])
    held = next((row[1:] for row in _OF_DRIVER if printed and all(map(row[0].fullmatch, printed))), None)
    if named is None or held is None or held[0] in of:
        return columns
    other = next(
        (label for label, found in meant.items() if label != named and "driver.name" in {g.fact for g in found}), None
    )
    if other is None:
        return columns
    name = next(guess for guess in meant[other] if guess.fact == "driver.name")
    return {**columns, named: (Guess(held[0], 0.85, held[1]),), other: (name,)}


# What kernels list beside each other: disks, their parts, and what is made of those.
_BLOCK_DEVICES = frozenset({"disk", "part", "rom", "lvm", "crypt", "loop", "raid0", "raid1", "raid5"})


def mounted(
    rows: Sequence[Group], columns: dict[str, tuple[Guess, ...]], cells: dict[str, list[str]]
) -> tuple[Sequence[Group], dict[str, tuple[Guess, ...]]]:
    """Of a kernel's listing of block devices, one column of which says what each is (``disk``, ``part``), the rows that
    are mounted somewhere: the volumes; its first column holds no labels."""
    kinds = [label for label, printed in cells.items() if printed and _BLOCK_DEVICES.issuperset(printed)]
    mount = next((label for label, found in columns.items() if found and found[0].fact == "volume.mount"), None)
    if not kinds or mount is None:
        return rows, columns
    named = {rows[0].entries[0].label, *kinds} if rows[0].entries else set(kinds)
    held = [row for row in rows if any(entry.label == mount and entry.printed for entry in row.entries)]
    return held, {label: () if label in named else found for label, found in columns.items()}


def with_parts(
    columns: dict[str, tuple[Guess, ...]], meant: dict[str, tuple[Guess, ...]], cells: dict[str, list[str]]
) -> dict[str, tuple[Guess, ...]]:
    """The columns of a table of modules, where one that is called after them holds who made each and its part number
    (``Siskin SK08-D4-2666``): another says which slot it is in."""
    slots = [label for label, found in meant.items() if any(guess.fact == "module.slot" for guess in found)]
    parts = [label for label in slots if cells.get(label) and all(map(MAKER_AND_PART.fullmatch, cells[label]))]
    told = {found[0].fact for found in columns.values() if found}
    if len(parts) != 1 or "module.part" in told:
        return columns
    part = Guess("module.part", 0.8, "makers and numbers of parts stand in it")
    other = next((label for label in slots if label != parts[0]), None)
    slot = tuple(guess for guess in meant[other] if guess.fact == "module.slot") if other else ()
    return {**columns, parts[0]: (part,), **({other: slot} if other else {})}


# ``C:``, ``D:\\``
_DRIVE = re.compile(r"[A-Z]:\\?")


def begin_with_drives(rows: Sequence[Group]) -> bool:
    """Whether the first column of a table holds nothing but the letters of drives."""
    first = [
        row.entries[0].printed for row in rows[:SAMPLE] if row.entries and not is_placeholder(row.entries[0].printed)
    ]
    return bool(first) and all(map(_DRIVE.fullmatch, first))


def with_letters(
    columns: dict[str, tuple[Guess, ...]], labels: Sequence[str], cells: dict[str, list[str]]
) -> dict[str, tuple[Guess, ...]]:
    """The columns of a table of volumes, the first of which may hold their letters under a label that does not say so
    (``Band``)."""
    letters = cells.get(labels[0], [])
    if columns.get(labels[0]) or not letters or not all(map(_DRIVE.fullmatch, letters)):
        return columns
    if any(found and found[0].fact == "volume.mount" for found in columns.values()):
        return columns
    return {**columns, labels[0]: (Guess("volume.mount", 0.8, "nothing but letters of drives stand in it"),)}


# ``/``, ``/data``, and ``/dev/sda1``, ``tmpfs``.
_FOLDER, _DEVICE = re.compile(r"/(?!dev/)\S*"), re.compile(r"/dev/\S+|[a-z]+")


def with_mount_points(
    columns: dict[str, tuple[Guess, ...]], cells: dict[str, list[str]]
) -> dict[str, tuple[Guess, ...]]:
    """The columns of a table of volumes, where what was taken for their mount points are the devices, and another column
    holds nothing but folders."""
    mount = next((label for label, found in columns.items() if found and found[0].fact == "volume.mount"), None)
    devices = cells.get(mount or "", [])
    folders = [label for label, printed in cells.items() if printed and all(map(_FOLDER.fullmatch, printed))]
    if mount is None or len(folders) != 1 or not devices or not all(map(_DEVICE.fullmatch, devices)):
        return columns
    why = "nothing but folders and devices stand in the two columns"
    # What is on no device (``tmpfs``) is called by its file system.
    device = (Guess("volume.filesystem", 0.8, why), Guess("volume.disk", 0.8, why))
    return {**columns, folders[0]: (Guess("volume.mount", 0.85, why),), mount: device}


_HOST = re.compile(r"[A-Za-z]\w*(?:-\w+)*-\w*\d+(?:\.[a-z][\w.-]*)?")
_OF_PCS = frozenset({"machine", "os", "memory", "disk", "processor"})


def list_pcs(labels: Sequence[str], cells: dict[str, list[str]]) -> bool:
    """Whether a table lists several PCs, one a row: the first column calls them by their names, and another tells of what
    each has."""
    names = cells.get(labels[0], []) if labels else []
    if len(set(names)) < FEW or not all(map(_HOST.fullmatch, names)):
        return False
    named = SUBJECTS.get(words_of(labels[0])) or next(
        (guess.fact.partition(".")[0] for guess in decide(labels[0], Context("host"))[:1]), ""
    )
    told = {SUBJECTS.get(words_of(label), "") for label in labels[1:]}
    told |= {guess.fact.partition(".")[0] for label in labels[1:] for guess in decide(label, Context("machine"))[:1]}
    return named in ("machine", "host") and not told.isdisjoint(_OF_PCS)


_ADDRESS = re.compile(r"\d{1,3}(?:\.\d{1,3}){3}")


def with_routers(
    columns: dict[str, tuple[Guess, ...]], meant: dict[str, tuple[Guess, ...]], cells: dict[str, list[str]]
) -> dict[str, tuple[Guess, ...]]:
    """The columns of a table of routes, two of which may say through what a packet leaves (``through``, ``over``): the
    first, where it holds nothing but addresses, is the next router's."""
    if any(found and found[0].fact == "route.gateway" for found in columns.values()):
        return columns
    through = [label for label, found in meant.items() if any(guess.fact == "route.interface" for guess in found)]
    if (
        len(through) != _ROUTER_AND_CARD
        or not cells.get(through[0])
        or not all(map(_ADDRESS.fullmatch, cells[through[0]]))
    ):
        return columns
    router, card = through
    leaves = tuple(guess for guess in meant[card] if guess.fact == "route.interface")
    return {**columns, router: (Guess("route.gateway", 0.8, "another column names the card"),), card: leaves}


_ROUTER_AND_CARD = 2
