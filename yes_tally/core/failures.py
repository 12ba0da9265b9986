"""What a command says when it fails, in the languages of the reader."""

from __future__ import annotations

import re
from functools import lru_cache

from yes_tally.core.words import plain

# What a failed command says, by kind. The first kind whose pattern is found names the failure.
FAILURES: tuple[tuple[str, str, str], ...] = (
    ("no-rights", "it needs administrator rights",
     r"permission denied|access (?:is |was )?(?:denied|refused)|administrator rights|must be (?:root|an? admin)|needs? (?:root|admin|administrator|elevated)|"
     r"not permitted|requires elevation|(?:run|sign in|started) as (?:root|an? admin|admin)|administrators? only|only (?:root|admins?)\b|operazione non consentita|operation not allowed|operacion no permitida|operacao nao permitida|operation non autorisee|vorgang nicht gestattet|bewerking niet toegestaan|operacja niedozwolona|only (?:for |by )?(?:an )?administrators?|"
     r"you may not (?:read|write|open|use|see|change|do|run)|not allowed (?:to|for)|(?:not enough|missing|lacks?|without|no) (?:the )?(?:rights?|privileges?)\b|(?:needs?|requires?|wants?|asks? for) (?:the )?(?:rights? of )?(?:an )?(?:root|admin\w*|elevat\w+|higher rights)|by administrators|for administrators|(?:window|shell|prompt|rights|session) of an administrator|elevated (?:shell|prompt|window|rights)|insufficient (?:rights|privileges|permissions)|only (?:the |an? )?(?:owner|superuser|operators?) (?:\w+ ){0,4}(?:may|can)|"
     r"zugriff (?:wurde )?verweigert|administratorrechte|keine (?:berechtigung|rechte)|nicht (?:erlaubt|berechtigt)|nur (?:fur|als) administrator|"
     r"acces (?:est |a ete )?(?:refuse|interdit)|droits? (?:d.)?administrat|n.avez pas (?:les? |l.)?(?:droit|autorisation)|permission refusee|en tant qu.administrateur|"
     r"acceso (?:ha sido )?denegado|permiso denegado|derechos de administrador|(?:debe|tiene que) ser administrador|permisos de administrador|no tiene permiso|"
     r"accesso (?:e )?negato|permesso negato|diritti di amministratore|(?:deve|devi|bisogna) essere amministratore|privilegi di amministratore|privilegi\w* (?:richiest\w+ |necessari\w* )?(?:non (?:disponibil|concess|sufficient)|mancant|insufficient)|"
     r"acesso (?:foi )?negado|permissao negada|direitos de administrador|(?:precisa|preciso|deve) ser administrador|privilegios de administrador|"
     r"toegang (?:is )?geweigerd|geen toegang|beheerdersrechten|moet (?:een )?beheerder|beheerder zijn|als beheerder|"
     r"(?:must be|need to be|not) (?:a )?superuser|elevation (?:is )?(?:required|needed)|do(?:es)? not have (?:the )?(?:permission|rights?|privileges?)|run (?:it |this )?as (?:an? )?(?:root|admin\w*)|"
     r"als administrator (?:ausgefuhrt|gestartet|aus)|(?:unzureichende|fehlende|nicht genugend|zu wenig) (?:rechte|berechtigung\w*)|fehlen (?:ihnen |dir )?(?:die |dazu )*(?:notigen )?(?:rechte|berechtigung\w*)|nicht gestattet|"
     r"permission non accordee|(?:devez|faut|doit) etre (?:administrat\w+|root)|droits? insuffisants?|privileges? insuffisants?|autorisation (?:refusee|insuffisante)|operation non permise|reserve\w* aux administrateurs|"
     r"(?:permisos|privilegios|derechos) insuficientes|como administrador|(?:solo|unicamente) (?:para|por) administradores|operacion no autorizada|"
     r"permissoes insuficientes|direitos insuficientes|nao tem permiss\w+|(?:so|apenas|somente) para administradores|"
     r"(?:privilegi|diritti|autorizzazioni|permessi) insufficienti|operazione non permessa|come amministratore|non (?:si )?(?:dispone|hai|ha) (?:delle |i |le )?(?:autorizzazion\w+|permess\w+|diritt\w+)|solo (?:per )?(?:gli )?amministratori|"
     r"onvoldoende (?:rechten|bevoegdheden|machtigingen)|niet gemachtigd|alleen (?:voor )?beheerders|"
     r"(?:musisz|nalezy|trzeba) byc administratorem|niewystarczajac\w+ (?:uprawnien\w+|praw\w*)|tylko dla administratorow|"
     r"geen (?:rechten|toestemming|bevoegdheid|machtiging)\b|niet bevoegd|no (?:tiene|tienes|dispone de|posee) (?:los |las )?(?:permisos?|derechos?|privilegios?)|(?:faltan?|sin) (?:los )?(?:permisos?|privilegios)|non (?:si )?(?:dispone|hai|ha) (?:dei |di )?(?:privilegi|diritti|permessi)|"
     r"sem permiss\w+|nie masz (?:uprawnien|praw)|(?:are|is) not an? admin\w*|ask an? admin\w*|not authori[sz]ed|unauthori[sz]ed|rights? (?:are )?missing|"
     r"odmowa dostepu|dostep zabroniony|brak (?:uprawnien|dostepu)|uprawnie\w* administratora|praw\w* administratora|wymaga\w* (?:\w+ )?uprawnie\w+|jako administrator"),
    ("not-found", "there is no such command on this PC",
     r"command not found|\b(?:do|does|did) ?n[o'’]t know (?:that|this|it|what|the command|any)\b|knows? no (?:such )?(?:command|word|verb)|never heard of|(?:kennt|kenne) (?:den|diesen|das|dieses|keinen?) (?:befehl|wort)|no command of that name|not recogni[sz]ed as|unknown (?:command|word)|no such command|nothing (?:here )?by that name|no such word|not a (?:known )?command|is not a command|is not a program|know nothing called|knows nothing called|(?:is|was) not understood|unknown to this (?:shell|console|pc)|(?:not found|unknown|no such \w+)\W{1,3}(?:did you mean|nearest|perhaps|maybe)|"
     r"(?:is not|isn.t) (?:a |an )?known|does not exist here|"
     r"befehl (?:wurde )?nicht gefunden|unbekannter befehl|befehl .{0,60}(?:nicht gefunden|unbekannt)|nicht als .{0,20}befehl|ist (?:hier )?nicht bekannt|kein solcher befehl|kein (?:bekannter|gultiger) befehl|"
     r"commande (?:est )?(?:introuvable|inconnue)|n.est pas reconnu|(?:la |cette )commande n.existe pas|"
     r"(?:orden|comando) (?:no|desconocid)|no se (?:reconoce|encuentra|encontro) (?:el |la |como )?(?:comando|orden|un comando)|no es un comando|no se reconoce|"
     r"comando (?:non |sconosciuto|nao |desconhecido)|non e (?:riconosciuto|un comando)|nao (?:e|foi) reconhecid|"
     r"opdracht (?:is )?(?:niet gevonden|onbekend)|onbekende opdracht|(?:wordt|is) niet herkend|"
     r"nieznane polecenie|nie znaleziono (?:takiego )?polecenia|polecenie (?:nieznane|nie (?:istnieje|zostalo))|nie jest rozpoznawan|nie ma takiego polecenia|"
     r"(?:no|kein|keine|aucun|aucune|ningun|ninguna|nessun|nessuna|nenhum|nenhuma|geen|brak) (?:programs?|programm|programme|programa|programma|programu|tools?|werkzeug|outil|herramienta|strumento|ferramenta|narzedzia) (?:is |est |es |e )?(?:called|named|of that name|namens|mit diesem namen|nomme|appele|llamad|chiamat|chamad|genaamd|o nazwie)|"
     r"bad command|(?:term|word|name|verb) .{1,40} is not recogni[sz]ed|did you mean|"
     r"kommando (?:nicht gefunden|unbekannt)|(?:den|diesen|einen solchen) befehl gibt es (?:hier )?nicht|wurde nicht erkannt|meinten sie|"
     r"commande non (?:trouvee|reconnue)|aucune commande|vouliez-vous dire|"
     r"no existe (?:la |el |esa |ese )?(?:orden|comando)|quiso decir|nao existe (?:tal |esse |o )?comando|comando inesistente|forse cercavi|"
     r"(?:opdracht|commando) (?:bestaat niet|kent niemand)|onbekend commando|bedoelde u|"
     r"nothing (?:is )?known of|not something (?:this|the) \w+ knows|what is ['\"“]|(?:unbekanntes|kein solches) (?:wort|kommando)|mot inconnu|palabra desconocida|palavra desconhecida|parola sconosciuta|onbekend woord|nieznane slowo|no conozco (?:ese|esa|este|el|la) (?:sub)?(?:comando|orden|palabra)|"
     r"there is no (?:command|word|verb) |\b(?:i )?(?:do|does) not know ['\"“]|is no command|polecenie \S+ (?:nie istnieje|jest nieznane)|(?:comando|orden) \S+ (?:inesistente|inexistente|no existe|non esiste|nao existe)|commande \S+ (?:introuvable|inconnue|n.existe pas)|opdracht \S+ bestaat niet|befehl \S+ (?:gibt es nicht|existiert nicht)|"
     r"is not known here|: not found$|^unknown command"),
    ("not-supported", "this PC does not support it",
     r"not supported|unsupported (?:on|by)|not available (?:on|in) this|does not support|not implemented|nothing of (?:that|this) kind|(?:service|daemon|agent)\b.{0,30}\bis not running|this (?:pc|machine|computer) has no|: nothing to (?:show|read|tell)|(?:deze|dieser?|ce|cet|este|questo|ten) (?:pc|computer|rechner|poste|ordinateur|equipo|ordenador|computador|komputer) (?:heeft geen|hat kein|n.a pas|no tiene|non ha|nao tem|nie ma)|not possible (?:on|here)|has nothing to (?:show|read)|(?:unknown|invalid|unrecogni[sz]ed|no such) (?:option|switch|argument|parameter|topic|subject|target|thing)|command rejected|(?:illegal|bad) (?:option|switch|flag|argument)|(?:unknown|invalid|unsupported) (?:format|flag)|format (?:inconnu|unbekannt|desconocido|desconhecido|onbekend)|formato (?:sconosciuto|desconocido|desconhecido)|"
     r"(?:sujet|cible|thema|ziel|tema|objetivo|argomento|assunto|alvo|onderwerp|doel|temat|cel) (?:inconnue?|desconocid[oa]|sconosciut[oa]|desconhecid[oa]|onbekend|nieznany)|(?:unbekannte[rs]?|onbekend|nieznany) (?:ziel|thema|onderwerp|doel|temat|cel)\b|"
     r"nicht unterstutzt|unbekannte option|non pris en charge|ne prend pas en charge|n.est pas pris en charge|option inconnue|"
     r"no compatible|no (?:esta|es) (?:compatible|admitid)|opcion desconocida|non (?:e )?supportat|opzione sconosciuta|"
     r"nao (?:e |esta )?(?:suportad|ha suporte)|opcao desconhecida|niet ondersteund|onbekende optie|nie ?(?:jest )?obslugiwan|nieznana opcja|nao e uma? (?:opcao|parametro) valid[oa]|no es una? (?:opcion|parametro) valid[oa]|non e un.? ?(?:opzione|parametro) valid[oa]|is (?:not a valid|no) (?:option|switch|argument)|n.est pas une? (?:option|parametre)|ist keine? (?:gultige[rs]? )?(?:option|parameter)|is geen (?:geldige )?(?:optie|parameter)|(?:opcja|parametr) \S+ nie istnieje|"
     r"unsupported (?:parameter|option|switch|argument|command|function)|(?:feature|function|option|command|service|operation|query) is not available|unavailable on this|"
     r"(?:ungultige[rs]?|falsche[rs]?|unbekannte[rs]?) (?:option|parameter|schalter|argument)|auf (?:diesem|dieser) \w+ nicht (?:verfugbar|moglich|vorhanden)|nicht implementiert|"
     r"(?:option|parametre|argument|commutateur) (?:invalide|incorrecte?|inconnue?|non reconnue?)|(?:fonction|commande|option) n.est pas (?:disponible|prise en charge)|"
     r"(?:opcion|parametro|argumento|modificador) (?:no valid[oa]|invalid[oa]|desconocid[oa]|incorrect[oa])|(?:funcion|orden|opcion) no esta disponible|no se admite|"
     r"(?:opcao|parametro|argumento) (?:invalid[oa]|desconhecid[oa]|incorret[oa])|(?:funcao|opcao|comando) nao esta disponivel|"
     r"(?:opzione|parametro|argomento) (?:non valid[oa]|sconosciut[oa]|errat[oa])|(?:funzione|opzione|comando) non e disponibile|"
     r"(?:ongeldige|onbekende|verkeerde) (?:optie|parameter|schakelaar|argument)|(?:functie|optie|opdracht) is niet beschikbaar|"
     r"(?:nieprawidlow[ya]|niepoprawn[ya]|nieznan[ya]) (?:opcja|parametr|argument|przelacznik)|(?:funkcja|opcja|polecenie) jest niedostepn[ae]|"
     r"file not found|cannot find the (?:file|path|device)|(?:datei|gerat|pfad) (?:wurde )?nicht gefunden|(?:fichier|chemin) (?:introuvable|non trouve)|no se (?:encontro|encuentra) (?:el |la )?(?:archivo|fichero|ruta|dispositivo)|"
     r"(?:ficheiro|arquivo|caminho) nao encontrado|(?:file|percorso) non trovato|(?:bestand|pad) niet gevonden|nie znaleziono (?:pliku|sciezki|urzadzenia)|"
     r"kann? .{0,40}nicht (?:geoffnet|gelesen|offnen|lesen)|lasst sich nicht (?:offnen|lesen)|impossible d.(?:ouvrir|acceder)|ne peut (?:pas )?(?:etre (?:ouvert|lu)|ouvrir|lire)|"
     r"no se (?:puede|pudo|ha podido) (?:abrir|leer|acceder)|nao (?:foi possivel|e possivel|se consegue|pode) (?:abrir|ler|aceder|acessar)|impossibile (?:aprire|leggere|accedere)|"
     r"kan .{0,40}niet (?:openen|lezen|worden (?:geopend|gelezen))|nie (?:mozna|udalo sie) (?:otworzyc|odczytac)|"
     r"no such (?:file|device|file or directory)|cannot (?:open|read|access)|could not (?:open|read|be read|access)|"
     r"\d ?: (?:there is )?no such (?!name|host|domain|address)[a-z ]{2,24}\W*$|\d ?: (?:does not exist|gibt es nicht|existiert nicht|introuvable|n.existe pas|no existe|no encontrad[oa]|inexistente|non esiste|non trovat[oa]|nao existe|nao encontrad[oa]|bestaat niet|niet gevonden|nie istnieje|nie znaleziono)\W*$|"
     r"(?:this|the) (?:pc|machine|computer|model|hardware|firmware|board) (?:cannot do|can.t do|lacks|has no such)|there (?:is|are) no (?:such )?[\w-]+(?: \S+)? (?:on|in|at) this \w+|(?:auf|in) diesem \w+ (?:gibt es|ist) kein|(?:il n.y a|pas) (?:pas )?d[e'’] ?\S+(?: \S+)? sur ce|no hay \w+(?: \S+)? en este|n[a]o ha \w+(?: \S+)? neste|non c.e \w+(?: \S+)? (?:su|in) questo|er is geen \w+(?: \S+)? op deze|nie ma \w+(?: \S+)? na tym|\w+ \d+ (?:ist nicht vorhanden|gibt es nicht|existiert nicht|n.existe pas|no existe|non esiste|nao existe|bestaat niet|nie istnieje|does not exist|is not (?:there|present|fitted))|no soportad[oa]|\bno \w+ has the (?:number|name|id)|es gibt kein\w* \w+ \d|only in (?:the )?\w+ edition"),
    ("timed-out", "it did not answer in time",
     r"timed? ?out|did not (?:answer|reply|respond) (?:in time|within)|gave up (?:after|waiting)|stopped waiting|took too long|no (?:answer|reply|response) (?:from|within|after|in)|did not (?:answer|reply|respond)\.?$|antwoordde niet|heeft niet geantwoord|antwortete? nicht|(?:hat|haben) nicht geantwortet|n.a pas repondu|no (?:ha )?respond\w+|non ha risposto|nao respondeu|nie odpowiedzia\w*|zeituberschreitung|nicht rechtzeitig|delai (?:d.attente )?depasse|temps (?:d.attente )?depasse|"
     r"tiempo de espera|tempo (?:di attesa |limite )?(?:scaduto|esgotado|superato)|time-?out|limite de tempo|keine (?:antwort|ruckmeldung) (?:innerhalb|binnen|nach|in)|zeit (?:ist )?abgelaufen|antwortet nicht|(?:pas|aucune) (?:de )?reponse (?:dans|apres|du)|ne repond pas|"
     r"tiempo (?:agotado|excedido|superado)|(?:sin|no hubo) respuesta (?:a tiempo|en|tras|despues)|no responde\b|tempo (?:limite )?(?:excedido|expirado)|nao responde\b|non risponde\b|antwoordt niet|geen antwoord (?:binnen|na|op tijd)|"
     r"uplynal (?:limit )?czasu?|(?:limit )?czas\w* (?:minal|uplynal)|nie odpowiada|tijd verstreken|niet op tijd|przekroczon\w+ (?:limit )?czasu?"),
    ("cut-off", "its output was cut off", r"output (?:was )?(?:cut off|truncated)|connection (?:closed|lost|reset)|broken pipe|^\^c$"),
)  # fmt: skip
# Nothing but a line that begins with the command's own name, and that tells nothing: an error in other words.
NOTHING_BUT_AN_ERROR = "failed"
FAILURE_SENTENCES: dict[str, str] = {
    **{kind: sentence for kind, sentence, _ in FAILURES},
    NOTHING_BUT_AN_ERROR: "it printed nothing but an error",
}
_FAILURE_WORDS = re.compile("|".join(f"(?:{pattern})" for _, _, pattern in FAILURES))


@lru_cache(maxsize=1)
def _kinds() -> tuple[tuple[str, re.Pattern[str]], ...]:
    """The kinds and their patterns; a report of which no command failed needs none of them."""
    return tuple((kind, re.compile(pattern)) for kind, _, pattern in FAILURES)


def failure_kind(line: str) -> str | None:
    """The kind of failure that a line states, or ``None``."""
    if len(line) > 400:
        return None
    text = plain(line)
    if not _FAILURE_WORDS.search(text):
        return None
    return next(kind for kind, pattern in _kinds() if pattern.search(text))
