"""What pairs a line holds: a label and its value by colon, equals sign, leader dots, a gap, or a bar."""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass, replace
from functools import lru_cache

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known, is_likely, names_item
from yes_tally.core.reading.shapes.layout import LINES_KEPT, MAX_LABEL, MAX_LINE, indent_of, is_rule
from yes_tally.core.reading.text.decode import Line

_DOTS = re.compile(r"(?P<label>\S.{0,79}?)\s?(?:\.\s?){3,}\s*:?\s*(?P<value>.*)$")
# A drive's colon parts nothing: ``Page file C:\pages.sys: 4864 MB``.
_COLON = re.compile(r"(?P<label>[^\s:=](?:[^:=]|:\\|:[)\]]){1,79}?)\s*:(?:\s+(?P<value>\S.*)|\s*)$")
# ``Maker:Corrane``, behind a label that is known.
_TIGHT = re.compile(r"(?P<label>[^\W\d_][^:=]{0,48}[^\s:=]):(?P<value>(?![\\/:,;.)])\S.*)$")
# ``Secure boot on? yes``
_ANSWERED = re.compile(
    r"(?P<label>[^\W\d_][^?:=]{2,78}\?)\s(?P<value>(?:[A-Z\d]|(?:yes|no|on|off|oui|non|ja|nein|nee|s[ií]|sim|n[ãa]o|tak|nie)\b)[^?]*)$"
)
_EQUALS = re.compile(r"(?P<label>[^\s=][^=:]{0,79}?)\s*=\s*(?P<value>.*)$")
_GAP = re.compile(r"(?P<label>\S+(?: \S+){0,6}?):?\s{2,}(?P<value>[^\s|].*)$")
_BAR = re.compile(r"(?P<label>[^\s|][^|]{0,79}?)\s*\|\s*(?P<value>[^|]*)$")
_BARS_AROUND_PAIR = 3
# Style, what a line must hold (or else the other), and the pattern.
_STYLES = (
    ("dots", "..", ". .", _DOTS),
    ("colon", ":", ":", _COLON),
    ("equals", "=", "=", _EQUALS),
    ("gap", "  ", "  ", _GAP),
    ("bar", "|", "|", _BAR),
)
# ``Check of C: no problems``: the colon is the drive's.
_DRIVE_AT_END = re.compile(r"\s(?:of|on|for|from|von|auf|de|du|di|su|van|op|na|dla|z|w|en|sur) [A-Z]$")
_LETTER_AT_END = re.compile(r"\s[A-Z]$")
# ``Free on C:   37 GB``, ``Free on C: : 37 GB``
_THEN_A_VALUE = frozenset({":  ", ": :"})
# ``Print to file   FILE:   ready``
_PORT_AT_END = re.compile(r"\s{2}(?:FILE|LPT\d|COM\d|USB\d{1,3}|NUL)$")
_NUMBERED_DRIVE = re.compile(r"\d{1,3}[.):]?\s{2,}[A-Z]")
# What a sentence begins with, whatever its colon parts.
_SUBJECT_AND_VERB = re.compile(
    r"(?:this|the|dieser|diese|der|die|das|ce|cet|cette|le|la|este|esta|el|questo|questa|il|o|a|deze|dit|de|het|ten|ta|to) [^\W\d_]+ "
    r"(?:is|are|has|ist|hat|est|a|está|es|tiene|é|tem|è|ha|heeft|jest|ma) [^\W\d_]+ ",
    re.I,
)
_ALL_ASIDE = re.compile(r"\([^()]*\)|\[[^\[\]]*\]")
LETTERED = re.compile(r"[^\W\d_]{4,} [A-Z]$")
GAPS = re.compile(r"\S\s{2,}(?=\S)")
_WIDE = re.compile(r"\s{2,}")
# Dots that stand for what is left out: a mark parted the line before them, and they touch what follows.
_LEFT_OUT = re.compile(r"\w: \S.* \.\.\.$")
_TAIL_OF_KEY = re.compile(r" \.{3}[A-Z0-9]{4,6}(?![\w.])")
_QUOTES = frozenset("\"'")
_BOXED = re.compile(r"\[ +(?P<inside>[^\[\]\s](?:[^\[\]]*[^\[\]\s])?) +\]")
# ``{Kestrel K7-8700 @ 3.60GHz}``, ``{3}``: a list of one; ``{current}`` and ``{c1f7…}`` are what things are called.
_LIST_OF_ONE = re.compile(r"\{(?P<inside>[^{}:=,]* [^{}:=,]*|\d{1,3})\}")
# ``Manufacturer = "Corrane";``: an assignment ends so (DMTF DSP0221, MOF, 5.4).
_ENDED = re.compile(r"\"[^\"]*\";|[\w.+-]+;")
# ``Cores=uint32:4``: what kind of value it is (DMTF DSP0004, 5.2.2, and in other words).
_TYPED = re.compile(
    r"(?:[us]?int(?:8|16|32|64)?|integer|number|real(?:32|64)?|float|double|string|str|text|bool(?:ean)?|flag|date(?:time)?):(?=[\w\"'-])",
    re.I,
)
_COUNTED_BRACES = re.compile(r"\}\s+[-+]?[\d.]+(?:[eE][-+]?\d+)?$")
_QUOTED = re.compile(r"([\"'])(.*)\1$")


_ORDINAL = re.compile(r"\(?\d{1,3}[.)]\s+(?=[^\W\d_])")
_DASH = frozenset("-–—=→»:")
_DASHES = re.compile(r"(?:[-–—]{2,3}|[–—→»]|[-=]>|::|:=)\s+(?=\S)")
_MARK_ALONE = frozenset({"= ", ": "})
_MARKED = frozenset({"dots", "colon", "equals"})
_DIGITS = frozenset("(0123456789")
# ``{current}   Harbour OS 12``: what boot entries are called by begins a row.
_NAMED_IN_BRACES = re.compile(r"\{[\w-]+\}")
LISTED = re.compile(r"(?:\[\d{1,4}\]:?|\d{1,4}[.):]|[*•-])\s+(?=\S)")


@dataclass(frozen=True, slots=True)
class Pair:
    """A label and its value as one style sees them; ``column`` (from 0) is where the value begins."""

    label: str
    value: str
    column: int
    style: str


def pairs_of(line: Line) -> dict[str, Pair]:
    """The pairs that each style sees in a line."""
    return dict(_pairs_in(line.text, line.tabbed))


@lru_cache(maxsize=LINES_KEPT)
def _pairs_in(text: str, tabbed: str | None) -> Mapping[str, Pair]:
    body, dash = without_dash(text)
    if body[:1] == "{" and body[-1:] == "}":
        body, dash = body[1:-1], dash + 1  # a record on one line (YAML 1.2, 7.4.2)
    if body[:1] == "|" and body[-1:] == "|" and body.count("|") == _BARS_AROUND_PAIR:
        inside = body[1:-1]
        body, dash = inside.strip(), dash + 1 + len(inside) - len(inside.lstrip())
    found: dict[str, Pair] = {}
    if not body or len(text) > MAX_LINE or is_rule(text):
        return found
    start = indent_of(text) + dash
    for style, sign, other, pattern in _STYLES:
        match = pattern.match(body) if sign in body or other in body else None
        if match is None or (style == "dots" and "..." not in match.group().replace(" ", "")):
            continue
        value = (match["value"] or "").rstrip()
        if style == "colon" and value[-1:] == "|" and body[:1] == "|":
            value = value.rstrip("| ")  # the frame's
        if style == "dots" and _LEFT_OUT.search(match.group()[: match.start("value")]) and not _WIDE.search(body):
            continue  # ``licence: licensed, key ...4PV9C``
        if style == "dots" and ", " in match["label"] and _TAIL_OF_KEY.search(body):
            continue  # ``Harbour OS 12, retail licence, key ...7Q2KM: licensed``
        if style == "gap" and value[:2] in _MARK_ALONE:
            continue  # ``TEMP    = C:\\Temp``: the mark parts them, and no gap
        column = start + (match.start("value") if value else len(body))
        if value[:1] in _DASH and (dashes := _DASHES.match(value)):
            value, column = value[dashes.end() :], column + dashes.end()  # ``Disk 0  -- Basalt NV1000``
        if style == "colon" and value[:2] == ": " and _LETTER_AT_END.search(match["label"]):
            value, column = value[2:].lstrip(), column + len(value) - len(value[2:].lstrip())  # ``Free on C: : 37 GB``
        if style == "equals" and "{" in match["label"] and _COUNTED_BRACES.search(value):
            continue  # ``disk_size{disk="0",model="Basalt"} 512``: a number of what the braces tell apart
        if style == "equals" and value[-1:] == ";" and _ENDED.fullmatch(value):
            value = value[:-1].rstrip()
        if style == "equals" and ":" in value and (typed := _TYPED.match(value)):
            value, column = value[typed.end() :], column + typed.end()
        quoted = _QUOTED.match(value) if value[:1] in _QUOTES else None
        if quoted:
            value, column = quoted[2], column + 1
        boxed = _BOXED.fullmatch(value) if value[:2] == "[ " else None
        boxed = _LIST_OF_ONE.fullmatch(value) if value[:1] == "{" else boxed
        if boxed:
            value, column = boxed["inside"], column + boxed.start("inside")  # ``Secure boot   [ on  ]``
        label = match["label"].rstrip(" .:")
        numbered = label[:1] in _DIGITS and (style in _MARKED or label[-1] == "?")
        ordinal = _ORDINAL.match(label) if numbered else None
        if ordinal and (is_likely(label[ordinal.end() :]) or words_of(label[ordinal.end() :]) in SUBJECTS):
            label = label[ordinal.end() :]  # ``3. Serial number ..... 4711``
        if style == "colon" and (
            (_DRIVE_AT_END.search(label) and body[match.end("label") :][:3] not in _THEN_A_VALUE)
            or len(GAPS.findall(label)) > (2 if names_item(_WIDE.split(label)[0]) else 1)
        ):
            continue
        if style == "colon" and value[-1:] == "." and _SUBJECT_AND_VERB.match(label):
            continue  # ``This PC is in the grace period: 20 days are left.``
        if style == "colon" and value[-1:] == ")" and label.count("(") > label.count(")"):
            continue  # ``Rechner kontor-17 (angemeldet: KONTOR\\h.brandau)``: the pair is an aside
        if style == "colon" and _ALL_ASIDE.fullmatch(value) and LETTERED.search(label):
            continue  # ``Drive C: (SYSTEM)``: the colon is the drive's
        if (
            style == "colon"
            and "  " in label
            and (LISTED.match(label) or _NUMBERED_DRIVE.fullmatch(label) or _PORT_AT_END.search(label))
        ):
            continue  # ``3  C:   931.2 GB``, ``2. Ledger matrix   on LPT1:  driver Matrix 24``: the colon is the port's
        beside = _WIDE.split(label) if style == "colon" and "  " in label else []
        if len(beside) == 2 and is_known(beside[1]) and not names_item(beside[0]) and not is_known(beside[0]):
            label = beside[1]  # ``now at 60 Hz      status: working``: what stands before is no part of the label
        if any(map(str.isalpha, label)) and "; " not in label and not _NAMED_IN_BRACES.match(label):
            found[style] = Pair(label, value, column, style)
    if "colon" not in found and ":" in body and (tight := _TIGHT.match(body)) and _is_label(tight["label"]):
        value = tight["value"].rstrip()
        quoted = _QUOTED.match(value)
        column = start + tight.start("value") + bool(quoted)
        found["colon"] = Pair(tight["label"], quoted[2] if quoted else value, column, "colon")
    if "gap" in found and "colon" not in found and found["gap"].label[-1] == "?":
        found["colon"] = replace(found["gap"], style="colon")  # a question's mark parts as one
    if not found and "?" in body and (answered := _ANSWERED.match(body)) and is_known(answered["label"]):
        found["colon"] = Pair(
            answered["label"], answered["value"].rstrip(" ."), start + answered.start("value"), "colon"
        )
    if tabbed and (pair := _at_tab(text, tabbed)):
        found["gap"] = pair
    return found


def _is_label(text: str) -> bool:
    return is_known(text) or words_of(text) in SUBJECTS


def _at_tab(text: str, tabbed: str) -> Pair | None:
    """A tab between label and value is a gap, however few blanks it spreads to."""
    body = tabbed.strip()
    label, _, value = body.partition("\t")
    if not value.strip() or "\t" in value.strip() or len(label) > MAX_LABEL or not any(c.isalpha() for c in label):
        return None
    value = value.strip()
    at = text.find(value, text.find(label) + len(label))
    return Pair(label.rstrip(" .:"), value, at, "gap")


def without_dash(text: str) -> tuple[str, int]:
    """A line's text and how far in it begins: ``- mount: C:`` begins an item of a list; the dash is no part of the label."""
    body = text.strip()
    if not body.startswith("- "):
        return body, 0
    return (body[2:].lstrip(), len(body) - len(body[2:].lstrip()))
