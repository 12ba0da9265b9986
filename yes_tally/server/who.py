"""Who asks: the session's cookie or a collector's token, and what each role may do."""

from __future__ import annotations

import time
from collections.abc import Callable
from typing import Annotated

from fastapi import Cookie, Depends, Header

from yes_tally.records import people
from yes_tally.records.models import Person
from yes_tally.server.problems import ProblemError

COOKIE = "yes_tally_session"
_RANK = {role: rank for rank, role in enumerate(people.ROLES)}
MAX_TRIES, TRY_WINDOW = 10, 60.0


def signed_in(session: Annotated[str | None, Cookie(alias=COOKIE)] = None) -> Person:
    """The person of the session. Raises a 401 problem."""
    person = people.by_session(session) if session else None
    if person is None:
        detail = "Your session has ended; sign in again. What you handed in is kept." if session else "Sign in first."
        raise ProblemError(401, "Not signed in", detail)
    return person


def at_least(role: str) -> Callable[[Person], Person]:
    """A dependency that lets only this role and those above it through."""

    def allowed(person: Annotated[Person, Depends(signed_in)]) -> Person:
        if _RANK[person.role] < _RANK[role]:
            raise ProblemError(
                403, "Not allowed", f"This needs the role of a {role}; you are signed in as a {person.role}."
            )
        return person

    return allowed


Reader = Annotated[Person, Depends(at_least("reader"))]
Technician = Annotated[Person, Depends(at_least("technician"))]
Lead = Annotated[Person, Depends(at_least("lead"))]


def by_token(authorization: Annotated[str, Header()] = "") -> Person:
    """The person a collector's token stands for. Raises a 401 problem."""
    scheme, _mark, secret = authorization.partition(" ")
    person = people.by_token(secret.strip()) if scheme.casefold() == "bearer" else None
    if person is None:
        raise ProblemError(
            401, "Not signed in", "This token is not known here, or was revoked. The report was not taken in."
        )
    return person


Collector = Annotated[Person, Depends(by_token)]


class Tries:
    """Failed sign-ins by name, so that guessing is slow."""

    def __init__(self) -> None:
        self._failed: dict[str, list[float]] = {}

    def check(self, name: str) -> None:
        """Raises a 429 problem when there were too many lately."""
        recent = [at for at in self._failed.get(name, []) if at > time.monotonic() - TRY_WINDOW]
        self._failed[name] = recent
        if len(recent) >= MAX_TRIES:
            raise ProblemError(
                429,
                "Too many tries",
                "Too many wrong passwords for this name. Wait a minute, then try again.",
                {"Retry-After": "60"},
            )

    def failed(self, name: str) -> None:
        if len(self._failed) > 10_000:
            self._failed.clear()
        self._failed.setdefault(name, []).append(time.monotonic())

    def forget(self, name: str) -> None:
        self._failed.pop(name, None)
