"""Stores for tests: an empty one, or a copy of the demo office, made once a run, whichever process asks for it first."""

from __future__ import annotations

import atexit
import fcntl
import os
import shutil
import tempfile
from dataclasses import replace
from functools import lru_cache
from pathlib import Path

from argon2 import PasswordHasher

from yes_tally.demo import build_demo
from yes_tally.records import people, rereading
from yes_tally.records.models import Person
from yes_tally.records.store import open_store, using
from yes_tally.standins.machine import Machine

PASSWORD = "a-long-password"

# Signing in costs a tenth of a second by design; a run of tests signs in hundreds of times.
people._hasher = PasswordHasher(time_cost=1, memory_cost=64, parallelism=1)


# Where a run of many processes says which folder they share.
SHARED = "YES_TALLY_TESTS_FOLDER"


@lru_cache(maxsize=1)
def folder() -> Path:
    """One temporary folder for the whole run."""
    if shared := os.environ.get(SHARED):
        return Path(shared)
    path = Path(tempfile.mkdtemp(prefix="yes-tally-tests-"))
    atexit.register(shutil.rmtree, path, ignore_errors=True)
    return path


@lru_cache(maxsize=1)
def demo_store() -> Path:
    """The demo office's store; copy it before changing anything."""
    path = folder() / "demo.db"
    with (folder() / "demo.lock").open("w") as lock:
        fcntl.flock(lock, fcntl.LOCK_EX)  # the first makes it, the others wait for it
        if not path.exists():
            making = fresh_path("making")
            build_demo(making)
            with using():
                while waiting := rereading.next_waiting(100):
                    rereading.read_again(waiting)
            making.rename(path)
    return path


def fresh_path(name: str) -> Path:
    """A path for a store that does not exist yet."""
    return Path(tempfile.mkdtemp(dir=folder())) / f"{name}.db"


def copy_of_demo() -> Path:
    """A copy of the demo office's store, opened."""
    path = fresh_path("office")
    shutil.copy(demo_store(), path)
    open_store(path)
    return path


def empty_store() -> tuple[Path, Person]:
    """A new store, opened, with one lead in it."""
    path = fresh_path("empty")
    open_store(path)
    with using():
        lead = people.add_person("ines", "Ines Calloway", "lead", PASSWORD)
    return path, lead


def stranger(pc: Machine) -> Machine:
    """A stand-in made into a PC that no inventory knows."""
    adapter, *rest = pc.items["adapter"]
    new = pc.but(
        {"host.name": "nq-new-01", "machine.tag": "LSF-0900"}, adapter=({**adapter, "mac": "3c:5a:b4:99:99:99"}, *rest)
    )
    return replace(new, tag="LSF-0900")
