"""The reader's speed, beside a floor that only decodes and splits the same text into lines and at the first colon; and
what very large and very odd texts cost, in time and in memory."""

from __future__ import annotations

import statistics
import subprocess
import sys
import time
from collections.abc import Callable
from datetime import datetime

from bench.rows import Row
from yes_tally.core.reading.reader import read
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

SEED = 1_000_003  # used by no test
DAY = datetime(2026, 3, 2)
# Together about 6 kB and 120 lines a PC, in pairs, records, tables and a page.
TYPICAL = (
    "about machine", "about modules", "about processor", "about system", "about licence", "about volumes", "about net",
    "hull drivers", "hull tasks", "wire sockets", "wire near", "watch processes", "watch updates", "watch people", "stow page",
)  # fmt: skip


def floor(data: bytes) -> list[tuple[str, str, str]]:
    """The least that any reader does."""
    return [line.partition(":") for line in data.decode().splitlines()]


def mixed(size: int) -> bytes:
    """Reports of many PCs, each printed once, as long together as ``size``."""
    parts: list[bytes] = []
    length, seed = 0, SEED
    while length < size:
        parts += [f"{session(pc, ENGLISH)}\n".encode() for pc in office(seed, DAY)]
        length, seed = sum(map(len, parts)), seed + 1
    return b"".join(parts)[:size]


def rows() -> list[Row]:
    """A typical report, read once a PC; how the cost grows with the text; what the largest cost."""
    typical = [session(pc, list(TYPICAL)).encode() for seed in (SEED, SEED + 1) for pc in office(seed, DAY)]
    for text in typical[:8]:
        read(text)
    size, lines = statistics.mean(map(len, typical)) / 1024, statistics.mean(t.count(b"\n") for t in typical)
    value, least = _once(typical[8:], read), _once(typical[8:], floor)
    found = [Row(f"read a typical report, {size:.1f} kB, {lines:.0f} lines", value * 1000, "ms", least * 1000)]
    for megabytes in (0.5, 2):
        text = mixed(round(megabytes * 2**20))
        value, least = _once([text], read), _once([text], floor)
        found.append(
            Row(
                f"read {megabytes} MB mixed, a kB",
                value / megabytes * 1000 / 1024,
                "ms",
                least / megabytes * 1000 / 1024,
            )
        )
    for name, made in LARGE.items():
        seconds, megabytes = _apart(made)
        found += [Row(f"read {name}", seconds, "s"), Row(f"read {name}, memory", megabytes, "MB")]
    return found


def _once(texts: list[bytes], work: Callable[[bytes], object]) -> float:
    """The median of the times that each text took, in seconds; no text is worked on twice."""
    times = []
    for text in texts:
        started = time.perf_counter()
        work(text)
        times.append(time.perf_counter() - started)
    return statistics.median(times)


LARGE = {
    "10 MB mixed": "mixed(10 * 2**20)",
    "one line of 50 MB": "b'a: b ' * (10 * 2**20)",
    "10,000 columns, 20 rows": "(b'col  ' * 10_000 + b'\\n') * 20",
    "JSON nested 100,000 deep": "b'{\"a\":' * 100_000 + b'1' + b'}' * 100_000",
    "JSON nested 100,000 deep, on lines": "b'{\"a\":\\n' * 100_000 + b'1' + b'}\\n' * 100_000",
    "1,000,000 short lines": "b'x: 1\\n' * 1_000_000",
}

_CHILD = """
import resource, sys, time
from bench.reader import mixed, read
data = eval(sys.argv[1])
before = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
started = time.perf_counter()
report = read(data)
print(time.perf_counter() - started, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024)
"""


def _apart(made: str) -> tuple[float, float]:
    """Read a text in a process of its own: seconds, and the most memory (MB) that the process took, the text included."""
    done = subprocess.run([sys.executable, "-c", _CHILD, made], capture_output=True, text=True, check=True)
    seconds, megabytes = map(float, done.stdout.split())
    return seconds, megabytes
