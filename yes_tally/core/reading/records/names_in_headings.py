"""Headings and first lines that name the item that what stands below them tells of."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.beside_names import SERIAL_ASIDE
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import NAMING, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.spoken_of import may_call
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subject_called, subjects_in
from yes_tally.core.reading.records.headings_in_parts import (
    chosen,
    name_behind_number,
    named_in_parts,
    number_and_state,
    numbered_and_told,
)
from yes_tally.core.reading.records.listings import CALLED, FIRST_PART, INDEXED, ITEM_HEADING, LETTERED, by_gaps
from yes_tally.core.reading.shapes.layout import Entry, Heading, cells_by_gap, commas_for_gaps
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.values.text_forms import DAY, TIME_OF_DAY
from yes_tally.core.reading.values.understand import MAX_TEXT, understand
from yes_tally.core.words import choice_named, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


# ``(•) Hall printer``: of several that may be chosen, the one that is.
_LISTED = re.compile(
    r"\s*(?:\[\d{1,3}\]:?|\(?\d{1,3}[.)]|#\d{1,3}|[(\[](?P<chosen>[•●x*])[)\]]|[(\[] ?[)\]]|(?P<filled>[●◉☑])|[○◯☐])\s+(?P<rest>\S.*?)\s*$"
)
# ``"Landing air" -- Ternwave AX 20, wireless``
_DASHED = re.compile(
    r"(?P<quote>[\"'“„«])?\s*(?P<name>[^\"'“„«»”]{2,60}?)\s*[\"'”“»]?\s+(?:--|[–—-])\s+(?P<told>\S.*?):?$"
)
_CALLED_SO = re.compile(
    r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+){0,2})(?: ?#?(?P<number>\d{1,3})\s*(?:--|[:.,–—-])\s*| ?#\d{1,3}\s+| ?\d{1,3}\s{2,}|\.)(?P<rest>[^\s(:][^(:]*?)\s*(?:\((?P<aside>[^)]{2,80})\))?:?\s*$"
)
_LISTED_QUOTED = re.compile(r"(?:\[\d{1,3}\]:?|\(?\d{1,3}[.)]|#\d{1,3})\s+[\"'“„«].*[\"'”“»]")
# ``{current}``
_IN_BRACES = re.compile(r"\s*(?P<id>\{[\w-]+\})\s*:?\s*")
_DRIVE = re.compile(r"[A-Z]:")
_CELLS_OF_ROW = 3
_WHICH_OF_ALL = re.compile(r"\b\d{1,3} ?(?:of|von|sur|de|di|van|z|/) ?\d{1,3}\b", re.I)
_LETTER = re.compile(r"[A-Z]")
_ROW_NUMBER = re.compile(
    r"(?:#\d{1,3}[:.]?\s+|\d{1,3} [:–—-]+\s+|\d{1,3}[:.]\s+|\d{1,3}\s{2,}|\d{1,3} \((?=[^()]*\)$))(?=\S)"
)
_WORD = re.compile(r"\S+")
_PRINTED_THEN = re.compile(rf"(?:{DAY}|{TIME_OF_DAY})\W*$")
_HEADS_VALUE = re.compile(r"[\d:/\\\"]")
_QUOTED_NAME = re.compile(
    r"(?P<noun>[^\W\d_][^\"'“„«]*?)\s*[\"'“„«] ?(?P<rest>[^\"'”“»]*[^\s\"'”“»]) ?[\"'”“»]\s*(?:[(\[](?P<aside>[^)\]]{2,80})[)\]]|(?:--|[–—-]) (?P<behind>[^\s,][^,]*)(?P<told>(?:, [^,:]+)+)?)?\s*:?$"
)

# ``Network cards found: 3``, ``Accounts (2)``
_COUNTS_THEM = re.compile(r"[^\W\d_][^:=\d]{2,60}(?:[:=]\s*\d{1,4}|\(\d{1,4}\):?)")
_CALLED_LARGE = re.compile(r"[A-Z][^:=]*$")


# What is called by one word, however that is written: ``Account mrolf``, ``Profil domaine``.
_CALLED_BY_A_WORD = frozenset({"account", "firewall", "driver"})


def _when_it_was(
    interpreter: Interpreter, heading: Heading, listed: re.Match[str] | None, shape: str, item: Item
) -> bool:
    """``[1] 2025-03-13 22:14:09`` over an event's pairs: the moment it happened, and maybe its level behind a gap."""
    start = listed.start("rest") if listed else 0
    cells = cells_by_gap(heading.text[start:MAX_TEXT].rstrip(" :"))
    if not any(understand(FACTS["event.at"], text, interpreter.locale) for text, _ in cells):
        return False
    for text, at in cells:
        fact = "event.at" if any(map(str.isdigit, text)) else "event.level"
        guess = Guess(fact, 0.85, "it heads what is told of the event")
        interpreter.place(Entry("", text, heading.line, heading.column + start + at), shape, (guess,), item)
    interpreter.frame.add(heading.line)
    return True


# ``powerpack 1.1 on NQ-CRW-04``: a tool, its version, and the PC.
_OF_A_TOOL = re.compile(r"\W*[a-z][\w-]* v?\d+(?:\.\d+)+ (?:on|auf|sur|en|su|op|na|em) ")


def named_by(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """``Connection Landing air`` over an adapter's pairs: the heading's first words are a label, the rest its value.
    Whether the heading named it."""
    if _COUNTS_THEM.fullmatch(heading.text[:MAX_TEXT].rstrip()) or _OF_A_TOOL.match(heading.text[:MAX_TEXT]):
        return False
    listed = _LISTED.match(heading.text[:MAX_TEXT])
    if group == "event" and _when_it_was(interpreter, heading, listed, shape, item):
        return True
    if group == "boot_entry" and (braced := _IN_BRACES.fullmatch(heading.text[:MAX_TEXT])):
        entry = Entry("", braced["id"], heading.line, heading.column + braced.start("id"))
        interpreter.place(entry, shape, (Guess("boot_entry.id", 0.85, "it heads what is told of the entry"),), item)
        interpreter.frame.add(heading.line)
        return True
    if number_and_state(interpreter, heading, group, shape, item):
        return True
    if not listed and group in CALLED and named_in_parts(interpreter, heading, group, shape, item):
        return True
    if group in CALLED and numbered_and_told(interpreter, heading, group, shape, item):
        return True
    cells = cells_by_gap(listed["rest"]) if listed else ()
    if listed and group in CALLED and len(cells) >= _CELLS_OF_ROW:
        # ``1. Palefire FX 40   maker Palefire   memory 8 GB`` over more of it: a row.
        row = Entry("", commas_for_gaps(listed["rest"]), heading.line, heading.column + listed.start("rest"))
        if told_bare(interpreter, row, group, item, shape, CALLED[group], heading.text):
            interpreter.frame.add(heading.line)
            return True
    if listed and SUBJECTS.get(words_of(listed["rest"])):
        return False  # ``4. Processor``: a chapter, not a thing's name
    if listed and group in CALLED and _named_before_dash(interpreter, heading, listed, group, shape, item):
        return True
    of_drive = listed is not None and group == "volume" and _DRIVE.fullmatch(listed["rest"]) is not None
    if listed and group in NAMING and (of_drive or not listed["rest"].endswith(":")):
        begins = heading.column + listed.start("rest")
        noun = _noun_before(cells[0][0], group)
        entry = Entry(noun, cells[0][0][len(noun) :].lstrip(), heading.line, begins + len(noun) + bool(noun))
        naming = CALLED[group] if group == "disk" else NAMING[group]
        interpreter.place(entry, shape, (Guess(naming, 0.85, f"it is listed under {group}"),), item)
        for text, offset in cells[1:]:
            # ``[1] Pellucid P24h      main``: a mark behind its name.
            left = [fact for fact in FIELDS[group] if fact.name != NAMING[group]]
            skip = len(text) - len(text.lstrip("[("))
            told_in_words(
                interpreter, text[skip:].rstrip("])"), heading.line, begins - 1 + offset + skip, group, item, left
            )
        if mark := listed["chosen"] or listed["filled"]:
            chosen(interpreter, heading, mark, item, shape)
        interpreter.frame.add(heading.line)
        return True
    if quoted_name(interpreter, heading, group, shape, item):
        return True
    called = _CALLED_SO.match(heading.text[:MAX_TEXT])
    if called and SUBJECTS.get(words_of(called["noun"])) == group and group in NAMING:
        plainly = NAMING[group].endswith(".name") or "  " in called["rest"]
        fact = NAMING[group] if plainly else CALLED.get(group, NAMING[group])
        which = called["rest"].rstrip(":")
        if not called["number"] and (which.isdigit() or _LETTER.fullmatch(which)):
            # ``[disk.0]``, ``[volume.C]``: which one it is, not what it is called.
            fact = ITEM_HEADING.get(group, fact)
            called_so = f"{which}:" if group == "volume" else which
            if fact.endswith(".name"):
                return True
        else:
            called_so = called["rest"]
        entry = Entry(called["noun"], called_so, heading.line, heading.column + called.start("rest"))
        interpreter.place(entry, shape, (Guess(fact, 0.88, f"the heading names {group}"),), item)
        number = ITEM_HEADING.get(group)
        if called["number"] and number and number != fact:
            at = Entry(called["noun"], called["number"], heading.line, heading.column + called.start("number"))
            interpreter.place(at, shape, (Guess(number, 0.85, f"the heading names {group}"),), item)
        if called["aside"] and group != "adapter":
            left, start = [f for f in FIELDS[group] if f.name != fact], heading.column - 1 + called.start("aside")
            told_in_words(interpreter, called["aside"], heading.line, start, group, item, left)
        if called["aside"] and group == "adapter":
            at = Entry("", called["aside"], heading.line, heading.column + called.start("aside"))
            _in_brackets_after_card(interpreter, at, shape, item)
        interpreter.frame.add(heading.line)
        return True
    text = heading.text[:MAX_TEXT].rstrip()
    starts = [word.start() for word in _WORD.finditer(text)]
    if group == "firewall" and (name := profile_in(text.partition(" (")[0])):
        entry = Entry("", name, heading.line, heading.column + text.index(name))
        interpreter.place(entry, shape, (Guess("firewall.profile", 0.85, "the heading names it"),), item)
        interpreter.frame.add(heading.line)
        return True
    if _WHICH_OF_ALL.search(text):
        return False  # ``Chip 1 of 2``
    if name_behind_number(interpreter, heading, group, shape, item):
        return True
    if _name_behind_gap(interpreter, heading, group, shape, item):
        return True
    if _PRINTED_THEN.search(text):
        return False  # ``Network of NQ-TKT-02 on 11 Feb 2025``: a title
    for start in reversed(starts[1:4]):
        index = _ROW_NUMBER.match(text, start)
        label, start = text[:start].rstrip(), index.end() if index else start
        rest = text[start:-1] if index and index.group().endswith("(") else text[start:]
        kinds = [SUBJECTS.get(words_of(part)) for part in (label, rest)]
        own = " " not in rest and group in _CALLED_BY_A_WORD and kinds[0] == group != kinds[1]
        if rest[:1].islower() and not own and not _HEADS_VALUE.search(rest):
            continue  # "installed programs", "user account": a title, not a label and its value
        guesses = [
            g
            for g in decide(label, interpreter.context(group))
            if g.confidence > 0.9 and g.fact.startswith(f"{group}.")
        ]
        which_one = rest.isdigit() or (_LETTER.fullmatch(rest) and group not in ITEM_HEADING)
        if guesses and which_one and guesses[0].fact.endswith((".name", "event.id")):
            return True  # ``Card 1``, ``Screen A``: which one, and not what it is called
        name = CALLED.get(group, "")
        if kinds[0] == group and name.endswith((".name", ".model")) and _CALLED_LARGE.match(rest) and " " in rest:
            guesses = [Guess(name, 0.85, f"the heading names {group}")]  # ``Disk Basalt NV1000``
        if guesses and FACTS[guesses[0].fact].kind == "text":
            column = heading.column + start
            if guesses[0].fact == "module.slot":
                rest = rest.partition(" (")[0]  # ``Socket A1 (channel A)``
            interpreter.place(Entry(label, rest.strip("\"'"), heading.line, column), shape, guesses[:1], item)
            interpreter.frame.add(heading.line)
            return True
    return False


def _noun_before(text: str, group: str) -> str:
    """``Disk Basalt NV1000``: the noun of a group that a name stands behind; else nothing."""
    noun, _, name = text.partition(" ")
    return noun if may_call(noun, group) and _CALLED_LARGE.match(name) else ""


def quoted_name(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """``Wired card "Landing air" (Ternwave GbE)``: what it is called stands in quotation marks."""
    quoted = _QUOTED_NAME.match(heading.text[:MAX_TEXT].rstrip())
    if quoted is None:
        return False
    # ``Carte filaire``: of several words one is a card's.
    nouns = [quoted["noun"], *quoted["noun"].split()]
    named = {g.fact for noun in nouns for g in decide(noun, interpreter.context(group))[:1]}
    if group not in {at.group for at in subjects_in(words_of(quoted["noun"]))} and NAMING.get(group) not in named:
        return False
    fact = "adapter.connection" if group == "adapter" else CALLED.get(group, NAMING[group])
    entry = Entry(quoted["noun"], quoted["rest"], heading.line, heading.column + quoted.start("rest"))
    interpreter.place(entry, shape, (Guess(fact, 0.85, "the heading calls it so"),), item)
    if quoted["behind"] and group == "adapter":
        entry = Entry("", quoted["behind"], heading.line, heading.column + quoted.start("behind"))
        interpreter.place(entry, shape, (Guess("adapter.name", 0.8, "it stands behind what people call it"),), item)
    if quoted["told"]:
        left, start = [f for f in FIELDS[group] if f.name != fact], heading.column - 1 + quoted.start("told")
        told_in_words(interpreter, quoted["told"], heading.line, start, group, item, left)
    if quoted["aside"]:
        left, start = [f for f in FIELDS[group] if f.name != fact], heading.column - 1 + quoted.start("aside")
        words = told_in_words(interpreter, quoted["aside"], heading.line, start, group, item, left)
        if not words and group == "adapter":
            aside = Entry("", quoted["aside"], heading.line, start + 1)
            behind = Guess("adapter.name", 0.8, "it stands in brackets after what people call it")
            interpreter.place(aside, shape, (behind,), item)
    interpreter.frame.add(heading.line)
    return True


def _name_behind_gap(interpreter: Interpreter, heading: Heading, group: str, shape: str, item: Item) -> bool:
    """``Wireless card   Ternwave AX 20``: what kind of thing it is, and behind a gap what it is called."""
    cells = cells_by_gap(heading.text[:MAX_TEXT])
    fact = CALLED.get(group)
    if len(cells) != 2 or fact is None or FACTS[fact].kind != "text":
        return False
    (kind, _), (name, at) = cells
    begins = decide(kind.split(None, 1)[0], interpreter.context(group))[:1]
    of_group = group in {found.group for found in subjects_in(words_of(kind))} or [g.fact for g in begins] == [fact]
    if not of_group or _CALLED_LARGE.match(name) is None:
        return False
    entry = Entry(kind, name, heading.line, heading.column + at)
    interpreter.place(entry, shape, (Guess(fact, 0.85, f"the heading names {group}"),), item)
    interpreter.frame.add(heading.line)
    return True


def _named_before_dash(
    interpreter: Interpreter, heading: Heading, listed: re.Match[str], group: str, shape: str, item: Item
) -> bool:
    """``(2) "Landing air" -- Ternwave AX 20, wireless``: what it is called, and behind the dash more of it."""
    match = _DASHED.match(listed["rest"])
    if match is None:
        return False
    start = heading.column + listed.start("rest")
    fact = CALLED[group]
    told = Entry("", match["told"], heading.line, start + match.start("told"))
    by_people = group == "adapter" and match["quote"] is not None
    left = [kind for kind in FIELDS[group] if kind.name != fact]
    if not by_people:
        told_in_words(interpreter, told.printed, told.line, told.column - 1, group, item, left)
    elif not told_bare(interpreter, told, group, item, shape, fact):
        interpreter.place(told, shape, (Guess(fact, 0.8, "it stands behind what people call it"),), item)
    name = Entry("", match["name"], heading.line, start + match.start("name"))
    called = Guess("adapter.connection" if by_people else fact, 0.85, "the heading calls it so")
    interpreter.place(name, shape, (called,), item)
    interpreter.frame.add(heading.line)
    return True


# What headings call what is set.
SETTINGS = frozenset(
    "settings setting einstellungen parametres reglages configuracion ajustes configuracoes definicoes impostazioni instellingen ustawienia state stan zustand etat estado stato staat".split()
)


_ONE_PROFILE = re.compile(r"\w{3,}prof(?:il|iel)")


def profile_in(text: str) -> str:
    """The one word of a heading (``Domain profile settings``) that says which profile of a firewall; else nothing."""
    words = text.strip(" :").split()
    if len(words) == 1 and _ONE_PROFILE.fullmatch(plain(words[0])):
        return words[0]  # ``Domänenprofil``
    left = [w for w in words if plain(w) not in SETTINGS and SUBJECTS.get(words_of(w)) != "firewall"]
    return left[0] if len(left) == 1 < len(words) and left[0].isalpha() else ""


def begins_by_name(interpreter: Interpreter, entries: Sequence[Entry], item: Item, shape: str) -> bool:
    """``Adapter 1: Wickerlink GbE 210`` as the first pair of an adapter's record: its name, not one of its fields."""
    entry = entries[0]
    if entry.printed[:1] in "([" and _QUOTED_NAME.match(entry.label):
        # ``Card "Landing air"  (Ternwave AX 20)``
        whole = f"{entry.label}  {entry.printed}"
        start = max(1, entry.column - len(entry.label) - 2)
        return named_by(interpreter, Heading(whole, entry.line, start), item.group, shape, item)
    if item.group in CALLED and _LISTED_QUOTED.fullmatch(entry.label):
        # ``(1) "Landing air"   Ternwave AX 20``
        whole = f"{entry.label} -- {entry.printed}"
        start = max(1, entry.column - len(entry.label) - len(" -- "))
        listed = _LISTED.match(whole)
        return listed is not None and _named_before_dash(
            interpreter, Heading(whole, entry.line, start), listed, item.group, shape, item
        )
    if _name_and_aside(interpreter, entry, item, shape) or _drive_and_label(interpreter, entries, item, shape):
        return True
    match = INDEXED.match(entry.label)
    if match is None or not (match["rest"] or "").isdigit():
        return False
    of = subject_called(match["noun"], match["rest"])
    if of != item.group and (of or is_known(entry.label)):
        return False
    fact = CALLED.get(item.group) or NAMING.get(item.group)
    entry = by_gaps(entry)
    if fact and told_bare(interpreter, entry, item.group, item, shape, fact):
        return True
    if fact is None or FACTS[fact].kind != "text" or not fact.endswith((".name", ".model")):
        return False
    number = ITEM_HEADING.get(item.group)
    context = interpreter.context(item.group)
    told = {guess.fact for other in entries[1:] for guess in decide(other.label, context)[:1]}
    if number and number != fact and number not in item.keys and number not in told:
        place = Entry(entry.label, match["rest"], entry.line, max(1, entry.column - len(entry.label)))
        interpreter.place(place, shape, (Guess(number, 0.85, f"the label names {item.group}"),), item)
    name, _, aside = entry.printed.partition(" (")
    interpreter.place(
        Entry(entry.label, FIRST_PART.split(name, maxsplit=1)[0], entry.line, entry.column),
        shape,
        (Guess(fact, 0.88, f"the label names {item.group}"),),
        item,
    )
    serial = FACTS.get(f"{item.group}.serial")
    if serial and SERIAL_ASIDE.search(entry.printed):
        place = Entry("", aside[:-1], entry.line, entry.column + len(name) + 2)
        interpreter.place(place, shape, (Guess(serial.name, 0.8, "it stands in brackets after its name"),), item)
    if aside.endswith(")") and item.group == "adapter":
        at = Entry("", aside[:-1], entry.line, entry.column + len(name) + 2)
        _in_brackets_after_card(interpreter, at, shape, item)
    return True


def _in_brackets_after_card(interpreter: Interpreter, aside: Entry, shape: str, item: Item) -> None:
    """``Ternwave AX 20 (wireless)``, ``Ternwave AX 20 ("Landing air")``: of which kind a card is, or what people call it."""
    if kind := choice_named("kind", FACTS["adapter.kind"].choices, aside.printed):
        interpreter.add("adapter.kind", item, aside, exactly("choice", kind), shape, 0.85, "it stands after its name")
        return
    name = aside.printed.strip("\"'“”„«»")
    place = replace(aside, printed=name, column=aside.column + aside.printed.index(name))
    interpreter.place(place, shape, (Guess("adapter.connection", 0.8, "it stands in brackets after its name"),), item)


_ASIDE = re.compile(r"\((?P<told>[^()]{3,60})\)$")


def _name_and_aside(interpreter: Interpreter, entry: Entry, item: Item, shape: str) -> bool:
    """``Hall printer            (this PC's default)`` over a printer's pairs: what it is called, and what is said of it."""
    naming = NAMING.get(item.group, "")
    aside = _ASIDE.match(entry.printed)
    if aside is None or not naming.endswith(".name") or is_known(entry.label):
        return False
    name = Entry("", entry.label, entry.line, max(1, entry.column - len(entry.label) - 2))
    interpreter.place(name, shape, (Guess(naming, 0.85, "it stands over what is told of it"),), item)
    left = [fact for fact in FIELDS[item.group] if fact.name != naming]
    if told_in_words(interpreter, aside["told"], entry.line, entry.column, item.group, item, left):
        return True
    start = aside["told"].rfind(" ") + 1
    told_in_words(interpreter, aside["told"][start:], entry.line, entry.column + start, item.group, item, left)
    return True


def _drive_and_label(interpreter: Interpreter, entries: Sequence[Entry], item: Item, shape: str) -> bool:
    """``Drive C: "SYSTEM"`` over a volume's pairs: its letter, and its label."""
    entry = entries[0]
    letter = LETTERED.fullmatch(entry.label)
    if letter is None or item.group != "volume" or SUBJECTS.get(words_of(letter["noun"])) not in ("volume", "disk"):
        return False
    if len(entries) < _LEAST_FIELDS or _MORE_THAN_A_NAME.search(entry.printed):
        return False
    at = Entry(entry.label, f"{letter['rest']}:", entry.line, max(1, entry.column - len(letter["rest"]) - 2))
    interpreter.place(at, shape, (Guess("volume.mount", 0.85, "the label names a volume"),), item)
    interpreter.place(entry, shape, (Guess("volume.label", 0.8, "it stands beside the volume's letter"),), item)
    return True


_LEAST_FIELDS = 3
_MORE_THAN_A_NAME = re.compile(r"[,;()]|\s{2,}|\d[\d.,]* ?[KMGT]i?B", re.I)
