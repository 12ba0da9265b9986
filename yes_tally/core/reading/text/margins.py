"""What was put around the lines of a report on its way here, taken off: quotation marks of a letter, line numbers, the
time at which a recorder saw each line, an indent, a line between all lines, the fences of a text, the tags of a page."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, names_item
from yes_tally.core.reading.shapes.layout import heads_columns, is_rule
from yes_tally.core.reading.tables.log_rows import is_level
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.text.pages import as_shown
from yes_tally.core.reading.text.within_data import as_text

_LEAST_LINES = 4
# Of lines between others, and of lines that all are marked.
_FEWEST = 2
# So many of the lines (of ten) have the margin; the rest was written around them.
_MOST_OF_TEN = 7
_QUOTED = re.compile(r"(?:> ?)+")
_NUMBERED = re.compile(r"\s*\[?(?P<number>\d{1,6})(?:\](?=\s|$)|[:.)]| ?[|│]|(?=\s|$)) ?")
_MARK_OF_NUMBER = re.compile(r" ?[:|│]|\s*$")
_STAMPED = re.compile(
    r"\[?(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d(?::\d\d(?:[.,]\d{1,6})?)?\]?\s?[|│>] ?|"
    r"\[(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d:\d\d(?:[.,]\d{1,6})?\] (?=[\w.-]*[$#%>]|  )"
)
_CLOCKED = re.compile(r"\[(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d:\d\d(?:[.,]\d{1,6})?\] +(?=\S)")
# ``# Maker: Corrane``: made a comment, or set off by a bar.
_MARKED = re.compile(r"(?P<mark>[|│#+;%!*•-]|//|--)(?: |$)")
_TIME = r"(?:\d{4}-\d\d-\d\d[T ]|[A-Z][a-z]{2} [ \d]\d )?\d{1,2}:\d\d:\d\d(?:[.,]\d{1,6})?(?:Z|[+-]\d\d:?\d\d)?"
_LEVEL = r"(?:\[?(?:DEBUG|INFO|NOTICE|WARN(?:ING)?|ERROR)\]?:? ?)?"
_TIMED = re.compile(rf"(?:\[{_TIME}\]|{_TIME})(?: {_LEVEL}|$)")
# ``gp-7714: Maker: Corrane``: which of many PCs printed the line.
_HOSTED = re.compile(r"(?P<who>\[[A-Za-z][\w.]*-[\w.-]*\d[\w.]*\]|[A-Za-z][\w.]*-[\w.-]*\d[\w.]*(?::| ?[|>│]))(?: |$)")
# ``hbr-16 audit[411]: Maker: Corrane``: who wrote the line into a log.
_LOGGED = re.compile(rf"(?:{_TIME} )?(?P<who>[\w.-]+ [\w./-]+\[\d+\]:)(?: |$)")
# ``2025-02-11 08:00:01 asset-run: machine maker=Corrane``: the same without the PC and the process's number.
_BY_TOOL = re.compile(rf"\[?{_TIME}\]? (?P<who>[A-Za-z][\w./-]*:)(?: |$)")
_ASSIGNS = re.compile(r"\b[A-Za-z]\w*=\S")
_TOLD = re.compile(r"(?P<label>[^\W\d_][^:=]{1,40}?)(?: \d{1,2})?(?:(?::| =)\s|\s?\.{3,}|\s{2,})")
_FENCE = re.compile(r"\s*(?:`{3,}|~{3,})\w*\s*")
_MOST_BEFORE = 4
_COLUMNS = re.compile(r"\s[|│]\s")


def without_margin(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without a margin that all or most of them have, or as they are; numbers and offsets stay theirs."""
    lines = _undented(_closed_up([line for line in as_shown(as_text(lines)) if not _FENCE.fullmatch(line.text)]))
    lines = _unquoted(_unframed(lines))
    for margin, is_margin in _MARGINS:
        written = [line for line in lines if line.text.strip()]
        # A few words may stand before what has the margin.
        first = next((n for n, line in enumerate(written[:_MOST_BEFORE]) if margin.match(line.text)), None)
        least = _FEWEST if first == 0 and margin in (_QUOTED, _MARKED, _LOGGED) else _LEAST_LINES
        if first is not None and len(written) - first >= least and is_margin(written[first:]):
            lines = _undented([_cut(line, margin.match(line.text)) for line in lines])
    return _tags_as_labels(lines)


def _closed_up(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without the empty one that stands behind each of them, as some letters have it."""
    for start in (0, 1):
        between = lines[1 - start :: 2]
        if len(between) >= _FEWEST and not _any_written(between) and _any_written(lines[start::2]):
            return lines[start::2]
    return lines


def _any_written(lines: Sequence[Line]) -> bool:
    return any(line.text.strip() for line in lines)


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
    marked = all(_MARK_OF_NUMBER.match(text, match.end("number")) for match, text in pairs)
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


def _is_logged(lines: Sequence[Line]) -> bool:
    """Whether one process wrote all of the lines."""
    return _same([_LOGGED.match(line.text) for line in lines], "who")


def _is_by_tool(lines: Sequence[Line]) -> bool:
    """Whether one tool wrote all of the lines, and half of them at least tell something by labels, as no messages do."""
    matches = [_BY_TOOL.match(line.text) for line in lines]
    if not _same(matches, "who"):
        return False
    rests = [line.text[match.end() :] for line, match in zip(lines, matches, strict=True) if match]
    told = [
        bool(_ASSIGNS.search(rest) or ((label := _TOLD.match(rest)) and is_known(label["label"]))) for rest in rests
    ]
    return sum(told) * 2 >= len(lines)


def _is_timed(lines: Sequence[Line]) -> bool:
    """Whether every line has its time before it, and some are as none in a log is: empty, drawn, heads of columns, or
    deeper than others."""
    matches = [_TIMED.match(line.text) for line in lines]
    return all(matches) and _are_no_messages(
        [line.text[match.end() :] for line, match in zip(lines, matches, strict=True) if match]
    )


def _is_hosted(lines: Sequence[Line]) -> bool:
    """Whether every line has the same PC's name before it."""
    matches = [_HOSTED.match(line.text) for line in lines]
    return _same(matches, "who") and not any(
        match and names_item(match["who"].strip("[]:|> ")) for match in matches[:1]
    )


def _are_no_messages(rests: Sequence[str]) -> bool:
    deep = sum(rest.startswith("  ") for rest in rests)
    return 0 < deep < len(rests) or any(map(_is_no_message, rests))


def _is_no_message(text: str) -> bool:
    return not text.strip() or is_rule(text) or heads_columns(text)


def _is_marked(lines: Sequence[Line]) -> bool:
    """Whether every line begins with the same mark and none is a row between bars."""
    if not _same([_MARKED.match(line.text) for line in lines], "mark"):
        return False
    barred = sum(line.text.rstrip()[-1] in _BARS and len(line.text.strip()) > 1 for line in lines)
    # A box behind a bar is drawn whole behind it.
    drawn = sum(line.text[2:3] in _DRAWN for line in lines)
    return lines[0].text[0] not in _BARS or min(barred, len(lines) - drawn) * 2 < len(lines)


def _same(matches: Sequence[re.Match[str] | None], group: str) -> bool:
    return all(matches) and len({match[group] for match in matches if match}) == 1


_BORDER = re.compile(r"[┌╔+][─═=-]{8,}[┐╗+]|[└╚+][─═=-]{8,}[┘╝+]")
_BARS = frozenset("│║|")
_DRAWN = frozenset("+┌╔├╠╟└╚│║|")


def _unframed(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without a frame around all of them: one that has no title, and whose border no column meets."""
    written = [line for line in lines if line.text.strip()]
    inside = written[1:-1]
    if len(inside) < _LEAST_LINES or not all(
        _BORDER.fullmatch(line.text.strip()) for line in (written[0], written[-1])
    ):
        return lines
    right = len(written[0].text.rstrip()) - 1
    if not all(line.text[:1] in _BARS and line.text[right : right + 1] in _BARS for line in inside):
        return lines
    return _undented([_cut_at(replace(line, text=line.text[:right].rstrip(), tabbed=None), 1) for line in inside])


# A field of a list of values, its quotation marks doubled, and no second field.
_FIELD = re.compile(r'"(?:[^"]|(?<![,;\t])"(?!\s*[,;\t]))*"\s*')


def _unquoted(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines without the quotation marks around each of them, as a list of values has them that has one column."""
    fields = [_FIELD.fullmatch(line.text) for line in lines if line.text.strip()]
    if len(fields) < _LEAST_LINES or not all(fields):
        return lines
    return [
        _cut_at(replace(line, text=line.text.rstrip()[:-1], tabbed=line.tabbed and line.tabbed.rstrip()[:-1]), 1)
        for line in lines
        if line.text.strip()
    ]


# ``08:31:03 [cpu   ] Kestrel K5-8420, 6 cores``
_TAGGED = re.compile(
    rf"(?:(?:\[{_TIME}\]|{_TIME})[ \t]+)?\[ *(?P<tag>[^\W\d_][\w/&-]*(?: [\w/&-]+){{0,2}}) *\]:?\s+(?=[^\W_]|[(\"'])"
)


def _tags_as_labels(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines that most begin with what they tell of in brackets, with that as their label; or as they are."""
    tagged = [_TAGGED.match(line.text) for line in lines]
    tags = [match["tag"].rstrip(" 0123456789") for match in tagged if match]
    written = sum(bool(line.text.strip()) for line in lines)
    known = sum(is_known(tag) or words_of(tag) in SUBJECTS for tag in tags)
    several = len(set(tags)) >= _LEAST_LINES and not any(map(is_level, tags))
    if not several or len(tags) * 10 < _MOST_OF_TEN * written or known * 2 < len(tags):
        return lines
    return [_labelled(line, match) if match else line for line, match in zip(lines, tagged, strict=True)]


def _labelled(line: Line, tag: re.Match[str]) -> Line:
    rest = line.text[tag.end("tag") :].replace("]", ":" if line.text[tag.end() - 2 : tag.end() - 1] != ":" else " ", 1)
    return replace(line, text=line.text[tag.start("tag") : tag.end("tag")] + rest, tabbed=None)


# The outermost first.
_MARGINS = (
    (_QUOTED, _is_quoted),
    (_MARKED, _is_marked),
    (_LOGGED, _is_logged),
    (_BY_TOOL, _is_by_tool),
    (_HOSTED, _is_hosted),
    (_NUMBERED, _is_numbered),
    (_STAMPED, _is_stamped),
    (_CLOCKED, _is_clocked),
    (_TIMED, _is_timed),
)
