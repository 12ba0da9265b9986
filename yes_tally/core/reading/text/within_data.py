"""A report that came as text within data, as the lines it had: one string of a JSON document (RFC 8259, 7) with its line
ends escaped, a list of strings, or the first column of a spreadsheet (RFC 4180)."""

from __future__ import annotations

import json
import re
from collections.abc import Iterator, Sequence
from dataclasses import replace
from typing import NamedTuple

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.text.decode import Line, shown

_STRING = re.compile(r'"(?P<text>[^"\\]*(?:\\.[^"\\]*)*)"')
_ENDS = re.compile(r"(?<!\\)(?:\\\\)*\\n")
_LEAST_ENDS = 3
_LISTED = re.compile(r'\s*"(?P<text>[^"\\]*(?:\\.[^"\\]*)*)",?\s*')
_OPENS_LIST = re.compile(r'\s*(?:"[^"]*"\s*:\s*)?\[\s*')
_QUOTED = re.compile(r'"(?P<text>[^"]*(?:""[^"]*)*)"')
_LEAST_LINES = 4
_LEAST_BESIDE = 2


class _Cell(NamedTuple):
    """What the first cell of a row holds, and the marks of the empty ones beside it."""

    text: str
    quoted: bool
    beside: str


def as_text(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines of the text that the data hold, each with the number of the line it is printed on, or as they are."""
    return _within_string(lines) or _listed(lines) or _one_column(lines) or lines


def _within_string(lines: Sequence[Line]) -> list[Line]:
    """What strings with line ends in them hold; what stands around them is left out."""
    held = [line for line in lines if "\\" in line.text and len(_ENDS.findall(line.text)) >= _LEAST_ENDS]
    return [line for at in held for line in _lines_of(at)]


def _lines_of(line: Line) -> Iterator[Line]:
    for match in _STRING.finditer(line.text):
        if len(_ENDS.findall(match["text"])) >= _LEAST_ENDS:
            for text in _unescaped(match["text"]).splitlines():
                yield replace(line, text=shown(text).expandtabs(), tabbed=None)


def _listed(lines: Sequence[Line]) -> list[Line]:
    """The strings of a list that has each on a line of its own."""
    opens = next((place for place, line in enumerate(lines) if _OPENS_LIST.fullmatch(line.text)), None)
    if opens is None:
        return []
    found: list[Line] = []
    for line in lines[opens + 1 :]:
        match = _LISTED.fullmatch(line.text)
        if match is None:
            break
        found.append(replace(line, text=shown(_unescaped(match["text"])).expandtabs(), tabbed=None))
    named = lines[opens].text.partition(":")[0].strip(' "[')
    if len(found) < _LEAST_LINES or is_known(named) or words_of(named) in SUBJECTS:
        return []  # ``"groups": [``: values, and no lines
    most = sum(len(line.text) for line in found) * 2 > sum(len(line.text) for line in lines)
    return found if most else []


def _one_column(lines: Sequence[Line]) -> list[Line]:
    """The first cells of rows that hold no other."""
    cells = [_only_cell(line.text) for line in lines if line.text.strip()]
    beside = {cell.beside for cell in cells if cell}
    if len(cells) < _LEAST_LINES or not all(cells) or len(beside) > 1:
        return []
    if sum(cell.quoted for cell in cells if cell) * 2 <= len(cells) and max(map(len, beside)) < _LEAST_BESIDE:
        return []
    return [replace(line, text=cell.text if (cell := _only_cell(line.text)) else "", tabbed=None) for line in lines]


def _only_cell(text: str) -> _Cell | None:
    """What a row holds in its first cell, where it has no other, or only empty ones; ``None`` where it has."""
    text = text.rstrip()
    mark = text[-1:] if text.endswith((",", ";")) else ""
    cell = text.rstrip(mark) if mark else text
    beside = text[len(cell) :]
    if quoted := _QUOTED.fullmatch(cell):
        return _Cell(quoted["text"].replace('""', '"'), True, beside)
    return None if cell.startswith('"') or (mark and mark in cell) else _Cell(cell, False, beside)


def _unescaped(text: str) -> str:
    try:
        return str(json.loads(f'"{text}"'))
    except ValueError:
        return text.replace("\\n", "\n").replace('\\"', '"').replace("\\\\", "\\")
