"""What can be reached from the PC: echo tests and traced ways, as sentences say it."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import replace
from itertools import islice
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, ITEMS
from yes_tally.core.reading.clauses.by_clause import SURE
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry
from yes_tally.core.reading.statements.sentences import (
    HOP_TARGET,
    REACH_COUNTS,
    REACH_SAYS,
    REACH_TARGET,
    SILENT_HOP,
    TIME,
    Stated,
    place_of_number,
    statements,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.addresses import addresses
from yes_tally.core.reading.values.understand import understand

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
    said = list({s.fact: s for s in (*_in_clauses(lines), *_as_counted(lines))}.values())
    written = [line for line in lines if line.text.strip()]
    target = _TARGET_ROW.match(written[0].text) if len(written) == 1 else None
    if target:
        told = ("reach.target", "reach.address") if addresses(target["v"]) else ("reach.target",)
        said += [said_at(fact, target, "v", written[0]) for fact in told]
    if len([s for s in said if s.fact in REACH_COUNTS]) < 2:
        return
    item = interpreter.new_item("reach")
    of_whom = list({s.fact: s for s in reversed(list(statements(lines, REACH_TARGET)))}.values())
    if "reach.target" not in {s.fact for s in (*of_whom, *said)} and (
        asked := asked_for("reach.target", command, interpreter)
    ):
        of_whom.append(asked)
    for stated in (*of_whom, *said):
        state(interpreter, stated, item)


def echo_test_whole(interpreter: Interpreter, lines: Sequence[Line], command: str) -> None:
    """Read echo tests again as a whole, where a shape read what came back and not whom it asked (``sent = 4, received =
    3`` below ``Statistics for 10.20.0.1:``); kept where that tells as much, and whom."""
    told = [draft for draft in interpreter.drafts[interpreter.section_from :] if draft.fact.startswith("reach.")]
    asked = Counter(id(draft.item) for draft in told if draft.fact == "reach.target")
    of_nobody = {draft.fact for draft in told if asked[id(draft.item)] != 1}
    if not of_nobody:
        return
    before = len(interpreter.drafts)
    echo_test(interpreter, lines, command)
    again = interpreter.drafts[before:]
    worse = told if of_nobody < {draft.fact for draft in again} else again
    out = set(map(id, worse))
    interpreter.drafts[:] = [draft for draft in interpreter.drafts if id(draft) not in out]


# Whom a command asks: an address, a name with dots in it, or one with a number.
_ASKED = re.compile(r"(?<=\s)(?P<v>\d{1,3}(?:\.\d{1,3}){3}|[A-Za-z][\w-]*(?:\.[\w-]+)+|[A-Za-z]+-[\w-]*\d)(?=\s|$)")


def asked_for(fact: str, command: str, interpreter: Interpreter) -> Stated | None:
    """Whom the command of the section that is read asks."""
    asked = _ASKED.search(command)
    return Stated(fact, asked["v"], asked["v"], max(1, interpreter.command_line), 1) if asked else None


_TARGET_LINE = re.compile(r"[\w-]+(?:\.[\w-]+)*(?: ?[(\[][0-9a-f.:]+[)\]])?:?\s*$", re.I)


# ``10.20.0.1    sent 4  back 4``
_TARGET_ROW = re.compile(
    r"\s*(?P<v>(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]+:[0-9a-f:]+|[A-Za-z][\w-]*(?:\.[\w-]+)+|[A-Za-z]+-[\w-]*\d|[A-Za-z][\w-]*(?= [\[(]\d+\.)))(?: [\[(][\d.:a-f]+[\])])?:?\s{1,12}(?=[^\d]{0,12}\d.*\d)(?=.*\b(?:sent|asked|back|lost|answer|replies|antwort|r[ée]pons|respuesta|respost|rispost|antwoord|odpowiedz|gesendet|envoy|enviad|inviati|trasmessi|verzonden|wys[łl]an))",
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


_CLAUSE = re.compile(r"[^\s,;(/|](?:(?!\s{2}|[,;]\s| [/|-] |\().)*")
_MEASURED = re.compile(r"(?<![\w.,])\d{1,6}(?:[.,]\d{1,4})?(?P<unit> ?(?:ms|s|µs)\b)?(?![.\d]| ?%)")
_MOST_CLAUSES = 12


def _in_clauses(lines: Sequence[Line]) -> Iterator[Stated]:
    """What lines say of an echo test in several clauses, each a number and what it is (``4 verstuurd, 1 kwijt``, ``kortst
    0,38 ms   langst 0,55 ms``). The unit of a line's one time is that of the others on it (``mean 2 ms (min 1, max 5)``)."""
    for line in lines:
        found: dict[str, Stated] = {}
        units = {m["unit"].strip() for m in _MEASURED.finditer(line.text[: 2 * MAX_LABEL]) if m["unit"]}
        unit = units.pop() if len(units) == 1 else ""
        for clause in islice(_CLAUSE.finditer(line.text[: 2 * MAX_LABEL]), _MOST_CLAUSES):
            numbers = list(_MEASURED.finditer(clause.group()))
            if len(numbers) != 1:
                continue
            number, text = numbers[0], clause.group()
            label = f"{text[: number.start()]} {text[number.end() :]}".strip(" :=.()")
            for guess in decide(label, Context("reach"))[:1] if label else ():
                kind = FACTS[guess.fact].kind
                fits = kind == "span" if number["unit"] else kind == "count" or (kind == "span" and unit)
                if guess.fact.startswith("reach.") and guess.confidence > SURE and fits:
                    told = f"{number.group()} {unit}" if kind == "span" and not number["unit"] else number.group()
                    at = clause.start() + number.start() + 1
                    found[guess.fact] = Stated(guess.fact, number.group(), told, line.number, at)
        if len(found) > 1:
            yield from found.values()
            yield from _three_times(line)


# ``0.2 / 0.3 / 0.4 ms``, on the line that counts: the best, the usual and the worst, in this order everywhere.
_TIMES = re.compile(
    r"(?<![\d.,/])(?P<best>\d{1,5}(?:[.,]\d{1,4})?) ?(?:ms)? ?/ ?(?P<average>\d{1,5}(?:[.,]\d{1,4})?) ?(?:ms)? ?/ ?(?P<worst>\d{1,5}(?:[.,]\d{1,4})?) ?ms\b"
)


def _three_times(line: Line) -> Iterator[Stated]:
    times = _TIMES.search(line.text[: 2 * MAX_LABEL])
    numbers = [float(text.replace(",", ".")) for text in times.groups()] if times else []
    if times and numbers == sorted(numbers):
        for of in ("best", "average", "worst"):
            yield Stated(f"reach.{of}", times[of], f"{times[of]} ms", line.number, times.start(of) + 1)


def _as_counted(lines: Sequence[Line]) -> Iterator[Stated]:
    """What an echo test's lines say; what the line that counts the sent ones says, it says for all of them."""
    whole = list(statements(lines, REACH_SAYS))
    yield from whole
    counted = next((stated.line for stated in whole if stated.fact == "reach.sent"), 0)
    yield from statements([line for line in lines if line.number == counted], REACH_SAYS)


# What stands before a step's number, and what parts what is told of it: ``hop 1: 10.20.3.1, in 1 ms``.
_AROUND_STEP = re.compile(
    r"^\s*(?:[-*•] )?(?:(?:hop|step|schritt|sprung|station|saut|[ée]tape|salto|paso|passo|tappa|sprong|stap|krok|skok)\b)?[ #\[(]*(?=\d)|"
    r"[,;|()\]](?=[\s,;:)]|$)|:(?=\s|$)| [(|\[/]|(?<=\s)(?:is|in|after|ist|nach|est|en|apr[èe]s|es|tras|em|ap[óo]s|[èe]|dopo|na|po|w|answered|[-=]>|→|--?|–|—)(?=\s)",
    re.I,
)


def _without_marks(line: Line) -> Line:
    """A line with blanks for the marks that part what is told of a step; its columns stay."""
    text = line.text[: 2 * MAX_LABEL]
    return replace(line, text=_AROUND_STEP.sub(lambda mark: " " * len(mark.group()), text))


def _are_steps(lines: Sequence[Line]) -> bool:
    """Whether lines, two at least, are the steps of a way one after the other, each with the time it took."""
    printed = [line for line in lines if line.text.strip()]
    steps = [place_of_number(line) or SILENT_HOP.match(line.text[:MAX_LABEL]) for line in printed]
    numbers = [int(step["number"]) for step in steps if step]
    timed = [step for step in steps if step and step.groupdict().get("times")]
    return len(timed) > 1 and numbers == list(range(1, len(printed) + 1))


def traced_way(interpreter: Interpreter, lines: Sequence[Line], command: str = "", *, spoken_of: bool = False) -> None:
    """A traced way, a step a line; at least two steps, so that no other numbered line is one. Where to may be said by the
    command alone. ``spoken_of``: such a way is what was asked for, and its steps may be told with any marks; otherwise they must be all
    that is told."""
    plain = [line if place_of_number(line) else _without_marks(line) for line in lines]
    if not spoken_of and not _are_steps(plain):
        plain = list(lines)
    steps = [(line, match) for line in plain if (match := place_of_number(line))]
    told = interpreter.drafts[interpreter.section_from :]
    of_table = {id(draft.item): draft.item for draft in told if draft.fact == "hop.number"}
    if of_table and not any(draft.fact == "hop.target" for draft in told):
        # A table of the steps seldom says where they lead to.
        whither = next(statements(lines, HOP_TARGET), None) or asked_for("hop.target", command, interpreter)
        for item in of_table.values():
            if whither:
                state(interpreter, whither, item)
    if len({match["address"] for _, match in steps}) < 2:
        return  # what one address answers, time after time, is an echo test
    target = next(statements(lines, HOP_TARGET), None) or asked_for("hop.target", command, interpreter)
    steps += [(line, match) for line in plain if (match := SILENT_HOP.match(line.text[:MAX_LABEL]))]
    for line, match in sorted(steps, key=lambda step: step[0].number):
        item = interpreter.new_item("hop")
        if target:
            state(interpreter, target, item)
        if match.re is SILENT_HOP:
            state(interpreter, said_at("hop.number", match, "number", line), item)
            continue
        times = sorted(TIME.findall(match["times"]), key=lambda text: float(text.rstrip("msMS ").replace(",", ".")))
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


def said_at(fact: str, match: re.Match[str], group: str, line: Line) -> Stated:
    """What a part of a line says, with its place."""
    return Stated(fact, match[group], match[group], line.number, match.start(group) + 1)


def state(interpreter: Interpreter, stated: Stated, item: Item | None) -> None:
    """Keep what a sentence states, of an item or of the PC, where its text can be that."""
    value = understand(FACTS[stated.fact], stated.value, interpreter.locale)
    if value and (item or FACTS[stated.fact].group not in ITEMS):
        entry = Entry("", stated.printed, stated.line, stated.column)
        interpreter.add(stated.fact, item, entry, value, "sentences", 0.85, "a sentence says so")
