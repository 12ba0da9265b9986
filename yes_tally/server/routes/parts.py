"""The parts book: entries, files in and out, what records suggest."""

from __future__ import annotations

from fastapi import APIRouter, Response

from yes_tally.core.parts.csv_file import to_csv
from yes_tally.records import parts
from yes_tally.server import present_settling as present
from yes_tally.server import schemas_settling as schemas
from yes_tally.server.live import news
from yes_tally.server.problems import RESPONSES
from yes_tally.server.schemas import Number
from yes_tally.server.who import Reader, Technician

router = APIRouter(prefix="/api/parts", tags=["parts"], responses=RESPONSES)


@router.get("", operation_id="partsBook")
def book(_: Reader) -> schemas.PartsBook:
    """The entries in force, and what records suggest."""
    return present.parts_book(parts.entries(), parts.suggested())


@router.post("", operation_id="writePart", status_code=201)
def write(given: schemas.WritePart, person: Technician) -> schemas.PartEntry:
    """Write an entry: a new part, or one that follows another entry."""
    written = parts.write(given.columns, person, given.replaces)
    news.tell("parts")
    return present.part(written)


@router.post("/{number}/take-out", operation_id="takePartOut")
def take_out(number: Number, person: Technician) -> schemas.PartEntry:
    """Take a part out of the book; its entries can still be read, and written again."""
    taken = parts.take_out(number, person)
    news.tell("parts")
    return present.part(taken)


@router.get("/{number}/history", operation_id="partHistory")
def history(number: Number, _: Reader) -> list[schemas.PartEntry]:
    """Every entry that this part ever had, the latest first."""
    return [present.part(row) for row in parts.history(number)]


@router.get("/file", operation_id="partsFile", response_class=Response)
def to_file(_: Reader) -> Response:
    """The book as comma-separated values."""
    name = 'attachment; filename="parts-book.csv"'
    text = to_csv(parts.current_parts())
    return Response(text, media_type="text/csv; charset=utf-8", headers={"Content-Disposition": name})


@router.post("/file/look", operation_id="lookAtPartsFile")
def look(given: schemas.PartsFile, _: Technician) -> schemas.FileLook:
    """What a file would do to the book."""
    return present.file_look(parts.look_at_file(given.text))


@router.post("/file", operation_id="takePartsFile", status_code=201)
def take_in(given: schemas.PartsFile, person: Technician) -> schemas.FileLook:
    """Take a file in, whole or not at all."""
    taken = parts.take_in(given.text, person)
    news.tell("parts")
    return present.file_look(taken)
