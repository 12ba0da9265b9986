"""Labels over their values: a line that is a label, and deeper below it what it says (``Manufacturer`` over ``Corrane``)."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from itertools import groupby

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    Entry,
    Group,
    Layout,
    cells_by_gap,
    indent_of,
    is_rule,
    known_share,
)
from yes_tally.core.reading.text.decode import Line

_LEAST_PAIRS = 3
_LEAST_KNOWN = 0.6
# Where values stand no deeper than labels.
_LEAST_EVEN = 0.8
_MOST_VALUES = 1.5
# A pair on each line is surer.
_SCORE = 0.6


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block of labels, each with its value on the line below it: deeper (a few with several lines), or every other
    line. ``None`` where it is none."""
    written = [line for line in lines if not is_rule(line.text)]
    if len(written) < 2 * _LEAST_PAIRS:
        return None
    margin = min(indent_of(line.text) for line in written)
    even = all(indent_of(line.text) == margin for line in written)
    pairs = _every_other(written) if even else _deeper(written, margin)
    entries = [Entry(label, line.text.strip(), line.number, indent_of(line.text) + 1) for label, line in pairs]
    labels = {entry.label for entry in entries}
    share = known_share(entries)
    # Kinds of things, each over one of its kind, are a list of them.
    kinds = sum(words_of(label) in SUBJECTS for label in labels)
    if len(labels) < _LEAST_PAIRS or share < (_LEAST_EVEN if even else _LEAST_KNOWN) or kinds * 2 > len(labels):
        return None
    if even and any(is_known(entry.printed) for entry in entries):
        return None  # it may be a label too
    at = {entry.line for entry in entries}
    group = Group(entries=entries, frame=tuple(line.number for line in written if line.number not in at))
    return Layout("pairs", [group], _SCORE + (1 - _SCORE) * share)


def in_twos(chunks: Iterable[list[Line]]) -> Iterator[list[Line]]:
    """The chunks of a section, those of a label and its value that follow each other as one."""
    for apart, run in groupby(chunks, _is_two):
        several = list(run)
        if apart and len(several) >= _LEAST_PAIRS:
            several = [[line for chunk in several for line in chunk]]
        yield from several


def _is_two(chunk: Sequence[Line]) -> bool:
    label = chunk[0].text.strip(" :.")
    return len(chunk) == 2 and len(label) <= MAX_LABEL and is_known(label) and words_of(label) not in SUBJECTS


def _every_other(lines: Sequence[Line]) -> list[tuple[str, Line]]:
    """Each second line under the label above it; none where a value is a pair of its own."""
    labels, values = lines[::2], lines[1::2]
    if len(labels) != len(values) or any(": " in line.text for line in values):
        return []
    return _with_labels(zip(labels, values, strict=True))


def _deeper(lines: Sequence[Line], margin: int) -> list[tuple[str, Line]]:
    """Each deeper line under the label above it; none where a label has nothing below it, or many have several lines."""
    pairs: list[tuple[Line, Line]] = []
    above: Line | None = None
    told = True
    for line in lines:
        if indent_of(line.text) > margin:
            if above is None:
                return []
            pairs.append((above, line))
            told = True
        elif not told:
            return []
        else:
            above, told = line, False
    labels = {label.number for label, _ in pairs}
    return _with_labels(pairs) if told and len(pairs) <= len(labels) * _MOST_VALUES else []


def _with_labels(pairs: Iterable[tuple[Line, Line]]) -> list[tuple[str, Line]]:
    """Labels and lines of values, where all may be that: a value is one cell."""
    found = [(label.text.strip(" :."), line) for label, line in pairs]
    sound = all(_may_be_label(label) and len(cells_by_gap(line.text)) == 1 for label, line in found)
    return found if sound else []


def _may_be_label(text: str) -> bool:
    return len(text) <= MAX_LABEL and text[:1].isalpha() and "  " not in text and (": " not in text or is_known(text))
