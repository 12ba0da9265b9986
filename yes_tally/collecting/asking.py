"""Asking a PC across the network: what is asked, within which limits, and what came back.

Kinds of failure of a command are those of ``core.failures.FAILURES``, and ``too-long`` and ``not-asked``.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Protocol

from yes_tally.core.failures import FAILURE_SENTENCES, failure_kind

SENTENCES: dict[str, str] = {
    **FAILURE_SENTENCES,
    "too-long": "it printed more than is taken, so it was stopped; the beginning is kept",
    "not-asked": "it was not asked",
    "failed": "it ended with an error",
}


@dataclass(frozen=True, slots=True)
class Target:
    """Where a PC answers: an address or name, and a port."""

    address: str
    port: int = 22


@dataclass(frozen=True, slots=True)
class Credentials:
    """Who asks: a user with a password or a private key (OpenSSH or PEM text, with its passphrase). Never printed."""

    user: str
    password: str = field(default="", repr=False)
    key: str = field(default="", repr=False)
    passphrase: str = field(default="", repr=False)


@dataclass(frozen=True, slots=True)
class Limits:
    """How long a command and a PC may take, in seconds; how many bytes a command may print; how many commands run
    side by side on a PC, and how many PCs are asked at once."""

    command_seconds: float = 60.0
    pc_seconds: float = 300.0
    output_bytes: int = 4 * 2**20
    side_by_side: int = 4
    pcs_at_once: int = 40


@dataclass(frozen=True, slots=True)
class Question:
    """A command to run: what is typed, what it is expected to take, and what it is given on standard input."""

    typed: str
    seconds: float = 1.0
    stdin: bytes = b""


@dataclass(frozen=True, slots=True)
class Answered:
    """What came back of a question. ``output`` and ``errors`` are bytes as printed; ``failure`` a kind, ``why`` in words."""

    question: Question
    output: bytes
    errors: bytes
    exit_code: int | None
    seconds: float
    failure: str | None = None
    why: str = ""

    @property
    def printed(self) -> bytes:
        """All that the PC printed: the output, then the errors."""
        return self.output + self.errors


class NotReached(Exception):
    """A PC could not be asked at all. ``kind`` is ``unreachable``, ``not-let-in``, ``key-changed`` or ``lost``; the
    text says why, in words."""

    def __init__(self, kind: str, why: str) -> None:
        super().__init__(why)
        self.kind = kind


class Listener(Protocol):
    """Hears how the asking of one PC goes."""

    async def started(self, question: Question) -> None: ...

    async def answered(self, answer: Answered) -> None: ...


class HostKeys(Protocol):
    """The host keys that were met before."""

    async def known(self, target: Target) -> str | None:
        """The key that this PC showed first, as text, or ``None``."""
        ...

    async def pin(self, target: Target, key: str) -> None:
        """Keep the key that a PC showed for the first time."""
        ...


def judged(question: Question, output: bytes, errors: bytes, exit_code: int | None, seconds: float) -> Answered:
    """A finished command, with its failure if it states one: by its words, else by its exit code."""
    failure: str | None = None
    if exit_code not in (0, None):
        texts = (errors or output)[:2000].decode("utf-8", "replace").splitlines()
        failure = next((kind for text in texts[:4] if (kind := failure_kind(text))), "failed")
    why = ""
    if failure:
        why = SENTENCES[failure] + (f" (exit code {exit_code})" if failure == "failed" else "")
    return Answered(question, output, errors, exit_code, seconds, failure, why)
