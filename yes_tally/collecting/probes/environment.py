"""Environment variables and the search path of whoever collects; what could be a secret is not shown."""

from __future__ import annotations

import os
import re
from collections.abc import Iterable, Mapping
from pathlib import Path

from yes_tally.collecting.probe import Probe, table

_SECRET = re.compile(r"key|token|secret|pass|credential|auth|cookie|session", re.IGNORECASE)
MAX_VALUE = 400


def ask(root: Path) -> Iterable[str]:
    """A table of variables, then the search path folder by folder."""
    return shown(os.environ)


def shown(environment: Mapping[str, str]) -> list[str]:
    """The same for any environment."""
    rows = [(name, _value(name, value)) for name, value in sorted(environment.items()) if name != "PATH"]
    folders = [folder for folder in environment.get("PATH", "").split(os.pathsep) if folder]
    return [
        *table(("Variable", "Value"), rows),
        "",
        "Search path",
        "",
        *table(("Order", "Search folder"), [(str(order), folder) for order, folder in enumerate(folders, 1)]),
    ]


def _value(name: str, value: str) -> str:
    return "" if _SECRET.search(name) else value[:MAX_VALUE]


PROBE = Probe("environment", "the environment of this command", ask)
