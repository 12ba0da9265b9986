"""Items that a heading names and words tell: rows whose cells carry their own labels, a name over what is said of it."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import by_assertion, by_form, by_label
from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import ONE_AS_A_RULE, Item, call_by_people
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, Context, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, subjects_in
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import Entry, cells_by_comma, cells_by_gap, commas_for_gaps, indent_of
from yes_tally.core.reading.tables.around_rows import is_default
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY, FULL_NAME, MODEL_OF_CARD, TIME_OF_DAY
from yes_tally.core.reading.values.understand import MAX_TEXT
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

BULLETED = re.compile(r"\s*(?:(?:[*•-]|\[\d{1,3}\]|\(?\d{1,3}[.):]|#\d{1,3}:?)\s+|\d{1,2}\s{2,})")


def rows_of_words(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> None:
    """``* Hall printer   port 10.20.1.90   driver Gullwing 4``: rows of a thing that a heading names, each cell but the
    first with its own label."""
    groups = [
        g for g in around[:2] if g in ITEM_GROUPS and NAMING.get(g, "").endswith((".name", ".profile", "_file.path"))
    ]
    if not groups:
        return
    # ``gfx screens``: of what the command names, what most of the cells tell of.
    cells_of = [cells_by_gap(line.text) for line in lines[:_SAMPLE]] if len(groups) > 1 else []
    group = max(groups, key=lambda g: sum(_tells(cells, g) for cells in cells_of if len(cells) > 1))
    if len(lines) == 1 and _is_title(lines[0].text, group):
        return
    if _names_with_words(interpreter, lines, group):
        return
    rows: list[tuple[Line, Sequence[tuple[str, int]], str]] = []
    by_commas = group == "sound" or any(_tells_between_commas(interpreter, line.text, group) for line in lines)
    for line in lines:
        bullet = BULLETED.match(line.text)
        start = bullet.end() if bullet else 0
        cells: Sequence[tuple[str, int]] = cells_by_gap(" " * start + line.text[start:])
        if len(cells) == 1 and by_commas:
            cells = cells_by_comma(*cells[0])
        of = _kind_of_row(cells[0][0], groups) or group if cells else group
        numbered = len(cells) >= 2 and is_which_one(cells[0][0], of)
        cells = cells[1:] if numbered else cells  # ``Card 1   Kestrel built-in``: what it is called comes after
        if (len(cells) >= 2 or numbered) and not _is_field(cells[0][0], of):
            rows.append((line, cells, of))
    of_group = sum(_tells(cells, of) for _, cells, of in rows)
    starred = [line for line, _, _ in rows if line.text.lstrip().startswith("* ")]
    for line, cells, of in rows:
        # Where most rows tell of the thing, one that tells less does too.
        if cells[0][0][:1].isdigit() and by_label(interpreter, cells[0][0], of, FIELDS[of]):
            continue  # ``8 cores``: what is told, and no name
        if _tells(cells, of) or of_group * 2 >= len(rows):
            entry = Entry("", ", ".join(_bare(text) for text, _ in cells), line.number, cells[0][1] + 1)
            item = interpreter.new_item(of)
            told_bare(interpreter, entry, of, item, "rows", NAMING[of], line.text, least=1)
            if of == "adapter":
                _model_beside(interpreter, cells, line, item)
            default = f"{of}.default"
            said = any(draft.item is item and draft.fact == default for draft in interpreter.drafts[-len(cells) * 2 :])
            if starred == [line] and len(rows) > 1 and default in FACTS and not said:
                star = Entry("", "*", line.number, line.text.index("*") + 1)
                is_default(interpreter, item, star, "rows")


_DAY_BEHIND = re.compile(rf"\s{{2,}}{DAY}(?:[ ,]+{TIME_OF_DAY})?\s*$")


def _is_title(text: str, group: str) -> bool:
    """``nq-dsp-03 — installed programs (7)      2025-02-11``: what is listed below, and when that was printed."""
    day = _DAY_BEHIND.search(text)
    return day is not None and any(at.group == group for at in subjects_in(words_of(text[: day.start()])))


_IN_BRACKETS = re.compile(r"\((?P<inside>[^()]+)\)")


def _bare(cell: str) -> str:
    """A cell without the mark that ends it and the brackets around the whole of it."""
    text = cell.rstrip(",;")
    inside = _IN_BRACKETS.fullmatch(text)
    return inside["inside"] if inside and ", " in text else text


def _model_beside(interpreter: Interpreter, cells: Sequence[tuple[str, int]], line: Line, item: Item) -> None:
    """``Quayside LAN   Wickerlink GbE 210   up``: where the second cell of a row says what a card is, the first is what
    people call it."""
    told = [draft for draft in interpreter.drafts[-len(cells) * 2 :] if draft.item is item]
    name = next((draft for draft in told if draft.fact == "adapter.name"), None)
    if (
        name is None
        or len(cells) < 2
        or not MODEL_OF_CARD.fullmatch(cells[1][0])
        or MODEL_OF_CARD.fullmatch(cells[0][0])
    ):
        return
    text, at = cells[1]
    if name.entry.printed == cells[0][0] and not any(draft.entry.printed == text for draft in told):
        call_by_people(name)
        place = Entry("", text, line.number, at + 1)
        interpreter.place(place, "rows", (Guess("adapter.name", 0.75, "it stands beside what people call it"),), item)


def _kind_of_row(first: str, groups: Sequence[str]) -> str | None:
    """Which of several kinds of things a row tells of, by the word that it begins with (``screen 0 on card 0``)."""
    own = SUBJECTS.get(words_of(first)[:1]) if len(groups) > 1 and is_which_one(first, groups[0]) else None
    return own if own in groups else None


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
    r"(?:card|karte|carte|tarjeta|placa|scheda|kaart|karta|screen|schirm|bildschirm|ecran|monitor|pantalla|ecra|schermo|scherm|ekran|display|device|gerat|unit) #?\d{1,2}"
    r"(?: (?:on|at|of|an|auf|sur|en|su|op|na|em) .{2,20})?:?"
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
    r"\s*(?:(?:[-*•]|\d{1,3}[.)])\s+)?[`\"']?(?P<name>[^\s`\"'(:][^`\"'(:]{0,60}?)[`\"']?"
    r"(?:\s+[(\[](?P<words>[^()\[\]]{2,200})[)\]]|\s+[-–—]\s+(?P<behind>\S.{1,200}))\s*$"
)


def _names_with_words(interpreter: Interpreter, lines: Sequence[Line], group: str) -> bool:
    """``- guest (disabled, last sign-in never)``, ``guest - disabled``: a name a line, and in brackets or behind a dash what
    is said of it."""
    matches = [(line, _NAME_AND_WORDS.match(line.text)) for line in lines]
    if len(lines) == 1 and matches[0][1] and group in _spoken_of_in(matches[0][1]["name"]):
        return False  # ``Scheduled tasks on NQ-01 (as of 2025-02-12)``: a title
    before, told, items = len(interpreter.drafts), 0, []
    for line, match in matches:
        if match is None:
            break
        item, left = Item(group), [fact for fact in FIELDS[group] if fact.name != NAMING[group]]
        which = "words" if match["words"] else "behind"
        words = told_in_words(interpreter, match[which], line.number, match.start(which), group, item, left)
        if group == "account" and words:
            _who_it_is(interpreter, match[which], line, match.start(which), item, left)
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


def _spoken_of_in(name: str) -> set[str]:
    return {at.group for at in subjects_in(words_of(name))}


def _who_it_is(
    interpreter: Interpreter, text: str, line: Line, start: int, item: Item, left: Sequence[FactKind]
) -> None:
    """``crew – Crew desk, enabled``: several words before what is said of an account, which say nothing of it."""
    full = next((fact for fact in left if fact.field == "full_name"), None)
    called = FULL_NAME.fullmatch(text.partition(",")[0]) if full else None
    if full and called and not by_assertion(interpreter, called.group(), "account", FIELDS["account"]):
        entry = Entry("", called.group(), line.number, start + 1)
        interpreter.place(
            entry, "words", (Guess(full.name, 0.8, "it stands before what is said of the account"),), item
        )


# What a row begins with, the group it then tells of, and the fact that the beginning is (or none).
_ROW_BEGINNINGS: tuple[tuple[re.Pattern[str], str, str], ...] = (
    (re.compile(r"/dev/(?P<which>[a-z]+\d*)$"), "disk", ""),
    (re.compile(r"pid[ :=#]\s*(?P<which>\d{1,7})$", re.I), "process", "process.pid"),
)
# What a kernel calls disks; others list by such names too.
_KERNELS_DISK = (re.compile(r"(?P<which>nvme\d+(?:n\d+)?|[hsvkx]d[a-z]|mmcblk\d+)$"), "disk", "")


def rows_of_known_beginning(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``/dev/kda   Basalt SX480   serial BSX48-00912   447.1 GiB``, ``pid 2204   quaymaster   1.3 GiB``: rows that begin
    with what only one thing is known by, then what that is called. Whether they were read."""
    rows: list[tuple[Line, Sequence[tuple[str, int]]]] = [(line, cells_by_gap(line.text)) for line in lines]
    for beginning, group, fact in (*_ROW_BEGINNINGS, *([_KERNELS_DISK] if "disk" in around[:2] else [])):
        if group == "disk":
            rows = [(line, _handle_apart(cells)) for line, cells in rows]
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


_HANDLE_AND_MODEL = re.compile(r"(?P<handle>nvme\d+(?:n\d+)?|[hsvx]d[a-z]|mmcblk\d+) (?P<model>[A-Z].*)")


def _handle_apart(cells: Sequence[tuple[str, int]]) -> Sequence[tuple[str, int]]:
    """``nvme0 Basalt NV1000``, one blank apart, as two cells."""
    both = _HANDLE_AND_MODEL.fullmatch(cells[0][0]) if cells else None
    if both is None:
        return cells
    at = cells[0][1]
    return [(both["handle"], at), (both["model"], at + both.start("model")), *cells[1:]]


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
    spoken = next((group for group in around[:2] if group in _HAVE_HANDLES), "")
    if spoken and all(is_which_one(cells[0][0], spoken) for _, cells in rows):
        return False  # ``card 0   Pellucid G4   8192 MB``
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
    only_one = group in ONE_AS_A_RULE
    most = _MOST_OF_THE_ONLY_ONE if only_one else _MOST_LINES
    if group is None or not 2 <= len(lines) <= most or ":" in lines[0].text:
        return False
    firsts = [cells[0][0] for line in lines if (cells := cells_by_gap(line.text))]
    numbered = sum(is_which_one(first, group) for first in firsts)
    if numbered > 1 or sum(BULLETED.match(line.text) is not None for line in lines) > 1:
        return False  # several are listed
    item, before = Item(group), len(interpreter.drafts)
    left = [fact for fact in FIELDS[group] if fact.name != CALLED[group]]
    told = [
        told_in_words(
            interpreter, commas_for_gaps(line.text.strip()), line.number, indent_of(line.text), group, item, left
        )
        for line in lines[1:]
    ]
    first = commas_for_gaps(lines[0].text.strip())
    entry = Entry("", first, lines[0].number, indent_of(lines[0].text) + 1)
    alone = not any(mark in first for mark in (", ", "  ", " - "))
    # Of what a PC has one of, some lines may tell what the catalogue has no fact of.
    enough = all(told) or (only_one and sum(map(bool, told)) * 2 >= len(told))
    read = enough and (alone or told_bare(interpreter, entry, group, item, "words", CALLED[group], least=1))
    facts = [draft.fact for draft in interpreter.drafts[before:]]
    if not read or len(set(facts)) < len(facts):
        del interpreter.drafts[before:]
        return False  # two that tell the same are two things
    if alone:
        interpreter.place(entry, "words", (Guess(CALLED[group], 0.8, "it stands over what is told of it"),), item)
    interpreter.take(item)
    return True


_MOST_LINES = 6
_MOST_OF_THE_ONLY_ONE = 10
