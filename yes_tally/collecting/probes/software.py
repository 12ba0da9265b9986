"""Software by the system's own books: dpkg's status file, or apk's installed file; rpm's where its tool can be asked."""

from __future__ import annotations

import subprocess
from collections.abc import Iterable
from datetime import UTC, datetime
from pathlib import Path

from yes_tally.collecting.probe import NotSaid, Probe, needed, table

_DPKG, _APK = "var/lib/dpkg/status", "lib/apk/db/installed"
_RPM_FOLDERS = ("var/lib/rpm", "usr/lib/sysimage/rpm")
_RPM = ("rpm", "-qa", "--qf", "%{NAME}\t%{VERSION}-%{RELEASE}\t%{VENDOR}\t%{INSTALLTIME}\n")


def ask(root: Path) -> Iterable[str]:
    """A table of what is installed."""
    if (root / _DPKG).exists():
        rows = list(_dpkg(root))
    elif (root / _APK).exists():
        rows = [_apk(block) for block in needed(root / _APK).split("\n\n") if block.strip()]
    elif any((root / folder).is_dir() for folder in _RPM_FOLDERS):
        rows = _rpm(root)
    else:
        raise NotSaid("no book of installed software is known here: not supported on this PC")
    return table(("Program", "Version", "Publisher", "Installed on"), sorted(rows))


def _dpkg(root: Path) -> Iterable[tuple[str, str, str, str]]:
    """Paragraphs of deb-control(5); installed are those whose status ends so."""
    for block in needed(root / _DPKG).split("\n\n"):
        told = dict(line.split(": ", 1) for line in block.splitlines() if ": " in line and line[0] not in " \t")
        if told.get("Status", "").endswith(" installed"):
            name, architecture = told.get("Package", ""), told.get("Architecture", "")
            maker = told.get("Maintainer", "").split(" <")[0]
            yield name, told.get("Version", ""), maker, _changed(root, name, architecture)


def _changed(root: Path, name: str, architecture: str) -> str:
    """A package's list of files is written when it is installed or renewed."""
    folder = root / "var/lib/dpkg/info"
    for path in (folder / f"{name}.list", folder / f"{name}:{architecture}.list"):
        try:
            return datetime.fromtimestamp(path.stat().st_mtime, UTC).date().isoformat()
        except OSError:
            continue
    return ""


def _apk(block: str) -> tuple[str, str, str, str]:
    told = dict(line.split(":", 1) for line in block.splitlines() if ":" in line)
    return told.get("P", ""), told.get("V", ""), told.get("m", "").split(" <")[0], ""


def _rpm(root: Path) -> list[tuple[str, str, str, str]]:
    """Its book is a database of its own, so its tool is asked; under another root there is nothing to ask."""
    if root != Path("/"):
        raise NotSaid("the book of installed software is a database that only the PC's own tool reads: not supported")
    try:
        answer = subprocess.run(_RPM, capture_output=True, text=True, timeout=30, check=True).stdout
    except (OSError, subprocess.SubprocessError) as error:
        raise NotSaid(f"the package tool did not answer: {error}") from error
    rows = [line.split("\t") for line in answer.splitlines() if line.count("\t") == 3]
    return [(n, v, m if m != "(none)" else "", _day(at)) for n, v, m, at in rows]


def _day(seconds: str) -> str:
    return datetime.fromtimestamp(int(seconds), UTC).date().isoformat() if seconds.isdigit() else ""


PROBE = Probe("software", f"/{_DPKG}, /{_APK}, rpm", ask, seconds=1.0)
