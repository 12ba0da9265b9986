"""Every test of the project, after the static checks; ends with ``N passed, N failed``.

The tests that drive a browser run beside the others, in a process of their own: both wait a good deal.
"""

from __future__ import annotations

import re
import subprocess
import sys
import time
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
LANES = ("browser", "others")
_SAID = re.compile(rb"^(\d+) passed, (\d+) failed$", re.M)


class Counting(unittest.TextTestResult):
    """Counts what passed, so that the last line can say it."""

    passed = 0

    def addSuccess(self, test: unittest.TestCase) -> None:
        super().addSuccess(test)
        self.passed += 1


def main() -> int:
    """Run everything, or the tests whose names hold the words given; exit 1 when anything failed."""
    words = sys.argv[1:]
    if words[:1] == ["--lane"]:
        return _run([test for test in _tests() if _lane(test) == words[1]])
    if words:
        return _run([test for test in _tests() if any(word in test.id() for word in words)])
    started = time.monotonic()
    lanes = [_start(lane) for lane in LANES]
    checked = subprocess.run(["make", "-s", "check"], cwd=ROOT, check=False).returncode == 0
    passed, failed = int(checked), int(not checked)
    for lane in lanes:
        output, _ = lane.communicate()
        sys.stdout.buffer.write(output)
        sys.stdout.flush()
        said = _SAID.findall(output)
        # A lane that ended without saying how has failed, whatever it did before.
        passed, failed = (passed + int(said[-1][0]), failed + int(said[-1][1])) if said else (passed, failed + 1)
    print(f"in {time.monotonic() - started:.0f} s; static checks {'passed' if checked else 'FAILED'}")
    print(f"{passed} passed, {failed} failed")
    return 1 if failed else 0


def _start(lane: str) -> subprocess.Popen[bytes]:
    command = [sys.executable, "-m", "tests", "--lane", lane]
    return subprocess.Popen(command, cwd=ROOT, stdout=subprocess.PIPE, stderr=subprocess.STDOUT)


def _run(tests: list[unittest.TestCase]) -> int:
    result = unittest.TextTestRunner(resultclass=Counting, verbosity=1, buffer=True).run(unittest.TestSuite(tests))
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    print(f"{result.passed} passed, {failed} failed")
    return 1 if failed else 0


def _lane(test: unittest.TestCase) -> str:
    return "browser" if ".browser." in test.id() else "others"


def _tests() -> list[unittest.TestCase]:
    return flat(unittest.defaultTestLoader.discover(str(ROOT / "tests"), top_level_dir=str(ROOT)))


def flat(suite: unittest.TestSuite) -> list[unittest.TestCase]:
    """The cases of a suite, whatever it is nested in."""
    cases: list[unittest.TestCase] = []
    for entry in suite:
        cases += flat(entry) if isinstance(entry, unittest.TestSuite) else [entry]
    return cases


sys.exit(main())
