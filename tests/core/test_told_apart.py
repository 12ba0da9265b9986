"""What stands near a fact and is none of it: one text a row, and all that is read of it."""

import unittest

from tests.core.readings import told

ROWS = {
    "a table of caches is one processor's": [
        ("cpuview", "CPU: Kestrel K7-9750\n\n   cache       per core       total     ways\n   L1 data        32 KB      256 KB        8\n"
         "   L1 code        32 KB      256 KB        8\n   L2            256 KB     2048 KB        4\n   L3                 -    12288 KB       16\n", {
            "processor#1.name": "Kestrel K7-9750", "processor#1.cache_l2": 2048 * 1024, "processor#1.cache_l3": 12288 * 1024,
        }),
        ("cpuview", "CPU: Kestrel K7-9750\n  Cache    Size      Line\n  L1       512 KB    64\n  L2       2048 KB   64\n  L3       12 MB     64\n", {
            "processor#1.name": "Kestrel K7-9750", "processor#1.cache_l1": 512 * 1024, "processor#1.cache_l2": 2048 * 1024, "processor#1.cache_l3": 12 * 1024**2,
        }),
        ("prozessor", "Prozessor: Kestrel K7-9750\n\nStufe     Art      Gesamt    Wege\nStufe 2   gem.     2048 KB   4\nStufe 3   gem.     12 MB     16\n", {
            "processor#1.name": "Kestrel K7-9750", "processor#1.cache_l2": 2048 * 1024, "processor#1.cache_l3": 12 * 1024**2,
        }),
        # Of one core, or of nobody knows how many.
        ("cpuview", "CPU: Kestrel K7-9750\n\n   cache    per core    ways   shared by\n   L2       256 KB      4      512 KB\n   L3       1 MB        16     12 MB\n", {
            "processor#1.name": "Kestrel K7-9750",
        }),
    ],
    "who made the device did not provide its driver": [
        ("drivers", "Device:        Wickerlink GbE 210\nManufacturer:  Wickerlink\nProvider:      Harbour Hardware Lab\nVersion:       12.19.2.45\n\n"
         "Device:        Label Printer\nManufacturer:  Quillon\nVersion:       1.0\n", {
            "driver#1.name": "Wickerlink GbE 210", "driver#1.provider": "Harbour Hardware Lab", "driver#1.version": "12.19.2.45",
            "driver#2.name": "Label Printer", "driver#2.provider": "Quillon", "driver#2.version": "1.0",
        }),
        ("treiber", "Gerät;Hersteller;Treiberversion;Anbieter\nWickerlink GbE 210;Wickerlink;12.19.2.45;Wickerlink Ltd\nTernwave AX 20;Ternwave;22.190.0.4;Harbour\n", {
            "driver#1.name": "Wickerlink GbE 210", "driver#1.provider": "Wickerlink Ltd", "driver#1.version": "12.19.2.45",
            "driver#2.name": "Ternwave AX 20", "driver#2.provider": "Harbour", "driver#2.version": "22.190.0.4",
        }),
    ],
    "how many there are is no name": [
        (command, f"{said}\n", {})
        for command, said in (
            ("gfx", "Screens: 3 (one of them off)"), ("printers", "Printers: 3 set up"), ("ecrans", "Écrans : 3 (dont 1 éteint)"), ("gfx", "Monitors : 2 connected"),
        )
    ],
    "a title with brackets is no task": [
        ("harmonogram", "Zadania zaplanowane na komputerze BIURO-KASA-01 (stan na 12.02.2025 07:55)\n\n[1/2] \\Serwis\\Kopia\n   jako: SYSTEM\n   stan: gotowe\n"
         "[2/2] \\Serwis\\Stare\n   jako: SYSTEM\n   stan: gotowe\n", {
            "task#1.name": "\\Serwis\\Kopia", "task#1.user": "SYSTEM", "task#1.state": "gotowe",
            "task#2.name": "\\Serwis\\Stare", "task#2.user": "SYSTEM", "task#2.state": "gotowe",
        }),
    ],
    "rules of a firewall are none of its profiles": [
        ("firewall rules --active", " 1  Bollard agent (TCP 9100)\n      direction: in     action: allow     profile: domain\n      program: C:\\Bollard\\agent.exe\n", {}),
        ("muralha regras --ativas", " 1  Agente Bollard\n      sentido: entrada     ação: permitir     perfil: domínio\n      programa: C:\\Bollard\\agente.exe\n", {}),
    ],
    "shared memory is none of the card's": [
        ("gfx", "Card 1\n   Name            Corvid Stratus 4\n   Memory          4,096 MB\n   Shared memory   up to 7.9 GB\n", {
            "graphics#1.name": "Corvid Stratus 4", "graphics#1.memory": 4 * 1024**3,
        }),
    ],
    "the slot of a card is none of the memory's": [
        ("gpu", '{"video": [{"slot": 1, "product": "Corvid Stratus 4", "ram": "8192 MiB"}, {"slot": 0, "product": "Loamgate Vista 610"}]}\n', {
            "graphics#1.name": "Corvid Stratus 4", "graphics#1.memory": 8 * 1024**3, "graphics#2.name": "Loamgate Vista 610",
        }),
    ],
    "nobody made it": [
        ("noise", "sound devices\n  Murmur HD Audio       made by Murmur        working\n  Headset (bluetooth)   made by -             not connected\n", {
            "sound#1.name": "Murmur HD Audio", "sound#1.maker": "Murmur", "sound#1.state": "working", "sound#2.name": "Headset (bluetooth)", "sound#2.state": "not connected",
        }),
    ],
    "a processor's lines that tell nothing": [
        ("cpuview", "   Kestrel K7-9750\n   family 6, model 158, stepping 10        code name \"Fulmar\"\n   8 cores / 16 threads                    hyperthreading is on\n"
         "   base 3.60 GHz, at most 4.90 GHz, now 1.20 GHz\n   bus 100 MHz x 12\n   voltage 0.82 V     temperature 41 °C\n", {
            "processor#1.name": "Kestrel K7-9750", "processor#1.stepping": "10", "processor#1.cores": 8, "processor#1.threads": 16,
            "processor#1.clock": 3_600_000_000, "processor#1.max_clock": 4_900_000_000, "processor#1.current_clock": 1_200_000_000,
        }),
    ],
    "a check is told by its command alone": [
        (command, f"{said}\n", {"health_check#1.kind": kind, "health_check#1.errors": 1, "health_check#1.warnings": 4})
        for command, said, kind in (
            ("energy --diagnose 60", "Finished: 1 error, 4 warnings.", "energy"), ("rapporto-energia --diagnosi 60", "Terminato: 1 errore, 4 avvisi.", "energy"),
            ("disk --check D:", "Done: 1 error, 4 warnings.", "disk"), ("bateria --diagnostico", "Terminado: 1 error, 4 avisos.", "energy"),
        )
    ],
    "the tool that made the report is no part of the PC": [
        ("basis", '{"tool": "basis", "version": "3.4", "system": {"host": "gp-acc-11", "edition": "Desk Pro"}}', {"os.edition": "Desk Pro"}),
        ("basis", '{"tool": {"name": "basis", "version": "3.4"}, "system": {"edition": "Desk Pro"}}', {"os.edition": "Desk Pro"}),
        ("stato", "Strumento: basis\nVersione: 3.4\nEdizione: Desk Pro\n", {"os.edition": "Desk Pro"}),
    ],
    "a program's licence below the system's": [
        (command, f"{system}: Harbour OS 12 Studio\n{key}: 7QK4T\n\n{program}: Quillwork Suite 9\n{key}: M2VX9\n", {"os.name": "Harbour OS 12 Studio", "licence.key_tail": "7QK4T"})
        for command, system, program, key in (
            ("licence", "Operating system", "Office suite", "Key ends in"), ("lizenz", "Betriebssystem", "Büropaket", "Schlüssel endet auf"),
            ("licencia", "Sistema operativo", "Paquete de oficina", "La clave acaba en"),
        )
    ],
    "of memory a record of one slot is a module's": [
        ("basis", '{"memory": {"totalBytes": 17179869184, "slots": [{"slot": "A1", "bytes": 17179869184, "type": "DDR4", "mtps": 3200}, {"slot": "B1", "bytes": 0}]}}', {
            "memory.installed": 16 * 1024**3, "module#1.slot": "A1", "module#1.size": 16 * 1024**3, "module#1.type": "DDR4", "module#1.speed": 3200, "module#2.slot": "B1", "module#2.size": 0,
        }),
    ],
    "how many sockets there are is the name of none": [
        (command, f"{said}\n", facts)
        for command, said, facts in (
            ("modules", "Slots: 4 (3 used)", {"memory.slots": 4}), ("modules", "Slots: 3 of 4 in use", {"memory.slots": 4}),
            ("modules", "Slots : 4, 3 of them in use - maximum 64 GB", {"memory.slots": 4, "memory.limit": 64 * 1024**3}),
            ("barrettes", "Emplacements : 4, dont 3 occupés — maximum 64 Go", {"memory.slots": 4, "memory.limit": 64 * 1024**3}),
        )
    ],
    "parts of a disk and the volumes on them in one table": [
        ("discos", "Disco 0: Basalt NV500 (NVMe, SSD)\n  Serie BNV5K0091180, firmware 4B2QBN11, 500 107 862 016 bytes (465,76 GB)\n  Salud: con avisos - 3 % de desgaste\n\n"
         "    Nº  Tipo         Tamaño      Letra  Etiqueta   Sistema  Libre\n    1   Sistema EFI  100 MB      -      -          FAT32    71 MB\n"
         "    2   Básica       464,5 GB    C      SISTEMA    HFX2     188 GB\n", {
            "disk#1.number": "0", "disk#1.model": "Basalt NV500", "disk#1.bus": "NVMe", "disk#1.media": "ssd", "disk#1.serial": "BNV5K0091180", "disk#1.firmware": "4B2QBN11",
            "disk#1.size": 500_107_862_016, "disk#1.health": "warning", "partition#1.number": "1", "partition#1.disk": "0", "partition#1.kind": "Sistema EFI",
            "partition#1.size": 100 * 1024**2, "partition#2.number": "2", "partition#2.disk": "0", "partition#2.kind": "Básica", "partition#2.size": 464.5 * 1024**3,
            "volume#1.mount": "C", "volume#1.disk": "0", "volume#1.label": "SISTEMA", "volume#1.filesystem": "HFX2", "volume#1.free": 188 * 1024**3,
        }),
    ],
    "what a record is of is none of its fields": [
        ("sheet", '{"kind":"volume","letter":"C:","label":"SYSTEM","fs":"HFX2"}\n{"kind":"volume","letter":"D:","label":"DATA","fs":"HFX2"}\n', {
            "volume#1.mount": "C:", "volume#1.label": "SYSTEM", "volume#1.filesystem": "HFX2", "volume#2.mount": "D:", "volume#2.label": "DATA", "volume#2.filesystem": "HFX2",
        }),
    ],
    "what was refused, and the head of two columns, tell nothing": [
        ("sheet", "| Part | Details |\n|------|---------|\n| Machine | Corrane Tallow 720 |\n| Board | Loamgate LG-B760 |\n\n- licence server: access denied\n", {
            "machine.model": "Corrane Tallow 720", "board.maker": "Loamgate", "board.model": "LG-B760",
        }),
        ("licence", "Licence server: timed out after 10 s\nKey ends in: 7QK4T\n", {"licence.key_tail": "7QK4T"}),
        ("licence", "Servidor de licencias: acceso denegado\nLa clave acaba en: 7QK4T\n", {"licence.key_tail": "7QK4T"}),
    ],
    "verdicts before checks are none of their words": [
        ("checkup", "[ ok ] volume C: ............... no errors\n[FAIL] volume E: ............... 2 errors, left as they are\n[ -- ] energy .................. not run\n[warn] memory .................. 1 error\n", {
            "health_check#1.kind": "disk", "health_check#1.target": "C:", "health_check#1.result": "clean", "health_check#2.kind": "disk", "health_check#2.target": "E:",
            "health_check#2.errors": 2, "health_check#3.kind": "memory", "health_check#3.errors": 1,
        }),
    ],
    "a pair of 79 signs is not cut": [
        ("rede", "  Placa            Ternwave GE 210\n  DHCP             ativo, servidor 10.44.2.2, concessão até 01/12/2026 08:00\n  Endereço         10.44.2.77  máscara 255.255.255.0\n"
         "  Porta de ligação 10.44.2.1\n", {
            "adapter#1.name": "Ternwave GE 210", "adapter#1.dhcp": True, "adapter#1.dhcp_server": "10.44.2.2", "adapter#1.lease_until": "2026-12-01T08:00:00",
            "adapter#1.ipv4": ("10.44.2.77",), "adapter#1.mask": "255.255.255.0", "adapter#1.gateway": "10.44.2.1",
        }),
    ],
    "the PC's own name is no part of its model": [
        ("brief", "PC      x-1 Corrane Tallow 14       S/N CT14-3310\nOS      Harbour OS 12 Desk Pro  build 12.0.4417.82\n", {
            "machine.model": "Corrane Tallow 14", "machine.serial": "CT14-3310", "os.name": "Harbour OS 12 Desk Pro", "os.build": "12.0.4417.82",
        }),
    ],
    "what is recorded of accounts is no account": [
        ("watchplan", "Category: Sign-in\n  Sign-in                          success, failure\n  Sign-out                         success\n  Lockout                          failure\n"
         "Category: Objects\n  Files                            none\n  Shares                           failure\nCategory: Accounts\n  User accounts                    success, failure\n", {
            f"policy#{at}.{field}": value
            for at, (category, subcategory, records) in enumerate((
                ("Sign-in", "Sign-in", "both"), ("Sign-in", "Sign-out", "success"), ("Sign-in", "Lockout", "failure"), ("Objects", "Files", "none"), ("Objects", "Shares", "failure"),
                ("Accounts", "User accounts", "both"),
            ), start=1)
            for field, value in (("category", category), ("subcategory", subcategory), ("records", records))
        }),
    ],
    "a disk's number and size are no part of its model": [
        (command, f"* {disk} 0 Basalt NV1000 {of} 1 TB, NVMe\n* {disk} 1 Shale 2T {of} 2 TB, SATA\n", {
            "disk#1.number": "0", "disk#1.model": "Basalt NV1000", "disk#1.size": 10**12, "disk#1.bus": "NVMe",
            "disk#2.number": "1", "disk#2.model": "Shale 2T", "disk#2.size": 2 * 10**12, "disk#2.bus": "SATA",
        })
        for command, disk, of in (("summary", "Disk", "of"), ("riepilogo", "Disco", "da"), ("übersicht", "Platte", "mit"))
    ],
    "what lines begin with in brackets is their label": [
        ("collect", (
            "08:31:02 [pc    ] Corrane Tallow 520 MT, serial CRN7K20418\n08:31:03 [bios  ] Loamgate L52.1.18, UEFI\n08:31:03 [cpu   ] Kestrel K5-8420, 6 cores\n"
            "08:31:04 [memory] 16 GB installed, 15.5 GB usable\n08:31:04 [disk 0] Basalt NV1000, 1 TB, NVMe\n08:31:09 [tpm   ] ERROR access denied\n"
        ), {
            "machine.model": "Corrane Tallow 520 MT", "machine.serial": "CRN7K20418", "firmware.maker": "Loamgate", "firmware.version": "L52.1.18", "firmware.mode": "uefi",
            "processor#1.name": "Kestrel K5-8420", "processor#1.cores": 6, "memory.installed": 16 * 2**30, "memory.usable": 31 * 2**29,
            "disk#1.number": "0", "disk#1.model": "Basalt NV1000", "disk#1.size": 10**12, "disk#1.bus": "NVMe",
        }),
    ],
    "cells that go on on the line below, and what is said below a table's border": [
        ("netcards", (
            "+----+------------------+---------+\n| No | Card             | Kind    |\n+----+------------------+---------+\n|  1 | Wickerlink GbE   | wired   |\n"
            "|    |   210            |         |\n|  2 | Holdfast Bridge  | virtual |\n+----+------------------+---------+\nGateway of card 1: 10.20.1.1   Name servers of card 1: 10.20.1.53, 10.20.0.53\n"
            "Lease of card 1: 2025-02-10 07:31:12 to 2025-02-12 07:31:12, given by 10.20.1.2\n"
        ), {
            "adapter#1.name": "Wickerlink GbE 210", "adapter#1.kind": "wired", "adapter#2.name": "Holdfast Bridge", "adapter#2.kind": "virtual",
            "adapter#1.gateway": "10.20.1.1", "adapter#1.dns": ("10.20.1.53", "10.20.0.53"), "adapter#1.lease_from": "2025-02-10T07:31:12", "adapter#1.lease_until": "2025-02-12T07:31:12",
            "adapter#1.dhcp_server": "10.20.1.2",
        }),
    ],
    "a partition in data with the volume on it, and what went wrong": [
        ("disks --json", (
            '{"disks":[{"number":0,"model":"Basalt NV1000","partitions":[{"number":2,"type":"basic data","size":998846291968,"offset":290455552,"mount":"C:","fs":"HFX2","free":39953424384}]}],\n'
            ' "errors":[{"step":"smart","disk":1,"msg":"timed out"}]}\n'
        ), {
            "disk#1.number": "0", "disk#1.model": "Basalt NV1000", "partition#1.number": "2", "partition#1.kind": "basic data", "partition#1.size": 998846291968, "partition#1.start": 290455552,
            "partition#1.disk": "0", "volume#1.mount": "C:", "volume#1.filesystem": "HFX2", "volume#1.size": 998846291968, "volume#1.free": 39953424384,
        }),
    ],
    "rows of one value each, of several things": [
        ("export", "section,item,field,value\nfirewall,domain,on,true\nfirewall,domain,inbound,block\nfirewall,public,on,false\nfirewall,public,outbound,allow\ntask,Night copy,enabled,true\ntask,Night copy,last_run,2025-02-10T23:00:00\n", {
            "firewall#1.profile": "domain", "firewall#1.on": True, "firewall#1.inbound": "block", "firewall#2.profile": "public", "firewall#2.on": False, "firewall#2.outbound": "allow",
            "task#1.name": "Night copy", "task#1.enabled": True, "task#1.last_run_at": "2025-02-10T23:00:00",
        }),
    ],
    "rows that each begin with a kind of thing": [
        ("hwcard", "".join(f"{bar}{row}{bar}\n" for row in (
            f" PC      Corrane Tallow 720      {bar} Serial  CRN9M11702   {bar} Tag   K-00417   ", f" Board   Fennimore FB-720        {bar} Serial  FB720-118842 {bar} Rev   2.01      ",
            f" BIOS    Loamgate L72.0.9        {bar} Date    2023-11-02   {bar} Mode  UEFI      ", f" CPU     Kestrel K7-9650         {bar} Cores   8            {bar} Threads  16     ",
            f" Clock   3.60 GHz                {bar} Max     4.90 GHz     {bar} Now   1.42 GHz  ", f" Memory  32 GB                   {bar} Slots   2 of 4       {bar} Max   128 GB    ",
        )), {
            "machine.model": "Corrane Tallow 720", "machine.serial": "CRN9M11702", "machine.tag": "K-00417",
            "board.maker": "Fennimore", "board.model": "FB-720", "board.serial": "FB720-118842", "board.version": "2.01",
            "firmware.maker": "Loamgate", "firmware.version": "L72.0.9", "firmware.dated": "2023-11-02", "firmware.mode": "uefi",
            "processor#1.name": "Kestrel K7-9650", "processor#1.cores": 8, "processor#1.threads": 16,
            "processor#1.clock": 3_600_000_000, "processor#1.max_clock": 4_900_000_000, "processor#1.current_clock": 1_420_000_000,
            "memory.installed": 32 * 2**30, "memory.slots": 4, "memory.limit": 128 * 2**30,
        })
        for bar in ("|", " ")
    ],
}  # fmt: skip


class ToldApart(unittest.TestCase):
    def test_rows(self):
        for what, texts in ROWS.items():
            for command, text, facts in texts:
                with self.subTest(f"{what}: {command}"):
                    read = told(f"x-1> {command}\n{text}")
                    read.pop("host.name", None)
                    self.assertEqual(read, facts)


if __name__ == "__main__":
    unittest.main()
