"""Asking one PC over SSH (RFC 4251 to 4254): its commands side by side, the slowest first, each within its limits."""

from __future__ import annotations

import asyncio
import contextlib
import time
from collections.abc import Sequence

import asyncssh

from yes_tally.collecting.asking import (
    SENTENCES,
    Answered,
    Credentials,
    HostKeys,
    Limits,
    Listener,
    NotReached,
    Question,
    Target,
    judged,
)

_PIECE = 65_536
CONNECT_SECONDS = 10.0
# So many commands without an answer in time, and none with one: the PC is given up.
_GIVE_UP = 2


class _Pinning(asyncssh.SSHClient):
    """Remembers the key that the PC showed, and refuses another than the one known."""

    def __init__(self, known: str | None) -> None:
        self.known, self.shown, self.changed = known, "", False

    def validate_host_public_key(self, host: str, addr: str, port: int, key: asyncssh.SSHKey) -> bool:
        self.shown = key.export_public_key().decode().strip()
        self.changed = self.known is not None and self.known != self.shown
        return not self.changed


async def ask(
    target: Target,
    credentials: Credentials,
    questions: Sequence[Question],
    limits: Limits,
    host_keys: HostKeys,
    listener: Listener,
) -> None:
    """Ask a PC everything, telling the listener as it goes; every question is answered, if only with a failure.

    Raises ``NotReached`` when the PC cannot be asked at all, and ``asyncio.CancelledError`` when told to stop.
    """
    connection = await _connect(target, credentials, limits, host_keys)
    try:
        await _Asking(connection, limits, listener).run(questions)
    finally:
        connection.abort()
        with contextlib.suppress(Exception):
            await asyncio.wait_for(connection.wait_closed(), 2)


async def _connect(
    target: Target, credentials: Credentials, limits: Limits, host_keys: HostKeys
) -> asyncssh.SSHClientConnection:
    known = await host_keys.known(target)
    pinning = _Pinning(known)
    place = f"{target.address}, port {target.port}"
    try:
        keys = (
            [asyncssh.import_private_key(credentials.key, credentials.passphrase or None)] if credentials.key else None
        )
        connection = await asyncssh.connect(
            target.address,
            target.port,
            username=credentials.user,
            password=credentials.password or None,
            client_keys=keys,
            client_factory=lambda: pinning,
            known_hosts=([], [], []),
            agent_path=None,
            config=None,
            connect_timeout=min(CONNECT_SECONDS, limits.pc_seconds),
            login_timeout=min(CONNECT_SECONDS, limits.pc_seconds),
            keepalive_interval=15,
        )
    except asyncssh.KeyImportError as error:
        raise NotReached("not-let-in", f"the private key could not be used: {error}") from error
    except (asyncssh.HostKeyNotVerifiable, asyncssh.PermissionDenied, asyncssh.Error) as error:
        if pinning.changed:
            raise NotReached(
                "key-changed",
                f"{place} shows another host key than the one pinned at the first visit. It may be another PC, or one set "
                "up anew; nobody was asked and no password was sent. Compare the keys before you forget the old one.",
            ) from error
        if isinstance(error, asyncssh.PermissionDenied):
            raise NotReached("not-let-in", f"{place} did not let {credentials.user} in") from error
        raise NotReached("lost", f"{place} broke the connection off: {error.reason}") from error
    except (OSError, TimeoutError) as error:
        raise NotReached("unreachable", f"{place} does not answer{_reason(error)}") from error
    if known is None:
        await host_keys.pin(target, pinning.shown)
    return connection


def _reason(error: Exception) -> str:
    if isinstance(error, TimeoutError):
        return " in time"
    if isinstance(error, ConnectionRefusedError):
        return ": the connection was refused"
    return f": {error.strerror}" if isinstance(error, OSError) and error.strerror else ""


class _Asking:
    """One PC being asked."""

    def __init__(self, connection: asyncssh.SSHClientConnection, limits: Limits, listener: Listener) -> None:
        self.connection, self.limits, self.listener = connection, limits, listener
        self.until = time.monotonic() + limits.pc_seconds
        self.silent = self.heard = 0
        self.lost = ""

    async def run(self, questions: Sequence[Question]) -> None:
        waiting = sorted(questions, key=lambda question: -question.seconds)
        queue = iter(waiting)
        async with asyncio.TaskGroup() as side_by_side:
            for _ in range(max(1, self.limits.side_by_side)):
                side_by_side.create_task(self._next(queue))

    async def _next(self, queue: object) -> None:
        for question in queue:  # type: ignore[attr-defined]
            given_up = self._given_up()
            if given_up:
                await self.listener.answered(Answered(question, b"", b"", None, 0.0, "not-asked", given_up))
                continue
            await self.listener.started(question)
            await self.listener.answered(await self._answer(question))

    def _given_up(self) -> str:
        if self.lost:
            return f"{SENTENCES['not-asked']}: {self.lost}"
        if self.silent >= _GIVE_UP and not self.heard:
            return f"{SENTENCES['not-asked']}: the PC had not answered {self.silent} others"
        if time.monotonic() >= self.until:
            return f"{SENTENCES['not-asked']}: the time for this PC was over"
        return ""

    async def _answer(self, question: Question) -> Answered:
        started = time.monotonic()
        limit = min(self.limits.command_seconds, self.until - started)
        heard = _Heard(self.limits.output_bytes)
        code: int | None = None
        failure, detail = "", ""
        try:
            async with asyncio.timeout(max(0.05, limit)):
                code = await self._run(question, heard)
        except TimeoutError:
            self.silent += 1
            failure, detail = "timed-out", f" ({limit:.0f} s)" if limit >= 1 else ""
        except _TooLong:
            failure = "too-long"
        except (asyncssh.Error, OSError) as error:
            self.lost = self.lost or "the connection was closed"
            failure, detail = (
                "cut-off",
                f": the connection was closed ({error})" if str(error) else ": the connection was closed",
            )
        else:
            if code is None and heard.lost:
                self.lost = self.lost or "the connection was closed"
                failure, detail = "cut-off", ": the connection was closed"
        took = time.monotonic() - started
        if failure:
            return Answered(
                question, bytes(heard.output), bytes(heard.errors), None, took, failure, SENTENCES[failure] + detail
            )
        self.heard += 1
        return judged(question, bytes(heard.output), bytes(heard.errors), code, took)

    async def _run(self, question: Question, heard: _Heard) -> int | None:
        process = await self.connection.create_process(question.typed, encoding=None)
        try:
            if question.stdin:
                process.stdin.write(question.stdin)
            process.stdin.write_eof()
            async with asyncio.TaskGroup() as both:
                both.create_task(_drain(process.stdout, heard.output, heard))
                both.create_task(_drain(process.stderr, heard.errors, heard))
            await process.wait_closed()
            heard.lost = process.exit_status is None and self.connection.is_closed()
            return process.exit_status
        except BaseExceptionGroup as group:
            raise group.exceptions[0] from group
        finally:
            process.close()


class _TooLong(Exception):
    """A command printed more than is taken."""


class _Heard:
    """What a command printed so far."""

    def __init__(self, limit: int) -> None:
        self.output, self.errors = bytearray(), bytearray()
        self.room = limit
        self.lost = False


async def _drain(stream: asyncssh.SSHReader[bytes], into: bytearray, heard: _Heard) -> None:
    while piece := await stream.read(_PIECE):
        into += piece[: heard.room]
        heard.room -= len(piece)
        if heard.room < 0:
            raise _TooLong
