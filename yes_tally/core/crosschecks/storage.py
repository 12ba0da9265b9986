"""Disks, partitions and volumes: what is inside cannot be larger than what holds it."""

from __future__ import annotations

import re
from collections.abc import Iterable

from yes_tally.core.crosschecks.finding import Fields, Seen, label_of, range_of, shown, sure, text_of
from yes_tally.core.parts.book import PartsBook
from yes_tally.core.quantity import exactly
from yes_tally.core.saying import say_fact
from yes_tally.core.settling.facts import Fact, FactBook

# Sizes are printed rounded and in two ways of counting; a hundredth over is no finding.
_SLACK = 1.01


def _disk_named(book: FactBook, name: str) -> Fields | None:
    number = re.search(r"\d+", name)
    for fields in book.items("disk").values():
        own = text_of(fields.get("number"))
        if own and (own == name or (number and own == number.group())):
            return fields
    return None


def inside_their_disk(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for group, word in (("partition", "partitions"), ("volume", "volumes")):
        held: dict[str, list[Fact]] = {}
        for fields in book.items(group).values():
            disk, size = text_of(fields.get("disk")), sure(fields.get("size"))
            if disk and size and range_of(size):
                held.setdefault(disk, []).append(size)
        for disk, sizes in held.items():
            whole = (_disk_named(book, disk) or {}).get("size")
            most = range_of(whole)
            least = sum((range_of(size) or (0, 0))[0] for size in sizes)
            if whole and most and least > most[1] * _SLACK:
                total = say_fact("disk.size", exactly("size", least))
                yield f"the {word} of disk {disk} add up to {total}, but it holds {shown(whole)}", (*sizes, whole)


def free_and_size(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for item, fields in book.items("volume").items():
        free, size = fields.get("free"), fields.get("size")
        room, whole = range_of(free), range_of(size)
        if free and size and room and whole and room[0] > whole[1] * _SLACK:
            yield f"{label_of(item)} has {shown(free)} free of {shown(size)}", (free, size)


def disk_as_in_book(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for item, fields in book.items("disk").items():
        named = sure(fields.get("model"))
        part = parts.find("disk", text_of(named)) if named else None
        if part is None or named is None:
            continue
        size, known = sure(fields.get("size")), part.says.get("size")
        told = range_of(size)
        # A maker sells a size rounded down by up to a few hundredths.
        if size and told and known and not 0.93 * told[0] <= float(known.value) <= 1.08 * told[1]:  # type: ignore[arg-type]
            says = f"a {part.number} has {part.printed['size']}"
            yield f"disk {label_of(item)} says {shown(size)}, but {says}", (size, named), says
        media = sure(fields.get("media"))
        if media and not media.derived and "media" in part.says and not _same_media(media, part.says["media"].value):
            says = f"a {part.number} is {part.printed['media']}"
            yield f"disk {label_of(item)} says {shown(media)}, but {says}", (media, named), says


def _same_media(media: Fact, known: object) -> bool:
    told = media.value.value
    return told == known or {told, known} == {"ssd", "nvme"}  # an NVMe disk is a solid-state one
