"""What sentences in other languages than English say of a PC: patterns kept as data, a subject a block."""

from __future__ import annotations

from yes_tally.core.reading.values.text_forms import DAY

_GIB = r"\d[\d.,]*\s?[MGT]i?[BO]"
_AT = r"(?:[T ,]+(?:um |à |a las |às |alle |om |o |o godz\. )?\d{1,2}:\d\d(?::\d\d)?)?"
_WHEN = rf"(?P<v>{DAY}{_AT})"

_INSTALLED = (
    r"(?:(?:in place|installed|set up) since|"
    r"(?:erst|neu)?(?:installiert|installation|eingerichtet|aufgesetzt)(?: am| vom| seit(?: dem)?)?|"
    r"(?:a [ée]t[ée] )?(?:install[ée]e?|mise? en place|mise? en service|installation)(?: depuis)?(?: le| du)?|"
    r"(?:se )?(?:instal[óo]|instalad[oa]|puest[oa] en marcha|instalaci[óo]n)(?: desde)?(?: el| del)?|"
    r"(?:foi )?(?:instalad[oa]|instala[çc][ãa]o|configurad[oa])(?: desde)?(?: em| a| de| o)?|"
    r"(?:[èe] stat[oa] )?(?:installat[oa]|installazione|in uso|configurat[oa])(?: il| del| dal)?|"
    r"(?:is )?(?:ge[ïi]nstalleerd|ingericht|opgezet|installatie)(?: op| sinds| van)?|"
    r"(?:system )?(?:zainstalowan[oya]|instalacja|postawion[oya])(?: w dniu| z dnia| dnia| od| z)?)"
)

TOLD: tuple[tuple[str, str], ...] = (
    ("os.installed_at", rf"(?:^|[,;(]|\s[-–—]|\s(?-i:(?=[A-Z])))\s*(?:[-*•] )?{_INSTALLED} {_WHEN}(?=\s*(?:uhr)?\s*(?:[,;.()]|$))"),
    ("licence.expires_at", rf"\b(?:ist|noch) (?:noch )?bis (?:zum )?{_WHEN} (?:aktiviert|lizenziert|g[üu]ltig|freigeschaltet)\b"),
    ("licence.state", rf"\b(?:ist|is) (?:noch |nog )?(?:bis|tot) (?:zum )?{DAY}{_AT} (?P<v>aktiviert|lizenziert|geactiveerd)\b"),
    ("licence.resets_left", r"\b(?P<v>\d{1,4}) (?:zur[üu]cksetzung(?:en)?|r[ée]initialisations?|r[ée]armements?|reinicios?|reactivaciones|reposi[çc][õo]es|rearmes?|ripristini|reimpostazioni|resets?|resety|reset[óo]w)\b"),
    ("memory.installed", rf"\b(?:hat|verf[üu]gt [üu]ber|a|poss[èe]de|dispose de|tiene|dispone de|tem|possui|ha|dispone di|heeft|ma|posiada) (?P<v>{_GIB}) (?:de |di )?(?:arbeitsspeicher|hauptspeicher|speicher|ram|m[ée]moire(?: vive)?|memoria|mem[óo]ria|geheugen|werkgeheugen|pami[ęe]ci)\b"),
    ("memory.slots", r"\b(?:speicher|arbeitsspeicher|m[ée]moire|memoria|mem[óo]ria|geheugen|pami[ęe]ci)\b.{0,12}? \d{1,2} (?:von|sur|de|di|su|van|z) (?P<v>\d{1,2}) (?:\w+)?(?:pl[äa]tze\w*|steck\w+|emplacements?|ranuras|z[óo]calos|ranhuras|encaixes|alloggiamenti|slot|sleuven|gniazd\w*|soquetes)\b"),
    ("memory.slots", r"\b(?:m[ée]moire|memoria|mem[óo]ria)\b.{0,12}? \d{1,2} (?:emplacements?|ranuras|z[óo]calos|ranhuras|alloggiamenti|slot|gniazd\w*) (?:sur|de|di|su|z) (?P<v>\d{1,2})\b"),
    ("machine.serial", r"\b(?:with(?: the)?|mit(?: der)?|avec(?: le)?|con(?: il| el)?|com(?: o)?|met(?: het)?|o) (?:seriennummer|num[ée]ro de s[ée]rie|n[úu]mero de serie|n[úu]mero de s[ée]rie|numero di serie|serienummer|numerze seryjnym|serial number) (?P<v>(?=[A-Z-]*\d)[A-Z0-9][A-Z0-9-]{4,23})\b"),
    ("host.booted_at", rf"\b(?:rechner|pc|computer|system)\b.{{0,24}}? (?:am |den )?{_WHEN}(?: uhr)? (?:neu )?(?:gestartet|hochgefahren)\b"),
    ("host.booted_at", rf"\b(?:a [ée]t[ée] (?:re)?d[ée]marr[ée]e?|se (?:inici[óo]|arranc[óo]|reinici[óo])|fue (?:iniciado|arrancado)|foi (?:iniciado|ligado|arrancado)|[èe] stato (?:avviato|acceso|riavviato)|is (?:op)?gestart|(?:zosta[łl] )?uruchomion[oy])\b.{{0,16}}?{_WHEN}"),
    ("host.booted_at", rf"^\s*(?:gestartet|hochgefahren|eingeschaltet|d[ée]marr[ée]e?|allum[ée]e?|arrancado|iniciado|encendido|ligado|avviato|acceso|gestart|opgestart|uruchomiony)(?: (?:am|le|el|em|il|op|dnia|w dniu))? {_WHEN}(?=\s*(?:uhr)?\s*(?:[,;.(]|$))"),
    ("security.virtualisation", r"\b(?:virtuali[sz]\w+|virtualiza\w+|virtualizz\w+|wirtualizacj\w+)\b(?![^.;:]*\b(?:nicht|pas|no|n[ãa]o|non|niet|nie)\b)[^.;:]{0,50}?\b(?P<v>(?:deaktiviert|ausgeschaltet|inaktiv|aktiv(?:iert)?|eingeschaltet|d[ée]sactiv[ée]e?|activ[ée]e?|"
     r"desactivad[oa]|activad[oa]|desativad[oa]|ativad[oa]|disattivat[oa]|disattiv[oa]|attivat[oa]|attiv[oa]|uitgeschakeld|ingeschakeld|wy[łl][ąa]czon[ay]|w[łl][ąa]czon[ay]))(?!\w)"),
    ("firmware.secure_boot", r"\b(?:sichere[rs]? (?:system)?start(?:en)?|d[ée]marrage s[ée]curis[ée]|arranque seguro|inicio seguro|inicializa[çc][ãa]o segura|avvio (?:protetto|sicuro)|(?:be)?veilig(?:d)? opstarten|bezpieczny rozruch|secure boot)\b(?: \w+)? (?:ist|est|est[áa]|[èe]|is|jest) (?P<v>(?:nicht |pas |no |n[ãa]o |non |niet |nie )?[^\W\d_]{2,16})"),
)  # fmt: skip
