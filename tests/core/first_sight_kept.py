"""What is read of the reports in ``first_sight``, kept beside each; ``python -m tests.core.first_sight_kept`` compares.

``--keep FILE …`` copies reports there with what is read of them now, for a person to look at line by line; of a report
that is there already, only what is read is written anew.
"""

from __future__ import annotations

import json
import sys
from pathlib import Path
from typing import Any

from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import MIN_CONFIDENCE

FOLDER = Path(__file__).parent / "first_sight"
_ENDING = ".expected.json"


def reports() -> list[Path]:
    """The reports that are kept, in the order of their names."""
    return [file for file in sorted(FOLDER.iterdir()) if not file.name.endswith(_ENDING)]


def expected(report: Path) -> list[list[Any]]:
    """What a careful technician reads in a report: line, fact (with its item's name in place of its group), value."""
    kept: list[list[Any]] = json.loads(Path(f"{report}{_ENDING}").read_text("utf-8"))
    return kept


def told(report: Path) -> list[list[Any]]:
    """What the reader reads in a report, as ``expected`` has it, less what is too unsure to settle anything."""
    return [
        [
            r.line,
            f"{r.item}.{r.fact.partition('.')[2]}" if r.item else r.fact,
            json.loads(json.dumps(value_as_json(r.value)["value"])),
        ]
        for r in read(report.read_bytes()).readings
        if r.confidence >= MIN_CONFIDENCE
    ]


def keep(report: Path) -> None:
    """Keep a report, and what is read of it."""
    file = FOLDER / report.name
    if not file.exists() or not file.samefile(report):
        file.write_bytes(report.read_bytes())
    rows = ",\n ".join(json.dumps(row, ensure_ascii=False) for row in told(file))
    Path(f"{file}{_ENDING}").write_text(f"[\n {rows}\n]\n" if rows else "[]\n", "utf-8")


def main(arguments: list[str]) -> int:
    """Keep the reports named behind ``--keep``; else say where the reader reads otherwise than what is kept."""
    if arguments[:1] == ["--keep"]:
        for name in arguments[1:]:
            keep(Path(name) if Path(name).exists() else FOLDER / name)
        return 0
    differing = 0
    for report in reports():
        now, before = told(report), expected(report)
        if now != before:
            differing += 1
            lost, new = [row for row in before if row not in now], [row for row in now if row not in before]
            print(report.name, *(f"  - {row}" for row in lost), *(f"  + {row}" for row in new), sep="\n")
    print(f"{differing} differ")
    return 1 if differing else 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
