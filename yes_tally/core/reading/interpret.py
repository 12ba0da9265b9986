"""From layouts to readings: what each labelled value means where it stands, and which item it belongs to."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from dataclasses import replace

from yes_tally.core.catalogue import FACTS, KEYS
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.reading.asides import ASIDES
from yes_tally.core.reading.by_itself import choice_by_flag, said_the_other_way, told_by_itself
from yes_tally.core.reading.checks_listed import are_checks
from yes_tally.core.reading.compounds import compound, counted_list, profile_alone
from yes_tally.core.reading.decide import (
    ITEM_GROUPS,
    NAMING,
    Context,
    Guess,
    as_taught,
    decide,
)
from yes_tally.core.reading.drafts import Draft, Item, Met, name_items
from yes_tally.core.reading.labelled import BLANK, told_by
from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.leftovers import Leftover
from yes_tally.core.reading.listings import (
    BULLET,
    INDEXED,
    LISTED_BY_LABEL,
    begins_by_name,
    counted_lines,
    empty_socket,
    listed_by_label,
    listed_item,
    named_by,
    numbered,
    policies,
)
from yes_tally.core.reading.names_told import is_named_below, names_and_tells, without_mark
from yes_tally.core.reading.opening import opened_by
from yes_tally.core.reading.pairs_within import in_parts
from yes_tally.core.reading.phrases import (
    SUBJECTS,
    SubjectAt,
    is_known,
    subject_of_command,
    subjects_in,
    taught_everywhere,
)
from yes_tally.core.reading.phrases.elsewhere import is_elsewhere, tell_elsewhere
from yes_tally.core.reading.phrases.taught import in_use
from yes_tally.core.reading.record_subject import (
    each_an_item,
    labels_of,
    shared_labels,
    side_by_side,
    subject_of_record,
)
from yes_tally.core.reading.rows import read_rows
from yes_tally.core.reading.said_in_words import called_by
from yes_tally.core.reading.shapes.layout import Entry, Group, Heading, Layout
from yes_tally.core.reading.told_in_parts import told_under
from yes_tally.core.reading.values import MAX_TEXT, mask_of, understand
from yes_tally.core.reading.variables import are_variables, is_environment, variable_list

_SEVERAL = (",", ";", ". ", "   ")
_UNIT_ALONE = re.compile(r"[kmg]?bps|[kmg]bit/?s|mts?|mt/s|[kmg]hz|[kmgt]?i?b|bytes", re.I)
_UNIT_LABELS = frozenset({"unit", "units", "Unit", "Units", "unite", "einheit", "Einheit"})
_SHORT_HEADING = 24
_WHOLE_PHRASE = 0.9

# ``1 processor: Kestrel K5-8420``
_COUNTED_LABEL = re.compile(r"\d{1,2} (?=[^\W\d_])")
# An item has not more fields than these.
_MOST_FIELDS = 16

# No PC nests what it prints as deep as this; what does is read side by side.
MAX_DEPTH = 40


_SAID_TWICE = 0.45
# Names of things that have but one.
_ONE_NAME = frozenset(f"{group}.name" for group in ("driver", "software", "task", "account", "printer", "battery"))


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
        self.size_unit = ""
        """The unit that a record around gives for its bare sizes."""
        """The last item that a line named by its number, and that line."""
        self._items: list[Item] = []
        self._loose: dict[str, Item] = {}
        self.listed: str | None = None
        self._before: tuple[str, str] | None = None
        self._last: Item | None = None
        """The item of the last record."""
        self.folders = 0

    def section_starts(self) -> None:
        """Loose items (a processor told among the PC's own facts) are one a section."""
        self.section_from = len(self.drafts)
        self._loose = {}
        self.listed = None
        self._before = None
        self._last = None
        self.folders = 0
        self.numbered = None
        self.by_number = {}

    def context(self, group: str | None, around: tuple[str, ...] = ()) -> Context:
        return Context(group, around, self.language)

    def means(self, label: str, context: Context) -> tuple[Guess, ...]:
        """What a label means here: as taught under one of the headings above, else as it is decided."""
        taught = self._book.under(label, self.under) if self._book.taught else None
        if taught:
            return as_taught(taught)
        guesses = decide(label, context)
        sure = bool(guesses) and guesses[0].confidence >= _WHOLE_PHRASE
        if not sure and self.under and len(self.under[-1]) <= _SHORT_HEADING and not _UNIT_ALONE.fullmatch(label):
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
        if totals and self.listed:
            around = (self.listed, *around)
            for group in layout.groups:
                self.entries(group.entries, layout.shape, self.context(self.listed, around), None)
            return
        if self._before and self._before[0] == layout.shape and self._before[1] not in around:
            # Blocks of one shape that follow each other speak of one kind of thing.
            around = (*around, self._before[1])
        for group in layout.groups:
            self._group(group, layout.shape, around, None, ())

    def heading(self, text: str, line: int | None = None) -> tuple[str, ...]:
        """The subjects that a heading names, the likeliest first; a heading that names one is understood."""
        words = words_of(text[:MAX_TEXT])
        found = subjects_in(words)
        # ``memory sockets`` are no sockets of a network.
        named = tuple(dict.fromkeys(at.group for at in found if at.group != "connection" or not _is_part(at, found)))
        if not named and line is None:
            named = tuple(
                dict.fromkeys(group for word in text.casefold().split()[:3] if (group := subject_of_command(word)))
            )
        if not named and line is not None and (tool := _TOOL.match(text)):
            # ``DRVBOOK 2 for NQ-DRW-03``: the title names the tool that printed it.
            named = tuple(filter(None, [subject_of_command(tool["name"].casefold())]))
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

    def _group(
        self,
        group: Group,
        shape: str,
        around: tuple[str, ...],
        parent: Item | None,
        labels: tuple[str, ...],
        depth: int = 0,
    ) -> None:
        before, unit = self.under, self.size_unit
        if group.heading:
            self.under = (*before, group.heading.text)
        self.size_unit = next((e.printed for e in group.entries if e.label in _UNIT_LABELS), unit)
        self._grouped(group, shape, around, parent, labels, depth)
        self.under, self.size_unit = before, unit

    def _grouped(
        self,
        group: Group,
        shape: str,
        around: tuple[str, ...],
        parent: Item | None,
        labels: tuple[str, ...],
        depth: int,
    ) -> None:
        self.frame.update(group.frame)
        if group.heading and _lists_one_a_line(group):
            group = Group(group.heading, [child.entries[0] for child in group.children])
        names = [group.heading.text] if group.heading else [entry.label for entry in group.entries[:1]]
        if parent and group.heading and self._fact_of_parent(group, parent, shape):
            return
        if any(map(is_elsewhere, names)):
            self._told_of_nothing(group)
            return
        if each_an_item(group):
            told = [compound(self, entry, shape) for entry in group.entries if entry.printed]
            if all(told):
                return
        opened, named = (
            (None, ()) if group.heading is None else opened_by(self, group.heading, group, shape, around, parent)
        )
        inner = (*named, *(a for a in around if a not in named))
        own = labels or labels_of(group)
        subject = opened.group if opened else subject_of_record(group, own, inner, one_of_several=bool(labels))
        if opened is None and subject in ITEM_GROUPS and subject not in inner and tell_elsewhere(own):
            self._told_of_nothing(group)
            return
        if "health_check" in inner[:2] and are_checks(own):
            return  # read line by line, with what came of each
        if (
            group.entries
            and opened is None
            and (("variable" in inner[:3] and are_variables(own)) or is_environment(own, shape))
        ):
            variable_list(self, group.entries, shape)
            return
        if ("policy" in inner and policies(self, group, shape)) or (
            inner and inner[0] in LISTED_BY_LABEL and listed_by_label(self, group, inner[0], shape)
        ):
            return
        item = opened
        if opened is None and parent and _says_more_of(group, parent, shape, named):
            same = not named or named[0] == parent.group
            subject = subject if same and subject in ITEM_GROUPS else parent.group
            item = parent if subject == parent.group else None
        if item is None and subject in ITEM_GROUPS and group.entries:
            asides = (self._named_aside(subject or "", entry) for entry in group.entries if group.heading is None)
            item = next(filter(None, asides), None) or self._goes_on_of(group, subject or "", own, shape)
            item = item or self.new_item(subject or "")
            self._last = item
            self._before = (shape, subject or "")
            if group.heading and not named_by(self, group.heading, subject or "", shape, item):
                called_by(
                    self, group, subject or "", shape, item, listed=subject in around[:2] or shape == "turned table"
                )
        entries = group.entries
        if item and entries and begins_by_name(self, entries[0], item, shape):
            entries = entries[1:]
        start = len(self.drafts)
        self.entries(entries, shape, self.context(subject, inner), item)
        if subject == "machine":
            self._leave_its_version(start)
        if group.table:
            read_rows(self, group.children, shape, inner)
            return
        below = (subject, *inner) if subject and opened else inner
        children = group.children if depth < MAX_DEPTH else side_by_side(group)
        shared = shared_labels(children)
        start = len(self.drafts)
        for child in children:
            self._group(child, shape, below, item or parent, shared, depth + 1)
        self._empty_sockets(children, start, shape)
        if shared:
            self._doubt_what_is_said_twice(start)

    def _goes_on_of(self, group: Group, subject: str, labels: Sequence[str], shape: str) -> Item | None:
        """The thing that the record before told of, where this one has no name of its own and tells other fields."""
        last = self._last
        if (
            last is None
            or last.group != subject
            or group.heading
            or shape != "pairs"
            or self._before != (shape, subject)
        ):
            return None
        context = self.context(subject)
        told = {draft.fact for draft in self.drafts[self.section_from :] if draft.item is last}
        own = {guess.fact for label in labels for guess in decide(label, context)[:1]}
        names = {key.name for key in KEYS.get(subject, ())} | {NAMING.get(subject, "")}
        return last if told & names and not own & (told | names) else None

    def _empty_sockets(self, groups: Sequence[Group], start: int, shape: str) -> None:
        """``Socket A2`` over nothing, beside sockets that modules are told of: it is told of too."""
        nouns = {draft.entry.label for draft in self.drafts[start:] if draft.fact == "module.slot"}
        for group in groups if nouns else ():
            match = (
                INDEXED.match(group.heading.text.partition(" (")[0]) if group.heading and not group.entries else None
            )
            if match and match["rest"] and match["noun"] in nouns and group.heading and not group.children:
                place = Entry(
                    match["noun"], match["rest"], group.heading.line, group.heading.column + match.start("rest")
                )
                said = Guess("module.slot", 0.85, "it stands beside sockets with modules")
                self.place(place, shape, (said,), self.new_item("module"))

    def _leave_its_version(self, start: int) -> None:
        """A version among what is said of the machine is the system's only where more is said of the system."""
        told = [draft for draft in self.drafts[start:] if draft.fact.startswith("os.")]
        if [draft.fact for draft in told] == ["os.version"]:
            self.drafts.remove(told[0])

    def _told_of_nothing(self, group: Group) -> None:
        """What is said of things that the catalogue has no facts of."""
        self.met += [Met(entry, self.under, known=False) for part in group.walk() for entry in part.entries]

    def _doubt_what_is_said_twice(self, start: int) -> None:
        """Records of a list tell of several things: what a PC has one of is not told by each of them, and otherwise."""
        said: dict[str, object] = {}
        for draft in self.drafts[start:]:
            if draft.item is None and said.setdefault(draft.fact, draft.value.value) != draft.value.value:
                draft.confidence = min(draft.confidence, _SAID_TWICE)
                draft.why = f"{draft.why}; the first record of the list says otherwise"

    def _fact_of_parent(self, group: Group, parent: Item, shape: str) -> bool:
        """``"ipv4": [{"address": "10.20.0.33"}]`` within an adapter: objects under a label of its own tell what the
        label says. Whether they did."""
        context = self.context(parent.group, (parent.group,))
        guesses = decide(group.heading.text, context)[:1] if group.heading else ()
        entries = [entry for part in group.walk() for entry in part.entries]
        if not guesses or FACTS[guesses[0].fact].kind != "list" or guesses[0].confidence < _WHOLE_PHRASE:
            return False
        for entry in entries:
            kind = FACTS[guesses[0].fact]
            if listed := BULLET.match(entry.printed):
                entry = replace(entry, printed=entry.printed[listed.end() :], column=entry.column + listed.end())
            if understand(kind, entry.printed, self.locale) and not entry.printed.isdigit():
                self.place(entry, shape, guesses, parent)
            else:
                self.place(entry, shape, self.means(entry.label, context), parent)
        return bool(entries)

    def stands_under(self, item: Item, parent: Item | None, entry: Entry, shape: str) -> None:
        """An item that stands under another one belongs to it: a partition to its disk."""
        fact = f"{item.group}.{parent.group}" if parent else ""
        if parent and fact in FACTS and parent.keys:
            number = next(iter(parent.keys.values()))
            at = Entry(entry.label, number, entry.line, entry.column)
            self.add(fact, item, at, exactly("text", number), shape, 0.8, "it stands under it")

    def entries(self, entries: Sequence[Entry], shape: str, context: Context, item: Item | None) -> None:
        counted = counted_lines(entries)
        for entry, said_of in in_parts(entries, context):
            if entry.label[:1].isdigit() and (counted_so := _COUNTED_LABEL.match(entry.label)):
                bare = entry.label[counted_so.end() :]
                entry = replace(entry, label=bare) if SUBJECTS.get(words_of(bare)) else entry
            listed = BULLET.match(entry.printed) if entry.label else None
            around = (*filter(None, [context.group]), *context.around)
            if entry.label and entry.printed.isdigit() and (many := SUBJECTS.get(words_of(entry.label))):
                self.counted[entry.line] = many
            if entry.line in counted:
                self.blanks.add(entry.line)
            elif listed:
                listed_item(self, entry, listed.end(), shape, around)
            elif (
                (entry.label and numbered(self, entry, shape, around, item))
                or (
                    entry.label
                    and (any(mark in entry.printed for mark in _SEVERAL) or entry.printed.endswith("."))
                    and (item is None or item.group not in (s.group for s in subjects_in(words_of(entry.label))))
                    and (compound(self, entry, shape) or counted_list(self, entry, shape))
                )
                or (entry.label and item is None and profile_alone(self, entry, shape))
                or (entry.label and empty_socket(self, entry, shape))
                or (item and ", " in entry.printed and names_and_tells(self, entry, item, shape))
            ) or (entry.label and self.by_number and self._of_number(entry, shape)):
                continue
            elif entry.label:
                guesses = self.means(entry.label, said_of)
                if not guesses and item and " " in entry.printed and told_under(self, entry, item.group, item):
                    continue
                if said_the_other_way(self, entry, shape, said_of, item):
                    continue
                if guesses and item and is_named_below(self, entry, entries, guesses[0], said_of):
                    # Of an adapter it is what people call it.
                    guesses = (Guess("adapter.connection", 0.82, "it heads what is said of the adapter"),)
                    if item.group != "adapter":
                        self.frame.add(entry.line)
                        continue
                named = not guesses or FACTS[guesses[0].fact].kind == "choice"
                if not (named and choice_by_flag(self, entry, shape, said_of, item)):
                    self.place(entry, shape, guesses, item)
            else:
                told_by_itself(self, entry, shape, said_of, item)

    def place(self, entry: Entry, shape: str, guesses: Sequence[Guess], item: Item | None, of_sizes: str = "") -> None:
        """Keep a labelled value as the first of the facts it may be that its text can be; ``of_sizes`` is the unit of
        the sizes around it."""
        if not guesses or self._keep_known:
            self.met.append(Met(entry, self.under, bool(guesses)))
            if not guesses:
                if item and entry.label and not self.is_taught(entry.label):
                    stands_first = not any(last and last[-1].item is item for last in (self.leftovers, self.drafts))
                    self.leftovers.append(Leftover(entry, shape, item, stands_first))
                elif entry.label and not item and not self.is_taught(entry.label):
                    self.single_leftovers.append((entry, shape))
                return
        tell = told_by if len(entry.printed) <= MAX_TEXT else told_by.__wrapped__
        told = tell(entry.label, entry.printed, tuple(guesses), shape, self.locale, of_sizes or self.size_unit)
        if told is BLANK:
            self.blanks.add(entry.line)
            return
        if told:
            if FACTS[told.fact].kind == "text" and self.goes_on(told.fact, item, entry, told.value):
                self.blanks.add(entry.line)
                return
            if told.printed != entry.printed:
                entry = replace(entry, printed=told.printed)
            if told.fact.endswith(".name") and entry.printed.endswith(")") and item:
                entry, told = without_mark(self, entry, told, shape, item)
            self.add(told.fact, item, entry, told.value, shape, told.confidence, told.why, told.also)
            if told.fact in ASIDES:
                self.asides(told.fact, item, entry, shape, told.confidence)
            return
        if item and words_of(entry.label) not in SUBJECTS:
            self.leftovers.append(Leftover(entry, shape, item, first=False))
        elif not item:
            self.single_leftovers.append((entry, shape))

    def _of_number(self, entry: Entry, shape: str) -> bool:
        """``Name servers for 1: 10.20.0.53``: said of what a table listed under that number. Whether it was."""
        match = _FOR_NUMBER.fullmatch(entry.label)
        for (group, number), (item, _) in self.by_number.items() if match else ():
            guesses = decide(match["label"], self.context(group)) if match and match["number"] == number else ()
            if guesses and guesses[0].fact.startswith(f"{group}."):
                self.place(entry, shape, guesses, item)
                return True
        return False

    def is_taught(self, label: str) -> bool:
        """Whether the team taught a label, be it that it means nothing."""
        return bool(self._book.taught) and bool(self._book.under(label, self.under) or taught_everywhere(label))

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
            text = mask_of(match[1]) if match and aside == "adapter.mask" else match[1] if match else None
            value = understand(FACTS[aside], text, self.locale) if text else None
            if match and value:
                at = Entry(entry.label, match[1], entry.line, entry.column + match.start(1))
                self.add(aside, item, at, value, shape, confidence - 0.05, f"it is said within {fact}")

    def add(
        self, fact: str, item: Item | None, entry: Entry, value: Value, shape: str, confidence: float, why: str,
        also: tuple[str, ...] = (),
    ) -> None:  # fmt: skip
        kind = FACTS[fact]
        if not kind.item:
            item = None
        elif item is None or item.group != kind.group:
            item = (
                self._named_aside(kind.group, entry)
                or self._loose.get(kind.group)
                or self._loose.setdefault(kind.group, self.new_item(kind.group))
            )
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

    def _named_aside(self, group: str, entry: Entry) -> Item | None:
        """``Gateway: 10.20.1.1 (Quayside LAN)``: the item of this section that brackets behind the value name."""
        aside = _ASIDE.search(entry.printed) if group == "adapter" else None
        named = (d for d in self.drafts[self.section_from :] if aside and d.fact in _NAMES and d.item)
        return next((d.item for d in named if aside and d.value.value == aside["name"]), None)

    def _extend_list(self, fact: str, item: Item | None, entry: Entry, value: Value) -> None:
        """A list that goes on on the next line is one list: the first reading holds all of it."""
        lines = entry.line - 1
        for draft in reversed(self.drafts):
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

    def take(self, item: Item) -> None:
        """Keep an item that was made before it was sure that anything is told of it."""
        self._items.append(item)

    def new_item(self, group: str) -> Item:
        """A new item of a group; it gets its name when the report is read."""
        item = Item(group)
        self._items.append(item)
        return item

    def name_items(self) -> None:
        """Give every item its name, and doubt what is told of a thing that nothing names."""
        name_items(self._items, self.drafts)


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


def _says_more_of(group: Group, item: Item, shape: str, named: tuple[str, ...]) -> bool:
    """``{"name": …, "mhz": {"base": …}}``: whether an object within an item's tells more of the same item."""
    if group.heading is None or group.children or not group.entries:
        return False
    own = not named or named[0] == item.group
    if shape == "tree" and own:
        return True
    if shape != "tree" and not own:
        return False
    # ``<driver version="31.0" date="2025-06-01"/>`` of a graphics card; ``password:`` over ``expires: never`` in an account's record
    meant = [decide(f"{group.heading.text} {entry.label}", Context(item.group))[:1] for entry in group.entries]
    return sum(any(g.fact.startswith(f"{item.group}.") for g in found) for found in meant) * 2 > len(meant)


def _of_another(fact: str, context: Context) -> bool:
    """Whether a fact is of another part of the PC than the one spoken of."""
    return context.group in _ONE_PART and not fact.startswith(f"{context.group}.")


_ONE_PART = frozenset({"machine", "board", "firmware"})
_ASIDE = re.compile(r"\((?:(?:via|on|over|über|auf|par|sur|por|en|tramite|su|op|przez|na) )?(?P<name>[^()]{2,60})\)")
_NAMES = frozenset({"adapter.connection", "adapter.name"})
_TOOL = re.compile(r"\W*(?:(?P<name>[A-Za-z]{5,16})(?= v?\d|\s{2,}\S+-\S+$))")
_FOR_NUMBER = re.compile(
    r"(?P<label>.{2,40}?) (?:for|of|on|für|von|de|du|di|da|van|voor|dla|para|pour|per) #?(?P<number>\d{1,2})"
)


def _is_part(at: SubjectAt, found: Sequence[SubjectAt]) -> bool:
    """Whether a subject's words are a part of those of a longer one."""
    return any(o is not at and o.start <= at.start and at.end <= o.end for o in found)
