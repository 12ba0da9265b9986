"""What the columns of a table mean, and what they speak of: by their labels, and by what their cells can be."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, KEYS
from yes_tally.core.reading.meaning.decide import NAMING, Context, Guess, decide
from yes_tally.core.reading.meaning.labels import MERELY_NAME, split_unit, words_of
from yes_tally.core.reading.meaning.second_choices import is_second_choice
from yes_tally.core.reading.phrases import SUBJECTS, subjects_in
from yes_tally.core.reading.shapes.layout import Group
from yes_tally.core.reading.values.text_forms import MAKER_AND_PART
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


# Kinds that only some texts can be.
_STRICT = frozenset({"flag", "choice", "mac", "ip"})
NAMES_ADAPTER = frozenset({"adapter.name", "adapter.connection", "adapter.mask", "adapter.gateway", "adapter.speed"})


def told_by_columns(interpreter: Interpreter, rows: Sequence[Group], group: str) -> set[str]:
    """The facts of a group that columns mean, and that most of their cells can be."""
    told = set()
    for label, printed in cells_of_columns(rows).items():
        cells = printed[:_SAMPLE]
        for guess in decide(label, Context(group))[:2] if label else ():
            can = sum(_can_be(interpreter, guess.fact, cell) for cell in cells)
            if can * 2 >= len(cells):
                told.add(guess.fact)
    return told


FEW = 2
_SAMPLE = 6


# What a thing of any kind may have.
_ANYTHING_HAS = frozenset({"name", "state", "label", "maker", "model", "profile"})
# A moment and a source alone are not an event's.
_TOLD_BY = {
    "event": frozenset({"event.level", "event.id", "event.text"}),
    # Any device has a name, a state and maybe memory of its own.
    "graphics": frozenset(
        {f"graphics.{field}" for field in ("driver_version", "driver_dated", "width", "height", "refresh", "device_id")}
    ),
    "volume": frozenset(
        {"volume.mount", "volume.label", "volume.filesystem", "volume.serial", "volume.size", "volume.free"}
    ),
}


def tells_items(interpreter: Interpreter, rows: Sequence[Group], group: str, labels: Sequence[str]) -> bool:
    """Whether columns tell items of a group that nothing names: more than two fields, one
    that tells them apart, or one that is more than a text."""
    if any(map(interpreter.is_taught, labels)):
        return True
    meant = told_by_columns(interpreter, rows, group)
    keys = _TOLD_BY.get(group, {key.name for key in KEYS.get(group, ())} | {NAMING.get(group, "")})
    if group == "event" and "event.at" not in meant:
        return False
    if {fact.partition(".")[2] for fact in meant} <= _ANYTHING_HAS:
        return False
    telling = len(meant) > FEW or any(FACTS[fact].kind != "text" for fact in meant)
    return bool(keys & meant) or (group not in _TOLD_BY and telling)


def borne_out(interpreter: Interpreter, groups: Sequence[str], rows: Sequence[Group]) -> str | None:
    """The likeliest group that no column speaks against, by flags, choices or addresses that none of its cells
    can be; else the likeliest."""
    columns = cells_of_columns(rows)
    groups = [group for group in groups if not _lacks_key(interpreter, group, columns)]
    if len(groups) < 2:
        return groups[0] if groups else None
    return next((g for g in groups[:4] if not _speak_against(interpreter, g, columns)), groups[0])


# What every such item has, in a form that little else has.
_HAVE_KEYS = frozenset({"update.id", "process.pid", "partition.id"})
_KEYED = frozenset(fact.partition(".")[0] for fact in _HAVE_KEYS)


def _lacks_key(interpreter: Interpreter, group: str, columns: dict[str, list[str]]) -> bool:
    """Whether columns would name the group's items, and none of them holds anything that names one."""
    return group in _KEYED and _names_none(interpreter, group, columns, _HAVE_KEYS)


def _names_none(interpreter: Interpreter, group: str, columns: dict[str, list[str]], keys: Collection[str]) -> bool:
    """Whether columns mean one of the ``keys`` of a group, and none of their cells can be it."""
    context = interpreter.context(group)
    held = [(cells, g.fact) for label, cells in columns.items() for g in decide(label, context)[:1] if g.fact in keys]
    return bool(held) and not any(_can_be(interpreter, fact, cell) for cells, fact in held for cell in cells)


def mounts_none(interpreter: Interpreter, rows: Sequence[Group]) -> bool:
    """Whether a column that would say where volumes are mounted (``Drive``) holds nothing that is a place for one."""
    return _names_none(interpreter, "volume", cells_of_columns(rows), {"volume.mount"})


def _can_be(interpreter: Interpreter, fact: str, cell: str) -> bool:
    return understand(FACTS[fact], cell, interpreter.locale) is not None


def cells_of_columns(rows: Sequence[Group]) -> dict[str, list[str]]:
    """What the first rows print in each column."""
    columns: dict[str, list[str]] = {}
    for row in rows[:20]:
        for entry in row.entries:
            if not is_placeholder(entry.printed):
                columns.setdefault(entry.label, []).append(entry.printed)
    return columns


_COUNTING = 2


def numbers_only(cells: Sequence[str]) -> int:
    """Whether a column holds numbers only (1), and those of its rows (2: ``1``, ``2``, ``3``)."""
    if not all(map(str.isdigit, cells)):
        return 0
    numbers = [int(cell[:9]) for cell in cells]
    counting = len(numbers) > _COUNTING and numbers == list(range(numbers[0], numbers[0] + len(numbers)))
    return _COUNTING if counting else 1


# A word with a number in it, or in braces: what an id is.
_AN_ID = re.compile(r"\S*\d\S*$|\{|(?:cpu|socket|node|package|slot|[^\W\d_]*pro[cz]ess[^\W\d_]*) ?#?\d{1,2}$", re.I)


def _no_id(guess: Guess) -> Guess | None:
    """What a column that may mean an id means where none of its cells can be one: what the things are called."""
    group, _, field = guess.fact.partition(".")
    if field != "id" and guess.fact != "processor.socket":
        return guess
    name = f"{group}.name"
    return guess._replace(fact=name, confidence=round(guess.confidence - 0.1, 3)) if name in FACTS else None


def borne_by(interpreter: Interpreter, guesses: tuple[Guess, ...], cells: Sequence[str]) -> tuple[Guess, ...]:
    """What a column may mean without flags, choices and addresses that none of its cells can be, or that another
    meaning as likely explains better."""
    if not cells:
        return guesses
    guesses = tuple(
        g for g in guesses if g.fact not in _HAVE_KEYS or any(_can_be(interpreter, g.fact, c) for c in cells)
    )
    if not any(map(_AN_ID.match, cells)):
        guesses = tuple(named for g in guesses if (named := _no_id(g)))
    if len(guesses) < 2:
        return guesses

    def borne(guess: Guess) -> bool:
        if FACTS[guess.fact].kind not in _STRICT:
            return True
        can = sum(_can_be(interpreter, guess.fact, cell) for cell in cells)
        rivals = [g for g in guesses if g is not guess and g.confidence >= guess.confidence - 0.02]
        return can * 3 >= len(cells) * 2 if rivals else can > 0

    return tuple(filter(borne, guesses))


def _speak_against(interpreter: Interpreter, group: str, columns: dict[str, list[str]]) -> bool:
    """Whether columns would tell flags, choices or addresses of a group that none of their cells can be."""
    context = interpreter.context(group)
    told: dict[str, list[str]] = {}
    for label, cells in columns.items():
        guesses = [g for g in decide(label, context) if g.fact.startswith(f"{group}.")]
        if guesses and all(FACTS[guess.fact].kind in _STRICT for guess in guesses):
            told.setdefault(guesses[0].fact, []).extend(cells)
    told = {fact: printed for fact, printed in told.items() if len(printed) > 1}
    borne = {fact: sum([_can_be(interpreter, fact, cell) for cell in told[fact]]) for fact in told}
    if any(borne[fact] == len(told[fact]) for fact in told if fact in _OF_NOTHING_ELSE):
        return False
    return not all(borne.values())


# What some words can only be.
_OF_NOTHING_ELSE = frozenset({"disk.layout"})


def each_meant_once(
    guesses: dict[str, tuple[Guess, ...]], meant: dict[str, tuple[Guess, ...]], numbers: dict[str, int]
) -> dict[str, tuple[Guess, ...]]:
    """What each column of a table means: no two columns tell the same fact; the one with fewer choices goes first, of
    ``guesses`` that its cells bear and then of all that its label may mean (``meant``). ``numbers``: whether a column
    holds nothing else, and only counts the rows."""
    taken: dict[str, str] = {}
    guesses = _with_who_it_is(guesses)

    def choices(label: str) -> tuple[int, int, float]:
        return _as_likely(guesses[label]), _as_likely(meant.get(label, ())), -_likeliest(guesses[label])

    # What the things themselves are called by (``Driver`` of drivers) is their name before any other column; what only
    # counts them (``Module`` beside ``Slot``) is it after all others.
    def turn(label: str) -> int:
        number = numbers.get(label, 0)
        return 3 if number == _COUNTING else 1 if not _names_itself(label, guesses[label]) else 2 if number else 0

    # ``Available`` before ``Free``
    def in_other_words(label: str) -> bool:
        return not guesses[label] or not guesses[label][0].fact.partition(".")[2].startswith(label.casefold())

    def second(label: str) -> bool:
        return bool(guesses[label]) and is_second_choice(guesses[label][0].fact, label)

    for label in sorted(guesses, key=lambda label: (second(label), turn(label), choices(label), in_other_words(label))):
        for guess in guesses[label]:
            if guess.fact not in taken:
                taken[guess.fact] = label
                break
    once = {
        label: tuple(g for g in found if taken.get(g.fact, label) == label)
        if not second(label) or taken[guesses[label][0].fact] == label
        else ()
        for label, found in guesses.items()
    }
    # ``Kind`` beside ``Fs``: where no file systems stand, some of its words may say which kind of volume.
    left = {label for label, found in guesses.items() if found and not once[label]}
    return {
        label: tuple(g for g in meant[label] if FACTS[g.fact].kind == "choice" and g.fact not in taken)
        if label in left
        else found
        for label, found in once.items()
    }


def _likeliest(guesses: Sequence[Guess]) -> float:
    return guesses[0].confidence if guesses else 0.0


def _as_likely(guesses: Sequence[Guess]) -> int:
    """How many of guesses are about as likely as the first."""
    return sum(guess.confidence > _likeliest(guesses) - 0.02 for guess in guesses)


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
        row.entries[0].printed for row in rows[:_SAMPLE] if row.entries and not is_placeholder(row.entries[0].printed)
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


def _with_who_it_is(guesses: dict[str, tuple[Guess, ...]]) -> dict[str, tuple[Guess, ...]]:
    """Beside a column of logins, a column ``Name`` says who they are."""
    named = [label for label, found in guesses.items() if found and found[0].fact == "account.name"]
    plainly = [label for label in named if words_of(label) in MERELY_NAME]
    if len(named) < 2 or len(plainly) != 1:
        return guesses
    who = Guess("account.full_name", guesses[plainly[0]][0].confidence, "it stands beside what they sign in with")
    return {**guesses, plainly[0]: (who,)}


def _names_itself(label: str, guesses: Sequence[Guess]) -> bool:
    named = SUBJECTS.get(words_of(label))
    return named is not None and bool(guesses) and bool(guesses[0].phrase) and guesses[0].fact == NAMING.get(named)


def unit_of_sizes(labels: Sequence[str]) -> str:
    """The unit that a table's labels give for its sizes, where they give one only (``1K-blocks``, ``Size (MB)``)."""
    units = {unit for label in labels if (unit := split_unit(label)[1]) and unit[-1:] in "Bb"}
    return units.pop() if len(units) == 1 else ""


# What kinds of things are called in headings, beside what they are.
_QUALIFY = frozenset(
    "installed local scheduled planned physical logical available connected known found "
    "installiert installierte lokal lokale geplant geplante physisch physische logische vorhandene angeschlossene verbundene "
    "installe installes installee installees local locaux locale locales planifie planifies planifiee planifiees physique physiques logiques "
    "instalado instalados instalada instaladas locais programado programados programada programadas agendada agendadas fisico fisicos fisica fisicas logicas "
    "installato installati installata installate locali pianificato pianificati pianificata pianificate fisici "
    "geinstalleerde lokale geplande fysieke logische aangesloten "
    "s locai zainstalowane lokalne zaplanowane fizyczne logiczne podlaczone".split()
)


def headed_by_kind(label: str, group: str) -> tuple[Guess, ...]:
    """``Installed programs`` over a table's first column: what the things are called, by their kind and a word beside."""
    words = words_of(label)
    named = next((at for at in subjects_in(words) if at.group == group), None)
    beside = (*words[: named.start], *words[named.end :]) if named else ()
    if group not in NAMING or not beside or not _QUALIFY.issuperset(beside):
        return ()
    return (Guess(_CALLED.get(group, NAMING[group]), 0.85, f"the label names {group}"),)


# What a table's first column holds of these under the name of their kind.
_CALLED = {"disk": "disk.model"}
