"""Things that begin with their kind and their number, or with their name, over deeper lines that tell of each in words.

::

    cpu0  Kestrel K5-8420 @ 3.20GHz
          socket P0, 6 cores, 12 threads
          L2 1.5 MB  L3 12 MB
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import says_nothing, tells_field
from yes_tally.core.reading.clauses.told_in_parts import parted_words, told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.records.heads_over_words import (
    CALLED_BY,
    LEADER,
    Head,
    is_part,
    may_be_named,
    named_head,
    numbered_head,
)
from yes_tally.core.reading.records.listings import ITEM_HEADING
from yes_tally.core.reading.records.names_first_told import name_first_told
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    cells_by_comma,
    cells_by_gap,
    commas_for_marks,
    dots_as_commas,
    indent_of,
    lone_mark_as_comma,
    under_heads,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.tables.rows_by_form import UPDATE_ID
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import PART_NUMBER
from yes_tally.core.words import HOLDS_NOTHING, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MOST_LINES = 400
# ``vendor ...... Lumenarc``, ``mode: 2560 x 1440``
_PAIR = re.compile(r"[\s.]*(?P<label>[^\W\d_][^:=]*?)\s*(?:\.{2,}|[:=])\s*\S")
# ``(Kestrel K5-8420)``
# ``[HU-25006]``: what it is called stands below.
_BY_ID = re.compile(rf"\W*{UPDATE_ID.pattern}\W*")
# ``jreiter, Julia Reiter``
_PERSON = re.compile(r"[\w.\\@-]+ ?, +(?P<name>[^\W\d_a-z]\S*(?: \S+)*)")
_WHOLE_ASIDE = re.compile(r"\(([^()]+)\)$")


def kinds_over_words(
    interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str], *, parted: bool, mixed: bool = False
) -> bool:
    """Read a block as things of one kind, each under its number or its name; ``spoken``: which kinds are spoken of around
    it; ``parted``: whether a shape could part it; ``mixed``: whether words may stand among pairs. Whether it was read; nothing is where the lines that stand least deep
    name no such things, or what is below them is pairs or other things of a kind."""
    if not 1 < len(lines) <= _MOST_LINES:
        return False
    first = lines[0]
    title = SUBJECTS.get(words_of(first.text[:MAX_LABEL].strip(" :")))
    titled = title in CALLED_BY
    if title and titled:
        lines, spoken = lines[1:], (title, *spoken)
    elif numbered_head(first, spoken) is None and numbered_head(lines[1], spoken):
        lines = lines[1:]  # ``corelook 5.0``
    records = under_heads(lines)
    heads = [head for line, _ in records if (head := numbered_head(line, spoken))]
    if not heads and spoken and may_be_named(records, spoken[0], parted=parted, mixed=mixed):
        heads = [head for line, _ in records if (head := named_head(interpreter, line, spoken[0]))]
    if not heads or len(heads) < len(records) or len({head.groups for head in heads}) > 1:
        return False
    below = [line for _, deeper in records for line in deeper]
    parts = heads[0].groups != ("volume",) and any(map(is_part, below))
    if not below or (not mixed and _are_pairs(below)) or parts:
        return False
    before = len(interpreter.drafts)
    for group in sorted(heads[0].groups, key=lambda group: group not in spoken):
        items = [Item(group) for _ in heads]
        telling = sum(
            _read(interpreter, head, deeper, item)
            for head, (_, deeper), item in zip(heads, records, items, strict=True)
        )
        told = {draft.fact for draft in interpreter.drafts[before:]}
        if telling * 2 >= len(below) and told - {ITEM_HEADING.get(group)}:
            if titled:
                interpreter.frame.add(first.number)
            for head, item in zip(heads, items, strict=True):
                interpreter.take(item)
                if head.number:
                    interpreter.by_number[group, head.number] = item, set()
                    interpreter.numbered, interpreter.numbered_line = item, lines[-1].number
            return True
        del interpreter.drafts[before:]
    return False


def _are_pairs(lines: Sequence[Line]) -> bool:
    """Whether lines are a record of pairs: most hold nothing but pairs, and a label that is known."""
    labels = [label for line in lines if (label := _label_of_pairs(line.text[:MAX_LINE]))]
    return len(labels) * 2 > len(lines) and any(map(is_known, labels))


_CELLS_OF_PAIR = 2


def _label_of_pairs(text: str) -> str:
    """The first label of a line that holds nothing but pairs (``Size: 8 GB   Type  DDR4``); nothing of another line."""
    cells = [cell for cell, _ in cells_by_gap(LEADER.sub(lambda dots: ": ".ljust(len(dots.group())), text))]
    first, alone = "", len(cells) == _CELLS_OF_PAIR
    while cells:
        pair = _PAIR.match(cells[0])
        label = pair["label"] if pair else cells[0].rstrip(" :=.")
        if not pair and (len(cells) == 1 or not label[:1].isalpha()):
            return ""
        marked = alone or cells[0].endswith((":", "="))
        if not pair and not marked and (is_known(cells[1]) or not is_known(label)):
            return ""  # ``enabled   administrator   3 groups``
        first = first or label
        cells = cells[1 if pair else 2 :]
    return first


def _read(interpreter: Interpreter, head: Head, deeper: Sequence[Line], item: Item) -> int:
    """Read one thing; returns how many of the deeper lines told of it."""
    left = list(FIELDS[item.group])
    text = _WHOLE_ASIDE.sub(r" \1 ", head.line.text[:MAX_LINE].rstrip())
    if item.group == "volume" and head.number:
        place = Entry("", head.number, head.line.number, head.number_at + 1)
        interpreter.place(place, "words", (Guess("volume.mount", 0.85, "the line begins with its letter"),), item)
        left = [fact for fact in left if fact.name != "volume.mount"]
    if named := len(text) > head.told_at:
        _name_told(interpreter, text, head.told_at, head.line, item, left)
    empty = len(deeper) == 1 and plain(deeper[0].text.strip("()[]<>- ")) in HOLDS_NOTHING
    telling = int(empty)
    for line in () if empty else deeper:
        text = line.text[:MAX_LINE].rstrip()
        start = indent_of(text)
        if not named and _names(interpreter, text[start:], item.group, left):
            _name_told(interpreter, text, start, line, item, left)
            telling += 1
        else:
            words = parted_words(interpreter, text[start:], item.group)
            if item.group == "update" and _BY_ID.fullmatch(head.line.text):
                untold = len(left)
                words = name_first_told(
                    interpreter,
                    lone_mark_as_comma(words),
                    line.number,
                    start,
                    item,
                    left,
                    alone=line is deeper[0] is not deeper[-1],
                )
                telling += len(left) < untold and not words.strip()
            telling += bool(told_in_words(interpreter, words, line.number, start, item.group, item, left))
        named = True
    number = ITEM_HEADING.get(item.group)
    untold = number in {fact.name for fact in left} and item.group != "adapter"  # an adapter's number is no name
    # A socket that holds no processor is none, one that holds no module is told of.
    if number and head.number and untold and (item.group == "module" or not empty):
        which = Entry("", head.number, head.line.number, head.number_at + 1)
        interpreter.place(which, "words", (Guess(number, 0.85, f"it numbers {item.group}"),), item)
        item.keys = {number: head.number, **item.keys}  # what stands below is told of this number
    return telling


def _names(interpreter: Interpreter, text: str, group: str, left: list[FactKind]) -> bool:
    """Whether a line begins with what the thing is called, and not with something that it has."""
    if group == "volume" and len(cells_by_gap(text)) == _CELLS_OF_PAIR:
        return False  # ``result    no problems``
    first = cells_by_comma(commas_for_marks(dots_as_commas(text)))[0][0]
    return not tells_field(interpreter, first, group, left) and not says_nothing(interpreter, first, group)


def _name_told(interpreter: Interpreter, text: str, start: int, line: Line, item: Item, left: list[FactKind]) -> None:
    """Read what a thing is called, from ``start`` of its line's ``text`` on, and what else that tells; takes the facts that
    are told from those ``left``."""
    start += indent_of(text[start:])
    said = commas_for_marks(dots_as_commas(LEADER.sub(lambda dots: " " * len(dots.group()), text[start:])))
    if item.group == "account":
        said = lone_mark_as_comma(said)  # ``jreiter — Julia Reiter``
    naming, before = CALLED_BY[item.group], len(interpreter.drafts)
    if naming != "module.size":
        entry = Entry("", said, line.number, start + 1)
        if not told_bare(interpreter, entry, item.group, item, "words", naming, text, least=1):
            name = Entry("", cells_by_comma(said)[0][0], line.number, start + 1)
            if name.printed[:1] != "(":  # ``(a screen without a name)``
                interpreter.place(name, "words", (Guess(naming, 0.8, "it stands behind its number"),), item)
    elif item.group == "module" and (part := PART_NUMBER.match(said)):
        place = Entry("", part.group(), line.number, start + 1)
        interpreter.place(place, "words", (Guess("module.part", 0.8, "it stands behind its number"),), item)
        words = said[part.end() :]
        told_in_words(interpreter, words, line.number, start + part.end(), item.group, item, left)
    else:
        told_in_words(interpreter, said, line.number, start, item.group, item, left)
    if item.group == "account" and (person := _PERSON.fullmatch(said)):
        place = Entry("", person["name"], line.number, start + person.start("name") + 1)
        interpreter.place(place, "words", (Guess("account.full_name", 0.8, "it stands beside the login"),), item)
    known = {draft.fact for draft in interpreter.drafts[before:]}
    left[:] = [fact for fact in left if fact.name not in known]
