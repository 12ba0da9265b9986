"""What a heading over a network card's pairs says of it: of which kind it is, and what people call it."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.drafts import Draft, Item, call_by_people
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import WHICH_DEVICE, words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_likely, names_item
from yes_tally.core.reading.records.headings_in_parts import LATEST
from yes_tally.core.reading.records.names_in_headings import SETTINGS
from yes_tally.core.reading.shapes.layout import Entry, Heading
from yes_tally.core.reading.values.understand import MAX_TEXT
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def kind_in_heading(interpreter: Interpreter, heading: Heading, shape: str, item: Item) -> None:
    """``Wireless card Ternwave AX 20`` over an adapter's pairs: of which kind it is, where words before its name say so."""
    own = [draft for draft in interpreter.drafts[-LATEST:] if draft.item is item]
    if any(draft.fact == "adapter.kind" for draft in own):
        return
    told = next((draft for draft in own if draft.entry.line == heading.line), None)
    words = heading.text[: max(0, told.entry.column - heading.column)].split() if told else []
    choices = FACTS["adapter.kind"].choices
    for length in (2, 1):
        for at in range(len(words) - length + 1):
            text = " ".join(words[at : at + length])
            if kind := choice_named("kind", choices, text):
                entry = Entry("", text, heading.line, heading.column + heading.text.index(text))
                interpreter.add(
                    "adapter.kind", item, entry, exactly("choice", kind), shape, 0.75, "the heading says so"
                )
                return


# A name of a few words, and what a chapter may be called as well.
_CALLED_BY_PEOPLE = re.compile(r"\W*(?P<name>[A-Z][\w'-]*(?: [\w'-]+){0,2})\W*$")
_CHAPTERS = frozenset(
    "general summary details overview information allgemein zusammenfassung einzelheiten ubersicht resume apercu generalites "
    "resumen detalles resumo detalhes geral riepilogo dettagli generale samenvatting algemeen overzicht podsumowanie "
    "szczegoly ogolne przeglad".split()
)


def connection_in_heading(interpreter: Interpreter, heading: Heading, shape: str, item: Item) -> None:
    """``[Quay wired]`` over an adapter's pairs, one of which says which card it is: what people call it."""
    match = _CALLED_BY_PEOPLE.match(heading.text[:MAX_TEXT])
    words = words_of(match["name"]) if match else ()
    if (
        match is None
        or is_likely(match["name"])
        or names_item(match["name"])
        or words in SUBJECTS
        or not (_CHAPTERS | SETTINGS).isdisjoint(words)
        or is_likely(match["name"].split()[0])
        or any(draft.entry.line == heading.line for draft in interpreter.drafts[-LATEST:])
    ):
        return
    entry = Entry("", match["name"], heading.line, heading.column + match.start("name"))
    interpreter.place(entry, shape, (Guess("adapter.connection", 0.75, "it heads what is said of a card"),), item)
    interpreter.frame.add(heading.line)


# What says of a card which one it is.
_OF_CARDS = WHICH_DEVICE | frozenset(
    (word,)
    for word in "hardware materiel toestel sprzet description beschreibung descripcion descricao descrizione omschrijving opis".split()
)


def named_twice(interpreter: Interpreter) -> None:
    """``Harbour Ethernet`` over an adapter's pairs, one of which says what it is: the heading is what people call it, in all
    that a section tells."""
    names: dict[int, list[Draft]] = {}
    connected: set[int] = set()
    for draft in interpreter.drafts[interpreter.section_from :]:
        if draft.fact == "adapter.name":
            names.setdefault(id(draft.item), []).append(draft)
        elif draft.fact == "adapter.connection":
            connected.add(id(draft.item))
    for of, (above, *others) in names.items():
        below = next((other for other in others if other.entry.line > above.entry.line), None)
        if below and below.item and of not in connected and (not above.entry.label or _says_which(below.entry.label)):
            call_by_people(above)
            below.item.keys["adapter.name"] = str(below.value.value)


def _says_which(label: str) -> bool:
    return words_of(label) in _OF_CARDS
