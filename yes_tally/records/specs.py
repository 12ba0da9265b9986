"""Specs: published revisions of their texts, parsed once."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache

from yes_tally.core.expecting.applies import Place, applies
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import Spec
from yes_tally.records.models import Person, SpecRevision, SpecText
from yes_tally.records.store import NotThere, now, writing


@dataclass(frozen=True, slots=True)
class PublishedSpec:
    """A spec as published: the revision and its tree."""

    revision_id: int
    number: int
    text: str
    spec: Spec


def publish(text: str, note: str, author: Person) -> SpecRevision:
    """Publish a text as the next revision of the spec it names. Raises ``SpecMistakes``."""
    parsed = parse_spec(text)
    with writing():
        spec, _ = SpecText.get_or_create(name=parsed.name)
        last = spec.revisions.order_by(SpecRevision.number.desc()).first()
        return SpecRevision.create(
            spec=spec, number=last.number + 1 if last else 1, text=text, note=note, author=author, published_at=now()
        )


def current_specs() -> list[PublishedSpec]:
    """The latest revision of every spec, in the order the specs were first published."""
    latest: dict[int, SpecRevision] = {}
    for revision in SpecRevision.select().order_by(SpecRevision.spec, SpecRevision.number):
        latest[revision.spec_id] = revision
    return [PublishedSpec(r.id, r.number, r.text, _parsed(r.text)) for r in latest.values()]


def revisions(name: str) -> list[SpecRevision]:
    """Every revision of a spec, the latest first. Raises ``NotThere``."""
    spec = SpecText.get_or_none(SpecText.name == name)
    if spec is None:
        raise NotThere(f"there is no spec called {name[:80]}")
    return list(spec.revisions.order_by(SpecRevision.number.desc()))


def specs_of(place: Place) -> list[PublishedSpec]:
    """The current specs that apply to an asset at ``place``."""
    return [published for published in current_specs() if applies(published.spec, place)]


@lru_cache(maxsize=512)
def _parsed(text: str) -> Spec:
    return parse_spec(text)
