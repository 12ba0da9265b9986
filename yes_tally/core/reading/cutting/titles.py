"""Which lines are titles: decorated, underlined, or with a colon; and what they say."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Heading, is_rule
from yes_tally.core.reading.text.decode import Line

_DECORATED = re.compile(
    r"(?=.*\w)\s*(?:[=#*~-]{2,}\s*(?P<a>[^\s=#*~-].{0,78}?)\s*[=#*~-]{2,}|\[{1,2}(?P<b>[^\]\[]{2,60})\]{1,2}|(?:#+|--+) (?P<c>[^\s].{1,80})|#(?P<d>[^\W\d_]{3,30})|(?:>{2,3}|»+) (?P<e>[^\W\d_][^:=.\d]{1,50}))\s*$"
)
_COLON_TITLE = re.compile(r"[^\W\d_][^:=\"{}<>]{1,60}:")
# ``Machine\\Disk\\0``: where something stands among others.
_PATH = re.compile(r"[^\W\d_][\w-]*(?:[\\/][\w-]+)+")


def _title_in(match: re.Match[str]) -> str:
    """What a decorated line says; of a path the last kind of thing that it names, and which one (``Disk 0``)."""
    title = next(filter(None, match.groups()), "").strip()
    if not _PATH.fullmatch(title):
        return title
    parts = re.split(r"[\\/]", title)
    named = [place for place, part in enumerate(parts) if words_of(part) in SUBJECTS]
    return " ".join(parts[named[-1] :] if named else parts)


def decorated_title(text: str) -> str | None:
    """What a line says that is decorated as a title (``=== Disks ===``, ``[host]``, ``# disks``), or ``None``."""
    match = _DECORATED.match(text[: 2 * MAX_LABEL])
    return _title_in(match) if match else None


# ``Disks (2):``, ``2 disks found``
_AND_HOW_MANY = re.compile(
    r"\s*(?:(?P<kind>[^\W\d_][^\d:=()]{1,40}?)\s*(?:\(\d{1,4}\))?|\d{1,4} (?P<counted>[^\W\d_][^\d:=(),]{1,30}?)"
    r"(?: (?:were |are )?(?:found|listed|installed|fitted|in all|gefunden|trouv[ée]e?s?|encontrad[oa]s?|trovat[ei]|gevonden|znalezion\w+))?)\s*[:.]?\s*$"
)


# ``Drive   D``: a pair, or which one of them.
_ONE_OF_THEM = re.compile(r"\s\s|\s[A-Z]$")


def kind_alone(text: str) -> str:
    """What a line says that names a kind of thing, and maybe how many of them, and nothing else; else nothing."""
    match = _AND_HOW_MANY.match(text[: 2 * MAX_LABEL])
    kind = match["kind"] or match["counted"] if match else ""
    if not kind or _ONE_OF_THEM.search(kind):
        return ""
    return kind if words_of(kind) in SUBJECTS else ""


def title_above(lines: Sequence[Line], place: int) -> tuple[int, Heading] | None:
    """Where the title stands that is right above a line, and the heading that it is: decorated, underlined, or with a
    colon."""
    at = place - 1
    if at > 0 and not lines[at].text.strip():
        at -= 1
    if at < 0:
        return None
    text = lines[at].text[: 2 * MAX_LABEL].rstrip()
    if title := decorated_title(text):
        return at, Heading(title, lines[at].number, 1)
    if at > 0 and underlines(text) and may_head(above := lines[at - 1].text):
        return at - 1, Heading(above.strip(), lines[at - 1].number, 1)
    return (at, Heading(text.rstrip(":"), lines[at].number, 1)) if _COLON_TITLE.fullmatch(text) else None


def underlines(text: str) -> bool:
    """Whether a line is a rule of one piece, as one under a title is."""
    return is_rule(text) and len(text.split()) == 1 and not re.search(r"[+|┼╪]", text.strip("+| "))


def may_head(text: str) -> bool:
    """Whether a line is short enough for a title, and no part of a sentence."""
    body = text.strip()
    return 2 <= len(body) <= MAX_LABEL and not body.endswith((".", ",", ";"))


# ``Printers of this PC             11.02.2025 09:12``: when it was printed, at the right margin.
_STAMP_AT_RIGHT = re.compile(
    r"(?<=\S)\s{4,}(?:[^\W\d_][^\d:]{0,24}[ :] *)?\d{1,4}[-./]\d{1,2}[-./]\d{2,4}[\sT,]*[\d:. ]*\s*$"
)


def without_stamp(line: Line) -> Line:
    """A title without the moment at the right margin when it was printed."""
    stamp = _STAMP_AT_RIGHT.search(line.text[:MAX_LINE])
    return replace(line, text=line.text[: stamp.start()]) if stamp else line
