"""The unit that a line gives for the bare sizes around it: ``All sizes in MB unless said.``"""

from __future__ import annotations

import re
from collections.abc import Iterable

_SAID = re.compile(
    r"[^\d:=]{0,30}\b(?:sizes?|gr(?:ö|oe)(?:ß|ss)en(?:angaben)?|tailles?|tama[ñn]os?|tamanhos?|dimensioni|groottes?|rozmiary)\b[^\d:=]{0,24}? (?:in|en|em|w) "
    r"(?P<unit>[KMGT]i?[BbOo])\b[^\d:=]{0,24}",
    re.I,
)
_LONGEST = 80


def unit_of_sizes(lines: Iterable[str]) -> str:
    """The unit, as it is printed, that the first of the lines to say so gives for sizes; empty where none does."""
    said = (_SAID.fullmatch(text.strip()) for text in lines if len(text) <= _LONGEST)
    return next((match["unit"] for match in said if match), "")
