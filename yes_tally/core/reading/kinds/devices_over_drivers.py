"""Devices of any kind, each over a line that tells of its driver.

::

    Network
       Ternwave GE 210 ............... working
           driver 12.4.0.19 of 2025-11-03 (Ternwave), signed
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# What it is called, and maybe how it is.
_DEVICE = re.compile(r"\s*(?P<name>[^\W\d_](?:(?!\s{2,}|\s?\.{2,}|: )[^,;=])*[\w)])(?:\s*\.{2,}\s*\S.*|\s{2,}\S.*|:)?$")
_DRIVER = re.compile(
    r"\s+(?:driver|treiber|pilote|controlador|stuurprogramma|sterownik)(?: version| wersja| versi[oóã]n?| versie)?:? v?(?P<version>\d+(?:\.\d+)+)"
    rf"(?:,? (?:\(|(?:[^\W\d_]{{1,6}} )?)(?P<dated>{DAY})\)?)?(?:,? \((?P<provider>[A-Z][^()\d]*)\))?(?P<rest>[ ,;].*)?$",
    re.I,
)
_LEAST, _MOST_LINES = 2, 2000


def devices_over_drivers(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...]) -> set[int]:
    """Read such devices as drivers, but where only cards that draw are ``spoken`` of; returns the lines that were read."""
    if spoken[:1] == ("graphics",) or len(lines) > _MOST_LINES:
        return set()
    found: list[tuple[Line, re.Match[str], Line, re.Match[str]]] = []
    for line, below in pairwise(lines):
        driver = _DRIVER.match(below.text[:MAX_LINE]) if below.text[:1] == " " else None
        if driver is None or indent_of(below.text) <= indent_of(line.text):
            continue
        device = _DEVICE.match(line.text[:MAX_LINE])
        if device and not is_known(device["name"]):
            found.append((line, device, below, driver))
    if len(found) < _LEAST:
        return set()
    for line, device, below, driver in found:
        item = interpreter.new_item("driver")
        told = [("driver.name", line, device, "name")]
        told += [(f"driver.{field}", below, driver, field) for field in ("version", "dated", "provider")]
        for fact, at, match, group in told:
            if match[group]:
                place = Entry("", match[group], at.number, match.start(group) + 1)
                interpreter.place(place, "rows", (Guess(fact, 0.8, "a device stands over its driver"),), item)
        if driver["rest"]:
            left = [FACTS["driver.signed"], FACTS["driver.file"]]
            told_in_words(interpreter, driver["rest"], below.number, driver.start("rest"), "driver", item, left)
    return {line.number for device in found for line in (device[0], device[2])}
