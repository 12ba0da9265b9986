"""Lines among sentences that tell of a thing by its parts: a processor by its cores or its clock, any kind before its words."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, dots_as_commas
from yes_tally.core.reading.statements.sentences import MAX_STATEMENT
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

TOLD_IN_PROSE = frozenset({"memory", "processor", "firmware", "os", "graphics", "licence", "security"})
"""What a line among sentences may tell of by its label."""
_CORES = re.compile(r"\b\d{1,3} (?:cores?|kerne?|kernen|c(?:oe|œ)urs|n[uú]cleos|nuclei|rdzeni\w*)\b", re.I)
# ``Kestrel K5-8420 @ 3.20 GHz``, alone on its line
_CLOCKED = re.compile(r"\W*(?P<name>[A-Z][a-z][\w-]*(?: [\w-]+){1,4} @ \d[\d.,]* ?[GM]Hz)\W*")
_CALLED_FIRST = re.compile(r"\s*(?:[-*•] )?(?P<told>[A-Z]\S*(?: \S+){0,3} ?\S*\d\S*? ?, .*\S)\s*$")


def processors_told(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``Kestrel K5-8420, 6 cores / 12 threads, 3.20 GHz``: only a processor has cores. Returns the lines that were read."""
    read: set[int] = set()
    if any(draft.fact == "processor.name" for draft in interpreter.drafts[interpreter.section_from :]):
        return read
    for line in lines:
        if clocked := _CLOCKED.fullmatch(line.text[: 2 * MAX_LABEL]):
            item = Item("processor")
            name = Entry("", clocked["name"], line.number, clocked.start("name") + 1)
            interpreter.place(name, "words", (Guess("processor.name", 0.8, "only a processor has a clock"),), item)
            interpreter.take(item)
            read.add(line.number)
            continue
        text = dots_as_commas(line.text[:MAX_STATEMENT])
        match = _CALLED_FIRST.match(text) if _CORES.search(text) and len(text) <= 2 * MAX_LABEL else None
        if match is None or match["told"].endswith("."):
            continue
        item = Item("processor")
        entry = Entry("", match["told"], line.number, match.start("told") + 1)
        if told_bare(interpreter, entry, "processor", item, "words", "processor.name", least=1):
            interpreter.take(item)
            read.add(line.number)
    return read


_KIND_AND_WORDS = re.compile(
    r"\s*(?:[-*•] )?(?P<label>[^\W\d_]+(?: [^\W\d_]+){0,2}?) (?P<told>(?!\d{1,3},)[A-Z\d](?:[^:;]|:(?=\S))*?,\s(?:[^:]|:(?=\S))+?)\.?\s*$"
)
_TOLD_IN_WORDS = TOLD_IN_PROSE | frozenset("page_file disk display board machine battery sound adapter printer".split())
_LEAST_TOLD = 2


def kinds_before_words(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``Processor Kestrel K5-8250U, 4 cores / 8 threads``: a line that begins with a kind of thing and goes on with what
    it is called and what is told of it, as a pair would without its mark. Returns the lines that were read."""
    read: set[int] = set()
    for line in lines:
        match = _KIND_AND_WORDS.match(line.text) if ", " in line.text and len(line.text) <= MAX_STATEMENT else None
        if match is None or SUBJECTS.get(words_of(match["label"])) not in _TOLD_IN_WORDS:
            continue
        before = len(interpreter.drafts)
        entry = Entry(match["label"], match["told"], line.number, match.start("told") + 1)
        interpreter.entries([entry], "words", interpreter.context(None), None)
        if len(interpreter.drafts) - before >= _LEAST_TOLD:
            read.add(line.number)
        else:
            del interpreter.drafts[before:]
    return read
