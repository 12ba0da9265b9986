"""What readings settle to: facts with their witnesses."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass

from yes_tally.core.quantity import Value
from yes_tally.core.reading.reader import Reading


@dataclass(frozen=True, slots=True)
class Sighting:
    """A reading with where it came from: the report's hash, and the source (the command that printed it)."""

    reading: Reading
    report: str
    source: str


@dataclass(frozen=True, slots=True)
class Witness:
    """A source that speaks for a value: what it printed, and where."""

    source: str
    printed: str
    value: Value
    report: str
    line: int
    column: int
    confidence: float


@dataclass(frozen=True, slots=True)
class Cluster:
    """Witnesses that agree, and the narrowest value they share."""

    value: Value
    witnesses: tuple[Witness, ...]


Spoken = tuple[str, str]
"""A witness as a ruling remembers it: its source, and what it printed."""


@dataclass(frozen=True, slots=True)
class Ruling:
    """What a person decided about a dispute: which witnesses to believe of those that had spoken, and why."""

    fact: str
    item: str | None
    believed: frozenset[Spoken]
    heard: frozenset[Spoken]
    why: str
    by: str
    at: str


@dataclass(frozen=True, slots=True)
class Fact:
    """A fact of a visit. ``clusters`` has one entry when settled, more when its witnesses disagree, the likeliest first.

    ``item`` tells items apart and is stable between visits where the item has a key. ``derived`` facts follow from
    others; ``estimated`` ones are a best guess. A ``ruling`` settles what witnesses disagree on; the cluster it
    believes is then first.
    """

    name: str
    item: str | None
    clusters: tuple[Cluster, ...]
    derived: bool = False
    estimated: bool = False
    ruling: Ruling | None = None

    @property
    def value(self) -> Value:
        return self.clusters[0].value

    @property
    def disputed(self) -> bool:
        return len(self.clusters) > 1 and self.ruling is None

    @property
    def standing(self) -> tuple[Cluster, ...]:
        """The clusters that count: all of them, or the one that a ruling believes."""
        return self.clusters[:1] if self.ruling else self.clusters

    @property
    def witnesses(self) -> tuple[Witness, ...]:
        return tuple(witness for cluster in self.clusters for witness in cluster.witnesses)


class FactBook:
    """The facts of one visit, to be asked by name and by item."""

    def __init__(self, facts: Iterable[Fact]) -> None:
        self.facts: tuple[Fact, ...] = tuple(facts)
        self._single: dict[str, Fact] = {}
        self._items: dict[str, dict[str, dict[str, Fact]]] = {}
        for fact in self.facts:
            if fact.item is None:
                self._single[fact.name] = fact
            else:
                group, _, field = fact.name.partition(".")
                self._items.setdefault(group, {}).setdefault(fact.item, {})[field] = fact

    def __iter__(self) -> Iterator[Fact]:
        return iter(self.facts)

    def single(self, name: str) -> Fact | None:
        """The fact of that name, if anything said it."""
        return self._single.get(name)

    def items(self, group: str) -> Mapping[str, Mapping[str, Fact]]:
        """The items of a group: item to field to fact."""
        return self._items.get(group, {})
