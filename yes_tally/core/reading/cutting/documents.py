"""Documents (JSON, markup) among the other lines of a section: where one begins, and where it ends."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence

from yes_tally.core.reading.cutting.titles import kind_alone, title_above
from yes_tally.core.reading.shapes import WHOLE
from yes_tally.core.reading.shapes.layout import Layout
from yes_tally.core.reading.text.decode import Line

_MOST_BEFORE = 40
_BEGINS_DOCUMENT = re.compile(r"[{<]|\[\s*(?:$|[\[{\"\d-])")


_ENDS_DOCUMENT = re.compile(r"[}\]]+[;,]?\s*$|</[\w:.-]+>\s*$")


def document_ends(lines: Sequence[Line]) -> int:
    """How many lines a document that the first of them begins has: what follows its last closing line, where an empty line
    parts them, is none of it."""
    begin = next((line for line in lines if line.text.strip()), None)
    if begin is None or not _BEGINS_DOCUMENT.match(begin.text.lstrip()):
        return len(lines)
    closes = (place for place in range(len(lines) - 1, 0, -1) if _ENDS_DOCUMENT.match(lines[place].text.lstrip()))
    last = next(closes, len(lines) - 1)
    return last + 1 if last + 1 < len(lines) and not lines[last + 1].text.strip() else len(lines)


def document_behind(lines: Sequence[Line]) -> tuple[int, Layout] | None:
    """Where a document begins behind a few lines of another kind, and how it is laid out."""
    for index, line in enumerate(lines[1:_MOST_BEFORE], 1):
        apart = not lines[index - 1].text.strip()
        # What a command says while it gathers stands right above.
        body = line.text.lstrip()
        if not _BEGINS_DOCUMENT.match(body):
            continue
        at_margin = body == line.text and (apart or body[:1] in ("{", "["))
        if at_margin or title_above(lines, index) or kind_alone(lines[index - 1].text):
            end = index + document_ends(lines[index:])
            layouts = (shape(lines[index:end]) for shape in WHOLE.values())
            return next(((index, layout) for layout in layouts if layout), None)
    return None


def stretches(lines: Sequence[Line]) -> Iterator[Sequence[Line]]:
    """The lines cut before each title that a document stands under, so that each document is read alone."""
    start = 0
    for place, line in enumerate(lines):
        title = title_above(lines, place) if place > start and _BEGINS_DOCUMENT.match(line.text) else None
        if title and title[0] > start:
            yield lines[start : title[0]]
            start = title[0]
    yield lines[start:]
