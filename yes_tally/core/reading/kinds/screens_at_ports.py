"""Lines that tell of a screen behind the port that it hangs on.

::

    Screen on Graphics 0, port DP-1: Panehill 27Q, serial PH27Q0091, 2560x1440
    Monitor 2 (HDMI-1): Oriel View 24
    DP-1    Panehill 27Q    PH27Q0091        where screens are spoken of
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, commas_for_gaps
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import CONNECTOR, WHERE_PLUGGED
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_PARTED = r"(?:\s*(?::|->|=>|→|=|\.{2,})\s*|\s+[-–—|]\s+|\s{2,})"
_AT_PORT = re.compile(
    rf"\s*(?:[-*•] )?(?P<noun>[^\W\d_]{{4,14}})(?: #?\d{{1,2}})?,?(?:(?: [^\W\d_][\w-]*(?: \d)?,?){{0,5}}?) [\[(]?{CONNECTOR}[\])]?{_PARTED}(?P<told>\S.*)",
    re.I,
)
_PORT_FIRST = re.compile(
    rf"\s*(?:[-*•] )?[\[(]?(?:{WHERE_PLUGGED.pattern})(?:[\])]?{_PARTED}|[\])] )(?P<told>\S.*)", re.I
)
_NAME = re.compile(r"[^\W\d_][^,(]*[^\s,(]")
_WHY = "it stands behind the port of a screen"


def screens_at_ports(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> set[int]:
    """Read the lines of a section that tell what hangs on a port; returns their numbers. Lines that begin with the port are
    read where screens are ``spoken`` of."""
    read: set[int] = set()
    for line in lines:
        text = line.text[:MAX_TOLD].rstrip()
        match = _AT_PORT.fullmatch(text)
        if match and SUBJECTS.get(words_of(match["noun"])) != "display":
            match = None
        if match is None and spoken[:1] == ("display",):
            match = _PORT_FIRST.fullmatch(text)
        if match and _told(interpreter, line.number, match):
            read.add(line.number)
    return read


def _told(interpreter: Interpreter, line: int, match: re.Match[str]) -> bool:
    """Read what stands behind the port: what the screen is called, and more of it. Whether it names one."""
    told = commas_for_gaps(match["told"])
    name = _NAME.match(told)
    if not name or not name.group()[0].isupper() or is_placeholder(name.group()) or flag_of(name.group()) is not None:
        return False
    place = Entry("", told, line, match.start("told") + 1)
    item = Item("display")
    if not told_bare(interpreter, place, "display", item, "words", "display.name", least=1):
        value = understand(FACTS["display.name"], name.group(), interpreter.locale)
        if value is None or name.group() != told:
            return False
        interpreter.place(
            Entry("", name.group(), line, place.column), "words", (Guess("display.name", 0.8, _WHY),), item
        )
    interpreter.take(item)
    return True
