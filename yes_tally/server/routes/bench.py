"""The Bench: reports come in, are understood, entered and sealed."""

from __future__ import annotations

from typing import Annotated, Any

from fastapi import APIRouter, Depends, Query, Request

from yes_tally.records import visits
from yes_tally.records.assets import NewAsset
from yes_tally.records.understanding import understand
from yes_tally.server import present
from yes_tally.server.problems import RESPONSES, ProblemError
from yes_tally.server.schemas import Enter, HandedIn, Number, Seal, Sealed, TrayEntry, VisitDetail, Way
from yes_tally.server.who import Collector, Reader, Technician

router = APIRouter(prefix="/api", tags=["bench"], responses=RESPONSES)
_ANY_BYTES: dict[str, Any] = {
    "requestBody": {
        "required": True,
        "content": {"text/plain": {"schema": {"type": "string"}}, "application/octet-stream": {}},
    }
}
FileName = Annotated[str, Query(max_length=255, description="What the report is called.")]


async def whole_body(request: Request) -> bytes:
    """The body as it came, whatever it says it is."""
    return await request.body()


Body = Annotated[bytes, Depends(whole_body)]


@router.get("/visits", operation_id="openVisits")
def open_visits(_: Reader) -> list[TrayEntry]:
    """The tray: every visit not sealed yet, the newest first."""
    return [present.tray_entry(understand(visit)) for visit in visits.open_visits()[:200]]


@router.get("/visits/{number}", operation_id="visit")
def visit(number: Number, _: Reader) -> VisitDetail:
    """One visit, understood."""
    return present.visit_detail(understand(visits.get_visit(number)))


@router.post("/reports", operation_id="handIn", status_code=201, openapi_extra=_ANY_BYTES)
def take_in(
    body: Body,
    person: Technician,
    file: FileName = "pasted",
    way: Way = "pasted",
    beside: Annotated[
        int | None, Query(description="The open visit to join, unless the report is of another PC.")
    ] = None,
) -> TrayEntry:
    """Take a report in: any bytes, kept whole."""
    return present.tray_entry(understand(visits.hand_in(body, file, way, person, beside)))


@router.post("/hand-in", operation_id="handInByToken", status_code=201, openapi_extra=_ANY_BYTES, tags=["collectors"])
def hand_in(body: Body, person: Collector, file: FileName = "collector") -> HandedIn:
    """Take a report in from a collector, by its token."""
    taken = visits.hand_in(body, file, "collector", person)
    understood = understand(taken)
    readings = sum(len(report.readings) for report in understood.reports)
    name = present.title(understood) or "a PC not known yet"
    return HandedIn(
        visit=taken.id, said=f"taken in as visit {taken.id} of {name}: {readings} readings, waiting on the Bench"
    )


@router.post("/visits/{number}/enter", operation_id="enterVisit")
def enter(number: Number, given: Enter, person: Technician) -> VisitDetail:
    """Enter a visit to an asset, known or new."""
    if (given.asset is None) == (given.new is None):
        raise ProblemError(422, "That cannot be done", "Say either a known asset or a new one. Nothing was changed.")
    asset = given.asset if given.asset is not None else NewAsset(**given.new.model_dump())
    return present.visit_detail(understand(visits.enter(number, given.version, asset, person)))


@router.post("/visits/{number}/seal", operation_id="sealVisit")
def seal(number: Number, given: Seal, person: Technician) -> Sealed:
    """Seal a visit as an audit record."""
    record = visits.seal_visit(number, given.version, person)
    return Sealed(asset=record.asset_id, record=present.record_ref(record))
