"""Lines without a mark that say from when to when an adapter's address is lent (``Lease from 2025-02-10 07:31 to 2025-02-12
07:31``)."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import MOMENT
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_FROM = r"(?:from|since|got|von|vom|seit|ab|du|depuis(?: le)?|desde(?: el)?|del?|dal?|van|vanaf|sinds|od)"
_UNTIL = r"(?:to|until|till|bis(?: zum)?|au|jusqu['’]au|hasta(?: el)?|al?|at[ée]|fino al|tot|do)"
_LEASE = re.compile(
    r"\s*(?:[-*•] )?(?:(?:address|adresse|direcci[óo]n|endere[çc]o|indirizzo|adres) )?"
    r"(?:(?:dhcp[ -])?lease|leased|lent|geliehen|gemietet|geleast|bail|concesi[óo]n|arrendamiento|concess[ãa]o|concessione|verhuurd|dzier[żz]aw\w*)\b:?"
    rf"(?: {_FROM} (?P<lease_from>{MOMENT}))?(?:,?(?: {_UNTIL}| [-–—]) (?P<lease_until>{MOMENT}))?\W*",
    re.I,
)
_NEAR = 20


def read_leases(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """Keep what such lines of a section tell, where nothing else was read of them, of the adapter told of last above."""
    start = interpreter.section_from
    told = [draft for draft in interpreter.drafts[start:] if draft.fact.startswith("adapter.") and draft.item]
    read = {draft.entry.line for draft in told}
    for line in lines if told else ():
        match = _LEASE.fullmatch(line.text[:MAX_LINE])
        if match is None or line.number in read:
            continue
        above = [draft for draft in told if 0 < line.number - draft.entry.line <= _NEAR]
        item = max(above, key=lambda draft: draft.entry.line).item if above else None
        for field, printed in match.groupdict().items():
            fact = FACTS[f"adapter.{field}"]
            if item and printed and (value := understand(fact, printed, interpreter.locale)):
                entry = Entry("", printed, line.number, match.start(field) + 1)
                interpreter.add(fact.name, item, entry, value, "sentences", 0.85, "the line says how long it is lent")
