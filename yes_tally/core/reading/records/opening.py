"""Headings that open an item: ``Disk 0``, ``Volume C: (locked)``, ``Module A1 (8 GB, DDR4)``."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.by_clause import by_label
from yes_tally.core.reading.clauses.field_forms import is_device_state
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, Guess, decide, infer_group
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, subject_called
from yes_tally.core.reading.records.listings import BULLET, CALLED, INDEXED, ITEM_HEADING
from yes_tally.core.reading.shapes.layout import Entry, Group, Heading, as_comma, cells_by_gap, indent_of
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.values.understand import MAX_TEXT
from yes_tally.core.words import flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.cutting.blocks import Block
    from yes_tally.core.reading.interpret import Interpreter

_ASIDE = re.compile(r"\s*[(\[]([^)\]]{2,80})[)\]]\s*$")


# ``Cell 1 "BAT-CRW-7"``: what it is called stands beside its number.
_INDEXED_AND_CALLED = re.compile(
    r"\W*(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) #?(?P<number>\d{1,3}(?:/\d{1,3})*):?\s+(?P<rest>[\"'“„«][^\"'“”„«»]{2,60}[\"'“”»])\W*$"
)


# ``Disk 0, Basalt NV512, 476.94 GB``
_NUMBERED_AND_TOLD = re.compile(
    r"\W*(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) #?(?P<number>\d{1,3})(?:(?:,| [-–—:])\s+(?P<told>\S.*?):?|\s+[\"'“„«(](?P<called>[^()]*\(.*|.*,.*)\):?)$"
)
# ``Disk 0 "Basalt NV1000" (GPT, online)``: where what is said of it begins.
_ASIDE_BEGINS = re.compile(r"[\"'“”»]?\s*\(")


def _numbered_and_told(interpreter: Interpreter, heading: Heading, shape: str) -> Item | None:
    """The item that a table's heading names by its number, and tells more of between commas."""
    match = _NUMBERED_AND_TOLD.match(heading.text[:MAX_TEXT].rstrip())
    group = subject_called(match["noun"], match["number"]) if match else None
    number = ITEM_HEADING.get(group or "")
    if match is None or group not in CALLED or number not in _NUMBERS:
        return None
    item = interpreter.new_item(group)
    place = Entry(match["noun"], match["number"], heading.line, heading.column + match.start("number"))
    interpreter.place(place, shape, (Guess(number, 0.9, f"the heading names {group}"),), item)
    which = "told" if match["told"] else "called"
    said = _ASIDE_BEGINS.sub(as_comma, match[which])
    told = Entry("", said, heading.line, heading.column + match.start(which))
    told_bare(interpreter, told, group, item, shape, CALLED[group], least=1)
    interpreter.numbered, interpreter.numbered_line = item, heading.line
    interpreter.numbered_column = heading.column
    interpreter.frame.add(heading.line)
    return item


# Among so many readings one of the line right above is found.
_MOST_RECENT = 400


def over_parts(interpreter: Interpreter, block: Block, command: tuple[str, ...]) -> bool:
    """``Disk 1 (Shale 2T, 1.82 TiB, GPT)``, over a table of its parts or alone on its line. Whether the block was that."""
    alone = block.layout is None and len(block.lines) == 1 and command[:1] != ("event",)
    if alone:
        (line,) = block.lines
        heading = Heading(line.text.strip(), line.number, indent_of(line.text) + 1)
    elif block.layout and block.layout.groups[0].table and block.headings:
        heading = block.headings[0]
    else:
        return False
    recent = interpreter.drafts[max(interpreter.section_from, len(interpreter.drafts) - _MOST_RECENT) :]
    told = any(draft.entry.line == heading.line for draft in recent)
    return not told and _numbered_and_told(interpreter, heading, "rows") is not None and alone


# What is told by a number, of things that are called something too.
_NUMBERS = frozenset({"disk.number", "partition.number"})
# ``Volume C: "System"``
_DRIVE_AND_CALLED = re.compile(
    r"\W*(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) (?P<rest>[A-Z]:)\\?:?\s+(?:[\"'“„«](?P<called>[^\"'“”„«»]{1,60})[\"'“”»]|\\\\\S+)\W*$"
)


# What a card is called by who made it: words that begin with a capital or hold a digit, two at least.
_MODEL = re.compile(r"[A-Z]\S*(?: (?:[A-Z]|\S*\d)\S*)+")
_CODE = re.compile(r"[A-Z]\w*-?\w*\d\w*")
_DRIVE = re.compile(r"[A-Za-z]:\\?")


# Whose things are called by words that somebody chose.
_CALLED_FREELY = frozenset({"task.name", "printer.name", "process.name", "driver.name", "software.name"})
_LOGIN = re.compile(r"[a-z][\w.-]*\d?[\w.-]*")


def _names(aside: str, naming: str) -> bool:
    """Whether what stands in brackets behind a thing's number is what it is called: a model, a login, or chosen words."""
    if is_placeholder(aside) or any(mark in aside for mark in ",;:=") or is_device_state(aside):
        return False
    if naming in _CALLED_FREELY:
        return aside[:1].isalnum() and (" " in aside or "-" in aside or any(map(str.isdigit, aside)))
    if naming == "account.name":
        return _LOGIN.fullmatch(aside) is not None and flag_of(aside) is None and words_of(aside) not in SUBJECTS
    return naming.endswith((".name", ".model")) and _MODEL.fullmatch(aside) is not None and any(map(str.isdigit, aside))


def _said_of(interpreter: Interpreter, labels: Sequence[str], group: str) -> int:
    """How many of some labels are fields of a group."""
    told = (decide(label, interpreter.context(group))[:1] for label in labels)
    return sum(guess.fact.startswith(f"{group}.") for guesses in told for guess in guesses)


def _is_kind(text: str) -> bool:
    """Whether a text is what a kind of thing is called, and not one of them (``Sound``, not ``Tidebell Audio``)."""
    return words_of(text.strip(" :")) in SUBJECTS


# What ``parts`` are of.
_PARTS_OF: dict[str, dict[tuple[str, ...], str]] = {"disk": {("part",): "partition", ("slice",): "partition"}}


def opened_by(
    interpreter: Interpreter,
    heading: Heading,
    group_of: Group,
    shape: str,
    around: tuple[str, ...],
    parent: Item | None,
) -> tuple[Item | None, tuple[str, ...]]:
    """A heading that names an item and which one opens it; any other only says what is spoken of."""
    named = interpreter.heading(heading.text, heading.line)
    if not named and parent:
        named = tuple(filter(None, [_PARTS_OF.get(parent.group, {}).get(words_of(heading.text))]))
    text = heading.text[:MAX_TEXT]
    if group_of.table and (item := _numbered_and_told(interpreter, heading, shape)):
        return item, (item.group, *(n for n in named if n != item.group))
    aside = _ASIDE.search(text)
    bare = text[: aside.start()] if aside else text
    if bare.rstrip().endswith(" :"):
        bare = f"{bare.rstrip()[:-2]}:"  # ``Volume C :``, as French parts a colon
    drive = _DRIVE_AND_CALLED.match(bare)
    indexed = None if drive else _INDEXED_AND_CALLED.match(text)
    match = drive or indexed or INDEXED.match(bare)
    group = subject_called(match["noun"], match["rest"]) if match else None
    if indexed and group is None:
        group = infer_group(
            tuple(dict.fromkeys(entry.label for entry in group_of.entries if entry.label)), around, False
        )
    if match is None or group not in ITEM_GROUPS or not match["rest"]:
        # Words in a row of a list (``1. Palefire FX 40   memory 8 GB``) say what it has, not what is listed.
        bullet = BULLET.match(text) if around and around[0] in ITEM_GROUPS else None
        listed = bullet is not None and (len(cells_by_gap(text)) > 1 or not _is_kind(text[bullet.end() :]))
        return None, () if listed else named
    labels = tuple(dict.fromkeys(entry.label for entry in group_of.entries if entry.label))
    inferred = infer_group(labels, around, False)
    if inferred in ITEM_GROUPS and inferred != group:
        # ``Socket 1 of 4`` over a module's fields, ``Package 0`` over a processor's: what is below says which kind.
        own_labels, others = (_said_of(interpreter, labels, of) for of in (group, inferred))
        if others > own_labels + 1 or (not own_labels and decide(match["noun"], interpreter.context(inferred))):
            group, named = inferred, (inferred, *named)
    if group == "disk" and _DRIVE.fullmatch(match["rest"]):
        group, named = "volume", ("volume", *named)
    if group == "processor" and not group_of.entries and not group_of.children:
        return None, named  # an empty socket holds no processor
    item = interpreter.new_item(group or "")
    fact = ITEM_HEADING.get(item.group) or NAMING.get(item.group)
    if indexed and fact in _NUMBERS:
        # ``Disk 0  "Basalt NV1000"``
        number = Entry(indexed["noun"], indexed["number"], heading.line, heading.column + indexed.start("number"))
        interpreter.place(number, shape, (Guess(fact or "", 0.9, f"the heading names {group}"),), item)
        fact = CALLED[item.group]
    elif indexed and fact == "adapter.name":
        fact = "adapter.connection"
    # A bare number tells items apart; it is the name of none.
    own = {g.fact for e in group_of.entries for g in decide(e.label, interpreter.context(item.group))[:1] if e.printed}
    if aside and fact == "adapter.name" and match["rest"][0] in "\"'" and _MODEL.fullmatch(aside[1]):
        # ``Adapter "Landing air" (Ternwave AX 20)``
        at = Entry("", aside[1], heading.line, heading.column + aside.start(1))
        interpreter.place(at, shape, (Guess(fact, 0.8, "it stands in brackets after what people call it"),), item)
        own.add(fact)
    if fact and fact not in own and not (match["rest"].isdigit() and fact.endswith(".name")):
        entry = Entry(match["noun"], match["rest"].strip("\"'"), heading.line, heading.column + match.start("rest"))
        labelled = by_label(interpreter, aside[1], item.group, (FACTS[fact],)) if aside else None
        if aside and labelled:
            # ``Processor 1 (socket CPU1)``: the number only counts.
            entry = Entry("", aside[1][labelled[2] :], heading.line, heading.column + aside.start(1) + labelled[2])
        interpreter.place(entry, shape, (Guess(fact, 0.9, f"the heading names {group}"),), item)
    elif fact == "adapter.name" and fact in own and match["rest"][0] in "\"'":
        entry = Entry(match["noun"], match["rest"].strip("\"'"), heading.line, heading.column + match.start("rest") + 1)
        interpreter.place(entry, shape, (Guess("adapter.connection", 0.85, "the heading calls it so"),), item)
    if (
        aside
        and fact
        and fact.endswith(".name")
        and fact not in own
        and match["rest"].isdigit()
        and _CODE.fullmatch(aside[1])
    ):
        # ``Battery 1 (VB-57)``
        at = Entry("", aside[1], heading.line, heading.column + aside.start(1))
        interpreter.place(at, shape, (Guess(fact, 0.8, "it stands in brackets behind its number"),), item)
    naming = CALLED.get(item.group) or NAMING.get(item.group, "")
    if aside and match["rest"].isdigit() and naming not in own and _names(aside[1], naming):
        # ``Disk 1 (Basalt NV1000)``
        at = Entry("", aside[1], heading.line, heading.column + aside.start(1))
        interpreter.place(at, shape, (Guess(naming, 0.8, "it stands in brackets behind its number"),), item)
    for fact_kind in FIELDS[item.group] if aside else ():
        if fact_kind.kind == "flag" and aside and words_of(aside[1]) == (fact_kind.field,):
            at = Entry(heading.text, aside[1], heading.line, heading.column + aside.start(1))
            interpreter.add(
                fact_kind.name, item, at, exactly("flag", True), shape, 0.85, "the heading says so in brackets"
            )
    if drive and group == "volume":
        if drive["called"]:
            called = Entry("", drive["called"], heading.line, heading.column + drive.start("called"))
            interpreter.place(called, shape, (Guess("volume.label", 0.85, "the heading calls it so"),), item)
        left = [kind for kind in FIELDS["volume"] if kind.field not in ("mount", "label")]
        if aside:
            start = heading.column - 1 + aside.start(1)
            told_in_words(interpreter, aside[1], heading.line, start, "volume", item, left)
    elif aside and ("," in aside[1] or ";" in aside[1]):
        at = Entry(heading.text, aside[1], heading.line, heading.column + aside.start(1))
        told_bare(interpreter, at, item.group, item, shape, CALLED.get(item.group, ""))
    if (
        aside
        and not drive
        and group == "volume"
        and "volume.label" not in own
        and not any(mark in aside[1] for mark in ",;:")
    ):
        at = Entry(heading.text, aside[1].strip("\"'"), heading.line, heading.column + aside.start(1))
        told = any(draft.item is item and draft.entry.column == at.column for draft in interpreter.drafts[-2:])
        kinds = [kind for kind in FIELDS["volume"] if kind.kind == "choice"]
        told = told or told_in_words(interpreter, aside[1], at.line, at.column - 1, "volume", item, kinds) > 0
        if not told and flag_of(aside[1]) is None and not is_placeholder(aside[1]):
            interpreter.place(at, shape, (Guess("volume.label", 0.75, "it stands in brackets after the volume"),), item)
    interpreter.numbered, interpreter.numbered_line = item, heading.line
    interpreter.numbered_column = heading.column
    interpreter.opened[heading.line] = item
    interpreter.stands_under(item, parent, Entry(heading.text, "", heading.line, heading.column), shape)
    return item, (item.group, *(n for n in named if n != item.group))
