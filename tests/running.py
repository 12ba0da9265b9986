"""Finding tests, and running those of one module."""

from __future__ import annotations

import io
import time
import unittest
from dataclasses import dataclass
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent


class Counting(unittest.TextTestResult):
    """Counts what passed, so that the last line can say it."""

    passed = 0

    def addSuccess(self, test: unittest.TestCase) -> None:
        super().addSuccess(test)
        self.passed += 1


@dataclass(frozen=True)
class Ran:
    """How one module's tests went; ``said`` is what they printed."""

    module: str
    passed: int
    failed: int
    seconds: float
    said: str


def modules() -> list[str]:
    """The modules of tests, by their files: nothing is loaded."""
    files = (ROOT / "tests").rglob("test*.py")
    return sorted(".".join(file.relative_to(ROOT).with_suffix("").parts) for file in files)


def run_module(module: str, words: list[str]) -> Ran:
    """The tests of one module whose names hold one of the words given; all without any."""
    tests = flat(unittest.defaultTestLoader.loadTestsFromName(module))
    suite = unittest.TestSuite(test for test in tests if not words or any(word in test.id() for word in words))
    started = time.monotonic()
    said = io.StringIO()
    result = unittest.TextTestRunner(said, resultclass=Counting, verbosity=1, buffer=True).run(suite)
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    return Ran(module, result.passed, failed, time.monotonic() - started, said.getvalue())


def flat(suite: unittest.TestSuite) -> list[unittest.TestCase]:
    """The cases of a suite, whatever it is nested in."""
    cases: list[unittest.TestCase] = []
    for entry in suite:
        cases += flat(entry) if isinstance(entry, unittest.TestSuite) else [entry]
    return cases
