"""The one door to SQLite: opening, migrating, backing up. Nothing else in the product knows where the data lies.

Errors::

    RecordsError                  anything the store refuses
    ├── StoreUnusable             the file cannot be opened, read or written
    ├── NotThere                  no such asset, visit, spec, person
    ├── Stale                     somebody else changed it first
    ├── AlreadySealed             a sealed visit takes nothing more
    └── Refused                   the request makes no sense as it stands
"""

from __future__ import annotations

import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from datetime import UTC, datetime
from importlib.resources import files
from pathlib import Path

from peewee import DatabaseProxy, SqliteDatabase

database = DatabaseProxy()

PRAGMAS = {"journal_mode": "wal", "foreign_keys": 1, "busy_timeout": 10_000, "synchronous": "full"}


class RecordsError(Exception):
    """Anything the store refuses; the text is for the person who asked."""


class StoreUnusable(RecordsError):
    """The file cannot be opened, read or written."""


class NotThere(RecordsError):
    """No such asset, visit, spec or person."""


class Stale(RecordsError):
    """Somebody else changed it first."""


class AlreadySealed(RecordsError):
    """A sealed visit takes nothing more."""


class Refused(RecordsError):
    """The request makes no sense as it stands."""


def now() -> str:
    """The present moment as it is stored: ISO 8601, UTC, to the second."""
    return datetime.now(UTC).strftime("%Y-%m-%dT%H:%M:%SZ")


def open_store(path: Path) -> None:
    """Open the store at ``path`` (made when missing), bring it up to date, and make it the one in use.

    Raises ``StoreUnusable``.
    """
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        migrate(path)
    except (OSError, sqlite3.Error) as error:
        raise StoreUnusable(f"the store {path} cannot be used: {error}") from error
    database.initialize(SqliteDatabase(str(path), pragmas=PRAGMAS))


def migrations() -> list[tuple[int, str]]:
    """Every migration, in order: its number and its SQL."""
    folder = files("yes_tally.records") / "migrations"
    found = [
        (int(entry.name[:4]), entry.read_text("utf-8")) for entry in folder.iterdir() if entry.name.endswith(".sql")
    ]
    return sorted(found)


def migrate(path: Path) -> None:
    """Run the migrations that the store has not seen, each in one transaction, a backup taken before."""
    connection = sqlite3.connect(path, isolation_level=None)
    try:
        connection.execute("PRAGMA busy_timeout = 10000")
        (version,) = connection.execute("PRAGMA user_version").fetchone()
        for number, sql in migrations():
            if number <= version:
                continue
            if version:
                _back_up(connection, path.with_suffix(f".before-{number:04}.db"))
            connection.executescript(f"BEGIN IMMEDIATE;\n{sql}\nPRAGMA user_version = {number};\nCOMMIT;")
            version = number
    finally:
        connection.close()


def _back_up(connection: sqlite3.Connection, target: Path) -> None:
    copy = sqlite3.connect(target)
    try:
        connection.backup(copy)
    finally:
        copy.close()


@contextmanager
def using() -> Iterator[None]:
    """A connection for one request or one command."""
    with database.connection_context():
        yield


@contextmanager
def writing() -> Iterator[None]:
    """One write: all of it or nothing, and nobody else writes meanwhile."""
    with database.atomic("IMMEDIATE"):
        yield
