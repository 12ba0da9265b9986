"""Devices told of in words, a line each, right under a title that names their kind and is no label of theirs.

::

    == PRINTERS ==
      * Inkwell L40 on USB001 (Inkwell L40 v3)
        Ostler Laser 9 on 10.20.1.90 (Ostler Universal)
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.field_forms import is_device_state
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Entry, Heading, as_comma
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DEVICES = frozenset({"graphics", "sound", "printer", "display", "battery", "processor"})
# So many lines below a title are right under it, and so many devices has a PC.
_RIGHT_UNDER, _MOST_DEVICES = 2, 12
# What a device is called, and more of it.
_CALLED_AND_MORE = re.compile(
    r"\s*(?:(?P<star>\*) |[•+-] )?(?P<told>[A-Z]\w*(?: (?:[A-Z]\w*|\w*\d\w*))+(?:, | \(| on | - ).*[^.:])$"
)
# ``Tidebell Audio (ok), Glasswing Audio (off)``
_SEVERAL = re.compile(r"\([^()]+\), [A-Z]")
_ASIDE = re.compile(r"\(([^()]+)\)")
_PARTS_BEGIN = re.compile(r" (?:[-–—]|on|at|an|auf|sur|en|em|su|op|na) (?=\S)|\)?,? \(|\)(?=, )")


def devices_under_title(interpreter: Interpreter, title: Heading | None, lines: Sequence[Line]) -> None:
    """Read the lines right under a title of which nothing was read: they tell what they would behind it and a colon. The
    title may be the first of the ``lines``."""
    if title is None and words_of(lines[0].text.strip(" :")[:MAX_LABEL]) in SUBJECTS and len(lines) > 1:
        title, lines = Heading(lines[0].text.strip(" :"), lines[0].number, 1), lines[1:]
    if title is None or lines[0].number - title.line > _RIGHT_UNDER or len(lines) > _MOST_DEVICES:
        return
    kind = title.text.strip(" :")[:MAX_LABEL]
    group = SUBJECTS.get(words_of(kind), "")
    read = {draft.entry.line for draft in interpreter.drafts[interpreter.section_from :]} | interpreter.blanks
    for line in lines if group in _DEVICES else ():
        match = _CALLED_AND_MORE.match(line.text[:MAX_LINE]) if line.number not in read else None
        if match and _SEVERAL.search(match["told"]):
            if not any(map(is_device_state, _ASIDE.findall(match["told"]))):
                continue
            entry = Entry(kind, match["told"], line.number, match.start("told") + 1)
            interpreter.entries([entry], "words", interpreter.context(None), None)
        elif match:
            _read_device(interpreter, match, line, group)


def _read_device(interpreter: Interpreter, match: re.Match[str], line: Line, group: str) -> None:
    """Read one device: its name, what stands beside it by its form, and that it is the one of several with a star."""
    told = Entry("", _PARTS_BEGIN.sub(as_comma, match["told"].rstrip(")")), line.number, match.start("told") + 1)
    item, default = Item(group), FACTS.get(f"{group}.default")
    if not told_bare(interpreter, told, group, item, "words", CALLED[group], least=1):
        return
    interpreter.take(item)
    if match["star"] and default:
        star = Entry("", match["star"], line.number, match.start("star") + 1)
        interpreter.add(
            default.name, item, star, exactly("flag", True), "words", 0.75, "it is marked among what is listed"
        )
