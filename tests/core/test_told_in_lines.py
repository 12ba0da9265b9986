"""What lines of a few words tell, in the languages of the reader: one text a row, and all that is read of it."""

import unittest

from tests.core.readings import told
from yes_tally.core.reading.reader import read

CARD = {"adapter#1.name": "Wickerlink GbE 210", "adapter#1.mac": "3c:5a:b4:10:77:e2"}
LENT = {"adapter#1.lease_from": "2025-02-10T07:31:00", "adapter#1.lease_until": "2025-02-12T07:31:00"}
TREE = {
    "disk#1.number": "0", "disk#1.model": "Basalt NV2000", "disk#1.bus": "NVMe", "disk#1.size": 1_800_000_000_000,
    "partition#1.number": "1", "partition#1.disk": "0", "partition#1.kind": "EFI", "partition#1.size": 260 * 1024**2,
    "partition#2.number": "2", "partition#2.disk": "0", "volume#1.mount": "C:", "volume#1.label": "System", "volume#1.filesystem": "HFX2",
    "volume#1.encrypted": True,
}  # fmt: skip
BRANCHES = 'gp-arc-02\n├── disk 0{m}Basalt NV2000{m}1.8 TB{m}NVMe\n│   ├── 1{m}EFI{m}260 MB\n│   └── 2{m}C: "System"{m}HFX2{m}encrypted\n'
CHECKS = {
    "health_check#1.kind": "system-files", "health_check#1.result": "repaired", "health_check#2.kind": "disk", "health_check#2.target": "C:",
    "health_check#2.result": "clean", "health_check#3.kind": "energy", "health_check#3.errors": 2, "health_check#3.warnings": 5, "health_check#3.notes": 17,
}  # fmt: skip
FICHA = (
    "{}DATOS DEL EQUIPO\n   Fabricante: Corrane             Modelo: Tallow 14\n{}SISTEMA\n   Harbour OS 12 Desk Pro, versión 12.0, 64 bits\n"
    "{}DISCO\n   Basalt NV512, 476,9 GB, NVMe\n   C: 475,2 GB, libres 88,1 GB, cifrado\n{}BATERÍA\n   CT14-BAT3, capacidad de diseño 50.040 mWh, 412 ciclos\n"
)
CHAPTERS = {
    "machine.maker": "Corrane", "machine.model": "Tallow 14", "os.name": "Harbour OS 12 Desk Pro", "os.version": "12.0", "os.architecture": "x86-64",
    "disk#1.model": "Basalt NV512", "disk#1.size": round(476.9 * 1024**3), "disk#1.bus": "NVMe", "volume#1.mount": "C:", "volume#1.size": round(475.2 * 1024**3),
    "volume#1.free": round(88.1 * 1024**3), "volume#1.encrypted": True, "battery#1.name": "CT14-BAT3", "battery#1.design": 50040, "battery#1.cycles": 412,
}  # fmt: skip

ROWS = {
    "from when to when an address is lent": [
        ("netcards", f"Adapter 1: Wickerlink GbE 210\n  MAC: 3C-5A-B4-10-77-E2\n  {said.format('10.02.2025 07:31', '12.02.2025 07:31')}\n", {**CARD, **LENT})
        for said in (
            "Lease from {} to {}", "Lease von {} bis {}", "Bail du {} au {}", "Concesión desde {} hasta {}", "Concessão de {} até {}", "Lease dal {} al {}",
            "Lease van {} tot {}", "Dzierżawa od {} do {}", "Adresse geliehen vom {} bis {}",
        )
    ],
    "how long a licence lasts that has no end": [
        ("licence", f"{said}\n", {"licence.permanent": True})
        for said in (
            "Term: unlimited", "Laufzeit: unbegrenzt", "Gültigkeit: unbefristet", "Durée : illimitée", "Validez: ilimitada", "Looptijd: onbeperkt", "Okres: bezterminowo",
            "Durata: illimitata",
        )
    ] + [("licence", "Term: 3 years\n", {})],
    "a product and its licence in a line": [
        ("licences", "Harbour OS 12 Desk Pro: volume licence, active, expires 2025-09-30\nQuillpad Office 7: subscription licence, expires 2025-06-30\n", {
            "os.name": "Harbour OS 12 Desk Pro", "licence.channel": "volume", "licence.state": "active", "licence.expires_at": "2025-09-30",
        }),
        ("licence? office", "Quillpad Office 7: subscription licence, expires 2025-06-30, seat 1 of 5\n", {}),
        ("licence? bureautique", "Quillpad Office 7 : licence par abonnement, expire le 30/06/2025 (dans 136 jours), 1 poste sur 5\n", {}),
    ],
    "keys of which the end is shown": [
        ("licence", f"Licence key: {hidden}-7QK2D\n", {"licence.key_tail": "7QK2D"}) for hidden in ("•••••-•••••-•••••-•••••", "*****-*****-*****-*****", "●●●●●-●●●●●", "…")
    ],
    "what is said of passwords in a column": [
        ("accounts", "Account        Active   Password                        Last sign-in\nicalloway      yes      required, expires 2025-04-20    2025-02-13 17:12\n"
         "svc            yes      required, never expires         never\n", {
            "account#1.name": "icalloway", "account#1.enabled": True, "account#1.password_required": True, "account#1.password_expires_at": "2025-04-20",
            "account#1.last_logon_at": "2025-02-13T17:12:00", "account#2.name": "svc", "account#2.enabled": True, "account#2.password_required": True,
            "account#2.password_expires_at": "never", "account#2.last_logon_at": "never",
        }),
        ("konta", "Konto        Hasło                             Aktywne\nolek         wymagane, nie wygasa              tak\nola          wymagane, wygasa 20.04.2025       nie\n", {
            "account#1.name": "olek", "account#1.enabled": True, "account#1.password_required": True, "account#1.password_expires_at": "never",
            "account#2.name": "ola", "account#2.enabled": False, "account#2.password_required": True, "account#2.password_expires_at": "2025-04-20",
        }),
        ("accounts", "Account: piet\nWachtwoord: vereist, verloopt niet\n", {
            "account#1.name": "piet", "account#1.password_required": True, "account#1.password_expires_at": "never",
        }),
    ],
    "branches whose parts stand between dots or commas": [("stow tree", BRANCHES.format(m=mark), TREE) for mark in (" · ", ", ", "  ")],
    "what follows the disks in a tree is none of their parts": [
        ("stow tree", BRANCHES.replace("└", "├").replace("{m}", " · ") + "└── shares\n    └── S: → \\\\gp-files\\office · 4 TB\n", TREE),
    ],
    "checks under rules that count them": [
        ("verifica tutto", "====== 1/3  File di sistema ======\nTrovati 3 file danneggiati, tutti riparati.\n====== 2/3  Disco C: ======\nNessun problema trovato.\n"
         "====== 3/3  Energia ======\nDurata 60 s\nErrori 2, avvisi 5, informazioni 17.\n", CHECKS),
        ("check all", "== 1 of 3 System files ==\nDamaged files were found, all were repaired.\n== 2 of 3 Disk C: ==\nNo problems were found.\n"
         "== 3 of 3 Energy ==\n2 errors, 5 warnings, 17 notes.\n", CHECKS),
    ],
    "counts behind their words": [
        ("energy check", f"{said}\n", {"health_check#1.kind": "energy", "health_check#1.errors": 2, "health_check#1.warnings": 5, "health_check#1.notes": 17})
        for said in ("Errori 2, avvisi 5, informazioni 17.", "Fehler 2, Warnungen 5, Hinweise 17.", "Errors 2, warnings 5, notes 17.", "Errores 2; avisos 5; notas 17")
    ],
    "points between thousands, where the names of programs are in another language": [
        ("procesos", "  PID    Usuario        Memoria      Programa\n 2212    LSF\\tquill     1.348 MB    guard service\n", {
            "process#1.pid": "2212", "process#1.user": "LSF\\tquill", "process#1.memory": 1348 * 1024**2, "process#1.name": "guard service",
        }),
    ],
    "who listens, behind an arrow": [
        ("connections", f" TCP  10.20.4.62:50114 {to} 10.20.0.12:7443    established   quaymaster.exe (2204)\n TCP  0.0.0.0:4155     {by} *                  listening     guard (312)\n", {
            "connection#1.protocol": "TCP", "connection#1.local": "10.20.4.62:50114", "connection#1.remote": "10.20.0.12:7443", "connection#1.state": "established",
            "connection#1.pid": "2204", "connection#2.protocol": "TCP", "connection#2.local": "0.0.0.0:4155", "connection#2.state": "listening", "connection#2.pid": "312",
        }) for to, by in (("→", "←"), ("->", "<-"), ("-->", "<--"))
    ],
    "one blank behind the longest label of a turned table": [
        ("membank", "        slot A1           slot A2\nmaximum 8 GB              16 GB\nmaker   Siskin            Siskin\nserial  3F10A9C2          3F10A9C3\nspeed   2666 MT/s         2666 MT/s\n".replace("maximum", "size of"), {
            "module#1.slot": "A1", "module#1.size": 8 * 1024**3, "module#1.maker": "Siskin", "module#1.serial": "3F10A9C2", "module#1.speed": 2666,
            "module#2.slot": "A2", "module#2.size": 16 * 1024**3, "module#2.maker": "Siskin", "module#2.serial": "3F10A9C3", "module#2.speed": 2666,
        }),
    ],
    "how many sockets there are, over what they hold": [
        (command, f"{said}\n", {"memory.slots": 4, "memory.limit": 64 * 1024**3})
        for command, said in (
            ("membank", "4 sockets, 2 in use, at most 64 GB (16 GB each)"), ("membank", "4 slots, 2 used, board takes 64 GB"), ("ram", "4 Plätze, 2 belegt, höchstens 64 GB"),
            ("ram", "4 emplacements, 2 occupés, 64 Go au maximum"), ("ram", "4 ranuras, 2 ocupadas, máximo 64 GB"), ("ram", "4 gniazda, 2 zajęte, najwyżej 64 GB"),
        )
    ] + [("connections", "4 sockets, 2 established\n", {})],
    "sockets that are counted": [
        ("membank", "   1  DIMM_A1   8 GB   DDR4-2666   Siskin SK08-D4-2666\n   2  DIMM_A2   -\n", {
            "module#1.slot": "DIMM_A1", "module#1.size": 8 * 1024**3, "module#1.type": "DDR4", "module#1.speed": 2666, "module#1.maker": "Siskin",
            "module#1.part": "SK08-D4-2666", "module#2.slot": "DIMM_A2",
        }),
    ],
    "a page file is as large as it is now": [
        (command, f"{heads}\nC:\\page.sys       2{mark}048 MB   8{mark}192 MB   4{mark}864 MB   311 MB     702 MB\n", {
            "page_file#1.path": "C:\\page.sys", "page_file#1.size": 4864 * 1024**2, "page_file#1.used": 311 * 1024**2,
        })
        for command, mark, heads in (
            ("paging", ",", "File              Initial    Maximum    Now        In use     Peak"), ("auslagerung", ".", "Datei             Anfang     Höchstens  Jetzt      Belegt     Spitze"),
        )
    ],
    "a name that is too long for its column": [
        ("logiciels", "Nom                            Version       Éditeur            Installé\nAgent Bollard                  5.2.0         Quaymaster         12/06/2024\n"
         "Visionneuse de plans « Épure »\n                               4.0           Atelier Tessel     11/11/2022\n", {
            "software#1.name": "Agent Bollard", "software#1.version": "5.2.0", "software#1.maker": "Quaymaster", "software#1.installed_at": "2024-06-12",
            "software#2.name": "Visionneuse de plans « Épure »", "software#2.version": "4.0", "software#2.maker": "Atelier Tessel", "software#2.installed_at": "2022-11-11",
        }),
    ],
    "updates below a line that says of which days, less one that failed": [
        ("mises-a-jour", f" Du 18 janvier au 17 février 2025 :\n   HU-25009   4 février 2025    Fuseaux horaires     réussie\n   HU-25004   21 janvier 2025   Correctif cumulatif  {failed}\n", {
            "update#1.id": "HU-25009", "update#1.installed_at": "2025-02-04", "update#1.title": "Fuseaux horaires",
        }) for failed in ("échec 0x80070643", "erreur 0x80070643", "échec")
    ],
    "what a boot entry starts, behind its drive": [
        ("bootlist", " {current}    Harbour OS 12 Desk Pro      C:  \\System\\hload.efi\n {old}        Harbour OS 11               F:  \\System\\hload.efi\n", {
            "boot_entry#1.id": "{current}", "boot_entry#1.name": "Harbour OS 12 Desk Pro", "boot_entry#1.path": "\\System\\hload.efi",
            "boot_entry#2.id": "{old}", "boot_entry#2.name": "Harbour OS 11", "boot_entry#2.path": "\\System\\hload.efi",
        }),
    ],
    "chapters, each of a kind": [
        ("ficha", FICHA.format(*numbers), CHAPTERS) for numbers in (("1. ", "2. ", "3. ", "4. "), ("", "", "", ""), ("1) ", "2) ", "3) ", "4) "))
    ],
    "numbers behind a word that is cut short": [
        ("karta", f"Komputer ..... Corrane Tallow 520 SFF, {said} CRN2M55017\n", {"machine.model": "Corrane Tallow 520 SFF", "machine.serial": "CRN2M55017"})
        for said in ("numer seryjny", "nr ser.", "serial no.", "S/N")
    ],
    "a sum below a table begins in none of its columns": [
        ("laufwerke liste", "  Bst.  Bezeichnung   Dateisystem    Gesamt      Belegt        Frei\n  C:    SYSTEM        HFX2        237,9 GB    149,8 GB     88,1 GB\n"
         f"  D:    Archiv        HFX2      1.863,0 GB  1.450,2 GB    412,8 GB\n  {total}                         2.100,9 GB  1.600,0 GB    500,9 GB\n", {
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.filesystem": "HFX2", "volume#1.size": round(237.9 * 1024**3), "volume#1.free": round(88.1 * 1024**3),
            "volume#2.mount": "D:", "volume#2.label": "Archiv", "volume#2.filesystem": "HFX2", "volume#2.size": 1863 * 1024**3, "volume#2.free": round(412.8 * 1024**3),
        }) for total in ("Summe", "Total", "Razem")
    ],
    "times with an h between blanks": [("system", "Dernier démarrage : 17/02/2025 à 07 h 55\n", {"host.booted_at": "2025-02-17T07:55:00"})],
    "who is signed in, and since when": [
        ("system", f"User: {said}\n", {"host.user": "LSF\\rarkwell"})
        for said in ("LSF\\rarkwell, session ouverte à 07:58", "LSF\\rarkwell, signed in at 07:58", "LSF\\rarkwell, angemeldet seit 07:58", "LSF\\rarkwell (since 07:58)")
    ],
    "adapters, each by its state or both its names over words": [
        ("links", f"{head}\n        hw 02:4c:19:a0:33:7e   mtu 1500   dhcp on\n        v4 10.44.8.21/24   gw 10.44.8.1   dns 10.44.8.2 10.44.8.3\n        v6 fe80::4c:19ff:fea0:337e/64\n"
         "        lease from 10.44.8.2, ends 2026-12-04 08:12\n", {
            "adapter#1.connection": "Wired 1", "adapter#1.name": "Ternwave GE 210", "adapter#1.kind": "wired", "adapter#1.speed": 10**9, "adapter#1.connected": True,
            "adapter#1.mac": "02:4c:19:a0:33:7e", "adapter#1.dhcp": True, "adapter#1.ipv4": ("10.44.8.21",), "adapter#1.mask": "255.255.255.0", "adapter#1.gateway": "10.44.8.1",
            "adapter#1.dns": ("10.44.8.2", "10.44.8.3"), "adapter#1.ipv6": ("fe80::4c:19ff:fea0:337e",), "adapter#1.dhcp_server": "10.44.8.2",
            "adapter#1.lease_until": "2026-12-04T08:12:00",
        })
        for head in (
            "[up]    Wired 1      Ternwave GE 210, copper, 1000 Mbit/s full duplex", "Wired 1      Ternwave GE 210, copper, 1000 Mbit/s full duplex, up",
            "adapter 1: Wired 1 (Ternwave GE 210), copper, 1000 Mbit/s, up", "(up) Wired 1 (Ternwave GE 210), copper, 1000 Mbit/s",
        )
    ],
    "events under their days": [
        ("logbook", "-- 2026-11-29 --\n 03:12:44  ERROR   disk-watch   #153   Read of block 0x1f2a00 had to be repeated.\n           (the last line came 6 more times)\n"
         "-- 2026-11-30 --\n 08:15:30  FATAL   power        #41    The PC was started again\n                                       without having been shut down.\n", {
            "event#1.at": "2026-11-29T03:12:44", "event#1.level": "ERROR", "event#1.source": "disk-watch", "event#1.id": "153",
            "event#1.text": "Read of block 0x1f2a00 had to be repeated.", "event#2.at": "2026-11-30T08:15:30", "event#2.level": "FATAL", "event#2.source": "power",
            "event#2.id": "41", "event#2.text": "The PC was started again without having been shut down.",
        }),
        ("journal", "Montag, 29.11.2026\n  03:12  Fehler   platte   153   Block 4711 wurde nochmals gelesen.\n  04:12  Warnung  uhr   36   Keine Antwort vom Zeitserver, sie wurde nicht gestellt.\n", {
            "event#1.at": "2026-11-29T03:12:00", "event#1.level": "Fehler", "event#1.source": "platte", "event#1.id": "153", "event#1.text": "Block 4711 wurde nochmals gelesen.",
            "event#2.at": "2026-11-29T04:12:00", "event#2.level": "Warnung", "event#2.source": "uhr", "event#2.id": "36",
            "event#2.text": "Keine Antwort vom Zeitserver, sie wurde nicht gestellt.",
        }),
    ],
    "how full volumes are, with and without a bar": [
        (command, f"/        {bar}46 %   19.8 of 40.0 GiB   ext4   /dev/sda2\n/boot    {bar}18 %   0.2 of 1.0 GiB     xfs    /dev/sda1\n", {
            "volume#1.mount": "/", "volume#1.size": 40 * 1024**3, "volume#1.filesystem": "ext4", "volume#1.disk": "/dev/sda2",
            "volume#2.mount": "/boot", "volume#2.size": 1024**3, "volume#2.filesystem": "xfs", "volume#2.disk": "/dev/sda1",
        })
        for command, bar in (("room", ""), ("room", "[###----]  "), ("volumes", "[====>   ]  "))
    ],
    "entries of a boot menu by their names in braces": [
        (command, f"{entry} {{current}}\n  {called} ......... Harbour OS 12\n  {device} ......... Partition C:\n  {path} ......... \\Harbour\\hload.efi\n", {
            "boot_entry#1.id": "{current}", "boot_entry#1.name": "Harbour OS 12", "boot_entry#1.path": "\\Harbour\\hload.efi",
        })
        for command, entry, called, device, path in (
            ("list", "Entry", "Name", "Device", "Path"), ("ladeliste", "Eintrag", "Bezeichnung", "Gerät", "Pfad"), ("voci", "Voce", "Nome", "Dispositivo", "Percorso"),
            ("lista", "Wpis", "Nazwa", "Urządzenie", "Ścieżka"),
        )
    ],
    "programs whose version dots lead to": [
        ("programs", " 1. Quillwork Suite 9 ........ 9.4.1203      Quillwork BV     installed 2025-03-12\n 2. Ternwave radio helper tool . 4.18.2.0      Ternwave         installed 2026-08-19\n"
         " 3. Harbour desk ............. 2.11          Harbour          installed 2026-08-19\n", {
            "software#1.name": "Quillwork Suite 9", "software#1.version": "9.4.1203", "software#1.maker": "Quillwork BV", "software#1.installed_at": "2025-03-12",
            "software#2.name": "Ternwave radio helper tool", "software#2.version": "4.18.2.0", "software#2.maker": "Ternwave", "software#2.installed_at": "2026-08-19",
            "software#3.name": "Harbour desk", "software#3.version": "2.11", "software#3.maker": "Harbour", "software#3.installed_at": "2026-08-19",
        }),
    ],
    "what plays and what records": [
        (command, f"{plays}   Wickerlink HD sound (speakers, 48 kHz)\n{records}    Tidebell mic 2, muted\n", {
            "sound#1.name": "Wickerlink HD sound (speakers, 48 kHz)", "sound#2.name": "Tidebell mic 2", "sound#2.state": "muted",
        })
        for command, plays, records in (("sound", "Playing through:", "Recording from:"), ("ton", "Lautsprecher:", "Mikrofon:"), ("audio", "Altavoces:", "Micrófono:"))
    ],
    "a list by dashes as deep as its label": [
        ("sheet", "cpu:\n- socket: U1\n  model: Siskin K7 5600\n  cores: {physical: 6, logical: 12}\n- socket: U2\n  model: Siskin K7 5600\nram:\n  total: 16 GiB\n", {
            "processor#1.socket": "U1", "processor#1.name": "Siskin K7 5600", "processor#1.cores": 6, "processor#1.threads": 12, "processor#2.socket": "U2",
            "processor#2.name": "Siskin K7 5600", "memory.installed": 16 * 1024**3,
        }),
    ],
    "the rest of a sentence is no label of a volume": [
        (command, f"{said}\n", {"health_check#1.kind": "disk", "health_check#1.target": "C:", "health_check#1.result": "not-finished"})
        for command, said in (
            ("volume check C:", "Volume C: is in use, the check was put off to the next start."),
            ("volume prüfen C:", "Das Volume C: wird verwendet, die Prüfung wurde auf den nächsten Start verschoben."),
            ("volume check C:", "Le volume C: est utilisé, la vérification est reportée au prochain démarrage."),
        )
    ],
    "pairs side by side under headings, one blank before a short value": [
        ("hwcard", "   SYSTEM\n      built by  Corrane          product  Tallow WS 700\n      serial    CWS7-00318       asset    LSF-0318\n   MAINBOARD\n"
         "      built by  Loamgate         product  LG-X670-WS\n      serial    LGX-66120-7      revision 1.03\n", {
            "machine.maker": "Corrane", "machine.model": "Tallow WS 700", "machine.serial": "CWS7-00318", "machine.tag": "LSF-0318", "board.maker": "Loamgate",
            "board.model": "LG-X670-WS", "board.serial": "LGX-66120-7", "board.version": "1.03",
        }),
    ],
    "sockets by channel and slot": [
        (command, f"{head}\n----------------   ------------------------------------------------\n{first}   16 GB DDR5-5600, {runs} 4800 MT/s, Basalt BSM5-16G56, SN 9C01A2F4\n{second}   {empty}\n", {
            "module#1.slot": first, "module#1.size": 16 * 1024**3, "module#1.type": "DDR5", "module#1.speed": 5600, "module#1.running_speed": 4800, "module#1.maker": "Basalt",
            "module#1.part": "BSM5-16G56", "module#1.serial": "9C01A2F4", "module#2.slot": second,
        })
        for command, head, first, second, runs, empty in (
            ("riegel", "Einbauplatz        Inhalt", "Kanal A, Platz 1", "Kanal A, Platz 2", "läuft mit", "leer"),
            ("modules", "Place              Content", "Channel A, slot 1", "Channel A, slot 2", "runs at", "empty"),
        )
    ],
    "routes through cards whose names are quoted": [
        (command, f'0.0.0.0/0 {by} 10.44.2.1 {on} "Quay LAN"{comma} {metric} 25\n10.44.2.0/24 {direct} {on} "Quay LAN"{comma} {metric} 281\n', {
            "route#1.destination": "0.0.0.0", "route#1.mask": "0.0.0.0", "route#1.gateway": "10.44.2.1", "route#1.interface": "Quay LAN", "route#1.metric": 25, "route#2.destination": "10.44.2.0", "route#2.mask": "255.255.255.0",
            "route#2.interface": "Quay LAN", "route#2.metric": 281,
        })
        for command, by, direct, on, comma, metric in (
            ("routes", "via", "direct", "on", "", "metric"), ("wege", "über", "direkt", "an", ",", "Metrik"), ("rotas", "por", "direto", "em", "", "métrica"),
        )
    ],
    "drives called in brackets": [
        (command, f"{drive} C: [SYSTEM]   {wholly}   {unlocked}   {protectors}: TPM\n{drive} D: [DATA]      {plain}\n", {
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.encrypted": True, "volume#2.mount": "D:", "volume#2.label": "DATA", "volume#2.encrypted": False,
        })
        for command, drive, wholly, unlocked, protectors, plain in (
            ("crypt status", "Drive", "encrypted at 100 %", "unlocked", "protectors", "not encrypted"), ("cifratura stato", "Unità", "cifrata al 100 %", "sbloccata", "protettori", "non cifrata"),
        )
    ],
    "a card over its driver in words": [
        (command, f"{card} Siskin GX 620 (8 GB {own})\n  {driver} 31.0.4412.9 {of} 2026-08-19\n  {state} {works}\n{card} Siskin on board\n  {driver} 30.0.1120.4 {of} 2024-01-11\n  {state} {off}\n", {
            "graphics#1.name": "Siskin GX 620", "graphics#1.memory": 8 * 1024**3, "graphics#1.driver_version": "31.0.4412.9", "graphics#1.driver_dated": "2026-08-19",
            "graphics#1.state": works, "graphics#2.name": "Siskin on board", "graphics#2.driver_version": "30.0.1120.4", "graphics#2.driver_dated": "2024-01-11", "graphics#2.state": off,
        })
        for command, card, own, driver, of, state, works, off in (
            ("graphics", "Card:", "of its own", "driver", "of", "state:", "working", "off"), ("graphiques", "Carte :", "dédiés", "pilote", "du", "état :", "fonctionne", "désactivée"),
            ("grafik", "Karte:", "eigener", "Treiber", "vom", "Zustand:", "funktioniert", "aus"),
        )
    ],
    "the system's name over words, and pairs below": [
        ("systeme", "Harbour OS 12 Studio, version 12.0.4417 (build 4417.82), 64 bits\nInstallé le 14 juin 2024 par « E. Morvan »\nIdentifiant de produit 00412-88311-00021-AAOEM\n"
         "Fuseau horaire : UTC+01:00\nDomaine : quai.example\nUtilisateur actuel : QUAI\\e.morvan\n", {
            "os.name": "Harbour OS 12 Studio", "os.version": "12.0.4417", "os.build": "4417.82", "os.architecture": "x86-64", "os.installed_at": "2024-06-14",
            "os.product_id": "00412-88311-00021-AAOEM", "host.time_zone": "UTC+01:00", "host.domain": "quai.example", "host.user": "QUAI\\e.morvan",
        }),
    ],
    "a name that no server knows, in every language": [
        ("lookup files.cais.example", f"files.cais.example: {said}\n", {
            "lookup#1.name": "files.cais.example", "lookup#1.address": (), **({"lookup#1.server": "10.44.2.2"} if "10.44.2.2" in said else {}),
        })
        for said in (
            "no such name (asked 10.44.2.2)", "Name unbekannt", "le nom n'existe pas", "el nombre no existe", "o nome não existe", "il nome non esiste", "de naam bestaat niet",
            "nie ma takiej nazwy (pytano 10.44.2.2)",
        )
    ],
    "updates under a label, by letters for bullets": [
        (command, f"{head}\n  {mark}  HU-441782  (12 Nov 2026)  Cumulative mend for Harbour OS 12\n  {mark}  HU-441690  (12 Nov 2026)  Safety mend for .Frame 6\n{tail}", {
            "update#1.id": "HU-441782", "update#1.installed_at": "2026-11-12", "update#1.title": "Cumulative mend for Harbour OS 12",
            "update#2.id": "HU-441690", "update#2.installed_at": "2026-11-12", "update#2.title": "Safety mend for .Frame 6",
        })
        for command, head, mark, tail in (
            ("mends", "2 mends are in:", "o", "1 mend failed:\n  x  HU-440911  (28 Oct 2026)  Driver for Ternwave AX 20\n"), ("updates", "Installed updates:", "o", ""),
            ("updates", "Installed updates:", " ", ""), ("updates", "Installed updates:", "*", ""),
        )
    ],
    "what is told of a card by its number, below the table": [
        ("cards", " Id  Card               People call it   Link\n --  -----------------  ---------------  ----\n  1  Ternwave GE 210    Quay LAN         up\n  2  Ternwave AX 20     Landing air      down\n\n"
         " Name servers: card 1: 10.44.8.2, 10.44.8.3\n Gateway of card 1: 10.44.8.1\n", {
            "adapter#1.name": "Ternwave GE 210", "adapter#1.connection": "Quay LAN", "adapter#1.connected": True, "adapter#1.dns": ("10.44.8.2", "10.44.8.3"),
            "adapter#1.gateway": "10.44.8.1", "adapter#2.name": "Ternwave AX 20", "adapter#2.connection": "Landing air", "adapter#2.connected": False,
        }),
    ],
    "where the default printer is, and a network's address beside its name": [
        (command, f"{said}\n", {"printer#1.name": "Quaymaster LP 40", "printer#1.default": True, "printer#1.port": "10.30.9.60"})
        for command, said in (("drucker", "Standarddrucker: Quaymaster LP 40 an 10.30.9.60"), ("printers", "Default printer: Quaymaster LP 40 on 10.30.9.60"))
    ] + [
        ("zustand", "Netz: Quai-LAN 10.30.2.44, verbunden mit 1 Gbit/s; WLAN aus\n", {
            "adapter#1.name": "Quai-LAN", "adapter#1.ipv4": ("10.30.2.44",), "adapter#1.connected": True, "adapter#1.speed": 10**9,
        }),
    ],
    "devices over their drivers": [
        (command, f"{kind}\n   Siskin GX 620 ............ {fine}\n       {driver} 31.0.4412.9 {of} 2026-08-19 (Siskin), {signed}\n   Siskin on board\n       {driver} 30.0.1120.4 {of} 2024-01-11 (Siskin), {unsigned}\n"
         f"{other}\n   Quillon reader ........... 28\n", {
            "driver#1.name": "Siskin GX 620", "driver#1.version": "31.0.4412.9", "driver#1.dated": "2026-08-19", "driver#1.provider": "Siskin", "driver#1.signed": True,
            "driver#2.name": "Siskin on board", "driver#2.version": "30.0.1120.4", "driver#2.dated": "2024-01-11", "driver#2.provider": "Siskin", "driver#2.signed": False,
        })
        for command, kind, other, fine, driver, of, signed, unsigned in (
            ("devlist", "Display", "Other", "working", "driver", "of", "signed", "not signed"), ("geraete", "Anzeige", "Andere", "in Ordnung", "Treiber", "vom", "signiert", "nicht signiert"),
            ("sprzet", "Ekran", "Inne", "działa", "sterownik", "z", "podpisany", "niepodpisany"),
        )
    ],
    "drives by their letter, one blank behind it": [
        (command, f"C: SYSTEM   930 GB   HFX2   {free_before}402 GB{free_behind}   {encrypted}\nD: ARCHIVE   300 GB   HFX2   {free_before}30 GB{free_behind}   {plain}\n", {
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.size": 930 * 1024**3, "volume#1.filesystem": "HFX2", "volume#1.free": 402 * 1024**3, "volume#1.encrypted": True,
            "volume#2.mount": "D:", "volume#2.label": "ARCHIVE", "volume#2.size": 300 * 1024**3, "volume#2.filesystem": "HFX2", "volume#2.free": 30 * 1024**3,
            "volume#2.encrypted": False,
        })
        for command, free_before, free_behind, encrypted, plain in (
            ("volumes", "", " free", "encrypted", "not encrypted"), ("volumes", "livres ", "", "cifrada", "não cifrada"), ("woluminy", "wolne ", "", "zaszyfrowana", "niezaszyfrowana"),
        )
    ],
    "what slashes part": [
        ("sheet", "Board .................. Loamgate LG-B760 / 2.1 / LGB7-00921\nCPU .................... Siskin K7 5600 / 6 / 12 / 3.3 GHz\nRAM .................... 32 GB / 31.7 GB / 4 slots\n", {
            "board.maker": "Loamgate", "board.model": "LG-B760", "processor#1.name": "Siskin K7 5600", "processor#1.clock": 3_300_000_000, "memory.installed": 32 * 1024**3,
        }),
    ],
    "groups beside their members, and over them": [
        (command, text, {
            "account#1.name": "mzawadzka", "account#1.admin": True, "account#1.groups": (users,), "account#2.name": "svc-patch", "account#2.admin": True,
            "account#2.groups": (administrators,), "account#3.name": "till", "account#3.groups": (users,),
        })
        for command, text, administrators, users in (
            ("accounts --groups", "Administrators : mzawadzka, svc-patch\nUsers          : till, mzawadzka\nGuests         : (none)\n", "Administrators", "Users"),
            ("konta /grupy", "Administratorzy   mzawadzka, svc-patch\nUżytkownicy       till, mzawadzka\n", "Administratorzy", "Użytkownicy"),
            ("konten", "[Administratoren]\n  mzawadzka\n  svc-patch\n[Benutzer]\n  till\n  mzawadzka\n", "Administratoren", "Benutzer"),
        )
    ],
    "records side by side, their headings over the values": [
        ("rechner", "           Rechner                       System\n           -------                       ------\nName       KONTOR-12          Name       Harbour OS 12\n"
         "Hersteller Corrane            Edition    Desk Pro\nModell     Tallow 520         Version    12.0\nGehäuse    Tower              Architektur 64 Bit\n", {
            "machine.maker": "Corrane", "machine.model": "Tallow 520", "machine.form": "tower", "os.name": "Harbour OS 12", "os.edition": "Desk Pro", "os.version": "12.0",
            "os.architecture": "x86-64",
        }),
    ],
    "a PC that a sheet begins with": [
        ("sheet", text, {"machine.model": "Corrane Tallow 14", "machine.form": "laptop", "machine.serial": "CRN9P11290", "machine.tag": "LSF-00388"})
        for text in (
            "Corrane Tallow 14, laptop\nserial CRN9P11290        tag LSF-00388\n", "Corrane Tallow 14, portable\nn° de série CRN9P11290        étiquette LSF-00388\n",
            "Corrane Tallow 14, laptop, serienummer CRN9P11290, etiket LSF-00388\n", "Corrane Tallow 14 (Notebook)\nSeriennummer CRN9P11290, Inventarnummer LSF-00388\n",
        )
    ],
    "to whom it is registered": [
        ("machine", f"{text} Ines Calloway, Lantern Sound Ferries\n", {"host.owner": "Ines Calloway", "host.organisation": "Lantern Sound Ferries"})
        for text in (
            "Registered to", "Registriert auf", "Enregistré au nom de", "Registrado a nombre de", "Registado em nome de", "Registrato a nome di", "Geregistreerd op naam van", "Zarejestrowano na",
        )
    ],
    "amounts of memory on one line": [
        (command, f"{text}\n", {"memory.installed": 16 * 1024**3, "memory.usable": 16965120819, "memory.available": 9412 * 1024**2})
        for command, text in (
            ("ram", "Installed 16 GB, seen by the system 15.8 GB, free now 9,412 MB"), ("ram", "Eingebaut 16 GB, vom System gesehen 15,8 GB, jetzt frei 9.412 MB"),
            ("ram", "Installé 16 Go, vus par le système 15,8 Go, libres 9 412 Mo"), ("ram", "Totale installato 16 GB, visti dal sistema 15,8 GB, liberi adesso 9.412 MB"),
            ("ram", "Geïnstalleerd 16 GB, door het systeem gezien 15,8 GB, nu vrij 9.412 MB"), ("ram", "Zainstalowano 16 GB, widziane przez system 15,8 GB, wolne 9 412 MB"),
        )
    ],
    "a battery in words": [
        ("battery", text, {"battery#1.name": "Basalt Cell 4", "battery#1.design": 57020, "battery#1.full": 48467, "battery#1.health": 0.85, "battery#1.cycles": 312})
        for text in (
            "Battery: Basalt Cell 4\nDesigned for 57,020 mWh, now charges to 48,467 mWh: 85 % of new\nCharged 312 times; now at 63 %, discharging\n",
            "Akku: Basalt Cell 4\nAusgelegt für 57.020 mWh, lädt jetzt bis 48.467 mWh: 85 % von neu\n312-mal geladen; jetzt 63 %, entlädt\n",
            "Accu: Basalt Cell 4\nOntworpen voor 57.020 mWh, laadt nu tot 48.467 mWh: 85 % van nieuw\n312 keer geladen; nu 63 %, ontlaadt\n",
        )
    ],
    "adapters by a quoted name before words": [
        ("net all", '"Quayside LAN"       wired, up 1 Gbit/s, Wickerlink GbE 210, 3c:5a:b4:10:90:4f\n  address            10.20.1.61/24  (dhcp from 10.20.1.2, until 12 Feb 2025 07:31)\n'
         '"Landing air"        wireless, down, Ternwave AX 20, 3c:5a:b4:10:90:50\n  address            none\n', {
            "adapter#1.connection": "Quayside LAN", "adapter#1.kind": "wired", "adapter#1.connected": True, "adapter#1.speed": 10**9, "adapter#1.name": "Wickerlink GbE 210",
            "adapter#1.mac": "3c:5a:b4:10:90:4f", "adapter#1.ipv4": ("10.20.1.61",), "adapter#1.mask": "255.255.255.0", "adapter#1.dhcp": True, "adapter#1.dhcp_server": "10.20.1.2",
            "adapter#1.lease_until": "2025-02-12T07:31:00", "adapter#2.connection": "Landing air", "adapter#2.kind": "wireless", "adapter#2.connected": False,
            "adapter#2.name": "Ternwave AX 20", "adapter#2.mac": "3c:5a:b4:10:90:50",
        }),
    ],
    "partitions under the heads of their columns": [
        ("medien", "Datenträger 0 (Systemdatenträger): Basalt NV1000\n    Seriennummer BNV1K0044777, NVMe, GPT\n    #  Art          Größe       Beginn        Laufwerk\n"
         "    1  EFI-System   260 MB      1 MB\n    2  Basisdaten   930,25 GB   277 MB        C:  SYSTEM   HFX2   37,21 GB frei\nDatenträger 1: Shale 1T\n    Seriennummer SH-1, SATA, MBR\n", {
            "disk#1.number": "0", "disk#1.boot": True, "disk#1.model": "Basalt NV1000", "disk#1.serial": "BNV1K0044777", "disk#1.bus": "NVMe", "disk#1.layout": "gpt",
            "partition#1.number": "1", "partition#1.disk": "0", "partition#1.kind": "EFI-System", "partition#1.size": 260 * 1024**2, "partition#1.start": 1024**2,
            "partition#2.number": "2", "partition#2.disk": "0", "partition#2.kind": "Basisdaten", "partition#2.size": 998848331776, "partition#2.start": 277 * 1024**2,
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.filesystem": "HFX2", "volume#1.free": 39953933271,
            "disk#2.number": "1", "disk#2.model": "Shale 1T", "disk#2.serial": "SH-1", "disk#2.bus": "SATA", "disk#2.layout": "mbr",
        }),
    ],
    "things by their numbers over words": [
        ("geraete", "Grafik\n  (1) Siskin Vela 440 ........................ arbeitet\n      Speicher 4 GB, Treiber 31.4.2.118 (22.10.2024)\n      Bild     2560 x 1440, 75 Hz, 32 Bit\n"
         "  (2) Kestrel Graphics 7 .......... abgeschaltet\n", {
            "graphics#1.name": "Siskin Vela 440", "graphics#1.state": "arbeitet", "graphics#1.memory": 4 * 1024**3, "graphics#1.driver_version": "31.4.2.118",
            "graphics#1.driver_dated": "2024-10-22", "graphics#1.width": 2560, "graphics#1.height": 1440, "graphics#1.refresh": 75, "graphics#2.name": "Kestrel Graphics 7",
            "graphics#2.state": "abgeschaltet",
        }),
        ("printers", "Printers\n  [1] Vellum 3100 Hall\n      port IP_10.20.1.70, driver Vellum Universal 6.1, default\n  [2] Labels\n      port USB001, driver Pasteboard Label Driver\n", {
            "printer#1.name": "Vellum 3100 Hall", "printer#1.port": "IP_10.20.1.70", "printer#1.driver": "Vellum Universal 6.1", "printer#1.default": True,
            "printer#2.name": "Labels", "printer#2.port": "USB001", "printer#2.driver": "Pasteboard Label Driver",
        }),
    ],
    "a day that several updates share": [
        ("correctifs", "Le 04/02/2025   HU-25009   Fuseaux horaires\nLe 14/01/2025   HU-25006   Sécurité, impression\n                HU-25004   Pilote réseau\n", {
            "update#1.id": "HU-25009", "update#1.installed_at": "2025-02-04", "update#1.title": "Fuseaux horaires", "update#2.id": "HU-25006", "update#2.installed_at": "2025-01-14",
            "update#2.title": "Sécurité, impression", "update#3.id": "HU-25004", "update#3.installed_at": "2025-01-14", "update#3.title": "Pilote réseau",
        }),
    ],
    "a driver's name, version and provider in one value": [
        ("drivers", "Wickerlink GbE 210\n    driver       wlgbe210 4.1.0.77, from Wickerlink, 19 Feb 2024\n    file         H:\\sys\\drv\\wlgbe210.hdr\nOld scanner\n"
         "    driver       oldscan 1.0.0.1, from nobody, 6 Jul 2012\n    file         H:\\sys\\drv\\oldscan.hdr\n", {
            "driver#1.name": "wlgbe210", "driver#1.version": "4.1.0.77", "driver#1.provider": "Wickerlink", "driver#1.dated": "2024-02-19", "driver#1.file": "H:\\sys\\drv\\wlgbe210.hdr",
            "driver#2.name": "oldscan", "driver#2.version": "1.0.0.1", "driver#2.dated": "2012-07-06", "driver#2.file": "H:\\sys\\drv\\oldscan.hdr",
        }),
    ],
    "a card over its neighbours, and a verb between two addresses": [
        ("buren", "eth0 (10.20.1.42)\n\n   10.20.1.1        70-4c-a5-00-11-02    dynamisch\n", {
            "neighbour#1.address": "10.20.1.1", "neighbour#1.mac": "70:4c:a5:00:11:02", "neighbour#1.kind": "dynamic", "neighbour#1.interface": "eth0",
        }),
        ("vicini", " 10.20.3.1     è  70:4c:a5:00:11:02\n", {"neighbour#1.address": "10.20.3.1", "neighbour#1.mac": "70:4c:a5:00:11:02"}),
    ],
    "mount points beside devices": [
        ("room", "Place        Size   Used  Free  Full  On\n/dev/sda1    1.9T   1.6T  214G  89%   /data\ntmpfs        7.8G   0     7.8G  0%    /run\n", {
            "volume#1.disk": "/dev/sda1", "volume#1.size": 2089072092774, "volume#1.free": 229780750336, "volume#1.mount": "/data",
            "volume#2.filesystem": "tmpfs", "volume#2.size": 8375186227, "volume#2.free": 8375186227, "volume#2.mount": "/run",
        }),
    ],
    "what an element says is its text": [
        ("journal --xml", '<?xml version="1.0"?>\n<journal>\n  <event no="107" level="info" at="2025-02-11T07:58:31Z">The PC woke from sleep.</event>\n'
         '  <event no="51" level="error" at="2025-02-10T18:02:44Z"><![CDATA[A page of <disk 1> was lost.]]></event>\n</journal>\n', {
            "event#1.id": "107", "event#1.level": "info", "event#1.at": "2025-02-11T07:58:31", "event#1.text": "The PC woke from sleep.",
            "event#2.id": "51", "event#2.level": "error", "event#2.at": "2025-02-10T18:02:44", "event#2.text": "A page of <disk 1> was lost.",
        }),
    ],
    "entries that firmware starts, by the file they name": [
        ("", "0000   USB stick                (removable)\n0003 * Harbour OS 12            H:\\start\\harbour.efi     <- default\n", {
            "boot_entry#1.id": "0000", "boot_entry#1.name": "USB stick", "boot_entry#2.id": "0003", "boot_entry#2.name": "Harbour OS 12",
            "boot_entry#2.path": "H:\\start\\harbour.efi", "boot_entry#2.default": True,
        }),
    ],
    "clocks now and at most": [
        ("cpu", f"{label}: 3200 MHz ({now} 2794 MHz, {most} 4100 MHz)\n", {"processor#1.clock": 3200 * 10**6, "processor#1.current_clock": 2794 * 10**6, "processor#1.max_clock": 4100 * 10**6})
        for label, now, most in (
            ("Clock", "now", "at most"), ("Takt", "jetzt", "höchstens"), ("Taktowanie", "teraz", "najwyżej"), ("Fréquence", "actuelle", "au plus"),
        )
    ],
    "the order of dates, as days that can be read one way settle it": [
        ("chores", f"chores on {day}\n\n1. File check\n   runs   filecheck.exe\n   last   2/10/2025 11:30:00 PM\n   next   2/11/2025 11:30:00 PM\n", {
            "task#1.name": "File check", "task#1.runs": "filecheck.exe", "task#1.last_run_at": "2025-02-10T23:30:00", "task#1.next_run_at": "2025-02-11T23:30:00",
        })
        for day in ("Tuesday 11 February 2025, 8:31:07 am", "2025-02-11 08:31", "February 11, 2025")
    ],
    "cards and disks by number, a blank before the colon": [
        ("reseau", "Carte 1 : Wickerlink GbE 210 (filaire)\n  Nom de connexion      Quai\n  Adresse matérielle    3C-5A-B4-10-91-02\n", {
            "adapter#1.name": "Wickerlink GbE 210", "adapter#1.kind": "wired", "adapter#1.connection": "Quai", "adapter#1.mac": "3c:5a:b4:10:91:02",
        }),
        ("disques", "Disque 1 : Basalt NV1000 (SSD)\n  Taille      931 Go\n", {"disk#1.number": "1", "disk#1.model": "Basalt NV1000", "disk#1.size": 999653638144}),
    ],
    "what a volume is called in words, and how much of it is free": [
        ("space", "C:  SYSTEM             930.25 GB of which 37.21 GB free\nD:  Drawings archive   931.51 GB   402.6 GB free\n", {
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.size": 998848331776, "volume#1.free": 39953933271,
            "volume#2.mount": "D:", "volume#2.label": "Drawings archive", "volume#2.size": 1000201246474, "volume#2.free": 432288458342,
        }),
    ],
    "what stands under a word that says nothing is its owner's": [
        ("", "graphics:\n  - name: Siskin Vela 440\n    mode:\n      width: 2560\n      height: 1440\n    status: ok\n", {
            "graphics#1.name": "Siskin Vela 440", "graphics#1.width": 2560, "graphics#1.height": 1440, "graphics#1.state": "ok",
        }),
    ],
    "who is signed in, and at what": [
        (command, f"{text} NQ-DSP-01: LSF\\tquill ({since} 07:58)\n", {"host.user": "LSF\\tquill"})
        for command, text, since in (("who", "Signed in at", "since"), ("wer", "Angemeldet an", "seit"), ("wie", "Aangemeld op", "sinds"))
    ],
    "how many of the board's sockets hold something, with how much": [
        ("memory", f"{text}\n", {"memory.slots": 4, "memory.installed": 16 * 2**30, "memory.limit": 64 * 2**30})
        for text in (
            "2 of 4 sockets used, 16,384 MB in all. At most 64 GB.", "16,384 MB in 2 of 4 sockets, 64 GB at most", "2 von 4 Sockeln belegt (je 8 GB), zusammen 16.384 MB. Höchstens 64 GB.",
            "2 emplacements sur 4 occupés, 16 Go en tout. Maximum 64 Go.", "2 de 4 ranuras ocupadas, 16 GB en total; máximo 64 GB", "2 di 4 slot occupati, in tutto 16 GB. Al massimo 64 GB.",
            "16 GB em 2 de 4 soquetes (no máximo 64 GB)", "2 van de 4 sleuven bezet, samen 16 GB. Hoogstens 64 GB.", "2 z 4 gniazd zajęte, łącznie 16 GB, maks. 64 GB",
        )
    ],
    "a board's version behind a word that a dot cuts short": [
        ("about", f"{board}: Fennimore FB-520, {version} 1.02, {serial} FB0520-77120\n", {"board.maker": "Fennimore", "board.model": "FB-520", "board.version": "1.02", "board.serial": "FB0520-77120"})
        for board, version, serial in (("Mainboard", "rev.", "S/N"), ("Hauptplatine", "Rev.", "S/N"), ("Carte mère", "rév.", "n° de série"), ("Płyta główna", "wer.", "nr seryjny"))
    ],
    "caches by words for their levels": [
        ("cpu", f"Processor\nName  Kestrel K7\n{label}  8\nCache   {level} 1 512 KB, {level} 2 2 MB, {level} 3 16 MB\n", {
            "processor#1.name": "Kestrel K7", "processor#1.cores": 8, "processor#1.cache_l1": 512 * 2**10, "processor#1.cache_l2": 2 * 2**20, "processor#1.cache_l3": 16 * 2**20,
        })
        for label, level in (("Cores", "level"), ("Kerne", "Stufe"), ("Cœurs", "niveau"), ("Núcleos", "nivel"), ("Rdzenie", "poziom"))
    ],
    "who made what a thing is called, in brackets": [
        ("graphics", f"{card}     Brightwater G3 ({by} Brightwater)\n", {"graphics#1.name": "Brightwater G3", "graphics#1.maker": "Brightwater"})
        for card, by in (("Graphics card", "made by"), ("Carte graphique", "fabricant"), ("Grafikkarte", "von"), ("Tarjeta gráfica", "fabricante"), ("Karta graficzna", "producent"))
    ],
    "names that a command asks for, by whatever name it goes": [
        ("whois-name keys.lanternsound.example printsrv nosuch", f"{asked} 10.20.1.53\nkeys.lanternsound.example    10.20.0.14\nprintsrv                     10.20.0.40, 10.20.0.41\nnosuch                       {none}\n", {
            **{f"lookup#{at}.server": "10.20.1.53" for at in (1, 2, 3)}, "lookup#1.name": "keys.lanternsound.example", "lookup#1.address": ("10.20.0.14",),
            "lookup#2.name": "printsrv", "lookup#2.address": ("10.20.0.40", "10.20.0.41"), "lookup#3.name": "nosuch", "lookup#3.address": (),
        })
        for asked, none in (("asked", "not found"), ("gefragt", "nicht gefunden"), ("zapytano", "nie znaleziono"))
    ],
    "no address of a name that a command asks for": [
        ("reach ghost.lanternsound.example", f"{text} ghost.lanternsound.example\n", {"lookup#1.name": "ghost.lanternsound.example", "lookup#1.address": ()})
        for text in ("no address is known for", "keine Adresse bekannt für", "aucune adresse connue pour")
    ],
    "a page file by its path, and how much of it is in use": [
        ("pagetab", f"c:\\swap0.sys   12,288 MB   2,114 MB {used}   (peak 3,980 MB)\n", {"page_file#1.path": "c:\\swap0.sys", "page_file#1.size": 12288 * 2**20, "page_file#1.used": 2114 * 2**20})
        for used in ("in use", "belegt", "en uso", "in gebruik")
    ],
    "the entries of a start by names in braces": [
        (command, f"{default}: {{main}}\n{{main}}   Harbour OS 12          C:\\Harbour\\loader.bin\n{{test}}   Memory test     \\boot\\memtest.bin\n", {
            "boot_entry#1.id": "{main}", "boot_entry#1.default": True, "boot_entry#1.name": "Harbour OS 12", "boot_entry#1.path": "C:\\Harbour\\loader.bin",
            "boot_entry#2.id": "{test}", "boot_entry#2.name": "Memory test", "boot_entry#2.path": "\\boot\\memtest.bin",
        })
        for command, default in (("boot", "default"), ("avvio", "predefinita"))
    ],
    "levels of events cut short": [
        ("log", f"2025-02-10 22:48:09  {error}   disk   7   Bad block on disk 1.\n2025-02-10 23:10:00  {warning}   clock   36   The clock was not set for 24 h.\n", {
            "event#1.at": "2025-02-10T22:48:09", "event#1.level": error, "event#1.source": "disk", "event#1.id": "7", "event#1.text": "Bad block on disk 1.",
            "event#2.at": "2025-02-10T23:10:00", "event#2.level": warning, "event#2.source": "clock", "event#2.id": "36", "event#2.text": "The clock was not set for 24 h.",
        })
        for error, warning in (("Error", "Warn."), ("Erreur", "Avert."), ("BŁĄD", "OSTRZEŻ."), ("FOUT", "WAARSCH."))
    ],
    "names before pairs by gaps": [
        ("printers", "Hall-Laser    port: IP_10.20.0.40   driver: Larkfield PS 4.1\nTickets       port: USB001          driver: Larkfield Ticket 2\n", {
            "printer#1.name": "Hall-Laser", "printer#1.port": "IP_10.20.0.40", "printer#1.driver": "Larkfield PS 4.1",
            "printer#2.name": "Tickets", "printer#2.port": "USB001", "printer#2.driver": "Larkfield Ticket 2",
        }),
        ("son", "Vellum Audio 7       état : OK\nOsmund 27Q (écran)   état : désactivé\n", {
            "sound#1.name": "Vellum Audio 7", "sound#1.state": "OK", "sound#2.name": "Osmund 27Q", "sound#2.state": "désactivé",
        }),
        ("tasks", "Night copy    state: ready   last: 2025-02-10 23:00   next: 2025-02-11 23:00\nClean temp    state: off   last: never   next: -\n", {
            "task#1.name": "Night copy", "task#1.state": "ready", "task#1.last_run_at": "2025-02-10T23:00:00", "task#1.next_run_at": "2025-02-11T23:00:00",
            "task#2.name": "Clean temp", "task#2.state": "off", "task#2.last_run_at": "never",
        }),
    ],
    "the one field of each thing that a command asks for": [
        ("voltab -serials", "C:  7A3F-0C11\nD:  41BB-92E0\nE:  not ready\n", {
            "volume#1.mount": "C:", "volume#1.serial": "7A3F-0C11", "volume#2.mount": "D:", "volume#2.serial": "41BB-92E0",
        }),
        ("drives --health", "disk 0   good\ndisk 1   warning\n", {"disk#1.number": "0", "disk#1.health": "good", "disk#2.number": "1", "disk#2.health": "warning"}),
        ("volumes free", "C: 61.2 GB\nD: 402.6 GB\n", {"volume#1.mount": "C:", "volume#1.free": 65712999629, "volume#2.mount": "D:", "volume#2.free": 432288458342}),
        ("memory --serials", "A1  3F10A9C2\nB1  3F10A9C3\n", {"module#1.slot": "A1", "module#1.serial": "3F10A9C2", "module#2.slot": "B1", "module#2.serial": "3F10A9C3"}),
        ("konta /grupy", "icalloway: Biuro, Kasa\nrarkwell: Kasa\n", {
            "account#1.name": "icalloway", "account#1.groups": ("Biuro", "Kasa"), "account#2.name": "rarkwell", "account#2.groups": ("Kasa",),
        }),
    ],
    "the TPM with its version in brackets": [
        ("tpm", f"{text}\n", {"security.tpm": "2.0"})
        for text in ("The TPM (version 2.0) is present and ready.", "Das TPM (Version 2.0) ist vorhanden und bereit.", "Le TPM (version 2.0) est présent et prêt.", "Moduł TPM (wersja 2.0) jest gotowy.")
    ],
    "what a question asks for": [
        ("pc", f"{maker}      Corrane\n{model}      Tallow 14\n{serial}     CRN9P11290\n{active}      {yes}\n{ends}     {no}\n", {
            "machine.maker": "Corrane", "machine.model": "Tallow 14", "machine.serial": "CRN9P11290", "licence.state": "active", "licence.expires_at": "never", "licence.permanent": True,
        })
        for maker, model, serial, active, yes, ends, no in (
            ("Who made this PC?", "What model is it?", "What is its serial number?", "Is it activated?", "yes", "Does the licence expire?", "no, it is permanent"),
            ("Wer hat den PC gebaut?", "Welches Modell ist es?", "Wie lautet die Seriennummer?", "Ist er aktiviert?", "ja", "Läuft die Lizenz ab?", "nein, sie gilt unbefristet"),
            ("Qui a fabriqué le PC ?", "Quel est le modèle ?", "Quel est le numéro de série ?", "Est-il activé ?", "oui", "La licence expire-t-elle ?", "non, elle est permanente"),
            ("¿Quién fabrica el equipo?", "¿Qué modelo es?", "¿Cuál es su número de serie?", "¿Está activado?", "sí", "¿Caduca la licencia?", "no, es permanente"),
        )
    ],
    "a no that a comma parts from what is so": [
        ("licence", f"{text}\n", facts)
        for text, facts in (
            ("Licence expires: no, it is permanent", {"licence.expires_at": "never", "licence.permanent": True}),
            ("The licence is not limited in time, it is permanent.", {"licence.permanent": True}),
            ("Is the licence temporary? No, it is permanent.", {"licence.permanent": True}),
            ("La licence n'expire pas, elle est permanente.", {"licence.expires_at": "never", "licence.permanent": True}),
            ("Die Lizenz läuft nicht ab, sie gilt dauerhaft.", {"licence.expires_at": "never", "licence.permanent": True}),
            ("The licence is not permanent, it runs out on 3 March 2025.", {"licence.permanent": False, "licence.expires_at": "2025-03-03"}),
        )
    ],
    "damage that was mended in part": [
        ("filecheck", f"{text}\n", {"health_check#1.kind": "system-files", "health_check#1.result": "damaged"})
        for text in (
            "Damaged files were found; 3 of 5 were repaired.", "Damaged files were found; only some were repaired.", "Beschädigte Dateien wurden gefunden und teilweise repariert.",
            "Des fichiers endommagés ont été trouvés et partiellement réparés.", "Solo algunos de los archivos dañados se repararon.", "Foram encontrados ficheiros danificados e nem todos puderam ser reparados.",
        )
    ],
    "screens by where they are plugged in": [
        ("screens", "built-in     Pellucid 14     1920 x 1200   (no EDID)\nHDMI-1       Osmund 27Q      2560 x 1440   OSM27Q-00921\n", {
            "display#1.name": "Pellucid 14", "display#1.width": 1920, "display#1.height": 1200,
            "display#2.name": "Osmund 27Q", "display#2.width": 2560, "display#2.height": 1440, "display#2.serial": "OSM27Q-00921",
        }),
    ],
    "drivers by their files": [
        ("drivers", "wklgbe.sys    4.1.0.77     Wickerlink     2024-02-19   signed\nbwg3.sys      31.0.101.4   Brightwater    2024-10-18   NOT signed\n", {
            "driver#1.name": "wklgbe.sys", "driver#1.version": "4.1.0.77", "driver#1.provider": "Wickerlink", "driver#1.dated": "2024-02-19", "driver#1.signed": True,
            "driver#2.name": "bwg3.sys", "driver#2.version": "31.0.101.4", "driver#2.provider": "Brightwater", "driver#2.dated": "2024-10-18", "driver#2.signed": False,
        }),
    ],
    "programs with their versions over what is said of them": [
        ("programs", f"Quaymaster 9.4.1\n    {maker}: Siskin Marine\n    {since}: 2024-06-14\nVellum Reader 7\n    {maker}: Vellum\n", {
            "software#1.name": "Quaymaster", "software#1.version": "9.4.1", "software#1.maker": "Siskin Marine", "software#1.installed_at": "2024-06-14",
            "software#2.name": "Vellum Reader 7", "software#2.maker": "Vellum",
        })
        for maker, since in (("maker", "installed"), ("uitgever", "geïnstalleerd"), ("éditeur", "installé"))
    ],
    "processes in the order that a command asks for": [
        ("tasks-now --by memory", " #1  quaymaster.exe    2212   LSF\\tquill   1.5 GB\n #2  guard service      312   system        18 MB\n", {
            "process#1.name": "quaymaster.exe", "process#1.pid": "2212", "process#1.user": "LSF\\tquill", "process#1.memory": 3 * 2**29,
            "process#2.name": "guard service", "process#2.pid": "312", "process#2.user": "system", "process#2.memory": 18 * 2**20,
        }),
    ],
    "who listens at a port": [
        ("ears", f" tcp 0.0.0.0:4155      {by} 312 (guard service)\n udp 0.0.0.0:6021      {by} 480 (agent)\n", {
            "connection#1.protocol": "tcp", "connection#1.local": "0.0.0.0:4155", "connection#1.pid": "312", "connection#2.protocol": "udp", "connection#2.local": "0.0.0.0:6021", "connection#2.pid": "480",
        })
        for by in ("by", "von", "par", "przez")
    ],
    "things of the PC in whole sentences": [
        ("note", f"{pc} Corrane Tallow 14, {serial} CRN9P11290.\n{cpu} Kestrel K5-8420U {parts}.\n{disk} (NVMe), {serial} BNV5K0011871.\n{volume}\n", {
            "machine.model": "Corrane Tallow 14", "machine.form": "laptop", "machine.serial": "CRN9P11290",
            "processor#1.name": "Kestrel K5-8420U", "processor#1.cores": 4, "processor#1.threads": 8, "processor#1.clock": 1_800_000_000,
            "disk#1.model": "Basalt NV500", "disk#1.size": 500148941619, "disk#1.bus": "NVMe", "disk#1.serial": "BNV5K0011871",
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.size": 499397322342, "volume#1.free": 94918777242, "volume#1.encrypted": True,
        })
        for pc, serial, cpu, parts, disk, volume in (
            ("This PC is a laptop", "serial number", "The processor is a", "with 4 cores and 8 threads at 1.80 GHz", "The only disk is a Basalt NV500 of 465.8 GB", "Volume C: (SYSTEM) has 465.1 GB, of which 88.4 GB are free. It is encrypted."),
            ("Dieser Rechner ist ein Notebook", "Seriennummer", "Der Prozessor ist ein", "mit 4 Kernen und 8 Threads bei 1,80 GHz", "Die Festplatte ist eine Basalt NV500 mit 465,8 GB", "Laufwerk C: (SYSTEM) hat 465,1 GB, davon sind 88,4 GB frei. Es ist verschlüsselt."),
            ("Cet ordinateur est un portable", "numéro de série", "Le processeur est un", "avec 4 cœurs et 8 threads à 1,80 GHz", "Le disque est un Basalt NV500 de 465,8 Go", "Le volume C: (SYSTEM) a 465,1 Go, dont 88,4 Go sont libres. Il est chiffré."),
            ("Este equipo es un portátil", "número de serie", "El procesador es un", "con 4 núcleos y 8 hilos a 1,80 GHz", "El disco es un Basalt NV500 de 465,8 GB", "La unidad C: (SYSTEM) tiene 465,1 GB, de los cuales 88,4 GB están libres. Está cifrada."),
            ("Questo computer è un portatile", "numero di serie", "Il processore è un", "con 4 core e 8 thread a 1,80 GHz", "Il disco è un Basalt NV500 da 465,8 GB", "Il volume C: (SYSTEM) ha 465,1 GB, di cui 88,4 GB liberi. È cifrato."),
            ("Este computador é um portátil", "número de série", "O processador é um", "com 4 núcleos e 8 threads a 1,80 GHz", "O disco é um Basalt NV500 de 465,8 GB", "O volume C: (SYSTEM) tem 465,1 GB, dos quais 88,4 GB livres. Está cifrado."),
            ("Deze pc is een laptop", "serienummer", "De processor is een", "met 4 cores en 8 threads op 1,80 GHz", "De schijf is een Basalt NV500 van 465,8 GB", "Station C: (SYSTEM) heeft 465,1 GB, waarvan 88,4 GB vrij. Het is versleuteld."),
            ("Ten komputer to laptop", "numer seryjny", "Procesor to", "z 4 rdzeniami i 8 wątkami, 1,80 GHz", "Dysk to Basalt NV500 o pojemności 465,8 GB", "Wolumin C: (SYSTEM) ma 465,1 GB, z czego 88,4 GB wolne. Jest zaszyfrowany."),
        )
    ],
    "a card and a battery in whole sentences": [
        ("note", "The network card Ternwave AX 20 (wireless) has the address 10.20.3.18 and the hardware address 3c:5a:b4:10:88:01.\n"
                 "The battery, a Tidewell 57, was made for 57,000 mWh and holds 48,120 mWh now after 312 cycles.\n", {
            "adapter#1.name": "Ternwave AX 20", "adapter#1.kind": "wireless", "adapter#1.ipv4": ("10.20.3.18",), "adapter#1.mac": "3c:5a:b4:10:88:01",
            "battery#1.name": "Tidewell 57", "battery#1.design": 57000, "battery#1.full": 48120, "battery#1.cycles": 312,
        }),
    ],
    "updates that a sentence lists": [
        ("note", f"{text}: HU-24117, HU-25006 {and_} HU-25009.\n", {"update#1.id": "HU-24117", "update#2.id": "HU-25006", "update#3.id": "HU-25009"})
        for text, and_ in (("Three updates were fitted since then", "and"), ("Drei Updates wurden installiert", "und"), ("Trois mises à jour ont été posées", "et"))
    ],
    "a driver and the device that it is for": [
        ("drvlist wklgbe", f"{driver}: wklgbe\n{device}: Wickerlink GbE 210\nVersion: 4.1.0.77\n", {"driver#1.name": "wklgbe", "driver#1.version": "4.1.0.77"})
        for driver, device in (("Driver", "Device"), ("Treiber", "Gerät"), ("Pilote", "Périphérique"))
    ],
    "rows that a tool wants looked at": [
        ("drvlist", "! tikprn        2.0        Larkfield      not signed\n  wklgbe        4.1.0.77   Wickerlink     signed\n", {
            "driver#1.name": "tikprn", "driver#1.version": "2.0", "driver#1.provider": "Larkfield", "driver#1.signed": False,
            "driver#2.name": "wklgbe", "driver#2.version": "4.1.0.77", "driver#2.provider": "Wickerlink", "driver#2.signed": True,
        }),
    ],
    "times of an echo test with a word between": [
        ("reach 10.20.0.40", f"{text}\n", {"reach#1.target": "10.20.0.40", "reach#1.sent": 4, "reach#1.received": 3, "reach#1.lost": 1, "reach#1.best": 0.001, "reach#1.worst": 0.002})
        for text in (
            "Sent 4, received 3, lost 1. Shortest time 1 ms, longest 2 ms.", "4 gesendet, 3 empfangen, 1 verloren. Kürzeste Zeit 1 ms, längste 2 ms.",
            "4 envoyés, 3 reçus, 1 perdu. Temps minimal 1 ms, maximal 2 ms.", "Wysłano 4, odebrano 3, utracono 1. Najkrótszy czas 1 ms, najdłuższy 2 ms.",
        )
    ],
    "the PC's own by a word alone": [
        ("serie", "CRN7K20418\n", {"machine.serial": "CRN7K20418"}), ("modele", "Corrane Tallow 520 MT\n", {"machine.model": "Corrane Tallow 520 MT"}), ("etiquette", "non renseignée\n", {}),
    ],
    "a numbered thing's heading says how it is": [
        ("network", f"{card} 1: Wickerlink GbE 210 ({wired}){mark} {up}, 1 Gbit/s\n   MAC   3C-5A-B4-10-77-E2\n   IP    10.20.1.41\n{card} 2: Ternwave AX 20 ({wireless}){mark} {down}\n   MAC   3C-5A-B4-10-77-E3\n", {
            "adapter#1.name": "Wickerlink GbE 210", "adapter#1.kind": "wired", "adapter#1.connected": True, "adapter#1.speed": 10**9, "adapter#1.mac": "3c:5a:b4:10:77:e2", "adapter#1.ipv4": ("10.20.1.41",),
            "adapter#2.name": "Ternwave AX 20", "adapter#2.kind": "wireless", "adapter#2.connected": False, "adapter#2.mac": "3c:5a:b4:10:77:e3",
        })
        for card, wired, wireless, up, down in (
            ("Card", "wired", "wireless", "connected", "not connected"), ("Kaart", "bekabeld", "draadloos", "verbonden", "niet verbonden"), ("Karte", "Kabel", "WLAN", "verbunden", "nicht verbunden"),
        )
        for mark in (" -", " –")
    ],
    "the one field that a heading says of each thing": [
        ("sheet", f"{heading}\n  C:  {on}\n  D:  {off}\n", {"volume#1.mount": "C:", "volume#1.encrypted": True, "volume#2.mount": "D:", "volume#2.encrypted": False})
        for heading, on, off in (("Encryption", "on", "off"), ("Verschlüsselung", "ein", "aus"), ("Chiffrement", "oui", "non"))
    ],
    "names and addresses behind arrows, where a command asks for them": [
        ("lookup printsrv keys", "printsrv -> 10.20.0.40\nkeys -> 10.20.0.14\n", {
            "lookup#1.name": "printsrv", "lookup#1.address": ("10.20.0.40",), "lookup#2.name": "keys", "lookup#2.address": ("10.20.0.14",),
        }),
    ],
    "colours whose escapes were lost": [
        ("picture", "[36mSound[0m\n  1. Vellum Audio 7          by Vellum        working\n  2. Brightwater HDMI        by Brightwater   [31mdisabled[0m\n", {
            "sound#1.name": "Vellum Audio 7", "sound#1.maker": "Vellum", "sound#1.state": "working", "sound#2.name": "Brightwater HDMI", "sound#2.maker": "Brightwater", "sound#2.state": "disabled",
        }),
    ],
    "an INI file's sections": [
        ("", "[firewall.public]\nstate=off\nin=allow\nout=allow\n[audit.Sign-in]\nSign-in=success,failure\nLockout=failure\n[secureboot]\nenabled=1\n[encryption]\nC:=on\nD:=off\n", {
            "firewall#1.profile": "public", "firewall#1.on": False, "firewall#1.inbound": "allow", "firewall#1.outbound": "allow",
            "policy#1.category": "Sign-in", "policy#1.subcategory": "Sign-in", "policy#1.records": "both", "policy#2.category": "Sign-in", "policy#2.subcategory": "Lockout", "policy#2.records": "failure",
            "firmware.secure_boot": True, "volume#1.mount": "C:", "volume#1.encrypted": True, "volume#2.mount": "D:", "volume#2.encrypted": False,
        }),
    ],
    "cells in boxes, under what heads them": [
        ("twin --users", "LOCAL ACCOUNTS\n  kassa      [enabled ]  [admin: no ]  last sign-in 2025-02-11 07:44\n  svc-patch  [disabled]  [admin: yes]  never signed in\n", {
            "account#1.name": "kassa", "account#1.enabled": True, "account#1.admin": False, "account#1.last_logon_at": "2025-02-11T07:44:00",
            "account#2.name": "svc-patch", "account#2.enabled": False, "account#2.admin": True, "account#2.last_logon_at": "never",
        }),
    ],
    "events in data by short labels": [
        ("", '{"ts":"2025-02-11T08:01:44Z","lvl":"crit","src":"power","code":41,"msg":"Stopped."}\n{"ts":"2025-02-10T22:48:09Z","lvl":"err","src":"disk","code":7,"msg":"Bad block."}\n', {
            "event#1.at": "2025-02-11T08:01:44", "event#1.level": "crit", "event#1.source": "power", "event#1.id": "41", "event#1.text": "Stopped.",
            "event#2.at": "2025-02-10T22:48:09", "event#2.level": "err", "event#2.source": "disk", "event#2.id": "7", "event#2.text": "Bad block.",
        }),
    ],
    "elements that have attributes and say something": [
        ("export", '<?xml version="1.0"?>\n<licencia>\n<estado codigo="1">activada</estado>\n<servidor renovacion="7 días">claves.lanternsound.example</servidor>\n</licencia>\n', {
            "licence.state": "active", "licence.server": "claves.lanternsound.example",
        }),
    ],
    "a network card by what people call it, and more behind a dash": [
        ("network", f'{card} "Quayside LAN" — Wickerlink GbE 210, {wired}, {up} 1 Gbit/s\n  MAC 3c:5a:b4:10:77:e2\n{card} "Air" — Ternwave AX 20, {wireless}, {down}\n  MAC 3c:5a:b4:10:77:e3\n', {
            "adapter#1.connection": "Quayside LAN", "adapter#1.name": "Wickerlink GbE 210", "adapter#1.kind": "wired", "adapter#1.connected": True, "adapter#1.speed": 10**9, "adapter#1.mac": "3c:5a:b4:10:77:e2",
            "adapter#2.connection": "Air", "adapter#2.name": "Ternwave AX 20", "adapter#2.kind": "wireless", "adapter#2.connected": False, "adapter#2.mac": "3c:5a:b4:10:77:e3",
        })
        for card, wired, up, wireless, down in (("Card", "wired", "connected at", "wireless", "disconnected"), ("Tarjeta", "por cable", "conectada a", "inalámbrica", "desconectada"))
    ],
    "the unit of bare sizes in a line of its own": [
        ("drives", f"{said}\n\n No  Model           Size     Style\n---  --------------  -------  -----\n  0  Basalt NV1000    953869  GPT\n  1  Siskin Pocket     59136  MBR\n", {
            "disk#1.number": "0", "disk#1.model": "Basalt NV1000", "disk#1.size": 953869 * 2**20, "disk#1.layout": "gpt",
            "disk#2.number": "1", "disk#2.model": "Siskin Pocket", "disk#2.size": 59136 * 2**20, "disk#2.layout": "mbr",
        })
        for said in ("All sizes in MB unless said.", "(sizes are in MB)", "Alle Größen in MB.")
    ],
    "pairs with dots between": [
        ("licence", "Last five: H6WPQ. Key server: keys.lanternsound.example. Resets left: 4.\n", {"licence.key_tail": "H6WPQ", "licence.server": "keys.lanternsound.example", "licence.resets_left": 4}),
        ("pc", "Maker: Corrane. Model: Tallow 520. Serial: CRN7K20418.\n", {"machine.maker": "Corrane", "machine.model": "Tallow 520", "machine.serial": "CRN7K20418"}),
        ("memory", "Installed: 16 GB. Usable: 15.5 GB. Slots: 4.\n", {"memory.installed": 16 * 2**30, "memory.usable": 31 * 2**29, "memory.slots": 4}),
    ],
    "a disk's partitions in one value, each with more in brackets": [
        ("disks", f"Disk 0\n  model: Basalt NV500\n  {label}: 1 (EFI, 260 MB), 2 ({data}, 464 GB)\n", {
            "disk#1.number": "0", "disk#1.model": "Basalt NV500", "partition#1.number": "1", "partition#1.disk": "0", "partition#1.kind": "EFI", "partition#1.size": 260 * 2**20,
            "partition#2.number": "2", "partition#2.disk": "0", "partition#2.kind": data, "partition#2.size": 464 * 2**30,
        })
        for label, data in (("partitions", "basic data"), ("Partitionen", "Basisdaten"), ("partycje", "dane podstawowe"))
    ],
    "a second address in a row below": [
        ("network", "Card                   Address        Mask            DHCP\nHoldfast Guest Bridge  172.28.96.1    255.255.240.0   no\n                       172.28.112.1   255.255.240.0\nTernwave AX 20         10.20.3.18     255.255.255.0   yes\n", {
            "adapter#1.name": "Holdfast Guest Bridge", "adapter#1.ipv4": ("172.28.112.1",), "adapter#1.mask": "255.255.240.0", "adapter#1.dhcp": False,
            "adapter#2.name": "Ternwave AX 20", "adapter#2.ipv4": ("10.20.3.18",), "adapter#2.mask": "255.255.255.0", "adapter#2.dhcp": True,
        }),
    ],
    "until when a licence is good": [
        ("licence", "The licence is good until 3 March 2025, 09:00; after that 20 days of grace follow.\n", {"licence.expires_at": "2025-03-03T09:00:00", "licence.grace": 20 * 86400}),
    ],
    "sockets and the most that they take, and nothing installed": [
        ("memory", f"{text}\n", {"memory.slots": 2, "memory.limit": 32 * 2**30})
        for text in ("1 of 2 slots used; 32 GB at most", "1 van 2 sleuven bezet; hoogstens 32 GB", "Tiene 2 ranuras de memoria y admite 32 GB como máximo.")
    ],
    "a board's serial number behind a word cut short, in brackets": [
        ("about", f"{board}   Fennimore FB-14 ({version} 1.00, {serial} FB14-33107)\n", {"board.maker": "Fennimore", "board.model": "FB-14", "board.version": "1.00", "board.serial": "FB14-33107"})
        for board, version, serial in (("board", "version", "serial"), ("moederbord", "versie", "serienr."), ("Hauptplatine", "Version", "Seriennr."))
    ],
}  # fmt: skip


class ToldInLines(unittest.TestCase):
    def test_rows(self):
        for what, texts in ROWS.items():
            for command, text, facts in texts:
                with self.subTest(f"{what}: {command}", text=text):
                    facts_read = told(f"x-1> {command}\n{text}")
                    facts_read.pop("host.name", None)
                    self.assertEqual(facts_read, facts)

    def test_the_groups_that_somebody_is_in_a_line_each(self):
        for said in (
            "icalloway is a member of:", "icalloway ist Mitglied von:", "icalloway est membre de :", "icalloway es miembro de:", "icalloway è membro di:",
            "icalloway is lid van:", "icalloway należy do:",
        ):  # fmt: skip
            with self.subTest(said):
                readings = read(f"x-1> accounts\n{said}\n  * Administrators\n  * Remote Access\n".encode()).readings
                self.assertEqual({r.item for r in readings if r.item}, {"account#1"})
                groups = [r.value.value for r in readings if r.fact == "account.groups"]
                self.assertEqual(groups[0], ("Administrators", "Remote Access"))


if __name__ == "__main__":
    unittest.main()
