"""Facts that follow from other facts (02-facts, derived facts), each one small function in a list."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable

from yes_tally.core.quantity import Value, exactly
from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Witness
from yes_tally.core.words import plain

GIB = 2**30
ADDED_UP = "modules added up"
# What one to four modules of a size that is sold add up to, up to 2 TiB.
_FITTINGS = sorted({n * 2**p * GIB // 2 for p in range(12) for n in (1, 2, 3, 4)})
# Words that name an edition at the end of a system's full name.
EDITION_WORDS = frozenset(
    "home pro professional desk enterprise studio education server workstation basic standard core ultimate "
    "business desktop starter embedded datacenter essentials team lts".split()
)


def installed_from_modules(book: FactBook) -> Iterable[Fact]:
    """``memory.installed``: the sum of the modules' sizes, where every fitted module told its size."""
    sizes = [fields["size"] for fields in book.items("module").values() if "size" in fields]
    fitted = [fact for fact in sizes if _number(fact.value)]
    unsized = [f for f in book.items("module").values() if "size" not in f and ("part" in f or "serial" in f)]
    if not fitted or unsized or any(fact.disputed for fact in fitted):
        return
    total = sum(int(_number(fact.value)) for fact in fitted)
    first = fitted[0].witnesses[0]
    witness = Witness(
        f"{first.source}: {ADDED_UP}", " + ".join(f.witnesses[0].printed for f in fitted),
        exactly("size", total), first.report, first.line, first.column, 0.95,
    )  # fmt: skip
    yield Fact("memory.installed", None, (Cluster(witness.value, (witness,)),), derived=True)


def installed_from_usable(book: FactBook) -> Iterable[Fact]:
    """``memory.installed`` from what the system sees: the smallest plausible fitting that holds it, as an estimate."""
    usable = book.single("memory.usable")
    if usable is None or book.single("memory.installed") is not None:
        return
    seen = float(_number(usable.value))
    fitting = next((size for size in _FITTINGS if size >= seen), None)
    if fitting is None or seen < 0.8 * fitting:
        return
    yield _from("memory.installed", None, exactly("size", fitting), usable, estimated=True)


def free_slots(book: FactBook) -> Iterable[Fact]:
    """``memory.free_slots``: sockets less fitted modules."""
    modules = book.items("module").values()
    fitted = [fields["size"] for fields in modules if "size" in fields and _number(fields["size"].value)]
    slots = book.single("memory.slots")
    if fitted and slots and not slots.disputed and _number(slots.value) >= len(fitted):
        yield _from("memory.free_slots", None, exactly("count", int(_number(slots.value)) - len(fitted)), slots)


def matched_modules(book: FactBook) -> Iterable[Fact]:
    """``memory.matched``: whether all modules have one type, size and speed; ``memory.running_speed``: the slowest's."""
    modules = [fields for fields in book.items("module").values() if "size" in fields and _number(fields["size"].value)]
    if len(modules) > 1:
        told = [
            [fields[name].value.value if name in fields else None for fields in modules]
            for name in ("size", "type", "speed")
        ]
        if all(value is not None for values in (told[0], told[2]) for value in values):
            alike = all(len(set(values) - {None}) <= 1 for values in told)
            yield _from("memory.matched", None, exactly("flag", alike), modules[0]["size"])
    speeds = [f.get("running_speed") or f.get("speed") for f in modules]
    known = [fact for fact in speeds if fact is not None]
    if known and len(known) == len(modules) and book.single("memory.running_speed") is None:
        slowest = min(known, key=lambda fact: _number(fact.value))
        yield _from("memory.running_speed", None, slowest.value, slowest)


def free_share(book: FactBook) -> Iterable[Fact]:
    """``volume.free_share``: free space against size, as a range."""
    for item, fields in book.items("volume").items():
        size, free = fields.get("size"), fields.get("free")
        if not size or not free or size.disputed or free.disputed or not _number(size.value):
            continue
        # Both were printed by one tool in one way of counting, so the doubt about 1000 or 1024 falls out.
        low = float(free.value.low) / float(size.value.high)  # type: ignore[arg-type]
        high = float(free.value.high) / max(1.0, float(size.value.low))  # type: ignore[arg-type]
        share = float(_number(free.value)) / float(_number(size.value))
        value = Value("share", round(min(share, 1.0), 6), round(min(low, 1.0), 6), round(min(high, 1.0), 6))
        yield _from("volume.free_share", item, value, free)


def edition_from_name(book: FactBook) -> Iterable[Fact]:
    """``os.edition`` from a system's full name, by edition words."""
    name = book.single("os.name")
    if name is None or book.single("os.edition") is not None:
        return
    words = str(name.value.value).split()
    tail: list[str] = []
    for word in reversed(words):
        if plain(word.strip("()")) not in EDITION_WORDS:
            break
        tail.insert(0, word.strip("()"))
    if tail and len(tail) < len(words):
        yield _from("os.edition", None, exactly("text", " ".join(tail)), name)


def permanent_from_expiry(book: FactBook) -> Iterable[Fact]:
    """``licence.permanent``: a licence that never expires is for good; one with a date is not."""
    expires = book.single("licence.expires_at")
    if expires and not expires.disputed and book.single("licence.permanent") is None:
        yield _from("licence.permanent", None, exactly("flag", expires.value.value == "never"), expires)


def _from(name: str, item: str | None, value: Value, source: Fact, *, estimated: bool = False) -> Fact:
    first = source.witnesses[0]
    witness = Witness(first.source, first.printed, value, first.report, first.line, first.column, first.confidence)
    return Fact(name, item, (Cluster(value, (witness,)),), derived=True, estimated=estimated)


def _number(value: Value) -> float:
    return float(value.value) if isinstance(value.value, (int, float)) else math.nan


Derivation = Callable[[FactBook], Iterable[Fact]]

# In order: a later one may use what an earlier one found.
WITNESSING: tuple[Derivation, ...] = (installed_from_modules,)
DERIVATIONS: tuple[Derivation, ...] = (
    installed_from_usable, free_slots, matched_modules, free_share, edition_from_name, permanent_from_expiry,
)  # fmt: skip
