"""Rulings on disputes: made on an open visit, good for the PC's later visits while nobody new speaks."""

from __future__ import annotations

import json

from yes_tally.core.saying import say_fact
from yes_tally.core.settling.rulings import spoken
from yes_tally.records.models import Person, RulingMade, Visit
from yes_tally.records.rulings_made import rows_of
from yes_tally.records.store import NotThere, Refused, now, writing
from yes_tally.records.understanding import understand
from yes_tally.records.visits import changeable, get_visit

LONGEST_WHY = 1000


def rule(number: int, version: int, fact: str, item: str | None, choice: int, why: str, by: Person) -> Visit:
    """Rule on a disputed fact of an open visit: believe the witnesses of its ``choice``-th value (from 0).

    Raises ``Stale`` when a colleague changed the visit or ruled first, ``AlreadySealed``, ``NotThere``, ``Refused``.
    """
    if not why.strip():
        raise Refused("a ruling needs its reason, for who reads the record later")
    with writing():
        visit = changeable(number, version)
        found = next((f for f in understand(visit).book if (f.name, f.item) == (fact, item)), None)
        if found is None or len(found.clusters) < 2:
            raise Refused(f"nothing is disputed about {fact} in this visit")
        if not 0 <= choice < len(found.clusters):
            raise Refused(f"{fact} has {len(found.clusters)} values to choose from")
        believed = found.clusters[choice]
        _end(visit, fact, item, by)
        RulingMade.create(
            visit=visit, fact=fact, item=item, shown=say_fact(fact, believed.value),
            believed=json.dumps(sorted(spoken([believed])), ensure_ascii=False),
            heard=json.dumps(sorted(spoken(found.clusters)), ensure_ascii=False),
            why=why.strip()[:LONGEST_WHY], ruled_by=by, ruled_at=now(),
        )  # fmt: skip
        _changed(visit)
    return get_visit(number)


def take_back(number: int, version: int, fact: str, item: str | None, by: Person) -> Visit:
    """Take a ruling on an open visit back: the fact is disputed again. Raises as ``rule`` does."""
    with writing():
        visit = changeable(number, version)
        if not _end(visit, fact, item, by):
            raise NotThere(f"nobody ruled on {fact}")
        _changed(visit)
    return get_visit(number)


def _changed(visit: Visit) -> None:
    Visit.update(version=Visit.version + 1).where(Visit.id == visit.id).execute()


def _end(visit: Visit, fact: str, item: str | None, by: Person) -> int:
    ids = [row.id for row in rows_of(visit) if (row.fact, row.item) == (fact, item)]
    return int(RulingMade.update(ended_at=now(), ended_by=by).where(RulingMade.id.in_(ids)).execute())
