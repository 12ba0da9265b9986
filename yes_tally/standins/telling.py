"""Text that knows what it tells: every printed cell and line carries the facts it states, so that a report has its truth."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Any

from yes_tally.standins.machine import Machine


@dataclass(frozen=True, slots=True)
class Truth:
    """One thing a text states: the fact, the item's own name within the report (``None`` for single facts), the value
    in the base unit, and the characters that state it."""

    fact: str
    item: str | None
    value: Any
    printed: str
    needed: bool = True
    """Whether a reader must say it; what also follows from a text may be read but need not."""


class Told(str):
    """A text with the truths it states."""

    __slots__ = ("truths",)
    truths: tuple[Truth, ...]

    def __new__(cls, text: str, truths: Iterable[Truth] = ()) -> Told:
        told = super().__new__(cls, text)
        told.truths = tuple(truths)
        return told


def truths_of(*parts: object) -> tuple[Truth, ...]:
    """All truths of some texts together."""
    return tuple(truth for part in parts if isinstance(part, Told) for truth in part.truths)


def line(text: str, *parts: object) -> Told:
    """A line that holds these parts."""
    return Told(text, truths_of(*parts))


def words(template: str, **parts: object) -> Told:
    """A line from a template; its truths are those of the parts put in."""
    return Told(template.format(**parts), truths_of(*parts.values()))


def plain_value(value: Any) -> Any:
    """A value as truth files have it: moments as ISO 8601, lists as lists."""
    if isinstance(value, datetime):
        return value.isoformat() if value.time() != datetime.min.time() else value.date().isoformat()
    return list(value) if isinstance(value, tuple) else value


Show = Callable[[Any], str]


class Teller:
    """Tells the facts of one PC, each in the words a printer asks for."""

    def __init__(self, pc: Machine) -> None:
        self.pc = pc

    def __call__(self, fact: str, show: Show = str, also: dict[str, Any] | None = None) -> Told:
        """A single fact as its own summary claims it, shown by ``show``; ``also`` names what follows from the same words."""
        value = self.pc.claimed(fact)
        text = show(value)
        follows = (Truth(f, None, plain_value(v), text, needed=False) for f, v in (also or {}).items())
        return Told(text, (Truth(fact, None, plain_value(value), text), *follows))

    def true(self, fact: str, show: Show = str) -> Told:
        """A single fact as it is, whatever the PC's summary claims."""
        value = self.pc[fact]
        return Told(show(value), (Truth(fact, None, plain_value(value), show(value)),))

    def items(self, group: str, key: str) -> list[ItemTeller]:
        """A teller for each item of a group, named by one of its fields."""
        return [ItemTeller(group, str(item[key]), item) for item in self.pc.items[group]]


class ItemTeller:
    """Tells the fields of one item."""

    def __init__(self, group: str, name: str, item: Any) -> None:
        self.group, self.name, self.item = group, name, item

    def __call__(self, field: str, show: Show = str, blank: str = "", also: Sequence[str] = ()) -> Told:
        """A field shown by ``show``; ``blank``, which states nothing, where the PC has none; ``also`` are fields that
        follow from where it stands."""
        value = self.item[field]
        if value in ("", ()) or value is None:
            return Told(blank)
        text = show(value)
        follows = (Truth(f"{self.group}.{f}", self.name, plain_value(self.item[f]), text, needed=False) for f in also)
        return Told(text, (Truth(f"{self.group}.{field}", self.name, plain_value(value), text), *follows))
