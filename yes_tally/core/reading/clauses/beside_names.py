"""What stands beside a name in a row, and is told of the same thing: a port, a number, a size, who made it, a star."""

from __future__ import annotations

import re
from collections.abc import Callable

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.by_clause import by_form, by_label
from yes_tally.core.reading.tables.bare_row import BareRow
from yes_tally.core.reading.values.text_forms import PRINTER_PORT, SERIAL, SERIAL_ASIDE_WORD
from yes_tally.core.reading.values.understand import understand


def name_alone(row: BareRow, name: str) -> str:
    """The first part of a row without what stands beside the name in it; that is kept as told."""
    for apart in _APART:
        name = apart(row, name)
    return name


# ``Hall printer on 10.20.1.90``: where it is reached stands behind its name.
REACHED = re.compile(rf" (?:on|at|an|auf|sur|en|su|op|na|em) (?P<port>{PRINTER_PORT})$", re.I)


def _without_port(row: BareRow, name: str) -> str:
    reached = REACHED.search(name.rstrip()) if row.group == "printer" else None
    port = row.untold("port")
    if reached and port:
        row.tell_within(port, reached["port"], reached.start("port"), exactly("text", reached["port"]))
    return name.strip()[: reached.start() if reached else None].strip().strip("\"'“”„«»")


# ``Halyard HV27 (HV27-00932)``: letters and a long number behind a name.
SERIAL_ASIDE = re.compile(rf" \((?:(?i:{SERIAL_ASIDE_WORD}):? )?((?=[A-Z\d-]*[A-Z])[A-Z\d]+-?[A-Z\d-]*\d{{4,}})\)$")


def _without_serial(row: BareRow, name: str) -> str:
    marked, serial = SERIAL_ASIDE.search(name), row.untold("serial")
    if marked is None or serial is None:
        return name
    row.tell_within(serial, marked[1], row.entry.printed.index(name) + marked.start(1), exactly("text", marked[1]))
    return name[: marked.start()]


_SIZE_WITHIN = re.compile(r"(?P<name>[^\W\d]\S*(?: \S+)*?) (?P<size>\d[\d.,]* ?[GT]i?B)(?P<rest>(?: \S+){0,4})")
_NUMBERED_BEHIND = re.compile(rf"\b(?i:{SERIAL}):? (?P<serial>\S*\d\S*)$")


def _without_size(row: BareRow, name: str) -> str:
    """``Basalt NV500 500 GB NVMe SSD s/n 4711``: a size, what kind it is, and its number behind a disk's name."""
    sized = _SIZE_WITHIN.fullmatch(name) if row.group == "disk" else None
    if sized is None:
        return name
    numbered, serial = _NUMBERED_BEHIND.search(sized["rest"]), row.untold("serial")
    if numbered and serial:
        at = row.entry.printed.index(numbered["serial"])
        row.tell_within(serial, numbered["serial"], at, exactly("text", numbered["serial"]))
    behind = row.entry.printed.index(name) + len(sized["name"])
    for part in (sized["size"], *sized["rest"].split()):
        if found := by_form(row.interpreter, part, row.left):
            row.tell_within(found[0], part, row.entry.printed.find(part, behind), found[1])
    return sized["name"]


_ASIDE = re.compile(r"(?P<name>\S.*?) \((?P<said>[^()]{1,40})\)")


def _without_field(row: BareRow, name: str) -> str:
    """``Palefire FX 40 (8 GB)``, ``Kestrel built-in (off)``, ``Basalt NV1000 (serial BNV1)``: what its label or form tells."""
    beside = _ASIDE.fullmatch(name)
    said = beside["said"] if beside else ""
    found = by_label(row.interpreter, said, row.group, row.left) or (
        by_form(row.interpreter, said, row.left) if said else None
    )
    if beside is None or found is None:
        return name
    fact, value, at = found
    row.tell_within(fact, said[at:], row.entry.printed.index(name) + beside.start("said") + at, value)
    return beside["name"]


_NOTHING_ASIDE = re.compile(
    r" \((?:no|not|without|kein\w*|ohne|nicht|sans|pas|sin|senza|non|sem|não|geen|zonder|niet|bez|brak|nie) [^()]{2,30}\)$",
    re.I,
)
_SAID_ASIDE = re.compile(r" \([^\W\d_A-Z][^()]*\)$")


def _without_remark(row: BareRow, name: str) -> str:
    """``Veldt V27 (main)``, ``Pebble Stick 64 (no serial)``"""
    name = _NOTHING_ASIDE.sub("", name)
    return _SAID_ASIDE.sub("", name) if row.group == "display" else name


def _without_star(row: BareRow, name: str) -> str:
    """``Hall printer*``"""
    default = row.untold("default") if name.endswith("*") else None
    if default is None:
        return name
    row.tell_within(default, "*", row.entry.printed.index(name) + len(name) - 1, exactly("flag", True))
    return name.rstrip("* ")


# ``Murmur HD by Murmur``
_MADE_BY = re.compile(r"(?P<name>\S.*?) (?:made )?by (?P<maker>[A-Z][\w&' -]{1,40})")
# ``Pellucid G4 (Pellucid)``
_MAKER_AGAIN = re.compile(r"(?P<name>(?P<first>[A-Z][\w&-]+) [^()]*\S) \((?P<maker>(?P=first)(?: [^()]+)?)\)")


def _without_maker(row: BareRow, name: str) -> str:
    made = _MADE_BY.fullmatch(name) or _MAKER_AGAIN.fullmatch(name)
    maker = row.untold("maker", "provider")
    if made is None:
        return name
    if maker is None:
        return name if any(fact.field == "maker" for fact in FIELDS[row.group]) else made["name"]
    by = understand(maker, made["maker"], row.interpreter.locale)
    if by is None:
        return name
    row.tell_within(maker, made["maker"], row.entry.printed.index(name) + made.start("maker"), by)
    return made["name"]


_APART: tuple[Callable[[BareRow, str], str], ...] = (
    _without_port,
    _without_serial,
    _without_size,
    _without_field,
    _without_remark,
    _without_star,
    _without_maker,
)
