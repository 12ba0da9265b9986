"""Which facts an expectation rests on: what must be told before it can be answered."""

from __future__ import annotations

from yes_tally.core.catalogue import KEYS
from yes_tally.core.expecting.terms import All, Any_, Comparison, Counted, Not, Same, Term


def facts_needed(term: Term) -> frozenset[str]:
    """The catalogue's names of every fact that a term speaks of; a counted or quantified group without a field needs
    one of its keys. Facts of the visit itself are always there and not named."""
    return frozenset(name for name in _named(term) if not name.startswith("visit."))


def _named(term: Term) -> frozenset[str]:
    if isinstance(term, Comparison):
        return frozenset({term.fact, *(limit.of for limit in term.limits if limit.of)})
    if isinstance(term, (All, Any_)):
        return frozenset[str]().union(*map(_named, term.parts))
    if isinstance(term, Not):
        return _named(term.part)
    if isinstance(term, Same):
        return frozenset({term.fact})
    parts = [term.where] if isinstance(term, Counted) else [term.where, term.then]
    found = frozenset[str]().union(*(_named(part) for part in parts if part is not None))
    return found or frozenset({KEYS[term.group][0].name})
