"""Drivers: the kernel's loaded modules (/proc/modules) with the version and file that their folders tell."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, table, text_of

# Flags of /proc/modules that say where a module came from (kernel documentation, tainted-kernels).
_UNSIGNED = "E"


def ask(root: Path) -> Iterable[str]:
    """A table of loaded drivers."""
    files = dict(_files(root))
    rows = [_row(root, line.split(), files) for line in needed(root / "proc/modules").splitlines() if line.strip()]
    if not rows:
        raise NotSaid("/proc/modules lists no driver: not available on this PC")
    return table(("Driver", "Driver version", "Signed", "Driver file"), sorted(rows))


def _row(root: Path, words: list[str], files: dict[str, str]) -> tuple[str, ...]:
    name = words[0]
    flags = words[6].strip("()") if len(words) > 6 else ""
    signed = "no" if _UNSIGNED in flags else "yes"
    return name, text_of(root / "sys/module" / name / "version"), signed, files.get(name, "")


def _files(root: Path) -> Iterable[tuple[str, str]]:
    """Name to file, from modules.dep of the running kernel; ``-`` in a file's name stands for ``_``."""
    release = text_of(root / "proc/sys/kernel/osrelease")
    folder = Path("lib/modules") / release
    for line in text_of(root / folder / "modules.dep").splitlines():
        file = line.split(":", 1)[0]
        yield Path(file).name.split(".")[0].replace("-", "_"), f"/{folder / file}"


PROBE = Probe("drivers", "/proc/modules, /sys/module", ask)
