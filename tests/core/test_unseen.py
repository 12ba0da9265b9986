"""Reports in layouts and wordings of other hands, met after the reader was written: what they say, and nothing else.

Each text stands with all that it tells; ``item#n.field`` where the report has several of a thing.
"""

import unittest

from yes_tally.core.reading.reader import read

GIB = 2**30
SCREENS = """gp-hbr-01:~$ screenfacts
Graphics adapters
-----------------
  [1] Lumenarc 440
      vendor ............ Lumenarc
      video memory ...... 4096 MB
      resolution ........ 1920 x 1080 @ 60 Hz
      driver ............ 27.20.100.8681 of 2023-11-02
      state ............. OK
"""
EVENTS = """[root@gp-wks-02 ~]# eventlist --last 2
2026-01-12 08:14:22  ERROR    disk       153   Write to disk 0 was retried.
2026-01-11 17:02:40  ERROR    spooler    372   Out of paper.
"""
PRINTERS = """Druckerliste von nq-dsp-02

Drucker          : Kassenrolle
Anschluss        : USB001
Treiber          : Gullwing Roll
Standarddrucker  : nein

Drucker          : Büro
Anschluss        : 10.20.1.90
Treiber          : Gullwing 4
Standarddrucker  : ja
"""
FIREWALL = """Parefeu
Profil        Etat      Entrant     Sortant
domaine       actif     bloqué      autorisé
public        inactif   autorisé    autorisé

Logiciels installés
Nom : Tideline Ledger
Éditeur : Tideline
Version : 4.2.7
Installé le : 14/06/2024
"""
BOOT = """pc@nq-drw-01:~$ bootlist
Boot entry 0001
  Description: Wire start
  Path: \\wire.efi
Boot entry 0002 (default)
  Description: Harbour OS
  Path: \\EFI\\start.efi
"""
VOLUMES = """Nome do computador: gp-tkt-02
Memória utilizável: 15,8 GB
Volume  Rótulo   Sistema de arquivos  Tamanho    Livre
sys:    Sistema  kelp                 363,3 GiB  158,2 GiB
data:   Dados    kelp                 93,1 GiB   60,0 GiB
Inicialização segura: ativada
"""
SHEET = """== RAM ==
Total:            16 GiB in 2 of 4 slots
DIMM A1:          8 GiB DDR4-2666 Siskin SK08-D4-2666 (S/N 3F10A9C2)
DIMM A2:          empty

== Firmware ==
Vendor:           Lanternworks
Released:         2023-09-04
"""
NET = """Adapter 1: Wickerlink GbE 210 (Quayside LAN)
    Status ........ up, 1 Gbit/s
    MAC ........... 3C-5A-B4-1F-00-1E
    IPv4 .......... 10.21.1.70/24 (DHCP from 10.21.1.2)
    Lease ......... 11.01.2026 08:00 to 15.01.2026 08:00
"""
FRAMED = """+-----------+---------+-------+---------------------+
| Login     | Active  | Admin | Password changed    |
+-----------+---------+-------+---------------------+
| svc-desk  | yes     | yes   | 2025-11-20          |
| guest     | no      | no    | never               |
+-----------+---------+-------+---------------------+
2 accounts
"""
KEYS = """[Firewall.Domain]
Enabled=1
DefaultInbound=Block

[Firewall.Public]
Enabled=0
DefaultInbound=Allow

[volume data:]
label="Data"
size_bytes="100000000000"
"""
CHECKS = """System file check of sys:, 2026-01-10 09:00
The check found no problems.
Errors: 0  Warnings: 2  Notes: 4

Energy diagnosis of gp-wks-02 on 2026-01-10 10:00
1 error(s), 4 warning(s), 12 information(s)
"""
POLISH = "Procesor: Kestrel K5-8420\nRdzenie: 6\nWątki: 12\nBezpieczny rozruch: włączony\nData instalacji: 2024-05-11 09:00\n"
ITALIAN = (
    "Processore: Plover P3-2210, 2 core, 2,40 GHz\nMemoria installata: 16 GB\nStato licenza: attiva\nScadenza: mai\n"
)
DUTCH = "besturingssysteem : Harbour OS 12 Desk Pro\ngeheugen : 16,0 GB (15,8 GB bruikbaar)\nlaatst opgestart : 10-01-2026 07:58\n"
PLIST = '<?xml version="1.0"?>\n<plist version="1.0">\n<dict>\n  <key>TPM Version</key>\n  <string>2.0</string>\n</dict>\n</plist>\n'

TELLS = {
    "screens": (SCREENS, {
        "graphics#1.name": "Lumenarc 440", "graphics#1.maker": "Lumenarc", "graphics#1.memory": 4 * GIB, "graphics#1.width": 1920,
        "graphics#1.height": 1080, "graphics#1.refresh": 60, "graphics#1.driver_version": "27.20.100.8681",
        "graphics#1.driver_dated": "2023-11-02", "graphics#1.state": "OK", "host.name": "gp-hbr-01",
    }),
    "events": (EVENTS, {
        "event#1.at": "2026-01-12T08:14:22", "event#1.level": "ERROR", "event#1.source": "disk", "event#1.id": "153",
        "event#1.text": "Write to disk 0 was retried.", "event#2.at": "2026-01-11T17:02:40", "event#2.level": "ERROR",
        "event#2.source": "spooler", "event#2.id": "372", "event#2.text": "Out of paper.", "host.name": "gp-wks-02",
    }),
    "printers": (PRINTERS, {
        "host.name": "nq-dsp-02", "printer#1.name": "Kassenrolle", "printer#1.port": "USB001", "printer#1.driver": "Gullwing Roll", "printer#1.default": False,
        "printer#2.name": "Büro", "printer#2.port": "10.20.1.90", "printer#2.driver": "Gullwing 4", "printer#2.default": True,
    }),
    "firewall": (FIREWALL, {
        "firewall#1.profile": "domaine", "firewall#1.on": True, "firewall#1.inbound": "block", "firewall#1.outbound": "allow",
        "firewall#2.profile": "public", "firewall#2.on": False, "firewall#2.inbound": "allow", "firewall#2.outbound": "allow",
        "software#1.name": "Tideline Ledger", "software#1.maker": "Tideline", "software#1.version": "4.2.7",
        "software#1.installed_at": "2024-06-14",
    }),
    "boot": (BOOT, {
        "boot_entry#1.id": "0001", "boot_entry#1.name": "Wire start", "boot_entry#1.path": "\\wire.efi", "boot_entry#2.id": "0002",
        "boot_entry#2.name": "Harbour OS", "boot_entry#2.path": "\\EFI\\start.efi", "boot_entry#2.default": True, "host.name": "nq-drw-01",
    }),
    "volumes": (VOLUMES, {
        "host.name": "gp-tkt-02", "memory.usable": 16965120819, "volume#1.mount": "sys:", "volume#1.label": "Sistema",
        "volume#1.filesystem": "kelp", "volume#1.size": 390090404659, "volume#1.free": 169865956557, "volume#2.mount": "data:",
        "volume#2.label": "Dados", "volume#2.filesystem": "kelp", "volume#2.size": 99965363814, "volume#2.free": 64424509440,
        "firmware.secure_boot": True,
    }),
    "sheet": (SHEET, {
        "memory.installed": 16 * GIB, "memory.slots": 4, "module#1.slot": "A1", "module#1.size": 8 * GIB, "module#1.type": "DDR4",
        "module#1.speed": 2666, "module#1.serial": "3F10A9C2", "module#1.maker": "Siskin", "module#1.part": "SK08-D4-2666", "module#2.slot": "A2", "firmware.maker": "Lanternworks", "firmware.dated": "2023-09-04",
    }),
    "net": (NET, {
        "adapter#1.name": "Wickerlink GbE 210", "adapter#1.connection": "Quayside LAN", "adapter#1.connected": True,
        "adapter#1.speed": 10**9, "adapter#1.mac": "3c:5a:b4:1f:00:1e", "adapter#1.ipv4": ("10.21.1.70",),
        "adapter#1.mask": "255.255.255.0", "adapter#1.dhcp": True, "adapter#1.dhcp_server": "10.21.1.2", "adapter#1.lease_from": "2026-01-11T08:00:00",
        "adapter#1.lease_until": "2026-01-15T08:00:00",
    }),
    "framed": (FRAMED, {
        "account#1.name": "svc-desk", "account#1.enabled": True, "account#1.admin": True, "account#1.password_set_at": "2025-11-20",
        "account#2.name": "guest", "account#2.enabled": False, "account#2.admin": False, "account#2.password_set_at": "never",
    }),
    "keys": (KEYS, {
        "firewall#1.profile": "Domain", "firewall#1.on": True, "firewall#1.inbound": "block", "firewall#2.profile": "Public",
        "firewall#2.on": False, "firewall#2.inbound": "allow", "volume#1.mount": "data:", "volume#1.label": "Data", "volume#1.size": 10**11,
    }),
    "checks": (CHECKS, {
        "health_check#1.kind": "system-files", "health_check#1.target": "sys:", "health_check#1.at": "2026-01-10T09:00:00",
        "health_check#1.result": "clean", "health_check#1.errors": 0, "health_check#1.warnings": 2, "health_check#1.notes": 4,
        "health_check#2.kind": "energy", "health_check#2.at": "2026-01-10T10:00:00", "health_check#2.errors": 1,
        "health_check#2.warnings": 4, "health_check#2.notes": 12,
    }),
    "polish": (POLISH, {
        "processor#1.name": "Kestrel K5-8420", "processor#1.cores": 6, "processor#1.threads": 12, "firmware.secure_boot": True,
        "os.installed_at": "2024-05-11T09:00:00",
    }),
    "italian": (ITALIAN, {
        "processor#1.name": "Plover P3-2210", "processor#1.cores": 2, "processor#1.clock": 2_400_000_000, "memory.installed": 16 * GIB,
        "licence.state": "active", "licence.expires_at": "never",
    }),
    "dutch": (DUTCH, {
        "os.name": "Harbour OS 12 Desk Pro", "memory.installed": 16 * GIB, "memory.usable": 16965120819, "host.booted_at": "2026-01-10T07:58:00",
    }),
    "plist": (PLIST, {"security.tpm": "2.0"}),
}  # fmt: skip


class OtherHands(unittest.TestCase):
    maxDiff = None

    def test_each_says_what_it_says_and_nothing_else(self):
        for name, (text, tells) in TELLS.items():
            with self.subTest(name):
                found = {}
                for reading in read(text.encode()).readings:
                    field = reading.fact.partition(".")[2]
                    found[f"{reading.item}.{field}" if reading.item else reading.fact] = reading.value.value
                self.assertEqual(found, tells)

    def test_a_narrow_console_changes_nothing_but_the_lines(self):
        row = "svc-patch  Patching of all the PCs of the office  yes  yes  2025-11-20  administrators, users\n"
        table = (
            f"Account    Full name                              Enabled  Administrator  Password changed  Groups\n{row}"
        )
        wide = "Account    Full name                       Enabled  Administrator  Password changed  Groups of it\n"
        wide += "svc-desk   Desk support                    yes      yes            2025-11-20        administrators\n"
        wide += "icalloway  Ines Calloway                   yes      no             2025-10-02        users\n"
        narrow = "\n".join(line[i : i + 80] for line in wide.splitlines() for i in range(0, len(line), 80)) + "\n"
        told = {(r.fact, r.item, str(r.value.value)) for r in read(wide.encode()).readings}
        again = read(narrow.encode())
        self.assertEqual({(r.fact, r.item, str(r.value.value)) for r in again.readings}, told)
        for reading in again.readings:
            line = narrow.splitlines()[reading.line - 1]
            self.assertEqual(
                line[reading.column - 1 : reading.end_column - 1], reading.printed[: len(line) - reading.column + 1]
            )
        self.assertTrue(read(table.encode()).readings)

    def test_each_section_writes_numbers_its_own_way(self):
        text = "a@pc-1 > equipo\nTamaño del disco: 500,1 GB\nMemoria instalada: 15,9 GB\n\na@pc-1 > about\nmemory (total): 16,211 MB\n"
        found = {r.fact: r.value.value for r in read(text.encode()).readings}
        self.assertEqual(found["memory.usable"], 16211 * 2**20)


if __name__ == "__main__":
    unittest.main()
