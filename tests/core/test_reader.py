"""Reports that the reader was not made for: layouts and wordings vary, the facts stay."""

import unittest
from datetime import datetime
from pathlib import Path
from random import Random

from hypothesis import given, settings
from hypothesis import strategies as st

from yes_tally.core.reading.cutting.sections import cut
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.text.decode import decode
from yes_tally.standins.commands import COMMANDS, ENGLISH, GERMAN
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

GIB, MIB, KIB = 2**30, 2**20, 2**10


def told(text, *, groups=None):
    """``{fact or (fact, item): value}`` of a text."""
    data = text if isinstance(text, bytes) else text.encode()
    found = {}
    for reading in read(data).readings:
        if groups is None or reading.fact.split(".")[0] in groups:
            found.setdefault((reading.fact, reading.item) if reading.item else reading.fact, reading.value.value)
    return found


def item(found, name):
    """The facts of one item."""
    return {key[0]: value for key, value in found.items() if isinstance(key, tuple) and key[1] == name}


def lines_of(text, fact):
    return [(r.line, r.printed) for r in read(text.encode()).readings if r.fact == fact]


class Doubts(unittest.TestCase):
    def doubts(self, text):
        return {r.printed: r.also for r in read(text.encode()).readings if r.in_doubt}

    def test_another_fact_that_a_label_may_be_is_a_doubt_only_where_the_text_can_be_one(self):
        table = "memory modules of this PC\n\nslot  size  serial\n----  ----  --------\n{0}    8 GB  BEA10D7A\n"
        self.assertEqual(self.doubts(table.format("A1")), {})
        self.assertEqual(self.doubts(table.format("2 ")), {"2": ("memory.slots",)})


class Pairs(unittest.TestCase):
    def test_are_read_by_any_mark(self):
        for line in ("Host name: nq-tkt-01", "Host name = nq-tkt-01", "Host name . . . . . : nq-tkt-01", 'HOST_NAME="nq-tkt-01"',
                     "  hostName : nq-tkt-01", "Host name ......... nq-tkt-01"):  # fmt: skip
            self.assertEqual(told(line), {"host.name": "nq-tkt-01"}, line)

    def test_differently_worded_labels_mean_the_same(self):
        for label in ("Total physical memory", "MemTotal", "RAM total", "Usable memory", "TotalPhysicalMemory", "Nutzbarer Arbeitsspeicher",
                      "Mémoire totale", "Memoria física total"):  # fmt: skip
            self.assertEqual(told(f"{label}: 16,211 MB"), {"memory.usable": 16211 * MIB}, label)

    def test_one_word_means_another_thing_elsewhere(self):
        text = "Serial number: VR779331Q\nModel: Brig 10\n\nDisk 0\n    Model: Basalt NV500\n    Serial number: B5-7714-QX\n    Size: 500 GB\n"
        self.assertEqual(
            told(text),
            {
                "machine.serial": "VR779331Q", "machine.model": "Brig 10", ("disk.number", "disk#1"): "0",
                ("disk.model", "disk#1"): "Basalt NV500", ("disk.serial", "disk#1"): "B5-7714-QX", ("disk.size", "disk#1"): 500 * 10**9,
            },
        )  # fmt: skip

    def test_a_label_can_name_its_subject_itself(self):
        text = "Mainboard maker: Fennimore\nMainboard model: FB-520\nFirmware date: 2023-09-04\nMainboard serial: Default string"
        self.assertEqual(
            told(text), {"board.maker": "Fennimore", "board.model": "FB-520", "firmware.dated": "2023-09-04"}
        )

    def test_sub_items_nest_by_indent(self):
        text = """Disk 1
  Media  spinning
  Partition 1
    Kind   basic data
    Size   930 GB
    Volume D:
      Label   Archive
      Free    40 GB
"""
        found = told(text)
        self.assertEqual(found[("disk.media", "disk#1")], "hdd")
        self.assertEqual(found[("partition.kind", "partition#1")], "basic data")
        self.assertEqual(found[("partition.disk", "partition#1")], "1")
        self.assertEqual(found[("volume.mount", "volume#1")], "D:")
        self.assertEqual(found[("volume.free", "volume#1")], 40 * GIB)

    def test_records_divide_at_blank_lines_and_at_a_repeated_first_label(self):
        for between in ("\n", ""):
            text = f"Account: icalloway\nEnabled: yes\nAdministrator: no\n{between}Account: helper2\nEnabled: yes\nAdministrator: yes\n"
            found = told(text)
            self.assertEqual(found[("account.name", "account#2")], "helper2", repr(between))
            self.assertEqual(found[("account.admin", "account#1")], False)
            self.assertEqual(found[("account.admin", "account#2")], True)

    def test_a_processor_name_says_more_than_the_name(self):
        found = told("Processor: Kestrel K5-8420 @ 3.20 GHz (6 cores, 12 threads)")
        self.assertEqual(
            [found[(f"processor.{f}", "processor#1")] for f in ("clock", "cores", "threads")], [3_200_000_000, 6, 12]
        )

    def test_a_placeholder_is_seen_but_not_a_value(self):
        report = read(b"Serial number: VR1\nAsset tag: not specified\nModel: Brig 10\n")
        self.assertEqual([r.fact for r in report.readings], ["machine.serial", "machine.model"])
        self.assertEqual((report.blank_lines, report.unread_lines), ((2,), ()))


class Tables(unittest.TestCase):
    def test_a_ruled_table_reads_by_its_columns_with_code_numbers_and_gaps(self):
        text = """Memory sockets

 Slot  Bank         Size  Type  Rated
 ----  ------  ---------  ----  ---------
 A1    CH-A/0   8,192 MB    26  2666 MT/s
 B1    CH-B/0    (empty)     0
 ----  ------  ---------  ----  ---------
 Total          8,192 MB in 1 of 2 sockets
"""
        found = told(text)
        self.assertEqual(found[("module.size", "module#1")], 8 * GIB)
        self.assertEqual(found[("module.type", "module#1")], "DDR4")
        self.assertEqual(found["memory.installed"], 8 * GIB)
        self.assertEqual(found["memory.slots"], 2)
        self.assertNotIn(("module.size", "module#2"), found)

    def test_aligned_columns_read_right_aligned_numbers_empty_cells_and_wide_cells(self):
        text = """   PID  Program                   Started by           Memory
     1  init                      system              1,204 K
  2212  quaymaster.exe --map      LSF\\tquill      1,380,096 K
  3096  mp.exe                                       36,772 K
"""
        found = told(text)
        self.assertEqual(found[("process.name", "process#2")], "quaymaster.exe --map")
        self.assertEqual(found[("process.memory", "process#2")], 1_380_096 * KIB)
        self.assertEqual(found[("process.memory", "process#3")], 36_772 * KIB)
        self.assertNotIn(("process.user", "process#3"), found)

    def test_a_cell_that_runs_over_its_column_is_read_by_order(self):
        text = """Proto  Local address        Remote address       State         PID
tcp    10.20.0.62:50114     10.20.0.12:7443      established  2204
tcp    10.20.0.62:50115     10.20.0.12:7443      established  2212
tcp    [fe80::3e5a:b4ff:fe10:7a11%1]:9100  [::]:0  listening   480
"""
        found = told(text)
        self.assertEqual(found[("connection.local", "connection#3")], "[fe80::3e5a:b4ff:fe10:7a11%1]:9100")
        self.assertEqual(found[("connection.state", "connection#3")], "listening")

    def test_no_two_columns_tell_one_fact(self):
        text = "Filesystem  Type   Size  Used  Avail  Mounted on\n/dev/sda1   ext4   100G   40G    60G  /\n"
        found = told(text)
        self.assertEqual(found[("volume.filesystem", "volume#1")], "ext4")
        self.assertEqual(found[("volume.disk", "volume#1")], "/dev/sda1")


class Sentences(unittest.TestCase):
    """What no label says: statements, dialogs, closing lines; wordings of our own, not the practice reports'."""

    CASES = (
        ("This board supports up to 128 GB.", "memory.limit", 128 * GIB),
        ("The system can use 15.8 GB of it.", "memory.usable", 15.8 * GIB),
        ("32 GB of memory is installed.", "memory.installed", 32 * GIB),
        ("This machine is not activated yet.", "licence.state", "inactive"),
        ("The system has been activated.", "licence.state", "active"),
        ("Your licence has expired.", "licence.state", "expired"),
        ("The licence is permanent.", "licence.permanent", True),
        ("This licence is not permanent.", "licence.permanent", False),
        ("The subscription licence\nends on 2026-05-01 at 12:00.", "licence.expires_at", "2026-05-01T12:00:00"),
        ("Retail licence, key ends in 7KQ4P", "licence.channel", "retail"),
        ("Retail licence, key ends in 7KQ4P", "licence.key_tail", "7KQ4P"),
        ("Harbour OS 12\nStudio edition", "os.edition", "Studio"),
        ("Harbour OS 12\nStudio edition", "os.name", "Harbour OS 12"),
        ("Inventory report of GP-WKS-02, printed today", "host.name", "GP-WKS-02"),
    )

    def test_state_facts(self):
        for text, fact, expected in self.CASES:
            found = told(text)
            if isinstance(expected, float):
                self.assertAlmostEqual(found[fact], expected, delta=1, msg=text)
            else:
                self.assertEqual(found.get(fact), expected, text)

    def test_state_nothing_that_they_do_not_say(self):
        for text in ("The licence server is far away.", "Nothing is permanent.", "He activated the alarm.", "2 of 3 steps done", "errors are human",
                     "Please check the disk."):  # fmt: skip
            self.assertEqual(told(text), {}, text)

    def test_a_dialog_is_read_without_its_frame(self):
        text = """+---------- Licence ----------+
|                             |
|  Retail licence             |
|  It runs out on 2026-05-01. |
|           [ OK ]            |
+-----------------------------+
"""
        report = read(text.encode())
        self.assertEqual({r.fact: (r.line, r.column) for r in report.readings}["licence.expires_at"], (4, 19))
        self.assertEqual(told(text)["licence.channel"], "retail")

    def test_a_check_says_what_it_checked_and_found(self):
        for command, words, kind, result in (
            ("scan --system-files", "No integrity violations were found.", "system-files", "clean"),
            (
                "volcheck sys:",
                "Checking the disk for errors.\nProblems were found and repaired.\n3 errors, 1 warning",
                "disk",
                "repaired",
            ),
            ("ramtest", "Memory test of 2 modules\nThe test was interrupted.", "memory", "not-finished"),
            ("volcheck data:", "Disk check\nThe volume is corrupt.", "disk", "damaged"),
        ):
            found = told(f"ines@nq-1 > {command}\n{words}\n")
            check = item(found, "health_check#1")
            self.assertEqual(check.get("health_check.result"), result, command)
            if kind != "system-files":
                self.assertEqual(check.get("health_check.kind"), kind, command)
            if "3 errors" in words:
                self.assertEqual((check["health_check.errors"], check["health_check.warnings"]), (3, 1))

    def test_a_list_under_a_label_is_items(self):
        text = "Updates installed: 2 of them\n                   1. HU-24117  2024-12-03  Winter roll-up\n                   2. HU-25006  2025-01-14  Security fix\n"
        found = told(text)
        self.assertEqual(found[("update.id", "update#2")], "HU-25006")
        self.assertEqual(found[("update.title", "update#1")], "Winter roll-up")
        self.assertEqual(found[("update.installed_at", "update#2")], "2025-01-14")


class Sections(unittest.TestCase):
    def test_are_cut_at_prompts_of_any_shell_s_form(self):
        for prompt in ("nq-acc-03 H:\\> ", "user@nq-acc-03:~$ ", "root@nq-acc-03:/etc# ", "[nq-acc-03] /> ", "nq-acc-03% ", "nq-acc-03 ~ ",
                       "C:\\Users\\ines> ", "PS C:\\> ", "(base) ines@nq-acc-03 % "):  # fmt: skip
            text = f"{prompt}about machine\nModel: Brig 10\n{prompt}about system\nBuild: 12.0.4417.82\n"
            sections = cut(decode(text.encode()).lines)
            self.assertEqual([s.command for s in sections], ["about machine", "about system"], prompt)

    def test_a_failed_command_says_so_and_its_words_are_no_facts(self):
        text = "nq-tkt-04 > about licence\nabout: this needs administrator rights.\nnq-tkt-04 > about system\nBuild: 12.0.4417.82\n"
        report = read(text.encode())
        self.assertEqual([s.failure for s in report.sections], ["no-rights", None])
        self.assertEqual({r.fact for r in report.readings}, {"host.name", "os.build"})

    def test_an_answer_of_no_is_no_failed_command(self):
        for said in (
            "Secure boot: not supported", "Secure boot   not supported", "Sicherer Start: nicht unterstützt",
            "Virtualisation : non prise en charge", "Virtualización: no compatible", "Virtualização: não suportada",
            "Virtualizzazione: non supportata", "Virtualisatie   niet ondersteund", "Wirtualizacja: nieobsługiwana",
        ):  # fmt: skip
            with self.subTest(said):
                report = read(f"nq-tkt-01> firmware\n{said}\n".encode())
                self.assertIsNone(report.sections[0].failure)
                self.assertEqual([r.value.value for r in report.readings if r.fact != "host.name"], [False])
        report = read(b"nq-tkt-01> secureboot\nsecureboot: not supported on this PC\n")
        self.assertEqual(report.sections[0].failure, "not-supported")

    def test_a_value_is_no_prompt(self):
        report = read(b"Path > folder\nSize > 16 GB\n100 % done\n# a remark\n")
        self.assertEqual([s.command for s in report.sections], [None])


class RealTextOfThisMachine(unittest.TestCase):
    """Printed by the system's own small commands, which nobody wrote for this reader."""

    def test_free(self):
        text = """               total        used        free      shared  buff/cache   available
Mem:           24105         536       21252           8        2606       23568
Swap:              0           0           0
"""
        self.assertEqual(lines_of(text, "memory.usable"), [(2, "24105")])
        found = told(text, groups={"memory"})
        self.assertEqual(found, {"memory.usable": 24105 * MIB, "memory.available": 23568 * MIB})

    def test_df(self):
        text = """Filesystem              Type      Size  Used Avail Use% Mounted on
devtmpfs                devtmpfs   12G     0   12G   0% /dev
/dev/vda                ext4      252G   24G   79G  23% /
"""
        found = told(text)
        root = item(found, "volume#2")
        expected = {"disk": "/dev/vda", "filesystem": "ext4", "size": 252 * GIB, "free": 79 * GIB, "mount": "/"}
        self.assertEqual(root, {f"volume.{field}": value for field, value in expected.items()})

    def test_addresses(self):
        text = """1: lo: <LOOPBACK,UP,LOWER_UP> mtu 65536 qdisc noqueue state UNKNOWN group default qlen 1000
    link/loopback 00:00:00:00:00:00 brd 00:00:00:00:00:00
    inet 127.0.0.1/8 scope host lo
       valid_lft forever preferred_lft forever
2: eth0: <BROADCAST,MULTICAST,UP,LOWER_UP> mtu 1400 qdisc pfifo_fast state UP group default qlen 1000
    link/ether 02:fc:00:00:00:01 brd ff:ff:ff:ff:ff:ff
    inet 192.0.2.2/24 brd 192.0.2.255 scope global eth0
    inet6 fe80::fc:ff:fe00:1/64 scope link
"""
        found = told(text)
        self.assertEqual(found[("adapter.kind", "adapter#1")], "loopback")
        self.assertNotIn(("adapter.mac", "adapter#1"), found)
        eth = item(found, "adapter#2")
        self.assertEqual(eth["adapter.name"], "eth0")
        self.assertEqual(eth["adapter.mac"], "02:fc:00:00:00:01")
        self.assertEqual(eth["adapter.ipv4"], ("192.0.2.2",))
        self.assertEqual(eth["adapter.mask"], "255.255.255.0")
        self.assertIs(eth["adapter.connected"], True)

    def test_this_machine_s_own_kernel_files(self):
        total = next(
            int(w.split()[1]) for w in Path("/proc/meminfo").read_text().splitlines() if w.startswith("MemTotal")
        )
        self.assertEqual(told(Path("/proc/meminfo").read_bytes())["memory.usable"], total * KIB)
        release = told(Path("/etc/os-release").read_bytes())
        self.assertIn(release["os.name"].split()[0], Path("/etc/os-release").read_text())
        cpu = read(Path("/proc/cpuinfo").read_bytes())
        sockets = {line for line in Path("/proc/cpuinfo").read_text().splitlines() if line.startswith("physical id")}
        self.assertEqual(len({r.item for r in cpu.readings if r.fact.startswith("processor.")}), max(1, len(sockets)))


class TheStandInOffice(unittest.TestCase):
    """Ground truth: what a stand-in printed is read as what the stand-in is."""

    SEEDS = range(3)

    def test_every_machine_is_read_as_it_is(self):
        today = datetime(2026, 3, 2, 9, 0)
        for seed in self.SEEDS:
            for pc in office(seed, today)[:: 1 if seed == 0 else 5]:
                with self.subTest(seed=seed, host=pc.host):
                    self._check(pc, session(pc, ENGLISH))

    def _check(self, pc, text):
        found = told(text)
        plain = (
            "host.name", "machine.serial", "machine.uuid", "machine.form", "os.build", "licence.channel", "licence.key_tail",
            "memory.slots", "memory.limit", "firmware.secure_boot",
        )  # fmt: skip
        expected = {fact: pc[fact] for fact in plain}
        expected["os.oldest_trace_at"] = f"{pc['os.oldest_trace_at']:%Y-%m-%d}"
        fields = {
            "processor": ("cores",), "disk": ("serial", "size"), "module": ("slot", "size", "speed", "serial"),
            "account": ("name", "admin"), "software": ("name", "version"), "volume": ("mount",),
        }  # fmt: skip
        for group, names in fields.items():
            for number, item in enumerate(pc.items[group], 1):
                expected |= {(f"{group}.{name}", f"{group}#{number}"): item[name] for name in names}
        for number, volume in enumerate(pc.items["volume"], 1):
            expected[("volume.free", f"volume#{number}")] = volume["free"] // MIB * MIB
        for name in ("mac", "dns"):
            expected[(f"adapter.{name}", "adapter#1")] = pc.items["adapter"][0][name]
        self.assertEqual({key: found.get(key) for key in expected}, expected)

    def test_mess_changes_nothing(self):
        pc = office(4, datetime(2026, 3, 2, 9, 0))[7]
        plain = session(pc, ENGLISH)
        clean = told(plain)
        for messed in (plain.replace("\n", "\r\n").encode(), plain.encode("utf-16"), ("\ufeff" + plain).encode(),
                       plain.replace("yes", "\x1b[32myes\x1b[0m").encode()):  # fmt: skip
            self.assertEqual(told(messed), clean)

    def test_german_is_read_like_english(self):
        pc = office(5, datetime(2026, 3, 2, 9, 0))[3]
        found = told(session(pc, GERMAN))
        self.assertEqual(found["host.name"], pc.host)
        self.assertEqual(found["memory.installed"], pc["memory.installed"])
        self.assertEqual(found["os.installed_at"], f"{pc['os.installed_at']:%Y-%m-%dT%H:%M}:00")
        self.assertIs(found["firmware.secure_boot"], True)

    def test_every_printer_is_understood_alone(self):
        pc = office(6, datetime(2026, 3, 2, 9, 0))[0]
        for typed, command in COMMANDS.items():
            report = read("\n".join(command.printer(pc)).encode())
            self.assertGreater(len(report.readings), 2, typed)


class Hostile(unittest.TestCase):
    @settings(max_examples=150, deadline=None)
    @given(st.binary(max_size=2000))
    def test_any_bytes_are_read_or_carry_nothing(self, data):
        report = read(data)
        for reading in report.readings:
            self.assertIn(reading.line, range(1, len(report.lines) + 1))

    @settings(max_examples=150, deadline=None)
    @given(st.text(alphabet="ab1 :=.-|\n\t#[]<>%", max_size=600))
    def test_any_layout_is_read_or_carries_nothing(self, text):
        report = read(text.encode())
        for reading in report.readings:
            shown = report.lines[reading.line - 1].text
            self.assertLessEqual(reading.end_column - 1, len(shown))

    def test_mutated_reports_never_break_it(self):
        random = Random(11)
        base = session(office(0, datetime(2026, 3, 2))[0], ENGLISH).encode()
        for _ in range(60):
            data = bytearray(base)
            for _ in range(random.randint(1, 30)):
                at = random.randrange(len(data))
                data[at : at + random.randint(0, 40)] = bytes(
                    random.randrange(256) for _ in range(random.randint(0, 12))
                )
            read(bytes(data))

    def test_pathological_sizes_are_bounded(self):
        for data in (
            b"a: b " * 200_000,
            b". " * 500_000,
            b"x: 1\n" * 20_000,
            (b"col  " * 5000 + b"\n") * 5,
            b"<" * 100_000,
            b"[" * 100_000,
        ):
            read(data)
