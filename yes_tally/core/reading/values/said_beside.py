"""What a text found beside a value says of another fact, where that is not what is printed."""

from __future__ import annotations

import re

from yes_tally.core.reading.values.addresses import mask_of
from yes_tally.core.reading.values.text_forms import CORES, FIXED, LEASED


def said_aside(match: re.Match[str], aside: str) -> str | None:
    """What the text found beside a value says of the fact ``aside``, for a value of its kind; ``None`` where nothing."""
    if aside.endswith(".mask"):
        return mask_of(match[1])
    if aside == "licence.permanent":
        return "yes"
    if aside == "adapter.dhcp" and re.fullmatch(f"{LEASED}|{FIXED}", match[1], re.I):
        return "no" if re.fullmatch(FIXED, match[1], re.I) else "yes"
    return threads_of_all(match.string, match[1]) if aside == "processor.threads" else match[1]


# ``2 threads per core``, ``each with 2 threads``: said of one core.
_EACH = re.compile(
    r"\b(?:each|apiece|per core|a core|je(?:weils)?(?: Kern)?|pro Kern|chacun|par c(?:oe|œ)ur|cada (?:uno|um|núcleo)|por núcleo"
    r"|ciascuno|per (?:nucleo|kern|rdzeń)|elk|każdy|na rdzeń)\b",
    re.I,
)
_COUNTS_CORES = re.compile(rf"(\d{{1,3}}) {CORES}\b|^\s*(\d{{1,3}})\b", re.I)


_MOST_OF_ONE = 4


def threads_of_all(printed: str, threads: str) -> str | None:
    """The threads of all cores: as printed, or what is said of each core times the cores that the text counts; ``None``
    where it counts none."""
    if not _EACH.search(printed) or int(threads) > _MOST_OF_ONE:
        return threads  # of one processor among several
    cores = _COUNTS_CORES.search(printed)
    return str(int(cores[1] or cores[2]) * int(threads)) if cores else None
