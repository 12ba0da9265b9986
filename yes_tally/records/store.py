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
from collections.abc import Callable, Iterator, Mapping, Sequence
from contextlib import contextmanager
from datetime import UTC, datetime
from importlib import import_module
from importlib.resources import files
from pathlib import Path
from typing import Any

from peewee import DatabaseProxy, Model, SqliteDatabase

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


Migration = str | Callable[[sqlite3.Connection], None]
"""A migration: SQL, or a function that fills what SQL cannot compute, called inside its transaction."""


def migrations() -> list[tuple[int, Migration]]:
    """Every migration, in order: its number and what it does."""
    folder = files("yes_tally.records") / "migrations"
    names = sorted(entry.name for entry in folder.iterdir() if entry.name[:4].isdigit())
    return [(int(name[:4]), _migration(name)) for name in names if name.endswith((".sql", ".py"))]


def _migration(name: str) -> Migration:
    if name.endswith(".sql"):
        return (files("yes_tally.records") / "migrations" / name).read_text("utf-8")
    run: Migration = import_module(f"yes_tally.records.migrations.{name[:-3]}").run
    return run


def migrate(path: Path) -> None:
    """Run the migrations that the store has not seen, each in one transaction, a backup taken before."""
    connection = sqlite3.connect(path, isolation_level=None)
    try:
        connection.execute("PRAGMA busy_timeout = 10000")
        (version,) = connection.execute("PRAGMA user_version").fetchone()
        for number, step in migrations():
            if number <= version:
                continue
            if version:
                _back_up(connection, path.with_suffix(f".before-{number:04}.db"))
            _run(connection, number, step)
            version = number
    finally:
        connection.close()


def _run(connection: sqlite3.Connection, number: int, step: Migration) -> None:
    if isinstance(step, str):
        connection.executescript(f"BEGIN IMMEDIATE;\n{step}\nPRAGMA user_version = {number};\nCOMMIT;")
        return
    connection.execute("BEGIN IMMEDIATE")
    try:
        step(connection)
    except BaseException:
        connection.execute("ROLLBACK")
        raise
    connection.execute(f"PRAGMA user_version = {number}")
    connection.execute("COMMIT")


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


def insert_rows(table: type[Model], rows: Sequence[Mapping[str, Any]], replace: bool = False) -> None:
    """Insert rows, each by the names of the same fields; ``replace`` those of the same key. The statement is written
    once for all of them, which takes longer than an insertion."""
    if not rows:
        return
    insert = table.insert(rows[0])
    statement, _ = (insert.on_conflict_replace() if replace else insert).sql()
    fields = [field for field in table._meta.sorted_fields if field.name in rows[0]]
    for row in rows:
        database.execute_sql(statement, [field.db_value(row[field.name]) for field in fields])
