"""What a value's text says beside the value: ``16 GB (15.8 GB usable)``, ``31.0.4417.2 of 2024-11-12``. Data."""

from __future__ import annotations

import re

from yes_tally.core.reading.values.text_forms import (
    AS_WHOM,
    AT_PORT,
    BUS,
    CORES,
    DAY,
    FIXED,
    LEASED,
    MADE_BY,
    MOMENT,
    NO_SIGNATURE,
    PERMANENT,
    SERIAL,
    SIGNED,
    THROUGH,
    TURNS,
)

# What leads from a thing to its day: ``F12 of 2024-09-30``.
DATED_BY = "of|from|dated|released|vom|von|du|del|de|dal|di|van|z dnia|z|da|op|em|le"
_DATED = re.compile(
    rf"(?:\b(?:{DATED_BY})|(?:, |\()(?!\w{{0,3}}inst)[^\W\d_]{{4,14}}(?: (?:le|am|el|il|em|op|on|dnia))?|,|\()\s*(\d{{1,4}}[-./]\d{{1,2}}[-./]\d{{2,4}}|\d{{1,2}}[-/.][^\W\d_]{{3,13}}[-/.]\d{{2,4}}|\d{{1,2}}\.? (?:de )?[^\W\d_]{{3,13}}\.? (?:de )?\d{{4}})",
    re.I,
)

# What is said of an amount of memory: that the system can use it, that nothing uses it.
_AMOUNT = r"(?<!of )(?<!von )(?<!sur )(?<!de )(?<!di )(?<!van )(?<! z )(?<![\d.,])(\d[\d.,'\u00a0\u202f]*(?: \d{3})* ?[KMGT]i?[BO])"
_MAYBE_IS = r"(?:(?:is|are|sont|son|sono|zijn|ist|sind|está|jest) )?"
SEEN = r"(?:usable|(?:seen|gesehen|vu(?:e?s)?|vist[oaie]s?|gezien|widzian\w+)(?: (?:by the|vom|von dem|par le|por el|pelo|dal|door het|przez) (?:systeme?|syst[èe]me|sistema|systeem))?|visibles?|sichtbar\w*|zichtbaar|widoczn\w+|visibil[ei]|vis[íi]ve(?:l|is)|dost[eę]pn\w+ dla systemu|f[üu]r das system|pour le syst[èe]me|para el sistema|para o sistema|per il sistema|voor het systeem|available to the system|nutzbar\w*|verwendbar\w*|utilisables?|utilizables?|bruikba\w+|utiliz[aá]ve(?:l|is)|utilizzabil[ei]|u[zż]yteczn\w+)"
FREE = r"(?:free|available(?! to)|unused|frei\w*|verfügbar\w*|libres?|disponibles?|liber[aei]|disponibil[ei]|livres?|dispon[ií]ve(?:l|is)|vrij|beschikbaar|woln\w+|dost[eę]pn\w+(?! dla))"
IN_USE = r"(?:used|in use|belegt|benutzt|genutzt|utilisés?|usad[oa]s?|en uso|em uso|in uso|usati|gebruikt|in gebruik|używane|zajęte)"

UP_TO = r"(?:max\w*|m[áa]x\w*|(?:al )?massimo|up to|at (?:the )?most|maks\w*|h[öo]chstens|hoogstens|bis(?: zu)?|jusqu.[àa]|au (?:plus|maximum)|hasta|(?:como|no) m[áa]ximo|at[ée]|fino a|tot|do|co najwy[żz]ej|najwy[żz]ej)"
_LIMIT = re.compile(
    # ``(maximum of the board: 128 GB)``
    rf"[(,;] ?{UP_TO}(?: (?:of|for|der|des|für|de|du|da|do|dell?a?|van|voor|na|dla)(?: [^\W\d_]+){{1,3}} ?:)?(?:\.| ?:)? {_AMOUNT}",
    re.I,
)
_LIMIT_BEHIND = re.compile(rf"[(,;] ?(\d[\d.,]* ?[KMGT]i?[BO]) {UP_TO}(?!\w| \d)", re.I)
# ``DIMM, 288 pins``
_PINS = (
    re.compile(
        r"\b(\d{2,3})[ -]?(?:pins?|pin\w*|polig\w*|broches|contacts|contactos|contatti|pinos|pinn?en|styk\w+)\b", re.I
    ),
    "module.pins",
)
# That an amount is the most there may be.
LIMITS = re.compile(rf"{UP_TO}(?:\.| ?:)? {_AMOUNT}|\d[\d.,]* ?[KMGT]i?[BO] {UP_TO}(?!\w| \d)", re.I)

_LEASE = r"(?:lease[d]?|bail|concesi[óo]n|concess[ãa]o|concessione|dzier[żz]awa)"
_LEASE_END = (
    re.compile(
        r"\b(?:until|till|to|expires?(?: on)?|ends|runs out(?: on)?|bis|läuft (?:ab am|bis)|endet(?: am)?|jusqu'au|expire(?: le)?|fin le|hasta(?: el)?|caduca(?: el)?|vence(?: el)?|expira(?: el| em)?|até|fino al?|scade(?: il)?|tot|verloopt(?: op)?|do|wygasa)\s+(\d[\d./-]{7,9}(?:[ T,]+\d\d?:\d\d(?::\d\d)?)?)",
        re.I,
    ),
    "adapter.lease_until",
)

SECURE_BOOT = (
    r"secure boot|arranque seguro|inicio seguro|sichere[mrn]? start|d[ée]marrage s[ée]curis[ée]|avvio sicuro"
    r"|veilige? (?:opstarten|start)|bezpieczn\w+ (?:rozruch\w*|start\w*)"
)

_NOW = r"(?:right now|just now|now|current\w*|running|at present|at the moment|jetzt|aktuell|actuel\w*|ahora|agora|adesso|nu|teraz)\b"
# Which of several clocks or speeds is the one that a thing is made for.
_RATED = r"(?:rated|base|nominal\w*|basis\w*|nenn\w*|de base|de referencia|di base|znamionow\w*|bazow\w*)\b"
RATED = {
    "processor.clock": re.compile(rf"([\d.,]+ ?[GM]Hz),? (?:\w+ )?{_RATED}", re.I),
    "module.speed": re.compile(rf"(\d{{3,5}} ?(?:MT/s|MHz)),? (?:\w+ )?{_RATED}", re.I),
}

# What memory sits in.
SLOTS = (
    r"(?:(?:memory |speicher)?(?:slots?|sockets?|sockeln?|(?:steck)?pl[äa]tzen?)|emplacements?|ranuras|ranhuras|encaixes|z[óo]calos|posti|alloggiamenti|sleuven|plaatsen|"
    r"gniazda?|soquetes|slotów)"
)
_BANKS = r"banks?|b[äa]nken?|bancs?|bancos?|banchi|banken|bank[ióo]?w?"
# How many sockets there are, beside how many hold something: ``2 of 4 slots``, ``2 emplacements sur 4``.
OF_SLOTS = (
    (re.compile(rf"\d+ (?:of(?: the)?|von(?: den)?|sur(?: les)?|des?|de (?:las|los|as|os)|di|dei|delle|degli|van(?: de)?|z|op|em|das|dos) (\d+) (?:{SLOTS}|{_BANKS})", re.I), "memory.slots"),
    # ``16 GB in 4 sockets (2 free)``
    (re.compile(rf"[BO],? (?:in|auf|su|en|em|sur|dans|op|na|w) (\d{{1,2}}) (?:{SLOTS}|{_BANKS})(?: \(|,? ?$)", re.I), "memory.slots"),
    (re.compile(rf"\d+ (?:{SLOTS}|modules?|sticks?|dimms?|barrettes?|riegeln?|m[óo]dulos?|moduli|modułów|moduły|kości)(?: [^\W\d_]+){{0,2}} (?:of|von|sur|de|di|van|z|op|su) (\d+)\b(?! ?[GM])", re.I), "memory.slots"),
)  # fmt: skip

# What stands behind a driver's version.
_OF_DRIVER = (
    (_DATED, "driver.dated"),
    # ``4.1.9.0 of 2023-11-02, by Wickerlink, signed``
    (re.compile(r"[,;] (?:by|from|von|par|de|di|da|van|door|por|od|przez) ([A-Z][\w&.-]+(?: [A-Z][\w&.-]+){0,3})(?=[,;]|$)"), "driver.provider"),
    (re.compile(rf"[,;] ({SIGNED}|{NO_SIGNATURE})(?=[,;]|$)", re.I), "driver.signed"),
)  # fmt: skip


def _maker_aside(group: str) -> tuple[re.Pattern[str], str]:
    """``Brightwater G3 (maker Brightwater)``"""
    return re.compile(rf" \((?:{MADE_BY}) ([^\W\d_][^(),]*)\)", re.I), f"{group}.maker"


# A value often carries more in its text: (fact, pattern with one group, what the group says).
# ``24H1 (22871.1204)``
_BUILD_ASIDE = (re.compile(r"\((\d{4,6}(?:\.\d{1,6})+)\)"), "os.build")
ASIDES: dict[str, tuple[tuple[re.Pattern[str], str], ...]] = {
    "processor.cores": (
        (re.compile(r"\b(?:logical|threads?|logisch\w*|logiques?|l[óo]gicos?|logici|logiczn\w+|hilos|f[äa]den|w[ąa]tk\w+) ?:? (\d{1,3})\b", re.I), "processor.threads"),
        (re.compile(r"\b(\d{1,3}) (?:logical|threads?|logisch\w*|logiques?|l[óo]gicos?|logici|logiczn\w+|virtual|hilos|fils|fili|f[äa]den|w[ąa]tk\w+)\b", re.I), "processor.threads"),
    ),
    "processor.clock": (
        (re.compile(r"([\d.,]+ ?[GM]Hz) (?:at (?:best|most|the most)|highest|boost|turbo|max\w*|peak|top|h[öo]chstens|au (?:plus|maximum)|(?:como )?m[áa]xim[oa]|al massimo|no m[áa]ximo|ten hoogste|najwy[żz]ej)", re.I), "processor.max_clock"),
        (re.compile(rf"([\d.,]+ ?[GM]Hz) {_NOW}", re.I), "processor.current_clock"),
        (re.compile(r"(?:right now|currently|now|gerade|derzeit|zurzeit|jetzt|aktuell|momentan|actuell\w*|actual|atual|attuale|huidig|ahora|agora|adesso|attualmente|nu|teraz|obecnie)[: ]\s*([\d.,]+ ?[GM]Hz)", re.I), "processor.current_clock"),
        (re.compile(rf"[(,;] ?{UP_TO}\.?(?: ?: ?|\s*)([\d.,]+\s*[GM]Hz)", re.I), "processor.max_clock"),
    ),
    "firmware.mode": (
        (re.compile(rf"(?:{SECURE_BOOT})(?: is)? ?:? (\w+)", re.I), "firmware.secure_boot"),
        (re.compile(rf"\b(with(?:out)?|mit|ohne|avec|sans|con|sin|com|sem|senza|met|zonder|z|bez) (?:{SECURE_BOOT})", re.I), "firmware.secure_boot"),
    ),
    "machine.model": (
        (re.compile(r"\(SKU ?:? ([\w-]+)\)$", re.I), "machine.sku"),
        (re.compile(r"\((laptop|notebook|desktop|tower|mini(?: ?pc)?|all-in-one|server|tablet|portable|portátil|portatile|przenośny)\)$", re.I), "machine.form"),
        (re.compile(rf"\((?:{SERIAL}) ?:? ([A-Z0-9][\w-]{{3,}})\)$", re.I), "machine.serial"),
    ),
    "board.model": (
        (re.compile(r"^([A-Z][a-z]+|[A-Z]{4,}) (?=[A-Z]{1,4}-?[A-Z]{0,2}\d)"), "board.maker"),
        (re.compile(r"\b(?:rev(?:ision)?|version|v|r[ée]v(?:ision)?|revisi[óo]n|revis[ãa]o|revisione|revisie|rewizja|fassung|wersja|ausgabe|stand|[ée]dition|versi[óo]n|versione|vers[ãa]o|versie)\.? ?([A-Z]?\d[\w.]*)", re.I), "board.version"),
        (re.compile(r"(?:\b(?:s/?n|serial(?: (?:number|no\.?))?|seriennummer|serien-?nr\.?|serienr\.?|n[°º] de s[ée]rie|num[ée]ro de s[ée]rie|n\.? serie|n[uú]m(?:ero|\.)? de serie|numero di serie|n[uú]mero de s[ée]rie|serienummer|nr seryjny|numer seryjny):?|\((?:n[°º]|nr\.?|no\.?)) ?([A-Z0-9][\w-]{3,})", re.I), "board.serial"),
        (re.compile(r" (?:by|von|par|van|od) ([A-Z][\w&-]+)"), "board.maker"),
    ),
    "processor.socket": ((re.compile(r"stepping ?:? (\w+)", re.I), "processor.stepping"),),
    "disk.model": (
        # ``Basalt NV512 512 GB SSD s/n BNV5-77120``
        (re.compile(rf"\d ?[GT]i?B\b[^,;]* (?i:{SERIAL}) ?:? ([\w-]*\d[\w-]*)$"), "disk.serial"),
        # ``Basalt NV500 465.76 GB NVMe SSD``
        (re.compile(r"^(?:(?!\s\s)[^,;:])*\S (\d+[.,]\d+ ?[GT]i?B|\d+ [GT]i?B(?= \S))\b(?: \S+){0,3}$"), "disk.size"),
        # ``Basalt NV500 466 GB``: behind a name that has a number already
        (re.compile(r"^(?:(?!\s\s)[^,;:(])*\d\S* (\d+ [GT]i?B)$"), "disk.size"),
        (re.compile(rf"^[^,;:]*\d ?[GT]i?B (?:\S+ )?({BUS})\b", re.I), "disk.bus"),
        (re.compile(r"^[^,;:]*\d ?[GT]i?B (?:\S+ ){0,2}(SSD|HDD)\b", re.I), "disk.media"),
    ),
    "disk.size": (
        # ``1.00 TB NVMe SSD``
        (re.compile(rf"^[\d.,]+ ?[KMGT]i?[BO] (?:\S+ )?({BUS})\b", re.I), "disk.bus"),
        (re.compile(r"^[\d.,]+ ?[KMGT]i?[BO] (?:\S+ ){0,2}(SSD|HDD)\b", re.I), "disk.media"),
    ),
    "disk.media": (
        # ``SATA SSD``
        (re.compile(rf"^({BUS})[ -](?=SSD|HDD|solid|hard)", re.I), "disk.bus"),
        # ``SSD NVMe``, ``disco duro SATA``
        (re.compile(rf"^(?:\S+ ){{1,2}}({BUS})(?: \D{{0,4}}\d{{4,5}} ?\S+)?$", re.I), "disk.bus"),
    ),
    # ``GPT (3 partitions, 1.0 MiB unallocated)``
    "disk.layout": (
        (re.compile(r"[(,;] ?([\d.,]+ ?[KMGT]i?[BO]) (?:unallocated|not allocated|free|nicht zugeordnet|nicht zugewiesen|frei|non allou[ée]s?|libres?|sin asignar|por atribuir|n[ãa]o atribu[íi]dos?|livres?|non allocati?|liberi?|niet toegewezen|vrij|nieprzydzielon\w+|woln\w+)", re.I), "disk.unallocated"),
    ),
    "disk.bus": (
        (re.compile(rf"^(?:{BUS}) (SSD|HDD)\b", re.I), "disk.media"),
        (re.compile(rf"\b({TURNS})", re.I), "disk.media"),
    ),
    "battery.name": (
        (re.compile(r"^\d{1,3} ?% (?:of|von|de|di|van|z) ([\d.,']+ ?m?Wh)", re.I), "battery.full"),
    ),
    "battery.full": (
        (re.compile(r"(?:\(|= ?)([\d.,]+ ?%)(?: (?:of|von|der|des|du|de|di|del|della|do|da|van|z)\b|\))", re.I), "battery.health"),
        (re.compile(r"^[\d.,']+(?: ?m?Wh)? (?:of|out of|von|sur|de|di|van|z) ([\d.,']+ ?m?Wh)", re.I), "battery.design"),
    ),
    "graphics.name": (_maker_aside("graphics"), (re.compile(r" \(?([\d.,]+ ?[MG]i?[BO])(?:(?! (?:shared|partag|gemeinsam|geteilt|compartid|partilhad|condivis|gedeeld|wsp[óo]))[ ,][^()]*(?=\)))?\)?$", re.I), "graphics.memory"),),
    "printer.name": ((re.compile(rf" {AT_PORT.replace('?P<port>', '')}$", re.I), "printer.port"),),
    "sound.name": ((re.compile(r", ([^,()]+)$"), "sound.state"),),
    "os.name": (
        (re.compile(r"\d \(([A-Z][a-z]+(?: [A-Z][a-z]+){0,2})\)$"), "os.edition"),
        (re.compile(r"\((\d\d[ -]?bit[^()]*)\)", re.I), "os.architecture"),
        (re.compile(r"\s(\d\d[ -]?bits?)(?=,|$)", re.I), "os.architecture"),
        (re.compile(r"[(, ]\s*build ?:? (\d[\d.]*)", re.I), "os.build"),
        _BUILD_ASIDE,
        (re.compile(r"(?:, | \()(?:[ée]dition|Ausgabe|edici[óo]n|edizione|edi[çc][ãa]o|editie|edycja|wydanie) ?:? ((?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)?)\)?$", re.I), "os.edition"),
        (re.compile(r"(?:, | \()((?-i:[A-Z])\w*(?: (?-i:[A-Z])\w*)?)-(?:editie|edition|ausgabe)\)?$", re.I), "os.edition"),
        (re.compile(r"(?:, | \()(\w[\w ]*?) (?:edition|ausgabe|[ée]dition|edici[óo]n|edizione|edi[çc][ãa]o|editie|wydanie|edycja)\)?$", re.I), "os.edition"),
    ),
    # ``Field, OEM channel``
    "os.edition": (
        (re.compile(r"[,;(] ?((?:volume|volumen|retail|oem|subscription|evaluation)(?:[ -](?:channel|kanal|canal|canale|kanaal|kana[łl]|licen[cs]e|lizenz|licentie))?)\)?$", re.I), "licence.channel"),
    ),
    "processor.name": (
        (re.compile(r"\((?:socket|sockel|voet|z[óo]calo|gniazdo|soquete|support|presa|emplacement) ?:? ([\w-]+)\)", re.I), "processor.socket"),
        (re.compile(r"\b(\d{1,3}) ?[Cc] ?/ ?\d{1,3} ?[Tt]\b"), "processor.cores"),
        (re.compile(r"\b\d{1,3} ?[Cc] ?/ ?(\d{1,3}) ?[Tt]\b"), "processor.threads"),
        (re.compile(r"(?:@|(?<!\d),|\(| (?:à|at|bei|mit|a|con|met|com|z|op)(?= )|[A-Za-z\d] (?= ?~?\d[\d.,]*\s*[GM]Hz))\s*~?([\d.,]+\s*[GM]Hz)", re.I), "processor.clock"),
        (re.compile(rf"(\d+) {CORES}\b", re.I), "processor.cores"),
        (re.compile(r"(\d+) (?:threads?|logical processors|hilos|fils d.ex[ée]cution|f[äa]den|w[ąa]tk[óo]?[wi]|thread)\b", re.I), "processor.threads"),
    ),
    "memory.installed": (
        (re.compile(rf"{_AMOUNT} {_MAYBE_IS}{SEEN}\b", re.I), "memory.usable"),
        (re.compile(rf"{_AMOUNT} {_MAYBE_IS}{FREE}\b", re.I), "memory.available"),
        (re.compile(rf"[(,;] ?{SEEN} ?:? {_AMOUNT}", re.I), "memory.usable"),
        (re.compile(rf"[(,;] ?{FREE} ?:? {_AMOUNT}", re.I), "memory.available"),
        *OF_SLOTS,
        (_LIMIT, "memory.limit"),
        (_LIMIT_BEHIND, "memory.limit"),
    ),
    "memory.limit": OF_SLOTS,
    "memory.slots": ((_LIMIT, "memory.limit"),),
    "memory.usable": (
        (re.compile(rf"{_AMOUNT} {_MAYBE_IS}{FREE}\b(?! (?:of|out of|von|sur|de|di|van|z)\b)", re.I), "memory.available"),
        (re.compile(rf"[(,;] ?{FREE} ?:? {_AMOUNT}", re.I), "memory.available"),
    ),
    "graphics.width": (
        (re.compile(r"\d\s?[x×]\s?(\d+)", re.I), "graphics.height"),
        (re.compile(r"((?<![\d.,])\d{2,3}(?:[.,]\d{1,3})? ?Hz\b|(?:(?<=\d@)|(?<=@ ))\d{2,3}(?=[\s,;)]|$))", re.I), "graphics.refresh"),
    ),
    "graphics.driver_version": ((_DATED, "graphics.driver_dated"),),
    "driver.file": (
        (re.compile(r"\.\w{2,3},? \(?v?(\d+(?:\.\d+){1,4})(?=[ ,)]|$)", re.I), "driver.version"),
        (_DATED, "driver.dated"),
    ),
    "driver.provider": ((re.compile(rf"[,;(] ?({SIGNED}|{NO_SIGNATURE})\)?$", re.I), "driver.signed"),),
    "driver.version": _OF_DRIVER,
    # ``wlgbe210 4.1.0.77, from Wickerlink, 19 Feb 2024``
    "driver.name": ((re.compile(r"\S,? v?(\d+(?:\.\d+){2,4})(?=[ ,;)]|$)"), "driver.version"), *_OF_DRIVER),
    # ``Wickerlink GbE 210 ("Office wire")``, ``Wickerlink GbE 210 up``
    "adapter.name": (
        (re.compile(r"\d (up|down)$", re.I), "adapter.connected"),
        (re.compile(r" \([\"“„«] ?([^()]+?) ?[\"”“»]\)$"), "adapter.connection"),
        (re.compile(r"^(?!dns|gateway|gw)[^\d.]+(?:\.?\d+)? (\d{1,3}(?:\.\d{1,3}){3}(?:/\d{1,2})?)$", re.I), "adapter.ipv4"),
    ),
    "module.slot": ((re.compile(r"\S ?[/(,] ?(bank ?\w+)\)?$", re.I), "module.bank"),),
    "os.build": ((re.compile(r"(?:\(|, )(\d\d[ -]?bits?)(?:\)|$)", re.I), "os.architecture"),),
    "os.version": (
        _BUILD_ASIDE,
        (re.compile(r"(?:\(|, )(\d\d[ -]?bits?)(?:\)|$)", re.I), "os.architecture"),
        (re.compile(r"[(, ]\s*(?:os )?(?:build|kompilacja|compilation|compilaci[oó]n|compila[cç][aã]o|compilazione|baunummer|stand)(?: (?:no|nr|number|nummer)\.?)? ?:? (\d[\d.]*)", re.I), "os.build"),
    ),
    "firmware.version": (
        (_DATED, "firmware.dated"),
        (re.compile(r"^((?!UEFI|BIOS|EFI|\S*\d)[A-Z][\w&-]*(?: (?!UEFI|BIOS|EFI)(?-i:[A-Z])[\w&-]*){0,3}),? (?:(?:version|v|build|rev|uefi|bios|efi)\.? ?)?[A-Z]{0,3}-?\d", re.I), "firmware.maker"),
    ),
    # ``Veldt V27 2560x1440 60 Hz``
    "display.name": (
        (re.compile(r" \(((?=[^()]*\d)[A-Z0-9-]{6,24})\) "), "display.serial"),
        (re.compile(r" (\d{3,5} ?[x×] ?\d{3,5})(?! ?[mc]m)\b", re.I), "display.width"),
    ),
    "display.width": ((re.compile(r"\d\s?[x×]\s?(\d+)", re.I), "display.height"),),
    "route.destination": ((re.compile(r"^\d{1,3}(?:\.\d{1,3}){3}(/\d{1,2})$"), "route.mask"),),
    "adapter.ipv4": (
        (re.compile(r"(?<![\w:.])((?:[0-9a-f]{1,4}:){1,6}:?[0-9a-f:]*[0-9a-f][^;]*)$", re.I), "adapter.ipv6"),
        (re.compile(r"(?:^|[\s(,])((?:by|via|per|par|por|da|door|przez)? ?DHCP)[)\s]*$", re.I), "adapter.dhcp"),
        (re.compile(r"\(((?:by|via|per|par|por|da|door|przez) DHCP)\b", re.I), "adapter.dhcp"),
        (re.compile(rf"[(,] ?({LEASED}|{FIXED})\)?$", re.I), "adapter.dhcp"),
        (re.compile(r"\((DHCP)[,;)]", re.I), "adapter.dhcp"),
        (re.compile(r"(/\d{1,2})\b"), "adapter.mask"),
        (re.compile(rf"\d {THROUGH} (\d+(?:\.\d+){{3}})\b", re.I), "adapter.gateway"),
        (re.compile(r"/\s*(255(?:\.\d{1,3}){3})"), "adapter.mask"),
        (re.compile(r"(?:netmask|mask\w*|m[áa]scara|maschera|netmaske|masque) (\S+?)\)?$", re.I), "adapter.mask"),
        (re.compile(r"/\d{1,2} (?:from|by|von|de|du|da|di|van|od) (\d+(?:\.\d+){3})\b", re.I), "adapter.dhcp_server"),
        (re.compile(r"\bDHCP,? (?:server|serveur|servidor|serwer) ?:? (\d+(?:\.\d+){3})", re.I), "adapter.dhcp_server"),
        (re.compile(r"\((DHCP) (?:from|by|von|vom|par|de|da|dal|van|od|przez) \d", re.I), "adapter.dhcp"),
        (re.compile(rf"\bDHCP\b.*?[,;] (?:(?:valid|good|g[üu]ltig|valable|v[áa]lid[ao]|geldig|wa[żz]n[eya]) )?(?:until|till|bis|jusqu'au|hasta(?: el)?|até|fino al?|tot|do) ({MOMENT}|{DAY})", re.I), "adapter.lease_until"),
        (re.compile(r"\(?DHCP(?: (?:from|by|server|lease from|von|de|da|van|od))? ?:? (\d+(?:\.\d+){3})", re.I), "adapter.dhcp_server"),
    ),
    # ``Ines Calloway, Lantern Sound Ferries``
    "host.owner": ((re.compile(r"^[^\W\d_]+(?: [^\W\d_]+)+(?:, | \(| / )([A-Z][^,()/]+)\)?$"), "host.organisation"),),
    "host.name": (
        (re.compile(r" \(([\w-]+(?:\.[\w-]+)*\.[A-Za-z][\w-]+)\)$"), "host.domain"),
        (re.compile(r"(?:\(|, )(?:in )?(?:domain|domäne|domaine|dominio|domínio|domein|domena) ([\w.-]+)\)?", re.I), "host.domain"),
    ),
    "adapter.dhcp": (
        (re.compile(r"\b(?:from|by|von|de|du|da|dal|di|van|od|server|serveur|servidor|serwer)\s+(\d{1,3}(?:\.\d{1,3}){3})", re.I), "adapter.dhcp_server"),
        (re.compile(r"\((\d{1,3}(?:\.\d{1,3}){3})\)"), "adapter.dhcp_server"),
        (re.compile(rf"[,;] {_LEASE} (?:from |since |vom |seit |du |depuis |del? |desde |dal |van |od )?({MOMENT}|{DAY})(?= (?:to|until|till|bis|au|al|a|hasta|at[ée]|fino al?|tot|do|t/m) )", re.I), "adapter.lease_from"),
        (re.compile(rf"[,;] {_LEASE} .*\d (?:to|until|till|bis(?: zum)?|au|al|a|hasta(?: el)?|at[ée]|fino al?|tot|do|t/m) ({MOMENT}|{DAY})", re.I), "adapter.lease_until"),
        _LEASE_END,
    ),
    "adapter.dhcp_server": (
        _LEASE_END,
        (re.compile(rf"^\d+(?:\.\d+){{3}},? (?:(?:on|at|since|am|vom|seit|le|depuis(?: le)?|el|desde(?: el)?|em|il|dal|op|sinds|od|dnia) )?({MOMENT}|{DAY})", re.I), "adapter.lease_from"),
        (re.compile(rf"[,;] (?:[^\W\d_]+ )?(?:until|till|bis(?: zum)?|jusqu'au|hasta(?: el)?|até|fino al?|tot|do) ({MOMENT}|{DAY})", re.I), "adapter.lease_until"),
    ),
    "adapter.kind": (
        (re.compile(r"[,;] (\w[^,;]*)", re.I), "adapter.connected"),
        (re.compile(r"([\d.,]+ ?[GMk]bit/s|[\d.,]+ ?[GMk]bps)", re.I), "adapter.speed"),
    ),
    "adapter.connected": ((re.compile(r"([\d.,]+ ?[GMk]b(?:it)?/s|[\d.,]+ ?[GMk]bps)", re.I), "adapter.speed"),),
    "adapter.lease_from": (
        (re.compile(r"\d,? \(?(?:[^\W\d_]+ )?(?:by|from|von|de|du|da|dal|di|van|od|par|por) (\d{1,3}(?:\.\d{1,3}){3})\b", re.I), "adapter.dhcp_server"),
        (re.compile(rf"(?:\b(?:to|until|till|bis|au|al|a|hasta|até|fino al?|tot|do)| [-–→]|->| t/m)\s+({MOMENT}|{DAY}|\d[\d./-]+)", re.I), "adapter.lease_until"),
    ),
    # ``never (permanent licence)``
    "licence.expires_at": ((re.compile(rf"^(?:never|nie(?:mals)?|jamais|nunca|mai|nooit|nigdy)\b.*?\b({PERMANENT})", re.I), "licence.permanent"),),
    "licence.state": (
        (re.compile(rf"(?<!\bnot )(?<!\bnon )(?<!\bpas )(?<!\bnicht )(?<!\bniet )(?<!\bno )(?<!\bnão )(?<!\bnie )\b({PERMANENT})\b", re.I), "licence.permanent"),
        (re.compile(r"^[^\W\d_]+ \(([^()\d]{2,30})\)"), "licence.channel"),
        (re.compile(r"[,;] ((?:volume|volumen|retail|oem|subscription)[ -]?(?:licen[cs]e|lizenz|licentie)|(?:licence|licencia|licenza|licença) (?:en |por |per |a |de )?volum\w+)", re.I), "licence.channel"),
        (re.compile(rf"\b(?:l[äa]uft(?: am)?|expires(?: on)?|expire(?: le)?|caduca(?: el)?|expira(?: em)?|scade(?: il)?|verloopt(?: op)?|wygasa) ({DAY}(?:,? (?:at |um |à |alle |às |om |o |a las )?\d{{1,2}}:\d\d(?::\d\d)?)?|\d[\w./-]*\d)", re.I), "licence.expires_at"),
        # Behind a date, ``(170 days left)`` is how long it lasts, and no grace.
        (re.compile(r"(?<!\d \()(?<!\d )\b((?:\d{1,4} (?:days?|weeks?|tage?n?|jours?|d[ií]as?|giorn[io]|dag(?:en)?|dni)(?:,| and| und| et| y| e| en| i)? )?\d{1,4} (?:days?|hours?|hrs?|weeks?|minutes?|tage?n?|stunden?|std\.?|jours?|heures?|d[ií]as?|horas?|giorn[io]|or[ae]|dag(?:en)?|uur|uren|dni|godzin\w?)) (?:left|of grace|grace|remain\w*|to go|übrig|verbleib\w*|restants?|restantes|rimanenti|resterend\w*|pozosta\w*)", re.I), "licence.grace"),
        (re.compile(r"\b(?:restent|reste|noch|quedan?|restam?|restano|nog|pozosta\w+|still) (\d{1,4} (?:days?|tage?n?|jours?|d[ií]as?|giorn[io]|dag(?:en)?|dni))\b", re.I), "licence.grace"),
        (re.compile(r"\b(?:until|till|through|bis(?: zum)?|jusqu'au|hasta(?: el)?|até|fino al|tot|do) (\d[\w. :/-]+\d)", re.I), "licence.expires_at"),),
    "task.runs": ((re.compile(rf"{AS_WHOM}$", re.I), "task.user"),),
    "task.state": ((re.compile(r", (enabled|disabled)$", re.I), "task.enabled"),),
    "task.last_run_at": (
        (re.compile(r"[,;] (?:ended|finished|exited|beendet|termin[ée]e?|terminad[oa]|finalizad[oa]|conclu[íi]d[oa]|terminat[oa]|finit[oa]|ge[ëe]indigd|zako[ńn]czon[oaey]) (?:with|as|mit|avec|con|com|met|z) (0x[0-9a-f]+|\d{1,10})\b", re.I), "task.last_result"),
        (re.compile(r"\((?:result|r[ée]sultat|ergebnis|resultado|risultato|esito|resultaat|wynik) ?:? ([\w-]+)\b[^()]*\)", re.I), "task.last_result"),
        (re.compile(r"[^\W\d_]+ \((0x[0-9a-f]+|\d{1,10})\)$", re.I), "task.last_result"),
        (re.compile(r"\((?:exit|rc|code|exit ?code|return(?: code)?) ?[:=]? ?(0x[0-9a-f]+|\d{1,10})\)", re.I), "task.last_result"),
    ),
    "page_file.path": (
        (re.compile(rf"{_AMOUNT} (?:are |is )?{IN_USE}\b", re.I), "page_file.used"),
        (re.compile(rf"{IN_USE} ?:? {_AMOUNT}", re.I), "page_file.used"),
        (re.compile(rf"{_AMOUNT} (?:now|large|big|allocated|in size|groß|aktuell|actuellement|ahora|agora|adesso|groot|teraz)\b", re.I), "page_file.size"),
    ),
    # ``fixed (disk 0)``
    "volume.kind": ((re.compile(r"\((?:disk|schijf|datentr[äa]ger|laufwerk|platte|disque|disco|dysk) (\d{1,2})\)", re.I), "volume.disk"),),
    "volume.state": ((re.compile(r"[,;(] ?((?:not |un|nicht |non |no |n[ãa]o |niet |nie ?)?(?:encrypted|verschl[üu]sselt|chiffr[ée]e?|cifrad[oa]|cifrat[oa]|crittografat[oa]|criptografad[oa]|versleuteld|zaszyfrowan[ya]))\b", re.I), "volume.encrypted"),),
    # ``C:  (SYSTEM)``
    "volume.mount": ((re.compile(r"^[A-Z]:\\?\s+[(\[\"]([^()\[\]\"]{1,32})[)\]\"]$"), "volume.label"),),
    "volume.label": ((re.compile(r"^\[[^\[\]]{1,40}\] ([A-Z][A-Z0-9]{2,7})$"), "volume.filesystem"),),
    "volume.free": ((re.compile(r"\b(?:of|von|sur|de|di|van|z)\s+([\d.,]+ ?[KMGT]i?[BO]?)\s*$", re.I), "volume.size"),),
    "module.speed": (
        (re.compile(rf"(\d{{3,5}} ?(?:MT/s|MHz)) {_NOW}", re.I), "module.running_speed"),
        # ``2666 (at 2400)``
        (re.compile(r"\d(?: ?MT/s| ?MHz)? \((?:at|a|à|bei|auf|con|met|op|z|przy|em|su)? ?(\d{3,5})(?: ?MT/s| ?MHz)?\)$", re.I), "module.running_speed"),
        (re.compile(r"[(,;] ?(?:\w+ )?(?:runs?|running|set|now|l[äa]uft|arbeitet|tourne|fonctionne|funciona|trabaja|gira|lavora|va|corre|roda|trabalha|draait|werkt|loopt|pracuje|dzia[łl]a)\b[^\d)]{0,12}(\d{3,5})(?: ?MT/s| ?MHz|\b)", re.I), "module.running_speed"),
    ),
    # ``Siskin SK08-D4-2666``
    "module.part": ((re.compile(r"^((?!GiB|MiB)[A-Z][a-z]\w+) (?!LP|DDR)(?=\S*\d)[A-Z0-9]{2,}-[\w-]+$"), "module.maker"),),
    "module.type": (
        (re.compile(r"\bDDR\d?-(\d{3,5})\b"), "module.speed"),
        (re.compile(r"\b((?:SO-?|U|R)?DIMM|soldered|on board)\b", re.I), "module.form"),
        _PINS,
    ),
    "module.form": (_PINS,),
    "module.size": (
        (re.compile(r"\b(\d{3,5}) ?(?:MT/s|MHz)", re.I), "module.speed"),
        (re.compile(r"\b((?:LP)?DDR\d?)(?![\w.])"), "module.type"),
        (re.compile(r"\bDDR\d?-(\d{3,5})\b"), "module.speed"),
        (re.compile(r"\bDDR\d (\d{4})(?![\w.]| ?M[TH])"), "module.speed"),
        (re.compile(r"\d ?(?:MT/s|MHz),? ([A-Z][a-z]\w+)$"), "module.maker"),
        (re.compile(r"\bDDR\d-\d{3,5},? ([A-Z][a-z]\w+)$"), "module.maker"),
        (re.compile(r"\b((?:SO-?|U|R)?DIMM|soldered|on board)\b", re.I), "module.form"),
        (re.compile(r"\b((?!GiB|MiB)[A-Z][a-z]\w+) (?!LP|DDR)(?=\S*\d)[A-Z0-9]{2,}-[A-Z0-9-]+\b"), "module.maker"),
        (re.compile(r"\b(?!GiB|MiB)[A-Z][a-z]\w+ ((?!LP|DDR)(?=\S*\d)[A-Z0-9]{2,}-[A-Z0-9-]+)\b"), "module.part"),
        (re.compile(r" \(([0-9A-F]{6,10})\)$"), "module.serial"),
        (re.compile(r"\b(?i:S/?N):? ?(?=[A-Z]*\d)([A-Z0-9]{4,})"), "module.serial"),
    ),
}  # fmt: skip
