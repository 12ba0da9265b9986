"""Memory sockets: what one holds, or that it holds nothing, on a line of its own or in rows."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.by_clause import LEADING_SIZE
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Context, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.records.listings import INDEXED, LETTERED, by_gaps, by_key
from yes_tally.core.reading.shapes.layout import (
    MAX_LABEL,
    MAX_LINE,
    Entry,
    as_comma,
    cells_by_gap,
    indent_of,
    is_rule,
    under_heads,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import SOCKET
from yes_tally.core.words import HOLDS_NOTHING, plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_MANY_ROWS = 2000
# What is said of a socket that holds nothing.


def _is_empty(printed: str) -> bool:
    return plain(printed.strip("()[]<>- ")) in HOLDS_NOTHING


def empty_socket(interpreter: Interpreter, entry: Entry, shape: str, around: tuple[str, ...]) -> bool:
    """``Socket A2 .... free``: a memory socket that holds nothing is told of too. Whether it is one."""
    label = entry.label if _is_empty(entry.printed) else ""
    match = LETTERED.fullmatch(label) or INDEXED.match(label) if label else None
    if match is None or not match["rest"]:
        return False
    if "module" not in (SUBJECTS.get(words_of(match["noun"])), by_key(match["noun"], around)):
        return False
    place = Entry(entry.label, match["rest"], entry.line, max(1, entry.column - len(entry.printed)))
    interpreter.place(
        place, shape, (Guess("module.slot", 0.85, "the label names the socket"),), interpreter.new_item("module")
    )
    return True


def in_socket(interpreter: Interpreter, entry: Entry, shape: str, around: tuple[str, ...]) -> bool:
    """``memory: 64 GB`` over ``A1: 32 GB DDR4 3200 MT/s``: what a socket holds. Whether it is told."""
    socket = SOCKET.fullmatch(entry.label)
    holds = (LEADING_SIZE.match(entry.printed) or _SIZE_AND_TYPE.match(entry.printed[:MAX_LINE])) if socket else None
    empty = _is_empty(entry.printed) and {"memory", "module"} & set(around[:2])
    if socket is None or not (holds or empty):
        return False
    if not holds and empty_socket(interpreter, entry, shape, around):
        return True
    item = interpreter.new_item("module")
    place = Entry("", socket["code"], entry.line, max(1, entry.column - len(entry.label) - 2 + socket.start("code")))
    interpreter.place(place, shape, (Guess("module.slot", 0.85, "the label names the socket"),), item)
    if holds and not LEADING_SIZE.match(entry.printed):
        interpreter.numbered, interpreter.numbered_line = item, entry.line
        module_in_words(interpreter, entry, item)
        return True
    if holds and not (", " in entry.printed and told_bare(interpreter, entry, "module", item, shape, "module.size")):
        interpreter.place(entry, shape, (Guess("module.size", 0.85, "it is what the socket holds"),), item)
    return True


_SIZE_AND_TYPE = re.compile(
    r"(?=.*\b\d[\d.,]* ?[GM]i?[BOo]\b).*, .*\b(?:LP)?DDR\d|.*\bDDR\d.*, .*\b\d[\d.,]* ?[GM]i?[BOo]\b", re.I
)


def module_in_words(interpreter: Interpreter, entry: Entry, item: Item) -> bool:
    """``Siskin SK08-D4-2666, 8 GB DDR4, serial 3F10C001`` beside a socket: what it holds, in a list. Whether it is told."""
    if not _SIZE_AND_TYPE.match(entry.printed[:MAX_LINE]):
        return False
    left = [fact for fact in FIELDS["module"] if fact.name not in ("module.slot", "module.bank")]
    return told_in_words(interpreter, entry.printed, entry.line, entry.column - 1, "module", item, left) > 1


# ``slot0=8192,DDR4,2666``: megabytes, as modules count them (SMBIOS, Memory Device), and what follows from the type.
_BARE_MODULE = re.compile(r"(?P<size>\d{3,6}), ?(?P<type>(?:LP)?DDR\d[A-Z]?)(?:, ?(?P<speed>\d{3,5}))?", re.I)


def bare_module(interpreter: Interpreter, entry: Entry, shape: str, around: tuple[str, ...]) -> bool:
    """A socket by its number, and the bare size, type and speed of the module in it. Whether it is one, and read."""
    socket = LETTERED.fullmatch(entry.label) or INDEXED.match(entry.label)
    holds = _BARE_MODULE.fullmatch(entry.printed)
    if socket is None or not socket["rest"] or holds is None or not _MEMORY_SPOKEN_OF & set(around[:2]):
        return False
    item = interpreter.new_item("module")
    place = Entry("", socket["rest"], entry.line, max(1, entry.column - len(entry.label) - 1 + socket.start("rest")))
    interpreter.place(place, shape, (Guess("module.slot", 0.85, "the label names the socket"),), item)
    for field, text in holds.groupdict().items():
        at = Entry("", text or "", entry.line, entry.column + holds.start(field))
        guess = Guess(f"module.{field}", 0.8, "it stands so beside a type of memory")
        interpreter.place(at, shape, (guess,) if text else (), item, of_sizes="MB")
    return True


_HOW_MANY = re.compile(r"\d{1,2}(?:$|[ ,;(/])")


def counted_sockets(entry: Entry, guesses: tuple[Guess, ...], context: Context) -> tuple[Guess, ...]:
    """What a label that may name a module's socket means where it speaks of several and a number stands beside it: how
    many there are (``Slots: 4, 3 in use``)."""
    several = context.group == "module" and entry.label.casefold().endswith("s")
    if not several or not guesses or guesses[0].fact != "module.slot" or not _HOW_MANY.match(entry.printed):
        return guesses
    return decide(entry.label, Context("memory")) or guesses


# ``4 sockets, 2 in use, at most 64 GB (16 GB each)``
_COUNTS_SOCKETS = re.compile(
    r"\s*(?:\d{1,2} (?:of|von|sur|de|di|van|z) )?(?P<count>\d{1,2}) (?:(?:memory|ram) )?(?:slots?|sockets?|(?:steck|speicher)?pl[äa]tze|b[äa]nke|emplacements?|ranuras?|z[óo]calos?|bancos?|soquetes?|encaixes|"
    r"alloggiamenti|sleuven|gniazd[ao]?)(?: [^\W\d_]+){0,4}, [^:=]*\d[^:=]*",
    re.I,
)
_LEAST_TOLD = 2


def lines_counting_sockets(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the lines that say how many sockets for memory there are, and more of the memory; returns those that were read."""
    read: set[int] = set()
    for line in lines:
        match = _COUNTS_SOCKETS.fullmatch(line.text[:MAX_LINE])
        if match is None or "  " in line.text.strip():
            continue
        before, text = len(interpreter.drafts), line.text.strip()
        told_in_words(interpreter, text, line.number, indent_of(line.text), "memory", None, list(FIELDS["memory"]))
        facts = {draft.fact for draft in interpreter.drafts[before:]}
        if facts and "memory.slots" not in facts:
            at = Entry("", match["count"], line.number, match.start("count") + 1)
            why = "it says how many sockets there are"
            interpreter.add("memory.slots", None, at, exactly("count", int(match["count"])), "words", 0.82, why)
            facts |= {"memory.slots"}
        if len(facts) >= _LEAST_TOLD:
            read.add(line.number)
        else:
            del interpreter.drafts[before:]
    return read


_LETTERED_SOCKET = re.compile(
    r"\s*(?P<socket>[A-H])(?::| [-–—=]|\s(?=\s))\s+(?P<holds>\d{1,3} ?[MG]i?[BO],? (?:LP)?DDR\d.*?|(?P<empty>[^\W\d_][^\d:]*?|\([^()]+\)|-+))\s*$"
)


def lettered_sockets(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``A: 8 GB DDR5-4800 Siskin`` over ``B: empty``: sockets by letters that follow each other from the first on, which no
    drive's line is taken for; returns the lines that were read."""
    read: set[int] = set()
    run: list[re.Match[str]] = []
    for place, line in enumerate(lines):
        match = _LETTERED_SOCKET.match(line.text[:MAX_LINE])
        if match and match["empty"] and not _is_empty(match["empty"]):
            match = None
        run = [*run, match] if match and ord(match["socket"]) - ord("A") == len(run) else []
        below = lines[place + 1].text[:MAX_LINE] if place + 1 < len(lines) else ""
        if len(run) < _LEAST_SOCKETS or _LETTERED_SOCKET.match(below) or all(row["empty"] for row in run):
            continue
        for socket, at in zip(run, lines[place + 1 - len(run) : place + 1], strict=True):
            item = interpreter.new_item("module")
            for field in ("socket",) if socket["empty"] else ("socket", "holds"):
                fact = "module.size" if field == "holds" else "module.slot"
                entry = Entry("", socket[field], at.number, socket.start(field) + 1)
                interpreter.place(entry, "rows", (Guess(fact, 0.85, "it is one of the lettered sockets"),), item)
            read.add(at.number)
        run = []
    return read


_ROW = re.compile(
    rf"\s*(?:[-*•] +|\d{{1,2}}(?:[.)] +|\s{{2,}}))?\[?(?P<socket>{SOCKET.pattern}|[^\W\d_]{{3,12}} ?\d{{1,2}})(?:\]:?(?=\s)|\s*[|;:=]| -(?= )|\s(?=\s)|\t)\s*(?P<holds>\S.*)$",
    re.I,
)
_PAIR = 2
_SOCKET_AND_CONTENT = 2
_MEMORY_SPOKEN_OF = frozenset({"module", "memory"})


def read_sockets(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``A1 | 16 GB | DDR5 | 5600 MT/s`` over ``A2 | --empty--``: lines that each name a memory socket, some of them empty,
    whatever parts what the others hold. Whether they were read."""
    first = next((place for place, line in enumerate(lines[:3]) if _ROW.match(line.text[:MAX_LINE])), None)
    if first is None:
        return False
    if first and is_rule(lines[first - 1].text) and len(lines[first - 1].text.split()) <= _SOCKET_AND_CONTENT:
        lines = lines[first:]
    headed = not _ROW.match(lines[0].text[:MAX_LINE])
    if (
        headed
        and len(lines) > _LEAST_SOCKETS
        and _MEMORY_SPOKEN_OF & set(interpreter.heading(lines[0].text[:MAX_LABEL])[:1])
    ):
        around, lines = (*_MEMORY_SPOKEN_OF, *around), lines[1:]
    if not _LEAST_SOCKETS <= len(lines) <= _MOST_SOCKETS or any(len(line.text) > MAX_LINE for line in lines):
        return False
    rows: list[re.Match[str]] = []
    for line in lines:
        match = _ROW.match(line.text)
        if match is None or not _named(interpreter, match["socket"]):
            break
        rows.append(match)
    empty = [_is_empty(row["holds"].strip(" |;,")) or not row["holds"].strip(" -–—|;,") for row in rows]
    if len(rows) < max(_LEAST_SOCKETS, len(lines) - _MOST_BELOW) or not any(empty) or all(empty):
        return False
    filled = [row["holds"] for row, nothing in zip(rows, empty, strict=True) if not nothing]
    if not all(_SIZE.match(holds) and not _PAIR_BESIDE.search(holds) for holds in filled) or not (
        _MEMORY_SPOKEN_OF & set(around) or any(map(_DDR.search, filled))
    ):
        return False
    before, items = len(interpreter.drafts), [Item("module") for _ in rows]
    for line, row, nothing, item in zip(lines, rows, empty, items, strict=False):
        for which, guess in _named(interpreter, row["socket"]):
            place = Entry("", which[0], line.number, row.start("socket") + which.start() + 1)
            interpreter.place(place, "rows", (guess,), item)
        holds = Entry("", _BARS.sub(as_comma, row["holds"]), line.number, row.start("holds") + 1)
        if nothing or told_bare(interpreter, by_gaps(holds), "module", item, "rows", "module.size", line.text):
            continue
        if "  " in holds.printed:
            del interpreter.drafts[before:]
            return False
        interpreter.place(holds, "rows", (Guess("module.size", 0.85, "it is what the socket holds"),), item)
    interpreter.frame.update(line.number for line, nothing in zip(lines, empty, strict=False) if nothing)
    for item in items:
        interpreter.take(item)
    return True


_HEAD = re.compile(
    rf"\s*(?:[-*•] +)?(?:[^\W\d_]+ ){{0,4}}?(?P<socket>{SOCKET.pattern})(?:,? ?[(\[]?(?P<bank>[^\W\d_]{{3,6}} ?\d{{1,2}})[)\]]?)?\s*:?(?:\s\s+(?P<holds>\S.*?))?\s*$",
    re.I,
)


def sockets_over_words(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``Module in slot DIMM_A (bank 0)`` over ``8 GB, SO-DIMM DDR4, 3200 MT/s``: sockets, each over what it holds, or that
    it holds nothing. Whether they were read."""
    if len(lines) > 1 and indent_of(lines[0].text) < indent_of(lines[1].text) and not _HEAD.match(lines[0].text):
        lines = lines[1:]  # ``board (takes 128 GB)`` over all of them
    if not _LEAST_SOCKETS < len(lines) <= _MANY_ROWS or not _HEAD.match(lines[0].text[:MAX_LINE]):
        return False
    if any(len(line.text) > MAX_LINE for line in lines):
        return False
    parts = under_heads(lines)
    named = [_HEAD.match(head.text) for head, _ in parts]
    if len(parts) < _LEAST_SOCKETS or not all(
        match and (below or match["holds"]) for match, (_, below) in zip(named, parts, strict=True)
    ):
        return False
    told = [cells_by_gap(line.text) for _, below in parts for line in below]
    if sum(len(cells) == _PAIR and is_known(cells[0][0]) for cells in told) * 2 >= len(told):
        return False  # rows without anything below them, or pairs
    if not _MEMORY_SPOKEN_OF & set(around) or not any(_DDR.search(line.text) for line in lines):
        return False
    for match, (head, below) in zip(named, parts, strict=True):
        item, left = interpreter.new_item("module"), [f for f in FIELDS["module"] if f.field not in ("slot", "bank")]
        for fact, group in (("module.slot", "code"), ("module.bank", "bank")):
            if match and match[group]:
                place = Entry("", match[group], head.number, match.start(group) + 1)
                interpreter.place(place, "words", (Guess(fact, 0.85, "it stands over what the socket holds"),), item)
        beside = [(match["holds"], head.number, match.start("holds"))] if match and match["holds"] else []
        for text, number, at in (*beside, *((line.text.strip(), line.number, indent_of(line.text)) for line in below)):
            if _is_empty(text):
                interpreter.frame.add(number)
            else:
                told_in_words(interpreter, text, number, at, "module", item, left)
    return True


# ``DIMM A1``, and ``Channel A, slot 1`` as a whole
_CODE = re.compile(r"(?:channel|kanal|canale?|kanaal|kana[łl]) .*|\S+$", re.I)


def _named(interpreter: Interpreter, text: str) -> list[tuple[re.Match[str], Guess]]:
    """What of a text names a memory socket, by itself or by the word before a number, and what it means."""
    if code := _CODE.search(text) if SOCKET.fullmatch(text) else None:
        return [(code, Guess("module.slot", 0.8, "a board calls its memory sockets so"))]
    meant = decide(text.rstrip("0123456789 "), interpreter.context("module", ("module",)))[:1]
    number = re.search(r"\d+$", text)
    return [(number, guess) for guess in meant if number and guess.fact in _SOCKET_IS]


_BARS = re.compile(r"\s*[|;]\s*")
_SIZE = re.compile(r"\d[\d.,]* ?[KMGT]i?[BOo]\b")
_PAIR_BESIDE = re.compile(r"\s{2,}\S[^,|;]*:\s")
_MOST_SOCKETS = 64
# So many lines below the sockets may say something of them all.
_MOST_BELOW = 2

_DDR = re.compile(r"\b(?:LP)?DDR\d?[A-Z]?(?:-\d{3,5})?|\d{3,5} ?MT/s", re.I)
_LEAST_SOCKETS = 2


def rows_of_sockets(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``Bank 1   16 GB  DDR4  3200 MT/s  Siskin``, ``Bank 2   --``: a row for each memory socket, where at least one of them
    holds what only memory is. Returns the lines that were read."""
    rows: list[tuple[Line, Sequence[tuple[str, int]], list[Entry], Guess]] = []
    for line in lines[:_MANY_ROWS]:
        cells = cells_by_gap(line.text) if len(line.text) <= MAX_LINE else []
        if len(cells) > 1 and (named := _sockets_named(interpreter, cells, line)):
            rows.append((line, cells, *named))
    if len(rows) < _LEAST_SOCKETS or not any(_DDR.fullmatch(cell) for _, cells, _, _ in rows for cell, _ in cells):
        return set()
    for line, cells, places, guess in rows:
        for place in places:
            item = interpreter.new_item("module")
            if guess.fact == "module.slot" and _CALLED_ON_BOARD.fullmatch(cells[1][0]):
                # ``Slot 1   DIMM_A1   8 GB``: the number only counts.
                cells = cells[1:]
                place = Entry("", cells[0][0], line.number, cells[0][1] + 1)
            interpreter.place(place, "rows", (guess,), item)
            if len(cells) > 2:  # of a single word nothing says what it is
                entry = Entry("", ", ".join(text for text, _ in cells[1:]), line.number, cells[1][1] + 1)
                told_bare(interpreter, entry, "module", item, "rows", "module.size", line.text, least=1)
    return {line.number for line, _, _, _ in rows}


def _sockets_named(
    interpreter: Interpreter, cells: Sequence[tuple[str, int]], line: Line
) -> tuple[list[Entry], Guess] | None:
    """The sockets that a row's first cell names, and what the word for them means: several only where all are empty
    (``A2, B2   free``)."""
    first, at = cells[0]
    codes = list(_CODES.finditer(first)) if _is_empty(cells[1][0]) or _CALLED_ON_BOARD.fullmatch(first) else []
    if codes and "".join(code.group() for code in codes) == re.sub(r"[,\s]", "", first):
        guess = Guess("module.slot", 0.8, "a board calls its memory sockets so")
        return [Entry("", code.group(), line.number, at + code.start() + 1) for code in codes], guess
    match = _SOCKET.fullmatch(first)
    guesses = decide(match["noun"], interpreter.context("module", ("module",)))[:1] if match else ()
    if match is None or not guesses or guesses[0].fact not in _SOCKET_IS:
        return None
    return [Entry("", match["which"], line.number, at + 1 + match.start("which"))], guesses[0]


_CODES = re.compile(r"[A-H]\d\b")
_SOCKET = re.compile(r"(?P<noun>[^\W\d_]+)[ _-]?(?P<which>[A-Z]{0,2}\d{1,2}|[A-H]):?")
# What a board calls a memory socket by.
_CALLED_ON_BOARD = re.compile(r"(?:DIMM|CHANNEL|CH|BANK)[ _-]?[A-H]?[ _-]?\d{1,2}(?:[ _-][A-H]?\d)?|[A-H]\d")
_SOCKET_IS = ("module.slot", "module.bank")
