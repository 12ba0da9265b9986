"""The Bench: reports come in, are understood, entered and sealed."""

from __future__ import annotations

from typing import Annotated, Any

from fastapi import APIRouter, Depends, Query, Request
from fastapi.responses import PlainTextResponse

from yes_tally.collecting.unpack import NotUnpacked, Unpacked, is_archive, unpack
from yes_tally.records import hand_in_addresses, runs, visits
from yes_tally.records.assets import NewAsset
from yes_tally.records.models import Person, Visit
from yes_tally.records.store import Refused
from yes_tally.records.understanding import understand
from yes_tally.server import present
from yes_tally.server.live import news
from yes_tally.server.problems import RESPONSES, ProblemError
from yes_tally.server.reading_again import rereader
from yes_tally.server.schemas import Enter, HandedIn, Number, Seal, Sealed, TrayEntry, VisitDetail, Way
from yes_tally.server.who import Collector, Reader, Technician

router = APIRouter(prefix="/api", tags=["bench"], responses=RESPONSES)
open_router = APIRouter(tags=["collectors"], responses=RESPONSES)
text_body: dict[str, Any] = {
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
    under_way = runs.visits_under_way()
    return [
        present.tray_entry_under_way(visit, under_way[visit.id])
        if visit.id in under_way
        else present.tray_entry(understand(visit))
        for visit in visits.open_visits()[:200]
    ]


@router.get("/visits/{number}", operation_id="visit")
def visit(number: Number, _: Reader) -> VisitDetail:
    """One visit, understood."""
    return present.visit_detail(understand(visits.get_visit(number)))


@router.post("/reports", operation_id="handIn", status_code=201, openapi_extra=text_body)
def take_in(
    body: Body,
    person: Technician,
    file: FileName = "pasted",
    way: Way = "pasted",
    beside: Annotated[
        int | None, Query(description="The open visit to join, unless the report is of another PC.")
    ] = None,
) -> TrayEntry:
    """Take a report in: any bytes, kept whole; a zip archive as the reports that are in it."""
    return present.tray_entry(understand(_taken(body, file, way, person, beside)))


@router.post("/hand-in", operation_id="handInByToken", status_code=201, openapi_extra=text_body, tags=["collectors"])
def hand_in(body: Body, person: Collector, file: FileName = "collector") -> HandedIn:
    """Take a report in from a collector, by its token."""
    return _handed_in(_taken(body, file, "collector", person))


@open_router.post("/in/{code}", operation_id="handInByAddress", status_code=201, openapi_extra=text_body)
def hand_in_by_address(code: str, body: Body, file: FileName = "shell") -> PlainTextResponse:
    """Take a report in from any shell, by a short hand-in address; the answer is one line of text."""
    person, visit = hand_in_addresses.behind(code)
    taken = _taken(body, file, "shell", person, visit)
    hand_in_addresses.keep_visit(code, taken)
    return PlainTextResponse(f"{_handed_in(taken).said}\n", 201)


def _taken(body: bytes, file: str, way: str, person: Person, beside: int | None = None) -> Visit:
    """One report, or all that a zip archive holds; the visit of the last."""
    try:
        found = unpack(body) if is_archive(body) else [Unpacked(file, body)]
    except NotUnpacked as error:
        raise Refused(str(error)) from error
    taken: Visit | None = None
    for entry in found:
        if len(found) > 1 and not entry.data.strip(b" \t\r\n\x00"):
            continue
        taken = visits.hand_in(entry.data, entry.name[-255:], way, person, taken.id if taken else beside)
    if taken is None:
        raise Refused("there is nothing in these reports: they are empty")
    news.tell("tray")
    rereader.wake()
    return taken


def _handed_in(taken: Visit) -> HandedIn:
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
    news.tell("tray")
    return present.visit_detail(understand(visits.enter(number, given.version, asset, person)))


@router.post("/visits/{number}/seal", operation_id="sealVisit")
def seal(number: Number, given: Seal, person: Technician) -> Sealed:
    """Seal a visit as an audit record."""
    record = visits.seal_visit(number, given.version, person)
    news.tell("tray")
    return Sealed(asset=record.asset_id, record=present.record_ref(record))
