"""Fill what 0005 made room for from the sealed records: each fact's values, and every asset's traces."""

from __future__ import annotations

import json
import sqlite3
from typing import Any

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Value
from yes_tally.core.settling.as_json import fact_told, told_as_json
from yes_tally.core.settling.facts import Cluster, FactBook
from yes_tally.core.settling.identity import comparable_id
from yes_tally.core.settling.traces import traces

_OF_THE_ASSET = ("tag", "host", "serial", "uuid")
_INSERT = (
    "INSERT INTO asset_trace (kind, trace, asset_id, shown, at, still) VALUES (?, ?, ?, ?, ?, 1)"
    " ON CONFLICT (kind, trace, asset_id) DO UPDATE SET at = excluded.at, still = 1"
)


def run(connection: sqlite3.Connection) -> None:
    """One pass over the records, the earliest visit first; called inside a transaction."""
    _assets(connection)
    rows = connection.execute(
        "SELECT r.visit_id, r.asset_id, v.taken_at, r.body FROM record r JOIN visit v ON v.id = r.visit_id"
        " ORDER BY v.taken_at, v.id"
    )
    for visit, asset, taken_at, body in rows.fetchall():
        told = {(f["name"], f["item"]): _told(f) for f in json.loads(body)["facts"] if f["name"] in FACTS}
        connection.executemany(
            "UPDATE visit_fact SET told = ? WHERE visit_id = ? AND name = ? AND item IS ?",
            [(text, visit, name, item) for (name, item), text in told.items()],
        )
        book = FactBook(fact_told(name, item, text, "") for (name, item), text in told.items())
        found = traces(book)
        for kind in {trace.kind for trace in found}:
            connection.execute("UPDATE asset_trace SET still = 0 WHERE asset_id = ? AND kind = ?", (asset, kind))
        connection.executemany(_INSERT, [(t.kind, t.id, asset, t.shown, taken_at) for t in found])


def _assets(connection: sqlite3.Connection) -> None:
    columns = ", ".join(_OF_THE_ASSET)
    for asset, macs, *told in connection.execute(f"SELECT id, macs, {columns} FROM asset").fetchall():
        ids = [*zip(_OF_THE_ASSET, told, strict=True), *(("mac", mac) for mac in json.loads(macs))]
        rows = [(kind, comparable_id(kind, shown), asset, shown, "") for kind, shown in ids if shown]
        connection.executemany(_INSERT, rows)


def _told(fact: dict[str, Any]) -> str:
    kind = FACTS[fact["name"]].kind
    return told_as_json(
        Cluster(_value(kind, value, tuple(_value(kind, other, ()) for other in value.get("others", ()))), ())
        for value in fact["values"]
    )


def _value(kind: Any, told: dict[str, Any], others: tuple[Value, ...]) -> Value:
    value, low, high = (tuple(v) if isinstance(v, list) else v for v in (told["value"], told["low"], told["high"]))
    return Value(kind, value, low, high, others)
