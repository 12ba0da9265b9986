"""Collecting runs: which PCs are asked what, how each stands, and the reports that came back. Everything that is told
to have arrived is on the disk before it is told."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from peewee import prefetch

from yes_tally.records.learning import learn
from yes_tally.records.models import Asset, Person, Run, RunCommand, RunPc, Visit, VisitReport
from yes_tally.records.reports import keep
from yes_tally.records.store import NotThere, Refused, now, writing
from yes_tally.records.understanding import understand

MAX_PCS = 5000
RESTARTED = "the server was started anew while this PC was being asked; what had arrived is kept"


@dataclass(frozen=True, slots=True)
class Ask:
    """A command to be asked: what is typed, and the seconds it is expected to take."""

    typed: str
    seconds: float


@dataclass(frozen=True, slots=True)
class Outcome:
    """What came back of a command: the bytes as printed, where the errors begin in them, and how it ended."""

    printed: bytes
    errors_from: int
    exit_code: int | None
    took_ms: int
    failure: str = ""
    why: str = ""


def start(name: str, plan: Sequence[tuple[Asset, Sequence[Ask]]], limits: Mapping[str, Any], by: Person) -> Run:
    """Write a run down before anything is asked. Raises ``Refused`` when there is nothing to ask, or nowhere."""
    if not plan:
        raise Refused("choose at least one PC to collect from")
    if len(plan) > MAX_PCS:
        raise Refused(f"a run asks at most {MAX_PCS} PCs")
    nowhere = [asset.tag for asset, _ in plan if not asset.address]
    if nowhere:
        more = f" and {len(nowhere) - 5} more" if len(nowhere) > 5 else ""
        raise Refused(
            f"it is not known where {', '.join(nowhere[:5])}{more} can be reached; give their addresses first"
        )
    if not any(asks for _, asks in plan):
        raise Refused("there is no command to ask; choose an ask sheet with some")
    with writing():
        run = Run.create(name=name, person=by, limits=json.dumps(dict(limits)), started_at=now())
        for asset, asks in plan:
            pc = RunPc.create(run=run, asset=asset)
            for ask in sorted(asks, key=lambda ask: -ask.seconds):
                RunCommand.create(pc=pc, typed=ask.typed, seconds=ask.seconds)
    return run


def get_run(number: int) -> Run:
    """The run of that id. Raises ``NotThere``."""
    run = Run.get_or_none(Run.id == number)
    if run is None:
        raise NotThere(f"there is no run {number}")
    return run


def latest(count: int = 20) -> list[Run]:
    """The latest runs, the newest first."""
    return list(Run.select().order_by(Run.id.desc()).limit(count))


def pcs_of(run: Run) -> list[RunPc]:
    """A run's PCs with their assets and commands, in the order they were chosen."""
    pcs = RunPc.select(RunPc, Asset).join(Asset).where(RunPc.run == run).order_by(RunPc.id)
    commands = RunCommand.select().order_by(RunCommand.id)
    return list(prefetch(pcs, commands))


def visits_under_way() -> dict[int, str]:
    """The visits that a run still adds to, or whose reports nobody has read yet, with the host that is asked."""
    pcs = RunPc.select(RunPc, Asset).join(Asset).where((RunPc.understood == False) & RunPc.visit.is_null(False))  # noqa: E712
    return {pc.visit_id: pc.asset.host or pc.asset.tag for pc in pcs}


def to_understand() -> list[int]:
    """The PCs whose reports have come and wait to be read."""
    pcs = RunPc.select(RunPc.id).where((RunPc.understood == False) & RunPc.state.not_in(("waiting", "asking")))  # noqa: E712
    return [pc.id for pc in pcs.order_by(RunPc.id)]


def pc_starts(pc: int) -> None:
    """A PC is being asked now."""
    with writing():
        RunPc.update(state="asking", why="", kind="").where(RunPc.id == pc).execute()


def commands_end(outcomes: Sequence[tuple[int, Outcome]]) -> None:
    """Keep what came back: each report's bytes, attached to its PC's visit, and how the command ended, in one write."""
    with writing():
        for command, outcome in outcomes:
            _command_ends(command, outcome)


def _command_ends(command: int, outcome: Outcome) -> None:
    entry = RunCommand.get_by_id(command)
    pc = entry.pc
    report = None
    if outcome.printed:
        report = keep(outcome.printed)
        visit = _visit_of(pc)
        VisitReport.insert(
            visit=visit.id, report=report, file=entry.typed[:200], way="asked", by=pc.run.person_id, at=now(),
            command=entry.typed, exit_code=outcome.exit_code, took_ms=outcome.took_ms, errors_from=outcome.errors_from,
            failure=outcome.failure,
        ).on_conflict_ignore().execute()  # fmt: skip
        Visit.update(version=Visit.version + 1).where(Visit.id == visit.id).execute()
    RunCommand.update(
        state="failed" if outcome.failure else "answered", failure=outcome.failure, why=outcome.why,
        took_ms=outcome.took_ms, report=report,
    ).where(RunCommand.id == command).execute()  # fmt: skip


def _visit_of(pc: RunPc) -> Visit:
    """The PC's visit of this run, while it is open; a sealed one takes nothing more, so another is opened."""
    visit = pc.visit
    if visit is None or visit.state != "open":
        visit = Visit.create(taken_at=now(), opened_by=pc.run.person_id)
        RunPc.update(visit=visit).where(RunPc.id == pc.id).execute()
    RunPc.update(understood=False).where(RunPc.id == pc.id).execute()
    return visit


def pc_ends(pc: int, state: str, why: str = "", kind: str = "") -> None:
    """How the asking of a PC ended; commands that were under way stay without an answer."""
    with writing():
        RunPc.update(state=state, why=why, kind=kind).where(RunPc.id == pc).execute()


def understand_pc(pc: int) -> None:
    """After a PC was asked: enter its visit to the asset that was asked, unless what it said of itself is another's;
    and learn what its commands told."""
    entry = RunPc.get_by_id(pc)
    if entry.visit is not None and entry.visit.state == "open":
        _understand(entry)
    with writing():
        RunPc.update(understood=True).where(RunPc.id == pc).execute()


def _understand(entry: RunPc) -> None:
    understood = understand(entry.visit)
    sure = understood.identity.candidates[0].asset if understood.identity.kind == "sure" else None
    agrees = sure == entry.asset_id or understood.identity.kind == "unsaid"
    if not agrees:
        return
    with writing():
        if entry.visit.asset is None:
            Visit.update(asset=entry.asset, entered_by=entry.run.person, version=Visit.version + 1).where(
                (Visit.id == entry.visit_id) & (Visit.state == "open")
            ).execute()
    learn(entry.asset, understood.attached)


def run_ends(run: int) -> None:
    """Nothing of the run is under way any more."""
    with writing():
        Run.update(ended_at=now()).where(Run.id == run).execute()


def again(run: Run, pcs: Iterable[int] | None = None) -> list[RunPc]:
    """What is to be asked when a run goes on: of the PCs named (or all), the commands that have no answer yet.

    Commands that failed are asked anew; those that were answered never.
    """
    named = set(pcs) if pcs is not None else None
    chosen = [pc for pc in pcs_of(run) if named is None or pc.id in named]
    if named is not None and len(chosen) != len(named):
        raise NotThere("one of these PCs is not in this run")
    with writing():
        for pc in chosen:
            open_commands = [c.id for c in pc.commands if c.state != "answered"]
            if open_commands:
                RunCommand.update(state="waiting", failure="", why="").where(RunCommand.id.in_(open_commands)).execute()
                RunPc.update(state="waiting", why="", kind="").where(RunPc.id == pc.id).execute()
        Run.update(ended_at=None).where(Run.id == run.id).execute()
    return [pc for pc in pcs_of(run) if pc.state == "waiting" and (named is None or pc.id in named)]


def interrupted() -> int:
    """At the server's start: PCs that were being asked when it stopped are said to stand still. Returns how many."""
    with writing():
        stopped = (
            RunPc.select(RunPc.id).join(Run).where(Run.ended_at.is_null() & RunPc.state.in_(("waiting", "asking")))
        )
        ids = [pc.id for pc in stopped]
        for start_at in range(0, len(ids), 500):
            some = ids[start_at : start_at + 500]
            RunPc.update(state="stopped", why=RESTARTED, kind="restarted").where(RunPc.id.in_(some)).execute()
        Run.update(ended_at=now()).where(Run.ended_at.is_null()).execute()
    return len(ids)
