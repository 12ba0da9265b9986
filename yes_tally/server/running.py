"""Carrying out collecting runs: PCs side by side, each answer on the disk before it is told, and read afterwards."""

from __future__ import annotations

import asyncio
import json
import threading
from collections.abc import Callable, Iterable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import asdict, fields
from typing import Any, TypeVar

import structlog

from yes_tally.collecting.asking import Answered, Credentials, Limits, NotReached, Question, Target
from yes_tally.collecting.script import SCRIPT, SCRIPT_COMMAND
from yes_tally.collecting.ssh import ask
from yes_tally.records import host_keys, runs
from yes_tally.records.models import Run, RunPc
from yes_tally.records.store import Refused, using
from yes_tally.server.live import News
from yes_tally.server.reading_again import rereader

log = structlog.get_logger()
_T = TypeVar("_T")
STOPPED = "it was stopped; what had arrived is kept"


class Runner:
    """Every run that is under way in this process. Credentials live here, in memory, for as long as their run."""

    def __init__(self, news: News) -> None:
        self._news = news
        self._loop = asyncio.get_running_loop()
        self._lock = threading.Lock()
        self._claimed: set[int] = set()
        self._credentials: dict[int, Credentials] = {}
        self._going: dict[int, asyncio.Task[None]] = {}
        self.asking: set[int] = set()
        """The commands that are under way just now."""
        self._arrived: list[tuple[int, runs.Outcome, asyncio.Future[None]]] = []
        self._storing = False
        # One thread writes, so that answers are stored in the order they came and never wait for each other's locks.
        self._store = ThreadPoolExecutor(1, "run-store")
        self._reader = ThreadPoolExecutor(1, "run-reader")

    def going(self, run: int) -> bool:
        """Whether a run is under way."""
        return run in self._claimed

    def remembers(self, run: int) -> bool:
        """Whether the credentials of a run are still at hand."""
        return run in self._credentials

    def remembered(self, run: int) -> Credentials | None:
        """The credentials that a run was last asked with, unless the server was started anew since."""
        return self._credentials.get(run)

    def go(self, run: Run, pcs: Iterable[RunPc], credentials: Credentials) -> None:
        """Start asking, from any thread. Raises ``Refused`` when the run is under way already."""
        with self._lock:
            if run.id in self._claimed:
                raise Refused("this run is under way already")
            self._claimed.add(run.id)
            self._credentials[run.id] = credentials
        chosen = list(pcs)
        self._loop.call_soon_threadsafe(self._go, run, chosen, credentials)

    def _go(self, run: Run, pcs: list[RunPc], credentials: Credentials) -> None:
        task = self._loop.create_task(self._carry_out(run, pcs, credentials))
        self._going[run.id] = task
        task.add_done_callback(lambda done: self._over(run.id, done))

    def stop(self, run: int) -> None:
        """Stop a run, from any thread; what has arrived stays."""
        self._loop.call_soon_threadsafe(lambda: self._going[run].cancel() if run in self._going else None)

    async def close(self) -> None:
        """At the server's end: stop everything."""
        tasks = list(self._going.values())
        for task in tasks:
            task.cancel()
        await asyncio.gather(*tasks, return_exceptions=True)
        while self._storing:
            await asyncio.sleep(0.01)
        self._store.shutdown()
        self._reader.shutdown(cancel_futures=True)

    async def idle(self) -> None:
        """Until no run is under way and all that came back has been read; for tests and benchmarks."""
        while self._claimed:
            await asyncio.sleep(0)
            await asyncio.gather(*self._going.values(), return_exceptions=True)
            await asyncio.sleep(0)
        await asyncio.get_running_loop().run_in_executor(self._reader, lambda: None)

    def _over(self, run: int, done: asyncio.Task[None]) -> None:
        self._going.pop(run, None)
        self._claimed.discard(run)
        if not done.cancelled() and done.exception():
            log.error("run", run=run, error=str(done.exception()))
        self._news.tell(f"run {run}")

    async def _carry_out(self, run: Run, pcs: list[RunPc], credentials: Credentials) -> None:
        limits = Limits(**json.loads(run.limits))
        places = asyncio.Semaphore(limits.pcs_at_once)
        try:
            await asyncio.gather(*(self._one(run, pc, credentials, limits, places) for pc in pcs))
        finally:
            await self._keep(runs.run_ends, run.id)
            self.read_what_came()

    async def _one(
        self, run: Run, pc: RunPc, credentials: Credentials, limits: Limits, places: asyncio.Semaphore
    ) -> None:
        end: tuple[str, str, str] = ("ended", "", "")
        try:
            async with places:
                await self._keep(runs.pc_starts, pc.id)
                self._news.tell(f"run {run.id}")
                await self._ask(run, pc, credentials, limits)
        except NotReached as error:
            end = ("not-reached", str(error), error.kind)
        except asyncio.CancelledError:
            end = ("stopped", STOPPED, "stopped")
            raise
        except Exception as error:
            log.exception("asking", run=run.id, pc=pc.asset_id)
            end = ("not-reached", f"asking it went wrong here: {error}", "lost")
        finally:
            await asyncio.shield(self._keep(runs.pc_ends, pc.id, *end))
            self._news.tell(f"run {run.id}")

    async def _ask(self, run: Run, pc: RunPc, credentials: Credentials, limits: Limits) -> None:
        waiting = {_question(c.typed, c.seconds): c.id for c in pc.commands if c.state != "answered"}
        target = Target(pc.asset.address, pc.asset.port)
        listener = _Keeping(self, run.id, waiting)
        try:
            await ask(target, credentials, list(waiting), limits, _Pinned(self), listener)
        finally:
            self.asking.difference_update(waiting.values())

    def read_what_came(self) -> None:
        """Read, in the background, the reports that runs have brought and nobody has read yet."""
        self._reader.submit(self._read_all)

    def _read_all(self) -> None:
        with using():
            for pc in runs.to_understand():
                try:
                    runs.understand_pc(pc)
                except Exception as error:
                    log.exception("understanding", pc=pc, error=str(error))
                self._news.tell("tray")
        rereader.wake()

    async def _store_outcome(self, command: int, outcome: runs.Outcome) -> None:
        """Returns when it is on the disk. What arrives while a write is under way is written together in the next."""
        done = asyncio.get_running_loop().create_future()
        self._arrived.append((command, outcome, done))
        if not self._storing:
            self._storing = True
            asyncio.get_running_loop().create_task(self._store_arrived())
        await asyncio.shield(done)

    async def _store_arrived(self) -> None:
        while self._arrived:
            some, self._arrived = self._arrived, []
            error: Exception | None = None
            try:
                await self._keep(runs.commands_end, [(command, outcome) for command, outcome, _ in some])
            except Exception as failed:
                error = failed
            for _, _, done in some:
                if not done.done():
                    done.set_exception(error) if error else done.set_result(None)
        self._storing = False

    async def _keep(self, act: Callable[..., _T], *given: Any) -> _T:
        """Do something in the store, on its own thread."""

        def done() -> _T:
            with using():
                return act(*given)

        return await asyncio.get_running_loop().run_in_executor(self._store, done)


def _question(typed: str, seconds: float) -> Question:
    return Question("sh -s", seconds, SCRIPT) if typed == SCRIPT_COMMAND else Question(typed, seconds)


class _Keeping:
    """Keeps each answer as it comes."""

    def __init__(self, runner: Runner, run: int, commands: dict[Question, int]) -> None:
        self._runner, self._run, self._commands = runner, run, commands

    async def started(self, question: Question) -> None:
        self._runner.asking.add(self._commands[question])
        self._runner._news.tell(f"run {self._run}")

    async def answered(self, answer: Answered) -> None:
        outcome = runs.Outcome(
            answer.printed, len(answer.output), answer.exit_code, round(answer.seconds * 1000), answer.failure or "",
            answer.why,
        )  # fmt: skip
        command = self._commands[answer.question]
        try:
            await self._runner._store_outcome(command, outcome)
        finally:
            self._runner.asking.discard(command)
        self._runner._news.tell(f"run {self._run}")


class _Pinned:
    """The pinned host keys of the store."""

    def __init__(self, runner: Runner) -> None:
        self._runner = runner

    async def known(self, target: Target) -> str | None:
        return await self._runner._keep(host_keys.known, target.address, target.port)

    async def pin(self, target: Target, key: str) -> None:
        await self._runner._keep(host_keys.pin, target.address, target.port, key)


def limits_from(given: dict[str, Any]) -> dict[str, Any]:
    """Limits as they are stored: the defaults, and what was given otherwise."""
    names = {entry.name for entry in fields(Limits)}
    return {**asdict(Limits()), **{name: value for name, value in given.items() if name in names}}
