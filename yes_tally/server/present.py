"""The one place that turns the core's and the store's things into what the API gives."""

from __future__ import annotations

import hashlib
import re
from collections.abc import Iterable, Mapping, Sequence
from datetime import date

from yes_tally.core.catalogue import FACTS
from yes_tally.core.expecting.check import Answer
from yes_tally.core.failures import FAILURE_SENTENCES
from yes_tally.core.planning.ask_plan import Known
from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import Reading, ReadReport
from yes_tally.core.saying import say_fact, say_range
from yes_tally.core.settling.facts import Fact, Witness
from yes_tally.records import floor as floor_records
from yes_tally.records import models
from yes_tally.records.asking import would_say
from yes_tally.records.chain import body_of
from yes_tally.records.models import Asset, Record, Visit, VisitReport
from yes_tally.records.rereading import since_sealed
from yes_tally.records.understanding import Understanding
from yes_tally.records.waivers import Waived, today, waived
from yes_tally.server import present_settling as settling
from yes_tally.server import schemas

_BECAUSE = re.compile(r'\s+because\s+"[^"]*"$')
_STRENGTH = re.compile(r"^(must|should)\s+")


def says(expectation: str) -> str:
    """An expectation without its strength and its reason."""
    return _BECAUSE.sub("", _STRENGTH.sub("", expectation))


def asset_ref(asset: Asset) -> schemas.AssetRef:
    return schemas.AssetRef(
        id=asset.id, tag=asset.tag, host=asset.host, role=asset.role, site=asset.site, room=asset.room, desk=asset.desk
    )


def stroke(row: floor_records.Stroke, asset: int | None = None, waived: Waived | None = None) -> schemas.Stroke:
    """A stroke; a no that is waived for this asset is shown so."""
    said = says(row.expectation)
    known = _waiver(row.verdict, asset, said, waived)
    return schemas.Stroke(
        says=said,
        strength=row.strength,
        verdict="waived" if known else row.verdict,
        found=row.found,
        margin=f"waived until {known.until}" if known else row.margin,
    )


def _waiver(verdict: str, asset: int | None, said: str, waived: Waived | None) -> models.Waiver | None:
    return waived.get((asset, said)) if verdict == "no" and asset is not None and waived else None


def waiver(row: models.Waiver) -> schemas.Waiver:
    left = date.fromisoformat(row.until) - date.fromisoformat(today())
    return schemas.Waiver(
        id=row.id,
        asset=asset_ref(row.asset),
        says=row.says,
        why=row.why,
        agreed_by=row.agreed_by.name,
        agreed_at=row.agreed_at,
        until=row.until,
        days_left=left.days,
    )


def answer(
    given: Answer, spec: str, asset: int | None, waived: Waived, asks: Mapping[str, Sequence[Known]]
) -> schemas.Answer:
    scale = given.scale
    said = says(given.expectation)
    known = _waiver(given.verdict, asset, said, waived)
    return schemas.Answer(
        says=said,
        strength=given.strength,
        verdict="waived" if known else given.verdict,
        waiver=waiver(known) if known else None,
        ask=[schemas.Ask(typed=k.typed, seconds=k.seconds) for k in asks.get(given.expectation, ())],
        found=given.found,
        margin=given.margin,
        because=given.because,
        why=given.why,
        spec=spec,
        witnesses=[witness("", w) for w in given.witnesses],
        scale=schemas.Scale(low=scale.low, high=scale.high, limit=scale.limit, better=scale.better) if scale else None,
    )


def answers(understood: Understanding) -> list[schemas.Answer]:
    asset, now_waived = understood.asset, waived()
    asks = would_say(asset, understood) if asset else {}
    return [
        answer(given, held.published.spec.name, asset.id if asset else None, now_waived, asks)
        for held in understood.held
        for given in held.answers
    ]


def specs_named(understood: Understanding) -> list[str]:
    return [f"“{held.published.spec.name}”, revision {held.published.number}" for held in understood.held]


def witness(name: str, said: Witness) -> schemas.Witness:
    shown = say_fact(name, said.value) if name else said.printed
    return schemas.Witness(source=said.source, printed=said.printed, report=said.report, line=said.line, shown=shown)


def fact(settled: Fact) -> schemas.Fact:
    return schemas.Fact(
        name=settled.name,
        item=settled.item,
        values=[
            schemas.FactValue(
                shown=say_fact(settled.name, cluster.value),
                value=value_as_json(cluster.value)["value"],
                witnesses=[witness(settled.name, w) for w in cluster.witnesses],
            )
            for cluster in settled.clusters
        ],
        derived=settled.derived,
        estimated=settled.estimated,
        disputed=settled.disputed,
        ruled=settling.ruling(settled.ruling) if settled.ruling else None,
    )


def facts(settled: Iterable[Fact]) -> list[schemas.Fact]:
    order = {name: index for index, name in enumerate(FACTS)}
    return [fact(f) for f in sorted(settled, key=lambda f: order[f.name])]


def title(understood: Understanding) -> str:
    """What a visit is called before anyone said so: the asset's host, the host it names, or nothing."""
    if understood.asset:
        return understood.asset.host or understood.asset.tag
    named = understood.book.single("host.name")
    return str(named.value.value) if named else ""


def sign(understood: Understanding) -> schemas.Verdict:
    """The worst that a ``must`` gets; a visit that nothing is held against is unsaid."""
    now_waived = waived() if understood.asset else {}
    verdicts = {
        a.verdict
        for a in understood.answers
        if a.strength == "must" and not _waiver(a.verdict, understood.asset.id, says(a.expectation), now_waived)
    }
    if understood.identity.kind == "candidates" or any(f.disputed for f in understood.book):
        verdicts.add("disputed")
    if not understood.asset:
        return "disputed" if "disputed" in verdicts else "unsaid"
    return next((v for v in ("no", "disputed", "unsaid") if v in verdicts), "yes")


def tray_entry(understood: Understanding) -> schemas.TrayEntry:
    visit = understood.visit
    return schemas.TrayEntry(
        id=visit.id,
        version=visit.version,
        title=title(understood) or "not known yet",
        known=bool(title(understood)),
        reports=len(understood.attached),
        failures=sum(bool(section.failure) for report in understood.reports for section in report.sections),
        way=understood.attached[0].way if understood.attached else "",
        taken_at=visit.taken_at,
        sign=sign(understood),
        entered=visit.asset_id is not None,
    )


def tray_entry_under_way(visit: Visit, host: str) -> schemas.TrayEntry:
    """A visit that more reports are coming to: what is known of it without reading them."""
    return schemas.TrayEntry(
        id=visit.id,
        version=visit.version,
        title=host,
        known=True,
        reports=visit.reports.count(),
        failures=0,
        way="asked",
        taken_at=visit.taken_at,
        sign="unsaid",
        entered=False,
        under_way=True,
    )


def visit_detail(understood: Understanding) -> schemas.VisitDetail:
    visit = understood.visit
    host = understood.book.single("host.name")
    tag = understood.book.single("machine.tag")
    return schemas.VisitDetail(
        id=visit.id,
        version=visit.version,
        state=visit.state,
        taken_at=visit.taken_at,
        title=title(understood),
        entered=visit.asset_id is not None,
        asset=asset_ref(understood.asset) if understood.asset else None,
        identity=identity(understood),
        specs=specs_named(understood),
        answers=answers(understood),
        facts=facts(understood.book),
        findings=[settling.finding(f) for f in understood.findings],
        crossings=[settling.crossing(c) for c in understood.crossings],
        lapsed=[settling.ruling(r) for r in understood.lapsed],
        reports=reports(understood),
        suggested_tag=str(tag.value.value)[:80] if tag else "",
        suggested_host=str(host.value.value)[:80] if host else "",
    )


def identity(understood: Understanding) -> schemas.Identity:
    found = understood.identity
    known = {asset.id: asset for asset in Asset.select().where(Asset.id.in_([c.asset for c in found.candidates]))}
    return schemas.Identity(
        kind=found.kind,
        reason=found.reason,
        candidates=[
            schemas.Candidate(asset=asset_ref(known[c.asset]), agree=list(c.agree), differ=list(c.differ))
            for c in found.candidates
            if c.asset in known
        ],
    )


Marks = dict[tuple[str, int, int], str]


def reports(understood: Understanding) -> list[schemas.Report]:
    marks = _marks(understood)
    return [report(entry, read, marks) for entry, read in zip(understood.attached, understood.reports, strict=True)]


def _marks(understood: Understanding) -> Marks:
    """The places in reports that a no or a dispute rests on."""
    marks: Marks = {}
    for settled in understood.book:
        if settled.disputed:
            marks.update({(w.report, w.line, w.column): "disputed" for w in settled.witnesses})
    for given in understood.answers:
        if given.verdict == "no":
            marks.update({(w.report, w.line, w.column): "no" for w in given.witnesses})
    return marks


def report(entry: VisitReport, read: ReadReport, marks: Marks) -> schemas.Report:
    return schemas.Report(
        sha256=read.sha256,
        file=entry.file,
        way=entry.way,
        by=entry.by.name,
        at=entry.at,
        encoding=read.encoding,
        command=entry.command,
        lines=[line.text[:20_000] for line in read.lines],
        readings=[reading(r, marks.get((read.sha256, r.line, r.column))) for r in read.readings],
        failures=[
            schemas.Failure(line=s.failure_line, command=s.command or "", sentence=FAILURE_SENTENCES[s.failure])
            for s in read.sections
            if s.failure and s.failure_line
        ],
        prompt_lines=[s.prompt_line for s in read.sections if s.prompt_line],
        unread_lines=list(read.unread_lines),
        blank_lines=list(read.blank_lines),
    )


def reading(read: Reading, mark: str | None) -> schemas.Reading:
    own = "doubt" if read.in_doubt else "read"
    return schemas.Reading(
        line=read.line,
        column=read.column,
        end_column=read.end_column,
        fact=read.fact,
        item=read.item,
        label=read.label,
        printed=read.printed,
        shown=say_fact(read.fact, read.value),
        range=say_range(read.fact, read.value),
        confidence=read.confidence,
        why=read.why,
        shape=read.shape,
        also=list(read.also),
        mark=mark or own,
    )


def record_ref(record: Record) -> schemas.RecordRef:
    """A record, and whether its text still has the hash it was sealed with."""
    return schemas.RecordRef(
        number=record.number,
        sha256=record.sha256,
        sealed_at=record.sealed_at,
        sealed_by=record.sealed_by.name,
        whole=hashlib.sha256(body_of(record)).hexdigest() == record.sha256,
    )


def sealed_visit(row: floor_records.SealedVisit) -> schemas.SealedVisit:
    return schemas.SealedVisit(
        id=row.visit.id,
        taken_at=row.visit.taken_at,
        reports=row.reports,
        record=record_ref(row.record),
        strokes=[stroke(s) for s in row.strokes],
    )


def tick(row: floor_records.Tick) -> schemas.Tick:
    return schemas.Tick(
        at=row.at,
        visit=row.visit,
        asset=row.asset,
        file=row.file,
        by=row.by,
        verdict=row.verdict,
    )


def asset_detail(
    asset: Asset, visits: Sequence[floor_records.SealedVisit], understood: Understanding | None
) -> schemas.AssetDetail:
    last: Visit | None = visits[0].visit if visits else None
    return schemas.AssetDetail(
        asset=asset_ref(asset),
        serial=asset.serial,
        taken_at=last.taken_at if last else None,
        specs=specs_named(understood) if understood else [],
        answers=answers(understood) if understood else [],
        facts=facts(understood.book) if understood else [],
        findings=[settling.finding(f) for f in understood.findings] if understood else [],
        crossings=[settling.crossing(c) for c in understood.crossings] if understood else [],
        visits=[sealed_visit(v) for v in visits],
        since_sealed=[
            schemas.FactDiffers(name=d.name, item=d.item, sealed=d.sealed, now=d.now)
            for d in (since_sealed(visits[0].visit) if visits else [])
        ],
    )
