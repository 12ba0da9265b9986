"""What the API takes and gives of settling: rulings, what cross-checks saw, ids met elsewhere, and the parts book."""

from __future__ import annotations

from typing import Literal

from pydantic import BaseModel, Field


class Place(BaseModel):
    """A line of a report where something was seen; line 0: it follows from others."""

    fact: str
    source: str
    printed: str
    report: str
    line: int


class Finding(BaseModel):
    """What one cross-check saw, why that matters, and where; ``expected`` is what the parts book or a standard says."""

    check: str
    weight: Literal["contradiction", "notice"]
    says: str
    why: str
    expected: str
    places: list[Place]


class Crossing(BaseModel):
    """An id of this visit that another asset has shown."""

    meaning: Literal["moved", "swapped", "two places"]
    asset: int
    says: str


class Ruling(BaseModel):
    """Who ruled on a dispute, when and why."""

    fact: str
    item: str | None
    why: str
    by: str
    at: str


class Rule(BaseModel):
    """A ruling to be made: on which fact, for its ``choice``-th value (from 0), and why."""

    version: int = Field(ge=1)
    fact: str = Field(max_length=80)
    item: str | None = Field(None, max_length=2000)
    choice: int = Field(ge=0, le=1000)
    why: str = Field(max_length=1000)


class TakeBack(BaseModel):
    """A ruling to be taken back."""

    version: int = Field(ge=1)
    fact: str = Field(max_length=80)
    item: str | None = Field(None, max_length=2000)


class CrossCheck(BaseModel):
    """One entry of the registry of cross-checks."""

    name: str
    weight: Literal["contradiction", "notice"]
    compares: str
    why: str


class ReportLine(BaseModel):
    number: int
    text: str


PartColumns = dict[str, str]
"""A part as it is written, by column."""


class PartEntry(BaseModel):
    """An entry of the parts book, in force or an earlier one."""

    id: int
    kind: str
    number: str
    columns: PartColumns
    written_by: str
    written_at: str
    ended_at: str | None


class PartSuggested(BaseModel):
    """A part that records speak of and the book lacks; ``open``: what those records disagree on."""

    columns: PartColumns
    met: int
    open: list[str]


class PartsBook(BaseModel):
    """The book, what each kind can say, and what records suggest."""

    columns: dict[str, list[str]]
    called: dict[str, str]
    parts: list[PartEntry]
    suggested: list[PartSuggested]


class WritePart(BaseModel):
    """A part to be written, as columns; ``replaces`` is the entry it follows."""

    columns: dict[str, str] = Field(max_length=40)
    replaces: int | None = Field(None, ge=1)


class PartsFile(BaseModel):
    text: str = Field(max_length=4_000_000)


class FileLine(BaseModel):
    """What a line of a file would do; ``before`` is the entry it would follow."""

    line: int
    fate: Literal["new", "changed", "same"]
    columns: PartColumns
    before: PartColumns | None


class FileTrouble(BaseModel):
    line: int
    message: str


class FileLook(BaseModel):
    """A file looked at: what it would do, and what stands in the way."""

    new: int
    changed: int
    same: int
    lines: list[FileLine]
    troubles: list[FileTrouble]
