"""Several checks of health in a list, one a line: ``(3) volume D: .... 2 errors, repaired``."""

from __future__ import annotations

import re
from collections.abc import Sequence
from functools import lru_cache
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, Heading, cells_by_gap
from yes_tally.core.reading.statements.checks_said import result_told
from yes_tally.core.reading.statements.sentences import CHECK_KINDS, CHECK_SAYS, statements
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import MOMENT
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_LEAST = 2
_LISTED = re.compile(
    r"\s*(?:[=#*>]{1,3}\s+|\(?\d{1,2}[.):]\s+|\[\d{1,2}(?:/\d{1,2})?\]\s+|\d{1,2}/\d{1,2}:?\s+|[-*•]\s+)?\[?(?P<what>[^\W\d_][^.:\[\]]{2,40}?(?: (?P<target>[A-Z]:|/[\w/.-]*))?)"
    rf"(?:,? \(?(?P<when>{MOMENT})\)?)?\s*(?P<mark>\.{{2,}}|[=~_-]{{3,}}|(?<!:):(?=\s)|\s{{2,}}|\s[-–—]\s|\]\s)\s*(?P<said>\S.*)$"
)
_WHEN_FIRST = re.compile(rf"\((?P<when>{MOMENT})\)")
# ``no problems (2025-02-12 08:10)``
_WHEN = re.compile(rf"(?:^|[\s(])(?P<when>{MOMENT})\)?\s*$")
# ``memory`` in a list of checks is the check of it.
_WAYS = ("{}", "check of {}", "{} check")
_CLAUSE = re.compile(r"[^\s,;()][^,;()]*")


# What is checked of a thing that a label only names, in any language.
_KIND_OF_SUBJECT = {"disk": "disk", "volume": "disk", "memory": "memory", "module": "memory"}
_ENERGY = re.compile(r"(?:[ée]nerg\w+|power)", re.I)
_LETTER = re.compile(r" ([A-Z])$")


# A few words, and no counts.
_PLAIN = re.compile(r"[^\W\d_]+(?:,? [^\W\d_]+){0,3}")
_MOST_CHECKS = 8


def are_checks(labels: Sequence[str], *, spoken_of: bool) -> bool:
    """Whether the labels of a record say what was checked (``system files``, ``disk C``): two of them where checks of
    health are ``spoken_of``, else all but one, the system's files among them."""
    if not spoken_of and not _LEAST < len(labels) <= _MOST_CHECKS:
        return False
    kinds = [kind_of_check(label, marked=True) for label in labels]
    found = [kind for kind in kinds if kind]
    if spoken_of:
        return len(found) >= _LEAST
    return "system-files" in found and len(found) > max(_LEAST, len(labels) - 2)


def rows_of_checks(interpreter: Interpreter, lines: Sequence[Line], *, spoken_of: bool) -> set[int]:
    """Read rows that begin with what was checked, where several do, of several kinds, and no more than a third of the lines
    (half of them, where it is sure) is anything else; returns the lines that were read. ``spoken_of``: whether checks of health are asked for."""
    printed = [line for line in lines if line.text.strip() and not _COUNTS_CHECKS.match(line.text)]
    rows = [row for line in printed if (row := _row(line))]
    kinds = {row.kind for row in rows}
    surely = spoken_of or bool(kinds & _ONLY_CHECKED)
    by_gaps = all(row.match["mark"].isspace() for row in rows)
    share = 1 / 2 if surely and by_gaps else 0.66
    if len(rows) < _LEAST + (not surely) or len(kinds) < _LEAST or len(rows) <= len(printed) * share:
        return set()
    if not surely and not by_gaps:
        return set()
    read = _read(interpreter, rows)
    # What stands beside a check tells of nothing else, be it no outcome.
    return read | {row.line.number for row in rows if row.match["mark"].isspace()} if read and surely else read


# ``7 checks: 3 ok, 1 warning``
_COUNTS_CHECKS = re.compile(r"\s*\d{1,3} [^\W\d_]+: \d")
# What no list of a PC's parts names.
_ONLY_CHECKED = frozenset({"system-files", "energy"})


class _Row(NamedTuple):
    line: Line
    match: re.Match[str]
    kind: str


def _row(line: Line, *, before_colon: bool = True) -> _Row | None:
    match = _LISTED.match(line.text) if len(line.text) <= 3 * MAX_LABEL else None
    kind = kind_of_check(match["what"], marked=before_colon or match["mark"] != ":") if match else None
    return _Row(line, match, kind) if match and kind else None


def listed_checks(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read lines that each name what was checked, and what came of it. Returns the lines that were read."""
    return _read(interpreter, [row for line in lines if (row := _row(line, before_colon=False))])


def _read(interpreter: Interpreter, rows: Sequence[_Row]) -> set[int]:
    told = [(row, found) for row in rows if (found := _outcome(interpreter, row))]
    if len(told) < _LEAST:
        return set()
    for row, found in told:
        item = interpreter.new_item("health_check")
        number, match = row.line.number, row.match
        what = Entry("", match["what"], number, match.start("what") + 1)
        kind = exactly("choice", row.kind)
        interpreter.add("health_check.kind", item, what, kind, "sentences", 0.85, "it is listed as checked")
        letter = None if match["target"] else _LETTER.search(match["what"])
        if match["target"] or letter:
            text = match["target"] or f"{letter[1]}:" if letter else match["target"]
            column = match.start("what") + letter.start(1) if letter else match.start("target")
            target = Entry("", text, number, column + 1)
            value = exactly("text", text)
            interpreter.add("health_check.target", item, target, value, "sentences", 0.85, "it is listed as checked")
        for fact, entry, value in found:
            interpreter.add(fact, item, entry, value, "sentences", 0.85, "the line says what came of the check")
    return {row.line.number for row, _ in told}


def _outcome(interpreter: Interpreter, row: _Row) -> list[tuple[str, Entry, Value]]:
    """What a row says of its check; the moment may stand before the mark, or in brackets at the end."""
    line, match = row.line, row.match
    found = outcome(interpreter, line, match["said"], match.start("said"))
    when, start = match["when"] or "", match.start("when")
    for at in () if when else (_WHEN_FIRST.match(match["said"]), _WHEN.search(match["said"])):
        if at:
            when, start = at["when"], match.start("said") + at.start("when")
    moment = understand(FACTS["health_check.at"], when, interpreter.locale) if when else None
    if found and moment and all(fact != "health_check.at" for fact, _, _ in found):
        found.append(("health_check.at", Entry("", when, line.number, start + 1), moment))
    return found


@lru_cache(maxsize=4096)
def kind_of_check(what: str, *, marked: bool) -> str | None:
    """What kind of check is one of ``what``; before a colon a sentence says itself that it is one."""
    if not marked and any(row.pattern.search(what) for row in CHECK_KINDS.passing(what)):
        return None
    for way in _WAYS if marked else _WAYS[1:]:
        text = way.format(what)
        for row in CHECK_KINDS.passing(text):
            if row.pattern.search(text):
                return row.word
    if not marked:
        return None
    if _ENERGY.fullmatch(what.strip()):
        return "energy"
    bare = _LETTER.sub("", what.rstrip(" :"))
    return _KIND_OF_SUBJECT.get(SUBJECTS.get(words_of(bare)) or "")


def counts_in_result(interpreter: Interpreter, entry: Entry, shape: str, item: Item) -> bool:
    """``Result: 3 errors, 7 warnings``: how many there were of each. Whether the value counts them."""
    if not entry.printed[:1].isdigit():
        return False
    line = Line(entry.line, " " * (entry.column - 1) + entry.printed, 0, 0)
    counted = [stated for stated in statements([line], CHECK_SAYS) if FACTS[stated.fact].kind == "count"]
    for stated in counted:
        at = Entry(entry.label, stated.printed, stated.line, stated.column)
        if value := understand(FACTS[stated.fact], stated.value, interpreter.locale):
            interpreter.add(stated.fact, item, at, value, shape, 0.85, "the result counts them")
    return bool(counted)


_TARGET = re.compile(r" (?P<target>[A-Z]:|/[\w/.-]*)$")


def checked_in(heading: Heading) -> str | None:
    """The kind of check that a heading names by what was checked; ``Memory check of 2025-02-10 22:00`` is a sentence."""
    text = heading.text.rstrip()
    return None if any(map(str.isdigit, text)) else kind_of_check(text, marked=True)


def check_in_heading(interpreter: Interpreter, heading: Heading, shape: str, item: Item) -> None:
    """``System files``, ``Disk C:`` over what came of the check: what was checked."""
    text = heading.text.rstrip()
    kind = checked_in(heading)
    if kind is None:
        return
    entry = Entry("", text, heading.line, heading.column)
    interpreter.add("health_check.kind", item, entry, exactly("choice", kind), shape, 0.85, "the heading says it")
    if target := _TARGET.search(text):
        at = Entry("", target["target"], heading.line, heading.column + target.start("target"))
        value = exactly("text", target["target"])
        interpreter.add("health_check.target", item, at, value, shape, 0.85, "the heading says it")
    interpreter.frame.add(heading.line)


def outcome(interpreter: Interpreter, line: Line, text: str, start: int) -> list[tuple[str, Entry, Value]]:
    """What the part of a line from ``start`` on says of its check: the result, the counts and the moment."""
    said = Line(line.number, " " * start + text, line.start, line.end)
    found: dict[str, tuple[str, Entry, Value]] = {}
    for stated in statements([said], CHECK_SAYS):
        if value := understand(FACTS[stated.fact], stated.value, interpreter.locale):
            found[stated.fact] = (stated.fact, Entry("", stated.printed, line.number, stated.column), value)
    for clause in _CLAUSE.finditer(text):
        word = choice_named("result", FACTS["health_check.result"].choices, clause.group().strip())
        if word and "health_check.result" not in found:
            place = Entry("", clause.group().strip(), line.number, start + clause.start() + 1)
            found["health_check.result"] = ("health_check.result", place, exactly("choice", word))
    for cell, at in cells_by_gap(text):
        place = Entry("", cell, line.number, start + at + 1)
        if cell[:1].isdigit() and (moment := understand(FACTS["health_check.at"], cell, interpreter.locale)):
            found.setdefault("health_check.at", ("health_check.at", place, moment))
        elif _PLAIN.fullmatch(cell) and (
            result := result_told(cell) or choice_named("result", FACTS["health_check.result"].choices, cell)
        ):
            # ``damaged, repaired`` is repaired.
            found["health_check.result"] = ("health_check.result", place, exactly("choice", result))
    return list(found.values())
