"""Specs: reading the current ones, checking a text, publishing a revision."""

from __future__ import annotations

from fastapi import APIRouter

from yes_tally.core.catalogue import FACTS
from yes_tally.core.expecting.formatting import format_spec
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import SpecMistakes
from yes_tally.core.saying import say_scalar
from yes_tally.records import spec_preview, specs
from yes_tally.server import present
from yes_tally.server import schemas_specs as schemas
from yes_tally.server.problems import RESPONSES, mistake_out
from yes_tally.server.schemas import Checked, Publish, Spec
from yes_tally.server.who import Lead, Reader, Technician

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


@router.post("/preview", operation_id="previewSpec")
def preview(given: schemas.SpecText, _: Reader) -> schemas.SpecPreview:
    """What the office would answer to a text, and who would change against the published revision."""
    try:
        found = spec_preview.preview(given.text)
    except SpecMistakes as mistakes:
        told = [mistake_out(error) for error in mistakes.errors[:200]]
        return schemas.SpecPreview(mistakes=told, name="", revision=0, assets=0, expectations=[], contradictions=[])
    return schemas.SpecPreview(
        mistakes=[],
        name=found.name,
        revision=found.revision,
        assets=found.assets,
        expectations=[_expectation(each) for each in found.expectations],
        contradictions=list(found.contradictions),
    )


def _expectation(each: spec_preview.OfExpectation) -> schemas.ExpectationPreview:
    return schemas.ExpectationPreview(
        line=each.expectation.line,
        says=present.says(each.expectation.text),
        strength=each.expectation.strength,
        **each.counts,
        changed=each.changed,
        changes=[schemas.AnswerChange(asset=present.asset_ref(c.asset), was=c.was, now=c.now) for c in each.changes],
        spread=_spread(each.spread) if each.spread and each.spread.values else None,
    )


def _spread(spread: spec_preview.Spread) -> schemas.Spread:
    kind = FACTS[spread.fact]
    return schemas.Spread(
        fact=spread.fact,
        values=sorted(spread.values),
        limit=spread.limit.number,
        printed=spread.limit.printed,
        better="less" if spread.test in ("at_most", "below") else "more",
        low_shown=say_scalar(kind, min(spread.values)),
        high_shown=say_scalar(kind, max(spread.values)),
    )


@router.post("/format", operation_id="formatSpec")
def formatted(given: schemas.SpecText, _: Reader) -> schemas.SpecText:
    """A spec's canonical text; its remarks are left out. Mistakes are answered as a problem."""
    return schemas.SpecText(text=format_spec(parse_spec(given.text)))


@router.post("/from-example", operation_id="specFromExample")
def from_example(given: schemas.FromExample, _: Technician) -> schemas.SpecText:
    """A spec's text of what some good PCs share, to be pruned."""
    return schemas.SpecText(text=spec_preview.from_example(given.name, given.assets))


@router.get("/values/{fact}", operation_id="valuesMet")
def values_met(fact: str, _: Reader) -> list[str]:
    """The values of a fact that were met in the office, the most frequent first."""
    return spec_preview.values_met(fact)


@router.get("/{name}/revisions", operation_id="specRevisions")
def revisions(name: str, _: Reader) -> list[schemas.Revision]:
    """Every revision of a spec, the latest first."""
    return [
        schemas.Revision(number=r.number, text=r.text, note=r.note, author=r.author.name, published_at=r.published_at)
        for r in specs.revisions(name)
    ]
