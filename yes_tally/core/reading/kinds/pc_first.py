"""A PC that a sheet begins with by what it is and its form, and what tells more of it behind that or on the line below.

::

    Corrane Tallow 14, laptop
    serial CRN9P11290        tag LSF-00388
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import replace
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, cells_by_gap, commas_for_gaps
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# Who made it, what it is called, and behind a comma or in brackets its form.
_PC = re.compile(
    r"[\s|│║*]*(?P<called>[A-Z][\w&-]+(?: [\w&/-]+){1,4})(?:, | \()(?P<form>[^\W\d_]+(?:[ -][^\W\d_]+)?)\)?(?:, (?P<more>.+?))?[\s|│║]*$"
)
# ``serial CRN9P11290``: a label and a code.
_LABELLED = re.compile(r"(?P<label>[^\W\d_][^:=]{1,24}?) (?P<value>(?=\S*\d)[A-Z0-9][\w-]{3,})$")
_FIRST_LINES = 3
_DRAWN = " |│║+-=:#*"


def pc_first(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...]) -> set[int]:
    """Read the PC that one of a section's first lines names by its form, where nothing but the PC is ``spoken`` of; returns
    the lines that were read."""
    if spoken[:1] not in ((), ("machine",), ("host",), ("os",)):
        return set()
    printed = [line for line in lines if line.text.strip()][: _FIRST_LINES + 1]
    if any(words_of(line.text[:MAX_LABEL].strip(_DRAWN)) in SUBJECTS for line in printed):
        return set()  # what a heading names is told below it
    for line, below in pairwise([*printed, Line(0, "", 0, 0)]):
        match = _PC.match(line.text[:MAX_LABEL])
        form = choice_named("form", FACTS["machine.form"].choices, match["form"]) if match else None
        if match is None or form in (None, "other"):
            continue
        called = Entry("", match["called"], line.number, match.start("called") + 1)
        why = "a sheet begins with it"
        interpreter.place(called, "words", (Guess("machine.model", 0.75, why),), None)
        at = Entry("", match["form"], line.number, match.start("form") + 1)
        interpreter.add("machine.form", None, at, exactly("choice", form or ""), "words", 0.75, why)
        start = match.start("more")
        more = replace(line, text=" " * start + match["more"]) if match["more"] else below
        told = list(_labelled(more))
        interpreter.entries(told, "pairs", interpreter.context("machine"), None)
        return {line.number, *(entry.line for entry in told)}
    return set()


def _labelled(line: Line) -> Iterator[Entry]:
    """The pairs of a line of nothing but labels and codes, between gaps or commas; none where anything else stands in it."""
    text = line.text[:MAX_LABEL].strip("|│║ ")
    start = line.text.index(text) if text else 0
    parts = [part for cell, _ in cells_by_gap(commas_for_gaps(text)) for part in cell.split(", ")]
    found, at = [], 0
    for part in (part.strip(" ,") for part in parts):
        match = _LABELLED.match(part)
        if match is None:
            return
        at = text.index(part, at)
        found.append(Entry(match["label"], match["value"], line.number, start + at + match.start("value") + 1))
        at += len(part)
    yield from found
