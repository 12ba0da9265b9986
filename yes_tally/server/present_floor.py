"""The Floor, turned into what the API gives."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence

from yes_tally.core.settling.traces import called
from yes_tally.records.floor import FloorRow
from yes_tally.records.traces import MetTwice
from yes_tally.records.understanding import Understanding
from yes_tally.records.waivers import waived
from yes_tally.server import schemas
from yes_tally.server.present import asset_ref, stroke, title


def floor(
    rows: Sequence[FloorRow],
    twice: Sequence[MetTwice],
    contradictions: Sequence[tuple[int, str]],
    doubtful: Sequence[Understanding],
) -> schemas.Floor:
    now_waived = waived()
    assets = [
        schemas.FloorAsset(
            asset=asset_ref(row.asset),
            visited_at=row.visited_at,
            strokes=[stroke(s, row.asset.id, now_waived) for s in row.strokes],
        )
        for row in rows
    ]
    return schemas.Floor(
        assets=assets, most_no=_most_no(assets), matters=_matters(assets, twice, contradictions, doubtful)
    )


def _matters(
    assets: Sequence[schemas.FloorAsset],
    twice: Sequence[MetTwice],
    contradictions: Sequence[tuple[int, str]],
    doubtful: Sequence[Understanding],
) -> list[schemas.Matter]:
    """Open visits that may be of several assets, disputed answers, contradictions, ids that two assets have shown."""
    matters = [
        schemas.Matter(where=[title(u) or "an open visit"], what=u.identity.reason, asset=None, visit=u.visit.id)
        for u in doubtful
        if u.identity.kind == "candidates" and not u.visit.asset_id
    ]
    for entry in assets:
        name = entry.asset.host or entry.asset.tag
        matters += [
            schemas.Matter(where=[name], what=f"{s.says}: {s.found}", asset=entry.asset.id, visit=None)
            for s in entry.strokes
            if s.verdict == "disputed"
        ]
    names = {entry.asset.id: entry.asset.host or entry.asset.tag for entry in assets}
    matters += [
        schemas.Matter(where=[names[asset]], what=says, asset=asset, visit=None) for asset, says in contradictions
    ]
    shared: dict[tuple[str, ...], list[str]] = {}
    for met in twice:
        shared.setdefault(met.assets, []).append(called(met.kind))
    matters += [
        schemas.Matter(
            where=list(who), what=f"both have shown the same {' and '.join(sorted(set(names)))}", asset=None, visit=None
        )
        for who, names in shared.items()
    ]
    return matters


def _most_no(assets: Sequence[schemas.FloorAsset]) -> list[schemas.MostNo]:
    counts: dict[str, Counter[str]] = {}
    for asset in assets:
        for s in asset.strokes:
            counts.setdefault(s.says, Counter())[s.verdict] += 1
    told = [schemas.MostNo(says=k, no=c["no"], unsaid=c["unsaid"], disputed=c["disputed"]) for k, c in counts.items()]
    worst = sorted(told, key=lambda m: (-m.no, -m.disputed, -m.unsaid))
    return [m for m in worst if m.no or m.disputed or m.unsaid][:6]
