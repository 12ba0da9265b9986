"""Tables that list the parts of disks and, in the same rows, the volumes on them.

::

    No  Kind         Size      Letter  Label    System  Free
    1   EFI system   100 MB    -       -        FAT32   71 MB
    2   basic data   464.9 GB  C       SYSTEM   HFX2    188.2 GB
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import Group
from yes_tally.core.reading.tables.columns import cells_of_columns
from yes_tally.core.reading.values.text_forms import PART_KINDS
from yes_tally.core.words import plain

_MOUNT = re.compile(r"[A-Z]:?\\?|/[\w./-]*")
_OF_PART = frozenset({"partition.number", "partition.kind", "partition.size", "partition.start", "partition.id", "partition.active"})  # fmt: skip
_OF_BOTH = frozenset({"partition.disk"})


def parts_and_volumes(rows: Sequence[Group]) -> tuple[list[Group], list[Group]] | None:
    """The rows of such a table as the parts' and, where one has a letter or a mount point, as the volumes'; ``None`` where
    it is none: it needs a column of mounts, one that numbers the parts, and kinds of parts or parts in its label."""
    cells = cells_of_columns(rows)
    mounts = [label for label in cells if all(map(_MOUNT.fullmatch, cells[label])) and _mounts(label)]
    if len(mounts) != 1:
        return None
    labels = dict.fromkeys(entry.label for row in rows for entry in row.entries)
    parts = {label: guess[0].fact for label in labels if (guess := decide(label, Context("partition")))}
    numbers = _one(parts, "partition.number", [label for label in cells if all(map(str.isdigit, cells[label]))])
    if not numbers or numbers == mounts[0]:
        return None
    kinds = _one(
        parts, "partition.kind", [label for label in cells if any(PART_KINDS.search(plain(c)) for c in cells[label])]
    )
    if not kinds and SUBJECTS.get(words_of(numbers)) != "partition":
        return None
    own = {label for label, fact in parts.items() if fact in _OF_PART and label != mounts[0]}
    shared = {label for label, fact in parts.items() if fact in _OF_BOTH and label != mounts[0]}
    of_parts = [replace(row, entries=[e for e in row.entries if e.label in own | shared]) for row in rows]
    mounted = [row for row in rows if any(e.label == mounts[0] and _MOUNT.fullmatch(e.printed) for e in row.entries)]
    return of_parts, [replace(row, entries=[e for e in row.entries if e.label not in own]) for row in mounted]


def _mounts(label: str) -> bool:
    return any(guess.fact == "volume.mount" for guess in decide(label, Context("volume")))


def _one(facts: dict[str, str], fact: str, labels: Sequence[str]) -> str:
    """The first of ``labels`` that means a fact; else none."""
    return next((label for label in labels if facts.get(label) == fact), "")
