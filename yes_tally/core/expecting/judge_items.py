"""Items: every, some, no, how many, all the same. Each item is judged alone, then the quantifier combines them."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import replace

from yes_tally.core.catalogue import FACTS, FactKind
from yes_tally.core.expecting.comparisons import TESTS
from yes_tally.core.expecting.formatting import test_in_words
from yes_tally.core.expecting.judge_value import margin_of, scale_of, verdict_of
from yes_tally.core.expecting.judgement import BEST, MAX_NAMED, OPPOSITE, WORST, Fields, Judgement, Verdict, Visited
from yes_tally.core.expecting.terms import Comparison, Counted, Quantified, Same, Term
from yes_tally.core.quantity import Value
from yes_tally.core.saying import say, say_scalar
from yes_tally.core.settling.facts import Fact, FactBook

Judge = Callable[[Term, FactBook, Fields | None, Visited], Judgement]
"""How any term is judged, for the parts of a quantifier."""
Weigh = Callable[[Term, FactBook, Fields | None, Visited], Verdict]
"""How a term's verdict is found where no word of it is shown."""


def _label(item: str) -> str:
    group, _, name = item.partition(":")
    return name or group


def judge_quantified(term: Quantified, book: FactBook, visited: Visited, judge: Judge, weigh: Weigh) -> Judgement:
    items = _items(book, term.group)
    if not items:
        return Judgement("unsaid", "nothing said it", why=f"nothing told of any {term.group}")
    judged: list[tuple[str, Verdict, Judgement]] = []
    for item, fields in items.items():
        meant = weigh(term.where, book, fields, visited) if term.where else "yes"
        if meant == "no":
            continue
        part = judge(term.then, book, fields, visited) if term.then else _present(item, fields)
        verdict = part.verdict if meant == "yes" else _conditional(meant, part.verdict, term.quantifier)
        if term.where and verdict != part.verdict:
            part = judge(term.where, book, fields, visited)
        judged.append((item, verdict, part))
    return _COMBINE[term.quantifier](term, judged)


def _items(book: FactBook, group: str) -> Mapping[str, Fields]:
    """The items of a group; a memory socket with nothing in it is no module."""
    items = book.items(group)
    return {item: fields for item, fields in items.items() if not _is_empty(fields)} if group == "module" else items


def _present(item: str, fields: Fields) -> Judgement:
    facts = tuple(fields.values())
    return Judgement("yes", _label(item), facts=facts[:1])


def _conditional(concerns: Verdict, then: Verdict, quantifier: str) -> Verdict:
    """The verdict of one item of which it is in doubt whether it is meant."""
    if quantifier == "every":
        return "yes" if then == "yes" else concerns
    return "no" if then == "no" else concerns


_Judged = Sequence[tuple[str, Verdict, Judgement]]


def _every(term: Quantified, judged: _Judged) -> Judgement:
    if not judged:
        return Judgement("yes", f"no such {term.group}", why=f"no {term.group} is meant")
    return _of_items(judged, min([verdict for _, verdict, _ in judged], key=WORST.__getitem__))


def _some(term: Quantified, judged: _Judged) -> Judgement:
    if not judged:
        return Judgement("no", f"no such {term.group}", why=f"no {term.group} of that kind was found")
    return _of_items(judged, min([verdict for _, verdict, _ in judged], key=BEST.index))


def _no(term: Quantified, judged: _Judged) -> Judgement:
    some = _some(term, judged)
    verdict = OPPOSITE[some.verdict]
    if verdict == "yes":
        return Judgement("yes", "none", why=f"no such {term.group} was found", facts=some.facts)
    why = f"{some.found}: expected none" if verdict == "no" else some.why
    return replace(some, verdict=verdict, margin="", why=why, scale=None)


_COMBINE = {"every": _every, "some": _some, "no": _no}


def _of_items(judged: _Judged, verdict: Verdict) -> Judgement:
    """What the items of that verdict say together; the first few of them are named."""
    deciding = [(item, part) for item, of_item, part in judged if of_item == verdict]
    item, first = deciding[0]
    count = len(deciding)
    found = ", ".join([_named(item, part) for item, part in deciding[:MAX_NAMED]])
    if count > MAX_NAMED:
        found = f"{found} and {count - MAX_NAMED} more"
    facts = tuple([fact for _, part in deciding[:MAX_NAMED] for fact in part.facts])
    if verdict == "yes" and count > 1:
        tightest = min([part for _, part in deciding if part.scale], key=_slack, default=first)
        return Judgement(verdict, found, tightest.margin, f"{count} of {count} agree", facts, tightest.scale)
    why = f"{_label(item).rstrip(':')}: {first.why}" if first.why else found
    return Judgement(verdict, found, first.margin, why, facts, first.scale)


def _slack(part: Judgement) -> float:
    scale = part.scale
    return abs(scale.low - scale.limit) / (abs(scale.limit) or 1.0) if scale else 0.0


def _named(item: str, part: Judgement) -> str:
    label, found = _label(item), part.found
    return f"{label.rstrip(':')}: {found}" if found and found != label else label


def judge_counted(term: Counted, book: FactBook, visited: Visited, weigh: Weigh) -> Judgement:
    items = _items(book, term.group)
    if not items:
        return Judgement("unsaid", "nothing said it", why=f"nothing told of any {term.group}")
    verdicts = [weigh(term.where, book, f, visited) if term.where else "yes" for f in items.values()]
    low = verdicts.count("yes")
    high = len(verdicts) - verdicts.count("no")
    kind = FACTS["memory.slots"]
    value = Value("count", low, low, high)
    limits = [limit.number for limit in term.limits]
    verdict = verdict_of(TESTS[term.test], kind, value, limits)
    comparison = Comparison(kind.name, term.test, term.limits)
    facts = tuple(next(iter(fields.values())) for fields in items.values())
    found = f"{low}" if low == high else f"{low} to {high}"
    why = f"{found} {term.group}s; expected {test_in_words(term.test, term.limits)}"
    return Judgement(
        verdict,
        found,
        margin_of(comparison, kind, value, limits, verdict),
        why,
        facts,
        scale_of(comparison, kind, value, limits),
    )


def _is_empty(fields: Fields) -> bool:
    size = fields.get("size")
    return not size.value.value if size else not ({"part", "serial", "type"} & set(fields))


def judge_same(term: Same, book: FactBook) -> Judgement:
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
