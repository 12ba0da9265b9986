"""What was put around the lines of a report on its way here, taken off: quotation marks of a letter, line numbers, the
time at which a recorder saw each line, an indent, a line between all lines, the fences of a text, the tags of a page."""

from __future__ import annotations

import html
import itertools
import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.log_rows import is_level
from yes_tally.core.reading.phrases import SUBJECTS, is_known

_LEAST_LINES = 4
# So many of the lines (of ten) have the margin; the rest was written around them.
_MOST_OF_TEN = 7
_QUOTED = re.compile(r"(?:> ?)+")
_NUMBERED = re.compile(r"\s*(?P<number>\d{1,6})(?:[:.)|│]|(?=\s|$)) ?(?P<gap> ?)")
_STAMPED = re.compile(
    r"\[?(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d(?::\d\d(?:[.,]\d{1,6})?)?\]?\s?[|│>] ?|"
    r"\[(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d:\d\d(?:[.,]\d{1,6})?\] (?=[\w.-]*[$#%>]|  )"
)
_CLOCKED = re.compile(r"\[(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d:\d\d(?:[.,]\d{1,6})?\] +(?=\S)")
_TOLD = re.compile(r"(?P<label>[^\W\d_][^:=]{1,40}?)(?: \d{1,2})?(?:(?::| =)\s|\s?\.{3,}|\s{2,})")
_FENCE = re.compile(r"\s*(?:`{3,}|~{3,})\w*\s*")
_PREFORMATTED = re.compile(r"</?pre\b[^>]*>", re.I)
_TAG = re.compile(r"</?[A-Za-z!][^<>]*>")
# A page has its head before its text.
_MOST_HEAD = 60
_MOST_BEFORE = 4
_COLUMNS = re.compile(r"\s[|│]\s")


def without_margin(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without a margin that all or most of them have, or as they are; numbers and offsets stay theirs."""
    lines = _undented(_closed_up([line for line in _as_shown(lines) if not _FENCE.fullmatch(line.text)]))
    for margin, is_margin in (
        (_QUOTED, _is_quoted),
        (_NUMBERED, _is_numbered),
        (_STAMPED, _is_stamped),
        (_CLOCKED, _is_clocked),
    ):
        written = [line for line in lines if line.text.strip()]
        # A few words may stand before what has the margin.
        first = next((n for n, line in enumerate(written[:_MOST_BEFORE]) if margin.match(line.text)), None)
        whole = margin is _QUOTED and len(written) > 1 and all(margin.match(line.text) for line in written)
        if first is not None and (whole or (len(written) - first >= _LEAST_LINES and is_margin(written[first:]))):
            lines = _undented([_cut(line, margin.match(line.text)) for line in lines])
    return lines


def _as_shown(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines of a page that holds its text as it was printed, as a browser shows them: no tags, no entities."""
    first = next((n for n, line in enumerate(lines[:_MOST_HEAD]) if _PREFORMATTED.search(line.text)), None)
    if first is None or not any(_PREFORMATTED.search(line.text) for line in lines[first + 1 :]):
        return lines
    shown = [replace(line, text=_untagged(line.text), tabbed=line.tabbed and _untagged(line.tabbed)) for line in lines]
    return [after for before, after in zip(lines, shown, strict=True) if after.text.strip() or not before.text.strip()]


def _untagged(text: str) -> str:
    return html.unescape(_TAG.sub("", text))


def _closed_up(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without the empty one that stands behind each of them, as some letters have it."""
    for start in (0, 1):
        between = lines[1 - start :: 2]
        if len(between) >= _LEAST_LINES and not any(line.text.strip() for line in between):
            return lines[start::2]
    return lines


def _undented(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without the blanks that all of them begin with."""
    indent = min((len(line.text) - len(line.text.lstrip()) for line in lines if line.text.strip()), default=0)
    return [_cut_at(line, indent) for line in lines] if indent else lines


def _cut(line: Line, margin: re.Match[str] | None) -> Line:
    return line if margin is None else _cut_at(line, margin.end())


def _cut_at(line: Line, width: int) -> Line:
    tabbed = line.tabbed[width:] if line.tabbed and line.tabbed[:width] == line.text[:width] else None
    return replace(line, text=line.text[width:], tabbed=tabbed)


def _is_quoted(lines: Sequence[Line]) -> bool:
    return sum(line.text.startswith(">") for line in lines) * 10 >= _MOST_OF_TEN * len(lines)


def _is_numbered(lines: Sequence[Line]) -> bool:
    """Whether every line has its number, one after the other, written as no list's is: with zeros before it, with a
    mark that no list has, or with nothing behind it where the line is empty."""
    pairs = [(match, line.text) for line in lines if (match := _NUMBERED.match(line.text))]
    if len(pairs) < len(lines):
        return False
    numbers = [int(match["number"]) for match, _ in pairs]
    follow = all(b - a == 1 for a, b in itertools.pairwise(numbers))
    padded = all(match["number"][0] == "0" for match, _ in pairs[:9])
    empty = any(not text[match.end() :].strip() for match, text in pairs)
    marked = all(text[match.end("number")] in ":|│" for match, text in pairs if text[match.end("number") :])
    return follow and numbers[0] <= 1 and (padded or empty or marked)


def _is_stamped(lines: Sequence[Line]) -> bool:
    """Whether every line has the time at which it was seen before it, and no columns of a log behind that."""
    matches = [_STAMPED.match(line.text) for line in lines]
    if not all(matches):
        return False
    rests = [line.text[match.end() :] for line, match in zip(lines, matches, strict=True) if match]
    return sum(bool(_COLUMNS.search(rest)) for rest in rests) * 2 < len(rests)


def _is_clocked(lines: Sequence[Line]) -> bool:
    """Whether every line has the time at which it was written before it, and most tell something by its label
    (``[08:31:03] memory: 16 GB installed``), as the lines of no event log do."""
    matches = [_CLOCKED.match(line.text) for line in lines]
    if not all(matches):
        return False
    told = [_TOLD.match(line.text, match.end()) for line, match in zip(lines, matches, strict=True) if match]
    labels = [match["label"] for match in told if match and not is_level(match["label"])]
    return sum(is_known(label) or words_of(label) in SUBJECTS for label in labels) * 2 >= len(lines)
