"""Things that begin with their kind and their number, over deeper lines that tell of each in words.

::

    cpu0  Kestrel K5-8420 @ 3.20GHz
          socket P0, 6 cores, 12 threads
          L2 1.5 MB  L3 12 MB
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import says_nothing
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.phrases import is_known, subject_called
from yes_tally.core.reading.records.listings import CALLED, ITEM_HEADING, by_key
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Entry,
    cells_by_comma,
    cells_by_gap,
    commas_for_gaps,
    commas_for_gaps_between,
    commas_for_marks,
    dots_as_commas,
    indent_of,
    marks_as_commas,
    under_heads,
)
from yes_tally.core.reading.tables.bare_rows import tells_field, told_bare
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import PART_NUMBER
from yes_tally.core.words import HOLDS_NOTHING, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MOST_LINES = 400
# ``cpu0``, ``[Disk 1]``, ``Slot A1:``, ``Battery #2 -``, and what follows
_HEAD = re.compile(
    r"\s*[*\[(<-]{0,2} ?(?P<noun>[^\W\d_]+(?:[ -][^\W\d_]+){0,2}?)(?: ?(?:#|no\.?|nr\.?|n[°º]) ?| )?"
    r"(?P<number>\d{1,2}|(?<= )[A-Z]\d{0,2})[\])>]?(?![\w.]\S|\w|/)(?: ?[:,]| (?:--?|–|—|\|)(?= ))?\s*",
    re.I,
)  # fmt: skip
# ``Volume C:``, ``[D:]``
_DRIVE = re.compile(
    r"\s*[*\[(<-]{0,2} ?(?:(?P<noun>[^\W\d_]+(?:[ -][^\W\d_]+){0,2}) )?(?P<number>[A-Z]:)\\?[\])>]?:?(?=\s|$)(?: ?[,]| (?:--?|–|—|\|)(?= ))?\s*"
)
# ``vendor ...... Lumenarc``, ``mode:  2560 x 1440``
_PAIR = re.compile(r"[\s.]*(?P<label>[^\W\d_][^:=]*?)\s*(?:\.{2,}|[:=]|\s{2,})\s*\S")
# ``(Kestrel K5-8420)``
_WHOLE_ASIDE = re.compile(r"\(([^()]+)\)$")
_LEADER = re.compile(r" \.{2,} ")


class _Head(NamedTuple):
    """The line that a thing begins with: which kinds it may be of, which one it is, and where what it is called begins."""

    line: Line
    groups: tuple[str, ...]
    number: str
    number_at: int
    told_at: int


def kinds_over_words(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> bool:
    """Read a block as things of one kind, each under its number; ``spoken``: which kinds are spoken of around it. Whether
    it was read; nothing is where the lines that stand least deep name no such things, or what is below them is pairs or
    other things of a kind."""
    records = under_heads(lines) if 1 < len(lines) <= _MOST_LINES else []
    heads = [head for line, _ in records if (head := _head(line, spoken))]
    if not heads or len(heads) < len(records) or len({head.groups for head in heads}) > 1:
        return False
    below = [line for _, deeper in records for line in deeper]
    parts = heads[0].groups != ("volume",) and any(map(_is_part, below))
    if not below or _are_pairs(below) or parts:
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
            for head, item in zip(heads, items, strict=True):
                interpreter.take(item)
                interpreter.by_number[group, head.number] = item, set()
            interpreter.numbered, interpreter.numbered_line = items[-1], lines[-1].number
            return True
        del interpreter.drafts[before:]
    return False


def _are_pairs(lines: Sequence[Line]) -> bool:
    """Whether lines are a record of pairs: most of them have their form, and a label that is known."""
    alone = [text for line in lines if len(cells_by_gap(text := line.text[:MAX_LINE])) <= _CELLS_OF_PAIR]
    pairs = [pair for text in alone if (pair := _PAIR.match(text))]
    return len(pairs) * 2 > len(lines) and any(is_known(pair["label"]) for pair in pairs)


_CELLS_OF_PAIR = 2


def _head(line: Line, spoken: Sequence[str]) -> _Head | None:
    text = line.text[:MAX_LINE]
    drive = _DRIVE.match(text)
    if drive and (not drive["noun"] or subject_called(drive["noun"], drive["number"]) in ("volume", "disk")):
        return _Head(line, ("volume",), drive["number"], drive.start("number"), drive.end())
    match = _HEAD.match(text)
    groups = _called(match["noun"], match["number"], spoken) if match else ()
    if match and groups == ("adapter",) and (_BY_PEOPLE.match(match.group()) or _BOTH_NAMES.match(text, match.end())):
        return None
    return _Head(line, groups, match["number"], match.start("number"), match.end()) if match and groups else None


# ``LAN0``, ``eth0``: what people call it.
_BY_PEOPLE = re.compile(r"\s*[^\W\d_]{1,5}\d")
# ``Wired 1 (Ternwave GE 210)``
_BOTH_NAMES = re.compile(r"[^(]*\w \(")
# What a thing of each kind is called by.
_CALLED = {
    **CALLED, "account": "account.name", "task": "task.name", "software": "software.name", "driver": "driver.name",
}  # fmt: skip
# Their records say where they lie, or what lies on them.
_TOLD_ELSEWHERE = frozenset({"partition", "volume", "page_file"})


def _called(noun: str, number: str, spoken: Sequence[str]) -> tuple[str, ...]:
    """The kinds that a noun and a number may name a thing of."""
    group = subject_called(noun, number)
    if group == "disk" and number.isalpha():
        return ()  # ``Disk C:``
    if group in _CALLED and group not in _TOLD_ELSEWHERE:
        return (group,)
    if keyed := by_key(noun, tuple(spoken)) or by_key(noun, ("module",)):
        return (keyed,) if keyed not in _TOLD_ELSEWHERE else ()
    return _CARDS if _CARD.fullmatch(noun) else ()


_CARD = re.compile(r"cards?|devices?|karten?|cartes?|tarjetas?|placas?|sched[ae]|kaart(?:en)?|kart[ay]", re.I)
_CARDS = ("adapter", "graphics", "sound")


# ``p1   260 MB``, ``|- 2  reserved``, ``E:  Archive  HFX2``, ``3  basic data   C:``
_PART = re.compile(r"[\s|`'\\+-]*(?:(?:[^\W\d_]{1,12}[ .]?)?\d{1,2}[.):]?\s{2,}\S|.*(?<![^\s(])[A-Z]:(?:\s|$))")


def _is_part(line: Line) -> bool:
    """Whether a line tells of a part of the thing: of a partition, a volume, or another thing under a number."""
    text = line.text[:MAX_LINE]
    match = _HEAD.match(text)
    named = match is not None and subject_called(match["noun"], match["number"]) in _CALLED
    return named or _PART.match(text) is not None


def is_pair(text: str) -> bool:
    """Whether a line is a label that is known and its value."""
    pair = _PAIR.match(text[:MAX_LINE])
    return pair is not None and is_known(pair["label"])


def _read(interpreter: Interpreter, head: _Head, deeper: Sequence[Line], item: Item) -> int:
    """Read one thing; returns how many of the deeper lines told of it."""
    left = list(FIELDS[item.group])
    text = _WHOLE_ASIDE.sub(r" \1 ", head.line.text[:MAX_LINE].rstrip())
    if item.group == "volume":
        place = Entry("", head.number, head.line.number, head.number_at + 1)
        interpreter.place(place, "words", (Guess("volume.mount", 0.85, "the line begins with its letter"),), item)
        left = [fact for fact in left if fact.name != "volume.mount"]
    if named := len(text) > head.told_at:
        name_told(interpreter, text, head.told_at, head.line, item, left)
    empty = len(deeper) == 1 and plain(deeper[0].text.strip("()[]<>- ")) in HOLDS_NOTHING
    telling = int(empty)
    for line in () if empty else deeper:
        text = line.text[:MAX_LINE].rstrip()
        start = indent_of(text)
        if not named and _names(interpreter, text[start:], item.group, left):
            name_told(interpreter, text, start, line, item, left)
            telling += 1
        else:
            words = _parted(interpreter, text[start:], item.group)
            telling += bool(told_in_words(interpreter, words, line.number, start, item.group, item, left))
        named = True
    number = ITEM_HEADING.get(item.group)
    numbers = number is not None and not number.endswith(".name") and any(fact.name == number for fact in left)
    # A socket that holds no processor is none, one that holds no module is told of.
    if number and numbers and (item.group == "module" or not empty):
        which = Entry("", head.number, head.line.number, head.number_at + 1)
        interpreter.place(which, "words", (Guess(number, 0.85, f"it numbers {item.group}"),), item)
        item.keys = {number: head.number, **item.keys}  # what stands below is told of this number
    return telling


def _parted(interpreter: Interpreter, text: str, group: str) -> str:
    """A line of words with commas between what it tells: for the marks that part it, or for its gaps, but for those between
    a label and its value."""
    fields = FIELDS[group]
    words = marks_as_commas(dots_as_commas(text))
    return commas_for_gaps_between(words, lambda cell: tells_field(interpreter, cell, group, list(fields)))


def _names(interpreter: Interpreter, text: str, group: str, left: list[FactKind]) -> bool:
    """Whether a line begins with what the thing is called, and not with something that it has."""
    first = cells_by_comma(commas_for_gaps(commas_for_marks(dots_as_commas(text))))[0][0]
    return not tells_field(interpreter, first, group, left) and not says_nothing(interpreter, first, group)


def name_told(interpreter: Interpreter, text: str, start: int, line: Line, item: Item, left: list[FactKind]) -> None:
    """Read what a thing is called, from ``start`` of its line's ``text`` on, and what else that tells; takes the facts that
    are told from those ``left``."""
    start += indent_of(text[start:])
    said = commas_for_gaps(
        commas_for_marks(dots_as_commas(_LEADER.sub(lambda dots: " " * len(dots.group()), text[start:])))
    )
    naming, before = _CALLED[item.group], len(interpreter.drafts)
    if naming.endswith((".name", ".model", ".label")):
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
    known = {draft.fact for draft in interpreter.drafts[before:]}
    left[:] = [fact for fact in left if fact.name not in known]
