"""Reports: kept whole, compressed, named by their SHA-256; and read, once a process."""

from __future__ import annotations

import hashlib
import zlib
from functools import lru_cache

from yes_tally.core.reading.phrases.taught import Phrasebook
from yes_tally.core.reading.reader import ReadReport, read
from yes_tally.records.models import Report
from yes_tally.records.phrasebook import current_book
from yes_tally.records.store import NotThere, now

MOST_SHOWN = 20_000


def keep(data: bytes) -> str:
    """Store a report's bytes, once however often they come; inside a write. Returns the SHA-256."""
    sha256 = hashlib.sha256(data).hexdigest()
    Report.insert(
        sha256=sha256, size=len(data), compressed=zlib.compress(data, 6), first_at=now()
    ).on_conflict_ignore().execute()
    return sha256


def bytes_of(sha256: str) -> bytes:
    """A report's bytes as they came. Raises ``NotThere``."""
    report = Report.get_or_none(Report.sha256 == sha256)
    if report is None:
        raise NotThere(f"there is no report {sha256[:12]}")
    return zlib.decompress(bytes(report.compressed))


def lines_around(sha256: str, line: int, around: int) -> list[tuple[int, str]]:
    """A line of a report and those around it, each with its number from 1. Raises ``NotThere``."""
    lines = read_report(sha256).lines
    if not 1 <= line <= len(lines):
        raise NotThere(f"the report {sha256[:12]} has no line {line}; it has {len(lines)}")
    first = max(1, line - around)
    return [(n, lines[n - 1].text[:MOST_SHOWN]) for n in range(first, min(len(lines), line + around) + 1)]


def read_report(sha256: str, command: str = "", book: Phrasebook | None = None) -> ReadReport:
    """What a stored report says; ``command`` is what it was asked with, if that is known; ``book`` is the team's
    phrasebook unless another one is given. Raises ``NotThere``."""
    return _read(sha256, command, book or current_book())


@lru_cache(maxsize=2048)
def _read(sha256: str, command: str, book: Phrasebook) -> ReadReport:
    return read(bytes_of(sha256), command, book)
