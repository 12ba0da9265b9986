"""Holding a visit's facts against a spec: four answers, each with what was found, the limit, the margin, the evidence."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from typing import Literal

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS, FactKind
from yes_tally.core.expecting.comparisons import TEST_WORDS, TESTS, order_of
from yes_tally.core.expecting.terms import (
    All,
    Any_,
    Comparison,
    Counted,
    Expectation,
    Limit,
    Not,
    Quantified,
    Same,
    Spec,
    Strength,
    Term,
)
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.saying import say, say_scalar, say_span
from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Witness

Verdict = Literal["yes", "no", "unsaid", "disputed"]
_WORST = {"no": 0, "disputed": 1, "unsaid": 2, "yes": 3}
_OPPOSITE: dict[Verdict, Verdict] = {"yes": "no", "no": "yes", "unsaid": "unsaid", "disputed": "disputed"}
MAX_NAMED = 4


@dataclass(frozen=True, slots=True)
class Scale:
    """A found range and its limit in the base unit, to be drawn side by side; ``better`` says which way is yes."""

    low: float
    high: float
    limit: float
    better: Literal["more", "less"]


@dataclass(frozen=True, slots=True)
class Judgement:
    """What one term gets: the verdict, what was found and by how much it misses or clears, and the facts behind it."""

    verdict: Verdict
    found: str
    margin: str = ""
    why: str = ""
    facts: tuple[Fact, ...] = ()
    scale: Scale | None = None


@dataclass(frozen=True, slots=True)
class Answer:
    """What an expectation gets from a visit. ``why`` is one sentence; ``witnesses`` are the lines behind it."""

    expectation: str
    strength: Strength
    because: str
    line: int
    verdict: Verdict
    found: str
    margin: str
    why: str
    witnesses: tuple[Witness, ...]
    scale: Scale | None


@dataclass(frozen=True, slots=True)
class Visited:
    """When the check is made and when the visit was, for ``today`` and ``visit.age``; and why things may be unsaid."""

    now: datetime
    taken_at: datetime
    failures: tuple[str, ...] = ()


def with_visit_facts(book: FactBook, visited: Visited, reports: int) -> FactBook:
    """The facts with ``visit.age`` and ``visit.reports`` among them."""
    age = max(0.0, (visited.now - visited.taken_at).total_seconds())
    own = Witness("the visit itself", visited.taken_at.isoformat(" ", "minutes"), exactly("span", age), "", 0, 0, 1.0)
    counted = Witness("the visit itself", str(reports), exactly("count", reports), "", 0, 0, 1.0)
    facts = [
        Fact("visit.age", None, (Cluster(own.value, (own,)),), derived=True),
        Fact("visit.reports", None, (Cluster(counted.value, (counted,)),), derived=True),
    ]
    return FactBook([*(fact for fact in book if not fact.name.startswith("visit.")), *facts])


def check(spec: Spec, book: FactBook, visited: Visited) -> list[Answer]:
    """Every expectation's answer, in the spec's order."""
    return [check_expectation(expectation, book, visited) for expectation in spec.expectations]


def check_expectation(expectation: Expectation, book: FactBook, visited: Visited) -> Answer:
    """One expectation's answer."""
    judged = _judge(expectation.term, book, None, visited)
    if judged.verdict == "unsaid" and not judged.facts and visited.failures:
        judged = replace(judged, why=f"{judged.why}; {visited.failures[0]}")
    return Answer(
        expectation=expectation.text,
        strength=expectation.strength,
        because=expectation.because,
        line=expectation.line,
        verdict=judged.verdict,
        found=judged.found,
        margin=judged.margin,
        why=judged.why,
        witnesses=tuple(witness for fact in judged.facts[:MAX_NAMED] for witness in fact.witnesses),
        scale=judged.scale,
    )


Fields = Mapping[str, Fact]


def _judge(term: Term, book: FactBook, item: Fields | None, visited: Visited) -> Judgement:
    if isinstance(term, Comparison):
        return _comparison(term, book, item, visited)
    if isinstance(term, Quantified):
        return _quantified(term, book, visited)
    if isinstance(term, All):
        return _both([_judge(part, book, item, visited) for part in term.parts])
    if isinstance(term, Any_):
        return _either([_judge(part, book, item, visited) for part in term.parts])
    if isinstance(term, Not):
        part = _judge(term.part, book, item, visited)
        return replace(part, verdict=_OPPOSITE[part.verdict], margin="", scale=None)
    if isinstance(term, Counted):
        return _counted(term, book, visited)
    return _same(term, book)


def _both(parts: Sequence[Judgement]) -> Judgement:
    worst = min(parts, key=lambda part: _WORST[part.verdict])
    return _combined(parts, worst)


def _either(parts: Sequence[Judgement]) -> Judgement:
    best = next((p for v in ("yes", "disputed", "unsaid", "no") for p in parts if p.verdict == v), parts[0])
    return _combined(parts, best)


def _combined(parts: Sequence[Judgement], deciding: Judgement) -> Judgement:
    facts = tuple(dict.fromkeys(fact for part in [deciding, *parts] for fact in part.facts))
    found = ", ".join(dict.fromkeys(part.found for part in parts if part.found))
    return replace(deciding, found=found, facts=facts, scale=None)


# --- one comparison ---------------------------------------------------------------------------------------------


def _comparison(term: Comparison, book: FactBook, item: Fields | None, visited: Visited) -> Judgement:
    kind = FACTS[term.fact]
    fact, trouble = _find(kind, book, item)
    if fact is None:
        return Judgement(
            "unsaid", trouble if trouble else "nothing said it", why=trouble or f"nothing told {term.fact}"
        )
    limits = [_limit_value(limit, kind, book, item, visited) for limit in term.limits]
    if None in limits:
        missing = next(limit for limit, value in zip(term.limits, limits, strict=True) if value is None)
        return Judgement("unsaid", say(kind, fact.value), why=f"nothing told {missing.of}", facts=(fact,))
    known = [value for value in limits if value is not None]
    verdicts = [_verdict(TESTS[term.test], kind, cluster.value, known) for cluster in fact.clusters]
    verdict: Verdict = verdicts[0] if len(set(verdicts)) == 1 else "disputed"
    return Judgement(
        verdict=verdict,
        found=" or ".join(dict.fromkeys(say(kind, cluster.value) for cluster in fact.clusters)),
        margin=_margin(term, kind, fact.value, known, verdict),
        why=_why(term, kind, fact, verdict),
        facts=(fact,),
        scale=_scale(term, kind, fact.value, known),
    )


def _find(kind: FactKind, book: FactBook, item: Fields | None) -> tuple[Fact | None, str]:
    if item is not None and kind.item:
        return item.get(kind.field), ""
    if not kind.item:
        return book.single(kind.name), ""
    items = [fields for fields in book.items(kind.group).values() if kind.field in fields]
    if len(items) > 1:
        return None, f"this PC has {len(items)} {kind.group}s: the spec must say every, some or no {kind.group}"
    return (items[0][kind.field] if items else None), ""


def _limit_value(
    limit: Limit, kind: FactKind, book: FactBook, item: Fields | None, visited: Visited
) -> float | str | None:
    if limit.kind == "number":
        return limit.number
    if limit.kind == "text":
        return limit.text
    if limit.kind == "today":
        return (visited.now + timedelta(seconds=limit.number)).replace(microsecond=0, tzinfo=None).isoformat()
    of, _ = _find(FACTS[limit.of], book, item)
    if of is None or not isinstance(of.value.value, (int, float)):
        return None
    return limit.number * float(of.value.value)


_Test = Callable[[FactKind, Value, Sequence["float | str"]], "bool | None"]


def _verdict(test: _Test, kind: FactKind, value: Value, limits: Sequence[float | str]) -> Verdict:
    """A value in doubt is a yes or a no only when every reading of it is."""
    verdicts = {test(kind, reading, limits) for reading in value.readings()}
    if verdicts == {True}:
        return "yes"
    return "no" if verdicts == {False} else "unsaid"


_MORE = frozenset({"at_least", "above", "after"})
_LESS = frozenset({"at_most", "below", "before"})


def _scale(term: Comparison, kind: FactKind, value: Value, limits: Sequence[float | str]) -> Scale | None:
    if term.test not in _MORE | _LESS or kind.kind not in NUMBER_KINDS or isinstance(limits[0], str):
        return None
    better: Literal["more", "less"] = "more" if term.test in _MORE else "less"
    return Scale(float(value.low), float(value.high), float(limits[0]), better)  # type: ignore[arg-type]


def _margin(term: Comparison, kind: FactKind, value: Value, limits: Sequence[float | str], verdict: Verdict) -> str:
    """By how much a limit is missed or cleared, with its unit: "short by 8 GB"."""
    if term.test not in _MORE | _LESS or verdict in ("unsaid", "disputed"):
        return ""
    if kind.kind == "moment":
        return _moment_margin(str(value.value), str(limits[0]))
    if kind.kind == "version":
        low, high = order_of(kind, value, limits[0])
        return (
            f"older than {limits[0]}"
            if verdict == "no" and term.test in _MORE
            else ("newer" if low == high == 1 else "")
        )
    if not isinstance(value.value, (int, float)) or isinstance(limits[0], str):
        return ""
    gap = abs(float(value.value) - limits[0])
    if verdict == "yes":
        return f"{say_scalar(kind, gap)} to spare" if gap else "just met"
    return f"{'short by' if term.test in _MORE else 'over by'} {say_scalar(kind, gap)}" if gap else "just missed"


def _moment_margin(found: str, limit: str) -> str:
    if found == "never":
        return ""
    apart = (datetime.fromisoformat(found) - datetime.fromisoformat(limit)).total_seconds()
    return f"{say_span(abs(apart))} {'later' if apart >= 0 else 'earlier'}"


def _why(term: Comparison, kind: FactKind, fact: Fact, verdict: Verdict) -> str:
    limit = ", ".join(limit.printed for limit in term.limits)
    wanted = f"{TEST_WORDS[term.test]} {limit}".strip()
    told = f"{kind.name} is {say(kind, fact.value)}"
    if verdict == "disputed":
        sides = "; ".join(f"{c.witnesses[0].source} says {say(kind, c.value)}" for c in fact.clusters)
        return f"witnesses disagree: {sides}"
    if verdict == "unsaid":
        return f"{told} as printed, which is too coarse to tell whether it is {wanted}"
    first = fact.witnesses[0]
    place = f" (line {first.line} of {first.source})" if first.line else ""
    guess = ", an estimate" if fact.estimated else ""
    return f"{told}{guess}{place}; expected {wanted}"


# --- items ------------------------------------------------------------------------------------------------------


def _label(item: str) -> str:
    group, _, name = item.partition(":")
    return name or group


def _quantified(term: Quantified, book: FactBook, visited: Visited) -> Judgement:
    items = _items(book, term.group)
    if not items:
        return Judgement("unsaid", "nothing said it", why=f"nothing told of any {term.group}")
    judged: list[tuple[str, Verdict, Judgement]] = []
    for item, fields in items.items():
        meant = _judge(term.where, book, fields, visited) if term.where else None
        if meant and meant.verdict == "no":
            continue
        part = _judge(term.then, book, fields, visited) if term.then else _present(item, fields)
        verdict = _conditional(meant.verdict if meant else "yes", part.verdict, term.quantifier)
        judged.append((item, verdict, meant if meant and verdict != part.verdict else part))
    return _COMBINE[term.quantifier](term, judged)


def _items(book: FactBook, group: str) -> dict[str, Fields]:
    return {item: fields for item, fields in book.items(group).items() if not _is_empty(group, fields)}


def _present(item: str, fields: Fields) -> Judgement:
    facts = tuple(fields.values())
    return Judgement("yes", _label(item), facts=facts[:1])


def _conditional(concerns: Verdict, then: Verdict, quantifier: str) -> Verdict:
    """The verdict of one item, given whether it is one that is meant."""
    if concerns == "yes":
        return then
    if quantifier == "every":
        return "yes" if then == "yes" else concerns
    return "no" if then == "no" else concerns


_Judged = Sequence[tuple[str, Verdict, Judgement]]


def _every(term: Quantified, judged: _Judged) -> Judgement:
    if not judged:
        return Judgement("yes", f"no such {term.group}", why=f"no {term.group} is meant")
    worst = min((verdict for _, verdict, _ in judged), key=lambda v: _WORST[v])
    return _of_items(judged, worst, shown=worst)


def _some(term: Quantified, judged: _Judged) -> Judgement:
    best: Verdict = next((v for v in ("yes", "disputed", "unsaid") if any(v == j[1] for j in judged)), "no")
    if not judged:
        return Judgement("no", f"no such {term.group}", why=f"no {term.group} of that kind was found")
    return _of_items(judged, best, shown=best)


def _no(term: Quantified, judged: _Judged) -> Judgement:
    some = _some(term, judged)
    verdict = _OPPOSITE[some.verdict]
    if verdict == "yes":
        return Judgement("yes", "none", why=f"no such {term.group} was found", facts=some.facts)
    why = f"{some.found}: expected none" if verdict == "no" else some.why
    return replace(some, verdict=verdict, margin="", why=why, scale=None)


_COMBINE = {"every": _every, "some": _some, "no": _no}


def _of_items(judged: _Judged, verdict: Verdict, shown: Verdict) -> Judgement:
    deciding = [(item, part) for item, of_item, part in judged if of_item == shown]
    named = [_named(item, part) for item, part in deciding]
    first = deciding[0][1]
    more = f" and {len(named) - MAX_NAMED} more" if len(named) > MAX_NAMED else ""
    found = ", ".join(named[:MAX_NAMED]) + more
    facts = tuple(fact for _, part in deciding for fact in part.facts)
    if verdict == "yes" and len(named) > 1:
        tightest = min((p for _, p in deciding if p.scale), key=_slack, default=first)
        return Judgement(verdict, found, tightest.margin, f"{len(named)} of {len(named)} agree", facts, tightest.scale)
    return Judgement(
        verdict,
        found,
        first.margin,
        f"{_label(deciding[0][0]).rstrip(':')}: {first.why}" if first.why else found,
        facts,
        first.scale,
    )


def _slack(part: Judgement) -> float:
    scale = part.scale
    return abs(scale.low - scale.limit) / (abs(scale.limit) or 1.0) if scale else 0.0


def _named(item: str, part: Judgement) -> str:
    label = _label(item)
    return f"{label.rstrip(':')}: {part.found}" if part.found and part.found != label else label


def _counted(term: Counted, book: FactBook, visited: Visited) -> Judgement:
    items = _items(book, term.group)
    if not items:
        return Judgement("unsaid", "nothing said it", why=f"nothing told of any {term.group}")
    verdicts = [_judge(term.where, book, f, visited).verdict if term.where else "yes" for f in items.values()]
    low = verdicts.count("yes")
    high = len(verdicts) - verdicts.count("no")
    kind = FACTS["memory.slots"]
    value = Value("count", low, low, high)
    limits = [limit.number for limit in term.limits]
    verdict = _verdict(TESTS[term.test], kind, value, limits)
    comparison = Comparison(kind.name, term.test, term.limits)
    facts = tuple(next(iter(fields.values())) for fields in items.values())
    found = f"{low}" if low == high else f"{low} to {high}"
    why = f"{found} {term.group}s; expected {TEST_WORDS[term.test]} {', '.join(x.printed for x in term.limits)}"
    return Judgement(
        verdict,
        found,
        _margin(comparison, kind, value, limits, verdict),
        why,
        facts,
        _scale(comparison, kind, value, limits),
    )


def _is_empty(group: str, fields: Fields) -> bool:
    """A memory socket with nothing in it is no module."""
    if group != "module":
        return False
    size = fields.get("size")
    return not size.value.value if size else not ({"part", "serial", "type"} & set(fields))


def _same(term: Same, book: FactBook) -> Judgement:
    kind = FACTS[term.fact]
    items = _items(book, term.group)
    told = {item: fields[kind.field] for item, fields in items.items() if kind.field in fields}
    if not told:
        return Judgement("unsaid", "nothing said it", why=f"nothing told {kind.name}")
    values = list(dict.fromkeys(say(kind, fact.value) for fact in told.values()))
    facts = tuple(told.values())
    if any(fact.disputed for fact in facts):
        return Judgement("disputed", " or ".join(values), why=f"witnesses disagree on {kind.name}", facts=facts)
    found = " and ".join(values)
    if len(values) > 1:
        named = ", ".join(f"{_label(item)} {say(kind, fact.value)}" for item, fact in told.items())
        return Judgement("no", found, _difference(kind, facts), f"not the same: {named}", facts)
    if len(told) < len(items):
        return Judgement("unsaid", found, why=f"{len(items) - len(told)} of {len(items)} did not say", facts=facts)
    return Judgement("yes", found, why=f"all {len(told)} the same", facts=facts)


def _difference(kind: FactKind, facts: Iterable[Fact]) -> str:
    numbers = [float(f.value.value) for f in facts if isinstance(f.value.value, (int, float))]
    return f"{say_scalar(kind, max(numbers) - min(numbers))} apart" if numbers else ""


def tally(answers: Iterable[Answer]) -> dict[Verdict, int]:
    """How many of each answer."""
    counts: dict[Verdict, int] = {"yes": 0, "no": 0, "unsaid": 0, "disputed": 0}
    for answer in answers:
        counts[answer.verdict] += 1
    return counts
