"""The host and its system: os-release(5), the kernel's version, when it was started."""

from __future__ import annotations

import os
import platform
import time
from collections.abc import Iterable
from datetime import datetime
from pathlib import Path

from yes_tally.collecting.probe import Probe, needed, record, text_of


def ask(root: Path) -> Iterable[str]:
    """Host name, system, kernel, architecture, start."""
    release = dict(_pairs(needed(root / "etc/os-release")))
    version = text_of(root / "proc/version").split()
    return record(
        [
            ("Host name", text_of(root / "proc/sys/kernel/hostname")),
            ("System", release.get("PRETTY_NAME") or release.get("NAME", "")),
            ("Edition", release.get("VARIANT", "")),
            ("System version", release.get("VERSION_ID", "")),
            ("System build", release.get("BUILD_ID", "")),
            ("Kernel", version[2] if len(version) > 2 else ""),
            ("Architecture", platform.machine()),
            ("Time zone", time.strftime("%Z (UTC%z)")),
            ("Last start", _booted(text_of(root / "proc/stat"))),
            ("System language", os.environ.get("LANG", "").split(".")[0]),
        ]
    )


def _pairs(text: str) -> Iterable[tuple[str, str]]:
    for line in text.splitlines():
        key, mark, value = line.partition("=")
        if mark:
            yield key.strip(), value.strip().strip("\"'")


def _booted(stat: str) -> str:
    """The start from ``btime`` of proc_stat(5)."""
    for line in stat.splitlines():
        if line.startswith("btime "):
            return datetime.fromtimestamp(int(line.split()[1])).strftime("%Y-%m-%d %H:%M:%S")
    return ""


PROBE = Probe("system", "/etc/os-release, /proc/version, /proc/stat", ask)
