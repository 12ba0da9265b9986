"""Collecting: a run over the whole stand-in office beside its longest healthy PC alone, the throughput, and plans."""

from __future__ import annotations

import asyncio
import resource
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from random import Random

from bench.rows import Row, best
from tests.collecting.stand_in_office import enlist
from yes_tally.collecting.asking import Answered, Credentials, Limits, Question, Target
from yes_tally.collecting.ssh import ask
from yes_tally.core.catalogue import FACTS
from yes_tally.core.planning.ask_plan import Known, plan
from yes_tally.records import people, runs
from yes_tally.records.models import Asset
from yes_tally.records.store import open_store, using
from yes_tally.server.live import News
from yes_tally.server.running import Runner, limits_from
from yes_tally.standins.host import MANNERS, PASSWORD, USER
from yes_tally.standins.machine import Machine
from yes_tally.standins.office import large_office, office
from yes_tally.standins.printing import DAY
from yes_tally.standins.reports import commands_of

FIRST_PORT = 18_100
ME = Credentials(USER, PASSWORD)
LIMITS = Limits(command_seconds=6.0, pc_seconds=16.0)


class _Office:
    """The stand-ins as another process serves them."""

    def __init__(self, first_port: int) -> None:
        self.machines: list[Machine] = office(8040, DAY)
        self.ports = {pc.host: first_port + n for n, pc in enumerate(self.machines)}


@contextmanager
def _serving(pace: float) -> Iterator[_Office]:
    command = [sys.executable, "-m", "yes_tally.cli", "standins", "serve", "--first-port", str(FIRST_PORT)]
    given = ["--pace", str(pace), "--day", DAY.isoformat()]
    process = subprocess.Popen([*command, *given], stdout=subprocess.PIPE)
    try:
        assert process.stdout and process.stdout.readline()
        yield _Office(FIRST_PORT)
    finally:
        process.terminate()
        process.wait()


class _Nobody:
    """Keeps no keys and hears nothing."""

    async def known(self, target: Target) -> str | None:
        return None

    async def pin(self, target: Target, key: str) -> None: ...

    async def started(self, question: Question) -> None: ...

    async def answered(self, answer: Answered) -> None: ...


def _questions(pc: Machine) -> list[Question]:
    return [Question(command.typed, command.seconds) for command in commands_of(pc)]


async def _alone(served: _Office, pc: Machine) -> float:
    started = time.perf_counter()
    nobody = _Nobody()
    await ask(Target("127.0.0.1", served.ports[pc.host]), ME, _questions(pc), LIMITS, nobody, nobody)
    return time.perf_counter() - started


async def _run(served: _Office, assets: dict[str, Asset], hosts: set[str]) -> tuple[float, int, int]:
    """Seconds of a run, answers that arrived, and the most megabytes this process ever took."""
    runner = Runner(News())
    with using():
        who = people.Person.get()
        asked = [
            (assets[pc.host], [runs.Ask(q.typed, q.seconds) for q in _questions(pc)])
            for pc in served.machines
            if pc.host in hosts
        ]
        run = runs.start("bench", asked, limits_from({"command_seconds": 6.0, "pc_seconds": 16.0}), who)
        chosen = runs.pcs_of(run)
    started = time.perf_counter()
    runner.go(run, chosen, ME)
    while runner.going(run.id):
        await asyncio.sleep(0.01)
    took = time.perf_counter() - started
    with using():
        arrived = sum(c.state == "answered" for pc in runs.pcs_of(run) for c in pc.commands)
    await runner.idle()
    await runner.close()
    return took, arrived, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024


def rows() -> list[Row]:
    """A run with the delays that commands have, one without any, plans, and drawing a large office."""
    found: list[Row] = []
    with tempfile.TemporaryDirectory() as folder:
        open_store(Path(folder) / "bench.db")
        with using():
            people.add_person("bench", "Bench", "lead", "bench-password")
            assets: dict[str, Asset] = enlist(_Office(FIRST_PORT))
        with _serving(1.0) as served:
            healthy = [pc for pc in served.machines if pc.host not in MANNERS]
            longest = asyncio.run(_alone(served, healthy[0]))
            took, arrived, megabytes = asyncio.run(_run(served, assets, set(served.ports)))
        name = f"a run over 36 PCs, {len(MANNERS)} of them awkward, {arrived} answers; floor: one healthy PC alone"
        found.append(Row(name, took, "s", longest))
        found.append(Row("most memory in that run; limit 300", float(megabytes), "MB", 300.0))
        with _serving(0.0) as served:
            hosts = {pc.host for pc in healthy}
            least = asyncio.run(_all_alone(served, healthy))
            took, arrived, _ = asyncio.run(_run(served, assets, hosts))
        name = "an answer without any delay, kept on the disk; floor: asked and thrown away"
        found.append(Row(name, took / arrived * 1000, "ms", least / arrived * 1000))
    found += _plans()
    took = best(lambda: sum(1 for _ in large_office(1000, 7, DAY)), 1)
    found.append(Row("10,000 made-up PCs drawn; limit 30", took * 10, "s", 30.0))
    return found


async def _all_alone(served: _Office, pcs: list[Machine]) -> float:
    started = time.perf_counter()
    await asyncio.gather(*(_alone(served, pc) for pc in pcs))
    return time.perf_counter() - started


def _plans() -> list[Row]:
    """60 expectations and 80 commands; the floor chooses greedily, which is not the optimum."""
    random = Random(60)
    facts = sorted(FACTS)
    commands = [
        Known(f"c{n}", random.uniform(0.1, 4.0), frozenset(random.sample(facts, random.randint(2, 30))))
        for n in range(80)
    ]
    needs = {f"e{n}": frozenset(random.sample(facts, random.randint(1, 3))) for n in range(60)}

    def greedy() -> int:
        open_facts = set().union(*needs.values()) & set().union(*(c.tells for c in commands))
        chosen = 0
        while open_facts:
            command = min(commands, key=lambda c: c.seconds / (len(c.tells & open_facts) or 1e-9))
            open_facts -= command.tells
            chosen += 1
        return chosen

    took, floor = best(lambda: plan(commands, needs), 3), best(greedy, 3)
    return [Row("a plan for 60 expectations × 80 commands; limit 1000", took * 1000, "ms", floor * 1000)]
