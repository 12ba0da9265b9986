"""Plain statements: what a sentence, a dialog or a closing line says. Patterns are data, tried only on lines that no
shape could read.

A pattern's ``v`` is the part that is understood as the fact's value; a row with a fixed word needs none.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from functools import cached_property
from itertools import accumulate, pairwise

from yes_tally.core.reading.shapes.layout import indent_of, is_rule
from yes_tally.core.reading.statements.checks_elsewhere import (
    ASKED,
    COUNTS,
    DRIVES,
    HOW_MANY,
    IS_CHECKED,
    KINDS,
    RESULTS,
)
from yes_tally.core.reading.statements.sentences_elsewhere import TOLD
from yes_tally.core.reading.statements.sieve import Sieve
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.asides import SECURE_BOOT
from yes_tally.core.reading.values.text_forms import DAY, TIME_OF_DAY
from yes_tally.core.words import flag_of

MAX_STATEMENT = 2000
_SIZE = r"\d[\d.,  ]*\s?[KMGT]i?[BO]"
DATE = rf"{DAY}(?:[T ,]+(?:at |um |à |a las |às |as |alle |om |o |o godz\. )?{TIME_OF_DAY})?"
# What is said to be activated: the licence, the PC, the system.
_ABOUT_LICENCE = r"\b(?:licen[cs]e|licen[çc]a|licen[cz]a|licencia|licentie|licencja|lizenz|aktivierung|activation|produ[ck]t\w*|prodotto|producto|pc|rechner|computer|ger[äa]t|poste|ordinateur|machine|equipo|computador|komputer|sistema?|system|syst[èe]me|copi[ae]|\w+ os \d+(?:\.\d+)?(?: \w+){0,2})\b[^.;:]{0,24}?"
_LICENCE = r"(?:licen[cs]e|activation|lizenz|licence|licencia)"


@dataclass(frozen=True)
class Pattern:
    """One way to state a fact. ``word`` is the value where the sentence does not print it; ``alone``: it is a whole line."""

    fact: str
    written: str
    word: str = ""
    alone: bool = False

    @cached_property
    def pattern(self) -> re.Pattern[str]:
        """The pattern ready to match; most are never needed, since the sieve lets few pass."""
        return re.compile(self.written, re.I)


class Patterns:
    """Rows of patterns, each with its place, and a sieve that says which of them a text may match."""

    def __init__(self, *rows: Pattern) -> None:
        self.rows = rows

    @cached_property
    def sieve(self) -> Sieve:
        return Sieve([row.written for row in self.rows])

    def passing(self, text: str) -> list[Pattern]:
        """The rows that may match somewhere in a text, in their order."""
        return [self.rows[place] for place in self.sieve.passing(text)]


# ``Harbour OS 12 Studio``
_EDITION = r"(?:[ée]dition|ausgabe|edici[óo]n|edi[çc][ãa]o|edizione|editie|edycja|wydanie)\b"
_OS_NAME = r"(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)*(?: (?-i:[A-Z])[a-z]\w*){0,2}"


def _row(fact: str, pattern: str, word: str = "", alone: bool = False) -> Pattern:
    return Pattern(fact, pattern, word, alone)


# To whom a PC or its system is registered: a person, and maybe for whom that person works.
_REGISTERED = (
    r"\b(?:registered (?:to|for|in the name of)|registriert (?:auf|f[üu]r|auf den namen)|enregistr[ée]e? (?:au nom d[e'’]|pour|[àa])|registrad[oa] (?:a nombre de|a|para)|"
    r"regist(?:r)?ad[oa] (?:em nome de|a|para)|registrat[oa] (?:a nome di|a|per)|geregistreerd (?:op naam van|op|voor)|zarejestrowan\w+ (?:na|dla))"
)
_PERSON = r"(?-i:[A-Z])[^\W\d_]+(?: (?:(?-i:[A-Z])[^\W\d_]+|de|van|von|da|di|del))*(?: (?-i:[A-Z])[^\W\d_]+)"
PATTERNS = Patterns(
    _row("memory.limit", rf"\bat most (?P<v>{_SIZE}) (?:fits?|can be fitted|may be fitted)\b"),
    _row("memory.limit", rf"\b(?:takes|supports|accepts|holds|allows)\s+(?:up to|at most|a maximum of)\s+(?P<v>{_SIZE})\b"),
    _row("memory.limit", rf"\b(?:takes|supports|accepts|holds|allows)\s+(?P<v>{_SIZE})\s+(?:of memory )?(?:at most|at the most|maximum)\b"),
    _row("memory.limit", rf"\bmaximum (?:of|is)\s+(?P<v>{_SIZE})\s+(?:of )?(?:memory|ram)\b"),
    _row("memory.limit", rf"\bup to (?P<v>{_SIZE})\s+(?:of (?:memory|ram) )?(?:can be|may be|is|are) (?:fitted|installed|added|supported)\b"),
    _row("memory.slots", r"\b(?:has|have|with|of|in) (?P<v>\d{1,2}) (?:memory|dimm|ram) (?:slots|sockets)\b"),
    _row("memory.usable", rf"\b(?:system|os) (?:sees|can use|can see|may use|uses)\s+(?P<v>{_SIZE})\b"),
    _row("memory.usable", rf"(?P<v>{_SIZE})\s+(?:of (?:it|memory|ram) )?(?:is |are |can be )?(?:usable|used by the system)\b"),
    _row("memory.installed", rf"\bhas (?P<v>{_SIZE}) of (?:memory|ram)\b"),
    _row("memory.installed", rf"(?<!of )(?<!from )(?P<v>{_SIZE}) RAM\b(?! (?:free|used|available|in use))"),
    _row("memory.installed", rf"(?<!of )(?<!from )(?P<v>{_SIZE}) memory(?= \()"),
    _row("memory.usable", rf"(?P<v>{_SIZE}) can be used\b"),
    _row("memory.installed", rf"(?P<v>{_SIZE})\s+(?:of )?(?:memory|ram) (?:is |are )?(?:installed|fitted|present)\b"),
    _row("memory.usable", rf"\b(?:sistema ve|syst[èe]me voit|system sieht|sistema v[êe]|sistema vede|systeem ziet|system widzi)\b.{{0,20}}?(?P<v>{_SIZE})"),
    _row("memory.available", rf"(?P<v>{_SIZE})\s+(?:of (?:it|memory|ram) )?(?:est[áa]n?|sont|sind|s[ãa]o|sono|zijn|s[ąa]|are|is|ist|est)\s+(?:libres?|frei|livres?|liber[aioe]|vrij|woln\w+|free|available|disponibles?)\b"),
    _row("memory.running_speed", r"\bmodules run at\b.{0,40}?(?P<v>\d[\d.,]* ?(?:MT/s|MHz))"),
    _row("os.name", r"(?:\d{1,2}[.)] )?(?:[^\W\d_]+ (?:of|for|di|de|du|des|da|do|von|für|van|voor|dla|para|pour|per) )?(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)*(?: (?-i:[A-Z])\w+){0,2})$", alone=True),
    _row("os.name", r"(?P<v>(?-i:[A-Z])\w*(?: \w+){0,2} (?:OS|Linux)(?: \d+(?:\.\d+)*)?(?: (?-i:[A-Z])\w*)*) [\[(](?:vers\w+|wersja) [\d.]+[\])]", alone=True),
    _row("os.version", r"(?-i:[A-Z])\w*(?: \w+){0,2} (?:OS|Linux) (?:[\w .]+ )?[\[(](?:vers\w+|wersja) (?P<v>[\d.]+)[\])]", alone=True),
    _row("os.name", rf"(?P<v>{_OS_NAME}) \d+(?:\.\d+)+ [\[(]\w+ [\d.]+[\])].*$", alone=True),
    _row("os.version", rf"{_OS_NAME} (?P<v>\d+(?:\.\d+)+) [\[(]\w+ [\d.]+[\])].*$", alone=True),
    _row("os.architecture", rf"{_OS_NAME} .*[,;] (?P<v>x86[-_]64|x64|amd64|arm64|aarch64|i[3-6]86|x86)\b.*$", alone=True),
    _row("host.name", r"Linux (?P<v>[\w.-]+) \d+\.\d+\.\S+ #", alone=True),
    _row("os.kernel", r"Linux [\w.-]+ (?P<v>\d+\.\d+\.\S+) #", alone=True),
    _row("os.architecture", r"Linux [\w.-]+ \d+\.\d+\.\S+ #.* (?P<v>x86_64|aarch64|i[3-6]86|armv\w+)\b", alone=True),
    _row("host.name", r"[A-Za-z]\w+ (?P<v>[A-Za-z][\w-]*-[\w-]+) \S*\d\.\d\S* (?:x86_64|aarch64|amd64|arm64|i[3-6]86)$", alone=True),
    _row("os.kernel", r"[A-Za-z]\w+ [A-Za-z][\w-]*-[\w-]+ (?P<v>\S*\d\.\d\S*) (?:x86_64|aarch64|amd64|arm64|i[3-6]86)$", alone=True),
    _row("os.architecture", r"[A-Za-z]\w+ [A-Za-z][\w-]*-[\w-]+ \S*\d\.\d\S* (?P<v>x86_64|aarch64|amd64|arm64|i[3-6]86)$", alone=True),
    # ``Signed in at NQ-DSP-01: LSF\\tquill (since 07:58)``
    _row("host.user", r"^\W*(?:signed in|logged (?:in|on)|angemeldet|connect[ée]e?|conectad[oa]|sesi[óo]n iniciada|sess[ãa]o iniciada|collegat[oa]|aangemeld|zalogowan[oya]) (?:at|on|to|an|auf|sur|[àa]|en|em|su|op|na) [\w.-]+\s?:\s+(?P<v>[\w-]+\\[\w.-]+)"),
    _row("host.owner", rf"{_REGISTERED} (?P<v>{_PERSON})(?=\W|$)"),
    _row("host.organisation", rf"{_REGISTERED} {_PERSON}(?:, | \()(?P<v>(?-i:[A-Z])[\w&'-]*(?: [\w&'-]+){{0,4}})"),
    _row("os.name", r"\s*(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)*(?: (?-i:[A-Z])\w*){0,3})(?: (?:32|64)[ -]?bits?)?(?:, | · | \()(?:\w+ )?[\d.]+(?:[ -]?bits?)?\b.*$", alone=True),
    _row("os.name", rf"\W*(?P<v>{_OS_NAME}), (?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*){{0,2}}$", alone=True),
    _row("os.edition", rf"\W*{_OS_NAME}, (?!{_EDITION})(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*){{0,2}})$", alone=True),
    _row("os.name", rf"\W*(?P<v>{_OS_NAME})\s+\[(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*){{0,2}}\]$", alone=True),
    _row("os.edition", rf"\W*{_OS_NAME}\s+\[(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*){{0,2}})\]$", alone=True),
    _row("os.version", rf"{_OS_NAME}(?: (?-i:[A-Z])\w+){{0,2}} \((?P<v>\d+(?:\.\d+)+), .*$", alone=True),
    _row("os.build", rf"{_OS_NAME}(?: (?-i:[A-Z])\w+){{0,2}} \(build (?P<v>\d{{3,6}})\)$", alone=True),
    _row("os.build", r"\b(?:build|kompilacja|compilation|compilaci[oó]n|compila[cç][aã]o|compilazione) (?:number )?(?P<v>\d+(?:\.\d+)+)(?![\w.]*\w:)"),
    _row("host.booted_at", rf"\b(?:last (?:started|booted|restarted)|was (?:started|booted)|has been up since|up since|running since|started on|booted on|booted at|; started|, started|; booted|, booted)\b.{{0,12}}?(?P<v>{DATE})"),
    _row("firmware.secure_boot", r"\bsecure boot (?:is )?(?:switched |turned )?(?P<v>on|off|enabled|disabled|active|inactive)\b"),
    _row("firmware.secure_boot", rf"(?:^|[.,;(] )(?P<v>no|kein|sans|sin|sem|senza|geen|zonder|bez) (?:{SECURE_BOOT})(?=[.,;)]|$)"),
    _row("firmware.mode", rf"(?:^|[.,;(] |\b(?:boots?|start(?:s|ed)?) (?:by|in|as|with) |\bmode |\bmodus |\bmodo |\bmodalit[àa] |\btryb )(?P<v>uefi|legacy)"
         rf"(?: (?:mode|start|boot|firmware|modus))?(?:[,;]| with\w*| mit| ohne| avec| sans| con| senza| com| sem| met| zonder| z| bez)? [^.]{{0,40}}?(?:{SECURE_BOOT})"),
    _row("firmware.mode", rf"\b(?:{SECURE_BOOT})\b[^.;]{{0,60}}[,;] (?P<v>uefi|legacy)(?=[.,;)]|$)"),
    _row("firmware.mode", r"\bin (?P<v>uefi|legacy|bios) mode\b"),
    _row("firmware.mode", r"\bfirmware \S*\d\S*(?: [^,;]+)?, (?P<v>uefi|legacy)\b"),
    _row("firmware.version", r"(?:^|[.;] )\s*firmware:? (?:uefi|bios) (?P<v>[A-Z]{0,3}\d+(?:\.\w+)+)"),
    _row("firmware.mode", r"(?:^|[.;] )\s*(?:firmware:? )?(?P<v>uefi)(?: firmware)? [A-Z]{0,3}\d+(?:\.\w+)+"),
    _row("firmware.maker", r"(?:^|[.;] )\s*(?P<v>(?!UEFI|BIOS)(?-i:[A-Z])\w+(?: (?!UEFI|BIOS)(?-i:[A-Z])\w+)?)(?: uefi| bios)? firmware (?=v?\w*\d)"),
    _row("board.model", r"(?:^|[.;] )\s*(?P<v>(?-i:[A-Z])[\w&-]+ (?-i:[A-Z])[\w-]*\d[\w-]*) (?:main ?|mother ?|system )?board(?=,|$)"),
    _row("board.maker", r"(?:^|[.;] )\s*(?P<v>(?-i:[A-Z])[\w&-]+) (?-i:[A-Z])[\w-]*\d[\w-]* (?:main ?|mother ?|system )?board(?=,|$)"),
    _row("board.version", r"\bboard, (?:rev(?:ision)?|version)\.? (?P<v>\d[\w.]*)"),
    _row("os.name", rf"\b(?:l[äa]uft(?: unter)?|tourne (?:sous|avec)|utilise|ejecuta|usa|corre|executa|gira (?:con|su)|esegue|draait(?: op)?|dzia[łl]a(?: pod kontrol[ąa])?) (?P<v>{_OS_NAME})"),
    _row("os.name", r"\b(?:runs|running|runs on|has) (?P<v>(?-i:[A-Z])\w*(?: \w+)? (?:OS|Linux) \d+(?:\.\d+)*(?: (?-i:[A-Z])\w+){0,2})"),
    _row("os.name", r"\b(?:system|sistema|syst[èe]me|systeem) (?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)*(?: (?-i:[A-Z])\w+){0,2})"),
    _row("os.name", r"\s*(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)*) [\[(](?-i:[A-Z])[\w ]+[\])](?:,| build| version).*$", alone=True),
    _row("os.edition", r"\s*(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)* [\[(](?P<v>(?-i:[A-Z])[\w ]+)[\])](?:,| build| version).*$", alone=True),
    _row("os.version", rf"\b{_OS_NAME},? (?:vers\w+|wersja),? (?P<v>\d+(?:\.\d+)+)\b"),
    _row("os.version", r"\bversion (?P<v>\d+(?:\.\d+)+) \(build \d"),
    _row("machine.serial", r"\bis an? (?-i:[A-Z])[^()]{3,60} \((?:serial|s/n)(?: (?:number|no\.?))?:? (?P<v>(?=\w*\d)[\w-]{5,})"),
    _row("host.user", r"\b[A-Za-z]+(?:-\w+)*-\d+ \((?P<v>(?-i:[A-Z][A-Z0-9-]+)\\[\w.-]+)\)"),
    _row("os.architecture", r"\bbuild [\d.]+,? (?P<v>x86[-_]64|amd64|arm64|aarch64)\b"),
    _row("host.domain", r"\b(?:pc|computer|machine) is part of (?:the domain )?(?P<v>[a-z][\w-]*(?:\.[\w-]+)+)"),
    _row("os.architecture", r"(?<![\w-])(?P<v>(?:32|64)[- ]?bits?(?: arm)?)\b"),
    _row("os.installed_at", rf"\b(?:was |been )?(?:installed|set up)(?: on| at)? (?P<v>{DATE})"),
    _row("os.language", r"\blanguage (?:is )?(?P<v>[a-z]{2}-(?-i:[A-Z]{2}))\b"),
    _row("host.time_zone", r"\btime ?zone (?:is )?(?P<v>(?-i:[A-Z(+])[^,.;]{2,40})"),
    _row("os.kernel", r"\bkernel is (?P<v>[\w.-]*\d\.\d[\w.-]*\w)"),
    _row("os.kernel", r"\bkernel (?:version )?(?P<v>\d+\.\d+[\w.-]*)"),
    _row("firmware.version", r"\b(?:firmware|bios)\s{1,9}(?:version )?(?:(?-i:[A-Z])\w+ )?(?P<v>[A-Z]?\d+(?:\.\w+)+)\s{1,9}(?:\(|of|from|dated|\d{4}-\d\d-\d\d)"),
    _row("firmware.maker", r"^\s*(?P<v>(?!UEFI|BIOS)(?:(?-i:[A-Z])[\w&-]*\s){1,3}(?:firmware|bios|uefi))\s{1,9}[A-Z]?\d+(?:\.\w+)+\s{1,9}(?:\(|of|from|dated|\d{4}-\d\d-\d\d)"),
    _row("firmware.dated", rf"\b(?:firmware|bios|uefi)\s{{1,9}}[A-Z]?\d+(?:\.\w+)+\s{{1,9}}(?:\(|of |from |dated )?(?P<v>{DATE})"),
    _row("security.virtualisation", r"\bvirtuali[sz]ation (?:is )?(?:switched |turned )?(?P<v>on|off|enabled|disabled)\b"),
    _row("security.tpm", r"\btpm (?:is |has )?(?:of )?\(?(?:(?:version|versi[óo]n|wersja|versione|vers[ãa]o|versie) )?(?P<v>\d\.\d)\b"),
    _row("os.edition", r"\b(?!(?:system|product|software|licen[cs]e|this|the|firmware) )(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*){0,2}) edition\b"),
    _row("licence.channel", r"\b(?P<v>volume|retail|oem|subscription|evaluation) channel\b"),
    _row("licence.server", r"[.;] (?:activation|licen[cs]e|key) server:? (?P<v>[\w-]+(?:\.[\w-]+)+)"),
    _row("licence.channel", rf"\b{_LICENCE}\s+\((?P<v>volume|retail|oem|subscription|evaluation|trial)\b"),
    _row("licence.channel", rf"\b(?P<v>volume|retail|oem|subscription|evaluation|trial) {_LICENCE}\b"),
    _row("licence.state", rf"\b{_LICENCE}\b.{{0,12}}\bis (?P<v>active|valid|in order|inactive|expired)\b"),
    _row("licence.state", r"\bis (?P<v>not activated|not licensed|unlicensed)\b", "inactive"),
    _row("licence.state", _ABOUT_LICENCE + r"\b(?:n'est pas activ[ée]e?|ist nicht aktiviert|no est[áa] activad[oa]|n[ãa]o est[áa] ativad[oa]|non (?:è|e') attivat[oa]|is niet geactiveerd|nie jest aktywowan[yae])\b", "inactive"),
    _row("licence.state", _ABOUT_LICENCE + r"\b(?:est activ[ée]e?|ist aktiviert|est[áa] activad[oa]|est[áa] ativad[oa]|(?:è|e') attivat[oa]|is geactiveerd|jest aktywowan[yae])\b", "active"),
    _row("licence.grace", r"\b(?:reste|restent|noch|quedan?|restam?|restano|nog|pozosta\w+|zosta\w+)\s+(?P<v>\d{1,3} (?:jours?|tage?|d[ií]as?|giorn[io]|dag(?:en)?|dni))\b"),
    # ``Activated (volume licence)``
    _row("licence.state", r"^\W*(?P<v>(?:not |nicht |non |no |n[ãa]o |niet |nie)?(?:activated|aktiviert|activ[ée]e?|activad[oa]|ativad[oa]|attivat[oa]|geactiveerd|aktywowan[yae]))(?:, | \()[^.]{0,24}?(?:licen[cçz]|lizenz)"),
    _row("licence.state", r"\b(?:licen[cçz]\w*|lizenz|licencj\w+)\b[^.;:]{0,30}?, (?P<v>activated|aktiviert|activ[ée]e|activada|attivata|ativada|geactiveerd|aktywna)\b"),
    _row("licence.grace", r"\b(?P<v>\d{1,3} days?) (?:of grace|of the grace period|left|remain)"),
    _row("licence.channel", r"\b(?:licen[cçz][ei]?\w*|lizenz|licencj\w+)\b.{0,20}?\b(?P<v>au d[ée]tail|al detalle|al dettaglio|a retalho|im einzelhandel|detailhandel|detaliczna)\b"),
    _row("os.name", r"(?:(?:^|[:.] )|\b(?:this is|dit is|dies ist|das ist|voici|c'est|es|questo è|è|este é|to jest) )(?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)? (?:OS|Linux) \d+(?:\.\d+)*)(?=, (?:[ée]dition|ausgabe|edici[óo]n|edi[çc][ãa]o|edizione|editie|edycja|wydanie)\b)"),
    _row("licence.expires_at", rf"\bl[äa]uft (?:am )?(?P<v>{DATE})"),
    _row("os.edition", r"\b(?:[ée]dition|ausgabe|edici[óo]n|edi[çc][ãa]o|edizione|editie|edycja) (?P<v>(?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)?)\b"),
    _row("licence.state", r"\b(?:is|has been) (?:now |permanently )?(?:activated|licensed)\b", "active"),
    _row("licence.state", rf"\b{_LICENCE} (?:has )?(?:expired|run out|ended)\b", "expired"),
    _row("licence.state", r"\bis in (?:its|the|a) grace period\b", "grace"),
    _row("licence.permanent", rf"\b{_LICENCE}\b.{{0,20}}\b(?:is|ist|est|es) (?:not|nicht|no|pas) (?:permanent|dauerhaft|permanente)\b", "no"),
    _row("licence.permanent", rf"\b{_LICENCE}\b.{{0,20}}\b(?:is|ist|est|es) (?:permanent|for good|dauerhaft|permanente)\b", "yes"),
    _row("licence.permanent", rf"\b{_LICENCE}\b(?:(?!\b(?:not|no)\b)[^.]){{0,60}}\band (?:is|was given|lasts) for (?:good|ever)\b", "yes"),
    _row("licence.permanent", r"(?:\bnon (?:è|e')|\bno es|\bn'est pas|\bn[ãa]o é|\bis niet|\bist nicht|\bnie jest) (?:permanent\w*|dauerhaft|unbefristet|definitiv\w*|blijvend|sta[łl]a|bezterminowa)\b", "no"),
    _row("licence.permanent", rf"\bpermanently activated\b|\b{_LICENCE} never (?:expires|runs out|ends)\b", "yes"),
    _row("licence.expires_at", rf"\b(?:runs out|expires|will expire|ends|is valid until|valid until|läuft ab)(?: on| at| am)? (?P<v>{DATE})"),
    _row("licence.expires_at", r"\b(?:licen[cs]e|lizenz|licence|licencia|licen[çc]a|licenza|licentie|licencja)\b.{0,20}?\b(?P<v>never expires|does not expire|l[äa]uft (?:nie(?:mals)?|nicht) ab|n'expire jamais|n'expire pas|no caduca nunca|nunca caduca|no caduca|nunca expira|n[ãa]o expira|non scade mai|non scade|verloopt nooit|verloopt niet|nigdy nie wygasa|nie wygasa)\b"),
    _row("licence.permanent", r"\b(?:dauerhaft aktiviert|activ[ée]e? (?:d[ée]finitivement|de fa[çc]on permanente)|activad[oa] de forma permanente|ativad[oa] permanentemente|attivat[oa] in modo permanente|permanent geactiveerd|trwale aktywowan[yae]|valid for good|activated for good)\b", "yes"),
    _row("licence.channel", r"\b(?:licen[cçz][ei]?\w*|licencj\w+|lizenz)\b[^.;]{0,60}?\b(?P<v>(?:en |por |per |de |na )?(?:volumen?s?|abonnement|suscripci[óo]n|assinatura|abbonamento|subskrypcj\w|zbiorcz\w+|wolumenow\w+|detaliczn\w+|abo|oem|valutazione|evaluaci[óo]n|avalia[çc][ãa]o|[ée]valuation))\b"),
    _row("licence.channel", r"\b(?P<v>volumen|einzelhandels|abonnement|test|probe|oem|volume)-?(?:lizenz|licentie)\b"),
    _row("licence.permanent", r"\b(?:lizenz|licence|licencia|licen[çc]a|licenza|licentie|licencja)\b.{0,30}\b(?:nicht unbefristet|befristet|temporaire|temporal|tempor[áa]ria|temporanea|tijdelijk|czasowa|nie jest bezterminowa)\b", "no"),
    _row("licence.permanent", r"\b(?:lizenz|licence|licencia|licen[çc]a|licenza|licentie|licencja)\b(?:(?!\b(?:no|not|non|n[ãa]o|pas|nicht|niet|nie)\b).){0,30}\b(?:unbefristet|illimit[ée]e|ilimitada|perp[ée]tu\w+|perpetua|onbeperkt|bezterminowa|permanente|dauerhaft)\b", "yes"),
    _row("licence.expires_at", rf"\b(?:valable|valide|valid[ao]|g[üu]ltig|geldig|wa[żz]n[ay]|fino|expire|caduca|vence|expira|scade|verloopt|vervalt|wygasa|endet|termina)\b.{{0,25}}?(?P<v>{DATE})"),
    _row("memory.limit", rf"\b(?:nimmt|fasst|unterst[üu]tzt|accepte|prend en charge|admite|soporta|suporta|aceita|supporta|accetta|ondersteunt|obs[łl]uguje|mie[śs]ci|przyjm(?:ie|uje)|regge|aguanta|aguenta|draagt|tr[äa]gt)\b.{{0,40}}?(?P<v>{_SIZE})"),
    _row("memory.usable", rf"\b(?:nutzbar|verwendbar|utilisable|utilizable|utiliz[áa]vel|utilizzabil[ei]|bruikbaar|u[żz]yteczn\w+)\s*:?\s*(?P<v>{_SIZE})"),
    _row("memory.usable", rf"(?P<v>{_SIZE}) (?:nutzbar|verwendbar|utilisables?|utilizables?|utiliz[áa]ve(?:l|is)|utilizzabil[ei]|bruikbaar|u[żz]yteczn\w+)\b"),
    _row("memory.installed", rf"\b(?:total|totaal|gesamt|insgesamt|razem|[łl][ąa]cznie|totale|en tout|in tutto),?:? (?P<v>{_SIZE})(?=, (?:of which|waarvan|davon|dont|de (?:los|las) cuales|di cui|dos quais|z czego|w tym)\b)"),
    _row("memory.installed", rf"\b(?:eingebaut|install[ée]e?s?|instalad[ao]s?|installat[ao]|ge[ïi]nstalleerd|zainstalowan\w+)\b(?: [^\W\d]+)?\s*:?\s*(?P<v>{_SIZE})"),
    _row("licence.state", r"\b(?:licen[cs]e|lizenz|licence|licencia|licen[çc]a|licenza|licentie|licencja)\b[^.;]{0,12}\b(?:is|ist|est|est[áa]|[èée]|jest)\s+(?P<v>(?:not |nicht |pas |no |non |n[ãa]o |niet |nie(?:jest )?)?(?:active|activated|aktiv\w*|activ[ée]e?|activa|attiva|ativa|actief|geactiveerd|aktywna))\b"),
    _row("licence.key_tail", r"\b(?:sleutel|schl[üu]ssel\w*|cl[ée]|clave|chiave|chave|klucz\w*)\b.{0,30}?(?<![A-Z0-9])(?-i:(?P<v>[A-Z0-9]{5}))\b"),
    _row("licence.resets_left", r"\b(?:nog|noch|encore|a[úu]n|todav[íi]a|ancora|ainda|jeszcze|quedan|restam|restano) (?P<v>\d{1,4})(?: \w+)?(?: keer| mal| fois| veces| volte| vezes| razy)\b"),
    _row("firmware.secure_boot", r"\b(?:secure boot|sicherer start|d[ée]marrage s[ée]curis[ée]|(?:arranque|inicio) seguro|avvio sicuro|veilig (?:opstarten|starten)|bezpieczny rozruch)(?: (?:is|ist|est|est[áa]|[èe]|jest)|:)? (?P<v>on|off|enabled|disabled|eingeschaltet|ausgeschaltet|aktiviert|deaktiviert|aktiv|inaktiv|activ[ée]|d[ée]sactiv[ée]|activado|desactivado|attivo|disattivato|ligado|desligado|aan|uit|ingeschakeld|uitgeschakeld|w[łl][ąa]czony|wy[łl][ąa]czony)\b"),
    _row("memory.slots", r"\b(?:has|hat|a|tiene|ha|tem|heeft|ma) (?P<v>\d{1,2}) (?:memory (?:sockets|slots)|speicherpl[äa]tze|steckpl[äa]tze|emplacements (?:de )?m[ée]moire|(?:ranuras|z[óo]calos) de memoria|(?:alloggiamenti|slot) (?:di )?memoria|(?:ranhuras|encaixes) de mem[óo]ria|geheugensleuven|gniazd\w* pami[ęe]ci)\b"),
    _row("memory.limit", rf"\b(?:h[öo]chstausbau|maximalausbau|vollausbau)\b[ :]{{1,3}}(?P<v>{_SIZE})"),
    _row("host.name", r"\b(?:this|the) (?:pc|computer|machine) is (?:called|named|known as) (?P<v>[A-Za-z]\w*(?:-\w+)*\d)\b"),
    _row("host.domain", r"\b(?:belongs to|joined to|is (?:a )?(?:member of|in)) (?:the domain )?(?P<v>[a-z][\w-]*(?:\.[\w-]+)+)"),
    _row("memory.installed", rf"(?P<v>{_SIZE}) of (?:memory|ram) in \d{{1,2}} of \d{{1,2}} (?:sockets?|slots?)\b"),
    _row("memory.slots", r"\b(?:memory|ram) in \d{1,2} of (?P<v>\d{1,2}) (?:sockets?|slots?)\b"),
    _row("licence.channel", r"\blicen[cs]ed by (?P<v>volume|subscription|retail|evaluation)\b"),
    _row("licence.resets_left", r"\breset (?P<v>\d{1,4}) more times?\b"),
    _row("licence.server", r"\b(?:last checked|activated|renewed) (?:by|at|with) (?P<v>[\w-]+(?:\.[\w-]+){2,})"),
    _row("licence.resets_left", r"\b(?P<v>\d{1,4}) (?:\w+ )?(?:resets?|rearms?) (?:remain|are left|left|possible)"),
    _row("licence.key_tail", r"\b(?:last|final) (?:five|5|part)\b.{0,30}\bkey\b.{0,12}?\b(?-i:(?P<v>[A-Z0-9]{5}))\b"),
    _row("licence.expires_at", rf"\b(?:activated|licen[cs]ed|aktiviert|activ[ée]e?|activad[oa]|ativad[oa]|attivat[oa]|geactiveerd|aktywowan[yae])\b[^.;]{{0,50}}?\b(?:until|till|through|bis(?: zum)?|jusqu'au|hasta(?: el)?|at[ée]|fino al|tot|do) (?P<v>{DATE})"),
    _row("memory.installed", rf"(?P<v>{_SIZE})\s+(?:of (?:memory|ram) )?(?:are|is) (?:fitted|installed|built in|present)\b"),
    _row("host.user", r"\byou are (?:signed in as )?(?P<v>[\w.-]+\\[\w.-]+)"),
    _row("host.user", r"(?P<v>[\w.-]+\\[\w.-]+) (?:since|seit|depuis|desde|dal|dalle|sinds|od) \d.*$", alone=True),
    _row("host.user", r"\b(?:signed in|logged (?:in|on)|angemeldet|session ouverte|connect[ée]e?|sesi[óo]n (?:iniciada|abierta)|sess[ãa]o (?:iniciada|aberta)|sessione (?:aperta|avviata)|accesso eseguito|aangemeld|zalogowan[yao])"
         r"(?: is| ist| est)?(?: now)?:? (?:as|als|en tant que|par|como|por|come|da|jako|przez|by) (?P<v>[A-Za-z][\w.-]*\\[\w.$-]+|[a-z][\w.-]{2,}(?=$|[.,;(]|\s(?:since|seit|depuis|desde|dal|sinds|od)\b))"),
    _row("os.oldest_trace_at", rf"\b(?:oldest|earliest|[äa]lteste[rs]?|plus ancien(?:ne)?|(?:m[áa]s|mais) antig[uo]\w*|pi[ùu] (?:vecchi[oa]|antic[oa])|oudste|najstarsz\w+) (?:\w+ )?(?:folder|directory|trace|file|log|entry|ordner|spur|datei|protokoll|dossier|trace|fichier|journal|carpeta|rastro|archivo|cartella|traccia|file|pasta|vest[íi]gio|map|spoor|bestand|plik|[śs]lad)\b.{{0,50}}?(?P<v>{DATE})"),
    _row("host.booted_at", rf"\bup\b.{{0,50}}?\bsince (?P<v>{DATE})"),
    _row("licence.key_tail", r"\bkey (?:ends (?:in|with)|ending(?: in| with)?) (?:\.{2,3}|…|\*+)?-?(?P<v>[A-Z0-9]{5})\b"),
    _row("host.name", r"\b(?:host|computer|machine|pc)(?: name)?:? (?P<v>[A-Za-z]\w*(?:-\w+)*-\w*\d\w*)\b"),
    _row("host.name", r"\b(?:report|sheet|\d) (?:of|on|for) (?P<v>(?-i:[A-Z]{2,})(?:-[A-Z0-9]+)*-\w*\d)\b"),
    *(_row(fact, pattern) for fact, pattern in TOLD),
)  # fmt: skip

# An echo test: how many questions came back, and how long they took.
_TIME = r"\d+(?:[.,]\d+)?\s?m?s"
# The unit is said once, before the times.
_IN_MS = r"\b(?:in ms|in milliseconds|\(ms\)|ms\b[^.\d]{0,3}:).{0,60}?"
_OF, _UP_TO = r"(?:of|out of|von|sur|de|di|van|z)", r"to|bis|à|a|até|tot|do|–|-"
_ANSWERS = r"answers?|answered|replies|antworten|beantwortet|r[ée]ponses?|respuestas?|respostas?|risposte|antwoorden|beantwoord|odpowiedzi"
_SENT = (
    r"said|went out|put out|gesendet|abgesendet|verschickt|envoy[ée]e?s?|[ée]mise?s?|transmise?s?|enviad[oa]s?|transmitid[oa]s?"
    r"|inviat[aeio]|trasmess[aeio]|verzonden|verstuurd|wys[łl]an[aeoy]"
)
_RECEIVED = (
    r"heard(?: back)?|came home|got back|empfangen|erhalten|angekommen|re[çc]ue?s?|recibid[oa]s?|recebid[oa]s?|ricevut[aeio]"
    r"|ontvangen|odebran[aeoy]|otrzyman[aeoy]"
)
_LOST = r"verloren|perdue?s?|perdid[oa]s?|pers[aeio]|utracon[aeoy]|stracon[aeoy]"
_LEAST = r"k[üu]rzeste|schnellste|am schnellsten|k[üu]rzestens|kortste|snelste|plus court|plus rapide|m[áa]s corto|m[áa]s r[áa]pido|mais curto|mais r[áa]pido|pi[ùu] breve|pi[ùu] veloce|najkr[óo]tsz[ya]|najkr[óo]cej|najszybsz[ya]|najszybciej|minimum|minimale?|m[íi]nim[oa]|min"
_MOST = r"l[äa]ngste|langsamste|langste|traagste|plus long|plus lent|m[áa]s largo|m[áa]s lento|mais longo|mais lento|pi[ùu] lungo|pi[ùu] lento|najd[łl]u[żz]sz[ya]|najd[łl]u[żz]ej|najwolniejsz[ya]|najwolniej|maximum|maximale?|m[áa]xim[oa]|massim[oa]|maksimum|max|m[áa]x\.?|maks\.?"
_MEAN = r"mittel(?:wert)?|durchschnitt|moyenne?|m[ée]di[ao]|gemiddeld[e]?|[śs]redni[ao]|[śs]r\.|gem\.|moy\.?|mitt\.|prom\.|med\."


_TIME_WORD = r"(?: (?:time|zeit|temps|tiempo|tempo|tijd|czas))?"
_MS = r"\d+(?:\.\d+)?"
_MIDDLE = r"mean|avg|average|gem\w*|mittel\w*|moy\w*|m[ée]d\w*|[śs]r\w*|prom\w*|durchschnitt"
_LONGEST = r"worst|max\w*|m[áa]x\w*|maks\w*"
_ALL_THREE = rf"\b(?:best|min\w*)/(?:{_MIDDLE})/(?:{_LONGEST})\b[^\d]{{1,8}}"


def _counted(fact: str, words: str) -> Pattern:
    return _row(
        fact,
        rf"\b(?:{words})\s*[:=]?\s*(?P<v>\d+)\b(?!\s*m?s\b)|(?<![\d.:])\b(?P<w>\d+) (?!m?s\b)(?:\w+ )?(?:{words})\b",
    )


def _timed(fact: str, words: str) -> Pattern:
    return _row(fact, rf"\b(?:{words}){_TIME_WORD}\s*[:=]?\s*(?P<v>{_TIME})")


def _timed_together(fact: str, words: str) -> Pattern:
    """``shortest 1.1, mean 1.15, longest 1.2 ms``: the unit is said once, after the last."""
    return _row(
        fact, rf"\b(?:{words}){_TIME_WORD}\s*[:=]?\s*(?P<ms>\d+(?:\.\d+)?)(?=[,;]? (?:[^.;]|\.(?=\d)){{0,60}}\d\s?ms\b)"
    )


REACH_SAYS = Patterns(
    _counted("reach.sent", _SENT),
    _counted("reach.received", _RECEIVED),
    _counted("reach.lost", _LOST),
    _timed_together("reach.best", rf"best|least|fastest|quickest|shortest|{_LEAST}"),
    _timed_together("reach.worst", rf"worst|most|slowest|longest|{_MOST}"),
    _timed_together("reach.average", rf"average|avg|mean|typical|middle|median|{_MEAN}"),
    _timed("reach.best", _LEAST),
    _timed("reach.worst", _MOST),
    _timed("reach.average", _MEAN),
    _row(
        "reach.sent",
        r"(?<![\d.,=])\b(?P<v>\d+) (?:(?!m?s\b)\w+ )?(?:sent|transmitted|asked|calls?|requests?|probes?|tries|attempts?|echoes|hails?|pings?|packets? out)\b(?! \d| of \d)|\b(?:sent|transmitted|asked)\s*[:=]?\s*(?P<w>\d+)\b(?![.:]\d)",
    ),
    _row(
        "reach.received",
        r"\b(?P<v>\d+) (?:\w+ )?(?:received|answered|answers|replies|responses|came back|returned)\b(?! (?:was|were)? ?lost)|\b(?:received|answered|back|replies)\s*[:=]?\s*(?P<w>\d+)\b(?![.\d])",
    ),
    _row("reach.sent", r"(?<![\d.,/])\b(?P<v>\d+) (?:hailed|pinged|knocked|called|asked|tried|probed|echoed)\b"),
    _row("reach.received", r"\b(?P<v>\d+) (?:back|home|returned)\b"),
    _row("reach.received", rf"\b(?P<v>\d+) {_OF} \d+ (?:{_ANSWERS})"),
    _row("reach.sent", rf"\b\d+ {_OF} (?P<v>\d+) (?:{_ANSWERS})"),
    _row("reach.best", rf"(?P<ms>{_MS}) ?(?:{_UP_TO}) ?{_MS} ?ms\b"),
    _row("reach.worst", rf"{_MS} ?(?:{_UP_TO}) ?(?P<ms>{_MS}) ?ms\b"),
    _row("reach.received", r"\b(?P<v>\d+)/\d+ (?:answered|replied|received|came back|back)\b"),
    _row("reach.sent", r"\b\d+/(?P<v>\d+) (?:answered|replied|received|came back|back)\b"),
    _row(
        "reach.received",
        r"(?<=[^\W\d_][,:;] )(?:no (?:answers?|repl(?:y|ies)|responses?)|keine Antwort(?:en)?|aucune réponse|ninguna respuesta|sin respuestas?|nenhuma resposta|sem respostas?|nessuna risposta|geen antwoord(?:en)?|brak odpowiedzi)\b",
        "0",
    ),
    _row("reach.lost", r"\b(?:none|nothing|no (?:packets?|answers?)) (?:was |were |is )?(?:lost|missing)\b", "0"),
    # ``2 / 2.3 / 3 ms (best / mean / worst)``, ``min/avg/max = 2/2.3/3 ms``
    _row("reach.best", rf"(?P<ms>{_MS})\s*/\s*{_MS}\s*/\s*{_MS}\s?ms \((?:best|min\w*|least)\b"),
    _row("reach.average", rf"{_MS}\s*/\s*(?P<ms>{_MS})\s*/\s*{_MS}\s?ms \(\w+\s*/\s*(?:typical|{_MIDDLE})\b"),
    _row("reach.worst", rf"{_MS}\s*/\s*{_MS}\s*/\s*(?P<ms>{_MS})\s?ms \(\w+\s*/\s*\w+\s*/\s*(?:most|{_LONGEST})\b"),
    _row("reach.best", rf"{_ALL_THREE}(?P<ms>{_MS})/"),
    _row("reach.average", rf"{_ALL_THREE}{_MS}/(?P<ms>{_MS})/"),
    _row("reach.worst", rf"{_ALL_THREE}{_MS}/{_MS}/(?P<ms>{_MS})"),
    _row("reach.lost", r"\b(?P<v>\d+)(?! ?%) (?:\w+ )?(?:lost|missing)\b|\blost\s*[:=]?\s*(?P<w>\d+)"),
    _row(
        "reach.best",
        rf"\b(?:best|least|min(?:imum)?|fastest|quickest|shortest){_TIME_WORD}\s*[:=]?\s*(?P<v>{_TIME})|{_IN_MS}\b(?:best|least|min(?:imum)?|fastest|quickest|shortest)\s*[:=]?\s*(?P<ms>\d+(?:\.\d+)?)",
    ),
    _row(
        "reach.average",
        rf"\b(?:average|avg|mean|typical|middle|median)\s*[:=]?\s*(?P<v>{_TIME})|{_IN_MS}\b(?:average|avg|mean|typical|middle|median)\s*[:=]?\s*(?P<ms>\d+(?:\.\d+)?)",
    ),
    _row(
        "reach.worst",
        rf"\b(?:worst|most|max(?:imum)?|slowest|longest){_TIME_WORD}\s*[:=]?\s*(?P<v>{_TIME})|{_IN_MS}\b(?:worst|most|max(?:imum)?|slowest|longest)\s*[:=]?\s*(?P<ms>\d+(?:\.\d+)?)",
    ),
)
REACH_COUNTS = ("reach.sent", "reach.received", "reach.lost")
REACH_TARGET = Patterns(
    _row(
        "reach.target",
        r"(?<![\w.-])(?P<v>[A-Za-z][\w-]*(?:\.[\w-]+)*) [\[(](?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]*:[0-9a-f:]+)[\])]",
    ),
    _row(
        "reach.target",
        r"\b(?:asking|pinging|ping(?:ed)?|reach(?:ing)?|echo(?:ing)?(?: to)?|calling|hail(?:ing|ed)?|knock(?:ing)?(?: (?:on|at))?|prob(?:e|ing)|testing|answers? (?:\d+ )?from|reply from|antwort von|r[ée]ponse de|respuesta desde?|risposta da|resposta de|antwoord van|odpowied[źz] od)\s+(?P<v>[A-Za-z0-9][\w.-]*[\w])",
    ),
    _row(
        "reach.target",
        r"\b(?:pedidos?|requests?|anfragen|requ[êe]tes?|peticiones|solicitudes|richieste|verzoeken|zapyta[nń]\w*|pakiet\w*|pacotes?|paquets?|paquetes|pacchetti|pakketten|pakete|packets?|echoes|[ée]chos?)\s+(?:to|an|[àa]|para|al?|naar|do|für|vers)\s+(?P<v>[A-Za-z0-9][\w.-]*[\w])",
    ),
    _row(
        "reach.target",
        r"\b(?:stat[iy]st[iy]\w*|estad[ií]sticas?|estat[ií]sticas?|summary|zusammenfassung)(?: \w+)? (?:for|of|f[üu]r|von|zu|pour|de|para|per|di|voor|van|dla) (?P<v>[A-Za-z0-9][\w-]*(?:\.[\w-]+)+)",
    ),
    _row("reach.target", r"(?P<v>[A-Za-z0-9][\w-]*(?:\.[\w-]+)+)$", alone=True),
    _row("reach.address", r"[\[(](?P<v>\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f:]*:[0-9a-f:]+)[\])]"),
    _row(
        "reach.address",
        r"(?<![\w.-])[A-Za-z][\w-]*(?:\.[\w-]+)+ (?:is|ist|est|es|é|è|jest|=|->|→) (?P<v>\d{1,3}(?:\.\d{1,3}){3})(?=\s|$)",
    ),
    _row("reach.address", r"(?<![\w.])(?P<v>\d{1,3}(?:\.\d{1,3}){3}): \d+ [^\W\d_]+, \d"),
)

HOP_TARGET = Patterns(
    _row(
        "hop.target",
        r"\b(?:to|towards|for|nach|zu|vers|jusqu'à|hasta|hacia|a|até|para|verso|fino a|naar|do) (?P<v>[A-Za-z0-9][\w.-]*\w) [\[(]\d{1,3}(?:\.\d{1,3}){3}[\])]",
    ),
    _row(
        "hop.target",
        r"\b(?:route|ruta|camino|trayecto|weg|chemin|percorso|caminho|rota|trasa|droga|spur|spoor|traza|traccia)\b.{0,40}?\b(?:nach|zu|vers|jusqu'[àa]|hasta|hacia|a|até|para|verso|fino a|naar|do) (?P<v>[A-Za-z0-9][\w-]*(?:\.[\w-]+)+)",
    ),
    _row("hop.target", r"\b(?:trac\w+|route|path|way|hops?)\b.{0,40}?\bto (?P<v>[A-Za-z0-9][\w-]*(?:\.[\w-]+)+)"),
)

# What a check checks, in its command or its own words; everything else it says belongs to it.
_CHECK_KINDS = (
    _row("health_check.kind", r"\bsystem[ -]?files?\b|\b(?:sys|file) ?(?:check|scan|verif\w*)|\bintegrity (?:check|scan|violations?)\b", "system-files"),
    _row("health_check.kind", r"\b(?:energy|power)\w*\b.{0,12}[/ -](?:check|report|scan|diagnos)", "energy"),
    _row("health_check.kind", r"\b(?:energy|power) ?(?:check|report|efficiency|scan|diagnos)", "energy"),
    _row("health_check.kind", r"\b(?:memory|mem|ram) ?(?:check|test|diagnos|verif)", "memory"),
    _row("health_check.kind", r"\bchecking (?:the )?(?:volume |drive |disk )?(?:[A-Z]:|/\w)", "disk"),
    _row("health_check.kind", r"\b\w{0,6}(?:check|scan|test) (?:of|on) (?:[A-Z]:(?!\w)|/\w)|\b(?:disk|vol|volume|drive|disc|file ?system) ?(?:check|scan|test|verif)|\bcheck(?:ing)? (?:of )?(?:the )?(?:disk|volume|drive|file system)\b", "disk"),
)  # fmt: skip
CHECK_KINDS = Patterns(*_CHECK_KINDS, *(_row("health_check.kind", pattern, kind) for pattern, kind in KINDS))
CHECKS_ASKED = Patterns(*CHECK_KINDS.rows, *(_row("health_check.kind", pattern, kind) for pattern, kind in ASKED))
"""What a command that checks is called and asked, with the kinds that texts name."""
_CHECKED = (
    r"\b(?:(?:ge)?(?:check|scan|test|verif|v[ée]rif|contr[ôo]l|comprob|sprawdz|kontrol|pr[üu]f)\w*|\w+(?:pr[üu]fung|test|controle|kontrolle))"
    r"(?: (?:of|on|for|run on|von|des|de|du|del|di|van|dla|do|da))?"
    r"(?: (?:(?:the|das|la|le|il|het|el|o) )?(?:disk|volume|drive|laufwerks?|datentr[äa]gers?|lecteur|disque|unidad|volumen|unit[àa]|unidade|disco|schijf|station|dysku?))?"
)
# When it shall be checked again is not when it was.
_STILL_TO_COME = r"(?:next|due|scheduled|planned|will be|n[äa]chste[nr]?|geplant|prochaine?|pr[ée]vue?|pr[óo]xim[ao]|previst[ao]|prossim[ao]|volgende|gepland|nast[ęe]pn[yea]|zaplanowan[yea])"
_CHECK_SAYS = (
    _row("health_check.target", r"\b(?:check|scan|test|verif)\w*(?: [\w-]+){0,3}? (?:of|on|for) (?P<v>[A-Za-z]\w{1,20}:)(?![\\/\d_]|(?-i:[A-Z]))"),
    _row("health_check.target", rf"{_CHECKED} (?P<v>[A-Za-z]:\\?(?![\w\\])|/[\w/.-]*|disk \d{{1,2}})"),
    _row("health_check.target", rf"\b{DRIVES} (?P<v>[A-Z]:)(?: \([^()]*\))? (?:{IS_CHECKED})"),
    _row("health_check.at", rf"^(?!.*\b{_STILL_TO_COME}\b).*?(?:{_CHECKED}|\bat|\bon|\bended|\bfinished|\bstarted|\bran)\b.{{0,40}}?(?P<v>{DATE})"),
    _row("health_check.result", r"\bdid not finish\b|\bwas not (?:run|started)\b|\bnot (?:been )?(?:finished|completed)\b|\b(?:stopped|cancelled|interrupted|aborted) by\b|\bwas (?:stopped|cancelled|interrupted|aborted)\b", "not-finished"),
    _row("health_check.result", r"\b(?:could|can) ?not (?:be )?(?:repair|fix|mend|correct)(?:ed)?\b|\bnot all of them\b.{0,30}\brepaired\b", "damaged"),
    _row("health_check.result", r"\b(?:found|damaged|corrupt|errors?|problems?)\b.{0,80}\b(?:repaired|fixed|mended|corrected)\b|\b(?:repaired|fixed|mended)\b.{0,40}\b(?:all|successfully)\b", "repaired"),
    _row("health_check.result", r"\bno (?:\w+ ){0,2}(?:problems?|errors?|violations?|faults?|damage)\b.{0,12}\b(?:found|detected|seen)\b|\bno (?:integrity |file system )?(?:problems|violations|faults)\.$|\b(?:no|without) errors?\b(?: in| after|[.,;]|$)|\bfound no (?:\w+ )?(?:problems?|errors?|violations?)|\bis (?:clean|healthy)\b|(?:^|[.:;,] )(?:clean|all clean)(?=[.,;]|$)|[,.;:] passed\b|\b(?:nothing|none|not) (?:(?:is|was|found) )?(?:damaged|corrupt(?:ed)?)\b", "clean"),
    _row("health_check.result", r"\b(?:is|are|was|were) (?:damaged|corrupt(?:ed)?)\b|\b(?:damage|corruption|violations?|bad sectors?)\b.{0,20}\b(?:was|were)? ?(?:found|detected)\b", "damaged"),
    _row("health_check.errors", rf"\b(?P<v>{HOW_MANY}) errors?\b|\berrors?\s*:?\s*(?P<w>\d+)"),
    _row("health_check.warnings", rf"\b(?P<v>{HOW_MANY}) warnings?\b|\bwarnings?\s*:?\s*(?P<w>\d+)"),
    _row("health_check.notes", rf"\b(?P<v>{HOW_MANY}) (?:notes?|remarks?|informational|information\(s\)|informations?)(?!\w)|\b(?:notes?|remarks?)\s*:?\s*(?P<w>\d+)"),
)  # fmt: skip
CHECK_SAYS = Patterns(
    *_CHECK_SAYS,
    *(_row("health_check.result", pattern, result) for pattern, result in RESULTS),
    *(_row(fact, pattern) for fact, pattern in COUNTS),
)


_SPOKEN_OF = (PATTERNS, REACH_SAYS, CHECK_KINDS)
_ANY = Patterns(*(row for of in _SPOKEN_OF for row in of.rows))
_BOUNDS = (0, *accumulate(len(of.rows) for of in _SPOKEN_OF))


def spoken_of(text: str) -> tuple[bool, ...]:
    """Whether a text may state plain facts, an echo test, a check of health: most texts do none of these."""
    places = _ANY.sieve.passing(text)
    return tuple(any(start <= place < end for place in places) for start, end in pairwise(_BOUNDS))


@dataclass(frozen=True, slots=True)
class Stated:
    """A fact that a sentence states: the printed part with its place (from 1), the text to understand."""

    fact: str
    printed: str
    value: str
    line: int
    column: int


def statements(lines: Sequence[Line], patterns: Patterns) -> Iterator[Stated]:
    """What runs of lines state, each fact once a run; a sentence may go on on the next line."""
    for run in _runs(lines):
        text, places = _joined(run)
        said: set[str] = set()
        for row in patterns.passing(text):
            match = _match(row, run, text) if row.fact not in said else None
            if match is None:
                continue
            said.add(row.fact)
            groups = {name: value for name, value in match.groupdict().items() if value}
            name = next(iter(groups), None)
            start, end = match.span(name) if name and not row.word else match.span()
            line, column = _place(places, start + text.index(match.string))
            value = row.word or _with_unit(name or "", groups)
            if asked := _ASKED.match(match.string, match.end()):
                value = _answered(value, asked["answer"])
            if value:
                yield Stated(row.fact, _on_one_line(run, line, column, text[start:end]), value, line, column)


# The sentence that was matched is a question.
_ASKED = re.compile(r"[^.!?;]*\?\s*(?P<answer>\w*)")


def _answered(value: str, answer: str) -> str:
    """What the answer to a question makes of the yes or no for which it asks; empty where it says neither."""
    asked, said = flag_of(value), flag_of(answer)
    return "" if asked is None or said is None else ("yes" if asked == said else "no")


def _with_unit(name: str, groups: dict[str, str]) -> str:
    """What a group matched; of the one called ``ms`` with the unit that was said before."""
    return f"{groups[name]} ms" if name == "ms" else groups[name]


def place_of_number(line: Line) -> re.Match[str] | None:
    """A step of a traced way: its number, the times it took, the address that answered; or ``None``."""
    return (
        (_HOP.match(line.text) or _HOP_TURNED.match(line.text) or _HOP_IN_BRACKETS.match(line.text))
        if len(line.text) < 300
        else None
    )


_HOP = re.compile(
    rf"\s*(?P<number>\d{{1,2}})[.:)]?\s+(?P<times>(?:(?:<\s?)?{_TIME}\s+|\*\s+){{1,5}})(?P<address>(?:[\w.-]+ [\[(])?[0-9a-fA-F.:]{{7,45}})[\])]?(?:\s+[(\[]?[\w.-]+[)\]]?)?\s*$",
    re.I,
)
_HOP_TURNED = re.compile(
    rf"\s*(?P<number>\d{{1,2}})[.:)]?\s+(?:[a-z][\w-]*(?:\.[\w-]+)+\s+)?(?P<address>(?:\d{{1,3}}(?:\.\d{{1,3}}){{3}}|[0-9a-f]*:[0-9a-f:]+))(?:\s+(?:\(?[a-z][\w.-]*\)?|[-–?]))?\s+(?P<times>(?:(?:<\s?)?{_TIME}\s*|\*\s*){{1,5}})(?:[(\[]?[\w.-]+[)\]]?)?\s*$",
    re.I,
)
_HOP_IN_BRACKETS = re.compile(
    rf"\s*(?P<number>\d{{1,2}})[.:)]?\s+(?P<address>(?:[\w.-]+ [\[(])?(?:\d{{1,3}}(?:\.\d{{1,3}}){{3}}|[0-9a-f]*:[0-9a-f:]+))[\])]?:?\s+[(\[](?P<times>(?:(?:<\s?)?{_TIME}[,;/]?\s*|\*\s*){{1,5}})[)\]]\s*$",
    re.I,
)
# A step that nobody answered.
SILENT_HOP = re.compile(
    r"\s*(?P<number>\d{1,2})[.:)]?\s+(?:(?=[–?-]?\s*\*)(?:[*–?-]\s+){1,5}[*–?-]?\s*|(?=\(?(?:no|sin|sans|ohne|keine?|senza|nessuna|sem|geen|zonder|bez|brak|pas|aucune)\b)\(?)(?:[^\W\d_]+\W*(?:\s[^\W\d_]+\W*){0,4})?$",
    re.I,
)
TIME = re.compile(_TIME, re.I)


def _match(row: Pattern, run: Sequence[Line], text: str) -> re.Match[str] | None:
    if not row.alone:
        return row.pattern.search(text)
    return next((match for line in run if (match := row.pattern.match(line.text.strip()))), None)


# ``Warnings   4``: no sentence goes on from it or into it.
_COUNT_BESIDE = re.compile(r"\s*[^\W\d_]+\s{2,}\d")


def _runs(lines: Sequence[Line]) -> Iterator[list[Line]]:
    run: list[Line] = []
    length = 0
    for line in lines:
        follows = bool(run) and line.number == run[-1].number + 1 and length + len(line.text) < MAX_STATEMENT
        follows = follows and not any(_COUNT_BESIDE.match(beside.text) for beside in (run[-1], line))
        follows = follows and not _ends_with_count(run[-1].text, line.text)
        if run and (not follows or not line.text.strip()):
            yield run
            run, length = [], 0
        if line.text.strip() and len(line.text) <= MAX_STATEMENT and not is_rule(line.text):
            run.append(line)
            length += len(line.text)
    if run:
        yield run


# No sentence goes on below a line as short.
_SHORT_LINE = 60


def _ends_with_count(text: str, below: str) -> bool:
    """Whether a short line's last word is a number, which the capital below does not tell of (``durée de vie 64`` over
    ``Envoyées 4``)."""
    return len(text) < _SHORT_LINE and text.rstrip()[-1:].isdigit() and below.lstrip()[:1].isupper()


def _joined(run: Sequence[Line]) -> tuple[str, list[tuple[int, int, int]]]:
    """The lines as one text, and where each begins: offset, line, column."""
    parts: list[str] = []
    places: list[tuple[int, int, int]] = []
    at = 0
    for line in run:
        body = line.text.strip()
        places.append((at, line.number, indent_of(line.text) + 1))
        parts.append(body)
        at += len(body) + 1
    return " ".join(parts), places


def _place(places: Sequence[tuple[int, int, int]], offset: int) -> tuple[int, int]:
    start, line, column = next(place for place in reversed(places) if place[0] <= offset)
    return line, column + offset - start


def _on_one_line(run: Sequence[Line], number: int, column: int, text: str) -> str:
    """The part of a statement that stands on its first line."""
    own = next(line.text for line in run if line.number == number)
    return own[column - 1 : column - 1 + len(text)].rstrip()
