"""The lines of a section that are read apart from its blocks: those that tell something whole, wherever they stand."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import NamedTuple

from yes_tally.core.reading.clauses.firewall_profiles import profiles_on_lines
from yes_tally.core.reading.interpret import Interpreter
from yes_tally.core.reading.kinds.accounts_listed import members_of_groups
from yes_tally.core.reading.kinds.adapters_again import rows_of_adapters_again
from yes_tally.core.reading.kinds.boot_menus import boot_menus
from yes_tally.core.reading.kinds.checks_by_day import checks_by_day
from yes_tally.core.reading.kinds.checks_listed import rows_of_checks
from yes_tally.core.reading.kinds.checks_under_heads import checks_under_heads
from yes_tally.core.reading.kinds.devices_over_drivers import devices_over_drivers
from yes_tally.core.reading.kinds.events_by_day import events_by_day
from yes_tally.core.reading.kinds.field_asked import field_asked
from yes_tally.core.reading.kinds.fields_of_drives import fields_of_drives
from yes_tally.core.reading.kinds.memory_amounts import memory_amounts
from yes_tally.core.reading.kinds.memory_sockets import lettered_sockets, lines_counting_sockets
from yes_tally.core.reading.kinds.name_lookups import lines_of_answers
from yes_tally.core.reading.kinds.names_listed import names_listed
from yes_tally.core.reading.kinds.one_column import one_column
from yes_tally.core.reading.kinds.pc_first import pc_first
from yes_tally.core.reading.kinds.screens_at_ports import screens_at_ports
from yes_tally.core.reading.kinds.updates_in_lines import updates_in_sentences
from yes_tally.core.reading.kinds.volumes_on_disks import volumes_on_disks
from yes_tally.core.reading.statements.things_in_sentences import things_in_sentences
from yes_tally.core.reading.text.decode import Line


class _Asked(NamedTuple):
    """The lines of a section, what its ``command`` speaks of, and that command."""

    interpreter: Interpreter
    lines: Sequence[Line]
    spoken: tuple[str, ...]
    command: str


_Reader = Callable[[_Asked], set[int]]
# Each reads what it knows; of checks the first way that is found.
_READ_APART: tuple[_Reader, ...] = (
    lambda of: lines_of_answers(of.lines),
    lambda of: members_of_groups(of.interpreter, of.lines),
    lambda of: things_in_sentences(of.interpreter, of.lines),
    lambda of: updates_in_sentences(of.interpreter, of.lines),
    lambda of: field_asked(of.interpreter, of.lines, of.spoken, of.command),
    lambda of: names_listed(of.interpreter, of.lines, of.spoken),
    lambda of: one_column(of.interpreter, of.lines, of.spoken),
    lambda of: pc_first(of.interpreter, of.lines, of.spoken),
    lambda of: memory_amounts(of.interpreter, of.lines),
    lambda of: lines_counting_sockets(of.interpreter, of.lines),
    lambda of: lettered_sockets(of.interpreter, of.lines),
    lambda of: volumes_on_disks(of.interpreter, of.lines),
    lambda of: fields_of_drives(of.interpreter, of.lines, of.spoken),
    lambda of: screens_at_ports(of.interpreter, of.lines, of.spoken),
    lambda of: profiles_on_lines(of.interpreter, of.lines, of.spoken),
    lambda of: boot_menus(of.interpreter, of.lines),
    lambda of: events_by_day(of.interpreter, of.lines),
    lambda of: devices_over_drivers(of.interpreter, of.lines, of.spoken),
    lambda of: (
        checks_under_heads(of.interpreter, of.lines, of.spoken)
        or rows_of_checks(of.interpreter, of.lines, spoken_of="health_check" in of.spoken)
        or checks_by_day(of.interpreter, of.lines, of.command)
    ),
)


def lines_apart(interpreter: Interpreter, lines: Sequence[Line], spoken: tuple[str, ...], command: str) -> set[int]:
    """Read the lines that tell something whole, in any block; returns those that were read, by their numbers. A section of
    nothing but rows about adapters that were named before is read as that alone."""
    asked = _Asked(interpreter, lines, spoken, command)
    return rows_of_adapters_again(interpreter, lines, command) or {
        number for reads in _READ_APART for number in reads(asked)
    }
