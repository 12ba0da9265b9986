"""Pairs: a label and its value on a line, by colon, equals sign, leader dots, or a gap; nested by indent.

A first label that comes again starts the next record.
"""

from __future__ import annotations

import itertools
import re
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from functools import lru_cache

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.decode import TAB, Line
from yes_tally.core.reading.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, is_likely, names_item
from yes_tally.core.reading.shapes.flow_mappings import flow_mapping
from yes_tally.core.reading.shapes.indexed_keys import by_head, by_index
from yes_tally.core.reading.shapes.layout import (
    LINES_KEPT,
    MAX_LABEL,
    MAX_LINE,
    RULE,
    Entry,
    Group,
    Heading,
    Layout,
    all_entries,
    indent_of,
    known_share,
)
from yes_tally.core.words import choice_named

_DOTS = re.compile(r"(?P<label>\S.{0,79}?)\s?(?:\.\s?){3,}\s*:?\s*(?P<value>.*)$")
# A drive's colon parts nothing: ``Page file C:\pages.sys: 4864 MB``.
_COLON = re.compile(r"(?P<label>[^\s:=](?:[^:=]|:\\){1,79}?)\s*:(?:\s+(?P<value>\S.*)|\s*)$")
_EQUALS = re.compile(r"(?P<label>[^\s=][^=:]{0,79}?)\s*=\s*(?P<value>.*)$")
_GAP = re.compile(r"(?P<label>\S+(?: \S+){0,6}?):?\s{2,}(?P<value>[^\s|].*)$")
_BAR = re.compile(r"(?P<label>[^\s|][^|]{0,79}?)\s*\|\s*(?P<value>[^|]*)$")
# Style, what a line must hold (or else the other), and the pattern.
_STYLES = (
    ("dots", "..", ". .", _DOTS),
    ("colon", ":", ":", _COLON),
    ("equals", "=", "=", _EQUALS),
    ("gap", "  ", "  ", _GAP),
    ("bar", "|", "|", _BAR),
)
_FAMILY = {"dots": "mark", "colon": "mark", "equals": "equals", "gap": "gap", "bar": "bar"}
_WEIGHT = {"mark": 1.0, "equals": 1.0, "gap": 0.7, "bar": 0.95}
# ``Check of C: no problems``: the colon is the drive's.
_DRIVE_AT_END = re.compile(r"\s(?:of|on|for|from|von|auf|de|du|di|su|van|op|na|dla|z|w|en|sur) [A-Z]$")
_NUMBERED_DRIVE = re.compile(r"\d{1,3}[.):]?\s{2,}[A-Z]")
_ALL_ASIDE = re.compile(r"\([^()]*\)|\[[^\[\]]*\]")
_LETTERED = re.compile(r"[^\W\d_]{4,} [A-Z]$")
_GAPS = re.compile(r"\S\s{2,}(?=\S)")
_RECORDS = FACTS["policy.records"].choices
# ``Carte 1 : Wickerlink GbE 210``: which one of something, whatever that may be.
_NUMBERED = re.compile(r"[^\W\d_]+(?: [^\W\d_]+)? #?\d{1,3}")
_WIDE = re.compile(r"\s{2,}")
# Dots that stand for what is left out: a mark parted the line before them, and they touch what follows.
_LEFT_OUT = re.compile(r"\w: \S.* \.\.\.$")
_QUOTES = frozenset("\"'")
_BOXED = re.compile(r"\[ +(?P<inside>[^\[\]\s](?:[^\[\]]*[^\[\]\s])?) +\]")
_QUOTED = re.compile(r"([\"'])(.*)\1$")


@dataclass(frozen=True, slots=True)
class _Pair:
    label: str
    value: str
    column: int
    style: str


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as pairs, or ``None`` when no style of pair explains at least a third of it."""
    parsed = [_pairs_of(line) for line in lines]
    _fill_leaders(lines, parsed)
    _fill_gaps(lines, parsed)
    families = Counter(_FAMILY[style] for found in parsed for style in found)
    if not families:
        return None
    ranked = sorted(families, key=lambda f: (-families[f] * _WEIGHT[f], f != "mark"))
    return next((layout for family in ranked if (layout := _as(family, lines, parsed))), None)


def _fill_gaps(lines: Sequence[Line], parsed: Sequence[dict[str, _Pair]]) -> None:
    """Where values stand below each other behind gaps, a label so long that one blank is left has its value there too."""
    columns = Counter(found["gap"].column for found in parsed if "gap" in found)
    usual = [column for column, count in columns.most_common(_MOST_COLUMNS) if count >= _LEAST_GAPS]
    for line, found in zip(lines, parsed, strict=True) if usual else ():
        text = line.text
        at = next((c for c in usual if len(text) > c and text[c - 1] == " " != text[c] and text[c - 2] != " "), None)
        label = text[:at].strip() if at and "gap" not in found else ""
        if at and label and "  " not in label and (is_likely(label) or _VARIABLE.fullmatch(label)):
            found["gap"] = _Pair(label.rstrip(" .:"), text[at:].rstrip(), at, "gap")


_MOST_COLUMNS = 4
_LEAST_GAPS = 3


def _fill_leaders(lines: Sequence[Line], parsed: Sequence[dict[str, _Pair]]) -> None:
    """Where lines have leader dots, a label so long that one dot or none is left of them has its value below the
    others'."""
    columns = Counter(found["dots"].column for found in parsed if "dots" in found)
    usual, count = columns.most_common(1)[0] if columns else (0, 0)
    if count < _LEAST_LEADERS:
        return
    for line, found in zip(lines, parsed, strict=True):
        match = None if "dots" in found else _LAST_DOT.match(line.text)
        text = line.text
        gap = found.get("gap")
        if match and match.start("value") == usual and len(text) <= MAX_LINE:
            found["dots"] = _Pair(match["label"], match["value"].rstrip(), usual, "dots")
        elif gap and "dots" not in found and gap.column == usual:
            found["dots"] = replace(gap, style="dots")
        elif (
            "dots" not in found and len(text) > usual > 1 and text[usual - 2 : usual].strip() and text[usual - 1] == " "
        ):
            label = text[:usual].strip()
            if is_likely(label):
                found["dots"] = _Pair(label, text[usual:].rstrip(), usual, "dots")


_LEAST_LEADERS = 2
_LAST_DOT = re.compile(r"\s*(?P<label>[^\W\d_].{0,79}?) ?\.{1,2}:? (?P<value>\S.*)$")


def _as(family: str, lines: Sequence[Line], parsed: Sequence[dict[str, _Pair]]) -> Layout | None:
    """The block read by one family of marks."""
    pairs = [next((p for s, p in found.items() if _FAMILY[s] == family), None) for found in parsed]
    for index, (line, below) in enumerate(itertools.pairwise(lines)):
        head = parsed[index].get("colon")
        if pairs[index] is None and head and head.value and indent_of(below.text) > indent_of(line.text):
            # What names an item heads its record by its colon, whatever marks the pairs below it.
            pairs[index] = head if names_item(head.label) else None
    if family != "gap":
        pairs = _with_gaps_below_heads(lines, parsed, pairs)
    else:
        pairs = _without_heads(lines, pairs)
        if not _aligned(pairs):
            return None
    matched = sum(pair is not None for pair in pairs) + _going_on(lines, pairs)
    if matched * 3 < len([line for line in lines if not RULE.match(line.text)]):
        return None
    groups = _tree(lines, pairs)
    entries = all_entries(groups)
    if not entries:
        return None
    coverage = min(1.0, len(entries) / len(lines))
    repeated = sum(len(group.children) for group in groups) > 1 and any(len(g.entries) > 1 for g in groups[0].children)
    share = known_share(entries)
    if share < 1:
        share = max(share, sum([_is_recorded(entry.printed) for entry in entries]) / len(entries))
    if share == 0 and len(entries) * 2 < len(lines) and not any(_LETTERED.search(entry.label) for entry in entries):
        return None  # a stray mark makes no pairs of lines of another form
    cut = sum(pair is not None and len(_GAPS.findall(pair.value)) >= 2 for pair in pairs)
    # Where most values fall apart at gaps, the lines are rows of a table.
    rows = 0.6 if family == "gap" and cut * 2 > len(lines) else 1.0
    return Layout(
        "records" if repeated else "pairs",
        groups,
        rows * _WEIGHT[family] * (0.4 + 0.6 * share) * (0.5 + 0.5 * coverage),
    )


def _with_gaps_below_heads(
    lines: Sequence[Line], parsed: Sequence[dict[str, _Pair]], pairs: Sequence[_Pair | None]
) -> list[_Pair | None]:
    """``Caches`` over deeper lines like ``L1    512 KB`` among pairs with marks: known labels, each beside one value, are
    pairs by their gaps."""
    mended = list(pairs)
    index = 1
    while index < len(lines):
        end = index
        while end < len(lines) and pairs[end] is None and _known_by_gap(parsed[end]):
            end += 1
        above = pairs[index - 1]
        own = {indent_of(line.text) for line in lines[index:end]}
        heads = (above is None or not above.value) and indent_of(lines[index - 1].text) < min(own, default=0)
        if end - index >= _LEAST_BELOW and len(own) == 1 and heads:
            mended[index:end] = [found["gap"] for found in parsed[index:end]]
        index = max(end, index + 1)
    return mended


_LEAST_BELOW = 2


def _known_by_gap(found: Mapping[str, _Pair]) -> bool:
    pair = found.get("gap")
    return pair is not None and "  " not in pair.value and is_known(pair.label)


def _without_heads(lines: Sequence[Line], pairs: Sequence[_Pair | None]) -> list[_Pair | None]:
    """``[1] Pellucid P24h        main`` over deeper pairs whose values stand in another column: it names what they are
    told of, with a mark behind a gap, and is no pair of theirs."""
    columns = Counter(pair.column for pair in pairs if pair)
    usual, count = columns.most_common(1)[0] if columns else (0, 0)
    return [
        None
        if pair
        and count >= _LEAST_GAPS
        and pair.column != usual
        and _LISTED.match(line.text.lstrip())
        and indent_of(below.text) > indent_of(line.text)
        and not is_known(pair.label)
        else pair
        for line, below, pair in zip(lines, [*lines[1:], lines[-1]], pairs, strict=True)
    ]


def _going_on(lines: Sequence[Line], pairs: Sequence[_Pair | None]) -> int:
    """How many lines go on with the pair above them: they stand under its value, or are listed below its label."""
    count, column, indent = 0, 0, 0
    for line, pair in zip(lines, pairs, strict=True):
        own = indent_of(line.text)
        if pair:
            column, indent = pair.column, own
        elif column and (own >= column - 2 or (own > indent and _LISTED.match(line.text, own))):
            count += 1
    return count


_ORDINAL = re.compile(r"\(?\d{1,3}[.)]\s+(?=[^\W\d_])")
_DASH = frozenset("-–—")
_DASHES = re.compile(r"[-–—]{2,3}\s+(?=\S)|[–—]\s+(?=\S)")
_MARK_ALONE = frozenset({"= ", ": "})
_MARKED = frozenset({"dots", "colon", "equals"})
_DIGITS = frozenset("(0123456789")
# What variables are called.
_VARIABLE = re.compile(r"[A-Z][A-Z0-9_]+")
_PAIR_BESIDE = re.compile(r"\S\s{2,}[^\W\d_][^:]{1,30}:\s+\S")
# ``{current}   Harbour OS 12``: what boot entries are called by begins a row.
_NAMED_IN_BRACES = re.compile(r"\{[\w-]+\}")
_LISTED = re.compile(r"(?:\[\d{1,4}\]:?|\d{1,4}[.):]|[*•-])\s+(?=\S)")


def _pairs_of(line: Line) -> dict[str, _Pair]:
    """The pairs that each style sees in a line."""
    return dict(_pairs_in(line.text, line.tabbed))


@lru_cache(maxsize=LINES_KEPT)
def _pairs_in(text: str, tabbed: str | None) -> Mapping[str, _Pair]:
    body, dash = _without_dash(text)
    if body[:1] == "{" and body[-1:] == "}":
        body, dash = body[1:-1], dash + 1  # a record on one line (YAML 1.2, 7.4.2)
    found: dict[str, _Pair] = {}
    if not body or len(text) > MAX_LINE or RULE.match(text[:MAX_LABEL]):
        return found
    start = indent_of(text) + dash
    for style, sign, other, pattern in _STYLES:
        match = pattern.match(body) if sign in body or other in body else None
        if match is None or (style == "dots" and "..." not in match.group().replace(" ", "")):
            continue
        value = (match["value"] or "").rstrip()
        if style == "dots" and _LEFT_OUT.search(match.group()[: match.start("value")]) and not _WIDE.search(body):
            continue  # ``licence: licensed, key ...4PV9C``
        if style == "gap" and value[:2] in _MARK_ALONE:
            continue  # ``TEMP    = C:\\Temp``: the mark parts them, and no gap
        column = start + (match.start("value") if value else len(body))
        if value[:1] in _DASH and (dashes := _DASHES.match(value)):
            value, column = value[dashes.end() :], column + dashes.end()  # ``Disk 0  -- Basalt NV1000``
        quoted = _QUOTED.match(value) if value[:1] in _QUOTES else None
        if quoted:
            value, column = quoted[2], column + 1
        boxed = _BOXED.fullmatch(value) if value[:2] == "[ " else None
        if boxed:
            value, column = boxed["inside"], column + boxed.start("inside")  # ``Secure boot   [ on  ]``
        label = match["label"].rstrip(" .:")
        ordinal = _ORDINAL.match(label) if style in _MARKED and label[:1] in _DIGITS else None
        if ordinal and (is_likely(label[ordinal.end() :]) or words_of(label[ordinal.end() :]) in SUBJECTS):
            label = label[ordinal.end() :]  # ``3. Serial number ..... 4711``
        if style == "colon" and (
            _DRIVE_AT_END.search(label) or len(_GAPS.findall(label)) > (2 if names_item(_WIDE.split(label)[0]) else 1)
        ):
            continue
        if style == "colon" and _ALL_ASIDE.fullmatch(value) and _LETTERED.search(label):
            continue  # ``Drive C: (SYSTEM)``: the colon is the drive's
        if style == "colon" and "  " in label and (_LISTED.match(label) or _NUMBERED_DRIVE.fullmatch(label)):
            continue  # ``3  C:   931.2 GB``, ``2. Ledger matrix   on LPT1:  driver Matrix 24``: the colon is the port's
        beside = _WIDE.split(label) if style == "colon" and "  " in label else []
        if len(beside) == 2 and is_known(beside[1]) and not names_item(beside[0]) and not is_known(beside[0]):
            label = beside[1]  # ``now at 60 Hz      status: working``: what stands before is no part of the label
        if any(map(str.isalpha, label)) and "; " not in label and not _NAMED_IN_BRACES.match(label):
            found[style] = _Pair(label, value, column, style)
    if tabbed and (pair := _at_tab(tabbed)):
        found["gap"] = pair
    return found


def _at_tab(tabbed: str) -> _Pair | None:
    """A tab between label and value is a gap, however few blanks it spreads to."""
    body = tabbed.strip()
    label, _, value = body.partition("\t")
    if not value.strip() or len(label) > MAX_LABEL or not any(c.isalpha() for c in label):
        return None
    before = tabbed[: tabbed.index(body) + len(label)] + "\t" + value[: len(value) - len(value.lstrip())]
    return _Pair(label.rstrip(" .:"), value.strip(), len(before.expandtabs(TAB)), "gap")


def _without_dash(text: str) -> tuple[str, int]:
    """``- mount: C:`` begins an item of a list; the dash is no part of the label."""
    body = text.strip()
    if not body.startswith("- "):
        return body, 0
    return (body[2:].lstrip(), len(body) - len(body[2:].lstrip()))


def _aligned(pairs: Sequence[_Pair | None]) -> bool:
    """Whether a gap is a column: most values start below each other, and most labels mean something."""
    columns = Counter(pair.column for pair in pairs if pair)
    total = sum(columns.values())
    top = sum(count for _, count in columns.most_common(3))
    known = sum(is_likely(pair.label) or ("  " not in pair.value and _names_kind(pair.label)) for pair in pairs if pair)
    if known < total:
        known = max(known, sum([pair is not None and _is_recorded(pair.value) for pair in pairs]))
    rows = sum("   " in pair.value and not names_item(pair.label) for pair in pairs if pair)
    if rows * 2 > total and len({pair.label for pair in pairs if pair}) < total:
        return False  # rows that begin alike
    names = {pair.label for pair in pairs if pair and _VARIABLE.fullmatch(pair.label)}
    known = max(known, len(names)) if len(names) == total else known
    if total == 1:
        kind = [pair for pair in pairs if pair and ("  " not in pair.value and _names_kind(pair.label))]
        return bool(kind) or any(is_known(pair.label) for pair in pairs if pair)
    return total > 1 and top * 3 >= total * 2 and known * 2 >= total


def _is_recorded(text: str) -> bool:
    """Whether a value says what of something is audited, and nothing more: such a list names what nobody knows."""
    return choice_named("records", _RECORDS, text) is not None


def _tree(lines: Sequence[Line], pairs: Sequence[_Pair | None]) -> list[Group]:
    root = Group()
    stack: list[tuple[int, Group]] = [(-1, root)]
    last: tuple[int, _Pair] | None = None
    indents = [indent_of(line.text) for line in lines]
    for index, (line, pair) in enumerate(zip(lines, pairs, strict=True)):
        text = line.text
        if not text.strip() or (pair is None and RULE.match(text[:MAX_LABEL])):
            continue
        indent = indents[index]
        if record := flow_mapping(line):
            while stack[-1][0] >= indent:
                stack.pop()
            _holder(stack, indent).children.append(Group(entries=record))
            last = None
            continue
        deeper = index + 1 < len(lines) and indents[index + 1] > indent
        if pair is None and last and indent > last[0] and _lists_record(lines, pairs, indents, index):
            # ``Cards: 2 fitted`` over ``[01]: Wickerlink GbE 210`` with pairs below it: records of the label's.
            while stack[-1][0] >= last[0]:
                stack.pop()
            entries, counts = stack[-1][1].entries, last[1].value[:1].isdigit()
            at = entries.pop().line if entries and counts and entries[-1].label == last[1].label else line.number - 1
            owner = Group(Heading(last[1].label, at, last[0] + 1))
            stack[-1][1].children.append(owner)
            stack.append((last[0], owner))
            last = None
        if pair is None and last and indent > last[0] and not (deeper and indent < last[1].column):
            _holder(stack, last[0]).entries.append(Entry(last[1].label, text.strip(), line.number, indent + 1))
            continue
        listed = (
            pair is not None and not pair.value and deeper and _LISTED.match(lines[index + 1].text, indents[index + 1])
        )
        opens = deeper and (bool(listed) or not (pairs[index + 1] is None and pair is not None))
        if (
            pair is None
            and len(stack) > 1
            and stack[-1][1].heading
            and indent > stack[-1][0]
            and _LISTED.match(text, indent)
            and not _lists_record(lines, pairs, indents, index)
        ):
            # ``disks`` over ``0: Basalt NV1000, 1.0 TB``: listed under what they are.
            stack[-1][1].entries.append(Entry(stack[-1][1].heading.text, text.strip(), line.number, indent + 1))
        elif (pair is None and (opens or _heads(pairs, index, text))) or (pair and not pair.value and opens):
            while stack[-1][0] >= indent:
                stack.pop()
            child = Group(Heading(text.strip(), line.number, indent + 1))
            stack[-1][1].children.append(child)
            stack.append((indent if opens else indent - 1, child))
            last = None
        elif pair and deeper and (_names_one(pair.label) or (pairs[index + 1] and _names_kind(pair.label))):
            # ``Disk 0: Basalt NV1000``, ``Firmware: Loamgate L52`` over indented pairs: a record that the pair begins.
            while stack[-1][0] >= indent:
                stack.pop()
            child = Group(Heading(pair.label, line.number, indent + 1))
            child.entries.append(Entry(pair.label, pair.value, line.number, pair.column + 1))
            stack[-1][1].children.append(child)
            stack.append((indent, child))
            last = None
        elif pair:
            dash = _without_dash(text)[1] if text[indent] == "-" else 0
            while stack[-1][0] >= indent:
                stack.pop()
            if dash:
                item = Group()
                _holder(stack, indent).children.append(item)
                stack.append((indent, item))
                indent += dash
            _add(stack, indent, Entry(pair.label, pair.value, line.number, pair.column + 1))
            last = (indent, pair)
    return _records(root)


def _lists_record(lines: Sequence[Line], pairs: Sequence[_Pair | None], indents: Sequence[int], index: int) -> bool:
    """Whether a line is one of a list, with pairs below it."""
    return (
        index + 1 < len(lines)
        and indents[index + 1] > indents[index]
        and pairs[index + 1] is not None
        and _LISTED.match(lines[index].text, indents[index]) is not None
    )


def _names_one(label: str) -> bool:
    return names_item(label) or _NUMBERED.fullmatch(label) is not None


def _names_kind(label: str) -> bool:
    """Whether a label is nothing but what a thing is called (``Mainboard``)."""
    return words_of(label) in SUBJECTS


def _holder(stack: list[tuple[int, Group]], indent: int) -> Group:
    for at, group in reversed(stack):
        if at < indent:
            return group
    return stack[0][1]


def _add(stack: list[tuple[int, Group]], indent: int, entry: Entry) -> None:
    _holder(stack, indent).entries.append(entry)


def _heads(pairs: Sequence[_Pair | None], index: int, text: str) -> bool:
    """A short line before a pair, with none before it, is what the pairs speak of."""
    before = pairs[index - 1] if index else None
    after = pairs[index + 1] if index + 1 < len(pairs) else None
    return after is not None and before is None and len(text.strip()) <= MAX_LABEL and not text.rstrip().endswith(".")


def _records(root: Group) -> list[Group]:
    """Split the top level where its first label is repeated; each part is then a record of its own."""
    for group in list(root.walk()):
        group.entries, indexed = by_index(group.entries)
        group.entries, headed = by_head(group.entries)
        group.children += [*headed, *indexed]
    entries = root.entries
    first = entries[0].label if entries else ""
    starts = [i for i, e in enumerate(entries) if e.label == first and e.printed != ""]
    apart = [i for i, j in itertools.pairwise(starts) if j - i > 1]
    # ``Profile: domain   State: on``: each line is a record.
    whole = len(starts) == len(entries) and all(_PAIR_BESIDE.search(entry.printed) for entry in entries)
    if len(starts) < 2 or not (apart or whole):
        return [root]
    bounds = [*starts, len(entries)]
    parts = [Group(entries=entries[a:b]) for a, b in itertools.pairwise(bounds)]
    return [Group(heading=root.heading, children=[*parts, *root.children], table=False)]
