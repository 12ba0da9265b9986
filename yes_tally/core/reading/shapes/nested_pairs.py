"""Pairs nested by how deep they stand: which of them are told of what, and where a record of them begins."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, meanings, names_item
from yes_tally.core.reading.shapes.flow_mappings import flow_mapping
from yes_tally.core.reading.shapes.indexed_keys import part
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, Group, Heading, indent_of, is_rule
from yes_tally.core.reading.shapes.pairs_in_lines import LISTED, Pair, without_dash
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import HOLDS_NOTHING, plain

# ``Carte 1 : Wickerlink GbE 210``: which one of something, whatever that may be.
_NUMBERED = re.compile(r"[^\W\d_]+(?: [^\W\d_]+)? #?\d{1,3}(?: ?(?:/|of|out of|von|sur|de|di|van|z) ?\d{1,3})?", re.I)
_PAIR_BESIDE = re.compile(r"\S\s{2,}[^\W\d_][^:]{1,30}:\s+\S")


# ``Installed (3):``, over so many of them.
_COUNTS = re.compile(r"\(\d{1,4}\)$")


def nested(lines: Sequence[Line], pairs: Sequence[Pair | None]) -> list[Group]:
    """The records that pairs make, by their lines' indents; ``pairs`` holds that of each line, ``None`` where it has none."""
    root = Group()
    stack: list[tuple[int, Group]] = [(-1, root)]
    last: tuple[int, Pair] | None = None
    above: list[tuple[int, Pair]] = []
    indents = _indents(lines, pairs)
    depths = _depths(lines, pairs, indents)
    bullets = _bullets(lines, pairs, indents)
    for index, (line, pair) in enumerate(zip(lines, pairs, strict=True)):
        text = line.text
        if not text.strip() or (pair is None and is_rule(text)):
            continue
        indent, depth = indents[index], depths[index]
        if record := flow_mapping(line):
            while stack[-1][0] >= depth:
                stack.pop()
            _holder(stack, depth).children.append(record)
            last = None
            continue
        deeper = index + 1 < len(lines) and depths[index + 1] > depth
        if pair is None and last and depth > last[0] and _lists_record(lines, pairs, indents, index):
            # ``Cards: 2 fitted`` over ``[01]: Wickerlink GbE 210`` with pairs below it: records of the label's.
            while stack[-1][0] >= last[0]:
                stack.pop()
            entries, counts = stack[-1][1].entries, last[1].value[:1].isdigit()
            at = entries.pop().line if entries and counts and entries[-1].label == last[1].label else line.number - 1
            owner = Group(Heading(last[1].label, at, last[0] // _STEP + 1))
            stack[-1][1].children.append(owner)
            stack.append((last[0], owner))
            last = None
        if pair is None and last and depth > last[0] and plain(text.strip(" ()[]<>-")) in HOLDS_NOTHING:
            continue  # ``Socket: A2`` over ``empty``
        if pair is None and last and SUBJECTS.get(words_of(last[1].label)) == "memory" and _SOCKET_ROW.match(text):
            continue  # a row of its own, and nothing that the amount goes on with
        if pair is None and last and depth > last[0] and not (deeper and indent < last[1].column):
            _holder(stack, last[0]).entries.append(Entry(last[1].label, text.strip(), line.number, indent + 1))
            continue
        listed = (
            pair is not None and not pair.value and deeper and LISTED.match(lines[index + 1].text, indents[index + 1])
        )
        counts = pair is not None and not pair.value and _COUNTS.search(pair.label) is not None
        opens = deeper and (bool(listed) or counts or not (pairs[index + 1] is None and pair is not None))
        if (
            pair is None
            and len(stack) > 1
            and stack[-1][1].heading
            and depth > stack[-1][0]
            and LISTED.match(text, indent)
            and not _lists_record(lines, pairs, indents, index)
        ):
            # ``disks`` over ``0: Basalt NV1000, 1.0 TB``: listed under what they are.
            stack[-1][1].entries.append(Entry(stack[-1][1].heading.text, text.strip(), line.number, indent + 1))
        elif (pair is None and (opens or _heads(pairs, index, text))) or (pair and not pair.value and opens):
            while stack[-1][0] >= depth:
                stack.pop()
            child = Group(_heading(text.strip(), line.number, indent_of(text) + 1))
            stack[-1][1].children.append(child)
            stack.append((depth if opens else depth - 1, child))
            last = None
        elif pair and deeper and pairs[index + 1] and (_numbers_kind(pair) or words_of(pair.label) in _CATEGORY):
            # ``Handle 0x0010, type 17: memory device`` over deeper pairs: the value says what they are told of.
            while stack[-1][0] >= depth:
                stack.pop()
            child = Group(Heading(pair.value, line.number, pair.column + 1))
            stack[-1][1].children.append(child)
            stack.append((depth, child))
            last = None
        elif (
            pair
            and deeper
            and (
                _names_one(pair.label)
                or holds_module(pair.label, pair.value)
                or _begins_record(pair, pairs[index + 1], lines[index + 1])
            )
        ):
            # ``Disk 0: Basalt NV1000``, ``Firmware: Loamgate L52`` over indented pairs: a record that the pair begins.
            while stack[-1][0] >= depth:
                stack.pop()
            child = Group(Heading(pair.label, line.number, indent + 1))
            child.entries.append(Entry(pair.label, pair.value, line.number, pair.column + 1))
            stack[-1][1].children.append(child)
            stack.append((depth, child))
            last = None
        elif pair:
            dash = without_dash(text)[1] if text[indent] == "-" and index not in bullets else 0
            while stack[-1][0] >= depth:
                stack.pop()
            if dash:
                item = Group()
                _holder(stack, depth).children.append(item)
                stack.append((depth, item))
                depth += dash * _STEP
            while above and above[-1][0] >= depth:
                above.pop()
            label = _with_label_above(pair.label, above[-1][1].label) if above else pair.label
            _add(stack, depth, Entry(label, pair.value, line.number, pair.column + 1))
            last = (depth, pair)
            above.append(last)
    return _records(root)


# ``Slot A1   8 GB   DDR4``
_SOCKET_ROW = re.compile(r"\s*[^\W\d_]{3,12} (?:[A-Z]\d{0,2}|\d{1,2})\s{2,}\S")


def _with_label_above(label: str, above: str) -> str:
    """``DHCP: on`` over a deeper ``server: 10.60.2.2``: what it is the server of."""
    joined = f"{above} {label}"
    switch = any(m.exact and FACTS[m.phrase.fact].kind == "flag" for m in meanings(above))
    whole = switch and any(m.exact and not m.subject and " " in m.phrase.text for m in meanings(joined))
    return joined if whole and " " not in label and above != label else label


_STAR = re.compile(r"\s*[*>]\s+(?=\S)")


_LEAST_TO_THE_RIGHT = 3
_LEAST_BULLETS = 2


def _bullets(lines: Sequence[Line], pairs: Sequence[Pair | None], indents: Sequence[int]) -> set[int]:
    """The lines whose dash begins no item of a list: nothing stands deeper below any of those beside it, and each has
    another label (``- Size: 931.51 GB`` over ``- Bus: NVMe``)."""
    found: set[int] = set()
    for dashed, run in itertools.groupby(
        range(len(lines)), key=lambda at: (pairs[at] is not None and lines[at].text[indents[at]] == "-", indents[at])
    ):
        places = list(run)
        labels = [pair.label for at in places if dashed[0] and (pair := pairs[at])]
        if len(labels) >= _LEAST_BULLETS and len(set(labels)) == len(labels):
            found.update(places)
    return found


def _indents(lines: Sequence[Line], pairs: Sequence[Pair | None]) -> list[int]:
    """How deep each line stands: one with a star before it as deep as its text, where such lines without a star do; all
    the same where the labels end at one column and not where they begin."""
    indents = [indent_of(line.text) for line in lines]
    ends = [indent + len(pair.label) for indent, pair in zip(indents, pairs, strict=True) if pair and pair.label]
    if len(ends) >= _LEAST_TO_THE_RIGHT and len(set(ends)) == 1 and len(ends) == len(lines):
        return [min(indents)] * len(lines)
    plain = {indent for indent, pair in zip(indents, pairs, strict=True) if pair is None}
    for place, (line, pair) in enumerate(zip(lines, pairs, strict=True)):
        star = _STAR.match(line.text) if pair is None else None
        if star and star.end() in plain:
            indents[place] = star.end()
    return indents


# Of two lines that are indented alike one may stand deeper, but not as deep as what is indented by one more.
_STEP = 2
_DASH = "- "


def _depths(lines: Sequence[Line], pairs: Sequence[Pair | None], indents: Sequence[int]) -> list[int]:
    """How deep each line stands: by its indent, and what is listed by dashes right below a label with no value, indented
    as it is, deeper than that (YAML 1.2, 8.2.1)."""
    depths = [indent * _STEP for indent in indents]
    owner: int | None = None
    for place, (line, indent) in enumerate(zip(lines, indents, strict=True)):
        dashed = line.text.startswith(_DASH, indent)
        if owner is not None and (indent < owner or (indent == owner and not dashed)):
            owner = None
        if owner is None and dashed and place and _names_list(pairs[place - 1]) and indents[place - 1] == indent:
            owner = indent
        if owner is not None:
            depths[place] += 1
    return depths


def _names_list(pair: Pair | None) -> bool:
    return pair is not None and not pair.value and bool(pair.label)


# ``Category: Logon`` over its subcategories.
_CATEGORY = frozenset((word,) for word in "category kategorie categorie categoria kategoria".split())
# ``Table 17, Memory device``: the kind stands behind the number of the table that tells it.
_KIND_BEHIND = re.compile(r"[^\W\d_]+ (?:#?\d{1,3}|0x[0-9a-f]{2,4}), (?=[^\W\d_])", re.I)


def _heading(text: str, line: int, column: int) -> Heading:
    """A line as a heading: of a numbered table the kind of thing that it tells of."""
    match = _KIND_BEHIND.match(text)
    behind = text[match.end() :].rstrip(" :") if match else ""
    if match and names_kind(behind):
        return Heading(behind, line, column + match.end())
    return Heading(text, line, column)


def _lists_record(lines: Sequence[Line], pairs: Sequence[Pair | None], indents: Sequence[int], index: int) -> bool:
    """Whether a line is one of a list, with pairs below it."""
    return (
        index + 1 < len(lines)
        and indents[index + 1] > indents[index]
        and pairs[index + 1] is not None
        and LISTED.match(lines[index].text, indents[index]) is not None
    )


def _names_one(label: str) -> bool:
    named = _ASIDE.sub("", label)  # ``Bildschirm 2 (Dock)``
    return names_item(named) or _NUMBERED.fullmatch(named) is not None


_ASIDE = re.compile(r"(?<=\d) \([^()]+\)$")


def holds_module(label: str, value: str) -> bool:
    """``Slot A1: 8 GB, DDR4``: whether a pair tells what memory is in a socket."""
    return _SOCKET.fullmatch(label) is not None and _MEMORY.search(value) is not None


_SOCKET = re.compile(r"[^\W\d_]{3,14} (?:[A-H]\d{0,2}|\d{1,2})")
_MEMORY = re.compile(r"\d ?[GM]i?B\b.*\bL?P?DDR\d|\bL?P?DDR\d.*\d ?[GM]i?B\b")


def _begins_record(pair: Pair, below: Pair | None, line: Line) -> bool:
    """Whether a pair begins a record of the deeper lines below it: its label names a kind of thing, and the first of them
    is a pair, or begins with a label (``Card: Siskin GX 620`` over ``driver 31.0.4412.9 of 2026-08-19``)."""
    if below or not pair.value:
        return below is not None and names_kind(pair.label)
    label = _FIRST_WORD.match(line.text)
    return label is not None and is_known(label["word"]) and (names_kind(pair.label) or words_of(pair.label) in _CARDS)


_FIRST_WORD = re.compile(r"\s*(?P<word>[^\W\d_]{3,20})(?: [^\W\d_]{1,12})? v?\d")
_CARDS = frozenset((word,) for word in "card karte carte tarjeta scheda placa kaart karta".split())


def _numbers_kind(pair: Pair) -> bool:
    """Whether a label that means nothing has a number in it, and its value says what kind of thing has that number."""
    return any(map(str.isdigit, pair.label)) and names_kind(pair.value) and not is_known(pair.label)


def names_kind(label: str) -> bool:
    """Whether a label is nothing but what a thing is called (``Mainboard``)."""
    return words_of(label) in SUBJECTS


def _holder(stack: list[tuple[int, Group]], indent: int) -> Group:
    for at, group in reversed(stack):
        if at < indent:
            return group
    return stack[0][1]


def _add(stack: list[tuple[int, Group]], indent: int, entry: Entry) -> None:
    _holder(stack, indent).entries.append(entry)


def _heads(pairs: Sequence[Pair | None], index: int, text: str) -> bool:
    """A short line before a pair, with none before it, is what the pairs speak of."""
    before = pairs[index - 1] if index else None
    after = pairs[index + 1] if index + 1 < len(pairs) else None
    return after is not None and before is None and len(text.strip()) <= MAX_LABEL and not text.rstrip().endswith(".")


def _records(root: Group) -> list[Group]:
    """Split the top level where its first label is repeated; each part is then a record of its own."""
    for group in list(root.walk()):
        part(group)
    entries = root.entries
    first = entries[0].label if entries else ""
    starts = [i for i, e in enumerate(entries) if e.label == first and e.printed != ""]
    apart = [i for i, j in itertools.pairwise(starts) if j - i > 1]
    # ``Profile: domain   State: on``: each line is a record.
    whole = len(starts) == len(entries) and all(_PAIR_BESIDE.search(entry.printed) for entry in entries)
    if len(starts) < 2 or not (apart or whole):
        return [root]
    bounds = [*starts, len(entries)]
    parts = [Group(entries=entries[a:b]) for a, b in itertools.pairwise(bounds)]
    return [Group(heading=root.heading, children=[*parts, *root.children], table=False)]
