"""Readings while a report is read: items without a name, values without their items' names."""

from __future__ import annotations

from dataclasses import dataclass, field

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
    """A reading before its item has a name."""

    fact: str
    item: Item | None
    entry: Entry
    value: Value
    shape: str
    confidence: float
    why: str
    also: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class Met:
    """A labelled value that a shape found: under which headings, and whether its label meant anything."""

    entry: Entry
    headings: tuple[str, ...]
    known: bool
