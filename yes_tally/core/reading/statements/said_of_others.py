"""Sentences that tell of another thing, or of another PC, what they would tell of this one (``of which 88 GB are free``)."""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.catalogue import ITEMS
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import subjects_in
from yes_tally.core.reading.phrases.elsewhere import names_program
from yes_tally.core.reading.statements.sentences import MAX_STATEMENT, Stated
from yes_tally.core.reading.text.decode import Line

# Of which sentences say the same as of memory and licences.
_SAY_THE_SAME = {
    "memory": {"volume", "disk", "partition"},
    "licence": {"account", "task"},
    "os": {"graphics", "display", "processor", "module"},
}


# ``My colleague at NQ-TKT-05 has 8 GB of memory``
_OF_ANOTHER = re.compile(
    r"\b(?:colleagues?|co-?workers?|kolleg\w*|coll[eè]gues?|compa[ñn]er[oa]s?|coleg\w*|collegh?[aie]|collega'?s?|kole[gż]\w*|neighbours?|"
    r"(?:(?:an)?other|old|previous|former|new|next) (?:pcs?|computers?|machines?|laptops?)|"
    r"(?:anderer?|alte[rs]?|voriger?|neue[rs]?) (?:pc|rechner|computer)|autre (?:pc|poste|ordinateur)|ancien (?:pc|poste|ordinateur)|"
    r"otro (?:pc|equipo|ordenador)|equipo (?:viejo|antiguo)|outro (?:pc|computador)|altro (?:pc|computer)|vecchio (?:pc|computer)|andere pc|oude pc|inny komputer|stary komputer)\b",
    re.I,
)
_INSTALLED_TOO = frozenset({"software", "update", "driver", "printer"})
_ADDRESS = re.compile(r"\b\d{1,3}(?:\.\d{1,3}){3}\b")
_OF_A_PASSWORD = re.compile(
    r"\b(?:password|kennwort|passwort|mot de passe|contrase[ñn]a|palavra-passe|senha|wachtwoord|has[łl]o|lease|bail|concesi[óo]n|certificate|zertifikat)",
    re.I,
)


def said_of_others(stated: Stated, spoken: set[str], lines: Sequence[Line]) -> bool:
    """Whether a sentence (``of which 88 GB are free``) stands in a section that speaks of nothing but other things."""
    group = stated.fact.partition(".")[0]
    text = next((line.text for line in lines if line.number == stated.line), "")[:MAX_STATEMENT]
    if group in ("memory", "machine", "processor") and _OF_ANOTHER.search(text):
        return True
    if group == "licence" and (_OF_A_PASSWORD.search(text) or _ADDRESS.search(text) or names_program(text)):
        return True
    named = {at.group for at in subjects_in(words_of(text))}
    if group not in named and named & _SAY_THE_SAME.get(group, set()):
        return True  # ``Volume C: has 465 GB, of which 88 GB are free.``
    others = {*named, *(spoken & _INSTALLED_TOO)}
    if stated.fact == "os.installed_at" and any(group in ITEMS for group in others) and "os" not in named:
        return True  # ``The printer was installed on …``
    if group in spoken or not _SAY_THE_SAME.get(group, set()) & spoken:
        return False
    return group not in named
