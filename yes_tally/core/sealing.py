"""Sealing: canonical JSON (RFC 8785), SHA-256 (FIPS 180-4), and the chain of records."""

from __future__ import annotations

import hashlib
import json
import math
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from typing import Any

MAX_SAFE_INTEGER = 2**53 - 1


class NotCanonical(ValueError):
    """A value that canonical JSON cannot carry: NaN, infinity, an integer beyond 2^53, a key that is no text."""


def canonical(value: Any) -> bytes:
    """``value`` as canonical JSON: RFC 8785, members sorted by UTF-16 code units, numbers as ECMAScript prints them.

    Raises ``NotCanonical``.
    """
    return _written(value).encode("utf-8", "surrogatepass")


# One for all texts: a new one each time takes longer than the text.
_text = json.JSONEncoder(ensure_ascii=False).encode
_WORDS = {None: "null", True: "true", False: "false"}


def _written(value: Any) -> str:
    if isinstance(value, str):
        return _text(value)
    if value is None or isinstance(value, bool):
        return _WORDS[value]
    if isinstance(value, (int, float)):
        return _number(value)
    if isinstance(value, (list, tuple)):
        return f"[{','.join(map(_written, value))}]"
    if isinstance(value, Mapping):
        return f"{{{','.join([f'{_text(key)}:{_written(value[key])}' for key in sorted(value, key=_utf16)])}}}"
    raise NotCanonical(f"canonical JSON cannot carry {type(value).__name__}")


def _utf16(key: Any) -> bytes:
    if not isinstance(key, str):
        raise NotCanonical(f"a member's name must be text, not {key!r}")
    return key.encode("utf-16-be", "surrogatepass")


def _number(value: float) -> str:
    """A number as ECMA-262 6.1.6.1.20 (Number::toString) prints it."""
    if isinstance(value, int):
        if abs(value) <= MAX_SAFE_INTEGER:
            return str(value)
        if abs(value) > 2**1023 or float(value) != value:
            raise NotCanonical(f"{value} is beyond what JSON numbers keep exactly (2^53)")
        value = float(value)
    if not math.isfinite(value):
        raise NotCanonical("JSON has no NaN and no infinity")
    if value == 0:
        return "0"
    sign = "-" if value < 0 else ""
    digits, power = _shortest(abs(value))
    point = power + 1
    if len(digits) <= point <= 21:
        return f"{sign}{digits}{'0' * (point - len(digits))}"
    if 0 < point <= 21:
        return f"{sign}{digits[:point]}.{digits[point:]}"
    if -6 < point <= 0:
        return f"{sign}0.{'0' * -point}{digits}"
    tail = f".{digits[1:]}" if len(digits) > 1 else ""
    return f"{sign}{digits[0]}{tail}e{'+' if power >= 0 else '-'}{abs(power)}"


def _shortest(value: float) -> tuple[str, int]:
    """The shortest digits that read back as ``value``, and the power of ten of the first."""
    mantissa, _, exponent = repr(value).partition("e")
    whole, _, fraction = mantissa.partition(".")
    fraction = "" if fraction == "0" else fraction
    power = int(exponent or 0) + len(whole) - 1
    digits = whole + fraction
    stripped = digits.lstrip("0")
    power -= len(digits) - len(stripped)
    return stripped.rstrip("0") or "0", power


def sha256_of(value: Any) -> str:
    """The SHA-256 of the canonical JSON of ``value``, in hex."""
    return hashlib.sha256(canonical(value)).hexdigest()


@dataclass(frozen=True, slots=True)
class SealedRecord:
    """A record as stored: its number in the office's chain, its canonical text, and its hash."""

    number: int
    body: bytes
    sha256: str


@dataclass(frozen=True, slots=True)
class Flaw:
    """The first thing in the chain that does not add up."""

    number: int
    what: str


GENESIS = "0" * 64


def seal(number: int, content: Mapping[str, Any], previous: str, previous_of_asset: str | None) -> SealedRecord:
    """Seal ``content`` as record ``number``, chained to the office's and the asset's previous record by hash."""
    body = {**content, "number": number, "previous": previous, "previous_of_asset": previous_of_asset}
    text = canonical(body)
    return SealedRecord(number, text, hashlib.sha256(text).hexdigest())


def first_flaw(records: Iterable[SealedRecord]) -> Flaw | None:
    """Walk the office's records in order; the first that does not add up, or ``None``."""
    previous = GENESIS
    by_asset: dict[str, str] = {}
    for expected, record in enumerate(records, 1):
        if record.number != expected:
            return Flaw(expected, f"record {expected} is missing: the next one found is {record.number}")
        flaw = _flaw_in(record, previous, by_asset)
        if flaw:
            return Flaw(record.number, flaw)
        previous = record.sha256
    return None


def _flaw_in(record: SealedRecord, previous: str, by_asset: dict[str, str]) -> str | None:
    if hashlib.sha256(record.body).hexdigest() != record.sha256:
        return "its text was changed after it was sealed: the hash differs"
    try:
        body = json.loads(record.body)
    except ValueError:
        return "its text is not JSON"
    if body.get("number") != record.number:
        return f"it says that it is record {body.get('number')}"
    if body.get("previous") != previous:
        return "it does not follow the record before it: the previous hash differs"
    asset = str(body.get("asset", {}).get("tag"))
    if body.get("previous_of_asset") != by_asset.get(asset):
        return "it does not follow the asset's previous record"
    by_asset[asset] = record.sha256
    return None
