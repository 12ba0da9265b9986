"""Assignments: several ``name=value`` on a line, a line an item (``profile=public  state=OFF in="allow"``)."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence

from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.shapes.indexed_keys import by_index
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, Group, Layout, all_entries, is_rule, known_share

_ONE = re.compile(
    r"(?P<label>[^\W\d][\w.%-]{0,40})=(?:\"(?P<quoted>[^\"]*)\"|'(?P<single>[^']*)'|(?P<bare>[^\s,;]*))[,;]?"
)
_BEFORE = re.compile(r"\s*(?:[#\[]?(?P<number>\d{1,3})[\]:.)]?\s+)?(?P<name>[^=\s:](?:[^=\s]| (?! ))*?):?\s+$")
_LEAST = 2
# No assignment stands so far from its neighbour.
_WIDEST = " " * 200


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block whose lines are assignments, or ``None`` where fewer than half of them are."""
    told = [group for line in lines if (group := _line(line)) is not None]
    written = sum(not is_rule(line.text) for line in lines)
    if not told or len(told) * 2 < written:
        return None
    share = known_share(all_entries(told))
    repeated = len(told) > 1 and {e.label for e in told[0].entries} & {e.label for e in told[1].entries}
    single, indexed = by_index(all_entries(told))
    groups = [Group(children=told)] if repeated else [Group(entries=single, children=indexed)]
    # What assignments explain whole, no single pair explains better.
    score = 0.9 + 0.1 * share if share and len(told) == written else (0.4 + 0.6 * share) * len(told) / written
    return Layout("assignments", groups, score)


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
        group.entries.append(Entry("name", before["name"], line.number, before.start("name") + 1))
    elif text[: matches[0].start()].strip():
        return None
    for match in matches:
        which = next(name for name in ("quoted", "single", "bare") if match[name] is not None)
        group.entries.append(Entry(match["label"], match[which], line.number, match.start(which) + 1))
    return group


_DIVIDED = re.compile(r"\s*(?P<label>[^\W\d][\w .%-]{0,40}?)\s*=\s*(?P<value>[^=]*?)\s*$")
_DIVIDED_BY_BARS = re.compile(r"\s*(?P<label>[^\W\d_][\w .%-]{0,40}?)\s*:\s*(?P<value>\S[^|]*?)\s*$")
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
                value = match["value"]
                quoted = len(value) > 1 and value[0] == value[-1] and value[0] in "\"'"
                start = at + match.start("value") + 1 + quoted
                group.entries.append(Entry(match["label"], value[1:-1] if quoted else value, line.number, start))
            at += len(part) + len(mark)
        return group
    return None
