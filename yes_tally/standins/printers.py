"""Made-up commands that print a stand-in PC's truth, in wordings and layouts of our own.

They know nothing of the reader, nor the reader of them.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass

from yes_tally.standins.machine import Machine

MIB, GIB = 2**20, 2**30
Printer = Callable[[Machine], list[str]]


@dataclass(frozen=True)
class Command:
    """A made-up command: how it is typed, and what prints its answer."""

    typed: str
    printer: Printer


def _dotted(pairs: Iterable[tuple[str, object]], width: int = 18) -> list[str]:
    return [f"{label} {'. ' * ((width - len(label)) // 2)}: {value}" for label, value in pairs]


def _colons(pairs: Iterable[tuple[str, object]]) -> list[str]:
    return [f"{label}: {value}" for label, value in pairs]


def _table(
    head: Sequence[str], rows: Sequence[Sequence[str]], right: frozenset[int] = frozenset(), ruled: bool = True
) -> list[str]:
    widths = [max(len(row[i]) for row in [head, *rows]) for i in range(len(head))]

    def line(cells: Sequence[str]) -> str:
        return "  ".join(
            c.rjust(w) if i in right else c.ljust(w) for i, (c, w) in enumerate(zip(cells, widths, strict=True))
        ).rstrip()

    return [line(head), *(["  ".join("-" * w for w in widths)] if ruled else []), *map(line, rows)]


def _usable(gigabytes: int) -> int:
    return gigabytes * GIB - 173 * MIB


def machine_summary(pc: Machine) -> list[str]:
    claimed = pc.claimed_memory or pc.memory
    return _dotted(
        [
            ("host", pc.host), ("maker", pc.maker), ("model", pc.model), ("serial", pc.serial), ("machine uuid", pc.uuid),
            ("asset tag", pc.tag if int(pc.tag[-1]) % 3 else "not specified"), ("case", pc.form), ("firmware version", "1.18"),
            ("memory (total)", f"{claimed} GB" if pc.claimed_memory else f"{_usable(claimed) // MIB:,} MB"), ("start mode", "UEFI"),
            ("secure boot", "on" if pc.secure_boot else "off"),
        ]
    )  # fmt: skip


def modules(pc: Machine) -> list[str]:
    fitted = {module.slot: module for module in pc.modules}
    rows = []
    for number in range(pc.slots):
        slot = f"{'AB'[number // 2]}{number % 2 + 1}"
        module = fitted.get(slot)
        rows.append(
            (
                slot,
                f"{module.gigabytes} GB",
                str(module.code),
                str(module.speed),
                str(module.running),
                module.maker,
                module.part,
                module.serial,
            )
            if module
            else (slot, "-", "-", "-", "-", "-", "-", "-")
        )
    head = ("slot", "size", "kind", "rated", "running", "maker", "part number", "serial")
    return [
        "memory modules of this PC",
        "",
        *_table(head, rows, frozenset({1, 2, 3, 4})),
        "",
        f"board takes up to: {pc.memory_limit} GB",
        f"memory sockets: {pc.slots}",
    ]


def processor(pc: Machine) -> list[str]:
    return _colons(
        [
            ("Processor", pc.processor),
            ("Cores", pc.cores),
            ("Threads", pc.threads),
            ("Rated clock", f"{pc.megahertz / 1000:.2f} GHz"),
        ]
    )


def system(pc: Machine) -> list[str]:
    setup = pc.claimed_setup or pc.set_up_at
    return _colons(
        [
            ("Operating system", f"Harbour OS 12 {pc.edition}"), ("Version", pc.version), ("Build", pc.build),
            ("Architecture", "64-bit (x86-64)"), ("Set up on", f"{setup:%Y-%m-%d %H:%M}"),
            ("Oldest log", f"{pc.oldest_trace_at:%Y-%m-%d}"), ("Time zone", "(UTC+00:00) Northquay"),
        ]
    )  # fmt: skip


def licence(pc: Machine) -> list[str]:
    expires = f"{pc.licence.expires_at:%Y-%m-%d %H:%M}" if pc.licence.expires_at else "never"
    return [
        "Licence of this PC",
        "==================",
        *_colons(
            [
                ("Channel", pc.licence.channel),
                ("State", pc.licence.state),
                ("Key ends", pc.licence.key_tail),
                ("Expires", expires),
            ]
        ),
    ]


def disks(pc: Machine) -> list[str]:
    lines: list[str] = []
    for number, disk in enumerate(pc.disks):
        lines += [
            f"Disk {number}",
            f"    Model          {disk.model}",
            f"    Serial number  {disk.serial}",
            f"    Size           {disk.size / 1e9:.1f} GB ({disk.size:,} bytes)",
            f"    Media          {disk.media}",
            "    Health         good",
            "",
        ]
    return lines[:-1]


def volumes(pc: Machine) -> list[str]:
    rows = [(v.mount, v.label, v.filesystem, "fixed", f"{v.size // MIB} MB", f"{v.free // MIB} MB") for v in pc.volumes]
    return _table(("mount", "label", "file system", "kind", "size", "free"), rows, frozenset({4, 5}), ruled=False)


def network(pc: Machine) -> list[str]:
    adapter = pc.adapter
    return [
        f"1: {adapter.name}  <{adapter.kind}, connected, 1000 Mbit/s>",
        f"     hw address   {adapter.mac}",
        f"     inet         {adapter.ipv4}   netmask 255.255.255.0",
        f"     gateway      {adapter.gateway}",
        f"     dns          {', '.join(adapter.dns)}",
        "2: Loopback  <loopback, connected>",
        "     inet         127.0.0.1   netmask 255.0.0.0",
    ]


def accounts(pc: Machine) -> list[str]:
    lines: list[str] = []
    for account in pc.accounts:
        lines += [
            f"Account             : {account.name}",
            f"Full name           : {account.full_name}".rstrip(),
            f"Enabled             : {'yes' if account.enabled else 'no'}",
            f"Administrator       : {'yes' if account.admin else 'no'}",
            f"Password changed    : {account.password_set_at:%Y-%m-%d}",
            "",
        ]
    return lines[:-1]


def software(pc: Machine) -> list[str]:
    return _table(("Program", "Version", "Publisher"), [(s.name, s.version, s.maker) for s in pc.software])


def firewall(pc: Machine) -> list[str]:
    rows = [
        (name, "off" if name in pc.firewall_off else "on", "block", "allow") for name in ("domain", "private", "public")
    ]
    return _table(("Profile", "State", "Inbound", "Outbound"), rows, ruled=False)


def machine_summary_german(pc: Machine) -> list[str]:
    return _colons(
        [
            ("Rechnername", pc.host), ("Hersteller", pc.maker), ("Modell", pc.model), ("Seriennummer", pc.serial),
            ("Arbeitsspeicher eingebaut", f"{pc.memory},0 GB"), ("Startmodus", "UEFI"), ("Sicherer Start", "ein" if pc.secure_boot else "aus"),
        ]
    )  # fmt: skip


def system_german(pc: Machine) -> list[str]:
    return _colons(
        [
            ("Betriebssystem", f"Harbour OS 12 {pc.edition}"), ("Build Nummer", pc.build), ("Architektur", "64-Bit (x86-64)"),
            ("Eingerichtet am", f"{pc.set_up_at:%d.%m.%Y %H:%M}"), ("Systemsprache", "de-DE"),
        ]
    )  # fmt: skip


COMMANDS: dict[str, Command] = {
    command.typed: command
    for command in (
        Command("about machine", machine_summary), Command("about modules", modules), Command("about processor", processor),
        Command("about system", system), Command("about licence", licence), Command("about disks", disks),
        Command("about volumes", volumes), Command("about net", network), Command("about accounts", accounts),
        Command("about software", software), Command("about firewall", firewall),
        Command("auskunft rechner", machine_summary_german), Command("auskunft system", system_german),
    )
}  # fmt: skip
ENGLISH = tuple(typed for typed in COMMANDS if typed.startswith("about"))
GERMAN = (
    "auskunft rechner",
    "auskunft system",
    *(typed for typed in ENGLISH if typed not in ("about machine", "about system")),
)
NO_RIGHTS = "this needs administrator rights. Nothing was asked."


def session(pc: Machine, commands: Sequence[str], refused: Sequence[str] = (), mistyped: str = "") -> str:
    """What a window holds after these commands were typed: prompts, echoes, answers, refusals, a mistype."""
    user = pc.host.split("-")[1]
    lines: list[str] = []
    if mistyped:
        lines += [f"{user}@{pc.host} > {mistyped}", f"{mistyped.split()[0]}: nothing here by that name", ""]
    for typed in commands:
        answer = [f"{typed.split()[0]}: {NO_RIGHTS}"] if typed in refused else COMMANDS[typed].printer(pc)
        lines += [f"{user}@{pc.host} > {typed}", *answer, ""]
    return "\n".join(lines)
