"""Lines that say on which disk a volume lies, and what that disk is (``C: is on disk 0 (Basalt NV500, NVMe, 476.9 GB)``)."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.quantity import exactly
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry
from yes_tally.core.reading.tables.bare_rows import told_bare
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ON_DISK = re.compile(
    r"\s*(?:[-*•] )?(?P<mount>[A-Z]:|/[\w./-]{0,40})(?: [^\W\d_]+){0,4} (?:on|auf|sur|en|su|op|na|em|no|w)(?: (?:the|le|la|el|o|de|het))? "
    r"(?P<noun>[^\W\d_]+) #?(?P<number>\d{1,2})(?:(?: \(|, |: | [–—-] )(?P<told>[^()]+)\)?)?[.;]?\s*"
)
# What a disk is called behind a preposition.
_INFLECTED = frozenset({("dysku",)})


def volumes_on_disks(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the lines that place a volume on a numbered disk. Returns the lines that were read."""
    read: set[int] = set()
    for line in lines:
        match = _ON_DISK.fullmatch(line.text[:MAX_LINE])
        noun = words_of(match["noun"]) if match else ()
        if match is None or (SUBJECTS.get(noun) != "disk" and noun not in _INFLECTED):
            continue
        volume, disk = interpreter.new_item("volume"), interpreter.new_item("disk")
        for fact, item, part in (
            ("volume.mount", volume, "mount"),
            ("volume.disk", volume, "number"),
            ("disk.number", disk, "number"),
        ):
            entry = Entry("", match[part], line.number, match.start(part) + 1)
            interpreter.add(
                fact, item, entry, exactly("text", match[part]), "rows", 0.85, "it says which disk a volume lies on"
            )
        if match["told"]:
            told = Entry("", match["told"], line.number, match.start("told") + 1)
            told_bare(interpreter, told, "disk", disk, "rows", "disk.model")
        read.add(line.number)
    return read
