"""A stand-in host: one process that answers SSH for a whole made-up office on loopback, a port a PC.

It runs the made-up commands with their delays and refusals; some PCs can be told to misbehave.
"""

from __future__ import annotations

import asyncio
import contextlib
import hashlib
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from enum import StrEnum
from typing import Any

import asyncssh
from cryptography.hazmat.primitives.asymmetric.ed25519 import Ed25519PrivateKey
from cryptography.hazmat.primitives.serialization import Encoding, NoEncryption, PrivateFormat

from yes_tally.standins.commands import COMMANDS
from yes_tally.standins.machine import Machine
from yes_tally.standins.reports import Failed, answer

USER, PASSWORD = "svc-desk", "made-up-tide-9"
ORDINARY_USER, ORDINARY_PASSWORD = "visitor", "made-up-gull-4"
FLOOD = 80 * 2**20
LOOPBACK = "127.0.0.1"


class Manner(StrEnum):
    """How a PC behaves when it is asked."""

    WELL = "well"
    UNREACHABLE = "unreachable"
    SLOW = "slow"
    HANGS = "hangs"
    DROPS = "drops"
    FLOODS = "floods"
    NEW_KEY = "new key"
    REFUSES = "refuses"


# The awkward PCs of the demo office.
MANNERS: Mapping[str, Manner] = {
    "gp-wks-03": Manner.UNREACHABLE,
    "nq-acc-04": Manner.REFUSES,
    "gp-tkt-01": Manner.SLOW,
    "nq-crw-07": Manner.HANGS,
    "nq-crw-05": Manner.DROPS,
    "nq-srv-01": Manner.FLOODS,
}
_SLOWER = 2.0


@dataclass
class StandInHost:
    """The office's PCs behind ports of loopback, the first PC at ``first_port`` (0: any free ones).

    ``pace`` stretches or shortens every delay; ``manners`` names the PCs that misbehave; ``seed`` makes the host keys
    the same at every start.
    """

    machines: Sequence[Machine]
    first_port: int = 0
    pace: float = 1.0
    manners: Mapping[str, Manner] = field(default_factory=lambda: MANNERS)
    seed: str = "standins"
    ports: dict[str, int] = field(default_factory=dict)
    _servers: list[Any] = field(default_factory=list)

    async def start(self) -> None:
        """Listen; afterwards ``ports`` names every PC's. Raises ``OSError`` when a port is taken."""
        for index, pc in enumerate(self.machines):
            manner = self.manners.get(pc.host, Manner.WELL)
            port = self.first_port + index if self.first_port else 0
            if manner == Manner.UNREACHABLE:
                self.ports[pc.host] = port or 1
                continue
            self.ports[pc.host] = await self._listen(pc, manner, port)

    async def _listen(self, pc: Machine, manner: Manner, port: int) -> int:
        salt = " anew" if manner == Manner.NEW_KEY else ""
        server = await asyncssh.create_server(
            lambda: _Door(pc, manner),
            LOOPBACK,
            port,
            server_host_keys=[_host_key(f"{self.seed}{salt} {pc.host}")],
            process_factory=lambda process: _run(process, pc, manner, self.pace),
            encryption_algs=["aes128-gcm@openssh.com"],  # a whole office on one machine: the least work of all
            encoding=None,
            line_editor=False,
            agent_forwarding=False,
            login_timeout=30,
        )
        self._servers.append(server)
        return int(server.get_port())

    async def stop(self) -> None:
        """Close every port and connection."""
        for server in self._servers:
            server.close()
        self._servers.clear()
        await asyncio.sleep(0)


class _Door(asyncssh.SSHServer):
    """Lets the made-up users in by password."""

    def __init__(self, pc: Machine, manner: Manner) -> None:
        self.pc, self.manner = pc, manner

    def password_auth_supported(self) -> bool:
        return True

    def validate_password(self, username: str, password: str) -> bool:
        if (username, password) == (ORDINARY_USER, ORDINARY_PASSWORD):
            return True
        return self.manner != Manner.REFUSES and (username, password) == (USER, PASSWORD)


async def _run(process: Any, pc: Machine, manner: Manner, pace: float) -> None:
    """One command, as its PC would: the delay, the text, the exit code."""
    typed = (process.command or "").strip()
    with contextlib.suppress(asyncssh.Error, BrokenPipeError, ConnectionError):
        if manner == Manner.HANGS:
            await process.wait_closed()  # it never answers; whoever asks must go first
            return
        command = COMMANDS.get(typed)
        slower = _SLOWER if manner == Manner.SLOW else 1.0
        await asyncio.sleep((command.seconds if command else 0.05) * pace * slower)
        said = answer(pc, typed, administrator=process.get_extra_info("username") == USER)
        if isinstance(said, Failed):
            process.stderr.write(f"{said.text}\n".encode())
            process.exit(said.code)
            return
        data = "\n".join([*said, ""]).encode()
        if manner == Manner.FLOODS and typed == "about software":
            await _flood(process, data)
        elif manner == Manner.DROPS and typed == "about volumes":
            process.stdout.write(data[: len(data) // 2])
            await process.stdout.drain()
            process.channel.get_connection().abort()
            return
        else:
            process.stdout.write(data)
        process.exit(0)


async def _flood(process: Any, data: bytes) -> None:
    """The same answer over and over, as a command gone wrong prints."""
    piece = data * (65_536 // len(data) + 1)
    sent = 0
    while sent < FLOOD:
        process.stdout.write(piece)
        sent += len(piece)
        await process.stdout.drain()


def _host_key(seed: str) -> asyncssh.SSHKey:
    """A host key that is the same for the same seed: a demo's PCs must not change theirs at every start."""
    own = Ed25519PrivateKey.from_private_bytes(hashlib.sha256(seed.encode()).digest())
    return asyncssh.import_private_key(own.private_bytes(Encoding.PEM, PrivateFormat.OpenSSH, NoEncryption()))
