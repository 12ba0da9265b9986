"""What names one thing in the world: met in two assets, it moved, was swapped, or was copied."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from types import MappingProxyType
from typing import Literal

from yes_tally.core.settling.facts import FactBook
from yes_tally.core.settling.identity import comparable_id

# The kind of an id, the fact that tells it, and what it is called.
_TRACED: Mapping[str, tuple[str, str]] = MappingProxyType({
    "serial": ("machine.serial", "serial"), "uuid": ("machine.uuid", "machine id"),
    "board": ("board.serial", "board serial"), "mac": ("adapter.mac", "MAC"), "disk": ("disk.serial", "disk"),
    "module": ("module.serial", "memory module"), "display": ("display.serial", "display"),
})  # fmt: skip
PARTS_THAT_MOVE = frozenset({"board", "mac", "disk", "module", "display"})
_NOT_A_STATION = frozenset({"virtual", "loopback"})


@dataclass(frozen=True, slots=True)
class Trace:
    """One id that a visit shows: its kind, the id as it is compared, and as it was printed."""

    kind: str
    id: str
    shown: str


@dataclass(frozen=True, slots=True)
class SeenElsewhere:
    """A trace of this visit that another asset has shown: ``still`` when that asset's latest visit that told such ids
    showed it too; ``at`` is when it last did."""

    trace: Trace
    asset: int
    still: bool
    at: str


Meaning = Literal["moved", "swapped", "two places"]


@dataclass(frozen=True, slots=True)
class Crossing:
    """What an id in two assets means, in words."""

    meaning: Meaning
    asset: int
    kind: str
    shown: str
    says: str


def called(kind: str) -> str:
    """What an id of this kind is called."""
    return _TRACED[kind][1]


def traces(book: FactBook) -> list[Trace]:
    """Every id of a visit that names one thing in the world; virtual adapters are no thing, disputed ids no id."""
    found: dict[tuple[str, str], Trace] = {}
    for kind, (name, _) in _TRACED.items():
        group, _, field = name.partition(".")
        items = book.items(group)
        facts = [book.single(name)] if not items else [
            fields.get(field) for fields in items.values()
            if not ("kind" in fields and fields["kind"].value.value in _NOT_A_STATION)
        ]  # fmt: skip
        for fact in facts:
            if fact is not None and not fact.disputed:
                shown = str(fact.value.value)
                trace = Trace(kind, comparable_id(kind, shown), shown)
                found.setdefault((kind, trace.id), trace)
    return list(found.values())


def crossings(
    seen: Iterable[SeenElsewhere], lost: Mapping[int, frozenset[str]], names: Mapping[int, str]
) -> list[Crossing]:
    """What ids of this visit that other assets have shown mean. ``lost``: for each other asset, the kinds of which it
    now shows a part that this asset had before; ``names``: what the other assets are called."""
    return [_crossing(each, lost.get(each.asset, frozenset()), names[each.asset]) for each in seen]


def _crossing(each: SeenElsewhere, lost: frozenset[str], name: str) -> Crossing:
    trace = each.trace
    named = f"{called(trace.kind)} {trace.shown}"
    day = each.at[:10]
    if trace.kind in PARTS_THAT_MOVE and trace.kind in lost:
        says = f"{named} was in {name}, which now has this PC's: they were swapped"
        return Crossing("swapped", each.asset, trace.kind, trace.shown, says)
    if trace.kind in PARTS_THAT_MOVE and not each.still:
        says = f"{named} came from {name}, last seen there {day}"
        return Crossing("moved", each.asset, trace.kind, trace.shown, says)
    where = f"{name} showed it too, last on {day}"
    meant = "it moved since, or one is a copy" if trace.kind in PARTS_THAT_MOVE else "one of the two is a copy"
    return Crossing("two places", each.asset, trace.kind, trace.shown, f"{named}: {where}; {meant}")
