"""A command that lists what things of one kind are called, and nothing else: numbers or bullets, and a name behind each.

::

    printers --names           screens
    1. Counter laser           - Oriel Panel Q27
    2. Label maker             - Gannet 22W
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.reading.meaning.decide import NAMING, Guess
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, is_rule
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_NAMES: dict[str, str] = {
    **{kind: NAMING[kind] for kind in ("printer", "adapter", "graphics", "display", "sound", "battery", "processor")},
    "disk": "disk.model",
}
_LISTED = re.compile(
    r"\s*(?:\d{1,3}[.)]|\[\d{1,3}\]|#\d{1,3}|[•*-])\s+(?P<name>[^\W_][^\s,;:|=()\[\]]*(?: (?![-–—>]{1,2} )[^\s,;:|=()\[\]]+){0,5})\s*"
)
# ``2 printers``, ``2 printers, 1 of them shared``
_COUNTED = re.compile(r"\s*\d{1,3} [^\W\d_]+(?:\W.*)?")
_NAME = re.compile(r"(?=.*[^\W\d_])(?:[^\W\d_a-zß-ÿ]|.*\d).*(?<![.!?])")
_FEWEST, _MOST = 2, 100


def names_listed(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...]) -> set[int]:
    """Read a section of nothing but such a list, its command speaking of the kinds ``spoken``; returns its lines, none
    where it is none."""
    naming = _NAMES.get(spoken[0]) if spoken else None
    printed = [line for line in lines if line.text.strip() and not is_rule(line.text)]
    if printed and _COUNTED.fullmatch(printed[-1].text[:MAX_LABEL]):
        printed.pop()
    if not naming or not _FEWEST <= len(printed) <= _MOST:
        return set()
    found = [_LISTED.fullmatch(line.text[: 2 * MAX_LABEL]) for line in printed]
    names = [match for match in found if match and _NAME.fullmatch(match["name"]) and not _tells(match["name"])]
    if len(names) < len(printed):
        return set()
    for line, match in zip(printed, names, strict=True):
        entry = Entry("", match["name"], line.number, match.start("name") + 1)
        guess = Guess(naming, 0.75, "the command asks for such things, and it is all that the list says of one")
        interpreter.place(entry, "rows", (guess,), interpreter.new_item(spoken[0]))
    return {line.number for line in printed}


def _tells(name: str) -> bool:
    """Whether what stands behind a bullet is a label, or says that there is nothing."""
    return is_known(name) or is_placeholder(name)
