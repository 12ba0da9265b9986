"""Facts that follow from what the parts book knows of a part a report named (02-facts, derived facts)."""

from __future__ import annotations

from collections.abc import Iterable

from yes_tally.core.parts.book import PROPERTIES, Part, PartKind, PartsBook
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Witness

SOURCE = "the parts book"

# What is filled in where no report said it. A size or a clock is left to the PC: it must say those itself.
_FILLED: dict[PartKind, tuple[str, ...]] = {
    "module": ("type", "form", "pins", "speed"),
    "processor": ("generation", "cores", "threads", "architecture"),
    "disk": ("media",),
    "machine": ("limit", "form"),
}
_NAMED_BY = {"module": "part", "processor": "name", "disk": "model"}

# Contacts of a module by its type and form: JEDEC MO-206 and MO-224 (DDR, DDR2), MO-269 and MO-268 (DDR3), MO-309 and
# MO-310 (DDR4), MO-329 and MO-337 (DDR5).
PINS = {
    ("DDR", "dimm"): 184, ("DDR", "so-dimm"): 200, ("DDR2", "dimm"): 240, ("DDR2", "so-dimm"): 200,
    ("DDR3", "dimm"): 240, ("DDR3", "so-dimm"): 204, ("DDR4", "dimm"): 288, ("DDR4", "so-dimm"): 260,
    ("DDR5", "dimm"): 288, ("DDR5", "so-dimm"): 262,
}  # fmt: skip

# MT/s that each type has, slowest and fastest: JEDEC JESD79F, JESD79-2F, JESD79-3F, JESD79-4D, JESD79-5C; the fastest
# with what is sold beyond the standard.
SPEEDS = {
    "DDR": (200, 600), "DDR2": (400, 1250), "DDR3": (800, 2933), "DDR4": (1600, 5333), "DDR5": (3200, 10000),
    "LPDDR2": (200, 1066), "LPDDR3": (800, 2133), "LPDDR4": (1600, 4267), "LPDDR5": (3200, 10667),
}  # fmt: skip
# By the standards alone, and only what is fitted as a module: for telling a type from a speed.
_STANDARD = {"DDR": (200, 400), "DDR2": (400, 1066), "DDR3": (800, 2133), "DDR4": (1600, 3200), "DDR5": (3200, 8800)}


def part_in(parts: PartsBook, kind: PartKind, fields: dict[str, Fact]) -> Part | None:
    """The part that an item's naming field speaks of; none where witnesses disagree on the name."""
    named = fields.get(_NAMED_BY[kind])
    return parts.find(kind, str(named.value.value)) if named and not named.disputed else None


def model_of(parts: PartsBook, book: FactBook) -> Part | None:
    """The PC model that the book knows."""
    model = book.single("machine.model")
    return parts.find("machine", str(model.value.value)) if model and not model.disputed else None


def from_parts(book: FactBook, parts: PartsBook) -> Iterable[Fact]:
    """What the parts book says of the modules, processors, disks and the model, where no report did."""
    for kind, named in _NAMED_BY.items():
        for item, fields in book.items(kind).items():
            part = part_in(parts, kind, dict(fields))  # type: ignore[arg-type]
            if part is not None:
                yield from _filled(part, fields[named], item, {f"{kind}.{field}" for field in fields})
    model = model_of(parts, book)
    if model is not None:
        told = {name for name in ("machine.limit", "machine.form") if book.single(name)}
        yield from _filled(model, book.single("machine.model"), None, told)  # type: ignore[arg-type]


def _filled(part: Part, named: Fact, item: str | None, told: set[str]) -> Iterable[Fact]:
    for name in _FILLED[part.kind]:
        fact = PROPERTIES[part.kind][name]
        if name in part.says and fact not in told:
            yield _said(fact, item, part.says[name], named, f"{part.number}: {part.printed[name]}")


def _said(fact: str, item: str | None, value: Value, named: Fact, printed: str) -> Fact:
    first = named.witnesses[0]
    witness = Witness(SOURCE, printed, value, first.report, first.line, first.column, first.confidence)
    return Fact(fact, item, (Cluster(value, (witness,)),), derived=True)


def refurbished(book: FactBook, parts: PartsBook) -> Iterable[Fact]:
    """``machine.refurbished``: a marker of the parts book stands in the model's name or the sku."""
    for name in ("machine.model", "machine.sku"):
        fact = book.single(name)
        marker = parts.find("marker", str(fact.value.value).replace("/", " /")) if fact else None
        if fact and marker:
            value = marker.says.get("refurbished", exactly("flag", True))
            yield _said("machine.refurbished", None, value, fact, f"{marker.number} in {fact.value.value}")
            return


def type_from_speed(book: FactBook, parts: PartsBook) -> Iterable[Fact]:
    """``module.type``: the only one that has the module's rated speed, as an estimate."""
    for item, fields in book.items("module").items():
        speed = fields.get("speed")
        if speed is None or speed.disputed or "type" in fields or not isinstance(speed.value.value, (int, float)):
            continue
        fitting = [kind for kind, (low, high) in _STANDARD.items() if low <= speed.value.value <= high]
        if len(fitting) == 1:
            first = speed.witnesses[0]
            value = exactly("choice", fitting[0])
            witness = Witness(first.source, first.printed, value, first.report, first.line, first.column, 0.7)
            yield Fact("module.type", item, (Cluster(value, (witness,)),), derived=True, estimated=True)


def pins_from_type(book: FactBook, parts: PartsBook) -> Iterable[Fact]:
    """``module.pins``: what modules of this type and form have."""
    for item, fields in book.items("module").items():
        kind, form = fields.get("type"), fields.get("form")
        if "pins" in fields or kind is None or form is None or kind.disputed or form.disputed:
            continue
        pins = PINS.get((str(kind.value.value), str(form.value.value)))
        if pins:
            printed = f"{kind.value.value} {form.value.value}"
            fact = _said("module.pins", item, exactly("count", pins), kind, printed)
            yield Fact(fact.name, item, fact.clusters, derived=True, estimated=kind.estimated)


BY_PARTS = (from_parts, refurbished, type_from_speed, pins_from_type)
