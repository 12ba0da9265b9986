"""Bytes to lines: any encoding, any line ends, nothing lost.

The lines are what a person saw in the window: colour codes, NULs and what has no width gone, blanks of every kind plain
ones, an overwritten progress line shown as it ended. Every line keeps its place in the bytes, so that a reading points
back to where it was printed.
"""

from __future__ import annotations

import codecs
import re
from dataclasses import dataclass

from yes_tally.core.reading.text.tab_stops import spread_tabs

_BOMS = (
    (codecs.BOM_UTF8, "utf-8-sig"),
    (codecs.BOM_UTF16_LE, "utf-16-le"),
    (codecs.BOM_UTF16_BE, "utf-16-be"),
)
# The first of those that make as much sense of it.
_CODE_PAGES = ("cp1252", "cp850", "cp1250", "cp852")
_LETTERS = "äöüßéèêëàâçùûîïôñáíóúãõìòąćęłńśźż"
_HIGH_IN_WORD = re.compile(f"[A-Za-z][{_LETTERS}]{{1,2}}|[{_LETTERS}{_LETTERS.upper()}][A-Za-z]|(?<= )[àèéêóò«»·](?= )")
_BOX = re.compile(r"(?<![a-z])[─│┌┐└┘├┤┬┴┼═║╔╗╚╝╠╣╦╩╬](?![a-z])")
_ANSI = re.compile(r"\x1b(?:\[[0-?]*[ -/]*[@-~]|\][^\x07\x1b]*(?:\x07|\x1b\\)?|[@-Z\\-_])")
_ENDS = re.compile(r"\r*\n|\f")
# Where no line ends otherwise.
_ENDS_ALONE = re.compile(r"\r|\f")
_UNSEEN = re.compile(r"[\x00-\x08\x0b\x0e-\x1f\x7f\xad\u200b-\u200f\u2060\ufeff]")
_NEEDS_CLEANING = re.compile(
    r"[\x00-\x08\x0b-\x1f\x7f\xa0\xad\u2000-\u2014\u2026\u202f\u205f\u2060\u2212\u3000\ufeff]|\[0?m"
)
# ECMA-48, 8.3.117: a colour and its end, whose escape was lost on the way here.
_LOST_ESCAPES = re.compile(r"\[(?:\d{1,2};){0,3}\d{1,2}m(?P<shown>[^\[\]]*)\[0?m")
# ECMA-48, 8.3.20 and 8.3.9: so many columns forward, or to a column.
_MOVES = re.compile(r"\x1b\[(?P<by>\d{0,3})(?P<how>[CG])")
# No window is wider.
_WIDEST = 4_000
# A letter program makes no-break blanks of runs of blanks, ellipses of the dots that lead to a value, and dashes of the
# hyphens within dates and serial numbers and of those that rule a table.
_BLANK = re.compile(r"[\xa0\u2000-\u200a\u202f\u205f\u3000]")
_HYPHENS = re.compile(r"[\u2010\u2011\u2212]|\u2013(?=\S)|(?<=\S)\u2013|[\u2013\u2014]{3,}")
_ELLIPSES = re.compile(r"[.…]{2,}|(?<=\s)…(?=\s)")


# Made for every line: not frozen, since that makes one three times as dear.
@dataclass(slots=True, unsafe_hash=True)
class Line:
    """One line as shown: ``number`` counts from 1; ``start`` and ``end`` are byte offsets in the report.

    ``tabbed`` is the text with its tabs, where it has some; in ``text`` they are spread to blanks.
    """

    number: int
    text: str
    start: int
    end: int
    tabbed: str | None = None


@dataclass(frozen=True, slots=True)
class Decoded:
    """A report's encoding and its lines."""

    encoding: str
    lines: tuple[Line, ...]


def decode(data: bytes) -> Decoded:
    """Decode any bytes; never raises, and every byte is inside one line's offsets or a line end."""
    encoding, skip = _encoding(data)
    text = data[skip:].decode(encoding, errors="replace")
    lines = _lines(text, encoding, skip)
    if "\t" in text:
        spread_tabs(lines)
    return Decoded(encoding if skip != 3 else "utf-8-sig", tuple(lines))


def _encoding(data: bytes) -> tuple[str, int]:
    for bom, name in _BOMS:
        if data.startswith(bom):
            return (name, len(bom)) if name != "utf-8-sig" else ("utf-8", len(bom))
    sample = data[:4096]
    if len(sample) >= 4 and sample.count(0) * 3 > len(sample):
        even, odd = sample[0::2].count(0), sample[1::2].count(0)
        if odd > 4 * even:
            return "utf-16-le", 0
        if even > 4 * odd:
            return "utf-16-be", 0
    try:
        data.decode("utf-8")
        return "utf-8", 0
    except UnicodeDecodeError:
        return _code_page(data), 0


def _code_page(data: bytes) -> str:
    """A Windows or a DOS code page of western or of central Europe: whichever makes more of the high bytes letters within
    words, and what boxes are drawn with."""
    sample = data[:65536]
    return max(_CODE_PAGES, key=lambda page: _makes_sense(sample.decode(page, errors="replace")))


def _makes_sense(text: str) -> int:
    return sum(max(1, len(word) - 1) for word in _HIGH_IN_WORD.findall(text)) + len(_BOX.findall(text))


def _lines(text: str, encoding: str, offset: int) -> list[Line]:
    if not _NEEDS_CLEANING.search(text) and encoding == "utf-8" and text.isascii():
        return _plain_lines(text, offset)
    lines: list[Line] = []
    width = 2 if encoding.startswith("utf-16") else 1
    single = width == 1 and (encoding != "utf-8" or text.isascii())
    at = 0
    for match in (_ENDS if "\n" in text else _ENDS_ALONE).finditer(text):
        raw = text[at : match.start()]
        size = len(raw) if single else _size(raw, encoding)
        lines.append(_line(len(lines) + 1, raw, offset, offset + size))
        offset += size + len(match.group()) * width
        at = match.end()
    if at < len(text):
        raw = text[at:]
        lines.append(_line(len(lines) + 1, raw, offset, offset + (len(raw) if single else _size(raw, encoding))))
    return lines


def _plain_lines(text: str, offset: int) -> list[Line]:
    """The lines of a text that is a byte a character and shows everything as it is."""
    found: list[Line] = []
    texts = text.split("\n")
    if not texts[-1]:
        texts.pop()
    for number, raw in enumerate(texts, 1):
        end = offset + len(raw)
        found.append(Line(number, raw, offset, end, raw if "\t" in raw else None))
        offset = end + 1
    return found


def _line(number: int, raw: str, start: int, end: int) -> Line:
    text = shown(raw)
    return Line(number, text, start, end, text if "\t" in text else None)


def _size(raw: str, encoding: str) -> int:
    return len(raw.encode(encoding, errors="replace"))


def shown(raw: str) -> str:
    """A raw line as the window showed it, but for its tabs: colours off, the last state of an overwritten line."""
    if _NEEDS_CLEANING.search(raw):
        raw = _ANSI.sub("", _moved(raw) if "\x1b[" in raw else raw)
        if "[0m" in raw or "[m" in raw:
            raw = _LOST_ESCAPES.sub(r"\g<shown>", raw)
        if "\x08" in raw:
            raw = _taken_back(raw)
        if "\r" in raw:
            raw = next((part for part in reversed(raw.split("\r")) if part.strip()), "")
        raw = _HYPHENS.sub(lambda match: "-" * len(match[0]), _BLANK.sub(" ", _UNSEEN.sub("", raw)))
        if "…" in raw:
            raw = _ELLIPSES.sub(lambda match: match[0].replace("…", "..."), raw)
    return raw


def _moved(raw: str) -> str:
    """A line with blanks where its cursor was moved on over columns that nothing was written in, and without what it was
    moved back before."""
    text, at = "", 0
    for move in _MOVES.finditer(raw):
        text += _ANSI.sub("", raw[at : move.start()])
        by = max(1, int(move["by"] or 1))
        column = by - 1 if move["how"] == "G" else len(text) + by
        if len(text) < _WIDEST:
            text = text.ljust(column) if column > len(text) else text[:column]
        at = move.end()
    return text + raw[at:]


def _taken_back(raw: str) -> str:
    """A line without what a backspace took back; a printer strikes a letter twice to make it bold."""
    kept: list[str] = []
    for sign in raw:
        if sign != "\x08":
            kept.append(sign)
        elif kept:
            kept.pop()
    return "".join(kept)
