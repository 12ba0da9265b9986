"""What a text fact may look like, as data: ``keep`` is the part of it that is the value."""

from __future__ import annotations

import re

# Words that several patterns share: what counts cores, and what is said of a driver's signature.
CORES = r"(?:cores?|kernen?|c(?:oe|œ)urs|n[uú]cleos|nuclei|rdzeni[ea]?)"
SIGNED = r"(?:(?:digital(?:ly|mente)?|num[ée]riquement|digitaal|cyfrowo) )?(?:signed|signiert|sign[ée]e?|firmad[oa]|assinad[oa]|firmat[oa]|ondertekend|podpisan[ya])"
NO_SIGNATURE = (
    rf"(?:(?:(?:not|nicht|non|no|n[ãa]o|niet|nie) |un|nie){SIGNED}|"
    r"(?:no|without|ohne|sans|sin|sem|senza|zonder|bez) (?:a )?(?:signature|signatur|firma|assinatura|handtekening|podpisu))"
)
# What a disk is connected by, where the name says it alone; and how its turns a minute are written.
BUS = r"NVMe|SATA|SAS|SCSI|USB|PCIe|IDE|eMMC"
TURNS = r"\d{4,5} ?(?:rpm|u/min|tr/min|t/min|g/min|giri/min|obr\.?/min|tpm)"
# A day as logs and lists print it, its month a number or a name; a time of day; and a moment.
DAY_IN_NUMBERS = (
    r"(?:\d{4}[-/.]\d{1,2}[-/.]\d{1,2}(?!\.?\d)|\d{1,2}[./-]\d{1,2}[./-]\d{4}|"
    r"(?:19|20)\d\d(?:0[1-9]|1[0-2])(?:0[1-9]|[12]\d|3[01])(?![\w.-]))"
)
DAY = (
    rf"(?:{DAY_IN_NUMBERS}|\d{{1,2}}(?:\.? |-)(?:de )?[^\W\d_]{{3,13}}(?:\.? |-)(?:de )?\d{{4}}|"
    r"[^\W\d_]{3,9}\.? \d{1,2},? (?:19|20)\d\d)"
)
TIME_OF_DAY = r"\d{1,2}(?::\d\d(?::\d\d(?:[.,]\d{1,7})?)?|(?:[.h]| h )\d\d(?:\.\d\d)?)(?: ?[APap]\.?[Mm]\b\.?(?! \d)|(?! ?[APap]\.?[Mm]\b(?! \d)))(?:Z|[+-]\d\d:?\d\d)?"
MOMENT = rf"{DAY}(?:T|[ ,]+(?:(?:at|um|à|a las|alle|às|as|om|o) )?){TIME_OF_DAY}"
# A cell that is a day, one that is a time of day.
A_DAY, A_TIME = re.compile(f"{DAY},?"), re.compile(TIME_OF_DAY)
# The comma of ``2025-03-04, 02:00`` and of ``Mar 4, 2025``: it parts nothing.
COMMA_WITHIN_MOMENT = (
    r"(?:(?<=\d),(?=\s\d\d?:\d\d)|(?:(?<=[a-z]{2} \d)|(?<=[a-z]{2} \d\d)),(?=\s(?:19|20)\d\d\b(?!\.)))"
)
# Before the address through which others are reached.
THROUGH = r"(?:via|gw|gateway|through|über|par|por|przez|tramite|através de)"
# Who somebody is: several words, the first with a capital.
FULL_NAME = re.compile(r"[A-Z][^\W\d_]+(?:[ '’-][^\W\d_]+){1,3}")
# What stands before a serial number.
SERIAL = r"s/?n|ser(?:ial|ie|\.)(?: (?:number|no\.?|nr\.?))?|seriennummer|serienummer|n[uú]mero de s[eé]ri?e|numer seryjny|matricola|serienr\.?|serien-?nr\.?|nr seryjny|n[°º] de s[ée]rie"
# Behind a thing's name and in brackets, such a word alone says that a serial number follows.
SERIAL_ASIDE_WORD = rf"(?:{SERIAL}|n[°ºo]\.?|nr\.?|n[uú]m\.)"
# An address with what is put before and behind it (``IP_10.20.0.81_1``), or a socket of the PC.
PRINTER_PORT = r"(?:(?:IP|TCP|NET)_)?(?:\d{1,3}\.){3}\d{1,3}(?:[:_]\d+)?|(?:USB|LPT|COM)\d+:?"
# Where a printer is.
AT_PORT = rf"(?:on|at|an|auf|über|sur|à|en|su|op|na|em|via) (?P<port>{PRINTER_PORT})"
# How large a screen is.
_INCHES = r"(?:\d{1,2}(?:[.,]\d{1,2})?\s?-?(?:\"|''|”|″|in|inch(?:es)?|zoll|pouces?|pulgadas?|polegadas?|pollici|cali|calowy)\W*(?:$|,|\d{3,5} ?[x×])|\d{1,2}[.,]\d{1,2}$)"
# ``no battery here``, ``kein Akku vorhanden``: nothing is called so.
_NONE = r"(?!(?:no|none|not|keine?r?|aucune?|pas de|ning[uú]na?|nessuna?|nenhuma?|geen|brak|sin|sans|ohne)\s)"
# Where a screen is plugged in.
CONNECTOR = r"(?:e?DP|DisplayPort|HDMI|DVI|VGA|LVDS|USB-C)(?:[- ]?[A-D]?(?:-?\d){0,2})?"
# ``HDMI-1``, ``built-in``: where a screen is plugged in.
WHERE_PLUGGED = re.compile(
    rf"{CONNECTOR}|built[ -]in|internal|eingebaut|intern|int[ée]gr[ée]|integrad[oa]|intern[oa]|integrat[oa]|ingebouwd|wbudowany",
    re.I,
)
# What stands before who made a thing, in brackets behind what it is called.
MADE_BY = (
    r"(?:made |built )?by|maker:?|manufacturer:?|vendor:?|hersteller:?|(?:hergestellt |gebaut )?von|fabricant ?:?|(?:fabriqu[ée]e? )?par|"
    r"fabricante:?|(?:hech[oa] |fabricad[oa] )?por|produttore:?|(?:prodott[oa] )?da|fabrikant:?|(?:gemaakt )?door|producent:?|marca:?|marque ?:?"
)
# A socket that holds something is not called so.
FILLED = (
    r"(?:populated|fitted|installed|occupied|present|in use|best[üu]ckt|belegt|vorhanden|occup[ée]e?|install[ée]e?|pr[ée]sente?|ocupad[oa]|"
    r"instalad[oa]|presente|occupat[oa]|installat[oa]|bezet|geplaatst|aanwezig|zaj[ęe]t[ye]|obsadzon[ye]|zainstalowan[ye])"
)

# That a licence has no end.
PERMANENT = r"permanent\w*|for good|for ever|forever|dauerhaft|unbefristet|zeitlich unbegrenzt|d[ée]finitiv\w*|perp[ée]tu\w*|bezterminow\w*|na sta[łl]e|blijvend|voor altijd"
# How an address came: lent by a server, or set by hand.
LEASED = r"leased?|d[iyí]nami(?:c|sch|que|ca|co|czny)|automati(?:c|sch|que|ca|co)|automático|geleast|dzierżawiony|geliehen|arrendad[ao]|concedid[ao]"
FIXED = r"stati(?:c|sch|que)|static[oa]|est[áa]tic[oa]|statyczny|fixed|fixe|fest|fij[oa]|fix[oa]|fiss[oa]|vast|stały|manual|manuell|manuel(?:le)?|handmatig|manuale|ręczny|by hand|von hand|à la main|a mano|à mão|met de hand|ręcznie"
UPDATE_NUMBER = r"[A-Z]{2,6}-?\d{3,8}"
"""What updates are called by."""
COPULA = "is|ist|est|es|é|è|jest"
"""What stands between a thing and what it is, in all languages."""
# When a task runs, and not what.
_WHEN = (
    r"(?:since|seit|depuis|desde|dal(?:le)?|sinds|od) [^\W\d_]* ?\d|every|each|daily|weekly|monthly|hourly|once|(?:at|on|when) (?:the )?(?:sign|log|start|boot|idle|demand|\d)|"
    r"jede[nrs]?|t[äa]glich|w[öo]chentlich|monatlich|st[üu]ndlich|einmal|bei (?:der )?(?:anmeldung|start)|beim|um \d|"
    r"chaque|tou(?:te)?s les|quotidien\w*|hebdo\w*|[àa] (?:l'ouverture|la connexion|\d)|au d[ée]marrage|"
    r"cada|todos los|todas las|diari\w*|semanal\w*|al (?:iniciar|arrancar)|a las? \d|"
    r"todos os|di[áa]ri\w*|ao (?:iniciar|arrancar|entrar)|[àa]s? \d|"
    r"ogni|tutt[ie] (?:i|le)|giornalier\w*|quotidian\w*|settimanal\w*|all'avvio|all'accesso|alle \d|"
    r"elke?|iedere?|dagelijks|wekelijks|maandelijks|bij (?:aanmelden|opstarten|het)|om \d|"
    r"codziennie|co |raz|przy (?:logowaniu|starcie|uruchomieniu)|o \d"
)
# ``as LSF\\quay``: behind what a task runs.
AS_WHOM = (
    r"\s+(?:as|als|en tant que|como|come|jako) (?:user |benutzer |utilisateur |usuario )?([\w.-]+(?:[\\@][\w.-]+)?)"
)

# What a text fact may look like; a print that does not is not taken for it.
TEXT_FORMS: dict[str, re.Pattern[str]] = {
    "host.name": re.compile(
        r"(?P<keep>[A-Za-z0-9][\w.-]{0,62})(?: \((?:[^\d\W]+ [^()]+|[\w-]+(?:\.[\w-]+)+)\)|, (?:in )?[^\W\d_]+ [\w-]+(?:\.[\w-]+)+)?$"
    ),
    # ``every day at 22:30`` is when it runs.
    "task.runs": re.compile(rf"(?!(?:{_WHEN})\b)(?P<keep>.+?)(?:{AS_WHOM})?$", re.I),
    # What updates are called by is no title.
    "update.title": re.compile(rf"(?!{UPDATE_NUMBER}$)(?P<keep>.+)$"),
    "host.domain": re.compile(r"(?P<keep>[\w.-]{2,80})(?: \([^()]*\))?$"),
    "licence.key_tail": re.compile(
        r"(?:[^\W\d_]{4,10} (?:si[eę] )?(?:in|with|auf|mit|par|en|con|em|com|op|na) )?[A-Za-z0-9*?X.…•●·-]*?(?P<keep>[A-Za-z0-9]{5})$"
    ),
    # A count of what was checked is no state.
    "volume.state": re.compile(
        r"(?!(?:(?:on|am|le|el|il|op|em|dnia) )?\d{1,4}[-./]\d{1,2}[-./]\d{2,4}\b)(?!\d[\d.,]*\s*(?:[;,].*)?$)(?P<keep>.+)$"
    ),
    "account.full_name": re.compile(r"[«„“\"]?\s*(?P<keep>[^«»„“”\"]+?)\s*[»“”\"]?$"),
    # ``Sign-in   success, failure`` is audited: nobody is called so.
    "host.user": re.compile(
        r"(?i:(?!(?:success|failures?|erfolg|fehler|misserfolg|succ[èe]s|[ée]chec|[ée]xito|fallo|sucesso|falha|riuscito|geslaagd|mislukt|sukces|niepowodzenie)\b|[a-z]:))(?P<keep>[^(]*?[^\W\d_][^(]*?)(?:(?:, [^\W\d_]+(?: [^\W\d_]+){0,2})? (?i:since|seit|depuis|desde|dalle|sinds|od|at|à|um|alle|às|om|o) \d.*|\s*\(.*)?$"
    ),
    # A moment is no zone (``Local time``), and four groups of five are no article.
    "host.time_zone": re.compile(rf"(?!.*{DAY})(?P<keep>.+)$"),
    "machine.sku": re.compile(r"(?!\d+ ?x |.*, )(?!(?:[A-Z0-9]{5}-){3}[A-Z0-9]{5}$)(?P<keep>.+)$"),
    # ``Ines Calloway, Lantern Sound Ferries``
    "host.owner": re.compile(
        r"(?P<keep>[^\W\d_]+(?: [^\W\d_]+)+)(?:(?:, | / )[A-Z][^,()/]+| \([A-Z][^,()]+\))$|.*[^\W\d_].*$"
    ),
    # ``data *``: the mark says that it is active, or boots.
    "partition.kind": re.compile(r"(?P<keep>.+?)(?: \*)?$"),
    # A host's name is not its system's.
    "os.name": re.compile(
        r"(?!\S+-\S*\d\S*$)(?!\d\d[ -]?bit)(?P<keep>(?:(?!\s\(?(?:build \d|build\)|\d\d[ -]?bit|\d{4,6}(?:\.\d+)+\)|\((?-i:[A-Z][a-z]+(?: [A-Z][a-z]+){0,2})\)$))[^,])+)",
        re.I,
    ),
    "os.edition": re.compile(
        r"(?!0x|\d+[A-Z]\d?$)(?P<keep>(?:(?!, [^,]*$)[^(;])*[^\W\d_](?:(?!, [^,]*$)[^(;])*)", re.I
    ),
    # A program and its version made no PC.
    "machine.maker": re.compile(r"(?!.*\s\d+\.\d+|.*\s{3,})(?P<keep>.+)$"),
    # A host's name is no model.
    "machine.model": re.compile(
        r"(?!(?:[A-Za-z]{2,4}-[A-Za-z]{2,4}-?|[a-z]{2,12}-)\d{1,3}(?:\.[\w-]+)*(?:$| \())(?!.*\s{3,})"
        rf"(?P<keep>.+?)(?i: \((?:{SERIAL}|sku)[^()]*\))?$"
    ),
    "board.model": re.compile(
        r"(?=.*[^\W\d_])(?:(?:[A-Z][a-z]+|[A-Z]{4,}) (?=[A-Z]{1,4}-?[A-Z]{0,2}\d))?(?P<keep>.+?)(?i:,? \(?(?:rev|v[eé]r|wers|r[eé]v|v\d|ausf)[^()]*\)?)?(?: ?, (?=\S*\d)[\w.-]+)*"
        r"(?: (?:by|von|par|de|di|van|od|da) [A-Z][\w&-]+)?(?: \([^()]*\d[^()]*\))?(?:, (?i:bios|uefi|firmware)\b.*)?$"
    ),
    "page_file.path": re.compile(
        r"(?:(?:file|datei|fichier|archivo|arquivo|ficheiro|bestand|plik) )?(?P<keep>(?:(?!\s{2,}).)*[/\\](?:(?!\s{2,}).)*)|[A-Za-z][\w-]*:\S*$|[\w-]+\.[a-z]{2,4}$"
    ),
    # What is free holds nothing.
    "module.bank": re.compile(r"(?!(?:free|frei|libre|liber[oa]|vrij|woln[yea]|livre|empty)$)(?P<keep>.+)$", re.I),
    # ``LSF\rarkwell, signed in at 07:58``
    "account.name": re.compile(r"(?!.*\s{3,})(?P<keep>[\w.-]+\\[\w.$-]+(?=(?:, | \()\D.*\d)|.+?(?=\*?$))"),
    # ``wlgbe210 4.1.0.77, from Wickerlink``
    "driver.name": re.compile(r"(?P<keep>[^,]*?[^\s,])(?:,? v?\d+(?:\.\d+){2,4}(?:[ ,;(].*)?|, .*)?$"),
    # A single figure numbers things; an id tells them from all others.
    "partition.id": re.compile(r"\S{4,}.*$"),
    "printer.driver": re.compile(r"(?P<keep>.+?)(?:\s+\([^()]*(?:, |\d{4}-\d\d-\d\d)[^()]*\))?$"),
    "printer.port": re.compile(
        r"(?:(?:on|at|an|auf|sur|en|su|op|na|em) )?(?P<keep>(?:\d{1,3}\.){3}\d{1,3}(?::\d+)?(?= \([^()]*\)$)|.+)"
    ),
    "licence.server": re.compile(
        r"(?!(?:bis|until|till|jusqu|hasta|at[ée]|fino|tot|do)\b)(?!(?i:volum\w*|retail|oem|subscription|abonnement|telephone|phone)(?:\s|$))(?P<keep>[\w.:-]+)(?:[\s,;(].*)?$"
    ),
    "lookup.server": re.compile(r"(?P<keep>[\w.:-]+)(?:\s+[(\[].*)?$"),
    "lookup.name": re.compile(r"(?!\d{1,3}(?:\.\d{1,3}){3}$)\S+$"),
    # ``seen 41 s ago``: when it was, and not on which card
    "neighbour.interface": re.compile(
        r"(?!\d+ ?(?:ms|s|sec\w*|sek\w*|seg\w*|min\w*|h|hours?|days?)\b)(?P<keep>.+?)(?: -{2,} .*|$)"
    ),
    "variable.name": re.compile(r"[^\\/]+$"),
    "search_folder.folder": re.compile(r".*[/\\].*"),
    "firewall.profile": re.compile(r"[\"“„«]?(?P<keep>[^,;()\"“”„«»]{1,40})[\"”“»]?$"),
    "volume.mount": re.compile(
        r"\(?(?P<keep>[A-Z]|[A-Za-z]:\\?|/.*|[A-Za-z][\w-]{0,30}:|\\\\.+|\[\w+\])\)?(?:(?<=:)\s+[(\[\"][^()\[\]\"]{1,32}[)\]\"])?$"
    ),
    "volume.filesystem": re.compile(r"(?P<keep>[A-Za-z][\w.+-]{1,19})$"),
    "update.id": re.compile(r"(?=.*\d)(?!.*\s{2})(?!\S+(?: \S+){3})[\w.{}() -]{4,60}$"),
    "os.language": re.compile(r"(?P<keep>[a-z]{2}[-_][A-Z]{2}(?=[ ,(])|.+)"),
    "boot_entry.path": re.compile(r"(?!\([^()\\/]*\)$)(?!.*\S\s{2,}\S).+"),
    "task.last_result": re.compile(r"(?P<keep>[^\s(]+(?: [^\s(]+)*)(?: \(.*\))?$"),
    "boot_entry.id": re.compile(r"(?:[*>] +)?(?P<keep>\{?[\w-]{1,40}\}?)\*?(?: [*>])?$"),
    "event.id": re.compile(r"[(\[]?#?(?P<keep>.+?)[)\]]?$"),
    "process.pid": re.compile(r"\d+$"),
    "connection.pid": re.compile(
        r"(?:[^\d()]*\((?:pid ?[=:]? ?)?(?=\d+\)))?(?:users:\(\(\"[^\"]*\",pid=)?(?P<keep>\d+)(?:,fd=.*|/.*|\)| \([^()]*\)| [^\W\d_][\w.-]*)?$"
    ),
    # What is reached over a network is on no disk of this PC.
    "volume.disk": re.compile(
        r"(?!(?:fix[oea]?|fij[oa]|fiss[oa]|lokal\w*|local\w*)$)(?:(?:[^\W\d_]+ )?(?P<keep>\d{1,3})(?:,| \(| / )|[^:\\]+$)"
    ),
    "partition.disk": re.compile(r"(?P<keep>[^:]+)$"),
    # What stands in brackets behind it is no part of it.
    **dict.fromkeys(
        ("machine.serial", "machine.tag", "board.serial", "display.serial", "disk.serial", "module.serial"),
        re.compile(r"(?P<keep>[^:=\s()][^:=()]{2,59}?)(?:\s+\([^()]+\)|\s{3,}[^:=]+)?$"),
    ),
    "disk.number": re.compile(r"(?:\D{0,12}\s)?(?P<keep>\d{1,3})$"),
    "partition.number": re.compile(r"(?:\D{0,12}\s)?(?P<keep>\d{1,3})$"),
    "os.kernel": re.compile(r".*\d\.\d.*$"),
    "processor.name": re.compile(
        rf"(?!(?i:{FILLED}$))"
        r"(?:\d{1,2} ?[x×] ?)?(?P<keep>[^(,]*?[A-Za-z](?:,(?=\d)|(?!(?<!@) (?i: ?~?\d[\d.,]* ?[GM]Hz|(?:à|at|bei|mit|a|con|met|com|z|op) \d[\d.,]* ?[GM]Hz|(?-i:[x×]) ?\d{1,2}\b))[^(,])*(?:\([A-Za-z]+\)[^(,]*)*)"
    ),
    "disk.bus": re.compile(rf"(?P<keep>(?:{BUS})(?=(?: \(.*\)| ?[\d.]+ ?Gb(?:it)?/s\b.*|, .*)$)|.+)", re.I),
    "connection.protocol": re.compile(r"(?P<keep>tcp[46]?|udp[46]?|raw6?|icmp6?|unix)\b", re.I),
    # What the kernel calls a disk is not its model.
    "disk.model": re.compile(
        rf"(?!.*{DAY})(?!(?i:up to|bis zu|jusqu'|hasta|at[ée]|fino a|tot|do) |[<>≥≤])"
        r"(?!(?:[svh]d|xvd)[a-z]\d*$|(?:nvme|mmcblk|zram|loop|md|dm-|sr|fd)\d)(?P<keep>.+?)"
        r"(?:(?: [-–—])?(?: \d+[.,]\d+ ?[GT]i?B\b(?: \S+){0,3}| \d+ [GT]i?B\b(?: \S+){1,3})|(?<=\d) \d+ [GT]i?B)?$"
    ),
    "board.version": re.compile(r".*\d.*$|[A-Z]$"),
    # An expansion slot holds no memory.
    "module.slot": re.compile(
        r"(?!(?:mini )?(?:pci|agp|m\.2)|(?:LP)?DDR\d|.*, \S+ \S+ \d)(?P<keep>.+?)(?: ?[/(,] ?bank ?\w+\)?)?$", re.I
    ),
    "adapter.name": re.compile(
        r"(?![\d.,]+ ?[KMG]?bit)(?!802\.11)(?!\d{1,3}(?:\.\d{1,3}){3}\b)(?![0-9a-f]{0,4}:[0-9a-f:]*:)(?P<keep>.*?[^\W\d_].*?)(?: \([\"“„«][^()]*[\"”“»]\)|,? \d{1,3}(?:\.\d{1,3}){3}(?:/\d{1,2})?|(?<=\d) (?:up|down))?$",
        re.I,
    ),
    "adapter.connection": re.compile(r"(?!\d{1,3}(?:\.\d{1,3}){3}\b)(?![0-9a-f]{0,4}:[0-9a-f:]*:).+$", re.I),
    # ``over eth0``
    "route.interface": re.compile(r"(?:(?:over|through|über|przez|attraverso) )?(?P<keep>.+)$", re.I),
    # A quotation mark within it ends what it is called, and what follows is no part of it.
    "volume.label": re.compile(r"(?!.+[»”] \S)(?![A-Za-z]:\\?$)(?:\[(?P<keep>[^\[\]]{1,40})\](?: \S{3,8})?$)?.*$"),
    "processor.socket": re.compile(
        r"(?P<keep>(?:(?:CPU|socket|LGA|AM|proc\w*)\s?)?[\w./#-]{1,16}(?: \d{1,2})?(?: ?/ ?[\w-]{1,16})?)\s*(?:[,(].*)?$",
        re.I,
    ),
    "sound.name": re.compile(rf"{_NONE}(?P<keep>(?:[^,(]|\([^()]*\)|\()+)", re.I),
    # ``CB-4100, made by Corrane``
    "battery.name": re.compile(rf"{_NONE}(?P<keep>[^,]+)(?:,\s.*)?$", re.I),
    # ``Quaymaster LP 40 on 10.30.9.60``
    "printer.name": re.compile(rf"{_NONE}(?P<keep>.+?)(?: {AT_PORT})?$", re.I),
    "display.name": re.compile(
        rf"{_NONE}(?!{_INCHES})(?P<keep>.+?)(?: \((?:{CONNECTOR})\))?(?: \((?=[^()]*\d)[A-Z0-9-]{{6,24}}\)(?= ))?(?:,? \(?\d{{3,5}} ?[x×] ?\d{{3,5}}\b.*)?$",
        re.I,
    ),
    # ``Palefire FX 40 8 GB``
    "graphics.name": re.compile(
        rf"{_NONE}(?P<keep>.+?)(?: \((?:{MADE_BY}) [^()]+\))?(?: \(?[\d.,]+ ?[MG]i?[BO](?:[ ,][^()]*(?=\)))?\)?)?$",
        re.I,
    ),
    # ``DDR4-2666`` says of what type it is, and how fast.
    "module.part": re.compile(
        r"(?!(?:LP)?DDR\d\w?(?:[ -]\d{3,5})?$)(?:(?!GiB|MiB)[A-Z][a-z]\w+ (?=(?!LP|DDR)(?=\S*\d)[A-Z0-9]{2,}-[\w-]+$))?(?P<keep>.+)$"
    ),
    # ``wkl210.sys 3.14.2.0 of 2024-02-20``
    "driver.file": re.compile(r"(?P<keep>\S+\.(?:sys|inf|ko|drv|dll)(?=[ ,(])|.+)", re.I),
    # ``Wickerlink, digitally signed``
    "driver.provider": re.compile(rf"(?P<keep>.+?)(?:[,;(] ?(?:{SIGNED}|{NO_SIGNATURE})\)?)?$", re.I),
}

# What firmware and boot loaders number their entries by (UEFI 2.10, 3.1.1: ``Boot0001``).
BOOT_ID = re.compile(r"\{[\w-]+\}|(?:Boot)?[0-9A-F]{4}", re.I)
# What a card is called by who made it.
MODEL_OF_CARD = re.compile(r"[A-Z]\S*(?: \S+)* \S*\d\S*")
# ``wkl210.sys 3.14.2.0``
FILE_OF_DRIVER = re.compile(r"\S+\.(?:sys|inf|ko|drv|dll) \(?v?\d", re.I)
# ``Quaymaster 8.4.2``
NAME_AND_VERSION = re.compile(r"(?P<name>.*[^\W\d_].*?) v?(?P<version>\d{1,5}(?:\.\d{1,6}){1,4})")
# What parts are for, or of which kind in the table of an old layout.
PART_KINDS = re.compile(
    r"\befi\b|reserv|zarezerw|gereserv|recover|wiederherst|recuper|recupero|ripristino|herstel|odzysk|primary|prim[aä]r|primair|primari|podstawow|basic|basis|"
    r"\bdat[aeoi]|donnees|dane|gegevens|swap|system"
)
# ``Siskin SK08-D4-2666``: who made it, and the number of the part.
PART_NUMBER = re.compile(r"(?!LP|DDR)(?=\S*\d)[A-Z0-9]{2,}-[\w-]+")
MAKER_AND_PART = re.compile(rf"(?P<maker>(?!GiB|MiB)[A-Z][A-Za-z][^\W\d_]+) (?P<part>{PART_NUMBER.pattern})")

# What boards call the sockets of their memory modules.
SOCKET = re.compile(
    r"(?:(?:slots?|sockets?|bank|(?:steck|speicher)?platz|emplacement|ranura|z[óo]calo|alloggiamento|sleuf|gniazdo|encaixe) )?"
    r"(?P<code>(?:channel|kanal|canale?|kanaal|kana[łl]) (?:(?-i:[A-H])|\d)[,/]? ?(?:dimm|slot|(?:steck)?platz|socket|emplacement|ranura|z[óo]calo|alloggiamento|posto|sleuf|gniazdo|encaixe|ranhura) \d|"
    r"(?:(?:DIMM|CH|BANK)[ _-]?[A-H]|(?-i:[A-H]))[ _-]?\d{1,2}|DIMM ?\d{1,2}|DIMM[ _-](?-i:[A-H])|"
    r"(?:Channel|CH|P\d CH(?:annel)?)[ _-]?(?-i:[A-H]|\d)(?:[ /_-](?:DIMM|Slot)?[ _-]?\d)?)",
    re.I,
)
