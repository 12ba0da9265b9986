"""Assignments: several ``name=value`` on a line, a line an item (``profile=public  state=OFF in="allow"``), or several pairs on
each line (``Slot: A1; Size: 8 GB``) where the lines begin with the same label."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.cutting.titles import may_head
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, names_item
from yes_tally.core.reading.shapes.indexed_keys import by_index
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Entry,
    Group,
    Heading,
    Layout,
    all_entries,
    indent_of,
    is_rule,
    known_share,
)
from yes_tally.core.reading.shapes.words_first import pair_of
from yes_tally.core.reading.text.decode import Line

_ONE = re.compile(
    r"(?P<label>[^\W\d][\w.%-]{0,40})=(?:\"(?P<quoted>[^\"]*)\"|'(?P<single>[^']*)'|(?P<bare>[^\s,;]*))[,;]?"
)
_BEFORE = re.compile(r"\s*(?:[#\[]?(?P<number>\d{1,3})[\]:.)]?\s+)?(?P<name>[^=\s:](?:[^=\s]| (?! ))*?):?\s+$")
_DRIVE = re.compile(r"(?P<noun>[^\W\d_]+) [A-Z]")
_LEAST = 2
# No assignment stands so far from its neighbour.
_WIDEST = " " * 200


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block whose lines are assignments, or ``None`` where fewer than half of them are; a line above them that is
    none may head them."""
    if named := _behind_names(lines) or _behind_kinds(lines):
        return named
    told, title = _told(lines), None
    over = len(lines) > _LEAST and may_head(lines[0].text) and not (told and told[0].entries[0].line == lines[0].number)
    if over and len(below := _told(lines[1:])) == len(lines) - 1:
        title, lines, told = lines[0], lines[1:], below
    if not told:
        return None
    written = sum(not is_rule(line.text) for line in lines)
    share = known_share(all_entries(told))
    repeated = len(told) > 1 and bool({e.label for e in told[0].entries} & {e.label for e in told[1].entries})
    # ``disk model="Shale 1T"`` over ``os name="Harbour OS 12"``: each line says of what it tells.
    headed = sum(group.heading is not None for group in told)
    repeated = repeated or headed > 0
    if title and not (repeated and len(told) == written):
        return None
    single, indexed = by_index(all_entries(told))
    heading = Heading(title.text.strip(" :"), title.number, 1) if title else None
    groups = [Group(heading, children=told)] if repeated else [Group(entries=single, children=indexed)]
    # What assignments explain whole, no single pair explains better, nor where each line says of what it tells.
    whole = len(told) == written or (headed >= _LEAST and headed * 2 >= written)
    score = 0.9 + 0.1 * share if share and whole else (0.4 + 0.6 * share) * len(told) / written
    return Layout("assignments", groups, score)


# ``Disk 0: Model=Basalt NV1000; Size=931.51 GB``, ``Basalt NV1000 (serial: 4711, size: 931.51 GB)``
_NAMED = (
    re.compile(
        r"\s*(?:[-*•] )?(?P<name>[^\W\d_]+(?: [^\W\d_]+)? ?#?\d{1,3}|\[[^\[\]]{1,40}\])\s?(?:[:>|]|[-=]>|→|[-–—]{1,2})?\s+(?P<told>\S.*?)()\s*$"
    ),
    re.compile(r"\s*(?:[-*•] )?(?P<name>[^\s:=(\[][^:=(\[]{0,60}?)\s*[(\[](?P<told>[^\W\d].*[:=].*)(?P<end>[)\]])\s*$"),
    re.compile(r"\s*(?:[-*•] )?(?P<name>[^\s:=,;][^:=,;]{0,60}?)(?::| ?[-–—]{1,2})\s+(?P<told>[^\W\d].*[:=].*?)()\s*$"),
)
# ``Hall-Laser    port: IP_10.20.0.40   driver: Larkfield PS 4.1``
_NAMED_BY_GAP = re.compile(
    r"\s*(?:[-*•] )?(?P<name>[^\s:=(\[](?:(?!\s{2})[^:=\[]){0,60}?)\s{2,}(?P<told>[^\W\d_](?:(?!\s{2})[^:=]){0,30}: .*?)()\s*$"
)


def _behind_names(lines: Sequence[Line]) -> Layout | None:
    """Lines that each name a thing before their assignments or pairs; ``None`` where they do not."""
    for way in (*_NAMED, _NAMED_BY_GAP):
        named = [way.match(line.text) if len(line.text) <= MAX_LINE else None for line in lines]
        if not all(named) or any(match and ")" in match["told"].partition("(")[0] for match in named):
            continue  # not all of it stands in one pair of brackets
        bare = [
            replace(line, text=" " * match.start("told") + match["told"])
            for line, match in zip(lines, named, strict=True)
            if match
        ]
        if way is _NAMED_BY_GAP and not _are_names([match["name"] for match in named if match]):
            continue
        told = _told(bare) if len(bare) > 1 else _alone(bare[0])
        if not told and way is _NAMED_BY_GAP:
            told = _one_each(bare)
        if len(told) != len(lines) or known_share(all_entries(told)) < _MOSTLY:
            continue
        for group, match, line in zip(told, named, lines, strict=True):
            name = match["name"].strip("[]") if match else ""
            group.heading = Heading(name, line.number, line.text.index(name) + 1)
        return Layout("assignments", [Group(children=told)], _TELLS_NAMES if way is _NAMED_BY_GAP else 1.0)
    return None


# Pairs alone tell as much, but no names.
_TELLS_NAMES = 1.01


def _are_names(names: Sequence[str]) -> bool:
    """Whether texts may be what several things are called: none is a label, and none comes twice."""
    return len(set(names)) == len(names) > 1 and not any(is_known(name) or words_of(name) in SUBJECTS for name in names)


def _one_each(lines: Sequence[Line]) -> list[Group]:
    """Lines of one pair each, all of them of one label that is known; none where they are not."""
    pairs = [_PAIR.match(line.text, indent_of(line.text)) for line in lines]
    labels = {match["label"].strip() if match else "" for match in pairs}
    if len(labels) > 1 or not all(map(is_known, labels)):
        return []
    return [Group(entries=[_entry(match, line.number, 0)]) for match, line in zip(pairs, lines, strict=True) if match]


# ``Machine: Maker Corrane, Model Tallow 520 MT``
_KIND = re.compile(r"\s*(?:[-*•] )?(?P<name>[^\W\d_]+(?: [^\W\d_]+)?)(?::| [-–—]{1,2})\s+(?P<told>\S.*?)\s*$")


def _behind_kinds(lines: Sequence[Line]) -> Layout | None:
    """Lines that each name a kind of thing, most of them before pairs; ``None`` where they do not."""
    named = [_KIND.match(line.text) if len(line.text) <= MAX_LINE else None for line in lines]
    if len(lines) < _LEAST or not all(match and words_of(match["name"]) in SUBJECTS for match in named):
        return None
    groups: list[Group] = []
    for match, line in zip(named, lines, strict=True):
        if match is None:
            continue
        bare = replace(line, text=" " * match.start("told") + match["told"])
        told = _alone(bare, _LEAST)
        whole = Group(entries=[Entry(match["name"], match["told"], line.number, match.start("told") + 1)])
        groups += told or [whole]
        if told:
            told[0].heading = Heading(match["name"], line.number, match.start("name") + 1)
    if sum(group.heading is not None for group in groups) * 2 < len(groups):
        return None
    return Layout("assignments", [Group(children=groups)], 1.0)


def _alone(line: Line, least: int = 3) -> list[Group]:
    """The pairs of a line alone, so many at least, all of whose labels are known."""
    ways = (
        _line(line),
        *(_pairs_between(line, between) for between in _BETWEEN),
        *(_words_between(line, between) for between in _BETWEEN if between.search(line.text)),
    )
    for told in ways:
        if told and len(told.entries) >= least and all(is_known(entry.label) for entry in told.entries):
            return [told]
    return []


def _words_between(line: Line, between: re.Pattern[str]) -> Group | None:
    """The pairs of a line that only a blank parts (``Model Basalt NV1000, Size 931.51 GB``); ``None`` where a part is none."""
    group = Group()
    for text, at in _parts(line, between):
        pair = pair_of(text)
        if pair is None:
            return None
        group.entries.append(Entry(pair.label, pair.value, line.number, at + pair.column + 1))
    return group


_MOSTLY = 0.6


def _told(lines: Sequence[Line]) -> list[Group]:
    """What the lines tell, a group a line: assignments, or pairs between marks; none where fewer than half tell any."""
    told = [group for line in lines if (group := _line(line)) is not None]
    return told if told and len(told) * 2 >= sum(not is_rule(line.text) for line in lines) else _lines_of_pairs(lines)


def _line(line: Line) -> Group | None:
    """The assignments of one line, which leave nothing of it but what it begins with."""
    text = line.text
    if (
        len(text) > MAX_LINE
        or _WIDEST in text
        or max(text.count("="), text.count("|") + 1 if ":" in text else 0) < _LEAST
    ):
        return None
    divided = _divided(line)
    if divided:
        return divided
    matches = list(_ONE.finditer(text))
    if len(matches) < _LEAST or any(text[a.end() : b.start()].strip() for a, b in itertools.pairwise(matches)):
        return None
    if text[matches[-1].end() :].strip():
        return None
    group = Group()
    before = _BEFORE.match(text[: matches[0].start()])
    if before:
        if before["number"]:
            group.entries.append(Entry("number", before["number"], line.number, before.start("number") + 1))
        drive = _DRIVE.fullmatch(before["name"])
        if drive and words_of(drive["noun"]) in SUBJECTS:
            group.heading = Heading(
                f"{before['name']}:", line.number, before.start("name") + 1
            )  # ``volume C: fs=HFX2``
        elif names_item(before["name"]) or words_of(before["name"]) in SUBJECTS:
            group.heading = Heading(before["name"], line.number, before.start("name") + 1)  # ``disk model="Shale 1T"``
        else:
            group.entries.append(Entry("name", before["name"], line.number, before.start("name") + 1))
    elif text[: matches[0].start()].strip():
        return None
    for match in matches:
        which = next(name for name in ("quoted", "single", "bare") if match[name] is not None)
        group.entries.append(Entry(match["label"], match[which], line.number, match.start(which) + 1))
    return group


_DIVIDED = re.compile(r"\s*(?P<label>[^\W\d][\w .%/-]{0,40}?)\s*=\s*(?P<value>[^=]*?)\s*$")
_DIVIDED_BY_BARS = re.compile(r"\s*(?P<label>[^\W\d_][\w .%/-]{0,40}?)\s*:\s*(?P<value>\S[^|]*?)\s*$")
_MARKS = ((";", _DIVIDED), (", ", _DIVIDED), (" | ", _DIVIDED), ("|", _DIVIDED_BY_BARS))


def _divided(line: Line) -> Group | None:
    """Assignments with a mark between them, whose values may hold blanks: ``maker=Oakmere;model=Tern 3``,
    ``Maker:Oakmere|Model:Tern 3``."""
    for mark, pattern in _MARKS:
        parts = line.text.rstrip(" ;|").split(mark)
        matches = [pattern.match(part) for part in parts]
        if len(parts) < _LEAST or not all(matches):
            continue
        group, at = Group(), 0
        for part, match in zip(parts, matches, strict=True):
            if match:
                group.entries.append(_entry(match, line.number, at))
            at += len(part) + len(mark)
        return group
    return None


def _entry(match: re.Match[str], line: int, at: int) -> Entry:
    """What a part of a line, which begins in the column ``at`` (from 0), says by its label."""
    value = match["value"]
    quoted = len(value) > 1 and value[0] == value[-1] and value[0] in "\"'"
    return Entry(match["label"], value[1:-1] if quoted else value, line, at + match.start("value") + 1 + quoted)


_PAIR = re.compile(r"(?P<label>[^\W\d_][^:;|=]{0,40}?)\s?:\s+(?P<value>\S.*?)\s*$")
# What may stand between the pairs of a line, the surest first.
_BETWEEN = tuple(
    map(re.compile, (r"(?<=\S);\s+", r"(?<=\S)\s+[|│·•]\s+", r"(?<=\S)\s{2,}", r"(?<=\S)\s+[–—-]\s+", r",\s+"))
)


def _lines_of_pairs(lines: Sequence[Line]) -> list[Group]:
    """Lines of several pairs with a mark or a wide gap between them, each of which begins with the same label; none where
    not every line is so."""
    first = lines[0].text[:MAX_LINE]
    marks = [between for between in _BETWEEN if between.search(first)] if len(lines) >= _LEAST else []
    colons = len(_COLON.findall(first)) if marks else 0
    if not marks or colons == 1 or any(is_rule(line.text) or len(line.text) > MAX_LINE for line in lines):
        return []
    if not colons:
        return next((told for between in marks if (told := _labelled_by_place(lines, between))), [])
    for between in marks:
        told = [group for line in lines if (group := _pairs_between(line, between))]
        firsts = {group.entries[0].label for group in told}
        if len(told) == len(lines) and len(firsts) == 1 and _said_of_all(told):
            return told
    return []


def _labelled_by_place(lines: Sequence[Line], between: re.Pattern[str]) -> list[Group]:
    """Lines whose parts begin with the same labels at the same places, and only a blank behind them (``Slot A1; Size 8 GB``);
    none where they do not."""
    parted = [_parts(line, between) for line in lines]
    if len(parted[0]) < _LEAST or len({len(parts) for parts in parted}) > 1:
        return []
    labels = [_label_of_all([text for text, _ in parts]) for parts in zip(*parted, strict=True)]
    if not all(labels):
        return []
    return [
        Group(
            entries=[
                Entry(
                    label,
                    text[len(label) :].lstrip(),
                    line.number,
                    at + len(text) - len(text[len(label) :].lstrip()) + 1,
                )
                for label, (text, at) in zip(labels, parts, strict=True)
            ]
        )
        for line, parts in zip(lines, parted, strict=True)
    ]


def _label_of_all(texts: Sequence[str]) -> str:
    """The longest label that texts share as their first words, each with more behind it; empty where they share none."""
    words = [text.split() for text in texts]
    shared = list(itertools.takewhile(lambda column: len(set(column)) == 1, zip(*words, strict=False)))
    most = min(len(shared), min(map(len, words)) - 1, _MOST_OF_LABEL)
    labels = (" ".join(words[0][:count]) for count in range(most, 0, -1))
    return next(
        (label for label in labels if is_known(label) and all(text.startswith(f"{label} ") for text in texts)), ""
    )


_MOST_OF_LABEL = 4
_COLON = re.compile(r":(?:\s|$)")


def _parts(line: Line, between: re.Pattern[str]) -> list[tuple[str, int]]:
    """What stands between the marks of a line, each with its column from 0; a mark of a list before it is none."""
    start = at.end() if (at := _BULLET.match(line.text)) else 0
    found = []
    for end in (*(match.span() for match in between.finditer(line.text, start)), (len(line.text), len(line.text))):
        found.append((line.text[start : end[0]].rstrip(), start))
        start = end[1]
    return found


_BULLET = re.compile(r"\s*(?:[-*•] |\[?\d{1,3}[\].)] )?\s*")


def _said_of_all(told: Sequence[Group]) -> bool:
    """Whether most labels of the lines stand on all of them."""
    labels = [{entry.label for entry in group.entries} for group in told]
    shared = set.intersection(*labels)
    return len(shared) >= _LEAST and len(shared) * 2 >= max(map(len, labels))


def _pairs_between(line: Line, between: re.Pattern[str]) -> Group | None:
    """The pairs of a line; what has no label goes on with the value before it."""
    group = Group()
    for text, at in _parts(line, between):
        if match := _PAIR.match(text):
            group.entries.append(_entry(match, line.number, at))
        elif group.entries:
            last = group.entries[-1]
            whole = line.text[last.column - 1 : at + len(text)]
            group.entries[-1] = Entry(last.label, whole, last.line, last.column)
        else:
            return None
    return group if len(group.entries) >= _LEAST else None
