"""Readings while a report is read: items without a name, values without their items' names."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, field

from yes_tally.core.catalogue import KEYS
from yes_tally.core.quantity import Value
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.words import key_text


@dataclass(slots=True)
class Item:
    """One thing of a report while it is read; it gets its name when all of its keys are known."""

    group: str
    keys: dict[str, str] = field(default_factory=dict)
    name: str = ""
    section: int = 0
    """Which section of the report tells of it, counted from 1."""


@dataclass(slots=True)
class Draft:
    """A reading before its item has a name. ``until``: the last line of a text that goes on over several, else 0."""

    fact: str
    item: Item | None
    entry: Entry
    value: Value
    shape: str
    confidence: float
    why: str
    also: tuple[str, ...] = ()
    until: int = 0

    def lengthen(self, more: Value) -> None:
        """Add what a list goes on with to the reading that it began with."""
        if isinstance(self.value.value, tuple) and isinstance(more.value, tuple):
            whole = tuple(dict.fromkeys(self.value.value + more.value))
            self.value = Value("list", whole, whole, whole)


def call_by_people(name: Draft) -> None:
    """A card's name turns out to be what people call its connection: something else says what the card is."""
    name.fact = "adapter.connection"
    if name.item:
        name.item.keys.pop("adapter.name", None)


@dataclass(slots=True)
class Met:
    """A labelled value that a shape found: under which headings, and whether its label meant anything."""

    entry: Entry
    headings: tuple[str, ...]
    known: bool


# Any one of these tells the item; elsewhere all keys together do.
_ANY_KEY: dict[str, tuple[str, ...]] = {
    "adapter": ("adapter.name", "adapter.mac"),
    "disk": ("disk.number", "disk.serial"),
    "display": ("display.serial",),
}


def identity_of(item: Item) -> Iterator[tuple[str, str]]:
    """The keys, with their values, that tell an item from others; none when too few were said."""
    if item.group in _ANY_KEY:
        first = next((key for key in _ANY_KEY[item.group] if key in item.keys), None)
        if first:
            yield first, item.keys[first].casefold()
        return
    keys = [key.name for key in KEYS[item.group]]
    if all(key in item.keys for key in keys) or (len(keys) > 1 and keys[0] in item.keys and item.group == "module"):
        yield from ((key, key_text(key, item.keys[key])) for key in keys if key in item.keys)


# What no thing is that only one thing is said of.
_TOLD_BY_SEVERAL = frozenset({"neighbour", "route", "connection", "hop", "reach", "lookup", "event"})
_TOLD_ALONE = 0.45
# Things of one name are several where they are known to differ in one of these.
_APART = ("adapter.mac", "disk.serial", "display.serial")


def name_items(items: Iterable[Item], drafts: Iterable[Draft]) -> None:
    """Give every item its name; items with the same keys are one (never by a key that was not said). What a single
    draft tells of a thing that it takes several to know is doubted."""
    told: dict[int, list[Draft]] = {}
    for draft in drafts:
        if draft.item:
            told.setdefault(id(draft.item), []).append(draft)
    known: dict[tuple[str, tuple[tuple[str, str], ...]], list[list[Item]]] = {}
    numbers: dict[str, int] = {}
    before: Item | None = None
    for item in items:
        own = told.get(id(item))
        if own is None:
            continue
        if len(own) == 1 and item.group in _TOLD_BY_SEVERAL:
            own[0].confidence = min(own[0].confidence, _TOLD_ALONE)
        if before and _goes_on(told[id(before)], own):
            item.name, told[id(item)] = before.name, [*told[id(before)], *own]
            before = item
            continue
        before = item if item.group in ONE_AS_A_RULE else None
        key = (item.group, tuple(identity_of(item)))
        of_key = known.setdefault(key, []) if key[1] else []
        # Of one section the last told of is enough, and of more of one key than these no list tells.
        near = (
            one for one in of_key[-_MOST_OF_KEY:] if not any(_are_two(told, other, item) for other in (one[0], one[-1]))
        )
        same = next(near, None)
        if same:
            item.name = same[0].name
            same.append(item)
            continue
        numbers[item.group] = numbers.get(item.group, 0) + 1
        item.name = f"{item.group}#{numbers[item.group]}"
        of_key.append([item])


_MOST_OF_KEY = 64
# A PC has one of them, and lines of words below its name tell more of it.
ONE_AS_A_RULE = frozenset({"processor"})
_NAMES_ONE = frozenset({"processor.name", "processor.socket"})


def _goes_on(before: Sequence[Draft], own: Sequence[Draft]) -> bool:
    """Whether the line right below what is told of a thing tells other facts and names none of its kind."""
    told, more = ({draft.fact for draft in drafts} for drafts in (before, own))
    follows = own[0].entry.line - before[-1].entry.line == 1 and own[0].item and before[0].item
    return bool(
        follows
        and own[0].fact.partition(".")[0] in ONE_AS_A_RULE
        and told & _NAMES_ONE
        and not more & (told | _NAMES_ONE)
    )


# ``CPU 0``, ``1``: which one it is, not of what kind.
_WHICH_SOCKET = re.compile(r"(?:cpu|proc\w*|socket|sockel|package|p)?[ #_-]?\d{1,2}", re.I)
_RUN_AT = "health_check.at"
# So many facts told of both, side by side, are of two things.
_SHARED_FACTS = 3


def _are_two(told: dict[int, list[Draft]], one: Item, other: Item) -> bool:
    """Whether items of the same keys are several: they differ in what no thing has two of, or in when a check was run; or
    they are processors, which
    lists may call by nothing but their kind of socket, and one section tells the same facts of both."""
    if any(one.keys[key] != other.keys[key] for key in _APART if key in one.keys and key in other.keys):
        return True
    if one.group == "health_check":
        moments = [[draft.value for draft in told.get(id(item), ()) if draft.fact == _RUN_AT] for item in (one, other)]
        return all(moments) and moments[0] != moments[1]
    socket = one.keys.get("processor.socket", "")
    if one.group != "processor" or one.section != other.section or _WHICH_SOCKET.fullmatch(socket):
        return False
    facts = [{draft.fact for draft in told.get(id(item), ())} for item in (one, other)]
    return len(facts[0] & facts[1]) >= _SHARED_FACTS
