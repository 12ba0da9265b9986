"""The whole truth of one made-up PC, by the catalogue's names. Printers print from it; nothing in it comes from a report."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Any

Item = Mapping[str, Any]


@dataclass(frozen=True)
class Machine:
    """One PC as it is: where it stands, its single facts (``os.build``) and its items (``module`` to fields).

    Values are in the catalogue's base units; moments are ``datetime`` or the word ``never``; lists are tuples.
    ``claims`` is what a doctored summary says instead of the truth, by fact.
    """

    tag: str
    host: str
    site: str
    room: str
    desk: str
    role: str
    facts: Mapping[str, Any]
    items: Mapping[str, tuple[Item, ...]]
    claims: Mapping[str, Any]
    troubles: tuple[str, ...] = ()

    def __getitem__(self, fact: str) -> Any:
        return self.facts[fact]

    def claimed(self, fact: str) -> Any:
        """What its own summary says of a fact."""
        return self.claims.get(fact, self.facts[fact])

    def but(self, facts: Mapping[str, Any] | None = None, **items: tuple[Item, ...]) -> Machine:
        """The same PC with some facts or items otherwise."""
        host = (facts or {}).get("host.name", self.host)
        return replace(self, host=host, facts={**self.facts, **(facts or {})}, items={**self.items, **items})

    def troubled(self, name: str) -> Machine:
        """The same PC with one more named trouble."""
        return replace(self, troubles=(*self.troubles, name))
