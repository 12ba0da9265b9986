"""Amounts of memory on one line, each with what it is the amount of.

::

    Installed 16 GB, seen by the system 15.8 GB, free now 9,412 MB
    total 16 GB     usable 15.8 GB     free 9.2 GB     slots 4
    2 of 4 sockets filled, 16,384 MB in all. At most 64 GB.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.asides import FREE, IN_USE, OF_SLOTS, SEEN, SLOTS, UP_TO
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_INSTALLED = (
    r"(?:installed|fitted|built in|eingebaut|verbaut|installiert|install[ée]e?s?|mont[ée]e?s?|instalad[oa]s?|montad[oa]s?|installat[oaie]|montat[oaie]|"
    r"ge[ïi]nstalleerd|geplaatst|zainstalowan\w+|zamontowan\w+)"
)
# What an amount is of by the words beside it, the surest first; of what is used nothing is kept.
_AMOUNT_OF = tuple(
    (fact, re.compile(rf"\b{words}(?!\w)", re.I))
    for fact, words in (
        ("memory.limit", rf"(?:{UP_TO}|limit|(?:ober)?grenze|l[ií]mite?|limiet)"),
        ("memory.usable", SEEN),
        ("memory.available", FREE),
        ("memory.installed", _INSTALLED),
        ("", IN_USE),
    )
)
# All that there is, where what the system can use of it is told as well.
_TOTAL = re.compile(
    r"\b(?:total\w*|totaal|gesamt|insgesamt|zusammen|in all|together|en tout|in tutto|insieme|em conjunto|samen|razem|[łl][ąa]cznie)(?!\w)",
    re.I,
)
_SLOTS = re.compile(rf"\s*(?:(?P<before>\d{{1,2}}) )?{SLOTS}(?(before)| (?P<behind>\d{{1,2}}))\s*", re.I)
_A_SOCKET = re.compile(
    rf"\d (?:{SLOTS}|bänken?|modules?|sticks?|dimms?|barrettes?|riegeln?|m[óo]dulos?|moduli|modułów|moduły|kości)", re.I
)
_PARTS = re.compile(r"(?:(?!\s{2,})[^,;]|[,;](?=\d))+")
_AMOUNT = re.compile(r"\d[\d.,'’\u00a0\u202f]*(?: \d{3})* ?[KMGT]i?[BOo]\b")
_SEVERAL = re.compile(r"\d ?[KMGT]i?[BOo]\b.*?\d")
_LEAST = 2
# What stands for an amount called the total, until it is known of what it is.
_IN_ALL = "total"


def memory_amounts(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the lines of nothing but such amounts, one of them of what is installed, or sockets with one; returns the
    lines that were read."""
    read: set[int] = set()
    sockets = _A_SOCKET.search("\n".join([line.text[: 2 * MAX_LABEL] for line in lines])) is not None
    for line in lines:
        told = _amounts(line) if len(line.text) <= 2 * MAX_LABEL and _SEVERAL.search(line.text) else {}
        if sockets and not told:
            told = _in_sockets(line)
        if len(told) < _LEAST or told.keys().isdisjoint({"memory.installed", "memory.slots"}):
            continue
        for fact, entry in told.items():
            value = understand(FACTS[fact], entry.printed, interpreter.locale) if fact else None
            if value:
                why = "the words beside it say what it is the amount of"
                interpreter.add(fact, None, entry, value, "sentences", 0.85, why)
                read.add(line.number)
    return read


def _amounts(line: Line) -> dict[str, Entry]:
    """The amounts of a line by what each is of; none where a part of it is no such amount, or two are of the same."""
    found: dict[str, Entry] = {}
    for part in _PARTS.finditer(line.text.rstrip(" .")):
        sizes = list(_AMOUNT.finditer(part.group()))
        words = _AMOUNT.sub(" ", part.group())
        if slots := _SLOTS.fullmatch(part.group()):
            which = "before" if slots["before"] else "behind"
            at = part.start() + slots.start(which) + 1
            found["memory.slots"] = Entry("", slots[which], line.number, at)
            continue
        fact = next((fact for fact, pattern in _AMOUNT_OF if pattern.search(words)), None)
        if fact is None and _TOTAL.search(words):
            fact = _IN_ALL
        if len(sizes) != 1 or fact is None or fact in found or re.search(r"[:=\d]", words):
            return {}
        at = part.start() + sizes[0].start() + 1
        found[fact] = Entry("", sizes[0].group(), line.number, at)
    if _IN_ALL in found and "memory.usable" in found:
        found.setdefault("memory.installed", found.pop(_IN_ALL))
    return {} if _IN_ALL in found else found


# What ends a part of what is said of sockets; no dot within a number does.
_CLAUSE = re.compile(r"(?:[^,;.():]|[,.](?=\d)|:(?=\d)|(?:(?<=max)|(?<=m[áa]x)|(?<=maks))\.(?= ))+", re.I)
_OF_EACH = re.compile(r"\b(?:each|per|je|jede[rsnm]?|par|chacun|por|cada|ciascun\w*|ognuno|elk|ka[żz]d\w+|na)\b", re.I)


def _in_sockets(line: Line) -> dict[str, Entry]:
    """How many sockets there are beside how many hold something, and the amounts told with it, by what each is of; none
    where an amount may be of something else."""
    label = line.text.partition(":")[0] if ":" in line.text else ""
    in_cells = "  " in line.text.strip() or "..." in line.text
    if len(line.text) > 2 * MAX_LABEL or in_cells or is_known(label) or not _AMOUNT.search(line.text):
        return {}
    found: dict[str, Entry] = {}
    for part in _CLAUSE.finditer(line.text):
        text = part.group()
        sockets = next((match for pattern, _ in OF_SLOTS if (match := pattern.search(text))), None)
        if sockets:
            at = part.start() + sockets.start(1) + 1
            found["memory.slots"] = Entry("", sockets[1], line.number, at)
        sizes = list(_AMOUNT.finditer(text))
        if not sizes or _OF_EACH.search(text):
            continue
        words = _AMOUNT.sub(" ", text)
        fact = next((fact for fact, pattern in _AMOUNT_OF if pattern.search(words)), None)
        if fact is None and (sockets or _TOTAL.search(words)):
            fact = "memory.installed"
        if len(sizes) > 1 or fact is None or fact in found:
            return {}
        found[fact] = Entry("", sizes[0].group(), line.number, part.start() + sizes[0].start() + 1)
    return found if "memory.slots" in found else {}
