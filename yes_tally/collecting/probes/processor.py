"""Processors by socket, from /proc/cpuinfo (one block a logical processor) and cpufreq."""

from __future__ import annotations

import platform
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, record, text_of


def ask(root: Path) -> Iterable[str]:
    """One record a socket."""
    blocks = [dict(_fields(block)) for block in needed(root / "proc/cpuinfo").split("\n\n") if block.strip()]
    logical = [block for block in blocks if "processor" in block]
    if not logical:
        raise NotSaid("/proc/cpuinfo is not supported in this form")
    sockets: dict[str, list[dict[str, str]]] = {}
    for block in logical:
        sockets.setdefault(block.get("physical id", "0"), []).append(block)
    lines: list[str] = []
    for number, (socket, threads) in enumerate(sockets.items()):
        lines += ([""] if number else []) + record(_record(root, socket, threads))
    return lines


def _fields(block: str) -> Iterable[tuple[str, str]]:
    for line in block.splitlines():
        key, mark, value = line.partition(":")
        if mark:
            yield key.strip(), value.strip()


def _record(root: Path, socket: str, threads: list[dict[str, str]]) -> list[tuple[str, object]]:
    first = threads[0]
    limit = text_of(root / "sys/devices/system/cpu/cpu0/cpufreq/cpuinfo_max_freq")
    return [
        ("Processor socket", socket),
        ("Processor name", first.get("model name") or first.get("Model") or first.get("Hardware", "")),
        ("Processor maker", first.get("vendor_id", "")),
        ("Processor architecture", platform.machine()),
        ("Cores", first.get("cpu cores") or len({t.get("core id", str(i)) for i, t in enumerate(threads)})),
        ("Threads", first.get("siblings") or len(threads)),
        ("Current clock", f"{first['cpu MHz']} MHz" if "cpu MHz" in first else ""),
        ("Maximum clock", f"{int(limit) / 1000:g} MHz" if limit.isdigit() else ""),
        ("Stepping", first.get("stepping", "")),
        *_caches(root),
    ]


def _caches(root: Path) -> Iterable[tuple[str, object]]:
    """The caches of the first logical processor; sysfs says KiB as ``K``."""
    for folder in sorted((root / "sys/devices/system/cpu/cpu0/cache").glob("index*")):
        level, kind, size = (text_of(folder / name) for name in ("level", "type", "size"))
        if kind in ("Data", "Unified") and level in ("1", "2", "3") and size.endswith("K"):
            yield f"L{level} cache", f"{size[:-1]} KiB"


PROBE = Probe("processor", "/proc/cpuinfo, /sys/devices/system/cpu", ask)
