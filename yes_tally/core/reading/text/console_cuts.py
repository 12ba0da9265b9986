"""Lines that a console cut where its width ended, whole again."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise
from typing import NamedTuple

from yes_tally.core.reading.shapes.layout import LEAST_COLUMNS, cells_by_gap, heads_columns, is_rule
from yes_tally.core.reading.text.as_printed import Pieces
from yes_tally.core.reading.text.decode import Line

# Where consoles, terminals and mail programs cut.
CONSOLES = frozenset({79, 80, 100, 120, 132, 160})
_MOST_PIECES = 6
# So many lines above show of which columns a row is.
_NEAR = 3
_LEAST_DEEP = 8
_PAIR = 2
# What has a label begins a line, and so does an item of a list.
_BEGINS = re.compile(r"\s*(?:[^\W\d_][^:=;,\"<>]{2,30}(?::\s|=)|[-*•>#] (?=\S))")
# ``Card 3``, over what is told of it
_HEADS = re.compile(r"[A-Z][^\W\d_]{2,16} #?\d{1,3}\s*:?")
# ``2. Basalt NV1000``, ``[guest] disabled``, ``"Bollard Agent": version 2.0.77``: two that begin so are two of a list.
_LISTED = re.compile(r"\s*(?:\d{1,3}[.)]\s|\[[^\[\]]{1,40}\]\s|#\d{1,3}\s|[\"“„«][^\"“”„«»]{1,40}[\"”“»]\s?:\s)")
_NEW_WORD = re.compile(r"[A-Z\u00c0-\u00dd][^\W\d_]{3}")
# A console that cuts does not cut most lines.
_MOST_OF_TEN = 7
# A frame has them at both ends.
_BARS = frozenset("|│║┃+┐┘╗╝")


class Uncut(NamedTuple):
    """Lines put together where a console may have cut them; ``alone`` counts the pieces that hold one cell, and those that
    begin within a word, which may have been read as what they are not."""

    lines: list[Line]
    pieces: Pieces
    alone: int


def uncut(lines: Sequence[Line]) -> Uncut | None:
    """The lines as they may have been before a console cut them, or ``None`` where none ends where one does."""
    width = max((len(line.text) for line in lines), default=0)
    full = sum(len(line.text) == width for line in lines)
    if width not in CONSOLES or full * 10 > _MOST_OF_TEN * sum(bool(line.text.strip()) for line in lines):
        # Blanks at the ends came on the way.
        lines = [replace(line, text=line.text.rstrip()) for line in lines]
        width = max((len(line.text) for line in lines), default=0)
    if width not in CONSOLES:
        return None
    whole: list[Line] = []
    pieces: Pieces = {}
    lines = _without_blank_rests(lines, width)
    open_ended: list[Line] = []
    for line in lines:
        if open_ended and len(open_ended) < _MOST_PIECES and _goes_on(open_ended[0].text, line.text, whole, width):
            start = len(whole[-1].text)
            pieces.setdefault(whole[-1].number, [(0, whole[-1].number)]).append((start, line.number))
            whole[-1] = replace(whole[-1], text=whole[-1].text + line.text, tabbed=None)
        else:
            whole.append(line)
            open_ended = []
        open_ended = [*open_ended, line] if len(line.text) == width else []
    texts = {line.number: line.text for line in lines}
    # A piece that begins within a word was cut off for sure, and is read wrongly where it holds a cell as well.
    alone = sum(
        (len(cells_by_gap(texts[at])) == 1) + (texts[before][-1:].isalpha() and texts[at][:1].islower())
        for placed in pieces.values()
        for (_, before), (_, at) in pairwise(placed)
    )
    return Uncut(whole, pieces, alone) if pieces else None


def _without_blank_rests(lines: Sequence[Line], width: int) -> list[Line]:
    """The lines without the empty ones between rows whose head goes on on the line below: what was cut off them."""
    kept: list[Line] = []
    columns: set[int] = set()
    for place, line in enumerate(lines):
        if not columns and len(line.text) == width and heads_columns(line.text):
            columns = {at for _, at in cells_by_gap(line.text)}
        elif columns and not line.text.strip():
            below = lines[place + 1].text if place + 1 < len(lines) else ""
            starts = [at for _, at in cells_by_gap(below[:width])]
            if len(starts) >= LEAST_COLUMNS and columns.issuperset(starts):
                continue
            columns = set()
        kept.append(line)
    return kept


# ``kontor-05> battery``
_AT_PROMPT = re.compile(
    r"(?:[\w.-]+@)?[A-Za-z][\w.]*-[\w.-]*\d(?: [A-Z]:\\[^>]{0,60}| [~/][\w/~.-]{0,60})?[>$#%] ?[a-z]"
)

# Lines of a log each begin with when they were written.
_LOGGED = re.compile(r"\s*\[?(?:\d{4}[-/.]\d\d[-/.]\d\d|\d\d[-/.]\d\d[-/.]\d{4})\b")


def _goes_on(first: str, rest: str, above: Sequence[Line], width: int) -> bool:
    """Whether a line goes on on another, by what stands at the cut: no label, no new item, no row of the columns above."""
    if not rest.strip() or first[-1] in _BARS:
        return False
    if first.rfind("<") > first.rfind(">"):
        return True  # within a tag
    if (
        (_LISTED.match(first) and _LISTED.match(rest))
        or _BEGINS.match(rest)
        or _HEADS.fullmatch(rest)
        or _AT_PROMPT.match(rest)
        or (_LOGGED.match(rest) and _LOGGED.match(first))
    ):
        return False
    if is_rule(first):
        return set(rest.strip()) <= set(first)
    if first[-1].islower() and _NEW_WORD.match(rest):
        return False
    starts = {at for _, at in cells_by_gap(rest)}
    if len(starts) == 1:
        # Below the last cell of the row a printer went on with it, not the console.
        return min(starts) < _LEAST_DEEP or min(starts) != cells_by_gap(first)[-1][1]
    if [at for _, at in cells_by_gap(first)][:_PAIR] == sorted(starts)[:_PAIR]:
        return False  # another pair, its label and its value where those of the line above stand
    columns = [{at for _, at in cells_by_gap(line.text[:width])} for line in above[-_NEAR:]]
    return not columns[-1] >= starts and all(len(known & starts) < LEAST_COLUMNS for known in columns)
