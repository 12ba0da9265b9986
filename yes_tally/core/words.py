"""Words that stand for values: yes and no, choices, placeholders, failures. Data, with one small test for each.

All words are compared plain: casefolded, without marks.
"""

from __future__ import annotations

import re
import unicodedata
from functools import lru_cache
from itertools import product

from yes_tally.core.choice_words import CHOICE_WORDS, NOT_RECORDED

# Letters that do not fall apart into a letter and a mark.
_STROKED = str.maketrans(
    {"ł": "l", "Ł": "L", "ø": "o", "Ø": "O", "đ": "d", "Đ": "D", "ß": "ss", "œ": "oe", "Œ": "OE", "æ": "ae", "Æ": "AE"}
)


@lru_cache(maxsize=8192)
def plain(text: str) -> str:
    """``text`` casefolded, without accents, its spaces single."""
    if not text.isascii():
        text = text.translate(_STROKED)
        text = "".join(c for c in unicodedata.normalize("NFKD", text) if not unicodedata.combining(c))
    return " ".join(text.casefold().split())


def key_text(fact: str, said: str) -> str:
    """What a key says, as keys are compared: a drive is the same with and without its colon (``C``, ``C:``, ``c:\\``)."""
    text = plain(said)
    return text.rstrip(":\\") or text if fact == "volume.mount" else text


YES = frozenset(
    "yes connesso connessa connessi linked plugged joined associated encrypted verschlusselt chiffre chiffree cifrado cifrada cifrato cifrata criptografado encriptado versleuteld zaszyfrowany zaszyfrowana zaszyfrowane criptografada encriptada szyfrowany szyfrowana y true on * x ✓ ✔ ✅ ☑ ● enabled enable active 1 ja wahr ein aktiviert aktiv oui vrai active si sim verdadero "
    "actif activee actifs ligado ligada encendido encendida acceso accesa accesi wlaczono zapnute ingesteld an angeschaltet eingeschaltet marche allume activada activo activa habilitado habilitada attivo aan wlaczone wlaczony wlaczona tak wl zal ingeschakeld attiva abilitato abilitata ativo ativa ativado ativada aktywne aktywny up connected present supported required verbunden connecte connectee conectado conectada collegato collegata verbonden podlaczony podlaczone polaczony polaczono angeschlossen aangesloten".split()
)
NO = frozenset(
    "no ✗ ✘ ✕ ❌ ☐ ○ unencrypted decrypted unverschlusselt onversleuteld niezaszyfrowany niezaszyfrowana niezaszyfrowane nieszyfrowany nieszyfrowana niepodpisany niepodpisana niepodpisane n false off disabled disable inactive 0 nein falsch aus deaktiviert inaktiv non faux desactive falso "
    "inactif desactivee desactiver desligado desligada apagado apagada spento spenta spenti wylaczono abgeschaltet ausgeschaltet arret eteint inactivo inactiva inativo inativa inattivo inattiva inactief desactivado deshabilitado deshabilitada nao uit wyl wylaczone wylaczony wylaczona nie nee nao disattivato disabilitato uitgeschakeld desativado desativada down disconnected absent unsupported getrennt deconnecte deconnectee desconectado desconectada scollegato scollegata disconnesso disconnessa rozlaczony rozlaczone losgekoppeld".split()
) | {
    "brak polaczenia",
    "geen verbinding",
    "sem ligacao",
    "nessun collegamento",
    "sin enlace",
    "pas de liaison",
    "keine verbindung",
    "nie polaczono",
    "niepolaczona",
    "niepolaczony",
    "non connessa",
    "non connesso",
    "nao ligada",
    "nao ligado",
    "sin conectar",
    "not connected",
    "not encrypted",
    "nicht verschlusselt",
    "non chiffre",
    "sin cifrar",
    "no cifrado",
    "nao criptografado",
    "nao encriptado",
    "non cifrato",
    "niet versleuteld",
    "not required",
    "not supported",
    "no admitido",
    "no admitida",
    "no soportado",
    "nao suportado",
    "nao suportada",
    "non pris en charge",
    "nicht unterstutzt",
    "non prise en charge",
    "non supporte",
    "non supportee",
    "no compatible",
    "no soportada",
    "non supportato",
    "non supportata",
    "niet ondersteund",
    "nieobslugiwany",
    "nieobslugiwane",
    "nieobslugiwana",
    "not enabled",
    "not active",
    "no-carrier",
    "medium getrennt",
    "media disconnected",
    "cable unplugged",
    "kein kabel",
    "nicht verbunden",
    "nicht angeschlossen",
    "non connecte",
    "non connectee",
    "pas connectee",
    "no conectado",
    "no conectada",
    "nao conectado",
    "nao conectada",
    "non collegato",
    "non collegata",
    "niet verbonden",
    "niepodlaczony",
    "nie polaczony",
}

# Words that take endings: each stem with all of them (Spanish, Portuguese, Italian, French, Polish).
_ENDED = ("o", "a", "os", "as", "i", "e", "y", "")
_YES_STEMS = "crittografat branche activad habilitad encendid conectad ativad ligad zapnut polaczon abilitat attivat acces active enabled collegat aktywn wlaczon podlaczon".split()
_NO_STEMS = "disattiv descifrad desactivad deshabilitad apagad desconectad desativad desligad disabilitat disattivat spent scollegat desactive nieaktywn niepolaczon niepodlaczon rozlaczon wylaczon odlaczon".split()
YES = (
    YES
    | {stem + end for stem in _YES_STEMS for end in _ENDED}
    | {
        "link up",
        "cable connected",
        "fully encrypted",
        "vollstandig verschlusselt",
        "entierement chiffre",
        "user mode",
        "en service",
        "actief",
        "switched on",
        "turned on",
        "geactiveerd",
        "angeschaltet",
        "in kraft",
        "en marche",
    }
)
NO = (
    NO
    | {stem + end for stem in _NO_STEMS for end in _ENDED}
    | {
        "fully decrypted",
        "entschlusselt",
        "dechiffre",
        "nao cifrado",
        "non crittografato",
        "hors service",
        "no compatible",
        *("not possible", "nicht moglich", "pas possible", "impossible", "no es posible", "imposible", "non possibile"),
        *("impossibile", "nao e possivel", "impossivel", "niet mogelijk", "onmogelijk", "niemozliwe", "niemozliwy"),
        *("non supporte", "non supportee", "nie obslugiwane", "nie jest mozliwe"),
        "switched off",
        "turned off",
        "gedeactiveerd",
        "not working",
        "non attivo",
        "non attiva",
        "no activo",
        "no activa",
        "nao ativo",
        "nicht aktiv",
        "niet actief",
        "pas active",
        "pas actif",
        "non actif",
        "non active",
        "nie aktywny",
        "not plugged in",
        "not signed",
        "unsigned",
        "unplugged",
    }
)

_PLACEHOLDERS = frozenset({
    "default", "default string", "standaardtekst", "standardtext", "standardwert", "texte par defaut", "chaine par defaut", "texto predeterminado", "cadena predeterminada", "testo predefinito", "stringa predefinita", "texto padrao", "tekst domyslny", "standaardwaarde", "not specified", "ohne angabe", "sans indication", "sin indicar", "senza indicazione", "sem indicacao", "zonder opgave", "bez danych", "not programmed", "nao preenchido", "nao preenchida", "no programado", "nao programado", "non programmato", "non programme", "nicht programmiert", "niet geprogrammeerd", "nie zaprogramowano", "nicht ausgefullt", "non rempli", "sin rellenar", "non compilato", "niet ingevuld", "nie wypelniono", "not readable", "not burned in", "not known", "not said", "not told", "not stated", "not given", "unset", "not shown", "not available", "not applicable", "unspecified",
    "not assigned", "unassigned", "nicht vergeben", "nicht zugewiesen", "non attribue", "non attribuee", "no asignado", "no asignada", "non assegnato", "non assegnata", "nao atribuida", "niet toegekend", "niet toegewezen", "nie nadano", "nieprzypisany", "none present",
    "por rellenar", "a rellenar", "por completar", "da compilare", "da completare", "a remplir", "a preencher", "por preencher", "in te vullen", "nog in te vullen", "do uzupelnienia", "do wypelnienia", "auszufullen", "noch auszufullen", "wird vom hersteller eingetragen", "to be filled", "to be filled by o.e.m.", "to be filled in", "to be filled by the maker", "none", "null", "nil",
    "hat keine", "hat keinen", "gibt es nicht", "n'en a pas", "il n'y en a pas", "no tiene", "no hay", "nao tem", "nao ha", "non ce l'ha", "non c'e", "non ne ha", "heeft er geen", "is er niet", "nie ma", "has none", "there is none",
    "n/a", "s/d", "n/i", "b/d", "ignoto", "ignota", "ignoti", "to be determined", "indisponible", "indisponivel", "na", "never set", "never filled in", "not filled in", "to be assigned", "zuzuweisen", "noch zu vergeben", "a attribuer", "por asignar", "a atribuir", "da assegnare", "toe te wijzen", "do przydzielenia", "unknown", "empty", "no", "nothing", "system serial number", "serial number", "asset tag", "no asset tag",
    "123456789", "1234567890", "0123456789", "invalid", "undefined", "not set", "not present", "no module installed", "no dimm", "no module",
    "sin especificar", "no especificado", "ninguno", "ninguna", "desconocido", "nicht angegeben", "keine", "kein", "keiner",
    "unbekannt", "nicht verfugbar", "non specifie", "aucun", "aucune", "inconnu", "non renseigne", "non renseignee", "o.e.m.", "oem",
    "keine angabe", "nicht gesetzt", "nicht vorhanden", "ohne", "leer", "nichts", "k.a.", "k. a.", "nicht festgelegt", "nicht zutreffend",
    "non defini", "non definie", "non specifiee", "non disponible", "vide", "neant", "sans", "s.o.", "indefini", "non applicable", "rien", "nc",
    "no definido", "no disponible", "vacio", "nada", "sin definir", "sin asignar", "sin datos", "no aplicable", "desconocida", "no establecido",
    "nao especificado", "nao especificada", "no especificada", "nieokreslona", "non impostata", "nie przydzielono", "to be set", "nao definido", "nao disponivel", "nenhum", "nenhuma", "desconhecido", "desconhecida", "vazio", "nao aplicavel", "sem informacao",
    "nao informado", "nao atribuido", "non specificato", "non specificata", "non disponibile", "nessuno", "nessuna", "sconosciuto", "sconosciuta", "vuoto",
    "n/d", "n.d.", "nd", "non definito", "non impostato", "non applicabile", "geen", "onbekend", "niet opgegeven", "niet ingesteld",
    "niet beschikbaar", "leeg", "niets", "n.v.t.", "nvt", "niet van toepassing", "brak", "nieznany", "nieznana", "nieznane", "nie okreslono", "nieokreslony",
    "niedostepny", "niedostepne", "puste", "pusty", "nie podano", "nie dotyczy", "nie ustawiono", "brak danych", "bd.", "not recorded", "no data", "nothing connected", "nothing attached", "nothing plugged in", "nichts angeschlossen", "rien de connecte", "rien de branche", "nada conectado", "nada ligado", "niente collegato", "niets aangesloten", "nic nie podlaczono", "no answer", "did not answer", "no reply", "not answering", "keine antwort", "antwortet nicht", "pas de reponse", "ne repond pas", "sin respuesta", "no responde", "nessuna risposta", "non risponde", "sem resposta", "nao responde", "geen antwoord", "antwoordt niet", "brak odpowiedzi", "nie odpowiada", "missing", "tbd", "no value", "nothing entered", "no information", "entfallt", "keine daten", "fehlt", "nicht konfiguriert", "undefiniert", "inconnue", "sans objet", "indetermine", "indeterminee", "pas de donnees", "absent", "manquant", "a completer", "no aplica", "sin valor", "falta", "sem dados", "em branco", "indefinido", "nessun dato", "assente", "mancante", "geen gegevens", "niet gevuld", "ontbreekt", "geen opgave", "niezdefiniowany", "niezdefiniowane", "not fitted", "nothing fitted", "-- nothing fitted --", "not installed", "not populated", "nicht bestuckt", "unbestuckt", "non installe", "non monte", "no instalado", "no instalada", "nao instalado", "nao instalada", "non installato", "non installata", "vuota", "vazia", "vacia", "pusta", "niet geplaatst", "niet bezet", "onbezet", "nicht belegt", "non occupe", "sin ocupar", "non occupato", "nao ocupado", "niezajete", "nie zamontowano", "(rechtstreeks)", "rechtstreeks", "direkt", "direct", "directo", "diretto", "direto", "bezposrednio", "direkt verbunden", "directement connecte", "conexion directa", "collegamento diretto", "not configured", "nicht eingerichtet", "non configure", "no configurado", "nao configurado", "non configurato", "niet geconfigureerd", "nie skonfigurowano",
    "details", "value", "wert", "valeur", "valor", "valore", "waarde", "wartosc", "einzelheiten", "detalles", "detalhes", "dettagli", "szczegoly",
    "chassis serial number", "base board serial number", "..", "--", "—", "–", "hidden", "not read", "on-link", "on link", "not in use", "blank", "(blank)", "?",
})  # fmt: skip
_ONE_CHARACTER = re.compile(r"(?P<c>[0fx.\-_*?#=])(?P=c)*$")
_UNKNOWN_ONE = re.compile(
    r"(?:date|maker|version) unknown|unknown (?:maker|vendor|manufacturer|publisher|author|provider|supplier|date|version|user|owner|device|name)|"
    r"(?:hersteller|herausgeber) unbekannt|unbekannter (?:hersteller|herausgeber)|(?:fabricant|editeur) inconnu|"
    r"(?:fabricante|editor) desconocido|(?:produttore|editore) sconosciuto|onbekende (?:maker|uitgever|fabrikant)|datum (?:unbekannt|onbekend)|date inconnue|fecha desconocida|data (?:sconosciuta|ignota|desconhecida|ignorada|nieznana)|(?:date|datum|fecha) (?:non connue|nicht bekannt|ignorada)|"
    r"(?:to be|wird|vom|[aà]|da|do|in|te be)\b.{0,24}\b(?:filled|ausgefullt|auszufullen|remplir|rellenar|completar|compilare|preencher|te vullen|invullen|uzupelnienia|wypelnienia)\b.{0,24}|"
    r"nieznany (?:producent|wydawca)|(?:fabricante|editor) desconhecido|"
    r"(?:no|without(?: a)?|ohne|keine?n?|sans|sin|senza|sem|zonder|geen|bez|brak|nessun) (?:full |vollstandigen? |volledige |pelnej |pelnego )?"
    r"(?:(?:name|namen|nom|nombre|nome|naam|nazwy|nazwiska|imienia)(?: complete?| completo)?|path|file|serial(?: number)?|label|pfad|datei|seriennummer|"
    r"chemin|fichier|numero de serie|ruta|archivo|caminho|ficheiro|arquivo|percorso|pad|bestand|sciezki|pliku|"
    r"text|message|description|meldung|beschreibung|texte|texto|mensaje|mensagem|descripcion|descricao|testo|messaggio|descrizione|tekst|bericht|omschrijving|tekstu|opisu)"
)
# What says that nobody told it: "not reported", "nicht gemeldet", "non communiqué".
_UNTOLD = re.compile(
    r"not (?:yet )?(?:reported|returned|supplied|provided|answered|exposed|disclosed|published|found|detected|determined|obtained|retrieved|"
    r"declared|defined|entered|stored|written|mentioned|noted|listed|legible|advertised|announced|implemented|delivered)|"
    r"nicht (?:gemeldet|geliefert|mitgeteilt|ausgelesen|auslesbar|lesbar|ermittelt|ermittelbar|gefunden|erkannt|hinterlegt|eingetragen|bekannt|"
    r"definiert|gespeichert|beantwortet|genannt|vermerkt|ubermittelt|erfasst)|"
    r"non (?:communique|fourni|rapporte|declare|trouve|detecte|lu|lisible|indique|determine|enregistre|connu|saisi|transmis|precise)e?s?|"
    r"no (?:comunicad|informad|proporcionad|declarad|encontrad|detectad|leid|indicad|determinad|registrad|conocid|facilitad|notificad)[oa]s?|"
    r"no (?:consta|legible|se indica|se conoce)|"
    r"nao (?:comunicad|fornecid|declarad|encontrad|detetad|detectad|lid|indicad|determinad|registad|registrad|conhecid|reportad)[oa]s?|nao (?:legivel|consta)|"
    r"non (?:comunicat|fornit|dichiarat|trovat|rilevat|lett|indicat|determinat|registrat|not|riportat|pervenut|precisat)[oaie]|non leggibile|"
    r"niet (?:gemeld|doorgegeven|geleverd|gevonden|herkend|leesbaar|uitgelezen|bepaald|vastgelegd|bekend|vermeld|genoemd|ingevoerd)|"
    r"nie (?:zgloszono|znaleziono|wykryto|odczytano|ustalono|zapisano|zwrocono|wpisano|przekazano|znan[yae]|odczytan[yae]|zgloszon[yae])|"
    r"no (?:medium|media|disc)(?: (?:in|inserted|loaded|present)\b.{0,20})?|kein (?:datentrager|medium)(?: eingelegt| vorhanden)?|"
    r"aucun (?:support|disque)(?: insere)?|sin (?:disco|medio|soporte)|nessun (?:disco|supporto)|sem (?:disco|suporte|midia)|geen (?:schijf|medium)|"
    r"brak (?:nosnika|dysku|plyty)|"
    r"does not exist|there is none|existiert nicht|gibt es nicht|(?:n'existe )?pas (?:present|installe)e?|n'existe pas|no existe|no (?:esta )?presente|"
    r"nao existe|nao (?:esta )?presente|ausente|non esiste|non (?:e )?presente|niet aanwezig|niet geinstalleerd|bestaat niet|"
    r"nie istnieje|nie ma|nieobecn[yae]|niezainstalowan[yae]|nie zainstalowano|"
    r"(?:none|nothing|keine?[rs]?|aucune?|ningun[oa]?|nenhum[a]?|nessun[oa]?|geen|zaden|brak) (?:is |are )?(?:installed|installiert|installee?|instalad[oa]|installat[oa]|geinstalleerd|zainstalowan[ya]?)|"
    r"(?:access|permission) (?:is |was )?(?:denied|refused)|not permitted|zugriff verweigert|acces (?:refuse|interdit)|(?:acceso|permiso) denegado|(?:acesso|permissao) negad[oa]|"
    r"(?:accesso|permesso) negato|toegang geweigerd|odmowa dostepu|(?:it |request )?timed out(?: after .{1,12})?|zeituberschreitung|"
    # Of what is wrong that there is none says something.
    r"(?!.*(?:error|erro|erreur|fehler|problem|fault|falla|guast|fout|bled|damag|schad|dommag|dan[no]|uszkodz|threat|virus|bedroh|menac|amenaz|"
    r"minac|dreig|zagro|violat|verletz))"
    r"(?:there (?:is|are) no|es gibt keine?n?|il n'y a (?:pas|aucune?)(?: de)?|no hay(?: ningun[oa]?)?|nao ha(?: nenhuma?)?|non (?:c'e|ci sono)(?: nessun[oa]?)?|"
    r"er (?:is|zijn) geen|nie ma(?: zadn\w+)?) [^\W\d_]+(?: [^\W\d_]+){0,3}|"
    r"nothing (?:attached|connected|plugged in|inserted|fitted)|nichts (?:angeschlossen|eingesteckt)|rien de (?:branche|connecte)|nada conectado|"
    r"nada ligado|niente collegato|niets aangesloten|nic nie podlaczono|"
    r"unreadable|unlesbar|illisible|ilegible|illeggibile|ilegivel|onleesbaar|nieczytelny"
)
_NOBODY = frozenset("nobody niemand personne nadie ninguem nessuno nikt".split())
_TO_ALL = re.compile(r"ff(?:[-:]ff){5}")
_ZERO_ID = re.compile(r"[0f]+(?:[-:][0f]+)+$")


# That a socket or a bay holds nothing.
HOLDS_NOTHING = frozenset(
    "free|empty|vacant|unused|nothing|nothing fitted|no module|no module fitted|no module installed|not populated|unpopulated|not fitted|"
    "frei|leer|unbelegt|nicht belegt|unbestuckt|nicht bestuckt|kein modul|libre|vide|inoccupe|non occupe|aucun module|vacio|vacia|sin ocupar|"
    "sin modulo|ningun modulo|libero|libera|vuoto|vuota|non occupato|nessun modulo|livre|vazio|vazia|nao ocupado|nenhum modulo|sem modulo|vrij|leeg|"
    "onbezet|niet bezet|geen module|wolne|wolny|puste|pusty|pusto|nieobsadzone|nieobsadzony|brak modulu".split("|")
)


@lru_cache(maxsize=16384)
def is_placeholder(text: str) -> bool:
    """Whether a printed text stands for "nobody filled this in": blank, a factory word, a run of one character."""
    word = plain(text).strip("()[]<>\"' ")
    if not word or word in _PLACEHOLDERS or _UNKNOWN_ONE.fullmatch(word) or _UNTOLD.fullmatch(word):
        return True
    if text.lstrip()[0] in "([<" and word in _NOBODY:
        return True  # without brackets it may be an account
    # A single digit is a value (a count, a number); a run of one character is not.
    if len(word) > 1 and _ONE_CHARACTER.match(word):
        return True
    if word in {"-", "*", "?", "¿?", ".", "~"}:
        return True
    # The MAC that all cards listen to is somebody's.
    return bool(_ZERO_ID.match(word)) and len(set(word) - {"-", ":"}) == 1 and not _TO_ALL.fullmatch(word)


_CHOICE_PATTERNS: dict[str, list[tuple[str, re.Pattern[str]]]] = {
    field: [
        (
            choice,
            re.compile(
                r"(?<![\w-])(?:"
                + "|".join(re.escape(w) for w in sorted(words.split("|"), key=len, reverse=True))
                + r")(?![\w-])"
            ),
        )
        for choice, words in table.items()
    ]
    for field, table in CHOICE_WORDS.items()
}


def choice_of(field: str, choices: tuple[str, ...], text: str) -> str | None:
    """The catalogue's word for a printed choice: by the whole text first, then by a word within it."""
    named = choice_named(field, choices, text)
    if named:
        return named
    word = plain(text)
    patterns = [(c, pattern) for c, pattern in _CHOICE_PATTERNS.get(field, []) if c in choices]
    # ``VOLUME_KEY``: its parts are words too.
    looked_at = (word, word.replace("_", " ")) if "_" in word else (word,)
    return next((c for text in looked_at for c, pattern in patterns if _says(pattern, text)), None)


def _says(pattern: re.Pattern[str], text: str) -> bool:
    """Whether a choice's word stands in a text, and nothing right before it takes it back (``not good``)."""
    return any(not _DENIED.search(text, max(0, m.start() - _LONGEST_DENIAL), m.start()) for m in pattern.finditer(text))


_LONGEST_DENIAL = 24
_DENIED = re.compile(
    r"(?<![\w-])(?:not|never|no|non|kein\w*|nicht|nie|ohne|sans|pas|sin|nunca|nao|sem|senza|mai|niet|nooit|zonder|geen|bez|nigdy)"
    r"(?: (?:more|longer|mehr|plus|mas|mais|piu|meer|juz|yet|noch|encore|aun|ainda|ancora|nog))? $"
)


def choice_named(field: str, choices: tuple[str, ...], text: str) -> str | None:
    """The catalogue's word for a text that is a choice's word and nothing more."""
    if len(text) > _LONGEST_CHOICE:
        return None
    named, word = _named(field, choices), plain(text)
    return named.get(word) or named.get(word.replace("'", " ").replace("’", " "))


_LONGEST_CHOICE = 80

# Counts as words, without accents.
COUNT_WORDS: dict[str, int] = {
    word: count
    for count, words in enumerate(
        (
            "one|ein|eine|einen|un|une|uno|una|um|uma|een|jeden|jedna|jedno", "two|zwei|deux|dos|dois|duas|due|twee|dwa|dwie",
            "three|drei|trois|tres|tre|drie|trzy", "four|vier|quatre|cuatro|quatro|quattro|cztery",
            "five|funf|cinq|cinco|cinque|vijf|piec", "six|sechs|seis|sei|zes|szesc", "seven|sieben|sept|siete|sete|sette|zeven|siedem",
            "eight|acht|huit|ocho|oito|otto|osiem", "nine|neun|neuf|nueve|nove|negen|dziewiec", "ten|zehn|dix|diez|dez|dieci|tien|dziesiec",
        ),
        1,
    )
    for word in words.split("|")
}  # fmt: skip


@lru_cache(maxsize=256)
def _named(field: str, choices: tuple[str, ...]) -> dict[str, str]:
    """Every word of a field's choices with the choice that it stands for; the first choice wins."""
    table = CHOICE_WORDS.get(field, {})
    found: dict[str, str] = {}
    for choice in choices:
        for word in (choice.casefold(), *table.get(choice, "").split("|")):
            found.setdefault(word, choice)
    if field == "records":
        each = [table[choice].split("|") for choice in ("success", "failure")]
        found |= {f"{a}{and_}{b}": "both" for and_ in _AND for a, b in (*product(*each), *product(*reversed(each)))}
        found |= {" ".join(words): "none" for ways in NOT_RECORDED for words in product(*map(_apart, ways))}
    return found


def _apart(words: str) -> list[str]:
    return words.split("|")


_AND = (" and ", " und ", " et ", " y ", " e ", " en ", " i ", ", ", "/", " / ", " + ", " & ")


_POSSIBLE = frozenset(
    "supported present available possible capable unterstutzt vorhanden moglich compatible presente disponible possible soportado disponivel suportado supportato disponibile ondersteund aanwezig mogelijk obslugiwany dostepna obecna".split()
)
_IS_POSSIBLE = ("prise en charge,", "pris en charge,", "wird unterstutzt,", "ist moglich,", "is supported,")
_GOES_ON = frozenset("in by for since with until as im in dem seit par depuis por desde".split())

# What takes a yes back, and a no: shorter words (``an``, ``on``) say other things too, and these deny what follows them.
_NEGATING = frozenset({"non", "nie", "nao"})
_CONTRARY = {
    yes: frozenset(word for word in words - _NEGATING if len(word) > 2) for yes, words in ((True, NO), (False, YES))
}


# Where it is switched, said first: ``in der Firmware abgeschaltet``.
_IN_FIRMWARE = re.compile(
    r"^(?:in the|in der|im|dans le|en el|nel|in de|no|w) (?:firmware|bios|setup|uefi|oprogramowaniu(?: ukladowym)?) (?=\w)"
)
_BUT = re.compile(r"^(?:but|aber|jedoch|mais|pero|ma|mas|maar|ale) ")


def flag_of(text: str) -> bool | None:
    """Yes or no from a word in any of the languages, also when more is said after it (``yes, from 10.0.0.2``)."""
    word = _IN_FIRMWARE.sub("", plain(text).strip("()[]<>\"'. "))
    if "," in word and (word.split(",")[0] in _POSSIBLE or word.startswith(_IS_POSSIBLE)):
        # ``supported, off in the firmware``: what it could do, then what it does.
        word = _BUT.sub("", word.partition(",")[2].strip())
    first, *rest = word.split() or [""]
    for candidate in (
        word,
        re.split(r"[,;(]| [-–—]+ | (?:in|by|im|durch|dans|en|nel|no|w) ", word)[0].strip(),
        first if rest and rest[0] in _GOES_ON else "",
    ):
        if candidate == first and any(said.strip(",;:") in _CONTRARY[candidate in YES] for said in rest):
            return None  # ``on for the domain, off for public``
        if candidate in YES:
            return True
        if candidate in NO:
            return False
    return None
