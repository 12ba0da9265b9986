"""Disputes and evidence: rulings, the registry of cross-checks, a line of a report in its surroundings."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Query

from yes_tally.core.crosschecks.registry import CHECKS
from yes_tally.records import rulings
from yes_tally.records.reports import lines_around
from yes_tally.records.understanding import understand
from yes_tally.server import present
from yes_tally.server import schemas_settling as schemas
from yes_tally.server.live import news
from yes_tally.server.problems import RESPONSES
from yes_tally.server.schemas import Number, VisitDetail
from yes_tally.server.who import Reader, Technician

router = APIRouter(prefix="/api", tags=["settling"], responses=RESPONSES)


@router.post("/visits/{number}/rulings", operation_id="rule", status_code=201)
def rule(number: Number, given: schemas.Rule, person: Technician) -> VisitDetail:
    """Rule on a dispute of an open visit."""
    ruled = rulings.rule(number, given.version, given.fact, given.item, given.choice, given.why, person)
    news.tell("tray")
    return present.visit_detail(understand(ruled))


@router.post("/visits/{number}/rulings/take-back", operation_id="takeRulingBack")
def take_back(number: Number, given: schemas.TakeBack, person: Technician) -> VisitDetail:
    """Take a ruling back: its fact is disputed again."""
    open_again = rulings.take_back(number, given.version, given.fact, given.item, person)
    news.tell("tray")
    return present.visit_detail(understand(open_again))


@router.get("/cross-checks", operation_id="crossChecks")
def cross_checks(_: Reader) -> list[schemas.CrossCheck]:
    """Every cross-check that is made, in order."""
    return [schemas.CrossCheck(name=c.name, weight=c.weight, compares=c.compares, why=c.why) for c in CHECKS]


@router.get("/reports/{sha256}/lines", operation_id="linesAround")
def lines(
    sha256: str,
    _: Reader,
    line: Annotated[int, Query(ge=1)],
    around: Annotated[int, Query(ge=0, le=50)] = 2,
) -> list[schemas.ReportLine]:
    """A line of a report with those around it, as printed."""
    return [schemas.ReportLine(number=n, text=text) for n, text in lines_around(sha256, line, around)]
