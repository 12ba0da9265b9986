"""Pairs with no mark and no gap: a line begins with a label that is known, and what follows is its value
(``hostname nq-tkt-01``), as in many configuration files, and where runs of blanks became one on the way."""

from __future__ import annotations

import re
from collections.abc import Sequence
from functools import lru_cache
from itertools import pairwise

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import is_known, names_item, subjects_in
from yes_tally.core.reading.shapes.layout import LINES_KEPT, MAX_LABEL, Layout, all_entries, indent_of, is_rule
from yes_tally.core.reading.shapes.nested_pairs import nested
from yes_tally.core.reading.shapes.pairs_in_lines import Pair
from yes_tally.core.reading.text.decode import Line

_LEAST_PAIRS = 3
# So many of ten lines; the others are titles of what follows.
_LEAST_OF_TEN = 8
_LONGEST_VALUE = 7
_LONGEST_PART = 2
# The first words of a line, a blank between any two.
_BEGIN = re.compile(r"\s*(?P<words>[^\W\d_][^\s:=|]*(?: [^\s:=|]+){0,4})")
_WORD = re.compile(r"\S+")
# ``Impressoras do cais``: whose they are, and no label that ends there.
_GENITIVE = re.compile(
    r" (?:of|of the|de|de la|de los|del|do|da|dos|das|du|des|della|dello|dei|degli|delle|von|vom|der|des|van|van de)$"
)
_SENTENCE = re.compile(r"[.!?]$")
# Any shape that has a mark for its pairs is surer.
_SCORE = 0.45


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block nearly all of whose lines begin with labels, each with another one among what is told of one thing, or
    ``None``."""
    heads = _heads(lines)
    written = {place for place, line in enumerate(lines) if place not in heads and not is_rule(line.text)}
    pairs: list[Pair | None] = []
    labels: set[str] = set()
    others = 0
    for place, line in enumerate(lines):
        pair = pair_of(line.text) if place in written else None
        pairs.append(pair)
        if place in heads:
            labels.clear()
        others += pair is None and place in written
        if others * 10 > (10 - _LEAST_OF_TEN) * len(written) or (pair and pair.label in labels):
            return None
        if pair:
            labels.add(pair.label)
    if len(written) - others < _LEAST_PAIRS:
        return None
    groups = nested(lines, pairs)
    several = sum(len(group.children) for group in groups) > 1
    return Layout("records" if several else "pairs", groups, _SCORE) if all_entries(groups) else None


def _heads(lines: Sequence[Line]) -> set[int]:
    """Which lines name an item over deeper lines that tell of it (``disk 0``)."""
    return {
        place
        for place, (line, below) in enumerate(pairwise(lines))
        if indent_of(below.text) > indent_of(line.text) and subjects_in(words_of(line.text[:MAX_LABEL]))
    }


@lru_cache(maxsize=LINES_KEPT)
def pair_of(text: str) -> Pair | None:
    """The longest label that a line begins with, and its value; ``None`` where it has another form, or is a sentence."""
    begin = _BEGIN.match(text)
    if begin is None or _SENTENCE.search(text):
        return None
    ends = [word.end() for word in _WORD.finditer(begin["words"])]
    for end in reversed(ends):
        label, value = begin["words"][:end], text[begin.start("words") + end :].strip()
        if not value or len(label) > MAX_LABEL or not is_known(label) or names_item(label) or _GENITIVE.search(label):
            continue
        words = value.split()
        more = len(words) > 1 and words[0].islower() and is_known(words[0])
        if more or value[0] in ":=" or "  " in value or len(words) > _LONGEST_VALUE or _tells_more(value):
            return None
        return Pair(label, value, text.index(value, begin.start("words") + end), "gap")
    return None


def _tells_more(value: str) -> bool:
    """Whether something else is told behind a comma (``yes, administrator no``)."""
    return any(
        len(words) > _LONGEST_PART or (len(words) > 1 and is_known(words[0]))
        for words in map(str.split, value.split(", ")[1:])
    )
