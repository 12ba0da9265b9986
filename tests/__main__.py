"""Every test of the project, after the static checks; ends with ``N passed, N failed``."""

from __future__ import annotations

import subprocess
import sys
import time
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent


class Counting(unittest.TextTestResult):
    """Counts what passed, so that the last line can say it."""

    passed = 0

    def addSuccess(self, test: unittest.TestCase) -> None:
        super().addSuccess(test)
        self.passed += 1


def main() -> int:
    """Run the checks and the tests whose names hold the words given; exit 1 when anything failed."""
    words = sys.argv[1:]
    checked = words or subprocess.run(["make", "-s", "check"], cwd=ROOT, check=False).returncode == 0
    suite = unittest.defaultTestLoader.discover(str(ROOT / "tests"), top_level_dir=str(ROOT))
    if words:
        suite = unittest.TestSuite(test for test in flat(suite) if any(word in test.id() for word in words))
    started = time.monotonic()
    result = unittest.TextTestRunner(resultclass=Counting, verbosity=1, buffer=True).run(suite)
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses) + (not checked)
    passed = result.passed + (checked is True)
    print(
        f"in {time.monotonic() - started:.0f} s; static checks {'passed' if checked is True else 'left out' if checked else 'FAILED'}"
    )
    print(f"{passed} passed, {failed} failed")
    return 1 if failed else 0


def flat(suite: unittest.TestSuite) -> list[unittest.TestCase]:
    """The cases of a suite, whatever it is nested in."""
    cases: list[unittest.TestCase] = []
    for entry in suite:
        cases += flat(entry) if isinstance(entry, unittest.TestSuite) else [entry]
    return cases


sys.exit(main())
