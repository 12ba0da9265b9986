"""Which specs an asset is held against."""

from __future__ import annotations

from dataclasses import dataclass

from yes_tally.core.expecting.terms import Spec
from yes_tally.core.words import plain


@dataclass(frozen=True, slots=True)
class Place:
    """What a spec can be addressed by: an asset's role, site, form and tag."""

    role: str
    site: str
    form: str
    tag: str


def applies(spec: Spec, place: Place) -> bool:
    """Whether every ``for`` line of the spec names this asset; a spec with none is for all."""
    own = {"role": place.role, "site": place.site, "form": place.form, "tag": place.tag}
    return all(plain(own[key]) in {plain(word) for word in words} for key, words in spec.applies.items())
