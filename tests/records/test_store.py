"""The store: migrations, what is written whole or not at all, and what a kill cannot take away."""

import hashlib
import os
import shutil
import signal
import sqlite3
import subprocess
import sys
import time
import unittest
from unittest.mock import patch

from tests.stores import copy_of_demo, empty_store, fresh_path
from yes_tally.records import store
from yes_tally.records.models import Asset, Record, Report, VisitReport
from yes_tally.records.reports import bytes_of
from yes_tally.records.store import StoreUnusable, open_store, using
from yes_tally.records.visits import hand_in


class Migrations(unittest.TestCase):
    def test_run_once_and_leave_wal_and_foreign_keys_on(self):
        path, _ = empty_store()
        open_store(path)
        with using():
            self.assertEqual(store.database.execute_sql("PRAGMA journal_mode").fetchone(), ("wal",))
            self.assertEqual(store.database.execute_sql("PRAGMA foreign_keys").fetchone(), (1,))
        with sqlite3.connect(path) as connection:
            self.assertEqual(connection.execute("PRAGMA user_version").fetchone()[0], len(store.migrations()))

    def test_a_backup_is_taken_before_each_and_a_broken_one_changes_nothing(self):
        path = copy_of_demo()
        real = store.migrations()
        number = len(real) + 1
        bad = [*real, (number, "CREATE TABLE extra (id INTEGER); INSERT INTO nowhere VALUES (1);")]
        with patch.object(store, "migrations", return_value=bad), self.assertRaises(StoreUnusable):
            open_store(path)
        backup = path.with_suffix(f".before-{number:04}.db")
        self.assertTrue(backup.exists())
        for file in (path, backup):
            with sqlite3.connect(file) as connection:
                self.assertEqual(connection.execute("PRAGMA user_version").fetchone()[0], len(real))
                self.assertEqual(connection.execute("SELECT count(*) FROM asset").fetchone()[0], 36)
                self.assertFalse(connection.execute("SELECT 1 FROM sqlite_master WHERE name = 'extra'").fetchall())

    def test_a_store_of_before_is_filled_from_its_records(self):
        path = copy_of_demo()
        told = "SELECT visit_id, name, item, told FROM visit_fact ORDER BY id"
        shown = "SELECT kind, trace, asset_id, shown, still FROM asset_trace ORDER BY kind, trace, asset_id"
        with sqlite3.connect(path) as connection:
            before = [connection.execute(query).fetchall() for query in (told, shown)]
            for table in ("part", "ruling", "asset_trace", "visit_finding"):
                connection.execute(f"DROP TABLE {table}")
            connection.execute("ALTER TABLE visit_fact DROP COLUMN told")
            connection.execute("ALTER TABLE asset DROP COLUMN board")
            connection.execute("PRAGMA user_version = 4")
        open_store(path)
        with sqlite3.connect(path) as connection:
            self.assertEqual([connection.execute(query).fetchall() for query in (told, shown)], before)
        self.assertTrue(path.with_suffix(".before-0006.db").exists())

    def test_a_file_that_is_no_store_is_refused_in_words(self):
        path = fresh_path("junk")
        path.write_bytes(b"this is not a database, it is a letter" * 100)
        with self.assertRaisesRegex(StoreUnusable, "cannot be used"):
            open_store(path)
        self.assertTrue(path.read_bytes().startswith(b"this is not"))


class Reports(unittest.TestCase):
    def test_any_bytes_are_kept_whole_and_once(self):
        _, lead = empty_store()
        with using():
            for data in (
                b"\x00\xff" * 5000 + b"x",
                "Größe: 16 GB\r\n".encode("utf-16"),
                b"<script>alert(1)</script>",
                os.urandom(3000),
            ):
                sha256 = hashlib.sha256(data).hexdigest()
                first = hand_in(data, "a.txt", "file", lead)
                again = hand_in(data, "b.txt", "file", lead, first.id)
                self.assertEqual((bytes_of(sha256), again.id, again.version), (data, first.id, first.version))
                self.assertEqual(Report.select().where(Report.sha256 == sha256).count(), 1)


class Killed(unittest.TestCase):
    """A process killed while handing in loses nothing that it was told is kept."""

    def test_everything_acknowledged_is_there(self):
        path, _ = empty_store()
        code = (
            "import sys\nfrom pathlib import Path\n"
            "from yes_tally.records.models import Person\nfrom yes_tally.records.store import open_store, using\n"
            "from yes_tally.records.visits import hand_in\n"
            f"open_store(Path({str(path)!r}))\n"
            "with using():\n"
            "    lead = Person.get()\n"
            "    for n in range(100000):\n"
            "        hand_in(f'Host name: nq-{n}\\nModel: Brig {n}\\n'.encode(), f'{n}.txt', 'file', lead)\n"
            "        print(n, flush=True)\n"
        )
        process = subprocess.Popen([sys.executable, "-c", code], stdout=subprocess.PIPE, text=True)
        said = [int(process.stdout.readline()) for _ in range(20)]
        process.send_signal(signal.SIGKILL)
        said += [int(line) for line in process.stdout.read().split()]
        process.wait()
        process.stdout.close()
        open_store(path)
        with using():
            self.assertEqual(store.database.execute_sql("PRAGMA integrity_check").fetchone(), ("ok",))
            kept = {row.file for row in VisitReport.select(VisitReport.file)}
            self.assertLessEqual({f"{n}.txt" for n in said}, kept)
            self.assertGreaterEqual(len(said), 20)

    def test_a_second_writer_waits_and_then_is_told(self):
        path, lead = empty_store()
        other = sqlite3.connect(path, isolation_level=None)
        other.execute("BEGIN IMMEDIATE")
        try:
            with using():
                store.database.execute_sql("PRAGMA busy_timeout = 200")
                started = time.monotonic()
                with self.assertRaisesRegex(Exception, "locked"):
                    hand_in(b"Host name: nq-1\n", "a.txt", "file", lead)
                self.assertLess(time.monotonic() - started, 10)
        finally:
            other.execute("ROLLBACK")
            other.close()
        with using():
            self.assertEqual(hand_in(b"Host name: nq-1\n", "a.txt", "file", lead).state, "open")


class TheDemo(unittest.TestCase):
    def test_a_copy_opens_and_holds_the_office(self):
        path = copy_of_demo()
        shutil.copy(path, fresh_path("again"))
        with using():
            self.assertEqual(Asset.select().count(), 36)
            self.assertGreater(Record.select().count(), 90)
