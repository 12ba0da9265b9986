"""Tables so wide that the console cut every row into several lines: put together again, and every entry led back.

The rule tells: where two or more rules follow each other, each header and each row has as many lines.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.shapes.layout import MAX_LABEL, RULE, Entry, Group

_MOST_PARTS = 6


def parts_of_rows(lines: Sequence[Line]) -> int:
    """Into how many lines every row was cut, by the rules that follow each other; 1 when none was."""
    for index in range(1, min(len(lines), 2 * _MOST_PARTS)):
        count = 0
        while index + count < len(lines) and count <= _MOST_PARTS and _is_rule(lines[index + count].text):
            count += 1
        if count:
            return count if 2 <= count <= _MOST_PARTS and index == count else 1
    return 1


def _is_rule(text: str) -> bool:
    return bool(RULE.match(text[:MAX_LABEL])) and "-" in text


def put_together(lines: Sequence[Line], parts: int) -> tuple[list[Line], int]:
    """The rows whole again, one line each under the number of its first line, and the width of a part."""
    width = max(len(line.text) for line in lines) + 1
    whole = [
        replace(lines[start], text="".join(line.text.ljust(width) for line in lines[start : start + parts]).rstrip())
        for start in range(0, len(lines) - len(lines) % parts, parts)
    ]
    return whole, width


def led_back(groups: Sequence[Group], width: int, parts: int) -> None:
    """Give every entry of a table put together the line and column where it is printed."""
    for group in groups:
        for part in group.walk():
            part.entries = [_where_printed(entry, width) for entry in part.entries]
            part.frame = tuple(line + extra for line in part.frame for extra in range(parts))


def _where_printed(entry: Entry, width: int) -> Entry:
    part, column = divmod(entry.column - 1, width)
    return replace(entry, line=entry.line + part, column=column + 1)
