"""A table whose last columns a printer put below its first ones, all rows again: one table, every entry led back."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import replace

from yes_tally.core.catalogue import ITEMS, KEYS
from yes_tally.core.reading.meaning.decide import NAMING, Context, decide, infer_groups
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LINE, Heading, cells_by_gap, is_rule
from yes_tally.core.reading.text.as_printed import Pieces
from yes_tally.core.reading.text.decode import Line

Chunk = tuple[list[Line], Heading | None]
"""Lines that belong together, and the title that stands over them."""

_LEAST_LABELS = 2
_LEAST_ROWS = 2
# At the end of a head whose columns go on below.
_GOES_ON = "\\"


def with_columns_below(chunks: Iterable[Chunk]) -> Iterator[tuple[list[Line], Heading | None, Pieces | None]]:
    """The chunks of a section in order; those that are the columns of one table, below each other, as one, with where
    each piece of its lines is printed (``None`` where nothing was put together)."""
    before: tuple[list[Line], Heading | None, Pieces | None] | None = None
    for lines, title in chunks:
        if before and not title and (whole := _whole(before[0], lines, before[2])):
            before = whole[0], before[1], whole[1]
            continue
        if before:
            yield before
        before = lines, title, None
    if before:
        yield before


def _whole(first: list[Line], second: list[Line], pieces: Pieces | None) -> tuple[list[Line], Pieces] | None:
    """The table of the columns above and the columns below, and its pieces; ``None`` where they are two tables."""
    if len(first) != len(second) or len(first) < 1 + _LEAST_ROWS:
        return None
    if any(len(line.text) > MAX_LINE for line in (first[0], second[0])):
        return None
    if any(is_rule(a.text) != is_rule(b.text) for a, b in zip(first, second, strict=True)):
        return None
    second = _without_index(first, second)
    head = first[0].text.rstrip(_GOES_ON + " ")
    labels = [text for text, _ in cells_by_gap(head)]
    below = [text for text, _ in cells_by_gap(second[0].text.rstrip(_GOES_ON + " "))]
    if len(labels) < _LEAST_LABELS or len(below) < _LEAST_LABELS:
        return None
    width = max(len(line.text) for line in (replace(first[0], text=head), *first[1:]))
    if broken := not is_known(below[0]) and is_known(labels[-1] + below[0]):
        below[0] = labels.pop() + below[0]
    if not _one_table(tuple(labels), tuple(below)):
        return None
    width += 0 if broken else 2
    whole, places = [], {}
    for above, under in zip([replace(first[0], text=head), *first[1:]], second, strict=True):
        whole.append(replace(above, text=above.text.ljust(width) + under.text))
        places[above.number] = [*(pieces or {}).get(above.number, [(0, above.number)]), (width, under.number)]
    return whole, places


def _without_index(first: Sequence[Line], second: list[Line]) -> list[Line]:
    """The columns below without what only says again which row it is, under no label: blank in its place."""
    if not second[0].text.startswith(" "):
        return second
    cells = [[cells_by_gap(line.text)[:1] for line in lines[1:] if not is_rule(line.text)] for lines in (first, second)]
    if not all(cells[1]) or [c[0][0] for c in cells[0] if c] != [c[0][0] for c in cells[1]]:
        return second
    begins = len(second[0].text) - len(second[0].text.lstrip())
    ends = max(cell[0][1] + len(cell[0][0]) for cell in cells[1])
    if ends > begins:
        return second
    return [second[0], *(replace(line, text=" " * ends + line.text[ends:]) for line in second[1:])]


def _one_table(labels: tuple[str, ...], below: tuple[str, ...]) -> bool:
    """Whether the labels below tell more of the items that the labels above tell of, nothing again, and do not begin
    with what would name items of their own."""
    if any(_begins_item(group, below[0]) for group in infer_groups(below, (), True)):
        return False
    for group in infer_groups(labels + below, (), True)[:3]:
        if group not in ITEMS:
            continue
        told, more = (_told(group, them) for them in (labels, below))
        own = {*(key.name for key in KEYS[group]), NAMING.get(group, "")}
        if (
            len(told) * 3 >= 2 * len(labels)
            and more
            and told & own
            and not told & more
            and not _begins_item(group, below[0])
        ):
            return True
    return False


def _begins_item(group: str, label: str) -> bool:
    """Whether a label is what an item of a group is called by."""
    return bool(_told(group, (label,)) & {NAMING.get(group, ""), f"{group}.name"})


def _told(group: str, labels: Sequence[str]) -> set[str]:
    guesses = (decide(label, Context(group)) for label in labels)
    return {found[0].fact for found in guesses if found and found[0].fact.startswith(f"{group}.")}
