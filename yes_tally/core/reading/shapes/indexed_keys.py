"""Indexed keys: ``cpu.0.model=…``, ``disk[1].size: …``, ``net.eth0.mac=…``: pairs whose labels say of which thing they
are, one of them after the other, as records of those things."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Collection, Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, field_of_item, is_likely, names_item
from yes_tally.core.reading.shapes.layout import Entry, Group, Heading

_KEY = re.compile(
    r"(?P<head>[^\W\d_][^\W\d]*(?:[._/-][^\W\d_][^\W\d]*)*?)[._/\[-]?(?P<index>\d{1,3}|[a-z]{2,6}\d{1,3}|(?<=[.\[])[A-Z]\d{0,2}(?=[.\]])|(?<=\.)[a-z](?=\.))\]?[._/:-](?P<rest>[^\W\d][\w.-]*)"
)
_LEAST = 2
# Keys are short; what a heading calls it.
_IN_FULL = {"part": "partition", "vol": "volume", "proc": "processor", "page": "page file"}


def part(group: Group) -> None:
    """Give what the labels of a group's entries say of single things to records of theirs, within the group."""
    group.entries, indexed = by_index(group.entries)
    group.entries, headed = by_head(group.entries)
    group.children += [*headed, *indexed]


def by_index(entries: Sequence[Entry]) -> tuple[list[Entry], list[Group]]:
    """The entries whose labels have no index, and a record for each index that two or more labels share."""
    apart: dict[tuple[str, str], list[Entry]] = {}
    entries = _with_labels_within(entries)
    alone = {entry.label.replace(" ", "") for entry in entries}
    keys = [_KEY.fullmatch(entry.label) or _in_words(entry.label, alone) for entry in entries]
    if not any(keys):
        keys = _by_number_alone(entries)
    for entry, key in zip(entries, keys, strict=True):
        if key:
            own = Entry(key["rest"], entry.printed, entry.line, entry.column)
            apart.setdefault((key["head"], key["index"]), []).append(own)
    # Where one of a kind tells several things, the others of it are records too, however little they tell.
    heads = {head for (head, _), found in apart.items() if len(found) >= _LEAST}
    if heads:
        # Among such keys one of a kind that is known by its name may stand alone.
        heads |= {head for head, _ in apart if words_of(_IN_FULL.get(head.casefold(), head)) in SUBJECTS}
    records = {key: found for key, found in apart.items() if key[0] in heads}
    left = [
        entry
        for entry, key in zip(entries, keys, strict=True)
        if key is None or (key["head"], key["index"]) not in records
    ]
    return left, [_record(head, index, found) for (head, index), found in records.items()]


# ``Model: Basalt NV1000``, behind ``Disk 0:``
_PAIR = re.compile(r"(?P<label>[^\W\d][^:=]{1,40}?)(?: ?: | ?= ?)(?P<value>\S.*)")


def _with_labels_within(entries: Sequence[Entry]) -> Sequence[Entry]:
    """``Disk 0: Model: Basalt NV1000``: the entries, where two or more of one thing are pairs themselves with the labels of
    those pairs."""
    within = [_PAIR.fullmatch(entry.printed) if names_item(entry.label) else None for entry in entries]
    known = [match if match and is_likely(match["label"]) else None for match in within]
    often = Counter(entry.label for entry, match in zip(entries, known, strict=True) if match)
    return [
        replace(
            entry,
            label=f"{entry.label} {match['label']}",
            printed=match["value"],
            column=entry.column + match.start("value"),
        )
        if match and often[entry.label] >= _LEAST
        else entry
        for entry, match in zip(entries, known, strict=True)
    ]


# ``[0] Model``, ``Model 0``, ``Model[0]``
_NUMBER_ALONE = tuple(
    map(
        re.compile,
        (
            r"(?P<head>)\[(?P<index>\d{1,3})\]:? (?P<rest>[^\W\d].*)",
            r"(?P<head>)(?P<rest>[^\W\d].*?[^\W\d]\.?)(?: ?#| ?\[| )(?P<index>\d{1,3})\]?",
        ),
    )
)


def _by_number_alone(entries: Sequence[Entry]) -> list[re.Match[str] | None]:
    """Which thing each label is of, by its number alone (``Model 0``, ``Serial number 0``, ``Model 1``): where nearly all
    have one, and of two things at least two fields each are told."""
    for way in _NUMBER_ALONE:
        keys = [way.fullmatch(entry.label) for entry in entries]
        told = [key if key and is_likely(key["rest"]) else None for key in keys]
        fields: dict[str, set[str]] = {}
        for key in filter(None, told):
            if words_of(key["rest"]) not in SUBJECTS:
                fields.setdefault(key["index"], set()).add(key["rest"])
        if (
            len(fields) >= _LEAST
            and min(map(len, fields.values())) >= _LEAST
            and sum(map(bool, told)) * 5 >= 4 * len(entries)
        ):
            return told
    return [None] * len(entries)


def _in_words(label: str, alone: Collection[str]) -> re.Match[str] | None:
    """A label that says in words of which thing it is (``Disk 0 model``), but for things that one of the labels ``alone``
    (without blanks) names: what is said of those belongs to what that one tells."""
    match = field_of_item(label)
    return match if match and match["head"].replace(" ", "") + match["index"] not in alone else None


def _record(head: str, index: str, entries: Sequence[Entry]) -> Group:
    """One thing's record, with those of its parts (``disk.0.part.1.bytes``) nested in it."""
    if not head:
        return Group(None, list(entries))
    words = [_IN_FULL.get(word.casefold(), word) for word in re.split(r"[._]", head)]
    heading = Heading(f"{' '.join(words)} {index}", entries[0].line, 1)
    own, parts = by_index(entries)
    return Group(heading, own, parts)


_HEADED = re.compile(
    r"(?P<head>[^\W\d_]{2,16})(?:[./](?P<rest>[^\W\d][\w./-]*)|(?: [/>|›–-]|:) (?P<words>[^\W\d][\w ./()-]*))"
)
_LEAST_OF_HEAD = 3


def by_head(entries: Sequence[Entry]) -> tuple[list[Entry], list[Group]]:
    """``system.vendor=…``, ``System > Serial number``: the entries whose labels do not begin with a kind of thing, and a record
    for each kind that three labels or more begin with."""
    keys = [_HEADED.fullmatch(entry.label) for entry in entries]
    often = Counter(key["head"] for key in keys if key and words_of(key["head"]) in SUBJECTS)
    apart: dict[str, list[Entry]] = {head: [] for head, count in often.items() if count >= _LEAST_OF_HEAD}
    left: list[Entry] = []
    for entry, key in zip(entries, keys, strict=True):
        if key and key["head"] in apart:
            apart[key["head"]].append(replace(entry, label=key["rest"] or key["words"]))
        else:
            left.append(entry)
    return left, [Group(Heading(head, found[0].line, 1), found) for head, found in apart.items()]
