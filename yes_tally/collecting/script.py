"""The POSIX shell script that asks a PC with no Python what ``yes-tally collect`` asks; nothing is installed or left."""

from __future__ import annotations

from importlib.resources import files

SCRIPT_COMMAND = "yes-tally script"
SCRIPT: bytes = (files("yes_tally.collecting") / "probe.sh").read_bytes()
