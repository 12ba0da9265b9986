"""The pairs of a record in the form that the others have: several on one line apart, marks and numbers of their own as the
commas and labels that they stand for."""

from __future__ import annotations

import re
from dataclasses import replace

from yes_tally.core.reading.clauses.field_forms import is_device_state
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.records.listings import CALLED
from yes_tally.core.reading.shapes.layout import Entry, as_comma, commas_for_gaps

# ``Cache: L1 384 KB   L2 1.5 MB``
_LEVELS = re.compile(r"L\d\w? \S+(?: \S+)?\s{2,}L\d")
_BAR = " | "
_DOT = " · "
_SLASH = " / "
_DASH = re.compile(r" [-–—] (?=[^\W\d_][^,]*\d)")
_DASH_AND_STATE = re.compile(r"(?<=\w) [-–—] (?P<state>[^\W\d_][^-–—]{1,30})$")
# ``1 processor: Kestrel K5-8420``
_COUNTED_LABEL = re.compile(r"\d{1,2} (?=[^\W\d_])")
_NUMBER_FIRST = re.compile(r"(?P<number>\d{1,2}): (?=[^\W\d_])")


def with_commas(entry: Entry) -> Entry:
    """A pair whose value has commas for the dots that part it, for the bars before pairs of their own
    (``yes | administrator: no | expires: never``), or for a dash before what else is told beside a number
    (``4, 3 in use - at most 64 GB``) or before how a device is (``Tidebell Audio - enabled``)."""
    if not entry.label:
        return entry
    if _LEVELS.match(entry.printed):
        return replace(entry, printed=commas_for_gaps(entry.printed))
    if entry.printed[:1].isdigit() and _DASH.search(entry.printed):
        return replace(entry, printed=_DASH.sub(as_comma, entry.printed, count=1))
    if (state := _DASH_AND_STATE.search(entry.printed)) and is_device_state(state["state"]):
        return replace(entry, printed=f"{entry.printed[: state.start()]},  {state['state']}")
    if entry.printed[:1].isalpha() and entry.printed.count(_SLASH) > 1 and "/" not in entry.label:
        return replace(entry, printed=entry.printed.replace(_SLASH, " , "))
    first, bar, rest = entry.printed.partition(_BAR)
    mark = _BAR if bar and ": " in rest and ":" not in first else _DOT
    return replace(entry, printed=entry.printed.replace(mark, ",  ")) if mark in entry.printed else entry


def made_plain(entry: Entry) -> Entry:
    """A labelled pair without the bars that part what it tells, without what is only expected, without the count before its label, and with the number
    that its value begins with in its label (``disks`` over ``0: Basalt SX960, 894.25 GB``)."""
    if entry.printed.count(_BAR) > 1:
        entry = replace(entry, printed=entry.printed.replace(_BAR, ",  "))
    if ", " in entry.printed or "; " in entry.printed:
        entry = _as_found(entry)
    if entry.label[:1].isdigit() and (counted := _COUNTED_LABEL.match(entry.label)):
        bare = entry.label[counted.end() :]
        entry = replace(entry, label=bare) if SUBJECTS.get(words_of(bare)) else entry
    row = _NUMBER_FIRST.match(entry.printed)
    if row and SUBJECTS.get(words_of(entry.label)) in CALLED:
        rest = entry.printed[row.end() :]
        return Entry(f"{entry.label} {row['number']}", rest, entry.line, entry.column + row.end())
    return entry


_NUMBERED_BEHIND = re.compile(r";\s+(?P<label>[^\W\d_]{2,12} ?\d{1,2}):\s+(?=\S)")


_EXPECTED = (
    r"(?:expected|wanted|required|should be|target|soll(?:wert)?|erwartet|vorgabe|attendue?|voulue?|requise?|esperad[oa]|requerid[oa]|previst[oa]|attes[oa]|atteso|verwacht|vereist|gewenst|"
    r"oczekiwan[eya]|wymagan[eya])"
)
_FOUND = r"(?:found|is|actual(?:ly)?|got|ist(?:wert)?|vorgefunden|gefunden|trouv[ée]e?|constat[ée]e?|encontrad[oa]|trovat[oa]|rilevat[oa]|gevonden|aangetroffen|znalezion[oa]|stwierdzon[oa]|jest)"
# ``expected 16 GB, found 8 GB``
_EXPECTED_AND_FOUND = re.compile(rf"{_EXPECTED}:? [^,;]+[,;] {_FOUND}:? (?P<found>\S.*)", re.I)


def _as_found(entry: Entry) -> Entry:
    """A pair whose value says what is expected first, with what was found alone."""
    match = _EXPECTED_AND_FOUND.fullmatch(entry.printed)
    if match is None:
        return entry
    return replace(entry, printed=match["found"], column=entry.column + match.start("found"))


def each_numbered(entry: Entry) -> list[Entry]:
    """``disk0: Basalt NV2000 1.8 TB; disk1: Shoal HD8``: each of what a line tells by its number, apart."""
    found = list(_NUMBERED_BEHIND.finditer(entry.printed)) if ";" in entry.printed else []
    parts, start, label = [], 0, entry.label
    for behind in found:
        if re.sub(r"\d+$", "", behind["label"]) != re.sub(r"\d+$", "", entry.label):
            return [entry]
        parts.append(
            replace(entry, label=label, printed=entry.printed[start : behind.start()], column=entry.column + start)
        )
        label, start = behind["label"], behind.end()
    return [*parts, replace(entry, label=label, printed=entry.printed[start:], column=entry.column + start)]
