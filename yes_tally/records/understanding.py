"""A visit understood: its reports read, its facts settled, whom it seems to be of, and its answers."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from functools import lru_cache

from yes_tally.core.crosschecks.finding import Finding
from yes_tally.core.crosschecks.registry import cross_check
from yes_tally.core.expecting.check import Answer, check, with_visit_facts
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.failures import FAILURE_SENTENCES
from yes_tally.core.parts.book import PartsBook
from yes_tally.core.reading.phrases.taught import Phrasebook
from yes_tally.core.reading.reader import ReadReport
from yes_tally.core.settling.facts import FactBook, Ruling
from yes_tally.core.settling.identity import Identity, evidence, identify
from yes_tally.core.settling.rulings import lapsed
from yes_tally.core.settling.settle import settle
from yes_tally.core.settling.traces import Crossing
from yes_tally.records.assets import place_of
from yes_tally.records.models import Asset, Visit, VisitReport
from yes_tally.records.parts import current_parts
from yes_tally.records.phrasebook import current_book
from yes_tally.records.reports import read_report
from yes_tally.records.rulings_made import rulings_of
from yes_tally.records.specs import PublishedSpec, specs_of
from yes_tally.records.store import now
from yes_tally.records.traces import crossings_of, known_by


@dataclass(frozen=True, slots=True)
class HeldAgainst:
    """A visit's answers to one published spec."""

    published: PublishedSpec
    answers: tuple[Answer, ...]


@dataclass(frozen=True, slots=True)
class Understanding:
    """All that can be said of an open visit. ``asset`` is the one entered, else the one it surely is of."""

    visit: Visit
    attached: tuple[VisitReport, ...]
    reports: tuple[ReadReport, ...]
    book: FactBook
    findings: tuple[Finding, ...]
    crossings: tuple[Crossing, ...]
    lapsed: tuple[Ruling, ...]
    identity: Identity
    asset: Asset | None
    held: tuple[HeldAgainst, ...]

    @property
    def answers(self) -> tuple[Answer, ...]:
        return tuple(answer for held in self.held for answer in held.answers)


def understand(visit: Visit, at: str | None = None) -> Understanding:
    """Read, settle, match and check a visit as it stands, as of now or of the moment ``at``."""
    attached = tuple(VisitReport.select().where(VisitReport.visit == visit).order_by(VisitReport.id))
    sources = sources_of(attached)
    reports = tuple(read_report(*source) for source in sources)
    rulings = rulings_of(visit)
    book = settled(sources, rulings)
    identity = identify(book, known_by(evidence(book)))
    asset = visit.asset
    if asset is None and identity.kind == "sure":
        asset = Asset.get_by_id(identity.candidates[0].asset)
    held = held_against(asset, book, visit, failures_of(attached, reports), len(reports), at) if asset else ()
    findings, crossed = tuple(cross_check(book, current_parts())), tuple(crossings_of(book, asset))
    return Understanding(
        visit, attached, reports, book, findings, crossed, tuple(lapsed(book, rulings)), identity, asset, held
    )


Source = tuple[str, str]
"""A report by its hash, and the command it was asked with (or nothing)."""


def sources_of(attached: Sequence[VisitReport]) -> tuple[Source, ...]:
    """The reports of a visit, as they are read."""
    return tuple((entry.report_id, entry.command) for entry in attached)


def settled(sources: tuple[Source, ...], rulings: tuple[Ruling, ...] = ()) -> FactBook:
    """The facts of these reports together, read with the team's phrasebook and settled with its parts book as they
    are, and with these rulings."""
    return _settled(sources, current_book(), current_parts(), rulings)


@lru_cache(maxsize=256)
def _settled(sources: tuple[Source, ...], book: Phrasebook, parts: PartsBook, rulings: tuple[Ruling, ...]) -> FactBook:
    return settle([read_report(*source, book) for source in sources], parts, rulings)


def held_against(
    asset: Asset, book: FactBook, visit: Visit, failures: tuple[str, ...], reports: int, at: str | None = None
) -> tuple[HeldAgainst, ...]:
    """The answers of a visit's facts to every current spec that applies to the asset."""
    visited = Visited(
        now=datetime.fromisoformat((at or now()).rstrip("Z")),
        taken_at=datetime.fromisoformat(visit.taken_at.rstrip("Z")),
        failures=failures,
    )
    own = with_visit_facts(book, visited, reports)
    return tuple(HeldAgainst(p, tuple(check(p.spec, own, visited))) for p in specs_of(place_of(asset)))


def failures_of(attached: Sequence[VisitReport], reports: Sequence[ReadReport]) -> tuple[str, ...]:
    """What failed, in words: "about licence failed: it needs administrator rights"."""
    answered = {entry.command for entry in attached if entry.command and not entry.failure}
    return tuple(
        f"“{command or 'a command'}” failed: {FAILURE_SENTENCES.get(kind, 'it ended with an error')}"
        for entry, report in zip(attached, reports, strict=True)
        for command, kind in _failed(entry, report)
        if not (entry.failure and entry.command in answered)  # asked again since, and answered
    )


def _failed(entry: VisitReport, report: ReadReport) -> list[tuple[str, str]]:
    said = [(section.command or "", section.failure) for section in report.sections if section.failure]
    return said or ([(entry.command, entry.failure)] if entry.failure else [])
