"""Listening and open connections from /proc/net (proc_net of the kernel's documentation: addresses in hexadecimal)."""

from __future__ import annotations

import ipaddress
import os
import re
import struct
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, folder_of, needed, table, text_of

# <net/tcp_states.h>
_STATES = {
    "01": "established", "02": "syn sent", "03": "syn received", "04": "fin wait 1", "05": "fin wait 2",
    "06": "time wait", "07": "closed", "08": "close wait", "09": "last ack", "0A": "listening", "0B": "closing",
}  # fmt: skip
_FILES = (("TCP", "tcp"), ("TCP", "tcp6"), ("UDP", "udp"), ("UDP", "udp6"))
MAX_ROWS = 2000


def ask(root: Path) -> Iterable[str]:
    """A table of connections, with the process where rights allow."""
    needed(root / "proc/net/tcp")
    owners = dict(_owners(root))
    rows = [
        (protocol, _end(words[1]), _end(words[2]), _STATES.get(words[3], "") if protocol == "TCP" else "", owners.get(words[9], ""))
        for protocol, name in _FILES
        for line in text_of(root / "proc/net" / name).splitlines()[1 : MAX_ROWS + 1]
        if len(words := line.split()) > 9
    ]  # fmt: skip
    if not rows:
        raise NotSaid("/proc/net lists no connection: not available on this PC now")
    return table(("Protocol", "Local address", "Remote address", "State", "PID"), rows)


def _end(text: str) -> str:
    """``0100007F:1F90`` as address and port; the kernel prints each 32 bits in the PC's byte order."""
    address, _, port = text.partition(":")
    words = [int(address[i : i + 8], 16) for i in range(0, len(address), 8)]
    packed = struct.pack(f"={len(words)}I", *words)
    told = ipaddress.ip_address(packed)
    return f"[{told}]:{int(port, 16)}" if told.version == 6 else f"{told}:{int(port, 16)}"


def _owners(root: Path) -> Iterable[tuple[str, str]]:
    """Socket to process, from the open files that may be looked at."""
    for process in folder_of(root / "proc"):
        if process.name.isdigit():
            for file in folder_of(process / "fd"):
                try:
                    match = re.fullmatch(r"socket:\[(\d+)\]", os.readlink(file))
                except OSError:
                    continue
                if match:
                    yield match[1], process.name


PROBE = Probe("connections", "/proc/net/tcp, tcp6, udp, udp6", ask, rights="administrator", seconds=0.5)
