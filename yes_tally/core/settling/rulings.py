"""Disputes that a person ruled on: the ruling holds while nobody speaks who was not heard."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace

from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Ruling, Spoken


def spoken(clusters: Iterable[Cluster]) -> frozenset[Spoken]:
    """The witnesses of some clusters, as a ruling remembers them."""
    return frozenset((w.source, w.printed) for cluster in clusters for w in cluster.witnesses)


def ruled(fact: Fact, ruling: Ruling) -> Fact | None:
    """The fact as ruled; ``None`` where the ruling lapses: a witness spoke that was not heard then, or none of those
    that were believed speaks any more."""
    believed = next((c for c in fact.clusters if spoken([c]) & ruling.believed), None)
    if believed is None or spoken(fact.clusters) - ruling.heard:
        return None
    others = tuple(cluster for cluster in fact.clusters if cluster is not believed)
    return replace(fact, clusters=(believed, *others), ruling=ruling)


def with_rulings(book: FactBook, rulings: Iterable[Ruling]) -> FactBook:
    """The facts with every ruling that still holds."""
    by_place = {(ruling.fact, ruling.item): ruling for ruling in rulings}
    if not by_place:
        return book
    return FactBook(_ruled_if(fact, by_place.get((fact.name, fact.item))) for fact in book)


def _ruled_if(fact: Fact, ruling: Ruling | None) -> Fact:
    return (ruled(fact, ruling) or fact) if ruling and fact.disputed else fact


def lapsed(book: FactBook, rulings: Iterable[Ruling]) -> list[Ruling]:
    """The rulings that no longer hold: their fact is disputed again."""
    disputed = {(fact.name, fact.item) for fact in book if fact.disputed}
    return [ruling for ruling in rulings if (ruling.fact, ruling.item) in disputed]
