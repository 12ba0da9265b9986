"""The forms that alone tell which field of a thing a text is: how a device is, addresses, sizes with their unit, states. Data.
What a form calls ``told`` is the field, and the rest leads to it."""

from __future__ import annotations

import re

from yes_tally.core.reading.values.text_forms import FIXED, PART_KINDS, PART_NUMBER, PRINTER_PORT, THROUGH
from yes_tally.core.reading.values.understand import FILE_SYSTEM

# How a device is.
_DEVICE_STATE = re.compile(
    r"(?:in)?a[ck]ti(?:ve|f|ef|[vw]o|va|vo)|(?:in)?aktiv|(?:in)?attiv[oa]|(?:nie)?aktywn[aye]|on|off|an|aus|in ordnung|(?:aus|ein)geschaltet|en ordre|en orden|em ordem|in orde|w porz[ąa]dku|works(?: (?:properly|well|normally|fine|as it should))?|turned (?:on|off)|(?:no device|nothing) (?:plugged in|connected)|em funcionamento|en funcionamiento|en fonctionnement|desligad[oa]|apagad[oa]|spent[oa]|éteint\w*|working(?: (?:properly|well|normally))?|ok|okay|ready|(?:not )?in use|disabled|enabled|switched (?:on|off)|faulty|not working|problem|"
    r"bereit|pr[êe]te?|list[oa]|pront[oa]|klaar|gereed|gotow[aye]|"
    r"(?:not )?plugged in|(?:nicht )?(?:angeschlossen|eingesteckt)|(?:non |pas |d[ée])?branch[ée]e?|(?:sin |no )?(?:enchufad[oa]|conectar)|(?:non )?collegat[oa]|(?:niet )?aangesloten|(?:nie)?pod[łl][ąa]czon[aye]|"
    r"funktioniert|in betrieb|betriebsbereit|deaktiviert|aktiviert|nicht in gebrauch|gest[öo]rt|fonctionne|en service|en marche|d[ée]sactiv[ée]e?|activ[ée]e?|hors service|"
    r"funciona(?:ndo)?|a funcionar|em uso|en uso|in uso|desactivad[oa]|deshabilitad[oa]|habilitad[oa]|desativad[oa]|ativad[oa]|funzionante|funziona|in funzione|disattivat[oa]|attivat[oa]|"
    r"werkt|in gebruik|uitgeschakeld|ingeschakeld|dzia[łl]a|sprawn[aye]|w u[żz]yciu|wy[łl][ąa]czon[aye]|w[łl][ąa]czon[aye]|"
    r"stopped|gestoppt|angehalten|arr[êe]t[ée]e?|detenid[oa]|parad[oa]|ferm[oa]|gestopt|zatrzyman[aye]|"
    r"arbeitet(?: einwandfrei| normal)?|l[äa]uft|abgeschaltet|ausgefallen|stumm|muted|idle|unplugged|nicht angeschlossen|fehlerhaft|defekt|defect\w*|kapot|aan|uit|failed|failing|"
    r"allum[ée]e?|(?:en )?panne|non utilis[ée]e?|encendid[oa]|averiad[oa]|sin usar|ligad[oa]|avariad[oa]|acces[oa]|guast[oa]|non usat[oa]|niet in gebruik|uszkodzon[aye]|nieu[żz]ywan[aye]|"
    r"(?:error|fehler|erreur|errore|erro|fout|b[łl][ąa]d|code)(?: code)? \d{1,5}",
    re.I,
)

IP_ADDRESS = r"(?:\d{1,3}(?:\.\d{1,3}){3}|\[?[0-9a-f]{0,4}:[0-9a-f:]*(?:%\w+)?\]?)"
END_OF_CONNECTION = rf"(?:{IP_ADDRESS}|\*):(?:\d{{1,5}}|\*)"
"""An address and a port."""
DESTINATION = (
    rf"(?:{IP_ADDRESS}(?:/\d{{1,2}})?|default|standard|d[ée]faut|par d[ée]faut|predeterminad[oa]|padr[ãa]o|predefinit[oa]|"
    "standaard|domy[śs]ln[yea])"
)
_MAC = r"(?:[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}|[0-9a-f]{4}(?:\.[0-9a-f]{4}){2})"
_BY_WAY_OF = "via|through|by|over|über|durch|par|por|através de|tramite|attraverso|da|door|przez"
# ``on eth-a``
_ON_INTERFACE = re.compile(rf"(?:on|dev|an|auf|sur|en|em|su|op|na|{_BY_WAY_OF}) (?P<told>[^\W\d][\w .-]{{0,40}})", re.I)
_IPV4 = r"\d{1,3}(?:\.\d{1,3}){3}"
# ``10.20.1.133/22 from 10.20.1.2``: who lent it.
_BY_WHOM = "(?:from|by|von|de|du|da|di|van|od)"
# ``10.20.1.133 by DHCP``
_FROM_SERVER = r"\(?(?:by|via|from|per|über|par|por|da|via|door|przez|z) dhcp\)?"
# Texts that their form alone tells.
# The data rates of DDR3 to DDR5 in MT/s (JESD79-3F, 79-4D and 79-5C, the tables of speed bins), as modules are sold: nothing
# else that is told of one is such a number.
_DATA_RATE = r"(?:800|1066|1333|1600|1866|2133|2400|266[67]|2933|3200|3600|4000|4400|4800|5200|5600|6000|6400|6800|7200|7600|8000|8400|8800)"

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
    "printer.port": re.compile(rf"(?:(?:on|at|an|auf|sur|en|su|op|na|em) )?(?:{PRINTER_PORT}|FILE:|\\\\\S+)", re.I),
    "firmware.mode": re.compile(r"legacy(?:[ -]mod\w+)?(?: \([^()]*\))?|UEFI(?:[ -]mod\w+)?", re.I),
    "battery.full": re.compile(
        r"[\d.,']+(?: ?m?Wh)? (?:of|out of|von|sur|de|di|van|z) [\d.,']+ ?m?Wh(?: [^\W\d_][^\d,;()]{1,24}?)?(?: \([^()]*\))?",
        re.I,
    ),
    "battery.health": re.compile(
        r"[\d.,]+ ?% (?:health|healthy|of design|gesund\w*|zustand|de sant[ée]|de salud|de sa[úu]de|di salute|gezond\w*|kondycj\w*)",
        re.I,
    ),
    "os.build": re.compile(r"(?:build )?\d+(?:\.\d+){2,}"),
    "display.width": re.compile(r"\d{3,5} ?[xX×] ?\d{3,5}(?: ?@ ?\d{2,3}(?: ?Hz)?)?"),
    "display.serial": re.compile(r"(?=(?:[A-Z-]*\d){3})(?=[\d-]*[A-Z])[A-Z0-9-]{8,24}"),
    "account.full_name": re.compile(r"[«„“\"].+[»“”\"]"),
    "adapter.mac": re.compile(_MAC, re.I),
    "neighbour.mac": re.compile(rf"(?:(?:is )?at |an |ist |est |es |[àa] |en )?(?P<told>{_MAC})", re.I),
    "neighbour.interface": _ON_INTERFACE,
    "route.interface": _ON_INTERFACE,
    "route.gateway": re.compile(rf"(?:(?:{_BY_WAY_OF}) )?(?P<told>{IP_ADDRESS})|direct|on-link|link", re.I),
    "hop.address": re.compile(IP_ADDRESS, re.I),
    "connection.protocol": re.compile(r"(?:tcp|udp|icmp|sctp)[46]?", re.I),
    # ``[988] rpcd``, ``988/rpcd``
    "connection.pid": re.compile(r"(?:[\w.-]+ (?=\())?[\[(]?(?P<told>\d{1,7})(?:[\])](?: [\w.-]+)?|/[\w.-]+)"),
    "connection.remote": re.compile(
        rf"(?:[^\W\d_]+ )?(?:(?:to|towards|with|nach|zu|an|mit|vers|à|avec|a|hacia|con|para|até|com|verso|naar|met|do|z) )?(?P<told>{END_OF_CONNECTION})",
        re.I,
    ),
    # RFC 9293, 3.3.2, and how people say it.
    "connection.state": re.compile(
        r"(?:wartet|waiting|en attente|esperando|aguarda|in attesa|wacht|czeka)(?: [^\W\d_]+){0,4}|established|listen(?:ing)?|syn[ _-](?:sent|received|rcvd|recv)|fin[ _-]wait(?:[ _-]?[12])?|time[ _-]wait|close[ _-]wait|last[ _-]ack|closing|closed|open|"
        r"(?:waiting|about) to close|connected|verbunden|hergestellt|lauscht|wartet(?: auf .*)?|h[öo]rt(?: zu)?|offen|geschlossen|wird geschlossen|"
        r"[ée]tablie?|(?:[àa] l'|en )?[ée]coute|ouverte?|ferm[ée]e?|en (?:cours de )?fermeture|en attente|"
        r"establecid[oa]|escuchando|(?:a la |en )escucha|abiert[oa]|cerrad[oa]|cerr[áa]ndose|en espera|"
        r"estabelecid[oa]|[àa] escuta|abert[oa]|fechad[oa]|a fechar|em espera|"
        r"stabilit[oa]|in (?:ascolto|attesa|chiusura)|apert[oa]|chius[oa]|"
        r"verbonden|luister(?:t|end)|gesloten|wordt gesloten|wacht(?: op .*)?|"
        r"nawi[ąa]zan[eya]|ustanowion[eya]|nas[łl]uchuje|otwart[eya]|zamkni[ęe]t[eya]|zamykan[eya]|oczekuje",
        re.I,
    ),
    "adapter.ipv4": re.compile(
        rf"{_IPV4}(?:/\d{{1,2}}| ?/ ?255(?:\.\d{{1,3}}){{3}})?(?: {THROUGH} {_IPV4}| {_FROM_SERVER}|(?<=/\d\d) {_BY_WHOM} {_IPV4})?",
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
        rf"(?:set |assigned )?(?P<told>{FIXED})(?: address)?|"
        r"(?:by|via|per|par|por|da|door|przez) dhcp|dhcp,? (?:(?:from|by|von|de|du|da|dal|di|van|od|server) )?\d{1,3}(?:\.\d{1,3}){3}",
        re.I,
    ),
    "adapter.connected": re.compile(
        r"(?:up|down|link (?:up|down)|online|offline|no (?:connection|link|cable)|ohne verbindung|kein kabel|sans connexion|sin conexi[óo]n|sem liga[çc][ãa]o|senza (?:connessione|collegamento)|geen verbinding|zonder verbinding|brak po[łl][ąa]czenia|bez po[łl][ąa]czenia|(?:not )?connected|disconnected|(?:nicht )?verbunden|getrennt|connecté|déconnecté|conectad[oa]|desconectad[oa]|connesso|disconnesso|scollegato|"
        r"collegato|(?:niet )?verbonden|ligad[oa]|desligad[oa]|(?:nie)?połączon[yae]|podłączon[yae])(?: (?:(?:at|mit|à|a|com|con|met|z|op|na) )?\d.*)?",
        re.I,
    ),
    "module.speed": re.compile(rf"\d{{3,5}} ?(?:MT/s|MHz)(?: \([^()]*\))?|{_DATA_RATE}", re.I),
    # Four bytes, as a module's own memory keeps it (JEDEC SPD).
    "module.serial": re.compile(r"(?:0x)?(?=.*\d)[0-9A-F]{8}"),
    "disk.serial": re.compile(r"(?=[A-Z-]*\d)(?=[\d-]*[A-Z])[A-Z0-9-]{8,24}"),
    "process.user": re.compile(
        r"(?i:by|of|von|de|par|por|da|di|van|door|przez) (?P<told>[^\W\d][\w.\\-]*)|[\w-]+\\[\w.-]+|(?i:SYSTEM)|root|(?:NETWORK|LOCAL) SERVICE|"
        r"(?!.*\.(?:exe|com|sys|bin|scr|bat|cmd|app|sh|py|d)$)[a-z]{1,12}\.[a-z]{2,20}"
    ),
    "process.pid": re.compile(
        r"(?:process|prozess|processus|proceso|processo|proces|pid)(?:[ -]?(?:id|no\.?|nr\.?|n[°º]\.?|number|nummer))?:? #?(?P<told>\d{1,7})",
        re.I,
    ),
    "process.memory": re.compile(
        r"(?:(?:uses|using|takes|holds|in|belegt|nutzt|braucht|verbraucht|occupe|utilise|prend|consomme|ocupa|usa|consume|consome|occupa|utilizza|gebruikt|neemt|zajmuje|u[żz]ywa|zu[żz]ywa) )?"
        r"(?P<told>\d[\d.,'’ ]* ?[KMG](?:i?[Bo])?)(?: (?:of |de |di |van )?(?:memory|ram|speicher|m[ée]moire|memoria|mem[óo]ria|geheugen|pami[ęe]ci))?",
        re.I,
    ),
    "reach.received": re.compile(
        r"(?P<told>\d{1,6}) (?:of|out of|von|sur|de|di|van|z) \d{1,6} (?:answered|came back|received|back|beantwortet|erhalten|r[ée]pondu\w*|re[çc]u\w*|respondid\w+|contestad\w+|recibid\w+|"
        r"recebid\w+|rispost\w*|ricevut\w+|beantwoord|ontvangen|odebran\w+|z odpowiedzi[ąa])",
        re.I,
    ),
    "driver.file": re.compile(r"\S+\.(?:sys|inf|ko|drv)", re.I),
    "driver.version": re.compile(r"\d+(?:\.\d+){1,4}"),
    "graphics.driver_version": re.compile(r"\d+(?:\.\d+){2,4}"),
    "graphics.memory": re.compile(
        r"[\d.,]+ ?[MG]i?[BO](?:,? (?:shared|own|dedicated|dediziert|eigen|d[ée]di[ée]e?s?|dedicad[ao]s?|dedicat[aio]|toegewezen|dedykowan\w+|gemeinsam\w*|geteilt|partag[ée]e?s?|compartid\w+|partilhad\w+|condivis\w+|gedeeld|wsp[óo][łl]dzielon\w+))?",
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


def is_device_state(text: str) -> bool:
    """Whether a text says how a device is (``switched off``), and nothing else."""
    return _DEVICE_STATE.fullmatch(text) is not None
