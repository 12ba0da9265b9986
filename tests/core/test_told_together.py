"""Lines that tell several things at once, or stand beside what they do not belong to: one text a row, and what is read."""

import unittest

from tests.core.readings import told

ROWS = {
    "checks whose results are told in words": [
        ("health", "1) System files\n   Begun: 2025-02-10 18:30   Ended: 2025-02-10 18:42\n   Result: damaged files were found and all of them were repaired (2 errors)\n"
         "2) Disk D:\n   Result: damaged, it could not be repaired while in use (4 errors)\n3) Energy (60 s)\n   Result: 3 errors, 7 warnings, 21 notes\n"
         "4) Memory\n   Result: not finished, the user stopped it\n", {
            "health_check#1.kind": "system-files", "health_check#1.at": "2025-02-10T18:30:00", "health_check#1.result": "repaired", "health_check#1.errors": 2,
            "health_check#2.kind": "disk", "health_check#2.target": "D:", "health_check#2.result": "damaged", "health_check#2.errors": 4,
            "health_check#3.kind": "energy", "health_check#3.errors": 3, "health_check#3.warnings": 7, "health_check#3.notes": 21,
            "health_check#4.kind": "memory", "health_check#4.result": "not-finished",
        }),
    ],
    "a cell that pushes those behind it": [
        ("roster", "LOGIN        REAL NAME           STATE      PASSWORD              LAST SEEN\n"
         "icalloway    Ines Calloway       enabled    set 2025-01-20, ends 2025-04-20   2025-02-10 16:20\n"
         "kiosk        Ticket kiosk        enabled    none needed           2025-02-11 07:44\nguest        -                   disabled   none needed           never\n", {
            "account#1.name": "icalloway", "account#1.full_name": "Ines Calloway", "account#1.enabled": True, "account#1.last_logon_at": "2025-02-10T16:20:00",
            "account#1.password_set_at": "2025-01-20", "account#1.password_expires_at": "2025-04-20", "account#2.name": "kiosk", "account#2.full_name": "Ticket kiosk", "account#2.enabled": True, "account#2.password_required": False,
            "account#2.last_logon_at": "2025-02-11T07:44:00", "account#3.name": "guest", "account#3.enabled": False, "account#3.password_required": False,
            "account#3.last_logon_at": "never",
        }),
    ],
    "virtualisation in a sentence": [
        ("virt", f"{said}\n", {"security.virtualisation": on})
        for said, on in (
            ("La virtualizzazione è supportata e attiva nel firmware.", True), ("Virtualisierung wird unterstützt und ist in der Firmware aktiv.", True),
            ("La virtualisation est prise en charge et activée.", True), ("A virtualização está desativada.", False), ("Wirtualizacja jest włączona.", True),
        )
    ],
    "a denial of it": [
        ("virt", f"{said}\n", {"security.virtualisation": False}) for said in ("Die Virtualisierung ist nicht aktiviert.", "La virtualización no está activada.", "Wirtualizacja nie jest włączona.")
    ],
    "a PC and its firmware on a line each": [
        ("show", "Rechner .......: Corrane Tallow 520 SFF, S/N CRN2M55017\nHauptplatine ..: TW-B460 Rev. 1.2, S/N TWB4600527\n"
         "UEFI ..........: Loamgate L52.1.18 vom 30.09.2024, Secure Boot aktiv, TPM 2.0\nSpeicher ......: 16 GB in 2 von 4 Bänken, höchstens 64 GB\n"
         "Datenträger 1 .: Shale 1T, SATA-HDD, 931,5 GB, S/N SH1T0044\n", {
            "machine.model": "Corrane Tallow 520 SFF", "machine.serial": "CRN2M55017", "board.model": "TW-B460", "board.version": "1.2", "board.serial": "TWB4600527",
            "firmware.version": "L52.1.18", "firmware.maker": "Loamgate", "firmware.dated": "2024-09-30", "firmware.secure_boot": True, "security.tpm": "2.0",
            "memory.installed": 17179869184, "memory.slots": 4, "memory.limit": 68719476736, "disk#1.number": "1", "disk#1.model": "Shale 1T",
            "disk#1.media": "hdd", "disk#1.bus": "SATA", "disk#1.size": 1000190509056, "disk#1.serial": "SH1T0044",
        }),
    ],
    "a volume behind its partition": [
        ("disks", f"Disk 0: Basalt NV500, 476.9 GB, NVMe\n  partition 3: basic data, 475.6 GB {arrow} C: \"System\", HFX2, 61.9 GB free, encrypted\n", {
            "disk#1.number": "0", "disk#1.model": "Basalt NV500", "disk#1.size": 512067475866, "disk#1.bus": "NVMe", "partition#1.disk": "0",
            "partition#1.number": "3", "partition#1.kind": "basic data", "partition#1.size": 510671611494, "volume#1.mount": "C:",
            "volume#1.label": "System", "volume#1.filesystem": "HFX2", "volume#1.free": 66464618906, "volume#1.encrypted": True,
        })
        for arrow in ("->", "=>", "→")
    ],
    "a table of several kinds": [
        ("show", "kind      name              maker     serial       state\ngraphics  Halyard UHD 7     Halyard                ok\n"
         "display   Pellucid P24h     Pellucid  PP24-77120\nsound     Tidebell Audio 3  Tidebell               ok\n", {
            "graphics#1.name": "Halyard UHD 7", "graphics#1.maker": "Halyard", "graphics#1.state": "ok", "display#1.name": "Pellucid P24h",
            "display#1.maker": "Pellucid", "display#1.serial": "PP24-77120", "sound#1.name": "Tidebell Audio 3", "sound#1.maker": "Tidebell",
            "sound#1.state": "ok",
        }),
    ],
    "labels in brackets beside letters": [
        ("spaces", "Mounted on      File system   Capacity      Free       On\nC:  (SYSTEM)    HFX2          930.2 GB   37.2 GB    disk 0 / part 3\n"
         "E:              -             -          -          (no disc)\n", {
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.filesystem": "HFX2", "volume#1.size": 998794644685, "volume#1.free": 39943195853,
            "volume#1.disk": "0", "volume#2.mount": "E:",
        }),
    ],
    "records in braces behind their names": [
        ("", "firewall:\n  domain: {enabled: true, inbound: block, outbound: allow}\n  public: {enabled: false}\nprinters:\n"
         "  Hall printer: {driver: Gullwing 4, port: 10.20.1.90}\n  Labels: {driver: Labelpress 2, port: USB001}\n", {
            "firewall#1.profile": "domain", "firewall#1.on": True, "firewall#1.inbound": "block", "firewall#1.outbound": "allow",
            "firewall#2.profile": "public", "firewall#2.on": False, "printer#1.name": "Hall printer", "printer#1.driver": "Gullwing 4",
            "printer#1.port": "10.20.1.90", "printer#2.name": "Labels", "printer#2.driver": "Labelpress 2", "printer#2.port": "USB001",
        }),
    ],
    "a processor in braces": [
        ("", "processor: {name: Kestrel K5, cores: 6, threads: 12}\nmemory: {installed: 16 GB, slots: 4}\n", {
            "processor#1.name": "Kestrel K5", "processor#1.cores": 6, "processor#1.threads": 12, "memory.installed": 17179869184, "memory.slots": 4,
        }),
    ],
    "printers, what drives them and where they are": [
        ("", f"Printers\n\n{one}\n{other}\n", {
            "printer#1.name": name, "printer#1.driver": "Gullwing 4", "printer#1.port": "10.20.1.90", "printer#2.name": "Desk",
            "printer#2.driver": "Labelpress 2", "printer#2.port": "USB001",
        })
        for one, other, name in (
            ("Hall: Gullwing 4, 10.20.1.90", "Desk: Labelpress 2, USB001", "Hall"),
            ("Hall : Gullwing 4, 10.20.1.90", "Desk : Labelpress 2, USB001", "Hall"),
            ("Hall printer: Gullwing 4, 10.20.1.90", "Desk: Labelpress 2, USB001", "Hall printer"),
            ("- Hall : Gullwing 4 on 10.20.1.90", "- Desk : Labelpress 2 on USB001", "Hall"),
        )
    ],
    "the paragraphs of a page": [
        ("", "<html><body>\n<h2>Displays</h2>\n<p>Veldt V27, serial VV27-00932, 2560 x 1440</p>\n<p>Pellucid P24h, serial PP24-77120, 1920 x 1200</p>\n"
         "<h2>Disk</h2>\n<table><tr><td>Model</td><td>Basalt NV500</td></tr></table>\n</body></html>\n", {
            "display#1.name": "Veldt V27", "display#1.serial": "VV27-00932", "display#1.width": 2560, "display#1.height": 1440,
            "display#2.name": "Pellucid P24h", "display#2.serial": "PP24-77120", "display#2.width": 1920, "display#2.height": 1200,
            "disk#1.model": "Basalt NV500",
        }),
    ],
    "all caches in one value": [
        ("cpu", "[Processor]\nName = Kestrel Five 5600\nCores = 6\nThreads = 12\nCache = 384 KB / 3 MB / 32 MB\n", {
            "processor#1.name": "Kestrel Five 5600", "processor#1.cores": 6, "processor#1.threads": 12, "processor#1.cache_l1": 393216,
            "processor#1.cache_l2": 3145728, "processor#1.cache_l3": 33554432,
        }),
    ],
    "sockets in the headings of sections": [
        ("", "[Memory.A1]\nSize = 8 GB\nType = DDR4\nMaker = Siskin\n\n[Memory.B1]\nSize = 16 GB\nType = DDR4\nMaker = Siskin\n", {
            "module#1.slot": "A1", "module#1.size": 8589934592, "module#1.type": "DDR4", "module#1.maker": "Siskin",
            "module#2.slot": "B1", "module#2.size": 17179869184, "module#2.type": "DDR4", "module#2.maker": "Siskin",
        }),
    ],
    "which process holds a connection": [
        ("sockets", f"Protocol  Local address     Remote address    State        Process\nTCP       10.80.3.15:50122  10.80.3.20:9100   established  {said}\n", {
            "connection#1.protocol": "TCP", "connection#1.local": "10.80.3.15:50122", "connection#1.remote": "10.80.3.20:9100",
            "connection#1.state": "established", "connection#1.pid": "2204",
        })
        for said in ("2204", "2204/quaymaster", "2204 (quaymaster)")
    ],
    "labels in two lines over rows that are wrapped": [
        ("accounts", "Account      Full              On     Admin  Password   Last\n             name                            needed     sign-in\n"
         "-----------  ----------------  -----  -----  ---------  ----------------\ndesk         Front desk of     yes    no     no         2025-02-11 07:44\n"
         "             the quay\nrarkwell     Rufus Arkwell     yes    yes    yes        2025-02-10 16:20\n"
         "visit        -                 no     no     no         never\n", {
            "account#1.name": "desk", "account#1.full_name": "Front desk of the quay", "account#1.enabled": True, "account#1.admin": False,
            "account#1.password_required": False, "account#1.last_logon_at": "2025-02-11T07:44:00", "account#2.name": "rarkwell",
            "account#2.full_name": "Rufus Arkwell", "account#2.enabled": True, "account#2.admin": True, "account#2.password_required": True,
            "account#2.last_logon_at": "2025-02-10T16:20:00", "account#3.name": "visit", "account#3.enabled": False, "account#3.admin": False,
            "account#3.password_required": False, "account#3.last_logon_at": "never",
        }),
    ],
    "who is in a group": [
        ("accounts", f"Account   Enabled\nrarkwell  yes\nsvc       no\n\n{said}: rarkwell\n", {
            "account#1.name": "rarkwell", "account#1.enabled": True, "account#1.admin": True, "account#1.groups": (said.split()[-1],),
            "account#2.name": "svc", "account#2.enabled": False,
        })
        for said in (
            "Members of group Administrators", "Mitglieder der Gruppe Administratoren", "Membres du groupe Administrateurs",
            "Miembros del grupo Administradores", "Membros do grupo Administradores", "Membri del gruppo Amministratori", "Leden van groep Beheerders",
            "Członkowie grupy Administratorzy",
        )
    ],
    "a label under a switch": [
        ("network", "Card: Wickerlink GbE 210\n  mac: 3C:5A:B4:31:00:17\n  dhcp: on\n    server: 10.60.2.2\n    obtained: 2025-02-11 07:31\n", {
            "adapter#1.name": "Wickerlink GbE 210", "adapter#1.mac": "3c:5a:b4:31:00:17", "adapter#1.dhcp": True, "adapter#1.dhcp_server": "10.60.2.2",
            "adapter#1.lease_from": "2025-02-11T07:31:00",
        }),
    ],
    "activations that will end": [
        ("licence", f"{said}\n", {"licence.expires_at": "2025-03-03T09:00:00"})
        for said in (
            "La activación por volumen caducará el 03/03/2025 a las 9:00.", "L'activation par volume expirera le 03/03/2025 à 09:00.",
            "L'attivazione a volume scadrà il 03/03/2025 alle 9:00.", "Aktywacja zbiorowa wygaśnie 03.03.2025 o 9:00.",
        )
    ],
    "a box with round corners and titles in its rules": [
        ("card", "╭─ MACHINE ───────────────────────────────────╮\n│ Maker            Corrane                    │\n"
         "│ Model            Tallow 14 G2               │\n├─ BOARD ─────────────────────────────────────┤\n"
         "│ Model            Corrane CB-14G2            │\n╰─────────────────────────────────────────────╯\n", {
            "machine.maker": "Corrane", "machine.model": "Tallow 14 G2", "board.model": "CB-14G2", "board.maker": "Corrane",
        }),
    ],
    "a log of checks, each line with its level": [
        ("health", f"2025-02-10 18:30:03 [INFO ] {files}: {begun}\n2025-02-10 18:41:55 [INFO ] {files}: {clean}\n"
         f"2025-02-10 18:55:31 [WARN ] {disk} C: {damaged}\n", {
            "health_check#1.kind": "system-files", "health_check#1.at": "2025-02-10T18:41:55", "health_check#1.result": "clean",
            "health_check#2.kind": "disk", "health_check#2.target": "C:", "health_check#2.at": "2025-02-10T18:55:31", "health_check#2.result": "damaged",
            "health_check#2.errors": 3,
        })
        for files, disk, begun, clean, damaged in (
            ("system files", "disk", "check begun", "no integrity violations", "found 3 errors, repair needed"),
            ("file di sistema", "disco", "verifica iniziata", "nessuna violazione di integrità", "trovati 3 errori, riparazione necessaria"),
            ("Systemdateien", "Laufwerk", "Prüfung begonnen", "keine Integritätsverletzungen", "3 Fehler gefunden, Reparatur nötig"),
        )
    ],
    "a document of short names": [
        ("", "<?xml version=\"1.0\"?>\n<inventory pc=\"GP-CRW-21\">\n  <programs>\n    <p n=\"Quaymaster Desk\" v=\"7.2.1\" by=\"Quaymaster Ltd\" on=\"2024-03-12\"/>\n"
         "    <p n=\"Seawall Guard\" v=\"6.0.4\" by=\"Seawall\" on=\"2024-11-28\"/>\n  </programs>\n  <updates>\n"
         "    <u id=\"HP411902\" on=\"2025-01-14\">Printing fix</u>\n  </updates>\n  <printers default=\"Hall printer\">\n"
         "    <q n=\"Hall printer\" port=\"10.20.1.90\"/>\n    <q n=\"Labels\" port=\"USB001\"/>\n  </printers>\n</inventory>\n", {
            "software#1.name": "Quaymaster Desk", "software#1.version": "7.2.1", "software#1.maker": "Quaymaster Ltd", "software#1.installed_at": "2024-03-12",
            "software#2.name": "Seawall Guard", "software#2.version": "6.0.4", "software#2.maker": "Seawall", "software#2.installed_at": "2024-11-28",
            "update#1.id": "HP411902", "update#1.installed_at": "2025-01-14", "update#1.title": "Printing fix", "printer#1.name": "Hall printer",
            "printer#1.default": True, "printer#1.port": "10.20.1.90", "printer#2.name": "Labels", "printer#2.port": "USB001",
        }),
    ],
    "updates told in a line each": [
        ("updates", f"Updates\n\n{mark}HP411902{sep}printing fix, installed on 2025-01-14{end}\n{mark}HP411960{sep}feature set, waiting for restart{end}\n", {
            "update#1.id": "HP411902", "update#1.title": "printing fix", "update#1.installed_at": "2025-01-14",
        })
        for mark, sep, end in (("- ", " — ", ""), ("- ", " - ", ""), ("* ", ": ", ""), ("", "  ", ""), ("1. ", " (", ")"))
    ],
    "accounts listed by their logins": [
        ("accounts", "Accounts\n\n1. `desk` (Front desk): enabled, not an administrator\n2. `guest`: disabled\n", {
            "account#1.name": "desk", "account#1.full_name": "Front desk", "account#1.enabled": True, "account#1.admin": False,
            "account#2.name": "guest", "account#2.enabled": False,
        }),
    ],
    "profiles by what is said of them": [
        ("firewall", f"{one}: on. Incoming: blocked; outgoing: allowed.\n{two}: off.\n", {
            "firewall#1.profile": name, "firewall#1.on": True, "firewall#1.inbound": "block", "firewall#1.outbound": "allow",
            "firewall#2.profile": other, "firewall#2.on": False,
        })
        for one, two, name, other in (
            ("Perfil de dominio", "Perfil público", "dominio", "público"), ("Profil de domaine", "Profil public", "domaine", "public"),
            ("Domain profile", "Public profile", "Domain", "Public"),
        )
    ],
    "which entry of a boot menu is the default": [
        ("boot", f"{{menu}}      {said} {{current}}\n{{current}}   Harbour OS 12          C:\\Harbour\\start.efi\n{{rescue}}    Harbour OS 12, rescue  D:\\start.efi\n", {
            "boot_entry#1.id": "{current}", "boot_entry#1.default": True, "boot_entry#1.name": "Harbour OS 12", "boot_entry#1.path": "C:\\Harbour\\start.efi",
            "boot_entry#2.id": "{rescue}", "boot_entry#2.name": "Harbour OS 12, rescue", "boot_entry#2.path": "D:\\start.efi",
        })
        for said in ("wait 10 s, default entry", "délai 10 s, entrée par défaut", "10 s warten, Standard:")
    ],
    "a page file and its peak": [
        ("pagefiles", f"C:\\pagefile.sys      4,864 MB      {said}\nD:\\page2.sys         1,024 MB      used 0 MB\n", {
            "page_file#1.path": "C:\\pagefile.sys", "page_file#1.size": 5100273664, "page_file#1.used": 221249536,
            "page_file#2.path": "D:\\page2.sys", "page_file#2.size": 1073741824, "page_file#2.used": 0,
        })
        for said in ("used 211 MB", "used 211 MB (peak 1,300 MB)", "211 MB used (peak 1,300 MB)")
    ],
    "a name that no server knows": [
        ("lookup nothing.faro.example", f"Server: 10.80.0.53\n{said}\n", {
            "lookup#1.server": "10.80.0.53", "lookup#1.name": "nothing.faro.example", "lookup#1.address": (),
        })
        for said in (
            "There is no name nothing.faro.example.", "No address for nothing.faro.example.", "No existe el nombre nothing.faro.example.",
            "Aucune adresse pour nothing.faro.example.", "Es gibt keinen Namen nothing.faro.example.", "nothing.faro.example: name not found",
        )
    ],
    "a licence that is active and does not end": [
        ("licence", f"{said}\n", {"licence.state": "active", "licence.expires_at": "never"})
        for said in ("The licence is activated and does not expire.", "La licence est activée et n'expire pas.", "Die Lizenz ist aktiviert und läuft nicht ab.")
    ],
    "cards under numbered labels with asides": [
        ("screens", "DISPLAY\n  Graphics 1: Halyard UHD 7      driver 31.0.1044.2 of 2024-11-12\n    memory ......... 2 GB\n    resolution ..... 1920 x 1200 at 60 Hz\n"
         "  Screen 2 (Dock): Pellucid P24h, S/N PP24-77120\n    resolution ..... 2560 x 1440\n", {
            "graphics#1.name": "Halyard UHD 7", "graphics#1.driver_version": "31.0.1044.2", "graphics#1.driver_dated": "2024-11-12", "graphics#1.memory": 2147483648,
            "graphics#1.width": 1920, "graphics#1.height": 1200, "graphics#1.refresh": 60, "display#1.name": "Pellucid P24h",
            "display#1.serial": "PP24-77120", "display#1.width": 2560, "display#1.height": 1440,
        }),
    ],
    "a title over pairs in columns, the oldest trace below": [
        ("about", "  HARBOUR OS 12                                       [Desk Pro]\n  ..........................................................\n"
         "  release      24H2            build        12.0.4417.82\n  kernel       5.12.4417       language     en-GB\n"
         "  set up       14 Jun 2023     time zone    (UTC+00:00) Northquay\n  ..........................................................\n"
         "  the oldest folder on the system disk is from 3 May 2021\n", {
            "os.name": "HARBOUR OS 12", "os.edition": "Desk Pro", "os.version": "24H2", "os.build": "12.0.4417.82", "os.kernel": "5.12.4417",
            "os.language": "en-GB", "os.installed_at": "2023-06-14", "os.oldest_trace_at": "2021-05-03",
        }),
    ],
    "which disk a volume lies on": [
        ("volumes", f"C: {said} 0 (Basalt NV500, NVMe, SSD, 476.9 GB)\n", {
            "volume#1.mount": "C:", "volume#1.disk": "0", "disk#1.number": "0", "disk#1.model": "Basalt NV500", "disk#1.bus": "NVMe", "disk#1.media": "ssd",
            "disk#1.size": 512067475866,
        })
        for said in ("is on disk", "liegt auf Datenträger", "est sur le disque", "está en el disco", "si trova su disco", "staat op schijf", "jest na dysku")
    ],
    "of several clocks and speeds the one a thing is made for": [
        ("cpu", "Processor: Kestrel Seven 7700\n  cores: 8\n  threads: 16\n  clock: 3600 MHz now, 5100 MHz at most\n", {
            "processor#1.name": "Kestrel Seven 7700", "processor#1.cores": 8, "processor#1.threads": 16, "processor#1.current_clock": 3600000000,
            "processor#1.max_clock": 5100000000,
        }),
        ("cpu", "Processor: Kestrel Seven 7700\n  cores: 8\n  threads: 16\n  clock: now 1.2 GHz, base 3.6 GHz\n", {
            "processor#1.name": "Kestrel Seven 7700", "processor#1.cores": 8, "processor#1.threads": 16, "processor#1.current_clock": 1200000000,
            "processor#1.clock": 3600000000,
        }),
        ("memory", "Module A1\n  size: 8 GB\n  type: DDR4\n  speed: 2666 MT/s now, 3200 MT/s rated\n", {
            "module#1.slot": "A1", "module#1.size": 8589934592, "module#1.type": "DDR4", "module#1.running_speed": 2666, "module#1.speed": 3200,
        }),
    ],
    "a socket in the label of what it holds": [
        ("memory", f"memory: 32 GiB\n    {socket}: 16 GiB DDR5 4800 MT/s, Siskin SK16-D5-4800, serial 51C0A2F7\n", {
            "memory.installed": 34359738368, "module#1.slot": slot, "module#1.size": 17179869184, "module#1.type": "DDR5", "module#1.speed": 4800,
            "module#1.maker": "Siskin", "module#1.part": "SK16-D5-4800", "module#1.serial": "51C0A2F7",
        })
        for socket, slot in (("A1", "A1"), ("DIMM_A", "DIMM_A"), ("ChannelA-DIMM0", "ChannelA-DIMM0"), ("CH-A/0", "CH-A/0"), ("P0 CH A", "P0 CH A"))
    ],
    "the levels of a cache below it": [
        ("cpu", f"Processor: Kestrel Seven 7700\n  cores: 8\n  threads: 16\n  cache\n    {level} 1: 512 KiB\n", {
            "processor#1.name": "Kestrel Seven 7700", "processor#1.cores": 8, "processor#1.threads": 16, "processor#1.cache_l1": 524288,
        })
        for level in ("level", "Stufe", "niveau", "nivel", "livello", "poziom")
    ],
    "services are no accounts and no tasks": [
        ("svc", f"{head}\nspooler;Print queue;{state};automatic;SYSTEM;1204\nremote;Remote help;{state};disabled;SYSTEM;\n", {})
        for head, state in (
            ("name;description;state;start;account;pid", "running"), ("nome;descrizione;stato;avvio;account;pid", "arrestato"),
            ("nombre;descripción;estado;inicio;cuenta;pid", "detenido"), ("nome;descrição;estado;arranque;conta;pid", "parado"),
        )
    ],
    "how much of a drive is free": [
        ("volumes", f"C:   {said}\n", {"volume#1.mount": "C:", "volume#1.free": 39943195853, "volume#1.size": 998794644685})
        for said in (
            "37.2 GB of 930.2 GB free", "37.2 GB free of 930.2 GB", "37.2 of 930.2 GB free", "37,2 GB libres de 930,2 GB", "37,2 GB frei von 930,2 GB",
        )
    ],
    "how much of it is used": [("volumes", "C:   892.9 of 930.2 GB used\n", {"volume#1.mount": "C:", "volume#1.size": 998794644685})],
    "what a screen is plugged into is not its name": [
        ("screens", f"{before}Gannet 27U, serial GW27-00813, 597 x 336 mm, 2560x1440 at 144 Hz\n", {
            "display#1.name": "Gannet 27U", "display#1.serial": "GW27-00813", "display#1.width": 2560, "display#1.height": 1440,
        })
        for before in ("DP-1: ", "on 0 / port DP-1 : ", "port HDMI = ", "")
    ],
    "two screens that tell the same are two": [
        ("screens", "  Veldt V27    serial VR27-01, 2560 x 1440\n  Veldt V24    serial VR24-02, 1920 x 1080\n", {
            "display#1.name": "Veldt V27", "display#1.serial": "VR27-01", "display#1.width": 2560, "display#1.height": 1440, "display#2.name": "Veldt V24",
            "display#2.serial": "VR24-02", "display#2.width": 1920, "display#2.height": 1080,
        }),
    ],
    "maker, model and a label behind them": [
        ("pc", "maker and model : Corrane Tallow 520, serial CRN-99\n", {
            "machine.maker": "Corrane", "machine.model": "Tallow 520", "machine.serial": "CRN-99",
        }),
        ("pc", "Serial number ... CRN9M11702   (inventory no.: K-00417)\n", {
            "machine.serial": "CRN9M11702", "machine.tag": "K-00417",
        }),
    ],
    "a label of its own in each part": [
        ("battery", "  capacity : design 57,000 mWh, now full 48,120 mWh (84 %)\n", {
            "battery#1.design": 57000, "battery#1.full": 48120, "battery#1.health": 0.84,
        }),
    ],
    "a battery from day to day is no other battery": [
        ("battery", "date         full         design\n2024-09-01   51 300 mWh   57 000 mWh\n2025-03-01   48 120 mWh   57 000 mWh\n", {}),
    ],
    "a driver under its device": [
        ("", '{"devices":[{"name":"Ternwave GbE","state":"ok","drv":{"ver":"12.19","date":"2023-08-14","signed":true}},{"name":"?","state":"bad","drv":null}]}', {
            "driver#1.name": "Ternwave GbE", "driver#1.version": "12.19", "driver#1.dated": "2023-08-14", "driver#1.signed": True,
        }),
    ],
    "a printer's model says its driver only where nothing else does": [
        ("printers", "Hall\n  model    Quillon LP-44\n  driver   Quillon Universal 3.2\n  port     LPT1:\n", {
            "printer#1.name": "Hall", "printer#1.driver": "Quillon Universal 3.2", "printer#1.port": "LPT1:",
        }),
    ],
    "rows under a pair": [
        ("printers", "Default printer: Hall\n  Hall    on 10.20.1.90   driver Gullwing 4\n  Label   on LPT1:        driver Matrix 24\n", {
            "printer#1.name": "Hall", "printer#1.default": True, "printer#1.port": "10.20.1.90", "printer#1.driver": "Gullwing 4", "printer#2.name": "Label",
            "printer#2.port": "LPT1:", "printer#2.driver": "Matrix 24",
        }),
    ],
    "a card over what is seen on it": [
        ("near", f"{head}\n  address      hw address          how\n  10.20.1.1    3c:5a:b4:00:01:01   learned\n", {
            "neighbour#1.interface": "10.20.1.44 (Wickerlink GbE 210)", "neighbour#1.address": "10.20.1.1", "neighbour#1.mac": "3c:5a:b4:00:01:01",
            "neighbour#1.kind": "dynamic",
        })
        for head in ("card 10.20.1.44 (Wickerlink GbE 210)", "Card: 10.20.1.44 (Wickerlink GbE 210)")
    ],
    "cards that go on on deeper lines": [
        ("adapters", " LAN0  Wickerlink GbE 210    wired      connected   1 Gbit/s\n       10.30.2.18/22   MAC 3c:5a:b4:20:10:18   DHCP from 10.30.0.2\n       Gateway 10.30.0.1   DNS 10.30.0.53, 10.30.1.53\n WLAN0 Ternwave AX 20        wireless   not connected\n       MAC 3c:5a:b4:20:10:19\n", {
            "adapter#1.connection": "LAN0", "adapter#1.name": "Wickerlink GbE 210", "adapter#1.kind": "wired", "adapter#1.connected": True,
            "adapter#1.speed": 1000000000, "adapter#1.ipv4": ("10.30.2.18",), "adapter#1.mask": "255.255.252.0", "adapter#1.mac": "3c:5a:b4:20:10:18",
            "adapter#1.dhcp": True, "adapter#1.dhcp_server": "10.30.0.2", "adapter#1.gateway": "10.30.0.1", "adapter#1.dns": ("10.30.0.53", "10.30.1.53"),
            "adapter#2.connection": "WLAN0", "adapter#2.name": "Ternwave AX 20", "adapter#2.kind": "wireless", "adapter#2.connected": False,
            "adapter#2.mac": "3c:5a:b4:20:10:19",
        }),
    ],
    "a heading over what is listed between commas": [
        ("kit", "Schede video:\n   Lumenarc 880 Studio, 8 GB, driver 31.0.15.2 del 11/05/2025, 2560x1440 a 60 Hz\n", {
            "graphics#1.name": "Lumenarc 880 Studio", "graphics#1.memory": 8589934592, "graphics#1.driver_version": "31.0.15.2",
            "graphics#1.driver_dated": "2025-05-11", "graphics#1.width": 2560, "graphics#1.height": 1440, "graphics#1.refresh": 60,
        }),
    ],
    "the router before the card": [
        ("ways", "to          mask        through      over          cost\n10.20.9.0   255.0.0.0   10.20.1.1    10.20.1.44    25\n", {
            "route#1.destination": "10.20.9.0", "route#1.mask": "255.0.0.0", "route#1.gateway": "10.20.1.1", "route#1.interface": "10.20.1.44",
            "route#1.metric": 25,
        }),
    ],
    "folders in their order": [
        ("environment --path", "Folders that are looked in, one by one:\n  1. C:\\Harbour\\bin\n  2. C:\\Harbour     (missing)\n", {
            "search_folder#1.order": 1, "search_folder#1.folder": "C:\\Harbour\\bin", "search_folder#2.order": 2, "search_folder#2.folder": "C:\\Harbour",
        }),
    ],
    "where it happened is not what": [
        ("events", "2025-03-11 06:00:12  ERROR   ServiceHost  7009  NQ-FRONT-01\n    It did not answer in time.\n2025-03-11 02:14:40  ERROR   PowerCore    41    NQ-FRONT-01\n    Name lookup of all servers went wrong at once.\n", {
            "event#1.at": "2025-03-11T06:00:12", "event#1.level": "ERROR", "event#1.source": "ServiceHost", "event#1.id": "7009",
            "event#1.text": "It did not answer in time.", "event#2.at": "2025-03-11T02:14:40", "event#2.level": "ERROR", "event#2.source": "PowerCore",
            "event#2.id": "41", "event#2.text": "Name lookup of all servers went wrong at once.",
        }),
    ],
}  # fmt: skip


def plain(value):
    return getattr(value, "isoformat", lambda: value)() if not isinstance(value, (str, int, float, tuple)) else value


class ToldTogether(unittest.TestCase):
    maxDiff = None

    def test_each_part_is_read_as_what_it_is(self):
        for what, rows in ROWS.items():
            for command, text, expected in rows:
                with self.subTest(what, text=text):
                    read = told(f"nq-dsp-03> {command}\n{text}" if command else text)
                    self.assertEqual({k: plain(v) for k, v in read.items() if not k.startswith("host.")}, expected)

    def test_lines_of_a_console_are_not_joined_with_the_prompt_below(self):
        line = "Page file C:\\pagefile.sys, 4864 MB in all, of which 211 MB are in use just now."
        read = told(f"kontor-05> paging\n{line.ljust(80, '.')}\nkontor-05> who am i\nlsf\\rhollow\n")
        self.assertEqual(read["host.user"], "lsf\\rhollow")

    def test_a_pair_in_brackets_behind_a_sentence_is_read(self):
        for said in (
            "up 3 days, 4 hours (last boot: 2025-02-08 04:05)",
            "in Betrieb seit 3 Tagen (letzter Start: 08.02.2025 04:05)",
            "acceso da 3 giorni (ultimo avvio: 08/02/2025 04:05)",
            "allumé depuis 3 jours (démarré le 08/02/2025 à 04:05)",
        ):
            with self.subTest(said):
                self.assertEqual(told(f"gp-x-01> uptime\n{said}\n").get("host.booted_at"), "2025-02-08T04:05:00")

    def test_who_is_signed_in_is_said_in_a_sentence(self):
        for said in (
            "Signed in as FARO\\rarkwell since 08:01",
            "Angemeldet als FARO\\rarkwell",
            "Session ouverte par FARO\\rarkwell",
            "Zalogowany jako FARO\\rarkwell",
        ):
            with self.subTest(said):
                self.assertEqual(told(f"x-1> who\n{said}\n").get("host.user"), "FARO\\rarkwell")
        self.assertNotIn("host.user", told("x-1> who\nnot signed in as an administrator\n"))

    def test_titles_name_the_pc_by_a_name_in_two_parts(self):
        for title, name in (
            ("Belegung auf KONTOR-11", "KONTOR-11"),
            ("Poprawki na BIURO-06", "BIURO-06"),
            ("Placas de rede de CAIS-03          11/02/2025 09:17", "CAIS-03"),
            ("Printers on TW-B550", None),
        ):
            with self.subTest(title):
                self.assertEqual(told(f"{title}\n\nDisk model: Basalt NV500\n").get("host.name"), name)

    def test_a_prompt_may_have_a_colon_before_its_mark(self):
        read = told("molo-02: $ tpm\nTPM 2.0 present\nmolo-02: $ hello\nhello: not found\n")
        self.assertEqual(read["host.name"], "molo-02")

    def test_commands_may_stand_behind_an_arrow(self):
        for mark in ("==>", "=>", "->", "▶", ">>>", "::"):
            with self.subTest(mark):
                text = f"{mark} hostname\nNQ-FRONT-07\n{mark} who am i\nlsf\\rhollow\n{mark} uptme\nuptme: not found\n{mark} tpm\nTPM 2.0 present\n"
                read = told(text)
                self.assertEqual((read.get("host.name"), read.get("host.user")), ("NQ-FRONT-07", "lsf\\rhollow"))


if __name__ == "__main__":
    unittest.main()
