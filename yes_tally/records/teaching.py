"""Teaching a phrase: what it would change in every stored report before it is taught, and what it says afterwards."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass

from peewee import JOIN

from yes_tally.core.quantity import Locale, Value
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.language import language_of
from yes_tally.core.reading.phrases.taught import Phrasebook, TaughtPhrase
from yes_tally.core.reading.reader import Reading, ReadReport, labelled_values
from yes_tally.core.reading.teaching import Teachable, likely_value, refusal, suggestions, teachable
from yes_tally.core.reading.text.decode import decode
from yes_tally.core.reading.values.report_locale import as_written_in, locale_of
from yes_tally.records import phrasebook
from yes_tally.records.models import Person, Phrase, ReportReading, Visit, VisitReport
from yes_tally.records.phrasebook import From, current_book
from yes_tally.records.reports import bytes_of, read_report
from yes_tally.records.rereading import EVERY_WORD, spare, words_of_phrase
from yes_tally.records.store import NotThere, Refused, writing

MOST_READ = 120
"""So many stored reports at most are read for a preview; the rest is only counted."""


@dataclass(frozen=True, slots=True)
class OnLine:
    """A line of a stored report, ready to be taught from: its text and the parts that a phrase can be made of, each
    with the facts that it may be, the likeliest first; for a line without parts, what its likely value may be."""

    text: str
    headings: tuple[str, ...]
    may_be: tuple[str, ...]
    parts: tuple[tuple[Teachable, tuple[str, ...]], ...]


@dataclass(frozen=True, slots=True)
class Change:
    """What a phrase changes at one place: the readings before and after, either of which may be missing."""

    report: str
    command: str
    visit: int
    line: int
    before: Reading | None
    after: Reading | None


@dataclass(frozen=True, slots=True)
class Preview:
    """What would change: the places, in how many of the reports that were looked through, and how many stored reports
    hold the words and were not looked through."""

    refused: str | None
    changes: tuple[Change, ...]
    reports: int
    not_read: int


def on_line(sha256: str, command: str, line: int) -> OnLine:
    """What a line of a stored report offers to be taught. Raises ``NotThere``."""
    report = read_report(sha256, command)
    if not 1 <= line <= len(report.lines):
        raise NotThere(f"this report has {len(report.lines)} lines and no line {line}")
    locale = _locale(report)
    met = labelled_values(bytes_of(sha256), command, current_book())
    parts = teachable(report, met, line)
    section = next((s for s in report.sections if s.lines and s.lines[0].number <= line <= s.lines[-1].number), None)
    over = (section.command,) if section and section.command else ()
    text = report.lines[line - 1].text[:20_000]
    return OnLine(
        text,
        tuple(dict.fromkeys(h for part in parts for h in part.headings)) or over,
        () if parts else tuple(suggestions(text[:200], likely_value(text), over, locale)),
        tuple((part, tuple(suggestions(part.label, part.printed, part.headings, locale))) for part in parts),
    )


def _locale(report: ReadReport) -> Locale:
    text = "\n".join(line.text for line in report.lines[:2000])[:200_000]
    return as_written_in(language_of(text), locale_of(text))


def why_not(phrase: TaughtPhrase, source: From, command: str = "") -> str | None:
    """Why a phrase cannot be taught, or ``None``. Raises ``NotThere`` for a report that is not stored."""
    locale = _locale(read_report(source.report, command)) if source.report else Locale(None, None)
    return refusal(phrase, source.printed, locale, phrasebook.in_use())


def preview(phrase: TaughtPhrase, source: From, command: str = "") -> Preview:
    """What a phrase would change in the stored reports, the report it is taught from first."""
    refused = why_not(phrase, source, command)
    now = current_book()
    then = Phrasebook((*(p for p in now.taught if p != phrase), phrase))
    return _compared(phrase, now, then, refused, source)


def says(row: Phrase) -> Preview:
    """What a phrase of the book says in the stored reports: the difference to a book without it."""
    phrase = phrasebook.as_taught(row)
    others = [p for p in current_book().taught if p != phrase]
    return _compared(phrase, Phrasebook(others), Phrasebook((*others, phrase)), None, From(row.report_id or ""))


def _compared(phrase: TaughtPhrase, now: Phrasebook, then: Phrasebook, refused: str | None, source: From) -> Preview:
    changes: list[Change] = []
    sources = _holding(phrase, source.report)
    changed: set[tuple[str, str]] = set()
    for sha256, command, visit in sources[:MOST_READ]:
        for change in differences(read_report(sha256, command, now), read_report(sha256, command, then)):
            changed.add((sha256, command))
            changes.append(Change(sha256, command, visit, change[0], change[1], change[2]))
    return Preview(refused, tuple(changes), len(changed), max(0, len(sources) - MOST_READ))


def _holding(phrase: TaughtPhrase, first: str) -> list[tuple[str, str, int]]:
    """The stored reports that hold the phrase's words or were not read yet: hash, command, the newest visit."""
    query = (
        VisitReport.select(VisitReport.report, VisitReport.command, VisitReport.visit, ReportReading.words)
        .join(
            ReportReading,
            JOIN.LEFT_OUTER,
            on=(ReportReading.report == VisitReport.report) & (ReportReading.command == VisitReport.command),
        )
        .order_by(VisitReport.id.desc())
        .objects()
    )
    wanted = words_of_phrase(phrase)
    found: dict[tuple[str, str], int] = {}
    for row in query:
        words = row.words or _words_in(row.report_id)
        if words == EVERY_WORD or all(f" {word} " in words for word in wanted):
            found.setdefault((row.report_id, row.command), row.visit_id)
    return sorted(((s, c, v) for (s, c), v in found.items()), key=lambda each: each[0] != first)


def _words_in(sha256: str) -> str:
    """The words of a report that was not read yet, a little more than a phrase can be taught by."""
    lines = decode(bytes_of(sha256)).lines[:20_000]
    return f" {' '.join({word for line in lines for word in words_of(line.text[:400])})} "


def differences(before: ReadReport, after: ReadReport) -> Iterator[tuple[int, Reading | None, Reading | None]]:
    """Where two readings of one report differ, or one is in doubt and the other not: the line, what was read before,
    what is read after."""
    old, new = _by_place(before.readings), _by_place(after.readings)
    for place in sorted({*old, *new}):
        was, is_now = old.get(place), new.get(place)
        if was is None or is_now is None or _said(was) != _said(is_now):
            yield place[0], was, is_now


def _said(reading: Reading) -> tuple[str, str | None, Value, bool]:
    return reading.fact, reading.item, reading.value, reading.in_doubt


def _by_place(readings: Iterable[Reading]) -> dict[tuple[int, int, int], Reading]:
    """Readings by line and column; several at one place by their order there."""
    found: dict[tuple[int, int, int], Reading] = {}
    for reading in readings:
        nth = 0
        while (reading.line, reading.column, nth) in found:
            nth += 1
        found[reading.line, reading.column, nth] = reading
    return found


def teach(phrase: TaughtPhrase, source: From, by: Person, command: str = "") -> Phrase:
    """Take a phrase into the team's book. Raises ``Refused`` with what speaks against it, ``NotThere``."""
    with writing():
        refused = why_not(phrase, source, command)
        if refused:
            raise Refused(refused)
        before = current_book()
        row = phrasebook.keep_phrase(phrase, by, source)
        spare(phrase, before)
        return row


def switch(number: int, on: bool, by: Person) -> Phrase:
    """Switch a phrase on or off. Raises ``NotThere``, ``Refused`` when another one has taken its place since."""
    with writing():
        row = phrasebook.get_phrase(number)
        phrase = phrasebook.as_taught(row)
        refused = refusal(phrase, "", Locale(None, None), phrasebook.in_use()) if on and row.off_at else None
        if refused:
            raise Refused(refused)
        before = current_book()
        phrasebook.switched(row, on, by)
        spare(phrase, before)
        return row


def take_over(offered: Sequence[TaughtPhrase], by: Person, keep: bool) -> list[tuple[TaughtPhrase, str | None]]:
    """Phrases from elsewhere, each with why it was not taken (``None``: it is); nothing is kept unless ``keep``."""
    told: list[tuple[TaughtPhrase, str | None]] = []
    with writing():
        known = phrasebook.in_use()
        for phrase in offered:
            refused = "it is in the book already" if any(phrase == other for other, _ in known) else None
            refused = refused or refusal(phrase, "", Locale(None, None), known)
            told.append((phrase, refused))
            if refused is None:
                known.append((phrase, by.name))
                if keep:
                    phrasebook.keep_phrase(phrase, by, From())
    return told


def host_of(visit: int) -> str:
    """What the PC of a visit is called, as far as a person said so."""
    found = Visit.get_or_none(Visit.id == visit)
    return (found.asset.host or found.asset.tag) if found and found.asset else f"visit {visit}"
