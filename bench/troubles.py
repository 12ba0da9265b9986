"""What is wrong with a PC, made up at random: each kind of trouble with the cross-check that must name it."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from importlib.resources import files
from random import Random

from bench.rows import Row
from yes_tally.core.crosschecks.finding import Finding
from yes_tally.core.crosschecks.registry import cross_check
from yes_tally.core.parts.book import EMPTY, PartsBook
from yes_tally.core.parts.csv_file import look_at
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.facts import FactBook
from yes_tally.core.settling.settle import settle
from yes_tally.standins.machine import Item, Machine
from yes_tally.standins.office import office
from yes_tally.standins.reports import commands_of, release_of, session

DAY = datetime(2026, 1, 5, 9, 0)
Trouble = Callable[[Machine, Random], Machine]


def parts_book() -> PartsBook:
    """The demo office's parts book."""
    text = (files("yes_tally.standins") / "parts.csv").read_text("utf-8")
    return PartsBook(line.part for line in look_at(text, EMPTY).lines)


def told_of(pc: Machine, parts: PartsBook) -> FactBook:
    """What a PC's reports settle to: one session of every command that it has."""
    commands = [command.typed for command in commands_of(pc)]
    return settle([read(session(pc, (typed,)).encode()) for typed in commands], parts)


def _first(group: str, **change: object) -> Trouble:
    def trouble(pc: Machine, random: Random) -> Machine:
        first, *rest = pc.items[group]
        return pc.but(**{group: ({**first, **change}, *rest)})

    return trouble


def _facts(**change: object) -> Trouble:
    return lambda pc, random: pc.but({name.replace("__", "."): value for name, value in change.items()})


def _all(group: str, change: Callable[[Item], Item]) -> Trouble:
    return lambda pc, random: pc.but(**{group: tuple(change(item) for item in pc.items[group])})


def _claims_more(pc: Machine, random: Random) -> Machine:
    return replace(pc, claims={**pc.claims, "memory.installed": pc["memory.installed"] * random.choice((2, 4))})


def _uses_more(pc: Machine, random: Random) -> Machine:
    return pc.but({"memory.usable": int(pc["memory.installed"] * random.uniform(1.2, 2))})


def _other_size(pc: Machine, random: Random) -> Machine:
    modules = tuple({**m, "size": m["size"] * 2, "part": "SK08-D4-2666"} for m in pc.items["module"])
    installed = sum(m["size"] for m in modules)
    return pc.but({"memory.installed": installed, "memory.usable": installed - 173 * 2**20}, module=modules)


def _one_serial(pc: Machine, random: Random) -> Machine:
    first, second, *rest = pc.items["module"]
    return pc.but(module=(first, {**second, "serial": first["serial"]}, *rest))


def _impossible_speed(pc: Machine, random: Random) -> Machine:
    speed = random.choice((533, 667, 800, 1066))
    return _all("module", lambda m: {**m, "speed": speed, "running_speed": speed})(pc, random)


def _overdriven(pc: Machine, random: Random) -> Machine:
    return _all("module", lambda m: {**m, "running_speed": m["speed"] + random.choice((400, 534))})(pc, random)


def _unlike(pc: Machine, random: Random) -> Machine:
    first, second, *rest = pc.items["module"]
    return pc.but(module=(first, {**second, "speed": 2133, "running_speed": 2133}, *rest))


def _dressed_up(pc: Machine, random: Random) -> Machine:
    (own, *rest) = pc.items["processor"]
    other = "Kestrel K7-9650" if own["cores"] != 8 else "Plover P3-2210"
    return pc.but(processor=({**own, "name": other}, *rest))


def _too_large(group: str) -> Trouble:
    def trouble(pc: Machine, random: Random) -> Machine:
        first, *rest = pc.items[group]
        size = int(pc.items["disk"][0]["size"] * random.uniform(1.3, 3))
        return pc.but(**{group: ({**first, "size": size}, *rest)})

    return trouble


def _fake_disk(pc: Machine, random: Random) -> Machine:
    return _first("disk", model="Basalt NV500", size=2_000_398_934_016)(pc, random)


def _too_free(pc: Machine, random: Random) -> Machine:
    return _all("volume", lambda v: {**v, "free": int(v["size"] * random.uniform(1.1, 2))})(pc, random)


def _set_up_again(pc: Machine, random: Random) -> Machine:
    return pc.but({"os.oldest_trace_at": pc["os.installed_at"] - timedelta(days=random.randint(100, 2000))})


def _started_before(pc: Machine, random: Random) -> Machine:
    return pc.but({"host.booted_at": pc["os.installed_at"] - timedelta(days=random.randint(5, 500))})


def _ended(pc: Machine, random: Random) -> Machine:
    ended = (pc["host.booted_at"] - timedelta(days=random.randint(3, 300))).replace(second=0)
    return pc.but({"licence.expires_at": ended, "licence.permanent": False, "licence.state": "active"})


def _ends_for_good(pc: Machine, random: Random) -> Machine:
    return pc.but({"licence.expires_at": DAY + timedelta(days=random.randint(20, 300)), "licence.permanent": True})


def _other_serial(pc: Machine, random: Random) -> Machine:
    return pc.but({"machine.serial": f"ZX-{random.randint(10000, 99999)}"})


def _one_mac(pc: Machine, random: Random) -> Machine:
    first, second, *rest = pc.items["neighbour"]
    return pc.but(neighbour=(first, {**second, "mac": first["mac"]}, *rest))


def _far_gateway(pc: Machine, random: Random) -> Machine:
    first, *rest = pc.items["adapter"]
    return pc.but(adapter=({**first, "gateway": f"10.77.{random.randint(1, 250)}.1"}, *rest))


def _gaining_battery(pc: Machine, random: Random) -> Machine:
    return _all("battery", lambda b: {**b, "full": int(b["design"] * random.uniform(1.3, 2))})(pc, random)


TROUBLES: Mapping[str, tuple[Trouble, ...]] = {
    "modules and installed memory": (_claims_more,),
    "usable and installed memory": (_uses_more,),
    "modules and slots": (_facts(memory__slots=1),),
    "memory and limit": (_facts(memory__limit=8 * 2**30),),
    "speed and type of a module": (_impossible_speed,),
    "running and rated speed": (_overdriven,),
    "modules alike": (_unlike,),
    "module and its part number": (_other_size,),
    "one serial twice": (_one_serial,),
    "cores and threads": (_first("processor", cores=16, threads=4),),
    "processor and its name": (_dressed_up,),
    "system and processor": (_facts(os__architecture="arm64"),),
    "inside their disk": (_too_large("partition"), _too_large("volume")),
    "free and size": (_too_free,),
    "disk and its model": (_fake_disk,),
    "set up and oldest trace": (_set_up_again,),
    "last start and set up": (_started_before,),
    "licence for good": (_ends_for_good,),
    "licence that ended": (_ended,),
    "secure boot and mode": (_facts(firmware__mode="legacy", firmware__secure_boot=True),),
    "serial in its maker's pattern": (_other_serial,),
    "refurbished": (lambda pc, random: pc.but({"machine.model": f"{pc['machine.model']} /renewed"}),),
    "battery and its design": (_gaining_battery,),
    "one MAC, two addresses": (_one_mac,),
    "gateway in reach": (_far_gateway,),
}


@dataclass(frozen=True, slots=True)
class Troubled:
    """A PC with one trouble, the cross-check that must name it, and what the cross-checks said."""

    pc: Machine
    check: str
    findings: tuple[Finding, ...]

    @property
    def named(self) -> bool:
        return any(finding.check == self.check for finding in self.findings)


def healthy(seed: int) -> list[Machine]:
    """The PCs of a seed's office that nothing is wrong with."""
    return [pc for pc in office(seed, DAY) if not pc.troubles]


def _can_tell(pc: Machine, check: str) -> bool:
    """Whether a PC has what the trouble is of and every command to tell it: not so an older system's; and the demo's
    parts book does not know the drawing office's modules."""
    return (
        release_of(pc) >= 12 and pc.role != "drawing" and bool(pc.items["battery"] or check != "battery and its design")
    )


def random_troubles(seed: int, number: int) -> Iterator[Troubled]:
    """Healthy PCs, each given one trouble; every kind comes up before one comes up again."""
    random, parts = Random(seed), parts_book()
    pcs = healthy(seed)
    kinds: list[str] = []
    for _ in range(number):
        kinds = kinds or random.sample(sorted(TROUBLES), len(TROUBLES))
        check = kinds.pop()
        fitting = [pc for pc in pcs if _can_tell(pc, check)]
        pc = random.choice(TROUBLES[check])(random.choice(fitting), random)
        yield Troubled(pc, check, tuple(cross_check(told_of(pc, parts), parts)))


RANDOM_TROUBLES = 50
OFFICES = 3


def rows() -> list[Row]:
    """How many of the random troubles are found and named rightly, and how often a healthy PC is accused."""
    parts = parts_book()
    troubled = list(random_troubles(1_000_003, RANDOM_TROUBLES))
    pcs = [pc for seed in range(1_000_003, 1_000_003 + OFFICES) for pc in healthy(seed)]
    accused = [pc for pc in pcs if cross_check(told_of(pc, parts), parts)]
    named = sum(each.named for each in troubled)
    return [
        Row(f"of {RANDOM_TROUBLES} random troubles found and named", 100 * named / len(troubled), "%"),
        Row(f"of {len(pcs)} healthy PCs accused", 100 * len(accused) / len(pcs), "%"),
    ]
