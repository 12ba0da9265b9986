"""What a record speaks of, by its labels: one thing, or several that its labels name, or the PC itself."""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.reading.clauses.compounds import PAIR_BESIDE
from yes_tally.core.reading.clauses.pairs_within import pairs_in
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Context, decide, infer_group, infer_groups
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, names_item, subjects_in
from yes_tally.core.reading.shapes.layout import Entry, Group, cells_by_gap
from yes_tally.core.reading.shapes.nested_pairs import holds_module
from yes_tally.core.words import is_placeholder

# A PC has one of each.
_ONE_ONLY = frozenset({"machine", "board", "firmware", "memory", "host", "security"})
_LEAST_CELLS = 3
# What a counted heading counts.
_NOUN = re.compile(r"(?P<noun>[^\W\d_]{3,20} #?(?=\d{1,3}\b)|[(\[#]?(?=\d{1,3}[)\].:]\s))")


def labels_of(group: Group) -> tuple[str, ...]:
    """The labels of a record, in order, each once; also those of pairs that stand beside others."""
    return tuple(dict.fromkeys(e.label for entry in group.entries for e in _apart(entry) if e.label))


_OF_THE_WHOLE = frozenset({"host", "os"})
_OF_A_SHEET = frozenset({"memory", "host"})


def subject_of_record(
    group: Group, labels: tuple[str, ...], around: tuple[str, ...], *, one_of_several: bool = False
) -> str | None:
    """The group of the catalogue that a record speaks of, by its labels and by what is spoken of around it;
    ``one_of_several``: records of the same labels stand beside it."""
    if not group.entries:
        return None
    if not around and (kind := _kind_said(group)):
        return kind
    first = group.entries[0]
    if group.heading and group.heading.text == first.label and holds_module(first.label, first.printed):
        return "module"
    begins = (
        SUBJECTS.get(words_of(labels[0]))
        if labels
        and not group.heading
        and len(labels) > 1
        and "," not in group.entries[0].printed
        and not (group.entries[0].printed and is_placeholder(group.entries[0].printed))
        else None
    )
    spoken = (begins, *around) if begins in ITEM_GROUPS and begins not in around else around
    subject = infer_group(labels, tuple(filter(None, spoken)), False)
    if (
        subject in _OF_ANY_DEVICE
        and subject not in spoken
        and not _tells_more(subject, group, labels if one_of_several else ())
    ):
        return None
    if subject in _OF_A_SHEET and subject not in spoken and set(infer_groups(labels, (), False)) >= _OF_THE_WHOLE:
        return "machine"  # a sheet of the whole PC: a serial number on it is no module's
    if subject == "firmware" and subject not in spoken and not _names_firmware(labels):
        return None  # ``Version`` and ``Date`` may be a report's own
    if subject == "memory" and _is_of_module(labels):
        return "module"
    if one_of_several and subject in _ONE_ONLY and subject not in spoken:
        return None  # the records are of something else
    if subject and (_name_several(labels, subject) or _begins_further_on(labels, subject, around)):
        return None
    return subject


def _names_firmware(labels: Sequence[str]) -> bool:
    """Whether one of the labels means firmware wherever it stands, or more than a version and a date is told."""
    sure = {guess.fact.partition(".")[0] for label in labels for guess in decide(label, Context(None))[:1]}
    told = {guess.fact for label in labels for guess in decide(label, Context("firmware"))[:1]}
    return "firmware" in sure or not told <= {"firmware.version", "firmware.dated"}


# What of memory only a module has.
_OF_MODULE = frozenset({"module.type", "module.part", "module.serial", "module.bank", "module.form", "module.speed"})


def _is_of_module(labels: Sequence[str]) -> bool:
    """Whether a record of memory tells of one slot and what is in it (``slot``, ``bytes``, ``type``)."""
    meant = {guess.fact for label in labels for guess in decide(label, Context("module"))[:1]}
    return "module.slot" in meant and not meant.isdisjoint(_OF_MODULE)


# Of what any device has (a name, a state, an id) these have it too.
_OF_ANY_DEVICE = frozenset({"graphics", "volume"})
_ANY_DEVICE_HAS = frozenset({"name", "label", "maker", "state", "device_id", "kind"})


def _tells_more(subject: str, group: Group, shared: tuple[str, ...]) -> bool:
    """Whether a record, or those beside it by the labels they share, tells what only such a thing has."""
    told = shared or [entry.label for entry in group.entries if entry.printed] or labels_of(group)
    meant = {guess.fact for label in told for guess in decide(label, Context(subject))}
    return any(fact.startswith(f"{subject}.") and fact.partition(".")[2] not in _ANY_DEVICE_HAS for fact in meant)


# What says of what kind a record is, among its first fields.
_SAYS_KIND = frozenset((
    ("type",), ("class",), ("object", "class"), ("kind",), ("msg",), ("message",), ("component",), ("category",), ("record",),
    ("section",), ("item",), ("art",), ("typ",), ("klasse",), ("objektklasse",), ("classe",), ("clase",), ("tipo",), ("soort",), ("rodzaj",),
    ("categorie",), ("categoria",), ("kategorie",),
))  # fmt: skip
_AMONG_FIRST = 4


def _kind_said(group: Group) -> str | None:
    """The group that a record says it is of (``class: disk``), where nothing heads it."""
    if group.heading:
        return None
    said = (entry for entry in group.entries[:_AMONG_FIRST] if words_of(entry.label) in _SAYS_KIND)
    return next((kind for entry in said if (kind := SUBJECTS.get(words_of(entry.printed)))), None)


def says_kind(entry: Entry, group: str) -> bool:
    """Whether a pair only says of what kind its record is (``"kind": "volume"``)."""
    return words_of(entry.label) in _SAYS_KIND and SUBJECTS.get(words_of(entry.printed)) == group


def shared_labels(children: Sequence[Group]) -> tuple[str, ...]:
    """The labels of records that have no heading of their own, or the same one counted (``Port 1: "Funk"``): they speak
    of one kind of thing."""
    if len(children) < 2:
        return ()
    counted = {
        match and match["noun"] for child in children if child.heading for match in (_NOUN.match(child.heading.text),)
    }
    if counted and (None in counted or len(counted) > 1 or not all(child.heading for child in children)):
        return ()
    kinds = {SUBJECTS.get(words_of(child.entries[0].label)) for child in children if child.entries}
    if len(kinds & ITEM_GROUPS) > 1:
        return ()  # ``Graphics card: …`` over its fields beside ``Screen: …`` over its own
    return tuple(
        dict.fromkeys(e.label for child in children for entry in child.entries for e in _apart(entry) if e.label)
    )


def _begins_further_on(labels: Sequence[str], subject: str, around: Sequence[str]) -> bool:
    """Whether a record tells of the PC itself, and further on of one of its parts (``Maker``, ``Model``, …,
    ``Processor``, ``Cores``)."""
    kinds = [SUBJECTS.get(words_of(label)) for label in labels]
    first = [guess.fact for label in labels[:1] for guess in decide(label, Context(None))[:1]]
    return subject not in around and subject in kinds[2:] and any(fact.startswith("machine.") for fact in first)


def _name_several(labels: Sequence[str], subject: str) -> bool:
    """Whether most labels name things, one of them this one and others not (``Screens``, ``Sound``): what stands beside
    them is not all said of it."""

    def is_field(label: str) -> bool:
        return any(g.phrase and g.fact.startswith(f"{subject}.") for g in decide(label, Context(subject))[:1])

    kinds = [(label, SUBJECTS.get(words_of(label))) for label in labels]
    named = [kind for label, kind in kinds if kind in ITEM_GROUPS and (kind == subject or not is_field(label))]
    return subject in named and len(set(named)) > 1 and len(named) * 2 > len(labels)


def each_an_item(group: Group) -> bool:
    """Whether each line tells of an item of its own, by a label that names it and pairs beside it, or in a row of cells
    under the one label that says what is listed."""
    told = [entry for entry in group.entries if entry.printed]
    if len(told) < 2 or (group.heading and names_item(group.heading.text)):
        return False
    kinds = {SUBJECTS.get(words_of(entry.label)) for entry in told}
    if len(kinds) == 1 and kinds <= ITEM_GROUPS:
        return all(len(cells_by_gap(entry.printed)) >= _LEAST_CELLS for entry in told)
    return all(
        PAIR_BESIDE.search(entry.printed) and any(at.group in ITEM_GROUPS for at in subjects_in(words_of(entry.label)))
        for entry in told
    )


def _apart(entry: Entry) -> Sequence[Entry]:
    """An entry, and the pairs that stand beside it on its line."""
    return pairs_in(entry) if "   " in entry.printed and entry.label else (entry,)


def side_by_side(group: Group) -> list[Group]:
    """All that is nested below a group, as if none of it were nested."""
    return [Group(part.heading, part.entries) for part in group.walk() if part is not group]
