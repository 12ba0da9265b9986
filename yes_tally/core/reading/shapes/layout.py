"""What a shape makes of a block: labelled values, grouped as they belong together."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, field
from functools import lru_cache
from itertools import pairwise

from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import COMMA_WITHIN_MOMENT
from yes_tally.core.words import flag_of


# Made for every printed value: not frozen, since that makes one three times as dear.
@dataclass(slots=True, unsafe_hash=True)
class Entry:
    """A printed value with its label (``""`` when it stands alone). Line and column count from 1."""

    label: str
    printed: str
    line: int
    column: int


@dataclass(frozen=True, slots=True)
class Heading:
    """A line that says what the following speaks of."""

    text: str
    line: int
    column: int


@dataclass(slots=True)
class Group:
    """Entries that belong together: a record, a table row, an indented part.

    ``table``: its children share labels. ``frame``: the lines that carry the layout (a header, its rule).
    """

    heading: Heading | None = None
    entries: list[Entry] = field(default_factory=list)
    children: list[Group] = field(default_factory=list)
    table: bool = False
    frame: tuple[int, ...] = ()

    def walk(self) -> Iterator[Group]:
        """This group and all below it, in order, however deep they are nested."""
        waiting = [self]
        while waiting:
            group = waiting.pop()
            yield group
            waiting += reversed(group.children)


@dataclass(slots=True)
class Layout:
    """One shape's view of a block: its groups and how well they explain the block (0-1)."""

    shape: str
    groups: list[Group]
    score: float


Shape = Callable[[Sequence[Line]], Layout | None]

MAX_LABEL = 80
MAX_LINE = 20_000
# So much of a value is looked through for what it holds.
MAX_TOLD = 400
# Under a column of one or two signs stands a line as short, which alone would be none.
_RULE = re.compile(
    r"\s*(?:[-=─═]{1,2} +)?[-=_*~+#|─═━├┌└╔╠╚┏┣┗][-=_*~+#|─═━┬┴┼╦╩╬┳┻╋┐┘┤╗╝╣┓┛┫]{2,}[-=_*~+#|─═━┬┴┼╦╩╬┳┻╋┐┘┤╗╝╣┓┛┫ ]*$"
    r"|\s*(?:\. ?|· ?){8,}$"
    r"|\s*[.,'`][-=─]{3,}[.,'´`]\s*$"
)
_GAP = re.compile(r"\s{2,}")
LIST_MARK = r"(?:(?:[*+•>-]|#?\d{1,3}[.):]|#\d{1,3}|\(\d{1,3}\)|\[\d{1,3}\]) +)?"
"""A bullet or a number before what a list lists, where there is one."""


def is_rule(text: str) -> bool:
    """Whether a line is drawn and says nothing: three signs or more of what lines and boxes are drawn with."""
    return _RULE.match(text[:MAX_LINE]) is not None


def indent_of(text: str) -> int:
    return len(text) - len(text.lstrip())


def stand_together(lines: Sequence[Line], *, least: int) -> Iterator[tuple[int, int]]:
    """Where at least so many lines stand with no empty one between: from which place up to which."""
    start = 0
    for place, line in enumerate((*lines, None)):
        if line is None or not line.text.strip():
            if place - start >= least:
                yield start, place
            start = place + 1


def as_comma(mark: re.Match[str]) -> str:
    """A comma in the place of a mark that parts clauses, as wide as the mark: columns stay."""
    return ",".ljust(len(mark.group()))


def under_heads(lines: Sequence[Line]) -> list[tuple[Line, Sequence[Line]]]:
    """Each of the lines that stand least deep, with the deeper ones right below it; nothing where the first is deeper."""
    least = min((indent_of(line.text) for line in lines), default=0)
    heads = [place for place, line in enumerate(lines) if indent_of(line.text) == least]
    if heads[:1] != [0]:
        return []
    return [(lines[start], lines[start + 1 : end]) for start, end in pairwise([*heads, len(lines)])]


# ``Gateway of card 1``: said of what is listed under that number.
FOR_NUMBER = re.compile(
    r"(?P<label>.{2,40}?) (?:for|of|on|für|von|de|du|di|da|van|voor|dla|para|pour|per) (?:[^\W\d_]{2,12} )?#?(?P<number>\d{1,2})",
    re.I,
)


def known_share(entries: Sequence[Entry]) -> float:
    """Which share of the entries has a label that means something; bare entries do not count."""
    labels = Counter([entry.label for entry in entries[:400] if entry.label])
    return (
        sum([count for label, count in labels.items() if _means_something(label)]) / labels.total() if labels else 0.0
    )


def _means_something(label: str) -> bool:
    if is_known(label):
        return True
    of_one = FOR_NUMBER.fullmatch(label) if label[-1].isdigit() else None
    return of_one is not None and is_known(of_one["label"])


def commas_for_gaps(text: str) -> str:
    """The text with a comma where a wide gap begins, so that its parts are told apart as a list's; columns stay."""
    return _UNPARTED_GAP.sub(lambda gap: "," + " " * (len(gap.group()) - 1), text)


# Where no mark parts already (``237.9 GB,   88.1 GB free``).
_UNPARTED_GAP = re.compile(rf"(?<![\s,;]){_GAP.pattern}")


def commas_for_gaps_between(text: str, is_value: Callable[[str], bool] = lambda cell: False) -> str:
    """The text with a comma where a wide gap parts a value from the next label (``provided by  Wickerlink   version  12.1``);
    what only parts a label from its value stays. No label is what ``is_value`` says tells something itself."""
    found = text
    label = False
    for (cell, at), (below, start) in pairwise(cells_by_gap(text)):
        label = not label and cell[-1] not in "),;" and is_known(cell) and not is_value(cell)
        label = label and (not is_known(below) or flag_of(below) is not None)
        if not label and cell[-1] not in ",;":
            end = at + len(cell)
            found = found[:end] + ",".ljust(start - end) + found[start:]
    return found


_LISTED_ASIDE = re.compile(r" \(([^()]*,\s[^()]*)\)")


def asides_as_commas(text: str) -> str:
    """The text with what brackets list between commas (``8 GB (DDR4, 2666 MT/s)``) as parts of its own; columns stay."""
    return _LISTED_ASIDE.sub(lambda aside: f", {aside[1]} ", text)


def dots_as_commas(text: str) -> str:
    """The text with commas for dots that stand between its parts (``16 GB · 2 of 4 sockets``); columns stay."""
    return text.replace(" · ", " , ")


# What parts the parts of a row, where it does so more than once.
_MARKS = (" | ", " · ", "; ", " / ", " - ", " – ", " — ")


def commas_for_marks(text: str) -> str:
    """The text with a comma for the mark or the wide gap that parts it (``Basalt SX240 | 223.6 GB | SATA``); columns
    stay."""
    return commas_for_gaps(marks_as_commas(text))


def marks_as_commas(text: str) -> str:
    """The text with commas for the mark that parts it more than once; columns stay."""
    mark = next((mark for mark in _MARKS if text.count(mark) > 1), None)
    return text.replace(mark, ",".ljust(len(mark))) if mark else text


_LONE_MARK = re.compile(r" (?:[|·/–—]|--?) |; ")


def lone_mark_as_comma(text: str) -> str:
    """The text with a comma for what parts it, be it there but once, where no comma does."""
    return text if ", " in text else _LONE_MARK.sub(lambda mark: ",".ljust(len(mark.group())), text)


_BETWEEN_COMMAS = re.compile(rf"[^\s,](?:[^,]|,(?!\s)|{COMMA_WITHIN_MOMENT})*")


def cells_by_comma(text: str, start: int = 0) -> list[tuple[str, int]]:
    """The parts of a text between commas that a blank follows, each with its column from 0; the text begins at
    ``start``."""
    return [(part.group().rstrip(), start + part.start()) for part in _BETWEEN_COMMAS.finditer(text)]


def all_entries(groups: Sequence[Group]) -> list[Entry]:
    return [entry for group in groups for part in group.walk() for entry in part.entries]


# Of so many columns a line is a head.
LEAST_COLUMNS = 3


def heads_columns(text: str) -> bool:
    """Whether a line is a head of columns: three cells or more, most of them labels that mean something."""
    cells = cells_by_gap(text[:MAX_LINE])
    return len(cells) >= LEAST_COLUMNS and ":" not in text and sum(is_known(cell) for cell, _ in cells) * 2 > len(cells)


# Most lines of a report were met before, in other shapes' tries and in other PCs' reports.
LINES_KEPT = 4096


@lru_cache(maxsize=LINES_KEPT)
def cells_by_gap(text: str) -> tuple[tuple[str, int], ...]:
    """The parts of a line between runs of two or more blanks, each with its first column (from 0)."""
    body = text.lstrip()
    at = len(text) - len(body)
    if "  " not in body and body.isascii():
        return ((body, at),) if body else ()
    cells: list[tuple[str, int]] = []
    for gap in _GAP.finditer(text, at):
        if gap.start() > at:
            cells.append((text[at : gap.start()], at))
        at = gap.end()
    if at < len(text):
        cells.append((text[at:], at))
    return tuple(cells)
