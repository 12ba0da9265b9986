"""What is made of one block of a section: by a reader that knows its kind, as bare rows, or by its layout."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from itertools import groupby, takewhile
from typing import NamedTuple

from yes_tally.core.reading.cutting.blocks import Block
from yes_tally.core.reading.cutting.titles import kind_alone
from yes_tally.core.reading.interpret import Interpreter
from yes_tally.core.reading.kinds.accounts_listed import rows_of_accounts
from yes_tally.core.reading.kinds.adapters_over_words import adapters_over_words
from yes_tally.core.reading.kinds.audit_matrix import read_audit_matrix
from yes_tally.core.reading.kinds.devices_under_titles import devices_under_title
from yes_tally.core.reading.kinds.drive_records import read_drive_records
from yes_tally.core.reading.kinds.drives import rows_telling_drives
from yes_tally.core.reading.kinds.event_records import is_told_below, read_events
from yes_tally.core.reading.kinds.field_asked import field_headed
from yes_tally.core.reading.kinds.licences_of_products import licence_at_once
from yes_tally.core.reading.kinds.memory_sockets import read_sockets, sockets_over_words
from yes_tally.core.reading.kinds.name_lookups import names_with_answers
from yes_tally.core.reading.kinds.update_records import read_updates
from yes_tally.core.reading.kinds.updates_in_lines import updates_in_lines, updates_under_states, updates_with_days
from yes_tally.core.reading.kinds.variables import folders_in_order, names_before_values
from yes_tally.core.reading.meaning.spoken_of import MAY_BE_CARD
from yes_tally.core.reading.phrases.elsewhere import is_elsewhere
from yes_tally.core.reading.records.field_lists import read_field_list
from yes_tally.core.reading.records.kinds_over_words import kinds_over_words
from yes_tally.core.reading.records.mixed_records import read_mixed_records
from yes_tally.core.reading.records.names_before_words import SURELY_NAMED, names_before_words
from yes_tally.core.reading.records.only_one_in_words import ONLY_ONES, only_one_in_words
from yes_tally.core.reading.records.opening import opened_by, over_parts
from yes_tally.core.reading.records.outlines import read_adapters, read_kind, read_outline
from yes_tally.core.reading.records.told_again import OVER_MIXED_WORDS
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Group,
    Layout,
    all_entries,
    cells_by_gap,
    known_share,
)
from yes_tally.core.reading.tables.log_rows import are_events
from yes_tally.core.reading.tables.rows_alone import rows_told_whole, rows_without_head
from yes_tally.core.reading.text.decode import Line

_RIGHT_UNDER = 2


class _Asked(NamedTuple):
    """A block, with what the headings above it and its command speak of (``spoken``), and its command alone."""

    interpreter: Interpreter
    block: Block
    spoken: tuple[str, ...]
    command: tuple[str, ...]


# What may read a block whole, in turn: the first that knows it does.
_READ_WHOLE: tuple[Callable[[_Asked], bool], ...] = (
    lambda of: field_headed(of.interpreter, of.block.lines, [heading.text for heading in of.block.headings]),
    lambda of: read_kind(of.interpreter, of.block.lines),
    lambda of: kinds_over_words(of.interpreter, _with_heading(of.block), of.spoken, parted=of.block.layout is not None),
    lambda of: names_before_values(of.interpreter, of.block.lines, of.spoken),
    lambda of: names_with_answers(of.interpreter, of.block.lines, of.spoken),
    lambda of: names_before_words(of.interpreter, of.block.lines, of.spoken),
    lambda of: of.block.layout is None and only_one_in_words(of.interpreter, of.block.lines, of.spoken, wholly=True),
    lambda of: read_adapters(of.interpreter, of.block.lines, of.command),
    lambda of: adapters_over_words(of.interpreter, of.block.lines, of.spoken, parted=of.block.layout is not None),
    lambda of: read_updates(of.interpreter, of.block.lines),
    lambda of: updates_in_lines(of.interpreter, of.block.lines),
    lambda of: updates_with_days(of.interpreter, of.block.lines, of.spoken),
    lambda of: read_audit_matrix(of.interpreter, of.block.lines),
    lambda of: read_drive_records(of.interpreter, of.block.lines),
    lambda of: rows_telling_drives(of.interpreter, of.block.lines),
    lambda of: read_sockets(of.interpreter, of.block.lines, of.spoken),
    lambda of: sockets_over_words(of.interpreter, of.block.lines, of.spoken),
    lambda of: _in_pairs(of.block) and rows_of_accounts(of.interpreter, of.block.lines, of.spoken),
    lambda of: licence_at_once(of.interpreter, of.block.lines, of.command),
    lambda of: folders_in_order(of.interpreter, of.block.lines, of.spoken),
    lambda of: read_field_list(of.interpreter, of.block.lines, of.block.headings[0].text if of.block.headings else ""),
    lambda of: read_outline(of.interpreter, of.block.lines),
    lambda of: read_mixed_records(of.interpreter, of.block.lines, of.spoken),
)


def _with_heading(block: Block) -> Sequence[Line]:
    """The lines of a block, below the heading that stands right above them."""
    above, first = block.headings[0] if block.headings else None, block.lines[0]
    if above is None or above.line != first.number - 1 or first.text[:1] != " ":
        return block.lines
    return (Line(above.line, above.text, 0, 0), *block.lines)


def _in_pairs(block: Block) -> bool:
    return block.layout is not None and block.layout.shape == "pairs"


def read_block(interpreter: Interpreter, block: Block, command: tuple[str, ...]) -> None:
    """Read a block of a section; ``command``: the kinds of things that its command asks for."""
    above = block.headings[0] if block.headings else None
    if above and is_elsewhere(above.text) and block.lines[0].number - above.line <= _RIGHT_UNDER:
        return
    if block.layout is None and above and block.lines[0].number == above.line + 1:
        opened_by(interpreter, above, Group(), "rows", command, None)
    if over_parts(interpreter, block, command):
        return
    spoken = spoken_above(interpreter, block, command)
    if spoken and (spoken[0] in SURELY_NAMED | OVER_MIXED_WORDS or (spoken[0] in ONLY_ONES and block.layout is None)):
        interpreter.may_tell_more.append((block.lines, spoken))
    asked = _Asked(interpreter, block, spoken, command)
    # ``Error: disk 7 at 22:48`` tells of no disk where events are asked for.
    if command[:1] != ("event",) and any(reads(asked) for reads in _READ_WHOLE):
        return
    if block.layout is None:
        lines = block.lines
        if (
            above
            and not interpreter.heading(above.text)
            and lines[0].number == above.line + 1
            and lines[0].text[:1] == " "
        ):
            # ``-- icalloway ---`` over what is said of it: the heading is the name of what it heads.
            lines = (Line(above.line, above.text, 0, 0), *lines)
        rows_without_head(interpreter, lines, spoken)
        devices_under_title(interpreter, above, block.lines)
        return
    if (
        command[:1] == ("event",)
        and (block.layout.shape in _NOT_OF_EVENTS or is_told_below(block.lines))
        and read_events(interpreter, block.lines)
    ):
        return
    if block.layout.shape == "pairs" and are_events(block.lines):
        rows_without_head(
            interpreter, block.lines, ("event",)
        )  # ``ERROR   2025-02-10 22:48:09  …``: levels are no labels
        return
    if updates_under_states(block.layout, block.lines):
        rows_without_head(interpreter, block.lines, ("update", *spoken))
        # What is said of the others (``Firmware L52.1.19``) is told of nothing that the PC has.
        interpreter.blanks |= {line.number for line in block.lines}
        return
    if spoken[:1] == ("update",) and _under_one_label(block.layout) and (rows := _rows_below_label(block)):
        rows_without_head(interpreter, rows, spoken)
        return
    if block.layout.shape in ("pairs", "records") and not known_share(all_entries(block.layout.groups)):
        interpreter.headless.append((block.lines, spoken))  # ``1. C:  System   HFX2``: the colon is the drive's
        if rows_told_whole(interpreter, block.lines, spoken):
            return
    entries = all_entries(block.layout.groups)
    if block.layout.shape == "pairs" and kind_alone(block.lines[0].text) and len({e.label for e in entries}) == 1:
        # ``Connections:`` over rows
        interpreter.headless.append((block.lines, spoken))
    if block.layout.shape == "HTML":
        _read_paragraphs(interpreter, block.layout)
    _adopt(block)
    if above:
        interpreter.speaks_of_others(above)
    named = [subject for heading in block.headings for subject in interpreter.heading(heading.text, heading.line)]
    with interpreter.below(*reversed(block.headings)):
        interpreter.read(block.layout, tuple(dict.fromkeys([*named, *command])), totals=block.totals)
    if block.layout.shape == "pairs":
        devices_under_title(interpreter, above, block.lines)


def _under_one_label(layout: Layout) -> bool:
    """Whether pairs have one label only, or none that means anything: it heads what stands below it."""
    entries = all_entries(layout.groups)
    return layout.shape in ("pairs", "records") and (len({e.label for e in entries}) == 1 or not known_share(entries))


def _rows_below_label(block: Block) -> list[Line]:
    """The rows of several cells below a first line that ends with a colon (``From 18 January to 17 February:``), up to the
    first line that is none; none where fewer than two are."""
    first, *below = block.lines
    if not first.text.rstrip().endswith(":"):
        return []
    rows = takewhile(lambda line: len(cells_by_gap(line.text[:MAX_LINE])) >= _CELLS_OF_ROW, below)
    found = list(rows)
    return found if len(found) >= _LEAST_ROWS else []


_CELLS_OF_ROW, _LEAST_ROWS = 3, 2


def _read_paragraphs(interpreter: Interpreter, layout: Layout) -> None:
    """The paragraphs of a page, below each of its headings, are rows of what that speaks of, as they would be in a text."""
    apart = [group for group in layout.groups if group.heading and group.entries and not group.entries[0].label]
    for heading, groups in groupby(apart, key=lambda group: group.heading):
        entries = [entry for group in groups for entry in group.entries]
        lines = [Line(entry.line, " " * (entry.column - 1) + entry.printed, 0, 0) for entry in entries]
        rows_without_head(interpreter, lines, interpreter.heading(heading.text) if heading else ())
    layout.groups[:] = [group for group in layout.groups if group not in apart]


def spoken_above(interpreter: Interpreter, block: Block, command: tuple[str, ...]) -> tuple[str, ...]:
    """What the headings above a block speak of, the nearest first, and then its command."""
    of_headings = [group for heading in block.headings for group in interpreter.heading(heading.text)]
    if (
        not of_headings
        and command[:1] == ("display",)
        and any(_heads_cards(text) for text in (block.lines[0].text, *[heading.text for heading in block.headings]))
    ):
        return ("graphics", *command)  # ``Cards`` beside ``Screens``
    return (*of_headings, *command)


def _heads_cards(text: str) -> bool:
    return MAY_BE_CARD.fullmatch(text.strip(" :=-#[]")) is not None


# Shapes that lines with a moment each only seem to have.
_NOT_OF_EVENTS = frozenset({"pairs", "tagged lines"})


def _adopt(block: Block) -> None:
    """A heading right above one record is that record's own: it may name what the record speaks of."""
    layout, above = block.layout, block.headings[0] if block.headings else None
    if layout is None or above is None or layout.shape not in ("pairs", "records") or len(layout.groups) != 1:
        return
    group = layout.groups[0]
    if group.heading is None and group.entries and group.entries[0].line - above.line in (1, 2):
        group.heading = above
