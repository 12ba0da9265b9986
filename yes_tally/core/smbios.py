"""The firmware's table, decoded after DMTF DSP0134 (System Management BIOS Reference) 3.7.

A table is bytes that a PC's firmware wrote; it may be cut off or lie. What cannot be is left out, nothing is raised
but ``NotSmbios`` for an entry point that is none. Section numbers in comments are those of DSP0134.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass
from types import MappingProxyType
from uuid import UUID

MAX_STRUCTURES = 65_535
_END = 127
_NO_HANDLE = frozenset({0xFFFE, 0xFFFF})

Told = str | int | bool


class NotSmbios(ValueError):
    """These bytes are no entry point of a firmware table; the text says why."""


@dataclass(frozen=True, slots=True)
class EntryPoint:
    """Section 5.2: the standard's version as (major, minor) and how long the table is, in bytes."""

    version: tuple[int, int]
    length: int


@dataclass(frozen=True, slots=True)
class Structure:
    """One structure: its type, its handle, and what it tells, by the standard's field names in lower case.

    A field that the structure is too short for, or whose value means "unknown", is absent. Sizes are in bytes, clocks
    in hertz, transfer rates in MT/s, capacities of batteries in mWh.
    """

    type: int
    handle: int
    told: Mapping[str, Told]


def entry_point(data: bytes) -> EntryPoint:
    """Decode an entry point, 32-bit (5.2.1) or 64-bit (5.2.2). Raises ``NotSmbios``."""
    if data[:5] == b"_SM3_" and len(data) >= 24:
        length = data[6]
        version, size = (data[7], data[8]), _number(data, 12, 4)
    elif data[:4] == b"_SM_" and len(data) >= 31:
        length = data[5]
        version, size = (data[6], data[7]), _number(data, 22, 2)
    else:
        raise NotSmbios("it does not begin with the anchor of an entry point")
    if length > len(data) or sum(data[:length]) % 256:
        raise NotSmbios("the entry point's checksum does not add up")
    return EntryPoint(version, size)


def decode(table: bytes) -> list[Structure]:
    """The structures of the decoded types, in the table's order; what follows a broken one is not trusted."""
    return [
        Structure(kind, handle, MappingProxyType(_TYPES[kind](area, strings)))
        for kind, handle, area, strings in _walk(table)
        if kind in _TYPES
    ]


def _walk(table: bytes) -> Iterator[tuple[int, int, bytes, tuple[str, ...]]]:
    """Section 6.1: header, formatted area, then strings up to two zero bytes."""
    place = 0
    for _ in range(MAX_STRUCTURES):
        if place + 4 > len(table):
            return
        kind, length = table[place], table[place + 1]
        if length < 4 or place + length > len(table):
            return
        area = table[place : place + length]
        end = table.find(b"\0\0", place + length)
        if end < 0:
            return
        strings = table[place + length : end].split(b"\0") if end > place + length else []
        yield kind, _number(area, 2, 2), area, tuple(_text(raw) for raw in strings)
        if kind == _END:
            return
        place = end + 2


def _text(raw: bytes) -> str:
    """Strings are UTF-8 without a byte order mark (6.1.3); what is not shown on a screen is left out."""
    return "".join(c for c in raw.decode("utf-8", "replace") if c.isprintable()).strip()


def _number(area: bytes, offset: int, width: int) -> int:
    return int.from_bytes(area[offset : offset + width], "little")


class _Area:
    """A formatted area under reading: fields that lie beyond its length are absent."""

    def __init__(self, area: bytes, strings: tuple[str, ...]) -> None:
        self.area, self.strings = area, strings
        self.told: dict[str, Told] = {}

    def number(self, offset: int, width: int) -> int | None:
        return _number(self.area, offset, width) if offset + width <= len(self.area) else None

    def string(self, **fields: int) -> None:
        for name, offset in fields.items():
            index = self.number(offset, 1)
            if index and index <= len(self.strings) and self.strings[index - 1]:
                self.told[name] = self.strings[index - 1]

    def tell(self, name: str, value: Told | None) -> None:
        if value is not None:
            self.told[name] = value


Decoder = Callable[[bytes, tuple[str, ...]], dict[str, Told]]
_TYPES: dict[int, Decoder] = {}


def _of_type(kind: int) -> Callable[[Callable[[_Area], None]], Callable[[_Area], None]]:
    def register(fill: Callable[[_Area], None]) -> Callable[[_Area], None]:
        def decoder(area: bytes, strings: tuple[str, ...]) -> dict[str, Told]:
            reading = _Area(area, strings)
            fill(reading)
            return reading.told

        _TYPES[kind] = decoder
        return fill

    return register


def _known(value: int | None, *unknown: int) -> int | None:
    return None if value is None or value in unknown else value


@_of_type(0)
def _firmware(a: _Area) -> None:
    """7.1 BIOS information."""
    a.string(vendor=0x04, version=0x05, release_date=0x08)
    extension = a.number(0x13, 1)
    if extension is not None:
        a.told["uefi_supported"] = bool(extension & 0x08)


@_of_type(1)
def _system(a: _Area) -> None:
    """7.2 System information."""
    a.string(manufacturer=0x04, product_name=0x05, version=0x06, serial_number=0x07, sku_number=0x19, family=0x1A)
    raw = a.area[0x08:0x18]
    if len(raw) == 16 and raw not in (b"\0" * 16, b"\xff" * 16):
        a.told["uuid"] = str(UUID(bytes_le=raw))  # 7.2.1: the first three fields are little-endian


@_of_type(2)
def _board(a: _Area) -> None:
    """7.3 Baseboard information."""
    a.string(manufacturer=0x04, product=0x05, version=0x06, serial_number=0x07, asset_tag=0x08)


@_of_type(3)
def _chassis(a: _Area) -> None:
    """7.4 System enclosure or chassis."""
    a.string(manufacturer=0x04, version=0x06, serial_number=0x07, asset_tag=0x08)
    kind = a.number(0x05, 1)
    a.tell("type", _known(kind & 0x7F if kind is not None else None, 0, 2))


_CENTRAL = 3


@_of_type(4)
def _processor(a: _Area) -> None:
    """7.5 Processor information."""
    a.string(socket_designation=0x04, manufacturer=0x07, version=0x10, serial_number=0x20, part_number=0x22)
    a.tell("central", a.number(0x05, 1) == _CENTRAL)
    status = a.number(0x18, 1)
    if status is not None:
        a.told["populated"] = bool(status & 0x40)  # 7.5.4
    for name, offset in (("max_speed", 0x14), ("current_speed", 0x16)):
        clock = _known(a.number(offset, 2), 0)
        a.tell(name, clock and clock * 1_000_000)
    for name, short, long in (("core_count", 0x23, 0x2A), ("thread_count", 0x25, 0x2E)):
        few, many = a.number(short, 1), a.number(long, 2)
        a.tell(name, _known(many if few == 0xFF and many is not None else few, 0, 0xFF, 0xFFFF))
    for name, offset in (("l1_cache", 0x1A), ("l2_cache", 0x1C), ("l3_cache", 0x1E)):
        a.tell(name, _known(a.number(offset, 2), *_NO_HANDLE))


@_of_type(7)
def _cache(a: _Area) -> None:
    """7.8 Cache information."""
    a.string(socket_designation=0x04)
    configuration = a.number(0x05, 2)
    if configuration is not None:
        a.told["level"] = (configuration & 0x07) + 1
    short, long = a.number(0x09, 2), a.number(0x17, 4)
    if short == 0xFFFF and long is not None:
        a.told["installed_size"] = (long & 0x7FFF_FFFF) * (65_536 if long >> 31 else 1024)
    elif short is not None:
        a.told["installed_size"] = (short & 0x7FFF) * (65_536 if short >> 15 else 1024)


_SYSTEM_MEMORY = 3


@_of_type(16)
def _array(a: _Area) -> None:
    """7.17 Physical memory array."""
    a.tell("system_memory", a.number(0x05, 1) == _SYSTEM_MEMORY)
    kilobytes, extended = a.number(0x07, 4), a.number(0x0F, 8)
    if kilobytes == 0x8000_0000:
        a.tell("maximum_capacity", _known(extended, 0))
    elif kilobytes:
        a.told["maximum_capacity"] = kilobytes * 1024
    a.tell("number_of_devices", _known(a.number(0x0D, 2), 0))


@_of_type(17)
def _module(a: _Area) -> None:
    """7.18 Memory device. ``size`` is 0 for an empty slot."""
    a.string(
        device_locator=0x10, bank_locator=0x11, manufacturer=0x17, serial_number=0x18, asset_tag=0x19, part_number=0x1A
    )
    a.tell("array_handle", a.number(0x04, 2))
    a.tell("total_width", _known(a.number(0x08, 2), 0, 0xFFFF))
    a.tell("data_width", _known(a.number(0x0A, 2), 0, 0xFFFF))
    size, extended = a.number(0x0C, 2), a.number(0x1C, 4)
    if size == 0x7FFF and extended is not None:
        a.told["size"] = (extended & 0x7FFF_FFFF) * 2**20  # 7.18.5
    elif size is not None and size != 0xFFFF:
        a.told["size"] = (size & 0x7FFF) * (1024 if size >> 15 else 2**20)
    a.tell("form_factor", _known(a.number(0x0E, 1), 0, 2))
    a.tell("memory_type", _known(a.number(0x12, 1), 0, 2))
    for name, offset, wide in (("speed", 0x15, 0x54), ("configured_speed", 0x20, 0x58)):
        short, long = a.number(offset, 2), a.number(wide, 4)
        a.tell(name, _known(long & 0x7FFF_FFFF if short == 0xFFFF and long is not None else short, 0, 0xFFFF))


@_of_type(19)
def _mapped(a: _Area) -> None:
    """7.20 Memory array mapped address: how much address space the array fills."""
    start, end = a.number(0x04, 4), a.number(0x08, 4)
    a.tell("array_handle", a.number(0x0C, 2))
    if start == 0xFFFF_FFFF:
        start, end = a.number(0x0F, 8), a.number(0x17, 8)
        if start is not None and end is not None and end >= start:
            a.told["size"] = end - start + 1
    elif start is not None and end is not None and end >= start:
        a.told["size"] = (end - start + 1) * 1024


@_of_type(22)
def _battery(a: _Area) -> None:
    """7.23 Portable battery."""
    a.string(location=0x04, manufacturer=0x05, manufacture_date=0x06, serial_number=0x07, device_name=0x08)
    capacity, factor = _known(a.number(0x0A, 2), 0), a.number(0x15, 1)
    a.tell("design_capacity", capacity and capacity * (factor or 1))


@_of_type(32)
def _boot(a: _Area) -> None:
    """7.33 System boot information."""
    a.tell("boot_status", a.number(0x0A, 1))
