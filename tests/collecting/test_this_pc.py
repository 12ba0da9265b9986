"""Collecting from this PC: what the kernel says is what is read, and what it does not say is said so."""

import os
import re
import socket
import tempfile
import threading
import unittest
from pathlib import Path

import uvicorn

from tests.stores import empty_store
from yes_tally.collecting import this_pc
from yes_tally.collecting.hand_in import HandInFailed, hand_in
from yes_tally.collecting.probe import NotSaid, Probe
from yes_tally.collecting.probes import PROBES
from yes_tally.collecting.probes.routes import default_gateways
from yes_tally.core.reading.reader import read
from yes_tally.records import people
from yes_tally.records.store import using
from yes_tally.records.visits import open_visits
from yes_tally.server.app import create_app
from yes_tally.server.logs import configure_logs

CPU = """processor\t: {n}
vendor_id\t: Kestrel
model name\t: Kestrel K5-8420 @ 3.20GHz
stepping\t: 3
cpu MHz\t\t: 3192.113
physical id\t: {socket}
siblings\t: 4
core id\t\t: {n}
cpu cores\t: 2

"""
FILES = {
    "proc/cpuinfo": "".join(CPU.format(n=n, socket=n // 4) for n in range(8)),
    "proc/meminfo": "MemTotal:       16601104 kB\nMemFree:         1000000 kB\nMemAvailable:    9637888 kB\n",
    "proc/version": "Linux version 6.1.0-kelp (builder@harbour) (cc 12) #1 SMP",
    "proc/stat": "cpu 1 2 3\nbtime 1767345600\n",
    "proc/sys/kernel/hostname": "gp-wks-02\n",
    "proc/mounts": "/dev/sda1 / kelp rw 0 0\nproc /proc proc rw 0 0\nserver:/crew /mnt/crew\\040share nfs4 rw 0 0\n",
    "proc/net/route": "Iface\tDestination\tGateway \tFlags\tRefCnt\tUse\tMetric\tMask\t\tMTU\n"
    "eth0\t00000000\t0101140A\t0003\t0\t0\t100\t00000000\t0\neth0\t0001140A\t00000000\t0001\t0\t0\t100\t00FFFFFF\t0\n",
    "proc/net/arp": "IP address       HW type     Flags       HW address            Mask     Device\n"
    "10.20.1.1        0x1         0x2         3c:5a:b4:00:00:01     *        eth0\n"
    "10.20.1.9        0x1         0x0         00:00:00:00:00:00     *        eth0\n",
    "etc/os-release": 'NAME="Harbour OS"\nPRETTY_NAME="Harbour OS 12 Desk Pro"\nVERSION_ID="12"\nBUILD_ID=12.0.4417.82\n',
    "etc/resolv.conf": "# made by hand\nnameserver 10.20.0.53\nnameserver 10.20.1.53\n",
    "etc/passwd": "root:x:0:0:root:/root:/bin/sh\ndaemon:x:1:1::/:/usr/sbin/nologin\nines:x:1000:1000:Ines Calloway,,,:/home/ines:/bin/sh\nbroken line\n",
    "etc/group": "root:x:0:\nsudo:x:27:ines\nines:x:1000:\n",
    "sys/class/dmi/id/sys_vendor": "Veldt & Rowe\n", "sys/class/dmi/id/product_name": "Brig 10\n", "sys/class/dmi/id/product_serial": "VR779331Q\n",
    "sys/class/dmi/id/chassis_type": "3\n", "sys/class/dmi/id/chassis_asset_tag": "Default string\n", "sys/class/dmi/id/bios_version": "L52.1.18\n",
    "sys/class/dmi/id/bios_date": "09/04/2023\n", "sys/class/dmi/id/product_uuid": "7d1f0a52-93c4-4b1e-a6f8-20c95e1b7703\n",
    "sys/block/sda/size": "976773168\n", "sys/block/sda/queue/rotational": "1\n", "sys/block/sda/device/model": "Shale 1T\n", "sys/block/sda/ro": "0\n",
    "sys/block/nvme0n1/size": "1953525168\n", "sys/block/nvme0n1/device/model": "Basalt NV1000\n", "sys/block/nvme0n1/device/serial": "B5-7714-QX\n",
    "sys/block/loop0/size": "100\n", "sys/block/sr0/size": "2000\n",
    "sys/class/net/eth0/type": "1\n", "sys/class/net/eth0/address": "3c:5a:b4:10:77:e2\n", "sys/class/net/eth0/operstate": "up\n",
    "sys/class/net/eth0/speed": "1000\n", "sys/class/net/eth0/device/vendor": "x\n", "sys/class/net/lo/type": "772\n", "sys/class/net/lo/carrier": "1\n",
}  # fmt: skip


class FakePc(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.root = Path(folder.name)
        for name, text in FILES.items():
            path = self.root / name
            path.parent.mkdir(parents=True, exist_ok=True)
            path.write_text(text)
        (self.root / "mnt/crew share").mkdir(parents=True)

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
            ("machine.form", None): "desktop", ("firmware.dated", None): "2023-09-04", ("firmware.mode", None): "legacy",
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

    def test_volumes_are_right_to_the_byte(self):
        found = self.facts()
        stat = os.statvfs(self.root)
        self.assertEqual(found[("volume.size", "volume#1")], stat.f_blocks * stat.f_frsize)

    def test_what_is_missing_is_said_and_seen_as_a_failure(self):
        for probe in PROBES:
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
        self.assertEqual(failed, {"probe secret": "no-rights", "probe broken": "not-supported"})
        self.assertTrue(any(r.fact == "machine.serial" for r in report.readings))

    def test_kernel_files_full_of_nonsense_break_nothing(self):
        for name in FILES:
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
        self.server = uvicorn.Server(uvicorn.Config(create_app(), port=self.port, log_level="error"))
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
