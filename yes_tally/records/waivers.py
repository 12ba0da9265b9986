"""Waivers: an expectation that a PC need not fulfil until a day, why, and which lead agreed.

A waiver never touches a record or an answer: a *no* is shown as waived while one is in force, and is a *no* again by
itself when it ends.
"""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date, timedelta

from yes_tally.records.assets import get_asset
from yes_tally.records.models import Person, Waiver
from yes_tally.records.store import NotThere, Refused, now, writing

LONGEST = timedelta(days=366)
Waived = dict[tuple[int, str], Waiver]
"""The waivers in force, by asset and by what the expectation says."""


def today() -> str:
    """The day, as waivers end on it (ISO 8601)."""
    return now()[:10]


def waive(assets: Sequence[int], says: str, why: str, until: str, by: Person) -> list[Waiver]:
    """Agree that these assets need not fulfil an expectation up to and including the day ``until``. One in force
    for the same is ended by the new one. Raises ``NotThere``, ``Refused``."""
    last = _day(until)
    first = date.fromisoformat(today())
    if last < first:
        raise Refused(f"{until} is past; a waiver ends today at the earliest")
    if last - first > LONGEST:
        raise Refused("a waiver lasts a year at most; agree to it again then")
    if not why.strip():
        raise Refused("a waiver needs its reason, for who reads it later")
    with writing():
        found = [get_asset(number) for number in dict.fromkeys(assets)]
        in_force = waived()
        for asset in found:
            known = in_force.get((asset.id, says))
            if known:
                _end(known, by)
        return [
            Waiver.create(
                asset=asset, says=says, why=why.strip(), agreed_by=by, agreed_at=now(), until=last.isoformat()
            )
            for asset in found
        ]


def _day(text: str) -> date:
    try:
        return date.fromisoformat(text)
    except ValueError as error:
        raise Refused(f"“{text[:20]}” is no day such as {today()}") from error


def _end(waiver: Waiver, by: Person) -> None:
    waiver.ended_by, waiver.ended_at = by, now()
    waiver.save()


def end(number: int, by: Person) -> Waiver:
    """End a waiver before its day; one that has ended stays as it is. Raises ``NotThere``."""
    with writing():
        waiver = Waiver.get_or_none(Waiver.id == number)
        if waiver is None:
            raise NotThere(f"there is no waiver {number}")
        if waiver.ended_at is None:
            _end(waiver, by)
    return waiver


def waived() -> Waived:
    """The waivers that are in force today."""
    rows = Waiver.select().where(Waiver.ended_at.is_null() & (Waiver.until >= today())).order_by(Waiver.id)
    return {(row.asset_id, row.says): row for row in rows}


def in_force() -> list[Waiver]:
    """The same, those that end soonest first."""
    return sorted(waived().values(), key=lambda row: (row.until, row.id))
