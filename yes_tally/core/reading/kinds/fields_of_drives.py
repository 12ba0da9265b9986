"""Lines that tell one field of a drive: the field and the drive's letter, in either order, before what is said.

::

    Encryption of C: on, 100 %, key kept in the TPM        C: free 101 GB
    Free on D: 402 GB                                      D: label Archive
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import MAX_TOLD, Entry
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

OF = r"(?:of|on|for|in|von|auf|f[üu]r|vom|de|del|du|sur|di|su|da|do|em|no|na|van|op|voor|w|dla)"
DRIVE_NOUN = (
    r"(?:the |de la |del? |dell'|van )?(?:drive|volume|letter|laufwerk|lecteur|unidad|unidade|unit[àa]|station|schijf|"
    r"dysk|dysku|wolumin\w*)"
)
_BULLET = r"\s*(?:[-*•] )?"
_PARTED = r"(?:\s*[:=]\s*|\s*\.{2,}\s*|\s+(?:[-–—] )?)"
_FIELD_FIRST = re.compile(
    rf"{_BULLET}(?P<what>[^\W\d_][^:=,;()\[\]\d]{{1,40}}?)(?: {OF})?(?: {DRIVE_NOUN})? (?:(?P<mount>[A-Z]):|[(\[](?P<aside>[A-Z]):?\\?[)\]])\\?"
    rf"{_PARTED}(?P<said>\S.*)",
    re.I,
)
_DRIVE_FIRST = re.compile(
    rf"{_BULLET}(?:{DRIVE_NOUN} )?(?P<mount>[A-Z]):\\?(?: ?[-–—,])?\s+(?P<told>[^\W\d_]\S*\s.*)", re.I
)
# More than one thing is told.
_CLAUSES = re.compile(r"[,;] | [|·–—-] ")
_WORD = re.compile(r"\S+")
_WITHIN_NAME = re.compile(r"[^\d,;()]+")
_MOST_WORDS = 4
# What nothing else whose name ends in a letter has; the others are read beside them, or of several drives.
OF_VOLUMES_ALONE = frozenset({"volume.size", "volume.free", "volume.encrypted", "volume.filesystem"})
_TOLD = OF_VOLUMES_ALONE | {"volume.label", "volume.serial", "volume.state", "volume.kind", "volume.disk"}
# What a field's value looks like, where anything could be one.
_FORMS = {
    "volume.filesystem": re.compile(r"(?=\S*[A-Z0-9])[A-Za-z][\w+-]{1,9}"),
    "volume.disk": re.compile(r"#?\d{1,2}"),
    "volume.state": re.compile(r"[^\W\d_]+(?: [^\W\d_]+)?"),
}
# A row of cells, or one more drive.
_SEVERAL = re.compile(r"\s{2,}|[ (\[][A-Z]:\\?(?:[\s)\]]|$)")
_SURE = 0.8
_WHY = "the line names the drive and the field"


class _Told(NamedTuple):
    """One field of a drive: the fact, its drive's letter and what is said, with their columns from 0."""

    line: int
    fact: str
    mount: str
    mount_at: int
    said: str
    said_at: int


def fields_of_drives(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> set[int]:
    """Read the lines of a section that tell one field of a drive each; returns their numbers. Fields that other things
    have as well (a label, a state) are read where drives are ``spoken`` of, or several are told of."""
    found = [told for line in lines if ":" in line.text[:MAX_TOLD] and (told := _told(interpreter, line))]
    alone = {told.fact for told in found} & OF_VOLUMES_ALONE
    if not alone and "volume" not in spoken[:1] and len({told.mount for told in found}) <= 1:
        return set()
    for told in found:
        item = interpreter.new_item("volume")
        letter = Entry("", f"{told.mount}:", told.line, told.mount_at + 1)
        interpreter.place(letter, "words", (Guess("volume.mount", 0.85, "the line names the drive"),), item)
        place = Entry("", told.said, told.line, told.said_at + 1)
        interpreter.place(place, "words", (Guess(told.fact, 0.85, _WHY),), item)
    return {told.line for told in found}


def _told(interpreter: Interpreter, line: Line) -> _Told | None:
    text = line.text[:MAX_TOLD].rstrip()
    if match := _FIELD_FIRST.fullmatch(text):
        at = "mount" if match["mount"] else "aside"
        letter, ways = (match[at].upper(), match.start(at)), iter([(match["what"], match.start("said"))])
    elif (match := _DRIVE_FIRST.fullmatch(text)) and not _CLAUSES.search(text, match.start("told")):
        letter, ways = (match["mount"].upper(), match.start("mount")), _ways_to_part(text, match.start("told"))
    else:
        return None
    for what, start in ways:
        if _SEVERAL.search(text, start):
            continue
        said = re.split(r"[,;] ", text[start:], maxsplit=1)[0].rstrip(" .")
        if fact := _field(interpreter, what, said):
            return _Told(line.number, fact, *letter, said, start)
    return None


def _ways_to_part(text: str, start: int) -> Iterator[tuple[str, int]]:
    """The ways to part a field's name, most words first, from what is said: the name, and where the latter begins."""
    words = list(_WORD.finditer(text, start))
    for count in range(min(_MOST_WORDS, len(words) - 1), 0, -1):
        behind = count + (words[count].group().strip(".:=-–—") == "")
        what = text[start : words[count - 1].end()].rstrip(" :=")
        if behind < len(words) and _WITHIN_NAME.fullmatch(what):
            yield what, words[behind].start()


def _field(interpreter: Interpreter, what: str, said: str) -> str | None:
    """The field of a volume that words surely mean, where what is said can be it."""
    meant = next(iter(interpreter.means(what, interpreter.context("volume"))), None)
    if meant is None or meant.fact not in _TOLD or meant.confidence < _SURE or not said:
        return None
    if is_placeholder(said) and FACTS[meant.fact].kind != "flag":
        return None
    form = _FORMS.get(meant.fact)
    if form and not form.fullmatch(said):
        return None
    return meant.fact if understand(FACTS[meant.fact], said, interpreter.locale) is not None else None
