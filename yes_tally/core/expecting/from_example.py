"""A spec from good PCs: the expectations that they share, to be pruned by a person."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Value, version_parts
from yes_tally.core.saying import say_fact
from yes_tally.core.settling.facts import FactBook


@dataclass(frozen=True, slots=True)
class Row:
    """A fact that specs speak of, how strongly, and what its values on good PCs are made into."""

    fact: str
    strength: str
    made: Callable[[str, Sequence[Value]], str]


def _same(fact: str, values: Sequence[Value]) -> str:
    words = sorted({say_fact(fact, value) for value in values})
    if len(words) > 4 or any('"' in word for word in words):
        return ""
    shown = [word if FACTS[fact].kind in ("flag", "choice") else f'"{word}"' for word in words]
    return f"is {shown[0]}" if len(shown) == 1 else f"is one of {', '.join(shown)}"


def _least(fact: str, values: Sequence[Value]) -> str:
    least = min(values, key=lambda value: float(value.low))  # type: ignore[arg-type]
    return f"at least {say_fact(fact, least)}"


def _oldest(fact: str, values: Sequence[Value]) -> str:
    return f"at least {min((str(value.value) for value in values), key=version_parts)}"


ROWS: tuple[Row, ...] = (
    Row("memory.installed", "must", _least),
    Row("processor.cores", "must", _least),
    Row("os.name", "must", _same),
    Row("os.edition", "must", _same),
    Row("os.build", "must", _oldest),
    Row("licence.channel", "must", _same),
    Row("licence.state", "must", _same),
    Row("licence.permanent", "should", _same),
    Row("firmware.mode", "must", _same),
    Row("firmware.secure_boot", "must", _same),
    Row("security.tpm", "should", _oldest),
    Row("host.domain", "should", _same),
    Row("module.type", "must", _same),
    Row("disk.media", "should", _same),
    Row("disk.health", "must", _same),
    Row("disk.size", "should", _least),
    Row("adapter.dns", "should", lambda fact, values: _within(values)),
    Row("firewall.on", "must", _same),
)


def _within(values: Sequence[Value]) -> str:
    words = sorted({part for value in values if isinstance(value.value, tuple) for part in value.value})
    return f"within {', '.join(f'{chr(34)}{word}{chr(34)}' for word in words)}" if 0 < len(words) <= 6 else ""


def spec_from(name: str, books: Sequence[FactBook]) -> str:
    """The text of a spec that all of these PCs fulfil, as far as they say: one line a fact that every one of them told
    without dispute."""
    lines = [f'spec "{name}"', ""]
    for row in ROWS:
        told = [list(_values(row.fact, book)) for book in books]
        if not all(told):
            continue
        made = row.made(row.fact, [value for values in told for value in values])
        if made:
            lines.append(f"{row.strength:<6} {_subject(row.fact, made)}")
    return "\n".join(lines) + "\n"


def _subject(fact: str, made: str) -> str:
    kind = FACTS[fact]
    if not kind.item:
        return f"{fact} {made}"
    where = " where connected is yes" if kind.group == "adapter" else ""
    return f"every {kind.group}{where}: {kind.field} {made}"


def _values(fact: str, book: FactBook) -> Iterable[Value]:
    for each in book:
        if each.name == fact and not each.disputed:
            yield each.value
