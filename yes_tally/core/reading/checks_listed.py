"""Several checks of health in a list, one a line: ``(3) volume D: .... 2 errors, repaired``."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.sentences import CHECK_KINDS, CHECK_SAYS, statements
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry
from yes_tally.core.reading.values import understand
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_LEAST = 2
_LISTED = re.compile(
    r"\s*(?:\(?\d{1,2}[.):]\s+|\[\d{1,2}\]\s+|[-*•]\s+)?(?P<what>[^\W\d_][^.:]{2,40}?(?: (?P<target>[A-Z]:|/[\w/.-]*))?)"
    r"\s*(?P<mark>\.{2,}|(?<!:):(?=\s)|\s{2,})\s*(?P<said>\S.*)$"
)
# ``memory`` in a list of checks is the check of it.
_WAYS = ("{}", "check of {}", "{} check")
_CLAUSE = re.compile(r"[^\s,;()][^,;()]*")


_LETTER = re.compile(r" ([A-Z])$")


def are_checks(labels: Sequence[str]) -> bool:
    """Whether the labels of a record under checks of health say what was checked (``system files``, ``disk C``)."""
    return sum(_kind_of(label, marked=True) is not None for label in labels) >= _LEAST


def listed_checks(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read lines that each name what was checked, and what came of it. Returns the lines that were read."""
    rows = []
    for line in lines:
        match = _LISTED.match(line.text) if len(line.text) <= 3 * MAX_LABEL else None
        kind = _kind_of(match["what"], marked=match["mark"] != ":") if match else None
        if match and kind and (told := _told(interpreter, line, match)):
            rows.append((line, match, kind, told))
    if len(rows) < _LEAST:
        return set()
    for line, match, kind, told in rows:
        item = interpreter.new_item("health_check")
        what = Entry("", match["what"], line.number, match.start("what") + 1)
        interpreter.add(
            "health_check.kind", item, what, exactly("choice", kind), "sentences", 0.85, "it is listed as checked"
        )
        letter = _LETTER.search(match["what"]) if match["mark"] == ":" else None
        if match["target"] or letter:
            text = match["target"] or f"{letter[1]}:" if letter else match["target"]
            target = Entry(
                "",
                text,
                line.number,
                (letter.start(1) if letter else 0) + match.start("target" if match["target"] else "what") + 1,
            )
            value = exactly("text", text)
            interpreter.add("health_check.target", item, target, value, "sentences", 0.85, "it is listed as checked")
        for fact, entry, value in told:
            interpreter.add(fact, item, entry, value, "sentences", 0.85, "the line says what came of the check")
    return {line.number for line, *_ in rows}


def _kind_of(what: str, *, marked: bool) -> str | None:
    """What kind of check is one of ``what``; before a colon a sentence says itself that it is one."""
    if not marked and any(row.pattern.search(what) for row in CHECK_KINDS.passing(what)):
        return None
    for way in _WAYS if marked else _WAYS[1:]:
        text = way.format(what)
        for row in CHECK_KINDS.passing(text):
            if row.pattern.search(text):
                return row.word
    return None


def _told(interpreter: Interpreter, line: Line, match: re.Match[str]) -> list[tuple[str, Entry, Value]]:
    """What a line says of its check: the result and the counts."""
    said = Line(line.number, " " * match.start("said") + match["said"], line.start, line.end)
    found: dict[str, tuple[str, Entry, Value]] = {}
    for stated in statements([said], CHECK_SAYS):
        if value := understand(FACTS[stated.fact], stated.value, interpreter.locale):
            found[stated.fact] = (stated.fact, Entry("", stated.printed, line.number, stated.column), value)
    for clause in _CLAUSE.finditer(match["said"]):
        word = choice_named("result", FACTS["health_check.result"].choices, clause.group().strip())
        if word and "health_check.result" not in found:
            at = Entry("", clause.group().strip(), line.number, match.start("said") + clause.start() + 1)
            found["health_check.result"] = ("health_check.result", at, exactly("choice", word))
    return list(found.values())
