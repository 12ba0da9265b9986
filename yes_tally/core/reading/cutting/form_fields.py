"""Forms whose fields stand in brackets (``Maker [Corrane     ]   Model [Tallow 520  ]``), as pairs with colons; every
character that is left stays in its column."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.shapes.layout import MAX_TOLD
from yes_tally.core.reading.text.decode import Line

_FIELD = r"[^\W\d_][^\[\]:=]{0,40}?(?P<open>:? ?\[)(?P<value>[^\[\]]*)\]"
_FIELDS = re.compile(rf"\s*(?:{_FIELD.replace('?P<open>', '?:').replace('?P<value>', '?:')}\s*)+")
_ONE = re.compile(_FIELD)
# A field is as wide as what may stand in it.
_PADDED = re.compile(r"\[[^\[\]]*\S\s{2,}\]")
_LEAST_LINES = 2


def without_fields(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines with a colon for each field's bracket, where several hold nothing but labels and fields."""
    found = [
        place
        for place, line in enumerate(lines)
        if "[" in line.text and len(line.text) <= MAX_TOLD and _FIELDS.fullmatch(line.text)
    ]
    if len(found) < _LEAST_LINES or not any(_PADDED.search(lines[place].text) for place in found):
        return lines
    filled = list(lines)
    for place in found:
        text = _ONE.sub(_as_pair, lines[place].text)
        filled[place] = replace(lines[place], text=text.rstrip())
    return filled


def _as_pair(field: re.Match[str]) -> str:
    label = field.group()[: field.start("open") - field.start()]
    return f"{label}{':'.ljust(len(field['open']))}{field['value']} "
