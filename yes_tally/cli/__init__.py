"""The command line: one command an act.

Each command imports what it needs when it runs: who reads a report does not wait for the server to be loaded.
"""

from __future__ import annotations

import json
import subprocess
import sys
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING, Annotated

import typer

from yes_tally.cli import standins

if TYPE_CHECKING:
    from yes_tally.core.reading.reader import ReadReport

app = typer.Typer(
    no_args_is_help=True, add_completion=False, help="Yes Tally: what the office's PCs say, read and sealed."
)

app.add_typer(standins.app, name="standins")


@app.callback()
def _root() -> None:
    """Yes Tally."""


@app.command("read")
def read_command(
    files: Annotated[list[str], typer.Argument(help="Reports to read; - for standard input.")],
    as_json: Annotated[bool, typer.Option("--json", help="Print JSON instead of text.")] = False,
) -> None:
    """Read reports and print what they say."""
    from yes_tally.core.reading.as_json import report_as_json
    from yes_tally.core.reading.reader import read

    reports = []
    for file in files:
        try:
            data = sys.stdin.buffer.read() if file == "-" else Path(file).read_bytes()
        except OSError as error:
            typer.echo(f"{file}: cannot be read: {error.strerror}", err=True)
            raise typer.Exit(2) from error
        reports.append((file, read(data)))
    if as_json:
        document = {"reports": [report_as_json(report, file) for file, report in reports]}
        sys.stdout.write(json.dumps(document, ensure_ascii=False) + "\n")
        return
    for file, report in reports:
        _print_report(file, report)


def _print_report(file: str, report: ReadReport) -> None:
    from yes_tally.core.failures import FAILURE_SENTENCES

    typer.echo(f"{file}: {len(report.lines)} lines, {report.encoding}, {len(report.readings)} readings")
    for section in report.sections:
        if section.failure:
            typer.echo(
                f"  line {section.failure_line}: {section.command or 'a command'} failed: {FAILURE_SENTENCES[section.failure]}"
            )
    for reading in report.readings:
        name = f"{reading.fact} ({reading.item})" if reading.item else reading.fact
        typer.echo(f"  line {reading.line:>4}  {name:<36} {reading.printed!r} -> {reading.value.value!r}")
    if report.unread_lines:
        typer.echo(f"  {len(report.unread_lines)} lines carried nothing that is known")


@app.command()
def collect(
    to: Annotated[str, typer.Option("--to", help="Hand the report in to this server.")] = "",
    token: Annotated[str, typer.Option("--token", envvar="YES_TALLY_TOKEN", help="A collector's token.")] = "",
) -> None:
    """Read this Linux PC and print its report; with --to, hand it in as well."""
    from yes_tally.collecting import this_pc
    from yes_tally.collecting.hand_in import HandInFailed, hand_in

    report = this_pc.collect()
    sys.stdout.write(report)
    if not to:
        return
    if not token:
        typer.echo("handing in needs --token T (or YES_TALLY_TOKEN); the report above was not sent", err=True)
        raise typer.Exit(2)
    try:
        typer.echo(hand_in(report, to, token), err=True)
    except HandInFailed as error:
        typer.echo(f"{error}; the report above was not sent", err=True)
        raise typer.Exit(1) from error


DATA = Path("data")
Data = Annotated[Path, typer.Option("--data", envvar="YES_TALLY_DATA", help="The folder that holds the store.")]
Port = Annotated[int, typer.Option("--port", envvar="PORT", help="The port to serve at.")]


@app.command("check")
def check_command(
    spec: Annotated[Path, typer.Argument(help="A spec's text.")],
    files: Annotated[list[Path], typer.Argument(help="The reports of one PC.")],
) -> None:
    """Hold one PC's reports against a spec; exit 1 when a must gets a no."""
    from yes_tally.core.expecting.check import check, with_visit_facts
    from yes_tally.core.expecting.judgement import Visited
    from yes_tally.core.expecting.parse import parse_spec
    from yes_tally.core.expecting.terms import SpecMistakes
    from yes_tally.core.reading.reader import read
    from yes_tally.core.settling.settle import settle

    try:
        parsed = parse_spec(spec.read_text("utf-8"))
        reports = [read(file.read_bytes()) for file in files]
    except SpecMistakes as mistakes:
        for error in mistakes.errors:
            typer.echo(f"{spec}: {error}", err=True)
        raise typer.Exit(2) from mistakes
    except (OSError, UnicodeDecodeError) as error:
        typer.echo(f"{error}", err=True)
        raise typer.Exit(2) from error
    now = datetime.now()
    visited = Visited(now, now)
    answers = check(parsed, with_visit_facts(settle(reports), visited, len(reports)), visited)
    for answer in answers:
        margin = f" ({answer.margin})" if answer.margin else ""
        typer.echo(f"{answer.verdict:<9} {answer.expectation}\n          {answer.found}{margin}")
    if any(answer.verdict == "no" and answer.strength == "must" for answer in answers):
        raise typer.Exit(1)


@app.command("verify")
def verify_command(data: Data = DATA) -> None:
    """Walk the sealed records; name the first that does not add up, and exit 1."""
    from yes_tally.records import chain
    from yes_tally.records.store import using

    _open(data, must_exist=True)
    with using():
        count, flaw = chain.verify()
    if flaw is None:
        typer.echo(f"{count} sealed records, all whole")
        return
    typer.echo(f"record {flaw.number}: {flaw.what}" if flaw.number else flaw.what)
    raise typer.Exit(1)


@app.command()
def demo(
    data: Data = DATA / "demo", port: Port = 8040, serve_it: Annotated[bool, typer.Option("--serve/--no-serve")] = True
) -> None:
    """Load the demo office (once) and serve it."""
    from yes_tally.demo import build_demo, day_of_store, sign_in_lines
    from yes_tally.records.store import using
    from yes_tally.standins.host import PASSWORD, USER

    path = data / STORE
    if not path.exists():
        typer.echo("Loading the demo office, Lantern Sound Ferries: 36 PCs, their reports read and sealed …")
        building = data / f"{STORE}.building"
        for leftover in data.glob(f"{STORE}.building*"):
            leftover.unlink()
        build_demo(building)
        building.rename(path)
    _open(data, must_exist=True)
    typer.echo(f"\nYes Tally is at http://127.0.0.1:{port}\nSign in with:")
    for line in sign_in_lines():
        typer.echo(f"  {line}")
    typer.echo(f"\nCollect asks its made-up PCs over SSH: user {USER}, password {PASSWORD}\n")
    if not serve_it:
        return
    with using():
        day = day_of_store().isoformat()
    pcs = subprocess.Popen(
        [sys.executable, "-m", "yes_tally.cli", "standins", "serve", "--day", day], stdout=subprocess.DEVNULL
    )
    try:
        _serve(port)
    finally:
        pcs.terminate()


@app.command()
def serve(data: Data = DATA, port: Port = 8040) -> None:
    """Serve the store in the data folder."""
    from yes_tally.records.models import Person
    from yes_tally.records.store import using

    _open(data)
    with using():
        if not Person.select().exists():
            typer.echo(
                "Nobody can sign in yet: add the first lead with `yes-tally add-person NAME --role lead`.", err=True
            )
            raise typer.Exit(2)
    typer.echo(f"Yes Tally is at http://127.0.0.1:{port}")
    _serve(port)


@app.command("add-person")
def add_person_command(
    sign_in: Annotated[str, typer.Argument(help="The name to sign in with.")],
    name: Annotated[str, typer.Option("--name", help="The full name.")] = "",
    role: Annotated[str, typer.Option("--role", help="reader, technician or lead.")] = "technician",
    password: Annotated[str, typer.Option(prompt=True, hide_input=True, confirmation_prompt=True)] = "",
    data: Data = DATA,
) -> None:
    """Add a person who can sign in."""
    from yes_tally.records import people
    from yes_tally.records.store import RecordsError, using

    _open(data)
    try:
        with using():
            people.add_person(sign_in, name or sign_in, role, password)
    except RecordsError as error:
        typer.echo(str(error), err=True)
        raise typer.Exit(2) from error
    typer.echo(f"{sign_in} can sign in as a {role}")


@app.command("add-token")
def add_token_command(
    name: Annotated[str, typer.Argument(help="What the token is for.")],
    person: Annotated[str, typer.Option("--for", help="The sign-in name it stands for.")],
    data: Data = DATA,
) -> None:
    """Make a collector's token, shown this once."""
    from yes_tally.records import people
    from yes_tally.records.store import RecordsError, using

    _open(data, must_exist=True)
    try:
        with using():
            typer.echo(people.add_token(name, person))
    except RecordsError as error:
        typer.echo(str(error), err=True)
        raise typer.Exit(2) from error


@app.command(hidden=True)
def openapi() -> None:
    """Print the API's description, from which the front end's types are made."""
    from yes_tally.server.app import create_app

    sys.stdout.write(json.dumps(create_app().openapi(), indent=1, sort_keys=True) + "\n")


STORE = "yes-tally.db"


def _open(data: Path, must_exist: bool = False) -> None:
    from importlib.resources import files

    from yes_tally.records import sheets
    from yes_tally.records.store import RecordsError, open_store, using

    path = data / STORE
    if must_exist and not path.exists():
        typer.echo(f"there is no store in {data}", err=True)
        raise typer.Exit(2)
    try:
        open_store(path)
    except RecordsError as error:
        typer.echo(str(error), err=True)
        raise typer.Exit(2) from error
    with using():
        if not sheets.counted():
            text = (files("yes_tally.collecting") / "sheets" / "linux.csv").read_text("utf-8")
            sheets.save("Linux", "Linux", sheets.from_csv(text))


def _serve(port: int) -> None:
    import uvicorn

    from yes_tally.server.app import create_app
    from yes_tally.server.logs import configure_logs

    configure_logs()
    uvicorn.run(
        create_app(), host="127.0.0.1", port=port, log_level="warning", access_log=False, timeout_graceful_shutdown=3
    )


def main() -> None:
    """The console script."""
    app()
