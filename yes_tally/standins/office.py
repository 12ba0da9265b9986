"""Lantern Sound Ferries: 36 made-up PCs drawn from a seed, with the scenario's troubles as named cases."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from datetime import datetime, timedelta
from random import Random
from uuid import UUID

from yes_tally.standins.machine import Account, Adapter, Disk, Licence, Machine, Module, Software, Volume

GIB = 2**30
# site, room, host prefix, role, number of PCs, form
_ROOMS = (
    ("Northquay", "Ticket hall", "nq-tkt", "counter", 6, "desktop"),
    ("Northquay", "Dispatch room", "nq-dsp", "dispatch", 5, "desktop"),
    ("Northquay", "Drawing office", "nq-drw", "drawing", 4, "tower"),
    ("Northquay", "Accounts", "nq-acc", "accounts", 5, "desktop"),
    ("Northquay", "Crew room", "nq-crw", "crew laptop", 8, "laptop"),
    ("Northquay", "Server cupboard", "nq-srv", "dispatch", 1, "tower"),
    ("Gull Point", "Ticket hut", "gp-tkt", "counter", 2, "desktop"),
    ("Gull Point", "Harbour desk", "gp-hbr", "dispatch", 2, "desktop"),
    ("Gull Point", "Workshop", "gp-wks", "workshop", 3, "desktop"),
)
_MODELS = {
    "desktop": (("Corrane", "Tallow 520"), ("Oakmere", "Tern 3"), ("Veldt & Rowe", "Brig 10")),
    "tower": (("Oakmere", "Gannet T8"), ("Veldt & Rowe", "Frigate 40")),
    "laptop": (("Corrane", "Skiff 14"), ("Oakmere", "Dipper 13")),
}
_SERIALS = {"Corrane": "CR{n}-{a}-KD", "Oakmere": "OT{n}-{a}-M", "Veldt & Rowe": "VR{n}{a}Q"}
_PROCESSORS = {
    "small": ("Plover P3-2210", 2, 4, 2400),
    "middle": ("Kestrel K5-8420", 6, 12, 3200),
    "large": ("Kestrel K7-9650", 8, 16, 3600),
}
_PEOPLE = (
    ("icalloway", "Ines Calloway"), ("rarkwell", "Rufus Arkwell"), ("tquill", "Tamsin Quill"), ("bferrow", "Bram Ferrow"),
    ("lostrand", "Lotte Ostrand"), ("dpell", "Dorian Pell"), ("mhask", "Mira Hask"), ("onesbit", "Odile Nesbit"),
)  # fmt: skip


def office(seed: int, today: datetime) -> list[Machine]:
    """The 36 PCs, always the same for a seed and a day; ``today`` anchors their dates."""
    random = Random(seed)
    machines: list[Machine] = []
    for site, room, prefix, role, number, form in _ROOMS:
        for desk in range(1, number + 1):
            tag = f"LSF-{len(machines) + 1:04}"
            machines.append(_machine(random, tag, site, room, f"{prefix}-{desk:02}", f"desk {desk}", role, form, today))
    by_host = {machine.host: machine for machine in machines}
    for host, trouble in TROUBLES.items():
        by_host[host] = trouble(by_host[host], by_host, today)
    return [by_host[machine.host] for machine in machines]


def _machine(
    random: Random, tag: str, site: str, room: str, host: str, desk: str, role: str, form: str, today: datetime
) -> Machine:
    maker, model = random.choice(_MODELS[form])
    size = "large" if role == "drawing" else "middle" if role != "workshop" or random.random() < 0.5 else "small"
    name, cores, threads, megahertz = _PROCESSORS[size]
    modules = _modules(random, role)
    disk = _disk(random, role)
    number = int(tag[-4:])
    set_up = today - timedelta(days=random.randint(240, 900), hours=random.randint(0, 9))
    site_net = 20 if site == "Northquay" else 21
    return Machine(
        tag=tag, host=host, site=site, room=room, desk=desk, role=role, maker=maker, model=model,
        serial=_SERIALS[maker].format(n=random.randint(3, 9), a=random.randint(10000, 99999)),
        uuid=str(UUID(int=random.getrandbits(128), version=4)), form=form,
        processor=name, cores=cores, threads=threads, megahertz=megahertz,
        graphics="Lumenarc 880 Studio" if role == "drawing" else "Kestrel built-in",
        slots=4 if form != "laptop" else 2, memory_limit=64 if form != "laptop" else 32,
        modules=modules, disks=(disk,), volumes=_volumes(random, disk.size),
        edition="Studio" if role == "drawing" else "Desk Pro", version="12.0",
        build=f"12.0.4417.{random.choice((79, 82, 82, 85))}",
        set_up_at=set_up, oldest_trace_at=set_up - timedelta(hours=2),
        licence=Licence("volume", "active", _tail(random)),
        adapter=Adapter(
            "Wickerlink GbE 210" if form != "laptop" else "Ternwave AX 20", "wired" if form != "laptop" else "wireless",
            ":".join(f"{byte:02x}" for byte in (0x3C, 0x5A, 0xB4, random.randint(0, 255), random.randint(0, 255), number)),
            f"10.{site_net}.1.{40 + number}", f"10.{site_net}.1.1", ("10.20.0.53", "10.20.1.53"),
        ),
        accounts=_accounts(random, today),
        software=_software(role),
    )  # fmt: skip


def _modules(random: Random, role: str) -> tuple[Module, ...]:
    maker, part, gigabytes, code, speed = (
        ("Dunlin", "DN16-D5-4800", 16, 34, 4800) if role == "drawing" else ("Siskin", "SK08-D4-2666", 8, 26, 2666)
    )
    return tuple(
        Module(slot, gigabytes, code, speed, speed, maker, part, f"{random.getrandbits(32):08X}")
        for slot in ("A1", "A2")
    )


def _disk(random: Random, role: str) -> Disk:
    serial = f"B{random.randint(3, 9)}-{random.randint(1000, 9999)}-QX"
    return (
        Disk("Basalt NV1000", serial, 1_000_204_886_016, "nvme")
        if role == "drawing"
        else Disk("Basalt NV500", serial, 500_107_862_016, "nvme")
    )


def _volumes(random: Random, size: int) -> tuple[Volume, ...]:
    system = int(size * 0.78)
    return (
        Volume("sys:", "System", "kelp", system, int(system * random.uniform(0.3, 0.6))),
        Volume("data:", "Data", "kelp", int(size * 0.2), int(size * 0.2 * random.uniform(0.4, 0.8))),
    )


def _tail(random: Random) -> str:
    return "".join(random.choice("BCDFGHJKMPQRTVWXY2346789") for _ in range(5))


def _accounts(random: Random, today: datetime) -> tuple[Account, ...]:
    people = random.sample(_PEOPLE, 2)
    return (
        Account("svc-desk", "Desk support", True, True, today - timedelta(days=random.randint(20, 80))),
        Account("svc-patch", "Patching", True, True, today - timedelta(days=random.randint(20, 80))),
        *(Account(name, full, True, False, today - timedelta(days=random.randint(5, 170))) for name, full in people),
    )


def _software(role: str) -> tuple[Software, ...]:
    common = (Software("Pennant Reader", "8.3.1", "Pennant"),)
    own = {
        "counter": (Software("Tideline Ledger", "4.2.7", "Tideline"),),
        "accounts": (Software("Tideline Ledger", "4.2.7", "Tideline"),),
        "drawing": (Software("Slipway Draft", "19.2", "Slipway"),),
    }
    return (*own.get(role, (Software("Quaymaster Dispatch", "6.0.12", "Quaymaster"),)), *common)


# --- what is wrong in it ----------------------------------------------------------------------------------------

Trouble = Callable[[Machine, dict[str, Machine], datetime], Machine]


def _named(machine: Machine, name: str) -> Machine:
    return replace(machine, troubles=(*machine.troubles, name))


def _slow_module(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    fast, slow = machine.modules
    modules = (replace(fast, running=2400), replace(slow, speed=2400, running=2400, part="SK08-D4-2400"))
    return _named(replace(machine, modules=modules), "one slow module beside a fast one")


def _doctored(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    doctored = replace(
        machine, modules=machine.modules[:1], model=f"{machine.model} /renewed", claimed_memory=16,
        claimed_setup=today - timedelta(days=31), oldest_trace_at=today - timedelta(days=1640),
    )  # fmt: skip
    return _named(doctored, "its report was doctored")


def _swapped_disk(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(machine, "swapped its disk with another PC")


def _renamed(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(machine, "answers to another PC's name")


def _cloned_id(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(replace(machine, uuid=office["nq-dsp-02"].uuid), "has another PC's machine id")


def _licence(**change: object) -> Trouble:
    def trouble(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
        return _named(replace(machine, licence=replace(machine.licence, **change)), "licence")  # type: ignore[arg-type]

    return trouble


def _ending_licence(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    ends = (today + timedelta(days=20)).replace(hour=9, minute=0, second=0)
    licence = replace(machine.licence, channel="subscription", expires_at=ends)
    return _named(replace(machine, licence=licence), "its licence ends in 20 days")


def _full_volume(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    system, *rest = machine.volumes
    return _named(
        replace(machine, volumes=(replace(system, free=int(system.size * 0.041)), *rest)), "a volume 4 % free"
    )


def _old_build(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(replace(machine, build="12.0.4390.14"), "an old build")


def _unknown_admin(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    stranger = Account("helper2", "", True, True, today - timedelta(days=3))
    return _named(replace(machine, accounts=(*machine.accounts, stranger)), "an unknown administrator")


def _unwanted(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(
        replace(machine, software=(*machine.software, Software("MagnetPull", "2.1", "MagnetPull"))), "unwanted software"
    )


def _wrong_name_server(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(replace(machine, adapter=replace(machine.adapter, dns=("203.0.113.9",))), "a wrong name server")


def _firewall_off(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return _named(replace(machine, firewall_off=("public",)), "a firewall profile off")


TROUBLES: dict[str, Trouble] = {
    "nq-tkt-03": _slow_module,
    "nq-crw-04": _doctored,
    "nq-acc-02": _swapped_disk,
    "gp-wks-01": _swapped_disk,
    "gp-hbr-02": _renamed,
    "nq-dsp-04": _cloned_id,
    "nq-drw-03": _ending_licence,
    "nq-tkt-01": _licence(channel="retail"),
    "nq-acc-05": _licence(state="not activated"),
    "nq-tkt-05": _full_volume,
    "nq-dsp-05": _old_build,
    "nq-drw-02": _old_build,
    "nq-acc-01": _unknown_admin,
    "gp-wks-02": _unwanted,
    "nq-crw-06": _wrong_name_server,
    "nq-acc-03": _firewall_off,
}


def earlier(machine: Machine, days: int, random: Random) -> Machine:
    """The machine as it was some days ago: more room, an older build, and before its troubles began."""
    months = days / 30
    volumes = tuple(
        replace(v, free=min(int(v.size * 0.95), int(v.free + v.size * 0.035 * months))) for v in machine.volumes
    )
    build = machine.build if days < 90 else "12.0.4390.14"
    return replace(machine, volumes=volumes, build=build)
