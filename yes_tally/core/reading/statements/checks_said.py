"""What sentences say of a check of health, put together from the words for what is checked, what may be wrong, what was done
about it, and no: in all eight languages, in any order that a language has.

::

    Das Laufwerk D: ist beschädigt und konnte nicht repariert werden.    disk, damaged
    El test de memoria no encontró errores.                              memory, clean
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence

from yes_tally.core.reading.statements.prose import DENIES, said_by_line, sentences_of
from yes_tally.core.reading.statements.sentences import MAX_STATEMENT, Stated
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import plain

# All words are without accents, as ``plain`` writes them.
# What may be wrong, and that something is.
_WRONG = re.compile(
    r"\b(?:problem\w*|errors?|faults?|violations?|bad sectors?|\w*fehler\w*|\w*verletzung\w*|schaden|damage|dommages?|danos?|dann[oi]|schade|uszkodzen\w*|erreurs?|defauts?|errores|fallos?|infraccion\w*|errori|guasti|violazion\w*|"
    r"erros?|falhas?|violac\w+|fouten|fout|\w*schending\w*|bled\w*|blad|usterk\w*|naruszen\w*)\b"
)
_DAMAGED = re.compile(
    r"\b(?:damaged?|corrupt\w*|faulty|defective|broken|beschadig\w*|defekt\w*|endommage\w*|defectueu\w*|corrompu\w*|danad\w*|defectuos\w*|danificad\w*|defeituos\w*|com defeito|tem defeito|corromp\w*|"
    r"danneggiat\w*|difettos\w*|corrott\w*|defect|kapot|uszkodz\w*|wadliw\w*)\b"
)
_FOUND = re.compile(
    r"\b(?:found|detected|reported|gefunden|entdeckt|festgestellt|trouve\w*|detecte\w*|encontr\w*|detect\w*|trovat\w*|rilevat\w*|gevonden|ontdekt|znalez\w*|wykry\w*|stwierdz\w*)\b"
)
_MENDED = re.compile(
    r"(?<![/-])\b(?:repair\w*|fix(?:ed)?|mended|correct(?:ed)?|reparier\w*|behoben|behebung|korrigier\w*|repar[aeio]\w*|corrig\w*|correg\w*|corregid\w*|ripar\w*|corrett\w*|herstel\w*|gerepareerd|"
    r"napraw\w*|usuni\w*|poprawion\w*)\b"
)
_PUT_OFF = (
    r"(?:put off|postponed|deferred|verschoben|vertagt|aufgeschoben|reportee?|remise? a|aplaz\w+|pospuest\w+|adiad\w+|rinviat\w+|rimandat\w+|posticipat\w+|uitgesteld|verschoven|"
    r"odlozon\w+|przelozon\w+)"
)
_NEXT = r"(?:next|nachst\w*|prochain\w*|proxim\w+|prossim\w+|volgende|nastepn\w+)"
_STOPPED = re.compile(
    r"\b(?:cancel\w*|abort\w*|interrupt\w*|stopped|abgebrochen|unterbrochen|vorzeitig|annul\w*|interromp\w*|interrump\w*|arrete\w*|deten\w*|detuvo|detid\w*|parad[oa]|fermat\w*|interrott\w*|"
    r"geannuleerd|onderbroken|afgebroken|gestopt|voortijdig|anulowan\w*|przerwan\w*|zatrzyman\w*)\b|"
    rf"\b{_PUT_OFF} .{{0,20}}\b{_NEXT}\b|\b{_NEXT}\b .{{0,20}}\b{_PUT_OFF}|"
    r"\b(?:before it (?:finished|ended|was done)|avant la fin|antes de (?:terminar|acabar)|prima della fine|przed koncem)\b|"
    r"\b(?:not|nicht|pas|non|no|nao|niet|nie) (?:\w+ )?(?:finish\w*|complet\w*|beendet|abgeschlossen|termin\w*|conclu\w*|afgerond|voltooid|ukonczon\w*|zakonczon\w*)\b"
)
# What is still to be done.
_NEEDED = re.compile(
    r"\b(?:needs?|needed|required?|necessary|notig|erforderlich|notwendig|necess?[ai]\w+|requis\w*|requerid\w|richiest\w|nodig|vereist|koniecz\w+|potrzebn\w+|wymagan\w)\b"
)
# What somebody shall do was not done.
_ADVICE = re.compile(
    r"^\W*(?:to|run|start|use|please|try|um|bitte|starten|fuhren|verwenden|pour|lancez|utilisez|relancez|para|ejecute|use|inicie|execute|per|esegui\w*|usare|avviare|voer|start|gebruik|"
    r"om|aby|uruchom|uzyj)\b"
)
# ``fscheck of /data: clean``
_FINE = re.compile(
    r".*: (?:clean|ok|in order|sauber|in ordnung|propre|en ordre|limpi[oa]|en orden|limp[oa]|em ordem|pulit[oa]|in ordine|schoon|in orde|czyst[yae]|w porzadku)"
)
# ``All system files are as they should be.``
_ALL_FINE = re.compile(
    r"\b(?:all|alle|tous|todos|tutti|wszystkie)\b.*\b(?:as they should be|intact\w*|unchanged|unharmed|in order|in ordnung|unversehrt|unverandert|unbeschadigt|en ordre|inchanges|"
    r"en orden|sin cambios|em ordem|sem alteracoes|in ordine|integr[ei]|intatt[ei]|in orde|ongewijzigd|ongeschonden|w porzadku|nienaruszone|niezmienione)\b"
)
# ``0 errors, 2 warnings`` is not clean.
_SOME_WARNED = re.compile(r"(?<![\d.,])[1-9]\d* (?:warn|avert|advert|avvert|avvis|avis|waarschuw|ostrzez)")
_CHECK = (
    r"(?:check\w*|tests?|tested|scan\w*|\w*prufung|\w*test|verif\w*|controle\w*|\w+controle|controll\w*|comprobacion|revision|prueba|prova|teste|diagnos\w*|kontrol\w*|"
    r"sprawdz\w*|examen|analys\w*|analis\w*)"
)
_DISK = r"(?:disks?|drives?|volumes?|laufwerke?s?|datentrager\w*|platten?|lecteurs?|disques?|unidad|discos?|volumen|unita|unidade|schijf|station|dysku?|wolumin\w*)"
_LETTER = r"[a-z]:(?![\w\\])"
_KINDS = (
    (
        "system-files",
        re.compile(
            r"\bsystem ?files?\b|\bsystemdatei\w*|\bfichiers? systeme\b|\barchivos? del? sistema\b|\b(?:ficheiros?|arquivos?) d[eo] sistema\b|\bfile di sistema\b|\bsysteembestand\w*|"
            r"\bplik\w* systemow\w*"
        ),
    ),
    (
        "memory",
        re.compile(
            rf"\b{_CHECK}\b.{{0,16}}\b(?:memory|speichers?|arbeitsspeichers?|memoire|memoria|geheugen|pamieci|ram)\b|"
            rf"\b(?:memory|ram|speicher|arbeitsspeicher|geheugen|pamiec|memoria)[ -]?{_CHECK}\b"
        ),
    ),
    (
        "energy",
        re.compile(
            rf"\b{_CHECK}\b.{{0,16}}\b(?:energ\w+|l'energie|power|zasilania)\b|\b(?:energie?|power|energy)[ -]?{_CHECK}\b"
        ),
    ),
    ("disk", re.compile(rf"\b{_CHECK}\b.{{0,16}}\b{_DISK}\b|\b(?:disk|drive|volume|schijf|platten|datentrager|laufwerks)[ -]?{_CHECK}\b")),
    ("disk", re.compile(rf"\b{_DISK} {_LETTER}.*?(?:{_FOUND.pattern}|{_DAMAGED.pattern}|{_MENDED.pattern})|(?:{_FOUND.pattern}).*?\b{_DISK} {_LETTER}")),
)  # fmt: skip
# A check that cannot be run tells nothing, and the word that an error is told with names nothing that is wrong.
_NOT_BEGUN = re.compile(
    r"\b(?:can ?not|could not|can't|unable|nicht|pas|impossible|no|imposible|nao|impossivel|non|impossibile|niet|nie)\b[^.:;]{0,60}?"
    r"\b(?:start(?:ed)?|run|begin|gestartet|ausgefuhrt|starten|ausfuhren|lancee?s?|demarre\w*|execute\w*|iniciar\w*|iniciad\w*|ejecutar\w*|ejecutad\w*|executar\w*|executad\w*|"
    r"avviat\w*|avviare|eseguit\w*|eseguire|gestart|uitgevoerd|uitvoeren|uruchomi\w*|rozpocz\w*|wykona\w*)\b"
)
_TOLD_WITH = re.compile(r"^\W*(?:error|fehler|erreur|erro|errore|fout|blad)\s*:\s*")
_CLAUSE = re.compile(r"[;.!?](?:\s+|$)|,\s+|\s+(?:but|aber|mais|pero|mas|ma|maar|ale)\s+")
# So far before the words for mending a no may stand.
_NEAR = 40
_NOT_DAMAGED = frozenset({"energy"})
_NOUGHT = re.compile(r"(?<![\d.,])0\b")
# ``0 errors in 2 passes``
_NO_ERRORS = re.compile(rf"(?<![\d.,])0 (?:{_WRONG.pattern})")
# That it was done to some only.
_PARTLY = re.compile(
    r"\b(?:only (?:some|a few|part|\d)|partly|partially|in part|nur (?:zum teil|teilweise|ein(?:ige|en)? ?(?:teil)?|wenige|\d)|teilweise|"
    r"seule(?:ment)? (?:une partie|certains|quelques|\d)|en partie|partiellement|solo (?:una parte|algun\w+|alcun\w+|\d)|parcialmente|"
    r"(?:so|apenas) (?:uma parte|algun\w+|\d)|em parte|in parte|parzialmente|(?:slechts|alleen) (?:een deel|enkele|sommige|\d)|gedeeltelijk|deels|"
    r"tylko (?:czesc|niektore|\d)|czesciowo)\b"
)
_OF_ALL = re.compile(r"(?<![\d.,])(?P<some>\d{1,6}) (?:of|von|sur|de|di|van|z|out of)(?: the)? (?P<all>\d{1,6})\b")
# ``nothing had to be repaired`` is no failure, ``none of them could be`` is.
_NONE = re.compile(r"nothing|none|kein\w*|aucune?|ningun\w*|nenhum\w*|nessun\w*|geen|zadn\w*")
_COULD = re.compile(
    r"\b(?:could|can|konnt\w*|kann|pu|peut|peuvent|pud\w*|pued\w*|pod\w*|poss\w*|puo|potut\w*|kon|kan|kunnen|konden|mozna|udal\w*)\b"
)
# What the clauses of a sentence say, what weighs most first, with the result that it is: what could not be mended is
# damaged, however much else was mended.
_RESULT_OF_CLAUSES = {"unmended": "damaged", "repaired": "repaired", "damaged": "damaged", "clean": "clean"}
# Of several sentences: an interrupted check tells nothing for sure, and what is damaged still is not mended by what else was.
_WEIGHT = ("not-finished", "damaged", "repaired", "clean")
_MOST_LINES = 100


def kind_checked(sentence: str) -> str:
    """The kind of check that a sentence speaks of, a choice of ``health_check.kind``; empty where it speaks of none."""
    text = plain(sentence)
    return next((kind for kind, pattern in _KINDS if pattern.search(text)), "")


def result_told(sentence: str) -> str:
    """What a sentence says came of a check, a choice of ``health_check.result``; empty where it says nothing of it."""
    text = _TOLD_WITH.sub("", plain(sentence))
    if _STOPPED.search(text):
        return "not-finished"
    not_begun = _NOT_BEGUN.search(text)
    if not_begun and not _WRONG.search(not_begun.group()):
        return ""
    warned = _SOME_WARNED.search(text) is not None
    found = {_of_clause(clause, warned=warned) for clause in _CLAUSE.split(text)}
    if found & {"repaired", "clean"} and _cannot_be_mended(text):
        return "damaged"
    return next((result for said, result in _RESULT_OF_CLAUSES.items() if said in found), "")


def _of_clause(clause: str, *, warned: bool) -> str:
    if _ADVICE.search(clause):
        return ""
    if _FINE.fullmatch(clause) or (_ALL_FINE.search(clause) and not DENIES.search(clause)):
        return "clean"
    if mended := _MENDED.search(clause):
        if _NEEDED.search(clause):
            return "clean" if DENIES.search(clause) else "unmended"  # ``repair needed``
        if _cannot_be_mended(clause) or _mends_a_part(clause):
            return "unmended"
        wrong = _WRONG.search(clause) or _DAMAGED.search(clause)
        denied = DENIES.search(clause, 0, mended.start())
        if denied:
            return "clean" if wrong else ""
        return "repaired"
    wrong, damaged, found = _WRONG.search(clause), _DAMAGED.search(clause), _FOUND.search(clause)
    if (wrong or damaged) and (
        DENIES.search(clause) or (found and _NOUGHT.search(clause)) or (not warned and _NO_ERRORS.search(clause))
    ):
        return "clean"
    return "damaged" if damaged or (wrong and found) else ""


def _cannot_be_mended(clause: str) -> bool:
    """Whether a no stands shortly before a word for mending, with nothing wrong named between: of what is not wrong, none
    had to be mended."""
    for mended in _MENDED.finditer(clause):
        before = clause[max(0, mended.start() - _NEAR) : mended.start()]
        nos = list(DENIES.finditer(before))
        if nos and not _WRONG.search(before, nos[-1].end()):
            return not _NONE.fullmatch(nos[-1].group()) or _COULD.search(clause) is not None
    return False


def _mends_a_part(clause: str) -> bool:
    """Whether only some of what is wrong was mended (``3 of 5 were repaired``)."""
    counted = _OF_ALL.search(clause)
    return _PARTLY.search(clause) is not None or bool(counted and int(counted["some"]) < int(counted["all"]))


def lines_of_checks(lines: Sequence[Line]) -> set[int]:
    """The lines that say of a check what came of it, in whole sentences."""
    if len(lines) > _MOST_LINES:
        return set()
    return {
        line.number
        for line in lines
        if line.text.rstrip().endswith((".", "!"))
        and len(line.text) <= MAX_STATEMENT
        and kind_checked(line.text)
        and result_told(line.text)
    }


def said_of_checks(lines: Sequence[Line]) -> Iterator[Stated]:
    """What the sentences of a paragraph say of one check: its kind, and the result that weighs most."""
    sentences = list(sentences_of(lines))
    kind = ""
    for sentence in sentences:
        if kind := kind_checked(sentence.text):
            line = sentence.where(lambda text: kind_checked(text) != "")
            yield said_by_line("health_check.kind", kind, line)
            break
    told = [(sentence, result) for sentence in sentences if (result := result_told(sentence.text))]
    if kind in _NOT_DAMAGED:
        told = [(sentence, result) for sentence, result in told if result in ("clean", "not-finished")]
    for result in _WEIGHT:
        for sentence, said in told:
            if said == result:
                line = sentence.where(lambda text: result_told(text) == result)  # noqa: B023 - used at once
                yield said_by_line("health_check.result", result, line)
                return
