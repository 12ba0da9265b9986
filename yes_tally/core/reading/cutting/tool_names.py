"""What a tool says of itself before what it tells: ``parts 1.1, disk 0: Basalt NV1000, GPT``."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.shapes.layout import MAX_LABEL
from yes_tally.core.reading.text.decode import Line

# Behind the name.
_VERSION = re.compile(r"\W? ?\(?v?\d+\.\d+(?:\.\d+)?[a-z]?\)?\s?(?:[,:;–—·|]|-{1,2}(?=\s))\s*(?=\S)", re.I)
# ``aboutsys 1.9 (build 44)``
_VERSION_AND_BUILD = re.compile(
    r" v?\d+(?:\.\d+)*,? ?\(?(?:build|bld|rev(?:ision)?|patch|release|compilaci[oó]n|compila[cç][aã]o|wersja|kompilacja) ?\.? ?[\w.-]+\)?",
    re.I,
)
_LATEST = 3


# ``Treiberliste v5        PC: GP-DSP-04``: the title of all that follows.
_TITLE = re.compile(r"\W{0,4}(?P<name>[^\W\d_][\w-]{3,24}) v?\d[\d.]{0,10}[a-z]?(?:\s{2,}\S.*|\s*)")


def tool_in_title(lines: Sequence[Line]) -> str:
    """What the tool is called that names itself and its version in the first line of a report, and maybe the PC beside
    them; empty where none does."""
    first = next((line for line in lines if line.text.strip()), None)
    match = _TITLE.fullmatch(first.text[: 2 * MAX_LABEL]) if first else None
    return match["name"].casefold() if match else ""


def without_tool_name(lines: Sequence[Line], command: str) -> list[Line]:
    """The lines of a section without the name and the version that the tool prints first, as its ``command`` calls it;
    what stands behind them stays in its columns."""
    first = next((place for place, line in enumerate(lines) if line.text.strip()), None)
    called = re.split(r"[\\/]", command.split(None, 1)[0])[-1] if command.strip() else ""
    told = list(lines)
    if first is None or not 2 < len(called) <= MAX_LABEL:
        return told
    line = lines[first]
    at = line.text[: _LATEST + len(called)].casefold().find(called.casefold())
    text = line.text[: 2 * MAX_LABEL]
    behind = at + len(called)
    tool = (_VERSION_AND_BUILD.match(text, behind) or _VERSION.match(text, behind)) if at >= 0 else None
    if tool and not any(map(str.isalnum, line.text[:at])):
        told[first] = replace(line, text=" " * tool.end() + line.text[tool.end() :])
    return told
