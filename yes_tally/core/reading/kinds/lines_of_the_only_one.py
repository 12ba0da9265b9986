"""A few lines under a heading that names what a PC has one of: its memory, its system.

::

    MEMORY                     SYSTEM
    16 GB installed            Harbour OS 12
    15.8 GB usable             version 12.0, build 4417.82
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, indent_of
from yes_tally.core.reading.tables.rows import A_SYSTEM
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def lines_of_memory(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """A few lines under a heading that names the memory, each of which says what an amount of it is (``16 GB installed``,
    ``15.8 GB usable``). Whether two of them, and half of all, did."""
    if around[:1] != ("memory",) or len(lines) > _MOST_LINES:
        return False
    amounts = [line for line in lines if _AMOUNT.fullmatch(line.text)]
    if len(amounts) * 2 < len(lines):
        return False
    before, left = len(interpreter.drafts), list(FIELDS["memory"])
    for line in amounts:
        told_in_words(interpreter, line.text.strip(), line.number, indent_of(line.text), "memory", None, left)
    if len(interpreter.drafts) - before < _LEAST_LINES:
        del interpreter.drafts[before:]
    return len(interpreter.drafts) > before


def lines_of_system(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """What the system is called under a heading that names it, over lines that tell more (``version 12.0, build
    4417.82``). Whether it was read."""
    if around[:1] != ("os",) or not _LEAST_LINES <= len(lines) <= _MOST_LINES or not A_SYSTEM.search(lines[0].text):
        return False
    before = len(interpreter.drafts)
    left = [*(fact for fact in FIELDS["os"] if fact.field != "name"), FACTS["host.booted_at"], FACTS["host.time_zone"]]
    called, _, more = lines[0].text.partition(",")
    told = [
        (more, len(called) + 1, lines[0]),
        *((line.text.strip(), indent_of(line.text), line) for line in lines[1:] if not _SENTENCE.search(line.text)),
    ]
    for text, at, line in told:
        told_in_words(interpreter, text, line.number, at, "os", None, left)
    if len(interpreter.drafts) == before:
        return False
    noun = _noun_before(called.strip())
    name = Entry("", called.strip()[noun:], lines[0].number, indent_of(lines[0].text) + noun + 1)
    interpreter.place(name, "words", (Guess("os.name", 0.8, "it stands over what is told of the system"),), None)
    interpreter.asides("os.name", None, name, "words", 0.8)
    first = [draft for draft in interpreter.drafts[before:] if draft.entry.line == lines[0].number]
    if _EDITION.fullmatch(more) and not any(draft.entry.column > len(called) for draft in first):
        # ``Harbour OS 12, Desk Pro``
        edition = Entry("", more.strip(), lines[0].number, lines[0].text.index(more.strip(), len(called)) + 1)
        interpreter.place(edition, "words", (Guess("os.edition", 0.75, "it stands behind the system's name"),), None)
    return True


def _noun_before(called: str) -> int:
    """How much of ``Operating system Harbour OS 12`` only says that it is one."""
    words = [word.end() for word in _WORD.finditer(called[:MAX_LABEL])][:_MOST_WORDS]
    nouns = (at for at in reversed(words) if SUBJECTS.get(words_of(called[:at])) == "os" and called[at:].strip())
    at = next(nouns, 0)
    if copula := _COPULA.match(called, at):
        return copula.end()
    return at + len(called[at:]) - len(called[at:].lstrip(" :"))


# ``The system is Harbour OS 12``
_COPULA = re.compile(r" (?:is|ist|est|es|é|è|to|jest) (?=[A-Z])")
# What goes on in whole sentences is read as such.
_SENTENCE = re.compile(r"^\s*[A-Z].* [^\W\d_]+ .*\.\s*$")


_WORD = re.compile(r"[^\W\d_]+")
_MOST_WORDS = 3


def system_over_pairs(interpreter: Interpreter, lines: Sequence[Line], command: tuple[str, ...]) -> set[int]:
    """The system's name over lines that tell more, where pairs follow them and a ``command`` asks for it: of the lines that
    no shape could read. Returns those that were read."""
    printed = [line for line in lines if line.text.strip()]
    run = [line for place, line in enumerate(printed) if line.number - printed[0].number == place]
    before = len(interpreter.drafts)
    lines_of_system(interpreter, run, command[:1])
    return {draft.entry.line for draft in interpreter.drafts[before:]}


_EDITION = re.compile(r"\s*[A-Z][a-z]+(?: [A-Z][a-z]+){0,2}\s*")
_AMOUNT = re.compile(r"\s*\d[\d.,'’\u00a0\u202f]* ?[KMGT]i?[BO] [^\W\d_]+(?: [^\W\d_]+){0,3}\s*", re.I)
_MOST_LINES, _LEAST_LINES = 10, 2
