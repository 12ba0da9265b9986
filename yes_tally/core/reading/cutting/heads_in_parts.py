"""Heads of records that number a thing and tell of it in parts: in the form of pairs, each part in its column.

::

    Disk 0, Basalt NV1000, serial BNV1K0044127        [CPU 0] Kestrel K5, 6 cores, 3.2 GHz
        Firmware    4B2QBN10                              Stepping: 2
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise, takewhile

from yes_tally.core.reading.meaning.spoken_of import MAY_BE_CARD
from yes_tally.core.reading.phrases import is_known, names_item
from yes_tally.core.reading.shapes.layout import MAX_TOLD, cells_by_gap, commas_for_gaps, indent_of
from yes_tally.core.reading.shapes.nested_pairs import holds_module
from yes_tally.core.reading.text.decode import Line

_WHICH = r"(?P<which>[^\W\d_]+(?: [^\W\d_]+)? #?(?:\d{1,3}|[A-H]\d{0,2}))"
_HEADS = (
    re.compile(rf"\s*(?:[-*•] )?{_WHICH}(?:,| [-–—|]| ?:|(?=\s{{2,}}))\s+(?P<told>\S.*)"),
    re.compile(rf"\s*(?:[-*•] )?[\[(<]{_WHICH}[\])>][:,]?\s+(?P<told>\S.*)"),
    re.compile(rf"(?P<drawn>[=#~*-]{{2,}}) {_WHICH}(?:,| [-–—|]|:)\s+(?P<told>\S.*?) (?P=drawn)"),
)
# ``Basalt NV1000, NVMe, 931.5 GB``, ``[0] Ternwave AX 20 (wireless)``
_NAME_AND_PARTS = re.compile(
    r"\s*(?:[\[(#]?\d{1,3}[\]).]? )?[A-Z](?:(?! {2})[^(),:]){2,50}(?:, \S(?:[^:]|:(?=\S))*| \((?!\d+\))(?:[^():]|:(?=\S))+\))"
)
_PARTED = re.compile(r", | (?:\||--?|–|—) | \(|\s{2,}")
# ``Wickerlink GbE 210 (wired) - connected, 1 Gbit/s`` is read as the heading that it is.
_ASIDE_BEFORE_DASH = re.compile(r"\([^()]*\) (?:--?|–|—) ")
_MARK = re.compile(r" (?:\||--?|–|—) ")
_PAIR_OF_CELLS = 2
_LABEL = re.compile(r"[^\W\d_][^:=]{0,40}[^\W_]|[^\W\d_]")
_VALUE = re.compile(r"[^:=.|–—>]")
_PAIR = re.compile(r"\s+[^\W\d_][^:=]{0,40}?(?:\s*[:=]\s+|\s?\.{2,}:? ?|\s{2,})\S")


def heads_in_parts(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines, with such heads over deeper pairs written as ``Disk 0:  Basalt NV1000, serial BNV1K0044127``, and with a
    colon behind the labels of pairs by gaps, where those below one head could be a table of two columns."""
    found: dict[int, Line] = {}
    for place, (line, below) in enumerate(pairwise(lines)):
        deeper = indent_of(below.text) > indent_of(line.text) and len(line.text) <= MAX_TOLD
        if not deeper or not _PAIR.match(below.text[:MAX_TOLD]):
            continue
        head = line.text.rstrip()
        if text := _as_pair(head, indent_of(below.text)):
            found[place] = replace(line, text=text)
        if text or _NAME_AND_PARTS.fullmatch(head):
            found |= _with_colons(lines, place)
    return [found.get(place, line) for place, line in enumerate(lines)] if found else lines


def _as_pair(text: str, deeper: int) -> str | None:
    """The text of a head as a pair that stands less deep than those below it (``deeper``); ``None`` where it is none."""
    for head in _HEADS:
        match = head.fullmatch(text)
        if match is None or _ASIDE_BEFORE_DASH.search(match["told"]):
            continue
        if _PARTED.search(match["told"]) and _is_one(match["which"], match["told"]):
            label = " " * min(match.start("which"), deeper - 1) + match["which"] + ":"
            return label.ljust(match.start("told")) + commas_for_gaps(
                _MARK.sub(lambda mark: ",".ljust(len(mark.group())), match["told"])
            )
    return None


def _is_one(which: str, told: str) -> bool:
    noun = which.rpartition(" ")[0]
    return names_item(which) or holds_module(which, told) or MAY_BE_CARD.fullmatch(noun) is not None


def _with_colons(lines: Sequence[Line], head: int) -> dict[int, Line]:
    """The lines right below a head, with their labels in the form of pairs, where each is a label, a gap and a value."""
    own = indent_of(lines[head].text)
    below = list(
        takewhile(lambda at: lines[at].text.strip() and indent_of(lines[at].text) > own, range(head + 1, len(lines)))
    )
    cells = [cells_by_gap(lines[at].text[:MAX_TOLD]) for at in below]
    if not all(len(row) == _PAIR_OF_CELLS and _LABEL.fullmatch(row[0][0]) and _VALUE.match(row[1][0]) for row in cells):
        return {}
    if all(is_known(cell) for cell, _ in cells[0]):
        return {}  # a head of columns
    return {
        at: replace(lines[at], text=f"{' ' * start}{label}:{lines[at].text[start + len(label) + 1 :]}")
        for at, ((label, start), _) in zip(below, cells, strict=True)
    }
