"""The whole truth of one made-up PC. Printers print from it; nothing in it comes from a report."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import datetime


@dataclass(frozen=True)
class Module:
    slot: str
    gigabytes: int
    code: int
    speed: int
    running: int
    maker: str
    part: str
    serial: str


@dataclass(frozen=True)
class Disk:
    model: str
    serial: str
    size: int
    media: str


@dataclass(frozen=True)
class Volume:
    mount: str
    label: str
    filesystem: str
    size: int
    free: int


@dataclass(frozen=True)
class Account:
    name: str
    full_name: str
    enabled: bool
    admin: bool
    password_set_at: datetime


@dataclass(frozen=True)
class Software:
    name: str
    version: str
    maker: str


@dataclass(frozen=True)
class Licence:
    channel: str
    state: str
    key_tail: str
    expires_at: datetime | None = None


@dataclass(frozen=True)
class Adapter:
    name: str
    kind: str
    mac: str
    ipv4: str
    gateway: str
    dns: tuple[str, ...]


@dataclass(frozen=True)
class Machine:
    """One PC as it is. ``claimed_memory`` and ``claimed_setup`` are what a doctored summary says instead."""

    tag: str
    host: str
    site: str
    room: str
    desk: str
    role: str
    maker: str
    model: str
    serial: str
    uuid: str
    form: str
    processor: str
    cores: int
    threads: int
    megahertz: int
    graphics: str
    slots: int
    memory_limit: int
    modules: tuple[Module, ...]
    disks: tuple[Disk, ...]
    volumes: tuple[Volume, ...]
    edition: str
    version: str
    build: str
    set_up_at: datetime
    oldest_trace_at: datetime
    licence: Licence
    adapter: Adapter
    accounts: tuple[Account, ...]
    software: tuple[Software, ...]
    secure_boot: bool = True
    firewall_off: tuple[str, ...] = ()
    claimed_memory: int | None = None
    claimed_setup: datetime | None = None
    troubles: tuple[str, ...] = field(default=())

    @property
    def memory(self) -> int:
        """What its modules add up to, in gigabytes."""
        return sum(module.gigabytes for module in self.modules)
