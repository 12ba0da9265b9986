"""What a later command tells of adapters that an earlier one named: by what people call them, and only what it asks for.

::

    gp-01> nics --dns
    Office LAN    10.20.1.53, 10.20.0.53
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, commas_for_gaps
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ASKS_FOR_DNS = re.compile(
    r"(?:^|[\s/-])(?:dns|name-?servers?|namen|noms|nombres|nomes|nomi|nazwy|names)(?=\s|$)", re.I
)
_ADDRESSES = frozenset({"adapter.ipv4", "adapter.ipv6"})
_ROW = re.compile(r"\s*(?P<name>[^\W_][^:=|]*?)(?:\s{2,}|\s*[:=]\s+)(?P<told>\S.*)$")
# Of how fast a link is no fact tells in which directions.
DUPLEX = re.compile(r" (?:full|half|voll|halb)[ -]?duplex", re.I)


def rows_of_adapters_again(interpreter: Interpreter, lines: Sequence[Line], command: str) -> set[int]:
    """Read a section that has nothing but rows which begin with what an adapter was called before (``nics --speed``:
    ``Quayside LAN   1 Gbit/s``); returns the lines that were read."""
    known = interpreter.adapters
    printed = [line for line in lines if line.text.strip()] if known else []
    rows = [_ROW.match(line.text[:MAX_LINE]) for line in printed]
    if not rows or not all(row and row["name"] in known for row in rows):
        return set()
    for line, row in zip(printed, rows, strict=True):
        if row is None or is_placeholder(row["told"]):
            continue
        (item, _), start = known[row["name"]], row.start("told")
        if _ASKS_FOR_DNS.search(command):
            entry = Entry("dns", row["told"], line.number, start + 1)
            interpreter.place(entry, "rows", (Guess("adapter.dns", 0.85, "the command asks for it"),), item)
        else:
            told = {draft.fact for draft in interpreter.drafts if draft.item is item} & _ADDRESSES
            left = [f for f in FIELDS["adapter"] if f.field not in ("name", "connection") and f.name not in told]
            text = commas_for_gaps(DUPLEX.sub(lambda said: " " * len(said.group()), row["told"]).rstrip())
            told_in_words(interpreter, text, line.number, start, "adapter", item, left)
    return {line.number for line in printed}


def adapters_again(interpreter: Interpreter, command: str) -> None:
    """Give what this section tells of an adapter to the one that has its name for a connection; the addresses that a
    command for name servers prints are theirs."""
    told = [d for d in interpreter.drafts[interpreter.section_from :] if d.item and d.item.group == "adapter"]
    if not told:
        return
    if _ASKS_FOR_DNS.search(command):
        for draft in told:
            draft.fact = "adapter.dns" if draft.fact in _ADDRESSES else draft.fact
    known = interpreter.adapters
    for draft in told:
        # ``Office LAN: …`` names a card *Office*, where nothing else was called so.
        called = draft.entry.label if draft.entry.label in known else str(draft.value.value)
        owner, named_by = known.get(called, (None, ""))
        again = draft.item
        if owner and again is not owner and draft.fact == "adapter.name" and named_by == "adapter.connection":
            draft.fact, draft.value = "adapter.connection", exactly("text", called)
            for other in told:
                other.item = owner if other.item is again else other.item
    for fact in ("adapter.name", "adapter.connection"):
        known.update(
            {str(draft.value.value): (draft.item, fact) for draft in told if draft.fact == fact and draft.item}
        )
