"""The commands as a shell sees them: what they print, and the exit code."""

import json
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path

from typer.testing import CliRunner

from tests.stores import copy_of_demo
from yes_tally.cli import app
from yes_tally.records.store import database, using

REPORT = "ines@nq-tkt-01 > about system\nBuild: 12.0.4390.14\nInstalled memory: 16 GB\n"


def run(*arguments, given=""):
    """A command run within this process: loading all that commands need takes seconds."""
    return CliRunner().invoke(app, list(map(str, arguments)), input=given, prog_name="yes-tally")


def run_apart(*arguments, given=""):
    """A command run as a shell does, in a process of its own."""
    return subprocess.run(
        [sys.executable, "-m", "yes_tally.cli", *map(str, arguments)], input=given, capture_output=True, text=True, timeout=60, check=False
    )  # fmt: skip


class Commands(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.report = self.folder / "a.txt"
        self.report.write_text(REPORT)

    def test_read_prints_facts_with_their_lines(self):
        done = run("read", self.report)
        self.assertEqual(done.exit_code, 0)
        self.assertRegex(done.stdout, r"line +2 +os\.build +'12\.0\.4390\.14'")

    def test_read_json_keeps_its_contract(self):
        done = run("read", self.report, "-", "--json", given="Host name: gp-tkt-01\nnonsense\n")
        first, second = json.loads(done.stdout)["reports"]
        self.assertEqual(set(first), {"file", "sha256", "encoding", "sections", "readings", "unread_lines"})
        self.assertEqual(
            first["sections"][0], {"command": "about system", "first_line": 1, "last_line": 3, "failure": None}
        )
        memory = next(r for r in first["readings"] if r["fact"] == "memory.installed")
        self.assertEqual(
            {key: memory[key] for key in ("item", "printed", "value", "low", "high", "line", "column", "shape", "label")},
            {"item": None, "printed": "16 GB", "value": 2**34, "low": 2**34, "high": 2**34, "line": 3, "column": 19, "shape": "pairs",
             "label": "Installed memory"},
        )  # fmt: skip
        self.assertEqual((second["file"], second["unread_lines"]), ("-", [2]))

    def test_a_file_that_is_not_there_is_told(self):
        done = run("read", self.folder / "missing.txt")
        self.assertEqual(done.exit_code, 2)
        self.assertIn("cannot be read: No such file", done.stderr)

    def test_collect_piped_to_read_gives_this_machine(self):
        done = run_apart("read", "-", "--json", given=run_apart("collect").stdout)
        facts = {r["fact"] for r in json.loads(done.stdout)["reports"][0]["readings"]}
        self.assertLessEqual({"os.name", "memory.usable", "processor.threads", "volume.size", "adapter.name"}, facts)

    def test_collect_refuses_to_hand_in_without_a_token_and_tells_what_failed(self):
        self.assertEqual(run("collect", "--to", "http://127.0.0.1:9").exit_code, 2)
        done = run("collect", "--to", "http://127.0.0.1:9", "--token", "yt_x")
        self.assertEqual(done.exit_code, 1)
        self.assertIn("was not sent", done.stderr)
        self.assertIn("probe memory", done.stdout)

    def test_check_answers_and_exits_one_on_a_no(self):
        spec = self.folder / "x.spec"
        spec.write_text('spec "x"\nmust memory.installed at least 16 GB\nmust os.build at least 12.0.4417\n')
        done = run("check", spec, self.report)
        self.assertEqual(done.exit_code, 1)
        self.assertIn("27 builds behind", done.stdout)
        spec.write_text('spec "x"\nmust memory.instaled at least 16 GB\n')
        done = run("check", spec, self.report)
        self.assertEqual(done.exit_code, 2)
        self.assertIn("line 2, column 6", done.stderr)

    def test_verify_walks_the_records_and_names_the_first_flaw(self):
        path = copy_of_demo()
        store = path.parent / "yes-tally.db"
        path.rename(store)
        done = run("verify", "--data", path.parent)
        self.assertEqual(done.exit_code, 0, done.stderr)
        self.assertRegex(done.stdout, r"\d+ sealed records, all whole")
        from yes_tally.records.store import open_store

        open_store(store)
        with using():
            database.execute_sql("DROP TRIGGER record_stays")
            database.execute_sql("UPDATE record SET body = replace(body, 'volume', 'retail') WHERE number IN (7, 9)")
        done = run("verify", "--data", path.parent)
        self.assertEqual((done.exit_code, done.stdout.split(":")[0]), (1, "record 7"))

    def test_a_store_that_is_not_there_is_told(self):
        done = run("verify", "--data", self.folder / "none")
        self.assertEqual(done.exit_code, 2)
        self.assertIn("there is no store", done.stderr)

    def test_nobody_is_let_in_by_a_default_password(self):
        done = run("serve", "--data", self.folder / "new", "--port", "9")
        self.assertEqual(done.exit_code, 2)
        self.assertIn("add the first lead", done.stderr)
        done = run(
            "add-person", "ines", "--role", "lead", "--password", "a-long-password", "--data", self.folder / "new"
        )
        self.assertIn("ines can sign in as a lead", done.stdout)
        done = run("add-token", "script", "--for", "ines", "--data", self.folder / "new")
        self.assertTrue(done.stdout.startswith("yt_"))
        done = run("add-person", "bram", "--password", "short", "--data", self.folder / "new")
        self.assertEqual(done.exit_code, 2)
