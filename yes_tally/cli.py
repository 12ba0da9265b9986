"""The command line: one command an act."""

from __future__ import annotations

import json
import sys
from pathlib import Path
from typing import Annotated

import typer

from yes_tally.collecting import this_pc
from yes_tally.collecting.hand_in import HandInFailed, hand_in
from yes_tally.core.reading.as_json import report_as_json
from yes_tally.core.reading.reader import ReadReport, read
from yes_tally.core.words import FAILURE_SENTENCES

app = typer.Typer(
    no_args_is_help=True, add_completion=False, help="Yes Tally: what the office's PCs say, read and sealed."
)


@app.callback()
def _root() -> None:
    """Yes Tally."""


@app.command("read")
def read_command(
    files: Annotated[list[str], typer.Argument(help="Reports to read; - for standard input.")],
    as_json: Annotated[bool, typer.Option("--json", help="Print JSON instead of text.")] = False,
) -> None:
    """Read reports and print what they say."""
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


def main() -> None:
    """The console script."""
    app()


if __name__ == "__main__":
    main()
