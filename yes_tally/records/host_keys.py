"""Host keys, pinned at the first visit."""

from __future__ import annotations

from yes_tally.records.models import HostKey
from yes_tally.records.store import NotThere, now, writing


def known(address: str, port: int) -> str | None:
    """The key that was shown first at this place, or ``None``."""
    found = HostKey.get_or_none((HostKey.address == address) & (HostKey.port == port))
    return found.shown if found else None


def pin(address: str, port: int, shown: str) -> None:
    """Keep a key; the first one stays."""
    with writing():
        HostKey.insert(address=address, port=port, shown=shown, first_at=now()).on_conflict_ignore().execute()


def forget(address: str, port: int) -> None:
    """Forget a key, so that the next one shown is pinned. Raises ``NotThere``."""
    with writing():
        gone = HostKey.delete().where((HostKey.address == address) & (HostKey.port == port)).execute()
    if not gone:
        raise NotThere(f"no host key is pinned for {address}, port {port}")
