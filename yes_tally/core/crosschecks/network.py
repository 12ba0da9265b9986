"""The network: one MAC behind several addresses, a gateway that cannot be reached."""

from __future__ import annotations

from collections.abc import Iterable
from ipaddress import AddressValueError, IPv4Address, IPv4Network, NetmaskValueError

from yes_tally.core.crosschecks.finding import Seen, label_of, sure, text_of
from yes_tally.core.parts.book import PartsBook
from yes_tally.core.settling.facts import Fact, FactBook


def _one_station(mac: str) -> bool:
    """Whether a MAC names one station: not a group's address (IEEE 802, the first octet's lowest bit), not zero."""
    try:
        return not int(mac[:2], 16) & 1 and set(mac) - set("0:-.") != set()
    except ValueError:
        return False


def one_mac_two_addresses(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    met: dict[tuple[str, str], list[tuple[str, Fact]]] = {}
    for fields in book.items("neighbour").values():
        mac, address = sure(fields.get("mac")), sure(fields.get("address"))
        if mac and address and _one_station(text_of(mac)) and ":" not in text_of(address):
            met.setdefault((text_of(mac), text_of(fields.get("interface"))), []).append((text_of(address), mac))
    for (mac_text, _), told in met.items():
        addresses = list(dict.fromkeys(address for address, _ in told))
        if len(addresses) > 1:
            yield f"{mac_text} answers for {' and '.join(addresses[:4])}", tuple(mac for _, mac in told)


def gateway_in_reach(book: FactBook, parts: PartsBook) -> Iterable[Seen]:
    for item, fields in book.items("adapter").items():
        own, mask, gateway = (sure(fields.get(name)) for name in ("ipv4", "mask", "gateway"))
        if not (own and mask and gateway) or not isinstance(own.value.value, tuple) or not own.value.value:
            continue
        try:
            nets = [IPv4Network(f"{address}/{text_of(mask)}", strict=False) for address in own.value.value]
            way = IPv4Address(text_of(gateway))
        except (AddressValueError, NetmaskValueError, ValueError):
            continue
        if not way.is_unspecified and not any(way in net for net in nets):
            yield f"{label_of(item)}: the gateway {way} is not in its own network {nets[0]}", (gateway, own, mask)
