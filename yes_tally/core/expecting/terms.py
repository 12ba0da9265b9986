"""The tree of a spec: what its text says, ready to be checked."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import cached_property
from typing import Literal

from yes_tally.core.catalogue import FACTS, FactKind

Strength = Literal["must", "should"]


@dataclass(frozen=True, slots=True)
class Limit:
    """What a found value is compared with.

    ``number`` in the fact's base unit, or ``text``; ``number`` times another fact (``of``), or a moment ``number``
    seconds from today. ``printed`` is as the spec has it.
    """

    printed: str
    kind: Literal["number", "text", "times", "today"]
    number: float = 0.0
    text: str = ""
    of: str = ""


@dataclass(frozen=True)
class Comparison:
    """``fact`` compared by ``test`` with one or more limits. ``fact`` is a dotted name, also inside a quantifier."""

    fact: str
    test: str
    limits: tuple[Limit, ...]

    @cached_property
    def kind(self) -> FactKind:
        """The catalogue's entry of the fact."""
        return FACTS[self.fact]

    @cached_property
    def fixed_limits(self) -> tuple[float | str, ...] | None:
        """What is compared with, where it is the same for every visit; ``None`` where a visit decides it."""
        if any(limit.kind not in ("number", "text") for limit in self.limits):
            return None
        return tuple(limit.number if limit.kind == "number" else limit.text for limit in self.limits)


@dataclass(frozen=True, slots=True)
class All:
    parts: tuple[Term, ...]


@dataclass(frozen=True, slots=True)
class Any_:
    parts: tuple[Term, ...]


@dataclass(frozen=True, slots=True)
class Not:
    part: Term


@dataclass(frozen=True, slots=True)
class Quantified:
    """``every``/``some``/``no`` item of a group where … : …"""

    quantifier: Literal["every", "some", "no"]
    group: str
    where: Term | None
    then: Term | None


@dataclass(frozen=True, slots=True)
class Counted:
    """How many items of a group (where …), compared."""

    group: str
    where: Term | None
    test: str
    limits: tuple[Limit, ...]


@dataclass(frozen=True, slots=True)
class Same:
    """One field with the same value across all items of a group."""

    fact: str
    group: str


Term = Comparison | All | Any_ | Not | Quantified | Counted | Same


@dataclass(frozen=True, slots=True)
class Expectation:
    """One line of a spec; ``line`` counts from 1."""

    strength: Strength
    term: Term
    because: str
    line: int
    text: str


@dataclass(frozen=True, slots=True)
class Spec:
    """A spec: its name, whom it is for (``role``, ``site``, ``form``, ``tag`` to allowed words), its expectations."""

    name: str
    applies: Mapping[str, tuple[str, ...]]
    expectations: tuple[Expectation, ...]


@dataclass(frozen=True, slots=True)
class SpecError:
    """A mistake in a spec: where (line and column from 1), what was expected, and the nearest right word."""

    line: int
    column: int
    message: str
    expected: tuple[str, ...] = ()
    nearest: str = ""

    def __str__(self) -> str:
        text = f"line {self.line}, column {self.column}: {self.message}"
        if self.expected:
            text += f"; expected {', '.join(self.expected[:8])}"
        return f"{text}. Did you mean “{self.nearest}”?" if self.nearest else text


class SpecMistakes(ValueError):
    """A spec that cannot be used, with all of its mistakes."""

    def __init__(self, errors: tuple[SpecError, ...]) -> None:
        super().__init__("\n".join(map(str, errors)))
        self.errors = errors
