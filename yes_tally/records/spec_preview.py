"""What the office would answer to a spec's text, before it is published: by expectation, and who would change."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass

import numpy as np
from peewee import fn

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS
from yes_tally.core.expecting.columnar import VERDICTS, Verdicts, verdicts
from yes_tally.core.expecting.columns import UNTOLD, Flags, Ints
from yes_tally.core.expecting.contradictions import contradictions
from yes_tally.core.expecting.formatting import skeleton
from yes_tally.core.expecting.from_example import spec_from
from yes_tally.core.expecting.judgement import Verdict
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import All, Any_, Comparison, Expectation, Limit, Not, Quantified, Term
from yes_tally.core.settling.as_json import fact_told
from yes_tally.core.settling.facts import FactBook
from yes_tally.records.assets import get_asset
from yes_tally.records.latest import latest_sealed
from yes_tally.records.models import Asset, Visit, VisitFact
from yes_tally.records.office_columns import OfficeNow, office_now
from yes_tally.records.specs import current_specs
from yes_tally.records.store import Refused

MOST_POINTS = 2000
MOST_NAMED = 200
_NOT_ASKED = -1


def sealed_book(visit: Visit) -> FactBook:
    """The facts of a sealed visit as they were sealed."""
    rows = VisitFact.select().where(VisitFact.visit == visit)
    return FactBook(fact_told(row.name, row.item, row.told, row.shown) for row in rows)


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


@dataclass(frozen=True, slots=True)
class OfExpectation:
    """What the office answers to one expectation; of ``changed`` assets that would change, the first are named."""

    expectation: Expectation
    counts: dict[Verdict, int]
    changed: int
    changes: tuple[Change, ...]
    spread: Spread | None


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
    current = current_specs()
    published = next((p for p in current if p.spec.name == spec.name), None)
    before = {skeleton(e.term): e for e in published.spec.expectations} if published else {}
    office = office_now()
    meant = office.meant(spec)
    was_meant = office.meant(published.spec) if published else np.zeros_like(meant)
    told = []
    for expectation in spec.expectations:
        answers = verdicts(expectation.term, office.office, office.at)
        old = before.get(skeleton(expectation.term))
        was = np.full(len(meant), _NOT_ASKED, dtype=np.int8)
        if old is not None:
            was[was_meant] = verdicts(old.term, office.office, office.at)[was_meant]
        changing = np.flatnonzero(meant & (was != answers)) if published else np.empty(0, dtype=np.int64)
        counts = np.bincount(answers[meant], minlength=len(VERDICTS))
        told.append(
            OfExpectation(
                expectation,
                {verdict: int(counts[place]) for place, verdict in enumerate(VERDICTS)},
                len(changing),
                _changes(office, changing[:MOST_NAMED], was, answers),
                _spread(expectation, office, meant),
            )
        )
    others = [p.spec for p in current if p.spec.name != spec.name]
    clashes = [c for c in contradictions([*others, spec]) if spec.name in (c.spec, c.other_spec)]
    number = published.number if published else 0
    return SpecPreview(spec.name, number, int(meant.sum()), tuple(told), tuple(str(c) for c in clashes[:20]))


def _changes(office: OfficeNow, rows: Ints, was: Verdicts, answers: Verdicts) -> tuple[Change, ...]:
    assets = {asset.id: asset for asset in Asset.select().where(Asset.id.in_([int(office.ids[row]) for row in rows]))}
    return tuple(
        Change(
            assets[int(office.ids[row])],
            VERDICTS[was[row]] if was[row] != _NOT_ASKED else None,
            VERDICTS[answers[row]],
        )
        for row in rows
    )


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


def _spread(expectation: Expectation, office: OfficeNow, meant: Flags) -> Spread | None:
    """The values of the first number that an expectation limits, over the assets that the spec is for."""
    comparison = next(
        (
            c
            for c in _comparisons(expectation.term)
            if c.limits and c.limits[0].kind == "number" and FACTS[c.fact].kind in NUMBER_KINDS
        ),
        None,
    )
    if comparison is None:
        return None
    kind = FACTS[comparison.fact]
    if kind.item:
        table = office.office.items(kind.group)
        column, rows = table.column(kind.name), meant[table.owner]
    else:
        column, rows = office.office.single(kind.name), meant
    codes = column.codes[rows & (column.codes != UNTOLD)]
    values = column.middles[codes] if len(codes) else np.empty(0)
    known = np.sort(values[~np.isnan(values)])
    if len(known) > MOST_POINTS:  # as many as can be drawn, evenly over their order
        known = known[np.linspace(0, len(known) - 1, MOST_POINTS).astype(int)]
    return Spread(kind.name, tuple(known.tolist()), comparison.limits[0], comparison.test)


def from_example(name: str, assets: Sequence[int]) -> str:
    """A spec's text of what these assets share, by their latest sealed visits. Raises ``NotThere``, ``Refused``."""
    wanted = {get_asset(number).id for number in assets}
    books = [sealed_book(visit) for visit in latest_sealed() if visit.asset_id in wanted]
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
