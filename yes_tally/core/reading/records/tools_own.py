"""What a report says of the tool that made it: its version is none of the PC's."""

from __future__ import annotations

from collections.abc import Sequence

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.layout import Entry

_TOOL = frozenset((
    ("tool",), ("script",), ("generator",), ("generated", "by"), ("created", "by"), ("report", "by"), ("made", "with"), ("utility",), ("collector",), ("agent",), ("schema",),
    ("tool", "name"), ("werkzeug",), ("skript",), ("erstellt", "mit"), ("erzeugt", "von"), ("outil",), ("genere", "par"), ("produit", "par"), ("herramienta",), ("generado", "por"),
    ("hecho", "con"), ("ferramenta",), ("gerado", "por"), ("feito", "com"), ("strumento",), ("generato", "da"), ("fatto", "con"), ("hulpmiddel",), ("gemaakt", "met"), ("gemaakt", "door"),
    ("narzedzie",), ("utworzono", "przez"), ("wygenerowano", "przez"),
))  # fmt: skip
_ITS_OWN = frozenset((
    ("version",), ("release",), ("build",), ("version", "number"), ("maker",), ("author",), ("format",), ("fassung",), ("versao",), ("versione",), ("versie",), ("wersja",),
    ("hersteller",), ("autor",), ("auteur",), ("autore",),
))  # fmt: skip


# What a record under a heading that names the report says of what made it.
_REPORT = frozenset((word,) for word in "report bericht rapport informe relatorio rapporto raport meta header".split())
_PROGRAM = frozenset((word,) for word in "program programm programme programa programma app software version".split())


def names_tool(heading: str) -> bool:
    """Whether a heading names the tool that made the report, and nothing of the PC."""
    return words_of(heading) in _TOOL


def without_tools_own(entries: Sequence[Entry], heading: str) -> Sequence[Entry]:
    """The pairs of a record without those right below the one that names the tool that made it (``"tool": "basis",
    "version": "3.4"``), and without the program that is told under the ``heading`` of the report."""
    if words_of(heading) in _REPORT:
        entries = [entry for entry in entries if words_of(entry.label) not in _PROGRAM]
    start = next((place for place, entry in enumerate(entries[:_AMONG_FIRST]) if words_of(entry.label) in _TOOL), None)
    if start is None:
        return entries
    end = start + 1
    while end < len(entries) and words_of(entries[end].label) in _ITS_OWN:
        end += 1
    return [*entries[:start], *entries[end:]]


_AMONG_FIRST = 4
