"""Records whose fields are said in words below the name of each: people, cards, processors."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.by_clause import says_nothing
from yes_tally.core.reading.clauses.told_in_parts import parted_words, told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, subjects_in
from yes_tally.core.reading.records.headings_in_parts import named_in_parts
from yes_tally.core.reading.records.listed_by_label import CALLED_BY_PLACE
from yes_tally.core.reading.records.listings import CALLED, INDEXED
from yes_tally.core.reading.records.names_in_headings import quoted_name
from yes_tally.core.reading.records.said_in_words import BULLETED
from yes_tally.core.reading.shapes.layout import (
    Entry,
    Group,
    Heading,
    as_comma,
    cells_by_gap,
    commas_for_gaps,
    indent_of,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.tables.rows_by_form import UPDATE_ID
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import FILE_OF_DRIVER, MODEL_OF_CARD, NAME_AND_VERSION, SOCKET
from yes_tally.core.reading.values.understand import MAX_TEXT, understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


_HEAD_OF_RECORD = re.compile(
    r"(?P<name>[^\s(:,](?:[^(:,]|(?<=\d),(?=\d)){0,60}?)\s*(?:\((?P<aside>[^)]{1,60})\))?(?:(?<=[\s)])\s?(?:--|[–—-])\s+(?P<dashed>\S[^:]{0,60}?))?:?$"
)
_DASHES = re.compile(r" (?:--|[–—-]) ")


_QUOTES = "\"'“”„«» "


def _who(match: re.Match[str]) -> tuple[str, int]:
    """What stands in brackets or behind a dash after a name, and where it begins; nothing where nothing does."""
    which = "aside" if match["aside"] else "dashed"
    text = match[which] or ""
    return text.strip(_QUOTES), match.start(which) + len(text) - len(text.lstrip(_QUOTES))


def _starts_of_cells(line: Line) -> set[int]:
    """Where the cells of a line begin, but for its first."""
    return {at for _, at in cells_by_gap(line.text)[1:]}


def records_of_words(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """A name, and indented below it what is said of it in words, of a thing that a heading or the command names."""
    group = next((g for g in around[:2] if g in ITEM_GROUPS and naming(g)), None)
    indents = [len(line.text) - len(line.text.lstrip()) for line in lines]
    if group is None or len(lines) < 2 or indents[0] != min(indents) or max(indents) == min(indents):
        return False
    least = min(indents)
    heads = [index for index, indent in enumerate(indents) if indent == least]
    if _starts_of_cells(lines[heads[0]]) & _starts_of_cells(lines[heads[0] + 1]):
        return False  # ``* Hall printer   port …`` over ``  Label writer   port …``: rows, one with a mark
    bullets = [
        len(match.group()) if (match := BULLETED.match(lines[index].text)) else indents[index] for index in heads
    ]
    matches = [_HEAD_OF_RECORD.match(lines[i].text[at:].rstrip()) for i, at in zip(heads, bullets, strict=True)]
    nameless = [_IN_BRACKETS.fullmatch(lines[i].text[at:].strip()) for i, at in zip(heads, bullets, strict=True)]
    named = sum(bool(match) or bool(none) for match, none in zip(matches, nameless, strict=True))
    if not matches[0] or named * 4 < 3 * len(matches):
        return False
    told, called = 0, naming(group)
    for place, (index, match) in enumerate(zip(heads, matches, strict=True)):
        item = interpreter.new_item(group)
        left = [fact for fact in FIELDS[group] if fact.name != called]
        end = heads[place + 1] if place + 1 < len(heads) else len(lines)
        for line, indent in zip(lines[index + 1 : end], indents[index + 1 : end], strict=True):
            text = parted_words(interpreter, _DASHES.sub(as_comma, line.text.strip()), group)
            said = told_in_words(interpreter, text, line.number, indent, group, item, left)
            told += said
            who = FACTS.get(ASIDE_OF.get(group, ""))
            if who in left and not said and who and line is lines[index + 1] and _NAME_ALONE.fullmatch(text):
                at = Entry("", text, line.number, indent + 1)
                interpreter.place(at, "words", (Guess(who.name, 0.65, "it stands right under its name"),), item)
        unsaid = any(
            says_nothing(interpreter, clause.strip(), group)
            for line in lines[index + 1 : end]
            for clause in line.text[:MAX_TEXT].split(",")
        )
        if (len(left) < len(FIELDS[group]) - 1 or unsaid) and not nameless[place]:
            _name_record(interpreter, lines[index], bullets[place], match, item, left)
    return told > 0


def _name_record(
    interpreter: Interpreter, line: Line, at: int, match: re.Match[str] | None, item: Item, left: list[FactKind]
) -> None:
    """Keep what the line above what is said of a thing calls it, from the column ``at`` (from 0) on, and what stands
    beside its name."""
    group = item.group
    if match and group == "adapter":
        heading = Heading(line.text[at:], line.number, at + 1)
        if (
            quoted_name(interpreter, heading, group, "words", item)
            or _both_names(interpreter, line, match, at, item)
            or named_in_parts(interpreter, heading, group, "words", item)
            or _model_behind_dash(interpreter, line, match, at, item)
        ):
            return
    name = match["name"] if match else line.text[at:].strip()
    entry = Entry("", name, line.number, at + 1)
    if any(fact.field == "version" for fact in left):
        entry = _without_version(interpreter, entry, "words", item)
    skip = _noun_before(entry.printed, group)
    entry = replace(entry, printed=entry.printed[skip:], column=entry.column + skip)
    if (gap := _GAP.search(entry.printed)) and _PROPERLY_CALLED.match(entry.printed):
        # ``Merlin Arc 210        works properly``
        rest, start = entry.printed[gap.end() :], entry.column - 1 + gap.end()
        told_in_words(interpreter, parted_words(interpreter, rest, group), line.number, start, group, item, left)
        entry = replace(entry, printed=entry.printed[: gap.start()])
    interpreter.place(entry, "words", (Guess(naming(group), 0.82, f"it is said of this {group}"),), item)
    beside = ASIDE_OF.get(group)
    who_is, start = _who(match) if match else ("", 0)
    if who_is and beside:
        aside = Entry("", who_is, line.number, at + 1 + start)
        interpreter.place(aside, "words", (Guess(beside, 0.78, "it stands beside its name"),), item)


def _without_version(interpreter: Interpreter, entry: Entry, shape: str, item: Item) -> Entry:
    """``Quillpad 7.2.1`` of a program: its name, with the version behind it told; any other as it is."""
    versioned = NAME_AND_VERSION.fullmatch(entry.printed) if item.group == "software" else None
    if versioned is None:
        return entry
    version = replace(entry, printed=versioned["version"], column=entry.column + versioned.start("version"))
    interpreter.place(version, shape, (Guess("software.version", 0.8, "it stands behind its name"),), item)
    return replace(entry, printed=versioned["name"])


_GAP = re.compile(r"(?<=\S)\s{2,}(?=\S)")
_PROPERLY_CALLED = re.compile(r"[^\W_]\S* \S|\S+\d")
# ``(screen without a name)``
_IN_BRACKETS = re.compile(r"\([^()]*\)")


def naming(group: str) -> str:
    """The fact that the things of a group are called by, where it is a name or a model; empty for others."""
    return next(
        (fact for fact in (NAMING.get(group, ""), CALLED.get(group, "")) if fact.endswith((".name", ".model"))), ""
    )


# What somebody chose a name for.
_CHOSEN = frozenset({"printer", "software", "task"})
_NOUN_BEFORE = re.compile(r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?)\s+(?=\S)")


# ``Card 0  Palefire FX 40``
_WHICH_BEFORE = re.compile(r"[^\W\d_]+ ?#?\d{1,2}[:.]?\s{2,}(?=\S)")


def _noun_before(name: str, group: str) -> int:
    """How much of a head (``User  icalloway``) only says of what kind the thing is."""
    if which := _WHICH_BEFORE.match(name):
        return which.end()
    noun = _NOUN_BEFORE.match(name)
    words = words_of(noun["noun"]) if noun else ()
    # ``Imprimante du quai`` is a name.
    if noun and group in _CHOSEN and noun.group()[-2:-1] != " " and name[noun.end()].islower():
        return 0  # ``Drukarka nabrzeża``
    return noun.end() if noun and SUBJECTS.get(words) == group and len(words) == len(noun["noun"].split()) else 0


def _model_behind_dash(interpreter: Interpreter, line: Line, match: re.Match[str], at: int, item: Item) -> bool:
    """``Office wire — Wickerlink GbE 210``: what people call a card, and what it is. Whether it is so."""
    if not MODEL_OF_CARD.fullmatch(match["dashed"] or ""):
        return False
    for fact, group in (("adapter.connection", "name"), ("adapter.name", "dashed")):
        place = Entry("", match[group], line.number, at + match.start(group) + 1)
        interpreter.place(place, "words", (Guess(fact, 0.8, "it stands before what is told of this adapter"),), item)
    return True


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
    if group is None or naming is None or heads[:1] != [0]:
        return False
    ends = [*heads[1:], len(lines)]
    nothing = [
        end - head == _HEAD_AND_ONE and bool(_HOLDS_NOTHING.match(lines[head + 1].text))
        for head, end in zip(heads, ends, strict=True)
    ]
    if all(nothing) or len(lines) < 3 * len(heads) - sum(nothing):
        return False
    if any(below - above < 2 for above, below in pairwise([*heads, len(lines)])):
        return False  # one of them has nothing below it
    before = len(interpreter.drafts)
    for place, index in enumerate(heads):
        item, end = Item(group), heads[place + 1] if place + 1 < len(heads) else len(lines)
        first = lines[index + 1]
        entry = Entry("", commas_for_gaps(first.text.strip()), first.number, indents[index + 1] + 1)
        if not nothing[place] and not told_bare(interpreter, entry, group, item, "words", naming, first.text, least=1):
            del interpreter.drafts[before:]
            return False
        interpreter.take(item)
        number, which = f"{group}.number", named[place]
        if number in FACTS and which and which["rest"].isdigit():
            at = Entry(which["noun"], which["rest"], lines[index].number, indents[index] + which.start("rest") + 1)
            interpreter.place(at, "words", (Guess(number, 0.85, "the line above names it"),), item)
        told = {draft.fact for draft in interpreter.drafts[before:] if draft.item is item}
        left = [fact for fact in FIELDS[group] if fact.name not in told]
        for line, indent in zip(lines[index + 2 : end], indents[index + 2 : end], strict=True):
            text = commas_for_gaps(line.text.strip())
            head, colon, _rest = text.partition(": ")
            skip = len(head) + len(colon) if colon and " " not in head else 0
            told_in_words(interpreter, text[skip:], line.number, indent + skip, group, item, left)
        interpreter.frame.add(lines[index].number)
    return True


_HEAD_AND_ONE = 2
_HOLDS_NOTHING = re.compile(
    r"\s*\W?(?:no|not|empty|kein\w*|nicht|leer|aucune?|vide|sin|ning[uú]n\w*|vac[ií][oa]|nessun\w*|vuot[oa]|nenhum\w*|vazi[oa]|geen|leeg|brak|pust[ey])\b",
    re.I,
)


# What is listed under these may be called by any words (``Quaymaster Map Pack``).
_NAMED_FREELY = frozenset({"software", "task", "driver"})
# What is told from others by a number or a letter, and how that looks.
_BY_FORM = {
    "update": UPDATE_ID,
    "module": re.compile(r"(?:DIMM[ _-]?)?[A-H]\d{1,2}$"),
    "volume": re.compile(r"[A-Z]:\\?$"),
    "partition": re.compile(r"\d{1,3}$"),
    "disk": re.compile(r"\d{1,2}$"),
    "process": re.compile(r"\d{1,7}$"),
}
# ``Siskin PC-57``
_LIKE_A_MODEL = re.compile(r"(?![A-Z]{1,2}\d)[A-Z][a-z][\w-]+ (?:[\w-]+ )*[A-Za-z-]*[A-Z-]\w*\d\w*")
# Of a record that tells so many fields of its thing, the heading is the name, though it be a label elsewhere.
_TELLS_SURELY = 2
_LETTER = re.compile(r"[A-Z]")
_SOCKET_BEHIND = re.compile(rf"[^\W\d_][./:](?P<socket>{SOCKET.pattern})$", re.I)
_BULLET = re.compile(r"[•*>] +(?=\S)")
_ONE_WORD = re.compile(r"[^\W\d][\w.-]{1,30}")
# ``[ tquill ]  Tamsin Quill``: how it is called, and beside it who that is.
_BOXED_NAME = re.compile(r"\s*\[ ?(?P<name>[\w.-]+) ?\]\s+(?P<full>\S.*?)\s*$")
_CELLS_OF_ROW = 3
ASIDE_OF = {"account": "account.full_name", "adapter": "adapter.connection"}


def called_by(interpreter: Interpreter, group: Group, of: str, shape: str, item: Item, *, listed: bool) -> None:
    """Records under the name of their kind, each headed by its own: ``Interfaces``, then ``Wickerlink GbE 210 ("Office
    wire")`` over its fields."""
    heading, naming = group.heading, CALLED["disk"] if of == "disk" else NAMING.get(of, "")
    if heading and (bullet := _BULLET.match(heading.text)):
        heading = Heading(heading.text[bullet.end() :], heading.line, heading.column + bullet.end())
    if heading and of == "adapter" and (rest := _without_kind(interpreter, heading, shape, item)):
        heading, listed = rest, True
    if heading and SUBJECTS.get(words_of(heading.text[:MAX_TEXT])) == of:
        return  # ``Accounts:``: what is listed, and the name of none
    boxed = _BOXED_NAME.match(heading.text[:MAX_TEXT]) if heading else None
    if heading and boxed and of in ASIDE_OF:
        # Of an account the box holds what it is called, of a card what people call it.
        order = ("full", "name") if of == "adapter" else ("name", "full")
        for fact, part in zip((naming, ASIDE_OF[of]), order, strict=True):
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
    match = _HEAD_OF_RECORD.match(heading.text[:MAX_TEXT].strip()) if heading else None
    if heading and of == "volume" and listed and shape == "tree" and _LETTER.fullmatch(heading.text):
        # ``"C": {…}``
        entry = Entry("", heading.text, heading.line, heading.column)
        drive = exactly("text", f"{heading.text}:")
        interpreter.add(naming, item, entry, drive, shape, 0.8, "it stands over what is told of the volume")
        return
    socket = _SOCKET_BEHIND.search(heading.text[:MAX_TEXT]) if heading and of == "module" else None
    if heading and socket:
        # ``[Speicher.A1]``
        entry = Entry("", socket["socket"], heading.line, heading.column + socket.start("socket"))
        interpreter.place(entry, shape, (Guess(naming, 0.8, "it stands over what is told of the module"),), item)
        interpreter.frame.add(heading.line)
        return
    if heading and of in _BY_FORM and (listed or of == "update") and _BY_FORM[of].match(heading.text.strip()):
        entry = Entry("", heading.text.strip(), heading.line, heading.column)
        interpreter.place(entry, shape, (Guess(NAMING[of], 0.8, f"it stands over what is told of the {of}"),), item)
        interpreter.frame.add(heading.line)
        return
    if heading is None or match is None or not naming.endswith((".name", ".profile", ".model")):
        return
    unclear = is_known(match["name"]) and not match["aside"]
    if match["dashed"] and not unclear and _told_behind_dashes(interpreter, heading, match, of, item):
        entry = Entry("", match["name"], heading.line, heading.column)
        interpreter.place(entry, shape, (Guess(naming, 0.8, f"it stands before what is told of this {of}"),), item)
        interpreter.frame.add(heading.line)
        if match["aside"] and of in ASIDE_OF:
            # ``mreed (Maya Reed) -- enabled``
            at = Entry("", match["aside"], heading.line, heading.column + match.start("aside"))
            interpreter.place(at, shape, (Guess(ASIDE_OF[of], 0.78, "it stands beside its name"),), item)
        return
    if not listed:
        return
    # People and profiles are called by any word (``admin``, ``svc-patch``, ``Domain``).
    person = of in ("account", "firewall") and _ONE_WORD.fullmatch(match["name"]) is not None
    context = interpreter.context(of)
    told = {
        guess.fact
        for entry in group.entries
        for guess in decide(entry.label, context)[:1]
        if not (guess.fact == "driver.name" and (FILE_OF_DRIVER.match(entry.printed) or is_placeholder(entry.printed)))
    }
    if SUBJECTS.get(words_of(match["name"])) == of:
        return  # ``Planned tasks`` over them all
    is_field = any(guess.fact.startswith(f"{of}.") for guess in decide(match["name"], context)[:1])
    if not person and is_known(match["name"]) and (is_field or len(told) < _TELLS_SURELY):
        return
    freely = person or of in _NAMED_FREELY or _LIKE_A_MODEL.fullmatch(match["name"]) is not None
    # ``Kestrel Graphics 630``
    own = MODEL_OF_CARD.fullmatch(match["name"]) is not None
    nouns = [at for at in subjects_in(words_of(match["name"])) if not (own and at.group == of)]
    freely = freely or (of == "printer" and CALLED_BY_PLACE.fullmatch(match["name"]) is not None)
    if (not freely and nouns) or naming in told or len(told) * 3 < len(group.entries):
        return
    entry = Entry("", match["name"], heading.line, heading.column)
    if "software.version" not in told:
        entry = _without_version(interpreter, entry, shape, item)
    interpreter.place(entry, shape, (Guess(naming, 0.8, f"it is listed under {of}"),), item)
    interpreter.frame.add(heading.line)
    beside = ASIDE_OF.get(of)
    who_is, start = _who(match)
    if who_is and beside and not (match["dashed"] and who_is.isalpha() and who_is.islower()):
        at = Entry("", who_is, heading.line, heading.column + start)
        interpreter.place(at, shape, (Guess(beside, 0.78, "it stands beside its name"),), item)


_KIND_FIRST = re.compile(r"(?P<kind>[^\W\d_][\w-]*(?: [\w-]+)?)\s?:\s+(?=\S)")


def _without_kind(interpreter: Interpreter, heading: Heading, shape: str, item: Item) -> Heading | None:
    """``wired: Wickerlink GbE 210 ("Office wire")``: the heading without the kind that it begins with; that is told."""
    first, kind = _KIND_FIRST.match(heading.text[:MAX_TEXT]), FACTS["adapter.kind"]
    said = understand(kind, first["kind"], interpreter.locale) if first else None
    if first is None or said is None:
        return None
    at = Entry("", first["kind"], heading.line, heading.column)
    interpreter.add(kind.name, item, at, said, shape, 0.8, "the heading begins with it")
    return replace(heading, text=heading.text[first.end() :], column=heading.column + first.end())


def _told_behind_dashes(interpreter: Interpreter, heading: Heading, match: re.Match[str], of: str, item: Item) -> bool:
    """Read what a heading says of its thing behind dashes (``Wickerlink GbE 210 — wired — connected at 1 Gbit/s``). Whether
    it says anything."""
    left = [fact for fact in FIELDS[of] if fact.name != NAMING[of]]
    clauses = _DASHES.sub(lambda dash: " ,".ljust(len(dash.group())), match["dashed"])
    start = heading.column - 1 + match.start("dashed")
    return told_in_words(interpreter, clauses, heading.line, start, of, item, left) > 0
