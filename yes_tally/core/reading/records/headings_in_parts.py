"""Headings that tell of the item below them in several parts, or choose one of several."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.spoken_of import may_call
from yes_tally.core.reading.phrases import is_known, subject_called, subjects_in
from yes_tally.core.reading.records.listings import CALLED, ITEM_HEADING
from yes_tally.core.reading.shapes.layout import Entry, Heading, cells_by_gap
from yes_tally.core.reading.values.understand import MAX_TEXT

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# So many drafts a heading makes at most.
LATEST = 8
_DASHES = re.compile(r"\s+(?:--|[─—–-])\s+")
_LEAST_DASHES = 2


def named_in_parts(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """``Landing air ─ Ternwave AX 20 ─ wireless ─ down`` over more of it: what it is called, and what is said of it
    between dashes; of a network card people's name may stand before its own. Whether the heading is one of these."""
    text = heading.text[:MAX_TEXT]
    if len(_DASHES.findall(text)) < _LEAST_DASHES:
        return False
    parts = cells_by_gap(_DASHES.sub(lambda dash: " " * len(dash.group()), text))
    naming, names = CALLED[group], []
    left = [fact for fact in FIELDS[group] if fact.name not in (naming, "adapter.connection")]
    before = len(interpreter.drafts)
    for part, at in parts[1:]:
        if not told_in_words(interpreter, part, heading.line, heading.column - 1 + at, group, item, left):
            names.append((part, at))
    if len(interpreter.drafts) == before or len(names) > (group == "adapter"):
        del interpreter.drafts[before:]
        return False
    called = [(parts[0], "adapter.connection" if names else naming), *((name, naming) for name in names)]
    for (part, at), fact in called:
        entry = Entry("", part.strip("\"'“”„«» "), heading.line, heading.column + at)
        interpreter.place(entry, shape, (Guess(fact, 0.82, "the heading begins with what it is called"),), item)
    interpreter.frame.add(heading.line)
    return True


# ``Card 1: Wickerlink GbE 210 (wired) - connected, 1 Gbit/s``
_NUMBERED_AND_TOLD = re.compile(
    r"(?:(?P<noun>[^\W\d_]+(?: [^\W\d_]+){0,2}) )?[#\[(]?(?P<number>\d{1,3})[\])]?(?:\s?[:.)]|\s[–—-])?\s+"
    r"(?P<name>[A-Z][^(),:\"“”„«»]{1,50}?)(?: \((?P<aside>[^()]{2,40})\))?(?P<told>(?:,| [–—-])\s(?:[^:]|:(?=\S))+?):?\s*$"
)


def numbered_and_told(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """A heading that numbers a thing, says what it is called, and behind a comma or a dash how it is. Whether it is one."""
    match = _NUMBERED_AND_TOLD.match(heading.text[:MAX_TEXT])
    if match is None or (match["noun"] and not _speaks_of(interpreter, match["noun"], group)):
        return False
    naming = CALLED[group]
    left = [fact for fact in FIELDS[group] if fact.name != naming]
    said = _DASHES.sub(lambda dash: ",".ljust(len(dash.group())), match["told"])
    start = heading.column - 1
    if not told_in_words(interpreter, said, heading.line, start + match.start("told"), group, item, left):
        return False
    if match["aside"]:
        told_in_words(interpreter, match["aside"], heading.line, start + match.start("aside"), group, item, left)
    for fact, part in ((naming, "name"), (ITEM_HEADING.get(group), "number")):
        if fact and (part == "name" or fact != naming):
            entry = Entry("", match[part].strip("\"'“”„«» "), heading.line, heading.column + match.start(part))
            interpreter.place(entry, shape, (Guess(fact, 0.85, "the heading says it before more of it"),), item)
    interpreter.frame.add(heading.line)
    return True


# ``Basalt NV1000, NVMe, 931.5 GB``, ``[0] Ternwave AX 20 (wireless, 300 Mbit/s)``
_NAME_AND_TOLD = re.compile(
    r"(?:[\[(#]?(?P<number>\d{1,3})[\]).:]? )?(?P<name>[A-Z][^(),:\"“”„«»|]{2,50}?)(?:(?P<told>,\s.+)| \((?P<aside>[^()]+)\)):?\s*"
)
_ARE_DEVICES = frozenset({"disk", "processor", "adapter", "graphics", "display", "battery", "sound", "printer"})


def name_and_told(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """A heading that says what a device is called and tells more of it, in brackets or between commas. Whether it is one."""
    match = _NAME_AND_TOLD.fullmatch(heading.text[:MAX_TEXT]) if group in _ARE_DEVICES else None
    words = match["name"].split() if match else []
    begins = {" ".join(words[:count]) for count in (1, 2, len(words))}
    if (
        match is None
        or any(map(is_known, begins))
        or any(at.group == group for at in subjects_in(words_of(match["name"])))
    ):
        return False
    naming, number = CALLED[group], ITEM_HEADING.get(group)
    part = "told" if match["told"] else "aside"
    left = [fact for fact in FIELDS[group] if fact.name != naming]
    start = heading.column - 1 + match.start(part)
    if not told_in_words(interpreter, match[part], heading.line, start, group, item, left):
        return False
    for fact, of in ((naming, "name"), (number if number != naming and match["number"] else None, "number")):
        if fact:
            entry = Entry("", match[of], heading.line, heading.column + match.start(of))
            interpreter.place(entry, shape, (Guess(fact, 0.82, "it stands before more of it"),), item)
    interpreter.frame.add(heading.line)
    return True


# ``[Disk 0] Basalt NV1000``, ``CPU #1 | Kestrel K5-8420``, ``[Carte n° 2] Ternwave AX 20``
_BEHIND_NUMBER = re.compile(
    r"(?P<open>[\[(<{])?(?P<noun>[^\W\d_]+(?: [^\W\d_]+){0,2}?) {0,2}(?:(?:#|[Nn][or]\.?|[Nn]\.?[°º]|№) ?)?"
    r"(?P<opened>(?<=\w)[\[(<{])?(?P<number>\d{1,3})(?(open)[\])>}])(?(opened)[\])>}])(?: ?(?:[:.,=|–—»]|--?|->))? +[\"“„«]?(?P<name>[^\W\d_a-z][^:=()\[\]\"“”„«»]{2,50}?)[\"”“»]?\s*:?\s*$"
)


def name_behind_number(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """A heading that says which of a kind a thing is, and behind that what it is called. Whether it is one."""
    match = _BEHIND_NUMBER.match(heading.text[:MAX_TEXT])
    naming = CALLED.get(group)
    if match is None or naming is None or not may_call(match["noun"], group, match["number"]):
        return False
    name = match["name"]
    if not name[0].isupper() or is_known(name) or (not any(map(str.isdigit, name)) and subjects_in(words_of(name))):
        return False
    number = ITEM_HEADING.get(group)
    for fact, part in ((naming, "name"), (number if number != naming else None, "number")):
        if fact:
            entry = Entry(match["noun"], match[part], heading.line, heading.column + match.start(part))
            interpreter.place(entry, shape, (Guess(fact, 0.85, f"the heading names {group}"),), item)
    interpreter.frame.add(heading.line)
    return True


# ``Entry 1 (default)``, ``Printer 2 - default``, ``Disk 0 [boot disk]``
_NUMBERED_AND_SAID = re.compile(
    r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+){0,2}?) ?#?(?P<number>\d{1,3})(?: ?[,:] ?| [–—-]+ | ?[(\[<]| {2,})(?P<said>[^\W\d_]+(?:[ -][^\W\d_]+){0,2})[)\]>]?\s*:?\s*$"
)


def number_and_state(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """A heading that says which of a kind a thing is, and behind that in words how it is. Whether it is one."""
    match = _NUMBERED_AND_SAID.match(heading.text[:MAX_TEXT])
    if match is None or not _speaks_of(interpreter, match["noun"], group):
        return False
    left = [fact for fact in FIELDS[group] if fact.kind in ("flag", "choice")]
    start = heading.column - 1 + match.start("said")
    if not told_in_words(interpreter, match["said"], heading.line, start, group, item, left):
        return False
    meant = decide(match["noun"], interpreter.context(group))[:1]
    number = ITEM_HEADING.get(group) or next((guess.fact for guess in meant), "")
    if number in FACTS and not number.endswith((".name", ".at")):
        entry = Entry(match["noun"], match["number"], heading.line, heading.column + match.start("number"))
        interpreter.place(entry, shape, (Guess(number, 0.85, f"the heading names {group}"),), item)
    interpreter.frame.add(heading.line)
    return True


def _speaks_of(interpreter: Interpreter, noun: str, group: str) -> bool:
    meant = decide(noun, interpreter.context(group))[:1]
    return subject_called(noun, "1") == group or any(guess.fact.startswith(f"{group}.") for guess in meant)


def chosen(interpreter: Interpreter, heading: Heading, mark: str, item: Item, shape: str) -> None:
    """The one of several things that bears the mark of a choice is the default, where the heading does not say it too."""
    default = f"{item.group}.default"
    if default in FACTS and not any(d.item is item and d.fact == default for d in interpreter.drafts[-LATEST:]):
        at = Entry("", mark, heading.line, heading.column + heading.text.index(mark))
        interpreter.add(default, item, at, exactly("flag", True), shape, 0.75, "of all it is marked as chosen")
