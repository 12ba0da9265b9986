"""What one part of a list says of a thing: by the label in it, by its form, or by what it asserts. Data and patterns."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import DERIVED, FACTS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.values.flags import says_rights
from yes_tally.core.reading.values.measures import memory_told
from yes_tally.core.reading.values.text_forms import BUS, DAY, PART_KINDS, PART_NUMBER, THROUGH, TURNS
from yes_tally.core.reading.values.understand import FILE_SYSTEM, understand
from yes_tally.core.words import choice_named, choice_of, flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# How a device is.
_DEVICE_STATE = re.compile(
    r"(?:in)?a[ck]ti(?:ve|f|ef|[vw]o|va|vo)|(?:in)?aktiv|(?:in)?attiv[oa]|(?:nie)?aktywn[aye]|on|off|an|aus|in ordnung|(?:aus|ein)geschaltet|en ordre|en orden|em ordem|in orde|w porz[ąa]dku|works|em funcionamento|en funcionamiento|en fonctionnement|desligad[oa]|apagad[oa]|spent[oa]|éteint\w*|working(?: (?:properly|well|normally))?|ok|okay|ready|(?:not )?in use|disabled|enabled|switched (?:on|off)|faulty|not working|problem|"
    r"funktioniert|in betrieb|betriebsbereit|deaktiviert|aktiviert|nicht in gebrauch|gest[öo]rt|fonctionne|en service|en marche|d[ée]sactiv[ée]e?|activ[ée]e?|hors service|"
    r"funciona(?:ndo)?|a funcionar|em uso|en uso|in uso|desactivad[oa]|deshabilitad[oa]|habilitad[oa]|desativad[oa]|ativad[oa]|funzionante|funziona|in funzione|disattivat[oa]|attivat[oa]|"
    r"werkt|in gebruik|uitgeschakeld|ingeschakeld|dzia[łl]a|sprawn[aye]|w u[żz]yciu|wy[łl][ąa]czon[aye]|w[łl][ąa]czon[aye]|"
    r"stopped|gestoppt|angehalten|arr[êe]t[ée]e?|detenid[oa]|parad[oa]|ferm[oa]|gestopt|zatrzyman[aye]|"
    r"arbeitet(?: einwandfrei| normal)?|l[äa]uft|abgeschaltet|ausgefallen|stumm|muted|idle|unplugged|nicht angeschlossen|fehlerhaft|defekt|defect\w*|kapot|aan|uit|failed|failing|"
    r"allum[ée]e?|(?:en )?panne|non utilis[ée]e?|encendid[oa]|averiad[oa]|sin usar|ligad[oa]|avariad[oa]|acces[oa]|guast[oa]|non usat[oa]|niet in gebruik|uszkodzon[aye]|nieu[żz]ywan[aye]|"
    r"(?:error|fehler|erreur|errore|erro|fout|b[łl][ąa]d|code)(?: code)? \d{1,5}",
    re.I,
)


def is_device_state(text: str) -> bool:
    """Whether a text says how a device is (``switched off``), and nothing else."""
    return _DEVICE_STATE.fullmatch(text) is not None


# ``10.20.1.133 by DHCP``
_FROM_SERVER = r"\(?(?:by|via|from|per|über|par|por|da|via|door|przez|z) dhcp\)?"
# Texts that their form alone tells.
FORMS = {
    "graphics.state": _DEVICE_STATE,
    "sound.state": _DEVICE_STATE,
    "module.part": PART_NUMBER,
    "partition.kind": re.compile(rf"(?=.*(?:{PART_KINDS.pattern}))[^\W\d_][^\d,;]{{2,30}}", re.I),
    "licence.grace": re.compile(
        r"(?:(?:still|noch|encore|il reste|reste(?:nt)?|a[úu]n|quedan?|faltam?|restam?|ainda|ancora|restano|nog|jeszcze|zosta[łl]o) )?\d{1,4} (?:days?|hours?|minutes?|tage?n?|stunden?|minuten?|jours?|"
        r"heures?|d[íi]as?|horas?|minutos?|giorn[io]|or[ea]|minuti|dag(?:en)?|u(?:ur|ren)|dni|dzie[ńn]|godzin\w*|minut\w*)(?: (?:left|remaining|to go|restant\w*|rimanent\w*|over|resterend\w*|pozosta[łl]\w*|"
        r"verbleib\w*|[üu]brig))?",
        re.I,
    ),
    "memory.slots": re.compile(
        r"\d{1,2} (?:of|out of|von|sur|de|di|van|z|/) \d{1,2} (?:memory )?(?:slots?|sockets?|(?:steck|speicher)?pl[äa]tzen?|emplacements|ranuras|z[óo]calos|"
        r"posti|alloggiamenti|sleuven|plaatsen|gniazd|soquetes|ranhuras)(?: \w+)?",
        re.I,
    ),
    # ``23H2 build 22641.880``
    "os.version": re.compile(r"\d\dH\d(?: \(?(?:build )?\d{4,6}(?:\.\d+)*\)?)?", re.I),
    "printer.port": re.compile(
        r"(?:(?:on|at|an|auf|sur|en|su|op|na|em) )?(?:(?:\d{1,3}\.){3}\d{1,3}(?::\d+)?|(?:USB|LPT|COM)\d+:?|FILE:|\\\\\S+)",
        re.I,
    ),
    "firmware.mode": re.compile(r"legacy(?:[ -]mod\w+)?(?: \([^()]*\))?|UEFI(?:[ -]mod\w+)?", re.I),
    "battery.full": re.compile(
        r"[\d.,']+(?: ?m?Wh)? (?:of|out of|von|sur|de|di|van|z) [\d.,']+ ?m?Wh(?: \([^()]*\))?", re.I
    ),
    "battery.health": re.compile(
        r"[\d.,]+ ?% (?:health|healthy|of design|gesund\w*|zustand|de sant[ée]|de salud|de sa[úu]de|di salute|gezond\w*|kondycj\w*)",
        re.I,
    ),
    "os.build": re.compile(r"(?:build )?\d+(?:\.\d+){2,}"),
    "display.width": re.compile(r"\d{3,5} ?[xX×] ?\d{3,5}(?: ?@ ?\d{2,3}(?: ?Hz)?)?"),
    "display.serial": re.compile(r"(?=(?:[A-Z-]*\d){3})(?=[\d-]*[A-Z])[A-Z0-9-]{8,24}"),
    "account.full_name": re.compile(r"[«„“\"].+[»“”\"]"),
    "adapter.mac": re.compile(r"[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}", re.I),
    "adapter.ipv4": re.compile(
        rf"\d{{1,3}}(?:\.\d{{1,3}}){{3}}(?:/\d{{1,2}})?(?: {THROUGH} \d{{1,3}}(?:\.\d{{1,3}}){{3}}| {_FROM_SERVER})?",
        re.I,
    ),
    "adapter.ipv6": re.compile(
        r"(?:(?:[0-9a-f]{1,4}:){7}[0-9a-f]{1,4}|[0-9a-f:]{2,30}::[0-9a-f:]{0,30})(?:/\d{1,3})?", re.I
    ),
    "adapter.dhcp_server": re.compile(
        r"(?:leased?|bail|concesi[óo]n|concess[ãa]o|concessione|dzier[żz]awa) (?:from|by|von|de|du|da|dal?|van|od|przez) \d{1,3}(?:\.\d{1,3}){3}",
        re.I,
    ),
    "adapter.dhcp": re.compile(
        r"(?:by|via|per|par|por|da|door|przez) dhcp|dhcp,? (?:(?:from|by|von|de|du|da|dal|di|van|od|server) )?\d{1,3}(?:\.\d{1,3}){3}",
        re.I,
    ),
    "adapter.connected": re.compile(
        r"(?:up|down|link (?:up|down)|online|offline|no (?:connection|link|cable)|ohne verbindung|kein kabel|sans connexion|sin conexi[óo]n|sem liga[çc][ãa]o|senza (?:connessione|collegamento)|geen verbinding|zonder verbinding|brak po[łl][ąa]czenia|bez po[łl][ąa]czenia|(?:not )?connected|disconnected|(?:nicht )?verbunden|getrennt|connecté|déconnecté|conectad[oa]|desconectad[oa]|connesso|disconnesso|scollegato|"
        r"collegato|(?:niet )?verbonden|ligad[oa]|desligad[oa]|(?:nie)?połączon[yae]|podłączon[yae])(?: (?:(?:at|mit|à|a|com|con|met|z|op|na) )?\d.*)?",
        re.I,
    ),
    "module.speed": re.compile(r"\d{3,5} ?(?:MT/s|MHz)(?: \([^()]*\))?", re.I),
    # Four bytes, as a module's own memory keeps it (JEDEC SPD).
    "module.serial": re.compile(r"(?:0x)?(?=.*\d)[0-9A-F]{8}"),
    "disk.serial": re.compile(r"(?=[A-Z-]*\d)(?=[\d-]*[A-Z])[A-Z0-9-]{8,24}"),
    "process.user": re.compile(
        r"[\w-]+\\[\w.-]+|(?i:SYSTEM)|root|(?:NETWORK|LOCAL) SERVICE|(?!.*\.(?:exe|com|sys|bin|scr|bat|cmd|app|sh|py|d)$)[a-z]{1,12}\.[a-z]{2,20}"
    ),
    "driver.file": re.compile(r"\S+\.(?:sys|inf|ko|drv)", re.I),
    "driver.version": re.compile(r"\d+(?:\.\d+){1,4}"),
    "graphics.driver_version": re.compile(r"\d+(?:\.\d+){2,4}"),
    "graphics.memory": re.compile(
        r"[\d.,]+ ?[MG]i?[BO](?:,? (?:shared|own|gemeinsam\w*|geteilt|partag[ée]e?s?|compartid\w+|partilhad\w+|condivis\w+|gedeeld|wsp[óo][łl]dzielon\w+))?",
        re.I,
    ),
    "task.user": re.compile(r"[\w-]+\\[\w.-]+|(?i:system|sistema|syst[èe]me|root)"),
    "software.version": re.compile(r"\d+(?:\.\d+){1,4}"),
    "volume.label": re.compile(r"[«„“\"][^»“”\"]+[»“”\"]"),
    "volume.state": re.compile(
        r"(?:healthy|ok|good|connected|damaged|in ordnung|fehlerfrei|sain|sano|dirty|needs checking|disconnected)", re.I
    ),
    "volume.filesystem": re.compile(FILE_SYSTEM),
    "volume.disk": re.compile(r"/dev/[\w/.-]+"),
    "task.state": re.compile(
        r"ready|running(?: now)?|queued|waiting|bereit|l[äa]uft|wird ausgef[üu]hrt|wartet|pr[êe]te?|en cours|en attente|list[oa]|en (?:ejecuci[óo]n|marcha|espera)|"
        r"pront[oa]|em (?:execu[çc][ãa]o|curso|espera)|in (?:esecuzione|corso|attesa)|gereed|actief|wordt uitgevoerd|wacht|gotow[eya]|dzia[łl]a|w toku|oczekuje",
        re.I,
    ),
}
_BUSES = frozenset("sata nvme usb sas scsi pcie ata ide mmc sd thunderbolt fibre iscsi virtio".split())
_UNTIL = re.compile(r" (?:until|till|through|bis|jusqu'au|hasta|até|fino al|tot|do) .*\d.*$| for (?:good|ever)$", re.I)
# ``HDD 7200 rpm``, ``disco duro SATA a 5400 rpm``
_TURNS = re.compile(rf"(?: (?:at|mit|à|a|con|com|met|z|di))? {TURNS}$", re.I)
_BUS_BEHIND = re.compile(r" (?:nvme|sata|sas|usb)$", re.I)
_BUS_RATE = re.compile(r" (?:\d(?:\.\d)?|i{1,3}|v)$| [\d.]+ ?g(?:b(?:it)?/s|bps)$")
# What bare words may tell, by the unit or the words that only such a value has.
_COUNTED = re.compile(r"(?P<number>\d{1,5})(?: ?MT/s| ?MHz)? (?P<label>[^\W\d_]+(?:[ '’][^\W\d_]+){0,2})")
# ``mot de passe changé le``
_MOST_LABEL = 6
_MEASURES = frozenset({"size", "clock", "rate"})
_MEASURE = re.compile(r"\d[\d.,'’\s]*[^\W\d_]+(?:/s)?")
_IN_BRACKETS = re.compile(r" \([^()]*\)$")
# ``8 GB DDR4 DIMM``: what the size is of stands behind it.
LEADING_SIZE = re.compile(r"[\d.,]+ ?[KMGT]i?[BOo](?= (?:LP)?DDR| (?:SO-?|U|R)?DIMM)")
_DISK_SIZE = re.compile(rf"[\d.,]+ ?[KMGT]i?[BO](?=(?: (?:{BUS}|SSD|HDD|disk|drive))+$)", re.I)
_WORD = re.compile(r"\S+")
# What its label tells, be it by a synonym.
SURE = 0.8


def by_label(
    interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """``serial 4711``, ``livres 41,7 GB``, ``8 cores``: the first words are a label of the group, or the last."""
    if not text.strip():
        return None
    if leading := OF_WHICH.match(text):
        found = by_label(interpreter, text[leading.end() :], group, left)
        return found and (found[0], found[1], found[2] + leading.end())
    part_of = _USED_OF.fullmatch(text)
    size = next((fact for fact in left if part_of and fact.field == "size"), None)
    if part_of and size and (value := understand(size, part_of["all"], interpreter.locale)):
        return size, value, part_of.start("all")
    of_group = interpreter.context(group, (group,))
    counted = _COUNTED.fullmatch(text)
    for fact in _surely(decide(counted["label"], of_group)[:1], left, "count") if counted else ():
        value = understand(fact, counted["number"], interpreter.locale) if counted else None
        if value:
            return fact, value, 0
    trailed = _TRAILED.match(text)
    said = trailed["first"] if trailed else ""
    guesses = (decide(said, of_group) or decide(f"{group} {said}", of_group))[:1] if said else ()
    if trailed and trailed["label"] != said:
        guesses = decide(trailed["label"], of_group)[:1] or guesses  # ``3.2 GB not allocated``, ``211 MB in gebruik``
    for fact in _surely(guesses, left, "size", "clock", "count"):
        if value := understand(fact, text, interpreter.locale):
            return _meant(fact, guesses[0].phrase, value, left), value, 0
    if (several := _MEASURE_AND_WORDS.fullmatch(text)) and not counted:
        # ``2 GB of its own memory``
        labels = [guess for word in several["words"].split() for guess in decide(word, of_group)[:1]]
        for fact in _surely(labels if len(labels) == 1 else (), left, "size", "clock"):
            if value := understand(fact, several["measure"], interpreter.locale):
                return fact, value, 0
    *words, last = text.split()
    named = words and words[0][:1].isupper() and not NOT.fullmatch(text)
    for fact in _surely(decide(last, of_group)[:1], left, "text") if named else ():
        # ``Gullwing 4 driver``: the label stands behind a name.
        if value := understand(fact, " ".join(words), interpreter.locale):
            return fact, value, 0
    starts = [word.start() for word in _WORD.finditer(text)]
    if marked := _LABELLED.match(text):
        starts = [at for at in starts if at == 0 or at >= marked.end()][:2]  # ``state: to be checked``
    for at in reversed(starts[1:_MOST_LABEL]):
        label, rest = _COPULA.sub("", text[:at].rstrip(": =")), text[at:]
        if "(" in label:
            continue  # ``used 211 MB (peak 300 MB)``
        guesses = decide(label, of_group)[:1]
        if not guesses and group == "memory" and " " not in label and _A_SIZE.match(rest):
            guesses = decide(f"{group} {label}", of_group)[:1]  # ``free 3.1 GB``
        for fact in _surely(guesses, left):
            if fact.kind == "share" and not _BEGINS_WITH_NUMBER.match(rest):
                continue  # ``State of charge 83 %`` is no state
            if fact.kind == "text" and _A_DAY.fullmatch(rest):
                continue  # ``du 19/07/2023``
            if value := understand(fact, rest, interpreter.locale):
                return _meant(fact, guesses[0].phrase, value, left), value, at
    return None


_A_DAY = re.compile(DAY, re.I)
_LABELLED = re.compile(r"[^\W\d_][^:,;]{0,40}: (?=\S)")
_A_SIZE = re.compile(r"\d[\d.,]* ?[KMGT]i?[BO]\b", re.I)


def _meant(fact: FactKind, phrase: str, value: Value, left: Sequence[FactKind]) -> FactKind:
    """``64 GB in all``: of memory a total may be what is installed."""
    meant = memory_told(fact.name, phrase, value)
    return next((other for other in left if other.name == meant), fact)


_PEAK = re.compile(
    r"\b(?:so far|bisher|jusqu'ici|hasta ahora|at[ée] agora|finora|tot nu toe|dot[ąa]d|peak|spitzen?wert|h[öo]chststand|pic|pico|picco|piek|szczyt\w*)\b",
    re.I,
)


def says_nothing(interpreter: Interpreter, text: str, group: str) -> bool:
    """``serial none``: whether a label of the group stands before what says that nobody filled it in; or it was so at
    most once (``peak 1630 MB``)."""
    if _PEAK.search(_IN_BRACKETS.sub("", text)):
        return True
    label, _, rest = text.rpartition(" ")
    denied = label.rpartition(" ")
    if is_placeholder(f"{denied[2]} {rest}"):
        label, rest = denied[0], f"{denied[2]} {rest}"  # ``nº de serie no indicado``
    return is_placeholder(rest) and any(
        guess.confidence > SURE and FACTS[guess.fact].kind not in ("flag", "choice", "count")
        for guess in decide(label, interpreter.context(group, (group,)))[:1]
    )


def _surely(guesses: Iterable[Guess], left: Sequence[FactKind], *kinds: str) -> Iterator[FactKind]:
    """What of ``left`` is surely meant, of these kinds where some are named."""
    for guess in guesses:
        fact = FACTS[guess.fact]
        if guess.confidence > SURE and fact in left and (not kinds or fact.kind in kinds):
            yield fact


OF_WHICH = re.compile(
    r"(?:of (?:which|it)|waarvan|davon|dont|di cui|de (?:los|las) (?:cuales|que)|d[ao]s quais|z (?:tego|czego)|w tym)\s+",
    re.I,
)
# ``376.4 of 465.1 GB used``
_USED_OF = re.compile(
    r"[\d.,]+(?: ?[KMGT]i?[BO])? (?:of|out of|von|sur|de|di|van|z)\s+(?P<all>[\d.,]+ ?[KMGT]i?[BO]) "
    r"(?:(?:is |are )?(?:used|in use|taken|full)|belegt|benutzt|genutzt|utilisés?|occupés?|usad[oa]s?|ocupad[oa]s?|en uso|em uso|usat[oi]|in uso|occupat[oi]|gebruikt|in gebruik|zaj[eę]t[eya]|u[zż]ywan[ey])",
    re.I,
)
# ``61.7 GB free of 389.2 GB``, ``311 MB used``: the label stands behind its size.
_TRAILED = re.compile(
    r"(?:\d{1,3}(?:[ '’]\d{3})+|[\d.,]+) ?(?:[KMGT]i?[BO]?|[GM]Hz|m?Wh|bytes|octets) (?:when |at |wenn |bei )?(?P<label>(?P<first>[^\W\d_]+\d?)(?: [^\W\d_]+$)?)(?:\s|$)(?!\s*\d[\d.,]* ?[KMGT]?i?[BO]\b)",
    re.I,
)
_MEASURE_AND_WORDS = re.compile(
    r"(?P<measure>\d[\d.,]* ?(?:[KMGT]i?[BO]|[GM]Hz)) (?P<words>[^\W\d_]+(?: [^\W\d_]+){1,4})", re.I
)
# ``464.8 GB in all``
_IN_ALL = re.compile(
    r"(?<=[BO]) (?:in all|in total|total|overall|altogether|gesamt|insgesamt|en tout|au total|en total|in tutto|in totale|no total|ao todo|in totaal|"
    r"totaal|[łl][ąa]cznie|razem)$",
    re.I,
)
_BEGINS_WITH_NUMBER = re.compile(
    r"(?:(?:about|some|circa|ca\.|approx\.?|etwa|rund|environ|unos|cerca de|ongeveer|oko[łl]o|ok\.) )?\D{0,2}\d", re.I
)
# No size in millimetres.
_PICTURE = re.compile(r"\d{3,5} ?[xX×] ?\d{3,5}(?! ?[mc]m\b)")
_COPULA = re.compile(r"\s(?:is|are|ist|sind|est|sont|es|son|[eé]|são|sono|zijn|jest|są)$", re.I)


# ``44.5 of 57.0 Wh``
_HELD_OF = re.compile(r"(?P<held>[\d.,']+) [^\W\d_]+(?: of)? [\d.,']+ ?(?P<unit>m?Wh)", re.I)


def by_form(interpreter: Interpreter, text: str, left: Sequence[FactKind]) -> tuple[FactKind, Value, int] | None:
    text = _IN_ALL.sub("", text.partition(" - ")[0].rstrip())
    word = text.casefold()
    numbered = _NUMBERED_SO.fullmatch(text)
    serial = next((fact for fact in left if numbered and fact.field == "serial"), None)
    if numbered and serial:
        return serial, exactly("text", numbered["serial"]), numbered.start("serial")
    for fact in left if _PICTURE.match(text) else ():
        if fact.field == "width":
            return _understood(interpreter, fact, text)
    for fact in left:
        if fact.name in FORMS and FORMS[fact.name].fullmatch(text):
            if held := _HELD_OF.match(text):
                return _understood(interpreter, fact, f"{held['held']} {held['unit']}")
            return _understood(interpreter, fact, text)
        if fact.field == "bus" and _BUS_RATE.sub("", word) in _BUSES:
            return _understood(interpreter, fact, text)
    first, _, last = text.rpartition(" ")
    ahead = _SAID_AHEAD.match(text)
    for fact in left:
        if ahead and fact.field == "health" and choice_named(fact.field, fact.choices, ahead.group()):
            return _understood(interpreter, fact, ahead.group())
        if fact.name == "adapter.kind" and first and flag_of(last) is not None:
            continue  # ``WLAN off``: another one, and how that is
        if (
            fact.kind == "choice"
            and choice_of(fact.field, fact.choices, _TURNS.sub("", text))
            and (
                len(_BUS_BEHIND.sub("", _TURNS.sub("", _UNTIL.sub("", text))).split()) <= 2
                or choice_named(fact.field, fact.choices, text)
            )
        ) or (fact.kind in _MEASURES and _MEASURE.fullmatch(_IN_BRACKETS.sub("", text))):
            told = _understood(interpreter, fact, text)
            if told:
                return told
    for sized, name in ((LEADING_SIZE, "module.size"), (_DISK_SIZE, "disk.size")):
        lead = sized.match(text)
        size = next((fact for fact in left if lead and fact.name == name), None)
        if lead and size:
            return _understood(interpreter, size, lead.group())
    flags = [fact for fact in left if fact.kind == "flag" and fact.name not in DERIVED]
    if len(flags) == 1 and flag_of(text) is not None and (flags[0].field == "encrypted" or not _ENCRYPTED.search(text)):
        return _understood(interpreter, flags[0], text)
    return None


# ``caution: 8 sectors moved``
_SAID_AHEAD = re.compile(r"[^\W\d_][^:(\d]{2,30}?(?=:| [-–—(])")
# ``Nr. 7A11C0E4``
_NUMBERED_SO = re.compile(r"(?i:nr|no|n\.?[°º])\.? (?P<serial>(?=[A-Z-]*\d)(?=[\d-]*[A-Z])[A-Z\d-]{6,24}|\d{8,14})")
NOT = re.compile(
    r"(?:no|not|without|kein(?:e[rn]?)?|nicht|ohne|sans|aucune?|pas|non|n[ãa]o|ning[úu]na?|nessuna?|nenhuma?|sin|sem|senza|geen|niet|bez|nie|brak)\s+(?:(?:an?|the|eine?|une?|una|uno|een|uma?) )?(?P<rest>.+)",
    re.I,
)
_NOT_WITHIN = re.compile(
    r"(?P<before>[^\W\d_]+(?: [^\W\d_]+)*?) (?:does not|do not|is not|are not|no|not|nicht|ne|n'est pas|non|n[ãa]o|niet|nie) (?P<after>[^\W\d_]+(?: [^\W\d_]+){0,2})",
    re.I,
)
_NEVER = re.compile(
    r"(?:(?P<before>.*\S)\s+)?(?:never|nigdy nie|nie(?<!nigdy nie)|niemals|jamais|nunca|mai|nooit|nigdy(?! nie))\b\s*(?P<after>.*)",
    re.I,
)
# ``n'expire jamais``, ``nie wygasa nigdy``
_NE = re.compile(r"(?:^|(?<=\s))(?:n['’]|(?:ne|no|non|n[ãa]o|nie|nigdy) )", re.I)
# ``n'expire pas``
_NE_PAS = re.compile(r"(?<!\w)(?:ne |n['’])(?P<verb>[^\W\d_]+) (?:pas|plus)\b", re.I)
# ``signed by Harbour Driver Signing``: what somebody did is done.
_DONE_BY = re.compile(r"(?P<what>[^\W\d_]+) (?:by|von|par|por|da|door|przez) \S.*", re.I)
_DATE_ALONE = re.compile(rf"\(?(?:(?:of|from|dated|vom|von|du|de|del|dal|van|z) )?(?P<date>{DAY})\)?", re.I)
# ``no expiry``; what is installed was so at some time.
_MAY_NEVER_BE = re.compile(r"expires|last|next|set_at")
# Said of volumes alone.
_ENCRYPTED = re.compile(r"crypt|chiffr|cifrad|cifrat|schl[üu]sselt|versleuteld|zaszyfr", re.I)
_ON_OR_OFF = frozenset({"enabled", "on", "connected"})


def by_assertion(
    interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """``administrator``, ``no password required``, ``disabled``, ``password never expires``: what is said by itself."""
    context = interpreter.context(group, (group,))
    switch = next((fact for fact in left if fact.kind == "flag" and fact.field in _ON_OR_OFF), None)
    if switch and text.isalpha() and (told := _understood(interpreter, switch, text)):
        return told
    admin = next((fact for fact in left if fact.name == "account.admin"), None)
    if admin and says_rights(text) and (told := _understood(interpreter, admin, text)):
        return told  # ``user``
    text = _NE_PAS.sub(r"ne \g<verb>", text)
    denied = NOT.fullmatch(text)
    within = None if denied else _NOT_WITHIN.fullmatch(text)
    about = decide(f"{within['before']} {within['after']}", context)[:1] if within else ()
    for fact in _surely(about, left, "moment", "flag"):
        # ``the password does not expire``
        return fact, exactly("moment", "never") if fact.kind == "moment" else exactly("flag", False), 0
    for fact in _surely(decide(denied["rest"] if denied else text, context)[:2], left, "moment", "flag"):
        if fact.kind == "flag":
            return fact, exactly("flag", not denied), 0
        if denied and _MAY_NEVER_BE.search(fact.field):
            return fact, exactly("moment", "never"), 0
    dated = _DATE_ALONE.fullmatch(text)
    dates = [fact for fact in left if fact.kind == "moment"] if dated else []
    if dated and len(dates) == 1 and (value := understand(dates[0], dated["date"], interpreter.locale)):
        return dates[0], value, dated.start("date")
    done_by = _DONE_BY.fullmatch(text)
    for fact in _surely(decide(done_by["what"], context)[:1] if done_by else (), left, "flag"):
        return fact, exactly("flag", True), 0
    never = _NEVER.fullmatch(text)
    said = _NE.sub("", " ".join(filter(None, [never["before"], never["after"]]))) if never else ""
    for fact in _surely(decide(said, context)[:2] if said else (), left, "moment"):
        return fact, exactly("moment", "never"), 0
    return None


def _understood(interpreter: Interpreter, fact: FactKind, text: str) -> tuple[FactKind, Value, int] | None:
    value = understand(fact, text, interpreter.locale)
    return (fact, value, 0) if value else None


def tells_field(interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]) -> bool:
    """Whether a text tells one of the fields ``left`` by its label, its form or what it asserts."""
    return bool(
        by_label(interpreter, text, group, left)
        or by_form(interpreter, text, left)
        or by_assertion(interpreter, text, group, left)
    )
