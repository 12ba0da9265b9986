"""The comparisons: one small function a kind, one row a test.

Each gives ``True``, ``False``, or ``None`` where the value is too coarse to tell.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import lru_cache
from typing import Any

import re2

from yes_tally.core.catalogue import NUMBER_KINDS, FactKind
from yes_tally.core.quantity import Value, version_parts
from yes_tally.core.words import plain

MAX_PATTERN = 1000
Verdict3 = bool | None
Order = Callable[[Value, float | str, str], tuple[int | None, int | None]]


def _sign(a: float | str, b: float | str) -> int:
    return (a > b) - (a < b)  # type: ignore[operator]


def order_of(fact: FactKind, value: Value, limit: float | str) -> tuple[int | None, int | None]:
    """Where the lowest and the highest that a value allows lie against a limit: -1, 0 or 1; ``None``: not to tell."""
    if fact.kind == "version":
        return _version_order(str(value.value), str(limit))
    if fact.kind == "moment":
        if value.value == "never":
            return 1, 1
        limit_low, limit_high = day_of(str(limit))
        low, high = str(value.low), str(value.high)
        if low > limit_high:
            return 1, 1
        if high < limit_low:
            return -1, -1
        same = limit_low <= low and high <= limit_high
        return (0, 0) if same else (_sign(low, limit_low), _sign(high, limit_high))
    if isinstance(value.low, (int, float)) and isinstance(value.high, (int, float)) and not isinstance(limit, str):
        return _sign(value.low, limit), _sign(value.high, limit)
    return None, None


def day_of(limit: str) -> tuple[str, str]:
    """The first and the last second that a limit means: the whole day, or the moment that it names."""
    return (limit, limit) if "T" in limit else (f"{limit}T00:00:00", f"{limit}T23:59:59")


def _version_order(found: str, limit: str) -> tuple[int | None, int | None]:
    a, b = version_parts(found), version_parts(limit)
    if a[: len(b)] == b:
        # What was found is the limit or finer than it: 12.0.4417.82 is at least 12.0.4417.
        return (0, 0) if a == b else (0, 1)
    if b[: len(a)] == a:
        return -1, 1
    return (1, 1) if a > b else (-1, -1)


def _compare(accept: Callable[[int], bool]) -> Callable[[FactKind, Value, Sequence[float | str]], Verdict3]:
    def test(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
        low, high = order_of(fact, value, limits[0])
        if low is None or high is None:
            return None
        lower, upper = accept(low), accept(high)
        return lower if lower == upper else None

    return test


def _at_least(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    low, high = order_of(fact, value, limits[0])
    if low is None or high is None:
        return None
    return True if low >= 0 else False if high < 0 else None


def _at_most(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    low, high = order_of(fact, value, limits[0])
    if low is None or high is None:
        return None
    if fact.kind == "version" and low == 0:
        return True
    return True if high <= 0 else False if low > 0 else None


def _equal(fact: FactKind, value: Value, limit: float | str) -> Verdict3:
    if fact.kind in NUMBER_KINDS and not isinstance(limit, str):
        low, high = order_of(fact, value, limit)
        if low == high == 0:
            return True
        return None if low is not None and high is not None and low <= 0 <= high else False
    if fact.kind == "version":
        low, high = _version_order(str(value.value), str(limit))
        return True if low == 0 else None if low == -1 and high == 1 else False
    if fact.kind == "moment":
        low, high = order_of(fact, value, limit)
        return True if low == high == 0 else False if low == high else None
    if fact.kind == "flag":
        return value.value is (limit == "yes")
    if isinstance(value.value, tuple):
        return {plain(part) for part in value.value} == {plain(str(limit))}
    return plain(str(value.value)) == plain(str(limit))


def _one_of(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    verdicts = [_equal(fact, value, limit) for limit in limits]
    return True if True in verdicts else None if None in verdicts else False


def _like(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    parts = value.value if isinstance(value.value, tuple) else (str(value.value),)
    return any(glob(plain(str(limits[0])), plain(part)) for part in parts)


def glob(pattern: str, text: str) -> bool:
    """Whether ``text`` fits a pattern of ``*`` and ``?``; at most the product of both lengths, never more."""
    p = t = 0
    star, mark = -1, 0
    while t < len(text):
        if p < len(pattern) and (pattern[p] == "?" or pattern[p] == text[t]) and pattern[p] != "*":
            p, t = p + 1, t + 1
        elif p < len(pattern) and pattern[p] == "*":
            star, mark = p, t
            p += 1
        elif star >= 0:
            p, mark = star + 1, mark + 1
            t = mark
        else:
            return False
    return all(char == "*" for char in pattern[p:])


@lru_cache(maxsize=512)
def _pattern(text: str) -> Any:
    """A regular expression that takes linear time whatever it is matched with (RE2's syntax), case aside."""
    options = re2.Options()
    options.case_sensitive = False
    options.log_errors = False
    options.max_mem = 1 << 20
    return re2.compile(text, options)


def trouble_with(text: str) -> str:
    """What is wrong with a regular expression, or an empty text."""
    if len(text) > MAX_PATTERN:
        return f"it is longer than {MAX_PATTERN} characters"
    try:
        _pattern(text)
    except re2.error as error:
        return str(error.args[0].decode() if isinstance(error.args[0], bytes) else error)
    return ""


def _matches(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    parts = value.value if isinstance(value.value, tuple) else (str(value.value),)
    return any(_pattern(str(limits[0])).search(part) is not None for part in parts)


def _between(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    low, high = _at_least(fact, value, limits[:1]), _at_most(fact, value, limits[1:])
    return False if low is False or high is False else None if low is None or high is None else True


def _contains(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    wanted = plain(str(limits[0]))
    if isinstance(value.value, tuple):
        return any(plain(part) == wanted for part in value.value)
    return wanted in plain(str(value.value))


def _within(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
    allowed = {plain(str(limit)) for limit in limits}
    parts = value.value if isinstance(value.value, tuple) else (str(value.value),)
    return all(plain(part) in allowed for part in parts)


def _negated(test: Callable[[FactKind, Value, Sequence[float | str]], Verdict3]) -> Callable[..., Verdict3]:
    def negated(fact: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict3:
        verdict = test(fact, value, limits)
        return None if verdict is None else not verdict

    return negated


TESTS: dict[str, Callable[[FactKind, Value, Sequence[float | str]], Verdict3]] = {
    "at_least": _at_least,
    "at_most": _at_most,
    "above": _negated(_at_most),
    "below": _negated(_at_least),
    "after": _compare(lambda sign: sign > 0),
    "before": _compare(lambda sign: sign < 0),
    "is": lambda fact, value, limits: _equal(fact, value, limits[0]),
    "is_not": _negated(lambda fact, value, limits: _equal(fact, value, limits[0])),
    "is_one_of": _one_of,
    "is_not_one_of": _negated(_one_of),
    "is_known": lambda fact, value, limits: True,
    "like": _like,
    "matches": _matches,
    "between": _between,
    "contains": _contains,
    "within": _within,
}

TEST_WORDS = {name: name.replace("_", " ") for name in TESTS}
