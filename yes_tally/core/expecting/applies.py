"""Which specs an asset is held against."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from yes_tally.core.expecting.terms import Spec
from yes_tally.core.words import plain

KEYS = ("role", "site", "form", "tag")
"""What a spec can be addressed by."""


@dataclass(frozen=True, slots=True)
class Place:
    """What a spec can be addressed by, of one asset."""

    role: str
    site: str
    form: str
    tag: str


def allowed(spec: Spec) -> Mapping[str, frozenset[str]]:
    """What each ``for`` line of a spec allows, in plain words; a key without a line allows everything."""
    return {key: frozenset(plain(word) for word in words) for key, words in spec.applies.items()}


def applies(spec: Spec, place: Place) -> bool:
    """Whether every ``for`` line of the spec names this asset; a spec with none is for all."""
    return all(plain(getattr(place, key)) in words for key, words in allowed(spec).items())
