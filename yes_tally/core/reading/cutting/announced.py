"""Commands that a script says before what they print, where no prompt does: ``Command: disks``, ``[3/9] disks``, ``+ disks``."""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.reading.text.decode import Line

_COMMAND = r"[\"'`]?(?P<command>[A-Za-z./~][^\"'`]{0,120}?)[\"'`]?"
_SAYS_COMMAND = re.compile(
    r"(?:command|cmd|befehl|kommando|commande|comando|opdracht|polecenie|komenda)(?: line)?(?: \d{1,3})?\s*[:=]\s*"
    + _COMMAND,
    re.I,
)
_SAYS_OUTPUT = re.compile(
    r"(?:output|result|ausgabe|ergebnis|sortie|r[ée]sultat|salida|resultado|sa[íi]da|risultato|uitvoer|resultaat|wynik)"
    r" (?:of|from|for|von|de|di|van|voor|dla|polecenia)(?: (?:the )?(?:command|befehl|la commande|comando|opdracht))? "
    + _COMMAND
    + ":?",
    re.I,
)
_SAYS_RUNNING = re.compile(
    r"(?:now )?(?:running|executing|calling|collecting from|ex[ée]cution de|ejecutando|executando|eseguo|uitvoeren van|uruchamiam|ausgef[üu]hrt wird)"
    r":? " + _COMMAND + r"(?: ?(?:\.{2,3}|…))?:?",
    re.I,
)
# Each of these may be something else where it stands once.
_FORMS = (
    (_SAYS_COMMAND, 1),
    (_SAYS_OUTPUT, 1),
    (_SAYS_RUNNING, 2),
    (re.compile(r"\[?\d{1,3}(?:/| of )\d{1,3}\]?:? " + _COMMAND + r"(?: ?(?:\.{2,3}|…))?"), 2),
    (re.compile(r"(?:[-=]{1,3}>|\+|»|►|▶|>>) " + _COMMAND), 2),
    (re.compile(r"└\S{0,3} ?[$#%>❯λ] " + _COMMAND), 2),
    # ``== netsheet --vpn ==   (host HB-FRT-07)``
    (re.compile(r"={2,} ?(?P<command>[a-z][\w.-]* (?:--?|/)[a-z][^=]{0,100}?) ?={2,}(?: +\([^()]{1,80}\))?"), 1),
    (re.compile(r"<!-- ?" + _COMMAND + r" ?-->"), 2),
    (re.compile(r"`(?P<command>[A-Za-z./~][^`]{0,120})`:?"), 2),
)
_MAX_LENGTH = 200


def announced(lines: Sequence[Line]) -> list[tuple[int, str]]:
    """The index of each line that says which command printed what follows, and that command; none where lines of one
    form do not begin what they say, or nothing follows them."""
    for form, least in _FORMS:
        said = [
            (place, match["command"].strip())
            for place, line in enumerate(lines)
            if len(line.text) <= _MAX_LENGTH and (match := form.fullmatch(line.text.rstrip()))
        ]
        if len(said) >= least and _begin(lines, said) and _lead(lines, said):
            return said
    return []


def _begin(lines: Sequence[Line], said: Sequence[tuple[int, str]]) -> bool:
    """Whether the first of them begins the report, or they all stand apart from what is above them: below an empty line, or
    below the upper part of a prompt."""
    above = [lines[place - 1].text.strip() if place else "" for place, _ in said]
    begins = not any(line.text.strip() for line in lines[: said[0][0]])
    return begins or all(not text or text.startswith("┌") for text in above)


def _lead(lines: Sequence[Line], said: Sequence[tuple[int, str]]) -> bool:
    """Whether most of them have an answer; the items of a list follow each other."""
    places = {place for place, _ in said}
    answered = [p for p in places if p + 1 < len(lines) and p + 1 not in places and lines[p + 1].text.strip()]
    return len(answered) * 2 > len(places)
