"""A row of bare words about one thing: the first is what it is called, each other one is the field whose form only it
has, or says its label itself (``Disk 0: Basalt NV1000, 931.51 GB, NVMe, healthy``)."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, NUMBER_KINDS, FactKind
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.beside_names import name_alone
from yes_tally.core.reading.clauses.by_clause import (
    LEADING_SIZE,
    SURE,
    by_assertion,
    by_form,
    by_label,
    says_nothing,
    tells_field,
)
from yes_tally.core.reading.meaning.decide import decide
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, asides_as_commas
from yes_tally.core.reading.tables.bare_row import BareRow
from yes_tally.core.reading.values.asides import ASIDES
from yes_tally.core.reading.values.said_beside import said_aside
from yes_tally.core.reading.values.text_forms import BUS, COMMA_WITHIN_MOMENT, FULL_NAME, MAKER_AND_PART
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_PARTS = re.compile(rf"[^\s,;](?:[^,;]|[,;](?!\s|$)|{COMMA_WITHIN_MOMENT})*")
# ``2,000,398,934,016 bytes MBR``: the one column touches the next.
_PARTS_OF_DISK = re.compile(r"[^\s,;](?:(?:(?<![BOs])|(?! (?:GPT|MBR)\b))[^,;]|[,;](?!\s|$))*")
_LEAST_PARTS = 2
# ``4 cores / 8 threads``: two parts as well.
_COUNTS_SLASHED = re.compile(r"(?<=[^\W\d_]) / (?=\d)")
# ``Pebble Stick 64 (no serial) — 62.9 GB USB``
_MEASURE_BEHIND_DASH = re.compile(r" (?:—|–|--?) (?=\d[\d.,]* ?(?:[KMGT]i?[BO]|[GM]Hz)\b)")
# ``SATA-HDD``
_BUS_AND_MEDIA = re.compile(rf"\b({BUS})-(SSD|HDD)\b", re.I)
# A size, a picture's or a charge is the name of nothing.
MEASURED = re.compile(
    r"\d[\d.,\u00a0 ]*(?:[x×] ?\d{3,5}\b|[km]?Wh\b|[KMGT]i?[BO]\b|[GM]?Hz\b|(?:° ?)?[CF]\b|rpm\b|V\b|%)", re.I
)
_LABEL_ALONE = re.compile(r"[^\W\d_A-Z][^\W\d_]+")
_PROPER = re.compile(r"[A-Z][\w&-]*(?: (?:& )?[A-Z][\w&-]*){0,2}")


def told_bare(
    interpreter: Interpreter, entry: Entry, group: str, item: Item, shape: str, naming: str, line: str = "",
    least: int = 0,
) -> bool:  # fmt: skip
    """Read a row of bare words about one item: the first is its name (the fact ``naming``), each other one is the
    field whose form only it has, or says its label itself (``serial 4711``, ``made by Corrane``). False, and nothing
    read, when fewer than half of them tell (or than ``least``, where it is given) and none has a label. ``line``: the
    text the words stand in, where it is not the entry's own."""
    left = [fact for fact in FIELDS[group] if fact.name != naming]
    row = BareRow(interpreter, entry, group, naming, line, left)
    _take_marks(row)
    flat = asides_as_commas(_COUNTS_SLASHED.sub(",  ", row.entry.printed[:MAX_TOLD]))
    if group in ("disk", "graphics"):
        flat = _OF_SIZE.sub(lambda of: of["name"] + ",".ljust(len(of.group()) - len(of["name"])), flat)
    flat = _MEASURE_BEHIND_DASH.sub(",  ", flat)
    flat = _ASIDE_BEFORE_DASH.sub(r", \1,   ", flat)
    flat = _BUS_AND_MEDIA.sub(r"\1 \2", flat)
    row.entry = replace(row.entry, printed=flat + row.entry.printed[MAX_TOLD:])
    parting = _PARTS_OF_DISK if group == "disk" else _PARTS
    parts = [m for m in parting.finditer(row.entry.printed[:MAX_TOLD]) if m.group().strip()]
    if len(parts) < _LEAST_PARTS or (group == "processor" and _COUNTS_THEM.fullmatch(parts[0].group().strip())):
        return False
    _name_first(row, parts)
    first_read = _drive_first(row, parts[0]) or _measure_first(row, parts[0])
    if row.named_by_size and not parts[0].group().strip()[:1].isdigit():
        row.left, row.naming = list(FIELDS[group]), ""  # the size stands further on
    _read_parts(row, parts[1:] if row.naming or first_read else parts)
    if group == "account" and row.naming == "account.name":
        _name_behind_login(row, parts[1])
    if group in _MADE_BY_SOMEONE and len(row.told) >= _MADE_BY_SOMEONE[group] and len(parts) > _LEAST_PARTS:
        _maker_behind_name(row, parts[1])
    if group == "printer":
        _driver_alone(row, parts[1:])
    told = len(row.told)
    if not told or (told * 2 < len(parts) - 1 and not row.sure and not 0 < least <= told):
        return False
    _read_name(row, parts[0], item, shape)
    _read_beside_name(row)
    for fact, place, value in row.told:
        interpreter.add(fact.name, item, place, value, shape, 0.82, f"its form says what it is of a {group}")
        interpreter.asides(fact.name, item, place, shape, 0.82)
    return True


# ``Chime Analog (default) - working``
_ASIDE_BEFORE_DASH = re.compile(r" \(([^(),]{2,30})\) [-–—] (?=[^\W\d_])")
# ``2 sockets, 64 threads``: the sum of all.
_COUNTS_THEM = re.compile(
    r"\d{1,3} (?:sockets?|processors?|cpus?|packages?|prozessor(?:en)?|sockel|processeurs?|procesador(?:es)?|processador(?:es)?|processor[ei]|processoren|procesor(?:y|[óo]w)?)",
    re.I,
)
# ``Basalt NV1000 of 1 TB``
_OF_SIZE = re.compile(
    r"(?P<name>\b\w*[A-Za-z]\w*) (?:of|with|mit|von|de|avec|con|da|di|com|van|met|o|z) (?=\d[\d.,]* ?[KMGT]i?[BO]\b)"
)
_MARKED = re.compile(r"\s*[\[(]([^\W\d_]+(?: [^\W\d_]+)?)[\])]")


def _take_marks(row: BareRow) -> None:
    """What stands in brackets and is a yes of the group (``Hall printer (default)``) is told, and blank afterwards."""
    context = row.interpreter.context(row.group, (row.group,))
    for mark in _MARKED.finditer(row.entry.printed[:MAX_TOLD]):
        for guess in decide(mark[1], context)[:1]:
            fact = FACTS[guess.fact]
            if fact not in row.left or fact.kind != "flag" or guess.confidence <= SURE:
                continue
            row.tell_within(fact, mark[1], mark.start(1), exactly("flag", True))
            rest = row.entry.printed[mark.end() :]
            gap = "," if ", " in rest and rest.lstrip()[0] not in ",;" else " "
            before = row.entry.printed[: mark.start()]
            row.entry = replace(row.entry, printed=f"{before}{gap.ljust(len(mark.group()))}{rest}")
            row.sure = True
            return


def _name_first(row: BareRow, parts: list[re.Match[str]]) -> None:
    """Put the part that the thing is called by first, where a measure or a choice stands before it."""
    first = parts[0].group().strip()
    if row.named_by_text and MEASURED.match(first):
        # ``903.4 MB   quaymaster   pid 2204``
        own = next((n for n, part in enumerate(parts) if _may_be_name(row, part.group().strip())), None)
        if own is None and row.group == "volume":
            row.naming = ""  # ``476.3 GB, 101.9 GB free, HFX2``: nothing is called so
        else:
            parts.insert(0, parts.pop(own or 0))
    if row.naming and len(parts) > _LEAST_PARTS and _is_choice(parts[0].group().strip(), row.group):
        # ``GPT, 931.51 GB, Basalt NV1000``: what it is called stands last, if anything is said of that.
        if tells_field(row.interpreter, parts[-1].group().strip(), row.group, row.left):
            row.naming = ""
        else:
            parts.insert(0, parts.pop())


def _may_be_name(row: BareRow, text: str) -> bool:
    called = _LABEL_ALONE.fullmatch(text) or _PROPER.fullmatch(text)
    return called is not None and not by_form(row.interpreter, text, row.left)


def _is_choice(text: str, group: str) -> bool:
    """Whether a text is a word of one of a group's choices, and nothing more."""
    return any(f.kind == "choice" and choice_named(f.field, f.choices, text) is not None for f in FIELDS[group])


_DRIVE_FIRST = re.compile(r"(?P<mount>[A-Z]:)\s+(?P<rest>\S.*)")


def _drive_first(row: BareRow, part: re.Match[str]) -> bool:
    """``C: 465 GB, 88 GB free``: the letter stands first. Whether it does."""
    drive = _DRIVE_FIRST.match(part.group().strip()) if row.group == "volume" else None
    mount = row.untold("mount")
    if drive and mount:
        row.tell_within(mount, drive["mount"], part.start(), exactly("text", drive["mount"]))
        if found := by_form(row.interpreter, drive["rest"], row.left):
            row.tell_within(found[0], drive["rest"], part.start() + drive.start("rest"), found[1])
        row.naming = ""
    return drive is not None


def _measure_first(row: BareRow, part: re.Match[str]) -> bool:
    """``Battery 1: design 57.0 Wh, full 49.6 Wh``: the first part is a measure, and nothing is called so. Whether one
    has a label."""
    first = part.group().strip()
    measure = by_label(row.interpreter, first, row.group, row.left) if row.named_by_text else None
    if measure and measure[0].kind in NUMBER_KINDS:
        fact, value, at = measure
        row.tell_within(fact, first[at:], part.start() + at, value)
        row.sure, row.naming = True, ""
    return measure is not None


def _read_parts(row: BareRow, parts: Sequence[re.Match[str]]) -> None:
    """Read each part by its label, its form or what it asserts."""
    before, stands_at = "", 0
    for part in parts:
        text = part.group().strip()
        if says_nothing(row.interpreter, text, row.group):
            before = ""
            continue
        apart = MAKER_AND_PART.fullmatch(f"{before} {text}")
        if apart and _tell_both(row, apart, stands_at):
            before = ""
            continue
        labelled = by_label(row.interpreter, text, row.group, row.left)
        # A word that tells nothing is a label that is not known; what follows it is its own.
        alone = row.line and _LABEL_ALONE.fullmatch(before)
        asserts = not alone or " " in text
        found = (
            labelled
            or (None if alone else by_form(row.interpreter, text, row.left))
            or (by_assertion(row.interpreter, text, row.group, row.left) if asserts else None)
        )
        if found:
            row.sure = row.sure or bool(labelled)
            fact, value, at = found
            column = row.line.find(text) + 1 or row.entry.column + part.start() + _blanks(part)
            row.tell(fact, text[at:], column + at, value)
            before = ""
        else:
            both = MAKER_AND_PART.fullmatch(text)
            if both and _tell_both(row, both, part.start()):
                before = ""
            else:
                before, stands_at = text, part.start()


def _tell_both(row: BareRow, both: re.Match[str], start: int) -> bool:
    """Keep who made a thing and the number of the part, printed from ``start`` on. Whether both were not told yet."""
    maker, number = row.untold("maker"), row.untold("part")
    if maker is None or number is None:
        return False
    for fact, text in ((maker, both["maker"]), (number, both["part"])):
        at = row.entry.column + row.entry.printed.index(text, start)
        row.tell(fact, text, row.line.find(text) + 1 or at, exactly("text", text))
    return True


# Things whose maker may stand behind the name, where so many of the other parts tell.
_MADE_BY_SOMEONE = {"graphics": 2, "sound": 1, "display": 2}
_ONE_MAKER = re.compile(r"[A-Z][a-z]{2,}(?: & [A-Z][a-z]+)?")


def _maker_behind_name(row: BareRow, part: re.Match[str]) -> None:
    """``Oriel G4   Merrow   512 MB``: a word with a capital right behind a device's name, among what tells itself, is who
    made it."""
    _tell_untold(row, part, row.untold("maker"), _ONE_MAKER)


def _name_behind_login(row: BareRow, part: re.Match[str]) -> None:
    """``icalloway   Ines Calloway   enabled``: several words right behind what somebody signs in with are who it is."""
    if row.told:
        _tell_untold(row, part, row.untold("full_name"), FULL_NAME)


def _tell_untold(row: BareRow, part: re.Match[str], fact: FactKind | None, form: re.Pattern[str]) -> None:
    """Keep a part that nothing was read of as a text of this form."""
    text, at = part.group().strip(), row.entry.column + part.start() + _blanks(part)
    if fact and form.fullmatch(text) and all(place.column != at for _, place, _ in row.told):
        row.tell(fact, text, at, exactly("text", text))


DRIVER = re.compile(r"[A-Z][\w&-]*(?: (?!on |at )[\w&-]+){1,3}|[A-Z][\w&]*(?:-[\w&]+)+(?: \d{1,4})?")


def _driver_alone(row: BareRow, parts: Sequence[re.Match[str]]) -> None:
    """``Hall printer   10.20.1.90:9100   Gullwing 4``: the one cell of a printer's row that tells nothing by itself is
    its driver."""
    driver = row.untold("driver")
    said = tuple(place.printed for _, place, _ in row.told)
    untold = [part for part in parts if not said or not part.group().strip().endswith(said)]
    # ``idle``, ``2 jobs waiting``: how a printer is.
    untold = [part for part in untold if part.group().strip()[0].isupper()]
    if driver is None or len(untold) != 1 or len(parts) < _LEAST_PARTS:
        return
    text = untold[0].group().strip()
    value = understand(driver, text, row.interpreter.locale) if DRIVER.fullmatch(text) else None
    if value:
        row.tell_within(driver, text, untold[0].start() + _blanks(untold[0]), value)


def _blanks(part: re.Match[str]) -> int:
    return len(part.group()) - len(part.group().lstrip())


def _read_name(row: BareRow, part: re.Match[str], item: Item, shape: str) -> None:
    """Keep what the thing is called, without what stands beside the name; that is told of the thing too."""
    name = name_alone(row, part.group())
    lead = LEADING_SIZE.match(name) if row.named_by_size else None
    said, name = name, lead.group() if lead else name
    whole = name[1:-1] if name.startswith("(") and name.endswith(")") else name
    measured = row.named_by_text and MEASURED.match(whole)
    named = understand(FACTS[row.naming], whole, row.interpreter.locale) if row.naming and not measured else None
    if named is None or is_placeholder(name):
        return
    if name.isalpha() and any(fact.name.startswith("processor.cache") for fact, _, _ in row.told):
        return  # ``Cache: L1 512 KB, L2 4 MB``: what is told, and no name
    entry = row.entry
    start = Entry(entry.label, name, entry.line, entry.column + entry.printed.index(name))
    row.interpreter.add(row.naming, item, start, named, shape, 0.85, f"it begins what is told of a {row.group}")
    drafts = len(row.interpreter.drafts)
    row.interpreter.asides(row.naming, item, replace(start, printed=said), shape, 0.85)
    beside = {draft.fact for draft in row.interpreter.drafts[drafts:]}
    row.left = [fact for fact in row.left if fact.name not in beside]


def _read_beside_name(row: BareRow) -> None:
    """What stands anywhere in the row as it may stand beside the name."""
    for pattern, aside in ASIDES.get(row.naming, ()):
        fact = FACTS[aside]
        beside = pattern.search(row.entry.printed) if fact in row.left else None
        said = said_aside(beside, aside) if beside else None
        value = understand(fact, said, row.interpreter.locale) if said else None
        if beside and value and fact.group == row.group:
            row.tell_within(fact, beside[1], beside.start(1), value)
