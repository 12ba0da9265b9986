"""Records, and records within records: which item each tells of, and what its pairs and its table say."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, KEYS
from yes_tally.core.reading.clauses.compounds import compound
from yes_tally.core.reading.drafts import Draft, Item, Met
from yes_tally.core.reading.kinds.caches_in_order import (
    CACHE,
)
from yes_tally.core.reading.kinds.checks_listed import are_checks, check_in_heading, checked_in
from yes_tally.core.reading.kinds.policies_listed import are_audited, policies
from yes_tally.core.reading.kinds.variables import are_variables, is_environment, variable_list
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, NAMING, RELATED, Context, Guess, decide, infer_group
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import is_known, names_item
from yes_tally.core.reading.phrases.elsewhere import heads_letter, is_elsewhere, says_elsewhere, tell_elsewhere
from yes_tally.core.reading.records.devices_and_drivers import drivers_of_device, without_models
from yes_tally.core.reading.records.headings_in_parts import name_and_told
from yes_tally.core.reading.records.listed_by_label import LISTED_BY_LABEL, listed_by_label, rows_under_label
from yes_tally.core.reading.records.listings import BULLET, INDEXED
from yes_tally.core.reading.records.marked_records import starred_is_default, without_stars
from yes_tally.core.reading.records.names_in_headings import begins_by_name, named_by
from yes_tally.core.reading.records.names_of_cards import connection_in_heading, kind_in_heading
from yes_tally.core.reading.records.opening import opened_by
from yes_tally.core.reading.records.partitions_with_volumes import with_volume_apart
from yes_tally.core.reading.records.record_subject import (
    each_an_item,
    labels_of,
    shared_labels,
    side_by_side,
    subject_of_record,
)
from yes_tally.core.reading.records.records_in_words import called_by
from yes_tally.core.reading.records.tools_own import names_tool
from yes_tally.core.reading.shapes.layout import Entry, Group, Heading
from yes_tally.core.reading.tables.rows import read_rows
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_UNIT_LABELS = frozenset({"unit", "units", "Unit", "Units", "unite", "einheit", "Einheit"})
_WHOLE_PHRASE = 0.9
# A doubt: it is said twice, and otherwise.
_SAID_TWICE = 0.45
# A thing has not more fields than these, nor as many readings behind its first.
_MOST_FIELDS = 60
# What a sensor measured is no name.
_MEASURED = re.compile(r"\d[\d.,]* ?(?:°|[A-Za-z])")
# No PC nests what it prints as deep as this; what does is read side by side.
MAX_DEPTH = 40


def read_record(
    interpreter: Interpreter,
    group: Group,
    shape: str,
    around: tuple[str, ...],
    parent: Item | None,
    labels: tuple[str, ...],
    depth: int = 0,
    *,
    alike: bool = False,
) -> None:
    """Read one record and what is nested in it. ``around``: the subjects of the command and headings above, nearest
    first; ``parent``: the item it stands in; ``labels``: the labels that records beside it share; ``alike``: whether
    they tell the same."""
    before, unit = interpreter.under, interpreter.size_unit
    if group.heading:
        interpreter.under = (*before, group.heading.text)
    interpreter.size_unit = next((e.printed for e in group.entries if e.label in _UNIT_LABELS), unit)
    _read(interpreter, group, shape, around, parent, labels, depth, alike=alike)
    interpreter.under, interpreter.size_unit = before, unit


def _read(
    interpreter: Interpreter,
    group: Group,
    shape: str,
    around: tuple[str, ...],
    parent: Item | None,
    labels: tuple[str, ...],
    depth: int,
    *,
    alike: bool,
) -> None:
    interpreter.frame.update(group.frame)
    if group.heading and _lists_one_a_line(group):
        group = Group(group.heading, [child.entries[0] for child in group.children])
    names = [group.heading.text] if group.heading else [entry.label for entry in group.entries[:1]]
    if parent and group.heading and _fact_of_parent(interpreter, group, parent, shape):
        return
    # A record may begin with a line that only itself says elsewhere (``Wear: 3 %``, ``Fan: 1200 rpm``).
    this_line_only = not group.heading and any(
        says_elsewhere(entry.label) or _MEASURED.match(entry.printed) for entry in group.entries[:1]
    )
    of_tool = group.heading is not None and names_tool(group.heading.text)
    if group.heading and group.children and words_of(group.heading.text) in _WENT_WRONG and _of_the_tool(group, shape):
        _told_of_nothing(interpreter, group)
        return
    if of_tool or (not this_line_only and any(map(is_elsewhere, names))):
        _told_of_nothing(interpreter, group)
        return
    if parent is None and not group.children and _each_numbered(group):
        for entry in group.entries:
            interpreter.entries([entry], shape, interpreter.context(None, around), None)
        return
    if each_an_item(group):
        told = [compound(interpreter, entry, shape) for entry in group.entries if entry.printed]
        if all(told):
            return
    if group.heading and _heads_a_check(interpreter, group.heading, group, shape, around):
        check = interpreter.last = interpreter.new_item("health_check")
        interpreter.before = (shape, "health_check")
        check_in_heading(interpreter, group.heading, shape, check)
        interpreter.entries(group.entries, shape, interpreter.context("health_check", around), check)
        return
    if "partition" in around[:1] or (parent and parent.group == "disk"):
        group = with_volume_apart(group)
    opened, named = (
        (None, ()) if group.heading is None else opened_by(interpreter, group.heading, group, shape, around, parent)
    )
    if opened is None and named == ("machine",) and group.heading and _is_any_device(group.heading.text, around):
        named = ()
    inner = (*named, *(a for a in around if a not in named))
    own = labels or labels_of(group)
    if opened is None and heads_letter(own):
        _told_of_nothing(interpreter, group)
        return
    subject = opened.group if opened else subject_of_record(group, own, inner, one_of_several=bool(labels))
    item = opened
    if subject is None and opened is None and parent is None and group.entries:
        item = _told_by_heading(interpreter, group, inner, shape)
        subject = item.group if item else None
    elsewhere = subject in ITEM_GROUPS and subject not in inner and tell_elsewhere(own, inner)
    # Within what is told of a thing nothing else of its kind is listed.
    listing = parent is None or inner[:1] != (parent.group,)
    if item is None and (elsewhere or (listing and _is_list(interpreter, group, shape, inner, own))):
        if elsewhere:
            _told_of_nothing(interpreter, group)
        return
    if opened is None and parent and not alike and _says_more_of(group, parent, shape, named, subject):
        same = not named or named[0] == parent.group
        subject = subject if same and subject in ITEM_GROUPS else parent.group
        item = parent if subject == parent.group else None
    if item is None and subject in ITEM_GROUPS and group.entries:
        item = _item_of(interpreter, group, subject or "", own, shape, around, alike=alike)
    if item and group.heading and item.group == "health_check" and item is not parent:
        check_in_heading(interpreter, group.heading, shape, item)
    entries = group.entries
    if item and entries and begins_by_name(interpreter, entries, item, shape):
        entries = entries[1:]
    start = len(interpreter.drafts)
    if subject == "printer":
        entries = without_models(entries)
    interpreter.entries(entries, shape, interpreter.context(subject, inner), item)
    if item and parent and opened is None and item is not parent and group.entries:
        _belong_to(interpreter, item, parent, group.entries[0], shape, start)
    if subject == "machine":
        _leave_its_version(interpreter, start)
    if group.table:
        if group.heading:
            interpreter.speaks_of_others(group.heading)
            _card_in_heading(interpreter, group.heading, shape, inner)
        read_rows(interpreter, group.children, shape, inner)
        return
    below = (subject, *inner) if subject and opened else inner
    children, star = without_stars(group.children if depth < MAX_DEPTH else side_by_side(group))
    if below[:1] == ("partition",):
        children = [with_volume_apart(child) for child in children]
    shared = shared_labels(children)
    all_alike = bool(shared) or _tell_the_same(children)
    start = len(interpreter.drafts)
    for child in children:
        if all_alike:
            interpreter.begin_loosely()
        read_record(interpreter, child, shape, below, item or parent, shared, depth + 1, alike=all_alike)
    drivers_of_device(interpreter, group, start, shape)
    if star:
        starred_is_default(interpreter, star, start, shape)
    _empty_sockets(interpreter, children, start, shape)
    if all_alike:
        _doubt_what_is_said_twice(interpreter, start)


def _belong_to(interpreter: Interpreter, item: Item, parent: Item, first: Entry, shape: str, start: int) -> None:
    """A record that begins with ``first`` belongs to what it stands in; where it lists several things of its kind, each of
    them does (``Partitions:`` over ``1. EFI system, 260 MB``)."""
    belongs, told = f"{item.group}.{parent.group}", interpreter.drafts[start:]
    listed: dict[int, Draft] = {}
    for draft in told:
        if draft.item and draft.item is not item and draft.item.group == item.group:
            listed.setdefault(id(draft.item), draft)
    if listed and not any(draft.item is item for draft in told):
        for draft in listed.values():
            if draft.item and not any(d.item is draft.item and d.fact == belongs for d in told):
                at = Entry("", "", draft.entry.line, draft.entry.column)
                interpreter.stands_under(draft.item, parent, at, shape)
    elif not any(draft.item is item and draft.fact == belongs for draft in told):
        interpreter.stands_under(item, parent, Entry("", "", first.line, first.column), shape)


# What data lists under these went wrong while the tool looked, and tells nothing of the PC.
_WENT_WRONG = frozenset(
    (word,) for word in ("error", "failure", "exception", "fehler", "erreur", "errore", "erro", "fout", "blad")
)
_OF_DATA = frozenset({"JSON", "YAML", "XML", "tree"})


# In several languages one word for a device of any kind and for the whole PC.
_ANY_DEVICE = frozenset(
    (word,) for word in "gerat apparaat toestel urzadzenie equipo equipamento appareil machine".split()
)


def _is_any_device(heading: str, around: tuple[str, ...]) -> bool:
    """Whether a heading says no more than that a device is told of, where the kind of it is spoken of around (``<geluid>``
    over ``<apparaat>``)."""
    return bool(around) and around[0] in ITEM_GROUPS and words_of(heading) in _ANY_DEVICE


def _of_the_tool(group: Group, shape: str) -> bool:
    """Whether what stands under *errors* went wrong while a tool looked, as data tells it, and is no log's."""
    labels = tuple(dict.fromkeys(entry.label for child in group.children for entry in child.entries))
    return shape in _OF_DATA or infer_group(labels, (), False) != "event"


# ``card 10.20.1.44 (Wickerlink GbE 210)``, ``via eth0``
_WORD_AND_CARD = re.compile(
    r"(?P<label>[^\W\d_]+) (?P<card>(?:\d{1,3}(?:\.\d{1,3}){3}|[a-z]{2,8}\d{1,3})(?: \([^()]+\))?)"
)


def _card_in_heading(interpreter: Interpreter, heading: Heading, shape: str, around: tuple[str, ...]) -> None:
    """Over a table of neighbours or routes a word and the card that its rows are seen on, with no mark between."""
    match = _WORD_AND_CARD.fullmatch(heading.text)
    for listed in ("neighbour", "route") if match else ():
        if match and any(g.fact == f"{listed}.interface" for g in decide(match["label"], Context(listed, around))[:2]):
            entry = Entry(match["label"], match["card"], heading.line, heading.column + match.start("card"))
            interpreter.entries([entry], shape, interpreter.context(listed, around), interpreter.new_item(listed))
            return


def _heads_a_check(
    interpreter: Interpreter, heading: Heading, group: Group, shape: str, around: tuple[str, ...]
) -> bool:
    """Whether a heading (``Disk C:``) names what was checked, and no volume: its record says what came of it, as
    only a check of the system's files does, or below a command or a heading that speaks of checks, or after a check."""
    if not group.entries or group.children:
        return False
    kind = checked_in(heading)
    own = interpreter.heading(heading.text)
    above = next((subject for subject in around if subject not in own), "")
    if kind is None or not (
        kind == "system-files" or above == "health_check" or interpreter.before == (shape, "health_check")
    ):
        return False
    context = interpreter.context("health_check")
    told = {guess.fact for entry in group.entries for guess in decide(entry.label, context)[:1]}
    return "health_check.result" in told and all(fact.startswith("health_check.") for fact in told)


def _each_numbered(group: Group) -> bool:
    """Whether each line tells of a thing of its own, in several parts, by a label that numbers it (``Screen 1   Veldt P14
    1920 x 1080``)."""
    labels = [entry.label for entry in group.entries]
    several = any("  " in entry.printed or ", " in entry.printed for entry in group.entries)
    return several and len(labels) > 1 and len(set(labels)) == len(labels) and all(map(names_item, labels))


def _is_list(
    interpreter: Interpreter, group: Group, shape: str, inner: tuple[str, ...], labels: tuple[str, ...]
) -> bool:
    """Whether a record's pairs are a list of things that the labels name, each told by its value; such a list is read."""
    if are_checks(labels, spoken_of="health_check" in inner[:2]):
        return True  # read line by line later, with what came of each
    environment = is_environment(labels, shape) and "boot_entry" not in inner[:2]
    if group.entries and (("variable" in inner[:3] and are_variables(labels)) or environment):
        variable_list(interpreter, group.entries, shape)
        return True
    audited = "policy" in inner or are_audited(interpreter, group)
    if rows_under_label(interpreter, group, shape) or (audited and policies(interpreter, group, shape)):
        return True
    return inner[:1] != () and inner[0] in LISTED_BY_LABEL and listed_by_label(interpreter, group, inner[0], shape)


def _told_by_heading(interpreter: Interpreter, group: Group, inner: Sequence[str], shape: str) -> Item | None:
    """The thing that a record's heading alone tells of (``Basalt NV1000, NVMe, 931.5 GB``), where its labels mean nothing
    and things of one kind are spoken of; else ``None``."""
    item = Item(inner[0]) if group.heading and inner[:1] and inner[0] in ITEM_GROUPS else None
    if item is None or not group.heading or not name_and_told(interpreter, group.heading, item.group, shape, item):
        return None
    interpreter.take(item)
    interpreter.last, interpreter.before = item, (shape, item.group)
    return item


def _item_of(
    interpreter: Interpreter,
    group: Group,
    subject: str,
    labels: tuple[str, ...],
    shape: str,
    around: tuple[str, ...],
    *,
    alike: bool,
) -> Item:
    """The item that a record tells of: one that its values name in brackets, one that goes on, or else a new one, with
    the name that its heading gives it; ``alike``: whether the records beside it tell the same."""
    asides = (interpreter.named_aside(subject, entry) for entry in group.entries if group.heading is None)
    item = next(filter(None, asides), None) or _what_goes_on(interpreter, group, subject, labels, shape)
    item = item or interpreter.new_item(subject)
    interpreter.last, interpreter.before = item, (shape, subject)
    if group.heading and not named_by(interpreter, group.heading, subject, shape, item):
        related = RELATED.get(subject, frozenset())
        listed = subject in around[:2] or not related.isdisjoint(around[:1]) or shape == "turned table"
        listed = listed or (alike and shape == "tree")  # ``"kiosk": {…}, "ofenwick": {…}``
        if not (listed and name_and_told(interpreter, group.heading, subject, shape, item)):
            called_by(interpreter, group, subject, shape, item, listed=listed)
    if group.heading and subject == "adapter":
        told = {guess.fact for label in labels for guess in decide(label, interpreter.context(subject))[:1]}
        if "adapter.kind" not in told:
            kind_in_heading(interpreter, group.heading, shape, item)
        if "adapter.name" in told and "adapter.connection" not in told:
            connection_in_heading(interpreter, group.heading, shape, item)
    return item


# Below the table of their parts more may be told of them.
_HAVE_PARTS = frozenset({"disk"})


def _what_goes_on(
    interpreter: Interpreter, group: Group, subject: str, labels: Sequence[str], shape: str
) -> Item | None:
    """The thing that the record before told of, that was named by its number above a table of its parts, or that the only
    row of a table above told of, where this one has no name of its own and tells other fields."""
    last = interpreter.last
    if interpreter.before != (shape, subject):
        last = (interpreter.numbered if subject in _HAVE_PARTS else None) or interpreter.only_row
    if last is None or last.group != subject or group.heading or shape != "pairs":
        return None
    context = interpreter.context(subject)
    recent = interpreter.drafts[max(interpreter.section_from, len(interpreter.drafts) - _MOST_FIELDS) :]
    told = {draft.fact for draft in recent if draft.item is last}
    own = {guess.fact for label in labels for guess in decide(label, context)[:1]}
    names = {key.name for key in KEYS.get(subject, ())} | {NAMING.get(subject, "")}
    return last if told & names and not own & (told | names) else None


def _empty_sockets(interpreter: Interpreter, groups: Sequence[Group], start: int, shape: str) -> None:
    """``Socket A2`` over nothing, beside sockets that modules are told of: it is told of too."""
    nouns = {draft.entry.label for draft in interpreter.drafts[start:] if draft.fact == "module.slot"}
    for group in groups if nouns else ():
        match = INDEXED.match(group.heading.text.partition(" (")[0]) if group.heading and not group.entries else None
        if match and match["rest"] and match["noun"] in nouns and group.heading and not group.children:
            place = Entry(match["noun"], match["rest"], group.heading.line, group.heading.column + match.start("rest"))
            said = Guess("module.slot", 0.85, "it stands beside sockets with modules")
            interpreter.place(place, shape, (said,), interpreter.new_item("module"))


def _leave_its_version(interpreter: Interpreter, start: int) -> None:
    """A version among what is said of the machine is the system's only where more is said of the system."""
    told = [draft for draft in interpreter.drafts[start:] if draft.fact.startswith("os.")]
    if [draft.fact for draft in told] == ["os.version"]:
        interpreter.drafts.remove(told[0])


def _told_of_nothing(interpreter: Interpreter, group: Group) -> None:
    """What is said of things that the catalogue has no facts of."""
    interpreter.met += [Met(entry, interpreter.under, known=False) for part in group.walk() for entry in part.entries]


def _tell_the_same(groups: Sequence[Group]) -> bool:
    """Whether records, two at least, have much the same labels, several of them: of all, each has more than half."""
    labels = [{entry.label for entry in group.entries if entry.label != "value"} for group in groups]
    every = set[str]().union(*labels)
    return len(groups) > 1 and len(every) > 1 and all(len(own) * 2 > len(every) for own in labels)


# Of several licences the first may be the system's.
_FIRST_OF_SEVERAL = frozenset({"licence", "os"})


def _doubt_what_is_said_twice(interpreter: Interpreter, start: int) -> None:
    """Records of a list tell of several things: what a PC has one of is not told by each of them, and otherwise."""
    said: dict[str, set[str]] = {}
    told = [draft for draft in interpreter.drafts[start:] if draft.item is None]
    for draft in told:
        said.setdefault(draft.fact, set()).add(str(draft.value.value))
    first: dict[str, Draft] = {}
    for draft in told:
        is_first = first.setdefault(draft.fact, draft) is draft
        if len(said[draft.fact]) > 1 and not (is_first and FACTS[draft.fact].group in _FIRST_OF_SEVERAL):
            draft.confidence = min(draft.confidence, _SAID_TWICE)
            draft.why = f"{draft.why}; another record of the list says otherwise"


def _fact_of_parent(interpreter: Interpreter, group: Group, parent: Item, shape: str) -> bool:
    """``"ipv4": [{"address": "10.20.0.33"}]`` within an adapter: objects under a label of its own tell what the
    label says. Whether they did."""
    context = interpreter.context(parent.group, (parent.group,))
    guesses = decide(group.heading.text, context)[:1] if group.heading else ()
    entries = [entry for part in group.walk() for entry in part.entries]
    if not guesses or FACTS[guesses[0].fact].kind != "list" or guesses[0].confidence < _WHOLE_PHRASE:
        return False
    for entry in entries:
        kind = FACTS[guesses[0].fact]
        if listed := BULLET.match(entry.printed):
            entry = replace(entry, printed=entry.printed[listed.end() :], column=entry.column + listed.end())
        own = decide(entry.label, context)[:1]
        of_another = bool(own) and own[0].fact != kind.name and own[0].confidence >= _WHOLE_PHRASE
        if understand(kind, entry.printed, interpreter.locale) and not (entry.printed.isdigit() or of_another):
            interpreter.place(entry, shape, guesses, parent)
        else:
            interpreter.place(entry, shape, interpreter.means(entry.label, context), parent)
    return bool(entries)


def _lists_one_a_line(group: Group) -> bool:
    """Whether a heading stands over records of one pair each: a list of names, and what is told of each."""
    return (
        not group.entries
        and len(group.children) > 0
        and not group.table
        and all(
            len(child.entries) == 1
            and not child.children
            and child.heading is None
            and child.entries[0].label
            and not is_known(child.entries[0].label)
            for child in group.children
        )
    )


def _says_more_of(group: Group, item: Item, shape: str, named: tuple[str, ...], subject: str | None) -> bool:
    """``{"name": …, "mhz": {"base": …}}``: whether an object within an item's tells more of the same item, be it that
    its labels speak of that while its heading may mean another (``{"status": …, "adapter": {"vram": …}}``)."""
    if group.heading is None or group.children or not group.entries:
        return False
    caches = item.group == "processor" and not CACHE.isdisjoint(words_of(group.heading.text))
    own = not named or item.group in (named[0], subject) or caches
    if shape == "tree" and own:
        return True
    of_card = item.group == "graphics" and named[:1] == ("driver",)
    if shape != "tree" and not own and not of_card:
        return False
    # ``<driver version="31.0" date="2025-06-01"/>`` of a graphics card; ``password:`` over ``expires: never`` in an account's record
    begun = "" if caches else f"{group.heading.text} "
    meant = [decide(f"{begun}{entry.label}", Context(item.group))[:1] for entry in group.entries]
    if not named:  # ``mode:`` over ``width: 2560``
        alone = [decide(entry.label, Context(item.group))[:1] for entry in group.entries]
        meant = [found or other for found, other in zip(meant, alone, strict=True)]
    return sum(any(g.fact.startswith(f"{item.group}.") for g in found) for found in meant) * 2 > len(meant)
