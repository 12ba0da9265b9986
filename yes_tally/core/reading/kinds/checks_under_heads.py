"""Checks of health, each named by a line of its own over the sentences that say what came of it.

::

    >> system files (2025-02-11 08:12)
       The check is done: damaged files were found, all were repaired.
    >> disk C: (2025-02-11 08:40)
       2 errors were found. They were not repaired.

    2) Disk C:
       Begun: 2025-02-10 18:42   Ended: 2025-02-10 18:55
       Result: damaged, it could not be repaired (4 errors)
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.kinds.checks_listed import kind_of_check
from yes_tally.core.reading.kinds.reachability import state
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.phrases import is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry, cells_by_gap, indent_of
from yes_tally.core.reading.statements.checks_said import result_told, said_of_checks
from yes_tally.core.reading.statements.sentences import CHECK_SAYS, Stated, statements
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

_LEAST = 2
_MOST_LINES = 200
_HEAD = re.compile(
    r"\s*(?P<mark>[=#*>~+•-]{1,80}\s+(?:\d{1,2} ?(?:/|of|von|sur|de|di|van|z) ?\d{1,2}[:.)]?\s+)?|\[?\(?\d{1,2}[.):\]/]+\s+|\[\s*)?(?P<what>[^\W\d_][^.,;:()\[\]]{2,40}?(?P<target> [A-Z]:| /[\w/.-]*)?)"
    r"(?:\s*[(,\[-]\s*(?P<at>[^()\[\]]*\d[^()\[\]]*?)\s*[)\]]?)?\s*[\]:]?\s*[=#*<~-]*$"
)
_MARKS = "[(=#*>~+•-0123456789"
_PAIR = re.compile(r"\s*(?P<label>[^\W\d_][^:=.,]{0,24}?)(?:\s*[:=]\s|\s{2,})")


def _is_pair(line: Line) -> bool:
    """``result   repaired``, ``Errors: 2``: no sentence."""
    match = _PAIR.match(line.text)
    sentence = line.text.rstrip().endswith(".") or _LASTED.search(line.text)
    return match is not None and not sentence and is_known(match["label"])


# ``Duration   60 s``
_LASTED = re.compile(r"\b\d{1,5} ?(?:s|sec\w*|sek\w*|seg\w*|min\w*|h)\W*$")


def checks_under_heads(interpreter: Interpreter, lines: Sequence[Line], command: Sequence[str]) -> set[int]:
    """Read checks under the lines that name them, two at least, and not of disks alone unless the ``command`` speaks of
    checks; returns the lines that were read."""
    if len(lines) > _MOST_LINES:
        return set()
    runs = _under_heads([line for line in lines if line.text.strip()])
    told = [(head, match, kind, body) for head, match, body in runs if body and (kind := _kind(match))]
    in_words = sum(any(map(_tells_in_words, body)) for _, _, _, body in told) >= _LEAST
    told = [row for row in told if (in_words and _of_check(row[3])) or not any(map(_is_pair, row[3]))]
    told = [(head, match, kind, body) for head, match, kind, body in told if _results(body, kind)]
    kinds = {kind for _, _, kind, _ in told}
    if len(told) < _LEAST or not (kinds - {"disk"} or "health_check" in command):
        return set()
    for head, match, kind, body in told:
        item, before = interpreter.new_item("health_check"), len(interpreter.drafts)
        _read_head(interpreter, head, match, kind, item)
        if not any(draft.fact == "health_check.at" for draft in interpreter.drafts[before:]):
            _read_when(interpreter, body, item)
        of_head = {draft.fact for draft in interpreter.drafts[before:]}
        for stated in _results(body, kind).values():
            if stated.fact not in of_head:
                state(interpreter, stated, item)
    return {line.number for head, _, _, body in told for line in (head, *body)}


def _kind(match: re.Match[str]) -> str | None:
    return kind_of_check(match["what"], marked=True)


def _under_heads(lines: Sequence[Line]) -> list[tuple[Line, re.Match[str], list[Line]]]:
    """Lines that may name a check, each with what stands below it: deeper, or, where a mark leads the first that does,
    up to the next line with such a mark."""
    may_head = [line for line, below in pairwise(lines) if line.text.lstrip()[0] in _MARKS or _stands_over(line, below)]
    heads = [(line, match) for line in may_head if (match := _HEAD.match(line.text[: 2 * MAX_LABEL]))]
    first = next(((line, match) for line, match in heads if _kind(match)), None)
    if first is None:
        return []
    indent, marked = indent_of(first[0].text), bool(first[1]["mark"])
    found: list[tuple[Line, re.Match[str], list[Line]]] = []
    by_number = {line.number: match for line, match in heads}
    for line in lines:
        match = by_number.get(line.number)
        if match and indent_of(line.text) == indent and bool(match["mark"]) == marked:
            found.append((line, match, []))
        elif found and (marked or indent_of(line.text) > indent):
            found[-1][2].append(line)
        elif found:
            break
    return found


def _stands_over(line: Line, below: Line) -> bool:
    return indent_of(below.text) > indent_of(line.text)


def _meant(label: str) -> str:
    """The fact of a check that a label means; empty where it means none."""
    return next((g.fact for g in decide(label, Context("health_check"))[:1] if g.fact.startswith("health_check.")), "")


def _tells_in_words(line: Line) -> bool:
    """``Result: damaged, it could not be repaired (4 errors)``"""
    match = _PAIR.match(line.text)
    return (
        match is not None and _meant(match["label"]) == "health_check.result" and line.text.count(" ", match.end()) > 1
    )


def _of_check(body: Sequence[Line]) -> bool:
    """Whether all pairs among lines are those of a check, or say how long it took."""
    pairs = [match for line in body if (match := _PAIR.match(line.text)) and not _LASTED.search(line.text)]
    return all(_meant(match["label"]) for match in pairs)


def _results(body: Sequence[Line], kind: str) -> dict[str, Stated]:
    """What sentences say came of a check, by its fact; a label before them is none of them. A check of energy finds no
    damage."""
    body = [_without_label(line) for line in body]
    said = {stated.fact: stated for stated in reversed(list(statements(body, CHECK_SAYS)))}
    said |= {stated.fact: stated for stated in said_of_checks(body) if stated.fact == "health_check.result"}
    if "health_check.result" not in said and kind != "energy":
        for line in body:
            if result := result_told(line.text):
                text = line.text.strip()
                said["health_check.result"] = Stated(
                    "health_check.result", text, result, line.number, indent_of(line.text) + 1
                )
                break
    return said


def _without_label(line: Line) -> Line:
    match = _PAIR.match(line.text)
    if match is None or _meant(match["label"]) != "health_check.result":
        return line
    return replace(line, text=" " * match.end() + line.text[match.end() :])


def _read_when(interpreter: Interpreter, body: Sequence[Line], item: Item) -> None:
    """``Begun: 2025-02-10 18:42   Ended: 2025-02-10 18:55``: the first of the moments."""
    for line in body:
        match = _PAIR.match(line.text)
        if match is None or _meant(match["label"]) != "health_check.at":
            continue
        said = cells_by_gap(line.text[match.end() :])[0]
        moment = understand(FACTS["health_check.at"], said[0], interpreter.locale)
        if moment:
            at = Entry(match["label"], said[0], line.number, match.end() + said[1] + 1)
            interpreter.add("health_check.at", item, at, moment, "sentences", 0.85, "the label says when it was run")
            return


def _read_head(interpreter: Interpreter, head: Line, match: re.Match[str], kind: str, item: Item) -> None:
    what = Entry("", match["what"], head.number, match.start("what") + 1)
    why = "it stands over what came of the check"
    interpreter.add("health_check.kind", item, what, exactly("choice", kind), "sentences", 0.85, why)
    if match["target"]:
        at = Entry("", match["target"].strip(), head.number, match.start("target") + 2)
        interpreter.add(
            "health_check.target", item, at, exactly("text", match["target"].strip()), "sentences", 0.85, why
        )
    moment = understand(FACTS["health_check.at"], match["at"], interpreter.locale) if match["at"] else None
    if moment:
        at = Entry("", match["at"], head.number, match.start("at") + 1)
        interpreter.add("health_check.at", item, at, moment, "sentences", 0.82, why)
