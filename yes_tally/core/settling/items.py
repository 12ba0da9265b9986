"""Which item is which: the same module, disk or adapter in several reports.

Items are joined by their keys; where keys are missing, by the assignment with the least total disagreement. Two items
that one section tells apart are never joined.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field

from scipy.optimize import linear_sum_assignment

from yes_tally.core.catalogue import FACTS, KEYS
from yes_tally.core.settling.agree import meet
from yes_tally.core.settling.facts import Sighting
from yes_tally.core.words import key_text

_IMPOSSIBLE = 1e6
_WORST_FIT = 0.5
_MOST_ASSIGNED = 200


@dataclass(slots=True)
class JoinedItem:
    """The sightings of one item, by fact, and the sections that spoke of it."""

    group: str
    sightings: dict[str, list[Sighting]] = field(default_factory=dict)
    places: set[tuple[str, int]] = field(default_factory=set)

    def add(self, sighting: Sighting) -> None:
        self.sightings.setdefault(sighting.reading.fact, []).append(sighting)
        self.places.add((sighting.report, sighting.reading.section))

    def take(self, other: JoinedItem) -> None:
        for sightings in other.sightings.values():
            for sighting in sightings:
                self.add(sighting)

    def keys(self) -> dict[str, str]:
        return {
            key.name: key_text(key.name, str(self.sightings[key.name][0].reading.value.value))
            for key in KEYS[self.group]
            if key.name in self.sightings
        }


def join_items(sightings: Iterable[Sighting]) -> list[JoinedItem]:
    """All items of a visit, joined over its reports, in the order they were first met."""
    parts: dict[tuple[str, str, int], JoinedItem] = {}
    for sighting in sightings:
        reading = sighting.reading
        if reading.item is None:
            continue
        group = reading.fact.partition(".")[0]
        part = parts.setdefault((sighting.report, reading.item, reading.section), JoinedItem(group))
        part.add(sighting)
    joined: dict[str, list[JoinedItem]] = {}
    by_section: dict[tuple[str, str, int], list[JoinedItem]] = {}
    for (report, _, section), part in parts.items():
        by_section.setdefault((part.group, report, section), []).append(part)
    for (group, _, _), items in by_section.items():
        _join(joined.setdefault(group, []), items)
    return [item for items in joined.values() for item in items]


def _join(known: list[JoinedItem], new: Sequence[JoinedItem]) -> None:
    index: dict[tuple[str, str], int] = {}
    for place, item in enumerate(known):
        for key in item.keys().items():
            index.setdefault(key, place)
    left: list[JoinedItem] = []
    taken: set[int] = set()
    for part in new:
        found = _by_key(part, index, known)
        if found is None or found in taken:
            left.append(part)
        else:
            taken.add(found)
            known[found].take(part)
    free = [place for place in range(len(known)) if place not in taken]
    pairs = _assign([known[place] for place in free], left)
    for number, part in enumerate(left):
        if number in pairs:
            known[free[pairs[number]]].take(part)
        else:
            known.append(part)


def _by_key(part: JoinedItem, index: dict[tuple[str, str], int], known: Sequence[JoinedItem]) -> int | None:
    keys = part.keys()
    for key in keys.items():
        place = index.get(key)
        if place is not None and not _contradicts(known[place].keys(), keys):
            return place
    return None


def _contradicts(a: dict[str, str], b: dict[str, str]) -> bool:
    return any(b[key] != value for key, value in a.items() if key in b)


def _assign(known: Sequence[JoinedItem], new: Sequence[JoinedItem]) -> dict[int, int]:
    """Which of ``known`` each of ``new`` is (by index), where the fit is good enough."""
    if not known or not new or len(known) * len(new) > _MOST_ASSIGNED**2:
        return {}
    alone = len(known) == len(new) == 1
    costs = [[_disagreement(old, part, alone) for old in known] for part in new]
    rows, columns = linear_sum_assignment(costs)
    return {int(r): int(c) for r, c in zip(rows, columns, strict=True) if costs[r][c] < _WORST_FIT}


def _disagreement(a: JoinedItem, b: JoinedItem, alone: bool) -> float:
    if a.places & b.places or _contradicts(a.keys(), b.keys()):
        return _IMPOSSIBLE
    shared = [name for name in a.sightings if name in b.sightings]
    if not shared:
        return 0.3 if alone else 0.6
    apart = sum(
        meet(FACTS[name], a.sightings[name][0].reading.value, b.sightings[name][0].reading.value) is None
        for name in shared
    )
    return apart / len(shared)
