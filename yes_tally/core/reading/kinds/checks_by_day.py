"""Checks of health in rows that begin with when they were run; the command, or the row, says of what.

::

    2025-02-02 03:00  C:  no problems
    2025-01-05 03:00  C:  3 errors, repaired

    2025-02-10 18:41:55 [INFO ] system files: no integrity violations
    2025-02-10 18:55:31 [WARN ] disk C: found 3 errors, repair needed
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.kinds.checks_listed import kind_of_check, outcome
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, cells_by_gap
from yes_tally.core.reading.statements.checks_said import result_told
from yes_tally.core.reading.statements.stated import asked_check
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY, MOMENT
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_LEAST = 2
_AT = FACTS["health_check.at"]
# A day, and maybe the time, at a row's begin.
_BEGINS = re.compile(rf"\s*(?P<at>{MOMENT}|{DAY}):?\s+(?=\S)")
# ``[WARN ] disk C: found 3 errors``: how bad it is, and what was checked.
_LEVEL = re.compile(r"\[?(?:info|note|notice|ok|warn(?:ing)?|err(?:or)?|crit(?:ical)?|debug)\s*\]?:?\s+", re.I)
_TOPIC = re.compile(r"(?P<what>[^\W\d_][^:\d]{2,40}?)(?: (?P<letter>[A-Z]))?:\s+(?=\S)")
_TARGET = re.compile(
    r"(?:(?:disk|volume|drive|laufwerk|lecteur|unidad|unit[àa]|unidade|schijf|dysk) )?(?P<target>[A-Z]:|/[\w/.-]*)(?= |$)",
    re.I,
)


def checks_by_day(interpreter: Interpreter, lines: Sequence[Line], command: str) -> set[int]:
    """Read such rows, two at least, that say what was checked or stand below a ``command`` that says it; returns the lines
    that were read."""
    asked = asked_check(command)
    rows = []
    for line in lines:
        if not line.text.lstrip()[:1].isdigit():
            continue
        begin = _BEGINS.match(line.text) if len(line.text) <= 3 * MAX_LABEL else None
        at = understand(_AT, begin["at"], interpreter.locale) if begin else None
        if begin and at and (row := _row(interpreter, line, begin, asked)):
            rows.append((line, begin, at, row))
    if len(rows) < _LEAST:
        return set()
    for line, begin, at, (kind, told) in rows:
        item = interpreter.new_item("health_check")
        moment = Entry("", begin["at"], line.number, begin.start("at") + 1)
        for fact, entry, value in (kind, (_AT.name, moment, at), *told):
            interpreter.add(fact, item, entry, value, "sentences", 0.85, "the row tells of a check")
    return {line.number for line, *_ in rows}


_Told = tuple[str, Entry, Value]


def _row(interpreter: Interpreter, line: Line, begin: re.Match[str], asked: str) -> tuple[_Told, list[_Told]] | None:
    """What kind of check a row tells of, and what else it tells; ``None`` where it names no kind, or nothing came of it."""
    start = begin.end()
    kind = exactly("choice", asked) if asked else None
    said_kind = Entry("", "", line.number, 1)
    told: list[_Told] = []
    if level := _LEVEL.match(line.text, start):
        start = level.end()
    topic = _TOPIC.match(line.text, start)
    if topic and (named := kind_of_check(topic["what"], marked=True)):
        kind, said_kind = exactly("choice", named), Entry("", topic["what"], line.number, start + 1)
        if topic["letter"]:
            letter = Entry("", topic["letter"], line.number, topic.start("letter") + 1)
            told.append(("health_check.target", letter, exactly("text", f"{topic['letter']}:")))
        start = topic.end()
    cells = [(text, start + at) for text, at in cells_by_gap(line.text[start:])]
    for place, (text, at) in enumerate(cells):
        target = _TARGET.match(text)
        if target:
            entry = Entry("", target["target"], line.number, at + target.start("target") + 1)
            told.append(("health_check.target", entry, exactly("text", target["target"])))
            rest = text[target.end() :].lstrip(" :,-")
            text, at = rest, at + len(text) - len(rest)
        elif not place and len(cells) > 1 and (named := kind_of_check(text, marked=True)):
            kind, said_kind = exactly("choice", named), Entry("", text, line.number, at + 1)
            continue
        told += outcome(interpreter, line, text, at)
        said = {fact for fact, _, _ in told}
        result = "" if "health_check.result" in said or (kind and kind.value == "energy") else result_told(text)
        if result:
            told.append(("health_check.result", Entry("", text, line.number, at + 1), exactly("choice", result)))
    facts = {fact for fact, _, _ in told}
    if kind is None or not facts & {"health_check.result", "health_check.errors"}:
        return None
    return ("health_check.kind", said_kind, kind), told
