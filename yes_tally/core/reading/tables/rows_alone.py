"""Rows that no head names the columns of: each cell tells by its form, its label or its place what it is."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import ONE_AS_A_RULE, Item
from yes_tally.core.reading.kinds.accounts_listed import rows_of_accounts
from yes_tally.core.reading.kinds.drives import rows_of_drives
from yes_tally.core.reading.kinds.event_records import read_events
from yes_tally.core.reading.kinds.lines_of_the_only_one import lines_of_memory, lines_of_system
from yes_tally.core.reading.kinds.updates_installed import is_not_installed, lines_of_installed
from yes_tally.core.reading.kinds.variables import folders_listed
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, subjects_in
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.records.records_in_words import records_of_numbered, records_of_words
from yes_tally.core.reading.records.said_in_words import (
    BULLETED,
    kinds_over_clauses,
    lines_of_one,
    rows_of_adapters,
    rows_of_known_beginning,
    rows_of_labels,
    rows_of_words,
)
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    cells_by_gap,
    dots_as_commas,
    indent_of,
    is_rule,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.tables.cards_going_on import cards_going_on
from yes_tally.core.reading.tables.columns_by_form import rows_by_columns
from yes_tally.core.reading.tables.log_rows import are_events
from yes_tally.core.reading.tables.parts_below_disks import parts_below_disks
from yes_tally.core.reading.tables.process_rows import rows_of_processes
from yes_tally.core.reading.tables.rows_by_form import (
    NAMED_NEAR,
    ROW_FIELDS,
    UPDATE_ID,
    rows_by_form,
    tell_boot_entries,
)
from yes_tally.core.reading.tables.rows_in_parts import MARKS, rows_in_parts, with_gaps
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DOT = " · "
_MANY_ROWS = 2000


def rows_without_head(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> None:
    """Rows whose columns nothing names, of a thing that a heading or the command names: each cell is the field
    whose form it has, in the catalogue's order."""
    interpreter.headless.append((lines, around))
    lines = _parted_at_leaders(
        [replace(line, text=line.text.rstrip()) if line.text.endswith(" ") else line for line in lines]
    )
    for whole in (parts_below_disks, cards_going_on):
        if whole(interpreter, lines, around, lambda heads: rows_without_head(interpreter, heads, around)):
            interpreter.headless.pop()
            return
    if _states_first(interpreter, lines, around):
        return
    ruled = next((i for i, line in enumerate(lines) if i and is_rule(line.text)), len(lines))
    title = lines[0].text if lines else ""
    lines, around = _titled(
        interpreter, [line for line in lines[: min(ruled, _MANY_ROWS)] if len(line.text) <= MAX_LINE], around
    )
    if around[:1] == ("disk",) and lines and not _DRIVE_FIRST.match(lines[0].text):
        # ``Basalt NV512, 476.9 GB, NVMe`` over ``C: 475.2 GB, 88.1 GB free``: the drives are told of apart.
        lines = [line for line in lines if not _DRIVE_FIRST.match(line.text)]
    if rows_of_processes(interpreter, lines, around):
        return
    if not any(group in ITEM_GROUPS for group in around) and _are_processes(lines):
        around = ("process", *around)
    by_mark = around[:1] == ("adapter",) or not any("  " in line.text.strip() for line in lines)
    if by_mark and rows_in_parts(interpreter, lines, around, whole=True):
        return
    lines = with_gaps(lines, MARKS if around[:1] == ("sound",) else MARKS[:1])
    if any(_DOT in line.text for line in lines):
        lines = [replace(line, text=dots_as_commas(line.text)) for line in lines]
    if lines and sum(_NEIGHBOUR.match(line.text) is not None for line in lines) * 3 >= len(lines) * 2:
        return  # each line states one whole
    near = next((g for g in around if g in ITEM_GROUPS), None)
    group = next((g for g in around if g in ROW_FIELDS and (g == near or g not in NAMED_NEAR)), None)
    if group == "update":
        lines = lines_of_installed(lines)
        if is_not_installed(title.strip(" :")) and lines[:1] and lines[0].text is not title:
            return
    if len(lines) > 1 and (all(_IN_BRACES.match(line.text) for line in lines) or tell_boot_entries(lines)):
        group = "boot_entry"
    called = all(UPDATE_ID.match(cells_by_gap(line.text)[0][0]) for line in lines if line.text.strip())
    if group in (None, "software") and (("update" in around and called) or _are_updates(lines, interpreter)):
        group, lines = "update", lines_of_installed(lines)
    group = group or ("event" if are_events(lines) else None)
    if (group == "search_folder" or around[:1] == ("variable",)) and folders_listed(interpreter, lines):
        return
    if group == "event" and _events_told_best(interpreter, lines):
        return
    if _names_over_cells(lines) and records_of_words(interpreter, lines, around):
        return
    if group and rows_by_form(interpreter, lines, group):
        return
    if not any(
        read(interpreter, lines, around)
        for read in (
            said_at_once,
            kinds_over_clauses,
            rows_of_drives,
            rows_of_adapters,
            rows_of_accounts,
            rows_of_known_beginning,
            records_of_numbered,
            records_of_words,
            lines_of_one,
            lines_of_memory,
            lines_of_system,
            rows_of_labels,
        )
    ):
        before = len(interpreter.drafts)
        rows_of_words(interpreter, lines, around)
        if len(interpreter.drafts) == before and not rows_in_parts(interpreter, lines, around) and group:
            rows = with_gaps(lines, MARKS[1:])
            if not any(
                _NAME_WITH_VERSION.fullmatch(cells_by_gap(line.text)[0][0]) for line in rows if line.text.strip()
            ):
                rows_by_form(interpreter, rows, group)


# ``Quillwork Suite 9 ........ 9.4.1203     Quillwork``
_LEADER = re.compile(r"(?<=[^\s.]) ?\.{3,}(?: \.{3,})* ?(?=[^\s.])")
_SHORT_LEADER = re.compile(r"(?<=[^\s.]) \.{1,2} (?=[^\s.])")


def _parted_at_leaders(lines: Sequence[Line]) -> list[Line]:
    """Rows with a gap for the dots that lead from one cell to the next; as they are where not most rows have such."""
    led = [line for line in lines if _LEADER.search(line.text[:MAX_LINE])]
    if len(led) < _LEAST_LED or len(led) * 2 < len(lines):
        return list(lines)
    return [replace(line, text=_SHORT_LEADER.sub(_blanks, _LEADER.sub(_blanks, line.text))) for line in lines]


_LEAST_LED = 2


def _blanks(mark: re.Match[str]) -> str:
    return " " * len(mark.group())


def column_by_column(interpreter: Interpreter) -> None:
    """Read the section's rows without a head once more, column by column, and keep that where it tells clearly more than
    was told of their lines."""
    for lines, around in interpreter.headless:
        rows, named = _titled(interpreter, _parted_at_leaders(lines), around)
        groups = ["module" if group == "memory" else group for group in named if group in {*ITEM_GROUPS, "memory"}]
        numbers = {line.number for line in rows}
        start = len(interpreter.drafts)
        if not any(rows_by_columns(interpreter, rows, group) for group in _in_turn(groups)):
            continue
        before = [d for d in interpreter.drafts[interpreter.section_from : start] if d.entry.line in numbers]
        clearly = 0 if all(line.tabbed for line in rows) else len(rows) // 2  # tabs part cells, whatever is in them
        if len(interpreter.drafts) - start <= len(before) + clearly:
            del interpreter.drafts[start:]
            continue
        out = set(map(id, before))
        interpreter.drafts[interpreter.section_from :] = [
            draft for draft in interpreter.drafts[interpreter.section_from :] if id(draft) not in out
        ]


# Of what columns hold of these the form alone says it.
_OF_SURE_FORM = frozenset({"connection", "route", "neighbour"})


def _in_turn(groups: Sequence[str]) -> Sequence[str]:
    """The kinds that rows may be of: the first that is named, and others whose columns are sure."""
    return [*(groups[:1] or [""]), *(group for group in groups[1:] if group in _OF_SURE_FORM)]


_PID = re.compile(r"\bpid[ :=#]{1,2}\d{1,7}\b", re.I)
_SIZE = re.compile(r"\d ?[KMG]i?[BO]\b")


def _are_processes(lines: Sequence[Line]) -> bool:
    """Whether most rows have a process's number and an amount of memory: nothing else has both."""
    told = [line for line in lines if _PID.search(line.text) and _SIZE.search(line.text)]
    return len(told) > 1 and len(told) * 3 >= len(lines) * 2


# ``[ready   ] Nightly copy   next …``
_STATE_FIRST = re.compile(r"\s*\[(?P<state>[^\W\d_][^\[\]\d]{2,14}?)\s*\]\s+(?=\S)")


def _states_first(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Rows that each begin with how a thing is, in brackets: read without it, and then it is told of them. Whether they
    were read."""
    states = [_STATE_FIRST.match(line.text) for line in lines]
    group = around[0] if around else ""
    if sum(map(bool, states)) < max(2, len(lines) - 1) or f"{group}.state" not in FACTS:
        return False
    told = list(zip(lines, states, strict=True))
    bare = [replace(line, text=" " * at.end() + line.text[at.end() :]) for line, at in told if at]
    before = len(interpreter.drafts)
    rows_without_head(interpreter, bare, around)
    items = {draft.entry.line: draft.item for draft in interpreter.drafts[before:]}
    for line, at in told:
        if at and (item := items.get(line.number)):
            place = Entry("", at["state"], line.number, at.start("state") + 1)
            guess = Guess(f"{group}.state", 0.8, "it stands in brackets before it")
            interpreter.place(place, "rows", (guess,), item)
    return len(interpreter.drafts) > before


# ``1) Quaymaster 4.2.1``: told within a line, and no cell of a row.
_NAME_WITH_VERSION = re.compile(r".*[^\W\d_] v?\d+(?:\.\d+)+")


def rows_told_whole(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Read rows whose beginnings look like labels and mean nothing (``0: Basalt SX240 / 223.6 GB / SATA``), where they tell
    of what is named above them. Whether they were read."""
    if len(lines) > _MANY_ROWS or any(len(line.text) > MAX_LINE for line in lines):
        return False
    rows, named = _titled(interpreter, lines, around)
    return rows_in_parts(interpreter, rows, named, whole=True)


# ``{current}    Harbour OS 12``: nothing else is listed so.
_IN_BRACES = re.compile(r"\s*[*>]?\s*\{[\w-]+\}\s+\S")
# An address, and the hardware's beside it.
_NEIGHBOUR = re.compile(r"\s*(?:\d{1,3}\.){3}\d{1,3}\s+[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}\b", re.I)


def said_at_once(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``16 GB DDR4, 2666 MT/s, 2 of 4 slots used``: one line between commas is all that a command about one thing
    prints. Whether it was read."""
    group = around[0] if around else ""
    text = lines[0].text.strip() if len(lines) == 1 else ""
    if group == "module" and _AMOUNTS.fullmatch(text):
        group = "memory"
    if not _LISTS.search(text) or text.endswith(".") or group not in _SAID_AT_ONCE:
        return False
    if {at.group for at in subjects_in(words_of(_BEFORE_NUMBER.split(text, maxsplit=1)[0]))} - {group}:
        return False  # ``Page file 4864 MB, 211 MB used`` is said of another thing
    if group == "board" and {at.group for at in subjects_in(words_of(text))} - {group}:
        return False  # ``FB-520 rev 1.02, firmware Loamgate L52.1.18``
    before = len(interpreter.drafts)
    at = indent_of(lines[0].text) + 1
    if group == "licence":
        left = list(FIELDS[group])
        told_in_words(interpreter, text, lines[0].number, at - 1, group, None, left)
    elif group != "processor":
        entry = Entry(group, text, lines[0].number, at)
        interpreter.entries([entry], "words", interpreter.context(group), None)
    else:
        count = _HOW_MANY.match(text)
        skip = count.end() if count else 0
        item = Item(group)
        entry = Entry("", text[skip:], lines[0].number, at + skip)
        if told_bare(interpreter, entry, group, item, "words", CALLED[group], least=1):
            interpreter.take(item)
    return len(interpreter.drafts) > before


_BEFORE_NUMBER = re.compile(r"[\d:,;]")
_SAID_AT_ONCE = frozenset({"memory", "processor", "licence", "firmware", "board"})
_LISTS = re.compile(r"[,;] ")
# ``32 GB fitted, 31.6 GB seen by the system``: of all modules together.
_AMOUNTS = re.compile(
    r"\d[\d.,]* ?[KMGT]i?[BO](?: [^\W\d_]+){1,4}(?:[,;] \d[\d.,]* ?[KMGT]i?[BO](?: [^\W\d_]+){1,4})+", re.I
)
# ``1 x Kestrel K5-8420``
_HOW_MANY = re.compile(r"\d{1,2} ?[x×] ")


def _are_updates(lines: Sequence[Line], interpreter: Interpreter) -> bool:
    """Whether every line begins with what updates are called by, has a day in its next cell and words in its last: a list
    that nothing names."""
    rows = [cells for line in lines if len(cells := cells_by_gap(line.text)) > 2]
    day = FACTS["update.installed_at"]
    return len(rows) >= _LEAST_UPDATES and all(
        any(
            UPDATE_ID.match(number) and understand(day, at, interpreter.locale)
            for number, at in ((cells[0][0], cells[1][0]), (cells[1][0], cells[0][0]))
        )
        and " " in cells[-1][0]
        for cells in rows
    )


_LEAST_UPDATES = 2


def _titled(
    interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]
) -> tuple[list[Line], tuple[str, ...]]:
    """Rows without the line above them that says what they list, and what it names."""
    cells = [len(cells_by_gap(line.text)) for line in lines[:2]]
    if len(lines) < 2 or cells[0] != 1 or _heads_one_of_several(lines):
        return list(lines), around
    if any(mark in lines[0].text and mark in lines[1].text for mark in MARKS):
        return list(lines), around  # rows, in parts
    if all(_ENDS_ASIDE.search(line.text) for line in lines[:2]):
        return list(lines), around  # ``Oakmere Audio HD [on]`` over ``Pellucid HDMI    [off]``
    if around and around[0] in ONE_AS_A_RULE and _CALLED_SO.fullmatch(lines[0].text.strip()):
        return list(lines), around  # ``Kestrel K7-9750`` over what is told of it
    # ``Local accounts:``, ``» Processor``
    title = lines[0].text[:MAX_LABEL].strip(_MARKS)
    names = subjects_in(words_of(title)) if lines[0].text.endswith(":") else words_of(title) in SUBJECTS
    deeper = indent_of(lines[1].text) > indent_of(lines[0].text)
    listed = all(BULLETED.match(line.text) or ", " in line.text for line in lines[1:])
    marked = lines[0].text.endswith(":") or title != lines[0].text.strip()
    marked = marked or (title.isupper() and sum(line.text.isupper() for line in lines[1:]) * 2 < len(lines) - 1)
    if cells[1] < 2 and not (names and (marked or deeper or listed)):
        return list(lines), around
    named = interpreter.heading(lines[0].text, lines[0].number)
    return list(lines[1:]), (*named, *around)


_DRIVE_FIRST = re.compile(r"\s*[A-Z]: \S.*\d ?[KMGT]i?B")
# What a processor is called, alone on its line.
_CALLED_SO = re.compile(r"[A-Z][\w-]+(?: [\w()-]+)*? [A-Z][\w-]*\d[\w-]*(?: (?:@|at) .*)?")


def _events_told_best(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read events as rows, or each over the lines that tell of it: as what tells more. Whether they were read."""
    before = len(interpreter.drafts)
    rows_by_form(interpreter, lines, "event")
    as_rows = interpreter.drafts[before:]
    del interpreter.drafts[before:]
    read_events(interpreter, lines)
    # ``NQ-FRONT-01`` in the last column says where it happened, and not what.
    said = [draft for draft in as_rows if draft.fact != "event.text" or " " in draft.entry.printed]
    if len(interpreter.drafts) - before <= len(said):
        interpreter.drafts[before:] = as_rows
    return len(interpreter.drafts) > before


def _has_lines_below(lines: Sequence[Line]) -> bool:
    """Whether some lines stand deeper than the first, and several as deep as it."""
    indents = Counter(indent_of(line.text) for line in lines)
    return len(indents) > 1 and indents[min(indents)] > 1


def _names_over_cells(lines: Sequence[Line]) -> bool:
    """Whether names stand alone over deeper lines of several cells each."""
    if not _heads_one_of_several(lines):
        return False
    least = indent_of(lines[0].text)
    cells = [(indent_of(line.text) > least, len(cells_by_gap(line.text))) for line in lines]
    return all((count > 1) == deeper for deeper, count in cells)


_ENDS_ASIDE = re.compile(r"[(\[][^()\[\]]+[)\]]\s*$")
# What a title may stand between.
_MARKS = " :»«>■●▪§#=*~·-–—[]"


def _heads_one_of_several(lines: Sequence[Line]) -> bool:
    """Whether the first line is the name of one thing over what is said of it, and others follow."""
    indents = [indent_of(line.text) for line in lines]
    return sum(own == indents[0] < below for own, below in pairwise(indents)) > 1
