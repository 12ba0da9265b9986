"""Pairs whose label names a thing and whose value tells several things of it."""

from __future__ import annotations

import re
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.firewall_profiles import profiles
from yes_tally.core.reading.clauses.pairs_within import after_switch
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.spoken_of import JOINING, beside_subject
from yes_tally.core.reading.phrases import SUBJECTS, SubjectAt, subjects_in
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, asides_as_commas, commas_for_gaps
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

PAIR_BESIDE = re.compile(r"\s{2,}[^\W\d_][^:]{1,30}:\s+\S")
_NUMBER_AND_NAME = re.compile(r"(?P<number>\d{1,2})[:.]? (?=[A-Z][a-z])")
_ROW_NUMBER = re.compile(r"\d{1,3}[.)]?\s{2,}")
_PARTS = re.compile(r"(?:^|[,;]\s*)(?P<label>[^\W\d_]+(?: [^\W\d_]+){0,2}?)(?::\s*|\s+)(?P<value>[^,;\s][^,;]{0,60})")


# ``design 57000 mWh, 611 cycles``: one of the parts is told before its label.
_LABEL_BEHIND = re.compile(r", \d[\d.,]*(?: ?%)? [^\W\d_]{4,}")
_FILE_BEHIND = re.compile(r"(?:(?P<label>[^\W\d_]+(?: [^\W\d_]+)*) )?(?P<path>[A-Za-z]:\\\S+|/\S+/\S+)")


def page_file_in_label(interpreter: Interpreter, entry: Entry, shape: str, around: tuple[str, ...]) -> bool:
    """``Page file C:\\pages.sys: 4 864 MB, used 211 MB``: the label says of which file, alone where page files are spoken
    of. Whether it does."""
    match = _FILE_BEHIND.fullmatch(entry.label)
    said = (SUBJECTS.get(words_of(match["label"])) if match["label"] else next(iter(around), "")) if match else ""
    if match is None or said != "page_file":
        return False
    whole, item = f"{match['path']}, {entry.printed}", Item("page_file")
    start = max(1, entry.column - len(match["path"]) - 2)
    if not told_bare(interpreter, Entry("", whole, entry.line, start), "page_file", item, shape, "page_file.path"):
        return False
    interpreter.take(item)
    return True


# ``5 volumes, 4 with a medium. Volume C: is encrypted``: what stands before the mark is no label.
_NEW_SENTENCE = re.compile(r"[^\W\d_]{2}\. [A-Z]")


# ``active (volume)``: two things said, the brackets as wide as a comma and two blanks.
_IN_BRACKETS = re.compile(r" \(([^()]*)\)")


# ``Loamgate L52.1.18 of 2024-09-30, secure boot on``
_MAKER_AND_VERSION = re.compile(r"[A-Z][a-z]\w+ [A-Z]{0,3}\d+(?:\.\w+)+\b.*, ")
# How firmware works, and what it is called by that.
_MODES = ("uefi", "efi")
_TPM = re.compile(r"\bTPM (?P<version>\d\.\d)\b")


def compound(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Public profile: state off, inbound allow``: the label names an item, the value its fields."""
    single = SUBJECTS.get(words_of(entry.label))
    if entry.label.casefold() in _MODES and _MAKER_AND_VERSION.match(entry.printed):
        single = "firmware"
    row = _ROW_NUMBER.match(entry.printed)
    if "   " in entry.printed and row is None and (single or PAIR_BESIDE.search(entry.printed[:MAX_TOLD])):
        entry = replace(entry, printed=commas_for_gaps(entry.printed))
    if switch := after_switch(entry.printed):
        end = switch.end("flag")
        entry = replace(entry, printed=f"{entry.printed[:end]},{entry.printed[end + 1 :]}")
    if single in _ONE_AND_MORE:
        return _one_and_more(interpreter, entry, single, shape)
    if single == "firewall" and profiles(interpreter, entry, shape):
        return True
    if single == "licence":
        left, before = list(FIELDS["licence"]), len(interpreter.drafts)
        flat = _IN_BRACKETS.sub(r",  \1", entry.printed[:MAX_TOLD])
        if told_in_words(interpreter, flat, entry.line, entry.column - 1, "licence", None, left) > 1:
            return True
        del interpreter.drafts[before:]  # one word of several is no list of what it is
        return False
    at = next((a for a in subjects_in(words_of(entry.label)) if a.group in ITEM_GROUPS), None)
    parts = list(_PARTS.finditer(entry.printed))
    if at is None or _NEW_SENTENCE.search(entry.label):
        return False
    if len(parts) < 2:
        return _in_words(interpreter, entry, at, shape)
    context = interpreter.context(at.group, (at.group,))
    told = [
        (part, guesses) for part in parts if (guesses := decide(part["label"], context)) and guesses[0].confidence > 0.9
    ]
    name = " ".join(beside_subject(entry.label, at))
    # ``Graphics: Kestrel built-in, memory 128 MB, driver 30.0``: what it is called stands first.
    called = not name and at.group in CALLED and bool(told) and told[0][0].start() > 0
    if len(told) < 2 or called:
        return _in_words(interpreter, entry, at, shape)
    if name and _LABEL_BEHIND.search(entry.printed) and _in_words(interpreter, entry, at, shape):
        return True
    item = interpreter.new_item(at.group)
    if name and at.group in NAMING:
        interpreter.place(
            Entry(entry.label, name.strip("\"'“”"), entry.line, entry.column),
            shape,
            (Guess(NAMING[at.group], 0.85, "the label names it"),),
            item,
        )
    _bare_flag(interpreter, entry, parts[0].start(), at.group, item, shape)
    for part, guesses in told:
        place = Entry(part["label"], part["value"].strip(), entry.line, entry.column + part.start("value"))
        interpreter.place(place, shape, guesses, item)
    return True


# What a PC has one of, of which a row may tell more than what the label says.
_ONE_AND_MORE = frozenset({"machine", "firmware", "memory", "board", "os"})


_A_SIZE = re.compile(r"\d ?[KMGT]i?[BbOo]\b")
_CODE = re.compile(r", (?P<code>[A-Z]{0,3}\d[\w-]*(?:\.\w+)+)(?=,|$)")


_SIZE_AND_WHAT = re.compile(r"\d[\d.,]* ?[KMGT]i?[BO] [^\W\d_]{4}")


def _one_and_more(interpreter: Interpreter, entry: Entry, group: str, shape: str) -> bool:
    """``Firmware: Oakmere 2.07 of 2023-03-14, UEFI, secure boot on``: first what the label says, then more of it."""
    # ``NQ-ACC-03 (Corrane Tallow 520, serial 4711)``
    printed = asides_as_commas(entry.printed)
    first, mark, rest = printed.partition(", ")
    left = [fact for fact in FIELDS[group] if fact.name != NAMING[group] or group == "firmware"]
    before = len(interpreter.drafts)
    start = entry.column - 1 + len(first) + len(mark)
    if group == "memory" and rest and not _A_SIZE.search(first):
        # ``Memory: 4 sockets, 2 filled, 64 GB in all``: what is installed is told among the rest.
        told = told_in_words(interpreter, printed, entry.line, entry.column - 1, group, None, list(FIELDS[group]))
        return told > 0
    if not rest or not told_in_words(interpreter, rest, entry.line, start, group, None, left):
        del interpreter.drafts[before:]
        return False
    own = Entry(entry.label, first, entry.line, entry.column)
    if group == "firmware" and not any(map(str.isdigit, first)) and (version := _CODE.search(entry.printed)):
        # ``Loamgate Systems Firmware, L52.1.18``: who made it stands first.
        interpreter.place(own, shape, (Guess("firmware.maker", 0.82, "it stands before its version"),), None)
        own = Entry(entry.label, version["code"], entry.line, entry.column + version.start("code"))
    elif any(draft.fact == "firmware.version" for draft in interpreter.drafts[before:]):
        # ``Tavelin Systems, version F12``
        interpreter.place(own, shape, (Guess("firmware.maker", 0.82, "it stands before its version"),), None)
        return True
    if group == "firmware" and (chip := _TPM.search(rest)):
        at = Entry("TPM", chip["version"], entry.line, start + chip.start("version") + 1)
        interpreter.add("security.tpm", None, at, exactly("version", chip["version"]), shape, 0.85, "it is told beside")
    if group == "machine" and _LIKE_A_MODEL.fullmatch(first):
        # ``Rechner: Corrane Tallow 520 SFF, S/N CRN2M55017``
        interpreter.place(own, shape, (Guess("machine.model", 0.82, "it is what the machine is called"),), None)
        return True
    if (
        group == "memory"
        and _SIZE_AND_WHAT.match(first)
        and told_in_words(interpreter, first, entry.line, entry.column - 1, group, None, left)
    ):
        return True  # ``15.8 GB usable, 9,412 MB free``
    label = "firmware" if entry.label.casefold() in _MODES else entry.label
    interpreter.place(own, shape, interpreter.means(label, interpreter.context(group)), None)
    return True


_LIKE_A_MODEL = re.compile(r"[A-Z][a-z]\w+(?: [A-Z]\w*)*(?: [A-Z]*\d\w*)(?: [A-Z]\w*)*")
_CALLED_BY_VALUE = frozenset({"display", "graphics", "sound", "battery"})


_DRIVE = re.compile(r"[A-Z]:?")


def _in_words(interpreter: Interpreter, entry: Entry, at: SubjectAt, shape: str) -> bool:
    """``Domain profile: on. Incoming connections are blocked``: the label names an item, sentences say what it is;
    ``Printer: Hall printer, driver Gullwing 4``: it names a kind, the value one of it."""
    naming = NAMING.get(at.group, "")
    rest = beside_subject(entry.label, at)
    if at.group == "disk" and rest and _DRIVE.fullmatch(rest[0]):
        return False  # ``Disk C: (System): no problems``: a volume, and what a check says of it
    if not rest and _several(interpreter, entry, at.group, shape):
        return True
    if at.group in _CALLED_BY_VALUE and all(word.isdigit() or word[:1] == "(" for word in rest):
        rest = []  # ``Screen 2 (dock): Pellucid P24h, serial PP24``: which one it is, and its socket
    item = Item(at.group)
    kind = FACTS.get(f"{at.group}.kind")
    which = rest[0].strip("()[]") if len(rest) == 1 and rest[0][:1] in "([" else ""
    choice = choice_named("kind", kind.choices, which) if which and kind else None
    if kind and choice:
        # ``Network (cable): Wickerlink GbE 210, …``: which kind it is, and what is told of it.
        place = Entry(entry.label, which, entry.line, max(1, entry.column - len(entry.label)))
        interpreter.add(kind.name, item, place, exactly("choice", choice), shape, 0.82, "the label says which kind")
        rest = []
    if not rest and at.group == "disk" and (first := _NUMBER_AND_NAME.match(entry.printed)):
        # ``Disk 0 Basalt NV1000, NVMe``, the label ending before the number
        place = replace(entry, printed=first["number"])
        interpreter.place(place, shape, (Guess("disk.number", 0.85, "it stands before what it is called"),), item)
        entry = replace(entry, printed=entry.printed[first.end() :], column=entry.column + first.end())
    if not rest:
        done = bool(CALLED.get(at.group)) and told_bare(interpreter, entry, at.group, item, shape, CALLED[at.group])
    else:
        left = [fact for fact in FIELDS[at.group] if fact.name != naming]
        done = (
            bool(naming)
            and told_in_words(interpreter, entry.printed, entry.line, entry.column - 1, at.group, item, left) > 0
        )
        # ``Screen 2``: a bare number is the name of none.
        if done and not all(word.isdigit() for word in rest):
            name = Entry(
                entry.label,
                _without_small_words(rest).strip("()[]"),
                entry.line,
                max(1, entry.column - len(entry.label) - 2),
            )
            interpreter.place(name, shape, (Guess(naming, 0.85, "the label names it"),), item)
    if done:
        interpreter.take(item)
        if not rest and at.group == "processor":
            interpreter.goes_on_loosely(item)
    return done


_COUNTED_LIST = re.compile(r"\d{1,4} [^\W\d_][^:,]{0,40}: (?=\S)|\[(?=[^\[\]]+\]$)")


def counted_list(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Updates: 3 fitted: HU-24117, HU-24120, HU-25001``: how many there are, then what each is called;
    ``accounts: [office, guest]``: in brackets what each is called."""
    group = SUBJECTS.get(words_of(entry.label))
    counted, naming = _COUNTED_LIST.match(entry.printed), NAMING.get(group or "")
    if group is None or group not in ITEM_GROUPS or counted is None or naming is None:
        return False
    for part in _LISTED_PART.finditer(entry.printed, counted.end(), len(entry.printed.removesuffix("]"))):
        name = Entry(entry.label, part.group().rstrip(), entry.line, entry.column + part.start())
        interpreter.place(name, shape, (Guess(naming, 0.85, f"it is listed as {group}"),), interpreter.new_item(group))
    return True


# ``1 (EFI, 260 MB), 2 (basic data, 464.5 GB)``
_NUMBERED_WITH_ASIDES = re.compile(r"\d{1,2} \([^()]+\)(?:[,;] \d{1,2} \([^()]+\))*")
_NUMBERED_ONE = re.compile(r"(?P<number>\d{1,2}) \((?P<told>[^()]+)\)")


def numbered_with_asides(interpreter: Interpreter, entry: Entry, shape: str, parent: Item | None) -> bool:
    """``Partitions: 1 (EFI, 260 MB), 2 (basic data, 464.5 GB)``: each by its number, and more of it in brackets."""
    group = SUBJECTS.get(words_of(entry.label)) or ""
    naming = NAMING.get(group, "")
    if not naming.endswith(".number") or not _NUMBERED_WITH_ASIDES.fullmatch(entry.printed):
        return False
    for one in _NUMBERED_ONE.finditer(entry.printed):
        item = interpreter.new_item(group)
        at = Entry("", one["number"], entry.line, entry.column + one.start("number"))
        interpreter.place(at, shape, (Guess(naming, 0.85, f"it numbers a {group}"),), item)
        left = [fact for fact in FIELDS[group] if fact.name != naming]
        kind = next((fact for fact in left if fact.field == "kind"), None)
        first, comma, rest = one["told"].partition(", ")
        start = entry.column - 1 + one.start("told")
        if kind and not first[:1].isdigit():
            left.remove(kind)
            said = Entry("", first, entry.line, start + 1)
            interpreter.place(said, shape, (Guess(kind.name, 0.82, "it stands first in its brackets"),), item)
        else:
            rest, comma, first = one["told"], "", ""
        told_in_words(interpreter, rest, entry.line, start + len(first) + len(comma), group, item, left)
        interpreter.stands_under(item, parent, at, shape)
    return True


_LISTED_PART = re.compile(r"[^\s,;][^,;]*")
_WITH_ASIDE = re.compile(r"\s*(?P<name>[^\W\d_][^(),]*?) \((?P<aside>[^()]{2,40})\)\s*(?:,|;|$)")


def _several(interpreter: Interpreter, entry: Entry, group: str, shape: str) -> bool:
    """``Sound: Chime Analog (working), Lumenarc HD (disabled)``: several of a kind, each with something said of it."""
    parts = list(_WITH_ASIDE.finditer(entry.printed))
    naming = NAMING.get(group, "")
    if len(parts) < 2 or "".join(part.group() for part in parts) != entry.printed or not naming.endswith(".name"):
        return False
    for part in parts:
        item = interpreter.new_item(group)
        name = Entry(entry.label, part["name"], entry.line, entry.column + part.start("name"))
        interpreter.place(name, shape, (Guess(naming, 0.85, f"it is listed as {group}"),), item)
        aside = Entry("", part["aside"], entry.line, entry.column + part.start("aside"))
        state = f"{group}.state"
        if state in FACTS:
            interpreter.place(aside, shape, (Guess(state, 0.8, "it stands in brackets after its name"),), item)
    return True


def _bare_flag(interpreter: Interpreter, entry: Entry, until: int, group: str, item: Item, shape: str) -> None:
    """``Public profile: on, inbound allowed``: what stands before the first label is the group's only flag."""
    flags = [fact for fact in FIELDS[group] if fact.kind == "flag"]
    text = entry.printed[:until].rstrip(" ,;") if until else entry.printed.partition(",")[0]
    value = understand(flags[0], text, interpreter.locale) if len(flags) == 1 and " " not in text else None
    if value:
        at = Entry("", text, entry.line, entry.column)
        interpreter.add(flags[0].name, item, at, value, shape, 0.85, f"the only yes or no of a {group}")


def _without_small_words(words: list[str]) -> str:
    """``de dominio`` of ``Perfil de dominio``: without the words that only join."""
    while len(words) > 1 and words[0].casefold() in JOINING:
        words = words[1:]
    return " ".join(words)
