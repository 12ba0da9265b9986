"""A record of a partition that tells the volume on it as well (``number``, ``type`` and ``offset`` beside ``mount`` and ``free``):
as a partition with the volume below it."""

from __future__ import annotations

from dataclasses import replace

from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.shapes.layout import Entry, Group

# What only the volume on a partition has.
_OF_VOLUME = frozenset(
    f"volume.{field}" for field in ("mount", "label", "filesystem", "free", "encrypted", "state", "serial")
)
# What only the partition under it has.
_OF_PARTITION = frozenset(f"partition.{field}" for field in ("number", "kind", "start", "id", "active"))
_LEAST = 2


def with_volume_apart(group: Group) -> Group:
    """The record with what it tells of a volume as a record below it; as it is where it does not tell of both."""
    if group.children:
        return group
    volume = [entry for entry in group.entries if _means(entry, "volume") in _OF_VOLUME]
    partition = [entry for entry in group.entries if entry not in volume]
    own = sum(_means(entry, "partition") in _OF_PARTITION for entry in partition)
    mounted = any(_means(entry, "volume") == "volume.mount" for entry in volume)
    if own < _LEAST or len(volume) < _LEAST or not mounted:
        return group
    # It fills the partition.
    sizes = [entry for entry in partition if _means(entry, "partition") == "partition.size"]
    return replace(group, entries=partition, children=[Group(entries=[*volume, *sizes])])


def _means(entry: Entry, group: str) -> str:
    guess = next(iter(decide(entry.label, Context(group, (group,)))), None)
    return guess.fact if guess else ""
