"""Reading again: which stored reports were read with which reader and phrasebook, and what sealed visits say now."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from functools import reduce
from operator import and_

from peewee import JOIN, fn

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases.taught import Phrasebook, TaughtPhrase
from yes_tally.core.reading.reader import READER_VERSION, ReadReport
from yes_tally.core.saying import say_fact
from yes_tally.core.settling.by_parts import SOURCE as PARTS_BOOK
from yes_tally.records.models import (
    ReportReading,
    UnknownLabel,
    Visit,
    VisitFact,
    VisitReadAgain,
    VisitReport,
)
from yes_tally.records.phrasebook import current_book
from yes_tally.records.reports import read_report
from yes_tally.records.rulings_made import rulings_of
from yes_tally.records.store import now, writing
from yes_tally.records.understanding import Source, settled, sources_of

_MOST_WORDS = 4000
_MOST_UNKNOWN = 200
EVERY_WORD = "*"
"""Stands for the words of a report that has too many to keep."""


@dataclass(frozen=True, slots=True)
class Standing:
    """How far the stored reports are read with the reader and the phrasebook as they are."""

    reports: int
    waiting: int


@dataclass(frozen=True, slots=True)
class FactDiffers:
    """A fact that a sealed visit's reports say otherwise today: as it was sealed and as it is read now, in words
    (empty: not said)."""

    name: str
    item: str | None
    sealed: str
    now: str


def standing() -> Standing:
    """How many stored reports there are, and how many of them wait to be read again."""
    book = current_book()
    total = VisitReport.select(VisitReport.report, VisitReport.command).distinct().count()
    fresh = (ReportReading.reader == READER_VERSION) & (ReportReading.book == book.edition)
    return Standing(total, max(0, total - ReportReading.select().where(fresh).count()))


def next_waiting(most: int = 20) -> list[Source]:
    """Some stored reports that were not read with the reader and the phrasebook as they are, the newest first."""
    book = current_book()
    fresh = (
        (ReportReading.report == VisitReport.report)
        & (ReportReading.command == VisitReport.command)
        & (ReportReading.reader == READER_VERSION)
        & (ReportReading.book == book.edition)
    )
    query = (
        VisitReport.select(VisitReport.report, VisitReport.command)
        .join(ReportReading, JOIN.LEFT_OUTER, on=fresh)
        .where(ReportReading.reader.is_null())
        .group_by(VisitReport.report, VisitReport.command)
        .order_by(fn.MAX(VisitReport.id).desc())
        .limit(most)
    )
    return [(row.report_id, row.command) for row in query]


def read_again(sources: Sequence[Source]) -> list[int]:
    """Read some stored reports with the reader and the phrasebook as they are, note what they hold, and hold every
    sealed visit that they are in against its record. Returns those visits whose record now says something else."""
    book = current_book()
    read = [(source, read_report(*source, book)) for source in sources]
    with writing():
        for (sha256, command), report in read:
            UnknownLabel.delete().where((UnknownLabel.report == sha256) & (UnknownLabel.command == command)).execute()
            ReportReading.insert(
                report=sha256,
                command=command,
                reader=READER_VERSION,
                book=book.edition,
                readings=len(report.readings),
                words=_words(report),
            ).on_conflict_replace().execute()
            for row in _unknown(report):
                UnknownLabel.insert(report=sha256, command=command, **row).execute()
    return _compare_visits(sources)


def _words(report: ReadReport) -> str:
    """The words that a phrase can be taught by in this report, between blanks."""
    silent = {report.lines[line - 1].text[:400] for line in (*report.unread_lines, *report.blank_lines)}
    texts = {r.label for r in report.readings} | {met.entry.label for met in report.unknown} | silent
    words = {word for text in texts for word in words_of(text)}
    return EVERY_WORD if len(words) > _MOST_WORDS else f" {' '.join(sorted(words))} "


def _unknown(report: ReadReport) -> Iterator[dict[str, str | int]]:
    seen: set[str] = set()
    for met in report.unknown:
        label = met.entry.label
        if label not in seen and len(seen) < _MOST_UNKNOWN and any(not w.isdigit() for w in words_of(label)):
            seen.add(label)
            heading = met.headings[-1] if met.headings else ""
            yield {
                "label": label[:200],
                "heading": heading[:200],
                "printed": met.entry.printed[:200],
                "line": met.entry.line,
            }


def words_of_phrase(phrase: TaughtPhrase) -> list[str]:
    """The words that a report must hold for the phrase to speak in it."""
    text = phrase.label if phrase.after is None else f"{phrase.label} {phrase.after}"
    return [word for word in words_of(text) if not any(sign.isdigit() for sign in word)]


def spare(phrase: TaughtPhrase, before: Phrasebook) -> int:
    """After a phrase was taught or switched: the reports without its words need no reading again. Inside a write;
    ``before`` is the book until then. Returns how many were spared."""
    words = words_of_phrase(phrase)
    if not words:
        return 0
    holds = reduce(and_, (ReportReading.words.contains(f" {word} ") for word in words))
    return int(
        ReportReading.update(book=current_book().edition)
        .where((ReportReading.book == before.edition) & ~holds & (ReportReading.words != EVERY_WORD))
        .execute()
    )


def _compare_visits(sources: Sequence[Source]) -> list[int]:
    reports = [sha256 for sha256, _ in sources]
    inside = VisitReport.select(VisitReport.visit).where(VisitReport.report.in_(reports))
    sealed = list(Visit.select().where((Visit.state == "sealed") & Visit.id.in_(inside)))
    counts = {visit.id: len(since_sealed(visit)) for visit in sealed}
    if not counts:
        return []
    with writing():
        for visit, count in counts.items():
            if count:
                VisitReadAgain.insert(visit=visit, at=now(), differs=count).on_conflict_replace().execute()
        alike = [visit for visit, count in counts.items() if not count]
        VisitReadAgain.delete().where(VisitReadAgain.visit.in_(alike)).execute()
    return [visit for visit, count in counts.items() if count]


def since_sealed(visit: Visit) -> list[FactDiffers]:
    """What the reports of a sealed visit say today otherwise than when it was sealed; the record itself stays."""
    attached = VisitReport.select().where(VisitReport.visit == visit).order_by(VisitReport.id)
    book = settled(sources_of(tuple(attached)), rulings_of(visit))
    by_parts = {(fact.name, fact.item) for fact in book if fact.witnesses[0].source == PARTS_BOOK}
    today = {(f.name, f.item): say_fact(f.name, f.value) for f in book if (f.name, f.item) not in by_parts}
    rows = VisitFact.select().where(VisitFact.visit == visit)
    sealed = {(r.name, r.item): r.shown for r in rows if (r.name, r.item) not in by_parts}
    return [
        FactDiffers(name, item, sealed.get((name, item), ""), today.get((name, item), ""))
        for name, item in dict.fromkeys([*sealed, *today])
        if sealed.get((name, item), "") != today.get((name, item), "")
    ]


def differing_visits() -> list[VisitReadAgain]:
    """The sealed visits whose reports say something else today, the latest first."""
    return list(VisitReadAgain.select().join(Visit).order_by(VisitReadAgain.at.desc(), Visit.id.desc()))


@dataclass(frozen=True, slots=True)
class Unknown:
    """A label that means nothing yet: how it is spelt most often, in how many reports it stands, and one place."""

    label: str
    reports: int
    heading: str
    printed: str
    report: str
    command: str
    line: int


def unknown_labels(most: int = 100) -> list[Unknown]:
    """The labels that mean nothing yet, those in the most reports first."""
    count = fn.COUNT(fn.DISTINCT(UnknownLabel.report))
    query = (
        UnknownLabel.select(UnknownLabel, count.alias("reports"))
        .group_by(UnknownLabel.label)
        .order_by(count.desc(), UnknownLabel.label)
        .limit(most)
    )
    return [
        Unknown(row.label, row.reports, row.heading, row.printed, row.report_id, row.command, row.line) for row in query
    ]
