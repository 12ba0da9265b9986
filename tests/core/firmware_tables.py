"""Builds firmware tables by the standard (DMTF DSP0134, section 6.1), for the tests to decode."""

import struct

END = 127


def structure(kind, handle, area, strings=()):
    """One structure: the formatted area after its header, then its strings."""
    tail = b"".join(text.encode() + b"\0" for text in strings) or b"\0"
    return struct.pack("<BBH", kind, 4 + len(area), handle) + area + tail + b"\0"


def table(*structures):
    """A whole table, ended as it must be."""
    return b"".join(structures) + structure(END, 0xFEFF, b"")


def entry_64(length, version=(3, 7)):
    """The 64-bit entry point (5.2.2), its checksum right."""
    raw = bytearray(struct.pack("<5sBBBBBBBIQ", b"_SM3_", 0, 24, *version, 0, 1, 0, length, 0x1000))
    raw[5] = -sum(raw) % 256
    return bytes(raw)


def entry_32(length, version=(2, 8)):
    """The 32-bit entry point (5.2.1), both checksums right."""
    raw = bytearray(
        struct.pack("<4sBBBBHB5s5sBHIHB", b"_SM_", 0, 31, *version, 0, 0, b"", b"_DMI_", 0, length, 0x1000, 9, 0x28)
    )
    raw[21] = -sum(raw[16:]) % 256
    raw[4] = -sum(raw) % 256
    return bytes(raw)


def firmware(vendor, version, date):
    return structure(0, 0, bytes([1, 2, 0, 0, 3, 0]) + b"\0" * 8 + b"\0\x08" + b"\1\2\xff\xff", (vendor, version, date))


def system(maker, product, serial, uuid, sku):
    area = bytes([1, 2, 0, 3]) + uuid.bytes_le + bytes([6, 4, 0])
    return structure(1, 1, area, (maker, product, serial, sku))


def board(maker, product, version, serial):
    return structure(2, 2, bytes([1, 2, 3, 4, 0]), (maker, product, version, serial))


def chassis(maker, kind, tag):
    return structure(3, 3, bytes([1, kind | 0x80, 0, 0, 2]), (maker, tag))


def array(handle, slots, limit):
    """``limit`` in bytes; what does not fit 31 bits of kilobytes goes to the extended field."""
    kilobytes, extended = (limit // 1024, 0) if limit // 1024 < 0x8000_0000 else (0x8000_0000, limit)
    return structure(16, handle, struct.pack("<BBBIHHQ", 3, 3, 3, kilobytes, 0xFFFE, slots, extended))


def module(handle, parent, slot, bank="", size=0, kind=26, form=9, speed=0, running=0, maker="", serial="", part=""):
    """``size`` in bytes, 0 for an empty slot, ``None`` for one whose size is not known."""
    texts = [text for text in (slot, bank, maker, serial, part) if text]

    def index(text):
        return texts.index(text) + 1 if text else 0

    megabytes = 0 if not size else size // 2**20
    if size is None:
        short, extended = 0xFFFF, 0
    elif size and size < 2**20:
        short, extended = 0x8000 | size // 1024, 0
    else:
        short, extended = (megabytes, 0) if megabytes < 0x7FFF else (0x7FFF, megabytes)

    def rate(value):
        return (value, 0) if value < 0xFFFF else (0xFFFF, value)

    area = struct.pack(
        "<HHHHHBBBBBHHBBBBBIHHHH", parent, 0xFFFE, 64, 64, short, form, 0, index(slot), index(bank), kind, 0,
        rate(speed)[0], index(maker), index(serial), 0, index(part), 0, extended, rate(running)[0], 0, 0, 0,
    )  # fmt: skip
    area += b"\0" * (0x54 - 4 - len(area)) + struct.pack("<II", rate(speed)[1], rate(running)[1])
    return structure(17, handle, area, texts)
