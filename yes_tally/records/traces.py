"""What each asset has shown of what names one thing in the world, looked up by the id itself: however many assets there
are, a visit is compared with those that share an id with it, and with no others."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from functools import reduce
from operator import or_

from peewee import fn

from yes_tally.core.settling.facts import FactBook
from yes_tally.core.settling.identity import KnownAsset, comparable_id
from yes_tally.core.settling.traces import Crossing, SeenElsewhere, Trace, crossings, traces
from yes_tally.records.models import Asset, AssetTrace

_OF_THE_ASSET = ("tag", "host", "serial", "uuid", "board")


def known_by(evidence: Mapping[str, Iterable[str]]) -> list[KnownAsset]:
    """The assets that share any id with what a visit says of itself."""
    wanted = [(kind, list(values)) for kind, values in evidence.items() if values]
    if not wanted:
        return []
    shared = reduce(or_, ((AssetTrace.kind == kind) & AssetTrace.trace.in_(values) for kind, values in wanted))
    ids = {row.asset_id for row in AssetTrace.select(AssetTrace.asset).where(shared)}
    return [
        KnownAsset(a.id, a.tag, a.host, a.serial, a.uuid, a.board, tuple(json.loads(a.macs)))
        for a in Asset.select().where(Asset.id.in_(ids)).order_by(Asset.id)
    ]


def keep_asset(asset: Asset) -> None:
    """Make an asset findable by what it is known by; inside a write."""
    told = [(kind, getattr(asset, kind)) for kind in _OF_THE_ASSET] + [("mac", mac) for mac in json.loads(asset.macs)]
    _keep(asset, [Trace(kind, comparable_id(kind, shown), shown) for kind, shown in told if shown], "")


def keep_visit(asset: Asset, book: FactBook, at: str) -> None:
    """Keep what a sealed visit shows; of the kinds it tells, what it no longer shows is there no more. Inside a write."""
    found = traces(book)
    kinds = {trace.kind for trace in found}
    newest = AssetTrace.select(fn.MAX(AssetTrace.at)).where(AssetTrace.asset == asset).scalar() or ""
    if at >= newest:
        of_these = (AssetTrace.asset == asset) & AssetTrace.kind.in_(kinds)
        AssetTrace.update(still=False).where(of_these).execute()
    _keep(asset, found, at, still=at >= newest)


def _keep(asset: Asset, found: Iterable[Trace], at: str, *, still: bool = True) -> None:
    rows = [(trace.kind, trace.id, asset.id, trace.shown, at, still) for trace in found]
    if not rows:
        return
    columns = [AssetTrace.kind, AssetTrace.trace, AssetTrace.asset, AssetTrace.shown, AssetTrace.at, AssetTrace.still]
    AssetTrace.insert_many(rows, fields=columns).on_conflict(
        conflict_target=[AssetTrace.kind, AssetTrace.trace, AssetTrace.asset],
        update={
            AssetTrace.at: fn.MAX(AssetTrace.at, at),
            AssetTrace.still: AssetTrace.still | still,
        },
    ).execute()


def crossings_of(book: FactBook, asset: Asset | None) -> list[Crossing]:
    """The ids of a visit that other assets have shown, and what that means."""
    own = asset.id if asset is not None else 0
    found = {(trace.kind, trace.id): trace for trace in traces(book)}
    if not found:
        return []
    by_kind: dict[str, list[str]] = {}
    for kind, value in found:
        by_kind.setdefault(kind, []).append(value)
    shared = reduce(or_, ((AssetTrace.kind == kind) & AssetTrace.trace.in_(values) for kind, values in by_kind.items()))
    rows = list(AssetTrace.select().where(shared & (AssetTrace.asset != own) & (AssetTrace.at != "")))
    seen = [SeenElsewhere(found[row.kind, row.trace], row.asset_id, bool(row.still), row.at) for row in rows]
    others = {each.asset for each in seen}
    return crossings(seen, _lost(own, others), _names(others)) if seen else []


def _lost(own: int, others: set[int]) -> dict[int, frozenset[str]]:
    """For each of the other assets, the kinds of parts of this asset that it now shows."""
    mine = AssetTrace.alias()
    query = (
        AssetTrace.select(AssetTrace.asset, AssetTrace.kind)
        .join(mine, on=(mine.kind == AssetTrace.kind) & (mine.trace == AssetTrace.trace) & (mine.asset == own))
        .where(AssetTrace.asset.in_(others) & AssetTrace.still & (mine.at != ""))
        .distinct()
    )
    lost: dict[int, set[str]] = {}
    for row in query:
        lost.setdefault(row.asset_id, set()).add(row.kind)
    return {asset: frozenset(kinds) for asset, kinds in lost.items()}


def _names(assets: set[int]) -> dict[int, str]:
    return {a.id: a.host or a.tag for a in Asset.select(Asset.id, Asset.host, Asset.tag).where(Asset.id.in_(assets))}


@dataclass(frozen=True, slots=True)
class MetTwice:
    """One id that more than one asset has shown in a sealed visit; the assets by host, or tag."""

    kind: str
    shown: str
    assets: tuple[str, ...]


def met_twice() -> list[MetTwice]:
    """Ids that several assets have shown: a part that moved, a copied image, a doctored report."""
    told = (AssetTrace.at != "") & AssetTrace.kind.not_in(("host", "tag"))
    twice = (
        AssetTrace.select(AssetTrace.kind, AssetTrace.trace)
        .where(told)
        .group_by(AssetTrace.kind, AssetTrace.trace)
        .having(fn.COUNT(AssetTrace.asset) > 1)
    )
    found = []
    for met in list(twice):
        same = (AssetTrace.kind == met.kind) & (AssetTrace.trace == met.trace) & (AssetTrace.at != "")
        rows = list(AssetTrace.select(AssetTrace, Asset).join(Asset).where(same))
        names = sorted({row.asset.host or row.asset.tag for row in rows})
        found.append(MetTwice(met.kind, rows[0].shown, tuple(names)))
    return found
