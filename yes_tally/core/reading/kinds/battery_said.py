"""A battery in words: what it was made for, what it holds now, and how often it was charged.

::

    Designed for 57,020 mWh, now charges to 48,467 mWh: 85 % of new
    Charged 312 times; now at 63 %, discharging
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_CHARGE = re.compile(r"(?P<v>\d[\d.,'’\u00a0\u202f]*(?: \d{3})* ?m?Wh)\b")
_SHARE = re.compile(
    r"(?P<v>\d{1,3}(?:[.,]\d+)? ?%) (?:of|von|du|de|do|del|van) (?:(?:the|what it was|its) )?(?:new|design\w*|original\w*|neu\w*|neuwerts?|neuf|nuev[ao]|nov[oa]|nuovo|nieuw\w*|nowej)\b",
    re.I,
)
_IN_BRACKETS = re.compile(r"\((?P<v>\d{1,3}(?:[.,]\d+)? ?%)\)")
_OFTEN = r"(?:times|mal|fois|veces|vezes|volte|keer|razy)"
_TIMES = re.compile(
    rf"\b(?:charged|geladen|charg[ée]e?|cargad[ao]|carregad[ao]|caricata|na[łl]adowan[ay]) (?P<v>\d[\d.,]*)[ -]?{_OFTEN}\b|"
    rf"(?P<w>\d[\d.,]*)[ -]?{_OFTEN} (?:charged|geladen|na[łl]adowan[ay])\b",
    re.I,
)
# What a charge is by the words beside it.
_MADE_FOR = re.compile(
    r"\b(?:design\w*|made|built|new|original\w*|nominal\w*|rated|ausgelegt|gebaut|gemacht|nenn\w*|neu|con[çc]ue?|pr[ée]vue?|neuve?|dise[ñn]ad[ao]|hecha|nueva|projetad[ao]|feita|nova|progettata|fatta|nuova|"
    r"ontworpen|gemaakt|nieuw|zaprojektowan[ay]|nowa)\b",
    re.I,
)
_HOLDS = re.compile(
    r"\b(?:holds?|charges?|full\w*|takes|keeps|l[äa]dt|fasst|h[äa]lt|voll\w*|contient|(?:se )?charge|garde|pleine|carga|guarda|retiene|llena|cheia|carica|tiene|piena|laadt|houdt|bevat|vol|mie[śs]ci|[łl]aduje|pe[łl]na)\b",
    re.I,
)
_CLAUSE = re.compile(r"(?:[^,;:]|[,;:](?=\d))+")


def battery_said(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """Read what lines say in words of the one battery of a section, and no shape could read."""
    if not any("Wh" in line.text for line in lines):
        return
    told = [(line, list(_told(line.text))) for line in lines if len(line.text) <= MAX_LINE and _MAY.search(line.text)]
    facts = [fact for _, found in told for fact, _, _ in found]
    if "battery.design" not in facts or len(facts) != len(set(facts)):
        return
    own = [draft for draft in interpreter.drafts[interpreter.section_from :] if draft.fact.startswith("battery.")]
    items = {id(draft.item): draft.item for draft in own}
    if len(items) > 1:
        return
    known = {draft.fact for draft in own}
    item = next(iter(items.values()), None) or interpreter.new_item("battery")
    for line, found in told:
        for fact, text, at in found:
            value = None if fact in known else understand(FACTS[fact], text, interpreter.locale)
            if value:
                why = "the words beside it say what it is of a battery"
                interpreter.add(fact, item, Entry("", text, line.number, at + 1), value, "sentences", 0.82, why)


_MAY = re.compile(rf"Wh\b|%|\d.*{_OFTEN}\b", re.I)


def _told(text: str) -> Iterator[tuple[str, str, int]]:
    """The facts that a line tells of a battery, each with its printed value and where that stands, from 0."""
    for clause in _CLAUSE.finditer(text):
        said, start = clause.group(), clause.start()
        if charge := _CHARGE.search(said):
            words = said[: charge.start()] + said[charge.end() :]
            made_for, holds = _MADE_FOR.search(words), _HOLDS.search(words)
            if bool(made_for) != bool(holds):
                yield f"battery.{'design' if made_for else 'full'}", charge["v"], start + charge.start("v")
            if holds and not made_for and (share := _IN_BRACKETS.search(said)):
                yield "battery.health", share["v"], start + share.start("v")
        elif share := _SHARE.search(said):
            yield "battery.health", share["v"], start + share.start("v")
        elif times := _TIMES.search(said):
            group = "v" if times["v"] else "w"
            yield "battery.cycles", times[group], start + times.start(group)
