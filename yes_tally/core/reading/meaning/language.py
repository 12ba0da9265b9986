"""Which language a text is in, by the words that only one language's phrases know."""

from __future__ import annotations

import re
from collections import Counter
from functools import lru_cache

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import LANGUAGES

_SAMPLE = 20_000
_LEAST = 2
_KEPT = 300
_WORD = re.compile(r"[^\W\d_]{3,}")
# ``pagefile.sys``
_ENDING = re.compile(r"\w\.[A-Za-z]")


@lru_cache(maxsize=1)
def _telling() -> dict[str, str]:
    """Word to language, for the words that no other language's phrases have."""
    found: dict[str, set[str]] = {}
    for language, module in LANGUAGES.items():
        for line in (*module.LABELS.values(), *module.SUBJECTS.values()):
            for entry in line.split("|"):
                for word in words_of(entry):
                    found.setdefault(word, set()).add(language)
    return {word: next(iter(languages)) for word, languages in found.items() if len(languages) == 1}


def _without_files(line: str) -> str:
    """A line without its paths and files, which are called the same in any language."""
    if "\\" not in line and "/" not in line and "." not in line:
        return line
    return " ".join(
        token for token in line.split() if "\\" not in token and token[0] != "/" and not _ENDING.search(token)
    )


# The same lines are looked at as a section's and as the whole report's, and again in the next report.
@lru_cache(maxsize=8192)
def _told_by(line: str) -> frozenset[tuple[str, str]]:
    """The words of a line that tell its language, each with that language."""
    telling = _telling()
    words = {word for printed in _WORD.findall(_without_files(line)) for word in words_of(printed)}
    return frozenset((word, telling[word]) for word in words if word in telling)


def language_of(text: str, otherwise: str = "") -> str:
    """The language (ISO 639-1) that a text's labels are in, or ``otherwise`` when too little tells."""
    told: set[tuple[str, str]] = set()
    for line in text[:_SAMPLE].split("\n"):
        if by_line := _told_by(line) if len(line) < _KEPT else _told_by.__wrapped__(line):
            told |= by_line
    votes = Counter(language for _, language in told).most_common(2)
    if not votes or votes[0][1] < _LEAST or (len(votes) > 1 and votes[0][1] == votes[1][1]):
        return otherwise
    return votes[0][0]
