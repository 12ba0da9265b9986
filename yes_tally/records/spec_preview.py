"""What the office would answer to a spec's text, before it is published: by expectation, and who would change."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from datetime import datetime

from peewee import fn

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS
from yes_tally.core.expecting.applies import applies
from yes_tally.core.expecting.check import check_expectation, with_visit_facts
from yes_tally.core.expecting.contradictions import contradictions
from yes_tally.core.expecting.formatting import skeleton
from yes_tally.core.expecting.from_example import spec_from
from yes_tally.core.expecting.judgement import Verdict, Visited
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import All, Any_, Comparison, Expectation, Limit, Not, Quantified, Term
from yes_tally.core.settling.facts import FactBook
from yes_tally.records.assets import get_asset, place_of
from yes_tally.records.models import Asset, Visit, VisitFact, VisitReport
from yes_tally.records.reports import read_report
from yes_tally.records.specs import current_specs
from yes_tally.records.store import Refused, now
from yes_tally.records.understanding import failures_of, settled, sources_of

MOST_POINTS = 2000


@dataclass(frozen=True, slots=True)
class Known:
    """An asset as its latest sealed visit tells it."""

    asset: Asset
    book: FactBook
    visited: Visited


@dataclass(frozen=True, slots=True)
class Change:
    """An asset whose answer to an expectation would be another than to the published revision's."""

    asset: Asset
    was: Verdict | None
    now: Verdict


@dataclass(frozen=True, slots=True)
class Spread:
    """How a number lies over the office: the middle of every value found, and the limit that it is compared with."""

    fact: str
    values: tuple[float, ...]
    limit: Limit
    test: str


@dataclass(slots=True)
class OfExpectation:
    """What the office answers to one expectation."""

    expectation: Expectation
    counts: dict[Verdict, int] = field(default_factory=lambda: {"yes": 0, "no": 0, "unsaid": 0, "disputed": 0})
    changes: list[Change] = field(default_factory=list)
    spread: Spread | None = None


@dataclass(frozen=True, slots=True)
class SpecPreview:
    """The office's answer: how many assets the spec is for, each expectation's, and what contradicts other specs."""

    name: str
    revision: int
    assets: int
    expectations: tuple[OfExpectation, ...]
    contradictions: tuple[str, ...]


def preview(text: str) -> SpecPreview:
    """Hold a text against every asset's latest sealed visit. Raises ``SpecMistakes``."""
    spec = parse_spec(text)
    published = next((p for p in current_specs() if p.spec.name == spec.name), None)
    before = {skeleton(e.term): e for e in published.spec.expectations} if published else {}
    told = [OfExpectation(expectation) for expectation in spec.expectations]
    assets = 0
    for known in _latest():
        place = place_of(known.asset)
        meant = applies(spec, place)
        was_meant = published is not None and applies(published.spec, place)
        assets += meant
        for each in told if meant else ():
            answer = check_expectation(each.expectation, known.book, known.visited)
            each.counts[answer.verdict] += 1
            old = before.get(skeleton(each.expectation.term)) if was_meant else None
            was = check_expectation(old, known.book, known.visited).verdict if old else None
            if published and was != answer.verdict:
                each.changes.append(Change(known.asset, was, answer.verdict))
            _spread(each, known.book)
    others = [p.spec for p in current_specs() if p.spec.name != spec.name]
    clashes = [c for c in contradictions([*others, spec]) if spec.name in (c.spec, c.other_spec)]
    return SpecPreview(
        spec.name, published.number if published else 0, assets, tuple(told), tuple(str(c) for c in clashes[:20])
    )


def _latest() -> Iterator[Known]:
    """Every asset with its latest sealed visit, settled."""
    at = datetime.fromisoformat(now().rstrip("Z"))
    latest = (
        Visit.select(Visit, fn.MAX(Visit.taken_at))
        .where(Visit.state == "sealed")
        .group_by(Visit.asset)
        .order_by(Visit.asset)
    )
    for visit in latest:
        attached = tuple(VisitReport.select().where(VisitReport.visit == visit).order_by(VisitReport.id))
        sources = sources_of(attached)
        failures = failures_of(attached, [read_report(*source) for source in sources])
        visited = Visited(now=at, taken_at=datetime.fromisoformat(visit.taken_at.rstrip("Z")), failures=failures)
        yield Known(visit.asset, with_visit_facts(settled(sources), visited, len(sources)), visited)


def _comparisons(term: Term) -> Iterator[Comparison]:
    if isinstance(term, Comparison):
        yield term
    elif isinstance(term, (All, Any_)):
        for part in term.parts:
            yield from _comparisons(part)
    elif isinstance(term, Not):
        yield from _comparisons(term.part)
    elif isinstance(term, Quantified) and term.then:
        yield from _comparisons(term.then)


def _spread(each: OfExpectation, book: FactBook) -> None:
    """Add an asset's values of the first number that the expectation limits."""
    comparison = next(
        (
            c
            for c in _comparisons(each.expectation.term)
            if c.limits and c.limits[0].kind == "number" and FACTS[c.fact].kind in NUMBER_KINDS
        ),
        None,
    )
    if comparison is None:
        return
    values = [
        float(f.value.value) for f in book if f.name == comparison.fact and isinstance(f.value.value, (int, float))
    ]
    known = each.spread.values if each.spread else ()
    each.spread = Spread(comparison.fact, (*known, *values)[:MOST_POINTS], comparison.limits[0], comparison.test)


def from_example(name: str, assets: Sequence[int]) -> str:
    """A spec's text of what these assets share, by their latest sealed visits. Raises ``NotThere``, ``Refused``."""
    wanted = {get_asset(number).id for number in assets}
    books = [known.book for known in _latest() if known.asset.id in wanted]
    if not books:
        raise Refused("none of these PCs has a sealed visit yet; there is nothing to learn from")
    return spec_from(name, books)


def values_met(fact: str, most: int = 20) -> list[str]:
    """The values of a fact that sealed visits told, the most frequent first."""
    query = (
        VisitFact.select(VisitFact.shown)
        .where(VisitFact.name == fact)
        .group_by(VisitFact.shown)
        .order_by(fn.COUNT(VisitFact.id).desc())
        .limit(most)
    )
    return [row.shown for row in query]
