"""MAC and IP addresses and masks in a printed text."""

from __future__ import annotations

import ipaddress
import re

from yes_tally.core.catalogue import FactKind
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.words import is_placeholder

# So much of a text is looked through for addresses.
_MOST_TEXT = 1200
_MAC = re.compile(
    r"(?<![\w:])(?:[0-9a-f]{2}([:-]))(?:[0-9a-f]{2}\1){4}[0-9a-f]{2}(?![\w:])|(?<!\w)(?:[0-9a-f]{4}\.){2}[0-9a-f]{4}(?!\w)",
    re.I,
)
_BARE_MAC = re.compile(r"(?=.*[a-f])[0-9a-f]{12}", re.I)
_IP = re.compile(r"(?<![\w.:])(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]*(?::[0-9a-f]*){2,7}(?:%\w+)?)(?![\w:])", re.I)


def mac(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """The MAC address in a text, its bytes parted by colons."""
    match = _MAC.search(text) or _BARE_MAC.fullmatch(text)
    if match is None or is_placeholder(match.group()):
        return None
    digits = re.sub(r"[^0-9a-f]", "", match.group().casefold())
    if len(set(digits)) == 1 and (digits[0] == "0" or fact.name != "neighbour.mac"):
        return None  # but a neighbour may stand for all
    return exactly("mac", ":".join(digits[i : i + 2] for i in range(0, 12, 2)))


def addresses(text: str, unspecified: bool = False) -> list[str]:
    """Every IP address in ``text``, in its normal form; the unspecified address only where asked for."""
    found = []
    for match in _IP.finditer(text[:_MOST_TEXT]):
        try:
            address = ipaddress.ip_address(match.group())
        except ValueError:
            continue
        if unspecified or not address.is_unspecified:
            found.append(str(address))
    return found


_EVERYWHERE = frozenset(
    "default 0/0 defecto standard défaut predeterminado predeterminada padrão predefinito predefinita predefinido predefinida omissão standaard domyślna domyślny".split()
) | {"par défaut"}
_PREFIX = re.compile(r"/?[1-9]\d?")


def ip(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """The first IP address or mask in a text; of a route's destination also ``default``."""
    if fact.name == "route.destination" and text.casefold() in _EVERYWHERE:
        return exactly("ip", "0.0.0.0")
    if fact.field == "mask" and _PREFIX.fullmatch(text):
        mask = mask_of(f"/{text.removeprefix('/')}")
        return exactly("ip", mask) if mask else None
    found = addresses(text, unspecified=fact.name in ("route.destination", "route.mask"))
    return exactly("ip", found[0]) if found else None


def mask_of(prefix: str) -> str | None:
    """The dotted mask of ``/24`` (RFC 4632), or the text itself when it is an address already."""
    if prefix.startswith("/"):
        length = int(prefix[1:])
        return str(ipaddress.ip_network(f"0.0.0.0/{length}").netmask) if length <= 32 else None
    return prefix
