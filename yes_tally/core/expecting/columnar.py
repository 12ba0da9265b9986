"""An expectation's verdicts for many assets at once; the same as ``check`` gives one by one, without the words.

Verdicts are numbers in the order in which the worst decides, so that ``and`` and ``every`` are a minimum.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta

import numpy as np
from numpy.typing import NDArray

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS, FactKind
from yes_tally.core.expecting.columns import UNTOLD, Clusters, Column, Flags, Floats, Ints, Office, Table
from yes_tally.core.expecting.comparisons import TESTS, day_of
from yes_tally.core.expecting.judge_value import verdict_of
from yes_tally.core.expecting.judgement import WORST, Verdict
from yes_tally.core.expecting.terms import All, Any_, Comparison, Counted, Limit, Not, Quantified, Same, Term
from yes_tally.core.quantity import Value
from yes_tally.core.saying import say

Verdicts = NDArray[np.int8]
NO, DISPUTED, UNSAID, YES = (WORST[verdict] for verdict in ("no", "disputed", "unsaid", "yes"))
VERDICTS: tuple[Verdict, ...] = tuple(sorted(WORST, key=lambda verdict: WORST[verdict]))
_OPPOSITE = np.array([YES, DISPUTED, UNSAID, NO], dtype=np.int8)
# In "or" and "some" the best decides, and disputed comes before unsaid.
_BEST = np.array([0, 2, 1, 3], dtype=np.int8)


@dataclass(frozen=True, slots=True)
class _Rows:
    """Whose verdicts are asked for: the assets, or the items of ``table``."""

    office: Office
    now: datetime
    table: Table | None = None

    def __len__(self) -> int:
        return self.office.assets if self.table is None else len(self.table.owner)

    def column(self, kind: FactKind) -> Column:
        """A fact over these rows; an item's field without its item is that of the one item that tells it."""
        if self.table is not None and kind.group == self.table.group and kind.item:
            return self.table.column(kind.name)
        column = self.office.only_one(kind.name, kind.group) if kind.item else self.office.single(kind.name)
        return column if self.table is None else column.at(self.table.owner)


def verdicts(term: Term, office: Office, now: datetime) -> Verdicts:
    """The verdict of every asset, as places in ``VERDICTS``."""
    return _judge(term, _Rows(office, now))


def _judge(term: Term, rows: _Rows) -> Verdicts:
    if isinstance(term, Comparison):
        return _comparison(term, rows)
    if isinstance(term, Quantified):
        return _of_owner(_quantified(term, rows), rows)
    if isinstance(term, All):
        worst: Verdicts = np.minimum.reduce([_judge(part, rows) for part in term.parts])
        return worst
    if isinstance(term, Any_):
        return _BEST[np.maximum.reduce([_BEST[_judge(part, rows)] for part in term.parts])]
    if isinstance(term, Not):
        return _OPPOSITE[_judge(term.part, rows)]
    return _of_owner(_counted(term, rows) if isinstance(term, Counted) else _same(term, rows), rows)


def _of_owner(of_assets: Verdicts, rows: _Rows) -> Verdicts:
    return of_assets if rows.table is None else of_assets[rows.table.owner]


# --- one comparison -----------------------------------------------------------------------------------------------


def _comparison(term: Comparison, rows: _Rows) -> Verdicts:
    kind = FACTS[term.fact]
    column = rows.column(kind)
    found = np.full(len(rows), UNSAID, dtype=np.int8)
    if any(limit.kind == "times" for limit in term.limits):
        return _against_others(term, kind, column, rows, found)
    limits = [_fixed(limit, rows.now) for limit in term.limits]
    told = column.codes != UNTOLD
    if column.distinct:
        found[told] = _of_distinct(term.test, kind, column, limits)[column.codes[told]]
    return found


def _fixed(limit: Limit, now: datetime) -> float | str:
    if limit.kind == "today":
        return (now + timedelta(seconds=limit.number)).replace(microsecond=0, tzinfo=None).isoformat()
    return limit.number if limit.kind == "number" else limit.text


def _of_distinct(test: str, kind: FactKind, column: Column, limits: Sequence[float | str]) -> Verdicts:
    ordered = _ORDERED.get(test)
    whole = _signs(kind, column, limits) if ordered else None
    if ordered is None or whole is None:
        return np.array([WORST[_scalar(test, kind, told, limits)] for told in column.distinct], dtype=np.int8)
    found = ordered(whole)
    for place in np.flatnonzero(~column.plain):
        found[place] = WORST[_scalar(test, kind, column.distinct[int(place)], limits)]
    return found


def _scalar(test: str, kind: FactKind, told: Clusters, limits: Sequence[float | str]) -> Verdict:
    each = {verdict_of(TESTS[test], kind, value, limits) for value in told}
    return each.pop() if len(each) == 1 else "disputed"


Signs = list[tuple[Ints, Ints]]
"""For each limit, where the lowest and the highest of each value lie against it: -1, 0 or 1."""


def _signs(kind: FactKind, column: Column, limits: Sequence[float | str]) -> Signs | None:
    if kind.kind in NUMBER_KINDS and not any(isinstance(limit, str) for limit in limits):
        low, high = column.bounds
        if np.isnan(low).any() or np.isnan(high).any():
            return None
        return [(_sign(low, float(limit)), _sign(high, float(limit))) for limit in limits]
    return [_moment_signs(column, str(limit)) for limit in limits] if kind.kind == "moment" else None


def _sign(numbers: Floats, limit: float | Floats) -> Ints:
    return np.sign(numbers - limit).astype(np.int64)


def _moment_signs(column: Column, limit: str) -> tuple[Ints, Ints]:
    first, last = (np.str_(text) for text in day_of(limit))
    low, high = column.moments
    low_sign = (low > first).astype(np.int64) - (low < first)
    high_sign = (high > last).astype(np.int64) - (high < last)
    inside = (first <= low) & (high <= last)
    after, before = low > last, high < first
    never = low == "never"
    return (
        np.select([never | after, before, inside], [1, -1, 0], low_sign),
        np.select([never | after, before, inside], [1, -1, 0], high_sign),
    )


def _yes_no(yes: Flags, no: Flags) -> Verdicts:
    return np.where(yes, YES, np.where(no, NO, UNSAID)).astype(np.int8)


def _at_least(signs: Signs) -> Verdicts:
    ((low, high),) = signs
    return _yes_no(low >= 0, high < 0)


def _at_most(signs: Signs) -> Verdicts:
    ((low, high),) = signs
    return _yes_no(high <= 0, low > 0)


def _after(signs: Signs) -> Verdicts:
    ((low, high),) = signs
    return _yes_no((low > 0) & (high > 0), (low <= 0) & (high <= 0))


def _before(signs: Signs) -> Verdicts:
    ((low, high),) = signs
    return _yes_no((low < 0) & (high < 0), (low >= 0) & (high >= 0))


def _between(signs: Signs) -> Verdicts:
    return np.minimum(_at_least(signs[:1]), _at_most(signs[1:]))


# The same tests as ``comparisons.TESTS``, over signs; the others are made once for each distinct thing told.
_ORDERED: dict[str, Callable[[Signs], Verdicts]] = {
    "at_least": _at_least,
    "at_most": _at_most,
    "above": lambda signs: _OPPOSITE[_at_most(signs)],
    "below": lambda signs: _OPPOSITE[_at_least(signs)],
    "after": _after,
    "before": _before,
    "between": _between,
}


def _against_others(term: Comparison, kind: FactKind, column: Column, rows: _Rows, found: Verdicts) -> Verdicts:
    """A comparison with a share or a multiple of another fact: each row has limits of its own."""
    limits: list[Floats] = []
    for limit in term.limits:
        if limit.kind == "times":
            other = rows.column(FACTS[limit.of])
            known = np.append(other.middles, np.nan)  # the last is for what is untold
            limits.append(limit.number * known[other.codes])
        else:
            limits.append(np.full(len(rows), float(_fixed(limit, rows.now))))
    told = (column.codes != UNTOLD) & ~np.isnan(np.sum(limits, axis=0))
    ordered = _ORDERED.get(term.test)
    low, high = column.bounds if column.distinct else (np.empty(0), np.empty(0))
    quick = told.copy()
    if ordered is None or np.isnan(low).any():
        quick[:] = False
    else:
        quick[told] = column.plain[column.codes[told]]
        places = column.codes[quick]
        signs = [(_sign(low[places], own[quick]), _sign(high[places], own[quick])) for own in limits]
        found[quick] = ordered(signs)
    for row in np.flatnonzero(told & ~quick):
        own_limits = [float(own[row]) for own in limits]
        found[row] = WORST[_scalar(term.test, kind, column.distinct[column.codes[row]], own_limits)]
    return found


# --- items --------------------------------------------------------------------------------------------------------


def _present(table: Table) -> Flags:
    """Which rows are items: a memory socket with nothing in it is no module."""
    if table.group != "module":
        return np.ones(len(table.owner), dtype=bool)
    size = table.column("module.size")
    sized = size.codes != UNTOLD
    filled = np.zeros(len(table.owner), dtype=bool)
    if size.distinct:
        holds = np.array([bool(told[0].value) for told in size.distinct])
        filled[sized] = holds[size.codes[sized]]
    named = np.logical_or.reduce([table.column(f"module.{f}").codes != UNTOLD for f in ("part", "serial", "type")])
    return np.where(sized, filled, named)


def _quantified(term: Quantified, rows: _Rows) -> Verdicts:
    table = rows.office.items(term.group)
    inside = _Rows(rows.office, rows.now, table)
    concerns = _judge(term.where, inside) if term.where else np.full(len(inside), YES, dtype=np.int8)
    then = _judge(term.then, inside) if term.then else np.full(len(inside), YES, dtype=np.int8)
    settled = then == (YES if term.quantifier == "every" else NO)
    verdict = np.where((concerns == YES) | settled, then, concerns)
    present = _present(table)
    meant = present & (concerns != NO)
    owner = table.owner[meant]
    has_any = np.bincount(table.owner[present], minlength=rows.office.assets) > 0
    if term.quantifier == "every":
        found = np.full(rows.office.assets, YES, dtype=np.int8)
        np.minimum.at(found, owner, verdict[meant])
    else:
        best = np.zeros(rows.office.assets, dtype=np.int8)
        np.maximum.at(best, owner, _BEST[verdict[meant]])
        found = _BEST[best] if term.quantifier == "some" else _OPPOSITE[_BEST[best]]
    return np.where(has_any, found, UNSAID).astype(np.int8)


def _counted(term: Counted, rows: _Rows) -> Verdicts:
    table = rows.office.items(term.group)
    inside = _Rows(rows.office, rows.now, table)
    meant = _judge(term.where, inside) if term.where else np.full(len(inside), YES, dtype=np.int8)
    present = _present(table)
    assets = rows.office.assets
    items = np.bincount(table.owner[present], minlength=assets).astype(np.float64)
    low = np.bincount(table.owner[present & (meant == YES)], minlength=assets).astype(np.float64)
    high = items - np.bincount(table.owner[present & (meant == NO)], minlength=assets).astype(np.float64)
    ordered = _ORDERED.get(term.test)
    if ordered is not None:
        found = ordered([(_sign(low, limit.number), _sign(high, limit.number)) for limit in term.limits])
    else:
        found = _counted_one_by_one(term, low, high)
    return np.where(items > 0, found, UNSAID).astype(np.int8)


def _counted_one_by_one(term: Counted, low: Floats, high: Floats) -> Verdicts:
    limits = [limit.number for limit in term.limits]
    pairs, places = np.unique(np.stack([low, high]), axis=1, return_inverse=True)
    values = [Value("count", int(a), int(a), int(b)) for a, b in pairs.T]
    each = [WORST[verdict_of(TESTS[term.test], FACTS["memory.slots"], value, limits)] for value in values]
    return np.array(each, dtype=np.int8)[places.reshape(-1)]


def _same(term: Same, rows: _Rows) -> Verdicts:
    kind = FACTS[term.fact]
    table = rows.office.items(term.group)
    assets = rows.office.assets
    column, present = table.column(kind.name), _present(table)
    told = present & (column.codes != UNTOLD)
    owner, codes = table.owner[told], column.codes[told]
    if not len(owner):
        return np.full(assets, UNSAID, dtype=np.int8)
    shown: dict[str, int] = {}
    said = np.array([shown.setdefault(say(kind, clusters[0]), len(shown)) for clusters in column.distinct])
    torn = np.array([len(clusters) > 1 for clusters in column.distinct])
    low, high = np.full(assets, len(shown)), np.full(assets, -1)
    np.minimum.at(low, owner, said[codes])
    np.maximum.at(high, owner, said[codes])
    count = np.bincount(owner, minlength=assets)
    items = np.bincount(table.owner[present], minlength=assets)
    disputed = np.bincount(owner, weights=torn[codes], minlength=assets) > 0
    return np.select([count == 0, disputed, low != high, count < items], [UNSAID, DISPUTED, NO, UNSAID], YES).astype(
        np.int8
    )
