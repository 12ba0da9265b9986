"""The parts book: what is known of part numbers, processors, disks and PC models, whoever printed them."""

from __future__ import annotations

import hashlib
import re
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass, field
from functools import cached_property
from types import MappingProxyType
from typing import Literal, get_args

from yes_tally.core.quantity import Value
from yes_tally.core.words import plain

PartKind = Literal["module", "processor", "disk", "machine", "maker", "marker"]
PART_KINDS: tuple[PartKind, ...] = get_args(PartKind)

# What can be known of a kind of part, and the fact of the catalogue that says the same of a PC. An empty fact: a
# property that no report prints.
PROPERTIES: Mapping[PartKind, Mapping[str, str]] = MappingProxyType({
    "module": {
        "maker": "module.maker", "type": "module.type", "form": "module.form", "size": "module.size",
        "speed": "module.speed", "pins": "module.pins",
    },
    "processor": {
        "maker": "processor.maker", "generation": "processor.generation", "cores": "processor.cores",
        "threads": "processor.threads", "clock": "processor.clock", "max_clock": "processor.max_clock",
        "architecture": "processor.architecture",
    },
    "disk": {"size": "disk.size", "media": "disk.media", "bus": "disk.bus"},
    "machine": {
        "maker": "machine.maker", "form": "machine.form", "limit": "machine.limit", "slots": "memory.slots",
        "type": "module.type", "serial_form": "",
    },
    "maker": {"serial_form": ""},
    "marker": {"refurbished": "machine.refurbished"},
})  # fmt: skip
COMMON = ("price", "note")
"""What a person may write down of any part; nothing is computed from it."""
COLUMNS: tuple[str, ...] = (
    "kind", "number", *dict.fromkeys(name for properties in PROPERTIES.values() for name in properties), *COMMON,
)  # fmt: skip
WHAT_IT_IS: Mapping[PartKind, str] = MappingProxyType({
    "module": "memory module", "processor": "processor", "disk": "disk", "machine": "PC model", "maker": "PC maker",
    "marker": "refurbishing marker",
})  # fmt: skip

_MARKS = re.compile(r"\((?:r|tm|c)\)|[®™©]")
_WORD = re.compile(r"[^\s,;@()]+")


@dataclass(frozen=True, slots=True)
class Part:
    """One entry. ``number`` is the part number or the name as its maker prints it; for a marker, what stands in a
    model's name or sku. ``says`` has a value for each property that is known, ``printed`` the same as it was written."""

    kind: PartKind
    number: str
    says: Mapping[str, Value] = field(default_factory=dict)
    printed: Mapping[str, str] = field(default_factory=dict)

    def __post_init__(self) -> None:
        unknown = set(self.printed) - set(PROPERTIES[self.kind]) - set(COMMON)
        if unknown:
            raise ValueError(f"a {WHAT_IT_IS[self.kind]} has no {', '.join(sorted(unknown))}")

    @property
    def key(self) -> tuple[PartKind, str]:
        """What tells entries apart: the kind, and the number without its case, gaps and trade marks."""
        return self.kind, " ".join(words_of(self.number))


def words_of(text: str) -> tuple[str, ...]:
    """The words of a part's name, as they are compared: case, trade marks and punctuation around them aside."""
    return tuple(_WORD.findall(_MARKS.sub(" ", plain(text))))


class PartsBook:
    """Parts to be found by what a report printed."""

    def __init__(self, parts: Iterable[Part] = ()) -> None:
        self.parts: tuple[Part, ...] = tuple(parts)
        self._by_words: dict[PartKind, dict[tuple[str, ...], Part]] = {kind: {} for kind in PART_KINDS}
        for part in self.parts:
            self._by_words[part.kind].setdefault(words_of(part.number), part)
        self._longest = {kind: max(map(len, found), default=0) for kind, found in self._by_words.items()}

    def __iter__(self) -> Iterator[Part]:
        return iter(self.parts)

    def __bool__(self) -> bool:
        return bool(self.parts)

    def find(self, kind: PartKind, printed: str) -> Part | None:
        """The part that a printed name speaks of: the entry whose words stand in it, in their order and whole; of
        several the longest. ``Kestrel(R) K5-8420 CPU @ 3.20GHz`` speaks of ``Kestrel K5-8420``."""
        known = self._by_words[kind]
        words = words_of(printed)
        for length in range(min(self._longest[kind], len(words)), 0, -1):
            for start in range(len(words) - length + 1):
                part = known.get(words[start : start + length])
                if part is not None:
                    return part
        return None

    def of_kind(self, kind: PartKind) -> Iterator[Part]:
        """All parts of one kind."""
        return iter(self._by_words[kind].values())

    @cached_property
    def edition(self) -> str:
        """A short name of exactly this content (empty for an empty book), kept in records."""
        if not self.parts:
            return ""
        rows = sorted(repr((part.key, sorted(part.printed.items()))) for part in self.parts)
        return hashlib.sha256("\n".join(rows).encode()).hexdigest()[:12]

    def __hash__(self) -> int:
        return hash(self.edition)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, PartsBook) and self.edition == other.edition


EMPTY = PartsBook()

_FORM_SIGNS = {"#": r"\d", "@": r"[^\W\d_]", "?": r".", "*": r".*"}


def has_form(serial: str, form: str) -> bool:
    """Whether a serial has a form: ``#`` stands for a digit, ``@`` for a letter, ``?`` for any one character and ``*``
    for any number of them; everything else for itself, case aside."""
    pattern = "".join(_FORM_SIGNS.get(sign, re.escape(sign)) for sign in re.sub(r"\*+", "*", form)[:64])
    return re.fullmatch(pattern, serial.strip(), re.I) is not None
