"""Which of many patterns can match a text at all, found in one pass over it.

RE2 matches a set of patterns at once, in time linear in the text. It has no look-around and its words are ASCII, so each
pattern is loosened first: whatever it matches, the loosened one does too. What passes is then matched as it is written.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from functools import lru_cache

import re2

_WORD = r"\pL\pM\pN_"
_CLASSES = {"w": f"[{_WORD}]", "d": r"\pN", "s": r"[\s\pZ\x0b\x1c-\x1f\x85]"}
_IN_CLASS = {"w": _WORD, "d": r"\pN", "s": r"\s\pZ\x0b\x1c-\x1f\x85"}
_LOOK = ("(?=", "(?!", "(?<=", "(?<!")
_COUNTED = re.compile(r"\{(\d*)(?:,\d*)?\}")
_OPENING = re.compile(r"\(\?(?:P<\w+>|[a-z]*-?[a-z]*:)")


class Sieve:
    """The patterns, by their place in the sequence given."""

    def __init__(self, patterns: Sequence[str]) -> None:
        options = re2.Options()
        options.case_sensitive = False
        options.dot_nl = True
        options.log_errors = False
        options.max_mem = 64 << 20
        self._set = re2.Set.SearchSet(options)
        for pattern in patterns:
            self._set.Add(loosened(pattern))
        self._set.Compile()
        # The same lines come again: of many PCs, and of one report that is read anew.
        self._kept = lru_cache(maxsize=8192)(self._passing)

    def passing(self, text: str) -> tuple[int, ...]:
        """The places of the patterns that may match somewhere in ``text``, in order."""
        return self._kept(text) if len(text) <= _SHORT else self._passing(text)

    def _passing(self, text: str) -> tuple[int, ...]:
        return tuple(sorted(self._set.Match(text) or ()))


# What is longer hardly comes again.
_SHORT = 600


def loosened(pattern: str) -> str:
    """A pattern of Python's as one of RE2's that matches wherever it does, and maybe elsewhere."""
    out: list[str] = []
    at = 0
    while at < len(pattern):
        char = pattern[at]
        if char == "\\":
            letter = pattern[at + 1]
            known = "" if letter in "bB" else "." if letter in "WDS" else _CLASSES.get(letter, pattern[at : at + 2])
            out.append(known)
            at += 2
        elif char == "[":
            end = _end_of_class(pattern, at)
            out.append(_class(pattern[at:end]))
            at = end
        elif pattern.startswith(_LOOK, at):
            at = _end_of_group(pattern, at)
        elif char == "(":
            opening = _OPENING.match(pattern, at)
            out.append("(?:")
            at = opening.end() if opening else at + 1
        elif counted := _COUNTED.match(pattern, at):
            out.append("*" if counted[1] in ("", "0") else "+")
            at = counted.end()
        else:
            out.append("" if char in "^$" else char)
            at += 1
    return "".join(out)


def _class(text: str) -> str:
    body = text[1:-1]
    if body.startswith("^") or re.search(r"\\[WDS]", body):
        return "."
    return "[" + re.sub(r"\\([wds])", lambda match: _IN_CLASS[match[1]], body) + "]"


def _end_of_class(pattern: str, start: int) -> int:
    at = start + 2 if pattern[start + 1] in "]^" else start + 1
    while pattern[at] != "]":
        at += 2 if pattern[at] == "\\" else 1
    return at + 1


def _end_of_group(pattern: str, start: int) -> int:
    depth, at = 0, start
    while True:
        if pattern[at] == "\\":
            at += 2
            continue
        if pattern[at] == "[":
            at = _end_of_class(pattern, at)
            continue
        depth += (pattern[at] == "(") - (pattern[at] == ")")
        at += 1
        if depth == 0:
            return at
