"""Rows so wide that the console cut them into several lines: put together again, and every entry led back.

Either the rule tells (where two or more rules follow each other, each header and each row has as many lines), or the
width: lines that end exactly where a console does go on on the next.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import Entry, Group, cells_by_gap, indent_of, is_rule

_MOST_PARTS = 6


def parts_of_rows(lines: Sequence[Line]) -> int:
    """Into how many lines every row was cut, by the rules that follow each other; 1 when none was."""
    for index in range(1, min(len(lines), 2 * _MOST_PARTS)):
        if not is_rule(lines[index].text):
            continue
        count = 1
        while index + count < len(lines) and count <= _MOST_PARTS and _ends_rule(lines[index + count].text):
            count += 1
        return count if 2 <= count <= _MOST_PARTS and index == count else 1
    return 1


def _ends_rule(text: str) -> bool:
    """What the console cut off a rule may be one sign."""
    return is_rule(text) or text.strip() in {"-", "--", "=", "=="}


def put_together(lines: Sequence[Line], parts: int) -> tuple[list[Line], int]:
    """The rows whole again, one line each under the number of its first line, and the width of a part."""
    width = max(len(line.text) for line in lines)
    width += not _cut_within(lines, parts, width)
    whole = [
        replace(lines[start], text="".join(line.text.ljust(width) for line in lines[start : start + parts]).rstrip())
        for start in range(0, len(lines) - len(lines) % parts, parts)
    ]
    return whole, width


def _cut_within(lines: Sequence[Line], parts: int, width: int) -> bool:
    """Whether a console cut the rows where its width ended, within a column, and not their printer between two."""
    head, beyond, rule, rule_beyond = (lines[at].text for at in (0, 1, parts, parts + 1))
    if width not in _CONSOLES or len(rule) < width or indent_of(rule_beyond):
        return False
    if not beyond or indent_of(beyond):
        return bool(beyond)
    return len(head) == width and is_known(cells_by_gap(head)[-1][0] + cells_by_gap(beyond)[0][0])


_DEEP = 3
_RULE_AT = 2


def unfolded(lines: Sequence[Line]) -> tuple[list[Line], int] | None:
    """A table whose head and rows go on on a second line that stands deeper, under a rule or none: the head, the rule and
    the rows whole, and the width of a part; ``None`` where it is none."""
    if len(lines) < _RULE_AT + 3 or is_rule(lines[1].text):
        return None
    ruled = is_rule(lines[_RULE_AT].text)
    deep = indent_of(lines[1].text)
    if deep < indent_of(lines[0].text) + _DEEP or len(cells_by_gap(lines[0].text)) < _DEEP:
        return None
    if not ruled and not all(is_known(label) for label, _ in cells_by_gap(lines[1].text)):
        return None
    body = lines[_RULE_AT + ruled :]
    rows: list[tuple[Line, Line]] = []
    for first, second in zip(body[::2], body[1::2], strict=False):
        if indent_of(first.text) >= deep or indent_of(second.text) < deep:
            break
        rows.append((first, second))
    if not rows or (not ruled and len(rows) * 2 < max(len(body) - 1, 4)):
        return None  # without a rule every row has to
    width = max(len(line.text) for line in lines) + 2
    joined = [replace(first, text=(first.text.ljust(width) + second.text).rstrip()) for first, second in rows]
    head = replace(lines[0], text=lines[0].text.ljust(width) + lines[1].text)
    if not ruled:
        return [head, *joined], width
    starts = [at for _, at in cells_by_gap(lines[1].text)]
    ends = [*(at - 2 for at in starts[1:]), width]
    rule = "".join(
        " " * (start - before) + "-" * (end - start)
        for before, start, end in zip([0, *ends], starts, ends, strict=False)
    )
    under = replace(lines[_RULE_AT], text=lines[_RULE_AT].text.ljust(width) + rule)
    return [head, under, *joined], width


def led_back(groups: Sequence[Group], width: int, parts: int) -> None:
    """Give every entry of a table put together the line and column where it is printed."""
    for group in groups:
        for part in group.walk():
            part.entries = [_where_printed(entry, width) for entry in part.entries]
            part.frame = tuple(line + extra for line in part.frame for extra in range(parts))


def _where_printed(entry: Entry, width: int) -> Entry:
    part, column = divmod(entry.column - 1, width)
    return replace(entry, line=entry.line + part, column=column + 1)


# Where consoles, terminals and mail programs cut.
_CONSOLES = frozenset({79, 80, 100, 120, 132, 160})
Pieces = dict[int, list[tuple[int, int]]]
"""Of each line put together, by its number: where each piece begins in it, and the number of the line it stands on."""


def unwrapped(lines: Sequence[Line]) -> tuple[list[Line], Pieces] | None:
    """The lines as they were before a console cut them at its width, or ``None`` when nothing says that one did."""
    width = max(len(line.text) for line in lines)
    if width not in _CONSOLES:
        # Blanks at the ends came on the way.
        lines = [replace(line, text=line.text.rstrip()) for line in lines]
        width = max(len(line.text) for line in lines)
    full = [len(line.text) == width for line in lines]
    if width not in _CONSOLES or all(full) or not any(full[:-1]):
        return None
    after = [(line, lines[place + 1]) for place, line in enumerate(lines[:-1]) if full[place]]
    alike = sum(len(cells_by_gap(rest.text)) >= max(3, len(cells_by_gap(line.text))) for line, rest in after)
    if alike * 2 >= len(after) and not _cut_in_two(lines, full):
        return None  # what follows are rows of their own
    if not full[0] and any(len(cells_by_gap(rest.text)) > 1 for _, rest in after):
        return None  # only the end of a last cell can go on where the head does not
    whole: list[Line] = []
    pieces: Pieces = {}
    goes_on = False
    for line, is_full in zip(lines, full, strict=True):
        if goes_on:
            pieces[whole[-1].number].append((len(whole[-1].text), line.number))
            whole[-1] = replace(whole[-1], text=whole[-1].text + line.text)
            if len(pieces[whole[-1].number]) > _MOST_PARTS:
                return None
        else:
            whole.append(line)
            pieces[line.number] = [(0, line.number)]
        goes_on = is_full
    return whole, pieces


def _cut_in_two(lines: Sequence[Line], full: Sequence[bool]) -> bool:
    """Whether the head and every row below it go on on one line each, the head's with labels."""
    every_other = all(full[::2]) and not any(full[1::2]) and len(lines) % 2 == 0 and len(lines) > _DEEP
    return every_other and all(is_known(label) for label, _ in cells_by_gap(lines[1].text))


def led_back_to(groups: Sequence[Group], pieces: Pieces) -> None:
    """Give every entry of lines put together the line and column where it is printed."""
    for group in groups:
        for part in group.walk():
            part.entries = [_in_its_piece(entry, pieces) for entry in part.entries]
            part.frame = tuple(number for line in part.frame for _, number in pieces.get(line, [(0, line)]))


def _in_its_piece(entry: Entry, pieces: Pieces) -> Entry:
    start, line = next(p for p in reversed(pieces.get(entry.line, [(0, entry.line)])) if p[0] < entry.column)
    return replace(entry, line=line, column=entry.column - start)
