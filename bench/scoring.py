"""Readings held against a truth: how many facts were found, how many readings nothing bears out.

A reading is right when fact and value are those of a truth on its line or the next; wrong when no truth of the report
has its fact and value. Only readings of confidence one half and more count.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from typing import Any

from yes_tally.core.reading.as_json import value_as_json
from yes_tally.core.reading.reader import Reading, read

MIN_CONFIDENCE = 0.5
Truth = Mapping[str, Any]


@dataclass
class Score:
    """Counts over some reports; ``missed`` and ``invented`` say which facts."""

    expected: int = 0
    found: int = 0
    readings: int = 0
    wrong: int = 0
    pairs: int = 0
    together: int = 0
    failures: int = 0
    failures_found: int = 0
    missed: Counter[str] = field(default_factory=Counter)
    invented: Counter[str] = field(default_factory=Counter)
    shapes: Counter[str] = field(default_factory=Counter)

    def add(self, data: bytes, truth: Truth) -> None:
        """Read a report and hold it against its truth."""
        report = read(data)
        readings = [r for r in report.readings if r.confidence >= MIN_CONFIDENCE]
        expected, also = truth["expect"], truth["also_ok"]
        by_fact: dict[str, list[tuple[int, Reading]]] = {}
        for index, reading in enumerate(readings):
            by_fact.setdefault(reading.fact, []).append((index, reading))
        used: set[int] = set()
        items: list[tuple[str, str, str | None]] = []
        for row in expected:
            near = [
                (index, reading)
                for index, reading in by_fact.get(row["fact"], ())
                if index not in used and abs(reading.line - row["line"]) <= 1 and same(row["value"], reading)
            ]
            if near:
                used.add(near[0][0])
                self.found += 1
                if row.get("item"):
                    items.append((row["fact"].partition(".")[0], row["item"], near[0][1].item))
            else:
                self.missed[row["fact"]] += 1
        for index, reading in enumerate(readings):
            told = index in used or any(
                row["fact"] == reading.fact and same(row["value"], reading) for row in (*expected, *also)
            )
            if not told and reading.value.value != "never":
                self.wrong += 1
                self.invented[reading.fact] += 1
        self.shapes.update(reading.shape for reading in readings if reading.shape != "prompt")
        self.expected += len(expected)
        self.readings += len(readings)
        self._pair(items)
        failed = [(s.first_line, s.last_line) for s in report.sections if s.failure]
        self.failures += len(truth["failures"])
        self.failures_found += sum(any(a - 1 <= n <= b + 1 for a, b in failed) for n in truth["failures"])

    def _pair(self, items: Sequence[tuple[str, str, str | None]]) -> None:
        """Two readings of one group: of one item in the truth exactly when in the reading."""
        for place, (group, item, read_item) in enumerate(items):
            for other_group, other, read_other in items[place + 1 : place + 60]:
                if group == other_group:
                    self.pairs += 1
                    self.together += (item == other) == (read_item == read_other)

    def count(self, other: Score) -> None:
        """Add another score's numbers to this one's."""
        self.shapes.update(other.shapes)
        for name in ("expected", "found", "readings", "wrong", "pairs", "together", "failures", "failures_found"):
            setattr(self, name, getattr(self, name) + getattr(other, name))

    @property
    def found_share(self) -> float:
        return self.found / max(1, self.expected)

    @property
    def wrong_share(self) -> float:
        return self.wrong / max(1, self.readings)


def same(value: Any, reading: Reading) -> bool:
    """Whether a reading's value is the truth's: within its range, or within six in a thousand; texts but for case."""
    got = value_as_json(reading.value)
    if isinstance(value, bool) or isinstance(got["value"], bool):
        return value is got["value"]
    if isinstance(value, (int, float)):
        low, high = got.get("low"), got.get("high")
        if isinstance(low, (int, float)) and isinstance(high, (int, float)) and low <= value <= high:
            return True
        return isinstance(got["value"], (int, float)) and abs(got["value"] - value) <= max(1e-9, abs(value) * 0.006)
    if isinstance(value, list):
        return sorted(map(_plain, value)) == sorted(
            map(_plain, got["value"] if isinstance(got["value"], (list, tuple)) else [got["value"]])
        )
    text, read_text = _plain(value), _plain(got["value"])
    if re.match(r"\d{4}-\d\d-\d\d", text) and re.match(r"\d{4}-\d\d-\d\d", read_text):
        length = min(len(text), len(read_text), 16)
        return text[:length] == read_text[:length]
    return text == read_text


def _plain(value: Any) -> str:
    return re.sub(r"\s+", " ", str(value)).strip().strip('"').casefold()
