"""What is audited, in lists: each subcategory beside what is recorded of it, under its category."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Value
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import Entry, Group
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


_MOST_BLANKS = 5


def are_audited(interpreter: Interpreter, group: Group) -> bool:
    """Whether a record under a heading holds nothing but what is recorded of each thing: successes, failures, both, or
    nothing; of one of them at least it is both, or it was above."""
    fact = FACTS["policy.records"]
    told = [(entry, understand(fact, entry.printed, interpreter.locale)) for entry in group.entries if entry.label]
    if group.heading is None or group.children or not told or not all(value for _, value in told):
        return False
    if any(map(str.isdigit, "".join(entry.printed for entry, _ in told))):
        return False  # ``tasks: 212 in all``
    above = any(draft.fact == fact.name for draft in interpreter.drafts[interpreter.section_from :])
    return above or any(value and value.value == "both" and _BETWEEN.search(entry.printed) for entry, value in told)


_BETWEEN = re.compile(r"[ ,/]")


def policies(interpreter: Interpreter, group: Group, shape: str) -> bool:
    """What is audited, told by subcategory under a category: each value is what is recorded."""
    fact = FACTS["policy.records"]
    told = [(entry, understand(fact, entry.printed, interpreter.locale)) for entry in group.entries if entry.label]
    if group.children or not any(value for _, value in told):
        return False
    if len(told) == 1 and (group.heading is None or told[0][0].label.count(" ") > _MOST_BLANKS):
        return False  # ``The report could not be read: access denied``
    if sum(bool(value or is_placeholder(entry.printed)) for entry, value in told) * 2 < len(told):
        return False
    heading = group.heading
    for entry, value in told:
        category, slash, name = entry.label.partition(" / ")
        above: Entry | None = None
        if heading:
            labelled = _LABELLED.match(heading.text)
            start = labelled.end() if labelled and is_known(labelled["said"]) else 0
            start = at.end() if (at := _OF_AUDIT.match(heading.text)) else start
            above = Entry("category", heading.text[start:], heading.line, heading.column + start)
        elif slash:
            # ``System / Security state change``: the category, and what of it.
            above = Entry("category", category, entry.line, 1)
        label = Entry(entry.label, name if slash and not heading else entry.label, entry.line, 1)
        tell_audited(interpreter, above, label, (entry, value) if value else None, shape)
    if heading:
        interpreter.frame.add(heading.line)
    return True


# ``Category: Sign-in``
_LABELLED = re.compile(r"(?P<said>[^:]+):\s*(?=\S)")
# ``[audit.Sign-in]``
_OF_AUDIT = re.compile(r"(?:audit|policy|policies)[./:](?=[^\W\d_])", re.I)


def tell_audited(
    interpreter: Interpreter, category: Entry | None, name: Entry, records: tuple[Entry, Value] | None, shape: str
) -> None:
    """Keep one thing that is audited: its category and what of it, where they are said, and what is recorded."""
    item = interpreter.new_item("policy")
    if category:
        interpreter.place(category, shape, (Guess("policy.category", 0.75, "it stands over what is audited"),), item)
    # Whatever else its words may mean (``Audit policy``), what is audited is called so.
    if called := understand(FACTS["policy.subcategory"], name.printed, interpreter.locale):
        interpreter.add("policy.subcategory", item, name, called, shape, 0.8, "it is listed under a policy")
    if records:
        entry, value = records
        interpreter.add("policy.records", item, entry, value, shape, 0.85, "it is listed under a policy")
