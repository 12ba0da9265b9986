"""Scheduled tasks: crontab(5) lines and systemd.timer(5) units."""

from __future__ import annotations

import re
from collections.abc import Iterable
from datetime import UTC, datetime
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, folder_of, table, text_of

_LINE = re.compile(r"^(?P<when>@\w+|(?:\S+\s+){4}\S+)\s+(?P<rest>\S.*)$")
_UNIT_FOLDERS = ("etc/systemd/system", "usr/lib/systemd/system", "lib/systemd/system")
_STAMPS = "var/lib/systemd/timers"


def ask(root: Path) -> Iterable[str]:
    """A table of tasks: name, whether it is on, what it starts, who it runs as, when it last ran."""
    rows = [*_cron(root), *_timers(root)]
    if not rows:
        raise NotSaid("no crontab and no timer is told here: not available on this PC")
    return table(("Task name", "Enabled", "Runs", "Runs as", "Last run"), rows)


def _cron(root: Path) -> Iterable[tuple[str, ...]]:
    for path in (root / "etc/crontab", *folder_of(root / "etc/cron.d")):
        for number, (user, command) in enumerate(_system_lines(text_of(path)), 1):
            yield f"{path.name} {number}", "yes", command, user, ""
    for path in folder_of(root / "var/spool/cron/crontabs"):
        for number, match in enumerate(_lines(text_of(path)), 1):
            yield f"crontab of {path.name} {number}", "yes", match["rest"], path.name, ""


def _lines(text: str) -> Iterable[re.Match[str]]:
    for line in text.splitlines():
        match = _LINE.match(line.strip())
        if match and not line.lstrip().startswith("#") and not re.match(r"\w+\s*=", line):
            yield match


def _system_lines(text: str) -> Iterable[tuple[str, str]]:
    """The system's own crontabs name a user between the time and the command."""
    for match in _lines(text):
        user, _, command = match["rest"].partition(" ")
        if command.strip():
            yield user, command.strip()


def _timers(root: Path) -> Iterable[tuple[str, ...]]:
    seen: set[str] = set()
    enabled = {link.name for folder in (root / "etc/systemd/system").glob("*.wants") for link in folder_of(folder)}
    for folder in _UNIT_FOLDERS:
        for unit in folder_of(root / folder):
            if unit.suffix == ".timer" and unit.name not in seen:
                seen.add(unit.name)
                starts = re.search(r"^Unit=(\S+)", text_of(unit), re.MULTILINE)
                service = starts[1] if starts else f"{unit.stem}.service"
                yield unit.name, "yes" if unit.name in enabled else "no", service, "", _stamp(root, unit.name)


def _stamp(root: Path, name: str) -> str:
    """A timer that catches up leaves a file whose time is its last run."""
    try:
        at = (root / _STAMPS / f"stamp-{name}").stat().st_mtime
    except OSError:
        return ""
    return datetime.fromtimestamp(at, UTC).strftime("%Y-%m-%d %H:%M")


PROBE = Probe("tasks", "/etc/crontab, /etc/cron.d, crontabs, timer units", ask, rights="administrator")
