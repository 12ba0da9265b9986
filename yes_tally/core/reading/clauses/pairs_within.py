"""Pairs within a pair: ``cores / threads: 6 / 12``, ``mode: UEFI, secure boot: off``, ``{maker: Osmund, serial: 4711}``."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import replace
from itertools import chain

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.clauses.by_clause import LEADING_SIZE
from yes_tally.core.reading.kinds.caches_in_order import NAMED_LEVELS
from yes_tally.core.reading.meaning.decide import ITEM_GROUPS, Context, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.questions import asked_for
from yes_tally.core.reading.phrases import SUBJECTS, is_known, is_likely, labels_in_brackets, names_item, subjects_in
from yes_tally.core.reading.phrases.elsewhere import is_elsewhere
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry, cells_by_gap
from yes_tally.core.reading.values.text_forms import COMMA_WITHIN_MOMENT, SOCKET
from yes_tally.core.words import flag_of

_SLASHED = re.compile(r"\s*/\s*")
_NEXT_PAIR = re.compile(r"(?:[,;]|(?<=[\w)%])\.(?= [^\W\d_a-zà-ż]))\s+(?P<label>[^\W\d_][^:,;=]{1,40}?)\s*:\s+(?=\S)")
# ``Harbour OS 12, build 12.0.4417``: no mark between, but a label of one word and something that begins as a value.
_NEXT_BARE = re.compile(
    r",\s+(?:(?:now|jetzt|maintenant|ahora|agora|adesso|ora|nu|teraz) )?(?P<label>[^\W\d_]{4,20}) (?=[\"']?[\d])"
)
# ``capacity: design 57000 mWh, full 48120 mWh``: the label only says what is told, each part has its own.
_FIRST_BARE = re.compile(r"(?P<label>[^\W\d_]{4,20}) (?=\d)")
# ``UEFI        Secure boot ..... on``, ``VB-71   S/N MB0F33``: what follows a wide gap is a pair of its own.
_BESIDE = re.compile(r"\s{2,}(?P<label>[^\W\d_](?:(?!\s{2})[^:=]){1,40}?)\s*(?::\s+|=\s*|\s(?:\.\s?){3,}:?\s*)(?=\S)")
_BESIDE_BARE = re.compile(
    r"(?:\s{2,}(?P<label>[^\W\d_]\S{1,20}(?: d[eio] [^\W\d_]\S{1,20}| [^\W\d_]\S{0,20})?) (?=\S*\d)(?!\d{1,3}:)|\s{3,}(?P<far>[^\W\d_]\S{2,20}(?: [^\W\d_]\S{1,20}(?=  +\d))?) {1,6}(?=[^\W_]))"
)
# ``OFF incoming: allow``: a word that is a value, and a pair behind it.
_AFTER_SWITCH = re.compile(r"(?P<flag>[^\W\d_]{2,12}) (?P<label>[^\W\d_]{3,20}): (?=\S)")
_PARTS = re.compile(rf"[^\s,;](?:[^,;]|[,;](?!\s)|{COMMA_WITHIN_MOMENT})*")
_PARTS_AT_SLASHES = re.compile(r"[^\s/](?:(?! / ).)*")
_LEAST_PARTS, _CELLS_OF_ROW = 2, 4


_PAIR_AFTER_GAP = re.compile(r"(?<=\S)\s{3,}(?=[^\W\d_]+ \d+(?:\s{2}|$))")
# What a value holds where it may hold more than itself.
_MAY_HOLD = re.compile(r"[,;/{}:=]|  ")


def pairs_in(entry: Entry) -> list[Entry]:
    """The pairs that one pair holds; itself alone when it holds no other."""
    if not _MAY_HOLD.search(entry.printed) and "{" not in entry.label:
        return joint(entry) if "/" in entry.label or _JOINED.search(entry.label) else [entry]
    braced = _BRACED.fullmatch(entry.label)
    if braced and entry.printed.rstrip().endswith("}") and (told := _in_braces(entry, braced)):
        return told
    if flow := _FLOW.fullmatch(entry.printed):
        inside = Entry(
            "",
            entry.printed[flow.start("inside") : flow.end("inside")],
            entry.line,
            entry.column + flow.start("inside"),
        )
        first = _FIRST_PAIR.match(inside.printed)
        if first and is_known(first["label"]):
            return pairs_in(
                _part(replace(inside, label=first["label"]), first["label"], first.end(), len(inside.printed))
            )
    if not is_known(entry.label) and (told := _labelled_parts(entry)):
        return told
    found, label, start = [], entry.label, 0
    text = entry.printed[:MAX_TOLD]
    # What is told of an item in a row is its own (``Pack 1: DB-52, design 52000 mWh``).
    of_item = any(at.start == 0 and at.group in ITEM_GROUPS for at in subjects_in(words_of(entry.label)))
    bare = [] if of_item else list(_NEXT_BARE.finditer(text))
    # ``Disk 1   Shale 2T   1863 GB   warning   MBR``: the cells of a row are read as such.
    row = of_item and len(cells_by_gap(text)) >= _CELLS_OF_ROW
    beside = [*_BESIDE.finditer(text), *(() if row else _BESIDE_BARE.finditer(text))] if "  " in text else []
    beside += filter(None, [after_switch(text), None if row else _PICTURE.search(text)])
    parted = list(_NEXT_PAIR.finditer(text))
    for match in sorted([*parted, *bare, *beside], key=_begins):
        if match.start() < start:
            continue
        name = "resolution" if match.re is _PICTURE else match["label"] or match.groupdict().get("far") or ""
        # Behind a full stop and before a colon a label may be one by synonyms of its words.
        likely = match.re is _NEXT_PAIR and match.group()[0] == "." and is_likely(name)
        if (is_known(name) or match.re is _BESIDE or likely) and text.count("(", start, match.start()) == text.count(
            ")", start, match.start()
        ):
            end = match.end("flag") if match.re is _AFTER_SWITCH else match.start()
            # ``"Wren"      family 25  model 33``: what is not known beside a value is no part of it.
            gap = _PAIR_AFTER_GAP.search(text, start, end) if match.re in (_BESIDE, _BESIDE_BARE) else None
            found.append(_part(entry, label, start, gap.start() if gap else end))
            label, start = name, match.end()
    end = len(entry.printed) - (entry.printed.endswith(".") and any(text[m.start()] == "." for m in parted))
    parts = [*found, _part(entry, label, start, end)] if found else [entry]
    first = _FIRST_BARE.match(parts[0].printed) if found and bare else None
    if first and is_known(first["label"]) and words_of(first["label"]) not in SUBJECTS:
        parts[0] = _part(parts[0], first["label"], first.end(), len(parts[0].printed))
    return [apart for part in parts for apart in joint(part)]


def after_switch(text: str) -> re.Match[str] | None:
    """Where a value begins with a word for on or off and a pair follows it with no mark between: the word is its
    ``flag``, the pair's label its ``label``."""
    match = _AFTER_SWITCH.match(text)
    return match if match and flag_of(match["flag"]) is not None else None


def _begins(match: re.Match[str]) -> int:
    return match.start("label") if match.re is _AFTER_SWITCH else match.start()


# ``serial LF27Q4400812   2560 x 1440``: what is so large can only be a picture.
_PICTURE = re.compile(r"\s{2,}(?=\d{3,5} ?[x×] ?\d{3,5}\b(?! ?[x×]))")


# ``{maker: Osmund, name: Fathom M3}`` (YAML 1.2, 7.4.2): a record on one line.
_FLOW = re.compile(r"\{\s*(?P<inside>[^{}]+?)\s*\}")
_FIRST_PAIR = re.compile(r"(?P<label>[^\W\d][\w ]{0,30}):\s+")


_LABELLED_ASIDE = re.compile(
    r"(?P<head>[^()]*[^\s()])\s+\((?P<label>[^\W\d_][^():=,;]{1,30}?)\s*[:=]\s+(?P<value>[^(),;]+)\)"
)
_LABELLED_TAIL = re.compile(
    r"(?P<head>[^,;]*[^\s,;]), (?P<label>[^\W\d_][^,;:]{1,24}?)[ :]+(?P<value>(?=[\w-]*\d)[\w-]+)$"
)
_BETWEEN_VALUES = re.compile(r"\s+/\s+|(?<=\d)/(?=\d)")
_SECOND_ASIDE = re.compile(r"(?P<first>[^()]*[^\s()])\s+\((?P<second>[^()]+)\)")
_UNIT_BEHIND = re.compile(r" ?[^\W\d_]+(?:/s)?$")


def joint(entry: Entry) -> list[Entry]:
    """``Cores / threads: 6 / 12``, ``Maker and model: Oakmere, Tern 3``: two labels in one, and a value for each."""
    if len(entry.printed) > MAX_TOLD:
        return [entry]
    if parts := labels_in_brackets(entry.label):
        values = _BETWEEN_VALUES.split(entry.printed)
        if len(values) == len(parts) and all(map(is_known, parts)):
            unit = _UNIT_BEHIND.search(values[-1])
            values = [value if unit is None or _UNIT_BEHIND.search(value) else f"{value}{unit[0]}" for value in values]
            return [
                Entry(part, value, entry.line, entry.column + max(entry.printed.find(value.split()[0]), 0))
                for part, value in zip(parts, values, strict=True)
            ]
    for between, mark in ((_SLASHED, _SLASHED), (_JOINED, _COMMAS), (_JOINED, _WIDE_SLASHES), (_COMMAS, _COMMAS)):
        labels, values = _labels_of(entry.label, between), mark.split(entry.printed)
        if between is _SLASHED and len(labels) == len(values) == 2:
            labels = [labels[0], _with_its_subject(*labels)]
        known = sum(map(is_known, labels))
        if len(labels) == 2 and len(values) == 1 and (both := _maker_and_model(entry, labels)):
            return both
        if len(labels) == 2 and len(values) == 1 and known and (second := _SECOND_ASIDE.fullmatch(entry.printed)):
            values = [second["first"], second["second"]]  # ``Version / date: 3.14.0 (2024-09-30)``
        if 1 < len(labels) == len(values) <= 3 and (known == len(labels) or (known and between is _SLASHED)):
            return list(_at_slashes(entry, labels, values))
    return [entry]


def _with_its_subject(first: str, second: str) -> str:
    """The second of two labels with the thing that the first begins with, where both are said of it."""
    subject, _, field = first.partition(" ")
    whole = f"{subject} {second}"
    return whole if field and SUBJECTS.get(words_of(subject)) and is_known(whole) else second


def _labels_of(label: str, between: re.Pattern[str]) -> list[str]:
    """The labels that one holds; of a question each without the words that only ask."""
    parts = between.split(asked_for(label))
    return [asked_for(f"{part}?") for part in parts] if label.endswith("?") else parts


def _maker_and_model(entry: Entry, labels: Sequence[str]) -> list[Entry]:
    """``Maker/model: Corrane Tallow 520``: the first word is who made it, among facts of the PC itself or a board."""
    meant = [next((guess.fact for guess in decide(label, Context("machine"))), "") for label in labels]
    maker, _, model = entry.printed.partition(" ")
    if meant != ["machine.maker", "machine.model"] or not model or not maker[:1].isupper() or model[0] == "/":
        return []
    return [
        Entry(labels[0], maker, entry.line, entry.column),
        Entry(labels[1], model, entry.line, entry.column + len(maker) + 1),
    ]


def _without_maker(entry: Entry, context: Context) -> Entry:
    """``Maker/model: Basalt NV1000`` of what the catalogue has no maker of: the model alone."""
    if not _TWO_LABELS.search(entry.label) or context.group not in ITEM_GROUPS or f"{context.group}.maker" in FACTS:
        return entry
    labels = _labels_of(entry.label, _TWO_LABELS)
    meant = [next((guess.fact for guess in decide(label, Context("machine"))), "") for label in labels]
    return replace(entry, label=labels[1]) if meant == ["machine.maker", "machine.model"] else entry


def in_parts(entries: Sequence[Entry], context: Context) -> Iterator[tuple[Entry, Context]]:
    """Entries and the pairs within them, each with what is spoken of: what stands beside a pair whose label names a
    thing is said of that thing (``Mainboard: VB-71   S/N MB0F33``)."""
    for whole in chain.from_iterable(_tail_apart(entry, context) for entry in entries):
        whole = _without_maker(whole, context)
        is_one = not whole.label or is_elsewhere(whole.label) or _tells_of_one(whole, context)
        is_one = is_one or _is_one_label(whole.label, context) or _lists_profiles(whole)
        is_one = is_one or (SOCKET.fullmatch(whole.label) is not None and LEADING_SIZE.match(whole.printed) is not None)
        is_one = is_one or NAMED_LEVELS.fullmatch(whole.printed) is not None
        is_one = is_one or (whole.printed[:1] == "[" and _A_DRIVE.fullmatch(whole.label) is not None)
        parts = [whole] if is_one else pairs_in(whole)
        if len(parts) > 1 and _begins_their_labels(whole.label, parts[1].label, context):
            parts = [whole]
        yield parts[0], context
        own_field = context.item and _is_field(whole.label, context)  # a disk's ``Firmware: 2.1   Boot: yes``
        named = _subject_of(whole.label, context) if len(parts) > 1 and not own_field else None
        beside = Context(named, context.around, context.language) if named and named not in ITEM_GROUPS else context
        item = subjects_in(words_of(whole.label))[0].group if len(parts) > 1 and names_item(whole.label) else None
        for part in parts[1:]:
            if item and context.group != item and _is_field(part.label, Context(item)):
                # ``DIMM A1: 16 GB   S/N 4711``: no serial of the PC
                yield part, Context(item, context.around, context.language)
                continue
            own = decide(part.label, beside)[:1]
            if not own and _is_one_thing(joined := f"{whole.label} {part.label}", context):
                # ``DHCP: on, server 10.40.0.2``: the DHCP server
                part = replace(part, label=joined)
            yield part, beside if own and own[0].fact.startswith(f"{named}.") else context


# ``Drive C: [SYSTEM]   encrypted   unlocked``: flags, and no labels
_A_DRIVE = re.compile(r"(?:[^\W\d_]+ )?[A-Z]")


def _is_text(label: str, context: Context) -> bool:
    return any(FACTS[guess.fact].kind == "text" for guess in decide(label, context)[:1])


def _tail_apart(entry: Entry, context: Context) -> list[Entry]:
    """``Maker and model: Corrane Tallow 520, serial CRN-99``: what has a label of its own behind them is a pair."""
    aside = _LABELLED_ASIDE.fullmatch(entry.printed) if entry.printed[-1:] == ")" else None
    # ``Page file: C:\\page.sys, 2048 MB (used: 1377 MB)`` tells of that file all along.
    of_item = any(at.start == 0 and at.group in ITEM_GROUPS for at in subjects_in(words_of(entry.label)))
    in_parts_of_item = of_item and ", " in entry.printed
    if aside and is_known(aside["label"]) and _is_text(entry.label, context) and not in_parts_of_item:
        # ``Serial number: CRN9M11702 (inventory no.: K-00417)``
        return [
            _part(entry, entry.label, 0, aside.end("head")),
            _part(entry, aside["label"], aside.start("value"), aside.end("value")),
        ]
    tail = _LABELLED_TAIL.match(entry.printed) if _TWO_LABELS.search(entry.label) else None
    if tail is None or not is_known(tail["label"]) or not all(map(is_known, _TWO_LABELS.split(entry.label))):
        return [entry]
    return [
        _part(entry, entry.label, 0, tail.end("head")),
        _part(entry, tail["label"], tail.start("value"), len(entry.printed)),
    ]


def _lists_profiles(entry: Entry) -> bool:
    """``Firewall: profil domaine activé, profil public désactivé``: of each profile the same, by no label."""
    listed = ", " in entry.printed and ":" not in entry.printed and "  " not in entry.printed
    return listed and SUBJECTS.get(words_of(entry.label)) == "firewall"


def _is_one_thing(label: str, context: Context) -> bool:
    own = decide(label, context)[:1]
    return bool(own) and own[0].confidence > _SURE


def _is_one_label(label: str, context: Context) -> bool:
    """``Maker and model`` of a disk is what it is called, and no two things."""
    if context.group not in ITEM_GROUPS or not _JOINED.search(label):
        return False
    own = decide(label, context)[:1]
    return bool(own) and own[0].confidence > _SURE and own[0].fact.startswith(f"{context.group}.")


_SURE = 0.9


def _is_field(label: str, context: Context) -> bool:
    return any(guess.fact.startswith(f"{context.group}.") for guess in decide(label, context)[:1])


# ``gfx0``, ``screen1``
_NUMBERED_SO = re.compile(r"[a-z]{2,10}\d{1,2}")


def _tells_of_one(entry: Entry, context: Context) -> bool:
    """Whether a label names one thing, by its number, and the value tells of it between commas."""
    return (
        ", " in entry.printed
        and "   " not in entry.printed
        and (
            names_item(entry.label)
            or _NUMBERED_SO.fullmatch(entry.label) is not None
            or SUBJECTS.get(words_of(entry.label)) in _OF_THE_PC
            or "tpm" in words_of(entry.label)
            or _names_socket(entry.label, context)
        )
    )


_WHICH_SOCKET = re.compile(r"\d{1,2}|[A-Z]\d?")


def _names_socket(label: str, context: Context) -> bool:
    """Whether a label among what is told of memory names a module's socket: ``slot 1``."""
    noun, _, number = label.rpartition(" ")
    if not _WHICH_SOCKET.fullmatch(number) or not {"memory", "module"} & {context.group, *context.around}:
        return False
    return [guess.fact for guess in decide(noun, context._replace(group="module"))[:1]] == ["module.slot"]


_OF_THE_PC = frozenset({"machine", "board", "firmware", "memory"})


def _begins_their_labels(label: str, beside: str, context: Context) -> bool:
    """Whether a label that means nothing begins the one beside it (``Password   required, expires 2025-04-02``)."""
    return (
        context.group is not None
        and not labels_in_brackets(label)
        and not decide(label, context)
        and any(guess.phrase for guess in decide(f"{label} {beside}", context)[:1])
    )


def _subject_of(label: str, context: Context) -> str | None:
    """What a label names, or else what its fact is said of."""
    named = SUBJECTS.get(words_of(label))
    return named or next((guess.fact.partition(".")[0] for guess in decide(label, context)[:1]), None)


# ``os { name = "Harbour OS 12", build = "12.0.4417" }``: a record on one line.
_BRACED = re.compile(r"(?P<head>[\w-]+)\s*\{\s*(?P<label>[^\W\d]\w*)")
_IN_BRACES = re.compile(
    r"(?:^|,\s*)(?:(?P<label>[^\W\d]\w*)\s*[=:]\s*)?(?:\"(?P<quoted>[^\"]*)\"|(?P<bare>[^,{}\"]+?))\s*(?=,|\}|$)"
)


def _in_braces(entry: Entry, braced: re.Match[str]) -> list[Entry]:
    found = []
    for match in _IN_BRACES.finditer(entry.printed[:MAX_TOLD]):
        which = "quoted" if match["quoted"] is not None else "bare"
        label = f"{braced['head']} {match['label'] or braced['label']}"
        found.append(Entry(label, match[which], entry.line, entry.column + match.start(which)))
    return found


_JOINED = re.compile(r"\s+(?:and|und|et|y|e|en|i)\s+", re.I)
_TWO_LABELS = re.compile(rf"{_JOINED.pattern}|\s*/\s*", re.I)
_COMMAS = re.compile(r",\s+")
_WIDE_SLASHES = re.compile(r"\s+/\s+")
_LABELLED_PART = re.compile(r"(?P<label>[^\W\d_]\S{0,20})\s+(?P<value>(?:\d{1,2} ?[x×] ?)?\d\S*(?: [^\W\d_]\S*)?)$")


def _labelled_parts(entry: Entry) -> list[Entry]:
    """``Cache: L1 384 KB, L2 1.5 MB``: under a label that says little each part has its own."""
    parted = _PARTS_AT_SLASHES if " / " in entry.printed else _PARTS
    parts = [m for m in parted.finditer(entry.printed[:MAX_TOLD]) if m.group().strip()]
    told = [(part, match) for part in parts if (match := _LABELLED_PART.match(part.group()))]
    if len(told) < _LEAST_PARTS or len(told) < len(parts) or not all(is_known(match["label"]) for _, match in told):
        return []
    return [
        Entry(match["label"], match["value"], entry.line, entry.column + part.start() + match.start("value"))
        for part, match in told
    ]


def _at_slashes(entry: Entry, labels: Sequence[str], values: Sequence[str]) -> Iterator[Entry]:
    at = 0
    unit = _MEASURE.search(values[-1])
    for label, value in zip(labels, values, strict=True):
        at = entry.printed.index(value, at)
        # ``CPU now/max: 1.40/4.70 GHz``
        whole = f"{value}{unit[0]}" if unit and _BARE_NUMBER.fullmatch(value) else value
        yield Entry(label, whole, entry.line, entry.column + at)
        at += len(value)


_MEASURE = re.compile(r"(?<=\d) ?(?:[GM]Hz|[KMGT]i?[BO]|MT/s)$", re.I)
_BARE_NUMBER = re.compile(r"\d[\d.,]*")


def _part(entry: Entry, label: str, start: int, end: int) -> Entry:
    return Entry(label, entry.printed[start:end].rstrip(), entry.line, entry.column + start)
