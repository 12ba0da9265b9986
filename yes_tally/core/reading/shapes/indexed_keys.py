"""Indexed keys: ``cpu.0.model=…``, ``disk[1].size: …``, ``net.eth0.mac=…``: pairs whose labels say of which thing they
are, one of them after the other, as records of those things."""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.reading.shapes.layout import Entry, Group, Heading

_KEY = re.compile(
    r"(?P<head>[^\W\d_][^\W\d]*(?:[._/-][^\W\d_][^\W\d]*)*?)[._/\[-]?(?P<index>\d{1,3}|[a-z]{2,6}\d{1,3}|(?<=\.)[a-z](?=\.))\]?[._/:-](?P<rest>[^\W\d][\w.-]*)"
)
_LEAST = 2


def by_index(entries: Sequence[Entry]) -> tuple[list[Entry], list[Group]]:
    """The entries whose labels have no index, and a record for each index that two or more labels share."""
    apart: dict[tuple[str, str], list[Entry]] = {}
    keys = [_KEY.fullmatch(entry.label) for entry in entries]
    for entry, key in zip(entries, keys, strict=True):
        if key:
            own = Entry(key["rest"], entry.printed, entry.line, entry.column)
            apart.setdefault((key["head"], key["index"]), []).append(own)
    # Where one of a kind tells several things, the others of it are records too, however little they tell.
    heads = {head for (head, _), found in apart.items() if len(found) >= _LEAST}
    records = {key: found for key, found in apart.items() if key[0] in heads}
    left = [
        entry
        for entry, key in zip(entries, keys, strict=True)
        if key is None or (key["head"], key["index"]) not in records
    ]
    return left, [
        Group(Heading(f"{head.replace('.', ' ').replace('_', ' ')} {index}", found[0].line, 1), found)
        for (head, index), found in records.items()
    ]
