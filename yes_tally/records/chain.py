"""Walking the sealed records."""

from __future__ import annotations

import hashlib
import zlib
from collections.abc import Iterator

from yes_tally.core.sealing import Flaw, SealedRecord, first_flaw
from yes_tally.records.models import Record, Report
from yes_tally.records.reports import bytes_of


def body_of(record: Record) -> bytes:
    """A record's text as stored; whoever changed it behind our back may have left a text where bytes were."""
    return record.body.encode() if isinstance(record.body, str) else bytes(record.body)


def sealed_records() -> Iterator[SealedRecord]:
    """Every sealed record in the office's order."""
    for record in Record.select().order_by(Record.number).iterator():
        yield SealedRecord(record.number, body_of(record), record.sha256)


def verify() -> tuple[int, Flaw | None]:
    """How many records there are, and the first thing that does not add up: in the chain, or in a report's bytes."""
    count = Record.select().count()
    return count, first_flaw(sealed_records()) or _changed_report()


def _changed_report() -> Flaw | None:

    for report in Report.select(Report.sha256):
        try:
            whole = hashlib.sha256(bytes_of(report.sha256)).hexdigest() == report.sha256
        except zlib.error:
            whole = False
        if not whole:
            return Flaw(0, f"the report {report.sha256[:12]} was changed after it was handed in")
    return None
