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
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


# Kinds that only some texts can be.
_STRICT = frozenset({"flag", "choice", "mac", "ip"})
NAMES_ADAPTER = frozenset({"adapter.name", "adapter.connection", "adapter.mask", "adapter.gateway", "adapter.speed"})


def told_by_columns(interpreter: Interpreter, rows: Sequence[Group], group: str) -> set[str]:
    """The facts of a group that columns mean, and that most of their cells can be."""
    told = set()
    for label, printed in cells_of_columns(rows).items():
        cells = printed[:SAMPLE]
        for guess in decide(label, Context(group))[:2] if label else ():
            can = sum(_can_be(interpreter, guess.fact, cell) for cell in cells)
            if can * 2 >= len(cells):
                told.add(guess.fact)
    return told


FEW = 2
SAMPLE = 6


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
    groups = [
        group
        for group in groups
        if not _lacks_key(interpreter, group, columns) and not _audits_nothing(interpreter, group, columns)
    ]
    if len(groups) < 2:
        return groups[0] if groups else None
    return next((g for g in groups[:4] if not _speak_against(interpreter, g, columns)), groups[0])


# What every such item has, in a form that little else has.
_HAVE_KEYS = frozenset({"update.id", "process.pid", "partition.id"})
_KEYED = frozenset(fact.partition(".")[0] for fact in _HAVE_KEYS)


def _lacks_key(interpreter: Interpreter, group: str, columns: dict[str, list[str]]) -> bool:
    """Whether columns would name the group's items, and none of them holds anything that names one."""
    return group in _KEYED and _names_none(interpreter, group, columns, _HAVE_KEYS)


def _audits_nothing(interpreter: Interpreter, group: str, columns: dict[str, list[str]]) -> bool:
    """Whether columns tell of policies (``Shortest password   12``), and no cell says what of anything is recorded."""
    if group != "policy" or any(_can_be(interpreter, "policy.records", c) for cells in columns.values() for c in cells):
        return False
    # Successes and failures may have a column each.
    return sum(bool(cells) and None not in map(flag_of, cells) for cells in columns.values()) < FEW


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


# What a table of routes says where no router is passed.
_NO_ROUTER = re.compile(
    r"\W*(?:direct|direkt|dirett|bezpo|on[- ]?link|local|lokal|none|un?reachable|nicht erreichbar|inacces|inalcan|irraggiung|onbereik|nieosi|blocked|prohibit|reject)\w*\W*|[-*]+",
    re.I,
)


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
        told = [cell for cell in cells if guess.fact != "route.gateway" or not _NO_ROUTER.fullmatch(cell)]
        can = sum(_can_be(interpreter, guess.fact, cell) for cell in told)
        rivals = [g for g in guesses if g is not guess and g.confidence >= guess.confidence - 0.02]
        return can * 3 >= len(told) * 2 > 0 if rivals else can > 0

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
