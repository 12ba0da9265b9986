"""Labels whose words are cut short: ``Capac. projeto``, ``Design cap.``."""

from __future__ import annotations

import itertools
import re
from bisect import bisect_left
from collections.abc import Container, Iterator, Sequence

from yes_tally.core.words import plain

_TOKEN = re.compile(r"[^\W\d_]+\.?")
_SHORTEST, _LONGEST = 3, 7
_MOST_WORDS = 4
# No word begins more phrases' words than so many, and no label is tried in more ways.
_MOST_ENDINGS, _MOST_WAYS = 40, 200


def in_full(label: str, words: Sequence[str], known: Container[str]) -> Iterator[str]:
    """The ways in which a label's short words (one with a full stop, or the last of several) may go on, ``words`` being the sorted
    words of all phrases, and ``known`` those that are words already."""
    tokens = _TOKEN.findall(label)
    if not 0 < len(tokens) <= _MOST_WORDS:
        return
    choices: list[list[str]] = []
    short = 0
    for place, token in enumerate(tokens):
        word = plain(token.rstrip("."))
        cut = (token.endswith(".") or 0 < place == len(tokens) - 1) and _SHORTEST <= len(word) <= _LONGEST
        endings = _going_on(word, words) if cut and word not in known else []
        short += bool(endings)
        choices.append(endings or [word])
    if short:
        yield from itertools.islice(map(" ".join, itertools.product(*choices)), _MOST_WAYS)


def _going_on(word: str, words: Sequence[str]) -> list[str]:
    start = bisect_left(words, word)
    found = list(itertools.takewhile(lambda other: other.startswith(word), words[start : start + _MOST_ENDINGS]))
    return [other for other in found if len(other) > len(word) + 1]
