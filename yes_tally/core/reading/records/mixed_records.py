"""Things headed by their names, over lines that mix pairs and words: several pairs in a line, clauses between commas.

::

    icalloway      Ines Calloway
        enabled, administrator, password required
        last sign-in: 2025-02-11 08:02     password: set 2025-01-03, expires 2025-04-03

    Nightly backup                       ready, enabled
      runs    every day at 22:30         as   QM\\backup
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import NOT
from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Context, Guess, decide, infer_group
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subjects_in
from yes_tally.core.reading.records.records_in_words import ASIDE_OF, naming
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap, indent_of, under_heads
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MOST_LINES = 1000
_LEAST_BELOW, _LEAST_TOLD = 2, 3
_NAME = re.compile(r"(?:\[?\d{1,3}[\].)]\s+)?(?P<name>[^\W_][^:=|()\"“«]{0,80})")
_PAIR = re.compile(r"(?P<label>[^\W\d_][^:=|,;]{0,40}?)\s*[:=]\s+(?P<printed>\S.*)")
# What is called by a name of its own, which somebody gave it.
_GROUPS = frozenset({"account", "task", "software", "printer", "driver", "processor", "adapter"})
# What a processor's model looks like.
_PROCESSOR = re.compile(r"[A-Z][\w-]+ (?=.*\d).*[A-Za-z]\d.*")
# How sure a label must be that only a gap parts from its value.
_SURE = 0.85


class _Part(NamedTuple):
    """What a line says: a pair, or words, which have no label; ``column`` is where the value begins, from 0."""

    label: str
    text: str
    column: int


def read_mixed_records(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...]) -> bool:
    """Read a block of such records, of a kind of thing that is ``spoken`` of or that their labels tell. False, and
    nothing read, where a head is a label, where no line mixes what it says, or where most of the lines say nothing."""
    if not _LEAST_BELOW < len(lines) <= _MOST_LINES or indent_of(lines[1].text) <= indent_of(lines[0].text):
        return False
    if not all(line.text.strip() and len(line.text) <= MAX_LINE for line in lines):
        return False
    parts = under_heads(lines)
    heads = [_NAME.fullmatch(cells_by_gap(head.text)[0][0].strip()) for head, _ in parts]
    lengths = [len(below) for _, below in parts]
    if not parts or not all(heads) or not all(lengths) or max(lengths) < _LEAST_BELOW:
        return False
    group = _kind_of(parts, spoken)
    rows = min(len(cells_by_gap(head.text)) for head, _ in parts)
    if group is None or not all(_may_name(head["name"], group, rows) for head in heads if head):
        return False
    told = [(head, [list(_parts_of(line.text, group)) for line in below], below) for head, below in parts]
    if not any((_in_pairs(said) and rows > 1) if group == "adapter" else _is_mixed(said) for _, said, _ in told):
        return False
    before, items = len(interpreter.drafts), []
    for head, said, below in told:
        item = Item(group)
        if not _read(interpreter, head, said, below, item):
            del interpreter.drafts[before:]
            return False
        items.append(item)
    if len(interpreter.drafts) - before < _LEAST_TOLD * len(items):
        del interpreter.drafts[before:]
        return False
    for item in items:
        interpreter.take(item)
    return True


def _kind_of(parts: Sequence[tuple[Line, Sequence[Line]]], spoken: tuple[str, ...]) -> str | None:
    """The kind of thing that records tell of, of those that are called by a name."""
    near = next((group for group in spoken[:2] if group in ITEM_GROUPS), None)
    if near is None:
        said = [part for _, below in parts for line in below for part in _parts_of(line.text, "")]
        near = infer_group(tuple(dict.fromkeys(part.label for part in said if part.label)), spoken, False)
        if near is None and any(FORMS["adapter.mac"].fullmatch(part.text) for part in said):
            near = "adapter"
    return near if near in _GROUPS else None


_HEADED_IN_THE_PLURAL = frozenset({"account", "task", "software", "driver"})


def _may_name(name: str, group: str, cells: int) -> bool:
    """Whether things of a group may be called so in the first of some cells: a label is no name, nor what begins with
    their kind (``Account mrolf``)."""
    if is_known(name) or SUBJECTS.get(words_of(name.split()[0])) == group:
        return False
    if group in _HEADED_IN_THE_PLURAL and SUBJECTS.get(words_of(name.split()[-1])) == group:
        return False  # ``LOCAL ACCOUNTS`` over rows
    if group == "adapter" and cells == 2 and any(at.group == "adapter" for at in subjects_in(words_of(name))):
        return False  # ``Wireless card   Ternwave AX 20``: the kind and the name
    return group != "processor" or _PROCESSOR.fullmatch(name) is not None


def _parts_of(text: str, group: str) -> Iterator[_Part]:
    """The pairs and the words of a line: a pair by its colon, or a label of the group's before a cell."""
    cells = list(cells_by_gap(text))
    while cells:
        cell, at = cells.pop(0)
        if pair := _PAIR.fullmatch(cell):
            yield _Part(pair["label"], pair["printed"], at + pair.start("printed"))
        elif cells and (cell.endswith((":", "=")) or _is_label(cell, group)):
            value, column = cells.pop(0)
            yield _Part(cell.rstrip(" :="), value, column)
        else:
            yield _Part("", cell, at)


def _is_label(cell: str, group: str) -> bool:
    if not group:
        return is_known(cell)
    return any(guess.confidence >= _SURE for guess in decide(cell, Context(group, (group,)))[:1])


def _is_mixed(said: Sequence[Sequence[_Part]]) -> bool:
    """Whether lines say several things each, or some in pairs and some in words: others have readers that know more."""
    several = any(len(line) > 1 and any(part.label for part in line) for line in said)
    words, pairs = (
        any(len(line) == 1 and bool(line[0].label) is labelled for line in said) for labelled in (False, True)
    )
    return several or (words and pairs)


def _in_pairs(said: Sequence[Sequence[_Part]]) -> bool:
    """Whether most of what lines say stands behind labels."""
    parts = [part for line in said for part in line]
    return sum(bool(part.label) for part in parts) * 3 > len(parts) * 2


def _is_blank(parts: Sequence[_Part]) -> bool:
    return all(is_placeholder(part.text) for part in parts)


def _read(
    interpreter: Interpreter, head: Line, said: Sequence[Sequence[_Part]], below: Sequence[Line], item: Item
) -> bool:
    """Read one record. Whether all but a third of its lines tell something."""
    before = len(interpreter.drafts)
    entries: list[Entry] = []
    words: list[tuple[_Part, int]] = []
    last: _Part | None = None
    for line, parts in zip(below, said, strict=True):
        if last and len(parts) == 1 and not parts[0].label and parts[0].column >= last.column:
            parts = [parts[0]._replace(label=last.label)]  # what a list goes on with
        entries += [Entry(part.label, part.text, line.number, part.column + 1) for part in parts if part.label]
        words += [(part, line.number) for part in parts if not part.label]
        last = parts[-1] if parts[-1].label else last
    interpreter.entries(entries, "mixed records", interpreter.context(item.group, (item.group,)), item)
    told = {draft.fact for draft in interpreter.drafts[before:] if draft.item is item}
    left = [fact for fact in FIELDS[item.group] if fact.name not in {naming(item.group), *told}]
    for part, number in words:
        told_in_words(interpreter, part.text, number, part.column, item.group, item, left)
    telling = {draft.entry.line for draft in interpreter.drafts[before:]} | interpreter.blanks
    telling |= {line.number for line, parts in zip(below, said, strict=True) if _is_blank(parts)}
    if sum(line.number in telling for line in below) * 3 < len(below) * 2:
        return False
    _read_head(interpreter, head, item, left)
    return True


# ``jkowal — Jan Kowal``
_DASH = re.compile(r" (?:--?|–|—) ")


def _read_head(interpreter: Interpreter, head: Line, item: Item, left: list[FactKind]) -> None:
    """Read what the line above a record calls its thing, and what it says beside the name."""
    cells = cells_by_gap(_DASH.sub(lambda dash: " " * len(dash.group()), head.text.rstrip()))
    match = _NAME.fullmatch(cells[0][0])
    if match is None:
        return
    untold = [
        (text, at)
        for text, at in cells[1:]
        if not told_in_words(interpreter, text, head.number, at, item.group, item, left)
        and not is_placeholder(text.strip("()"))
        and not NOT.fullmatch(text.strip("()"))
    ]
    first = Entry("", match["name"], head.number, cells[0][1] + match.start("name") + 1)
    # Of a card it is what people call it, where something else says what it is.
    called = ASIDE_OF[item.group] if item.group == "adapter" and len(cells) > _LEAST_BELOW else naming(item.group)
    beside = naming(item.group) if item.group == "adapter" else ASIDE_OF.get(item.group)
    interpreter.place(first, "mixed records", (Guess(called, 0.82, "it heads what is told of it"),), item)
    if untold and beside in {fact.name for fact in left} | {naming(item.group)} and beside != called:
        text, at = untold[0]
        place = Entry("", text.strip("()\"'"), head.number, at + 1 + text.startswith(("(", '"', "'")))
        interpreter.place(place, "mixed records", (Guess(beside, 0.78, "it stands beside its name"),), item)
