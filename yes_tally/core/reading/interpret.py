"""From layouts to readings: what each labelled value means where it stands, and which item it belongs to."""

from __future__ import annotations

import re
from collections.abc import Collection, Iterator, Sequence
from contextlib import contextmanager
from dataclasses import replace
from itertools import islice

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.reading.clauses.rated import kept_as_rated
from yes_tally.core.reading.drafts import Draft, Item, Met, name_items
from yes_tally.core.reading.leftovers import Leftover
from yes_tally.core.reading.meaning.decide import (
    Context,
    Guess,
    as_taught,
    decide,
)
from yes_tally.core.reading.meaning.labelled import BLANK, told_by
from yes_tally.core.reading.meaning.labels import SUM_WORDS, words_of
from yes_tally.core.reading.meaning.spoken_of import asked_for, headed_by
from yes_tally.core.reading.phrases import (
    SUBJECTS,
    is_known,
    taught_everywhere,
)
from yes_tally.core.reading.phrases.elsewhere import is_licence_of_program, says_elsewhere
from yes_tally.core.reading.phrases.taught import in_use
from yes_tally.core.reading.records.entries import read_entries
from yes_tally.core.reading.records.names_told import names_nothing, only_counts, without_host, without_mark
from yes_tally.core.reading.records.nested_records import read_record
from yes_tally.core.reading.shapes.layout import Entry, Heading, Layout
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.asides import ASIDES, RATED
from yes_tally.core.reading.values.said_beside import said_aside
from yes_tally.core.reading.values.understand import MAX_TEXT, understand
from yes_tally.core.words import plain

# What is no share of anything.
_MEASURES = frozenset({"size", "clock", "rate", "span"})
_UNIT_ALONE = re.compile(r"[kmg]?bps|[kmg]bit/?s|mts?|mt/s|[kmg]hz|[kmgt]?i?b|bytes", re.I)
_SHORT_HEADING = 24
_WHOLE_PHRASE = 0.9

# What is not told of the PC where one of these is spoken of: they begin themselves, or a slot holds them too.
_NOT_WITHIN = {
    "host.booted_at": frozenset({"process", "account", "task", "software"}),
    "memory.slots": frozenset({"graphics", "adapter", "disk", "sound", "battery"}),
}

# An item has not more fields than these.
_MOST_FIELDS = 16

# No list goes on over more readings than these.
_LONGEST_LIST = 256
_SAID_TWICE = 0.45
# Names of things that have but one.
_ONE_NAME = frozenset(f"{group}.name" for group in ("driver", "software", "task", "account", "printer", "battery"))


# What the things listed take together is told of nothing.
_SUMS_OF_NONE = frozenset({"process", "software", "connection"})


def _only_sums(layout: Layout) -> bool:
    labels = [entry.label for group in layout.groups for entry in group.entries]
    return bool(labels) and all(plain(label).rstrip(": ") in SUM_WORDS for label in labels)


def _names(fact: str, item: Item | None) -> bool:
    return item is not None and fact.endswith(".name")


class Interpreter:
    """Reads the layouts of one report; keeps its items and what it could not place."""

    def __init__(self, locale: Locale, *, keep_known: bool = False) -> None:
        self.locale = locale
        self.language = ""
        self.drafts: list[Draft] = []
        self.blanks: set[int] = set()
        self.frame: set[int] = set()
        self.hosts: set[str] = set()
        self.section_from = 0
        self.command_line = 0
        self._section = 0
        self.under: tuple[str, ...] = ()
        """The command and the headings above, the nearest last."""
        self.met: list[Met] = []
        """The labelled values that were looked at: all of them with ``keep_known``, else those that mean nothing."""
        self._keep_known = keep_known
        self.leftovers: list[Leftover] = []
        """What is said of items by labels that mean nothing, in this section."""
        self.single_leftovers: list[tuple[Entry, str]] = []
        self.by_number: dict[tuple[str, str], tuple[Item, set[str]]] = {}
        """The items of this section that tables list under a number, by their group and that number, and what was told
        of each."""
        self._book = in_use()
        self.counted: dict[int, str] = {}
        """The groups of which a line only says how many there are, by that line."""
        self.opened: dict[int, Item] = {}
        """The items that headings named, by the heading's line."""
        self.numbered: Item | None = None
        self.numbered_line = 0
        self.numbered_column = 0
        """The last item that a line named by its number, that line, and where a heading that names one begins."""
        self.size_unit = ""
        """The unit that a record around gives for its bare sizes."""
        self._items: list[Item] = []
        self._loose: dict[str, Item] = {}
        self.headless: list[tuple[Sequence[Line], tuple[str, ...]]] = []
        """The rows of this section that no head names the columns of, with what is spoken of around them."""
        self.may_tell_more: list[tuple[Sequence[Line], tuple[str, ...]]] = []
        """The blocks of this section that may tell more than is read of them, with what is spoken of around them."""
        self.adapters: dict[str, tuple[Item, str]] = {}
        """The adapters of the sections before, by what people call their connections, else by their names, each with the
        fact that it was."""
        self._named: dict[str, Item] = {}
        """The adapters of this section, by what they and their connections are called."""
        self.listed: str | None = None
        self.before: tuple[str, str] | None = None
        self.last: Item | None = None
        """The shape and the group of the last record that told of an item, and that item."""
        self.only_row: Item | None = None
        """The thing that the only row of the last table told of."""
        self.folders = 0

    def section_starts(self, command_line: int = 0) -> None:
        """Loose items (a processor told among the PC's own facts) are one a section; ``command_line`` is the line of the
        command that asked, 0 where none did."""
        self.command_line = command_line
        self.section_from = len(self.drafts)
        self._section += 1
        self._loose = {}
        self._named = {}
        self.listed = None
        self.before = None
        self.last = None
        self.only_row = None
        self.folders = 0
        self.numbered = None
        self.numbered_column = 0
        self.by_number = {}
        self.headless = []
        self.may_tell_more = []

    def so_far(self) -> tuple[int, int, int]:
        """How much is read by now; for ``back_to``."""
        return len(self.drafts), len(self.leftovers), len(self.single_leftovers)

    def back_to(self, so_far: tuple[int, int, int]) -> None:
        """Take back what was read since."""
        drafts, leftovers, single = so_far
        del self.drafts[drafts:], self.leftovers[leftovers:], self.single_leftovers[single:]

    def context(self, group: str | None, around: tuple[str, ...] = ()) -> Context:
        return Context(group, around, self.language)

    def means(self, label: str, context: Context) -> tuple[Guess, ...]:
        """What a label means here: as taught under one of the headings above, else as it is decided."""
        taught = self._book.under(label, self.under) if self._book.taught else None
        if taught:
            return as_taught(taught)
        if says_elsewhere(label):
            return ()
        label = label.rpartition("), ")[2]  # ``Installed updates (4), last asked for: …``
        guesses = decide(label, context)
        if label.endswith("%"):
            guesses = tuple(g for g in guesses if FACTS[g.fact].kind not in _MEASURES)  # ``mem%``: how much of all
        if not guesses and ", " in label:
            # ``IPv6, link only``: what it is, and more of that
            guesses = tuple(g for g in decide(label.partition(", ")[0], context) if FACTS[g.fact].kind != "flag")
        guesses = tuple(g for g in guesses if context.group not in _NOT_WITHIN.get(g.fact, ()))
        sure = bool(guesses) and guesses[0].confidence >= _WHOLE_PHRASE
        names_pc = SUBJECTS.get(words_of(label)) == "machine"
        if (
            not sure
            and not names_pc
            and self.under
            and len(self.under[-1]) <= _SHORT_HEADING
            and not _UNIT_ALONE.fullmatch(label)
        ):
            # ``"tpm": {"specVersion": …}``: what the heading begins the label ends.
            begun = tuple(
                g._replace(confidence=round(g.confidence - 0.05, 3))
                for g in decide(f"{self.under[-1]} {label}", context)
                if g.confidence >= _WHOLE_PHRASE and not _of_another(g.fact, context)
            )
            guesses = (*begun, *guesses)
        return guesses

    def read(self, layout: Layout, around: tuple[str, ...], *, totals: bool = False) -> None:
        """Read one layout. ``around``: the subjects of the command and headings above, nearest first.

        ``totals``: the layout stands under a table's closing rule and speaks of what the table lists.
        """
        if self.listed in _SUMS_OF_NONE and (totals or _only_sums(layout)):
            return
        if totals and self.listed:
            around = (self.listed, *around)
            for group in layout.groups:
                alone = [e for e in group.entries if "   " not in e.printed or ": " in e.printed]
                self.entries(alone, layout.shape, self.context(self.listed, around), None)
            return
        headed = layout.groups[0].heading if layout.groups else None
        of_its_own = headed is not None and is_known(headed.text)  # ``[secureboot]`` behind a firewall's profiles
        if self.before and self.before[0] == layout.shape and self.before[1] not in around and not of_its_own:
            # Blocks of one shape that follow each other speak of one kind of thing.
            around = (*around, self.before[1])
        for group in layout.groups:
            read_record(self, group, layout.shape, around, None, ())

    def heading(self, text: str, line: int | None = None) -> tuple[str, ...]:
        """The subjects that a heading names, the likeliest first, or a command where no ``line`` is given; a heading that
        names one is understood."""
        named = asked_for(text[:MAX_TEXT]) if line is None else headed_by(text[:MAX_TEXT])
        if named and line is not None:
            self.frame.add(line)
        return named

    @contextmanager
    def below(self, *headings: Heading | None) -> Iterator[None]:
        """What is read meanwhile stands under these headings."""
        before = self.under
        self.under = (*before, *(heading.text for heading in headings if heading))
        yield
        self.under = before

    def speaks_of_others(self, heading: Heading) -> None:
        """A heading that names a kind and stands no deeper than the one above it that numbered a thing heads none of that
        thing's parts."""
        below = heading.line > self.numbered_line and heading.column <= self.numbered_column
        if below and "  " not in heading.text and self.heading(heading.text):
            self.numbered = None

    def entries(self, entries: Sequence[Entry], shape: str, context: Context, item: Item | None) -> None:
        """Read pairs that stand together; see ``read_entries``."""
        read_entries(self, entries, shape, context, item)

    def stands_under(self, item: Item, parent: Item | None, entry: Entry, shape: str) -> None:
        """An item that stands under another one belongs to it: a partition to its disk."""
        fact = f"{item.group}.{parent.group}" if parent else ""
        if parent and fact in FACTS and parent.keys:
            number = next(iter(parent.keys.values()))
            at = Entry(entry.label, number, entry.line, entry.column)
            self.add(fact, item, at, exactly("text", number), shape, 0.8, "it stands under it")

    def place(self, entry: Entry, shape: str, guesses: Sequence[Guess], item: Item | None, of_sizes: str = "") -> None:
        """Keep a labelled value as the first of the facts it may be that its text can be; ``of_sizes`` is the unit of
        the sizes around it."""
        if not guesses or self._keep_known:
            self.met.append(Met(entry, self.under, bool(guesses)))
            if not guesses:
                if not entry.label or says_elsewhere(entry.label) or self.is_taught(entry.label):
                    return
                if item:
                    stands_first = not any(last and last[-1].item is item for last in (self.leftovers, self.drafts))
                    self.leftovers.append(Leftover(entry, shape, item, stands_first))
                else:
                    self.single_leftovers.append((entry, shape))
                return
        tell = told_by if len(entry.printed) <= MAX_TEXT else told_by.__wrapped__
        told = tell(entry.label, entry.printed, tuple(guesses), shape, self.locale, of_sizes or self.size_unit)
        if told and not item and (guesses[0].fact, told.fact) == ("driver.name", "driver.version"):
            return  # a version, of whatever device
        if told is BLANK:
            self.blanks.add(entry.line)
            return
        if told:
            if FACTS[told.fact].kind == "text" and self.goes_on(told.fact, item, entry, told.value):
                self.blanks.add(entry.line)
                return
            whole = entry
            if told.printed != entry.printed:
                entry = replace(entry, printed=told.printed)
            if entry.printed.endswith((")", "]")) and (told.fact == "machine.model" or _names(told.fact, item)):
                marked = entry
                entry, told = without_mark(self, entry, told, shape, item)
                whole = whole if entry is marked else entry
            if told.fact == "machine.model" and self.hosts:
                entry, told = without_host(self, entry, told, shape)
            if told.fact not in RATED or not kept_as_rated(self, told, item, entry, shape):
                self.add(told.fact, item, entry, told.value, shape, told.confidence, told.why, told.also)
            if told.fact in ASIDES:
                self.asides(told.fact, item, whole, shape, told.confidence)
            return
        if item and words_of(entry.label) not in SUBJECTS:
            self.leftovers.append(Leftover(entry, shape, item, first=False))
        elif not item:
            self.single_leftovers.append((entry, shape))

    def is_taught(self, label: str) -> bool:
        """Whether the team taught a label, be it that it means nothing."""
        return bool(self._book.taught) and bool(self._book.under(label, self.under) or taught_everywhere(label))

    def _sums_up(self, fact: str, item: Item | None, label: str) -> bool:
        """Whether a label says the sum of what the section told of several things (``Logical processors in all``)."""
        if SUM_WORDS.isdisjoint(words_of(label)):
            return False
        told = self.drafts[self.section_from :]
        return any(draft.fact == fact for draft in told) and not any(draft.item is item for draft in told)

    def goes_on(self, fact: str, item: Item | None, entry: Entry, value: Value) -> bool:
        """Whether a text goes on with what the line above says of the same thing by the same label: it is then a part
        of that text, and no second one."""
        if item is None:
            return False
        for draft in self.drafts[-_MOST_FIELDS:]:
            same = draft.item is item and (draft.fact, draft.entry.label) == (fact, entry.label)
            if same and (draft.until or draft.entry.line) == entry.line - 1:
                draft.until = entry.line
                draft.value = exactly("text", f"{draft.value.value} {value.value}"[:MAX_TEXT])
                return True
        return False

    def asides(self, fact: str, item: Item | None, entry: Entry, shape: str, confidence: float) -> None:
        for pattern, aside in ASIDES.get(fact, ()):
            match = pattern.search(entry.printed)
            text = said_aside(match, aside) if match else None
            value = understand(FACTS[aside], text, self.locale) if text else None
            if match and value:
                at = Entry(entry.label, match[1], entry.line, entry.column + match.start(1))
                if any((d.fact, d.item, d.entry) == (aside, item, at) for d in self.drafts[-_MOST_FIELDS:]):
                    continue
                self.add(aside, item, at, value, shape, confidence - 0.05, f"it is said within {fact}")
                if len(at.printed) < len(entry.printed):
                    self.asides(aside, item, at, shape, confidence - 0.05)

    def add(
        self, fact: str, item: Item | None, entry: Entry, value: Value, shape: str, confidence: float, why: str,
        also: tuple[str, ...] = (),
    ) -> None:  # fmt: skip
        if item is None and fact in _OF_ALL and FACTS[fact].group not in self._loose:
            fact = _OF_ALL[fact]
        kind = FACTS[fact]
        if kind.group == "processor" and kind.kind == "count" and self._sums_up(fact, item, entry.label):
            return
        if kind.group == "licence" and any(map(is_licence_of_program, self.under)):
            return
        if kind.item and fact.endswith(_NAMING) and (names_nothing(entry.printed) or only_counts(entry)):
            return
        if not kind.item:
            item = None
        elif item is None or item.group != kind.group:
            item = (
                self.named_aside(kind.group, entry)
                or self._loose.get(kind.group)
                or self._loose.setdefault(kind.group, self.new_item(kind.group))
            )
        if item and fact in _NAMES:
            self._named.setdefault(str(value.value), item)
        if item and kind.key:
            item.keys.setdefault(fact, str(value.value))
        if kind.kind == "list":
            last = self.drafts[-1] if self.drafts else None
            if last and (last.fact, last.item, last.entry.line) == (fact, item, entry.line) and shape == "tree":
                last.lengthen(value)  # ``"dns": ["10.20.0.53", "10.20.1.53"]``
                return
            self._extend_list(fact, item, entry, value)
        if (
            item
            and fact in _ONE_NAME
            and any(
                d.item is item and d.fact == fact and d.entry.line != entry.line and d.value != value
                for d in self.drafts[-_MOST_FIELDS:]
            )
        ):
            confidence = min(confidence, _SAID_TWICE)  # it has its name already
        self.drafts.append(Draft(fact, item, entry, value, shape, round(confidence, 3), why, also))

    def begin_loosely(self) -> None:
        """What is told without an item from here on is told of others than before: another record of a list begins."""
        self._loose = {}

    def goes_on_loosely(self, item: Item) -> None:
        """What is told without an item of its group further down in the section is told of this one, if it is the first."""
        self._loose.setdefault(item.group, item)

    def named_aside(self, group: str, entry: Entry) -> Item | None:
        """``Gateway: 10.20.1.1 (Quayside LAN)``: the item of this section that brackets behind the value name."""
        aside = _ASIDE.search(entry.printed) if group == "adapter" else None
        return self._named.get(aside["name"]) if aside else None

    def _extend_list(self, fact: str, item: Item | None, entry: Entry, value: Value) -> None:
        """A list that goes on on the next line is one list: the first reading holds all of it."""
        lines = entry.line - 1
        for draft in islice(reversed(self.drafts), _LONGEST_LIST):
            if draft.fact != fact or draft.item is not item or draft.entry.column != entry.column:
                if draft.entry.line < lines:
                    return
                continue
            if draft.entry.line == lines:
                lines -= 1
            first = draft
            first.lengthen(value)
            if first.entry.label == entry.label and lines < draft.entry.line - 1:
                return

    def forget(self, lines: Collection[int]) -> None:
        """Take back what was read of these lines of the section, which are read in another way."""
        kept = [draft for draft in self.drafts[self.section_from :] if draft.entry.line not in lines]
        self.drafts[self.section_from :] = kept
        self.leftovers = [left for left in self.leftovers if left.entry.line not in lines]
        self.single_leftovers = [left for left in self.single_leftovers if left[0].line not in lines]
        self.headless = [(rows, around) for rows, around in self.headless if rows and rows[0].number not in lines]

    def take(self, item: Item) -> None:
        """Keep an item that was made before it was sure that anything is told of it."""
        item.section = self._section
        self._items.append(item)

    def new_item(self, group: str) -> Item:
        """A new item of a group; it gets its name when the report is read."""
        item = Item(group)
        self.take(item)
        return item

    def name_items(self) -> None:
        """Give every item its name, and doubt what is told of a thing that nothing names."""
        name_items(self._items, self.drafts)


def _of_another(fact: str, context: Context) -> bool:
    """Whether a fact is of another part of the PC than the one spoken of."""
    return context.group in _ONE_PART and not fact.startswith(f"{context.group}.")


# What is told of no item is told of all of them together.
_OF_ALL = {"module.running_speed": "memory.running_speed"}
_ONE_PART = frozenset({"machine", "board", "firmware"})
_ASIDE = re.compile(
    r"\((?:(?:via|on|over|über|auf|par|sur|por|en|tramite|su|op|przez|na) )?(?P<name>[^()]{2,60})\)", re.I
)
_NAMES = frozenset({"adapter.connection", "adapter.name"})


_NAMING = (".name", ".full_name", ".connection", ".model", ".target")
