"""Memory: modules against what is told of the whole, against each other, and against what their type can be."""

from __future__ import annotations

from collections.abc import Iterable

from yes_tally.core.crosschecks.finding import Fields, Seen, label_of, range_of, shown, sure, text_of
from yes_tally.core.parts.book import PartsBook
from yes_tally.core.quantity import exactly
from yes_tally.core.saying import say_fact
from yes_tally.core.settling.by_parts import SPEEDS, model_of
from yes_tally.core.settling.derive import ADDED_UP
from yes_tally.core.settling.facts import Fact, FactBook


def fitted(book: FactBook) -> dict[str, Fields]:
    """The memory sockets that hold a module of a known size."""
    return {item: f for item, f in book.items("module").items() if (range_of(f.get("size")) or (0, 0))[0] > 0}


def sum_and_installed(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    installed = book.single("memory.installed")
    if installed is None:
        return
    added = next((c for c in installed.clusters if any(w.source.endswith(ADDED_UP) for w in c.witnesses)), None)
    for other in installed.clusters if added else ():
        if other is not added and added is not None:
            says = (
                f"{other.witnesses[0].source} says {say_fact('memory.installed', other.value)} of memory, "
                f"but the modules add up to {say_fact('memory.installed', added.value)}"
            )
            sizes = tuple(fields["size"] for fields in fitted(book).values())
            yield says, (Fact("memory.installed", None, (other,)), *sizes)


def usable_and_installed(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    usable, installed = book.single("memory.usable"), book.single("memory.installed")
    seen, whole = range_of(usable), range_of(installed)
    if not (usable and installed and seen and whole):
        return
    if seen[0] > whole[1] * 1.001:
        yield f"the system uses {shown(usable)}, more than the {shown(installed)} installed", (usable, installed)
    elif seen[1] < whole[0] / 2:
        yield f"the system uses only {shown(usable)} of {shown(installed)}", (usable, installed)


def modules_and_slots(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    slots = book.single("memory.slots")
    told = range_of(slots)
    modules = fitted(book)
    if slots and told and len(modules) > told[1]:
        yield (
            f"{len(modules)} modules are told, but only {shown(slots)} slots",
            (slots, *(fields["size"] for fields in modules.values())),
        )


def installed_and_limit(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    installed = book.single("memory.installed")
    whole = range_of(installed)
    if installed is None or whole is None:
        return
    board = book.single("memory.limit")
    most = range_of(board)
    if board and most and whole[0] > most[1]:
        yield f"{shown(installed)} installed, but the board takes {shown(board)} at most", (installed, board)
    model = model_of(parts, book)
    limit = model.says.get("limit") if model else None
    if model and limit and whole[0] > float(limit.high):  # type: ignore[arg-type]
        takes = f"{model.number} takes {model.printed['limit']} at most"
        yield f"{shown(installed)} installed, but a {takes}", (installed,), takes


def speed_of_type(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for item, fields in fitted(book).items():
        kind, speed = fields.get("type"), fields.get("speed")
        told, allowed = range_of(speed), SPEEDS.get(text_of(kind))
        if kind and speed and told and allowed and (told[1] < allowed[0] or told[0] > allowed[1]):
            bounds = f"{kind.value.value} runs at {allowed[0]} to {allowed[1]} MT/s"
            yield f"{label_of(item)}: {shown(speed)}, but {bounds}", (speed, kind), bounds


def running_and_rated(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for item, fields in fitted(book).items():
        running, rated = fields.get("running_speed"), fields.get("speed")
        now, most = range_of(running), range_of(rated)
        if running and rated and now and most and now[0] > most[1] * 1.01:
            yield f"{label_of(item)} runs at {shown(running)}, but is rated for {shown(rated)}", (running, rated)


def modules_alike(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    modules = fitted(book)
    for field, word in (("type", "type"), ("speed", "rated speed"), ("size", "size")):
        told = {item: fields[field] for item, fields in modules.items() if sure(fields.get(field))}
        values = {shown(fact) for fact in told.values()}
        if len(values) > 1:
            named = ", ".join(f"{label_of(item)} {shown(fact)}" for item, fact in told.items())
            slow = "; all run as slow as the slowest" if field == "speed" else ""
            yield f"modules of more than one {word}: {named}{slow}", tuple(told.values())


def two_of_one_serial(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for group in ("module", "disk"):
        met: dict[str, tuple[str, Fact]] = {}
        for item, fields in book.items(group).items():
            serial = fields.get("serial")
            text = text_of(serial)
            if serial is None or not text:
                continue
            if text in met:
                other, first = met[text]
                yield f"{label_of(other)} and {label_of(item)} both have the serial {text}", (first, serial)
            met.setdefault(text, (item, serial))


def module_as_in_book(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for item, fields in fitted(book).items():
        named = sure(fields.get("part"))
        part = parts.find("module", text_of(named)) if named else None
        for name in ("size", "type", "form", "speed", "pins") if part and named else ():
            fact = sure(fields.get(name))
            if part is None or named is None or fact is None or fact.derived or name not in part.says:
                continue
            if not _as_said(fact, part.says[name].value):
                known = f"{part.number} is {part.printed[name]}"
                yield f"{label_of(item)} says {name} {shown(fact)}, but {known}", (fact, named), known


def _as_said(fact: Fact, known: object) -> bool:
    told = range_of(fact)
    if told is None or not isinstance(known, (int, float)) or isinstance(known, bool):
        return fact.value.value == known
    slack = max(1.0, 0.01 * known)
    return told[0] - slack <= exactly("count", known).value <= told[1] + slack  # type: ignore[operator]
