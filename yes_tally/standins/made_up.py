"""One made-up PC drawn from a seed: every item of the catalogue, consistent with itself."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime, timedelta
from ipaddress import IPv6Address
from random import Random
from typing import Any
from uuid import UUID

from yes_tally.standins import vocabulary as words
from yes_tally.standins.machine import Item, Machine

MIB, GIB = 2**20, 2**30
_HIDDEN_BY_FIRMWARE = 173 * MIB


@dataclass(frozen=True, slots=True)
class Desk:
    """Where a made-up PC stands; ``number`` is its place in the inventory, counted from 1."""

    number: int
    host: str
    site: str
    room: str
    desk: str
    role: str
    form: str


def make(random: Random, desk: Desk, today: datetime, release: int = 12) -> Machine:
    """Draw a PC for a desk. ``today`` anchors its dates; ``release`` is its system's."""
    maker, model = random.choice(words.MODELS[desk.form])
    serial = words.SERIALS[maker].format(n=random.randint(3, 9), a=random.randint(10000, 99999))
    processor = _processor(random, desk)
    modules = _modules(random, desk)
    disk = _disk(random, desk)
    volumes = _volumes(random, disk["size"])
    set_up = today - timedelta(days=random.randint(240, 900), hours=random.randint(0, 9))
    accounts = _accounts(random, today)
    person = accounts[-1]["name"]
    adapter = _adapter(random, desk, today)
    booted = today - timedelta(hours=random.randint(1, 200), minutes=random.randint(0, 59))
    installed = sum(module["size"] for module in modules)
    build = f"12.0.4417.{random.choice((79, 82, 82, 85))}" if release == 12 else "11.2.3096.41"
    facts: dict[str, Any] = {
        "machine.maker": maker, "machine.model": model, "machine.serial": serial, "machine.tag": f"LSF-{desk.number:04}",
        "machine.sku": f"{model[:2].upper()}{random.randint(100, 999)}-EU", "machine.form": desk.form,
        "machine.uuid": str(UUID(int=random.getrandbits(128), version=4)),
        "board.maker": maker, "board.model": f"{maker[:1]}B-{random.choice((70, 71, 90))}", "board.version": "2.1",
        "board.serial": f"MB{random.getrandbits(36):09X}",
        "firmware.maker": "Lanternworks", "firmware.version": random.choice(("1.18", "1.21")),
        "firmware.dated": _midnight(set_up - timedelta(days=200)), "firmware.mode": "uefi", "firmware.secure_boot": True,
        "security.tpm": "2.0", "security.virtualisation": True,
        "host.name": desk.host, "host.domain": "lantern.example", "host.owner": "Dispatch office",
        "host.organisation": "Lantern Sound Ferries", "host.user": person, "host.time_zone": "(UTC+00:00) Northquay",
        "host.booted_at": booted.replace(second=0),
        "memory.installed": installed, "memory.usable": installed - _HIDDEN_BY_FIRMWARE,
        "memory.available": int(installed * random.uniform(0.3, 0.7)) // MIB * MIB,
        "memory.slots": 2 if desk.form == "laptop" else 4, "memory.limit": (32 if desk.form == "laptop" else 64) * GIB,
        "os.name": f"Harbour OS {release}", "os.edition": "Studio" if desk.role == "drawing" else "Desk Pro",
        "os.version": f"{release}.0", "os.build": build, "os.kernel": f"{release - 6}.4.{release}",
        "os.architecture": "x86-64", "os.installed_at": set_up.replace(second=0),
        "os.oldest_trace_at": _midnight(set_up - timedelta(hours=2)), "os.language": "en-GB",
        "os.product_id": f"{random.randint(10000, 99999)}-{random.randint(10000, 99999)}-HB{release}",
        "licence.channel": "volume", "licence.state": "active", "licence.permanent": True,
        "licence.key_tail": "".join(random.choice(words.KEY_LETTERS) for _ in range(5)), "licence.expires_at": "never",
        "licence.grace": 0, "licence.resets_left": random.randint(1, 4), "licence.server": "keys.lantern.example",
    }  # fmt: skip
    items: dict[str, tuple[Item, ...]] = {
        "processor": (processor,), "module": modules, "disk": (disk,), "volume": volumes,
        "partition": _partitions(random, disk, volumes), "adapter": (adapter, _LOOPBACK), "account": accounts,
        "software": _software(random, desk.role, today), **_devices(random, desk, today), **_system(random, person, today),
        **_network(random, desk, adapter),
    }  # fmt: skip
    return Machine(facts["machine.tag"], desk.host, desk.site, desk.room, desk.desk, desk.role, facts, items, claims={})


def _midnight(at: datetime) -> datetime:
    return at.replace(hour=0, minute=0, second=0, microsecond=0)


def _processor(random: Random, desk: Desk) -> Item:
    size = (
        "large" if desk.role == "drawing" else "middle" if desk.role != "workshop" or random.random() < 0.5 else "small"
    )
    name, cores, threads, rated, longest, l2, l3 = words.PROCESSORS[size]
    return {
        "name": name, "maker": name.split()[0], "cores": cores, "threads": threads, "clock": rated * 10**6,
        "max_clock": longest * 10**6, "current_clock": (rated - 100 * random.randint(0, 9)) * 10**6,
        "architecture": "x86-64", "width": 64, "cache_l1": cores * 64 * 1024, "cache_l2": l2 * 1024,
        "cache_l3": l3 * 1024, "socket": "CPU 0", "stepping": str(random.randint(1, 9)),
    }  # fmt: skip


def _modules(random: Random, desk: Desk) -> tuple[Item, ...]:
    maker, part, size, kind, speed = (
        ("Dunlin", "DN16-D5-4800", 16, "DDR5", 4800)
        if desk.role == "drawing"
        else ("Siskin", "SK08-D4-2666", 8, "DDR4", 2666)
    )
    form, pins = ("so-dimm", {"DDR4": 260, "DDR5": 262}[kind]) if desk.form == "laptop" else ("dimm", 288)
    return tuple(
        {
            "slot": slot, "bank": f"CH-{slot[0]}/{int(slot[1]) - 1}", "size": size * GIB, "type": kind, "form": form,
            "speed": speed, "running_speed": speed, "maker": maker, "part": part,
            "serial": f"{random.getrandbits(32):08X}", "pins": pins,
        }
        for slot in ("A1", "A2")
    )  # fmt: skip


def _disk(random: Random, desk: Desk) -> dict[str, Any]:
    model, size = ("Basalt NV1000", 1_000_204_886_016) if desk.role == "drawing" else ("Basalt NV500", 500_107_862_016)
    return {
        "number": "0", "model": model, "serial": f"B{random.randint(3, 9)}-{random.randint(1000, 9999)}-QX", "size": size,
        "media": "nvme", "bus": "NVMe", "layout": "gpt", "id": str(UUID(int=random.getrandbits(128), version=4)),
        "firmware": f"2B{random.randint(3, 6)}Q", "health": "good", "boot": True, "read_only": False,
        "unallocated": 1 * GIB,
    }  # fmt: skip


def _volumes(random: Random, size: int) -> tuple[Item, ...]:
    system, data = int(size * 0.78), int(size * 0.2)
    return tuple(
        {
            "mount": mount, "label": label, "filesystem": "kelp", "size": whole, "free": int(whole * random.uniform(*share)),
            "kind": "fixed", "serial": f"{random.getrandbits(32):08X}", "disk": "0", "encrypted": mount == "data:",
            "state": "healthy",
        }
        for mount, label, whole, share in (("sys:", "System", system, (0.3, 0.6)), ("data:", "Data", data, (0.4, 0.8)))
    )  # fmt: skip


def _partitions(random: Random, disk: Item, volumes: tuple[Item, ...]) -> tuple[Item, ...]:
    found, start = [], MIB
    for number, (kind, size) in enumerate(
        (("EFI system", 260 * MIB), *(("basic data", volume["size"]) for volume in volumes)), 1
    ):
        found.append(
            {
                "disk": disk["number"], "number": str(number), "kind": kind, "size": size, "start": start,
                "id": str(UUID(int=random.getrandbits(128), version=4)), "active": number == 1,
            }
        )  # fmt: skip
        start += -(-size // MIB) * MIB
    return tuple(found)


def _adapter(random: Random, desk: Desk, today: datetime) -> dict[str, Any]:
    net = 20 if desk.site == "Northquay" else 21
    wired = desk.form != "laptop"
    high, low = divmod(desk.number - 1, 200)
    address = f"10.{net}.{1 + high}.{41 + low}"
    leased = today - timedelta(hours=random.randint(1, 40))
    mac = (0x3C, 0x5A, 0xB4, random.randint(0, 255), desk.number >> 8 & 255, desk.number & 255)
    return {
        "name": "Wickerlink GbE 210" if wired else "Ternwave AX 20", "connection": "Quayside LAN" if wired else "Landing air",
        "mac": ":".join(f"{byte:02x}" for byte in mac), "kind": "wired" if wired else "wireless", "connected": True,
        "speed": 10**9 if wired else 866 * 10**6, "dhcp": True, "dhcp_server": f"10.{net}.{1 + high}.2",
        "ipv4": (address,), "ipv6": (str(IPv6Address(f"fe80::3e5a:b4ff:fe{mac[3]:02x}:{mac[4]:02x}{mac[5]:02x}")),), "mask": "255.255.255.0",
        "gateway": f"10.{net}.{1 + high}.1", "dns": ("10.20.0.53", "10.20.1.53"),
        "lease_from": leased.replace(second=0), "lease_until": (leased + timedelta(days=4)).replace(second=0),
    }  # fmt: skip


_LOOPBACK: Item = {
    "name": "Loopback", "connection": "Loopback", "mac": "", "kind": "loopback", "connected": True, "speed": 0,
    "dhcp": False, "dhcp_server": "", "ipv4": ("127.0.0.1",), "ipv6": ("::1",), "mask": "255.0.0.0", "gateway": "",
    "dns": (), "lease_from": "", "lease_until": "",
}  # fmt: skip


def account(name: str, full_name: str, admin: bool, set_at: datetime, logon: datetime, own: bool = True) -> Item:
    """One account as the model keeps it; a person's password (``own``) ends after 180 days."""
    return {
        "name": name, "full_name": full_name, "enabled": True, "admin": admin, "password_required": True,
        "password_set_at": _midnight(set_at), "last_logon_at": logon.replace(second=0),
        "password_expires_at": _midnight(set_at + timedelta(days=180)) if own else "never",
        "groups": ("administrators", "users") if admin else ("users",),
    }  # fmt: skip


def _accounts(random: Random, today: datetime) -> tuple[Item, ...]:
    def ago(low: int, high: int) -> datetime:
        return today - timedelta(days=random.randint(low, high))

    return (
        account("svc-desk", "Desk support", True, ago(20, 80), ago(1, 9), own=False),
        account("svc-patch", "Patching", True, ago(20, 80), ago(1, 9), own=False),
        *(account(name, full, False, ago(5, 170), ago(0, 5)) for name, full in random.sample(words.PEOPLE, 2)),
    )


def _software(random: Random, role: str, today: datetime) -> tuple[Item, ...]:
    own = {
        "counter": ("Tideline Ledger", "4.2.7", "Tideline"), "accounts": ("Tideline Ledger", "4.2.7", "Tideline"),
        "drawing": ("Slipway Draft", "19.2", "Slipway"),
    }.get(role, ("Quaymaster Dispatch", "6.0.12", "Quaymaster"))  # fmt: skip
    return tuple(
        {"name": name, "version": version, "maker": maker, "installed_at": _midnight(today - timedelta(days=random.randint(30, 400)))}
        for name, version, maker in (own, ("Pennant Reader", "8.3.1", "Pennant"))
    )  # fmt: skip


def _devices(random: Random, desk: Desk, today: datetime) -> Mapping[str, tuple[Item, ...]]:
    drawing, laptop = desk.role == "drawing", desk.form == "laptop"
    wide = (2560, 1440) if drawing else (1920, 1080)
    design = random.choice((48_000, 52_000))
    health = random.uniform(0.7, 0.98)
    return {
        "graphics": (
            {
                "name": "Lumenarc 880 Studio" if drawing else "Kestrel built-in", "maker": "Lumenarc" if drawing else "Kestrel",
                "memory": (8 * GIB) if drawing else 128 * MIB, "state": "working", "driver_version": "31.0.15.2",
                "driver_dated": _midnight(today - timedelta(days=300)), "width": wide[0], "height": wide[1], "refresh": 60,
                "device_id": "1af9:0880" if drawing else "1ae0:0b12",
            },
        ),
        "display": () if laptop else (
            {"name": "Heron 27" if drawing else "Heron 22", "maker": "Heronsway", "serial": f"HN-{random.randint(1000, 9999)}", "width": wide[0], "height": wide[1]},
        ),
        "sound": ({"name": "Chime Analog", "maker": "Chime Audio", "state": "working"},),
        "printer": (
            {"name": "Hall printer", "port": "10.20.1.90", "driver": "Gullwing 4", "default": True},
            {"name": "Counter roll", "port": "USB001", "driver": "Gullwing Roll", "default": False},
        ),
        "battery": (
            {"name": f"DB-{design // 1000}", "design": design, "full": int(design * health), "cycles": random.randint(20, 480), "health": int(design * health) / design},
        ) if laptop else (),
        "driver": tuple(
            {"name": n, "version": v, "provider": p, "dated": _midnight(today - timedelta(days=200 + 37 * i)), "signed": True, "file": f}
            for i, (n, v, p, f) in enumerate(words.DRIVERS)
        ),
    }  # fmt: skip


def _system(random: Random, person: str, today: datetime) -> Mapping[str, tuple[Item, ...]]:
    def ago(days: int, minutes: int = 0) -> datetime:
        return (today - timedelta(days=days, minutes=minutes)).replace(second=0, microsecond=0)

    pids = sorted(random.sample(range(300, 9900), len(words.PROCESSES)))
    return {
        "update": tuple({"id": i, "title": t, "installed_at": _midnight(ago(20 + 31 * n))} for n, (i, t) in enumerate(words.UPDATES)),
        "task": tuple(
            {"name": n, "enabled": True, "state": "ready", "last_run_at": ago(1, 60 * k), "next_run_at": ago(-1, 60 * k), "last_result": "0", "runs": runs, "user": user}
            for k, (n, runs, user) in enumerate(words.TASKS)
        ),
        "firewall": tuple({"profile": p, "on": True, "inbound": "block", "outbound": "allow"} for p in words.FIREWALL_PROFILES),
        "policy": tuple({"category": c, "subcategory": s, "records": r} for c, s, r in words.POLICIES),
        "event": tuple(
            {"at": ago(k, 7 * random.randint(1, 60)), "level": level, "source": source, "id": number, "text": text}
            for k, (level, source, number, text) in enumerate(words.EVENTS)
        ),
        "process": tuple(
            {"pid": str(pid), "name": n, "user": person if who == "own" else "system", "memory": random.randint(900, 400_000) * 1024}
            for pid, (n, who) in zip(pids, words.PROCESSES, strict=True)
        ),
        "boot_entry": (
            {"id": "0001", "name": "Harbour OS", "path": "\\start\\harbour.efi", "default": True},
            {"id": "0003", "name": "Wire start", "path": "\\wire.efi", "default": False},
        ),
        "variable": (
            {"name": "HARBOUR_HOME", "value": "sys:/harbour"}, {"name": "LANG", "value": "en_GB"},
            {"name": "TILL_ROLL", "value": "80mm"},
        ),
        "search_folder": tuple({"order": n, "folder": f} for n, f in enumerate(("sys:/harbour/bin", "sys:/tools", "data:/scripts"), 1)),
        "page_file": ({"path": "sys:/page.swp", "size": 4 * GIB, "used": random.randint(100, 900) * MIB},),
        "health_check": (
            {"kind": "system-files", "target": "sys:", "at": ago(9), "result": "clean", "errors": 0, "warnings": random.randint(0, 2), "notes": 4},
            {"kind": "disk", "target": "data:", "at": ago(9, -20), "result": "repaired", "errors": 0, "warnings": 1, "notes": 2},
        ),
    }  # fmt: skip


def _network(random: Random, desk: Desk, adapter: Item) -> Mapping[str, tuple[Item, ...]]:
    own, gateway = adapter["ipv4"][0], adapter["gateway"]
    near = [f"{gateway.rsplit('.', 1)[0]}.{n}" for n in random.sample(range(200, 250), 3)]
    best = random.randint(2, 5) / 10_000
    return {
        "connection": (
            {"protocol": "TCP", "local": f"{own}:49152", "remote": "10.20.0.80:443", "state": "established", "pid": "2210"},
            {"protocol": "TCP", "local": "0.0.0.0:515", "remote": "0.0.0.0:0", "state": "listening", "pid": "618"},
            {"protocol": "UDP", "local": "0.0.0.0:5353", "remote": "*:*", "state": "", "pid": "744"},
        ),
        "neighbour": tuple(
            {"address": a, "mac": f"3c:5a:b4:{random.getrandbits(8):02x}:{random.getrandbits(8):02x}:{k:02x}", "interface": adapter["connection"], "kind": "dynamic"}
            for k, a in enumerate((gateway, *near))
        ),
        "route": (
            {"destination": "0.0.0.0", "mask": "0.0.0.0", "gateway": gateway, "interface": own, "metric": 25},
            {"destination": f"{gateway.rsplit('.', 1)[0]}.0", "mask": "255.255.255.0", "gateway": "", "interface": own, "metric": 281},
        ),
        "reach": (
            {"target": "print.lantern.example", "address": "10.20.1.90", "sent": 4, "received": 4, "lost": 0, "best": best, "average": best * 2, "worst": best * 4},
        ),
        "hop": (
            {"target": "print.lantern.example", "number": "1", "address": gateway, "best": best, "worst": best * 3},
            {"target": "print.lantern.example", "number": "2", "address": "10.20.1.90", "best": best * 2, "worst": best * 4},
        ),
        "lookup": (
            {"name": "print.lantern.example", "address": ("10.20.1.90",), "server": "10.20.0.53"},
            {"name": "gone.lantern.example", "address": (), "server": "10.20.0.53"},
        ),
    }  # fmt: skip
