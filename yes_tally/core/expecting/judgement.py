"""What a term of the language gets from a visit: a verdict, what was found, by how much, and the facts behind it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime
from typing import Literal, NamedTuple

from yes_tally.core.catalogue import FACTS
from yes_tally.core.settling.facts import Fact

Verdict = Literal["yes", "no", "unsaid", "disputed"]
OPPOSITE: dict[Verdict, Verdict] = {"yes": "no", "no": "yes", "unsaid": "unsaid", "disputed": "disputed"}
# In "every" and "and" the worst decides: one no is a no, whatever else is unsaid.
WORST: dict[Verdict, int] = {"no": 0, "disputed": 1, "unsaid": 2, "yes": 3}
# In "some" and "or" the best decides.
BEST: tuple[Verdict, ...] = ("yes", "disputed", "unsaid", "no")

MAX_NAMED = 4

Fields = Mapping[str, Fact]
"""The facts of one item, by field."""


def group_of(item: Fields) -> str:
    """What kind of item it is: the group of its facts."""
    return FACTS[next(iter(item.values())).name].group


class Scale(NamedTuple):
    """A found range and its limit in the base unit, to be drawn side by side; ``better`` says which way is yes."""

    low: float
    high: float
    limit: float
    better: Literal["more", "less"]


# Made for every comparison of every item: not frozen, since that makes one three times as dear.
@dataclass(slots=True)
class Judgement:
    """What one term gets: the verdict, what was found and by how much it misses or clears, and the facts behind it."""

    verdict: Verdict
    found: str
    margin: str = ""
    why: str = ""
    facts: tuple[Fact, ...] = ()
    scale: Scale | None = None


@dataclass(frozen=True, slots=True)
class Visited:
    """When the check is made and when the visit was, for ``today`` and ``visit.age``; and why things may be unsaid."""

    now: datetime
    taken_at: datetime
    failures: tuple[str, ...] = ()
