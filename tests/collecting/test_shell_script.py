"""The shell script for a PC with no Python: it prints what the local collector prints, and leaves nothing behind."""

import os
import subprocess
import tempfile
import unittest
from pathlib import Path

from tests.collecting.fake_pc import TEXTS, data_files, lay_out
from yes_tally.collecting import this_pc
from yes_tally.collecting.script import SCRIPT
from yes_tally.core.reading.reader import read

# What changes from one second to the next, or belongs to the one who asks.
VOLATILE = (
    "process.",
    "memory.available",
    "volume.free",
    "variable.",
    "search_folder.",
    "connection.",
    "processor.current_clock",
)


def run_script(root=None, cwd=None):
    environment = {name: value for name, value in os.environ.items() if name != "ROOT"}
    if root is not None:
        environment["ROOT"] = str(root)
    return subprocess.run(
        ["sh", "-s"], input=SCRIPT, capture_output=True, env=environment, cwd=cwd, timeout=120, check=False
    )


def facts(report, leave=VOLATILE):
    data = report.encode() if isinstance(report, str) else report
    found = {}
    for r in read(data).readings:
        if not r.fact.startswith(leave):
            found[(r.fact, r.item)] = r.value.value
    return found


class TheScript(unittest.TestCase):
    maxDiff = None

    def made_up_pc(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        lay_out(Path(folder.name))
        return Path(folder.name)

    def test_tells_of_this_machine_what_the_local_collector_tells(self):
        shell, local = facts(run_script().stdout), facts(this_pc.collect())
        self.assertEqual(shell, local)
        self.assertGreater(len(local), 100)

    def test_decodes_firmware_disks_displays_and_boot_entries_as_the_local_collector_does(self):
        root = self.made_up_pc()
        leave = tuple(name for name in VOLATILE if name not in ("process.", "connection."))
        # Addresses come from this machine's kernel, whatever the folder of files is.
        leave = (*leave, "adapter.ipv4", "adapter.ipv6", "adapter.mask")
        done = run_script(root)
        self.assertEqual(done.stderr, b"")
        shell, local = facts(done.stdout, leave), facts(this_pc.collect(root), leave)
        self.assertEqual(shell, local)
        for fact in (
            "module.size",
            "partition.start",
            "display.serial",
            "boot_entry.path",
            "account.last_logon_at",
            "connection.pid",
        ):
            self.assertIn(fact, {name for name, _ in shell})

    def test_leaves_nothing_on_the_pc(self):
        root = self.made_up_pc()
        before = sorted((str(p), p.lstat().st_mtime_ns) for p in root.rglob("*"))
        with tempfile.TemporaryDirectory() as cwd:
            run_script(root, cwd)
            self.assertEqual(os.listdir(cwd), [])
        self.assertEqual(sorted((str(p), p.lstat().st_mtime_ns) for p in root.rglob("*")), before)

    def test_a_pc_that_gives_nothing_is_told_so_probe_by_probe(self):
        with tempfile.TemporaryDirectory() as empty:
            report = read(run_script(empty).stdout)
        failed = {s.command for s in report.sections if s.failure}
        self.assertEqual({s.command for s in report.sections if s.command} - failed, {"probe environment"})

    def test_files_full_of_nonsense_break_nothing(self):
        root = self.made_up_pc()
        for name in (*TEXTS, *data_files()):
            (root / name).write_bytes(b"\xff\x00\x1b]0;x\x07: = \t-1 0x zz '\"`$(touch x)`\n" * 3)
        with tempfile.TemporaryDirectory() as cwd:
            done = run_script(root, cwd)
            self.assertEqual(os.listdir(cwd), [])
        self.assertEqual(done.stdout.count(b" $ probe "), this_pc.collect(root).count(" $ probe "))
        self.assertNotRegex(done.stdout, rb"[\x00-\x09\x0b-\x1f\x7f]")


if __name__ == "__main__":
    unittest.main()
