"""The Floor, the Asset page, the day's tape, and the records."""

from __future__ import annotations

from datetime import UTC, datetime, timedelta
from typing import Annotated

from fastapi import APIRouter, Query, Response

from yes_tally.records import chain, floor, reports, runs, traces, visits
from yes_tally.records.assets import get_asset
from yes_tally.records.models import Record
from yes_tally.records.store import NotThere, now
from yes_tally.records.understanding import understand
from yes_tally.server import present, present_floor
from yes_tally.server.problems import RESPONSES
from yes_tally.server.schemas import AssetDetail, Floor, Number, Tape, Verified
from yes_tally.server.who import Reader

router = APIRouter(prefix="/api", tags=["office"], responses=RESPONSES)


@router.get("/floor", operation_id="floor")
def the_floor(_: Reader) -> Floor:
    """Every asset with the tally of its latest sealed visit, and what says no most."""
    under_way = runs.visits_under_way()
    waiting = [understand(visit) for visit in visits.open_visits()[:200] if visit.id not in under_way]
    return present_floor.floor(floor.floor(), traces.met_twice(), floor.contradictions(), waiting)


@router.get("/assets/{number}", operation_id="asset")
def asset(number: Number, _: Reader) -> AssetDetail:
    """One asset: its latest visit against the current specs, its facts, its visits and records."""
    found = get_asset(number)
    sealed = floor.sealed_visits(found)
    return present.asset_detail(found, sealed, understand(sealed[0].visit) if sealed else None)


@router.get("/tape", operation_id="tape")
def tape(_: Reader, hours: Annotated[int, Query(ge=1, le=48)] = 24) -> Tape:
    """The reports handed in lately, by everyone."""
    since = (datetime.now(UTC) - timedelta(hours=hours)).strftime("%Y-%m-%dT%H:%M:%SZ")
    return Tape(since=since, now=now(), ticks=[present.tick(row) for row in floor.tape(since)])


@router.get("/records/{number}", operation_id="record", response_class=Response)
def record(number: Number, _: Reader) -> Response:
    """A sealed record as it was sealed: canonical JSON."""
    found = Record.get_or_none(Record.number == number)
    if found is None:
        raise NotThere(f"there is no record {number}")
    name = f'attachment; filename="record-{number}.json"'
    return Response(chain.body_of(found), media_type="application/json", headers={"Content-Disposition": name})


@router.get("/reports/{sha256}", operation_id="report", response_class=Response)
def report(sha256: str, _: Reader) -> Response:
    """A report's bytes as they came."""
    name = f'attachment; filename="{sha256[:12]}.txt"'
    data = reports.bytes_of(sha256)
    return Response(data, media_type="application/octet-stream", headers={"Content-Disposition": name})


@router.get("/verify", operation_id="verify")
def verify(_: Reader) -> Verified:
    """Walk every sealed record; the first that does not add up is named."""
    count, flaw = chain.verify()
    return Verified(records=count, whole=flaw is None, flaw=f"record {flaw.number}: {flaw.what}" if flaw else "")
