"""What a later command tells of adapters that an earlier one named: by what people call them, and only what it asks for.

::

    gp-01> nics --dns
    Office LAN    10.20.1.53, 10.20.0.53
"""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.reading.drafts import Item

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ASKS_FOR_DNS = re.compile(r"(?:^|[\s/-])(?:dns|name-?servers?)(?=\s|$)", re.I)
_ADDRESSES = frozenset({"adapter.ipv4", "adapter.ipv6"})


def adapters_again(interpreter: Interpreter, command: str) -> None:
    """Give what this section tells of an adapter to the one that has its name for a connection; the addresses that a
    command for name servers prints are theirs."""
    told = [d for d in interpreter.drafts[interpreter.section_from :] if d.item and d.item.group == "adapter"]
    if told and _ASKS_FOR_DNS.search(command):
        for draft in told:
            draft.fact = "adapter.dns" if draft.fact in _ADDRESSES else draft.fact
    known: dict[str, Item] = {
        str(d.value.value): d.item
        for d in interpreter.drafts[: interpreter.section_from]
        if told and d.fact == "adapter.connection" and d.item
    }
    for draft in told:
        owner = known.get(str(draft.value.value)) if draft.fact == "adapter.name" else None
        again = draft.item
        if owner and again is not owner:
            draft.fact = "adapter.connection"
            for other in told:
                other.item = owner if other.item is again else other.item
