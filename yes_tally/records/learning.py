"""Learning from what came back: which facts a command really tells, on which PCs, how long it takes, how it fails."""

from __future__ import annotations

from collections.abc import Iterable

from yes_tally.core.reading.reader import ReadReport
from yes_tally.records.models import Asset, CommandOutcome, CommandTold, VisitReport
from yes_tally.records.reports import read_report
from yes_tally.records.store import insert_rows, now, writing

_SURE = 0.8


def learn(asset: Asset, attached: Iterable[VisitReport]) -> None:
    """Note, for every command in these reports, asked or typed by hand, what it told of the asset."""
    at = now()
    told: set[tuple[str, str]] = set()
    outcomes: list[tuple[str, int | None, str]] = []
    for entry in attached:
        report = read_report(entry.report_id, entry.command)
        told |= set(_told(report))
        outcomes += _outcomes(entry, report)
    with writing():
        insert_rows(
            CommandTold,
            [{"typed": typed, "fact": fact, "asset": asset.id, "at": at} for typed, fact in sorted(told)],
            replace=True,
        )
        insert_rows(
            CommandOutcome,
            [
                {"typed": typed, "asset": asset.id, "at": at, "took_ms": took, "failure": failure}
                for typed, took, failure in outcomes
            ],
        )


def _told(report: ReadReport) -> Iterable[tuple[str, str]]:
    for reading in report.readings:
        command = report.sections[reading.section].command
        if command and reading.confidence >= _SURE and reading.shape != "prompt":
            yield command, reading.fact


def _outcomes(entry: VisitReport, report: ReadReport) -> list[tuple[str, int | None, str]]:
    if entry.command:
        failed = next((s.failure for s in report.sections if s.failure), None)
        return [(entry.command, entry.took_ms, entry.failure or failed or "")]
    return [(section.command, None, section.failure or "") for section in report.sections if section.command]
