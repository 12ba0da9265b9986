"""The lines of a page (HTML) that holds a report as it was printed, as a browser shows them: no tags, no entities."""

from __future__ import annotations

import html
import re
from collections.abc import Iterator, Sequence
from dataclasses import replace

from yes_tally.core.reading.text.decode import Line, shown

_PREFORMATTED = re.compile(r"</?pre\b[^>]*>", re.I)
_BREAK = re.compile(r"<br\b[^<>]*>|</(?:p|div)>", re.I)
_TAG = re.compile(r"</?[A-Za-z!][^<>]*>")
# What tables of a page, and lists of what something is, are made of, is read by its tags.
_ROW = re.compile(r"<(?:t[rdh]|d[td])\b", re.I)
# A page has its head before its text.
_MOST_HEAD = 60


def as_shown(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines as a browser shows them, where they are a page with its text preformatted or broken line by line, or as
    they are. A line of the page may show none or several."""
    if not _is_preformatted(lines) and not _is_broken(lines):
        return lines
    return [bare for line in lines for bare in _without_tags(line)]


def _without_tags(line: Line) -> Iterator[Line]:
    """What a line of the page shows: nothing where it held only tags, several lines where it is broken within."""
    if "<" not in line.text and "&" not in line.text:
        yield line
        return
    *broken, last = _BREAK.split(line.text)
    for text in broken:
        yield replace(line, text=_untagged(text), tabbed=None)
    if last := _untagged(last).rstrip():
        yield replace(line, text=last, tabbed=None if broken else line.tabbed and _untagged(line.tabbed))


def _is_preformatted(lines: Sequence[Line]) -> bool:
    first = next((n for n, line in enumerate(lines[:_MOST_HEAD]) if _PREFORMATTED.search(line.text)), None)
    return first is not None and any(_PREFORMATTED.search(line.text) for line in lines[first + 1 :])


def _is_broken(lines: Sequence[Line]) -> bool:
    """Whether most lines are broken as those of a page are."""
    if not any("<" in line.text for line in lines[:_MOST_HEAD]):
        return False
    if any(_ROW.search(line.text) for line in lines):
        return False
    breaks = sum(len(_BREAK.findall(line.text)) for line in lines)
    return breaks * 2 >= sum(bool(line.text.strip()) for line in lines)


def _untagged(text: str) -> str:
    return shown(html.unescape(_TAG.sub("", text)))
