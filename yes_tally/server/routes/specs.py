"""Specs: reading the current ones, checking a text, publishing a revision."""

from __future__ import annotations

from fastapi import APIRouter

from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import SpecMistakes
from yes_tally.records import specs
from yes_tally.server.problems import RESPONSES, mistake_out
from yes_tally.server.schemas import Checked, Publish, Spec
from yes_tally.server.who import Lead, Reader

router = APIRouter(prefix="/api/specs", tags=["specs"], responses=RESPONSES)


@router.get("", operation_id="specs")
def current(_: Reader) -> list[Spec]:
    """The latest revision of every spec."""
    return [Spec(name=p.spec.name, revision=p.number, text=p.text) for p in specs.current_specs()]


@router.post("/check", operation_id="checkSpec")
def check(given: Publish, _: Reader) -> Checked:
    """Every mistake in a spec's text, each with its line, its column and what was expected there."""
    try:
        parse_spec(given.text)
    except SpecMistakes as mistakes:
        return Checked(mistakes=[mistake_out(error) for error in mistakes.errors])
    return Checked(mistakes=[])


@router.post("", operation_id="publishSpec", status_code=201)
def publish(given: Publish, person: Lead) -> Spec:
    """Publish a text as the next revision of the spec that it names."""
    revision = specs.publish(given.text, given.note, person)
    return Spec(name=revision.spec.name, revision=revision.number, text=revision.text)
