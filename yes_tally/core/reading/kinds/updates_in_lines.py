"""Updates told in a line each: the id, a title, and in words when it was installed.

::

    - HP411902 — security update, installed on 2025-01-14
    - HP411960 — feature update, waiting for restart
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING, NamedTuple

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.kinds.updates_installed import is_not_installed, says_otherwise, states_otherwise
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import subjects_in
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, Layout, all_entries, cells_by_gap
from yes_tally.core.reading.tables.rows_by_form import UPDATE_ID
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import DAY, MOMENT
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_ID = r"[A-Z]{1,6}-?\d{4,8}"
_UPDATE = re.compile(
    rf"\s*(?:[-*•]\s+|\[?\d{{1,3}}[\].)]\s+)?(?P<id>{_ID})(?:\s*[:—–-]\s+|\s{{1,3}}(?=[^\W\d_(])|\s*\(|,\s+)(?P<rest>\S.*?)\)?\s*$"
)
_CLAUSES = re.compile(r"[^\s,;(—–](?:[^,;(—–]|[—–-](?! ))*")
# ``installed on 2025-01-14``, ``14.01.2025``: words about a day, and nothing else.
_WHEN = re.compile(
    rf"(?P<words>(?:(?!\d)[\w'’]+ ){{0,4}})(?P<day>{MOMENT}|{DAY})(?: (?:by|von|par|por|da|door|przez) \S+)?\)?\.?"
)
_LEAST, _MOST_LINES, _LONGEST = 2, 2000, 240
_MOST_CELLS = 2


def updates_in_lines(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """Read a list of updates, each in one line that has words with a day behind its id; those said not to be installed are
    passed over. Whether the lines are one."""
    if not _LEAST <= len(lines) <= _MOST_LINES or any(len(line.text) > _LONGEST for line in lines):
        return False
    rows = [(line, match) for line in lines if (match := _UPDATE.fullmatch(line.text))]
    series = {match["id"].rstrip("0123456789") for _, match in rows}
    if len(rows) < len(lines) or len(series) > 1 or any(len(cells_by_gap(line.text)) > _MOST_CELLS for line in lines):
        return False
    told = [list(_CLAUSES.finditer(match["rest"])) for _, match in rows]
    if not any(_WHEN.fullmatch(clause.group().strip()) for clauses in told for clause in clauses[1:]):
        return False
    for (line, match), clauses in zip(rows, told, strict=True):
        interpreter.frame.add(line.number)
        if any(is_not_installed(clause.group().strip(" *_.)")) for clause in clauses):
            continue
        _read(interpreter, line, match, clauses)
    return True


def _read(interpreter: Interpreter, line: Line, match: re.Match[str], clauses: Sequence[re.Match[str]]) -> None:
    item = interpreter.new_item("update")
    why = "it is told of the update on its line"
    start = match.start("rest")
    place = Entry("", match["id"], line.number, match.start("id") + 1)
    interpreter.add("update.id", item, place, exactly("text", match["id"]), "rows", 0.85, why)
    titled = False
    for clause in clauses:
        text = clause.group().strip(" )")
        when = _WHEN.fullmatch(text)
        value = understand(FACTS["update.installed_at"], when["day"], interpreter.locale) if when else None
        if when and value:
            at = Entry("", when["day"], line.number, start + clause.start() + when.start("day") + 1)
            interpreter.add("update.installed_at", item, at, value, "rows", 0.85, why)
        elif not titled and plain(text) not in _SAID_ANYWAY:
            titled = True
            at = Entry("", text, line.number, start + clause.start() + 1)
            interpreter.add("update.title", item, at, exactly("text", text), "rows", 0.8, why)


# That it is installed is no title.
_SAID_ANYWAY = frozenset((
    "installed installiert eingespielt installe installee instalado instalada installato installata geinstalleerd zainstalowana zainstalowano ok done "
    "succeeded success successful successfully completed applied erfolgreich erfolg angewendet reussi reussie succes appliquee correcto correcta correctamente exitosa exito "
    "aplicada concluida concluido sucesso riuscita riuscito applicata geslaagd gelukt toegepast udana udane sukces powodzenie pomyslnie"
).split())  # fmt: skip
_CODE = re.compile(r"(?:[^\W\d_]+:? )?0x[0-9a-f]+|(?:code|error|fehler|erreur|kod) \d+", re.I)
_HAS_ID = re.compile(rf"(?<!\S){_ID}(?!\S)")
_BULLET = re.compile(r"^\s*[-*•+>] +(?=\S)")
_DAY_ALONE = re.compile(rf"{MOMENT}|{DAY}")


def updates_with_days(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> bool:
    """Read rows of updates, each with its id, a day, and maybe a title and how it ended, in any order; those that failed
    are passed over. Whether the lines are such rows, with no more than a few sentences below them."""
    if spoken[:1] != ("update",) or not lines or len(lines) > _MOST_LINES:
        return False
    rows = [(line, told) for line in lines if (told := _told_beside(line))]
    if not rows or any(_HAS_ID.search(line.text) for line in lines[len(rows) :]) or len(lines) > 2 * len(rows):
        return False  # other rows, or not only rows and a few sentences below them
    for line, told in rows:
        if told.failed:
            continue
        item = interpreter.new_item("update")
        for fact, cell in (("update.installed_at", told.day), ("update.id", told.id), ("update.title", told.title)):
            value = understand(FACTS[fact], cell[0], interpreter.locale) if cell else None
            if cell and value:
                at = Entry("", cell[0], line.number, cell[1] + 1)
                interpreter.add(fact, item, at, value, "rows", 0.82, "it stands in a row of updates and their days")
    return True


class _Told(NamedTuple):
    """The cells of a row, each with its column from 0."""

    id: tuple[str, int]
    day: tuple[str, int]
    title: tuple[str, int] | None
    failed: bool


def _told_beside(line: Line) -> _Told | None:
    """What a row tells, where it is an update's id and a day, and nothing but a title, a state and a code beside them."""
    cells = cells_by_gap(_BULLET.sub(lambda bullet: " " * len(bullet.group()), line.text[:MAX_LINE]))
    ids = [cell for cell in cells if UPDATE_ID.fullmatch(cell[0])]
    days = [cell for cell in cells if _DAY_ALONE.fullmatch(cell[0])]
    rest = [cell for cell in cells if cell not in ids and cell not in days]
    failed = any(states_otherwise(cell[0]) for cell in rest)
    titles = [
        cell
        for cell in rest
        if plain(cell[0]) not in _SAID_ANYWAY and not _CODE.fullmatch(cell[0]) and not states_otherwise(cell[0])
    ]
    if len(ids) != 1 or len(days) != 1 or len(titles) > 1:
        return None
    return _Told(ids[0], days[0], titles[0] if titles else None, failed)


# ``Four updates were fitted: HU-24117, HU-25006 and HU-25009.``
_LISTED = re.compile(
    rf"(?P<before>[^:]{{5,120}}): (?P<ids>{_ID}(?:(?:,| and| und| et| y| e| en| i)(?: (?:and|und|et|y|e|en|i))? {_ID})+)\.?\s*"
)


def updates_in_sentences(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read the updates that a sentence says are installed, by their ids alone, or each with its day; returns the lines that
    were read."""
    read: set[int] = set()
    for line in lines:
        if len(line.text) <= 2 * _LONGEST and _dated_in_a_row(interpreter, line):
            read.add(line.number)
            continue
        listed = _LISTED.fullmatch(line.text) if len(line.text) <= 2 * _LONGEST else None
        if listed is None or says_otherwise(listed["before"]):
            continue
        if "update" not in {at.group for at in subjects_in(words_of(listed["before"]))}:
            continue
        for found in re.finditer(_ID, listed["ids"]):
            at = Entry("", found.group(), line.number, listed.start("ids") + found.start() + 1)
            why = "a sentence lists what is installed"
            interpreter.add(
                "update.id", interpreter.new_item("update"), at, exactly("text", found.group()), "sentences", 0.8, why
            )
        read.add(line.number)
    return read


_WITH_DAY = rf"{_ID}:? (?:\(|(?:[^\W\d_]+ ){{0,2}})(?:{DAY})\)?"
# ``HU-24117 since 2024-12-03; HU-25006 since 2025-01-14``
_DATED = re.compile(rf"(?:(?P<before>[^:]{{5,80}}):)?\s*(?P<listed>{_WITH_DAY}(?:[;,] {_WITH_DAY})+)\.?\s*")
_ONE_DATED = re.compile(rf"(?P<id>{_ID}):? (?P<words>[^\d;,]*?)(?P<day>{DAY})")


def _dated_in_a_row(interpreter: Interpreter, line: Line) -> bool:
    """Several updates on one line, each with the day on which it was installed. Whether the line is one of such, and read."""
    row = _DATED.fullmatch(line.text)
    if row is None or says_otherwise(line.text):
        return False
    for one in _ONE_DATED.finditer(line.text, row.start("listed")):
        item = interpreter.new_item("update")
        for field, fact in (("id", "update.id"), ("day", "update.installed_at")):
            value = understand(FACTS[fact], one[field], interpreter.locale)
            at = Entry("", one[field], line.number, one.start(field) + 1)
            if value:
                interpreter.add(fact, item, at, value, "rows", 0.85, "it stands in a row of updates and their days")
    return True


def updates_under_states(layout: Layout, lines: Sequence[Line]) -> bool:
    """Whether labels (``Installed:``, ``Pending:``) stand over nothing but rows that begin with an update's number."""
    if layout.shape not in ("pairs", "records"):
        return False
    entries = all_entries(layout.groups)
    rows = [cells_by_gap(entry.printed[:MAX_LINE]) for entry in entries if entry.printed]
    told = all(len(cells) > 1 and UPDATE_ID.match(cells[0][0]) for cells in rows)
    return 1 < len(rows) < len(entries) == len(lines) and told
