"""A command that printed little but a line of its own about itself, as commands do when they fail."""

from __future__ import annotations

from yes_tally.core.reading.cutting.sections import CALLS_ITSELF_ERROR, Section
from yes_tally.core.words import flag_of

# Of so many words a line says more than that it failed.
LEAST_OF_ERROR = 4
_MOST_LINES_OF_ERROR = 2


def spoke_of_itself(section: Section) -> int | None:
    """The line of a command that printed little but a line that begins with its own name or calls itself an error, as
    commands do when they fail."""
    said = [line for line in section.lines if line.text.strip()]
    if section.failure or not section.command or not 0 < len(said) <= _MOST_LINES_OF_ERROR:
        return None
    first = said[0].text
    own = section.command.split()[0]
    if any(flag_of(clause.strip(" .")) is not None for clause in first[len(own) + 1 :].split(",")):
        return None  # ``virt: available, enabled`` answers
    failed = first.startswith((f"{own}:", f"{own} :")) or CALLS_ITSELF_ERROR.match(first)
    return said[0].number if failed else None
