"""Things told in a row of bare words, each by its form, its label or what it says (``Disk 0: Basalt NV1000, 931.51 GB,
NVMe, healthy``)."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, NUMBER_KINDS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.asides import ASIDES
from yes_tally.core.reading.by_clause import LEADING_SIZE, NOT, SURE, by_assertion, by_form, by_label, says_nothing
from yes_tally.core.reading.decide import NAMING, decide
from yes_tally.core.reading.said_beside import said_aside, threads_of_all
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, asides_as_commas
from yes_tally.core.reading.text_forms import SERIAL
from yes_tally.core.reading.values import understand
from yes_tally.core.words import choice_named, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_PARTS = re.compile(r"[^\s,;](?:[^,;]|[,;](?!\s))*")
_CLAUSES = re.compile(r"[^\s,;.](?:[^,;.]|[,;.](?!\s|$))*")
# ``is called SYSTEM and has serial 7A1C-04EE``: two clauses.
_AND_HAS = re.compile(
    r"\s(?:and|und|et|y|e|en|i)\s(?:has|is|hat|ist|a|est|tiene|es|ha|è|tem|é|heeft|ma|jest)(?=\s)", re.I
)
# ``Murmur HD by Murmur``
_SIZE_ASIDE = re.compile(r"(?P<name>\S.*?) \((?P<size>[\d.,]+ ?[KMGT]i?[BO])\)", re.I)
_MADE_BY = re.compile(r"(?P<name>\S.*?) (?:made )?by (?P<maker>[A-Z][\w&' -]{1,40})")
# ``Pellucid G4 (Pellucid)``
_MAKER_AGAIN = re.compile(r"(?P<name>(?P<first>[A-Z][\w&-]+) [^()]*\S) \((?P<maker>(?P=first)(?: [^()]+)?)\)")
_SIZE_WITHIN = re.compile(r"(?P<name>[^\W\d]\S*(?: \S+)*?) (?P<size>\d[\d.,]* ?[GT]i?B)(?P<rest>(?: \S+){0,4})")
_NUMBERED_BEHIND = re.compile(rf"\b(?i:{SERIAL}):? (?P<serial>\S*\d\S*)$")
_LABEL_ALONE = re.compile(r"[^\W\d_A-Z][^\W\d_]+")
_LEAST_PARTS = 2
# ``Siskin SK08-D4-2666``: who made it, and the number of the part.
_MAKER_AND_PART = re.compile(r"(?P<maker>(?!GiB|MiB)[A-Z][a-z]\w+) (?P<part>(?!LP|DDR)(?=\S*\d)[A-Z0-9]{2,}-[\w-]+)")
_PROPER = re.compile(r"[A-Z][\w&-]*(?: (?:& )?[A-Z][\w&-]*){0,2}")
_DRIVE_FIRST = re.compile(r"(?P<mount>[A-Z]:)\s+(?P<rest>\S.*)")
# A size, a picture's or a charge is the name of nothing.
MEASURED = re.compile(r"\d[\d.,\u00a0 ]*(?:[x×] ?\d{3,5}\b|[km]?Wh\b|[KMGT]i?[BO]\b|[GM]?Hz\b|%)", re.I)


# ``Hall printer on 10.20.1.90``: where it is reached stands behind its name.
_REACHED = re.compile(
    r" (?:on|at|an|auf|sur|en|su|op|na|em) (?P<port>(?:\d{1,3}\.){3}\d{1,3}(?::\d+)?|(?:USB|LPT|COM)\d+:?)$", re.I
)
_MARKED = re.compile(r"\s*[\[(]([^\W\d_]+(?: [^\W\d_]+)?)[\])]")


def _marked(
    interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]
) -> Iterator[tuple[FactKind, re.Match[str]]]:
    """What stands in brackets and is a yes of the group: ``Hall printer (default)``."""
    for mark in _MARKED.finditer(text[:MAX_TOLD]):
        for guess in decide(mark[1], interpreter.context(group, (group,)))[:1]:
            fact = FACTS[guess.fact]
            if fact in left and fact.kind == "flag" and guess.confidence > SURE:
                yield fact, mark
                return


# ``Halyard HV27 (HV27-00932)``: letters and a long number behind a name.
SERIAL_ASIDE = re.compile(rf" \((?:(?i:{SERIAL}):? )?((?=[A-Z\d-]*[A-Z])[A-Z\d]+-?[A-Z\d-]*\d{{4,}})\)$")
_SAID_ASIDE = re.compile(r" \([^\W\d_A-Z][^()]*\)$")
# ``Basalt NV512 (NVMe, 512.1 GB), serial …``: what is listed in brackets is told like the rest.
# ``4 cores / 8 threads``: two parts as well.
_COUNTS_SLASHED = re.compile(r"(?<=[^\W\d_]) / (?=\d)")
# ``L1 512 KiB / L2 4 MiB``
_SLASHED = re.compile(r"(?<=[^\W\d_]) / (?=\d|L\d\b)")


def _is_choice(text: str, group: str) -> bool:
    """Whether a text is a word of one of a group's choices, and nothing more."""
    return any(f.kind == "choice" and choice_named(f.field, f.choices, text) is not None for f in FIELDS[group])


def told_bare(
    interpreter: Interpreter, entry: Entry, group: str, item: Item, shape: str, naming: str, line: str = "",
    least: int = 0,
) -> bool:  # fmt: skip
    """Read a row of bare words about one item: the first is its name (the fact ``naming``), each other one is the
    field whose form only it has, or says its label itself (``serial 4711``, ``made by Corrane``). False, and nothing
    read, when fewer than half of them tell (or than ``least``, where it is given) and none has a label. ``line``: the text the words stand in, where it is not the entry's own."""
    left = [fact for fact in FIELDS[group] if fact.name != naming]
    told: list[tuple[FactKind, Entry, Value]] = []
    sure, before = False, ""
    for fact, mark in _marked(interpreter, entry.printed, group, left):
        left.remove(fact)
        told.append((fact, Entry("", mark[1], entry.line, entry.column + mark.start(1)), exactly("flag", True)))
        rest = entry.printed[mark.end() :]
        gap = "," if ", " in rest and rest.lstrip()[0] not in ",;" else " "
        entry = replace(entry, printed=f"{entry.printed[: mark.start()]}{gap.ljust(len(mark.group()))}{rest}")
        sure = True
    entry = replace(entry, printed=_COUNTS_SLASHED.sub(",  ", entry.printed[:MAX_TOLD]) + entry.printed[MAX_TOLD:])
    entry = replace(entry, printed=asides_as_commas(entry.printed[:MAX_TOLD]) + entry.printed[MAX_TOLD:])
    parts = [m for m in _PARTS.finditer(entry.printed[:MAX_TOLD]) if m.group().strip()]
    if len(parts) < _LEAST_PARTS:
        return False
    if naming and FACTS[naming].kind == "text" and MEASURED.match(parts[0].group().strip()):
        # ``903.4 MB   quaymaster   pid 2204``: a measure stands before the name.
        own = next(
            (
                n
                for n, p in enumerate(parts)
                if (_LABEL_ALONE.fullmatch(p.group().strip()) or _PROPER.fullmatch(p.group().strip()))
                and not by_form(interpreter, p.group().strip(), left)
            ),
            None,
        )
        if own is None and group == "volume":
            naming = ""  # ``476.3 GB, 101.9 GB free, HFX2``: nothing is called so
        else:
            parts.insert(0, parts.pop(own or 0))
    if naming and len(parts) > _LEAST_PARTS and _is_choice(parts[0].group().strip(), group):
        # ``GPT, 931.51 GB, Basalt NV1000``: what it is called stands last.
        parts.insert(0, parts.pop())
    first = parts[0].group().strip()
    drive = _DRIVE_FIRST.match(first) if group == "volume" else None
    if drive and (mount := next((fact for fact in left if fact.name == "volume.mount"), None)):
        # ``C: 465 GB, 88 GB free``: its letter stands first.
        left.remove(mount)
        told.append(
            (
                mount,
                Entry("", drive["mount"], entry.line, entry.column + parts[0].start()),
                exactly("text", drive["mount"]),
            )
        )
        found = by_form(interpreter, drive["rest"], left)
        if found:
            left.remove(found[0])
            at = entry.column + parts[0].start() + drive.start("rest")
            told.append((found[0], Entry("", drive["rest"], entry.line, at), found[1]))
        naming = ""
    measure = by_label(interpreter, first, group, left) if naming and FACTS[naming].kind == "text" else None
    if measure and measure[0].kind in NUMBER_KINDS:
        # ``Battery 1: design 57.0 Wh, full 49.6 Wh``: nothing is called so.
        fact, value, at = measure
        left.remove(fact)
        told.append((fact, Entry("", first[at:], entry.line, entry.column + parts[0].start() + at), value))
        sure, naming = True, ""
    if naming and FACTS[naming].kind == "size" and not parts[0].group().strip()[:1].isdigit():
        left, naming = list(FIELDS[group]), ""  # the size stands further on
    for match in parts[1:] if naming or drive or measure else parts:
        text = match.group().strip()
        column = entry.column + match.start() + len(match.group()) - len(match.group().lstrip())
        if says_nothing(interpreter, text, group):
            before = ""
            continue
        labelled = by_label(interpreter, text, group, left)
        # A word that tells nothing is a label that is not known; what follows it is its own.
        alone = line and _LABEL_ALONE.fullmatch(before)
        asserts = not alone or " " in text
        found = (
            labelled
            or (None if alone else by_form(interpreter, text, left))
            or (by_assertion(interpreter, text, group, left) if asserts else None)
        )
        both = None if found else _MAKER_AND_PART.fullmatch(text) or _MAKER_AND_PART.fullmatch(f"{before} {text}")
        if both and {"maker", "part"} <= {fact.field for fact in left}:
            for field in ("maker", "part"):
                fact = next(fact for fact in left if fact.field == field)
                left.remove(fact)
                at = entry.printed.index(both[field], max(0, match.start() - len(before) - 4))
                place = Entry("", both[field], entry.line, line.find(both[field]) + 1 or entry.column + at)
                told.append((fact, place, exactly("text", both[field])))
            text = ""
        before = "" if found else text
        if found:
            sure = sure or bool(labelled)
            fact, value, at = found
            left.remove(fact)
            column = line.find(text) + 1 or column
            told.append((fact, Entry("", text[at:], entry.line, column + at), value))
    if group == "account" and naming == "account.name":
        _name_behind_login(parts, told, left, entry)
    if group in _MADE_BY_SOMEONE and len(told) >= _LEAST_PARTS:
        _maker_behind_name(parts[1], told, left, entry)
    if group == "printer":
        _driver_alone(interpreter, parts[1:], told, left, entry)
    if not told or (len(told) * 2 < len(parts) - 1 and not sure and not 0 < least <= len(told)):
        return False
    reached = _REACHED.search(parts[0].group().rstrip()) if group == "printer" else None
    port = next((fact for fact in left if fact.field == "port"), None)
    if reached and port:
        value = exactly("text", reached["port"])
        told.append((port, Entry("", reached["port"], entry.line, entry.column + reached.start("port")), value))
    name = parts[0].group().strip()[: reached.start() if reached else None].strip(" ").strip("\"'“”„«»")
    marked = SERIAL_ASIDE.search(name)
    serial = next((fact for fact in left if marked and fact.field == "serial"), None)
    if marked and serial:
        value, at = exactly("text", marked[1]), entry.printed.index(name) + marked.start(1)
        told.append((serial, Entry("", marked[1], entry.line, entry.column + at), value))
        name = name[: marked.start()]
    sized = _SIZE_WITHIN.fullmatch(name) if group == "disk" else None
    if sized:
        # ``Basalt NV500 500 GB NVMe SSD``: a size, and what kind it is, behind the name.
        numbered = _NUMBERED_BEHIND.search(sized["rest"])
        by_number = next((fact for fact in left if numbered and fact.field == "serial"), None)
        if numbered and by_number:
            at = entry.column + entry.printed.index(numbered["serial"])
            told.append((by_number, Entry("", numbered["serial"], entry.line, at), exactly("text", numbered["serial"])))
            left.remove(by_number)
        for part in (sized["size"], *sized["rest"].split()):
            found = by_form(interpreter, part, left)
            if found:
                left.remove(found[0])
                at = entry.printed.find(part, parts[0].start() + len(sized["name"]))
                told.append((found[0], Entry("", part, entry.line, entry.column + at), found[1]))
        name = sized["name"]
    with_size = _SIZE_ASIDE.fullmatch(name)
    size = next((fact for fact in left if with_size and fact.field == "memory"), None)
    if with_size and size and (held := understand(size, with_size["size"], interpreter.locale)):
        # ``Palefire FX 40 (8 GB)``
        at = entry.column + entry.printed.index(name) + with_size.start("size")
        told.append((size, Entry("", with_size["size"], entry.line, at), held))
        name = with_size["name"]
    if group == "display":
        name = _SAID_ASIDE.sub("", name)  # ``Veldt V27 (main)``
    default = next((fact for fact in left if fact.field == "default" and name.endswith("*")), None)
    if default:
        # ``Hall printer*``
        at = entry.column + entry.printed.index(name) + len(name) - 1
        told.append((default, Entry("", "*", entry.line, at), exactly("flag", True)))
        name = name.rstrip("* ")
    made = _MADE_BY.fullmatch(name) or _MAKER_AGAIN.fullmatch(name)
    maker = next((fact for fact in left if made and fact.field in ("maker", "provider")), None)
    if made and maker is None and not any(fact.field == "maker" for fact in FIELDS[group]):
        name = made["name"]
    if made and maker and (by := understand(maker, made["maker"], interpreter.locale)):
        at = entry.column + entry.printed.index(name) + made.start("maker")
        told.append((maker, Entry("", made["maker"], entry.line, at), by))
        name = made["name"]
    said, lead = name, LEADING_SIZE.match(name) if naming and FACTS[naming].kind == "size" else None
    name = lead.group() if lead else name
    whole = name[1:-1] if name.startswith("(") and name.endswith(")") else name
    measured = bool(naming) and FACTS[naming].kind == "text" and bool(MEASURED.match(whole))
    named = understand(FACTS[naming], whole, interpreter.locale) if naming and not measured else None
    if named and not is_placeholder(name):
        start = Entry(entry.label, name, entry.line, entry.column + entry.printed.index(name))
        interpreter.add(naming, item, start, named, shape, 0.85, f"it begins what is told of a {group}")
        drafts = len(interpreter.drafts)
        interpreter.asides(naming, item, replace(start, printed=said), shape, 0.85)
        beside_it = {draft.fact for draft in interpreter.drafts[drafts:]}
        left = [fact for fact in left if fact.name not in beside_it]
    for pattern, aside in ASIDES.get(naming, ()):
        beside = pattern.search(entry.printed) if FACTS[aside] in left else None
        said_beside = said_aside(beside, aside) if beside else None
        more = understand(FACTS[aside], said_beside, interpreter.locale) if said_beside else None
        if beside and more and FACTS[aside].group == group:
            left.remove(FACTS[aside])
            told.append((FACTS[aside], Entry("", beside[1], entry.line, entry.column + beside.start(1)), more))
    for fact, place, value in told:
        interpreter.add(fact.name, item, place, value, shape, 0.82, f"its form says what it is of a {group}")
        interpreter.asides(fact.name, item, place, shape, 0.82)
    return True


_MADE_BY_SOMEONE = frozenset({"graphics", "sound", "display"})


def _maker_behind_name(
    part: re.Match[str], told: list[tuple[FactKind, Entry, Value]], left: list[FactKind], entry: Entry
) -> None:
    """``Oriel G4   Merrow   512 MB``: a word with a capital right behind a device's name, among what tells itself, is who
    made it."""
    maker = next((fact for fact in left if fact.field == "maker"), None)
    text, place = part.group().strip(), entry.column + part.start() + _blanks(part)
    if maker and _ONE_MAKER.fullmatch(text) and all(at.column != place for _, at, _ in told):
        told.append((maker, Entry("", text, entry.line, place), exactly("text", text)))
        left.remove(maker)


_ONE_MAKER = re.compile(r"[A-Z][a-z]{2,}(?: & [A-Z][a-z]+)?")


def _name_behind_login(
    parts: Sequence[re.Match[str]],
    told: list[tuple[FactKind, Entry, Value]],
    left: list[FactKind],
    entry: Entry,
) -> None:
    """``icalloway   Ines Calloway   enabled``: several words right behind what somebody signs in with are who it is."""
    name = next((fact for fact in left if fact.field == "full_name"), None)
    place = entry.column + parts[1].start() + _blanks(parts[1])
    text = parts[1].group().strip()
    if name and told and all(at.column != place for _, at, _ in told) and _FULL_NAME.fullmatch(text):
        told.append((name, Entry("", text, entry.line, place), exactly("text", text)))
        left.remove(name)


_FULL_NAME = re.compile(r"[A-Z][^\W\d_]+(?:[ '’-][^\W\d_]+){1,3}")


def _driver_alone(
    interpreter: Interpreter,
    parts: Sequence[re.Match[str]],
    told: list[tuple[FactKind, Entry, Value]],
    left: list[FactKind],
    entry: Entry,
) -> None:
    """``Hall printer   10.20.1.90:9100   Gullwing 4``: the one cell of a printer's row that tells nothing by itself is
    its driver."""
    driver = next((fact for fact in left if fact.field == "driver"), None)
    said = tuple(place.printed for _, place, _ in told)
    untold = [part for part in parts if not said or not part.group().strip().endswith(said)]
    if driver is None or len(untold) != 1 or len(parts) < _LEAST_PARTS:
        return
    text = untold[0].group().strip()
    value = understand(driver, text, interpreter.locale) if _DRIVER.fullmatch(text) else None
    if value:
        place = Entry("", text, entry.line, entry.column + untold[0].start() + _blanks(untold[0]))
        told.append((driver, place, value))
        left.remove(driver)


_DRIVER = re.compile(r"[A-Z][\w&-]*(?: (?!on |at )[\w&-]+){1,3}")


def _blanks(part: re.Match[str]) -> int:
    return len(part.group()) - len(part.group().lstrip())


# One more of several servers.
_ADDRESS = re.compile(r"\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f:]{3,39}", re.I)


def told_in_words(
    interpreter: Interpreter, text: str, line: int, start: int, group: str, item: Item | None, left: list[FactKind]
) -> int:
    """Read what a line says of an item in words between commas (``enabled, no administrator, member of: staff``);
    ``left`` are the fields not told yet, ``start`` the text's column from 0. Returns how many were told."""
    told = 0
    text = _AND_HAS.sub(lambda match: ",".ljust(len(match.group())), text[:MAX_TOLD])
    text = asides_as_commas(_SLASHED.sub(",  ", text))
    untold: list[tuple[str, int]] = []
    open_list: FactKind | None = None
    for match in _CLAUSES.finditer(text):
        part = match.group().strip()
        column = start + match.start() + len(match.group()) - len(match.group().lstrip()) + 1
        if part.count("(") != part.count(")"):
            # One of several that brackets hold: ``(in blocked, out allowed)``.
            column += len(part) - len(part.lstrip("("))
            part = part.lstrip("(").rstrip(")")
        if says_nothing(interpreter, part, group):
            continue
        goes_on = open_list is not None and open_list.name == "adapter.dns" and _ADDRESS.fullmatch(part)
        labelled = None if goes_on else by_label(interpreter, part, group, left) or by_form(interpreter, part, left)
        asserted = None if labelled or goes_on else by_assertion(interpreter, part, group, left)
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
        told += 1
    makers = [fact for fact in left if fact.field in ("maker", "provider", "full_name")]
    if told and len(untold) == len(makers) == 1 and _PROPER.fullmatch(untold[0][0]):
        # Who made it needs no label among what tells itself.
        part, column = untold[0]
        made_by = understand(makers[0], part, interpreter.locale)
        if made_by:
            left.remove(makers[0])
            place = Entry("", part, line, column)
            interpreter.add(makers[0].name, item, place, made_by, "words", 0.6, f"the only name told of a {group}")
            told += 1
    return told


def told_under(interpreter: Interpreter, entry: Entry, group: str, item: Item) -> bool:
    """``Password   required, set 2025-01-02, never expires``: clauses that the label begins. Whether one told anything."""
    told = False
    left = list(FIELDS[group])
    for match in _CLAUSES.finditer(_SLASHED.sub(",  ", entry.printed[:MAX_TOLD])):
        part = match.group().strip()
        denied = NOT.fullmatch(part)
        whole = f"{part[: denied.start('rest')]}{entry.label} {denied['rest']}" if denied else f"{entry.label} {part}"
        found = by_assertion(interpreter, whole, group, left) or by_label(interpreter, whole, group, left)
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
