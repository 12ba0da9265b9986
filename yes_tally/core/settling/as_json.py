"""The values of a fact as a short JSON text, and back: what a fact was settled to, without its witnesses' words.

A list of clusters, the likeliest first; a cluster is a list of readings, the meant one first; a reading is ``[value]``
where it is exact, else ``[value, low, high]``.
"""

from __future__ import annotations

import json
from collections.abc import Iterable
from typing import Any

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Scalar, Value
from yes_tally.core.settling.facts import Cluster, Fact, Witness


def told_as_json(clusters: Iterable[Cluster]) -> str:
    """The values of some clusters."""
    return json.dumps(
        [[_reading(reading) for reading in cluster.value.readings()] for cluster in clusters],
        ensure_ascii=False, separators=(",", ":"),
    )  # fmt: skip


def _reading(value: Value) -> list[Any]:
    return [value.value] if value.low == value.high == value.value else [value.value, value.low, value.high]


def values_told(name: str, told: str) -> tuple[Value, ...]:
    """The values of a fact's clusters, the likeliest first."""
    kind = FACTS[name].kind
    found = []
    for readings in json.loads(told):
        first, *others = [_value(kind, *map(_scalar, reading)) for reading in readings]
        found.append(Value(kind, first.value, first.low, first.high, tuple(others)))
    return tuple(found)


def _value(kind: Any, value: Scalar, low: Scalar | None = None, high: Scalar | None = None) -> Value:
    return Value(kind, value, value if low is None else low, value if high is None else high)


def _scalar(value: Any) -> Scalar:
    return tuple(value) if isinstance(value, list) else value


def fact_told(name: str, item: str | None, told: str, shown: str) -> Fact:
    """A fact as a sealed visit told it; its one witness a cluster is the sealed record itself."""
    clusters = tuple(
        Cluster(value, (Witness(f"the record, {place}", shown, value, "", 0, 0, 1.0),))
        for place, value in enumerate(values_told(name, told), 1)
    )
    return Fact(name, item, clusters)
