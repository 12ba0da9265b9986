"""The line of a boot menu that says which of its entries starts by itself (``{menu}   wait 10 s, default entry {current}``)."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.quantity import exactly
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DEFAULT = re.compile(
    r"(?P<before>\S.*?)\b(?:default|standard\w*|voreingestellt\w*|par d[ée]faut|por defecto|predeterminad[oa]|predefinit[oa]|padr[ãa]o|predefinid[oa]|standaard\w*|domy[śs]ln\w+)"
    r"(?: [^\W\d_]+)?\s*[:=]?\s*(?P<id>\{[\w-]+\})\W*$",
    re.I,
)


def boot_menus(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the lines that name the default among entries called by words in braces, beside more than that. Returns the
    lines that were read."""
    read: set[int] = set()
    for line in lines:
        match = _DEFAULT.match(line.text[:MAX_LINE]) if line.text.count("{") else None
        if match is None or not any(match["id"] in other.text for other in lines if other is not line):
            continue
        item = interpreter.new_item("boot_entry")
        entry = Entry("", match["id"], line.number, match.start("id") + 1)
        why = "it is named as the default"
        interpreter.add("boot_entry.id", item, entry, exactly("text", match["id"]), "rows", 0.85, why)
        interpreter.add("boot_entry.default", item, entry, exactly("flag", True), "rows", 0.85, why)
        read.add(line.number)
    return read
