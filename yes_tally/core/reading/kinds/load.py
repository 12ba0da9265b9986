"""How busy a PC is (``Processes: 148   Threads: 1904``): threads that programs run are none of a processor's."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.reading.shapes.layout import MAX_LINE
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_PROCESSES_COUNTED = re.compile(
    r"\b(?:process(?:es|us|os|i|en)?|prozesse|procesos|procesy|proces[óo]w)\b[\s.:=]*\d", re.I
)
_NEAR = 2


def leave_out_load(interpreter: Interpreter, lines: Sequence[Line]) -> None:
    """Leave out the threads of a section that stand where its processes are counted, on the same line or near it."""
    start = interpreter.section_from
    threads = [draft for draft in interpreter.drafts[start:] if draft.fact == "processor.threads"]
    counted = [line.number for line in lines if threads and _PROCESSES_COUNTED.search(line.text[:MAX_LINE])]
    left_out = {id(draft) for draft in threads if any(abs(draft.entry.line - at) <= _NEAR for at in counted)}
    if left_out:
        interpreter.blanks |= {draft.entry.line for draft in threads if id(draft) in left_out}
        interpreter.drafts[start:] = [draft for draft in interpreter.drafts[start:] if id(draft) not in left_out]
