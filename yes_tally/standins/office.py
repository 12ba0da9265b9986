"""Lantern Sound Ferries: 36 made-up PCs drawn from a seed, with the scenario's troubles as named cases, and larger offices."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import replace
from datetime import datetime, timedelta
from random import Random
from typing import Any

from yes_tally.standins.machine import Machine
from yes_tally.standins.made_up import Desk, account, make

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
_OLD_SYSTEM = frozenset({"gp-wks-03", "nq-crw-08"})


def office(seed: int, today: datetime) -> list[Machine]:
    """The 36 PCs, always the same for a seed and a day; ``today`` anchors their dates."""
    random = Random(seed)
    machines: list[Machine] = []
    for site, room, prefix, role, number, form in _ROOMS:
        for place in range(1, number + 1):
            host = f"{prefix}-{place:02}"
            desk = Desk(len(machines) + 1, host, site, room, f"desk {place}", role, form)
            machines.append(make(random, desk, today, 11 if host in _OLD_SYSTEM else 12))
    by_host = {machine.host: machine for machine in machines}
    for host, trouble in TROUBLES.items():
        by_host[host] = trouble(by_host[host], by_host, today)
    return [by_host[machine.host] for machine in machines]


def large_office(number: int, seed: int, today: datetime) -> Iterator[Machine]:
    """An office of any size, a PC at a time: rooms like the scenario's, over and over, a tenth with some trouble."""
    random = Random(seed)
    kinds = [(site, room, prefix, role, form) for site, room, prefix, role, count, form in _ROOMS for _ in range(count)]
    alone = [trouble for trouble in TROUBLES.values() if trouble not in _NEED_OTHERS]
    for index in range(number):
        site, room, prefix, role, form = kinds[index % len(kinds)]
        desk = Desk(
            index + 1, f"{prefix}-{index + 1:05}", site, f"{room} {index // len(kinds) + 1}", f"desk {index + 1}", role, form
        )  # fmt: skip
        machine = make(random, desk, today, 11 if random.random() < 0.05 else 12)
        yield random.choice(alone)(machine, {}, today) if random.random() < 0.1 else machine


# --- what is wrong in it ----------------------------------------------------------------------------------------

Trouble = Callable[[Machine, dict[str, Machine], datetime], Machine]


def _slow_module(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    fast, *rest = machine.items["module"]
    slow = {**rest[0], "speed": 2400, "running_speed": 2400, "part": "SK08-D4-2400"}
    modules = ({**fast, "running_speed": 2400}, slow, *rest[1:])
    return machine.but(module=modules).troubled("one slow module beside a fast one")


def _doctored(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    kept = machine.items["module"][:1]
    size = kept[0]["size"]
    doctored = machine.but(
        {
            "machine.model": f"{machine['machine.model']} /renewed", "memory.installed": size,
            "memory.usable": size - (machine["memory.installed"] - machine["memory.usable"]),
            "os.oldest_trace_at": _day(today - timedelta(days=1640)),
        },
        module=kept,
    )  # fmt: skip
    claims = {
        "memory.installed": machine["memory.installed"],
        "os.installed_at": (today - timedelta(days=31)).replace(second=0),
    }
    return replace(doctored, claims=claims).troubled("its report was doctored")


def _swapped_disk(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return machine.troubled("swapped its disk with another PC")


def _renamed(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    return machine.troubled("answers to another PC's name")


def _cloned_id(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    other = office["nq-dsp-02"]["machine.uuid"]
    return machine.but({"machine.uuid": other}).troubled("has another PC's machine id")


def _facts(name: str, **change: Any) -> Trouble:
    def trouble(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
        return machine.but({fact.replace("__", "."): value for fact, value in change.items()}).troubled(name)

    return trouble


def _ending_licence(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    ends = (today + timedelta(days=20)).replace(hour=9, minute=0, second=0)
    changed = machine.but({"licence.channel": "subscription", "licence.expires_at": ends, "licence.permanent": False})
    return changed.troubled("its licence ends in 20 days")


def _full_volume(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    system, *rest = machine.items["volume"]
    full = {**system, "free": int(system["size"] * 0.041)}
    return machine.but(volume=(full, *rest)).troubled("a volume 4 % free")


def _unknown_admin(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    stranger = account("helper2", "", True, today - timedelta(days=3), today - timedelta(days=1))
    return machine.but(account=(*machine.items["account"], stranger)).troubled("an unknown administrator")


def _unwanted(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    program = {
        "name": "MagnetPull",
        "version": "2.1",
        "maker": "MagnetPull",
        "installed_at": _day(today - timedelta(days=12)),
    }
    return machine.but(software=(*machine.items["software"], program)).troubled("unwanted software")


def _wrong_name_server(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    adapter, *rest = machine.items["adapter"]
    return machine.but(adapter=({**adapter, "dns": ("203.0.113.9",)}, *rest)).troubled("a wrong name server")


def _firewall_off(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    profiles = tuple({**p, "on": p["profile"] != "public"} for p in machine.items["firewall"])
    return machine.but(firewall=profiles).troubled("a firewall profile off")


def _two_addresses(machine: Machine, office: dict[str, Machine], today: datetime) -> Machine:
    first, second, *rest = machine.items["neighbour"]
    return machine.but(neighbour=(first, {**second, "mac": first["mac"]}, *rest)).troubled("one MAC for two addresses")


def _day(at: datetime) -> datetime:
    return at.replace(hour=0, minute=0, second=0, microsecond=0)


TROUBLES: dict[str, Trouble] = {
    "nq-tkt-03": _slow_module,
    "nq-crw-04": _doctored,
    "nq-acc-02": _swapped_disk,
    "gp-wks-01": _swapped_disk,
    "gp-hbr-02": _renamed,
    "nq-dsp-04": _cloned_id,
    "nq-drw-03": _ending_licence,
    "nq-tkt-01": _facts("a retail licence", licence__channel="retail"),
    "nq-acc-05": _facts("never activated", licence__state="inactive"),
    "nq-tkt-05": _full_volume,
    "nq-dsp-05": _facts("an old build", os__build="12.0.4390.14"),
    "nq-drw-02": _facts("an old build", os__build="12.0.4390.14"),
    "nq-acc-01": _unknown_admin,
    "gp-wks-02": _unwanted,
    "nq-crw-06": _wrong_name_server,
    "nq-acc-03": _firewall_off,
    "gp-hbr-01": _two_addresses,
}
_NEED_OTHERS = frozenset({_swapped_disk, _renamed, _cloned_id})


def earlier(machine: Machine, days: int, random: Random) -> Machine:
    """The machine as it was some days ago: more room, and an older build."""
    months = days / 30
    volumes = tuple(
        {**v, "free": min(int(v["size"] * 0.95), int(v["free"] + v["size"] * 0.035 * months))}
        for v in machine.items["volume"]
    )
    build = machine["os.build"] if days < 90 or machine["os.build"] < "12" else "12.0.4390.14"
    return machine.but({"os.build": build}, volume=volumes)
