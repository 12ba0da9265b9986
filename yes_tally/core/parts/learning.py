"""Parts that sealed records speak of and the book does not know yet: what those records agree on."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from types import MappingProxyType

from yes_tally.core.parts.book import PROPERTIES, PartKind, PartsBook
from yes_tally.core.parts.writing import NotAPart, part_of

# The fact that names a part of each kind, by which records are looked through.
NAMED_BY: Mapping[PartKind, str] = MappingProxyType({
    "module": "module.part", "processor": "processor.name", "disk": "disk.model", "machine": "machine.model",
})  # fmt: skip
# Read off an item of its own; of a model only the maker and the form are the same for every one of it.
LEARNT: Mapping[PartKind, tuple[str, ...]] = MappingProxyType({
    kind: tuple(name for name, fact in PROPERTIES[kind].items() if fact.partition(".")[0] == NAMED_BY[kind].partition(".")[0])
    for kind in NAMED_BY
})  # fmt: skip


@dataclass(frozen=True, slots=True)
class Met:
    """One part as one PC's record told it: its name, and its facts by name, as they are shown."""

    kind: PartKind
    number: str
    shown: Mapping[str, str]


@dataclass(frozen=True, slots=True)
class Suggestion:
    """An entry that the book lacks: its columns as they would be written, in how many PCs it was met, and what those
    disagree on (left out of the columns)."""

    written: Mapping[str, str]
    met: int
    open: tuple[str, ...]


def suggestions(met: Iterable[Met], book: PartsBook) -> list[Suggestion]:
    """One suggestion for every part that was met and is not in the book, the most frequent first."""
    groups: dict[tuple[PartKind, str], list[Met]] = {}
    for each in met:
        if book.find(each.kind, each.number) is None:
            groups.setdefault((each.kind, each.number.casefold()), []).append(each)
    found = [_suggestion(kind, group) for (kind, _), group in groups.items()]
    return sorted((s for s in found if s), key=lambda s: (-s.met, s.written["kind"], s.written["number"]))


def _suggestion(kind: PartKind, group: list[Met]) -> Suggestion | None:
    written = {"kind": kind, "number": Counter(each.number for each in group).most_common(1)[0][0]}
    apart: list[str] = []
    for name in LEARNT[kind]:
        told = Counter(each.shown[PROPERTIES[kind][name]] for each in group if PROPERTIES[kind][name] in each.shown)
        if len(told) > 1:
            apart.append(name)
        elif told:
            shown = next(iter(told)).removesuffix(" MT/s")
            written[name] = shown if _can_be_written(kind, name, shown) else ""
    written = {name: text for name, text in written.items() if text}
    try:
        part_of(written)
    except NotAPart:
        return None
    return Suggestion(written, len(group), tuple(apart))


def _can_be_written(kind: PartKind, name: str, text: str) -> bool:
    try:
        part_of({"kind": kind, "number": "x", name: text})
    except NotAPart:
        return False
    return True
