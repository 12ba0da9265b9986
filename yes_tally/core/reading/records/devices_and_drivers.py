"""Which of a device's pairs says its driver, and what a driver is called that is told under its device."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.reading.meaning.decide import Context, Guess, decide
from yes_tally.core.reading.meaning.labels import MERELY_NAME, words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import Entry, Group

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def without_models(entries: list[Entry]) -> list[Entry]:
    """A printer's model says which driver it has only where nothing else does."""
    if not any(SUBJECTS.get(words_of(entry.label)) == "driver" for entry in entries):
        return entries
    return [
        entry
        for entry in entries
        if SUBJECTS.get(words_of(entry.label)) == "driver"
        or not any(guess.fact == "printer.driver" for guess in decide(entry.label, Context("printer"))[:1])
    ]


def drivers_of_device(interpreter: Interpreter, group: Group, start: int, shape: str) -> None:
    """``"name": "Ternwave GbE", …, "driver": {"version": …}``: a driver of which nothing else says what it is called has
    the name of the device that it is told under."""
    drivers = {id(d.item): d.item for d in interpreter.drafts[start:] if d.item and d.item.group == "driver"}
    named = {id(draft.item) for draft in interpreter.drafts[start:] if draft.fact == "driver.name"}
    name = next((entry for entry in group.entries if words_of(entry.label) in MERELY_NAME), None)
    nameless = [item for which, item in drivers.items() if which not in named]
    if name and len(nameless) == 1:
        guess = Guess("driver.name", 0.8, "it is told under the device of this name")
        interpreter.place(name, shape, (guess,), nameless[0])
