"""The office's latest sealed facts, side by side and in memory: loaded a group at a time when a question needs it, and
brought up to date by the visits sealed since."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from datetime import datetime
from threading import Lock

import numpy as np

from yes_tally.core.catalogue import FACTS, FIELDS, ITEMS
from yes_tally.core.expecting.applies import KEYS, allowed
from yes_tally.core.expecting.columnar import verdicts
from yes_tally.core.expecting.columns import UNTOLD, Clusters, Column, Flags, Ints, Office, Table
from yes_tally.core.expecting.terms import Spec
from yes_tally.core.quantity import exactly
from yes_tally.core.settling.as_json import values_told
from yes_tally.core.words import plain
from yes_tally.records.specs import current_specs
from yes_tally.records.store import database, now

_FEW = 100_000
_LARGE = 500
_AT_ONCE = 900  # SQLite's limit of variables in one statement is 999 at least
_LATEST = "SELECT asset_id, id, MAX(taken_at) FROM visit WHERE state = 'sealed' GROUP BY asset_id ORDER BY asset_id"
_PLACES = f"SELECT id, {', '.join(KEYS)} FROM asset"


_Rows = dict[int, dict[str | None, dict[str, int]]]
"""What one group's facts say: visit to item to fact to the code of what is told."""


@dataclass
class _Cache:
    """What was loaded from one store; ``told`` and ``distinct`` by group and by fact."""

    store: str = ""
    told: dict[str, _Rows] = field(default_factory=dict)
    distinct: dict[str, dict[str, int]] = field(default_factory=dict)
    values: dict[str, list[Clusters]] = field(default_factory=dict)
    version: int = 0
    tables: dict[tuple[str, int], Table] = field(default_factory=dict)


_cache = _Cache()
_lock = Lock()


@dataclass(frozen=True)
class OfficeNow:
    """The office as its latest sealed visits tell it: the assets' ids by row, and their facts in columns."""

    ids: Ints
    at: datetime
    office: Office
    places: Mapping[str, tuple[str, ...]]

    def meant(self, spec: Spec) -> Flags:
        """Which assets a spec is for."""
        mask = np.ones(len(self.ids), dtype=bool)
        for key, words in allowed(spec).items():
            fits = {text: plain(text) in words for text in set(self.places[key])}
            mask &= np.array([fits[text] for text in self.places[key]], dtype=bool)
        return mask


def office_now() -> OfficeNow:
    """The office's latest sealed facts, as of now."""
    rows = database.execute_sql(_LATEST).fetchall()
    visits = tuple(row[1] for row in rows)
    by_id = {row[0]: row[1:] for row in database.execute_sql(_PLACES).fetchall()}
    places = zip(*(by_id[row[0]] for row in rows), strict=True) if rows else ((),) * len(KEYS)
    at = datetime.fromisoformat(now().rstrip("Z"))
    version = hash(visits)
    with _lock:
        _follow(str(database.database), version)
    ages = [max(0.0, (at - datetime.fromisoformat(row[2].rstrip("Z"))).total_seconds()) for row in rows]
    office = Office(
        len(rows),
        lambda fact: (
            _visit_fact(fact, ages, visits) if fact.startswith("visit.") else _table(fact, visits, version).column(fact)
        ),
        lambda group: _table(group, visits, version),
    )
    ids = np.array([row[0] for row in rows], dtype=np.int64)
    return OfficeNow(ids, at, office, dict(zip(KEYS, places, strict=True)))


def warm() -> None:
    """Load what the current specs ask of a large office, so that the first who looks at one does not wait for it."""
    office = office_now()
    if office.office.assets < _LARGE:
        return
    for published in current_specs():
        for expectation in published.spec.expectations:
            verdicts(expectation.term, office.office, office.at)


def _follow(store: str, version: int) -> None:
    if _cache.store != store:
        _cache.__dict__.update(_Cache(store=store).__dict__)
    if _cache.version != version:
        _cache.version = version
        _cache.tables.clear()


def _table(name: str, visits: tuple[int, ...], version: int) -> Table:
    group = name.partition(".")[0]
    with _lock:
        table = _cache.tables.get((group, version))
        if table is None:
            _forget_if_old(group)
            _load(group, visits)
            table = _cache.tables[group, version] = _side_by_side(group, visits)
        return table


def _forget_if_old(group: str) -> None:
    """Values that no latest visit tells any more are kept until they are most of what is kept."""
    names = [fact.name for fact in FIELDS[group]]
    kept = sum(len(_cache.values.get(name, ())) for name in names)
    told = _cache.told.get(group)
    used = sum(len(fields) for items in told.values() for fields in items.values()) if told else 0
    if kept > 4 * used + _FEW:
        del _cache.told[group]
        for name in names:
            _cache.distinct.pop(name, None)
            _cache.values.pop(name, None)


def _load(group: str, visits: tuple[int, ...]) -> None:
    """Read what is not in memory yet of a group; forget the visits that are no longer the latest."""
    told = _cache.told.setdefault(group, {})
    current = set(visits)
    for visit in [visit for visit in told if visit not in current]:
        del told[visit]
    missing = [visit for visit in visits if visit not in told]
    told.update({visit: {} for visit in missing})
    names = [fact.name for fact in FIELDS[group]]
    for name, visit, item, text in _rows(names, missing):
        codes = _cache.distinct.setdefault(name, {})
        code = codes.get(text)
        if code is None:
            code = codes[text] = len(codes)
            _cache.values.setdefault(name, []).append(values_told(name, text))
        told[visit].setdefault(item, {})[name] = code


def _rows(names: list[str], missing: list[int]) -> Iterable[tuple[str, int, str | None, str]]:
    marks = ", ".join("?" * len(names))
    sql = f"SELECT name, visit_id, item, told FROM visit_fact WHERE name IN ({marks})"
    if len(missing) > _AT_ONCE:
        wanted = set(missing)
        yield from (row for row in database.execute_sql(sql, names) if row[1] in wanted)
        return
    if missing:
        these = ", ".join("?" * len(missing))
        yield from database.execute_sql(f"{sql} AND visit_id IN ({these})", [*names, *missing])


def _side_by_side(group: str, visits: tuple[int, ...]) -> Table:
    rows = _cache.told[group]
    if group in ITEMS:
        placed = [(owner, fields) for owner, visit in enumerate(visits) for fields in rows[visit].values()]
        own = np.array([owner for owner, _ in placed], dtype=np.int64)
    else:
        placed = [(owner, rows[visit].get(None, {})) for owner, visit in enumerate(visits)]
        own = np.arange(len(visits))
    columns = {}
    for name in (fact.name for fact in FIELDS[group]):
        codes = np.array([fields.get(name, UNTOLD) for _, fields in placed], dtype=np.int64)
        columns[name] = Column(codes, list(_cache.values.get(name, ())))
    return Table(group, own, columns)


def _visit_fact(fact: str, ages: list[float], visits: tuple[int, ...]) -> Column:
    """A fact of the visit itself, which nothing printed: how old it is now, or how many reports it has."""
    kind = FACTS[fact].kind
    told: list[float] = list(ages)
    if fact == "visit.reports":
        counts = dict(database.execute_sql("SELECT visit_id, COUNT(*) FROM visit_report GROUP BY visit_id").fetchall())
        told = [counts.get(visit, 0) for visit in visits]
    distinct: dict[float, int] = {}
    codes = np.array([distinct.setdefault(value, len(distinct)) for value in told], dtype=np.int64)
    return Column(codes, [(exactly(kind, value),) for value in distinct])
