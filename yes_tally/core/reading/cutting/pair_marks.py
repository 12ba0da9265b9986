"""Marks that part labels from values as colons do elsewhere (``Maker -> Corrane``, ``[Maker] Corrane``), made colons.
Every other character stays in its column."""

from __future__ import annotations

import re
from collections import Counter, defaultdict
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, names_item
from yes_tally.core.reading.text.decode import Line

_MOST_LONG = 400
_LEAST_LABELS = 3
_MARKED = re.compile(
    r"(?P<label>\s*(?:[*•] )?[^\W\d_][^:=|<>]{1,48}?)\s*(?P<mark>(?: (?:->|=>|→|⇒|»|›|>|::|:=|~|·|--?|[–—]) |;\s))(?=\s*\S)"
)
_BRACKETED = re.compile(r"\s*(?P<mark>[\[<](?P<label>[^\W\d_][^\[\]<>]{1,40})[\]>]) +(?=\S)")
# ``"Maker","Corrane"``: a list of values with two columns.
_TWO_FIELDS = re.compile(r"\s*(?P<mark>\"(?P<label>[^\W\d_][^\"]{1,40})\"[,;])(?=\s?(?:\"[^\"]*\"|[^\",;]*)\s*$)")
# What brackets and quotation marks are taken off.
_CLOSED = (_BRACKETED, _TWO_FIELDS)


def with_colons(lines: Sequence[Line]) -> list[Line]:
    """The lines with a colon where most that have another mark have it between a label that is known and a value."""
    found = list(lines)
    marked: dict[str, list[tuple[int, re.Match[str]]]] = defaultdict(list)
    for place, line in enumerate(lines):
        if len(line.text) > _MOST_LONG:
            continue
        if match := next((match for closed in _CLOSED if (match := closed.match(line.text))), None):
            marked[match["mark"][0]].append((place, match))
        elif match := _MARKED.match(line.text):
            marked[match["mark"].strip()].append((place, match))
    for mark, matches in marked.items():
        if not _part_labels(mark, [match for _, match in matches]):
            continue
        for place, match in matches:
            found[place] = replace(found[place], text=_with_colon(match), tabbed=None)
    return found


def _part_labels(mark: str, matches: Sequence[re.Match[str]]) -> bool:
    """Whether a mark stands behind several labels, and seldom behind anything else or twice on a line."""
    labels = Counter(label for match in matches if not names_item(label := match["label"].strip(" *•")))
    # ``Machine > Maker``: what is said of, and no label.
    known = [label for label in labels if is_known(label) and (labels[label] == 1 or words_of(label) not in SUBJECTS)]
    between = "; " if mark == ";" else f" {mark} "
    again = sum(between in match.string[match.end() :] for match in matches)
    least = _LEAST_LABELS if len(known) < len(labels) else _LEAST_LABELS - 1
    most_known = sum(labels[label] for label in known) * 2 > labels.total()
    return len(known) >= least and most_known and again * 3 <= len(matches)


def _with_colon(match: re.Match[str]) -> str:
    text, start, end = match.string, match.start("mark"), match.end("mark")
    if match.re in _CLOSED:
        return f"{text[:start]} {match['label']}:".ljust(end) + text[end:]
    mark = " :" if match["mark"][0] == " " else ":"
    return text[:start] + mark.ljust(end - start) + text[end:]
