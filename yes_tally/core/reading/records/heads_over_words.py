"""The lines that things begin with, above what is told of them in words: a kind and a number, a drive's letter, or a name."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.reading.clauses.by_clause import tells_field
from yes_tally.core.reading.meaning.decide import decide
from yes_tally.core.reading.meaning.spoken_of import MAY_BE_CARD, MAY_BE_CARDS
from yes_tally.core.reading.phrases import is_known, subject_called
from yes_tally.core.reading.records.listings import CALLED, by_key
from yes_tally.core.reading.shapes.layout import MAX_LINE, cells_by_comma, commas_for_marks, lone_mark_as_comma
from yes_tally.core.reading.tables.rows_by_form import UPDATE_ID
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# ``cpu0``, ``[Disk 1]``, ``Slot A1:``, ``Battery #2 -``, and what follows
_HEAD = re.compile(
    r"\s*[*\[(<-]{0,2} ?(?P<noun>[^\W\d_]+(?:[ -][^\W\d_]+){0,2}?)(?: ?(?:#|no\.?|nr\.?|n[°º]) ?| )?"
    r"(?P<number>\d{1,2}|(?<= )[A-Z]\d{0,2})[\])>]?(?![\w.'’]\S|\w|/)(?: ?[:,]| (?:--?|–|—|\|)(?= ))?\s*",
    re.I,
)  # fmt: skip
# ``Volume C:``, ``[D:]``
_DRIVE = re.compile(
    r"\s*[*\[(<-]{0,2} ?(?:(?P<noun>[^\W\d_]+(?:[ -][^\W\d_]+){0,2}) )?(?P<number>[A-Z]:)\\?[\])>]?:?(?=\s|$)(?: ?[,]| (?:--?|–|—|\|)(?= ))?\s*"
)
LEADER = re.compile(r" \.{2,} ")
"""Dots that lead from what a thing is called to what is told of it."""


class Head(NamedTuple):
    """The line that a thing begins with: which kinds it may be of, which one it is, and where what it is called begins."""

    line: Line
    groups: tuple[str, ...]
    number: str
    number_at: int
    told_at: int


def numbered_head(line: Line, spoken: Sequence[str]) -> Head | None:
    """A thing that its line names by its kind and its number, or by a drive's letter; ``spoken``: the kinds spoken of."""
    text = line.text[:MAX_LINE]
    drive = _DRIVE.match(text)
    if drive and (not drive["noun"] or subject_called(drive["noun"], drive["number"]) in ("volume", "disk")):
        return Head(line, ("volume",), drive["number"], drive.start("number"), drive.end())
    match = _HEAD.match(text)
    groups = _called(match["noun"], match["number"], spoken) if match else ()
    if match and groups == ("adapter",) and (_BY_PEOPLE.match(match.group()) or _BOTH_NAMES.match(text, match.end())):
        return None
    return Head(line, groups, match["number"], match.start("number"), match.end()) if match and groups else None


# ``* ``, ``2) ``, ``[1] ``, ``== ``
_LISTED = re.compile(r"\s*(?:(?:[*+>•-]|={2,}|-{2,}|#?\d{1,2}[.):]|#\d{1,2}|\(\d{1,2}\)|\[\d{1,2}\]) +)?[\"“„«\[]?")
MODEL = re.compile(r"(?=.*\d)(?!.* [–—-]+ )[A-Z][\w&./+-]*(?: [\w&./+-]+)*")
_CHOSEN = re.compile(r"[^\W_](?:[^:=|,;()\"“]| \()*\)?")
BY_MODEL = ("processor", "disk", "module", "graphics", "display", "sound", "battery", "adapter")
# What things of each kind are called, where a line begins with that: a model, the code of a part, a login, an id, or what
# somebody chose.
FORMS_OF_NAMES = {
    **dict.fromkeys(BY_MODEL, MODEL),
    **dict.fromkeys(("printer", "software", "driver", "task"), _CHOSEN),
    "account": re.compile(r"[\w.\\@-]+(?: \([^()]+\))?|[A-Z][\w-]+(?: [A-Z][\w-]+)+"),
    "update": UPDATE_ID,
    "firewall": re.compile(r"[^\W\d_]+(?: [^\W\d_]+)?"),
    "volume": re.compile(r"/[\w./-]*|[\w-]+(?: [\w-]+){0,3}"),
}


def named_head(interpreter: Interpreter, line: Line, group: str) -> Head | None:
    """A thing of a kind that is spoken of, where its line begins with its model or what else it is called by."""
    if group not in FORMS_OF_NAMES:
        return None
    text = line.text[:MAX_LINE].rstrip(' :=-"“”»])')
    listed = _LISTED.match(text)
    start = listed.end() if listed else 0
    cells = [cell for cell, _ in cells_by_comma(lone_mark_as_comma(commas_for_marks(LEADER.sub("   ", text[start:]))))][
        :2
    ]
    name = cells[0] if cells else ""
    numbered = listed is not None and any(map(str.isdigit, listed.group()))
    form = _CHOSEN if numbered and group in BY_MODEL and group != "adapter" else FORMS_OF_NAMES[group]
    known = is_known(name)
    if not form.fullmatch(name) or (known and len(cells) > 1 and is_known(cells[1])):
        return None  # another line, or the head of a table
    if group == "firewall" and any(
        guess.fact.startswith("firewall.") and guess.fact != CALLED_BY[group]
        for guess in decide(name, interpreter.context(group, (group,)))[:1]
    ):
        return None  # a label
    if group == "adapter" and (
        _BY_PEOPLE.match(name)
        or _BOTH_NAMES.match(text, start)
        or (len(cells) > 1 and all(map(MODEL.fullmatch, cells)))
    ):
        return None  # it is called by people too
    if not numbered and group not in LIKE_LABELS:
        tells = group != "module" and tells_field(interpreter, name, group, list(FIELDS[group]))
        if known or tells:
            return None
    return Head(replace(line, text=text), (group,), "", 0, start)


# What these are called may be a label too (``guest``, ``public``, ``System``).
LIKE_LABELS = frozenset({"account", "firewall", "volume"})


def may_be_named(
    records: Sequence[tuple[Line, Sequence[Line]]], group: str, *, parted: bool, mixed: bool = False
) -> bool:
    """Whether lines over deeper ones may name things of a kind: those that somebody chose a name for only where there are
    several, and no pair is told of them but where they are ``mixed`` with other words."""
    chosen = group not in BY_MODEL
    if not any(deeper for _, deeper in records) or (chosen and not all(deeper for _, deeper in records)):
        return False
    if all(is_known(line.text.strip(" :[]=-")) for line, _ in records) and group not in LIKE_LABELS:
        return False
    pairs = not mixed and any(_COLON.search(line.text[:MAX_LINE]) for _, deeper in records for line in deeper)
    several = len(records) > 1 or group in _TOLD_BY_FORM
    return not chosen or (several and not pairs and (parted or group in _READ_HERE_ALONE))


_COLON = re.compile(r"[^\W\d_] ?:(?:\s|$)")
# What is called by words of a form of its own: a login, an id, a profile.
_TOLD_BY_FORM = frozenset({"account", "firewall", "update"})
# Others that no shape can part have readers that know more of them.
_READ_HERE_ALONE = frozenset({"firewall", "update", "volume"})


# ``LAN0``, ``eth0``: what people call it.
_BY_PEOPLE = re.compile(r"\s*[^\W\d_]{1,5}\d")
# ``Wired 1 (Ternwave GE 210)``
_BOTH_NAMES = re.compile(r"[^(]*\w \(")
CALLED_BY = {
    **CALLED, "account": "account.name", "task": "task.name", "software": "software.name", "driver": "driver.name",
    "update": "update.id", "firewall": "firewall.profile",
}  # fmt: skip
"""The fact that says what a thing of each kind is called."""
# Their records say where they lie, or what lies on them.
_TOLD_ELSEWHERE = frozenset({"partition", "volume", "page_file"})


def _called(noun: str, number: str, spoken: Sequence[str]) -> tuple[str, ...]:
    """The kinds that a noun and a number may name a thing of."""
    group = subject_called(noun, number)
    if group == "disk" and number.isalpha():
        return ()  # ``Disk C:``
    if group in CALLED_BY and group not in _TOLD_ELSEWHERE:
        return (group,)
    if keyed := by_key(noun, tuple(spoken)) or by_key(noun, ("module",)):
        return (keyed,) if keyed not in _TOLD_ELSEWHERE else ()
    return MAY_BE_CARDS if MAY_BE_CARD.fullmatch(noun) else ()


# ``p1   260 MB``, ``|- 2  reserved``, ``E:  Archive  HFX2``, ``3  basic data   C:``
_PART = re.compile(r"[\s|`'\\+-]*(?:(?:[^\W\d_]{1,12}[ .]?)?\d{1,2}[.):]?\s{2,}\S|.*(?<![^\s(])[A-Z]:(?:\s|$))")


def is_part(line: Line) -> bool:
    """Whether a line tells of a part of the thing: of a partition, a volume, or another thing under a number."""
    text = line.text[:MAX_LINE]
    match = _HEAD.match(text)
    named = match is not None and subject_called(match["noun"], match["number"]) in CALLED_BY
    return named or _PART.match(text) is not None
