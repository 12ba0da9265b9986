"""What a command says when it fails, in the languages of the reader: of which kind it is."""

from __future__ import annotations

import re
from functools import lru_cache

from yes_tally.core.failures.forms import FORMS
from yes_tally.core.failures.set_phrases import FAILURES
from yes_tally.core.failures.words import NOTHING_WRONG, TOLD_OF_THE_PC, WENT_WRONG
from yes_tally.core.words import plain

_LONGEST = 400
# Nothing but a line that begins with the command's own name or says that something went wrong, and that tells nothing.
NOTHING_BUT_AN_ERROR = "failed"
FAILURE_SENTENCES: dict[str, str] = {
    **{kind: sentence for kind, sentence, _ in FAILURES},
    NOTHING_BUT_AN_ERROR: "it printed nothing but an error",
}
_PATTERNS = {kind: "|".join((pattern, *FORMS.get(kind, ()))) for kind, _, pattern in FAILURES}
# The room between two columns: what stands in one says nothing of the other.
_COLUMNS = re.compile(r"(?<=\S) {2,}(?=\S)")


@lru_cache(maxsize=1)
def _any_kind() -> re.Pattern[str]:
    return re.compile("|".join(f"(?:{pattern})" for pattern in _PATTERNS.values()))


@lru_cache(maxsize=1)
def _kinds() -> tuple[tuple[str, re.Pattern[str]], ...]:
    """The kinds and their patterns; a report of which no command failed needs none of them."""
    return tuple((kind, re.compile(pattern)) for kind, pattern in _PATTERNS.items())


def failure_kind(line: str) -> str | None:
    """The kind of failure that a line states, or ``None``."""
    if len(line) > _LONGEST:
        return None
    text = plain(_COLUMNS.sub(" | ", line))
    if not _any_kind().search(text):
        return None
    return next(kind for kind, pattern in _kinds() if pattern.search(text))


@lru_cache(maxsize=1)
def _went_wrong() -> tuple[re.Pattern[str], ...]:
    return tuple(re.compile(pattern) for pattern in (WENT_WRONG, NOTHING_WRONG, TOLD_OF_THE_PC))


# ``Errors: 3.``
_COUNTED = re.compile(r"\w*\s?[:=]\s*\d{1,6}(?:[.,;]|\s|$)")


def says_went_wrong(line: str) -> bool:
    """Whether a line says that something went wrong, in whatever words, where :func:`failure_kind` knows no kind of it."""
    if len(line) > _LONGEST:
        return False
    text = plain(line)
    wrong, nothing, of_the_pc = _went_wrong()
    if of_the_pc.search(text):
        return False
    return any(
        not nothing.search(text[: found.start()]) and not _COUNTED.match(text, found.end())
        for found in wrong.finditer(text)
    )
