"""Which language a text is in, by the words that only one language's phrases know."""

from __future__ import annotations

import re
from collections import Counter
from functools import lru_cache

from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.phrases import LANGUAGES

_SAMPLE = 20_000
_LEAST = 2
_WORD = re.compile(r"[^\W\d_]{3,}")


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


def language_of(text: str, otherwise: str = "") -> str:
    """The language (ISO 639-1) that a text's labels are in, or ``otherwise`` when too little tells."""
    telling = _telling()
    words = {word for printed in _WORD.findall(text[:_SAMPLE]) for word in words_of(printed)}
    votes = Counter(telling[word] for word in words if word in telling).most_common(2)
    if not votes or votes[0][1] < _LEAST or (len(votes) > 1 and votes[0][1] == votes[1][1]):
        return otherwise
    return votes[0][0]
