"""How sentences about failures are built of their words, by the kind of failure that they state."""

from __future__ import annotations

from yes_tally.core.failures.words import (
    ABSENT,
    ACCOUNT,
    ADMIN,
    ANSWER,
    ANSWERS,
    AVAILABLE,
    BLOCKED,
    COMMAND,
    CONSOLE,
    EXPIRED,
    FROM,
    FUNCTION,
    GIVES,
    HAS_NO,
    IMPLEMENTED,
    IN_TIME,
    INCLUDED,
    INVALID,
    LACKING,
    MACHINE,
    MAY,
    NEEDED,
    NO,
    NOT,
    OFFERS,
    ONLY,
    OVER,
    POLICY,
    REQUEST,
    RIGHTS,
    SERVICE,
    SOME,
    SOURCE,
    STOPPED_ANSWERING,
    THIS,
    TIME,
    TOO_LONG,
    TOOK,
    UNAVAILABLE,
    UNKNOWN,
    VERSION,
    YOU_ARE,
)


def near(*words: str) -> str:
    """A pattern of the words in this order, within one part of a sentence."""
    return r"\b" + rf"\b{SOME}\b".join(words) + r"\b"


def either_way(one: str, other: str) -> str:
    return f"{near(one, other)}|{near(other, one)}"


# Forms of sentences, by the kind of failure that they state.
FORMS: dict[str, tuple[str, ...]] = {
    "no-rights": (
        either_way(rf"(?:{NEEDED}|{ONLY})", ADMIN),
        r"\belevated (?:shell|prompt|window|console|session)\b",
        either_way(NEEDED, RIGHTS),
        either_way(LACKING, RIGHTS),
        near(YOU_ARE, LACKING, ADMIN),
        either_way(BLOCKED, POLICY),
        near(rf"(?:{THIS} {ACCOUNT}|caller)", rf"(?:{MAY} {NOT}|{NOT} (?:\w+ )?{MAY}|{MAY}\b{SOME}\b{NOT})"),
        r"(?:^|[:.!] ?)not allowed\b",
        rf"\b(?:log ?(?:in|on) as|dans une|in (?:an?|einer)|desde una|numa|da una|in een|w) (?:\w+ )?{CONSOLE} (?:d.|de |of |di |van )?{ADMIN}|\b{CONSOLE} (?:of an? |d.|de |di |van )(?:administra\w+|root)|\blog ?(?:in|on) as {ADMIN}",
        r"(?:^|[:.!] )not an admin\w*|\ben administrateur\b",
        r"\b(?:have no|no tienes?|nao tem|non hai|non ha|n.avez pas|nie masz|haben keinen|hast keinen|hebt geen) (?:d.)?(?:access|acceso|acesso|accesso|acces|dostepu|zugriff|toegang)\W*$",
    ),
    "not-found": (
        either_way(COMMAND, UNKNOWN),
        either_way(COMMAND, INVALID),
        rf"\b(?:{NO}) {COMMAND} \S+\W*$|\b(?:{NO}) {COMMAND} (?:called|chiamat\w|llamad\w|chamad\w|nomme\w?|namens|genaamd|o nazwie|\W\w)",
        r"^\W*(?:was ist|que es|o que e|che cos.e|wat is|co to jest|qu.est-ce que|what is) ['\"«“„]",
        rf"\b{NOT}\b{SOME}\b(?:part of|teil|parte de|parte di|deel van|czescia)\b{SOME}\b{CONSOLE}",
        r"\b(?:do(?:es)? ?n.?t know|kenne?t? (?:ich )?nicht|connais pas|no (?:conozco|se que es)|nao sei o que e|non so cosa sia|weiss nicht, was|weet niet wat|ne sais pas ce qu|nie wiem, co|nao conheco|non conosco|ken ik niet|nie znam)\b(?! \S+\.\S)",
        rf"\b{LACKING} (?:\w+ ){{0,2}}{COMMAND}\b",
        rf"\bis not recogni[sz]ed\b|\bnao (?:e|foi) reconhecid|\bnon e riconosciut|\bno se reconoce|\bnao se reconhece|\bno such {COMMAND}\b",
    ),
    "not-supported": (
        near(NOT, AVAILABLE, THIS),
        near(NOT, rf"(?:{AVAILABLE}|{INCLUDED})", VERSION),
        near(THIS, VERSION, NOT, rf"(?:{AVAILABLE}|{INCLUDED})"),
        rf"\b{NOT} {IMPLEMENTED}\b",
        rf"\b{SOURCE} (?:\w+ ){{0,2}}{GIVES}\b{SOME}\b(?:{NO}|{NOT})\b",
        rf"\b{SOURCE} (?:\w+ ){{0,2}}(?:{NO}|{NOT}|n.|ne|does not) {GIVES}\b",
        rf"\b{NOT} {GIVES} by (?:the )?{SOURCE}",
        rf"{near(ONLY, FROM, VERSION)} \d|^\W*(?:erst|only|seulement|solo|pas|dopiero) {FROM} (?:la |der |die )?{VERSION} \d",
        either_way(FUNCTION, ABSENT),
        rf"\b(?:hardware|hard ?ware|materiel|hardver|sprzet|apparatuur)\b{SOME}\b{NOT} {AVAILABLE}\b",
        rf"\b{LACKING}(?: [\w-]+){{1,2}} (?:in|on|from|von|im|auf|de|da|del|van|w) (?:this|the|dieser?|cette|est[ae]|quest[oa]|deze|tym|tej) (?:firmware|board|hardware|{MACHINE})",
        rf"\b(?:requires|needs|erfordert|benotigt|necessite|requiere|requer|richiede|vereist|wymaga) (?:\w+ )?{VERSION} \d[^:]*$",
        rf"\b{THIS} {MACHINE}(?: {HAS_NO}\b|.{{0,20}} (?:no lo|non lo|nao o) )",
        rf"\b{LACKING}(?: (?!installed|installiert|installe|found|gefunden|trouve|encontr|trovat|gevonden|znalez)\w+)? (?:(?:on|in|auf|sur|dans|en|su|op|na|w) )?{THIS} {MACHINE}\b",
        r"\b(?:not|nicht|non|no|nao|niet|nie) (?:supported|unterstutzt|pris en charge|supporta\w+|suportad\w|soportad\w|ondersteund|obslugiwan\w+)\b",
        r"^unsupported\W*$|\bgibt es (?:auf|bei|in) \w+ \w+ nicht\b|\b(?:firmware|board|hardware|bios) does not (?:offer|have|provide|support)\b",
        either_way(FUNCTION, UNAVAILABLE),
        either_way(UNAVAILABLE, rf"{THIS} {MACHINE}"),
        rf"\b{THIS} {MACHINE}\b{SOME}\b(?:not|no|nao|non|nie|doesn.t) (?:lo |la |le )?{OFFERS}\b|\b{THIS} {MACHINE} (?:n.|ne )?{OFFERS} (?:pas|nicht|{NO}|{THIS} {FUNCTION} (?:pas|nicht|niet))\b",
        near(r"(?:nie)?(?:dostepn|obslugiwan)\w+", THIS),
        r"\bunterstutzt (?:das|dies|es|diese \w+) nicht\b|\b(?:offers|has|provides) no such\b|\b(?:cannot|can.t) (?:report|tell|provide) (?:that|this|it)\b",
    ),
    "timed-out": (
        near(NO, ANSWER, IN_TIME),
        either_way(
            r"(?:abgebrochen|interrompu\w?|cancelad[oa]|interrumpid[oa]|interrompid[oa]|interrott[oa]|annule\w?|abandon\w*|afgebroken|przerwan[oay]|stopped|cancell?ed|aborted|waited)",
            r"\d+ ?(?:s|sec\w*|sek\w*|seg\w*)",
        ),
        either_way(TOOK, TOO_LONG),
        near(REQUEST, EXPIRED),
        either_way(rf"(?:{REQUEST}|waiting)", TOO_LONG),
        near(SERVICE, NOT, ANSWERS),
        near(SERVICE, ANSWERS, NOT),
        near(NO, ANSWER, SERVICE),
        rf"(?:^|: )(?:aborted|abbruch|abandon|abort\w*|cancel\w*|afgebroken|interrotto|przerwano)\W+{NO} {ANSWER}",
        rf"\bmore than \d+ ?s\w*\b{SOME}\b(?:{ANSWER}|to {ANSWERS})",
        near(SERVICE, STOPPED_ANSWERING),
        rf"\b(?:superad?o?|excedid\w|overschreden|uberschritten|uplynal|minal|przekroczono)\b{SOME}\b(?:tiempo|tempo|tijd|zeit|czas)",
        r"\b(?:is|are) not answering\b|\bno contesta\b",
        rf"\b(?:gave|gab|gibt|donne|dio|dato|deu|gaf|geeft|dal\w?|udzielil\w?) (?:{NO} )?{ANSWER}\b",
        rf"\b{TIME}(?: (?:limit\w*|d.attente|de espera|di attesa|czasu|oczekiwania|imparti|accorde|previsto|concesso|prevu|was|is|ist|est|wurde|ha|a ete|has|maxim\w+))*(?: {OVER})\b|\b{OVER} {TIME}\b",
    ),
}
