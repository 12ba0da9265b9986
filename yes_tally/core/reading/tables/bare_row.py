"""A row of bare words while it is read: which fields of the thing are told, each where it is printed, and which are not."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FactKind
from yes_tally.core.quantity import Value
from yes_tally.core.reading.shapes.layout import Entry

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


@dataclass(slots=True)
class BareRow:
    """What is known of a row while it is read: the fields not told yet, and those told, each where it is printed."""

    interpreter: Interpreter
    entry: Entry
    group: str
    naming: str
    line: str
    left: list[FactKind]
    told: list[tuple[FactKind, Entry, Value]] = field(default_factory=list)
    sure: bool = False

    def untold(self, *names: str) -> FactKind | None:
        """The first field of these names that is not told yet."""
        return next((fact for fact in self.left if fact.field in names), None)

    def tell(self, fact: FactKind, text: str, at: int, value: Value) -> None:
        """Keep what ``text`` tells, ``at`` its column on the line (from 1)."""
        self.left.remove(fact)
        self.told.append((fact, Entry("", text, self.entry.line, at), value))

    def tell_within(self, fact: FactKind, text: str, at: int, value: Value) -> None:
        """The same, ``at`` its place in the entry (from 0)."""
        self.tell(fact, text, self.entry.column + at, value)

    @property
    def named_by_text(self) -> bool:
        return bool(self.naming) and FACTS[self.naming].kind == "text"

    @property
    def named_by_size(self) -> bool:
        return bool(self.naming) and FACTS[self.naming].kind == "size"
