"""One comparison: a fact's value, with all that it may be, against its limits."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from datetime import datetime, timedelta
from typing import Literal, NamedTuple

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS, FactKind
from yes_tally.core.expecting.comparisons import TESTS, order_of
from yes_tally.core.expecting.formatting import test_in_words
from yes_tally.core.expecting.judgement import Fields, Judgement, Scale, Verdict, Visited, group_of
from yes_tally.core.expecting.terms import Comparison, Limit
from yes_tally.core.quantity import Value, version_parts
from yes_tally.core.saying import say, say_scalar, say_span
from yes_tally.core.settling.facts import Fact, FactBook


class Weighed(NamedTuple):
    """A comparison's verdict with what it was made from: the fact (``None``: nothing told it, ``trouble`` says why),
    and the limits as far as they are known."""

    verdict: Verdict
    fact: Fact | None
    limits: Sequence[float | str]
    trouble: str = ""


def weigh(term: Comparison, book: FactBook, item: Fields | None, visited: Visited) -> Weighed:
    """The verdict alone, with no word said of it."""
    kind = term.kind
    fact, trouble = _find(kind, book, item)
    if fact is None:
        return Weighed("unsaid", None, (), trouble)
    limits = term.fixed_limits or _limits(term.limits, book, item, visited)
    if isinstance(limits, Limit):
        return Weighed("unsaid", fact, (), f"nothing told {limits.of}")
    test = TESTS[term.test]
    standing = fact.standing
    verdict = verdict_of(test, kind, standing[0].value, limits)
    if len(standing) > 1 and any(verdict_of(test, kind, c.value, limits) != verdict for c in standing[1:]):
        verdict = "disputed"
    return Weighed(verdict, fact, limits)


def judge_comparison(term: Comparison, book: FactBook, item: Fields | None, visited: Visited) -> Judgement:
    """One comparison: the verdict, and in words what was found, the margin and why."""
    kind = term.kind
    verdict, fact, limits, trouble = weigh(term, book, item, visited)
    if fact is None:
        return Judgement("unsaid", trouble or "nothing said it", "", trouble or f"nothing told {term.fact}")
    standing = fact.standing
    if trouble:
        return Judgement("unsaid", say(kind, standing[0].value), "", trouble, (fact,))
    value = standing[0].value
    found = say(kind, value)
    if len(standing) > 1:
        found = " or ".join(dict.fromkeys(say(kind, cluster.value) for cluster in standing))
    return Judgement(
        verdict,
        found,
        margin_of(term, kind, value, limits, verdict),
        _why(term, kind, fact, found, verdict),
        (fact,),
        scale_of(term, kind, value, limits),
    )


def _find(kind: FactKind, book: FactBook, item: Fields | None) -> tuple[Fact | None, str]:
    if not kind.item:
        return book.single(kind.name), ""
    if item is not None:
        fact = item.get(kind.field)
        if fact is not None and fact.name == kind.name:
            return fact, ""
        if kind.group == group_of(item):
            return None, ""
    items = [fields for fields in book.items(kind.group).values() if kind.field in fields]
    if len(items) > 1:
        return None, f"this PC has {len(items)} {kind.group}s: the spec must say every, some or no {kind.group}"
    return (items[0][kind.field] if items else None), ""


def _limits(
    limits: Sequence[Limit], book: FactBook, item: Fields | None, visited: Visited
) -> Sequence[float | str] | Limit:
    """What is compared with, or the first limit that nothing tells."""
    values: list[float | str] = []
    for limit in limits:
        value = limit.number if limit.kind == "number" else _limit_value(limit, book, item, visited)
        if value is None:
            return limit
        values.append(value)
    return values


def _limit_value(limit: Limit, book: FactBook, item: Fields | None, visited: Visited) -> float | str | None:
    if limit.kind == "text":
        return limit.text
    if limit.kind == "today":
        return (visited.now + timedelta(seconds=limit.number)).replace(microsecond=0, tzinfo=None).isoformat()
    of, _ = _find(FACTS[limit.of], book, item)
    if of is None or not isinstance(of.value.value, (int, float)):
        return None
    return limit.number * float(of.value.value)


_AS_VERDICT: dict[bool | None, Verdict] = {True: "yes", False: "no", None: "unsaid"}
_Test = Callable[[FactKind, Value, Sequence["float | str"]], "bool | None"]


def verdict_of(test: _Test, kind: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict:
    """A value in doubt is a yes or a no only when every reading of it is."""
    if not value.others:
        return _AS_VERDICT[test(kind, value, limits)]
    verdicts = {test(kind, reading, limits) for reading in value.readings()}
    if verdicts == {True}:
        return "yes"
    return "no" if verdicts == {False} else "unsaid"


_MORE = frozenset({"at_least", "above", "after"})
_LESS = frozenset({"at_most", "below", "before"})
_ORDERED = _MORE | _LESS


def scale_of(term: Comparison, kind: FactKind, value: Value, limits: Sequence[float | str]) -> Scale | None:
    if term.test not in _ORDERED or kind.kind not in NUMBER_KINDS or isinstance(limits[0], str):
        return None
    better: Literal["more", "less"] = "more" if term.test in _MORE else "less"
    return Scale(float(value.low), float(value.high), float(limits[0]), better)  # type: ignore[arg-type]


def margin_of(term: Comparison, kind: FactKind, value: Value, limits: Sequence[float | str], verdict: Verdict) -> str:
    """By how much a limit is missed or cleared, with its unit: "short by 8 GB"."""
    if term.test == "between" and verdict in ("yes", "no"):
        return _between_margin(term, kind, value, limits, verdict)
    if term.test not in _ORDERED or verdict in ("unsaid", "disputed"):
        return ""
    if kind.kind == "moment":
        return _moment_margin(str(value.value), str(limits[0]))
    if kind.kind == "version":
        return _version_margin(term, kind, value, str(limits[0]), verdict)
    if not isinstance(value.value, (int, float)) or isinstance(limits[0], str):
        return ""
    gap = abs(float(value.value) - limits[0])
    if verdict == "yes":
        return f"{say_scalar(kind, gap)} to spare" if gap else "just met"
    return f"{'short by' if term.test in _MORE else 'over by'} {say_scalar(kind, gap)}" if gap else "just missed"


def _between_margin(
    term: Comparison, kind: FactKind, value: Value, limits: Sequence[float | str], verdict: Verdict
) -> str:
    """The margin to the limit that is missed, or to the nearer one."""
    lower, upper = Comparison(term.fact, "at_least", term.limits[:1]), Comparison(term.fact, "at_most", term.limits[1:])
    low, high = limits[0], limits[1]
    if not isinstance(value.value, (int, float)) or isinstance(low, str) or isinstance(high, str):
        under = TESTS["at_least"](kind, value, [low]) is not True
        return margin_of(lower if under else upper, kind, value, [low if under else high], verdict)
    nearer_low = abs(value.value - low) <= abs(value.value - high)
    return margin_of(lower if nearer_low else upper, kind, value, [low if nearer_low else high], verdict)


def _version_margin(term: Comparison, kind: FactKind, value: Value, limit: str, verdict: Verdict) -> str:
    """Builds that differ in the last part of the limit are counted; other versions are older or newer."""
    apart = _builds_apart(str(value.value), limit) if kind.field == "build" else 0
    if apart:
        return f"{abs(apart)} build{'s' * (abs(apart) > 1)} {'ahead' if apart > 0 else 'behind'}"
    if verdict == "no" and term.test in _MORE:
        return f"older than {limit}"
    return "newer" if order_of(kind, value, limit) == (1, 1) else ""


def _builds_apart(found: str, limit: str) -> int:
    """How many builds lie between, where both are of one version; otherwise 0. In two parts the second is no build."""
    a, b = version_parts(found), version_parts(limit)
    last = len(b) - 1
    if last == 1 or len(a) <= last or a[:last] != b[:last] or a[last][1] or b[last][1]:
        return 0
    return a[last][0] - b[last][0]


def _moment_margin(found: str, limit: str) -> str:
    if found == "never":
        return ""
    apart = (datetime.fromisoformat(found) - datetime.fromisoformat(limit)).total_seconds()
    return f"{say_span(abs(apart))} {'later' if apart >= 0 else 'earlier'}"


def _why(term: Comparison, kind: FactKind, fact: Fact, found: str, verdict: Verdict) -> str:
    wanted = test_in_words(term.test, term.limits)
    told = f"{kind.name} is {found}"
    if verdict == "disputed":
        sides = "; ".join(f"{c.witnesses[0].source} says {say(kind, c.value)}" for c in fact.clusters)
        return f"witnesses disagree: {sides}"
    if verdict == "unsaid":
        return f"{told} as printed, which is too coarse to tell whether it is {wanted}"
    first = fact.clusters[0].witnesses[0]
    place = f" (line {first.line} of {first.source})" if first.line else ""
    guess = ", an estimate" if fact.estimated else ""
    return f"{told}{guess}{place}; expected {wanted}"
