"""Expectations that can never hold, alone or together: limits that leave no room, words that exclude each other."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from math import inf

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS
from yes_tally.core.expecting.terms import All, Comparison, Counted, Expectation, Quantified, Spec, Term
from yes_tally.core.quantity import version_parts

_WORD_TESTS = frozenset({"is", "is_one_of"})


@dataclass(frozen=True, slots=True)
class Room:
    """What comparisons leave a fact: a range with whether its ends belong to it, or some words (``None``: any)."""

    low: float = -inf
    high: float = inf
    low_in: bool = True
    high_in: bool = True
    words: frozenset[str] | None = None

    def empty(self) -> bool:
        if self.words is not None and not self.words:
            return True
        return self.low > self.high or (self.low == self.high and not (self.low_in and self.high_in))

    def within(self, other: Room) -> Room:
        """What both leave."""
        words = other.words if self.words is None else self.words if other.words is None else self.words & other.words
        low, low_out = max((self.low, not self.low_in), (other.low, not other.low_in))
        high, high_in = min((self.high, self.high_in), (other.high, other.high_in))
        return Room(low, high, not low_out, high_in, words)


def _room(comparison: Comparison) -> Room | None:
    """The room that one comparison leaves, where its limits are plain numbers or words."""
    kind = FACTS[comparison.fact].kind
    numbers = [limit.number for limit in comparison.limits if limit.kind == "number"]
    if kind in NUMBER_KINDS and len(numbers) == len(comparison.limits) and numbers:
        first = numbers[0]
        return {
            "at_least": Room(low=first),
            "above": Room(low=first, low_in=False),
            "at_most": Room(high=first),
            "below": Room(high=first, high_in=False),
            "between": Room(first, numbers[-1]),
            "is": Room(first, first),
        }.get(comparison.test)
    if comparison.test in _WORD_TESTS and kind in ("choice", "flag", "text") and not FACTS[comparison.fact].item:
        return Room(words=frozenset(limit.text.casefold() for limit in comparison.limits))
    return None


def _demands(term: Term) -> Iterator[Comparison]:
    """The comparisons that must all hold for a term to hold."""
    if isinstance(term, Comparison):
        yield term
    elif isinstance(term, All):
        for part in term.parts:
            yield from _demands(part)


def never_holds(term: Term) -> str:
    """Why no PC can ever fulfil a term, in words; empty when one may."""
    inside = _never_inside(term)
    if inside:
        return inside
    rooms: dict[str, Room] = {}
    for comparison in _demands(term):
        if _backwards(comparison):
            return f"nothing lies between {comparison.limits[0].printed} and {comparison.limits[1].printed}"
        room = _room(comparison)
        if room is None:
            continue
        rooms[comparison.fact] = rooms.get(comparison.fact, _any_room(comparison.fact)).within(room)
        if rooms[comparison.fact].empty():
            return f"its limits leave {comparison.fact} no room"
    return ""


def _any_room(fact: str) -> Room:
    """What a fact may be before anything is demanded: no size, count or clock is below zero."""
    return Room(low=0) if FACTS[fact].kind in NUMBER_KINDS else Room()


def _never_inside(term: Term) -> str:
    """The same for the parts that a term cannot hold without: an item's demands, and how many items there are."""
    if isinstance(term, All):
        return next(filter(None, map(_never_inside, term.parts)), "")
    if isinstance(term, Quantified) and term.then and term.quantifier != "no":
        # With "where", no item may be meant at all.
        return "" if term.quantifier == "every" and term.where else never_holds(term.then)
    if isinstance(term, Counted):
        room = _room(Comparison("memory.slots", term.test, term.limits))
        return f"nothing is counted so often as that: {term.group}" if room and Room(low=0).within(room).empty() else ""
    return ""


def _backwards(comparison: Comparison) -> bool:
    if comparison.test != "between" or FACTS[comparison.fact].kind != "version":
        return False
    low, high = (version_parts(limit.text) for limit in comparison.limits)
    return low > high


@dataclass(frozen=True, slots=True)
class Contradiction:
    """Two expectations that no PC can fulfil both: the fact, and the spec's name with the line of each."""

    fact: str
    spec: str
    line: int
    text: str
    other_spec: str
    other_line: int
    other_text: str

    def __str__(self) -> str:
        return (
            f"line {self.line} of “{self.spec}” ({self.text}) and line {self.other_line} of “{self.other_spec}” "
            f"({self.other_text}) leave {self.fact} no room"
        )


Told = tuple[Room, Spec, Expectation]
_MOST_COMPARED = 60


def contradictions(specs: Sequence[Spec]) -> list[Contradiction]:
    """Every two ``must`` lines that no PC can fulfil both, within a spec or of two that may apply to one PC."""
    by_fact: dict[str, list[Told]] = {}
    for spec in specs:
        for expectation, comparison, room in _musts(spec.expectations):
            by_fact.setdefault(comparison.fact, []).append((room, spec, expectation))
    return [found for fact, told in by_fact.items() for found in _clashes(fact, told)]


def _clashes(fact: str, told: Sequence[Told]) -> Iterator[Contradiction]:
    shared = Room()
    for room, _, _ in told:
        shared = shared.within(room)
    if not shared.empty():
        return  # one value fits all of them
    compared = _strictest(told)
    for place, (room, spec, line) in enumerate(compared):
        for other, other_spec, other_line in compared[:place]:
            if (
                line is not other_line
                and room.within(other).empty()
                and (other_spec is spec or may_meet(other_spec, spec))
            ):
                yield Contradiction(
                    fact, other_spec.name, other_line.line, other_line.text, spec.name, line.line, line.text
                )


def _strictest(told: Sequence[Told]) -> list[Told]:
    """The lines that can clash if any can: those with the highest floor, the lowest ceiling, and those of words."""
    chosen = {id(each) for each in sorted(told, key=lambda each: -each[0].low)[:_MOST_COMPARED]}
    chosen |= {id(each) for each in sorted(told, key=lambda each: each[0].high)[:_MOST_COMPARED]}
    chosen |= {id(each) for each in [each for each in told if each[0].words is not None][:_MOST_COMPARED]}
    return [each for each in told if id(each) in chosen]


def _musts(expectations: Iterable[Expectation]) -> Iterator[tuple[Expectation, Comparison, Room]]:
    for expectation in expectations:
        for comparison in _demands(expectation.term) if expectation.strength == "must" else ():
            room = _room(comparison)
            if room and not FACTS[comparison.fact].item:
                yield expectation, comparison, room


def may_meet(a: Spec, b: Spec) -> bool:
    """Whether one PC may have both specs: they name no part of the office that excludes the other's."""
    return all(
        {word.casefold() for word in a.applies[key]} & {word.casefold() for word in b.applies[key]}
        for key in a.applies.keys() & b.applies.keys()
    )
