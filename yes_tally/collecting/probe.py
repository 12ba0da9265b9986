"""What a probe is: one small question to this PC's kernel, with its source, and the lines it prints."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Literal


class NotSaid(Exception):
    """A probe could not be answered; the text says why, in words."""


@dataclass(frozen=True, slots=True)
class Probe:
    """``name`` as printed after the prompt; ``source`` the files asked; ``ask`` reads them under a root folder.

    ``rights`` is ``administrator`` where an ordinary person is told less; ``seconds`` what it takes at most on a usual
    PC. ``ask`` raises ``NotSaid`` or ``OSError`` when nothing can be told.
    """

    name: str
    source: str
    ask: Callable[[Path], Iterable[str]]
    rights: Literal["anyone", "administrator"] = "anyone"
    seconds: float = 0.05


def text_of(path: Path) -> str:
    """A kernel file's text without its line end, or ``""`` when it is missing or may not be read."""
    try:
        return path.read_text("utf-8", errors="replace").strip("\x00 \n")
    except OSError:
        return ""


def needed(path: Path) -> str:
    """A kernel file's text. Raises ``NotSaid`` in words when it is missing or may not be read."""
    try:
        return path.read_text("utf-8", errors="replace")
    except PermissionError as error:
        raise NotSaid(f"{path}: permission denied; it needs administrator rights") from error
    except OSError as error:
        raise NotSaid(f"{path} could not be read: {os.strerror(error.errno or 0)}") from error


def bytes_of(path: Path, limit: int = 1 << 20) -> bytes:
    """The first bytes of a kernel file, or none when it is missing or may not be read."""
    try:
        with path.open("rb") as file:
            return file.read(limit)
    except OSError:
        return b""


def folder_of(path: Path) -> list[Path]:
    """What lies in a folder, by name; nothing when it is missing or may not be read."""
    try:
        return sorted(path.iterdir())
    except OSError:
        return []


def pair(label: str, value: object) -> str:
    """One printed pair; ``not said`` where the kernel gave nothing."""
    text = str(value).strip()
    return f"{label + ' ':.<26} : {text}" if text else f"{label + ' ':.<26} :"


def record(pairs: Iterable[tuple[str, object]]) -> list[str]:
    """Pairs of one item; those without a value are left out, so that nothing is said rather than blank."""
    return [pair(label, value) for label, value in pairs if value not in ("", None)]


def records(items: Iterable[Iterable[tuple[str, object]]]) -> list[str]:
    """Several items, one record each, an empty line between them."""
    lines: list[str] = []
    for item in items:
        lines += ([""] if lines else []) + record(item)
    return lines


def table(head: Sequence[str], rows: Iterable[Sequence[str]]) -> list[str]:
    """A ruled table; ``-`` where nothing is told."""
    cells = [[str(cell).strip() or "-" for cell in row] for row in rows]
    widths = [max(len(row[i]) for row in [head, *cells]) for i in range(len(head))]
    rule = ["-" * width for width in widths]
    return ["  ".join(c.ljust(w) for c, w in zip(row, widths, strict=True)).rstrip() for row in [head, rule, *cells]]
