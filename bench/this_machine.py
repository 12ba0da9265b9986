"""What the reader makes of this machine's own commands and files, held against what the kernel tells otherwise.

The text is whatever the machine prints now; the truth is gathered here by other means (``statvfs``, ``/sys``,
``/proc``), one small function a text, so that it holds on any Linux machine. A reading is wrong when no truth of that
text has its fact and value; a truth is found when a reading has it.
"""

from __future__ import annotations

import os
import re
import shutil
import socket
import subprocess
from collections import Counter
from collections.abc import Callable, Iterable
from pathlib import Path
from typing import Any

from bench.scoring import MIN_CONFIDENCE, Score, same
from yes_tally.core.reading.reader import Reading, read

Truth = list[tuple[str, Any]]
_IP = re.compile(r"[0-9a-f.:]+/\d+", re.I)


def _file(path: str) -> str:
    try:
        return Path(path).read_text("utf-8", "replace")
    except OSError:
        return ""


def _mounts() -> list[tuple[str, str, str]]:
    return [
        (device, mount.encode().decode("unicode_escape"), kind)
        for device, mount, kind, *_ in (line.split(" ") for line in _file("/proc/self/mounts").splitlines())
    ]


def _of_df() -> Truth:
    truth: Truth = []
    printed = _printed(["df", "--output=target"]).split("\n")[1:]
    for mount in filter(None, (line.strip() for line in printed)):
        room = os.statvfs(mount)
        device, kind = next((d, k) for d, m, k in reversed(_mounts()) if m == mount)
        truth += [
            ("volume.mount", mount),
            ("volume.size", room.f_blocks * room.f_frsize),
            ("volume.free", room.f_bavail * room.f_frsize),
            ("volume.filesystem", kind) if device == kind else ("volume.disk", device),
        ]
    return truth


def _meminfo() -> dict[str, int]:
    rows = re.findall(r"(\w+):\s+(\d+) kB", _file("/proc/meminfo"))
    return {name: int(kilobytes) * 1024 for name, kilobytes in rows}


def _of_free() -> Truth:
    memory = _meminfo()
    return [
        ("memory.usable", memory["MemTotal"]),
        ("memory.available", memory["MemAvailable"]),
        ("page_file.size", memory["SwapTotal"]),
        ("page_file.used", memory["SwapTotal"] - memory["SwapFree"]),
    ]


def _of_meminfo() -> Truth:
    return [row for row in _of_free() if row[0] != "page_file.used"]


def _adapters() -> Iterable[tuple[str, str, str]]:
    for folder in sorted(Path("/sys/class/net").iterdir()):
        if (folder / "address").is_file():
            yield folder.name, _file(f"{folder}/address").strip(), _file(f"{folder}/operstate").strip()


def _addresses(name: str) -> tuple[list[str], list[str]]:
    """The addresses of an adapter, by the machine-readable form of the same tool."""
    rows = _printed(["ip", "-o", "addr", "show", "dev", name])
    found = [match.partition("/")[0] for match in _IP.findall(rows)]
    return [a for a in found if ":" not in a], [a for a in found if ":" in a]


def _of_ip_addr(brief: bool = False) -> Truth:
    truth: Truth = []
    for name, mac, state in _adapters():
        truth.append(("adapter.name", name))
        if not brief and mac.strip("0:"):
            truth.append(("adapter.mac", mac))
        if state in ("up", "down"):
            truth.append(("adapter.connected", state == "up"))
        if name == "lo" and not brief:
            truth += [("adapter.connected", True), ("adapter.kind", "loopback")]
        old, new = _addresses(name)
        truth += [("adapter.ipv4", old)] * bool(old) + [("adapter.ipv6", new)] * bool(new)
        for prefix in re.findall(r"inet [\d.]+/(\d+)", _printed(["ip", "-o", "-4", "addr", "show", "dev", name])):
            bits = (0xFFFFFFFF << (32 - int(prefix))) & 0xFFFFFFFF
            truth.append(("adapter.mask", ".".join(str(bits >> s & 255) for s in (24, 16, 8, 0))))
    return truth


def _hex_ip(text: str) -> str:
    return socket.inet_ntoa(bytes.fromhex(text)[::-1])


def _of_route() -> Truth:
    truth: Truth = []
    for line in _file("/proc/net/route").splitlines()[1:]:
        name, destination, gateway, _flags, _ref, _use, metric, mask, *_ = line.split()
        truth.append(("route.destination", _hex_ip(destination)))
        truth.append(("route.interface", name))
        if int(gateway, 16):
            truth.append(("route.gateway", _hex_ip(gateway)))
        if int(mask, 16) and mask != "FFFFFFFF":  # ``ip`` prints no prefix of a host or of everywhere
            truth.append(("route.mask", _hex_ip(mask)))
        if int(metric):
            truth.append(("route.metric", int(metric)))
    return truth


def _of_neighbours() -> Truth:
    truth: Truth = []
    for line in _printed(["ip", "-o", "neigh"]).splitlines():
        words = line.split()
        if "lladdr" in words:
            truth += [
                ("neighbour.address", words[0]),
                ("neighbour.interface", words[words.index("dev") + 1]),
                ("neighbour.mac", words[words.index("lladdr") + 1]),
                ("neighbour.kind", "static" if words[-1] == "PERMANENT" else "dynamic"),
            ]
    return truth


_STATES = {"0A": "LISTEN", "01": "ESTAB", "06": "TIME-WAIT", "08": "CLOSE-WAIT"}


def _of_sockets() -> Truth:
    """Listening TCP sockets, as the kernel lists them."""
    truth: Truth = []
    for line in _file("/proc/net/tcp").splitlines()[1:]:
        _, local, _remote, state, *_ = line.split()
        if state == "0A":
            address, port = local.split(":")
            truth += [
                ("connection.local", f"{_hex_ip(address)}:{int(port, 16)}"),
                ("connection.state", "LISTEN"),
                ("connection.remote", "0.0.0.0:*"),
            ]
    return truth


def _of_mount() -> Truth:
    return [
        row
        for device, mount, kind in _mounts()
        for row in (("volume.mount", mount), ("volume.filesystem", kind), ("volume.disk", device))
    ]


def _of_os_release() -> Truth:
    rows = dict(re.findall(r'^(\w+)="?([^"\n]*)"?$', _file("/etc/os-release"), re.M))
    names = [("os.name", rows[key]) for key in ("PRETTY_NAME", "NAME") if key in rows]
    return names + [("os.version", rows["VERSION_ID"])] * (2 if "VERSION" in rows else 1)


def _of_uname() -> Truth:
    told = os.uname()
    machine = {"x86_64": "x86-64", "aarch64": "arm64"}.get(told.machine, "other")
    return [("host.name", told.nodename), ("os.kernel", told.release), ("os.architecture", machine)]


TEXTS: tuple[tuple[list[str], Callable[[], Truth]], ...] = (
    (["df"], _of_df),
    (["df", "-h"], _of_df),
    (["df", "-B1"], _of_df),
    (["free"], _of_free),
    (["free", "-h"], _of_free),
    (["free", "-b"], _of_free),
    (["ip", "addr"], _of_ip_addr),
    (["ip", "-br", "addr"], lambda: _of_ip_addr(brief=True)),
    (["ip", "route"], _of_route),
    (["ip", "neigh"], _of_neighbours),
    (["ss", "-4tln"], _of_sockets),
    (["mount"], _of_mount),
    (["cat", "/proc/mounts"], _of_mount),
    (["cat", "/proc/meminfo"], _of_meminfo),
    (["cat", "/etc/os-release"], _of_os_release),
    (["uname", "-a"], _of_uname),
)


def _printed(command: list[str]) -> str:
    return subprocess.run(
        command, capture_output=True, text=True, check=False, env={**os.environ, "LC_ALL": "C"}
    ).stdout


def score(command: list[str], truth: Truth) -> Score:
    """One command's print, read, and held against its truth; sizes move by up to six in a thousand meanwhile."""
    found = Score()
    report = read(_printed(command).encode(), " ".join(command))
    left = [r for r in report.readings if r.confidence >= MIN_CONFIDENCE]
    found.readings, found.expected = len(left), len(truth)
    for fact, value in truth:
        hit = next((r for r in left if r.fact == fact and same(value, r)), None)
        if hit:
            left.remove(hit)
            found.found += 1
        else:
            found.missed[fact] += 1
    for reading in left:
        if not any(fact == reading.fact and (same(value, reading) or _part(value, reading)) for fact, value in truth):
            found.wrong += 1
            found.invented[f"{reading.fact} {reading.printed}"] += 1
    return found


def _part(value: Any, reading: Reading) -> bool:
    """A line of a list that goes on over several."""
    told = reading.value.value
    return isinstance(value, list) and isinstance(told, tuple) and set(told) <= set(value)


def scores() -> dict[str, Score]:
    """Every text that this machine has, by its command."""
    return {" ".join(command): score(command, truth()) for command, truth in TEXTS if shutil.which(command[0])}


if __name__ == "__main__":
    for command, each in scores().items():
        print(
            f"{command:22} {each.found:>3}/{each.expected:<3} wrong {each.wrong}  {dict(each.missed)} {dict(each.invented)}"
        )
    total = sum((Counter(found=s.found, expected=s.expected, wrong=s.wrong) for s in scores().values()), Counter())
    print(dict(total))
