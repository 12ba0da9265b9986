"""Set-up date and the oldest trace: the oldest system folder or log still there."""

from __future__ import annotations

from collections.abc import Iterable
from datetime import UTC, datetime
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, folder_of, record

_SET_UP = ("etc/machine-id", "var/log/installer", "root/anaconda-ks.cfg")
_FOLDERS = ("var/log", "home", "srv")


def ask(root: Path) -> Iterable[str]:
    """When the system seems to have been set up, and the oldest thing on it that is still there."""
    set_up = [at for name in _SET_UP if (at := _time(root / name))]
    places = [root / "lost+found", *(path for name in _FOLDERS for path in folder_of(root / name))]
    traces = [at for path in places if (at := _time(path))]
    if not set_up and not traces:
        raise NotSaid("no dated system folder is told here: not supported on this PC")
    return record(
        [("System set up on", _shown(min(set_up, default=0))), ("Oldest trace", _shown(min(traces, default=0)))]
    )


def _time(path: Path) -> float:
    """Last change; 0 when there is none, or when the clock had not been set."""
    try:
        at = path.lstat().st_mtime
    except OSError:
        return 0
    return at if at > 10**8 else 0


def _shown(at: float) -> str:
    return datetime.fromtimestamp(at, UTC).strftime("%Y-%m-%d") if at else ""


PROBE = Probe("traces", "/etc/machine-id, times of system folders and logs", ask, rights="administrator")
