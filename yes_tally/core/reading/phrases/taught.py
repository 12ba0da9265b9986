"""What the team has taught: phrases on top of those that ship, and the phrasebook that a reading uses.

A taught phrase goes before every shipped one with the same words. The book in use is held for the time of one reading
(``using``), so that shapes, phrases and contexts ask the same one; what they work out is kept per book (``per_book``).
"""

from __future__ import annotations

import hashlib
import re
from collections.abc import Callable, Iterable, Iterator, Sequence
from contextlib import contextmanager
from contextvars import ContextVar
from dataclasses import dataclass
from functools import lru_cache, wraps
from typing import TypeVar, TypeVarTuple, Unpack

from yes_tally.core.reading.meaning.labels import split_unit, words_of

Words = frozenset[str]
_Given = TypeVarTuple("_Given")
_Found = TypeVar("_Found")


@dataclass(frozen=True, slots=True)
class TaughtPhrase:
    """What a label stands for: ``fact``, or ``None`` when it is to mean nothing.

    ``heading``: only under a heading (or a command) of these words, numbers aside; empty: wherever it stands.
    ``after``: ``None`` for a label; for a statement, what stands behind the value, ``label`` being what stands before.
    """

    label: str
    fact: str | None
    heading: str = ""
    after: str | None = None

    @property
    def key(self) -> Words:
        """The words that the label is known by; a unit in brackets may change."""
        return label_key(self.label)

    @property
    def said(self) -> str:
        """The phrase in words, for the person who meets it."""
        label = self.label if self.after is None else f"{self.label} … {self.after}".strip()
        place = f" under “{self.heading}”" if self.heading else ""
        return f"“{label}”{place} was taught as {self.fact or 'nothing that counts'}"


def label_key(label: str) -> Words:
    """The words of a label without its unit."""
    return frozenset(words_of(split_unit(label)[0]))


def heading_key(heading: str) -> Words:
    """The words of a heading or a command, without the numbers that tell items apart."""
    return frozenset(word for word in words_of(heading[:400]) if not word.isdigit())


class Phrasebook:
    """Taught phrases, ready to be looked up. Two books of the same phrases have the same ``edition``."""

    def __init__(self, taught: Iterable[TaughtPhrase] = ()) -> None:
        self.taught = tuple(taught)
        self.everywhere: dict[Words, TaughtPhrase] = {}
        self._scoped: dict[Words, list[tuple[Words, TaughtPhrase]]] = {}
        self._statements: dict[str, list[tuple[re.Pattern[str], TaughtPhrase]]] = {}
        for phrase in self.taught:
            if phrase.after is not None:
                pattern = _statement(phrase)
                self._statements.setdefault(_first_word(phrase.label or phrase.after), []).append((pattern, phrase))
            elif phrase.heading:
                self._scoped.setdefault(phrase.key, []).append((heading_key(phrase.heading), phrase))
            else:
                self.everywhere[phrase.key] = phrase
        text = repr(sorted((p.label, p.fact or "", p.heading, p.after or "") for p in self.taught))
        self.edition = hashlib.sha256(text.encode()).hexdigest()[:12] if self.taught else ""

    def under(self, label: str, headings: Sequence[str]) -> TaughtPhrase | None:
        """The phrase taught for this label under one of these headings, the nearest (last) first."""
        known = self._scoped.get(label_key(label)) if self._scoped else None
        for heading in reversed(headings) if known else ():
            words = heading_key(heading)
            for asked, phrase in known or ():
                if asked == words:
                    return phrase
        return None

    def statements(self, text: str, headings: Sequence[str]) -> Iterator[tuple[TaughtPhrase, int, int]]:
        """The taught statements that a line makes: the phrase, and where its value starts and ends."""
        if not self._statements:
            return
        for word in dict.fromkeys(_WORD.findall(text.casefold())):
            for pattern, phrase in self._statements.get(word, ()):
                match = pattern.fullmatch(text)
                if match and (not phrase.heading or heading_key(phrase.heading) in map(heading_key, headings)):
                    yield phrase, *match.span("value")


_WORD = re.compile(r"[^\W\d_]+")


def _first_word(text: str) -> str:
    found = _WORD.search(text.casefold())
    return found[0] if found else ""


def _statement(phrase: TaughtPhrase) -> re.Pattern[str]:
    """A line made of the words before, a value, the words behind; numbers and gaps in the words may differ."""

    def loosely(text: str) -> str:
        return r"\s+".join(re.sub(r"\d+", r"\\d+", re.escape(part)) for part in text.split())

    before, after = loosely(phrase.label), loosely(phrase.after or "")
    return re.compile(
        rf"\s*{before}\s*(?P<value>\S(?:[^\n]*\S)?)\s*{after}\s*" if after else rf"\s*{before}\s*(?P<value>\S[^\n]*)",
        re.I,
    )


NOTHING_TAUGHT = Phrasebook()
_in_use: ContextVar[Phrasebook] = ContextVar("phrasebook", default=NOTHING_TAUGHT)


def in_use() -> Phrasebook:
    """The book of the reading that is under way."""
    return _in_use.get()


@contextmanager
def using(book: Phrasebook) -> Iterator[None]:
    """Read with this book."""
    before = _in_use.set(book)
    try:
        yield
    finally:
        _in_use.reset(before)


def per_book(maxsize: int) -> Callable[[Callable[[Unpack[_Given]], _Found]], Callable[[Unpack[_Given]], _Found]]:
    """Keep what a function works out, for each book apart."""

    def decorate(function: Callable[[Unpack[_Given]], _Found]) -> Callable[[Unpack[_Given]], _Found]:
        @lru_cache(maxsize)
        def kept(_book: Phrasebook, given: tuple[*_Given]) -> _Found:
            return function(*given)

        @wraps(function)
        def asked(*given: *_Given) -> _Found:
            return kept(_in_use.get(), given)

        return asked

    return decorate
