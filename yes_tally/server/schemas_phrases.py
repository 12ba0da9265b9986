"""What the API takes and gives about the phrasebook."""

from __future__ import annotations

from typing import Literal

from pydantic import BaseModel, Field

from yes_tally.server.schemas import Id

Sha256 = Field("", pattern=r"^([0-9a-f]{64})?$")


class PhraseText(BaseModel):
    """A phrase: ``fact`` is ``null`` when it is to mean nothing, ``heading`` empty when it holds everywhere, ``after``
    ``null`` for a label and what stands behind the value for a statement."""

    label: str = Field(max_length=200)
    fact: str | None = Field(max_length=80)
    heading: str = Field("", max_length=200)
    after: str | None = Field(None, max_length=200)


class Taught(PhraseText):
    """A phrase with the line that it is taught from: the report, the command it was asked with, the printed value."""

    report: str = Sha256
    command: str = Field("", max_length=2000)
    line: int = Field(0, ge=0, le=10_000_000)
    printed: str = Field("", max_length=20_000)


class Phrase(PhraseText):
    id: Id
    printed: str
    report: str
    line: int
    taught_by: str
    taught_at: str
    off_by: str
    off_at: str | None


class Part(BaseModel):
    """A labelled value of a line; ``fact`` is what it is read as now, ``may_be`` what it could be, likeliest first."""

    label: str
    printed: str
    column: int
    end_column: int
    headings: list[str]
    fact: str | None
    may_be: list[str]


class Line(BaseModel):
    text: str
    headings: list[str]
    may_be: list[str]
    parts: list[Part]


class ReadAs(BaseModel):
    """What a place of a report is read as; ``in_doubt`` where a person should look at it."""

    fact: str
    item: str | None
    shown: str
    in_doubt: bool


class Change(BaseModel):
    report: str
    visit: int
    where: str
    line: int
    printed: str
    before: ReadAs | None
    after: ReadAs | None


class Preview(BaseModel):
    """What a phrase changes: up to 300 places, in how many reports, and how many reports were not looked through."""

    refused: str | None
    changes: list[Change]
    places: int
    reports: int
    not_read: int


class PhraseFile(BaseModel):
    """Phrases as they are taken along."""

    format: Literal["yes-tally phrasebook 1"]
    phrases: list[PhraseText] = Field(max_length=5000)


class Offered(PhraseText):
    """A phrase of a file, and why it is not taken (``null``: it is)."""

    refused: str | None


class UnknownLabel(BaseModel):
    """A label that means nothing yet, in how many reports it stands, and one of its places."""

    label: str
    reports: int
    heading: str
    printed: str
    report: str
    command: str
    line: int


class ReadAgain(BaseModel):
    """How far the stored reports are read as they would be today, and which sealed visits say something else now."""

    reader: int
    reports: int
    waiting: int
    sealed: list[SealedDiffers]


class SealedDiffers(BaseModel):
    visit: int
    asset: int
    host: str
    record: int
    differs: int


class CatalogueEntry(BaseModel):
    """A fact of the catalogue."""

    name: str
    group: str
    kind: str
    item: bool
    choices: list[str]
