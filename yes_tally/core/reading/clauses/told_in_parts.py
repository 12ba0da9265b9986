"""What a line says of a thing in words between commas (``enabled, no administrator, member of: staff``)."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.clauses.by_clause import NOT, by_assertion, by_form, by_label, says_nothing, tells_field
from yes_tally.core.reading.meaning.decide import NAMING
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.layout import (
    MAX_TOLD,
    Entry,
    as_comma,
    asides_as_commas,
    commas_for_gaps_between,
    dots_as_commas,
    marks_as_commas,
)
from yes_tally.core.reading.values.flags import PASSWORD_ENDS, PASSWORD_NEVER_ENDS, says_needed
from yes_tally.core.reading.values.said_beside import threads_of_all
from yes_tally.core.reading.values.text_forms import COMMA_WITHIN_MOMENT, MAKER_AND_PART, SERIAL_ASIDE_WORD
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

# ``14. Juni 2024``: the dot of a day ends no clause.
_CLAUSES = re.compile(
    rf"[^\s,;.](?:[^,;.]|[,;.](?!\s|$)|{COMMA_WITHIN_MOMENT}|(?<=\d)\.(?=\s[^\W\d_]{{3,9}}\.?\s(?:19|20)\d\d\b))*"
)
# ``is called SYSTEM and has serial 7A1C-04EE``: two clauses.
_AND_HAS = re.compile(
    r"\s(?:and|und|et|y|e|en|i)\s(?:has|is|hat|ist|a|est|tiene|es|ha|è|tem|é|heeft|ma|jest)(?=\s)", re.I
)
# ``max. 4.00 GHz``, ``serial no. CRN2M55017``: the dot ends no clause.
_CUT_SHORT = re.compile(
    r"(?:(?<=\bmax)|(?<=\bmin)|(?<=\bmáx)|(?<=\bmaks))\.(?= \d)|(?:(?<=\bno)|(?<=\bnr)|(?<=\bser)|(?<=\bserienr)|(?<=\bseriennr)|(?<=\bnum)|(?<=\bnúm)|(?<=\brev)|(?<=\brév)|(?<=\bver)|(?<=\bvers)|(?<=\bwer))\.(?= \S*\d)",
    re.I,
)
# ``rev. 1.10 (serial FB14-0209)``
_SERIAL_ASIDE = re.compile(rf" \(({SERIAL_ASIDE_WORD}:? [A-Z0-9][\w-]*)\)", re.I)
# ``L1 512 KiB / L2 4 MiB``
_SLASHED = re.compile(r"(?<=[^\W\d_]) / (?=\d|L\d\b)")
# ``caches: 512 KB L1, 4 MB L2``
_CACHES = re.compile(r"\bcaches?\s*:(?=\s(?:L?\d))", re.I)
# ``16 cores (2 switched off)``
_COUNTED_BUT = re.compile(r"(?P<count>\d{1,5} [^\W\d_]+(?: [^\W\d_]+)?) \([^()]*\)$")
_PROPER = re.compile(r"[A-Z][\w&-]*(?: (?:& )?[A-Z][\w&-]*){0,2}")
_LISTS = re.compile(
    r"\s*(?:features?|flags?|capabilities|extensions|instructions?|merkmale|funktionen|befehlss[äa]tze|fonctions|fonctionnalit[ée]s|jeux d'instructions|"
    r"funciones|caracter[íi]sticas|instrucciones|funcionalidades|instru[çc][õo]es|funzioni|caratteristiche|istruzioni|functies|kenmerken|instructies|"
    r"funkcje|cechy|instrukcje)\s*:",
    re.I,
)
_TOLD_ALONE = frozenset({"maker", "provider", "full_name", "label", "driver", "title"})
# ``Security update for Harbour OS 12``
_TITLE = re.compile(r"[A-Z][^:;=]* [^:;=]*")
# One more of several servers.
_ADDRESS = re.compile(r"\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f:]{3,39}", re.I)


def parted_words(interpreter: Interpreter, text: str, group: str) -> str:
    """A line of words about a thing of a group with commas between what it tells: for the marks that part it, or for its
    gaps, but for those between a label and its value. Columns stay."""
    words = marks_as_commas(dots_as_commas(text))
    return commas_for_gaps_between(words, lambda cell: tells_field(interpreter, cell, group, FIELDS[group]))


def told_in_words(
    interpreter: Interpreter, text: str, line: int, start: int, group: str, item: Item | None, left: list[FactKind]
) -> int:
    """Read what a line says of an item in words between commas (``enabled, no administrator, member of: staff``);
    ``left`` are the fields not told yet, ``start`` the text's column from 0. Returns how many were told."""
    told = 0
    text = _AND_HAS.sub(as_comma, _CUT_SHORT.sub(" ", text[:MAX_TOLD]))
    text = asides_as_commas(_SLASHED.sub(",  ", text))
    text = _CACHES.sub(lambda label: " " * len(label.group()), text)
    text = _SERIAL_ASIDE.sub(r", \1 ", text)
    untold: list[tuple[str, int]] = []
    open_list: FactKind | None = None
    for match in _CLAUSES.finditer(text):
        part = match.group().strip().rstrip(",;")
        column = start + match.start() + len(match.group()) - len(match.group().lstrip()) + 1
        if part.count("(") != part.count(")"):
            # One of several that brackets hold: ``(in blocked, out allowed)``.
            column += len(part) - len(part.lstrip("("))
            part = part.lstrip("(").rstrip(")")
        if not part or says_nothing(interpreter, part, group):
            continue
        goes_on = open_list is not None and open_list.name == "adapter.dns" and _ADDRESS.fullmatch(part)
        labelled = None if goes_on else by_label(interpreter, part, group, left) or by_form(interpreter, part, left)
        if not labelled and not goes_on and (counted := _COUNTED_BUT.match(part)):
            labelled = by_label(interpreter, counted["count"], group, [fact for fact in left if fact.kind == "count"])
        # ``(service)`` is a remark of who it is.
        silent = bool(labelled) or goes_on or (group == "account" and part[0] == "(")
        asserted = None if silent else by_assertion(interpreter, part, group, left)
        if labelled:
            fact, value, at = labelled
            if fact.name == "processor.threads":
                if not (whole := threads_of_all(text, str(value.value))):
                    continue
                value = exactly("count", int(whole))
            open_list = fact if fact.kind == "list" else None
        elif asserted:
            fact, value, at = asserted
            open_list = None
        elif open_list and (more := understand(open_list, part, interpreter.locale)):
            interpreter.drafts[-1].lengthen(more)
            continue
        else:
            untold.append((part, column))
            continue
        if not open_list:
            left.remove(fact)
        place = Entry("", part[at:], line, column + at)
        interpreter.add(fact.name, item, place, value, "words", 0.82, f"it is said of a {group}")
        interpreter.asides(fact.name, item, place, "words", 0.82)
        told += 1 + _aside_of(interpreter, part, place, group, item, left)
    names = [fact for fact in left if fact.field in _TOLD_ALONE]
    untold = [(part, column) for part, column in untold if part[0] != "(" and not part[0].islower()]
    if (told or group == "module") and len(untold) == 1 and _maker_and_part(interpreter, item, left, *untold[0], line):
        return told + 2
    lists = _LISTS.match(text)  # ``features: AES, 64-bit``: of such a list none is a name
    form = _TITLE if names and names[0].field == "title" else _PROPER
    if told and len(untold) == len(names) == 1 and form.fullmatch(untold[0][0]) and not lists:
        # Who made it, or what a volume is called, needs no label among what tells itself.
        part, column = untold[0]
        coded = names[0].field in ("maker", "provider") and any(map(str.isdigit, part))
        name = None if coded else understand(names[0], part, interpreter.locale)
        if name:
            left.remove(names[0])
            place = Entry("", part, line, column)
            interpreter.add(names[0].name, item, place, name, "words", 0.6, f"the only name told of a {group}")
            told += 1
    return told


# So many facts a text tells beside its own at most.
_MOST_ASIDES = 8
_ASIDE = re.compile(r"\S \((?P<aside>[^()]+)\)$")


def _aside_of(
    interpreter: Interpreter, part: str, place: Entry, group: str, item: Item | None, left: list[FactKind]
) -> bool:
    """``3600 MHz (boost 4900 MHz)``: whether what stands in brackets behind what a clause tells has a label, and is told."""
    aside = _ASIDE.search(part)
    found = by_label(interpreter, aside["aside"], group, left) if aside else None
    if aside is None or found is None:
        return False
    fact, value, at = found
    if any(draft.fact == fact.name and draft.item is item for draft in interpreter.drafts[-_MOST_ASIDES:]):
        return False  # ``asides`` told it
    column = place.column + len(place.printed) - len(aside["aside"]) - 1 + at
    interpreter.add(
        fact.name,
        item,
        Entry("", aside["aside"][at:], place.line, column),
        value,
        "words",
        0.8,
        f"it is said of a {group}",
    )
    left.remove(fact)
    return True


def _maker_and_part(
    interpreter: Interpreter, item: Item | None, left: list[FactKind], text: str, column: int, line: int
) -> bool:
    """``Siskin SK08-D4-2666``: who made a module, and the number of the part. Whether both were not told yet, and are."""
    both = MAKER_AND_PART.fullmatch(text)
    facts = [fact for fact in left if fact.name in ("module.maker", "module.part")]
    if both is None or len(facts) < len(both.groupdict()):
        return False
    for fact in facts:
        left.remove(fact)
        place = Entry("", both[fact.field], line, column + both.start(fact.field))
        interpreter.add(fact.name, item, place, exactly("text", place.printed), "words", 0.75, "it is said of a module")
    return True


# What people sign in with.
_PASSWORD = frozenset("password kennwort passwort contrasena clave senha wachtwoord haslo".split())
_PASSWORD_PHRASES = frozenset({("mot", "passe"), ("palavra", "passe")})


def _of_password(
    interpreter: Interpreter, label: str, text: str, left: list[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """``Password: optional``, ``Password: until 2025-04-20``: whether one is required, and until when it is good."""
    words = words_of(label)
    if not (words in _PASSWORD_PHRASES or _PASSWORD.issuperset(words)):
        return None
    required, ends = FACTS["account.password_required"], FACTS["account.password_expires_at"]
    if says_needed(text) and required in left and (value := understand(required, text, interpreter.locale)):
        return required, value, len(label) + 1
    if PASSWORD_NEVER_ENDS.fullmatch(text) and ends in left:
        return ends, exactly("moment", "never"), len(label) + 1
    day = PASSWORD_ENDS.fullmatch(text)
    if day and ends in left and (value := understand(ends, day["day"], interpreter.locale)):
        return ends, value, len(label) + 1 + day.start("day")
    return None


# ``L1 code``: not the whole of a level.
_HALF_OF_LEVEL = re.compile(r"L[123] (?:code|instr|befehl|inst)", re.I)


def told_under(interpreter: Interpreter, entry: Entry, group: str, item: Item) -> bool:
    """``Password   required, set 2025-01-02, never expires``: clauses that the label begins. Whether one told anything."""
    told = False
    if _HALF_OF_LEVEL.match(entry.label):
        return False
    left = list(FIELDS[group])
    for match in _CLAUSES.finditer(_SLASHED.sub(",  ", entry.printed[:MAX_TOLD])):
        part = match.group().strip().rstrip(",;")
        denied = NOT.fullmatch(part)
        whole = f"{part[: denied.start('rest')]}{entry.label} {denied['rest']}" if denied else f"{entry.label} {part}"
        found = (
            _of_password(interpreter, entry.label, part, left)
            or by_assertion(interpreter, whole, group, left)
            or by_label(interpreter, whole, group, left)
        )
        if found is None or (found[0].kind == "text" and found[0].name in (NAMING.get(group), f"{group}.model")):
            continue
        fact, value, at = found
        skip = max(0, at - len(entry.label) - 1)
        column = entry.column + match.start() + len(match.group()) - len(match.group().lstrip()) + skip
        place = Entry(entry.label, part[skip:], entry.line, column)
        interpreter.add(fact.name, item, place, value, "words", 0.82, f"“{entry.label}” begins it")
        left.remove(fact)
        told = True
    return told
