"""Rows of network cards that nothing heads, each going on on deeper lines with its addresses.

::

    LAN0  Wickerlink GbE 210      wired      connected   1 Gbit/s
          10.30.2.18/22   MAC 3c:5a:b4:20:10:18   DHCP from 10.30.0.2
          Gateway 10.30.0.1   DNS 10.30.0.53, 10.30.1.53
"""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.shapes.layout import cells_by_gap, commas_for_gaps, indent_of
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ADDRESS = re.compile(r"(?<![\w.:])(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5})(?![\w:])", re.I)
_LEAST_CELLS, _MOST_LINES = 3, 200


def _apart(heads: Sequence[Line]) -> Sequence[Line]:
    """The heads with a gap before the second cell where one so long stands before it that a single blank is left."""
    at = min(cells_by_gap(line.text)[1][1] for line in heads)
    return [
        replace(line, text=f"{line.text[:at]} {line.text[at:]}")
        if line.text[at - 2 : at].strip() and line.text[at - 1] == " "
        else line
        for line in heads
    ]


def cards_going_on(
    interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...], read: Callable[[Sequence[Line]], None]
) -> bool:
    """Read cards with ``read``, and the lines below each as more of it. Whether they were read."""
    if around[:1] != ("adapter",) or not 1 < len(lines) <= _MOST_LINES:
        return False
    least = indent_of(lines[0].text)
    below = [line for line in lines if indent_of(line.text) > least]
    heads = [line for line in lines if indent_of(line.text) <= least]
    if not below or not all(_ADDRESS.search(line.text) for line in below):
        return False
    if any(len(cells_by_gap(line.text)) < _LEAST_CELLS or _ADDRESS.search(line.text) for line in heads):
        return False
    before = len(interpreter.drafts)
    read(_apart(heads))
    cards = {draft.entry.line: draft.item for draft in interpreter.drafts[before:] if draft.item}
    if len(cards) < len(heads) or any(item.group != "adapter" for item in cards.values()):
        del interpreter.drafts[before:]
        return False
    card = cards[heads[0].number]
    for line in lines:
        card = cards.get(line.number, card)
        if line.number in cards:
            told = {draft.fact for draft in interpreter.drafts[before:] if draft.item is card}
            left = [fact for fact in FIELDS["adapter"] if fact.name not in told and not fact.name.endswith("name")]
        else:
            start = indent_of(line.text)
            words = commas_for_gaps(line.text[start:])
            told_in_words(interpreter, words, line.number, start, "adapter", card, left)
    return True
