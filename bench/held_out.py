"""Printers that nobody looked at while the reader was mended: other wordings and layouts over the same machines.

They stay here, out of the stand-in office, so that what they show is how a report met for the first time is read.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator

from yes_tally.standins.layouts import (
    Lines,
    boxed,
    colons,
    columns,
    delimited,
    json_tree,
    raw,
    records,
    spaced,
    xml_tree,
)
from yes_tally.standins.machine import Machine
from yes_tally.standins.office import office
from yes_tally.standins.printing import DAY
from yes_tally.standins.reports import truth_of
from yes_tally.standins.telling import Teller, Told, line, words
from yes_tally.standins.units import (
    day,
    either,
    german_day,
    gibibytes,
    gigabytes,
    gigahertz,
    kilobytes,
    listed,
    milliseconds,
    minute,
)


def identity_card(pc: Machine) -> Lines:
    t = Teller(pc)
    return [
        Told("*** Identity card of this computer ***"), Told(""),
        *spaced(
            [
                ("COMPUTER NAME", t("host.name")), ("MANUFACTURED BY", t("machine.maker")), ("PRODUCT MODEL", t("machine.model")),
                ("SERIAL NUMBER", t("machine.serial")), ("INVENTORY TAG", t("machine.tag")), ("MAINBOARD MAKER", t("board.maker")),
                ("MAINBOARD MODEL", t("board.model")), ("BIOS VERSION", t("firmware.version")), ("BIOS DATE", t("firmware.dated", day)),
                ("SECURE BOOT STATE", t("firmware.secure_boot", either("On", "Off"))), ("TPM SPEC VERSION", t("security.tpm")),
            ], 22, 0,
        ),
    ]  # fmt: skip


def memory_map(pc: Machine) -> Lines:
    rows = [
        [m("slot"), m("bank"), m("size", gigabytes), m("type"), m("speed", lambda v: f"{v} MT/s"), m("running_speed", lambda v: f"{v} MT/s"), m("maker"), m("part"), m("serial")]
        for m in Teller(pc).items("module", "slot")
    ]  # fmt: skip
    head = (
        "Locator",
        "Bank",
        "Capacity",
        "Technology",
        "Rated speed",
        "Current speed",
        "Manufacturer",
        "Part no.",
        "Serial no.",
    )
    return [Told("Physical memory devices"), Told(""), *columns(head, rows, (2, 4, 5))]


def drives(pc: Machine) -> Lines:
    t = Teller(pc)
    return records(
        [
            words("Physical drive {n}: {model}", n=d("number"), model=d("model")),
            *colons(
                [
                    ("Serial", d("serial")), ("Capacity", d("size", lambda v: f"{v:,} bytes")), ("Media type", d("media", str.upper)),
                    ("Interface", d("bus")), ("Partitioning", d("layout", str.upper)), ("Firmware revision", d("firmware")), ("SMART", d("health", lambda _: "OK")),
                ], 20, 2,
            ),
        ]
        for d in t.items("disk", "number")
    )  # fmt: skip


def german_card(pc: Machine) -> Lines:
    t = Teller(pc)
    cpu = t.items("processor", "socket")[0]
    return colons(
        [
            ("Computername", t("host.name")), ("Angemeldeter Benutzer", t("host.user")), ("Prozessor", cpu("name")), ("Anzahl Kerne", cpu("cores")),
            ("Anzahl logischer Prozessoren", cpu("threads")), ("Grundtakt", cpu("clock", lambda v: gigahertz(v).replace(".", ","))),
            ("Installierter Arbeitsspeicher", t.true("memory.installed", lambda v: f"{v // 2**30},0 GB")), ("BIOS-Datum", t("firmware.dated", german_day)),
            ("Letzter Systemstart", t("host.booted_at", lambda v: f"{v:%d.%m.%Y %H:%M}")),
        ], 32,
    )  # fmt: skip


def spanish_accounts(pc: Machine) -> Lines:
    rows = [
        [a("name"), a("full_name"), a("enabled", either("sí", "no")), a("admin", either("sí", "no")), a("password_set_at", lambda v: f"{v:%d/%m/%Y}")]
        for a in Teller(pc).items("account", "name")
    ]  # fmt: skip
    return boxed(("Usuario", "Nombre completo", "Habilitada", "Administrador", "Cambio de contraseña"), rows)


def portuguese_net(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Adaptador", a("name")), ("Endereço MAC", a("mac")), ("Ligado", a("connected", either("sim", "não"))), ("Endereço IPv4", a("ipv4", listed)),
                ("Máscara de sub-rede", a("mask")), ("Gateway predefinido", a("gateway")), ("Servidores DNS", a("dns", listed)),
                ("DHCP ativado", a("dhcp", either("sim", "não"))),
            ], mark=": ",
        )
        for a in Teller(pc).items("adapter", "name")
        if a.item["mac"]
    )  # fmt: skip


def italian_printers(pc: Machine) -> Lines:
    rows = [
        [p("name"), p("port"), p("driver"), p("default", either("sì", "no"))]
        for p in Teller(pc).items("printer", "name")
    ]
    return columns(("Stampante", "Porta", "Driver", "Predefinita"), rows, rule="-")


def dutch_tasks(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Taak", k("name")), ("Ingeschakeld", k("enabled", either("ja", "nee"))), ("Laatste uitvoering", k("last_run_at", minute)),
                ("Volgende uitvoering", k("next_run_at", minute)), ("Laatste resultaat", k("last_result")), ("Opdracht", k("runs")), ("Gebruiker", k("user")),
            ], 22, mark=" = ",
        )
        for k in Teller(pc).items("task", "name")
    )  # fmt: skip


def polish_volumes(pc: Machine) -> Lines:
    rows = [
        [v("mount"), v("label"), v("filesystem"), v("size", gibibytes), v("free", gibibytes), v("encrypted", either("tak", "nie"))]
        for v in Teller(pc).items("volume", "mount")
    ]  # fmt: skip
    return delimited(("Dysk", "Etykieta", "System plików", "Pojemność", "Wolne miejsce", "Zaszyfrowany"), rows)


def french_battery(pc: Machine) -> Lines:
    t = Teller(pc)
    return records(
        [
            *(
                colons(
                    [("Batterie", b("name")), ("Capacité nominale", b("design", lambda v: f"{v} mWh")), ("Capacité à pleine charge", b("full", lambda v: f"{v} mWh")), ("Nombre de cycles", b("cycles"))],
                    mark=" : ",
                )
                for b in t.items("battery", "name")
            ),
            *(
                colons(
                    [("Écran", d("name")), ("Fabricant", d("maker")), ("Numéro de série", d("serial"))], mark=" : ",
                )
                for d in t.items("display", "serial")
            ),
        ]
    )  # fmt: skip


def everything_json(pc: Machine) -> Lines:
    t = Teller(pc)
    return json_tree(
        {
            "processes": [{"pid": raw(p("pid")), "image": p("name"), "owner": p("user"), "workingSetKB": raw(p("memory", lambda v: str(v // 1024)))} for p in t.items("process", "pid")],
            "hotfixes": [{"id": u("id"), "description": u("title"), "installedOn": u("installed_at", day)} for u in t.items("update", "id")],
            "applications": [{"displayName": s("name"), "displayVersion": s("version"), "publisher": s("maker"), "installDate": s("installed_at", day)} for s in t.items("software", "name")],
        }
    )  # fmt: skip


def wire_xml(pc: Machine) -> Lines:
    t = Teller(pc)
    return xml_tree(
        "network",
        {
            "route": [{"destination": r("destination"), "netmask": r("mask"), "gateway": r("gateway"), "metric": r("metric")} for r in t.items("route", "destination")],
            "neighbour": [{"ip": n("address"), "mac": n("mac"), "type": n("kind")} for n in t.items("neighbour", "address")],
            "socket": [{"protocol": c("protocol"), "localAddress": c("local"), "remoteAddress": c("remote"), "state": c("state"), "pid": c("pid")} for c in t.items("connection", "local")],
        },
    )  # fmt: skip


def talk(pc: Machine) -> Lines:
    t = Teller(pc)
    reach = t.items("reach", "target")[0]
    return [
        words("Pinging {target} [{address}]", target=reach("target"), address=reach("address")),
        words("{sent} packets transmitted, {received} received, {lost} lost", sent=reach("sent"), received=reach("received"), lost=reach("lost")),
        words("min {best}, avg {average}, max {worst}", best=reach("best", milliseconds), average=reach("average", milliseconds), worst=reach("worst", milliseconds)),
        Told(""), *columns(("Page file", "Size", "Used"), [[p("path"), p("size", kilobytes), p("used", kilobytes)] for p in t.items("page_file", "path")]),
        Told(""), *columns(("Driver", "Version", "Vendor", "Date", "Signed"), [[d("name"), d("version"), d("provider"), d("dated", day), d("signed", either("yes", "no"))] for d in t.items("driver", "name")], rule="="),
        Told(""), *colons([("Graphics card", g("name")) for g in t.items("graphics", "name")]),
        *(line(f"Video memory: {g('memory', gigabytes) if g.item['memory'] >= 2**30 else g('memory', lambda v: f'{v // 2**20} MB')}", g("memory")) for g in t.items("graphics", "name")),
        *colons([("Screen resolution", words("{w} x {h}", w=g("width"), h=g("height"))) for g in t.items("graphics", "name")]),
    ]  # fmt: skip


PRINTERS: dict[str, tuple[str, Callable[[Machine], Lines]]] = {
    "identity": ("en", identity_card), "memory map": ("en", memory_map), "drives": ("en", drives), "rechner": ("de", german_card),
    "usuarios": ("es", spanish_accounts), "rede": ("pt", portuguese_net), "stampanti": ("it", italian_printers), "taken": ("nl", dutch_tasks),
    "dyski": ("pl", polish_volumes), "ecrans": ("fr", french_battery), "json": ("en", everything_json), "xml": ("en", wire_xml), "talk": ("en", talk),
}  # fmt: skip


def reports(seeds: Iterable[int]) -> Iterator[tuple[str, bytes, dict[str, object]]]:
    """Printer, bytes and truth of every fifth PC of each office."""
    for seed in seeds:
        for pc in office(seed, DAY)[seed % 5 :: 5]:
            for name, (_, printer) in PRINTERS.items():
                lines = printer(pc)
                if lines:
                    yield name, "\n".join([*lines, ""]).encode(), truth_of(lines)
