"""Commands of PCs set up in other languages: German, French, Spanish."""

from __future__ import annotations

from yes_tally.standins.commands.about import full_name
from yes_tally.standins.commands.command import Command
from yes_tally.standins.layouts import Lines, colons, columns, records
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Teller, Told, Truth
from yes_tally.standins.units import comma_gigabytes, either, german_minute, gigahertz, southern_minute


def german_machine(pc: Machine) -> Lines:
    tell = Teller(pc)
    return colons(
        [
            ("Rechnername", tell("host.name")), ("Hersteller", tell("machine.maker")), ("Modell", tell("machine.model")),
            ("Seriennummer", tell("machine.serial")), ("Arbeitsspeicher eingebaut", tell.true("memory.installed", lambda v: f"{v // 2**30},0 GB")),
            ("Startmodus", tell("firmware.mode", str.upper)), ("Sicherer Start", tell("firmware.secure_boot", either("ein", "aus"))),
        ]
    )  # fmt: skip


def german_system(pc: Machine) -> Lines:
    tell = Teller(pc)
    return colons(
        [
            ("Betriebssystem", full_name(pc)), ("Build Nummer", tell("os.build")),
            ("Architektur", tell("os.architecture", lambda a: f"64-Bit ({a})")), ("Eingerichtet am", tell.true("os.installed_at", german_minute)),
            ("Systemsprache", Told("de-DE", (Truth("os.language", None, "de-DE", "de-DE"),))),
        ]
    )  # fmt: skip


def german_volumes(pc: Machine) -> Lines:
    rows = [
        [v("mount"), v("label"), v("filesystem"), v("size", comma_gigabytes), v("free", comma_gigabytes), v("encrypted", either("ja", "nein"))]
        for v in Teller(pc).items("volume", "mount")
    ]  # fmt: skip
    return columns(("Laufwerk", "Bezeichnung", "Dateisystem", "Größe", "Frei", "Verschlüsselt"), rows, (3, 4), "-")


def french_machine(pc: Machine) -> Lines:
    tell = Teller(pc)
    cpu = tell.items("processor", "socket")[0]
    return [
        *colons(
            [
                ("Nom de l'ordinateur", tell("host.name")), ("Fabricant", tell("machine.maker")), ("Modèle", tell("machine.model")),
                ("Numéro de série", tell("machine.serial")), ("Mémoire installée", tell.true("memory.installed", lambda v: f"{v // 2**30} Go")),
                ("Processeur", cpu("name")), ("Cœurs", cpu("cores")), ("Fréquence", cpu("clock", lambda v: gigahertz(v).replace(".", ","))),
                ("Dernier démarrage", tell("host.booted_at", southern_minute)),
            ],
            mark=" : ",
        )
    ]  # fmt: skip


def french_accounts(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Compte", a("name")), ("Nom complet", a("full_name")), ("Activé", a("enabled", either("oui", "non"))),
                ("Administrateur", a("admin", either("oui", "non"))), ("Dernière ouverture de session", a("last_logon_at", southern_minute)),
            ],
            mark=" : ",
        )
        for a in Teller(pc).items("account", "name")
    )  # fmt: skip


def spanish_disks(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Disco", d("number")), ("Modelo", d("model")), ("Número de serie", d("serial")),
                ("Tamaño", d("size", lambda v: f"{v / 1e9:.1f} GB".replace(".", ","))), ("Estado de salud", d("health", lambda _: "bueno")),
            ],
            18,
        )
        for d in Teller(pc).items("disk", "number")
    )  # fmt: skip


def spanish_network(pc: Machine) -> Lines:
    return records(
        colons(
            [
                ("Adaptador", a("name")), ("Dirección física", a("mac")), ("Conectado", a("connected", either("sí", "no"))),
                ("Dirección IPv4", a("ipv4", ", ".join)), ("Máscara de subred", a("mask")), ("Puerta de enlace", a("gateway")),
                ("Servidores DNS", a("dns", ", ".join)),
            ],
            20,
        )
        for a in Teller(pc).items("adapter", "name")
        if a.item["mac"]
    )  # fmt: skip


COMMANDS = (
    Command("auskunft rechner", german_machine, "Rechner und Arbeitsspeicher", 0.5, language="de"),
    Command("auskunft system", german_system, "System und Einrichtung", 0.4, language="de"),
    Command("auskunft laufwerke", german_volumes, "Laufwerke und freier Platz", 0.6, language="de"),
    Command("inventaire poste", french_machine, "poste, mémoire et processeur", 0.7, language="fr"),
    Command("inventaire comptes", french_accounts, "comptes locaux", 0.6, "administrator", language="fr"),
    Command("equipo discos", spanish_disks, "discos", 0.9, language="es"),
    Command("equipo red", spanish_network, "adaptadores de red", 0.5, language="es"),
)
