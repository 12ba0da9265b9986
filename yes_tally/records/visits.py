"""Visits: opened by a report, joined by more, entered to an asset, sealed. Every change carries the version it is based on."""

from __future__ import annotations

import codecs
from collections.abc import Iterable
from typing import Any

from yes_tally.core.crosschecks.finding import Finding
from yes_tally.core.expecting.check import Answer
from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import READER_VERSION
from yes_tally.core.saying import say_fact
from yes_tally.core.sealing import GENESIS, SealedRecord, seal
from yes_tally.core.settling.as_json import told_as_json
from yes_tally.core.settling.facts import Fact, Ruling
from yes_tally.core.settling.identity import evidence
from yes_tally.records.assets import NewAsset, add_asset, get_asset, learn_identity
from yes_tally.records.learning import learn
from yes_tally.records.models import Person, Record, Visit, VisitAnswer, VisitFact, VisitFinding, VisitReport
from yes_tally.records.parts import current_parts
from yes_tally.records.phrasebook import current_book
from yes_tally.records.reports import keep
from yes_tally.records.store import AlreadySealed, NotThere, Refused, Stale, insert_rows, now, writing
from yes_tally.records.traces import keep_visit
from yes_tally.records.understanding import HeldAgainst, Understanding, settled, sources_of, understand

MAX_REPORTS = 500
_NOTHING = (b"", codecs.BOM_UTF8, codecs.BOM_UTF16_LE, codecs.BOM_UTF16_BE)


def get_visit(number: int) -> Visit:
    """The visit of that id. Raises ``NotThere``."""
    visit = Visit.get_or_none(Visit.id == number)
    if visit is None:
        raise NotThere(f"there is no visit {number}")
    return visit


def open_visits() -> list[Visit]:
    """The visits not sealed yet, the newest first."""
    return list(Visit.select().where(Visit.state == "open").order_by(Visit.id.desc()))


def hand_in(
    data: bytes, file: str, way: str, by: Person, beside: int | None = None, taken_at: str | None = None
) -> Visit:
    """Take a report in: to the visit ``beside`` when it says no PC or the same one, to the open visit of the same PC,
    else to a new one: a report that names a PC never joins a visit of nobody, since that could not be undone. The same bytes twice in one visit are one report.

    Raises ``Refused`` when there is nothing in it.
    """
    if data.strip(b" \t\r\n\x00") in _NOTHING:
        raise Refused("there is nothing in this report: it is empty")
    with writing():
        sha256 = keep(data)
        visit = _visit_for(sha256, beside)
        if visit is None:
            visit = Visit.create(taken_at=taken_at or now(), opened_by=by)
        if VisitReport.select().where(VisitReport.visit == visit).count() >= MAX_REPORTS:
            raise Refused(f"a visit takes at most {MAX_REPORTS} reports; seal this one first")
        known = VisitReport.get_or_none((VisitReport.visit == visit) & (VisitReport.report == sha256))
        if known is None:
            VisitReport.create(visit=visit, report=sha256, file=file, way=way, by=by, at=taken_at or now())
            Visit.update(version=Visit.version + 1).where(Visit.id == visit.id).execute()
    return get_visit(visit.id)


def _visit_for(sha256: str, beside: int | None) -> Visit | None:
    said = evidence(settled(((sha256, ""),)))
    if beside is not None:
        visit = Visit.get_or_none((Visit.id == beside) & (Visit.state == "open"))
        if visit and (not said or _agrees(said, _evidence_of(visit))):
            return visit
    if not said:
        return None
    return next((v for v in open_visits() if _agrees(said, _evidence_of(v))), None)


def _evidence_of(visit: Visit) -> dict[str, frozenset[str]]:
    sources = sources_of(VisitReport.select().where(VisitReport.visit == visit).order_by(VisitReport.id))
    return evidence(settled(sources)) if sources else {}


def _contradicts(a: dict[str, frozenset[str]], b: dict[str, frozenset[str]]) -> bool:
    return any(kind in b and not (values & b[kind]) for kind, values in a.items() if kind != "mac")


def _agrees(a: dict[str, frozenset[str]], b: dict[str, frozenset[str]]) -> bool:
    return any(kind in b and values & b[kind] for kind, values in a.items()) and not _contradicts(a, b)


def enter(number: int, version: int, asset: int | NewAsset, by: Person) -> Visit:
    """Enter a visit to an asset, known or new. Raises ``Stale``, ``AlreadySealed``, ``NotThere``, ``Refused``."""
    with writing():
        visit = changeable(number, version)
        entered = add_asset(asset) if isinstance(asset, NewAsset) else get_asset(asset)
        Visit.update(asset=entered, entered_by=by, version=Visit.version + 1).where(Visit.id == visit.id).execute()
    return get_visit(number)


def changeable(number: int, version: int) -> Visit:
    """The open visit, as the asker saw it. Raises ``Stale``, ``AlreadySealed``, ``NotThere``."""
    visit = get_visit(number)
    if visit.state == "sealed":
        record = Record.get(Record.visit == visit)
        raise AlreadySealed(f"{record.sealed_by.name} sealed this visit as record {record.number}; nothing was changed")
    if visit.version != version:
        who = visit.entered_by.name if visit.entered_by else "a colleague"
        place = f" and entered it to {visit.asset.tag}" if visit.asset else ""
        raise Stale(f"{who} changed this visit{place} while you were looking at it; nothing of it was overwritten")
    return visit


def seal_visit(number: int, version: int, by: Person, sealed_at: str | None = None) -> Record:
    """Seal a visit: its record is written and never changes. Raises ``Stale``, ``AlreadySealed``, ``Refused``."""
    with writing():
        visit = changeable(number, version)
        if visit.asset is None:
            raise Refused("it is not said yet which asset this visit is of; enter it first")
        at = sealed_at or now()
        understood = understand(visit, at)
        sealed = _sealed(understood, by, at)
        record = Record.create(
            visit=visit, asset=visit.asset, body=sealed.body, sha256=sealed.sha256, sealed_at=at, sealed_by=by
        )  # fmt: skip
        if record.number != sealed.number:
            raise Refused(f"record {sealed.number} was expected to be next, not {record.number}; nothing was sealed")
        _keep_results(visit, understood)
        learn_identity(visit.asset, understood.book)
        keep_visit(visit.asset, understood.book, visit.taken_at)
        Visit.update(state="sealed", version=Visit.version + 1).where(Visit.id == visit.id).execute()
        learn(visit.asset, [entry for entry in understood.attached if entry.way != "asked"])
    return record


def _sealed(understood: Understanding, by: Person, at: str) -> SealedRecord:
    last = Record.select().order_by(Record.number.desc()).first()
    own = Record.select().where(Record.asset == understood.visit.asset).order_by(Record.number.desc()).first()
    return seal(
        last.number + 1 if last else 1,
        _content(understood, by, at),
        last.sha256 if last else GENESIS,
        own.sha256 if own else None,
    )


def _content(understood: Understanding, by: Person, at: str) -> dict[str, Any]:
    visit, asset = understood.visit, understood.visit.asset
    return {
        "format": "yes-tally record 1",
        "asset": {"tag": asset.tag, "host": asset.host, "role": asset.role, "site": asset.site, "room": asset.room},
        "visit": {"taken_at": visit.taken_at, "entered_by": visit.entered_by.name, "note": visit.note},
        "sealed": {"at": at, "by": by.name},
        "reader": READER_VERSION,
        **({"phrasebook": book.edition} if (book := current_book()).edition else {}),
        **({"parts_book": parts.edition} if (parts := current_parts()) else {}),
        "reports": [
            {
                "sha256": entry.report_id,
                "file": entry.file,
                "way": entry.way,
                "at": entry.at,
                **({"command": entry.command, "exit_code": entry.exit_code} if entry.command else {}),
            }
            for entry in understood.attached
        ],
        "facts": [_fact(fact) for fact in understood.book],
        "findings": [_finding(finding) for finding in understood.findings],
        "met_elsewhere": [crossing.says for crossing in understood.crossings],
        "specs": [
            {
                "name": held.published.spec.name,
                "revision": held.published.number,
                "answers": [_answer(answer) for answer in held.answers],
            }
            for held in understood.held
        ],
    }


def _fact(fact: Fact) -> dict[str, Any]:
    return {
        "name": fact.name,
        "item": fact.item,
        "derived": fact.derived,
        "estimated": fact.estimated,
        **({"ruled": _ruling(fact.ruling)} if fact.ruling else {}),
        "values": [
            {
                **value_as_json(cluster.value),
                "witnesses": [
                    {"source": w.source, "printed": w.printed, "report": w.report, "line": w.line}
                    for w in cluster.witnesses
                ],
            }
            for cluster in fact.clusters
        ],
    }


def _ruling(ruling: Ruling) -> dict[str, Any]:
    return {"why": ruling.why, "by": ruling.by, "at": ruling.at}


def _finding(finding: Finding) -> dict[str, Any]:
    return {
        "cross_check": finding.check,
        "weight": finding.weight,
        "says": finding.says,
        "places": [{"fact": name, "report": w.report, "line": w.line} for name, w in finding.places],
    }


def _answer(answer: Answer) -> dict[str, Any]:
    return {
        "expectation": answer.expectation,
        "strength": answer.strength,
        "answer": answer.verdict,
        "found": answer.found,
        "margin": answer.margin,
        "why": answer.why,
    }


def _keep_results(visit: Visit, understood: Understanding) -> None:
    insert_rows(VisitFact, [_fact_row(visit, fact) for fact in understood.book])
    insert_rows(
        VisitFinding,
        [{"visit": visit.id, "cross_check": f.check, "weight": f.weight, "says": f.says} for f in understood.findings],
    )
    insert_rows(VisitAnswer, [row for held in understood.held for row in _answer_rows(visit, held)])


def _fact_row(visit: Visit, fact: Fact) -> dict[str, Any]:
    low, high = fact.value.low, fact.value.high
    numeric = isinstance(low, (int, float)) and isinstance(high, (int, float))
    return {
        "visit": visit.id,
        "name": fact.name,
        "item": fact.item,
        "shown": say_fact(fact.name, fact.value),
        "low": float(low) if numeric else None,
        "high": float(high) if numeric else None,
        "disputed": fact.disputed,
        "told": told_as_json(fact.standing),
    }


def _answer_rows(visit: Visit, held: HeldAgainst) -> Iterable[dict[str, Any]]:
    for answer in held.answers:
        yield {
            "visit": visit.id,
            "revision": held.published.revision_id,
            "line": answer.line,
            "expectation": answer.expectation,
            "strength": answer.strength,
            "verdict": answer.verdict,
            "found": answer.found,
            "margin": answer.margin,
            "why": answer.why,
        }
