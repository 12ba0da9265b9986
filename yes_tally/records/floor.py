"""The questions the Floor, the Asset page and the day's tape ask."""

from __future__ import annotations

from dataclasses import dataclass

from peewee import JOIN, fn

from yes_tally.records.latest import latest_sealed
from yes_tally.records.models import (
    Asset,
    Person,
    Record,
    SpecRevision,
    SpecText,
    Visit,
    VisitAnswer,
    VisitFinding,
    VisitReport,
)


@dataclass(frozen=True, slots=True)
class Stroke:
    """One answer of a tally."""

    expectation: str
    strength: str
    verdict: str
    found: str
    margin: str


@dataclass(frozen=True, slots=True)
class FloorRow:
    """One asset with the tally of its latest sealed visit."""

    asset: Asset
    visited_at: str | None
    strokes: tuple[Stroke, ...]


@dataclass(frozen=True, slots=True)
class SealedVisit:
    """One sealed visit of an asset, with its record and its tally."""

    visit: Visit
    record: Record
    reports: int
    strokes: tuple[Stroke, ...]


@dataclass(frozen=True, slots=True)
class Tick:
    """One report handed in, for the day's tape."""

    at: str
    visit: int
    asset: str
    file: str
    by: str
    verdict: str


def floor() -> list[FloorRow]:
    """Every asset with its latest tally; three queries, however many assets."""
    latest = {row.asset_id: row for row in latest_sealed()}
    strokes = strokes_of([row.id for row in latest.values()])
    return [
        FloorRow(
            asset,
            latest[asset.id].taken_at if asset.id in latest else None,
            strokes.get(latest[asset.id].id, ()) if asset.id in latest else (),
        )
        for asset in Asset.select().order_by(Asset.site, Asset.room, Asset.host, Asset.tag)
    ]


def strokes_of(visits: list[int]) -> dict[int, tuple[Stroke, ...]]:
    """The sealed tallies of these visits, in the specs' order."""
    found: dict[int, list[Stroke]] = {}
    for start in range(0, len(visits), 500):
        rows = (
            VisitAnswer.select()
            .where(VisitAnswer.visit.in_(visits[start : start + 500]))
            .order_by(VisitAnswer.visit, VisitAnswer.id)
        )
        for row in rows:
            found.setdefault(row.visit_id, []).append(
                Stroke(row.expectation, row.strength, row.verdict, row.found, row.margin)
            )
    return {visit: tuple(strokes) for visit, strokes in found.items()}


def sealed_visits(asset: Asset) -> list[SealedVisit]:
    """An asset's sealed visits, the latest first."""
    records = list(
        Record.select(Record, Visit, Person)
        .join(Visit, on=(Record.visit == Visit.id))
        .switch(Record)
        .join(Person, on=(Record.sealed_by == Person.id))
        .where(Record.asset == asset)
        .order_by(Visit.taken_at.desc(), Record.number.desc())
    )
    strokes = strokes_of([record.visit_id for record in records])
    counts: dict[int, int] = dict(
        VisitReport.select(VisitReport.visit, fn.COUNT(VisitReport.id))
        .where(VisitReport.visit.in_([record.visit_id for record in records]))
        .group_by(VisitReport.visit)
        .tuples()
    )
    return [
        SealedVisit(record.visit, record, counts.get(record.visit_id, 0), strokes.get(record.visit_id, ()))
        for record in records
    ]


def specs_behind(visit: Visit) -> list[tuple[str, int]]:
    """The names and revisions of the specs a sealed visit was held against."""
    rows = (
        VisitAnswer.select(SpecText.name, SpecRevision.number)
        .join(SpecRevision)
        .join(SpecText)
        .where(VisitAnswer.visit == visit)
        .distinct()
        .tuples()
    )
    return list(rows)


def contradictions() -> list[tuple[int, str]]:
    """What the cross-checks of the latest sealed visits found that cannot be as told: the asset, and what, in words."""
    latest = {row.id: row.asset_id for row in latest_sealed()}
    rows = VisitFinding.select().where(VisitFinding.weight == "contradiction").order_by(VisitFinding.id)
    return [(latest[row.visit_id], row.says) for row in rows if row.visit_id in latest]


def tape(since: str) -> list[Tick]:
    """The reports handed in since a moment, oldest first."""
    rows = (
        VisitReport.select(VisitReport, Visit, Asset, Person)
        .join(Visit, on=(VisitReport.visit == Visit.id))
        .join(Asset, JOIN.LEFT_OUTER, on=(Visit.asset == Asset.id))
        .switch(VisitReport)
        .join(Person, on=(VisitReport.by == Person.id))
        .where(VisitReport.at >= since)
        .order_by(VisitReport.at)
        .limit(2000)
    )
    entries = list(rows)
    worst = {visit: _worst(strokes) for visit, strokes in strokes_of(sorted({e.visit_id for e in entries})).items()}
    return [
        Tick(
            e.at,
            e.visit_id,
            (e.visit.asset.host or e.visit.asset.tag) if e.visit.asset else "",
            e.file,
            e.by.name,
            worst.get(e.visit_id, "unsaid"),
        )
        for e in entries
    ]


def _worst(strokes: tuple[Stroke, ...]) -> str:
    return next(
        (v for v in ("no", "disputed", "unsaid") if any(s.verdict == v and s.strength == "must" for s in strokes)),
        "yes",
    )
