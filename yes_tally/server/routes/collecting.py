"""Collecting: ask sheets, plans, runs, credentials, hand-in addresses."""

from __future__ import annotations

from collections import Counter
from typing import Annotated

from fastapi import APIRouter, Depends, Request, Response
from peewee import fn

from yes_tally.collecting.asking import Credentials
from yes_tally.core.reading.reader import read
from yes_tally.records import asking, hand_in_addresses, host_keys, runs, sheets, vault
from yes_tally.records.assets import get_asset
from yes_tally.records.models import AskSheet, Asset, Person, Record, Run, Visit
from yes_tally.records.store import Refused
from yes_tally.server import present
from yes_tally.server import schemas_collecting as schemas
from yes_tally.server.problems import RESPONSES
from yes_tally.server.routes.bench import Body, text_body
from yes_tally.server.running import Runner, limits_from
from yes_tally.server.schemas import Number
from yes_tally.server.who import Lead, Reader, Technician

router = APIRouter(prefix="/api", tags=["collecting"], responses=RESPONSES)


def the_runner(request: Request) -> Runner:
    """The process's runner."""
    return request.app.state.runner


TheRunner = Annotated[Runner, Depends(the_runner)]


# --- ask sheets -------------------------------------------------------------------------------------------------


@router.get("/sheets", operation_id="sheets")
def all_sheets(_: Reader) -> list[schemas.Sheet]:
    """Every ask sheet, with what came back of its commands so far."""
    met = sheets.experience()
    return [_sheet(sheet, met) for sheet in sheets.sheets()]


def _sheet(sheet: AskSheet, met: dict[str, sheets.Experience]) -> schemas.Sheet:
    nothing = sheets.Experience((), 0, None, 0, 0)
    commands = []
    for line in sheets.lines_of(sheet):
        found = met.get(line.typed, nothing)
        commands.append(
            schemas.MetCommand(
                typed=line.typed, purpose=line.purpose, rights=line.rights, seconds=line.seconds, facts=list(found.facts),
                pcs=found.pcs, took=found.seconds, asked=found.asked, failed=found.failed,
            )
        )  # fmt: skip
    return schemas.Sheet(name=sheet.name, system=sheet.system, commands=commands)


@router.put("/sheets/{name}", operation_id="saveSheet")
def save_sheet(name: str, given: schemas.SaveSheet, _: Technician) -> schemas.Sheet:
    """Write an ask sheet, new or in place of the one of that name."""
    lines = [sheets.SheetLine(c.typed, c.purpose, c.rights, c.seconds) for c in given.commands]
    return _sheet(sheets.save(name, given.system, lines), sheets.experience())


@router.put("/sheets/{name}/csv", operation_id="saveSheetCsv", openapi_extra=text_body)
def save_csv(name: str, body: Body, _: Technician) -> schemas.Sheet:
    """Take a sheet in from CSV."""
    try:
        text = body.decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise Refused(f"this is no text in UTF-8 (byte {error.start + 1}). The sheet was not changed") from error
    known = next((sheet.system for sheet in sheets.sheets() if sheet.name == name), "")
    return _sheet(sheets.save(name, known, sheets.from_csv(text)), sheets.experience())


@router.get("/sheets/{name}/csv", operation_id="sheetCsv", response_class=Response)
def get_csv(name: str, _: Reader) -> Response:
    """A sheet as CSV."""
    lines = [
        sheets.SheetLine(c.typed, c.purpose, c.rights, c.seconds) for c in sheets.lines_of(sheets.sheet_named(name))
    ]
    headers = {"Content-Disposition": 'attachment; filename="ask-sheet.csv"'}
    return Response(sheets.as_csv(lines), media_type="text/csv; charset=utf-8", headers=headers)


@router.post("/sheets/from-session", operation_id="sheetFromSession")
def from_session(given: schemas.Pasted, _: Technician) -> list[schemas.SheetCommand]:
    """The commands of a pasted session, each once, to make a sheet of."""
    found = read(given.text.encode())
    lines = sheets.from_session(s.command for s in found.sections if s.failure != "not-found")
    if not lines:
        raise Refused("no prompt with a command was found in this text")
    return [schemas.SheetCommand(typed=line.typed) for line in lines]


# --- where PCs are reached, and what to ask ----------------------------------------------------------------------


@router.get("/reachable", operation_id="reachable")
def reachable(_: Reader) -> list[schemas.Reachable]:
    """Every asset with where it is reached and when it was last visited."""
    latest: dict[int, str] = dict(
        Visit.select(Visit.asset, fn.MAX(Visit.taken_at))
        .join(Record, on=(Record.visit == Visit.id))
        .group_by(Visit.asset)
        .tuples()
    )
    return [
        schemas.Reachable(
            asset=present.asset_ref(a), address=a.address, port=a.port, sheet=a.sheet, visited_at=latest.get(a.id)
        )
        for a in Asset.select().order_by(Asset.site, Asset.room, Asset.host, Asset.id)
    ]  # fmt: skip


@router.put("/assets/{number}/reach", operation_id="reach", status_code=204)
def reach(number: Number, given: schemas.Reach, _: Technician) -> None:
    """Say where an asset is reached."""
    asking.give_address(get_asset(number), given.address, given.port, given.sheet)


def _askings(choice: schemas.Choice) -> list[asking.Asking]:
    chosen = [get_asset(number) for number in dict.fromkeys(choice.assets)]
    return asking.askings(chosen, choice.extent, choice.side_by_side)


@router.post("/runs/plan", operation_id="planRun")
def plan(given: schemas.Choice, _: Reader) -> schemas.Plan:
    """What a run would ask, how long a PC would take, and which expectations no known command answers."""
    askings = _askings(given)
    pcs = Counter(c.typed for a in askings for c in a.plan.commands)
    seconds = {c.typed: c.seconds for a in askings for c in a.plan.commands}
    missing: dict[str, frozenset[str]] = {}
    short = Counter(text for a in askings for text in a.plan.unanswered)
    for a in askings:
        missing.update(a.plan.unanswered)
    return schemas.Plan(
        pcs=len(askings),
        commands=[
            schemas.PlannedCommand(typed=typed, seconds=seconds[typed], pcs=pcs[typed])
            for typed in sorted(seconds, key=lambda typed: (-seconds[typed], typed))
        ],
        finish=max((a.plan.finish for a in askings), default=0.0),
        unanswered=[
            schemas.Unanswered(says=present.says(text), facts=sorted(facts), pcs=short[text])
            for text, facts in sorted(missing.items())
        ],
    )


# --- runs -------------------------------------------------------------------------------------------------------


def _credentials(login: schemas.Login, by: Person) -> Credentials:
    if login.saved is not None:
        user, secrets = vault.unseal(login.saved)
        return Credentials(user, **secrets)
    if not login.user.strip() or not (login.password or login.key):
        raise Refused("asking needs a user, and a password or a private key")
    secrets = {"password": login.password, "key": login.key, "passphrase": login.passphrase}
    if login.save_as.strip():
        vault.save(login.save_as, login.user, secrets, by)
    return Credentials(login.user.strip(), **secrets)


@router.post("/runs", operation_id="startRun", status_code=201)
def start(given: schemas.StartRun, person: Technician, runner: TheRunner) -> schemas.RunRef:
    """Start a collecting run."""
    choice = given.choice.model_copy(update={"side_by_side": given.limits.side_by_side})
    planned = [(a.asset, [runs.Ask(c.typed, c.seconds) for c in a.plan.commands]) for a in _askings(choice)]
    asked = [(asset, commands) for asset, commands in planned if commands] or planned
    credentials = _credentials(given.login, person)
    name = given.name.strip() or f"{len(asked)} PC{'s' if len(asked) != 1 else ''}"
    run = runs.start(name, asked, limits_from(given.limits.model_dump()), person)
    runner.go(run, runs.pcs_of(run), credentials)
    return _run_ref(run, runner)


@router.get("/runs", operation_id="runs")
def latest(_: Reader, runner: TheRunner) -> list[schemas.RunRef]:
    """The latest runs."""
    return [_run_ref(run, runner) for run in runs.latest()]


@router.get("/runs/{number}", operation_id="run")
def one(number: Number, _: Reader, runner: TheRunner) -> schemas.RunDetail:
    """A run as it stands: every PC, every command."""
    run = runs.get_run(number)
    ref = _run_ref(run, runner)
    pcs = [
        schemas.RunPc(
            id=pc.id, asset=present.asset_ref(pc.asset), state=pc.state, kind=pc.kind, why=pc.why, address=pc.asset.address,
            port=pc.asset.port, visit=pc.visit_id,
            commands=[
                schemas.RunCommand(
                    id=c.id, typed=c.typed, state="asking" if c.id in runner.asking else c.state, failure=c.failure, why=c.why,
                    seconds=c.seconds, took=c.took_ms / 1000 if c.took_ms is not None else None, report=c.report_id,
                )
                for c in pc.commands
            ],
        )
        for pc in runs.pcs_of(run)
    ]  # fmt: skip
    return schemas.RunDetail(**ref.model_dump(), remembers_login=runner.remembers(run.id), pcs=pcs)


@router.post("/runs/{number}/go", operation_id="goOn")
def go_on(number: Number, given: schemas.GoOn, person: Technician, runner: TheRunner) -> schemas.RunRef:
    """Ask what has no answer yet, of all the run's PCs or of some."""
    run = runs.get_run(number)
    if runner.going(run.id):
        raise Refused("this run is under way; wait for its end or stop it first")
    credentials = _credentials(given.login, person) if given.login else runner.remembered(run.id)
    if credentials is None:
        raise Refused("the user and password of this run are not kept any more; enter them again")
    runner.go(run, runs.again(run, given.pcs), credentials)
    return _run_ref(run, runner)


@router.post("/runs/{number}/stop", operation_id="stopRun", status_code=204)
def stop(number: Number, _: Technician, runner: TheRunner) -> None:
    """Stop a run; what has arrived is kept."""
    runner.stop(runs.get_run(number).id)


def _run_ref(run: Run, runner: Runner) -> schemas.RunRef:
    return schemas.RunRef(
        id=run.id, name=run.name, by=run.person.name, started_at=run.started_at, ended_at=run.ended_at,
        going=runner.going(run.id),
    )  # fmt: skip


@router.post("/host-keys/forget", operation_id="forgetHostKey", status_code=204)
def forget_key(given: schemas.ForgetKey, _: Lead) -> None:
    """Forget a PC's pinned host key, so that the next one it shows is pinned."""
    host_keys.forget(given.address, given.port)


# --- credentials and hand-in addresses ---------------------------------------------------------------------------


@router.get("/credentials", operation_id="savedCredentials")
def saved(_: Technician) -> list[schemas.Saved]:
    """What is saved in the vault; never the secrets."""
    return [schemas.Saved(id=c.id, name=c.name, user=c.user, by=c.person.name) for c in vault.names()]


@router.delete("/credentials/{number}", operation_id="forgetCredentials", status_code=204)
def forget(number: Number, _: Technician) -> None:
    """Throw saved credentials away."""
    vault.forget(number)


@router.post("/hand-in-addresses", operation_id="openHandInAddress", status_code=201)
def open_address(given: schemas.OpenAddress, person: Technician) -> schemas.HandInAddress:
    """A short address that any shell can post reports to for two hours."""
    code, ends = hand_in_addresses.open_address(person, given.visit)
    return schemas.HandInAddress(path=f"/in/{code}", expires_at=ends)
