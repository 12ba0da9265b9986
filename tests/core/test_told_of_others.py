"""What reports say of anything but the PC, or of a check that was not made: one text a row, and all that is read of it."""

import unittest

from tests.core.readings import told

_NOTHING: dict[str, object] = {}
_CLEAN = {"health_check#1.kind": "system-files", "health_check#1.result": "clean"}
ROWS = {
    "how a command is used": [
        ("pcsheet --help", "  /short       maker, model and memory only\n  /unit UNIT   size unit, default GB\n", _NOTHING),
        ("drucker /?", "Aufruf: drucker [/liste]\n  /liste    Name, Anschluss, Treiber\n", _NOTHING),
        ("printers", "Usage: printers [/list]\n  /list     name, port and driver of each\n", _NOTHING),
    ],
    "a letter": [
        ("", "From: Ines Calloway <i@lanternsound.example>\nTo: desk@lanternsound.example\nDate: Tue, 11 Feb 2025 08:47:30 +0000\nSubject: slow PC\n", _NOTHING),
        ("", "Von: Ines Calloway\nAn: Hilfe\nDatum: 11.02.2025 08:47\nBetreff: langsamer PC\n", _NOTHING),
        ("", "Model is on the front: Tallow 520 MT\n", _NOTHING),
    ],
    "a report's own date and version": [
        ("sheet", "Date: 2025-02-11\nVersion: 3.2\n", _NOTHING),
        ("bios", "Date: 2025-02-11\nVersion: 3.2\n", {"firmware.dated": "2025-02-11", "firmware.version": "3.2"}),
    ],
    "how busy a PC is": [
        (command, f"{processes}: 148   {threads}: 1,904   {handles}: 61,220\n", _NOTHING)
        for command, processes, threads, handles in (("load", "Processes", "Threads", "Handles"), ("recursos", "Procesos", "Hilos", "Identificadores"))
    ],
    "several PCs, one a row": [
        ("", "PC;Model;Serial;Memory;Disk;System\nNQ-ACC-01;Tallow 520;CRN7K20411;16 GB;Basalt NV1000;Harbour OS 12\nNQ-ACC-02;Tallow 520;CRN7K20412;8 GB;Shale 1T;Harbour OS 11\n", _NOTHING),
    ],
    "PCs within the PC": [
        ("guests list", "Id  Name         State     CPUs  Memory    Disk\n1   till-test    running   2     4,096 MB  40 GB\n2   map-server   running   4     8,192 MB  120 GB\n", _NOTHING),
        ("vms show map-server", "Name         map-server\nProcessors   4\nMemory       8,192 MB\nSystem       Harbour OS 12 Server\n", _NOTHING),
        ("accounts show guest", "Account     guest\nEnabled     no\n", {"account#1.name": "guest", "account#1.enabled": False}),
    ],
    "what a server lent to whom": [
        ("leases", "Address       Lent to      Hardware            Until\n10.20.1.41    gp-hbr-02    3c:5a:b4:10:77:e2   2025-02-12 07:31\n10.20.1.42    gp-hbr-03    3c:5a:b4:10:78:10   2025-02-12 07:35\n", _NOTHING),
    ],
    "a name and a state say not what a thing is": [
        ("things", "Name         State     CPUs\ntill-test    running   2\nmap-server   running   4\n", _NOTHING),
    ],
    "temperatures, and tests of disks": [
        ("life", "Fans and temperature\n   processor       54 C\n   case fan        1,120 rpm\n", _NOTHING),
        ("life", "Disk self-tests\n   disk 0          passed 2025-02-09 03:10:22\n   disk 1          FAILED 2025-02-09 03:44:01\n", _NOTHING),
    ],
    "titles with the time": [
        ("net all", "Network of NQ-TKT-02 at 08:12:44 on 11 Feb 2025\n\nhost name            NQ-TKT-02\n", {"host.name": "NQ-TKT-02"}),
        ("programs /list", "nq-tkt-03 -- installed programs (1)         2025-02-11\n\nQuaymaster         7.4.1     Lantern Sound     2024-06-20\n", {
            "software#1.name": "Quaymaster", "software#1.version": "7.4.1", "software#1.maker": "Lantern Sound", "software#1.installed_at": "2024-06-20",
        }),
    ],
    "a log of repairs": [
        ("", "History:\n  2025-02-11 09:40  visited, ran disk check: damaged\n  2025-02-11 10:15  ordered a new disk, 500 GB\n", _NOTHING),
    ],
    "nothing damaged is clean": [
        ("doctor", f"{text}\n", _CLEAN)
        for text in (
            "System files ... in order, nothing damaged", "Systemdateien ... in Ordnung, nichts beschädigt", "Fichiers système ... en ordre, rien d'endommagé",
            "Archivos del sistema ... en orden, nada dañado", "Ficheiros do sistema ... em ordem, nada danificado", "File di sistema ... a posto, niente danneggiato",
            "Systeembestanden: niets beschadigd", "Pliki systemowe: nic uszkodzonego",
        )
    ],
    "a check that could not be run": [
        ("memcheck", f"{text}\n", _NOTHING)
        for text in (
            "Error: the memory test cannot be started while the system runs.", "Fehler: Der Speichertest kann nicht im laufenden Betrieb gestartet werden.",
            "Erreur : le test de mémoire ne peut pas être lancé pendant que le système tourne.", "Error: la prueba de memoria no se puede iniciar mientras el sistema está en marcha.",
            "Erro: o teste de memória não pode ser iniciado com o sistema em funcionamento.", "Errore: la prova della memoria non può essere avviata mentre il sistema è in funzione.",
            "Fout: de geheugentest kan niet worden gestart terwijl het systeem draait.", "Błąd: testu pamięci nie można uruchomić, gdy system działa.",
        )
    ],
    "when it shall be checked again": [
        ("diskcheck", "Disk check of C: no problems found. Next check on 2025-03-03.\n", {"health_check#1.kind": "disk", "health_check#1.target": "C:", "health_check#1.result": "clean"}),
    ],
    "at most so much memory": [
        ("memory", f"{text}\n", {"memory.limit": 64 * 1024**3, "memory.slots": 4})
        for text in (
            "Up to 64 GB; 2 of 4 sockets in use", "Maximal 64 GB, 4 Steckplätze", "64 GB au plus, 2 emplacements sur 4 occupés", "Al massimo 64 GB, 2 alloggiamenti su 4 occupati",
            "Höchstens 64 GB, 2 von 4 Steckplätzen belegt.", "At most 64 GB, 2 of 4 slots filled.",
        )
    ],
    "what is filled, and of which family it is, is no name": [
        ("chips", "CPU0 ........ populated\n  Chip               Kestrel S8-4416\n  Cores              16\n  Family/Stepping    Osprey / B2\nCPU1 ........ empty\n", {
            "processor#1.socket": "0", "processor#1.name": "Kestrel S8-4416", "processor#1.cores": 16, "processor#1.stepping": "B2",
        }),
        ("disks", "Disk 0 ........ Basalt NV1000\n  Serial          BNV0012003\nDisk 1 ........ Shale 2T\n  Serial          SHBNV0012003\n", {
            "disk#1.number": "0", "disk#1.model": "Basalt NV1000", "disk#1.serial": "BNV0012003", "disk#2.number": "1", "disk#2.model": "Shale 2T", "disk#2.serial": "SHBNV0012003",
        }),
    ],
    "a log whose first line is as wide as a console": [
        ("", "2025-02-11 07:58:10.112 [boot] start of Harbour OS 12 build 4417.82 on NQ-ACC-03\n2025-02-11 07:58:11.004 [pwr ] 230 V\n", {"host.name": "NQ-ACC-03", "os.build": "4417.82"}),
    ],
    "how many there are is no name, nor a number a board's": [
        ("netz", "Netzkarten: 3 gefunden, 1 verbunden\n\n[0] Wickerlink GbE 210\n    MAC: 3C-5A-B4-10-95-AA\n", {"adapter#1.name": "Wickerlink GbE 210", "adapter#1.mac": "3c:5a:b4:10:95:aa"}),
        ("printers", "Printers: 4 installed, 1 offline\n", _NOTHING),
        ("temps", "cpu     54\nboard   38\n", _NOTHING),
    ],
    "a program's licence is not the system's, told of it in a sentence": [
        ("licence --all", "1. Harbour OS 12 Studio\n     channel     OEM\n     state       active\n     key         XXXXX-XXXXX-4TX9Q\n2. Harbour Office Pack\n     channel     subscription\n"
         "     state       in grace, 12 days left\n     key         (hidden)\n", {
            "os.name": "Harbour OS 12 Studio", "licence.channel": "oem", "licence.state": "active", "licence.key_tail": "4TX9Q",
        }),
    ],
    "of three makers on a line none is the PC's": [
        ("show machine board firmware", "maker     Corrane               | maker    Fennimore            | maker    Loamgate\nform      tower                 |                               |\n", {"machine.form": "tower"}),
    ],
    "a log is no failure of the command": [
        ("dziennik", "2025-02-11 07:58:12 | ostrzeżenie | czas | 36 | Żaden serwer czasu nie odpowiedział od 86 400 s.\n2025-02-10 18:02:44 | błąd | dysk | 51 | Nie zapisano strony.\n", {
            "event#1.at": "2025-02-11T07:58:12", "event#1.level": "ostrzeżenie", "event#1.source": "czas", "event#1.id": "36",
            "event#1.text": "Żaden serwer czasu nie odpowiedział od 86 400 s.",
            "event#2.at": "2025-02-10T18:02:44", "event#2.level": "błąd", "event#2.source": "dysk", "event#2.id": "51", "event#2.text": "Nie zapisano strony.",
        }),
    ],
    "a system with a serial number is the PC": [
        ("firmware-facts", "System .........: Corrane Tallow 14\n  SKU ..........: CT14-1002-R\n  serial .......: CRN9P11402\n  chassis ......: Notebook\n", {
            "machine.model": "Corrane Tallow 14", "machine.sku": "CT14-1002-R", "machine.serial": "CRN9P11402", "machine.form": "laptop",
        }),
    ],
    "sentences that tell of a thing nothing that it is": [
        ("note", f"{text}\n", _NOTHING)
        for text in (
            "The printer is a shared device and was moved to Hall 2.", "This PC is not listed in the inventory.", "The disk was replaced by Ines Calloway with a Basalt NV1000.",
            "The old PC was a Corrane Tallow 310, serial CRN5K00112.", "The new disk will be a Shale 2T of 2 TB.", "Drive E: has no medium.", "The battery is at 73 %.",
            "The processor is at 12 % of 3.20 GHz.", "The adapter Ternwave AX 20 is the spare one from gp-tkt-03.", "This computer is a spare for Ines Calloway.",
            "El equipo es de Ines Calloway.", "Der Prozessor ist zu 12 % ausgelastet.", "Each PC has a processor with 4 cores.", "A disk of 2 TB is on order.",
        )
    ],
    "what else went wrong in data is not that the command failed": [
        ("disks --json", '{"disks":[{"number":0,"model":"Basalt NV1000","size":1000204886016}],\n "errors":[{"step":"smart","disk":1,"msg":"timed out"}]}\n', {
            "disk#1.number": "0", "disk#1.model": "Basalt NV1000", "disk#1.size": 1000204886016,
        }),
    ],
    "what is free of a volume in a sentence is no memory": [
        ("note", f"{text}\n", {"volume#1.mount": "C:", "volume#1.size": 499397322342, "volume#1.free": 94918777242})
        for text in ("Drive C: has 465.1 GB, 88.4 GB are free.", "Le volume C: fait 465,1 Go dont 88,4 Go sont libres.")
    ],
    "what is expected is not what was found": [
        ("compare", f"{head}\n{memory}        16 GB          8 GB\nBuild         12.0.4417.90   12.0.4417.82\n", {"memory.installed": 8 * 2**30, "os.build": "12.0.4417.82"})
        for head, memory in (
            ("What          Expected       Found", "Memory"), ("              expected       actual", "Memory"), ("              soll           ist", "Memory"), ("Élément       attendu        constaté", "Memory"),
        )
    ] + [
        ("compare", "| Item   | Wanted       | Is           |\n|--------|--------------|--------------|\n| Memory | 16 GB        | 8 GB         |\n| Build  | 12.0.4417.90 | 12.0.4417.82 |\n", {
            "memory.installed": 8 * 2**30, "os.build": "12.0.4417.82",
        }),
        ("compare", "Memory: expected 16 GB, found 8 GB\nBuild: expected 12.0.4417.90, found 12.0.4417.82\n", {"memory.installed": 8 * 2**30, "os.build": "12.0.4417.82"}),
    ],
    "another's PC, a program's licence, what may be fitted": [
        ("note", "My colleague at NQ-TKT-05 has 8 GB of memory, hers works.\n", _NOTHING),
        ("note", 'The ticket program says "licence expired".\n', _NOTHING),
        ("print-jobs", "Job   Owner       Printer       Pages   State\n114   icalloway   Hall-Laser    4       printing\n115   mreed       Tickets       1       waiting\n", _NOTHING),
        ("", "Storage             up to 2 x NVMe (max. 2 TB each), 1 x SATA\nNetwork             1 Gbit/s; optional wireless card\nWarranty            36 months\n", _NOTHING),
    ],
}  # fmt: skip


class ToldOfOthers(unittest.TestCase):
    def test_rows(self):
        for what, texts in ROWS.items():
            for command, text, facts in texts:
                with self.subTest(f"{what}: {command or text[:30]}"):
                    read = told(f"x-1> {command}\n{text}" if command else text)
                    if command and read.get("host.name") == "x-1":
                        read.pop("host.name")
                    self.assertEqual(read, facts)


if __name__ == "__main__":
    unittest.main()
