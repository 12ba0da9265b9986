"""The caches of all levels in one value, the first level first (``Cache: 384 KB / 3 MB / 32 MB``)."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# What a cache is called; ``mémoire cache`` is a processor's, and no memory of the PC.
CACHE = frozenset("cache podreczna zwischenspeicher cachegeheugen cachespeicher antememoire".split())
_SIZE = r"\d[\d.,]* ?[KM]i?[BOo]"
_LEVELS = re.compile(rf"(?P<l1>{_SIZE})(?P<by> ?/ ?| ?\+ ?|, )(?P<l2>{_SIZE})(?:(?P=by)(?P<l3>{_SIZE}))?")
_CALLED = r"(?:level|niveau|stufe|ebene|livello|n[ií]vel|poziom) "
# ``niveau 1 512 Ko, niveau 2 2 Mo``
NAMED_LEVELS = re.compile(
    rf"{_CALLED}1:? (?P<l1>{_SIZE}),? {_CALLED}2:? (?P<l2>{_SIZE})(?:,? {_CALLED}3:? (?P<l3>{_SIZE}))?", re.I
)


def caches_in_order(interpreter: Interpreter, entry: Entry, item: Item | None, shape: str) -> bool:
    """Read the sizes of a processor's caches that one label holds. Whether it holds them."""
    if item is None or item.group != "processor" or CACHE.isdisjoint(words_of(entry.label)):
        return False
    levels = _LEVELS.fullmatch(entry.printed) or NAMED_LEVELS.fullmatch(entry.printed)
    if levels is None or any(map(str.isdigit, entry.label)):
        return False
    for level in ("l1", "l2", "l3"):
        fact = FACTS[f"processor.cache_{level}"]
        if levels[level] and (value := understand(fact, levels[level], interpreter.locale)):
            at = Entry(entry.label, levels[level], entry.line, entry.column + levels.start(level))
            interpreter.add(fact.name, item, at, value, shape, 0.8, "the caches are told from the first level on")
    return True
