"""Ask plans: the quickest commands that would answer what is still unsaid.

A weighted set cover (Karp 1972; as an integer programme: minimise the seconds of the chosen commands so that every
needed fact is told by one of them), solved to its optimum by branch and bound (HiGHS through ``scipy.optimize.milp``).
"""

from __future__ import annotations

import heapq
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import csr_array

# What asking costs at least, so that of two ways that take the same time the one with fewer commands is chosen.
STEP_SECONDS = 0.05

# Facts that follow from others (core.settling.derive): telling all of these is telling the fact.
FOLLOWS: tuple[tuple[str, frozenset[str]], ...] = (
    ("memory.installed", frozenset({"module.size"})),
    ("memory.free_slots", frozenset({"memory.slots", "module.size"})),
    ("memory.matched", frozenset({"module.type", "module.size", "module.speed"})),
    ("memory.running_speed", frozenset({"module.running_speed"})),
    ("volume.free_share", frozenset({"volume.size", "volume.free"})),
    ("os.edition", frozenset({"os.name"})),
    ("processor.maker", frozenset({"processor.name"})),
)


@dataclass(frozen=True, slots=True)
class Known:
    """A command that is known to answer: what it tells, and how long it takes in seconds."""

    typed: str
    seconds: float
    tells: frozenset[str]


@dataclass(frozen=True, slots=True)
class AskPlan:
    """``commands`` slowest first; ``total`` seconds one after the other, ``finish`` seconds side by side.

    ``unanswered`` names each need that no known command meets, with the facts that nothing tells.
    """

    commands: tuple[Known, ...]
    total: float
    finish: float
    unanswered: Mapping[str, frozenset[str]]


def plan(commands: Iterable[Known], needs: Mapping[str, frozenset[str]], side_by_side: int = 4) -> AskPlan:
    """The quickest set of commands that tells every fact of every need that can be met at all.

    ``needs`` is by a name of the reader's choice (an expectation's text): the facts it rests on.
    """
    known = [Known(c.typed, c.seconds, _with_following(c.tells)) for c in commands]
    tellable = _with_following(frozenset[str]().union(*(c.tells for c in known)))
    unanswered = {name: missing for name, facts in needs.items() if (missing := facts - tellable)}
    wanted = frozenset[str]().union(*(facts for name, facts in needs.items() if name not in unanswered))
    direct = wanted & frozenset[str]().union(*(c.tells for c in known))
    # A fact that follows only from several commands together asks for each of its parts.
    parts = frozenset[str]().union(*(rest for fact, rest in FOLLOWS if fact in wanted - direct))
    chosen = _cover(known, sorted(direct | parts))
    ordered = tuple(sorted(chosen, key=lambda c: (-c.seconds, c.typed)))
    seconds = [c.seconds for c in ordered]
    return AskPlan(ordered, sum(seconds), finish_of(seconds, side_by_side), unanswered)


def _with_following(tells: frozenset[str]) -> frozenset[str]:
    return tells | {fact for fact, parts in FOLLOWS if parts <= tells}


def _cover(commands: Sequence[Known], facts: Sequence[str]) -> list[Known]:
    useful = [command for command in commands if command.tells.intersection(facts)]
    if not useful:
        return []
    facts = _hardest(useful, facts)
    rows, columns = zip(
        *((row, column) for row, fact in enumerate(facts) for column, c in enumerate(useful) if fact in c.tells),
        strict=True,
    )
    tells = csr_array((np.ones(len(rows)), (rows, columns)), shape=(len(facts), len(useful)))
    answer = milp(
        c=np.array([command.seconds + STEP_SECONDS for command in useful]),
        constraints=LinearConstraint(tells, lb=1.0),
        integrality=np.ones(len(useful), dtype=np.int64),
        bounds=Bounds(0, 1),
    )
    if answer.x is None:  # every fact is told by some useful command, so there is always a way
        raise ArithmeticError(f"the plan was not found: {answer.message}")
    return [command for command, take in zip(useful, answer.x, strict=True) if take > 0.5]


def _hardest(commands: Sequence[Known], facts: Sequence[str]) -> list[str]:
    """Without the facts that are told anyway: those that every command telling some other fact tells too."""
    tellers = {fact: frozenset(n for n, command in enumerate(commands) if fact in command.tells) for fact in facts}
    distinct = sorted(set(tellers.values()), key=len)
    needed = [some for place, some in enumerate(distinct) if not any(other < some for other in distinct[:place])]
    first = {some: fact for fact, some in reversed(tellers.items())}
    return sorted(first[some] for some in needed)


def finish_of(seconds: Iterable[float], side_by_side: int) -> float:
    """When the last ends if each, in this order, starts as soon as one of the places is free."""
    places = [0.0] * max(1, side_by_side)
    for each in seconds:
        heapq.heappush(places, heapq.heappop(places) + each)
    return max(places)
