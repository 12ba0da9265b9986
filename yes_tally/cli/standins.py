"""``yes-tally standins …``: the made-up office, to practise on and to measure the reader with."""

from __future__ import annotations

import asyncio
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING, Annotated

import typer

from yes_tally.standins import FIRST_PORT, SEED

if TYPE_CHECKING:
    from yes_tally.standins.host import StandInHost

app = typer.Typer(no_args_is_help=True, help="The made-up office: reports with their truth, and PCs that answer.")


@app.command("print")
def print_command(
    seed: Annotated[int, typer.Argument(help="Which office: the same number gives the same bytes.")],
    out: Annotated[Path, typer.Option("--out", help="The folder to write to.")],
    clean: Annotated[bool, typer.Option("--clean", help="Without the mess of encodings, wrapping and cuts.")] = False,
) -> None:
    """Write every PC's reports and, beside each, what it states."""
    from yes_tally.standins.printing import printed_office

    try:
        out.mkdir(parents=True, exist_ok=True)
        count = 0
        for report in printed_office(seed, mess=not clean):
            (out / f"{report.name}.txt").write_bytes(report.data)
            (out / f"{report.name}.truth.json").write_text(report.truth_file(), "utf-8")
            count += 1
    except OSError as error:
        typer.echo(f"{out}: cannot be written: {error.strerror}", err=True)
        raise typer.Exit(2) from error
    typer.echo(f"{count} reports and their truth in {out}")


@app.command("serve")
def serve_command(
    seed: Annotated[int, typer.Option("--seed", help="Which office.")] = SEED,
    first_port: Annotated[
        int, typer.Option("--first-port", help="The first PC's port; the others follow.")
    ] = FIRST_PORT,
    pace: Annotated[float, typer.Option("--pace", help="Stretches or shortens every delay.")] = 1.0,
    day: Annotated[str, typer.Option("--day", help="The day that the PCs' dates are anchored to, as 2026-01-05.")] = "",
) -> None:
    """Answer SSH for the made-up office on loopback, a port a PC, until stopped."""
    from yes_tally.standins.host import StandInHost
    from yes_tally.standins.office import office

    try:
        anchor = datetime.fromisoformat(day) if day else datetime.now().replace(microsecond=0)
    except ValueError as error:
        typer.echo(f"“{day}” is no day", err=True)
        raise typer.Exit(2) from error
    host = StandInHost(office(seed, anchor), first_port, pace)
    try:
        asyncio.run(_until_stopped(host))
    except OSError as error:
        typer.echo(f"a port from {first_port} on cannot be used: {error.strerror}", err=True)
        raise typer.Exit(1) from error
    except KeyboardInterrupt:
        pass


async def _until_stopped(host: StandInHost) -> None:
    from yes_tally.standins.host import PASSWORD, USER

    await host.start()
    first = min(host.ports.values())
    typer.echo(
        f"{len(host.ports)} stand-in PCs answer SSH at 127.0.0.1 from port {first} on; user {USER}, password {PASSWORD}"
    )
    await asyncio.Event().wait()
