"""What labels say once all of a section are read: some say a fact only where no other label says it of the same thing (who
made a device beside who provided its driver, a processor's family beside its name), some say too little to be sure."""

from __future__ import annotations

from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.labels import words_of

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Draft
    from yes_tally.core.reading.interpret import Interpreter

_SECOND_CHOICES = {
    fact: frozenset(words_of(label) for label in labels.split("|"))
    for fact, labels in {
        "driver.provider": "maker|manufacturer|vendor|made by|hersteller|fabricant|fabricante|produttore|fabrikant|producent",
        "processor.name": "family|familie|famille|familia|famiglia|rodzina|cpu family|processor family|prozessorfamilie",
        "graphics.name": "chip|chipset|chip type|gpu|chiptyp|puce|procesador|processador|circuito|uklad|model|modell|modele|modelo|modello",
        "os.version": "revision|rev|revisione|revisie|rewizja|revisao",
        "page_file.size": (
            "max|maximum|maximum size|up to|at most|initial|initial size|anfang|anfangsgrosse|hochstens|maximal|taille initiale|taille maximale|maximale|"
            "tamano inicial|tamano maximo|inicial|maximo|tamanho inicial|tamanho maximo|dimensione iniziale|dimensione massima|iniziale|massima|massimo|"
            "begin|begingrootte|maximale grootte|rozmiar poczatkowy|rozmiar maks|rozmiar maksymalny|maksimum|maksymalny"
        ),
    }.items()
}


def is_second_choice(fact: str, label: str) -> bool:
    """Whether a label that may mean a fact says it only where no other does."""
    return fact in _SECOND_CHOICES and words_of(label) in _SECOND_CHOICES[fact]


def _leave_out_second_choices(interpreter: Interpreter) -> None:
    """Leave out what such labels of a section tell of a thing of which another label tells the same fact."""
    start = interpreter.section_from
    told = [draft for draft in interpreter.drafts[start:] if draft.fact in _SECOND_CHOICES and draft.entry.label]
    second = {id(draft) for draft in told if is_second_choice(draft.fact, draft.entry.label)}
    first = {(draft.fact, id(draft.item)) for draft in told if id(draft) not in second}
    left_out = {id(draft) for draft in told if id(draft) in second and (draft.fact, id(draft.item)) in first}
    if left_out:
        interpreter.blanks |= {draft.entry.line for draft in told if id(draft) in left_out}
        interpreter.drafts[start:] = [draft for draft in interpreter.drafts[start:] if id(draft) not in left_out]


_SURELY, _DOUBTED = 0.8, 0.45


def _doubt_lone_version(interpreter: Interpreter) -> None:
    """Doubt that a version is the system's, where only the bare word says so and the section tells nothing else of the
    system: a tool has one too."""
    told = [d for d in interpreter.drafts[interpreter.section_from :] if d.fact.startswith("os.")]
    lone = told[0] if len(told) == 1 and told[0].fact == "os.version" else None
    if lone and lone.confidence < _SURELY and words_of(lone.entry.label) == ("version",):
        lone.confidence = _DOUBTED


def _doubt_rivals(interpreter: Interpreter) -> None:
    """Doubt what one line says twice, and otherwise, of a thing that a PC has one of (``maker  Corrane | maker  Fennimore``):
    of which it says it, nothing tells."""
    told: dict[tuple[str, int], list[Draft]] = {}
    for draft in interpreter.drafts[interpreter.section_from :]:
        if draft.item is None and draft.entry.label and FACTS[draft.fact].kind == "text":
            told.setdefault((draft.fact, draft.entry.line), []).append(draft)
    for rivals in told.values():
        if len({(draft.entry.printed, draft.entry.label) for draft in rivals}) == len(rivals) > 1:
            for draft in rivals:
                draft.confidence = min(draft.confidence, _DOUBTED)


_SYSTEM = frozenset((word,) for word in "system systeme sistema systeem".split())
_RIGHT_BELOW, _LEAST_TOLD = 5, 2


def _system_as_pc(interpreter: Interpreter) -> None:
    """What a bare ``System`` is called is the PC's model, where what stands right below tells of the PC (a serial number, its
    form) and nothing of an operating system."""
    own = interpreter.drafts[interpreter.section_from :]
    for draft in own:
        if draft.fact != "os.name" or draft.confidence >= _SURELY or words_of(draft.entry.label) not in _SYSTEM:
            continue
        below = [d.fact.partition(".")[0] for d in own if 0 < d.entry.line - draft.entry.line <= _RIGHT_BELOW]
        if below.count("machine") >= _LEAST_TOLD and "os" not in below:
            draft.fact = "machine.model"


def weigh_labels(interpreter: Interpreter) -> None:
    """Weigh what a section's labels told against each other, once all of them are read: what only stands in for another is
    left out, and what tells too little, or says two things, is doubted."""
    for step in (_leave_out_second_choices, _doubt_lone_version, _doubt_rivals, _system_as_pc):
        step(interpreter)
