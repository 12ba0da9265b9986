"""Things that begin with their kind and their number, over deeper lines that tell of each in words.

::

    cpu0  Kestrel K5-8420 @ 3.20GHz
          socket P0, 6 cores, 12 threads
          L2 1.5 MB  L3 12 MB
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import says_nothing, tells_field
from yes_tally.core.reading.clauses.told_in_parts import parted_words, told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subject_called
from yes_tally.core.reading.records.listings import CALLED, ITEM_HEADING, by_key
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    cells_by_comma,
    cells_by_gap,
    commas_for_gaps,
    commas_for_marks,
    dots_as_commas,
    indent_of,
    marks_as_commas,
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
# ``vendor ...... Lumenarc``, ``mode: 2560 x 1440``
_PAIR = re.compile(r"[\s.]*(?P<label>[^\W\d_][^:=]*?)\s*(?:\.{2,}|[:=])\s*\S")
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


def kinds_over_words(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str], *, parted: bool) -> bool:
    """Read a block as things of one kind, each under its number or its name; ``spoken``: which kinds are spoken of around
    it; ``parted``: whether a shape could part it. Whether it was read; nothing is where the lines that stand least deep
    name no such things, or what is below them is pairs or other things of a kind."""
    if not 1 < len(lines) <= _MOST_LINES:
        return False
    title = SUBJECTS.get(words_of(lines[0].text[:MAX_LABEL].strip(" :")))
    if title in _CALLED:
        lines, spoken = lines[1:], (title, *spoken)
    elif _head(lines[0], spoken) is None and _head(lines[1], spoken):
        lines = lines[1:]  # ``corelook 5.0``
    records = under_heads(lines)
    heads = [head for line, _ in records if (head := _head(line, spoken))]
    if not heads and spoken and _may_be_named(records, spoken[0], parted=parted):
        heads = [head for line, _ in records if (head := _named_head(interpreter, line, spoken[0]))]
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
                if title in _CALLED:
                    interpreter.frame.add(lines[0].number - 1)
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
    cells = [cell for cell, _ in cells_by_gap(_LEADER.sub(lambda dots: ": ".ljust(len(dots.group())), text))]
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


# ``* ``, ``2) ``, ``[1] ``, ``== ``
_LISTED = re.compile(r"\s*(?:(?:[*+>•-]|={2,}|-{2,}|#?\d{1,2}[.):]|#\d{1,2}|\(\d{1,2}\)|\[\d{1,2}\]) +)?[\"“„«\[]?")
_MODEL = re.compile(r"(?=.*\d)(?!.* [–—-]+ )[A-Z][\w&./+-]*(?: [\w&./+-]+)*")
_CHOSEN = re.compile(r"[^\W_](?:[^:=|,;()\"“]| \()*\)?")
_BY_MODEL = ("processor", "disk", "module", "graphics", "display", "sound", "battery", "adapter")
# What things of each kind are called, where a line begins with that: a model, the code of a part, a login, an id, or what
# somebody chose.
_FORMS_OF_NAMES = {
    **dict.fromkeys(_BY_MODEL, _MODEL),
    **dict.fromkeys(("printer", "software", "driver", "task"), _CHOSEN),
    "account": re.compile(r"[\w.\\@-]+(?: \([^()]+\))?|[A-Z][\w-]+(?: [A-Z][\w-]+)+"),
    "update": UPDATE_ID,
    "firewall": re.compile(r"[^\W\d_]+(?: [^\W\d_]+)?"),
    "volume": re.compile(r"/[\w./-]*|[\w-]+(?: [\w-]+){0,3}"),
}


def _named_head(interpreter: Interpreter, line: Line, group: str) -> _Head | None:
    """A thing of a kind that is spoken of, where its line begins with its model or what else it is called by."""
    if group not in _FORMS_OF_NAMES:
        return None
    text = line.text[:MAX_LINE].rstrip(' :=-"“”»])')
    listed = _LISTED.match(text)
    start = listed.end() if listed else 0
    first = cells_by_comma(commas_for_gaps(marks_as_commas(_LEADER.sub("   ", text[start:]))))[:2]
    numbered = listed is not None and any(map(str.isdigit, listed.group()))
    form = _CHOSEN if numbered and group in _BY_MODEL and group != "adapter" else _FORMS_OF_NAMES[group]
    if not first or not form.fullmatch(first[0][0]):
        return None
    like_label = group in _LIKE_LABELS or numbered
    meant = decide(first[0][0], interpreter.context(group, (group,)))[:1] if group == "firewall" else ()
    if any(FACTS[guess.fact].group == group and guess.fact != _CALLED[group] for guess in meant) or (
        len(first) > 1 and is_known(first[0][0]) and is_known(first[1][0])
    ):
        return None  # a label, or the head of a table
    if is_known(first[0][0]) and not like_label:
        return None
    both = _BOTH_NAMES.match(text, start) or (len(first) > 1 and all(_MODEL.fullmatch(cell) for cell, _ in first))
    if group == "adapter" and (_BY_PEOPLE.match(first[0][0]) or both):
        return None
    if group != "module" and not like_label and tells_field(interpreter, first[0][0], group, list(FIELDS[group])):
        return None
    return _Head(replace(line, text=text), (group,), "", 0, start)


# What these are called may be a label too (``guest``, ``public``, ``System``).
_LIKE_LABELS = frozenset({"account", "firewall", "volume"})


def _may_be_named(records: Sequence[tuple[Line, Sequence[Line]]], group: str, *, parted: bool) -> bool:
    """Whether lines over deeper ones may name things of a kind: those that somebody chose a name for only where there are
    several, and no pair is told of them."""
    chosen = group not in _BY_MODEL
    if not any(deeper for _, deeper in records) or (chosen and not all(deeper for _, deeper in records)):
        return False
    if all(is_known(line.text.strip(" :[]=-")) for line, _ in records) and group not in _LIKE_LABELS:
        return False
    pairs = any(_COLON.search(line.text[:MAX_LINE]) for _, deeper in records for line in deeper)
    several = len(records) > 1 or group in _TOLD_BY_FORM
    return not chosen or (several and not pairs and (parted or group in _READ_HERE_ALONE))


_COLON = re.compile(r"[^\W\d_] ?:(?:\s|$)")
# Others that no shape can part have readers that know more of them.
# What is called by words of a form of its own: a login, an id, a profile.
_TOLD_BY_FORM = frozenset({"account", "firewall", "update"})
_READ_HERE_ALONE = frozenset({"firewall", "update", "volume"})


# ``LAN0``, ``eth0``: what people call it.
_BY_PEOPLE = re.compile(r"\s*[^\W\d_]{1,5}\d")
# ``Wired 1 (Ternwave GE 210)``
_BOTH_NAMES = re.compile(r"[^(]*\w \(")
# What a thing of each kind is called by.
_CALLED = {
    **CALLED, "account": "account.name", "task": "task.name", "software": "software.name", "driver": "driver.name",
    "update": "update.id", "firewall": "firewall.profile",
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


def _read(interpreter: Interpreter, head: _Head, deeper: Sequence[Line], item: Item) -> int:
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
            telling += bool(told_in_words(interpreter, words, line.number, start, item.group, item, left))
        named = True
    number = ITEM_HEADING.get(item.group)
    numbers = (
        number is not None
        and bool(head.number)
        and not number.endswith(".name")
        and any(fact.name == number for fact in left)
    )
    # A socket that holds no processor is none, one that holds no module is told of.
    if number and numbers and (item.group == "module" or not empty):
        which = Entry("", head.number, head.line.number, head.number_at + 1)
        interpreter.place(which, "words", (Guess(number, 0.85, f"it numbers {item.group}"),), item)
        item.keys = {number: head.number, **item.keys}  # what stands below is told of this number
    return telling


def _names(interpreter: Interpreter, text: str, group: str, left: list[FactKind]) -> bool:
    """Whether a line begins with what the thing is called, and not with something that it has."""
    if group == "volume" and len(cells_by_gap(text)) == _CELLS_OF_PAIR:
        return False  # ``result    no problems``
    first = cells_by_comma(commas_for_gaps(commas_for_marks(dots_as_commas(text))))[0][0]
    return not tells_field(interpreter, first, group, left) and not says_nothing(interpreter, first, group)


def _name_told(interpreter: Interpreter, text: str, start: int, line: Line, item: Item, left: list[FactKind]) -> None:
    """Read what a thing is called, from ``start`` of its line's ``text`` on, and what else that tells; takes the facts that
    are told from those ``left``."""
    start += indent_of(text[start:])
    said = commas_for_gaps(
        commas_for_marks(dots_as_commas(_LEADER.sub(lambda dots: " " * len(dots.group()), text[start:])))
    )
    naming, before = _CALLED[item.group], len(interpreter.drafts)
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
    known = {draft.fact for draft in interpreter.drafts[before:]}
    left[:] = [fact for fact in left if fact.name not in known]
