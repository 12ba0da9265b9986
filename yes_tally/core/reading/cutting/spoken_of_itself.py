"""A command that printed little but a line of its own about itself, as commands do when they fail."""

from __future__ import annotations

from yes_tally.core.failures import says_went_wrong
from yes_tally.core.reading.cutting.sections import CALLS_ITSELF_ERROR, Section, tells_pair
from yes_tally.core.reading.phrases.elsewhere import asks_elsewhere
from yes_tally.core.words import flag_of

# Of so many words a line says more than that it failed.
LEAST_OF_ERROR = 4
_MOST_LINES_OF_ERROR = 2


def spoke_of_itself(section: Section, *, tells: bool) -> int | None:
    """The line of a command that printed little but a line that begins with its own name or calls itself an error, as
    commands do when they fail, or, where it ``tells`` nothing that could be read, that says that something went wrong."""
    said = [line for line in section.lines if line.text.strip()]
    if section.failure or not section.command or not 0 < len(said) <= _MOST_LINES_OF_ERROR:
        return None
    first = said[0].text
    own = section.command.split()[0]
    if any(flag_of(clause.strip(" .")) is not None for clause in first[len(own) + 1 :].split(",")):
        return None  # ``virt: available, enabled`` answers
    if first.startswith((f"{own}:", f"{own} :")) or CALLS_ITSELF_ERROR.match(first):
        return said[0].number
    if tells or asks_elsewhere(section.command):
        return None
    return next((line.number for line in said if says_went_wrong(line.text) and not tells_pair(line.text)), None)
