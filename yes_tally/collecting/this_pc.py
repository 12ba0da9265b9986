"""Reading this PC: every probe's answer in one readable report (docs/formats.md)."""

from __future__ import annotations

import os
import re
import struct
from collections.abc import Iterator, Sequence
from concurrent.futures import ThreadPoolExecutor
from datetime import UTC, datetime
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, text_of
from yes_tally.collecting.probes import PROBES

_SIDE_BY_SIDE = 6


def collect(root: Path = Path("/"), probes: Sequence[Probe] = PROBES) -> str:
    """The report of this PC, as text. One probe failing never stops the others."""
    host = _host(root)
    at = datetime.now(UTC).strftime("%Y-%m-%d %H:%M:%S UTC")
    return "\n".join([f"Yes Tally report 1, {at}", "", *_sections(host, root, probes)]) + "\n"


def _host(root: Path) -> str:
    """The host's name, as far as it can stand in a prompt."""
    name = re.sub(r"[^\w.-]", "", text_of(root / "proc/sys/kernel/hostname"), flags=re.ASCII)
    return name or "this-pc"


def _sections(host: str, root: Path, probes: Sequence[Probe]) -> Iterator[str]:
    slowest_first = sorted(probes, key=lambda probe: -probe.seconds)
    with ThreadPoolExecutor(_SIDE_BY_SIDE) as side_by_side:
        answers = {probe.name: side_by_side.submit(_answer, probe, root) for probe in slowest_first}
        for probe in probes:
            yield f"yes-tally@{host} $ probe {probe.name}"
            yield from answers[probe.name].result()
            yield ""


def _answer(probe: Probe, root: Path) -> list[str]:
    try:
        return [_one_line(line) for line in probe.ask(root)]
    except NotSaid as error:
        return [f"probe {probe.name}: {_one_line(str(error))}"]
    except PermissionError as error:
        return [f"probe {probe.name}: permission denied ({error.filename}); it needs administrator rights"]
    except OSError as error:
        return [f"probe {probe.name}: could not read {error.filename}: {os.strerror(error.errno or 0)}"]
    except (ValueError, IndexError, KeyError, struct.error, OverflowError) as error:
        return [f"probe {probe.name}: {probe.source} is not supported in this form ({_one_line(str(error))})"]


def _one_line(text: str) -> str:
    return "".join(char if char.isprintable() else " " for char in text)
