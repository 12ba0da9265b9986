"""The PC that a title names (``Audit of NQ-DSP-01``), where nothing else does."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.reading.kinds.reachability import state
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.statements.sentences import (
    MAX_STATEMENT,
    Stated,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# A host in a title has a place and a number in its name (``NQ-DSP-01``), so that no model or tag is taken for one.
_HOST = r"(?P<v>[A-Za-z]\w*(?:-\w+)+-\w*\d)"
_OF = (
    r"\b(?i:of|on|for|from|für|von|auf|de|du|del|di|da|do|van|voor|op|na|em|no|en|w|dla|sur|pour|para|su|per|"
    r"computers?|komputera?|rechners?|pc|poste|equipo|host|laptop|notebook|port[áa]til|portable|portatile|laptopa|ordinateur|ordenador|"
    r"computador|m[áa]quina|macchina|maschine|machine|workstation|server|serwera?|serveur|servidor|postazione):?\s+"
)
_TITLE = re.compile(rf"(?:{_OF}|\(){_HOST}(?![\w.-])")
# ``Belegung auf KONTOR-11``: a name in two parts, where the title is over with it.
_TITLE_ON = re.compile(rf".{{3,60}}?{_OF}(?P<v>[A-Za-z]{{3,12}}-\d{{2,3}})(?=\s*$|,|\s{{2,}}|\s[(–—-])")
# ``ASSET PASSPORT      nq-acc-02.lantern``: nothing but the PC's name, at the end of a title or alone on its line.
_TITLE_CELL = re.compile(rf"(?:^|\s{{2,}}|>){_HOST}(?:\.[a-z][\w.-]*)?(?:\s*(?:$|<)|\s{{3,}}\d)")
# ``Control sheet NQ-CRW-09``: the last word of a title.
_TITLE_LAST = re.compile(rf"\W*[^\W\d_]+(?: [^\W\d_]+){{0,2}} {_HOST}(?=\s{{2,}}|\s*$)")
# ``GP-TKT-21   Computer``
_TITLE_FIRST = re.compile(rf"{_HOST}\s{{2,}}")
# ``gp-hbr-15: pictures and sound``
_TITLE_BEFORE = re.compile(rf"{_HOST}: [^\W\d_]")
# ``Accounts, KONTOR-04, 2025-02-11``: a name in two parts beside a day; ``┌─ KONTOR-04 ───┐``: alone in a border.
_NAME_OF_TWO = r"(?P<v>[A-Za-z]{3,12}-\d{2,3})"
_TITLE_WITH_DAY = re.compile(
    rf"(?=.*\b{DAY})(?:.*?(?:, |\s{{2,}}|[(\[|·] ?| [–—-]+ ))?{_NAME_OF_TWO}(?=,|\s{{2,}}|\s?[)\]–—|·-])"
)
_IN_BORDER = re.compile(
    rf"\s*[┌╔+=*#─═-][─═=*#+-]*[ \[]+(?:{_HOST}|{_NAME_OF_TWO.replace('<v>', '<w>')})[ \]]+[─═=*#+-]+[┐╗]?\s*$"
)
_TITLE_LINES = 3
# ``Computer gp-7714 (user: LSF\\marden, domain: gp.example)``
_WITH_ASIDES = re.compile(
    r"\W*(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) (?P<v>[A-Za-z]\w*-[\w.-]*\d)\s+\((?P<asides>[^():]+:[^()]+)\)\W*"
)
_ASIDE = re.compile(r"(?P<label>[^\W\d_][^:,;]*):\s+(?P<value>[^,;]*[^\s,;])")


def title_names_host(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """``Report of NQ-DSP-01``: among the first lines of what was printed, where nothing else names the PC."""
    for line in [line for line in lines if line.text.strip()][:_TITLE_LINES]:
        _read_asides(interpreter, line)
    if any(draft.fact == "host.name" for draft in interpreter.drafts):
        return
    for place, line in enumerate([line for line in lines if line.text.strip()][:_TITLE_LINES]):
        text = line.text[:MAX_STATEMENT]
        match = _TITLE.search(text) or _TITLE_CELL.search(text) or _TITLE_BEFORE.match(text)
        match = match or (_heads(text) if place == 0 else None)
        if match and any(
            draft.entry.line == line.number and match["v"] == draft.entry.printed for draft in interpreter.drafts
        ):
            continue  # it is a part's number, or whatever else it was read as
        if match := match or _in_border(text, lines):
            named = "v" if match["v"] else "w"
            stated = Stated("host.name", match[named], match[named], line.number, match.start(named) + 1)
            state(interpreter, stated, None)
            return


def _in_border(text: str, lines: Sequence[Line]) -> re.Match[str] | None:
    """The name of a PC in a border, where it is the only one: of several PCs none is the report's."""
    match = _IN_BORDER.match(text)
    alone = match and sum(_IN_BORDER.match(line.text[:MAX_STATEMENT]) is not None for line in lines) == 1
    return match if alone else None


def _heads(text: str) -> re.Match[str] | None:
    """The name of a PC in the first line of all, where less says that it is one."""
    return _TITLE_LAST.match(text) or _TITLE_FIRST.match(text) or _TITLE_ON.match(text) or _TITLE_WITH_DAY.match(text)


def _read_asides(interpreter: Interpreter, line: Line) -> None:
    """A title that calls a PC by its name and tells more of it in brackets."""
    match = _WITH_ASIDES.fullmatch(line.text[:MAX_STATEMENT])
    if match is None or not any(g.fact == "host.name" for g in decide(match["noun"], Context("host"))):
        return
    if all(draft.fact != "host.name" for draft in interpreter.drafts):
        state(interpreter, Stated("host.name", match["v"], match["v"], line.number, match.start("v") + 1), None)
    start = match.start("asides")
    told = [
        Entry(aside["label"], aside["value"], line.number, start + aside.start("value") + 1)
        for aside in _ASIDE.finditer(match["asides"])
    ]
    interpreter.entries(told, "pairs", interpreter.context("host"), None)
