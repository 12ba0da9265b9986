"""The reader's speed, beside a floor that only decodes and splits the same text into lines and at the first colon."""

from __future__ import annotations

from datetime import datetime

from bench.rows import Row, best
from yes_tally.core.reading.reader import read
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

SEED = 1_000_003  # used by no test


def floor(data: bytes) -> list[tuple[str, str, str]]:
    """The least that any reader does."""
    return [line.partition(":") for line in data.decode().splitlines()]


def rows() -> list[Row]:
    """A typical report, and how the cost grows with the text."""
    machines = office(SEED, datetime(2026, 3, 2))
    typical = "\n".join(session(pc, ENGLISH) for pc in machines[:2]).encode()[:6144]
    large = "\n".join(session(pc, ENGLISH) for pc in machines).encode() * 8
    found = []
    for name, data, rounds in (
        (f"read a typical report, {len(typical) / 1024:.0f} kB", typical, 15),
        (f"read {len(large) / 2**20:.1f} MB", large, 2),
    ):
        value, least = best(lambda data=data: read(data), rounds), best(lambda data=data: floor(data), rounds)
        found.append(Row(name, value * 1000, "ms", least * 1000))
    found.append(Row("read, a kB", found[1].value / (len(large) / 1024), "ms", found[1].floor / (len(large) / 1024)))
    for name, data in (
        ("one line of 20 MB", b"a: b " * (4 * 2**20)), ("100,000 short lines", b"x: 1\n" * 100_000), ("10,000 columns, 20 rows", (b"col  " * 10_000 + b"\n") * 20),
    ):  # fmt: skip
        found.append(
            Row(
                f"read {name}",
                best(lambda data=data: read(data), 1) * 1000,
                "ms",
                best(lambda data=data: floor(data), 3) * 1000,
            )
        )
    return found
