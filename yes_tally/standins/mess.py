"""Mess over a clean report: what encodings, windows, wrapping, colours and interrupted copying do to a text."""

from __future__ import annotations

from dataclasses import dataclass
from random import Random

from yes_tally.standins.telling import Told, Truth

# An encoding, and the bytes that it puts before the text.
_ENCODINGS = {
    "utf-8": b"", "utf-8-sig": b"", "utf-16-le": b"\xff\xfe", "utf-16-be": b"\xfe\xff", "cp1252": b"", "cp437": b"",
}  # fmt: skip
ENDS = ("\n", "\r\n", "\r\r\n")
NARROW = 80


@dataclass(frozen=True, slots=True)
class Mess:
    """What happens to a report. ``width`` wraps longer lines (0: never); ``keep`` is the share of lines that a copy
    got before it was cut off."""

    encoding: str = "utf-8"
    end: str = "\n"
    width: int = 0
    coloured: bool = False
    keep: float = 1.0


def drawn(random: Random) -> Mess:
    """A mess as it is met: mostly a little, sometimes much."""
    return Mess(
        encoding=random.choices(list(_ENCODINGS), (10, 2, 3, 1, 2, 1))[0],
        end=random.choices(ENDS, (6, 5, 1))[0],
        width=NARROW if random.random() < 0.15 else 0,
        coloured=random.random() < 0.1,
        keep=random.uniform(0.5, 0.95) if random.random() < 0.1 else 1.0,
    )


def messed(lines: list[Told], mess: Mess) -> tuple[bytes, list[Told]]:
    """The report's bytes, and its lines as they now stand, each with the truths it still states."""
    kept = lines[: max(1, round(len(lines) * mess.keep))]
    if mess.width:
        kept = [part for line in kept for part in _wrapped(line, mess.width)]
    shown = [_coloured(line) for line in kept] if mess.coloured else kept
    text = mess.end.join([*shown, ""])
    return _ENCODINGS[mess.encoding] + text.encode(mess.encoding, "replace"), kept


def _wrapped(line: Told, width: int) -> list[Told]:
    """A console's wrapping: a full row, then the next, whatever stands there. A truth stays with its first character."""
    if len(line) <= width:
        return [line]
    parts = [str(line[start : start + width]) for start in range(0, len(line), width)]
    held: list[list[Truth]] = [[] for _ in parts]
    for truth in line.truths:
        held[max(0, line.find(truth.printed)) // width].append(truth)
    return [Told(part, own) for part, own in zip(parts, held, strict=True)]


def _coloured(line: Told) -> str:
    """What stands before the first colon in colour, as some tools print labels."""
    label, mark, rest = line.partition(":")
    return f"\x1b[36m{label}\x1b[0m{mark}{rest}" if mark else str(line)
