"""Atheris target: any bytes, mutated real reports and pathological tables through the whole reader (``make fuzz``).

What must hold: nothing raises, every reading points into its report, and the same bytes are read the same.
"""

from __future__ import annotations

import sys
import tempfile
from datetime import datetime
from pathlib import Path

import atheris

with atheris.instrument_imports(include=["yes_tally.core"]):
    from yes_tally.core.reading.phrases.taught import Phrasebook, TaughtPhrase
    from yes_tally.core.reading.reader import read
    from yes_tally.core.settling.settle import settle

from tests.fuzz.changed import outside, reports_of_first_sight
from yes_tally.standins.commands import ENGLISH, GERMAN
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

BOOKS = (
    Phrasebook(),
    Phrasebook([TaughtPhrase("a", "disk.size"), TaughtPhrase("b", None), TaughtPhrase("c is", "host.name", after=".")]),
)
PATHOLOGICAL = (
    b"a  " * 4000 + b"\n" + b"1  " * 4000, b"|" * 5000, b"-" * 80 + b"\n" + b"x " * 500, b"{" * 3000, b"<a>" * 3000,
    b"Disk 0: " * 2000, b"\x1b[31m" * 500 + b"\r" * 500, b"Name: a, Size: b; " * 800, "Größe\u0000: 1,5 GB\n".encode("utf-16"),
)  # fmt: skip


def check(data: bytes) -> None:
    """Read and settle; raises when a promise of the reader is broken."""
    report = read(data, book=BOOKS[len(data) % 2])
    if reading := outside(report):
        raise AssertionError(f"{reading} points outside its line")
    settle([report])


def corpus(folder: Path) -> None:
    """The reports to begin from."""
    machines = office(8040, datetime(2026, 3, 2))
    texts = [session(pc, commands).encode() for pc in machines[::6] for commands in (ENGLISH[:4], ENGLISH[4:], GERMAN)]
    for number, data in enumerate([*texts, *reports_of_first_sight(), *PATHOLOGICAL]):
        (folder / f"{number:03}").write_bytes(data)


def main() -> None:
    """Fuzz for as long as the arguments of libFuzzer say."""
    with tempfile.TemporaryDirectory() as folder:
        corpus(Path(folder))
        atheris.Setup([*sys.argv, folder, "-max_len=20000", "-timeout=10"], check)
        atheris.Fuzz()


if __name__ == "__main__":
    main()
