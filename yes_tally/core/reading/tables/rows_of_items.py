"""Lines that no shape could read and that each tell of an item: by its number, below a count of such, or below what was
told of it."""

from __future__ import annotations

import re
from bisect import bisect_left
from collections.abc import Sequence
from operator import itemgetter
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.drives import told_of_drive
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, names_item, subject_called
from yes_tally.core.reading.records.listings import CALLED, INDEXED, ITEM_HEADING, LETTERED
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    cells_by_comma,
    cells_by_gap,
    commas_for_gaps,
    indent_of,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


_MANY_ROWS = 2000


def numbered_rows(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``Drive 0  Basalt SX240   health: OK   34 C``: rows that each begin with which item they tell of. Returns the
    lines that were read."""
    read: set[int] = set()
    owners = _numbered_above(interpreter)
    for line in lines[:_MANY_ROWS]:
        cells = _cells_of_numbered(line.text) if len(line.text) <= MAX_LINE else []
        match = INDEXED.match(cells[0][0]) if len(cells) >= 3 and _names_one(cells[0][0]) else None
        group = subject_called(match["noun"], match["rest"]) if match else None
        naming = CALLED.get(group or "")
        letter = LETTERED.fullmatch(cells[0][0]) if match else None
        which = (match["rest"] if match else None) or (letter["rest"] if letter else None)
        if which is None or group is None or naming is None or all(_names_one(text) for text, _ in cells):
            continue  # ``Module 1   Module 2   Module 3``: a head
        at = cells[1][1]
        entry = Entry(cells[0][0], ", ".join(text for text, _ in cells[1:]), line.number, at + 1)
        item = Item(group)
        if not told_bare(interpreter, entry, group, item, "rows", naming, line.text, least=1):
            continue
        interpreter.take(item)
        read.add(line.number)
        if owner := _owner(owners, group, line.number):
            interpreter.stands_under(item, owner, entry, "rows")
        number = ITEM_HEADING.get(group)
        if number == "module.slot" and " " not in cells[0][0]:
            which = cells[0][0]  # ``DIMM_A``
        if number:
            place = Entry(cells[0][0], which, line.number, cells[0][1] + 1)
            interpreter.place(place, "rows", (Guess(number, 0.85, f"the row begins with the {group}"),), item)
    return read


_ONE_AND_WORDS = re.compile(r"\s*(?P<one>[^\W\d_]+(?: [^\W\d_]+)? #?\d{1,2}):?\s+(?P<told>[^\W\d_][^,]*,\s.*)$")


def _cells_of_numbered(text: str) -> Sequence[tuple[str, int]]:
    """The cells of a row; of ``screen 1 Veldt V27, serial VR27-009112`` which one it is, and what commas part."""
    cells = cells_by_gap(text)
    if len(cells) > 2 and _OF_ALL.fullmatch(cells[1][0]):
        told = cells[2:] if len(cells) > 3 else cells_by_comma(*cells[2])
        return [(f"{cells[0][0]} {cells[1][0]}", cells[0][1]), *told]
    match = _ONE_AND_WORDS.match(text) if len(cells) < 3 else None
    if match is None or not names_item(match["one"]):
        return cells
    return [(match["one"], match.start("one")), *cells_by_comma(match["told"], match.start("told"))]


_OF_ALL = re.compile(r"\d{1,2} ?(?:of|von|sur|de|di|van|z|/) ?\d{1,2}", re.I)


def cells_of_opened(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``=== Disk 0 ===`` over ``Basalt SX500   s/n 4711   465.76 GiB``: right under a heading that names an item by its
    number stands what it is called, and more of it. Returns the lines that were read."""
    read: set[int] = set()
    for line in lines:
        item = interpreter.opened.get(line.number - 1)
        cells = cells_by_gap(line.text) if item and len(line.text) <= MAX_LINE else []
        if item is None or len(cells) < 2 or item.group not in CALLED:
            continue
        if len(cells) == _LABEL_AND_VALUE and is_known(cells[0][0]):
            (label, _), (printed, at) = cells
            pair = Entry(label, printed, line.number, at + 1)
            interpreter.entries([pair], "pairs", interpreter.context(item.group), item)
            read.add(line.number)
            continue
        entry = Entry("", ", ".join(text for text, _ in cells), line.number, cells[0][1] + 1)
        if told_bare(interpreter, entry, item.group, item, "rows", CALLED[item.group], line.text):
            read.add(line.number)
    return read


_LABEL_AND_VALUE = 2


def clauses_below(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``disk 0  Basalt NV1000  s/n 4711`` over an indented ``931.5 GiB, NVMe, healthy``: what stands deeper right below
    what is told of an item goes on with it. Returns the lines that were read."""
    told: dict[int, Item] = {}
    facts: dict[int, set[str]] = {}
    for draft in interpreter.drafts[interpreter.section_from :]:
        if draft.item and draft.item.group in CALLED:
            told.setdefault(draft.entry.line, draft.item)
            facts.setdefault(id(draft.item), set()).add(draft.fact)
    read: set[int] = set()
    for line in lines:
        item, text = told.get(line.number - 1), line.text[:MAX_LINE]
        deeper = _DEEPER + (": " in text)  # a pair may stand beside the pairs above it
        if item is None or indent_of(text) < deeper or not (_SEVERAL.search(text.lstrip()) or _ONE_TOLD.match(text)):
            continue
        if item.group == "disk" and (drive := _LETTER_FIRST.match(text)):
            told_of_drive(
                interpreter, line.number, drive["mount"], drive.start("mount"), text[drive.end() :], drive.end()
            )
            read.add(line.number)
            told[line.number] = item
            continue
        depth, listed = indent_of(text), ", " in text
        text = text[:depth] + commas_for_gaps(text[depth:])
        known = facts[id(item)]
        left = [fact for fact in FIELDS[item.group] if fact.name not in known]
        before = len(interpreter.drafts)
        words = told_in_words(interpreter, text, line.number, 0, item.group, item, left)
        # Of cells between gaps each must tell: ``in use     yes`` are a label and its value.
        if words * (2 if listed else 1) < text.count(", ") + 1:
            del interpreter.drafts[before:]
            continue
        read.add(line.number)
        known |= {draft.fact for draft in interpreter.drafts[before:]}
        told[line.number] = item
    return read


_DEEPER = 2
# ``C: 222.9 GB, 61.2 GB free``, below what is told of its disk
_LETTER_FIRST = re.compile(r"\s*(?P<mount>[A-Z]:)\\?\s+")
_SEVERAL = re.compile(r", |\s{2,}")
# ``driver 31.0.4412.9 of 2026-08-19``
_ONE_TOLD = re.compile(r"\s+[^\W\d_]{3,20} v?\d+(?:\.\d+)+ ")


def rows_below_count(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``Disks  2`` over ``0  Shale 4T   SH4T-0001   3.64 TB  good``: what was counted is listed right below, a row each.
    Returns the lines that were read."""
    read: set[int] = set()
    group, above = None, Line(0, "", 0, 0)
    owners = _numbered_above(interpreter)
    for line in lines:
        follows = line.number == above.number + 1
        group = interpreter.counted.get(line.number - 1) or (group if follows else None) or _headed(line, above)
        above = line
        cells = cells_by_gap(line.text) if group in CALLED and len(line.text) <= MAX_LINE else []
        numbered = bool(cells) and cells[0][0].rstrip(".):").isdigit()
        # A number, a kind and a size are all that a partition has.
        if group is None or len(cells) < (3 if group == "partition" else 3 + numbered):
            continue
        told = cells[1:] if numbered else cells
        own = "volume" if group == "partition" and _DRIVE.fullmatch(told[0][0]) else group
        item = Item(own)
        entry = Entry("", ", ".join(_bare(text) for text, _ in told), line.number, told[0][1] + 1)
        if not told_bare(
            interpreter, entry, own, item, "rows", CALLED[group] if own == group else "volume.mount", line.text
        ):
            continue
        interpreter.take(item)
        read.add(line.number)
        if owner := _owner(owners, own, line.number):
            interpreter.stands_under(item, owner, entry, "rows")
        if numbered and own == group and group in ITEM_HEADING:
            place = Entry("", cells[0][0].rstrip(".):"), line.number, cells[0][1] + 1)
            interpreter.place(place, "rows", (Guess(ITEM_HEADING[group], 0.8, "the row begins with it"),), item)
    return read


def _bare(cell: str) -> str:
    """``(612.0 GB free)`` without its brackets."""
    return cell[1:-1] if cell[:1] == "(" and cell[-1:] == ")" else cell


def _numbered_above(interpreter: Interpreter) -> list[tuple[int, Item]]:
    """The items of the section that are told by their number and that others belong to, each with its line, from the
    top."""
    drafts = interpreter.drafts[interpreter.section_from :]
    found = [(draft.entry.line, draft.item) for draft in drafts if draft.item and draft.fact in _NUMBERS_OF_OWNERS]
    return sorted(found, key=itemgetter(0))


def _owner(numbered: Sequence[tuple[int, Item]], group: str, line: int) -> Item | None:
    """The nearest of ``numbered`` above a line, if a thing of ``group`` belongs to such."""
    place = bisect_left(numbered, line, key=itemgetter(0))
    owner = numbered[place - 1][1] if place else None
    return owner if owner and f"{group}.{owner.group}" in FACTS else None


_NUMBERS_OF_OWNERS = frozenset(
    number for group, number in ITEM_HEADING.items() if group in {f.field for f in FACTS.values()}
)
_DRIVE = re.compile(r"[A-Z]:\\?")


def _headed(line: Line, above: Line) -> str | None:
    """What a numbered row is one of, where the line above it says nothing else (``Partitions``)."""
    if above.number != line.number - 1 or indent_of(line.text) <= indent_of(above.text) or len(above.text) > MAX_LABEL:
        return None
    group = SUBJECTS.get(words_of(above.text.rstrip(" :")))
    first = (line.text.split(None, 1) or [""])[0]
    return group if group in CALLED and first.rstrip(".):").isdigit() else None


def _names_one(cell: str) -> bool:
    """``disk 0``, ``volume C:``: which item a row tells of."""
    letter = LETTERED.fullmatch(cell.removesuffix(":"))
    return names_item(cell) or bool(letter and SUBJECTS.get(words_of(letter["noun"])) == "volume")
