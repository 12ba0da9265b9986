"""Bytes in, readings out: the reader's front door. Pure and deterministic; never raises on any bytes."""

from __future__ import annotations

import hashlib
import re
from collections.abc import Sequence
from dataclasses import dataclass, replace

from yes_tally.core.catalogue import FACTS
from yes_tally.core.failures import NOTHING_BUT_AN_ERROR
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.block_by_block import read_block, spoken_above
from yes_tally.core.reading.cutting.blocks import Block, blocks_of
from yes_tally.core.reading.cutting.more_below_rows import without_more_below_rows
from yes_tally.core.reading.cutting.row_marks import without_row_marks
from yes_tally.core.reading.cutting.sections import Section, cut
from yes_tally.core.reading.cutting.spoken_of_itself import LEAST_OF_ERROR, spoke_of_itself
from yes_tally.core.reading.cutting.tool_names import tool_in_title, without_tool_name
from yes_tally.core.reading.drafts import Draft, Met
from yes_tally.core.reading.interpret import Interpreter
from yes_tally.core.reading.kinds.adapters_again import adapters_again
from yes_tally.core.reading.kinds.adapters_over_words import adapters_told_best
from yes_tally.core.reading.kinds.battery_said import battery_said
from yes_tally.core.reading.kinds.cache_tables import cache_tables, read_caches
from yes_tally.core.reading.kinds.leases import read_leases
from yes_tally.core.reading.kinds.licences_of_products import (
    leave_out_programs,
    lines_of_products,
    lines_of_programs,
)
from yes_tally.core.reading.kinds.lines_without_nouns import lines_without_nouns
from yes_tally.core.reading.kinds.load import leave_out_load
from yes_tally.core.reading.kinds.updates_installed import (
    is_not_installed,
    leave_out_asked,
    leave_out_by_state,
    leave_out_under,
    leave_out_within,
)
from yes_tally.core.reading.leftovers import read_leftovers, read_single_leftovers
from yes_tally.core.reading.lines_apart import lines_apart
from yes_tally.core.reading.meaning.language import language_of
from yes_tally.core.reading.meaning.second_choices import weigh_labels
from yes_tally.core.reading.meaning.spoken_of import without_names
from yes_tally.core.reading.phrases.elsewhere import asks_elsewhere, tells_usage
from yes_tally.core.reading.phrases.taught import NOTHING_TAUGHT, Phrasebook, using
from yes_tally.core.reading.records.names_of_cards import named_twice
from yes_tally.core.reading.records.told_again import told_again
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    Heading,
    cells_by_gap,
    is_rule,
)
from yes_tally.core.reading.statements.one_line_answers import read_answer
from yes_tally.core.reading.statements.stated import kind_asked, read_statements, taught_statements
from yes_tally.core.reading.statements.titles_of_hosts import title_names_host
from yes_tally.core.reading.tables.marked_rows import tell_marked
from yes_tally.core.reading.tables.more_told import tell_more
from yes_tally.core.reading.tables.rows_alone import column_by_column
from yes_tally.core.reading.text.as_printed import Pieces, Printed, one_by_one
from yes_tally.core.reading.text.console_cuts import uncut
from yes_tally.core.reading.text.decode import Decoded, Line, decode
from yes_tally.core.reading.text.margins import without_margin
from yes_tally.core.reading.text.side_by_side import one_below_other
from yes_tally.core.reading.values.bare_sizes import unit_of_sizes
from yes_tally.core.reading.values.report_locale import as_written_in, locale_of, own_locale

READER_VERSION = 35
DOUBTFUL = 0.8
_CLOSING = re.compile(r"\s*(?:</[\w:.-]+>|[\]})][,;]?|<\?[^>]*\?>)+\s*$")
_LOCALE_SAMPLE = 200_000


# Made for every value read: not frozen, since that makes one three times as dear.
@dataclass(slots=True, unsafe_hash=True)
class Reading:
    """One value read from one place. Line, column and end column count from 1; the end is exclusive.

    ``item`` is the same text for all readings of one item in one report, ``None`` for single facts. ``also`` names
    other facts it could have been; ``section`` is the index of the section it stands in.
    """

    fact: str
    item: str | None
    printed: str
    value: Value
    line: int
    column: int
    end_column: int
    shape: str
    label: str
    confidence: float
    why: str
    section: int
    also: tuple[str, ...] = ()

    @property
    def in_doubt(self) -> bool:
        """Whether a person should look at it."""
        return self.confidence < DOUBTFUL or bool(self.also)


@dataclass(frozen=True, slots=True)
class ReadReport:
    """Everything that was understood of one report, and what was not.

    ``unread_lines`` carried nothing; ``blank_lines`` hold a known label with nothing, or a placeholder, beside it;
    ``unknown`` are the labelled values whose label means nothing here.
    """

    sha256: str
    encoding: str
    lines: tuple[Line, ...]
    sections: tuple[Section, ...]
    readings: tuple[Reading, ...]
    unread_lines: tuple[int, ...]
    blank_lines: tuple[int, ...]
    unknown: tuple[Met, ...] = ()


def read(data: bytes, command: str = "", book: Phrasebook = NOTHING_TAUGHT) -> ReadReport:
    """Read a report as it came; ``command`` is what was typed for it, where it is known and no prompt tells it;
    ``book`` what the team taught."""
    with using(book):
        decoded = decode(data)
        return _report(data, decoded, _interpreted(decoded, command, keep_known=False))


def labelled_values(data: bytes, command: str = "", book: Phrasebook = NOTHING_TAUGHT) -> list[Met]:
    """Every labelled value that the shapes found in a report, whether its label means anything or not."""
    with using(book):
        understood = _interpreted(decode(data), command, keep_known=True)
        return [_met_as_printed(met, understood.printed) for met in understood.interpreter.met]


@dataclass(frozen=True, slots=True)
class _Understood:
    """The sections of a report, what was made of them, and how many drafts there were at each one's end; all of it counts
    the lines that were read."""

    sections: list[Section]
    interpreter: Interpreter
    ends: list[int]
    printed: Printed

    def told(self) -> int:
        """How many readings are likely."""
        return sum(draft.confidence >= _LIKELY for draft in self.interpreter.drafts)

    def spoken(self) -> set[int]:
        """The lines of the report that something was read of, or that are of a frame."""
        read = (
            {draft.entry.line for draft in self.interpreter.drafts} | self.interpreter.blanks | self.interpreter.frame
        )
        read |= {section.prompt_line for section in self.sections if section.prompt_line}
        read |= {section.failure_line for section in self.sections if section.failure_line}
        return {at for line in read for at in self.printed.all_of(line)}


def _interpreted(decoded: Decoded, command: str, *, keep_known: bool) -> _Understood:
    """What is understood of a report as it is printed, or as it was before a console cut its lines: whichever is more."""
    lines = one_below_other(without_margin(decoded.lines))
    understood = _understood(decoded, lines, {}, command, keep_known=keep_known)
    if whole := uncut(lines):
        again = _understood(decoded, whole.lines, whole.pieces, command, keep_known=keep_known)
        more = whole.alone + _TOLD_OF_UPDATE * _not_installed(lines, whole.pieces) + 1
        if again.told() + more >= understood.told():
            return again
    return understood


# An update's number, its title and its day.
_TOLD_OF_UPDATE = 3


def _not_installed(lines: Sequence[Line], pieces: Pieces) -> int:
    """How many of the pieces that a console cut off say of an update that it is not installed: of the whole row less is
    told."""
    cut_off = {number for placed in pieces.values() for _, number in placed[1:]}
    rests = [line.text[:MAX_LINE] for line in lines if line.number in cut_off]
    return sum(any(is_not_installed(cell) for cell, _ in cells_by_gap(rest)) for rest in rests)


_LIKELY = 0.5


def _understood(
    decoded: Decoded, lines: Sequence[Line], pieces: Pieces, command: str, *, keep_known: bool
) -> _Understood:
    lines, printed = one_by_one(lines, len(decoded.lines), pieces)
    lines = [replace(line, text=line.text.rstrip()) if line.text[-1:] == " " else line for line in lines]
    sections = [section if section.command else replace(section, command=command or None) for section in cut(lines)]
    text = "\n".join(line.text for line in decoded.lines)[:_LOCALE_SAMPLE]
    whole = locale_of(text)
    interpreter = Interpreter(whole, keep_known=keep_known)
    ends: list[int] = []
    language = language_of(text)
    whole = as_written_in(language, whole)
    for place, section in enumerate(sections):
        own = "\n".join(line.text for line in section.lines)[:_LOCALE_SAMPLE] if len(sections) > 1 else text
        interpreter.language = language_of(own, language)
        interpreter.locale = own_locale(own, as_written_in(interpreter.language, whole))
        _read_section(interpreter, section)
        told = [draft for draft in interpreter.drafts[interpreter.section_from :] if draft.shape != "prompt"]
        named = all(FACTS[draft.fact].kind == "text" or draft.fact == "health_check.kind" for draft in told)
        at = spoke_of_itself(section, tells=bool(told)) if named else None
        if at and told and len(lines[at - 1].text.split()) < LEAST_OF_ERROR:
            at = None
        if at:
            # ``disks: Disk 3 does not exist``: nothing is called so.
            start = interpreter.section_from
            interpreter.drafts[start:] = [draft for draft in interpreter.drafts[start:] if draft not in told]
            sections[place] = replace(section, failure=NOTHING_BUT_AN_ERROR, failure_line=at)
        ends.append(len(interpreter.drafts))
    interpreter.name_items()
    return _Understood(sections, interpreter, ends, printed)


def _read_section(interpreter: Interpreter, section: Section) -> None:
    interpreter.section_starts(section.prompt_line or 0)
    if section.host and section.prompt_line:
        _prompt_host(interpreter, section)
    if section.failure or tells_usage(section.command or "", (line.text for line in section.lines)):
        return
    printed = [line.text for line in section.lines[:_MOST_NAMED]]
    asked = without_names(section.command, printed) if section.command and section.command.strip() else ""
    command = interpreter.heading(asked or tool_in_title(section.lines))
    programs = lines_of_programs(interpreter, section.lines, command)
    programs |= lines_of_products(interpreter, [line for line in section.lines if line.number not in programs], command)
    written = without_tool_name(section.lines, section.command or "")
    told = [line for line in written if line.number not in programs]
    lines, marks = without_row_marks([line for line in told if len(line.text) <= MAX_LINE])
    lines, tables = without_more_below_rows(lines)
    caches = cache_tables(lines)
    # ``rules --audited`` asks for what is recorded.
    elsewhere = section.command is not None and "policy" not in command and asks_elsewhere(section.command)
    interpreter.size_unit = unit_of_sizes(line.text for line in lines[:_MOST_NAMED])
    with interpreter.below(Heading(section.command, 0, 0) if section.command else None):
        apart = {number for table in caches for number in table.lines} | lines_apart(
            interpreter, lines, command, section.command or ""
        )
        blocks = [] if elsewhere else [*blocks_of([line for line in lines if line.number not in apart])]
        for block in blocks:
            _read_block(interpreter, block, command, section.command or "")
        if tables:
            column_by_column(interpreter)
        for rows in tell_more(interpreter, tables):
            numbers = {line.number for line in rows.lines}
            interpreter.forget(numbers)
            heads = next((block.headings for block in blocks if block.lines[0].number in numbers), ())
            for block in blocks_of(rows.lines):
                headed = replace(block, headings=block.headings or heads)
                _read_block(interpreter, headed, command, section.command or "")
        for table in caches:
            read_caches(interpreter, table)
        read_leases(interpreter, lines)
        leave_out_by_state(interpreter)
        weigh_labels(interpreter)
        named_twice(interpreter)
        leave_out_load(interpreter, lines)
        battery_said(interpreter, lines)
        read_leftovers(interpreter)
        read_single_leftovers(interpreter)
        if not elsewhere:
            read_statements(interpreter, told, section.command or "")
        leave_out_programs(interpreter, lines)
        column_by_column(interpreter)
        tell_marked(interpreter, marks)
        told_again(interpreter)
        lines_without_nouns(interpreter, told, command)
        kind_asked(interpreter, section.command or "")
        adapters_again(interpreter, section.command or "")
        if not read_answer(interpreter, section):
            title_names_host(interpreter, lines)
        taught_statements(interpreter, lines)


def _read_block(interpreter: Interpreter, block: Block, command: tuple[str, ...], typed: str) -> None:
    """Read a block, without what the words above it say the PC has not."""
    before = len(interpreter.drafts)
    read_block(interpreter, block, command)
    adapters_told_best(interpreter, block.lines, spoken_above(interpreter, block, command), before)
    if block.headings:
        leave_out_under(interpreter, block.headings[0].text, before)
    elif typed:
        leave_out_asked(interpreter, typed, before)
    if block.layout:
        leave_out_within(interpreter, block.layout.groups, before)


# A command asks after no more names than these lines tell of.
_MOST_NAMED = 40


def _prompt_host(interpreter: Interpreter, section: Section) -> None:
    if section.host in interpreter.hosts:
        return
    interpreter.hosts.add(section.host or "")
    entry = Entry("prompt", section.host or "", section.prompt_line or 0, 1)
    value = exactly("text", section.host or "")
    interpreter.drafts.append(Draft("host.name", None, entry, value, "prompt", 0.8, "the prompt names the host"))


def _report(data: bytes, decoded: Decoded, understood: _Understood) -> ReadReport:
    interpreter, printed, ends = understood.interpreter, understood.printed, understood.ends
    readings: list[Reading] = []
    section = 0
    for index, draft in enumerate(interpreter.drafts):
        while section < len(ends) - 1 and index >= ends[section]:
            section += 1
        line, column = printed.place(draft.entry.line, draft.entry.column)
        readings.append(_reading(draft, section, decoded.lines[line - 1], column))
    readings = _each_once(readings, decoded.lines)
    spoken = understood.spoken()
    return ReadReport(
        sha256=hashlib.sha256(data).hexdigest(),
        encoding=decoded.encoding,
        lines=decoded.lines,
        sections=tuple(_section_as_printed(section, printed) for section in understood.sections),
        readings=tuple(sorted(readings, key=lambda r: (r.line, r.column))),
        unread_lines=tuple(
            line.number for line in decoded.lines if line.number not in spoken and _says_something(line.text)
        ),
        blank_lines=tuple(sorted(at for line in interpreter.blanks for at in printed.all_of(line))),
        unknown=tuple(_met_as_printed(met, printed) for met in interpreter.met),
    )


# A longer line holds a whole document.
_ONE_LINE = 400


def _each_once(readings: Sequence[Reading], lines: Sequence[Line]) -> list[Reading]:
    """The readings without those that say on the same line again what another, as sure or surer, says."""
    said = [(reading.fact, reading.item, reading.line, reading.value.value) for reading in readings]
    if len(set(said)) == len(said):
        return list(readings)
    surest: dict[tuple[str, str | None, int, object], float] = {}
    for key, reading in zip(said, readings, strict=True):
        surest[key] = max(reading.confidence, surest.get(key, 0.0))
    kept = []
    for key, reading in zip(said, readings, strict=True):
        again = surest.get(key) != reading.confidence
        if not again or len(lines[reading.line - 1].text) > _ONE_LINE:
            kept.append(reading)
            surest.pop(key, None)
    return kept


def _section_as_printed(section: Section, printed: Printed) -> Section:
    if isinstance(printed.lines, range):
        return section
    return replace(
        section,
        first_line=printed.lines[section.first_line],
        last_line=printed.all_of(section.last_line)[-1],
        lines=tuple(replace(line, number=printed.lines[line.number]) for line in section.lines),
        failure_line=section.failure_line and printed.lines[section.failure_line],
        prompt_line=section.prompt_line and printed.lines[section.prompt_line],
    )


def _met_as_printed(met: Met, printed: Printed) -> Met:
    line, column = printed.place(met.entry.line, met.entry.column)
    return replace(met, entry=replace(met.entry, line=line, column=column))


_LETTER = re.compile(r"[^\W_]")


def _says_something(text: str) -> bool:
    return _LETTER.search(text) is not None and not is_rule(text) and not _CLOSING.match(text[:MAX_LABEL])


def _reading(draft: Draft, section: int, line: Line, column: int) -> Reading:
    entry, text = draft.entry, line.text
    length = len(entry.printed)
    if 0 < len(here := text[column - 1 :]) < length and entry.printed.startswith(here):
        length = len(here)  # it goes on on the next line
    elif not text.startswith(entry.printed, column - 1):
        # A margin that was taken off stands before it.
        found = max(text.find(entry.printed, column - 1), text.find(entry.printed))
        # What follows from where a line stands is printed elsewhere: it has a place here, but no width.
        column, length = (found + 1, length) if found >= 0 else (max(1, min(column, len(text) + 1)), 0)
    return Reading(
        fact=draft.fact,
        item=draft.item.name if draft.item else None,
        printed=entry.printed,
        value=draft.value,
        line=line.number,
        column=column,
        end_column=column + length,
        shape=draft.shape,
        label=entry.label,
        confidence=draft.confidence,
        why=draft.why,
        section=section,
        also=draft.also,
    )
