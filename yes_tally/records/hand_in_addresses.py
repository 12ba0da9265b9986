"""Hand-in addresses: short, readable, expiring codes by which any shell can post a report to a visit."""

from __future__ import annotations

import hashlib
import secrets
from datetime import UTC, datetime, timedelta

from yes_tally.records.models import HandInAddress, Person, Visit
from yes_tally.records.store import NotThere, now, writing
from yes_tally.records.visits import get_visit

LENGTH = timedelta(hours=2)
# Without letters and digits that are taken for each other; 10 of 29 are 48 bits.
_LETTERS = "abcdefghjkmnpqrstvwxyz2345679"
_GROUPS = (3, 4, 3)


def open_address(by: Person, visit: int | None = None) -> tuple[str, str]:
    """A new code and when it ends; only its hash is stored. Raises ``NotThere`` for an unknown visit."""
    of = get_visit(visit) if visit is not None else None
    code = "-".join("".join(secrets.choice(_LETTERS) for _ in range(length)) for length in _GROUPS)
    ends = (datetime.now(UTC) + LENGTH).strftime("%Y-%m-%dT%H:%M:%SZ")
    with writing():
        HandInAddress.delete().where(HandInAddress.expires_at < now()).execute()
        HandInAddress.create(code_hash=_hash(code), visit=of, person=by, created_at=now(), expires_at=ends)
    return code, ends


def behind(code: str) -> tuple[Person, int | None]:
    """Whose a code is, and the visit it belongs to. Raises ``NotThere`` when unknown or over."""
    found = HandInAddress.get_or_none((HandInAddress.code_hash == _hash(code)) & (HandInAddress.expires_at > now()))
    if found is None:
        raise NotThere(
            "this hand-in address is not known, or its time is over. Nothing was taken in; open a new one on the Bench"
        )
    return found.person, found.visit_id


def keep_visit(code: str, visit: Visit) -> None:
    """The first report opens the visit that the following ones join."""
    with writing():
        HandInAddress.update(visit=visit).where(
            (HandInAddress.code_hash == _hash(code)) & HandInAddress.visit.is_null()
        ).execute()


def _hash(code: str) -> str:
    plain = code.strip().casefold()
    return hashlib.sha256(plain.encode()).hexdigest()
