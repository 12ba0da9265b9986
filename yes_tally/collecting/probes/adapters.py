"""Network adapters from /sys/class/net, their addresses by rtnetlink(7), gateway and name servers."""

from __future__ import annotations

import ipaddress
import socket
import struct
from collections.abc import Iterable
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, record, text_of
from yes_tally.collecting.probes.routes import default_gateways

_LOOPBACK, _ETHERNET = "772", "1"  # ARPHRD_LOOPBACK, ARPHRD_ETHER of <linux/if_arp.h>
_GETADDR, _NEWADDR, _DONE, _ERROR = 22, 20, 3, 2  # message types of rtnetlink(7) and netlink(7)
_DUMP = 0x301  # NLM_F_REQUEST | NLM_F_DUMP
_ADDRESS, _LOCAL = 1, 2  # IFA_ADDRESS, IFA_LOCAL


def ask(root: Path) -> Iterable[str]:
    """One record an adapter."""
    folder = root / "sys/class/net"
    if not folder.is_dir():
        needed(folder)
    addresses = addresses_by_index()
    gateways = default_gateways(text_of(root / "proc/net/route"))
    servers = [
        w[1] for line in text_of(root / "etc/resolv.conf").splitlines() if (w := line.split())[:1] == ["nameserver"]
    ]
    lines: list[str] = []
    for adapter in sorted(folder.iterdir()):
        own = addresses.get(text_of(adapter / "ifindex"), [])
        gateway = gateways.get(adapter.name, "")
        lines += ([""] if lines else []) + record(_record(adapter, own, gateway, servers if gateway else []))
    if not lines:
        raise NotSaid("no adapter is told in /sys/class/net: not supported on this PC")
    return lines


def _record(adapter: Path, addresses: list[str], gateway: str, servers: list[str]) -> list[tuple[str, object]]:
    kind = _kind(adapter)
    speed = text_of(adapter / "speed")
    ipv4 = [a for a in addresses if ":" not in a]
    return [
        ("Adapter name", adapter.name),
        ("Adapter kind", kind),
        ("MAC address", "" if kind == "loopback" else text_of(adapter / "address")),
        ("Connected", _connected(adapter, kind)),
        ("Link speed", f"{speed} Mbit/s" if speed.isdigit() and int(speed) > 0 else ""),
        *(("IPv4 address", a) for a in ipv4),
        *(("IPv6 address", a) for a in addresses if ":" in a),
        ("Default gateway", gateway),
        ("Name servers", ", ".join(servers)),
    ]


def _kind(adapter: Path) -> str:
    kind = text_of(adapter / "type")
    if kind == _LOOPBACK:
        return "loopback"
    if (adapter / "wireless").is_dir() or (adapter / "phy80211").exists():
        return "wireless"
    if not (adapter / "device").exists():
        return "virtual"
    return "wired" if kind == _ETHERNET else "other"


def _connected(adapter: Path, kind: str) -> str:
    carrier = text_of(adapter / "carrier")
    if kind == "loopback":
        return "yes" if carrier == "1" else ""
    state = text_of(adapter / "operstate")
    return {"up": "yes", "down": "no", "lowerlayerdown": "no", "notpresent": "no"}.get(
        state, {"1": "yes", "0": "no"}.get(carrier, "")
    )


def addresses_by_index() -> dict[str, list[str]]:
    """Every address of this PC as ``address/prefix``, by the index of its adapter; empty where netlink is closed."""
    found: dict[str, list[str]] = {}
    try:
        with socket.socket(socket.AF_NETLINK, socket.SOCK_RAW, 0) as link:
            link.settimeout(2)
            link.bind((0, 0))
            link.send(struct.pack("=IHHIIB7x", 24, _GETADDR, _DUMP, 1, 0, socket.AF_UNSPEC))
            while True:
                for kind, body in _messages(link.recv(65536)):
                    if kind in (_DONE, _ERROR):
                        return found
                    if kind == _NEWADDR:
                        index, address = _address(body)
                        found.setdefault(str(index), []).append(address)
    except OSError:
        return found


def _messages(data: bytes) -> Iterable[tuple[int, bytes]]:
    while len(data) >= 16:
        length, kind = struct.unpack_from("=IH", data)
        yield kind, data[16:length]
        data = data[(length + 3) & ~3 :]


def _address(body: bytes) -> tuple[int, str]:
    _, prefix, _, _, index = struct.unpack_from("=BBBBI", body)
    attributes: dict[int, bytes] = {}
    rest = body[8:]
    while len(rest) >= 4:
        length, kind = struct.unpack_from("=HH", rest)
        attributes[kind] = rest[4:length]
        rest = rest[max(4, (length + 3) & ~3) :]
    packed = attributes.get(_LOCAL) or attributes[_ADDRESS]
    return index, f"{ipaddress.ip_address(packed)}/{prefix}"


PROBE = Probe("adapters", "/sys/class/net, rtnetlink, /etc/resolv.conf, /proc/net/route", ask)
