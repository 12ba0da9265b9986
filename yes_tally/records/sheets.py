"""Ask sheets: the team's own lists of commands for each kind of system, and what came back of each so far."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from statistics import median
from typing import Any

from peewee import fn

from yes_tally.core.planning.ask_plan import Known
from yes_tally.records.models import AskCommand, AskSheet, CommandOutcome, CommandTold
from yes_tally.records.store import NotThere, Refused, writing

HEAD = ("command", "purpose", "rights", "seconds")
RIGHTS = ("anyone", "administrator")
MAX_COMMANDS, MAX_TYPED, MAX_SECONDS = 300, 2000, 3600.0
_RECENT = 200


@dataclass(frozen=True, slots=True)
class SheetLine:
    """A command of a sheet: what is typed, what it is for, the rights it needs, the seconds it is expected to take."""

    typed: str
    purpose: str = ""
    rights: str = "anyone"
    seconds: float = 1.0


@dataclass(frozen=True, slots=True)
class Experience:
    """What came back of a command so far: the facts it told and on how many PCs, how long it took (median seconds),
    how often it was asked and how often it failed."""

    facts: tuple[str, ...]
    pcs: int
    seconds: float | None
    asked: int
    failed: int


def sheets() -> list[AskSheet]:
    """Every sheet, by name."""
    return list(AskSheet.select().order_by(AskSheet.name))


def sheet_named(name: str) -> AskSheet:
    """The sheet of that name. Raises ``NotThere``."""
    found = AskSheet.get_or_none(AskSheet.name == name)
    if found is None:
        raise NotThere(f"there is no ask sheet “{name}”")
    return found


def lines_of(sheet: AskSheet) -> list[AskCommand]:
    """A sheet's commands in its order."""
    return list(sheet.commands.order_by(AskCommand.position))


def save(name: str, system: str, lines: Sequence[SheetLine]) -> AskSheet:
    """Write a sheet, new or in place of the one of that name. Raises ``Refused`` with what is wrong."""
    if not name.strip():
        raise Refused("an ask sheet needs a name")
    if len(lines) > MAX_COMMANDS:
        raise Refused(f"an ask sheet holds at most {MAX_COMMANDS} commands")
    seen: set[str] = set()
    for number, entry in enumerate(lines, 1):
        _check(number, entry, seen)
    with writing():
        sheet, _ = AskSheet.get_or_create(name=name.strip())
        AskSheet.update(system=system.strip()).where(AskSheet.id == sheet.id).execute()
        AskCommand.delete().where(AskCommand.sheet == sheet).execute()
        for position, entry in enumerate(lines):
            AskCommand.create(
                sheet=sheet, position=position, typed=entry.typed.strip(), purpose=entry.purpose.strip(),
                rights=entry.rights, seconds=entry.seconds,
            )  # fmt: skip
    return sheet_named(name.strip())


def _check(number: int, entry: SheetLine, seen: set[str]) -> None:
    typed = entry.typed.strip()
    where = f"line {number}"
    if not typed:
        raise Refused(f"{where}: there is no command in it. The sheet was not changed")
    if "\n" in typed or "\r" in typed or len(typed) > MAX_TYPED:
        raise Refused(f"{where}: a command is one line of at most {MAX_TYPED} characters. The sheet was not changed")
    if typed in seen:
        raise Refused(f"{where}: “{typed}” stands in the sheet twice. The sheet was not changed")
    if entry.rights not in RIGHTS:
        raise Refused(f"{where}: the rights are {' or '.join(RIGHTS)}, not “{entry.rights}”. The sheet was not changed")
    if not 0 <= entry.seconds <= MAX_SECONDS:
        raise Refused(f"{where}: seconds are between 0 and {MAX_SECONDS:.0f}. The sheet was not changed")
    seen.add(typed)


def from_csv(text: str) -> list[SheetLine]:
    """Lines from comma- or semicolon-separated text with a head that names ``command`` at least. Raises ``Refused``."""
    if "\0" in text:
        raise Refused("this is no CSV text. The sheet was not changed")
    first = text.lstrip("\ufeff").partition("\n")[0]
    rows = csv.DictReader(io.StringIO(text.lstrip("\ufeff")), delimiter=";" if ";" in first else ",")
    names = [(name or "").strip().casefold() for name in rows.fieldnames or ()]
    if "command" not in names:
        raise Refused(f"the first line must name the columns, with “command” among them; known are {', '.join(HEAD)}")
    rows.fieldnames = names
    try:
        return [
            _line(rows.line_num, row)
            for row in rows
            if any((v or "").strip() for v in row.values() if isinstance(v, str))
        ]
    except csv.Error as error:
        raise Refused(f"line {rows.line_num}: {error}. The sheet was not changed") from error


def _line(number: int, row: Mapping[str, str | None]) -> SheetLine:
    seconds = (row.get("seconds") or "1").strip().replace(",", ".")
    try:
        took = float(seconds)
    except ValueError as error:
        raise Refused(f"line {number}: “{seconds}” is no number of seconds. The sheet was not changed") from error
    rights = (row.get("rights") or "anyone").strip().casefold()
    return SheetLine(row.get("command") or "", row.get("purpose") or "", rights, took)


def as_csv(lines: Iterable[SheetLine]) -> str:
    """The same, to be opened in a spreadsheet or taken in again."""
    out = io.StringIO()
    writer = csv.writer(out)
    writer.writerow(HEAD)
    writer.writerows((line.typed, line.purpose, line.rights, f"{line.seconds:g}") for line in lines)
    return out.getvalue()


def from_session(commands: Iterable[str | None]) -> list[SheetLine]:
    """A sheet from the commands that a pasted session was cut at, each once."""
    typed = dict.fromkeys(command.strip() for command in commands if command and command.strip())
    return [SheetLine(command) for command in typed]


def experience() -> dict[str, Experience]:
    """What came back of every command that was ever asked or pasted, by how it is typed."""
    facts: dict[str, set[str]] = {}
    pcs: dict[str, set[int]] = {}
    told = CommandTold.select(CommandTold.typed, CommandTold.fact, CommandTold.asset).tuples()
    for typed, fact, asset in list[Any](told):
        facts.setdefault(typed, set()).add(fact)
        pcs.setdefault(typed, set()).add(asset)
    outcomes: dict[str, list[tuple[int | None, str]]] = {}
    latest = (
        CommandOutcome.select(CommandOutcome.typed, CommandOutcome.took_ms, CommandOutcome.failure)
        .order_by(CommandOutcome.id.desc())
        .limit(100_000)
        .tuples()
    )
    for typed, took, failure in list[Any](latest):
        found = outcomes.setdefault(typed, [])
        if len(found) < _RECENT:
            found.append((took, failure))
    return {
        typed: _experience(facts.get(typed, set()), pcs.get(typed, set()), outcomes.get(typed, []))
        for typed in facts.keys() | outcomes.keys()
    }


def _experience(facts: set[str], pcs: set[int], outcomes: Sequence[tuple[int | None, str]]) -> Experience:
    took = [ms / 1000 for ms, failure in outcomes if ms is not None and not failure]
    return Experience(
        tuple(sorted(facts)), len(pcs), round(median(took), 2) if took else None, len(outcomes),
        sum(bool(failure) for _, failure in outcomes),
    )  # fmt: skip


def known_commands(sheet: AskSheet, told: Mapping[str, Experience] | None = None) -> list[Known]:
    """A sheet's commands for a plan: the facts they have told somewhere, and how long they take here."""
    met = experience() if told is None else told
    return [
        Known(
            line.typed,
            found.seconds if (found := met.get(line.typed)) and found.seconds is not None else line.seconds,
            frozenset(found.facts) if found else frozenset(),
        )
        for line in lines_of(sheet)
    ]


def counted() -> int:
    """How many sheets there are."""
    return int(AskSheet.select(fn.COUNT(AskSheet.id)).scalar())
