"""``about …``: the short English reports that come with every Harbour OS."""

from __future__ import annotations

from yes_tally.core.catalogue import MEMORY_TYPE_CODES
from yes_tally.standins.commands.command import Command
from yes_tally.standins.layouts import Lines, colons, columns, dotted, records, spaced, underlined
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Teller, Told, Truth, line, words
from yes_tally.standins.units import (
    day,
    either,
    gigabytes,
    gigahertz,
    grouped_megabytes,
    listed,
    megabytes,
    minute,
    on_off,
    yes_no,
)

_KIND_CODES = {"DDR3": 24, "DDR4": 26, "DDR5": 34}
assert all(MEMORY_TYPE_CODES[code] == kind for kind, code in _KIND_CODES.items())


def said_state(state: str) -> str:
    """A licence that was never activated is called so."""
    return "not activated" if state == "inactive" else state


def full_name(pc: Machine) -> Told:
    """The system's name with its edition, which follows from it."""
    text = f"{pc['os.name']} {pc['os.edition']}"
    parts = (("os.name", pc["os.name"]), ("os.edition", pc["os.edition"]))
    return Told(text, (Truth("os.name", None, text, text), *(Truth(f, None, v, text, needed=False) for f, v in parts)))


def machine(pc: Machine) -> Lines:
    tell = Teller(pc)
    placeholder = int(pc.tag[-1]) % 3 == 0
    claimed = "memory.installed" in pc.claims
    memory = tell("memory.installed", gigabytes) if claimed else tell("memory.usable", grouped_megabytes)
    return dotted(
        [
            ("host", tell("host.name")), ("maker", tell("machine.maker")), ("model", tell("machine.model")),
            ("serial", tell("machine.serial")), ("machine uuid", tell("machine.uuid")),
            ("asset tag", Told("not specified") if placeholder else tell("machine.tag")), ("case", tell("machine.form")),
            ("firmware version", tell("firmware.version")), ("memory (total)", memory),
            ("start mode", tell("firmware.mode", str.upper)), ("secure boot", tell("firmware.secure_boot", on_off)),
        ]
    )  # fmt: skip


def modules(pc: Machine) -> Lines:
    tell = Teller(pc)
    fitted = {module.name: module for module in tell.items("module", "slot")}
    rows = []
    for number in range(pc["memory.slots"]):
        slot = f"{'AB'[number // 2]}{number % 2 + 1}"
        module = fitted.get(slot)
        rows.append(
            [
                module("slot"), module("size", gigabytes), module("type", lambda kind: str(_KIND_CODES[kind])), module("speed"),
                module("running_speed"), module("maker"), module("part"), module("serial"),
            ]
            if module
            else [Told(slot, (Truth("module.slot", slot, slot, slot, needed=False),)), *"-------"]
        )  # fmt: skip
    head = ("slot", "size", "kind", "rated", "running", "maker", "part number", "serial")
    return [
        Told("memory modules of this PC"), Told(""), *columns(head, rows, (1, 2, 3, 4), "-"), Told(""),
        *colons([("board takes up to", tell("memory.limit", gigabytes)), ("memory sockets", tell("memory.slots"))]),
    ]  # fmt: skip


def processor(pc: Machine) -> Lines:
    cpu = Teller(pc).items("processor", "socket")[0]
    return colons(
        [("Processor", cpu("name")), ("Cores", cpu("cores")), ("Threads", cpu("threads")), ("Rated clock", cpu("clock", gigahertz))]
    )  # fmt: skip


def system(pc: Machine) -> Lines:
    tell = Teller(pc)
    return colons(
        [
            ("Operating system", full_name(pc)), ("Version", tell("os.version")),
            ("Build", tell("os.build")), ("Architecture", tell("os.architecture", lambda a: f"64-bit ({a})")),
            ("Set up on", tell("os.installed_at", minute)), ("Oldest log", tell("os.oldest_trace_at", day)),
            ("Time zone", tell("host.time_zone")),
        ]
    )  # fmt: skip


def licence(pc: Machine) -> Lines:
    tell = Teller(pc)
    return [
        *underlined("Licence of this PC"),
        *colons(
            [
                ("Channel", tell("licence.channel")), ("State", tell("licence.state", said_state)),
                ("Key ends", tell("licence.key_tail")), ("Expires", tell("licence.expires_at", minute)),
            ]
        ),
    ]  # fmt: skip


def disks(pc: Machine) -> Lines:
    return records(
        [
            words("Disk {number}", number=disk("number")),
            *spaced(
                [
                    ("Model", disk("model")), ("Serial number", disk("serial")),
                    ("Size", disk("size", lambda size: f"{size / 1e9:.1f} GB ({size:,} bytes)")), ("Media", disk("media")),
                    ("Health", disk("health")),
                ],
                14,
            ),
        ]
        for disk in Teller(pc).items("disk", "number")
    )  # fmt: skip


def volumes(pc: Machine) -> Lines:
    rows = [
        [v("mount"), v("label"), v("filesystem"), v("kind"), v("size", megabytes), v("free", megabytes)]
        for v in Teller(pc).items("volume", "mount")
    ]
    return columns(("mount", "label", "file system", "kind", "size", "free"), rows, (4, 5))


def network(pc: Machine) -> Lines:
    lines: Lines = []
    for number, adapter in enumerate(Teller(pc).items("adapter", "name"), 1):
        connected = adapter("connected", either("connected", "not connected"))
        told = [
            adapter("kind"),
            connected,
            *([adapter("speed", lambda s: f"{s // 10**6} Mbit/s")] if adapter.item["speed"] else []),
        ]
        lines.append(
            line(
                f"{number}: {adapter.name}{'  <' if adapter.item['mac'] else ' <'}{', '.join(told)}>",
                adapter("name"),
                *told,
            )
        )
        pairs = [
            ("hw address", adapter("mac")), ("inet", words("{a}   netmask {m}", a=adapter("ipv4", listed), m=adapter("mask"))),
            ("gateway", adapter("gateway")), ("dns", adapter("dns", listed)),
        ]  # fmt: skip
        lines += spaced([(label, value) for label, value in pairs if value], 12, 5)
    return lines


def accounts(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Account", a("name")), ("Full name", a("full_name")), ("Enabled", a("enabled", yes_no)),
                ("Administrator", a("admin", yes_no)), ("Password changed", a("password_set_at", day)),
            ],
            20,
        )
        for a in Teller(pc).items("account", "name")
    )  # fmt: skip


def software(pc: Machine) -> Lines:
    rows = [[s("name"), s("version"), s("maker")] for s in Teller(pc).items("software", "name")]
    return columns(("Program", "Version", "Publisher"), rows, rule="-")


def firewall(pc: Machine) -> Lines:
    rows = [
        [f("profile"), f("on", on_off), f("inbound"), f("outbound")] for f in Teller(pc).items("firewall", "profile")
    ]
    return columns(("Profile", "State", "Inbound", "Outbound"), rows)


COMMANDS = (
    Command("about machine", machine, "maker, model, serial and firmware", 0.3),
    Command("about modules", modules, "memory modules and slots", 0.8),
    Command("about processor", processor, "the processor", 0.2),
    Command("about system", system, "system, build and set-up date", 0.4),
    Command("about licence", licence, "licence channel, state and end", 1.8, "administrator"),
    Command("about disks", disks, "disks and their health", 1.2),
    Command("about volumes", volumes, "volumes and free space", 0.3),
    Command("about net", network, "network adapters and addresses", 0.4),
    Command("about accounts", accounts, "local accounts", 0.5, "administrator"),
    Command("about software", software, "installed software", 1.5),
    Command("about firewall", firewall, "firewall profiles", 0.3, "administrator"),
)
