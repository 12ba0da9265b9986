"""Labels to words: how a printed label is normalised before it is looked up."""

from __future__ import annotations

import re
from functools import lru_cache

from yes_tally.core.quantity import SPAN_UNITS
from yes_tally.core.reading.meaning.questions import asked_for
from yes_tally.core.words import plain

_CAMEL = re.compile(
    r"(?<=[a-z])(?=[A-Z])|(?<=\b[A-Z]\d)(?=[A-Z][a-z])|(?<=[a-z]\d)(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z]{2})"
)
# ``sizeMiB``, ``l3_KiB``: the unit's capitals part no words.
_UNIT_AT_END = re.compile(r"(?<=[a-z\d])([KMGT])iB(?![a-z])")
_WORD = re.compile(r"[^\W_]+")
_BRACKETED = re.compile(r"[(\[{]([^)\]}]*)[)\]}]")
_UNIT = re.compile(
    r"(?:[kmgt]i?b|bytes?|[kmg]?hz|[kmg]bit(?:/s|s)?|[kmg]bps|mt/?s|%|m?wh|days?|hours?|hrs?|minutes?|mins?|seconds?|secs?|ms)$",
    re.I,
)
_PREFIXES = frozenset("KMGT")
# ``Taille (Go)``, ``Taille en Mo``: octets.
_OCTETS = re.compile(r"(?:en )?(?P<prefix>[kKMGT]?)i?o(?:ctets?)?")
_OCTETS_BEHIND = re.compile(r"(?P<prefix>[kmgt])i?o|octets?", re.I)
_IN_OCTETS = re.compile(r"(?P<label>.*\S) (?:en )(?P<prefix>[kKMGT])o")
# A label that is nothing but the unit of a clock, a rate or a size (``MHz``, ``mbps``, ``gb``) says what is told.
_RATE_ALONE = re.compile(r"[kmg]?hz|[kmg]bit(?:/s|s)?|[kmg]bps|[kmgt]i?b", re.I)
# ``1K-blocks``: sizes are counted in blocks of that size (POSIX ``df``, and others after it).
# ``Days left``, ``Verbleibende Tage``: what is left is counted in these.
_LEFT = (
    r"left|remaining|verbleibend\w*|verbleiben|[üu]brig\w*|restants?|restantes?|quedan?|rimanenti|rimasti|rimangono|resterend\w*|over|resteren"
    r"|pozosta[łl]\w*|do ko[ńn]ca"
)
_TIME = "|".join(sorted((word for word in SPAN_UNITS if len(word) > 2), key=len, reverse=True))
_TIME_LEFT = re.compile(rf"(?:(?P<first>{_TIME}) (?:{_LEFT})|(?:{_LEFT}) (?P<last>{_TIME}))", re.I)
_BLOCKS = re.compile(r"1(?P<prefix>[BKMG])i?B?[- ]blocks", re.I)
_COUNTED_IN = re.compile(
    r"(?:in )?(?:sect\w*|blocks?|lba|clusters?|sektoren|sektor\w*|secteurs?|settor[ei]|setor\w*|bloques?|bl[oö]ck\w*)",
    re.I,
)
_BENT = re.compile(
    r"^(logisch|letzt|frei|installiert|verfugbar|angemeldet|aktuell|maximal|eingebaut|registriert|vollstandig|physisch|lokal|"
    r"nachst|nutzbar|verbaut|gesamt|belegt|eingehend|ausgehend|geplant|dauerhaft)e[rnms]?$"
)
_STOP = frozenset(
    "the of a an in on at to for and is are this its your der die das des dem den von vom im am zu le la les "
    "du de d l el los las del y en que il o u do da dos della di delle van het op w na".split()
)


# The words of labels that say *name*, and not of what.
MERELY_NAME = frozenset((word,) for word in ("name", "nom", "nombre", "nome", "naam", "nazwa", "imie"))
# The words of labels that say which device one is, of whatever kind.
WHICH_DEVICE = frozenset(
    (word,)
    for word in "device model gerat modell appareil modele dispositivo modelo modello apparaat urzadzenie".split()
)


_S_BEHIND = re.compile(r"['’]s\b")


@lru_cache(maxsize=16384)
def words_of(label: str) -> tuple[str, ...]:
    """The words of a label in order: split at camel case and marks, plain, singular, without small words."""
    label = asked_for(label)
    if " " in label:
        label = _OF_WHICH.sub("", label)
    if "'s" in label or "’s" in label:
        label = _S_BEHIND.sub("", label)  # ``Programma's``
    printed = _WORD.findall(plain(_apart(_ordinal(label.replace("(s)", "s")))))
    telling = [part for word in printed if word not in _STOP for part in _GLUED_NUMBER.sub(r"\1 \2", word).split()]
    telling = telling or printed
    return tuple(_spelt(_singular(word)) for word in telling) or (("#",) if label.strip() == "#" else ())


# ``disk0``, ``Partition1``, ``CPU1``
_GLUED_NUMBER = re.compile(
    r"^(disk|drive|partition|volume|battery|monitor|display|screen|printer|disque|lecteur|batterie|disco|unidad|unidade|unita|"
    r"particion|particao|partizione|partitie|partycja|dysk|schijf|platte|laufwerk|datentrager|bateria|batteria|akku|"
    r"pantalla|schermo|ecran|beeldscherm|ekran|bildschirm|ecra|cpu|gpu|"
    r"processor|prozessor|processeur|procesador|processador|processore|procesor|module|modul|adapter|adaptateur|adaptador|adattatore|karta|karte|carte|tarjeta|scheda|placa)(\d{1,2})$"
)
# ``davon nutzbar``: of what stands above it.
_OF_WHICH = re.compile(
    r"^(?:of (?:which|that|these|those)|thereof|davon|darunter|dont|de (?:ellos|ellas|los cuales|las cuales)|di cui|waarvan|daarvan|z (?:czego|tego|nich)|"
    r"(?:dos|das) quais|del[ea]s) (?=\S)",
    re.I,
)


def _ordinal(label: str) -> str:
    """``N.º`` and ``N°`` as ``No``."""
    return label.replace(".º", "o").replace(".°", "o").replace("°", "o") if "º" in label or "°" in label else label


# ``sizemb``: the unit touches the word.
_GLUED_UNIT = re.compile(r"(?:(?<=[a-z]{3})|(?<=^l[123]))(mhz|ghz|[kmgt]i?b|mwh)$")


def _apart(label: str) -> str:
    """A label with a blank where camel case parts its words, and before a unit at its end."""
    label = _GLUED_UNIT.sub(r" \1", label) if label.islower() else label
    return _CAMEL.sub(" ", _UNIT_AT_END.sub(r" \1ib", label) if "iB" in label else label)


def _spelt(word: str) -> str:
    """Both spellings of English as one, and German adjectives without their endings."""
    return _BENT.sub(r"\1", word.replace("isation", "ization").replace("licens", "licenc"))


# Plurals of Portuguese, Spanish and French that are more than an s.
_PLURALS = (("oes", "ao"), ("iones", "ion"), ("eaux", "eau"))


def _singular(word: str) -> str:
    if word in _WITH_AN_S:
        return word[:-1]
    if len(word) > 4 and word.endswith("ies"):
        return f"{word[:-3]}y"
    for plural, one in _PLURALS:
        if word.endswith(plural) and len(word) > len(plural) + 2:
            return word[: -len(plural)] + one
    if len(word) > 5 and word.endswith(("ches", "shes", "xes", "sses")):
        return word[:-2]
    return word[:-1] if len(word) > 3 and word.endswith("s") and not word.endswith(("ss", "us")) else word


# Plurals by a mere s, though words that end like them are none (``bus``, ``status``) or have more at their end.
_WITH_AN_S = frozenset({"cpus", "gpus", "caches"})


@lru_cache(maxsize=16384)
def split_unit(label: str) -> tuple[str, str]:
    """A label without what stands in brackets, and the unit the label gives (or ``""``): ``Size (MB)``, ``cpu MHz``."""
    blocks = _BLOCKS.fullmatch(label.strip())
    if blocks:
        return "blocks", f"{blocks['prefix']}iB" if blocks["prefix"].lower() != "b" else "B"
    if _RATE_ALONE.fullmatch(label.strip()):
        return label, label.strip()
    unit = ""
    for inner in _BRACKETED.findall(label):
        if _COUNTED_IN.fullmatch(inner.strip()):
            unit = inner.strip()  # no size tells how long such a one is
        if _UNIT.fullmatch(inner.strip()):
            unit = inner.strip()
        elif inner.strip() in _PREFIXES:
            unit = f"{inner.strip()}B"  # ``Memory (K)``
        elif octets := _OCTETS.fullmatch(inner.strip()):
            unit = f"{octets['prefix']}B"
    if not unit and (octets := _IN_OCTETS.fullmatch(label.strip())):
        return octets["label"], f"{octets['prefix']}B"
    bare = _BRACKETED.sub(" ", label.replace("(s)", "s")).strip()
    if not unit and (left := _TIME_LEFT.fullmatch(bare)):
        return bare, left["first"] or left["last"]
    last = _apart(bare.replace("_", " ")).rsplit(" ", 1)
    if not unit and len(last) == 2 and _UNIT.fullmatch(last[1]) and last[1] != "%":
        return last[0], last[1]
    if not unit and len(last) == 2 and "_" in label and (octets := _OCTETS_BEHIND.fullmatch(last[1])):
        return last[0], f"{(octets['prefix'] or '').upper()}B"  # ``mémoire_octets``, ``taille_mo``
    return (bare or label.strip("()[]{} ")), unit


# What a row that sums up begins with.
SUM_WORDS = frozenset(
    "total totals sum all altogether together gesamt summe insgesamt zusammen totale suma razem totaal ensemble".split()
)
