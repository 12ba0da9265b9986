"""Rows so wide that the console cut them into several lines: put together again, and every entry led back.

The rule tells (where two or more rules follow each other, each header and each row has as many lines), or the head,
which goes on as every row does.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, Group, cells_by_gap, heads_columns, indent_of, is_rule
from yes_tally.core.reading.text.as_printed import Pieces
from yes_tally.core.reading.text.console_cuts import CONSOLES
from yes_tally.core.reading.text.decode import Line

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
    if width not in CONSOLES or len(rule) < width or indent_of(rule_beyond):
        return False
    if not beyond or indent_of(beyond):
        return bool(beyond)
    return len(head) == width and is_known(cells_by_gap(head)[-1][0] + cells_by_gap(beyond)[0][0])


_DEEP = 3
_RULE_AT = 2


def unfolded(lines: Sequence[Line]) -> tuple[list[Line], int] | None:
    """A table whose head and rows go on on a second line, which stands deeper (under a rule or none) or has columns of its
    own: the head, the rule and the rows whole, and the width of a part; ``None`` where it is none."""
    if len(lines) < _RULE_AT + 3 or is_rule(lines[1].text) or len(cells_by_gap(lines[0].text)) < _DEEP:
        return None
    ruled = is_rule(lines[_RULE_AT].text)
    deep = indent_of(lines[1].text)
    is_deeper = deep >= indent_of(lines[0].text) + _DEEP
    if not is_deeper and (ruled or not _has_own_columns(lines)):
        return None
    if not ruled and not all(is_known(label) for label, _ in cells_by_gap(lines[1].text)):
        return None
    body = lines[_RULE_AT + ruled :]
    rows: list[tuple[Line, Line]] = []
    for first, second in zip(body[::2], body[1::2], strict=False):
        if is_deeper and (indent_of(first.text) >= deep or indent_of(second.text) < deep):
            break
        rows.append((first, second))
    # Without a rule every row has to, and under labels that stand in two lines (``Last`` over ``sign-in``).
    if not rows or (len(rows) * 2 < max(len(body) - 1, 4) and (not ruled or _labels_in_two(lines))):
        return None
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


def _labels_in_two(lines: Sequence[Line]) -> bool:
    """Whether all labels of the second line stand below labels of the first."""
    first, second = ({at for _, at in cells_by_gap(line.text[:MAX_LINE])} for line in lines[:2])
    return first >= second


def _has_own_columns(lines: Sequence[Line]) -> bool:
    """Whether every other line, from the second on, has its cells under those of the second, and the others under those
    of the first."""
    if len(lines) % 2 or len(cells_by_gap(lines[1].text)) < 2 or not heads_columns(lines[0].text):
        return False
    heads = [{at for _, at in cells_by_gap(line.text[:MAX_LINE])} for line in lines[:2]]
    return all(
        heads[place % 2].issuperset(at for _, at in cells_by_gap(line.text[:MAX_LINE]))
        for place, line in enumerate(lines)
    ) and not heads[0].issuperset(heads[1])


def led_back(groups: Sequence[Group], width: int, parts: int) -> None:
    """Give every entry of a table put together the line and column where it is printed."""
    for group in groups:
        for part in group.walk():
            part.entries = [_where_printed(entry, width) for entry in part.entries]
            part.frame = tuple(line + extra for line in part.frame for extra in range(parts))


def _where_printed(entry: Entry, width: int) -> Entry:
    part, column = divmod(entry.column - 1, width)
    return replace(entry, line=entry.line + part, column=column + 1)


def led_back_to(groups: Sequence[Group], pieces: Pieces) -> None:
    """Give every entry of lines put together the line and column where it is printed."""
    for group in groups:
        for part in group.walk():
            part.entries = [_in_its_piece(entry, pieces) for entry in part.entries]
            part.frame = tuple(number for line in part.frame for _, number in pieces.get(line, [(0, line)]))


def _in_its_piece(entry: Entry, pieces: Pieces) -> Entry:
    start, line = next(p for p in reversed(pieces.get(entry.line, [(0, entry.line)])) if p[0] < entry.column)
    return replace(entry, line=line, column=entry.column - start)
