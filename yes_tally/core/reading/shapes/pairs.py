"""Pairs: a label and its value on a line, by colon, equals sign, leader dots, or a gap; nested by indent.

A first label that comes again starts the next record.
"""

from __future__ import annotations

import itertools
import re
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import replace

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.phrases import is_known, is_likely, names_item
from yes_tally.core.reading.shapes.layout import (
    MAX_LINE,
    Layout,
    all_entries,
    indent_of,
    is_rule,
    known_share,
)
from yes_tally.core.reading.shapes.nested_pairs import names_kind, nested
from yes_tally.core.reading.shapes.pairs_in_lines import GAPS, LETTERED, LISTED, Pair, pairs_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import choice_named

_FAMILY = {"dots": "mark", "colon": "mark", "equals": "equals", "gap": "gap", "bar": "bar"}
_WEIGHT = {"mark": 1.0, "equals": 1.0, "gap": 0.7, "bar": 0.95}
_RECORDS = FACTS["policy.records"].choices
_WIDE = re.compile(r"\s{2,}")
# What variables are called.
_VARIABLE = re.compile(r"[A-Z][A-Z0-9_]+")


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read a block as pairs, or ``None`` when no style of pair explains at least a third of it."""
    parsed = [pairs_of(line) for line in lines]
    _fill_leaders(lines, parsed)
    _fill_gaps(lines, parsed)
    _fill_colons(lines, parsed)
    families = Counter(_FAMILY[style] for found in parsed for style in found)
    if not families:
        return None
    ranked = sorted(families, key=lambda f: (-families[f] * _WEIGHT[f], f != "mark"))
    return next((layout for family in ranked if (layout := _as(family, lines, parsed))), None)


def _fill_colons(lines: Sequence[Line], parsed: Sequence[dict[str, Pair]]) -> None:
    """Where values stand below each other behind colons, a label so long that no blank is left has its value there too."""
    columns = Counter(found["colon"].column for found in parsed if "colon" in found)
    usual, count = columns.most_common(1)[0] if columns else (0, 0)
    for line, found in zip(lines, parsed, strict=True) if count >= _LEAST_GAPS else ():
        text = line.text
        if "colon" not in found and len(text) > usual and text[usual - 1] == ":" and text[usual] != " ":
            label = text[: usual - 1].strip()
            if is_likely(label):
                found["colon"] = Pair(label, text[usual:].rstrip(), usual, "colon")


def _fill_gaps(lines: Sequence[Line], parsed: Sequence[dict[str, Pair]]) -> None:
    """Where values stand below each other behind gaps, a label so long that one blank is left has its value there too."""
    columns = Counter(found["gap"].column for found in parsed if "gap" in found)
    usual = [column for column, count in columns.most_common(_MOST_COLUMNS) if count >= _LEAST_GAPS]
    indent = min((indent_of(line.text) for line, found in zip(lines, parsed, strict=True) if "gap" in found), default=0)
    for line, found in zip(lines, parsed, strict=True) if usual else ():
        text = line.text
        at = next((c for c in usual if len(text) > c and text[c - 1] == " " != text[c] and text[c - 2] != " "), None)
        if at is None and "gap" not in found and indent_of(text) == indent:
            at = _pushed_on(text, usual[0])
        label = text[:at].strip() if at and "gap" not in found else ""
        told = is_likely(label) or _VARIABLE.fullmatch(label) or _is_recorded(text[at:])
        if at and label and "  " not in label and told:
            found["gap"] = Pair(label.rstrip(" .:"), text[at:].rstrip(), at, "gap")


def _pushed_on(text: str, usual: int) -> int | None:
    """Where the value begins that a label of one word, longer than the others, pushed on by a little."""
    blank = text.find(" ", usual)
    label = text[:blank].strip()
    late = 0 <= blank - usual < _PUSHED and " " not in label and len(text) > blank + 1 and text[blank + 1] != " "
    return blank + 1 if late and is_known(label) else None


_MOST_COLUMNS = 4
_LEAST_GAPS = 3
_PUSHED = 6


def _fill_leaders(lines: Sequence[Line], parsed: Sequence[dict[str, Pair]]) -> None:
    """Where lines have leader dots, a label so long that one dot or none is left of them has its value below the
    others'."""
    columns = Counter(found["dots"].column for found in parsed if "dots" in found)
    if columns.total() < _LEAST_LEADERS:
        return
    usual, count = columns.most_common(1)[0]
    if count < _LEAST_LEADERS:
        usual = -1
    for line, found in zip(lines, parsed, strict=True):
        match = None if "dots" in found else _LAST_DOT.match(line.text)
        text = line.text
        gap = found.get("gap")
        below = match and (match.start("value") == usual or (" .. " in text and is_likely(match["label"])))
        if match and below and len(text) <= MAX_LINE:
            found["dots"] = Pair(match["label"], match["value"].rstrip(), match.start("value"), "dots")
        elif gap and "dots" not in found and gap.column == usual and ": " not in gap.label:
            found["dots"] = replace(gap, style="dots")
        elif (
            "dots" not in found and len(text) > usual > 1 and text[usual - 2 : usual].strip() and text[usual - 1] == " "
        ):
            label = text[:usual].strip()
            if is_likely(label):
                found["dots"] = Pair(label, text[usual:].rstrip(), usual, "dots")


_LEAST_LEADERS = 2
_LAST_DOT = re.compile(r"\s*(?P<label>[^\W\d_].{0,79}?) ?\.{1,2}:? (?P<value>\S.*)$")


def _as(family: str, lines: Sequence[Line], parsed: Sequence[dict[str, Pair]]) -> Layout | None:
    """The block read by one family of marks."""
    styles = [style for style, of in _FAMILY.items() if of == family]
    pairs = [next((found[style] for style in styles if style in found), None) for found in parsed]
    for index, (line, below) in enumerate(itertools.pairwise(lines)):
        head = parsed[index].get("colon")
        heads = head and head.value and indent_of(below.text) > indent_of(line.text) and names_item(head.label)
        if heads and (pairs[index] is None or family == "gap"):
            # What names an item heads its record by its colon, whatever marks the pairs below it, and whatever stands
            # behind a gap on its own line (``Disk 1: Shale 1T      failing``).
            pairs[index] = head
    if family != "gap":
        pairs = _with_gaps_below_heads(lines, parsed, pairs)
    else:
        pairs = _without_heads(lines, pairs)
        if not _aligned(pairs) and not _under_one_head(lines, pairs):
            return None
    matched = sum(pair is not None for pair in pairs) + _going_on(lines, pairs)
    if matched * 3 < len([line for line in lines if not is_rule(line.text)]):
        return None
    groups = nested(lines, pairs)
    entries = all_entries(groups)
    if not any(entry.printed for entry in entries):
        return None
    coverage = min(1.0, len(entries) / len(lines))
    repeated = sum(len(group.children) for group in groups) > 1 and any(len(g.entries) > 1 for g in groups[0].children)
    share = known_share(entries)
    if share < 1:
        share = max(share, sum([_is_recorded(entry.printed) for entry in entries]) / len(entries))
    if share == 0 and len(entries) * 2 < len(lines) and not any(LETTERED.search(entry.label) for entry in entries):
        return None  # a stray mark makes no pairs of lines of another form
    cut = sum(pair is not None and len(GAPS.findall(pair.value)) >= 2 for pair in pairs)
    # Where most values fall apart at gaps, the lines are rows of a table.
    rows = 0.6 if family == "gap" and cut * 2 > len(lines) else 1.0
    return Layout(
        "records" if repeated else "pairs",
        groups,
        rows * _WEIGHT[family] * (0.4 + 0.6 * share) * (0.5 + 0.5 * coverage),
    )


def _with_gaps_below_heads(
    lines: Sequence[Line], parsed: Sequence[dict[str, Pair]], pairs: Sequence[Pair | None]
) -> list[Pair | None]:
    """``Caches`` over deeper lines like ``L1    512 KB`` among pairs with marks: known labels, each beside one value, are
    pairs by their gaps, and so is a single one below ``Disk: Shoal HD4``."""
    mended = list(pairs)
    index = 1
    while index < len(lines):
        end = index
        while end < len(lines) and pairs[end] is None and _known_by_gap(parsed[end]):
            end += 1
        above = pairs[index - 1]
        own = {indent_of(line.text) for line in lines[index:end]}
        named = above is not None and bool(above.value) and names_kind(above.label)
        heads = named or above is None or not above.value
        deeper = indent_of(lines[index - 1].text) < min(own, default=0)
        if end - index >= (1 if named else _LEAST_BELOW) and len(own) == 1 and heads and deeper:
            mended[index:end] = [found["gap"] for found in parsed[index:end]]
        index = max(end, index + 1)
    return mended


_LEAST_BELOW = 2


def _known_by_gap(found: Mapping[str, Pair]) -> bool:
    pair = found.get("gap")
    return pair is not None and "  " not in pair.value and is_known(pair.label)


def _without_heads(lines: Sequence[Line], pairs: Sequence[Pair | None]) -> list[Pair | None]:
    """``[1] Pellucid P24h        main`` over deeper pairs whose values stand in another column: it names what they are
    told of, with a mark behind a gap, and is no pair of theirs."""
    columns = Counter(pair.column for pair in pairs if pair)
    usual, count = columns.most_common(1)[0] if columns else (0, 0)
    return [
        None
        if pair
        and count >= _LEAST_GAPS
        and pair.column != usual
        and LISTED.match(line.text.lstrip())
        and indent_of(below.text) > indent_of(line.text)
        and not is_known(pair.label)
        else pair
        for line, below, pair in zip(lines, [*lines[1:], lines[-1]], pairs, strict=True)
    ]


def _going_on(lines: Sequence[Line], pairs: Sequence[Pair | None]) -> int:
    """How many lines go on with the pair above them: they stand under its value, or are listed below its label."""
    count, column, indent = 0, 0, 0
    for line, pair in zip(lines, pairs, strict=True):
        own = indent_of(line.text)
        if pair:
            column, indent = pair.column, own
        elif column and (own >= column - 2 or (own > indent and LISTED.match(line.text, own))):
            count += 1
    return count


def _aligned(pairs: Sequence[Pair | None]) -> bool:
    """Whether a gap is a column: most values start below each other, and most labels mean something."""
    columns = Counter(pair.column for pair in pairs if pair)
    total = sum(columns.values())
    top = sum(count for _, count in columns.most_common(3))
    known = sum(is_likely(pair.label) or ("  " not in pair.value and names_kind(pair.label)) for pair in pairs if pair)
    if known < total:
        known = max(known, sum([pair is not None and _is_recorded(pair.value) for pair in pairs]))
    rows = sum("   " in pair.value and not names_item(pair.label) for pair in pairs if pair)
    if all(_is_row(pair) for pair in pairs if pair):
        return False
    if rows * 2 > total and len({pair.label for pair in pairs if pair}) < total:
        return False  # rows that begin alike
    names = {pair.label for pair in pairs if pair and _VARIABLE.fullmatch(pair.label)}
    known = max(known, len(names)) if len(names) == total else known
    if total == 1:
        kind = [pair for pair in pairs if pair and ("  " not in pair.value and names_kind(pair.label))]
        return bool(kind) or any(is_known(pair.label) for pair in pairs if pair)
    return total > 1 and top * 3 >= total * 2 and known * 2 >= total


def _under_one_head(lines: Sequence[Line], pairs: Sequence[Pair | None]) -> bool:
    """``Processor   Kestrel K7`` over deeper pairs in one column, be their labels known or not."""
    head, *below = pairs
    if not head or not below or "  " in head.value or not (names_kind(head.label) or names_item(head.label)):
        return False
    deeper = all(indent_of(line.text) > indent_of(lines[0].text) for line in lines[1:])
    return deeper and all(
        pair and "  " not in pair.value and abs(pair.column - below[0].column) <= 2 for pair in below if below[0]
    )


def _is_row(pair: Pair) -> bool:
    """``user   nice   sys   idle``: whether a pair by its gap is a row of single words."""
    return len(GAPS.findall(pair.value)) >= _LEAST_GAPS - 1 and " " not in _WIDE.sub("", pair.value)


def _is_recorded(text: str) -> bool:
    """Whether a value says what of something is audited, and nothing more: such a list names what nobody knows."""
    return choice_named("records", _RECORDS, text) is not None
