"""Items told in one line each: numbered, listed under a label or a heading, or with several fields behind one label."""

from __future__ import annotations

import itertools
import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.clauses.beside_names import SERIAL_ASIDE
from yes_tally.core.reading.clauses.by_clause import LEADING_SIZE
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.kinds.drives import told_of_drive
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, Context, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, subject_called, subjects_in
from yes_tally.core.reading.shapes.layout import (
    Entry,
    cells_by_gap,
    commas_for_gaps,
)
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.values.asides import DATED_BY
from yes_tally.core.reading.values.text_forms import BOOT_ID
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# Not ``14. Juni 2024``.
BULLET = re.compile(r"(?:\[\d{1,4}\]:?|\d{1,4}[.):]|\d{1,2} =|[*•-])\s+(?=\S)(?![^\W\d_]{3,13}\.? \d{4}\b)")
INDEXED = re.compile(
    r"\W*+(?P<noun>[^\W\d_]+(?:[ _-][^\W\d_]+){0,3}?)[\s_-]{0,4}(?:#|no\.|nr\.|n[°º]|:)?\s{0,4}"
    r"(?P<rest>\d{1,4}|[A-Za-z]:\\?|/\S*|\"[^\"]+\"|'[^']+'|[A-Z]+\d+|[a-z]{2,5}\d{1,2}|(?<=[_-])[a-h]\d{1,2})?"
    r"(?:\s?(?i:of|von|sur|de|di|van|z|/)\s?\d{1,3})?\W*+$"
)
ITEM_HEADING = {
    "processor": "processor.socket",
    "adapter": "adapter.name",
    "module": "module.slot",
    "disk": "disk.number",
    "partition": "partition.number",
    "volume": "volume.mount",
}
# What stands beside an item's number: what it is called.
CALLED = {
    "processor": "processor.name", "disk": "disk.model", "adapter": "adapter.name", "sound": "sound.name", "graphics": "graphics.name",
    "display": "display.name", "printer": "printer.name", "battery": "battery.name",
    "page_file": "page_file.path", "module": "module.size", "partition": "partition.kind", "volume": "volume.label",
}  # fmt: skip


_NUMBERED = re.compile(r"\d")
LETTERED = re.compile(r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?) (?P<rest>[A-Z])")


def _lettered(interpreter: Interpreter, entry: Entry, match: re.Match[str], shape: str, own: Item | None) -> bool:
    """``Volume C: System, HFX2, 223 GB``: the mount stands in the label; ``own``: the record's item, if it has one."""
    item = own if own and own.group == "volume" and not own.keys else interpreter.new_item("volume")
    wholly = _WHOLLY.sub(lambda part: " " * len(part.group()), entry.printed)
    entry = by_gaps(replace(entry, printed=wholly))
    left = [fact for fact in FIELDS["volume"] if fact.kind in ("flag", "choice")]
    if (
        not _called_in_brackets(interpreter, entry, item, shape, left)
        and not told_bare(interpreter, entry, "volume", item, shape, "volume.label")
        and not told_in_words(interpreter, entry.printed, entry.line, entry.column - 1, "volume", item, left)
    ):
        return False
    at = Entry(entry.label, f"{match['rest']}:", entry.line, max(1, entry.column - len(match["rest"]) - 2))
    interpreter.place(at, shape, (Guess("volume.mount", 0.85, "the label names a volume"),), item)
    return True


# ``[SYSTEM],   encrypted at 100 %,  unlocked``
_IN_BRACKETS = re.compile(r"\[(?P<label>[^\[\]]{1,32})\](?=$|,| {2,})")
_WHOLLY = re.compile(r" (?:(?:at|to|al|à|a|ao|zu|op|w|in|em) )?100 ?%|(?<= )100 ?% ")


def _called_in_brackets(interpreter: Interpreter, entry: Entry, item: Item, shape: str, left: list[FactKind]) -> bool:
    """``[SYSTEM]   encrypted at 100 %``: what a volume is called, and more of it. Whether its name stands so."""
    match = _IN_BRACKETS.match(entry.printed)
    if match is None:
        return False
    label = Entry(entry.label, match["label"], entry.line, entry.column + 1)
    interpreter.place(label, shape, (Guess("volume.label", 0.82, "brackets are around it"),), item)
    more = entry.printed[match.end() :]
    left = [*left, *(fact for fact in FIELDS["volume"] if fact.field in ("filesystem", "size", "free"))]
    told_in_words(interpreter, commas_for_gaps(more), entry.line, entry.column - 1 + match.end(), "volume", item, left)
    return True


_TOLD_ASIDE = re.compile(r"(?P<label>[^()]{3,40}?)\s*\((?P<told>[^()]{1,120})\)")
_LIKE_A_MODEL = re.compile(r"[A-Z][a-z][\w-]* (?:[\w-]+ )*[A-Za-z-]*\d\w*(?=,|$)")
_WHICH = re.compile(r"\d{1,4}|[A-Z]+\d{1,2}|[A-Z]")


# What a system calls a disk by.
_DEVICE = re.compile(r"/dev/[a-z]+\d*")
_FEW_CELLS = 2
# Not within ``3,60 GHz``.
FIRST_PART = re.compile(r"(?<!\d),|,(?!\d)|\s{2,}")


def by_key(noun: str, around: tuple[str, ...]) -> str | None:
    """The group spoken of whose key such a label is: ``Socket 0`` under processors, ``DIMM A1`` under memory."""
    groups = ["module" if group == "memory" else group for group in around[:2]]
    keys = {ITEM_HEADING.get(group): group for group in groups}
    return next((keys[g.fact] for group in groups for g in decide(noun, Context(group)) if g.fact in keys), None)


def numbered(
    interpreter: Interpreter, entry: Entry, shape: str, around: tuple[str, ...], parent: Item | None = None
) -> bool:
    """``Sound card 0: Chime Analog``: the label names an item and which one, the value what it is called, and maybe
    more of it; ``parent`` is what it stands under."""
    aside, which = _TOLD_ASIDE.fullmatch(entry.label), ""
    if aside:
        # ``disk 0 (Basalt NV500, serial B4-2211-QX): healthy``: what stands in the brackets is said of it too.
        named = _WHICH.fullmatch(aside["told"])
        # ``Screen 2 (Dock): Pellucid P24h, serial PP24-77120``
        called = aside["told"].isalpha() and _LIKE_A_MODEL.match(entry.printed) is not None
        behind = aside["told"][0].islower() or called
        parts = (entry.printed, aside["told"]) if behind else (aside["told"], entry.printed)
        both = entry.printed if named else ", ".join(parts)
        which = aside["told"] if named else ""
        before = 0 if behind else len(aside["told"]) + 3
        entry = Entry(aside["label"], both, entry.line, max(1, entry.column - before))
    if _DEVICE.fullmatch(entry.label):
        item = Item("disk")
        if told_bare(interpreter, by_gaps(entry), "disk", item, shape, "disk.model"):
            interpreter.take(item)
            interpreter.numbered, interpreter.numbered_line = item, entry.line
            return True
    match = INDEXED.match(entry.label) if _NUMBERED.search(entry.label) else None
    if match is None:
        letter = LETTERED.fullmatch(entry.label)
        if letter and SUBJECTS.get(words_of(letter["noun"])) in ("volume", "disk"):
            return _lettered(interpreter, entry, letter, shape, parent)
        if letter is None or by_key(letter["noun"], around) != "module":
            return False
        match = letter  # ``Socket A``
    if not match["rest"] or not _WHICH.fullmatch(match["rest"]):
        return False
    spoken = subject_called(match["noun"], match["rest"])
    group = spoken if spoken in around else by_key(match["noun"], around) or spoken
    if LEADING_SIZE.match(entry.printed) and by_key(match["noun"], ("memory",)):
        group = "module"  # ``Socket A1: 8 GB DDR4`` is no processor's
    if group == "adapter" and {"display", "graphics"} & set(around):
        group = "graphics"  # what screens hang on is of no network
    if parent and parent.group == "graphics" and _OUTPUT.fullmatch(match["noun"]):
        group = "display"
    fact = CALLED.get(group or "")
    if group not in ITEM_GROUPS or fact is None:
        return False
    name = entry.printed if FACTS[fact].kind != "text" else FIRST_PART.split(entry.printed, maxsplit=1)[0].strip()
    value = understand(FACTS[fact], name, interpreter.locale)
    if value is None and (lead := LEADING_SIZE.match(name)):
        name = lead.group()
        value = understand(FACTS[fact], name, interpreter.locale)
    if value is None or is_placeholder(name):
        return False
    health = FACTS.get(f"{group}.health")
    how = choice_named("health", health.choices, _SAID_FIRST.split(name, maxsplit=1)[0]) if health else None
    own = parent is not None and parent.group == group and not parent.keys
    item = parent if own and parent else interpreter.new_item(group or "")
    drive = _DRIVE_WITHIN.search(entry.printed) if group == "partition" else None
    if drive:
        # ``Partition 2: primary, 464.5 GB, letter C:, label SYSTEM``: what stands behind the letter is told of the volume.
        told_of_drive(
            interpreter, entry.line, drive["mount"], entry.column - 1 + drive.start("mount"),
            entry.printed[drive.end() :], entry.column - 1 + drive.end(),
        )  # fmt: skip
        entry = replace(entry, printed=entry.printed[: drive.start()])
    number = ITEM_HEADING.get(item.group)
    if number and number != fact:
        place = Entry(entry.label, which or match["rest"], entry.line, max(1, entry.column - len(entry.label)))
        interpreter.place(place, shape, (Guess(number, 0.85, f"the label names {group}"),), item)
    if not own:
        interpreter.stands_under(item, parent, entry, shape)
    interpreter.numbered, interpreter.numbered_line = item, entry.line
    interpreter.by_number[item.group, match["rest"]] = item, set()
    if health and how:
        # ``Disk 1: to be watched. 8 sectors moved``
        interpreter.add(health.name, item, entry, exactly("choice", how), shape, 0.8, "it says so of the disk")
        return True
    if told_bare(
        interpreter, by_gaps(entry), item.group, item, shape, fact, least=1 if aside or "  " in entry.printed else 0
    ):
        return True
    serial = FACTS.get(f"{group}.serial")
    if serial and (aside_of := SERIAL_ASIDE.search(entry.printed)):
        # ``Screen 2: Casement 24N (s/n CS24-10081)``
        place = Entry("", aside_of[1], entry.line, entry.column + aside_of.start(1))
        interpreter.place(place, shape, (Guess(serial.name, 0.8, "it stands in brackets after its name"),), item)
        name = entry.printed[: aside_of.start()].rstrip()
        value = understand(FACTS[fact], name, interpreter.locale) or value
    interpreter.add(
        fact,
        item,
        Entry(entry.label, name, entry.line, entry.column),
        value,
        shape,
        0.85,
        f"the label names {group}",
    )
    interpreter.asides(fact, item, entry, shape, 0.85)
    return True


_SAID_FIRST = re.compile(r"[.,;:(]| [-–—] ")
# Where a screen hangs on a card.
_OUTPUT = re.compile(
    r"(?:video )?(?:out(?:put)?|port|connector|head|link)|HDMI|DP|displayport|DVI|VGA|USB-C|ausgang|anschluss|sortie|salida|puerto|"
    r"sa[ií]da|porta|uscita|uitgang|poort|aansluiting|wyj[sś]cie|z[lł][aą]cze",
    re.I,
)
# ``, letter C:, label SYSTEM``, ``-> C: "System", HFX2``
_DRIVE_WITHIN = re.compile(
    r"(?:,\s+(?:[^\W\d_]{4,12} )?|\s+(?:->|=>|→)\s+)(?P<mount>[A-Z]:)(?:,\s+|\s+(?=[\"'“„«]))(?=\S)"
)


def by_gaps(entry: Entry) -> Entry:
    """A value whose parts stand apart by wide gaps (and by no comma, or by several gaps before the first), with commas
    there and every column kept."""
    first, comma, _ = entry.printed.partition(", ")
    if "  " not in entry.printed or (comma and len(cells_by_gap(first)) <= _FEW_CELLS):
        return entry
    return replace(entry, printed=commas_for_gaps(entry.printed))


_COUNTS = re.compile(r"\d{1,4}\b(?! ?[.,]\d)")


# What updates are called by, before more of one.
_UPDATE_AND_MORE = re.compile(r"[A-Z]{2,6}-?\d{3,8},? \S")


def list_begins(entry: Entry) -> int | None:
    """Where in a value one line of a list begins: behind its bullet, or at once where an update's number tells that it is
    one; ``None`` where it is no such line."""
    bullet = BULLET.match(entry.printed) if entry.label else None
    if bullet:
        return bullet.end()
    update = _UPDATE_AND_MORE.match(entry.printed) and "update" in {
        at.group for at in subjects_in(words_of(entry.label))
    }
    return 0 if update else None


def counted_lines(entries: Sequence[Entry]) -> set[int]:
    """The lines that only count what is listed below them under the same label: "2 fixes", and then the fixes."""
    return {
        one.line
        for one, after in itertools.pairwise(entries)
        if one.label == after.label
        and _COUNTS.match(one.printed)
        and list_begins(after) is not None
        and list_begins(one) is None
    }


# ``HU-25009 (04-02-2025) Time zones``: what stands in such brackets is a cell of its own.
_DATED_ASIDE = re.compile(
    r"\s\((?P<date>\d{1,4}[-./]\d{1,2}[-./]\d{1,4}|[^()\d]{0,8}\d{1,2}\.? [^\W\d_]{3,13}\.? \d{4}|[^()]*(?:unknown|unbekannt|inconnue?|desconocid[oa]|sconosciut[oa]|onbekend|nieznan[ay]|desconhecid[oa]))\)\s?"
)


# ``HU-21044 vom 20.08.2021``: so is the day behind such a word.
_DATED_BEHIND = re.compile(rf"(?<=\d)(?P<by>,? (?:{DATED_BY}) )(?=\d{{1,4}}[-./]\d{{1,2}}[-./]\d{{2,4}})")


def _blanked(match: re.Match[str]) -> str:
    return " " * len(match["by"])


def _apart(match: re.Match[str]) -> str:
    """The words in brackets between two gaps, with every column kept."""
    rest = len(match.group()) - len(match["date"]) - 2
    return f"  {match['date']}{' ' * rest} " if rest > 1 else f"  {match['date']} {' ' * rest}"


_NUMBER_ALONG = re.compile(r"(?:^|(?<=\s\s)|(?<=[,;] ))(?P<number>\d{1,2})[.)] (?=\S)")


def _numbered_along(entry: Entry) -> list[Entry]:
    """The things that one line lists by their numbers, from one on; none where it lists no more than one."""
    found = list(_NUMBER_ALONG.finditer(entry.printed))
    if [int(at["number"]) for at in found] != list(range(1, len(found) + 1)) or len(found) < 2:
        return []
    ends = [at.start() for at in found[1:]] + [len(entry.printed)]
    return [
        replace(entry, printed=entry.printed[at.start() : end].rstrip(" ,;"), column=entry.column + at.start())
        for at, end in zip(found, ends, strict=True)
    ]


def listed_item(interpreter: Interpreter, entry: Entry, start: int, shape: str, around: tuple[str, ...] = ()) -> None:
    """One line of a list under a label that names items: its cells tell by their form what they are. A list that goes
    on on its line (``1. Basalt NV1000   2. network``) is one line for each number."""
    if several := _numbered_along(entry):
        for one in several:
            listed_item(interpreter, one, one.printed.index(" ") + 1, shape, around)
        return
    group = next((g for g in (*interpreter.heading(entry.label), *around[:1]) if g in ITEM_GROUPS), None)
    again = BULLET.match(entry.printed, start)
    start = again.end() if again else start
    naming = NAMING.get(group or "", "")
    if group in CALLED and not naming.endswith(".name"):
        said, named = Entry("", entry.printed[start:], entry.line, entry.column + start), Item(group)
        if told_bare(interpreter, by_gaps(said), group, named, shape, CALLED[group]):
            interpreter.take(named)
            number, which = ITEM_HEADING.get(group), entry.printed[:start].strip("[](){}.: ")
            if number and which.isdigit():
                place = Entry("", which, entry.line, entry.column)
                interpreter.place(place, shape, (Guess(number, 0.8, "it is listed under this number"),), named)
            return
    if group and naming.endswith(".name"):
        said, named = Entry("", entry.printed[start:], entry.line, entry.column + start), Item(group)
        if told_bare(interpreter, by_gaps(said), group, named, shape, naming):
            interpreter.take(named)
            return
    said_of_it = _DATED_BEHIND.sub(_blanked, _DATED_ASIDE.sub(_apart, entry.printed[start:]))
    cells = cells_by_gap(" " * start + said_of_it)
    if group is None or not cells:
        return
    item = interpreter.new_item(group)
    left = [f for f in FIELDS[group] if f.kind in ("text", "moment", "version")]
    default = FACTS.get(f"{group}.default")
    if default and entry.printed[0] == "*" and again:
        mark = Entry(entry.label, "*", entry.line, entry.column)
        interpreter.add(
            default.name, item, mark, exactly("flag", True), shape, 0.75, "it is marked among what is listed"
        )
    order = entry.printed[:start].strip("[](){}.: ")
    if group == "search_folder" and order.isdigit():
        place = Entry(entry.label, order, entry.line, entry.column)
        interpreter.add("search_folder.order", item, place, exactly("count", int(order)), shape, 0.8, "its number")
    for text, at in cells:
        for fact in sorted(left, key=lambda f: f.kind == "text"):
            if fact.name == "boot_entry.id" and not BOOT_ID.fullmatch(text):
                continue
            value = understand(fact, text, interpreter.locale)
            if value and (fact.kind != "version" or value.value == text):
                left.remove(fact)
                place = Entry(entry.label, text, entry.line, entry.column + at)
                interpreter.add(fact.name, item, place, value, shape, 0.8, f"it is listed under {group}")
                interpreter.asides(fact.name, item, place, shape, 0.8)
                break
