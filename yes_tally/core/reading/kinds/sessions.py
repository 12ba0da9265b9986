"""Tables of who is signed in: of several sessions the one that asks, or the only active one, is of the PC's user.

What else stands beside a user there (since when, how long idle) is told of the session and not of the PC or an account.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.layout import Entry, Group
from yes_tally.core.words import plain

_USER = frozenset(
    "user username account benutzer benutzername utilisateur usuario utilizador utente gebruiker gebruikersnaam uzytkownik who".split()
)
_OF_SESSION = frozenset(
    "session sitzung sesion sessao sessione sessie sesja "
    "idle leerlauf untatig inactivite inactif inactivo inactividad ocioso inatividade inattivo inattivita inactief bezczynny bezczynnosc".split()
)
# They run in a session each, too.
_OF_PROCESS = frozenset("pid process processid prozess processus proceso processo proces program image".split())
# ``>tquill   console   1   active``: the one who asked.
_ASKS = re.compile(r"[>*]\s*(?=[\w.-])")
_ACTIVE = frozenset("active aktiv actif activa activo ativa ativo attiva attivo actief aktywna aktywny".split())


def lists_sessions(labels: Sequence[str]) -> bool:
    """Whether the labels of a table are those of sessions: a user, and what only a session has, one of them first."""
    first, *others = ("".join(words_of(label[:40])) for label in labels)
    told = {first, *others}
    if not told.isdisjoint(_OF_PROCESS):
        return False
    return first in _USER | _OF_SESSION and not told.isdisjoint(_USER) and not told.isdisjoint(_OF_SESSION)


def names_user(label: str) -> bool:
    """Whether a column of such a table tells who is signed in."""
    return "".join(words_of(label[:40])) in _USER


def user_of_sessions(
    rows: Sequence[Group], columns: dict[str, tuple[Guess, ...]]
) -> tuple[Sequence[Group], dict[str, tuple[Guess, ...]]]:
    """The row and the columns that tell of the PC's user; as they are where no column tells of a user, or one tells of
    a PC as well."""
    users = {label for label, found in columns.items() if found and found[0].fact == "host.user"}
    if not users or any(found and found[0].fact == "host.name" for found in columns.values()):
        return rows, columns
    columns = {label: found if label in users else () for label, found in columns.items()}
    asking = [
        [replace(entry, printed=entry.printed[mark.end() :], column=entry.column + mark.end())]
        for row in rows
        for entry in row.entries
        if entry.label in users and (mark := _ASKS.match(entry.printed))
    ]
    active = [row for row in rows if any(_is_active(entry) for entry in row.entries)]
    if len(asking) == 1:
        return [Group(entries=asking[0])], columns
    return next((those for those in (rows, active) if len(those) == 1), ()), columns


def _is_active(entry: Entry) -> bool:
    return plain(entry.printed) in _ACTIVE
