"""Settling and the parts book, turned into what the API gives."""

from __future__ import annotations

import json
from collections.abc import Sequence

from yes_tally.core.crosschecks.finding import Finding
from yes_tally.core.crosschecks.registry import CHECKS
from yes_tally.core.parts.book import COMMON, PROPERTIES, WHAT_IT_IS, Part
from yes_tally.core.parts.csv_file import LookedAt
from yes_tally.core.parts.learning import Suggestion
from yes_tally.core.settling.facts import Ruling
from yes_tally.core.settling.traces import Crossing
from yes_tally.records.models import PartEntry
from yes_tally.server import schemas_settling as schemas

MOST_SHOWN = 300
_WHY = {check.name: check.why for check in CHECKS}


def finding(found: Finding) -> schemas.Finding:
    return schemas.Finding(
        check=found.check,
        weight=found.weight,
        says=found.says,
        why=_WHY[found.check],
        expected=found.expected,
        places=[
            schemas.Place(fact=name, source=w.source, printed=w.printed, report=w.report, line=w.line)
            for name, w in found.places
        ],
    )


def crossing(found: Crossing) -> schemas.Crossing:
    return schemas.Crossing(meaning=found.meaning, asset=found.asset, says=found.says)


def ruling(made: Ruling) -> schemas.Ruling:
    return schemas.Ruling(fact=made.fact, item=made.item, why=made.why, by=made.by, at=made.at)


def parts_book(entries: Sequence[PartEntry], suggested: Sequence[Suggestion]) -> schemas.PartsBook:
    return schemas.PartsBook(
        columns={kind: [*properties, *COMMON] for kind, properties in PROPERTIES.items()},
        called=dict(WHAT_IT_IS),
        parts=[part(row) for row in entries],
        suggested=[
            schemas.PartSuggested(columns=dict(s.written), met=s.met, open=list(s.open)) for s in suggested[:MOST_SHOWN]
        ],
    )


def part(row: PartEntry) -> schemas.PartEntry:
    return schemas.PartEntry(
        id=row.id,
        kind=row.kind,
        number=row.number,
        columns=json.loads(row.printed),
        written_by=row.written_by.name,
        written_at=row.written_at,
        ended_at=row.ended_at,
    )


def _columns(known: Part) -> dict[str, str]:
    return {"kind": known.kind, "number": known.number, **known.printed}


def file_look(looked: LookedAt) -> schemas.FileLook:
    telling = [line for line in looked.lines if line.fate != "same"]
    return schemas.FileLook(
        new=len(looked.of_fate("new")),
        changed=len(looked.of_fate("changed")),
        same=len(looked.of_fate("same")),
        lines=[
            schemas.FileLine(
                line=each.line,
                fate=each.fate,
                columns=_columns(each.part),
                before=_columns(each.known) if each.known else None,
            )
            for each in telling[:MOST_SHOWN]
        ],
        troubles=[schemas.FileTrouble(line=t.line, message=t.message) for t in looked.troubles[:MOST_SHOWN]],
    )
