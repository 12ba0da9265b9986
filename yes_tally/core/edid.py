"""What a display says of itself: VESA E-EDID 1.4, the 128-byte base block."""

from __future__ import annotations

from dataclasses import dataclass

_HEADER = b"\x00\xff\xff\xff\xff\xff\xff\x00"
_BLOCK = 128
_NAME, _SERIAL = 0xFC, 0xFF


class NotEdid(ValueError):
    """These bytes are no EDID; the text says why."""


@dataclass(frozen=True, slots=True)
class Display:
    """``maker`` is the three-letter code; ``width`` and ``height`` the preferred mode in pixels; 0 or ``""``: not said."""

    maker: str
    name: str
    serial: str
    width: int
    height: int


def decode(data: bytes) -> Display:
    """Decode a base block (sections 3.3 to 3.10). Raises ``NotEdid``."""
    block = data[:_BLOCK]
    if len(block) < _BLOCK or not block.startswith(_HEADER):
        raise NotEdid("it does not begin with the header of an EDID")
    if sum(block) % 256:
        raise NotEdid("the checksum does not add up")
    told: dict[int, str] = {}
    width = height = 0
    for start in range(54, 126, 18):
        descriptor = block[start : start + 18]
        if descriptor[:3] == b"\0\0\0":
            told.setdefault(descriptor[3], _text(descriptor[5:]))
        elif not width:
            width = descriptor[2] | (descriptor[4] & 0xF0) << 4
            height = descriptor[5] | (descriptor[7] & 0xF0) << 4
    number = int.from_bytes(block[12:16], "little")
    serial = told.get(_SERIAL) or (str(number) if number else "")
    return Display(_maker(block), told.get(_NAME, ""), serial, width, height)


def _maker(block: bytes) -> str:
    """Section 3.4.1: three letters of five bits each, A is 1."""
    packed = block[8] << 8 | block[9]
    letters = [packed >> shift & 31 for shift in (10, 5, 0)]
    return "".join(chr(64 + letter) for letter in letters) if all(1 <= letter <= 26 for letter in letters) else ""


def _text(raw: bytes) -> str:
    """Section 3.10.3: ended by a line feed, padded with spaces."""
    text = raw.split(b"\n")[0].decode("cp437")
    return "".join(c for c in text if c.isprintable()).strip()
