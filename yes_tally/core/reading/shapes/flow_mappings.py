"""Records on one line in braces, ``{slot: A1, size_mb: 16384}`` (YAML 1.2, 7.4.2)."""

from __future__ import annotations

import re

from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, Group, Heading
from yes_tally.core.reading.text.decode import Line

_RECORD = re.compile(
    r"\s*(?:- )?(?:(?P<label>[^\W_{}\"'][^:{}]{0,60}?:?|\"[^\"{}]{1,60}\"):\s+)?\{(?P<inside>[^{}]*)\},?\s*$"
)
# A quoted text, a list, or what reaches to the next comma that parts.
_PAIR = re.compile(
    r"\s*(?P<label>[^\W\d_][\w -]{0,40}?)\s*:\s+(?P<value>\"[^\"]*\"|'[^']*'|\[[^\[\]]*\]|[^,\"'\[\]][^,]*?)\s*(?:,|$)"
)
_QUOTES = {'"': '"', "'": "'", "[": "]"}


def flow_mapping(line: Line) -> Group | None:
    """The record that is a line of its own, headed by its label where it has one (``Labels: {port: USB001}``); ``None``
    where the line is none, or holds anything else too."""
    record = _RECORD.match(line.text) if len(line.text) <= MAX_LINE and "{" in line.text else None
    if record is None:
        return None
    found, at, inside = [], 0, record["inside"]
    while at < len(inside):
        pair = _PAIR.match(inside, at)
        if pair is None:
            return None
        value, start = pair["value"], record.start("inside") + pair.start("value")
        if _QUOTES.get(value[:1], "") == value[-1:] and len(value) > 1:
            value, start = value[1:-1], start + 1
        found.append(Entry(pair["label"], value, line.number, start + 1))
        at = pair.end()
    if not found:
        return None
    label = record["label"]
    heading = Heading(label.strip('"'), line.number, record.start("label") + 1) if label else None
    return Group(heading, entries=found)
