"""Adapters, each on a line that says how it is called, over deeper lines that tell more of it in words.

::

    [up]    Wired 1      Ternwave GE 210, copper, 1000 Mbit/s
            hw 02:4c:19:a0:33:7e   mtu 1500   dhcp on
            v4 10.44.8.21/24   gw 10.44.8.1
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.adapters_again import DUPLEX
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.phrases import names_item
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, commas_for_gaps, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# ``[up]    ``, ``(down) ``
_STATE = re.compile(r"\s*[\[(](?P<state>[^\W\d_][^\[\]()]{0,20})[\])]\s+(?=\S)")
# ``adapter 1: ``, ``2. ``
_WHICH = re.compile(r"(?P<noun>(?:[^\W\d_]+ )?#?\d{1,2})[:.)]\s+(?=[^\W\d_])")
# ``Wired 1 (Ternwave GE 210)``
_BOTH_NAMES = re.compile(r"(?P<called>[^\W\d_][^()]*?) \((?P<model>[^\W\d_][^()]*\d[^()]*)\)$")
_ADDRESS = re.compile(r"\b[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}\b|\b\d{1,3}(?:\.\d{1,3}){3}\b", re.I)
# What it is called, to where a mark or a gap ends it.
_CALLED = re.compile(r"(?P<name>[^\W\d_](?:[^,;:= ]| (?! ))*)(?P<mark>$|[,;:]\s+|\s{2,})")
_MODEL = re.compile(r"(?P<name>[A-Z][\w&.-]*(?: [\w&./+-]+)+)(?:$|,\s+|\s{2,})")
_MOST_LINES = 400


def adapters_over_words(
    interpreter: Interpreter, lines: Sequence[Line], around: Sequence[str], *, parted: bool
) -> bool:
    """Read a block as such adapters, where it was asked for them; of one that a shape could part (``parted``) the first
    line must begin with a state. Whether it was read; where a line is of another form, nothing is."""
    if parted and not _STATE.match(lines[0].text[:MAX_LINE]):
        return False
    if "adapter" not in around[:2] or not 1 < len(lines) <= _MOST_LINES:
        return False
    least = indent_of(lines[0].text)
    below = [line for line in lines if indent_of(line.text) > least]
    if any(indent_of(line.text) < least for line in lines) or not any(
        _ADDRESS.search(line.text[:MAX_LINE]) for line in below
    ):
        return False
    before, items = len(interpreter.drafts), list[Item]()
    left: list[FactKind] = []
    for line in lines:
        if line not in below:
            item = Item("adapter")
            left = [fact for fact in FIELDS["adapter"] if fact.field not in ("name", "connection")]
            if not _head(interpreter, line, item, left):
                break
            items.append(item)
        else:
            _more(interpreter, line, line.text[:MAX_LINE].rstrip(), indent_of(line.text), items[-1], left)
    else:
        for item in items:
            interpreter.take(item)
        return True
    del interpreter.drafts[before:]
    return False


def _head(interpreter: Interpreter, line: Line, item: Item, left: list[FactKind]) -> bool:
    """Read the line that an adapter begins with: its state, what it is called, and more of it. Whether it is one."""
    text, start = line.text[:MAX_LINE].rstrip(), indent_of(line.text)
    if state := _STATE.match(text):
        connected = FACTS["adapter.connected"]
        value = understand(connected, state["state"], interpreter.locale)
        if value is None:
            return False
        place = Entry("", state["state"], line.number, state.start("state") + 1)
        interpreter.add(connected.name, item, place, value, "words", 0.85, "the line begins with the state")
        left.remove(connected)
        start = state.end()
    if (which := _WHICH.match(text, start)) and (which["noun"].isdigit() or names_item(which["noun"])):
        start = which.end()
    if not (called := _CALLED.match(text, start)) or (called["mark"] == ":" and not state and not which):
        return False
    both = _BOTH_NAMES.fullmatch(called["name"])
    parts = (
        [(both["called"], start), (both["model"], start + both.start("model"))] if both else [(called["name"], start)]
    )
    start = called.end()
    if not both and called["mark"].isspace() and (model := _MODEL.match(text, start)):
        before = len(interpreter.drafts)
        if told_in_words(interpreter, model["name"], line.number, start, "adapter", Item("adapter"), list(left)):
            del interpreter.drafts[before:]
        else:
            parts.append((model["name"], start))
            start = model.end()
    if not state and len(parts) == 1:
        return False  # nothing tells that it is not one word of many
    facts = ("adapter.connection", "adapter.name") if len(parts) > 1 else ("adapter.name",)
    for fact, (name, at) in zip(facts, parts, strict=True):
        place = Entry("", name, line.number, at + 1)
        interpreter.place(place, "words", (Guess(fact, 0.82, "the line begins with what it is called"),), item)
    _more(interpreter, line, text, start, item, left)
    return True


def _more(interpreter: Interpreter, line: Line, text: str, start: int, item: Item, left: list[FactKind]) -> None:
    """Read what a line tells of an adapter from the column ``start`` on."""
    told = commas_for_gaps(DUPLEX.sub(lambda said: " " * len(said.group()), text[start:]))
    told_in_words(interpreter, told, line.number, start, "adapter", item, left)
