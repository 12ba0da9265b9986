"""A made-up command: how it is typed, who may run it, where, how long it takes, and what prints its answer."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Told

Printer = Callable[[Machine], list[Told]]


@dataclass(frozen=True)
class Command:
    """``seconds`` is what it takes on a usual PC; ``since`` the first release of the system that has it; ``answers``
    what a person would say it is for."""

    typed: str
    printer: Printer
    answers: str
    seconds: float = 0.2
    rights: Literal["anyone", "administrator"] = "anyone"
    since: int = 11
    language: Literal["en", "de", "fr", "es"] = "en"

    @property
    def name(self) -> str:
        """The program's name, as failures print it."""
        return self.typed.split()[0]
