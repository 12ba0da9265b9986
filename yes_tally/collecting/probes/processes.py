"""Running processes from proc_pid_status(5); never their command lines, which may hold passwords."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, folder_of, table, text_of


def ask(root: Path) -> Iterable[str]:
    """A table of processes with their resident memory."""
    users = {p[2]: p[0] for line in text_of(root / "etc/passwd").splitlines() if len(p := line.split(":")) > 2}
    found = sorted((p for p in folder_of(root / "proc") if p.name.isdigit()), key=lambda p: int(p.name))
    rows = [row for process in found if (row := _row(process, users))]
    if not rows:
        raise NotSaid("/proc lists no process: not supported on this PC")
    return table(("PID", "Process", "User", "Memory"), rows)


def _row(process: Path, users: dict[str, str]) -> tuple[str, ...] | None:
    told = dict(line.split(":\t", 1) for line in text_of(process / "status").splitlines() if ":\t" in line)
    if "Name" not in told:
        return None
    uid = (told.get("Uid", "").split() or [""])[0]
    resident = told.get("VmRSS", "").split()
    return process.name, told["Name"], users.get(uid, uid), f"{resident[0]} KB" if resident else ""


PROBE = Probe("processes", "/proc", ask, seconds=0.5)
