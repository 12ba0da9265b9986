"""What can be reached from the PC: echo tests, traced ways, and names that a server was asked for, as sentences say it."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import zip_longest
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, ITEMS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.addresses import addresses
from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.sentences import (
    HOP_TARGET,
    MAX_STATEMENT,
    REACH_SAYS,
    REACH_TARGET,
    SILENT_HOP,
    TIME,
    Stated,
    place_of_number,
    statements,
)
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry
from yes_tally.core.reading.values import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter


def echo_test(interpreter: Interpreter, lines: Sequence[Line], command: str = "") -> None:
    """An echo test is one item: whom it asked (which may be said by the command alone), what came back, how long it
    took."""
    parts = _by_target(lines)
    for part in parts if len(parts) > 1 else ():
        echo_test(interpreter, part)
    if len(parts) > 1:
        return
    said = list({s.fact: s for s in _as_counted(lines)}.values())
    written = [line for line in lines if line.text.strip()]
    target = _TARGET_ROW.match(written[0].text) if len(written) == 1 else None
    if target:
        told = ("reach.target", "reach.address") if addresses(target["v"]) else ("reach.target",)
        said += [_said(fact, target, "v", written[0]) for fact in told]
    if len([s for s in said if s.fact in ("reach.sent", "reach.received", "reach.lost")]) < 2:
        return
    item = interpreter.new_item("reach")
    of_whom = list({s.fact: s for s in reversed(list(statements(lines, REACH_TARGET)))}.values())
    asked = _ASKED.search(command) if "reach.target" not in {s.fact for s in (*of_whom, *said)} else None
    if asked and written:
        of_whom.append(Stated("reach.target", asked["v"], asked["v"], max(1, written[0].number - 1), 1))
    for stated in (*of_whom, *said):
        state(interpreter, stated, item)


# Whom a command asks: an address, a name with dots in it, or one with a number.
_ASKED = re.compile(r"(?<=\s)(?P<v>\d{1,3}(?:\.\d{1,3}){3}|[A-Za-z][\w-]*(?:\.[\w-]+)+|[A-Za-z]+-[\w-]*\d)(?=\s|$)")


_TARGET_LINE = re.compile(r"[\w-]+(?:\.[\w-]+)*(?: ?[(\[][0-9a-f.:]+[)\]])?:?\s*$", re.I)


# ``10.20.0.1    sent 4  back 4``
_TARGET_ROW = re.compile(
    r"\s*(?P<v>(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]+:[0-9a-f:]+|[A-Za-z][\w-]*(?:\.[\w-]+)+|[A-Za-z]+-[\w-]*\d)):?\s{1,12}(?=[^\d]{0,12}\d.*\d)(?=.*\b(?:sent|asked|back|lost|answer|gesendet|envoy|enviad|inviati|trasmessi|verzonden|wys[łl]an))",
    re.I,
)


def _by_target(lines: Sequence[Line]) -> list[list[Line]]:
    """The lines of several echo tests apart: each begins with whom it asked, alone on its line, over what is indented, or
    before what came back."""
    rows = [line for line in lines if _TARGET_ROW.match(line.text[: 2 * MAX_LABEL])]
    if len(rows) > 1:
        return [[line] for line in rows]
    parts: list[list[Line]] = []
    for index, line in enumerate(lines):
        below = lines[index + 1].text if index + 1 < len(lines) else ""
        if below[:1] == " " and line.text[:1].strip() and len(line.text) <= MAX_LABEL and _TARGET_LINE.match(line.text):
            parts.append([])
        if parts:
            parts[-1].append(line)
    return parts


def _as_counted(lines: Sequence[Line]) -> Iterator[Stated]:
    """What an echo test's lines say; what the line that counts the sent ones says, it says for all of them."""
    whole = list(statements(lines, REACH_SAYS))
    yield from whole
    counted = next((stated.line for stated in whole if stated.fact == "reach.sent"), 0)
    yield from statements([line for line in lines if line.number == counted], REACH_SAYS)


def traced_way(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """A traced way, a step a line; at least two steps, so that no other numbered line is one."""
    steps = [(line, match) for line in lines if (match := place_of_number(line))]
    if len(steps) < 2:
        return
    target = next(statements(lines, HOP_TARGET), None)
    steps += [(line, match) for line in lines if (match := SILENT_HOP.match(line.text[:MAX_LABEL]))]
    for line, match in sorted(steps, key=lambda step: step[0].number):
        item = interpreter.new_item("hop")
        if target:
            state(interpreter, target, item)
        if match.re is SILENT_HOP:
            state(interpreter, _said("hop.number", match, "number", line), item)
            continue
        times = sorted(TIME.findall(match["times"]), key=lambda text: float(text.rstrip("ms ").replace(",", ".")))
        parts = [
            ("hop.number", match["number"], match.start("number")),
            ("hop.address", match["address"], match.start("address")),
        ]
        if times:
            parts += [
                (f, t, match.start("times") + match["times"].index(t))
                for f, t in (("hop.best", times[0]), ("hop.worst", times[-1]))
            ]
        for fact, text, at in parts:
            state(interpreter, Stated(fact, text, text, line.number, at + 1), item)


_SERVER = re.compile(
    r"\s*(?:[;#]+\s*)?(?:(?:name )?server|serwer|zapytano|gefragt|gevraagd|interrog[ée]|serveur|servidor|resolver|asked|nameserver|answered by|asking)(?: [^\W\d_]+)?(?:\s*:|\s)\s*(?P<v>[\w-]*[.:]\S*\w)(?:\s+[(\[][\w.:-]+[)\]])?[\s.…]*$",
    re.I,
)
# ``keys.lanternsound.example    10.20.0.40  10.20.0.41``: a name, and its addresses beside it.
_NAME_AND_ADDRESSES = re.compile(
    r"\s*(?:(?P<v>[\w-]+(?:\.[\w-]+)+)(?:\s+|\s*(?:=|:)\s*)|(?P<w>[A-Za-z][\w-]*(?:\.[\w-]+)*)\s*(?:->|=>)\s*)(?P<addresses>(?:(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]*:[0-9a-f:]+)[,;]?\s*)+)(?:\([\w.-]+\)\s*)?$",
    re.I,
)
_HAS_ADDRESS = re.compile(
    r"\s*(?P<v>[\w-]+(?:\.[\w-]+)+) (?:has(?: the)? (?:ip |ipv[46] )?address(?:es)?|is at|hat die adresse|a pour adresse|tiene la direcci[oó]n|ha indirizzo|heeft adres|ma adres|tem o endere[cç]o) (?P<addresses>[0-9a-f.:, ]+?)\.?\s*$",
    re.I,
)
_NAMED = re.compile(r"\s*(?:(?:host )?name|nom|nombre|nome)\s*:\s*(?P<v>[\w-]+(?:\.[\w-]+)+)\.?\s*$", re.I)
_ADDRESS = re.compile(
    r"\s*(?:(?:ip )?address(?:es)?|adresses?|direcci(?:ón|ones)|indirizz[oi]|endereços?|adressen?|adres[ey]?)(?:\s*:\s*|\s{2,})(?P<v>[0-9a-f.:]+)\s*$",
    re.I,
)
# ``keys.lanternsound.example`` alone, over its indented addresses.
_BARE_NAME = re.compile(r"(?P<v>[A-Za-z][\w-]*(?:\.[\w-]+)+|[A-Za-z]+-[\w-]*\d)\s*$")
_UNKNOWN_NAME = re.compile(
    r"\s+(?:no such name|not found|unknown(?: name)?|nom inconnu|nicht gefunden|unbekannt\w*(?: name)?|nombre desconocido|nome sconosciuto|nome desconhecido|onbekende naam|nieznana nazwa)\W*$",
    re.I,
)
_ALONE = re.compile(r"\s+(?P<v>[0-9]{1,3}(?:\.[0-9]{1,3}){3}|[0-9a-f]*:[0-9a-f:]+)\s*$", re.I)
_NAME_NOT_FOUND = re.compile(
    r"\W*(?P<v>(?!(?:name|nom|nome|nombre|naam|nazwa)\b)[A-Za-z][\w-]*(?:\.[\w-]+)*)(?::? |\s*(?:->|=>)\s*)(?:no such name|not found|not known|unknown(?: name)?|does not exist|gibt es nicht|existiert nicht|unbekannt|"
    r"n'existe pas|inconnue?|introuvable|no existe|desconocid[oa]|non esiste|sconosciut[oa]|n[ãa]o existe|desconhecid[oa]|bestaat niet|onbekend|nie istnieje|nieznan[aey])\W*$",
    re.I,
)
_NOT_FOUND = re.compile(r"(?:can(?:'t|not)|could not|unable to) (?:find|resolve) (?P<v>[\w-]+(?:\.[\w-]+)+)|(?P<w>[\w-]+(?:\.[\w-]+)+)\s*:? (?:was |is )?(?:nie ma takiej nazwy|nie istnieje|es gibt keinen solchen namen|existiert nicht|nom inconnu|n'existe pas|no existe|non esiste|n[ãa]o existe|bestaat niet|onbekend|not found|not known|unknown|no such name|does not exist|nxdomain)|\b(?:knows no|does not know|has no (?:address|record|answer) for|nothing is known of|kennt (?:kein\w*|nicht)|ne conna[iî]t pas|no conoce|non conosce|n[ãa]o conhece|kent geen|nie zna) (?P<x>[\w-]+(?:\.[\w-]+)+?)(?=[.\s]*$)|\b(?:unknown name|no such name|name (?:not found|unknown|unbekannt)|nom (?:inconnu|introuvable)|unbekannter name|nombre (?:desconocido|no encontrado)|nome (?:sconosciuto|non trovato|desconhecido|n[ãa]o encontrado)|onbekende naam|naam onbekend|nieznana nazwa)\s*:\s*(?P<y>[\w-]+(?:\.[\w-]+)+)", re.I)  # fmt: skip


def look_ups(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """A name that a server was asked for: the server and its own address, then the name and its addresses; or that
    there is no such name."""
    server: Stated | None = None
    item: Item | None = None
    name, before = "", len(interpreter.drafts)
    for line, below in zip_longest(lines, lines[1:]):
        text = line.text[:MAX_STATEMENT]
        if asked := _SERVER.match(text):
            said = _said("lookup.server", asked, "v", line)
            if server is None and item and text[:1] == " ":
                state(interpreter, said, item)  # ``asked   10.20.0.53`` below the name and its address
                continue
            server, item, name = said, None, ""
            continue
        if server is None:
            if (alone := _BARE_NAME.match(text)) and below and below.text[:1] == " " and _ADDRESS.match(below.text):
                item = interpreter.new_item("lookup")
                state(interpreter, _said("lookup.name", alone, "v", line), item)
            elif item and (found := _ADDRESS.match(text)):
                state(interpreter, _said("lookup.address", found, "v", line), item)
            continue
        if row := _NAME_AND_ADDRESSES.match(text) or _HAS_ADDRESS.match(text):
            named_by = "v" if row["v"] else "w"
            if name == row[named_by]:
                state(interpreter, _said("lookup.address", row, "addresses", line), item)
                continue
            item, name = interpreter.new_item("lookup"), row[named_by]
            for stated in (
                _said("lookup.name", row, named_by, line), server, _said("lookup.address", row, "addresses", line),
            ):  # fmt: skip
                state(interpreter, stated, item)
            continue
        missing = _NAME_NOT_FOUND.match(text) or _NOT_FOUND.search(text)
        named = _NAMED.match(text) or _BARE_NAME.match(text)
        if named or missing:
            item = interpreter.new_item("lookup")
            group = (
                "v" if named or missing is None else next(name for name, found in missing.groupdict().items() if found)
            )
            state(interpreter, _said("lookup.name", named or missing, group, line), item)  # type: ignore[arg-type]
            state(interpreter, server, item)
            if missing and not named:
                at = Entry("", missing.group().rstrip(), line.number, missing.start() + 1)
                interpreter.add(
                    "lookup.address", item, at, exactly("list", ()), "sentences", 0.8, "no such name is said"
                )
        elif item and (none := _UNKNOWN_NAME.match(text)):
            at = Entry("", none.group().strip(), line.number, 1)
            interpreter.add("lookup.address", item, at, exactly("list", ()), "sentences", 0.8, "no such name is said")
        elif item and (found := _ADDRESS.match(text) or _ALONE.match(text)):
            state(interpreter, _said("lookup.address", found, "v", line), item)
    if server and len(interpreter.drafts) == before:
        # Who was asked is said apart from rows that tell the names whole.
        told = interpreter.drafts[interpreter.section_from :]
        for one in {id(draft.item): draft.item for draft in told if draft.fact == "lookup.name"}.values():
            state(interpreter, server, one)


def _said(fact: str, match: re.Match[str], group: str, line: Line) -> Stated:
    return Stated(fact, match[group], match[group], line.number, match.start(group) + 1)


def state(interpreter: Interpreter, stated: Stated, item: Item | None) -> None:
    """Keep what a sentence states, of an item or of the PC, where its text can be that."""
    value = understand(FACTS[stated.fact], stated.value, interpreter.locale)
    if value and (item or FACTS[stated.fact].group not in ITEMS):
        entry = Entry("", stated.printed, stated.line, stated.column)
        interpreter.add(stated.fact, item, entry, value, "sentences", 0.85, "a sentence says so")
