"""Profiles of a firewall, told in one value or on one line: which, whether each is on, and what it lets through.

::

    Firewall   domain on, private on, public off
    Public profile: off
    on for domain and private, off for public
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import takewhile
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.spoken_of import beside_subject
from yes_tally.core.reading.phrases import SUBJECTS, subjects_in
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, commas_for_gaps, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import flag_of

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def profile_alone(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Public profile: off``: the label names a profile of the firewall, the value whether it is on."""
    at = next((a for a in subjects_in(words_of(entry.label)) if a.group == "firewall"), None)
    name = beside_subject(entry.label, at) if at else []
    if len(name) != 1 or flag_of(entry.printed) is None or not entry.printed.rstrip(".").isalpha():
        return False
    item = interpreter.new_item("firewall")
    place = Entry(entry.label, name[0].strip("\"'“”"), entry.line, entry.column)
    interpreter.place(place, shape, (Guess("firewall.profile", 0.85, "the label names it"),), item)
    interpreter.place(entry, shape, (Guess("firewall.on", 0.85, "it is said of this profile"),), item)
    return True


_CALLS_IT_PROFILE = r"(?:profile?|perfil|profilo|profiel)"
_PROFILE = re.compile(
    rf"(?:{_CALLS_IT_PROFILE} )?(?P<name>[^\W\d_]+)(?: {_CALLS_IT_PROFILE})? ?[:=]? ?(?P<on>(?<=[ :=])[^\W\d_]+)(?: \((?P<more>[^()]*)\))?",
    re.I,
)
_OUTSIDE_BRACKETS = re.compile(r"[^\s,;/|·(][^,;/|·()]*(?:\([^()]*\))?")


_PROFILE_ROW = re.compile(r"(?P<name>[^\W\d_]+)\s{2,}(?P<on>[^\W\d_]+)\s{2,}(?P<more>\S.*)")


# ``on   incoming blocked, outgoing allowed``, beside what names a profile
_PROFILE_TOLD = re.compile(r"(?P<on>[^\W\d_]+)\.?\s{2,}(?P<more>\S.*)")
# ``Firewall   domain: on / private: on``
_PROFILES_BESIDE = re.compile(r"(?P<label>\S+(?: \S+)?)\s{2,}(?P<name>[^\W\d_]+)")


def profile_row(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Profiles`` over ``domain   on   in: block   out: allow``: one profile, whether it is on, and more of it; also
    beside what names it, or all of them beside one label."""
    beside = _PROFILES_BESIDE.fullmatch(entry.label)
    if beside and SUBJECTS.get(words_of(beside["label"])) == "firewall":
        start = max(1, entry.column - len(entry.label) + beside.start("name") - 2)
        whole = Entry(beside["label"], f"{beside['name']}: {entry.printed}", entry.line, start)
        return profiles(interpreter, whole, shape)
    told = _PROFILE_TOLD.fullmatch(entry.printed)
    if told and profile_alone(interpreter, replace(entry, printed=told["on"]), shape):
        item = interpreter.drafts[-1].item
        more = commas_for_gaps(told["more"])
        return item is not None and _allows(interpreter, more, entry.line, entry.column + told.start("more"), item)
    if SUBJECTS.get(words_of(entry.label)) != "firewall":
        return False
    if " / " in entry.printed and profiles(interpreter, entry, shape):
        return True
    row = _PROFILE_ROW.fullmatch(entry.printed)
    if row is None:
        return False
    if flag_of(row["on"]) is None or flag_of(row["name"]) is not None:
        return False
    item, more = Item("firewall"), commas_for_gaps(row["more"])
    if not _allows(interpreter, more, entry.line, entry.column + row.start("more"), item):
        return False
    interpreter.take(item)
    _profile(interpreter, entry, row, entry.column, shape, item)
    return True


def _allows(interpreter: Interpreter, text: str, line: int, column: int, item: Item) -> bool:
    """Read what a profile lets through (``in: block, out: allow``). Whether it says so."""
    left = [FACTS["firewall.inbound"], FACTS["firewall.outbound"]]
    return told_in_words(interpreter, text, line, column - 1, "firewall", item, left) > 0


def _profile(interpreter: Interpreter, entry: Entry, told: re.Match[str], column: int, shape: str, item: Item) -> None:
    """The ``name`` of a profile and whether it is ``on``; ``column`` is where the match's text begins."""
    for fact, group in (("firewall.profile", "name"), ("firewall.on", "on")):
        place = Entry(entry.label, told[group], entry.line, column + told.start(group))
        interpreter.place(place, shape, (Guess(fact, 0.85, "each profile is told with whether it is on"),), item)


def profiles(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Firewall: domain on, private on, public off``: each profile and whether it is on."""
    parts = [(part, _PROFILE.fullmatch(part.group().strip())) for part in _OUTSIDE_BRACKETS.finditer(entry.printed)]
    told = [(part.start(), match) for part, match in parts if match and flag_of(match["on"]) is not None]
    if len(parts) < 2 or len(told) < len(parts):
        return False
    for start, match in told:
        item, at = interpreter.new_item("firewall"), entry.column + start
        _profile(interpreter, entry, match, at, shape, item)
        if match["more"]:
            _allows(interpreter, match["more"], entry.line, at + match.start("more"), item)
    return True


# ``Firewall   ``, ``Firewall: ``, before what is told of the profiles on one line
_LABELLED = re.compile(r"\s*(?:(?P<label>[^\W\d_][\w -]{2,30}?)(?::| \.{2,}|\s{2,}| [-–—]| =)\s*)?(?P<told>\S.*\S)\s*$")
# ``on for domain and private, off for public``
_FOR_EACH = re.compile(
    r"(?P<on>[^\W\d_]+) (?:for|in|on|für|bei|im|pour|dans|para|en|em|per|in|voor|bij|dla|w)(?: (?:the|das|den|die|le|la|les|el|il|lo|o|a|het|de))? "
    r"(?P<names>[^\W\d_]+(?:(?:, | and | und | et | y | e | en | i )[^\W\d_]+)*?)(?: (?:only|networks?|profiles?))?(?:[,;.] ?|$)"
)
_NAME = re.compile(r"\b(?!(?:and|und|et|y|e|en|i)\b)[^\W\d_]+")


# ``private   on    in: block   out: allow``, ``- [private] on, in = block, out = allow``
_PROFILE_LINE = re.compile(
    rf"\s*(?:[*•>-]\s+)?[\[(<]?(?:{_CALLS_IT_PROFILE} )?(?!{_CALLS_IT_PROFILE}s?\b)(?P<name>[^\W\d_]+)(?: {_CALLS_IT_PROFILE})?[\])>]?"
    rf"(?:\s*(?:[:=|–—-]|\.{{2,}})\s*|\s+)(?P<on>[^\W\d_]+)(?P<more>[\s,;|(·].*\S)",
    re.I,
)
_AS_WORDS = str.maketrans("=|", ":,")
_MARKS_OF_HEADS = " \t:=-—[]#*"


_LEAST_PROFILES = 2
_MAY_HEAD = re.compile(r"[\W_]{0,12}[^\W\d_]{4,14}(?:[ -][^\W\d_]+){0,2}[\W_]{0,12}")


def _names_firewall(text: str) -> bool:
    return SUBJECTS.get(words_of(text.strip(_MARKS_OF_HEADS))) == "firewall"


def _below_heading(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the lines right below the one line ``Firewall`` where each of them tells of one profile; returns their numbers."""
    heads = (i for i, line in enumerate(lines) if _MAY_HEAD.fullmatch(line.text) and _names_firewall(line.text))
    at = next(heads, None)
    if at is None:
        return set()
    first = indent_of(lines[at + 1].text) if at + 1 < len(lines) else 0
    below = list(takewhile(lambda line: line.text.strip() and indent_of(line.text) >= first, lines[at + 1 :]))
    lines_told = (_PROFILE_LINE.fullmatch(line.text[:MAX_TOLD].rstrip()) for line in below)
    told = [match for match in lines_told if match and _is_profile(match)]
    if len(told) < max(_LEAST_PROFILES, len(below)):
        return set()
    for line, match in zip(below, told, strict=True):
        item, more = interpreter.new_item("firewall"), commas_for_gaps(match["more"].translate(_AS_WORDS))
        _profile(interpreter, Entry("", "", line.number, 1), match, 1, "words", item)
        _allows(interpreter, more, line.number, match.start("more") + 1, item)
    return {line.number for line in below}


def _is_profile(match: re.Match[str]) -> bool:
    return flag_of(match["on"]) is not None and flag_of(match["name"]) is None


def profiles_on_lines(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> set[int]:
    """Read lines that tell of one profile each below a heading, or of several where the firewall is what is ``spoken`` of
    or what a line begins with; returns their numbers."""
    read = _below_heading(interpreter, lines)
    for line in lines:
        if line.number in read:
            continue
        match = _LABELLED.match(line.text) if len(line.text) <= MAX_TOLD else None
        of_firewall = match and SUBJECTS.get(words_of(match["label"] or "")) == "firewall"
        if match and (of_firewall or (spoken[:1] == ("firewall",) and not match["label"])):
            entry = Entry(match["label"] or "", match["told"], line.number, match.start("told") + 1)
            if profiles(interpreter, entry, "words") or _for_each(interpreter, entry):
                read.add(line.number)
    return read


def _for_each(interpreter: Interpreter, entry: Entry) -> bool:
    """``on for domain and private, off for public``: whether that is what a value says."""
    parts = list(_FOR_EACH.finditer(entry.printed))
    if "".join(part.group() for part in parts) != entry.printed or any(flag_of(part["on"]) is None for part in parts):
        return False
    names = [(part, name) for part in parts for name in _NAME.finditer(entry.printed, *part.span("names"))]
    if len(names) <= len(parts) or any(flag_of(name.group()) is not None for _, name in names):
        return False
    for part, name in names:
        item = interpreter.new_item("firewall")
        for fact, text, at in (
            ("firewall.profile", name.group(), name.start()),
            ("firewall.on", part["on"], part.start("on")),
        ):
            place = Entry(entry.label, text, entry.line, entry.column + at)
            interpreter.place(place, "words", (Guess(fact, 0.85, "it says for which profiles it is so"),), item)
    return True
