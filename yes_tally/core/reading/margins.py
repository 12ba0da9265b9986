"""What was put before every line of a report on its way here, taken off: quotation marks of a letter, line numbers, the
time at which a recorder saw each line."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.decode import Line

_LEAST_LINES = 4
# So many of the lines (of ten) have the margin; the rest was written around them.
_MOST_OF_TEN = 7
_QUOTED = re.compile(r"(?:> ?)+")
_NUMBERED = re.compile(r"\s*(?P<number>\d{1,6})(?:[:.)|│]|(?=\s|$)) ?(?P<gap> ?)")
_STAMPED = re.compile(
    r"\[?(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d(?::\d\d(?:[.,]\d{1,6})?)?\]?\s?[|│>] ?|"
    r"\[(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d:\d\d(?:[.,]\d{1,6})?\] (?=[\w.-]*[$#%>]|  )"
)
_COLUMNS = re.compile(r"\s[|│]\s")


def without_margin(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without a margin that all or most of them have, or as they are; numbers and offsets stay theirs."""
    written = [line for line in lines if line.text.strip()]
    if len(written) < _LEAST_LINES:
        return lines
    for margin, is_margin in ((_QUOTED, _is_quoted), (_NUMBERED, _is_numbered), (_STAMPED, _is_stamped)):
        if is_margin(written):
            return [_cut(line, margin.match(line.text)) for line in lines]
    return lines


def _cut(line: Line, margin: re.Match[str] | None) -> Line:
    if margin is None:
        return line
    return replace(line, text=line.text[margin.end() :], tabbed=line.tabbed and line.tabbed[margin.end() :])


def _is_quoted(lines: Sequence[Line]) -> bool:
    return sum(line.text.startswith(">") for line in lines) * 10 >= _MOST_OF_TEN * len(lines)


def _is_numbered(lines: Sequence[Line]) -> bool:
    """Whether every line has its number, one after the other, written as no list's is: with zeros before it, or with
    nothing behind it where the line is empty."""
    if not _NUMBERED.match(lines[0].text):
        return False
    matches = [_NUMBERED.match(line.text) for line in lines]
    if not all(matches):
        return False
    numbers = [int(match["number"]) for match in matches if match]
    follow = all(b - a == 1 for a, b in itertools.pairwise(numbers))
    padded = all(match["number"][0] == "0" for match in matches[:9] if match)
    empty = any(match and not line.text[match.end() :].strip() for match, line in zip(matches, lines, strict=True))
    return follow and numbers[0] <= 1 and (padded or empty)


def _is_stamped(lines: Sequence[Line]) -> bool:
    """Whether every line has the time at which it was seen before it, and no columns of a log behind that."""
    if not _STAMPED.match(lines[0].text):
        return False
    matches = [_STAMPED.match(line.text) for line in lines]
    if not all(matches):
        return False
    rests = [line.text[match.end() :] for line, match in zip(lines, matches, strict=True) if match]
    return sum(bool(_COLUMNS.search(rest)) for rest in rests) * 2 < len(rests)
