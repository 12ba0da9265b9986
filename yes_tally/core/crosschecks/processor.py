"""Processors: counts against each other, and against what the parts book says of the name."""

from __future__ import annotations

from collections.abc import Iterable

from yes_tally.core.crosschecks.finding import Seen, range_of, shown, sure, text_of
from yes_tally.core.parts.book import PartsBook
from yes_tally.core.settling.facts import FactBook

_MOST_THREADS_A_CORE = 8
# A rated clock is printed rounded, or read while it varies a little.
_CLOCK_SLACK = 0.05


def cores_and_threads(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for fields in book.items("processor").values():
        cores, threads = fields.get("cores"), fields.get("threads")
        told, lines = range_of(cores), range_of(threads)
        if not (cores and threads and told and lines):
            continue
        if lines[1] < told[0]:
            yield f"{shown(threads)} threads on {shown(cores)} cores: every core has one at least", (threads, cores)
        elif lines[0] > told[1] * _MOST_THREADS_A_CORE:
            yield f"{shown(threads)} threads are too many for {shown(cores)} cores", (threads, cores)


def processor_as_in_book(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for fields in book.items("processor").values():
        named = sure(fields.get("name"))
        part = parts.find("processor", text_of(named)) if named else None
        for name in ("cores", "threads", "clock", "max_clock", "architecture") if part and named else ():
            fact = sure(fields.get(name))
            if part is None or named is None or fact is None or fact.derived or name not in part.says:
                continue
            known, told = part.says[name].value, range_of(fact)
            if told is None or not isinstance(known, (int, float)):
                same = fact.value.value == known
            else:
                slack = _CLOCK_SLACK * known if "clock" in name else 0
                same = told[0] - slack <= known <= told[1] + slack
            if not same:
                says = f"a {part.number} has {name.replace('_', ' ')} {part.printed[name]}"
                yield f"{name.replace('_', ' ')} {shown(fact)} is told, but {says}", (fact, named), says


def system_and_processor(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    system = sure(book.single("os.architecture"))
    for fields in book.items("processor").values():
        own = sure(fields.get("architecture"))
        if system and own and (text_of(own), text_of(system)) in _CANNOT_RUN:
            says = f"the system is built for {shown(system)}, but the processor is {shown(own)}"
            yield says, (system, own)


# The processor's architecture, and a system's that it cannot run.
_CANNOT_RUN = frozenset(
    {("x86", "x86-64"), ("x86", "arm64"), ("x86-64", "arm64"), ("arm64", "x86"), ("arm64", "x86-64")}
)
