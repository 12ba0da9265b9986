"""A large office in a store: what a spec would say of it, and which of it a visit is of, beside hand-written loops."""

from __future__ import annotations

import random
import tempfile
import time
from collections.abc import Iterator
from datetime import timedelta
from pathlib import Path

from bench.checker import NOW, SEED, SPEC, by_hand
from bench.rows import Row, best
from bench.troubles import parts_book, told_of
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.saying import say_fact
from yes_tally.core.settling.as_json import told_as_json
from yes_tally.core.settling.facts import Fact, FactBook
from yes_tally.core.settling.identity import evidence, identify
from yes_tally.core.settling.traces import traces
from yes_tally.records import people
from yes_tally.records.models import AssetTrace
from yes_tally.records.spec_preview import preview
from yes_tally.records.store import database, open_store, using, writing
from yes_tally.records.traces import crossings_of, known_by
from yes_tally.standins.office import office

VISITED = 10_000
ASSETS = 20_000
# What nobody expects anything of is left out of the store; it would not be read for a preview either.
_LEFT_OUT = frozenset({"process", "event", "connection", "task", "policy", "driver", "variable", "hop", "route"})


def _varied(fact: Fact, random_: random.Random) -> str:
    """A fact's told values, a moving number moved a little: no two PCs have the same free space."""
    text = told_as_json(fact.standing)
    value = fact.value.value
    if fact.name in ("volume.free", "memory.available") and isinstance(value, int):
        moved = int(value * random_.uniform(0.2, 1.6))
        return f"[[[{moved},{moved - 500_000},{moved + 500_000}]]]"
    return text


def _fill(books: list[FactBook], assets: int, visited: int) -> None:
    """Assets, their traces, and of the first ``visited`` a sealed visit with its facts, as sealing would leave them."""
    random_ = random.Random(SEED)
    lead = people.add_person("ines", "Ines Calloway", "lead", "lantern-room-7")
    db = database.obj.connection()
    roles = ("counter", "dispatch", "drawing", "accounts")
    at = [(NOW - timedelta(days=n % 200)).strftime("%Y-%m-%dT%H:%M:%SZ") for n in range(200)]

    def facts() -> Iterator[tuple[object, ...]]:
        for n in range(visited):
            for fact in books[n % len(books)]:
                if fact.name.partition(".")[0] not in _LEFT_OUT:
                    shown = say_fact(fact.name, fact.value)
                    yield n + 1, fact.name, fact.item, shown, fact.disputed, _varied(fact, random_)

    db.executemany(
        "INSERT INTO asset (id, tag, host, role, site, created_at) VALUES (?, ?, ?, ?, 'Northquay', ?)",
        ((n + 1, f"LSF-{n + 1:05}", f"nq-{n + 1:05}", roles[n % 4], at[0]) for n in range(assets)),
    )
    db.executemany(
        "INSERT INTO visit (id, asset_id, state, taken_at, opened_by_id) VALUES (?, ?, 'sealed', ?, ?)",
        ((n + 1, n + 1, at[n % 200], lead.id) for n in range(visited)),
    )
    db.executemany(
        "INSERT INTO visit_fact (visit_id, name, item, shown, disputed, told) VALUES (?, ?, ?, ?, ?, ?)", facts()
    )
    kinds = {trace.kind for book in books for trace in traces(book)}
    db.executemany(
        "INSERT INTO asset_trace (kind, trace, asset_id, shown, at, still) VALUES (?, ?, ?, ?, ?, 1)",
        ((kind, f"{kind}-{n}", n + 1, f"{kind}-{n}", at[0]) for n in range(assets) for kind in kinds),
    )


def _by_hand(books: list[FactBook], times: int) -> float:
    """Seconds that a hand-written loop with the same limits takes for many assets, in plain Python."""
    return best(lambda: [by_hand(book) for book in books], 3) * times / len(books)


def rows() -> list[Row]:
    """Preview, one asset, and matching; each beside its floor."""
    parts = parts_book()
    books = [told_of(pc, parts) for pc in office(SEED, NOW)]
    spec = parse_spec(SPEC)
    with tempfile.TemporaryDirectory() as folder:
        open_store(Path(folder) / "office.db")
        with using(), writing():
            _fill(books, ASSETS, VISITED)
        with using():
            started = time.perf_counter()
            preview(SPEC)
            cold = time.perf_counter() - started
            whole = best(lambda: preview(SPEC), 5)
            half = best(lambda: preview("\n".join(SPEC.splitlines()[:16])), 5)
            hand = _by_hand(books, VISITED)
            return [
                Row(
                    f"preview {len(spec.expectations)} expectations, {VISITED} assets", whole * 1000, "ms", hand * 1000
                ),
                Row("the same, the first since the start", cold * 1000, "ms"),
                Row("the same, 15 expectations", half * 1000, "ms"),
                *_matching(books[0]),
            ]


def _matching(book: FactBook) -> list[Row]:
    """Matching a visit against the office; the floor compares it with every asset, one after the other."""
    own = traces(book)[0]
    AssetTrace.insert(
        kind=own.kind, trace=own.id, asset=77, shown=own.shown, at="2026-01-01T00:00:00Z", still=True
    ).execute()
    said = evidence(book)
    everyone = {
        n: {"serial": {f"serial-{n}"}, "uuid": {f"uuid-{n}"}, "mac": {f"mac-{n}"}, "host": {f"nq-{n:05}"}}
        for n in range(ASSETS)
    }
    floor = best(
        lambda: [n for n, known in everyone.items() if any(known[k] & said.get(k, frozenset()) for k in known)], 3
    )
    indexed = best(lambda: (identify(book, known_by(said)), crossings_of(book, None)), 7)
    return [Row(f"match a visit against {ASSETS} assets", indexed * 1000, "ms", floor * 1000)]
