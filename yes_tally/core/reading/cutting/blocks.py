"""A section's lines to blocks, each with its best shape, and the headings that stand above it."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import pairwise, zip_longest

from yes_tally.core.reading.cutting.below_titles import below_kind
from yes_tally.core.reading.cutting.beside import sides_of_bar
from yes_tally.core.reading.cutting.best_layout import best_layout
from yes_tally.core.reading.cutting.columns_below import with_columns_below
from yes_tally.core.reading.cutting.documents import document_behind, document_ends, stretches
from yes_tally.core.reading.cutting.tables_within import tables_within
from yes_tally.core.reading.cutting.titles import (
    decorated_title,
    kind_alone,
    may_head,
    title_above,
    underlines,
    without_stamp,
)
from yes_tally.core.reading.cutting.wrapped import led_back_to
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, names_item, subjects_in
from yes_tally.core.reading.shapes import WHOLE
from yes_tally.core.reading.shapes.layout import (
    LEAST_COLUMNS,
    MAX_LABEL,
    MAX_LINE,
    Group,
    Heading,
    Layout,
    all_entries,
    cells_by_gap,
    heads_columns,
    indent_of,
    is_rule,
)
from yes_tally.core.reading.shapes.values_below import in_twos
from yes_tally.core.reading.text.decode import Line

MAX_BLOCK = 2000


@dataclass(frozen=True, slots=True)
class Block:
    """A laid-out block (or, without a layout, lines that carry nothing), and the headings above it, nearest first."""

    lines: tuple[Line, ...]
    layout: Layout | None
    headings: tuple[Heading, ...]
    totals: bool = False


def blocks_of(lines: Sequence[Line]) -> Iterator[Block]:
    """The blocks of a section in order; records that repeat over blank lines come as one."""
    for stretch in stretches(lines):
        yield from _blocks_of(stretch)


def _blocks_of(lines: Sequence[Line]) -> Iterator[Block]:
    end = document_ends(lines)
    for shape in WHOLE.values():
        if whole := shape(lines[:end]):
            yield Block(tuple(lines[:end]), whole, ())
            yield from _blocks_of(lines[end:]) if end < len(lines) else ()
            return
    if found := document_behind(lines):
        begins, document = found
        yield from _blocks_of(lines[:begins])
        over = title_above(lines, begins)
        end = begins + document_ends(lines[begins:])
        yield Block(tuple(lines[begins:end]), document, (over[1],) if over else ())
        yield from _blocks_of(lines[end:]) if end < len(lines) else ()
        return
    if parted := sides_of_bar(lines):
        start, end, left, right = parted
        for part in (lines[:start], left, right, lines[end:]):
            yield from _blocks_of(part) if part else ()
        return
    headings: tuple[Heading, ...] = ()
    drawn = {line.number: line.text.lstrip()[:1] for line in lines}
    pending: list[Block] = []
    apart = (part for whole in in_twos(_chunks(lines)) for part in tables_within(whole))
    chunks = (kind for whole in apart for part in _parted(whole) for kind in _by_kinds(part))
    for chunk, above, pieces in with_columns_below(map(_peel_heading, chunks)):
        if above:
            # ``Disks:`` over boxes that are headed by their names.
            kinds = [h for h in headings if kind_alone(h.text) and drawn.get(h.line) != drawn.get(above.line)][:1]
            headings = (above, *(() if kind_alone(above.text) or names_item(above.text) else kinds))
        if not chunk:
            continue
        layout = best_layout(chunk)
        if below := below_kind(chunk, layout):
            headings, layout, chunk = (below[0],), below[1], chunk[1:]
        if layout and pieces:
            led_back_to(layout.groups, pieces)
        if layout and len(chunk) == 1 and not any(entry.printed for entry in all_entries(layout.groups)):
            layout = None  # ``Network card "Quay":``, alone: it heads what follows
        block = Block(tuple(chunk), layout, headings)
        if pending and not _same_record(pending[-1], block):
            yield _merged(pending)
            pending = []
        if layout is None:
            if len(chunk) == 1 and may_head((alone := without_stamp(chunk[0])).text):
                headings = (_heading(alone), *headings[:1])
            yield block
            continue
        if len(chunk) == 1 and (title := _title_of(chunk[0].text[:MAX_LABEL])):
            headings = (Heading(title, chunk[0].number, 1), *headings[:1])
        pending.append(block)
        if layout.shape == "ruled table":
            yield _merged(pending)
            pending = []
            yield from _after_table(chunk, headings)
        elif layout.shape == "delimited" and (rest := _below_bars(chunk)):
            yield _merged(pending)
            pending = []
            yield Block(tuple(rest), best_layout(rest), headings, totals=True)
    if pending:
        yield _merged(pending)


_LEAST_KINDS = 3


# What is told in several parts.
_SEVERAL = re.compile(r", |: |\S\s{2,}\S")
# A title between two rules.
_TITLE_LINES = 3
# ``DATOS DEL EQUIPO``
_TITLE_OF_CHAPTER = re.compile(r"\s*[^\W\d_][^\d:=,;.()|]{2,40}:?\s*")


def _by_kinds(lines: Sequence[Line]) -> list[list[Line]]:
    """``Processor``, ``Memory``, ``Disks``, each over what is said of it, deeper: a chunk for each. Some of the chapters may
    be headed in other words, where half of them and three name a kind."""
    if len(lines) > _TITLE_LINES and underlines(lines[0].text) and underlines(lines[_TITLE_LINES - 1].text):
        chapters = _by_kinds(lines[_TITLE_LINES:])
        return [list(lines[:_TITLE_LINES]), *chapters] if len(chapters) > 1 else [list(lines)]
    if len(lines) < 2 * _LEAST_KINDS or not _TITLE_OF_CHAPTER.fullmatch(lines[0].text[:MAX_LABEL]):
        return [list(lines)]
    own = indent_of(lines[0].text)
    heads = [index for index, line in enumerate(lines) if indent_of(line.text) <= own]
    if (
        len(heads) < _LEAST_KINDS
        or any(b - a < 2 for a, b in pairwise([*heads, len(lines)]))
        or not all(_TITLE_OF_CHAPTER.fullmatch(lines[index].text[:MAX_LABEL]) for index in heads)
    ):
        return [list(lines)]
    titles = [words_of(lines[index].text[:MAX_LABEL]) for index in heads]
    below = [lines[index + 1].text for index in heads]
    if not all(title in SUBJECTS for title in titles) and not _are_chapters(titles, below):
        return [list(lines)]
    return [list(lines[a:b]) for a, b in pairwise([*heads, len(lines)])]


def _are_chapters(titles: Sequence[tuple[str, ...]], below: Sequence[str]) -> bool:
    """Whether titles of which some name no kind of thing head chapters: half of them and three kinds are named, and half of
    the first lines below tell in several parts (``Video memory`` over ``8 GB`` is a label over its value)."""
    kinds = [{at.group for at in subjects_in(title)} for title in titles]
    in_parts = sum(bool(_SEVERAL.search(text)) for text in below)
    named = sum(map(bool, kinds))
    return min(in_parts, named) * 2 >= len(titles) and len(set().union(*kinds)) >= _LEAST_KINDS


def _chunks(lines: Sequence[Line]) -> Iterator[list[Line]]:
    chunk: list[Line] = []
    for line, below in zip_longest(lines, lines[1:]):
        if not line.text.strip():
            if chunk and not (below and _goes_on(chunk, below.text)):
                yield chunk
                chunk = []
            continue
        if (
            chunk
            and chunk[-1].text[:1] == " "
            and _names_kind(line.text)
            and _names_kind(chunk[0].text)
            and line.text.endswith(":") == chunk[0].text.endswith(":")
        ):
            yield chunk
            chunk = []
        if chunk and _CLOSES.match(chunk[-1].text):
            yield chunk
            chunk = []
        if chunk and _is_title(line.text):
            yield chunk
            chunk = []
        chunk.append(line)
        if len(chunk) >= MAX_BLOCK:
            yield chunk
            chunk = []
    if chunk:
        yield chunk


def _goes_on(chunk: Sequence[Line], below: str) -> bool:
    """Whether the line below an empty one is one more row of a table, or the first below its head: most of its cells begin
    where the head's do or the last row's."""
    head = next((line.text for line in chunk[:_HEADS_WITHIN] if heads_columns(line.text)), None)
    cells = cells_by_gap(below[:MAX_LINE]) if head else ()
    if head is None or len(cells) < LEAST_COLUMNS or _has_label(below) or heads_columns(below):
        return False
    columns = {at for _, at in (*cells_by_gap(head[:MAX_LINE]), *cells_by_gap(chunk[-1].text[:MAX_LINE]))}
    return sum(at in columns for _, at in cells) * 2 > len(cells)


_HEADS_WITHIN = 3
_DRIVE = re.compile(r"\s*[A-Z]:\\?\s")


def _has_label(text: str) -> bool:
    return _LABELLED.match(text) is not None and not _DRIVE.match(text)


def _is_title(text: str) -> bool:
    """Whether a line is drawn as a title, or says how many of what is listed below it."""
    first = text.lstrip()[:1]
    if first in _DRAWN_WITH:
        return decorated_title(text) is not None and not heads_columns(text)  # ``# Name   Size   State``
    return text.rstrip()[-1:] in "):" and _TITLE_WITH_COUNT.match(text[:MAX_LABEL]) is not None


# What closes a drawn table.
_CLOSES = re.compile(r"\s*[└╚┗]|[\s─━═]*[┴╩┻][\s─━═┴╩┻┘╝┛]*$")
_DRAWN_WITH = frozenset("=#*~-[>»")
# ``Printers (3)``: what is listed below, and how many of them.
_TITLE_WITH_COUNT = re.compile(r"[^\W\d_][^\W\d_]*(?: [^\W\d_]+){0,3} \(\d{1,4}\):?\s*$")


def _names_kind(text: str) -> bool:
    """Whether a line names nothing but a kind of thing, at the margin."""
    return text[:1] not in ("", " ") and len(text) <= MAX_LABEL and words_of(text.rstrip(" :")) in SUBJECTS


# ``Updates fitted: 4``: what is listed below, and how many of them.
_COUNTED = re.compile(r"\s*[^\W\d_][^:=]{2,60}[:=]\s*\d{1,4}\s*")
# ``shelf: 9 programs on this PC``: a tool says how many of what it lists.
_TOOL_COUNTS = re.compile(r"[^\W\d_][\w.-]{1,20}: \d{1,5} (?P<what>[^\W\d_][^:=]{2,50})")
# No drive is a label (``Letter    C:     D:``), and no hour.
_LABELLED = re.compile(r"\s*[^\W\d_][^:=]{0,60}(?<!\s\s[A-Z])(?:=|:(?!\d))\s*\S")

# ``Default: 1`` under a table's last row.
_SAID_BELOW = re.compile(r"[A-Z][^\W\d_]{2,}(?: [^\W\d_]+){0,3}: \S")


def _counts(text: str) -> bool:
    """Whether a line says how many of what is listed below it."""
    by_tool = _TOOL_COUNTS.fullmatch(text.rstrip())
    return bool(_COUNTED.fullmatch(text) or (by_tool and subjects_in(words_of(by_tool["what"]))))


def _title_of(text: str) -> str:
    """What a line that stands alone says of what is listed below it: how many of them there are, or what they are,
    beside the PC (``printers and sound      host: nq-acc-07``); empty where it says neither."""
    if _counts(text):
        return text.strip()
    cells = cells_by_gap(text)
    beside = len(cells) == _LEAST_CELLS and ":" not in cells[0][0] and _LABELLED.match(cells[1][0])
    return cells[0][0] if beside and subjects_in(words_of(cells[0][0])) else ""


_LEAST_CELLS = 2


def _parted(chunk: list[Line]) -> Iterator[list[Line]]:
    """A table that stands right under pairs, or pairs right under a table, with no blank line between: cut there."""
    if _is_underlined_head(chunk):
        # A rule of one piece under a head of columns says nothing of where they are; a second one ends the rows.
        end = next((i for i in range(2, len(chunk)) if is_rule(chunk[i].text)), len(chunk))
        yield [chunk[0], *chunk[2:end]]
        if end + 1 < len(chunk):
            yield from _parted(chunk[end + 1 :])
        return
    if _rows_under_pair(chunk):
        yield chunk[:1]
        chunk = chunk[1:]
    start = 0
    for index in range(1, len(chunk)):
        before, here = chunk[index - 1].text[:MAX_LINE], chunk[index].text[:MAX_LINE]
        after = chunk[index + 1].text[:MAX_LINE] if index + 1 < len(chunk) else ""
        if (
            start == 0 and _LABELLED.match(before) and heads_columns(here) and len(cells_by_gap(after)) >= LEAST_COLUMNS
        ) or (start == 0 and index >= _LEAST_PAIRS and _rows_below_pairs(chunk, index)):
            yield chunk[:index]
            start = index
        elif _ends_table(before, here, after):
            yield chunk[start:index]
            start = index
        elif (
            (_LABELLED if start else _SAID_BELOW).match(here)
            and len(cells_by_gap(here)) < LEAST_COLUMNS <= len(cells_by_gap(before))
            and (start or (heads_columns(chunk[0].text) and not _SAID_BELOW.match(before)))
        ):
            yield chunk[start:index]
            start = index
            break
    yield chunk[start:]


_LEAST_PAIRS = 2


def _rows_under_pair(chunk: Sequence[Line]) -> bool:
    """Whether the first line is a pair and all others are deeper rows of several cells: ``Default printer: Hall`` over the
    printers."""
    first, *rows = chunk
    pair = _ONE_PAIR.fullmatch(first.text[:MAX_LINE])
    return (
        pair is not None
        and not names_item(pair["label"])
        and words_of(pair["label"]) not in SUBJECTS
        and len(rows) > 1
        and all(
            indent_of(first.text) < indent_of(row.text) < pair.start("value")
            and len(cells := cells_by_gap(row.text[:MAX_LINE])) >= LEAST_COLUMNS
            and ":" not in cells[0][0]
            for row in rows
        )
    )


_ONE_PAIR = re.compile(r"\s*(?P<label>[^\W\d_][^:=,()\d]{2,40}?)\s*[:=]\s+(?P<value>\S(?:(?!\s{2}).)*)")


def _rows_below_pairs(chunk: Sequence[Line], index: int) -> bool:
    """Whether pairs by gaps end above a line and deeper rows of several cells begin with it."""
    above, own = indent_of(chunk[index - 1].text), indent_of(chunk[index].text)
    return (
        own > above
        and len(cells_by_gap(chunk[index].text[:MAX_LINE])) > LEAST_COLUMNS
        and all(
            indent_of(line.text) == above and len(cells_by_gap(line.text[:MAX_LINE])) < LEAST_COLUMNS
            for line in chunk[:index]
        )
        and all(indent_of(line.text) >= own for line in chunk[index:])
    )


def _is_underlined_head(chunk: Sequence[Line]) -> bool:
    return len(chunk) > 2 and underlines(chunk[1].text) and len(cells_by_gap(chunk[0].text[:MAX_LINE])) >= LEAST_COLUMNS


def _ends_table(before: str, here: str, after: str) -> bool:
    """Whether a line is a title between a table's last row and lines of another form."""
    if "  " in here.rstrip() or not _TITLE.match(here) or is_rule(after):
        return False
    above, below = ({start for _, start in cells_by_gap(text)} for text in (before, after))
    return len(above) >= LEAST_COLUMNS and len(after.split()) >= LEAST_COLUMNS and len(above & below) * 2 < len(above)


_TITLE = re.compile(r"[A-Z][^\W\d_]*(?: [^\W\d_]+){0,4}(?: \(\d+\))?:?\s*$")


_INDEX_ALONE = re.compile(r"\s*(?:\[\d{1,3}\]|#\d{1,3}|\d{1,3}[.):])\s*")


# What a table in a box begins with.
_BOX_BEGINS = re.compile(r"\s*[+┌╔][-─═+┬╦]{3,}[+┐╗]\s*$")


def _peel_heading(chunk: list[Line]) -> tuple[list[Line], Heading | None]:
    """A decorated or underlined first line is a heading, not part of the block."""
    if len(chunk) > 3 and is_rule(chunk[0].text) and underlines(chunk[2].text):
        return _peel_heading(chunk[1:])  # a title between two rules
    if (title := decorated_title(chunk[0].text)) and not heads_columns(chunk[0].text):
        return chunk[1:], Heading(title, chunk[0].number, indent_of(chunk[0].text) + 1)
    if len(chunk) > 3 and _BOX_BEGINS.match(chunk[1].text) and chunk[0].text.lstrip()[:1].isalpha():
        return chunk[1:], _heading(chunk[0])
    if len(chunk) > 2 and _INDEX_ALONE.fullmatch(chunk[1].text) and words_of(chunk[0].text.strip(" :")) in SUBJECTS:
        return chunk[1:], _heading(chunk[0])  # ``Neighbours`` over ``[1]``
    if len(chunk) >= 2 and underlines(chunk[1].text) and may_head(chunk[0].text) and not heads_columns(chunk[0].text):
        return chunk[2:], _heading(chunk[0])
    return chunk, None


def _heading(line: Line) -> Heading:
    return Heading(line.text.strip(), line.number, indent_of(line.text) + 1)


def _same_record(before: Block, after: Block) -> bool:
    """Two blocks of pairs that begin with the same label are records of one kind."""
    first, second = _first_label(before.layout), _first_label(after.layout)
    return first is not None and first == second and before.headings == after.headings


def _first_label(layout: Layout | None) -> str | None:
    if layout is None or layout.shape not in ("pairs", "records"):
        return None
    group = layout.groups[0]
    if not group.entries and group.children and not group.children[0].heading:
        group = group.children[0]
    return group.entries[0].label if group.entries else None


def _merged(blocks: list[Block]) -> Block:
    if len(blocks) == 1:
        return blocks[0]
    parts = [group for block in blocks if block.layout for group in _records_in(block.layout)]
    score = min(block.layout.score for block in blocks if block.layout)
    lines = tuple(line for block in blocks for line in block.lines)
    return Block(lines, Layout("records", [Group(children=parts)], score), blocks[0].headings)


def _records_in(layout: Layout) -> list[Group]:
    return [part for group in layout.groups for part in ([group] if group.entries else group.children)]


_BARS = frozenset("|│║┃+└╚┗┴╩")


def _below_bars(chunk: Sequence[Line]) -> Sequence[Line]:
    """The lines below the last row or border of a table that bars are drawn around; none where it has no bars."""
    barred = [at for at, line in enumerate(chunk) if line.text.lstrip()[:1] in _BARS]
    return chunk[barred[-1] + 1 :] if len(barred) >= _LEAST_BARRED else ()


_LEAST_BARRED = 3


def _after_table(chunk: Sequence[Line], headings: tuple[Heading, ...]) -> Iterator[Block]:
    """What follows the second rule of a ruled table: totals, told of what the table lists."""
    # One that a console cut stands on several lines.
    rules = [i for i, line in enumerate(chunk) if i and is_rule(line.text) and not is_rule(chunk[i - 1].text)]
    if len(rules) < 2 or rules[1] + 1 >= len(chunk):
        return
    rest = chunk[rules[1] + 1 :]
    yield Block(tuple(rest), best_layout(rest), headings, totals=True)
