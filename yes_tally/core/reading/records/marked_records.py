"""Records side by side whose headings have a star: the one of several that has it is the default.

::

    * Hall printer
          port   10.20.1.90
      Labels
          port   USB001
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.shapes.layout import Entry, Group
from yes_tally.core.reading.tables.around_rows import is_default

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_STAR_BEFORE = re.compile(r"\*\s+(?=\S)")
_STAR_BEHIND = re.compile(r"(?<=\S)\s*\*$")


def without_stars(groups: Sequence[Group]) -> tuple[list[Group], Entry | None]:
    """Records without the stars of their headings, and the star of the one of several that has one."""
    bare: list[Group] = []
    stars: list[Entry] = []
    for group in groups:
        heading = group.heading
        star = (_STAR_BEFORE.match(heading.text) or _STAR_BEHIND.search(heading.text)) if heading else None
        if heading and star:
            stars.append(Entry("", "*", heading.line, heading.column + star.start()))
            text = heading.text[star.end() :] if star.start() == 0 else heading.text[: star.start()]
            column = heading.column + (star.end() if star.start() == 0 else 0)
            group = replace(group, heading=replace(heading, text=text, column=column))
        bare.append(group)
    return bare, stars[0] if len(stars) == 1 < len(groups) else None


def starred_is_default(interpreter: Interpreter, star: Entry, start: int, shape: str) -> None:
    """Keep that the thing whose heading has the star is the default, where things of its kind have one; ``start``: the
    first draft of the records."""
    item = next(
        (draft.item for draft in interpreter.drafts[start:] if draft.entry.line >= star.line and draft.item), None
    )
    if item and f"{item.group}.default" in FACTS:
        is_default(interpreter, item, star, shape)
