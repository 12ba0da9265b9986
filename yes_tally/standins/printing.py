"""Reports and truth files of a whole stand-in office for a seed: the same bytes every time."""

from __future__ import annotations

import json
from collections.abc import Iterator
from dataclasses import dataclass
from datetime import datetime
from random import Random
from typing import Any

from yes_tally.standins.machine import Machine
from yes_tally.standins.mess import Mess, drawn, messed
from yes_tally.standins.office import office
from yes_tally.standins.reports import commands_of, failed_lines, session_lines, truth_of

DAY = datetime(2026, 1, 5, 9, 0)
_AT_ONCE = 6
_LANGUAGES = ("en", "de", "fr", "es")


@dataclass(frozen=True, slots=True)
class PrintedReport:
    """One report: its file name without an ending, its bytes, and what they state (the shape of a truth file)."""

    name: str
    data: bytes
    truth: dict[str, Any]

    def truth_file(self) -> str:
        """The truth as it is written to a file."""
        return json.dumps(self.truth, ensure_ascii=False, indent=1, sort_keys=True) + "\n"


def printed_office(seed: int, mess: bool = True, one_of: int = 1) -> Iterator[PrintedReport]:
    """Every PC's reports: sessions of some commands each, with the mess that a day brings. ``one_of``: only every so
    manieth PC, others for other seeds."""
    random = Random(f"print {seed}")
    for pc in office(seed, DAY)[seed % one_of :: one_of]:
        yield from _printed(pc, random, mess)


def _printed(pc: Machine, random: Random, with_mess: bool) -> Iterator[PrintedReport]:
    commands = [command.typed for language in _LANGUAGES for command in commands_of(pc, language)]
    random.shuffle(commands)
    chosen = [commands[start : start + _AT_ONCE] for start in range(0, len(commands), _AT_ONCE)]
    for number, some in enumerate(chosen, 1):
        refused = [typed for typed in some if random.random() < 0.03]
        mistyped = "abuot machine" if random.random() < 0.1 else ""
        lines = session_lines(pc, some, refused, mistyped)
        mess = drawn(random) if with_mess else Mess()
        data, stands = messed(lines, mess)
        truth = {"encoding": mess.encoding, **truth_of(stands, failed_lines(stands))}
        yield PrintedReport(f"{pc.host}-{number}", data, truth)
