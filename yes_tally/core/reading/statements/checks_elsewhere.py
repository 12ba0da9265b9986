"""What checks of health say in other languages than English: patterns kept as data, a language a block."""

from __future__ import annotations

# ``Volume C: wird geprüft``: what is being checked, before how it is said.
IS_CHECKED = (
    r"(?:is|are) (?:being |now )?(?:check|test|scann)ed|(?:wird|werden) (?:gerade |jetzt )?(?:gepr[üu]ft|getestet|[üu]berpr[üu]ft|untersucht)|"
    r"(?:est|sont) (?:en cours de (?:v[ée]rification|contr[ôo]le)|v[ée]rifi[ée]e?s?|contr[ôo]l[ée]e?s?)|se est[áa]n? (?:comprobando|revisando|verificando)|"
    r"est[áa] (?:a ser |sendo )?(?:verificad[oa]|testad[oa])|viene (?:controllat[oa]|verificat[oa])|wordt (?:gecontroleerd|getest|nagekeken)|jest (?:sprawdzan[ya]|testowan[ya])"
)
DRIVES = r"(?:volumen?|laufwerk|datentr[äa]ger|platte|disk|drive|disque|lecteur|unidad|disco|unit[àa]|unidade|schijf|station|wolumin|dysk)"

# The fact, the pattern (what is told is the group ``v``), and what it means where the words themselves are the value.
KINDS: tuple[tuple[str, str], ...] = (
    # German
    (r"\bsystemdatei(?:en)?(?:pr(?:[üu]|ue)fung)?\b|\bdateipr(?:[üu]|ue)fung\b|\bintegrit[äa]tspr(?:[üu]|ue)fung\b", "system-files"),
    (r"\benergie(?:bericht|pr(?:[üu]|ue)fung|diagnose)\b", "energy"),
    (r"\b(?:speicher|ram-?)(?:test|pr(?:[üu]|ue)fung|diagnose)\b", "memory"),
    (r"\b(?:datentr[äa]ger|platten?|laufwerks?|volumen?|dateisystem)-?(?:pr(?:[üu]|ue)fung|test)\b|\bpr(?:[üu]|ue)fung (?:des |der )?(?:volumes?|datentr[äa]gers?|laufwerks?|platte)\b", "disk"),
    # Whatever is checked, when it has a letter: in all of them.
    (r"\b(?:pr(?:[üu]|ue)fung|[üu]berpr(?:[üu]|ue)fung|v[ée]rification|contr[ôo]le|comprobaci[óo]n|verificaci[óo]n|controllo|verifica|verifica[çc][ãa]o|controle|sprawdzanie|kontrola|comprobando|revisando|verificando|pr[üu]fe|sprawdzam|controllando)"
     r"(?: (?:von|des|du|de|del|di|da|do|d[oa]|van|dysku|volume|volumen|laufwerk|schijf|disco|disque))* [A-Z]:(?!\w)", "disk"),
    (r"\b(?:revisi[óo]n|comprobaci[óo]n|v[ée]rifica\w*|contr[ôo]le|controllo|kontrola|controle|pr(?:[üu]|ue)fung|rapport\w*|bericht|informe|raport)"
     r" (?:de |del |d['’]|des |dell[a'’] ?|van |der |da )?(?:la |l['’]|de )?(?:[ée]?energ\w+|[ée]nergie|poboru energii)", "energy"),
    (r"\brevis(?:i[óo]n|ando|ar) (?:de |del |la |el |los )*(?:archivos del sistema|archivos)\b", "system-files"),
    (r"\b(?:revisi[óo]n|prueba|prova|test|controllo|kontrola) (?:de |della |pami[ęe]ci|la )*(?:memoria|pami[ęe]ci)\b", "memory"),
    (rf"\b{DRIVES}(?: [A-Z]:)? (?:{IS_CHECKED})", "disk"),
    (rf"\b(?:arbeitsspeicher|speicher|memory|ram|m[ée]moire|memoria|mem[óo]ria|geheugen|pami[ęe][ćc]) (?:{IS_CHECKED})", "memory"),
    # French
    (r"\bfichiers syst[èe]me\b|\bint[ée]grit[ée]\b.{0,20}\bsyst[èe]me\b", "system-files"),
    (r"\b(?:rapport|contr[ôo]le|diagnostic) (?:[ée]nerg[ée]tique|d[e']\s?(?:l')?[ée]nergie)\b", "energy"),
    (r"\b(?:test|contr[ôo]le|diagnostic) (?:de (?:la )?)?m[ée]moire\b", "memory"),
    (r"\b(?:v[ée]rification|contr[ôo]le|analyse) (?:du |de |le )?(?:disque|volume|syst[èe]me de fichiers)\b", "disk"),
    # Spanish
    (r"\barchivos (?:de|del) sistema\b|\bintegridad del sistema\b", "system-files"),
    (r"\b(?:informe|diagn[óo]stico|comprobaci[óo]n) (?:energ[ée]tico|energ[ée]tica|de energ[íi]a)\b", "energy"),
    (r"\b(?:prueba|diagn[óo]stico|comprobaci[óo]n) de (?:la )?memoria\b", "memory"),
    (r"\b(?:comprobaci[óo]n|revisi[óo]n|revisando|comprobando|analizando|verificando|an[áa]lisis|verificaci[óo]n) (?:del? |el |la )?(?:disco|volumen|sistema de archivos)\b", "disk"),
    # Italian
    (r"\bfile di sistema\b|\bintegrit[àa] del sistema\b", "system-files"),
    (r"\b(?:rapporto|controllo|diagnosi) (?:energetic[oa]|dell'energia)\b", "energy"),
    (r"\b(?:test|controllo|diagnostica|diagnosi)(?: della)? memoria\b", "memory"),
    (r"\b(?:controllo|verifica|analisi) (?:del |il )?(?:disco|volume|file system)\b", "disk"),
    # Portuguese
    (r"\b(?:arquivos|ficheiros) d[eo] sistema\b|\bintegridade do sistema\b", "system-files"),
    (r"\b(?:relat[óo]rio|diagn[óo]stico|verifica[çc][ãa]o) (?:de energia|energ[ée]tic[oa])\b", "energy"),
    (r"\b(?:teste|diagn[óo]stico|verifica[çc][ãa]o) d[ea] mem[óo]ria\b", "memory"),
    (r"\b(?:verifica[çc][ãa]o|an[áa]lise|exame|verificando|analisando|a verificar|a analisar) (?:d[oe] |o )?(?:disco|volume|sistema de (?:arquivos|ficheiros))\b", "disk"),
    # Dutch
    (r"\bsysteembestanden\b|\bintegriteitscontrole\b", "system-files"),
    (r"\benergie(?:rapport|controle|diagnose)\b", "energy"),
    (r"\bgeheugen(?:test|controle|diagnose)\b", "memory"),
    (r"\b(?:schijf|volume|station)(?:controle|test)\b|\bcontrole van (?:de |het )?(?:schijf|volume|station|bestandssysteem)\b", "disk"),
    # Polish
    (r"\bplik(?:i|ów) systemow(?:e|ych)\b|\bintegralno[śs][ćc]\w* systemu\b", "system-files"),
    (r"\b(?:raport|diagnostyka|kontrola) energ(?:ii|etycz\w+)\b", "energy"),
    (r"\b(?:test|kontrola|diagnostyka) pami[ęe]ci\b", "memory"),
    (r"\b(?:sprawdzanie|kontrola|test) (?:dysku|woluminu|systemu plik[óo]w)\b", "disk"),
)  # fmt: skip

# What commands are told to check, by a verb and an object in any order: ``sprawdz dysk D:``, ``image verify``.
_VERB = (
    r"(?:check|test|verify|scan|v[ée]rif|sprawd[zź]\w*|testuj|pr(?:[üu]|ue)f\w*|v[ée]rifi\w*|contr[ôo]l\w*|comprueb\w*|comprobar|revisa\w*|verific\w*|"
    r"controleer\w*|kontroluj\w*|diagnos\w*|diagnoz\w*|anali[sz]\w*|analy[sz]\w*)"
)
_OBJECTS = (
    (
        r"energia|energi[eęi]|[ée]nergie|energ[íi]a|energy|power|str[øo]m|zasilanie|battery|batteri[ae]|bater[íi]a",
        "energy",
    ),
    (r"pami[ęe][ćc]|speicher|ram|m[ée]moire|memoria|mem[óo]ria|geheugen|memory", "memory"),
    (
        r"dysk|platte|laufwerk|datentr[äa]ger|disque|disco|schijf|volume|volumen|wolumin|disk|drive|fs|file-?system",
        "disk",
    ),
    (
        r"pliki|dateien|systemdateien|fichiers|archivos|ficheiros|arquivos|bestanden|systembild|bild|abbild|obraz|imagen|imagem|immagine|image|files",
        "system-files",
    ),
)
ASKED: tuple[tuple[str, str], ...] = tuple(
    (
        rf"(?:^|\s|[-/])(?:(?:self|auto|zelf|selbst)-?)?{_VERB}[ -]?(?:\w+ )?(?:{objects})\b|\b(?:{objects})(?:[ -]?| --?|=){_VERB}\b",
        kind,
    )
    for objects, kind in _OBJECTS
)

_PROBLEM = (
    r"(?:\w*fehler|probleme?|\w*verletzung(?:en)?|besch[äa]digung(?:en)?|besch[äa]digte[nr]?|endommag[ée]e?s|da[ñn]ad[oa]s|danneggiat[ie]|danificad[oa]s|beschadigde|uszkodzon(?:e|ych)|erreurs?|probl[èe]mes?|violations?|errore?s?|errori|problemas?|"
    r"infracci(?:ón|ones)|violazion[ei]|problemi?|erros?|viola[çc](?:ão|ões)|fouten|problemen|\w*schendingen|b[łl][ęe]d[óo]?[wy]?|problem[óo]?w?|narusze[ńn]?)"
)
_MENDED = (
    r"(?:behoben|repariert|korrigiert|r[ée]par[ée]e?s?|corrig[ée]e?s?|reparad[oa]s?|corregid[oa]s?|riparat[oi]|corrett[oi]|"
    r"corrigid[oa]s?|hersteld|gerepareerd|naprawion[eoy]|usuni[ęe]t[eoy])"
)
_DAMAGED = r"(?:besch[äa]digt|endommag[ée]e?s?|da[ñn]ad[oa]s?|danneggiat[oi]|danificad[oa]s?|beschadigd|uszkodzon(?:[eyao]|ego))"

RESULTS: tuple[tuple[str, str], ...] = (
    (
        r"\b(?:abgebrochen|unterbrochen|nicht (?:beendet|abgeschlossen)|interrompue?|interrumpid[oa]|interrumpi[óo]|cancel[óo]|cancelad[oa]|interrott[oa]|annullat[oa]|"
        r"interrompid[oa]|afgebroken|onderbroken|geannuleerd|przerwan[aeoy]|anulowan[aeoy])\b",
        "not-finished",
    ),
    (rf"\b(?:nicht|konnten? nicht|n'ont pas pu|non|no (?:se )?(?:pudo|pudieron)|n[ãa]o|niet|nie)\b.{{0,40}}\b{_MENDED}\b", "damaged"),
    (
        r"\b(?:nie uda[łl]o si[ęe]|nie mo[żz]na|non (?:[èe] stato possibile|si [èe] potut[oa]|possono essere)|no (?:fue|ha sido|es) posible|n[ãa]o foi poss[íi]vel|impossible d[e']|il est impossible)\b"
        r".{0,24}\b(?:naprawi\w+|ripara\w+|reparar\w*|r[ée]parer|corregir|corriger)\b",
        "damaged",
    ),
    (r"\bse (?:han )?(?:repar|corrig)(?:aron|ieron|ó)\b|\bont [ée]t[ée] (?:r[ée]par|corrig)[ée]e?s\b|\b(?:wurden?|sono stat[ie]|foram|zijn|zosta[łl]y) (?:alle )?(?:repariert|behoben|riparat[ie]|corrett[ie]|reparad[oa]s|corrigid[oa]s|hersteld|gerepareerd|naprawione)\b", "repaired"),
    (rf"\b{_PROBLEM}\b.{{0,60}}\b{_MENDED}\b|\b{_MENDED}\b.{{0,30}}\b{_PROBLEM}\b", "repaired"),
    (
        rf"\b(?:keine?|aucune?|pas d[e']|ning[úu]n[ao]?|sin|nessun[ao]?|nenhum[a]?|sem|geen|[żz]adnych|nie (?:znaleziono|wykryto)|bez)\s?(?:\w+ ){{0,2}}{_PROBLEM}\b",
        "clean",
    ),
    (rf"\b(?:nichts?|rien d'|nada|niente|nulla|niets?|nic|nie|non|pas|no|n[ãa]o)\s?(?:\w+ ){{0,2}}{_DAMAGED}\b", "clean"),
    (rf"\b{_DAMAGED}\b", "damaged"),
)  # fmt: skip

RESULTS = (
    (
        rf"\b(?:no se (?:han? )?(?:encontr|detect)\w+|aucune? \w+ n'a|n'ont (?:pas )?[ée]t[ée] trouv\w+|non (?:sono stati|è stato) (?:trovat|rilevat)\w+|"
        rf"n[ãa]o (?:foram|foi) encontrad\w+|nie (?:znaleziono|wykryto))\b.{{0,30}}?\b{_PROBLEM}\b",
        "clean",
    ),
    (
        r"\b(?:no termin[óo]|detenid[oa] por|n'a pas (?:fini|termin[ée])|arr[êe]t[ée]e? par|arrestat[oa] da\w*|fermat[oa] da\w*|non (?:è finit|ha finit)\w+|"
        r"(?:wurde )?nicht (?:fertig|zu ende)\w*|parad[oa] por|n[ãa]o (?:acabou|terminou|concluiu)|gestopt door|niet klaar|zatrzyman\w+ przez|nie uko[ńn]czon\w+)\b",
        "not-finished",
    ),
    *RESULTS,
)

# A count in digits, or a small one in words.
HOW_MANY = (
    r"\d+|(?:one|two|three|four|five|six|seven|eight|nine|ten|eine?n?|zwei|drei|vier|f[üu]nf|sechs|sieben|acht|neun|zehn|une?|deux|trois|quatre|cinq|huit|neuf|dix|"
    r"un[oa]|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|uma?|dois|duas|quatro|sete|oito|nove|dez|due|tre|quattro|cinque|sei|sette|otto|dieci|"
    r"een|twee|drie|vijf|zes|zeven|negen|tien|jed(?:en|na|no)|dwa|dwie|trzy|cztery|pi[ęe][ćc]|sze[śs][ćc]|siedem|osiem|dziewi[ęe][ćc]|dziesi[ęe][ćc])"
)
COUNTS: tuple[tuple[str, str], ...] = (
    ("health_check.errors", rf"\b(?P<v>{HOW_MANY}) (?:fehler|erreurs?|errores|errori|errore|erros?|fouten|fout|b[łl][ęe]d[óo]w|b[łl][ąa]d|b[łl][ęe]dy)\b"),
    ("health_check.warnings", rf"\b(?P<v>{HOW_MANY}) (?:warnung(?:en)?|avertissements?|advertencias?|avvis[oi]|avisos?|waarschuwing(?:en)?|ostrze[żz]e[ńn]|ostrze[żz]eni[ae])\b"),
    ("health_check.notes", rf"\b(?P<v>{HOW_MANY}) (?:hinweise?|remarques?|informations?|informaci(?:ón|ones)|notas?|informazion[ei]|not[ae]|informa[çc](?:ão|ões)|opmerking(?:en)?|informacj[ai]e?|uwag[ai]?)\b"),
    ("health_check.errors", r"\b(?:fehler|erreurs?|errores|errori|erros|fouten|b[łl][ęe]d(?:y|[óo]w))(?:\s*:\s*|\s+(?=\d+[,;]))(?P<v>\d+)"),
    ("health_check.warnings", r"\b(?:warnungen|avertissements|advertencias|avisos|avvisi|waarschuwingen|ostrze[żz]e(?:nia|ń|n))(?:\s*:\s*|\s+(?=\d+(?:[,;]|\W*$)))(?P<v>\d+)"),
    ("health_check.notes", r"\b(?:hinweise|remarques|notas|note|opmerkingen|uwagi|uwag|informacj[ie]|informations|informazioni|informa[çc][õo]es|informaciones)(?:\s*:\s*|\s+(?=\d+(?:[,;]|\W*$)))(?P<v>\d+)"),
)  # fmt: skip
