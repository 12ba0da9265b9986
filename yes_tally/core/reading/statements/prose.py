"""What all readers of sentences need: where sentences begin and end, and the words that deny."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass

from yes_tally.core.reading.shapes.layout import indent_of
from yes_tally.core.reading.statements.sentences import MAX_STATEMENT, Stated
from yes_tally.core.reading.text.decode import Line

# No sentence goes on over more lines.
_MOST_LINES = 8
# A wide gap or leader dots part cells, and these signs what data holds.
_CELLS = re.compile(r"\S {2,}\S|\.{3,}|[<>={}]")
# What says no of anything, without accents, as ``plain`` writes it.
DENIES = re.compile(
    r"\b(?:no|not|never|none|nothing|cannot|can't|couldn't|unable|failed|kein\w*|nichts?|ohne|aucune?|pas|rien|sans|impossible|ningun\w*|nada|sin|imposible|nenhum\w*|nao|nem|sem|"
    r"impossivel|nessun\w*|non|niente|nulla|senza|impossibile|geen|niets?|zonder|nie|nic|zadn\w*|bez|brak)\b"
)
# The point behind a day (``3. März``) ends nothing.
NO_MONTH = r"(?!(?:Jan|Feb|M[äa]r|Apr|Mai|Jun|Jul|Aug|Sep|Okt|Nov|Dez))"
# Where one sentence ends and the next begins on a line.
ENDS = re.compile(rf"(?<=[.!?])\s+{NO_MONTH}(?=[^\W\d_a-zà-ż])|(?:(?<=[^\W\d_]{{3}}\.)|(?<=[KMGT]B\.))\s+(?=\d)")


@dataclass(frozen=True, slots=True)
class Sentence:
    """A line that begins with words, with the lines below that go on with it."""

    lines: tuple[Line, ...]

    @property
    def text(self) -> str:
        return " ".join(line.text.strip()[:MAX_STATEMENT] for line in self.lines)

    def where(self, told: Callable[[str], bool]) -> Line:
        """The line with which the sentence, read from its begin, first says something: what ``told`` finds in a text."""
        for count in range(1, len(self.lines)):
            if told(Sentence(self.lines[:count]).text):
                return self.lines[count - 1]
        return self.lines[-1]


def sentences_of(lines: Sequence[Line]) -> Iterator[Sentence]:
    """The sentences of a paragraph; no cells of a row are one."""
    begun: list[Line] = []
    for line in lines:
        body = line.text.strip()
        goes_on = begun and len(begun) < _MOST_LINES and body.lstrip("(")[:1].islower()
        if goes_on and begun[-1].text.rstrip()[-1] not in ".;:!?":
            begun.append(line)
            continue
        if begun:
            yield Sentence(tuple(begun))
        begun = [line] if 0 < len(body) <= MAX_STATEMENT and not _CELLS.search(body) else []
    if begun:
        yield Sentence(tuple(begun))


def said_by_line(fact: str, value: str, line: Line) -> Stated:
    """What a line says as a whole, no part of it being the value."""
    return Stated(fact, line.text.strip()[:MAX_STATEMENT], value, line.number, indent_of(line.text) + 1)
