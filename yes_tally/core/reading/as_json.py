"""The printed form of what was read: the contract of ``yes-tally read --json``."""

from __future__ import annotations

from typing import Any

from yes_tally.core.quantity import Scalar, Value
from yes_tally.core.reading.reader import Reading, ReadReport


def report_as_json(report: ReadReport, file: str) -> dict[str, Any]:
    """One report of the ``reports`` list, as plain JSON values."""
    return {
        "file": file,
        "sha256": report.sha256,
        "encoding": report.encoding,
        "sections": [
            {"command": s.command, "first_line": s.first_line, "last_line": s.last_line, "failure": s.failure}
            for s in report.sections
        ],
        "readings": [reading_as_json(reading) for reading in report.readings],
        "unread_lines": list(report.unread_lines),
    }


def reading_as_json(reading: Reading) -> dict[str, Any]:
    """One reading as plain JSON values."""
    return {
        "fact": reading.fact,
        "item": reading.item,
        "printed": reading.printed,
        **value_as_json(reading.value),
        "line": reading.line,
        "column": reading.column,
        "shape": reading.shape,
        "label": reading.label,
        "confidence": reading.confidence,
    }


def value_as_json(value: Value) -> dict[str, Any]:
    """``value``, ``low`` and ``high``; readings in doubt as ``others`` where there are any."""
    plain: dict[str, Any] = {"value": _plain(value.value), "low": _plain(value.low), "high": _plain(value.high)}
    if value.others:
        plain["others"] = [
            {"value": _plain(o.value), "low": _plain(o.low), "high": _plain(o.high)} for o in value.others
        ]
    return plain


def _plain(scalar: Scalar) -> Any:
    return list(scalar) if isinstance(scalar, tuple) else scalar
