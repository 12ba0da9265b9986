"""Volumes: what is mounted (/proc/mounts) and how full it is (statvfs), in bytes."""

from __future__ import annotations

import os
import re
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, record

_MEMORY = frozenset({"tmpfs", "ramfs", "devtmpfs", "zram"})
_NETWORK = frozenset({"nfs", "nfs4", "cifs", "smb3", "sshfs", "fuse.sshfs", "9p", "ceph", "glusterfs"})
_OPTICAL = frozenset({"iso9660", "udf"})
_ESCAPE = re.compile(r"\\(\d{3})")


def ask(root: Path) -> Iterable[str]:
    """One record a mounted file system that has a size."""
    lines: list[str] = []
    seen: set[str] = set()
    for line in needed(root / "proc/mounts").splitlines():
        words = line.split()
        if len(words) < 3:
            continue
        device, mount, system = (_ESCAPE.sub(lambda m: chr(int(m[1], 8)), word) for word in words[:3])
        space = _space(root, mount)
        if mount in seen or space is None:
            continue
        seen.add(mount)
        lines += ([""] if lines else []) + record(_record(device, mount, system, *space))
    if not lines:
        raise NotSaid("nothing mounted has a size: not supported on this PC")
    return lines


def _space(root: Path, mount: str) -> tuple[int, int] | None:
    """Size and what an ordinary user may still use, in bytes."""
    try:
        stat = os.statvfs(root / mount.lstrip("/"))
    except OSError:
        return None
    return (stat.f_blocks * stat.f_frsize, stat.f_bavail * stat.f_frsize) if stat.f_blocks else None


def _record(device: str, mount: str, system: str, size: int, free: int) -> list[tuple[str, object]]:
    return [
        ("Mount point", mount),
        ("Volume device", device),
        ("File system", system),
        ("Volume size", f"{size} bytes"),
        ("Free space", f"{free} bytes"),
        ("Volume kind", _kind(system)),
    ]


def _kind(system: str) -> str:
    for kind, systems in (("memory", _MEMORY), ("network", _NETWORK), ("optical", _OPTICAL)):
        if system in systems:
            return kind
    return "fixed"


PROBE = Probe("volumes", "/proc/mounts, statvfs", ask)
