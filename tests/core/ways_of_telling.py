"""Small texts, one for each way in which reports tell things, each with all that it tells and nothing else.

Keys are facts, or ``item#n.field`` where a report has several of a thing.
"""

GIB = 2**30

HEADED = {
    "cells right under a heading that numbers a disk": (
        "=== DISK 1 ===\nShale 500   s/n 7Z-0019   firmware CC41   465.76 GiB   7200 rpm\n\nid  what  now\n 5  moved  100\n",
        {
            "disk#1.number": "1",
            "disk#1.model": "Shale 500",
            "disk#1.serial": "7Z-0019",
            "disk#1.firmware": "CC41",
            "disk#1.size": 500105991946,
            "disk#1.media": "hdd",
        },
    ),
    "rows below what counts them": (
        "Maker   Corrane\nModel   Bulwark 2U\nDisks   2\n  0  Shale 4T  SH4T-0001  3.64 TB  good\n  1  Shale 4T  SH4T-0002  3.64 TB  warning\n",
        {
            "machine.maker": "Corrane",
            "machine.model": "Bulwark 2U",
            "disk#1.number": "0",
            "disk#1.model": "Shale 4T",
            "disk#1.serial": "SH4T-0001",
            "disk#1.size": 4002222325105,
            "disk#1.health": "good",
            "disk#2.number": "1",
            "disk#2.model": "Shale 4T",
            "disk#2.serial": "SH4T-0002",
            "disk#2.size": 4002222325105,
            "disk#2.health": "warning",
        },
    ),
    "a name, a number and what is said in brackets head a record": (
        "Disk 2 - Basalt SX120 (SSD, SATA)\n   Serial: BSX1-2001   Firmware: 0A03\n   Health: good\n",
        {
            "disk#1.number": "2",
            "disk#1.model": "Basalt SX120",
            "disk#1.media": "ssd",
            "disk#1.bus": "SATA",
            "disk#1.serial": "BSX1-2001",
            "disk#1.firmware": "0A03",
            "disk#1.health": "good",
        },
    ),
    "a quoted name heads an adapter, which says what it is itself": (
        'Network card "Office wire":\n   Description : Wickerlink GbE 210\n   MAC address : 3c:5a:b4:10:77:e2\n   DHCP : yes\n',
        {
            "adapter#1.connection": "Office wire",
            "adapter#1.name": "Wickerlink GbE 210",
            "adapter#1.mac": "3c:5a:b4:10:77:e2",
            "adapter#1.dhcp": True,
        },
    ),
    "an account by one small word": (
        "Account ferry\n    Full name     Ferry desk\n    Enabled       yes\n    Last logon    never\n",
        {
            "account#1.name": "ferry",
            "account#1.full_name": "Ferry desk",
            "account#1.enabled": True,
            "account#1.last_logon_at": "never",
        },
    ),
    "an empty socket holds no processor": (
        "Processor 1\n   Name   Kestrel K5-8420\n   Cores  6\n   Threads  12\nProcessor 2\n   not fitted\n",
        {
            "processor#1.socket": "1",
            "processor#1.name": "Kestrel K5-8420",
            "processor#1.cores": 6,
            "processor#1.threads": 12,
        },
    ),
}

ROWS = {
    "rows with labels of their own": (
        "bank 0  slot DIMM1  8 GiB  DDR4  2666 MT/s  sn 3F10A9C2\nbank 1  slot DIMM2  -- nothing fitted --\n",
        {
            "module#1.bank": "0",
            "module#1.slot": "DIMM1",
            "module#1.size": 8 * GIB,
            "module#1.type": "DDR4",
            "module#1.speed": 2666,
            "module#1.serial": "3F10A9C2",
            "module#2.bank": "1",
            "module#2.slot": "DIMM2",
        },
    ),
    "names with words in brackets": (
        "## Local accounts\n\n- `harbour` (enabled, administrator)\n- `guest` (disabled)\n",
        {
            "account#1.name": "harbour",
            "account#1.enabled": True,
            "account#1.admin": True,
            "account#2.name": "guest",
            "account#2.enabled": False,
        },
    ),
    "a row with a word where its number belongs is a sum": (
        "Partition  Size     Type\n---------  -------  -----\n1          260 MiB  EFI\nfree       1 MiB\n",
        {"partition#1.number": "1", "partition#1.size": 272629760, "partition#1.kind": "EFI"},
    ),
    "a sentence below a table is none of its rows": (
        "Driver    Version   Date         File\nchimea    6.0.9.1   2021-05-04   chimea.sys\n1 driver without a good signature was found\n",
        {
            "driver#1.name": "chimea",
            "driver#1.version": "6.0.9.1",
            "driver#1.dated": "2021-05-04",
            "driver#1.file": "chimea.sys",
        },
    ),
    "a title ends a table": (
        "Destination    Mask             Gateway      Metric\n0.0.0.0        0.0.0.0          10.20.0.1    25\n"
        "10.99.0.0      255.255.0.0      10.20.0.2    50\nOpen doors\nLISTEN tcp 0.0.0.0:22   guard   pid 841\n",
        {
            "route#1.destination": "0.0.0.0",
            "route#1.mask": "0.0.0.0",
            "route#1.gateway": "10.20.0.1",
            "route#1.metric": 25,
            "route#2.destination": "10.99.0.0",
            "route#2.mask": "255.255.0.0",
            "route#2.gateway": "10.20.0.2",
            "route#2.metric": 50,
            "connection#1.state": "LISTEN",
            "connection#1.protocol": "tcp",
            "connection#1.local": "0.0.0.0:22",
            "connection#1.pid": "841",
        },
    ),
    "numbered things side by side": (
        "           Disk 0         Disk 1\nModel      Basalt NV500   Shale 500\nSerial     B-77           (none)\nHealth     good           failing\nBus        NVMe           SATA\n",
        {
            "disk#1.number": "0",
            "disk#1.model": "Basalt NV500",
            "disk#1.serial": "B-77",
            "disk#1.health": "good",
            "disk#1.bus": "NVMe",
            "disk#2.number": "1",
            "disk#2.model": "Shale 500",
            "disk#2.health": "failing",
            "disk#2.bus": "SATA",
        },
    ),
    "dates in brackets are cells of a list": (
        "Updates fitted:\n  * HU-25009 (2025-02-04) Time zones\n  * HU-23090 (date unknown)\n",
        {
            "update#1.id": "HU-25009",
            "update#1.installed_at": "2025-02-04",
            "update#1.title": "Time zones",
            "update#2.id": "HU-23090",
        },
    ),
    "how many there are, then what each is called": (
        "Host name: nq-1\nUpdates: 2 fitted: HU-24117, HU-25001\naccounts: [office, guest]\n",
        {
            "host.name": "nq-1",
            "update#1.id": "HU-24117",
            "update#2.id": "HU-25001",
            "account#1.name": "office",
            "account#2.name": "guest",
        },
    ),
    "rows that begin with a volume's letter": (
        "Volume D  Maps   HFX2   99.8 GB   free 80.1 GB\n",
        {
            "volume#1.mount": "D:",
            "volume#1.label": "Maps",
            "volume#1.filesystem": "HFX2",
            "volume#1.size": 107159434035,
            "volume#1.free": 86006720102,
        },
    ),
    "local groups are no accounts": ("Local groups (2)\n\n  Staff  : ferry, harbour\n  Users  : guest\n", {}),
}

LISTS = {
    "what is audited, under its category": (
        "Audit policy\n\nCategory: Sign-in\n    Lock-out            Failure\n    Credential check    Success and failure\nCategory: Objects\n    Registry            No auditing\n",
        {
            "policy#1.category": "Sign-in",
            "policy#1.subcategory": "Lock-out",
            "policy#1.records": "failure",
            "policy#2.category": "Sign-in",
            "policy#2.subcategory": "Credential check",
            "policy#2.records": "both",
            "policy#3.category": "Objects",
            "policy#3.subcategory": "Registry",
            "policy#3.records": "none",
        },
    ),
    "sound by its labels": (
        "SOUND\n  Chime Analog ............ working, default\n  Lumen Screen Sound ...... turned off\n",
        {
            "sound#1.name": "Chime Analog",
            "sound#1.state": "working",
            "sound#2.name": "Lumen Screen Sound",
            "sound#2.state": "turned off",
        },
    ),
    "a firewall's profiles in rows": (
        "Firewall:\n  domain   ON    in: block   out: allow\n  public   OFF   in: allow   out: allow\n",
        {
            "firewall#1.profile": "domain",
            "firewall#1.on": True,
            "firewall#1.inbound": "block",
            "firewall#1.outbound": "allow",
            "firewall#2.profile": "public",
            "firewall#2.on": False,
            "firewall#2.inbound": "allow",
            "firewall#2.outbound": "allow",
        },
    ),
    "a form in Markdown": (
        "| Field | Value |\n|:------|------:|\n| Host | NQ-1 |\n| Build | 12.0.4417 |\n| Secure boot | on |\n",
        {"host.name": "NQ-1", "os.build": "12.0.4417", "firmware.secure_boot": True},
    ),
    "a page in two panes": (
        "+--------------------------+-----------+\n| BIOS Version  L52.1.18   | Item help |\n| Total Memory  16384 MB   | Sets it.  |\n"
        "| Asset tag     [       ]  |           |\n| Secure Boot   [Enabled]  |           |\n+--------------------------+-----------+\n",
        {"firmware.version": "L52.1.18", "memory.installed": 16 * GIB, "firmware.secure_boot": True},
    ),
    "a record on one line": (
        "pc:\n  model: {maker: Osmund, model: Fathom M3, serial: OSM-7}\n",
        {"machine.maker": "Osmund", "machine.model": "Fathom M3", "machine.serial": "OSM-7"},
    ),
    "a log with its source in brackets, and one with a colon": (
        "2025-02-04 03:12:09 [patcher] WARN  no answer\n2025-02-04 03:12:10 ERROR patcher: giving up\n",
        {
            "event#1.at": "2025-02-04T03:12:09",
            "event#1.source": "patcher",
            "event#1.level": "WARN",
            "event#1.text": "no answer",
            "event#2.at": "2025-02-04T03:12:10",
            "event#2.source": "patcher",
            "event#2.level": "ERROR",
            "event#2.text": "giving up",
        },
    ),
    "a text that goes on is one text": (
        "Event 1\n  When: 2025-02-10 18:00:47\n  Source: printing\n  Id: 372\n  Text: Not printed:\n        out of paper.\n",
        {
            "event#1.at": "2025-02-10T18:00:47",
            "event#1.source": "printing",
            "event#1.id": "372",
            "event#1.text": "Not printed: out of paper.",
        },
    ),
    "programs, a line each": (
        "Ledgerline 9.3 (Tern & Daughters), installed 2024-06-20, 640 MB\nOld Bookings 2.0.1 (unknown maker) - installed on 2019-03-02\n",
        {
            "software#1.name": "Ledgerline",
            "software#1.version": "9.3",
            "software#1.maker": "Tern & Daughters",
            "software#1.installed_at": "2024-06-20",
            "software#2.name": "Old Bookings",
            "software#2.version": "2.0.1",
            "software#2.installed_at": "2019-03-02",
        },
    ),
    "what is encrypted": (
        "C: locked with a key in the TPM, fully encrypted\nD: not encrypted\nE: unverschlüsselt\n",
        {
            "volume#1.mount": "C:",
            "volume#1.encrypted": True,
            "volume#2.mount": "D:",
            "volume#2.encrypted": False,
            "volume#3.mount": "E:",
            "volume#3.encrypted": False,
        },
    ),
}

VALUES = {
    "how many sockets there are is the name of none": (
        "Processor\n  Name: Kestrel K5-8420\n  Cores: 6\n  Number of sockets: 2, of which 1 used\n",
        {"processor#1.name": "Kestrel K5-8420", "processor#1.cores": 6},
    ),
    "a yes takes a choice": (
        '{"firmware": {"vendor": "Loamgate", "ver": "M3.0.9", "uefi": true}}',
        {"firmware.maker": "Loamgate", "firmware.version": "M3.0.9", "firmware.mode": "uefi"},
    ),
    "what a label denies": (
        '[{"login": "office", "disabled": false, "admin": true, "lastLogin": "never", "neverExpires": true}, {"login": "guest", "disabled": true, "admin": false, "lastLogin": "never", "neverExpires": false}]',
        {
            "account#1.name": "office",
            "account#1.enabled": True,
            "account#1.admin": True,
            "account#1.last_logon_at": "never",
            "account#1.password_expires_at": "never",
            "account#2.name": "guest",
            "account#2.enabled": False,
            "account#2.admin": False,
            "account#2.last_logon_at": "never",
        },
    ),
    "a measure is the name of nothing": (
        "Host name : nq-1\nBattery : 57 000 mWh at first, 212 cycles\nProcessor : Kestrel K5-8420 at 3,20 GHz, 6 cores\n",
        {
            "host.name": "nq-1",
            "battery#1.cycles": 212,
            "processor#1.name": "Kestrel K5-8420",
            "processor#1.clock": 3200000000,
            "processor#1.cores": 6,
        },
    ),
    "activated or not": (
        "Host name : nq-1\nSystem : Harbour OS 12\nActivated : no\nTest : yes\n",
        {"host.name": "nq-1", "os.name": "Harbour OS 12", "licence.state": "inactive"},
    ),
    "a yes or no is no text": ("Registered owner : no\nDomain : false\nHost name : nq-1\n", {"host.name": "nq-1"}),
    "a unit for what stands within": (
        '<memory total="8192" unit="MB"><module slot="A1" size="4096" type="DDR4" serial="11B2"/></memory>',
        {
            "memory.installed": 8 * GIB,
            "module#1.slot": "A1",
            "module#1.size": 4 * GIB,
            "module#1.type": "DDR4",
            "module#1.serial": "11B2",
        },
    ),
    "sectors are no bytes": (
        "Partition  Start (sector)  Size     Type\n1          2048            260 MiB  EFI\n2          974872576       927 MiB  data\n",
        {
            "partition#1.number": "1",
            "partition#1.size": 272629760,
            "partition#1.kind": "EFI",
            "partition#2.number": "2",
            "partition#2.size": 972029952,
            "partition#2.kind": "data",
        },
    ),
    "points between thousands, where the language has them": (
        "Prozesse und ihr Arbeitsspeicher\n\nPID   Name       Benutzer   Speicher\n480   agent      SYSTEM     44.012 K\n",
        {
            "process#1.pid": "480",
            "process#1.name": "agent",
            "process#1.user": "SYSTEM",
            "process#1.memory": 44012 * 1024,
        },
    ),
    "of memory, the part and the whole": (
        "Memory : 3.8 GB usable of 4.0 GB\nHost name : nq-1\n",
        {"memory.usable": round(3.8 * GIB), "memory.installed": 4 * GIB, "host.name": "nq-1"},
    ),
    "which version, not of when": (
        "BIOS : M3.0.9 (07-03-2022)\nHost name : nq-1\n",
        {"firmware.version": "M3.0.9", "firmware.dated": "2022-03-07", "host.name": "nq-1"},
    ),
    "a better known name in brackets": (
        "Kennung (UUID) : 7d1f0a52-93c4-4b1e-a6f8-20c95e1b7799\nRechnername : nq-1\n",
        {"machine.uuid": "7d1f0a52-93c4-4b1e-a6f8-20c95e1b7799", "host.name": "nq-1"},
    ),
    "clocks, each with its word": (
        "Processor : Kestrel K5-8420 (6C/12T)\nSpeed : 3.20 GHz nominal, 4.00 GHz boost, 1.18 GHz right now\nSocket : LGA-S5, stepping C0\n",
        {
            "processor#1.name": "Kestrel K5-8420",
            "processor#1.cores": 6,
            "processor#1.threads": 12,
            "processor#1.clock": 3200000000,
            "processor#1.max_clock": 4000000000,
            "processor#1.current_clock": 1180000000,
            "processor#1.socket": "LGA-S5",
            "processor#1.stepping": "C0",
        },
    ),
    "until when, and how many days are left": (
        "Licence state : active until 2025-03-03\nHost name : nq-1\n",
        {"licence.state": "active", "licence.expires_at": "2025-03-03", "host.name": "nq-1"},
    ),
}

BELOW = {
    "volumes below their disk, one without a letter": (
        "Disco 0  Basalt NV500   465,76 GB  NVMe   saudável\n   C:  Sistema   NFX3   439,2 GB   livres 201,7 GB   cifrado\n   (sem letra)  Arranque  FAT32  260 MB\nDisco 1  Tarnwell USB   58,2 GB   USB    saudável\n",
        {
            "disk#1.number": "0",
            "disk#1.model": "Basalt NV500",
            "disk#1.size": 500105991946,
            "disk#1.bus": "NVMe",
            "disk#1.health": "good",
            "volume#1.mount": "C:",
            "volume#1.label": "Sistema",
            "volume#1.filesystem": "NFX3",
            "volume#1.size": 471587409101,
            "volume#1.free": 216573725901,
            "volume#1.disk": "0",
            "volume#1.encrypted": True,
            "volume#2.label": "Arranque",
            "volume#2.filesystem": "FAT32",
            "volume#2.size": 272629760,
            "volume#2.disk": "0",
            "disk#2.number": "1",
            "disk#2.model": "Tarnwell USB",
            "disk#2.bus": "USB",
            "disk#2.size": 62491774157,
            "disk#2.health": "good",
        },
    ),
    "memory sockets in rows, an empty one among them": (
        "Bank 1   16 GB  DDR4  3200 MT/s  Siskin  SK16-D4-3200  Nr. 7A11C0E4\nBank 2   --\n",
        {
            "module#1.bank": "1",
            "module#1.size": 17179869184,
            "module#1.type": "DDR4",
            "module#1.speed": 3200,
            "module#1.maker": "Siskin",
            "module#1.part": "SK16-D4-3200",
            "module#1.serial": "7A11C0E4",
            "module#2.bank": "2",
        },
    ),
    "a tree drawn with typed branches": (
        "Disk 0: Basalt NV2000 (NVMe, SSD)   1.82 TiB   good\n |-- Partition 1   EFI system   300 MiB\n `-- Partition 2   data         1.81 TiB\n       `-- C:  SYSTEM  HFX3  1.81 TiB, 1.20 TiB free\n",
        {
            "disk#1.number": "0",
            "disk#1.model": "Basalt NV2000",
            "disk#1.bus": "NVMe",
            "disk#1.media": "ssd",
            "disk#1.size": 2001111162552,
            "disk#1.health": "good",
            "partition#1.number": "1",
            "partition#1.kind": "EFI system",
            "partition#1.size": 314572800,
            "partition#1.disk": "0",
            "partition#2.disk": "0",
            "partition#2.number": "2",
            "partition#2.kind": "data",
            "partition#2.size": 1990116046275,
            "volume#1.mount": "C:",
            "volume#1.label": "SYSTEM",
            "volume#1.filesystem": "HFX3",
            "volume#1.size": 1990116046275,
            "volume#1.free": 1319413953331,
            "volume#1.disk": "0",
        },
    ),
    "updates under headings of what waits and what failed": (
        "Updates\n * HU-24117  2024-12-04  Winter roll-up\n * HU-25006  2025-01-15  Printing fix\nPending (1):\n * HU-25012              Spring roll-up\nFailed (1):\n * HU-25010  2025-02-06  Sound driver        error 0x41c\n",
        {
            "update#1.id": "HU-24117",
            "update#1.installed_at": "2024-12-04",
            "update#1.title": "Winter roll-up",
            "update#2.id": "HU-25006",
            "update#2.installed_at": "2025-01-15",
            "update#2.title": "Printing fix",
        },
    ),
    "checks in boxes": (
        "$ check all\n┌─ System files ───────────┐\n│ result    repaired       │\n│ errors    2              │\n└──────────────────────────┘\n┌─ Disk C: ────────────────┐\n│ result    no problems    │\n└──────────────────────────┘\n",
        {
            "health_check#1.kind": "system-files",
            "health_check#1.result": "repaired",
            "health_check#1.errors": 2,
            "health_check#2.kind": "disk",
            "health_check#2.target": "C:",
            "health_check#2.result": "clean",
        },
    ),
    "a drive in a heading is what was checked, after a check": (
        "== Systemdateien\nErgebnis: repariert\nFehler: 2\n\n== Laufwerk C:\nErgebnis: keine Probleme\n",
        {
            "health_check#1.kind": "system-files",
            "health_check#1.result": "repaired",
            "health_check#1.errors": 2,
            "health_check#2.kind": "disk",
            "health_check#2.target": "C:",
            "health_check#2.result": "clean",
        },
    ),
    "a search path over two lines": (
        "PATH = C:\\Harbour\\bin;C:\\Harbour;\n       C:\\Quaymaster\nTEMP = C:\\Temp\n",
        {
            "variable#1.name": "PATH",
            "variable#1.value": "C:\\Harbour\\bin;C:\\Harbour;C:\\Quaymaster",
            "search_folder#1.order": 1,
            "search_folder#1.folder": "C:\\Harbour\\bin",
            "search_folder#2.order": 2,
            "search_folder#2.folder": "C:\\Harbour",
            "search_folder#3.order": 3,
            "search_folder#3.folder": "C:\\Quaymaster",
            "variable#2.name": "TEMP",
            "variable#2.value": "C:\\Temp",
        },
    ),
    "a lease and who gave it beside a yes": (
        '(1) "Quay"     Wickerlink GbE 210\n      state    connected, 1 Gbit/s\n      MAC      3c:5a:b4:61:20:07\n      DHCP     yes (10.20.0.5), until 2025-03-14 08:00\n',
        {
            "adapter#1.connection": "Quay",
            "adapter#1.name": "Wickerlink GbE 210",
            "adapter#1.connected": True,
            "adapter#1.speed": 1000000000,
            "adapter#1.mac": "3c:5a:b4:61:20:07",
            "adapter#1.dhcp": True,
            "adapter#1.dhcp_server": "10.20.0.5",
            "adapter#1.lease_until": "2025-03-14T08:00:00",
        },
    ),
    "dots that lead from cell to cell": (
        "$ programs\nQuaymaster ....... 9.1.3371 ... Lantern Sound Ferries ... 2025-02-03\nTidebook Reader .. 2.0 ........ (unknown) ............... -\n",
        {
            "software#1.name": "Quaymaster",
            "software#1.version": "9.1.3371",
            "software#1.maker": "Lantern Sound Ferries",
            "software#1.installed_at": "2025-02-03",
            "software#2.name": "Tidebook Reader",
            "software#2.version": "2.0",
        },
    ),
    "a charge is no health": (
        "Battery 0\n  Name: Morvan MB-50\n  Charge level: 64 %\n  Wear: 12 %\n  Cycles: 421\n",
        {"battery#1.name": "Morvan MB-50", "battery#1.cycles": 421},
    ),
    "whom the command asks": (
        "pc-1> echo 10.20.8.1\n4 sent, 4 came back, 0 lost; 1/2/4 ms (min/avg/max)\n",
        {
            "host.name": "pc-1",
            "reach#1.target": "10.20.8.1",
            "reach#1.sent": 4,
            "reach#1.received": 4,
            "reach#1.lost": 0,
            "reach#1.best": 0.001,
            "reach#1.average": 0.002,
            "reach#1.worst": 0.004,
        },
    ),
    "a picture is no build and no state": (
        "Graphics card 1\n  Name: Pellucid G4\n  Stand: 2560 x 1440 x 32 bits @ 75 Hz\n",
        {"graphics#1.name": "Pellucid G4"},
    ),
    "an error is nobody's name": (
        "pc-1> disks --smart 3\ndisks: Disk 3 is out of reach for now\n",
        {"host.name": "pc-1"},
    ),
    "drives by number are disks, and their partitions their own": (
        "Unidad 0: Basalt NV1000, SSD NVMe, 931,5 GB\n    Salud        : buena\n    Particiones  : 2\n        1  EFI         260 MB\n        2  C:        931,2 GB  NFX3  (612,0 GB libres)\n\nUnidad 1: Shale 2T, disco duro SATA a 5400 rpm, 1,82 TB\n    Salud        : en riesgo\n    Particiones  : 1\n        1  D:         1,82 TB  NFX3\n",
        {
            "disk#1.number": "0",
            "disk#1.model": "Basalt NV1000",
            "disk#1.media": "nvme",
            "disk#1.bus": "NVMe",
            "disk#1.size": 1000190509056,
            "disk#1.health": "good",
            "partition#1.number": "1",
            "partition#1.kind": "EFI",
            "partition#1.size": 272629760,
            "partition#1.disk": "0",
            "volume#1.mount": "C:",
            "volume#1.size": 999868386509,
            "volume#1.filesystem": "NFX3",
            "volume#1.free": 657129996288,
            "volume#1.disk": "0",
            "disk#2.number": "1",
            "disk#2.model": "Shale 2T",
            "disk#2.media": "hdd",
            "disk#2.bus": "SATA",
            "disk#2.size": 2001111162552,
            "disk#2.health": "warning",
            "volume#2.mount": "D:",
            "volume#2.size": 2001111162552,
            "volume#2.disk": "1",
            "volume#2.filesystem": "NFX3",
        },
    ),
    "by its letter, of each drive": (
        "Firewall: on\nEncryption: C: yes, D: no\nFree space: C: 20.5 GB; D: 410 GB\n",
        {
            "firewall#1.on": True,
            "volume#1.mount": "C:",
            "volume#1.encrypted": True,
            "volume#2.mount": "D:",
            "volume#2.encrypted": False,
            "volume#1.free": 22011707392,
            "volume#2.free": 440234147840,
        },
    ),
    "a licence in brackets behind its state": (
        "Aktywacja .............. aktywny na stałe (licencja zbiorcza, klucz kończy się na 7QX2M)\nWydanie ................ 24B\n",
        {"licence.state": "active", "licence.channel": "volume", "licence.key_tail": "7QX2M"},
    ),
    "two labels in one, the second's value in brackets": (
        "Vendor ............. Tallis Firmware\nVersion / date ..... 3.14.0  (2024-09-30)\n",
        {"firmware.maker": "Tallis Firmware", "firmware.version": "3.14.0", "firmware.dated": "2024-09-30"},
    ),
    "a switch is nobody's name": (
        "Windlass processes: no\nEthernet 1     UP   1000 Mb/s\n",
        {"adapter#1.speed": 1000000000},
    ),
    "a total among sockets is what is installed": (
        "Memory: 4 sockets, 2 filled, 64 GB in all\n",
        {"memory.slots": 4, "memory.installed": 68719476736},
    ),
    "a total in German, and what is free": (
        "RAM: 4 Steckplätze, 2 belegt, insgesamt 64 GB, 41,2 GB frei\n",
        {"memory.slots": 4, "memory.installed": 68719476736, "memory.available": 44238163149},
    ),
    "a prefix is a mask": (
        '{"net": [{"name": "Wickerlink GbE 210", "ipv4": "10.20.4.31", "prefix": 22}]}\n',
        {"adapter#1.name": "Wickerlink GbE 210", "adapter#1.ipv4": ("10.20.4.31",), "adapter#1.mask": "255.255.252.0"},
    ),
    "dots for what is left out are no mark": (
        "licence: licensed, volume, key ...4PV9C\n",
        {"licence.state": "active", "licence.channel": "volume", "licence.key_tail": "4PV9C"},
    ),
    "cores and threads in small letters": (
        "cpu: Fathom M5-8400, 6c/12t, 2.80 GHz\n",
        {
            "processor#1.name": "Fathom M5-8400",
            "processor#1.cores": 6,
            "processor#1.threads": 12,
            "processor#1.clock": 2800000000,
        },
    ),
    "threads of each core": (
        "Processor\n  cores     8, each with 2 threads\n  caches    L1 512 KiB / L2 4 MiB / L3 16 MiB\n",
        {
            "processor#1.cores": 8,
            "processor#1.threads": 16,
            "processor#1.cache_l1": 524288,
            "processor#1.cache_l2": 4194304,
            "processor#1.cache_l3": 16777216,
        },
    ),
    "threads per core in brackets": (
        "Processor 2\n  cores    6 (2 threads per core)\n",
        {"processor#1.socket": "2", "processor#1.cores": 6, "processor#1.threads": 12},
    ),
    "a label whose brackets list three": (
        "Processor 5\n  cores                 4\n  threads per core      2\n  cache (L1/L2/L3)      512 KiB / 4 MiB / 16 MiB\n",
        {
            "processor#1.socket": "5",
            "processor#1.cores": 4,
            "processor#1.cache_l1": 524288,
            "processor#1.cache_l2": 4194304,
            "processor#1.cache_l3": 16777216,
        },
    ),
    "several processors with threads each": (
        "CPU    2 x Kestrel S2-6430 (16 cores, 32 threads each, 2.60 GHz)\n",
        {
            "processor#1.name": "Kestrel S2-6430",
            "processor#1.cores": 16,
            "processor#1.threads": 32,
            "processor#1.clock": 2600000000,
        },
    ),
    "a question names nothing": (
        "How many processors?     1 (Kestrel K5-8420, 6 cores / 12 threads)\n",
        {"processor#1.cores": 6, "processor#1.threads": 12},
    ),
    "the licence of another program": (
        "PC> licence --office\nLicence of the office suite\n  State      trial\n  Expires    2025-05-01\n\nPC> licence\nLicence of this PC\n  State      active\n",
        {"licence.state": "active"},
    ),
    "a point between thousands in a section that names files": (
        "Caricatore d'avvio\nidentificatore    {bootmgr}\ndescrizione       Gestore di avvio\n\nGP-BIG-01> paging\nFile di paging      C:\\pagefile.sys\n  dimensione        4.864 MB\n",
        {
            "boot_entry#1.id": "{bootmgr}",
            "boot_entry#1.name": "Gestore di avvio",
            "host.name": "GP-BIG-01",
            "page_file#1.path": "C:\\pagefile.sys",
            "page_file#1.size": 5100273664,
        },
    ),
    "a command that asks for one fact": (
        "$ product-id\nHOS12-DP-0044-92281\n$ whoami\nicalloway\n$ kernel\n6.8.2-hb #1 SMP\n$ uptime\nup 3 days, 4:12, 2 users\n",
        {"os.product_id": "HOS12-DP-0044-92281", "host.user": "icalloway", "os.kernel": "6.8.2-hb"},
    ),
    "a moment heads an event": (
        "journal\n\n[1] 2025-03-13 22:14:09   error\n    source   volume-guard\n    event    117\n13.03.2025 22:13:58:\n    level    error\n    source   disk-port\n    event    11\n",
        {
            "event#1.at": "2025-03-13T22:14:09",
            "event#1.level": "error",
            "event#1.source": "volume-guard",
            "event#1.id": "117",
            "event#2.at": "2025-03-13T22:13:58",
            "event#2.level": "error",
            "event#2.source": "disk-port",
            "event#2.id": "11",
        },
    ),
    "a label with a number whose value says the kind": (
        'Handle 0x0002, type 2: board\n    maker: "Fennimore"\n    product: "FB-900"\nHandle 0x0010, type 17: memory device\n    slot: "A1"\n    size: 32 GB\nHandle 0x0011, type 17: memory device\n    slot: "A2"\n    size: no module installed\n',
        {
            "board.maker": "Fennimore",
            "board.model": "FB-900",
            "module#1.slot": "A1",
            "module#1.size": 34359738368,
            "module#2.slot": "A2",
        },
    ),
    "a title beside the PC's name": (
        "printers and sound        host: nq-acc-07\n\n* Hall printer     port 10.20.1.90    driver Gullwing 4\n  Label writer     port USB001        driver Dovecot LW\n",
        {
            "host.name": "nq-acc-07",
            "printer#1.default": True,
            "printer#1.name": "Hall printer",
            "printer#1.port": "10.20.1.90",
            "printer#1.driver": "Gullwing 4",
            "printer#2.name": "Label writer",
            "printer#2.port": "USB001",
            "printer#2.driver": "Dovecot LW",
        },
    ),
    "volumes by where they are mounted": (
        "--- volumes ---\n  /home        118.2 GiB    41.9 GiB free   on nvme0 part 2   encrypted\n  /mnt/share   1.8 TiB     900.1 GiB free   from fs1:/pub\n",
        {
            "volume#1.mount": "/home",
            "volume#1.size": 126916283597,
            "volume#1.free": 44989782426,
            "volume#1.disk": "nvme0 part 2",
            "volume#1.encrypted": True,
            "volume#2.mount": "/mnt/share",
            "volume#2.size": 1979120929997,
            "volume#2.free": 966475015782,
        },
    ),
    "disks by what a kernel calls them": (
        "--- block devices ---\nnvme0   Basalt NV500     serial BNV5K1190007   465.8 GiB   nvme   healthy, 3 % worn\nsda     Shale 2T         serial SH2T-88120     1.8 TiB     sata   5400 rpm\n",
        {
            "disk#1.bus": "nvme",
            "disk#1.model": "Basalt NV500",
            "disk#1.serial": "BNV5K1190007",
            "disk#1.size": 500148941619,
            "disk#1.health": "good",
            "disk#2.model": "Shale 2T",
            "disk#2.serial": "SH2T-88120",
            "disk#2.size": 1979120929997,
            "disk#2.bus": "sata",
            "disk#2.media": "hdd",
        },
    ),
    "updates and their days below what counts them": (
        "Updates ................ 2\n                         HU-21044 vom 20.08.2021\n                         HU-22107 vom 11.05.2022\n",
        {
            "update#1.id": "HU-21044",
            "update#1.installed_at": "2021-08-20",
            "update#2.id": "HU-22107",
            "update#2.installed_at": "2022-05-11",
        },
    ),
    "of what stands above": (
        "Arbeitsspeicher ........ 8,0 GB in 1 von 2 Steckplätzen\n  davon nutzbar ........ 7,9 GB\n  davon frei ........... 3.211 MB\n  höchstens ............ 32 GB\n",
        {
            "memory.installed": 8589934592,
            "memory.slots": 2,
            "memory.usable": 8482560410,
            "memory.available": 3366977536,
            "memory.limit": 34359738368,
        },
    ),
    "what a firmware cannot": (
        "Firmware ............... Loamgate L31.0.4 vom 02.02.2022, Legacy (kein UEFI)\nSicherer Start ......... nicht möglich\nVirtualisierung ........ in der Firmware abgeschaltet\n",
        {
            "firmware.version": "L31.0.4",
            "firmware.maker": "Loamgate",
            "firmware.dated": "2022-02-02",
            "firmware.mode": "legacy",
            "firmware.secure_boot": False,
            "security.virtualisation": False,
        },
    ),
    "profiles in one line, called profiles": (
        "Pare-feu : profil domaine activé, profil privé activé, profil public désactivé\n",
        {
            "firewall#1.profile": "domaine",
            "firewall#1.on": True,
            "firewall#2.profile": "privé",
            "firewall#2.on": True,
            "firewall#3.profile": "public",
            "firewall#3.on": False,
        },
    ),
    "a password's clauses in Polish": (
        "Konta\n\nmwrona (bez nazwy)\n    włączone : tak\n    hasło : wymagane, zmienione 03.02.2025, nigdy nie wygasa\n    administrator : nie\n",
        {
            "account#1.name": "mwrona",
            "account#1.enabled": True,
            "account#1.password_required": True,
            "account#1.password_set_at": "2025-02-03",
            "account#1.password_expires_at": "never",
            "account#1.admin": False,
        },
    ),
    "a system, its version and build in brackets": (
        "Harbour OS 12 Desk Pro (12.0, build 12.0.4417.82, x86-64, en-GB), set up 2024-06-14\n",
        {
            "os.name": "Harbour OS 12 Desk Pro",
            "os.version": "12.0",
            "os.build": "12.0.4417.82",
            "os.architecture": "x86-64",
            "os.installed_at": "2024-06-14",
        },
    ),
}

ECHOES = {
    "de": "Frage lantern-srv [10.20.0.9]\nGesendet = 4, Empfangen = 3, Verloren = 1\nMinimum = 1 ms, Maximum = 2 ms, Mittelwert = 1 ms\n",
    "fr": "Appel de lantern-srv [10.20.0.9]\nEnvoyés = 4, reçus = 3, perdus = 1\nMinimum = 1 ms, maximum = 2 ms, moyenne = 1 ms\n",
    "es": "Eco a lantern-srv [10.20.0.9]\nEnviados = 4, recibidos = 3, perdidos = 1\nMínimo = 1 ms, máximo = 2 ms, media = 1 ms\n",
    "pt": "Eco para lantern-srv [10.20.0.9]\nEnviados = 4, recebidos = 3, perdidos = 1\nMínimo = 1 ms, máximo = 2 ms, média = 1 ms\n",
    "it": "Eco a lantern-srv [10.20.0.9]\nInviati = 4, ricevuti = 3, persi = 1\nMinimo = 1 ms, massimo = 2 ms, medio = 1 ms\n",
    "nl": "Vraag aan lantern-srv [10.20.0.9]\nVerzonden = 4, ontvangen = 3, verloren = 1\nMinimum = 1 ms, maximum = 2 ms, gemiddelde = 1 ms\n",
    "pl": "Pytanie do lantern-srv [10.20.0.9]\nWysłane = 4, odebrane = 3, utracone = 1\nMinimum = 1 ms, maksimum = 2 ms, średnia = 1 ms\n",
}
