"""Waivers: agreeing to one, ending it, and those in force."""

from __future__ import annotations

from fastapi import APIRouter
from pydantic import BaseModel, Field

from yes_tally.records import waivers
from yes_tally.server import present
from yes_tally.server.live import news
from yes_tally.server.problems import RESPONSES
from yes_tally.server.schemas import Id, Number, Waiver
from yes_tally.server.who import Lead, Reader

router = APIRouter(prefix="/api/waivers", tags=["waivers"], responses=RESPONSES)


class Waive(BaseModel):
    """What is to be waived: for which assets, which expectation (without its strength), why, and the last day."""

    assets: list[Id] = Field(min_length=1, max_length=1000)
    says: str = Field(min_length=1, max_length=2000)
    why: str = Field(max_length=1000)
    until: str = Field(max_length=40)


@router.get("", operation_id="waivers")
def in_force(_: Reader) -> list[Waiver]:
    """The waivers in force, those that end soonest first."""
    return [present.waiver(row) for row in waivers.in_force()]


@router.post("", operation_id="waive", status_code=201)
def waive(given: Waive, person: Lead) -> list[Waiver]:
    """Agree that some PCs need not fulfil an expectation until a day."""
    made = waivers.waive(given.assets, given.says, given.why, given.until, person)
    news.tell("tray")
    return [present.waiver(row) for row in made]


@router.post("/{number}/end", operation_id="endWaiver")
def end(number: Number, person: Lead) -> Waiver:
    """End a waiver before its day."""
    ended = waivers.end(number, person)
    news.tell("tray")
    return present.waiver(ended)
