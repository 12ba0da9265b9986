"""Things that begin with their kind and their number, over lines of words: under any form of head, in any form of words."""

import unittest

from tests.core.readings import assert_things_told, told

# What is asked for, the noun, the fact a thing is called by, and two things: the name, and what words say of each.
THINGS = {
    "processor": ("cores", "CPU", "name", (
        ("Kestrel K5-8420", {"cores": ("6 cores", 6), "threads": ("12 threads", 12), "socket": ("socket P0", "P0"), "cache_l3": ("L3 12 MB", 12 << 20)}),
        ("Kestrel K7-9640", {"cores": ("8 cores", 8), "threads": ("16 threads", 16), "socket": ("socket P1", "P1"), "cache_l3": ("L3 16 MB", 16 << 20)}),
    )),
    "disk": ("stow list", "Disk", "model", (
        ("Basalt NV1000", {"bus": ("NVMe", "NVMe"), "serial": ("serial BNV1K0044127", "BNV1K0044127"), "health": ("healthy", "good"), "layout": ("GPT", "gpt")}),
        ("Shale 2T", {"bus": ("SATA", "SATA"), "serial": ("serial SH2T-00918", "SH2T-00918"), "health": ("warning", "warning"), "layout": ("MBR", "mbr")}),
    )),
    "module": ("membank", "Slot", "part", (
        ("SK08-D4-2666", {"size": ("8 GB", 8 << 30), "type": ("DDR4", "DDR4"), "speed": ("2666 MT/s", 2666), "serial": ("serial 3F10A9C2", "3F10A9C2")}),
        ("SK16-D4-3200", {"size": ("16 GB", 16 << 30), "type": ("DDR4", "DDR4"), "speed": ("3200 MT/s", 3200), "serial": ("serial 77AB01FF", "77AB01FF")}),
    )),
    "graphics": ("cards", "GPU", "name", (
        ("Palefire FX 40", {"memory": ("memory 4 GB", 4 << 30), "driver_version": ("driver 31.4.2.118", "31.4.2.118"), "refresh": ("60 Hz", 60)}),
        ("Siskin Vela 440", {"memory": ("memory 2 GB", 2 << 30), "driver_version": ("driver 30.1.0.7", "30.1.0.7"), "refresh": ("75 Hz", 75)}),
    )),
    "adapter": ("wire list", "Card", "name", (
        ("Wickerlink GbE 210", {"kind": ("wired", "wired"), "connected": ("connected", True), "mac": ("mac 3c:5a:b4:10:77:e2", "3c:5a:b4:10:77:e2")}),
        ("Ternwave AX 20", {"kind": ("wireless", "wireless"), "connected": ("not connected", False), "mac": ("mac 3c:5a:b4:10:77:e3", "3c:5a:b4:10:77:e3")}),
    )),
    "battery": ("power", "Battery", "name", (
        ("BAT-CRW-7", {"design": ("design 62400 mWh", 62400), "full": ("full 57000 mWh", 57000), "cycles": ("318 cycles", 318)}),
        ("BAT-CRW-8", {"design": ("design 42400 mWh", 42400), "full": ("full 37000 mWh", 37000), "cycles": ("118 cycles", 118)}),
    )),
}  # fmt: skip
HEADS = (
    "{noun}{n}  {name}", "{noun} {n} {name}", "{noun} {n}   {name}", "{noun} {n}: {name}", "{noun} {n} - {name}", "{noun} #{n}  {name}",
    "[{noun} {n}] {name}", "{noun} {n}, {name}", "{noun} {n} ({name})", "{noun} {n}\n   {name}", "{noun} {n}:\n   {name}",
)  # fmt: skip
BETWEEN = (", ", "   ", " · ", "; ", "\n   ")


class KindsOverWords(unittest.TestCase):
    def test_each_thing_is_called_and_told_of(self):
        for group, (command, noun, naming, things) in THINGS.items():
            for head in HEADS:
                for between in BETWEEN:
                    text = f"gp-1> {command}\n" + "\n".join(
                        f"{head.format(noun=noun, n=n, name=name)}\n   {between.join(words for words, _ in said.values())}"
                        for n, (name, said) in enumerate(things)
                    )
                    with self.subTest(group=group, head=head, between=between):
                        found = assert_things_told(self, text, group, naming, things)
                        self.assertFalse([key for key in found if "#" in key and not key.startswith(group)])

    def test_things_that_a_command_asks_for_by_their_names(self):
        asked = {
            "processor": "processors",
            "disk": "disks",
            "module": "memory modules",
            "graphics": "graphics",
            "battery": "batteries",
        }
        for group, command in asked.items():
            _, _, naming, things = THINGS[group]
            for head in (
                "{name}",
                "* {name}",
                "{n}. {name}",
                "({n}) {name}",
                "[{name}]",
                "{name}:",
                "== {name} ==",
                "+ {name}",
            ):
                for between in BETWEEN:
                    text = f"gp-1> {command}\n" + "\n".join(
                        f"{head.format(n=n, name=name)}\n   {between.join(words for words, _ in said.values())}"
                        for n, (name, said) in enumerate(things, 1)
                    )
                    with self.subTest(group=group, head=head, between=between):
                        assert_things_told(self, text, group, naming, things)

    def test_what_somebody_chose_a_name_for(self):
        for command, text, expected in (
            ("accounts", "icalloway\n   enabled   administrator   last sign-in 2025-02-11 08:02\nguest\n   disabled   no administrator\n",
             {"account#1.name": "icalloway", "account#1.enabled": True, "account#1.admin": True, "account#1.last_logon_at": "2025-02-11T08:02:00",
              "account#2.name": "guest", "account#2.enabled": False, "account#2.admin": False}),
            ("volumes", "C: System\n   HFX2, 930 GB, 88 GB free, encrypted\nD: Archive\n   FAT32, 59 GB, 8 GB free, not encrypted\n",
             {"volume#1.mount": "C:", "volume#1.label": "System", "volume#1.filesystem": "HFX2", "volume#1.encrypted": True,
              "volume#2.mount": "D:", "volume#2.label": "Archive", "volume#2.filesystem": "FAT32", "volume#2.encrypted": False}),
            ("firewall profiles", "domain\n   on, inbound blocked, outbound allowed\npublic\n   off, inbound allowed, outbound allowed\n",
             {"firewall#1.profile": "domain", "firewall#1.on": True, "firewall#1.inbound": "block", "firewall#1.outbound": "allow",
              "firewall#2.profile": "public", "firewall#2.on": False, "firewall#2.inbound": "allow", "firewall#2.outbound": "allow"}),
            ("updates", "HU5012207\n   installed 2025-01-14; Security update for Harbour OS\nHU5012001\n   installed 2025-01-10; Driver update\n",
             {"update#1.id": "HU5012207", "update#1.installed_at": "2025-01-14", "update#1.title": "Security update for Harbour OS",
              "update#2.id": "HU5012001", "update#2.installed_at": "2025-01-10", "update#2.title": "Driver update"}),
        ):  # fmt: skip
            with self.subTest(command):
                found = told(f"gp-1> {command}\n{text}")
                self.assertEqual({key: found.get(key) for key in expected}, expected)

    def test_what_a_volume_uses_is_not_what_is_free(self):
        found = told(
            'gp-1> laufwerke\nLaufwerk C:   "System"      HFX2\n   Größe        237,9 GB    belegt   2,2 GB    frei 12,7 GB (85 %)\n'
        )
        self.assertEqual(found["volume#1.free"], 13_636_521_165)

    def test_a_thing_that_is_the_only_one(self):
        found = told("gp-1> look\nProcessor 1\n   Kestrel K5-8420\n   6 cores, 12 threads, 3.2 GHz\n")
        self.assertEqual(
            {key: found[key] for key in found if key.startswith("processor")},
            {
                "processor#1.name": "Kestrel K5-8420", "processor#1.socket": "1", "processor#1.cores": 6,
                "processor#1.threads": 12, "processor#1.clock": 3_200_000_000,
            },
        )  # fmt: skip

    def test_empty_sockets_are_named_but_for_those_of_processors(self):
        found = told("gp-1> look\nSlot A1\n   8 GB DDR4\nSlot A2\n   (empty)\n")
        self.assertEqual(found["module#2.slot"], "A2")
        found = told("gp-1> processors\nSocket 1\n   Kestrel K5-8420, 6 cores\nSocket 2\n   empty\n")
        self.assertFalse([key for key in found if key.startswith(("module", "processor#2"))])

    def test_the_tools_own_line_above_them(self):
        found = told(
            "gp-1> corelook -v\ncorelook 5.0\ncpu0  Kestrel K5-8420\n   6 cores, 12 threads\ncpu1  Kestrel K5-8420\n   6 cores, 12 threads\n"
        )
        self.assertEqual([found.get(f"processor#{n}.cores") for n in (1, 2)], [6, 6])

    def test_parts_below_a_disk_are_no_words_of_it(self):
        found = told(
            "gp-1> disks\nDisk 0  Basalt NV1000\n   931.51 GB, NVMe\n   Partition 1  260 MB, EFI system\n   Partition 2  16 MB, reserved\n"
        )
        self.assertEqual(
            [found[f"partition#{n}.size"] for n in (1, 2)],
            [260 << 20, 16 << 20],
        )
        self.assertNotIn("disk#1.unallocated", found)


if __name__ == "__main__":
    unittest.main()
