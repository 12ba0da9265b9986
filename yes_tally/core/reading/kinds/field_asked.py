"""What a command asks, or a heading says, of each thing of one kind, in rows of nothing but the thing and that.

::

    volumes --serial           disks /health
    C:  7A3F-0C11              disk 0   good
    D:  41BB-92E0              disk 1   warning
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.decide import NAMING, Context, Guess, decide
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, cells_by_gap, indent_of, is_rule
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import SOCKET
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# How the thing of a row is called, by its kind.
_KEYS: dict[str, re.Pattern[str]] = {
    "volume": re.compile(r"(?P<key>[A-Za-z]:\\?)"),
    "disk": re.compile(r"(?:[^\W\d_]{3,12} )?#?(?P<key>\d{1,2})"),
    "account": re.compile(r"(?P<key>(?:[\w-]+\\)?[A-Za-z][\w.-]{1,30})"),
    "module": re.compile(rf"(?P<key>{SOCKET.pattern})", re.I),
    **dict.fromkeys(
        ("adapter", "graphics", "display", "sound", "printer"), re.compile(r"(?P<key>[^\W\d_][^:=,]{1,60})")
    ),
}
_WORD = re.compile(r"(?<=\s)[-/]{0,2}(?P<word>[^\W\d_]{3,}(?:-[^\W\d_]{3,})?)(?=\s|$)")
_COLON = re.compile(r"\s*(?:(?P<drive>[A-Z]:)\s*=\s*|(?P<key>[^\s:][^:]*?)\s*[:=]\s+)(?P<said>\S.*?)\s*$")
_DRIVE = re.compile(r"[A-Za-z]:")
# A command that asks for the whole, and prints its parts.
_PARTS = {"memory": "module"}
# What begins a value by a mark is one of a pair.
_MARKS = frozenset("=:-")
_SURE = 0.9
_LEAST = 2
_WHY = "the command or the heading asks for it"


def field_asked(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...], command: str) -> set[int]:
    """Read the rows of a section that tell of each thing the one field that its command asks for; returns the lines that
    were read, none where anything but such rows was printed."""
    group = _PARTS.get(spoken[0], spoken[0]) if spoken else ""
    words = [match["word"].replace("-", " ") for match in _WORD.finditer(command)] if group in _KEYS else []
    fact = next(filter(None, (_field(word, group) for word in words)), None)
    return _read(interpreter, lines, group, fact, _LEAST) if fact else set()


def field_headed(interpreter: Interpreter, lines: Sequence[Line], headings: Sequence[str]) -> bool:
    """Read rows that tell of each thing the one field that the heading above them names (``Encryption`` over ``C: on``).
    Whether they are."""
    first, *below = lines
    over = first.text.strip(" :")
    ways = [(headings[0], lines)] if headings else []
    if below and indent_of(first.text) < indent_of(below[0].text) and len(over) <= MAX_LABEL:
        ways.append((over, below))
    for heading, rows in ways:
        for group in _HEADED if len(heading) <= MAX_LABEL else ():
            fact = _field(heading, group)
            if fact and _read(interpreter, rows, group, fact, 1):
                interpreter.frame.update({first.number} if rows is below else ())
                return True
    return False


# What a row's form says by itself of which kind it is; numbered lists are read with their tables (``records/field_lists.py``).
_HEADED = ("volume", "module")


def _read(interpreter: Interpreter, lines: Sequence[Line], group: str, fact: str, least: int) -> set[int]:
    printed = [line for line in lines if line.text.strip() and not is_rule(line.text)]
    rows = list(_rows(printed, _KEYS[group]))
    if len(rows) < least or len(rows) < len(printed):
        return set()
    several = FACTS[fact].kind != "list" and any(", " in said.printed for _, said in rows)
    members = fact == "account.groups" and not all(key.printed.islower() for key, _ in rows)
    blank = [is_placeholder(said.printed) for _, said in rows]
    told = [_tells(interpreter, fact, said.printed) for _, said in rows]
    if several or members or sum(told) * 2 <= len(rows) - sum(blank):
        return set()
    read: set[int] = set()
    for (key, said), tells, is_blank in zip(rows, told, blank, strict=True):
        if not tells and not is_blank:
            continue
        item = interpreter.new_item(group)
        interpreter.place(key, "rows", (Guess(NAMING[group], 0.8, "it begins a row"),), item)
        if tells and not is_blank:
            interpreter.place(said, "rows", (Guess(fact, 0.8, _WHY),), item)
        read.add(key.line)
    return read


def _tells(interpreter: Interpreter, fact: str, text: str) -> bool:
    """Whether a text can be what is asked; what numbers a thing has a figure."""
    numbered = FACTS[fact].field != "serial" or any(map(str.isdigit, text))
    return numbered and understand(FACTS[fact], text, interpreter.locale) is not None


def _field(words: str, group: str) -> str | None:
    """The one field of a group, not what its things are called, that words surely mean."""
    guess = next(iter(decide(words, Context(group, (group,)))), None)
    sure = guess and guess.confidence >= _SURE and FACTS[guess.fact].group == group and guess.fact != NAMING[group]
    return guess.fact if guess and sure else None


def _rows(lines: Sequence[Line], key: re.Pattern[str]) -> Iterator[tuple[Entry, Entry]]:
    """The lines that are a key and one more cell: both, each with its place."""
    for line in lines:
        cells = cells_by_gap(line.text[:MAX_LABEL])
        if len(cells) == 1 and (pair := _COLON.match(line.text[:MAX_LABEL])):
            called = pair["drive"] or pair["key"]
            drive = ":" if len(called) == 1 else ""
            cells = ((called + drive, pair.start()), (pair["said"], pair.start("said")))
        called = (
            key.fullmatch(cells[0][0] if _DRIVE.match(cells[0][0]) else cells[0][0].rstrip(" :")) if cells else None
        )
        if len(cells) == _LEAST and called and cells[1][0][0] not in _MARKS and not _is_label(called["key"]):
            (_, at), (said, said_at) = cells
            start = max(at, indent_of(line.text)) + called.start("key")
            yield Entry("", called["key"], line.number, start + 1), Entry("", said, line.number, said_at + 1)


def _is_label(key: str) -> bool:
    return len(key) > len("C:\\") and is_known(key)
