"""Local accounts from passwd(5) and group(5); passwords' ages from shadow(5) where rights allow."""

from __future__ import annotations

import struct
from collections.abc import Iterable
from datetime import UTC, date, datetime, timedelta
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, bytes_of, needed, table, text_of

_CLOSED_SHELLS = ("nologin", "false", "sync", "halt", "shutdown")
_ADMIN_GROUPS = frozenset({"root", "sudo", "wheel", "admin"})
_NO_END = 99_999  # shadow(5): a longest age that stands for "never"
_LASTLOG = struct.Struct("=i32s256s")  # struct lastlog of <lastlog.h>, one an account number
HEAD = (
    "Account", "Full name", "Enabled", "Administrator", "Password required", "Password set on",
    "Password expires on", "Last logon", "Groups",
)  # fmt: skip


def ask(root: Path) -> Iterable[str]:
    """A table of accounts."""
    groups = _groups(text_of(root / "etc/group"))
    shadow = {line.split(":")[0]: line.split(":") for line in text_of(root / "etc/shadow").splitlines()}
    logons = bytes_of(root / "var/log/lastlog", 4 << 20)
    rows = [row for line in needed(root / "etc/passwd").splitlines() if (row := _row(line, groups, shadow, logons))]
    if not rows:
        raise NotSaid("/etc/passwd is not supported in this form")
    return table(HEAD, rows)


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


def _row(line: str, groups: dict[str, set[str]], shadow: dict[str, list[str]], logons: bytes) -> tuple[str, ...] | None:
    parts = line.split(":")
    if len(parts) < 7:
        return None
    name, _, uid, gid, gecos, _, shell = parts[:7]
    own = sorted(groups.get(name, set()) | groups.get(f"#{gid}", set()))
    enabled = not shell.rsplit("/", 1)[-1].startswith(_CLOSED_SHELLS)
    admin = uid == "0" or bool(_ADMIN_GROUPS & set(own))
    ages = _ages(shadow[name]) if name in shadow else ("", "", "")
    return (
        name, gecos.split(",")[0], "yes" if enabled else "no", "yes" if admin else "no", *ages,
        _last_logon(logons, uid), ", ".join(own),
    )  # fmt: skip


def _ages(entry: list[str]) -> tuple[str, str, str]:
    """Password required, set on, expires on; days in shadow(5) count from 1970-01-01."""
    password, changed, longest = (entry[i] if i < len(entry) else "" for i in (1, 2, 4))
    required = "no" if password == "" else "yes"
    if not changed.isdigit() or changed == "0":
        return required, "", ""
    first = date(1970, 1, 1)
    expires = "never"
    if longest.isdigit() and int(longest) < _NO_END:
        expires = (first + timedelta(days=int(changed) + int(longest))).isoformat()
    return required, (first + timedelta(days=int(changed))).isoformat(), expires


def _last_logon(logons: bytes, uid: str) -> str:
    place = int(uid) * _LASTLOG.size if uid.isdigit() else len(logons)
    if place + _LASTLOG.size > len(logons):
        return ""
    at = _LASTLOG.unpack_from(logons, place)[0]
    return datetime.fromtimestamp(at, UTC).strftime("%Y-%m-%d %H:%M") if at > 0 else "never"


PROBE = Probe("accounts", "/etc/passwd, /etc/group, /etc/shadow, /var/log/lastlog", ask, rights="administrator")
