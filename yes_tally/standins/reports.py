"""What a window or a file holds after commands were run on a stand-in: prompts, answers, refusals, mistypes, and its truth."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from yes_tally.standins.commands import COMMANDS, Command
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Told, Truth

NO_RIGHTS = "this needs administrator rights. Nothing was asked."
NO_COMMAND = "nothing here by that name"


@dataclass(frozen=True, slots=True)
class Failed:
    """Why a command gives nothing: what it prints on the error stream, and its exit code."""

    text: str
    code: int


def release_of(pc: Machine) -> int:
    """The release of the PC's system."""
    return int(str(pc["os.version"]).split(".")[0])


def answer(pc: Machine, typed: str, administrator: bool = True) -> list[Told] | Failed:
    """What a PC prints when this is typed."""
    command = COMMANDS.get(typed)
    if command is None or release_of(pc) < command.since:
        return Failed(f"{typed.split()[0] if typed.split() else typed}: {NO_COMMAND}", 127)
    if command.rights == "administrator" and not administrator:
        return Failed(f"{command.name}: {NO_RIGHTS}", 5)
    return command.printer(pc)


def commands_of(pc: Machine, language: str = "en") -> list[Command]:
    """The commands that a PC has, of one language and the common ones."""
    return [c for c in COMMANDS.values() if c.since <= release_of(pc) and c.language == language]


def session_lines(
    pc: Machine, commands: Sequence[str], refused: Sequence[str] = (), mistyped: str = "", user: str = ""
) -> list[Told]:
    """A whole session, line by line, with its truths."""
    prompt = f"{user or pc.host.split('-')[1]}@{pc.host} >"
    lines: list[Told] = []
    if mistyped:
        lines += [Told(f"{prompt} {mistyped}"), Told(f"{mistyped.split()[0]}: {NO_COMMAND}"), Told("")]
    for typed in commands:
        given = answer(pc, typed, administrator=typed not in refused)
        said = [Told(given.text)] if isinstance(given, Failed) else given
        lines += [_prompt_line(prompt, typed, pc.host), *said, Told("")]
    return lines[:-1] if lines else []


def _prompt_line(prompt: str, typed: str, host: str) -> Told:
    return Told(f"{prompt} {typed}", (Truth("host.name", None, host, host),))


def session(pc: Machine, commands: Sequence[str], refused: Sequence[str] = (), mistyped: str = "") -> str:
    """The text of a session."""
    return "\n".join([*session_lines(pc, commands, refused, mistyped), ""])


def truth_of(lines: Sequence[Told], failures: Sequence[int] = ()) -> dict[str, Any]:
    """The truth of a report as its truth file has it: what each line states, counted from 1, and which lines fail.

    A prompt's host, and what a line states beside its own value, may be read but need not be.
    """
    expect: list[dict[str, Any]] = []
    also: list[dict[str, Any]] = []
    seen: set[tuple[str, str | None, str]] = set()
    for number, line in enumerate(lines, 1):
        for truth in line.truths:
            row = {
                "fact": truth.fact,
                "value": truth.value,
                "line": number,
                **({"item": truth.item} if truth.item else {}),
            }
            key = (truth.fact, truth.item, str(truth.value))
            (
                also if key in seen or not truth.needed or (truth.fact == "host.name" and " > " in line) else expect
            ).append(row)
            seen.add(key)
    return {"expect": expect, "also_ok": also, "placeholders": [], "failures": list(failures)}


def failed_lines(lines: Sequence[Told]) -> list[int]:
    """The lines that state a failure, counted from 1."""
    return [n for n, text in enumerate(lines, 1) if text.endswith((NO_RIGHTS, NO_COMMAND))]
