"""What the API takes and gives."""

from __future__ import annotations

from typing import Annotated, Literal

from fastapi import Path
from pydantic import BaseModel, Field

from yes_tally.server.problems import SpecMistake
from yes_tally.server.schemas_settling import Crossing, Finding, Ruling

MAX_ID = 2**53 - 1
Id = Annotated[int, Field(ge=1, le=MAX_ID)]
"""A number that the store gave."""

Number = Annotated[int, Path(ge=1, le=MAX_ID)]
"""The same, in an address."""

Verdict = Literal["yes", "no", "unsaid", "disputed", "waived"]
"""Four answers, and a no that is waived for now."""
Strength = Literal["must", "should"]
Way = Literal["pasted", "file"]


class Health(BaseModel):
    status: Literal["ok"]
    version: str


class SignIn(BaseModel):
    sign_in: str = Field(max_length=200)
    password: str = Field(max_length=1000)


class Me(BaseModel):
    name: str
    sign_in: str
    role: Literal["reader", "technician", "lead"]


class Stroke(BaseModel):
    """One answer of a tally; ``says`` is the expectation without its strength and reason."""

    says: str
    strength: Strength
    verdict: Verdict
    found: str
    margin: str


class AssetRef(BaseModel):
    id: int
    tag: str
    host: str
    role: str
    site: str
    room: str
    desk: str


class Witness(BaseModel):
    source: str
    printed: str
    report: str
    line: int
    shown: str


class Scale(BaseModel):
    """A found range and its limit in the base unit, with all three in words."""

    low: float
    high: float
    limit: float
    better: Literal["more", "less"]


class Waiver(BaseModel):
    """What a PC need not fulfil for now: why, who agreed, and the last day (ISO 8601)."""

    id: Id
    asset: AssetRef
    says: str
    why: str
    agreed_by: str
    agreed_at: str
    until: str
    days_left: int


class Ask(BaseModel):
    """A command that is known to say what is unsaid, and how long it takes."""

    typed: str
    seconds: float


class Answer(Stroke):
    because: str
    why: str
    spec: str
    witnesses: list[Witness]
    scale: Scale | None
    waiver: Waiver | None
    ask: list[Ask]


class FactValue(BaseModel):
    """One value of a fact with who says it; a disputed fact has several."""

    shown: str
    value: str | int | float | bool | list[str]
    witnesses: list[Witness]


class Fact(BaseModel):
    name: str
    item: str | None
    values: list[FactValue]
    derived: bool
    estimated: bool
    disputed: bool
    ruled: Ruling | None


class Reading(BaseModel):
    """One marked place of a report; columns count from 1, the end is exclusive."""

    line: int
    column: int
    end_column: int
    fact: str
    item: str | None
    label: str
    printed: str
    shown: str
    range: str
    confidence: float
    why: str
    shape: str
    also: list[str]
    mark: Literal["read", "doubt", "no", "disputed"]


class Failure(BaseModel):
    line: int
    command: str
    sentence: str


class Report(BaseModel):
    sha256: str
    file: str
    way: str
    by: str
    at: str
    encoding: str
    command: str
    lines: list[str]
    readings: list[Reading]
    failures: list[Failure]
    prompt_lines: list[int]
    unread_lines: list[int]
    blank_lines: list[int]


class Candidate(BaseModel):
    asset: AssetRef
    agree: list[str]
    differ: list[str]


class Identity(BaseModel):
    kind: Literal["sure", "candidates", "new", "unsaid"]
    reason: str
    candidates: list[Candidate]


class TrayEntry(BaseModel):
    """One open visit in the tray."""

    id: int
    version: int
    title: str
    known: bool
    reports: int
    failures: int
    way: str
    taken_at: str
    sign: Verdict
    entered: bool
    under_way: bool = False


class VisitDetail(BaseModel):
    """One open visit, understood. ``asset`` is the one entered, else the one it surely is of."""

    id: int
    version: int
    state: Literal["open", "sealed"]
    taken_at: str
    title: str
    entered: bool
    asset: AssetRef | None
    identity: Identity
    specs: list[str]
    answers: list[Answer]
    facts: list[Fact]
    findings: list[Finding]
    crossings: list[Crossing]
    lapsed: list[Ruling]
    reports: list[Report]
    suggested_tag: str
    suggested_host: str


class NewAsset(BaseModel):
    tag: str = Field(min_length=1, max_length=80)
    role: str = Field("", max_length=80)
    site: str = Field("", max_length=80)
    room: str = Field("", max_length=80)
    desk: str = Field("", max_length=80)
    host: str = Field("", max_length=80)


class Enter(BaseModel):
    """Enter a visit: to a known asset, or to a new one."""

    version: Id
    asset: Id | None = None
    new: NewAsset | None = None


class Seal(BaseModel):
    version: Id


class RecordRef(BaseModel):
    number: int
    sha256: str
    sealed_at: str
    sealed_by: str
    whole: bool


class Sealed(BaseModel):
    asset: int
    record: RecordRef


class SealedVisit(BaseModel):
    id: int
    taken_at: str
    reports: int
    record: RecordRef
    strokes: list[Stroke]


class FactDiffers(BaseModel):
    """A fact that a sealed visit's reports say otherwise today; an empty text: not said."""

    name: str
    item: str | None
    sealed: str
    now: str


class AssetDetail(BaseModel):
    asset: AssetRef
    serial: str
    taken_at: str | None
    specs: list[str]
    answers: list[Answer]
    facts: list[Fact]
    findings: list[Finding]
    crossings: list[Crossing]
    visits: list[SealedVisit]
    since_sealed: list[FactDiffers]


class FloorAsset(BaseModel):
    asset: AssetRef
    visited_at: str | None
    strokes: list[Stroke]


class MostNo(BaseModel):
    """An expectation and how it fares over the office."""

    says: str
    no: int
    unsaid: int
    disputed: int


class Matter(BaseModel):
    """Something that a person must decide: where, and what, in words."""

    where: list[str]
    what: str
    asset: int | None
    visit: int | None


class Floor(BaseModel):
    assets: list[FloorAsset]
    most_no: list[MostNo]
    matters: list[Matter]


class Tick(BaseModel):
    at: str
    visit: int
    asset: str
    file: str
    by: str
    verdict: Verdict


class Tape(BaseModel):
    since: str
    now: str
    ticks: list[Tick]


class Spec(BaseModel):
    name: str
    revision: int
    text: str


class Publish(BaseModel):
    text: str = Field(max_length=2_000_000)
    note: str = Field("", max_length=2000)


class Checked(BaseModel):
    mistakes: list[SpecMistake]


class HandedIn(BaseModel):
    visit: int
    said: str


class Verified(BaseModel):
    records: int
    whole: bool
    flaw: str
