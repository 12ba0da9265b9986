"""The maker of a device beside the provider of its driver: who made the device did not provide the driver, though a report
that says no more means it so."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.reading.meaning.labels import words_of

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_PROVIDER = "driver.provider"
_MAKER = frozenset(
    words_of(word)
    for word in "maker|manufacturer|vendor|made by|hersteller|fabricant|fabricante|produttore|fabrikant|producent".split(
        "|"
    )
)


def of_device(fact: str, label: str) -> bool:
    """Whether a label that may mean the provider of a driver says who made the device."""
    return fact == _PROVIDER and words_of(label) in _MAKER


def leave_out_makers(interpreter: Interpreter) -> None:
    """Leave out who made a device, of the drivers of a section whose providers are told by a label of their own."""
    start = interpreter.section_from
    told = [draft for draft in interpreter.drafts[start:] if draft.fact == _PROVIDER]
    made = {id(draft) for draft in told if of_device(draft.fact, draft.entry.label)}
    provided = {id(draft.item) for draft in told if draft.entry.label and id(draft) not in made}
    left_out = {id(draft) for draft in told if id(draft) in made and id(draft.item) in provided}
    if left_out:
        interpreter.blanks |= {draft.entry.line for draft in told if id(draft) in left_out}
        interpreter.drafts[start:] = [draft for draft in interpreter.drafts[start:] if id(draft) not in left_out]
