"""What a PC has one of (its model, its firmware, its system), told in clauses: on one line, or on a line each.

::

    Corrane Tallow 520 MT | serial CRN7K20999 | tower | asset tag NQ-00417
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.reading.clauses.told_in_parts import parted_words, told_in_words
from yes_tally.core.reading.shapes.layout import (
    LIST_MARK,
    MAX_LINE,
    Entry,
    asides_as_commas,
    cells_by_comma,
    lone_mark_as_comma,
)
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ALSO_TOLD = {
    "machine": (), "board": (), "memory": (), "licence": (), "host": ("os.name",),
    "os": ("host.booted_at", "host.time_zone", "host.name"),
    "firmware": ("security.tpm",), "security": ("firmware.secure_boot", "firmware.mode"),
}  # fmt: skip
ONLY_ONES = frozenset(_ALSO_TOLD)
"""Groups of facts of the PC itself that clauses tell."""
# ``Harbour OS 12 (12.0.4417.82)``
_ASIDE_BEHIND = re.compile(r" \((?P<said>[^()]+)\)$")
_MOST_LINES, _LEAST_TOLD = 12, 2
_LISTED = re.compile(rf"\s*{LIST_MARK}")
# ``[64-bit] [build 22641.880]``, ``(tower) (serial CRN7K20999)``
_EACH_HELD = re.compile(r"\s*(?:\[[^\[\]]+\](?:\s+\[[^\[\]]+\])+|\([^()]+\)(?:\s+\([^()]+\))+)\s*")
_BETWEEN_HELD = re.compile(r"[\])]\s+[\[(]")


def only_one_in_words(
    interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str], *, wholly: bool = False
) -> bool:
    """Read a block as clauses about what ``spoken`` names first. Whether it was read: two clauses at least, and more than
    half of all, or ``wholly`` all of them and none that is a name, tell of it."""
    group = spoken[0] if spoken else ""
    if group not in ONLY_ONES or len(lines) > _MOST_LINES or any(len(line.text) > MAX_LINE for line in lines):
        return False
    if wholly and any(line.text.rstrip().endswith(".") for line in lines):
        return False  # sentences
    before = interpreter.so_far()
    left = [*FIELDS[group], *(FACTS[name] for name in _ALSO_TOLD[group])]
    clauses = [clause for line in lines for clause in _clauses(interpreter, line, group)]
    telling = 0
    for place, (text, line, at) in enumerate(clauses):
        start = len(interpreter.drafts)
        if not told_in_words(interpreter, text, line, at, group, None, left) and not place and not wholly:
            _called(interpreter, text, line, at, group, left)
        telling += len(interpreter.drafts) > start
    if telling < max(_LEAST_TOLD, len(clauses) * wholly) or telling * 2 <= len(clauses):
        interpreter.back_to(before)
        return False
    return True


def _clauses(interpreter: Interpreter, line: Line, group: str) -> Iterator[tuple[str, int, int]]:
    """The clauses of a line, each with the line's number and its column from 0."""
    text = line.text.rstrip()
    if _EACH_HELD.fullmatch(text):
        held = _BETWEEN_HELD.sub(lambda mark: ",".ljust(len(mark.group())), text)
        text = held.replace("[", " ").replace("(", " ").rstrip("])")
    listed = _LISTED.match(text)
    start = listed.end() if listed else 0
    for clause, at in cells_by_comma(
        parted_words(interpreter, lone_mark_as_comma(asides_as_commas(text[start:])), group)
    ):
        yield clause, line.number, start + at


def _called(interpreter: Interpreter, text: str, line: int, at: int, group: str, left: list[FactKind]) -> None:
    """Read the first clause as what the thing is called."""
    before = len(interpreter.drafts)
    aside = _ASIDE_BEHIND.search(text)
    name = text[: aside.start()] if aside else text
    interpreter.entries([Entry(group, name, line, at + 1)], "words", interpreter.context(group), None)
    told = {draft.fact for draft in interpreter.drafts[before:]}
    left[:] = [fact for fact in left if fact.name not in told]
    if aside:
        told_in_words(interpreter, aside["said"], line, at + aside.start("said"), group, None, left)
