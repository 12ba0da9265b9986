"""Items that a heading names and words tell: rows whose cells carry their own labels, a name over what is said of it."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.by_clause import FORMS, by_form, by_label
from yes_tally.core.reading.decide import ITEM_GROUPS, NAMING, Context, Guess, decide
from yes_tally.core.reading.decode import Line
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.listings import CALLED, INDEXED
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subjects_in
from yes_tally.core.reading.shapes.layout import Entry, Group, cells_by_comma, cells_by_gap, commas_for_gaps, indent_of
from yes_tally.core.reading.told_in_parts import told_bare, told_in_words
from yes_tally.core.reading.values import MAX_TEXT
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_BULLETED = re.compile(r"\s*(?:(?:[*•-]|\[\d{1,3}\]|\d{1,3}[.):])\s+|\d{1,2}\s{2,})")


def rows_of_words(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> None:
    """``* Hall printer   port 10.20.1.90   driver Gullwing 4``: rows of a thing that a heading names, each cell but the
    first with its own label."""
    groups = [g for g in around[:2] if g in ITEM_GROUPS and NAMING.get(g, "").endswith((".name", ".profile"))]
    if not groups:
        return
    # ``gfx screens``: of what the command names, what most of the cells tell of.
    cells_of = [cells_by_gap(line.text) for line in lines[:_SAMPLE]] if len(groups) > 1 else []
    group = max(groups, key=lambda g: sum(_tells(cells, g) for cells in cells_of if len(cells) > 1))
    rows: list[tuple[Line, Sequence[tuple[str, int]]]] = []
    if _names_with_words(interpreter, lines, group):
        return
    by_commas = group == "sound" or any(_tells_between_commas(interpreter, line.text, group) for line in lines)
    for line in lines:
        bullet = _BULLETED.match(line.text)
        start = bullet.end() if bullet else 0
        cells: Sequence[tuple[str, int]] = cells_by_gap(" " * start + line.text[start:])
        if len(cells) == 1 and by_commas:
            cells = cells_by_comma(*cells[0])
        numbered = len(cells) >= 2 and is_which_one(cells[0][0], group)
        cells = cells[1:] if numbered else cells  # ``Card 1   Kestrel built-in``: what it is called comes after
        if (len(cells) >= 2 or numbered) and not _is_field(cells[0][0], group):
            rows.append((line, cells))
    of_group = sum(_tells(cells, group) for _, cells in rows)
    for line, cells in rows:
        # Where most rows tell of the thing, one that tells less does too.
        if cells[0][0][:1].isdigit() and by_label(interpreter, cells[0][0], group, FIELDS[group]):
            continue  # ``8 cores``: what is told, and no name
        if _tells(cells, group) or of_group * 2 >= len(rows):
            entry = Entry("", ", ".join(text for text, _ in cells), line.number, cells[0][1] + 1)
            told_bare(interpreter, entry, group, interpreter.new_item(group), "rows", NAMING[group], line.text, least=1)


def _tells_between_commas(interpreter: Interpreter, text: str, group: str) -> bool:
    """Whether a line tells of a thing between commas: its name, not which one it is, and two fields at least."""
    if ", " not in text or "  " in text.strip() or _NUMBERED_ONE.match(text):
        return False
    left = FIELDS[group]
    told = [
        by_label(interpreter, part, group, left) or by_form(interpreter, part, left)
        for part, _ in cells_by_comma(text)[1:]
    ]
    return sum(found is not None for found in told) >= _LEAST_LABELLED


# ``screen 1 Veldt V27``
_NUMBERED_ONE = re.compile(r"\s*[^\W\d_]+ #?\d{1,2} ")
_SAMPLE = 20
_LEAST_LABELLED = 2
_WHICH_ONE = re.compile(
    r"(?:card|karte|carte|tarjeta|placa|scheda|kaart|karta|screen|schirm|device|gerat|unit) #?\d{1,2}:?"
)


def _is_field(cell: str, group: str) -> bool:
    """Whether a cell is the label of a field, and not what something is called."""
    words = set(words_of(cell))
    fact = next((g.fact for g in decide(cell, Context(group))[:1] if words == set(words_of(g.phrase))), "")
    return fact.startswith(f"{group}.") and fact != NAMING[group]


# What a system calls a device by (``gpu0``, ``HDMI-1``), where devices of the kind have names of their own.
_HANDLE = re.compile(r"[A-Za-z]{2,8}-?\d{1,2}:?|#\d{1,2}:?")
_HAVE_HANDLES = frozenset({"graphics", "display", "sound"})


def is_which_one(cell: str, group: str) -> bool:
    """Whether a row's first cell only says which of the things listed it tells of."""
    return bool(_WHICH_ONE.fullmatch(plain(cell)) or (group in _HAVE_HANDLES and _HANDLE.fullmatch(cell)))


_NAME_AND_WORDS = re.compile(
    r"\s*(?:[-*•]\s+)?[`\"']?(?P<name>[^\s`\"'(:][^`\"'(:]{0,60}?)[`\"']?"
    r"(?:\s+\((?P<words>[^()]{2,200})\)|\s+[-–—]\s+(?P<behind>\S.{1,200}))\s*$"
)


def _names_with_words(interpreter: Interpreter, lines: Sequence[Line], group: str) -> bool:
    """``- guest (disabled, last sign-in never)``, ``guest - disabled``: a name a line, and in brackets or behind a dash what
    is said of it."""
    matches = [(line, _NAME_AND_WORDS.match(line.text)) for line in lines]
    before, told, items = len(interpreter.drafts), 0, []
    for line, match in matches:
        if match is None:
            break
        item, left = Item(group), [fact for fact in FIELDS[group] if fact.name != NAMING[group]]
        which = "words" if match["words"] else "behind"
        words = told_in_words(interpreter, match[which], line.number, match.start(which), group, item, left)
        name = Entry("", match["name"], line.number, match.start("name") + 1)
        interpreter.place(name, "words", (Guess(NAMING[group], 0.8, f"it is listed under {group}"),), item)
        told += words > 0
        items.append(item)
    if len(items) < len(matches) or told * 3 < len(matches) * 2:
        del interpreter.drafts[before:]
        return False
    for item in items:
        interpreter.take(item)
    return bool(items)


# What a row begins with, the group it then tells of, and the fact that the beginning is (or none).
_ROW_BEGINNINGS: tuple[tuple[re.Pattern[str], str, str], ...] = (
    (re.compile(r"/dev/(?P<which>[a-z]+\d*)$"), "disk", ""),
    (re.compile(r"pid[ :=#]\s*(?P<which>\d{1,7})$", re.I), "process", "process.pid"),
)


def rows_of_known_beginning(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``/dev/kda   Basalt SX480   serial BSX48-00912   447.1 GiB``, ``pid 2204   quaymaster   1.3 GiB``: rows that begin
    with what only one thing is known by, then what that is called. Whether they were read."""
    rows = [(line, cells_by_gap(line.text)) for line in lines]
    for beginning, group, fact in _ROW_BEGINNINGS:
        told = [(line, cells, m) for line, cells in rows if len(cells) > 2 and (m := beginning.match(cells[0][0]))]
        if len(told) < _LEAST_DRIVES or len(told) * 3 < len(rows) * 2:
            continue
        for line, cells, match in told:
            item = interpreter.new_item(group)
            if fact:
                at = Entry("", match["which"], line.number, cells[0][1] + match.start("which") + 1)
                interpreter.place(at, "rows", (Guess(fact, 0.8, f"the row begins with the {group}'s"),), item)
            row = Entry("", ", ".join(text for text, _ in cells[1:]), line.number, cells[1][1] + 1)
            told_bare(interpreter, row, group, item, "rows", CALLED.get(group) or NAMING[group], line.text, least=1)
        return True
    return False


_LEAST_DRIVES = 2
_HARDWARE = re.compile(r"[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}$", re.I)
_CALLED_BY_KERNEL = re.compile(r"[a-z][a-z0-9@.-]{1,15}$")


def rows_of_adapters(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``lan0   up   1000 Mbit/s   3c:5a:b4:10:70:11   10.20.0.61/24   Wickerlink GbE 210``: rows that begin with what the
    system calls an adapter. Whether they were read."""
    rows = [(line, cells_by_gap(line.text)) for line in lines]
    told = [(line, cells) for line, cells in rows if len(cells) > 2 and _CALLED_BY_KERNEL.match(cells[0][0])]
    with_address = sum(any(_HARDWARE.match(text) for text, _ in cells) for _, cells in told)
    if with_address < 1 or len(told) < 2 or with_address * 2 < len(told) or len(told) * 3 < len(rows) * 2:
        return False
    for line, cells in told:
        item, left = interpreter.new_item("adapter"), [f for f in FIELDS["adapter"] if not f.name.endswith("name")]
        told_in_words(
            interpreter, commas_for_gaps(line.text[cells[1][1] :]), line.number, cells[1][1], "adapter", item, left
        )
        model = next((c for c in reversed(cells[1:]) if " " in c[0] and c[0][:1].isupper()), None)
        for fact, cell in (("adapter.name", model or cells[0]), ("adapter.connection", cells[0] if model else None)):
            if cell:
                place = Entry("", cell[0], line.number, cell[1] + 1)
                interpreter.place(place, "rows", (Guess(fact, 0.75, "the row begins or ends with it"),), item)
    return True


def rows_of_labels(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``bank 0  slot DIMM1  8 GiB  DDR4``: rows that begin with the same label, of a thing that their labels tell.
    Whether they were read."""
    rows = [(line, cells_by_gap(line.text)) for line in lines]
    firsts = {cells[0][0].partition(" ")[0] for _, cells in rows}
    if len(rows) < 2 or len(firsts) != 1 or not firsts.pop().isalpha() or any(len(cells) < 3 for _, cells in rows):
        return False
    labels = [text.partition(" ")[0] for text, _ in rows[0][1] if " " in text]
    told = {group: _known_in(group, labels) for group in (*around[:2], *sorted(ITEM_GROUPS)) if group in ITEM_GROUPS}
    group = max(told, key=lambda g: len(told[g]))
    if len(told[group]) < 2 or not decide(labels[0], Context(group)):
        return False
    for line, _ in rows:
        left, item = list(FIELDS[group]), interpreter.new_item(group)
        text = commas_for_gaps(line.text.strip())
        told_in_words(interpreter, text, line.number, indent_of(line.text), group, item, left)
    return True


def _known_in(group: str, labels: Sequence[str]) -> set[str]:
    """The facts of a group that labels mean for sure."""
    guesses = [guess for label in labels for guess in decide(label, Context(group))[:1]]
    return {guess.fact for guess in guesses if guess.confidence > 0.9 and guess.fact.startswith(f"{group}.")}


def _tells(cells: Sequence[tuple[str, int]], group: str) -> bool:
    """Whether a third of a row's cells but the first say by a label, or by a form that only such a thing has, what they
    are."""
    forms = [form for fact, form in FORMS.items() if fact.startswith(f"{group}.")]
    parts = [part for text, _ in cells[1:] for part in text.split(", ") if part.strip()]
    told = [
        text
        for text in parts
        if any(form.fullmatch(text) for form in forms)
        or any(decide(word, Context(group)) for word in (text.split()[0], text.split()[-1]))
    ]
    return len(told) * 3 >= len(parts)


def kinds_over_clauses(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``processor`` over an indented ``Kestrel K7-9650, 8 cores / 16 threads``, ``memory`` over ``16 GB, …``: kinds of
    things, each over what is told of the PC's. Whether they were read."""
    heads = [
        index
        for index, line in enumerate(lines[:-1])
        if words_of(line.text.strip(" :")[:MAX_TEXT]) in SUBJECTS
        and indent_of(lines[index + 1].text) > indent_of(line.text)
    ]
    if len(heads) < _LEAST_KINDS:
        return False
    before = len(interpreter.drafts)
    for index in heads:
        below = lines[index + 1]
        entry = Entry(lines[index].text.strip(" :"), below.text.strip(), below.number, indent_of(below.text) + 1)
        interpreter.entries([entry], "words", interpreter.context(None), None)
        interpreter.frame.add(lines[index].number)
    return len(interpreter.drafts) > before


_LEAST_KINDS = 2


def lines_of_one(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """A few lines under a heading that names one thing: the first begins with what it is called, and each line after
    it goes on with what is told of it (``Kestrel K7-9650, 8 cores`` over ``base 3.60 GHz, boost 4.90 GHz``)."""
    group = next((g for g in around[:1] if CALLED.get(g, "").endswith((".name", ".model"))), None)
    if group is None or not 2 <= len(lines) <= _MOST_LINES or ":" in lines[0].text:
        return False
    if sum(_BULLETED.match(line.text) is not None for line in lines) > 1:
        return False  # several are listed
    item, before = Item(group), len(interpreter.drafts)
    left = [fact for fact in FIELDS[group] if fact.name != CALLED[group]]
    told = [
        told_in_words(
            interpreter, commas_for_gaps(line.text.strip()), line.number, indent_of(line.text), group, item, left
        )
        for line in lines[1:]
    ]
    first = lines[0].text.strip()
    entry = Entry("", first, lines[0].number, indent_of(lines[0].text) + 1)
    alone = ", " not in first and "  " not in first
    if not all(told) or (not alone and not told_bare(interpreter, entry, group, item, "words", CALLED[group], least=1)):
        del interpreter.drafts[before:]
        return False
    if alone:
        interpreter.place(entry, "words", (Guess(CALLED[group], 0.8, "it stands over what is told of it"),), item)
    interpreter.take(item)
    return True


_MOST_LINES = 6


_HEAD_OF_RECORD = re.compile(
    r"(?P<name>[^\s(:,][^(:,]{0,60}?)\s*(?:\((?P<aside>[^)]{1,60})\)|\s(?:--|[–—-])\s+(?P<dashed>\S[^:]{0,60}?))?:?$"
)
_QUOTES = "\"'“”„«» "


def _who(match: re.Match[str]) -> tuple[str, int]:
    """What stands in brackets or behind a dash after a name, and where it begins; nothing where nothing does."""
    which = "aside" if match["aside"] else "dashed"
    text = match[which] or ""
    return text.strip(_QUOTES), match.start(which) + len(text) - len(text.lstrip(_QUOTES))


def records_of_words(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """A name, and indented below it what is said of it in words, of a thing that a heading or the command names."""
    group = next((g for g in around[:2] if g in ITEM_GROUPS and NAMING.get(g, "").endswith(".name")), None)
    indents = [len(line.text) - len(line.text.lstrip()) for line in lines]
    if group is None or len(lines) < 2 or indents[0] != min(indents) or max(indents) == min(indents):
        return False
    least = min(indents)
    heads = [index for index, indent in enumerate(indents) if indent == least]
    bullets = [
        len(match.group()) if (match := _BULLETED.match(lines[index].text)) else indents[index] for index in heads
    ]
    matches = [_HEAD_OF_RECORD.match(lines[i].text[at:].rstrip()) for i, at in zip(heads, bullets, strict=True)]
    if not matches[0] or sum(map(bool, matches)) * 4 < 3 * len(matches):
        return False
    told = 0
    for place, (index, match) in enumerate(zip(heads, matches, strict=True)):
        item = interpreter.new_item(group)
        left = [fact for fact in FIELDS[group] if fact.name != NAMING[group]]
        end = heads[place + 1] if place + 1 < len(heads) else len(lines)
        for line, indent in zip(lines[index + 1 : end], indents[index + 1 : end], strict=True):
            text = commas_for_gaps(line.text.strip())
            said = told_in_words(interpreter, text, line.number, indent, group, item, left)
            told += said
            who = FACTS.get(_ASIDE_OF.get(group, ""))
            if who in left and not said and who and line is lines[index + 1] and _NAME_ALONE.fullmatch(text):
                at = Entry("", text, line.number, indent + 1)
                interpreter.place(at, "words", (Guess(who.name, 0.65, "it stands right under its name"),), item)
        if len(left) < len(FIELDS[group]) - 1:
            name = match["name"] if match else lines[index].text[bullets[place] :].strip()
            if match and group == "adapter" and _both_names(interpreter, lines[index], match, bullets[place], item):
                continue
            skip = _noun_before(name, group)
            entry = Entry("", name[skip:], lines[index].number, bullets[place] + skip + 1)
            interpreter.place(entry, "words", (Guess(NAMING[group], 0.82, f"it is said of this {group}"),), item)
            beside = _ASIDE_OF.get(group)
            who_is, start = _who(match) if match else ("", 0)
            if who_is and beside:
                at = Entry("", who_is, entry.line, bullets[place] + 1 + start)
                interpreter.place(at, "words", (Guess(beside, 0.78, "it stands beside its name"),), item)
    return told > 0


_NOUN_BEFORE = re.compile(r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?)\s+(?=\S)")


def _noun_before(name: str, group: str) -> int:
    """How much of a head (``User  icalloway``) only says of what kind the thing is."""
    noun = _NOUN_BEFORE.match(name)
    return noun.end() if noun and SUBJECTS.get(words_of(noun["noun"])) == group else 0


_QUOTED_WITHIN = re.compile(r"[\"'“„«]\s*(?P<called>[^\"'”“»]+?)\s*[\"'”“»]$")


def _both_names(interpreter: Interpreter, line: Line, match: re.Match[str], at: int, item: Item) -> bool:
    """``Ethernet card « Quay LAN »  (Wickerlink GbE 210)``: what people call a card, and what it is. Whether it is so."""
    quoted = _QUOTED_WITHIN.search(match["name"])
    if quoted is None or not match["aside"]:
        return False
    for fact, text, start in (
        ("adapter.connection", quoted["called"], quoted.start("called")),
        ("adapter.name", match["aside"], match.start("aside")),
    ):
        place = Entry("", text, line.number, at + start + 1)
        interpreter.place(place, "words", (Guess(fact, 0.82, "it is said of this adapter"),), item)
    return True


_NAME_ALONE = re.compile(r"[A-Z][\w'-]*(?: [\w'-]+){1,3}")


def records_of_numbered(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``CPU package 0`` over ``Kestrel K7-9650 at 3.60 GHz, stepping B1`` and more lines between commas: which one it is,
    what it is called, and what is said of it. Whether they were read."""
    indents = [indent_of(line.text) for line in lines]
    least = min(indents, default=0)
    heads = [index for index, indent in enumerate(indents) if indent == least]
    named = [INDEXED.match(lines[index].text.strip()) for index in heads]
    groups = {SUBJECTS.get(words_of(match["noun"])) if match and match["rest"] else None for match in named}
    group = groups.pop() if len(groups) == 1 else None
    naming = CALLED.get(group or "")
    if group is None or naming is None or heads[:1] != [0] or len(lines) < 3 * len(heads):
        return False
    before = len(interpreter.drafts)
    for place, index in enumerate(heads):
        item, end = Item(group), heads[place + 1] if place + 1 < len(heads) else len(lines)
        first = lines[index + 1]
        entry = Entry("", commas_for_gaps(first.text.strip()), first.number, indents[index + 1] + 1)
        if not told_bare(interpreter, entry, group, item, "words", naming, first.text, least=1):
            del interpreter.drafts[before:]
            return False
        interpreter.take(item)
        told = {draft.fact for draft in interpreter.drafts[before:] if draft.item is item}
        left = [fact for fact in FIELDS[group] if fact.name not in told]
        for line, indent in zip(lines[index + 2 : end], indents[index + 2 : end], strict=True):
            text = commas_for_gaps(line.text.strip())
            head, colon, _rest = text.partition(": ")
            skip = len(head) + len(colon) if colon and " " not in head else 0
            told_in_words(interpreter, text[skip:], line.number, indent + skip, group, item, left)
        interpreter.frame.add(lines[index].number)
    return True


_ONE_WORD = re.compile(r"[^\W\d][\w.-]{1,30}")
# ``[ tquill ]  Tamsin Quill``: how it is called, and beside it who that is.
_BOXED_NAME = re.compile(r"\s*\[ ?(?P<name>[\w.-]+) ?\]\s+(?P<full>\S.*?)\s*$")
_CELLS_OF_ROW = 3
_ASIDE_OF = {"account": "account.full_name", "adapter": "adapter.connection"}


def called_by(interpreter: Interpreter, group: Group, of: str, shape: str, item: Item, *, listed: bool) -> None:
    """Records under the name of their kind, each headed by its own: ``Interfaces``, then ``Wickerlink GbE 210 ("Office
    wire")`` over its fields."""
    heading, naming = group.heading, NAMING.get(of, "")
    boxed = _BOXED_NAME.match(heading.text[:MAX_TEXT]) if heading else None
    if heading and boxed and of in _ASIDE_OF:
        for fact, part in ((naming, "name"), (_ASIDE_OF[of], "full")):
            place = Entry("", boxed[part], heading.line, heading.column + boxed.start(part))
            interpreter.place(place, shape, (Guess(fact, 0.78, "it heads what is said"),), item)
        interpreter.frame.add(heading.line)
        return
    cells = cells_by_gap(heading.text[:MAX_TEXT]) if heading and listed and naming else []
    if heading and len(cells) >= _CELLS_OF_ROW:
        # ``mquill   "Maud Quill"   enabled`` over ``groups: staff``: a row, and more of it below.
        row = Entry("", commas_for_gaps(heading.text[:MAX_TEXT].strip()), heading.line, cells[0][1] + 1)
        if told_bare(interpreter, row, of, item, shape, naming):
            interpreter.frame.add(heading.line)
        return
    match = _HEAD_OF_RECORD.match(heading.text[:MAX_TEXT].strip()) if heading and listed else None
    if heading is None or match is None or not naming.endswith((".name", ".profile")):
        return
    # People and profiles are called by any word (``admin``, ``svc-patch``, ``Domain``).
    person = of in ("account", "firewall") and _ONE_WORD.fullmatch(match["name"]) is not None
    if not person and is_known(match["name"]):
        return
    context = interpreter.context(of)
    told = {guess.fact for entry in group.entries for guess in decide(entry.label, context)[:1]}
    if (not person and subjects_in(words_of(match["name"]))) or naming in told or len(told) * 3 < len(group.entries):
        return
    entry = Entry("", match["name"], heading.line, heading.column)
    interpreter.place(entry, shape, (Guess(naming, 0.8, f"it is listed under {of}"),), item)
    interpreter.frame.add(heading.line)
    beside = _ASIDE_OF.get(of)
    who_is, start = _who(match)
    if who_is and beside:
        at = Entry("", who_is, heading.line, heading.column + start)
        interpreter.place(at, shape, (Guess(beside, 0.78, "it stands beside its name"),), item)
