"""Set phrases of failed commands, by the kind of failure that they state."""

from __future__ import annotations

from yes_tally.core.failures.words import REFUSED

# What a failed command says, by kind. The first kind whose pattern is found names the failure.
FAILURES: tuple[tuple[str, str, str], ...] = (
    ("no-rights", "it needs administrator rights",
     rf"^(?:[\w-]{{2,24}} ?: )?{REFUSED} ?(?:[:.;,(-]|$)|"
     rf"^[\w-]{{2,24}} ?: {REFUSED}\b|"
     r"permission denied|access (?:is |was )?(?:denied|refused)|administrator rights|must be (?:root|an? admin)|not permitted|requires elevation|administrators? only|operazione non consentita|"
     r"operation not allowed|operacion no permitida|operacao nao permitida|operation non autorisee|vorgang nicht gestattet|bewerking niet toegestaan|operacja niedozwolona|"
     r"you may not (?:read|write|open|use|see|change|do|run)|not allowed (?:to|for)|by administrators|for administrators|(?:window|shell|prompt|rights|session) of an administrator|"
     r"only (?:the |an? )?(?:owner|superuser|operators?) (?:\w+ ){0,4}(?:may|can)|zugriff (?:wurde )?verweigert|administratorrechte|nicht (?:erlaubt|berechtigt)|"
     r"acces (?:est |a ete )?(?:refuse|interdit)|permission refusee|en tant qu.administrateur|acceso (?:ha sido )?denegado|permiso denegado|accesso (?:e )?negato|permesso negato|"
     r"(?:deve|devi|bisogna) essere amministratore|acesso (?:foi )?negado|permissao negada|(?:precisa|preciso|deve) ser administrador|toegang (?:is )?geweigerd|geen toegang|beheerdersrechten|"
     r"nicht gestattet|(?:^|: )(?:no permitido|nao permitido|non consentito|non permis|nicht erlaubt|niet toegestaan|niedozwolone)\b|privileges? insuffisants?|autorisation (?:refusee|insuffisante)|operacion no autorizada|direitos insuficientes|(?:so|apenas|somente) para administradores|"
     r"solo (?:per )?(?:gli )?amministratori|niet gemachtigd|alleen (?:voor )?beheerders|tylko dla administratorow|niet bevoegd|ask an? admin\w*|not authori[sz]ed|unauthori[sz]ed|odmowa dostepu|"
     r"dostep zabroniony|brak (?:uprawnien|dostepu)"),
    ("timed-out", "it did not answer in time",
     r"timed? ?out|did not (?:answer|reply|respond) (?:in time|within)|gave up (?:after|waiting)|stopped waiting|took too long|no (?:answer|reply|response) (?:from|within|after|in)|"
     r"did not (?:answer|reply|respond)\.?$|antwoordde niet|heeft niet geantwoord|antwortete? nicht|(?:hat|haben) nicht geantwortet|n.a pas repondu|no (?:ha )?respond\w+|non ha risposto|"
     r"nao respondeu|nie odpowiedzia\w*|zeituberschreitung|nicht rechtzeitig|temps (?:d.attente )?depasse|tiempo de espera|time-?out|limite de tempo|"
     r"keine (?:antwort|ruckmeldung) (?:innerhalb|binnen|nach|in)|antwortet nicht|(?:pas|aucune) (?:de )?reponse (?:dans|apres|du)|ne repond pas|no responde\b|nao responde\b|non risponde\b|"
     r"antwoordt niet|geen antwoord (?:binnen|na|op tijd)|(?:limit )?czas\w* (?:minal|uplynal)|nie odpowiada|niet op tijd"),
    ("not-found", "there is no such command on this PC",
     r"\b(?:do|does|did) ?n[o'’]t know (?:that|this|it|what|the command|any)\b|knows? no (?:such )?(?:command|word|verb)|never heard of|"
     r"(?:kennt|kenne) (?:den|diesen|das|dieses|keinen?) (?:befehl|wort)|no command of that name|nothing (?:here )?by that name|no such word|not a (?:known )?command|is not a command|"
     r"is not a program|know nothing called|knows nothing called|(?:is|was) not understood|unknown to this (?:shell|console|pc)|"
     r"(?:not found|unknown|no such \w+)\W{1,3}(?:did you mean|nearest|perhaps|maybe)|(?:is not|isn.t) (?:a |an )?known|does not exist here|befehl .{0,60}(?:nicht gefunden|unbekannt)|"
     r"nicht als .{0,20}befehl|ist (?:hier )?nicht bekannt|kein solcher befehl|kein (?:bekannter|gultiger) befehl|n.est pas reconnu|(?:la |cette )commande n.existe pas|no es un comando|"
     r"polecenie (?:nieznane|nie (?:istnieje|zostalo))|nie jest rozpoznawan|nie ma takiego polecenia|"
     r"(?:no|kein|keine|aucun|aucune|ningun|ninguna|nessun|nessuna|nenhum|nenhuma|geen|brak) (?:programs?|programm|programme|programa|programma|programu|tools?|werkzeug|outil|herramienta|strumento|ferramenta|narzedzia) (?:is |est |es |e )?(?:called|named|of that name|namens|mit diesem namen|nomme|appele|llamad|chiamat|chamad|genaamd|o nazwie)|"
     r"bad command|did you mean|wurde nicht erkannt|meinten sie|aucune commande|vouliez-vous dire|quiso decir|forse cercavi|onbekend commando|bedoelde u|nothing (?:is )?known of|"
     r"not something (?:this|the) \w+ knows|what is ['\"“]|(?:unbekanntes|kein solches) (?:wort|kommando)|mot inconnu|palabra desconocida|palavra desconhecida|parola sconosciuta|onbekend woord|"
     r"nieznane slowo|there is no (?:command|word|verb) |is no command|is not known here|: not found$"),
    ("not-supported", "this PC does not support it",
     r"not supported|unsupported (?:on|by)|does not support|not implemented|nothing of (?:that|this) kind|(?:service|daemon|agent)\b.{0,30}\bis not running|this (?:pc|machine|computer) has no|"
     r": nothing to (?:show|read|tell)|"
     r"(?:deze|dieser?|ce|cet|este|questo|ten) (?:pc|computer|rechner|poste|ordinateur|equipo|ordenador|computador|komputer) (?:heeft geen|hat kein|n.a pas|no tiene|non ha|nao tem|nie ma)|"
     r"not possible (?:on|here)|has nothing to (?:show|read)|(?:unknown|invalid|unrecogni[sz]ed|no such) (?:option|switch|argument|parameter|topic|subject|target|thing)|command rejected|"
     r"(?:illegal|bad) (?:option|switch|flag|argument)|(?:unknown|invalid|unsupported) (?:format|flag)|format (?:inconnu|unbekannt|desconocido|desconhecido|onbekend)|"
     r"formato (?:sconosciuto|desconocido|desconhecido)|"
     r"(?:sujet|cible|thema|ziel|tema|objetivo|argomento|assunto|alvo|onderwerp|doel|temat|cel) (?:inconnue?|desconocid[oa]|sconosciut[oa]|desconhecid[oa]|onbekend|nieznany)|"
     r"(?:unbekannte[rs]?|onbekend|nieznany) (?:ziel|thema|onderwerp|doel|temat|cel)\b|nicht unterstutzt|unbekannte option|ne prend pas en charge|n.est pas pris en charge|option inconnue|"
     r"no (?:esta|es) (?:compatible|admitid)|opcion desconocida|opzione sconosciuta|opcao desconhecida|onbekende optie|nieznana opcja|nao e uma? (?:opcao|parametro|argumento|subcomando)\b|"
     r"no es una? (?:opcion|parametro|argumento|modificador|subcomando)\b|non e un.? ?(?:opzione|parametro|argomento|sottocomando)\b|is (?:not an?(?: valid| known)?|no) (?:option|switch|argument|subcommand|flag)|n.est pas une? (?:option|parametre|argument|sous-commande)|"
     r"ist keine? (?:gultige[rs]? |bekannte[rs]? )?(?:option|parameter|angabe|schalter|unterbefehl|argument)|is geen (?:geldige |bekende )?(?:optie|parameter|argument|schakelaar)|(?:opcja|parametr) \S+ nie istnieje|nie jest (?:poprawn\w+ |znan\w+ )?(?:opcja|parametrem|argumentem|przelacznikiem)|"
     r"unsupported (?:parameter|option|switch|argument|command|function)|(?:feature|function|option|command|service|operation|query) is not available|unavailable on this|"
     r"(?:ungultige[rs]?|falsche[rs]?|unbekannte[rs]?) (?:option|parameter|schalter|argument)|auf (?:diesem|dieser) \w+ nicht (?:verfugbar|moglich|vorhanden)|nicht implementiert|"
     r"(?:option|parametre|argument|commutateur) (?:invalide|incorrecte?|inconnue?|non reconnue?)|(?:fonction|commande|option) n.est pas (?:disponible|prise en charge)|"
     r"(?:opcion|parametro|argumento|modificador) (?:no valid[oa]|invalid[oa]|desconocid[oa]|incorrect[oa])|(?:funcion|orden|opcion) no esta disponible|no se admite|"
     r"(?:opcao|parametro|argumento) (?:invalid[oa]|desconhecid[oa]|incorret[oa])|(?:funcao|opcao|comando) nao esta disponivel|"
     r"(?:opzione|parametro|argomento) (?:non valid[oa]|sconosciut[oa]|errat[oa])|(?:funzione|opzione|comando) non e disponibile|"
     r"(?:ongeldige|onbekende|verkeerde) (?:optie|parameter|schakelaar|argument)|(?:functie|optie|opdracht) is niet beschikbaar|"
     r"(?:nieprawidlow[ya]|niepoprawn[ya]|nieznan[ya]) (?:opcja|parametr|argument|przelacznik)|(?:funkcja|opcja|polecenie) jest niedostepn[ae]|file not found|cannot find the (?:file|path|device)|"
     r"(?:datei|gerat|pfad) (?:wurde )?nicht gefunden|(?:fichier|chemin) (?:introuvable|non trouve)|no se (?:encontro|encuentra) (?:el |la )?(?:archivo|fichero|ruta|dispositivo)|"
     r"(?:ficheiro|arquivo|caminho) nao encontrado|(?:file|percorso) non trovato|(?:bestand|pad) niet gevonden|nie znaleziono (?:pliku|sciezki|urzadzenia)|"
     r"kann? .{0,40}nicht (?:geoffnet|gelesen|offnen|lesen)|lasst sich nicht (?:offnen|lesen)|impossible d.(?:ouvrir|acceder)|ne peut (?:pas )?(?:etre (?:ouvert|lu)|ouvrir|lire)|"
     r"no se (?:puede|pudo|ha podido) (?:abrir|leer|acceder)|nao (?:foi possivel|e possivel|se consegue|pode) (?:abrir|ler|aceder|acessar)|impossibile (?:aprire|leggere|accedere)|"
     r"kan .{0,40}niet (?:openen|lezen|worden (?:geopend|gelezen))|nie (?:mozna|udalo sie) (?:otworzyc|odczytac)|no such (?:file|device|file or directory)|cannot (?:open|read|access)|"
     r"could not (?:open|read|be read|access)|\d ?: (?:there is )?no such (?!name|host|domain|address)[a-z ]{2,24}\W*$|"
     r"\d ?: (?:does not exist|gibt es nicht|existiert nicht|introuvable|n.existe pas|no existe|no encontrad[oa]|inexistente|non esiste|non trovat[oa]|nao existe|nao encontrad[oa]|bestaat niet|niet gevonden|nie istnieje|nie znaleziono)\W*$|"
     r"(?:this|the) (?:pc|machine|computer|model|hardware|firmware|board) (?:cannot do|can.t do|lacks|has no such)|there (?:is|are) no (?:such )?[\w-]+(?: \S+)? (?:on|in|at) this \w+|"
     r"(?:auf|in) diesem \w+ (?:gibt es|ist) kein|(?:il n.y a|pas) (?:pas )?d[e'’] ?\S+(?: \S+)? sur ce|no hay \w+(?: \S+)? en este|n[a]o ha \w+(?: \S+)? neste|non c.e \w+(?: \S+)? (?:su|in) questo|"
     r"er is geen \w+(?: \S+)? op deze|nie ma \w+(?: \S+)? na tym|"
     r"\w+ (?:\d+|[a-z]:) (?:ist nicht vorhanden|gibt es nicht|existiert nicht|n.existe pas|no existe|non esiste|nao existe|bestaat niet|nie istnieje|does not exist|is not (?:there|present|fitted))|"
     r"no soportad[oa]|\bno \w+ has the (?:number|name|id)|es gibt kein\w* \w+ \d|only in (?:the )?\w+ edition"),
    ("cut-off", "its output was cut off",
     r"output (?:was )?(?:cut off|truncated)|connection (?:closed|lost|reset)|broken pipe|^\^c$"),
)  # fmt: skip
