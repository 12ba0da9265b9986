"""``stow …``: what a PC files away for others to open: key files, an outline, a page, a window's text."""

from __future__ import annotations

from yes_tally.standins.commands.about import said_state
from yes_tally.standins.commands.command import Command
from yes_tally.standins.layouts import Lines, columns, records
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import ItemTeller, Teller, Told, Truth, line, truths_of, words
from yes_tally.standins.units import day, either, gibibytes, minute, yes_no


def keys(pc: Machine) -> Lines:
    """A key file with a section a volume."""
    return records(
        [
            words("[volume {mount}]", mount=v("mount")),
            *(
                line(f'{key}="{value}"', value)
                for key, value in (
                    ("label", v("label")), ("filesystem", v("filesystem")), ("size_bytes", v("size")), ("free_bytes", v("free")),
                    ("kind", v("kind")), ("volume_serial", v("serial")), ("disk", v("disk")), ("encrypted", v("encrypted", yes_no)),
                    ("state", v("state")),
                )
            ),
        ]
        for v in Teller(pc).items("volume", "mount")
    )  # fmt: skip


def outline(pc: Machine) -> Lines:
    """An indented outline."""
    tell = Teller(pc)
    cpu = tell.items("processor", "socket")[0]
    blocks = (
        ("machine", (("maker", tell("machine.maker")), ("model", tell("machine.model")), ("serial_number", tell("machine.serial")), ("form", tell("machine.form")))),
        ("os", (("name", tell("os.name")), ("edition", tell("os.edition")), ("build", tell("os.build")), ("kernel", tell("os.kernel")), ("installed_at", tell("os.installed_at", minute)))),
        ("processor", (("name", cpu("name")), ("cores", cpu("cores")), ("threads", cpu("threads")))),
        ("memory", (("usable", tell("memory.usable", gibibytes)), ("slots", tell("memory.slots")), ("limit", tell("memory.limit", gibibytes)))),
    )  # fmt: skip
    return [
        each
        for name, pairs in blocks
        for each in (Told(f"{name}:"), *(line(f"  {key}: {value}", value) for key, value in pairs))
    ]


def page(pc: Machine) -> Lines:
    """A page with tables."""
    tell = Teller(pc)
    software = [[s("name"), s("version"), s("maker"), s("installed_at", day)] for s in tell.items("software", "name")]
    partitions = [
        [p("disk"), p("number"), p("kind"), p("size", gibibytes), p("active", yes_no)]
        for p in tell.items("partition", "number")
    ]
    return [
        Told("<!doctype html>"), Told("<html><head><title>What is on this PC</title></head><body>"),
        *_html("Programs", ("Program", "Version", "Publisher", "Installed on"), software),
        *_html("Partitions", ("Disk", "Partition", "Kind", "Size", "Active"), partitions), Told("</body></html>"),
    ]  # fmt: skip


def _html(title: str, head: tuple[str, ...], rows: list[list[Told]]) -> Lines:
    return [
        Told(f"<h2>{title}</h2>"), Told("<table>"), Told("<tr>" + "".join(f"<th>{cell}</th>" for cell in head) + "</tr>"),
        *(line("<tr>" + "".join(f"<td>{cell}</td>" for cell in row) + "</tr>", *row) for row in rows), Told("</table>"),
    ]  # fmt: skip


def window(pc: Machine) -> Lines:
    """The text of a window about the licence."""
    tell = Teller(pc)
    state = tell("licence.state", said_state)
    ends = pc["licence.expires_at"]
    lasting = (
        Told(
            "This licence is permanent.",
            (
                Truth("licence.permanent", None, True, "permanent"),
                Truth("licence.expires_at", None, "never", "permanent", needed=False),
            ),
        )
        if ends == "never"
        else words("This licence expires on {at}.", at=tell("licence.expires_at", minute))
    )  # fmt: skip
    inside = [
        words("The licence is {state}.", state=state), words("Licence channel: {channel}", channel=tell("licence.channel")),
        lasting, words("Product id: {id}", id=tell("os.product_id")),
    ]  # fmt: skip
    width = max(map(len, inside)) + 2
    rows = [Told(f"| {text.ljust(width)}|", truths_of(text)) for text in inside]
    return [Told("+- Licence " + "-" * (width - 9) + "+"), *rows, Told("+" + "-" * (width + 1) + "+")]


def way(pc: Machine) -> Lines:
    """One record a line, each hop with its target."""

    def row(hop: ItemTeller) -> list[Told]:
        return [hop("target"), hop("number"), hop("address"), hop("worst", lambda v: f"{v * 1000:.1f} ms")]

    return columns(("Target", "Hop", "Address", "Worst"), [row(h) for h in Teller(pc).items("hop", "number")], rule="-")


def plist(pc: Machine) -> Lines:
    """A property list of firmware and licence."""
    tell = Teller(pc)
    true_false = either("true", "false")
    pairs = [
        ("Firmware Vendor", tell("firmware.maker"), "string"), ("Firmware Version", tell("firmware.version"), "string"),
        ("Firmware Date", tell("firmware.dated", day), "string"), ("Secure Boot", tell("firmware.secure_boot", true_false), ""),
        ("TPM Version", tell("security.tpm"), "string"), ("License Grace Days", tell("licence.grace", lambda v: str(v // 86400)), "integer"),
    ]  # fmt: skip
    lines: Lines = [Told('<?xml version="1.0" encoding="UTF-8"?>'), Told('<plist version="1.0">'), Told("<dict>")]
    for key, value, kind in pairs:
        lines += [Told(f"  <key>{key}</key>"), line(f"  <{kind}>{value}</{kind}>" if kind else f"  <{value}/>", value)]
    return [*lines, Told("</dict>"), Told("</plist>")]


COMMANDS = (
    Command("stow keys", keys, "volumes as a key file", 0.4),
    Command("stow outline", outline, "machine, system, processor and memory in short", 0.6),
    Command("stow page", page, "programs and partitions as a page", 2.2, since=12),
    Command("stow window", window, "what the licence window says", 1.0),
    Command("stow way", way, "the way to the print server, with its target", 3.0),
    Command("stow plist", plist, "firmware and grace days as a property list", 0.5, since=12),
)
