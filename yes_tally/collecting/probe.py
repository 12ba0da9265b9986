"""What a probe is: one small question to this PC's kernel, with its source, and the lines it prints."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterable
from dataclasses import dataclass
from pathlib import Path


class NotSaid(Exception):
    """A probe could not be answered; the text says why, in words."""


@dataclass(frozen=True, slots=True)
class Probe:
    """``name`` as printed after the prompt; ``source`` the files asked; ``ask`` reads them under a root folder.

    ``ask`` raises ``NotSaid`` or ``OSError`` when nothing can be told.
    """

    name: str
    source: str
    ask: Callable[[Path], Iterable[str]]


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


def pair(label: str, value: object) -> str:
    """One printed pair; ``not said`` where the kernel gave nothing."""
    text = str(value).strip()
    return f"{label + ' ':.<26} : {text}" if text else f"{label + ' ':.<26} :"


def record(pairs: Iterable[tuple[str, object]]) -> list[str]:
    """Pairs of one item; those without a value are left out, so that nothing is said rather than blank."""
    return [pair(label, value) for label, value in pairs if value not in ("", None)]
