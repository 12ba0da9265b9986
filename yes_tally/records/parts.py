"""The team's parts book: entries are never rewritten, only followed by others, so every earlier one can be read."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping
from functools import lru_cache

from yes_tally.core.parts.book import Part, PartsBook
from yes_tally.core.parts.csv_file import LookedAt, look_at
from yes_tally.core.parts.learning import NAMED_BY, PROPERTIES, Met, Suggestion, suggestions
from yes_tally.core.parts.writing import NotAPart, part_of
from yes_tally.records.latest import latest_sealed
from yes_tally.records.models import PartEntry, Person, VisitFact
from yes_tally.records.store import NotThere, Refused, Stale, database, now, writing

MAX_PARTS = 20_000


def current_parts() -> PartsBook:
    """The parts book as it is."""
    rows = PartEntry.select(PartEntry.id).where(PartEntry.ended_at.is_null()).order_by(PartEntry.id)
    return _book(str(database.database), tuple(row.id for row in rows))


# An entry is never rewritten: the same ids of one store are the same book.
@lru_cache(maxsize=8)
def _book(_store: str, numbers: tuple[int, ...]) -> PartsBook:
    chosen = set(numbers)
    return PartsBook(as_part(row) for row in PartEntry.select().order_by(PartEntry.id) if row.id in chosen)


def as_part(row: PartEntry) -> Part:
    """A stored entry as settling takes it."""
    return part_of({"kind": row.kind, "number": row.number, **json.loads(row.printed)})


def entries() -> list[PartEntry]:
    """The entries in force, by kind and number."""
    return list(PartEntry.select().where(PartEntry.ended_at.is_null()).order_by(PartEntry.kind, PartEntry.key))


def history(number: int) -> list[PartEntry]:
    """Every entry that the part of this one ever had, the latest first. Raises ``NotThere``."""
    row = _entry(number)
    same = (PartEntry.kind == row.kind) & (PartEntry.key == row.key)
    return list(PartEntry.select().where(same).order_by(PartEntry.id.desc()))


def _entry(number: int) -> PartEntry:
    row = PartEntry.get_or_none(PartEntry.id == number)
    if row is None:
        raise NotThere(f"there is no entry {number} in the parts book")
    return row


def _written(columns: Mapping[str, str]) -> Part:
    try:
        return part_of(columns)
    except NotAPart as error:
        raise Refused(f"this part cannot be taken: {error}") from error


def write(columns: Mapping[str, str], by: Person, replaces: int | None = None) -> PartEntry:
    """Write an entry: a new part, or, with ``replaces``, one that follows that entry.

    Raises ``Refused`` for what is no part or known already, ``Stale`` when a colleague followed the entry first.
    """
    part = _written(columns)
    with writing():
        old = _in_force(replaces) if replaces is not None else None
        known = _known(part)
        if known is not None and (old is None or known.id != old.id):
            raise Refused(f"{part.number} is in the parts book already; change that entry")
        if old is not None:
            _end([old], by)
        return _keep(part, by)


def _in_force(number: int) -> PartEntry:
    row = _entry(number)
    if row.ended_at is not None:
        raise Stale(f"{row.ended_by.name} changed {row.number} while you were looking at it; nothing was overwritten")
    return row


def _known(part: Part) -> PartEntry | None:
    kind, key = part.key
    return PartEntry.get_or_none((PartEntry.kind == kind) & (PartEntry.key == key) & PartEntry.ended_at.is_null())


def _end(rows: Iterable[PartEntry], by: Person) -> None:
    ids = [row.id for row in rows]
    PartEntry.update(ended_at=now(), ended_by=by).where(PartEntry.id.in_(ids)).execute()


def _keep(part: Part, by: Person) -> PartEntry:
    if PartEntry.select().where(PartEntry.ended_at.is_null()).count() >= MAX_PARTS:
        raise Refused(f"the parts book holds at most {MAX_PARTS} parts")
    kind, key = part.key
    return PartEntry.create(
        kind=kind, key=key, number=part.number, printed=json.dumps(dict(part.printed), ensure_ascii=False),
        written_by=by, written_at=now(),
    )  # fmt: skip


def take_out(number: int, by: Person) -> PartEntry:
    """End an entry; it can be written again. Raises ``NotThere``, ``Stale``."""
    with writing():
        row = _in_force(number)
        _end([row], by)
    return _entry(number)


def look_at_file(text: str) -> LookedAt:
    """What a file would do to the book, before it does."""
    return look_at(text, current_parts())


def take_in(text: str, by: Person) -> LookedAt:
    """Take a file in, whole or not at all. Raises ``Refused`` with the first trouble."""
    with writing():
        looked = look_at_file(text)
        if looked.troubles:
            first = looked.troubles[0]
            raise Refused(f"line {first.line}: {first.message}. Nothing was taken in")
        changing = [line for line in looked.lines if line.fate != "same"]
        _end((row for line in changing if line.known and (row := _known(line.known))), by)
        for line in changing:
            _keep(line.part, by)
    return looked


def suggested() -> list[Suggestion]:
    """Parts that the latest sealed visits speak of and the book lacks."""
    wanted = {fact for kind in NAMED_BY for fact in PROPERTIES[kind].values() if fact} | set(NAMED_BY.values())
    latest = [visit.id for visit in latest_sealed()]
    items: dict[tuple[int, str | None], dict[str, str]] = {}
    for start in range(0, len(latest), 500):
        chosen = VisitFact.visit.in_(latest[start : start + 500]) & VisitFact.name.in_(wanted) & ~VisitFact.disputed
        for row in VisitFact.select().where(chosen):
            items.setdefault((row.visit_id, row.item), {})[row.name] = row.shown
    met = [Met(kind, told[named], told) for told in items.values() for kind, named in NAMED_BY.items() if named in told]
    return suggestions(met, current_parts())
