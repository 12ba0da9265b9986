"""What stands before what is listed and says nothing of it: a noun of anything with a number (``Device 0:``, ``Item 1:``), or
one label for all (``Name: …`` over ``Name: …``). It is made a number or a bullet, the forms that all that reads lists knows;
every line stays as wide as it was."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import replace
from itertools import pairwise

from yes_tally.core.reading.meaning.labels import MERELY_NAME, words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, cells_by_gap, commas_for_gaps, indent_of
from yes_tally.core.reading.text.decode import Line

_NOUNS = (
    "device|item|entry|unit|index|record|instance|object|card|element|result|row|"
    "ger[äa]t|eintrag|einheit|objekt|karte|element|"
    "p[ée]riph[ée]rique|appareil|entr[ée]e|unit[ée]|objet|carte|[ée]l[ée]ment|"
    "dispositivo|equipo|elemento|entrada|unidad|objeto|tarjeta|aparelho|unidade|placa|item|"
    "unit[àa]|voce|oggetto|scheda|apparaat|vermelding|eenheid|onderdeel|kaart|"
    "urz[ąa]dzenie|pozycja|wpis|jednostka|obiekt|karta"
)
_NUMBERED_NOUN = re.compile(
    rf"(?P<indent>\s*)(?P<mark>(?:{_NOUNS})[ _]?#?(?P<number>\d{{1,2}})(?:\s?[:=]|\s(?=\s)|(?=\s[^\W\d_])))(?=\s+\S)(?!.*(?:[^\W\d_]{{2}}\s?: |=))",
    re.I,
)
_LABELLED = re.compile(
    r"(?P<indent>\s*)(?P<mark>(?P<label>[^\W\d_]{3,16})\s?[:=])(?=\s+\S)(?!.*(?:[^\W\d_]{2}\s?: |=))"
)
_DEVICE = frozenset(
    (word,)
    for word in "device model gerat modell appareil modele dispositivo modelo modello apparaat urzadzenie".split()
)
_FEWEST = 2
# ``Card A  "Quayside"``, over what is told of it
_CALLED_BESIDE = re.compile(
    r"(?P<head>(?P<indent>\s*)[^\W\d_]{3,16}(?: [^\W\d_]{3,16})? #?)(?P<number>\d{1,2}|[A-Z]):?\s{2,}(?=[\"“„«][^\"”»]{2,60}[\"“”»]\s*$)"
)


def without_nouns(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines with a number or a bullet for the noun or the label before what they list, where two or more that follow
    each other begin so and nothing deeper stands below one of them."""
    changed: dict[int, Line] = {}
    for run in _runs([_NUMBERED_NOUN.match(line.text) for line in lines], _counted_on):
        marks = [(place, match, f"{int(match['number'])}.") for place, match in run]
        changed |= _marked(lines, marks)
    for run in _runs([_LABELLED.match(line.text) for line in lines], _labelled_alike):
        changed |= _marked(lines, [(place, match, "•") for place, match in run])
    changed |= _kinds_first(lines)
    for place, (line, below) in enumerate(pairwise(lines)):
        if (match := _CALLED_BESIDE.match(line.text)) and indent_of(below.text) > len(match["indent"]):
            number = f"{match['number']}:" if match["number"].isdigit() else " "
            head = f"{match['head']}{number}".ljust(match.end())
            changed[place] = replace(line, text=f"{head}{line.text[match.end() :]}")
    return [changed.get(place, line) for place, line in enumerate(lines)] if changed else lines


_Run = list[tuple[int, re.Match[str]]]


def _runs(found: Sequence[re.Match[str] | None], goes_on: Callable[[re.Match[str], re.Match[str]], bool]) -> list[_Run]:
    """Matches of lines that follow each other, as long as one goes on with what the one above it began."""
    runs: list[_Run] = []
    for place, match in enumerate(found):
        if match is None:
            continue
        last = runs[-1][-1] if runs else None
        if last and last[0] == place - 1 and goes_on(last[1], match):
            runs[-1].append((place, match))
        else:
            runs.append([(place, match)])
    return [run for run in runs if len(run) >= _FEWEST]


def _counted_on(above: re.Match[str], below: re.Match[str]) -> bool:
    return above["indent"] == below["indent"] and int(below["number"]) == int(above["number"]) + 1


def _labelled_alike(above: re.Match[str], below: re.Match[str]) -> bool:
    label = words_of(below["label"])
    return (
        above["mark"] == below["mark"]
        and above["indent"] == below["indent"]
        and (label in MERELY_NAME or label in _DEVICE)
    )


# Things of one of these are called by a name of their own.
_CALLED = frozenset({"graphics", "sound", "printer", "display", "battery", "adapter", "disk"})


def _kinds_first(lines: Sequence[Line]) -> dict[int, Line]:
    """``sound   Holdfast Audio HD   works``: rows that begin with what kind of thing they tell of, under no head, with a colon
    behind the kind and commas for the gaps."""
    found: dict[int, Line] = {}
    runs: list[list[int]] = [[]]
    for place, line in enumerate(lines):
        if _kind_and_cells(line.text):
            runs[-1].append(place)
        elif runs[-1]:
            runs.append([])
    for run in runs:
        rows = [cells_by_gap(lines[place].text) for place in run]
        if len(run) < _FEWEST or not _tell_of_kinds(rows):
            continue
        above = cells_by_gap(lines[run[0] - 1].text[:MAX_LABEL]) if run[0] else ()
        if any(at == rows[0][1][1] for _, at in above):
            continue  # they stand below a head
        for place in run:
            (noun, at), (_, told), *_ = cells_by_gap(lines[place].text)
            text = lines[place].text
            head = f"{text[:at]}{noun}:".ljust(told)
            found[place] = replace(lines[place], text=f"{head}{commas_for_gaps(text[told:])}")
    return found


def _tell_of_kinds(rows: Sequence[Sequence[tuple[str, int]]]) -> bool:
    """Whether rows name things of several kinds, or all by one noun, each in one column, and tell more of some."""
    nouns = {row[0][0] for row in rows}
    several = len({SUBJECTS.get(words_of(noun)) for noun in nouns}) > 1 or len(nouns) == 1
    return several and len({row[1][1] for row in rows}) == 1 and any(len(row) > _FEWEST for row in rows)


def _kind_and_cells(text: str) -> bool:
    """Whether a line begins with a kind of thing, a name behind a gap, and maybe more."""
    cells = cells_by_gap(text[:MAX_LINE]) if "  " in text else ()
    return (
        len(cells) > 1
        and cells[0][0][-1:].isalpha()
        and SUBJECTS.get(words_of(cells[0][0][:MAX_LABEL])) in _CALLED
        and cells[1][0][:1].isupper()
        and not is_known(cells[1][0][:MAX_LABEL])
        and not any(": " in cell or " = " in cell for cell, _ in cells)
    )


def _marked(lines: Sequence[Line], marks: Sequence[tuple[int, re.Match[str], str]]) -> dict[int, Line]:
    last, match, _ = marks[-1]
    if (
        last + 1 < len(lines)
        and indent_of(lines[last + 1].text) > len(match["indent"])
        and lines[last + 1].text.strip()
    ):
        return {}
    return {
        place: replace(
            lines[place], text=f"{match['indent']}{form.rjust(len(match['mark']))}{match.string[match.end() :]}"
        )
        for place, match, form in marks
    }
