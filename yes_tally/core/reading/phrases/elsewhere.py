"""Things that reports list and the catalogue has no facts of: what is said of them is said of nothing else.

A table or a record of services has names, states and accounts too; they are no tasks.
"""

from __future__ import annotations

import re
from functools import lru_cache

from yes_tally.core.reading.labels import words_of

_THINGS = (
    "service|dienst|dienste|servicio|servico|servizio|servizi|usluga|uslugi|daemon|"
    "rule|firewall rule|regel|regle|regla|regra|regola|regole|regula|reguly|"
    "share|shared folder|freigabe|freigaben|partage|recurso compartido|compartilhamento|condivisione|condivisioni|gedeelde map|udzial|udzialy|"
    "expansion slot|erweiterungssteckplatz|emplacement extension|ranura expansion|slot espansione|uitbreidingssleuf|gniazdo rozszerzen|"
    "sensor|fan|lufter|ventilateur|ventilador|ventola|ventole|wentylator|temperature|temperatur|"
    "certificate|zertifikat|zertifikate|certificat|certificado|certificato|certificaat|certyfikat|"
    "local group|lokale gruppe|lokale gruppen|groupe local|groupes locaux|grupo local|gruppo locale|gruppi locali|lokale groep|lokale groepen|grupa lokalna|grupy lokalne|"
    "group|gruppe|gruppen|groupe|grupo|gruppo|gruppi|groep|groepen|grupa|grupy|"
    "virtual memory|virtueller speicher|memoire virtuelle|memoria virtual|memoria virtuale|virtueel geheugen|pamiec wirtualna|"
    "shortcut|verknupfung|raccourci|font|schriftart|scheduled job"
)
_NUMBERED = re.compile(r"[\s#.:)\d\[\]]+$")


@lru_cache(maxsize=1)
def _names() -> frozenset[tuple[str, ...]]:
    return frozenset(words_of(name) for name in _THINGS.split("|"))


@lru_cache(maxsize=4096)
def is_elsewhere(label: str) -> bool:
    """Whether a label or a heading (``Rule 3``) names such a thing, and nothing else."""
    return words_of(_NUMBERED.sub("", label[:80])) in _names()
