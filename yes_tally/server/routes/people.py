"""Signing in and out."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Cookie, Response

from yes_tally.records import people
from yes_tally.server.problems import RESPONSES, ProblemError
from yes_tally.server.schemas import Me, SignIn
from yes_tally.server.who import COOKIE, Reader, Tries

router = APIRouter(prefix="/api", tags=["people"], responses=RESPONSES)
tries = Tries()


@router.post("/sign-in", operation_id="signIn")
def sign_in(given: SignIn, response: Response) -> Me:
    """Sign in with a name and a password; the session is a cookie that scripts cannot read."""
    name = given.sign_in.strip().casefold()
    tries.check(name)
    person = people.by_password(given.sign_in.strip(), given.password)
    if person is None:
        tries.failed(name)
        raise ProblemError(401, "Not signed in", "This name and password do not go together.")
    tries.forget(name)
    secret = people.open_session(person)
    age = int(people.SESSION_LENGTH.total_seconds())
    response.set_cookie(COOKIE, secret, max_age=age, httponly=True, samesite="strict")
    return Me(name=person.name, sign_in=person.sign_in, role=person.role)


@router.post("/sign-out", operation_id="signOut", status_code=204)
def sign_out(response: Response, _: Reader, session: Annotated[str, Cookie(alias=COOKIE)] = "") -> None:
    """End the session."""
    people.close_session(session)
    response.delete_cookie(COOKIE)


@router.get("/me", operation_id="me")
def me(person: Reader) -> Me:
    """Who is signed in."""
    return Me(name=person.name, sign_in=person.sign_in, role=person.role)
