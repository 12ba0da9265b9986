"""Drives by their letters over what is said of each.

::

    [C:] "System"        local disk, HFX2
         capacity  237.9 GB   used 151.0 GB   free 86.9 GB
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.reading.clauses.by_clause import SURE
from yes_tally.core.reading.cutting.blocks import blocks_of
from yes_tally.core.reading.kinds.drives import told_of_drive
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, all_entries, under_heads
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# Floppy drives are gone; sockets are called A and B.
_HEAD = re.compile(r"\s*(?:[-*•] )?[\[(]?(?P<mount>[C-Z]:)\\?[\])]?(?P<told>(?:\s.*)?)$")
# ``[C:] System``
_LABEL = re.compile(r"\s+(?P<label>[^\W\d_][\w-]*(?: [\w-]+){0,3})\s*")
_MOST_LINES = 500
# What other things have too.
_OF_ANYTHING = frozenset({"volume.label", "volume.state", "volume.kind"})


def read_drive_records(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read drives, each over deeper lines: every line that stands least deep begins with a letter, and below one of them a
    label of a volume stands. Whether they were read."""
    if not 1 < len(lines) <= _MOST_LINES or not _HEAD.match(lines[0].text[:MAX_LINE]):
        return False
    if any(len(line.text) > MAX_LINE for line in lines):
        return False
    parts = under_heads(lines)
    named = [_HEAD.match(head.text) for head, _ in parts]
    if not parts or not all(named) or not any(_tells_volume(interpreter, below) for _, below in parts):
        return False
    for match, (line, below) in zip(named, parts, strict=True):
        if match is None:
            continue
        number, before = line.number, len(interpreter.drafts)
        item = told_of_drive(
            interpreter, number, match["mount"], match.start("mount"), match["told"], match.start("told")
        )
        told = {draft.fact for draft in interpreter.drafts[before:] if draft.item is item}
        if told == {"volume.mount"} and (label := _LABEL.fullmatch(match["told"])):
            at = Entry("", label["label"], number, match.start("told") + label.start("label") + 1)
            interpreter.place(at, "rows", (Guess("volume.label", 0.75, "it stands beside its letter"),), item)
        for block in blocks_of(below):
            if block.layout:
                entries = all_entries(block.layout.groups)
                context = interpreter.context("volume", ("volume",))
                interpreter.entries(entries, block.layout.shape, context, item)
    return True


def _tells_volume(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Whether a quarter of the labels of some lines, or more, are a volume's."""
    context = interpreter.context("volume", ("volume",))
    labels = [e.label for block in blocks_of(lines) if block.layout for e in all_entries(block.layout.groups)]
    meant = [
        guess.fact for label in labels for guess in interpreter.means(label, context)[:1] if guess.confidence > SURE
    ]
    told = {fact for fact in meant if fact.startswith("volume.")} - _OF_ANYTHING
    return bool(told) and len(meant) * 4 >= len(labels)
