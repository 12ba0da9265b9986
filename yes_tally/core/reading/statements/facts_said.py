"""What sentences say of the PC itself, in all eight languages: a label, a word for *is*, and a value; and what verbs say of
sizes, days and names.

::

    Die Seriennummer lautet CRN7K20418.             a label and its value
    El sistema se instaló el 14 de junio de 2024.   a verb and a day
    De pc heeft 16 GB geheugen.                     a size of memory
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.statements.prose import DENIES, ENDS, Sentence, sentences_of
from yes_tally.core.reading.statements.sentences import DATE, Stated
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.asides import LIMITS, OF_SLOTS
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ARTICLE = r"(?:the|this pc's|its|der|die|das|le|la|les|l['’]|el|los|las|il|lo|gli|i|o|a|os|as|de|het)"
_PC = r"(?:pc|computers?|machine|system|rechners?|computers|pcs|systems|ordinateur|poste|equipo|ordenador|computador|equipamento|komputera|komputer)"
_OF_THIS = re.compile(
    rf" (?:(?:of|on|for|in|von|de|di|van|voor|na) ?(?:this |the |diesem |cet |ce |l['’]|este |questo |deze |tego )?|this |dieses |des |del |du |deste |do |tego )\b{_PC}$",
    re.I,
)
_IS = r"(?:is|are|was|ist|lautet|sind|est|sont|est[áa]n?|est[ãa]o|es|é|è|sono|são|zijn|to|jest|wynosi)"
_ONLY_PC = re.compile(rf"(?:(?:this|dieser|diese|ce|cet|cette|este|esta|questo|questa|deze|dit|ten|ta) )?{_PC}", re.I)
_LABEL_IS = re.compile(rf"\W*(?:{_ARTICLE}\s?)?\b(?P<label>[^\W\d_][^.,;:()]{{1,60}}?) {_IS} (?P<v>\S.*?)[.!]?$", re.I)
# ``Systemem operacyjnym jest Harbour OS 12``, and other words that only sentences have for a label.
_IN_OTHER_WORDS = {"systemem operacyjnym": "system operacyjny", "version de build": "build"}
_NAMES = frozenset("name nom nombre nome naam nazwa".split())
_CALLED = re.compile(
    rf"\b{_PC} (?:is called|is named|hei(?:ß|ss)t|s['’]appelle|se llama|chama-se|se chama|si chiama|heet|nazywa si[ęe]) (?P<v>[\w-]+(?:\.[\w-]+)*)",
    re.I,
)
_SIGNED_IN = re.compile(
    r"\b(?:signed in|logged (?:in|on)|angemeldet|connect[ée]e?|sesi[óo]n iniciada|sess[ãa]o iniciada|accesso eseguito|aangemeld|zalogowan[oya])"
    r" (?:as|als|en tant que|como|come|jako) (?P<v>[\w.-]+(?:[\\@][\w.-]+)?\w)"
    r"|^\W*(?P<w>[\w-]+\\[\w.-]+) (?:is (?:signed|logged) (?:in|on)|ist angemeldet|est connect[ée]e?|ha iniciado sesi[óo]n|ha eseguito l['’]accesso|is aangemeld|jest zalogowan[ya])",
    re.I,
)
_DAY = re.compile(DATE, re.I)
_SYSTEM = re.compile(
    r"\b(?:system|systeme|sistema|systeem|betriebssystem|operating system|besturingssysteem|pc|computer|rechner|poste|ordinateur|equipo|computador|komputer)\b"
)
_SET_UP = re.compile(
    r"\b(?:installed|set up|installiert|eingerichtet|installee?|instalo|instalad[oa]|installat[oa]|geinstalleerd|zainstalowan[oya])\b"
)
_STARTED = re.compile(
    r"\b(?:started|booted|restarted|gestartet|hochgefahren|demarree?|redemarree?|inicio|iniciad[oa]|arrancado|arranco|avviat[oa]|riavviat[oa]|gestart|opgestart|herstart|uruchomion[oya])\b"
)
_RUNNING = re.compile(
    r"^\W*(?:(?:the |der |le |el |o |il |de )?\w+ )?(?:running|up|lauft|en marche|en marcha|encendido|em execucao|ligado|acceso|in funzione|actief|dziala|wlaczony) (?:since|seit|depuis|desde|dal|sinds|od)\b"
)
_SIZE = re.compile(r"(?<![\w.,])(?:\d{1,3}(?:[ '’\u00a0\u202f]\d{3})+|\d[\d.,]*) ?(?:[KMGT]i?B|[KMGT]o)\b")
_MEMORY = re.compile(r"\b(?:memory|ram|arbeitsspeichers?|speicher|memoire|memoria|geheugen|pamieci|pamiec)\b")
_BOARD = re.compile(
    r"\b(?:board|mainboard|hauptplatine|platine|carte(?: mere)?|placa(?: base| mae)?|scheda(?: madre)?|moederbord|bord|plyta(?: glowna)?)\b"
)
_AT_MOST = re.compile(
    r"\b(?:at most|up to|hochstens|maximal|bis zu|au plus|jusqu'a|como maximo|hasta|no maximo|ate|al massimo|fino a|maximaal|tot|najwyzej|do|maksymalnie)\b"
)
# What is said of a size of memory, the surest first.
_SIZES = (
    ("memory.usable", re.compile(r"\b(?:usable|nutzbar|utilisables?|utilizables?|utilizaveis|utilizavel|utilizzabil[ei]|bruikbaar|uzyteczn\w+|sees|sieht|voit|ve|vede|ziet|widzi)\b")),
    ("memory.available", re.compile(r"\b(?:free|available|frei|verfugbar|libres?|disponibles?|livres?|disponive(?:l|is)|liber[aoi]|disponibil[ei]|vrij|beschikbaar|woln\w+|dostepn\w+)\b")),
    ("memory.installed", re.compile(
        r"\b(?:installed|fitted|has|have|there (?:is|are)|eingebaut|installiert|hat|es (?:sind|gibt)|installee?s?|a|possede|il y a|instalad[oa]s?|tiene|hay|tem|ha|installat[aioe]|c'e|ci sono|geinstalleerd|heeft|zit|"
        r"er is|zainstalowan\w+|ma)\b")),
)  # fmt: skip
_SOCKETS = re.compile(
    r"\b(?:(?:memory|ram) (?:slots?|sockets?)|speicher(?:steck)?platze?n?|(?:emplacements?|connecteurs?) (?:de )?memoire|(?:ranuras?|zocalos?) de memoria|(?:ranhuras?|encaixes?) de memoria|"
    r"(?:slot|alloggiamenti) (?:di|della) memoria|geheugen(?:sleuven|sleuf|banken|plaatsen)|gniazd\w* pamieci)\b"
)
_NUMBER = re.compile(r"(?<![\w.,])\d{1,2}(?![\w.,]|\.\d)")
_PLAIN = 0.85
_MOST_WORDS = 8


def said_of_pc(interpreter: Interpreter, lines: Sequence[Line]) -> Iterator[Stated]:
    """What the sentences among lines say of the PC itself: facts of no item, each with its place."""
    told = interpreter.drafts[interpreter.section_from :]
    of_system = any(draft.fact.startswith("os.") for draft in told)
    for sentence in sentences_of(lines):
        start = 0
        for part in ENDS.split(sentence.text):
            at = sentence.text.index(part, start)
            start = at + len(part)
            if part.rstrip()[-1:] in (".", "!"):
                goes_on = of_system and _OF_IT.match(plain(part)) is not None
                of_system = goes_on or _SYSTEM.search(plain(part)) is not None
                for clause, offset in _clauses(part):
                    yield from _of_sentence(interpreter, sentence, clause, at + offset, of_system=goes_on)


# ``It was installed on 14 June 2024 and last started on 11 February 2025.``
_OF_IT = re.compile(r"^\W*(?:it|es|il|elle|se|foi|e stato|ha sido|zostal\w*|het)\b")
_CLAUSES_JOINED = re.compile(
    rf",? (?:and|und|et|y|e|en|i|oraz) (?=(?:(?:{_ARTICLE})[ ]?)?[^\W\d_]+(?: [^\W\d_]+){{0,3}} {_IS} |(?:[^\W\d_]+ ){{0,6}}{DATE}\b)",
    re.I,
)


def _clauses(part: str) -> Iterator[tuple[str, int]]:
    """The clauses of a sentence that each have a label and a verb, or a day, of their own; and where each begins."""
    start = 0
    for joint in _CLAUSES_JOINED.finditer(part):
        yield part[start : joint.start()], start
        start = joint.end()
    yield part[start:], start


def _of_sentence(
    interpreter: Interpreter, sentence: Sentence, part: str, at: int, *, of_system: bool = False
) -> Iterator[Stated]:
    """``of_system``: whether the sentence goes on with what was said of the system."""
    for pattern, fact in ((_CALLED, "host.name"), (_SIGNED_IN, "host.user")):
        if match := pattern.search(part):
            group = "v" if match["v"] else "w"
            yield _stated(sentence, fact, match[group], at + match.start(group))
            return
    text = plain(part)
    if (day := _DAY.search(part)) and (fact := _of_day(text, of_system=of_system)):
        yield _stated(sentence, fact, day.group(), at + day.start())
        return
    sizes = list(_SIZE.finditer(part))
    slots = next((match for pattern, _ in OF_SLOTS if (match := pattern.search(part))), None)
    at_most = LIMITS.search(part) is not None
    if len(sizes) == 1 and (fact := _of_size(text, of_slots=slots is not None, at_most=at_most)):
        yield _stated(sentence, fact, sizes[0].group(), at + sizes[0].start())
        if slots:
            yield _stated(sentence, "memory.slots", slots[1], at + slots.start(1))
        return
    if not sizes and _SOCKETS.search(text):
        numbers = sorted(_NUMBER.finditer(part), key=lambda number: int(number.group()))
        if 0 < len(numbers) <= _TOTAL_AND_USED:
            yield _stated(sentence, "memory.slots", numbers[-1].group(), at + numbers[-1].start())
        return
    if match := _LABEL_IS.match(part):
        yield from _by_label(interpreter, sentence, match, at)


_TOTAL_AND_USED = 2


_OF_A_CHECK = re.compile(
    r"\b(?:check|scan|test|prufung|uberprufung|verification|verificacion|verificacao|verifica|comprobacion|controllo|controle|sprawdzanie|kontrola)\b|\w(?:prufung|controle|controle)\b"
)


def _of_day(text: str, *, of_system: bool) -> str:
    """What a day is that a sentence names, by its verb; ``of_system``: whether the system is spoken of."""
    if _OF_A_CHECK.search(text):
        return ""  # ``The system file check started …``
    of_system = of_system or _SYSTEM.search(text) is not None
    if _RUNNING.search(text) or (_STARTED.search(text) and of_system):
        return "host.booted_at"
    return "os.installed_at" if _SET_UP.search(text) and of_system else ""


def _of_size(text: str, *, of_slots: bool, at_most: bool) -> str:
    """What the one size is that a sentence names, which counts slots as well (``of_slots``) or not; ``at_most``: whether it
    is the most there may be."""
    if at_most and (_MEMORY.search(text) or _SOCKETS.search(text)):
        return "memory.limit"
    if (of_slots or _BOARD.search(text)) and _AT_MOST.search(text):
        return "memory.limit"
    if not _MEMORY.search(text) or DENIES.search(text):
        return ""
    return next((fact for fact, pattern in _SIZES if pattern.search(text)), "")


def _by_label(interpreter: Interpreter, sentence: Sentence, match: re.Match[str], at: int) -> Iterator[Stated]:
    """``The serial number is CRN7K20418.``: a label that needs no context, and its value."""
    label = _OF_THIS.sub("", match["label"])
    denied = _NOT_BEHIND.search(label)  # ``La virtualización no está activada.``
    label = label[: denied.start()] if denied else label
    if label != match["label"] and plain(label) in _NAMES:
        label = "computer name"
    label = _IN_OTHER_WORDS.get(label.casefold(), label)
    value = match["v"]
    if _ONLY_PC.fullmatch(label):
        return  # ``The computer is a Corrane Tallow 14.``
    meant = (interpreter.means(label, interpreter.context(group)) for group in (None, "os", "machine"))
    guesses = next((found for found in meant if found and found[0].confidence >= _PLAIN), ())
    fact = FACTS[guesses[0].fact] if guesses else None
    if fact and fact.name == "licence.server" and _HOST.fullmatch(value):
        yield _stated(sentence, fact.name, value, at + match.start("v"))
    if fact is None or fact.item or fact.group == "licence" or len(value.split()) > _MOST_WORDS:
        return  # of licences ``licences_said`` knows more
    if fact.kind == "flag" and (denied or DENIES.match(plain(value))):
        bare = value if denied else value.partition(" ")[2]
        said = understand(fact, bare, interpreter.locale)
        if said and said.value is True:
            yield replace(_stated(sentence, fact.name, value, at + match.start("v")), value="no")
        return
    first = value.split()[0]
    if fact.kind == "text" and not any(letter.isupper() or letter.isdigit() for letter in first):
        return  # ``The model is not known.``
    if not DENIES.match(plain(value)) and understand(fact, value, interpreter.locale):
        yield _stated(sentence, fact.name, value, at + match.start("v"))


_HOST = re.compile(r"[a-z][\w-]*(?:\.[\w-]+)+", re.I)
_NOT_BEHIND = re.compile(r" (?:no|n[ãa]o|non|nie|n['’]|ne)$", re.I)


def _stated(sentence: Sentence, fact: str, value: str, offset: int) -> Stated:
    """What stands in the text of a sentence, with its line and column."""
    for line in sentence.lines:
        body = line.text.strip()
        if offset < len(body):
            column = len(line.text) - len(line.text.lstrip()) + offset
            return Stated(fact, line.text[column : column + len(value)].rstrip(" ."), value, line.number, column + 1)
        offset -= len(body) + 1
    return Stated(fact, value, value, sentence.lines[-1].number, 1)
