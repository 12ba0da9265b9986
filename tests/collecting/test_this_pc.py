"""Collecting from this PC: what the kernel says is what is read, and what it does not say is said so."""

import os
import re
import socket
import tempfile
import threading
import unittest
from pathlib import Path

import uvicorn

from tests.collecting.fake_pc import GIB, TEXTS, data_files, lay_out
from tests.served import served
from tests.stores import empty_store
from yes_tally.collecting import this_pc
from yes_tally.collecting.hand_in import HandInFailed, hand_in
from yes_tally.collecting.probe import NotSaid, Probe
from yes_tally.collecting.probes import PROBES, environment
from yes_tally.collecting.probes.routes import default_gateways
from yes_tally.core.reading.reader import read
from yes_tally.records import people
from yes_tally.records.store import using
from yes_tally.records.visits import open_visits
from yes_tally.server.logs import configure_logs


class FakePc(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.root = Path(folder.name)
        lay_out(self.root)

    def facts(self, text=None):
        found = {}
        for r in read((text or this_pc.collect(self.root)).encode()).readings:
            found.setdefault((r.fact, r.item), r.value.value)
        return found

    def test_is_read_from_its_kernel_files_as_it_is(self):
        found = self.facts()
        expected = {
            ("host.name", None): "gp-wks-02", ("os.name", None): "Harbour OS 12 Desk Pro", ("os.build", None): "12.0.4417.82",
            ("os.kernel", None): "6.1.0-kelp", ("machine.maker", None): "Veldt & Rowe", ("machine.serial", None): "VR779331Q",
            ("machine.form", None): "desktop", ("firmware.dated", None): "2023-09-04", ("firmware.mode", None): "uefi",
            ("memory.usable", None): 16601104 * 1024, ("memory.available", None): 9637888 * 1024,
            ("processor.name", "processor#1"): "Kestrel K5-8420 @ 3.20GHz", ("processor.socket", "processor#2"): "1",
            ("processor.cores", "processor#2"): 2, ("processor.threads", "processor#1"): 4,
            ("disk.size", "disk#1"): 1953525168 * 512, ("disk.media", "disk#1"): "nvme", ("disk.serial", "disk#1"): "B5-7714-QX",
            ("disk.media", "disk#2"): "hdd", ("disk.model", "disk#2"): "Shale 1T",
            ("volume.kind", "volume#3"): "network", ("volume.mount", "volume#3"): "/mnt/crew share",
            ("adapter.mac", "adapter#1"): "3c:5a:b4:10:77:e2", ("adapter.kind", "adapter#1"): "wired", ("adapter.connected", "adapter#1"): True,
            ("adapter.speed", "adapter#1"): 10**9, ("adapter.gateway", "adapter#1"): "10.20.1.1",
            ("adapter.dns", "adapter#1"): ("10.20.0.53", "10.20.1.53"), ("adapter.kind", "adapter#2"): "loopback",
            ("route.gateway", "route#1"): "10.20.1.1", ("route.metric", "route#2"): 100,
            ("neighbour.mac", "neighbour#1"): "3c:5a:b4:00:00:01",
            ("account.full_name", "account#3"): "Ines Calloway", ("account.admin", "account#3"): True, ("account.enabled", "account#2"): False,
        }  # fmt: skip
        self.assertEqual({key: found.get(key) for key in expected}, expected)
        self.assertNotIn(("machine.tag", None), found)
        self.assertNotIn(("processor.name", "processor#3"), found)
        self.assertNotIn(("neighbour.mac", "neighbour#2"), found)

    def test_the_firmwares_table_and_the_devices_own_data_are_read(self):
        found = self.facts()
        expected = {
            ("machine.sku", None): "BR10-EU", ("board.model", None): "VB-10", ("firmware.maker", None): "Lanternworks",
            ("firmware.secure_boot", None): True, ("security.tpm", None): "2.0",
            ("memory.slots", None): 4, ("memory.limit", None): 64 * GIB,
            ("module.size", "module#1"): 8 * GIB, ("module.type", "module#1"): "DDR4", ("module.form", "module#1"): "dimm",
            ("module.speed", "module#2"): 3200, ("module.running_speed", "module#2"): 2400,
            ("module.part", "module#2"): "SK16-D4-3200", ("module.serial", "module#1"): "3F10A9C2",
            ("module.bank", "module#1"): "CH-A/0", ("module.slot", "module#2"): "A2",
            ("disk.layout", "disk#1"): "gpt", ("disk.id", "disk#1"): "7d1f0a52-93c4-4b1e-a6f8-20c95e1b7703",
            ("partition.kind", "partition#1"): "EFI system", ("partition.start", "partition#2"): 4096 * 512,
            ("partition.size", "partition#3"): 976771000 * 512,
            ("display.name", "display#1"): "Heron 27", ("display.serial", "display#1"): "HN27-0093", ("display.width", "display#1"): 2560,
            ("graphics.name", "graphics#1"): "Lumenarc 440", ("graphics.memory", "graphics#1"): 4 * GIB,
            ("battery.design", "battery#1"): 52000, ("battery.cycles", "battery#1"): 211, ("battery.health", "battery#1"): 0.9,
            ("sound.name", "sound#1"): "Chime Analog", ("printer.name", "printer#1"): "HallPrinter",
            ("software.version", "software#1"): "4.2.7-1", ("software.maker", "software#1"): "Tideline",
            ("update.installed_at", "update#1"): "2026-01-02T03:04:00", ("driver.version", "driver#2"): "5.2.1",
            ("driver.signed", "driver#1"): False, ("driver.file", "driver#2"): "/lib/modules/6.1.0-kelp/kernel/net/wickerlink.ko",
            ("account.password_set_at", "account#3"): "2025-11-08", ("account.password_expires_at", "account#3"): "2026-02-06",
            ("account.password_expires_at", "account#1"): "never", ("account.last_logon_at", "account#3"): "2026-01-02T09:20:00",
            ("task.runs", "task#1"): "/opt/quaymaster/nightly --all", ("task.user", "task#1"): "root", ("task.runs", "task#2"): "tidal-sync.service",
            ("process.name", "process#2"): "tideline", ("process.memory", "process#1"): 9332 * 1024,
            ("connection.local", "connection#1"): "127.0.0.1:8040", ("connection.state", "connection#2"): "established",
            ("connection.pid", "connection#2"): "77", ("connection.local", "connection#3"): "[::1]:631",
            ("boot_entry.name", "boot_entry#2"): "Harbour OS", ("boot_entry.default", "boot_entry#2"): True,
            ("boot_entry.path", "boot_entry#2"): "\\EFI\\harbour\\start.efi",
            ("page_file.size", "page_file#1"): 2097148 * 1024, ("os.installed_at", None): "2024-05-06", ("os.oldest_trace_at", None): "2024-05-06",
        }  # fmt: skip
        self.assertEqual({key: found.get(key) for key in expected}, expected)
        self.assertNotIn(("module.size", "module#3"), found)
        self.assertNotIn(("software.name", "software#2"), found)

    def test_what_could_be_a_secret_is_never_printed(self):
        lines = "\n".join(
            environment.shown({"API_TOKEN": "hush-1", "DB_PASSWORD": "hush-2", "EDITOR": "ed", "PATH": "/bin:/usr/bin"})
        )
        self.assertNotIn("hush", lines)
        self.assertIn("EDITOR", lines)
        found = read(lines.encode()).readings
        self.assertEqual([r.value.value for r in found if r.fact == "search_folder.folder"], ["/bin", "/usr/bin"])
        self.assertNotIn("$y$", this_pc.collect(self.root))

    def test_probes_run_side_by_side_and_are_printed_in_their_order(self):
        together = threading.Barrier(3, timeout=10)

        def wait(root):
            together.wait()
            return ["Host name: a"]

        report = this_pc.collect(
            self.root, [Probe(name, "", wait, seconds=s) for name, s in (("a", 0), ("b", 2), ("c", 1))]
        )
        self.assertEqual(re.findall(r"probe (\w)$", report, re.MULTILINE), ["a", "b", "c"])
        self.assertEqual(report.count("Host name: a"), 3)

    def test_volumes_are_right_to_the_byte(self):
        found = self.facts()
        stat = os.statvfs(self.root)
        self.assertEqual(found[("volume.size", "volume#1")], stat.f_blocks * stat.f_frsize)

    def test_what_is_missing_is_said_and_seen_as_a_failure(self):
        for probe in PROBES:
            if probe.name == "environment":  # it is asked of this command, not of files
                continue
            with self.subTest(probe.name), tempfile.TemporaryDirectory() as empty:
                report = read(this_pc.collect(Path(empty), [probe]).encode())
                self.assertEqual(
                    [s.failure for s in report.sections if s.command == f"probe {probe.name}"], ["not-supported"]
                )

    def test_what_needs_rights_is_said_and_the_other_probes_go_on(self):
        def refuse(root):
            raise PermissionError(13, "Permission denied", "/sys/secret")

        def crash(root):
            return [str(1 // 1), str({}["x"])]

        probes = [Probe("secret", "/sys/secret", refuse), Probe("broken", "/sys/odd", crash), *PROBES]
        report = read(this_pc.collect(self.root, probes).encode())
        failed = {s.command: s.failure for s in report.sections if s.failure}
        self.assertEqual(failed.pop("probe secret"), "no-rights")
        self.assertEqual(set(failed), {"probe broken"})
        self.assertTrue(any(r.fact == "machine.serial" for r in report.readings))

    def test_kernel_files_full_of_nonsense_break_nothing(self):
        for name in (*TEXTS, *data_files()):
            (self.root / name).write_bytes(b"\xff\x00\x1b]0;x\x07: = \t-1 0x zz\n" * 3)
        text = this_pc.collect(self.root)
        self.assertEqual(text.count(" $ probe "), len(PROBES))
        self.assertIsNone(re.search(r"[\x00-\x09\x0b-\x1f\x7f]", text))
        read(text.encode())

    def test_a_probe_tells_in_words_why_it_says_nothing(self):
        with self.assertRaisesRegex(NotSaid, "could not be read"):
            PROBES[0].ask(self.root / "nowhere")
        self.assertEqual(default_gateways("head\neth0 zz"), {})


class ThisMachine(unittest.TestCase):
    def test_says_what_the_kernel_says_to_the_byte(self):
        report = read(this_pc.collect().encode())
        found = {}
        for reading in report.readings:
            found.setdefault((reading.fact, reading.item), reading.value.value)
        total = re.search(r"MemTotal:\s+(\d+)", Path("/proc/meminfo").read_text())[1]
        self.assertEqual(found[("memory.usable", None)], int(total) * 1024)
        mounts = {r.item: r.value.value for r in report.readings if r.fact == "volume.mount"}
        root = next(item for item, mount in mounts.items() if mount == "/")
        stat = os.statvfs("/")
        self.assertEqual(found[("volume.size", root)], stat.f_blocks * stat.f_frsize)
        names = {value for (fact, _), value in found.items() if fact == "adapter.name"}
        self.assertEqual(names, set(os.listdir("/sys/class/net")))
        self.assertGreaterEqual(found[("processor.threads", "processor#1")], 1)
        self.assertIn(("os.name", None), found)


class HandingIn(unittest.TestCase):
    def setUp(self):
        configure_logs(quiet=True)
        empty_store()
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            self.port = probe.getsockname()[1]
        self.server = uvicorn.Server(uvicorn.Config(served(), port=self.port, log_level="error"))
        thread = threading.Thread(target=self.server.run, daemon=True)
        thread.start()
        self.addCleanup(thread.join, 10)
        self.addCleanup(setattr, self.server, "should_exit", True)
        while not self.server.started:
            thread.join(0.02)

    def test_goes_by_token_to_the_bench_and_refusals_are_told(self):
        url = f"http://127.0.0.1:{self.port}"
        with using():
            token = people.add_token("collector", "ines")
        said = hand_in(this_pc.collect(), url, token)
        self.assertIn("waiting on the Bench", said)
        with using():
            self.assertEqual([v.reports[0].way for v in open_visits()], ["collector"])
        with self.assertRaisesRegex(HandInFailed, "revoked"):
            hand_in("x", url, "yt_wrong")
        with self.assertRaisesRegex(HandInFailed, "empty"):
            hand_in(" ", url, token)

    def test_a_server_that_is_not_there_is_told(self):
        with self.assertRaisesRegex(HandInFailed, "did not answer"):
            hand_in("x", "http://127.0.0.1:9", "yt_x", timeout=2)
        with self.assertRaises(HandInFailed):
            hand_in("x", "no address at all", "yt_x", timeout=2)
