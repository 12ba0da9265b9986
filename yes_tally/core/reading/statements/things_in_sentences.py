"""Things of the PC in whole sentences: what kind of thing it is, what it is called, and what it is or has.

::

    The processor is a Kestrel K5-8420 with 6 cores and 12 threads at 3.20 GHz.
    Laufwerk C: (SYSTEM) hat 465,1 GB, davon sind 88,4 GB frei.
    Cet ordinateur est un portable Corrane Tallow 14, numéro de série CRN9P11290.

What stands between the parts of a sentence (*with*, *and*, *of*) becomes a comma as long as it, so that the parts are told as
those of a list are (``told_bare``), each in its own place.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import NAMING, Guess
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.statements.default_printer import default_printer
from yes_tally.core.reading.statements.prose import ENDS
from yes_tally.core.reading.statements.sentences import MAX_STATEMENT
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.tables.rows import A_SYSTEM
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

OF_A_THING = "sentences of a thing"
"""The shape of what is read so; more may be said on the same line."""
_ARTICLE = (
    r"(?:the|an?|its|this|der|die|das|den|ein(?:e[nrms]?)?|diese[rsmn]?|le|la|les|l['’]|une?|ce|cet|cette|el|los|las|una|uno|este|esta|il|lo|i|gli|un['’]|"
    r"quest[oa]|o|a|os|as|um|uma|de|het|een|deze|dit|ten|ta|to)"
)
_ONLY = r"(?:only|main|first|second|one|einzige|erste|zweite|seule?|premi[eè]re?|[úu]nic[oa]|primer[oa]?|unic[oa]|prim[oa]|primeir[oa]|enige|eerste|jedyn[ya]|pierwsz[ya])"
_IS = r"(?:is|was|ist|est|es|[eé]|è|jest|to)"
# What goes on telling of a thing, and what only begins to.
_GOES_ON = r"has|offers|hat|besitzt|a|poss[èe]de|fait|offre|tiene|posee|ofrece|ha|possiede|offre|tem|possui|heeft|biedt|ma|posiada|made by"
_HAS = rf"(?:{_GOES_ON}|holds|fasst)"
_TELLS = re.compile(
    rf"\W*(?i:(?:{_ARTICLE}(?:\s|(?<=['’])))?(?:{_ONLY} )?)(?P<kind>[^\W\d_]+(?: (?!(?:{_IS}|{_HAS}) )[^\W\d_]+){{0,2}}?)(?: (?P<number>\d{{1,2}}))?"
    rf"(?: (?P<called>(?:[A-Z]:|[A-Z\"“„«](?![^\s]*:)\S*)(?: (?!(?:{_IS}|{_HAS}) )(?:[A-Z\d\"“„«][^\s,;:.]*|\([^()]*\)))*))?,? (?P<verb>{_IS}|{_HAS}) (?P<rest>\S.*?)[.!]?\s*$",
)
# What parts what is told of a thing, and what is no part of it: ``; it is in good health``, ``, of which 88 GB are free``.
_JOINTS = re.compile(
    rf"(?P<part>(?:\s*[;,]| and| und| et| y| e| en| i|(?= (?:of which|davon|dont|di cui|waarvan)\b)) (?:(?:and|und|et|y|e|en|i) )?(?:(?:it|er|sie|es|il|elle|ella?|ele|ela|hij|het|zij|on[ao]?) )?"
    rf"(?:of which|davon|dont|de los cuales|di cui|dos quais|waarvan|z czego|is called|{_IS}|{_GOES_ON})(?: (?:are|is|sind|sont|son|sono|s[ãa]o|zijn|s[ąa]))?\s"
    r"|\s(?:after|nach|apr[eè]s|tras|ap[óo]s|dopo|na|po|of|at|von|zu|de|d['’]une|[àa]|da|di|van|op|o pojemno[śs]ci|o|do|con|mit|bei) (?=\d)|\s\((?=[^()]*\))"
    r"|(?:\s*[;,])?\s(?:(?:and|with|at|by|in|und|mit|bei|et|avec|y|con|e|com|en|met|i|z) )+(?=(?:the |its |an? |der |die |das |le |la |el |il |o |een |het )?[^\W_]))"
    rf"|(?P<small>\)|(?<![\w'’])(?!(?-i:OS)\b){_ARTICLE} (?=\S)|(?<=[KMGT][Bo]) (?:are|is|sind|ist|sont|est|son|es|sono|è|s[ãa]o|é|zijn|s[ąa])(?= ))",
    re.I,
)
_IT = re.compile(
    rf"\W*(?:(?i:it|er|sie|es|il|elle|ella?|ele|ela|esso|essa|hij|het|zij|on[ao]?) (?:{_IS}|{_HAS})|Est[áa]|È|É|Jest) (?P<rest>\S.*)"
)
# Of what sentences tell so: what a PC has named parts of.
_THINGS = frozenset("processor disk volume graphics display adapter printer sound battery board machine".split())


def things_in_sentences(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the sentences that tell of one thing; returns the lines that did."""
    read: set[int] = set()
    for line in lines:
        text = line.text[:MAX_STATEMENT]
        if not text.rstrip().endswith(".") or "  " in text.strip():
            continue
        before: Item | None = None
        for sentence, at in _sentences(text):
            if before and (more := _IT.match(sentence)):
                _tell_more(interpreter, line, more, at, before)
                continue
            told = len(interpreter.drafts)
            before = None
            if _tell(interpreter, line, sentence, at):
                read.add(line.number)
                before = interpreter.drafts[told].item
    return read


def _tell_more(interpreter: Interpreter, line: Line, more: re.Match[str], at: int, item: Item) -> None:
    """``It is encrypted.``, behind a sentence of the same thing."""
    told = {draft.fact for draft in interpreter.drafts if draft.item is item}
    left = [fact for fact in FIELDS[item.group] if fact.name not in told]
    said = more["rest"].rstrip(" .!")
    told_in_words(interpreter, said, line.number, at + more.start("rest"), item.group, item, left)


def _sentences(text: str) -> Iterator[tuple[str, int]]:
    """The sentences of a line, each with its column from 0."""
    start = 0
    for end in (*(match.span() for match in ENDS.finditer(text)), (len(text), len(text))):
        yield text[start : end[0]], start
        start = end[1]


def _tell(interpreter: Interpreter, line: Line, sentence: str, at: int) -> bool:
    if default_printer(interpreter, line, sentence, at):
        return True
    match = _TELLS.match(sentence)
    group = SUBJECTS.get(words_of(match["kind"])) if match else None
    if match is None or group not in _THINGS:
        return False
    called = match["called"] or ""
    if _DRIVE.match(called):
        group = "volume"
    said = _as_list(match["rest"], at + match.start("rest"))
    if called:
        said = [*zip(f"{called}, ", range(at + match.start("called"), at + match.start("rest")), strict=False), *said]
    entry = Entry("", "".join(letter for letter, _ in said), line.number, 1)
    before = len(interpreter.drafts)
    if not (_tell_pc(interpreter, entry) if group == "machine" else _tell_item(interpreter, entry, group or "")):
        del interpreter.drafts[before:]
        return False
    for draft in interpreter.drafts[before:]:
        where = min(draft.entry.column, len(said)) - 1
        draft.entry = replace(draft.entry, column=said[where][1] + 1)
    if group == "disk" and match["number"]:
        place = Entry("", match["number"], line.number, at + match.start("number") + 1)
        why = "the sentence numbers it"
        interpreter.place(place, OF_A_THING, (Guess("disk.number", 0.8, why),), interpreter.drafts[before].item)
    return True


def _tell_item(interpreter: Interpreter, entry: Entry, group: str) -> bool:
    item, before = Item(group), len(interpreter.drafts)
    naming = NAMING[group] if group == "volume" else CALLED.get(group, NAMING[group])
    if group in _CALLED_SO and not _NAME.match(entry.printed):
        return False
    if not told_bare(interpreter, entry, group, item, OF_A_THING, naming, least=1):
        return False
    told = {draft.fact for draft in interpreter.drafts[before:]}
    if group == "volume" and told.isdisjoint(_OF_VOLUME):
        return False
    interpreter.take(item)
    return True


_DRIVE = re.compile(r"[A-Z]:")
# What is called by its maker and a number, with a capital.
_CALLED_SO = _THINGS - {"volume", "battery", "machine"}
_NAME = re.compile(r"[A-Z\"“„«][^,%]*(?:,|$)")
# What else sentences say of a volume tells of a check.
_OF_VOLUME = frozenset({"volume.size", "volume.free", "volume.filesystem", "volume.serial"})
_Letters = list[tuple[str, int]]


def _as_list(text: str, at: int) -> _Letters:
    """What a sentence tells with commas between its parts and without articles: each letter with its column from 0."""
    said: _Letters = []
    start = 0
    for joint in _JOINTS.finditer(text):
        said += zip(text[start : joint.start()], range(at + start, at + joint.start()), strict=True)
        said += [(letter, at + joint.start()) for letter in (", " if joint["part"] else "")]
        start = joint.end()
    return [*said, *zip(text[start:], range(at + start, at + len(text)), strict=True)]


_LAST_WORD = re.compile(r" (?P<form>[^\W\d_]+(?:-[^\W\d_]+)*)$")
_FIRST_WORD = re.compile(r"(?P<form>[^\W\d_]+(?:-[^\W\d_]+)*) (?=[A-Z])")


def _tell_pc(interpreter: Interpreter, entry: Entry) -> bool:
    """``Corrane Tallow 14 laptop, serial number CRN9P11290``: what the PC is, of which form, and more of it."""
    first, _, rest = entry.printed.partition(",")
    model = first.strip()
    start = len(first) - len(first.lstrip())
    form = next(
        (
            match
            for match in (_LAST_WORD.search(model), _FIRST_WORD.match(model))
            if match and choice_named("form", FACTS["machine.form"].choices, match["form"])
        ),
        None,
    )
    if form:
        kind = choice_named("form", FACTS["machine.form"].choices, form["form"]) or ""
        place = Entry("", form["form"], entry.line, entry.column + start + form.start("form"))
        interpreter.add("machine.form", None, place, exactly("choice", kind), OF_A_THING, 0.8, "a sentence says so")
        model, start = (model[: form.start()], start) if form.start() else (model[form.end() :], start + form.end())
    if not _MODEL.fullmatch(model):
        return form is not None
    if A_SYSTEM.search(model):
        # ``This PC has Harbour OS 12 Desk Pro``
        at = Entry("", model, entry.line, entry.column + start)
        interpreter.place(at, OF_A_THING, (Guess("os.name", 0.8, "a sentence says what the PC has"),), None)
        return True
    at = Entry("", model, entry.line, entry.column + start)
    interpreter.place(at, OF_A_THING, (Guess("machine.model", 0.8, "a sentence says what the PC is"),), None)
    left = [fact for fact in FIELDS["machine"] if fact.field not in ("model", "form")]
    told_in_words(interpreter, rest, entry.line, entry.column + len(first), "machine", None, left)
    return True


_MODEL = re.compile(r"(?=.*\d)[A-Z][\w&-]+(?: [A-Z\d][\w/-]*){1,4}")
