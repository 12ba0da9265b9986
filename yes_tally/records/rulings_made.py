"""The rulings that count for a visit: those made on it, and on the same PC's visits before it."""

from __future__ import annotations

import json

from yes_tally.core.settling.facts import Ruling
from yes_tally.records.models import RulingMade, Visit


def rows_of(visit: Visit) -> list[RulingMade]:
    """As they are stored, the earliest first."""
    of_it = RulingMade.visit == visit
    if visit.asset_id is not None:
        of_it |= (Visit.asset == visit.asset_id) & (RulingMade.visit <= visit.id)
    query = RulingMade.select().join(Visit).where(of_it & RulingMade.ended_at.is_null())
    return list(query.order_by(RulingMade.id))


def rulings_of(visit: Visit) -> tuple[Ruling, ...]:
    """As settling takes them; of several on one fact the latest."""
    return tuple({(row.fact, row.item): _as_ruling(row) for row in rows_of(visit)}.values())


def _as_ruling(row: RulingMade) -> Ruling:
    believed, heard = (
        frozenset((source, printed) for source, printed in json.loads(t)) for t in (row.believed, row.heard)
    )
    return Ruling(row.fact, row.item, believed, heard, row.why, row.ruled_by.name, row.ruled_at)
