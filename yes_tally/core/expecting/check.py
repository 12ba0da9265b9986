"""Holding a visit's facts against a spec: four answers, each with what was found, the limit, the margin, the lines."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace
from typing import Any, NamedTuple

from yes_tally.core.expecting.judge_items import judge_counted, judge_quantified, judge_same
from yes_tally.core.expecting.judge_value import judge_comparison, weigh
from yes_tally.core.expecting.judgement import (
    BEST,
    MAX_NAMED,
    OPPOSITE,
    WORST,
    Fields,
    Judgement,
    Scale,
    Verdict,
    Visited,
)
from yes_tally.core.expecting.terms import (
    All,
    Any_,
    Comparison,
    Counted,
    Expectation,
    Not,
    Quantified,
    Same,
    Spec,
    Strength,
    Term,
)
from yes_tally.core.quantity import exactly
from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Witness


class Answer(NamedTuple):
    """What an expectation gets from a visit. ``why`` is one sentence; ``witnesses`` are the lines behind it."""

    expectation: str
    strength: Strength
    because: str
    line: int
    verdict: Verdict
    found: str
    margin: str
    why: str
    witnesses: tuple[Witness, ...]
    scale: Scale | None


def with_visit_facts(book: FactBook, visited: Visited, reports: int) -> FactBook:
    """The facts with ``visit.age`` and ``visit.reports`` among them."""
    age = max(0.0, (visited.now - visited.taken_at).total_seconds())
    own = Witness("the visit itself", visited.taken_at.isoformat(" ", "minutes"), exactly("span", age), "", 0, 0, 1.0)
    counted = Witness("the visit itself", str(reports), exactly("count", reports), "", 0, 0, 1.0)
    facts = [
        Fact("visit.age", None, (Cluster(own.value, (own,)),), derived=True),
        Fact("visit.reports", None, (Cluster(counted.value, (counted,)),), derived=True),
    ]
    return FactBook([*(fact for fact in book if not fact.name.startswith("visit.")), *facts])


def check(spec: Spec, book: FactBook, visited: Visited) -> list[Answer]:
    """Every expectation's answer, in the spec's order."""
    return [check_expectation(expectation, book, visited) for expectation in spec.expectations]


def check_expectation(expectation: Expectation, book: FactBook, visited: Visited) -> Answer:
    """One expectation's answer."""
    judged = _judge(expectation.term, book, None, visited)
    if judged.verdict == "unsaid" and not judged.facts and visited.failures:
        judged = replace(judged, why=f"{judged.why}; {visited.failures[0]}")
    return Answer(
        expectation=expectation.text,
        strength=expectation.strength,
        because=expectation.because,
        line=expectation.line,
        verdict=judged.verdict,
        found=judged.found,
        margin=judged.margin,
        why=judged.why,
        witnesses=tuple([w for fact in judged.facts[:MAX_NAMED] for c in fact.standing for w in c.witnesses]),
        scale=judged.scale,
    )


def _judge(term: Term, book: FactBook, item: Fields | None, visited: Visited) -> Judgement:
    return _JUDGES[type(term)](term, book, item, visited)


def weigh_term(term: Term, book: FactBook, item: Fields | None, visited: Visited) -> Verdict:
    """A term's verdict with no word said of it; the same as that of ``_judge``."""
    if isinstance(term, Comparison):
        return weigh(term, book, item, visited).verdict
    if isinstance(term, All):
        return min((weigh_term(part, book, item, visited) for part in term.parts), key=WORST.__getitem__)
    if isinstance(term, Any_):
        return min((weigh_term(part, book, item, visited) for part in term.parts), key=BEST.index)
    if isinstance(term, Not):
        return OPPOSITE[weigh_term(term.part, book, item, visited)]
    return _judge(term, book, item, visited).verdict


def _negated(term: Not, book: FactBook, item: Fields | None, visited: Visited) -> Judgement:
    part = _judge(term.part, book, item, visited)
    return replace(part, verdict=OPPOSITE[part.verdict], margin="", scale=None)


def _both(parts: Sequence[Judgement]) -> Judgement:
    worst = min(parts, key=lambda part: WORST[part.verdict])
    return _combined(parts, worst)


def _either(parts: Sequence[Judgement]) -> Judgement:
    best = next((p for v in BEST for p in parts if p.verdict == v), parts[0])
    return _combined(parts, best)


def _combined(parts: Sequence[Judgement], deciding: Judgement) -> Judgement:
    facts = tuple({id(fact): fact for part in [deciding, *parts] for fact in part.facts}.values())
    found = ", ".join(dict.fromkeys(part.found for part in parts if part.found))
    return replace(deciding, found=found, facts=facts, scale=None)


_JUDGES: dict[type[Term], Callable[[Any, FactBook, Fields | None, Visited], Judgement]] = {
    Comparison: judge_comparison,
    Quantified: lambda term, book, item, visited: judge_quantified(term, book, visited, _judge, weigh_term),
    All: lambda term, book, item, visited: _both([_judge(part, book, item, visited) for part in term.parts]),
    Any_: lambda term, book, item, visited: _either([_judge(part, book, item, visited) for part in term.parts]),
    Not: _negated,
    Counted: lambda term, book, item, visited: judge_counted(term, book, visited, weigh_term),
    Same: lambda term, book, item, visited: judge_same(term, book),
}


def tally(answers: Iterable[Answer]) -> dict[Verdict, int]:
    """How many of each answer."""
    counts: dict[Verdict, int] = {"yes": 0, "no": 0, "unsaid": 0, "disputed": 0}
    for answer in answers:
        counts[answer.verdict] += 1
    return counts
