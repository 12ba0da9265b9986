"""Every test of the project, after the static checks; ends with ``N passed, N failed``.

Each module of tests runs in one process, as many modules side by side as there are processors; the static checks run
beside them.
"""

from __future__ import annotations

import multiprocessing
import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterable
from concurrent.futures import ProcessPoolExecutor, as_completed
from itertools import zip_longest

from tests.running import ROOT, modules, run_module
from tests.stores import SHARED, demo_store

# What can run while the demo office's store is made.
NEEDS_NO_STORE = "first_sight"
# The slowest go first, so that no processor waits for one of them at the end.
SLOW = ("whole_office", "killed", "hostile", "cli", "server", "collecting")


def main() -> int:
    """Run the checks and the tests whose names hold the words given; exit 1 when anything failed."""
    words = sys.argv[1:]
    started = time.monotonic()
    checks = None if words else subprocess.Popen(["make", "-s", "check"], cwd=ROOT)
    order = in_turn(modules())
    passed, failed = 0, 0
    workers = os.cpu_count() or 1
    with tempfile.TemporaryDirectory(prefix="yes-tally-tests-", ignore_cleanup_errors=True) as shared:
        os.environ[SHARED] = shared
        with ProcessPoolExecutor(workers, multiprocessing.get_context("spawn")) as pool:
            if not words:
                pool.submit(demo_store)  # before anybody waits for it
            for run in as_completed([pool.submit(run_module, module, words) for module in order]):
                ran = run.result()
                passed, failed = passed + ran.passed, failed + ran.failed
                if ran.passed or ran.failed:
                    print(f"{ran.seconds:6.1f} s  {ran.module}: {ran.passed} passed, {ran.failed} failed", flush=True)
                if ran.failed:
                    print(ran.said, flush=True)
    if checks:
        sound = checks.wait() == 0
        passed, failed = passed + sound, failed + (not sound)
        print(f"static checks {'passed' if sound else 'FAILED'}")
    print(f"in {time.monotonic() - started:.0f} s")
    print(f"{passed} passed, {failed} failed")
    return 1 if failed else 0


def in_turn(names: Iterable[str]) -> list[str]:
    """The modules in the order to be begun: one that needs no store while the demo office's is made; then those that
    drive a browser, which keeps two processors busy, in turn with the others."""
    slow = sorted(names, key=lambda name: (next((n for n, word in enumerate(SLOW) if word in name), len(SLOW)), name))
    first = [name for name in slow if NEEDS_NO_STORE in name]
    driven = [name for name in slow if "browser" in name]
    others = [name for name in slow if name not in (*first, *driven)]
    return first + [name for pair in zip_longest(driven, others) for name in pair if name]


if __name__ == "__main__":
    sys.exit(main())
