"""One field of things that a report numbered before, under a heading that says which field it is.

::

    Serial numbers
       0  BNV1-22-9918A
       1  SH4-0077-K31
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.clauses.by_clause import SURE
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Entry
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ROW = re.compile(r"\s*(?:[-*•]\s+)?[#\[(]?(?P<which>[A-H]?\d{1,3})[\])]?\s*(?:[.:=)]|\s)\s*(?P<value>\S.*?)\s*$")
# What a thing is numbered by.
_NUMBERS = frozenset({"disk.number", "module.slot", "processor.socket", "partition.number"})
_MOST_LINES = 200


def read_field_list(interpreter: Interpreter, lines: Sequence[Line], heading: str) -> bool:
    """Read lines that each give a thing's number and one value, where all of these numbers were given to things of one kind
    in this section and ``heading`` (or else the first line) means a field of that kind. Whether they were read."""
    if not heading and lines:
        heading, lines = lines[0].text.strip(" :"), lines[1:]
    if not 0 < len(lines) <= _MOST_LINES or len(heading) > MAX_LABEL:
        return False
    rows = [match for line in lines if (match := _ROW.match(line.text[:MAX_LINE]))]
    if len(rows) < len(lines):
        return False
    drafts = interpreter.drafts[interpreter.section_from :]
    for number in sorted(_NUMBERS & {draft.fact for draft in drafts}):
        items = {str(d.value.value): d.item for d in drafts if d.fact == number and d.item}
        group = number.partition(".")[0]
        means = interpreter.means(heading, interpreter.context(group, (group,)))[:1]
        fact = means[0].fact if means and means[0].confidence > SURE else ""
        if fact.partition(".")[0] == group and fact != number and {row["which"] for row in rows} <= items.keys():
            for line, row in zip(lines, rows, strict=True):
                _tell(interpreter, fact, items[row["which"]], line, row)
            return True
    return False


def _tell(interpreter: Interpreter, fact: str, item: Item, line: Line, row: re.Match[str]) -> None:
    interpreter.frame.add(line.number)
    if value := understand(FACTS[fact], row["value"], interpreter.locale):
        at = Entry("", row["value"], line.number, row.start("value") + 1)
        interpreter.add(
            fact, item, at, value, "rows", 0.8, "it stands beside the number of the thing, under what it is"
        )
