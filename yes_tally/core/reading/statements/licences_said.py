"""What sentences say of the system's licence, put together from the words for it, for how it is, and no: in all eight
languages.

::

    Dieser PC ist nicht aktiviert.                          inactive
    La licencia no es permanente: caduca el 3 de marzo.     not permanent, an expiry
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence

from yes_tally.core.reading.statements.prose import DENIES, NO_MONTH, Sentence, said_by_line, sentences_of
from yes_tally.core.reading.statements.sentences import DATE, Stated
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import PERMANENT
from yes_tally.core.words import plain

# All words are without accents, as ``plain`` writes them.
_WORD = r"(?:licen[cs]e|lizenz|licencia|licenca|licenza|licentie|licencj[aei])"
_LICENCE = re.compile(rf"\b(?:{_WORD}|activation|aktivierung|activacion|ativacao|attivazione|activering|aktywacj\w)\b")
_BE = (
    r"(?:is|was|ha(?:s|ve) (?:not |never )?(?:yet )?been|ist|wurde|est|a (?:pas |jamais )?(?:encore )?ete|esta|fue|ha sido|se activo|e|foi|e (?:ancora )?stat[oa]|werd|wordt|jest|"
    r"zostala?|zostal)"
)
_PC = r"(?:pc|computer|machine|system|rechner|poste|ordinateur|systeme|equipo|sistema|computador|komputer|systeem)"
# What is activated, where no word for its licence stands: ``This PC is not activated``, ``Harbour OS ist lizenziert``.
_ACTIVATED = re.compile(
    rf"\b(?:{_PC}|\w+ os(?: \d+(?:\.\d+)?)?)"
    rf" (?:n'|no |nao |non |nie |niet )?{_BE}\b(?: \w+){{0,2}}? "
    r"(?:activated|licensed(?! (?:by|under|to|for|as)\b)|unlicensed|aktiviert|lizenziert|activee?|sous licence|activad[oa]|ativad[oa]|attivat[oa]|geactiveerd|aktywowan\w|definitivement)\b"
    r"|\bse activo\b"
)
_HAS_ONE = re.compile(
    r"\b(?:has|hat|a(?= (?:une|pas) )|tiene|tem|ha|heeft|ma) (?P<no>no |not a |keine |pas de |ningun\w* |nenhum\w* |nessun\w* |geen )?(?:an? |eine |une |una |uma |een )?(?:valid |gultige |valide |valida |geldige |wazna )?"
    rf"{_WORD}\b"
)
_ACTIVE = re.compile(
    r"\b(?:active|activated|licensed(?! (?:by|under|to|for|as)\b)|aktiv|aktiviert|lizenziert|activee?|sous licence|activa|activo|activad[oa]|ativ[oa]|ativad[oa]|attiv[oa]|attivat[oa]|"
    r"actief|geactiveerd|aktywn[ay]|aktywowan\w)\b|\bse activo\b|"
    r"^\D*\b(?:valid|gultig|valable|valida|geldig|wazna)\b\D*$"
)
_INACTIVE = re.compile(r"\b(?:inactive|unlicensed|inaktiv|inactiva|inativa|inattiva|inactief|nieaktywna)\b")
_EXPIRED = re.compile(
    r"\b(?:(?:has |is |was )?(?:expired|lapsed|ran out)|has run out|abgelaufen|(?:a|est) expiree?|ha (?:caducado|vencido|expirado)|caduco|vencio|expiro|(?:esta )?(?:caducada|vencida|expirada)|expirou|caducou|"
    r"e scadut[oa]|is (?:\w+ ){0,4}verlopen|wygasla|wygasl)\b"
)
_GRACE = re.compile(
    r"\b(?:grace period|grace|kulanzfrist|kulanzzeit|ubergangsfrist|schonfrist|karenzzeit|gnadenfrist|(?:periode|delai) de grace|(?:periodo|plazo) de gracia|periodo de carencia|periodo di (?:tolleranza|grazia)|"
    r"respijtperiode|respijt|okres\w* (?:karencji|prolongaty))\b"
)
_PERMANENT = re.compile(rf"\b(?:{PERMANENT})\b")
_LIMITED = re.compile(
    r"\b(?:befristet|temporary|temporaire|temporal|temporaria|temporanea|tijdelijk|czasow\w*|limited in time)\b"
)
_ENDS = (
    r"(?:expires?|runs out|ends|(?:is )?(?:valid|good) (?:until|till|to|through)|lauft|endet|gilt|gultig bis|valable jusqu'au|se termine|caduca|vence|valida hasta|termina|expira|valida ate|scade|"
    r"caducara|vencera|expirara|expirera|scadra|verlopen op|wygasnie|valida fino al?|verloopt|eindigt|geldig tot|wygasa|wazna do|konczy sie)"
)
_EXPIRES = re.compile(rf"\b{_ENDS}\b")
_NEVER = re.compile(r"\b(?:never|nie(?= ab\b)|niemals|jamais|nunca|mai|nooit|nigdy)\b")
# ``does not expire``, ``läuft nicht ab``, ``n'expire pas``
_ENDS_NOT = re.compile(
    rf"\b(?:will not|won't|does not|doesn't|n'|ne|no|nao|non|nie) ?(?:se )?{_ENDS}\b|\b{_ENDS} (?:nicht|pas|niet)\b"
)
_DATED = re.compile(DATE, re.I)
_CLAUSE = re.compile(rf"[.;:!?](?:\s+{NO_MONTH}|$)")
# ``Is the licence temporary? No, it is permanent.``: what is asked is not said.
_QUESTION = re.compile(r"[^.;:!?]*\?(?=\s+\S+,)")
_OF_OTHERS = re.compile(
    r"\b(?:programm?[ae]?s?|programmen|logiciels?|programas?|programm[ai]|apps?|applications?|anwendung|applicazione|aplicaci[óo]n|aplicativo|toepassing|password|kennwort|passwort|mot de passe|contrasena|palavra-passe|senha|wachtwoord|haslo|lease|bail|concesion|certificate|zertifikat|certificat\w*|account|konto|compte|cuenta|conta|utente)\b"
)
# A label only names it (``Grace period: 20 days``).
_WITHIN_GRACE = re.compile(rf"\b(?:in|im|en|em|no|nel|nella|dans|w|de)\b(?: [\w']+){{0,2}} {_GRACE.pattern}")
# ``You are in the grace period.``, ``Dieser PC ist in der Gnadenfrist``
_IN_GRACE = re.compile(
    r"^(?:you|sie|vous|usted|voce|u|je|pan|"
    r"(?:(?:this|the|dieser|das|der|ce|cet|cette|l'|le|este|el|o|questo|il|deze|dit|de|het|ten) ?)?"
    rf"{_PC})\b.*{_GRACE.pattern}"
)
# Of several products.
_LISTED = re.compile(r"\s*(?:\d{1,2}[.)]|[-*•])\s")
# ``It runs out on …`` goes on with what was spoken of.
_GOES_ON = re.compile(r"(?:it|sie|elle|esta|ella|ela|essa|zij|ze|ona)\b")


def speaks_of_licence(sentence: str) -> bool:
    """Whether a sentence is about the system's licence, or that the PC is or is not activated."""
    text = plain(sentence)
    if _OF_OTHERS.search(text) or _LISTED.match(sentence):
        return False
    return any(pattern.search(text) for pattern in (_LICENCE, _ACTIVATED, _IN_GRACE))


def told_of_licence(sentence: str) -> dict[str, str]:
    """What a sentence about a licence says, by fact; a moment is the printed text, all else a word that its kind knows."""
    found: dict[str, str] = {}
    for clause in _CLAUSE.split(_QUESTION.sub("", sentence)):
        for fact, said in _of_clause(clause).items():
            found.setdefault(fact, said)
    return found


def _of_clause(clause: str) -> dict[str, str]:
    text = plain(clause)
    no = DENIES.search(text)
    found: dict[str, str] = {}
    if permanent := _PERMANENT.search(text):
        found["licence.permanent"] = "no" if _is_denied(text, permanent.start()) else "yes"
    elif limited := _LIMITED.search(text):
        found["licence.permanent"] = "yes" if _is_denied(text, limited.start()) else "no"
    dated = _DATED.search(clause)
    expires = _EXPIRES.search(text)
    if _EXPIRED.search(text):
        if no is None:
            found["licence.state"] = "expired"
        return found | ({"licence.expires_at": dated.group()} if dated and no is None else {})
    if expires and (_NEVER.search(text) or (_ENDS_NOT.search(text) and not dated)):
        found["licence.expires_at"] = "never"
    elif expires and dated:
        found["licence.expires_at"] = dated.group()
    has, active = _HAS_ONE.search(text), _ACTIVE.search(text)
    if _WITHIN_GRACE.search(text):
        found["licence.state"] = "grace"
    elif has:
        found["licence.state"] = "inactive" if has["no"] or (no and no.start() <= has.start()) else "active"
    elif _INACTIVE.search(text):
        found["licence.state"] = "inactive"
    elif _says_active(text, active, expires, found) or _ACTIVATED.search(text):
        found["licence.state"] = "inactive" if no and active and no.start() < active.end() else "active"
    return found


def _is_denied(text: str, at: int) -> bool:
    """Whether a no stands before a word, with no comma between (``no, it is permanent``)."""
    return DENIES.search(text, text.rfind(",", 0, at) + 1, at) is not None


_AND = re.compile(
    r"(?: and|,| und| et| y| e| en| i|, \w+)(?: (?:it|sie|ella?|zij|ze))? ?(?:(?:does|will) not|doesn't|won't|n'|ne|no|nao|non|nie|never)?\s*"
)


def _says_active(text: str, active: re.Match[str] | None, expires: re.Match[str] | None, found: dict[str, str]) -> bool:
    """Whether the licence is said to be active, and not only until when (``activated and does not expire``)."""
    if active is None or "licence.permanent" in found:
        return False
    return not expires or _AND.fullmatch(text, active.end(), expires.start()) is not None


def said_of_licence(lines: Sequence[Line]) -> Iterator[Stated]:
    """What the sentences among lines say of the system's licence, each fact once, in the order they say it."""
    told: set[str] = set()
    spoken = False
    for sentence in sentences_of(lines):
        text = sentence.text
        spoken = speaks_of_licence(text) or (spoken and _GOES_ON.match(plain(text)) is not None)
        for fact, said in told_of_licence(text).items() if spoken else ():
            if fact not in told:
                told.add(fact)
                yield _stated(fact, sentence, said)


def _stated(fact: str, sentence: Sentence, said: str) -> Stated:
    line = sentence.where(lambda text: told_of_licence(text).get(fact) == said)
    at = line.text.find(said)
    if at < 0 or not any(map(str.isdigit, said)):
        return said_by_line(fact, said, line)
    return Stated(fact, said, said, line.number, at + 1)


_BEHIND_A_DAY = re.compile(rf"(?:{DATE})(?: ab)?$", re.I)


def is_left_until_its_end(lines: Sequence[Line], number: int, column: int) -> bool:
    """Whether what stands in a ``column`` (from 1) of a line goes on with the day on which the licence ends (``expires on 3
    March 2025 (20 days left)``), on that line or the one above: how long it lasts, and no time of grace."""
    at = next((place for place, line in enumerate(lines) if line.number == number), None)
    if at is None or _GRACE.search(plain(lines[at].text)):
        return False
    before = _UP_TO_ASIDE.sub("", lines[at].text[: column - 1])
    if not before.strip() and at:
        before = lines[at - 1].text
    return _BEHIND_A_DAY.search(before.rstrip(" ,;:–-")) is not None


_UP_TO_ASIDE = re.compile(r"[(\[,;–-]?\s*(?:[^\W\d_]+\s+)?$")
