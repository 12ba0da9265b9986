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
