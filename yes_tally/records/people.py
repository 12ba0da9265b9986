"""People, their sessions, and the tokens of collectors."""

from __future__ import annotations

import hashlib
import secrets
from datetime import UTC, datetime, timedelta

from argon2 import PasswordHasher
from argon2.exceptions import VerificationError
from peewee import IntegrityError

from yes_tally.records.models import Person, Session, Token
from yes_tally.records.store import NotThere, Refused, now, writing

SESSION_LENGTH = timedelta(hours=12)
MIN_PASSWORD = 10
ROLES = ("reader", "technician", "lead")

_hasher = PasswordHasher()
# Checked when the name is unknown, so that a wrong name takes as long as a wrong password.
_NOBODY = _hasher.hash(secrets.token_hex(16))


def add_person(sign_in: str, name: str, role: str, password: str) -> Person:
    """Add a person. Raises ``Refused`` for an unknown role, a short password or a name in use."""
    if role not in ROLES:
        raise Refused(f"“{role}” is no role; roles are {', '.join(ROLES)}")
    if len(password) < MIN_PASSWORD:
        raise Refused(f"a password needs at least {MIN_PASSWORD} characters")
    try:
        with writing():
            return Person.create(
                sign_in=sign_in, name=name, role=role, password_hash=_hasher.hash(password), created_at=now()
            )
    except IntegrityError as error:
        raise Refused(f"the sign-in name “{sign_in}” is in use") from error


def by_password(sign_in: str, password: str) -> Person | None:
    """The person whom name and password fit, or ``None``; both cases take the same time."""
    person = Person.get_or_none(Person.sign_in == sign_in)
    try:
        _hasher.verify(person.password_hash if person else _NOBODY, password)
    except VerificationError:
        return None
    return person


def open_session(person: Person) -> str:
    """A new session's secret; only its hash is stored."""
    secret = secrets.token_urlsafe(32)
    expires = datetime.now(UTC) + SESSION_LENGTH
    with writing():
        Session.delete().where(Session.expires_at < now()).execute()
        Session.create(
            token_hash=_hash(secret), person=person, created_at=now(), expires_at=expires.strftime("%Y-%m-%dT%H:%M:%SZ")
        )
    return secret


def by_session(secret: str) -> Person | None:
    """The person of a session that has not expired."""
    session = Session.get_or_none((Session.token_hash == _hash(secret)) & (Session.expires_at > now()))
    return session.person if session else None


def close_session(secret: str) -> None:
    """End a session; unknown ones are ended already."""
    with writing():
        Session.delete().where(Session.token_hash == _hash(secret)).execute()


def add_token(name: str, sign_in: str) -> str:
    """A new collector's token, shown this once. Raises ``NotThere`` for an unknown person."""
    person = Person.get_or_none(Person.sign_in == sign_in)
    if person is None:
        raise NotThere(f"nobody signs in as “{sign_in}”")
    secret = f"yt_{secrets.token_urlsafe(24)}"
    with writing():
        Token.create(name=name, token_hash=_hash(secret), person=person, created_at=now())
    return secret


def by_token(secret: str) -> Person | None:
    """The person for whom a collector's token stands, noting its use; ``None`` when unknown or revoked."""
    token = Token.get_or_none((Token.token_hash == _hash(secret)) & Token.revoked_at.is_null())
    if token is None:
        return None
    with writing():
        Token.update(last_used_at=now()).where(Token.id == token.id).execute()
    return token.person


def _hash(secret: str) -> str:
    return hashlib.sha256(secret.encode()).hexdigest()
