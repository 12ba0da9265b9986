"""The made-up commands, one file a family; ``COMMANDS`` is all of them by how they are typed.

They know nothing of the reader, nor the reader of them.
"""

from __future__ import annotations

from yes_tally.standins.commands import about, elsewhere, hull, stow, watch, wire
from yes_tally.standins.commands.command import Command

COMMANDS: dict[str, Command] = {
    command.typed: command for family in (about, hull, wire, watch, stow, elsewhere) for command in family.COMMANDS
}
ENGLISH = tuple(command.typed for command in about.COMMANDS)
GERMAN = ("auskunft rechner", "auskunft system", *(t for t in ENGLISH if t not in ("about machine", "about system")))

__all__ = ["COMMANDS", "ENGLISH", "GERMAN", "Command"]
