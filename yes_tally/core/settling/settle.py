"""Readings to facts: witnesses by source, clusters by agreement, the narrowest value they share."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from yes_tally.core.catalogue import FACTS, KEYS, FactKind
from yes_tally.core.parts.book import EMPTY, PartsBook
from yes_tally.core.quantity import Value
from yes_tally.core.reading.reader import ReadReport
from yes_tally.core.settling.agree import meet
from yes_tally.core.settling.by_parts import BY_PARTS
from yes_tally.core.settling.derive import DERIVATIONS, WITNESSING
from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Ruling, Sighting, Witness
from yes_tally.core.settling.items import JoinedItem, join_items
from yes_tally.core.settling.rulings import with_rulings

MIN_CONFIDENCE = 0.5


def sightings_of(report: ReadReport) -> list[Sighting]:
    """A report's readings with their sources: the section's command, else the report itself."""
    return [
        Sighting(reading, report.sha256, _source(report, reading.section))
        for reading in report.readings
        if reading.confidence >= MIN_CONFIDENCE
    ]


def _source(report: ReadReport, section: int) -> str:
    return report.sections[section].command or f"report {report.sha256[:8]}"


def settle(reports: Sequence[ReadReport], parts: PartsBook = EMPTY, rulings: Iterable[Ruling] = ()) -> FactBook:
    """The facts of one visit's reports, with what the parts book knows of the parts that they name, and what people
    ruled on disputes."""
    sightings = [sighting for report in reports for sighting in sightings_of(report)]
    singles: dict[str, list[Sighting]] = {}
    for sighting in sightings:
        if sighting.reading.item is None:
            singles.setdefault(sighting.reading.fact, []).append(sighting)
    facts = [_fact(name, None, found) for name, found in singles.items()]
    facts += _item_facts(join_items(sightings))
    return _with_derived(_with_witnessing(FactBook(facts)), parts, rulings)


def _with_witnessing(book: FactBook) -> FactBook:
    for derive in WITNESSING:
        for fact in derive(book):
            book = FactBook([*(f for f in book if f.name != fact.name or f.item != fact.item), _joined(book, fact)])
    return book


def _with_derived(book: FactBook, parts: PartsBook, rulings: Iterable[Ruling]) -> FactBook:
    book = with_rulings(book, rulings)
    for derive_by_parts in BY_PARTS:
        book = _with_more(book, derive_by_parts(book, parts))
    for derive in DERIVATIONS:
        book = _with_more(book, derive(book))
    return book


def _with_more(book: FactBook, derived: Iterable[Fact]) -> FactBook:
    """The book with those derived facts that nothing else told."""
    known = {(fact.name, fact.item) for fact in book}
    more = [fact for fact in derived if (fact.name, fact.item) not in known]
    return FactBook([*book, *more]) if more else book


def _joined(book: FactBook, fact: Fact) -> Fact:
    """A derived value beside what reports print of the same fact: one more witness."""
    printed = book.single(fact.name)
    if printed is None:
        return fact
    return Fact(fact.name, None, cluster(FACTS[fact.name], [*printed.witnesses, *fact.witnesses]))


def _item_facts(items: Sequence[JoinedItem]) -> Iterable[Fact]:
    used: dict[str, int] = {}
    for item in items:
        name = _item_name(item, used)
        for fact, found in item.sightings.items():
            yield _fact(fact, name, found)


def _item_name(item: JoinedItem, used: dict[str, int]) -> str:
    told = [
        str(item.sightings[key.name][0].reading.value.value) for key in KEYS[item.group] if key.name in item.sightings
    ]
    name = f"{item.group}:{'/'.join(told) if item.group in _JOINT_KEYS else told[0]}" if told else item.group
    used[name] = used.get(name, 0) + 1
    return name if used[name] == 1 and told else f"{name}#{used[name]}"


_JOINT_KEYS = frozenset({"partition", "connection", "route", "event", "hop", "health_check"})


def _fact(name: str, item: str | None, found: Sequence[Sighting]) -> Fact:
    return Fact(name, item, cluster(FACTS[name], _witnesses(FACTS[name], found)))


def _witnesses(fact: FactKind, found: Sequence[Sighting]) -> list[Witness]:
    """One witness a source, however often it repeats itself: its surest reading; lists are put together."""
    best: dict[str, Witness] = {}
    for sighting in found:
        reading = sighting.reading
        witness = Witness(
            sighting.source,
            reading.printed,
            reading.value,
            sighting.report,
            reading.line,
            reading.column,
            reading.confidence,
        )
        known = best.get(sighting.source)
        if known is None or (fact.kind != "list" and _better(fact, known, witness)):
            best[sighting.source] = witness
        elif fact.kind == "list":
            best[sighting.source] = _longer(known, witness)
    return list(best.values())


def _better(fact: FactKind, known: Witness, new: Witness) -> bool:
    if new.confidence > known.confidence + 0.02:
        return True
    shared = meet(fact, known.value, new.value)
    return shared is not None and shared.value == new.value.value and shared.value != known.value.value


def _longer(known: Witness, new: Witness) -> Witness:
    if not isinstance(known.value.value, tuple) or not isinstance(new.value.value, tuple):
        return known
    whole = tuple(dict.fromkeys(known.value.value + new.value.value))
    value = Value("list", whole, whole, whole)
    return Witness(known.source, known.printed, value, known.report, known.line, known.column, known.confidence)


def cluster(fact: FactKind, witnesses: Sequence[Witness]) -> tuple[Cluster, ...]:
    """Witnesses that agree, together; the cluster with the most sources first, then the surest."""
    clusters: list[Cluster] = []
    for witness in sorted(witnesses, key=lambda w: (len(w.value.others), not w.value.exact)):
        for place, known in enumerate(clusters):
            shared = meet(fact, known.value, witness.value)
            if shared is not None:
                clusters[place] = Cluster(shared, (*known.witnesses, witness))
                break
        else:
            clusters.append(Cluster(witness.value, (witness,)))
    return tuple(sorted(clusters, key=lambda c: (-len(c.witnesses), -max(w.confidence for w in c.witnesses))))
