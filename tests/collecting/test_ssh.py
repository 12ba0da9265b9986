"""Asking over SSH: stand-ins that behave, and each way in which a PC does not; and a real OpenSSH server."""

import asyncio
import getpass
import shutil
import socket
import subprocess
import tempfile
import time
import unittest
from pathlib import Path

import asyncssh

from tests.collecting.stand_in_office import Answering, printed
from tests.collecting.test_shell_script import facts
from yes_tally.collecting import this_pc
from yes_tally.collecting.asking import Credentials, Limits, NotReached, Question, Target
from yes_tally.collecting.script import SCRIPT
from yes_tally.collecting.ssh import ask
from yes_tally.standins.host import FLOOD, ORDINARY_PASSWORD, ORDINARY_USER, PASSWORD, USER, Manner
from yes_tally.standins.reports import commands_of

ME = Credentials(USER, PASSWORD)
QUICK = Limits(command_seconds=1.5, pc_seconds=6, output_bytes=200_000)


class Keys:
    """Pinned host keys in memory."""

    def __init__(self):
        self.pinned = {}

    async def known(self, target):
        return self.pinned.get(target)

    async def pin(self, target, key):
        self.pinned[target] = key


class Heard:
    """What a listener is told."""

    def __init__(self):
        self.begun, self.answers = [], {}

    async def started(self, question):
        self.begun.append(question.typed)

    async def answered(self, answer):
        self.answers[answer.question.typed] = answer


def asked(port, questions, credentials=ME, limits=QUICK, keys=None):
    heard = Heard()
    questions = [Question(q) if isinstance(q, str) else q for q in questions]
    asyncio.run(ask(Target("127.0.0.1", port), credentials, questions, limits, keys or Keys(), heard))
    return heard


class StandIns(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.office = Answering(
            {"nq-tkt-02", "nq-crw-08", "nq-acc-04", "nq-crw-07", "nq-crw-05", "nq-srv-01", "gp-wks-03", "nq-dsp-01"}
        )
        cls.addClassCleanup(cls.office.stop)
        cls.pcs = {pc.host: pc for pc in cls.office.machines}

    def refused(self, host, **given):
        with self.assertRaises(NotReached) as caught:
            asked(self.office.ports[host], ["about machine"], **given)
        return caught.exception

    def test_every_report_is_byte_for_byte_what_the_pc_printed(self):
        pc = self.pcs["nq-tkt-02"]
        commands = commands_of(pc)
        heard = asked(self.office.ports[pc.host], [Question(c.typed, c.seconds) for c in commands])
        self.assertEqual(
            {t: a.printed for t, a in heard.answers.items()}, {c.typed: printed(pc, c.typed) for c in commands}
        )
        self.assertTrue(all(a.failure is None and a.exit_code == 0 and a.seconds > 0 for a in heard.answers.values()))
        slowest = sorted(commands, key=lambda c: -c.seconds)
        self.assertEqual(set(heard.begun[:4]), {c.typed for c in slowest[:4]})

    def test_errors_exit_codes_and_their_meaning_are_kept(self):
        heard = asked(self.office.ports["nq-crw-08"], ["hull list", "about machine"])
        missing = heard.answers["hull list"]
        self.assertEqual(
            (missing.output, missing.errors, missing.exit_code), (b"", b"hull: nothing here by that name\n", 127)
        )
        self.assertEqual((missing.failure, heard.answers["about machine"].failure), ("not-found", None))
        rights = asked(self.office.ports["nq-tkt-02"], ["about licence"], Credentials(ORDINARY_USER, ORDINARY_PASSWORD))
        self.assertEqual(
            (rights.answers["about licence"].failure, rights.answers["about licence"].exit_code), ("no-rights", 5)
        )

    def test_a_pc_that_is_not_there_or_does_not_let_us_in_is_told_apart(self):
        self.assertEqual(self.refused("gp-wks-03").kind, "unreachable")
        self.assertEqual(self.refused("nq-acc-04").kind, "not-let-in")
        wrong = self.refused("nq-tkt-02", credentials=Credentials(USER, "wrong-tide"))
        self.assertEqual(wrong.kind, "not-let-in")
        self.assertNotIn("wrong-tide", str(wrong) + repr(Credentials(USER, "wrong-tide", "k", "p")))
        self.assertIn("private key", str(self.refused("nq-tkt-02", credentials=Credentials(USER, key="no key"))))

    def test_one_that_hangs_is_given_up_and_the_rest_is_not_asked(self):
        heard = asked(
            self.office.ports["nq-crw-07"],
            [f"about {n}" for n in ("machine", "modules", "disks", "net", "system", "volumes", "software")],
            limits=Limits(0.3, 2.0),
        )
        kinds = [a.failure for a in heard.answers.values()]
        self.assertEqual(len(kinds), 7)
        self.assertLessEqual(set(kinds), {"timed-out", "not-asked"})
        self.assertIn("not-asked", kinds)

    def test_one_that_closes_half_way_keeps_what_came(self):
        heard = asked(
            self.office.ports["nq-crw-05"],
            [Question("about volumes", 9), "about machine"],
            limits=Limits(2, 5, side_by_side=1),
        )
        cut = heard.answers["about volumes"]
        whole = printed(self.pcs["nq-crw-05"], "about volumes")
        self.assertEqual(cut.failure, "cut-off")
        self.assertTrue(whole.startswith(cut.output))
        self.assertEqual(heard.answers["about machine"].failure, "not-asked")
        self.assertIn("connection was closed", heard.answers["about machine"].why)

    def test_one_that_prints_80_mb_is_stopped_and_the_beginning_is_kept(self):
        heard = asked(
            self.office.ports["nq-srv-01"], ["about software", "about machine"], limits=Limits(20, 30, 100_000)
        )
        flood = heard.answers["about software"]
        self.assertEqual((flood.failure, len(flood.output)), ("too-long", 100_000))
        self.assertGreater(FLOOD, 80_000_000)
        self.assertTrue(flood.output.startswith(printed(self.pcs["nq-srv-01"], "about software")))
        self.assertIsNone(heard.answers["about machine"].failure)

    def test_a_changed_host_key_is_refused_loudly_before_any_password(self):
        keys = Keys()
        port = self.office.ports["nq-dsp-01"]
        asked(port, ["about machine"], keys=keys)
        asked(port, ["about machine"], keys=keys)
        other = Answering({"nq-dsp-01"}, manners={"nq-dsp-01": Manner.NEW_KEY})
        self.addCleanup(other.stop)
        keys.pinned[Target("127.0.0.1", other.ports["nq-dsp-01"])] = keys.pinned[Target("127.0.0.1", port)]
        with self.assertRaisesRegex(NotReached, "no password was sent") as caught:
            asked(other.ports["nq-dsp-01"], ["about machine"], keys=keys)
        self.assertEqual(caught.exception.kind, "key-changed")

    def test_something_that_is_no_ssh_server_is_told(self):
        with socket.create_server(("127.0.0.1", 0)) as silent:
            port = silent.getsockname()[1]
            with self.assertRaises(NotReached) as caught:
                asked(port, ["about machine"], limits=Limits(1, 0.5))
            self.assertEqual(caught.exception.kind, "unreachable")

    def test_cancelling_ends_at_once_and_leaves_no_connection(self):
        async def cancelled():
            heard = Heard()
            task = asyncio.create_task(
                ask(
                    Target("127.0.0.1", self.office.ports["nq-crw-07"]),
                    ME,
                    [Question("about machine")],
                    Limits(),
                    Keys(),
                    heard,
                )
            )
            while not heard.begun:
                await asyncio.sleep(0.01)
            task.cancel()
            with self.assertRaises(asyncio.CancelledError):
                await task
            return heard

        self.assertEqual(asyncio.run(cancelled()).answers, {})


SSHD = shutil.which("sshd") or "/usr/sbin/sshd"


class ARealServer(unittest.TestCase):
    """OpenSSH's own server on loopback, with a key of its own for this test."""

    @classmethod
    def setUpClass(cls):
        folder = tempfile.TemporaryDirectory()
        cls.addClassCleanup(folder.cleanup)
        root = Path(folder.name)
        cls.key = asyncssh.generate_private_key("ssh-ed25519")
        own = asyncssh.generate_private_key("ssh-ed25519")
        own.write_private_key(root / "host_key")
        (root / "host_key").chmod(0o600)
        (root / "allowed").write_bytes(cls.key.export_public_key())
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            cls.port = probe.getsockname()[1]
        (root / "config").write_text(
            f"Port {cls.port}\nListenAddress 127.0.0.1\nHostKey {root}/host_key\nAuthorizedKeysFile {root}/allowed\n"
            f"PidFile {root}/pid\nStrictModes no\nUsePAM no\nPermitRootLogin prohibit-password\nPasswordAuthentication no\n"
        )
        Path("/run/sshd").mkdir(exist_ok=True)  # OpenSSH's own empty folder, which its service makes
        cls.server = subprocess.Popen([SSHD, "-D", "-f", str(root / "config")], stderr=subprocess.DEVNULL)
        cls.addClassCleanup(cls.server.wait)
        cls.addClassCleanup(cls.server.terminate)
        for _ in range(1200):
            try:
                socket.create_connection(("127.0.0.1", cls.port), 1).close()
                break
            except OSError:
                time.sleep(0.05)
        cls.me = Credentials(getpass.getuser(), key=cls.key.export_private_key().decode())

    def test_the_script_over_ssh_tells_what_the_local_collector_tells(self):
        question = Question("sh -s", 5, SCRIPT)
        heard = asked(self.port, [question], self.me, Limits(60, 90))
        answer = heard.answers["sh -s"]
        self.assertEqual((answer.failure, answer.exit_code, answer.errors), (None, 0, b""))
        # The system's language is told by who signs in, not by the machine.
        remote, local = facts(answer.output), facts(this_pc.collect())
        for found in (remote, local):
            found.pop(("os.language", None), None)
        self.assertEqual(remote, local)
        self.assertGreater(len(remote), 100)

    def test_commands_one_by_one_with_their_errors_and_codes(self):
        heard = asked(
            self.port,
            ["cat /proc/meminfo", "no-such-word-here", "cat /nowhere", "exit 7", "printf 'a\\r\\nb\\000'"],
            self.me,
            Limits(20, 60),
        )
        self.assertIn(b"MemTotal:", heard.answers["cat /proc/meminfo"].output)
        self.assertEqual(heard.answers["no-such-word-here"].failure, "not-found")
        self.assertEqual(heard.answers["cat /nowhere"].failure, "not-supported")
        self.assertEqual((heard.answers["exit 7"].failure, heard.answers["exit 7"].exit_code), ("failed", 7))
        self.assertEqual(heard.answers["printf 'a\\r\\nb\\000'"].output, b"a\r\nb\0")

    def test_a_slow_command_is_stopped_and_the_others_are_answered(self):
        heard = asked(self.port, [Question("sleep 60", 60), "echo tide"], self.me, Limits(2.5, 30))
        self.assertEqual(heard.answers["sleep 60"].failure, "timed-out")
        self.assertEqual(heard.answers["echo tide"].output, b"tide\n")

    def test_a_key_that_is_not_allowed_does_not_get_in(self):
        other = asyncssh.generate_private_key("ssh-ed25519").export_private_key().decode()
        with self.assertRaises(NotReached) as caught:
            asked(self.port, ["echo tide"], Credentials(getpass.getuser(), key=other))
        self.assertEqual(caught.exception.kind, "not-let-in")


if __name__ == "__main__":
    unittest.main()
