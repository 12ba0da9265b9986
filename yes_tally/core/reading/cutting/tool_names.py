"""What a tool says of itself before what it tells: ``parts 1.1, disk 0: Basalt NV1000, GPT``."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.shapes.layout import MAX_LABEL
from yes_tally.core.reading.text.decode import Line

_WITH_VERSION = r"\W{0,3}%s\W? ?\(?v?\d+\.\d+(?:\.\d+)?[a-z]?\)?\s?(?:[,:;–—·|]|-{1,2}(?=\s))\s*(?=\S)"


def without_tool_name(lines: Sequence[Line], command: str) -> list[Line]:
    """The lines of a section without the name and the version that the tool prints first, as its ``command`` calls it;
    what stands behind them stays in its columns."""
    first = next((place for place, line in enumerate(lines) if line.text.strip()), None)
    called = re.split(r"[\\/]", command.split(None, 1)[0])[-1] if command.strip() else ""
    told = list(lines)
    if first is None or not 2 < len(called) <= MAX_LABEL:
        return told
    line = lines[first]
    if tool := re.match(_WITH_VERSION % re.escape(called), line.text[: 2 * MAX_LABEL], re.I):
        told[first] = replace(line, text=" " * tool.end() + line.text[tool.end() :])
    return told
