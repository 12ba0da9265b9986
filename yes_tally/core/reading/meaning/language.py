"""Which language a text is in, by the words that only one or a few languages' phrases know."""

from __future__ import annotations

import re
from collections import Counter
from functools import lru_cache

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import LANGUAGES

_SAMPLE = 20_000
_LEAST = 2
# A word of several languages votes for each of them with a part of its vote.
_FEW, _WHOLE = 4, 12
_KEPT = 300
_WORD = re.compile(r"[^\W\d_]{3,}")
# ``pagefile.sys``
_ENDING = re.compile(r"\w\.[A-Za-z]")


@lru_cache(maxsize=1)
def _telling() -> dict[str, tuple[str, ...]]:
    """The languages of each word of the phrases that a few of them have."""
    found: dict[str, set[str]] = {}
    for language, module in LANGUAGES.items():
        for line in (*module.LABELS.values(), *module.SUBJECTS.values()):
            for entry in line.split("|"):
                for word in words_of(entry):
                    found.setdefault(word, set()).add(language)
    return {word: tuple(sorted(languages)) for word, languages in found.items() if len(languages) <= _FEW}


def _without_files(line: str) -> str:
    """A line without its paths and files, which are called the same in any language."""
    if "\\" not in line and "/" not in line and "." not in line:
        return line
    return " ".join(
        token for token in line.split() if "\\" not in token and token[0] != "/" and not _ENDING.search(token)
    )


# The same lines are looked at as a section's and as the whole report's, and again in the next report.
@lru_cache(maxsize=8192)
def _told_by(line: str) -> frozenset[tuple[str, tuple[str, ...]]]:
    """The words of a line that tell its language, each with the languages that have it."""
    telling = _telling()
    words = {word for printed in _WORD.findall(_without_files(line)) for word in words_of(printed)}
    return frozenset((word, telling[word]) for word in words if word in telling)


def language_of(text: str, otherwise: str = "") -> str:
    """The language (ISO 639-1) that a text's labels are in, or ``otherwise`` when too little tells."""
    told: set[tuple[str, tuple[str, ...]]] = set()
    for line in text[:_SAMPLE].split("\n"):
        if by_line := _told_by(line) if len(line) < _KEPT else _told_by.__wrapped__(line):
            told |= by_line
    votes: Counter[str] = Counter()
    for _, languages in told:
        for language in languages:
            votes[language] += _WHOLE // len(languages)
    best = votes.most_common(2)
    if not best or best[0][1] < _LEAST * _WHOLE or (len(best) > 1 and best[0][1] == best[1][1]):
        return otherwise
    return best[0][0]
