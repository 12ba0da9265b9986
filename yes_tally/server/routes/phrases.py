"""The phrasebook: what a line offers to be taught, what a phrase would change, the book itself, reading again."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Path, Query, Response

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.phrases.taught import TaughtPhrase
from yes_tally.core.reading.reader import READER_VERSION, Reading
from yes_tally.core.saying import say_fact
from yes_tally.records import models, phrasebook, rereading, teaching
from yes_tally.records.phrasebook import From
from yes_tally.server import schemas_phrases as schemas
from yes_tally.server.live import news
from yes_tally.server.problems import RESPONSES
from yes_tally.server.reading_again import rereader
from yes_tally.server.schemas import Number
from yes_tally.server.who import Reader, Technician

router = APIRouter(prefix="/api", tags=["phrasebook"], responses=RESPONSES)
_MOST_SHOWN = 300
Sha256 = Annotated[str, Path(pattern=r"^[0-9a-f]{64}$")]


@router.get("/catalogue", operation_id="catalogue")
def catalogue(_: Reader) -> list[schemas.CatalogueEntry]:
    """Every fact there is."""
    return [
        schemas.CatalogueEntry(name=f.name, group=f.group, kind=f.kind, item=f.item, choices=list(f.choices))
        for f in FACTS.values()
    ]


@router.get("/reports/{sha256}/lines/{line}", operation_id="lineOfReport")
def line_of_report(
    sha256: Sha256, line: Number, _: Reader, command: Annotated[str, Query(max_length=2000)] = ""
) -> schemas.Line:
    """What a line of a stored report offers to be taught."""
    found = teaching.on_line(sha256, command, line)
    return schemas.Line(
        text=found.text,
        headings=list(found.headings),
        may_be=list(found.may_be),
        parts=[
            schemas.Part(
                label=part.label,
                printed=part.printed,
                column=part.column,
                end_column=part.end_column,
                headings=list(part.headings),
                fact=part.fact,
                may_be=list(may_be),
            )
            for part, may_be in found.parts
        ],
    )


@router.get("/phrases", operation_id="phrases")
def phrases(_: Reader) -> list[schemas.Phrase]:
    """Every phrase that was ever taught, the newest first."""
    return [_phrase(row) for row in phrasebook.phrases()]


@router.post("/phrases/preview", operation_id="previewPhrase")
def preview(given: schemas.Taught, _: Reader) -> schemas.Preview:
    """What a phrase would change in every stored report, and what speaks against it."""
    return _preview(teaching.preview(_text(given), _source(given), given.command))


@router.post("/phrases", operation_id="teach", status_code=201)
def teach(given: schemas.Taught, person: Technician) -> schemas.Phrase:
    """Take a phrase into the team's book; the stored reports are read again."""
    row = teaching.teach(_text(given), _source(given), person, given.command)
    _changed()
    return _phrase(row)


@router.get("/phrases/file", operation_id="phraseFile")
def phrase_file(_: Reader, response: Response) -> schemas.PhraseFile:
    """The phrases that are switched on, to take along."""
    response.headers["Content-Disposition"] = 'attachment; filename="phrasebook.json"'
    taught = [
        schemas.PhraseText(label=p.label, fact=p.fact, heading=p.heading, after=p.after) for p, _ in phrasebook.in_use()
    ]
    return schemas.PhraseFile(format="yes-tally phrasebook 1", phrases=taught)


@router.post("/phrases/file", operation_id="takePhraseFile")
def take_phrase_file(given: schemas.PhraseFile, person: Technician, keep: bool = False) -> list[schemas.Offered]:
    """Phrases from elsewhere: which would be taken and which not, and why; taken when ``keep`` is said."""
    told = teaching.take_over([_text(phrase) for phrase in given.phrases], person, keep)
    if keep:
        _changed()
    return [
        schemas.Offered(label=p.label, fact=p.fact, heading=p.heading, after=p.after, refused=refused)
        for p, refused in told
    ]


@router.post("/phrases/{number}/off", operation_id="switchPhraseOff")
def switch_off(number: Number, person: Technician) -> schemas.Phrase:
    """Switch a phrase off; it stays in the book."""
    return _switched(number, False, person)


@router.post("/phrases/{number}/on", operation_id="switchPhraseOn")
def switch_on(number: Number, person: Technician) -> schemas.Phrase:
    """Switch a phrase on again."""
    return _switched(number, True, person)


def _switched(number: int, on: bool, person: models.Person) -> schemas.Phrase:
    row = teaching.switch(number, on, person)
    _changed()
    return _phrase(row)


@router.get("/phrases/{number}/says", operation_id="whatPhraseSays")
def what_phrase_says(number: Number, _: Reader) -> schemas.Preview:
    """What a phrase says in the stored reports, whether it is switched on or not."""
    return _preview(teaching.says(phrasebook.get_phrase(number)))


@router.get("/unknown-labels", operation_id="unknownLabels")
def unknown_labels(_: Reader) -> list[schemas.UnknownLabel]:
    """The labels that mean nothing yet, those in the most reports first."""
    return [
        schemas.UnknownLabel(
            label=u.label, reports=u.reports, heading=u.heading, printed=u.printed, report=u.report, command=u.command,
            line=u.line,
        )
        for u in rereading.unknown_labels()
    ]  # fmt: skip


@router.get("/reading", operation_id="readAgain")
def read_again(_: Reader) -> schemas.ReadAgain:
    """How far the stored reports are read as they would be today, and which sealed visits say something else now."""
    now = rereading.standing()
    sealed = []
    for row in rereading.differing_visits()[:200]:
        record = models.Record.get(models.Record.visit == row.visit_id)
        host = record.asset.host or record.asset.tag
        sealed.append(
            schemas.SealedDiffers(
                visit=row.visit_id, asset=record.asset_id, host=host, record=record.number, differs=row.differs
            )
        )
    return schemas.ReadAgain(reader=READER_VERSION, reports=now.reports, waiting=now.waiting, sealed=sealed)


def _changed() -> None:
    rereader.wake()
    news.tell("phrases")
    news.tell("tray")


def _text(given: schemas.PhraseText) -> TaughtPhrase:
    after = given.after.strip() if given.after is not None else None
    return TaughtPhrase(given.label.strip(), given.fact, given.heading.strip(), after)


def _source(given: schemas.Taught) -> From:
    return From(given.report, given.line, given.printed)


def _phrase(row: models.Phrase) -> schemas.Phrase:
    return schemas.Phrase(
        id=row.id,
        label=row.label,
        fact=row.fact,
        heading=row.heading,
        after=row.after,
        printed=row.printed,
        report=row.report_id or "",
        line=row.line,
        taught_by=row.taught_by.name,
        taught_at=row.taught_at,
        off_by=row.off_by.name if row.off_by else "",
        off_at=row.off_at,
    )


def _preview(found: teaching.Preview) -> schemas.Preview:
    hosts: dict[int, str] = {}
    changes = []
    for change in found.changes[:_MOST_SHOWN]:
        where = hosts.setdefault(change.visit, teaching.host_of(change.visit))
        shown = change.after or change.before
        changes.append(
            schemas.Change(
                report=change.report,
                visit=change.visit,
                where=where,
                line=change.line,
                printed=shown.printed if shown else "",
                before=_read_as(change.before),
                after=_read_as(change.after),
            )
        )
    return schemas.Preview(
        refused=found.refused,
        changes=changes,
        places=len(found.changes),
        reports=found.reports,
        not_read=found.not_read,
    )


def _read_as(reading: Reading | None) -> schemas.ReadAs | None:
    if reading is None:
        return None
    return schemas.ReadAs(
        fact=reading.fact, item=reading.item, shown=say_fact(reading.fact, reading.value), in_doubt=reading.in_doubt
    )
