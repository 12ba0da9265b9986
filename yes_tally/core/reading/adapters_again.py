"""What a later command tells of adapters that an earlier one named: by what people call them, and only what it asks for.

::

    gp-01> nics --dns
    Office LAN    10.20.1.53, 10.20.0.53
"""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.quantity import exactly
from yes_tally.core.reading.drafts import Item

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ASKS_FOR_DNS = re.compile(r"(?:^|[\s/-])(?:dns|name-?servers?)(?=\s|$)", re.I)
_ADDRESSES = frozenset({"adapter.ipv4", "adapter.ipv6"})


def adapters_again(interpreter: Interpreter, command: str) -> None:
    """Give what this section tells of an adapter to the one that has its name for a connection; the addresses that a
    command for name servers prints are theirs."""
    told = [d for d in interpreter.drafts[interpreter.section_from :] if d.item and d.item.group == "adapter"]
    if not told:
        return
    if _ASKS_FOR_DNS.search(command):
        for draft in told:
            draft.fact = "adapter.dns" if draft.fact in _ADDRESSES else draft.fact
    known: dict[str, Item] = {
        str(d.value.value): d.item
        for d in interpreter.drafts[: interpreter.section_from]
        if d.fact == "adapter.connection" and d.item
    }
    for draft in told:
        # ``Office LAN: …`` names a card *Office*, where nothing else was called so.
        called = draft.entry.label if draft.entry.label in known else str(draft.value.value)
        owner, again = known.get(called) if draft.fact == "adapter.name" else None, draft.item
        if owner and again is not owner:
            draft.fact, draft.value = "adapter.connection", exactly("text", called)
            for other in told:
                other.item = owner if other.item is again else other.item
