"""What a command says when it fails, in the languages of the reader."""

from __future__ import annotations

import re
from functools import lru_cache

from yes_tally.core.words import plain

# The words that sentences of failed commands are made of, in the eight languages, without accents.
_ADMIN = r"(?<!\\)(?:amministrat\w+|admin\w*|beheerder\w*|root|superuser\w*)"
_RIGHTS = (
    r"(?:rights?|privileg\w*|permiss\w+|permis\w{0,2}|elevation|admin-?rechte\w*|\w*rechten?|berechtigung\w*|droits?|autoris\w+|derechos?|"
    r"direitos?|diritt\w|autorizzazion\w|permess\w|bevoegdhe\w+|machtiging\w*|toestemming|uprawnien\w*|praw[ao]?|autorizac\w+|sudo)"
)
_NEEDED = (
    r"(?:needs?|needed|requires?|required|must|benotig\w+|brauch\w+|erforder\w+|notig|exigen?|requier\w*|requis\w*|necessit\w+|faut|doit|devez|"
    r"necesit\w+|requerid\w+|hacen? falta|debe\w*|hay que|precisa\w*|necessari\w+|requer\w*|deve|devi|serv(?:e|ono)|richied\w+|richiest\w|occorr\w+|"
    r"bisogna|vereist\w*|nodig|moet|wymag\w+|potrzeb\w+|musi\w*|nalezy|trzeba|demande\w*|necessaires?)"
)
_ONLY = (
    r"(?:only|nur|reserve\w*|seul\w*|solo|unicamente|reservad\w|so|apenas|somente|soltanto|riservat\w|alleen|enkel|uitsluitend|tylko|wylacznie|"
    r"run \w* ?as|started as|als|en tant qu\w+|como|come|jako)"
)
_LACKING = (
    r"(?:no|not|without|lacks?|missing|insufficient|kein\w*|fehl\w+|unzureich\w+|ohne|nicht|pas|sans|manqu\w+|insuffi\w+|sin|falta\w*|"
    r"insufi\w+|sem|nao|non|manc\w+|senza|geen|onvoldoende|zonder|ontbre\w+|brak\w*|nie|niewystarcz\w+|zu wenig|too few)"
)
_YOU_ARE = (
    r"(?:you are|you're|du bist|sie sind|vous n.etes|usted|no eres|non sei|non siete|voce|u bent|je bent|nie jestes)"
)
# Nothing between two of them ends a part of a sentence.
_SOME = r"[^,;:|=()\\]{0,40}?"
_COMMAND = (
    r"(?:commands?|programs?|tools?|verb|befehl|kommando|programm|werkzeug|commande|programme|outil|orden|comando|programa|herramienta|ferramenta|"
    r"strumento|programma|opdracht|commando|polecen\w+|programu?|narzedzi\w+)"
)
_UNKNOWN = (
    r"(?:not (?:found|known|recogni[sz]ed)|unknown|does not exist|nicht (?:gefunden|bekannt|erkannt)|(?:unbekannt|onbekend)(?:e[rs]?)?|gibt es (?:hier )?nicht|existiert nicht|"
    r"introuvable|inconnue?|non (?:trouvee?|reconnue?)|n.existe pas|no existe|no (?:se )?(?:encontr\w+|reconoc\w+|conoc\w+)|desconocid[oa]|in?existente|inesistente|sconosciut[oa]|non esiste|"
    r"non (?:e )?(?:trovat[oa]|riconosciut[oa])|nao (?:existe|(?:foi )?encontrad[oa]|(?:e |foi )?reconhecid[oa])|desconhecid[oa]|niet (?:gevonden|herkend|bekend)|bestaat niet|"
    r"nie (?:istnieje|znaleziono|zostal\w* znalezion\w+|znam|jest znane)|nieznan\w+)"
)
_AVAILABLE = r"(?:supported|available|offered|unterstutzt|verfugbar|pris en charge|disponi[bv]\w+|compatib\w+|supporta\w+|suportad\w|ondersteund|beschikbaar|obslugiwan\w+|dostepn\w+)"
_THIS = r"(?:this|dies\w{0,2}|cet?|cette|est[ea]|nest[ea]|quest[oa]|dit|deze|tym|tej|here|hier|ici|aqui|qui|tutaj|tu)"
_MACHINE = r"(?:pc|machine|computer|model\w*|hardware|firmware|board|editions?|edizione|edicion|edicao|rechner|gerat|poste|ordinateur|appareil|equipo|ordenador|computador|dispositivo|sistema|system|apparaat|komput\w+|urzadzeni\w+|version\w*|wersj\w+)"
_HAS_NO = r"(?:has no|has not|hat kein\w*|n.a pas|no tiene|nao tem|non ha|heeft geen|nie ma\w*|does not (?:have|offer|support)|lacks)"
_ANSWER = r"(?:answer|reply|response|antwort|ruckmeldung|reponse|respuesta|risposta|resposta|antwoord|odpowiedzi)"
_NO = r"(?:no|keine?|aucune|pas de|sin|sem|nessuna|senza|geen|brak|bez|sans|ninguna|nenhuma|not? ?any|without|ohne|zonder)"
_IN_TIME = r"(?:\d+ ?(?:s|ms|sec\w*|sek\w*|seg\w*|min\w*)\b|in time|rechtzeitig|a temps|a tiempo|a tempo|in tempo|op tijd|na czas|(?:innerhalb|binnen|within) )"
_TIME = r"(?:time limit|time|timer|zeitlimit|zeit|frist|delai|temps|tiempo|tempo|tijd|tijdslimiet|limit czasu|czas\w*)"
_OVER = (
    r"(?:exceeded|expired|ran out|is up|uberschritten|erreicht|abgelaufen|verstrichen|depasse|ecoule|expire|agotado|excedido|superado|expirado|scaduto|"
    r"esgotado|verstreken|overschreden|przekroczon\w+|uplynal|minal)"
)


def _near(*words: str) -> str:
    """A pattern of the words in this order, within one part of a sentence."""
    return r"\b" + rf"\b{_SOME}\b".join(words) + r"\b"


def _either_way(one: str, other: str) -> str:
    return f"{_near(one, other)}|{_near(other, one)}"


# Forms of sentences, by the kind of failure that they state.
_FORMS: dict[str, tuple[str, ...]] = {
    "no-rights": (
        _either_way(rf"(?:{_NEEDED}|{_ONLY})", _ADMIN),
        r"\belevated (?:shell|prompt|window|console|session)\b",
        _either_way(_NEEDED, _RIGHTS),
        _either_way(_LACKING, _RIGHTS),
        _near(_YOU_ARE, _LACKING, _ADMIN),
        r"(?:^|[:.!] )not an admin\w*|\ben administrateur\b",
        r"\b(?:have no|no tienes?|nao tem|non hai|non ha|n.avez pas|nie masz|haben keinen|hast keinen|hebt geen) (?:d.)?(?:access|acceso|acesso|accesso|acces|dostepu|zugriff|toegang)\W*$",
    ),
    "not-found": (
        _either_way(_COMMAND, _UNKNOWN),
        r"\b(?:do(?:es)? ?n.?t know|kenne?t? (?:ich )?nicht|connais pas|no conozco|nao conheco|non conosco|ken ik niet|nie znam)\b(?! \S+\.\S)",
        rf"\b{_LACKING} (?:\w+ ){{0,2}}{_COMMAND}\b",
        rf"\bis not recogni[sz]ed\b|\bnao (?:e|foi) reconhecid|\bnon e riconosciut|\bno se reconoce|\bnao se reconhece|\bno such {_COMMAND}\b",
    ),
    "not-supported": (
        _near(r"(?:not|nicht|pas|no|nao|non|niet|nie)", _AVAILABLE, _THIS),
        rf"\b{_THIS} {_MACHINE}(?: {_HAS_NO}\b|.{{0,20}} (?:no lo|non lo|nao o) )",
        rf"\b{_LACKING}(?: (?!installed|installiert|installe|found|gefunden|trouve|encontr|trovat|gevonden|znalez)\w+)? (?:(?:on|in|auf|sur|dans|en|su|op|na|w) )?{_THIS} {_MACHINE}\b",
        r"\b(?:not|nicht|non|no|nao|niet|nie) (?:supported|unterstutzt|pris en charge|supporta\w+|suportad\w|soportad\w|ondersteund|obslugiwan\w+)\b",
        r"^unsupported\W*$|\bgibt es (?:auf|bei|in) \w+ \w+ nicht\b|\b(?:firmware|board|hardware|bios) does not (?:offer|have|provide|support)\b",
        _near(r"(?:nie)?(?:dostepn|obslugiwan)\w+", _THIS),
        r"\bunterstutzt (?:das|dies|es|diese \w+) nicht\b|\b(?:offers|has|provides) no such\b|\b(?:cannot|can.t) (?:report|tell|provide) (?:that|this|it)\b",
    ),
    "timed-out": (
        _near(_NO, _ANSWER, _IN_TIME),
        _either_way(
            r"(?:abgebrochen|interrompu\w?|cancelad[oa]|interrumpid[oa]|interrompid[oa]|interrott[oa]|annule\w?|abandon\w*|afgebroken|przerwan[oay]|stopped|cancell?ed|aborted|waited)",
            r"\d+ ?(?:s|sec\w*|sek\w*|seg\w*)",
        ),
        r"\b(?:is|are) not answering\b|\bno contesta\b",
        rf"\b(?:gave|gab|gibt|donne|dio|dato|deu|gaf|geeft|dal\w?|udzielil\w?) (?:{_NO} )?{_ANSWER}\b",
        rf"\b{_TIME}(?: (?:limit\w*|d.attente|de espera|di attesa|czasu|oczekiwania|was|is|ist|est|wurde|ha|a ete|has|maxim\w+))*(?: {_OVER})\b|\b{_OVER} {_TIME}\b",
    ),
}

_REFUSED = (
    r"(?:refused|denied|forbidden|abgelehnt|verweigert|verboten|refusee?|interdit|rechazad[oa]|denegad[oa]|rifiutat[oa]"
    r"|negat[oa]|recusad[oa]|negad[oa]|geweigerd|verboden|odmowa|odmowiono|odrzucono|zabronion\w+)"
)

# What a failed command says, by kind. The first kind whose pattern is found names the failure.
FAILURES: tuple[tuple[str, str, str], ...] = (
    ("no-rights", "it needs administrator rights",
     rf"^(?:[\w-]{{2,24}} ?: )?{_REFUSED} ?(?:[:.;,(-]|$)|"
     rf"^[\w-]{{2,24}} ?: {_REFUSED}\b|"
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
# Nothing but a line that begins with the command's own name, and that tells nothing: an error in other words.
NOTHING_BUT_AN_ERROR = "failed"
FAILURE_SENTENCES: dict[str, str] = {
    **{kind: sentence for kind, sentence, _ in FAILURES},
    NOTHING_BUT_AN_ERROR: "it printed nothing but an error",
}
_PATTERNS = {kind: "|".join((pattern, *_FORMS.get(kind, ()))) for kind, _, pattern in FAILURES}
# The room between two columns: what stands in one says nothing of the other.
_COLUMNS = re.compile(r"(?<=\S) {2,}(?=\S)")
_FAILURE_WORDS = re.compile("|".join(f"(?:{pattern})" for pattern in _PATTERNS.values()))


@lru_cache(maxsize=1)
def _kinds() -> tuple[tuple[str, re.Pattern[str]], ...]:
    """The kinds and their patterns; a report of which no command failed needs none of them."""
    return tuple((kind, re.compile(pattern)) for kind, pattern in _PATTERNS.items())


def failure_kind(line: str) -> str | None:
    """The kind of failure that a line states, or ``None``."""
    if len(line) > 400:
        return None
    text = plain(_COLUMNS.sub(" | ", line))
    if not _FAILURE_WORDS.search(text):
        return None
    return next(kind for kind, pattern in _kinds() if pattern.search(text))
