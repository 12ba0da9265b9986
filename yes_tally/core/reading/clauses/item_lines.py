"""Lines that each state one thing whole, without a head over them: patterns kept as data.

A pattern's named groups are fields of its group's facts (``addresses`` stands for all lists of addresses; ``column`` for
the connection that neighbours are seen on, where several of them say the same). A thing is read only where at least two
of its fields can be understood.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.kinds.updates_installed import lines_of_installed
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import subjects_in
from yes_tally.core.reading.shapes.layout import Entry, indent_of
from yes_tally.core.reading.statements.sieve import Sieve
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.asides import IN_USE
from yes_tally.core.reading.values.text_forms import DAY, MOMENT
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

MAX_LENGTH = 400
_IP = r"(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]*:[0-9a-f:]*:[0-9a-f.]*)"
_MAC = r"[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}"
_ENCRYPTED = (
    r"(?:not |non |nicht |n[ãa]o |niet |sin |no )?(?:un|de)?(?:encrypted|verschlüsselt|chiffrée?|cifr(?:ad|at)[oa]|cifrar|encriptado|versleuteld)|"
    r"unverschlüsselt|onversleuteld|(?:nie)?zaszyfrowan[ye]"
)
_LEVEL = r"(?:error|err|warn(?:ing)?|info(?:rmation)?|notice|critical|crit|fatal|debug)"
_SIZE = r"\d[\d.,'’]*(?: \d{3})* ?[KMGT]i?[BO]"
_ADDRESSES = ("ipv4", "ipv6")


@dataclass(frozen=True, slots=True)
class ItemLine:
    """One way to state one item of ``group`` on a line."""

    group: str
    pattern: re.Pattern[str]


def _line(group: str, pattern: str) -> ItemLine:
    return ItemLine(group, re.compile(rf"\s*{pattern}\s*", re.I))


ITEM_LINES: tuple[ItemLine, ...] = (
    _line("volume", r"(?P<disk>\S+) on (?P<mount>/\S*) type (?P<filesystem>[a-z][\w.]*)(?: \([^()]*\))?"),
    _line("volume", r"(?P<disk>\S+) (?P<mount>/\S*) (?P<filesystem>[a-z][\w.]*) r[ow]\b\S* \d \d"),
    _line("neighbour", rf"(?P<address>{_IP})\s+(?:is at|at|->|=>|=|has|is|ist|hat|est|es|tiene|é|è|tem|ha|heeft|jest|ma)\s+(?P<mac>{_MAC})(?:\s+(?:on|dev|via)\s+(?P<interface>[^\[(\s]+))?(?:\s+[(\[]?(?P<kind>[a-z]+)\b[)\]]?.*)?"),
    _line("neighbour", rf"(?:[\w.?-]+\s+)?\((?P<address>{_IP})\)\s+(?:is )?(?:at|->|=)\s+(?P<mac>{_MAC})(?:\s+(?:on|dev|via)\s+(?P<interface>[^\[(]+?))?(?:\s+[(\[]?(?P<kind>dynamic|static|permanent)\b[)\]]?)?"),
    _line("neighbour", rf"(?P<address>{_IP}) dev \"?(?P<interface>(?<=\")[^\"]+|[^\s\"]+)\"? lladdr (?P<mac>{_MAC})\b.*?(?P<kind>permanent|reachable|stale|delay|probe)?"),
    _line("route", rf"(?P<destination>default|{_IP}(?:/\d+)?) (?:via|by|through|->) (?P<gateway>{_IP}) (?:dev|on|over|out of|by|through) (?:[\"«„“] ?(?P<interface2>[^\"«»„“”]+?) ?[\"»“”]|(?P<interface>[^\s,;\"«„“]+))(?:.*? (?:metric|cost|distance|weight) (?P<metric>\d+))?.*"),
    _line("route", rf"(?P<destination>default|standard|défaut|par défaut|predeterminad[oa]|padr[ãa]o|predefinit[oa]|standaard|domy[śs]ln[aey]|{_IP}(?:/\d+)?) (?:(?:via|über|par|por|da|tramite|door|przez) (?P<gateway>{_IP})|direct\w*|direkt\w*|dirett?[oa]|bezpo[śs]redni\w*),? (?:on|over|through|an|auf|über|sur|par|en|su|por|em|op|via|na|w|przez) (?:[\"«„“] ?(?P<interface2>[^\"«»„“”]+?) ?[\"»“”]|(?P<interface>[^\s,;\"«„“]+))(?:,? (?:metric|metrik|m[ée]trique|m[ée]trica|metrica|metriek|metryka|cost|kosten|co[ûu]t|coste|custo|costo|koszt) (?P<metric>\d+))?"),
    _line("route", rf"(?P<destination>default|{_IP}(?:/\d+)?) (?:->|→|=>) (?P<gateway>{_IP})(?: [(\[](?:(?:on|dev|via) )?(?P<interface>[^()\[\]]+)[)\]])?(?:,? (?:metric|cost|distance|weight) (?P<metric>\d+))?"),
    _line("route", rf"(?P<destination>default|{_IP}(?:/\d+)?) (?:dev|on|over) (?P<interface>\S+)(?= (?:proto|scope|src|metric|cost|distance|weight|table|pref|onlink|linkdown)\b|\s*$)(?:.*? (?:metric|cost|distance|weight) (?P<metric>\d+))?.*"),
    _line("route", rf"(?P<destination>default|{_IP}(?:/\d+)?)\s+(?:(?:via|by|through|über|par|por|da|door|przez) (?P<gateway>{_IP})|on[ -]?link|direct\w*|direkt\w*|locale?|lokal\w*)\s{{2,}}(?:(?:on|dev|an|auf|über|sur|en|em|su|op|na) )?(?P<interface>[^\W\d_]\S*(?: \S+)*?)(?:\s{{2,}}(?:(?:cost|metric|weight|distance|kosten|metrik|co[uû]t|m[eé]trique|coste|m[eé]trica|custo|costo|metrica|koszt|metryka|kosten)[ :=]+)?(?P<metric>\d+))?(?:\s+\(.*\))?"),
    _line("connection", r"(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\S+)\s+(?:-+>|<-+>?|[→←↔])?\s*(?:(?P<remote>\*|\S+:\S+)\s+)?(?P<state>(?:(?:à|em|en|in) )?(?:establish|listen|estab|[ée]cout|escut|escuch|lausch|verbunden|connect|conect|ascolt|luister|verbonden|nas[łl]uch|po[łl][ąa]cz)\w*)\s+\((?P<pid>\d{1,7})\)"),
    _line("connection", r"(?:#?\d{1,4}[.)]?\s+)?(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\S+)\s+(?:-+>|<-+>?|[→←↔]|to)?\s*(?:-|(?P<remote>\*|\S+:\S+))(?:\s+(?:-|(?P<state>(?:(?:à|a la|em|en|in|im|na|w) )?[^\W\d_][^\W\d]{3,14}(?: [^\W\d]{3,14})?)))?(?:\s{2,}\D{0,40}?(?P<pid>\d{1,7})\)?)?"),
    _line("connection", r"(?:#?\d{1,4}[.)]?\s+)?(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\d+)\s{2,}(?:-\s+)?[^\d(]{1,40}\((?P<pid>\d{1,7})\)"),
    _line("connection", r"(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\d+)\s{2,}(?:by|von|par|por|da|door|przez)\s+(?P<pid>\d{1,7})(?:\s+\([^()]*\))?"),
    _line("connection", r"(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\d+)\s{2,}(?:-|(?P<remote>\*(?::\*)?|\S+:[\d*]+))\s{2,}(?:(?P<state>[^\W\d_][\w-]*(?: [\w-]+){0,2})\s{2,})?[\w.-]+[\[(/](?P<pid>\d{1,7})[\])]?"),
    _line("connection", r"(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\d+)\s{2,}(?P<state>[^\W\d_][\w-]{3,14})\s{2,}(?P<pid>\d{1,7})(?:\s{2,}\S.*)?"),
    _line("connection", r"(?P<protocol>tcp[46]?|udp[46]?)\s+(?:(?:-|(?P<state>[^\W\d_][\w-]{2,14}))\s+)?(?P<local>\S+:[\d*]+)(?:(?:\s{2,}|\s+(?:->|→)\s+)(?:-|(?P<remote>\*|\S+:[\d*]+)))?(?:\s{2,}(?:[\w.-]+[\[(/])?(?P<pid>\d{1,7})(?:[\])]|\s*\([^()]*\)|\s+[\w.-]+)?)?"),
    _line("connection", r"(?P<state>[a-z][a-z_-]{2,14})\s+(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:[\d*]+)(?:\s+(?:-+>|<-+>?|[→←↔]|to)\s*(?P<remote>\*|\S+:[\d*]+))?(?:\s+.*?\bpid[ =:](?P<pid>\d{1,7})\b.*|\s+\D{0,40})?"),
    _line("connection", r"(?:#?\d{1,4}[.)]?\s+)?(?P<protocol>tcp[46]?|udp[46]?)\s+(?P<local>\S+:\d+)\s*(?:-+>|<-+>?|[→←↔]|=>)\s*(?P<remote>\S+:[\d*]+),?\s+[\[(]?(?P<state>[^\W\d_][^\W\d]{2,14}(?: [^\W\d]{2,14}){0,3}?)[\])]?,?\s*[(\[]?(?:pid|process|proc|prozess|processus|proceso|processo|proces)[ :=#]{1,2}(?P<pid>\d{1,7})\b.*"),
    _line("neighbour", rf"(?P<address>{_IP})\s{{2,}}(?P<mac>{_MAC})\s{{2,}}(?P<interface>[a-z]{{2,8}}\d{{1,2}})(?:\s{{2,}}\(?(?P<kind>[^\W\d_]+)\)?)?"),
    _line("neighbour", rf"(?P<address>{_IP})\s{{2,}}(?P<mac>{_MAC})\s{{2,}}(?:(?:on|at|an|auf|sur|en|em|su|op|na) )?(?P<column>[^\W\d_]\S*(?: \S+)*)\s{{2,}}\(?(?P<kind>(?:d[yi]n|stat|est[aá]t|fest|fix|fij|perman)\w*)\)?(?:\s{{2,}}\S.*)?"),
    _line("neighbour", rf"(?P<address>{_IP})\s{{2,}}(?P<mac>{_MAC})(?:\s+\(?(?P<kind>[^\W\d_]+)\)?)?(?:\s{{2,}}(?:(?:on|at|an|auf|sur|en|em|su|op|na) )?(?P<column>[^\W\d_]\S*(?: \S+)*))?(?:\s{{2,}}\(?(?P<kind2>[^\W\d_]+)\)?)?(?:\s{{2,}}\S.*)?"),
    _line("event", rf"(?P<at>{MOMENT}) \[(?P<source>[\w .-]{{2,40}})\] (?P<level>{_LEVEL})\b[:\]]? +(?P<text>\S.*)"),
    _line("event", rf"(?P<at>{MOMENT}) [\[<]?(?P<level>{_LEVEL})[\]>]? +(?:\[(?P<source>[\w .-]{{2,40}})\]|(?P<source2>[\w.-]{{2,40}}):) +(?P<text>\S.*)"),
    _line("event", rf"(?P<at>{MOMENT})\s+[\[<(](?P<level>[^\W\d_]{{3,14}})[\]>)]:?\s+(?P<source>[^\W\d_][\w .-]{{1,30}}?) ?[(\[#](?P<id>\d{{1,6}})[)\]]?:\s+(?P<text>\S.*)"),
    _line("event", rf"(?P<at>{MOMENT})\s+[\[<]?(?P<level>{_LEVEL})[\]>]?\s+(?P<source>[\w .-]{{2,30}}?)[\[(#](?P<id>\d{{1,6}})[\])]?:\s+(?P<text>\S.*)"),
    _line("event", rf"\[?(?P<at>{MOMENT})\]?\s+(?P<level>(?-i:[^\W\d_a-z]{{4,14}}))\s+(?P<source>[^\W\d_][^()\[\]:]{{1,30}}?) ?[(\[#](?P<id>\d{{1,6}})[)\]]?:\s+(?P<text>\S.*)"),
    _line("event", rf"(?:(?:le|am|on|el|il|em|op|dnia) )?(?P<at>{MOMENT})\s*(?:--|[–—:|-])?\s*[\[<]?(?P<level>[^\W\d_]{{4,14}})[\]>]?:?\s+\((?P<source>[^,()\d]{{2,40}}?), (?:[^\W\d_]{{1,8}}[.°º]?|#) ?(?P<id>\d{{1,6}})\)(?:[:\s]+(?P<text>\S.*))?"),
    _line("volume", rf"(?P<mount>[A-Z]:)\s+(?:is |drive |volume )?(?:[^,;]{{1,60}}[,;] )?(?:is )?(?:fully |currently |now |vollständig |entièrement )?(?P<encrypted>{_ENCRYPTED})\b[^.]{{0,80}}\.?"),
    _line("lookup", rf"(?P<name>[a-z][\w-]*(?:\.[\w-]+)+)\s+(?:(?:→|->|=>|=|is|is at)\s+)?(?P<address>{_IP})\s+\(?(?:from|by|asked|says|von|de|da|van|od) (?P<server>[\w.:-]+?)\)?"),
    _line("update", rf"(?:[-*•]\s+|\[?\d{{1,3}}[\].)]:?\s+)?(?P<id>[A-Z]{{1,4}}-?\d{{4,8}})\s+[(\[](?P<installed_at>{DAY})[)\]]\s*[:–-]?\s+(?P<title>\S.*)"),
    _line("update", rf"(?:[-*•]\s+|\[?\d{{1,3}}[\].)]:?\s+)?(?P<id>[A-Z]{{1,4}}-?\d{{4,8}})\s*[:–-]\s+(?P<title>[^,;(]\S.*?)\s*(?:[,(]|\s[-–—·|])\s*(?:\w+ )?(?P<installed_at>{DAY})\)?"),
    _line("boot_entry", r"(?P<id>boot[ -]?\d{2,4}|entry[ -]?\d{1,4})\*?:?\s+(?P<name>[^\W_].*?)(?:\s{2,}(?P<path>\S.*))?"),
    _line("boot_entry", r"(?P<default>\*)?\s*(?P<id>\{[\w-]+\})\s{2,}(?P<name>[^\W_](?:(?!\s{2}).)*?)\s{2,}(?P<path>(?:[a-z]:)?[\\/]\S*)"),
    _line("boot_entry", r"(?P<id>\{[\w-]+\})\s+(?P<name>[^\W_][^|]*?)\s+[-–—|]\s+(?P<path>(?:[a-z]:)?[\\/]\S*)(?:\s+[(\[]?(?P<default>default|standard|par défaut|predeterminad[oa]|predefinid[oa]|padr[ãa]o|predefinit[oa]|standaard|domy[śs]ln[aey])[)\]]?)?"),
    _line("page_file", rf"(?P<path>(?:[a-z]:\\|/)\S*?(?:\.(?:sys|swp|swap|pag)|swap[\w.]*))[:,]?\s+(?:\w+ )?(?P<size>{_SIZE})(?:,\s*|\s+)(?P<used>{_SIZE}) (?:is |are )?{IN_USE}\b.*"),
    _line("lookup", rf"(?P<name>[a-z][\w-]*(?:\.[\w-]+)+)\.?\s+(?:\d+\s+)?(?:in\s+)?(?:address|adresse|addr|aaaa|a)\s+(?P<address>{_IP})"),
    _line("update", rf"(?:[-*•]\s+)?(?P<id>[A-Z]{{1,4}}-?\d{{4,8}})\s+(?:am|on|vom|le|du|el|il|del|op|em|de|dnia|z)?\s*(?P<installed_at>{DAY})\s{{2,}}(?P<title>[^\W\d_].*)"),
    _line("lookup", rf"(?:asked|gefragt(?: bei)?|demand[ée] [àa]|preguntado a|perguntado a|chiesto a|gevraagd aan|pytano)(?: server)? (?P<server>{_IP})\s?:? (?P<name>[a-z][\w-]*(?:\.[\w-]+)+) (?:is|has|ist|hat|est|a|es|tiene|é|tem|è|ha|heeft|jest|ma|->|=|→) (?P<address>{_IP})"),
    _line("software", rf"(?:[-*•]\s+|\d{{1,4}}[.)]\s+)?(?P<name>[^\W\d][^(),]*?(?: \([^()\d]*\w+\))?) v?(?P<version>\d+(?:\.\d+)+)(?: \((?P<maker>[^()]+)\))?(?:,| [-–]) (?:installed|fitted|added|put in|put on|set up|since|from|seit|depuis|desde|dal|sinds|od|installiert|install[ée]e?|instalad[oa]|installat[oa]|ge[iï]nstalleerd|zainstalowan[oya]) (?:on |am |le |el |em |il |op )?(?P<installed_at>{DAY})(?:,.*)?"),
    _line("software", rf"(?:[-*•]\s+|\d{{1,4}}[.)]\s+)?(?P<name>[^\W\d][^(),]*?) v?(?P<version>\d+(?:\.\d+)+) [-–—] (?P<maker>[^\W\d_][^,]*?)(?:,| [-–—]) (?:(?:installed|fitted|added|since|installiert|install[ée]e?|instalad[oa]|installat[oa]|ge[iï]nstalleerd|zainstalowan[oya]) )?(?:on |am |le |el |em |il |op |dnia )?(?P<installed_at>{DAY})"),
    _line("lookup", rf"(?P<name>[a-z][\w-]*(?:\.[\w-]+)+)\.?\s+(?:has (?:the )?(?:ipv[46] )?address|is at|is|resolves to|answers to|->|=>|=)\s*:?\s+(?P<address>{_IP})"),
    _line("adapter", rf"(?P<name>[a-z][\w.@-]{{0,30}}) +(?P<connected>up|down|unknown) +(?P<mac>{_MAC})(?: <.*>)?"),
    _line("adapter", rf"(?P<name>[a-z][\w.@-]{{0,30}}) +(?P<connected>up|down|unknown)(?: +(?P<addresses>{_IP}/\d+(?: {_IP}/\d+)*))?"),
)  # fmt: skip


@lru_cache(maxsize=1)
def _sieve() -> Sieve:
    return Sieve([row.pattern.pattern for row in ITEM_LINES])


def read_item_lines(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read every line that states an item whole; returns the lines that did."""
    read: set[int] = set()
    rows = [ITEM_LINES[place] for place in _sieve().passing("\n".join(line.text[:MAX_LENGTH] for line in lines))]
    known: dict[tuple[str, str], Item] = {}
    columns: list[tuple[Item, Entry]] = []
    told = _ways_by_line(rows, lines)
    for line in lines:
        if 8 < len(line.text) <= MAX_LENGTH and any(
            _states(interpreter, line, row, known, columns) for row in told.get(line.number, rows)
        ):
            read.add(line.number)
    _connections_of_neighbours(interpreter, columns)
    if any(row.group == "neighbour" for row in rows):
        _cards_above(interpreter, lines, read)
    if any(row.group == "event" for row in rows):
        _texts_below(interpreter, lines, read)
    if any(row.group == "lookup" for row in rows):
        _addresses_below(interpreter, lines, read)
    return read


_ADDRESS_ALONE = re.compile(rf"\s+(?P<address>{_IP})\s*")


def _addresses_below(interpreter: Interpreter, lines: Sequence[Line], read: set[int]) -> None:
    """``quay.example -> 10.20.0.40`` over deeper lines of nothing but an address: the name has these too."""
    found = {
        draft.entry.line: draft
        for draft in interpreter.drafts[interpreter.section_from :]
        if draft.fact == "lookup.address" and draft.entry.line in read
    }
    for line in lines:
        first = found.get(line.number - 1)
        alone = _ADDRESS_ALONE.fullmatch(line.text) if first and line.number not in read else None
        value = understand(FACTS["lookup.address"], alone["address"], interpreter.locale) if alone else None
        if first and alone and value:
            first.lengthen(value)
            found[line.number] = first
            read.add(line.number)


def _ways_by_line(rows: Sequence[ItemLine], lines: Sequence[Line]) -> dict[int, list[ItemLine]]:
    """The ways that lines may state an item where headings say of the updates below that they are not installed, by
    line."""
    if not any(row.group == "update" for row in rows):
        return {}
    installed = {line.number for line in lines_of_installed(lines)}
    others = [row for row in rows if row.group != "update"]
    return {line.number: others for line in lines if line.number not in installed}


def _texts_below(interpreter: Interpreter, lines: Sequence[Line], read: set[int]) -> None:
    """An event whose line does not say what happened says it on the line below, which stands deeper."""
    by_number = {line.number: line for line in lines}
    told: dict[int, Item] = {}
    for draft in interpreter.drafts[interpreter.section_from :]:
        if draft.item and draft.item.group == "event" and draft.entry.line in read:
            told.setdefault(draft.entry.line, draft.item)
    said = {id(draft.item) for draft in interpreter.drafts if draft.fact == "event.text"}
    for number, item in told.items():
        below = by_number.get(number + 1)
        deeper = (
            below is not None and below.number not in read and indent_of(below.text) > indent_of(by_number[number].text)
        )
        if below and deeper and id(item) not in said:
            text = below.text.strip()
            value = understand(FACTS["event.text"], text, interpreter.locale)
            if value:
                entry = Entry("", text, below.number, indent_of(below.text) + 1)
                interpreter.add(
                    "event.text", item, entry, value, "sentences", 0.85, "it stands below what happened when"
                )
                read.add(below.number)


def _connections_of_neighbours(interpreter: Interpreter, columns: Sequence[tuple[Item, Entry]]) -> None:
    """What stands in a last column behind several neighbours is where they are seen; a name of each stands there once."""
    often = Counter(entry.printed for _, entry in columns)
    for item, entry in columns:
        value = understand(FACTS["neighbour.interface"], entry.printed, interpreter.locale)
        if value and often[entry.printed] > 1:
            interpreter.add("neighbour.interface", item, entry, value, "sentences", 0.75, "several are seen on it")


_CARD = re.compile(
    r"\W*(?P<noun>[^\W\d_]+(?: [^\W\d_]+){0,2}?)[: ]+(?:[\"'“„«]\s*(?P<quoted>[^\"'”“»]+?)\s*[\"'”“»]|(?P<bare>[\w.-]*\d)|(?<=: )(?P<words>[^\W\d_][\w. -]*?))(?: \(.*\))?:?\s*$"
)
# ``Quayside LAN``, alone or with its address in brackets
_CARD_ALONE = re.compile(
    r"\s*(?:[^\W\d_]+ (?:on|at|an|auf|sur|en|em|su|op|na) )?(?P<words>[A-Z][\w-]*(?: [\w-]+){0,3}|[^\W\d_][\w-]*)(?: \(\d[^()]*\))?:?\s*$"
)


def _cards_above(interpreter: Interpreter, lines: Sequence[Line], read: set[int]) -> None:
    """``Card "Quay" (10.20.4.33)``, or its name alone, over deeper lines of neighbours: where they are seen."""
    told = {
        draft.entry.line: draft.item
        for draft in interpreter.drafts[interpreter.section_from :]
        if draft.fact == "neighbour.address"
    }
    named = {id(draft.item) for draft in interpreter.drafts if draft.fact == "neighbour.interface"}
    card: tuple[Line, str] | None = None
    for line in lines:
        item = told.get(line.number)
        if item is None and line.text.strip():
            card = (line, name) if (name := _card_in(line.text[:MAX_LENGTH])) else None
        elif item and card and id(item) not in named and indent_of(line.text) > indent_of(card[0].text):
            value = understand(FACTS["neighbour.interface"], card[1], interpreter.locale)
            if value:
                at = Entry("", card[1], line.number, 1)
                interpreter.add("neighbour.interface", item, at, value, "sentences", 0.8, "it stands above the line")
                interpreter.frame.add(card[0].number)


def _card_in(text: str) -> str:
    """What a line calls the network card that it names; nothing where it names none, or what is listed below."""
    if (match := _CARD.match(text)) and _names_card(match["noun"]):
        return match["quoted"] or match["bare"] or match["words"]
    alone = _CARD_ALONE.match(text)
    listed = alone and any(at.group == "neighbour" for at in subjects_in(words_of(alone["words"])))
    return alone["words"] if alone and not listed else ""


def _names_card(noun: str) -> bool:
    meant = {guess.fact for guess in decide(noun, Context("adapter"))[:1]}
    return any(at.group == "adapter" for at in subjects_in(words_of(noun))) or bool(meant & _CARDS_NAMES)


_CARDS_NAMES = {"adapter.name", "adapter.connection"}


def _states(
    interpreter: Interpreter,
    line: Line,
    row: ItemLine,
    known: dict[tuple[str, str], Item],
    columns: list[tuple[Item, Entry]],
) -> bool:
    match = row.pattern.fullmatch(line.text.rstrip())
    if match is None:
        return False
    told = []
    for name, text in match.groupdict().items():
        if name == "column":
            continue
        for field in _ADDRESSES if name == "addresses" else (name.rstrip("2"),):
            fact = FACTS[f"{row.group}.{field}"]
            value = understand(fact, text, interpreter.locale) if text else None
            if value:
                told.append((fact.name, Entry("", text, line.number, match.start(name) + 1), value))
    if len(told) < 2:
        return False
    # A name that several lines tell addresses of is one look-up.
    key = (row.group, match["name"].casefold() if row.group == "lookup" else str(line.number))
    item = known.get(key) or known.setdefault(key, interpreter.new_item(row.group))
    if match.groupdict().get("column"):
        columns.append((item, Entry("", match["column"], line.number, match.start("column") + 1)))
    for fact_name, entry, value in told:
        if entry.printed.casefold() == key[1] and fact_name in item.keys:
            continue
        interpreter.add(fact_name, item, entry, value, "sentences", 0.9, f"the line states a {row.group} whole")
        interpreter.asides(fact_name, item, entry, "sentences", 0.9)
    return True
