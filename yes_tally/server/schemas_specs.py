"""What the API takes and gives about specs."""

from __future__ import annotations

from pydantic import BaseModel, Field

from yes_tally.server.problems import SpecMistake
from yes_tally.server.schemas import AssetRef, Id, Strength, Verdict


class Revision(BaseModel):
    number: int
    text: str
    note: str
    author: str
    published_at: str


class SpecText(BaseModel):
    text: str = Field(max_length=2_000_000)


class AnswerChange(BaseModel):
    """An asset that would answer otherwise than to the published revision (``was``: ``null`` where that had no such
    expectation)."""

    asset: AssetRef
    was: Verdict | None
    now: Verdict


class Spread(BaseModel):
    """A number over the office, in the base unit, and the limit it is compared with, as the text has it (``printed``)
    and as a number."""

    fact: str
    values: list[float]
    limit: float
    printed: str
    better: str
    low_shown: str
    high_shown: str


class ExpectationPreview(BaseModel):
    """What the office answers to one line; ``changes`` are the first 200."""

    line: int
    says: str
    strength: Strength
    yes: int
    no: int
    unsaid: int
    disputed: int
    changed: int
    changes: list[AnswerChange]
    spread: Spread | None


class SpecPreview(BaseModel):
    """Either mistakes, or what the office would answer; ``revision`` is the published one it is compared with (0: none)."""

    mistakes: list[SpecMistake]
    name: str
    revision: int
    assets: int
    expectations: list[ExpectationPreview]
    contradictions: list[str]


class FromExample(BaseModel):
    name: str = Field(min_length=1, max_length=80, pattern=r'^[^"\n]+$')
    assets: list[Id] = Field(min_length=1, max_length=200)
