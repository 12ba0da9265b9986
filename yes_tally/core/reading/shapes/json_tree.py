"""JSON and JSON lines: members are labels, objects are groups, a list of objects is a list of items.

Read token by token with its own stack, so that any depth, a cut-off end, or text around it is no trouble.
"""

from __future__ import annotations

import json
import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass

from yes_tally.core.reading.shapes.layout import Entry, Group, Heading, Layout, all_entries, known_share
from yes_tally.core.reading.text.decode import Line

# A letter program bends the quotation marks.
_TOKEN = re.compile(r'"(?:[^"\\]|\\.)*"|[“”„][^“”„]*[“”]|[{}\[\],:]|[^\s{}\[\],:"“”„]+')
_QUOTES = '"“”„'
# Not ``[host]``, ``[[disk]]``, the name of a section; nor ``[C:] "System"``, ``[1] Nightly copy``.
_START = re.compile(
    r"(?!\s*\[\d{1,4}\]\s+[^\s,\]}])(?!\s*\[{1,2}\s*[^\W\d_\"][^\],\"{}]*\]{1,2}(?:\s*$|\s+[^\s,\]}]))\s*[\[{]"
)
_MAX_TOKENS = 400_000


@dataclass(slots=True)
class _Open:
    """An object or list being read: its group, the member named last, and whether its value is next."""

    group: Group
    bracket: str
    key: str = ""
    told: bool = False


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read lines that begin as JSON does, or ``None``."""
    first = next((line.text for line in lines if line.text.strip()), "")
    if not _START.match(first) or not any(mark in line.text for line in lines[:50] for mark in _QUOTES):
        return None
    root = Group()
    stack = [_Open(root, "")]
    waiting = ""
    for number, (token, line, column) in enumerate(_tokens(lines)):
        if number > _MAX_TOKENS:
            break
        if token in "{[":
            group = Group(_heading(stack[-1], line, column))
            stack[-1].group.children.append(group)
            stack[-1].told = False
            stack.append(_Open(group, token, stack[-1].key if token == "[" else ""))
        elif token in "}]":
            if len(stack) > 1:
                stack.pop()
        elif token == ":":
            stack[-1].key, waiting = waiting, ""
            stack[-1].told = True
        elif token == ",":
            stack[-1].told = False
        else:
            text = _plain(token)
            waiting = text
            inside = stack[-1]
            # What stands in an object behind no colon is the next member's name, or the rest of a text cut in two.
            if inside.bracket == "[" or (inside.bracket and inside.told):
                inside.group.entries.append(Entry(inside.key, text, line, column + (token[0] in _QUOTES)))
            inside.told = False
    groups = [_tidy(group) for group in root.children]
    entries = all_entries(groups)
    if len(entries) < 2 or not any(entry.label for entry in entries):
        return None
    return Layout("tree", groups, 0.3 + 0.7 * known_share(entries))


def _tokens(lines: Sequence[Line]) -> Iterator[tuple[str, int, int]]:
    for line in lines:
        for match in _TOKEN.finditer(line.text):
            yield match.group(), line.number, match.start() + 1


def _heading(parent: _Open, line: int, column: int) -> Heading | None:
    return Heading(parent.key, line, column) if parent.key else None


def _plain(token: str) -> str:
    if token[0] not in _QUOTES:
        return "" if token == "null" else token
    try:
        return str(json.loads(token))
    except ValueError:
        return token.strip(_QUOTES)


def _tidy(root: Group) -> Group:
    """A list's objects are records; a list of plain values is entries of one label in the object that holds it."""
    for group in [root, *root.walk()]:
        kept: list[Group] = []
        for child in group.children:
            if (
                child.entries
                and not child.children
                and all(e.label == (child.heading.text if child.heading else "") for e in child.entries)
            ):
                group.entries += child.entries
            else:
                kept.append(child)
        group.children = kept
    return root
