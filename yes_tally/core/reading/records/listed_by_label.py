"""Things listed under a heading that names their kind: by labels that are what they are called, or in rows below one label."""

from __future__ import annotations

import re
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.beside_names import REACHED
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, Context, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subjects_in
from yes_tally.core.reading.records.listings import BULLET, CALLED, by_gaps
from yes_tally.core.reading.shapes.layout import (
    Entry,
    Group,
    asides_as_commas,
    cells_by_comma,
    commas_for_gaps,
)
from yes_tally.core.reading.tables.bare_rows import DRIVER, told_bare
from yes_tally.core.reading.values.text_forms import WHERE_PLUGGED

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# ``Screen 1``, ``gfx0``: which one it is, and no name.
_COUNTED_SO = re.compile(r"[^\W\d_]+ ?#?\d{1,3}")
_BRACKETS = re.compile(r"[()\[\]]")


# Accounts and profiles are called by any word.
_CALLED_ANYTHING = frozenset({"account", "firewall"})


def _driver_left(interpreter: Interpreter, entry: Entry, item: Item, shape: str) -> None:
    """``Hall   10.20.1.90:9100   Gullwing 4``: the one cell of which nothing was read is a printer's driver."""
    said = {draft.entry.printed for draft in interpreter.drafts if draft.item is item}
    every = cells_by_comma(commas_for_gaps(entry.printed))
    cells = [cell for cell in every if cell[0] not in said and cell[0][0].isupper()]
    if len(every) > 1 and len(cells) == 1 and said and DRIVER.fullmatch(cells[0][0]):
        place = Entry(entry.label, cells[0][0], entry.line, entry.column + cells[0][1])
        guess = Guess("printer.driver", 0.75, "it stands beside where the printer is")
        interpreter.place(place, shape, (guess,), item)


_ASIDE = re.compile(r" \([^()]+\)$")


def listed_by_label(interpreter: Interpreter, group: Group, of: str, shape: str) -> bool:
    """Under a heading that names a kind of thing, labels that mean nothing else are what its things are called:
    ``Public: off``, ``Privé : activé (entrant bloqué)`` under a firewall, ``Chime Analog ..... working`` under sound."""
    fields = [fact for fact in FIELDS[of] if fact.name != NAMING[of]]
    own = {fact.name for fact in FIELDS[of]} if of != "firewall" else {fact.name for fact in fields}
    told = [entry for entry in group.entries if entry.label]
    bare = [_ASIDE.sub("", entry.label) for entry in told]
    # One account may be called as what it is (``Administrator: off``).
    if (
        not told
        or (len(told) > 1 and len(set(bare)) == 1)  # ``Sound devices on NQ-1:`` over them
        or (of not in _CALLED_ANYTHING and sum(map(is_known, bare)) * 2 > len(told))
        or any(", " in entry.label for entry in told)  # ``Oriel HDMI - working, default: no``
        or any(_COUNTED_SO.fullmatch(entry.label) for entry in told)
        or (of not in _CALLED_ANYTHING and any(SUBJECTS.get(words_of(label), of) != of for label in bare))
        or (len(told) < 2 and (group.heading is None or is_known(told[0].label)))
        or group.children
        or sum(g.fact in own for label in bare for g in decide(label, Context(of))[:1]) > (of == "account")
    ):
        return False
    items, before = [Item(of) for _ in told], len(interpreter.drafts)
    state = next((fact for fact in fields if fact.field == "state"), None)
    said: list[int] = []
    named: set[int] = set()
    for entry, item in zip(told, items, strict=True):
        if _says_which(entry.label, of) and told_bare(interpreter, by_gaps(entry), of, item, shape, CALLED[of]):
            named.add(id(item))
            said.append(1)
            continue
        flat = asides_as_commas(by_gaps(entry).printed)
        if of == "printer" and (reached := REACHED.search(flat)):
            # ``Gullwing 4 on 10.20.1.90``: its driver, and where it is reached.
            flat = f"{flat[: reached.start()]},{' ' * (reached.start('port') - reached.start() - 1)}{reached['port']}"
            entry = replace(entry, printed=flat)
        text, left = _BRACKETS.sub(",", commas_for_gaps(flat) if of == "firewall" else flat), list(fields)
        words = told_in_words(interpreter, text, entry.line, entry.column - 1, of, item, left)
        if of == "printer":
            _driver_left(interpreter, entry, item, shape)
        if state in left and state and text:
            first = Entry(entry.label, text.partition(",")[0], entry.line, entry.column)
            interpreter.place(first, shape, (Guess(state.name, 0.8, f"it is said of this {of}"),), item)
            words += 1
        said.append(words)
    if not all(said):
        del interpreter.drafts[before:]
        return False
    for entry, item in zip(told, items, strict=True):
        interpreter.take(item)
        if id(item) in named:
            continue
        _name_in_label(interpreter, entry, of, item, shape)
    return True


# ``1. `balie` (Balie begane grond)``: a login, and who that is.
_LOGIN_AND_NAME = re.compile(r"(?P<name>[\w.-]+)[`'\"]?\s+\((?P<beside>[^()]{2,60})\)")
_SMALL_WORDS = frozenset("de du di del della do da des van von the of dla na".split())


def _name_in_label(interpreter: Interpreter, entry: Entry, of: str, item: Item, shape: str) -> None:
    """Keep what a thing is called by the label it stands under, and what stands beside that: a mark, a maker, who it is."""
    label = BULLET.sub("", entry.label, count=1) if BULLET.match(entry.label) else entry.label
    if label.startswith("* ") or entry.label.startswith("* "):
        label = entry.label[2:].lstrip()
        if default := FACTS.get(f"{of}.default"):
            star = Entry(entry.label, "*", entry.line, 1)
            interpreter.add(default.name, item, star, exactly("flag", True), shape, 0.75, "it is marked among others")
    label = label.strip("`\"'")
    by = _NAME_AND_MAKER.fullmatch(label) if f"{of}.maker" in FACTS else None
    who = _LOGIN_AND_NAME.fullmatch(label) if of == "account" else None
    alone = [w for w in label.split() if SUBJECTS.get(words_of(w)) != of and w.casefold() not in _SMALL_WORDS]
    called = by["name"] if by else who["name"] if who else alone[0] if of == "firewall" and len(alone) == 1 else label
    name = Entry(entry.label, called, entry.line, entry.label.find(called) + 1)
    interpreter.place(name, shape, (Guess(NAMING[of], 0.82, f"it is listed under {of}"),), item)
    beside = (f"{of}.maker", by["maker"]) if by else ("account.full_name", who["beside"]) if who else None
    if beside:
        place = Entry("", beside[1], entry.line, entry.label.find(beside[1]) + 1)
        interpreter.place(place, shape, (Guess(beside[0], 0.78, "it stands in brackets after its name"),), item)


# ``Hall printer``, ``Drucker im Flur``: people call a printer by where it stands, and not by what sorts it.
_SORTS = (
    r"(?:default|other|others|further|more|installed|local|network|shared|remote|all|available|standard|weitere|andere|alle|lokale|installierte|"
    r"autres?|toutes|locales?|install[ée]es|otras?|todas|locales|instaladas|altre|tutte|locali|installate|outras|locais|overige|alle|inne|wszystkie|lokalne)"
)
_NOUN = r"(?:printer|drucker|imprimante|impresora|impressora|stampante|drukarka)"
CALLED_BY_PLACE = re.compile(
    rf"(?!{_SORTS}\b)[^\W\d_][\w'’-]*(?: [\w'’-]+){{0,2}} {_NOUN}|{_NOUN}(?! {_SORTS}\b)(?: [\w'’-]+){{1,4}}", re.I
)


def _says_which(label: str, of: str) -> bool:
    """Whether a label (``Main screen``) says which one of a kind is told of, and not what it is called."""
    if of == "printer" and CALLED_BY_PLACE.fullmatch(label):
        return False
    if of == "display" and WHERE_PLUGGED.fullmatch(label):
        return True
    return of in CALLED and any(at.group == of for at in subjects_in(words_of(label)))


def rows_under_label(interpreter: Interpreter, group: Group, shape: str) -> bool:
    """``2 drivers without a signature:`` over ``Gullwing printer 4, version 4.0.2, file gw4.sys``: rows that the one label
    above them lists. Whether they were read."""
    first, *rows = group.entries or [Entry("", "", 0, 0)]
    if first.printed or len(rows) < _LEAST_ROWS or group.children or {row.label for row in rows} != {first.label}:
        return False
    of = next((at.group for at in subjects_in(words_of(first.label)) if at.group in ITEM_GROUPS), "")
    naming = CALLED.get(of) or NAMING.get(of, "")
    if not naming.endswith((".name", ".model")) or any(BULLET.match(row.printed) for row in rows):
        return False
    before = len(interpreter.drafts)
    for row in rows:
        item = Item(of)
        if not told_bare(interpreter, by_gaps(replace(row, label="")), of, item, shape, naming, least=1):
            del interpreter.drafts[before:]
            return False
        interpreter.take(item)
    return True


_LEAST_ROWS = 2
# ``Chime Analog (Chime)``
_NAME_AND_MAKER = re.compile(r"(?P<name>[^()]+?) \((?P<maker>[A-Z][^()\d]{1,40})\)")
LISTED_BY_LABEL = frozenset({"firewall", "sound", "printer", "graphics", "display", "account"})
