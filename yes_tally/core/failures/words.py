"""The words that sentences about failures are made of, in the languages of the reader, without accents, as patterns."""

from __future__ import annotations

ADMIN = r"(?<!\\)(?:amministrat\w+|admin\w*|beheerder\w*|root|superuser\w*)"
RIGHTS = (
    r"(?:rights?|privileg\w*|permiss\w+|permis\w{0,2}|elevation|admin-?rechte\w*|\w*rechten?|berechtigung\w*|droits?|autori[sz]\w+|derechos?|"
    r"direitos?|diritt\w|permess\w|bevoegd\w*|gemachtigd|berechtigt|authori[sz]\w+|uprawnion\w|machtiging\w*|toestemming|uprawnien\w*|praw[ao]?|autorizac\w+|sudo)"
)
NEEDED = (
    r"(?:needs?|needed|requires?|required|must|benotig\w+|brauch\w+|erforder\w+|notig|exigen?|requier\w*|requis\w*|necessit\w+|faut|doit|devez|"
    r"necesit\w+|requerid\w+|hacen? falta|debe\w*|hay que|precisa\w*|necessari\w+|requer\w*|deve|devi|serv(?:e|ono)|necessari|richied\w+|richiest\w|occorr\w+|"
    r"bisogna|vereist\w*|nodig|moet|wymag\w+|potrzeb\w+|musi\w*|nalezy|trzeba|demande\w*|necessaires?)"
)
ONLY = (
    r"(?:only|nur|reserve\w*|seul\w*|solo|unicamente|reservad\w|so|apenas|somente|soltanto|riservat\w|alleen|enkel|uitsluitend|tylko|wylacznie|"
    r"run \w* ?as|started as|(?:log|sign|logged|signed) (?:on|in) (?:as|with)|restricted|limited|confined|beschrankt|limite\w?|limitad\w|limitat\w|beperkt|ograniczon\w+|again as|als|en tant qu\w+|como|come|jako)"
)
LACKING = (
    r"(?:no|not|\w+n.t|without|lacks?|missing|insufficient|kein\w*|fehl\w+|unzureich\w+|ohne|nicht|pas|sans|manqu\w+|insuffi\w+|sin|falta\w*|"
    r"insufi\w+|sem|nao|non|manc\w+|senza|geen|onvoldoende|zonder|ontbre\w+|brak\w*|nie|niewystarcz\w+|zu wenig|too few)"
)
YOU_ARE = (
    r"(?:you are|you're|du bist|sie sind|vous n.etes|usted|no eres|non sei|non siete|voce|u bent|je bent|nie jestes)"
)
# Nothing between two of them ends a part of a sentence.
SOME = r"[^,;:|=()\\]{0,40}?"
COMMAND = (
    r"(?:commands?|programs?|tools?|verb|befehl|kommando|programm|werkzeug|commande|programme|outil|orden|comando|programa|herramienta|ferramenta|"
    r"strumento|programma|opdracht|commando|polecen\w+|programu?|narzedzi\w+)"
)
UNKNOWN = (
    r"(?:not (?:found|known|recogni[sz]ed)|unknown|does not exist|nicht (?:gefunden|bekannt|erkannt)|(?:unbekannt|onbekend)(?:e[rs]?)?|gibt es (?:hier )?nicht|existiert nicht|"
    r"introuvable|inconnue?|non (?:trouvee?|reconnue?)|n.existe pas|no existe|no (?:se )?(?:encontr\w+|reconoc\w+|conoc\w+)|desconocid[oa]|in?existente|inesistente|sconosciut[oa]|non esiste|"
    r"non (?:e )?(?:trovat[oa]|riconosciut[oa])|nao (?:existe|(?:foi )?encontrad[oa]|(?:e |foi )?reconhecid[oa])|desconhecid[oa]|niet (?:gevonden|herkend|bekend)|bestaat niet|"
    r"nie (?:istnieje|znaleziono|zostal\w* znalezion\w+|znam|jest znane)|nieznan\w+)"
)
AVAILABLE = r"(?:supported|available|offered|unterstutzt|verfugbar|pris en charge|disponi[bv]\w+|compatib\w+|supporta\w+|suportad\w|ondersteund|beschikbaar|obslugiwan\w+|dostepn\w+)"
THIS = r"(?:this|dies\w{0,2}|cet?|cette|est[ea]|nest[ea]|quest[oa]|dit|deze|tym|tej|here|hier|ici|aqui|qui|tutaj|tu|your?|ihre?|votre|su|sua|tuo|tua|uw|jouw|twoj\w?)"
MACHINE = r"(?:pc|machine|computer|model\w*|hardware|firmware|board|editions?|edizione|edicion|edicao|rechner|gerat|poste|ordinateur|appareil|equipo|ordenador|computador|dispositivo|sistema|system|apparaat|komput\w+|urzadzeni\w+|version\w*|wersj\w+)"
HAS_NO = r"(?:has no|has not|hat kein\w*|n.a pas|no tiene|nao tem|non ha|heeft geen|nie ma\w*|does not (?:have|offer|support)|lacks|verfugt uber kein\w*|carece de|no (?:posee|dispone de)|nao (?:possui|dispoe de)|e priv[oa] di|non dispone di|ne dispose pas d.|est depourvu\w? d.|beschikt niet over|nie posiada|is without)"
ANSWER = r"(?:answer|reply|response|antwort|ruckmeldung|reponse|respuesta|risposta|resposta|antwoord|odpowiedzi)"
NO = r"(?:no|keine?|aucune|pas de|sin|sem|nessuna|senza|geen|brak|bez|sans|ninguna|nenhuma|not? ?any|without|ohne|zonder)"
FUNCTION = (
    r"(?:functions?|features?|commands?|options?|query|quer(?:y|ies)|operations?|actions?|information|data|funktion\w*|befehl\w*|abfrage\w*|fonction\w*|commande|requete|funcion\w*|"
    r"orden|consulta|operacion\w*|operacao|funcao|funzion\w*|operazion\w*|interrogazione|functies?|opdracht|bewerking|funkcj\w+|polecenie|operacj\w+)"
)
UNAVAILABLE = r"(?:unavailable|indisponi[bv]\w+|nondisponi\w+|niedostepn\w+|onbeschikbaar|non (?:e )?disponibil\w|nao (?:esta )?disponive\w+)"
OFFERS = (
    r"(?:offers?|provides?|knows?|has|have|supports?|contains?|includes?|admite|acepta|permite|contempla|incluye|contem|inclui|aceita|suporta|prevede|offre|consente|include|"
    r"kennt|bietet|enthalt|unterstutzt|propose|connait|comprend|fournit|gere|kent|biedt|bevat|ondersteunt|obsluguje|zawiera|oferuje)"
)
TOOK = r"(?:took|taken|taking|duurt?d?e?|dauert?e?|gedauert|tardo|tarda|tardado|demorou|demora|dure|prend|a pris|trwal\w*|ha impiegato|impiega|durou|levou|duro|dura|dato)"
TOO_LONG = r"(?:too (?:long|much time)|te lang|zu lang\w*|demasiado|troppo(?: \w+)?|trop (?:longtemps|de temps)|za dlugo|muito tempo|tempo demais)"
IN_TIME = r"(?:\d+ ?(?:s|ms|sec\w*|sek\w*|seg\w*|min\w*)\b|in time|rechtzeitig|a temps|a tiempo|a tempo|in tempo|op tijd|na czas|(?:innerhalb|binnen|within) )"
TIME = r"(?:time limit|time|timer|zeitlimit|zeit|frist|delai|temps|tiempo|tempo|tijd|tijdslimiet|limit czasu|czas\w*)"
OVER = (
    r"(?:exceeded|expired|ran out|is up|uberschritten|erreicht|abgelaufen|verstrichen|depasse|ecoule|expire|agotado|excedido|superado|expirado|scaduto|"
    r"esgotado|verstreken|overschreden|przekroczon\w+|uplynal|minal|raggiunto|atteint|alcanzado|atingido|bereikt|osiagniet\w)"
)

BLOCKED = r"(?:blocked|prevented|prohibited|gesperrt|blockiert|verhindert|bloque\w*|interdit\w?|bloquead\w|impedid\w|bloccat\w|impedit\w|geblokkeerd|verhinderd|zablokowan\w+|zabronion\w+)"
POLICY = r"(?:polic(?:y|ies)|\w*richtlinie\w*|strategie|directivas?|politica\w*|criteri|beleid|\w*beleid|zasad\w*)"
INVALID = r"(?:invalid|not valid|(?:un|nicht )gultig\w*|falsch\w*|invalide|non valide|incorrecte?|(?:no|nao|non) valid\w|invalid[oa]|errat\w|ongeldige?|verkeerde?|nieprawidlow\w|niepoprawn\w|bledn\w)"
IMPLEMENTED = (
    r"(?:implemented|implementiert|implemente\w?|implementad\w|implementat\w|geimplementeerd|zaimplementowan\w+)"
)
INCLUDED = r"(?:included|contained|part of|enthalten|inclus\w?|comprise?|incluid\w|incluso|inclus\w|compres\w|inbegrepen|aanwezig|zawart\w|dostepn\w+|available|present|provided)"
VERSION = r"(?:versions?|versione|\w*versao|builds?|editions?|edicion|edicao|edizione|editie|edycj\w|wersj\w|release|systems?|firmware|ausgabe)"
NOT = r"(?:not|nicht|pas|no|nao|non|niet|nie)"
REQUEST = r"(?:request|query|operation|call|waiting|wait|anforderung|anfrage|abfrage|vorgang|aufruf|requete|demande|operation|peticion|solicitud|consulta|operacion|pedido|solicitacao|operacao|richiesta|operazione|aanvraag|verzoek|bewerking|zadanie|operacj\w|deadline|wartezeit)"
EXPIRED = r"(?:expired|exceeded|lapsed|lief ab|lauft ab|abgelaufen|uberschritten|expire\w?|expirado|expirada|expirou|caduc\w+|scadut\w|verlopen|overschreden|wygas\w+|przekroczon\w+)"
SERVICE = r"(?:services?|providers?|server|agents?|daemon|dienst\w*|anbieter|fournisseur|servicio|proveedor|servico|fornecedor|servizio|provider|uslug\w|dostawca)"
STOPPED_ANSWERING = r"(?:stopped (?:answering|responding|replying)|tarde a repondre|tarda en responder|antwortet nicht mehr|non risponde piu|antwoordt niet meer|przestal\w* odpowiadac|no ha (?:contestado|respondido)|nao respondeu|non ha risposto)"
CONSOLE = r"(?:console|prompt|shell|window|terminal|konsole|eingabeaufforderung|fenster|invite|fenetre|consola|ventana|janela|consola|finestra|venster|okn\w|konsol\w)"

ACCOUNT = r"(?:accounts?|users?|benutzer\w*|\w*konto|compte|utilisateur|cuenta|usuario|conta|utilizador|utente|gebruiker|uzytkownik\w*|caller)"
MAY = r"(?:may|can|allowed|darf|durfen|kann|peut|puede|pode|puo|mag|mogen|kan|moze)"
SOURCE = (
    r"(?:firmware|boards?|hardware|drivers?|controllers?|vendor|editions?|treiber|platine|hauptplatine|micrologiciel|pilote|carte|controlador\w*|placa|scheda|stuurprogramma|sterownik|"
    r"oprogramowanie|plyta|edicion|edicao|edizione|editie|edycja)"
)
GIVES = (
    r"(?:offers?|provides?|reports?|returns?|supplies|gives?|delivers?|tells?|hold?s?|liefert|gibt|meldet|bietet|fournit|donne|rapporte|propose|facilita|da|ofrece|proporciona|informa|fornece|oferece|"
    r"fornisce|offre|riporta|geeft|levert|meldt|biedt|podaje|zwraca|oferuje|provided|offered|reported)"
)
ABSENT = r"(?:absente?|missing|fehlt|fehlend\w*|manquante?|ausente|falta|manca|mancante|assente|ontbreekt|ontbrekende?|brakuje)"
ANSWERS = r"(?:answer\w*|repl(?:y|ies|ied)|respon[ds]\w*|reacts?|reagiert\w?|antwort\w*|repond\w*|reagit|contest\w+|reacciona|reage|risponde|risposto|reagisce|reageert\w?|antwoord\w*|odpowiada|odpowiedzial\w?|reaguje)"
PROBLEM = r"(?:problems?|errors?|issues?|probleme|problema|probleem|problemu?|storung|fehler|erreur|error|erro|errore|fout|blad)"
OCCURRED = r"(?:occurred|encountered|happened|arose|aufgetreten|survenue?|produite?|rencontree?|ocurrido|producido|ocorreu|ocorrido|surgiu|verificat\w|riscontrat\w|opgetreden|wystapil\w?)"
FROM = r"(?:from|since|as of|ab|a partir d\w+|des|desde|a partire da|dalla|vanaf|od)"

REFUSED = (
    r"(?:refused|denied|forbidden|abgelehnt|verweigert|verboten|refusee?|interdit|rechazad[oa]|denegad[oa]|rifiutat[oa]"
    r"|negat[oa]|recusad[oa]|negad[oa]|geweigerd|verboden|odmowa|odmowiono|odrzucono|zabronion\w+)"
)

# Words by which a line says that something went wrong, without saying what of it is the PC's, the person's or the network's.
WENT_WRONG = (
    r"\b(?:errors?|fail(?:ed|ure|s)?|fatal|exception|fault|crash\w*|abort\w*|panic|core dumped|cannot|can.t|could not|couldn.t|unable to|unreachable|unavailable|not (?:running|started|loaded|ready|installed|responding|readable|registered)|"
    r"corrupt\w*|mismatch|(?:in use|locked) by|cut off|truncated|try (?:again|later)|went wrong|damaged|broken|unexpected|invalid|bad (?:checksum|data|table|handle|argument|magic)|out of (?:memory|range|bounds)|exit (?:code|status) [1-9]|(?:is|are) locked|disk (?:is )?full|gave up|neither|"
    r"\w*fehler\w*|fehlgeschlagen|gescheitert|ausnahme|abgesturzt|abgebrochen|unerreichbar|nicht (?:erreichbar|gestartet|geladen|bereit|ausgefuhrt|lesbar)|lauft nicht|konnte\w* .{0,60}nicht|kann .{0,60}nicht|beschadigt|gesperrt|ungultig\w*|unerwartet\w*|"
    r"erreurs?|echec|echoue\w*|injoignable|inaccessible|impossible|n.a pas pu|n.est pas (?:demarre|lance|pret|charge)\w?|corrompu\w?|verrouille\w?|invalide|inattendue?|abandon|"
    r"endommagee?|fallo|fallid\w|inalcanzable|inaccesible|imposible|no (?:se )?(?:puede|pudo|pueden)|no esta (?:en (?:ejecucion|marcha)|iniciad\w|list\w|cargad\w)|danad\w|corrupt\w|bloquead\w|inesperad\w|invalid\w|no valid\w|"
    r"erro|falhou|falha|inacessivel|inalcancavel|impossivel|nao (?:foi possivel|pode|consegu\w+)|nao esta (?:a (?:correr|funcionar)|em execucao|iniciad\w|pront\w|carregad\w)|danificad\w|corrompid\w|"
    r"errore|fallit\w|irraggiungibile|impossibile|non (?:si puo|puo|e stato possibile|riesce)|non e (?:avviat\w|in esecuzione|pront\w|caricat\w|attiv\w)|danneggiat\w|corrott\w|bloccat\w|imprevist\w|non valid\w|"
    r"\w*fout|mislukt\w?|onbereikbaar|onmogelijk|kan .{0,60}niet|kon .{0,60}niet|is niet (?:gestart|actief|gereed|geladen|bereikbaar)|draait niet|beschadigd|vergrendeld|onverwachte?|ongeldige?|"
    r"blad|bledy|nie (?:\w+ )?powiodl\w+|niepowodzenie|nieosiagaln\w+|niemozliwe|nie (?:mozna|udalo sie)|nie jest (?:uruchomion\w|gotow\w|zaladowan\w|dostepn\w)|nie dziala|uszkodzon\w+|zablokowan\w+|nieoczekiwan\w+|nieprawidlow\w+)\b|"
    rf"\b{PROBLEM}\b{SOME}\b{OCCURRED}\b|\b{OCCURRED}\b{SOME}\b{PROBLEM}\b|"
    rf"\b{SERVICE} (?:is |was |has been |ist |wurde |est |a ete |esta |fue |foi |e |e stato |is |jest |zostal\w )?(?:stopped|halted|disabled|angehalten|gestoppt|beendet|deaktiviert|arrete\w?|desactive\w?|detenid\w|parad\w|desactivad\w|desativad\w|arrestat\w|fermat\w|disattivat\w|gestopt|uitgeschakeld|zatrzyman\w|wylaczon\w)\b"
)
# ``no errors``, ``keine Laufwerke mit Fehlern``: nothing did. ``2 errors, 3 warnings``, ``Backup failed on 2025-01-02``,
# ``C: has errors``: what is counted, has a day or a drive is told of the PC and not by a command of itself.
NOTHING_WRONG = r"\b(?:0|no|none|without|kein\w*|ohne|aucune?|pas d.|sans|sin|ningun\w*|nenhum\w*|sem|nessun\w*|senza|geen|zonder|brak|bez|zadn\w+|nie (?:wykryto|znaleziono)) (?:\w+ ){0,3}$"
TOLD_OF_THE_PC = r"^\W*(?:\d+ |[a-z]:(?:\s|\\))|\b\d{4}-\d\d-\d\d\b|\b\d{1,2}[./]\d{1,2}[./]\d{2,4}\b"
