"""What a cross-check finds, and the small words that all of them use."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Mapping
from dataclasses import dataclass
from typing import Literal

from yes_tally.core.parts.book import PartsBook
from yes_tally.core.saying import say_fact
from yes_tally.core.settling.facts import Fact, FactBook, Witness

Weight = Literal["contradiction", "notice"]
"""A *contradiction* cannot be true as told; a *notice* can, but who looks closely would ask."""


@dataclass(frozen=True, slots=True)
class Finding:
    """What one cross-check saw in one visit: in words, and the facts that do not go together, each with its witnesses.

    ``expected`` is the other side where it is no fact of the visit: what the parts book or a standard says.
    """

    check: str
    weight: Weight
    says: str
    facts: tuple[Fact, ...]
    expected: str = ""

    @property
    def places(self) -> tuple[tuple[str, Witness], ...]:
        """Where it was seen: each fact's name with its first witness, no line twice."""
        seen = {(w.report, w.line): (fact.name, w) for fact in self.facts for w in fact.witnesses[:1]}
        return tuple(seen.values())


Seen = tuple[str, tuple[Fact, ...]] | tuple[str, tuple[Fact, ...], str]
"""What a check's function gives for each thing it sees: the sentence, the facts, and what else was expected."""

Look = Callable[[FactBook, PartsBook], Iterable[Seen]]


@dataclass(frozen=True, slots=True)
class CrossCheck:
    """One entry of the registry: its name, how much it weighs, what it compares, why that matters, and the function."""

    name: str
    weight: Weight
    compares: str
    why: str
    look: Look

    def findings(self, book: FactBook, parts: PartsBook) -> Iterator[Finding]:
        """What it sees in a visit's facts."""
        for says, facts, *expected in self.look(book, parts):
            yield Finding(self.name, self.weight, says, tuple(facts), *expected)


Fields = Mapping[str, Fact]


def sure(fact: Fact | None) -> Fact | None:
    """The fact where its witnesses agree and it is no estimate; a cross-check never rests on anything else."""
    return fact if fact and not fact.disputed and not fact.estimated else None


def range_of(fact: Fact | None) -> tuple[float, float] | None:
    """The lowest and the highest that a sure number may be, over every reading in doubt."""
    found = sure(fact)
    readings = list(found.value.readings()) if found else []
    lows = [float(r.low) for r in readings if isinstance(r.low, (int, float))]
    highs = [float(r.high) for r in readings if isinstance(r.high, (int, float))]
    return (min(lows), max(highs)) if readings and len(lows) == len(highs) == len(readings) else None


def text_of(fact: Fact | None) -> str:
    """A sure fact's value as text; empty where there is none."""
    return str(fact.value.value) if fact is not None and sure(fact) is not None else ""


def shown(fact: Fact) -> str:
    """A fact's value in words."""
    return say_fact(fact.name, fact.value)


def label_of(item: str) -> str:
    """What tells an item apart, in words: ``A1`` of ``module:A1``."""
    group, _, name = item.partition(":")
    return name or group
