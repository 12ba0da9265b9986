"""Local accounts from passwd(5) and group(5)."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, text_of

_CLOSED_SHELLS = ("nologin", "false", "sync", "halt", "shutdown")
_ADMIN_GROUPS = frozenset({"root", "sudo", "wheel", "admin"})


def ask(root: Path) -> Iterable[str]:
    """A table of accounts."""
    groups = _groups(text_of(root / "etc/group"))
    rows = [row for line in needed(root / "etc/passwd").splitlines() if (row := _row(line, groups))]
    if not rows:
        raise NotSaid("/etc/passwd is not supported in this form")
    head = ("Account", "Full name", "Enabled", "Administrator", "Groups")
    widths = [max(len(row[i]) for row in [head, *rows]) for i in range(len(head))]
    rule = tuple("-" * width for width in widths)
    return [
        "  ".join(cell.ljust(width) for cell, width in zip(row, widths, strict=True)).rstrip()
        for row in [head, rule, *rows]
    ]


def _groups(text: str) -> dict[str, set[str]]:
    """Member to groups, and by number: ``#0`` to the group's own name."""
    found: dict[str, set[str]] = {}
    for line in text.splitlines():
        parts = line.split(":")
        if len(parts) >= 4:
            found.setdefault(f"#{parts[2]}", set()).add(parts[0])
            for member in filter(None, parts[3].split(",")):
                found.setdefault(member, set()).add(parts[0])
    return found


def _row(line: str, groups: dict[str, set[str]]) -> tuple[str, ...] | None:
    parts = line.split(":")
    if len(parts) < 7:
        return None
    name, _, uid, gid, gecos, _, shell = parts[:7]
    own = sorted(groups.get(name, set()) | groups.get(f"#{gid}", set()))
    enabled = not shell.rsplit("/", 1)[-1].startswith(_CLOSED_SHELLS)
    admin = uid == "0" or bool(_ADMIN_GROUPS & set(own))
    full_name = gecos.split(",")[0].strip()
    return name, full_name or "-", "yes" if enabled else "no", "yes" if admin else "no", ", ".join(own) or "-"


PROBE = Probe("accounts", "/etc/passwd, /etc/group", ask)
