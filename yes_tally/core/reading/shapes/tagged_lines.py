"""Tagged lines: a head line that names a thing, then indented lines of words and values, as network tools print."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.decide import NAMING
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, meanings, names_item, subjects_in
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    Entry,
    Group,
    Heading,
    Layout,
    all_entries,
    cells_by_gap,
    indent_of,
    known_share,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY_IN_NUMBERS, TIME_OF_DAY

_HEAD = re.compile(r"(?:\d{1,4}[:.)] +)?(?P<name>[^\s:<(][^:<]{0,78}?)(?P<mark>:(?=\s|$)|\s+(?=<)|\s{2,}|$)\s*")
# ``wkl0  (Wickerlink GbE 210)``: what the kernel calls a card, over what is said of it.
_KERNEL_NAME = re.compile(r"(?:[a-z]{2,8}|[A-Z]{2,8})\d{1,2}(?=  |$)")
_INDEX = re.compile(r"\d{1,4}[:.)] ")
_ANGLE = re.compile(r"<([^<>]{1,300})>|(?<=\s)\(([^()]{1,200},[^()]{1,200})\)\s*$|(?<=\s)\[([^\[\]]{2,200})\]\s*$")
_WORD = re.compile(r"\S+")
_MAX = 2000
# A value of several words: a moment, or two, and several addresses.
_MOMENT = rf"{DAY_IN_NUMBERS}(?![\w.])(?:,? {TIME_OF_DAY})?"
_GOES_ON = re.compile(
    rf"{_MOMENT}(?: (?:to|until|bis|au|al|a|hasta el|até|tot|do|[-–→]) {_MOMENT})?|(?:[0-9a-f.:/]*[.:][0-9a-f.:/]+,? )+[0-9a-f]*[.:][0-9a-f.:/]+",
    re.I,
)
# ``Landing air — Ternwave AX 20 — wireless``: what people call it, what it is, and more.
_DASHED = re.compile(r"\s+(?:—|–|--)\s+")
# ``Wickerlink GbE 210 (wired) - connected, 1 Gbit/s``
_STATED = re.compile(r"(?P<name>[A-Z][^()]*?) \((?P<aside>[^()]{2,40})\)(?:,| [-–—]) (?P<told>[^\W\d_].*)")
_CLAUSE = re.compile(r"[^\s,][^,]*")
_MODEL = re.compile(r"[A-Z]\S*(?: \S+)* (?:[A-Z]|\S*\d)\S*")
_COUNTED_HEAD = re.compile(r"[^\W\d_] \(\d{1,4}\)$")
_COUNT = re.compile(r"\d{1,6} [^\W\d_]{3}")
# What is called by several words or with a number, and more of it between commas.
_LISTED = re.compile(r"\s+[A-Z]\S* [^\s,](?:(?!\s{2})[^,])*,(?: [^,\s](?:(?!\s{2})[^,])*,)+ \S")
_NAMES = frozenset(NAMING.values())
NAME = "name"
CONNECTION = "connection name"
BARE = ""


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as tagged lines; at least one head with two understood details, and heads need a mark or index."""
    groups: list[Group] = []
    for line in lines:
        if indent_of(line.text) == 0:
            group = _head(line)
            if group is None:
                return None
            groups.append(group)
        elif not groups:
            return None
        else:
            _detail(groups[-1], line)
    entries = [entry for entry in all_entries(groups) if entry.label not in (NAME, BARE, CONNECTION)]
    if len(entries) < (1 if _INDEX.match(lines[0].text) else 2) or len(lines) < 2 * len(groups):
        return None
    if _are_rows(lines) or _are_pairs(lines, len(groups)) or any(map(_lists_things, groups)):
        return None
    if any(group.heading for group in groups) and all(
        _LISTED.match(line.text) for line in lines if line.text[:1] == " "
    ):
        return None  # ``Graphics cards:`` over ``Lumenarc 880, 8 GB, driver 31.0.15.2``
    share = known_share(entries)
    root = Group(children=groups)
    return Layout("tagged lines", [root], 0.75 * share * min(1.0, len(entries) / (len(lines) - len(groups))))


def _lists_things(group: Group) -> bool:
    """Whether a kind of thing stands over lines that tell the same, each of another one: ``Sound:`` over ``Murmur HD by
    Murmur, working`` and ``Oriel HDMI by Oriel, disabled``."""
    lines = {entry.line for entry in group.entries}
    told = Counter(entry.label for entry in group.entries if entry.label not in (NAME, BARE, CONNECTION))
    return group.heading is not None and len(lines) > 1 and any(count == len(lines) for count in told.values())


def _are_rows(lines: Sequence[Line]) -> bool:
    """Whether most lines fall apart at gaps in as many cells, three or more: rows that no head names; or all that are
    indented begin with what boot entries are called by."""
    if all(_IN_BRACES.match(line.text) for line in lines if line.text[:1] == " "):
        return True
    counts = Counter(len(cells_by_gap(line.text[:_MAX])) for line in lines)
    cells, many = counts.most_common(1)[0]
    return cells >= 3 and many * 2 > len(lines)


_IN_BRACES = re.compile(r"\s*\{[\w-]+\} ")
# ``Producent: Morvan``, ``- slot 1: 8 GB, DDR4``, ``guest - disabled``: one label, one mark, one value.
_PAIR = re.compile(r"\s+(?:[-*•] )?[^\W\d_](?:[^:,]{1,40}:(?: \S[^:]*(?:, [^:,]*: .*)?)?|[^:,]{0,40}? [-–—] \S.*)$")


def _are_pairs(lines: Sequence[Line], heads: int) -> bool:
    """Whether most of what stands below the heads are pairs, a line each."""
    return sum(bool(_PAIR.match(line.text[:_MAX])) for line in lines) * 2 > len(lines) - heads


def _head(line: Line) -> Group | None:
    text = line.text[:_MAX]
    match = _HEAD.match(text)
    called = match["name"].rstrip() if match else ""
    if match and match["mark"].startswith(":") and (names_item(called) or _names_drive(called)):
        return None  # ``Disk 0: …``, ``Volume C: …`` are pairs
    told = subjects_in(words_of(called)) or is_known(called.rpartition(" ")[0])
    if match and match["mark"].startswith(":") and told and "(" in text[match.end() + 1 :]:
        # ``Socket CPU0: Corvane C7-8700 (8 cores, 16 threads)``: a pair
        return Group(entries=[Entry(called, text[match.end() :], line.number, match.end() + 1)])
    if (
        match
        and _COUNT.match(match["name"])
        and (match["mark"].startswith(":") or subjects_in(words_of(match["name"])))
    ):
        return None  # ``2 updates pending:`` counts them
    if match and match["mark"].startswith(":") and _COUNTED_HEAD.search(match["name"]):
        return None  # so does ``Failed (1):``
    if match is None or not (match["mark"].strip() or "<" in text or _INDEX.match(text) or _KERNEL_NAME.match(text)):
        return None
    group = Group(entries=_named(match["name"].rstrip(), line, match.start("name")))
    for angle in _ANGLE.finditer(text, match.end()):
        at = angle.start(angle.lastindex or 1)
        for part in angle[angle.lastindex or 1].split(","):
            column = at + len(part) - len(part.lstrip()) + 1
            group.entries.append(Entry(BARE, part.strip(), line.number, column))
            at += len(part) + 1
    rest = _ANGLE.sub(lambda m: " " * len(m.group()), text)
    cells = [(cell, at + match.end()) for cell, at in cells_by_gap(rest[match.end() :])]
    if len(cells) > 1 and _KERNEL_NAME.match(text) and _MODEL.fullmatch(cells[0][0]):
        # ``wlan0     Ternwave AX 20     connected``
        model, *others = cells
        group.entries[0] = replace(group.entries[0], label=CONNECTION)
        group.entries.append(Entry(NAME, model[0], line.number, model[1] + 1))
        group.entries += [Entry(BARE, cell, line.number, at + 1) for cell, at in others]
        return group
    name = match["name"].strip()
    if match.group().endswith("  ") or not _says_what_is_named(name):
        _words(group, line, rest, match.end())
    if len(group.entries) == 1 and rest[match.end() :].strip() and match["mark"].startswith(":"):
        # ``cpu0: Kestrel K7-9650``, ``Queue: Label strip``: the head is a label, what follows it its value.
        said = rest[match.end() :]
        column = match.end() + len(said) - len(said.lstrip()) + 1
        return Group(entries=[Entry(name, said.strip(), line.number, column)])
    if len(group.entries) == 1 and not rest[match.end() :].strip() and "<" not in text and _is_subject(name):
        # ``2) Main board``, ``Sound:``: what is spoken of, and the name of nothing.
        return Group(heading=Heading(name, line.number, match.start("name") + 1))
    return group


def _named(text: str, line: Line, start: int) -> list[Entry]:
    """What a head is called, and what dashes part from it."""
    if stated := _STATED.fullmatch(text):
        parts = [(stated["aside"], stated.start("aside"))]
        parts += [(part.group(), part.start()) for part in _CLAUSE.finditer(text, stated.start("told"))]
        bare = [Entry(BARE, part, line.number, start + at + 1) for part, at in parts]
        return [Entry(NAME, stated["name"], line.number, start + 1), *bare]
    first, *rest = _DASHED.split(text)
    if not rest:
        return [Entry(NAME, text, line.number, start + 1)]
    found, at = [], start
    for place, part in enumerate((first, *rest)):
        at = line.text.index(part, at)
        called = _MODEL.fullmatch(rest[0]) is not None
        label = (CONNECTION if called else NAME) if place == 0 else NAME if place == 1 and called else BARE
        found.append(Entry(label, part, line.number, at + 1))
        at += len(part)
    return found


def _names_drive(name: str) -> bool:
    """Whether a name is a drive's (``Volume C``)."""
    noun, _, letter = name.rpartition(" ")
    return len(letter) == 1 and letter.isupper() and SUBJECTS.get(words_of(noun)) in ("volume", "disk")


def _says_what_is_named(name: str) -> bool:
    """Whether a head says but what kind of thing is called so: ``Queue`` before ``Label strip``."""
    return _is_subject(name) or any(m.phrase.fact in _NAMES for m in meanings(name))


def _is_subject(name: str) -> bool:
    found = subjects_in(words_of(name))
    return bool(found) and found[0].end - found[0].start == len(words_of(name))


def _detail(group: Group, line: Line) -> None:
    text = line.text[:_MAX]
    cells = cells_by_gap(text)
    last = group.entries[-1] if group.entries else None
    if len(cells) >= 2 and _ADDRESSED.search(cells[0][0]):
        for cell, at in cells:
            _told_in_cell(group, line, cell, at)
        return
    if len(cells) >= 2:
        label, rest = cells[0][0], cells[1:]
        if (len(rest) >= 2 and not is_known(label)) or (len(rest) >= 2 and is_known(f"{label} {rest[0][0]}")):
            label, rest = f"{label} {rest[0][0]}", rest[1:]
        group.entries.append(Entry(label, rest[0][0], line.number, rest[0][1] + 1))
        for cell, column in rest[1:]:
            _words(group, line, " " * column + cell, column)
        return
    if last and last.label not in (NAME, BARE, CONNECTION) and indent_of(text) + 1 >= last.column - MAX_LABEL // 4:
        first, _, tail = text.strip().partition(" ")
        stem = last.label.split()[0]
        if tail and words_of(first) and is_known(f"{stem} {first}") and not is_known(first):
            column = text.index(tail.strip(), indent_of(text) + len(first)) + 1
            group.entries.append(Entry(f"{stem} {first}", tail.strip(), line.number, column))
            return
        if not tail and indent_of(text) + 1 == last.column:
            group.entries.append(Entry(last.label, first, line.number, indent_of(text) + 1))
            return
    _words(group, line, text, indent_of(text))


# An address is no label, and no part of one.
_ADDRESSED = re.compile(r"[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}|\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]{1,4}:[0-9a-f]*:", re.I)


def _told_in_cell(group: Group, line: Line, cell: str, at: int) -> None:
    """A cell among others: a known label and its value (``MAC 3c:5a:…``), or what says itself what it is."""
    label, _, value = cell.partition(" ")
    if value and is_known(label):
        group.entries.append(Entry(label, value.lstrip(), line.number, at + len(cell) - len(value.lstrip()) + 1))
    else:
        group.entries.append(Entry(BARE, cell, line.number, at + 1))


# ``3 failures since 2025-03-09``
_HANG_ON_WHAT_STANDS_BEFORE = frozenset("since seit depuis desde dal dall sinds od".split())


def _words(group: Group, line: Line, text: str, start: int) -> None:
    """Read ``word value word value``: the longest run of words that means something, then the word after it."""
    words = [(match.group(), match.start()) for match in _WORD.finditer(text, start)]
    index = 0
    while index + 1 < len(words):
        if not words[index][0].lstrip("(")[:1].isalnum():
            index += 1
            continue
        counted = words[index + 1][0].rstrip(",;.")
        if words[index][0].isdigit() and is_known(counted) and not counted.replace(".", "").isdigit():
            # ``8 cores``: the count stands before what it counts.
            group.entries.append(Entry(counted, words[index][0], line.number, words[index][1] + 1))
            index += 2
            continue
        for length in (2, 1):
            label = " ".join(word for word, _ in words[index : index + length]).rstrip(":")
            if (
                index + length < len(words)
                and not words[index + length][0].endswith(":")
                and not (index and label in _HANG_ON_WHAT_STANDS_BEFORE)
                and is_known(label)
                and not label.replace(".", "").isdigit()
            ):
                value, column = words[index + length]
                if more := _GOES_ON.match(text, column):
                    value = more.group()
                group.entries.append(Entry(label, value.rstrip(",)"), line.number, column + 1))
                index += length + len(value.split())
                break
        else:
            index += 1
