"""``yes-tally standins …``: the made-up office, to practise on and to measure the reader with."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from yes_tally.standins.printing import printed_office

app = typer.Typer(no_args_is_help=True, help="The made-up office: reports with their truth, and PCs that answer.")


@app.command("print")
def print_command(
    seed: Annotated[int, typer.Argument(help="Which office: the same number gives the same bytes.")],
    out: Annotated[Path, typer.Option("--out", help="The folder to write to.")],
    clean: Annotated[bool, typer.Option("--clean", help="Without the mess of encodings, wrapping and cuts.")] = False,
) -> None:
    """Write every PC's reports and, beside each, what it states."""
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
