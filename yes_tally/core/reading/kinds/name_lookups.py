"""Names that a server was asked for, as look-ups print them: who was asked, the name, and its addresses or that there is no
such name."""

from __future__ import annotations

import re
from collections.abc import Sequence
from itertools import zip_longest
from typing import TYPE_CHECKING

from yes_tally.core.quantity import exactly
from yes_tally.core.reading.kinds.reachability import asked_for, said_at, state
from yes_tally.core.reading.shapes.layout import LIST_MARK, Entry, under_heads
from yes_tally.core.reading.statements.sentences import MAX_STATEMENT, Stated
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import COPULA

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_NAME_SERVER = r"(?:(?:name|namens|naam|dns)[ -]?)?(?:server|serwer|serveur|servidor)(?: dns| de noms?| de nombres?| de nomes?| dei nomi| nazw| voor namen)?"
_SERVER = re.compile(
    rf"\s*(?:[;#]+\s*)?(?:{_NAME_SERVER}|zapytano|gefragt(?:er)?|gevraagde?|interrog[ée]|interrogo|preguntando|pergunto|perguntando|frage|vraag|pytam|resolver|asked|answered by|asking|queried|(?:ri)?chiesto|interrogato|demand[ée]|preguntado|consultado|perguntado|zapytany)(?: [^\W\d_]+){{0,2}}(?:\s*:|\s)\s*(?P<v>[\w-]*[.:]\S*\w)(?:\s+[(\[][\w.:-]+[)\]])?[\s.…]*$",
    re.I,
)
_SERVER_LABEL = re.compile(rf"\s*{_NAME_SERVER}\s*:\s*(?P<v>\S+)\s*$", re.I)
_ADDRESSES = r"(?P<addresses>(?:(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]*:[0-9a-f:]+)[,;]?\s*)+)"
# ``keys.lanternsound.example    10.20.0.40  10.20.0.41``: a name, and its addresses beside it.
_NAME_AND_ADDRESSES = re.compile(
    rf"\s*(?:(?P<v>[\w-]+(?:\.[\w-]+)+)(?:\s+|\s*(?:=|:)\s*)|(?P<w>[A-Za-z][\w-]*(?:\.[\w-]+)*)\s*(?:->|=>)\s*){_ADDRESSES}(?:\([\w.-]+\)\s*)?$",
    re.I,
)
# ``printsrv    10.20.0.40, 10.20.0.41``, where the command names it
_ASKED_ROW = re.compile(
    rf"\s*(?P<v>[A-Za-z][\w-]*(?:\.[\w-]+)*)(?:\s+|\s*(?:=|:|->|=>)\s*){_ADDRESSES}$",
    re.I,
)
_HAS_ADDRESS = re.compile(
    r"\s*(?P<v>[\w-]+(?:\.[\w-]+)+) (?:has(?: the)? (?:ip |ipv[46] )?address(?:es)?|is at|hat die adresse|a (?:pour|l')? ?adresse|tiene la direcci[oó]n|ha indirizzo|heeft adres|ma adres|tem o endere[cç]o) (?P<addresses>[0-9a-f.:, ]+?)\.?\s*$",
    re.I,
)
_NAMED = re.compile(
    r"\s*(?:(?:host )?name|nom|nombre|nome|naam|nazwa)(?:\s*:\s*|\s{2,})(?P<v>[\w-]+(?:\.[\w-]+)+)\.?\s*$", re.I
)
_ADDRESS = re.compile(
    r"\s*(?:(?:ip )?address(?:es)?|adresses?|direcci(?:ón|ones)|indirizz[oi]|endereços?|adressen?|adres[ey]?)(?:\s*:\s*|\s+)(?P<v>[0-9a-f.:]+)\s*$",
    re.I,
)
# ``keys.lanternsound.example`` alone, over its indented addresses.
_BARE_NAME = re.compile(r"(?P<v>[A-Za-z][\w-]*(?:\.[\w-]+)+|[A-Za-z]+-[\w-]*\d)\s*$")
_UNKNOWN_NAME = re.compile(
    r"(?:\s+|\W{2,5}\s*)(?:no such name|not found|unknown(?: name)?|nom inconnu|nicht gefunden|unbekannt\w*(?: name)?|nombre desconocido|nome sconosciuto|nome desconhecido|onbekende naam|nieznana nazwa)\W*$",
    re.I,
)
# So many lines below who was asked a name is spoken of.
_SOON = 4
_ALONE = re.compile(r"\s+(?P<v>[0-9]{1,3}(?:\.[0-9]{1,3}){3}|[0-9a-f]*:[0-9a-f:]+)\s*$", re.I)
# What is said of a name that no server knows.
_IS_UNKNOWN = (
    r"(?:was |is |could |name )?not (?:found|known|be (?:found|resolved))|cannot be (?:found|resolved)|no such (?:name|host)|does not exist|nxdomain|unknown(?: name)?|no (?:known )?address(?:es)?",
    r"(?:wurde|konnte) nicht (?:gefunden|aufgel[öo]st)(?: werden)?|(?:gibt es|existiert) nicht|(?:ist )?unbekannt|name unbekannt|nicht gefunden|es gibt keinen solchen namen|kein solcher name|keine adressen?",
    r"(?:est )?(?:introuvable|inconnue?)|n'(?:existe pas|a pas (?:pu [êe]tre|[ée]t[ée]) (?:trouv[ée]e?|r[ée]solue?))|nom (?:inconnu|inexistant)|(?:pas d'|aucune )adresse",
    r"no (?:existe(?: el nombre)?|se (?:encontr[óo]|encuentra)|encontrad[oa])|(?:nombre )?(?:desconocid[oa]|inexistente)|sin direcci[óo]n",
    r"n[ãa]o (?:existe|(?:foi |p[ôo]de ser )?(?:encontrad|resolvid)[oa])|desconhecid[oa]|(?:nome )?inexistente|sem endere[çc]o",
    r"non (?:esiste|(?:[èe] stat[oa] |pu[òo] essere )?(?:trovat|risolt)[oa])|sconosciut[oa]|(?:nome )?inesistente|nessun indirizzo",
    r"(?:is |kon |kan )?niet (?:gevonden|worden (?:gevonden|opgelost)|gevonden worden)|(?:naam )?bestaat niet|onbekend|geen adres(?:sen)?",
    r"nie (?:istnieje|zosta[łl]\w* (?:odnalezion|znalezion)\w+|znaleziono|ma takiej nazwy)|nieznan[aey](?: nazwa)?|nazwa nieznana|brak adresu",
)  # fmt: skip
_ASKED = "asked|gefragt|demand[ée]|preguntado|perguntado|chiesto|gevraagd|(?:za)?pytano"
# How it is said that there is no such name, by where the name stands: behind the words, between them, or before them.
_NAME = (
    r"[“\"'«]?(?P<v>(?!(?:the|a|host|name|den|der|das|le|la|el|il|lo|o|de|het|nom|nome|nombre|naam|nazw[aęy])\b)"
    r"(?=[\w.-]*[a-z])[a-z0-9][\w-]*(?:\.[\w-]+)*)[”\"'»]?"
)
_NO_SUCH_NAME = tuple(
    re.compile(form.format(words="|".join(words), name=_NAME, asked=_ASKED), re.I)
    for form, words in (
        (
            r"\b(?:{words}) {name}(?=\W*$|[:,;] )",
            (
                r"(?:can(?:'t|not)|could not|unable to|failed to|did not) (?:find|resolve|look up)(?: (?:the )?(?:host|name))?",
                r"knows no|does not know|has no (?:address|record|answer) for|nothing is known of|kennt (?:kein\w*|nicht)|kent geen",
                r"ne (?:peut pas |parvient pas à |sait pas )?(?:trouve|trouver|r[ée]soudre|r[ée]sout|conna[iî]t)(?: pas)?(?: le nom)?",
                r"no (?:se )?(?:puede |pudo |ha podido )?(?:encontr\w+|encuentra|resolver|resuelve|conoce)(?: el nombre)?",
                r"n[ãa]o (?:se |consegue |pode |foi poss[ií]vel )?(?:encontr\w+|resolve\w*|conhece|acha)(?: o nome)?",
                r"non (?:riesce a |pu[òo] |[èe] (?:stato )?possibile )?(?:trova\w*|risolve\w*|conosce)(?: il nome)?",
                r"nie (?:mo[żz]e |mo[żz]na |uda[łl]o si[ęe] )?(?:odnale[źz]\w+|znale[źz]\w+|znaleziono|zna|rozwi[ąa]za\w+)(?: nazwy)?",
                r"(?:there is no|no|(?:es gibt )?keine?n?|(?:il )?n'y a pas d|aucune?|no (?:existe|hay) (?:el |la |ning[uú]n[oa]? )?|n[ãa]o (?:existe|h[áa]) (?:o |nenhum )?|non (?:esiste|c'[èe]) (?:il |nessun )?|er is geen|geen|nie ma|brak) ?"
                r"(?:host |nazwy |adresu )?(?:name|names?|address(?:es)?|host|adresse|'adresse|nom|nombre|direcci[óo]n|nome|endere[çc]o|indirizzo|naam|adres|nazwy|adresu|hosta|namen)(?: (?:is |ist |est |es |[ée] |[èe] |is |jest )?(?:known|bekannt|connue?|conocid[oa]|conhecid[oa]|not[oa]|bekend|znan[yae]))?(?: (?:called|named|for|f[üu]r|pour|para|per|voor|dla|de|namens))?",
                r"(?:unknown name|no such name|name (?:not found|unknown|unbekannt)|nom (?:inconnu|introuvable)|unbekannter name"
                r"|nombre (?:desconocido|no encontrado)|nome (?:sconosciuto|non trovato|desconhecido|n[ãa]o encontrado)"
                r"|onbekende naam|naam onbekend|nieznana nazwa)\s*:",
            ),
        ),
        (
            r"\b(?:k(?:ann|onnte|an|on))(?: (?:den namen|de naam))? {name} (?:{words})\b",
            ("nicht (?:finden|aufl[öo]sen)", "niet (?:vinden|oplossen)"),
        ),
        (
            r"(?<![\w.]){name}(?: ?[:=] ?|\s{{1,40}}|\s{{0,20}}[-=]>\s{{0,20}})(?:(?:the|der|diesen|le|el|o|il|de|den) (?:name|namen|nom|nombre|nome|naam) )?(?:{words})(?: ?\((?:{asked})\b[^()]*\))?\W*$",
            _IS_UNKNOWN,
        ),
    )
)  # fmt: skip


def _no_such_name(text: str) -> re.Match[str] | None:
    """The words that say of a name, ``v``, that there is none."""
    return next((match for pattern in _NO_SUCH_NAME if (match := pattern.search(text))), None)


# ``*** dns1.lanternsound.example can't find printer9``
_WHO_SAYS = re.compile(rf"\W*(?:{_NAME_SERVER} )?(?P<v>[\w-]+(?:\.[\w-]+)+):? ", re.I)


def lines_of_answers(lines: Sequence[Line]) -> set[int]:
    """The lines of answers that begin with who was asked and its own address, one below the other, before a name is spoken
    of: no shape shall take the server's address for that of a name."""
    found: set[int] = set()
    answering = False
    for line, below in zip_longest(lines, lines[1:]):
        text = line.text[:MAX_STATEMENT]
        next_said = below.text[:MAX_STATEMENT] if below else ""
        if _SERVER_LABEL.match(text) and (_ADDRESS.match(next_said) or _no_such_name(next_said)):
            later = [of.text[:MAX_STATEMENT] for of in lines if line.number < of.number <= line.number + _SOON]
            answering = any(_NAMED.match(of) or _no_such_name(of) for of in later)
        if answering and text.strip():
            answering = any(p.match(text) for p in (_SERVER_LABEL, _NAMED, _ADDRESS, _ALONE)) or bool(
                _no_such_name(text)
            )
            if answering:
                found.add(line.number)
    return found


# ``files.lanternsound.example -> 10.20.0.40``, ``[printer9] not found``, ``1. keys: 10.20.0.41 (asked 10.20.0.53)``
_NAME_AND_ANSWER = re.compile(
    rf"\s*{LIST_MARK}(?P<open>[\[\"“„«])? ?(?P<v>[A-Za-z][\w-]*(?:\.[\w-]+)*\.?) ?(?(open)[\]\"”“»])"
    rf"(?: ?[:,;=] *| ?(?:[-=]>|→|--?|–|—|\|) +|\s{{2,}}| (?:{COPULA}) | (?=\()|(?(open) |(?!)))(?P<answer>\(?.*?\)?)\s*$",
    re.I,
)
_NAME_OVER_ANSWERS = re.compile(rf"\s*{LIST_MARK}[\[\"“„«]? ?(?P<v>[A-Za-z][\w-]*(?:\.[\w-]+)*) ?[\]\"”“»]?\s*:?\s*$")
# ``(asked 10.20.0.53)``
_SERVER_ASIDE = rf"(?: \((?:(?:{_ASKED}):?|from|by|von|par|por|da|door|od) (?P<server>[\w.:-]+)\))?"
_ANSWERED_WITH = re.compile(
    rf"\s*(?:[-*•] )?\(?(?:(?:ip )?(?:address(?:es)?|adresses?|direcci[óo]n(?:es)?|indirizz[oi]|endere[çc]os?|adressen?|adres[ey]?):? +)?{_ADDRESSES}\)?{_SERVER_ASIDE}\s*$",
    re.I,
)
_ANSWERED_NOTHING = re.compile(rf"\s*(?:[-*•] )?\(?(?:{'|'.join(_IS_UNKNOWN)})(?:{_SERVER_ASIDE}\W*)$", re.I)


def names_with_answers(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> bool:
    """Read a block as look-ups, where every line is a name and its addresses, or that there is no such name, on that line
    or on deeper ones. Whether it was read."""
    if spoken[:1] != ("lookup",) and not all(_SAYS_WHO_WAS_ASKED.search(line.text[:MAX_STATEMENT]) for line in lines):
        return False
    found: list[tuple[Line, re.Match[str], list[_Answer]]] = []
    for line, deeper in under_heads(lines):
        text = line.text[:MAX_STATEMENT]
        row = _NAME_OVER_ANSWERS.match(text) if deeper else _NAME_AND_ANSWER.match(text)
        where = [(of, 0) for of in deeper] if deeper else [(line, row.start("answer"))] if row else []
        answers = [told for of, start in where if (told := _answer(of, start))]
        if row is None or not answers or len(answers) < len(where):
            return False
        found.append((line, row, answers))
    for line, row, answers in found:
        item = interpreter.new_item("lookup")
        state(interpreter, said_at("lookup.name", row, "v", line), item)
        for at, answer in answers:
            if answer.re is _ANSWERED_WITH:
                printed = answer["addresses"].strip(" ,;")
                addresses = Stated("lookup.address", printed, printed, at.number, answer.start("addresses") + 1)
                state(interpreter, addresses, item)
            else:
                _without_address(interpreter, answer, at, item)
            if answer["server"]:
                state(interpreter, said_at("lookup.server", answer, "server", at), item)
    return bool(found)


_SAYS_WHO_WAS_ASKED = re.compile(rf" \((?:{_ASKED})\b", re.I)
_Answer = tuple[Line, re.Match[str]]
_FROM_SERVER = r"(?:[^\W\d_]+(?: [^\W\d_]+){0,2} (?P<server>[0-9a-f]+[.:][0-9a-f.:]*[0-9a-f])(?:: ?| {2,}| - ))?"
_ANSWER_ALONE = re.compile(rf"\s*{_FROM_SERVER}{_ADDRESSES}", re.I)
_NAMES_NONE = re.compile(rf"\s*{_FROM_SERVER}(?:{'|'.join(_IS_UNKNOWN)})\W*", re.I)
_DOTTED_NAME = re.compile(
    r"(?<![\w./\\])[A-Za-z][\w-]*(?:\.[\w-]+)*\.(?!(?:exe|txt|log|sys|dll|cfg|ini|json|xml|csv|bat|cmd|sh|ps1|py|msi|zip|html?)\b)[A-Za-z]{2,}(?=\s|$)"
)
# ``lookup``, ``netz --name``, ``auflösen``
_ASKS_NAMES = re.compile(
    r"look|resolv|resol[vu]|\bdns|name|nom\b|nombre|nome|naam|nazw|aufl[öo]s|opzoek|risolv|rozwi[ąa]|address|adres|direcci|indirizz|endere",
    re.I,
)


def _answer(line: Line, start: int) -> _Answer | None:
    """What a line answers, from a column on: addresses, or that there is no such name."""
    text = line.text[:MAX_STATEMENT]
    answer = _ANSWERED_WITH.match(text, start) or _ANSWERED_NOTHING.match(text, start)
    return (line, answer) if answer else None


def look_ups(interpreter: Interpreter, lines: Sequence[Line], command: str) -> None:
    """A name that a server was asked for: the server and its own address, then the name and its addresses; or that
    there is no such name."""
    before = len(interpreter.drafts)
    answers = _Answers(interpreter, command)
    for line, below in zip_longest(lines, lines[1:]):
        answers.read(line, below.text[:MAX_STATEMENT] if below else "")
    if answers.server and len(interpreter.drafts) == before:
        # Who was asked is said apart from rows that tell the names whole.
        told = interpreter.drafts[interpreter.section_from :]
        for one in {id(draft.item): draft.item for draft in told if draft.fact == "lookup.name"}.values():
            state(interpreter, answers.server, one)


class _Answers:
    """Answers to look-ups, read line by line: who was asked last, and the look-up whose addresses may follow."""

    def __init__(self, interpreter: Interpreter, command: str) -> None:
        self.interpreter = interpreter
        self.command = command
        self.server: Stated | None = None
        self.item: Item | None = None
        self.name = ""

    def read(self, line: Line, below: str) -> None:
        text = line.text[:MAX_STATEMENT]
        if asked := _SERVER.match(text) or (_ADDRESS.match(below) and _SERVER_LABEL.match(text)):
            self._asked(asked, line)
        elif self.server is None:
            self._without_server(text, line, below)
        elif row := _NAME_AND_ADDRESSES.match(text) or _HAS_ADDRESS.match(text) or self._asked_row(text):
            self._name_and_addresses(row, line)
        elif named := _NAMED.match(text) or _BARE_NAME.match(text):
            self._begin(named, line)
        elif missing := _no_such_name(text):
            _without_address(self.interpreter, missing, line, self._begin(missing, line))
        elif none := _UNKNOWN_NAME.match(text):
            if self.item is None and (whom := asked_for("lookup.name", self.command, self.interpreter)):
                self.item = self.interpreter.new_item("lookup")
                state(self.interpreter, whom, self.item)
                state(self.interpreter, self.server, self.item)
            if self.item:
                _without_address(self.interpreter, none, line, self.item)
        elif self.item and (found := _ADDRESS.match(text) or _ALONE.match(text)):
            self._tell("lookup.address", found, "v", line)

    def _asked(self, asked: re.Match[str], line: Line) -> None:
        said = said_at("lookup.server", asked, "v", line)
        if self.server is None and self.item and line.text[:1] == " ":
            state(self.interpreter, said, self.item)  # ``asked   10.20.0.53`` below the name and its address
        else:
            self.server, self.item, self.name = said, None, ""

    def _without_server(self, text: str, line: Line, below: str) -> None:
        """A line of answers that do not begin with who was asked."""
        if (alone := _BARE_NAME.match(text)) and below[:1] == " " and _ADDRESS.match(below):
            self._begin(alone, line)
        elif answer := self._answer_alone(text):
            self._tell_alone(answer, line)
        elif self.item and (found := _ADDRESS.match(text)):
            self._tell("lookup.address", found, "v", line)
        elif row := self._asked_row(text):
            self._name_and_addresses(row, line)
        elif (
            any(word in text for word in self.command.split())
            and (missing := _no_such_name(text))
            and missing["v"] in self.command.split()
        ):
            item = self._begin(missing, line)
            if says := _WHO_SAYS.match(text, 0, missing.start()):
                self._tell("lookup.server", says, "v", line)
            _without_address(self.interpreter, missing, line, item)

    def _answer_alone(self, text: str) -> re.Match[str] | None:
        """``10.20.0.25``, ``No such name.``, ``Answer from 10.20.2.53: 10.20.0.25``: an answer about the name that the
        command asks for, which it does not say again."""
        if not _DOTTED_NAME.search(self.command):
            return None
        said = _NAMES_NONE.fullmatch(text) or (_ANSWER_ALONE.fullmatch(text) if self.item is None else None)
        return said if said and _ASKS_NAMES.search(self.command) else None

    def _tell_alone(self, answer: re.Match[str], line: Line) -> None:
        whom = asked_for("lookup.name", self.command, self.interpreter)
        if whom is None:
            return
        if self.item is None:
            self.item = self.interpreter.new_item("lookup")
            state(self.interpreter, whom, self.item)
        if answer["server"]:
            self._tell("lookup.server", answer, "server", line)
        if answer.re is _NAMES_NONE:
            _without_address(self.interpreter, answer, line, self.item)
        else:
            self._tell("lookup.address", answer, "addresses", line)

    def _asked_row(self, text: str) -> re.Match[str] | None:
        """A row of a name that the command asks for and its addresses."""
        row = _ASKED_ROW.match(text)
        return row if row and row["v"] in self.command.split()[1:] else None

    def _name_and_addresses(self, row: re.Match[str], line: Line) -> None:
        named_by = "v" if row["v"] or "w" not in row.groupdict() else "w"
        if self.name != row[named_by]:
            self._begin(row, line, named_by)
            self.name = row[named_by]
        self._tell("lookup.address", row, "addresses", line)

    def _begin(self, named: re.Match[str], line: Line, group: str = "v") -> Item:
        """Begin the look-up of a name; it was asked of the server, where one was named."""
        self.item = self.interpreter.new_item("lookup")
        self._tell("lookup.name", named, group, line)
        if self.server:
            state(self.interpreter, self.server, self.item)
        return self.item

    def _tell(self, fact: str, match: re.Match[str], group: str, line: Line) -> None:
        state(self.interpreter, said_at(fact, match, group, line), self.item)


def _without_address(interpreter: Interpreter, said: re.Match[str], line: Line, item: Item, before: int = 0) -> None:
    at = Entry("", said.group().strip(), line.number, before + said.start() + 1)
    interpreter.add("lookup.address", item, at, exactly("list", ()), "sentences", 0.8, "no such name is said")
