"""A command that asks for one fact and prints nothing but that: ``product-id`` over ``HOS12-DP-0044-92281``."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.cutting.sections import Section
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.shapes.layout import Entry, indent_of

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# A label of another language than the report's is a little less sure.
_SURE = 0.87
_MOST_WORDS = 5
_OPTION = re.compile(r"[-/]\S*")
_FOLDER = re.compile(r".*[\\/]")
_ENDING = re.compile(r"\.(?:exe|cmd|bat|com|ps1|sh)$", re.I)
_BETWEEN_WORDS = re.compile(r"[-_ ]+")
# Who asks is told by name (POSIX, ``logname``; the shells' ``whoami``).
_ASKS_WHO = frozenset({"whoami", "who am i", "logname"})


def read_answer(interpreter: Interpreter, section: Section) -> bool:
    """Read the one line that a command printed as the fact its name asks for, where nothing else was read of it. Whether
    it was."""
    said = [line for line in section.lines if line.text.strip()]
    told = any(draft.shape != "prompt" for draft in interpreter.drafts[interpreter.section_from :])
    if not section.command or not section.command.strip() or len(said) != 1 or told:
        return False
    text = said[0].text.strip()
    if text.endswith((".", ":")) or "  " in text or len(text.split()) > _MOST_WORDS:
        return False
    asked = _asked_for(section.command)
    fact = "host.user" if asked in _ASKS_WHO else _fact_of(interpreter, asked)
    if fact:
        guess = Guess(fact, 0.8, f"“{section.command}” asks for it, and this is all that it printed")
        interpreter.place(Entry(asked, text, said[0].number, indent_of(said[0].text) + 1), "answer", (guess,), None)
    return fact is not None


def _asked_for(command: str) -> str:
    """The words of a command without its folder, its ending and its options."""
    name, *rest = command.split()
    words = [_ENDING.sub("", _FOLDER.sub("", name)), *(word for word in rest if not _OPTION.fullmatch(word))]
    return _BETWEEN_WORDS.sub(" ", " ".join(words)).strip()


def _fact_of(interpreter: Interpreter, asked: str) -> str | None:
    """What the words ask for of the PC itself (``product id``), else of the machine (``serial``)."""
    for group in (None, "machine"):
        guess = next(iter(decide(asked, interpreter.context(group))), None)
        if guess and guess.confidence >= _SURE and not FACTS[guess.fact].item:
            return guess.fact
    return None
