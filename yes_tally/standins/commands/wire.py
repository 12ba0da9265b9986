"""``wire …``: what the network looks like from the PC."""

from __future__ import annotations

from yes_tally.standins.commands.command import Command
from yes_tally.standins.layouts import Lines, colons, columns, records
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Teller, Told, truths_of, words
from yes_tally.standins.units import listed, milliseconds, minute, yes_no


def cards(pc: Machine) -> Lines:
    tell = Teller(pc)
    lines: Lines = [*colons([("Host name", tell("host.name")), ("Domain", tell("host.domain"))], 18)]
    for card in tell.items("adapter", "name"):
        told = colons(
            [
                ("Description", card("name")), ("Hardware address", card("mac", lambda m: m.replace(":", "-").upper(), "none")),
                ("Leased by DHCP", card("dhcp", yes_no)), ("IPv4", card("ipv4", listed)), ("IPv6", card("ipv6", listed)),
                ("Netmask", card("mask")), ("Lease from", card("lease_from", minute)),
                ("Lease until", card("lease_until", minute)), ("Gateway", card("gateway")),
                ("DHCP server", card("dhcp_server")), ("Name servers", card("dns", listed)),
            ],
            18,
            3,
        )  # fmt: skip
        lines += [Told(""), words("Connection {name}", name=card("connection")), *told]
    return lines


def sockets(pc: Machine) -> Lines:
    rows = [
        [c("protocol"), c("local"), c("remote"), c("state"), c("pid")] for c in Teller(pc).items("connection", "local")
    ]
    return [
        Told("Open and listening ends"), Told(""),
        *columns(("Protocol", "Local end", "Remote end", "State", "Process id"), rows, (4,)),
    ]  # fmt: skip


def neighbours(pc: Machine) -> Lines:
    rows = [
        [n("address"), n("mac", lambda m: m.replace(":", "-")), n("kind"), n("interface")]
        for n in Teller(pc).items("neighbour", "address")
    ]
    return columns(("Address", "Hardware address", "Kind", "Interface"), rows)


def routes(pc: Machine) -> Lines:
    rows = [
        [r("destination"), r("mask"), r("gateway", blank="on-link"), r("interface"), r("metric")]
        for r in Teller(pc).items("route", "destination")
    ]
    return [Told("Routes"), *columns(("Destination", "Netmask", "Gateway", "Interface", "Metric"), rows, (4,), "=")]


def reach(pc: Machine) -> Lines:
    lines: Lines = []
    for r in Teller(pc).items("reach", "target"):
        lines += [
            words("Calling {target} ({address})", target=r("target"), address=r("address")),
            words("sent {sent}, received {received}, lost {lost}", sent=r("sent"), received=r("received"), lost=r("lost")),
            words(
                "best {best}, average {average}, worst {worst}",
                best=r("best", milliseconds), average=r("average", milliseconds), worst=r("worst", milliseconds),
            ),
        ]  # fmt: skip
    return lines


def way(pc: Machine) -> Lines:
    hops = Teller(pc).items("hop", "number")
    rows = [[h("number"), h("best", milliseconds), h("worst", milliseconds), h("address")] for h in hops]
    # Every step leads there.
    target = Told(hops[0].item["target"], truths_of(*(h("target") for h in hops)))
    return [
        words("Way to {target}", target=target), *columns(("Hop", "Best", "Worst", "Address"), rows, (0, 1, 2)),
    ]  # fmt: skip


def names(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Server", look("server")), ("Name", look("name")),
                ("Address", look("address", listed) if look.item["address"] else Told("not found", look("address", listed).truths)),
            ],
            8,
        )
        for look in Teller(pc).items("lookup", "name")
    )  # fmt: skip


COMMANDS = (
    Command("wire cards", cards, "adapters, addresses, leases and name servers", 0.6),
    Command("wire sockets", sockets, "open connections and listening ports", 1.4),
    Command("wire near", neighbours, "who else is on the wire", 0.3),
    Command("wire routes", routes, "routes", 0.2),
    Command("wire call", reach, "whether the print server is reached", 3.1),
    Command("wire way", way, "the way to the print server", 4.0),
    Command("wire names", names, "whether names are found", 0.7),
)
