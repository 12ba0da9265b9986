"""What stands behind a drive's letter: rows of drives, single lines of one, and what such a line tells."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS
from yes_tally.core.reading.clauses.by_clause import OF_WHICH
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.kinds.fields_of_drives import DRIVE_NOUN, OF, OF_VOLUMES_ALONE
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import MAX_LINE, MAX_TOLD, Entry, commas_for_gaps, dots_as_commas
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.asides import FREE, IN_USE
from yes_tally.core.reading.values.understand import FILE_SYSTEM, understand
from yes_tally.core.words import choice_named

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_DRIVE = re.compile(r"\s*(?:[-*•] )?(?P<mount>[A-Z]:)\\?:?\s+(?P<told>\S.*)")
# ``/home``, where volumes are spoken of.
_MOUNTED = re.compile(r"\s*(?:[-*•] )?(?P<mount>/[\w./-]*)\s{2,}(?P<told>\S.*)")
_SEVERAL = re.compile(r"\s{2,}|, ")


def rows_of_drives(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """``C:  "SYSTEM"   fixed disk   HFX2   476,839 MB   31,220 MB free``: rows that begin with a drive's letter.
    Whether they were read."""
    volumes = "volume" in around[:2]
    begin = [_DRIVE.match(line.text) or (_MOUNTED.match(line.text) if volumes else None) for line in lines]
    told = zip(lines, begin, strict=True)
    drives = [
        (line, match) for line, match in told if match and (_SEVERAL.search(match["told"]) or _of_all(match["told"]))
    ]
    least = 1 if volumes else 2
    if len(drives) < least or len(drives) * 3 < len(lines) * 2:
        return False
    for line, match in drives:
        told_of_drive(
            interpreter, line.number, match["mount"], match.start("mount"), match["told"], match.start("told")
        )
    return True


# Rows that tell of drives by their form alone, with one blank behind the letter, or how full what is mounted is.
_TELLING_ROWS = (
    # ``C: SYSTEM   930 GB   HFX2   402 GB free``
    re.compile(r"\s*[A-Z]:\\? (?:[^\s:=][^:=]*)\s{2,}[^:=]*\d[\d.,]* ?[KMGT]i?[BOo]\b[^:=]*$"),
    # ``/data   93 %   3.4 of 3.6 TiB   xfs``
    re.compile(
        r"\s*/[\w./-]*\s{2,}(?:\d{1,3} ?%\s+)*\d[\d.,]*(?: ?[KMGT]i?[BOo])? (?:of|out of|von|sur|de|di|van|z|/) \d[\d.,]* ?[KMGT]i?[BOo]\b"
    ),
)


def rows_telling_drives(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Rows that each tell of a drive, or of what is mounted, in one such form. Whether they were read."""
    if len(lines) < _LEAST:
        return False
    told = any(all(row.match(line.text[:MAX_LINE]) for line in lines) for row in _TELLING_ROWS)
    return told and rows_of_drives(interpreter, lines, ("volume",))


# ``930.2 GB of which 37.2 GB free``
_SIZE_OF_WHICH = re.compile(rf",? {OF_WHICH.pattern}(?=\d)", re.I)
# ``Drawings archive``, before a gap and a size.
_IN_WORDS = re.compile(r"\s*([A-Z][\w-]*(?: [\w-]+){1,3}),\s+(?=\d[\d.,]* ?[KMGT]i?[BOo]\b)")


def _in_words(text: str) -> re.Match[str] | None:
    """What a volume is called in several words, where they are not its kind (``Network drive``)."""
    match = _IN_WORDS.match(text)
    return match if match and choice_named("kind", FACTS["volume.kind"].choices, match[1]) is None else None


def told_of_drive(interpreter: Interpreter, line: int, mount: str, at: int, told: str, start: int) -> Item:
    """Read what stands on a line behind a drive's letter, which is empty where it has none; ``at`` and ``start`` are the
    columns, from 0, of the letter and of what is told. Returns the volume."""
    item, left = interpreter.new_item("volume"), [f for f in FIELDS["volume"] if f.name != "volume.mount"]
    letter = Entry("", mount, line, at + 1)
    if mount:
        interpreter.place(letter, "rows", (Guess("volume.mount", 0.85, "the row begins with its letter"),), item)
    text = commas_for_gaps(_SIZE_OF_WHICH.sub(lambda of: ",".ljust(len(of.group())), told.replace("): ", "), ")))
    if part := _of_all(text):
        # ``37.2 GB free of 930.2 GB``, ``37.2 of 930.2 GB free``
        free = part["part"] if part["unit"] else f"{part['part']} {part['all'].split()[-1]}"
        told_so = [("volume.size", part["all"], "all"), *([("volume.free", free, "part")] if _is_free(part) else [])]
        for fact, said, of in told_so:
            place = Entry("", part[of], line, start + part.start(of) + 1)
            if value := understand(FACTS[fact], said, interpreter.locale):
                interpreter.add(fact, item, place, value, "rows", 0.82, "it is told of the whole")
            left = [other for other in left if other.name != fact]
        text = text[: part.start()] + " " * (part.end() - part.start()) + text[part.end() :]
    words = list(_CAPITALS.finditer(text))
    called = (
        _QUOTED.match(text)
        or _in_words(text)
        or (_called(words) if len(words) > 1 else _BEFORE_FILE_SYSTEM.match(text))
    )
    if called and (label := next((f for f in left if f.name == "volume.label"), None)):
        # ``C:  SYSTEM  HFX2``: what it is called, and what it is formatted as.
        place = Entry("", called[1], line, start + called.start(1) + 1)
        interpreter.place(place, "rows", (Guess(label.name, 0.8, "it stands beside the file system"),), item)
        left.remove(label)
        end = called.end() if called.re is _QUOTED else called.end(1)
        text = text[: called.start(1)].translate(_WITHOUT_QUOTES) + " " * (end - called.start(1)) + text[end:]
    if called and (formatted := _FORMATTED.match(text)):
        # ``NTFX 929.8 GiB``: nothing but a blank parts them.
        place = Entry("", formatted["as"], line, start + formatted.start("as") + 1)
        said = Guess("volume.filesystem", 0.8, "it stands before the size")
        interpreter.place(place, "rows", (said,), item)
        left = [fact for fact in left if fact.name != said.fact]
        text = " " * formatted.end() + text[formatted.end() :]
    told_in_words(interpreter, text, line, start, "volume", item, left)
    return item


_FREE = rf"(?:{FREE}|left)"
_USED = rf"(?:{IN_USE}|full|taken|occup[ée]s?|ocupad[oa]s?|occupat[oi]|bezet|zaj[ęe]t\w*)"
_PART_OF_ALL = re.compile(
    rf"(?P<before>{_FREE} )?(?P<part>\d[\d.,]*(?P<unit> ?[KMGT]i?[BOo])?)(?P<free> {_FREE})? (?:of|out of|von|sur|de|di|van|z) "
    rf"(?P<all>\d[\d.,]* ?[KMGT]i?[BOo])\b(?: (?:(?P<behind>{_FREE})|(?P<used>{_USED})))?(?=\s*(?:$|[,;(]))",
    re.I,
)


def _of_all(text: str) -> re.Match[str] | None:
    """How much of a volume is free or used, and how large it is, told in one."""
    return _PART_OF_ALL.search(text)


def _is_free(part: re.Match[str]) -> bool:
    """Whether the part of a volume that is told is said to be free."""
    return any(part[name] for name in ("before", "free", "behind"))


_FORMATTED = re.compile(
    r"[\s,]*(?P<as>[A-Z][A-Za-z0-9]{2,7}(?= \d[\d.,]* ?[KMGT]i?[BO]\b)|[A-Z][A-Z0-9]{2,7}(?=\s*,\s+\d[\d.,]* ?[KMGT]i?[BO]\b))"
)


# ``"SYSTEM" HFX2, 37.2 GB free``
_QUOTED = re.compile(r"\s*[\"“„«]\s*([^\"“”„«»,]{1,32}?)\s*[\"”“»]")
_WITHOUT_QUOTES = str.maketrans('"“„«', "    ")


def _called(words: Sequence[re.Match[str]]) -> re.Match[str]:
    """Which of several words in capitals is the label: the first that does not look like a file system."""
    return next((word for word in words if not re.fullmatch(FILE_SYSTEM, word[1])), words[0])


_BEFORE_FILE_SYSTEM = re.compile(
    rf"\s*([A-Z][^,]{{0,30}}?)\s*,\s+(?:(?:{FILE_SYSTEM})\s*(?:,|$)|[A-Z][A-Z0-9]{{2,7}}\s*,\s+\d)"
)
# A word in capitals that is a cell of its own.
_CAPITALS = re.compile(r"(?:^|,)\s*([A-Z][A-Z0-9_-]{1,15})\s*(?=,|$)")


_DRIVE_TOLD = re.compile(
    r"\s*(?:[-*•] )?(?P<mount>[A-Z]:)\\?:?\s+(?P<told>(?:[\"“„«] ?[^\"”“»]{1,32}[\"”“»],? )?(?:[A-Z][A-Z0-9]{2,7},? )?\d[\d.,]* ?[KMGT]i?[BOo]\b.*\S)\s*$"
)


def drives_told(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``C: 465 GB · 88 GB free · encrypted``: a line that begins with a drive's letter and a size. Returns the lines that
    were read."""
    read: set[int] = set()
    for line in lines:
        text = dots_as_commas(line.text[:MAX_LINE])
        match = _DRIVE_TOLD.match(text)
        if match and ", " in match["told"]:
            told_of_drive(
                interpreter, line.number, match["mount"], match.start("mount"), match["told"], match.start("told")
            )
            read.add(line.number)
    return read


_LETTER_AND_TOLD = re.compile(r"(?P<mount>[A-Z]:)\s*=?\s*(?P<told>[^\s,;|](?:[^,;|]*[^\s,;|])?)\s*(?:[,;|]\s*|$)")


def by_letter(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Encryption: C: on (100 %), D: off``: of each drive what the label says. Whether it was read."""
    if len(entry.printed) > MAX_TOLD or not _LETTER_AND_TOLD.match(entry.printed):
        return False
    parts = list(_LETTER_AND_TOLD.finditer(entry.printed))
    if len(parts) < _LEAST or sum(len(part.group()) for part in parts) != len(entry.printed):
        return False
    meant = interpreter.means(entry.label, interpreter.context("volume"))
    if not meant or meant[0].fact not in _TOLD_OF_DRIVES:
        return False
    for part in parts:
        item = interpreter.new_item("volume")
        for fact, of in (("volume.mount", "mount"), (meant[0].fact, "told")):
            place = Entry(entry.label, part[of], entry.line, entry.column + part.start(of))
            interpreter.place(place, shape, (Guess(fact, 0.85, "the label says it of each drive"),), item)
    return True


# ``Free on C``, ``Drive encryption (D:)``: which drive a label speaks of, its last word.
_OF_DRIVE = re.compile(
    rf"(?P<what>[^\W\d_][\w' -]{{2,40}}?)(?: {OF})?(?: (?P<noun>{DRIVE_NOUN}))?"
    r" (?:(?P<mount>[A-Z]):?|[(\[](?P<mount_aside>[A-Z]):?\\?[)\]])"
)


def drive_in_label(interpreter: Interpreter, entry: Entry, shape: str) -> bool:
    """``Free on C: 37.2 GB``: what a label says of the drive that it ends with. Whether it was read."""
    match = _OF_DRIVE.fullmatch(entry.label)
    mount = match and (match["mount"] or match["mount_aside"])
    if not match or not mount:
        return False
    meant = interpreter.means(match["what"], interpreter.context("volume"))
    if not meant or meant[0].fact not in (_TOLD_OF_DRIVES if match["noun"] else OF_VOLUMES_ALONE):
        return False
    if understand(FACTS[meant[0].fact], entry.printed, interpreter.locale) is None:
        return False
    item = interpreter.new_item("volume")
    letter = Entry("", f"{mount}:", entry.line, max(1, entry.column - len(entry.label)))
    interpreter.place(letter, shape, (Guess("volume.mount", 0.85, "the label names the drive"),), item)
    told = replace(entry, printed=entry.printed.partition("; ")[0].rstrip())
    interpreter.place(told, shape, (Guess(meant[0].fact, 0.85, meant[0].why),), item)
    return True


_LEAST = 2
_TOLD_OF_DRIVES = frozenset(fact.name for fact in FIELDS["volume"]) - {"volume.mount", "volume.label", "volume.disk"}
