"""Readings while a report is read: items without a name, values without their items' names."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field

from yes_tally.core.catalogue import KEYS
from yes_tally.core.quantity import Value
from yes_tally.core.reading.shapes.layout import Entry


@dataclass(slots=True)
class Item:
    """One thing of a report while it is read; it gets its name when all of its keys are known."""

    group: str
    keys: dict[str, str] = field(default_factory=dict)
    name: str = ""


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
        yield from ((key, item.keys[key].casefold()) for key in keys if key in item.keys)
