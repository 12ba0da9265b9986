"""What sentences state, as readings: plain facts, and the bundles that belong to one check, one echo test, one way."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, ITEMS, SINGLE_GROUPS
from yes_tally.core.reading.clauses.item_lines import read_item_lines
from yes_tally.core.reading.drafts import Draft, Item
from yes_tally.core.reading.kinds.checks_listed import listed_checks
from yes_tally.core.reading.kinds.drives import drives_told
from yes_tally.core.reading.kinds.lines_of_the_only_one import system_over_pairs
from yes_tally.core.reading.kinds.memory_sockets import rows_of_sockets
from yes_tally.core.reading.kinds.name_lookups import look_ups
from yes_tally.core.reading.kinds.reachability import echo_test, echo_test_whole, state, traced_way
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.phrases.taught import in_use
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Entry
from yes_tally.core.reading.statements.checks_elsewhere import DRIVES
from yes_tally.core.reading.statements.checks_said import lines_of_checks, said_of_checks
from yes_tally.core.reading.statements.facts_said import said_of_pc
from yes_tally.core.reading.statements.kinds_told import TOLD_IN_PROSE, kinds_before_words, processors_told
from yes_tally.core.reading.statements.licences_said import is_left_until_its_end, said_of_licence
from yes_tally.core.reading.statements.said_of_others import said_of_others
from yes_tally.core.reading.statements.sentences import (
    CHECK_KINDS,
    CHECK_SAYS,
    CHECKS_ASKED,
    MAX_STATEMENT,
    PATTERNS,
    Stated,
    spoken_of,
    statements,
)
from yes_tally.core.reading.statements.things_in_sentences import OF_A_THING
from yes_tally.core.reading.tables.rows_of_items import (
    cells_of_opened,
    clauses_below,
    numbered_rows,
    rows_below_count,
)
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY_IN_NUMBERS
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter


def read_statements(interpreter: Interpreter, lines: Sequence[Line], command: str) -> None:
    """Read what the lines that no shape could read say in sentences; a check's words belong to that check."""
    told_so_far = interpreter.drafts[interpreter.section_from :]
    sentences_told = {draft.entry.line for draft in told_so_far if draft.shape == OF_A_THING}
    read = ({draft.entry.line for draft in told_so_far} - sentences_told) | interpreter.blanks
    left = [line for line in lines if line.number not in read]
    if not any(line.text.strip() for line in left) and not any(line.text.rstrip().endswith(".") for line in lines):
        return
    of_checks = lines_of_checks(left)
    sentences = [line for line in left if line.number in of_checks]
    left = [line for line in left if line.number not in of_checks]
    for rows in (
        ticked,
        read_item_lines,
        listed_checks,
        rows_of_sockets,
        numbered_rows,
        cells_of_opened,
        rows_below_count,
        clauses_below,
        drives_told,
    ):
        whole = rows(interpreter, left)
        left = [line for line in left if line.number not in whole]
    system = system_over_pairs(interpreter, left, interpreter.heading(command))
    left = [line for line in left if line.number not in system and not _pair_in_prose(interpreter, line)]
    left = sorted((*left, *sentences), key=lambda line: line.number)
    before = len(interpreter.drafts)
    pairs_in_brackets(interpreter, left)
    begun = sentences_told | kinds_before_words(
        interpreter, [line for line in left if line.number not in sentences_told]
    )
    begun |= processors_told(interpreter, [line for line in left if line.number not in begun])
    if not any(group in ITEMS for group in interpreter.heading(command)):
        for line in left:
            if line.number not in begun:
                _clauses(interpreter, line)
    told = {(draft.fact, draft.entry.line) for draft in interpreter.drafts[before:]}
    spoken = {draft.fact.partition(".")[0] for draft in interpreter.drafts[interpreter.section_from :]}
    spoken |= set(interpreter.heading(command))
    facts, reach, checks = spoken_of(_as_one(left))
    of_licence = {stated.fact for stated in _of_licence(interpreter, lines, left, told)}
    of_pc = list(said_of_pc(interpreter, left)) if len(left) <= _MOST_SENTENCES else []
    for stated in of_pc:
        if (stated.fact, stated.line) not in told and not said_of_others(stated, spoken, left):
            state(interpreter, stated, None)
    of_pc_told = {stated.fact for stated in of_pc}
    for stated in statements(left, PATTERNS) if facts else ():
        if stated.fact in of_licence or stated.fact in of_pc_told:
            continue
        if (stated.fact, stated.line) not in told and not said_of_others(stated, spoken, left):
            state(interpreter, stated, None)
    if reach or "reach" in spoken:
        echo_test(interpreter, left, command)
    echo_test_whole(interpreter, lines, command)
    traced_way(interpreter, left, command, spoken_of="hop" in spoken)
    look_ups(interpreter, left, command)
    interpreter.drafts[before:] = [
        draft
        for draft in interpreter.drafts[before:]
        if (draft.fact, draft.shape) != ("licence.grace", "sentences")
        or not is_left_until_its_end(lines, draft.entry.line, draft.entry.column)
    ]
    asked = asked_check(command)
    if checks or asked or of_checks:
        _checks(interpreter, left, asked)
        _target_headed(interpreter, lines)


def _of_licence(
    interpreter: Interpreter, lines: Sequence[Line], left: Sequence[Line], told: set[tuple[str, int]]
) -> list[Stated]:
    """Read what sentences say of the licence, also those that a colon makes look like pairs; what they say."""
    unread = {line.number for line in left}
    prose = [line for line in lines if line.number in unread or line.text.rstrip().endswith(".")]
    if len(prose) > _MOST_SENTENCES:
        return []
    told = told | {(draft.fact, draft.entry.line) for draft in interpreter.drafts[interpreter.section_from :]}
    said = list(said_of_licence(prose))
    for stated in said:
        if (stated.fact, stated.line) not in told:
            state(interpreter, stated, None)
    return said


# Of so many lines none are prose about a licence.
_MOST_SENTENCES = 100


_TICKED = re.compile(
    r"\s*(?:\[(?P<box>[ xX*✓✔])\]|(?P<mark>[✓✔☑✅✗✘☐❌]))\s+(?P<what>[^\W\d_][^:]{2,50}?(?: [A-Z]:[^:]*)?)\s*$"
)
_TICKS = frozenset("xX*✓✔☑✅")


def ticked(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``[x] secure boot``, ``✗ firewall public``: what is ticked is so, what is not is not. Returns the lines that were
    read; one alone is no list."""
    read: set[int] = set()
    matches = [(line, match) for line in lines if (match := _TICKED.match(line.text[: 2 * MAX_LABEL]))]
    for line, match in matches if len(matches) > 1 else ():
        said = "yes" if (match["box"] or match["mark"]) in _TICKS else "no"
        before = len(interpreter.drafts)
        entry = Entry(match["what"], said, line.number, match.start("what") + 1)
        interpreter.entries([entry], "sentences", interpreter.context(None), None)
        told = interpreter.drafts[before:]
        if any(FACTS[draft.fact].kind not in ("flag", "text") or draft.value.value == said for draft in told):
            del interpreter.drafts[before:]  # a tick is no value of anything else
        elif told:
            read.add(line.number)
    return read


_PAIR = re.compile(r"\s*(?P<label>[^\W\d_][^:.,;]{2,40}?)\s*: (?P<v>\S.*?)\s*$")
_PLAIN = 0.85
_LONG_LABEL = 8


# ``up 3 days, 4 hours (last boot: 2025-02-08 04:05)``, ``(démarré le 08/02/2025 à 04:05)``
_IN_BRACKETS = re.compile(r"[(\[](?P<inside>[^\W\d_][^()\[\]]{4,60})[)\]]\W*$")
_LABEL_AND_VALUE = re.compile(r"(?P<label>[^\W\d_][^:\d]{2,40}?)\s*(?::\s+| (?=\d))(?P<v>\S.*)")


def pairs_in_brackets(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """Read a pair that stands in brackets behind a sentence, by a label that needs no context."""
    for line in lines:
        inside = _IN_BRACKETS.search(line.text) if "(" in line.text and len(line.text) <= MAX_STATEMENT else None
        pair = _LABEL_AND_VALUE.fullmatch(inside["inside"]) if inside else None
        if inside is None or pair is None:
            continue
        guesses = interpreter.means(pair["label"], interpreter.context(None))
        if guesses and guesses[0].confidence >= _PLAIN and not FACTS[guesses[0].fact].item:
            entry = Entry(pair["label"], pair["v"], line.number, inside.start("inside") + pair.start("v") + 1)
            interpreter.place(entry, "sentences", guesses, None)


def _pair_in_prose(interpreter: Interpreter, line: Line) -> bool:
    """``Registered to: Lantern Sound Ferries`` among sentences, by a label that needs no context. Whether it is one."""
    match = _PAIR.match(line.text) if ":" in line.text[:60] and len(line.text) <= MAX_STATEMENT else None
    several = match is not None and "  " in match["v"]
    if match and not several and " " not in match["label"] and SUBJECTS.get(words_of(match["label"])) in TOLD_IN_PROSE:
        # ``Memory: 8 GB fitted, 7.9 GB usable.``: a pair whose label names what it tells of.
        before = len(interpreter.drafts)
        entry = Entry(match["label"], match["v"].rstrip("."), line.number, match.start("v") + 1)
        interpreter.entries([entry], "pairs", interpreter.context(None), None)
        return len(interpreter.drafts) > before
    if match is None or several:
        return False
    guesses = interpreter.means(match["label"], interpreter.context(None))
    if " " not in match["label"] and (" " in match["v"] or len(match["label"]) < _LONG_LABEL):
        return False  # a word before a colon begins many a sentence
    if not guesses or guesses[0].confidence < _PLAIN or FACTS[guesses[0].fact].item:
        return False
    entry = Entry(match["label"], match["v"], line.number, match.start("v") + 1)
    before = len(interpreter.drafts)
    interpreter.entries([entry], "pairs", interpreter.context(None), None)
    return len(interpreter.drafts) > before


_CLAUSE = re.compile(r"[^\s,;](?:[^,;]|[,;](?!\s))*")
_MOST_LABEL = 3


def _clauses(interpreter: Interpreter, line: Line) -> None:
    """``made by Oakmere, model Tern 14, serial OAKT14-90044``: between commas labels and their values, of the PC itself
    or of the part of it that the first of them names; where most of the line is such."""
    if not _PARTED.search(line.text) or len(line.text) > MAX_LABEL * 3 or ":" in line.text[:20]:
        return
    blank = 0
    told: list[tuple[Entry, tuple[Guess, ...]]] = []
    group: str | None = None
    clauses = list(_CLAUSE.finditer(line.text))
    of_tpm = "tpm" in words_of(line.text[:MAX_LABEL])
    for clause in clauses:
        text = clause.group().rstrip(" .")
        starts = [word.start() for word in _WORD.finditer(text)][1 : _MOST_LABEL + 1]
        for at in reversed(starts):
            label = text[:at].rstrip(" :=")
            if "(" in label:
                continue  # ``zone (UTC+00:00) Northquay``: what stands in brackets is the value's
            meant = interpreter.means(label, interpreter.context(group))
            guesses = tuple(g for g in meant if g.confidence >= _TOLD and not FACTS[g.fact].item)[:1]
            if not guesses:
                continue
            if is_placeholder(text[at:]):
                blank += 1
                break
            if of_tpm and guesses[0].fact.startswith("machine."):
                break  # ``TPM 2.0 present, maker Loamgate``
            said = FACTS[guesses[0].fact].kind != "text" or _NAMED_SO.match(text[at:])
            if said and understand(FACTS[guesses[0].fact], text[at:], interpreter.locale):
                told.append((Entry(label, text[at:], line.number, clause.start() + at + 1), guesses))
                subject = SUBJECTS.get(words_of(label))
                group = subject if subject in SINGLE_GROUPS else group
                break
    surely = len(told) == 1 and told[0][1][0].confidence > _SURELY and told[0][1][0].fact.endswith("_at")
    if len(told) + blank + surely < _LEAST_TOLD or (len(told) + blank) * 2 < len(clauses):
        return
    for entry, guesses in told:
        interpreter.place(entry, "words", guesses, None)


_TOLD, _SURELY, _LEAST_TOLD = 0.7, 0.8, 2
_PARTED = re.compile(r"[,;] ")
# What a thing is called begins large, or holds a figure or a mark.
_NAMED_SO = re.compile(r"[A-Z\"'(]|\S*[\d\\./@-]")
_WORD = re.compile(r"\S+")


def _checks(interpreter: Interpreter, lines: Sequence[Line], asked: str) -> None:
    """Checks of health: each paragraph that names a kind begins one, and what follows belongs to it; ``asked`` is the
    kind that the command names, or empty."""
    item: Item | None = None
    told: set[str] = set()
    pending: Stated | None = None
    own = [d for d in interpreter.drafts[interpreter.section_from :] if d.item and d.item.group == "health_check"]
    for paragraph in _paragraphs(lines):
        whole = {stated.fact: stated for stated in said_of_checks(paragraph)}
        kind = next(statements(paragraph, CHECK_KINDS), None) or whole.get("health_check.kind")
        if kind is None and item is None and not pending and not asked:
            continue
        told_so = {s.fact: s for s in reversed(list(statements(paragraph, CHECK_SAYS)))}
        if result := whole.get("health_check.result"):
            told_so[result.fact] = result
        said = list(told_so.values())
        if kind:
            pending, item = kind, None if said else item
        if not said:
            continue
        if item is None:
            item, told = _begun(own, paragraph) or (interpreter.new_item("health_check"), set())
            if asked and not pending and "health_check.kind" not in told:
                # It follows from the command, and is printed nowhere below it.
                pending = Stated("health_check.kind", "", asked, said[0].line, 1)
        for stated in ([pending] if pending else []) + said:
            if stated.fact not in told:
                told.add(stated.fact)
                state(interpreter, stated, item)
        pending = None


_VOLUME_HEADED = re.compile(
    rf"\W*(?:(?:the|das|der|die|le|la|el|il|lo|o|a|het|de) )?{DRIVES} (?P<v>[A-Z]:)(?:$|[ :,](?!\\))", re.I
)


def _target_headed(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """The one check of a section that says not of what it is: of the one volume that a line begins with."""
    own = [d for d in interpreter.drafts[interpreter.section_from :] if d.item and d.item.group == "health_check"]
    items = {id(draft.item): draft.item for draft in own}
    disk = any(d.fact == "health_check.kind" and d.value.value == "disk" for d in own)
    if len(items) != 1 or not disk or any(draft.fact == "health_check.target" for draft in own):
        return
    headed = [(line, match) for line in lines if (match := _VOLUME_HEADED.match(line.text[:MAX_LINE]))]
    if len(headed) == 1:
        line, match = headed[0]
        target = Stated("health_check.target", match["v"], match["v"], line.number, match.start("v") + 1)
        state(interpreter, target, own[0].item)


def asked_check(command: str) -> str:
    """The kind of check that a command asks for, or empty."""
    return next((row.word for row in CHECKS_ASKED.passing(command) if row.pattern.search(command)), "")


def kind_asked(interpreter: Interpreter, command: str) -> None:
    """The one check that a section tells of, and not of which kind, is of the kind that its command asks for."""
    asked = asked_check(command)
    if not asked:
        return
    told = [d for d in interpreter.drafts[interpreter.section_from :] if d.item and d.item.group == "health_check"]
    if len({id(draft.item) for draft in told}) == 1 and all(draft.fact != "health_check.kind" for draft in told):
        state(interpreter, Stated("health_check.kind", "", asked, told[0].entry.line, 1), told[0].item)


_NEAR = 2


def _begun(own: Sequence[Draft], paragraph: Sequence[Line]) -> tuple[Item, set[str]] | None:
    """The one check that pairs of this section (``own``) told of already without its kind, and what they told; of several
    the one whose pairs stand right under the paragraph."""
    if len({id(draft.item) for draft in own}) > 1:
        own = [d for d in own if 0 < d.entry.line - paragraph[-1].number <= _NEAR]
    items = {id(draft.item): draft.item for draft in own}
    told = {draft.fact for draft in own}
    item = next(iter(items.values()), None)
    return (item, told) if item and len(items) == 1 and "health_check.kind" not in told else None


def _as_one(lines: Sequence[Line]) -> str:
    return " ".join(line.text[:MAX_STATEMENT] for line in lines)


_BEGINS_CHECK = re.compile(
    r"\s*(?:[\w-]+ ){0,3}(?:check|scan|test|\w*pr[üu]fung|contr[ôo]l[eo]?\w*|v[ée]rification|comprobaci[óo]n|verifica\w*|diagnos\w+|rappor\w+|informe|raport|kontrola|sprawdzanie|controle|\w+controle)\b[^:]{0,60}:",
    re.I,
)


# A line of a log: what it says is its own.
_LOGGED = re.compile(rf"\s*\[?{DAY_IN_NUMBERS}\b")


def _paragraphs(lines: Sequence[Line]) -> Iterator[list[Line]]:
    """Lines that follow each other without a gap."""
    run: list[Line] = []
    for line in lines:
        logged = run and _LOGGED.match(line.text) and _LOGGED.match(run[-1].text)
        another = logged or (
            bool(_BEGINS_CHECK.match(line.text)) and any(_BEGINS_CHECK.match(before.text) for before in run)
        )
        if run and (another or line.number != run[-1].number + 1 or not line.text.strip()):
            yield run
            run = []
        if line.text.strip():
            run.append(line)
    if run:
        yield run


def taught_statements(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """Lines that say what a person taught them to say; a line that was read already says no more."""
    book = in_use()
    if not any(phrase.after is not None for phrase in book.taught):
        return
    read = {draft.entry.line for draft in interpreter.drafts[interpreter.section_from :]}
    for line in lines:
        if line.number in read:
            continue
        for phrase, start, end in book.statements(line.text, interpreter.under):
            value = understand(FACTS[phrase.fact], line.text[start:end], interpreter.locale) if phrase.fact else None
            if value and phrase.fact:
                entry = Entry("", line.text[start:end], line.number, start + 1)
                interpreter.add(phrase.fact, None, entry, value, "sentences", 0.9, phrase.said)
                break
