"""Reports changed as pasting, consoles and people change them: signs and words put in, left out and moved, lines cut,
joined, doubled and mixed with those of other reports.

As a program it reads such reports for as many seconds as it is told, and prints each that breaks a promise of the reader.
"""

from __future__ import annotations

import random
import sys
import time
import traceback
from collections.abc import Iterator
from pathlib import Path

from yes_tally.core.reading.reader import Reading, ReadReport, read

FIRST_SIGHT = Path(__file__).resolve().parent.parent / "core" / "first_sight"
_SIGNS = "\t )(][,;:|=-.–·…\"'{}<>/\\%@#$*+?!0123456789 "
_WORDS = (
    "  ", ": ", ", ", "; ", " = ", "(", ")", "\t", "|", "- ", "[", "]", "\"", "{", "}", "=", "--", "->", "─", "│", "└─", "├──", "·", "\u00a0", "\u200b", "...",
    "Disk 0", "C:", "8 GB", "A1", "DDR4", "MHz", "tcp", "10.0.0.1", "2025-01-02", "12:30", "99 %", "no", "yes", "not", "none", "serial", "name", "error",
    "nq-tkt-01 > ",
)  # fmt: skip
_MOST_LINES = 25


def reports_of_first_sight() -> list[bytes]:
    """Every report of first sight, as it came."""
    files = sorted(FIRST_SIGHT.iterdir())
    return [file.read_bytes() for file in files if not file.name.endswith(".expected.json")]


def corpus() -> list[list[str]]:
    """The lines of every report of first sight."""
    return [report.decode("utf-8", "replace").splitlines() for report in reports_of_first_sight()]


def changed_reports(reports: list[list[str]], chance: random.Random) -> Iterator[str]:
    """Changed pieces of reports, one after the other, without end."""
    lines = [line for report in reports for line in report]
    while True:
        piece = list(chance.choice(reports))
        start = chance.randrange(max(1, len(piece) - _MOST_LINES))
        piece = piece[start : start + chance.randint(1, _MOST_LINES)]
        for _ in range(chance.choice((1, 2, 4, 8, 16))):
            at = chance.randrange(len(piece) + 1)
            what = chance.random()
            if what < 0.65 and piece:
                at = chance.randrange(len(piece))
                piece[at] = _changed(piece[at], lines, chance)
            elif what < 0.8:
                piece.insert(at, chance.choice((*chance.sample(lines, 1), "")))
            elif what < 0.88 and piece:
                del piece[chance.randrange(len(piece))]
            else:
                other = chance.choice(reports)
                begin = chance.randrange(max(1, len(other)))
                piece[at:at] = other[begin : begin + chance.randint(1, 5)]
        yield "\n".join(piece)


def _changed(line: str, lines: list[str], chance: random.Random) -> str:
    start = chance.randrange(len(line) + 1)
    words = line.split()
    chance.shuffle(words)
    ways = (
        lambda: line[:start] + chance.choice(_SIGNS) + line[start + chance.randint(0, 1) :],
        lambda: line[:start] + chance.choice(_WORDS) + line[start:],
        lambda: line[:start] + line[start + chance.randint(1, 12) :],
        lambda: " " * chance.randint(0, 9) + line.strip(),
        lambda: chance.choice((" ", "  ", ", ", " | ", "\t")).join(words),
        lambda: line + chance.choice((" ", "  ", ", ", "; ", ": ")) + chance.choice(lines),
        lambda: line[:start],
        lambda: "".join(chance.choice(_SIGNS + "abDisk") for _ in range(chance.randint(1, 30))),
    )
    return chance.choice(ways)()


def outside(report: ReadReport) -> Reading | None:
    """The first reading that does not point into its line, or ``None``."""
    for reading in report.readings:
        end = len(report.lines[reading.line - 1].text) + 1
        if not 1 <= reading.column <= reading.end_column <= end:
            return reading
    return None


def misread(text: str) -> str:
    """What breaks when a text is read, or nothing: an error, or a reading that points outside its line."""
    try:
        reading = outside(read(text.encode()))
    except Exception:
        return traceback.format_exc(limit=-2)
    return f"{reading} points outside its line" if reading else ""


def main() -> int:
    """Read changed reports for the seconds given; 1 when one of them broke something."""
    ends, tried, broken = time.monotonic() + float(sys.argv[1]), 0, 0
    for text in changed_reports(corpus(), random.Random()):
        tried += 1
        if what := misread(text):
            broken += 1
            print(what, repr(text), sep="\n", flush=True)
        if time.monotonic() > ends:
            break
    print(f"{tried} changed reports read, {broken} broke something")
    return 1 if broken else 0


if __name__ == "__main__":
    sys.exit(main())
