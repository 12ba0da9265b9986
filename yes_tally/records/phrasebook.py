"""The team's phrasebook: what was taught, by whom, from which line; and the book that reports are read with."""

from __future__ import annotations

from dataclasses import asdict, dataclass
from functools import lru_cache

from yes_tally.core.reading.phrases.taught import Phrasebook, TaughtPhrase
from yes_tally.records.models import Person, Phrase
from yes_tally.records.store import NotThere, Refused, database, now

MAX_PHRASES = 5000


@dataclass(frozen=True, slots=True)
class From:
    """The line that a phrase was taught from: the report's SHA-256 (empty: none), its line from 1, the value there."""

    report: str = ""
    line: int = 0
    printed: str = ""


def current_book() -> Phrasebook:
    """The phrases that are switched on, as the reader takes them."""
    rows = Phrase.select(Phrase.id).where(Phrase.off_at.is_null()).order_by(Phrase.id)
    return _book(str(database.database), tuple(row.id for row in rows))


# A phrase is never rewritten, only switched off and on: the same ids of one store are the same book.
@lru_cache(maxsize=8)
def _book(_store: str, numbers: tuple[int, ...]) -> Phrasebook:
    chosen = set(numbers)
    return Phrasebook(as_taught(row) for row in Phrase.select().order_by(Phrase.id) if row.id in chosen)


def as_taught(row: Phrase) -> TaughtPhrase:
    """A stored phrase as the reader takes it."""
    return TaughtPhrase(row.label, row.fact, row.heading, row.after)


def phrases() -> list[Phrase]:
    """Every phrase that was ever taught, the newest first."""
    return list(Phrase.select().order_by(Phrase.id.desc()))


def in_use() -> list[tuple[TaughtPhrase, str]]:
    """The phrases that are switched on, each with who taught it."""
    return [(as_taught(row), row.taught_by.name) for row in Phrase.select().where(Phrase.off_at.is_null())]


def get_phrase(number: int) -> Phrase:
    """The phrase of that id. Raises ``NotThere``."""
    row = Phrase.get_or_none(Phrase.id == number)
    if row is None:
        raise NotThere(f"there is no phrase {number}")
    return row


def keep_phrase(phrase: TaughtPhrase, by: Person, source: From) -> Phrase:
    """Take a phrase into the book; inside a write. The same phrase twice is one, switched on. Raises ``Refused``."""
    if Phrase.select().count() >= MAX_PHRASES:
        raise Refused(f"the phrasebook holds at most {MAX_PHRASES} phrases")
    for row in Phrase.select().where(Phrase.fact == phrase.fact if phrase.fact else Phrase.fact.is_null()):
        if as_taught(row) == phrase:
            return switched(row, True, by)
    return Phrase.create(
        **asdict(phrase),
        printed=source.printed[:200],
        report=source.report or None,
        line=source.line,
        taught_by=by,
        taught_at=now(),
    )


def switched(row: Phrase, on: bool, by: Person) -> Phrase:
    """The phrase, switched on or off; inside a write."""
    if (row.off_at is None) != on:
        row.off_at, row.off_by = (None, None) if on else (now(), by)
        row.save()
    return row
