"""Of several clocks or speeds in one value, the one that a thing is made for (``2666 MT/s now, 3200 MT/s rated``)."""

from __future__ import annotations

import re
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.labelled import Told
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.values.asides import ASIDES, RATED
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DIGIT = re.compile(r"\d")


def kept_as_rated(interpreter: Interpreter, told: Told, item: Item | None, entry: Entry, shape: str) -> bool:
    """Keep the one that is said to be what the thing is made for. Whether the first of them is another (``5100 MHz max``)
    and so is not the fact that the label means."""
    rated = RATED[told.fact].search(entry.printed)
    value = understand(FACTS[told.fact], rated[1], interpreter.locale) if rated else None
    if rated and value and rated.start():
        at = replace(entry, printed=rated[1], column=entry.column + rated.start())
        interpreter.add(told.fact, item, at, value, shape, told.confidence, told.why, told.also)
        return True
    first = _DIGIT.search(entry.printed)
    said = (pattern.match(entry.printed) for pattern, _ in ASIDES[told.fact])
    return first is not None and any(match and match.start(1) == first.start() for match in said)
